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
  echoTrail,
  everyFile
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/oauth.test.ts
import assert from "node:assert/strict";
import { generateKeyPairSync } from "node:crypto";
import { test } from "node:test";
var { origin, credentials } = await harbourForThisFile();
var env = { ECHO_TRAIL_SECRET_PASS: passSecret, ECHO_TRAIL_SECRET_DESK: credentials.password };
var desk = 'client: {id: harbour desk, secret: "${secret.pass}"}\n';
var oauth = (grant, client, more = "") => `kind: oauth2
grant: ${grant}
issuer: \${origin}/passes
${client}${more}`;
var sessions = {
  "sessions/basic.yaml": oauth("client_credentials", desk),
  "sessions/post.yaml": oauth(
    "client_credentials",
    'client: {id: poster, secret: "${secret.pass}", authentication: client_secret_post}\n'
  ),
  "sessions/sealed.yaml": oauth(
    "client_credentials",
    'client: {id: sealer, secret: "${secret.pass}${secret.pass}", authentication: client_secret_jwt}\n'
  ),
  "sessions/signed.yaml": oauth("client_credentials", 'client: {id: signer, key: "${secret.signing}"}\n'),
  "sessions/password.yaml": oauth("password", desk, "user: agent\npassword: ${secret.desk}\n"),
  "sessions/short.yaml": oauth("password", desk, "user: agent\npassword: ${secret.desk}\nscope: [berths, short]\n"),
  "sessions/endpoints.yaml": `kind: oauth2
grant: client_credentials
endpoints: {token: "\${origin}/passes/token"}
${desk}`,
  "sessions/person.yaml": oauth("authorization_code", "client: {id: kiosk}\n", "scope: berths pilots\n"),
  "sessions/device.yaml": oauth("urn:ietf:params:oauth:grant-type:device_code", "client: {id: kiosk}\n")
};
var collection = (files = {}) => collectionOf({ ...sessions, ...files }, origin);
var issued = async () => await (await fetch(`${origin}/passes/issued`)).json();
for (const name of ["basic", "post", "sealed", "password", "endpoints"]) {
  test(`the session ${name} opens the quay, is kept, and is given back`, async () => {
    const cwd = collection();
    const before = await issued();
    const sent = await echoTrail(["send", "GET", "/passes/quay", "--session", name], { cwd, env });
    assert.equal(sent.status, 0, sent.err);
    assert.match(sent.out, /"quay": "north"/);
    const again = await echoTrail(["send", "GET", "/passes/quay", "--session", name], { cwd, env });
    assert.equal(again.status, 0, again.err);
    assert.equal((await issued()).issued, before.issued + 1, "one token for two commands");
    assert.equal((await echoTrail(["session", "close", name], { cwd, env })).status, 0);
    const after = await issued();
    assert.equal(after.open, before.open + (name === "endpoints" ? 1 : 0));
  });
}
test("a client proves itself with its private key", async () => {
  const { publicKey, privateKey } = generateKeyPairSync("rsa", { modulusLength: 2048 });
  await fetch(`${origin}/passes/keys/signer`, {
    method: "PUT",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ pem: publicKey.export({ type: "spki", format: "pem" }) })
  });
  const signing = String(privateKey.export({ type: "pkcs8", format: "pem" }));
  const cwd = collection();
  const sent = await echoTrail(["send", "GET", "/passes/quay", "--session", "signed"], {
    cwd,
    env: { ...env, ECHO_TRAIL_SECRET_SIGNING: signing }
  });
  assert.equal(sent.status, 0, sent.err);
});
test("session show tells what a token says of itself, and not the token", async () => {
  const cwd = collection();
  await echoTrail(["session", "open", "password"], { cwd, env });
  const shown = await echoTrail(["session", "show", "password"], { cwd, env });
  assert.match(shown.out, /open, ends in 4(?:\.\d+)? ?min|open, ends in/);
  assert.match(shown.out, /renewed by itself[\s\S]*its token says\n *iss +http[\s\S]*sub +agent[\s\S]*exp +20\d\d-/);
  const { claims } = document(
    await echoTrail(["session", "show", "password", "--json"], { cwd, env })
  );
  assert.equal(claims.sub, "agent");
  assert.doesNotMatch(shown.out, /eyJ/);
});
test("a token that is about to end is renewed with its refresh token, and no password is sent again", async () => {
  const cwd = collection();
  const send = () => echoTrail(["send", "GET", "/passes/quay", "--session", "short"], { cwd, env });
  assert.equal((await send()).status, 0);
  const before = await issued();
  await new Promise((resolve) => setTimeout(resolve, 1200));
  const again = await send();
  assert.equal(again.status, 0, again.err);
  const after = await issued();
  assert.deepEqual([after.renewed - before.renewed, after.issued - before.issued], [1, 1]);
});
async function agreed(cwd, name, act) {
  let said = "";
  let acted;
  const ended = await echoTrail(["session", "open", name, "--no-browser"], {
    cwd,
    env,
    meanwhile: (child) => {
      child.stderr?.on("data", (chunk) => {
        said += chunk;
        if (/authorize\?\S+\s|type [0-9A-F]{6}/.test(said)) acted ??= act(said);
      });
    }
  });
  await acted;
  return ended;
}
var decide = (decision) => async (said) => {
  const [address = ""] = /http:\/\/127\.0\.0\.1:\d+\/passes\/authorize\S+/.exec(said) ?? [];
  const form = new URL(address).searchParams;
  form.set("decision", decision);
  await fetch(`${origin}/passes/authorize`, { method: "POST", body: form });
};
test("a person agrees in a browser, which comes back with a code", async () => {
  const cwd = collection();
  const opened = await agreed(cwd, "person", decide("agree"));
  assert.equal(opened.status, 0, opened.err);
  const sent = await echoTrail(["send", "GET", "/passes/quay", "--session", "person"], { cwd, env });
  assert.match(sent.out, /"passenger": "agent"/);
  for (const { path, text } of everyFile(cwd)) assert.doesNotMatch(text, /"code_verifier=[\w-]{40}|eyJhbGci/, path);
});
test("a person who refuses is told so", async () => {
  const refused = await agreed(collection(), "person", decide("refuse"));
  assert.equal(refused.status, 4, refused.err);
  assert.match(refused.err, /the person did not agree[\s\S]*access_denied: the harbour master said no/);
});
test("a browser that comes back with the state of another try is not believed", async () => {
  const refused = await agreed(collection(), "person", async (said) => {
    const [, callback = ""] = /redirect_uri=([^&\s]+)/.exec(said) ?? [];
    await fetch(`${decodeURIComponent(callback)}?code=stolen&state=another`);
  });
  assert.equal(refused.status, 4);
  assert.match(refused.err, /the browser came back with the state of another try/);
});
test("where there is no browser, the address that it was sent to is pasted", async () => {
  const opened = await echoTrail(["session", "open", "person", "--no-browser"], {
    cwd: collection(),
    env,
    openInput: true,
    meanwhile: (child) => {
      let said = "";
      child.stderr?.on("data", (chunk) => {
        said += chunk;
        const [address] = /http:\S+\/passes\/authorize\?\S+(?=\s)/.exec(said) ?? [];
        if (!address) return;
        said = "";
        const form = new URL(address).searchParams;
        form.set("decision", "agree");
        void fetch(`${origin}/passes/authorize`, { method: "POST", body: form, redirect: "manual" }).then(
          (answer) => child.stdin?.write(`${answer.headers.get("location")}
`)
        );
      });
    }
  });
  assert.equal(opened.status, 0, opened.err);
});
for (const [decision, status, message] of [
  ["agree", 0, /device +oauth2 +open/],
  ["refuse", 4, /the person did not agree/]
]) {
  test(`a person types the code on another device, and decides to ${decision}`, async () => {
    const ended = await agreed(collection(), "device", async (said) => {
      const [, code = ""] = /type ([0-9A-F]{6})/.exec(said) ?? [];
      await fetch(`${origin}/passes/agree`, { method: "POST", body: new URLSearchParams({ code, decision }) });
    });
    assert.equal(ended.status, status, ended.err);
    assert.match(ended.out + ended.err, message);
  });
}
test("what needs a person says so where nobody is", async () => {
  const { status, err } = await echoTrail(["send", "GET", "/passes/quay", "--session", "person"], {
    cwd: collection(),
    env
  });
  assert.equal(status, 4);
  assert.match(err, /needs a person to agree, and nobody is here[\s\S]*echo-trail session open person/);
});
var refusals = [
  [
    "a wrong secret",
    oauth("client_credentials", "client: {id: harbour desk, secret: wrong-secret}\n"),
    /does not accept the client[\s\S]*client_secret_post/
  ],
  [
    "another way of proof",
    oauth("client_credentials", 'client: {id: poster, secret: "${secret.pass}"}\n'),
    /does not accept the client/
  ],
  [
    "an unknown scope",
    oauth("client_credentials", desk, "scope: lighthouse\n"),
    /does not give this scope[\s\S]*there is no scope lighthouse/
  ],
  [
    "a wrong password",
    oauth("password", desk, "user: agent\npassword: another-password\n"),
    /what was handed in is wrong[\s\S]*user or password are wrong/
  ],
  [
    "a grant that the client may not use",
    oauth("client_credentials", "client: {id: kiosk}\n"),
    /may not use this grant/
  ],
  [
    "an issuer without metadata",
    `kind: oauth2
grant: client_credentials
issuer: \${origin}/nobody
${desk}`,
    /publishes no metadata/
  ],
  ["no endpoint at all", `kind: oauth2
grant: client_credentials
${desk}`, /no token endpoint is known/],
  [
    "an endpoint that speaks no OAuth",
    `kind: oauth2
grant: client_credentials
endpoints: {token: "\${origin}/mirror"}
${desk}`,
    /not one of OAuth/
  ],
  [
    "an endpoint in plain http elsewhere",
    `kind: oauth2
grant: client_credentials
endpoints: {token: "http://passes.example/token"}
${desk}`,
    /plain http/
  ],
  [
    "an endpoint on a host that is not listed",
    `kind: oauth2
grant: client_credentials
endpoints: {token: "https://passes.example/token"}
${desk}`,
    /passes\.example, which the environment sandbox does not list/
  ],
  ["no password at all", oauth("password", desk, "user: agent\n"), /has no password/],
  [
    "a refresh token that was used",
    oauth("refresh_token", desk, "refresh-token: an-old-refresh-token\n"),
    /the refresh token was used or has ended/
  ],
  [
    "a key that is none",
    oauth("client_credentials", "client: {id: signer, key: no-key-at-all}\n"),
    /the key of the client cannot be used with RS256/
  ],
  [
    "a proof without its secret",
    oauth("client_credentials", "client: {id: poster, authentication: client_secret_post}\n"),
    /client_secret is empty/
  ]
];
for (const [what, file, message] of refusals) {
  test(`${what} is explained, and nothing secret is in it`, async () => {
    const cwd = collection({ "sessions/it.yaml": file });
    const { status, err, out } = await echoTrail(["send", "GET", "/passes/quay", "--session", "it"], { cwd, env });
    assert.equal(status, 4, err + out);
    assert.match(err, message);
    assert.doesNotMatch(err + out, /ebb|tidewater/);
  });
}
test("a pass without the right to a quay is refused by 403, and that is told from 401", async () => {
  const cwd = collection({ "sessions/pilots.yaml": oauth("client_credentials", desk, "scope: pilots\n") });
  const { status, err } = await echoTrail(["send", "GET", "/passes/quay", "--session", "pilots"], { cwd, env });
  assert.equal(status, 1);
  assert.match(err, /403/);
});
test("a thousand steps on an ended session cause one renewal", async () => {
  const cwd = collection({
    "requests/quay.yaml": "url: ${origin}/passes/quay\nsession: short\nexpect: {status: 200}\n",
    "data/thousand.csv": `n
${Array.from({ length: 1e3 }, (_, index) => index).join("\n")}
`,
    "trails/thousand.yaml": "rows: data/thousand.csv\nat-once: 100\nsteps: [{send: quay}]\n"
  });
  await echoTrail(["session", "open", "short"], { cwd, env });
  await new Promise((resolve) => setTimeout(resolve, 1200));
  const before = await issued();
  const ran = await echoTrail(["run", "thousand"], { cwd, env });
  assert.equal(ran.status, 0, ran.err + ran.out);
  assert.equal((await issued()).issued, before.issued + 1);
});
test("processes that start together open one session", async () => {
  const cwd = collection();
  const before = await issued();
  const all = await Promise.all(
    Array.from(
      { length: 4 },
      () => echoTrail(["send", "GET", "/passes/quay", "--session", "basic", "--quiet"], { cwd, env })
    )
  );
  for (const { status, err } of all) assert.equal(status, 0, err);
  assert.equal((await issued()).issued, before.issued + 1);
});
test("scope, audience and resource are asked for, and OpenID metadata serves where RFC 8414 has none", async () => {
  const server = await rawServer((head2) => {
    const self = `http://${/host: (\S+)/i.exec(head2)?.[1]}`;
    if (head2.startsWith("GET /desk/.well-known/openid-configuration"))
      return answerOf(JSON.stringify({ issuer: `${self}/desk`, token_endpoint: `${self}/desk/token` }));
    if (head2.startsWith("POST /desk/token"))
      return answerOf('{"access_token": "a-token-of-the-desk", "token_type": "bearer", "expires_in": 60}');
    return head2.startsWith("GET /it") ? answerOf('{"ok": true}') : answerOf("{}", { status: "404 Not Found" });
  });
  const cwd = collectionOf(
    {
      "sessions/wide.yaml": 'kind: oauth2\ngrant: client_credentials\nissuer: ${origin}/desk\nclient: {id: harbour desk, secret: "${secret.pass}"}\nscope: [berths, "${word ?? \'pilots\'}"]\naudience: https://quay.example/\nresource: [https://a.example/, https://b.example/]\n'
    },
    server.origin
  );
  const sent = await echoTrail(["send", "GET", "/it", "--session", "wide"], { cwd, env });
  assert.equal(sent.status, 0, sent.err);
  const [, head = "", body = ""] = /(POST \/desk\/token[\s\S]*?)\r\n\r\n(.*?)GET \/it/s.exec(server.received.join("")) ?? [];
  const form = new URLSearchParams(body);
  assert.equal(form.get("scope"), "berths pilots");
  assert.deepEqual(form.getAll("audience"), ["https://quay.example/"]);
  assert.deepEqual(form.getAll("resource"), ["https://a.example/", "https://b.example/"]);
  const [, pair = ""] = /Authorization: Basic (\S+)/i.exec(head) ?? [];
  assert.equal(Buffer.from(pair, "base64").toString(), "harbour+desk:ebb+%26+flow%3A+100%25+%2Bsafe");
  assert.match(server.received.join(""), /GET \/it[\s\S]*Bearer a-token-of-the-desk/);
  await server.close();
});
test("a token endpoint that says nothing of an end is asked once, and its answer is kept", async () => {
  let asked = 0;
  const server = await rawServer((head) => {
    if (!head.startsWith("POST /token")) return answerOf("{}");
    asked += 1;
    return answerOf('{"access_token": "without-an-end", "token_type": "Bearer"}');
  });
  const cwd = collectionOf(
    {
      "sessions/open.yaml": 'kind: oauth2\ngrant: client_credentials\nendpoints: {token: "${origin}/token"}\nclient: {id: a, secret: "${secret.pass}"}\n'
    },
    server.origin
  );
  for (let count = 0; count < 2; count += 1)
    assert.equal((await echoTrail(["send", "GET", "/it", "--session", "open"], { cwd, env })).status, 0);
  assert.equal(asked, 1);
  await server.close();
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL29hdXRoLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBPQXV0aCAyLjAgYWdhaW5zdCB0aGUgc3RhbmQtaW4ncyBwYXNzIG9mZmljZTogZXZlcnkgZ3JhbnQsIGV2ZXJ5IHByb29mIG9mIGEgY2xpZW50LCByZW5ld2FsLCByZWZ1c2Fscy4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IGdlbmVyYXRlS2V5UGFpclN5bmMgfSBmcm9tICdub2RlOmNyeXB0byc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IHBhc3NTZWNyZXQgfSBmcm9tICcuLi8uLi9zcmMvc3RhbmRpbi9wYXNzZXMvY2xpZW50cy5qcyc7XG5pbXBvcnQgeyBjb2xsZWN0aW9uT2YsIGV2ZXJ5RmlsZSB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGRvY3VtZW50LCB0eXBlIEVuZGVkLCBlY2hvVHJhaWwgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuaW1wb3J0IHsgYW5zd2VyT2YsIHJhd1NlcnZlciB9IGZyb20gJy4uL3N1cHBvcnQvcmF3LXNlcnZlci5qcyc7XG5pbXBvcnQgeyBoYXJib3VyRm9yVGhpc0ZpbGUgfSBmcm9tICcuLi9zdXBwb3J0L3N0YW5kaW4uanMnO1xuXG5jb25zdCB7IG9yaWdpbiwgY3JlZGVudGlhbHMgfSA9IGF3YWl0IGhhcmJvdXJGb3JUaGlzRmlsZSgpO1xuY29uc3QgZW52ID0geyBFQ0hPX1RSQUlMX1NFQ1JFVF9QQVNTOiBwYXNzU2VjcmV0LCBFQ0hPX1RSQUlMX1NFQ1JFVF9ERVNLOiBjcmVkZW50aWFscy5wYXNzd29yZCB9O1xuY29uc3QgZGVzayA9ICdjbGllbnQ6IHtpZDogaGFyYm91ciBkZXNrLCBzZWNyZXQ6IFwiJHtzZWNyZXQucGFzc31cIn1cXG4nO1xuXG5jb25zdCBvYXV0aCA9IChncmFudDogc3RyaW5nLCBjbGllbnQ6IHN0cmluZywgbW9yZSA9ICcnKTogc3RyaW5nID0+XG4gIGBraW5kOiBvYXV0aDJcXG5ncmFudDogJHtncmFudH1cXG5pc3N1ZXI6IFxcJHtvcmlnaW59L3Bhc3Nlc1xcbiR7Y2xpZW50fSR7bW9yZX1gO1xuXG5jb25zdCBzZXNzaW9uczogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nPj4gPSB7XG4gICdzZXNzaW9ucy9iYXNpYy55YW1sJzogb2F1dGgoJ2NsaWVudF9jcmVkZW50aWFscycsIGRlc2spLFxuICAnc2Vzc2lvbnMvcG9zdC55YW1sJzogb2F1dGgoXG4gICAgJ2NsaWVudF9jcmVkZW50aWFscycsXG4gICAgJ2NsaWVudDoge2lkOiBwb3N0ZXIsIHNlY3JldDogXCIke3NlY3JldC5wYXNzfVwiLCBhdXRoZW50aWNhdGlvbjogY2xpZW50X3NlY3JldF9wb3N0fVxcbicsXG4gICksXG4gICdzZXNzaW9ucy9zZWFsZWQueWFtbCc6IG9hdXRoKFxuICAgICdjbGllbnRfY3JlZGVudGlhbHMnLFxuICAgICdjbGllbnQ6IHtpZDogc2VhbGVyLCBzZWNyZXQ6IFwiJHtzZWNyZXQucGFzc30ke3NlY3JldC5wYXNzfVwiLCBhdXRoZW50aWNhdGlvbjogY2xpZW50X3NlY3JldF9qd3R9XFxuJyxcbiAgKSxcbiAgJ3Nlc3Npb25zL3NpZ25lZC55YW1sJzogb2F1dGgoJ2NsaWVudF9jcmVkZW50aWFscycsICdjbGllbnQ6IHtpZDogc2lnbmVyLCBrZXk6IFwiJHtzZWNyZXQuc2lnbmluZ31cIn1cXG4nKSxcbiAgJ3Nlc3Npb25zL3Bhc3N3b3JkLnlhbWwnOiBvYXV0aCgncGFzc3dvcmQnLCBkZXNrLCAndXNlcjogYWdlbnRcXG5wYXNzd29yZDogJHtzZWNyZXQuZGVza31cXG4nKSxcbiAgJ3Nlc3Npb25zL3Nob3J0LnlhbWwnOiBvYXV0aCgncGFzc3dvcmQnLCBkZXNrLCAndXNlcjogYWdlbnRcXG5wYXNzd29yZDogJHtzZWNyZXQuZGVza31cXG5zY29wZTogW2JlcnRocywgc2hvcnRdXFxuJyksXG4gICdzZXNzaW9ucy9lbmRwb2ludHMueWFtbCc6IGBraW5kOiBvYXV0aDJcXG5ncmFudDogY2xpZW50X2NyZWRlbnRpYWxzXFxuZW5kcG9pbnRzOiB7dG9rZW46IFwiXFwke29yaWdpbn0vcGFzc2VzL3Rva2VuXCJ9XFxuJHtkZXNrfWAsXG4gICdzZXNzaW9ucy9wZXJzb24ueWFtbCc6IG9hdXRoKCdhdXRob3JpemF0aW9uX2NvZGUnLCAnY2xpZW50OiB7aWQ6IGtpb3NrfVxcbicsICdzY29wZTogYmVydGhzIHBpbG90c1xcbicpLFxuICAnc2Vzc2lvbnMvZGV2aWNlLnlhbWwnOiBvYXV0aCgndXJuOmlldGY6cGFyYW1zOm9hdXRoOmdyYW50LXR5cGU6ZGV2aWNlX2NvZGUnLCAnY2xpZW50OiB7aWQ6IGtpb3NrfVxcbicpLFxufTtcblxuY29uc3QgY29sbGVjdGlvbiA9IChmaWxlczogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nPj4gPSB7fSk6IHN0cmluZyA9PlxuICBjb2xsZWN0aW9uT2YoeyAuLi5zZXNzaW9ucywgLi4uZmlsZXMgfSwgb3JpZ2luKTtcblxuY29uc3QgaXNzdWVkID0gYXN5bmMgKCk6IFByb21pc2U8eyBpc3N1ZWQ6IG51bWJlcjsgcmVuZXdlZDogbnVtYmVyOyBvcGVuOiBudW1iZXIgfT4gPT5cbiAgKGF3YWl0IChhd2FpdCBmZXRjaChgJHtvcmlnaW59L3Bhc3Nlcy9pc3N1ZWRgKSkuanNvbigpKSBhcyB7IGlzc3VlZDogbnVtYmVyOyByZW5ld2VkOiBudW1iZXI7IG9wZW46IG51bWJlciB9O1xuXG5mb3IgKGNvbnN0IG5hbWUgb2YgWydiYXNpYycsICdwb3N0JywgJ3NlYWxlZCcsICdwYXNzd29yZCcsICdlbmRwb2ludHMnXSkge1xuICB0ZXN0KGB0aGUgc2Vzc2lvbiAke25hbWV9IG9wZW5zIHRoZSBxdWF5LCBpcyBrZXB0LCBhbmQgaXMgZ2l2ZW4gYmFja2AsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uKCk7XG4gICAgY29uc3QgYmVmb3JlID0gYXdhaXQgaXNzdWVkKCk7XG4gICAgY29uc3Qgc2VudCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy9wYXNzZXMvcXVheScsICctLXNlc3Npb24nLCBuYW1lXSwgeyBjd2QsIGVudiB9KTtcbiAgICBhc3NlcnQuZXF1YWwoc2VudC5zdGF0dXMsIDAsIHNlbnQuZXJyKTtcbiAgICBhc3NlcnQubWF0Y2goc2VudC5vdXQsIC9cInF1YXlcIjogXCJub3J0aFwiLyk7XG4gICAgY29uc3QgYWdhaW4gPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvcGFzc2VzL3F1YXknLCAnLS1zZXNzaW9uJywgbmFtZV0sIHsgY3dkLCBlbnYgfSk7XG4gICAgYXNzZXJ0LmVxdWFsKGFnYWluLnN0YXR1cywgMCwgYWdhaW4uZXJyKTtcbiAgICBhc3NlcnQuZXF1YWwoKGF3YWl0IGlzc3VlZCgpKS5pc3N1ZWQsIGJlZm9yZS5pc3N1ZWQgKyAxLCAnb25lIHRva2VuIGZvciB0d28gY29tbWFuZHMnKTtcbiAgICBhc3NlcnQuZXF1YWwoKGF3YWl0IGVjaG9UcmFpbChbJ3Nlc3Npb24nLCAnY2xvc2UnLCBuYW1lXSwgeyBjd2QsIGVudiB9KSkuc3RhdHVzLCAwKTtcbiAgICBjb25zdCBhZnRlciA9IGF3YWl0IGlzc3VlZCgpO1xuICAgIC8vIFdpdGhvdXQgbWV0YWRhdGEgbm9ib2R5IGtub3dzIHdoZXJlIGEgdG9rZW4gaXMgZ2l2ZW4gYmFjay5cbiAgICBhc3NlcnQuZXF1YWwoYWZ0ZXIub3BlbiwgYmVmb3JlLm9wZW4gKyAobmFtZSA9PT0gJ2VuZHBvaW50cycgPyAxIDogMCkpO1xuICB9KTtcbn1cblxudGVzdCgnYSBjbGllbnQgcHJvdmVzIGl0c2VsZiB3aXRoIGl0cyBwcml2YXRlIGtleScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBwdWJsaWNLZXksIHByaXZhdGVLZXkgfSA9IGdlbmVyYXRlS2V5UGFpclN5bmMoJ3JzYScsIHsgbW9kdWx1c0xlbmd0aDogMjA0OCB9KTtcbiAgYXdhaXQgZmV0Y2goYCR7b3JpZ2lufS9wYXNzZXMva2V5cy9zaWduZXJgLCB7XG4gICAgbWV0aG9kOiAnUFVUJyxcbiAgICBoZWFkZXJzOiB7ICdjb250ZW50LXR5cGUnOiAnYXBwbGljYXRpb24vanNvbicgfSxcbiAgICBib2R5OiBKU09OLnN0cmluZ2lmeSh7IHBlbTogcHVibGljS2V5LmV4cG9ydCh7IHR5cGU6ICdzcGtpJywgZm9ybWF0OiAncGVtJyB9KSB9KSxcbiAgfSk7XG4gIGNvbnN0IHNpZ25pbmcgPSBTdHJpbmcocHJpdmF0ZUtleS5leHBvcnQoeyB0eXBlOiAncGtjczgnLCBmb3JtYXQ6ICdwZW0nIH0pKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbigpO1xuICBjb25zdCBzZW50ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL3Bhc3Nlcy9xdWF5JywgJy0tc2Vzc2lvbicsICdzaWduZWQnXSwge1xuICAgIGN3ZCxcbiAgICBlbnY6IHsgLi4uZW52LCBFQ0hPX1RSQUlMX1NFQ1JFVF9TSUdOSU5HOiBzaWduaW5nIH0sXG4gIH0pO1xuICBhc3NlcnQuZXF1YWwoc2VudC5zdGF0dXMsIDAsIHNlbnQuZXJyKTtcbn0pO1xuXG50ZXN0KCdzZXNzaW9uIHNob3cgdGVsbHMgd2hhdCBhIHRva2VuIHNheXMgb2YgaXRzZWxmLCBhbmQgbm90IHRoZSB0b2tlbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbigpO1xuICBhd2FpdCBlY2hvVHJhaWwoWydzZXNzaW9uJywgJ29wZW4nLCAncGFzc3dvcmQnXSwgeyBjd2QsIGVudiB9KTtcbiAgY29uc3Qgc2hvd24gPSBhd2FpdCBlY2hvVHJhaWwoWydzZXNzaW9uJywgJ3Nob3cnLCAncGFzc3dvcmQnXSwgeyBjd2QsIGVudiB9KTtcbiAgYXNzZXJ0Lm1hdGNoKHNob3duLm91dCwgL29wZW4sIGVuZHMgaW4gNCg/OlxcLlxcZCspPyA/bWlufG9wZW4sIGVuZHMgaW4vKTtcbiAgYXNzZXJ0Lm1hdGNoKHNob3duLm91dCwgL3JlbmV3ZWQgYnkgaXRzZWxmW1xcc1xcU10qaXRzIHRva2VuIHNheXNcXG4gKmlzcyAraHR0cFtcXHNcXFNdKnN1YiArYWdlbnRbXFxzXFxTXSpleHAgKzIwXFxkXFxkLS8pO1xuICBjb25zdCB7IGNsYWltcyB9ID0gZG9jdW1lbnQ8eyBjbGFpbXM6IHsgc3ViOiBzdHJpbmcgfSB9PihcbiAgICBhd2FpdCBlY2hvVHJhaWwoWydzZXNzaW9uJywgJ3Nob3cnLCAncGFzc3dvcmQnLCAnLS1qc29uJ10sIHsgY3dkLCBlbnYgfSksXG4gICk7XG4gIGFzc2VydC5lcXVhbChjbGFpbXMuc3ViLCAnYWdlbnQnKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChzaG93bi5vdXQsIC9leUovKTtcbn0pO1xuXG50ZXN0KCdhIHRva2VuIHRoYXQgaXMgYWJvdXQgdG8gZW5kIGlzIHJlbmV3ZWQgd2l0aCBpdHMgcmVmcmVzaCB0b2tlbiwgYW5kIG5vIHBhc3N3b3JkIGlzIHNlbnQgYWdhaW4nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb24oKTtcbiAgY29uc3Qgc2VuZCA9ICgpOiBQcm9taXNlPEVuZGVkPiA9PiBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvcGFzc2VzL3F1YXknLCAnLS1zZXNzaW9uJywgJ3Nob3J0J10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgc2VuZCgpKS5zdGF0dXMsIDApO1xuICBjb25zdCBiZWZvcmUgPSBhd2FpdCBpc3N1ZWQoKTtcbiAgLy8gU2l4IHNlY29uZHMgYXJlIGxlc3MgdGhhbiBhIHNlY29uZCBiZXlvbmQgdGhlIG1hcmdpbi5cbiAgYXdhaXQgbmV3IFByb21pc2UoKHJlc29sdmUpID0+IHNldFRpbWVvdXQocmVzb2x2ZSwgMV8yMDApKTtcbiAgY29uc3QgYWdhaW4gPSBhd2FpdCBzZW5kKCk7XG4gIGFzc2VydC5lcXVhbChhZ2Fpbi5zdGF0dXMsIDAsIGFnYWluLmVycik7XG4gIGNvbnN0IGFmdGVyID0gYXdhaXQgaXNzdWVkKCk7XG4gIGFzc2VydC5kZWVwRXF1YWwoW2FmdGVyLnJlbmV3ZWQgLSBiZWZvcmUucmVuZXdlZCwgYWZ0ZXIuaXNzdWVkIC0gYmVmb3JlLmlzc3VlZF0sIFsxLCAxXSk7XG59KTtcblxuLyoqIFJ1bnMgYHNlc3Npb24gb3BlbmAsIGFuZCBkb2VzIHdpdGggd2hhdCBpdCBzYXlzIHdoYXQgYSBwZXJzb24gd291bGQuICovXG5hc3luYyBmdW5jdGlvbiBhZ3JlZWQoY3dkOiBzdHJpbmcsIG5hbWU6IHN0cmluZywgYWN0OiAoc2FpZDogc3RyaW5nKSA9PiBQcm9taXNlPHZvaWQ+KTogUHJvbWlzZTxFbmRlZD4ge1xuICBsZXQgc2FpZCA9ICcnO1xuICBsZXQgYWN0ZWQ6IFByb21pc2U8dm9pZD4gfCB1bmRlZmluZWQ7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsnc2Vzc2lvbicsICdvcGVuJywgbmFtZSwgJy0tbm8tYnJvd3NlciddLCB7XG4gICAgY3dkLFxuICAgIGVudixcbiAgICBtZWFud2hpbGU6IChjaGlsZCkgPT4ge1xuICAgICAgY2hpbGQuc3RkZXJyPy5vbignZGF0YScsIChjaHVuazogc3RyaW5nKSA9PiB7XG4gICAgICAgIHNhaWQgKz0gY2h1bms7XG4gICAgICAgIGlmICgvYXV0aG9yaXplXFw/XFxTK1xcc3x0eXBlIFswLTlBLUZdezZ9Ly50ZXN0KHNhaWQpKSBhY3RlZCA/Pz0gYWN0KHNhaWQpO1xuICAgICAgfSk7XG4gICAgfSxcbiAgfSk7XG4gIGF3YWl0IGFjdGVkO1xuICByZXR1cm4gZW5kZWQ7XG59XG5cbmNvbnN0IGRlY2lkZSA9IChkZWNpc2lvbjogc3RyaW5nKSA9PiBhc3luYyAoc2FpZDogc3RyaW5nKSA9PiB7XG4gIGNvbnN0IFthZGRyZXNzID0gJyddID0gL2h0dHA6XFwvXFwvMTI3XFwuMFxcLjBcXC4xOlxcZCtcXC9wYXNzZXNcXC9hdXRob3JpemVcXFMrLy5leGVjKHNhaWQpID8/IFtdO1xuICBjb25zdCBmb3JtID0gbmV3IFVSTChhZGRyZXNzKS5zZWFyY2hQYXJhbXM7XG4gIGZvcm0uc2V0KCdkZWNpc2lvbicsIGRlY2lzaW9uKTtcbiAgYXdhaXQgZmV0Y2goYCR7b3JpZ2lufS9wYXNzZXMvYXV0aG9yaXplYCwgeyBtZXRob2Q6ICdQT1NUJywgYm9keTogZm9ybSB9KTtcbn07XG5cbnRlc3QoJ2EgcGVyc29uIGFncmVlcyBpbiBhIGJyb3dzZXIsIHdoaWNoIGNvbWVzIGJhY2sgd2l0aCBhIGNvZGUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb24oKTtcbiAgY29uc3Qgb3BlbmVkID0gYXdhaXQgYWdyZWVkKGN3ZCwgJ3BlcnNvbicsIGRlY2lkZSgnYWdyZWUnKSk7XG4gIGFzc2VydC5lcXVhbChvcGVuZWQuc3RhdHVzLCAwLCBvcGVuZWQuZXJyKTtcbiAgY29uc3Qgc2VudCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy9wYXNzZXMvcXVheScsICctLXNlc3Npb24nLCAncGVyc29uJ10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5tYXRjaChzZW50Lm91dCwgL1wicGFzc2VuZ2VyXCI6IFwiYWdlbnRcIi8pO1xuICBmb3IgKGNvbnN0IHsgcGF0aCwgdGV4dCB9IG9mIGV2ZXJ5RmlsZShjd2QpKSBhc3NlcnQuZG9lc05vdE1hdGNoKHRleHQsIC9cImNvZGVfdmVyaWZpZXI9W1xcdy1dezQwfXxleUpoYkdjaS8sIHBhdGgpO1xufSk7XG5cbnRlc3QoJ2EgcGVyc29uIHdobyByZWZ1c2VzIGlzIHRvbGQgc28nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHJlZnVzZWQgPSBhd2FpdCBhZ3JlZWQoY29sbGVjdGlvbigpLCAncGVyc29uJywgZGVjaWRlKCdyZWZ1c2UnKSk7XG4gIGFzc2VydC5lcXVhbChyZWZ1c2VkLnN0YXR1cywgNCwgcmVmdXNlZC5lcnIpO1xuICBhc3NlcnQubWF0Y2gocmVmdXNlZC5lcnIsIC90aGUgcGVyc29uIGRpZCBub3QgYWdyZWVbXFxzXFxTXSphY2Nlc3NfZGVuaWVkOiB0aGUgaGFyYm91ciBtYXN0ZXIgc2FpZCBuby8pO1xufSk7XG5cbnRlc3QoJ2EgYnJvd3NlciB0aGF0IGNvbWVzIGJhY2sgd2l0aCB0aGUgc3RhdGUgb2YgYW5vdGhlciB0cnkgaXMgbm90IGJlbGlldmVkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCByZWZ1c2VkID0gYXdhaXQgYWdyZWVkKGNvbGxlY3Rpb24oKSwgJ3BlcnNvbicsIGFzeW5jIChzYWlkKSA9PiB7XG4gICAgY29uc3QgWywgY2FsbGJhY2sgPSAnJ10gPSAvcmVkaXJlY3RfdXJpPShbXiZcXHNdKykvLmV4ZWMoc2FpZCkgPz8gW107XG4gICAgYXdhaXQgZmV0Y2goYCR7ZGVjb2RlVVJJQ29tcG9uZW50KGNhbGxiYWNrKX0/Y29kZT1zdG9sZW4mc3RhdGU9YW5vdGhlcmApO1xuICB9KTtcbiAgYXNzZXJ0LmVxdWFsKHJlZnVzZWQuc3RhdHVzLCA0KTtcbiAgYXNzZXJ0Lm1hdGNoKHJlZnVzZWQuZXJyLCAvdGhlIGJyb3dzZXIgY2FtZSBiYWNrIHdpdGggdGhlIHN0YXRlIG9mIGFub3RoZXIgdHJ5Lyk7XG59KTtcblxudGVzdCgnd2hlcmUgdGhlcmUgaXMgbm8gYnJvd3NlciwgdGhlIGFkZHJlc3MgdGhhdCBpdCB3YXMgc2VudCB0byBpcyBwYXN0ZWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IG9wZW5lZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3Nlc3Npb24nLCAnb3BlbicsICdwZXJzb24nLCAnLS1uby1icm93c2VyJ10sIHtcbiAgICBjd2Q6IGNvbGxlY3Rpb24oKSxcbiAgICBlbnYsXG4gICAgb3BlbklucHV0OiB0cnVlLFxuICAgIG1lYW53aGlsZTogKGNoaWxkKSA9PiB7XG4gICAgICBsZXQgc2FpZCA9ICcnO1xuICAgICAgY2hpbGQuc3RkZXJyPy5vbignZGF0YScsIChjaHVuazogc3RyaW5nKSA9PiB7XG4gICAgICAgIHNhaWQgKz0gY2h1bms7XG4gICAgICAgIGNvbnN0IFthZGRyZXNzXSA9IC9odHRwOlxcUytcXC9wYXNzZXNcXC9hdXRob3JpemVcXD9cXFMrKD89XFxzKS8uZXhlYyhzYWlkKSA/PyBbXTtcbiAgICAgICAgaWYgKCFhZGRyZXNzKSByZXR1cm47XG4gICAgICAgIHNhaWQgPSAnJztcbiAgICAgICAgY29uc3QgZm9ybSA9IG5ldyBVUkwoYWRkcmVzcykuc2VhcmNoUGFyYW1zO1xuICAgICAgICBmb3JtLnNldCgnZGVjaXNpb24nLCAnYWdyZWUnKTtcbiAgICAgICAgdm9pZCBmZXRjaChgJHtvcmlnaW59L3Bhc3Nlcy9hdXRob3JpemVgLCB7IG1ldGhvZDogJ1BPU1QnLCBib2R5OiBmb3JtLCByZWRpcmVjdDogJ21hbnVhbCcgfSkudGhlbigoYW5zd2VyKSA9PlxuICAgICAgICAgIGNoaWxkLnN0ZGluPy53cml0ZShgJHthbnN3ZXIuaGVhZGVycy5nZXQoJ2xvY2F0aW9uJyl9XFxuYCksXG4gICAgICAgICk7XG4gICAgICB9KTtcbiAgICB9LFxuICB9KTtcbiAgYXNzZXJ0LmVxdWFsKG9wZW5lZC5zdGF0dXMsIDAsIG9wZW5lZC5lcnIpO1xufSk7XG5cbmZvciAoY29uc3QgW2RlY2lzaW9uLCBzdGF0dXMsIG1lc3NhZ2VdIG9mIFtcbiAgWydhZ3JlZScsIDAsIC9kZXZpY2UgK29hdXRoMiArb3Blbi9dLFxuICBbJ3JlZnVzZScsIDQsIC90aGUgcGVyc29uIGRpZCBub3QgYWdyZWUvXSxcbl0gYXMgY29uc3QpIHtcbiAgdGVzdChgYSBwZXJzb24gdHlwZXMgdGhlIGNvZGUgb24gYW5vdGhlciBkZXZpY2UsIGFuZCBkZWNpZGVzIHRvICR7ZGVjaXNpb259YCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IGVuZGVkID0gYXdhaXQgYWdyZWVkKGNvbGxlY3Rpb24oKSwgJ2RldmljZScsIGFzeW5jIChzYWlkKSA9PiB7XG4gICAgICBjb25zdCBbLCBjb2RlID0gJyddID0gL3R5cGUgKFswLTlBLUZdezZ9KS8uZXhlYyhzYWlkKSA/PyBbXTtcbiAgICAgIGF3YWl0IGZldGNoKGAke29yaWdpbn0vcGFzc2VzL2FncmVlYCwgeyBtZXRob2Q6ICdQT1NUJywgYm9keTogbmV3IFVSTFNlYXJjaFBhcmFtcyh7IGNvZGUsIGRlY2lzaW9uIH0pIH0pO1xuICAgIH0pO1xuICAgIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIHN0YXR1cywgZW5kZWQuZXJyKTtcbiAgICBhc3NlcnQubWF0Y2goZW5kZWQub3V0ICsgZW5kZWQuZXJyLCBtZXNzYWdlKTtcbiAgfSk7XG59XG5cbnRlc3QoJ3doYXQgbmVlZHMgYSBwZXJzb24gc2F5cyBzbyB3aGVyZSBub2JvZHkgaXMnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgc3RhdHVzLCBlcnIgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy9wYXNzZXMvcXVheScsICctLXNlc3Npb24nLCAncGVyc29uJ10sIHtcbiAgICBjd2Q6IGNvbGxlY3Rpb24oKSxcbiAgICBlbnYsXG4gIH0pO1xuICBhc3NlcnQuZXF1YWwoc3RhdHVzLCA0KTtcbiAgYXNzZXJ0Lm1hdGNoKGVyciwgL25lZWRzIGEgcGVyc29uIHRvIGFncmVlLCBhbmQgbm9ib2R5IGlzIGhlcmVbXFxzXFxTXSplY2hvLXRyYWlsIHNlc3Npb24gb3BlbiBwZXJzb24vKTtcbn0pO1xuXG5jb25zdCByZWZ1c2FsczogcmVhZG9ubHkgKHJlYWRvbmx5IFt3aGF0OiBzdHJpbmcsIGZpbGU6IHN0cmluZywgbWVzc2FnZTogUmVnRXhwXSlbXSA9IFtcbiAgW1xuICAgICdhIHdyb25nIHNlY3JldCcsXG4gICAgb2F1dGgoJ2NsaWVudF9jcmVkZW50aWFscycsICdjbGllbnQ6IHtpZDogaGFyYm91ciBkZXNrLCBzZWNyZXQ6IHdyb25nLXNlY3JldH1cXG4nKSxcbiAgICAvZG9lcyBub3QgYWNjZXB0IHRoZSBjbGllbnRbXFxzXFxTXSpjbGllbnRfc2VjcmV0X3Bvc3QvLFxuICBdLFxuICBbXG4gICAgJ2Fub3RoZXIgd2F5IG9mIHByb29mJyxcbiAgICBvYXV0aCgnY2xpZW50X2NyZWRlbnRpYWxzJywgJ2NsaWVudDoge2lkOiBwb3N0ZXIsIHNlY3JldDogXCIke3NlY3JldC5wYXNzfVwifVxcbicpLFxuICAgIC9kb2VzIG5vdCBhY2NlcHQgdGhlIGNsaWVudC8sXG4gIF0sXG4gIFtcbiAgICAnYW4gdW5rbm93biBzY29wZScsXG4gICAgb2F1dGgoJ2NsaWVudF9jcmVkZW50aWFscycsIGRlc2ssICdzY29wZTogbGlnaHRob3VzZVxcbicpLFxuICAgIC9kb2VzIG5vdCBnaXZlIHRoaXMgc2NvcGVbXFxzXFxTXSp0aGVyZSBpcyBubyBzY29wZSBsaWdodGhvdXNlLyxcbiAgXSxcbiAgW1xuICAgICdhIHdyb25nIHBhc3N3b3JkJyxcbiAgICBvYXV0aCgncGFzc3dvcmQnLCBkZXNrLCAndXNlcjogYWdlbnRcXG5wYXNzd29yZDogYW5vdGhlci1wYXNzd29yZFxcbicpLFxuICAgIC93aGF0IHdhcyBoYW5kZWQgaW4gaXMgd3JvbmdbXFxzXFxTXSp1c2VyIG9yIHBhc3N3b3JkIGFyZSB3cm9uZy8sXG4gIF0sXG4gIFtcbiAgICAnYSBncmFudCB0aGF0IHRoZSBjbGllbnQgbWF5IG5vdCB1c2UnLFxuICAgIG9hdXRoKCdjbGllbnRfY3JlZGVudGlhbHMnLCAnY2xpZW50OiB7aWQ6IGtpb3NrfVxcbicpLFxuICAgIC9tYXkgbm90IHVzZSB0aGlzIGdyYW50LyxcbiAgXSxcbiAgW1xuICAgICdhbiBpc3N1ZXIgd2l0aG91dCBtZXRhZGF0YScsXG4gICAgYGtpbmQ6IG9hdXRoMlxcbmdyYW50OiBjbGllbnRfY3JlZGVudGlhbHNcXG5pc3N1ZXI6IFxcJHtvcmlnaW59L25vYm9keVxcbiR7ZGVza31gLFxuICAgIC9wdWJsaXNoZXMgbm8gbWV0YWRhdGEvLFxuICBdLFxuICBbJ25vIGVuZHBvaW50IGF0IGFsbCcsIGBraW5kOiBvYXV0aDJcXG5ncmFudDogY2xpZW50X2NyZWRlbnRpYWxzXFxuJHtkZXNrfWAsIC9ubyB0b2tlbiBlbmRwb2ludCBpcyBrbm93bi9dLFxuICBbXG4gICAgJ2FuIGVuZHBvaW50IHRoYXQgc3BlYWtzIG5vIE9BdXRoJyxcbiAgICBga2luZDogb2F1dGgyXFxuZ3JhbnQ6IGNsaWVudF9jcmVkZW50aWFsc1xcbmVuZHBvaW50czoge3Rva2VuOiBcIlxcJHtvcmlnaW59L21pcnJvclwifVxcbiR7ZGVza31gLFxuICAgIC9ub3Qgb25lIG9mIE9BdXRoLyxcbiAgXSxcbiAgW1xuICAgICdhbiBlbmRwb2ludCBpbiBwbGFpbiBodHRwIGVsc2V3aGVyZScsXG4gICAgYGtpbmQ6IG9hdXRoMlxcbmdyYW50OiBjbGllbnRfY3JlZGVudGlhbHNcXG5lbmRwb2ludHM6IHt0b2tlbjogXCJodHRwOi8vcGFzc2VzLmV4YW1wbGUvdG9rZW5cIn1cXG4ke2Rlc2t9YCxcbiAgICAvcGxhaW4gaHR0cC8sXG4gIF0sXG4gIFtcbiAgICAnYW4gZW5kcG9pbnQgb24gYSBob3N0IHRoYXQgaXMgbm90IGxpc3RlZCcsXG4gICAgYGtpbmQ6IG9hdXRoMlxcbmdyYW50OiBjbGllbnRfY3JlZGVudGlhbHNcXG5lbmRwb2ludHM6IHt0b2tlbjogXCJodHRwczovL3Bhc3Nlcy5leGFtcGxlL3Rva2VuXCJ9XFxuJHtkZXNrfWAsXG4gICAgL3Bhc3Nlc1xcLmV4YW1wbGUsIHdoaWNoIHRoZSBlbnZpcm9ubWVudCBzYW5kYm94IGRvZXMgbm90IGxpc3QvLFxuICBdLFxuICBbJ25vIHBhc3N3b3JkIGF0IGFsbCcsIG9hdXRoKCdwYXNzd29yZCcsIGRlc2ssICd1c2VyOiBhZ2VudFxcbicpLCAvaGFzIG5vIHBhc3N3b3JkL10sXG4gIFtcbiAgICAnYSByZWZyZXNoIHRva2VuIHRoYXQgd2FzIHVzZWQnLFxuICAgIG9hdXRoKCdyZWZyZXNoX3Rva2VuJywgZGVzaywgJ3JlZnJlc2gtdG9rZW46IGFuLW9sZC1yZWZyZXNoLXRva2VuXFxuJyksXG4gICAgL3RoZSByZWZyZXNoIHRva2VuIHdhcyB1c2VkIG9yIGhhcyBlbmRlZC8sXG4gIF0sXG4gIFtcbiAgICAnYSBrZXkgdGhhdCBpcyBub25lJyxcbiAgICBvYXV0aCgnY2xpZW50X2NyZWRlbnRpYWxzJywgJ2NsaWVudDoge2lkOiBzaWduZXIsIGtleTogbm8ta2V5LWF0LWFsbH1cXG4nKSxcbiAgICAvdGhlIGtleSBvZiB0aGUgY2xpZW50IGNhbm5vdCBiZSB1c2VkIHdpdGggUlMyNTYvLFxuICBdLFxuICBbXG4gICAgJ2EgcHJvb2Ygd2l0aG91dCBpdHMgc2VjcmV0JyxcbiAgICBvYXV0aCgnY2xpZW50X2NyZWRlbnRpYWxzJywgJ2NsaWVudDoge2lkOiBwb3N0ZXIsIGF1dGhlbnRpY2F0aW9uOiBjbGllbnRfc2VjcmV0X3Bvc3R9XFxuJyksXG4gICAgL2NsaWVudF9zZWNyZXQgaXMgZW1wdHkvLFxuICBdLFxuXTtcbmZvciAoY29uc3QgW3doYXQsIGZpbGUsIG1lc3NhZ2VdIG9mIHJlZnVzYWxzKSB7XG4gIHRlc3QoYCR7d2hhdH0gaXMgZXhwbGFpbmVkLCBhbmQgbm90aGluZyBzZWNyZXQgaXMgaW4gaXRgLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgY3dkID0gY29sbGVjdGlvbih7ICdzZXNzaW9ucy9pdC55YW1sJzogZmlsZSB9KTtcbiAgICBjb25zdCB7IHN0YXR1cywgZXJyLCBvdXQgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy9wYXNzZXMvcXVheScsICctLXNlc3Npb24nLCAnaXQnXSwgeyBjd2QsIGVudiB9KTtcbiAgICBhc3NlcnQuZXF1YWwoc3RhdHVzLCA0LCBlcnIgKyBvdXQpO1xuICAgIGFzc2VydC5tYXRjaChlcnIsIG1lc3NhZ2UpO1xuICAgIGFzc2VydC5kb2VzTm90TWF0Y2goZXJyICsgb3V0LCAvZWJifHRpZGV3YXRlci8pO1xuICB9KTtcbn1cblxudGVzdCgnYSBwYXNzIHdpdGhvdXQgdGhlIHJpZ2h0IHRvIGEgcXVheSBpcyByZWZ1c2VkIGJ5IDQwMywgYW5kIHRoYXQgaXMgdG9sZCBmcm9tIDQwMScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbih7ICdzZXNzaW9ucy9waWxvdHMueWFtbCc6IG9hdXRoKCdjbGllbnRfY3JlZGVudGlhbHMnLCBkZXNrLCAnc2NvcGU6IHBpbG90c1xcbicpIH0pO1xuICBjb25zdCB7IHN0YXR1cywgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvcGFzc2VzL3F1YXknLCAnLS1zZXNzaW9uJywgJ3BpbG90cyddLCB7IGN3ZCwgZW52IH0pO1xuICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAxKTtcbiAgYXNzZXJ0Lm1hdGNoKGVyciwgLzQwMy8pO1xufSk7XG5cbnRlc3QoJ2EgdGhvdXNhbmQgc3RlcHMgb24gYW4gZW5kZWQgc2Vzc2lvbiBjYXVzZSBvbmUgcmVuZXdhbCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbih7XG4gICAgJ3JlcXVlc3RzL3F1YXkueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9wYXNzZXMvcXVheVxcbnNlc3Npb246IHNob3J0XFxuZXhwZWN0OiB7c3RhdHVzOiAyMDB9XFxuJyxcbiAgICAnZGF0YS90aG91c2FuZC5jc3YnOiBgblxcbiR7QXJyYXkuZnJvbSh7IGxlbmd0aDogMTAwMCB9LCAoXywgaW5kZXgpID0+IGluZGV4KS5qb2luKCdcXG4nKX1cXG5gLFxuICAgICd0cmFpbHMvdGhvdXNhbmQueWFtbCc6ICdyb3dzOiBkYXRhL3Rob3VzYW5kLmNzdlxcbmF0LW9uY2U6IDEwMFxcbnN0ZXBzOiBbe3NlbmQ6IHF1YXl9XVxcbicsXG4gIH0pO1xuICBhd2FpdCBlY2hvVHJhaWwoWydzZXNzaW9uJywgJ29wZW4nLCAnc2hvcnQnXSwgeyBjd2QsIGVudiB9KTtcbiAgYXdhaXQgbmV3IFByb21pc2UoKHJlc29sdmUpID0+IHNldFRpbWVvdXQocmVzb2x2ZSwgMV8yMDApKTtcbiAgY29uc3QgYmVmb3JlID0gYXdhaXQgaXNzdWVkKCk7XG4gIGNvbnN0IHJhbiA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICd0aG91c2FuZCddLCB7IGN3ZCwgZW52IH0pO1xuICBhc3NlcnQuZXF1YWwocmFuLnN0YXR1cywgMCwgcmFuLmVyciArIHJhbi5vdXQpO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IGlzc3VlZCgpKS5pc3N1ZWQsIGJlZm9yZS5pc3N1ZWQgKyAxKTtcbn0pO1xuXG50ZXN0KCdwcm9jZXNzZXMgdGhhdCBzdGFydCB0b2dldGhlciBvcGVuIG9uZSBzZXNzaW9uJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uKCk7XG4gIGNvbnN0IGJlZm9yZSA9IGF3YWl0IGlzc3VlZCgpO1xuICBjb25zdCBhbGwgPSBhd2FpdCBQcm9taXNlLmFsbChcbiAgICBBcnJheS5mcm9tKHsgbGVuZ3RoOiA0IH0sICgpID0+XG4gICAgICBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvcGFzc2VzL3F1YXknLCAnLS1zZXNzaW9uJywgJ2Jhc2ljJywgJy0tcXVpZXQnXSwgeyBjd2QsIGVudiB9KSxcbiAgICApLFxuICApO1xuICBmb3IgKGNvbnN0IHsgc3RhdHVzLCBlcnIgfSBvZiBhbGwpIGFzc2VydC5lcXVhbChzdGF0dXMsIDAsIGVycik7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgaXNzdWVkKCkpLmlzc3VlZCwgYmVmb3JlLmlzc3VlZCArIDEpO1xufSk7XG5cbnRlc3QoJ3Njb3BlLCBhdWRpZW5jZSBhbmQgcmVzb3VyY2UgYXJlIGFza2VkIGZvciwgYW5kIE9wZW5JRCBtZXRhZGF0YSBzZXJ2ZXMgd2hlcmUgUkZDIDg0MTQgaGFzIG5vbmUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoaGVhZCkgPT4ge1xuICAgIGNvbnN0IHNlbGYgPSBgaHR0cDovLyR7L2hvc3Q6IChcXFMrKS9pLmV4ZWMoaGVhZCk/LlsxXX1gO1xuICAgIGlmIChoZWFkLnN0YXJ0c1dpdGgoJ0dFVCAvZGVzay8ud2VsbC1rbm93bi9vcGVuaWQtY29uZmlndXJhdGlvbicpKVxuICAgICAgcmV0dXJuIGFuc3dlck9mKEpTT04uc3RyaW5naWZ5KHsgaXNzdWVyOiBgJHtzZWxmfS9kZXNrYCwgdG9rZW5fZW5kcG9pbnQ6IGAke3NlbGZ9L2Rlc2svdG9rZW5gIH0pKTtcbiAgICBpZiAoaGVhZC5zdGFydHNXaXRoKCdQT1NUIC9kZXNrL3Rva2VuJykpXG4gICAgICByZXR1cm4gYW5zd2VyT2YoJ3tcImFjY2Vzc190b2tlblwiOiBcImEtdG9rZW4tb2YtdGhlLWRlc2tcIiwgXCJ0b2tlbl90eXBlXCI6IFwiYmVhcmVyXCIsIFwiZXhwaXJlc19pblwiOiA2MH0nKTtcbiAgICByZXR1cm4gaGVhZC5zdGFydHNXaXRoKCdHRVQgL2l0JykgPyBhbnN3ZXJPZigne1wib2tcIjogdHJ1ZX0nKSA6IGFuc3dlck9mKCd7fScsIHsgc3RhdHVzOiAnNDA0IE5vdCBGb3VuZCcgfSk7XG4gIH0pO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ3Nlc3Npb25zL3dpZGUueWFtbCc6XG4gICAgICAgICdraW5kOiBvYXV0aDJcXG5ncmFudDogY2xpZW50X2NyZWRlbnRpYWxzXFxuaXNzdWVyOiAke29yaWdpbn0vZGVza1xcbmNsaWVudDoge2lkOiBoYXJib3VyIGRlc2ssIHNlY3JldDogXCIke3NlY3JldC5wYXNzfVwifVxcbnNjb3BlOiBbYmVydGhzLCBcIiR7d29yZCA/PyBcXCdwaWxvdHNcXCd9XCJdXFxuYXVkaWVuY2U6IGh0dHBzOi8vcXVheS5leGFtcGxlL1xcbnJlc291cmNlOiBbaHR0cHM6Ly9hLmV4YW1wbGUvLCBodHRwczovL2IuZXhhbXBsZS9dXFxuJyxcbiAgICB9LFxuICAgIHNlcnZlci5vcmlnaW4sXG4gICk7XG4gIGNvbnN0IHNlbnQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvaXQnLCAnLS1zZXNzaW9uJywgJ3dpZGUnXSwgeyBjd2QsIGVudiB9KTtcbiAgYXNzZXJ0LmVxdWFsKHNlbnQuc3RhdHVzLCAwLCBzZW50LmVycik7XG4gIGNvbnN0IFssIGhlYWQgPSAnJywgYm9keSA9ICcnXSA9XG4gICAgLyhQT1NUIFxcL2Rlc2tcXC90b2tlbltcXHNcXFNdKj8pXFxyXFxuXFxyXFxuKC4qPylHRVQgXFwvaXQvcy5leGVjKHNlcnZlci5yZWNlaXZlZC5qb2luKCcnKSkgPz8gW107XG4gIGNvbnN0IGZvcm0gPSBuZXcgVVJMU2VhcmNoUGFyYW1zKGJvZHkpO1xuICBhc3NlcnQuZXF1YWwoZm9ybS5nZXQoJ3Njb3BlJyksICdiZXJ0aHMgcGlsb3RzJyk7XG4gIGFzc2VydC5kZWVwRXF1YWwoZm9ybS5nZXRBbGwoJ2F1ZGllbmNlJyksIFsnaHR0cHM6Ly9xdWF5LmV4YW1wbGUvJ10pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGZvcm0uZ2V0QWxsKCdyZXNvdXJjZScpLCBbJ2h0dHBzOi8vYS5leGFtcGxlLycsICdodHRwczovL2IuZXhhbXBsZS8nXSk7XG4gIC8vIFRoZSBpZCBhbmQgdGhlIHNlY3JldCBhcmUgZm9ybS1lbmNvZGVkIGJlZm9yZSB0aGV5IGFyZSBqb2luZWQgKFJGQyA2NzQ5LCBzZWN0aW9uIDIuMy4xKS5cbiAgY29uc3QgWywgcGFpciA9ICcnXSA9IC9BdXRob3JpemF0aW9uOiBCYXNpYyAoXFxTKykvaS5leGVjKGhlYWQpID8/IFtdO1xuICBhc3NlcnQuZXF1YWwoQnVmZmVyLmZyb20ocGFpciwgJ2Jhc2U2NCcpLnRvU3RyaW5nKCksICdoYXJib3VyK2Rlc2s6ZWJiKyUyNitmbG93JTNBKzEwMCUyNSslMkJzYWZlJyk7XG4gIGFzc2VydC5tYXRjaChzZXJ2ZXIucmVjZWl2ZWQuam9pbignJyksIC9HRVQgXFwvaXRbXFxzXFxTXSpCZWFyZXIgYS10b2tlbi1vZi10aGUtZGVzay8pO1xuICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdhIHRva2VuIGVuZHBvaW50IHRoYXQgc2F5cyBub3RoaW5nIG9mIGFuIGVuZCBpcyBhc2tlZCBvbmNlLCBhbmQgaXRzIGFuc3dlciBpcyBrZXB0JywgYXN5bmMgKCkgPT4ge1xuICBsZXQgYXNrZWQgPSAwO1xuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKGhlYWQpID0+IHtcbiAgICBpZiAoIWhlYWQuc3RhcnRzV2l0aCgnUE9TVCAvdG9rZW4nKSkgcmV0dXJuIGFuc3dlck9mKCd7fScpO1xuICAgIGFza2VkICs9IDE7XG4gICAgcmV0dXJuIGFuc3dlck9mKCd7XCJhY2Nlc3NfdG9rZW5cIjogXCJ3aXRob3V0LWFuLWVuZFwiLCBcInRva2VuX3R5cGVcIjogXCJCZWFyZXJcIn0nKTtcbiAgfSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAnc2Vzc2lvbnMvb3Blbi55YW1sJzpcbiAgICAgICAgJ2tpbmQ6IG9hdXRoMlxcbmdyYW50OiBjbGllbnRfY3JlZGVudGlhbHNcXG5lbmRwb2ludHM6IHt0b2tlbjogXCIke29yaWdpbn0vdG9rZW5cIn1cXG5jbGllbnQ6IHtpZDogYSwgc2VjcmV0OiBcIiR7c2VjcmV0LnBhc3N9XCJ9XFxuJyxcbiAgICB9LFxuICAgIHNlcnZlci5vcmlnaW4sXG4gICk7XG4gIGZvciAobGV0IGNvdW50ID0gMDsgY291bnQgPCAyOyBjb3VudCArPSAxKVxuICAgIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL2l0JywgJy0tc2Vzc2lvbicsICdvcGVuJ10sIHsgY3dkLCBlbnYgfSkpLnN0YXR1cywgMCk7XG4gIGFzc2VydC5lcXVhbChhc2tlZCwgMSk7XG4gIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUywyQkFBMkI7QUFDcEMsU0FBUyxZQUFZO0FBT3JCLElBQU0sRUFBRSxRQUFRLFlBQVksSUFBSSxNQUFNLG1CQUFtQjtBQUN6RCxJQUFNLE1BQU0sRUFBRSx3QkFBd0IsWUFBWSx3QkFBd0IsWUFBWSxTQUFTO0FBQy9GLElBQU0sT0FBTztBQUViLElBQU0sUUFBUSxDQUFDLE9BQWUsUUFBZ0IsT0FBTyxPQUNuRDtBQUFBLFNBQXdCLEtBQUs7QUFBQTtBQUFBLEVBQWdDLE1BQU0sR0FBRyxJQUFJO0FBRTVFLElBQU0sV0FBNkM7QUFBQSxFQUNqRCx1QkFBdUIsTUFBTSxzQkFBc0IsSUFBSTtBQUFBLEVBQ3ZELHNCQUFzQjtBQUFBLElBQ3BCO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFBQSxFQUNBLHdCQUF3QjtBQUFBLElBQ3RCO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFBQSxFQUNBLHdCQUF3QixNQUFNLHNCQUFzQixrREFBa0Q7QUFBQSxFQUN0RywwQkFBMEIsTUFBTSxZQUFZLE1BQU0seUNBQXlDO0FBQUEsRUFDM0YsdUJBQXVCLE1BQU0sWUFBWSxNQUFNLGlFQUFpRTtBQUFBLEVBQ2hILDJCQUEyQjtBQUFBO0FBQUE7QUFBQSxFQUEyRixJQUFJO0FBQUEsRUFDMUgsd0JBQXdCLE1BQU0sc0JBQXNCLHlCQUF5Qix3QkFBd0I7QUFBQSxFQUNyRyx3QkFBd0IsTUFBTSxnREFBZ0QsdUJBQXVCO0FBQ3ZHO0FBRUEsSUFBTSxhQUFhLENBQUMsUUFBMEMsQ0FBQyxNQUM3RCxhQUFhLEVBQUUsR0FBRyxVQUFVLEdBQUcsTUFBTSxHQUFHLE1BQU07QUFFaEQsSUFBTSxTQUFTLFlBQ1osT0FBTyxNQUFNLE1BQU0sR0FBRyxNQUFNLGdCQUFnQixHQUFHLEtBQUs7QUFFdkQsV0FBVyxRQUFRLENBQUMsU0FBUyxRQUFRLFVBQVUsWUFBWSxXQUFXLEdBQUc7QUFDdkUsT0FBSyxlQUFlLElBQUksK0NBQStDLFlBQVk7QUFDakYsVUFBTSxNQUFNLFdBQVc7QUFDdkIsVUFBTSxTQUFTLE1BQU0sT0FBTztBQUM1QixVQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLGdCQUFnQixhQUFhLElBQUksR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQzdGLFdBQU8sTUFBTSxLQUFLLFFBQVEsR0FBRyxLQUFLLEdBQUc7QUFDckMsV0FBTyxNQUFNLEtBQUssS0FBSyxpQkFBaUI7QUFDeEMsVUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxnQkFBZ0IsYUFBYSxJQUFJLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUM5RixXQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUcsTUFBTSxHQUFHO0FBQ3ZDLFdBQU8sT0FBTyxNQUFNLE9BQU8sR0FBRyxRQUFRLE9BQU8sU0FBUyxHQUFHLDRCQUE0QjtBQUNyRixXQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsV0FBVyxTQUFTLElBQUksR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDLEdBQUcsUUFBUSxDQUFDO0FBQ2xGLFVBQU0sUUFBUSxNQUFNLE9BQU87QUFFM0IsV0FBTyxNQUFNLE1BQU0sTUFBTSxPQUFPLFFBQVEsU0FBUyxjQUFjLElBQUksRUFBRTtBQUFBLEVBQ3ZFLENBQUM7QUFDSDtBQUVBLEtBQUssK0NBQStDLFlBQVk7QUFDOUQsUUFBTSxFQUFFLFdBQVcsV0FBVyxJQUFJLG9CQUFvQixPQUFPLEVBQUUsZUFBZSxLQUFLLENBQUM7QUFDcEYsUUFBTSxNQUFNLEdBQUcsTUFBTSx1QkFBdUI7QUFBQSxJQUMxQyxRQUFRO0FBQUEsSUFDUixTQUFTLEVBQUUsZ0JBQWdCLG1CQUFtQjtBQUFBLElBQzlDLE1BQU0sS0FBSyxVQUFVLEVBQUUsS0FBSyxVQUFVLE9BQU8sRUFBRSxNQUFNLFFBQVEsUUFBUSxNQUFNLENBQUMsRUFBRSxDQUFDO0FBQUEsRUFDakYsQ0FBQztBQUNELFFBQU0sVUFBVSxPQUFPLFdBQVcsT0FBTyxFQUFFLE1BQU0sU0FBUyxRQUFRLE1BQU0sQ0FBQyxDQUFDO0FBQzFFLFFBQU0sTUFBTSxXQUFXO0FBQ3ZCLFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sZ0JBQWdCLGFBQWEsUUFBUSxHQUFHO0FBQUEsSUFDbkY7QUFBQSxJQUNBLEtBQUssRUFBRSxHQUFHLEtBQUssMkJBQTJCLFFBQVE7QUFBQSxFQUNwRCxDQUFDO0FBQ0QsU0FBTyxNQUFNLEtBQUssUUFBUSxHQUFHLEtBQUssR0FBRztBQUN2QyxDQUFDO0FBRUQsS0FBSyxxRUFBcUUsWUFBWTtBQUNwRixRQUFNLE1BQU0sV0FBVztBQUN2QixRQUFNLFVBQVUsQ0FBQyxXQUFXLFFBQVEsVUFBVSxHQUFHLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDN0QsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFdBQVcsUUFBUSxVQUFVLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUMzRSxTQUFPLE1BQU0sTUFBTSxLQUFLLDhDQUE4QztBQUN0RSxTQUFPLE1BQU0sTUFBTSxLQUFLLHlGQUF5RjtBQUNqSCxRQUFNLEVBQUUsT0FBTyxJQUFJO0FBQUEsSUFDakIsTUFBTSxVQUFVLENBQUMsV0FBVyxRQUFRLFlBQVksUUFBUSxHQUFHLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFBQSxFQUN6RTtBQUNBLFNBQU8sTUFBTSxPQUFPLEtBQUssT0FBTztBQUNoQyxTQUFPLGFBQWEsTUFBTSxLQUFLLEtBQUs7QUFDdEMsQ0FBQztBQUVELEtBQUssaUdBQWlHLFlBQVk7QUFDaEgsUUFBTSxNQUFNLFdBQVc7QUFDdkIsUUFBTSxPQUFPLE1BQXNCLFVBQVUsQ0FBQyxRQUFRLE9BQU8sZ0JBQWdCLGFBQWEsT0FBTyxHQUFHLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDaEgsU0FBTyxPQUFPLE1BQU0sS0FBSyxHQUFHLFFBQVEsQ0FBQztBQUNyQyxRQUFNLFNBQVMsTUFBTSxPQUFPO0FBRTVCLFFBQU0sSUFBSSxRQUFRLENBQUMsWUFBWSxXQUFXLFNBQVMsSUFBSyxDQUFDO0FBQ3pELFFBQU0sUUFBUSxNQUFNLEtBQUs7QUFDekIsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxRQUFNLFFBQVEsTUFBTSxPQUFPO0FBQzNCLFNBQU8sVUFBVSxDQUFDLE1BQU0sVUFBVSxPQUFPLFNBQVMsTUFBTSxTQUFTLE9BQU8sTUFBTSxHQUFHLENBQUMsR0FBRyxDQUFDLENBQUM7QUFDekYsQ0FBQztBQUdELGVBQWUsT0FBTyxLQUFhLE1BQWMsS0FBc0Q7QUFDckcsTUFBSSxPQUFPO0FBQ1gsTUFBSTtBQUNKLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxXQUFXLFFBQVEsTUFBTSxjQUFjLEdBQUc7QUFBQSxJQUN2RTtBQUFBLElBQ0E7QUFBQSxJQUNBLFdBQVcsQ0FBQyxVQUFVO0FBQ3BCLFlBQU0sUUFBUSxHQUFHLFFBQVEsQ0FBQyxVQUFrQjtBQUMxQyxnQkFBUTtBQUNSLFlBQUksb0NBQW9DLEtBQUssSUFBSSxFQUFHLFdBQVUsSUFBSSxJQUFJO0FBQUEsTUFDeEUsQ0FBQztBQUFBLElBQ0g7QUFBQSxFQUNGLENBQUM7QUFDRCxRQUFNO0FBQ04sU0FBTztBQUNUO0FBRUEsSUFBTSxTQUFTLENBQUMsYUFBcUIsT0FBTyxTQUFpQjtBQUMzRCxRQUFNLENBQUMsVUFBVSxFQUFFLElBQUksa0RBQWtELEtBQUssSUFBSSxLQUFLLENBQUM7QUFDeEYsUUFBTSxPQUFPLElBQUksSUFBSSxPQUFPLEVBQUU7QUFDOUIsT0FBSyxJQUFJLFlBQVksUUFBUTtBQUM3QixRQUFNLE1BQU0sR0FBRyxNQUFNLHFCQUFxQixFQUFFLFFBQVEsUUFBUSxNQUFNLEtBQUssQ0FBQztBQUMxRTtBQUVBLEtBQUssOERBQThELFlBQVk7QUFDN0UsUUFBTSxNQUFNLFdBQVc7QUFDdkIsUUFBTSxTQUFTLE1BQU0sT0FBTyxLQUFLLFVBQVUsT0FBTyxPQUFPLENBQUM7QUFDMUQsU0FBTyxNQUFNLE9BQU8sUUFBUSxHQUFHLE9BQU8sR0FBRztBQUN6QyxRQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLGdCQUFnQixhQUFhLFFBQVEsR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQ2pHLFNBQU8sTUFBTSxLQUFLLEtBQUssc0JBQXNCO0FBQzdDLGFBQVcsRUFBRSxNQUFNLEtBQUssS0FBSyxVQUFVLEdBQUcsRUFBRyxRQUFPLGFBQWEsTUFBTSxxQ0FBcUMsSUFBSTtBQUNsSCxDQUFDO0FBRUQsS0FBSyxtQ0FBbUMsWUFBWTtBQUNsRCxRQUFNLFVBQVUsTUFBTSxPQUFPLFdBQVcsR0FBRyxVQUFVLE9BQU8sUUFBUSxDQUFDO0FBQ3JFLFNBQU8sTUFBTSxRQUFRLFFBQVEsR0FBRyxRQUFRLEdBQUc7QUFDM0MsU0FBTyxNQUFNLFFBQVEsS0FBSywwRUFBMEU7QUFDdEcsQ0FBQztBQUVELEtBQUssMkVBQTJFLFlBQVk7QUFDMUYsUUFBTSxVQUFVLE1BQU0sT0FBTyxXQUFXLEdBQUcsVUFBVSxPQUFPLFNBQVM7QUFDbkUsVUFBTSxDQUFDLEVBQUUsV0FBVyxFQUFFLElBQUkseUJBQXlCLEtBQUssSUFBSSxLQUFLLENBQUM7QUFDbEUsVUFBTSxNQUFNLEdBQUcsbUJBQW1CLFFBQVEsQ0FBQyw0QkFBNEI7QUFBQSxFQUN6RSxDQUFDO0FBQ0QsU0FBTyxNQUFNLFFBQVEsUUFBUSxDQUFDO0FBQzlCLFNBQU8sTUFBTSxRQUFRLEtBQUsscURBQXFEO0FBQ2pGLENBQUM7QUFFRCxLQUFLLHdFQUF3RSxZQUFZO0FBQ3ZGLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxXQUFXLFFBQVEsVUFBVSxjQUFjLEdBQUc7QUFBQSxJQUM1RSxLQUFLLFdBQVc7QUFBQSxJQUNoQjtBQUFBLElBQ0EsV0FBVztBQUFBLElBQ1gsV0FBVyxDQUFDLFVBQVU7QUFDcEIsVUFBSSxPQUFPO0FBQ1gsWUFBTSxRQUFRLEdBQUcsUUFBUSxDQUFDLFVBQWtCO0FBQzFDLGdCQUFRO0FBQ1IsY0FBTSxDQUFDLE9BQU8sSUFBSSx5Q0FBeUMsS0FBSyxJQUFJLEtBQUssQ0FBQztBQUMxRSxZQUFJLENBQUMsUUFBUztBQUNkLGVBQU87QUFDUCxjQUFNLE9BQU8sSUFBSSxJQUFJLE9BQU8sRUFBRTtBQUM5QixhQUFLLElBQUksWUFBWSxPQUFPO0FBQzVCLGFBQUssTUFBTSxHQUFHLE1BQU0scUJBQXFCLEVBQUUsUUFBUSxRQUFRLE1BQU0sTUFBTSxVQUFVLFNBQVMsQ0FBQyxFQUFFO0FBQUEsVUFBSyxDQUFDLFdBQ2pHLE1BQU0sT0FBTyxNQUFNLEdBQUcsT0FBTyxRQUFRLElBQUksVUFBVSxDQUFDO0FBQUEsQ0FBSTtBQUFBLFFBQzFEO0FBQUEsTUFDRixDQUFDO0FBQUEsSUFDSDtBQUFBLEVBQ0YsQ0FBQztBQUNELFNBQU8sTUFBTSxPQUFPLFFBQVEsR0FBRyxPQUFPLEdBQUc7QUFDM0MsQ0FBQztBQUVELFdBQVcsQ0FBQyxVQUFVLFFBQVEsT0FBTyxLQUFLO0FBQUEsRUFDeEMsQ0FBQyxTQUFTLEdBQUcsc0JBQXNCO0FBQUEsRUFDbkMsQ0FBQyxVQUFVLEdBQUcsMEJBQTBCO0FBQzFDLEdBQVk7QUFDVixPQUFLLDZEQUE2RCxRQUFRLElBQUksWUFBWTtBQUN4RixVQUFNLFFBQVEsTUFBTSxPQUFPLFdBQVcsR0FBRyxVQUFVLE9BQU8sU0FBUztBQUNqRSxZQUFNLENBQUMsRUFBRSxPQUFPLEVBQUUsSUFBSSxxQkFBcUIsS0FBSyxJQUFJLEtBQUssQ0FBQztBQUMxRCxZQUFNLE1BQU0sR0FBRyxNQUFNLGlCQUFpQixFQUFFLFFBQVEsUUFBUSxNQUFNLElBQUksZ0JBQWdCLEVBQUUsTUFBTSxTQUFTLENBQUMsRUFBRSxDQUFDO0FBQUEsSUFDekcsQ0FBQztBQUNELFdBQU8sTUFBTSxNQUFNLFFBQVEsUUFBUSxNQUFNLEdBQUc7QUFDNUMsV0FBTyxNQUFNLE1BQU0sTUFBTSxNQUFNLEtBQUssT0FBTztBQUFBLEVBQzdDLENBQUM7QUFDSDtBQUVBLEtBQUssK0NBQStDLFlBQVk7QUFDOUQsUUFBTSxFQUFFLFFBQVEsSUFBSSxJQUFJLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxnQkFBZ0IsYUFBYSxRQUFRLEdBQUc7QUFBQSxJQUM5RixLQUFLLFdBQVc7QUFBQSxJQUNoQjtBQUFBLEVBQ0YsQ0FBQztBQUNELFNBQU8sTUFBTSxRQUFRLENBQUM7QUFDdEIsU0FBTyxNQUFNLEtBQUssa0ZBQWtGO0FBQ3RHLENBQUM7QUFFRCxJQUFNLFdBQWdGO0FBQUEsRUFDcEY7QUFBQSxJQUNFO0FBQUEsSUFDQSxNQUFNLHNCQUFzQixvREFBb0Q7QUFBQSxJQUNoRjtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0EsTUFBTSxzQkFBc0Isa0RBQWtEO0FBQUEsSUFDOUU7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBLE1BQU0sc0JBQXNCLE1BQU0scUJBQXFCO0FBQUEsSUFDdkQ7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBLE1BQU0sWUFBWSxNQUFNLDJDQUEyQztBQUFBLElBQ25FO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQSxNQUFNLHNCQUFzQix1QkFBdUI7QUFBQSxJQUNuRDtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQTtBQUFBO0FBQUEsRUFBdUUsSUFBSTtBQUFBLElBQzNFO0FBQUEsRUFDRjtBQUFBLEVBQ0EsQ0FBQyxzQkFBc0I7QUFBQTtBQUFBLEVBQTRDLElBQUksSUFBSSw0QkFBNEI7QUFBQSxFQUN2RztBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUE7QUFBQTtBQUFBLEVBQXFGLElBQUk7QUFBQSxJQUN6RjtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQTtBQUFBO0FBQUEsRUFBK0YsSUFBSTtBQUFBLElBQ25HO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBO0FBQUE7QUFBQSxFQUFnRyxJQUFJO0FBQUEsSUFDcEc7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLHNCQUFzQixNQUFNLFlBQVksTUFBTSxlQUFlLEdBQUcsaUJBQWlCO0FBQUEsRUFDbEY7QUFBQSxJQUNFO0FBQUEsSUFDQSxNQUFNLGlCQUFpQixNQUFNLHVDQUF1QztBQUFBLElBQ3BFO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQSxNQUFNLHNCQUFzQiw0Q0FBNEM7QUFBQSxJQUN4RTtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0EsTUFBTSxzQkFBc0IsNERBQTREO0FBQUEsSUFDeEY7QUFBQSxFQUNGO0FBQ0Y7QUFDQSxXQUFXLENBQUMsTUFBTSxNQUFNLE9BQU8sS0FBSyxVQUFVO0FBQzVDLE9BQUssR0FBRyxJQUFJLDhDQUE4QyxZQUFZO0FBQ3BFLFVBQU0sTUFBTSxXQUFXLEVBQUUsb0JBQW9CLEtBQUssQ0FBQztBQUNuRCxVQUFNLEVBQUUsUUFBUSxLQUFLLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sZ0JBQWdCLGFBQWEsSUFBSSxHQUFHLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDN0csV0FBTyxNQUFNLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDakMsV0FBTyxNQUFNLEtBQUssT0FBTztBQUN6QixXQUFPLGFBQWEsTUFBTSxLQUFLLGVBQWU7QUFBQSxFQUNoRCxDQUFDO0FBQ0g7QUFFQSxLQUFLLG1GQUFtRixZQUFZO0FBQ2xHLFFBQU0sTUFBTSxXQUFXLEVBQUUsd0JBQXdCLE1BQU0sc0JBQXNCLE1BQU0saUJBQWlCLEVBQUUsQ0FBQztBQUN2RyxRQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLGdCQUFnQixhQUFhLFFBQVEsR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQzVHLFNBQU8sTUFBTSxRQUFRLENBQUM7QUFDdEIsU0FBTyxNQUFNLEtBQUssS0FBSztBQUN6QixDQUFDO0FBRUQsS0FBSywwREFBMEQsWUFBWTtBQUN6RSxRQUFNLE1BQU0sV0FBVztBQUFBLElBQ3JCLHNCQUFzQjtBQUFBLElBQ3RCLHFCQUFxQjtBQUFBLEVBQU0sTUFBTSxLQUFLLEVBQUUsUUFBUSxJQUFLLEdBQUcsQ0FBQyxHQUFHLFVBQVUsS0FBSyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUE7QUFBQSxJQUN2Rix3QkFBd0I7QUFBQSxFQUMxQixDQUFDO0FBQ0QsUUFBTSxVQUFVLENBQUMsV0FBVyxRQUFRLE9BQU8sR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQzFELFFBQU0sSUFBSSxRQUFRLENBQUMsWUFBWSxXQUFXLFNBQVMsSUFBSyxDQUFDO0FBQ3pELFFBQU0sU0FBUyxNQUFNLE9BQU87QUFDNUIsUUFBTSxNQUFNLE1BQU0sVUFBVSxDQUFDLE9BQU8sVUFBVSxHQUFHLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDN0QsU0FBTyxNQUFNLElBQUksUUFBUSxHQUFHLElBQUksTUFBTSxJQUFJLEdBQUc7QUFDN0MsU0FBTyxPQUFPLE1BQU0sT0FBTyxHQUFHLFFBQVEsT0FBTyxTQUFTLENBQUM7QUFDekQsQ0FBQztBQUVELEtBQUssa0RBQWtELFlBQVk7QUFDakUsUUFBTSxNQUFNLFdBQVc7QUFDdkIsUUFBTSxTQUFTLE1BQU0sT0FBTztBQUM1QixRQUFNLE1BQU0sTUFBTSxRQUFRO0FBQUEsSUFDeEIsTUFBTTtBQUFBLE1BQUssRUFBRSxRQUFRLEVBQUU7QUFBQSxNQUFHLE1BQ3hCLFVBQVUsQ0FBQyxRQUFRLE9BQU8sZ0JBQWdCLGFBQWEsU0FBUyxTQUFTLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUFBLElBQzFGO0FBQUEsRUFDRjtBQUNBLGFBQVcsRUFBRSxRQUFRLElBQUksS0FBSyxJQUFLLFFBQU8sTUFBTSxRQUFRLEdBQUcsR0FBRztBQUM5RCxTQUFPLE9BQU8sTUFBTSxPQUFPLEdBQUcsUUFBUSxPQUFPLFNBQVMsQ0FBQztBQUN6RCxDQUFDO0FBRUQsS0FBSyxrR0FBa0csWUFBWTtBQUNqSCxRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUNBLFVBQVM7QUFDdkMsVUFBTSxPQUFPLFVBQVUsZUFBZSxLQUFLQSxLQUFJLElBQUksQ0FBQyxDQUFDO0FBQ3JELFFBQUlBLE1BQUssV0FBVyw0Q0FBNEM7QUFDOUQsYUFBTyxTQUFTLEtBQUssVUFBVSxFQUFFLFFBQVEsR0FBRyxJQUFJLFNBQVMsZ0JBQWdCLEdBQUcsSUFBSSxjQUFjLENBQUMsQ0FBQztBQUNsRyxRQUFJQSxNQUFLLFdBQVcsa0JBQWtCO0FBQ3BDLGFBQU8sU0FBUyxtRkFBbUY7QUFDckcsV0FBT0EsTUFBSyxXQUFXLFNBQVMsSUFBSSxTQUFTLGNBQWMsSUFBSSxTQUFTLE1BQU0sRUFBRSxRQUFRLGdCQUFnQixDQUFDO0FBQUEsRUFDM0csQ0FBQztBQUNELFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLHNCQUNFO0FBQUEsSUFDSjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLE9BQU8sYUFBYSxNQUFNLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUN0RixTQUFPLE1BQU0sS0FBSyxRQUFRLEdBQUcsS0FBSyxHQUFHO0FBQ3JDLFFBQU0sQ0FBQyxFQUFFLE9BQU8sSUFBSSxPQUFPLEVBQUUsSUFDM0IscURBQXFELEtBQUssT0FBTyxTQUFTLEtBQUssRUFBRSxDQUFDLEtBQUssQ0FBQztBQUMxRixRQUFNLE9BQU8sSUFBSSxnQkFBZ0IsSUFBSTtBQUNyQyxTQUFPLE1BQU0sS0FBSyxJQUFJLE9BQU8sR0FBRyxlQUFlO0FBQy9DLFNBQU8sVUFBVSxLQUFLLE9BQU8sVUFBVSxHQUFHLENBQUMsdUJBQXVCLENBQUM7QUFDbkUsU0FBTyxVQUFVLEtBQUssT0FBTyxVQUFVLEdBQUcsQ0FBQyxzQkFBc0Isb0JBQW9CLENBQUM7QUFFdEYsUUFBTSxDQUFDLEVBQUUsT0FBTyxFQUFFLElBQUksOEJBQThCLEtBQUssSUFBSSxLQUFLLENBQUM7QUFDbkUsU0FBTyxNQUFNLE9BQU8sS0FBSyxNQUFNLFFBQVEsRUFBRSxTQUFTLEdBQUcsNkNBQTZDO0FBQ2xHLFNBQU8sTUFBTSxPQUFPLFNBQVMsS0FBSyxFQUFFLEdBQUcsMkNBQTJDO0FBQ2xGLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLHNGQUFzRixZQUFZO0FBQ3JHLE1BQUksUUFBUTtBQUNaLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxTQUFTO0FBQ3ZDLFFBQUksQ0FBQyxLQUFLLFdBQVcsYUFBYSxFQUFHLFFBQU8sU0FBUyxJQUFJO0FBQ3pELGFBQVM7QUFDVCxXQUFPLFNBQVMsNERBQTREO0FBQUEsRUFDOUUsQ0FBQztBQUNELFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLHNCQUNFO0FBQUEsSUFDSjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxXQUFTLFFBQVEsR0FBRyxRQUFRLEdBQUcsU0FBUztBQUN0QyxXQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLE9BQU8sYUFBYSxNQUFNLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQyxHQUFHLFFBQVEsQ0FBQztBQUNyRyxTQUFPLE1BQU0sT0FBTyxDQUFDO0FBQ3JCLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7IiwKICAibmFtZXMiOiBbImhlYWQiXQp9Cg==
