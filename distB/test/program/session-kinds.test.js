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
  echoTrail
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/session-kinds.test.ts
import assert from "node:assert/strict";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
var { origin, credentials } = await harbourForThisFile();
var env = { ECHO_TRAIL_SECRET_DESK: credentials.password, ECHO_TRAIL_SECRET_VAULT: "gull-rock-lantern-77" };
var sessions = {
  "sessions/basic.yaml": "kind: basic\nuser: agent\npassword: ${secret.desk}\n",
  "sessions/digest.yaml": "kind: digest\nuser: agent\npassword: ${secret.desk}\n",
  "sessions/header.yaml": "kind: api-key\nkey: ${secret.vault}\nheader: X-Vault-Key\n",
  "sessions/query.yaml": "kind: api-key\nkey: ${secret.vault}\nquery: key\n",
  "sessions/cookie.yaml": "kind: api-key\nkey: ${secret.vault}\ncookie: key\n"
};
function collection(files = {}) {
  const cwd = collectionOf({ ...sessions, ...files }, origin);
  return (...args) => echoTrail(args, { cwd, env });
}
for (const [session, path] of [
  ["basic", "/vault/basic"],
  ["digest", "/vault/digest"],
  ["digest", "/vault/digest?layer=depths&unit=m"],
  ["header", "/vault/key"],
  ["query", "/vault/key"],
  ["cookie", "/vault/key"]
]) {
  test(`${session} opens ${path}, and nothing of it is shown or recorded`, async () => {
    const run = collection();
    const sent = await run("send", "GET", path, "--session", session);
    assert.equal(sent.status, 0, sent.err);
    assert.match(sent.out, /Approaches to Larkhaven/);
    const shown = await run("echo", "show");
    for (const { out, err } of [sent, shown])
      assert.doesNotMatch(out + err, /tidewater|gull-rock|YWdlbnQ6/, "no password, no key, no user with password");
    assert.equal((await run("send", "GET", path, "--session", "none")).status, 1);
  });
}
test("a key in the query of an address that leads on stands in no record", async () => {
  const server = await rawServer(
    (head) => head.startsWith("GET /old") ? answerOf("", { status: "302 Found", headers: ["location: /new"] }) : answerOf("{}")
  );
  const cwd = collectionOf(sessions, server.origin);
  const { status, err } = await echoTrail(["send", "GET", "/old", "--session", "query"], { cwd, env });
  assert.equal(status, 0, err);
  assert.match(server.received.join(""), /GET \/old\?key=gull-rock/);
  const folder = join(cwd, ".echo-trail/echoes");
  const files = readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((name) => name.endsWith(".jsonl"));
  const recorded = files.map((name) => readFileSync(join(folder, name), "utf8")).join("");
  assert.match(recorded, /"status":302/);
  assert.doesNotMatch(recorded + err, /gull-rock/);
  await server.close();
});
test("digest counts on with one nonce, and takes the next where that ended", async () => {
  const run = collection({
    "requests/chart.yaml": "url: ${origin}/vault/digest\nsession: digest\nexpect: {status: 200}\n",
    "trails/five.yaml": `steps:
${"  - send: chart\n".repeat(5)}`
  });
  const { status, out } = await run("run", "five");
  assert.equal(status, 0, out);
});
for (const [file, wrong] of [
  ['kind: basic\nuser: "a:b"\npassword: x\n', /the user holds a colon/],
  ['kind: basic\nuser: a\npassword: "x\\ny"\n', /the password holds a line break/],
  [`kind: basic
user: a
password: "'x'"
`, /begins and ends with quotes/],
  ["kind: api-key\nkey: x\n", /not one of header, query and cookie/],
  ['kind: api-key\nkey: ""\nheader: X-Key\n', /the key of the session wrong cannot be sent: it is empty/],
  ['kind: api-key\nkey: "Bearer x"\nheader: X-Key\n', /begins with the word Bearer/],
  ["kind: digest\nuser: agent\n", /password is missing/],
  [
    "kind: basik\nuser: a\n",
    /kind cannot be the text basik[\s\S]*did you mean basic\? allowed: bearer, login, basic, digest, api-key/
  ],
  ["user: a\n", /kind is missing[\s\S]*allowed: bearer/]
]) {
  test(`a session that cannot be sent is explained: ${wrong.source}`, async () => {
    const run = collection({ "sessions/wrong.yaml": file });
    const { status, err } = await run("send", "GET", "/vault/key", "--session", "wrong");
    assert.ok(status === 4 || status === 2, String(status));
    assert.match(err, wrong);
  });
}
test("a wrong password is refused once, and not tried again and again", async () => {
  const run = collection({ "sessions/wrong.yaml": "kind: digest\nuser: agent\npassword: guess\n" });
  const { status, out } = await run("send", "GET", "/vault/digest", "--session", "wrong");
  assert.equal(status, 1);
  assert.match(out, /the proof is wrong/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3Nlc3Npb24ta2luZHMudGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFRoZSBraW5kcyBvZiBzZXNzaW9ucyBhZ2FpbnN0IHRoZSBzdGFuZC1pbidzIHZhdWx0LiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgcmVhZGRpclN5bmMsIHJlYWRGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgam9pbiB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IGNvbGxlY3Rpb25PZiB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IHR5cGUgRW5kZWQsIGVjaG9UcmFpbCB9IGZyb20gJy4uL3N1cHBvcnQvcHJvZ3JhbS5qcyc7XG5pbXBvcnQgeyBhbnN3ZXJPZiwgcmF3U2VydmVyIH0gZnJvbSAnLi4vc3VwcG9ydC9yYXctc2VydmVyLmpzJztcbmltcG9ydCB7IGhhcmJvdXJGb3JUaGlzRmlsZSB9IGZyb20gJy4uL3N1cHBvcnQvc3RhbmRpbi5qcyc7XG5cbmNvbnN0IHsgb3JpZ2luLCBjcmVkZW50aWFscyB9ID0gYXdhaXQgaGFyYm91ckZvclRoaXNGaWxlKCk7XG5jb25zdCBlbnYgPSB7IEVDSE9fVFJBSUxfU0VDUkVUX0RFU0s6IGNyZWRlbnRpYWxzLnBhc3N3b3JkLCBFQ0hPX1RSQUlMX1NFQ1JFVF9WQVVMVDogJ2d1bGwtcm9jay1sYW50ZXJuLTc3JyB9O1xuXG5jb25zdCBzZXNzaW9ucyA9IHtcbiAgJ3Nlc3Npb25zL2Jhc2ljLnlhbWwnOiAna2luZDogYmFzaWNcXG51c2VyOiBhZ2VudFxcbnBhc3N3b3JkOiAke3NlY3JldC5kZXNrfVxcbicsXG4gICdzZXNzaW9ucy9kaWdlc3QueWFtbCc6ICdraW5kOiBkaWdlc3RcXG51c2VyOiBhZ2VudFxcbnBhc3N3b3JkOiAke3NlY3JldC5kZXNrfVxcbicsXG4gICdzZXNzaW9ucy9oZWFkZXIueWFtbCc6ICdraW5kOiBhcGkta2V5XFxua2V5OiAke3NlY3JldC52YXVsdH1cXG5oZWFkZXI6IFgtVmF1bHQtS2V5XFxuJyxcbiAgJ3Nlc3Npb25zL3F1ZXJ5LnlhbWwnOiAna2luZDogYXBpLWtleVxcbmtleTogJHtzZWNyZXQudmF1bHR9XFxucXVlcnk6IGtleVxcbicsXG4gICdzZXNzaW9ucy9jb29raWUueWFtbCc6ICdraW5kOiBhcGkta2V5XFxua2V5OiAke3NlY3JldC52YXVsdH1cXG5jb29raWU6IGtleVxcbicsXG59O1xuXG5mdW5jdGlvbiBjb2xsZWN0aW9uKGZpbGVzOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+PiA9IHt9KTogKC4uLmFyZ3M6IHN0cmluZ1tdKSA9PiBQcm9taXNlPEVuZGVkPiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7IC4uLnNlc3Npb25zLCAuLi5maWxlcyB9LCBvcmlnaW4pO1xuICByZXR1cm4gKC4uLmFyZ3MpID0+IGVjaG9UcmFpbChhcmdzLCB7IGN3ZCwgZW52IH0pO1xufVxuXG5mb3IgKGNvbnN0IFtzZXNzaW9uLCBwYXRoXSBvZiBbXG4gIFsnYmFzaWMnLCAnL3ZhdWx0L2Jhc2ljJ10sXG4gIFsnZGlnZXN0JywgJy92YXVsdC9kaWdlc3QnXSxcbiAgWydkaWdlc3QnLCAnL3ZhdWx0L2RpZ2VzdD9sYXllcj1kZXB0aHMmdW5pdD1tJ10sXG4gIFsnaGVhZGVyJywgJy92YXVsdC9rZXknXSxcbiAgWydxdWVyeScsICcvdmF1bHQva2V5J10sXG4gIFsnY29va2llJywgJy92YXVsdC9rZXknXSxcbl0gYXMgY29uc3QpIHtcbiAgdGVzdChgJHtzZXNzaW9ufSBvcGVucyAke3BhdGh9LCBhbmQgbm90aGluZyBvZiBpdCBpcyBzaG93biBvciByZWNvcmRlZGAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCBydW4gPSBjb2xsZWN0aW9uKCk7XG4gICAgY29uc3Qgc2VudCA9IGF3YWl0IHJ1bignc2VuZCcsICdHRVQnLCBwYXRoLCAnLS1zZXNzaW9uJywgc2Vzc2lvbik7XG4gICAgYXNzZXJ0LmVxdWFsKHNlbnQuc3RhdHVzLCAwLCBzZW50LmVycik7XG4gICAgYXNzZXJ0Lm1hdGNoKHNlbnQub3V0LCAvQXBwcm9hY2hlcyB0byBMYXJraGF2ZW4vKTtcbiAgICBjb25zdCBzaG93biA9IGF3YWl0IHJ1bignZWNobycsICdzaG93Jyk7XG4gICAgZm9yIChjb25zdCB7IG91dCwgZXJyIH0gb2YgW3NlbnQsIHNob3duXSlcbiAgICAgIGFzc2VydC5kb2VzTm90TWF0Y2gob3V0ICsgZXJyLCAvdGlkZXdhdGVyfGd1bGwtcm9ja3xZV2RsYm5RNi8sICdubyBwYXNzd29yZCwgbm8ga2V5LCBubyB1c2VyIHdpdGggcGFzc3dvcmQnKTtcbiAgICBhc3NlcnQuZXF1YWwoKGF3YWl0IHJ1bignc2VuZCcsICdHRVQnLCBwYXRoLCAnLS1zZXNzaW9uJywgJ25vbmUnKSkuc3RhdHVzLCAxKTtcbiAgfSk7XG59XG5cbnRlc3QoJ2Ega2V5IGluIHRoZSBxdWVyeSBvZiBhbiBhZGRyZXNzIHRoYXQgbGVhZHMgb24gc3RhbmRzIGluIG5vIHJlY29yZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKChoZWFkKSA9PlxuICAgIGhlYWQuc3RhcnRzV2l0aCgnR0VUIC9vbGQnKSA/IGFuc3dlck9mKCcnLCB7IHN0YXR1czogJzMwMiBGb3VuZCcsIGhlYWRlcnM6IFsnbG9jYXRpb246IC9uZXcnXSB9KSA6IGFuc3dlck9mKCd7fScpLFxuICApO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoc2Vzc2lvbnMsIHNlcnZlci5vcmlnaW4pO1xuICBjb25zdCB7IHN0YXR1cywgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvb2xkJywgJy0tc2Vzc2lvbicsICdxdWVyeSddLCB7IGN3ZCwgZW52IH0pO1xuICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAwLCBlcnIpO1xuICBhc3NlcnQubWF0Y2goc2VydmVyLnJlY2VpdmVkLmpvaW4oJycpLCAvR0VUIFxcL29sZFxcP2tleT1ndWxsLXJvY2svKTtcbiAgY29uc3QgZm9sZGVyID0gam9pbihjd2QsICcuZWNoby10cmFpbC9lY2hvZXMnKTtcbiAgY29uc3QgZmlsZXMgPSByZWFkZGlyU3luYyhmb2xkZXIsIHsgcmVjdXJzaXZlOiB0cnVlLCBlbmNvZGluZzogJ3V0ZjgnIH0pLmZpbHRlcigobmFtZSkgPT4gbmFtZS5lbmRzV2l0aCgnLmpzb25sJykpO1xuICBjb25zdCByZWNvcmRlZCA9IGZpbGVzLm1hcCgobmFtZSkgPT4gcmVhZEZpbGVTeW5jKGpvaW4oZm9sZGVyLCBuYW1lKSwgJ3V0ZjgnKSkuam9pbignJyk7XG4gIGFzc2VydC5tYXRjaChyZWNvcmRlZCwgL1wic3RhdHVzXCI6MzAyLyk7XG4gIGFzc2VydC5kb2VzTm90TWF0Y2gocmVjb3JkZWQgKyBlcnIsIC9ndWxsLXJvY2svKTtcbiAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG59KTtcblxudGVzdCgnZGlnZXN0IGNvdW50cyBvbiB3aXRoIG9uZSBub25jZSwgYW5kIHRha2VzIHRoZSBuZXh0IHdoZXJlIHRoYXQgZW5kZWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHJ1biA9IGNvbGxlY3Rpb24oe1xuICAgICdyZXF1ZXN0cy9jaGFydC55YW1sJzogJ3VybDogJHtvcmlnaW59L3ZhdWx0L2RpZ2VzdFxcbnNlc3Npb246IGRpZ2VzdFxcbmV4cGVjdDoge3N0YXR1czogMjAwfVxcbicsXG4gICAgJ3RyYWlscy9maXZlLnlhbWwnOiBgc3RlcHM6XFxuJHsnICAtIHNlbmQ6IGNoYXJ0XFxuJy5yZXBlYXQoNSl9YCxcbiAgfSk7XG4gIGNvbnN0IHsgc3RhdHVzLCBvdXQgfSA9IGF3YWl0IHJ1bigncnVuJywgJ2ZpdmUnKTtcbiAgYXNzZXJ0LmVxdWFsKHN0YXR1cywgMCwgb3V0KTtcbn0pO1xuXG5mb3IgKGNvbnN0IFtmaWxlLCB3cm9uZ10gb2YgW1xuICBbJ2tpbmQ6IGJhc2ljXFxudXNlcjogXCJhOmJcIlxcbnBhc3N3b3JkOiB4XFxuJywgL3RoZSB1c2VyIGhvbGRzIGEgY29sb24vXSxcbiAgWydraW5kOiBiYXNpY1xcbnVzZXI6IGFcXG5wYXNzd29yZDogXCJ4XFxcXG55XCJcXG4nLCAvdGhlIHBhc3N3b3JkIGhvbGRzIGEgbGluZSBicmVhay9dLFxuICBbJ2tpbmQ6IGJhc2ljXFxudXNlcjogYVxcbnBhc3N3b3JkOiBcIlxcJ3hcXCdcIlxcbicsIC9iZWdpbnMgYW5kIGVuZHMgd2l0aCBxdW90ZXMvXSxcbiAgWydraW5kOiBhcGkta2V5XFxua2V5OiB4XFxuJywgL25vdCBvbmUgb2YgaGVhZGVyLCBxdWVyeSBhbmQgY29va2llL10sXG4gIFsna2luZDogYXBpLWtleVxcbmtleTogXCJcIlxcbmhlYWRlcjogWC1LZXlcXG4nLCAvdGhlIGtleSBvZiB0aGUgc2Vzc2lvbiB3cm9uZyBjYW5ub3QgYmUgc2VudDogaXQgaXMgZW1wdHkvXSxcbiAgWydraW5kOiBhcGkta2V5XFxua2V5OiBcIkJlYXJlciB4XCJcXG5oZWFkZXI6IFgtS2V5XFxuJywgL2JlZ2lucyB3aXRoIHRoZSB3b3JkIEJlYXJlci9dLFxuICBbJ2tpbmQ6IGRpZ2VzdFxcbnVzZXI6IGFnZW50XFxuJywgL3Bhc3N3b3JkIGlzIG1pc3NpbmcvXSxcbiAgW1xuICAgICdraW5kOiBiYXNpa1xcbnVzZXI6IGFcXG4nLFxuICAgIC9raW5kIGNhbm5vdCBiZSB0aGUgdGV4dCBiYXNpa1tcXHNcXFNdKmRpZCB5b3UgbWVhbiBiYXNpY1xcPyBhbGxvd2VkOiBiZWFyZXIsIGxvZ2luLCBiYXNpYywgZGlnZXN0LCBhcGkta2V5LyxcbiAgXSxcbiAgWyd1c2VyOiBhXFxuJywgL2tpbmQgaXMgbWlzc2luZ1tcXHNcXFNdKmFsbG93ZWQ6IGJlYXJlci9dLFxuXSBhcyBjb25zdCkge1xuICB0ZXN0KGBhIHNlc3Npb24gdGhhdCBjYW5ub3QgYmUgc2VudCBpcyBleHBsYWluZWQ6ICR7d3Jvbmcuc291cmNlfWAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCBydW4gPSBjb2xsZWN0aW9uKHsgJ3Nlc3Npb25zL3dyb25nLnlhbWwnOiBmaWxlIH0pO1xuICAgIGNvbnN0IHsgc3RhdHVzLCBlcnIgfSA9IGF3YWl0IHJ1bignc2VuZCcsICdHRVQnLCAnL3ZhdWx0L2tleScsICctLXNlc3Npb24nLCAnd3JvbmcnKTtcbiAgICBhc3NlcnQub2soc3RhdHVzID09PSA0IHx8IHN0YXR1cyA9PT0gMiwgU3RyaW5nKHN0YXR1cykpO1xuICAgIGFzc2VydC5tYXRjaChlcnIsIHdyb25nKTtcbiAgfSk7XG59XG5cbnRlc3QoJ2Egd3JvbmcgcGFzc3dvcmQgaXMgcmVmdXNlZCBvbmNlLCBhbmQgbm90IHRyaWVkIGFnYWluIGFuZCBhZ2FpbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgcnVuID0gY29sbGVjdGlvbih7ICdzZXNzaW9ucy93cm9uZy55YW1sJzogJ2tpbmQ6IGRpZ2VzdFxcbnVzZXI6IGFnZW50XFxucGFzc3dvcmQ6IGd1ZXNzXFxuJyB9KTtcbiAgY29uc3QgeyBzdGF0dXMsIG91dCB9ID0gYXdhaXQgcnVuKCdzZW5kJywgJ0dFVCcsICcvdmF1bHQvZGlnZXN0JywgJy0tc2Vzc2lvbicsICd3cm9uZycpO1xuICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAxKTtcbiAgYXNzZXJ0Lm1hdGNoKG91dCwgL3RoZSBwcm9vZiBpcyB3cm9uZy8pO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLGFBQWEsb0JBQW9CO0FBQzFDLFNBQVMsWUFBWTtBQUNyQixTQUFTLFlBQVk7QUFNckIsSUFBTSxFQUFFLFFBQVEsWUFBWSxJQUFJLE1BQU0sbUJBQW1CO0FBQ3pELElBQU0sTUFBTSxFQUFFLHdCQUF3QixZQUFZLFVBQVUseUJBQXlCLHVCQUF1QjtBQUU1RyxJQUFNLFdBQVc7QUFBQSxFQUNmLHVCQUF1QjtBQUFBLEVBQ3ZCLHdCQUF3QjtBQUFBLEVBQ3hCLHdCQUF3QjtBQUFBLEVBQ3hCLHVCQUF1QjtBQUFBLEVBQ3ZCLHdCQUF3QjtBQUMxQjtBQUVBLFNBQVMsV0FBVyxRQUEwQyxDQUFDLEdBQTBDO0FBQ3ZHLFFBQU0sTUFBTSxhQUFhLEVBQUUsR0FBRyxVQUFVLEdBQUcsTUFBTSxHQUFHLE1BQU07QUFDMUQsU0FBTyxJQUFJLFNBQVMsVUFBVSxNQUFNLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDbEQ7QUFFQSxXQUFXLENBQUMsU0FBUyxJQUFJLEtBQUs7QUFBQSxFQUM1QixDQUFDLFNBQVMsY0FBYztBQUFBLEVBQ3hCLENBQUMsVUFBVSxlQUFlO0FBQUEsRUFDMUIsQ0FBQyxVQUFVLG1DQUFtQztBQUFBLEVBQzlDLENBQUMsVUFBVSxZQUFZO0FBQUEsRUFDdkIsQ0FBQyxTQUFTLFlBQVk7QUFBQSxFQUN0QixDQUFDLFVBQVUsWUFBWTtBQUN6QixHQUFZO0FBQ1YsT0FBSyxHQUFHLE9BQU8sVUFBVSxJQUFJLDRDQUE0QyxZQUFZO0FBQ25GLFVBQU0sTUFBTSxXQUFXO0FBQ3ZCLFVBQU0sT0FBTyxNQUFNLElBQUksUUFBUSxPQUFPLE1BQU0sYUFBYSxPQUFPO0FBQ2hFLFdBQU8sTUFBTSxLQUFLLFFBQVEsR0FBRyxLQUFLLEdBQUc7QUFDckMsV0FBTyxNQUFNLEtBQUssS0FBSyx5QkFBeUI7QUFDaEQsVUFBTSxRQUFRLE1BQU0sSUFBSSxRQUFRLE1BQU07QUFDdEMsZUFBVyxFQUFFLEtBQUssSUFBSSxLQUFLLENBQUMsTUFBTSxLQUFLO0FBQ3JDLGFBQU8sYUFBYSxNQUFNLEtBQUssZ0NBQWdDLDRDQUE0QztBQUM3RyxXQUFPLE9BQU8sTUFBTSxJQUFJLFFBQVEsT0FBTyxNQUFNLGFBQWEsTUFBTSxHQUFHLFFBQVEsQ0FBQztBQUFBLEVBQzlFLENBQUM7QUFDSDtBQUVBLEtBQUssc0VBQXNFLFlBQVk7QUFDckYsUUFBTSxTQUFTLE1BQU07QUFBQSxJQUFVLENBQUMsU0FDOUIsS0FBSyxXQUFXLFVBQVUsSUFBSSxTQUFTLElBQUksRUFBRSxRQUFRLGFBQWEsU0FBUyxDQUFDLGdCQUFnQixFQUFFLENBQUMsSUFBSSxTQUFTLElBQUk7QUFBQSxFQUNsSDtBQUNBLFFBQU0sTUFBTSxhQUFhLFVBQVUsT0FBTyxNQUFNO0FBQ2hELFFBQU0sRUFBRSxRQUFRLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sUUFBUSxhQUFhLE9BQU8sR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQ25HLFNBQU8sTUFBTSxRQUFRLEdBQUcsR0FBRztBQUMzQixTQUFPLE1BQU0sT0FBTyxTQUFTLEtBQUssRUFBRSxHQUFHLDBCQUEwQjtBQUNqRSxRQUFNLFNBQVMsS0FBSyxLQUFLLG9CQUFvQjtBQUM3QyxRQUFNLFFBQVEsWUFBWSxRQUFRLEVBQUUsV0FBVyxNQUFNLFVBQVUsT0FBTyxDQUFDLEVBQUUsT0FBTyxDQUFDLFNBQVMsS0FBSyxTQUFTLFFBQVEsQ0FBQztBQUNqSCxRQUFNLFdBQVcsTUFBTSxJQUFJLENBQUMsU0FBUyxhQUFhLEtBQUssUUFBUSxJQUFJLEdBQUcsTUFBTSxDQUFDLEVBQUUsS0FBSyxFQUFFO0FBQ3RGLFNBQU8sTUFBTSxVQUFVLGNBQWM7QUFDckMsU0FBTyxhQUFhLFdBQVcsS0FBSyxXQUFXO0FBQy9DLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLHdFQUF3RSxZQUFZO0FBQ3ZGLFFBQU0sTUFBTSxXQUFXO0FBQUEsSUFDckIsdUJBQXVCO0FBQUEsSUFDdkIsb0JBQW9CO0FBQUEsRUFBVyxvQkFBb0IsT0FBTyxDQUFDLENBQUM7QUFBQSxFQUM5RCxDQUFDO0FBQ0QsUUFBTSxFQUFFLFFBQVEsSUFBSSxJQUFJLE1BQU0sSUFBSSxPQUFPLE1BQU07QUFDL0MsU0FBTyxNQUFNLFFBQVEsR0FBRyxHQUFHO0FBQzdCLENBQUM7QUFFRCxXQUFXLENBQUMsTUFBTSxLQUFLLEtBQUs7QUFBQSxFQUMxQixDQUFDLDJDQUEyQyx3QkFBd0I7QUFBQSxFQUNwRSxDQUFDLDZDQUE2QyxpQ0FBaUM7QUFBQSxFQUMvRSxDQUFDO0FBQUE7QUFBQTtBQUFBLEdBQTZDLDZCQUE2QjtBQUFBLEVBQzNFLENBQUMsMkJBQTJCLHFDQUFxQztBQUFBLEVBQ2pFLENBQUMsMkNBQTJDLDBEQUEwRDtBQUFBLEVBQ3RHLENBQUMsbURBQW1ELDZCQUE2QjtBQUFBLEVBQ2pGLENBQUMsK0JBQStCLHFCQUFxQjtBQUFBLEVBQ3JEO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLGFBQWEsdUNBQXVDO0FBQ3ZELEdBQVk7QUFDVixPQUFLLCtDQUErQyxNQUFNLE1BQU0sSUFBSSxZQUFZO0FBQzlFLFVBQU0sTUFBTSxXQUFXLEVBQUUsdUJBQXVCLEtBQUssQ0FBQztBQUN0RCxVQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksTUFBTSxJQUFJLFFBQVEsT0FBTyxjQUFjLGFBQWEsT0FBTztBQUNuRixXQUFPLEdBQUcsV0FBVyxLQUFLLFdBQVcsR0FBRyxPQUFPLE1BQU0sQ0FBQztBQUN0RCxXQUFPLE1BQU0sS0FBSyxLQUFLO0FBQUEsRUFDekIsQ0FBQztBQUNIO0FBRUEsS0FBSyxtRUFBbUUsWUFBWTtBQUNsRixRQUFNLE1BQU0sV0FBVyxFQUFFLHVCQUF1QiwrQ0FBK0MsQ0FBQztBQUNoRyxRQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksTUFBTSxJQUFJLFFBQVEsT0FBTyxpQkFBaUIsYUFBYSxPQUFPO0FBQ3RGLFNBQU8sTUFBTSxRQUFRLENBQUM7QUFDdEIsU0FBTyxNQUFNLEtBQUssb0JBQW9CO0FBQ3hDLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
