/** A walk in words, while it happens. */

import { shortText } from '../../../core/matcher/reading.js';
import type {
  RowEvent,
  StepEvent,
  TableEvent,
  Told,
  UndoEvent,
  WaitEvent,
  WalkEvent,
} from '../../../core/trail/events.js';
import { durationText } from '../../../core/value/measures.js';
import { ownMember } from '../../../core/value/own-member.js';
import { cellText } from '../../../core/value/rows.js';
import type { Terminal } from '../../terminal/terminal.js';
import { printableLine } from '../printable.js';
import { contradictionLine, statusText } from '../response/exchange.js';
import { furtherPagesLine } from '../response/further-pages.js';
import { table } from '../table.js';

type Hide = (text: string) => string;

/** The lines of an event. */
export function eventLines(event: WalkEvent, terminal: Terminal, hide: Hide, width = 0): string[] {
  switch (event.event) {
    case 'step':
      return stepLines(event, terminal, hide, width);
    case 'undo':
      return undoLines(event, terminal, hide);
    case 'row':
      return rowLines(event, terminal, hide);
    case 'session-opened':
      return [`${terminal.out.dim('opened ')} session ${event.name}`];
    case 'session-closed':
      return event.problem
        ? [
            `${terminal.out.red('failed ')} closing the session ${event.name}: ${printableLine(hide(event.problem.what))}`,
          ]
        : [`${terminal.out.dim('closed ')} session ${event.name}`];
    case 'waiting':
      return [waitText(event, terminal)];
    case 'table':
      return tableLines(event, terminal, hide);
  }
}

/** Of a row that failed before its first step, or between two of them. */
function rowLines({ row, label, problem }: RowEvent, { out }: Terminal, hide: Hide): string[] {
  const head = `${out.red('failed ')} row ${row} ${out.dim(`(${printableLine(hide(label))})`)}`;
  return problem ? [head, `        ${printableLine(hide(problem.what))}`] : [head];
}

/** Which one of many it is. */
function memberText({ row, rowLabel = '', member }: StepEvent, { out }: Terminal, hide: Hide): string {
  const label = rowLabel === '' ? '' : out.dim(` (${printableLine(hide(rowLabel))})`);
  return `${row === undefined ? '' : `row ${row}${label}: `}${member === undefined ? '' : `${member}: `}`;
}

function stepLines(event: StepEvent, terminal: Terminal, hide: Hide, width: number): string[] {
  const { out } = terminal;
  const { label, state, depth, sent, kept, problems, kind, told } = event;
  const margin = '  '.repeat(depth);
  const mark = { ok: out.green('ok     '), failed: out.red('failed '), skipped: out.dim('skipped') }[state];
  const received = sent?.outcome.received;
  const unsent = sent !== undefined && received === undefined && sent.outcome.trouble === undefined;
  const parts = [
    sent &&
      `${out.cyan(sent.wire.method)} ${received ? statusText(received.status, received.parts.reason, out, state === 'ok') : unsent ? printableLine(hide(sent.wire.shownUrl)) : out.red('no answer')}`,
    received && out.dim(durationText(received.parts.phases.total)),
    sent && sent.tries > 1 && out.yellow(`${sent.tries} tries`),
    sent &&
      sent.verdicts.length > 0 &&
      out.dim(`${sent.verdicts.filter(({ ok }) => ok).length} of ${sent.verdicts.length} as expected`),
    ...toldTexts(told, hide).map(out.dim),
    kept.length > 0 && kind !== 'keep' && kind !== 'choose' && out.dim(`kept ${kept.join(', ')}`),
  ].filter(Boolean);
  const gap = ' '.repeat(Math.max(0, width - margin.length - label.length));
  const more = parts.length > 0 ? `${gap}   ${parts.join('   ')}` : '';
  const lines = [`${mark} ${margin}${memberText(event, terminal, hide)}${out.bold(label)}${more}`];
  for (const problem of problems) {
    lines.push(`        ${margin}${printableLine(hide(problem.what))}`);
    if (problem.reason !== undefined) lines.push(`        ${margin}${out.dim(printableLine(hide(problem.reason)))}`);
    if (problem.remedy !== undefined)
      lines.push(`        ${margin}${out.dim('try')} ${printableLine(hide(problem.remedy))}`);
  }
  if (sent?.contradiction) lines.push(`${margin}${contradictionLine(sent.contradiction, out, hide)}`);
  if (told?.further) lines.push(`        ${margin}${furtherPagesLine(told.further, out, hide)}`);
  for (const { at, left, right } of (told?.differences ?? []).slice(0, 10))
    lines.push(
      `        ${margin}${out.cyan(printableLine(at))}   ${printableLine(hide(shortText(left)))}   ${out.dim('and')} ${printableLine(hide(shortText(right)))}`,
    );
  const further = (told?.differences?.length ?? 0) - 10;
  if (further > 0) lines.push(`        ${margin}${out.dim(`and ${further} more differences`)}`);
  if (problems.length > 0 && sent) lines.push(`        ${margin}${out.dim(`echo ${sent.echo}`)}`);
  return lines;
}

/** What a step has to tell beside its answer. */
function toldTexts(told: Told | undefined, hide: Hide): string[] {
  if (!told) return [];
  const { pages, seen, chosen, members, unknown } = told;
  return [
    pages && pagesText(pages),
    seen &&
      `asked ${seen.asked} ${seen.asked === 1 ? 'time' : 'times'}: ${printableLine(hide(seen.values.join(' → ')))}`,
    chosen !== undefined && `chose ${printableLine(hide(chosen))}`,
    members &&
      `${members.ok} of ${members.ok + members.failed}${members.passed > 0 ? `, ${members.passed} handled before` : ''}`,
    unknown !== undefined && `depends on an answer: ${printableLine(hide(unknown))}`,
  ].filter((text) => typeof text === 'string');
}

/** `4 pages, 100 items`, or what is missing. */
function pagesText({ pages, items, total, partial, doubt }: NonNullable<Told['pages']>): string {
  const counted = `${pages} ${pages === 1 ? 'page' : 'pages'}, `;
  if (partial === undefined)
    return `${counted}${items} ${items === 1 ? 'item' : 'items'}${doubt === undefined ? '' : `: ${doubt}`}`;
  return `partial: ${counted}${items}${total === undefined ? ' items' : ` of ${total} items`} (${partial})`;
}

function waitText({ host, wait, why, told }: WaitEvent, { out }: Terminal): string {
  return `${out.yellow('waiting')} ${host}: ${durationText(wait)} ${out.dim(`(${why}; ${told ? 'as the server asks' : 'the server does not say how long'})`)}`;
}

const rowsText = (count: number, before: number): string =>
  before === 0 ? `${count} ${count === 1 ? 'row' : 'rows'}` : `${before + count} rows, ${count} of them new,`;

function tableLines(
  { label, columns, lines, count, before, to, show }: TableEvent,
  terminal: Terminal,
  hide: Hide,
): string[] {
  const { out } = terminal;
  const told =
    to === undefined ? [] : [`${out.green('wrote  ')} ${to} ${out.dim(`(${rowsText(count, before)} of ${label})`)}`];
  if (!show) return told;
  if (count === 0) return [...told, `        ${out.dim(`the table of ${label} has no lines`)}`];
  const shown = lines.slice(0, 40);
  const heads = shown.some((line) => line.error !== undefined) ? [...columns, 'error'] : columns;
  const cells = shown.map((line) => heads.map((name) => printableLine(hide(cellText(ownMember(line, name))))));
  const rest = count - shown.length;
  return [
    '',
    table(cells, terminal, { head: heads, indent: 8, flexible: heads.map((_, index) => index) }),
    ...(rest > 0 ? [`        ${out.dim(`and ${rest} more rows`)}`] : []),
    '',
    ...told,
  ];
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
    'in doubt': '   in doubt',
  }[state];
  const lines = [`${mark} ${row === undefined ? '' : `row ${row}: `}${out.bold(step)} by ${label}${status}${said}`];
  if (problem) lines.push(`        ${printableLine(hide(problem.what))}`);
  return lines;
}
