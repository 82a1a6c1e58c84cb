/** CSV (RFC 4180) with a first line of names, by a well-known library. */
import { Problem } from '../../problem/problem.js';
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
    try {
      for await (const columns of parser as AsyncIterable<Record<string, string>>) yield columns;
    } catch (error) {
      if (error instanceof Problem) throw error;
      const { message, lines } = error as Error & { lines?: number };
      throw new Problem(
        'data-shape',
        { what: `${file} is not well-formed CSV`, where: { file, line: lines }, cause: message },
        { cause: error },
      );
    }
  },
};
