/** `docs browse` at a terminal that others wrote: what is seen, what keys do, and that the terminal is as it was afterwards. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { temporaryFolder, writeIn } from '../../support/folder.js';
import { echoTrail } from '../../support/program.js';
import { noTerminal } from '../../support/pseudo-terminal.js';
import { harbourForThisFile } from '../../support/standin.js';
import { type AtScreen, atScreen, type ScreenSettings } from '../../support/whole-screen.js';

const skip = noTerminal;
const harbour = harbourForThisFile();
const screenTaken = '\u001b[?1049h';
const colour = '\u001b[36m';
const cursorShown = '\u001b[?25h';
const [down, right, tab, enter, esc, back] = ['\u001b[B', '\u001b[C', '\t', '\r', '\u001b', '\u007f'];

const field = (type: string, description: string): object => ({ type, description });
const description = {
  openapi: '3.1.0',
  info: { title: 'Larkhaven Harbour', version: '1' },
  servers: [{ url: 'http://127.0.0.1:4810' }],
  paths: {
    '/vessels': {
      get: {
        operationId: 'listVessels',
        summary: '船舶の一覧 List the vessels',
        responses: { 200: { description: 'Vessels' } },
      },
    },
    '/vessels/{imo}/calls': {
      post: {
        operationId: 'bookCall',
        summary: 'Book a port call',
        parameters: [{ name: 'imo', in: 'path', required: true, schema: { type: 'string' } }],
        requestBody: { content: { 'application/json': { schema: { $ref: '#/components/schemas/Call' } } } },
        responses: { 201: { description: 'Booked' } },
      },
    },
    '/berths/{code}': {
      get: {
        operationId: 'showBerth',
        summary: 'Show a berth',
        parameters: [{ name: 'code', in: 'path', required: true, schema: { type: 'string' } }],
        responses: { 200: { description: 'A berth' } },
      },
    },
  },
  components: {
    schemas: {
      Call: {
        type: 'object',
        properties: {
          berth: field('string', 'Code of the berth'),
          cargo: { $ref: '#/components/schemas/Cargo' },
        },
      },
      Cargo: { type: 'object', properties: { hold: { $ref: '#/components/schemas/Hold' } } },
      Hold: { type: 'object', properties: { deck: { $ref: '#/components/schemas/Deck' } } },
      Deck: { type: 'object', properties: { lamp: { $ref: '#/components/schemas/Lamp' } } },
      Lamp: { type: 'object', properties: { colour: field('string', 'As it is seen from the quay') } },
    },
  },
};

async function collection(): Promise<string> {
  const root = temporaryFolder();
  writeIn(root, 'echo-trail.yaml', 'name: harbour-agent\n');
  writeIn(root, 'given/harbour.json', JSON.stringify(description));
  const { status, err } = await echoTrail(['docs', 'add', 'given/harbour.json', '--name', 'harbour'], { cwd: root });
  assert.equal(status, 0, err);
  return root;
}

async function browsing(settings: ScreenSettings = {}, root?: string): Promise<AtScreen> {
  const screen = await atScreen(['docs', 'browse'], root ?? (await collection()), settings);
  await screen.sees('? keys');
  return screen;
}

/** The sides stand side by side: the line between them is in one column, and no line is longer than the screen. */
function requireWhole(screen: AtScreen, columns: number): void {
  const [, , rule = '', ...sides] = screen.lines();
  const at = rule.indexOf('┬');
  assert.ok(at > 0, rule);
  for (const line of sides.slice(0, -1)) assert.match(cellsOf(line)[at] ?? '', /^│$/, line);
  for (const line of screen.lines()) assert.ok(cellsOf(line).length <= columns, line);
}

/** A wide letter takes two cells. */
const cellsOf = (line: string): string[] =>
  [...line].flatMap((letter) => (/[\u3000-\u9fff]/.test(letter) ? [letter, ''] : [letter]));

for (const [columns, rows, env] of [
  [80, 24, {}],
  [200, 60, {}],
  [80, 24, { NO_COLOR: '1' }],
] as const) {
  test(`the tree and a page, ${columns} by ${rows}${'NO_COLOR' in env ? ', without colours' : ''}`, {
    skip,
  }, async () => {
    const screen = await browsing({ columns, rows, env });
    requireWhole(screen, columns);
    assert.equal(screen.beside(), true);
    await screen.sees('3 operations');
    screen.type(`${down}${right}`);
    await screen.sees('harbour/vessels  2 operations');
    screen.type(down);
    await screen.sees(/harbour\/listVessels {2}船舶の一覧/);
    requireWhole(screen, columns);
    if ('NO_COLOR' in env) assert.ok(!screen.written().includes(colour));
    else assert.ok(screen.written().includes(colour));
    screen.type('q');
    assert.equal(await screen.ended, 0);
    assert.equal(screen.beside(), false);
  });
}

test('a question finds as docs find does, and Esc shows where the page stands in the tree', { skip }, async () => {
  const screen = await browsing();
  screen.type('/');
  screen.type('show a berth');
  await screen.sees('harbour/showBerth  Show a berth');
  assert.match(screen.lines()[1] ?? '', /\/ show a berth .*[1-3] found/);
  screen.type(esc);
  await screen.sees('▾ harbour');
  await screen.sees('{code}');
  await screen.sees('harbour/showBerth  Show a berth');
  screen.type('q');
  assert.equal(await screen.ended, 0);
});

test('a field opens in place, and the pages that were visited are there again', { skip }, async () => {
  const screen = await browsing({ columns: 120, rows: 40 });
  screen.type('/');
  screen.type('book');
  await screen.sees('harbour/bookCall  Book a port call');
  await screen.sees('1 field below');
  screen.type(enter);
  screen.type(tab);
  screen.type(enter);
  await screen.sees('As it is seen from the quay');
  await screen.sees('fold');
  screen.type(esc);
  await screen.sees('Enter open');
  screen.type('/');
  screen.type('\u0015berth');
  await screen.sees('harbour/showBerth  Show a berth');
  screen.type(`${enter}q`);
  assert.equal(await screen.ended, 0);
});

test('drafted, previewed and gone back from, without leaving', { skip }, async () => {
  const root = await collection();
  const screen = await browsing({ columns: 120, rows: 40 }, root);
  screen.type('/');
  screen.type('berth');
  await screen.sees('harbour/showBerth');
  screen.type(enter);
  screen.type('p');
  await screen.sees('nothing in the collection calls harbour/showBerth yet: d drafts a request');
  screen.type('d');
  await screen.sees('wrote requests/');
  const [, file = ''] = /wrote (requests\/\S+)\.yaml/.exec(screen.lines().join('\n')) ?? [];
  assert.match(readFileSync(join(root, `${file}.yaml`), 'utf8'), /operation: harbour\/showBerth/);
  screen.type('x');
  await screen.sees(`? echo-trail preview ${file.slice('requests/'.length)}`);
  screen.type('\u0003');
  await screen.sees('wrote requests/');
  screen.type(back);
  await screen.sees(`requests  ${file.slice('requests/'.length)}`);
  screen.type('p');
  await screen.sees('echo-trail preview');
  await screen.sees('exit status');
  screen.type('>');
  screen.type('q');
  assert.equal(await screen.ended, 0);
});

test('sent with what is asked for, its link followed, its value kept', { skip }, async () => {
  const { origin } = await harbour;
  const root = temporaryFolder();
  writeIn(root, 'echo-trail.yaml', 'name: harbour-agent\nenvironment: here\n');
  writeIn(root, 'environments/here.yaml', `changes: ask\nvariables: {origin: "${origin}"}\n`);
  const added = await echoTrail(['docs', 'add', `${origin}/openapi.yaml`, '--name', 'harbour'], { cwd: root });
  assert.equal(added.status, 0, added.err);
  writeIn(
    root,
    'requests/desk/log-in.yaml',
    'method: POST\nurl: ${origin}/v1/sessions\nsession: none\nchanges: false\nbody: {json: {user: agent, password: tidewater-42}}\n',
  );
  writeIn(root, 'sessions/agent.yaml', 'kind: login\nopen: {send: desk/log-in}\ntoken: $.token\n');
  writeIn(
    root,
    'requests/vessels/show.yaml',
    'operation: harbour/showVessel\ninputs: {imo: {}}\nurl: ${origin}/v1/vessels/{imo}\nsession: agent\n',
  );
  const screen = await browsing({ columns: 130, rows: 40 }, root);
  screen.type('/');
  screen.type('show a vessel');
  await screen.sees('harbour/showVessel');
  await screen.sees('requests  vessels/show');
  screen.type(enter);
  screen.type('s');
  await screen.sees('? imo');
  assert.equal(screen.beside(), false);
  screen.type(`9000017${enter}`);
  await screen.sees('200 OK');
  assert.equal(screen.beside(), true);
  await screen.sees('k keep');
  screen.type('k');
  await screen.sees('keep which value');
  screen.type('$.name');
  await screen.sees('❯ $.name');
  screen.type(enter);
  await screen.sees('under which name');
  screen.type(`\u007f\u007f\u007f\u007fvesselName${enter}`);
  await screen.sees('keeps vesselName');
  assert.match(readFileSync(join(root, 'requests/vessels/show.yaml'), 'utf8'), /keep:\n? *\{? *vesselName: \$\.name/);
  screen.type('q');
  assert.equal(await screen.ended, 0);
});

test('it draws only what has changed', { skip }, async () => {
  const screen = await browsing({ columns: 200, rows: 60 });
  await screen.sees('3 operations');
  const whole = screen.written().length;
  screen.type(`${down}`);
  await screen.sees('harbour/vessels  2 operations');
  screen.type('?');
  await screen.sees('Up, Down, wheel');
  screen.type(back);
  await screen.sees('harbour/vessels  2 operations');
  const before = screen.written().length;
  screen.type('/');
  await screen.sees('as they come to mind');
  assert.ok(screen.written().length - before < whole / 20, `${screen.written().length - before} of ${whole}`);
  screen.type('\u0003');
  assert.equal(await screen.ended, 0);
});

test('another size is drawn anew, also one that has room for one side alone', { skip }, async () => {
  const screen = await browsing();
  screen.resize(120, 40);
  // Where the last line has come, all have; that of the old size stands higher.
  await screen.sees(/─{40,}┬─{60,}[\s\S]*\? keys[^\n]*$/);
  requireWhole(screen, 120);
  screen.resize(40, 12);
  await screen.sees(/^─{40}$/m);
  screen.type('o');
  await screen.sees('Book a port call');
  screen.type('q');
  assert.equal(await screen.ended, 0);
});

test('Ctrl-Z, where no shell can call it back, comes back by itself', { skip }, async () => {
  const screen = await browsing();
  screen.type('\u001a');
  const taken = (): number => screen.written().split(screenTaken).length;
  while (taken() < 3) await new Promise((resolve) => setTimeout(resolve, 20));
  screen.type('?');
  await screen.sees('Up, Down, wheel');
  screen.type('q');
  assert.equal(await screen.ended, 0);
});

test('a signal leaves the terminal as it was', { skip }, async () => {
  const screen = await browsing();
  screen.signal('SIGTERM');
  assert.equal(await screen.ended, 130);
  assert.equal(screen.beside(), false);
  assert.ok(screen.written().includes(cursorShown));
});

test('without a terminal it names what prints the same', async () => {
  const root = await collection();
  const { status, err } = await echoTrail(['docs', 'browse'], { cwd: root });
  assert.equal(status, 2);
  assert.match(err, /needs a terminal/);
  assert.match(err, /docs tree/);
  const json = await echoTrail(['docs', 'browse', '--json'], { cwd: root });
  assert.equal(json.status, 2);
  assert.match(JSON.parse(json.err).error.what, /no --json/);
});

test('nothing to browse is said before the screen is taken', { skip }, async () => {
  const root = temporaryFolder();
  writeIn(root, 'echo-trail.yaml', 'name: harbour-agent\n');
  const screen = await atScreen(['docs', 'browse'], root);
  assert.equal(await screen.ended, 2);
  assert.ok(!screen.written().includes(screenTaken));
  assert.match(screen.written(), /no documentation to browse/);
});

test('a run that is stopped takes back what it made, and the terminal stays', { skip }, async () => {
  const { origin } = await harbour;
  const root = await collection();
  writeIn(root, 'echo-trail.yaml', `${readFileSync(join(root, 'echo-trail.yaml'), 'utf8')}environment: here\n`);
  writeIn(root, 'environments/here.yaml', `changes: allow\nvariables: {origin: "${origin}"}\n`);
  writeIn(root, 'requests/make.yaml', 'method: POST\nurl: ${origin}/mirror/calls\n');
  writeIn(root, 'requests/remove.yaml', 'method: DELETE\nurl: ${origin}/mirror/calls\n');
  writeIn(root, 'requests/look.yaml', 'url: ${origin}/mirror/calls\n');
  writeIn(
    root,
    'trails/stay.yaml',
    'undo: always\nsteps:\n  - send: make\n    undo: {send: remove}\n  - poll: look\n    until: {$.method: NEVER}\n    pause: 100ms\n    within: 60s\n',
  );
  const screen = await browsing({ columns: 120, rows: 40 }, root);
  screen.type('x');
  await screen.sees('? echo-trail');
  screen.type(`run stay${enter}`);
  await screen.sees('at work');
  const looked = async (): Promise<{ method: string }[]> =>
    JSON.parse((await echoTrail(['echo', 'list', '--json'], { cwd: root })).out).echoes;
  while (!(await looked()).some(({ method }) => method === 'GET')) await new Promise((go) => setTimeout(go, 50));
  screen.type(esc);
  await screen.sees('exit status 130');
  // It stands there only as long as the undo part takes.
  assert.match(screen.written(), /stopping, and cleaning up/);
  assert.ok((await looked()).some(({ method }) => method === 'DELETE'));
  assert.equal(screen.beside(), true);
  screen.type('q');
  assert.equal(await screen.ended, 0);
});

test('keys from a file: the screens that they lead to, without a terminal', async () => {
  const root = await collection();
  writeIn(root, 'keys.txt', '# what is offered\nscreen\ntype /\ntype show a berth\nenter\nenter\ntype p\nscreen\n');
  const { status, out, err } = await echoTrail(['docs', 'browse', '--keys', 'keys.txt'], {
    cwd: root,
    env: { COLUMNS: '90', LINES: '20' },
  });
  assert.equal(status, 0, err);
  const screens = out.split(/^└─+┘\n/m).slice(0, 2);
  for (const screen of screens) assert.equal(screen.trim().split('\n').length, 21);
  for (const line of out.trim().split('\n')) assert.equal(cellsOf(line).length, 90, line);
  assert.match(screens[0] ?? '', /^│>▾ harbour/m);
  assert.match(screens[1] ?? '', /harbour\/showBerth {2}Show a berth/);
  assert.match(screens[1] ?? '', /nothing in the collection calls harbour\/showBerth yet/);
});

test('a line that is no key is told with its place', async () => {
  const root = await collection();
  writeIn(root, 'keys.txt', 'screen\nlighthouse\n');
  const { status, err } = await echoTrail(['docs', 'browse', '--keys', 'keys.txt'], { cwd: root });
  assert.equal(status, 2);
  assert.match(err, /lighthouse is not a key/);
  assert.match(err, /keys\.txt:2/);
});

test('what a document says cannot write to the terminal', { skip }, async () => {
  const root = temporaryFolder();
  writeIn(root, 'echo-trail.yaml', 'name: harbour-agent\n');
  const hostile = 'Show\u001b]0;taken\u0007 a \u001b[2Jlight\u202e';
  const paths = {
    '/li\u001b[31mghts': {
      get: { summary: hostile, description: hostile, responses: { 200: { description: hostile } } },
    },
  };
  writeIn(
    root,
    'given/lights.json',
    JSON.stringify({ openapi: '3.1.0', info: { title: hostile, version: '1' }, paths }),
  );
  const added = await echoTrail(['docs', 'add', 'given/lights.json', '--name', 'lights'], { cwd: root });
  assert.equal(added.status, 0, added.err);
  const screen = await browsing({ columns: 120 }, root);
  screen.type(down);
  await screen.sees('Show\\u001b]0;taken');
  screen.type('/');
  screen.type('light');
  await screen.sees('1 found');
  screen.type('\u0003');
  assert.equal(await screen.ended, 0);
  for (const taken of ['\u001b]0;', '\u0007', '\u202e', '\u001b[31mghts'])
    assert.ok(!screen.written().includes(taken), JSON.stringify(taken));
});

test('a fault of the program leaves the terminal as it was, and is told there', { skip }, async () => {
  const root = await collection();
  writeIn(root, 'fault.cjs', "process.on('SIGUSR2', () => { throw new Error('a fault on purpose'); });\n");
  const screen = await browsing({ env: { NODE_OPTIONS: `--require ${join(root, 'fault.cjs')}` } }, root);
  screen.signal('SIGUSR2');
  assert.equal(await screen.ended, 2);
  assert.equal(screen.beside(), false);
  assert.match(screen.lines().join('\n'), /a fault on purpose/);
  assert.ok(screen.written().includes(cursorShown));
});

test('a mistyped command, and the help of one, are pages; browsing goes on', { skip }, async () => {
  const screen = await browsing({ columns: 120, rows: 40 });
  for (const [typed, seen] of [
    ['sendd x', "unknown command 'sendd'"],
    ['draft --nope', "unknown option '--nope'"],
    ['docs find --help', 'best first, with where the words were found'],
    ['docs browse', 'needs a screen of its own'],
  ] as const) {
    screen.type('x');
    await screen.sees('? echo-trail');
    screen.type(`${typed}${enter}`);
    await screen.sees(seen);
    assert.equal(screen.beside(), true);
  }
  screen.type('q');
  assert.equal(await screen.ended, 0);
});
