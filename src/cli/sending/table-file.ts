/** A table in a file. */
import { extname } from 'node:path';
import { writeJson } from '../../core/value/json-text.js';
import { cellIn, cellText } from '../../core/value/rows.js';
import type { Value } from '../../core/value/written.js';
import type { TableContent } from '../view/answer.js';

/** The whole table: CSV (RFC 4180), or JSON where the name ends so. */
export async function tableFile({ items, head, paths }: TableContent, to: string): Promise<string> {
  if (extname(to).toLowerCase() === '.json') {
    const rows = items.map((item) =>
      Object.fromEntries(head.map((name, index) => [name, cellIn(item, paths[index] as string) ?? null])),
    );
    return `${writeJson(rows as Value, 2)}\n`;
  }
  const { stringify } = await import('csv-stringify/sync');
  return stringify([head, ...items.map((item) => paths.map((path) => cellText(cellIn(item, path))))]);
}
