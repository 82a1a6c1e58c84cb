/** The components of HTTP message signatures against the examples of RFC 9421, section 2. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { ComponentSpec } from '../../../src/core/collection/files/signature-file.js';
import type { Problem } from '../../../src/core/problem/problem.js';
import {
  componentFrom,
  componentValue,
  identifier,
  type Message,
} from '../../../src/core/signature/message/components.js';

const message = (
  headers: readonly (readonly [string, string])[],
  url = 'https://www.example.com/path?param=value',
  method = 'POST',
): Message => ({
  method,
  url: new URL(url),
  headers,
  trailers: [['Expires', 'Wed, 9 Nov 2022 07:28:00 GMT']],
});

const lineOf = (spec: ComponentSpec, from: Message): string => {
  const component = componentFrom(spec);
  return `${identifier(component)}: ${componentValue(component, from)}`;
};

const dictionary = message([['Example-Dict', ' a=1,    b=2;x=1;y=2,   c=(a   b    c), d']]);

const components: readonly [ComponentSpec, Message, string][] = [
  // 2.1
  ['host', message([['Host', 'www.example.com']]), '"host": www.example.com'],
  [
    'X-OWS-Header',
    message([['X-OWS-Header', '   Leading and trailing whitespace.           ']]),
    '"x-ows-header": Leading and trailing whitespace.',
  ],
  [
    'x-obs-fold-header',
    message([['X-Obs-Fold-Header', 'Obsolete\n    line folding.']]),
    '"x-obs-fold-header": Obsolete line folding.',
  ],
  [
    'cache-control',
    message([
      ['Cache-Control', 'max-age=60'],
      ['Cache-Control', '    must-revalidate'],
    ]),
    '"cache-control": max-age=60, must-revalidate',
  ],
  ['x-empty-header', message([['X-Empty-Header', '']]), '"x-empty-header": '],
  // 2.1.1
  [{ name: 'example-dict', sf: true }, dictionary, '"example-dict";sf: a=1, b=2;x=1;y=2, c=(a b c), d'],
  // 2.1.2
  [{ name: 'example-dict', key: 'a' }, dictionary, '"example-dict";key="a": 1'],
  [{ name: 'example-dict', key: 'd' }, dictionary, '"example-dict";key="d": ?1'],
  [{ name: 'example-dict', key: 'b' }, dictionary, '"example-dict";key="b": 2;x=1;y=2'],
  [{ name: 'example-dict', key: 'c' }, dictionary, '"example-dict";key="c": (a b c)'],
  // 2.1.3
  [
    { name: 'example-header', bs: true },
    message([
      ['Example-Header', 'value, with, lots'],
      ['Example-Header', 'of, commas'],
    ]),
    '"example-header";bs: :dmFsdWUsIHdpdGgsIGxvdHM=:, :b2YsIGNvbW1hcw==:',
  ],
  // 2.1.4
  [{ name: 'expires', tr: true }, message([]), '"expires";tr: Wed, 9 Nov 2022 07:28:00 GMT'],
  // 2.2
  ['@method', message([]), '"@method": POST'],
  ['@target-uri', message([]), '"@target-uri": https://www.example.com/path?param=value'],
  ['@authority', message([], 'https://WWW.example.com:443/'), '"@authority": www.example.com'],
  ['@scheme', message([], 'http://www.example.com/'), '"@scheme": http'],
  ['@request-target', message([]), '"@request-target": /path?param=value'],
  ['@path', message([]), '"@path": /path'],
  ['@path', message([], 'https://www.example.com'), '"@path": /'],
  [
    '@query',
    message([], 'https://www.example.com/path?param=value&foo=bar&baz=bat%2Dman'),
    '"@query": ?param=value&foo=bar&baz=bat%2Dman',
  ],
  ['@query', message([], 'https://www.example.com/path?queryString'), '"@query": ?queryString'],
  ['@query', message([], 'https://www.example.com/path'), '"@query": ?'],
  // 2.2.8
  ...(
    [
      ['baz', 'batman'],
      ['qux', ''],
      ['param', 'value'],
    ] as const
  ).map(([param, value]): [ComponentSpec, Message, string] => [
    { name: '@query-param', param },
    message([], 'https://www.example.com/path?param=value&foo=bar&baz=batman&qux='),
    `"@query-param";name="${param}": ${value}`,
  ]),
  ...(
    [
      ['var', 'this%20is%20a%20big%0Amultiline%20value'],
      ['bar', 'with%20plus%20whitespace'],
      ['fa%C3%A7ade%22%3A%20', 'something'],
    ] as const
  ).map(([param, value]): [ComponentSpec, Message, string] => [
    { name: '@query-param', param },
    message(
      [],
      'https://www.example.com/parameters?var=this%20is%20a%20big%0Amultiline%20value&bar=with+plus+whitespace&fa%C3%A7ade%22%3A%20=something',
    ),
    `"@query-param";name="${param}": ${value}`,
  ]),
  // 2.4: parts of the request in the signature of a response
  [
    { name: '@method', req: true },
    { status: 503, headers: [], trailers: [], request: message([]) },
    '"@method";req: POST',
  ],
  ['@status', { status: 503, headers: [], trailers: [] }, '"@status": 503'],
];

test(`the components of RFC 9421, section 2: ${components.length} lines`, () => {
  for (const [spec, from, line] of components) assert.equal(lineOf(spec, from), line);
});

test('what cannot be signed is refused, not guessed', () => {
  const twice = message([], 'https://www.example.com/?a=1&a=2');
  for (const [spec, from] of [
    ['x-missing', message([])],
    [{ name: 'example-dict', key: 'z' }, dictionary],
    [{ name: '@query-param', param: 'a' }, twice],
    ['x-note', message([['X-Note', 'caf\u00e9']])],
    [{ name: 'x-note', sf: true }, message([['X-Note', 'not (a field']])],
  ] as const) {
    assert.throws(() => lineOf(spec, from), { code: 'expression-value' });
  }
  for (const spec of [
    '@nothing',
    '@query-param',
    { name: 'date', param: 'x' },
    { name: 'date', bs: true, sf: true },
    { name: '@method', sf: true },
  ] as const)
    assert.throws(() => componentFrom(spec), { code: 'file-shape' });
});

test('what is covered and not there is told with what is', () => {
  const asked = message(
    [
      ['X-Desk', '7'],
      ['Priority', 'u=1, i'],
    ],
    'https://www.example.com/?sp%20ace=1&tag=1&tag=2&berth=N1',
  );
  const cases: readonly (readonly [spec: Parameters<typeof lineOf>[0], says: RegExp])[] = [
    ['x-dsk', /did you mean x-desk\?/],
    ['signed-on', /preview shows them all/],
    [{ name: '@query-param', param: 'sp ace' }, /as it is encoded: param: sp%20ace/],
    [{ name: '@query-param', param: 'birth' }, /did you mean berth\?/],
    [{ name: '@query-param', param: 'tag' }, /stands 2 times.*@query covers all/],
    [{ name: 'priority', key: 'urgency' }, /known: u, i/],
    ['@status', /only responses have a status/],
  ];
  for (const [spec, says] of cases)
    assert.throws(
      () => lineOf(spec, asked),
      ({ what, remedy }: Problem) => says.test(`${what}; ${remedy}`),
      JSON.stringify(spec),
    );
});
