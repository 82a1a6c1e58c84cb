/** Every document that `--json` prints holds to its schema. */
import assert from 'node:assert/strict';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { printedDocuments as documents } from '../../src/cli/documents/documents.js';
import { demoCollection, temporaryFolder } from '../support/folder.js';
import { documentLines, echoTrail, projectFolder } from '../support/program.js';
import { rehearsed } from '../support/rehearsal.js';
import { harbourForThisFile } from '../support/standin.js';

const standin = await harbourForThisFile();
const cwd = demoCollection(standin.origin);
const env = { ECHO_TRAIL_SECRET_DESK_PASSWORD: standin.credentials.password };
const seen = new Set<string>();
// What some of the commands read.
writeFileSync(join(cwd, 'guide.sh'), `curl ${standin.origin}/v1/berths?free=true`);
for (const args of [
  ['export', 'arazzo', 'berth-stay', '--to', 'stay.arazzo.yaml'],
  ['export', 'collection', 'packed.tar.gz'],
])
  assert.equal((await echoTrail(args, { cwd })).status, 0);

function holds(name: keyof typeof documents, value: unknown): void {
  const result = documents[name].safeParse(value);
  assert.ok(result.success, `${name}: ${JSON.stringify(result.error?.issues)}\n${JSON.stringify(value)}`);
  seen.add(name);
}

const publicKey = 'age1g8cet6n3cwvl4lvl7qtx4x7nej3qpxrdks6zhes542h25zxh3vqs5l0fax';
const single: readonly (readonly [name: keyof typeof documents, args: readonly string[]])[] = [
  ['init', ['init', temporaryFolder()]],
  ['docs add', ['docs', 'add', `${standin.origin}/openapi.json`, '--name', 'copy']],
  ['docs list', ['docs', 'list']],
  ['docs list operations', ['docs', 'list', '--operations']],
  ['docs find', ['docs', 'find', 'berth']],
  ['docs show', ['docs', 'show', 'harbour/bookCall']],
  ['docs show', ['docs', 'show', '--type', 'harbour/Vessel']],
  ['docs tree', ['docs', 'tree']],
  ['docs refresh', ['docs', 'refresh', 'copy']],
  ['draft', ['draft', 'harbour/bookCall', '--as', 'calls/drafted']],
  ['draft many', ['draft', '--group', 'calls']],
  ['draft session', ['draft', 'session', 'harbour/deskToken']],
  ['docs ask', ['docs', 'ask']],
  ['env make', ['env', 'make', 'night', '--origin', standin.origin]],
  ['env list', ['env', 'list']],
  ['env show', ['env', 'show']],
  ['session list', ['session', 'list']],
  ['session show', ['session', 'open', 'agent']],
  ['preview', ['preview', 'calls/book']],
  ['send', ['send', 'calls/book']],
  ['send', ['send', 'GET', 'http://127.0.0.1:9/']],
  ['send', ['send', 'GET', '/chart']],
  ['follow', ['follow']],
  ['compare', ['compare', 'last', 'last']],
  ['import address', ['import', 'address', 'http://127.0.0.1:9/v1/berths?quay=north', '--as', 'imported']],
  ['import', ['import', 'command-line', 'guide.sh']],
  ['import arazzo', ['import', 'arazzo', 'stay.arazzo.yaml', '--as', 'walked']],
  ['import collection', ['import', 'collection', 'packed.tar.gz', join(temporaryFolder(), 'unpacked')]],
  ['export', ['export', 'code', 'calls/book', '--language', 'node']],
  ['env use', ['env', 'use', 'sandbox']],
  ['list inputs', ['list', 'calls/book']],
  ['completion', ['completion', 'bash']],
  ['completion choices', ['completion', 'choices', '--line', 'echo-trail se']],
  ['secret key', ['secret', 'key', 'make']],
  ['secret recipients', ['secret', 'recipients', 'add', 'ines', publicKey]],
  ['secret share', ['secret', 'share', 'deskPassword']],
  ['secret share all', ['secret', 'share', '--all']],
  ['secret list', ['secret', 'list']],
  ['echo list', ['echo', 'list']],
  ['echo show', ['echo', 'show']],
  ['echo prune', ['echo', 'prune', '--keep', '200']],
  ['list', ['list']],
  ['check', ['check']],
];
for (const [name, args] of single) {
  test(`${args.slice(0, 2).join(' ')} --json`, async () => {
    const ended = await echoTrail([...args, '--json'], { cwd, env });
    const lines = documentLines(ended);
    assert.equal(lines.length, 1, ended.err);
    holds(name, lines[0]);
  });
}

const events = new Set<string>();

test('run --json prints a record an event', async () => {
  for (const args of [
    ['run', 'berth-stay', '--set', 'new-nights=40'],
    ['run', 'register-check'],
    ['run', '--undo', 'last'],
    ['session', 'close', 'agent'],
    ['run', 'berth-stay'],
    ['run', 'dredge', '--matrix'],
    ['run', '--undo', 'last'],
    ['run', 'triage'],
    ['run', '--resume', 'last'],
    ['run', 'lights-change'],
    ['run', 'logbook-count'],
    ['run', 'notices-harvest'],
    ['run', 'register-check', '--part', '1/2'],
    ['run', '--failed-of', 'last'],
    ['run', 'vessels/show', '--every', '1h'],
  ]) {
    if (args[0] === 'session') {
      await echoTrail(args, { cwd, env });
      continue;
    }
    const ended = await echoTrail([...args, '--json'], {
      cwd,
      env,
      // Between two runs nothing else happens.
      meanwhile: (child) =>
        child.stdout?.on('data', (text: string) => {
          if (text.includes('"event":"resting"')) child.kill('SIGINT');
        }),
    });
    for (const line of documentLines(ended)) {
      events.add(String(line.event));
      holds(line.event === 'matrix' ? 'run matrix' : 'run', line);
    }
  }
});

test('report --json prints the records of a run, and what they come to', async () => {
  const lines = documentLines(await echoTrail(['report', '--json'], { cwd, env }));
  holds('report', lines.pop());
  for (const line of lines) holds('run', line);
  assert.ok(lines.length > 3);
});

test('report --json of parts says whether they were the whole', async () => {
  const lines = documentLines(await echoTrail(['run', 'register-check', '--part', '1/2', '--json'], { cwd, env }));
  const told = documentLines(await echoTrail(['report', '--join', String(lines[0]?.run), '--json'], { cwd, env }));
  const last = told.at(-1) as { parts?: unknown[] };
  holds('report', last);
  assert.equal(last.parts?.length, 1);
});

test('report --compare --json tells two runs apart', async () => {
  const ran = async (): Promise<string> => {
    const [first] = documentLines(await echoTrail(['run', 'vessels/show', '--json'], { cwd, env }));
    return String(first?.run);
  };
  const [before, after] = [await ran(), await ran()];
  holds(
    'report compare',
    documentLines(await echoTrail(['report', before, after, '--compare', '--json'], { cwd, env }))[0],
  );
});

test('rehearse --json tells what it responds, and rehearse record what it wrote', async () => {
  const recorded = await echoTrail(['rehearse', 'record', '--to', 'rehearsal/all.jsonl', '--json'], { cwd, env });
  holds('rehearse record', documentLines(recorded)[0]);
  const { origin, said, told } = await rehearsed(cwd, 'harbour');
  await fetch(`${origin}/v1/berths`);
  while (said.length === 0) await new Promise((resolve) => setTimeout(resolve, 20));
  for (const line of [told, ...said]) holds('rehearse', line);
});

test('every event that needs neither a kill nor a host that is away was met', () => {
  const rare = ['in-doubt', 'rows-changed', 'unfinished', 'unreachable', 'waiting'];
  const { oneOf } = JSON.parse(readFileSync(join(projectFolder, 'schemas/output/run.json'), 'utf8')) as {
    readonly oneOf: readonly { properties: { event: { const?: string; enum?: string[] } } }[];
  };
  const all = oneOf.flatMap(({ properties: { event } }) => event.enum ?? [event.const as string]);
  assert.deepEqual(
    all.filter((event) => !events.has(event) && !rare.includes(event)),
    [],
  );
});

test('every schema was met', () => {
  assert.deepEqual(
    Object.keys(documents).filter((name) => !seen.has(name)),
    [],
  );
});
