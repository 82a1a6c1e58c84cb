/** The records as they are, a line of JSON each. */
import type { ReportFormat } from './report-format.js';

export const jsonLines: ReportFormat = {
  name: 'json',
  about: 'the records of the run, a line of JSON each',
  endings: ['.json', '.jsonl', '.ndjson'],
  async *write(records) {
    for await (const record of records()) yield `${JSON.stringify(record)}\n`;
  },
};
