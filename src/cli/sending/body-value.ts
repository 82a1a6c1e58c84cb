/** The body of a response as data, whatever its format: for tables and outlines. */
import { Readable } from 'node:stream';
import type { Received } from '../../core/exchange/response/received.js';
import { readPlace } from '../../core/place/registry.js';
import { csv } from '../../core/trail/rows/csv.js';
import type { Value } from '../../core/value/written.js';

/** JSON, JSON lines, XML as maps and lists of its elements, CSV as its rows. @throws Problem where it is none of them */
export async function bodyValue(received: Received): Promise<Value> {
  if (received.claimsJson) return received.json();
  if (/[/+]xml$/.test(received.mediaType)) {
    const loads: Promise<unknown>[] = [];
    const root = readPlace('/', loads);
    await Promise.all(loads);
    return root.data?.(received)?.[0] ?? null;
  }
  if (!/^(?:text|application)\/csv$/.test(received.mediaType)) return received.json();
  const rows: Value[] = [];
  for await (const row of csv.read(Readable.from([Buffer.from(received.text)]), 'the response')) rows.push(row);
  return rows;
}
