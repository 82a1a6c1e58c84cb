import {
  harbourForThisFile
} from "../parts/chunk-XS4PZGFO.js";
import "../parts/chunk-7VNSEZX4.js";
import "../parts/chunk-DQ7YWKYH.js";
import "../parts/chunk-PT2BEWRF.js";
import "../parts/chunk-V5NERUUT.js";
import "../parts/chunk-T4I6LV4Y.js";
import "../parts/chunk-Y4XV6NBT.js";
import {
  collectionOf,
  demoCollection,
  echoTrail,
  everyFile,
  userFolder,
  writeIn
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/secrecy.test.ts
import assert from "node:assert/strict";
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
var standin = await harbourForThisFile();
var password = standin.credentials.password;
async function readyCollection() {
  const cwd = demoCollection(standin.origin);
  await echoTrail(["secret", "set", "deskPassword"], { cwd, input: password });
  return cwd;
}
test("no password and no token is in any output or any file, whatever is asked", async () => {
  const cwd = await readyCollection();
  const outputs = [];
  for (const args of [
    ["preview", "calls/book"],
    ["send", "desk/log-in", "--set", `password=${password}`],
    ["session", "open", "agent"],
    ["preview", "calls/book", "--json"],
    ["send", "vessels/show", "--view", "headers"],
    ["send", "vessels/show", "--json"],
    ["send", "GET", "/v1/vessels", "--session", "agent", "--debug"],
    ["session", "show", "agent", "--json"],
    ["session", "list"],
    ["secret", "list", "--json"],
    ["env", "show"],
    ["echo", "list"],
    ["echo", "show", "last"],
    ["run", "berth-stay"],
    ["run", "berth-stay", "--json"],
    ["echo", "show", "--json"],
    ["check"]
  ]) {
    const { out, err } = await echoTrail(args, { cwd });
    outputs.push(out, err);
  }
  const text = outputs.join("\n");
  assert.ok(!text.includes(password));
  assert.doesNotMatch(text, /lh_[\w-]{20}/);
  assert.match(text, /‹secret›/);
  for (const { path, text: bytes } of [...everyFile(cwd), ...everyFile(userFolder)]) {
    assert.ok(!bytes.includes(password), path);
    assert.doesNotMatch(bytes, /lh_[\w-]{20}/, path);
  }
});
test("a log-in that is sent by hand shows and records neither its password nor its token", async () => {
  const cwd = demoCollection(standin.origin);
  const texts = [];
  const given = ["--set", "user=agent", "--set", `password=${password}`];
  for (const args of [
    ["preview", "desk/log-in", ...given],
    ["preview", "desk/log-in", ...given, "--json"],
    ["send", "desk/log-in", ...given],
    ["send", "desk/log-in", ...given, "--json"],
    ["send", "desk/log-in", ...given, "--pick", "$.token"],
    [
      "send",
      "POST",
      "/v1/sessions",
      "--session",
      "none",
      "--body-json",
      JSON.stringify(standin.credentials),
      "--as",
      "desk/by-hand"
    ],
    ["echo", "show"]
  ]) {
    const { out, err, status } = await echoTrail(args, { cwd });
    assert.equal(status, 0, err);
    texts.push(out, err);
  }
  for (const { path, text } of everyFile(cwd)) if (!path.endsWith("by-hand.yaml")) texts.push(text);
  const all = texts.join("\n");
  assert.ok(!all.includes(password));
  assert.doesNotMatch(all, /lh_[\w-]{20}/);
});
test("a kept value that holds a token is not held in the open", async () => {
  const cwd = await readyCollection();
  writeIn(
    cwd,
    "requests/desk/whole.yaml",
    `inputs: {password: {default: "\${secret.deskPassword}"}}
method: POST
url: \${origin}/v1/sessions
session: none
body: {json: {user: agent, password: "\${password}"}}
keep: {login: $, user: $.user}
`
  );
  assert.equal((await echoTrail(["send", "desk/whole"], { cwd })).status, 0);
  for (const { path, text } of everyFile(cwd)) assert.doesNotMatch(text, /lh_[\w-]{20}/, path);
  assert.match((await echoTrail(["env", "show"], { cwd })).out, /user +"agent" +held from desk\/whole/);
});
test("a kept secret is neither shown, nor held, nor recorded", async () => {
  const cwd = await readyCollection();
  writeIn(
    cwd,
    "requests/desk/token.yaml",
    `inputs: {password: {default: "\${secret.deskPassword}"}}
method: POST
url: \${origin}/v1/sessions
session: none
body: {json: {user: agent, password: "\${password}"}}
keep: {token: {at: $.token, secret: true}}
`
  );
  const { out, err, status } = await echoTrail(["send", "desk/token"], { cwd });
  assert.equal(status, 0, err);
  assert.match(err, /kept +token = ‹secret›/);
  assert.doesNotMatch(out + err, /lh_[\w-]{20}/);
  for (const { path, text } of everyFile(cwd)) assert.ok(!/lh_[\w-]{20}/.test(text), path);
});
test("secrets come from the process environment first, and by environment before all", async () => {
  const server = await rawServer(() => answerOf("{}"));
  const cwd = collectionOf(
    { "requests/x.yaml": 'url: ${origin}/\nheaders: {X-Key: "${secret.apiKey}"}\n' },
    server.origin
  );
  const missing = await echoTrail(["send", "x"], { cwd });
  assert.equal(missing.status, 4);
  assert.match(missing.err, /secret apiKey is not set[\s\S]*secret set apiKey[\s\S]*ECHO_TRAIL_SECRET_API_KEY/);
  await echoTrail(["secret", "set", "apiKey"], { cwd, input: "for-all-environments" });
  await echoTrail(["secret", "set", "apiKey", "--env", "sandbox"], { cwd, input: "for-the-sandbox" });
  await echoTrail(["send", "x"], { cwd });
  await echoTrail(["send", "x"], { cwd, env: { ECHO_TRAIL_SECRET_API_KEY: "from-the-process" } });
  await echoTrail(["secret", "remove", "apiKey", "--env", "sandbox"], { cwd });
  await echoTrail(["send", "x"], { cwd });
  assert.deepEqual(
    server.received.map((text) => /X-Key: (.*)\r/.exec(text)?.[1]),
    ["for-the-sandbox", "from-the-process", "for-all-environments"]
  );
  const warned = await echoTrail(["secret", "set", "apiKey"], { cwd, input: '"quoted"' });
  assert.match(warned.err, /begins and ends with quotes/);
  const listed = await echoTrail(["secret", "list"], { cwd });
  assert.equal(listed.out, "apiKey  all environments\n");
  await server.close();
});
test("a secret goes to no host that the environment does not list", async () => {
  const server = await rawServer(() => answerOf("{}"));
  const cwd = collectionOf({
    "environments/sandbox.yaml": `changes: allow
variables: {origin: "http://localhost:${server.port}"}
hosts: [api.larkhaven.example]
`,
    "requests/x.yaml": 'url: ${origin}/\nheaders: {X-Key: "${secret.apiKey}"}\n',
    "requests/open.yaml": "url: ${origin}/\n",
    "sessions/s.yaml": "kind: bearer\ntoken: ${secret.apiKey}\n"
  });
  const env = { ECHO_TRAIL_SECRET_API_KEY: "gull-and-tern" };
  for (const args of [
    ["send", "x"],
    ["send", "open", "--session", "s"]
  ]) {
    const { status, err } = await echoTrail(args, { cwd, env });
    assert.equal(status, 4);
    assert.match(err, /would go to localhost, which the environment sandbox does not list/);
  }
  assert.equal(server.received.length, 0);
  await server.close();
});
test("bearer sends its token; a token pasted with its quotes is refused before it is sent", async () => {
  const server = await rawServer(() => answerOf("{}"));
  const cwd = collectionOf(
    {
      "requests/x.yaml": "url: ${origin}/\nsession: s\n",
      "sessions/s.yaml": "kind: bearer\ntoken: ${secret.apiKey}\n"
    },
    server.origin
  );
  assert.equal((await echoTrail(["send", "x"], { cwd, env: { ECHO_TRAIL_SECRET_API_KEY: "tide" } })).status, 0);
  assert.match(server.received[0] ?? "", /\r\nAuthorization: Bearer tide\r\n/);
  const quoted = await echoTrail(["send", "x"], { cwd, env: { ECHO_TRAIL_SECRET_API_KEY: '"tide"' } });
  assert.equal(quoted.status, 4);
  assert.match(quoted.err, /quotes/);
  assert.equal(server.received.length, 1);
  await server.close();
});
test("a login that is refused is explained; a token that ended is renewed once", async () => {
  const cwd = demoCollection(standin.origin);
  await echoTrail(["secret", "set", "deskPassword"], { cwd, input: "wrong-password" });
  const refused = await echoTrail(["send", "vessels/show"], { cwd });
  assert.equal(refused.status, 4);
  assert.match(
    refused.err,
    /session agent was refused: desk\/log-in answered 401 \(Not logged in: the user or the password is wrong\)/
  );
  await echoTrail(["secret", "set", "deskPassword"], { cwd, input: password });
  assert.equal((await echoTrail(["session", "open", "agent"], { cwd })).status, 0);
  assert.equal((await echoTrail(["send", "desk/log-out"], { cwd })).status, 0);
  const renewed = await echoTrail(["send", "vessels/show"], { cwd });
  assert.equal(renewed.status, 0, renewed.err);
  const closed = await echoTrail(["session", "close", "agent"], { cwd });
  assert.match(closed.err, /closed agent/);
  assert.match((await echoTrail(["session", "list"], { cwd })).out, /agent +login +not open/);
});
test("an environment that refuses changes sends none; one that asks wants a yes", async () => {
  const server = await rawServer(() => answerOf("{}"));
  const cwd = collectionOf(
    {
      "requests/cut.yaml": "method: DELETE\nurl: ${origin}/\n",
      "requests/ask.yaml": "method: POST\nchanges: false\nurl: ${origin}/\n"
    },
    server.origin
  );
  const environment = join(cwd, "environments/sandbox.yaml");
  const text = readFileSync(environment, "utf8");
  writeFileSync(environment, text.replace("changes: allow", "changes: refuse"));
  const refused = await echoTrail(["send", "cut", "--allow-changes"], { cwd });
  assert.deepEqual([refused.status, server.received.length], [4, 0]);
  assert.match(refused.err, /sandbox refuses calls that change something: DELETE/);
  assert.equal((await echoTrail(["send", "ask"], { cwd })).status, 0);
  writeFileSync(environment, text.replace("changes: allow", "changes: ask"));
  assert.deepEqual([(await echoTrail(["send", "cut"], { cwd })).status, server.received.length], [4, 1]);
  assert.deepEqual(
    [(await echoTrail(["send", "cut", "--allow-changes"], { cwd })).status, server.received.length],
    [0, 2]
  );
  await server.close();
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3NlY3JlY3kudGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFNlY3JldHMsIHNlc3Npb25zIGFuZCBlbnZpcm9ubWVudHM6IG5vdGhpbmcgbGVha3MsIG5vdGhpbmcgZ29lcyB3aGVyZSBpdCBzaG91bGQgbm90LCBub3RoaW5nIGNoYW5nZXMgdW5hc2tlZC4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHJlYWRGaWxlU3luYywgd3JpdGVGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgam9pbiB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IGNvbGxlY3Rpb25PZiwgZGVtb0NvbGxlY3Rpb24sIGV2ZXJ5RmlsZSwgd3JpdGVJbiB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGVjaG9UcmFpbCwgdXNlckZvbGRlciB9IGZyb20gJy4uL3N1cHBvcnQvcHJvZ3JhbS5qcyc7XG5pbXBvcnQgeyBhbnN3ZXJPZiwgcmF3U2VydmVyIH0gZnJvbSAnLi4vc3VwcG9ydC9yYXctc2VydmVyLmpzJztcbmltcG9ydCB7IGhhcmJvdXJGb3JUaGlzRmlsZSB9IGZyb20gJy4uL3N1cHBvcnQvc3RhbmRpbi5qcyc7XG5cbmNvbnN0IHN0YW5kaW4gPSBhd2FpdCBoYXJib3VyRm9yVGhpc0ZpbGUoKTtcbmNvbnN0IHBhc3N3b3JkID0gc3RhbmRpbi5jcmVkZW50aWFscy5wYXNzd29yZDtcblxuYXN5bmMgZnVuY3Rpb24gcmVhZHlDb2xsZWN0aW9uKCk6IFByb21pc2U8c3RyaW5nPiB7XG4gIGNvbnN0IGN3ZCA9IGRlbW9Db2xsZWN0aW9uKHN0YW5kaW4ub3JpZ2luKTtcbiAgYXdhaXQgZWNob1RyYWlsKFsnc2VjcmV0JywgJ3NldCcsICdkZXNrUGFzc3dvcmQnXSwgeyBjd2QsIGlucHV0OiBwYXNzd29yZCB9KTtcbiAgcmV0dXJuIGN3ZDtcbn1cblxudGVzdCgnbm8gcGFzc3dvcmQgYW5kIG5vIHRva2VuIGlzIGluIGFueSBvdXRwdXQgb3IgYW55IGZpbGUsIHdoYXRldmVyIGlzIGFza2VkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBhd2FpdCByZWFkeUNvbGxlY3Rpb24oKTtcbiAgY29uc3Qgb3V0cHV0czogc3RyaW5nW10gPSBbXTtcbiAgZm9yIChjb25zdCBhcmdzIG9mIFtcbiAgICBbJ3ByZXZpZXcnLCAnY2FsbHMvYm9vayddLFxuICAgIFsnc2VuZCcsICdkZXNrL2xvZy1pbicsICctLXNldCcsIGBwYXNzd29yZD0ke3Bhc3N3b3JkfWBdLFxuICAgIFsnc2Vzc2lvbicsICdvcGVuJywgJ2FnZW50J10sXG4gICAgWydwcmV2aWV3JywgJ2NhbGxzL2Jvb2snLCAnLS1qc29uJ10sXG4gICAgWydzZW5kJywgJ3Zlc3NlbHMvc2hvdycsICctLXZpZXcnLCAnaGVhZGVycyddLFxuICAgIFsnc2VuZCcsICd2ZXNzZWxzL3Nob3cnLCAnLS1qc29uJ10sXG4gICAgWydzZW5kJywgJ0dFVCcsICcvdjEvdmVzc2VscycsICctLXNlc3Npb24nLCAnYWdlbnQnLCAnLS1kZWJ1ZyddLFxuICAgIFsnc2Vzc2lvbicsICdzaG93JywgJ2FnZW50JywgJy0tanNvbiddLFxuICAgIFsnc2Vzc2lvbicsICdsaXN0J10sXG4gICAgWydzZWNyZXQnLCAnbGlzdCcsICctLWpzb24nXSxcbiAgICBbJ2VudicsICdzaG93J10sXG4gICAgWydlY2hvJywgJ2xpc3QnXSxcbiAgICBbJ2VjaG8nLCAnc2hvdycsICdsYXN0J10sXG4gICAgWydydW4nLCAnYmVydGgtc3RheSddLFxuICAgIFsncnVuJywgJ2JlcnRoLXN0YXknLCAnLS1qc29uJ10sXG4gICAgWydlY2hvJywgJ3Nob3cnLCAnLS1qc29uJ10sXG4gICAgWydjaGVjayddLFxuICBdKSB7XG4gICAgY29uc3QgeyBvdXQsIGVyciB9ID0gYXdhaXQgZWNob1RyYWlsKGFyZ3MsIHsgY3dkIH0pO1xuICAgIG91dHB1dHMucHVzaChvdXQsIGVycik7XG4gIH1cbiAgY29uc3QgdGV4dCA9IG91dHB1dHMuam9pbignXFxuJyk7XG4gIGFzc2VydC5vayghdGV4dC5pbmNsdWRlcyhwYXNzd29yZCkpO1xuICBhc3NlcnQuZG9lc05vdE1hdGNoKHRleHQsIC9saF9bXFx3LV17MjB9Lyk7XG4gIGFzc2VydC5tYXRjaCh0ZXh0LCAvXHUyMDM5c2VjcmV0XHUyMDNBLyk7XG4gIGZvciAoY29uc3QgeyBwYXRoLCB0ZXh0OiBieXRlcyB9IG9mIFsuLi5ldmVyeUZpbGUoY3dkKSwgLi4uZXZlcnlGaWxlKHVzZXJGb2xkZXIpXSkge1xuICAgIGFzc2VydC5vayghYnl0ZXMuaW5jbHVkZXMocGFzc3dvcmQpLCBwYXRoKTtcbiAgICBhc3NlcnQuZG9lc05vdE1hdGNoKGJ5dGVzLCAvbGhfW1xcdy1dezIwfS8sIHBhdGgpO1xuICB9XG59KTtcblxudGVzdCgnYSBsb2ctaW4gdGhhdCBpcyBzZW50IGJ5IGhhbmQgc2hvd3MgYW5kIHJlY29yZHMgbmVpdGhlciBpdHMgcGFzc3dvcmQgbm9yIGl0cyB0b2tlbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gZGVtb0NvbGxlY3Rpb24oc3RhbmRpbi5vcmlnaW4pO1xuICBjb25zdCB0ZXh0czogc3RyaW5nW10gPSBbXTtcbiAgY29uc3QgZ2l2ZW4gPSBbJy0tc2V0JywgJ3VzZXI9YWdlbnQnLCAnLS1zZXQnLCBgcGFzc3dvcmQ9JHtwYXNzd29yZH1gXTtcbiAgZm9yIChjb25zdCBhcmdzIG9mIFtcbiAgICBbJ3ByZXZpZXcnLCAnZGVzay9sb2ctaW4nLCAuLi5naXZlbl0sXG4gICAgWydwcmV2aWV3JywgJ2Rlc2svbG9nLWluJywgLi4uZ2l2ZW4sICctLWpzb24nXSxcbiAgICBbJ3NlbmQnLCAnZGVzay9sb2ctaW4nLCAuLi5naXZlbl0sXG4gICAgWydzZW5kJywgJ2Rlc2svbG9nLWluJywgLi4uZ2l2ZW4sICctLWpzb24nXSxcbiAgICBbJ3NlbmQnLCAnZGVzay9sb2ctaW4nLCAuLi5naXZlbiwgJy0tcGljaycsICckLnRva2VuJ10sXG4gICAgW1xuICAgICAgJ3NlbmQnLFxuICAgICAgJ1BPU1QnLFxuICAgICAgJy92MS9zZXNzaW9ucycsXG4gICAgICAnLS1zZXNzaW9uJyxcbiAgICAgICdub25lJyxcbiAgICAgICctLWJvZHktanNvbicsXG4gICAgICBKU09OLnN0cmluZ2lmeShzdGFuZGluLmNyZWRlbnRpYWxzKSxcbiAgICAgICctLWFzJyxcbiAgICAgICdkZXNrL2J5LWhhbmQnLFxuICAgIF0sXG4gICAgWydlY2hvJywgJ3Nob3cnXSxcbiAgXSkge1xuICAgIGNvbnN0IHsgb3V0LCBlcnIsIHN0YXR1cyB9ID0gYXdhaXQgZWNob1RyYWlsKGFyZ3MsIHsgY3dkIH0pO1xuICAgIGFzc2VydC5lcXVhbChzdGF0dXMsIDAsIGVycik7XG4gICAgdGV4dHMucHVzaChvdXQsIGVycik7XG4gIH1cbiAgZm9yIChjb25zdCB7IHBhdGgsIHRleHQgfSBvZiBldmVyeUZpbGUoY3dkKSkgaWYgKCFwYXRoLmVuZHNXaXRoKCdieS1oYW5kLnlhbWwnKSkgdGV4dHMucHVzaCh0ZXh0KTtcbiAgY29uc3QgYWxsID0gdGV4dHMuam9pbignXFxuJyk7XG4gIGFzc2VydC5vayghYWxsLmluY2x1ZGVzKHBhc3N3b3JkKSk7XG4gIGFzc2VydC5kb2VzTm90TWF0Y2goYWxsLCAvbGhfW1xcdy1dezIwfS8pO1xufSk7XG5cbnRlc3QoJ2Ega2VwdCB2YWx1ZSB0aGF0IGhvbGRzIGEgdG9rZW4gaXMgbm90IGhlbGQgaW4gdGhlIG9wZW4nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGF3YWl0IHJlYWR5Q29sbGVjdGlvbigpO1xuICB3cml0ZUluKFxuICAgIGN3ZCxcbiAgICAncmVxdWVzdHMvZGVzay93aG9sZS55YW1sJyxcbiAgICBgaW5wdXRzOiB7cGFzc3dvcmQ6IHtkZWZhdWx0OiBcIlxcJHtzZWNyZXQuZGVza1Bhc3N3b3JkfVwifX1cXG5tZXRob2Q6IFBPU1RcXG51cmw6IFxcJHtvcmlnaW59L3YxL3Nlc3Npb25zXFxuc2Vzc2lvbjogbm9uZVxcbmJvZHk6IHtqc29uOiB7dXNlcjogYWdlbnQsIHBhc3N3b3JkOiBcIlxcJHtwYXNzd29yZH1cIn19XFxua2VlcDoge2xvZ2luOiAkLCB1c2VyOiAkLnVzZXJ9XFxuYCxcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2Rlc2svd2hvbGUnXSwgeyBjd2QgfSkpLnN0YXR1cywgMCk7XG4gIGZvciAoY29uc3QgeyBwYXRoLCB0ZXh0IH0gb2YgZXZlcnlGaWxlKGN3ZCkpIGFzc2VydC5kb2VzTm90TWF0Y2godGV4dCwgL2xoX1tcXHctXXsyMH0vLCBwYXRoKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydlbnYnLCAnc2hvdyddLCB7IGN3ZCB9KSkub3V0LCAvdXNlciArXCJhZ2VudFwiICtoZWxkIGZyb20gZGVza1xcL3dob2xlLyk7XG59KTtcblxudGVzdCgnYSBrZXB0IHNlY3JldCBpcyBuZWl0aGVyIHNob3duLCBub3IgaGVsZCwgbm9yIHJlY29yZGVkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBhd2FpdCByZWFkeUNvbGxlY3Rpb24oKTtcbiAgd3JpdGVJbihcbiAgICBjd2QsXG4gICAgJ3JlcXVlc3RzL2Rlc2svdG9rZW4ueWFtbCcsXG4gICAgYGlucHV0czoge3Bhc3N3b3JkOiB7ZGVmYXVsdDogXCJcXCR7c2VjcmV0LmRlc2tQYXNzd29yZH1cIn19XFxubWV0aG9kOiBQT1NUXFxudXJsOiBcXCR7b3JpZ2lufS92MS9zZXNzaW9uc1xcbnNlc3Npb246IG5vbmVcXG5ib2R5OiB7anNvbjoge3VzZXI6IGFnZW50LCBwYXNzd29yZDogXCJcXCR7cGFzc3dvcmR9XCJ9fVxcbmtlZXA6IHt0b2tlbjoge2F0OiAkLnRva2VuLCBzZWNyZXQ6IHRydWV9fVxcbmAsXG4gICk7XG4gIGNvbnN0IHsgb3V0LCBlcnIsIHN0YXR1cyB9ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdkZXNrL3Rva2VuJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAwLCBlcnIpO1xuICBhc3NlcnQubWF0Y2goZXJyLCAva2VwdCArdG9rZW4gPSBcdTIwMzlzZWNyZXRcdTIwM0EvKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChvdXQgKyBlcnIsIC9saF9bXFx3LV17MjB9Lyk7XG4gIGZvciAoY29uc3QgeyBwYXRoLCB0ZXh0IH0gb2YgZXZlcnlGaWxlKGN3ZCkpIGFzc2VydC5vayghL2xoX1tcXHctXXsyMH0vLnRlc3QodGV4dCksIHBhdGgpO1xufSk7XG5cbnRlc3QoJ3NlY3JldHMgY29tZSBmcm9tIHRoZSBwcm9jZXNzIGVudmlyb25tZW50IGZpcnN0LCBhbmQgYnkgZW52aXJvbm1lbnQgYmVmb3JlIGFsbCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKCgpID0+IGFuc3dlck9mKCd7fScpKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHsgJ3JlcXVlc3RzL3gueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9cXG5oZWFkZXJzOiB7WC1LZXk6IFwiJHtzZWNyZXQuYXBpS2V5fVwifVxcbicgfSxcbiAgICBzZXJ2ZXIub3JpZ2luLFxuICApO1xuICBjb25zdCBtaXNzaW5nID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICd4J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwobWlzc2luZy5zdGF0dXMsIDQpO1xuICBhc3NlcnQubWF0Y2gobWlzc2luZy5lcnIsIC9zZWNyZXQgYXBpS2V5IGlzIG5vdCBzZXRbXFxzXFxTXSpzZWNyZXQgc2V0IGFwaUtleVtcXHNcXFNdKkVDSE9fVFJBSUxfU0VDUkVUX0FQSV9LRVkvKTtcbiAgYXdhaXQgZWNob1RyYWlsKFsnc2VjcmV0JywgJ3NldCcsICdhcGlLZXknXSwgeyBjd2QsIGlucHV0OiAnZm9yLWFsbC1lbnZpcm9ubWVudHMnIH0pO1xuICBhd2FpdCBlY2hvVHJhaWwoWydzZWNyZXQnLCAnc2V0JywgJ2FwaUtleScsICctLWVudicsICdzYW5kYm94J10sIHsgY3dkLCBpbnB1dDogJ2Zvci10aGUtc2FuZGJveCcgfSk7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAneCddLCB7IGN3ZCB9KTtcbiAgYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICd4J10sIHsgY3dkLCBlbnY6IHsgRUNIT19UUkFJTF9TRUNSRVRfQVBJX0tFWTogJ2Zyb20tdGhlLXByb2Nlc3MnIH0gfSk7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3NlY3JldCcsICdyZW1vdmUnLCAnYXBpS2V5JywgJy0tZW52JywgJ3NhbmRib3gnXSwgeyBjd2QgfSk7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAneCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBzZXJ2ZXIucmVjZWl2ZWQubWFwKCh0ZXh0KSA9PiAvWC1LZXk6ICguKilcXHIvLmV4ZWModGV4dCk/LlsxXSksXG4gICAgWydmb3ItdGhlLXNhbmRib3gnLCAnZnJvbS10aGUtcHJvY2VzcycsICdmb3ItYWxsLWVudmlyb25tZW50cyddLFxuICApO1xuICBjb25zdCB3YXJuZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZWNyZXQnLCAnc2V0JywgJ2FwaUtleSddLCB7IGN3ZCwgaW5wdXQ6ICdcInF1b3RlZFwiJyB9KTtcbiAgYXNzZXJ0Lm1hdGNoKHdhcm5lZC5lcnIsIC9iZWdpbnMgYW5kIGVuZHMgd2l0aCBxdW90ZXMvKTtcbiAgY29uc3QgbGlzdGVkID0gYXdhaXQgZWNob1RyYWlsKFsnc2VjcmV0JywgJ2xpc3QnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChsaXN0ZWQub3V0LCAnYXBpS2V5ICBhbGwgZW52aXJvbm1lbnRzXFxuJyk7XG4gIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xufSk7XG5cbnRlc3QoJ2Egc2VjcmV0IGdvZXMgdG8gbm8gaG9zdCB0aGF0IHRoZSBlbnZpcm9ubWVudCBkb2VzIG5vdCBsaXN0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKCkgPT4gYW5zd2VyT2YoJ3t9JykpO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoe1xuICAgICdlbnZpcm9ubWVudHMvc2FuZGJveC55YW1sJzogYGNoYW5nZXM6IGFsbG93XFxudmFyaWFibGVzOiB7b3JpZ2luOiBcImh0dHA6Ly9sb2NhbGhvc3Q6JHtzZXJ2ZXIucG9ydH1cIn1cXG5ob3N0czogW2FwaS5sYXJraGF2ZW4uZXhhbXBsZV1cXG5gLFxuICAgICdyZXF1ZXN0cy94LnlhbWwnOiAndXJsOiAke29yaWdpbn0vXFxuaGVhZGVyczoge1gtS2V5OiBcIiR7c2VjcmV0LmFwaUtleX1cIn1cXG4nLFxuICAgICdyZXF1ZXN0cy9vcGVuLnlhbWwnOiAndXJsOiAke29yaWdpbn0vXFxuJyxcbiAgICAnc2Vzc2lvbnMvcy55YW1sJzogJ2tpbmQ6IGJlYXJlclxcbnRva2VuOiAke3NlY3JldC5hcGlLZXl9XFxuJyxcbiAgfSk7XG4gIGNvbnN0IGVudiA9IHsgRUNIT19UUkFJTF9TRUNSRVRfQVBJX0tFWTogJ2d1bGwtYW5kLXRlcm4nIH07XG4gIGZvciAoY29uc3QgYXJncyBvZiBbXG4gICAgWydzZW5kJywgJ3gnXSxcbiAgICBbJ3NlbmQnLCAnb3BlbicsICctLXNlc3Npb24nLCAncyddLFxuICBdKSB7XG4gICAgY29uc3QgeyBzdGF0dXMsIGVyciB9ID0gYXdhaXQgZWNob1RyYWlsKGFyZ3MsIHsgY3dkLCBlbnYgfSk7XG4gICAgYXNzZXJ0LmVxdWFsKHN0YXR1cywgNCk7XG4gICAgYXNzZXJ0Lm1hdGNoKGVyciwgL3dvdWxkIGdvIHRvIGxvY2FsaG9zdCwgd2hpY2ggdGhlIGVudmlyb25tZW50IHNhbmRib3ggZG9lcyBub3QgbGlzdC8pO1xuICB9XG4gIGFzc2VydC5lcXVhbChzZXJ2ZXIucmVjZWl2ZWQubGVuZ3RoLCAwKTtcbiAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG59KTtcblxudGVzdCgnYmVhcmVyIHNlbmRzIGl0cyB0b2tlbjsgYSB0b2tlbiBwYXN0ZWQgd2l0aCBpdHMgcXVvdGVzIGlzIHJlZnVzZWQgYmVmb3JlIGl0IGlzIHNlbnQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoKSA9PiBhbnN3ZXJPZigne30nKSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMveC55YW1sJzogJ3VybDogJHtvcmlnaW59L1xcbnNlc3Npb246IHNcXG4nLFxuICAgICAgJ3Nlc3Npb25zL3MueWFtbCc6ICdraW5kOiBiZWFyZXJcXG50b2tlbjogJHtzZWNyZXQuYXBpS2V5fVxcbicsXG4gICAgfSxcbiAgICBzZXJ2ZXIub3JpZ2luLFxuICApO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAneCddLCB7IGN3ZCwgZW52OiB7IEVDSE9fVFJBSUxfU0VDUkVUX0FQSV9LRVk6ICd0aWRlJyB9IH0pKS5zdGF0dXMsIDApO1xuICBhc3NlcnQubWF0Y2goc2VydmVyLnJlY2VpdmVkWzBdID8/ICcnLCAvXFxyXFxuQXV0aG9yaXphdGlvbjogQmVhcmVyIHRpZGVcXHJcXG4vKTtcbiAgY29uc3QgcXVvdGVkID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICd4J10sIHsgY3dkLCBlbnY6IHsgRUNIT19UUkFJTF9TRUNSRVRfQVBJX0tFWTogJ1widGlkZVwiJyB9IH0pO1xuICBhc3NlcnQuZXF1YWwocXVvdGVkLnN0YXR1cywgNCk7XG4gIGFzc2VydC5tYXRjaChxdW90ZWQuZXJyLCAvcXVvdGVzLyk7XG4gIGFzc2VydC5lcXVhbChzZXJ2ZXIucmVjZWl2ZWQubGVuZ3RoLCAxKTtcbiAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG59KTtcblxudGVzdCgnYSBsb2dpbiB0aGF0IGlzIHJlZnVzZWQgaXMgZXhwbGFpbmVkOyBhIHRva2VuIHRoYXQgZW5kZWQgaXMgcmVuZXdlZCBvbmNlJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBkZW1vQ29sbGVjdGlvbihzdGFuZGluLm9yaWdpbik7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3NlY3JldCcsICdzZXQnLCAnZGVza1Bhc3N3b3JkJ10sIHsgY3dkLCBpbnB1dDogJ3dyb25nLXBhc3N3b3JkJyB9KTtcbiAgY29uc3QgcmVmdXNlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAndmVzc2Vscy9zaG93J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwocmVmdXNlZC5zdGF0dXMsIDQpO1xuICBhc3NlcnQubWF0Y2goXG4gICAgcmVmdXNlZC5lcnIsXG4gICAgL3Nlc3Npb24gYWdlbnQgd2FzIHJlZnVzZWQ6IGRlc2tcXC9sb2ctaW4gYW5zd2VyZWQgNDAxIFxcKE5vdCBsb2dnZWQgaW46IHRoZSB1c2VyIG9yIHRoZSBwYXNzd29yZCBpcyB3cm9uZ1xcKS8sXG4gICk7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3NlY3JldCcsICdzZXQnLCAnZGVza1Bhc3N3b3JkJ10sIHsgY3dkLCBpbnB1dDogcGFzc3dvcmQgfSk7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFsnc2Vzc2lvbicsICdvcGVuJywgJ2FnZW50J10sIHsgY3dkIH0pKS5zdGF0dXMsIDApO1xuICAvLyBMb2dnZWQgb3V0IGJlaGluZCB0aGUgdG9vbCdzIGJhY2suXG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdkZXNrL2xvZy1vdXQnXSwgeyBjd2QgfSkpLnN0YXR1cywgMCk7XG4gIGNvbnN0IHJlbmV3ZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3Zlc3NlbHMvc2hvdyddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHJlbmV3ZWQuc3RhdHVzLCAwLCByZW5ld2VkLmVycik7XG4gIGNvbnN0IGNsb3NlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3Nlc3Npb24nLCAnY2xvc2UnLCAnYWdlbnQnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5tYXRjaChjbG9zZWQuZXJyLCAvY2xvc2VkIGFnZW50Lyk7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgZWNob1RyYWlsKFsnc2Vzc2lvbicsICdsaXN0J10sIHsgY3dkIH0pKS5vdXQsIC9hZ2VudCArbG9naW4gK25vdCBvcGVuLyk7XG59KTtcblxudGVzdCgnYW4gZW52aXJvbm1lbnQgdGhhdCByZWZ1c2VzIGNoYW5nZXMgc2VuZHMgbm9uZTsgb25lIHRoYXQgYXNrcyB3YW50cyBhIHllcycsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKCgpID0+IGFuc3dlck9mKCd7fScpKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgICdyZXF1ZXN0cy9jdXQueWFtbCc6ICdtZXRob2Q6IERFTEVURVxcbnVybDogJHtvcmlnaW59L1xcbicsXG4gICAgICAncmVxdWVzdHMvYXNrLnlhbWwnOiAnbWV0aG9kOiBQT1NUXFxuY2hhbmdlczogZmFsc2VcXG51cmw6ICR7b3JpZ2lufS9cXG4nLFxuICAgIH0sXG4gICAgc2VydmVyLm9yaWdpbixcbiAgKTtcbiAgY29uc3QgZW52aXJvbm1lbnQgPSBqb2luKGN3ZCwgJ2Vudmlyb25tZW50cy9zYW5kYm94LnlhbWwnKTtcbiAgY29uc3QgdGV4dCA9IHJlYWRGaWxlU3luYyhlbnZpcm9ubWVudCwgJ3V0ZjgnKTtcbiAgd3JpdGVGaWxlU3luYyhlbnZpcm9ubWVudCwgdGV4dC5yZXBsYWNlKCdjaGFuZ2VzOiBhbGxvdycsICdjaGFuZ2VzOiByZWZ1c2UnKSk7XG4gIGNvbnN0IHJlZnVzZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2N1dCcsICctLWFsbG93LWNoYW5nZXMnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoW3JlZnVzZWQuc3RhdHVzLCBzZXJ2ZXIucmVjZWl2ZWQubGVuZ3RoXSwgWzQsIDBdKTtcbiAgYXNzZXJ0Lm1hdGNoKHJlZnVzZWQuZXJyLCAvc2FuZGJveCByZWZ1c2VzIGNhbGxzIHRoYXQgY2hhbmdlIHNvbWV0aGluZzogREVMRVRFLyk7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdhc2snXSwgeyBjd2QgfSkpLnN0YXR1cywgMCk7XG4gIHdyaXRlRmlsZVN5bmMoZW52aXJvbm1lbnQsIHRleHQucmVwbGFjZSgnY2hhbmdlczogYWxsb3cnLCAnY2hhbmdlczogYXNrJykpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFsoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdjdXQnXSwgeyBjd2QgfSkpLnN0YXR1cywgc2VydmVyLnJlY2VpdmVkLmxlbmd0aF0sIFs0LCAxXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgWyhhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2N1dCcsICctLWFsbG93LWNoYW5nZXMnXSwgeyBjd2QgfSkpLnN0YXR1cywgc2VydmVyLnJlY2VpdmVkLmxlbmd0aF0sXG4gICAgWzAsIDJdLFxuICApO1xuICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsY0FBYyxxQkFBcUI7QUFDNUMsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsWUFBWTtBQU1yQixJQUFNLFVBQVUsTUFBTSxtQkFBbUI7QUFDekMsSUFBTSxXQUFXLFFBQVEsWUFBWTtBQUVyQyxlQUFlLGtCQUFtQztBQUNoRCxRQUFNLE1BQU0sZUFBZSxRQUFRLE1BQU07QUFDekMsUUFBTSxVQUFVLENBQUMsVUFBVSxPQUFPLGNBQWMsR0FBRyxFQUFFLEtBQUssT0FBTyxTQUFTLENBQUM7QUFDM0UsU0FBTztBQUNUO0FBRUEsS0FBSyw0RUFBNEUsWUFBWTtBQUMzRixRQUFNLE1BQU0sTUFBTSxnQkFBZ0I7QUFDbEMsUUFBTSxVQUFvQixDQUFDO0FBQzNCLGFBQVcsUUFBUTtBQUFBLElBQ2pCLENBQUMsV0FBVyxZQUFZO0FBQUEsSUFDeEIsQ0FBQyxRQUFRLGVBQWUsU0FBUyxZQUFZLFFBQVEsRUFBRTtBQUFBLElBQ3ZELENBQUMsV0FBVyxRQUFRLE9BQU87QUFBQSxJQUMzQixDQUFDLFdBQVcsY0FBYyxRQUFRO0FBQUEsSUFDbEMsQ0FBQyxRQUFRLGdCQUFnQixVQUFVLFNBQVM7QUFBQSxJQUM1QyxDQUFDLFFBQVEsZ0JBQWdCLFFBQVE7QUFBQSxJQUNqQyxDQUFDLFFBQVEsT0FBTyxlQUFlLGFBQWEsU0FBUyxTQUFTO0FBQUEsSUFDOUQsQ0FBQyxXQUFXLFFBQVEsU0FBUyxRQUFRO0FBQUEsSUFDckMsQ0FBQyxXQUFXLE1BQU07QUFBQSxJQUNsQixDQUFDLFVBQVUsUUFBUSxRQUFRO0FBQUEsSUFDM0IsQ0FBQyxPQUFPLE1BQU07QUFBQSxJQUNkLENBQUMsUUFBUSxNQUFNO0FBQUEsSUFDZixDQUFDLFFBQVEsUUFBUSxNQUFNO0FBQUEsSUFDdkIsQ0FBQyxPQUFPLFlBQVk7QUFBQSxJQUNwQixDQUFDLE9BQU8sY0FBYyxRQUFRO0FBQUEsSUFDOUIsQ0FBQyxRQUFRLFFBQVEsUUFBUTtBQUFBLElBQ3pCLENBQUMsT0FBTztBQUFBLEVBQ1YsR0FBRztBQUNELFVBQU0sRUFBRSxLQUFLLElBQUksSUFBSSxNQUFNLFVBQVUsTUFBTSxFQUFFLElBQUksQ0FBQztBQUNsRCxZQUFRLEtBQUssS0FBSyxHQUFHO0FBQUEsRUFDdkI7QUFDQSxRQUFNLE9BQU8sUUFBUSxLQUFLLElBQUk7QUFDOUIsU0FBTyxHQUFHLENBQUMsS0FBSyxTQUFTLFFBQVEsQ0FBQztBQUNsQyxTQUFPLGFBQWEsTUFBTSxjQUFjO0FBQ3hDLFNBQU8sTUFBTSxNQUFNLFVBQVU7QUFDN0IsYUFBVyxFQUFFLE1BQU0sTUFBTSxNQUFNLEtBQUssQ0FBQyxHQUFHLFVBQVUsR0FBRyxHQUFHLEdBQUcsVUFBVSxVQUFVLENBQUMsR0FBRztBQUNqRixXQUFPLEdBQUcsQ0FBQyxNQUFNLFNBQVMsUUFBUSxHQUFHLElBQUk7QUFDekMsV0FBTyxhQUFhLE9BQU8sZ0JBQWdCLElBQUk7QUFBQSxFQUNqRDtBQUNGLENBQUM7QUFFRCxLQUFLLHNGQUFzRixZQUFZO0FBQ3JHLFFBQU0sTUFBTSxlQUFlLFFBQVEsTUFBTTtBQUN6QyxRQUFNLFFBQWtCLENBQUM7QUFDekIsUUFBTSxRQUFRLENBQUMsU0FBUyxjQUFjLFNBQVMsWUFBWSxRQUFRLEVBQUU7QUFDckUsYUFBVyxRQUFRO0FBQUEsSUFDakIsQ0FBQyxXQUFXLGVBQWUsR0FBRyxLQUFLO0FBQUEsSUFDbkMsQ0FBQyxXQUFXLGVBQWUsR0FBRyxPQUFPLFFBQVE7QUFBQSxJQUM3QyxDQUFDLFFBQVEsZUFBZSxHQUFHLEtBQUs7QUFBQSxJQUNoQyxDQUFDLFFBQVEsZUFBZSxHQUFHLE9BQU8sUUFBUTtBQUFBLElBQzFDLENBQUMsUUFBUSxlQUFlLEdBQUcsT0FBTyxVQUFVLFNBQVM7QUFBQSxJQUNyRDtBQUFBLE1BQ0U7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0EsS0FBSyxVQUFVLFFBQVEsV0FBVztBQUFBLE1BQ2xDO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFBQSxJQUNBLENBQUMsUUFBUSxNQUFNO0FBQUEsRUFDakIsR0FBRztBQUNELFVBQU0sRUFBRSxLQUFLLEtBQUssT0FBTyxJQUFJLE1BQU0sVUFBVSxNQUFNLEVBQUUsSUFBSSxDQUFDO0FBQzFELFdBQU8sTUFBTSxRQUFRLEdBQUcsR0FBRztBQUMzQixVQUFNLEtBQUssS0FBSyxHQUFHO0FBQUEsRUFDckI7QUFDQSxhQUFXLEVBQUUsTUFBTSxLQUFLLEtBQUssVUFBVSxHQUFHLEVBQUcsS0FBSSxDQUFDLEtBQUssU0FBUyxjQUFjLEVBQUcsT0FBTSxLQUFLLElBQUk7QUFDaEcsUUFBTSxNQUFNLE1BQU0sS0FBSyxJQUFJO0FBQzNCLFNBQU8sR0FBRyxDQUFDLElBQUksU0FBUyxRQUFRLENBQUM7QUFDakMsU0FBTyxhQUFhLEtBQUssY0FBYztBQUN6QyxDQUFDO0FBRUQsS0FBSywyREFBMkQsWUFBWTtBQUMxRSxRQUFNLE1BQU0sTUFBTSxnQkFBZ0I7QUFDbEM7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQSxFQUNGO0FBQ0EsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsWUFBWSxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsUUFBUSxDQUFDO0FBQ3pFLGFBQVcsRUFBRSxNQUFNLEtBQUssS0FBSyxVQUFVLEdBQUcsRUFBRyxRQUFPLGFBQWEsTUFBTSxnQkFBZ0IsSUFBSTtBQUMzRixTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxLQUFLLHNDQUFzQztBQUN0RyxDQUFDO0FBRUQsS0FBSywwREFBMEQsWUFBWTtBQUN6RSxRQUFNLE1BQU0sTUFBTSxnQkFBZ0I7QUFDbEM7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQSxFQUNGO0FBQ0EsUUFBTSxFQUFFLEtBQUssS0FBSyxPQUFPLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxZQUFZLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDNUUsU0FBTyxNQUFNLFFBQVEsR0FBRyxHQUFHO0FBQzNCLFNBQU8sTUFBTSxLQUFLLHdCQUF3QjtBQUMxQyxTQUFPLGFBQWEsTUFBTSxLQUFLLGNBQWM7QUFDN0MsYUFBVyxFQUFFLE1BQU0sS0FBSyxLQUFLLFVBQVUsR0FBRyxFQUFHLFFBQU8sR0FBRyxDQUFDLGVBQWUsS0FBSyxJQUFJLEdBQUcsSUFBSTtBQUN6RixDQUFDO0FBRUQsS0FBSyxrRkFBa0YsWUFBWTtBQUNqRyxRQUFNLFNBQVMsTUFBTSxVQUFVLE1BQU0sU0FBUyxJQUFJLENBQUM7QUFDbkQsUUFBTSxNQUFNO0FBQUEsSUFDVixFQUFFLG1CQUFtQiwwREFBMEQ7QUFBQSxJQUMvRSxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxRQUFRLEdBQUcsR0FBRyxFQUFFLElBQUksQ0FBQztBQUN0RCxTQUFPLE1BQU0sUUFBUSxRQUFRLENBQUM7QUFDOUIsU0FBTyxNQUFNLFFBQVEsS0FBSyxrRkFBa0Y7QUFDNUcsUUFBTSxVQUFVLENBQUMsVUFBVSxPQUFPLFFBQVEsR0FBRyxFQUFFLEtBQUssT0FBTyx1QkFBdUIsQ0FBQztBQUNuRixRQUFNLFVBQVUsQ0FBQyxVQUFVLE9BQU8sVUFBVSxTQUFTLFNBQVMsR0FBRyxFQUFFLEtBQUssT0FBTyxrQkFBa0IsQ0FBQztBQUNsRyxRQUFNLFVBQVUsQ0FBQyxRQUFRLEdBQUcsR0FBRyxFQUFFLElBQUksQ0FBQztBQUN0QyxRQUFNLFVBQVUsQ0FBQyxRQUFRLEdBQUcsR0FBRyxFQUFFLEtBQUssS0FBSyxFQUFFLDJCQUEyQixtQkFBbUIsRUFBRSxDQUFDO0FBQzlGLFFBQU0sVUFBVSxDQUFDLFVBQVUsVUFBVSxVQUFVLFNBQVMsU0FBUyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzNFLFFBQU0sVUFBVSxDQUFDLFFBQVEsR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3RDLFNBQU87QUFBQSxJQUNMLE9BQU8sU0FBUyxJQUFJLENBQUMsU0FBUyxnQkFBZ0IsS0FBSyxJQUFJLElBQUksQ0FBQyxDQUFDO0FBQUEsSUFDN0QsQ0FBQyxtQkFBbUIsb0JBQW9CLHNCQUFzQjtBQUFBLEVBQ2hFO0FBQ0EsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFVBQVUsT0FBTyxRQUFRLEdBQUcsRUFBRSxLQUFLLE9BQU8sV0FBVyxDQUFDO0FBQ3RGLFNBQU8sTUFBTSxPQUFPLEtBQUssNkJBQTZCO0FBQ3RELFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxVQUFVLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQztBQUMxRCxTQUFPLE1BQU0sT0FBTyxLQUFLLDRCQUE0QjtBQUNyRCxRQUFNLE9BQU8sTUFBTTtBQUNyQixDQUFDO0FBRUQsS0FBSywrREFBK0QsWUFBWTtBQUM5RSxRQUFNLFNBQVMsTUFBTSxVQUFVLE1BQU0sU0FBUyxJQUFJLENBQUM7QUFDbkQsUUFBTSxNQUFNLGFBQWE7QUFBQSxJQUN2Qiw2QkFBNkI7QUFBQSx3Q0FBeUQsT0FBTyxJQUFJO0FBQUE7QUFBQTtBQUFBLElBQ2pHLG1CQUFtQjtBQUFBLElBQ25CLHNCQUFzQjtBQUFBLElBQ3RCLG1CQUFtQjtBQUFBLEVBQ3JCLENBQUM7QUFDRCxRQUFNLE1BQU0sRUFBRSwyQkFBMkIsZ0JBQWdCO0FBQ3pELGFBQVcsUUFBUTtBQUFBLElBQ2pCLENBQUMsUUFBUSxHQUFHO0FBQUEsSUFDWixDQUFDLFFBQVEsUUFBUSxhQUFhLEdBQUc7QUFBQSxFQUNuQyxHQUFHO0FBQ0QsVUFBTSxFQUFFLFFBQVEsSUFBSSxJQUFJLE1BQU0sVUFBVSxNQUFNLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDMUQsV0FBTyxNQUFNLFFBQVEsQ0FBQztBQUN0QixXQUFPLE1BQU0sS0FBSyxvRUFBb0U7QUFBQSxFQUN4RjtBQUNBLFNBQU8sTUFBTSxPQUFPLFNBQVMsUUFBUSxDQUFDO0FBQ3RDLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLHVGQUF1RixZQUFZO0FBQ3RHLFFBQU0sU0FBUyxNQUFNLFVBQVUsTUFBTSxTQUFTLElBQUksQ0FBQztBQUNuRCxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxtQkFBbUI7QUFBQSxNQUNuQixtQkFBbUI7QUFBQSxJQUNyQjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxHQUFHLEdBQUcsRUFBRSxLQUFLLEtBQUssRUFBRSwyQkFBMkIsT0FBTyxFQUFFLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDNUcsU0FBTyxNQUFNLE9BQU8sU0FBUyxDQUFDLEtBQUssSUFBSSxvQ0FBb0M7QUFDM0UsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFFBQVEsR0FBRyxHQUFHLEVBQUUsS0FBSyxLQUFLLEVBQUUsMkJBQTJCLFNBQVMsRUFBRSxDQUFDO0FBQ25HLFNBQU8sTUFBTSxPQUFPLFFBQVEsQ0FBQztBQUM3QixTQUFPLE1BQU0sT0FBTyxLQUFLLFFBQVE7QUFDakMsU0FBTyxNQUFNLE9BQU8sU0FBUyxRQUFRLENBQUM7QUFDdEMsUUFBTSxPQUFPLE1BQU07QUFDckIsQ0FBQztBQUVELEtBQUssNEVBQTRFLFlBQVk7QUFDM0YsUUFBTSxNQUFNLGVBQWUsUUFBUSxNQUFNO0FBQ3pDLFFBQU0sVUFBVSxDQUFDLFVBQVUsT0FBTyxjQUFjLEdBQUcsRUFBRSxLQUFLLE9BQU8saUJBQWlCLENBQUM7QUFDbkYsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLFFBQVEsY0FBYyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2pFLFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPO0FBQUEsSUFDTCxRQUFRO0FBQUEsSUFDUjtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFVBQVUsQ0FBQyxVQUFVLE9BQU8sY0FBYyxHQUFHLEVBQUUsS0FBSyxPQUFPLFNBQVMsQ0FBQztBQUMzRSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsV0FBVyxRQUFRLE9BQU8sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLFFBQVEsQ0FBQztBQUUvRSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxjQUFjLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDM0UsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLFFBQVEsY0FBYyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2pFLFNBQU8sTUFBTSxRQUFRLFFBQVEsR0FBRyxRQUFRLEdBQUc7QUFDM0MsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFdBQVcsU0FBUyxPQUFPLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDckUsU0FBTyxNQUFNLE9BQU8sS0FBSyxjQUFjO0FBQ3ZDLFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxXQUFXLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUssd0JBQXdCO0FBQzVGLENBQUM7QUFFRCxLQUFLLDZFQUE2RSxZQUFZO0FBQzVGLFFBQU0sU0FBUyxNQUFNLFVBQVUsTUFBTSxTQUFTLElBQUksQ0FBQztBQUNuRCxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxxQkFBcUI7QUFBQSxNQUNyQixxQkFBcUI7QUFBQSxJQUN2QjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLGNBQWMsS0FBSyxLQUFLLDJCQUEyQjtBQUN6RCxRQUFNLE9BQU8sYUFBYSxhQUFhLE1BQU07QUFDN0MsZ0JBQWMsYUFBYSxLQUFLLFFBQVEsa0JBQWtCLGlCQUFpQixDQUFDO0FBQzVFLFFBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8saUJBQWlCLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDM0UsU0FBTyxVQUFVLENBQUMsUUFBUSxRQUFRLE9BQU8sU0FBUyxNQUFNLEdBQUcsQ0FBQyxHQUFHLENBQUMsQ0FBQztBQUNqRSxTQUFPLE1BQU0sUUFBUSxLQUFLLHFEQUFxRDtBQUMvRSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxLQUFLLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDbEUsZ0JBQWMsYUFBYSxLQUFLLFFBQVEsa0JBQWtCLGNBQWMsQ0FBQztBQUN6RSxTQUFPLFVBQVUsRUFBRSxNQUFNLFVBQVUsQ0FBQyxRQUFRLEtBQUssR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLFFBQVEsT0FBTyxTQUFTLE1BQU0sR0FBRyxDQUFDLEdBQUcsQ0FBQyxDQUFDO0FBQ3JHLFNBQU87QUFBQSxJQUNMLEVBQUUsTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLGlCQUFpQixHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsUUFBUSxPQUFPLFNBQVMsTUFBTTtBQUFBLElBQzlGLENBQUMsR0FBRyxDQUFDO0FBQUEsRUFDUDtBQUNBLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
