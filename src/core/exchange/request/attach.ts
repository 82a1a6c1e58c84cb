/** Adding to a request that is composed already what its caller, its sessions and the cookies of its host add. */
import { withQuery } from '../address/address.js';
import type { TlsIdentity } from '../connection/connection.js';
import { withIdentity } from '../connection/connection.js';
import { encodedValue, shownValue } from './compose.js';
import { type EnvelopeBlock, withBlocks } from './envelope.js';
import type { HeaderLine, QueryPair, WireRequest } from './wire.js';

export interface Attached {
  readonly lines: readonly HeaderLine[];
  readonly query: readonly QueryPair[];
  /** For the header of its envelope. */
  readonly blocks?: readonly EnvelopeBlock[];
  /** The client certificate that is shown. */
  readonly identity: TlsIdentity | undefined;
}

/** A line of the request's own wins over one of the same name, but for cookies, which stand together. */
export function attach(bare: WireRequest, { lines, query, blocks = [], identity }: Attached): WireRequest {
  const wire = blocks.length === 0 ? bare : withBody(bare, blocks);
  if (lines.length === 0 && query.length === 0 && !identity) return wire;
  const address =
    query.length === 0
      ? { url: wire.url, shownUrl: wire.shownUrl }
      : {
          url: new URL(withQuery(wire.url.href, query, encodedValue)),
          shownUrl: withQuery(wire.shownUrl, query, shownValue),
        };
  const headers = lines.length === 0 ? wire.headers : withLines(wire.headers, lines);
  const connection = identity ? withIdentity(wire.connection, identity) : wire.connection;
  return { ...wire, ...address, headers, connection };
}

function withBody(wire: WireRequest, blocks: readonly EnvelopeBlock[]): WireRequest {
  const body = withBlocks(wire.body, blocks);
  const size = String(body?.bytes.length ?? 0);
  const headers = wire.headers.map((line) =>
    line.origin === 'automatic' && line.name === 'content-length' ? { ...line, value: size } : line,
  );
  return { ...wire, body, headers };
}

function withLines(headers: readonly HeaderLine[], lines: readonly HeaderLine[]): HeaderLine[] {
  const all = [...headers];
  // Behind the request's own, before the automatic ones that follow them.
  let at = all.length;
  while (at > 0 && isTrailing(all[at - 1] as HeaderLine)) at -= 1;
  for (const line of lines) {
    const name = line.name.toLowerCase();
    const same = all.findIndex((one) => one.name.toLowerCase() === name);
    const before = all[same];
    if (!before) {
      all.splice(at, 0, line);
      at += 1;
    } else if (before.origin === 'automatic') all[same] = line;
    else if (name === 'cookie') all[same] = together(before, line);
  }
  return all;
}

const leading = new Set(['host', 'connection']);

const isTrailing = ({ name, origin }: HeaderLine): boolean => origin === 'automatic' && !leading.has(name);

/** One line of cookies (RFC 6265 section 5.4); a name of the request's own wins. */
export function together(own: HeaderLine, jar: HeaderLine): HeaderLine {
  const names = new Set(own.value.split(/;\s*/).map((pair) => pair.split('=')[0]));
  const others = jar.value.split(/;\s*/).filter((pair) => !names.has(pair.split('=')[0]));
  return {
    ...own,
    value: [own.value, ...others].join('; '),
    origin: `${own.origin}, ${jar.origin}`,
    secret: true,
    ...(jar.origin === 'cookies' && { own: own.value }),
  };
}
