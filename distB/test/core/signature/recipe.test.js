import {
  signedBy,
  signerOf,
  textIn
} from "../../parts/chunk-3IRAWBVF.js";
import "../../parts/chunk-TJCVLVFO.js";
import "../../parts/chunk-GXIBG2WU.js";
import "../../parts/chunk-3HNS4OKH.js";
import "../../parts/chunk-JTXRQ3DM.js";
import "../../parts/chunk-2NSBAQ4L.js";
import "../../parts/chunk-KTFSZ6KS.js";
import "../../parts/chunk-77DFO3CW.js";
import "../../parts/chunk-UHUDVQF4.js";
import "../../parts/chunk-IQWA53IU.js";
import "../../parts/chunk-LS5VPUTR.js";
import "../../parts/chunk-6FF7OQVK.js";
import "../../parts/chunk-7JVJJYGZ.js";
import "../../parts/chunk-VVGKGSPN.js";
import {
  namesFrom
} from "../../parts/chunk-ILBUWU7B.js";
import "../../parts/chunk-QF6HTAQS.js";
import "../../parts/chunk-PACVB44P.js";
import "../../parts/chunk-WDD3S5O6.js";
import "../../parts/chunk-ELCQYB6S.js";
import "../../parts/chunk-ZC7SUIQQ.js";
import "../../parts/chunk-FSPVDUAZ.js";
import "../../parts/chunk-RABAPZK5.js";
import "../../parts/chunk-XGDOGID3.js";

// test/core/signature/recipe.test.ts
import assert from "node:assert/strict";
import { constants, createHash, createHmac, generateKeyPairSync, verify } from "node:crypto";
import { test } from "node:test";
var call = {
  method: "POST",
  url: "https://Harbour.example:8443/v1/b%C3%BCro/a%20b?z=1&b=%20x&a=&b=+y&b=%C3%A4",
  headers: [
    ["X-Desk-Name", "  North   quay "],
    ["X-Desk", "7"],
    ["Accept", "text/plain"],
    ["accept", "text/html"],
    ["X-Empty", ""]
  ],
  body: '{"nights":2}'
};
var seen = [
  ["${sent.method}", "POST"],
  ["${sent.scheme}", "https"],
  ["${sent.authority}", "harbour.example:8443"],
  ["${sent.host}", "harbour.example"],
  ["${sent.port}", "8443"],
  ["${sent.path}", "/v1/b%C3%BCro/a%20b"],
  ["${sent.path | from-percent}", "/v1/b\xFCro/a b"],
  ["${sent.target}", "/v1/b%C3%BCro/a%20b?z=1&b=%20x&a=&b=+y&b=%C3%A4"],
  ["${sent.query-text}", "z=1&b=%20x&a=&b=+y&b=%C3%A4"],
  ["${sent.query | sorted | encoded}", "a=&b=%20x&b=%2By&b=%C3%A4&z=1"],
  ["${sent.query | sorted | filled | encoded}", "b=%20x&b=%2By&b=%C3%A4&z=1"],
  ['${sent.query | encoded("as-sent")}', "z=1&b=%20x&a=&b=+y&b=%C3%A4"],
  ['${sent.query | sorted | encoded("decoded")}', "a=&b= x&b=+y&b=\xE4&z=1"],
  ['${sent.query | sorted | encoded("form")}', "a=&b=+x&b=%2By&b=%C3%A4&z=1"],
  ['${sent.query | except("b") | pluck("name") | join(",")}', "z,a"],
  ["${sent.header.x-desk-name}", "North   quay"],
  ["${sent.header.accept}", "text/plain, text/html"],
  ['${sent.header.x-missing ?? ""}|', "|"],
  ['${sent.headers | only("x-desk*") | header-lines | join("\\n")}', "x-desk-name:North quay\nx-desk:7"],
  [
    '${sent.headers | only("x-desk*") | sorted | header-lines(": ") | join("\\n")}',
    "x-desk: 7\nx-desk-name: North quay"
  ],
  ['${sent.headers | only("accept", "host") | pluck("name") | join(";")}', "accept;host"],
  ['${sent.headers | except("accept", "x-*") | header-lines | join("\\n")}', "host:harbour.example:8443"],
  ["${sent.body | text}", '{"nights":2}'],
  ["${sent.body | sha-256 | base64}", createHash("sha256").update('{"nights":2}').digest("base64")],
  ['${sent.path | split("/") | each("percent") | join("/")}', "/v1/b%25C3%25BCro/a%2520b"],
  ['${"7" | pad(4, "0")}', "0007"],
  ["${now | unix | pad(12)}", "  1772443800"],
  ['${now | in-zone("UTC+2") | format("yyyy-MM-dd HH:mm")}', "2026-03-02 11:30"],
  ["${nonce | slice(0, 4)}", "once"],
  ["${edition}", "2.4"]
];
var setting = {
  now: "2026-03-02T09:30:00Z",
  nonce: "once-7",
  secrets: { key: "herring-barrel" },
  variables: namesFrom({ edition: "2.4" }, "variables")
};
test(`what a recipe sees of a request: ${seen.length} expressions`, async () => {
  for (const [expression, text] of seen) {
    const signed = await signedBy(
      JSON.stringify({ define: { it: expression }, headers: { "X-It": "${it | sha-256 | hex}" } }),
      call,
      setting
    );
    assert.equal(textIn(signed, "it"), text, expression);
  }
});
test("lines: blank slots stay, lists are spliced in, what is omitted has no line", async () => {
  const signed = await signedBy(
    `define:
  base:
    lines:
      - \${sent.method}
      - ""
      - \${sent.header.x-empty}
      - \${sent.headers | only("x-desk", "x-missing") | header-lines}
      - \${omit}
      - desk \${sent.header.x-desk}
      - ""
  windows: {lines: [a, b], joined-by: "\\r\\n"}
headers: {X-Seal: "\${base | sha-256 | hex}"}
`,
    call,
    setting
  );
  assert.equal(textIn(signed, "base"), "POST\n\n\nx-desk:7\ndesk 7\n");
  assert.equal(textIn(signed, "windows"), "a\r\nb");
});
test("values are worked out in the order of what they use; a header of the recipe is seen unless it is made from headers", async () => {
  const signed = await signedBy(
    `headers:
  X-Seal: \${seal}
  X-Time: \${stamp}
define:
  seal: \${base | hmac-sha-256(day-key) | hex}
  day-key: \${stamp | slice(0, 8) | hmac-sha-256(secret.key)}
  base: {lines: ["\${sent.headers | only(\\"x-*\\") | except(\\"x-desk*\\", \\"x-empty\\") | header-lines}"]}
  stamp: \${now | format("yyyyMMdd'T'HHmmss'Z'")}
`,
    call,
    setting
  );
  assert.equal(textIn(signed, "base"), "x-time:20260302T093000Z");
  const dayKey = createHmac("sha256", "herring-barrel").update("20260302").digest();
  assert.equal(textIn(signed, "X-Seal"), createHmac("sha256", dayKey).update("x-time:20260302T093000Z").digest("hex"));
  assert.deepEqual(
    signed.steps.map(({ name, secret, shown }) => [name, secret, shown]),
    [
      ["stamp", false, "20260302T093000Z"],
      ["X-Time", false, "20260302T093000Z"],
      ["base", false, "x-time:20260302T093000Z"],
      ["day-key", true, void 0],
      ["seal", true, void 0],
      ["X-Seal", true, void 0]
    ]
  );
  assert.equal(signed.wire.headers.find(({ name }) => name === "X-Seal")?.secret, true);
  assert.equal(signed.wire.headers.find(({ name }) => name === "X-Time")?.secret, false);
});
test("of a text with a secret in it, what stands around it is seen", async () => {
  const signed = await signedBy(
    `define:
  base: {lines: ["\${sent.method}", "key=\${secret.key};v=1", "\${secret.key}"]}
headers: {X-Seal: "id=7; seal=\${base | sha-256 | hex}"}
`,
    call,
    setting
  );
  assert.equal(textIn(signed, "base"), "POST\nkey=herring-barrel;v=1\nherring-barrel");
  assert.equal(signed.steps[0]?.shown, "POST\nkey=\u2039secret\u203A;v=1\n\u2039secret\u203A");
  assert.equal(signed.steps[1]?.shown, "id=7; seal=\u2039secret\u203A");
});
test("an address that is sealed: parameters that are made from the query stand behind the others", async () => {
  const signed = await signedBy(
    'define: {base: "${sent.method} ${sent.target}"}\nquery: {seal: "${base | hmac-sha-256(secret.key) | base64}", until: "${now | plus(\\"10m\\") | unix}"}\n'.replaceAll(
      '\\"',
      "'"
    ),
    { url: "https://plans.example/north?page=2#top" },
    setting
  );
  assert.equal(textIn(signed, "base"), "GET /north?page=2&until=1772444400");
  const seal = createHmac("sha256", "herring-barrel").update("GET /north?page=2&until=1772444400").digest("base64");
  assert.equal(
    signed.wire.url.href,
    `https://plans.example/north?page=2&until=1772444400&seal=${encodeURIComponent(seal)}#top`
  );
  assert.equal(signed.wire.shownUrl, "https://plans.example/north?page=2&until=1772444400&seal=\u2039secret\u203A#top");
});
test("a seal in the body: every byte that was there stays, and the length is the new one", async () => {
  const recipe = 'define: {seal: "${sent.body | hmac-sha-256(secret.key) | hex}"}\nbody: {time: "${now | unix}", seal: "${seal}"}\nheaders: {X-Plain: one}\n';
  const sealOf = (text) => createHmac("sha256", "herring-barrel").update(text).digest("hex");
  const json = await signedBy(
    recipe,
    { ...call, body: '{"price": 4.10 }', headers: [["content-length", "16"]] },
    setting
  );
  const before = '{"price": 4.10,"time":1772443800}';
  assert.equal(
    Buffer.from(json.wire.body?.bytes ?? []).toString(),
    `{"price": 4.10,"time":1772443800,"seal":"${sealOf(before)}"}`
  );
  assert.equal(json.wire.body?.shown, '{"price": 4.10,"time":1772443800,"seal":"\u2039secret\u203A"}');
  assert.equal(textIn(json, "content-length"), String(json.wire.body?.bytes.length));
  const empty = await signedBy("body: {desk: 7}\n", { ...call, body: "{}" }, setting);
  assert.equal(Buffer.from(empty.wire.body?.bytes ?? []).toString(), '{"desk":7}');
  const form = await signedBy(recipe, { ...call, body: "a=1", type: "application/x-www-form-urlencoded" }, setting);
  assert.equal(
    Buffer.from(form.wire.body?.bytes ?? []).toString(),
    `a=1&time=1772443800&seal=${sealOf("a=1&time=1772443800")}`
  );
  await assert.rejects(signedBy(recipe, { ...call, body: "plain", type: "text/plain" }, setting), {
    code: "body-shape"
  });
  await assert.rejects(signedBy(recipe, { ...call, body: "[1]" }, setting), { code: "body-shape" });
});
test("a header that holds a line break, bytes or a list is refused before it leaves", async () => {
  for (const [value, code, says] of [
    ["${base}", "header-shape", /line break/],
    ["${base | sha-256}", "expression-value", /makes the header X-Seal of bytes/],
    ["${sent.headers | header-lines}", "expression-value", /makes the header X-Seal of a list/]
  ]) {
    const text = JSON.stringify({ define: { base: { lines: ["a", "b"] } }, headers: { "X-Seal": value } });
    await assert.rejects(
      signedBy(text, call, setting),
      (error) => error.code === code && says.test(error.message)
    );
  }
});
test("what a recipe adds to the body is there before its length is signed", async () => {
  const signed = await signedBy(
    'headers: {X-Length: "${sent.header.content-length}", X-All: "${sent.headers | only(\'content-length\') | header-lines | join}"}\nbody: {desk: 7}\n',
    { ...call, body: "{}", headers: [["content-length", "2"]] },
    setting
  );
  assert.equal(textIn(signed, "X-Length"), "10");
  assert.equal(textIn(signed, "X-All"), "content-length:10");
});
test("the ready-made: a keyed digest of the body, and a token for each request", async () => {
  const digest = await signedBy(
    "kind: keyed-digest\nalgorithm: hmac-sha-512\nkey: ${secret.key}\nheader: X-Body-Seal\nencoding: base64\nprefix: v1=\n",
    call,
    setting
  );
  assert.equal(
    textIn(digest, "X-Body-Seal"),
    `v1=${createHmac("sha512", "herring-barrel").update('{"nights":2}').digest("base64")}`
  );
  const token = await signedBy(
    'kind: request-token\nalgorithm: HS256\nkey: ${secret.key}\nkey-id: k7\nlasts: 2m\nclaims: {sub: agent, path: "${sent.path}", body: "${sent.body | sha-256 | hex}"}\n',
    call,
    setting
  );
  const [head = "", claims = "", seal = ""] = String(textIn(token, "Authorization")).replace("Bearer ", "").split(".");
  const read = (part) => JSON.parse(Buffer.from(part, "base64url").toString());
  assert.deepEqual(read(head), { alg: "HS256", typ: "JWT", kid: "k7" });
  assert.deepEqual(read(claims), {
    sub: "agent",
    path: "/v1/b%C3%BCro/a%20b",
    body: createHash("sha256").update('{"nights":2}').digest("hex"),
    iat: 1772443800,
    exp: 1772443920
  });
  assert.equal(seal, createHmac("sha256", "herring-barrel").update(`${head}.${claims}`).digest("base64url"));
});
test("a token for each request, by every algorithm, is what its key expects", async () => {
  const rsa = generateKeyPairSync("rsa", { modulusLength: 2048 });
  const curves = { ES256: "P-256", ES384: "P-384", ES512: "P-521" };
  const ec = Object.fromEntries(
    Object.entries(curves).map(([name, namedCurve]) => [name, generateKeyPairSync("ec", { namedCurve })])
  );
  const ed = generateKeyPairSync("ed25519");
  const pss = { padding: constants.RSA_PKCS1_PSS_PADDING, saltLength: constants.RSA_PSS_SALTLEN_DIGEST };
  for (const algorithm of ["RS256", "RS384", "RS512", "PS256", "PS384", "PS512", "ES256", "ES384", "ES512", "EdDSA"]) {
    const pair = algorithm === "EdDSA" ? ed : ec[algorithm] ?? rsa;
    const key = pair.privateKey.export({ type: "pkcs8", format: "pem" }).toString();
    const signed = await signedBy(
      `kind: request-token
algorithm: ${algorithm}
key: \${secret.key}
header: X-Proof
scheme: ""
`,
      call,
      { ...setting, secrets: { key } }
    );
    const [head, claims, seal = ""] = String(textIn(signed, "X-Proof")).split(".");
    const fits = verify(
      algorithm === "EdDSA" ? null : `sha${algorithm.slice(2)}`,
      Buffer.from(`${head}.${claims}`),
      {
        key: pair.publicKey,
        ...algorithm.startsWith("PS") && pss,
        ...algorithm.startsWith("ES") && { dsaEncoding: "ieee-p1363" }
      },
      Buffer.from(seal, "base64url")
    );
    assert.equal(fits, true, algorithm);
  }
});
test("what is wrong with a recipe is told before anything is signed", async () => {
  for (const [text, code, what] of [
    ['define: {a: "${b}", b: "${a}"}\nheaders: {X: "${a}"}\n', "circle", /a is made from b is made from a/],
    [
      'headers: {X: "${sent.headers | header-lines | join}", Y: "${sent.header.x}", X2: "${sent.header.y}"}\n',
      void 0,
      void 0
    ],
    ['headers: {X: "${sent.header.y}", Y: "${sent.header.x}"}\n', "circle", /X is made from Y is made from X/],
    ['headers: {X: "${sent.pth}"}\n', "unknown-name", /sent has no pth/],
    ['define: {now: x}\nheaders: {X: "${now}"}\n', "file-shape", /cannot be called now/],
    ["define: {a: x}\n", "file-shape", /adds nothing to a request/],
    ['headers: {X: "${sent.body | sha256}"}\n', "expression-syntax", /no filter sha256/],
    ['headers: {Content-Length: "1"}\n', "header-shape", /never by hand/]
  ]) {
    if (code === void 0) await signerOf(text);
    else
      await assert.rejects(
        signerOf(text),
        (error) => error.code === code && what.test(error.message),
        text
      );
  }
});
test("a look goes as far as it can without the secret", async () => {
  const text = 'define: {base: "${sent.method}", key: "${secret.lost}", seal: "${base | hmac-sha-256(key) | hex}"}\nheaders: {X-Seal: "${seal}", X-Base: "${base}"}\n';
  await assert.rejects(signedBy(text, call, { ...setting, look: false }), { code: "secret-missing" });
  const partial = await signedBy(text, call, { ...setting, look: true });
  assert.deepEqual(
    partial.steps.map(({ name }) => name),
    ["base", "X-Base"]
  );
  assert.match(String(partial.missing?.what), /the secret lost is not set/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vLi4vdGVzdC9jb3JlL3NpZ25hdHVyZS9yZWNpcGUudGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFJlY2lwZXM6IHdoYXQgdGhleSBzZWUgb2YgYSByZXF1ZXN0LCBpbiB3aGljaCBvcmRlciB0aGV5IHdvcmssIHdoYXQgdGhleSBhZGQsIHdoYXQgdGhleSBoaWRlLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgY29uc3RhbnRzLCBjcmVhdGVIYXNoLCBjcmVhdGVIbWFjLCBnZW5lcmF0ZUtleVBhaXJTeW5jLCB2ZXJpZnkgfSBmcm9tICdub2RlOmNyeXB0byc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IG5hbWVzRnJvbSB9IGZyb20gJy4uLy4uLy4uL3NyYy9jb3JlL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuaW1wb3J0IHsgdHlwZSBHaXZlbiwgdHlwZSBTaWduaW5nLCBzaWduZWRCeSwgc2lnbmVyT2YsIHRleHRJbiB9IGZyb20gJy4vc2lnbmluZy5qcyc7XG5cbmNvbnN0IGNhbGw6IEdpdmVuID0ge1xuICBtZXRob2Q6ICdQT1NUJyxcbiAgdXJsOiAnaHR0cHM6Ly9IYXJib3VyLmV4YW1wbGU6ODQ0My92MS9iJUMzJUJDcm8vYSUyMGI/ej0xJmI9JTIweCZhPSZiPSt5JmI9JUMzJUE0JyxcbiAgaGVhZGVyczogW1xuICAgIFsnWC1EZXNrLU5hbWUnLCAnICBOb3J0aCAgIHF1YXkgJ10sXG4gICAgWydYLURlc2snLCAnNyddLFxuICAgIFsnQWNjZXB0JywgJ3RleHQvcGxhaW4nXSxcbiAgICBbJ2FjY2VwdCcsICd0ZXh0L2h0bWwnXSxcbiAgICBbJ1gtRW1wdHknLCAnJ10sXG4gIF0sXG4gIGJvZHk6ICd7XCJuaWdodHNcIjoyfScsXG59O1xuXG4vKiogV2hhdCBpcyB3cml0dGVuIGluIGEgcmVjaXBlLCBhbmQgd2hhdCBpdCB5aWVsZHMgZm9yIHRoYXQgY2FsbC4gKi9cbmNvbnN0IHNlZW46IHJlYWRvbmx5IFtleHByZXNzaW9uOiBzdHJpbmcsIHRleHQ6IHN0cmluZ11bXSA9IFtcbiAgWycke3NlbnQubWV0aG9kfScsICdQT1NUJ10sXG4gIFsnJHtzZW50LnNjaGVtZX0nLCAnaHR0cHMnXSxcbiAgWycke3NlbnQuYXV0aG9yaXR5fScsICdoYXJib3VyLmV4YW1wbGU6ODQ0MyddLFxuICBbJyR7c2VudC5ob3N0fScsICdoYXJib3VyLmV4YW1wbGUnXSxcbiAgWycke3NlbnQucG9ydH0nLCAnODQ0MyddLFxuICBbJyR7c2VudC5wYXRofScsICcvdjEvYiVDMyVCQ3JvL2ElMjBiJ10sXG4gIFsnJHtzZW50LnBhdGggfCBmcm9tLXBlcmNlbnR9JywgJy92MS9iXHUwMEZDcm8vYSBiJ10sXG4gIFsnJHtzZW50LnRhcmdldH0nLCAnL3YxL2IlQzMlQkNyby9hJTIwYj96PTEmYj0lMjB4JmE9JmI9K3kmYj0lQzMlQTQnXSxcbiAgWycke3NlbnQucXVlcnktdGV4dH0nLCAnej0xJmI9JTIweCZhPSZiPSt5JmI9JUMzJUE0J10sXG4gIFsnJHtzZW50LnF1ZXJ5IHwgc29ydGVkIHwgZW5jb2RlZH0nLCAnYT0mYj0lMjB4JmI9JTJCeSZiPSVDMyVBNCZ6PTEnXSxcbiAgWycke3NlbnQucXVlcnkgfCBzb3J0ZWQgfCBmaWxsZWQgfCBlbmNvZGVkfScsICdiPSUyMHgmYj0lMkJ5JmI9JUMzJUE0Jno9MSddLFxuICBbJyR7c2VudC5xdWVyeSB8IGVuY29kZWQoXCJhcy1zZW50XCIpfScsICd6PTEmYj0lMjB4JmE9JmI9K3kmYj0lQzMlQTQnXSxcbiAgWycke3NlbnQucXVlcnkgfCBzb3J0ZWQgfCBlbmNvZGVkKFwiZGVjb2RlZFwiKX0nLCAnYT0mYj0geCZiPSt5JmI9XHUwMEU0Jno9MSddLFxuICBbJyR7c2VudC5xdWVyeSB8IHNvcnRlZCB8IGVuY29kZWQoXCJmb3JtXCIpfScsICdhPSZiPSt4JmI9JTJCeSZiPSVDMyVBNCZ6PTEnXSxcbiAgWycke3NlbnQucXVlcnkgfCBleGNlcHQoXCJiXCIpIHwgcGx1Y2soXCJuYW1lXCIpIHwgam9pbihcIixcIil9JywgJ3osYSddLFxuICBbJyR7c2VudC5oZWFkZXIueC1kZXNrLW5hbWV9JywgJ05vcnRoICAgcXVheSddLFxuICBbJyR7c2VudC5oZWFkZXIuYWNjZXB0fScsICd0ZXh0L3BsYWluLCB0ZXh0L2h0bWwnXSxcbiAgWycke3NlbnQuaGVhZGVyLngtbWlzc2luZyA/PyBcIlwifXwnLCAnfCddLFxuICBbJyR7c2VudC5oZWFkZXJzIHwgb25seShcIngtZGVzaypcIikgfCBoZWFkZXItbGluZXMgfCBqb2luKFwiXFxcXG5cIil9JywgJ3gtZGVzay1uYW1lOk5vcnRoIHF1YXlcXG54LWRlc2s6NyddLFxuICBbXG4gICAgJyR7c2VudC5oZWFkZXJzIHwgb25seShcIngtZGVzaypcIikgfCBzb3J0ZWQgfCBoZWFkZXItbGluZXMoXCI6IFwiKSB8IGpvaW4oXCJcXFxcblwiKX0nLFxuICAgICd4LWRlc2s6IDdcXG54LWRlc2stbmFtZTogTm9ydGggcXVheScsXG4gIF0sXG4gIFsnJHtzZW50LmhlYWRlcnMgfCBvbmx5KFwiYWNjZXB0XCIsIFwiaG9zdFwiKSB8IHBsdWNrKFwibmFtZVwiKSB8IGpvaW4oXCI7XCIpfScsICdhY2NlcHQ7aG9zdCddLFxuICBbJyR7c2VudC5oZWFkZXJzIHwgZXhjZXB0KFwiYWNjZXB0XCIsIFwieC0qXCIpIHwgaGVhZGVyLWxpbmVzIHwgam9pbihcIlxcXFxuXCIpfScsICdob3N0OmhhcmJvdXIuZXhhbXBsZTo4NDQzJ10sXG4gIFsnJHtzZW50LmJvZHkgfCB0ZXh0fScsICd7XCJuaWdodHNcIjoyfSddLFxuICBbJyR7c2VudC5ib2R5IHwgc2hhLTI1NiB8IGJhc2U2NH0nLCBjcmVhdGVIYXNoKCdzaGEyNTYnKS51cGRhdGUoJ3tcIm5pZ2h0c1wiOjJ9JykuZGlnZXN0KCdiYXNlNjQnKV0sXG4gIFsnJHtzZW50LnBhdGggfCBzcGxpdChcIi9cIikgfCBlYWNoKFwicGVyY2VudFwiKSB8IGpvaW4oXCIvXCIpfScsICcvdjEvYiUyNUMzJTI1QkNyby9hJTI1MjBiJ10sXG4gIFsnJHtcIjdcIiB8IHBhZCg0LCBcIjBcIil9JywgJzAwMDcnXSxcbiAgWycke25vdyB8IHVuaXggfCBwYWQoMTIpfScsICcgIDE3NzI0NDM4MDAnXSxcbiAgWycke25vdyB8IGluLXpvbmUoXCJVVEMrMlwiKSB8IGZvcm1hdChcInl5eXktTU0tZGQgSEg6bW1cIil9JywgJzIwMjYtMDMtMDIgMTE6MzAnXSxcbiAgWycke25vbmNlIHwgc2xpY2UoMCwgNCl9JywgJ29uY2UnXSxcbiAgWycke2VkaXRpb259JywgJzIuNCddLFxuXTtcblxuY29uc3Qgc2V0dGluZzogU2lnbmluZyA9IHtcbiAgbm93OiAnMjAyNi0wMy0wMlQwOTozMDowMFonLFxuICBub25jZTogJ29uY2UtNycsXG4gIHNlY3JldHM6IHsga2V5OiAnaGVycmluZy1iYXJyZWwnIH0sXG4gIHZhcmlhYmxlczogbmFtZXNGcm9tKHsgZWRpdGlvbjogJzIuNCcgfSwgJ3ZhcmlhYmxlcycpLFxufTtcblxudGVzdChgd2hhdCBhIHJlY2lwZSBzZWVzIG9mIGEgcmVxdWVzdDogJHtzZWVuLmxlbmd0aH0gZXhwcmVzc2lvbnNgLCBhc3luYyAoKSA9PiB7XG4gIGZvciAoY29uc3QgW2V4cHJlc3Npb24sIHRleHRdIG9mIHNlZW4pIHtcbiAgICBjb25zdCBzaWduZWQgPSBhd2FpdCBzaWduZWRCeShcbiAgICAgIEpTT04uc3RyaW5naWZ5KHsgZGVmaW5lOiB7IGl0OiBleHByZXNzaW9uIH0sIGhlYWRlcnM6IHsgJ1gtSXQnOiAnJHtpdCB8IHNoYS0yNTYgfCBoZXh9JyB9IH0pLFxuICAgICAgY2FsbCxcbiAgICAgIHNldHRpbmcsXG4gICAgKTtcbiAgICBhc3NlcnQuZXF1YWwodGV4dEluKHNpZ25lZCwgJ2l0JyksIHRleHQsIGV4cHJlc3Npb24pO1xuICB9XG59KTtcblxudGVzdCgnbGluZXM6IGJsYW5rIHNsb3RzIHN0YXksIGxpc3RzIGFyZSBzcGxpY2VkIGluLCB3aGF0IGlzIG9taXR0ZWQgaGFzIG5vIGxpbmUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNpZ25lZCA9IGF3YWl0IHNpZ25lZEJ5KFxuICAgIGBkZWZpbmU6XG4gIGJhc2U6XG4gICAgbGluZXM6XG4gICAgICAtIFxcJHtzZW50Lm1ldGhvZH1cbiAgICAgIC0gXCJcIlxuICAgICAgLSBcXCR7c2VudC5oZWFkZXIueC1lbXB0eX1cbiAgICAgIC0gXFwke3NlbnQuaGVhZGVycyB8IG9ubHkoXCJ4LWRlc2tcIiwgXCJ4LW1pc3NpbmdcIikgfCBoZWFkZXItbGluZXN9XG4gICAgICAtIFxcJHtvbWl0fVxuICAgICAgLSBkZXNrIFxcJHtzZW50LmhlYWRlci54LWRlc2t9XG4gICAgICAtIFwiXCJcbiAgd2luZG93czoge2xpbmVzOiBbYSwgYl0sIGpvaW5lZC1ieTogXCJcXFxcclxcXFxuXCJ9XG5oZWFkZXJzOiB7WC1TZWFsOiBcIlxcJHtiYXNlIHwgc2hhLTI1NiB8IGhleH1cIn1cbmAsXG4gICAgY2FsbCxcbiAgICBzZXR0aW5nLFxuICApO1xuICBhc3NlcnQuZXF1YWwodGV4dEluKHNpZ25lZCwgJ2Jhc2UnKSwgJ1BPU1RcXG5cXG5cXG54LWRlc2s6N1xcbmRlc2sgN1xcbicpO1xuICBhc3NlcnQuZXF1YWwodGV4dEluKHNpZ25lZCwgJ3dpbmRvd3MnKSwgJ2FcXHJcXG5iJyk7XG59KTtcblxudGVzdCgndmFsdWVzIGFyZSB3b3JrZWQgb3V0IGluIHRoZSBvcmRlciBvZiB3aGF0IHRoZXkgdXNlOyBhIGhlYWRlciBvZiB0aGUgcmVjaXBlIGlzIHNlZW4gdW5sZXNzIGl0IGlzIG1hZGUgZnJvbSBoZWFkZXJzJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBzaWduZWQgPSBhd2FpdCBzaWduZWRCeShcbiAgICBgaGVhZGVyczpcbiAgWC1TZWFsOiBcXCR7c2VhbH1cbiAgWC1UaW1lOiBcXCR7c3RhbXB9XG5kZWZpbmU6XG4gIHNlYWw6IFxcJHtiYXNlIHwgaG1hYy1zaGEtMjU2KGRheS1rZXkpIHwgaGV4fVxuICBkYXkta2V5OiBcXCR7c3RhbXAgfCBzbGljZSgwLCA4KSB8IGhtYWMtc2hhLTI1NihzZWNyZXQua2V5KX1cbiAgYmFzZToge2xpbmVzOiBbXCJcXCR7c2VudC5oZWFkZXJzIHwgb25seShcXFxcXCJ4LSpcXFxcXCIpIHwgZXhjZXB0KFxcXFxcIngtZGVzaypcXFxcXCIsIFxcXFxcIngtZW1wdHlcXFxcXCIpIHwgaGVhZGVyLWxpbmVzfVwiXX1cbiAgc3RhbXA6IFxcJHtub3cgfCBmb3JtYXQoXCJ5eXl5TU1kZCdUJ0hIbW1zcydaJ1wiKX1cbmAsXG4gICAgY2FsbCxcbiAgICBzZXR0aW5nLFxuICApO1xuICBhc3NlcnQuZXF1YWwodGV4dEluKHNpZ25lZCwgJ2Jhc2UnKSwgJ3gtdGltZToyMDI2MDMwMlQwOTMwMDBaJyk7XG4gIGNvbnN0IGRheUtleSA9IGNyZWF0ZUhtYWMoJ3NoYTI1NicsICdoZXJyaW5nLWJhcnJlbCcpLnVwZGF0ZSgnMjAyNjAzMDInKS5kaWdlc3QoKTtcbiAgYXNzZXJ0LmVxdWFsKHRleHRJbihzaWduZWQsICdYLVNlYWwnKSwgY3JlYXRlSG1hYygnc2hhMjU2JywgZGF5S2V5KS51cGRhdGUoJ3gtdGltZToyMDI2MDMwMlQwOTMwMDBaJykuZGlnZXN0KCdoZXgnKSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgc2lnbmVkLnN0ZXBzLm1hcCgoeyBuYW1lLCBzZWNyZXQsIHNob3duIH0pID0+IFtuYW1lLCBzZWNyZXQsIHNob3duXSksXG4gICAgW1xuICAgICAgWydzdGFtcCcsIGZhbHNlLCAnMjAyNjAzMDJUMDkzMDAwWiddLFxuICAgICAgWydYLVRpbWUnLCBmYWxzZSwgJzIwMjYwMzAyVDA5MzAwMFonXSxcbiAgICAgIFsnYmFzZScsIGZhbHNlLCAneC10aW1lOjIwMjYwMzAyVDA5MzAwMFonXSxcbiAgICAgIFsnZGF5LWtleScsIHRydWUsIHVuZGVmaW5lZF0sXG4gICAgICBbJ3NlYWwnLCB0cnVlLCB1bmRlZmluZWRdLFxuICAgICAgWydYLVNlYWwnLCB0cnVlLCB1bmRlZmluZWRdLFxuICAgIF0sXG4gICk7XG4gIGFzc2VydC5lcXVhbChzaWduZWQud2lyZS5oZWFkZXJzLmZpbmQoKHsgbmFtZSB9KSA9PiBuYW1lID09PSAnWC1TZWFsJyk/LnNlY3JldCwgdHJ1ZSk7XG4gIGFzc2VydC5lcXVhbChzaWduZWQud2lyZS5oZWFkZXJzLmZpbmQoKHsgbmFtZSB9KSA9PiBuYW1lID09PSAnWC1UaW1lJyk/LnNlY3JldCwgZmFsc2UpO1xufSk7XG5cbnRlc3QoJ29mIGEgdGV4dCB3aXRoIGEgc2VjcmV0IGluIGl0LCB3aGF0IHN0YW5kcyBhcm91bmQgaXQgaXMgc2VlbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2lnbmVkID0gYXdhaXQgc2lnbmVkQnkoXG4gICAgYGRlZmluZTpcbiAgYmFzZToge2xpbmVzOiBbXCJcXCR7c2VudC5tZXRob2R9XCIsIFwia2V5PVxcJHtzZWNyZXQua2V5fTt2PTFcIiwgXCJcXCR7c2VjcmV0LmtleX1cIl19XG5oZWFkZXJzOiB7WC1TZWFsOiBcImlkPTc7IHNlYWw9XFwke2Jhc2UgfCBzaGEtMjU2IHwgaGV4fVwifVxuYCxcbiAgICBjYWxsLFxuICAgIHNldHRpbmcsXG4gICk7XG4gIGFzc2VydC5lcXVhbCh0ZXh0SW4oc2lnbmVkLCAnYmFzZScpLCAnUE9TVFxcbmtleT1oZXJyaW5nLWJhcnJlbDt2PTFcXG5oZXJyaW5nLWJhcnJlbCcpO1xuICBhc3NlcnQuZXF1YWwoc2lnbmVkLnN0ZXBzWzBdPy5zaG93biwgJ1BPU1RcXG5rZXk9XHUyMDM5c2VjcmV0XHUyMDNBO3Y9MVxcblx1MjAzOXNlY3JldFx1MjAzQScpO1xuICBhc3NlcnQuZXF1YWwoc2lnbmVkLnN0ZXBzWzFdPy5zaG93biwgJ2lkPTc7IHNlYWw9XHUyMDM5c2VjcmV0XHUyMDNBJyk7XG59KTtcblxudGVzdCgnYW4gYWRkcmVzcyB0aGF0IGlzIHNlYWxlZDogcGFyYW1ldGVycyB0aGF0IGFyZSBtYWRlIGZyb20gdGhlIHF1ZXJ5IHN0YW5kIGJlaGluZCB0aGUgb3RoZXJzJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBzaWduZWQgPSBhd2FpdCBzaWduZWRCeShcbiAgICAnZGVmaW5lOiB7YmFzZTogXCIke3NlbnQubWV0aG9kfSAke3NlbnQudGFyZ2V0fVwifVxcbnF1ZXJ5OiB7c2VhbDogXCIke2Jhc2UgfCBobWFjLXNoYS0yNTYoc2VjcmV0LmtleSkgfCBiYXNlNjR9XCIsIHVudGlsOiBcIiR7bm93IHwgcGx1cyhcXFxcXCIxMG1cXFxcXCIpIHwgdW5peH1cIn1cXG4nLnJlcGxhY2VBbGwoXG4gICAgICAnXFxcXFwiJyxcbiAgICAgIFwiJ1wiLFxuICAgICksXG4gICAgeyB1cmw6ICdodHRwczovL3BsYW5zLmV4YW1wbGUvbm9ydGg/cGFnZT0yI3RvcCcgfSxcbiAgICBzZXR0aW5nLFxuICApO1xuICBhc3NlcnQuZXF1YWwodGV4dEluKHNpZ25lZCwgJ2Jhc2UnKSwgJ0dFVCAvbm9ydGg/cGFnZT0yJnVudGlsPTE3NzI0NDQ0MDAnKTtcbiAgY29uc3Qgc2VhbCA9IGNyZWF0ZUhtYWMoJ3NoYTI1NicsICdoZXJyaW5nLWJhcnJlbCcpLnVwZGF0ZSgnR0VUIC9ub3J0aD9wYWdlPTImdW50aWw9MTc3MjQ0NDQwMCcpLmRpZ2VzdCgnYmFzZTY0Jyk7XG4gIGFzc2VydC5lcXVhbChcbiAgICBzaWduZWQud2lyZS51cmwuaHJlZixcbiAgICBgaHR0cHM6Ly9wbGFucy5leGFtcGxlL25vcnRoP3BhZ2U9MiZ1bnRpbD0xNzcyNDQ0NDAwJnNlYWw9JHtlbmNvZGVVUklDb21wb25lbnQoc2VhbCl9I3RvcGAsXG4gICk7XG4gIGFzc2VydC5lcXVhbChzaWduZWQud2lyZS5zaG93blVybCwgJ2h0dHBzOi8vcGxhbnMuZXhhbXBsZS9ub3J0aD9wYWdlPTImdW50aWw9MTc3MjQ0NDQwMCZzZWFsPVx1MjAzOXNlY3JldFx1MjAzQSN0b3AnKTtcbn0pO1xuXG50ZXN0KCdhIHNlYWwgaW4gdGhlIGJvZHk6IGV2ZXJ5IGJ5dGUgdGhhdCB3YXMgdGhlcmUgc3RheXMsIGFuZCB0aGUgbGVuZ3RoIGlzIHRoZSBuZXcgb25lJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCByZWNpcGUgPVxuICAgICdkZWZpbmU6IHtzZWFsOiBcIiR7c2VudC5ib2R5IHwgaG1hYy1zaGEtMjU2KHNlY3JldC5rZXkpIHwgaGV4fVwifVxcbmJvZHk6IHt0aW1lOiBcIiR7bm93IHwgdW5peH1cIiwgc2VhbDogXCIke3NlYWx9XCJ9XFxuaGVhZGVyczoge1gtUGxhaW46IG9uZX1cXG4nO1xuICBjb25zdCBzZWFsT2YgPSAodGV4dDogc3RyaW5nKTogc3RyaW5nID0+IGNyZWF0ZUhtYWMoJ3NoYTI1NicsICdoZXJyaW5nLWJhcnJlbCcpLnVwZGF0ZSh0ZXh0KS5kaWdlc3QoJ2hleCcpO1xuICBjb25zdCBqc29uID0gYXdhaXQgc2lnbmVkQnkoXG4gICAgcmVjaXBlLFxuICAgIHsgLi4uY2FsbCwgYm9keTogJ3tcInByaWNlXCI6IDQuMTAgfScsIGhlYWRlcnM6IFtbJ2NvbnRlbnQtbGVuZ3RoJywgJzE2J11dIH0sXG4gICAgc2V0dGluZyxcbiAgKTtcbiAgY29uc3QgYmVmb3JlID0gJ3tcInByaWNlXCI6IDQuMTAsXCJ0aW1lXCI6MTc3MjQ0MzgwMH0nO1xuICBhc3NlcnQuZXF1YWwoXG4gICAgQnVmZmVyLmZyb20oanNvbi53aXJlLmJvZHk/LmJ5dGVzID8/IFtdKS50b1N0cmluZygpLFxuICAgIGB7XCJwcmljZVwiOiA0LjEwLFwidGltZVwiOjE3NzI0NDM4MDAsXCJzZWFsXCI6XCIke3NlYWxPZihiZWZvcmUpfVwifWAsXG4gICk7XG4gIGFzc2VydC5lcXVhbChqc29uLndpcmUuYm9keT8uc2hvd24sICd7XCJwcmljZVwiOiA0LjEwLFwidGltZVwiOjE3NzI0NDM4MDAsXCJzZWFsXCI6XCJcdTIwMzlzZWNyZXRcdTIwM0FcIn0nKTtcbiAgYXNzZXJ0LmVxdWFsKHRleHRJbihqc29uLCAnY29udGVudC1sZW5ndGgnKSwgU3RyaW5nKGpzb24ud2lyZS5ib2R5Py5ieXRlcy5sZW5ndGgpKTtcbiAgY29uc3QgZW1wdHkgPSBhd2FpdCBzaWduZWRCeSgnYm9keToge2Rlc2s6IDd9XFxuJywgeyAuLi5jYWxsLCBib2R5OiAne30nIH0sIHNldHRpbmcpO1xuICBhc3NlcnQuZXF1YWwoQnVmZmVyLmZyb20oZW1wdHkud2lyZS5ib2R5Py5ieXRlcyA/PyBbXSkudG9TdHJpbmcoKSwgJ3tcImRlc2tcIjo3fScpO1xuICBjb25zdCBmb3JtID0gYXdhaXQgc2lnbmVkQnkocmVjaXBlLCB7IC4uLmNhbGwsIGJvZHk6ICdhPTEnLCB0eXBlOiAnYXBwbGljYXRpb24veC13d3ctZm9ybS11cmxlbmNvZGVkJyB9LCBzZXR0aW5nKTtcbiAgYXNzZXJ0LmVxdWFsKFxuICAgIEJ1ZmZlci5mcm9tKGZvcm0ud2lyZS5ib2R5Py5ieXRlcyA/PyBbXSkudG9TdHJpbmcoKSxcbiAgICBgYT0xJnRpbWU9MTc3MjQ0MzgwMCZzZWFsPSR7c2VhbE9mKCdhPTEmdGltZT0xNzcyNDQzODAwJyl9YCxcbiAgKTtcbiAgYXdhaXQgYXNzZXJ0LnJlamVjdHMoc2lnbmVkQnkocmVjaXBlLCB7IC4uLmNhbGwsIGJvZHk6ICdwbGFpbicsIHR5cGU6ICd0ZXh0L3BsYWluJyB9LCBzZXR0aW5nKSwge1xuICAgIGNvZGU6ICdib2R5LXNoYXBlJyxcbiAgfSk7XG4gIGF3YWl0IGFzc2VydC5yZWplY3RzKHNpZ25lZEJ5KHJlY2lwZSwgeyAuLi5jYWxsLCBib2R5OiAnWzFdJyB9LCBzZXR0aW5nKSwgeyBjb2RlOiAnYm9keS1zaGFwZScgfSk7XG59KTtcblxudGVzdCgnYSBoZWFkZXIgdGhhdCBob2xkcyBhIGxpbmUgYnJlYWssIGJ5dGVzIG9yIGEgbGlzdCBpcyByZWZ1c2VkIGJlZm9yZSBpdCBsZWF2ZXMnLCBhc3luYyAoKSA9PiB7XG4gIGZvciAoY29uc3QgW3ZhbHVlLCBjb2RlLCBzYXlzXSBvZiBbXG4gICAgWycke2Jhc2V9JywgJ2hlYWRlci1zaGFwZScsIC9saW5lIGJyZWFrL10sXG4gICAgWycke2Jhc2UgfCBzaGEtMjU2fScsICdleHByZXNzaW9uLXZhbHVlJywgL21ha2VzIHRoZSBoZWFkZXIgWC1TZWFsIG9mIGJ5dGVzL10sXG4gICAgWycke3NlbnQuaGVhZGVycyB8IGhlYWRlci1saW5lc30nLCAnZXhwcmVzc2lvbi12YWx1ZScsIC9tYWtlcyB0aGUgaGVhZGVyIFgtU2VhbCBvZiBhIGxpc3QvXSxcbiAgXSBhcyBjb25zdCkge1xuICAgIGNvbnN0IHRleHQgPSBKU09OLnN0cmluZ2lmeSh7IGRlZmluZTogeyBiYXNlOiB7IGxpbmVzOiBbJ2EnLCAnYiddIH0gfSwgaGVhZGVyczogeyAnWC1TZWFsJzogdmFsdWUgfSB9KTtcbiAgICBhd2FpdCBhc3NlcnQucmVqZWN0cyhcbiAgICAgIHNpZ25lZEJ5KHRleHQsIGNhbGwsIHNldHRpbmcpLFxuICAgICAgKGVycm9yOiB7IGNvZGU6IHN0cmluZzsgbWVzc2FnZTogc3RyaW5nIH0pID0+IGVycm9yLmNvZGUgPT09IGNvZGUgJiYgc2F5cy50ZXN0KGVycm9yLm1lc3NhZ2UpLFxuICAgICk7XG4gIH1cbn0pO1xuXG50ZXN0KCd3aGF0IGEgcmVjaXBlIGFkZHMgdG8gdGhlIGJvZHkgaXMgdGhlcmUgYmVmb3JlIGl0cyBsZW5ndGggaXMgc2lnbmVkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBzaWduZWQgPSBhd2FpdCBzaWduZWRCeShcbiAgICAnaGVhZGVyczoge1gtTGVuZ3RoOiBcIiR7c2VudC5oZWFkZXIuY29udGVudC1sZW5ndGh9XCIsIFgtQWxsOiBcIiR7c2VudC5oZWFkZXJzIHwgb25seShcXCdjb250ZW50LWxlbmd0aFxcJykgfCBoZWFkZXItbGluZXMgfCBqb2lufVwifVxcbmJvZHk6IHtkZXNrOiA3fVxcbicsXG4gICAgeyAuLi5jYWxsLCBib2R5OiAne30nLCBoZWFkZXJzOiBbWydjb250ZW50LWxlbmd0aCcsICcyJ11dIH0sXG4gICAgc2V0dGluZyxcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKHRleHRJbihzaWduZWQsICdYLUxlbmd0aCcpLCAnMTAnKTtcbiAgYXNzZXJ0LmVxdWFsKHRleHRJbihzaWduZWQsICdYLUFsbCcpLCAnY29udGVudC1sZW5ndGg6MTAnKTtcbn0pO1xuXG50ZXN0KCd0aGUgcmVhZHktbWFkZTogYSBrZXllZCBkaWdlc3Qgb2YgdGhlIGJvZHksIGFuZCBhIHRva2VuIGZvciBlYWNoIHJlcXVlc3QnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGRpZ2VzdCA9IGF3YWl0IHNpZ25lZEJ5KFxuICAgICdraW5kOiBrZXllZC1kaWdlc3RcXG5hbGdvcml0aG06IGhtYWMtc2hhLTUxMlxcbmtleTogJHtzZWNyZXQua2V5fVxcbmhlYWRlcjogWC1Cb2R5LVNlYWxcXG5lbmNvZGluZzogYmFzZTY0XFxucHJlZml4OiB2MT1cXG4nLFxuICAgIGNhbGwsXG4gICAgc2V0dGluZyxcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKFxuICAgIHRleHRJbihkaWdlc3QsICdYLUJvZHktU2VhbCcpLFxuICAgIGB2MT0ke2NyZWF0ZUhtYWMoJ3NoYTUxMicsICdoZXJyaW5nLWJhcnJlbCcpLnVwZGF0ZSgne1wibmlnaHRzXCI6Mn0nKS5kaWdlc3QoJ2Jhc2U2NCcpfWAsXG4gICk7XG4gIGNvbnN0IHRva2VuID0gYXdhaXQgc2lnbmVkQnkoXG4gICAgJ2tpbmQ6IHJlcXVlc3QtdG9rZW5cXG5hbGdvcml0aG06IEhTMjU2XFxua2V5OiAke3NlY3JldC5rZXl9XFxua2V5LWlkOiBrN1xcbmxhc3RzOiAybVxcbmNsYWltczoge3N1YjogYWdlbnQsIHBhdGg6IFwiJHtzZW50LnBhdGh9XCIsIGJvZHk6IFwiJHtzZW50LmJvZHkgfCBzaGEtMjU2IHwgaGV4fVwifVxcbicsXG4gICAgY2FsbCxcbiAgICBzZXR0aW5nLFxuICApO1xuICBjb25zdCBbaGVhZCA9ICcnLCBjbGFpbXMgPSAnJywgc2VhbCA9ICcnXSA9IFN0cmluZyh0ZXh0SW4odG9rZW4sICdBdXRob3JpemF0aW9uJykpLnJlcGxhY2UoJ0JlYXJlciAnLCAnJykuc3BsaXQoJy4nKTtcbiAgY29uc3QgcmVhZCA9IChwYXJ0OiBzdHJpbmcpOiB1bmtub3duID0+IEpTT04ucGFyc2UoQnVmZmVyLmZyb20ocGFydCwgJ2Jhc2U2NHVybCcpLnRvU3RyaW5nKCkpO1xuICBhc3NlcnQuZGVlcEVxdWFsKHJlYWQoaGVhZCksIHsgYWxnOiAnSFMyNTYnLCB0eXA6ICdKV1QnLCBraWQ6ICdrNycgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwocmVhZChjbGFpbXMpLCB7XG4gICAgc3ViOiAnYWdlbnQnLFxuICAgIHBhdGg6ICcvdjEvYiVDMyVCQ3JvL2ElMjBiJyxcbiAgICBib2R5OiBjcmVhdGVIYXNoKCdzaGEyNTYnKS51cGRhdGUoJ3tcIm5pZ2h0c1wiOjJ9JykuZGlnZXN0KCdoZXgnKSxcbiAgICBpYXQ6IDE3NzI0NDM4MDAsXG4gICAgZXhwOiAxNzcyNDQzOTIwLFxuICB9KTtcbiAgYXNzZXJ0LmVxdWFsKHNlYWwsIGNyZWF0ZUhtYWMoJ3NoYTI1NicsICdoZXJyaW5nLWJhcnJlbCcpLnVwZGF0ZShgJHtoZWFkfS4ke2NsYWltc31gKS5kaWdlc3QoJ2Jhc2U2NHVybCcpKTtcbn0pO1xuXG50ZXN0KCdhIHRva2VuIGZvciBlYWNoIHJlcXVlc3QsIGJ5IGV2ZXJ5IGFsZ29yaXRobSwgaXMgd2hhdCBpdHMga2V5IGV4cGVjdHMnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHJzYSA9IGdlbmVyYXRlS2V5UGFpclN5bmMoJ3JzYScsIHsgbW9kdWx1c0xlbmd0aDogMjA0OCB9KTtcbiAgY29uc3QgY3VydmVzID0geyBFUzI1NjogJ1AtMjU2JywgRVMzODQ6ICdQLTM4NCcsIEVTNTEyOiAnUC01MjEnIH0gYXMgY29uc3Q7XG4gIGNvbnN0IGVjID0gT2JqZWN0LmZyb21FbnRyaWVzKFxuICAgIE9iamVjdC5lbnRyaWVzKGN1cnZlcykubWFwKChbbmFtZSwgbmFtZWRDdXJ2ZV0pID0+IFtuYW1lLCBnZW5lcmF0ZUtleVBhaXJTeW5jKCdlYycsIHsgbmFtZWRDdXJ2ZSB9KV0pLFxuICApO1xuICBjb25zdCBlZCA9IGdlbmVyYXRlS2V5UGFpclN5bmMoJ2VkMjU1MTknKTtcbiAgY29uc3QgcHNzID0geyBwYWRkaW5nOiBjb25zdGFudHMuUlNBX1BLQ1MxX1BTU19QQURESU5HLCBzYWx0TGVuZ3RoOiBjb25zdGFudHMuUlNBX1BTU19TQUxUTEVOX0RJR0VTVCB9O1xuICBmb3IgKGNvbnN0IGFsZ29yaXRobSBvZiBbJ1JTMjU2JywgJ1JTMzg0JywgJ1JTNTEyJywgJ1BTMjU2JywgJ1BTMzg0JywgJ1BTNTEyJywgJ0VTMjU2JywgJ0VTMzg0JywgJ0VTNTEyJywgJ0VkRFNBJ10pIHtcbiAgICBjb25zdCBwYWlyID0gYWxnb3JpdGhtID09PSAnRWREU0EnID8gZWQgOiAoZWNbYWxnb3JpdGhtXSA/PyByc2EpO1xuICAgIGNvbnN0IGtleSA9IHBhaXIucHJpdmF0ZUtleS5leHBvcnQoeyB0eXBlOiAncGtjczgnLCBmb3JtYXQ6ICdwZW0nIH0pLnRvU3RyaW5nKCk7XG4gICAgY29uc3Qgc2lnbmVkID0gYXdhaXQgc2lnbmVkQnkoXG4gICAgICBga2luZDogcmVxdWVzdC10b2tlblxcbmFsZ29yaXRobTogJHthbGdvcml0aG19XFxua2V5OiBcXCR7c2VjcmV0LmtleX1cXG5oZWFkZXI6IFgtUHJvb2ZcXG5zY2hlbWU6IFwiXCJcXG5gLFxuICAgICAgY2FsbCxcbiAgICAgIHsgLi4uc2V0dGluZywgc2VjcmV0czogeyBrZXkgfSB9LFxuICAgICk7XG4gICAgY29uc3QgW2hlYWQsIGNsYWltcywgc2VhbCA9ICcnXSA9IFN0cmluZyh0ZXh0SW4oc2lnbmVkLCAnWC1Qcm9vZicpKS5zcGxpdCgnLicpO1xuICAgIGNvbnN0IGZpdHMgPSB2ZXJpZnkoXG4gICAgICBhbGdvcml0aG0gPT09ICdFZERTQScgPyBudWxsIDogYHNoYSR7YWxnb3JpdGhtLnNsaWNlKDIpfWAsXG4gICAgICBCdWZmZXIuZnJvbShgJHtoZWFkfS4ke2NsYWltc31gKSxcbiAgICAgIHtcbiAgICAgICAga2V5OiBwYWlyLnB1YmxpY0tleSxcbiAgICAgICAgLi4uKGFsZ29yaXRobS5zdGFydHNXaXRoKCdQUycpICYmIHBzcyksXG4gICAgICAgIC4uLihhbGdvcml0aG0uc3RhcnRzV2l0aCgnRVMnKSAmJiB7IGRzYUVuY29kaW5nOiAnaWVlZS1wMTM2MycgYXMgY29uc3QgfSksXG4gICAgICB9LFxuICAgICAgQnVmZmVyLmZyb20oc2VhbCwgJ2Jhc2U2NHVybCcpLFxuICAgICk7XG4gICAgYXNzZXJ0LmVxdWFsKGZpdHMsIHRydWUsIGFsZ29yaXRobSk7XG4gIH1cbn0pO1xuXG50ZXN0KCd3aGF0IGlzIHdyb25nIHdpdGggYSByZWNpcGUgaXMgdG9sZCBiZWZvcmUgYW55dGhpbmcgaXMgc2lnbmVkJywgYXN5bmMgKCkgPT4ge1xuICBmb3IgKGNvbnN0IFt0ZXh0LCBjb2RlLCB3aGF0XSBvZiBbXG4gICAgWydkZWZpbmU6IHthOiBcIiR7Yn1cIiwgYjogXCIke2F9XCJ9XFxuaGVhZGVyczoge1g6IFwiJHthfVwifVxcbicsICdjaXJjbGUnLCAvYSBpcyBtYWRlIGZyb20gYiBpcyBtYWRlIGZyb20gYS9dLFxuICAgIFtcbiAgICAgICdoZWFkZXJzOiB7WDogXCIke3NlbnQuaGVhZGVycyB8IGhlYWRlci1saW5lcyB8IGpvaW59XCIsIFk6IFwiJHtzZW50LmhlYWRlci54fVwiLCBYMjogXCIke3NlbnQuaGVhZGVyLnl9XCJ9XFxuJyxcbiAgICAgIHVuZGVmaW5lZCxcbiAgICAgIHVuZGVmaW5lZCxcbiAgICBdLFxuICAgIFsnaGVhZGVyczoge1g6IFwiJHtzZW50LmhlYWRlci55fVwiLCBZOiBcIiR7c2VudC5oZWFkZXIueH1cIn1cXG4nLCAnY2lyY2xlJywgL1ggaXMgbWFkZSBmcm9tIFkgaXMgbWFkZSBmcm9tIFgvXSxcbiAgICBbJ2hlYWRlcnM6IHtYOiBcIiR7c2VudC5wdGh9XCJ9XFxuJywgJ3Vua25vd24tbmFtZScsIC9zZW50IGhhcyBubyBwdGgvXSxcbiAgICBbJ2RlZmluZToge25vdzogeH1cXG5oZWFkZXJzOiB7WDogXCIke25vd31cIn1cXG4nLCAnZmlsZS1zaGFwZScsIC9jYW5ub3QgYmUgY2FsbGVkIG5vdy9dLFxuICAgIFsnZGVmaW5lOiB7YTogeH1cXG4nLCAnZmlsZS1zaGFwZScsIC9hZGRzIG5vdGhpbmcgdG8gYSByZXF1ZXN0L10sXG4gICAgWydoZWFkZXJzOiB7WDogXCIke3NlbnQuYm9keSB8IHNoYTI1Nn1cIn1cXG4nLCAnZXhwcmVzc2lvbi1zeW50YXgnLCAvbm8gZmlsdGVyIHNoYTI1Ni9dLFxuICAgIFsnaGVhZGVyczoge0NvbnRlbnQtTGVuZ3RoOiBcIjFcIn1cXG4nLCAnaGVhZGVyLXNoYXBlJywgL25ldmVyIGJ5IGhhbmQvXSxcbiAgXSBhcyBjb25zdCkge1xuICAgIGlmIChjb2RlID09PSB1bmRlZmluZWQpIGF3YWl0IHNpZ25lck9mKHRleHQpO1xuICAgIGVsc2VcbiAgICAgIGF3YWl0IGFzc2VydC5yZWplY3RzKFxuICAgICAgICBzaWduZXJPZih0ZXh0KSxcbiAgICAgICAgKGVycm9yOiB7IGNvZGU6IHN0cmluZzsgbWVzc2FnZTogc3RyaW5nIH0pID0+IGVycm9yLmNvZGUgPT09IGNvZGUgJiYgd2hhdC50ZXN0KGVycm9yLm1lc3NhZ2UpLFxuICAgICAgICB0ZXh0LFxuICAgICAgKTtcbiAgfVxufSk7XG5cbnRlc3QoJ2EgbG9vayBnb2VzIGFzIGZhciBhcyBpdCBjYW4gd2l0aG91dCB0aGUgc2VjcmV0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB0ZXh0ID1cbiAgICAnZGVmaW5lOiB7YmFzZTogXCIke3NlbnQubWV0aG9kfVwiLCBrZXk6IFwiJHtzZWNyZXQubG9zdH1cIiwgc2VhbDogXCIke2Jhc2UgfCBobWFjLXNoYS0yNTYoa2V5KSB8IGhleH1cIn1cXG5oZWFkZXJzOiB7WC1TZWFsOiBcIiR7c2VhbH1cIiwgWC1CYXNlOiBcIiR7YmFzZX1cIn1cXG4nO1xuICBhd2FpdCBhc3NlcnQucmVqZWN0cyhzaWduZWRCeSh0ZXh0LCBjYWxsLCB7IC4uLnNldHRpbmcsIGxvb2s6IGZhbHNlIH0pLCB7IGNvZGU6ICdzZWNyZXQtbWlzc2luZycgfSk7XG4gIGNvbnN0IHBhcnRpYWwgPSBhd2FpdCBzaWduZWRCeSh0ZXh0LCBjYWxsLCB7IC4uLnNldHRpbmcsIGxvb2s6IHRydWUgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgcGFydGlhbC5zdGVwcy5tYXAoKHsgbmFtZSB9KSA9PiBuYW1lKSxcbiAgICBbJ2Jhc2UnLCAnWC1CYXNlJ10sXG4gICk7XG4gIGFzc2VydC5tYXRjaChTdHJpbmcocGFydGlhbC5taXNzaW5nPy53aGF0KSwgL3RoZSBzZWNyZXQgbG9zdCBpcyBub3Qgc2V0Lyk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxXQUFXLFlBQVksWUFBWSxxQkFBcUIsY0FBYztBQUMvRSxTQUFTLFlBQVk7QUFJckIsSUFBTSxPQUFjO0FBQUEsRUFDbEIsUUFBUTtBQUFBLEVBQ1IsS0FBSztBQUFBLEVBQ0wsU0FBUztBQUFBLElBQ1AsQ0FBQyxlQUFlLGlCQUFpQjtBQUFBLElBQ2pDLENBQUMsVUFBVSxHQUFHO0FBQUEsSUFDZCxDQUFDLFVBQVUsWUFBWTtBQUFBLElBQ3ZCLENBQUMsVUFBVSxXQUFXO0FBQUEsSUFDdEIsQ0FBQyxXQUFXLEVBQUU7QUFBQSxFQUNoQjtBQUFBLEVBQ0EsTUFBTTtBQUNSO0FBR0EsSUFBTSxPQUFzRDtBQUFBLEVBQzFELENBQUMsa0JBQWtCLE1BQU07QUFBQSxFQUN6QixDQUFDLGtCQUFrQixPQUFPO0FBQUEsRUFDMUIsQ0FBQyxxQkFBcUIsc0JBQXNCO0FBQUEsRUFDNUMsQ0FBQyxnQkFBZ0IsaUJBQWlCO0FBQUEsRUFDbEMsQ0FBQyxnQkFBZ0IsTUFBTTtBQUFBLEVBQ3ZCLENBQUMsZ0JBQWdCLHFCQUFxQjtBQUFBLEVBQ3RDLENBQUMsK0JBQStCLGlCQUFjO0FBQUEsRUFDOUMsQ0FBQyxrQkFBa0IsaURBQWlEO0FBQUEsRUFDcEUsQ0FBQyxzQkFBc0IsNkJBQTZCO0FBQUEsRUFDcEQsQ0FBQyxvQ0FBb0MsK0JBQStCO0FBQUEsRUFDcEUsQ0FBQyw2Q0FBNkMsNEJBQTRCO0FBQUEsRUFDMUUsQ0FBQyxzQ0FBc0MsNkJBQTZCO0FBQUEsRUFDcEUsQ0FBQywrQ0FBK0MseUJBQXNCO0FBQUEsRUFDdEUsQ0FBQyw0Q0FBNEMsNkJBQTZCO0FBQUEsRUFDMUUsQ0FBQywyREFBMkQsS0FBSztBQUFBLEVBQ2pFLENBQUMsOEJBQThCLGNBQWM7QUFBQSxFQUM3QyxDQUFDLHlCQUF5Qix1QkFBdUI7QUFBQSxFQUNqRCxDQUFDLG1DQUFtQyxHQUFHO0FBQUEsRUFDdkMsQ0FBQyxrRUFBa0Usa0NBQWtDO0FBQUEsRUFDckc7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFBQSxFQUNBLENBQUMsd0VBQXdFLGFBQWE7QUFBQSxFQUN0RixDQUFDLDBFQUEwRSwyQkFBMkI7QUFBQSxFQUN0RyxDQUFDLHVCQUF1QixjQUFjO0FBQUEsRUFDdEMsQ0FBQyxtQ0FBbUMsV0FBVyxRQUFRLEVBQUUsT0FBTyxjQUFjLEVBQUUsT0FBTyxRQUFRLENBQUM7QUFBQSxFQUNoRyxDQUFDLDJEQUEyRCwyQkFBMkI7QUFBQSxFQUN2RixDQUFDLHdCQUF3QixNQUFNO0FBQUEsRUFDL0IsQ0FBQywyQkFBMkIsY0FBYztBQUFBLEVBQzFDLENBQUMsMERBQTBELGtCQUFrQjtBQUFBLEVBQzdFLENBQUMsMEJBQTBCLE1BQU07QUFBQSxFQUNqQyxDQUFDLGNBQWMsS0FBSztBQUN0QjtBQUVBLElBQU0sVUFBbUI7QUFBQSxFQUN2QixLQUFLO0FBQUEsRUFDTCxPQUFPO0FBQUEsRUFDUCxTQUFTLEVBQUUsS0FBSyxpQkFBaUI7QUFBQSxFQUNqQyxXQUFXLFVBQVUsRUFBRSxTQUFTLE1BQU0sR0FBRyxXQUFXO0FBQ3REO0FBRUEsS0FBSyxvQ0FBb0MsS0FBSyxNQUFNLGdCQUFnQixZQUFZO0FBQzlFLGFBQVcsQ0FBQyxZQUFZLElBQUksS0FBSyxNQUFNO0FBQ3JDLFVBQU0sU0FBUyxNQUFNO0FBQUEsTUFDbkIsS0FBSyxVQUFVLEVBQUUsUUFBUSxFQUFFLElBQUksV0FBVyxHQUFHLFNBQVMsRUFBRSxRQUFRLHdCQUF3QixFQUFFLENBQUM7QUFBQSxNQUMzRjtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQ0EsV0FBTyxNQUFNLE9BQU8sUUFBUSxJQUFJLEdBQUcsTUFBTSxVQUFVO0FBQUEsRUFDckQ7QUFDRixDQUFDO0FBRUQsS0FBSyw4RUFBOEUsWUFBWTtBQUM3RixRQUFNLFNBQVMsTUFBTTtBQUFBLElBQ25CO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUEsSUFhQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsU0FBTyxNQUFNLE9BQU8sUUFBUSxNQUFNLEdBQUcsOEJBQThCO0FBQ25FLFNBQU8sTUFBTSxPQUFPLFFBQVEsU0FBUyxHQUFHLFFBQVE7QUFDbEQsQ0FBQztBQUVELEtBQUssc0hBQXNILFlBQVk7QUFDckksUUFBTSxTQUFTLE1BQU07QUFBQSxJQUNuQjtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQSxJQVNBO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE1BQU0sT0FBTyxRQUFRLE1BQU0sR0FBRyx5QkFBeUI7QUFDOUQsUUFBTSxTQUFTLFdBQVcsVUFBVSxnQkFBZ0IsRUFBRSxPQUFPLFVBQVUsRUFBRSxPQUFPO0FBQ2hGLFNBQU8sTUFBTSxPQUFPLFFBQVEsUUFBUSxHQUFHLFdBQVcsVUFBVSxNQUFNLEVBQUUsT0FBTyx5QkFBeUIsRUFBRSxPQUFPLEtBQUssQ0FBQztBQUNuSCxTQUFPO0FBQUEsSUFDTCxPQUFPLE1BQU0sSUFBSSxDQUFDLEVBQUUsTUFBTSxRQUFRLE1BQU0sTUFBTSxDQUFDLE1BQU0sUUFBUSxLQUFLLENBQUM7QUFBQSxJQUNuRTtBQUFBLE1BQ0UsQ0FBQyxTQUFTLE9BQU8sa0JBQWtCO0FBQUEsTUFDbkMsQ0FBQyxVQUFVLE9BQU8sa0JBQWtCO0FBQUEsTUFDcEMsQ0FBQyxRQUFRLE9BQU8seUJBQXlCO0FBQUEsTUFDekMsQ0FBQyxXQUFXLE1BQU0sTUFBUztBQUFBLE1BQzNCLENBQUMsUUFBUSxNQUFNLE1BQVM7QUFBQSxNQUN4QixDQUFDLFVBQVUsTUFBTSxNQUFTO0FBQUEsSUFDNUI7QUFBQSxFQUNGO0FBQ0EsU0FBTyxNQUFNLE9BQU8sS0FBSyxRQUFRLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLFFBQVEsR0FBRyxRQUFRLElBQUk7QUFDcEYsU0FBTyxNQUFNLE9BQU8sS0FBSyxRQUFRLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLFFBQVEsR0FBRyxRQUFRLEtBQUs7QUFDdkYsQ0FBQztBQUVELEtBQUssZ0VBQWdFLFlBQVk7QUFDL0UsUUFBTSxTQUFTLE1BQU07QUFBQSxJQUNuQjtBQUFBO0FBQUE7QUFBQTtBQUFBLElBSUE7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxPQUFPLFFBQVEsTUFBTSxHQUFHLDhDQUE4QztBQUNuRixTQUFPLE1BQU0sT0FBTyxNQUFNLENBQUMsR0FBRyxPQUFPLHNEQUFrQztBQUN2RSxTQUFPLE1BQU0sT0FBTyxNQUFNLENBQUMsR0FBRyxPQUFPLCtCQUFxQjtBQUM1RCxDQUFDO0FBRUQsS0FBSyw4RkFBOEYsWUFBWTtBQUM3RyxRQUFNLFNBQVMsTUFBTTtBQUFBLElBQ25CLDRKQUE0SjtBQUFBLE1BQzFKO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFBQSxJQUNBLEVBQUUsS0FBSyx5Q0FBeUM7QUFBQSxJQUNoRDtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE1BQU0sT0FBTyxRQUFRLE1BQU0sR0FBRyxvQ0FBb0M7QUFDekUsUUFBTSxPQUFPLFdBQVcsVUFBVSxnQkFBZ0IsRUFBRSxPQUFPLG9DQUFvQyxFQUFFLE9BQU8sUUFBUTtBQUNoSCxTQUFPO0FBQUEsSUFDTCxPQUFPLEtBQUssSUFBSTtBQUFBLElBQ2hCLDREQUE0RCxtQkFBbUIsSUFBSSxDQUFDO0FBQUEsRUFDdEY7QUFDQSxTQUFPLE1BQU0sT0FBTyxLQUFLLFVBQVUsaUZBQXVFO0FBQzVHLENBQUM7QUFFRCxLQUFLLHNGQUFzRixZQUFZO0FBQ3JHLFFBQU0sU0FDSjtBQUNGLFFBQU0sU0FBUyxDQUFDLFNBQXlCLFdBQVcsVUFBVSxnQkFBZ0IsRUFBRSxPQUFPLElBQUksRUFBRSxPQUFPLEtBQUs7QUFDekcsUUFBTSxPQUFPLE1BQU07QUFBQSxJQUNqQjtBQUFBLElBQ0EsRUFBRSxHQUFHLE1BQU0sTUFBTSxvQkFBb0IsU0FBUyxDQUFDLENBQUMsa0JBQWtCLElBQUksQ0FBQyxFQUFFO0FBQUEsSUFDekU7QUFBQSxFQUNGO0FBQ0EsUUFBTSxTQUFTO0FBQ2YsU0FBTztBQUFBLElBQ0wsT0FBTyxLQUFLLEtBQUssS0FBSyxNQUFNLFNBQVMsQ0FBQyxDQUFDLEVBQUUsU0FBUztBQUFBLElBQ2xELDRDQUE0QyxPQUFPLE1BQU0sQ0FBQztBQUFBLEVBQzVEO0FBQ0EsU0FBTyxNQUFNLEtBQUssS0FBSyxNQUFNLE9BQU8sK0RBQXFEO0FBQ3pGLFNBQU8sTUFBTSxPQUFPLE1BQU0sZ0JBQWdCLEdBQUcsT0FBTyxLQUFLLEtBQUssTUFBTSxNQUFNLE1BQU0sQ0FBQztBQUNqRixRQUFNLFFBQVEsTUFBTSxTQUFTLHFCQUFxQixFQUFFLEdBQUcsTUFBTSxNQUFNLEtBQUssR0FBRyxPQUFPO0FBQ2xGLFNBQU8sTUFBTSxPQUFPLEtBQUssTUFBTSxLQUFLLE1BQU0sU0FBUyxDQUFDLENBQUMsRUFBRSxTQUFTLEdBQUcsWUFBWTtBQUMvRSxRQUFNLE9BQU8sTUFBTSxTQUFTLFFBQVEsRUFBRSxHQUFHLE1BQU0sTUFBTSxPQUFPLE1BQU0sb0NBQW9DLEdBQUcsT0FBTztBQUNoSCxTQUFPO0FBQUEsSUFDTCxPQUFPLEtBQUssS0FBSyxLQUFLLE1BQU0sU0FBUyxDQUFDLENBQUMsRUFBRSxTQUFTO0FBQUEsSUFDbEQsNEJBQTRCLE9BQU8scUJBQXFCLENBQUM7QUFBQSxFQUMzRDtBQUNBLFFBQU0sT0FBTyxRQUFRLFNBQVMsUUFBUSxFQUFFLEdBQUcsTUFBTSxNQUFNLFNBQVMsTUFBTSxhQUFhLEdBQUcsT0FBTyxHQUFHO0FBQUEsSUFDOUYsTUFBTTtBQUFBLEVBQ1IsQ0FBQztBQUNELFFBQU0sT0FBTyxRQUFRLFNBQVMsUUFBUSxFQUFFLEdBQUcsTUFBTSxNQUFNLE1BQU0sR0FBRyxPQUFPLEdBQUcsRUFBRSxNQUFNLGFBQWEsQ0FBQztBQUNsRyxDQUFDO0FBRUQsS0FBSyxpRkFBaUYsWUFBWTtBQUNoRyxhQUFXLENBQUMsT0FBTyxNQUFNLElBQUksS0FBSztBQUFBLElBQ2hDLENBQUMsV0FBVyxnQkFBZ0IsWUFBWTtBQUFBLElBQ3hDLENBQUMscUJBQXFCLG9CQUFvQixrQ0FBa0M7QUFBQSxJQUM1RSxDQUFDLGtDQUFrQyxvQkFBb0IsbUNBQW1DO0FBQUEsRUFDNUYsR0FBWTtBQUNWLFVBQU0sT0FBTyxLQUFLLFVBQVUsRUFBRSxRQUFRLEVBQUUsTUFBTSxFQUFFLE9BQU8sQ0FBQyxLQUFLLEdBQUcsRUFBRSxFQUFFLEdBQUcsU0FBUyxFQUFFLFVBQVUsTUFBTSxFQUFFLENBQUM7QUFDckcsVUFBTSxPQUFPO0FBQUEsTUFDWCxTQUFTLE1BQU0sTUFBTSxPQUFPO0FBQUEsTUFDNUIsQ0FBQyxVQUE2QyxNQUFNLFNBQVMsUUFBUSxLQUFLLEtBQUssTUFBTSxPQUFPO0FBQUEsSUFDOUY7QUFBQSxFQUNGO0FBQ0YsQ0FBQztBQUVELEtBQUssdUVBQXVFLFlBQVk7QUFDdEYsUUFBTSxTQUFTLE1BQU07QUFBQSxJQUNuQjtBQUFBLElBQ0EsRUFBRSxHQUFHLE1BQU0sTUFBTSxNQUFNLFNBQVMsQ0FBQyxDQUFDLGtCQUFrQixHQUFHLENBQUMsRUFBRTtBQUFBLElBQzFEO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxPQUFPLFFBQVEsVUFBVSxHQUFHLElBQUk7QUFDN0MsU0FBTyxNQUFNLE9BQU8sUUFBUSxPQUFPLEdBQUcsbUJBQW1CO0FBQzNELENBQUM7QUFFRCxLQUFLLDRFQUE0RSxZQUFZO0FBQzNGLFFBQU0sU0FBUyxNQUFNO0FBQUEsSUFDbkI7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxTQUFPO0FBQUEsSUFDTCxPQUFPLFFBQVEsYUFBYTtBQUFBLElBQzVCLE1BQU0sV0FBVyxVQUFVLGdCQUFnQixFQUFFLE9BQU8sY0FBYyxFQUFFLE9BQU8sUUFBUSxDQUFDO0FBQUEsRUFDdEY7QUFDQSxRQUFNLFFBQVEsTUFBTTtBQUFBLElBQ2xCO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsUUFBTSxDQUFDLE9BQU8sSUFBSSxTQUFTLElBQUksT0FBTyxFQUFFLElBQUksT0FBTyxPQUFPLE9BQU8sZUFBZSxDQUFDLEVBQUUsUUFBUSxXQUFXLEVBQUUsRUFBRSxNQUFNLEdBQUc7QUFDbkgsUUFBTSxPQUFPLENBQUMsU0FBMEIsS0FBSyxNQUFNLE9BQU8sS0FBSyxNQUFNLFdBQVcsRUFBRSxTQUFTLENBQUM7QUFDNUYsU0FBTyxVQUFVLEtBQUssSUFBSSxHQUFHLEVBQUUsS0FBSyxTQUFTLEtBQUssT0FBTyxLQUFLLEtBQUssQ0FBQztBQUNwRSxTQUFPLFVBQVUsS0FBSyxNQUFNLEdBQUc7QUFBQSxJQUM3QixLQUFLO0FBQUEsSUFDTCxNQUFNO0FBQUEsSUFDTixNQUFNLFdBQVcsUUFBUSxFQUFFLE9BQU8sY0FBYyxFQUFFLE9BQU8sS0FBSztBQUFBLElBQzlELEtBQUs7QUFBQSxJQUNMLEtBQUs7QUFBQSxFQUNQLENBQUM7QUFDRCxTQUFPLE1BQU0sTUFBTSxXQUFXLFVBQVUsZ0JBQWdCLEVBQUUsT0FBTyxHQUFHLElBQUksSUFBSSxNQUFNLEVBQUUsRUFBRSxPQUFPLFdBQVcsQ0FBQztBQUMzRyxDQUFDO0FBRUQsS0FBSyx5RUFBeUUsWUFBWTtBQUN4RixRQUFNLE1BQU0sb0JBQW9CLE9BQU8sRUFBRSxlQUFlLEtBQUssQ0FBQztBQUM5RCxRQUFNLFNBQVMsRUFBRSxPQUFPLFNBQVMsT0FBTyxTQUFTLE9BQU8sUUFBUTtBQUNoRSxRQUFNLEtBQUssT0FBTztBQUFBLElBQ2hCLE9BQU8sUUFBUSxNQUFNLEVBQUUsSUFBSSxDQUFDLENBQUMsTUFBTSxVQUFVLE1BQU0sQ0FBQyxNQUFNLG9CQUFvQixNQUFNLEVBQUUsV0FBVyxDQUFDLENBQUMsQ0FBQztBQUFBLEVBQ3RHO0FBQ0EsUUFBTSxLQUFLLG9CQUFvQixTQUFTO0FBQ3hDLFFBQU0sTUFBTSxFQUFFLFNBQVMsVUFBVSx1QkFBdUIsWUFBWSxVQUFVLHVCQUF1QjtBQUNyRyxhQUFXLGFBQWEsQ0FBQyxTQUFTLFNBQVMsU0FBUyxTQUFTLFNBQVMsU0FBUyxTQUFTLFNBQVMsU0FBUyxPQUFPLEdBQUc7QUFDbEgsVUFBTSxPQUFPLGNBQWMsVUFBVSxLQUFNLEdBQUcsU0FBUyxLQUFLO0FBQzVELFVBQU0sTUFBTSxLQUFLLFdBQVcsT0FBTyxFQUFFLE1BQU0sU0FBUyxRQUFRLE1BQU0sQ0FBQyxFQUFFLFNBQVM7QUFDOUUsVUFBTSxTQUFTLE1BQU07QUFBQSxNQUNuQjtBQUFBLGFBQW1DLFNBQVM7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBLE1BQzVDO0FBQUEsTUFDQSxFQUFFLEdBQUcsU0FBUyxTQUFTLEVBQUUsSUFBSSxFQUFFO0FBQUEsSUFDakM7QUFDQSxVQUFNLENBQUMsTUFBTSxRQUFRLE9BQU8sRUFBRSxJQUFJLE9BQU8sT0FBTyxRQUFRLFNBQVMsQ0FBQyxFQUFFLE1BQU0sR0FBRztBQUM3RSxVQUFNLE9BQU87QUFBQSxNQUNYLGNBQWMsVUFBVSxPQUFPLE1BQU0sVUFBVSxNQUFNLENBQUMsQ0FBQztBQUFBLE1BQ3ZELE9BQU8sS0FBSyxHQUFHLElBQUksSUFBSSxNQUFNLEVBQUU7QUFBQSxNQUMvQjtBQUFBLFFBQ0UsS0FBSyxLQUFLO0FBQUEsUUFDVixHQUFJLFVBQVUsV0FBVyxJQUFJLEtBQUs7QUFBQSxRQUNsQyxHQUFJLFVBQVUsV0FBVyxJQUFJLEtBQUssRUFBRSxhQUFhLGFBQXNCO0FBQUEsTUFDekU7QUFBQSxNQUNBLE9BQU8sS0FBSyxNQUFNLFdBQVc7QUFBQSxJQUMvQjtBQUNBLFdBQU8sTUFBTSxNQUFNLE1BQU0sU0FBUztBQUFBLEVBQ3BDO0FBQ0YsQ0FBQztBQUVELEtBQUssaUVBQWlFLFlBQVk7QUFDaEYsYUFBVyxDQUFDLE1BQU0sTUFBTSxJQUFJLEtBQUs7QUFBQSxJQUMvQixDQUFDLDBEQUEwRCxVQUFVLGlDQUFpQztBQUFBLElBQ3RHO0FBQUEsTUFDRTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUFBLElBQ0EsQ0FBQyw2REFBNkQsVUFBVSxpQ0FBaUM7QUFBQSxJQUN6RyxDQUFDLGlDQUFpQyxnQkFBZ0IsaUJBQWlCO0FBQUEsSUFDbkUsQ0FBQyw4Q0FBOEMsY0FBYyxzQkFBc0I7QUFBQSxJQUNuRixDQUFDLG9CQUFvQixjQUFjLDJCQUEyQjtBQUFBLElBQzlELENBQUMsMkNBQTJDLHFCQUFxQixrQkFBa0I7QUFBQSxJQUNuRixDQUFDLG9DQUFvQyxnQkFBZ0IsZUFBZTtBQUFBLEVBQ3RFLEdBQVk7QUFDVixRQUFJLFNBQVMsT0FBVyxPQUFNLFNBQVMsSUFBSTtBQUFBO0FBRXpDLFlBQU0sT0FBTztBQUFBLFFBQ1gsU0FBUyxJQUFJO0FBQUEsUUFDYixDQUFDLFVBQTZDLE1BQU0sU0FBUyxRQUFRLEtBQUssS0FBSyxNQUFNLE9BQU87QUFBQSxRQUM1RjtBQUFBLE1BQ0Y7QUFBQSxFQUNKO0FBQ0YsQ0FBQztBQUVELEtBQUssbURBQW1ELFlBQVk7QUFDbEUsUUFBTSxPQUNKO0FBQ0YsUUFBTSxPQUFPLFFBQVEsU0FBUyxNQUFNLE1BQU0sRUFBRSxHQUFHLFNBQVMsTUFBTSxNQUFNLENBQUMsR0FBRyxFQUFFLE1BQU0saUJBQWlCLENBQUM7QUFDbEcsUUFBTSxVQUFVLE1BQU0sU0FBUyxNQUFNLE1BQU0sRUFBRSxHQUFHLFNBQVMsTUFBTSxLQUFLLENBQUM7QUFDckUsU0FBTztBQUFBLElBQ0wsUUFBUSxNQUFNLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJO0FBQUEsSUFDcEMsQ0FBQyxRQUFRLFFBQVE7QUFBQSxFQUNuQjtBQUNBLFNBQU8sTUFBTSxPQUFPLFFBQVEsU0FBUyxJQUFJLEdBQUcsNEJBQTRCO0FBQzFFLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
