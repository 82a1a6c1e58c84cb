/** Where the files of a source stand: its snapshot, which is shared, and its index, which is local. */
import { existsSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type { StampedFile } from '../../documentation/index/index-file.js';
import type { SourceCatalogue, SourceEntry } from './source-catalogue.js';

/** The files of a snapshot: the first, its parts, and the notes beside it. */
export function snapshotFiles(shelf: SourceCatalogue, name: string, { file, parts }: SourceEntry): string[] {
  const overlay = overlayFile(name);
  return [file, ...Object.values(parts ?? {}), ...(existsSync(join(shelf.root, overlay)) ? [overlay] : [])];
}

/** What the API itself said, beside the snapshot. */
export const parameterMetadataPath = (source: string): string => `docs/${source}.asked.json`;

export const overlayFile = (name: string): string => `docs/${name}.overlay.yaml`;

/** What tells whether they changed, without reading them. @param at where a file is now */
export const stamped = (
  { root }: SourceCatalogue,
  paths: readonly string[],
  at: (file: string) => string = (file) => join(root, file),
): StampedFile[] =>
  paths.map((file) => {
    const { size, mtimeMs } = statSync(at(file));
    return { file, size, changed: mtimeMs };
  });

/** Where an index had to be kept outside its collection. */
export const elsewhere = new Map<string, string>();

export const indexFolder = (shelf: SourceCatalogue, name: string): string =>
  elsewhere.get(`${shelf.root} ${name}`) ?? join(shelf.local, 'documentation', name);
