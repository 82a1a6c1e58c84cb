/** `check`: one collection for each thing that it finds, with file, line and column. */
import assert from 'node:assert/strict';
import { readFileSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { test } from 'node:test';
import { DOMParser, onErrorStopParsing } from '@xmldom/xmldom';
import type { Log } from 'sarif';
import { rules } from '../../../src/core/check/rules/registry.js';
import { collectionOf, demoCollection, temporaryFolder } from '../../support/folder.js';
import { document, echoTrail } from '../../support/program.js';
import { faultsOf, junitFaults } from '../../support/published-schemas.js';

interface Finding {
  readonly rule: string;
  readonly severity: string;
  readonly file: string;
  readonly line: number;
  readonly column: number;
  readonly what: string;
  readonly remedy: string | null;
}

const openapi = JSON.stringify({
  openapi: '3.1.0',
  info: { title: 'T' },
  paths: {
    '/v1/calls/{id}': {
      patch: {
        operationId: 'amend',
        parameters: [
          { name: 'id', in: 'path', schema: {} },
          { name: 'by', in: 'query', required: true, schema: {} },
        ],
        requestBody: { required: true, content: { 'application/json': {} } },
        responses: {},
      },
    },
  },
});
const documented = {
  'echo-trail.yaml': 'name: t\nenvironment: sandbox\ndocs: {harbour: {file: docs/h.json}}\n',
  'docs/h.json': openapi,
};

const cases: readonly (readonly [
  rule: string,
  severity: 'error' | 'warning',
  files: Record<string, string>,
  place: string,
  says: RegExp,
])[] = [
  [
    'file-valid',
    'error',
    { 'requests/x.yaml': 'url: http://x.example\nmethd: GET\n' },
    'requests/x.yaml:2:1',
    /methd.*did you mean method/,
  ],
  ['file-valid', 'error', { 'requests/x.yaml': 'url: [\n' }, 'requests/x.yaml:2:1', /well-formed|indentation/],
  ['file-valid', 'error', { 'trails/x.yaml': 'steps: []\n' }, 'trails/x.yaml:1:8', /steps/],
  [
    'file-ready',
    'error',
    { 'requests/x.yaml': 'url: ${origin}/\nheaders:\n  X: ${origin | uper}\n' },
    'requests/x.yaml:3:6',
    /no filter uper; did you mean upper/,
  ],
  [
    'file-ready',
    'error',
    { 'requests/x.yaml': 'url: ${origin}/\nexpect:\n  statos: 200\n' },
    'requests/x.yaml:3:3',
    /statos is not a place.*did you mean status/,
  ],
  [
    'file-ready',
    'error',
    { 'requests/x.yaml': 'url: ${origin}/\nexpect:\n  $.a: {ovr: 2}\n' },
    'requests/x.yaml:3:3',
    /no matcher ovr.*did you mean over/,
  ],
  [
    'file-ready',
    'error',
    { 'requests/x.yaml': 'url: ${origin}/\nkeep:\n  a: $.[\n' },
    'requests/x.yaml:3:6',
    /JSONPath/,
  ],
  [
    'file-ready',
    'error',
    { 'requests/x.yaml': 'url: ${origin}/a${origin}\n' },
    'requests/x.yaml:1:6',
    /only at the beginning of the address/,
  ],
  [
    'file-ready',
    'error',
    { 'requests/x.yaml': 'url: ${origin}/\nexpect:\n  body: {matches: "("}\n' },
    'requests/x.yaml:3:3',
    /regular expression/,
  ],
  [
    'file-ready',
    'error',
    { 'trails/x.yaml': 'steps:\n  - send: nowhere\n' },
    'trails/x.yaml:2:11',
    /no request nowhere/,
  ],
  [
    'names-resolve',
    'error',
    { 'requests/x.yaml': 'inputs: {imo: {}}\nurl: ${origin}/{imo}\nquery:\n  a: ${imoo}\n' },
    'requests/x.yaml:4:6',
    /imoo.*did you mean imo/,
  ],
  ['names-resolve', 'error', { 'requests/x.yaml': 'url: ${origin}/{imo}\n' }, 'requests/x.yaml:1:6', /part \{imo\}/],
  [
    'names-resolve',
    'error',
    { 'requests/x.yaml': 'url: ${origin}/\nquery: {agent: "${made-up}"}\n' },
    'requests/x.yaml:2:16',
    /made-up is written .*full name.*post code/,
  ],
  [
    'trail-names-resolve',
    'error',
    {
      'requests/x.yaml': 'inputs: {a: {}}\nurl: ${origin}/{a}\n',
      'trails/t.yaml': 'steps:\n  - send: x\n    give: {a: "${later}"}\n  - keep: {later: 1}\n',
    },
    'trails/t.yaml:3:15',
    /later is not known at this step/,
  ],
  [
    'kept-values-used',
    'warning',
    { 'requests/x.yaml': 'url: ${origin}/\nkeep:\n  callId: $.id\n' },
    'requests/x.yaml:3:3',
    /callId is kept, but nothing uses it/,
  ],
  [
    'inputs-used',
    'warning',
    { 'requests/x.yaml': 'inputs:\n  imo: {}\nurl: ${origin}/\n' },
    'requests/x.yaml:2:3',
    /input imo.*nowhere/,
  ],
  [
    'inputs-used',
    'warning',
    {
      'requests/x.yaml':
        'inputs:\n  imo: {}\n  berth: {}\nmethod: POST\nurl: ${origin}/\nbody: {template: bodies/x.json}\n',
      'bodies/x.json': '{"imo": "${imo}"}',
    },
    'requests/x.yaml:3:3',
    /input berth.*nowhere/,
  ],
  [
    'names-resolve',
    'error',
    {
      'requests/x.yaml': 'method: POST\nurl: ${origin}/\nbody: {template: bodies/x.json}\n',
      'bodies/x.json': '{"imo": "${imoo}"}',
    },
    'bodies/x.json:',
    /the name imoo/,
  ],
  [
    'names-resolve',
    'error',
    { 'requests/x.yaml': 'url: ${origin}/\nexpect: {"$[?@.id == ${whoo}]": {exists: true}}\n' },
    'requests/x.yaml:2',
    /the name whoo/,
  ],
  [
    'session-names-resolve',
    'error',
    {
      'sessions/desk.yaml':
        'kind: login\nopen: {send: log-in}\ntoken: $.token\nheaders:\n  Authorization: "Bearer ${token}"\n  X-Desk: "${dexk}"\n',
      'requests/log-in.yaml': 'method: POST\nurl: ${origin}/\nchanges: false\nkeep: {desk: $.desk}\n',
    },
    'sessions/desk.yaml:6:11',
    /session desk uses dexk.*did you mean desk/s,
  ],
  [
    'session-names-resolve',
    'error',
    {
      'signatures/seal.yaml': 'kind: recipe\ndefine:\n  stamp: "${now | unix}"\nheaders:\n  X-Seal: "${stmp}"\n',
    },
    'signatures/seal.yaml:5:11',
    /signature seal uses stmp.*did you mean stamp/s,
  ],
  [
    'inputs-sound',
    'error',
    { 'requests/x.yaml': 'inputs:\n  nights: {type: integer, at-most: 14, default: 30}\nurl: ${origin}/{nights}\n' },
    'requests/x.yaml:2:',
    /nights of request x cannot be 30.*at most 14/,
  ],
  [
    'inputs-sound',
    'warning',
    { 'requests/x.yaml': 'inputs:\n  nights: {prompt: never}\nurl: ${origin}/{nights}\n' },
    'requests/x.yaml:2:3',
    /the input nights of [^ ]+ is not asked for/,
  ],
  [
    'former-words',
    'warning',
    { 'requests/x.yaml': 'inputs: {imo: {}}\nurl: ${origin}/\nquery:\n  imo: ${imo ?? omit}\n' },
    'requests/x.yaml:4:8',
    /omit is called absent now.*write absent/,
  ],
  [
    'former-words',
    'warning',
    {
      'requests/x.yaml': 'method: POST\nurl: ${origin}/\nbody: {template: bodies/x.json}\n',
      'bodies/x.json': '{"agent": "${fake(\'full name\')}"}',
    },
    'bodies/x.json',
    /fake is called made-up now/,
  ],
  [
    'former-words',
    'warning',
    {
      'requests/x.yaml': 'url: ${origin}/\n',
      'trails/t.yaml':
        'steps:\n  - for-each: [a]\n    steps:\n      - send: x\n        when: {item: a}\n  - {send: x, only-if: {env: a}}\n',
    },
    'trails/t.yaml:5:9',
    /when is called only-if now/,
  ],
  [
    'former-words',
    'warning',
    {
      'signatures/x.yaml':
        'kind: message-signature\nsignatures: {sig1: {components: ["@method"], algorithm: hmac-sha256, key: "${secret.k}"}}\nanswers: {keys: {a: {algorithm: hmac-sha256, key: "${secret.k}"}}}\n',
    },
    'signatures/x.yaml:3:1',
    /answers is called responses now/,
  ],
  [
    'no-body-in-get',
    'warning',
    { 'requests/x.yaml': 'url: ${origin}/\nbody: {json: {}}\n' },
    'requests/x.yaml:2:1',
    /GET carries a body.*POST/,
  ],
  [
    'no-secrets-in-files',
    'error',
    { 'sessions/x.yaml': 'kind: basic\nuser: agent\npassword: tidewater-42\n' },
    'sessions/x.yaml:3:11',
    /the value of password is in a shared file.*secret set/,
  ],
  [
    'operation-matches',
    'error',
    { ...documented, 'requests/x.yaml': 'operation: harbour/amnd\nurl: ${origin}/\n' },
    'requests/x.yaml:1:12',
    /amnd.*did you mean harbour\/amend/,
  ],
  [
    'operation-matches',
    'error',
    {
      ...documented,
      'requests/x.yaml':
        'inputs: {id: {}}\noperation: harbour/amend\nmethod: PUT\nurl: ${origin}/v1/calls/{id}?by=me\nbody: {json: {}}\n',
    },
    'requests/x.yaml:3:9',
    /method is PUT, documented is PATCH/,
  ],
  [
    'operation-matches',
    'error',
    {
      ...documented,
      'requests/x.yaml':
        'inputs: {id: {}}\noperation: harbour/amend\nmethod: PATCH\nurl: ${origin}/v2/calls/{id}?by=me\nbody: {json: {}}\n',
    },
    'requests/x.yaml:4:6',
    /path is \/v2\/calls\/\{id\}, documented/,
  ],
  [
    'operation-matches',
    'warning',
    {
      ...documented,
      'requests/x.yaml':
        'inputs: {id: {}}\noperation: harbour/amend\nmethod: PATCH\nurl: ${origin}/v1/calls/{id}\nbody: {json: {}}\n',
    },
    'requests/x.yaml:2:12',
    /query parameter by is required/,
  ],
  [
    'operation-matches',
    'warning',
    {
      ...documented,
      'requests/x.yaml':
        'inputs: {id: {}}\noperation: harbour/amend\nmethod: PATCH\nurl: ${origin}/v1/calls/{id}?by=me\n',
    },
    'requests/x.yaml:2:12',
    /body is required/,
  ],
  [
    'documentation-readable',
    'error',
    { ...documented, 'docs/h.json': '{"openapi": 3' },
    'docs/h.json:1',
    /well-formed JSON/,
  ],
  [
    'values-documented',
    'warning',
    {
      ...documented,
      'requests/x.yaml':
        'operation: harbour/amend\nmethod: PATCH\nurl: ${origin}/v1/calls/PC-1\nquery: {by: agent, colour: red}\nbody: {json: {}}\n',
    },
    'requests/x.yaml:4:20',
    /query parameter colour is not documented/,
  ],
  [
    'trail-names-resolve',
    'error',
    {
      'requests/x.yaml': 'inputs: {imo: {}}\nurl: ${origin}/{imo}\n',
      'trails/t.yaml': 'steps: [{send: x, give: {ino: 7, imo: 8}}]\n',
    },
    'trails/t.yaml:1:26',
    /^x takes no input ino did you mean imo\?/,
  ],
  [
    'trail-names-resolve',
    'error',
    {
      'requests/x.yaml':
        'inputs: {imo: {}, berth: {default: N1}, note: {}, mark: {}}\nurl: ${origin}/{imo}{?mark}\nquery: {b: "${berth}", n: "${note ?? absent}"}\n',
      'trails/t.yaml': 'steps: [{for-each: [1], as: n, steps: [{poll: x, until: {status: 200}}]}]\n',
    },
    'trails/t.yaml:1:47',
    /^x needs the input imo, and nothing gives it at this step/,
  ],
  [
    'trail-names-resolve',
    'error',
    {
      'requests/x.yaml': 'inputs: {imo: {}}\nurl: ${origin}/{imo}\nkeep: {mark: $.mark}\n',
      'requests/y.yaml': 'inputs: {mark: {}, gone: {}}\nmethod: DELETE\nurl: ${origin}/{mark}/{gone}\n',
      'trails/inner.yaml': 'inputs: {imo: {}, flag: {default: b}}\nsteps: [{send: x, undo: {send: y}}]\n',
      'trails/t.yaml': 'inputs: {imo: {}}\nsteps: [{trail: inner}, {trail: inner, give: {imo: 7}}]\n',
    },
    'trails/inner.yaml:2:32',
    /^y needs the input gone, and nothing gives it at this step/,
  ],
  [
    'files-exist',
    'error',
    { 'data/plan.txt': 'x', 'requests/x.yaml': 'method: POST\nurl: ${origin}/\nbody: {file: plan.txt}\n' },
    'requests/x.yaml:3:14',
    /plan\.txt does not exist did you mean data\/plan\.txt\?/,
  ],
  [
    'files-exist',
    'error',
    {
      'data/plan.txt': 'x',
      'requests/x.yaml':
        'method: POST\nurl: ${origin}/\nbody: {parts: {a: {file: data/plan.txt}, b: [{file: data/plam.txt}]}}\n',
    },
    'requests/x.yaml:3:53',
    /data\/plam\.txt does not exist did you mean data\/plan\.txt\?/,
  ],
  [
    'files-exist',
    'error',
    {
      'requests/x.yaml': 'url: ${origin}/\nheaders: {X-Plan: \'${"a" | replace("a", file("data/no.txt"))}\'}\n',
    },
    'requests/x.yaml:2:19',
    /data\/no\.txt does not exist/,
  ],
  [
    'files-exist',
    'error',
    {
      'requests/x.yaml': 'method: POST\nchanges: false\nurl: ${origin}/\nbody: {file: data/made-7.csv}\n',
      'trails/x.yaml':
        'inputs: {n: {default: 7}}\nsteps:\n  - {for-each: [1], steps: [{send: x}], table: {columns: {a: $.a}, to: "data/made-${n}.csv"}}\n  - {compare: [{send: x}, {file: data/none.json}]}\n',
    },
    'trails/x.yaml:4:34',
    /^data\/none\.json does not exist/,
  ],
  [
    'file-parts',
    'warning',
    {
      'data/plan.txt': 'x',
      'requests/x.yaml': 'method: POST\nurl: ${origin}/\nbody: {parts: {plan: {text: data/plan.txt}}}\n',
    },
    'requests/x.yaml:3:22',
    /text data\/plan\.txt, not the file.*plan: \{file: data\/plan\.txt\}/,
  ],
  [
    'file-parts',
    'warning',
    {
      'echo-trail.yaml': 'name: t\nenvironment: sandbox\ndocs: {desk: {file: docs/d.json}}\n',
      'docs/d.json': JSON.stringify({
        openapi: '3.1.0',
        info: { title: 'T' },
        paths: {
          '/plans': {
            post: {
              operationId: 'hand',
              requestBody: {
                content: {
                  'multipart/form-data': {
                    schema: { type: 'object', properties: { plan: { type: 'string', format: 'binary' } } },
                  },
                },
              },
              responses: {},
            },
          },
        },
      }),
      'requests/x.yaml': 'operation: desk/hand\nmethod: POST\nurl: ${origin}/plans\nbody: {parts: {plan: grain}}\n',
    },
    'requests/x.yaml:4:22',
    /the part plan is text, documented as a file/,
  ],
  [
    'documents-fit',
    'error',
    {
      'echo-trail.yaml': 'name: t\nenvironment: sandbox\ndocs: {pilots: {file: docs/p.graphql}}\n',
      'docs/p.graphql': 'type Query { pilot(id: ID!): Pilot }\ntype Pilot { name: String }\n',
      'requests/x.yaml':
        'operation: pilots/pilot\nmethod: POST\nurl: ${origin}/graphql\nchanges: false\nbody: {graphql: {document: "{ pilot { name } }"}}\n',
    },
    'requests/x.yaml:5:28',
    /argument "id" of type "ID!" is required/,
  ],
  [
    'shared-secrets-open',
    'error',
    { 'secrets/sandbox.age': '# shared\nlightKey: in the open\n' },
    'secrets/sandbox.age:2',
    /this line is not a shared secret/,
  ],
];

for (const [rule, severity, files, place, says] of cases) {
  test(`${rule}: ${says.source}`, async () => {
    const cwd = collectionOf(files);
    const checked = await echoTrail(['check', '--json'], { cwd });
    const { findings } = document<{ findings: Finding[] }>(checked);
    const found = findings.find((one) => one.rule === rule && says.test(`${one.what} ${one.remedy ?? ''}`));
    assert.ok(found, JSON.stringify(findings, null, 1));
    assert.equal(found.severity, severity);
    assert.ok(
      `${found.file}:${found.line}:${found.column}`.startsWith(place),
      `${found.file}:${found.line}:${found.column}`,
    );
    assert.equal(checked.status, findings.some((one) => one.severity === 'error') ? 2 : 0);
  });
}

test('every rule is in the table', () => {
  const used = new Set(cases.map(([rule]) => rule));
  assert.deepEqual(
    rules.map(({ name }) => name).filter((name) => !used.has(name)),
    [],
  );
});

test('an input is used where an operator of the address writes it, and given where a step, a row or a session does', async () => {
  const cwd = collectionOf({
    'data/rows.csv': 'imo\n1\n',
    'sessions/desk.yaml': 'kind: bearer\ntoken: ${secret.desk}\nsupply: {key: north}\n',
    'requests/x.yaml':
      'inputs: {imo: {}, mark: {}, key: {}, note: {}}\nurl: ${origin}/{imo}{?mark}\nheaders: {X-Key: "${key}", X-Note: "${note ?? absent}"}\n',
    'trails/t.yaml': 'rows: data/rows.csv\nsteps: [{send: x}, {send: x, give: {imo: 2, mark: 3}}]\n',
  });
  const checked = await echoTrail(['check', '--json'], { cwd });
  assert.deepEqual(document<{ findings: Finding[] }>(checked).findings, []);
});

test('the demo collection has no finding', async () => {
  const checked = await echoTrail(['check', '--json'], { cwd: demoCollection('http://127.0.0.1:9') });
  assert.deepEqual(document<{ findings: Finding[] }>(checked).findings, []);
  assert.equal(checked.status, 0);
});

test('all findings of all files are listed at once', async () => {
  const cwd = collectionOf({
    'requests/a.yaml': 'url: 5\nbodi: {}\n',
    'requests/b.yaml': 'url: ${nope}/\n',
    'environments/other.yaml': 'chnges: ask\n',
  });
  const { out, status } = await echoTrail(['check'], { cwd });
  assert.equal(status, 2);
  for (const place of [
    'environments/other.yaml:1:1',
    'requests/a.yaml:1:6',
    'requests/a.yaml:2:1',
    'requests/b.yaml:1:6',
  ])
    assert.ok(out.includes(place), out);
  assert.match(out, /5 files: 4 errors, 0 warnings/);
});

const misspelt = { 'requests/x.yaml': 'url: http://x.example\nheaders: {x: "${now | uper}"}\n' };
const ruleOf = ({ rule, what }: Finding): string => `${rule}: ${what}`;

test('files are made ready without an environment, and without the secrets of one', async () => {
  const bare = collectionOf({ 'echo-trail.yaml': 'name: t\n', ...misspelt });
  rmSync(join(bare, 'environments'), { recursive: true });
  const alone = document<{ findings: Finding[] }>(await echoTrail(['check', '--json'], { cwd: bare }));
  assert.deepEqual(
    alone.findings.map(({ rule }) => rule),
    ['file-ready'],
  );

  const cwd = collectionOf(misspelt);
  await echoTrail(['secret', 'set', 'tide'], { cwd, input: 'ebb-and-flow-9' });
  const elsewhere = { cwd, env: { ECHO_TRAIL_HOME: temporaryFolder() } };
  const sealed = await echoTrail(['check', '--json'], elsewhere);
  const found = document<{ findings: Finding[] }>(sealed).findings.map(ruleOf);
  assert.match(found.join('\n'), /^environment-opens: cannot open .*secrets\.sealed: it was sealed with another key/);
  assert.match(found.join('\n'), /file-ready: .*did you mean upper/);
  assert.equal(sealed.status, 2);
});

test('an environment that is asked for and is not there is an error', async () => {
  const checked = await echoTrail(['check', '--env', 'nowhere', '--json'], { cwd: collectionOf({}) });
  assert.equal(checked.status, 2);
  assert.deepEqual(document<{ findings: Finding[] }>(checked).findings.map(ruleOf), [
    'environment-opens: there is no environment nowhere',
  ]);
});

test('a name of the collection is no former word', async () => {
  const cwd = collectionOf({ 'requests/x.yaml': 'inputs: {omit: {}}\nurl: ${origin}/\nquery: {a: "${omit}"}\n' });
  const ended = await echoTrail(['check'], { cwd });
  assert.deepEqual([ended.status, /no findings/.test(ended.out)], [0, true], ended.out);
});

const faulty = {
  'requests/a b.yaml': 'inputs: {imo: {}}\nurl: ${origin}/v1/<x>\nheaders: {X-A: "${unknown}"}\n',
};

test('findings as SARIF 2.1.0: rules with their sentences, places from the folder where it is looked', async () => {
  const cwd = collectionOf(faulty);
  const { status, out } = await echoTrail(['check', '--as', 'sarif', '--collection', cwd], { cwd: dirname(cwd) });
  assert.equal(status, 2);
  const log = JSON.parse(out) as Log;
  assert.deepEqual(faultsOf('SARIF 2.1.0', log), []);
  assert.notDeepEqual(faultsOf('SARIF 2.1.0', { ...log, runs: [{ ...log.runs[0], tool: {} }] }), []);
  const [run] = log.runs;
  assert.deepEqual([log.version, run?.tool.driver.name, log.runs.length], ['2.1.0', 'echo-trail', 1]);
  const results = run?.results ?? [];
  assert.ok(results.length >= 2);
  for (const { ruleId, ruleIndex, level, message, locations } of results) {
    assert.equal(run?.tool.driver.rules?.[ruleIndex ?? -1]?.id, ruleId);
    assert.match(level ?? '', /^(?:error|warning)$/);
    assert.ok(message.text);
    const place = locations?.[0]?.physicalLocation;
    assert.equal(place?.artifactLocation?.uri, `${basename(cwd)}/requests/a%20b.yaml`);
    assert.ok((place?.region?.startLine ?? 0) >= 1);
  }
  assert.match(
    run?.tool.driver.rules?.find(({ id }) => id === 'names-resolve')?.shortDescription?.text ?? '',
    /^[A-Z].*\.$/,
  );
});

test('findings as JUnit: errors are failures, warnings are told; nothing found is a case that passed', async () => {
  const cwd = collectionOf(faulty);
  const written = await echoTrail(['check', '--to', 'check.xml'], { cwd });
  assert.match(written.err, /wrote check\.xml: \d+ error/);
  const root = new DOMParser({ onError: onErrorStopParsing }).parseFromString(
    readFileSync(join(cwd, 'check.xml'), 'utf8'),
    'text/xml',
  ).documentElement;
  assert.deepEqual(await junitFaults(readFileSync(join(cwd, 'check.xml'), 'utf8')), []);
  const failures = root?.getElementsByTagName('failure').length ?? 0;
  assert.equal(root?.getAttribute('failures'), String(failures));
  assert.ok(failures > 0 && Number(root?.getAttribute('tests')) > failures);
  const clean = await echoTrail(['check', '--as', 'junit'], { cwd: collectionOf({}) });
  assert.equal(clean.status, 0);
  assert.match(clean.out, /tests="1" failures="0"[\s\S]*no findings/);
  const wrong = await echoTrail(['check', '--as', 'sarf'], { cwd });
  assert.match(wrong.err, /unknown report format[\s\S]*did you mean sarif/);
});
