/** Responses by their status, as tables and sentences tell of them. */
import type { Table } from './notation/blocks.js';

/** A status and what is said of it. */
export type Status = readonly [status: string, description: string];

export function statusesIn({ head, rows }: Table): readonly Status[] {
  const at = head.findIndex((cell) => /\b(?:status|code|http)\b/i.test(cell));
  if (at === -1) return [];
  return rows.flatMap((row): Status[] => {
    const status = /\b([1-5]\d\d)\b/.exec(row[at] ?? '')?.[1];
    return status === undefined ? [] : [[status, row.filter((_, index) => index !== at).join(' ')]];
  });
}

/** `404 when there is no such light, 409 (it is being repaired)`. */
export function statusesSaid(text: string): readonly Status[] {
  if (!/\b(?:status|code|errors?|returns?|responds?|responses?|answers?|fails?|http)\b/i.test(text)) return [];
  const said =
    /\b([2-5]\d\d)\b`?(?:\s+(?:[A-Z][a-z]+\s?){0,3})?\s*(?:\(([^)]+)\)|(?:when|if|where|for|means|:|–|—|-|=)\s+([^,;.]+))/g;
  return [...text.matchAll(said)].map(([, status = '', within, behind]) => [
    status,
    (within ?? behind ?? '').replace(/\s+and$/, '').trim(),
  ]);
}
