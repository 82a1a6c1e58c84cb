/** Letting the oldest records of exchanges go. */
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import { filesIn } from '../storage/files-in.js';
import { recordedRuns } from './read.js';

export interface Retention {
  readonly runs: number;
  /** Bytes. */
  readonly size: number;
  /** Milliseconds since the epoch: what ended before is deleted. */
  readonly since?: number;
  /** Whether the exchanges of a run stay, whatever the limits say; asked only where something is to go. */
  readonly stays?: (run: string) => boolean;
  /** Only counts. */
  readonly dry?: boolean;
}

/** Lets the oldest go until the rest is within both limits. @returns how many went */
export async function retain(local: string, { runs, size, since = 0, stays, dry }: Retention): Promise<number> {
  let total = 0;
  let gone = 0;
  for (const [index, { run, path, size: own, at }] of recordedRuns(local).entries()) {
    const bodies = join(local, 'echoes', 'bodies', run);
    total += own + sizeOf(bodies);
    // The last one stays unless nothing is to be kept: somebody may be looking at it.
    const fits = index < runs && (total <= size || index === 0);
    if ((fits && at >= since) || stays?.(run)) continue;
    gone += 1;
    if (dry) continue;
    await rm(path, { force: true });
    await rm(bodies, { recursive: true, force: true });
  }
  return gone;
}

/** Bytes of the files in a folder. */
const sizeOf = (folder: string): number => filesIn(folder).reduce((sum, { size }) => sum + size, 0);
