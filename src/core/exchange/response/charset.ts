/**
 * Text from bytes: by a byte order mark, by the charset of the content type (RFC 9110 section 8.3.2), by the
 * declaration of an XML document or the meta element of a page, else UTF-8.
 */
import { isUtf8 } from 'node:buffer';

const marks: readonly (readonly [charset: string, bytes: readonly number[]])[] = [
  ['utf-8', [0xef, 0xbb, 0xbf]],
  ['utf-16le', [0xff, 0xfe]],
  ['utf-16be', [0xfe, 0xff]],
];

/** What a content type says of the charset. */
interface Named {
  readonly charset: string | undefined;
  /** A document that may declare its charset itself. */
  readonly markup: boolean;
}

/** A vendor sends few different types, and a run asks for them at every response. */
const named = new Map<string, Named>();

function namedBy(contentType: string): Named {
  let found = named.get(contentType);
  if (!found) {
    const charset = /;\s*charset\s*=\s*"?([^\s";]+)/i.exec(contentType)?.[1]?.toLowerCase();
    found = { charset, markup: /[/+](?:xml|html)\b/i.test(contentType) };
    if (named.size > 100) named.clear();
    named.set(contentType, found);
  }
  return found;
}

/** The charset that holds, in lower case. */
function charsetOf(body: Uint8Array, contentType: string): string {
  // Every mark begins above 0xee.
  const marked =
    (body[0] ?? 0) > 0xee ? marks.find(([, bytes]) => bytes.every((byte, index) => body[index] === byte)) : undefined;
  if (marked) return marked[0];
  const { charset, markup } = namedBy(contentType);
  if (charset !== undefined) return charset;
  if (!markup && body[0] !== 0x3c) return 'utf-8';
  const start = Buffer.from(body.buffer, body.byteOffset, Math.min(body.length, 1024)).toString('latin1');
  const declared =
    /^\s*<\?xml[^>]*\sencoding\s*=\s*["']([A-Za-z0-9._-]+)["']/.exec(start)?.[1] ??
    /<meta[^>]+charset\s*=\s*["']?([A-Za-z0-9._-]+)/i.exec(start)?.[1];
  return (declared ?? 'utf-8').toLowerCase();
}

/** All of them are read as windows-1252 (WHATWG Encoding Standard, section 4.2). */
const windows1252 = new Set(['windows-1252', 'cp1252', 'iso-8859-1', 'latin1', 'iso8859-1', 'us-ascii', 'ascii']);

/** What stands between 0x80 and 0x9f, where the platform's decoder is wrong. */
const upper = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

const fromWindows1252 = (body: Uint8Array): string =>
  Buffer.from(body.buffer, body.byteOffset, body.length)
    .toString('latin1')
    .replace(/[\u0080-\u009f]/g, (char) => upper[char.charCodeAt(0) - 0x80] as string);

/** Whether every byte is of the charset, where that is UTF-8. */
export const isDecodable = (body: Uint8Array, contentType: string | undefined): boolean =>
  isUtf8(body) || !/^utf-?8$/.test(charsetOf(body, contentType ?? ''));

/** A byte order mark is dropped; an unknown charset is read as UTF-8. */
export function decoded(body: Uint8Array, contentType: string | undefined): string {
  const charset = charsetOf(body, contentType ?? '');
  if (windows1252.has(charset)) return fromWindows1252(body);
  if (charset !== 'utf-8' && charset !== 'utf8') {
    try {
      return new TextDecoder(charset).decode(body);
    } catch {
      // An unknown charset: UTF-8 is the best guess.
    }
  }
  const marked = body[0] === 0xef && body[1] === 0xbb && body[2] === 0xbf;
  return Buffer.from(body.buffer, body.byteOffset, body.length).toString('utf8', marked ? 3 : 0);
}
