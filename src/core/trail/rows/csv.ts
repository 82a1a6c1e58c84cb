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
    let rows: Record<string, string>[] = [];
    const parser = (await load())({
      columns: true,
      bom: true,
      skip_empty_lines: true,
      trim: false,
    });
    // Taken as they are made: out of the stream each would go by itself, and its `on_record` works out where each stands.
    parser.push = (columns: Record<string, string> | null) => {
      if (columns !== null) rows.push(columns);
      return true;
    };
    let fault: Error | undefined;
    parser.on('error', (error) => {
      fault ??= error;
    });
    const fed = (piece?: Buffer): Promise<void> =>
      new Promise((settled) => {
        const told = (error?: Error | null): void => {
          fault ??= error ?? undefined;
          settled();
        };
        if (piece === undefined) parser.end(told);
        else parser.write(piece, told);
      });
    const pieces = stream[Symbol.asyncIterator]() as AsyncIterator<Buffer>;
    try {
      for (let ended = false; !ended && !fault; ) {
        const next = await pieces.next();
        ended = next.done === true;
        await fed(ended ? undefined : next.value);
        const complete = rows;
        rows = [];
        for (const columns of complete) yield columns;
      }
      if (fault) throw fault;
    } catch (error) {
      throw explained(error as Error, file);
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
