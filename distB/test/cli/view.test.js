import {
  exitStatus,
  problemDocument,
  problemLines
} from "../parts/chunk-3RBKBAZJ.js";
import {
  colouredJson
} from "../parts/chunk-XSSAWHTI.js";
import {
  printable,
  printableLine
} from "../parts/chunk-NAZM5QF7.js";
import {
  table
} from "../parts/chunk-36MCF5ZC.js";
import {
  Problem,
  problemCodes
} from "../parts/chunk-FSPVDUAZ.js";
import "../parts/chunk-RABAPZK5.js";
import "../parts/chunk-XGDOGID3.js";

// test/cli/view.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
import pc from "picocolors";
var plain = pc.createColors(false);
var terminal = { width: 60, out: plain, err: plain };
var texts = [
  ["plain	text\n", "plain	text\n"],
  ["a\r\nb", "a\nb"],
  ["\x1B[2J", "\\u001b[2J"],
  ["\x9B31m", "\\u009b31m"],
  ["\x07\0", "\\u0007\\u0000"],
  ["abc\u202Egnp.exe", "abc\\u202egnp.exe"],
  ["gr\xFC\xDFe \u{1F6A2}", "gr\xFC\xDFe \u{1F6A2}"]
];
for (const [given, shown] of texts)
  test(`${JSON.stringify(given)} is shown as ${JSON.stringify(shown)}`, () => assert.equal(printable(given), shown));
test("on one line, line breaks are shown too", () => assert.equal(printableLine("a\nb	c"), "a\\nb c"));
test("a table has columns in line, leaves out empty ones, and wraps between words where it can", () => {
  assert.equal(
    table(
      [
        ["a", "", "one"],
        ["bbb", "", "two"]
      ],
      terminal,
      { head: ["x", "y", "z"] }
    ),
    "x    z\na    one\nbbb  two"
  );
  const wrapped = table(
    [["name", "a description that is much longer than the sixty columns of this terminal"]],
    terminal
  );
  for (const line of wrapped.split("\n")) assert.ok(line.length <= 60, line);
  assert.match(wrapped, /^name {2}a description that/);
  assert.doesNotMatch(wrapped, /\bterm$/m);
  const address = table([["GET", `http://harbour.example/${"x".repeat(90)}`]], terminal);
  assert.equal(address.replace(/\s/g, ""), `GEThttp://harbour.example/${"x".repeat(90)}`);
});
test("JSON is laid out, and coloured by what a thing is", () => {
  const value = { a: 'x "y": 1', n: -1.5, t: true, list: [null] };
  assert.equal(colouredJson(value, plain), JSON.stringify(value, null, 2));
  const coloured = colouredJson(value, pc.createColors(true));
  assert.ok(coloured.includes('\x1B[36m"a"\x1B[39m: \x1B[32m"x \\"y\\": 1"\x1B[39m'), coloured);
  assert.ok(coloured.includes("\x1B[33m-1.5\x1B[39m") && coloured.includes("\x1B[35mnull\x1B[39m"));
});
test("an error says what, where, why and what to do, and hides what it must", () => {
  const problem = new Problem("unknown-name", {
    what: "the name x tide-secret",
    where: { file: "a.yaml", line: 3, column: 7 },
    cause: "searched",
    remedy: "did you mean y?",
    excerpt: "q: ${x}\n   ^"
  });
  const text = problemLines(problem, plain, (line) => line.replace("tide-secret", "\u2039secret\u203A"));
  assert.equal(
    text,
    "error  the name x \u2039secret\u203A\nat     a.yaml:3:7\n       | q: ${x}\n       |    ^\ncause  searched\ntry    did you mean y?"
  );
  assert.deepEqual(problemDocument(problem), {
    error: {
      code: "unknown-name",
      family: "wrong-input",
      what: "the name x tide-secret",
      where: { file: "a.yaml", line: 3, column: 7 },
      cause: "searched",
      remedy: "did you mean y?",
      data: {}
    }
  });
});
test("every code has an exit status, by the table of the manual", () => {
  const status = (code) => exitStatus(new Problem(code, { what: "" }));
  assert.deepEqual(
    [
      status("interrupted"),
      status("usage"),
      status("change-refused"),
      status("secret-missing"),
      status("connection-refused"),
      status("step-failed")
    ],
    [130, 2, 4, 4, 3, 1]
  );
  for (const code of Object.keys(problemCodes)) assert.ok(status(code) > 0, code);
  assert.equal(exitStatus(void 0), 0);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jbGkvdmlldy50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogV2hhdCBpcyBwcmludGVkOiBoYXJtbGVzcywgbGFpZCBvdXQsIGFuZCBpbiB0aGUgcmlnaHQgd29yZHMuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCBwYyBmcm9tICdwaWNvY29sb3JzJztcbmltcG9ydCB7IGV4aXRTdGF0dXMgfSBmcm9tICcuLi8uLi9zcmMvY2xpL2V4aXQtc3RhdHVzLmpzJztcbmltcG9ydCB0eXBlIHsgVGVybWluYWwgfSBmcm9tICcuLi8uLi9zcmMvY2xpL3Rlcm1pbmFsLmpzJztcbmltcG9ydCB7IGNvbG91cmVkSnNvbiB9IGZyb20gJy4uLy4uL3NyYy9jbGkvdmlldy9qc29uLmpzJztcbmltcG9ydCB7IHByaW50YWJsZSwgcHJpbnRhYmxlTGluZSB9IGZyb20gJy4uLy4uL3NyYy9jbGkvdmlldy9wcmludGFibGUuanMnO1xuaW1wb3J0IHsgcHJvYmxlbURvY3VtZW50LCBwcm9ibGVtTGluZXMgfSBmcm9tICcuLi8uLi9zcmMvY2xpL3ZpZXcvcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0YWJsZSB9IGZyb20gJy4uLy4uL3NyYy9jbGkvdmlldy90YWJsZS5qcyc7XG5pbXBvcnQgeyBwcm9ibGVtQ29kZXMgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9wcm9ibGVtL2NvZGVzLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9zcmMvY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuXG5jb25zdCBwbGFpbiA9IHBjLmNyZWF0ZUNvbG9ycyhmYWxzZSk7XG5jb25zdCB0ZXJtaW5hbCA9IHsgd2lkdGg6IDYwLCBvdXQ6IHBsYWluLCBlcnI6IHBsYWluIH0gYXMgVGVybWluYWw7XG5cbmNvbnN0IHRleHRzOiByZWFkb25seSAocmVhZG9ubHkgW2dpdmVuOiBzdHJpbmcsIHNob3duOiBzdHJpbmddKVtdID0gW1xuICBbJ3BsYWluXFx0dGV4dFxcbicsICdwbGFpblxcdHRleHRcXG4nXSxcbiAgWydhXFxyXFxuYicsICdhXFxuYiddLFxuICBbJ1xcdTAwMWJbMkonLCAnXFxcXHUwMDFiWzJKJ10sXG4gIFsnXFx1MDA5YjMxbScsICdcXFxcdTAwOWIzMW0nXSxcbiAgWydcXHUwMDA3XFx1MDAwMCcsICdcXFxcdTAwMDdcXFxcdTAwMDAnXSxcbiAgWydhYmNcXHUyMDJlZ25wLmV4ZScsICdhYmNcXFxcdTIwMmVnbnAuZXhlJ10sXG4gIFsnZ3JcdTAwRkNcdTAwREZlIFx1RDgzRFx1REVBMicsICdnclx1MDBGQ1x1MDBERmUgXHVEODNEXHVERUEyJ10sXG5dO1xuZm9yIChjb25zdCBbZ2l2ZW4sIHNob3duXSBvZiB0ZXh0cylcbiAgdGVzdChgJHtKU09OLnN0cmluZ2lmeShnaXZlbil9IGlzIHNob3duIGFzICR7SlNPTi5zdHJpbmdpZnkoc2hvd24pfWAsICgpID0+IGFzc2VydC5lcXVhbChwcmludGFibGUoZ2l2ZW4pLCBzaG93bikpO1xuXG50ZXN0KCdvbiBvbmUgbGluZSwgbGluZSBicmVha3MgYXJlIHNob3duIHRvbycsICgpID0+IGFzc2VydC5lcXVhbChwcmludGFibGVMaW5lKCdhXFxuYlxcdGMnKSwgJ2FcXFxcbmIgYycpKTtcblxudGVzdCgnYSB0YWJsZSBoYXMgY29sdW1ucyBpbiBsaW5lLCBsZWF2ZXMgb3V0IGVtcHR5IG9uZXMsIGFuZCB3cmFwcyBiZXR3ZWVuIHdvcmRzIHdoZXJlIGl0IGNhbicsICgpID0+IHtcbiAgYXNzZXJ0LmVxdWFsKFxuICAgIHRhYmxlKFxuICAgICAgW1xuICAgICAgICBbJ2EnLCAnJywgJ29uZSddLFxuICAgICAgICBbJ2JiYicsICcnLCAndHdvJ10sXG4gICAgICBdLFxuICAgICAgdGVybWluYWwsXG4gICAgICB7IGhlYWQ6IFsneCcsICd5JywgJ3onXSB9LFxuICAgICksXG4gICAgJ3ggICAgelxcbmEgICAgb25lXFxuYmJiICB0d28nLFxuICApO1xuICBjb25zdCB3cmFwcGVkID0gdGFibGUoXG4gICAgW1snbmFtZScsICdhIGRlc2NyaXB0aW9uIHRoYXQgaXMgbXVjaCBsb25nZXIgdGhhbiB0aGUgc2l4dHkgY29sdW1ucyBvZiB0aGlzIHRlcm1pbmFsJ11dLFxuICAgIHRlcm1pbmFsLFxuICApO1xuICBmb3IgKGNvbnN0IGxpbmUgb2Ygd3JhcHBlZC5zcGxpdCgnXFxuJykpIGFzc2VydC5vayhsaW5lLmxlbmd0aCA8PSA2MCwgbGluZSk7XG4gIGFzc2VydC5tYXRjaCh3cmFwcGVkLCAvXm5hbWUgezJ9YSBkZXNjcmlwdGlvbiB0aGF0Lyk7XG4gIGFzc2VydC5kb2VzTm90TWF0Y2god3JhcHBlZCwgL1xcYnRlcm0kL20pO1xuICBjb25zdCBhZGRyZXNzID0gdGFibGUoW1snR0VUJywgYGh0dHA6Ly9oYXJib3VyLmV4YW1wbGUvJHsneCcucmVwZWF0KDkwKX1gXV0sIHRlcm1pbmFsKTtcbiAgYXNzZXJ0LmVxdWFsKGFkZHJlc3MucmVwbGFjZSgvXFxzL2csICcnKSwgYEdFVGh0dHA6Ly9oYXJib3VyLmV4YW1wbGUvJHsneCcucmVwZWF0KDkwKX1gKTtcbn0pO1xuXG50ZXN0KCdKU09OIGlzIGxhaWQgb3V0LCBhbmQgY29sb3VyZWQgYnkgd2hhdCBhIHRoaW5nIGlzJywgKCkgPT4ge1xuICBjb25zdCB2YWx1ZSA9IHsgYTogJ3ggXCJ5XCI6IDEnLCBuOiAtMS41LCB0OiB0cnVlLCBsaXN0OiBbbnVsbF0gfTtcbiAgYXNzZXJ0LmVxdWFsKGNvbG91cmVkSnNvbih2YWx1ZSwgcGxhaW4pLCBKU09OLnN0cmluZ2lmeSh2YWx1ZSwgbnVsbCwgMikpO1xuICBjb25zdCBjb2xvdXJlZCA9IGNvbG91cmVkSnNvbih2YWx1ZSwgcGMuY3JlYXRlQ29sb3JzKHRydWUpKTtcbiAgYXNzZXJ0Lm9rKGNvbG91cmVkLmluY2x1ZGVzKCdcXHUwMDFiWzM2bVwiYVwiXFx1MDAxYlszOW06IFxcdTAwMWJbMzJtXCJ4IFxcXFxcInlcXFxcXCI6IDFcIlxcdTAwMWJbMzltJyksIGNvbG91cmVkKTtcbiAgYXNzZXJ0Lm9rKGNvbG91cmVkLmluY2x1ZGVzKCdcXHUwMDFiWzMzbS0xLjVcXHUwMDFiWzM5bScpICYmIGNvbG91cmVkLmluY2x1ZGVzKCdcXHUwMDFiWzM1bW51bGxcXHUwMDFiWzM5bScpKTtcbn0pO1xuXG50ZXN0KCdhbiBlcnJvciBzYXlzIHdoYXQsIHdoZXJlLCB3aHkgYW5kIHdoYXQgdG8gZG8sIGFuZCBoaWRlcyB3aGF0IGl0IG11c3QnLCAoKSA9PiB7XG4gIGNvbnN0IHByb2JsZW0gPSBuZXcgUHJvYmxlbSgndW5rbm93bi1uYW1lJywge1xuICAgIHdoYXQ6ICd0aGUgbmFtZSB4IHRpZGUtc2VjcmV0JyxcbiAgICB3aGVyZTogeyBmaWxlOiAnYS55YW1sJywgbGluZTogMywgY29sdW1uOiA3IH0sXG4gICAgY2F1c2U6ICdzZWFyY2hlZCcsXG4gICAgcmVtZWR5OiAnZGlkIHlvdSBtZWFuIHk/JyxcbiAgICBleGNlcnB0OiAncTogJHt4fVxcbiAgIF4nLFxuICB9KTtcbiAgY29uc3QgdGV4dCA9IHByb2JsZW1MaW5lcyhwcm9ibGVtLCBwbGFpbiwgKGxpbmUpID0+IGxpbmUucmVwbGFjZSgndGlkZS1zZWNyZXQnLCAnXHUyMDM5c2VjcmV0XHUyMDNBJykpO1xuICBhc3NlcnQuZXF1YWwoXG4gICAgdGV4dCxcbiAgICAnZXJyb3IgIHRoZSBuYW1lIHggXHUyMDM5c2VjcmV0XHUyMDNBXFxuYXQgICAgIGEueWFtbDozOjdcXG4gICAgICAgfCBxOiAke3h9XFxuICAgICAgIHwgICAgXlxcbmNhdXNlICBzZWFyY2hlZFxcbnRyeSAgICBkaWQgeW91IG1lYW4geT8nLFxuICApO1xuICBhc3NlcnQuZGVlcEVxdWFsKHByb2JsZW1Eb2N1bWVudChwcm9ibGVtKSwge1xuICAgIGVycm9yOiB7XG4gICAgICBjb2RlOiAndW5rbm93bi1uYW1lJyxcbiAgICAgIGZhbWlseTogJ3dyb25nLWlucHV0JyxcbiAgICAgIHdoYXQ6ICd0aGUgbmFtZSB4IHRpZGUtc2VjcmV0JyxcbiAgICAgIHdoZXJlOiB7IGZpbGU6ICdhLnlhbWwnLCBsaW5lOiAzLCBjb2x1bW46IDcgfSxcbiAgICAgIGNhdXNlOiAnc2VhcmNoZWQnLFxuICAgICAgcmVtZWR5OiAnZGlkIHlvdSBtZWFuIHk/JyxcbiAgICAgIGRhdGE6IHt9LFxuICAgIH0sXG4gIH0pO1xufSk7XG5cbnRlc3QoJ2V2ZXJ5IGNvZGUgaGFzIGFuIGV4aXQgc3RhdHVzLCBieSB0aGUgdGFibGUgb2YgdGhlIG1hbnVhbCcsICgpID0+IHtcbiAgY29uc3Qgc3RhdHVzID0gKGNvZGU6IGtleW9mIHR5cGVvZiBwcm9ibGVtQ29kZXMpOiBudW1iZXIgPT4gZXhpdFN0YXR1cyhuZXcgUHJvYmxlbShjb2RlLCB7IHdoYXQ6ICcnIH0pKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBbXG4gICAgICBzdGF0dXMoJ2ludGVycnVwdGVkJyksXG4gICAgICBzdGF0dXMoJ3VzYWdlJyksXG4gICAgICBzdGF0dXMoJ2NoYW5nZS1yZWZ1c2VkJyksXG4gICAgICBzdGF0dXMoJ3NlY3JldC1taXNzaW5nJyksXG4gICAgICBzdGF0dXMoJ2Nvbm5lY3Rpb24tcmVmdXNlZCcpLFxuICAgICAgc3RhdHVzKCdzdGVwLWZhaWxlZCcpLFxuICAgIF0sXG4gICAgWzEzMCwgMiwgNCwgNCwgMywgMV0sXG4gICk7XG4gIGZvciAoY29uc3QgY29kZSBvZiBPYmplY3Qua2V5cyhwcm9ibGVtQ29kZXMpIGFzIChrZXlvZiB0eXBlb2YgcHJvYmxlbUNvZGVzKVtdKSBhc3NlcnQub2soc3RhdHVzKGNvZGUpID4gMCwgY29kZSk7XG4gIGFzc2VydC5lcXVhbChleGl0U3RhdHVzKHVuZGVmaW5lZCksIDApO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLFlBQVk7QUFDckIsT0FBTyxRQUFRO0FBVWYsSUFBTSxRQUFRLEdBQUcsYUFBYSxLQUFLO0FBQ25DLElBQU0sV0FBVyxFQUFFLE9BQU8sSUFBSSxLQUFLLE9BQU8sS0FBSyxNQUFNO0FBRXJELElBQU0sUUFBOEQ7QUFBQSxFQUNsRSxDQUFDLGdCQUFpQixjQUFlO0FBQUEsRUFDakMsQ0FBQyxVQUFVLE1BQU07QUFBQSxFQUNqQixDQUFDLFdBQWEsWUFBWTtBQUFBLEVBQzFCLENBQUMsV0FBYSxZQUFZO0FBQUEsRUFDMUIsQ0FBQyxVQUFnQixnQkFBZ0I7QUFBQSxFQUNqQyxDQUFDLG9CQUFvQixtQkFBbUI7QUFBQSxFQUN4QyxDQUFDLHlCQUFZLHVCQUFVO0FBQ3pCO0FBQ0EsV0FBVyxDQUFDLE9BQU8sS0FBSyxLQUFLO0FBQzNCLE9BQUssR0FBRyxLQUFLLFVBQVUsS0FBSyxDQUFDLGdCQUFnQixLQUFLLFVBQVUsS0FBSyxDQUFDLElBQUksTUFBTSxPQUFPLE1BQU0sVUFBVSxLQUFLLEdBQUcsS0FBSyxDQUFDO0FBRW5ILEtBQUssMENBQTBDLE1BQU0sT0FBTyxNQUFNLGNBQWMsUUFBUyxHQUFHLFNBQVMsQ0FBQztBQUV0RyxLQUFLLDRGQUE0RixNQUFNO0FBQ3JHLFNBQU87QUFBQSxJQUNMO0FBQUEsTUFDRTtBQUFBLFFBQ0UsQ0FBQyxLQUFLLElBQUksS0FBSztBQUFBLFFBQ2YsQ0FBQyxPQUFPLElBQUksS0FBSztBQUFBLE1BQ25CO0FBQUEsTUFDQTtBQUFBLE1BQ0EsRUFBRSxNQUFNLENBQUMsS0FBSyxLQUFLLEdBQUcsRUFBRTtBQUFBLElBQzFCO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFVBQVU7QUFBQSxJQUNkLENBQUMsQ0FBQyxRQUFRLDJFQUEyRSxDQUFDO0FBQUEsSUFDdEY7QUFBQSxFQUNGO0FBQ0EsYUFBVyxRQUFRLFFBQVEsTUFBTSxJQUFJLEVBQUcsUUFBTyxHQUFHLEtBQUssVUFBVSxJQUFJLElBQUk7QUFDekUsU0FBTyxNQUFNLFNBQVMsNkJBQTZCO0FBQ25ELFNBQU8sYUFBYSxTQUFTLFVBQVU7QUFDdkMsUUFBTSxVQUFVLE1BQU0sQ0FBQyxDQUFDLE9BQU8sMEJBQTBCLElBQUksT0FBTyxFQUFFLENBQUMsRUFBRSxDQUFDLEdBQUcsUUFBUTtBQUNyRixTQUFPLE1BQU0sUUFBUSxRQUFRLE9BQU8sRUFBRSxHQUFHLDZCQUE2QixJQUFJLE9BQU8sRUFBRSxDQUFDLEVBQUU7QUFDeEYsQ0FBQztBQUVELEtBQUsscURBQXFELE1BQU07QUFDOUQsUUFBTSxRQUFRLEVBQUUsR0FBRyxZQUFZLEdBQUcsTUFBTSxHQUFHLE1BQU0sTUFBTSxDQUFDLElBQUksRUFBRTtBQUM5RCxTQUFPLE1BQU0sYUFBYSxPQUFPLEtBQUssR0FBRyxLQUFLLFVBQVUsT0FBTyxNQUFNLENBQUMsQ0FBQztBQUN2RSxRQUFNLFdBQVcsYUFBYSxPQUFPLEdBQUcsYUFBYSxJQUFJLENBQUM7QUFDMUQsU0FBTyxHQUFHLFNBQVMsU0FBUyxxREFBNkQsR0FBRyxRQUFRO0FBQ3BHLFNBQU8sR0FBRyxTQUFTLFNBQVMsc0JBQTBCLEtBQUssU0FBUyxTQUFTLHNCQUEwQixDQUFDO0FBQzFHLENBQUM7QUFFRCxLQUFLLHlFQUF5RSxNQUFNO0FBQ2xGLFFBQU0sVUFBVSxJQUFJLFFBQVEsZ0JBQWdCO0FBQUEsSUFDMUMsTUFBTTtBQUFBLElBQ04sT0FBTyxFQUFFLE1BQU0sVUFBVSxNQUFNLEdBQUcsUUFBUSxFQUFFO0FBQUEsSUFDNUMsT0FBTztBQUFBLElBQ1AsUUFBUTtBQUFBLElBQ1IsU0FBUztBQUFBLEVBQ1gsQ0FBQztBQUNELFFBQU0sT0FBTyxhQUFhLFNBQVMsT0FBTyxDQUFDLFNBQVMsS0FBSyxRQUFRLGVBQWUsb0JBQVUsQ0FBQztBQUMzRixTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsU0FBTyxVQUFVLGdCQUFnQixPQUFPLEdBQUc7QUFBQSxJQUN6QyxPQUFPO0FBQUEsTUFDTCxNQUFNO0FBQUEsTUFDTixRQUFRO0FBQUEsTUFDUixNQUFNO0FBQUEsTUFDTixPQUFPLEVBQUUsTUFBTSxVQUFVLE1BQU0sR0FBRyxRQUFRLEVBQUU7QUFBQSxNQUM1QyxPQUFPO0FBQUEsTUFDUCxRQUFRO0FBQUEsTUFDUixNQUFNLENBQUM7QUFBQSxJQUNUO0FBQUEsRUFDRixDQUFDO0FBQ0gsQ0FBQztBQUVELEtBQUssNkRBQTZELE1BQU07QUFDdEUsUUFBTSxTQUFTLENBQUMsU0FBNEMsV0FBVyxJQUFJLFFBQVEsTUFBTSxFQUFFLE1BQU0sR0FBRyxDQUFDLENBQUM7QUFDdEcsU0FBTztBQUFBLElBQ0w7QUFBQSxNQUNFLE9BQU8sYUFBYTtBQUFBLE1BQ3BCLE9BQU8sT0FBTztBQUFBLE1BQ2QsT0FBTyxnQkFBZ0I7QUFBQSxNQUN2QixPQUFPLGdCQUFnQjtBQUFBLE1BQ3ZCLE9BQU8sb0JBQW9CO0FBQUEsTUFDM0IsT0FBTyxhQUFhO0FBQUEsSUFDdEI7QUFBQSxJQUNBLENBQUMsS0FBSyxHQUFHLEdBQUcsR0FBRyxHQUFHLENBQUM7QUFBQSxFQUNyQjtBQUNBLGFBQVcsUUFBUSxPQUFPLEtBQUssWUFBWSxFQUFvQyxRQUFPLEdBQUcsT0FBTyxJQUFJLElBQUksR0FBRyxJQUFJO0FBQy9HLFNBQU8sTUFBTSxXQUFXLE1BQVMsR0FBRyxDQUFDO0FBQ3ZDLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
