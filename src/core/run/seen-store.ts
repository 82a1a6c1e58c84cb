/** What `once-by` passes over from one run to the next: by environment and trail, a line an item, written as it is handled. */
import { existsSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import * as z from 'zod/mini';
import { withFileLock } from '../storage/file-lock.js';
import { jsonLines } from '../storage/json-lines.js';
import { lineLog } from '../storage/line-log.js';
import { type SeenItem, type SeenItems, seenOn } from '../trail/seen-items.js';
import type { ValueMap } from '../value/written.js';

const itemLine = z.strictObject({
  way: z.string(),
  key: z.string(),
  cells: z.optional(z.record(z.string(), z.any())),
});

/** Of runs before any walk of this one. */
const earlier = -1;

export interface SeenStore {
  /** What earlier runs handled. */
  readonly items: SeenItems;
  add(way: string, key: string, item: SeenItem): void;
  close(): Promise<void>;
}

/** @param anew forgets what is there @throws Problem file-unreadable */
export async function seenStore(local: string, environment: string, trail: string, anew: boolean): Promise<SeenStore> {
  const path = join(local, 'handled', encodeURIComponent(environment), `${encodeURIComponent(trail)}.jsonl`);
  const items: SeenItems = new Map();
  if (anew) await withFileLock(path, () => rm(path, { force: true }));
  let place = 0;
  for await (const line of existsSync(path) ? jsonLines(path) : []) {
    const { data } = itemLine.safeParse(line);
    if (!data) continue;
    place += 1;
    seenOn(items, data.way).set(data.key, { walk: earlier, place, cells: data.cells as ValueMap | undefined });
  }
  let waiting = '';
  const log = lineLog(path, () => {
    const batch = waiting;
    waiting = '';
    return batch;
  });
  return {
    items,
    add(way, key, { cells }) {
      waiting += `${JSON.stringify({ way, key, cells })}\n`;
      log.wake();
    },
    close: () => log.close(),
  };
}
