/** How far the clocks of servers are from this one, by the `Date` of their responses (RFC 9110, section 6.6.1). */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod/mini';
import type { Received } from '../exchange/response/received.js';
import { headerValue } from '../place/observed.js';
import { openFile, shared } from '../storage/shared-file.js';

/** `Date` has whole seconds: less than this is no difference. Milliseconds. */
const leastDifference = 2000;

const clocksFile = z.record(z.string(), z.number());

export interface Clocks {
  /** How many milliseconds the server is ahead of us; 0 where nothing is known. */
  ahead(host: string): number;
  /** Told of each response. @param sentAt when the request left, in milliseconds since 1970 */
  heard(host: string, received: Received, sentAt: number): void;
  /** Keeps for the next command what was measured. */
  close(): Promise<void>;
}

/** @param local the collection's local state */
export function serverClocks(local: string): Clocks {
  const path = join(local, 'clocks.json');
  const known = new Map(Object.entries(readClocks(path)));
  const changed = new Map<string, number>();
  // The same text for a second: a run of thousands reads it once.
  let [lastText, lastDate] = ['', Number.NaN];
  return {
    ahead: (host) => known.get(host) ?? 0,
    heard(host, received, sentAt) {
      const text = headerValue(received.headers, 'date') ?? '';
      if (text !== lastText) [lastText, lastDate] = [text, Date.parse(text)];
      const date = lastDate;
      if (Number.isNaN(date)) return;
      const respondedAt = sentAt + received.parts.phases.total - received.parts.phases.receiving;
      // The second that the server names had begun: half of it on the average has passed.
      const difference = Math.round(date + 500 - (sentAt + respondedAt) / 2);
      const own = Math.abs(difference) < leastDifference ? 0 : difference;
      if (Math.abs(own - (known.get(host) ?? 0)) < leastDifference) return;
      known.set(host, own);
      changed.set(host, own);
    },
    async close() {
      if (changed.size === 0) return;
      const file = openFile(path, clocksFile.parse, {});
      await shared(file).change((before) => ({ ...before, ...Object.fromEntries(changed) }));
    },
  };
}

/** A file that cannot be read is measured again. */
function readClocks(path: string): Record<string, number> {
  if (!existsSync(path)) return {};
  try {
    return clocksFile.parse(JSON.parse(readFileSync(path, 'utf8')));
  } catch {
    return {};
  }
}
