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
  echoTrail,
  everyFile,
  userFolder
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";

// test/program/redaction.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
var { origin } = await harbourForThisFile();
var signs = "abcdefghijkmnpqrstuvwxyzABCDEFGHJKLMNPQRSTUVWXYZ23456789 +/=&%?#\"'<>\\{}[]:;,.!~*()-_@^|`\xA7\xE9\xDF\u6F22\u{1F30A}";
var secretOf = fc.array(fc.constantFrom(...signs), { minLength: 12, maxLength: 40 }).map((parts) => `x${parts.join("").replaceAll("${", "yy")}z`);
var plainSecret = fc.string({
  unit: fc.constantFrom(..."abcdefghkmnpqrstuvwxyzABCDEF23456789+/=_-."),
  minLength: 12,
  maxLength: 40
});
var post = (body, more = "") => `method: POST
changes: false
url: \${origin}/mirror
${more}body: ${body}
`;
var session = (text, name) => ({
  [`requests/${name}.yaml`]: `url: \${origin}/mirror
session: ${name}
`,
  [`sessions/${name}.yaml`]: text
});
var request = (name, text) => ({ [`requests/${name}.yaml`]: text });
var anywhere = [
  (n) => request(n, `url: \${origin}/mirror
query: {a: "\${secret.${n}}"}
`),
  (n) => request(n, `url: \${origin}/mirror
query: {a: ["\${secret.${n}}", b]}
lists: joined
`),
  (n) => request(n, `url: \${origin}/mirror
query: {a: {b: "\${secret.${n}}"}}
`),
  (n) => request(n, `url: \${origin}/mirror/{part}
path: {part: "\${secret.${n}}"}
`),
  (n) => request(n, post(`{json: {password: "\${secret.${n}}"}}`)),
  (n) => request(n, post(`{json: ["before \${secret.${n}} behind"]}`)),
  (n) => request(
    n,
    post(`{json: {"\${secret.${n}}": 1, a: "\${secret.${n} | upper}"}}`).replace('"${secret.', '"a${secret.')
  ),
  (n) => request(n, post(`{text: "it is \${secret.${n}}, and nobody knows"}`)),
  (n) => request(n, post(`{form: {a: "\${secret.${n}}"}}`)),
  (n) => request(n, post(`{form: {a: {b: ["\${secret.${n}}", c]}}}`)),
  (n) => request(n, post(`{parts: {a: "\${secret.${n}}"}}`)),
  (n) => request(n, post(`{parts: {a: {text: "\${secret.${n}}", type: text/plain, name: a.txt}}}`)),
  (n) => request(n, post(`{parts: {a: {json: {b: "\${secret.${n}}"}}}}`)),
  (n) => request(n, post(`{xml: "<a b=\\"\${secret.${n}}\\">\${secret.${n}}</a>"}`)),
  (n) => ({ ...request(n, post(`{template: bodies/${n}.json}`)), [`bodies/${n}.json`]: `{"a": "\${secret.${n}}"}
` }),
  (n) => ({ ...request(n, post(`{template: bodies/${n}.xml}`)), [`bodies/${n}.xml`]: `<a>\${secret.${n}}</a>
` }),
  (n) => ({
    ...request(n, `url: \${origin}/mirror
query: {doc: "\${render(\\"bodies/${n}.xml\\")}"}
`),
    [`bodies/${n}.xml`]: `<a b="\${secret.${n}}"/>
`
  }),
  (n) => request(n, post(`{graphql: {document: "query($a: String) { b(a: $a) }", variables: {a: "\${secret.${n}}"}}}`)),
  (n) => request(n, post(`{soap: {envelope: "<e><p>\${secret.${n}}</p></e>"}}`)),
  (n) => request(n, `inputs: {a: {default: "\${secret.${n}}"}}
url: \${origin}/mirror
query: {a: "\${a}"}
`),
  (n) => request(n, `url: \${origin}/mirror
query: {a: "\${secret.${n} | base64}"}
`),
  (n) => request(n, `url: \${origin}/mirror
query: {a: "\${secret.${n} | sha-256 | base64}"}
`),
  (n) => request(n, `url: \${origin}/mirror
query: {a: "\${secret.${n}}"}
expect: {status: 418}
`),
  (n) => request(n, `url: \${origin}/mirror
query: {a: "\${secret.${n}}"}
expect: {$.method: "\${secret.${n}}"}
`),
  (n) => request(n, `url: \${origin}/mirror
query: {a: "\${secret.${n}}"}
keep: {kept: $.target}
`),
  (n) => request(n, `url: http://127.0.0.1:9/
query: {a: "\${secret.${n}}"}
`),
  (n) => request(n, post(`{json: {password: "\${secret.${n}}"}}`).replace("/mirror", "/v1/sessions")),
  (n) => session(`kind: basic
user: agent
password: \${secret.${n}}
`, n),
  (n) => session(`kind: digest
user: agent
password: \${secret.${n}}
`, n),
  (n) => session(`kind: api-key
key: \${secret.${n}}
query: key
`, n),
  (n) => ({
    [`sessions/${n}.yaml`]: `kind: credentials
supply: {word: "\${secret.${n}}"}
`,
    [`requests/${n}.yaml`]: `${post('{json: {given: "${word}"}}')}session: ${n}
`
  })
];
var inHeaders = [
  (n) => request(n, `url: \${origin}/mirror
headers: {X-A: "\${secret.${n}}"}
`),
  (n) => request(n, `url: \${origin}/mirror
headers: {X-A: "before \${secret.${n}}, behind"}
`),
  (n) => request(n, `url: \${origin}/mirror
headers: {Authorization: "Own \${secret.${n}}"}
`),
  (n) => request(n, `url: \${origin}/mirror
cookies: {a: "\${secret.${n}}"}
`),
  (n) => request(n, `url: \${origin}/mirror
headers: {X-A: "\${secret.${n} | hmac-sha-256(secret.${n}) | base64}"}
`),
  (n) => session(`kind: bearer
token: \${secret.${n}}
`, n),
  (n) => session(`kind: api-key
key: \${secret.${n}}
header: X-Key
`, n),
  (n) => session(`kind: api-key
key: \${secret.${n}}
cookie: key
`, n),
  (n) => session(
    `kind: oauth2
grant: client_credentials
issuer: \${origin}/passes
client: {id: harbour desk, secret: "\${secret.${n}}"}
`,
    n
  ),
  (n) => session(
    `kind: oauth2
grant: password
issuer: \${origin}/passes
client: {id: kiosk}
user: agent
password: \${secret.${n}}
`,
    n
  )
];
function formsOf(secret) {
  const bytes = Buffer.from(secret);
  const encoded = encodeURIComponent(secret);
  return [
    secret,
    JSON.stringify(secret).slice(1, -1),
    encoded,
    encoded.replaceAll("%20", "+"),
    bytes.toString("base64"),
    bytes.toString("base64url"),
    bytes.toString("hex")
  ];
}
var firstLetters = 8;
test("of hundreds of random secrets in fifty kinds of calls nothing is in any byte written", async () => {
  const rounds = 8;
  const uses = [...anywhere, ...inHeaders];
  const secrets = /* @__PURE__ */ new Map();
  const files = {};
  const steps = [];
  for (let round = 0; round < rounds; round += 1) {
    const any = fc.sample(secretOf, { numRuns: anywhere.length, seed: 100 + round });
    const plain = fc.sample(plainSecret, { numRuns: inHeaders.length, seed: 200 + round });
    for (const [index, use] of uses.entries()) {
      const name = `s${round}x${index}`;
      secrets.set(name, index < anywhere.length ? any[index] : plain[index - anywhere.length]);
      Object.assign(files, use(name));
      steps.push(name);
    }
  }
  assert.ok(secrets.size > 300);
  const cwd = collectionOf(files, origin);
  const env = Object.fromEntries(
    [...secrets].map(([name, value]) => [`ECHO_TRAIL_SECRET_${name.toUpperCase()}`, value])
  );
  const ended = [];
  const run = async (...args) => {
    const one = await echoTrail(args, { cwd, env });
    ended.push(one);
    return one;
  };
  await run("run", ...steps, "--debug");
  await run("run", ...steps.slice(0, uses.length), "--json");
  const shown = [["--view", "raw"], ["--json", "--debug"], ["--view", "headers"], []];
  for (let index = 0; index < uses.length; index += 12)
    await run("send", `s0x${index}`, ...shown[index / 12 % shown.length]);
  for (let index = 2; index < uses.length; index += 24) await run("preview", `s0x${index}`);
  await run("echo", "list", "--most", "1000");
  for (let back = 0; back < 3; back += 1) await run("echo", "show", "last");
  await run("session", "list", "--json");
  await run("check");
  const made = (ended[0]?.out ?? "").match(/^ok /gm)?.length ?? 0;
  assert.ok(made > 250, `${made} calls were made`);
  const written = [
    ...ended.map(({ out, err }, index) => ({ path: `output ${index}`, text: out + err })),
    ...[...everyFile(cwd), ...everyFile(userFolder)].map(({ path, text }) => ({
      path,
      text: Buffer.from(text, "latin1").toString("utf8")
    }))
  ];
  assert.ok(written.some(({ text }) => text.includes("\u2039secret\u203A")));
  const forms = /* @__PURE__ */ new Map();
  for (const [name, secret] of secrets) {
    for (const form of formsOf(secret)) {
      const first = form.slice(0, firstLetters);
      forms.set(first, [...forms.get(first) ?? [], { name, form }]);
    }
  }
  const [planted = ""] = formsOf([...secrets.values()][7]);
  assert.equal(placesOf(`before ${planted} behind`).length > 0, true, "a secret would be found");
  const found = written.flatMap(({ path, text }) => placesOf(text).map((what) => `${what} in ${path}`));
  assert.deepEqual(found, []);
  function placesOf(text) {
    const places = [];
    for (let at = 0; at + firstLetters <= text.length; at += 1) {
      for (const { name, form } of forms.get(text.slice(at, at + firstLetters)) ?? [])
        if (text.startsWith(form, at))
          places.push(`${name} as ${form}: \u2026${text.slice(Math.max(0, at - 60), at + 40)}\u2026`);
    }
    return places;
  }
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3JlZGFjdGlvbi50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogSHVuZHJlZHMgb2YgcmFuZG9tIHNlY3JldHMgdGhyb3VnaCBmaWZ0eSBkaWZmZXJlbnQgY2FsbHM6IG5vbmUgb2YgdGhlbSBpcyBpbiBhbnkgYnl0ZSB0aGF0IGlzIHdyaXR0ZW4uICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCBmYyBmcm9tICdmYXN0LWNoZWNrJztcbmltcG9ydCB7IGNvbGxlY3Rpb25PZiwgZXZlcnlGaWxlIH0gZnJvbSAnLi4vc3VwcG9ydC9mb2xkZXIuanMnO1xuaW1wb3J0IHsgdHlwZSBFbmRlZCwgZWNob1RyYWlsLCB1c2VyRm9sZGVyIH0gZnJvbSAnLi4vc3VwcG9ydC9wcm9ncmFtLmpzJztcbmltcG9ydCB7IGhhcmJvdXJGb3JUaGlzRmlsZSB9IGZyb20gJy4uL3N1cHBvcnQvc3RhbmRpbi5qcyc7XG5cbmNvbnN0IHsgb3JpZ2luIH0gPSBhd2FpdCBoYXJib3VyRm9yVGhpc0ZpbGUoKTtcblxuLyoqIFdoYXQgbWF5IHN0YW5kIGluIGEgc2VjcmV0OiBldmVyeSBzaWduIHRoYXQgYW4gZW5jb2RpbmcgY2hhbmdlcyBpcyBhbW9uZyB0aGVtLiAqL1xuY29uc3Qgc2lnbnMgPSAnYWJjZGVmZ2hpamttbnBxcnN0dXZ3eHl6QUJDREVGR0hKS0xNTlBRUlNUVVZXWFlaMjM0NTY3ODkgKy89JiU/I1wiXFwnPD5cXFxce31bXTo7LC4hfiooKS1fQF58YFx1MDBBN1x1MDBFOVx1MDBERlx1NkYyMlx1RDgzQ1x1REYwQSc7XG5jb25zdCBzZWNyZXRPZiA9IGZjXG4gIC5hcnJheShmYy5jb25zdGFudEZyb20oLi4uc2lnbnMpLCB7IG1pbkxlbmd0aDogMTIsIG1heExlbmd0aDogNDAgfSlcbiAgLm1hcCgocGFydHMpID0+IGB4JHtwYXJ0cy5qb2luKCcnKS5yZXBsYWNlQWxsKCckeycsICd5eScpfXpgKTtcbi8qKiBXaGF0IGEgaGVhZGVyIG1heSBob2xkLiAqL1xuY29uc3QgcGxhaW5TZWNyZXQgPSBmYy5zdHJpbmcoe1xuICB1bml0OiBmYy5jb25zdGFudEZyb20oLi4uJ2FiY2RlZmdoa21ucHFyc3R1dnd4eXpBQkNERUYyMzQ1Njc4OSsvPV8tLicpLFxuICBtaW5MZW5ndGg6IDEyLFxuICBtYXhMZW5ndGg6IDQwLFxufSk7XG5cbnR5cGUgVXNlID0gKG5hbWU6IHN0cmluZykgPT4gUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nPj47XG5jb25zdCBwb3N0ID0gKGJvZHk6IHN0cmluZywgbW9yZSA9ICcnKTogc3RyaW5nID0+XG4gIGBtZXRob2Q6IFBPU1RcXG5jaGFuZ2VzOiBmYWxzZVxcbnVybDogXFwke29yaWdpbn0vbWlycm9yXFxuJHttb3JlfWJvZHk6ICR7Ym9keX1cXG5gO1xuY29uc3Qgc2Vzc2lvbiA9ICh0ZXh0OiBzdHJpbmcsIG5hbWU6IHN0cmluZyk6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIHN0cmluZz4+ID0+ICh7XG4gIFtgcmVxdWVzdHMvJHtuYW1lfS55YW1sYF06IGB1cmw6IFxcJHtvcmlnaW59L21pcnJvclxcbnNlc3Npb246ICR7bmFtZX1cXG5gLFxuICBbYHNlc3Npb25zLyR7bmFtZX0ueWFtbGBdOiB0ZXh0LFxufSk7XG5jb25zdCByZXF1ZXN0ID0gKG5hbWU6IHN0cmluZywgdGV4dDogc3RyaW5nKTogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nPj4gPT4gKHsgW2ByZXF1ZXN0cy8ke25hbWV9LnlhbWxgXTogdGV4dCB9KTtcblxuLyoqIFdheXMgaW4gd2hpY2ggYSByZXF1ZXN0IG1heSB1c2UgYSBzZWNyZXQgdGhhdCBjYW4gYmUgYW55IHRleHQuICovXG5jb25zdCBhbnl3aGVyZTogcmVhZG9ubHkgVXNlW10gPSBbXG4gIChuKSA9PiByZXF1ZXN0KG4sIGB1cmw6IFxcJHtvcmlnaW59L21pcnJvclxcbnF1ZXJ5OiB7YTogXCJcXCR7c2VjcmV0LiR7bn19XCJ9XFxuYCksXG4gIChuKSA9PiByZXF1ZXN0KG4sIGB1cmw6IFxcJHtvcmlnaW59L21pcnJvclxcbnF1ZXJ5OiB7YTogW1wiXFwke3NlY3JldC4ke259fVwiLCBiXX1cXG5saXN0czogam9pbmVkXFxuYCksXG4gIChuKSA9PiByZXF1ZXN0KG4sIGB1cmw6IFxcJHtvcmlnaW59L21pcnJvclxcbnF1ZXJ5OiB7YToge2I6IFwiXFwke3NlY3JldC4ke259fVwifX1cXG5gKSxcbiAgKG4pID0+IHJlcXVlc3QobiwgYHVybDogXFwke29yaWdpbn0vbWlycm9yL3twYXJ0fVxcbnBhdGg6IHtwYXJ0OiBcIlxcJHtzZWNyZXQuJHtufX1cIn1cXG5gKSxcbiAgKG4pID0+IHJlcXVlc3QobiwgcG9zdChge2pzb246IHtwYXNzd29yZDogXCJcXCR7c2VjcmV0LiR7bn19XCJ9fWApKSxcbiAgKG4pID0+IHJlcXVlc3QobiwgcG9zdChge2pzb246IFtcImJlZm9yZSBcXCR7c2VjcmV0LiR7bn19IGJlaGluZFwiXX1gKSksXG4gIChuKSA9PlxuICAgIHJlcXVlc3QoXG4gICAgICBuLFxuICAgICAgcG9zdChge2pzb246IHtcIlxcJHtzZWNyZXQuJHtufX1cIjogMSwgYTogXCJcXCR7c2VjcmV0LiR7bn0gfCB1cHBlcn1cIn19YCkucmVwbGFjZSgnXCIke3NlY3JldC4nLCAnXCJhJHtzZWNyZXQuJyksXG4gICAgKSxcbiAgKG4pID0+IHJlcXVlc3QobiwgcG9zdChge3RleHQ6IFwiaXQgaXMgXFwke3NlY3JldC4ke259fSwgYW5kIG5vYm9keSBrbm93c1wifWApKSxcbiAgKG4pID0+IHJlcXVlc3QobiwgcG9zdChge2Zvcm06IHthOiBcIlxcJHtzZWNyZXQuJHtufX1cIn19YCkpLFxuICAobikgPT4gcmVxdWVzdChuLCBwb3N0KGB7Zm9ybToge2E6IHtiOiBbXCJcXCR7c2VjcmV0LiR7bn19XCIsIGNdfX19YCkpLFxuICAobikgPT4gcmVxdWVzdChuLCBwb3N0KGB7cGFydHM6IHthOiBcIlxcJHtzZWNyZXQuJHtufX1cIn19YCkpLFxuICAobikgPT4gcmVxdWVzdChuLCBwb3N0KGB7cGFydHM6IHthOiB7dGV4dDogXCJcXCR7c2VjcmV0LiR7bn19XCIsIHR5cGU6IHRleHQvcGxhaW4sIG5hbWU6IGEudHh0fX19YCkpLFxuICAobikgPT4gcmVxdWVzdChuLCBwb3N0KGB7cGFydHM6IHthOiB7anNvbjoge2I6IFwiXFwke3NlY3JldC4ke259fVwifX19fWApKSxcbiAgKG4pID0+IHJlcXVlc3QobiwgcG9zdChge3htbDogXCI8YSBiPVxcXFxcIlxcJHtzZWNyZXQuJHtufX1cXFxcXCI+XFwke3NlY3JldC4ke259fTwvYT5cIn1gKSksXG4gIChuKSA9PiAoeyAuLi5yZXF1ZXN0KG4sIHBvc3QoYHt0ZW1wbGF0ZTogYm9kaWVzLyR7bn0uanNvbn1gKSksIFtgYm9kaWVzLyR7bn0uanNvbmBdOiBge1wiYVwiOiBcIlxcJHtzZWNyZXQuJHtufX1cIn1cXG5gIH0pLFxuICAobikgPT4gKHsgLi4ucmVxdWVzdChuLCBwb3N0KGB7dGVtcGxhdGU6IGJvZGllcy8ke259LnhtbH1gKSksIFtgYm9kaWVzLyR7bn0ueG1sYF06IGA8YT5cXCR7c2VjcmV0LiR7bn19PC9hPlxcbmAgfSksXG4gIChuKSA9PiAoe1xuICAgIC4uLnJlcXVlc3QobiwgYHVybDogXFwke29yaWdpbn0vbWlycm9yXFxucXVlcnk6IHtkb2M6IFwiXFwke3JlbmRlcihcXFxcXCJib2RpZXMvJHtufS54bWxcXFxcXCIpfVwifVxcbmApLFxuICAgIFtgYm9kaWVzLyR7bn0ueG1sYF06IGA8YSBiPVwiXFwke3NlY3JldC4ke259fVwiLz5cXG5gLFxuICB9KSxcbiAgKG4pID0+IHJlcXVlc3QobiwgcG9zdChge2dyYXBocWw6IHtkb2N1bWVudDogXCJxdWVyeSgkYTogU3RyaW5nKSB7IGIoYTogJGEpIH1cIiwgdmFyaWFibGVzOiB7YTogXCJcXCR7c2VjcmV0LiR7bn19XCJ9fX1gKSksXG4gIChuKSA9PiByZXF1ZXN0KG4sIHBvc3QoYHtzb2FwOiB7ZW52ZWxvcGU6IFwiPGU+PHA+XFwke3NlY3JldC4ke259fTwvcD48L2U+XCJ9fWApKSxcbiAgKG4pID0+IHJlcXVlc3QobiwgYGlucHV0czoge2E6IHtkZWZhdWx0OiBcIlxcJHtzZWNyZXQuJHtufX1cIn19XFxudXJsOiBcXCR7b3JpZ2lufS9taXJyb3JcXG5xdWVyeToge2E6IFwiXFwke2F9XCJ9XFxuYCksXG4gIChuKSA9PiByZXF1ZXN0KG4sIGB1cmw6IFxcJHtvcmlnaW59L21pcnJvclxcbnF1ZXJ5OiB7YTogXCJcXCR7c2VjcmV0LiR7bn0gfCBiYXNlNjR9XCJ9XFxuYCksXG4gIChuKSA9PiByZXF1ZXN0KG4sIGB1cmw6IFxcJHtvcmlnaW59L21pcnJvclxcbnF1ZXJ5OiB7YTogXCJcXCR7c2VjcmV0LiR7bn0gfCBzaGEtMjU2IHwgYmFzZTY0fVwifVxcbmApLFxuICAobikgPT4gcmVxdWVzdChuLCBgdXJsOiBcXCR7b3JpZ2lufS9taXJyb3JcXG5xdWVyeToge2E6IFwiXFwke3NlY3JldC4ke259fVwifVxcbmV4cGVjdDoge3N0YXR1czogNDE4fVxcbmApLFxuICAobikgPT4gcmVxdWVzdChuLCBgdXJsOiBcXCR7b3JpZ2lufS9taXJyb3JcXG5xdWVyeToge2E6IFwiXFwke3NlY3JldC4ke259fVwifVxcbmV4cGVjdDogeyQubWV0aG9kOiBcIlxcJHtzZWNyZXQuJHtufX1cIn1cXG5gKSxcbiAgKG4pID0+IHJlcXVlc3QobiwgYHVybDogXFwke29yaWdpbn0vbWlycm9yXFxucXVlcnk6IHthOiBcIlxcJHtzZWNyZXQuJHtufX1cIn1cXG5rZWVwOiB7a2VwdDogJC50YXJnZXR9XFxuYCksXG4gIChuKSA9PiByZXF1ZXN0KG4sIGB1cmw6IGh0dHA6Ly8xMjcuMC4wLjE6OS9cXG5xdWVyeToge2E6IFwiXFwke3NlY3JldC4ke259fVwifVxcbmApLFxuICAobikgPT4gcmVxdWVzdChuLCBwb3N0KGB7anNvbjoge3Bhc3N3b3JkOiBcIlxcJHtzZWNyZXQuJHtufX1cIn19YCkucmVwbGFjZSgnL21pcnJvcicsICcvdjEvc2Vzc2lvbnMnKSksXG4gIChuKSA9PiBzZXNzaW9uKGBraW5kOiBiYXNpY1xcbnVzZXI6IGFnZW50XFxucGFzc3dvcmQ6IFxcJHtzZWNyZXQuJHtufX1cXG5gLCBuKSxcbiAgKG4pID0+IHNlc3Npb24oYGtpbmQ6IGRpZ2VzdFxcbnVzZXI6IGFnZW50XFxucGFzc3dvcmQ6IFxcJHtzZWNyZXQuJHtufX1cXG5gLCBuKSxcbiAgKG4pID0+IHNlc3Npb24oYGtpbmQ6IGFwaS1rZXlcXG5rZXk6IFxcJHtzZWNyZXQuJHtufX1cXG5xdWVyeToga2V5XFxuYCwgbiksXG4gIChuKSA9PiAoe1xuICAgIFtgc2Vzc2lvbnMvJHtufS55YW1sYF06IGBraW5kOiBjcmVkZW50aWFsc1xcbnN1cHBseToge3dvcmQ6IFwiXFwke3NlY3JldC4ke259fVwifVxcbmAsXG4gICAgW2ByZXF1ZXN0cy8ke259LnlhbWxgXTogYCR7cG9zdCgne2pzb246IHtnaXZlbjogXCIke3dvcmR9XCJ9fScpfXNlc3Npb246ICR7bn1cXG5gLFxuICB9KSxcbl07XG5cbi8qKiBXYXlzIGluIHdoaWNoIGl0IGhhcyB0byBiZSBhIHRleHQgdGhhdCBhIGhlYWRlciB0YWtlcy4gKi9cbmNvbnN0IGluSGVhZGVyczogcmVhZG9ubHkgVXNlW10gPSBbXG4gIChuKSA9PiByZXF1ZXN0KG4sIGB1cmw6IFxcJHtvcmlnaW59L21pcnJvclxcbmhlYWRlcnM6IHtYLUE6IFwiXFwke3NlY3JldC4ke259fVwifVxcbmApLFxuICAobikgPT4gcmVxdWVzdChuLCBgdXJsOiBcXCR7b3JpZ2lufS9taXJyb3JcXG5oZWFkZXJzOiB7WC1BOiBcImJlZm9yZSBcXCR7c2VjcmV0LiR7bn19LCBiZWhpbmRcIn1cXG5gKSxcbiAgKG4pID0+IHJlcXVlc3QobiwgYHVybDogXFwke29yaWdpbn0vbWlycm9yXFxuaGVhZGVyczoge0F1dGhvcml6YXRpb246IFwiT3duIFxcJHtzZWNyZXQuJHtufX1cIn1cXG5gKSxcbiAgKG4pID0+IHJlcXVlc3QobiwgYHVybDogXFwke29yaWdpbn0vbWlycm9yXFxuY29va2llczoge2E6IFwiXFwke3NlY3JldC4ke259fVwifVxcbmApLFxuICAobikgPT4gcmVxdWVzdChuLCBgdXJsOiBcXCR7b3JpZ2lufS9taXJyb3JcXG5oZWFkZXJzOiB7WC1BOiBcIlxcJHtzZWNyZXQuJHtufSB8IGhtYWMtc2hhLTI1NihzZWNyZXQuJHtufSkgfCBiYXNlNjR9XCJ9XFxuYCksXG4gIChuKSA9PiBzZXNzaW9uKGBraW5kOiBiZWFyZXJcXG50b2tlbjogXFwke3NlY3JldC4ke259fVxcbmAsIG4pLFxuICAobikgPT4gc2Vzc2lvbihga2luZDogYXBpLWtleVxcbmtleTogXFwke3NlY3JldC4ke259fVxcbmhlYWRlcjogWC1LZXlcXG5gLCBuKSxcbiAgKG4pID0+IHNlc3Npb24oYGtpbmQ6IGFwaS1rZXlcXG5rZXk6IFxcJHtzZWNyZXQuJHtufX1cXG5jb29raWU6IGtleVxcbmAsIG4pLFxuICAobikgPT5cbiAgICBzZXNzaW9uKFxuICAgICAgYGtpbmQ6IG9hdXRoMlxcbmdyYW50OiBjbGllbnRfY3JlZGVudGlhbHNcXG5pc3N1ZXI6IFxcJHtvcmlnaW59L3Bhc3Nlc1xcbmNsaWVudDoge2lkOiBoYXJib3VyIGRlc2ssIHNlY3JldDogXCJcXCR7c2VjcmV0LiR7bn19XCJ9XFxuYCxcbiAgICAgIG4sXG4gICAgKSxcbiAgKG4pID0+XG4gICAgc2Vzc2lvbihcbiAgICAgIGBraW5kOiBvYXV0aDJcXG5ncmFudDogcGFzc3dvcmRcXG5pc3N1ZXI6IFxcJHtvcmlnaW59L3Bhc3Nlc1xcbmNsaWVudDoge2lkOiBraW9za31cXG51c2VyOiBhZ2VudFxcbnBhc3N3b3JkOiBcXCR7c2VjcmV0LiR7bn19XFxuYCxcbiAgICAgIG4sXG4gICAgKSxcbl07XG5cbi8qKiBXaGF0IGEgc2VjcmV0IGxvb2tzIGxpa2Ugd2hlcmUgaXQgaXMgd3JpdHRlbiBpbiBhbm90aGVyIHdheS4gKi9cbmZ1bmN0aW9uIGZvcm1zT2Yoc2VjcmV0OiBzdHJpbmcpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IGJ5dGVzID0gQnVmZmVyLmZyb20oc2VjcmV0KTtcbiAgY29uc3QgZW5jb2RlZCA9IGVuY29kZVVSSUNvbXBvbmVudChzZWNyZXQpO1xuICByZXR1cm4gW1xuICAgIHNlY3JldCxcbiAgICBKU09OLnN0cmluZ2lmeShzZWNyZXQpLnNsaWNlKDEsIC0xKSxcbiAgICBlbmNvZGVkLFxuICAgIGVuY29kZWQucmVwbGFjZUFsbCgnJTIwJywgJysnKSxcbiAgICBieXRlcy50b1N0cmluZygnYmFzZTY0JyksXG4gICAgYnl0ZXMudG9TdHJpbmcoJ2Jhc2U2NHVybCcpLFxuICAgIGJ5dGVzLnRvU3RyaW5nKCdoZXgnKSxcbiAgXTtcbn1cblxuLyoqIEJ5IHNvIG1hbnkgbGV0dGVycyBhIGZvcm0gaXMgZm91bmQ7IHRoZSBzaG9ydGVzdCBoYXMgbW9yZS4gKi9cbmNvbnN0IGZpcnN0TGV0dGVycyA9IDg7XG5cbnRlc3QoJ29mIGh1bmRyZWRzIG9mIHJhbmRvbSBzZWNyZXRzIGluIGZpZnR5IGtpbmRzIG9mIGNhbGxzIG5vdGhpbmcgaXMgaW4gYW55IGJ5dGUgd3JpdHRlbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgcm91bmRzID0gODtcbiAgY29uc3QgdXNlcyA9IFsuLi5hbnl3aGVyZSwgLi4uaW5IZWFkZXJzXTtcbiAgY29uc3Qgc2VjcmV0cyA9IG5ldyBNYXA8c3RyaW5nLCBzdHJpbmc+KCk7XG4gIGNvbnN0IGZpbGVzOiBSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+ID0ge307XG4gIGNvbnN0IHN0ZXBzOiBzdHJpbmdbXSA9IFtdO1xuICBmb3IgKGxldCByb3VuZCA9IDA7IHJvdW5kIDwgcm91bmRzOyByb3VuZCArPSAxKSB7XG4gICAgY29uc3QgYW55ID0gZmMuc2FtcGxlKHNlY3JldE9mLCB7IG51bVJ1bnM6IGFueXdoZXJlLmxlbmd0aCwgc2VlZDogMTAwICsgcm91bmQgfSk7XG4gICAgY29uc3QgcGxhaW4gPSBmYy5zYW1wbGUocGxhaW5TZWNyZXQsIHsgbnVtUnVuczogaW5IZWFkZXJzLmxlbmd0aCwgc2VlZDogMjAwICsgcm91bmQgfSk7XG4gICAgZm9yIChjb25zdCBbaW5kZXgsIHVzZV0gb2YgdXNlcy5lbnRyaWVzKCkpIHtcbiAgICAgIGNvbnN0IG5hbWUgPSBgcyR7cm91bmR9eCR7aW5kZXh9YDtcbiAgICAgIHNlY3JldHMuc2V0KG5hbWUsIChpbmRleCA8IGFueXdoZXJlLmxlbmd0aCA/IGFueVtpbmRleF0gOiBwbGFpbltpbmRleCAtIGFueXdoZXJlLmxlbmd0aF0pIGFzIHN0cmluZyk7XG4gICAgICBPYmplY3QuYXNzaWduKGZpbGVzLCB1c2UobmFtZSkpO1xuICAgICAgc3RlcHMucHVzaChuYW1lKTtcbiAgICB9XG4gIH1cbiAgYXNzZXJ0Lm9rKHNlY3JldHMuc2l6ZSA+IDMwMCk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihmaWxlcywgb3JpZ2luKTtcbiAgY29uc3QgZW52ID0gT2JqZWN0LmZyb21FbnRyaWVzKFxuICAgIFsuLi5zZWNyZXRzXS5tYXAoKFtuYW1lLCB2YWx1ZV0pID0+IFtgRUNIT19UUkFJTF9TRUNSRVRfJHtuYW1lLnRvVXBwZXJDYXNlKCl9YCwgdmFsdWVdKSxcbiAgKTtcbiAgY29uc3QgZW5kZWQ6IEVuZGVkW10gPSBbXTtcbiAgY29uc3QgcnVuID0gYXN5bmMgKC4uLmFyZ3M6IHN0cmluZ1tdKTogUHJvbWlzZTxFbmRlZD4gPT4ge1xuICAgIGNvbnN0IG9uZSA9IGF3YWl0IGVjaG9UcmFpbChhcmdzLCB7IGN3ZCwgZW52IH0pO1xuICAgIGVuZGVkLnB1c2gob25lKTtcbiAgICByZXR1cm4gb25lO1xuICB9O1xuICAvLyBPbmUgcHJvY2VzcyBmb3IgbWFueSBjYWxscywgYW5kIGV2ZXJ5IHdheSBvZiBzaG93aW5nIHRoZW0gb25jZS5cbiAgYXdhaXQgcnVuKCdydW4nLCAuLi5zdGVwcywgJy0tZGVidWcnKTtcbiAgYXdhaXQgcnVuKCdydW4nLCAuLi5zdGVwcy5zbGljZSgwLCB1c2VzLmxlbmd0aCksICctLWpzb24nKTtcbiAgY29uc3Qgc2hvd24gPSBbWyctLXZpZXcnLCAncmF3J10sIFsnLS1qc29uJywgJy0tZGVidWcnXSwgWyctLXZpZXcnLCAnaGVhZGVycyddLCBbXV07XG4gIGZvciAobGV0IGluZGV4ID0gMDsgaW5kZXggPCB1c2VzLmxlbmd0aDsgaW5kZXggKz0gMTIpXG4gICAgYXdhaXQgcnVuKCdzZW5kJywgYHMweCR7aW5kZXh9YCwgLi4uKHNob3duWyhpbmRleCAvIDEyKSAlIHNob3duLmxlbmd0aF0gYXMgc3RyaW5nW10pKTtcbiAgZm9yIChsZXQgaW5kZXggPSAyOyBpbmRleCA8IHVzZXMubGVuZ3RoOyBpbmRleCArPSAyNCkgYXdhaXQgcnVuKCdwcmV2aWV3JywgYHMweCR7aW5kZXh9YCk7XG4gIGF3YWl0IHJ1bignZWNobycsICdsaXN0JywgJy0tbW9zdCcsICcxMDAwJyk7XG4gIGZvciAobGV0IGJhY2sgPSAwOyBiYWNrIDwgMzsgYmFjayArPSAxKSBhd2FpdCBydW4oJ2VjaG8nLCAnc2hvdycsICdsYXN0Jyk7XG4gIGF3YWl0IHJ1bignc2Vzc2lvbicsICdsaXN0JywgJy0tanNvbicpO1xuICBhd2FpdCBydW4oJ2NoZWNrJyk7XG5cbiAgY29uc3QgbWFkZSA9IChlbmRlZFswXT8ub3V0ID8/ICcnKS5tYXRjaCgvXm9rIC9nbSk/Lmxlbmd0aCA/PyAwO1xuICBhc3NlcnQub2sobWFkZSA+IDI1MCwgYCR7bWFkZX0gY2FsbHMgd2VyZSBtYWRlYCk7XG4gIGNvbnN0IHdyaXR0ZW4gPSBbXG4gICAgLi4uZW5kZWQubWFwKCh7IG91dCwgZXJyIH0sIGluZGV4KSA9PiAoeyBwYXRoOiBgb3V0cHV0ICR7aW5kZXh9YCwgdGV4dDogb3V0ICsgZXJyIH0pKSxcbiAgICAuLi5bLi4uZXZlcnlGaWxlKGN3ZCksIC4uLmV2ZXJ5RmlsZSh1c2VyRm9sZGVyKV0ubWFwKCh7IHBhdGgsIHRleHQgfSkgPT4gKHtcbiAgICAgIHBhdGgsXG4gICAgICB0ZXh0OiBCdWZmZXIuZnJvbSh0ZXh0LCAnbGF0aW4xJykudG9TdHJpbmcoJ3V0ZjgnKSxcbiAgICB9KSksXG4gIF07XG4gIGFzc2VydC5vayh3cml0dGVuLnNvbWUoKHsgdGV4dCB9KSA9PiB0ZXh0LmluY2x1ZGVzKCdcdTIwMzlzZWNyZXRcdTIwM0EnKSkpO1xuICBjb25zdCBmb3JtcyA9IG5ldyBNYXA8c3RyaW5nLCB7IHJlYWRvbmx5IG5hbWU6IHN0cmluZzsgcmVhZG9ubHkgZm9ybTogc3RyaW5nIH1bXT4oKTtcbiAgZm9yIChjb25zdCBbbmFtZSwgc2VjcmV0XSBvZiBzZWNyZXRzKSB7XG4gICAgZm9yIChjb25zdCBmb3JtIG9mIGZvcm1zT2Yoc2VjcmV0KSkge1xuICAgICAgY29uc3QgZmlyc3QgPSBmb3JtLnNsaWNlKDAsIGZpcnN0TGV0dGVycyk7XG4gICAgICBmb3Jtcy5zZXQoZmlyc3QsIFsuLi4oZm9ybXMuZ2V0KGZpcnN0KSA/PyBbXSksIHsgbmFtZSwgZm9ybSB9XSk7XG4gICAgfVxuICB9XG4gIGNvbnN0IFtwbGFudGVkID0gJyddID0gZm9ybXNPZihbLi4uc2VjcmV0cy52YWx1ZXMoKV1bN10gYXMgc3RyaW5nKTtcbiAgYXNzZXJ0LmVxdWFsKHBsYWNlc09mKGBiZWZvcmUgJHtwbGFudGVkfSBiZWhpbmRgKS5sZW5ndGggPiAwLCB0cnVlLCAnYSBzZWNyZXQgd291bGQgYmUgZm91bmQnKTtcbiAgY29uc3QgZm91bmQgPSB3cml0dGVuLmZsYXRNYXAoKHsgcGF0aCwgdGV4dCB9KSA9PiBwbGFjZXNPZih0ZXh0KS5tYXAoKHdoYXQpID0+IGAke3doYXR9IGluICR7cGF0aH1gKSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoZm91bmQsIFtdKTtcblxuICAvKiogRXZlcnkgZm9ybSBvZiBldmVyeSBzZWNyZXQgaW4gYSB0ZXh0LCBieSBpdHMgZmlyc3QgbGV0dGVyczogdGhvdXNhbmRzIG9mIGZvcm1zIGFyZSBsb29rZWQgZm9yIGluIG9uZSBnby4gKi9cbiAgZnVuY3Rpb24gcGxhY2VzT2YodGV4dDogc3RyaW5nKTogc3RyaW5nW10ge1xuICAgIGNvbnN0IHBsYWNlczogc3RyaW5nW10gPSBbXTtcbiAgICBmb3IgKGxldCBhdCA9IDA7IGF0ICsgZmlyc3RMZXR0ZXJzIDw9IHRleHQubGVuZ3RoOyBhdCArPSAxKSB7XG4gICAgICBmb3IgKGNvbnN0IHsgbmFtZSwgZm9ybSB9IG9mIGZvcm1zLmdldCh0ZXh0LnNsaWNlKGF0LCBhdCArIGZpcnN0TGV0dGVycykpID8/IFtdKVxuICAgICAgICBpZiAodGV4dC5zdGFydHNXaXRoKGZvcm0sIGF0KSlcbiAgICAgICAgICBwbGFjZXMucHVzaChgJHtuYW1lfSBhcyAke2Zvcm19OiBcdTIwMjYke3RleHQuc2xpY2UoTWF0aC5tYXgoMCwgYXQgLSA2MCksIGF0ICsgNDApfVx1MjAyNmApO1xuICAgIH1cbiAgICByZXR1cm4gcGxhY2VzO1xuICB9XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLFlBQVk7QUFDckIsT0FBTyxRQUFRO0FBS2YsSUFBTSxFQUFFLE9BQU8sSUFBSSxNQUFNLG1CQUFtQjtBQUc1QyxJQUFNLFFBQVE7QUFDZCxJQUFNLFdBQVcsR0FDZCxNQUFNLEdBQUcsYUFBYSxHQUFHLEtBQUssR0FBRyxFQUFFLFdBQVcsSUFBSSxXQUFXLEdBQUcsQ0FBQyxFQUNqRSxJQUFJLENBQUMsVUFBVSxJQUFJLE1BQU0sS0FBSyxFQUFFLEVBQUUsV0FBVyxNQUFNLElBQUksQ0FBQyxHQUFHO0FBRTlELElBQU0sY0FBYyxHQUFHLE9BQU87QUFBQSxFQUM1QixNQUFNLEdBQUcsYUFBYSxHQUFHLDRDQUE0QztBQUFBLEVBQ3JFLFdBQVc7QUFBQSxFQUNYLFdBQVc7QUFDYixDQUFDO0FBR0QsSUFBTSxPQUFPLENBQUMsTUFBYyxPQUFPLE9BQ2pDO0FBQUE7QUFBQTtBQUFBLEVBQXlELElBQUksU0FBUyxJQUFJO0FBQUE7QUFDNUUsSUFBTSxVQUFVLENBQUMsTUFBYyxVQUFvRDtBQUFBLEVBQ2pGLENBQUMsWUFBWSxJQUFJLE9BQU8sR0FBRztBQUFBLFdBQW9DLElBQUk7QUFBQTtBQUFBLEVBQ25FLENBQUMsWUFBWSxJQUFJLE9BQU8sR0FBRztBQUM3QjtBQUNBLElBQU0sVUFBVSxDQUFDLE1BQWMsVUFBb0QsRUFBRSxDQUFDLFlBQVksSUFBSSxPQUFPLEdBQUcsS0FBSztBQUdySCxJQUFNLFdBQTJCO0FBQUEsRUFDL0IsQ0FBQyxNQUFNLFFBQVEsR0FBRztBQUFBLHdCQUFpRCxDQUFDO0FBQUEsQ0FBTztBQUFBLEVBQzNFLENBQUMsTUFBTSxRQUFRLEdBQUc7QUFBQSx5QkFBa0QsQ0FBQztBQUFBO0FBQUEsQ0FBMEI7QUFBQSxFQUMvRixDQUFDLE1BQU0sUUFBUSxHQUFHO0FBQUEsNEJBQXFELENBQUM7QUFBQSxDQUFRO0FBQUEsRUFDaEYsQ0FBQyxNQUFNLFFBQVEsR0FBRztBQUFBLDBCQUEwRCxDQUFDO0FBQUEsQ0FBTztBQUFBLEVBQ3BGLENBQUMsTUFBTSxRQUFRLEdBQUcsS0FBSyxnQ0FBZ0MsQ0FBQyxNQUFNLENBQUM7QUFBQSxFQUMvRCxDQUFDLE1BQU0sUUFBUSxHQUFHLEtBQUssNkJBQTZCLENBQUMsYUFBYSxDQUFDO0FBQUEsRUFDbkUsQ0FBQyxNQUNDO0FBQUEsSUFDRTtBQUFBLElBQ0EsS0FBSyxzQkFBc0IsQ0FBQyx3QkFBd0IsQ0FBQyxjQUFjLEVBQUUsUUFBUSxjQUFjLGFBQWE7QUFBQSxFQUMxRztBQUFBLEVBQ0YsQ0FBQyxNQUFNLFFBQVEsR0FBRyxLQUFLLDJCQUEyQixDQUFDLHVCQUF1QixDQUFDO0FBQUEsRUFDM0UsQ0FBQyxNQUFNLFFBQVEsR0FBRyxLQUFLLHlCQUF5QixDQUFDLE1BQU0sQ0FBQztBQUFBLEVBQ3hELENBQUMsTUFBTSxRQUFRLEdBQUcsS0FBSyw4QkFBOEIsQ0FBQyxXQUFXLENBQUM7QUFBQSxFQUNsRSxDQUFDLE1BQU0sUUFBUSxHQUFHLEtBQUssMEJBQTBCLENBQUMsTUFBTSxDQUFDO0FBQUEsRUFDekQsQ0FBQyxNQUFNLFFBQVEsR0FBRyxLQUFLLGlDQUFpQyxDQUFDLHNDQUFzQyxDQUFDO0FBQUEsRUFDaEcsQ0FBQyxNQUFNLFFBQVEsR0FBRyxLQUFLLHFDQUFxQyxDQUFDLFFBQVEsQ0FBQztBQUFBLEVBQ3RFLENBQUMsTUFBTSxRQUFRLEdBQUcsS0FBSyw0QkFBNEIsQ0FBQyxrQkFBa0IsQ0FBQyxTQUFTLENBQUM7QUFBQSxFQUNqRixDQUFDLE9BQU8sRUFBRSxHQUFHLFFBQVEsR0FBRyxLQUFLLHFCQUFxQixDQUFDLFFBQVEsQ0FBQyxHQUFHLENBQUMsVUFBVSxDQUFDLE9BQU8sR0FBRyxvQkFBb0IsQ0FBQztBQUFBLEVBQVE7QUFBQSxFQUNsSCxDQUFDLE9BQU8sRUFBRSxHQUFHLFFBQVEsR0FBRyxLQUFLLHFCQUFxQixDQUFDLE9BQU8sQ0FBQyxHQUFHLENBQUMsVUFBVSxDQUFDLE1BQU0sR0FBRyxnQkFBZ0IsQ0FBQztBQUFBLEVBQVU7QUFBQSxFQUM5RyxDQUFDLE9BQU87QUFBQSxJQUNOLEdBQUcsUUFBUSxHQUFHO0FBQUEsb0NBQTZELENBQUM7QUFBQSxDQUFlO0FBQUEsSUFDM0YsQ0FBQyxVQUFVLENBQUMsTUFBTSxHQUFHLG1CQUFtQixDQUFDO0FBQUE7QUFBQSxFQUMzQztBQUFBLEVBQ0EsQ0FBQyxNQUFNLFFBQVEsR0FBRyxLQUFLLG9GQUFvRixDQUFDLE9BQU8sQ0FBQztBQUFBLEVBQ3BILENBQUMsTUFBTSxRQUFRLEdBQUcsS0FBSyxzQ0FBc0MsQ0FBQyxjQUFjLENBQUM7QUFBQSxFQUM3RSxDQUFDLE1BQU0sUUFBUSxHQUFHLG9DQUFvQyxDQUFDO0FBQUE7QUFBQTtBQUFBLENBQXFEO0FBQUEsRUFDNUcsQ0FBQyxNQUFNLFFBQVEsR0FBRztBQUFBLHdCQUFpRCxDQUFDO0FBQUEsQ0FBZ0I7QUFBQSxFQUNwRixDQUFDLE1BQU0sUUFBUSxHQUFHO0FBQUEsd0JBQWlELENBQUM7QUFBQSxDQUEwQjtBQUFBLEVBQzlGLENBQUMsTUFBTSxRQUFRLEdBQUc7QUFBQSx3QkFBaUQsQ0FBQztBQUFBO0FBQUEsQ0FBOEI7QUFBQSxFQUNsRyxDQUFDLE1BQU0sUUFBUSxHQUFHO0FBQUEsd0JBQWlELENBQUM7QUFBQSxnQ0FBc0MsQ0FBQztBQUFBLENBQU87QUFBQSxFQUNsSCxDQUFDLE1BQU0sUUFBUSxHQUFHO0FBQUEsd0JBQWlELENBQUM7QUFBQTtBQUFBLENBQStCO0FBQUEsRUFDbkcsQ0FBQyxNQUFNLFFBQVEsR0FBRztBQUFBLHdCQUFtRCxDQUFDO0FBQUEsQ0FBTztBQUFBLEVBQzdFLENBQUMsTUFBTSxRQUFRLEdBQUcsS0FBSyxnQ0FBZ0MsQ0FBQyxNQUFNLEVBQUUsUUFBUSxXQUFXLGNBQWMsQ0FBQztBQUFBLEVBQ2xHLENBQUMsTUFBTSxRQUFRO0FBQUE7QUFBQSxzQkFBaUQsQ0FBQztBQUFBLEdBQU8sQ0FBQztBQUFBLEVBQ3pFLENBQUMsTUFBTSxRQUFRO0FBQUE7QUFBQSxzQkFBa0QsQ0FBQztBQUFBLEdBQU8sQ0FBQztBQUFBLEVBQzFFLENBQUMsTUFBTSxRQUFRO0FBQUEsaUJBQWlDLENBQUM7QUFBQTtBQUFBLEdBQW1CLENBQUM7QUFBQSxFQUNyRSxDQUFDLE9BQU87QUFBQSxJQUNOLENBQUMsWUFBWSxDQUFDLE9BQU8sR0FBRztBQUFBLDRCQUFnRCxDQUFDO0FBQUE7QUFBQSxJQUN6RSxDQUFDLFlBQVksQ0FBQyxPQUFPLEdBQUcsR0FBRyxLQUFLLDRCQUE0QixDQUFDLFlBQVksQ0FBQztBQUFBO0FBQUEsRUFDNUU7QUFDRjtBQUdBLElBQU0sWUFBNEI7QUFBQSxFQUNoQyxDQUFDLE1BQU0sUUFBUSxHQUFHO0FBQUEsNEJBQXFELENBQUM7QUFBQSxDQUFPO0FBQUEsRUFDL0UsQ0FBQyxNQUFNLFFBQVEsR0FBRztBQUFBLG1DQUE0RCxDQUFDO0FBQUEsQ0FBZTtBQUFBLEVBQzlGLENBQUMsTUFBTSxRQUFRLEdBQUc7QUFBQSwwQ0FBbUUsQ0FBQztBQUFBLENBQU87QUFBQSxFQUM3RixDQUFDLE1BQU0sUUFBUSxHQUFHO0FBQUEsMEJBQW1ELENBQUM7QUFBQSxDQUFPO0FBQUEsRUFDN0UsQ0FBQyxNQUFNLFFBQVEsR0FBRztBQUFBLDRCQUFxRCxDQUFDLDBCQUEwQixDQUFDO0FBQUEsQ0FBaUI7QUFBQSxFQUNwSCxDQUFDLE1BQU0sUUFBUTtBQUFBLG1CQUFrQyxDQUFDO0FBQUEsR0FBTyxDQUFDO0FBQUEsRUFDMUQsQ0FBQyxNQUFNLFFBQVE7QUFBQSxpQkFBaUMsQ0FBQztBQUFBO0FBQUEsR0FBc0IsQ0FBQztBQUFBLEVBQ3hFLENBQUMsTUFBTSxRQUFRO0FBQUEsaUJBQWlDLENBQUM7QUFBQTtBQUFBLEdBQW9CLENBQUM7QUFBQSxFQUN0RSxDQUFDLE1BQ0M7QUFBQSxJQUNFO0FBQUE7QUFBQTtBQUFBLGdEQUFxSCxDQUFDO0FBQUE7QUFBQSxJQUN0SDtBQUFBLEVBQ0Y7QUFBQSxFQUNGLENBQUMsTUFDQztBQUFBLElBQ0U7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBLHNCQUFtSCxDQUFDO0FBQUE7QUFBQSxJQUNwSDtBQUFBLEVBQ0Y7QUFDSjtBQUdBLFNBQVMsUUFBUSxRQUEwQjtBQUN6QyxRQUFNLFFBQVEsT0FBTyxLQUFLLE1BQU07QUFDaEMsUUFBTSxVQUFVLG1CQUFtQixNQUFNO0FBQ3pDLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxLQUFLLFVBQVUsTUFBTSxFQUFFLE1BQU0sR0FBRyxFQUFFO0FBQUEsSUFDbEM7QUFBQSxJQUNBLFFBQVEsV0FBVyxPQUFPLEdBQUc7QUFBQSxJQUM3QixNQUFNLFNBQVMsUUFBUTtBQUFBLElBQ3ZCLE1BQU0sU0FBUyxXQUFXO0FBQUEsSUFDMUIsTUFBTSxTQUFTLEtBQUs7QUFBQSxFQUN0QjtBQUNGO0FBR0EsSUFBTSxlQUFlO0FBRXJCLEtBQUssd0ZBQXdGLFlBQVk7QUFDdkcsUUFBTSxTQUFTO0FBQ2YsUUFBTSxPQUFPLENBQUMsR0FBRyxVQUFVLEdBQUcsU0FBUztBQUN2QyxRQUFNLFVBQVUsb0JBQUksSUFBb0I7QUFDeEMsUUFBTSxRQUFnQyxDQUFDO0FBQ3ZDLFFBQU0sUUFBa0IsQ0FBQztBQUN6QixXQUFTLFFBQVEsR0FBRyxRQUFRLFFBQVEsU0FBUyxHQUFHO0FBQzlDLFVBQU0sTUFBTSxHQUFHLE9BQU8sVUFBVSxFQUFFLFNBQVMsU0FBUyxRQUFRLE1BQU0sTUFBTSxNQUFNLENBQUM7QUFDL0UsVUFBTSxRQUFRLEdBQUcsT0FBTyxhQUFhLEVBQUUsU0FBUyxVQUFVLFFBQVEsTUFBTSxNQUFNLE1BQU0sQ0FBQztBQUNyRixlQUFXLENBQUMsT0FBTyxHQUFHLEtBQUssS0FBSyxRQUFRLEdBQUc7QUFDekMsWUFBTSxPQUFPLElBQUksS0FBSyxJQUFJLEtBQUs7QUFDL0IsY0FBUSxJQUFJLE1BQU8sUUFBUSxTQUFTLFNBQVMsSUFBSSxLQUFLLElBQUksTUFBTSxRQUFRLFNBQVMsTUFBTSxDQUFZO0FBQ25HLGFBQU8sT0FBTyxPQUFPLElBQUksSUFBSSxDQUFDO0FBQzlCLFlBQU0sS0FBSyxJQUFJO0FBQUEsSUFDakI7QUFBQSxFQUNGO0FBQ0EsU0FBTyxHQUFHLFFBQVEsT0FBTyxHQUFHO0FBQzVCLFFBQU0sTUFBTSxhQUFhLE9BQU8sTUFBTTtBQUN0QyxRQUFNLE1BQU0sT0FBTztBQUFBLElBQ2pCLENBQUMsR0FBRyxPQUFPLEVBQUUsSUFBSSxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU0sQ0FBQyxxQkFBcUIsS0FBSyxZQUFZLENBQUMsSUFBSSxLQUFLLENBQUM7QUFBQSxFQUN4RjtBQUNBLFFBQU0sUUFBaUIsQ0FBQztBQUN4QixRQUFNLE1BQU0sVUFBVSxTQUFtQztBQUN2RCxVQUFNLE1BQU0sTUFBTSxVQUFVLE1BQU0sRUFBRSxLQUFLLElBQUksQ0FBQztBQUM5QyxVQUFNLEtBQUssR0FBRztBQUNkLFdBQU87QUFBQSxFQUNUO0FBRUEsUUFBTSxJQUFJLE9BQU8sR0FBRyxPQUFPLFNBQVM7QUFDcEMsUUFBTSxJQUFJLE9BQU8sR0FBRyxNQUFNLE1BQU0sR0FBRyxLQUFLLE1BQU0sR0FBRyxRQUFRO0FBQ3pELFFBQU0sUUFBUSxDQUFDLENBQUMsVUFBVSxLQUFLLEdBQUcsQ0FBQyxVQUFVLFNBQVMsR0FBRyxDQUFDLFVBQVUsU0FBUyxHQUFHLENBQUMsQ0FBQztBQUNsRixXQUFTLFFBQVEsR0FBRyxRQUFRLEtBQUssUUFBUSxTQUFTO0FBQ2hELFVBQU0sSUFBSSxRQUFRLE1BQU0sS0FBSyxJQUFJLEdBQUksTUFBTyxRQUFRLEtBQU0sTUFBTSxNQUFNLENBQWM7QUFDdEYsV0FBUyxRQUFRLEdBQUcsUUFBUSxLQUFLLFFBQVEsU0FBUyxHQUFJLE9BQU0sSUFBSSxXQUFXLE1BQU0sS0FBSyxFQUFFO0FBQ3hGLFFBQU0sSUFBSSxRQUFRLFFBQVEsVUFBVSxNQUFNO0FBQzFDLFdBQVMsT0FBTyxHQUFHLE9BQU8sR0FBRyxRQUFRLEVBQUcsT0FBTSxJQUFJLFFBQVEsUUFBUSxNQUFNO0FBQ3hFLFFBQU0sSUFBSSxXQUFXLFFBQVEsUUFBUTtBQUNyQyxRQUFNLElBQUksT0FBTztBQUVqQixRQUFNLFFBQVEsTUFBTSxDQUFDLEdBQUcsT0FBTyxJQUFJLE1BQU0sUUFBUSxHQUFHLFVBQVU7QUFDOUQsU0FBTyxHQUFHLE9BQU8sS0FBSyxHQUFHLElBQUksa0JBQWtCO0FBQy9DLFFBQU0sVUFBVTtBQUFBLElBQ2QsR0FBRyxNQUFNLElBQUksQ0FBQyxFQUFFLEtBQUssSUFBSSxHQUFHLFdBQVcsRUFBRSxNQUFNLFVBQVUsS0FBSyxJQUFJLE1BQU0sTUFBTSxJQUFJLEVBQUU7QUFBQSxJQUNwRixHQUFHLENBQUMsR0FBRyxVQUFVLEdBQUcsR0FBRyxHQUFHLFVBQVUsVUFBVSxDQUFDLEVBQUUsSUFBSSxDQUFDLEVBQUUsTUFBTSxLQUFLLE9BQU87QUFBQSxNQUN4RTtBQUFBLE1BQ0EsTUFBTSxPQUFPLEtBQUssTUFBTSxRQUFRLEVBQUUsU0FBUyxNQUFNO0FBQUEsSUFDbkQsRUFBRTtBQUFBLEVBQ0o7QUFDQSxTQUFPLEdBQUcsUUFBUSxLQUFLLENBQUMsRUFBRSxLQUFLLE1BQU0sS0FBSyxTQUFTLG9CQUFVLENBQUMsQ0FBQztBQUMvRCxRQUFNLFFBQVEsb0JBQUksSUFBZ0U7QUFDbEYsYUFBVyxDQUFDLE1BQU0sTUFBTSxLQUFLLFNBQVM7QUFDcEMsZUFBVyxRQUFRLFFBQVEsTUFBTSxHQUFHO0FBQ2xDLFlBQU0sUUFBUSxLQUFLLE1BQU0sR0FBRyxZQUFZO0FBQ3hDLFlBQU0sSUFBSSxPQUFPLENBQUMsR0FBSSxNQUFNLElBQUksS0FBSyxLQUFLLENBQUMsR0FBSSxFQUFFLE1BQU0sS0FBSyxDQUFDLENBQUM7QUFBQSxJQUNoRTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLENBQUMsVUFBVSxFQUFFLElBQUksUUFBUSxDQUFDLEdBQUcsUUFBUSxPQUFPLENBQUMsRUFBRSxDQUFDLENBQVc7QUFDakUsU0FBTyxNQUFNLFNBQVMsVUFBVSxPQUFPLFNBQVMsRUFBRSxTQUFTLEdBQUcsTUFBTSx5QkFBeUI7QUFDN0YsUUFBTSxRQUFRLFFBQVEsUUFBUSxDQUFDLEVBQUUsTUFBTSxLQUFLLE1BQU0sU0FBUyxJQUFJLEVBQUUsSUFBSSxDQUFDLFNBQVMsR0FBRyxJQUFJLE9BQU8sSUFBSSxFQUFFLENBQUM7QUFDcEcsU0FBTyxVQUFVLE9BQU8sQ0FBQyxDQUFDO0FBRzFCLFdBQVMsU0FBUyxNQUF3QjtBQUN4QyxVQUFNLFNBQW1CLENBQUM7QUFDMUIsYUFBUyxLQUFLLEdBQUcsS0FBSyxnQkFBZ0IsS0FBSyxRQUFRLE1BQU0sR0FBRztBQUMxRCxpQkFBVyxFQUFFLE1BQU0sS0FBSyxLQUFLLE1BQU0sSUFBSSxLQUFLLE1BQU0sSUFBSSxLQUFLLFlBQVksQ0FBQyxLQUFLLENBQUM7QUFDNUUsWUFBSSxLQUFLLFdBQVcsTUFBTSxFQUFFO0FBQzFCLGlCQUFPLEtBQUssR0FBRyxJQUFJLE9BQU8sSUFBSSxXQUFNLEtBQUssTUFBTSxLQUFLLElBQUksR0FBRyxLQUFLLEVBQUUsR0FBRyxLQUFLLEVBQUUsQ0FBQyxRQUFHO0FBQUEsSUFDdEY7QUFDQSxXQUFPO0FBQUEsRUFDVDtBQUNGLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
