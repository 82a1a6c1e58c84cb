/** Adding documentation sources to a collection: snapshots that are shared, indexes that are local. */

import { existsSync } from 'node:fs';
import { basename, extname, join } from 'node:path';
import type { IndexFacts } from '../../documentation/index/index-file.js';
import { type Documents, type Part, partName } from '../../documentation/reading/documents.js';
import { readDocumentation } from '../../documentation/reading/read.js';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';
import { beginCommits, type StagedFile, stageFile } from '../../storage/atomic-write.js';
import { placeInside } from '../../storage/inside.js';
import { ownMember } from '../../value/own-member.js';
import { manifestName } from '../find-collection.js';
import { stageKey } from '../rewrite.js';
import { keptIndex, overlaid, stampFor } from './indexing.js';
import type { SourceCatalogue, SourceEntry } from './source-catalogue.js';
import { type DocumentationSource, sourceOf } from './source-facts.js';

export interface NewSource {
  readonly documents: Documents;
  /** The file or address it came from; `-` for standard input. */
  readonly from: string;
  /** Else made from the title or the file's name. */
  readonly name?: string | undefined;
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly replace?: boolean | undefined;
  /** The session that it was fetched with. */
  readonly session?: string | undefined;
}

/**
 * Keeps a snapshot in `docs/`, makes its index, and writes the manifest.
 * @throws Problem document-unreadable, document-too-large, file-exists; then nothing is written
 */
export async function addSource(
  shelf: SourceCatalogue,
  { documents, from, name, day, replace, session }: NewSource,
): Promise<DocumentationSource> {
  const short = name ?? nameFrom(from);
  requireName(short);
  const { main, parts } = documents;
  const folder = `docs/${short}`;
  const file = parts.size > 1 ? `${folder}/${short}.${extension(main)}` : `${folder}.${extension(main)}`;
  const known = ownMember(shelf.docs, short);
  if (!replace && (known || existsSync(join(shelf.root, file)))) {
    throw new Problem('file-exists', {
      what: `there is a documentation source ${short} already`,
      where: { file: known?.file ?? file },
      remedy: action().addOrReplaceSource(),
    });
  }
  const files = new Map<string, Uint8Array>([[file, main.bytes]]);
  const others: Record<string, string> = {};
  for (const part of parts.values()) {
    if (part === main) continue;
    const called = partName(part.uri, main.uri);
    const path = uniquePath(`${folder}/${safePath(called)}`, files);
    files.set(path, part.bytes);
    others[called] = path;
  }
  const entry: SourceEntry = {
    file,
    ...(from !== '-' && { source: from }),
    fetched: day,
    ...(session !== undefined && { session }),
    ...(parts.size > 1 && { parts: others }),
    ...(known?.asked && { asked: known.asked }),
  };
  const facts = await keptAndIndexed(shelf, short, documents, entry, files);
  return sourceOf(short, entry, facts);
}

/** The disk takes snapshot and manifest while the documentation is read and indexed; one that cannot be read leaves nothing. */
async function keptAndIndexed(
  shelf: SourceCatalogue,
  name: string,
  documents: Documents,
  entry: SourceEntry,
  files: ReadonlyMap<string, Uint8Array>,
): Promise<IndexFacts> {
  const staged = new Map<string, StagedFile>();
  let manifest: Awaited<ReturnType<typeof stageKey>> | undefined;
  try {
    manifest = await stageKey(shelf.root, manifestName, ['docs', name], entry);
    for (const [path, bytes] of files) staged.set(path, await stageFile(placeInside(shelf.root, path), bytes));
    const documentation = await readDocumentation(await overlaid(documents, shelf, name), name);
    const stamp = stampFor(shelf, name, entry, staged);
    const inPlace = await beginCommits(staged.values());
    const facts = await keptIndex(shelf, name, documentation, documents.main, stamp);
    await inPlace();
    await manifest.commit();
    return facts;
  } catch (error) {
    for (const file of staged.values()) await file.discard();
    await manifest?.discard();
    throw error;
  }
}

/** A name that may stand in a path, and before the slash of an operation. @throws Problem usage */
function requireName(name: string): void {
  if (/^[\p{L}\p{N}][\p{L}\p{N}._-]*$/u.test(name)) return;
  throw new Problem('usage', {
    what: `${JSON.stringify(name)} cannot be the name of a source`,
    remedy: 'letters, digits, dots, dashes and underscores',
  });
}

const extension = ({ notation, uri }: Part): string => {
  const own = extname(new URL(uri).pathname).slice(1).toLowerCase();
  return {
    json: 'json',
    yaml: 'yaml',
    graphql: 'graphql',
    html: 'html',
    markdown: 'md',
    xml: own === 'xsd' ? 'xsd' : 'wsdl',
  }[notation];
};

/** A path below the source's folder for a part, wherever it came from. */
function safePath(name: string): string {
  return name
    .replace(/^[a-z]+:\/+/i, '')
    .split(/[/\\?#&]+/)
    .map((part) => part.replace(/[^\p{L}\p{N}._-]+/gu, '-'))
    .filter((part) => part !== '' && !/^\.+$/.test(part))
    .join('/');
}

function uniquePath(path: string, taken: ReadonlyMap<string, unknown>): string {
  let free = path;
  for (let count = 2; taken.has(free); count += 1) free = path.replace(/(\.[^./]*)?$/, `-${count}$1`);
  return free;
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
  const generic = /^(?:openapi|swagger|api|schema|index|spec|docs?|graphql|wsdl|service)?$/;
  if (!generic.test(plain(file))) return plain(file);
  return (url && !/^[\d.]+$|^localhost$/.test(url.hostname) ? plain(url.hostname) : '') || 'vendor';
}
