/** Records of a run in words, while it happens or later. */
import { shortText } from '../../../core/matcher/reading.js';
import type { RecordOf, RunRecord, StepRecord } from '../../../core/trail/record/run-record.js';
import { durationText } from '../../../core/value/measures.js';
import { ownMember } from '../../../core/value/own-member.js';
import { cellText } from '../../../core/value/rows.js';
import type { Value } from '../../../core/value/written.js';
import type { Colours, Terminal } from '../../terminal/terminal.js';
import { printableLine } from '../printable.js';
import { contradictionLine, statusText } from '../response/exchange.js';
import { furtherPagesLine } from '../response/further-pages.js';
import { table } from '../table.js';

/** The lines of a record. @param width of the names of steps, in whose column what follows them stands */
export function recordLines(record: RunRecord, terminal: Terminal, width = 0): string[] {
  const { out } = terminal;
  switch (record.event) {
    case 'step':
      return stepLines(record, out, width);
    case 'undo':
      return undoLines(record, out);
    case 'row':
      return rowLines(record, out);
    case 'session-opened':
      return [`${out.dim('opened ')} session ${record.session}`];
    case 'session-closed':
      return record.problem
        ? [`${out.red('failed ')} closing the session ${record.session}: ${printableLine(record.problem.what)}`]
        : [`${out.dim('closed ')} session ${record.session}`];
    case 'waiting':
      return [waitText(record, out)];
    case 'table':
      return tableLines(record, terminal);
    default:
      return [];
  }
}

/** Of a row that failed before its first step, or between two of them. */
function rowLines({ row, label, problem }: RecordOf<'row'>, out: Colours): string[] {
  const head = `${out.red('failed ')} row ${row} ${out.dim(`(${printableLine(label)})`)}`;
  return problem ? [head, `        ${printableLine(problem.what)}`] : [head];
}

/** Which one of many it is. */
function memberText({ row, label = '', member }: StepRecord, out: Colours): string {
  const shown = label === '' ? '' : out.dim(` (${printableLine(label)})`);
  return `${row === null ? '' : `row ${row}${shown}: `}${member === null ? '' : `${printableLine(member)}: `}`;
}

function stepLines(record: StepRecord, out: Colours, width: number): string[] {
  const {
    step,
    state,
    depth,
    method,
    status,
    reason = '',
    time,
    tries = 0,
    expectations,
    kept,
    problems,
    kind,
  } = record;
  const margin = '  '.repeat(depth);
  const mark = { ok: out.green('ok     '), failed: out.red('failed '), skipped: out.dim('skipped') }[state];
  const judged = expectations.met + expectations.failed.length;
  const came =
    status !== null
      ? statusText(status, reason, out, state === 'ok')
      : tries === 0
        ? printableLine(record.url ?? '')
        : out.red('no response');
  const parts = [
    method !== undefined && `${out.cyan(method)} ${came}`,
    time !== null && out.dim(durationText(time)),
    tries > 1 && out.yellow(`${tries} tries`),
    judged > 0 && out.dim(`${expectations.met} of ${judged} as expected`),
    ...besideTexts(record).map(out.dim),
    kept.length > 0 && kind !== 'keep' && kind !== 'choose' && out.dim(`kept ${kept.join(', ')}`),
  ].filter(Boolean);
  const gap = ' '.repeat(Math.max(0, width - margin.length - step.length));
  const more = parts.length > 0 ? `${gap}   ${parts.join('   ')}` : '';
  const lines = [`${mark} ${margin}${memberText(record, out)}${out.bold(step)}${more}`];
  for (const { what, cause, remedy } of problems) {
    lines.push(`        ${margin}${printableLine(what)}`);
    if (cause !== undefined) lines.push(`        ${margin}${out.dim(printableLine(cause))}`);
    if (remedy !== undefined) lines.push(`        ${margin}${out.dim('try')} ${printableLine(remedy)}`);
  }
  if (record.contradiction) lines.push(`${margin}${contradictionLine(record.contradiction, out)}`);
  if (record.furtherPages) lines.push(`        ${margin}${furtherPagesLine(record.furtherPages, out)}`);
  const { differences = [] } = record;
  for (const { at, left, right } of differences.slice(0, 10))
    lines.push(
      `        ${margin}${out.cyan(printableLine(at))}   ${printableLine(shortText(left as Value))}   ${out.dim('and')} ${printableLine(shortText(right as Value))}`,
    );
  if (differences.length > 10)
    lines.push(`        ${margin}${out.dim(`and ${differences.length - 10} more differences`)}`);
  if (problems.length > 0 && record.echo !== null) lines.push(`        ${margin}${out.dim(`echo ${record.echo}`)}`);
  return lines;
}

/** What a step has to tell beside its response. */
function besideTexts({ pages, seen, chosen, members, unknown }: StepRecord): string[] {
  return [
    pages && pagesText(pages),
    seen && `asked ${seen.asked} ${seen.asked === 1 ? 'time' : 'times'}: ${printableLine(seen.values.join(' → '))}`,
    chosen !== undefined && `chose ${printableLine(chosen)}`,
    members &&
      `${members.ok} of ${members.ok + members.failed}${members.passed > 0 ? `, ${members.passed} handled before` : ''}`,
    unknown !== undefined && `not sent in a dry run: needs an earlier response (${printableLine(unknown)})`,
  ].filter((text) => typeof text === 'string');
}

/** `4 pages, 100 items`, or what is missing. */
function pagesText({ pages, items, total, partial, doubt }: NonNullable<StepRecord['pages']>): string {
  const counted = `${pages} ${pages === 1 ? 'page' : 'pages'}, `;
  if (partial === null)
    return `${counted}${items} ${items === 1 ? 'item' : 'items'}${doubt === undefined ? '' : `: ${doubt}`}`;
  return `partial: ${counted}${items}${total === null ? ' items' : ` of ${total} items`} (${partial})`;
}

function waitText({ host, wait, why, told }: RecordOf<'waiting'>, out: Colours): string {
  return `${out.yellow('waiting')} ${host}: ${durationText(wait)} ${out.dim(`(${why}; ${told ? 'as the server asks' : 'the server does not say how long'})`)}`;
}

const rowsText = (count: number, before: number): string =>
  before === 0 ? `${count} ${count === 1 ? 'row' : 'rows'}` : `${before + count} rows, ${count} of them new,`;

function tableLines(
  { step: label, columns, rows: lines, count, before, to, show }: RecordOf<'table'>,
  terminal: Terminal,
): string[] {
  const { out } = terminal;
  const told =
    to === null ? [] : [`${out.green('wrote  ')} ${to} ${out.dim(`(${rowsText(count, before)} of ${label})`)}`];
  if (!show) return told;
  if (count === 0) return [...told, `        ${out.dim(`the table of ${label} has no lines`)}`];
  const shown = lines.slice(0, 40);
  const heads = shown.some((line) => line.error !== undefined) ? [...columns, 'error'] : columns;
  const cells = shown.map((line) => heads.map((name) => printableLine(cellText(ownMember(line, name) as Value))));
  const rest = count - shown.length;
  return [
    '',
    table(cells, terminal, { head: heads, indent: 8, flexible: heads.map((_, index) => index) }),
    ...(rest > 0 ? [`        ${out.dim(`and ${rest} more rows`)}`] : []),
    '',
    ...told,
  ];
}

function undoLines(
  { request, step, state, row, method, status, reason = '', problem }: RecordOf<'undo'>,
  out: Colours,
): string[] {
  const came = status === undefined ? '' : `   ${out.cyan(method ?? '')} ${statusText(status, reason, out)}`;
  const of = `${row === null ? '' : `row ${row}: `}${out.bold(step)}`;
  const lines = [
    {
      done: `${out.green('undone ')} ${of} by ${request}${came}`,
      'not needed': `${out.dim('undone ')} ${of} by ${request}${came}   not needed: it is gone already`,
      failed: `${out.red('not undone:')} ${of} (${request} failed)${came}`,
      impossible: `${out.red('not undone:')} ${of} (a value for ${request} is missing)`,
      'in doubt': `${out.red('in doubt:')} undo of ${of} by ${request}${came}`,
    }[state],
  ];
  if (problem) lines.push(`        ${printableLine(problem.what)}`);
  return lines;
}
