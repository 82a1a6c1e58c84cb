/** Hundreds of random secrets through fifty different calls: none of them is in any byte that is written. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { collectionOf, everyFile } from '../support/folder.js';
import { type Ended, echoTrail, userFolder } from '../support/program.js';
import { harbourForThisFile } from '../support/standin.js';

const { origin } = await harbourForThisFile();

/** What may stand in a secret: every sign that an encoding changes is among them. */
const signs = 'abcdefghijkmnpqrstuvwxyzABCDEFGHJKLMNPQRSTUVWXYZ23456789 +/=&%?#"\'<>\\{}[]:;,.!~*()-_@^|`§éß漢🌊';
const secretOf = fc
  .array(fc.constantFrom(...signs), { minLength: 12, maxLength: 40 })
  .map((parts) => `x${parts.join('').replaceAll('${', 'yy')}z`);
/** What a header may hold. */
const plainSecret = fc.string({
  unit: fc.constantFrom(...'abcdefghkmnpqrstuvwxyzABCDEF23456789+/=_-.'),
  minLength: 12,
  maxLength: 40,
});

type Use = (name: string) => Readonly<Record<string, string>>;
const post = (body: string, more = ''): string =>
  `method: POST\nchanges: false\nurl: \${origin}/mirror\n${more}body: ${body}\n`;
const session = (text: string, name: string): Readonly<Record<string, string>> => ({
  [`requests/${name}.yaml`]: `url: \${origin}/mirror\nsession: ${name}\n`,
  [`sessions/${name}.yaml`]: text,
});
const request = (name: string, text: string): Readonly<Record<string, string>> => ({ [`requests/${name}.yaml`]: text });

/** Ways in which a request may use a secret that can be any text. */
const anywhere: readonly Use[] = [
  (n) => request(n, `url: \${origin}/mirror\nquery: {a: "\${secret.${n}}"}\n`),
  (n) => request(n, `url: \${origin}/mirror\nquery: {a: ["\${secret.${n}}", b]}\nlists: joined\n`),
  (n) => request(n, `url: \${origin}/mirror\nquery: {a: {b: "\${secret.${n}}"}}\n`),
  (n) => request(n, `url: \${origin}/mirror/{part}\npath: {part: "\${secret.${n}}"}\n`),
  (n) => request(n, post(`{json: {password: "\${secret.${n}}"}}`)),
  (n) => request(n, post(`{json: ["before \${secret.${n}} behind"]}`)),
  (n) =>
    request(
      n,
      post(`{json: {"\${secret.${n}}": 1, a: "\${secret.${n} | upper}"}}`).replace('"${secret.', '"a${secret.'),
    ),
  (n) => request(n, post(`{text: "it is \${secret.${n}}, and nobody knows"}`)),
  (n) => request(n, post(`{form: {a: "\${secret.${n}}"}}`)),
  (n) => request(n, post(`{form: {a: {b: ["\${secret.${n}}", c]}}}`)),
  (n) => request(n, post(`{parts: {a: "\${secret.${n}}"}}`)),
  (n) => request(n, post(`{parts: {a: {text: "\${secret.${n}}", type: text/plain, name: a.txt}}}`)),
  (n) => request(n, post(`{parts: {a: {json: {b: "\${secret.${n}}"}}}}`)),
  (n) => request(n, post(`{xml: "<a b=\\"\${secret.${n}}\\">\${secret.${n}}</a>"}`)),
  (n) => ({ ...request(n, post(`{template: bodies/${n}.json}`)), [`bodies/${n}.json`]: `{"a": "\${secret.${n}}"}\n` }),
  (n) => ({ ...request(n, post(`{template: bodies/${n}.xml}`)), [`bodies/${n}.xml`]: `<a>\${secret.${n}}</a>\n` }),
  (n) => ({
    ...request(n, `url: \${origin}/mirror\nquery: {doc: "\${render(\\"bodies/${n}.xml\\")}"}\n`),
    [`bodies/${n}.xml`]: `<a b="\${secret.${n}}"/>\n`,
  }),
  (n) => request(n, post(`{graphql: {document: "query($a: String) { b(a: $a) }", variables: {a: "\${secret.${n}}"}}}`)),
  (n) => request(n, post(`{soap: {envelope: "<e><p>\${secret.${n}}</p></e>"}}`)),
  (n) => request(n, `inputs: {a: {default: "\${secret.${n}}"}}\nurl: \${origin}/mirror\nquery: {a: "\${a}"}\n`),
  (n) => request(n, `url: \${origin}/mirror\nquery: {a: "\${secret.${n} | base64}"}\n`),
  (n) => request(n, `url: \${origin}/mirror\nquery: {a: "\${secret.${n} | sha-256 | base64}"}\n`),
  (n) => request(n, `url: \${origin}/mirror\nquery: {a: "\${secret.${n}}"}\nexpect: {status: 418}\n`),
  (n) => request(n, `url: \${origin}/mirror\nquery: {a: "\${secret.${n}}"}\nexpect: {$.method: "\${secret.${n}}"}\n`),
  (n) => request(n, `url: \${origin}/mirror\nquery: {a: "\${secret.${n}}"}\nkeep: {kept: $.target}\n`),
  (n) => request(n, `url: http://127.0.0.1:9/\nquery: {a: "\${secret.${n}}"}\n`),
  (n) => request(n, post(`{json: {password: "\${secret.${n}}"}}`).replace('/mirror', '/v1/sessions')),
  (n) => session(`kind: basic\nuser: agent\npassword: \${secret.${n}}\n`, n),
  (n) => session(`kind: digest\nuser: agent\npassword: \${secret.${n}}\n`, n),
  (n) => session(`kind: api-key\nkey: \${secret.${n}}\nquery: key\n`, n),
  (n) => ({
    [`sessions/${n}.yaml`]: `kind: credentials\nsupply: {word: "\${secret.${n}}"}\n`,
    [`requests/${n}.yaml`]: `${post('{json: {given: "${word}"}}')}session: ${n}\n`,
  }),
];

/** Ways in which it has to be a text that a header takes. */
const inHeaders: readonly Use[] = [
  (n) => request(n, `url: \${origin}/mirror\nheaders: {X-A: "\${secret.${n}}"}\n`),
  (n) => request(n, `url: \${origin}/mirror\nheaders: {X-A: "before \${secret.${n}}, behind"}\n`),
  (n) => request(n, `url: \${origin}/mirror\nheaders: {Authorization: "Own \${secret.${n}}"}\n`),
  (n) => request(n, `url: \${origin}/mirror\ncookies: {a: "\${secret.${n}}"}\n`),
  (n) => request(n, `url: \${origin}/mirror\nheaders: {X-A: "\${secret.${n} | hmac-sha-256(secret.${n}) | base64}"}\n`),
  (n) => session(`kind: bearer\ntoken: \${secret.${n}}\n`, n),
  (n) => session(`kind: api-key\nkey: \${secret.${n}}\nheader: X-Key\n`, n),
  (n) => session(`kind: api-key\nkey: \${secret.${n}}\ncookie: key\n`, n),
  (n) =>
    session(
      `kind: oauth2\ngrant: client_credentials\nissuer: \${origin}/passes\nclient: {id: harbour desk, secret: "\${secret.${n}}"}\n`,
      n,
    ),
  (n) =>
    session(
      `kind: oauth2\ngrant: password\nissuer: \${origin}/passes\nclient: {id: kiosk}\nuser: agent\npassword: \${secret.${n}}\n`,
      n,
    ),
];

/** What a secret looks like where it is written in another way. */
function formsOf(secret: string): string[] {
  const bytes = Buffer.from(secret);
  const encoded = encodeURIComponent(secret);
  return [
    secret,
    JSON.stringify(secret).slice(1, -1),
    encoded,
    encoded.replaceAll('%20', '+'),
    bytes.toString('base64'),
    bytes.toString('base64url'),
    bytes.toString('hex'),
  ];
}

/** By so many letters a form is found; the shortest has more. */
const firstLetters = 8;

test('of hundreds of random secrets in fifty kinds of calls nothing is in any byte written', async () => {
  const rounds = 8;
  const uses = [...anywhere, ...inHeaders];
  const secrets = new Map<string, string>();
  const files: Record<string, string> = {};
  const steps: string[] = [];
  for (let round = 0; round < rounds; round += 1) {
    const any = fc.sample(secretOf, { numRuns: anywhere.length, seed: 100 + round });
    const plain = fc.sample(plainSecret, { numRuns: inHeaders.length, seed: 200 + round });
    for (const [index, use] of uses.entries()) {
      const name = `s${round}x${index}`;
      secrets.set(name, (index < anywhere.length ? any[index] : plain[index - anywhere.length]) as string);
      Object.assign(files, use(name));
      steps.push(name);
    }
  }
  assert.ok(secrets.size > 300);
  const cwd = collectionOf(files, origin);
  const env = Object.fromEntries(
    [...secrets].map(([name, value]) => [`ECHO_TRAIL_SECRET_${name.toUpperCase()}`, value]),
  );
  const ended: Ended[] = [];
  const run = async (...args: string[]): Promise<Ended> => {
    const one = await echoTrail(args, { cwd, env });
    ended.push(one);
    return one;
  };
  // One process for many calls, and every way of showing them once.
  await run('run', ...steps, '--debug');
  await run('run', ...steps.slice(0, uses.length), '--json');
  const shown = [['--view', 'raw'], ['--json', '--debug'], ['--view', 'headers'], []];
  for (let index = 0; index < uses.length; index += 12)
    await run('send', `s0x${index}`, ...(shown[(index / 12) % shown.length] as string[]));
  for (let index = 2; index < uses.length; index += 24) await run('preview', `s0x${index}`);
  await run('echo', 'list', '--limit', '1000');
  for (let back = 0; back < 3; back += 1) await run('echo', 'show', 'last');
  await run('session', 'list', '--json');
  await run('check');

  const made = (ended[0]?.out ?? '').match(/^ok /gm)?.length ?? 0;
  assert.ok(made > 250, `${made} calls were made`);
  const written = [
    ...ended.map(({ out, err }, index) => ({ path: `output ${index}`, text: out + err })),
    ...[...everyFile(cwd), ...everyFile(userFolder)].map(({ path, text }) => ({
      path,
      text: Buffer.from(text, 'latin1').toString('utf8'),
    })),
  ];
  assert.ok(written.some(({ text }) => text.includes('‹secret›')));
  const forms = new Map<string, { readonly name: string; readonly form: string }[]>();
  for (const [name, secret] of secrets) {
    for (const form of formsOf(secret)) {
      const first = form.slice(0, firstLetters);
      forms.set(first, [...(forms.get(first) ?? []), { name, form }]);
    }
  }
  const [planted = ''] = formsOf([...secrets.values()][7] as string);
  assert.equal(placesOf(`before ${planted} behind`).length > 0, true, 'a secret would be found');
  const found = written.flatMap(({ path, text }) => placesOf(text).map((what) => `${what} in ${path}`));
  assert.deepEqual(found, []);

  /** Every form of every secret in a text, by its first letters: thousands of forms are looked for in one go. */
  function placesOf(text: string): string[] {
    const places: string[] = [];
    for (let at = 0; at + firstLetters <= text.length; at += 1) {
      for (const { name, form } of forms.get(text.slice(at, at + firstLetters)) ?? [])
        if (text.startsWith(form, at))
          places.push(`${name} as ${form}: …${text.slice(Math.max(0, at - 60), at + 40)}…`);
    }
    return places;
  }
});
