/** Rows of a csv or jsonl file, read as a stream. */
import { createReadStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { Problem } from '../problem/problem.js';
import { pathInside } from '../storage/inside.js';
import { parseJson } from '../value/json-text.js';
import { isValueMap, type ValueMap } from '../value/written.js';

export interface Row {
  /** From 1. */
  readonly number: number;
  readonly columns: ValueMap;
}

/** @throws Problem file-not-found, file-outside, usage; data-shape with its line while reading */
export function readRows(root: string, file: string): AsyncIterable<Row> {
  const path = pathInside(root, file);
  if (/\.csv$/i.test(file)) return csvRows(path, file);
  if (/\.(?:jsonl|ndjson)$/i.test(file)) return jsonRows(path, file);
  throw new Problem('data-shape', {
    what: `rows are read from .csv and .jsonl files, not from ${file}`,
    where: { file },
  });
}

let parse: typeof import('csv-parse').parse | undefined;

/** What reading rows needs, loaded while the rest is made ready. */
export async function loadRowReader(): Promise<void> {
  parse ??= (await import('csv-parse')).parse;
}

async function* csvRows(path: string, file: string): AsyncGenerator<Row> {
  await loadRowReader();
  const parser = createReadStream(path).pipe(
    (parse as NonNullable<typeof parse>)({ columns: true, bom: true, skip_empty_lines: true, trim: false }),
  );
  let number = 0;
  try {
    for await (const columns of parser as AsyncIterable<Record<string, string>>) {
      number += 1;
      yield { number, columns };
    }
  } catch (error) {
    const { message, lines } = error as Error & { lines?: number };
    throw new Problem(
      'data-shape',
      { what: `${file} is not well-formed CSV`, where: { file, line: lines }, cause: message },
      { cause: error },
    );
  }
}

async function* jsonRows(path: string, file: string): AsyncGenerator<Row> {
  let line = 0;
  let number = 0;
  for await (const text of createInterface({
    input: createReadStream(path, 'utf8'),
    crlfDelay: Number.POSITIVE_INFINITY,
  })) {
    line += 1;
    if (text.trim() === '') continue;
    let columns: unknown;
    try {
      columns = parseJson(text);
    } catch (error) {
      throw new Problem('data-shape', {
        what: `${file} is not JSON lines`,
        where: { file, line },
        cause: (error as Error).message,
      });
    }
    if (!isValueMap(columns))
      throw new Problem('data-shape', { what: 'a row must be a JSON object', where: { file, line } });
    number += 1;
    yield { number, columns };
  }
}
