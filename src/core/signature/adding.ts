/** Adding to a request that is composed already: header lines, parameters of the query, members of the body. */
import { bodySize, type HeaderLine, hidden, type WireBody, type WireRequest } from '../exchange/request/wire.js';
import { percentEncode } from '../expression/filters/text.js';
import { Problem } from '../problem/problem.js';
import { writeJson } from '../value/json-text.js';
import { textOf } from '../value/text.js';
import type { Value } from '../value/written.js';

/** The last that was added to the same lines: for a second, thousands of requests have one time in their headers. */
const extended = new WeakMap<readonly HeaderLine[], { readonly line: HeaderLine; readonly lines: HeaderLine[] }>();

function extendedBy(lines: readonly HeaderLine[], line: HeaderLine): readonly HeaderLine[] {
  const last = extended.get(lines);
  if (last && last.line.name === line.name && last.line.value === line.value && last.line.origin === line.origin)
    return last.lines;
  const key = line.name.toLowerCase();
  const more = lines.filter(({ name }) => name.length !== key.length || name.toLowerCase() !== key);
  more.push(line);
  extended.set(lines, { line, lines: more });
  return more;
}

/** A header of the same name that is there already gives way. */
export function withHeader(wire: WireRequest, line: HeaderLine): WireRequest {
  const headers = extendedBy(wire.headers, line);
  const { method, url, shownUrl, body, timeout, redirects, connection } = wire;
  // Listed one by one: object spread takes as long as signing.
  return { method, url, shownUrl, headers, body, timeout, redirects, connection, signed: true };
}

export function withParameter(wire: WireRequest, name: string, value: string, secret: boolean): WireRequest {
  const pair = `${percentEncode(name)}=`;
  return {
    ...wire,
    url: new URL(withPair(wire.url.href, `${pair}${percentEncode(value)}`)),
    shownUrl: withPair(wire.shownUrl, `${pair}${secret ? hidden : percentEncode(value)}`),
  };
}

/** Behind the query of an address, before its fragment. */
function withPair(address: string, pair: string): string {
  const [, whole = '', fragment = ''] = /^([^#]*)(.*)$/s.exec(address) ?? [];
  const between = !whole.includes('?') ? '?' : /[?&]$/.test(whole) ? '' : '&';
  return `${whole}${between}${pair}${fragment}`;
}

/** @throws Problem body-shape: the body is neither a JSON object nor a form */
export function withMember(wire: WireRequest, name: string, value: Value, secret: boolean): WireRequest {
  const { body } = wire;
  const type = body?.type.replace(/;.*/, '').trim() ?? '';
  const write = /^application\/(?:.+\+)?json$/.test(type)
    ? jsonMember
    : type === 'application/x-www-form-urlencoded'
      ? formField
      : undefined;
  if (!body || body.streamed || !write) {
    throw new Problem('body-shape', {
      what: `the signature adds ${name} to the body, and ${body ? `a body of ${type || 'no type'} cannot take it` : 'there is no body'}`,
      remedy: 'a body of the kind json, with a map in it, or of the kind form takes members',
    });
  }
  const bytes = Buffer.from(write(Buffer.from(body.bytes).toString('utf8'), name, value));
  const shown = body.shown === hidden ? hidden : write(body.shown, name, secret ? hidden : value);
  const changed: WireBody = { ...body, bytes, shown, secret: body.secret || secret };
  const headers = wire.headers.map((line) =>
    line.name.toLowerCase() === 'content-length' ? { ...line, value: String(bodySize(changed) ?? 0) } : line,
  );
  return { ...wire, body: changed, headers };
}

/** Every byte that was there stays. */
function jsonMember(text: string, name: string, value: Value): string {
  const end = text.lastIndexOf('}');
  if (!/^\s*\{/.test(text) || end === -1) {
    throw new Problem('body-shape', {
      what: `the signature adds ${name} to the body, and the body is not a JSON object`,
    });
  }
  const before = text.slice(0, end).trimEnd();
  return `${before}${before.endsWith('{') ? '' : ','}${JSON.stringify(name)}:${writeJson(value)}${text.slice(end)}`;
}

const formField = (text: string, name: string, value: Value): string =>
  `${text}${text === '' ? '' : '&'}${new URLSearchParams([[name, textOf(value)]])}`;
