/** The environment that somebody has chosen on this machine: a line of the local state, which nobody shares. */
import { readFileSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import { writeAtomically } from '../storage/atomic-write.js';

const fileName = 'environment';

/** @param local the folder of the local state */
export function chosenEnvironment(local: string): string | undefined {
  try {
    return readFileSync(join(local, fileName), 'utf8').trim() || undefined;
  } catch {
    return undefined;
  }
}

/** @param name undefined for that of the manifest */
export const chooseEnvironment = (local: string, name: string | undefined): Promise<void> =>
  name === undefined ? rm(join(local, fileName), { force: true }) : writeAtomically(join(local, fileName), `${name}\n`);
