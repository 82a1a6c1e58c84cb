/** A table in a file, written line by line beside its place: CSV (RFC 4180), a JSON list, or lines of JSON. */

import { extname } from 'node:path';
import { Problem } from '../../problem/problem.js';
import { growFile } from '../../storage/atomic-write.js';
import { writeJson } from '../../value/json-text.js';
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import { plain, type Value, type ValueMap } from '../../value/written.js';

export interface TableWriter {
  add(line: ValueMap): Promise<void>;
  /** Puts the file in its place. */
  finish(): Promise<void>;
  /** Leaves what was in its place before. */
  abandon(): Promise<void>;
}

interface Format {
  readonly head: string;
  line(cells: ValueMap, first: boolean): string;
  readonly foot: string;
}

/** How each ending is written. */
const formats: Readonly<Record<string, (heads: readonly string[]) => Format | Promise<Format>>> = {
  '.csv': async (heads) => {
    const { stringify } = await import('csv-stringify/sync');
    return {
      head: stringify([heads]),
      line: (cells) => stringify([heads.map((name) => cellText(ownMember(cells, name)))]),
      foot: '',
    };
  },
  '.json': () => ({
    head: '[',
    line: (cells, first) => `${first ? '\n' : ',\n'}  ${writeJson(cells)}`,
    foot: '\n]\n',
  }),
  '.jsonl': () => ({ head: '', line: (cells) => `${writeJson(cells)}\n`, foot: '' }),
};

/** Before anything is sent for it. @throws Problem usage: the name ends in no known format */
export function requireTableFile(path: string): (typeof formats)[string] {
  const format = ownMember(formats, extname(path).toLowerCase());
  if (format) return format;
  throw new Problem('usage', { what: `a table is written to ${Object.keys(formats).join(', ')}, not to ${path}` });
}

/** Written when so many characters wait. */
const batch = 64_000;

/** @param heads the columns, in order @throws Problem file-unreadable, usage: the name ends in no known format */
export async function tableWriter(path: string, heads: readonly string[]): Promise<TableWriter> {
  const { head, line, foot } = await requireTableFile(path)(heads);
  const file = await growFile(path);
  let waiting = head;
  let first = true;
  const write = (): Promise<void> => {
    const text = waiting;
    waiting = '';
    return file.write(text);
  };
  return {
    async add(cells) {
      waiting += line(cells, first);
      first = false;
      if (waiting.length > batch) await write();
    },
    async finish() {
      waiting += foot;
      await write();
      await file.commit();
    },
    abandon: () => file.discard(),
  };
}

/** Scalars as text, nothing for null, lists and maps as JSON. */
function cellText(value: Value | undefined): string {
  return value === undefined || plain(value) === null ? '' : textOf(value);
}
