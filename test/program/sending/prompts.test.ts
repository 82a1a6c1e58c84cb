/** Questions at a real terminal: a hidden secret, a missing input, a yes before a change, and Ctrl-C at each. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { collectionOf, demoCollection } from '../../support/folder.js';
import { document, echoTrail } from '../../support/program.js';
import { conversation, ctrlC, down, enter, noTerminal } from '../../support/pseudo-terminal.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();
const at = { skip: noTerminal };

test('a secret is typed without being shown, and works', at, async () => {
  const cwd = demoCollection(origin);
  const set = await conversation(['secret', 'set', 'deskPassword'], cwd, [
    ['value of deskPassword', `tidewater-42${enter}`],
  ]);
  assert.equal(set.status, 0, set.screen);
  assert.doesNotMatch(set.screen, /tidewater/);
  const sent = await echoTrail(['session', 'open', 'agent', '--json'], { cwd });
  assert.equal(sent.status, 0, sent.err);
});

test('an input that is missing is asked for: a text, and one of a list by the arrow keys', at, async () => {
  const cwd = collectionOf(
    {
      'requests/berth.yaml':
        'inputs: {code: {label: berth code}, side: {one-of: [port, starboard]}}\nurl: ${origin}/v1/berths/{code}\nquery: {side: "${side}"}\n',
    },
    origin,
  );
  const { screen, status } = await conversation(['preview', 'berth'], cwd, [
    ['code (berth code)', `N1${enter}`],
    ['side', `${down}${enter}`],
  ]);
  assert.equal(status, 0, screen);
  assert.match(screen, /\/v1\/berths\/N1\?side=starboard/);
});

const changing = {
  'environments/sandbox.yaml': `changes: ask\nvariables: {origin: "${origin}"}\nhosts: [127.0.0.1]\n`,
  'requests/login.yaml':
    'method: POST\nurl: ${origin}/v1/sessions\nbody: {json: {user: agent, password: tidewater-42}}\nexpect: {status: 201}\n',
};

test(
  'a change that the environment asks about is named with environment and host, and sent after yes',
  at,
  async () => {
    const cwd = collectionOf(changing);
    const yes = await conversation(['send', 'login'], cwd, [['Send it?', `y${enter}`]]);
    assert.equal(yes.status, 0, yes.screen);
    assert.match(
      yes.screen,
      /environment sandbox, host 127\.0\.0\.1:\d+: POST\s+http\S+\/v1\/sessions changes something/,
    );
    assert.match(yes.screen, /201/);
  },
);

test('one question stands for all changing calls of a run, and says how many they are', at, async () => {
  const cwd = collectionOf({
    ...changing,
    'data/two.csv': 'n\n1\n2\n',
    'trails/twice.yaml': 'steps: [{send: login}, {send: login}]\n',
    'trails/rows.yaml': 'rows: data/two.csv\nsteps: [{send: login}, {trail: twice}]\n',
  });
  const yes = await conversation(['run', 'rows'], cwd, [['Send them?', `y${enter}`]]);
  assert.equal(yes.status, 0, yes.screen);
  assert.match(yes.screen.replace(/\s+/g, ' '), /changes something, the first of 3 changing calls for each row/);
});

test('without yes nothing is sent', at, async () => {
  const cwd = collectionOf(changing);
  const no = await conversation(['send', 'login'], cwd, [['Send it?', enter]]);
  assert.equal(no.status, 4, no.screen);
  const echoes = document<{ echoes: unknown[] }>(await echoTrail(['echo', 'list', '--json'], { cwd }));
  assert.deepEqual(echoes.echoes, []);
});

test('Ctrl-C at a question ends with 130 and a plain line', at, async () => {
  const cwd = collectionOf(changing);
  const ended = await conversation(['send', 'login'], cwd, [['Send it?', ctrlC]]);
  assert.equal(ended.status, 130, ended.screen);
  assert.doesNotMatch(ended.screen, /at .*\.js|ExitPromptError|force closed/i);
});

test('a step that lets somebody choose offers a list that what is typed narrows', at, async () => {
  const cwd = collectionOf(
    {
      'requests/berth.yaml': 'inputs: {code: {}}\nurl: ${origin}/mirror/{code}\n',
      'trails/pick.yaml':
        'steps:\n  - keep: {berths: [{code: N1, quay: north}, {code: S2, quay: south}, {code: W3, quay: west}]}\n  - choose: {from: "${berths}", label: "${item.code} at the ${item.quay} quay", value: "${item.code}", as: code}\n  - {send: berth}\n',
    },
    origin,
  );
  const picked = await conversation(['run', 'pick'], cwd, [
    ['N1 at the north quay', 'sou'],
    ['❯ S2', enter],
  ]);
  assert.equal(picked.status, 0, picked.screen);
  assert.match(picked.screen, /choose code +chose S2 at the south quay/);
  const { sent } = document<{ sent: { url: string } }>(await echoTrail(['echo', 'show', 'last', '--json'], { cwd }));
  assert.match(sent.url, /mirror\/S2$/);
});

test(
  '--ask offers the default, and what the request of choose-from finds; the question stays while it waits',
  at,
  async () => {
    const berths = '{"items": [{"code": "N1", "name": "Outer mole"}, {"code": "N2", "name": "Inner mole"}]}';
    const server = await rawServer((head) => responseOf(head.startsWith('GET') ? berths : '{}'));
    const cwd = collectionOf(
      {
        'requests/ask.yaml': [
          'method: POST',
          'url: ${origin}/ask',
          'inputs:',
          '  side: {one-of: [port, starboard, either], default: starboard}',
          '  nights: {type: integer, default: 3}',
          '  day: {default: "${now | http-date}"}',
          '  berth: {choose-from: "berths, $.items[*].code"}',
          '  code: {choose-from: berths}',
          '  pin: {secret: true}',
          'body: {json: {side: "${side}", nights: "${nights}", day: "${day}", berth: "${berth}", code: "${code}", pin: "${pin}"}}',
          '',
        ].join('\n'),
        'requests/berths.yaml': 'url: ${origin}/berths\n',
      },
      server.origin,
    );
    const { screen, status } = await conversation(['send', 'ask', '--ask'], cwd, [
      ['side', enter, 600],
      ['nights', enter],
      ['day', enter],
      ['N2   Inner mole', down],
      ['❯ N2', enter],
      ['❯ N1', enter],
      ['pin', `4711-0815${enter}`],
    ]);
    assert.equal(status, 0, screen);
    assert.match(screen, /N2 {3}Inner mole/);
    assert.match(screen, /day, empty for \$\{now/);
    assert.doesNotMatch(screen, /4711-0815/);
    // Between two questions it may wait for a list.
    for (const name of ['side', 'nights', 'day', 'pin'])
      assert.doesNotMatch(screen.slice(screen.indexOf(`? ${name}`), screen.indexOf(`✔ ${name}`)), /waiting, \d/, name);
    assert.match(
      server.received.join(''),
      /\{"side":"starboard","nights":3,"day":"[^"]+ GMT","berth":"N2","code":"N1","pin":"4711-0815"\}/,
    );
    const echo = await echoTrail(['echo', 'show', 'last'], { cwd });
    assert.match(echo.out, /‹secret›/);
    assert.doesNotMatch(echo.out, /4711-0815/);
    await server.close();
  },
);
