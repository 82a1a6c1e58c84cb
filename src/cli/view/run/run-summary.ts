/** What a walk came to, in words. */

import type { Matrix } from '../../../core/run/matrix.js';
import type { Summary } from '../../../core/trail/events.js';
import { durationText } from '../../../core/value/measures.js';
import type { Terminal } from '../../terminal/terminal.js';
import { printableLine } from '../printable.js';
import { table } from '../table.js';

type Hide = (text: string) => string;

export function summaryText(summary: Summary, name: string, terminal: Terminal, hide: Hide): string {
  const { out } = terminal;
  const { rows, steps, expectations, undone, notUndone, inDoubt, time, ok, interrupted, run } = summary;
  const word = interrupted ? out.yellow('interrupted') : ok ? out.green('all well') : out.red('failed');
  const facts = [
    rows && rowsText(rows, out),
    `${stepsText(steps)}${steps.failed > 0 ? `, ${out.red(`${steps.failed} failed`)}` : ''}${steps.skipped > 0 ? `, ${steps.skipped} skipped` : ''}`,
    `${expectations.met} of ${expectations.met + expectations.failed} expectations met`,
    undone > 0 && `${undone} undone`,
    notUndone.length > 0 && out.red(`${notUndone.length} not undone`),
    durationText(time),
  ].filter(Boolean);
  const lines = [`${out.bold(name)}: ${out.bold(word)}   ${facts.join('   ')}   ${out.dim(`run ${run}`)}`];
  const patience = patienceText(summary);
  if (patience) lines.push(patience);
  lines.push(...contradictionLines(summary, out, hide));
  lines.push(...listed('in doubt: these may or may not have happened', inDoubt, terminal, hide));
  lines.push(...listed('not undone: what these made may still be there', notUndone, terminal, hide));
  if (notUndone.length > 0) lines.push(out.dim(`  try echo-trail run --undo ${run}`));
  if (interrupted) lines.push(out.dim(`  to go on with it: echo-trail run --resume ${run}`));
  else if (rows && rows.failed > 0) lines.push(out.dim(`  to walk what failed: echo-trail run --failed-of ${run}`));
  return lines.join('\n');
}

/** Where nothing was sent. */
export function dryText({ ok, steps }: Summary, name: string, { out }: Terminal): string {
  const word = ok ? out.green('nothing was sent') : out.red('failed, and nothing was sent');
  return `${out.bold(name)}: ${out.bold(word)}   ${stepsText(steps)}`;
}

const stepsText = ({ ok, failed }: Summary['steps']): string =>
  `${ok + failed} ${ok + failed === 1 ? 'step' : 'steps'}`;

function rowsText({ ok, failed, before }: NonNullable<Summary['rows']>, out: Terminal['out']): string {
  const parts = [`${ok} of ${ok + failed} rows`];
  if (failed > 0) parts.push(out.red(`${failed} failed`));
  if (before > 0) parts.push(`${before} of them before`);
  return parts.join(', ');
}

function contradictionLines({ contradictions: { count, first } }: Summary, out: Terminal['out'], hide: Hide): string[] {
  if (count === 0) return [];
  const head = `${count} ${count === 1 ? 'answer says' : 'answers say'} no inside a good status`;
  return [
    out.yellow(`${head}, and nothing is expected of ${count === 1 ? 'its body' : 'their bodies'}`),
    `  ${printableLine(hide(first))}`,
  ];
}

/** How often a host asked for patience, where one did. */
function patienceText({ refused, triedAgain, waited }: Summary): string | undefined {
  if (refused + triedAgain === 0 && waited === 0) return undefined;
  return `  ${refused} refused, ${triedAgain} tried again, waited ${durationText(waited)}`;
}

export function listed(head: string, items: readonly string[], { out }: Terminal, hide: Hide): string[] {
  if (items.length === 0) return [];
  const shown = items.slice(0, 20).map((text) => `  ${printableLine(hide(text))}`);
  const more = items.length - shown.length;
  return [out.yellow(head), ...shown, ...(more > 0 ? [`  and ${more} more: --json lists them`] : [])];
}

/** Hosts by checks, and below it each deviation. */
export function matrixText({ checks, subjects, deviations }: Matrix, terminal: Terminal, hide: Hide): string {
  const { out } = terminal;
  const paint = {
    ok: out.green('ok'),
    failed: out.red('failed'),
    unreachable: out.red('no answer'),
    skipped: out.dim('skipped'),
    '': out.dim('-'),
  };
  const rows = subjects
    .slice(0, mostSubjects)
    .map(({ name, cells }) => [printableLine(hide(name)), ...checks.map((check) => paint[cells.get(check) ?? ''])]);
  const blocks = [table(rows, terminal, { head: ['', ...checks], flexible: checks.map((_, index) => index + 1) })];
  if (subjects.length > mostSubjects) blocks.push(`and ${subjects.length - mostSubjects} more: --json lists them`);
  if (deviations.length > 0) {
    const lines = deviations
      .slice(0, mostDeviations)
      .map(({ subject, place, expected, found, echo }) => [
        ...[subject, place, expected, found].map((text) => printableLine(hide(text))),
        out.dim(echo),
      ]);
    blocks.push('', out.bold(`${deviations.length} ${deviations.length === 1 ? 'deviation' : 'deviations'}`));
    blocks.push(table(lines, terminal, { head: ['', 'at', 'expected', 'found', 'echo'], flexible: [2, 3] }));
    if (deviations.length > mostDeviations)
      blocks.push(`and ${deviations.length - mostDeviations} more: --json lists them`);
  }
  return blocks.join('\n');
}

const mostSubjects = 60;
const mostDeviations = 60;
