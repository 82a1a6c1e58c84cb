/** Causes that concern one value, in a line that differs. */

import { createHash } from 'node:crypto';
import { action } from '../../problem/actions.js';
import type { Cause } from './cause.js';
import { otherEncoding } from './encodings.js';

const ofLine = (name: string, explain: Cause['explain']): Cause => ({ name, explain });

const stamps = /(\d{4})-?(\d\d)-?(\d\d)[T ](\d\d):?(\d\d):?(\d\d)(?:\.\d+)?(Z|[+-]\d\d:?\d\d)?/;

/** How a date of RFC 9110 or RFC 5322 begins. */
const dayOfWeek = /\b(?:Mon|Tue|Wed|Thu|Fri|Sat|Sun), \d{1,2} [A-Z][a-z]{2} \d{4}/;

/** Seconds since 1970, as the text says it; the zone is left aside. */
function wallClock(text: string): { readonly seconds: number; readonly written: string } | undefined {
  const found = stamps.exec(text);
  if (!found) return undefined;
  const [written, year, month, day, hour, minute, second] = found;
  return {
    written,
    seconds:
      Date.UTC(Number(year), Number(month) - 1, Number(day), Number(hour), Number(minute), Number(second)) / 1000,
  };
}

/** Of an empty body. */
const emptyDigests: ReadonlySet<string> = new Set(
  ['md5', 'sha1', 'sha256', 'sha384', 'sha512'].flatMap((name) =>
    (['hex', 'base64'] as const).map((encoding) => createHash(name).digest(encoding)),
  ),
);

const digest = /\b[0-9a-f]{32,128}\b|[A-Za-z0-9+/_-]{22,86}={0,2}/i;

export const valueCauses: readonly Cause[] = [
  ofLine('query behind the path', (ours, theirs) => {
    if (theirs.startsWith(`${ours}?`)) return 'theirs is the path with its query: ${sent.target}';
    if (ours.startsWith(`${theirs}?`)) return 'theirs is the path without its query: ${sent.path}';
    return undefined;
  }),
  ofLine('question mark', (ours, theirs) =>
    theirs === `?${ours}` || ours === `?${theirs}` ? 'the question mark in front of the query' : undefined,
  ),
  ofLine('slash at the end', (ours, theirs) =>
    theirs === `${ours}/` || ours === `${theirs}/` ? 'a slash at the end of the path' : undefined,
  ),
  ofLine('port', (ours, theirs) => {
    const [shorter, longer] = ours.length < theirs.length ? [ours, theirs] : [theirs, ours];
    return longer.startsWith(shorter) && /^:\d+$/.test(longer.slice(shorter.length))
      ? 'the port: ${sent.authority} has it where it is not the usual one, ${sent.host} never'
      : undefined;
  }),
  ofLine('time', (ours, theirs) => {
    const [own, other] = [wallClock(ours), wallClock(theirs)];
    if (own && other) {
      const shape = (text: string): string => text.replace(/\d/g, '0').replace(/[+-]00:?00$/, 'Z');
      if (shape(own.written) !== shape(other.written))
        return `the time is written otherwise: ${other.written} there; | format("…") writes it so`;
      const apart = own.seconds - other.seconds;
      if (apart !== 0 && apart % 900 === 0 && Math.abs(apart) <= 14 * 3600)
        return `the times are ${Math.abs(apart / 3600)} h apart: another time zone; | in-zone("UTC"), or the zone of the vendor`;
      if (apart !== 0) return `another moment: ${action().nameMoment()}`;
    }
    const [ourWords, theirWords] = [dayOfWeek.exec(ours)?.[0], dayOfWeek.exec(theirs)?.[0]];
    if (ourWords && other) return `the time is written otherwise: ${other.written} there; | format("…") writes it so`;
    if (own && theirWords)
      return `the time is written otherwise: ${theirWords} … there; | http-date, or | format("EEE, dd MMM yyyy …")`;
    const [left, right] = [/\b\d{10,13}\b/.exec(ours)?.[0], /\b\d{10,13}\b/.exec(theirs)?.[0]];
    if (left && right && left !== right && ours.replace(left, right) === theirs)
      return left.length === right.length
        ? `another moment: ${action().nameMoment()}`
        : right.length === 13
          ? 'theirs counts milliseconds: | unix-ms'
          : 'theirs counts seconds: | unix';
    if (other && left) return `theirs is a date, ours a number: | format("…") writes it`;
    if (own && right) return 'theirs is a number, ours a date: | unix, or | unix-ms';
    return undefined;
  }),
  ofLine('digest of the body', (ours, theirs) => {
    const [own, other] = [digest.exec(ours)?.[0], digest.exec(theirs)?.[0]];
    if (!own || !other || ours.replace(own, other) !== theirs) return undefined;
    if (emptyDigests.has(other)) return 'theirs is the digest of no bytes at all: the body is not part of it there';
    if (emptyDigests.has(own))
      return 'ours is the digest of no bytes at all: the body had not been written, or is left out';
    const encoding = otherEncoding(own, other);
    if (encoding !== undefined) return encoding;
    return own.length === other.length
      ? 'the digest of other bytes: a space, a line break at the end or the order of members makes another body'
      : 'a digest by another algorithm: its length is another';
  }),
  ofLine('name in front of the value', (ours, theirs) => {
    const shorter = ours.length < theirs.length ? ours : theirs;
    const longer = ours.length < theirs.length ? theirs : ours;
    const name = longer.slice(0, longer.length - shorter.length);
    return longer.endsWith(shorter) && /^[\w-]+[:=] ?$/.test(name)
      ? `${shorter === ours ? 'theirs' : 'ours'} has the name in front of the value: ${JSON.stringify(name)}`
      : undefined;
  }),
];
