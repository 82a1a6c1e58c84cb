/** The Test Anything Protocol, version 14: a line a step, and of failures what is known in YAML below. */
import { type Case, casesOf } from '../cases.js';
import type { ReportFormat } from './report-format.js';

export const tap: ReportFormat = {
  name: 'tap',
  about: 'the Test Anything Protocol, version 14',
  endings: ['.tap'],
  async *write(records) {
    yield 'TAP version 14\n';
    let count = 0;
    for await (const one of casesOf(records())) {
      count += 1;
      yield point(one, count);
    }
    yield `1..${count}\n`;
  },
};

function point({ state, walked, environment, name, lines, problem, record, run }: Case, number: number): string {
  const skipped = state === 'skipped' ? ' # SKIP' : '';
  const line = `${state === 'failed' ? 'not ok' : 'ok'} ${number} - ${described(`${walked} (${environment}): ${name}`)}${skipped}\n`;
  if (state !== 'failed') return line;
  const facts = {
    message: lines[0] ?? problem?.what ?? 'failed',
    ...(lines.length > 1 && { details: lines.slice(1) }),
    ...(problem && { code: problem.code }),
    ...(record?.status != null && { status: record.status }),
    ...(record?.time != null && { duration_ms: record.time }),
    run,
  };
  // JSON is YAML, on a line each.
  const block = Object.entries(facts).map(([key, value]) => `  ${key}: ${JSON.stringify(value)}\n`);
  return `${line}  ---\n${block.join('')}  ...\n`;
}

/** A number sign begins a directive; a line is one line. */
const described = (text: string): string =>
  text
    .replace(/[\r\n]+/g, ' ')
    .replaceAll('\\', '\\\\')
    .replaceAll('#', '\\#');
