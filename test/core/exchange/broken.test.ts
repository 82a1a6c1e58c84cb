/** Each way in which a server can break is told apart, with what did arrive. */
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { plainConnection } from '../../../src/core/exchange/connection/connection.js';
import { type Outcome, openTransport } from '../../../src/core/exchange/transfer/transport.js';
import { startBroken, waysToBreak } from '../../../src/standin/broken/server.js';

const broken = await startBroken();
after(() => broken.close());

async function get(path: string, timeout: object = {}): Promise<Outcome> {
  const url = new URL(path, broken.origin);
  const transport = openTransport();
  try {
    return await transport.send(
      {
        method: 'GET',
        url,
        shownUrl: url.href,
        headers: [],
        body: undefined,
        timeout: { connect: 60_000, total: 60_000, ...timeout },
        redirects: undefined,
        connection: plainConnection,
      },
      undefined,
    );
  } finally {
    await transport.close();
  }
}

const expected: Readonly<
  Record<string, readonly [code: string, what: RegExp, arrived: string | undefined, timeout?: object]>
> = {
  reset: ['connection-reset', /closed the connection without a response/, undefined],
  closed: ['connection-reset', /closed the connection without a response/, undefined],
  silent: ['response-timeout', /no response began within 80 ms/, undefined, { firstByte: 80 }],
  'cut-short': ['response-cut-short', /14 bytes came of 100 announced/, 'only this much'],
  stalls: ['response-timeout', /nothing more came for 80 ms/, 'and then', { idle: 80 }],
  'two-lengths': ['response-malformed', /a response that is malformed/, undefined],
  'broken-gzip': ['response-encoding', /says gzip, but cannot be decompressed/, ''],
  'broken-chunk': ['response-cut-short', /broke off after 5 bytes/, 'abcde'],
  'half-chunk': ['response-cut-short', /5 bytes came/, 'abcde'],
  'not-http': ['response-malformed', /not HTTP/, undefined],
  endless: ['response-too-large', /larger than the limit/, '', { total: 20_000 }],
};

for (const [way, [code, what, arrived, timeout]] of Object.entries(expected)) {
  test(`${way}: ${waysToBreak[way]?.about}`, async () => {
    const { received, trouble } = await get(way, timeout);
    assert.equal(trouble?.code, code, `${trouble?.code}: ${trouble?.what}; ${trouble?.reason}`);
    assert.match(trouble?.what ?? '', what);
    assert.equal(typeof trouble?.where, 'string', 'the phase is named');
    if (arrived === undefined) assert.equal(received, undefined);
    else assert.ok(received?.text.startsWith(arrived), received?.text.slice(0, 40));
  });
}

test('more than was announced: what was announced is the response', async () => {
  const { received } = await get('wrong-length');
  assert.equal(received?.text.slice(0, 4), 'more');
});

test('a body that is not of its type is told where JSON is looked for', async () => {
  const { received, trouble } = await get('wrong-type');
  assert.equal(trouble, undefined);
  assert.throws(() => received?.json(), { code: 'response-not-json' });
});

test('every way is tested', () => {
  assert.deepEqual(
    Object.keys(waysToBreak).filter((way) => !(way in expected) && way !== 'wrong-length' && way !== 'wrong-type'),
    [],
  );
});
