/** CSV (RFC 4180) with a first line of names, by a well-known library. */
import { Problem } from '../../problem/problem.js';
import { separatorOf } from '../../value/csv-separator.js';
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
    const pieces = stream[Symbol.asyncIterator]() as AsyncIterator<Buffer>;
    const head = await beginning(pieces).catch((error: Error) => Promise.reject(explained(error, file)));
    const parser = (await load())({
      columns: true,
      delimiter: separatorOf(head?.toString('utf8') ?? ''),
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
    try {
      let next = head;
      for (let ended = false; !ended && !fault; ) {
        ended = next === undefined;
        await fed(next);
        const complete = rows;
        rows = [];
        for (const columns of complete) yield columns;
        if (!ended) next = await pieceOf(pieces);
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

const pieceOf = async (pieces: AsyncIterator<Buffer>): Promise<Buffer | undefined> => {
  const { done, value } = await pieces.next();
  return done === true ? undefined : value;
};

/** A line of names is not longer; what has no line break until then is no CSV. */
const longestHead = 1e6;

/** So many pieces as hold the line of names; undefined where there is nothing. */
async function beginning(pieces: AsyncIterator<Buffer>): Promise<Buffer | undefined> {
  let read: Buffer | undefined;
  for (;;) {
    const piece = await pieceOf(pieces);
    if (!piece) return read;
    read = read ? Buffer.concat([read, piece]) : piece;
    if (read.includes('\n') || read.length > longestHead) return read;
  }
}

function explained(error: Error & { lines?: number }, file: string): Problem {
  if (error instanceof Problem) return error;
  return new Problem(
    'data-shape',
    { what: `${file} is not well-formed CSV`, where: { file, line: error.lines }, cause: error.message },
    { cause: error },
  );
}
