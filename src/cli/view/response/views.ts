/** The views of a response: laid out, as it came, its header lines, its outline, a table, or nothing of it. */
import { createHash } from 'node:crypto';
import { hidden, type WireRequest } from '../../../core/exchange/request/wire.js';
import type { Received } from '../../../core/exchange/response/received.js';
import { linesThatLeft } from '../../../core/exchange/transfer/header-list.js';
import { nearestHint } from '../../../core/problem/nearest.js';
import { Problem } from '../../../core/problem/problem.js';
import { sizeText } from '../../../core/value/measures.js';
import { cellIn, cellText, columnsIn, type FoundList, listsIn } from '../../../core/value/rows.js';
import { isValueMap, typeOf, type Value } from '../../../core/value/written.js';
import type { Colours, Terminal } from '../../terminal/terminal.js';
import { colouredJson } from '../json.js';
import { printable, printableLine } from '../printable.js';
import { table } from '../table.js';
import { colouredXml } from '../xml.js';
import { headerLines } from './exchange.js';

export const views = ['pretty', 'raw', 'headers', 'outline', 'table', 'none'] as const;
export type View = (typeof views)[number];

type Hide = (text: string) => string;

/** What a table shows. */
export interface TableWish {
  /** What is at the place of the list; else the largest list. */
  readonly rows: ((received: Received) => Value | undefined) | undefined;
  readonly rowsText: string | undefined;
  /** Paths in an item, by the name of the column; else those that are found. */
  readonly columns: ReadonlyMap<string, string> | undefined;
  readonly most: number;
}

/**
 * JSON and XML laid out, other text as it is, bytes by type, size, digest and their beginning. Secrets hidden.
 * @param levels deeper ones are folded
 */
export function prettyText(received: Received, colours: Colours, hide: Hide, levels?: number): string {
  if (received.size === 0 || received.parts.body.length === 0) return '';
  if (!received.textual) return bytesText(received, colours);
  if (received.parts.spooled) return `${hide(received.shown.slice(0, shownCharacters))}…`;
  if (received.claimsJson || /^\s*[{[]/.test(received.text)) {
    try {
      return colouredJson(received.json(), colours, hide, levels);
    } catch {
      // Shown as it came: what is wrong with it is said elsewhere.
    }
  }
  const text = printable(hide(received.text));
  return /[/+]xml$/.test(received.mediaType) ? colouredXml(text, colours, levels) : text;
}

const shownBytes = 128;
/** Of a body that is too long for memory. */
const shownCharacters = 20_000;

/** Type, size, SHA-256, and the first bytes in hex and as text. */
function bytesText({ parts: { body, spooled }, size, mediaType }: Received, colours: Colours): string {
  // What went to a file is not all here.
  const digest = spooled ? '' : `, SHA-256 ${createHash('sha256').update(body).digest('hex')}`;
  const lines = [`${mediaType || 'bytes'}, ${sizeText(size)}${digest}`];
  for (let at = 0; at < Math.min(body.length, shownBytes); at += 16) {
    const row = [...body.subarray(at, Math.min(at + 16, shownBytes))];
    const hex = row.map((byte) => byte.toString(16).padStart(2, '0')).join(' ');
    const text = row.map((byte) => (byte >= 0x20 && byte < 0x7f ? String.fromCharCode(byte) : '.')).join('');
    lines.push(`${colours.dim(at.toString(16).padStart(8, '0'))}  ${hex.padEnd(47)}  ${text}`);
  }
  if (size > shownBytes) lines.push(colours.dim(`and ${size - shownBytes} bytes more`));
  return lines.join('\n');
}

/** The lines that left, those made by the tool marked; and those that came, trailers and hints included. */
export function headersText(wire: WireRequest, received: Received | undefined, terminal: Terminal, hide: Hide): string {
  const { out } = terminal;
  const sent = table(
    linesThatLeft(wire, received?.parts.protocol).map(({ name, value, origin, secret }) => [
      out.cyan(printableLine(name)),
      secret ? hidden : hide(printableLine(value)),
      out.dim(origin),
    ]),
    terminal,
    { indent: 2, flexible: [1] },
  );
  const blocks = [`${out.bold('sent')}  ${wire.method} ${printableLine(hide(wire.shownUrl))}\n${sent}`];
  if (received) {
    const { hints, trailers, tls, protocol, remoteAddress } = received.parts;
    for (const { status, headers } of hints)
      blocks.push(`${out.bold(`hint ${status}`)}\n${headerLines(headers, terminal, hide)}`);
    blocks.push(
      `${out.bold('received')}  ${protocol}${remoteAddress === undefined ? '' : ` from ${remoteAddress}`}\n${headerLines(received.headers, terminal, hide)}`,
    );
    if (trailers.length > 0) blocks.push(`${out.bold('trailers')}\n${headerLines(trailers, terminal, hide)}`);
    if (tls) {
      const { certificate } = tls;
      const facts = [
        ['version', `${tls.protocol}, ${tls.cipher}`],
        ...(certificate
          ? [
              ['certificate', `${certificate.subject}, for ${certificate.names.join(', ')}`],
              ['issuer', certificate.issuer],
              ['good', `${certificate.from.slice(0, 10)} to ${certificate.until.slice(0, 10)}`],
              ['SHA-256', certificate.fingerprint],
            ]
          : []),
      ];
      blocks.push(
        `${out.bold('TLS')}\n${table(
          facts.map(([name = '', value = '']) => [out.cyan(name), printableLine(value)]),
          terminal,
          { indent: 2 },
        )}`,
      );
    }
  }
  return blocks.join('\n\n');
}

const outlineDepth = 6;

/** The shape of data: keys with types, lists with their length and the shape of their first item. */
export function outlineText(body: Value, { out }: Terminal, hide: Hide, levels = outlineDepth): string {
  const lines: string[] = [];
  const add = (value: Value, name: string, depth: number): void => {
    const margin = '  '.repeat(depth);
    if (Array.isArray(value)) {
      const items = value as readonly Value[];
      lines.push(`${margin}${name}  ${out.dim(`list of ${items.length}`)}`);
      if (items.length > 0 && depth < levels) add(items[0] as Value, out.dim('each'), depth + 1);
    } else if (isValueMap(value)) {
      lines.push(`${margin}${name}  ${out.dim(`${Object.keys(value).length} members`)}`);
      if (depth < levels)
        for (const [key, inner] of Object.entries(value)) add(inner, out.cyan(printableLine(key)), depth + 1);
    } else {
      const text = typeof value === 'string' ? JSON.stringify(value) : cellText(value) || 'null';
      const shown = hide(text);
      lines.push(
        `${margin}${name}  ${out.dim(typeOf(value))}  ${printableLine(shown.length > 60 ? `${shown.slice(0, 60)}…` : shown)}`,
      );
    }
  };
  add(body, '$', 0);
  return lines.join('\n');
}

export interface TableContent {
  readonly at: string;
  readonly head: readonly string[];
  readonly items: readonly Value[];
  readonly paths: readonly string[];
  /** Other lists that the response has. */
  readonly others: readonly FoundList[];
}

/** @throws Problem place-not-found: no list there, or none at all; a column that no row has */
export function tableContent(received: Received, body: Value, { rows, rowsText, columns }: TableWish): TableContent {
  const lists = listsIn(body);
  const wanted = rows?.(received);
  if (rows && !Array.isArray(wanted)) {
    throw new Problem('place-not-found', {
      what: `there is no list at ${rowsText}`,
      remedy:
        lists.length > 0
          ? `lists are at ${lists
              .slice(0, 5)
              .map(({ at }) => at)
              .join(', ')}`
          : 'the response has no list',
    });
  }
  const first = lists[0];
  if (!rows && !first) {
    throw new Problem('place-not-found', {
      what: 'the response has no list to show as a table',
      remedy: '--view outline shows its shape',
    });
  }
  const items = (wanted as readonly Value[] | undefined) ?? first?.items ?? [];
  const found = columnsIn(items);
  const paths = columns ? [...columns.values()] : found;
  requireColumns(items, paths, found);
  return {
    at: rowsText ?? first?.at ?? '$',
    items,
    head: columns ? [...columns.keys()] : paths.map((path) => (path === '' ? 'value' : path)),
    paths,
    others: rows ? [] : lists.slice(1),
  };
}

/** @throws Problem place-not-found */
function requireColumns(items: readonly Value[], paths: readonly string[], found: readonly string[]): void {
  const unknown =
    items.length === 0 ? undefined : paths.find((path) => !items.some((item) => atPath(item, path) !== undefined));
  if (unknown === undefined) return;
  throw new Problem('place-not-found', {
    what: `no row has the column ${unknown}`,
    remedy: nearestHint(unknown, found),
  });
}

const atPath = (item: Value, path: string): Value | undefined => (path === '' ? item : cellIn(item, path));

export function tableText({ head, items, paths }: TableContent, most: number, terminal: Terminal, hide: Hide): string {
  const rows = items
    .slice(0, most)
    .map((item) => paths.map((path) => printableLine(hide(cellText(atPath(item, path))))));
  return table(rows, terminal, { head, flexible: head.map((_, index) => index) });
}
