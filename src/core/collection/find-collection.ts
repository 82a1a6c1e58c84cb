/** Where a collection is. */

import { existsSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { action } from '../problem/actions.js';
import { Problem } from '../problem/problem.js';

export const manifestName = 'echo-trail.yaml';

/** The local state, never in version control. */
export const localFolder = '.echo-trail';

/** The nearest folder upward that holds a manifest. @throws Problem collection-not-found */
export function findCollection(from: string): string {
  for (let folder = resolve(from); ; folder = dirname(folder)) {
    if (existsSync(join(folder, manifestName))) return folder;
    if (dirname(folder) === folder) break;
  }
  throw new Problem('collection-not-found', {
    what: `no collection here: neither ${resolve(from)} nor a folder above it holds ${manifestName}`,
    remedy: action().makeCollection(),
  });
}
