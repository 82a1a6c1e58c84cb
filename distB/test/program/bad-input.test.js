import {
  collectionOf,
  echoTrail,
  everyFile,
  writeIn
} from "../parts/chunk-JFRZJ6A5.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/bad-input.test.ts
import assert from "node:assert/strict";
import { createServer } from "node:net";
import { test } from "node:test";
import { stripVTControlCharacters } from "node:util";
var { port: closedPort, close } = await new Promise((resolve) => {
  const server = createServer();
  server.listen(
    0,
    "127.0.0.1",
    () => resolve({ port: server.address().port, close: () => server.close() })
  );
});
close();
var cases = [
  {
    name: "a malformed YAML file",
    files: { "requests/x.yaml": 'url: "${origin}\nquery: {\n' },
    args: ["send", "x"],
    status: 2,
    says: /requests\/x\.yaml:\d+:\d+/
  },
  {
    name: "an unquoted ${ in braces",
    files: { "requests/x.yaml": "url: ${origin}/\nquery: {a: ${origin}}\n" },
    args: ["send", "x"],
    status: 2,
    says: /x\.yaml:2:\d+[\s\S]*needs quotes/
  },
  {
    name: "an unquoted {",
    files: { "requests/x.yaml": "url: {origin}/x\n" },
    args: ["send", "x"],
    status: 2,
    says: /begins with \{[\s\S]*quotes/
  },
  {
    name: "an unknown key",
    files: { "requests/x.yaml": "url: ${origin}/\nheadrs: {}\n" },
    args: ["preview", "x"],
    status: 2,
    says: /headrs is not a key[\s\S]*x\.yaml:2:1[\s\S]*did you mean headers/
  },
  {
    name: "a wrong type",
    files: { "requests/x.yaml": "url: ${origin}/\nkeep: [a]\n" },
    args: ["send", "x"],
    status: 2,
    says: /keep must be a map of names, not a list[\s\S]*x\.yaml:2:7/
  },
  {
    name: "a broken manifest",
    files: { "echo-trail.yaml": "nme: x\n" },
    args: ["list"],
    status: 2,
    says: /echo-trail\.yaml:1:1|name is missing/
  },
  { name: "a request that is not there", args: ["send", "nowhere"], status: 2, says: /there is no request nowhere/ },
  {
    name: "a file that is not there",
    files: { "requests/x.yaml": "url: ${origin}/\nmethod: POST\nbody: {text: \"${file('data/no.txt') | text}\"}\n" },
    args: ["send", "x"],
    status: 2,
    says: /data\/no\.txt does not exist/
  },
  {
    name: "a file outside the collection",
    files: {
      "requests/x.yaml": "url: ${origin}/\nmethod: POST\nbody: {text: \"${file('../../etc/hostname') | text}\"}\n"
    },
    args: ["send", "x"],
    status: 2,
    says: /outside the collection/
  },
  {
    name: "rows outside the collection",
    files: { "requests/x.yaml": "url: ${origin}/\n", "trails/t.yaml": "rows: ../rows.csv\nsteps: [{send: x}]\n" },
    args: ["run", "t"],
    status: 2,
    says: /outside the collection/
  },
  {
    name: "a documentation file that is not there",
    args: ["docs", "add", "no.yaml"],
    status: 2,
    says: /no\.yaml does not exist/
  },
  {
    name: "a broken OpenAPI document",
    files: { "in/h.yaml": "openapi: 3.1.0\npaths: {\n" },
    args: ["docs", "add", "in/h.yaml"],
    status: 2,
    says: /not well-formed YAML[\s\S]*h\.yaml:\d+:\d+/
  },
  {
    name: "a document that is none",
    files: { "in/h.json": '{"hello": 1}' },
    args: ["docs", "add", "in/h.json"],
    status: 2,
    says: /not a document of a known format[\s\S]*keys are hello/
  },
  {
    name: "documentation at a closed port",
    args: ["docs", "add", `http://127.0.0.1:${closedPort}/openapi.yaml`],
    status: 3,
    says: /refused the connection/
  },
  {
    name: "an unknown operation",
    args: ["draft", "harbour/none"],
    status: 2,
    says: /no documentation source describes/
  },
  {
    name: "a refused connection",
    args: ["send", "GET", `http://127.0.0.1:${closedPort}/`],
    status: 3,
    says: /refused the connection on port[\s\S]*at {5}connecting/
  },
  {
    name: "a host name that does not resolve",
    args: ["send", "GET", "http://no-such.larkhaven.invalid/"],
    status: 3,
    says: /could not be looked up/
  },
  {
    name: "a name that no layer knows",
    files: { "requests/x.yaml": "url: ${orgin}/\n" },
    args: ["send", "x"],
    status: 2,
    says: /name orgin is not known here[\s\S]*x\.yaml:1:6[\s\S]*searched: environment sandbox, collection variables[\s\S]*did you mean origin/
  },
  {
    name: "an address without http",
    args: ["send", "GET", "harbour.example/x"],
    status: 2,
    says: /not an absolute address[\s\S]*http/
  },
  {
    name: "an input of the wrong type",
    files: { "requests/x.yaml": "inputs: {n: {type: integer, at-most: 14}}\nurl: ${origin}/{n}\n" },
    args: ["send", "x", "--set", "n=two"],
    status: 2,
    says: /input n of request x cannot be "two"[\s\S]*type integer/
  },
  {
    name: "an input beyond its limit",
    files: { "requests/x.yaml": "inputs: {n: {type: integer, at-most: 14}}\nurl: ${origin}/{n}\n" },
    args: ["send", "x", "--set", "n=15"],
    status: 2,
    says: /cannot be "15"[\s\S]*at most 14/
  },
  {
    name: "a line break in a header",
    args: ["send", "GET", "/", "--header", "X-A: a\nb"],
    status: 2,
    says: /X-A holds a line break/
  },
  {
    name: "a header that is written at sending",
    args: ["send", "GET", "/", "--header", "Content-Length: 5"],
    status: 2,
    says: /never by hand/
  },
  {
    name: "an environment that is not there",
    args: ["send", "GET", "/", "--env", "live"],
    status: 4,
    says: /no environment live/
  },
  {
    name: "a session that is not there",
    args: ["send", "GET", "/", "--session", "agent"],
    status: 4,
    says: /no session agent/
  },
  {
    name: "a short name that fits several",
    files: { "requests/a/x.yaml": "url: ${origin}/\n", "requests/b/x.yaml": "url: ${origin}/\n" },
    args: ["send", "x"],
    status: 2,
    says: /x fits several requests: a\/x, b\/x/
  },
  {
    name: "a place that is none, before anything is sent",
    args: ["send", "GET", "/", "--pick", "headr.x"],
    status: 2,
    says: /headr\.x is not a place/
  }
];
for (const { name, files = {}, args, status, says } of cases) {
  test(`${name}: status ${status}`, async () => {
    const cwd = collectionOf(files);
    const before = everyFile(cwd).length;
    const ended = await echoTrail(args, { cwd });
    assert.equal(ended.status, status, ended.out + ended.err);
    assert.match(ended.err, says);
    assert.equal(ended.out, "");
    assert.doesNotMatch(ended.err, /^\s+at (?:.*\()?(?:file|node):/m);
    const left = everyFile(cwd).filter(({ path }) => !path.includes("/echoes/") && !path.includes("/schemas/"));
    assert.equal(left.length, before, left.map(({ path }) => path).join("\n"));
    const errorLines = ended.err.split("\n").filter((line) => /^(?:error|at|cause|try)\b/.test(line));
    assert.ok(errorLines.length >= 1 && errorLines.length <= 4, ended.err);
  });
}
var answers = [
  [
    "a reply that is not the JSON it claims to be",
    () => answerOf("<html>busy</html>"),
    /says application\/json, but is not JSON[\s\S]*begins with "<html>busy/,
    /<html>busy<\/html>/
  ],
  [
    "a reply cut short",
    (_head, socket) => void socket.end("HTTP/1.1 200 OK\r\ncontent-type: text/plain\r\ncontent-length: 99\r\n\r\nthe first half"),
    /cut short: 14 bytes came of 99 announced/,
    /the first half/
  ],
  ["a reply that is not HTTP", () => "hello\r\n\r\n", /not HTTP/, /trouble/],
  ["a reply that never comes", () => void 0, /no complete answer within/, /trouble/]
];
for (const [name, answer, says, recorded] of answers) {
  test(`${name}: status 3, and what did arrive is in the echo`, async () => {
    const server = await rawServer(answer);
    const cwd = collectionOf(
      { "requests/x.yaml": "url: ${origin}/\ntimeout: {total: 500ms}\nexpect: {status: 200}\n" },
      server.origin
    );
    const ended = await echoTrail(["send", "x"], { cwd });
    assert.equal(ended.status, 3, ended.err);
    assert.match(ended.err, says);
    assert.match((await echoTrail(["echo", "show"], { cwd })).out, recorded);
    await server.close();
  });
}
test("with --json an error is a document on standard error", async () => {
  const cwd = collectionOf({ "requests/x.yaml": "url: ${orgin}/\n" });
  const { err, status } = await echoTrail(["send", "x", "--json"], { cwd });
  assert.equal(status, 2);
  const { error } = JSON.parse(err);
  assert.deepEqual(
    [error.code, error.where, error.remedy],
    ["unknown-name", { file: "requests/x.yaml", line: 1, column: 6 }, "did you mean origin?"]
  );
});
test("with colours an error is as readable as without", async () => {
  const cwd = collectionOf({ "requests/x.yaml": "url: ${orgin}/\n" });
  const { err } = await echoTrail(["send", "x"], { cwd, env: { FORCE_COLOR: "1" } });
  assert.ok(err.includes("\x1B[31m"), "it is coloured");
  assert.doesNotMatch(err, /\\u001b/);
  assert.match(
    stripVTControlCharacters(err),
    /^error {2}the name orgin is not known here\nat {5}requests\/x\.yaml:1:6\n/
  );
});
test("a symbolic link does not lead out of the collection", async () => {
  const { symlinkSync } = await import("node:fs");
  const cwd = collectionOf({
    "requests/x.yaml": "url: ${origin}/\nmethod: POST\nbody: {text: \"${file('data/link') | text}\"}\n"
  });
  writeIn(cwd, "data/other.txt", "x");
  symlinkSync("/etc/hostname", `${cwd}/data/link`);
  const { err, status } = await echoTrail(["send", "x"], { cwd });
  assert.equal(status, 2);
  assert.match(err, /outside the collection/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL2JhZC1pbnB1dC50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogV2hhdCBiYWQgaW5wdXQgZ2V0czogYSBjbGVhciBlcnJvciwgdGhlIHJpZ2h0IGV4aXQgc3RhdHVzLCBubyBzdGFjayB0cmFjZSwgbm90aGluZyBoYWxmLXdyaXR0ZW4uICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyBjcmVhdGVTZXJ2ZXIgfSBmcm9tICdub2RlOm5ldCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IHN0cmlwVlRDb250cm9sQ2hhcmFjdGVycyB9IGZyb20gJ25vZGU6dXRpbCc7XG5pbXBvcnQgeyBjb2xsZWN0aW9uT2YsIGV2ZXJ5RmlsZSwgd3JpdGVJbiB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGVjaG9UcmFpbCB9IGZyb20gJy4uL3N1cHBvcnQvcHJvZ3JhbS5qcyc7XG5pbXBvcnQgeyBhbnN3ZXJPZiwgcmF3U2VydmVyIH0gZnJvbSAnLi4vc3VwcG9ydC9yYXctc2VydmVyLmpzJztcblxuY29uc3QgeyBwb3J0OiBjbG9zZWRQb3J0LCBjbG9zZSB9ID0gYXdhaXQgbmV3IFByb21pc2U8eyBwb3J0OiBudW1iZXI7IGNsb3NlOiAoKSA9PiB2b2lkIH0+KChyZXNvbHZlKSA9PiB7XG4gIGNvbnN0IHNlcnZlciA9IGNyZWF0ZVNlcnZlcigpO1xuICBzZXJ2ZXIubGlzdGVuKDAsICcxMjcuMC4wLjEnLCAoKSA9PlxuICAgIHJlc29sdmUoeyBwb3J0OiAoc2VydmVyLmFkZHJlc3MoKSBhcyB7IHBvcnQ6IG51bWJlciB9KS5wb3J0LCBjbG9zZTogKCkgPT4gc2VydmVyLmNsb3NlKCkgfSksXG4gICk7XG59KTtcbmNsb3NlKCk7XG5cbmludGVyZmFjZSBCYWQge1xuICByZWFkb25seSBuYW1lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGZpbGVzPzogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nPj47XG4gIHJlYWRvbmx5IGFyZ3M6IHJlYWRvbmx5IHN0cmluZ1tdO1xuICByZWFkb25seSBzdGF0dXM6IG51bWJlcjtcbiAgcmVhZG9ubHkgc2F5czogUmVnRXhwO1xufVxuXG5jb25zdCBjYXNlczogcmVhZG9ubHkgQmFkW10gPSBbXG4gIHtcbiAgICBuYW1lOiAnYSBtYWxmb3JtZWQgWUFNTCBmaWxlJyxcbiAgICBmaWxlczogeyAncmVxdWVzdHMveC55YW1sJzogJ3VybDogXCIke29yaWdpbn1cXG5xdWVyeToge1xcbicgfSxcbiAgICBhcmdzOiBbJ3NlbmQnLCAneCddLFxuICAgIHN0YXR1czogMixcbiAgICBzYXlzOiAvcmVxdWVzdHNcXC94XFwueWFtbDpcXGQrOlxcZCsvLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2FuIHVucXVvdGVkICR7IGluIGJyYWNlcycsXG4gICAgZmlsZXM6IHsgJ3JlcXVlc3RzL3gueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9cXG5xdWVyeToge2E6ICR7b3JpZ2lufX1cXG4nIH0sXG4gICAgYXJnczogWydzZW5kJywgJ3gnXSxcbiAgICBzdGF0dXM6IDIsXG4gICAgc2F5czogL3hcXC55YW1sOjI6XFxkK1tcXHNcXFNdKm5lZWRzIHF1b3Rlcy8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYW4gdW5xdW90ZWQgeycsXG4gICAgZmlsZXM6IHsgJ3JlcXVlc3RzL3gueWFtbCc6ICd1cmw6IHtvcmlnaW59L3hcXG4nIH0sXG4gICAgYXJnczogWydzZW5kJywgJ3gnXSxcbiAgICBzdGF0dXM6IDIsXG4gICAgc2F5czogL2JlZ2lucyB3aXRoIFxce1tcXHNcXFNdKnF1b3Rlcy8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYW4gdW5rbm93biBrZXknLFxuICAgIGZpbGVzOiB7ICdyZXF1ZXN0cy94LnlhbWwnOiAndXJsOiAke29yaWdpbn0vXFxuaGVhZHJzOiB7fVxcbicgfSxcbiAgICBhcmdzOiBbJ3ByZXZpZXcnLCAneCddLFxuICAgIHN0YXR1czogMixcbiAgICBzYXlzOiAvaGVhZHJzIGlzIG5vdCBhIGtleVtcXHNcXFNdKnhcXC55YW1sOjI6MVtcXHNcXFNdKmRpZCB5b3UgbWVhbiBoZWFkZXJzLyxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdhIHdyb25nIHR5cGUnLFxuICAgIGZpbGVzOiB7ICdyZXF1ZXN0cy94LnlhbWwnOiAndXJsOiAke29yaWdpbn0vXFxua2VlcDogW2FdXFxuJyB9LFxuICAgIGFyZ3M6IFsnc2VuZCcsICd4J10sXG4gICAgc3RhdHVzOiAyLFxuICAgIHNheXM6IC9rZWVwIG11c3QgYmUgYSBtYXAgb2YgbmFtZXMsIG5vdCBhIGxpc3RbXFxzXFxTXSp4XFwueWFtbDoyOjcvLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2EgYnJva2VuIG1hbmlmZXN0JyxcbiAgICBmaWxlczogeyAnZWNoby10cmFpbC55YW1sJzogJ25tZTogeFxcbicgfSxcbiAgICBhcmdzOiBbJ2xpc3QnXSxcbiAgICBzdGF0dXM6IDIsXG4gICAgc2F5czogL2VjaG8tdHJhaWxcXC55YW1sOjE6MXxuYW1lIGlzIG1pc3NpbmcvLFxuICB9LFxuICB7IG5hbWU6ICdhIHJlcXVlc3QgdGhhdCBpcyBub3QgdGhlcmUnLCBhcmdzOiBbJ3NlbmQnLCAnbm93aGVyZSddLCBzdGF0dXM6IDIsIHNheXM6IC90aGVyZSBpcyBubyByZXF1ZXN0IG5vd2hlcmUvIH0sXG4gIHtcbiAgICBuYW1lOiAnYSBmaWxlIHRoYXQgaXMgbm90IHRoZXJlJyxcbiAgICBmaWxlczogeyAncmVxdWVzdHMveC55YW1sJzogJ3VybDogJHtvcmlnaW59L1xcbm1ldGhvZDogUE9TVFxcbmJvZHk6IHt0ZXh0OiBcIiR7ZmlsZShcXCdkYXRhL25vLnR4dFxcJykgfCB0ZXh0fVwifVxcbicgfSxcbiAgICBhcmdzOiBbJ3NlbmQnLCAneCddLFxuICAgIHN0YXR1czogMixcbiAgICBzYXlzOiAvZGF0YVxcL25vXFwudHh0IGRvZXMgbm90IGV4aXN0LyxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdhIGZpbGUgb3V0c2lkZSB0aGUgY29sbGVjdGlvbicsXG4gICAgZmlsZXM6IHtcbiAgICAgICdyZXF1ZXN0cy94LnlhbWwnOiAndXJsOiAke29yaWdpbn0vXFxubWV0aG9kOiBQT1NUXFxuYm9keToge3RleHQ6IFwiJHtmaWxlKFxcJy4uLy4uL2V0Yy9ob3N0bmFtZVxcJykgfCB0ZXh0fVwifVxcbicsXG4gICAgfSxcbiAgICBhcmdzOiBbJ3NlbmQnLCAneCddLFxuICAgIHN0YXR1czogMixcbiAgICBzYXlzOiAvb3V0c2lkZSB0aGUgY29sbGVjdGlvbi8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAncm93cyBvdXRzaWRlIHRoZSBjb2xsZWN0aW9uJyxcbiAgICBmaWxlczogeyAncmVxdWVzdHMveC55YW1sJzogJ3VybDogJHtvcmlnaW59L1xcbicsICd0cmFpbHMvdC55YW1sJzogJ3Jvd3M6IC4uL3Jvd3MuY3N2XFxuc3RlcHM6IFt7c2VuZDogeH1dXFxuJyB9LFxuICAgIGFyZ3M6IFsncnVuJywgJ3QnXSxcbiAgICBzdGF0dXM6IDIsXG4gICAgc2F5czogL291dHNpZGUgdGhlIGNvbGxlY3Rpb24vLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2EgZG9jdW1lbnRhdGlvbiBmaWxlIHRoYXQgaXMgbm90IHRoZXJlJyxcbiAgICBhcmdzOiBbJ2RvY3MnLCAnYWRkJywgJ25vLnlhbWwnXSxcbiAgICBzdGF0dXM6IDIsXG4gICAgc2F5czogL25vXFwueWFtbCBkb2VzIG5vdCBleGlzdC8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYSBicm9rZW4gT3BlbkFQSSBkb2N1bWVudCcsXG4gICAgZmlsZXM6IHsgJ2luL2gueWFtbCc6ICdvcGVuYXBpOiAzLjEuMFxcbnBhdGhzOiB7XFxuJyB9LFxuICAgIGFyZ3M6IFsnZG9jcycsICdhZGQnLCAnaW4vaC55YW1sJ10sXG4gICAgc3RhdHVzOiAyLFxuICAgIHNheXM6IC9ub3Qgd2VsbC1mb3JtZWQgWUFNTFtcXHNcXFNdKmhcXC55YW1sOlxcZCs6XFxkKy8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYSBkb2N1bWVudCB0aGF0IGlzIG5vbmUnLFxuICAgIGZpbGVzOiB7ICdpbi9oLmpzb24nOiAne1wiaGVsbG9cIjogMX0nIH0sXG4gICAgYXJnczogWydkb2NzJywgJ2FkZCcsICdpbi9oLmpzb24nXSxcbiAgICBzdGF0dXM6IDIsXG4gICAgc2F5czogL25vdCBhIGRvY3VtZW50IG9mIGEga25vd24gZm9ybWF0W1xcc1xcU10qa2V5cyBhcmUgaGVsbG8vLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2RvY3VtZW50YXRpb24gYXQgYSBjbG9zZWQgcG9ydCcsXG4gICAgYXJnczogWydkb2NzJywgJ2FkZCcsIGBodHRwOi8vMTI3LjAuMC4xOiR7Y2xvc2VkUG9ydH0vb3BlbmFwaS55YW1sYF0sXG4gICAgc3RhdHVzOiAzLFxuICAgIHNheXM6IC9yZWZ1c2VkIHRoZSBjb25uZWN0aW9uLyxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdhbiB1bmtub3duIG9wZXJhdGlvbicsXG4gICAgYXJnczogWydkcmFmdCcsICdoYXJib3VyL25vbmUnXSxcbiAgICBzdGF0dXM6IDIsXG4gICAgc2F5czogL25vIGRvY3VtZW50YXRpb24gc291cmNlIGRlc2NyaWJlcy8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYSByZWZ1c2VkIGNvbm5lY3Rpb24nLFxuICAgIGFyZ3M6IFsnc2VuZCcsICdHRVQnLCBgaHR0cDovLzEyNy4wLjAuMToke2Nsb3NlZFBvcnR9L2BdLFxuICAgIHN0YXR1czogMyxcbiAgICBzYXlzOiAvcmVmdXNlZCB0aGUgY29ubmVjdGlvbiBvbiBwb3J0W1xcc1xcU10qYXQgezV9Y29ubmVjdGluZy8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYSBob3N0IG5hbWUgdGhhdCBkb2VzIG5vdCByZXNvbHZlJyxcbiAgICBhcmdzOiBbJ3NlbmQnLCAnR0VUJywgJ2h0dHA6Ly9uby1zdWNoLmxhcmtoYXZlbi5pbnZhbGlkLyddLFxuICAgIHN0YXR1czogMyxcbiAgICBzYXlzOiAvY291bGQgbm90IGJlIGxvb2tlZCB1cC8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYSBuYW1lIHRoYXQgbm8gbGF5ZXIga25vd3MnLFxuICAgIGZpbGVzOiB7ICdyZXF1ZXN0cy94LnlhbWwnOiAndXJsOiAke29yZ2lufS9cXG4nIH0sXG4gICAgYXJnczogWydzZW5kJywgJ3gnXSxcbiAgICBzdGF0dXM6IDIsXG4gICAgc2F5czogL25hbWUgb3JnaW4gaXMgbm90IGtub3duIGhlcmVbXFxzXFxTXSp4XFwueWFtbDoxOjZbXFxzXFxTXSpzZWFyY2hlZDogZW52aXJvbm1lbnQgc2FuZGJveCwgY29sbGVjdGlvbiB2YXJpYWJsZXNbXFxzXFxTXSpkaWQgeW91IG1lYW4gb3JpZ2luLyxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdhbiBhZGRyZXNzIHdpdGhvdXQgaHR0cCcsXG4gICAgYXJnczogWydzZW5kJywgJ0dFVCcsICdoYXJib3VyLmV4YW1wbGUveCddLFxuICAgIHN0YXR1czogMixcbiAgICBzYXlzOiAvbm90IGFuIGFic29sdXRlIGFkZHJlc3NbXFxzXFxTXSpodHRwLyxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdhbiBpbnB1dCBvZiB0aGUgd3JvbmcgdHlwZScsXG4gICAgZmlsZXM6IHsgJ3JlcXVlc3RzL3gueWFtbCc6ICdpbnB1dHM6IHtuOiB7dHlwZTogaW50ZWdlciwgYXQtbW9zdDogMTR9fVxcbnVybDogJHtvcmlnaW59L3tufVxcbicgfSxcbiAgICBhcmdzOiBbJ3NlbmQnLCAneCcsICctLXNldCcsICduPXR3byddLFxuICAgIHN0YXR1czogMixcbiAgICBzYXlzOiAvaW5wdXQgbiBvZiByZXF1ZXN0IHggY2Fubm90IGJlIFwidHdvXCJbXFxzXFxTXSp0eXBlIGludGVnZXIvLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2FuIGlucHV0IGJleW9uZCBpdHMgbGltaXQnLFxuICAgIGZpbGVzOiB7ICdyZXF1ZXN0cy94LnlhbWwnOiAnaW5wdXRzOiB7bjoge3R5cGU6IGludGVnZXIsIGF0LW1vc3Q6IDE0fX1cXG51cmw6ICR7b3JpZ2lufS97bn1cXG4nIH0sXG4gICAgYXJnczogWydzZW5kJywgJ3gnLCAnLS1zZXQnLCAnbj0xNSddLFxuICAgIHN0YXR1czogMixcbiAgICBzYXlzOiAvY2Fubm90IGJlIFwiMTVcIltcXHNcXFNdKmF0IG1vc3QgMTQvLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2EgbGluZSBicmVhayBpbiBhIGhlYWRlcicsXG4gICAgYXJnczogWydzZW5kJywgJ0dFVCcsICcvJywgJy0taGVhZGVyJywgJ1gtQTogYVxcbmInXSxcbiAgICBzdGF0dXM6IDIsXG4gICAgc2F5czogL1gtQSBob2xkcyBhIGxpbmUgYnJlYWsvLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2EgaGVhZGVyIHRoYXQgaXMgd3JpdHRlbiBhdCBzZW5kaW5nJyxcbiAgICBhcmdzOiBbJ3NlbmQnLCAnR0VUJywgJy8nLCAnLS1oZWFkZXInLCAnQ29udGVudC1MZW5ndGg6IDUnXSxcbiAgICBzdGF0dXM6IDIsXG4gICAgc2F5czogL25ldmVyIGJ5IGhhbmQvLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2FuIGVudmlyb25tZW50IHRoYXQgaXMgbm90IHRoZXJlJyxcbiAgICBhcmdzOiBbJ3NlbmQnLCAnR0VUJywgJy8nLCAnLS1lbnYnLCAnbGl2ZSddLFxuICAgIHN0YXR1czogNCxcbiAgICBzYXlzOiAvbm8gZW52aXJvbm1lbnQgbGl2ZS8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYSBzZXNzaW9uIHRoYXQgaXMgbm90IHRoZXJlJyxcbiAgICBhcmdzOiBbJ3NlbmQnLCAnR0VUJywgJy8nLCAnLS1zZXNzaW9uJywgJ2FnZW50J10sXG4gICAgc3RhdHVzOiA0LFxuICAgIHNheXM6IC9ubyBzZXNzaW9uIGFnZW50LyxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdhIHNob3J0IG5hbWUgdGhhdCBmaXRzIHNldmVyYWwnLFxuICAgIGZpbGVzOiB7ICdyZXF1ZXN0cy9hL3gueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9cXG4nLCAncmVxdWVzdHMvYi94LnlhbWwnOiAndXJsOiAke29yaWdpbn0vXFxuJyB9LFxuICAgIGFyZ3M6IFsnc2VuZCcsICd4J10sXG4gICAgc3RhdHVzOiAyLFxuICAgIHNheXM6IC94IGZpdHMgc2V2ZXJhbCByZXF1ZXN0czogYVxcL3gsIGJcXC94LyxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdhIHBsYWNlIHRoYXQgaXMgbm9uZSwgYmVmb3JlIGFueXRoaW5nIGlzIHNlbnQnLFxuICAgIGFyZ3M6IFsnc2VuZCcsICdHRVQnLCAnLycsICctLXBpY2snLCAnaGVhZHIueCddLFxuICAgIHN0YXR1czogMixcbiAgICBzYXlzOiAvaGVhZHJcXC54IGlzIG5vdCBhIHBsYWNlLyxcbiAgfSxcbl07XG5cbmZvciAoY29uc3QgeyBuYW1lLCBmaWxlcyA9IHt9LCBhcmdzLCBzdGF0dXMsIHNheXMgfSBvZiBjYXNlcykge1xuICB0ZXN0KGAke25hbWV9OiBzdGF0dXMgJHtzdGF0dXN9YCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihmaWxlcyk7XG4gICAgY29uc3QgYmVmb3JlID0gZXZlcnlGaWxlKGN3ZCkubGVuZ3RoO1xuICAgIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKGFyZ3MsIHsgY3dkIH0pO1xuICAgIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIHN0YXR1cywgZW5kZWQub3V0ICsgZW5kZWQuZXJyKTtcbiAgICBhc3NlcnQubWF0Y2goZW5kZWQuZXJyLCBzYXlzKTtcbiAgICBhc3NlcnQuZXF1YWwoZW5kZWQub3V0LCAnJyk7XG4gICAgYXNzZXJ0LmRvZXNOb3RNYXRjaChlbmRlZC5lcnIsIC9eXFxzK2F0ICg/Oi4qXFwoKT8oPzpmaWxlfG5vZGUpOi9tKTtcbiAgICBjb25zdCBsZWZ0ID0gZXZlcnlGaWxlKGN3ZCkuZmlsdGVyKCh7IHBhdGggfSkgPT4gIXBhdGguaW5jbHVkZXMoJy9lY2hvZXMvJykgJiYgIXBhdGguaW5jbHVkZXMoJy9zY2hlbWFzLycpKTtcbiAgICBhc3NlcnQuZXF1YWwobGVmdC5sZW5ndGgsIGJlZm9yZSwgbGVmdC5tYXAoKHsgcGF0aCB9KSA9PiBwYXRoKS5qb2luKCdcXG4nKSk7XG4gICAgY29uc3QgZXJyb3JMaW5lcyA9IGVuZGVkLmVyci5zcGxpdCgnXFxuJykuZmlsdGVyKChsaW5lKSA9PiAvXig/OmVycm9yfGF0fGNhdXNlfHRyeSlcXGIvLnRlc3QobGluZSkpO1xuICAgIGFzc2VydC5vayhlcnJvckxpbmVzLmxlbmd0aCA+PSAxICYmIGVycm9yTGluZXMubGVuZ3RoIDw9IDQsIGVuZGVkLmVycik7XG4gIH0pO1xufVxuXG5jb25zdCBhbnN3ZXJzOiByZWFkb25seSAocmVhZG9ubHkgW1xuICBuYW1lOiBzdHJpbmcsXG4gIGFuc3dlcjogUGFyYW1ldGVyczx0eXBlb2YgcmF3U2VydmVyPlswXSxcbiAgc2F5czogUmVnRXhwLFxuICBlY2hvOiBSZWdFeHAsXG5dKVtdID0gW1xuICBbXG4gICAgJ2EgcmVwbHkgdGhhdCBpcyBub3QgdGhlIEpTT04gaXQgY2xhaW1zIHRvIGJlJyxcbiAgICAoKSA9PiBhbnN3ZXJPZignPGh0bWw+YnVzeTwvaHRtbD4nKSxcbiAgICAvc2F5cyBhcHBsaWNhdGlvblxcL2pzb24sIGJ1dCBpcyBub3QgSlNPTltcXHNcXFNdKmJlZ2lucyB3aXRoIFwiPGh0bWw+YnVzeS8sXG4gICAgLzxodG1sPmJ1c3k8XFwvaHRtbD4vLFxuICBdLFxuICBbXG4gICAgJ2EgcmVwbHkgY3V0IHNob3J0JyxcbiAgICAoX2hlYWQsIHNvY2tldCkgPT5cbiAgICAgIHZvaWQgc29ja2V0LmVuZCgnSFRUUC8xLjEgMjAwIE9LXFxyXFxuY29udGVudC10eXBlOiB0ZXh0L3BsYWluXFxyXFxuY29udGVudC1sZW5ndGg6IDk5XFxyXFxuXFxyXFxudGhlIGZpcnN0IGhhbGYnKSxcbiAgICAvY3V0IHNob3J0OiAxNCBieXRlcyBjYW1lIG9mIDk5IGFubm91bmNlZC8sXG4gICAgL3RoZSBmaXJzdCBoYWxmLyxcbiAgXSxcbiAgWydhIHJlcGx5IHRoYXQgaXMgbm90IEhUVFAnLCAoKSA9PiAnaGVsbG9cXHJcXG5cXHJcXG4nLCAvbm90IEhUVFAvLCAvdHJvdWJsZS9dLFxuICBbJ2EgcmVwbHkgdGhhdCBuZXZlciBjb21lcycsICgpID0+IHVuZGVmaW5lZCwgL25vIGNvbXBsZXRlIGFuc3dlciB3aXRoaW4vLCAvdHJvdWJsZS9dLFxuXTtcbmZvciAoY29uc3QgW25hbWUsIGFuc3dlciwgc2F5cywgcmVjb3JkZWRdIG9mIGFuc3dlcnMpIHtcbiAgdGVzdChgJHtuYW1lfTogc3RhdHVzIDMsIGFuZCB3aGF0IGRpZCBhcnJpdmUgaXMgaW4gdGhlIGVjaG9gLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKGFuc3dlcik7XG4gICAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgICAgeyAncmVxdWVzdHMveC55YW1sJzogJ3VybDogJHtvcmlnaW59L1xcbnRpbWVvdXQ6IHt0b3RhbDogNTAwbXN9XFxuZXhwZWN0OiB7c3RhdHVzOiAyMDB9XFxuJyB9LFxuICAgICAgc2VydmVyLm9yaWdpbixcbiAgICApO1xuICAgIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICd4J10sIHsgY3dkIH0pO1xuICAgIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDMsIGVuZGVkLmVycik7XG4gICAgYXNzZXJ0Lm1hdGNoKGVuZGVkLmVyciwgc2F5cyk7XG4gICAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ3Nob3cnXSwgeyBjd2QgfSkpLm91dCwgcmVjb3JkZWQpO1xuICAgIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xuICB9KTtcbn1cblxudGVzdCgnd2l0aCAtLWpzb24gYW4gZXJyb3IgaXMgYSBkb2N1bWVudCBvbiBzdGFuZGFyZCBlcnJvcicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHsgJ3JlcXVlc3RzL3gueWFtbCc6ICd1cmw6ICR7b3JnaW59L1xcbicgfSk7XG4gIGNvbnN0IHsgZXJyLCBzdGF0dXMgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAneCcsICctLWpzb24nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChzdGF0dXMsIDIpO1xuICBjb25zdCB7IGVycm9yIH0gPSBKU09OLnBhcnNlKGVycikgYXMgeyBlcnJvcjogeyBjb2RlOiBzdHJpbmc7IHdoZXJlOiBvYmplY3Q7IHJlbWVkeTogc3RyaW5nIH0gfTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBbZXJyb3IuY29kZSwgZXJyb3Iud2hlcmUsIGVycm9yLnJlbWVkeV0sXG4gICAgWyd1bmtub3duLW5hbWUnLCB7IGZpbGU6ICdyZXF1ZXN0cy94LnlhbWwnLCBsaW5lOiAxLCBjb2x1bW46IDYgfSwgJ2RpZCB5b3UgbWVhbiBvcmlnaW4/J10sXG4gICk7XG59KTtcblxudGVzdCgnd2l0aCBjb2xvdXJzIGFuIGVycm9yIGlzIGFzIHJlYWRhYmxlIGFzIHdpdGhvdXQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7ICdyZXF1ZXN0cy94LnlhbWwnOiAndXJsOiAke29yZ2lufS9cXG4nIH0pO1xuICBjb25zdCB7IGVyciB9ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICd4J10sIHsgY3dkLCBlbnY6IHsgRk9SQ0VfQ09MT1I6ICcxJyB9IH0pO1xuICBhc3NlcnQub2soZXJyLmluY2x1ZGVzKCdcXHUwMDFiWzMxbScpLCAnaXQgaXMgY29sb3VyZWQnKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChlcnIsIC9cXFxcdTAwMWIvKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIHN0cmlwVlRDb250cm9sQ2hhcmFjdGVycyhlcnIpLFxuICAgIC9eZXJyb3IgezJ9dGhlIG5hbWUgb3JnaW4gaXMgbm90IGtub3duIGhlcmVcXG5hdCB7NX1yZXF1ZXN0c1xcL3hcXC55YW1sOjE6Nlxcbi8sXG4gICk7XG59KTtcblxudGVzdCgnYSBzeW1ib2xpYyBsaW5rIGRvZXMgbm90IGxlYWQgb3V0IG9mIHRoZSBjb2xsZWN0aW9uJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IHN5bWxpbmtTeW5jIH0gPSBhd2FpdCBpbXBvcnQoJ25vZGU6ZnMnKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHtcbiAgICAncmVxdWVzdHMveC55YW1sJzogJ3VybDogJHtvcmlnaW59L1xcbm1ldGhvZDogUE9TVFxcbmJvZHk6IHt0ZXh0OiBcIiR7ZmlsZShcXCdkYXRhL2xpbmtcXCcpIHwgdGV4dH1cIn1cXG4nLFxuICB9KTtcbiAgd3JpdGVJbihjd2QsICdkYXRhL290aGVyLnR4dCcsICd4Jyk7XG4gIHN5bWxpbmtTeW5jKCcvZXRjL2hvc3RuYW1lJywgYCR7Y3dkfS9kYXRhL2xpbmtgKTtcbiAgY29uc3QgeyBlcnIsIHN0YXR1cyB9ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICd4J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKGVyciwgL291dHNpZGUgdGhlIGNvbGxlY3Rpb24vKTtcbn0pO1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsb0JBQW9CO0FBQzdCLFNBQVMsWUFBWTtBQUNyQixTQUFTLGdDQUFnQztBQUt6QyxJQUFNLEVBQUUsTUFBTSxZQUFZLE1BQU0sSUFBSSxNQUFNLElBQUksUUFBNkMsQ0FBQyxZQUFZO0FBQ3RHLFFBQU0sU0FBUyxhQUFhO0FBQzVCLFNBQU87QUFBQSxJQUFPO0FBQUEsSUFBRztBQUFBLElBQWEsTUFDNUIsUUFBUSxFQUFFLE1BQU8sT0FBTyxRQUFRLEVBQXVCLE1BQU0sT0FBTyxNQUFNLE9BQU8sTUFBTSxFQUFFLENBQUM7QUFBQSxFQUM1RjtBQUNGLENBQUM7QUFDRCxNQUFNO0FBVU4sSUFBTSxRQUF3QjtBQUFBLEVBQzVCO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPLEVBQUUsbUJBQW1CLDhCQUE4QjtBQUFBLElBQzFELE1BQU0sQ0FBQyxRQUFRLEdBQUc7QUFBQSxJQUNsQixRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU8sRUFBRSxtQkFBbUIsMkNBQTJDO0FBQUEsSUFDdkUsTUFBTSxDQUFDLFFBQVEsR0FBRztBQUFBLElBQ2xCLFFBQVE7QUFBQSxJQUNSLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTyxFQUFFLG1CQUFtQixvQkFBb0I7QUFBQSxJQUNoRCxNQUFNLENBQUMsUUFBUSxHQUFHO0FBQUEsSUFDbEIsUUFBUTtBQUFBLElBQ1IsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPLEVBQUUsbUJBQW1CLGdDQUFnQztBQUFBLElBQzVELE1BQU0sQ0FBQyxXQUFXLEdBQUc7QUFBQSxJQUNyQixRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU8sRUFBRSxtQkFBbUIsK0JBQStCO0FBQUEsSUFDM0QsTUFBTSxDQUFDLFFBQVEsR0FBRztBQUFBLElBQ2xCLFFBQVE7QUFBQSxJQUNSLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTyxFQUFFLG1CQUFtQixXQUFXO0FBQUEsSUFDdkMsTUFBTSxDQUFDLE1BQU07QUFBQSxJQUNiLFFBQVE7QUFBQSxJQUNSLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQSxFQUFFLE1BQU0sK0JBQStCLE1BQU0sQ0FBQyxRQUFRLFNBQVMsR0FBRyxRQUFRLEdBQUcsTUFBTSw4QkFBOEI7QUFBQSxFQUNqSDtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTyxFQUFFLG1CQUFtQixtRkFBbUY7QUFBQSxJQUMvRyxNQUFNLENBQUMsUUFBUSxHQUFHO0FBQUEsSUFDbEIsUUFBUTtBQUFBLElBQ1IsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsTUFDTCxtQkFBbUI7QUFBQSxJQUNyQjtBQUFBLElBQ0EsTUFBTSxDQUFDLFFBQVEsR0FBRztBQUFBLElBQ2xCLFFBQVE7QUFBQSxJQUNSLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTyxFQUFFLG1CQUFtQixxQkFBcUIsaUJBQWlCLDBDQUEwQztBQUFBLElBQzVHLE1BQU0sQ0FBQyxPQUFPLEdBQUc7QUFBQSxJQUNqQixRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE1BQU0sQ0FBQyxRQUFRLE9BQU8sU0FBUztBQUFBLElBQy9CLFFBQVE7QUFBQSxJQUNSLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTyxFQUFFLGFBQWEsNkJBQTZCO0FBQUEsSUFDbkQsTUFBTSxDQUFDLFFBQVEsT0FBTyxXQUFXO0FBQUEsSUFDakMsUUFBUTtBQUFBLElBQ1IsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPLEVBQUUsYUFBYSxlQUFlO0FBQUEsSUFDckMsTUFBTSxDQUFDLFFBQVEsT0FBTyxXQUFXO0FBQUEsSUFDakMsUUFBUTtBQUFBLElBQ1IsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixNQUFNLENBQUMsUUFBUSxPQUFPLG9CQUFvQixVQUFVLGVBQWU7QUFBQSxJQUNuRSxRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE1BQU0sQ0FBQyxTQUFTLGNBQWM7QUFBQSxJQUM5QixRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE1BQU0sQ0FBQyxRQUFRLE9BQU8sb0JBQW9CLFVBQVUsR0FBRztBQUFBLElBQ3ZELFFBQVE7QUFBQSxJQUNSLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sTUFBTSxDQUFDLFFBQVEsT0FBTyxtQ0FBbUM7QUFBQSxJQUN6RCxRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU8sRUFBRSxtQkFBbUIsbUJBQW1CO0FBQUEsSUFDL0MsTUFBTSxDQUFDLFFBQVEsR0FBRztBQUFBLElBQ2xCLFFBQVE7QUFBQSxJQUNSLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sTUFBTSxDQUFDLFFBQVEsT0FBTyxtQkFBbUI7QUFBQSxJQUN6QyxRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU8sRUFBRSxtQkFBbUIsa0VBQWtFO0FBQUEsSUFDOUYsTUFBTSxDQUFDLFFBQVEsS0FBSyxTQUFTLE9BQU87QUFBQSxJQUNwQyxRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU8sRUFBRSxtQkFBbUIsa0VBQWtFO0FBQUEsSUFDOUYsTUFBTSxDQUFDLFFBQVEsS0FBSyxTQUFTLE1BQU07QUFBQSxJQUNuQyxRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE1BQU0sQ0FBQyxRQUFRLE9BQU8sS0FBSyxZQUFZLFdBQVc7QUFBQSxJQUNsRCxRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE1BQU0sQ0FBQyxRQUFRLE9BQU8sS0FBSyxZQUFZLG1CQUFtQjtBQUFBLElBQzFELFFBQVE7QUFBQSxJQUNSLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sTUFBTSxDQUFDLFFBQVEsT0FBTyxLQUFLLFNBQVMsTUFBTTtBQUFBLElBQzFDLFFBQVE7QUFBQSxJQUNSLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sTUFBTSxDQUFDLFFBQVEsT0FBTyxLQUFLLGFBQWEsT0FBTztBQUFBLElBQy9DLFFBQVE7QUFBQSxJQUNSLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTyxFQUFFLHFCQUFxQixxQkFBcUIscUJBQXFCLG9CQUFvQjtBQUFBLElBQzVGLE1BQU0sQ0FBQyxRQUFRLEdBQUc7QUFBQSxJQUNsQixRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE1BQU0sQ0FBQyxRQUFRLE9BQU8sS0FBSyxVQUFVLFNBQVM7QUFBQSxJQUM5QyxRQUFRO0FBQUEsSUFDUixNQUFNO0FBQUEsRUFDUjtBQUNGO0FBRUEsV0FBVyxFQUFFLE1BQU0sUUFBUSxDQUFDLEdBQUcsTUFBTSxRQUFRLEtBQUssS0FBSyxPQUFPO0FBQzVELE9BQUssR0FBRyxJQUFJLFlBQVksTUFBTSxJQUFJLFlBQVk7QUFDNUMsVUFBTSxNQUFNLGFBQWEsS0FBSztBQUM5QixVQUFNLFNBQVMsVUFBVSxHQUFHLEVBQUU7QUFDOUIsVUFBTSxRQUFRLE1BQU0sVUFBVSxNQUFNLEVBQUUsSUFBSSxDQUFDO0FBQzNDLFdBQU8sTUFBTSxNQUFNLFFBQVEsUUFBUSxNQUFNLE1BQU0sTUFBTSxHQUFHO0FBQ3hELFdBQU8sTUFBTSxNQUFNLEtBQUssSUFBSTtBQUM1QixXQUFPLE1BQU0sTUFBTSxLQUFLLEVBQUU7QUFDMUIsV0FBTyxhQUFhLE1BQU0sS0FBSyxpQ0FBaUM7QUFDaEUsVUFBTSxPQUFPLFVBQVUsR0FBRyxFQUFFLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxDQUFDLEtBQUssU0FBUyxVQUFVLEtBQUssQ0FBQyxLQUFLLFNBQVMsV0FBVyxDQUFDO0FBQzFHLFdBQU8sTUFBTSxLQUFLLFFBQVEsUUFBUSxLQUFLLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDekUsVUFBTSxhQUFhLE1BQU0sSUFBSSxNQUFNLElBQUksRUFBRSxPQUFPLENBQUMsU0FBUyw0QkFBNEIsS0FBSyxJQUFJLENBQUM7QUFDaEcsV0FBTyxHQUFHLFdBQVcsVUFBVSxLQUFLLFdBQVcsVUFBVSxHQUFHLE1BQU0sR0FBRztBQUFBLEVBQ3ZFLENBQUM7QUFDSDtBQUVBLElBQU0sVUFLQztBQUFBLEVBQ0w7QUFBQSxJQUNFO0FBQUEsSUFDQSxNQUFNLFNBQVMsbUJBQW1CO0FBQUEsSUFDbEM7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQSxDQUFDLE9BQU8sV0FDTixLQUFLLE9BQU8sSUFBSSx5RkFBeUY7QUFBQSxJQUMzRztBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLDRCQUE0QixNQUFNLGlCQUFpQixZQUFZLFNBQVM7QUFBQSxFQUN6RSxDQUFDLDRCQUE0QixNQUFNLFFBQVcsNkJBQTZCLFNBQVM7QUFDdEY7QUFDQSxXQUFXLENBQUMsTUFBTSxRQUFRLE1BQU0sUUFBUSxLQUFLLFNBQVM7QUFDcEQsT0FBSyxHQUFHLElBQUksa0RBQWtELFlBQVk7QUFDeEUsVUFBTSxTQUFTLE1BQU0sVUFBVSxNQUFNO0FBQ3JDLFVBQU0sTUFBTTtBQUFBLE1BQ1YsRUFBRSxtQkFBbUIsb0VBQW9FO0FBQUEsTUFDekYsT0FBTztBQUFBLElBQ1Q7QUFDQSxVQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDcEQsV0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxXQUFPLE1BQU0sTUFBTSxLQUFLLElBQUk7QUFDNUIsV0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsS0FBSyxRQUFRO0FBQ3ZFLFVBQU0sT0FBTyxNQUFNO0FBQUEsRUFDckIsQ0FBQztBQUNIO0FBRUEsS0FBSyx3REFBd0QsWUFBWTtBQUN2RSxRQUFNLE1BQU0sYUFBYSxFQUFFLG1CQUFtQixtQkFBbUIsQ0FBQztBQUNsRSxRQUFNLEVBQUUsS0FBSyxPQUFPLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxLQUFLLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUN4RSxTQUFPLE1BQU0sUUFBUSxDQUFDO0FBQ3RCLFFBQU0sRUFBRSxNQUFNLElBQUksS0FBSyxNQUFNLEdBQUc7QUFDaEMsU0FBTztBQUFBLElBQ0wsQ0FBQyxNQUFNLE1BQU0sTUFBTSxPQUFPLE1BQU0sTUFBTTtBQUFBLElBQ3RDLENBQUMsZ0JBQWdCLEVBQUUsTUFBTSxtQkFBbUIsTUFBTSxHQUFHLFFBQVEsRUFBRSxHQUFHLHNCQUFzQjtBQUFBLEVBQzFGO0FBQ0YsQ0FBQztBQUVELEtBQUssbURBQW1ELFlBQVk7QUFDbEUsUUFBTSxNQUFNLGFBQWEsRUFBRSxtQkFBbUIsbUJBQW1CLENBQUM7QUFDbEUsUUFBTSxFQUFFLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLEdBQUcsR0FBRyxFQUFFLEtBQUssS0FBSyxFQUFFLGFBQWEsSUFBSSxFQUFFLENBQUM7QUFDakYsU0FBTyxHQUFHLElBQUksU0FBUyxVQUFZLEdBQUcsZ0JBQWdCO0FBQ3RELFNBQU8sYUFBYSxLQUFLLFNBQVM7QUFDbEMsU0FBTztBQUFBLElBQ0wseUJBQXlCLEdBQUc7QUFBQSxJQUM1QjtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsS0FBSyx1REFBdUQsWUFBWTtBQUN0RSxRQUFNLEVBQUUsWUFBWSxJQUFJLE1BQU0sT0FBTyxTQUFTO0FBQzlDLFFBQU0sTUFBTSxhQUFhO0FBQUEsSUFDdkIsbUJBQW1CO0FBQUEsRUFDckIsQ0FBQztBQUNELFVBQVEsS0FBSyxrQkFBa0IsR0FBRztBQUNsQyxjQUFZLGlCQUFpQixHQUFHLEdBQUcsWUFBWTtBQUMvQyxRQUFNLEVBQUUsS0FBSyxPQUFPLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDOUQsU0FBTyxNQUFNLFFBQVEsQ0FBQztBQUN0QixTQUFPLE1BQU0sS0FBSyx3QkFBd0I7QUFDNUMsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
