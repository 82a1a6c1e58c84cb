/** `echo browse`: exchanges listed and found, two compared, one sent again. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { temporaryFolder, writeIn } from '../../support/folder.js';
import { echoTrail } from '../../support/program.js';
import { noTerminal } from '../../support/pseudo-terminal.js';
import { harbourForThisFile } from '../../support/standin.js';
import { atScreen } from '../../support/whole-screen.js';

const skip = noTerminal;
const harbour = harbourForThisFile();
const down = '\u001b[B';

async function recorded(): Promise<string> {
  const { origin } = await harbour;
  const root = temporaryFolder();
  writeIn(root, 'echo-trail.yaml', 'name: harbour-agent\nenvironment: here\n');
  writeIn(root, 'environments/here.yaml', `changes: allow\nvariables: {origin: "${origin}"}\n`);
  for (const ship of ['amber', 'blue']) {
    const { err } = await echoTrail(['send', 'POST', `/mirror/${ship}`, '--body-json', `{"ship":"${ship}"}`], {
      cwd: root,
    });
    assert.match(err, /echo/);
  }
  return root;
}

test('both sides are seen, two are compared, and one is sent again', { skip }, async () => {
  const root = await recorded();
  const screen = await atScreen(['echo', 'browse'], root, { columns: 120, rows: 40 });
  await screen.sees('2 exchanges, the newest first');
  await screen.sees(/sent\n.*POST http:.*\/mirror\/blue/);
  screen.type('c');
  await screen.sees('choose the other');
  screen.type(down);
  await screen.sees(/sent\n.*POST http:.*\/mirror\/amber/);
  screen.type('c');
  await screen.sees(/changed +\$\.target +"\/mirror\/(?:blue|amber)" +"\/mirror\/(?:blue|amber)"/);
  screen.type('\u007f');
  await screen.sees(/sent\n.*POST http:.*\/mirror\/amber/);
  screen.type('r');
  await screen.sees('echo-trail echo resend');
  await screen.sees('3 exchanges');
  screen.type('q');
  assert.equal(await screen.ended, 0);
  const { out } = await echoTrail(['echo', 'list', '--json'], { cwd: root });
  assert.equal(JSON.parse(out).echoes.length, 3);
});

test('what is typed has to stand in them', { skip }, async () => {
  const screen = await atScreen(['echo', 'browse'], await recorded(), { columns: 100, rows: 30 });
  await screen.sees('2 exchanges');
  screen.type('/');
  screen.type('amber');
  await screen.sees('1 found');
  await screen.sees(/sent\n.*\/mirror\/amber/);
  screen.type('\u0003');
  assert.equal(await screen.ended, 0);
});

test('nothing recorded, or no terminal, is said', { skip }, async () => {
  const root = temporaryFolder();
  writeIn(root, 'echo-trail.yaml', 'name: harbour-agent\n');
  const empty = await atScreen(['echo', 'browse'], root);
  assert.equal(await empty.ended, 2);
  assert.match(empty.written(), /nothing is recorded yet/);
  const { status, err } = await echoTrail(['echo', 'browse'], { cwd: root });
  assert.equal(status, 2);
  assert.match(err, /echo list/);
});
