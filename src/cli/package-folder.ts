/** Where the package lies: its schemas and its demo collection are beside the built program. */
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export function packageFolder(): string {
  let folder = dirname(fileURLToPath(import.meta.url));
  while (!existsSync(join(folder, 'package.json')) && dirname(folder) !== folder) folder = dirname(folder);
  return folder;
}
