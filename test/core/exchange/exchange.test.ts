/** The exchange against real bytes: what a plain socket server receives, and ways in which a server can fail. */
import assert from 'node:assert/strict';
import { createServer, type Socket } from 'node:net';
import { test } from 'node:test';
import { brotliCompressSync, deflateRawSync, deflateSync, gzipSync } from 'node:zlib';
import { plainConnection } from '../../../src/core/exchange/connection/connection.js';
import { listedOrigins } from '../../../src/core/exchange/hosts/listed-origins.js';
import type { HeaderLine, WireRequest } from '../../../src/core/exchange/request/wire.js';
import { type Outcome, openTransport } from '../../../src/core/exchange/transfer/transport.js';
import { type RawServer, rawServer, responseOf } from '../../support/raw-server.js';

const line = (name: string, value: string, secret = false): HeaderLine => ({ name, value, origin: 'test', secret });

function get(url: string, more: Partial<WireRequest> = {}): WireRequest {
  return {
    method: 'GET',
    url: new URL(url),
    shownUrl: url,
    headers: [line('accept', '*/*')],
    body: undefined,
    timeout: { connect: 60_000, total: 60_000 },
    redirects: 5,
    connection: plainConnection,
    ...more,
  };
}

async function send(wire: WireRequest, signal?: AbortSignal): Promise<Outcome> {
  const transport = openTransport();
  try {
    return await transport.send(wire, signal);
  } finally {
    await transport.close();
  }
}

async function against(
  response: Parameters<typeof rawServer>[0],
  work: (server: RawServer) => Promise<void>,
): Promise<void> {
  const server = await rawServer(response);
  try {
    await work(server);
  } finally {
    await server.close();
  }
}

test('a response is given back whole: status, reason, header lines in order with repeats, body, phases', async () => {
  await against(
    () => responseOf('{"a":1}', { status: '207 Mixed Bag', headers: ['X-Two: a', 'x-two: b', 'Set-Cookie: c=1'] }),
    async ({ origin }) => {
      const { received, trouble } = await send(get(`${origin}/x?y=1`));
      assert.equal(trouble, undefined);
      assert.deepEqual([received?.status, received?.parts.reason, received?.text], [207, 'Mixed Bag', '{"a":1}']);
      assert.deepEqual(received?.headers.slice(2), [
        ['X-Two', 'a'],
        ['x-two', 'b'],
        ['Set-Cookie', 'c=1'],
      ]);
      const phases = received?.parts.phases;
      assert.ok(phases && phases.total >= phases.waiting && phases.connect !== undefined);
    },
  );
});

test('of many at once each tells the phases of its own connection, and none where it found one open', async () => {
  const late = (_head: string, socket: Socket): undefined => {
    setTimeout(() => socket.write(responseOf('{}')), 5);
  };
  await against(late, async ({ origin, received: connections }) => {
    const transport = openTransport();
    const connects: (number | undefined)[] = [];
    for (let round = 0; round < 2; round += 1) {
      const sent = await Promise.all(Array.from({ length: 12 }, () => transport.send(get(origin), undefined)));
      for (const { received } of sent) {
        const { connect, waiting, receiving, total } = received?.parts.phases ?? assert.fail('no response');
        connects.push(connect);
        for (const phase of [connect ?? 0, waiting, receiving]) assert.ok(phase >= 0, `${phase} ms`);
        const sum = (connect ?? 0) + waiting + receiving;
        assert.ok(Math.abs(sum - total) < 0.01, JSON.stringify(received?.parts.phases));
      }
    }
    await transport.close();
    assert.equal(connections.length, 12, 'no more connections than there were calls at once');
    assert.deepEqual(
      connects.map((connect) => connect !== undefined),
      [...Array(12).fill(true), ...Array(12).fill(false)],
    );
  });
});

test('calls one after the other share a connection, each sent as soon as the response before is there', async () => {
  await against(
    () => responseOf('{}'),
    async ({ origin, received }) => {
      const transport = openTransport();
      for (let count = 0; count < 5; count += 1) {
        const { received } = await transport.send(get(origin), undefined);
        assert.equal(received?.parts.phases.connect === undefined, count > 0);
      }
      await transport.close();
      assert.equal(received.length, 1);
    },
  );
});

const lines = [
  ['Berth', 'N2'],
  ['Empty', ''],
  ['BERTH', 'Ö, N3'],
] as const;
const written = `HTTP/1.1 200 OK\r\n${lines.map(([name, value]) => `${name}: ${value}\r\n`).join('')}`;

for (const step of [1, 2, 3, 7, 50, 1000])
  test(`header lines are the same in pieces of ${step} bytes`, async () => {
    const slowly = async (_head: string, socket: Socket): Promise<void> => {
      const bytes = Buffer.from(`${written}Content-Length: 2\r\n\r\n{}`, 'latin1');
      socket.setNoDelay(true);
      for (let at = 0; at < bytes.length; at += step) {
        socket.write(bytes.subarray(at, at + step));
        await new Promise((resolve) => setTimeout(resolve, 1));
      }
    };
    await against(
      (head, socket) => void slowly(head, socket),
      async ({ origin }) => {
        const transport = openTransport();
        for (let round = 0; round < 2; round += 1) {
          const { received } = await transport.send(get(origin), undefined);
          assert.deepEqual(received?.headers, [...lines, ['Content-Length', '2']]);
        }
        await transport.close();
      },
    );
  });

test('header lines that differ in one letter from those before are told as they are', async () => {
  let count = 0;
  const counted = (): string => responseOf('{}', { headers: [`count: ${Math.floor(count++ / 2)}`] });
  await against(counted, async ({ origin }) => {
    const transport = openTransport();
    const told: unknown[] = [];
    for (let round = 0; round < 4; round += 1)
      told.push((await transport.send(get(origin), undefined)).received?.headers.at(-1));
    await transport.close();
    assert.deepEqual(told, [
      ['count', '0'],
      ['count', '0'],
      ['count', '1'],
      ['count', '1'],
    ]);
  });
});

const bodies: readonly (readonly [coding: string, body: Buffer])[] = [
  ['gzip', gzipSync('harbour')],
  ['deflate', deflateSync('harbour')],
  ['deflate', deflateRawSync('harbour')],
  ['br', brotliCompressSync('harbour')],
];
for (const [coding, body] of bodies) {
  test(`a body in ${coding} is decompressed`, async () => {
    const head = `HTTP/1.1 200 OK\r\ncontent-encoding: ${coding}\r\ncontent-length: ${body.length}\r\n\r\n`;
    await against(
      () => Buffer.concat([Buffer.from(head), body]),
      async ({ origin }) => {
        const { received } = await send(get(origin));
        assert.equal(received?.text, 'harbour');
        assert.equal(received?.parts.wireSize, body.length);
      },
    );
  });
}

const charsets: readonly (readonly [type: string, bytes: Buffer, text: string])[] = [
  ['text/plain; charset=iso-8859-1', Buffer.from([0xe9]), 'é'],
  ['text/plain', Buffer.from('é'), 'é'],
  ['text/plain; charset=utf-8', Buffer.from([0xef, 0xbb, 0xbf, 0x61]), 'a'],
  ['text/plain; charset=no-such', Buffer.from('é'), 'é'],
];
for (const [type, bytes, text] of charsets) {
  test(`${type} is read as ${text}`, async () => {
    const head = `HTTP/1.1 200 OK\r\ncontent-type: ${type}\r\ncontent-length: ${bytes.length}\r\n\r\n`;
    await against(
      () => Buffer.concat([Buffer.from(head), bytes]),
      async ({ origin }) => assert.equal((await send(get(origin))).received?.text, text),
    );
  });
}

const troubles: readonly (readonly [
  name: string,
  code: string,
  response: Parameters<typeof rawServer>[0],
  status?: number,
])[] = [
  ['a connection closed without a response', 'connection-reset', (_head, socket) => void socket.destroy()],
  [
    'a response cut short',
    'response-cut-short',
    (_head, socket) => void socket.end('HTTP/1.1 200 OK\r\ncontent-length: 50\r\n\r\nhalf'),
    200,
  ],
  ['something that is not HTTP', 'response-malformed', () => 'SSH-2.0-gull\r\n\r\n'],
  ['a broken chunk', 'response-cut-short', () => 'HTTP/1.1 200 OK\r\ntransfer-encoding: chunked\r\n\r\nzz\r\nx', 200],
  ['silence', 'response-timeout', () => undefined],
  ['silence in the middle', 'response-timeout', () => 'HTTP/1.1 200 OK\r\ncontent-length: 50\r\n\r\nhalf', 200],
  [
    'compression that is none',
    'response-encoding',
    () => responseOf('plain', { headers: ['content-encoding: gzip'] }),
    200,
  ],
];
for (const [name, code, response, status] of troubles) {
  test(`${name} is told as ${code}`, async () => {
    await against(response, async ({ origin }) => {
      const { received, trouble } = await send(
        // Only of silence it is the subject.
        get(origin, { timeout: { connect: 60_000, total: name.startsWith('silence') ? 3000 : 60_000 } }),
      );
      assert.equal(trouble?.code, code, trouble?.message);
      assert.equal(trouble?.family, 'no-response');
      assert.ok(typeof trouble?.where === 'string');
      assert.equal(received?.status, status);
      if (code === 'response-cut-short' && name.includes('short')) assert.equal(received?.text, 'half');
    });
  });
}

test('a port on which nothing listens is told as refused', async () => {
  const server = createServer();
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as { port: number };
  await new Promise((resolve) => server.close(resolve));
  const { trouble } = await send(get(`http://127.0.0.1:${port}/`));
  assert.equal(trouble?.code, 'connection-refused');
  assert.match(trouble?.what ?? '', new RegExp(`127\\.0\\.0\\.1 refused the connection on port ${port}`));
});

test('a name that nobody knows is told as such', async () => {
  const { trouble } = await send(get('http://no-such-host.larkhaven.invalid/'));
  assert.equal(trouble?.code, 'name-lookup');
});

test('an interruption ends the exchange at once', async () => {
  await against(
    () => undefined,
    async ({ origin }) => {
      const controller = new AbortController();
      setTimeout(() => controller.abort(), 50);
      const { trouble } = await send(get(origin), controller.signal);
      assert.equal(trouble?.code, 'interrupted');
      assert.equal((await send(get(origin), controller.signal)).trouble?.code, 'interrupted');
    },
  );
});

test('redirects of a safe call are followed, listed, and never take a secret to another origin', async () => {
  await against(
    () => responseOf('{"end":true}'),
    async (other) => {
      await against(
        (head) =>
          responseOf('', {
            status: '302 Found',
            headers: [`location: ${head.includes('/start') ? '/next' : `${other.origin}/end`}`],
          }),
        async (first) => {
          const headers = [line('authorization', 'Bearer x', true), line('accept', '*/*')];
          const { received } = await send(get(`${first.origin}/start`, { headers }));
          assert.equal(received?.text, '{"end":true}');
          assert.deepEqual(received?.parts.hops, [
            { status: 302, url: `${first.origin}/start`, method: 'GET' },
            { status: 302, url: `${first.origin}/next`, method: 'GET', dropped: ['authorization', 'accept'] },
          ]);
          assert.equal(received?.finalUrl, `${other.origin}/end`);
          assert.match(first.received.join(''), /GET \/next[\s\S]*authorization: Bearer x/);
          assert.doesNotMatch(other.received.join(''), /authorization/i);
          assert.equal(
            (await send(get(`${first.origin}/start`, { method: 'POST', redirects: undefined }))).received?.status,
            302,
          );
          assert.equal((await send(get(`${first.origin}/start`, { redirects: 0 }))).received?.status, 302);
        },
      );
    },
  );
});

test('redirects that go round in a circle are ended', async () => {
  await against(
    () => responseOf('', { status: '302 Found', headers: ['location: /again'] }),
    async ({ origin }) => assert.equal((await send(get(origin))).trouble?.code, 'redirect-loop'),
  );
});

test('a host is listed at the port of the origin, at its own, or at every one', () => {
  const listed = listedOrigins(
    'sandbox',
    [
      'api.larkhaven.example',
      '127.0.0.1:4810',
      '::1',
      '[::1]:9',
      'files.larkhaven.example:*',
      'https://desk.example',
      'odd:80',
    ],
    'https://api.larkhaven.example',
  );
  for (const good of [
    'https://api.larkhaven.example/x',
    'https://API.larkhaven.example:443',
    'http://127.0.0.1:4810',
    'http://[::1]:9/',
    'http://files.larkhaven.example:1',
    'https://files.larkhaven.example',
    'https://desk.example',
    'http://odd/',
  ])
    assert.equal(listed.lists(new URL(good)), true, good);
  for (const bad of [
    'https://larkhaven.example',
    'https://api.larkhaven.example.evil.example',
    'https://api.larkhaven.example@evil.example',
    'http://api.larkhaven.example',
    'https://api.larkhaven.example:8443',
    'http://127.0.0.1:4811',
    'http://127.0.0.1',
    'http://desk.example:443',
    'https://odd',
    'ftp://127.0.0.1:4810',
  ]) {
    assert.equal(listed.lists(new URL(bad)), false, bad);
    assert.throws(() => listed.require(new URL(bad)), { code: 'host-not-listed' });
  }
});

test('without a list it is the origin alone; any is every one; what is no host is an error', () => {
  const alone = listedOrigins('x', undefined, 'http://127.0.0.1:1');
  assert.equal(alone.lists(new URL('http://127.0.0.1:1/a')), true);
  assert.equal(alone.lists(new URL('http://127.0.0.1:2/a')), false);
  assert.equal(listedOrigins('x', undefined, undefined).lists(new URL('http://127.0.0.1')), false);
  const any = listedOrigins('x', ['any'], undefined);
  assert.ok(any.any && any.lists(new URL('http://elsewhere.example')));
  for (const wrong of ['', 'a b', 'a/b', '*', '*.example', 'user@a:1', 'ftp://a', 'a:port', 'a:'])
    assert.throws(() => listedOrigins('x', [wrong], 'http://a'), { code: 'file-shape' }, wrong);
  assert.throws(() => listedOrigins('x', ['a'], undefined), { code: 'file-shape' });
});
