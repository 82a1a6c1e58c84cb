/** The header lines of a request as the library takes them. */
import type { WireRequest } from '../request/wire.js';

/** Letters outside ASCII leave in UTF-8, as they are signed; the library writes a character an octet. */
const octets = (value: string): string =>
  // biome-ignore lint/suspicious/noControlCharactersInRegex: all of ASCII
  /^[\u0000-\u007f]*$/.test(value) ? value : Buffer.from(value, 'utf8').toString('latin1');

const lists = new WeakMap<WireRequest['headers'], string[]>();

/** Names and values in turn. Some lines the library writes itself, first or last; of a stream it does not know the length. */
export function headerList({ headers, body, signed }: WireRequest): string[] {
  let list = signed ? undefined : lists.get(headers);
  if (!list) {
    list = [];
    for (const { name, value, origin } of headers) {
      const library =
        origin === 'automatic' &&
        (name === 'host' ||
          name === 'connection' ||
          name === 'transfer-encoding' ||
          (name === 'content-length' && body?.streamed === undefined));
      if (!library) list.push(name, octets(value));
    }
    if (!signed) lists.set(headers, list);
  }
  return list;
}

const ofConnection = /^(?:connection|transfer-encoding)$/;

/** Over HTTP/2 the lines that belong to a connection of HTTP/1.1 do not leave (RFC 9113 section 8.2.2). */
export const linesThatLeft = ({ headers }: WireRequest, protocol: string | undefined): WireRequest['headers'] =>
  protocol === 'HTTP/2'
    ? headers.filter(({ name, origin }) => origin !== 'automatic' || !ofConnection.test(name))
    : headers;
