/**
 * Opening the documentation of a collection without its manifest where that has not changed since it was read:
 * looking something up should not have to wait for YAML and its schema.
 */
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { requireNoLinks } from '../../storage/inside.js';
import { localFolder, manifestName } from '../find-collection.js';
import type { SourceCatalogue } from './source-catalogue.js';

/** What was read of the manifest, and the manifest it was read from. */
interface Remembered {
  /** Its text: times of files say nothing of what several commands write. */
  readonly manifest: string;
  readonly docs: SourceCatalogue['docs'];
}

const memory = (root: string): string => join(root, localFolder, 'documentation', 'sources.json');

/**
 * @param root the folder of the collection
 * @param remember whether what is read of the manifest is kept for the next time
 * @throws Problem as `openCollection`
 */
export async function openSourceCatalogue(
  root: string,
  { remember }: { readonly remember: boolean },
): Promise<SourceCatalogue> {
  requireNoLinks(root, localFolder);
  const known = remembered(root);
  if (known) return { root, local: join(root, localFolder), docs: known };
  const manifest = manifestText(root);
  const { openCollection } = await import('../collection.js');
  const { local, docs } = openCollection(root);
  const shelf = { root, local, docs };
  if (remember && manifest !== undefined && manifest === manifestText(root)) rememberShelf(shelf, manifest);
  return shelf;
}

function remembered(root: string): SourceCatalogue['docs'] | undefined {
  try {
    const known = JSON.parse(readFileSync(memory(root), 'utf8')) as Remembered;
    return known.manifest === manifestText(root) ? known.docs : undefined;
  } catch {
    return undefined;
  }
}

/** Where it cannot be kept, the manifest is read the next time. @param manifest the text that it was read from */
function rememberShelf({ root, docs }: SourceCatalogue, manifest: string): void {
  try {
    mkdirSync(dirname(memory(root)), { recursive: true });
    writeFileSync(memory(root), JSON.stringify({ manifest, docs } satisfies Remembered));
  } catch {
    // Nothing is lost.
  }
}

function manifestText(root: string): string | undefined {
  try {
    return readFileSync(join(root, manifestName), 'utf8');
  } catch {
    return undefined;
  }
}
