/** Writing the index of a source, all of its files or none. */
import { writeFolderAtomically } from '../../storage/atomic-folder.js';
import { searchLines } from '../explore/search-text.js';
import type { Describer } from '../formats/format.js';
import type { Documentation, OperationEntry } from '../model/model.js';
import { lineOf } from '../reading/text-lines.js';
import { type IndexFacts, indexVersion } from './index-file.js';

export function writeIndex(
  folder: string,
  documentation: Documentation,
  { stamp, files }: Pick<IndexFacts, 'stamp' | 'files'>,
  describer: Describer,
): IndexFacts {
  const { operations, definitions, types, ...known } = documentation;
  const facts: IndexFacts = {
    index: indexVersion,
    stamp,
    files,
    ...known,
    operations: operations.length,
    types: types.size,
  };
  const places: [number, number][] = [];
  const definitionPlaces: [number, number][] = [];
  const listPlaces: number[] = [];
  const contents = {
    'operations.jsonl': placed(operations, (_, place) => places.push(place)),
    'definitions.jsonl': placed(definitions.values(), (_, place) => definitionPlaces.push(place)),
    'places.txt': placeLines(definitions.keys(), definitionPlaces),
    'types.txt': typeLines(types),
    'list.txt': listLines(operations, places, listPlaces),
    ...searchLines(operations, listPlaces, definitions, describer),
  };
  writeFolderAtomically(folder, contents, {
    name: 'facts.json',
    text: (sizes) => JSON.stringify({ ...facts, sizes }),
  });
  return facts;
}

function* placeLines(keys: Iterable<string>, places: readonly [number, number][]): Generator<string> {
  let index = 0;
  for (const key of keys) {
    yield lineOf([JSON.stringify(key), ...(places[index] as [number, number])]);
    index += 1;
  }
}

function* typeLines(types: ReadonlyMap<string, string>): Generator<string> {
  for (const [name, key] of types) yield lineOf([JSON.stringify(name), JSON.stringify(key)]);
}

/** A line for each value; `told` where it stands, in bytes. */
function* placed(values: Iterable<unknown>, told: (index: number, place: [number, number]) => void): Generator<string> {
  let at = 0;
  let index = 0;
  for (const value of values) {
    const line = JSON.stringify(value);
    const length = Buffer.byteLength(line);
    told(index, [at, length]);
    at += length + 1;
    index += 1;
    yield `${line}\n`;
  }
}

/** @param listPlaces filled with where each line begins, in bytes */
function* listLines(
  operations: readonly OperationEntry[],
  places: readonly [number, number][],
  listPlaces: number[],
): Generator<string> {
  let at = 0;
  for (const [index, { id, method, path, group, summary = '', deprecated, links }] of operations.entries()) {
    const [offset, length] = places[index] as [number, number];
    const line = lineOf([
      offset,
      length,
      id,
      method,
      path,
      group,
      summary,
      deprecated ? 'deprecated' : '',
      (links ?? []).map((link) => link.operation).join(' '),
    ]);
    listPlaces.push(at);
    at += Buffer.byteLength(line);
    yield line;
  }
}
