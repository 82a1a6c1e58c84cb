/** All formats of rows. A new one is one file and one line here. */
import { createReadStream, statSync } from 'node:fs';
import type { Readable } from 'node:stream';
import type { Loads } from '../../expression/compile.js';
import { asProblem, type FilePosition, Problem } from '../../problem/problem.js';
import { pathInside } from '../../storage/inside.js';
import type { ValueMap } from '../../value/written.js';
import { csv } from './csv.js';
import { json } from './json.js';
import { jsonl } from './jsonl.js';
import type { RowSource } from './row-source.js';

const rowSources: readonly RowSource[] = [csv, json, jsonl];

function rowSourceOf(file: string): RowSource {
  const found = rowSources.find(({ ending }) => ending.test(file));
  if (found) return found;
  throw new Problem('data-shape', {
    what: `rows are read from .csv, .json and .jsonl files, not from ${file}`,
  });
}

/** Looks at a file before anything is sent. @throws Problem file-not-found, file-outside, data-shape: no format has that ending */
export function readyRows(root: string, file: string, loads: Loads, where: FilePosition | undefined): void {
  try {
    const { load } = rowSourceOf(file);
    pathInside(root, file);
    if (load) loads.push(load());
  } catch (error) {
    throw asProblem(error).at(where);
  }
}

/** The rows of a file of the collection. @throws Problem file-not-found, file-outside, data-shape */
export function fileRows(root: string, file: string): AsyncIterable<ValueMap> {
  const source = rowSourceOf(file);
  return source.read(createReadStream(pathInside(root, file)), file);
}

/** Beyond this to count a list of JSON would slow the walk down. */
const largestCounted = 50e6;

/** About how many rows a file has, for how long it will take; undefined where counting them takes too long itself. */
export async function rowsAbout(root: string, file: string): Promise<number | undefined> {
  const source = rowSourceOf(file);
  const path = pathInside(root, file);
  return source === json && statSync(path).size > largestCounted ? undefined : source.count(createReadStream(path));
}

/** Rows from a stream without a name: a list, lines of objects, or CSV, as its first letter says. */
export async function* streamRows(stream: Readable): AsyncGenerator<ValueMap> {
  const name = 'standard input';
  const first = await firstLetter(stream);
  if (first === undefined) return;
  yield* (first === '[' ? json : first === '{' ? jsonl : csv).read(stream, name);
}

/** What is read for it is put back. */
async function firstLetter(stream: Readable): Promise<string | undefined> {
  for (;;) {
    const chunk = stream.read() as Buffer | null;
    if (chunk === null) {
      if (stream.readableEnded || stream.destroyed) return undefined;
      await new Promise<void>((resolve) => {
        const go = (): void => {
          stream.off('readable', go).off('end', go).off('error', go);
          resolve();
        };
        stream.on('readable', go).on('end', go).on('error', go);
      });
      continue;
    }
    const text = chunk.toString('utf8').replace(/^\uFEFF/, '');
    const found = /\S/.exec(text)?.[0];
    if (found === undefined) continue;
    stream.unshift(chunk);
    return found;
  }
}
