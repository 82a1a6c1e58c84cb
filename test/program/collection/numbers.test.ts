/** Numbers stay as they are written, whatever way they take through the program. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf } from '../../support/folder.js';
import { echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const numbers = '{"long":12345678901234567890,"large":1e400,"minus":-0,"price":12.50,"one":1.0}';

/** Answers with the numbers, and tells what came. */
async function vendor(): Promise<{ origin: string; bodies: () => string[]; close: () => Promise<void> }> {
  const server = await rawServer(() => responseOf(numbers));
  return {
    origin: server.origin,
    bodies: () => server.received.join('').match(/\{.*\}/g) ?? [],
    close: server.close,
  };
}

test('in bodies: of files, of templates, of the command line, of GraphQL variables, and of the file made of them', async () => {
  const { origin, bodies, close } = await vendor();
  const cwd = collectionOf(
    {
      'requests/file.yaml':
        'method: POST\nurl: ${origin}/\nbody: {json: {long: 12345678901234567890, large: 1e400, minus: -0, price: 12.50, one: 1.0}}\n',
      'requests/template.yaml': 'method: POST\nurl: ${origin}/\nbody: {template: bodies/it.json}\n',
      'requests/set.yaml': 'method: POST\nurl: ${origin}/\ninputs: {it: {type: object}}\nbody: {json: "${it}"}\n',
      'bodies/it.json': numbers,
    },
    origin,
  );
  const sent = async (...args: readonly string[]): Promise<void> => {
    const ended = await echoTrail(['send', ...args], { cwd });
    assert.equal(ended.status, 0, ended.err);
  };
  await sent('file');
  await sent('template');
  await sent('set', '--set', `it=${numbers}`);
  await sent('POST', '/', '--body-json', numbers);
  await sent('POST', '/', '--body-json', numbers, '--as', 'requests/made.yaml');
  await sent('made');
  assert.deepEqual(bodies(), [numbers, numbers, numbers, numbers, numbers, numbers]);
  await sent('POST', '/', '--graphql', 'query($it: Any) { it }', '--variable', `it=${numbers}`);
  assert.match(bodies().at(-1) ?? '', new RegExp(numbers.replace(/[+.]/g, '\\$&')));
  await close();
});

test('kept: by a step for the next, by send for the next, in the echo, in documents, and resent', async () => {
  const { origin, bodies, close } = await vendor();
  const keep = 'keep: {long: $.long, large: $.large, minus: $.minus, price: $.price, one: $.one}';
  const names = ['long', 'large', 'minus', 'price', 'one'];
  const inputs = names.map((name) => `${name}: {}`).join(', ');
  const json = names.map((name) => `${name}: "\${${name}}"`).join(', ');
  const cwd = collectionOf(
    {
      'requests/get.yaml': `url: \${origin}/\n${keep}\n`,
      'requests/put.yaml': `method: PUT\nurl: \${origin}/\ninputs: {${inputs}}\nbody: {json: {${json}}}\n`,
      'trails/t.yaml': 'steps: [{send: get}, {send: put}]\n',
    },
    origin,
  );
  const run = await echoTrail(['run', 't'], { cwd });
  assert.equal(run.status, 0, run.out + run.err);
  const got = await echoTrail(['send', 'get', '--json'], { cwd });
  assert.ok(got.out.includes(`"body":${numbers}`), got.out);
  assert.ok(got.out.includes(`"kept":${numbers}`), got.out);
  assert.equal((await echoTrail(['send', 'put'], { cwd })).status, 0);
  assert.equal((await echoTrail(['echo', 'resend', 'last'], { cwd })).status, 0);
  assert.deepEqual(bodies(), [numbers, numbers, numbers]);
  assert.ok(readFileSync(join(cwd, '.echo-trail/held/sandbox.json'), 'utf8').includes('12345678901234567890'));
  const shown = await echoTrail(['env', 'show'], { cwd });
  for (const text of [/long +12345678901234567890 /, /large +1e400 /, /minus +-0 /, /price +12\.50 /, /one +1\.0 /])
    assert.match(shown.out, text);
  await close();
});

test('a number that is a known secret is hidden in documents, however it is written', async () => {
  const { origin, close } = await vendor();
  const cwd = collectionOf({ 'requests/get.yaml': 'url: ${origin}/\nheaders: {X-Key: "${secret.key}"}\n' }, origin);
  const got = await echoTrail(['send', 'get', '--json'], {
    cwd,
    env: { ECHO_TRAIL_SECRET_KEY: '12345678901234567890', ECHO_TRAIL_SECRET_HOSTS: new URL(origin).host },
  });
  assert.equal(got.status, 0, got.err);
  assert.doesNotMatch(got.out, /12345678901234567890/);
  await close();
});
