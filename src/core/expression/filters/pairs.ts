/**
 * Filters over lists of pairs, each with a name and a value: the headers and the query of a request that
 * is about to leave.
 */

import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import { isValueMap, type Value, type ValueMap } from '../../value/written.js';
import { type Filter, wantList, wrongInput } from './filter.js';
import { percentEncode } from './text.js';

type Pair = ValueMap & { readonly name: Value; readonly value: Value };

function pairsOf(filter: string, input: Value): readonly Pair[] {
  const list = wantList(filter, input);
  for (const item of list)
    if (!isValueMap(item) || item.name === undefined || item.value === undefined)
      throw wrongInput(filter, 'a list of pairs, such as sent.headers or sent.query', item);
  return list as readonly Pair[];
}

/** `x-office-*` fits every name that begins so. @param wanted in small letters */
function fits({ name }: Pair, wanted: string): boolean {
  if (name === wanted) return true;
  const own = textOf(name).toLowerCase();
  return wanted.endsWith('*') ? own.startsWith(wanted.slice(0, -1)) : own === wanted;
}

const inSmallLetters = (names: readonly Value[]): string[] => names.map((name) => textOf(name).toLowerCase());

/** How a pair of the query is written. */
const writings: Readonly<Record<string, (pair: Pair) => string>> = {
  /** RFC 3986: all but unreserved characters as octets. */
  percent: ({ name, value }) => `${percentEncode(textOf(name))}=${percentEncode(textOf(value))}`,
  /** The form of HTML: a space is a plus sign. */
  form: ({ name, value }) => new URLSearchParams([[textOf(name), textOf(value)]]).toString(),
  'as-sent': ({ name, value, 'as-sent': sent }) =>
    sent === undefined ? `${textOf(name)}=${textOf(value)}` : textOf(sent),
  decoded: ({ name, value }) => `${textOf(name)}=${textOf(value)}`,
};

export const pairFilters: readonly Filter[] = [
  {
    name: 'only',
    about: 'the pairs of these names, in the order in which they are named; `x-*` takes all that begin so',
    example: '${sent.headers | only("host", "x-office-*")}',
    arguments: [1, 50],
    apply(input, names) {
      const pairs = pairsOf('only', input);
      const found: Value[] = [];
      for (const name of inSmallLetters(names)) for (const pair of pairs) if (fits(pair, name)) found.push(pair);
      return found;
    },
  },
  {
    name: 'except',
    about: 'the pairs of all other names; `x-*` leaves out all that begin so',
    example: '${sent.headers | except("user-agent", "connection")}',
    arguments: [1, 50],
    apply(input, names) {
      const left = inSmallLetters(names);
      return pairsOf('except', input).filter((pair) => !left.some((name) => fits(pair, name)));
    },
  },
  {
    name: 'filled',
    about: 'the pairs whose value is not empty',
    example: '${sent.query | filled | encoded}',
    arguments: [0, 0],
    apply: (input) => pairsOf('filled', input).filter(({ value }) => textOf(value) !== ''),
  },
  {
    name: 'header-lines',
    about: 'a list of lines `name:value`; with a text, that stands between the two',
    example: '${sent.headers | only("host") | header-lines(": ")}',
    arguments: [0, 1],
    apply(input, [between]) {
      const middle = between === undefined ? ':' : textOf(between);
      return pairsOf('header-lines', input).map(({ name, value }) => `${textOf(name)}${middle}${textOf(value)}`);
    },
  },
  {
    name: 'encoded',
    about:
      'the pairs as the text of a query: "percent" (RFC 3986, by default), "form", "as-sent" or "decoded"; with "bare" behind it a name that is sent without an equals sign stays so',
    example: '${sent.query | sorted | encoded}',
    arguments: [0, 2],
    apply(input, [writing, bare]) {
      const name = writing === undefined ? 'percent' : textOf(writing);
      const write = ownMember(writings, name);
      if (!write) throw wrongInput('encoded', `one of ${Object.keys(writings).join(', ')}`, name);
      if (bare !== undefined && bare !== 'bare')
        throw wrongInput('encoded', '"bare" or nothing behind the writing', bare);
      const written = (pair: Pair): string =>
        bare !== undefined && pair.bare === true ? write(pair).replace(/=$/, '') : write(pair);
      return pairsOf('encoded', input).map(written).join('&');
    },
  },
];
