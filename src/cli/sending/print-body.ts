/** Printing the body of a response in a view, or a table of it into a file, and what a reader should know beside it. */
import { relative } from 'node:path';
import { linksOf } from '../../core/exchange/response/links.js';
import type { Spooled } from '../../core/exchange/response/overflow.js';
import type { Received } from '../../core/exchange/response/received.js';
import { tableWriter } from '../../core/trail/table/table-file.js';
import { duplicateKeys } from '../../core/value/json-text.js';
import { sizeText } from '../../core/value/measures.js';
import { cellIn } from '../../core/value/rows.js';
import type { Value } from '../../core/value/written.js';
import type { Terminal } from '../terminal/terminal.js';
import {
  outlineText,
  prettyText,
  type TableContent,
  tableContent,
  tableText,
  type View,
} from '../view/response/views.js';
import type { Wishes } from './options.js';

/** What is not shown is somewhere. */
export function tellSpooled({ path, size }: Spooled, view: View, { err, note }: Terminal): void {
  const beginning = view === 'pretty' ? ', only the beginning is shown' : '';
  note(`${err.yellow('long')}    ${sizeText(size)}${beginning}; the whole body is in ${relative('', path)}`);
}

/** By the view that is wanted. @throws Problem where it has no such view */
export async function printBody(
  received: Received,
  { view, levels, table, to }: Wishes,
  terminal: Terminal,
  hide: (text: string) => string,
): Promise<void> {
  if (view === 'none' || received.size === 0) return;
  if (view === 'raw' && received.parts.spooled) await terminal.file(received.parts.spooled.path);
  else if (view === 'raw') {
    const shown = hide(received.text);
    if (shown === received.text) terminal.bytes(received.parts.body);
    else terminal.content(shown.replace(/\n$/, ''));
  } else if (view === 'outline') {
    terminal.print(outlineText(await dataOf(received), terminal, hide, levels));
  } else if (view === 'table') {
    const content = tableContent(received, await dataOf(received), table);
    if (to !== undefined) {
      await writeTable(content, to);
      terminal.note(`${content.items.length} rows of ${content.at} written to ${to}`);
      return;
    }
    terminal.print(tableText(content, table.most, terminal, hide));
    const more = content.items.length - table.most;
    if (more > 0) terminal.note(`and ${more} more rows of ${content.at}: --limit ${content.items.length}`);
    if (content.others.length > 0) {
      const others = content.others.slice(0, 4).map(({ at, items }) => `${at} (${items.length})`);
      terminal.note(`the largest list, ${content.at}, is shown; other lists are ${others.join(', ')}: --rows`);
    }
  } else {
    const text = prettyText(received, terminal.out, hide, levels);
    if (text !== '') terminal.print(text);
  }
}

/** What reads CSV is loaded where a body is data. */
const dataOf = async (received: Received): Promise<Value> => (await import('./body-value.js')).bodyValue(received);

/** The whole table: as many lines as there are items. */
async function writeTable({ items, head, paths }: TableContent, to: string): Promise<void> {
  const writer = await tableWriter(to, head);
  for (const item of items) {
    const cells = head.map((name, index) => [name, cellIn(item, paths[index] as string) ?? null] as const);
    await writer.add(Object.fromEntries(cells));
  }
  await writer.finish();
}

/** What a reader should know beside the body. */
export function tellMore(received: Received, terminal: Terminal): void {
  if (received.parts.body.length > 2e6 || received.parts.spooled) return;
  if (received.claimsJson && received.textual) {
    for (const key of duplicateKeys(received.text).slice(0, 3))
      terminal.note(`${terminal.err.yellow('warning')}  ${key} stands twice in the response; the last one counts`);
  }
  const links = safeLinks(received);
  if (links > 0)
    terminal.note(
      terminal.err.dim(`links   ${links}: echo-trail follow lists them, echo-trail follow 1 sends the first`),
    );
}

function safeLinks(received: Received): number {
  if (!received.textual) return 0;
  let json: Value | undefined;
  try {
    json = received.claimsJson ? received.json() : undefined;
  } catch {
    return 0;
  }
  return linksOf(received, json).length;
}
