/** Names for what is taken over: of requests, inputs and secrets. */
import { ownMember } from '../../value/own-member.js';
import type { ForeignRequest } from '../foreign/request.js';

/** `VESSEL_ID`, `vessel-id` and `vessel id` become `vesselId`. */
export function camel(text: string): string {
  const words = text
    .replace(/([a-z\d])([A-Z])/g, '$1 $2')
    .split(/[^A-Za-z\d]+/)
    .filter((word) => word !== '');
  const joined = words
    .map((word, index) =>
      index === 0 ? word.toLowerCase() : (word[0] as string).toUpperCase() + word.slice(1).toLowerCase(),
    )
    .join('');
  return /^[A-Za-z_]/.test(joined) ? joined : `value${joined}`;
}

/** As guides write it: `YOUR_API_KEY`, `<your-token>`. */
export const holeName = (text: string): string => camel(text.replace(/^(?:your|my|the)[\s_-]+/i, ''));

/** `vessels` → `vessel`, of English words that end so. */
export const singular = (word: string): string =>
  word
    .replace(/ies$/, 'y')
    .replace(/(ss|x|ch|sh)es$/, '$1')
    .replace(/([^s])s$/, '$1');

/** A segment of a path that is an identifier, not a word of the vendor's. */
export function isIdentifier(segment: string): boolean {
  if (/^\d+$/.test(segment)) return true;
  if (/^[\da-f]{8}-[\da-f]{4}-[\da-f]{4}-[\da-f]{4}-[\da-f]{12}$/i.test(segment)) return true;
  // Letters and digits mixed, as no word and no version has them.
  return (
    segment.length >= 6 &&
    /\d/.test(segment) &&
    /^[\w.~-]+$/.test(segment) &&
    !/^v\d+(?:[._-]?\w+)?$/i.test(segment) &&
    !/\.(?:json|xml|csv|txt|pdf)$/i.test(segment) &&
    (segment.match(/\d/g) ?? []).length >= 2
  );
}

const kebab = (text: string): string =>
  text
    .replace(/([a-z\d])([A-Z])/g, '$1-$2')
    .toLowerCase()
    .replace(/%[\da-f]{2}|[^a-z\d]+/g, '-')
    .replace(/^-+|-+$/g, '');

/** Words of a path that say where an API lies, not what it is about. */
const ofTheBase = /^(?:api|rest|services?|v\d[\w.]*|public)$/i;

const ofItem: Readonly<Record<string, string>> = {
  GET: 'show',
  HEAD: 'show',
  PUT: 'replace',
  PATCH: 'change',
  DELETE: 'delete',
};
const ofList: Readonly<Record<string, string>> = {
  GET: 'list',
  HEAD: 'list',
  POST: 'create',
  PUT: 'replace',
  PATCH: 'change',
  DELETE: 'clear',
};

/** `POST /v1/vessels/9000017/calls` becomes `calls/create`. */
export function requestName({ method, url }: Pick<ForeignRequest, 'method' | 'url'>, parts: readonly string[]): string {
  const words = parts
    .map((part) => (part.startsWith('{') ? part : kebab(part)))
    .filter((part) => part !== '' && !ofTheBase.test(part));
  const fixed = words.filter((part) => !part.startsWith('{'));
  const last = fixed.at(-1);
  if (last === undefined) return `${hostWord(url) || 'imported'}-${method.toLowerCase()}`;
  const item = words.at(-1)?.startsWith('{') === true;
  const verb = ownMember(item ? ofItem : ofList, method) ?? method.toLowerCase();
  return `${last}/${verb}`;
}

const hostWord = (url: string): string => (URL.canParse(url) ? kebab(new URL(url).hostname.split('.')[0] ?? '') : '');

/** A name that is not taken: the same, or with a number behind it. */
export function freeName(wanted: string, isTaken: (name: string) => boolean): string {
  if (!isTaken(wanted)) return wanted;
  let number = 2;
  while (isTaken(`${wanted}-${number}`)) number += 1;
  return `${wanted}-${number}`;
}

/** The same for a name within an expression. */
export function freeCamel(wanted: string, isTaken: (name: string) => boolean): string {
  if (!isTaken(wanted)) return wanted;
  let number = 2;
  while (isTaken(`${wanted}${number}`)) number += 1;
  return `${wanted}${number}`;
}
