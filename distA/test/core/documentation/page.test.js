import {
  readSource
} from "../../parts/chunk-25LI3GD7.js";
import "../../parts/chunk-YANC7AYB.js";
import "../../parts/chunk-A3UYUOR3.js";
import "../../parts/chunk-2QSPZIQJ.js";
import "../../parts/chunk-LWESV2NC.js";
import "../../parts/chunk-MAUJ5X4J.js";
import "../../parts/chunk-UUVSR64B.js";
import "../../parts/chunk-CCGHMHEK.js";
import "../../parts/chunk-VDPV4SN2.js";
import "../../parts/chunk-FSYFZ44W.js";
import "../../parts/chunk-VVIFMYK7.js";
import "../../parts/chunk-7DIEYAMQ.js";
import "../../parts/chunk-HJ67CAUM.js";
import "../../parts/chunk-EJ3MTJ5C.js";
import {
  tidesPage
} from "../../parts/chunk-V5NERUUT.js";
import "../../parts/chunk-OQREOMES.js";
import "../../parts/chunk-2RJTCR3G.js";
import "../../parts/chunk-JFRZJ6A5.js";
import "../../parts/chunk-IQWA53IU.js";
import "../../parts/chunk-PACVB44P.js";
import "../../parts/chunk-ZC7SUIQQ.js";
import "../../parts/chunk-FSPVDUAZ.js";
import "../../parts/chunk-RABAPZK5.js";
import "../../parts/chunk-XGDOGID3.js";

// test/core/documentation/page.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var tides = () => readSource(tidesPage("http://127.0.0.1:4810"), "tides.html");
var facts = (fields = []) => fields.map(({ name, type, required, default: fallback, certainty }) => [name, type, required, fallback, certainty]);
test("the calls of the page are operations, each with its place and how sure the reading is", async () => {
  const { operations, documentation } = await tides();
  assert.deepEqual(
    operations.map(({ method, path, certainty }) => [method, path, certainty]),
    [
      ["GET", "/tides/stations", "sure"],
      ["GET", "/tides/{station}/levels", "sure"],
      ["POST", "/tides/{station}/reports", "sure"]
    ]
  );
  assert.ok(operations.every(({ at }) => /^line \d+$/.test(at ?? "")));
  assert.deepEqual(
    documentation.warnings.map(({ what }) => what),
    ["nothing was read from \u201CHistory\u201D"]
  );
  assert.deepEqual(
    documentation.servers.map(({ url }) => url),
    ["http://127.0.0.1:4810"]
  );
});
test("a table of parameters: place, type, required, default, allowed values, limits, line", async () => {
  const { operation } = await tides();
  const { parameters } = operation("get-tides-station-levels");
  assert.deepEqual(facts(parameters), [
    ["station", "string", true, void 0, "sure"],
    ["from", "string (date)", true, void 0, "sure"],
    ["days", "integer", false, 1, "sure"],
    ["unit", "string", false, "metre", "sure"]
  ]);
  assert.deepEqual(parameters[3]?.allowed, ["metre", "foot"]);
  assert.equal(parameters[2]?.limits?.["at-most"], 7);
  const line = tidesPage("").split("\n").findIndex((one) => one.includes("<code>days</code>")) + 1;
  assert.equal(parameters[2]?.at, `line ${line}`);
  assert.equal(parameters[0]?.example, "bar");
});
test("an example answer gives fields that are guesses; fields of a body are in the table that says nothing of places", async () => {
  const { operation } = await tides();
  const report = operation("report-a-level");
  assert.deepEqual(facts(report.body?.fields), [
    ["at", "string (date-time)", true, void 0, "sure"],
    ["level", "number", true, void 0, "sure"],
    ["reader", "string", false, void 0, "sure"]
  ]);
  assert.deepEqual(report.body?.fields[1]?.limits, { "at-least": 0, "at-most": 12 });
  assert.deepEqual(
    report.answers.map(({ status, content }) => [status, facts(content?.fields)]),
    [
      [
        "201",
        [
          ["id", "integer", true, void 0, "guess"],
          ["at", "string (date-time)", true, void 0, "guess"],
          ["level", "number", true, void 0, "guess"]
        ]
      ]
    ]
  );
});
var markdown = `# Notices

| Method | Path | What |
|---|---|---|
| GET | /notices | List notices |
| DELETE | /notices/:id | Take one down |

## Put up a notice

\`POST /notices\`

Puts a notice on the board of the quay.

### Body parameters

| Field | Mandatory? | Format | Comment |
|---|---|---|---|
| text | yes | string | What it says |
| quays | no | list of strings | Values: north, south |
| cargo | no | object | What it is about |
| cargo.kind | no | string | |

\`\`\`sh
$ call-it -X POST -H 'X-Desk: north' -d '{"text": "fog"}' https://board.larkhaven.example/notices
\`\`\`

### Response

\`\`\`
HTTP/1.1 201 Created
Content-Type: application/json

{"id": 4}
\`\`\`

| Status | Meaning |
|---|---|
| 422 | The text is missing |

## Old things

\`\`\`
something else
\`\`\`
`;
test("Markdown: an overview, a table in other words, a command line, a raw answer, statuses, nested names", async () => {
  const { operations, operation, documentation } = await readSource(markdown, "notices.md");
  assert.deepEqual(
    operations.map(({ method, path }) => `${method} ${path}`),
    ["GET /notices", "DELETE /notices/{id}", "POST /notices"]
  );
  const post = operation("put-up-a-notice");
  assert.deepEqual(facts(post.body?.fields), [
    ["text", "string", true, void 0, "sure"],
    ["quays", "array of string", false, void 0, "sure"],
    ["cargo", "object", false, void 0, "sure"]
  ]);
  assert.deepEqual(
    post.body?.fields[2]?.fields?.map(({ name }) => name),
    ["kind"]
  );
  assert.deepEqual(post.body?.fields[1]?.allowed, ["north", "south"]);
  assert.deepEqual(post.body?.example, { text: "fog" });
  assert.deepEqual(
    post.parameters.map(({ name, in: where, example }) => [name, where, example]),
    [["x-desk", "header", "north"]]
  );
  assert.deepEqual(
    post.answers.map(({ status, description }) => [status, description]),
    [
      ["201", void 0],
      ["422", "The text is missing"]
    ]
  );
  assert.match(documentation.warnings.map(({ what }) => what).join("; "), /“Old things”/);
});
var columns = [
  [
    "a star marks what is required",
    "| Parameter | Type |\n|---|---|\n| code* | string |",
    ["code", "string", true, void 0, "likely"]
  ],
  [
    "the description says it",
    "| Name | Description |\n|---|---|\n| code | Code of the berth, required |",
    ["code", "string", true, void 0, "likely"]
  ],
  [
    "columns in another order",
    "| Default | Optional? | Data type | Argument |\n|---|---|---|---|\n| 5 | optional | int | code |",
    ["code", "integer", false, 5, "sure"]
  ],
  [
    "a default in words",
    "| Field | Notes |\n|---|---|\n| code | Optional, defaults to N1 |",
    ["code", "string", false, "N1", "likely"]
  ]
];
for (const [name, table, expected] of columns) {
  test(`a table of parameters: ${name}`, async () => {
    const { operations } = await readSource(`# Berths

## GET /berths

${table}
`, "b.md");
    assert.deepEqual(facts(operations[0]?.parameters)?.[0], expected);
  });
}
test("a page without calls says so, and a sentence that mentions a call is none", async () => {
  const { operations, documentation } = await readSource(
    "# History\n\nBefore 2020 everybody used GET /v0/levels for this, and nobody was happy with it at all.\n",
    "h.md"
  );
  assert.equal(operations.length, 0);
  assert.match(documentation.warnings[0]?.what ?? "", /no method and path/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vLi4vdGVzdC9jb3JlL2RvY3VtZW50YXRpb24vcGFnZS50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogUmVmZXJlbmNlIHBhZ2VzOiB0aGUgdGlkZSB0YWJsZXMgaW4gSFRNTCwgdGhlIHNhbWUgaW4gTWFya2Rvd24sIGFuZCB3aGF0IHZlbmRvcnMgd3JpdGUgaW4gb3RoZXIgd2F5cy4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHR5cGUgeyBGaWVsZCB9IGZyb20gJy4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vbW9kZWwuanMnO1xuaW1wb3J0IHsgdGlkZXNQYWdlIH0gZnJvbSAnLi4vLi4vLi4vc3JjL3N0YW5kaW4vdGlkZXMvcGFnZS5qcyc7XG5pbXBvcnQgeyByZWFkU291cmNlIH0gZnJvbSAnLi4vLi4vc3VwcG9ydC9kb2N1bWVudGF0aW9uLmpzJztcblxuY29uc3QgdGlkZXMgPSAoKSA9PiByZWFkU291cmNlKHRpZGVzUGFnZSgnaHR0cDovLzEyNy4wLjAuMTo0ODEwJyksICd0aWRlcy5odG1sJyk7XG5jb25zdCBmYWN0cyA9IChmaWVsZHM6IHJlYWRvbmx5IEZpZWxkW10gPSBbXSk6IHVua25vd24gPT5cbiAgZmllbGRzLm1hcCgoeyBuYW1lLCB0eXBlLCByZXF1aXJlZCwgZGVmYXVsdDogZmFsbGJhY2ssIGNlcnRhaW50eSB9KSA9PiBbbmFtZSwgdHlwZSwgcmVxdWlyZWQsIGZhbGxiYWNrLCBjZXJ0YWludHldKTtcblxudGVzdCgndGhlIGNhbGxzIG9mIHRoZSBwYWdlIGFyZSBvcGVyYXRpb25zLCBlYWNoIHdpdGggaXRzIHBsYWNlIGFuZCBob3cgc3VyZSB0aGUgcmVhZGluZyBpcycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBvcGVyYXRpb25zLCBkb2N1bWVudGF0aW9uIH0gPSBhd2FpdCB0aWRlcygpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIG9wZXJhdGlvbnMubWFwKCh7IG1ldGhvZCwgcGF0aCwgY2VydGFpbnR5IH0pID0+IFttZXRob2QsIHBhdGgsIGNlcnRhaW50eV0pLFxuICAgIFtcbiAgICAgIFsnR0VUJywgJy90aWRlcy9zdGF0aW9ucycsICdzdXJlJ10sXG4gICAgICBbJ0dFVCcsICcvdGlkZXMve3N0YXRpb259L2xldmVscycsICdzdXJlJ10sXG4gICAgICBbJ1BPU1QnLCAnL3RpZGVzL3tzdGF0aW9ufS9yZXBvcnRzJywgJ3N1cmUnXSxcbiAgICBdLFxuICApO1xuICBhc3NlcnQub2sob3BlcmF0aW9ucy5ldmVyeSgoeyBhdCB9KSA9PiAvXmxpbmUgXFxkKyQvLnRlc3QoYXQgPz8gJycpKSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgZG9jdW1lbnRhdGlvbi53YXJuaW5ncy5tYXAoKHsgd2hhdCB9KSA9PiB3aGF0KSxcbiAgICBbJ25vdGhpbmcgd2FzIHJlYWQgZnJvbSBcdTIwMUNIaXN0b3J5XHUyMDFEJ10sXG4gICk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgZG9jdW1lbnRhdGlvbi5zZXJ2ZXJzLm1hcCgoeyB1cmwgfSkgPT4gdXJsKSxcbiAgICBbJ2h0dHA6Ly8xMjcuMC4wLjE6NDgxMCddLFxuICApO1xufSk7XG5cbnRlc3QoJ2EgdGFibGUgb2YgcGFyYW1ldGVyczogcGxhY2UsIHR5cGUsIHJlcXVpcmVkLCBkZWZhdWx0LCBhbGxvd2VkIHZhbHVlcywgbGltaXRzLCBsaW5lJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IG9wZXJhdGlvbiB9ID0gYXdhaXQgdGlkZXMoKTtcbiAgY29uc3QgeyBwYXJhbWV0ZXJzIH0gPSBvcGVyYXRpb24oJ2dldC10aWRlcy1zdGF0aW9uLWxldmVscycpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGZhY3RzKHBhcmFtZXRlcnMpLCBbXG4gICAgWydzdGF0aW9uJywgJ3N0cmluZycsIHRydWUsIHVuZGVmaW5lZCwgJ3N1cmUnXSxcbiAgICBbJ2Zyb20nLCAnc3RyaW5nIChkYXRlKScsIHRydWUsIHVuZGVmaW5lZCwgJ3N1cmUnXSxcbiAgICBbJ2RheXMnLCAnaW50ZWdlcicsIGZhbHNlLCAxLCAnc3VyZSddLFxuICAgIFsndW5pdCcsICdzdHJpbmcnLCBmYWxzZSwgJ21ldHJlJywgJ3N1cmUnXSxcbiAgXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwocGFyYW1ldGVyc1szXT8uYWxsb3dlZCwgWydtZXRyZScsICdmb290J10pO1xuICBhc3NlcnQuZXF1YWwocGFyYW1ldGVyc1syXT8ubGltaXRzPy5bJ2F0LW1vc3QnXSwgNyk7XG4gIGNvbnN0IGxpbmUgPVxuICAgIHRpZGVzUGFnZSgnJylcbiAgICAgIC5zcGxpdCgnXFxuJylcbiAgICAgIC5maW5kSW5kZXgoKG9uZSkgPT4gb25lLmluY2x1ZGVzKCc8Y29kZT5kYXlzPC9jb2RlPicpKSArIDE7XG4gIGFzc2VydC5lcXVhbChwYXJhbWV0ZXJzWzJdPy5hdCwgYGxpbmUgJHtsaW5lfWApO1xuICBhc3NlcnQuZXF1YWwocGFyYW1ldGVyc1swXT8uZXhhbXBsZSwgJ2JhcicpO1xufSk7XG5cbnRlc3QoJ2FuIGV4YW1wbGUgYW5zd2VyIGdpdmVzIGZpZWxkcyB0aGF0IGFyZSBndWVzc2VzOyBmaWVsZHMgb2YgYSBib2R5IGFyZSBpbiB0aGUgdGFibGUgdGhhdCBzYXlzIG5vdGhpbmcgb2YgcGxhY2VzJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IG9wZXJhdGlvbiB9ID0gYXdhaXQgdGlkZXMoKTtcbiAgY29uc3QgcmVwb3J0ID0gb3BlcmF0aW9uKCdyZXBvcnQtYS1sZXZlbCcpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGZhY3RzKHJlcG9ydC5ib2R5Py5maWVsZHMpLCBbXG4gICAgWydhdCcsICdzdHJpbmcgKGRhdGUtdGltZSknLCB0cnVlLCB1bmRlZmluZWQsICdzdXJlJ10sXG4gICAgWydsZXZlbCcsICdudW1iZXInLCB0cnVlLCB1bmRlZmluZWQsICdzdXJlJ10sXG4gICAgWydyZWFkZXInLCAnc3RyaW5nJywgZmFsc2UsIHVuZGVmaW5lZCwgJ3N1cmUnXSxcbiAgXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwocmVwb3J0LmJvZHk/LmZpZWxkc1sxXT8ubGltaXRzLCB7ICdhdC1sZWFzdCc6IDAsICdhdC1tb3N0JzogMTIgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgcmVwb3J0LmFuc3dlcnMubWFwKCh7IHN0YXR1cywgY29udGVudCB9KSA9PiBbc3RhdHVzLCBmYWN0cyhjb250ZW50Py5maWVsZHMpXSksXG4gICAgW1xuICAgICAgW1xuICAgICAgICAnMjAxJyxcbiAgICAgICAgW1xuICAgICAgICAgIFsnaWQnLCAnaW50ZWdlcicsIHRydWUsIHVuZGVmaW5lZCwgJ2d1ZXNzJ10sXG4gICAgICAgICAgWydhdCcsICdzdHJpbmcgKGRhdGUtdGltZSknLCB0cnVlLCB1bmRlZmluZWQsICdndWVzcyddLFxuICAgICAgICAgIFsnbGV2ZWwnLCAnbnVtYmVyJywgdHJ1ZSwgdW5kZWZpbmVkLCAnZ3Vlc3MnXSxcbiAgICAgICAgXSxcbiAgICAgIF0sXG4gICAgXSxcbiAgKTtcbn0pO1xuXG5jb25zdCBtYXJrZG93biA9IGAjIE5vdGljZXNcblxufCBNZXRob2QgfCBQYXRoIHwgV2hhdCB8XG58LS0tfC0tLXwtLS18XG58IEdFVCB8IC9ub3RpY2VzIHwgTGlzdCBub3RpY2VzIHxcbnwgREVMRVRFIHwgL25vdGljZXMvOmlkIHwgVGFrZSBvbmUgZG93biB8XG5cbiMjIFB1dCB1cCBhIG5vdGljZVxuXG5cXGBQT1NUIC9ub3RpY2VzXFxgXG5cblB1dHMgYSBub3RpY2Ugb24gdGhlIGJvYXJkIG9mIHRoZSBxdWF5LlxuXG4jIyMgQm9keSBwYXJhbWV0ZXJzXG5cbnwgRmllbGQgfCBNYW5kYXRvcnk/IHwgRm9ybWF0IHwgQ29tbWVudCB8XG58LS0tfC0tLXwtLS18LS0tfFxufCB0ZXh0IHwgeWVzIHwgc3RyaW5nIHwgV2hhdCBpdCBzYXlzIHxcbnwgcXVheXMgfCBubyB8IGxpc3Qgb2Ygc3RyaW5ncyB8IFZhbHVlczogbm9ydGgsIHNvdXRoIHxcbnwgY2FyZ28gfCBubyB8IG9iamVjdCB8IFdoYXQgaXQgaXMgYWJvdXQgfFxufCBjYXJnby5raW5kIHwgbm8gfCBzdHJpbmcgfCB8XG5cblxcYFxcYFxcYHNoXG4kIGNhbGwtaXQgLVggUE9TVCAtSCAnWC1EZXNrOiBub3J0aCcgLWQgJ3tcInRleHRcIjogXCJmb2dcIn0nIGh0dHBzOi8vYm9hcmQubGFya2hhdmVuLmV4YW1wbGUvbm90aWNlc1xuXFxgXFxgXFxgXG5cbiMjIyBSZXNwb25zZVxuXG5cXGBcXGBcXGBcbkhUVFAvMS4xIDIwMSBDcmVhdGVkXG5Db250ZW50LVR5cGU6IGFwcGxpY2F0aW9uL2pzb25cblxue1wiaWRcIjogNH1cblxcYFxcYFxcYFxuXG58IFN0YXR1cyB8IE1lYW5pbmcgfFxufC0tLXwtLS18XG58IDQyMiB8IFRoZSB0ZXh0IGlzIG1pc3NpbmcgfFxuXG4jIyBPbGQgdGhpbmdzXG5cblxcYFxcYFxcYFxuc29tZXRoaW5nIGVsc2VcblxcYFxcYFxcYFxuYDtcblxudGVzdCgnTWFya2Rvd246IGFuIG92ZXJ2aWV3LCBhIHRhYmxlIGluIG90aGVyIHdvcmRzLCBhIGNvbW1hbmQgbGluZSwgYSByYXcgYW5zd2VyLCBzdGF0dXNlcywgbmVzdGVkIG5hbWVzJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IG9wZXJhdGlvbnMsIG9wZXJhdGlvbiwgZG9jdW1lbnRhdGlvbiB9ID0gYXdhaXQgcmVhZFNvdXJjZShtYXJrZG93biwgJ25vdGljZXMubWQnKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBvcGVyYXRpb25zLm1hcCgoeyBtZXRob2QsIHBhdGggfSkgPT4gYCR7bWV0aG9kfSAke3BhdGh9YCksXG4gICAgWydHRVQgL25vdGljZXMnLCAnREVMRVRFIC9ub3RpY2VzL3tpZH0nLCAnUE9TVCAvbm90aWNlcyddLFxuICApO1xuICBjb25zdCBwb3N0ID0gb3BlcmF0aW9uKCdwdXQtdXAtYS1ub3RpY2UnKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChmYWN0cyhwb3N0LmJvZHk/LmZpZWxkcyksIFtcbiAgICBbJ3RleHQnLCAnc3RyaW5nJywgdHJ1ZSwgdW5kZWZpbmVkLCAnc3VyZSddLFxuICAgIFsncXVheXMnLCAnYXJyYXkgb2Ygc3RyaW5nJywgZmFsc2UsIHVuZGVmaW5lZCwgJ3N1cmUnXSxcbiAgICBbJ2NhcmdvJywgJ29iamVjdCcsIGZhbHNlLCB1bmRlZmluZWQsICdzdXJlJ10sXG4gIF0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIHBvc3QuYm9keT8uZmllbGRzWzJdPy5maWVsZHM/Lm1hcCgoeyBuYW1lIH0pID0+IG5hbWUpLFxuICAgIFsna2luZCddLFxuICApO1xuICBhc3NlcnQuZGVlcEVxdWFsKHBvc3QuYm9keT8uZmllbGRzWzFdPy5hbGxvd2VkLCBbJ25vcnRoJywgJ3NvdXRoJ10pO1xuICBhc3NlcnQuZGVlcEVxdWFsKHBvc3QuYm9keT8uZXhhbXBsZSwgeyB0ZXh0OiAnZm9nJyB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBwb3N0LnBhcmFtZXRlcnMubWFwKCh7IG5hbWUsIGluOiB3aGVyZSwgZXhhbXBsZSB9KSA9PiBbbmFtZSwgd2hlcmUsIGV4YW1wbGVdKSxcbiAgICBbWyd4LWRlc2snLCAnaGVhZGVyJywgJ25vcnRoJ11dLFxuICApO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIHBvc3QuYW5zd2Vycy5tYXAoKHsgc3RhdHVzLCBkZXNjcmlwdGlvbiB9KSA9PiBbc3RhdHVzLCBkZXNjcmlwdGlvbl0pLFxuICAgIFtcbiAgICAgIFsnMjAxJywgdW5kZWZpbmVkXSxcbiAgICAgIFsnNDIyJywgJ1RoZSB0ZXh0IGlzIG1pc3NpbmcnXSxcbiAgICBdLFxuICApO1xuICBhc3NlcnQubWF0Y2goZG9jdW1lbnRhdGlvbi53YXJuaW5ncy5tYXAoKHsgd2hhdCB9KSA9PiB3aGF0KS5qb2luKCc7ICcpLCAvXHUyMDFDT2xkIHRoaW5nc1x1MjAxRC8pO1xufSk7XG5cbmNvbnN0IGNvbHVtbnM6IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZTogc3RyaW5nLCB0YWJsZTogc3RyaW5nLCBleHBlY3RlZDogdW5rbm93bl0pW10gPSBbXG4gIFtcbiAgICAnYSBzdGFyIG1hcmtzIHdoYXQgaXMgcmVxdWlyZWQnLFxuICAgICd8IFBhcmFtZXRlciB8IFR5cGUgfFxcbnwtLS18LS0tfFxcbnwgY29kZSogfCBzdHJpbmcgfCcsXG4gICAgWydjb2RlJywgJ3N0cmluZycsIHRydWUsIHVuZGVmaW5lZCwgJ2xpa2VseSddLFxuICBdLFxuICBbXG4gICAgJ3RoZSBkZXNjcmlwdGlvbiBzYXlzIGl0JyxcbiAgICAnfCBOYW1lIHwgRGVzY3JpcHRpb24gfFxcbnwtLS18LS0tfFxcbnwgY29kZSB8IENvZGUgb2YgdGhlIGJlcnRoLCByZXF1aXJlZCB8JyxcbiAgICBbJ2NvZGUnLCAnc3RyaW5nJywgdHJ1ZSwgdW5kZWZpbmVkLCAnbGlrZWx5J10sXG4gIF0sXG4gIFtcbiAgICAnY29sdW1ucyBpbiBhbm90aGVyIG9yZGVyJyxcbiAgICAnfCBEZWZhdWx0IHwgT3B0aW9uYWw/IHwgRGF0YSB0eXBlIHwgQXJndW1lbnQgfFxcbnwtLS18LS0tfC0tLXwtLS18XFxufCA1IHwgb3B0aW9uYWwgfCBpbnQgfCBjb2RlIHwnLFxuICAgIFsnY29kZScsICdpbnRlZ2VyJywgZmFsc2UsIDUsICdzdXJlJ10sXG4gIF0sXG4gIFtcbiAgICAnYSBkZWZhdWx0IGluIHdvcmRzJyxcbiAgICAnfCBGaWVsZCB8IE5vdGVzIHxcXG58LS0tfC0tLXxcXG58IGNvZGUgfCBPcHRpb25hbCwgZGVmYXVsdHMgdG8gTjEgfCcsXG4gICAgWydjb2RlJywgJ3N0cmluZycsIGZhbHNlLCAnTjEnLCAnbGlrZWx5J10sXG4gIF0sXG5dO1xuZm9yIChjb25zdCBbbmFtZSwgdGFibGUsIGV4cGVjdGVkXSBvZiBjb2x1bW5zKSB7XG4gIHRlc3QoYGEgdGFibGUgb2YgcGFyYW1ldGVyczogJHtuYW1lfWAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCB7IG9wZXJhdGlvbnMgfSA9IGF3YWl0IHJlYWRTb3VyY2UoYCMgQmVydGhzXFxuXFxuIyMgR0VUIC9iZXJ0aHNcXG5cXG4ke3RhYmxlfVxcbmAsICdiLm1kJyk7XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChmYWN0cyhvcGVyYXRpb25zWzBdPy5wYXJhbWV0ZXJzKT8uWzAgYXMgbmV2ZXJdLCBleHBlY3RlZCk7XG4gIH0pO1xufVxuXG50ZXN0KCdhIHBhZ2Ugd2l0aG91dCBjYWxscyBzYXlzIHNvLCBhbmQgYSBzZW50ZW5jZSB0aGF0IG1lbnRpb25zIGEgY2FsbCBpcyBub25lJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IG9wZXJhdGlvbnMsIGRvY3VtZW50YXRpb24gfSA9IGF3YWl0IHJlYWRTb3VyY2UoXG4gICAgJyMgSGlzdG9yeVxcblxcbkJlZm9yZSAyMDIwIGV2ZXJ5Ym9keSB1c2VkIEdFVCAvdjAvbGV2ZWxzIGZvciB0aGlzLCBhbmQgbm9ib2R5IHdhcyBoYXBweSB3aXRoIGl0IGF0IGFsbC5cXG4nLFxuICAgICdoLm1kJyxcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKG9wZXJhdGlvbnMubGVuZ3RoLCAwKTtcbiAgYXNzZXJ0Lm1hdGNoKGRvY3VtZW50YXRpb24ud2FybmluZ3NbMF0/LndoYXQgPz8gJycsIC9ubyBtZXRob2QgYW5kIHBhdGgvKTtcbn0pO1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsWUFBWTtBQUtyQixJQUFNLFFBQVEsTUFBTSxXQUFXLFVBQVUsdUJBQXVCLEdBQUcsWUFBWTtBQUMvRSxJQUFNLFFBQVEsQ0FBQyxTQUEyQixDQUFDLE1BQ3pDLE9BQU8sSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLFVBQVUsU0FBUyxVQUFVLFVBQVUsTUFBTSxDQUFDLE1BQU0sTUFBTSxVQUFVLFVBQVUsU0FBUyxDQUFDO0FBRXBILEtBQUsseUZBQXlGLFlBQVk7QUFDeEcsUUFBTSxFQUFFLFlBQVksY0FBYyxJQUFJLE1BQU0sTUFBTTtBQUNsRCxTQUFPO0FBQUEsSUFDTCxXQUFXLElBQUksQ0FBQyxFQUFFLFFBQVEsTUFBTSxVQUFVLE1BQU0sQ0FBQyxRQUFRLE1BQU0sU0FBUyxDQUFDO0FBQUEsSUFDekU7QUFBQSxNQUNFLENBQUMsT0FBTyxtQkFBbUIsTUFBTTtBQUFBLE1BQ2pDLENBQUMsT0FBTywyQkFBMkIsTUFBTTtBQUFBLE1BQ3pDLENBQUMsUUFBUSw0QkFBNEIsTUFBTTtBQUFBLElBQzdDO0FBQUEsRUFDRjtBQUNBLFNBQU8sR0FBRyxXQUFXLE1BQU0sQ0FBQyxFQUFFLEdBQUcsTUFBTSxhQUFhLEtBQUssTUFBTSxFQUFFLENBQUMsQ0FBQztBQUNuRSxTQUFPO0FBQUEsSUFDTCxjQUFjLFNBQVMsSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUk7QUFBQSxJQUM3QyxDQUFDLDJDQUFpQztBQUFBLEVBQ3BDO0FBQ0EsU0FBTztBQUFBLElBQ0wsY0FBYyxRQUFRLElBQUksQ0FBQyxFQUFFLElBQUksTUFBTSxHQUFHO0FBQUEsSUFDMUMsQ0FBQyx1QkFBdUI7QUFBQSxFQUMxQjtBQUNGLENBQUM7QUFFRCxLQUFLLHVGQUF1RixZQUFZO0FBQ3RHLFFBQU0sRUFBRSxVQUFVLElBQUksTUFBTSxNQUFNO0FBQ2xDLFFBQU0sRUFBRSxXQUFXLElBQUksVUFBVSwwQkFBMEI7QUFDM0QsU0FBTyxVQUFVLE1BQU0sVUFBVSxHQUFHO0FBQUEsSUFDbEMsQ0FBQyxXQUFXLFVBQVUsTUFBTSxRQUFXLE1BQU07QUFBQSxJQUM3QyxDQUFDLFFBQVEsaUJBQWlCLE1BQU0sUUFBVyxNQUFNO0FBQUEsSUFDakQsQ0FBQyxRQUFRLFdBQVcsT0FBTyxHQUFHLE1BQU07QUFBQSxJQUNwQyxDQUFDLFFBQVEsVUFBVSxPQUFPLFNBQVMsTUFBTTtBQUFBLEVBQzNDLENBQUM7QUFDRCxTQUFPLFVBQVUsV0FBVyxDQUFDLEdBQUcsU0FBUyxDQUFDLFNBQVMsTUFBTSxDQUFDO0FBQzFELFNBQU8sTUFBTSxXQUFXLENBQUMsR0FBRyxTQUFTLFNBQVMsR0FBRyxDQUFDO0FBQ2xELFFBQU0sT0FDSixVQUFVLEVBQUUsRUFDVCxNQUFNLElBQUksRUFDVixVQUFVLENBQUMsUUFBUSxJQUFJLFNBQVMsbUJBQW1CLENBQUMsSUFBSTtBQUM3RCxTQUFPLE1BQU0sV0FBVyxDQUFDLEdBQUcsSUFBSSxRQUFRLElBQUksRUFBRTtBQUM5QyxTQUFPLE1BQU0sV0FBVyxDQUFDLEdBQUcsU0FBUyxLQUFLO0FBQzVDLENBQUM7QUFFRCxLQUFLLGtIQUFrSCxZQUFZO0FBQ2pJLFFBQU0sRUFBRSxVQUFVLElBQUksTUFBTSxNQUFNO0FBQ2xDLFFBQU0sU0FBUyxVQUFVLGdCQUFnQjtBQUN6QyxTQUFPLFVBQVUsTUFBTSxPQUFPLE1BQU0sTUFBTSxHQUFHO0FBQUEsSUFDM0MsQ0FBQyxNQUFNLHNCQUFzQixNQUFNLFFBQVcsTUFBTTtBQUFBLElBQ3BELENBQUMsU0FBUyxVQUFVLE1BQU0sUUFBVyxNQUFNO0FBQUEsSUFDM0MsQ0FBQyxVQUFVLFVBQVUsT0FBTyxRQUFXLE1BQU07QUFBQSxFQUMvQyxDQUFDO0FBQ0QsU0FBTyxVQUFVLE9BQU8sTUFBTSxPQUFPLENBQUMsR0FBRyxRQUFRLEVBQUUsWUFBWSxHQUFHLFdBQVcsR0FBRyxDQUFDO0FBQ2pGLFNBQU87QUFBQSxJQUNMLE9BQU8sUUFBUSxJQUFJLENBQUMsRUFBRSxRQUFRLFFBQVEsTUFBTSxDQUFDLFFBQVEsTUFBTSxTQUFTLE1BQU0sQ0FBQyxDQUFDO0FBQUEsSUFDNUU7QUFBQSxNQUNFO0FBQUEsUUFDRTtBQUFBLFFBQ0E7QUFBQSxVQUNFLENBQUMsTUFBTSxXQUFXLE1BQU0sUUFBVyxPQUFPO0FBQUEsVUFDMUMsQ0FBQyxNQUFNLHNCQUFzQixNQUFNLFFBQVcsT0FBTztBQUFBLFVBQ3JELENBQUMsU0FBUyxVQUFVLE1BQU0sUUFBVyxPQUFPO0FBQUEsUUFDOUM7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsSUFBTSxXQUFXO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQThDakIsS0FBSyx1R0FBdUcsWUFBWTtBQUN0SCxRQUFNLEVBQUUsWUFBWSxXQUFXLGNBQWMsSUFBSSxNQUFNLFdBQVcsVUFBVSxZQUFZO0FBQ3hGLFNBQU87QUFBQSxJQUNMLFdBQVcsSUFBSSxDQUFDLEVBQUUsUUFBUSxLQUFLLE1BQU0sR0FBRyxNQUFNLElBQUksSUFBSSxFQUFFO0FBQUEsSUFDeEQsQ0FBQyxnQkFBZ0Isd0JBQXdCLGVBQWU7QUFBQSxFQUMxRDtBQUNBLFFBQU0sT0FBTyxVQUFVLGlCQUFpQjtBQUN4QyxTQUFPLFVBQVUsTUFBTSxLQUFLLE1BQU0sTUFBTSxHQUFHO0FBQUEsSUFDekMsQ0FBQyxRQUFRLFVBQVUsTUFBTSxRQUFXLE1BQU07QUFBQSxJQUMxQyxDQUFDLFNBQVMsbUJBQW1CLE9BQU8sUUFBVyxNQUFNO0FBQUEsSUFDckQsQ0FBQyxTQUFTLFVBQVUsT0FBTyxRQUFXLE1BQU07QUFBQSxFQUM5QyxDQUFDO0FBQ0QsU0FBTztBQUFBLElBQ0wsS0FBSyxNQUFNLE9BQU8sQ0FBQyxHQUFHLFFBQVEsSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUk7QUFBQSxJQUNwRCxDQUFDLE1BQU07QUFBQSxFQUNUO0FBQ0EsU0FBTyxVQUFVLEtBQUssTUFBTSxPQUFPLENBQUMsR0FBRyxTQUFTLENBQUMsU0FBUyxPQUFPLENBQUM7QUFDbEUsU0FBTyxVQUFVLEtBQUssTUFBTSxTQUFTLEVBQUUsTUFBTSxNQUFNLENBQUM7QUFDcEQsU0FBTztBQUFBLElBQ0wsS0FBSyxXQUFXLElBQUksQ0FBQyxFQUFFLE1BQU0sSUFBSSxPQUFPLFFBQVEsTUFBTSxDQUFDLE1BQU0sT0FBTyxPQUFPLENBQUM7QUFBQSxJQUM1RSxDQUFDLENBQUMsVUFBVSxVQUFVLE9BQU8sQ0FBQztBQUFBLEVBQ2hDO0FBQ0EsU0FBTztBQUFBLElBQ0wsS0FBSyxRQUFRLElBQUksQ0FBQyxFQUFFLFFBQVEsWUFBWSxNQUFNLENBQUMsUUFBUSxXQUFXLENBQUM7QUFBQSxJQUNuRTtBQUFBLE1BQ0UsQ0FBQyxPQUFPLE1BQVM7QUFBQSxNQUNqQixDQUFDLE9BQU8scUJBQXFCO0FBQUEsSUFDL0I7QUFBQSxFQUNGO0FBQ0EsU0FBTyxNQUFNLGNBQWMsU0FBUyxJQUFJLENBQUMsRUFBRSxLQUFLLE1BQU0sSUFBSSxFQUFFLEtBQUssSUFBSSxHQUFHLGNBQWM7QUFDeEYsQ0FBQztBQUVELElBQU0sVUFBa0Y7QUFBQSxFQUN0RjtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxDQUFDLFFBQVEsVUFBVSxNQUFNLFFBQVcsUUFBUTtBQUFBLEVBQzlDO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxDQUFDLFFBQVEsVUFBVSxNQUFNLFFBQVcsUUFBUTtBQUFBLEVBQzlDO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxDQUFDLFFBQVEsV0FBVyxPQUFPLEdBQUcsTUFBTTtBQUFBLEVBQ3RDO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxDQUFDLFFBQVEsVUFBVSxPQUFPLE1BQU0sUUFBUTtBQUFBLEVBQzFDO0FBQ0Y7QUFDQSxXQUFXLENBQUMsTUFBTSxPQUFPLFFBQVEsS0FBSyxTQUFTO0FBQzdDLE9BQUssMEJBQTBCLElBQUksSUFBSSxZQUFZO0FBQ2pELFVBQU0sRUFBRSxXQUFXLElBQUksTUFBTSxXQUFXO0FBQUE7QUFBQTtBQUFBO0FBQUEsRUFBaUMsS0FBSztBQUFBLEdBQU0sTUFBTTtBQUMxRixXQUFPLFVBQVUsTUFBTSxXQUFXLENBQUMsR0FBRyxVQUFVLElBQUksQ0FBVSxHQUFHLFFBQVE7QUFBQSxFQUMzRSxDQUFDO0FBQ0g7QUFFQSxLQUFLLDZFQUE2RSxZQUFZO0FBQzVGLFFBQU0sRUFBRSxZQUFZLGNBQWMsSUFBSSxNQUFNO0FBQUEsSUFDMUM7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxXQUFXLFFBQVEsQ0FBQztBQUNqQyxTQUFPLE1BQU0sY0FBYyxTQUFTLENBQUMsR0FBRyxRQUFRLElBQUksb0JBQW9CO0FBQzFFLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
