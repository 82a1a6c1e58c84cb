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
  document,
  echoTrail,
  writeIn
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/send.test.ts
import assert from "node:assert/strict";
import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
var standin = await harbourForThisFile();
var password = standin.credentials.password;
async function readyCollection() {
  const cwd = demoCollection(standin.origin);
  const stored = await echoTrail(["secret", "set", "deskPassword"], { cwd, input: `${password}
` });
  assert.equal(stored.status, 0, stored.err);
  return cwd;
}
test("preview shows what send then puts on the wire, byte for byte, and sends nothing itself", async () => {
  const server = await rawServer(() => answerOf("{}"));
  const cwd = collectionOf(
    {
      "requests/defaults.yaml": "headers: {X-Office: north, Accept: text/plain}\n",
      "requests/calls/book.yaml": `
inputs:
  imo: {default: "90 00/017"}
  nights: {type: integer, default: 2}
  notify: {type: array, default: [agent, pilot]}
  cargo: {}
method: POST
url: \${origin}//v1/vessels/{imo}/calls
lists: bracketed
query: {notify: "\${notify}", code: 0012, gone: "\${cargo ?? omit}", quay: "a b+c&d=\xE9"}
headers: {accept: application/json, X-Twice: [one, two]}
body:
  json: {nights: "\${nights}", exact: 12345678901234567890, price: 1.10, cargo: "\${cargo ?? omit}", text: "for \${nights}"}
`
    },
    server.origin
  );
  const preview = document(await echoTrail(["preview", "calls/book", "--json"], { cwd }));
  assert.equal(server.received.length, 0);
  assert.equal(
    preview.url,
    `${server.origin}/v1/vessels/90%2000%2F017/calls?notify%5B%5D=agent&notify%5B%5D=pilot&code=0012&quay=a%20b%2Bc%26d%3D%C3%A9`
  );
  assert.deepEqual(preview.query.at(-1), { name: "quay", value: "a b+c&d=\xE9" });
  assert.equal(preview.body.text, '{"nights":2,"exact":12345678901234567890,"price":1.10,"text":"for 2"}');
  assert.deepEqual(
    preview.headers.filter(({ origin }) => origin !== "automatic"),
    [
      { name: "X-Office", value: "north", origin: "requests/defaults.yaml" },
      { name: "accept", value: "application/json", origin: "request calls/book" },
      { name: "X-Twice", value: "one", origin: "request calls/book" },
      { name: "X-Twice", value: "two", origin: "request calls/book" }
    ]
  );
  assert.deepEqual(
    preview.names.map(({ name, origin }) => [name, origin]),
    [
      ["origin", "environment sandbox"],
      ["imo", "default in requests/calls/book.yaml"],
      ["notify", "default in requests/calls/book.yaml"],
      ["nights", "default in requests/calls/book.yaml"]
    ]
  );
  assert.equal((await echoTrail(["send", "calls/book"], { cwd })).status, 0);
  const path = preview.url.slice(server.origin.length);
  const lines = preview.headers.map(({ name, value }) => `${name}: ${value}`);
  assert.equal(
    server.received[0],
    [`${preview.method} ${path} HTTP/1.1`, ...lines, "", preview.body.text].join("\r\n")
  );
  await server.close();
});
var ways = [
  [
    "a form",
    'method: POST\nurl: ${origin}/\nbody: {form: {user: "a b&c", code: 0012, tags: [x, y]}}\n',
    /content-type: application\/x-www-form-urlencoded\r\ncontent-length: 36\r\n\r\nuser=a\+b%26c&code=0012&tags=x&tags=y$/
  ],
  [
    "text",
    'method: PUT\nurl: ${origin}/\nbody: {text: "gr\xFC\xDFe"}\n',
    /content-type: text\/plain; charset=utf-8\r\ncontent-length: 7\r\n\r\n/
  ],
  [
    "an explicit content type",
    "method: POST\nurl: ${origin}/\nheaders: {Content-Type: application/merge-patch+json}\nbody: {json: [1]}\n",
    /Content-Type: application\/merge-patch\+json\r\n(?![\s\S]*content-type)[\s\S]*\r\n\r\n\[1\]$/
  ],
  ["no body", "method: POST\nurl: ${origin}/\n", /content-length: 0\r\n\r\n$/],
  ["a joined list", "url: ${origin}/x?a=1\nlists: joined\nquery: {b: [1, 2]}\n", /^GET \/x\?a=1&b=1%2C2 HTTP/]
];
for (const [what, file, wire] of ways) {
  test(`${what} leaves as it should`, async () => {
    const server = await rawServer(() => answerOf("{}"));
    const cwd = collectionOf({ "requests/x.yaml": file }, server.origin);
    const sent = await echoTrail(["send", "x"], { cwd });
    assert.equal(sent.status, 0, sent.err);
    assert.match(server.received.join(""), wire);
    await server.close();
  });
}
test("send shows status, phases, size, type and body, opens the session once, and holds what it keeps", async () => {
  const cwd = await readyCollection();
  const sent = await echoTrail(["send", "calls/book", "--set", "nights=2"], { cwd });
  assert.equal(sent.status, 0, sent.err);
  assert.match(sent.err, /^POST .*\/v1\/vessels\/9000017\/calls {3}environment sandbox$/m);
  assert.match(sent.err, /^201 Created {3}[\d.]+ m?s \(.*waiting .*receiving .*\) {3}\d+ B {3}application\/json/m);
  assert.match(sent.err, /^met +6 expectations$/m);
  const id = /kept +callId = "(PC-\d+)"/.exec(sent.err)?.[1];
  assert.ok(id);
  assert.equal(JSON.parse(sent.out).id, id);
  const shown = await echoTrail(["env", "show", "--json"], { cwd });
  assert.deepEqual(document(shown).held, [
    { name: "callId", value: id, origin: "held from calls/book $.id" }
  ]);
  assert.equal((await echoTrail(["send", "calls/show", "--pick", "$.id"], { cwd })).out, `${id}
`);
  const cancelled = await echoTrail(["send", "calls/cancel", "--json"], { cwd });
  assert.deepEqual([cancelled.status, document(cancelled).status, document(cancelled).body], [0, 204, null]);
  await echoTrail(["env", "clear"], { cwd });
  const missing = await echoTrail(["send", "calls/show"], { cwd });
  assert.equal(missing.status, 2);
  assert.match(missing.err, /needs the input callId \(number of the port call\)[\s\S]*--set callId=VALUE/);
  const echoes = document(
    await echoTrail(["echo", "list", "--json"], { cwd })
  ).echoes;
  assert.equal(echoes.filter(({ request }) => request === "desk/log-in").length, 1);
});
test("--pick prints one value for a shell, and says what is near where nothing stands", async () => {
  const cwd = await readyCollection();
  const pick = (place) => echoTrail(["send", "vessels/show", "--pick", place], { cwd });
  assert.deepEqual(await pick("$.lengthM"), { status: 0, out: "82\n", err: "" });
  assert.equal((await pick("status")).out, "200\n");
  assert.equal(
    (await pick("$")).out,
    '{"imo":"9000017","name":"Amber Tern","flag":"Larkhaven","kind":"coaster","lengthM":82,"draftM":4.1}\n'
  );
  const missing = await pick("$.nmae");
  assert.deepEqual([missing.status, missing.out], [1, ""]);
  assert.match(missing.err, /nothing stands at \$\.nmae[\s\S]*nearest: \$\.name/);
  const wrong = await pick("$.[");
  assert.equal(wrong.status, 2);
});
test("a failed expectation says where, expected, found and the nearest thing; the status is 1", async () => {
  const cwd = await readyCollection();
  writeIn(
    cwd,
    "requests/vessels/wrong.yaml",
    "url: ${origin}/v1/vessels/9000017\nexpect: {status: 2xx, $.flag: Ostrand, $.nmae: {exists: true}, header.content-typ: {starts-with: text}, $.lengthM: {under: 80}}\n"
  );
  const { status, err } = await echoTrail(["send", "vessels/wrong"], { cwd });
  assert.equal(status, 1);
  assert.match(err, /met +1 expectation\n/);
  assert.match(err, /failed +\$\.flag: expected "Ostrand", found "Larkhaven"/);
  assert.match(err, /failed +\$\.nmae: expected exists, found nothing\n +nearest: \$\.name/);
  assert.match(
    err,
    /failed +header\.content-typ: expected starts with "text", found nothing\n +nearest: header\.content-type/
  );
  assert.match(err, /failed +\$\.lengthM: expected under 80, found 82/);
});
test("a status of 400 or more fails by itself, with what the vendor says", async () => {
  const cwd = await readyCollection();
  const { status, err } = await echoTrail(["send", "GET", "/v1/vessels/1234567", "--session", "agent"], { cwd });
  assert.equal(status, 1);
  assert.match(err, /status: expected under 400, found 404\n +Not found: there is no vessel 1234567/);
  const none = await echoTrail(["send", "vessels/show", "--session", "none"], { cwd });
  assert.equal(none.status, 1);
  assert.match(none.err, /401 Unauthorized[\s\S]*this call wants a bearer token/);
});
test("a documented schema is held against the answer", async () => {
  const server = await rawServer(() => answerOf('{"imo": "9000017", "name": 5}'));
  const cwd = demoCollection(server.origin);
  const { status, err } = await echoTrail(["send", "vessels/show", "--session", "none"], { cwd });
  assert.equal(status, 1);
  assert.match(err, /\$: expected valid by the documented schema[\s\S]*must have required property 'flag'/);
  await server.close();
});
test("an ad-hoc request needs no file, and --as makes the file that does the same", async () => {
  const cwd = await readyCollection();
  const args = [
    "GET",
    "/v1/berths",
    "--session",
    "agent",
    "--query",
    "quay=north",
    "--header",
    "X-Note: ${not} {an} expression"
  ];
  const first = await echoTrail(["send", ...args, "--as", "berths/north", "--pick", "$.items[*].code"], { cwd });
  assert.equal(first.out, '["N1","N2","N3","N4"]\n', first.err);
  const second = await echoTrail(["send", "berths/north", "--pick", "$.items[*].code"], { cwd });
  assert.equal(second.out, first.out, second.err);
  const preview = await echoTrail(["preview", "berths/north"], { cwd });
  assert.match(preview.out, /X-Note +\$\{not\} \{an\} expression/);
  const again = await echoTrail(["send", ...args, "--as", "berths/north"], { cwd });
  assert.equal(again.status, 2);
  assert.match(again.err, /already/);
  const body = await echoTrail(["send", "POST", "/v1/sessions", "--body-json", '{"user": }'], { cwd });
  assert.equal(body.status, 2);
  assert.match(body.err, /--body-json is not JSON/);
});
test("control characters from the wire never reach the terminal", async () => {
  const body = Buffer.from("a \x1B[31m \x07 \x9B2J end", "latin1");
  const head = `HTTP/1.1 200 OK\r
content-type: text/plain\r
content-length: ${body.length}\r
x-evil: a\x9Bb\r
\r
`;
  const server = await rawServer(() => Buffer.concat([Buffer.from(head, "latin1"), body]));
  const cwd = collectionOf({}, server.origin);
  for (const [view, shown] of [
    ["pretty", /\\u001b\[31m/],
    ["raw", /\\u001b\[31m/],
    ["headers", /a\\u009bb/]
  ]) {
    const { out, err } = await echoTrail(["send", "GET", "/", "--view", view], { cwd });
    assert.doesNotMatch(out + err, /[\u0000-\u0008\u000b-\u001f\u007f-\u009f]/);
    assert.match(out, shown);
  }
  await server.close();
});
test("env list, use and show name environments and the origin of values", async () => {
  const cwd = demoCollection(standin.origin);
  assert.match((await echoTrail(["env", "list"], { cwd })).out, /live +changes: refuse[\s\S]*sandbox +chosen/);
  await echoTrail(["env", "use", "live"], { cwd });
  assert.match(readFileSync(join(cwd, "echo-trail.yaml"), "utf8"), /environment: live +# used where/);
  assert.match(
    (await echoTrail(["env", "show"], { cwd })).out,
    /origin +"https:\/\/api\.larkhaven\.example" +environment live\n +desk-user +"agent" +collection variables/
  );
  const set = await echoTrail(["env", "show", "sandbox", "--set", "origin=http://127.0.0.1:1", "--json"], { cwd });
  assert.deepEqual(document(set).names[0], {
    name: "origin",
    value: "http://127.0.0.1:1",
    origin: "--set"
  });
  const unknown = await echoTrail(["env", "show", "sandbx"], { cwd });
  assert.equal(unknown.status, 4);
  assert.match(unknown.err, /did you mean sandbox/);
});
test("echo show gives both directions; an unknown echo says so", async () => {
  const cwd = await readyCollection();
  await echoTrail(["send", "vessels/show"], { cwd });
  const { out } = await echoTrail(["echo", "show"], { cwd });
  for (const part of [
    /^sent\n {2}GET http/m,
    /Authorization +‹secret›/,
    /^received\n {2}200 OK/m,
    /"imo": "9000017"/,
    /^met {2}4 expectations$/m
  ])
    assert.match(out, part);
  const unknown = await echoTrail(["echo", "show", "zzzz.9"], { cwd });
  assert.equal(unknown.status, 2);
  assert.ok(existsSync(join(cwd, ".echo-trail/echoes")));
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3NlbmQudGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIGBwcmV2aWV3YCwgYHNlbmRgLCBgZW52YCwgYHNlY3JldGAsIGBzZXNzaW9uYCwgYGVjaG9gOiBvbmUgcmVxdWVzdCwgZnJvbSBpdHMgZmlsZSB0byBpdHMgZWNoby4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IGV4aXN0c1N5bmMsIHJlYWRGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgam9pbiB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IGNvbGxlY3Rpb25PZiwgZGVtb0NvbGxlY3Rpb24sIHdyaXRlSW4gfSBmcm9tICcuLi9zdXBwb3J0L2ZvbGRlci5qcyc7XG5pbXBvcnQgeyBkb2N1bWVudCwgZWNob1RyYWlsIH0gZnJvbSAnLi4vc3VwcG9ydC9wcm9ncmFtLmpzJztcbmltcG9ydCB7IGFuc3dlck9mLCByYXdTZXJ2ZXIgfSBmcm9tICcuLi9zdXBwb3J0L3Jhdy1zZXJ2ZXIuanMnO1xuaW1wb3J0IHsgaGFyYm91ckZvclRoaXNGaWxlIH0gZnJvbSAnLi4vc3VwcG9ydC9zdGFuZGluLmpzJztcblxuY29uc3Qgc3RhbmRpbiA9IGF3YWl0IGhhcmJvdXJGb3JUaGlzRmlsZSgpO1xuY29uc3QgcGFzc3dvcmQgPSBzdGFuZGluLmNyZWRlbnRpYWxzLnBhc3N3b3JkO1xuXG5hc3luYyBmdW5jdGlvbiByZWFkeUNvbGxlY3Rpb24oKTogUHJvbWlzZTxzdHJpbmc+IHtcbiAgY29uc3QgY3dkID0gZGVtb0NvbGxlY3Rpb24oc3RhbmRpbi5vcmlnaW4pO1xuICBjb25zdCBzdG9yZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZWNyZXQnLCAnc2V0JywgJ2Rlc2tQYXNzd29yZCddLCB7IGN3ZCwgaW5wdXQ6IGAke3Bhc3N3b3JkfVxcbmAgfSk7XG4gIGFzc2VydC5lcXVhbChzdG9yZWQuc3RhdHVzLCAwLCBzdG9yZWQuZXJyKTtcbiAgcmV0dXJuIGN3ZDtcbn1cblxudGVzdCgncHJldmlldyBzaG93cyB3aGF0IHNlbmQgdGhlbiBwdXRzIG9uIHRoZSB3aXJlLCBieXRlIGZvciBieXRlLCBhbmQgc2VuZHMgbm90aGluZyBpdHNlbGYnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoKSA9PiBhbnN3ZXJPZigne30nKSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvZGVmYXVsdHMueWFtbCc6ICdoZWFkZXJzOiB7WC1PZmZpY2U6IG5vcnRoLCBBY2NlcHQ6IHRleHQvcGxhaW59XFxuJyxcbiAgICAgICdyZXF1ZXN0cy9jYWxscy9ib29rLnlhbWwnOiBgXG5pbnB1dHM6XG4gIGltbzoge2RlZmF1bHQ6IFwiOTAgMDAvMDE3XCJ9XG4gIG5pZ2h0czoge3R5cGU6IGludGVnZXIsIGRlZmF1bHQ6IDJ9XG4gIG5vdGlmeToge3R5cGU6IGFycmF5LCBkZWZhdWx0OiBbYWdlbnQsIHBpbG90XX1cbiAgY2FyZ286IHt9XG5tZXRob2Q6IFBPU1RcbnVybDogXFwke29yaWdpbn0vL3YxL3Zlc3NlbHMve2ltb30vY2FsbHNcbmxpc3RzOiBicmFja2V0ZWRcbnF1ZXJ5OiB7bm90aWZ5OiBcIlxcJHtub3RpZnl9XCIsIGNvZGU6IDAwMTIsIGdvbmU6IFwiXFwke2NhcmdvID8/IG9taXR9XCIsIHF1YXk6IFwiYSBiK2MmZD1cdTAwRTlcIn1cbmhlYWRlcnM6IHthY2NlcHQ6IGFwcGxpY2F0aW9uL2pzb24sIFgtVHdpY2U6IFtvbmUsIHR3b119XG5ib2R5OlxuICBqc29uOiB7bmlnaHRzOiBcIlxcJHtuaWdodHN9XCIsIGV4YWN0OiAxMjM0NTY3ODkwMTIzNDU2Nzg5MCwgcHJpY2U6IDEuMTAsIGNhcmdvOiBcIlxcJHtjYXJnbyA/PyBvbWl0fVwiLCB0ZXh0OiBcImZvciBcXCR7bmlnaHRzfVwifVxuYCxcbiAgICB9LFxuICAgIHNlcnZlci5vcmlnaW4sXG4gICk7XG4gIGNvbnN0IHByZXZpZXcgPSBkb2N1bWVudDx7XG4gICAgbWV0aG9kOiBzdHJpbmc7XG4gICAgdXJsOiBzdHJpbmc7XG4gICAgcXVlcnk6IHsgbmFtZTogc3RyaW5nOyB2YWx1ZTogc3RyaW5nIH1bXTtcbiAgICBoZWFkZXJzOiB7IG5hbWU6IHN0cmluZzsgdmFsdWU6IHN0cmluZzsgb3JpZ2luOiBzdHJpbmcgfVtdO1xuICAgIGJvZHk6IHsgdGV4dDogc3RyaW5nIH07XG4gICAgbmFtZXM6IHsgbmFtZTogc3RyaW5nOyBvcmlnaW46IHN0cmluZyB9W107XG4gIH0+KGF3YWl0IGVjaG9UcmFpbChbJ3ByZXZpZXcnLCAnY2FsbHMvYm9vaycsICctLWpzb24nXSwgeyBjd2QgfSkpO1xuICBhc3NlcnQuZXF1YWwoc2VydmVyLnJlY2VpdmVkLmxlbmd0aCwgMCk7XG4gIGFzc2VydC5lcXVhbChcbiAgICBwcmV2aWV3LnVybCxcbiAgICBgJHtzZXJ2ZXIub3JpZ2lufS92MS92ZXNzZWxzLzkwJTIwMDAlMkYwMTcvY2FsbHM/bm90aWZ5JTVCJTVEPWFnZW50Jm5vdGlmeSU1QiU1RD1waWxvdCZjb2RlPTAwMTImcXVheT1hJTIwYiUyQmMlMjZkJTNEJUMzJUE5YCxcbiAgKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChwcmV2aWV3LnF1ZXJ5LmF0KC0xKSwgeyBuYW1lOiAncXVheScsIHZhbHVlOiAnYSBiK2MmZD1cdTAwRTknIH0pO1xuICBhc3NlcnQuZXF1YWwocHJldmlldy5ib2R5LnRleHQsICd7XCJuaWdodHNcIjoyLFwiZXhhY3RcIjoxMjM0NTY3ODkwMTIzNDU2Nzg5MCxcInByaWNlXCI6MS4xMCxcInRleHRcIjpcImZvciAyXCJ9Jyk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgcHJldmlldy5oZWFkZXJzLmZpbHRlcigoeyBvcmlnaW4gfSkgPT4gb3JpZ2luICE9PSAnYXV0b21hdGljJyksXG4gICAgW1xuICAgICAgeyBuYW1lOiAnWC1PZmZpY2UnLCB2YWx1ZTogJ25vcnRoJywgb3JpZ2luOiAncmVxdWVzdHMvZGVmYXVsdHMueWFtbCcgfSxcbiAgICAgIHsgbmFtZTogJ2FjY2VwdCcsIHZhbHVlOiAnYXBwbGljYXRpb24vanNvbicsIG9yaWdpbjogJ3JlcXVlc3QgY2FsbHMvYm9vaycgfSxcbiAgICAgIHsgbmFtZTogJ1gtVHdpY2UnLCB2YWx1ZTogJ29uZScsIG9yaWdpbjogJ3JlcXVlc3QgY2FsbHMvYm9vaycgfSxcbiAgICAgIHsgbmFtZTogJ1gtVHdpY2UnLCB2YWx1ZTogJ3R3bycsIG9yaWdpbjogJ3JlcXVlc3QgY2FsbHMvYm9vaycgfSxcbiAgICBdLFxuICApO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIHByZXZpZXcubmFtZXMubWFwKCh7IG5hbWUsIG9yaWdpbiB9KSA9PiBbbmFtZSwgb3JpZ2luXSksXG4gICAgW1xuICAgICAgWydvcmlnaW4nLCAnZW52aXJvbm1lbnQgc2FuZGJveCddLFxuICAgICAgWydpbW8nLCAnZGVmYXVsdCBpbiByZXF1ZXN0cy9jYWxscy9ib29rLnlhbWwnXSxcbiAgICAgIFsnbm90aWZ5JywgJ2RlZmF1bHQgaW4gcmVxdWVzdHMvY2FsbHMvYm9vay55YW1sJ10sXG4gICAgICBbJ25pZ2h0cycsICdkZWZhdWx0IGluIHJlcXVlc3RzL2NhbGxzL2Jvb2sueWFtbCddLFxuICAgIF0sXG4gICk7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdjYWxscy9ib29rJ10sIHsgY3dkIH0pKS5zdGF0dXMsIDApO1xuICBjb25zdCBwYXRoID0gcHJldmlldy51cmwuc2xpY2Uoc2VydmVyLm9yaWdpbi5sZW5ndGgpO1xuICBjb25zdCBsaW5lcyA9IHByZXZpZXcuaGVhZGVycy5tYXAoKHsgbmFtZSwgdmFsdWUgfSkgPT4gYCR7bmFtZX06ICR7dmFsdWV9YCk7XG4gIGFzc2VydC5lcXVhbChcbiAgICBzZXJ2ZXIucmVjZWl2ZWRbMF0sXG4gICAgW2Ake3ByZXZpZXcubWV0aG9kfSAke3BhdGh9IEhUVFAvMS4xYCwgLi4ubGluZXMsICcnLCBwcmV2aWV3LmJvZHkudGV4dF0uam9pbignXFxyXFxuJyksXG4gICk7XG4gIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xufSk7XG5cbmNvbnN0IHdheXM6IHJlYWRvbmx5IChyZWFkb25seSBbd2hhdDogc3RyaW5nLCBmaWxlOiBzdHJpbmcsIHdpcmU6IFJlZ0V4cF0pW10gPSBbXG4gIFtcbiAgICAnYSBmb3JtJyxcbiAgICAnbWV0aG9kOiBQT1NUXFxudXJsOiAke29yaWdpbn0vXFxuYm9keToge2Zvcm06IHt1c2VyOiBcImEgYiZjXCIsIGNvZGU6IDAwMTIsIHRhZ3M6IFt4LCB5XX19XFxuJyxcbiAgICAvY29udGVudC10eXBlOiBhcHBsaWNhdGlvblxcL3gtd3d3LWZvcm0tdXJsZW5jb2RlZFxcclxcbmNvbnRlbnQtbGVuZ3RoOiAzNlxcclxcblxcclxcbnVzZXI9YVxcK2IlMjZjJmNvZGU9MDAxMiZ0YWdzPXgmdGFncz15JC8sXG4gIF0sXG4gIFtcbiAgICAndGV4dCcsXG4gICAgJ21ldGhvZDogUFVUXFxudXJsOiAke29yaWdpbn0vXFxuYm9keToge3RleHQ6IFwiZ3JcdTAwRkNcdTAwREZlXCJ9XFxuJyxcbiAgICAvY29udGVudC10eXBlOiB0ZXh0XFwvcGxhaW47IGNoYXJzZXQ9dXRmLThcXHJcXG5jb250ZW50LWxlbmd0aDogN1xcclxcblxcclxcbi8sXG4gIF0sXG4gIFtcbiAgICAnYW4gZXhwbGljaXQgY29udGVudCB0eXBlJyxcbiAgICAnbWV0aG9kOiBQT1NUXFxudXJsOiAke29yaWdpbn0vXFxuaGVhZGVyczoge0NvbnRlbnQtVHlwZTogYXBwbGljYXRpb24vbWVyZ2UtcGF0Y2granNvbn1cXG5ib2R5OiB7anNvbjogWzFdfVxcbicsXG4gICAgL0NvbnRlbnQtVHlwZTogYXBwbGljYXRpb25cXC9tZXJnZS1wYXRjaFxcK2pzb25cXHJcXG4oPyFbXFxzXFxTXSpjb250ZW50LXR5cGUpW1xcc1xcU10qXFxyXFxuXFxyXFxuXFxbMVxcXSQvLFxuICBdLFxuICBbJ25vIGJvZHknLCAnbWV0aG9kOiBQT1NUXFxudXJsOiAke29yaWdpbn0vXFxuJywgL2NvbnRlbnQtbGVuZ3RoOiAwXFxyXFxuXFxyXFxuJC9dLFxuICBbJ2Egam9pbmVkIGxpc3QnLCAndXJsOiAke29yaWdpbn0veD9hPTFcXG5saXN0czogam9pbmVkXFxucXVlcnk6IHtiOiBbMSwgMl19XFxuJywgL15HRVQgXFwveFxcP2E9MSZiPTElMkMyIEhUVFAvXSxcbl07XG5mb3IgKGNvbnN0IFt3aGF0LCBmaWxlLCB3aXJlXSBvZiB3YXlzKSB7XG4gIHRlc3QoYCR7d2hhdH0gbGVhdmVzIGFzIGl0IHNob3VsZGAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKCkgPT4gYW5zd2VyT2YoJ3t9JykpO1xuICAgIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7ICdyZXF1ZXN0cy94LnlhbWwnOiBmaWxlIH0sIHNlcnZlci5vcmlnaW4pO1xuICAgIGNvbnN0IHNlbnQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3gnXSwgeyBjd2QgfSk7XG4gICAgYXNzZXJ0LmVxdWFsKHNlbnQuc3RhdHVzLCAwLCBzZW50LmVycik7XG4gICAgYXNzZXJ0Lm1hdGNoKHNlcnZlci5yZWNlaXZlZC5qb2luKCcnKSwgd2lyZSk7XG4gICAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG4gIH0pO1xufVxuXG50ZXN0KCdzZW5kIHNob3dzIHN0YXR1cywgcGhhc2VzLCBzaXplLCB0eXBlIGFuZCBib2R5LCBvcGVucyB0aGUgc2Vzc2lvbiBvbmNlLCBhbmQgaG9sZHMgd2hhdCBpdCBrZWVwcycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gYXdhaXQgcmVhZHlDb2xsZWN0aW9uKCk7XG4gIGNvbnN0IHNlbnQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2NhbGxzL2Jvb2snLCAnLS1zZXQnLCAnbmlnaHRzPTInXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChzZW50LnN0YXR1cywgMCwgc2VudC5lcnIpO1xuICBhc3NlcnQubWF0Y2goc2VudC5lcnIsIC9eUE9TVCAuKlxcL3YxXFwvdmVzc2Vsc1xcLzkwMDAwMTdcXC9jYWxscyB7M31lbnZpcm9ubWVudCBzYW5kYm94JC9tKTtcbiAgYXNzZXJ0Lm1hdGNoKHNlbnQuZXJyLCAvXjIwMSBDcmVhdGVkIHszfVtcXGQuXSsgbT9zIFxcKC4qd2FpdGluZyAuKnJlY2VpdmluZyAuKlxcKSB7M31cXGQrIEIgezN9YXBwbGljYXRpb25cXC9qc29uL20pO1xuICBhc3NlcnQubWF0Y2goc2VudC5lcnIsIC9ebWV0ICs2IGV4cGVjdGF0aW9ucyQvbSk7XG4gIGNvbnN0IGlkID0gL2tlcHQgK2NhbGxJZCA9IFwiKFBDLVxcZCspXCIvLmV4ZWMoc2VudC5lcnIpPy5bMV07XG4gIGFzc2VydC5vayhpZCk7XG4gIGFzc2VydC5lcXVhbCgoSlNPTi5wYXJzZShzZW50Lm91dCkgYXMgeyBpZDogc3RyaW5nIH0pLmlkLCBpZCk7XG5cbiAgY29uc3Qgc2hvd24gPSBhd2FpdCBlY2hvVHJhaWwoWydlbnYnLCAnc2hvdycsICctLWpzb24nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoZG9jdW1lbnQ8eyBoZWxkOiB1bmtub3duW10gfT4oc2hvd24pLmhlbGQsIFtcbiAgICB7IG5hbWU6ICdjYWxsSWQnLCB2YWx1ZTogaWQsIG9yaWdpbjogJ2hlbGQgZnJvbSBjYWxscy9ib29rICQuaWQnIH0sXG4gIF0pO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnY2FsbHMvc2hvdycsICctLXBpY2snLCAnJC5pZCddLCB7IGN3ZCB9KSkub3V0LCBgJHtpZH1cXG5gKTtcbiAgY29uc3QgY2FuY2VsbGVkID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdjYWxscy9jYW5jZWwnLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKFtjYW5jZWxsZWQuc3RhdHVzLCBkb2N1bWVudChjYW5jZWxsZWQpLnN0YXR1cywgZG9jdW1lbnQoY2FuY2VsbGVkKS5ib2R5XSwgWzAsIDIwNCwgbnVsbF0pO1xuICBhd2FpdCBlY2hvVHJhaWwoWydlbnYnLCAnY2xlYXInXSwgeyBjd2QgfSk7XG4gIGNvbnN0IG1pc3NpbmcgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2NhbGxzL3Nob3cnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChtaXNzaW5nLnN0YXR1cywgMik7XG4gIGFzc2VydC5tYXRjaChtaXNzaW5nLmVyciwgL25lZWRzIHRoZSBpbnB1dCBjYWxsSWQgXFwobnVtYmVyIG9mIHRoZSBwb3J0IGNhbGxcXClbXFxzXFxTXSotLXNldCBjYWxsSWQ9VkFMVUUvKTtcblxuICBjb25zdCBlY2hvZXMgPSBkb2N1bWVudDx7IGVjaG9lczogeyByZXF1ZXN0OiBzdHJpbmcgfVtdIH0+KFxuICAgIGF3YWl0IGVjaG9UcmFpbChbJ2VjaG8nLCAnbGlzdCcsICctLWpzb24nXSwgeyBjd2QgfSksXG4gICkuZWNob2VzO1xuICBhc3NlcnQuZXF1YWwoZWNob2VzLmZpbHRlcigoeyByZXF1ZXN0IH0pID0+IHJlcXVlc3QgPT09ICdkZXNrL2xvZy1pbicpLmxlbmd0aCwgMSk7XG59KTtcblxudGVzdCgnLS1waWNrIHByaW50cyBvbmUgdmFsdWUgZm9yIGEgc2hlbGwsIGFuZCBzYXlzIHdoYXQgaXMgbmVhciB3aGVyZSBub3RoaW5nIHN0YW5kcycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gYXdhaXQgcmVhZHlDb2xsZWN0aW9uKCk7XG4gIGNvbnN0IHBpY2sgPSAocGxhY2U6IHN0cmluZykgPT4gZWNob1RyYWlsKFsnc2VuZCcsICd2ZXNzZWxzL3Nob3cnLCAnLS1waWNrJywgcGxhY2VdLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChhd2FpdCBwaWNrKCckLmxlbmd0aE0nKSwgeyBzdGF0dXM6IDAsIG91dDogJzgyXFxuJywgZXJyOiAnJyB9KTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBwaWNrKCdzdGF0dXMnKSkub3V0LCAnMjAwXFxuJyk7XG4gIGFzc2VydC5lcXVhbChcbiAgICAoYXdhaXQgcGljaygnJCcpKS5vdXQsXG4gICAgJ3tcImltb1wiOlwiOTAwMDAxN1wiLFwibmFtZVwiOlwiQW1iZXIgVGVyblwiLFwiZmxhZ1wiOlwiTGFya2hhdmVuXCIsXCJraW5kXCI6XCJjb2FzdGVyXCIsXCJsZW5ndGhNXCI6ODIsXCJkcmFmdE1cIjo0LjF9XFxuJyxcbiAgKTtcbiAgY29uc3QgbWlzc2luZyA9IGF3YWl0IHBpY2soJyQubm1hZScpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFttaXNzaW5nLnN0YXR1cywgbWlzc2luZy5vdXRdLCBbMSwgJyddKTtcbiAgYXNzZXJ0Lm1hdGNoKG1pc3NpbmcuZXJyLCAvbm90aGluZyBzdGFuZHMgYXQgXFwkXFwubm1hZVtcXHNcXFNdKm5lYXJlc3Q6IFxcJFxcLm5hbWUvKTtcbiAgY29uc3Qgd3JvbmcgPSBhd2FpdCBwaWNrKCckLlsnKTtcbiAgYXNzZXJ0LmVxdWFsKHdyb25nLnN0YXR1cywgMik7XG59KTtcblxudGVzdCgnYSBmYWlsZWQgZXhwZWN0YXRpb24gc2F5cyB3aGVyZSwgZXhwZWN0ZWQsIGZvdW5kIGFuZCB0aGUgbmVhcmVzdCB0aGluZzsgdGhlIHN0YXR1cyBpcyAxJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBhd2FpdCByZWFkeUNvbGxlY3Rpb24oKTtcbiAgd3JpdGVJbihcbiAgICBjd2QsXG4gICAgJ3JlcXVlc3RzL3Zlc3NlbHMvd3JvbmcueWFtbCcsXG4gICAgJ3VybDogJHtvcmlnaW59L3YxL3Zlc3NlbHMvOTAwMDAxN1xcbmV4cGVjdDoge3N0YXR1czogMnh4LCAkLmZsYWc6IE9zdHJhbmQsICQubm1hZToge2V4aXN0czogdHJ1ZX0sIGhlYWRlci5jb250ZW50LXR5cDoge3N0YXJ0cy13aXRoOiB0ZXh0fSwgJC5sZW5ndGhNOiB7dW5kZXI6IDgwfX1cXG4nLFxuICApO1xuICBjb25zdCB7IHN0YXR1cywgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3Zlc3NlbHMvd3JvbmcnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChzdGF0dXMsIDEpO1xuICBhc3NlcnQubWF0Y2goZXJyLCAvbWV0ICsxIGV4cGVjdGF0aW9uXFxuLyk7XG4gIGFzc2VydC5tYXRjaChlcnIsIC9mYWlsZWQgK1xcJFxcLmZsYWc6IGV4cGVjdGVkIFwiT3N0cmFuZFwiLCBmb3VuZCBcIkxhcmtoYXZlblwiLyk7XG4gIGFzc2VydC5tYXRjaChlcnIsIC9mYWlsZWQgK1xcJFxcLm5tYWU6IGV4cGVjdGVkIGV4aXN0cywgZm91bmQgbm90aGluZ1xcbiArbmVhcmVzdDogXFwkXFwubmFtZS8pO1xuICBhc3NlcnQubWF0Y2goXG4gICAgZXJyLFxuICAgIC9mYWlsZWQgK2hlYWRlclxcLmNvbnRlbnQtdHlwOiBleHBlY3RlZCBzdGFydHMgd2l0aCBcInRleHRcIiwgZm91bmQgbm90aGluZ1xcbiArbmVhcmVzdDogaGVhZGVyXFwuY29udGVudC10eXBlLyxcbiAgKTtcbiAgYXNzZXJ0Lm1hdGNoKGVyciwgL2ZhaWxlZCArXFwkXFwubGVuZ3RoTTogZXhwZWN0ZWQgdW5kZXIgODAsIGZvdW5kIDgyLyk7XG59KTtcblxudGVzdCgnYSBzdGF0dXMgb2YgNDAwIG9yIG1vcmUgZmFpbHMgYnkgaXRzZWxmLCB3aXRoIHdoYXQgdGhlIHZlbmRvciBzYXlzJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBhd2FpdCByZWFkeUNvbGxlY3Rpb24oKTtcbiAgY29uc3QgeyBzdGF0dXMsIGVyciB9ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL3YxL3Zlc3NlbHMvMTIzNDU2NycsICctLXNlc3Npb24nLCAnYWdlbnQnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChzdGF0dXMsIDEpO1xuICBhc3NlcnQubWF0Y2goZXJyLCAvc3RhdHVzOiBleHBlY3RlZCB1bmRlciA0MDAsIGZvdW5kIDQwNFxcbiArTm90IGZvdW5kOiB0aGVyZSBpcyBubyB2ZXNzZWwgMTIzNDU2Ny8pO1xuICBjb25zdCBub25lID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICd2ZXNzZWxzL3Nob3cnLCAnLS1zZXNzaW9uJywgJ25vbmUnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChub25lLnN0YXR1cywgMSk7XG4gIGFzc2VydC5tYXRjaChub25lLmVyciwgLzQwMSBVbmF1dGhvcml6ZWRbXFxzXFxTXSp0aGlzIGNhbGwgd2FudHMgYSBiZWFyZXIgdG9rZW4vKTtcbn0pO1xuXG50ZXN0KCdhIGRvY3VtZW50ZWQgc2NoZW1hIGlzIGhlbGQgYWdhaW5zdCB0aGUgYW5zd2VyJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKCkgPT4gYW5zd2VyT2YoJ3tcImltb1wiOiBcIjkwMDAwMTdcIiwgXCJuYW1lXCI6IDV9JykpO1xuICBjb25zdCBjd2QgPSBkZW1vQ29sbGVjdGlvbihzZXJ2ZXIub3JpZ2luKTtcbiAgY29uc3QgeyBzdGF0dXMsIGVyciB9ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICd2ZXNzZWxzL3Nob3cnLCAnLS1zZXNzaW9uJywgJ25vbmUnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChzdGF0dXMsIDEpO1xuICBhc3NlcnQubWF0Y2goZXJyLCAvXFwkOiBleHBlY3RlZCB2YWxpZCBieSB0aGUgZG9jdW1lbnRlZCBzY2hlbWFbXFxzXFxTXSptdXN0IGhhdmUgcmVxdWlyZWQgcHJvcGVydHkgJ2ZsYWcnLyk7XG4gIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xufSk7XG5cbnRlc3QoJ2FuIGFkLWhvYyByZXF1ZXN0IG5lZWRzIG5vIGZpbGUsIGFuZCAtLWFzIG1ha2VzIHRoZSBmaWxlIHRoYXQgZG9lcyB0aGUgc2FtZScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gYXdhaXQgcmVhZHlDb2xsZWN0aW9uKCk7XG4gIGNvbnN0IGFyZ3MgPSBbXG4gICAgJ0dFVCcsXG4gICAgJy92MS9iZXJ0aHMnLFxuICAgICctLXNlc3Npb24nLFxuICAgICdhZ2VudCcsXG4gICAgJy0tcXVlcnknLFxuICAgICdxdWF5PW5vcnRoJyxcbiAgICAnLS1oZWFkZXInLFxuICAgICdYLU5vdGU6ICR7bm90fSB7YW59IGV4cHJlc3Npb24nLFxuICBdO1xuICBjb25zdCBmaXJzdCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAuLi5hcmdzLCAnLS1hcycsICdiZXJ0aHMvbm9ydGgnLCAnLS1waWNrJywgJyQuaXRlbXNbKl0uY29kZSddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGZpcnN0Lm91dCwgJ1tcIk4xXCIsXCJOMlwiLFwiTjNcIixcIk40XCJdXFxuJywgZmlyc3QuZXJyKTtcbiAgY29uc3Qgc2Vjb25kID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdiZXJ0aHMvbm9ydGgnLCAnLS1waWNrJywgJyQuaXRlbXNbKl0uY29kZSddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHNlY29uZC5vdXQsIGZpcnN0Lm91dCwgc2Vjb25kLmVycik7XG4gIGNvbnN0IHByZXZpZXcgPSBhd2FpdCBlY2hvVHJhaWwoWydwcmV2aWV3JywgJ2JlcnRocy9ub3J0aCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKHByZXZpZXcub3V0LCAvWC1Ob3RlICtcXCRcXHtub3RcXH0gXFx7YW5cXH0gZXhwcmVzc2lvbi8pO1xuICBjb25zdCBhZ2FpbiA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAuLi5hcmdzLCAnLS1hcycsICdiZXJ0aHMvbm9ydGgnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChhZ2Fpbi5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2goYWdhaW4uZXJyLCAvYWxyZWFkeS8pO1xuICBjb25zdCBib2R5ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdQT1NUJywgJy92MS9zZXNzaW9ucycsICctLWJvZHktanNvbicsICd7XCJ1c2VyXCI6IH0nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChib2R5LnN0YXR1cywgMik7XG4gIGFzc2VydC5tYXRjaChib2R5LmVyciwgLy0tYm9keS1qc29uIGlzIG5vdCBKU09OLyk7XG59KTtcblxudGVzdCgnY29udHJvbCBjaGFyYWN0ZXJzIGZyb20gdGhlIHdpcmUgbmV2ZXIgcmVhY2ggdGhlIHRlcm1pbmFsJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBib2R5ID0gQnVmZmVyLmZyb20oJ2EgXFx1MDAxYlszMW0gXFx1MDAwNyBcXHUwMDliMkogZW5kJywgJ2xhdGluMScpO1xuICBjb25zdCBoZWFkID0gYEhUVFAvMS4xIDIwMCBPS1xcclxcbmNvbnRlbnQtdHlwZTogdGV4dC9wbGFpblxcclxcbmNvbnRlbnQtbGVuZ3RoOiAke2JvZHkubGVuZ3RofVxcclxcbngtZXZpbDogYVxcdTAwOWJiXFxyXFxuXFxyXFxuYDtcbiAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKCgpID0+IEJ1ZmZlci5jb25jYXQoW0J1ZmZlci5mcm9tKGhlYWQsICdsYXRpbjEnKSwgYm9keV0pKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHt9LCBzZXJ2ZXIub3JpZ2luKTtcbiAgZm9yIChjb25zdCBbdmlldywgc2hvd25dIG9mIFtcbiAgICBbJ3ByZXR0eScsIC9cXFxcdTAwMWJcXFszMW0vXSxcbiAgICBbJ3JhdycsIC9cXFxcdTAwMWJcXFszMW0vXSxcbiAgICBbJ2hlYWRlcnMnLCAvYVxcXFx1MDA5YmIvXSxcbiAgXSBhcyBjb25zdCkge1xuICAgIGNvbnN0IHsgb3V0LCBlcnIgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy8nLCAnLS12aWV3Jywgdmlld10sIHsgY3dkIH0pO1xuICAgIC8vIGJpb21lLWlnbm9yZSBsaW50L3N1c3BpY2lvdXMvbm9Db250cm9sQ2hhcmFjdGVyc0luUmVnZXg6IGV4YWN0bHkgdGhlc2UgbXVzdCBub3QgYmUgdGhlcmVcbiAgICBhc3NlcnQuZG9lc05vdE1hdGNoKG91dCArIGVyciwgL1tcXHUwMDAwLVxcdTAwMDhcXHUwMDBiLVxcdTAwMWZcXHUwMDdmLVxcdTAwOWZdLyk7XG4gICAgYXNzZXJ0Lm1hdGNoKG91dCwgc2hvd24pO1xuICB9XG4gIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xufSk7XG5cbnRlc3QoJ2VudiBsaXN0LCB1c2UgYW5kIHNob3cgbmFtZSBlbnZpcm9ubWVudHMgYW5kIHRoZSBvcmlnaW4gb2YgdmFsdWVzJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBkZW1vQ29sbGVjdGlvbihzdGFuZGluLm9yaWdpbik7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgZWNob1RyYWlsKFsnZW52JywgJ2xpc3QnXSwgeyBjd2QgfSkpLm91dCwgL2xpdmUgK2NoYW5nZXM6IHJlZnVzZVtcXHNcXFNdKnNhbmRib3ggK2Nob3Nlbi8pO1xuICBhd2FpdCBlY2hvVHJhaWwoWydlbnYnLCAndXNlJywgJ2xpdmUnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5tYXRjaChyZWFkRmlsZVN5bmMoam9pbihjd2QsICdlY2hvLXRyYWlsLnlhbWwnKSwgJ3V0ZjgnKSwgL2Vudmlyb25tZW50OiBsaXZlICsjIHVzZWQgd2hlcmUvKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIChhd2FpdCBlY2hvVHJhaWwoWydlbnYnLCAnc2hvdyddLCB7IGN3ZCB9KSkub3V0LFxuICAgIC9vcmlnaW4gK1wiaHR0cHM6XFwvXFwvYXBpXFwubGFya2hhdmVuXFwuZXhhbXBsZVwiICtlbnZpcm9ubWVudCBsaXZlXFxuICtkZXNrLXVzZXIgK1wiYWdlbnRcIiArY29sbGVjdGlvbiB2YXJpYWJsZXMvLFxuICApO1xuICBjb25zdCBzZXQgPSBhd2FpdCBlY2hvVHJhaWwoWydlbnYnLCAnc2hvdycsICdzYW5kYm94JywgJy0tc2V0JywgJ29yaWdpbj1odHRwOi8vMTI3LjAuMC4xOjEnLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGRvY3VtZW50PHsgbmFtZXM6IHVua25vd25bXSB9PihzZXQpLm5hbWVzWzBdLCB7XG4gICAgbmFtZTogJ29yaWdpbicsXG4gICAgdmFsdWU6ICdodHRwOi8vMTI3LjAuMC4xOjEnLFxuICAgIG9yaWdpbjogJy0tc2V0JyxcbiAgfSk7XG4gIGNvbnN0IHVua25vd24gPSBhd2FpdCBlY2hvVHJhaWwoWydlbnYnLCAnc2hvdycsICdzYW5kYngnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbCh1bmtub3duLnN0YXR1cywgNCk7XG4gIGFzc2VydC5tYXRjaCh1bmtub3duLmVyciwgL2RpZCB5b3UgbWVhbiBzYW5kYm94Lyk7XG59KTtcblxudGVzdCgnZWNobyBzaG93IGdpdmVzIGJvdGggZGlyZWN0aW9uczsgYW4gdW5rbm93biBlY2hvIHNheXMgc28nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGF3YWl0IHJlYWR5Q29sbGVjdGlvbigpO1xuICBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3Zlc3NlbHMvc2hvdyddLCB7IGN3ZCB9KTtcbiAgY29uc3QgeyBvdXQgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ2VjaG8nLCAnc2hvdyddLCB7IGN3ZCB9KTtcbiAgZm9yIChjb25zdCBwYXJ0IG9mIFtcbiAgICAvXnNlbnRcXG4gezJ9R0VUIGh0dHAvbSxcbiAgICAvQXV0aG9yaXphdGlvbiArXHUyMDM5c2VjcmV0XHUyMDNBLyxcbiAgICAvXnJlY2VpdmVkXFxuIHsyfTIwMCBPSy9tLFxuICAgIC9cImltb1wiOiBcIjkwMDAwMTdcIi8sXG4gICAgL15tZXQgezJ9NCBleHBlY3RhdGlvbnMkL20sXG4gIF0pXG4gICAgYXNzZXJ0Lm1hdGNoKG91dCwgcGFydCk7XG4gIGNvbnN0IHVua25vd24gPSBhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ3Nob3cnLCAnenp6ei45J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwodW5rbm93bi5zdGF0dXMsIDIpO1xuICBhc3NlcnQub2soZXhpc3RzU3luYyhqb2luKGN3ZCwgJy5lY2hvLXRyYWlsL2VjaG9lcycpKSk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsWUFBWSxvQkFBb0I7QUFDekMsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsWUFBWTtBQU1yQixJQUFNLFVBQVUsTUFBTSxtQkFBbUI7QUFDekMsSUFBTSxXQUFXLFFBQVEsWUFBWTtBQUVyQyxlQUFlLGtCQUFtQztBQUNoRCxRQUFNLE1BQU0sZUFBZSxRQUFRLE1BQU07QUFDekMsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFVBQVUsT0FBTyxjQUFjLEdBQUcsRUFBRSxLQUFLLE9BQU8sR0FBRyxRQUFRO0FBQUEsRUFBSyxDQUFDO0FBQ2pHLFNBQU8sTUFBTSxPQUFPLFFBQVEsR0FBRyxPQUFPLEdBQUc7QUFDekMsU0FBTztBQUNUO0FBRUEsS0FBSywwRkFBMEYsWUFBWTtBQUN6RyxRQUFNLFNBQVMsTUFBTSxVQUFVLE1BQU0sU0FBUyxJQUFJLENBQUM7QUFDbkQsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0UsMEJBQTBCO0FBQUEsTUFDMUIsNEJBQTRCO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQSxJQWM5QjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLFVBQVUsU0FPYixNQUFNLFVBQVUsQ0FBQyxXQUFXLGNBQWMsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDLENBQUM7QUFDaEUsU0FBTyxNQUFNLE9BQU8sU0FBUyxRQUFRLENBQUM7QUFDdEMsU0FBTztBQUFBLElBQ0wsUUFBUTtBQUFBLElBQ1IsR0FBRyxPQUFPLE1BQU07QUFBQSxFQUNsQjtBQUNBLFNBQU8sVUFBVSxRQUFRLE1BQU0sR0FBRyxFQUFFLEdBQUcsRUFBRSxNQUFNLFFBQVEsT0FBTyxlQUFZLENBQUM7QUFDM0UsU0FBTyxNQUFNLFFBQVEsS0FBSyxNQUFNLHVFQUF1RTtBQUN2RyxTQUFPO0FBQUEsSUFDTCxRQUFRLFFBQVEsT0FBTyxDQUFDLEVBQUUsT0FBTyxNQUFNLFdBQVcsV0FBVztBQUFBLElBQzdEO0FBQUEsTUFDRSxFQUFFLE1BQU0sWUFBWSxPQUFPLFNBQVMsUUFBUSx5QkFBeUI7QUFBQSxNQUNyRSxFQUFFLE1BQU0sVUFBVSxPQUFPLG9CQUFvQixRQUFRLHFCQUFxQjtBQUFBLE1BQzFFLEVBQUUsTUFBTSxXQUFXLE9BQU8sT0FBTyxRQUFRLHFCQUFxQjtBQUFBLE1BQzlELEVBQUUsTUFBTSxXQUFXLE9BQU8sT0FBTyxRQUFRLHFCQUFxQjtBQUFBLElBQ2hFO0FBQUEsRUFDRjtBQUNBLFNBQU87QUFBQSxJQUNMLFFBQVEsTUFBTSxJQUFJLENBQUMsRUFBRSxNQUFNLE9BQU8sTUFBTSxDQUFDLE1BQU0sTUFBTSxDQUFDO0FBQUEsSUFDdEQ7QUFBQSxNQUNFLENBQUMsVUFBVSxxQkFBcUI7QUFBQSxNQUNoQyxDQUFDLE9BQU8scUNBQXFDO0FBQUEsTUFDN0MsQ0FBQyxVQUFVLHFDQUFxQztBQUFBLE1BQ2hELENBQUMsVUFBVSxxQ0FBcUM7QUFBQSxJQUNsRDtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxZQUFZLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDekUsUUFBTSxPQUFPLFFBQVEsSUFBSSxNQUFNLE9BQU8sT0FBTyxNQUFNO0FBQ25ELFFBQU0sUUFBUSxRQUFRLFFBQVEsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBRyxJQUFJLEtBQUssS0FBSyxFQUFFO0FBQzFFLFNBQU87QUFBQSxJQUNMLE9BQU8sU0FBUyxDQUFDO0FBQUEsSUFDakIsQ0FBQyxHQUFHLFFBQVEsTUFBTSxJQUFJLElBQUksYUFBYSxHQUFHLE9BQU8sSUFBSSxRQUFRLEtBQUssSUFBSSxFQUFFLEtBQUssTUFBTTtBQUFBLEVBQ3JGO0FBQ0EsUUFBTSxPQUFPLE1BQU07QUFDckIsQ0FBQztBQUVELElBQU0sT0FBeUU7QUFBQSxFQUM3RTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLFdBQVcsbUNBQW1DLDRCQUE0QjtBQUFBLEVBQzNFLENBQUMsaUJBQWlCLDZEQUE2RCw0QkFBNEI7QUFDN0c7QUFDQSxXQUFXLENBQUMsTUFBTSxNQUFNLElBQUksS0FBSyxNQUFNO0FBQ3JDLE9BQUssR0FBRyxJQUFJLHdCQUF3QixZQUFZO0FBQzlDLFVBQU0sU0FBUyxNQUFNLFVBQVUsTUFBTSxTQUFTLElBQUksQ0FBQztBQUNuRCxVQUFNLE1BQU0sYUFBYSxFQUFFLG1CQUFtQixLQUFLLEdBQUcsT0FBTyxNQUFNO0FBQ25FLFVBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLEdBQUcsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNuRCxXQUFPLE1BQU0sS0FBSyxRQUFRLEdBQUcsS0FBSyxHQUFHO0FBQ3JDLFdBQU8sTUFBTSxPQUFPLFNBQVMsS0FBSyxFQUFFLEdBQUcsSUFBSTtBQUMzQyxVQUFNLE9BQU8sTUFBTTtBQUFBLEVBQ3JCLENBQUM7QUFDSDtBQUVBLEtBQUssbUdBQW1HLFlBQVk7QUFDbEgsUUFBTSxNQUFNLE1BQU0sZ0JBQWdCO0FBQ2xDLFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLGNBQWMsU0FBUyxVQUFVLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDakYsU0FBTyxNQUFNLEtBQUssUUFBUSxHQUFHLEtBQUssR0FBRztBQUNyQyxTQUFPLE1BQU0sS0FBSyxLQUFLLGdFQUFnRTtBQUN2RixTQUFPLE1BQU0sS0FBSyxLQUFLLHdGQUF3RjtBQUMvRyxTQUFPLE1BQU0sS0FBSyxLQUFLLHdCQUF3QjtBQUMvQyxRQUFNLEtBQUssNEJBQTRCLEtBQUssS0FBSyxHQUFHLElBQUksQ0FBQztBQUN6RCxTQUFPLEdBQUcsRUFBRTtBQUNaLFNBQU8sTUFBTyxLQUFLLE1BQU0sS0FBSyxHQUFHLEVBQXFCLElBQUksRUFBRTtBQUU1RCxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxRQUFRLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNoRSxTQUFPLFVBQVUsU0FBOEIsS0FBSyxFQUFFLE1BQU07QUFBQSxJQUMxRCxFQUFFLE1BQU0sVUFBVSxPQUFPLElBQUksUUFBUSw0QkFBNEI7QUFBQSxFQUNuRSxDQUFDO0FBQ0QsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsY0FBYyxVQUFVLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUssR0FBRyxFQUFFO0FBQUEsQ0FBSTtBQUNoRyxRQUFNLFlBQVksTUFBTSxVQUFVLENBQUMsUUFBUSxnQkFBZ0IsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzdFLFNBQU8sVUFBVSxDQUFDLFVBQVUsUUFBUSxTQUFTLFNBQVMsRUFBRSxRQUFRLFNBQVMsU0FBUyxFQUFFLElBQUksR0FBRyxDQUFDLEdBQUcsS0FBSyxJQUFJLENBQUM7QUFDekcsUUFBTSxVQUFVLENBQUMsT0FBTyxPQUFPLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDekMsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLFFBQVEsWUFBWSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQy9ELFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLDZFQUE2RTtBQUV2RyxRQUFNLFNBQVM7QUFBQSxJQUNiLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFBQSxFQUNyRCxFQUFFO0FBQ0YsU0FBTyxNQUFNLE9BQU8sT0FBTyxDQUFDLEVBQUUsUUFBUSxNQUFNLFlBQVksYUFBYSxFQUFFLFFBQVEsQ0FBQztBQUNsRixDQUFDO0FBRUQsS0FBSyxtRkFBbUYsWUFBWTtBQUNsRyxRQUFNLE1BQU0sTUFBTSxnQkFBZ0I7QUFDbEMsUUFBTSxPQUFPLENBQUMsVUFBa0IsVUFBVSxDQUFDLFFBQVEsZ0JBQWdCLFVBQVUsS0FBSyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzVGLFNBQU8sVUFBVSxNQUFNLEtBQUssV0FBVyxHQUFHLEVBQUUsUUFBUSxHQUFHLEtBQUssUUFBUSxLQUFLLEdBQUcsQ0FBQztBQUM3RSxTQUFPLE9BQU8sTUFBTSxLQUFLLFFBQVEsR0FBRyxLQUFLLE9BQU87QUFDaEQsU0FBTztBQUFBLEtBQ0osTUFBTSxLQUFLLEdBQUcsR0FBRztBQUFBLElBQ2xCO0FBQUEsRUFDRjtBQUNBLFFBQU0sVUFBVSxNQUFNLEtBQUssUUFBUTtBQUNuQyxTQUFPLFVBQVUsQ0FBQyxRQUFRLFFBQVEsUUFBUSxHQUFHLEdBQUcsQ0FBQyxHQUFHLEVBQUUsQ0FBQztBQUN2RCxTQUFPLE1BQU0sUUFBUSxLQUFLLG9EQUFvRDtBQUM5RSxRQUFNLFFBQVEsTUFBTSxLQUFLLEtBQUs7QUFDOUIsU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzlCLENBQUM7QUFFRCxLQUFLLDJGQUEyRixZQUFZO0FBQzFHLFFBQU0sTUFBTSxNQUFNLGdCQUFnQjtBQUNsQztBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxlQUFlLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDMUUsU0FBTyxNQUFNLFFBQVEsQ0FBQztBQUN0QixTQUFPLE1BQU0sS0FBSyxzQkFBc0I7QUFDeEMsU0FBTyxNQUFNLEtBQUsseURBQXlEO0FBQzNFLFNBQU8sTUFBTSxLQUFLLHVFQUF1RTtBQUN6RixTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsU0FBTyxNQUFNLEtBQUssa0RBQWtEO0FBQ3RFLENBQUM7QUFFRCxLQUFLLHNFQUFzRSxZQUFZO0FBQ3JGLFFBQU0sTUFBTSxNQUFNLGdCQUFnQjtBQUNsQyxRQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLHVCQUF1QixhQUFhLE9BQU8sR0FBRyxFQUFFLElBQUksQ0FBQztBQUM3RyxTQUFPLE1BQU0sUUFBUSxDQUFDO0FBQ3RCLFNBQU8sTUFBTSxLQUFLLGdGQUFnRjtBQUNsRyxRQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxnQkFBZ0IsYUFBYSxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDbkYsU0FBTyxNQUFNLEtBQUssUUFBUSxDQUFDO0FBQzNCLFNBQU8sTUFBTSxLQUFLLEtBQUssdURBQXVEO0FBQ2hGLENBQUM7QUFFRCxLQUFLLGtEQUFrRCxZQUFZO0FBQ2pFLFFBQU0sU0FBUyxNQUFNLFVBQVUsTUFBTSxTQUFTLCtCQUErQixDQUFDO0FBQzlFLFFBQU0sTUFBTSxlQUFlLE9BQU8sTUFBTTtBQUN4QyxRQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxnQkFBZ0IsYUFBYSxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDOUYsU0FBTyxNQUFNLFFBQVEsQ0FBQztBQUN0QixTQUFPLE1BQU0sS0FBSyxzRkFBc0Y7QUFDeEcsUUFBTSxPQUFPLE1BQU07QUFDckIsQ0FBQztBQUVELEtBQUssK0VBQStFLFlBQVk7QUFDOUYsUUFBTSxNQUFNLE1BQU0sZ0JBQWdCO0FBQ2xDLFFBQU0sT0FBTztBQUFBLElBQ1g7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxRQUFRLEdBQUcsTUFBTSxRQUFRLGdCQUFnQixVQUFVLGlCQUFpQixHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzdHLFNBQU8sTUFBTSxNQUFNLEtBQUssMkJBQTJCLE1BQU0sR0FBRztBQUM1RCxRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsUUFBUSxnQkFBZ0IsVUFBVSxpQkFBaUIsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM3RixTQUFPLE1BQU0sT0FBTyxLQUFLLE1BQU0sS0FBSyxPQUFPLEdBQUc7QUFDOUMsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLFdBQVcsY0FBYyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3BFLFNBQU8sTUFBTSxRQUFRLEtBQUsscUNBQXFDO0FBQy9ELFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxRQUFRLEdBQUcsTUFBTSxRQUFRLGNBQWMsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNoRixTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxNQUFNLE1BQU0sS0FBSyxTQUFTO0FBQ2pDLFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLFFBQVEsZ0JBQWdCLGVBQWUsWUFBWSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ25HLFNBQU8sTUFBTSxLQUFLLFFBQVEsQ0FBQztBQUMzQixTQUFPLE1BQU0sS0FBSyxLQUFLLHlCQUF5QjtBQUNsRCxDQUFDO0FBRUQsS0FBSyw2REFBNkQsWUFBWTtBQUM1RSxRQUFNLE9BQU8sT0FBTyxLQUFLLDhCQUFvQyxRQUFRO0FBQ3JFLFFBQU0sT0FBTztBQUFBO0FBQUEsa0JBQWtFLEtBQUssTUFBTTtBQUFBO0FBQUE7QUFBQTtBQUMxRixRQUFNLFNBQVMsTUFBTSxVQUFVLE1BQU0sT0FBTyxPQUFPLENBQUMsT0FBTyxLQUFLLE1BQU0sUUFBUSxHQUFHLElBQUksQ0FBQyxDQUFDO0FBQ3ZGLFFBQU0sTUFBTSxhQUFhLENBQUMsR0FBRyxPQUFPLE1BQU07QUFDMUMsYUFBVyxDQUFDLE1BQU0sS0FBSyxLQUFLO0FBQUEsSUFDMUIsQ0FBQyxVQUFVLGNBQWM7QUFBQSxJQUN6QixDQUFDLE9BQU8sY0FBYztBQUFBLElBQ3RCLENBQUMsV0FBVyxXQUFXO0FBQUEsRUFDekIsR0FBWTtBQUNWLFVBQU0sRUFBRSxLQUFLLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sS0FBSyxVQUFVLElBQUksR0FBRyxFQUFFLElBQUksQ0FBQztBQUVsRixXQUFPLGFBQWEsTUFBTSxLQUFLLDJDQUEyQztBQUMxRSxXQUFPLE1BQU0sS0FBSyxLQUFLO0FBQUEsRUFDekI7QUFDQSxRQUFNLE9BQU8sTUFBTTtBQUNyQixDQUFDO0FBRUQsS0FBSyxxRUFBcUUsWUFBWTtBQUNwRixRQUFNLE1BQU0sZUFBZSxRQUFRLE1BQU07QUFDekMsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLE9BQU8sTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsS0FBSyw2Q0FBNkM7QUFDM0csUUFBTSxVQUFVLENBQUMsT0FBTyxPQUFPLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQztBQUMvQyxTQUFPLE1BQU0sYUFBYSxLQUFLLEtBQUssaUJBQWlCLEdBQUcsTUFBTSxHQUFHLGlDQUFpQztBQUNsRyxTQUFPO0FBQUEsS0FDSixNQUFNLFVBQVUsQ0FBQyxPQUFPLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHO0FBQUEsSUFDNUM7QUFBQSxFQUNGO0FBQ0EsUUFBTSxNQUFNLE1BQU0sVUFBVSxDQUFDLE9BQU8sUUFBUSxXQUFXLFNBQVMsNkJBQTZCLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUMvRyxTQUFPLFVBQVUsU0FBK0IsR0FBRyxFQUFFLE1BQU0sQ0FBQyxHQUFHO0FBQUEsSUFDN0QsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBLElBQ1AsUUFBUTtBQUFBLEVBQ1YsQ0FBQztBQUNELFFBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxPQUFPLFFBQVEsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2xFLFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLHNCQUFzQjtBQUNsRCxDQUFDO0FBRUQsS0FBSyw0REFBNEQsWUFBWTtBQUMzRSxRQUFNLE1BQU0sTUFBTSxnQkFBZ0I7QUFDbEMsUUFBTSxVQUFVLENBQUMsUUFBUSxjQUFjLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDakQsUUFBTSxFQUFFLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQztBQUN6RCxhQUFXLFFBQVE7QUFBQSxJQUNqQjtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0UsV0FBTyxNQUFNLEtBQUssSUFBSTtBQUN4QixRQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNuRSxTQUFPLE1BQU0sUUFBUSxRQUFRLENBQUM7QUFDOUIsU0FBTyxHQUFHLFdBQVcsS0FBSyxLQUFLLG9CQUFvQixDQUFDLENBQUM7QUFDdkQsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
