/** A request as a program of its own: what it works out, what it sends, and what it needs to be told. */
import type { BodyPart, WireBody, WireRequest } from '../../exchange/request/wire.js';
import { Problem } from '../../problem/problem.js';
import type { Preview } from '../../sending/sending.js';
import { type CodeExpression, isBytes, joined, mapped, text, withinExpression } from './expression.js';
import type { Symbols } from './symbols.js';

export interface Binding {
  /** In words with dashes: `body-digest`. */
  readonly name: string;
  readonly value: CodeExpression;
}

/** The body in the order of its bytes. */
export type Segment =
  | { readonly kind: 'text'; readonly value: CodeExpression }
  /** Bytes that are no UTF-8. */
  | { readonly kind: 'bytes'; readonly bytes: Uint8Array }
  /** A file, by its path from where the program is started. */
  | { readonly kind: 'file'; readonly path: string };

export interface CodeRequest {
  readonly method: string;
  readonly url: CodeExpression;
  readonly headers: readonly { readonly name: string; readonly value: CodeExpression }[];
  /** Empty where there is none. */
  readonly body: readonly Segment[];
  /** Worked out one after the other, before the request is sent. */
  readonly bindings: readonly Binding[];
  /** Variables of the process environment, in the order in which they are used. */
  readonly environment: readonly string[];
  /** Those of them that are private keys. */
  readonly keys: readonly string[];
  /** What the program does not do that sending does. */
  readonly left: readonly string[];
}

/** Fields that an HTTP message signature covers (RFC 9421, section 4.1). */
export const coveredBy = ({ headers }: WireRequest): ReadonlySet<string> =>
  new Set(
    headers
      .filter(({ name }) => name.toLowerCase() === 'signature-input')
      .flatMap(({ value }) => [...value.matchAll(/(?<=[( ])"([^"@]+)"/g)].map(([, field]) => field as string)),
  );

/** Lines that a client makes as we do. */
const sameEverywhere = new Set(['host', 'connection', 'content-length', 'transfer-encoding']);

/** Lines that a client makes itself. */
const ofTheClient = new Set(['host', 'connection', 'accept', 'user-agent', 'content-length', 'transfer-encoding']);

/**
 * @param preview made with the symbols as stand-ins
 * @param left what is known already not to be done
 * @throws Problem body-shape: the body is only known when it is sent
 */
export function codeRequest({ wire, signed }: Preview, symbols: Symbols, left: readonly string[]): CodeRequest {
  const body = wire.body ? segmentsOf(wire.body, symbols) : [];
  const plainBody = body.map((one) => (one.kind === 'text' ? JSON.stringify(rawOf(one.value)) : one.kind)).join();
  const named = new Map<string, CodeExpression>();
  /** Marks by what they stand for, as short as it can be said: by the names of values, and of the body. */
  const resolved = (given: CodeExpression): CodeExpression => {
    const key = JSON.stringify(given);
    if (given.op === 'join' && key === plainBody) return { op: 'body' };
    const name = named.get(key);
    if (name) return name;
    switch (given.op) {
      case 'mark':
        return resolved(symbols.meaning(given.mark));
      case 'join':
        return joined(given.parts.map(resolved));
      case 'hmac':
      case 'sign':
        return { ...given, key: resolved(given.key), data: resolved(given.data) };
      default:
        return 'data' in given ? { ...given, data: resolved(given.data) } : given;
    }
  };
  const segments = body.map(
    (one): Segment => (one.kind === 'text' ? { ...one, value: expanded(one.value, symbols) } : one),
  );
  const bindings: Binding[] = [];
  for (const { part, name, value } of signed?.steps ?? []) {
    const isText = typeof value === 'string' || value instanceof Uint8Array;
    if (part !== 'value' || !isText || !symbols.isIn(value)) continue;
    const read =
      value instanceof Uint8Array ? symbols.read(Buffer.from(value).toString('latin1')) : symbols.text(value);
    const made = resolved(read);
    // A name for a name, or for a secret alone, says nothing.
    if (made.op === 'name' || made.op === 'env') continue;
    bindings.push({ name, value: made });
    named.set(JSON.stringify(read), { op: 'name', name, bytes: isBytes(made) });
  }
  const inText = (given: string): CodeExpression => resolved(symbols.text(given));
  const url = resolved(symbols.read(wire.url.href, 'percent'));
  const covered = coveredBy(wire);
  const isOwn = (field: string): boolean =>
    !ofTheClient.has(field) || (covered.has(field) && !sameEverywhere.has(field));
  const headers = wire.headers
    .filter(({ name, origin }) => origin !== 'automatic' || isOwn(name.toLowerCase()))
    .map(({ name, value }) => ({ name, value: inText(value) }));
  const all = [url, ...headers.map(({ value }) => value), ...bindings.map(({ value }) => value)];
  const used = [...all, ...segments.flatMap((one) => (one.kind === 'text' ? [one.value] : []))];
  const within = used.flatMap((one) => [...withinExpression(one)]);
  const namesIn = (some: readonly CodeExpression[]): string[] => [
    ...new Set(some.flatMap((one) => (one.op === 'env' ? [one.name] : []))),
  ];
  return {
    method: wire.method,
    url,
    headers,
    body: segments,
    bindings,
    environment: namesIn(within),
    keys: namesIn(within.flatMap((one) => (one.op === 'sign' ? [one.key] : []))),
    left: [...left, ...symbols.fixed],
  };
}

/** With what each mark stands for. */
const expanded = (expression: CodeExpression, symbols: Symbols): CodeExpression =>
  mapped(expression, (one) => (one.op === 'mark' ? expanded(symbols.meaning(one.mark), symbols) : one));

/** As a signature sees it: without what makes a value fit for its place. */
const rawOf = (expression: CodeExpression): CodeExpression =>
  mapped(expression, (one) => (one.op === 'json' || one.op === 'xml' || one.op === 'form' ? one.data : one));

function segmentsOf(body: WireBody, symbols: Symbols): Segment[] {
  if (!body.streamed) return merged(segmentOf(body.bytes, body.type, symbols));
  if (!body.streamed.parts) {
    throw new Problem('body-shape', {
      what: 'the body comes from standard input, which an exported program does not read',
      remedy: 'name the file that holds it',
    });
  }
  return merged(
    ...body.streamed.parts.flatMap((part: BodyPart): Segment[] => [
      part instanceof Uint8Array ? segmentOf(part, body.type, symbols) : { kind: 'file', path: part.named },
    ]),
  );
}

function segmentOf(bytes: Uint8Array, type: string, symbols: Symbols): Segment {
  const given = Buffer.from(bytes).toString('utf8');
  if (Buffer.compare(Buffer.from(given, 'utf8'), bytes) !== 0) return { kind: 'bytes', bytes };
  if (/[/+]json\b/.test(type)) return { kind: 'text', value: jsonText(given, symbols) };
  const how = /x-www-form-urlencoded/.test(type) ? 'form' : /[/+]xml\b/.test(type) ? 'xml' : undefined;
  return { kind: 'text', value: symbols.read(given, how) };
}

/** A number that is computed stands without quotes. */
function jsonText(given: string, symbols: Symbols): CodeExpression {
  const parts: CodeExpression[] = [];
  let at = 0;
  for (const found of given.matchAll(/"(zq[0-9a-f]{24}qz)"/g)) {
    const mark = found[1] as string;
    const meaning = symbols.meaning(mark);
    if (meaning?.op !== 'time' || !meaning.form.startsWith('unix')) continue;
    parts.push(symbols.read(given.slice(at, found.index), 'json'), { op: 'mark', mark });
    at = found.index + found[0].length;
  }
  return joined([...parts, symbols.read(given.slice(at), 'json')]);
}

function merged(...segments: readonly Segment[]): Segment[] {
  const all: Segment[] = [];
  for (const one of segments) {
    const last = all.at(-1);
    if (one.kind === 'text' && last?.kind === 'text')
      all[all.length - 1] = { kind: 'text', value: joined([last.value, one.value]) };
    else if (one.kind !== 'text' || one.value.op !== 'text' || one.value.text !== '') all.push(one);
  }
  return all;
}

/** Nothing but text: what a recorded exchange holds, its secrets asked for. */
export function recordedRequest(
  {
    method,
    url,
    headers,
  }: Pick<WireRequest, 'method'> & { url: string; headers: readonly (readonly [string, string])[] },
  body: string | Uint8Array | undefined,
  hidden: string,
  environmentNames: (near: string) => string,
): CodeRequest {
  const environment: string[] = [];
  const read = (given: string, near: string, inBody = false): CodeExpression => {
    const pieces = given.split(hidden);
    return joined(
      pieces.flatMap((piece, index) => {
        if (index === 0) return [text(piece)];
        const before = (pieces[index - 1] as string).slice(-60);
        const field = /([\w.-]+)["'\s]*[=:>]["'\s]*$/.exec(before)?.[1];
        const name = environmentNames(field ?? (inBody ? 'secret' : near));
        if (!environment.includes(name)) environment.push(name);
        return [{ op: 'env' as const, name }, text(piece)];
      }),
    );
  };
  const kept = headers.filter(([name]) => !ofTheClient.has(name.toLowerCase()) || /^(?:accept)$/i.test(name));
  return {
    method,
    url: read(url, 'key'),
    headers: kept.map(([name, value]) => ({ name, value: read(value, name) })),
    body:
      body === undefined
        ? []
        : typeof body === 'string'
          ? [{ kind: 'text', value: read(body, 'secret', true) }]
          : [{ kind: 'bytes', bytes: body }],
    bindings: [],
    keys: [],
    environment,
    left: [],
  };
}
