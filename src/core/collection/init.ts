/** A new collection folder. */

import { existsSync } from 'node:fs';
import { basename, join, resolve } from 'node:path';
import { action } from '../problem/actions.js';
import { Problem } from '../problem/problem.js';
import { writeAtomically } from '../storage/atomic-write.js';
import { environmentText } from './environment-text.js';
import { manifestName } from './find-collection.js';

const sandbox = 'environments/sandbox.yaml';

export interface NewCollection {
  readonly folder: string;
  readonly origin: string;
}

/** The files written, from the folder. @throws Problem file-exists; then nothing is written */
export async function initCollection({ folder, origin }: NewCollection): Promise<readonly string[]> {
  const root = resolve(folder);
  const files: Record<string, string> = {
    [manifestName]: `# yaml-language-server: $schema=.echo-trail/schemas/manifest.json
name: ${JSON.stringify(basename(root))}
environment: sandbox                # used where no other is named
variables: {}
`,
    [sandbox]: environmentText({ file: sandbox, origin, about: "The vendor's sandbox", changes: 'allow' }),
    '.gitignore': '# secrets, open sessions, echoes and indexes stay on this machine\n.echo-trail/\n',
  };
  const taken = [manifestName, sandbox].filter((file) => existsSync(join(root, file)));
  if (taken.length > 0) {
    throw new Problem('file-exists', {
      what: `there is a collection already in ${root}`,
      where: { file: join(folder, taken[0] as string) },
      remedy: action().makeCollectionElsewhere(),
    });
  }
  // A .gitignore that somebody wrote is theirs; the missing line is theirs to add.
  if (existsSync(join(root, '.gitignore'))) delete files['.gitignore'];
  for (const [file, text] of Object.entries(files)) await writeAtomically(join(root, file), text);
  return Object.keys(files);
}
