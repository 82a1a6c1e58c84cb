/** Causes that concern how a line is written: case, white space, encoding, order of parameters. */
import { percentDecoded } from '../../value/percent-decoded.js';
import type { Cause } from './cause.js';

const octets = /%[0-9a-f]{2}/gi;

/** The parameters of a query, wherever they stand; an equals sign at the end of a line is base64 more often. */
const queryText = /[^?\s=]+=[^\s&]*(?:&[^\s]+)+/g;

const spacesBehindColons = (text: string): number => text.split(/:[^\S\n]/).length - 1;

/** Both texts become the same by one change. */
function equalAfter(
  name: string,
  change: (text: string) => string,
  says: (ours: string, theirs: string) => string,
): Cause {
  return {
    name,
    explain: (ours, theirs) => (change(ours) === change(theirs) ? says(ours, theirs) : undefined),
  };
}

export const textCauses: readonly Cause[] = [
  equalAfter(
    'white space',
    (text) =>
      text
        .replace(/[^\S\n]+/g, ' ')
        .replace(/ ?$/gm, '')
        .replace(/^ /gm, ''),
    (ours, theirs) =>
      /[^\S\n]$/m.test(ours) && !/[^\S\n]$/m.test(theirs)
        ? 'ours has white space at the end of a line: | trim'
        : 'only the white space differs: spaces in a row, at the ends, or a tab',
  ),
  equalAfter(
    'white space behind a colon',
    (text) => text.replace(/:[^\S\n]*/g, ':'),
    (ours, theirs) =>
      spacesBehindColons(theirs) > spacesBehindColons(ours)
        ? 'theirs has a space behind the colon: header-lines(": "), the whole line in single quotes, writes one'
        : 'theirs has no space behind the colon: header-lines writes none',
  ),
  equalAfter(
    'white space behind a comma',
    (text) => text.replace(/,[^\S\n]*/g, ','),
    (_, theirs) =>
      /,\s/.test(theirs)
        ? 'there the values of a repeated header are separated by a comma and a space'
        : 'there the values of a repeated header are separated by a comma alone: | replace(", ", ",")',
  ),
  equalAfter(
    'case',
    (text) => text.toLowerCase(),
    (ours, theirs) => {
      if (ours.replace(octets, (octet) => octet.toUpperCase()) === theirs)
        return 'theirs writes percent-encoding with capital letters (RFC 3986, section 2.1)';
      if (ours.replace(octets, (octet) => octet.toLowerCase()) === theirs)
        return 'theirs writes percent-encoding with small letters';
      if (theirs === theirs.toLowerCase()) return 'theirs is in small letters: | lower';
      if (theirs === theirs.toUpperCase()) return 'theirs is in capital letters: | upper';
      return 'only the case of letters differs: header names, hexadecimal digits or the method';
    },
  ),
  equalAfter(
    'plus signs',
    (text) => text.replaceAll('%20', '+'),
    (_, theirs) =>
      theirs.includes('+') && !theirs.includes('%20')
        ? 'a space is a plus sign there: | encoded("form")'
        : 'a space is %20 there: | encoded',
  ),
  {
    name: 'encoded twice',
    explain(ours, theirs) {
      if (percentDecoded(ours) === theirs) return 'ours is percent-encoded once more than theirs: | from-percent';
      if (percentDecoded(theirs) === ours || theirs.replaceAll('%25', '%') === ours)
        return 'theirs is percent-encoded once more than ours: | percent, or the encoded form of the path';
      return undefined;
    },
  },
  equalAfter(
    'percent-encoding',
    percentDecoded,
    () => 'percent-encoding: other characters are encoded there (RFC 3986 leaves letters, digits, - . _ ~ as they are)',
  ),
  {
    name: 'order of parameters',
    explain(ours, theirs) {
      const parameters = (text: string): string =>
        text.replace(queryText, (query) => query.split('&').sort().join('&'));
      if (parameters(ours) !== parameters(theirs)) return undefined;
      const otherwise = 'the query parameters are in another order';
      return parameters(ours) === ours
        ? `${otherwise}: theirs are as they are sent, or in an order of its own; take | sorted away`
        : `${otherwise}: | sorted puts them by name, then by value`;
    },
  },
  {
    name: 'empty parameters',
    explain(ours, theirs) {
      const filled = (text: string): string =>
        text.replace(queryText, (query) =>
          query
            .split('&')
            .filter((pair) => !pair.endsWith('='))
            .join('&'),
        );
      if (filled(ours) !== filled(theirs)) return undefined;
      return ours.length > theirs.length
        ? 'parameters without a value are left out there: | filled'
        : 'parameters without a value stay there: take | filled away';
    },
  },
  equalAfter(
    'Unicode',
    (text) => text.normalize('NFC'),
    () => 'the same letters in another Unicode form (NFC and NFD): copied text often brings the other one along',
  ),
  equalAfter(
    'invisible characters',
    (text) => text.replace(/[\u00a0]/g, ' ').replace(/[\u200b-\u200d\ufeff]/g, ''),
    () => 'an invisible character: a byte order mark, a space of zero width, or a space that does not break',
  ),
  equalAfter(
    'quotes',
    (text) => text.replace(/[\u2018\u2019\u201c\u201d"]/g, "'"),
    () => 'the kind of quotes differs: pages turn " into curly ones',
  ),
];
