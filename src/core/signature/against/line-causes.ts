/** Causes that concern whole lines. */
import type { Cause } from './cause.js';

const linesOf = (text: string): string[] => text.split('\n');
const sameItems = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && [...a].sort().join('\n') === [...b].sort().join('\n');

export const lineCauses: readonly Cause[] = [
  {
    name: 'line break at the end',
    explain(ours, theirs) {
      if (ours === `${theirs}\n`)
        return 'ours ends with a line break, theirs does not: take the empty item at the end of lines: away';
      if (`${ours}\n` === theirs)
        return 'theirs ends with a line break, ours does not: an empty item at the end of lines: adds it';
      return undefined;
    },
  },
  {
    name: 'carriage returns',
    explain(ours, theirs) {
      const plain = (text: string): string => text.replaceAll('\r\n', '\n');
      if (plain(ours) !== plain(theirs)) return undefined;
      return theirs.includes('\r\n')
        ? 'their lines end with CR LF, ours with LF: joined-by: "\\r\\n"'
        : 'our lines end with CR LF, theirs with LF';
    },
  },
  {
    name: 'blank slot',
    explain(ours, theirs) {
      const [own, other] = [linesOf(ours), linesOf(theirs)];
      const filled = (lines: string[]): string => lines.filter((line) => line !== '').join('\n');
      if (own.length === other.length || filled(own) !== filled(other)) return undefined;
      const [longer, shorter] = own.length > other.length ? [own, other] : [other, own];
      const at = longer.findIndex((line, index) => line === '' && shorter[index] !== '') + 1;
      return own.length < other.length
        ? `theirs has an empty line at line ${at} that ours has not: a slot without a value stays as an empty line`
        : `ours has an empty line at line ${at} that theirs has not: a slot without a value is left out there (\${… ?? absent})`;
    },
  },
  {
    name: 'missing lines',
    explain(ours, theirs) {
      const [own, other] = [linesOf(ours), linesOf(theirs)];
      const [longer, shorter] = own.length > other.length ? [own, other] : [other, own];
      const more = longer.length - shorter.length;
      const at = longer.findIndex((line, index) => line !== shorter[index]);
      if (more === 0 || longer.toSpliced(at, more).join('\n') !== shorter.join('\n')) return undefined;
      if (own.length > other.length && at === shorter.length)
        return `theirs ends behind line ${at}, and is the same until there: is that all of it?`;
      const which = more === 1 ? `line ${at + 1}` : `lines ${at + 1} to ${at + more}`;
      const first = `${JSON.stringify(longer[at])}${more === 1 ? '' : ' …'}`;
      return own.length < other.length
        ? `ours lacks their ${which}: ${first}`
        : `ours has ${which}, which theirs has not: ${first}`;
    },
  },
  {
    name: 'order of names in a list',
    explain(ours, theirs) {
      // `host;x-date`, as signatures name the headers that they cover.
      const lists = (text: string): string =>
        text.replace(/[\w-]+(?:([;, ]+)[\w-]+)+/g, (list, between: string) =>
          list
            .split(/[;, ]+/)
            .sort()
            .join(between),
        );
      if (lists(ours) !== lists(theirs)) return undefined;
      return 'the same names are in another order: those of the headers are sorted on one side; | sorted puts them in order';
    },
  },
  {
    name: 'order of lines',
    explain: (ours, theirs) =>
      sameItems(linesOf(ours), linesOf(theirs))
        ? 'the same lines are in another order: only("a", "b") takes headers in the order in which they are named, | sorted by their names'
        : undefined,
  },
];
