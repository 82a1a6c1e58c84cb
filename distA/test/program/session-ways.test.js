import {
  harbourForThisFile
} from "../parts/chunk-XS4PZGFO.js";
import "../parts/chunk-7VNSEZX4.js";
import "../parts/chunk-DQ7YWKYH.js";
import "../parts/chunk-PT2BEWRF.js";
import "../parts/chunk-V5NERUUT.js";
import "../parts/chunk-T4I6LV4Y.js";
import {
  startSecure
} from "../parts/chunk-Y4XV6NBT.js";
import {
  collectionOf,
  document,
  echoTrail,
  everyFile
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/session-ways.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var { origin, credentials } = await harbourForThisFile();
var env = { ECHO_TRAIL_SECRET_DESK: credentials.password };
var runner = (cwd) => (...args) => echoTrail(args, { cwd, env });
var visit = {
  "requests/gate/form.yaml": `url: \${origin}/visitors
keep: {seal: "//input[@name='seal']/@value"}
`,
  "requests/gate/enter.yaml": 'inputs: {seal: {}, visitor: {}}\nmethod: POST\nchanges: false\nurl: ${origin}/visitors\nbody: {form: {seal: "${seal}", visitor: "${visitor}"}}\nexpect: {status: 200, body: {contains: Welcome}}\nkeep: {greeting: //p}\n',
  "requests/gate/leave.yaml": "method: DELETE\nchanges: false\nurl: ${origin}/visitors\n",
  "requests/deck.yaml": "url: ${origin}/visitors\nsession: visit\nexpect: {body: {contains: The viewing deck is open}}\n",
  "trails/enter.yaml": 'inputs: {visitor: {}}\nsteps: [{send: gate/form}, {send: gate/enter, give: {visitor: "${visitor}"}}]\n',
  "sessions/visit.yaml": "kind: login\nopen: {trail: enter, give: {visitor: Wren Marsh}}\nlasts: 20m\nclose: {send: gate/leave}\n"
};
test("a trail with a form, a hidden field and cookies opens a session, which later commands and no others use", async () => {
  const run = runner(collectionOf(visit, origin));
  assert.equal((await run("check")).status, 0);
  const first = await run("send", "deck");
  assert.equal(first.status, 0, first.err);
  assert.match(first.out, /Welcome, Wren Marsh/);
  const second = await run("send", "deck", "--json");
  assert.equal(second.status, 0, second.err);
  const without = await run("send", "deck", "--session", "none");
  assert.equal(without.status, 1, "the cookies are of the session");
  assert.match((await run("session", "list")).out, /visit +login +open, ends in (?:19|20) min/);
  assert.equal((await run("session", "close", "visit")).status, 0);
  assert.match((await run("session", "list")).out, /visit +login +not open/);
  const after = await run("send", "gate/form", "--session", "none", "--json");
  assert.equal(after.status, 0, after.err);
});
test("where a change is refused, no session is opened for what it would supply", async () => {
  const cwd = collectionOf(
    {
      ...gate,
      "environments/sandbox.yaml": `changes: refuse
variables: {origin: "${origin}"}
hosts: [127.0.0.1]
`,
      "requests/lit.yaml": "method: POST\nurl: ${origin}/gateway\nbody: {parts: {command: {template: bodies/by-ticket.xml}}}\ninputs: {command: {default: lights}}\nsession: ticket\n"
    },
    origin
  );
  const ended = await echoTrail(["send", "lit"], { cwd, env });
  assert.equal(ended.status, 4);
  assert.match(ended.err, /refuses calls that change something/);
  assert.equal((await echoTrail(["echo", "list", "--json"], { cwd })).out.trim(), '{"echoes":[]}');
});
var gate = {
  "bodies/command.xml": '<Command name="${command}" user="${deskUser}" password="${deskPassword}" ticket="${ticket ?? omit}"/>\n',
  "bodies/by-ticket.xml": '<Command name="${command}" ticket="${ticket}"/>\n',
  "requests/lights.yaml": 'inputs: {command: {default: lights}}\nurl: ${origin}/gateway\nquery: {command: "${render(\\"bodies/command.xml\\")}"}\nsession: desk\nexpect: {//Result/@code: "0"}\n',
  "requests/posted.yaml": 'inputs: {command: {default: lights}}\nmethod: POST\nchanges: false\nurl: ${origin}/gateway\nbody: {parts: {command: {template: bodies/by-ticket.xml}}}\nsession: ticket\nexpect: {//Result/@code: "0"}\n',
  "requests/enter.yaml": 'url: ${origin}/gateway\ninputs: {password: {}}\nquery: {command: \'<Command name="enter" user="agent" password="${password}"/>\'}\nexpect: {//Result/@code: "0"}\n',
  "sessions/desk.yaml": 'kind: credentials\nsupply: {deskUser: agent, deskPassword: "${secret.desk}"}\n',
  "sessions/ticket.yaml": 'kind: login\nopen: {send: enter, give: {password: "${secret.desk}"}}\ntoken: //Ticket\nkeep: {word: //Leave}\nheaders: {}\nsupply: {ticket: "${token}"}\nrefused: {//Result/@code: "401"}\nclose: {send: posted, give: {command: "${word}"}}\n'
};
test("a session supplies user and password to the bodies of a vendor that wants them there, and nobody sees them", async () => {
  const cwd = collectionOf(gate, origin);
  const run = runner(cwd);
  assert.equal((await run("check")).status, 0, (await run("check")).out);
  const sent = await run("send", "lights");
  assert.equal(sent.status, 0, sent.err + sent.out);
  assert.match(sent.out, /Gull Rock/);
  const shown = await run("echo", "show");
  const preview = await run("preview", "lights");
  for (const { out, err } of [sent, shown, preview]) assert.doesNotMatch(out + err, /tidewater/);
  for (const { path, text } of everyFile(cwd)) assert.doesNotMatch(text, /tidewater/, path);
});
test("a refusal inside a 200 renews the session once, and the template gets the new ticket", async () => {
  const cwd = collectionOf(gate, origin);
  const run = runner(cwd);
  const tickets = async () => await (await fetch(`${origin}/gateway/tickets`)).json();
  const before = await tickets();
  for (let count = 0; count < 5; count += 1) {
    const sent = await run("send", "posted");
    assert.equal(sent.status, 0, sent.err + sent.out);
  }
  const after = await tickets();
  assert.equal(after.entered - before.entered, 2);
  const closed = await run("session", "close", "ticket");
  assert.equal(closed.status, 0, closed.err);
  assert.equal((await tickets()).open, after.open - 1, "given back with the word that was kept");
  const preview = await run("preview", "posted");
  assert.match(preview.out, /ticket="\(known when the session is open\)"/);
});
test("a verdict inside a 200 keeps a session from opening", async () => {
  const run = runner(collectionOf(gate, origin));
  const refused = await echoTrail(["send", "posted"], {
    cwd: collectionOf(gate, origin),
    env: { ECHO_TRAIL_SECRET_DESK: "another-password" }
  });
  assert.equal(refused.status, 4);
  assert.match(
    refused.err,
    /the session ticket was refused: enter answered 200[\s\S]*\/\/Result\/@code: expected "0", found "401"/
  );
  assert.equal((await run("session", "close", "ticket")).status, 0);
});
test("a client certificate is a session of its own, and another session goes along", async () => {
  const secure = await startSecure();
  try {
    const { root, client } = secure.certificates;
    const cwd = collectionOf({
      "environments/sandbox.yaml": `variables: {origin: "${secure.origins.client}"}
hosts: [127.0.0.1]
tls: {trust: [certs/root.pem]}
`,
      "certs/root.pem": root.certificate,
      "certs/agent.pem": client.certificate,
      "sessions/shown.yaml": "kind: certificate\ncertificate: certs/agent.pem\nkey: ${secret.agentKey}\n",
      "sessions/half.yaml": "kind: certificate\ncertificate: certs/agent.pem\n",
      "sessions/key.yaml": "kind: api-key\nkey: some-long-key-value\nheader: X-Key\n",
      "requests/caller.yaml": "url: ${origin}/\nsession: [key, shown]\nexpect: {$.caller: Agent at the desk}\n"
    });
    const own = { ECHO_TRAIL_SECRET_AGENT_KEY: client.key };
    const known = await echoTrail(["send", "caller", "--view", "headers"], { cwd, env: own });
    assert.equal(known.status, 0, known.err);
    assert.match(known.out, /X-Key +‹secret› +session key/);
    const without = await echoTrail(["send", "caller", "--session", "key"], { cwd, env: own });
    assert.equal(without.status, 3, without.out);
    assert.match(without.err, /does it want a client certificate/);
    const half = await echoTrail(["send", "caller", "--session", "half"], { cwd, env: own });
    assert.equal(half.status, 4);
    assert.match(half.err, /the session half has no certificate to show/);
  } finally {
    await secure.close();
  }
});
test("what is open at one host is not used at another", async () => {
  let opened = 0;
  const server = await rawServer((head) => {
    if (!head.startsWith("POST /in")) return answerOf("{}");
    opened += 1;
    return answerOf(`{"token": "token-number-${opened}"}`);
  });
  const other = await rawServer(
    (head) => head.startsWith("POST /in") ? answerOf('{"token": "token-of-another"}') : answerOf("{}")
  );
  const cwd = collectionOf(
    {
      "requests/in.yaml": "method: POST\nchanges: false\nurl: ${origin}/in\n",
      "requests/it.yaml": "url: ${origin}/it\nsession: agent\n",
      "sessions/agent.yaml": "kind: login\nopen: {send: in}\ntoken: $.token\n"
    },
    server.origin
  );
  const send = (...more) => echoTrail(["send", "it", "--json", ...more], { cwd, env });
  await send();
  await send();
  assert.equal(opened, 1);
  const elsewhere = await send("--set", `origin=${other.origin}`);
  assert.equal(elsewhere.status, 0, elsewhere.err);
  assert.match(other.received.join(""), /Bearer token-of-another/);
  assert.doesNotMatch(other.received.join(""), /token-number/);
  assert.equal(document(await send()).ok, true);
  assert.equal(opened, 1);
  await Promise.all([server.close(), other.close()]);
});
test("rows over two hosts have a proof for each, and a file lists the hosts", async () => {
  const nonces = ["first", "second"];
  const servers = await Promise.all(
    nonces.map(
      (nonce) => rawServer((head) => {
        if (head.includes(`nonce="${nonce}"`)) return answerOf('{"ok": true}');
        const challenge = `www-authenticate: Digest realm="quay", qop="auth", nonce="${nonce}", algorithm=SHA-256`;
        return answerOf("{}", { status: "401 Unauthorized", headers: [challenge] });
      })
    )
  );
  const [one, other] = servers.map((server) => server.origin.replace("http://", ""));
  const cwd = collectionOf({
    "environments/sandbox.yaml": 'changes: allow\nvariables: {origin: "http://${row.host}"}\nhosts: {from: data/quays.csv, column: host}\n',
    "data/quays.csv": `name,host
north,${one}
south,${other}
north,${one}
south,${other}
`,
    "sessions/proof.yaml": "kind: digest\nuser: agent\npassword: ${secret.desk}\n",
    "requests/quay.yaml": "url: ${origin}/\nsession: proof\nexpect: {$.ok: true}\n",
    "trails/quays.yaml": "rows: data/quays.csv\nsteps: [{send: quay}]\n"
  });
  const ran = await echoTrail(["run", "quays"], { cwd, env });
  assert.equal(ran.status, 0, ran.out + ran.err);
  for (const server of servers)
    assert.equal(server.received.join("").match(/^GET /gm)?.length, 3, "one refusal, two proofs");
  const wrong = collectionOf({
    "environments/sandbox.yaml": 'variables: {origin: "http://a.example"}\nhosts: {from: data/quays.csv, column: hots}\n',
    "data/quays.csv": "name,host\nnorth,a.example\n"
  });
  const told = await echoTrail(["env", "show"], { cwd: wrong });
  assert.equal(told.status, 2);
  assert.match(told.err, /has no column hots[\s\S]*environments\/sandbox\.yaml:2[\s\S]*did you mean host/);
  await Promise.all(servers.map((server) => server.close()));
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3Nlc3Npb24td2F5cy50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogU2Vzc2lvbnMgdGhhdCBhcmUgb3BlbmVkIGluIG90aGVyIHdheXM6IGJ5IGNvb2tpZXMgYW5kIGEgaGlkZGVuIGZpZWxkLCBieSBjb21tYW5kcyB3aXRoIGEgdmVyZGljdCBpbnNpZGUsIGJ5IGEgY2VydGlmaWNhdGUuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IHN0YXJ0U2VjdXJlIH0gZnJvbSAnLi4vLi4vc3JjL3N0YW5kaW4vc2VjdXJlL3NlcnZlci5qcyc7XG5pbXBvcnQgeyBjb2xsZWN0aW9uT2YsIGV2ZXJ5RmlsZSB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGRvY3VtZW50LCB0eXBlIEVuZGVkLCBlY2hvVHJhaWwgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuaW1wb3J0IHsgYW5zd2VyT2YsIHJhd1NlcnZlciB9IGZyb20gJy4uL3N1cHBvcnQvcmF3LXNlcnZlci5qcyc7XG5pbXBvcnQgeyBoYXJib3VyRm9yVGhpc0ZpbGUgfSBmcm9tICcuLi9zdXBwb3J0L3N0YW5kaW4uanMnO1xuXG5jb25zdCB7IG9yaWdpbiwgY3JlZGVudGlhbHMgfSA9IGF3YWl0IGhhcmJvdXJGb3JUaGlzRmlsZSgpO1xuY29uc3QgZW52ID0geyBFQ0hPX1RSQUlMX1NFQ1JFVF9ERVNLOiBjcmVkZW50aWFscy5wYXNzd29yZCB9O1xuXG5jb25zdCBydW5uZXIgPVxuICAoY3dkOiBzdHJpbmcpID0+XG4gICguLi5hcmdzOiBzdHJpbmdbXSk6IFByb21pc2U8RW5kZWQ+ID0+XG4gICAgZWNob1RyYWlsKGFyZ3MsIHsgY3dkLCBlbnYgfSk7XG5cbmNvbnN0IHZpc2l0ID0ge1xuICAncmVxdWVzdHMvZ2F0ZS9mb3JtLnlhbWwnOiAndXJsOiAke29yaWdpbn0vdmlzaXRvcnNcXG5rZWVwOiB7c2VhbDogXCIvL2lucHV0W0BuYW1lPVxcJ3NlYWxcXCddL0B2YWx1ZVwifVxcbicsXG4gICdyZXF1ZXN0cy9nYXRlL2VudGVyLnlhbWwnOlxuICAgICdpbnB1dHM6IHtzZWFsOiB7fSwgdmlzaXRvcjoge319XFxubWV0aG9kOiBQT1NUXFxuY2hhbmdlczogZmFsc2VcXG51cmw6ICR7b3JpZ2lufS92aXNpdG9yc1xcbmJvZHk6IHtmb3JtOiB7c2VhbDogXCIke3NlYWx9XCIsIHZpc2l0b3I6IFwiJHt2aXNpdG9yfVwifX1cXG5leHBlY3Q6IHtzdGF0dXM6IDIwMCwgYm9keToge2NvbnRhaW5zOiBXZWxjb21lfX1cXG5rZWVwOiB7Z3JlZXRpbmc6IC8vcH1cXG4nLFxuICAncmVxdWVzdHMvZ2F0ZS9sZWF2ZS55YW1sJzogJ21ldGhvZDogREVMRVRFXFxuY2hhbmdlczogZmFsc2VcXG51cmw6ICR7b3JpZ2lufS92aXNpdG9yc1xcbicsXG4gICdyZXF1ZXN0cy9kZWNrLnlhbWwnOlxuICAgICd1cmw6ICR7b3JpZ2lufS92aXNpdG9yc1xcbnNlc3Npb246IHZpc2l0XFxuZXhwZWN0OiB7Ym9keToge2NvbnRhaW5zOiBUaGUgdmlld2luZyBkZWNrIGlzIG9wZW59fVxcbicsXG4gICd0cmFpbHMvZW50ZXIueWFtbCc6XG4gICAgJ2lucHV0czoge3Zpc2l0b3I6IHt9fVxcbnN0ZXBzOiBbe3NlbmQ6IGdhdGUvZm9ybX0sIHtzZW5kOiBnYXRlL2VudGVyLCBnaXZlOiB7dmlzaXRvcjogXCIke3Zpc2l0b3J9XCJ9fV1cXG4nLFxuICAnc2Vzc2lvbnMvdmlzaXQueWFtbCc6XG4gICAgJ2tpbmQ6IGxvZ2luXFxub3Blbjoge3RyYWlsOiBlbnRlciwgZ2l2ZToge3Zpc2l0b3I6IFdyZW4gTWFyc2h9fVxcbmxhc3RzOiAyMG1cXG5jbG9zZToge3NlbmQ6IGdhdGUvbGVhdmV9XFxuJyxcbn07XG5cbnRlc3QoJ2EgdHJhaWwgd2l0aCBhIGZvcm0sIGEgaGlkZGVuIGZpZWxkIGFuZCBjb29raWVzIG9wZW5zIGEgc2Vzc2lvbiwgd2hpY2ggbGF0ZXIgY29tbWFuZHMgYW5kIG5vIG90aGVycyB1c2UnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHJ1biA9IHJ1bm5lcihjb2xsZWN0aW9uT2YodmlzaXQsIG9yaWdpbikpO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IHJ1bignY2hlY2snKSkuc3RhdHVzLCAwKTtcbiAgY29uc3QgZmlyc3QgPSBhd2FpdCBydW4oJ3NlbmQnLCAnZGVjaycpO1xuICBhc3NlcnQuZXF1YWwoZmlyc3Quc3RhdHVzLCAwLCBmaXJzdC5lcnIpO1xuICBhc3NlcnQubWF0Y2goZmlyc3Qub3V0LCAvV2VsY29tZSwgV3JlbiBNYXJzaC8pO1xuICBjb25zdCBzZWNvbmQgPSBhd2FpdCBydW4oJ3NlbmQnLCAnZGVjaycsICctLWpzb24nKTtcbiAgYXNzZXJ0LmVxdWFsKHNlY29uZC5zdGF0dXMsIDAsIHNlY29uZC5lcnIpO1xuICBjb25zdCB3aXRob3V0ID0gYXdhaXQgcnVuKCdzZW5kJywgJ2RlY2snLCAnLS1zZXNzaW9uJywgJ25vbmUnKTtcbiAgYXNzZXJ0LmVxdWFsKHdpdGhvdXQuc3RhdHVzLCAxLCAndGhlIGNvb2tpZXMgYXJlIG9mIHRoZSBzZXNzaW9uJyk7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgcnVuKCdzZXNzaW9uJywgJ2xpc3QnKSkub3V0LCAvdmlzaXQgK2xvZ2luICtvcGVuLCBlbmRzIGluICg/OjE5fDIwKSBtaW4vKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBydW4oJ3Nlc3Npb24nLCAnY2xvc2UnLCAndmlzaXQnKSkuc3RhdHVzLCAwKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBydW4oJ3Nlc3Npb24nLCAnbGlzdCcpKS5vdXQsIC92aXNpdCArbG9naW4gK25vdCBvcGVuLyk7XG4gIGNvbnN0IGFmdGVyID0gYXdhaXQgcnVuKCdzZW5kJywgJ2dhdGUvZm9ybScsICctLXNlc3Npb24nLCAnbm9uZScsICctLWpzb24nKTtcbiAgYXNzZXJ0LmVxdWFsKGFmdGVyLnN0YXR1cywgMCwgYWZ0ZXIuZXJyKTtcbn0pO1xuXG50ZXN0KCd3aGVyZSBhIGNoYW5nZSBpcyByZWZ1c2VkLCBubyBzZXNzaW9uIGlzIG9wZW5lZCBmb3Igd2hhdCBpdCB3b3VsZCBzdXBwbHknLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAuLi5nYXRlLFxuICAgICAgJ2Vudmlyb25tZW50cy9zYW5kYm94LnlhbWwnOiBgY2hhbmdlczogcmVmdXNlXFxudmFyaWFibGVzOiB7b3JpZ2luOiBcIiR7b3JpZ2lufVwifVxcbmhvc3RzOiBbMTI3LjAuMC4xXVxcbmAsXG4gICAgICAncmVxdWVzdHMvbGl0LnlhbWwnOlxuICAgICAgICAnbWV0aG9kOiBQT1NUXFxudXJsOiAke29yaWdpbn0vZ2F0ZXdheVxcbmJvZHk6IHtwYXJ0czoge2NvbW1hbmQ6IHt0ZW1wbGF0ZTogYm9kaWVzL2J5LXRpY2tldC54bWx9fX1cXG5pbnB1dHM6IHtjb21tYW5kOiB7ZGVmYXVsdDogbGlnaHRzfX1cXG5zZXNzaW9uOiB0aWNrZXRcXG4nLFxuICAgIH0sXG4gICAgb3JpZ2luLFxuICApO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnbGl0J10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDQpO1xuICBhc3NlcnQubWF0Y2goZW5kZWQuZXJyLCAvcmVmdXNlcyBjYWxscyB0aGF0IGNoYW5nZSBzb21ldGhpbmcvKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ2xpc3QnLCAnLS1qc29uJ10sIHsgY3dkIH0pKS5vdXQudHJpbSgpLCAne1wiZWNob2VzXCI6W119Jyk7XG59KTtcblxuY29uc3QgZ2F0ZSA9IHtcbiAgJ2JvZGllcy9jb21tYW5kLnhtbCc6XG4gICAgJzxDb21tYW5kIG5hbWU9XCIke2NvbW1hbmR9XCIgdXNlcj1cIiR7ZGVza1VzZXJ9XCIgcGFzc3dvcmQ9XCIke2Rlc2tQYXNzd29yZH1cIiB0aWNrZXQ9XCIke3RpY2tldCA/PyBvbWl0fVwiLz5cXG4nLFxuICAnYm9kaWVzL2J5LXRpY2tldC54bWwnOiAnPENvbW1hbmQgbmFtZT1cIiR7Y29tbWFuZH1cIiB0aWNrZXQ9XCIke3RpY2tldH1cIi8+XFxuJyxcbiAgJ3JlcXVlc3RzL2xpZ2h0cy55YW1sJzpcbiAgICAnaW5wdXRzOiB7Y29tbWFuZDoge2RlZmF1bHQ6IGxpZ2h0c319XFxudXJsOiAke29yaWdpbn0vZ2F0ZXdheVxcbnF1ZXJ5OiB7Y29tbWFuZDogXCIke3JlbmRlcihcXFxcXCJib2RpZXMvY29tbWFuZC54bWxcXFxcXCIpfVwifVxcbnNlc3Npb246IGRlc2tcXG5leHBlY3Q6IHsvL1Jlc3VsdC9AY29kZTogXCIwXCJ9XFxuJyxcbiAgJ3JlcXVlc3RzL3Bvc3RlZC55YW1sJzpcbiAgICAnaW5wdXRzOiB7Y29tbWFuZDoge2RlZmF1bHQ6IGxpZ2h0c319XFxubWV0aG9kOiBQT1NUXFxuY2hhbmdlczogZmFsc2VcXG51cmw6ICR7b3JpZ2lufS9nYXRld2F5XFxuYm9keToge3BhcnRzOiB7Y29tbWFuZDoge3RlbXBsYXRlOiBib2RpZXMvYnktdGlja2V0LnhtbH19fVxcbnNlc3Npb246IHRpY2tldFxcbmV4cGVjdDogey8vUmVzdWx0L0Bjb2RlOiBcIjBcIn1cXG4nLFxuICAncmVxdWVzdHMvZW50ZXIueWFtbCc6XG4gICAgJ3VybDogJHtvcmlnaW59L2dhdGV3YXlcXG5pbnB1dHM6IHtwYXNzd29yZDoge319XFxucXVlcnk6IHtjb21tYW5kOiBcXCc8Q29tbWFuZCBuYW1lPVwiZW50ZXJcIiB1c2VyPVwiYWdlbnRcIiBwYXNzd29yZD1cIiR7cGFzc3dvcmR9XCIvPlxcJ31cXG5leHBlY3Q6IHsvL1Jlc3VsdC9AY29kZTogXCIwXCJ9XFxuJyxcbiAgJ3Nlc3Npb25zL2Rlc2sueWFtbCc6ICdraW5kOiBjcmVkZW50aWFsc1xcbnN1cHBseToge2Rlc2tVc2VyOiBhZ2VudCwgZGVza1Bhc3N3b3JkOiBcIiR7c2VjcmV0LmRlc2t9XCJ9XFxuJyxcbiAgJ3Nlc3Npb25zL3RpY2tldC55YW1sJzpcbiAgICAna2luZDogbG9naW5cXG5vcGVuOiB7c2VuZDogZW50ZXIsIGdpdmU6IHtwYXNzd29yZDogXCIke3NlY3JldC5kZXNrfVwifX1cXG50b2tlbjogLy9UaWNrZXRcXG5rZWVwOiB7d29yZDogLy9MZWF2ZX1cXG5oZWFkZXJzOiB7fVxcbnN1cHBseToge3RpY2tldDogXCIke3Rva2VufVwifVxcbnJlZnVzZWQ6IHsvL1Jlc3VsdC9AY29kZTogXCI0MDFcIn1cXG5jbG9zZToge3NlbmQ6IHBvc3RlZCwgZ2l2ZToge2NvbW1hbmQ6IFwiJHt3b3JkfVwifX1cXG4nLFxufTtcblxudGVzdCgnYSBzZXNzaW9uIHN1cHBsaWVzIHVzZXIgYW5kIHBhc3N3b3JkIHRvIHRoZSBib2RpZXMgb2YgYSB2ZW5kb3IgdGhhdCB3YW50cyB0aGVtIHRoZXJlLCBhbmQgbm9ib2R5IHNlZXMgdGhlbScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKGdhdGUsIG9yaWdpbik7XG4gIGNvbnN0IHJ1biA9IHJ1bm5lcihjd2QpO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IHJ1bignY2hlY2snKSkuc3RhdHVzLCAwLCAoYXdhaXQgcnVuKCdjaGVjaycpKS5vdXQpO1xuICBjb25zdCBzZW50ID0gYXdhaXQgcnVuKCdzZW5kJywgJ2xpZ2h0cycpO1xuICBhc3NlcnQuZXF1YWwoc2VudC5zdGF0dXMsIDAsIHNlbnQuZXJyICsgc2VudC5vdXQpO1xuICBhc3NlcnQubWF0Y2goc2VudC5vdXQsIC9HdWxsIFJvY2svKTtcbiAgY29uc3Qgc2hvd24gPSBhd2FpdCBydW4oJ2VjaG8nLCAnc2hvdycpO1xuICBjb25zdCBwcmV2aWV3ID0gYXdhaXQgcnVuKCdwcmV2aWV3JywgJ2xpZ2h0cycpO1xuICBmb3IgKGNvbnN0IHsgb3V0LCBlcnIgfSBvZiBbc2VudCwgc2hvd24sIHByZXZpZXddKSBhc3NlcnQuZG9lc05vdE1hdGNoKG91dCArIGVyciwgL3RpZGV3YXRlci8pO1xuICBmb3IgKGNvbnN0IHsgcGF0aCwgdGV4dCB9IG9mIGV2ZXJ5RmlsZShjd2QpKSBhc3NlcnQuZG9lc05vdE1hdGNoKHRleHQsIC90aWRld2F0ZXIvLCBwYXRoKTtcbn0pO1xuXG50ZXN0KCdhIHJlZnVzYWwgaW5zaWRlIGEgMjAwIHJlbmV3cyB0aGUgc2Vzc2lvbiBvbmNlLCBhbmQgdGhlIHRlbXBsYXRlIGdldHMgdGhlIG5ldyB0aWNrZXQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihnYXRlLCBvcmlnaW4pO1xuICBjb25zdCBydW4gPSBydW5uZXIoY3dkKTtcbiAgY29uc3QgdGlja2V0cyA9IGFzeW5jICgpID0+XG4gICAgKGF3YWl0IChhd2FpdCBmZXRjaChgJHtvcmlnaW59L2dhdGV3YXkvdGlja2V0c2ApKS5qc29uKCkpIGFzIHsgZW50ZXJlZDogbnVtYmVyOyBvcGVuOiBudW1iZXIgfTtcbiAgY29uc3QgYmVmb3JlID0gYXdhaXQgdGlja2V0cygpO1xuICAvLyBBIHRpY2tldCBpcyBnb29kIGZvciB0aHJlZS5cbiAgZm9yIChsZXQgY291bnQgPSAwOyBjb3VudCA8IDU7IGNvdW50ICs9IDEpIHtcbiAgICBjb25zdCBzZW50ID0gYXdhaXQgcnVuKCdzZW5kJywgJ3Bvc3RlZCcpO1xuICAgIGFzc2VydC5lcXVhbChzZW50LnN0YXR1cywgMCwgc2VudC5lcnIgKyBzZW50Lm91dCk7XG4gIH1cbiAgY29uc3QgYWZ0ZXIgPSBhd2FpdCB0aWNrZXRzKCk7XG4gIGFzc2VydC5lcXVhbChhZnRlci5lbnRlcmVkIC0gYmVmb3JlLmVudGVyZWQsIDIpO1xuICBjb25zdCBjbG9zZWQgPSBhd2FpdCBydW4oJ3Nlc3Npb24nLCAnY2xvc2UnLCAndGlja2V0Jyk7XG4gIGFzc2VydC5lcXVhbChjbG9zZWQuc3RhdHVzLCAwLCBjbG9zZWQuZXJyKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCB0aWNrZXRzKCkpLm9wZW4sIGFmdGVyLm9wZW4gLSAxLCAnZ2l2ZW4gYmFjayB3aXRoIHRoZSB3b3JkIHRoYXQgd2FzIGtlcHQnKTtcbiAgY29uc3QgcHJldmlldyA9IGF3YWl0IHJ1bigncHJldmlldycsICdwb3N0ZWQnKTtcbiAgYXNzZXJ0Lm1hdGNoKHByZXZpZXcub3V0LCAvdGlja2V0PVwiXFwoa25vd24gd2hlbiB0aGUgc2Vzc2lvbiBpcyBvcGVuXFwpXCIvKTtcbn0pO1xuXG50ZXN0KCdhIHZlcmRpY3QgaW5zaWRlIGEgMjAwIGtlZXBzIGEgc2Vzc2lvbiBmcm9tIG9wZW5pbmcnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHJ1biA9IHJ1bm5lcihjb2xsZWN0aW9uT2YoZ2F0ZSwgb3JpZ2luKSk7XG4gIGNvbnN0IHJlZnVzZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3Bvc3RlZCddLCB7XG4gICAgY3dkOiBjb2xsZWN0aW9uT2YoZ2F0ZSwgb3JpZ2luKSxcbiAgICBlbnY6IHsgRUNIT19UUkFJTF9TRUNSRVRfREVTSzogJ2Fub3RoZXItcGFzc3dvcmQnIH0sXG4gIH0pO1xuICBhc3NlcnQuZXF1YWwocmVmdXNlZC5zdGF0dXMsIDQpO1xuICBhc3NlcnQubWF0Y2goXG4gICAgcmVmdXNlZC5lcnIsXG4gICAgL3RoZSBzZXNzaW9uIHRpY2tldCB3YXMgcmVmdXNlZDogZW50ZXIgYW5zd2VyZWQgMjAwW1xcc1xcU10qXFwvXFwvUmVzdWx0XFwvQGNvZGU6IGV4cGVjdGVkIFwiMFwiLCBmb3VuZCBcIjQwMVwiLyxcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBydW4oJ3Nlc3Npb24nLCAnY2xvc2UnLCAndGlja2V0JykpLnN0YXR1cywgMCk7XG59KTtcblxudGVzdCgnYSBjbGllbnQgY2VydGlmaWNhdGUgaXMgYSBzZXNzaW9uIG9mIGl0cyBvd24sIGFuZCBhbm90aGVyIHNlc3Npb24gZ29lcyBhbG9uZycsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2VjdXJlID0gYXdhaXQgc3RhcnRTZWN1cmUoKTtcbiAgdHJ5IHtcbiAgICBjb25zdCB7IHJvb3QsIGNsaWVudCB9ID0gc2VjdXJlLmNlcnRpZmljYXRlcztcbiAgICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoe1xuICAgICAgJ2Vudmlyb25tZW50cy9zYW5kYm94LnlhbWwnOiBgdmFyaWFibGVzOiB7b3JpZ2luOiBcIiR7c2VjdXJlLm9yaWdpbnMuY2xpZW50fVwifVxcbmhvc3RzOiBbMTI3LjAuMC4xXVxcbnRsczoge3RydXN0OiBbY2VydHMvcm9vdC5wZW1dfVxcbmAsXG4gICAgICAnY2VydHMvcm9vdC5wZW0nOiByb290LmNlcnRpZmljYXRlLFxuICAgICAgJ2NlcnRzL2FnZW50LnBlbSc6IGNsaWVudC5jZXJ0aWZpY2F0ZSxcbiAgICAgICdzZXNzaW9ucy9zaG93bi55YW1sJzogJ2tpbmQ6IGNlcnRpZmljYXRlXFxuY2VydGlmaWNhdGU6IGNlcnRzL2FnZW50LnBlbVxcbmtleTogJHtzZWNyZXQuYWdlbnRLZXl9XFxuJyxcbiAgICAgICdzZXNzaW9ucy9oYWxmLnlhbWwnOiAna2luZDogY2VydGlmaWNhdGVcXG5jZXJ0aWZpY2F0ZTogY2VydHMvYWdlbnQucGVtXFxuJyxcbiAgICAgICdzZXNzaW9ucy9rZXkueWFtbCc6ICdraW5kOiBhcGkta2V5XFxua2V5OiBzb21lLWxvbmcta2V5LXZhbHVlXFxuaGVhZGVyOiBYLUtleVxcbicsXG4gICAgICAncmVxdWVzdHMvY2FsbGVyLnlhbWwnOiAndXJsOiAke29yaWdpbn0vXFxuc2Vzc2lvbjogW2tleSwgc2hvd25dXFxuZXhwZWN0OiB7JC5jYWxsZXI6IEFnZW50IGF0IHRoZSBkZXNrfVxcbicsXG4gICAgfSk7XG4gICAgY29uc3Qgb3duID0geyBFQ0hPX1RSQUlMX1NFQ1JFVF9BR0VOVF9LRVk6IGNsaWVudC5rZXkgfTtcbiAgICBjb25zdCBrbm93biA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnY2FsbGVyJywgJy0tdmlldycsICdoZWFkZXJzJ10sIHsgY3dkLCBlbnY6IG93biB9KTtcbiAgICBhc3NlcnQuZXF1YWwoa25vd24uc3RhdHVzLCAwLCBrbm93bi5lcnIpO1xuICAgIGFzc2VydC5tYXRjaChrbm93bi5vdXQsIC9YLUtleSArXHUyMDM5c2VjcmV0XHUyMDNBICtzZXNzaW9uIGtleS8pO1xuICAgIGNvbnN0IHdpdGhvdXQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2NhbGxlcicsICctLXNlc3Npb24nLCAna2V5J10sIHsgY3dkLCBlbnY6IG93biB9KTtcbiAgICBhc3NlcnQuZXF1YWwod2l0aG91dC5zdGF0dXMsIDMsIHdpdGhvdXQub3V0KTtcbiAgICBhc3NlcnQubWF0Y2god2l0aG91dC5lcnIsIC9kb2VzIGl0IHdhbnQgYSBjbGllbnQgY2VydGlmaWNhdGUvKTtcbiAgICBjb25zdCBoYWxmID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdjYWxsZXInLCAnLS1zZXNzaW9uJywgJ2hhbGYnXSwgeyBjd2QsIGVudjogb3duIH0pO1xuICAgIGFzc2VydC5lcXVhbChoYWxmLnN0YXR1cywgNCk7XG4gICAgYXNzZXJ0Lm1hdGNoKGhhbGYuZXJyLCAvdGhlIHNlc3Npb24gaGFsZiBoYXMgbm8gY2VydGlmaWNhdGUgdG8gc2hvdy8pO1xuICB9IGZpbmFsbHkge1xuICAgIGF3YWl0IHNlY3VyZS5jbG9zZSgpO1xuICB9XG59KTtcblxudGVzdCgnd2hhdCBpcyBvcGVuIGF0IG9uZSBob3N0IGlzIG5vdCB1c2VkIGF0IGFub3RoZXInLCBhc3luYyAoKSA9PiB7XG4gIGxldCBvcGVuZWQgPSAwO1xuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKGhlYWQpID0+IHtcbiAgICBpZiAoIWhlYWQuc3RhcnRzV2l0aCgnUE9TVCAvaW4nKSkgcmV0dXJuIGFuc3dlck9mKCd7fScpO1xuICAgIG9wZW5lZCArPSAxO1xuICAgIHJldHVybiBhbnN3ZXJPZihge1widG9rZW5cIjogXCJ0b2tlbi1udW1iZXItJHtvcGVuZWR9XCJ9YCk7XG4gIH0pO1xuICBjb25zdCBvdGhlciA9IGF3YWl0IHJhd1NlcnZlcigoaGVhZCkgPT5cbiAgICBoZWFkLnN0YXJ0c1dpdGgoJ1BPU1QgL2luJykgPyBhbnN3ZXJPZigne1widG9rZW5cIjogXCJ0b2tlbi1vZi1hbm90aGVyXCJ9JykgOiBhbnN3ZXJPZigne30nKSxcbiAgKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgICdyZXF1ZXN0cy9pbi55YW1sJzogJ21ldGhvZDogUE9TVFxcbmNoYW5nZXM6IGZhbHNlXFxudXJsOiAke29yaWdpbn0vaW5cXG4nLFxuICAgICAgJ3JlcXVlc3RzL2l0LnlhbWwnOiAndXJsOiAke29yaWdpbn0vaXRcXG5zZXNzaW9uOiBhZ2VudFxcbicsXG4gICAgICAnc2Vzc2lvbnMvYWdlbnQueWFtbCc6ICdraW5kOiBsb2dpblxcbm9wZW46IHtzZW5kOiBpbn1cXG50b2tlbjogJC50b2tlblxcbicsXG4gICAgfSxcbiAgICBzZXJ2ZXIub3JpZ2luLFxuICApO1xuICBjb25zdCBzZW5kID0gKC4uLm1vcmU6IHN0cmluZ1tdKTogUHJvbWlzZTxFbmRlZD4gPT4gZWNob1RyYWlsKFsnc2VuZCcsICdpdCcsICctLWpzb24nLCAuLi5tb3JlXSwgeyBjd2QsIGVudiB9KTtcbiAgYXdhaXQgc2VuZCgpO1xuICBhd2FpdCBzZW5kKCk7XG4gIGFzc2VydC5lcXVhbChvcGVuZWQsIDEpO1xuICBjb25zdCBlbHNld2hlcmUgPSBhd2FpdCBzZW5kKCctLXNldCcsIGBvcmlnaW49JHtvdGhlci5vcmlnaW59YCk7XG4gIGFzc2VydC5lcXVhbChlbHNld2hlcmUuc3RhdHVzLCAwLCBlbHNld2hlcmUuZXJyKTtcbiAgYXNzZXJ0Lm1hdGNoKG90aGVyLnJlY2VpdmVkLmpvaW4oJycpLCAvQmVhcmVyIHRva2VuLW9mLWFub3RoZXIvKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChvdGhlci5yZWNlaXZlZC5qb2luKCcnKSwgL3Rva2VuLW51bWJlci8pO1xuICBhc3NlcnQuZXF1YWwoZG9jdW1lbnQ8eyBvazogYm9vbGVhbiB9Pihhd2FpdCBzZW5kKCkpLm9rLCB0cnVlKTtcbiAgYXNzZXJ0LmVxdWFsKG9wZW5lZCwgMSk7XG4gIGF3YWl0IFByb21pc2UuYWxsKFtzZXJ2ZXIuY2xvc2UoKSwgb3RoZXIuY2xvc2UoKV0pO1xufSk7XG5cbnRlc3QoJ3Jvd3Mgb3ZlciB0d28gaG9zdHMgaGF2ZSBhIHByb29mIGZvciBlYWNoLCBhbmQgYSBmaWxlIGxpc3RzIHRoZSBob3N0cycsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgbm9uY2VzID0gWydmaXJzdCcsICdzZWNvbmQnXTtcbiAgY29uc3Qgc2VydmVycyA9IGF3YWl0IFByb21pc2UuYWxsKFxuICAgIG5vbmNlcy5tYXAoKG5vbmNlKSA9PlxuICAgICAgcmF3U2VydmVyKChoZWFkKSA9PiB7XG4gICAgICAgIC8vIEVhY2ggc2VydmVyIGtub3dzIGl0cyBvd24gbm9uY2UsIGFuZCBubyBvdGhlcidzLlxuICAgICAgICBpZiAoaGVhZC5pbmNsdWRlcyhgbm9uY2U9XCIke25vbmNlfVwiYCkpIHJldHVybiBhbnN3ZXJPZigne1wib2tcIjogdHJ1ZX0nKTtcbiAgICAgICAgY29uc3QgY2hhbGxlbmdlID0gYHd3dy1hdXRoZW50aWNhdGU6IERpZ2VzdCByZWFsbT1cInF1YXlcIiwgcW9wPVwiYXV0aFwiLCBub25jZT1cIiR7bm9uY2V9XCIsIGFsZ29yaXRobT1TSEEtMjU2YDtcbiAgICAgICAgcmV0dXJuIGFuc3dlck9mKCd7fScsIHsgc3RhdHVzOiAnNDAxIFVuYXV0aG9yaXplZCcsIGhlYWRlcnM6IFtjaGFsbGVuZ2VdIH0pO1xuICAgICAgfSksXG4gICAgKSxcbiAgKTtcbiAgY29uc3QgW29uZSwgb3RoZXJdID0gc2VydmVycy5tYXAoKHNlcnZlcikgPT4gc2VydmVyLm9yaWdpbi5yZXBsYWNlKCdodHRwOi8vJywgJycpKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHtcbiAgICAnZW52aXJvbm1lbnRzL3NhbmRib3gueWFtbCc6XG4gICAgICAnY2hhbmdlczogYWxsb3dcXG52YXJpYWJsZXM6IHtvcmlnaW46IFwiaHR0cDovLyR7cm93Lmhvc3R9XCJ9XFxuaG9zdHM6IHtmcm9tOiBkYXRhL3F1YXlzLmNzdiwgY29sdW1uOiBob3N0fVxcbicsXG4gICAgJ2RhdGEvcXVheXMuY3N2JzogYG5hbWUsaG9zdFxcbm5vcnRoLCR7b25lfVxcbnNvdXRoLCR7b3RoZXJ9XFxubm9ydGgsJHtvbmV9XFxuc291dGgsJHtvdGhlcn1cXG5gLFxuICAgICdzZXNzaW9ucy9wcm9vZi55YW1sJzogJ2tpbmQ6IGRpZ2VzdFxcbnVzZXI6IGFnZW50XFxucGFzc3dvcmQ6ICR7c2VjcmV0LmRlc2t9XFxuJyxcbiAgICAncmVxdWVzdHMvcXVheS55YW1sJzogJ3VybDogJHtvcmlnaW59L1xcbnNlc3Npb246IHByb29mXFxuZXhwZWN0OiB7JC5vazogdHJ1ZX1cXG4nLFxuICAgICd0cmFpbHMvcXVheXMueWFtbCc6ICdyb3dzOiBkYXRhL3F1YXlzLmNzdlxcbnN0ZXBzOiBbe3NlbmQ6IHF1YXl9XVxcbicsXG4gIH0pO1xuICBjb25zdCByYW4gPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAncXVheXMnXSwgeyBjd2QsIGVudiB9KTtcbiAgYXNzZXJ0LmVxdWFsKHJhbi5zdGF0dXMsIDAsIHJhbi5vdXQgKyByYW4uZXJyKTtcbiAgZm9yIChjb25zdCBzZXJ2ZXIgb2Ygc2VydmVycylcbiAgICBhc3NlcnQuZXF1YWwoc2VydmVyLnJlY2VpdmVkLmpvaW4oJycpLm1hdGNoKC9eR0VUIC9nbSk/Lmxlbmd0aCwgMywgJ29uZSByZWZ1c2FsLCB0d28gcHJvb2ZzJyk7XG4gIGNvbnN0IHdyb25nID0gY29sbGVjdGlvbk9mKHtcbiAgICAnZW52aXJvbm1lbnRzL3NhbmRib3gueWFtbCc6XG4gICAgICAndmFyaWFibGVzOiB7b3JpZ2luOiBcImh0dHA6Ly9hLmV4YW1wbGVcIn1cXG5ob3N0czoge2Zyb206IGRhdGEvcXVheXMuY3N2LCBjb2x1bW46IGhvdHN9XFxuJyxcbiAgICAnZGF0YS9xdWF5cy5jc3YnOiAnbmFtZSxob3N0XFxubm9ydGgsYS5leGFtcGxlXFxuJyxcbiAgfSk7XG4gIGNvbnN0IHRvbGQgPSBhd2FpdCBlY2hvVHJhaWwoWydlbnYnLCAnc2hvdyddLCB7IGN3ZDogd3JvbmcgfSk7XG4gIGFzc2VydC5lcXVhbCh0b2xkLnN0YXR1cywgMik7XG4gIGFzc2VydC5tYXRjaCh0b2xkLmVyciwgL2hhcyBubyBjb2x1bW4gaG90c1tcXHNcXFNdKmVudmlyb25tZW50c1xcL3NhbmRib3hcXC55YW1sOjJbXFxzXFxTXSpkaWQgeW91IG1lYW4gaG9zdC8pO1xuICBhd2FpdCBQcm9taXNlLmFsbChzZXJ2ZXJzLm1hcCgoc2VydmVyKSA9PiBzZXJ2ZXIuY2xvc2UoKSkpO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxZQUFZO0FBT3JCLElBQU0sRUFBRSxRQUFRLFlBQVksSUFBSSxNQUFNLG1CQUFtQjtBQUN6RCxJQUFNLE1BQU0sRUFBRSx3QkFBd0IsWUFBWSxTQUFTO0FBRTNELElBQU0sU0FDSixDQUFDLFFBQ0QsSUFBSSxTQUNGLFVBQVUsTUFBTSxFQUFFLEtBQUssSUFBSSxDQUFDO0FBRWhDLElBQU0sUUFBUTtBQUFBLEVBQ1osMkJBQTJCO0FBQUE7QUFBQTtBQUFBLEVBQzNCLDRCQUNFO0FBQUEsRUFDRiw0QkFBNEI7QUFBQSxFQUM1QixzQkFDRTtBQUFBLEVBQ0YscUJBQ0U7QUFBQSxFQUNGLHVCQUNFO0FBQ0o7QUFFQSxLQUFLLDJHQUEyRyxZQUFZO0FBQzFILFFBQU0sTUFBTSxPQUFPLGFBQWEsT0FBTyxNQUFNLENBQUM7QUFDOUMsU0FBTyxPQUFPLE1BQU0sSUFBSSxPQUFPLEdBQUcsUUFBUSxDQUFDO0FBQzNDLFFBQU0sUUFBUSxNQUFNLElBQUksUUFBUSxNQUFNO0FBQ3RDLFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDdkMsU0FBTyxNQUFNLE1BQU0sS0FBSyxxQkFBcUI7QUFDN0MsUUFBTSxTQUFTLE1BQU0sSUFBSSxRQUFRLFFBQVEsUUFBUTtBQUNqRCxTQUFPLE1BQU0sT0FBTyxRQUFRLEdBQUcsT0FBTyxHQUFHO0FBQ3pDLFFBQU0sVUFBVSxNQUFNLElBQUksUUFBUSxRQUFRLGFBQWEsTUFBTTtBQUM3RCxTQUFPLE1BQU0sUUFBUSxRQUFRLEdBQUcsZ0NBQWdDO0FBQ2hFLFNBQU8sT0FBTyxNQUFNLElBQUksV0FBVyxNQUFNLEdBQUcsS0FBSywyQ0FBMkM7QUFDNUYsU0FBTyxPQUFPLE1BQU0sSUFBSSxXQUFXLFNBQVMsT0FBTyxHQUFHLFFBQVEsQ0FBQztBQUMvRCxTQUFPLE9BQU8sTUFBTSxJQUFJLFdBQVcsTUFBTSxHQUFHLEtBQUssd0JBQXdCO0FBQ3pFLFFBQU0sUUFBUSxNQUFNLElBQUksUUFBUSxhQUFhLGFBQWEsUUFBUSxRQUFRO0FBQzFFLFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDekMsQ0FBQztBQUVELEtBQUssNEVBQTRFLFlBQVk7QUFDM0YsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0UsR0FBRztBQUFBLE1BQ0gsNkJBQTZCO0FBQUEsdUJBQXlDLE1BQU07QUFBQTtBQUFBO0FBQUEsTUFDNUUscUJBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxLQUFLLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUMzRCxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxNQUFNLE1BQU0sS0FBSyxxQ0FBcUM7QUFDN0QsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxJQUFJLEtBQUssR0FBRyxlQUFlO0FBQ2pHLENBQUM7QUFFRCxJQUFNLE9BQU87QUFBQSxFQUNYLHNCQUNFO0FBQUEsRUFDRix3QkFBd0I7QUFBQSxFQUN4Qix3QkFDRTtBQUFBLEVBQ0Ysd0JBQ0U7QUFBQSxFQUNGLHVCQUNFO0FBQUEsRUFDRixzQkFBc0I7QUFBQSxFQUN0Qix3QkFDRTtBQUNKO0FBRUEsS0FBSyw4R0FBOEcsWUFBWTtBQUM3SCxRQUFNLE1BQU0sYUFBYSxNQUFNLE1BQU07QUFDckMsUUFBTSxNQUFNLE9BQU8sR0FBRztBQUN0QixTQUFPLE9BQU8sTUFBTSxJQUFJLE9BQU8sR0FBRyxRQUFRLElBQUksTUFBTSxJQUFJLE9BQU8sR0FBRyxHQUFHO0FBQ3JFLFFBQU0sT0FBTyxNQUFNLElBQUksUUFBUSxRQUFRO0FBQ3ZDLFNBQU8sTUFBTSxLQUFLLFFBQVEsR0FBRyxLQUFLLE1BQU0sS0FBSyxHQUFHO0FBQ2hELFNBQU8sTUFBTSxLQUFLLEtBQUssV0FBVztBQUNsQyxRQUFNLFFBQVEsTUFBTSxJQUFJLFFBQVEsTUFBTTtBQUN0QyxRQUFNLFVBQVUsTUFBTSxJQUFJLFdBQVcsUUFBUTtBQUM3QyxhQUFXLEVBQUUsS0FBSyxJQUFJLEtBQUssQ0FBQyxNQUFNLE9BQU8sT0FBTyxFQUFHLFFBQU8sYUFBYSxNQUFNLEtBQUssV0FBVztBQUM3RixhQUFXLEVBQUUsTUFBTSxLQUFLLEtBQUssVUFBVSxHQUFHLEVBQUcsUUFBTyxhQUFhLE1BQU0sYUFBYSxJQUFJO0FBQzFGLENBQUM7QUFFRCxLQUFLLHdGQUF3RixZQUFZO0FBQ3ZHLFFBQU0sTUFBTSxhQUFhLE1BQU0sTUFBTTtBQUNyQyxRQUFNLE1BQU0sT0FBTyxHQUFHO0FBQ3RCLFFBQU0sVUFBVSxZQUNiLE9BQU8sTUFBTSxNQUFNLEdBQUcsTUFBTSxrQkFBa0IsR0FBRyxLQUFLO0FBQ3pELFFBQU0sU0FBUyxNQUFNLFFBQVE7QUFFN0IsV0FBUyxRQUFRLEdBQUcsUUFBUSxHQUFHLFNBQVMsR0FBRztBQUN6QyxVQUFNLE9BQU8sTUFBTSxJQUFJLFFBQVEsUUFBUTtBQUN2QyxXQUFPLE1BQU0sS0FBSyxRQUFRLEdBQUcsS0FBSyxNQUFNLEtBQUssR0FBRztBQUFBLEVBQ2xEO0FBQ0EsUUFBTSxRQUFRLE1BQU0sUUFBUTtBQUM1QixTQUFPLE1BQU0sTUFBTSxVQUFVLE9BQU8sU0FBUyxDQUFDO0FBQzlDLFFBQU0sU0FBUyxNQUFNLElBQUksV0FBVyxTQUFTLFFBQVE7QUFDckQsU0FBTyxNQUFNLE9BQU8sUUFBUSxHQUFHLE9BQU8sR0FBRztBQUN6QyxTQUFPLE9BQU8sTUFBTSxRQUFRLEdBQUcsTUFBTSxNQUFNLE9BQU8sR0FBRyx3Q0FBd0M7QUFDN0YsUUFBTSxVQUFVLE1BQU0sSUFBSSxXQUFXLFFBQVE7QUFDN0MsU0FBTyxNQUFNLFFBQVEsS0FBSyw2Q0FBNkM7QUFDekUsQ0FBQztBQUVELEtBQUssdURBQXVELFlBQVk7QUFDdEUsUUFBTSxNQUFNLE9BQU8sYUFBYSxNQUFNLE1BQU0sQ0FBQztBQUM3QyxRQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLEdBQUc7QUFBQSxJQUNsRCxLQUFLLGFBQWEsTUFBTSxNQUFNO0FBQUEsSUFDOUIsS0FBSyxFQUFFLHdCQUF3QixtQkFBbUI7QUFBQSxFQUNwRCxDQUFDO0FBQ0QsU0FBTyxNQUFNLFFBQVEsUUFBUSxDQUFDO0FBQzlCLFNBQU87QUFBQSxJQUNMLFFBQVE7QUFBQSxJQUNSO0FBQUEsRUFDRjtBQUNBLFNBQU8sT0FBTyxNQUFNLElBQUksV0FBVyxTQUFTLFFBQVEsR0FBRyxRQUFRLENBQUM7QUFDbEUsQ0FBQztBQUVELEtBQUssZ0ZBQWdGLFlBQVk7QUFDL0YsUUFBTSxTQUFTLE1BQU0sWUFBWTtBQUNqQyxNQUFJO0FBQ0YsVUFBTSxFQUFFLE1BQU0sT0FBTyxJQUFJLE9BQU87QUFDaEMsVUFBTSxNQUFNLGFBQWE7QUFBQSxNQUN2Qiw2QkFBNkIsd0JBQXdCLE9BQU8sUUFBUSxNQUFNO0FBQUE7QUFBQTtBQUFBO0FBQUEsTUFDMUUsa0JBQWtCLEtBQUs7QUFBQSxNQUN2QixtQkFBbUIsT0FBTztBQUFBLE1BQzFCLHVCQUF1QjtBQUFBLE1BQ3ZCLHNCQUFzQjtBQUFBLE1BQ3RCLHFCQUFxQjtBQUFBLE1BQ3JCLHdCQUF3QjtBQUFBLElBQzFCLENBQUM7QUFDRCxVQUFNLE1BQU0sRUFBRSw2QkFBNkIsT0FBTyxJQUFJO0FBQ3RELFVBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxRQUFRLFVBQVUsVUFBVSxTQUFTLEdBQUcsRUFBRSxLQUFLLEtBQUssSUFBSSxDQUFDO0FBQ3hGLFdBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDdkMsV0FBTyxNQUFNLE1BQU0sS0FBSyw4QkFBOEI7QUFDdEQsVUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLFFBQVEsVUFBVSxhQUFhLEtBQUssR0FBRyxFQUFFLEtBQUssS0FBSyxJQUFJLENBQUM7QUFDekYsV0FBTyxNQUFNLFFBQVEsUUFBUSxHQUFHLFFBQVEsR0FBRztBQUMzQyxXQUFPLE1BQU0sUUFBUSxLQUFLLG1DQUFtQztBQUM3RCxVQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxVQUFVLGFBQWEsTUFBTSxHQUFHLEVBQUUsS0FBSyxLQUFLLElBQUksQ0FBQztBQUN2RixXQUFPLE1BQU0sS0FBSyxRQUFRLENBQUM7QUFDM0IsV0FBTyxNQUFNLEtBQUssS0FBSyw2Q0FBNkM7QUFBQSxFQUN0RSxVQUFFO0FBQ0EsVUFBTSxPQUFPLE1BQU07QUFBQSxFQUNyQjtBQUNGLENBQUM7QUFFRCxLQUFLLG1EQUFtRCxZQUFZO0FBQ2xFLE1BQUksU0FBUztBQUNiLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxTQUFTO0FBQ3ZDLFFBQUksQ0FBQyxLQUFLLFdBQVcsVUFBVSxFQUFHLFFBQU8sU0FBUyxJQUFJO0FBQ3RELGNBQVU7QUFDVixXQUFPLFNBQVMsMkJBQTJCLE1BQU0sSUFBSTtBQUFBLEVBQ3ZELENBQUM7QUFDRCxRQUFNLFFBQVEsTUFBTTtBQUFBLElBQVUsQ0FBQyxTQUM3QixLQUFLLFdBQVcsVUFBVSxJQUFJLFNBQVMsK0JBQStCLElBQUksU0FBUyxJQUFJO0FBQUEsRUFDekY7QUFDQSxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxvQkFBb0I7QUFBQSxNQUNwQixvQkFBb0I7QUFBQSxNQUNwQix1QkFBdUI7QUFBQSxJQUN6QjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLE9BQU8sSUFBSSxTQUFtQyxVQUFVLENBQUMsUUFBUSxNQUFNLFVBQVUsR0FBRyxJQUFJLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUM3RyxRQUFNLEtBQUs7QUFDWCxRQUFNLEtBQUs7QUFDWCxTQUFPLE1BQU0sUUFBUSxDQUFDO0FBQ3RCLFFBQU0sWUFBWSxNQUFNLEtBQUssU0FBUyxVQUFVLE1BQU0sTUFBTSxFQUFFO0FBQzlELFNBQU8sTUFBTSxVQUFVLFFBQVEsR0FBRyxVQUFVLEdBQUc7QUFDL0MsU0FBTyxNQUFNLE1BQU0sU0FBUyxLQUFLLEVBQUUsR0FBRyx5QkFBeUI7QUFDL0QsU0FBTyxhQUFhLE1BQU0sU0FBUyxLQUFLLEVBQUUsR0FBRyxjQUFjO0FBQzNELFNBQU8sTUFBTSxTQUEwQixNQUFNLEtBQUssQ0FBQyxFQUFFLElBQUksSUFBSTtBQUM3RCxTQUFPLE1BQU0sUUFBUSxDQUFDO0FBQ3RCLFFBQU0sUUFBUSxJQUFJLENBQUMsT0FBTyxNQUFNLEdBQUcsTUFBTSxNQUFNLENBQUMsQ0FBQztBQUNuRCxDQUFDO0FBRUQsS0FBSyx5RUFBeUUsWUFBWTtBQUN4RixRQUFNLFNBQVMsQ0FBQyxTQUFTLFFBQVE7QUFDakMsUUFBTSxVQUFVLE1BQU0sUUFBUTtBQUFBLElBQzVCLE9BQU87QUFBQSxNQUFJLENBQUMsVUFDVixVQUFVLENBQUMsU0FBUztBQUVsQixZQUFJLEtBQUssU0FBUyxVQUFVLEtBQUssR0FBRyxFQUFHLFFBQU8sU0FBUyxjQUFjO0FBQ3JFLGNBQU0sWUFBWSw2REFBNkQsS0FBSztBQUNwRixlQUFPLFNBQVMsTUFBTSxFQUFFLFFBQVEsb0JBQW9CLFNBQVMsQ0FBQyxTQUFTLEVBQUUsQ0FBQztBQUFBLE1BQzVFLENBQUM7QUFBQSxJQUNIO0FBQUEsRUFDRjtBQUNBLFFBQU0sQ0FBQyxLQUFLLEtBQUssSUFBSSxRQUFRLElBQUksQ0FBQyxXQUFXLE9BQU8sT0FBTyxRQUFRLFdBQVcsRUFBRSxDQUFDO0FBQ2pGLFFBQU0sTUFBTSxhQUFhO0FBQUEsSUFDdkIsNkJBQ0U7QUFBQSxJQUNGLGtCQUFrQjtBQUFBLFFBQW9CLEdBQUc7QUFBQSxRQUFXLEtBQUs7QUFBQSxRQUFXLEdBQUc7QUFBQSxRQUFXLEtBQUs7QUFBQTtBQUFBLElBQ3ZGLHVCQUF1QjtBQUFBLElBQ3ZCLHNCQUFzQjtBQUFBLElBQ3RCLHFCQUFxQjtBQUFBLEVBQ3ZCLENBQUM7QUFDRCxRQUFNLE1BQU0sTUFBTSxVQUFVLENBQUMsT0FBTyxPQUFPLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUMxRCxTQUFPLE1BQU0sSUFBSSxRQUFRLEdBQUcsSUFBSSxNQUFNLElBQUksR0FBRztBQUM3QyxhQUFXLFVBQVU7QUFDbkIsV0FBTyxNQUFNLE9BQU8sU0FBUyxLQUFLLEVBQUUsRUFBRSxNQUFNLFNBQVMsR0FBRyxRQUFRLEdBQUcseUJBQXlCO0FBQzlGLFFBQU0sUUFBUSxhQUFhO0FBQUEsSUFDekIsNkJBQ0U7QUFBQSxJQUNGLGtCQUFrQjtBQUFBLEVBQ3BCLENBQUM7QUFDRCxRQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxNQUFNLEdBQUcsRUFBRSxLQUFLLE1BQU0sQ0FBQztBQUM1RCxTQUFPLE1BQU0sS0FBSyxRQUFRLENBQUM7QUFDM0IsU0FBTyxNQUFNLEtBQUssS0FBSyxnRkFBZ0Y7QUFDdkcsUUFBTSxRQUFRLElBQUksUUFBUSxJQUFJLENBQUMsV0FBVyxPQUFPLE1BQU0sQ0FBQyxDQUFDO0FBQzNELENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
