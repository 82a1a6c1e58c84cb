/** Reading a file of JSON lines that is appended to as things happen. A line that was cut off by a kill is passed over. */
import { createReadStream } from 'node:fs';
import { createInterface } from 'node:readline';
import type { Readable } from 'node:stream';

/** @param from a path, or what is read already @param parse in place of the engine's own, which does not keep all digits of a long number */
export async function* jsonLines(
  from: string | Readable,
  parse: (line: string) => unknown = JSON.parse,
): AsyncGenerator<unknown> {
  for await (const line of createInterface({
    input: typeof from === 'string' ? createReadStream(from, 'utf8') : from,
    crlfDelay: Number.POSITIVE_INFINITY,
  })) {
    let parsed: unknown;
    try {
      parsed = parse(line);
    } catch {
      continue;
    }
    yield parsed;
  }
}
