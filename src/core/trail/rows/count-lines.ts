/** How many lines a stream has, by far faster than they are read. */
import type { Readable } from 'node:stream';

/** The last one counts whether it is ended or not. */
export async function countLines(stream: Readable): Promise<number> {
  let lines = 0;
  let last = 10;
  for await (const chunk of stream as AsyncIterable<Buffer>) {
    for (let at = chunk.indexOf(10); at !== -1; at = chunk.indexOf(10, at + 1)) lines += 1;
    last = chunk.at(-1) ?? last;
  }
  return lines + (last === 10 ? 0 : 1);
}
