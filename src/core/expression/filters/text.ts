/** Filters over text. */
import { Problem } from '../../problem/problem.js';
import { writeJson } from '../../value/json-text.js';
import { textOf } from '../../value/text.js';
import { plain, type Value } from '../../value/written.js';
import { type Filter, wantList, wantNumber, wantText } from './filter.js';

/** Characters; more are no text that somebody means. */
const longestPad = 10_000;

const ofText = (
  name: string,
  about: string,
  example: string,
  work: (text: string, ...args: Value[]) => Value,
  args: readonly [number, number] = [0, 0],
): Filter => ({
  name,
  about,
  example,
  arguments: args,
  apply: (input, given) => work(wantText(name, input), ...given),
});

/** Characters as people count them: a letter outside the first plane is one, not two. */
function slice(text: string, from: Value, to?: Value): string {
  const end = to === undefined ? undefined : wantNumber('slice', to);
  return [...text].slice(wantNumber('slice', from), end).join('');
}

export const textFilters: readonly Filter[] = [
  ofText('upper', 'capital letters', '${code | upper}', (text) => text.toUpperCase()),
  ofText('lower', 'small letters', '${code | lower}', (text) => text.toLowerCase()),
  ofText('trim', 'without white space at both ends', '${name | trim}', (text) => text.trim()),
  {
    name: 'slice',
    about:
      'the characters, or the items of a list, from one position up to before another; negative counts from the end',
    example: '${stamp | slice(0, 8)}',
    arguments: [1, 2],
    apply(input, [from, to]) {
      if (!Array.isArray(input)) return slice(wantText('slice', input), from as Value, to);
      return input.slice(wantNumber('slice', from as Value), to === undefined ? undefined : wantNumber('slice', to));
    },
  },
  ofText(
    'replace',
    'every occurrence of a text by another',
    '${vessel.name | replace(" ", "+")}',
    (text, from, to) => text.replaceAll(wantText('replace', from as Value), () => wantText('replace', to as Value)),
    [2, 2],
  ),
  ofText(
    'split',
    'a list, cut at a text',
    '${codes | split(",")}',
    (text, at) => text.split(wantText('split', at as Value)),
    [1, 1],
  ),
  {
    name: 'join',
    about: 'the items of a list as one text',
    example: '${codes | join(",")}',
    arguments: [0, 1],
    apply: (input, [between]) =>
      wantList('join', input)
        .map(textOf)
        .join(between === undefined ? '' : textOf(between)),
  },
  ofText('lines', 'a list of the lines', '${note | lines}', (text) => text.split(/\r\n|\n/)),
  ofText(
    'pad',
    'filled up at the front to so many characters, with spaces or with another text',
    '${number | pad(10, "0")}',
    (text, length, fill) => {
      const wanted = wantNumber('pad', length as Value);
      if (wanted > longestPad)
        throw new Problem('expression-value', {
          what: `pad fills up to ${longestPad} characters at most, not to ${wanted}`,
        });
      return text.padStart(wanted, fill === undefined ? ' ' : wantText('pad', fill));
    },
    [1, 2],
  ),
  ofText('quoted', 'single quotes doubled, for filter clauses', "name eq '${name | quoted}'", (text) =>
    text.replaceAll("'", "''"),
  ),
  ofText('percent', 'percent-encoded (RFC 3986, all but unreserved characters)', '${name | percent}', percentEncode),
  ofText('last-segment', 'what stands behind the last slash of an address', '${callUrl | last-segment}', (text) => {
    const path = text.replace(/[?#].*$/s, '').replace(/\/+$/, '');
    return path.slice(path.lastIndexOf('/') + 1);
  }),
  {
    name: 'wrapped',
    about: 'the text with another in front of it, and one behind; an empty text stays empty',
    example: '${sent.query-text | wrapped("?")}',
    arguments: [1, 2],
    apply(input, [front, behind]) {
      const text = plain(input) === null ? '' : wantText('wrapped', input);
      return text === '' ? '' : `${textOf(front as Value)}${text}${behind === undefined ? '' : textOf(behind)}`;
    },
  },
  {
    name: 'where',
    about: 'the value where the first argument is one of the others; else it is omitted',
    example: '${sent.body | sha-256 | hex | where(sent.method, "POST", "PUT")}',
    leavesOut: true,
    arguments: [2, 20],
    apply: (input, [tested, ...wanted]) =>
      wanted.some((one) => textOf(one) === textOf(tested as Value)) ? input : null,
  },
  {
    name: 'text',
    about: 'the value as text; bytes are read as UTF-8',
    example: '${file("data/note.txt") | text}',
    arguments: [0, 0],
    apply: (input) => (plain(input) === null ? 'null' : textOf(input)),
  },
  {
    name: 'json',
    about: 'the value as JSON on one line',
    example: '${vessel | json}',
    arguments: [0, 0],
    apply: (input) => writeJson(input),
  },
];

const unreserved = /^[A-Za-z0-9._~-]*$/;

/** RFC 3986 section 2.3: unreserved characters stay, all others become octets of UTF-8. */
export function percentEncode(text: string): string {
  if (unreserved.test(text)) return text;
  return encodeURIComponent(text).replace(/[!'()*]/g, (char) => `%${char.charCodeAt(0).toString(16).toUpperCase()}`);
}
