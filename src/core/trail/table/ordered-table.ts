/** Lines that come in any order are put into theirs; their file is in its place when all are there. */
import type { ValueMap } from '../../value/written.js';
import { tableWriter } from './table-file.js';

/** The column that says why a line is not whole. */
export const errorColumn = 'error';

export interface Table {
  /** Its file. */
  readonly to: string | undefined;
  /** Lines of walks before, in the file alone. */
  readonly before: number;
  /** @param number from 1 */
  add(number: number, cells: ValueMap): Promise<void>;
  /** @returns how many lines there are, and those that are to be shown or named */
  finish(): Promise<{ readonly count: number; readonly lines: readonly ValueMap[] }>;
  /** Leaves what was in its place before. */
  abandon(): Promise<void>;
}

/** So many lines are kept for the terminal where nothing else wants them. */
const shownLines = 200;

export interface TableSettings {
  readonly columns: readonly string[];
  /** As it is named, and its path; undefined for no file. */
  readonly file: { readonly to: string; readonly path: string } | undefined;
  /** Every line is kept, not only those that are shown. */
  readonly all?: boolean | undefined;
  /** Lines that stand in its file ahead of those that are added. */
  readonly before?: readonly ValueMap[] | undefined;
}

/** @throws Problem file-unreadable */
export async function orderedTable({ columns, file, all = false, before = [] }: TableSettings): Promise<Table> {
  const writer = file && (await tableWriter(file.path, [...columns, errorColumn]));
  for (const line of before) await writer?.add(line);
  const early = new Map<number, ValueMap>();
  const lines: ValueMap[] = [];
  let next = 1;
  const take = async (line: ValueMap): Promise<void> => {
    next += 1;
    if (all || lines.length < shownLines) lines.push(line);
    await writer?.add(line);
  };
  return {
    to: file?.to,
    before: before.length,
    async add(number, cells) {
      early.set(number, cells);
      for (let line = early.get(next); line; line = early.get(next)) {
        early.delete(next);
        await take(line);
      }
    },
    async finish() {
      // What was passed over leaves a gap.
      for (const [, line] of [...early].sort(([a], [b]) => a - b)) await take(line);
      await writer?.finish();
      return { count: next - 1, lines };
    },
    abandon: async () => writer?.abandon(),
  };
}
