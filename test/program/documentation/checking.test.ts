/** What is documented as a schema is checked before anything is sent, and of what comes back. */
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { collectionOf, writeIn } from '../../support/folder.js';
import { echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const text = { type: 'string' };
const berth = {
  type: 'object',
  required: ['id', 'code', 'password'],
  properties: {
    id: { ...text, readOnly: true },
    password: { ...text, writeOnly: true },
    code: { ...text, pattern: '^[NSW][0-9]$' },
    depths: { type: 'array', uniqueItems: true, items: { type: 'number' } },
    notes: { type: 'object', additionalProperties: text },
  },
};
const content = { 'application/json': { schema: { $ref: '#/components/schemas/Berth' } } };
const description = {
  openapi: '3.0.3',
  info: { title: 'Berths', version: '1' },
  paths: {
    '/berths': {
      post: {
        operationId: 'addBerth',
        requestBody: { required: true, content },
        responses: { 200: { description: 'ok', content } },
      },
    },
  },
  components: { schemas: { Berth: berth } },
};

const server = await rawServer(() =>
  responseOf('{"id": "b1", "code": "N1", "depths": [1, 1]}', { type: 'application/json' }),
);
after(() => server.close());

async function berths(body: string, expect = ''): Promise<string> {
  const cwd = collectionOf(
    {
      'requests/add.yaml': `operation: berths/addBerth\nmethod: POST\nurl: \${origin}/berths\nbody: {json: ${body}}\n${expect}`,
    },
    server.origin,
  );
  writeIn(cwd, 'berths.json', JSON.stringify(description));
  const added = await echoTrail(['docs', 'add', 'berths.json', '--name', 'berths'], { cwd });
  assert.equal(added.status, 0, added.err);
  return cwd;
}

test('check, preview and --strict hold a body against the whole schema, and say where it breaks', async () => {
  const cwd = await berths('{code: X1, password: x, depths: [2, 2], notes: {a: 1}}');
  const wanted = [
    /\$\.code is "X1", documented as text that matches \^\[NSW\]\[0-9\]\$/,
    /\$\.depths has the same item twice, at 0 and 1/,
    /\$\.notes\.a is an integer, documented as string/,
  ];
  const check = await echoTrail(['check'], { cwd });
  const preview = await echoTrail(['preview', 'add'], { cwd });
  const strict = await echoTrail(['send', 'add', '--strict'], { cwd });
  assert.equal(strict.status, 2, strict.err);
  for (const one of wanted) {
    assert.match(check.out, one);
    assert.match(preview.out + preview.err, one);
    assert.match(strict.err, one);
  }
  assert.match(check.out, /requests\/add\.yaml:4:21 {2}warning {2}\$\.code/);
});

test('an action of an overlay that matches nothing is told', async () => {
  const cwd = await berths('{code: N1, password: x}');
  writeIn(
    cwd,
    'docs/berths.overlay.yaml',
    'overlay: 1.0.0\ninfo: {title: Ours, version: "1"}\nactions:\n  - {target: $.paths.nope, update: {description: x}}\n',
  );
  const { out } = await echoTrail(['check'], { cwd });
  assert.match(
    out,
    /docs\/berths\.overlay\.yaml {2}warning {2}the target \$\.paths\.nope of the overlay matches nothing/,
  );
});

test('what the vendor sets is not wanted in a request, and what it never shows is not wanted in a response', async () => {
  const cwd = await berths('{code: N1, password: x, notes: {any: name}}', 'expect: {$: {schema: documented}}\n');
  assert.match((await echoTrail(['check'], { cwd })).out, /no findings/);
  const sent = await echoTrail(['send', 'add', '--strict', '--against-docs'], { cwd });
  assert.doesNotMatch(sent.out + sent.err, /password/);
  assert.match(sent.err, /undocumented {2}\$\.depths has the same item twice/);
  assert.match(sent.out + sent.err, /depths must NOT have duplicate items/);
});

test('of a secret in a body nothing is shown, however long it is and whatever is wrong with it', async () => {
  const cwd = await berths('{code: "${secret.code}", password: x, notes: {a: ["${secret.code}"]}}');
  const secret = `tide-${'winch-grease-77-'.repeat(12)}`;
  for (const args of [
    ['preview', 'add'],
    ['send', 'add'],
    ['send', 'add', '--strict'],
    ['preview', 'add', '--json'],
  ]) {
    const { out, err } = await echoTrail(args, { cwd, env: { ECHO_TRAIL_SECRET_CODE: secret } });
    assert.match(out + err, /\$\.code(?: is |","what":"is )/, args.join(' '));
    assert.ok(!(out + err).includes(secret.slice(0, 20)), `${args.join(' ')}: ${out}${err}`);
  }
});
