/** What a walk came to, in words. */

import type { RunSummary } from '../../../core/report/run-summary.js';
import type { SummaryRecord } from '../../../core/trail/record/run-record.js';
import type { Counted } from '../../../core/trail/record/totals.js';
import { durationText } from '../../../core/value/measures.js';
import type { Terminal } from '../../terminal/terminal.js';
import { printableLine } from '../printable.js';

export function summaryText(summary: SummaryRecord, terminal: Terminal): string {
  const { out } = terminal;
  const { rows, notUndone, inDoubt, time, ok, interrupted, run, walked } = summary;
  const word = interrupted ? out.yellow('interrupted') : ok ? out.green('passed') : out.red('failed');
  const facts = [...countedFacts(summary, out), durationText(time)];
  const lines = [`${out.bold(walked)}: ${out.bold(word)}   ${facts.join('   ')}   ${out.dim(`run ${run}`)}`];
  const patience = patienceText(summary);
  if (patience) lines.push(patience);
  lines.push(...contradictionLines(summary, out));
  lines.push(...listed('in doubt: these may or may not have happened', inDoubt, terminal));
  lines.push(...listed('not undone: what these made may still be there', notUndone, terminal));
  if (notUndone.length > 0) lines.push(out.dim(`  try echo-trail run --undo ${run}`));
  if (interrupted) lines.push(out.dim(`  to resume it: echo-trail run --resume ${run}`));
  else if (rows && rows.failed > 0)
    lines.push(out.dim(`  to run the failed rows again: echo-trail run --failed-of ${run}`));
  return lines.join('\n');
}

/** What is to be said beyond the walks that came to their end: of those that did not, and of several together. */
export function runSummaryText(summary: RunSummary, terminal: Terminal): string[] {
  const { out } = terminal;
  const { runs, walks } = summary;
  const lines: string[] = [];
  for (const { run, walked, finished, interrupted, ...counted } of walks) {
    if (finished || interrupted) continue;
    lines.push(
      `${out.bold(walked)}: ${out.bold(out.yellow('not finished'))}   ${countedFacts(counted, out).join('   ')}   ${out.dim(`run ${run}`)}`,
      ...listed('in doubt: these may or may not have happened', counted.inDoubt, terminal),
      out.dim(`  to finish it: echo-trail run --resume ${run}`),
    );
  }
  if (runs.length > 1) {
    const word = summary.ok ? out.green('passed') : out.red(summary.finished ? 'failed' : 'not finished');
    lines.push(
      `${out.bold(`${runs.length} runs together`)}: ${out.bold(word)}   ${countedFacts(summary, out).join('   ')}`,
    );
  }
  return lines;
}

function countedFacts({ rows, steps, expectations, undone, notUndone }: Counted, out: Terminal['out']): string[] {
  return [
    rows && rowsText(rows, out),
    `${stepsText(steps)}${steps.failed > 0 ? `, ${out.red(`${steps.failed} failed`)}` : ''}${steps.skipped > 0 ? `, ${steps.skipped} skipped` : ''}`,
    `${expectations.met} of ${expectations.met + expectations.failed} expectations met`,
    undone > 0 && `${undone} undone`,
    notUndone.length > 0 && out.red(`${notUndone.length} not undone`),
  ].filter((text) => typeof text === 'string');
}

/** Where nothing was sent. */
export function dryText({ ok, steps, walked }: SummaryRecord, { out }: Terminal): string {
  const word = ok ? out.green('nothing was sent') : out.red('failed, and nothing was sent');
  return `${out.bold(walked)}: ${out.bold(word)}   ${stepsText(steps)}`;
}

const stepsText = ({ ok, failed }: Counted['steps']): string =>
  `${ok + failed} ${ok + failed === 1 ? 'step' : 'steps'}`;

function rowsText({ ok, failed, before }: NonNullable<Counted['rows']>, out: Terminal['out']): string {
  const parts = [`${ok} of ${ok + failed} rows`];
  if (failed > 0) parts.push(out.red(`${failed} failed`));
  if (before > 0) parts.push(`${before} of them before`);
  return parts.join(', ');
}

function contradictionLines(
  { contradictions: count, firstContradiction = '' }: Counted,
  out: Terminal['out'],
): string[] {
  if (count === 0) return [];
  const head = `${count} ${count === 1 ? 'response reports' : 'responses report'} an error despite ${count === 1 ? 'its' : 'their'} 2xx status`;
  return [out.yellow(`${head}, and no expectation checks the body`), `  ${printableLine(firstContradiction)}`];
}

/** How often a host asked for patience, where one did. */
function patienceText({ throttled, triedAgain, waited }: Counted): string | undefined {
  if (throttled + triedAgain === 0 && waited === 0) return undefined;
  return `  ${throttled} throttled, ${triedAgain} retried, waited ${durationText(waited)}`;
}

export function listed(head: string, items: readonly string[], { out }: Terminal): string[] {
  if (items.length === 0) return [];
  const shown = items.slice(0, 20).map((text) => `  ${printableLine(text)}`);
  const more = items.length - shown.length;
  return [out.yellow(head), ...shown, ...(more > 0 ? [`  and ${more} more: --json lists them`] : [])];
}
