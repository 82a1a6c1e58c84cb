/** Responses that are sound though rare, and those that break HTTP: each as a server would write it. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { gzipSync } from 'node:zlib';
import { collectionOf } from '../../support/folder.js';
import { document, echoTrail } from '../../support/program.js';
import { rawServer } from '../../support/raw-server.js';

interface Odd {
  readonly response: string | Buffer;
  readonly args?: readonly string[];
  readonly status: number;
  readonly out?: RegExp;
  readonly err?: RegExp;
  /** What must not be said. */
  readonly never?: RegExp;
}

const head = (...lines: readonly string[]): string => [...lines, '', ''].join('\r\n');
const malformed = /error {2}127\.0\.0\.1 sent a response that is malformed/;

const odd: Readonly<Record<string, Odd>> = {
  'a HEAD names the coding that a body would have': {
    response: head('HTTP/1.1 200 OK', 'content-encoding: gzip', 'content-length: 40'),
    args: ['HEAD'],
    status: 0,
  },
  'a 204 names a coding': { response: head('HTTP/1.1 204 No Content', 'content-encoding: gzip'), status: 0 },
  'a 304 names a coding': { response: head('HTTP/1.1 304 Not Modified', 'content-encoding: br'), status: 0 },
  'a 304 tells the length that the body would have': {
    response: head('HTTP/1.1 304 Not Modified', 'content-length: 500'),
    status: 0,
    err: /304 Not Modified/,
  },
  'an empty body is no compressed one': {
    response: head('HTTP/1.1 200 OK', 'content-encoding: gzip', 'content-length: 0'),
    status: 0,
  },
  'the coding none is none': {
    response: `${head('HTTP/1.1 200 OK', 'content-type: application/json', 'content-encoding: none', 'content-length: 7')}{"a":1}`,
    status: 0,
    out: /"a": 1/,
  },
  'a stream of events with the coding none, shown as it comes': {
    response: `${head('HTTP/1.1 200 OK', 'content-type: text/event-stream', 'content-encoding: none', 'connection: close')}data: 1\n\n`,
    args: ['GET', '--live'],
    status: 0,
    out: /data: 1/,
  },
  'JSON lines that are called JSON, shown as they come': {
    response: `${head('HTTP/1.1 200 OK', 'content-type: application/json', 'connection: close')}{"a":1}\n{"a":2}\n`,
    args: ['GET', '--live'],
    status: 0,
    out: /^\{"a":1\}\n\{"a":2\}\n$/,
    never: /is not JSON/,
  },
  'what is called JSON and is not': {
    response: `${head('HTTP/1.1 200 OK', 'content-type: application/json', 'connection: close')}{"a":1}\nand so on`,
    status: 3,
    err: /says application\/json, but is not JSON/,
  },
  'a 204 with a body': {
    response: `${head('HTTP/1.1 204 No Content', 'content-length: 5')}hello`,
    status: 0,
    err: /warning {2}204 No Content announces a body of 5 B, which HTTP does not permit: it was not read/,
    never: /cut short/,
  },
  'a header line with a control character, behind the length': {
    response: `${head('HTTP/1.1 200 OK', 'content-length: 2', 'x-berth: a\u0001b')}ok`,
    status: 3,
    err: malformed,
    never: /contradicts itself about its length|speak https/,
  },
  'a header line with a control character, before the length': {
    response: `${head('HTTP/1.1 200 OK', 'x-berth: a\u0001b', 'content-length: 2')}ok`,
    status: 3,
    err: /malformed: a header line holds a character that HTTP does not permit/,
  },
  'a folded header line': {
    response: `${head('HTTP/1.1 200 OK', 'x-berth: one', '  two', 'content-length: 2')}ok`,
    status: 3,
    err: /malformed: a header line is folded over two lines/,
    never: /speak https/,
  },
  'two lengths': {
    response: `${head('HTTP/1.1 200 OK', 'content-length: 2', 'content-length: 3')}ok`,
    status: 3,
    err: malformed,
    never: /speak https/,
  },
  'what is not HTTP at all': {
    response: 'SSH-2.0-quay\r\n',
    status: 3,
    err: /what came back is not HTTP[\s\S]*speak https/,
  },
  'header lines of 20 kB': {
    response: `${head('HTTP/1.1 200 OK', `x-berth: ${'z'.repeat(20_000)}`, 'content-length: 2')}ok`,
    status: 0,
  },
  'header lines of 200 kB': {
    response: `${head('HTTP/1.1 200 OK', `x-berth: ${'z'.repeat(200_000)}`, 'content-length: 2')}ok`,
    status: 3,
    err: /the header lines that 127\.0\.0\.1 sent are longer than 128\.0 kB/,
  },
  'a redirect without Location': {
    response: head('HTTP/1.1 302 Found', 'content-length: 0'),
    status: 1,
    err: /status: expected under 300, found 302\n +not redirected: the response has no Location/,
  },
  'a redirect to a file': {
    response: head('HTTP/1.1 302 Found', 'location: file:///berths', 'content-length: 0'),
    status: 1,
    err: /not redirected: file:\/\/\/berths is not an http or https address/,
  },
  'a redirect of a changing call': {
    response: head('HTTP/1.1 307 Temporary Redirect', 'location: /elsewhere', 'content-length: 0'),
    args: ['POST'],
    status: 1,
    err: /not redirected: a POST is sent on to http:\S+\/elsewhere only with redirects: 5/,
  },
  'bytes that are no UTF-8': {
    response: Buffer.concat([
      Buffer.from(head('HTTP/1.1 200 OK', 'content-type: text/plain', 'content-length: 3')),
      Buffer.of(0x61, 0xff, 0x62),
    ]),
    status: 0,
    err: /warning {2}the body is not valid UTF-8/,
  },
  'an error of a proxy where a value is picked': {
    response: `${head('HTTP/1.1 500 Internal Server Error', 'content-type: text/html', 'content-length: 6')}<html>`,
    args: ['GET', '--pick', '$.id'],
    status: 1,
    err: /^error {2}status: expected under 400, found 500\n$/,
  },
};

for (const [name, { response, args = ['GET'], status, out, err, never }] of Object.entries(odd)) {
  test(name, async () => {
    const server = await rawServer((_head, socket) => {
      socket.write(response);
      if (!/content-length|304|204/i.test(response.toString('latin1'))) socket.end();
      return undefined;
    });
    const [method = 'GET', ...options] = args;
    const cwd = collectionOf({}, server.origin);
    const ended = await echoTrail(['send', method, `${server.origin}/it`, ...options], { cwd });
    await server.close();
    assert.equal(ended.status, status, `${ended.out}${ended.err}`);
    if (out) assert.match(ended.out, out);
    if (err) assert.match(ended.err, err);
    if (never) assert.doesNotMatch(ended.err, never);
  });
}

test('a POST that became a GET is shown as one, and told in the document', async () => {
  const server = await rawServer((request) =>
    request.startsWith('POST')
      ? head('HTTP/1.1 303 See Other', 'location: /made', 'content-length: 0')
      : `${head('HTTP/1.1 200 OK', 'content-length: 2')}ok`,
  );
  const cwd = collectionOf({}, server.origin);
  const args = ['send', 'POST', `${server.origin}/it`];
  assert.match((await echoTrail(args, { cwd })).err, /303 from POST http:\S+\/it\n {2}led to GET http:\S+\/made\n/);
  const { finalMethod, hops } = document<{ finalMethod: string; hops: { method: string }[] }>(
    await echoTrail([...args, '--json'], { cwd }),
  );
  assert.deepEqual([finalMethod, hops[0]?.method], ['GET', 'POST']);
  await server.close();
});

test('a redirect that is expected is one, and one that is not wanted is no failure', async () => {
  const server = await rawServer(() => head('HTTP/1.1 302 Found', 'location: /in', 'content-length: 0'));
  const cwd = collectionOf(
    {
      'requests/in.yaml': 'method: POST\nurl: ${origin}/in\nexpect: {status: 302, header.location: /in}\n',
      'requests/none.yaml': 'method: POST\nurl: ${origin}/in\nredirects: none\n',
    },
    server.origin,
  );
  for (const request of ['in', 'none']) assert.equal((await echoTrail(['send', request], { cwd })).status, 0, request);
  await server.close();
});

test('a compressed body that is broken is told as such', async () => {
  const body = gzipSync('{"a":1}').subarray(0, 10);
  const server = await rawServer(() =>
    Buffer.concat([
      Buffer.from(head('HTTP/1.1 200 OK', 'content-encoding: gzip', `content-length: ${body.length}`)),
      body,
    ]),
  );
  const ended = await echoTrail(['send', 'GET', server.origin], { cwd: collectionOf({}, server.origin) });
  await server.close();
  assert.equal(ended.status, 3);
  assert.match(ended.err, /says gzip, but cannot be decompressed/);
});
