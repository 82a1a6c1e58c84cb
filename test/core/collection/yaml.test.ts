/** Reading collection files: source text kept, positions, and what is refused. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { parse } from 'yaml';
import { requestFile } from '../../../src/core/collection/files/request-file.js';
import { trailFile } from '../../../src/core/collection/files/trail-file.js';
import { stageKey } from '../../../src/core/collection/rewrite.js';
import { shapeProblems } from '../../../src/core/collection/schema-validation.js';
import { parseYaml } from '../../../src/core/collection/yaml.js';
import { writeJson } from '../../../src/core/value/json-text.js';
import { textOf } from '../../../src/core/value/text.js';
import type { Value } from '../../../src/core/value/written.js';
import { temporaryFolder } from '../../support/folder.js';

const scalars: readonly (readonly [yaml: string, text: string, json: string])[] = [
  ['0012', '0012', '12'],
  ['1.10', '1.10', '1.10'],
  ['12345678901234567890', '12345678901234567890', '12345678901234567890'],
  ['0x1F', '0x1F', '31'],
  ['1e3', '1e3', '1e3'],
  ['True', 'True', 'true'],
  ['true', 'true', 'true'],
  ['~', 'null', 'null'],
  ['3', '3', '3'],
  ['"3"', '3', '"3"'],
  ['2026-11-24', '2026-11-24', '"2026-11-24"'],
  ['yes', 'yes', '"yes"'],
];
for (const [yaml, text, json] of scalars) {
  test(`the scalar ${yaml} is ${text} as text and ${json} in JSON`, () => {
    const { value } = parseYaml(`key: ${yaml}\n`, 'x.yaml');
    const scalar = (value as Record<string, Value>).key as Value;
    assert.equal(textOf(scalar), text);
    assert.equal(writeJson(scalar), json);
  });
}

test('long numbers inside structures keep every digit, laid out or not', () => {
  const { value } = parseYaml('{a: [12345678901234567890, 1], b: 0012}', 'x.yaml');
  assert.equal(writeJson(value), '{"a":[12345678901234567890,1],"b":12}');
  assert.equal(writeJson(value, 2), '{\n  "a": [\n    12345678901234567890,\n    1\n  ],\n  "b": 12\n}');
});

test('a key such as __proto__ is data', () => {
  const { value } = parseYaml('__proto__: {polluted: 1}\n', 'x.yaml');
  assert.deepEqual(Object.keys(value as object), ['__proto__']);
  assert.equal(({} as Record<string, unknown>).polluted, undefined);
});

const refused: readonly (readonly [name: string, text: string, code: string, says: RegExp, line: number])[] = [
  ['an anchor', 'a: &x 1\n', 'yaml-refused', /anchor/, 1],
  ['an alias', 'a: 1\nb: *x\n', 'yaml-refused|yaml-syntax', /alias|\*/, 2],
  ['a tag', 'a: !secret x\n', 'yaml-refused|yaml-syntax', /tag/, 1],
  ['a key that stands twice', 'a: 1\na: 2\n', 'yaml-syntax', /twice/, 2],
  ['a tab', 'a:\n\tb: 1\n', 'yaml-syntax', /tab/, 2],
  ['a second colon', 'a: b: c\n', 'yaml-syntax', /second/, 1],
  [
    'a colon and a space in an expression',
    'a:\n  - ${x | header-lines(": ")}\n',
    'yaml-syntax',
    /an expression holds ": "/,
    3,
  ],
  ['an unquoted ${ in braces', 'body: {json: {berth: ${berth}}}\n', 'yaml-syntax', /well-formed/, 1],
  ['a text that begins with {', 'url: {imo}/x\n', 'yaml-syntax', /begins with \{/, 1],
  ['a text that begins with @', 'a: @x\n', 'yaml-syntax', /begins with @/, 1],
  ['a place with brackets in braces', 'expect: {$.items[*].id: 1}\n', 'yaml-syntax', /well-formed/, 1],
  ['an unclosed quote', 'a: "b\n', 'yaml-syntax', /quote is not closed/, 2],
];
for (const [name, text, code, says, line] of refused) {
  test(`${name} is refused with its place`, () => {
    assert.throws(
      () => parseYaml(text, 'requests/x.yaml'),
      (error: Error & { code: string; where: { file: string; line: number; column: number }; remedy?: string }) => {
        assert.ok(code.split('|').includes(error.code), `${error.code}: ${error.message}`);
        assert.match(`${error.message} ${error.remedy ?? ''}`, says);
        assert.equal(error.where.file, 'requests/x.yaml');
        assert.equal(error.where.line, line);
        assert.ok(error.where.column >= 1);
        return true;
      },
    );
  });
}

const shapes: readonly (readonly [name: string, text: string, what: RegExp, remedy: RegExp, where: string])[] = [
  ['an unknown key', 'url: http://x.example\nmehtod: POST\n', /mehtod is not a key/, /did you mean method/, '2:1'],
  [
    'an unknown key further in',
    'url: http://x.example\ninputs: {a: {defalt: 1}}\n',
    /inputs\.a\.defalt/,
    /did you mean default/,
    '2:14',
  ],
  [
    'a wrong type',
    'url: http://x.example\nheaders: 5\n',
    /headers must be a map of names, not the number 5/,
    /.*/,
    '2:10',
  ],
  ['a number for a text', 'url: 5\n', /url must be a text, not the number 5/, /quotes/, '1:6'],
  ['a map for a text', 'url: {imo: }\n', /url must be a text, not a map/, /begins with \{/, '1:6'],
  ['a missing key', 'method: GET\n', /url is missing/, /expected a text/, '1:1'],
  [
    'a value that is not allowed',
    'url: x\nlists: joind\n',
    /lists cannot be the text joind/,
    /did you mean joined/,
    '2:8',
  ],
  ['an unknown body kind', 'url: x\nbody: {jsn: 1}\n', /body\.jsn is not a key/, /did you mean json/, '2:8'],
  ['a duration without a unit', 'url: x\ntimeout: {total: "5"}\n', /duration/, /.*/, '2:18'],
];
for (const [name, text, what, remedy, where] of shapes) {
  test(`${name} is told with the key, the place and what was meant`, () => {
    const [problem] = shapeProblems(requestFile, parseYaml(text, 'x.yaml'));
    assert.ok(problem, 'a problem is found');
    assert.match(problem.what, what);
    assert.match(problem.remedy ?? '', remedy);
    const at = problem.where as { line: number; column: number };
    assert.equal(`${at.line}:${at.column}`, where);
  });
}

test('all problems of a file are found, not only the first', () => {
  const problems = shapeProblems(requestFile, parseYaml('url: 5\nmehtod: GET\nbodi: {}\n', 'x.yaml'));
  assert.equal(problems.length, 3);
});

test('a misspelt key of a step names the nearest key of a step', () => {
  const [problem] = shapeProblems(trailFile, parseYaml('steps:\n  - send: x\n    expct: {status: 200}\n', 'x.yaml'));
  assert.match(problem?.what ?? '', /expct/);
  assert.match(problem?.remedy ?? '', /expect/);
});

test('a key that is changed later: nothing before, comments kept, and what somebody else wrote meanwhile stays', async () => {
  const root = temporaryFolder();
  const file = join(root, 'echo-trail.yaml');
  const before = '# ours\nname: agent # short\n';
  writeFileSync(file, before);
  const dropped = await stageKey(root, 'echo-trail.yaml', ['docs', 'harbour'], { file: 'docs/h.yaml' });
  await dropped.discard();
  const staged = await stageKey(root, 'echo-trail.yaml', ['docs', 'harbour'], { file: 'docs/h.yaml' });
  assert.equal(readFileSync(file, 'utf8'), before);
  writeFileSync(file, `${before}environment: local\n`);
  await staged.commit();
  assert.equal(readFileSync(file, 'utf8'), `${before}environment: local\ndocs:\n  harbour:\n    file: docs/h.yaml\n`);
  // Beside the place of the lock.
  assert.deepEqual(
    readdirSync(root).filter((name) => name !== '.echo-trail'),
    ['echo-trail.yaml'],
  );
});

test('a key that is rewritten keeps every comment in it and around it, as far as what it is about stays', async () => {
  const root = temporaryFolder();
  const before = `# of the file
name: quays # the name
environment: sandbox # the usual one
docs:
  # of the harbour
  harbour: # behind it
    # of the file of the documentation
    file: docs/harbour.yaml # the file
    fetched: 2026-11-01
    # where others may be fetched
    fetch-from: # hosts
      - a.example # the first
      - b.example # the second
  # of the pilots
  pilots: {file: docs/pilots.json} # in a line
# at the end
`;
  writeFileSync(join(root, 'echo-trail.yaml'), before);
  const rewrite = async (path: readonly string[], value: unknown): Promise<string> => {
    await (await stageKey(root, 'echo-trail.yaml', path, value)).commit();
    return readFileSync(join(root, 'echo-trail.yaml'), 'utf8');
  };
  await rewrite(['environment'], 'live');
  const text = await rewrite(['docs', 'harbour'], {
    file: 'docs/harbour.yaml',
    fetched: '2026-12-01',
    'fetch-from': ['b.example', 'c.example'],
    source: 'https://harbour.example/openapi.yaml',
  });
  for (const comment of before.match(/#.*/g) ?? [])
    if (!comment.includes('first')) assert.ok(text.includes(comment), `${comment}: ${text}`);
  assert.deepEqual(parse(text), {
    name: 'quays',
    environment: 'live',
    docs: {
      harbour: {
        file: 'docs/harbour.yaml',
        fetched: '2026-12-01',
        'fetch-from': ['b.example', 'c.example'],
        source: 'https://harbour.example/openapi.yaml',
      },
      pilots: { file: 'docs/pilots.json' },
    },
  });
});
