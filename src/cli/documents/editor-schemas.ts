/** The JSON Schemas for completion in editors, laid where the schema lines of a collection's files point. */
import { cp, mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { packageFolder } from '../package-folder.js';

export const editorSchemas = '.echo-trail/schemas';

/** Copies what the package ships; nothing happens where it ships none. */
export async function installEditorSchemas(collection: string): Promise<void> {
  const target = join(collection, editorSchemas);
  await mkdir(target, { recursive: true });
  await cp(join(packageFolder(), 'schemas'), target, {
    recursive: true,
    filter: (path) => !/[/\\]output(?:[/\\]|$)/.test(path),
  });
}
