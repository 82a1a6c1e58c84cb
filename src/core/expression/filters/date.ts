/** Filters over dates. A date is a text (RFC 3339 or RFC 9110) or a number of seconds since 1970. */
import type { DateTime as DateTimeType } from 'luxon';
import { Problem } from '../../problem/problem.js';
import { plain, type Value } from '../../value/written.js';
import { type Filter, wantText } from './filter.js';

let DateTime: typeof import('luxon').DateTime | undefined;
const load = async (): Promise<void> => {
  DateTime ??= (await import('luxon')).DateTime;
};

// The locale is said, since to ask the system for it takes 30 ms; a date that is not valid asks for it all the same.
const options = { setZone: true, zone: 'utc', locale: 'en' } as const;

function fromText(library: typeof import('luxon').DateTime, text: string): DateTimeType {
  const date = library.fromISO(text, options);
  return date.isValid ? date : library.fromHTTP(text, options);
}

function dateOf(filter: string, input: Value): DateTimeType {
  const library = DateTime as typeof import('luxon').DateTime;
  const value = plain(input);
  const date =
    typeof value === 'number'
      ? library.fromSeconds(value, { zone: 'utc', locale: 'en' })
      : fromText(library, wantText(filter, input));
  if (!date?.isValid) {
    throw new Problem('expression-value', {
      what: `${filter} cannot read ${JSON.stringify(value)} as a date`,
      remedy: 'dates are written 2026-11-24T09:30:00Z (RFC 3339) or as seconds since 1970',
    });
  }
  return date as DateTimeType;
}

/** A text in UTC with milliseconds, as `now` is, up to its seconds. */
const secondIn = (input: Value): string | undefined =>
  typeof input === 'string' && input.length === 24 && input.endsWith('Z') && input[19] === '.'
    ? input.slice(0, 19)
    : undefined;

const showMilliseconds = new Map<string, boolean>();

function showsMilliseconds(pattern: string): boolean {
  let shows = showMilliseconds.get(pattern);
  if (shows === undefined) {
    shows = /[Sux]/.test(pattern.replace(/'[^']*'/g, ''));
    showMilliseconds.set(pattern, shows);
  }
  return shows;
}

const remembered = new Map<string, string>();

/** What does not show milliseconds is the same for a second: a run that signs works it out once. */
function onceASecond(name: string, input: Value, pattern: string, work: () => string): string {
  const second = secondIn(input);
  if (second === undefined || showsMilliseconds(pattern)) return work();
  const key = `${name} ${second} ${pattern}`;
  const before = remembered.get(key);
  if (before !== undefined) return before;
  if (remembered.size > 20) remembered.clear();
  const text = work();
  remembered.set(key, text);
  return text;
}

function rfc3339(date: DateTimeType): string {
  return date.toISO({ suppressMilliseconds: true }) as string;
}

function ofDate(
  name: string,
  about: string,
  example: string,
  work: (date: DateTimeType, ...args: Value[]) => Value,
  args: 0 | 1 = 0,
): Filter {
  return {
    name,
    about,
    example,
    arguments: [args, args],
    load,
    apply: (input, given) => work(dateOf(name, input), ...given),
  };
}

const shift = /^([+-]?)(\d+)(ms|s|m|h|d|w)$/;
const units = { ms: 'milliseconds', s: 'seconds', m: 'minutes', h: 'hours', d: 'days', w: 'weeks' } as const;

export const dateFilters: readonly Filter[] = [
  {
    name: 'http-date',
    about: 'RFC 9110 section 5.6.7, always GMT',
    example: '${now | http-date}',
    arguments: [0, 0],
    load,
    apply: (input) => onceASecond('http-date', input, '', () => dateOf('http-date', input).toHTTP() as string),
  },
  ofDate('rfc3339', 'RFC 3339', '${now | rfc3339}', rfc3339),
  ofDate('unix', 'whole seconds since 1970', '${now | unix}', (date) => Math.floor(date.toSeconds())),
  ofDate('unix-ms', 'milliseconds since 1970', '${now | unix-ms}', (date) => date.toMillis()),
  {
    name: 'format',
    about: 'by the letters of Unicode TR 35, text in single quotes',
    example: "${now | format(\"yyyyMMdd'T'HHmmss'Z'\")}",
    arguments: [1, 1],
    load,
    apply(input, [given]) {
      const pattern = wantText('format', given as Value);
      return onceASecond('format', input, pattern, () => dateOf('format', input).toFormat(pattern));
    },
  },
  ofDate(
    'plus',
    'later, or with a minus sign earlier: ms, s, m, h, d, w',
    '${now | plus("-6h")}',
    (date, amount) => {
      const found = shift.exec(wantText('plus', amount as Value));
      if (!found)
        throw new Problem('expression-value', { what: `plus cannot read ${amount}`, remedy: 'write 90s, -6h or 2d' });
      const count = Number(found[2]) * (found[1] === '-' ? -1 : 1);
      return rfc3339(date.plus({ [units[found[3] as keyof typeof units]]: count }));
    },
    1,
  ),
  ofDate(
    'in-zone',
    'the same moment in a time zone of the IANA list or at an offset',
    '${now | in-zone("Europe/Lisbon")}',
    (date, zone) => {
      const moved = date.setZone(wantText('in-zone', zone as Value));
      if (!moved.isValid)
        throw new Problem('expression-value', {
          what: `there is no time zone ${zone}`,
          remedy: 'such as Europe/Lisbon or UTC+2',
        });
      return rfc3339(moved);
    },
    1,
  ),
];
