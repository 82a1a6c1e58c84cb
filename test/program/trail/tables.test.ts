/** Tables and outlines of responses in any format, and what is said where there is none. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { collectionOf } from '../../support/folder.js';
import { type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const notices =
  '<?xml version="1.0"?>\n<Notices total="2"><notice id="7"><berth>N1</berth><text><![CDATA[a <b> ]]></text></notice><notice id="8"><berth>N2</berth></notice></Notices>';

async function shown(body: string, type: string, args: readonly string[], status = '200 OK'): Promise<Ended> {
  const server = await rawServer(() => responseOf(body, { type, status }));
  const ended = await echoTrail(['send', 'GET', server.origin, ...args], { cwd: collectionOf({}, server.origin) });
  await server.close();
  return ended;
}

const cases: Readonly<
  Record<string, readonly [body: string, type: string, args: readonly string[], out: RegExp, err?: RegExp]>
> = {
  'XML, the rows by XPath': [
    notices,
    'application/xml',
    ['--view', 'table', '--rows', '//notice'],
    /^@id +berth +text\n7 +N1 +a <b>\n8 +N2\n$/,
  ],
  'XML, the largest list': [notices, 'application/xml', ['--view', 'table'], /^@id +berth +text\n7 /],
  'XML, one row': [notices, 'application/xml', ['--view', 'table', '--rows', '//notice[2]'], /^@id +berth\n8 +N2\n$/],
  'XML as an outline': [
    notices,
    'application/xml',
    ['--view', 'outline'],
    /Notices {2}2 members\n +@total {2}string {2}"2"\n +notice {2}list of 2\n +each {2}3 members/,
  ],
  'CSV with semicolons': ['berth;free\nN1;yes\n', 'text/csv', ['--view', 'table'], /^berth +free\nN1 +yes\n$/],
  'CSV as an outline': [
    'berth,free\nN1,yes\n',
    'text/csv',
    ['--view', 'outline'],
    /\$ {2}list of 1\n +each {2}2 members/,
  ],
  'a list of lists': [
    '{"rows":[["N1",1],["N2",2]]}',
    'application/json',
    ['--view', 'table'],
    /^0 +1\nN1 +1\nN2 +2\n$/,
  ],
  'a list of texts': [
    '{"codes":["a","b"]}',
    'application/json',
    ['--view', 'table', '--rows', '$.codes'],
    /^value\na\nb\n$/,
  ],
};

for (const [name, [body, type, args, out]] of Object.entries(cases)) {
  test(`${name}`, async () => {
    const ended = await shown(body, type, args);
    assert.equal(ended.status, 0, ended.err);
    assert.match(ended.out, out);
  });
}

test('a column that no row has is an error with the nearest name, behind status and echo', async () => {
  const ended = await shown(notices, 'application/xml', ['--view', 'table', '--columns', '@id,berht']);
  assert.equal(ended.status, 2);
  assert.match(ended.err, /200 OK[\s\S]*no row has the column berht\ntry +did you mean berth\?[\s\S]*echo +\w+\.1/);
});

test('a place without a list is an error with those that there are', async () => {
  const ended = await shown('{"items":[{"a":1}]}', 'application/json', ['--view', 'table', '--rows', '$.nothing']);
  assert.equal(ended.status, 2);
  assert.match(ended.err, /200 OK[\s\S]*there is no list at \$\.nothing\ntry +lists are at \$\.items[\s\S]*echo/);
});

test('a response that failed tells its status, its reason and its echo, and its body as it is', async () => {
  const problem = '{"title":"Berths are being counted","status":503}';
  const ended = await shown(
    problem,
    'application/problem+json',
    ['--view', 'table', '--rows', '$.items'],
    '500 Internal Server Error',
  );
  assert.equal(ended.status, 1);
  assert.match(ended.err, /500 Internal Server Error[\s\S]*found 500\n +Berths are being counted[\s\S]*echo/);
  assert.doesNotMatch(ended.err, /no list stands/);
  assert.match(ended.out, /"title": "Berths are being counted"/);
});

test('a line of a row that failed keeps what came before, such as the id of what was made', async () => {
  const server = await rawServer((head) =>
    head.startsWith('POST') ? responseOf('{"id": 7}') : responseOf('{"error": "no"}', { status: '500 Oops' }),
  );
  const cwd = collectionOf(
    {
      'requests/make.yaml': 'method: POST\nurl: ${origin}/make\n',
      'requests/show.yaml': 'url: ${origin}/show\n',
      'trails/t.yaml':
        'rows: [{n: 1}]\nsteps: [{send: make}, {send: show}]\ntable: {columns: {n: "${n}", id: $.id, why: $.error}}\n',
    },
    server.origin,
  );
  const ended = await echoTrail(['run', 't'], { cwd });
  await server.close();
  assert.equal(ended.status, 1);
  assert.match(ended.out, /n +id +why +error\n +1 +7 +no +/);
});
