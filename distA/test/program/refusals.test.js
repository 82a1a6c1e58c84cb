import {
  harbourForThisFile
} from "../parts/chunk-XS4PZGFO.js";
import {
  passSecret
} from "../parts/chunk-7VNSEZX4.js";
import "../parts/chunk-DQ7YWKYH.js";
import "../parts/chunk-PT2BEWRF.js";
import "../parts/chunk-V5NERUUT.js";
import "../parts/chunk-T4I6LV4Y.js";
import "../parts/chunk-Y4XV6NBT.js";
import {
  collectionOf,
  document,
  echoTrail
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/refusals.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var { origin } = await harbourForThisFile();
var env = { ECHO_TRAIL_SECRET_PASS: passSecret, ECHO_TRAIL_SECRET_WORD: "a-word-of-the-desk" };
var oauth = (more) => `kind: oauth2
grant: client_credentials
issuer: \${origin}/passes
client: {id: harbour desk, secret: "\${secret.pass}"}
${more}`;
var sessions = {
  "sessions/bearer.yaml": "kind: bearer\ntoken: ${secret.word}\n",
  "sessions/basic.yaml": "kind: basic\nuser: agent\npassword: ${secret.word}\n",
  "sessions/key.yaml": "kind: api-key\nkey: ${secret.word}\nquery: key\n",
  "sessions/pilots.yaml": oauth("scope: pilots\n")
};
var refusals = [
  ["none", "/passes/quay", [/refused the server does not know who calls/, /no proof was sent: --session NAME/]],
  [
    "bearer",
    "/passes/quay",
    [
      /sent {4}session bearer \(bearer\): Authorization, made from secret word/,
      /said {4}Bearer realm="quay", error="invalid_token"/,
      /try +is the secret right and still good\? echo-trail secret set word/
    ]
  ],
  ["basic", "/passes/quay", [/the server wants bearer, and the session speaks basic/]],
  [
    "pilots",
    "/passes/quay",
    [/the server does not allow this to whoever calls so/, /insufficient_scope/, /the token lacks a scope/]
  ],
  ["key", "/vault/key", [/session key \(api-key\): the parameter key, made from secret word/, /ask the vendor which/]],
  ["basic", "/vault/basic", [/Basic realm="chart vault"/, /is the secret right/]]
];
for (const [session, path, says] of refusals) {
  test(`${path} with the session ${session} is refused with what was sent, what was said, and what to try`, async () => {
    const cwd = collectionOf(sessions, origin);
    const { status, err, out } = await echoTrail(["send", "GET", path, "--session", session], { cwd, env });
    assert.equal(status, 1, err);
    for (const one of says) assert.match(err, one);
    assert.doesNotMatch(err + out, /of-the-desk|ebb/);
  });
}
test("a refusal is in the document, too, and an expected one is no trouble", async () => {
  const cwd = collectionOf(
    { ...sessions, "requests/shut.yaml": "url: ${origin}/passes/quay\nexpect: {status: 401}\n" },
    origin
  );
  const { refusal } = document(
    await echoTrail(["send", "GET", "/passes/quay", "--session", "bearer", "--json"], { cwd, env })
  );
  assert.equal(refusal.kind, "refused");
  assert.deepEqual(refusal.sent, ["session bearer (bearer): Authorization, made from secret word"]);
  const shut = await echoTrail(["send", "shut"], { cwd, env });
  assert.equal(shut.status, 0);
  assert.doesNotMatch(shut.err, /refused/);
});
for (const [shift, says] of [
  [5 * 6e4, /clock {3}the server's clock is 5 min ahead of this one/],
  [-90 * 6e4, /clock {3}the server's clock is 90 min behind this one/],
  [1e4, void 0]
]) {
  test(`a server's clock that is ${shift / 1e3} s off ${says ? "is told" : "is near enough"}`, async () => {
    const server = await rawServer(
      () => answerOf("{}", { status: "401 Unauthorized", headers: [`date: ${new Date(Date.now() + shift).toUTCString()}`] })
    );
    const cwd = collectionOf(sessions, server.origin);
    const { err } = await echoTrail(["send", "GET", "/", "--session", "bearer"], { cwd, env });
    if (says) assert.match(err, says);
    else assert.doesNotMatch(err, /clock/);
    await server.close();
  });
}
var documented = JSON.stringify({
  openapi: "3.1.0",
  info: { title: "Lights" },
  paths: { "/lights": { get: { operationId: "look", responses: {} }, post: { operationId: "put", responses: {} } } }
});
var changing = {
  "echo-trail.yaml": "name: t\nenvironment: sandbox\ndocs: {lights: {file: docs/lights.json}}\n",
  "docs/lights.json": documented,
  "requests/read.yaml": 'method: POST\nurl: ${origin}/graphql\nbody: {graphql: {document: "{ __typename }"}}\n',
  "requests/write.yaml": 'method: POST\nurl: ${origin}/graphql\nbody: {graphql: {document: "mutation { assignPilot { id } }"}}\n',
  "requests/several.yaml": "method: POST\nurl: ${origin}/graphql\nbody: {graphql: {document: bodies/several.graphql, operation: Look}}\n",
  "bodies/several.graphql": "query Look { __typename }\nmutation Do { assignPilot { id } }\n",
  "requests/get.yaml": "url: ${origin}/mirror\n",
  "requests/says.yaml": "url: ${origin}/mirror\nchanges: true\n",
  "requests/harmless.yaml": "method: POST\nurl: ${origin}/mirror\nchanges: false\n",
  "requests/documented.yaml": "operation: lights/put\nmethod: POST\nurl: ${origin}/lights\n"
};
for (const [request, refused] of [
  ["read", false],
  ["write", true],
  ["several", false],
  ["get", false],
  ["says", true],
  ["harmless", false],
  ["documented", true]
]) {
  for (const mode of ["refuse", "ask"]) {
    test(`changes: ${mode} ${refused ? "keeps" : "lets"} the request ${request} ${refused ? "from leaving" : "leave"}`, async () => {
      const cwd = collectionOf(
        {
          ...changing,
          "environments/sandbox.yaml": `changes: ${mode}
variables: {origin: "${origin}"}
hosts: [127.0.0.1]
`
        },
        origin
      );
      const ended = await echoTrail(["send", request], { cwd });
      if (!refused) return assert.notEqual(ended.status, 4, ended.err);
      assert.equal(ended.status, 4, ended.err);
      assert.match(ended.err, mode === "refuse" ? /refuses calls that change something/ : /nobody said yes/);
      assert.equal((await echoTrail(["echo", "list", "--json"], { cwd })).out.trim(), '{"echoes":[]}');
      if (mode === "ask") assert.notEqual((await echoTrail(["send", request, "--allow-changes"], { cwd })).status, 4);
    });
  }
}
test("--reveal shows on purpose what is hidden everywhere else", async () => {
  const cwd = collectionOf(
    {
      ...sessions,
      "requests/all.yaml": 'method: POST\nurl: ${origin}/mirror\nquery: {a: "${secret.word}"}\nsession: basic\nbody: {json: {password: "${secret.word}"}}\n'
    },
    origin
  );
  const basic = Buffer.from("agent:a-word-of-the-desk").toString("base64");
  const hidden = await echoTrail(["preview", "all"], { cwd, env });
  assert.ok(!`${hidden.out}${hidden.err}`.includes("of-the-desk") && !hidden.out.includes(basic));
  const shown = await echoTrail(["preview", "all", "--reveal"], { cwd, env });
  assert.match(shown.out, /\?a=a-word-of-the-desk[\s\S]*"password": ?"a-word-of-the-desk"/);
  assert.ok(shown.out.includes(`Basic ${basic}`));
  assert.match(shown.err, /warning {2}secrets are shown/);
  await echoTrail(["session", "open", "pilots"], { cwd, env });
  const token = await echoTrail(["session", "show", "pilots", "--reveal"], { cwd, env });
  assert.match(token.out, /^eyJ[\w-]+\.[\w-]+\.[\w-]+\n$/);
  const none = await echoTrail(["session", "show", "basic", "--reveal"], { cwd, env });
  assert.equal(none.status, 4);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3JlZnVzYWxzLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBOb3QgbGV0IGluOiB3aGF0IHdhcyBzZW50LCB3aGF0IHRoZSBzZXJ2ZXIgc2F5cywgYW5kIHdoYXQgdG8gdHJ5OyBhbmQgY2hhbmdlcyB0aGF0IG5vYm9keSBtYXkgbWFrZS4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgcGFzc1NlY3JldCB9IGZyb20gJy4uLy4uL3NyYy9zdGFuZGluL3Bhc3Nlcy9jbGllbnRzLmpzJztcbmltcG9ydCB7IGNvbGxlY3Rpb25PZiB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGRvY3VtZW50LCBlY2hvVHJhaWwgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuaW1wb3J0IHsgYW5zd2VyT2YsIHJhd1NlcnZlciB9IGZyb20gJy4uL3N1cHBvcnQvcmF3LXNlcnZlci5qcyc7XG5pbXBvcnQgeyBoYXJib3VyRm9yVGhpc0ZpbGUgfSBmcm9tICcuLi9zdXBwb3J0L3N0YW5kaW4uanMnO1xuXG5jb25zdCB7IG9yaWdpbiB9ID0gYXdhaXQgaGFyYm91ckZvclRoaXNGaWxlKCk7XG5jb25zdCBlbnYgPSB7IEVDSE9fVFJBSUxfU0VDUkVUX1BBU1M6IHBhc3NTZWNyZXQsIEVDSE9fVFJBSUxfU0VDUkVUX1dPUkQ6ICdhLXdvcmQtb2YtdGhlLWRlc2snIH07XG5jb25zdCBvYXV0aCA9IChtb3JlOiBzdHJpbmcpOiBzdHJpbmcgPT5cbiAgYGtpbmQ6IG9hdXRoMlxcbmdyYW50OiBjbGllbnRfY3JlZGVudGlhbHNcXG5pc3N1ZXI6IFxcJHtvcmlnaW59L3Bhc3Nlc1xcbmNsaWVudDoge2lkOiBoYXJib3VyIGRlc2ssIHNlY3JldDogXCJcXCR7c2VjcmV0LnBhc3N9XCJ9XFxuJHttb3JlfWA7XG5jb25zdCBzZXNzaW9ucyA9IHtcbiAgJ3Nlc3Npb25zL2JlYXJlci55YW1sJzogJ2tpbmQ6IGJlYXJlclxcbnRva2VuOiAke3NlY3JldC53b3JkfVxcbicsXG4gICdzZXNzaW9ucy9iYXNpYy55YW1sJzogJ2tpbmQ6IGJhc2ljXFxudXNlcjogYWdlbnRcXG5wYXNzd29yZDogJHtzZWNyZXQud29yZH1cXG4nLFxuICAnc2Vzc2lvbnMva2V5LnlhbWwnOiAna2luZDogYXBpLWtleVxcbmtleTogJHtzZWNyZXQud29yZH1cXG5xdWVyeToga2V5XFxuJyxcbiAgJ3Nlc3Npb25zL3BpbG90cy55YW1sJzogb2F1dGgoJ3Njb3BlOiBwaWxvdHNcXG4nKSxcbn07XG5cbmNvbnN0IHJlZnVzYWxzOiByZWFkb25seSAocmVhZG9ubHkgW3Nlc3Npb246IHN0cmluZywgcGF0aDogc3RyaW5nLCBzYXlzOiByZWFkb25seSBSZWdFeHBbXV0pW10gPSBbXG4gIFsnbm9uZScsICcvcGFzc2VzL3F1YXknLCBbL3JlZnVzZWQgdGhlIHNlcnZlciBkb2VzIG5vdCBrbm93IHdobyBjYWxscy8sIC9ubyBwcm9vZiB3YXMgc2VudDogLS1zZXNzaW9uIE5BTUUvXV0sXG4gIFtcbiAgICAnYmVhcmVyJyxcbiAgICAnL3Bhc3Nlcy9xdWF5JyxcbiAgICBbXG4gICAgICAvc2VudCB7NH1zZXNzaW9uIGJlYXJlciBcXChiZWFyZXJcXCk6IEF1dGhvcml6YXRpb24sIG1hZGUgZnJvbSBzZWNyZXQgd29yZC8sXG4gICAgICAvc2FpZCB7NH1CZWFyZXIgcmVhbG09XCJxdWF5XCIsIGVycm9yPVwiaW52YWxpZF90b2tlblwiLyxcbiAgICAgIC90cnkgK2lzIHRoZSBzZWNyZXQgcmlnaHQgYW5kIHN0aWxsIGdvb2RcXD8gZWNoby10cmFpbCBzZWNyZXQgc2V0IHdvcmQvLFxuICAgIF0sXG4gIF0sXG4gIFsnYmFzaWMnLCAnL3Bhc3Nlcy9xdWF5JywgWy90aGUgc2VydmVyIHdhbnRzIGJlYXJlciwgYW5kIHRoZSBzZXNzaW9uIHNwZWFrcyBiYXNpYy9dXSxcbiAgW1xuICAgICdwaWxvdHMnLFxuICAgICcvcGFzc2VzL3F1YXknLFxuICAgIFsvdGhlIHNlcnZlciBkb2VzIG5vdCBhbGxvdyB0aGlzIHRvIHdob2V2ZXIgY2FsbHMgc28vLCAvaW5zdWZmaWNpZW50X3Njb3BlLywgL3RoZSB0b2tlbiBsYWNrcyBhIHNjb3BlL10sXG4gIF0sXG4gIFsna2V5JywgJy92YXVsdC9rZXknLCBbL3Nlc3Npb24ga2V5IFxcKGFwaS1rZXlcXCk6IHRoZSBwYXJhbWV0ZXIga2V5LCBtYWRlIGZyb20gc2VjcmV0IHdvcmQvLCAvYXNrIHRoZSB2ZW5kb3Igd2hpY2gvXV0sXG4gIFsnYmFzaWMnLCAnL3ZhdWx0L2Jhc2ljJywgWy9CYXNpYyByZWFsbT1cImNoYXJ0IHZhdWx0XCIvLCAvaXMgdGhlIHNlY3JldCByaWdodC9dXSxcbl07XG5mb3IgKGNvbnN0IFtzZXNzaW9uLCBwYXRoLCBzYXlzXSBvZiByZWZ1c2Fscykge1xuICB0ZXN0KGAke3BhdGh9IHdpdGggdGhlIHNlc3Npb24gJHtzZXNzaW9ufSBpcyByZWZ1c2VkIHdpdGggd2hhdCB3YXMgc2VudCwgd2hhdCB3YXMgc2FpZCwgYW5kIHdoYXQgdG8gdHJ5YCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihzZXNzaW9ucywgb3JpZ2luKTtcbiAgICBjb25zdCB7IHN0YXR1cywgZXJyLCBvdXQgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgcGF0aCwgJy0tc2Vzc2lvbicsIHNlc3Npb25dLCB7IGN3ZCwgZW52IH0pO1xuICAgIGFzc2VydC5lcXVhbChzdGF0dXMsIDEsIGVycik7XG4gICAgZm9yIChjb25zdCBvbmUgb2Ygc2F5cykgYXNzZXJ0Lm1hdGNoKGVyciwgb25lKTtcbiAgICBhc3NlcnQuZG9lc05vdE1hdGNoKGVyciArIG91dCwgL29mLXRoZS1kZXNrfGViYi8pO1xuICB9KTtcbn1cblxudGVzdCgnYSByZWZ1c2FsIGlzIGluIHRoZSBkb2N1bWVudCwgdG9vLCBhbmQgYW4gZXhwZWN0ZWQgb25lIGlzIG5vIHRyb3VibGUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7IC4uLnNlc3Npb25zLCAncmVxdWVzdHMvc2h1dC55YW1sJzogJ3VybDogJHtvcmlnaW59L3Bhc3Nlcy9xdWF5XFxuZXhwZWN0OiB7c3RhdHVzOiA0MDF9XFxuJyB9LFxuICAgIG9yaWdpbixcbiAgKTtcbiAgY29uc3QgeyByZWZ1c2FsIH0gPSBkb2N1bWVudDx7IHJlZnVzYWw6IHsga2luZDogc3RyaW5nOyBzZW50OiBzdHJpbmdbXTsgcmVtZWRpZXM6IHN0cmluZ1tdIH0gfT4oXG4gICAgYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL3Bhc3Nlcy9xdWF5JywgJy0tc2Vzc2lvbicsICdiZWFyZXInLCAnLS1qc29uJ10sIHsgY3dkLCBlbnYgfSksXG4gICk7XG4gIGFzc2VydC5lcXVhbChyZWZ1c2FsLmtpbmQsICdyZWZ1c2VkJyk7XG4gIGFzc2VydC5kZWVwRXF1YWwocmVmdXNhbC5zZW50LCBbJ3Nlc3Npb24gYmVhcmVyIChiZWFyZXIpOiBBdXRob3JpemF0aW9uLCBtYWRlIGZyb20gc2VjcmV0IHdvcmQnXSk7XG4gIGNvbnN0IHNodXQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3NodXQnXSwgeyBjd2QsIGVudiB9KTtcbiAgYXNzZXJ0LmVxdWFsKHNodXQuc3RhdHVzLCAwKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChzaHV0LmVyciwgL3JlZnVzZWQvKTtcbn0pO1xuXG5mb3IgKGNvbnN0IFtzaGlmdCwgc2F5c10gb2YgW1xuICBbNSAqIDYwXzAwMCwgL2Nsb2NrIHszfXRoZSBzZXJ2ZXIncyBjbG9jayBpcyA1IG1pbiBhaGVhZCBvZiB0aGlzIG9uZS9dLFxuICBbLTkwICogNjBfMDAwLCAvY2xvY2sgezN9dGhlIHNlcnZlcidzIGNsb2NrIGlzIDkwIG1pbiBiZWhpbmQgdGhpcyBvbmUvXSxcbiAgWzEwXzAwMCwgdW5kZWZpbmVkXSxcbl0gYXMgY29uc3QpIHtcbiAgdGVzdChgYSBzZXJ2ZXIncyBjbG9jayB0aGF0IGlzICR7c2hpZnQgLyAxMDAwfSBzIG9mZiAke3NheXMgPyAnaXMgdG9sZCcgOiAnaXMgbmVhciBlbm91Z2gnfWAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKCkgPT5cbiAgICAgIGFuc3dlck9mKCd7fScsIHsgc3RhdHVzOiAnNDAxIFVuYXV0aG9yaXplZCcsIGhlYWRlcnM6IFtgZGF0ZTogJHtuZXcgRGF0ZShEYXRlLm5vdygpICsgc2hpZnQpLnRvVVRDU3RyaW5nKCl9YF0gfSksXG4gICAgKTtcbiAgICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoc2Vzc2lvbnMsIHNlcnZlci5vcmlnaW4pO1xuICAgIGNvbnN0IHsgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvJywgJy0tc2Vzc2lvbicsICdiZWFyZXInXSwgeyBjd2QsIGVudiB9KTtcbiAgICBpZiAoc2F5cykgYXNzZXJ0Lm1hdGNoKGVyciwgc2F5cyk7XG4gICAgZWxzZSBhc3NlcnQuZG9lc05vdE1hdGNoKGVyciwgL2Nsb2NrLyk7XG4gICAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG4gIH0pO1xufVxuXG5jb25zdCBkb2N1bWVudGVkID0gSlNPTi5zdHJpbmdpZnkoe1xuICBvcGVuYXBpOiAnMy4xLjAnLFxuICBpbmZvOiB7IHRpdGxlOiAnTGlnaHRzJyB9LFxuICBwYXRoczogeyAnL2xpZ2h0cyc6IHsgZ2V0OiB7IG9wZXJhdGlvbklkOiAnbG9vaycsIHJlc3BvbnNlczoge30gfSwgcG9zdDogeyBvcGVyYXRpb25JZDogJ3B1dCcsIHJlc3BvbnNlczoge30gfSB9IH0sXG59KTtcbmNvbnN0IGNoYW5naW5nID0ge1xuICAnZWNoby10cmFpbC55YW1sJzogJ25hbWU6IHRcXG5lbnZpcm9ubWVudDogc2FuZGJveFxcbmRvY3M6IHtsaWdodHM6IHtmaWxlOiBkb2NzL2xpZ2h0cy5qc29ufX1cXG4nLFxuICAnZG9jcy9saWdodHMuanNvbic6IGRvY3VtZW50ZWQsXG4gICdyZXF1ZXN0cy9yZWFkLnlhbWwnOiAnbWV0aG9kOiBQT1NUXFxudXJsOiAke29yaWdpbn0vZ3JhcGhxbFxcbmJvZHk6IHtncmFwaHFsOiB7ZG9jdW1lbnQ6IFwieyBfX3R5cGVuYW1lIH1cIn19XFxuJyxcbiAgJ3JlcXVlc3RzL3dyaXRlLnlhbWwnOlxuICAgICdtZXRob2Q6IFBPU1RcXG51cmw6ICR7b3JpZ2lufS9ncmFwaHFsXFxuYm9keToge2dyYXBocWw6IHtkb2N1bWVudDogXCJtdXRhdGlvbiB7IGFzc2lnblBpbG90IHsgaWQgfSB9XCJ9fVxcbicsXG4gICdyZXF1ZXN0cy9zZXZlcmFsLnlhbWwnOlxuICAgICdtZXRob2Q6IFBPU1RcXG51cmw6ICR7b3JpZ2lufS9ncmFwaHFsXFxuYm9keToge2dyYXBocWw6IHtkb2N1bWVudDogYm9kaWVzL3NldmVyYWwuZ3JhcGhxbCwgb3BlcmF0aW9uOiBMb29rfX1cXG4nLFxuICAnYm9kaWVzL3NldmVyYWwuZ3JhcGhxbCc6ICdxdWVyeSBMb29rIHsgX190eXBlbmFtZSB9XFxubXV0YXRpb24gRG8geyBhc3NpZ25QaWxvdCB7IGlkIH0gfVxcbicsXG4gICdyZXF1ZXN0cy9nZXQueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9taXJyb3JcXG4nLFxuICAncmVxdWVzdHMvc2F5cy55YW1sJzogJ3VybDogJHtvcmlnaW59L21pcnJvclxcbmNoYW5nZXM6IHRydWVcXG4nLFxuICAncmVxdWVzdHMvaGFybWxlc3MueWFtbCc6ICdtZXRob2Q6IFBPU1RcXG51cmw6ICR7b3JpZ2lufS9taXJyb3JcXG5jaGFuZ2VzOiBmYWxzZVxcbicsXG4gICdyZXF1ZXN0cy9kb2N1bWVudGVkLnlhbWwnOiAnb3BlcmF0aW9uOiBsaWdodHMvcHV0XFxubWV0aG9kOiBQT1NUXFxudXJsOiAke29yaWdpbn0vbGlnaHRzXFxuJyxcbn07XG5mb3IgKGNvbnN0IFtyZXF1ZXN0LCByZWZ1c2VkXSBvZiBbXG4gIFsncmVhZCcsIGZhbHNlXSxcbiAgWyd3cml0ZScsIHRydWVdLFxuICBbJ3NldmVyYWwnLCBmYWxzZV0sXG4gIFsnZ2V0JywgZmFsc2VdLFxuICBbJ3NheXMnLCB0cnVlXSxcbiAgWydoYXJtbGVzcycsIGZhbHNlXSxcbiAgWydkb2N1bWVudGVkJywgdHJ1ZV0sXG5dIGFzIGNvbnN0KSB7XG4gIGZvciAoY29uc3QgbW9kZSBvZiBbJ3JlZnVzZScsICdhc2snXSBhcyBjb25zdCkge1xuICAgIHRlc3QoYGNoYW5nZXM6ICR7bW9kZX0gJHtyZWZ1c2VkID8gJ2tlZXBzJyA6ICdsZXRzJ30gdGhlIHJlcXVlc3QgJHtyZXF1ZXN0fSAke3JlZnVzZWQgPyAnZnJvbSBsZWF2aW5nJyA6ICdsZWF2ZSd9YCwgYXN5bmMgKCkgPT4ge1xuICAgICAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgICAgICB7XG4gICAgICAgICAgLi4uY2hhbmdpbmcsXG4gICAgICAgICAgJ2Vudmlyb25tZW50cy9zYW5kYm94LnlhbWwnOiBgY2hhbmdlczogJHttb2RlfVxcbnZhcmlhYmxlczoge29yaWdpbjogXCIke29yaWdpbn1cIn1cXG5ob3N0czogWzEyNy4wLjAuMV1cXG5gLFxuICAgICAgICB9LFxuICAgICAgICBvcmlnaW4sXG4gICAgICApO1xuICAgICAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgcmVxdWVzdF0sIHsgY3dkIH0pO1xuICAgICAgaWYgKCFyZWZ1c2VkKSByZXR1cm4gYXNzZXJ0Lm5vdEVxdWFsKGVuZGVkLnN0YXR1cywgNCwgZW5kZWQuZXJyKTtcbiAgICAgIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDQsIGVuZGVkLmVycik7XG4gICAgICBhc3NlcnQubWF0Y2goZW5kZWQuZXJyLCBtb2RlID09PSAncmVmdXNlJyA/IC9yZWZ1c2VzIGNhbGxzIHRoYXQgY2hhbmdlIHNvbWV0aGluZy8gOiAvbm9ib2R5IHNhaWQgeWVzLyk7XG4gICAgICBhc3NlcnQuZXF1YWwoKGF3YWl0IGVjaG9UcmFpbChbJ2VjaG8nLCAnbGlzdCcsICctLWpzb24nXSwgeyBjd2QgfSkpLm91dC50cmltKCksICd7XCJlY2hvZXNcIjpbXX0nKTtcbiAgICAgIGlmIChtb2RlID09PSAnYXNrJykgYXNzZXJ0Lm5vdEVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgcmVxdWVzdCwgJy0tYWxsb3ctY2hhbmdlcyddLCB7IGN3ZCB9KSkuc3RhdHVzLCA0KTtcbiAgICB9KTtcbiAgfVxufVxuXG50ZXN0KCctLXJldmVhbCBzaG93cyBvbiBwdXJwb3NlIHdoYXQgaXMgaGlkZGVuIGV2ZXJ5d2hlcmUgZWxzZScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgIC4uLnNlc3Npb25zLFxuICAgICAgJ3JlcXVlc3RzL2FsbC55YW1sJzpcbiAgICAgICAgJ21ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L21pcnJvclxcbnF1ZXJ5OiB7YTogXCIke3NlY3JldC53b3JkfVwifVxcbnNlc3Npb246IGJhc2ljXFxuYm9keToge2pzb246IHtwYXNzd29yZDogXCIke3NlY3JldC53b3JkfVwifX1cXG4nLFxuICAgIH0sXG4gICAgb3JpZ2luLFxuICApO1xuICBjb25zdCBiYXNpYyA9IEJ1ZmZlci5mcm9tKCdhZ2VudDphLXdvcmQtb2YtdGhlLWRlc2snKS50b1N0cmluZygnYmFzZTY0Jyk7XG4gIGNvbnN0IGhpZGRlbiA9IGF3YWl0IGVjaG9UcmFpbChbJ3ByZXZpZXcnLCAnYWxsJ10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5vayghYCR7aGlkZGVuLm91dH0ke2hpZGRlbi5lcnJ9YC5pbmNsdWRlcygnb2YtdGhlLWRlc2snKSAmJiAhaGlkZGVuLm91dC5pbmNsdWRlcyhiYXNpYykpO1xuICBjb25zdCBzaG93biA9IGF3YWl0IGVjaG9UcmFpbChbJ3ByZXZpZXcnLCAnYWxsJywgJy0tcmV2ZWFsJ10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5tYXRjaChzaG93bi5vdXQsIC9cXD9hPWEtd29yZC1vZi10aGUtZGVza1tcXHNcXFNdKlwicGFzc3dvcmRcIjogP1wiYS13b3JkLW9mLXRoZS1kZXNrXCIvKTtcbiAgYXNzZXJ0Lm9rKHNob3duLm91dC5pbmNsdWRlcyhgQmFzaWMgJHtiYXNpY31gKSk7XG4gIGFzc2VydC5tYXRjaChzaG93bi5lcnIsIC93YXJuaW5nIHsyfXNlY3JldHMgYXJlIHNob3duLyk7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3Nlc3Npb24nLCAnb3BlbicsICdwaWxvdHMnXSwgeyBjd2QsIGVudiB9KTtcbiAgY29uc3QgdG9rZW4gPSBhd2FpdCBlY2hvVHJhaWwoWydzZXNzaW9uJywgJ3Nob3cnLCAncGlsb3RzJywgJy0tcmV2ZWFsJ10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5tYXRjaCh0b2tlbi5vdXQsIC9eZXlKW1xcdy1dK1xcLltcXHctXStcXC5bXFx3LV0rXFxuJC8pO1xuICBjb25zdCBub25lID0gYXdhaXQgZWNob1RyYWlsKFsnc2Vzc2lvbicsICdzaG93JywgJ2Jhc2ljJywgJy0tcmV2ZWFsJ10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5lcXVhbChub25lLnN0YXR1cywgNCk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsWUFBWTtBQU9yQixJQUFNLEVBQUUsT0FBTyxJQUFJLE1BQU0sbUJBQW1CO0FBQzVDLElBQU0sTUFBTSxFQUFFLHdCQUF3QixZQUFZLHdCQUF3QixxQkFBcUI7QUFDL0YsSUFBTSxRQUFRLENBQUMsU0FDYjtBQUFBO0FBQUE7QUFBQTtBQUFBLEVBQThILElBQUk7QUFDcEksSUFBTSxXQUFXO0FBQUEsRUFDZix3QkFBd0I7QUFBQSxFQUN4Qix1QkFBdUI7QUFBQSxFQUN2QixxQkFBcUI7QUFBQSxFQUNyQix3QkFBd0IsTUFBTSxpQkFBaUI7QUFDakQ7QUFFQSxJQUFNLFdBQTJGO0FBQUEsRUFDL0YsQ0FBQyxRQUFRLGdCQUFnQixDQUFDLDhDQUE4QyxtQ0FBbUMsQ0FBQztBQUFBLEVBQzVHO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsTUFDRTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFBQSxFQUNBLENBQUMsU0FBUyxnQkFBZ0IsQ0FBQyx1REFBdUQsQ0FBQztBQUFBLEVBQ25GO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBLENBQUMsc0RBQXNELHNCQUFzQix5QkFBeUI7QUFBQSxFQUN4RztBQUFBLEVBQ0EsQ0FBQyxPQUFPLGNBQWMsQ0FBQyxxRUFBcUUsc0JBQXNCLENBQUM7QUFBQSxFQUNuSCxDQUFDLFNBQVMsZ0JBQWdCLENBQUMsNkJBQTZCLHFCQUFxQixDQUFDO0FBQ2hGO0FBQ0EsV0FBVyxDQUFDLFNBQVMsTUFBTSxJQUFJLEtBQUssVUFBVTtBQUM1QyxPQUFLLEdBQUcsSUFBSSxxQkFBcUIsT0FBTyxrRUFBa0UsWUFBWTtBQUNwSCxVQUFNLE1BQU0sYUFBYSxVQUFVLE1BQU07QUFDekMsVUFBTSxFQUFFLFFBQVEsS0FBSyxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLE1BQU0sYUFBYSxPQUFPLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUN0RyxXQUFPLE1BQU0sUUFBUSxHQUFHLEdBQUc7QUFDM0IsZUFBVyxPQUFPLEtBQU0sUUFBTyxNQUFNLEtBQUssR0FBRztBQUM3QyxXQUFPLGFBQWEsTUFBTSxLQUFLLGlCQUFpQjtBQUFBLEVBQ2xELENBQUM7QUFDSDtBQUVBLEtBQUssd0VBQXdFLFlBQVk7QUFDdkYsUUFBTSxNQUFNO0FBQUEsSUFDVixFQUFFLEdBQUcsVUFBVSxzQkFBc0Isc0RBQXNEO0FBQUEsSUFDM0Y7QUFBQSxFQUNGO0FBQ0EsUUFBTSxFQUFFLFFBQVEsSUFBSTtBQUFBLElBQ2xCLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxnQkFBZ0IsYUFBYSxVQUFVLFFBQVEsR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUEsRUFDaEc7QUFDQSxTQUFPLE1BQU0sUUFBUSxNQUFNLFNBQVM7QUFDcEMsU0FBTyxVQUFVLFFBQVEsTUFBTSxDQUFDLCtEQUErRCxDQUFDO0FBQ2hHLFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLE1BQU0sR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQzNELFNBQU8sTUFBTSxLQUFLLFFBQVEsQ0FBQztBQUMzQixTQUFPLGFBQWEsS0FBSyxLQUFLLFNBQVM7QUFDekMsQ0FBQztBQUVELFdBQVcsQ0FBQyxPQUFPLElBQUksS0FBSztBQUFBLEVBQzFCLENBQUMsSUFBSSxLQUFRLHdEQUF3RDtBQUFBLEVBQ3JFLENBQUMsTUFBTSxLQUFRLHVEQUF1RDtBQUFBLEVBQ3RFLENBQUMsS0FBUSxNQUFTO0FBQ3BCLEdBQVk7QUFDVixPQUFLLDRCQUE0QixRQUFRLEdBQUksVUFBVSxPQUFPLFlBQVksZ0JBQWdCLElBQUksWUFBWTtBQUN4RyxVQUFNLFNBQVMsTUFBTTtBQUFBLE1BQVUsTUFDN0IsU0FBUyxNQUFNLEVBQUUsUUFBUSxvQkFBb0IsU0FBUyxDQUFDLFNBQVMsSUFBSSxLQUFLLEtBQUssSUFBSSxJQUFJLEtBQUssRUFBRSxZQUFZLENBQUMsRUFBRSxFQUFFLENBQUM7QUFBQSxJQUNqSDtBQUNBLFVBQU0sTUFBTSxhQUFhLFVBQVUsT0FBTyxNQUFNO0FBQ2hELFVBQU0sRUFBRSxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLEtBQUssYUFBYSxRQUFRLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUN6RixRQUFJLEtBQU0sUUFBTyxNQUFNLEtBQUssSUFBSTtBQUFBLFFBQzNCLFFBQU8sYUFBYSxLQUFLLE9BQU87QUFDckMsVUFBTSxPQUFPLE1BQU07QUFBQSxFQUNyQixDQUFDO0FBQ0g7QUFFQSxJQUFNLGFBQWEsS0FBSyxVQUFVO0FBQUEsRUFDaEMsU0FBUztBQUFBLEVBQ1QsTUFBTSxFQUFFLE9BQU8sU0FBUztBQUFBLEVBQ3hCLE9BQU8sRUFBRSxXQUFXLEVBQUUsS0FBSyxFQUFFLGFBQWEsUUFBUSxXQUFXLENBQUMsRUFBRSxHQUFHLE1BQU0sRUFBRSxhQUFhLE9BQU8sV0FBVyxDQUFDLEVBQUUsRUFBRSxFQUFFO0FBQ25ILENBQUM7QUFDRCxJQUFNLFdBQVc7QUFBQSxFQUNmLG1CQUFtQjtBQUFBLEVBQ25CLG9CQUFvQjtBQUFBLEVBQ3BCLHNCQUFzQjtBQUFBLEVBQ3RCLHVCQUNFO0FBQUEsRUFDRix5QkFDRTtBQUFBLEVBQ0YsMEJBQTBCO0FBQUEsRUFDMUIscUJBQXFCO0FBQUEsRUFDckIsc0JBQXNCO0FBQUEsRUFDdEIsMEJBQTBCO0FBQUEsRUFDMUIsNEJBQTRCO0FBQzlCO0FBQ0EsV0FBVyxDQUFDLFNBQVMsT0FBTyxLQUFLO0FBQUEsRUFDL0IsQ0FBQyxRQUFRLEtBQUs7QUFBQSxFQUNkLENBQUMsU0FBUyxJQUFJO0FBQUEsRUFDZCxDQUFDLFdBQVcsS0FBSztBQUFBLEVBQ2pCLENBQUMsT0FBTyxLQUFLO0FBQUEsRUFDYixDQUFDLFFBQVEsSUFBSTtBQUFBLEVBQ2IsQ0FBQyxZQUFZLEtBQUs7QUFBQSxFQUNsQixDQUFDLGNBQWMsSUFBSTtBQUNyQixHQUFZO0FBQ1YsYUFBVyxRQUFRLENBQUMsVUFBVSxLQUFLLEdBQVk7QUFDN0MsU0FBSyxZQUFZLElBQUksSUFBSSxVQUFVLFVBQVUsTUFBTSxnQkFBZ0IsT0FBTyxJQUFJLFVBQVUsaUJBQWlCLE9BQU8sSUFBSSxZQUFZO0FBQzlILFlBQU0sTUFBTTtBQUFBLFFBQ1Y7QUFBQSxVQUNFLEdBQUc7QUFBQSxVQUNILDZCQUE2QixZQUFZLElBQUk7QUFBQSx1QkFBMEIsTUFBTTtBQUFBO0FBQUE7QUFBQSxRQUMvRTtBQUFBLFFBQ0E7QUFBQSxNQUNGO0FBQ0EsWUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3hELFVBQUksQ0FBQyxRQUFTLFFBQU8sT0FBTyxTQUFTLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUMvRCxhQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUcsTUFBTSxHQUFHO0FBQ3ZDLGFBQU8sTUFBTSxNQUFNLEtBQUssU0FBUyxXQUFXLHdDQUF3QyxpQkFBaUI7QUFDckcsYUFBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxJQUFJLEtBQUssR0FBRyxlQUFlO0FBQy9GLFVBQUksU0FBUyxNQUFPLFFBQU8sVUFBVSxNQUFNLFVBQVUsQ0FBQyxRQUFRLFNBQVMsaUJBQWlCLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxRQUFRLENBQUM7QUFBQSxJQUNoSCxDQUFDO0FBQUEsRUFDSDtBQUNGO0FBRUEsS0FBSyw0REFBNEQsWUFBWTtBQUMzRSxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxHQUFHO0FBQUEsTUFDSCxxQkFDRTtBQUFBLElBQ0o7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sUUFBUSxPQUFPLEtBQUssMEJBQTBCLEVBQUUsU0FBUyxRQUFRO0FBQ3ZFLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxXQUFXLEtBQUssR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQy9ELFNBQU8sR0FBRyxDQUFDLEdBQUcsT0FBTyxHQUFHLEdBQUcsT0FBTyxHQUFHLEdBQUcsU0FBUyxhQUFhLEtBQUssQ0FBQyxPQUFPLElBQUksU0FBUyxLQUFLLENBQUM7QUFDOUYsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFdBQVcsT0FBTyxVQUFVLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUMxRSxTQUFPLE1BQU0sTUFBTSxLQUFLLGdFQUFnRTtBQUN4RixTQUFPLEdBQUcsTUFBTSxJQUFJLFNBQVMsU0FBUyxLQUFLLEVBQUUsQ0FBQztBQUM5QyxTQUFPLE1BQU0sTUFBTSxLQUFLLDhCQUE4QjtBQUN0RCxRQUFNLFVBQVUsQ0FBQyxXQUFXLFFBQVEsUUFBUSxHQUFHLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDM0QsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFdBQVcsUUFBUSxVQUFVLFVBQVUsR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQ3JGLFNBQU8sTUFBTSxNQUFNLEtBQUssK0JBQStCO0FBQ3ZELFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxXQUFXLFFBQVEsU0FBUyxVQUFVLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUNuRixTQUFPLE1BQU0sS0FBSyxRQUFRLENBQUM7QUFDN0IsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
