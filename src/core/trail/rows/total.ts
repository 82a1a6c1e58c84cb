/** About how many rows a file has, for how long it will take: lines are counted, whatever is in them. */
import { createReadStream } from 'node:fs';
import { pathInside } from '../../storage/inside.js';

/** undefined of a format in which a line is no row */
export async function rowsAbout(root: string, file: string): Promise<number | undefined> {
  const csv = /\.csv$/i.test(file);
  if (!csv && !/\.(?:jsonl|ndjson)$/i.test(file)) return undefined;
  let lines = 0;
  let last = 10;
  for await (const chunk of createReadStream(pathInside(root, file)) as AsyncIterable<Buffer>) {
    for (let at = chunk.indexOf(10); at !== -1; at = chunk.indexOf(10, at + 1)) lines += 1;
    last = chunk.at(-1) ?? last;
  }
  return Math.max(0, lines + (last === 10 ? 0 : 1) - (csv ? 1 : 0));
}
