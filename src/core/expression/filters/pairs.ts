/**
 * Filters over lists of pairs, each with a name and a value: the headers and the query of a request that
 * is about to leave.
 */
import { textOf } from '../../value/text.js';
import { isValueMap, type Value } from '../../value/written.js';
import { type Filter, wantList, wrongInput } from './filter.js';
import { percentEncode } from './text.js';

interface Pair {
  readonly name: string;
  readonly value: string;
  readonly whole: Value;
}

function pairsOf(filter: string, input: Value): Pair[] {
  return wantList(filter, input).map((whole) => {
    if (!isValueMap(whole) || whole.name === undefined || whole.value === undefined)
      throw wrongInput(filter, 'a list of pairs, such as sent.headers or sent.query', whole);
    return { name: textOf(whole.name), value: textOf(whole.value), whole };
  });
}

/** `x-office-*` fits every name that begins so. @param wanted in small letters */
function fits(name: string, wanted: string): boolean {
  const own = name.toLowerCase();
  return wanted.endsWith('*') ? own.startsWith(wanted.slice(0, -1)) : own === wanted;
}

const inSmallLetters = (names: readonly Value[]): string[] => names.map((name) => textOf(name).toLowerCase());

/** How a pair of the query is written. */
const writings: Readonly<Record<string, (pair: Pair) => string>> = {
  /** RFC 3986: all but unreserved characters as octets. */
  percent: ({ name, value }) => `${percentEncode(name)}=${percentEncode(value)}`,
  /** The form of HTML: a space is a plus sign. */
  form: ({ name, value }) => new URLSearchParams([[name, value]]).toString(),
  'as-sent': ({ name, value, whole }) =>
    isValueMap(whole) && whole['as-sent'] !== undefined ? textOf(whole['as-sent']) : `${name}=${value}`,
  decoded: ({ name, value }) => `${name}=${value}`,
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
      for (const name of inSmallLetters(names))
        for (const pair of pairs) if (fits(pair.name, name)) found.push(pair.whole);
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
      return pairsOf('except', input)
        .filter((pair) => !left.some((name) => fits(pair.name, name)))
        .map(({ whole }) => whole);
    },
  },
  {
    name: 'filled',
    about: 'the pairs whose value is not empty',
    example: '${sent.query | filled | encoded}',
    arguments: [0, 0],
    apply: (input) =>
      pairsOf('filled', input)
        .filter(({ value }) => value !== '')
        .map(({ whole }) => whole),
  },
  {
    name: 'header-lines',
    about: 'a list of lines `name:value`; with a text, that stands between the two',
    example: '${sent.headers | only("host") | header-lines(": ")}',
    arguments: [0, 1],
    apply: (input, [between]) =>
      pairsOf('header-lines', input).map(
        ({ name, value }) => `${name}${between === undefined ? ':' : textOf(between)}${value}`,
      ),
  },
  {
    name: 'encoded',
    about:
      'the pairs as the text of a query: "percent" (RFC 3986, where nothing is said), "form", "as-sent" or "decoded"',
    example: '${sent.query | sorted | encoded}',
    arguments: [0, 1],
    apply(input, [writing]) {
      const name = writing === undefined ? 'percent' : textOf(writing);
      const write = Object.hasOwn(writings, name) ? writings[name] : undefined;
      if (!write) throw wrongInput('encoded', `one of ${Object.keys(writings).join(', ')}`, name);
      return pairsOf('encoded', input).map(write).join('&');
    },
  },
];
