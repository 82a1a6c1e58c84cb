/** `sent`: the request that is about to leave, as values of a recipe. */

import { bodySize, type HeaderLine, type WireBody, type WireRequest } from '../exchange/request/wire.js';
import { ownMember } from '../value/own-member.js';
import { percentDecoded } from '../value/percent-decoded.js';
import { StreamedBytes } from '../value/streamed.js';
import { isValueMap, type Value, type ValueMap } from '../value/written.js';

/** What a recipe may ask of `sent`, for messages and the manual. */
export const sentMembers: ReadonlyMap<string, string> = new Map([
  ['method', 'the method, in capitals'],
  ['scheme', '`http` or `https`'],
  ['authority', 'host and port, the port left out where it is the usual one'],
  ['host', 'the host without its port'],
  ['port', 'the port, also where it is the usual one'],
  ['path', 'the path as it is sent, percent-encoded'],
  ['target', 'path and query as they are sent'],
  ['url', 'the whole address'],
  ['query', 'the parameters in the order in which they are sent: pairs, decoded'],
  ['query-text', 'the query as it is sent, without its question mark'],
  ['headers', 'all headers, in the order in which they are sent: pairs, names in small letters, white space folded'],
  ['header', 'one header by its name in small letters: `sent.header.content-type`'],
  ['body', 'the bytes of the body; none where there is no body'],
]);

/** Members that change with the parameters of the query. */
export const ofQuery: ReadonlySet<string> = new Set(['query', 'query-text', 'target', 'url']);

const nothing = new Uint8Array();

/**
 * @param members those that are wanted; all by default
 * @param headers names that are looked at: null where there is no such header
 */
export function sentValue(
  wire: WireRequest,
  members: Iterable<string> = sentMembers.keys(),
  headers: Iterable<string> = [],
): ValueMap {
  const sent: Record<string, Value> = {};
  for (const member of members) sent[member] = ownMember(made, member)?.(wire) ?? null;
  if (isValueMap(sent.header)) {
    const there = sent.header;
    const absent = [...headers].filter((name) => !Object.hasOwn(there, name));
    if (absent.length > 0) sent.header = { ...there, ...Object.fromEntries(absent.map((name) => [name, null])) };
  }
  return sent;
}

const made: Readonly<Record<string, (wire: WireRequest) => Value>> = {
  method: ({ method }) => method,
  scheme: ({ url }) => url.protocol.slice(0, -1),
  authority: ({ url }) => url.host,
  host: ({ url }) => url.hostname,
  port: ({ url }) => url.port || (url.protocol === 'https:' ? '443' : '80'),
  path: ({ url }) => url.pathname,
  target: ({ url }) => url.pathname + url.search,
  url: ({ url }) => url.origin + url.pathname + url.search,
  query: ({ url }) => queryPairs(url.search.slice(1)),
  'query-text': ({ url }) => url.search.slice(1),
  headers: ({ headers }) => headerPairs(headers),
  header: ({ headers }) => Object.fromEntries(foldedHeaders(headers)),
  body: ({ body }) => (body === undefined ? nothing : contentOf(body)),
};

/** What filters are given of a body: its bytes, or files that are read when they are needed. */
export function contentOf(body: WireBody): Uint8Array | StreamedBytes {
  const { streamed, bytes } = body;
  return streamed ? new StreamedBytes(bodySize(body) ?? 0, () => streamed.pieces()) : bytes;
}

/** One value a name: repeated lines joined in their order (RFC 9110, section 5.3), white space at the ends taken off. */
function foldedHeaders(lines: readonly HeaderLine[]): Map<string, string> {
  const folded = new Map<string, string>();
  for (const line of lines) {
    const { name, own } = readLine(line);
    const before = folded.get(name);
    folded.set(name, before === undefined ? own : `${before}, ${own}`);
  }
  return folded;
}

interface ReadLine {
  /** In small letters. */
  readonly name: string;
  /** Without white space at its ends. */
  readonly own: string;
  /** White space inside folded, too. */
  readonly pair: ValueMap;
}

/** Lines that many requests share are read once. */
const readLines = new WeakMap<HeaderLine, ReadLine>();

function readLine(line: HeaderLine): ReadLine {
  let read = readLines.get(line);
  if (!read) {
    const name = line.name.toLowerCase();
    const { value } = line;
    const own = isTrimmed(value) ? value : value.replace(/^[ \t]+|[ \t]+$/g, '');
    read = { name, own, pair: { name, value: folded(own) } };
    readLines.set(line, read);
  }
  return read;
}

const folded = (value: string): string => (/[ \t]{2}|\t/.test(value) ? value.replace(/[ \t]+/g, ' ') : value);

const paired = new WeakMap<readonly HeaderLine[], readonly Value[]>();

/** The same for the same lines: what is made of them need not be made again. */
function headerPairs(lines: readonly HeaderLine[]): readonly Value[] {
  let pairs = paired.get(lines);
  if (!pairs) {
    pairs = pairsOf(lines);
    paired.set(lines, pairs);
  }
  return pairs;
}

function pairsOf(lines: readonly HeaderLine[]): Value[] {
  const pairs: Value[] = [];
  const names: string[] = [];
  for (const line of lines) {
    const { name, pair } = readLine(line);
    // A name that stands twice is joined, at the place of the first.
    if (names.includes(name))
      return [...foldedHeaders(lines)].map(([one, value]) => ({ name: one, value: folded(value) }));
    names.push(name);
    pairs.push(pair);
  }
  return pairs;
}

function isTrimmed(value: string): boolean {
  const [first, last] = [value.charCodeAt(0), value.charCodeAt(value.length - 1)];
  return first !== 32 && first !== 9 && last !== 32 && last !== 9;
}

const noPairs: readonly Value[] = [];

/** A plus sign is a plus sign here (RFC 3986): only forms write spaces so. */
function queryPairs(text: string): readonly Value[] {
  if (text === '') return noPairs;
  return text.split('&').map((pair) => {
    const at = pair.indexOf('=');
    const [name, value] = at === -1 ? [pair, ''] : [pair.slice(0, at), pair.slice(at + 1)];
    return {
      name: percentDecoded(name),
      value: percentDecoded(value),
      'as-sent': pair,
      ...(at === -1 && { bare: true }),
    };
  });
}
