/** CSV (RFC 4180) with a first line of names, by a well-known library. */
import { Problem } from '../../problem/problem.js';
import { countLines } from './count-lines.js';
import type { RowSource } from './row-source.js';

let parse: typeof import('csv-parse').parse | undefined;

async function load(): Promise<NonNullable<typeof parse>> {
  parse ??= (await import('csv-parse')).parse;
  return parse;
}

export const csv: RowSource = {
  name: 'csv',
  ending: /\.csv$/i,
  load,
  async *read(stream, file) {
    const parser = stream.pipe((await load())({ columns: true, bom: true, skip_empty_lines: true, trim: false }));
    // A pipe does not hand on what goes wrong where it reads.
    stream.on('error', (error) => parser.destroy(error));
    let wake = (): void => undefined;
    for (const event of ['readable', 'end', 'close', 'error']) parser.on(event, () => wake());
    try {
      // Taken out by hand: the stream's own way goes through a generator more for each row.
      while (!parser.destroyed) {
        const columns = parser.read() as Record<string, string> | null;
        if (columns !== null) yield columns;
        else if (parser.readableEnded) return;
        else {
          await new Promise<void>((resolve) => {
            wake = resolve;
          });
        }
      }
      if (parser.errored) throw explained(parser.errored, file);
    } finally {
      stream.destroy();
      parser.destroy();
    }
  },
  // The first line has the names; a line break within quotes makes one row two.
  count: async (stream) => Math.max(0, (await countLines(stream)) - 1),
};

function explained(error: Error & { lines?: number }, file: string): Problem {
  if (error instanceof Problem) return error;
  return new Problem(
    'data-shape',
    { what: `${file} is not well-formed CSV`, where: { file, line: error.lines }, cause: error.message },
    { cause: error },
  );
}
