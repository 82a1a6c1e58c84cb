/**
 * The origins that an environment talks to. What the files of a collection say leaves for no other: marking what is secret
 * cannot win against a file that splits, spells or asks about a value, so the place it goes to is what is held.
 */
import { isIPv6 } from 'node:net';
import { Problem } from '../../problem/problem.js';

export interface ListedOrigins {
  /** `hosts: any`: every origin is listed, and no secret and no session can be used. */
  readonly any: boolean;
  /** `host:port`, `host:*` or a whole origin, in the order of the file; empty with `any`. */
  readonly entries: readonly string[];
  lists(url: URL): boolean;
  /** @throws Problem host-not-listed */
  require(url: URL): void;
}

interface Entry {
  readonly text: string;
  /** undefined: both. */
  readonly protocol: string | undefined;
  readonly host: string;
  /** undefined: each. */
  readonly port: string | undefined;
}

/**
 * @param listed entries as they are written; undefined where the environment lists none
 * @param origin the environment's `origin`, which stands in for a list and gives its port to entries without one; where a
 * row decides, the text of it up to its first expression is enough to know the port
 * @throws Problem file-shape: an entry is not a host
 */
export function listedOrigins(
  environment: string,
  listed: readonly string[] | undefined,
  origin: string | undefined,
): ListedOrigins {
  const own = origin !== undefined && URL.canParse(origin) ? new URL(origin) : undefined;
  const any = listed?.includes('any') ?? false;
  const entries: Entry[] = any
    ? []
    : listed === undefined
      ? own && !originIsTemplate(origin)
        ? [{ text: own.origin, protocol: own.protocol, host: own.hostname, port: portOf(own) }]
        : []
      : listed.map((text) => entryOf(text, own, environment));
  const known = new Map<string, boolean>();
  const matches = (url: URL): boolean =>
    entries.some(
      ({ protocol, host, port }) =>
        host === url.hostname &&
        (protocol === undefined || protocol === url.protocol) &&
        (port === undefined || port === portOf(url)),
    );
  const lists = (url: URL): boolean => {
    if (!/^https?:$/.test(url.protocol)) return false;
    if (any) return true;
    let found = known.get(url.origin);
    if (found === undefined) {
      found = matches(url);
      known.set(url.origin, found);
    }
    return found;
  };
  return {
    any,
    entries: entries.map(({ text }) => text),
    lists,
    require(url) {
      if (lists(url)) return;
      throw new Problem('host-not-listed', {
        what: `the environment ${environment} does not list ${hostAndPort(url)}`,
        cause:
          entries.length === 0
            ? 'it has neither hosts nor an origin that is the same for every request'
            : `it lists ${entries.map(({ text }) => text).join(', ')}; what the files of a collection say goes nowhere else`,
        remedy: `if the host is the vendor's, add "${hostAndPort(url)}" to hosts: in environments/${environment}.yaml`,
        data: { host: url.host },
      });
    },
  };
}

/** Host and port, the port always written. */
export const hostAndPort = (url: URL): string => `${url.hostname}:${portOf(url)}`;

const portOf = ({ port, protocol }: URL): string => port || (protocol === 'https:' ? '443' : '80');

/** What is in the place of `${…}` where only the port of an origin is wanted. */
export const anyHost = 'any-host.invalid';

const originIsTemplate = (origin: string | undefined): boolean => origin?.includes(anyHost) === true;

function entryOf(text: string, origin: URL | undefined, environment: string): Entry {
  const wrong = (remedy: string): Problem =>
    new Problem('file-shape', {
      what: `hosts of the environment ${environment}: ${JSON.stringify(text)} is not a host`,
      remedy,
    });
  const whole = /^(https?):\/\//i.exec(text);
  const everyPort = !whole && text.endsWith(':*');
  const named = everyPort ? text.slice(0, -2) : text;
  // An address of IPv6 may stand without its brackets where no port is behind it.
  const bare = !whole && named.split(':').length > 2 && isIPv6(named) ? `[${named}]` : named;
  const address = whole ? bare : `http://${bare}`;
  const url = URL.canParse(address) ? new URL(address) : undefined;
  if (url?.pathname !== '/' || url.search !== '' || url.hash !== '' || url.username !== '' || /[\s*]|:$/.test(bare))
    throw wrong('write "host" (at the port of origin), "host:port", "host:*", a whole origin, or any alone');
  if (whole) return { text: url.origin, protocol: url.protocol, host: url.hostname, port: portOf(url) };
  if (everyPort) return { text: `${url.hostname}:*`, protocol: undefined, host: url.hostname, port: undefined };
  // The parser of addresses leaves out 80, which is the port of the scheme that was put in front.
  const written = /:(\d+)$/.exec(bare)?.[1];
  const port = written === undefined ? (origin ? portOf(origin) : undefined) : String(Number(written));
  if (port === undefined)
    throw wrong(`the environment has no origin whose port it could have: write "${bare}:443", or "${bare}:*"`);
  return { text: `${url.hostname}:${port}`, protocol: undefined, host: url.hostname, port };
}
