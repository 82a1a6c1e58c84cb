/** Lines of JSON, an object each. */
import { createInterface } from 'node:readline';
import { Problem } from '../../problem/problem.js';
import { parseJson } from '../../value/json-text.js';
import { isValueMap } from '../../value/written.js';
import { countLines } from './count-lines.js';
import type { RowSource } from './row-source.js';

export const jsonl: RowSource = {
  name: 'jsonl',
  ending: /\.(?:jsonl|ndjson)$/i,
  async *read(stream, file) {
    let line = 0;
    for await (const text of createInterface({ input: stream, crlfDelay: Number.POSITIVE_INFINITY })) {
      line += 1;
      if (text.trim() === '') continue;
      let columns: unknown;
      try {
        columns = parseJson(text);
      } catch (error) {
        throw new Problem('data-shape', {
          what: `${file} is not JSON lines`,
          where: { file, line },
          cause: (error as Error).message,
        });
      }
      if (!isValueMap(columns))
        throw new Problem('data-shape', { what: 'a row must be a JSON object', where: { file, line } });
      yield columns;
    }
  },
  count: countLines,
};
