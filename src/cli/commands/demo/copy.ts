/** A copy of the demo collection, its addresses those of a stand-in that runs. */
import { existsSync } from 'node:fs';
import { cp, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Problem } from '../../../core/problem/problem.js';
import type { Standin } from '../../../standin/server.js';
import { installEditorSchemas } from '../../documents/editor-schemas.js';
import { packageFolder } from '../../package-folder.js';

/** Files that name the address of the harbour. */
const naming = ['echo-trail.yaml', 'environments/sandbox.yaml'];
const anyPort = /http:\/\/127\.0\.0\.1:\d+/g;

/**
 * Makes it, or lets one that is there already find the harbour again.
 * @throws Problem file-exists: something else is there
 */
export async function copyCollection({ origin, controllers }: Standin, folder: string): Promise<void> {
  const demo = join(packageFolder(), 'demo/harbour-agent');
  if (!existsSync(folder)) {
    await cp(demo, folder, { recursive: true });
    await writeFile(join(folder, '.gitignore'), '.echo-trail/\n');
  } else if (!(await isCopy(folder, demo)))
    throw new Problem('file-exists', {
      what: `${folder} is there already, and is no copy of the demo collection`,
      remedy: 'name another folder',
    });
  for (const file of naming) {
    const path = join(folder, file);
    await writeFile(path, (await readFile(path, 'utf8')).replace(anyPort, origin));
  }
  const rows = controllers.map(({ name, host }) => `${name},${host},http://${host}\n`);
  if (rows.length > 0) await writeFile(join(folder, 'data/controllers.csv'), `name,host,origin\n${rows.join('')}`);
  await installEditorSchemas(folder);
}

/** By its manifest, whatever has become of the rest. */
async function isCopy(folder: string, demo: string): Promise<boolean> {
  const bare = async (of: string): Promise<string | undefined> =>
    existsSync(join(of, 'echo-trail.yaml'))
      ? /^name:.*$/m.exec(await readFile(join(of, 'echo-trail.yaml'), 'utf8'))?.[0]
      : undefined;
  return (await bare(folder)) === (await bare(demo)) && existsSync(join(folder, 'environments/sandbox.yaml'));
}
