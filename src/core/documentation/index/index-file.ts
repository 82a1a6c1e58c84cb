/**
 * The index of one documentation source, so that a document is read once: a folder of
 *
 *     facts.json          what the source is, and from which files it was made
 *     operations.jsonl    a line an operation
 *     definitions.jsonl   a line a definition
 *     places.txt          where each definition stands
 *     types.txt           the names of the types, each with the key of its definition
 *     list.txt            a line an operation: what a list shows, and where the operation stands
 *     find.txt            a line an operation, in the same order: what a search scans; more of it in `said.txt`,
 *                         `shared.txt` and `shared-said.txt`
 */
import { closeSync, fstatSync, openSync, readFileSync, readSync, renameSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Problem } from '../../problem/problem.js';
import type { Sizes } from '../../storage/atomic-folder.js';
import type { Value } from '../../value/written.js';
import type { Describer } from '../formats/format.js';
import type { Definitions, Operation, OperationEntry, Server, TypeDescription, Warning } from '../model/model.js';
import { shallowOperation } from '../model/shallow.js';
import { cellOf, fromBytes, TextLines, toBytes } from '../reading/text-lines.js';

/** Raised when what the index holds changes, so that an older one is made again. */
export const indexVersion = 13;

/** A file of the snapshot; size and time say whether it has to be looked at again. */
export interface StampedFile {
  readonly file: string;
  readonly size: number;
  /** Milliseconds. */
  readonly changed: number;
}

export interface IndexFacts {
  readonly index: number;
  /** Of the content of all files. */
  readonly stamp: string;
  readonly files: readonly StampedFile[];
  readonly format: string;
  readonly version: string;
  readonly title: string;
  readonly servers: readonly Server[];
  /** Addresses at which tokens are obtained and refreshed. */
  readonly tokenAddresses?: readonly string[] | undefined;
  /** Names of its security schemes, which are among the definitions. */
  readonly schemes?: readonly string[] | undefined;
  readonly operations: number;
  readonly types: number;
  readonly webhooks: readonly string[];
  readonly warnings: readonly Warning[];
  /** Of the other files of the index, as it is on the disk. */
  readonly sizes?: Sizes | undefined;
}

/** What a list shows of an operation, read from the text that searches scan. */
export interface ListedOperation {
  readonly id: string;
  readonly method: string;
  readonly path: string;
  readonly group: string;
  readonly summary: string;
  readonly deprecated: boolean;
  /** Ids of the operations that its response feeds, as the documentation says. */
  readonly feeds: readonly string[];
}

/** What lists and searches want of a source: nothing of it is described. */
export interface SourceLists {
  readonly facts: IndexFacts;
  /** In the order of the document. */
  listed(): Iterable<ListedOperation>;
  /** What is listed of the operations whose lines begin at these bytes. */
  listedAt(places: readonly number[]): ListedOperation[];
  /** Those whose line in the list has a word, in any case. */
  listedWith(word: string): Iterable<ListedOperation>;
  /** Those whose responses feed an operation, as the documentation says. */
  feeding(id: string): Iterable<ListedOperation>;
  /** What a search scans, one of the files of `search-text.ts`. */
  searched(file: 'find' | 'said' | 'shared' | 'shared-said'): TextLines;
}

export interface DocumentationIndex extends SourceLists {
  readonly definitions: Definitions;
  operations(): Iterable<Operation>;
  /** @param depth levels of members below members; else as many as there are */
  operation(id: string, depth?: number): Operation | undefined;
  /** What the index keeps of it, for drafts. */
  entry(id: string): OperationEntry | undefined;
  types(): readonly string[];
  type(name: string): TypeDescription | undefined;
}

/** So many operations are kept as they were described: many requests of a collection are of the same few. */
const mostDescribed = 200;

/** The columns of a line of `list.txt`. */
const listColumns = {
  offset: 0,
  length: 1,
  id: 2,
  method: 3,
  path: 4,
  group: 5,
  summary: 6,
  deprecated: 7,
  feeds: 8,
} as const;

/** Undefined where there is none, one of another version, or one that was cut short. */
export function readFacts(folder: string): IndexFacts | undefined {
  try {
    const facts = JSON.parse(readFileSync(join(folder, 'facts.json'), 'utf8')) as IndexFacts;
    const whole = Object.entries(facts.sizes ?? {}).every(([file, size]) => statSync(join(folder, file)).size === size);
    return facts.index === indexVersion && whole ? facts : undefined;
  } catch {
    return undefined;
  }
}

/** Writes the facts again; where that cannot be, they are looked at again the next time. */
export function keepFacts(folder: string, facts: IndexFacts): void {
  const path = join(folder, 'facts.json');
  try {
    writeFileSync(`${path}.part`, JSON.stringify(facts));
    renameSync(`${path}.part`, path);
  } catch {
    // Nothing is lost.
  }
}

/** The files of an index, each read once. */
type Lines = (file: string) => TextLines;

function linesOf(folder: string): Lines {
  const files = new Map<string, TextLines>();
  return (file) => {
    const known = files.get(file) ?? TextLines.read(join(folder, file));
    files.set(file, known);
    return known;
  };
}

export function openLists(folder: string, facts: IndexFacts, lines: Lines = linesOf(folder)): SourceLists {
  const list = (): TextLines => lines('list.txt');
  return {
    facts,
    listedAt: (places) => linesAt(join(folder, 'list.txt'), places).map(listedIn),
    *listed() {
      for (const line of list()) yield listedIn(line);
    },
    *listedWith(word) {
      for (const line of list().having(word)) yield listedIn(line);
    },
    *feeding(id) {
      for (const line of list().holding(id)) {
        const listed = listedIn(line);
        if (listed.feeds.includes(id)) yield listed;
      }
    },
    searched: (file) => lines(`${file}.txt`),
  };
}

/** @param source the name of the source, as it stands before the ids of its operations */
export async function openIndex(folder: string, source: string, facts: IndexFacts): Promise<DocumentationIndex> {
  const { describe, describeType } = await describerOf(facts.format);
  const lines = linesOf(folder);
  const read = new Map<string, Value | undefined>();
  const described = new Map<string, Operation>();
  const definitions: Definitions = {
    get(key) {
      if (read.has(key)) return read.get(key);
      const line = lines('places.txt').lineOf(keyCell(key));
      const [, offset, length] = (line ?? '').split('\t').map(Number);
      const value =
        offset === undefined || length === undefined
          ? undefined
          : (readLine(folder, textAt(join(folder, 'definitions.jsonl'), [offset, length])) as Value);
      read.set(key, value);
      return value;
    },
  };
  const index: DocumentationIndex = {
    ...openLists(folder, facts, lines),
    definitions,
    *operations() {
      const text = readFileSync(join(folder, 'operations.jsonl'), 'utf8');
      for (const line of text.split('\n'))
        if (line !== '') yield describe(readLine(folder, line) as OperationEntry, source, definitions);
    },
    operation(id, depth) {
      const known = depth === undefined ? described.get(id) : undefined;
      if (known) return known;
      const entry = index.entry(id);
      if (!entry) return undefined;
      if (depth === undefined) {
        const whole = describe(entry, source, definitions);
        if (described.size >= mostDescribed) described.clear();
        described.set(id, whole);
        return whole;
      }
      return shallowOperation(describe(entry, source, definitions, depth), depth);
    },
    entry(id) {
      const line = lineOfId(lines('list.txt'), id);
      if (line === undefined) return undefined;
      const place: [number, number] = [
        Number(cellOf(line, listColumns.offset)),
        Number(cellOf(line, listColumns.length)),
      ];
      return readLine(folder, textAt(join(folder, 'operations.jsonl'), place)) as OperationEntry;
    },
    types: () => [...lines('types.txt')].map((line) => readLine(folder, fromBytes(cellOf(line, 0))) as string),
    type(name) {
      const line = lines('types.txt').lineOf(keyCell(name));
      const key = line === undefined ? undefined : (readLine(folder, fromBytes(cellOf(line, 1))) as string);
      return key === undefined ? undefined : describeType(name, key, definitions);
    },
  };
  return index;
}

/** @throws Problem document-unreadable: what is there is not what was written */
function readLine(folder: string, text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new Problem('document-unreadable', {
      what: `the index in ${folder} is broken`,
      cause: (error as Error).message,
      remedy: 'remove the folder: the next command rebuilds the index from the snapshot',
    });
  }
}

async function describerOf(format: string): Promise<Describer> {
  const { formatNamed } = await import('../formats/registry.js');
  const found = formatNamed(format);
  if (!found) throw new Error(`the index is of an unknown format ${format}`);
  return found.describer();
}

/** A key as a cell of `places.txt` and `types.txt`: JSON, whatever is in it. */
const keyCell = (key: string): string => toBytes(JSON.stringify(key));

function listedIn(line: string): ListedOperation {
  const cells = fromBytes(line).split('\t');
  const cell = (at: number): string => cells[at] ?? '';
  const feeds = cell(listColumns.feeds);
  return {
    id: cell(listColumns.id),
    method: cell(listColumns.method),
    path: cell(listColumns.path),
    group: cell(listColumns.group),
    summary: cell(listColumns.summary),
    deprecated: cell(listColumns.deprecated) !== '',
    // Most feed none.
    feeds: feeds === '' ? [] : feeds.split(' ').filter((id) => id !== ''),
  };
}

function lineOfId(list: TextLines, id: string): string | undefined {
  const bytes = toBytes(id);
  for (const line of list.holding(`\t${id}\t`)) if (cellOf(line, listColumns.id) === bytes) return line;
  return undefined;
}

/** Bytes that most lines of a list fit in. */
const usualLine = 1024;

/** Lines that begin at bytes, as bytes, without their ends. */
function linesAt(path: string, places: readonly number[]): string[] {
  if (places.length === 0) return [];
  const file = openSync(path, 'r');
  try {
    let bytes = Buffer.alloc(usualLine);
    return places.map((place) => {
      for (;;) {
        const read = readSync(file, bytes, 0, bytes.length, place);
        const end = bytes.subarray(0, read).indexOf(10);
        if (end !== -1 || read < bytes.length) return bytes.toString('latin1', 0, end === -1 ? read : end);
        bytes = Buffer.alloc(bytes.length * 4);
      }
    });
  } finally {
    closeSync(file);
  }
}

function textAt(path: string, [offset, length]: readonly [number, number]): string {
  const file = openSync(path, 'r');
  try {
    const bytes = Buffer.alloc(Math.min(length, fstatSync(file).size));
    readSync(file, bytes, 0, bytes.length, offset);
    return bytes.toString('utf8');
  } finally {
    closeSync(file);
  }
}
