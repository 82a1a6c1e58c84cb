/** The documentation sources of a collection: snapshots that are shared, indexes that are local. */
import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { basename, extname, join } from 'node:path';
import { type DocumentationIndex, type IndexFacts, readIndex, writeIndex } from '../documentation/index-file.js';
import type { Operation } from '../documentation/model.js';
import { parseDocumentation } from '../documentation/parse.js';
import { nearestHint } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { writeAtomically } from '../storage/atomic-write.js';
import { pathInside } from '../storage/inside.js';
import type { Value } from '../value/written.js';
import { type Collection, manifestName } from './collection.js';
import { rewriteKey } from './rewrite.js';

export interface DocumentationSource extends Omit<IndexFacts, 'index' | 'stamp'> {
  readonly name: string;
  readonly file: string;
  readonly source: string | undefined;
  readonly fetched: string | undefined;
}

export interface NewSource {
  readonly text: string;
  /** The file or address it came from. */
  readonly from: string;
  /** Else made from the title or the file's name. */
  readonly name?: string | undefined;
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly replace?: boolean | undefined;
}

/**
 * Keeps a snapshot in `docs/`, makes its index, and writes the manifest.
 * @throws Problem document-unreadable, document-too-large, file-exists; then nothing is written
 */
export async function addSource(
  collection: Collection,
  { text, from, name, day, replace }: NewSource,
): Promise<DocumentationSource> {
  const short = name ?? nameFrom(from);
  const { documentation, notation } = parseDocumentation(text, short, from);
  const file = `docs/${short}.${notation}`;
  const known = collection.manifest.content.docs?.[short];
  if (!replace && (known || existsSync(join(collection.root, file)))) {
    throw new Problem('file-exists', {
      what: `there is a documentation source ${short} already`,
      where: { file: known?.file ?? file },
      remedy: '--name NAME adds it beside, --replace puts it in the place of the old one',
    });
  }
  await writeAtomically(join(collection.root, file), text);
  await writeAtomically(indexPath(collection, short), writeIndex(documentation, stampOf(text)));
  const entry = { file, source: from, fetched: day };
  await rewriteKey(collection.root, manifestName, ['docs', short], entry);
  const { operations, definitions: _, ...facts } = documentation;
  return { name: short, ...entry, ...facts, operations: operations.length };
}

/** A short name from the file's or the host's. */
function nameFrom(from: string): string {
  const url = /^https?:\/\//i.test(from) ? new URL(from) : undefined;
  const file = basename(url ? url.pathname : from, extname(url ? url.pathname : from));
  const plain = (text: string): string =>
    text
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '');
  const generic = /^(?:openapi|swagger|api|schema|index|spec|docs?)?$/;
  if (!generic.test(plain(file))) return plain(file);
  return (url && !/^[\d.]+$|^localhost$/.test(url.hostname) ? plain(url.hostname) : '') || 'vendor';
}

export function sources(collection: Collection): DocumentationSource[] {
  return Object.entries(collection.manifest.content.docs ?? {}).map(([name, { file, source, fetched }]) => {
    const { index: _, stamp: __, ...facts } = sourceIndex(collection, name).facts;
    return { name, file, source, fetched, ...facts };
  });
}

const opened = new WeakMap<Collection, Map<string, DocumentationIndex>>();

/** The index of a source, made anew where it is missing or its snapshot changed. */
export function sourceIndex(collection: Collection, name: string): DocumentationIndex {
  const cache = opened.get(collection) ?? new Map<string, DocumentationIndex>();
  opened.set(collection, cache);
  const known = cache.get(name);
  if (known) return known;
  const entry = collection.manifest.content.docs?.[name];
  if (!entry) {
    const names = Object.keys(collection.manifest.content.docs ?? {});
    throw new Problem('operation-not-found', {
      what: `there is no documentation source ${name}`,
      remedy: nearestHint(name, names) ?? 'echo-trail docs add FILE|URL adds one',
    });
  }
  const text = readFileSync(pathInside(collection.root, entry.file), 'utf8');
  const stamp = stampOf(text);
  const path = indexPath(collection, name);
  const kept = existsSync(path) ? readIndex(readFileSync(path, 'utf8'), stamp) : undefined;
  const index = kept ?? remade(text, name, entry.file, stamp, path);
  cache.set(name, index);
  return index;
}

/** An index made anew, and kept for the next time; where it cannot be kept, it is made once more then. */
function remade(text: string, name: string, file: string, stamp: string, path: string): DocumentationIndex {
  const lines = writeIndex(parseDocumentation(text, name, file).documentation, stamp);
  writeAtomically(path, lines).catch(() => undefined);
  return readIndex(lines, stamp) as DocumentationIndex;
}

const indexPath = (collection: Collection, name: string): string =>
  join(collection.local, 'documentation', `${name}.jsonl`);

const stampOf = (text: string): string => createHash('sha256').update(text).digest('base64url').slice(0, 22);

export function* allOperations(collection: Collection): Generator<Operation> {
  for (const name of Object.keys(collection.manifest.content.docs ?? {}))
    yield* sourceIndex(collection, name).operations();
}

/**
 * An operation by `SOURCE/OPERATION`, by its name alone where only one source has it, or by method and path.
 * @throws Problem operation-not-found, name-ambiguous
 */
export function findOperation(collection: Collection, given: string): Operation {
  const names = Object.keys(collection.manifest.content.docs ?? {});
  const [source, ...rest] = given.split('/');
  if (source !== undefined && names.includes(source) && rest.length > 0) {
    const operation = sourceIndex(collection, source).operation(rest.join('/'));
    if (operation) return operation;
  }
  const byName = names.flatMap((name) => sourceIndex(collection, name).operation(given) ?? []);
  const fitting = byName.length > 0 ? byName : byAddress(collection, given);
  const [only] = fitting;
  if (only && fitting.length === 1) return only;
  if (only) {
    throw new Problem('name-ambiguous', {
      what: `${given} fits several operations: ${fitting.map(({ source: from, id }) => `${from}/${id}`).join(', ')}`,
      remedy: 'name the source too',
    });
  }
  const ids = [...allOperations(collection)].flatMap(({ id, source: from }) =>
    given.includes('/') ? [`${from}/${id}`] : [id],
  );
  throw new Problem('operation-not-found', {
    what: `no documentation source describes the operation ${given}`,
    remedy:
      names.length === 0
        ? 'echo-trail docs add FILE|URL adds a source'
        : `${nearestHint(given, ids)}; echo-trail docs find WORDS searches`,
    data: { given },
  });
}

function byAddress(collection: Collection, given: string): Operation[] {
  const found = /^([A-Z]+)\s+(\/\S*)$/.exec(given);
  if (!found) return [];
  return [...allOperations(collection)].filter(({ method, path }) => method === found[1] && path === found[2]);
}

/** The documented JSON Schema of an answer, with its definitions beside it; undefined where none is documented. */
export function documentedSchema(collection: Collection, operation: Operation, status: number): object | undefined {
  const answers = new Map(operation.answers.map((answer) => [answer.status.toUpperCase(), answer]));
  const answer = answers.get(String(status)) ?? answers.get(`${Math.floor(status / 100)}XX`) ?? answers.get('DEFAULT');
  const schema = answer?.content?.schema;
  if (typeof schema !== 'object' || schema === null) return undefined;
  const key = `${operation.source} ${operation.id} ${answer?.status}`;
  const cache = schemas.get(collection) ?? new Map<string, object>();
  schemas.set(collection, cache);
  const known = cache.get(key);
  if (known) return known;
  const made = { ...schema, components: { schemas: sourceIndex(collection, operation.source).definitions() as Value } };
  cache.set(key, made);
  return made;
}

const schemas = new WeakMap<Collection, Map<string, object>>();
