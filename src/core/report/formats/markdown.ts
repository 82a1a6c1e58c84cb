/** Markdown for the comment of a pull request: what came of it, then each failure; tables as GitHub Flavored Markdown has them. */
import { durationText } from '../../value/measures.js';
import { type Case, casesOf } from '../cases.js';
import { type RunSummary, runSummary } from '../run-summary.js';
import type { ReportFormat } from './report-format.js';

/** A comment that is longer is cut by those who show it. */
const mostFailures = 50;

export const markdown: ReportFormat = {
  name: 'markdown',
  about: 'Markdown for a pull request: totals and failures',
  endings: ['.md'],
  async *write(records) {
    const totals = runSummary();
    const times = new Map<string, number>();
    for await (const record of records()) {
      totals.take(record);
      if (record.event === 'summary') times.set(`${record.run} ${record.walk}`, record.time);
    }
    const failures: Case[] = [];
    let failed = 0;
    for await (const one of casesOf(records())) {
      if (one.state !== 'failed') continue;
      failed += 1;
      if (failures.length < mostFailures) failures.push(one);
    }
    yield summaryText(
      totals.summary(),
      [...times.values()].reduce((sum, time) => sum + time, 0),
    );
    if (failed > 0) yield failuresText(failures, failed);
  },
};

function summaryText(summary: RunSummary, time: number): string {
  const { walks, notUndone, inDoubt, runs, ok, finished } = summary;
  const verdict = ok ? 'passed' : finished ? 'failed' : 'not finished';
  const several = walks.some(({ rows }) => rows !== null);
  const head = ['', 'trail', 'environment', ...(several ? ['rows'] : []), 'steps', 'expectations met'];
  const rows = walks.map((walk) => [
    walk.ok ? '✅' : walk.finished ? '❌' : '⏸',
    walk.walked,
    walk.environment,
    ...(several ? [walk.rows ? `${walk.rows.ok} of ${walk.rows.ok + walk.rows.failed}` : ''] : []),
    `${walk.steps.ok} of ${walk.steps.ok + walk.steps.failed}`,
    `${walk.expectations.met} of ${walk.expectations.met + walk.expectations.failed}`,
  ]);
  const patience =
    summary.throttled + summary.triedAgain > 0
      ? `\n${summary.throttled} throttled, ${summary.triedAgain} retried, waited ${durationText(summary.waited)}\n`
      : '';
  return [
    `## ${runs.length === 1 ? `Run ${runs[0]}` : `${runs.length} runs`}: ${verdict}${time > 0 ? `, ${durationText(time)}` : ''}\n\n`,
    table([head, ...rows]),
    patience,
    list('In doubt: these may or may not have happened', inDoubt),
    list('Not undone: what these made may still be there', notUndone),
  ].join('');
}

function failuresText(failures: readonly Case[], failed: number): string {
  const rows = failures.map(({ walked, name, lines, record }) => [
    `${walked}: ${name}`,
    record?.status == null ? '' : String(record.status),
    lines.join('\n'),
  ]);
  const more = failed > failures.length ? `\nand ${failed - failures.length} more\n` : '';
  return `\n### ${failed} failed\n\n${table([['step', 'status', 'what'], ...rows])}${more}`;
}

const list = (head: string, items: readonly string[]): string =>
  items.length === 0 ? '' : `\n**${head}**\n\n${items.map((item) => `- ${cell(item)}\n`).join('')}`;

function table([head = [], ...rows]: readonly (readonly string[])[]): string {
  const line = (cells: readonly string[]): string => `| ${cells.map(cell).join(' | ')} |\n`;
  return `${line(head)}|${'---|'.repeat(head.length)}\n${rows.map(line).join('')}`;
}

/** In one cell: what Markdown or HTML would take for its own is text. */
const cell = (text: string): string =>
  text
    .replace(/[\\`*_[\]<>&|~#$]/g, (sign) =>
      sign === '<' ? '&lt;' : sign === '>' ? '&gt;' : sign === '&' ? '&amp;' : `\\${sign}`,
    )
    .replace(/\r?\n/g, '<br>');
