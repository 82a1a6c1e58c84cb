/** The indexes of the documentation sources, opened once, and operations found in them by name. */

import { existsSync, statSync } from 'node:fs';
import { join } from 'node:path';
import {
  type DocumentationIndex,
  type IndexFacts,
  keepFacts,
  openIndex,
  openLists,
  readFacts,
  type SourceLists,
} from '../../documentation/index/index-file.js';
import type { Operation } from '../../documentation/model/model.js';
import { action } from '../../problem/actions.js';
import { nearestHint } from '../../problem/nearest.js';
import { Problem } from '../../problem/problem.js';
import { pathInside } from '../../storage/inside.js';
import { indexFolder, parameterMetadataPath, snapshotFiles, stamped } from './snapshot.js';
import { entryOf, type SourceCatalogue, type SourceEntry } from './source-catalogue.js';

const opened = new WeakMap<SourceCatalogue, Map<string, DocumentationIndex>>();

/**
 * Makes every index ready, again where it is missing or its snapshot changed. Before anything is looked up.
 * @throws Problem document-unreadable, file-not-found
 */
export async function openDocumentation(shelf: SourceCatalogue): Promise<void> {
  for (const name of Object.keys(shelf.docs)) await openSource(shelf, name);
}

const unusable = new WeakMap<SourceCatalogue, Map<string, unknown>>();

/** The same for work that may never look at the documentation: what is wrong with a source is told when it is used. */
export async function openDocumentationLater(shelf: SourceCatalogue): Promise<void> {
  for (const name of Object.keys(shelf.docs)) {
    try {
      await openSource(shelf, name);
    } catch (error) {
      const known = unusable.get(shelf) ?? new Map<string, unknown>();
      unusable.set(shelf, known.set(name, error));
    }
  }
}

/** @throws Problem operation-not-found: there is no such source */
export async function openSource(shelf: SourceCatalogue, name: string): Promise<DocumentationIndex> {
  const cache = opened.get(shelf) ?? new Map<string, DocumentationIndex>();
  opened.set(shelf, cache);
  const known = cache.get(name);
  if (known) return known;
  const facts = await freshFacts(shelf, name);
  const bare = facts ? await openIndex(indexFolder(shelf, name), name, facts) : await remade(shelf, name);
  const index = existsSync(join(shelf.root, parameterMetadataPath(name)))
    ? await withMetadata(bare, shelf, name)
    : bare;
  cache.set(name, index);
  return index;
}

/** What lists and searches want of a source, without what describes its operations. @throws Problem as `openSource` */
export async function openSourceLists(shelf: SourceCatalogue, name: string): Promise<SourceLists> {
  const facts = await freshFacts(shelf, name);
  return facts ? openLists(indexFolder(shelf, name), facts) : remade(shelf, name);
}

const remade = async (shelf: SourceCatalogue, name: string): Promise<DocumentationIndex> =>
  (await import('./indexing.js')).remade(shelf, name, entryOf(shelf, name));

/** Undefined where the index is missing, or its snapshot changed. */
async function freshFacts(shelf: SourceCatalogue, name: string): Promise<IndexFacts | undefined> {
  const entry = entryOf(shelf, name);
  const facts = readFacts(indexFolder(shelf, name));
  return facts && (await isFresh(shelf, name, entry, facts)) ? facts : undefined;
}

/** An index whose operations have what was asked about their parameters. */
async function withMetadata(
  index: DocumentationIndex,
  shelf: SourceCatalogue,
  name: string,
): Promise<DocumentationIndex> {
  const { readParameterMetadata, withParameterMetadata } = await import('./parameter-metadata.js');
  const metadata = readParameterMetadata(shelf, name);
  return {
    ...index,
    operation(id, depth) {
      const operation = index.operation(id, depth);
      return operation && withParameterMetadata(operation, metadata);
    },
  };
}

/** The index of a source that is open. */
export function sourceIndex(shelf: SourceCatalogue, name: string): DocumentationIndex {
  const index = opened.get(shelf)?.get(name);
  if (index) return index;
  entryOf(shelf, name);
  throw unusable.get(shelf)?.get(name) ?? new Error(`the documentation ${name} was not opened`);
}

/** Size and time say so; where they do not, the content decides, since a checkout changes every time. */
async function isFresh(shelf: SourceCatalogue, name: string, entry: SourceEntry, facts: IndexFacts): Promise<boolean> {
  const paths = snapshotFiles(shelf, name, entry);
  if (paths.length !== facts.files.length) return false;
  const same = paths.every((path, index) => {
    const before = facts.files[index];
    const { size, mtimeMs } = statSync(pathInside(shelf.root, path));
    return before?.file === path && before.size === size && before.changed === mtimeMs;
  });
  if (same) return true;
  const { stampOf } = await import('./indexing.js');
  if (facts.stamp !== stampOf(shelf, paths)) return false;
  // The same content with other times, as after a checkout: looked at once, and not each time.
  keepFacts(indexFolder(shelf, name), { ...facts, files: stamped(shelf, paths) });
  return true;
}

/** The ids of all operations, each behind its source. */
function* allIds(shelf: SourceCatalogue): Generator<{ source: string; id: string }> {
  for (const source of Object.keys(shelf.docs))
    for (const { id } of sourceIndex(shelf, source).listed()) yield { source, id };
}

/**
 * An operation by `SOURCE/OPERATION`, by its name alone where only one source has it, by method and path, or by what
 * its name has behind a dot, such as the operation of a port.
 * @param depth levels of members below members; else as many as there are
 * @throws Problem operation-not-found, name-ambiguous
 */
export function findOperation(shelf: SourceCatalogue, given: string, depth?: number): Operation {
  const names = Object.keys(shelf.docs);
  const [source, ...rest] = given.split('/');
  if (source !== undefined && names.includes(source) && rest.length > 0) {
    const operation = sourceIndex(shelf, source).operation(rest.join('/'), depth);
    if (operation) return operation;
  }
  const byName = names.flatMap((name) => sourceIndex(shelf, name).operation(given, depth) ?? []);
  const byOther = byName.length > 0 ? byName : byAddress(shelf, given, depth);
  const fitting = byOther.length > 0 ? byOther : byEnd(shelf, given, depth);
  const [only] = fitting;
  if (only && fitting.length === 1) return only;
  if (only) {
    throw new Problem('name-ambiguous', {
      what: `${given} fits several operations: ${fitting.map(({ source: from, id }) => `${from}/${id}`).join(', ')}`,
      remedy: 'write one of them whole',
    });
  }
  const ids = [...allIds(shelf)].flatMap(({ id, source: from }) =>
    given.includes('/') ? [`${from}/${id}`] : [id, id.slice(id.lastIndexOf('.') + 1)],
  );
  throw new Problem('operation-not-found', {
    what: `no documentation source describes the operation ${given}`,
    remedy:
      names.length === 0
        ? action().addSource()
        : ids.length === 0
          ? `the documentation of this collection describes no operation; ${action().listSources()} shows its sources`
          : `${nearestHint(given, new Set(ids))}; ${action().findOperations()}`,
    data: { given },
  });
}

function byEnd(shelf: SourceCatalogue, given: string, depth: number | undefined): Operation[] {
  const [source = '', end] = given.includes('/') ? given.split('/') : ['', given];
  return Object.keys(shelf.docs)
    .filter((name) => source === '' || name === source)
    .flatMap((name) => {
      const index = sourceIndex(shelf, name);
      return [...index.listed()]
        .filter(({ id }) => id.endsWith(`.${end}`))
        .flatMap(({ id }) => index.operation(id, depth) ?? []);
    });
}

function byAddress(shelf: SourceCatalogue, given: string, depth: number | undefined): Operation[] {
  const [, method, path] = /^([A-Za-z]+)\s+(\S+)$/.exec(given) ?? [];
  if (method === undefined || path === undefined) return [];
  const wanted = anyParameter(path);
  const found = Object.keys(shelf.docs).flatMap((source) =>
    [...sourceIndex(shelf, source).listed()]
      .filter((one) => one.method.toLowerCase() === method.toLowerCase() && endsWith(one.path, wanted))
      .map(({ id, path: own }) => ({ source, id, before: anyParameter(own).slice(0, -wanted.length) })),
  );
  // Some pages leave out what all paths begin with; a thing of another thing is another.
  const near = [(before: string) => before === '', (before: string) => !before.includes('{'), () => true]
    .map((fits) => found.filter(({ before }) => fits(before)))
    .find((ones) => ones.length > 0);
  return (near ?? []).flatMap(({ source, id }) => sourceIndex(shelf, source).operation(id, depth) ?? []);
}

/** A field of GraphQL, which has no slash, is meant as a whole. */
const endsWith = (path: string, wanted: string): boolean =>
  wanted.startsWith('/') ? anyParameter(path).endsWith(wanted) : path === wanted;

/** A path whatever its parameters are called. */
const anyParameter = (path: string): string => path.replace(/\{[^}]*\}/g, '{}');
