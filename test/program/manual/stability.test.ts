/** What the last release promised is kept, and what is bundled is listed (docs/stability.md). */
import assert from 'node:assert/strict';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { brokenPromises, type Promises, promisesOf } from '../../../scripts/promises.mjs';
import { projectFolder } from '../../support/program.js';
import { faultsOf } from '../../support/published-schemas.js';

test('what the last release promised is kept', () => {
  const now = promisesOf(projectFolder);
  assert.ok(Object.keys(now.files).length >= 6 && Object.keys(now.documents).length > 30 && now.exports.length > 20);
  assert.equal(now.statuses['secret-missing'], 4);
  assert.deepEqual(brokenPromises(now, now), []);
  const last = join(projectFolder, 'released/promises.json');
  if (existsSync(last)) assert.deepEqual(brokenPromises(JSON.parse(readFileSync(last, 'utf8')) as Promises, now), []);
  else
    assert.match(
      now.version,
      /^0\./,
      'a version from 1.0.0 on is made by npm run release, which keeps what it promises',
    );
});

const before: Promises = {
  version: '1.0.0',
  files: {
    'trail.json': {
      type: 'object',
      properties: { steps: { type: 'array', items: { $ref: '#/$defs/step' } }, undo: { enum: ['never', 'always'] } },
      $defs: { step: { anyOf: [{ type: 'string' }, { type: 'object', properties: { send: { type: 'string' } } }] } },
    },
  },
  documents: {
    'send.json': {
      type: 'object',
      properties: { status: { type: ['integer', 'null'] }, event: { const: 'send' } },
      required: ['status'],
    },
  },
  statuses: { usage: 2 },
  exports: ['walkTrail'],
};

/** With this at a path. */
function changed(path: readonly string[], value: unknown): Promises {
  const copy = structuredClone(before) as unknown as Record<string, unknown>;
  const above = path.slice(0, -1).reduce((one, key) => one[key] as Record<string, unknown>, copy);
  const last = path.at(-1) as string;
  if (value === undefined) delete above[last];
  else above[last] = value;
  return copy as unknown as Promises;
}

const trail = ['files', 'trail.json'];
const send = ['documents', 'send.json'];
for (const [path, value, expected] of [
  [[...trail, 'properties', 'undo'], undefined, /file of trail\.json: undo is gone/],
  [[...trail, 'properties', 'undo', 'enum'], ['always'], /does not take "never" any more/],
  [[...trail, 'properties', 'steps', 'type'], 'object', /steps was array, and is object/],
  [[...trail, 'required'], ['steps'], /steps is required now/],
  [[...trail, '$defs', 'step', 'anyOf'], [{ type: 'string' }], /an item, form 2: .*was object, and is string/],
  [[...send, 'properties', 'status'], undefined, /send\.json: status is gone/],
  [[...send, 'properties', 'status', 'type'], ['integer', 'null', 'string'], /status was integer or null, and is/],
  [[...send, 'properties', 'event', 'const'], 'sent', /event is not "send" any more/],
  [[...send, 'required'], [], /status may be missing now/],
  [['documents', 'send.json'], undefined, /document send\.json is gone/],
  [['statuses', 'usage'], 4, /usage ended with 2, and now with 4/],
  [['statuses', 'usage'], undefined, /the error usage is gone/],
  [['exports'], [], /exports no walkTrail/],
] as const)
  test(`a promise that is broken is seen: ${expected.source}`, () => {
    assert.match(brokenPromises(before, changed(path, value)).join('\n'), expected);
  });

for (const [path, value] of [
  [[...trail, 'properties', 'about'], { type: 'string' }],
  [
    [...trail, 'properties', 'undo', 'enum'],
    ['never', 'always', 'failure'],
  ],
  [
    [...trail, 'properties', 'steps', 'type'],
    ['array', 'string'],
  ],
  [[...send, 'properties', 'time'], { type: 'number' }],
  [[...send, 'properties', 'status', 'type'], 'integer'],
  [['documents', 'other.json'], {}],
  [['statuses', 'new'], 4],
  [['exports'], ['walkTrail', 'more']],
] as const)
  test(`what is added breaks no promise: ${path.slice(1).join('.')}`, () => {
    assert.deepEqual(brokenPromises(before, changed(path, value)), []);
  });

test('the list of parts meets its schema, and names each package whose licence goes along', () => {
  const parts = JSON.parse(readFileSync(join(projectFolder, 'dist/parts.cdx.json'), 'utf8')) as {
    components: { name: string; version: string; hashes?: { content: string }[] }[];
  };
  assert.deepEqual(faultsOf('CycloneDX 1.6', parts), []);
  assert.notDeepEqual(faultsOf('CycloneDX 1.6', { ...parts, bomFormat: 'another' }), []);
  const notices = readFileSync(join(projectFolder, 'dist/THIRD-PARTY.txt'), 'utf8');
  assert.ok(parts.components.length > 30);
  for (const { name, version, hashes } of parts.components) {
    assert.ok(notices.includes(`${name} ${version}\n`), name);
    assert.match(hashes?.[0]?.content ?? '', /^[0-9a-f]{128}$/, name);
  }
});
