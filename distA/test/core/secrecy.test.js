import {
  makeRedactor
} from "../parts/chunk-34QJGQUN.js";
import {
  sealedFile
} from "../parts/chunk-JGR34Z6O.js";
import "../parts/chunk-KABWP7ZN.js";
import {
  pastedWrongly
} from "../parts/chunk-AJOWUZTK.js";
import "../parts/chunk-IBVRGXBJ.js";
import "../parts/chunk-BC36KCSM.js";
import {
  temporaryFolder
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-KTFSZ6KS.js";
import "../parts/chunk-ELCQYB6S.js";
import "../parts/chunk-ZC7SUIQQ.js";
import "../parts/chunk-FSPVDUAZ.js";
import "../parts/chunk-RABAPZK5.js";
import "../parts/chunk-XGDOGID3.js";

// test/core/secrecy.test.ts
import assert from "node:assert/strict";
import { readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
import fc from "fast-check";
test("a secret is hidden in every form in which it may be written", () => {
  fc.assert(
    fc.property(fc.string({ minLength: 8, maxLength: 60, unit: "binary" }), fc.string(), (secret, around) => {
      fc.pre(secret.trim().length >= 8 && !new RegExp("\\p{Surrogate}", "u").test(secret) && !around.includes(secret));
      const redactor = makeRedactor();
      redactor.add(secret);
      const forms = [
        secret,
        JSON.stringify(secret).slice(1, -1),
        encodeURIComponent(secret),
        Buffer.from(secret).toString("base64"),
        Buffer.from(secret).toString("base64url"),
        Buffer.from(secret).toString("hex")
      ];
      for (const form of forms) assert.ok(!redactor.hide(`${around}${form}${around}`).includes(form), form);
    }),
    { numRuns: 300 }
  );
});
test("text that holds no secret is left as it is, and short values hide nothing", () => {
  const redactor = makeRedactor();
  redactor.add("abc");
  redactor.add("tidewater-42");
  assert.equal(redactor.hide("abc stays, tidewater stays"), "abc stays, tidewater stays");
  assert.deepEqual(redactor.hideIn({ a: ["x tidewater-42 y"], n: 3 }), { a: ["x \u2039secret\u203A y"], n: 3 });
});
test("of two secrets of which one holds the other, nothing is left", () => {
  const redactor = makeRedactor();
  redactor.add("inner-secret");
  redactor.add("Bearer inner-secret-longer");
  assert.equal(redactor.hide("Bearer inner-secret-longer"), "\u2039secret\u203A");
});
test("a sealed file is read back, is mode 0600, and says nothing in the open", async () => {
  const folder = temporaryFolder();
  const [path, home] = [join(folder, "secrets.sealed"), join(folder, "home")];
  const file = sealedFile(path, home, {});
  assert.deepEqual(await file.read(), {});
  await file.write({ password: "tidewater-42" });
  assert.deepEqual(await file.read(), { password: "tidewater-42" });
  assert.equal(statSync(path).mode & 511, 384);
  assert.equal(statSync(join(home, "key")).mode & 511, 384);
  assert.ok(!readFileSync(path, "latin1").includes("tidewater"));
});
test("a sealed file that was altered, or whose key was replaced, is refused", async () => {
  const folder = temporaryFolder();
  const [path, home] = [join(folder, "x.sealed"), join(folder, "home")];
  const file = sealedFile(path, home, "");
  await file.write("value");
  const good = readFileSync(path, "utf8");
  writeFileSync(
    path,
    good.replace(/.\n$/, (end) => end[0] === "A" ? "B\n" : "A\n").replace(/\n(.)/, (_, first) => `
${first === "A" ? "B" : "A"}`)
  );
  await assert.rejects(file.read(), { code: "secret-unreadable" });
  writeFileSync(path, good);
  writeFileSync(join(home, "key"), `${"0".repeat(64)}
`);
  await assert.rejects(file.read(), { code: "secret-unreadable" });
});
test("a value that was pasted wrongly is noticed by its shape", () => {
  for (const wrong of ['"quoted-token"', "'quoted'", "token\n", " token", "token ", "Bearer abc"])
    assert.notEqual(pastedWrongly(wrong), void 0, wrong);
  for (const right of ["token", 'it"s', "-----BEGIN KEY-----\nx\n-----END KEY-----"])
    assert.equal(pastedWrongly(right), void 0, right);
});
var fields = [
  ['{"user":"agent","password":"tide"}', '{"user":"agent","password":"\u2039secret\u203A"}'],
  ['{"access_token": "a\\"b", "expiresIn": 5}', '{"access_token": "\u2039secret\u203A", "expiresIn": 5}'],
  ['{"apiKey":"x","note":"token of thanks"}', '{"apiKey":"\u2039secret\u203A","note":"token of thanks"}'],
  ['{"nextPageToken":"p2","tokenType":"bearer","token":""}', '{"nextPageToken":"p2","tokenType":"bearer","token":""}'],
  ["user=agent&password=a%20b&code=1", "user=agent&password=\u2039secret\u203A&code=1"],
  ["http://127.0.0.1/x?token=abc&page=2", "http://127.0.0.1/x?token=\u2039secret\u203A&page=2"]
];
for (const [text, shown] of fields)
  test(`${text} is shown as ${shown}`, () => assert.equal(makeRedactor().hide(text), shown));
test("fields that are named as credentials are hidden in structures too", () => {
  const value = { login: { password: "tide", token: null, tokens: 3 }, list: [{ secret: "s" }] };
  assert.deepEqual(makeRedactor().hideIn(value), {
    login: { password: "\u2039secret\u203A", token: null, tokens: 3 },
    list: [{ secret: "\u2039secret\u203A" }]
  });
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL3NlY3JlY3kudGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEhpZGluZyBzZWNyZXRzIGJ5IHZhbHVlLCBhbmQgZmlsZXMgdGhhdCBvbmx5IHRoZWlyIHVzZXIgY2FuIHJlYWQuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyByZWFkRmlsZVN5bmMsIHN0YXRTeW5jLCB3cml0ZUZpbGVTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IGZjIGZyb20gJ2Zhc3QtY2hlY2snO1xuaW1wb3J0IHsgbWFrZVJlZGFjdG9yIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvZWNoby9yZWRhY3Rvci5qcyc7XG5pbXBvcnQgeyBwYXN0ZWRXcm9uZ2x5IH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvc2Vzc2lvbi9jcmVkZW50aWFscy5qcyc7XG5pbXBvcnQgeyBzZWFsZWRGaWxlIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvc3RvcmFnZS9zZWFsZWQtZmlsZS5qcyc7XG5pbXBvcnQgeyB0ZW1wb3JhcnlGb2xkZXIgfSBmcm9tICcuLi9zdXBwb3J0L2ZvbGRlci5qcyc7XG5cbnRlc3QoJ2Egc2VjcmV0IGlzIGhpZGRlbiBpbiBldmVyeSBmb3JtIGluIHdoaWNoIGl0IG1heSBiZSB3cml0dGVuJywgKCkgPT4ge1xuICBmYy5hc3NlcnQoXG4gICAgZmMucHJvcGVydHkoZmMuc3RyaW5nKHsgbWluTGVuZ3RoOiA4LCBtYXhMZW5ndGg6IDYwLCB1bml0OiAnYmluYXJ5JyB9KSwgZmMuc3RyaW5nKCksIChzZWNyZXQsIGFyb3VuZCkgPT4ge1xuICAgICAgZmMucHJlKHNlY3JldC50cmltKCkubGVuZ3RoID49IDggJiYgIS9cXHB7U3Vycm9nYXRlfS91LnRlc3Qoc2VjcmV0KSAmJiAhYXJvdW5kLmluY2x1ZGVzKHNlY3JldCkpO1xuICAgICAgY29uc3QgcmVkYWN0b3IgPSBtYWtlUmVkYWN0b3IoKTtcbiAgICAgIHJlZGFjdG9yLmFkZChzZWNyZXQpO1xuICAgICAgY29uc3QgZm9ybXMgPSBbXG4gICAgICAgIHNlY3JldCxcbiAgICAgICAgSlNPTi5zdHJpbmdpZnkoc2VjcmV0KS5zbGljZSgxLCAtMSksXG4gICAgICAgIGVuY29kZVVSSUNvbXBvbmVudChzZWNyZXQpLFxuICAgICAgICBCdWZmZXIuZnJvbShzZWNyZXQpLnRvU3RyaW5nKCdiYXNlNjQnKSxcbiAgICAgICAgQnVmZmVyLmZyb20oc2VjcmV0KS50b1N0cmluZygnYmFzZTY0dXJsJyksXG4gICAgICAgIEJ1ZmZlci5mcm9tKHNlY3JldCkudG9TdHJpbmcoJ2hleCcpLFxuICAgICAgXTtcbiAgICAgIGZvciAoY29uc3QgZm9ybSBvZiBmb3JtcykgYXNzZXJ0Lm9rKCFyZWRhY3Rvci5oaWRlKGAke2Fyb3VuZH0ke2Zvcm19JHthcm91bmR9YCkuaW5jbHVkZXMoZm9ybSksIGZvcm0pO1xuICAgIH0pLFxuICAgIHsgbnVtUnVuczogMzAwIH0sXG4gICk7XG59KTtcblxudGVzdCgndGV4dCB0aGF0IGhvbGRzIG5vIHNlY3JldCBpcyBsZWZ0IGFzIGl0IGlzLCBhbmQgc2hvcnQgdmFsdWVzIGhpZGUgbm90aGluZycsICgpID0+IHtcbiAgY29uc3QgcmVkYWN0b3IgPSBtYWtlUmVkYWN0b3IoKTtcbiAgcmVkYWN0b3IuYWRkKCdhYmMnKTtcbiAgcmVkYWN0b3IuYWRkKCd0aWRld2F0ZXItNDInKTtcbiAgYXNzZXJ0LmVxdWFsKHJlZGFjdG9yLmhpZGUoJ2FiYyBzdGF5cywgdGlkZXdhdGVyIHN0YXlzJyksICdhYmMgc3RheXMsIHRpZGV3YXRlciBzdGF5cycpO1xuICBhc3NlcnQuZGVlcEVxdWFsKHJlZGFjdG9yLmhpZGVJbih7IGE6IFsneCB0aWRld2F0ZXItNDIgeSddLCBuOiAzIH0pLCB7IGE6IFsneCBcdTIwMzlzZWNyZXRcdTIwM0EgeSddLCBuOiAzIH0pO1xufSk7XG5cbnRlc3QoJ29mIHR3byBzZWNyZXRzIG9mIHdoaWNoIG9uZSBob2xkcyB0aGUgb3RoZXIsIG5vdGhpbmcgaXMgbGVmdCcsICgpID0+IHtcbiAgY29uc3QgcmVkYWN0b3IgPSBtYWtlUmVkYWN0b3IoKTtcbiAgcmVkYWN0b3IuYWRkKCdpbm5lci1zZWNyZXQnKTtcbiAgcmVkYWN0b3IuYWRkKCdCZWFyZXIgaW5uZXItc2VjcmV0LWxvbmdlcicpO1xuICBhc3NlcnQuZXF1YWwocmVkYWN0b3IuaGlkZSgnQmVhcmVyIGlubmVyLXNlY3JldC1sb25nZXInKSwgJ1x1MjAzOXNlY3JldFx1MjAzQScpO1xufSk7XG5cbnRlc3QoJ2Egc2VhbGVkIGZpbGUgaXMgcmVhZCBiYWNrLCBpcyBtb2RlIDA2MDAsIGFuZCBzYXlzIG5vdGhpbmcgaW4gdGhlIG9wZW4nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGZvbGRlciA9IHRlbXBvcmFyeUZvbGRlcigpO1xuICBjb25zdCBbcGF0aCwgaG9tZV0gPSBbam9pbihmb2xkZXIsICdzZWNyZXRzLnNlYWxlZCcpLCBqb2luKGZvbGRlciwgJ2hvbWUnKV07XG4gIGNvbnN0IGZpbGUgPSBzZWFsZWRGaWxlPFJlY29yZDxzdHJpbmcsIHN0cmluZz4+KHBhdGgsIGhvbWUsIHt9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChhd2FpdCBmaWxlLnJlYWQoKSwge30pO1xuICBhd2FpdCBmaWxlLndyaXRlKHsgcGFzc3dvcmQ6ICd0aWRld2F0ZXItNDInIH0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGF3YWl0IGZpbGUucmVhZCgpLCB7IHBhc3N3b3JkOiAndGlkZXdhdGVyLTQyJyB9KTtcbiAgYXNzZXJ0LmVxdWFsKHN0YXRTeW5jKHBhdGgpLm1vZGUgJiAwbzc3NywgMG82MDApO1xuICBhc3NlcnQuZXF1YWwoc3RhdFN5bmMoam9pbihob21lLCAna2V5JykpLm1vZGUgJiAwbzc3NywgMG82MDApO1xuICBhc3NlcnQub2soIXJlYWRGaWxlU3luYyhwYXRoLCAnbGF0aW4xJykuaW5jbHVkZXMoJ3RpZGV3YXRlcicpKTtcbn0pO1xuXG50ZXN0KCdhIHNlYWxlZCBmaWxlIHRoYXQgd2FzIGFsdGVyZWQsIG9yIHdob3NlIGtleSB3YXMgcmVwbGFjZWQsIGlzIHJlZnVzZWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGZvbGRlciA9IHRlbXBvcmFyeUZvbGRlcigpO1xuICBjb25zdCBbcGF0aCwgaG9tZV0gPSBbam9pbihmb2xkZXIsICd4LnNlYWxlZCcpLCBqb2luKGZvbGRlciwgJ2hvbWUnKV07XG4gIGNvbnN0IGZpbGUgPSBzZWFsZWRGaWxlPHN0cmluZz4ocGF0aCwgaG9tZSwgJycpO1xuICBhd2FpdCBmaWxlLndyaXRlKCd2YWx1ZScpO1xuICBjb25zdCBnb29kID0gcmVhZEZpbGVTeW5jKHBhdGgsICd1dGY4Jyk7XG4gIHdyaXRlRmlsZVN5bmMoXG4gICAgcGF0aCxcbiAgICBnb29kXG4gICAgICAucmVwbGFjZSgvLlxcbiQvLCAoZW5kKSA9PiAoZW5kWzBdID09PSAnQScgPyAnQlxcbicgOiAnQVxcbicpKVxuICAgICAgLnJlcGxhY2UoL1xcbiguKS8sIChfLCBmaXJzdCkgPT4gYFxcbiR7Zmlyc3QgPT09ICdBJyA/ICdCJyA6ICdBJ31gKSxcbiAgKTtcbiAgYXdhaXQgYXNzZXJ0LnJlamVjdHMoZmlsZS5yZWFkKCksIHsgY29kZTogJ3NlY3JldC11bnJlYWRhYmxlJyB9KTtcbiAgd3JpdGVGaWxlU3luYyhwYXRoLCBnb29kKTtcbiAgd3JpdGVGaWxlU3luYyhqb2luKGhvbWUsICdrZXknKSwgYCR7JzAnLnJlcGVhdCg2NCl9XFxuYCk7XG4gIGF3YWl0IGFzc2VydC5yZWplY3RzKGZpbGUucmVhZCgpLCB7IGNvZGU6ICdzZWNyZXQtdW5yZWFkYWJsZScgfSk7XG59KTtcblxudGVzdCgnYSB2YWx1ZSB0aGF0IHdhcyBwYXN0ZWQgd3JvbmdseSBpcyBub3RpY2VkIGJ5IGl0cyBzaGFwZScsICgpID0+IHtcbiAgZm9yIChjb25zdCB3cm9uZyBvZiBbJ1wicXVvdGVkLXRva2VuXCInLCBcIidxdW90ZWQnXCIsICd0b2tlblxcbicsICcgdG9rZW4nLCAndG9rZW4gJywgJ0JlYXJlciBhYmMnXSlcbiAgICBhc3NlcnQubm90RXF1YWwocGFzdGVkV3JvbmdseSh3cm9uZyksIHVuZGVmaW5lZCwgd3JvbmcpO1xuICBmb3IgKGNvbnN0IHJpZ2h0IG9mIFsndG9rZW4nLCAnaXRcInMnLCAnLS0tLS1CRUdJTiBLRVktLS0tLVxcbnhcXG4tLS0tLUVORCBLRVktLS0tLSddKVxuICAgIGFzc2VydC5lcXVhbChwYXN0ZWRXcm9uZ2x5KHJpZ2h0KSwgdW5kZWZpbmVkLCByaWdodCk7XG59KTtcblxuY29uc3QgZmllbGRzOiByZWFkb25seSAocmVhZG9ubHkgW3RleHQ6IHN0cmluZywgc2hvd246IHN0cmluZ10pW10gPSBbXG4gIFsne1widXNlclwiOlwiYWdlbnRcIixcInBhc3N3b3JkXCI6XCJ0aWRlXCJ9JywgJ3tcInVzZXJcIjpcImFnZW50XCIsXCJwYXNzd29yZFwiOlwiXHUyMDM5c2VjcmV0XHUyMDNBXCJ9J10sXG4gIFsne1wiYWNjZXNzX3Rva2VuXCI6IFwiYVxcXFxcImJcIiwgXCJleHBpcmVzSW5cIjogNX0nLCAne1wiYWNjZXNzX3Rva2VuXCI6IFwiXHUyMDM5c2VjcmV0XHUyMDNBXCIsIFwiZXhwaXJlc0luXCI6IDV9J10sXG4gIFsne1wiYXBpS2V5XCI6XCJ4XCIsXCJub3RlXCI6XCJ0b2tlbiBvZiB0aGFua3NcIn0nLCAne1wiYXBpS2V5XCI6XCJcdTIwMzlzZWNyZXRcdTIwM0FcIixcIm5vdGVcIjpcInRva2VuIG9mIHRoYW5rc1wifSddLFxuICBbJ3tcIm5leHRQYWdlVG9rZW5cIjpcInAyXCIsXCJ0b2tlblR5cGVcIjpcImJlYXJlclwiLFwidG9rZW5cIjpcIlwifScsICd7XCJuZXh0UGFnZVRva2VuXCI6XCJwMlwiLFwidG9rZW5UeXBlXCI6XCJiZWFyZXJcIixcInRva2VuXCI6XCJcIn0nXSxcbiAgWyd1c2VyPWFnZW50JnBhc3N3b3JkPWElMjBiJmNvZGU9MScsICd1c2VyPWFnZW50JnBhc3N3b3JkPVx1MjAzOXNlY3JldFx1MjAzQSZjb2RlPTEnXSxcbiAgWydodHRwOi8vMTI3LjAuMC4xL3g/dG9rZW49YWJjJnBhZ2U9MicsICdodHRwOi8vMTI3LjAuMC4xL3g/dG9rZW49XHUyMDM5c2VjcmV0XHUyMDNBJnBhZ2U9MiddLFxuXTtcbmZvciAoY29uc3QgW3RleHQsIHNob3duXSBvZiBmaWVsZHMpXG4gIHRlc3QoYCR7dGV4dH0gaXMgc2hvd24gYXMgJHtzaG93bn1gLCAoKSA9PiBhc3NlcnQuZXF1YWwobWFrZVJlZGFjdG9yKCkuaGlkZSh0ZXh0KSwgc2hvd24pKTtcblxudGVzdCgnZmllbGRzIHRoYXQgYXJlIG5hbWVkIGFzIGNyZWRlbnRpYWxzIGFyZSBoaWRkZW4gaW4gc3RydWN0dXJlcyB0b28nLCAoKSA9PiB7XG4gIGNvbnN0IHZhbHVlID0geyBsb2dpbjogeyBwYXNzd29yZDogJ3RpZGUnLCB0b2tlbjogbnVsbCwgdG9rZW5zOiAzIH0sIGxpc3Q6IFt7IHNlY3JldDogJ3MnIH1dIH07XG4gIGFzc2VydC5kZWVwRXF1YWwobWFrZVJlZGFjdG9yKCkuaGlkZUluKHZhbHVlKSwge1xuICAgIGxvZ2luOiB7IHBhc3N3b3JkOiAnXHUyMDM5c2VjcmV0XHUyMDNBJywgdG9rZW46IG51bGwsIHRva2VuczogMyB9LFxuICAgIGxpc3Q6IFt7IHNlY3JldDogJ1x1MjAzOXNlY3JldFx1MjAzQScgfV0sXG4gIH0pO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLGNBQWMsVUFBVSxxQkFBcUI7QUFDdEQsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsWUFBWTtBQUNyQixPQUFPLFFBQVE7QUFNZixLQUFLLCtEQUErRCxNQUFNO0FBQ3hFLEtBQUc7QUFBQSxJQUNELEdBQUcsU0FBUyxHQUFHLE9BQU8sRUFBRSxXQUFXLEdBQUcsV0FBVyxJQUFJLE1BQU0sU0FBUyxDQUFDLEdBQUcsR0FBRyxPQUFPLEdBQUcsQ0FBQyxRQUFRLFdBQVc7QUFDdkcsU0FBRyxJQUFJLE9BQU8sS0FBSyxFQUFFLFVBQVUsS0FBSyxDQUFDLFdBQUMsa0JBQWMsR0FBQyxFQUFDLEtBQUssTUFBTSxLQUFLLENBQUMsT0FBTyxTQUFTLE1BQU0sQ0FBQztBQUM5RixZQUFNLFdBQVcsYUFBYTtBQUM5QixlQUFTLElBQUksTUFBTTtBQUNuQixZQUFNLFFBQVE7QUFBQSxRQUNaO0FBQUEsUUFDQSxLQUFLLFVBQVUsTUFBTSxFQUFFLE1BQU0sR0FBRyxFQUFFO0FBQUEsUUFDbEMsbUJBQW1CLE1BQU07QUFBQSxRQUN6QixPQUFPLEtBQUssTUFBTSxFQUFFLFNBQVMsUUFBUTtBQUFBLFFBQ3JDLE9BQU8sS0FBSyxNQUFNLEVBQUUsU0FBUyxXQUFXO0FBQUEsUUFDeEMsT0FBTyxLQUFLLE1BQU0sRUFBRSxTQUFTLEtBQUs7QUFBQSxNQUNwQztBQUNBLGlCQUFXLFFBQVEsTUFBTyxRQUFPLEdBQUcsQ0FBQyxTQUFTLEtBQUssR0FBRyxNQUFNLEdBQUcsSUFBSSxHQUFHLE1BQU0sRUFBRSxFQUFFLFNBQVMsSUFBSSxHQUFHLElBQUk7QUFBQSxJQUN0RyxDQUFDO0FBQUEsSUFDRCxFQUFFLFNBQVMsSUFBSTtBQUFBLEVBQ2pCO0FBQ0YsQ0FBQztBQUVELEtBQUssNkVBQTZFLE1BQU07QUFDdEYsUUFBTSxXQUFXLGFBQWE7QUFDOUIsV0FBUyxJQUFJLEtBQUs7QUFDbEIsV0FBUyxJQUFJLGNBQWM7QUFDM0IsU0FBTyxNQUFNLFNBQVMsS0FBSyw0QkFBNEIsR0FBRyw0QkFBNEI7QUFDdEYsU0FBTyxVQUFVLFNBQVMsT0FBTyxFQUFFLEdBQUcsQ0FBQyxrQkFBa0IsR0FBRyxHQUFHLEVBQUUsQ0FBQyxHQUFHLEVBQUUsR0FBRyxDQUFDLHdCQUFjLEdBQUcsR0FBRyxFQUFFLENBQUM7QUFDcEcsQ0FBQztBQUVELEtBQUssZ0VBQWdFLE1BQU07QUFDekUsUUFBTSxXQUFXLGFBQWE7QUFDOUIsV0FBUyxJQUFJLGNBQWM7QUFDM0IsV0FBUyxJQUFJLDRCQUE0QjtBQUN6QyxTQUFPLE1BQU0sU0FBUyxLQUFLLDRCQUE0QixHQUFHLG9CQUFVO0FBQ3RFLENBQUM7QUFFRCxLQUFLLDBFQUEwRSxZQUFZO0FBQ3pGLFFBQU0sU0FBUyxnQkFBZ0I7QUFDL0IsUUFBTSxDQUFDLE1BQU0sSUFBSSxJQUFJLENBQUMsS0FBSyxRQUFRLGdCQUFnQixHQUFHLEtBQUssUUFBUSxNQUFNLENBQUM7QUFDMUUsUUFBTSxPQUFPLFdBQW1DLE1BQU0sTUFBTSxDQUFDLENBQUM7QUFDOUQsU0FBTyxVQUFVLE1BQU0sS0FBSyxLQUFLLEdBQUcsQ0FBQyxDQUFDO0FBQ3RDLFFBQU0sS0FBSyxNQUFNLEVBQUUsVUFBVSxlQUFlLENBQUM7QUFDN0MsU0FBTyxVQUFVLE1BQU0sS0FBSyxLQUFLLEdBQUcsRUFBRSxVQUFVLGVBQWUsQ0FBQztBQUNoRSxTQUFPLE1BQU0sU0FBUyxJQUFJLEVBQUUsT0FBTyxLQUFPLEdBQUs7QUFDL0MsU0FBTyxNQUFNLFNBQVMsS0FBSyxNQUFNLEtBQUssQ0FBQyxFQUFFLE9BQU8sS0FBTyxHQUFLO0FBQzVELFNBQU8sR0FBRyxDQUFDLGFBQWEsTUFBTSxRQUFRLEVBQUUsU0FBUyxXQUFXLENBQUM7QUFDL0QsQ0FBQztBQUVELEtBQUsseUVBQXlFLFlBQVk7QUFDeEYsUUFBTSxTQUFTLGdCQUFnQjtBQUMvQixRQUFNLENBQUMsTUFBTSxJQUFJLElBQUksQ0FBQyxLQUFLLFFBQVEsVUFBVSxHQUFHLEtBQUssUUFBUSxNQUFNLENBQUM7QUFDcEUsUUFBTSxPQUFPLFdBQW1CLE1BQU0sTUFBTSxFQUFFO0FBQzlDLFFBQU0sS0FBSyxNQUFNLE9BQU87QUFDeEIsUUFBTSxPQUFPLGFBQWEsTUFBTSxNQUFNO0FBQ3RDO0FBQUEsSUFDRTtBQUFBLElBQ0EsS0FDRyxRQUFRLFFBQVEsQ0FBQyxRQUFTLElBQUksQ0FBQyxNQUFNLE1BQU0sUUFBUSxLQUFNLEVBQ3pELFFBQVEsU0FBUyxDQUFDLEdBQUcsVUFBVTtBQUFBLEVBQUssVUFBVSxNQUFNLE1BQU0sR0FBRyxFQUFFO0FBQUEsRUFDcEU7QUFDQSxRQUFNLE9BQU8sUUFBUSxLQUFLLEtBQUssR0FBRyxFQUFFLE1BQU0sb0JBQW9CLENBQUM7QUFDL0QsZ0JBQWMsTUFBTSxJQUFJO0FBQ3hCLGdCQUFjLEtBQUssTUFBTSxLQUFLLEdBQUcsR0FBRyxJQUFJLE9BQU8sRUFBRSxDQUFDO0FBQUEsQ0FBSTtBQUN0RCxRQUFNLE9BQU8sUUFBUSxLQUFLLEtBQUssR0FBRyxFQUFFLE1BQU0sb0JBQW9CLENBQUM7QUFDakUsQ0FBQztBQUVELEtBQUssMkRBQTJELE1BQU07QUFDcEUsYUFBVyxTQUFTLENBQUMsa0JBQWtCLFlBQVksV0FBVyxVQUFVLFVBQVUsWUFBWTtBQUM1RixXQUFPLFNBQVMsY0FBYyxLQUFLLEdBQUcsUUFBVyxLQUFLO0FBQ3hELGFBQVcsU0FBUyxDQUFDLFNBQVMsUUFBUSwyQ0FBMkM7QUFDL0UsV0FBTyxNQUFNLGNBQWMsS0FBSyxHQUFHLFFBQVcsS0FBSztBQUN2RCxDQUFDO0FBRUQsSUFBTSxTQUE4RDtBQUFBLEVBQ2xFLENBQUMsc0NBQXNDLGtEQUF3QztBQUFBLEVBQy9FLENBQUMsNkNBQTZDLHdEQUE4QztBQUFBLEVBQzVGLENBQUMsMkNBQTJDLDBEQUFnRDtBQUFBLEVBQzVGLENBQUMsMERBQTBELHdEQUF3RDtBQUFBLEVBQ25ILENBQUMsb0NBQW9DLCtDQUFxQztBQUFBLEVBQzFFLENBQUMsdUNBQXVDLG9EQUEwQztBQUNwRjtBQUNBLFdBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSztBQUMxQixPQUFLLEdBQUcsSUFBSSxnQkFBZ0IsS0FBSyxJQUFJLE1BQU0sT0FBTyxNQUFNLGFBQWEsRUFBRSxLQUFLLElBQUksR0FBRyxLQUFLLENBQUM7QUFFM0YsS0FBSyxxRUFBcUUsTUFBTTtBQUM5RSxRQUFNLFFBQVEsRUFBRSxPQUFPLEVBQUUsVUFBVSxRQUFRLE9BQU8sTUFBTSxRQUFRLEVBQUUsR0FBRyxNQUFNLENBQUMsRUFBRSxRQUFRLElBQUksQ0FBQyxFQUFFO0FBQzdGLFNBQU8sVUFBVSxhQUFhLEVBQUUsT0FBTyxLQUFLLEdBQUc7QUFBQSxJQUM3QyxPQUFPLEVBQUUsVUFBVSxzQkFBWSxPQUFPLE1BQU0sUUFBUSxFQUFFO0FBQUEsSUFDdEQsTUFBTSxDQUFDLEVBQUUsUUFBUSxxQkFBVyxDQUFDO0FBQUEsRUFDL0IsQ0FBQztBQUNILENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
