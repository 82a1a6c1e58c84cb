/** Where our text parts from the vendor's, and the likely cause. */
import assert from 'node:assert/strict';
import { createHash } from 'node:crypto';
import { test } from 'node:test';
import { compareAgainst, differenceOf, unescaped } from '../../../src/core/signature/against/compare.js';
import type { SigningStep } from '../../../src/core/signature/signature-kind.js';

const hash = (text: string, name = 'sha256', encoding: 'hex' | 'base64' = 'hex'): string =>
  createHash(name).update(text).digest(encoding);
const base = [
  'POST',
  '/v1/calls',
  '',
  'host:harbour.example:8443',
  'x-desk:North quay',
  'x-time:2026-03-02T09:30:00Z',
  hash('{"nights":2}'),
].join('\n');
const change = (from: string | RegExp, to: string): string => base.replace(from, to);

/** What theirs is, and how the cause is told. */
const cases: readonly [name: string, ours: string, theirs: string, cause: RegExp][] = [
  ['line break at the end of theirs', base, `${base}\n`, /theirs ends with a line break/],
  ['line break at the end of ours', `${base}\n`, base, /ours ends with a line break/],
  ['carriage returns', base, base.replaceAll('\n', '\r\n'), /CR LF/],
  ['blank slot that we lack', change('\n\n', '\n'), base, /theirs has an empty line at line 3/],
  ['blank slot that they lack', base, change('\n\n', '\n'), /ours has an empty line at line 3/],
  ['line that we lack', change('x-desk:North quay\n', ''), base, /ours lacks their line 5: "x-desk:North quay"/],
  [
    'lines that we lack',
    change(/x-desk:.*\nx-time:.*\n/, ''),
    base,
    /ours lacks their lines 5 to 6: "x-desk:North quay"/,
  ],
  ['text that goes on', base, base.split('\n').slice(0, 4).join('\n'), /theirs ends behind line 4.*is that all of it/],
  ['order of headers', base, change(/(x-desk:.*)\n(x-time:.*)/, '$2\n$1'), /the same lines are in another order/],
  ['space at the end', change('North quay', 'North quay '), base, /white space at the end of a line/],
  ['spaces in a row', change('North quay', 'North  quay'), base, /only the white space differs/],
  [
    'space behind the colon',
    base,
    change('x-desk:', 'x-desk: '),
    /theirs has a space behind the colon: header-lines\(": "\)/,
  ],
  ['no space behind the colon', change('x-desk:', 'x-desk: '), base, /theirs has no space behind the colon/],
  ['small letters', base, base.toLowerCase(), /theirs is in small letters/],
  ['capital letters of octets', '/a%2fb', '/a%2Fb', /percent-encoding with capital letters/],
  ['small letters of octets', '/A%2Fb%C3', '/A%2fb%c3', /percent-encoding with small letters/],
  ['space behind a comma', 'x-desk:7, 8', 'x-desk:7,8', /separated by a comma alone/],
  ['no space behind a comma', 'x-desk:7,8', 'x-desk:7, 8', /separated by a comma and a space/],
  ['one part encoded once more', '/b%C3%BC/a%2Fb', '/b%C3%BC/a%252Fb', /theirs is percent-encoded once more/],
  ['plus signs', 'name=North%20quay', 'name=North+quay', /a space is a plus sign there/],
  ['octets for spaces', 'name=North+quay', 'name=North%20quay', /a space is %20 there/],
  ['encoded once more', '/b%C3%BCro', '/b%25C3%25BCro', /theirs is percent-encoded once more/],
  ['encoded too often', '/b%25C3%25BCro', '/b%C3%BCro', /ours is percent-encoded once more/],
  ['another set of characters', "/a'b", '/a%27b', /percent-encoded once more|other characters are encoded/],
  ['order of parameters', '/v1?b=2&a=1', '/v1?a=1&b=2', /the query parameters are in another order/],
  ['parameters as they are sent', '/v1?a=1&b=2', '/v1?b=2&a=1', /another order: .*take \| sorted away/],
  ['empty parameters', '/v1?a=1&b=', '/v1?a=1', /parameters without a value are left out/],
  ['query behind the path', '/v1/calls', '/v1/calls?berth=N1', /theirs is the path with its query: \$\{sent\.target\}/],
  ['path alone', '/v1/calls?berth=N1', '/v1/calls', /theirs is the path without its query/],
  ['question mark', 'berth=N1', '?berth=N1', /the question mark/],
  ['slash at the end', '/v1/calls', '/v1/calls/', /a slash at the end of the path/],
  ['port', base, change(':8443', ''), /the port/],
  ['time zone', base, change('T09:30', 'T11:30'), /the times are 2 h apart: another time zone/],
  ['another moment', base, change('09:30:00', '09:30:07'), /another moment: say which/],
  [
    'way of writing the time',
    base,
    change('2026-03-02T09:30:00Z', '20260302T093000Z'),
    /the time is written otherwise/,
  ],
  ['milliseconds', 't=1772443800', 't=1772443800123', /theirs counts milliseconds/],
  ['seconds for a date', 'x-time:2026-03-02T09:30:00Z', 'x-time:1772443800', /theirs is a number, ours a date/],
  ['digest of no body', base, change(hash('{"nights":2}'), hash('')), /theirs is the digest of no bytes at all/],
  ['digest of another body', base, change(hash('{"nights":2}'), hash('{"nights": 2}')), /the digest of other bytes/],
  [
    'digest in base64',
    base,
    change(hash('{"nights":2}'), hash('{"nights":2}', 'sha256', 'base64')),
    /the same digest, written as base64/,
  ],
  [
    'a date for a day of the week',
    't:Mon, 02 Mar 2026 09:30:00 GMT',
    't:2026-03-02T09:30:00Z',
    /the time is written otherwise/,
  ],
  ['a day of the week for a date', 't:2026-03-02T09:30:00Z', 't:Mon, 02 Mar 2026 09:30:00 GMT', /\| http-date/],
  [
    'digest filled up',
    hash('a', 'sha256', 'base64').replace(/=+$/, ''),
    hash('a', 'sha256', 'base64'),
    /the same digest, written as base64 there/,
  ],
  [
    'digest for addresses',
    hash('ab', 'sha256', 'base64'),
    Buffer.from(hash('ab'), 'hex').toString('base64url'),
    /the same digest, written as base64url there/,
  ],
  [
    'another algorithm',
    base,
    change(hash('{"nights":2}'), hash('{"nights":2}', 'sha512')),
    /a digest by another algorithm/,
  ],
  ['name in front', 'North quay', 'x-desk:North quay', /theirs has the name in front of the value/],
  ['Unicode form', 'b\u00fcro', 'bu\u0308ro', /another Unicode form/],
  ['space that does not break', 'North quay', 'North\u00a0quay', /white space|invisible character/],
  ['byte order mark', 'POST', '\ufeffPOST', /invisible character|white space/],
  ['curly quotes', '{"a":1}', '{\u201ca\u201d:1}', /the kind of quotes differs/],
];

test(`the likely cause of a difference: ${cases.length} mistakes that everyone makes`, () => {
  for (const [name, ours, theirs, cause] of cases)
    assert.match(differenceOf(ours, theirs).cause ?? '(none)', cause, name);
});

test('of several mistakes each has its cause, by its line', () => {
  const theirs = change('/v1/calls', '/v1/calls/').replace('x-desk:', 'x-desk: ').replace('09:30', '10:30');
  const { line, cause, further } = differenceOf(base, theirs);
  assert.equal(line, 2);
  assert.match(cause ?? '', /a slash at the end of the path/);
  assert.deepEqual(
    further.map((one) => [one.line, /^[^:;]*/.exec(one.cause ?? '')?.[0]]),
    [
      [5, 'theirs has a space behind the colon'],
      [6, 'the times are 1 h apart'],
    ],
  );
  // Where theirs has another number of lines, nobody knows which belong together.
  assert.deepEqual(differenceOf(base, `${theirs}\nmore`).further, []);
  assert.deepEqual(differenceOf(base, base.toLowerCase()).further, [], 'one cause for all');
});

test('nothing is made up where the cause is not known', () => {
  for (const [ours, theirs] of [
    ['POST', 'GET'],
    ['/v1/calls', '/v2/berths'],
    [base, change('x-desk:North quay', 'x-desk:South mole')],
  ] as const)
    assert.equal(differenceOf(ours, theirs).cause, undefined, theirs);
});

test('the first character that differs, by line and column, and by its name', () => {
  const parted = differenceOf('GET\nx-b\u00fc:1', 'GET\nx-b\u00fc: 1');
  assert.deepEqual(
    [parted.line, parted.column, parted.ours, parted.theirs, parted.ourCharacter, parted.theirCharacter],
    [2, 6, 'x-b\u00fc:1', 'x-b\u00fc: 1', '"1" (U+0031)', 'space (U+0020)'],
  );
  assert.equal(differenceOf('a', 'a\n').theirCharacter, 'line feed (U+000A)');
  assert.equal(differenceOf('a', 'a\n').ourCharacter, undefined);
});

const step = (name: string, value: string, secret = false): SigningStep => ({
  name,
  part: 'value',
  value,
  secret,
  shown: secret ? undefined : value,
});

test('theirs is compared with the value that is most alike; of a secret one only whether it is the same', () => {
  const steps = [step('stamp', '20260302T093000Z'), step('base', base), step('seal', 'AAAA-BBBB-CCCC', true)];
  assert.equal(compareAgainst(steps, change('quay', 'mole'))?.name, 'base');
  assert.equal(compareAgainst(steps, '20260302T093001Z')?.name, 'stamp');
  assert.equal(compareAgainst(steps, 'post\n/v1/calls\n')?.name, 'base', 'the beginning of a long one');
  assert.match(compareAgainst(steps, '?!')?.difference?.cause ?? '', /nothing here looks like theirs.*: stamp, base$/);
  assert.deepEqual(compareAgainst(steps, 'AAAA-BBBB-CCCC'), { name: 'seal', same: true, difference: undefined });
  assert.deepEqual(compareAgainst(steps, 'AAAA-BBBB-CCCD', 'seal'), {
    name: 'seal',
    same: false,
    difference: undefined,
  });
  assert.equal(compareAgainst(steps, base, 'nothing'), undefined);
});

test('line breaks that a message writes out are read as such', () => {
  assert.equal(unescaped('POST\\n/v1', ['POST\n/v1']), 'POST\n/v1');
  assert.equal(unescaped('a\\nb', ['a']), 'a\\nb');
});

test('a seal is held against seals, told by its other encoding, and never shown where it is secret', () => {
  const bytes = createHash('sha256').update('harbour').digest();
  const steps = [
    step('stamp', '20260302T093000Z'),
    step('names', 'host;x-date'),
    step('seal', bytes.toString('base64'), true),
  ];
  const hex = compareAgainst(steps, bytes.toString('hex'));
  assert.equal(hex?.name, 'seal');
  assert.match(hex?.cause ?? '', /the same digest, written as hex there: \| hex/);
  assert.match(compareAgainst(steps, bytes.toString('base64url'))?.cause ?? '', /base64url there/);
  const another = compareAgainst(steps, createHash('sha256').update('quay').digest('hex'));
  assert.deepEqual([another?.name, another?.difference, another?.cause], ['seal', undefined, undefined]);
  assert.match(differenceOf('a host;x-date b', 'a x-date;host b').cause ?? '', /names are in another order/);
});
