/** Filters over dates. A date is a text (RFC 3339 or RFC 9110) or a number of seconds since 1970. */
import type { DateTime as DateTimeType } from 'luxon';
import { Problem } from '../../problem/problem.js';
import { plain, type Value } from '../../value/written.js';
import { type Filter, wantText } from './filter.js';

let DateTime: typeof import('luxon').DateTime | undefined;
const load = async (): Promise<void> => {
  DateTime ??= (await import('luxon')).DateTime;
};

function dateOf(filter: string, input: Value): DateTimeType {
  const library = DateTime as typeof import('luxon').DateTime;
  const value = plain(input);
  const options = { setZone: true, zone: 'utc' } as const;
  const date =
    typeof value === 'number'
      ? library.fromSeconds(value, { zone: 'utc' })
      : [library.fromISO(wantText(filter, input), options), library.fromHTTP(wantText(filter, input), options)].find(
          (read) => read.isValid,
        );
  if (!date?.isValid) {
    throw new Problem('expression-value', {
      what: `${filter} cannot read ${JSON.stringify(value)} as a date`,
      remedy: 'dates are written 2026-11-24T09:30:00Z (RFC 3339) or as seconds since 1970',
    });
  }
  return date as DateTimeType;
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
  ofDate('http-date', 'RFC 9110 section 5.6.7, always GMT', '${now | http-date}', (date) => date.toHTTP() as string),
  ofDate('rfc3339', 'RFC 3339', '${now | rfc3339}', rfc3339),
  ofDate('unix', 'whole seconds since 1970', '${now | unix}', (date) => Math.floor(date.toSeconds())),
  ofDate('unix-ms', 'milliseconds since 1970', '${now | unix-ms}', (date) => date.toMillis()),
  ofDate(
    'format',
    'by the letters of Unicode TR 35, text in single quotes',
    "${now | format(\"yyyyMMdd'T'HHmmss'Z'\")}",
    (date, pattern) => date.setLocale('en').toFormat(wantText('format', pattern as Value)),
    1,
  ),
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
