/** Expressions: tables of what is written and what it yields. */
import assert from 'node:assert/strict';
import { generateKeyPairSync } from 'node:crypto';
import { test } from 'node:test';
import { Evaluation, omitted, type Result } from '../../../src/core/expression/evaluation.js';
import { otherWords } from '../../../src/core/expression/filters/other-words.js';
import { filters } from '../../../src/core/expression/filters/registry.js';
import { namesFrom } from '../../../src/core/expression/names.js';
import { runtimeMaker } from '../../../src/core/expression/runtime.js';
import { sources } from '../../../src/core/expression/sources/registry.js';
import { compileTemplate } from '../../../src/core/expression/template.js';
import { compileTree, type SecretTrace } from '../../../src/core/expression/tree.js';
import { SourceScalar, type Value } from '../../../src/core/value/written.js';

const secrets: Record<string, string> = { key: 'Jefe', token: 'tide-0123456789', 'password[n1]': 'gull-77' };
const known: Record<string, Value> = {
  name: 'Amber Tern',
  nights: 3,
  draft: new SourceScalar('4.10', 4.1),
  code: new SourceScalar('0012', 12),
  long: new SourceScalar('12345678901234567890', 12345678901234567890),
  empty: '',
  nothing: null,
  host: 'n1',
  day: '2026-11-24T09:30:15Z',
  vessel: { imo: '9000017', lengthM: 82, tags: ['coaster', 'grain'], 'quay side': 'port' },
  items: [
    { id: 'PC-0002', nights: 4 },
    { id: 'PC-0001', nights: 1 },
  ],
  url: 'https://harbour.example/v1/calls/PC-0001?x=1',
};

const now = new Date('2026-05-14T09:30:00Z');

function evaluation(seen: Value[] = []): Evaluation {
  const runtime = runtimeMaker({
    root: '.',
    seed: 7,
    moment: { now },
    secret: (name, key) => secrets[key === undefined ? name : `${name}[${key}]`],
  });
  return new Evaluation(namesFrom(known, 'test values'), {
    runtime: runtime(),
    onSecret: (value) => seen.push(value),
  });
}

async function worth(text: string, at = evaluation()): Promise<Result> {
  const loads: Promise<unknown>[] = [];
  const template = compileTemplate(text, undefined, loads);
  await Promise.all(loads);
  const value = template.evaluate(at);
  return value instanceof Uint8Array ? Buffer.from(value).toString('hex') : value;
}

const cases: readonly (readonly [text: string, value: Result])[] = [
  // names, members, types
  ['${name}', 'Amber Tern'],
  ['${nights}', 3],
  ['for ${nights} nights', 'for 3 nights'],
  ['${vessel.imo}', '9000017'],
  ['${vessel["quay side"]}', 'port'],
  ['${items[0].id}', 'PC-0002'],
  ['${items[-1].id}', 'PC-0001'],
  ['${vessel.tags[1]}', 'grain'],
  ['n${code}', 'n0012'],
  ['${long | text}', '12345678901234567890'],
  ['plain', 'plain'],
  ['$${name} and $5', '${name} and $5'],
  ['${"a } in a text"}', 'a } in a text'],
  ["${'it''s'}".replace("''", "\\'"), "it's"],
  ['${"\\n"}', '\n'],
  ['${-2}', -2],
  ['${true}', true],
  ['${null}', null],
  // fallbacks bind tighter than filters
  ['${missing ?? "none"}', 'none'],
  ['${nothing ?? "none"}', 'none'],
  ['${empty ?? "none"}', ''],
  ['${vessel.flag ?? "unknown" | upper}', 'UNKNOWN'],
  ['${missing ?? other ?? name}', 'Amber Tern'],
  ['${missing ?? absent}', omitted],
  ['${secret.other ?? "none"}', 'none'],
  ['${secret.key ?? "none"}', 'Jefe'],
  ['a ${missing ?? absent}', omitted],
  // what it was called before
  ['${missing ?? omit}', omitted],
  // text
  ['${name | upper}', 'AMBER TERN'],
  ['${name | lower}', 'amber tern'],
  ['${"  x " | trim}', 'x'],
  ['${name | slice(0, 5)}', 'Amber'],
  ['${name | slice(-4)}', 'Tern'],
  ['${"a🚢b" | slice(1, 2)}', '🚢'],
  ['${name | replace(" ", "+")}', 'Amber+Tern'],
  ['${"a.b.c" | replace(".", "$&")}', 'a$&b$&c'],
  ['${"a,b" | split(",")}', ['a', 'b']],
  ['${vessel.tags | join(" and ")}', 'coaster and grain'],
  ['${"x\\ny" | lines}', ['x', 'y']],
  ['${"O\'Hara" | quoted}', "O''Hara"],
  ['${"a b/ü~(!)" | percent}', 'a%20b%2F%C3%BC~%28%21%29'],
  ['${url | last-segment}', 'PC-0001'],
  ['${vessel.tags | json}', '["coaster","grain"]'],
  // lists
  ['${items | count}', 2],
  ['${name | count}', 10],
  ['${items | pluck("id")}', ['PC-0002', 'PC-0001']],
  ['${items | sorted("nights") | first | json}', '{"id":"PC-0001","nights":1}'],
  ['${items | pluck("id") | sorted | last}', 'PC-0002'],
  ['${vessel.tags | without("grain")}', ['coaster']],
  ['${vessel | without("tags", "quay side") | json}', '{"imo":"9000017","lengthM":82}'],
  ['${vessel.tags | merge(items) | count}', 4],
  // numbers
  ['${items | pluck("nights") | sum}', 5],
  ['${items | pluck("nights") | average}', 2.5],
  ['${items | pluck("nights") | min}', 1],
  ['${items | pluck("nights") | max}', 4],
  ['${"12" | number}', 12],
  // dates
  ['${day | http-date}', 'Tue, 24 Nov 2026 09:30:15 GMT'],
  ['${day | unix}', 1795512615],
  ['${day | unix-ms}', 1795512615000],
  ["${day | format(\"yyyyMMdd'T'HHmmss'Z'\")}", '20261124T093015Z'],
  ['${day | plus("-6h") | rfc3339}', '2026-11-24T03:30:15Z'],
  ['${day | plus("2d") | format("d MMMM yyyy")}', '26 November 2026'],
  ['${day | in-zone("Europe/Lisbon")}', '2026-11-24T09:30:15+00:00'],
  ['${day | in-zone("UTC+2") | format("HH:mm")}', '11:30'],
  ['${"Tue, 24 Nov 2026 09:30:15 GMT" | unix}', 1795512615],
  ['${1795512615 | rfc3339}', '2026-11-24T09:30:15Z'],
  // digests: RFC 1321 A.5, FIPS 180-4 examples, RFC 4231 case 2, RFC 4648 section 10
  ['${"abc" | md5 | hex}', '900150983cd24fb0d6963f7d28e17f72'],
  ['${"abc" | sha-1 | hex}', 'a9993e364706816aba3e25717850c26c9cd0d89d'],
  ['${"abc" | sha-256 | hex}', 'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'],
  [
    '${"what do ya want for nothing?" | hmac-sha-256(secret.key) | hex}',
    '5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3843',
  ],
  ['${"foobar" | base64}', 'Zm9vYmFy'],
  ['${"foob" | base64}', 'Zm9vYg=='],
  ['${"Zm9vYg==" | from-base64 | text}', 'foob'],
  ['${"ûï" | base64url}', 'w7vDrw'],
  ['${"666f6f" | from-hex | text}', 'foo'],
  // secrets by name and key
  ['${secret.password[host]}', 'gull-77'],
  ['Bearer ${secret.token}', 'Bearer tide-0123456789'],
];

for (const [text, value] of cases) {
  test(`${text} is ${String(JSON.stringify(value) ?? String(value))}`, async () => {
    assert.deepEqual(await worth(text), value);
  });
}

test('everything that can be made up is, repeats with the seed, and leads nowhere', async () => {
  const { choices = [] } = sources.get('made-up') ?? {};
  assert.ok(choices.length >= 40, String(choices.length));
  const rolled = async (): Promise<Result[]> => {
    const at = evaluation();
    const values: Result[] = [];
    for (const kind of choices) values.push(await worth(`\${made-up(${JSON.stringify(kind)})}`, at));
    return values;
  };
  const values = await rolled();
  assert.deepEqual(values, await rolled());
  for (const [index, value] of values.entries()) assert.ok(value !== '' && value !== null, choices[index]);
  const made = Object.fromEntries(choices.map((kind, index) => [kind, String(values[index])]));
  assert.match(made.email ?? '', /^\S+@mail\.example$/);
  assert.match(made.host ?? '', /^\S+\.example$/);
  assert.match(made.url ?? '', /^https:\/\/\S+\.example\/$/);
  assert.match(made['past date'] ?? '', /^\d{4}-\d\d-\d\dT/);
  assert.equal(
    await worth('${fake("full name")}'),
    await worth('${made-up("full name")}'),
    'what it was called before',
  );
  await assert.rejects(worth('${made-up}'), (error: { remedy?: string }) => {
    for (const kind of choices) assert.ok(error.remedy?.includes(kind), kind);
    return true;
  });
});

test('random values repeat with a seed, and stay within their ends', async () => {
  const rolls = async (): Promise<Result[]> => {
    const at = evaluation();
    return [
      await worth('${random(1, 6)}', at),
      await worth('${random(1, 6)}', at),
      await worth('${uuid}', at),
      await worth('${made-up("full name")}', at),
    ];
  };
  const [first, second] = [await rolls(), await rolls()];
  assert.deepEqual(first, second);
  assert.match(String(first[2]), /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  for (let count = 0; count < 50; count += 1) assert.ok([1, 2, 3].includes((await worth('${random(1, 3)}')) as number));
});

test('now and uuid are the same throughout one request', async () => {
  const at = evaluation();
  assert.equal(await worth('${uuid}', at), await worth('${uuid}', at));
  assert.equal(await worth('${now}', at), await worth('${now}', at));
});

const wrong: readonly (readonly [text: string, code: string, says: RegExp])[] = [
  ['${nmae}', 'unknown-name', /nmae.*not known/],
  ['${vessel.imoo}', 'unknown-name', /no member imoo/],
  ['${items[7].id}', 'unknown-name', /no member 7/],
  ['${vessel.toString}', 'unknown-name', /no member toString/],
  ['${name | uper}', 'expression-syntax', /no filter uper; did you mean upper/],
  ['${name | length}', 'expression-syntax', /no filter length; did you mean count\?/],
  ['${name | url_encode}', 'expression-syntax', /did you mean percent\?/],
  ['${name | default("x")}', 'expression-syntax', /is written \$\{name \?\? "N1"\}/],
  ['${nwo()}', 'expression-syntax', /no source nwo/],
  ['${name', 'expression-syntax', /closing \} is missing/],
  ['${name name}', 'expression-syntax', /expected \| or the end/],
  ['${}', 'expression-syntax', /expected a name or a value/],
  ['${"open}', 'expression-syntax', /missing|not closed/],
  ['${1 + 2}', 'expression-syntax', /has no meaning/],
  ['${name | slice}', 'expression-syntax', /slice is written/],
  ['a ${nothing}', 'expression-value', /null/],
  ['a ${"x" | md5}', 'expression-value', /bytes/],
  ['${vessel | upper}', 'expression-value', /upper needs a text, not object/],
  ['${"x" | number}', 'expression-value', /not a number/],
  ['${name | unix}', 'expression-value', /as a date/],
  ['${day | plus("soon")}', 'expression-value', /plus cannot read/],
  ['${made-up("ful name")}', 'expression-value', /no made-up ful name/],
  ['${made-up("constructor")}', 'expression-value', /no made-up constructor/],
  ['${made-up()}', 'expression-value', /made-up needs the kind of value/],
  ['${secret.other}', 'secret-missing', /secret other is not set/],
];

for (const [text, code, says] of wrong) {
  test(`${text} is refused: ${code}`, async () => {
    await assert.rejects(worth(text), (error: Error & { code?: string }) => {
      assert.equal(error.code, code);
      assert.match(error.message, says);
      return true;
    });
  });
}

test('an unknown name tells the layers that were searched and the nearest name', async () => {
  await assert.rejects(worth('${nigths}'), { reason: 'searched: test values', remedy: 'did you mean nights?' });
});

test('whatever is computed from a secret is told', async () => {
  const seen: Value[] = [];
  const at = evaluation(seen);
  await worth('${secret.token | sha-256 | hex | upper}', at);
  assert.equal(at.touchedSecret, true);
  assert.equal(seen.length, 4);
});

test('a tree drops what is omitted, keeps types, and tells where secrets stand', async () => {
  const source = {
    berth: '${missing ?? absent}',
    nights: '${nights}',
    list: ['${missing ?? absent}', '${code}'],
    login: { password: '${secret.key}' },
  };
  const loads: Promise<unknown>[] = [];
  const tree = compileTree(source, () => undefined, loads);
  const trace: SecretTrace = { path: [], secret: [] };
  assert.deepEqual(tree.evaluate(evaluation(), trace), { nights: 3, list: [known.code], login: { password: 'Jefe' } });
  assert.deepEqual(
    trace.secret.map(({ path }) => path),
    [['login', 'password']],
  );
});

test('a chain that is given the same again yields the same and tells its secrets again; given another, another', async () => {
  const loads: Promise<unknown>[] = [];
  const template = compileTemplate('${part | hmac-sha-256(secret.key) | hex | upper}', undefined, loads);
  await Promise.all(loads);
  const made = (part: Value): [Result, number] => {
    const seen: Value[] = [];
    const { runtime } = evaluation();
    return [
      template.evaluate(
        new Evaluation(namesFrom({ part }, 'test'), { runtime, onSecret: (value) => seen.push(value) }),
      ),
      seen.length,
    ];
  };
  const first = made('quay');
  assert.equal(first[1], 4);
  assert.deepEqual(made('quay'), first);
  const other = made('mole');
  assert.notDeepEqual(other, first);
  assert.deepEqual(made('quay'), first);
  secrets.key = 'another key';
  assert.notDeepEqual(made('quay'), first);
  secrets.key = 'Jefe';
  assert.deepEqual(made('quay'), first);
  // RFC 4231, section 4.3, through the same chain.
  assert.equal(
    made('what do ya want for nothing?')[0],
    '5BDCC146BF60754E6A042426089575C75A003F089D2739839DEC58B964EC3843',
  );
});

test('what is random by nature is made anew each time', async () => {
  const { privateKey } = generateKeyPairSync('ec', { namedCurve: 'P-256' });
  const key = privateKey.export({ type: 'pkcs8', format: 'pem' });
  const loads: Promise<unknown>[] = [];
  const template = compileTemplate('${"quay" | sign-ecdsa-sha-256(key) | hex}', undefined, loads);
  await Promise.all(loads);
  const at = (): Evaluation => new Evaluation(namesFrom({ key: String(key) }, 'test'), evaluation());
  assert.notEqual(template.evaluate(at()), template.evaluate(at()));
});

test('each word that a hint knows leads to a filter, and is none itself', () => {
  const known = [...filters.keys()];
  for (const [word, name] of otherWords) {
    assert.ok(filters.has(name), `${word} leads to ${name}, which is none of ${known.join(', ')}`);
    assert.ok(!filters.has(word), word);
  }
});
