/** A table in a file, written line by line beside its place: CSV (RFC 4180), a JSON list, or lines of JSON. */
import { randomBytes } from 'node:crypto';
import { mkdir, open, rename, rm } from 'node:fs/promises';
import { dirname, extname } from 'node:path';
import { Problem } from '../problem/problem.js';
import { writeJson } from '../value/json-text.js';
import { textOf } from '../value/text.js';
import { plain, type Value, type ValueMap } from '../value/written.js';

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

/** Written when so many characters wait. */
const batch = 64_000;

/** @param heads the columns; an error is written behind them @throws Problem file-unreadable, usage */
export async function tableWriter(path: string, heads: readonly string[]): Promise<TableWriter> {
  const { head, line, foot } = await formatOf(path, heads);
  const beside = `${path}.${randomBytes(4).toString('hex')}.part`;
  const failed = (error: unknown): Problem =>
    new Problem('file-unreadable', { what: `cannot write ${path}`, cause: (error as Error).message }, { cause: error });
  await mkdir(dirname(path), { recursive: true });
  const file = await open(beside, 'wx').catch((error: unknown) => Promise.reject(failed(error)));
  let waiting = head;
  let first = true;
  let writing: Promise<unknown> = Promise.resolve();
  const write = (): Promise<unknown> => {
    const text = waiting;
    waiting = '';
    writing = writing.then(() => file.write(text));
    return writing;
  };
  return {
    async add(cells) {
      waiting += line(cells, first);
      first = false;
      if (waiting.length > batch) await write();
    },
    async finish() {
      try {
        waiting += foot;
        await write();
        await file.sync();
        await file.close();
        await rename(beside, path);
      } catch (error) {
        await rm(beside, { force: true });
        throw failed(error);
      }
    },
    async abandon() {
      await writing.catch(() => undefined);
      await file.close();
      await rm(beside, { force: true });
    },
  };
}

async function formatOf(path: string, heads: readonly string[]): Promise<Format> {
  switch (extname(path).toLowerCase()) {
    case '.csv': {
      const { stringify } = await import('csv-stringify/sync');
      const columns = [...heads, 'error'];
      return {
        head: stringify([columns]),
        line: (cells) => stringify([columns.map((name) => cellText(cells[name]))]),
        foot: '',
      };
    }
    case '.json':
      return { head: '[', line: (cells, first) => `${first ? '\n' : ',\n'}  ${writeJson(cells)}`, foot: '\n]\n' };
    case '.jsonl':
    case '.ndjson':
      return { head: '', line: (cells) => `${writeJson(cells)}\n`, foot: '' };
    default:
      throw new Problem('usage', { what: `a table is written to .csv, .json or .jsonl, not to ${path}` });
  }
}

/** Scalars as text, nothing for null, lists and maps as JSON. */
function cellText(value: Value | undefined): string {
  return value === undefined || plain(value) === null ? '' : textOf(value);
}
