/** The member of a thing that its path names it by, and identifiers that are unlike each other. */
import { ownMember } from '../../value/own-member.js';
import { seeded, seededUuid } from '../../value/seeded.js';
import type { Value, ValueMap } from '../../value/written.js';

const bare = (name: string): string => name.replace(/[^\p{L}\p{N}]/gu, '').toLowerCase();

/** What identifiers are called where the path calls them something else. */
const usual = ['id', 'uuid', 'code', 'number', 'reference', 'key', 'slug', 'name'];

/**
 * @param parameter of the path, such as `callId` of `/calls/{callId}`
 * @returns undefined where the thing has no such member
 */
export function identityName(thing: ValueMap, parameter: string): string | undefined {
  const names = Object.keys(thing).filter((name) => {
    const value = ownMember(thing, name);
    return typeof value === 'string' || typeof value === 'number';
  });
  const wanted = bare(parameter);
  const short = wanted.replace(/(?:id|code|number|name)$/, '');
  const holds = (fits: (name: string) => boolean): string | undefined => names.find((name) => fits(bare(name)));
  return (
    holds((name) => name === wanted) ??
    holds((name) => short !== '' && (name === short || name === `${short}id`)) ??
    usual.map((one) => holds((name) => name === one)).find((one) => one !== undefined)
  );
}

/** The text of a path as the kind of value that is there. */
export const likeBefore = (text: string, before: Value | undefined): Value =>
  typeof before === 'number' && /^-?\d+(?:\.\d+)?$/.test(text) ? Number(text) : text;

/** Unlike the one that it is made from, and those made before it. @param count from 1 */
export function nextIdentity(before: Value | undefined, count: number): Value {
  if (typeof before === 'number') return before + count;
  const text = typeof before === 'string' && before !== '' ? before : 'made-0';
  if (/^[0-9a-f]{8}-[0-9a-f]{4}-/i.test(text)) return seededUuid(seeded(count));
  const [, head = '', digits = '', tail = ''] = /^(.*?)(\d+)(\D*)$/s.exec(text) ?? [];
  if (digits === '') return `${text}-${count}`;
  const grown = (BigInt(digits) + BigInt(count)).toString();
  // Of a number that is full, the last digits: its width is part of its form.
  return `${head}${grown.padStart(digits.length, '0').slice(-Math.max(digits.length, String(count).length))}${tail}`;
}
