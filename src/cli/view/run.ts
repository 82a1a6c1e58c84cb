/** A walk in words, while it happens and when it has ended. */
import type { StepEvent, Summary, UndoEvent, WalkEvent } from '../../core/trail/events.js';
import { durationText } from '../../core/value/measures.js';
import type { Terminal } from '../terminal.js';
import { statusText } from './exchange.js';
import { printableLine } from './printable.js';

type Hide = (text: string) => string;

/** The lines of an event; none where it is told in the progress line only. */
export function eventLines(event: WalkEvent, terminal: Terminal, hide: Hide, rows: boolean, width = 0): string[] {
  switch (event.event) {
    case 'step':
      // Of many rows only what went wrong is of interest.
      return rows && event.state !== 'failed' ? [] : stepLines(event, terminal, hide, rows, width);
    case 'undo':
      return undoLines(event, terminal, hide);
    case 'row':
      return event.ok
        ? []
        : [
            `${terminal.out.red('failed ')} row ${event.row} ${terminal.out.dim(`(${printableLine(hide(event.label))})`)}`,
          ];
    case 'session-opened':
      return [`${terminal.out.dim('opened ')} session ${event.name}`];
    case 'session-closed':
      return event.problem
        ? [
            `${terminal.out.red('failed ')} closing the session ${event.name}: ${printableLine(hide(event.problem.what))}`,
          ]
        : [`${terminal.out.dim('closed ')} session ${event.name}`];
  }
}

const rowText = (row: number | undefined): string => (row === undefined ? '' : `row ${row}: `);

function stepLines(
  { label, state, depth, sent, kept, problems, kind, row }: StepEvent,
  { out }: Terminal,
  hide: Hide,
  rows: boolean,
  width: number,
): string[] {
  const margin = '  '.repeat(depth);
  const mark = { ok: out.green('ok     '), failed: out.red('failed '), skipped: out.dim('skipped') }[state];
  const received = sent?.outcome.received;
  const parts = [
    sent &&
      `${out.cyan(sent.wire.method)} ${received ? statusText(received.status, received.parts.reason, out, state === 'ok') : out.red('no answer')}`,
    received && out.dim(durationText(received.parts.phases.total)),
    sent &&
      sent.verdicts.length > 0 &&
      out.dim(`${sent.verdicts.filter(({ ok }) => ok).length} of ${sent.verdicts.length} as expected`),
    kept.length > 0 && kind !== 'keep' && out.dim(`kept ${kept.join(', ')}`),
  ].filter(Boolean);
  const gap = ' '.repeat(Math.max(0, width - margin.length - label.length));
  const told = parts.length > 0 ? `${gap}   ${parts.join('   ')}` : '';
  const lines = [`${mark} ${margin}${rows ? rowText(row) : ''}${out.bold(label)}${told}`];
  for (const problem of problems) {
    lines.push(`        ${margin}${printableLine(hide(problem.what))}`);
    if (problem.reason !== undefined) lines.push(`        ${margin}${out.dim(printableLine(hide(problem.reason)))}`);
    if (problem.remedy !== undefined)
      lines.push(`        ${margin}${out.dim('try')} ${printableLine(hide(problem.remedy))}`);
  }
  if (problems.length > 0 && sent) lines.push(`        ${margin}${out.dim(`echo ${sent.echo}`)}`);
  return lines;
}

function undoLines({ label, step, state, row, sent, problem }: UndoEvent, { out }: Terminal, hide: Hide): string[] {
  const received = sent?.outcome.received;
  const status = received
    ? `   ${out.cyan(sent?.wire.method ?? '')} ${statusText(received.status, received.parts.reason, out)}`
    : '';
  const mark =
    state === 'done' ? out.green('undone ') : state === 'not needed' ? out.dim('undone ') : out.red('left   ');
  const said = {
    done: '',
    'not needed': '   not needed: it is gone already',
    failed: '',
    impossible: '   not undone: a value for it is missing',
  }[state];
  const lines = [`${mark} ${rowText(row)}${out.bold(step)} by ${label}${status}${said}`];
  if (problem) lines.push(`        ${printableLine(hide(problem.what))}`);
  return lines;
}

export function summaryText(summary: Summary, name: string, terminal: Terminal, hide: Hide): string {
  const { out } = terminal;
  const { rows, steps, expectations, undone, notUndone, inDoubt, time, ok, interrupted, run } = summary;
  const word = interrupted ? out.yellow('interrupted') : ok ? out.green('all well') : out.red('failed');
  const facts = [
    rows && `${rows.ok + rows.failed} rows${rows.failed > 0 ? `, ${out.red(`${rows.failed} failed`)}` : ''}`,
    `${steps.ok + steps.failed} steps${steps.failed > 0 ? `, ${out.red(`${steps.failed} failed`)}` : ''}${steps.skipped > 0 ? `, ${steps.skipped} skipped` : ''}`,
    `${expectations.met} of ${expectations.met + expectations.failed} expectations met`,
    undone > 0 && `${undone} undone`,
    notUndone > 0 && out.red(`${notUndone} not undone`),
    durationText(time),
  ].filter(Boolean);
  const lines = [`${out.bold(name)}: ${out.bold(word)}   ${facts.join('   ')}   ${out.dim(`run ${run}`)}`];
  if (inDoubt.length > 0) {
    lines.push(out.yellow('in doubt: these may or may not have happened'));
    lines.push(...inDoubt.map((text) => `  ${printableLine(hide(text))}`));
  }
  return lines.join('\n');
}
