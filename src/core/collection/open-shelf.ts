/**
 * Opening the documentation of a collection without its manifest where that has not changed since it was read:
 * looking something up should not have to wait for YAML and its schema.
 */
import { mkdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { demandNoLinks } from '../storage/inside.js';
import { localFolder, manifestName } from './find-collection.js';
import type { Shelf } from './shelf.js';

/** What was read of the manifest, and the manifest it was read from. */
interface Remembered {
  readonly size: number;
  /** Milliseconds. */
  readonly changed: number;
  readonly docs: Shelf['docs'];
}

const memory = (root: string): string => join(root, localFolder, 'documentation', 'sources.json');

/**
 * @param root the folder of the collection
 * @param remember whether what is read of the manifest is kept for the next time
 * @throws Problem as `openCollection`
 */
export async function openShelf(root: string, { remember }: { readonly remember: boolean }): Promise<Shelf> {
  demandNoLinks(root, localFolder);
  const known = remembered(root);
  if (known) return { root, local: join(root, localFolder), docs: known };
  const { openCollection } = await import('./collection.js');
  const { local, docs } = openCollection(root);
  const shelf = { root, local, docs };
  if (remember) rememberShelf(shelf);
  return shelf;
}

function remembered(root: string): Shelf['docs'] | undefined {
  try {
    const { size, mtimeMs } = statSync(join(root, manifestName));
    const known = JSON.parse(readFileSync(memory(root), 'utf8')) as Remembered;
    return known.size === size && known.changed === mtimeMs ? known.docs : undefined;
  } catch {
    return undefined;
  }
}

/** After the manifest was read or written. Where it cannot be kept, the manifest is read the next time. */
export function rememberShelf({ root, docs }: Shelf): void {
  try {
    const { size, mtimeMs } = statSync(join(root, manifestName));
    mkdirSync(dirname(memory(root)), { recursive: true });
    writeFileSync(memory(root), JSON.stringify({ size, changed: mtimeMs, docs } satisfies Remembered));
  } catch {
    // Nothing is lost.
  }
}
