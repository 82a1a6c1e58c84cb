/** Each step in a line of CSV (RFC 4180). */
import { casesOf } from '../cases.js';
import type { ReportFormat } from './report-format.js';

const columns = [
  'run',
  'environment',
  'walked',
  'row',
  'label',
  'for',
  'step',
  'state',
  'method',
  'url',
  'status',
  'milliseconds',
  'tries',
  'expectations met',
  'expectations failed',
  'code',
  'problem',
  'echo',
];

/** Steps that are turned into text together. */
const together = 1000;

export const csv: ReportFormat = {
  name: 'csv',
  about: 'each step in a line of CSV',
  endings: ['.csv'],
  async *write(records) {
    const { stringify } = await import('csv-stringify/sync');
    yield stringify([columns]);
    let rows: unknown[][] = [];
    for await (const one of casesOf(records())) {
      const { record, problem, lines } = one;
      rows.push([
        one.run,
        one.environment,
        one.walked,
        record?.row ?? '',
        record?.label ?? '',
        record?.member ?? '',
        record?.step ?? one.name,
        one.state,
        record?.method ?? '',
        record?.url ?? '',
        record?.status ?? '',
        record?.time ?? '',
        record?.tries ?? '',
        record?.expectations.met ?? '',
        record?.expectations.failed.length ?? '',
        one.state === 'failed' ? (problem?.code ?? '') : '',
        one.state === 'failed' ? (lines[0] ?? '') : '',
        record?.echo ?? '',
      ]);
      if (rows.length < together) continue;
      yield stringify(rows, { escape_formulas: true });
      rows = [];
    }
    if (rows.length > 0) yield stringify(rows, { escape_formulas: true });
  },
};
