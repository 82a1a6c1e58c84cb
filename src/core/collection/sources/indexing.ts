/** Reading the snapshot of a source, and making its index. */
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';
import { crc32 } from 'node:zlib';
import { type DocumentationIndex, type IndexFacts, openIndex } from '../../documentation/index/index-file.js';
import { writeIndex } from '../../documentation/index/write-index.js';
import type { Documentation } from '../../documentation/model/model.js';
import { type Documents, mainAddress, type Part, readPart } from '../../documentation/reading/documents.js';
import { formatOf, readDocumentation } from '../../documentation/reading/read.js';
import type { StagedFile } from '../../storage/atomic-write.js';
import { pathInside } from '../../storage/inside.js';
import { elsewhere, indexFolder, overlayFile, snapshotFiles, stamped } from './snapshot.js';
import { entryOf, type SourceCatalogue, type SourceEntry } from './source-catalogue.js';

/**
 * Tells whether the content of any file changed: a checksum, which takes a tenth of the time of a digest.
 * @param staged files that are not in their place yet
 */
export function stampOf(
  shelf: SourceCatalogue,
  paths: readonly string[],
  staged: ReadonlyMap<string, StagedFile> = new Map(),
): string {
  let sum = 0;
  for (const path of paths) sum = crc32(staged.get(path)?.bytes ?? read(shelf, path), crc32(path, sum));
  return sum.toString(16);
}

const read = ({ root }: SourceCatalogue, path: string): Uint8Array => readFileSync(pathInside(root, path));

/** From the snapshot, again. @throws Problem document-unreadable, file-not-found */
export async function remade(shelf: SourceCatalogue, name: string, entry: SourceEntry): Promise<DocumentationIndex> {
  const documents = await readSnapshot(shelf, entry);
  const documentation = await readDocumentation(await overlaid(documents, shelf, name), name);
  const facts = await keptIndex(shelf, name, documentation, documents.main, stampFor(shelf, name, entry));
  return openIndex(indexFolder(shelf, name), name, facts);
}

const snapshots = new WeakMap<SourceCatalogue, Map<string, Documents>>();

/** The documents of a source, with the notes beside them; read once. */
export async function readSource(shelf: SourceCatalogue, name: string): Promise<Documents> {
  const cache = snapshots.get(shelf) ?? new Map<string, Documents>();
  snapshots.set(shelf, cache);
  const known = cache.get(name);
  if (known) return known;
  const documents = await readSnapshot(shelf, entryOf(shelf, name));
  cache.set(name, documents);
  return documents;
}

/** The documents of a source as they were fetched. @throws Problem file-not-found, document-unreadable */
async function readSnapshot(shelf: SourceCatalogue, { file, source, parts = {} }: SourceEntry): Promise<Documents> {
  const uri = mainAddress(source ?? file);
  const main = await readPart(uri, file, read(shelf, file));
  const all = new Map<string, Part>([[uri, main]]);
  for (const [called, path] of Object.entries(parts)) {
    const address = new URL(called, uri).href;
    all.set(address, await readPart(address, path, read(shelf, path)));
  }
  return { main, parts: all };
}

export async function overlaid(documents: Documents, shelf: SourceCatalogue, name: string): Promise<Documents> {
  const file = overlayFile(name);
  if (!existsSync(join(shelf.root, file))) return documents;
  const { withOverlay } = await import('../../documentation/reading/overlay.js');
  return withOverlay(documents, readFileSync(pathInside(shelf.root, file), 'utf8'), file);
}

/** What was fetched again, indexed beside the snapshot and not in its place; `discard` lets it go. */
export async function readFresh(
  shelf: SourceCatalogue,
  name: string,
  documents: Documents,
): Promise<DocumentationIndex & { discard(): void }> {
  const folder = mkdtempSync(join(tmpdir(), 'echo-trail-fresh-'));
  const discard = (): void => rmSync(folder, { recursive: true, force: true });
  try {
    const documentation = await readDocumentation(await overlaid(documents, shelf, name), name);
    const inner = join(folder, 'index');
    const describer = await formatOf(documents.main).describer();
    const facts = writeIndex(inner, documentation, { stamp: '', files: [] }, describer);
    return { ...(await openIndex(inner, name, facts)), discard };
  } catch (error) {
    discard();
    throw error;
  }
}

type Stamp = Pick<IndexFacts, 'files' | 'stamp'>;

/** @param staged files of the snapshot that are not in their place yet */
export function stampFor(
  shelf: SourceCatalogue,
  name: string,
  entry: SourceEntry,
  staged: ReadonlyMap<string, StagedFile> = new Map(),
): Stamp {
  const paths = snapshotFiles(shelf, name, entry);
  const at = (file: string): string => staged.get(file)?.path ?? pathInside(shelf.root, file);
  return { files: stamped(shelf, paths, at), stamp: stampOf(shelf, paths, staged) };
}

/** Writes the index; where the collection cannot be written to, beside other temporary files. */
export async function keptIndex(
  shelf: SourceCatalogue,
  name: string,
  documentation: Documentation,
  main: Part,
  stamp: Stamp,
): Promise<IndexFacts> {
  const describer = await formatOf(main).describer();
  try {
    return writeIndex(indexFolder(shelf, name), documentation, stamp, describer);
  } catch {
    const folder = join(tmpdir(), `echo-trail-${userInfo().username}-${stamp.stamp}`);
    elsewhere.set(`${shelf.root} ${name}`, folder);
    return writeIndex(folder, documentation, stamp, describer);
  }
}
