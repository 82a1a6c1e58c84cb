/** The one exit: what is printed and stored holds no secret in any form, masks nothing else, and moves no cursor. */
import assert from 'node:assert/strict';
import { generateKeyPairSync } from 'node:crypto';
import { test } from 'node:test';
import { collectionOf, everyFile, writeIn } from '../../support/folder.js';
import { type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();
const mirror = (text: string): string => `url: \${origin}/mirror\n${text}`;
const post = (body: string): string => mirror(`method: POST\nchanges: false\nbody: ${body}\n`);

/** Every form in which a value may stand somewhere. */
const forms = (value: string): string[] => {
  const strict = encodeURIComponent(value).replace(/[!'()*]/g, (c) => `%${c.charCodeAt(0).toString(16).toUpperCase()}`);
  const inJson = JSON.stringify(value).slice(1, -1);
  return [
    value,
    strict,
    encodeURIComponent(value),
    strict.toLowerCase(),
    inJson,
    JSON.stringify(inJson).slice(1, -1),
    Buffer.from(value).toString('base64'),
    Buffer.from(value).toString('hex'),
    value.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;'),
  ];
};

function requireNone(cwd: string, value: string, ended: readonly Ended[], what: string): void {
  const texts = [
    ...ended.flatMap(({ out, err }) => [out, err]),
    ...everyFile(cwd).map(({ text }) => Buffer.from(text, 'latin1').toString('utf8')),
  ];
  for (const form of new Set(forms(value)))
    for (const text of texts) assert.ok(!text.includes(form), `${what}: ${form} in ${text.slice(0, 2000)}`);
}

const key = generateKeyPairSync('rsa', { modulusLength: 2048 })
  .privateKey.export({ type: 'pkcs8', format: 'pem' })
  .toString();
/** One with every sign that an encoding changes, and one of many lines. */
const secrets: Readonly<Record<string, string>> = { signs: 'desk!*\'(word)~"\\<&>4711', key };

const uses: Readonly<Record<string, string>> = {
  query: mirror('query: {a: "${secret.word}"}\n'),
  expected: mirror(
    'query: {a: "${secret.word}"}\nexpect: {$.method: "${secret.word}", $.target: {contains: nothing-like-it}}\n',
  ),
  whole: `${post('{json: {a: "${secret.word}"}}')}expect: {$.body: {same-as: data/other.json}}\n`,
  twice: post('{json: {a: "${secret.word}"}}')
    .replace('"${secret.word}"', '"${inner}"')
    .concat('inputs: {inner: {default: "{\\"b\\": \\"${secret.word}\\"}"}}\n'),
  xml: post('{xml: "<a b=\\"${secret.word}\\">${secret.word}</a>"}'),
  form: post('{form: {a: "${secret.word}"}}'),
  parts: post('{parts: {a: "${secret.word}", b: plain-to-see}}'),
  keep: `${mirror('query: {a: "${secret.word}"}\n')}keep: {kept: $.target}\n`,
  gone: 'url: http://127.0.0.1:9/\nquery: {a: "${secret.word}"}\n',
};

for (const [kind, value] of Object.entries(secrets)) {
  test(`a secret with ${kind} is in no output and no file, in none of its forms`, async () => {
    const cwd = collectionOf(
      {
        ...Object.fromEntries(Object.entries(uses).map(([use, text]) => [`requests/all/${use}.yaml`, text])),
        'data/other.json': '{"a": "another"}',
        'environments/sandbox.yaml': `changes: allow\nvariables: {origin: "${origin}"}\nhosts: [127.0.0.1, "127.0.0.1:9"]\n`,
      },
      origin,
    );
    const env = { ECHO_TRAIL_SECRET_WORD: value };
    const ended: Ended[] = [];
    const names = Object.keys(uses).map((use) => `all/${use}`);
    for (const args of [
      ['preview', 'all/twice'],
      ['preview', 'all/parts', '--json'],
      ['send', 'all/whole', '--json'],
      ['send', 'all/expected', '--json'],
      ['send', 'all/expected', '--debug', '--view', 'raw'],
      ['send', 'all/gone', '--debug'],
      ['run', ...names],
      ['run', ...names, '--json'],
      ['echo', 'list'],
      ['echo', 'show', '--json'],
    ])
      ended.push(await echoTrail(args, { cwd, env }));
    assert.ok(
      ended.every(({ err }) => !/\bfault\b/.test(err)),
      ended.map(({ err }) => err).join('\n'),
    );
    requireNone(cwd, value, ended, kind);
    if (kind === 'key')
      for (const line of value.split('\n').filter((one) => one.length > 16 && !one.startsWith('-----')))
        requireNone(cwd, line, ended, 'a line of it');
    // Nor the beginning of one, where a long text was cut. The first line of every such key begins alike.
    if (kind === 'key')
      for (const line of value.split('\n').slice(2, -2)) requireNone(cwd, line.slice(0, 16), ended, 'a beginning');
  });
}

test('only the secret itself is masked: what stands around it can be inspected', async () => {
  const cwd = collectionOf(
    {
      'requests/xml.yaml': post('{xml: "<login><user>ada</user><word>${secret.word}</word></login>"}'),
      'requests/soap.yaml': post('{soap: {envelope: "<e><user>ada</user><p>${secret.word}</p></e>"}}'),
      'requests/text.yaml': post('{text: "user ada, word ${secret.word}, end"}'),
      'requests/template.yaml': post('{template: bodies/b.json}'),
      'bodies/b.json': '{"user": "ada", "line": "word=${secret.word};", "nights": 3}\n',
      'requests/parts.yaml': post('{parts: {user: ada, line: "word=${secret.word};", after: later}}'),
      'requests/render.yaml': post('{text: "begin ${render(\\"bodies/b.json\\")} end"}'),
      'requests/query.yaml': mirror("query: {filter: \"user eq 'ada' and word eq '${secret.word}'\"}\n"),
      'requests/path.yaml': 'url: ${origin}/mirror/{part}\npath: {part: "${secret.word}"}\n',
    },
    origin,
  );
  // Too short to be known by its value: only its place hides it.
  const env = { ECHO_TRAIL_SECRET_WORD: 'b7k' };
  const expected: Readonly<Record<string, RegExp>> = {
    xml: /<user>ada<\/user><word>‹secret›<\/word>/,
    soap: /<user>ada<\/user><p>‹secret›<\/p>/,
    text: /user ada, word ‹secret›, end/,
    template: /"user": ?"ada",\s*"line": ?"word=‹secret›;",\s*"nights": ?3/,
    parts: /\bada\b[\s\S]*word=‹secret›;[\s\S]*later/,
    render: /begin \{"user": ?"ada",\s*"line": ?"word=‹secret›;",\s*"nights": ?3\} end/,
    query: /user eq 'ada' and word eq '‹secret›'/,
    path: /\/mirror\/‹secret›/,
  };
  for (const [name, shown] of Object.entries(expected)) {
    const preview = await echoTrail(['preview', name], { cwd, env });
    assert.match(preview.out, shown, name);
    assert.doesNotMatch(preview.out, /b7k/);
  }
  await echoTrail(['run', ...Object.keys(expected)], { cwd, env });
  const echoes = everyFile(cwd)
    .filter(({ path }) => path.endsWith('.jsonl') && path.includes('echoes'))
    .flatMap(({ text }) => Buffer.from(text, 'latin1').toString('utf8').trim().split('\n'))
    .map((line) => JSON.parse(line) as { request: string; sent: { url: string; body?: { text: string } } });
  assert.equal(echoes.length, Object.keys(expected).length);
  for (const { request, sent } of echoes) {
    const text = sent.body?.text ?? decodeURIComponent(sent.url);
    assert.match(text, expected[request] as RegExp, request);
    assert.doesNotMatch(text, /b7k/);
  }
});

test('a credential that is typed, or stands literally in a file, is a secret from then on', async () => {
  const cwd = collectionOf(
    {
      'requests/it.yaml': mirror(
        'headers: {X-Api-Key: a-literal-key-in-a-file}\nquery: {access_token: literal-query-token}\n',
      ),
    },
    origin,
  );
  const typed = await echoTrail(
    ['send', 'GET', '/mirror', '--header', 'Authorization: Bearer typed-by-the-user', '--view', 'raw'],
    { cwd },
  );
  const file = await echoTrail(['send', 'it', '--json'], { cwd });
  const preview = await echoTrail(['preview', 'it'], { cwd });
  const shown = await echoTrail(['echo', 'show', '--json'], { cwd });
  for (const word of ['typed-by-the-user', 'a-literal-key-in-a-file', 'literal-query-token']) {
    for (const { out, err } of [typed, file, preview, shown]) assert.ok(!(out + err).includes(word), word);
    for (const { path, text } of everyFile(cwd))
      if (path.includes('.echo-trail')) assert.ok(!text.includes(word), path);
  }
});

test('a client assertion and a code of a device are shown and stored nowhere', async () => {
  const forms: URLSearchParams[] = [];
  const server = await rawServer((head) =>
    head.includes('/device')
      ? responseOf(
          '{"device_code": "the-code-of-the-device", "user_code": "AB-12", "verification_uri": "http://a.example", "expires_in": 9, "interval": 1}',
        )
      : responseOf('{"access_token": "the-token-of-the-desk", "token_type": "bearer"}'),
  );
  const cwd = collectionOf(
    {
      'sessions/jwt.yaml': `kind: oauth2\ngrant: client_credentials\nendpoints: {token: "${server.origin}/token"}\nclient: {id: desk, secret: "\${secret.word}", authentication: client_secret_jwt}\n`,
      'sessions/device.yaml': `kind: oauth2\ngrant: urn:ietf:params:oauth:grant-type:device_code\nendpoints: {token: "${server.origin}/token", device: "${server.origin}/device"}\nclient: {id: desk}\n`,
    },
    server.origin,
  );
  const env = { ECHO_TRAIL_SECRET_WORD: 'a-long-secret-of-the-desk' };
  const ended = [
    await echoTrail(['session', 'open', 'jwt', '--debug'], { cwd, env }),
    await echoTrail(['session', 'open', 'device', '--no-browser'], { cwd, env, input: '' }),
    await echoTrail(['echo', 'show', '--json'], { cwd, env }),
  ];
  for (const text of server.received)
    forms.push(new URLSearchParams(text.slice(text.indexOf('\r\n\r\n') + 4).split('POST ')[0] ?? ''));
  const assertion = forms.map((form) => form.get('client_assertion')).find((one) => one !== null) ?? '';
  assert.match(assertion, /^eyJ/);
  for (const value of [assertion, 'the-code-of-the-device', 'the-token-of-the-desk'])
    requireNone(cwd, value, ended, 'oauth');
  await server.close();
});

test('a key by which once-by remembers an item is no text on the disk', async () => {
  const cwd = collectionOf(
    {
      'requests/list.yaml': 'url: ${origin}/mirror\n',
      'requests/it.yaml': 'inputs: {v: {}}\nurl: ${origin}/mirror\n',
      'trails/t.yaml':
        'steps: [{for-each: [{id: "${secret.word}"}], as: v, once-by: $.id, steps: [{send: it, give: {v: "${v.id}"}}]}]\n',
    },
    origin,
  );
  const ended = await echoTrail(['run', 't'], { cwd, env: { ECHO_TRAIL_SECRET_WORD: 'the-key-of-an-item' } });
  assert.equal(ended.status, 0, ended.err + ended.out);
  requireNone(cwd, 'the-key-of-an-item', [ended], 'once-by');
});

const evil = '\\u001b]0;owned\\u0007\\u001b[2J\\u001b[8m\\u009b31m\\u202e';
// biome-ignore lint/suspicious/noControlCharactersInRegex: exactly these must not be there
const moving = /\u001b(?!\[(?:1|2|22|31|32|33|35|36|39)m)|[\u0000-\u0008\u000b-\u001a\u001c-\u001f\u007f-\u009f\u202e]/;

test('control characters from files and documentation never reach the terminal', async () => {
  const cwd = collectionOf({
    'echo-trail.yaml': `name: "test"\nenvironment: sandbox\nvariables: {v: "${evil}"}\n`,
    'environments/sandbox.yaml': `about: "${evil}"\nchanges: refuse\nvariables: {origin: "${origin}", "a${evil}": "${evil}"}\n`,
    'requests/it.yaml': `about: "${evil}"\ninputs: {a: {about: "${evil}", default: "${evil}"}}\nurl: \${origin}/mirror\nquery: {a: "\${a}"}\nexpect: {"$.x": "${evil}"}\n`,
    'requests/post.yaml': `method: POST\nurl: \${origin}/mirror\nexpect: {"$['${evil}']": 1}\n`,
    'trails/t.yaml': `about: "${evil}"\nsteps: [{send: it, name: "step ${evil}"}]\n`,
    'sessions/s.yaml': `kind: bearer\nabout: "${evil}"\ntoken: "${evil}"\n`,
  });
  writeIn(
    cwd,
    'api.json',
    `{"openapi": "3.1.0", "info": {"title": "${evil}", "version": "${evil}"}, "servers": [{"url": "https://a.example", "description": "${evil}"}], "paths": {"/a": {"get": {"operationId": "getA", "summary": "${evil} berth", "tags": ["${evil}"], "description": "${evil}", "parameters": [{"name": "q${evil}", "in": "query", "description": "${evil}", "schema": {"type": "string", "enum": ["${evil}"]}}], "responses": {"200": {"description": "${evil}"}}}}}}`,
  );
  const colours = { FORCE_COLOR: '1' };
  for (const args of [
    ['docs', 'add', 'api.json', '--name', 'a'],
    ['docs', 'list'],
    ['docs', 'tree'],
    ['docs', 'find', 'berth'],
    ['docs', 'show', 'a/getA'],
    ['draft', 'a/getA', '--as', 'drafted'],
    ['env', 'show'],
    ['env', 'list'],
    ['list'],
    ['session', 'list'],
    ['session', 'show', 's'],
    ['preview', 'it'],
    ['send', 'it'],
    ['send', 'post'],
    ['send', 'it', '--session', 's'],
    ['run', 't'],
    ['run', 't', '--dry-run'],
    ['echo', 'list'],
    ['echo', 'show'],
    ['check'],
    ['env', 'make', 'b', '--server', '9'],
  ]) {
    const [shown, json] = await Promise.all([
      echoTrail(args, { cwd, env: colours }),
      echoTrail([...args, '--json'], { cwd }),
    ]);
    for (const text of [shown.out, shown.err, json.out, json.err]) assert.doesNotMatch(text, moving, args.join(' '));
    assert.ok(!json.out.includes('\u001b'));
  }
});

test('a body of an echo goes into a pipe as it is', async () => {
  const server = await rawServer(() => responseOf('a\u001b[31mb', { type: 'text/plain' }));
  const cwd = collectionOf({}, server.origin);
  await echoTrail(['send', 'GET', '/'], { cwd });
  assert.equal((await echoTrail(['echo', 'show', '--body'], { cwd })).out, 'a\u001b[31mb');
  const picked = await echoTrail(['send', 'GET', '/', '--pick', 'body'], { cwd });
  assert.equal(picked.out, 'a\u001b[31mb\n');
  await server.close();
});
