/** Sessions that are opened in other ways: by cookies and a hidden field, by commands with a verdict inside, by a certificate. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startSecure } from '../../../src/standin/secure/server.js';
import { collectionOf, everyFile } from '../../support/folder.js';
import { document, type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin, credentials } = await harbourForThisFile();
const env = { ECHO_TRAIL_SECRET_DESK: credentials.password };

const runner =
  (cwd: string) =>
  (...args: string[]): Promise<Ended> =>
    echoTrail(args, { cwd, env });

const visit = {
  'requests/gate/form.yaml': 'url: ${origin}/visitors\nkeep: {seal: "//input[@name=\'seal\']/@value"}\n',
  'requests/gate/enter.yaml':
    'inputs: {seal: {}, visitor: {}}\nmethod: POST\nchanges: false\nurl: ${origin}/visitors\nbody: {form: {seal: "${seal}", visitor: "${visitor}"}}\nexpect: {status: 200, body: {contains: Welcome}}\nkeep: {greeting: //p}\n',
  'requests/gate/leave.yaml': 'method: DELETE\nchanges: false\nurl: ${origin}/visitors\n',
  'requests/deck.yaml':
    'url: ${origin}/visitors\nsession: visit\nexpect: {body: {contains: The viewing deck is open}}\n',
  'trails/enter.yaml':
    'inputs: {visitor: {}}\nsteps: [{send: gate/form}, {send: gate/enter, give: {visitor: "${visitor}"}}]\n',
  'sessions/visit.yaml':
    'kind: login\nopen: {trail: enter, give: {visitor: Wren Marsh}}\nlasts: 20m\nclose: {send: gate/leave}\n',
};

test('a trail with a form, a hidden field and cookies opens a session, which later commands and no others use', async () => {
  const run = runner(collectionOf(visit, origin));
  assert.equal((await run('check')).status, 0);
  const first = await run('send', 'deck');
  assert.equal(first.status, 0, first.err);
  assert.match(first.out, /Welcome, Wren Marsh/);
  const second = await run('send', 'deck', '--json');
  assert.equal(second.status, 0, second.err);
  const without = await run('send', 'deck', '--session', 'none');
  assert.equal(without.status, 1, 'the cookies are of the session');
  assert.match((await run('session', 'list')).out, /visit +login +open, ends in (?:19|20) min/);
  assert.equal((await run('session', 'close', 'visit')).status, 0);
  assert.match((await run('session', 'list')).out, /visit +login +not open/);
  const after = await run('send', 'gate/form', '--session', 'none', '--json');
  assert.equal(after.status, 0, after.err);
});

test('where a change is refused, no session is opened for what it would supply', async () => {
  const cwd = collectionOf(
    {
      ...gate,
      'environments/sandbox.yaml': `changes: refuse\nvariables: {origin: "${origin}"}\nhosts: [127.0.0.1]\n`,
      'requests/lit.yaml':
        'method: POST\nurl: ${origin}/gateway\nbody: {parts: {command: {template: bodies/by-ticket.xml}}}\ninputs: {command: {default: lights}}\nsession: ticket\n',
    },
    origin,
  );
  const ended = await echoTrail(['send', 'lit'], { cwd, env });
  assert.equal(ended.status, 4);
  assert.match(ended.err, /refuses calls that change something/);
  assert.equal((await echoTrail(['echo', 'list', '--json'], { cwd })).out.trim(), '{"version":1,"echoes":[]}');
});

const gate = {
  'bodies/command.xml':
    '<Command name="${command}" user="${deskUser}" password="${deskPassword}" ticket="${ticket ?? absent}"/>\n',
  'bodies/by-ticket.xml': '<Command name="${command}" ticket="${ticket}"/>\n',
  'requests/lights.yaml':
    'inputs: {command: {default: lights}}\nurl: ${origin}/gateway\nquery: {command: "${render(\\"bodies/command.xml\\")}"}\nsession: desk\nexpect: {//Result/@code: "0"}\n',
  'requests/posted.yaml':
    'inputs: {command: {default: lights}}\nmethod: POST\nchanges: false\nurl: ${origin}/gateway\nbody: {parts: {command: {template: bodies/by-ticket.xml}}}\nsession: ticket\nexpect: {//Result/@code: "0"}\n',
  'requests/enter.yaml':
    'url: ${origin}/gateway\ninputs: {password: {}}\nquery: {command: \'<Command name="enter" user="agent" password="${password}"/>\'}\nexpect: {//Result/@code: "0"}\n',
  'sessions/desk.yaml': 'kind: credentials\nsupply: {deskUser: agent, deskPassword: "${secret.desk}"}\n',
  'sessions/ticket.yaml':
    'kind: login\nopen: {send: enter, give: {password: "${secret.desk}"}}\ntoken: //Ticket\nkeep: {word: //Leave}\nheaders: {}\nsupply: {ticket: "${token}"}\nrefused: {//Result/@code: "401"}\nclose: {send: posted, give: {command: "${word}"}}\n',
};

test('a session supplies user and password to the bodies of a vendor that wants them there, and nobody sees them', async () => {
  const cwd = collectionOf(gate, origin);
  const run = runner(cwd);
  assert.equal((await run('check')).status, 0, (await run('check')).out);
  const sent = await run('send', 'lights');
  assert.equal(sent.status, 0, sent.err + sent.out);
  assert.match(sent.out, /Gull Rock/);
  const shown = await run('echo', 'show');
  const preview = await run('preview', 'lights');
  for (const { out, err } of [sent, shown, preview]) assert.doesNotMatch(out + err, /tidewater/);
  for (const { path, text } of everyFile(cwd)) assert.doesNotMatch(text, /tidewater/, path);
});

test('a refusal inside a 200 renews the session once, and the template gets the new ticket', async () => {
  const cwd = collectionOf(gate, origin);
  const run = runner(cwd);
  const tickets = async () =>
    (await (await fetch(`${origin}/gateway/tickets`)).json()) as { entered: number; open: number };
  const before = await tickets();
  // A ticket is good for three.
  for (let count = 0; count < 5; count += 1) {
    const sent = await run('send', 'posted');
    assert.equal(sent.status, 0, sent.err + sent.out);
  }
  const after = await tickets();
  assert.equal(after.entered - before.entered, 2);
  const closed = await run('session', 'close', 'ticket');
  assert.equal(closed.status, 0, closed.err);
  assert.equal((await tickets()).open, after.open - 1, 'given back with the word that was kept');
  const preview = await run('preview', 'posted');
  assert.match(preview.out, /ticket="\(known when the session is open\)"/);
});

test('a verdict inside a 200 keeps a session from opening', async () => {
  const run = runner(collectionOf(gate, origin));
  const refused = await echoTrail(['send', 'posted'], {
    cwd: collectionOf(gate, origin),
    env: { ECHO_TRAIL_SECRET_DESK: 'another-password' },
  });
  assert.equal(refused.status, 4);
  assert.match(
    refused.err,
    /the session ticket was refused: enter returned 200[\s\S]*\/\/Result\/@code: expected "0", found "401"/,
  );
  assert.equal((await run('session', 'close', 'ticket')).status, 0);
});

test('a log-in whose 200 holds no token says what the body has against it', async () => {
  const vendor = await rawServer(() => responseOf('{"success": false, "error": "the desk is shut"}'));
  const cwd = collectionOf(
    {
      'requests/enter.yaml': 'method: POST\nchanges: false\nurl: ${origin}/enter\n',
      'requests/berths.yaml': 'url: ${origin}/berths\nsession: desk\n',
      'sessions/desk.yaml': 'kind: login\nopen: {send: enter}\ntoken: $.token\n',
    },
    vendor.origin,
  );
  const { status, err } = await echoTrail(['send', 'berths'], { cwd });
  assert.equal(status, 4, err);
  assert.match(
    err,
    /desk could not be opened: no token at \$\.token\nat .*desk\.yaml:3:8\ncause +enter returned 200, and \$\.error says the desk is shut; nearest: \$ has success, error$/m,
  );
  await vendor.close();
});

test('a client certificate is a session of its own, and another session goes along', async () => {
  const secure = await startSecure();
  try {
    const { root, client } = secure.certificates;
    const cwd = collectionOf({
      'environments/sandbox.yaml': `variables: {origin: "${secure.origins.client}"}\nhosts: [127.0.0.1]\ntls: {trust: [certs/root.pem]}\n`,
      'certs/root.pem': root.certificate,
      'certs/agent.pem': client.certificate,
      'sessions/shown.yaml': 'kind: certificate\ncertificate: certs/agent.pem\nkey: ${secret.agentKey}\n',
      'sessions/half.yaml': 'kind: certificate\ncertificate: certs/agent.pem\n',
      'sessions/key.yaml': 'kind: api-key\nkey: some-long-key-value\nheader: X-Key\n',
      'requests/caller.yaml': 'url: ${origin}/\nsession: [key, shown]\nexpect: {$.caller: Agent at the desk}\n',
    });
    const own = { ECHO_TRAIL_SECRET_AGENT_KEY: client.key };
    const known = await echoTrail(['send', 'caller', '--view', 'headers'], { cwd, env: own });
    assert.equal(known.status, 0, known.err);
    assert.match(known.out, /X-Key +‹secret› +session key/);
    const without = await echoTrail(['send', 'caller', '--session', 'key'], { cwd, env: own });
    assert.equal(without.status, 3, without.out);
    assert.match(without.err, /does it require a client certificate/);
    const half = await echoTrail(['send', 'caller', '--session', 'half'], { cwd, env: own });
    assert.equal(half.status, 4);
    assert.match(half.err, /the session half has no certificate to show/);
  } finally {
    await secure.close();
  }
});

test('what is open at one host is not used at another', async () => {
  let opened = 0;
  const server = await rawServer((head) => {
    if (!head.startsWith('POST /in')) return responseOf('{}');
    opened += 1;
    return responseOf(`{"token": "token-number-${opened}"}`);
  });
  const other = await rawServer((head) =>
    head.startsWith('POST /in') ? responseOf('{"token": "token-of-another"}') : responseOf('{}'),
  );
  const cwd = collectionOf(
    {
      'requests/in.yaml': 'method: POST\nchanges: false\nurl: ${origin}/in\n',
      'requests/it.yaml': 'url: ${origin}/it\nsession: agent\n',
      'sessions/agent.yaml': 'kind: login\nopen: {send: in}\ntoken: $.token\n',
    },
    server.origin,
  );
  const send = (...more: string[]): Promise<Ended> => echoTrail(['send', 'it', '--json', ...more], { cwd, env });
  await send();
  await send();
  assert.equal(opened, 1);
  const elsewhere = await send('--set', `origin=${other.origin}`);
  assert.equal(elsewhere.status, 0, elsewhere.err);
  assert.match(other.received.join(''), /Bearer token-of-another/);
  assert.doesNotMatch(other.received.join(''), /token-number/);
  assert.equal(document<{ ok: boolean }>(await send()).ok, true);
  assert.equal(opened, 1);
  await Promise.all([server.close(), other.close()]);
});

test('rows over two hosts have a proof for each, and a file lists the hosts', async () => {
  const nonces = ['first', 'second'];
  const servers = await Promise.all(
    nonces.map((nonce) =>
      rawServer((head) => {
        // Each server knows its own nonce, and no other's.
        if (head.includes(`nonce="${nonce}"`)) return responseOf('{"ok": true}');
        const challenge = `www-authenticate: Digest realm="quay", qop="auth", nonce="${nonce}", algorithm=SHA-256`;
        return responseOf('{}', { status: '401 Unauthorized', headers: [challenge] });
      }),
    ),
  );
  const [one, other] = servers.map((server) => server.origin.replace('http://', ''));
  const cwd = collectionOf({
    'environments/sandbox.yaml':
      'changes: allow\nvariables: {origin: "http://${row.host}"}\nhosts: {from: data/quays.csv, column: host}\n',
    'data/quays.csv': `name,host\nnorth,${one}\nsouth,${other}\nnorth,${one}\nsouth,${other}\n`,
    'sessions/proof.yaml': 'kind: digest\nuser: agent\npassword: ${secret.desk}\n',
    'requests/quay.yaml': 'url: ${origin}/\nsession: proof\nexpect: {$.ok: true}\n',
    'trails/quays.yaml': 'rows: data/quays.csv\nsteps: [{send: quay}]\n',
  });
  const ran = await echoTrail(['run', 'quays'], { cwd, env });
  assert.equal(ran.status, 0, ran.out + ran.err);
  for (const server of servers)
    assert.equal(server.received.join('').match(/^GET /gm)?.length, 3, 'one refusal, two proofs');
  const wrong = collectionOf({
    'environments/sandbox.yaml':
      'variables: {origin: "http://a.example"}\nhosts: {from: data/quays.csv, column: hots}\n',
    'data/quays.csv': 'name,host\nnorth,a.example\n',
  });
  const told = await echoTrail(['env', 'show'], { cwd: wrong });
  assert.equal(told.status, 2);
  assert.match(told.err, /has no column hots[\s\S]*environments\/sandbox\.yaml:2[\s\S]*did you mean host/);
  await Promise.all(servers.map((server) => server.close()));
});
