import {
  rules
} from "../parts/chunk-76Y4LLP3.js";
import "../parts/chunk-SLY34PON.js";
import "../parts/chunk-FSYFZ44W.js";
import "../parts/chunk-VVIFMYK7.js";
import "../parts/chunk-7DIEYAMQ.js";
import "../parts/chunk-HJ67CAUM.js";
import "../parts/chunk-EJ3MTJ5C.js";
import "../parts/chunk-7BJX3LSQ.js";
import "../parts/chunk-KPXZDYPQ.js";
import "../parts/chunk-64GZ67CL.js";
import "../parts/chunk-IFMLXW3Q.js";
import "../parts/chunk-JTXRQ3DM.js";
import "../parts/chunk-UFHSLVCM.js";
import "../parts/chunk-2YNHSDXB.js";
import "../parts/chunk-OQREOMES.js";
import "../parts/chunk-2RJTCR3G.js";
import "../parts/chunk-G6PY5PV3.js";
import "../parts/chunk-BC36KCSM.js";
import {
  collectionOf,
  demoCollection,
  document,
  echoTrail
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-IQWA53IU.js";
import "../parts/chunk-7JVJJYGZ.js";
import "../parts/chunk-VVGKGSPN.js";
import "../parts/chunk-ILBUWU7B.js";
import "../parts/chunk-QF6HTAQS.js";
import "../parts/chunk-PACVB44P.js";
import "../parts/chunk-WDD3S5O6.js";
import "../parts/chunk-ELCQYB6S.js";
import "../parts/chunk-ZC7SUIQQ.js";
import "../parts/chunk-FSPVDUAZ.js";
import "../parts/chunk-RABAPZK5.js";
import "../parts/chunk-XGDOGID3.js";

// test/program/check.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var openapi = JSON.stringify({
  openapi: "3.1.0",
  info: { title: "T" },
  paths: {
    "/v1/calls/{id}": {
      patch: {
        operationId: "amend",
        parameters: [
          { name: "id", in: "path", schema: {} },
          { name: "by", in: "query", required: true, schema: {} }
        ],
        requestBody: { required: true, content: { "application/json": {} } },
        responses: {}
      }
    }
  }
});
var documented = {
  "echo-trail.yaml": "name: t\nenvironment: sandbox\ndocs: {harbour: {file: docs/h.json}}\n",
  "docs/h.json": openapi
};
var cases = [
  [
    "file-valid",
    "error",
    { "requests/x.yaml": "url: http://x.example\nmethd: GET\n" },
    "requests/x.yaml:2:1",
    /methd.*did you mean method/
  ],
  ["file-valid", "error", { "requests/x.yaml": "url: [\n" }, "requests/x.yaml:2:1", /well-formed|indentation/],
  ["file-valid", "error", { "trails/x.yaml": "steps: []\n" }, "trails/x.yaml:1:8", /steps/],
  [
    "file-ready",
    "error",
    { "requests/x.yaml": "url: ${origin}/\nheaders:\n  X: ${origin | uper}\n" },
    "requests/x.yaml:3:6",
    /no filter uper; did you mean upper/
  ],
  [
    "file-ready",
    "error",
    { "requests/x.yaml": "url: ${origin}/\nexpect:\n  statos: 200\n" },
    "requests/x.yaml:3:3",
    /statos is not a place.*did you mean status/
  ],
  [
    "file-ready",
    "error",
    { "requests/x.yaml": "url: ${origin}/\nexpect:\n  $.a: {ovr: 2}\n" },
    "requests/x.yaml:3:3",
    /no matcher ovr.*did you mean over/
  ],
  [
    "file-ready",
    "error",
    { "requests/x.yaml": "url: ${origin}/\nkeep:\n  a: $.[\n" },
    "requests/x.yaml:3:6",
    /JSONPath/
  ],
  [
    "file-ready",
    "error",
    { "requests/x.yaml": "url: ${origin}/a${origin}\n" },
    "requests/x.yaml:1:6",
    /may only open the address/
  ],
  [
    "file-ready",
    "error",
    { "requests/x.yaml": 'url: ${origin}/\nexpect:\n  body: {matches: "("}\n' },
    "requests/x.yaml:3:3",
    /regular expression/
  ],
  [
    "file-ready",
    "error",
    { "trails/x.yaml": "steps:\n  - send: nowhere\n" },
    "trails/x.yaml:2:11",
    /no request nowhere/
  ],
  [
    "names-resolve",
    "error",
    { "requests/x.yaml": "inputs: {imo: {}}\nurl: ${origin}/{imo}\nquery:\n  a: ${imoo}\n" },
    "requests/x.yaml:4:6",
    /imoo.*did you mean imo/
  ],
  ["names-resolve", "error", { "requests/x.yaml": "url: ${origin}/{imo}\n" }, "requests/x.yaml:1:6", /part \{imo\}/],
  [
    "trail-names-resolve",
    "error",
    {
      "requests/x.yaml": "inputs: {a: {}}\nurl: ${origin}/{a}\n",
      "trails/t.yaml": 'steps:\n  - send: x\n    give: {a: "${later}"}\n  - keep: {later: 1}\n'
    },
    "trails/t.yaml:3:15",
    /later is not known at this step/
  ],
  [
    "kept-values-used",
    "warning",
    { "requests/x.yaml": "url: ${origin}/\nkeep:\n  callId: $.id\n" },
    "requests/x.yaml:3:3",
    /callId is kept, but nothing uses it/
  ],
  [
    "inputs-used",
    "warning",
    { "requests/x.yaml": "inputs:\n  imo: {}\nurl: ${origin}/\n" },
    "requests/x.yaml:2:3",
    /input imo.*nowhere/
  ],
  [
    "no-body-in-get",
    "warning",
    { "requests/x.yaml": "url: ${origin}/\nbody: {json: {}}\n" },
    "requests/x.yaml:2:1",
    /GET carries a body.*POST/
  ],
  [
    "no-secrets-in-files",
    "error",
    { "sessions/x.yaml": "kind: basic\nuser: agent\npassword: tidewater-42\n" },
    "sessions/x.yaml:3:11",
    /the value of password stands in a file that is shared.*secret set/
  ],
  [
    "operation-matches",
    "error",
    { ...documented, "requests/x.yaml": "operation: harbour/amnd\nurl: ${origin}/\n" },
    "requests/x.yaml:1:12",
    /amnd.*did you mean harbour\/amend/
  ],
  [
    "operation-matches",
    "error",
    {
      ...documented,
      "requests/x.yaml": "inputs: {id: {}}\noperation: harbour/amend\nmethod: PUT\nurl: ${origin}/v1/calls/{id}?by=me\nbody: {json: {}}\n"
    },
    "requests/x.yaml:3:9",
    /method is PUT, documented is PATCH/
  ],
  [
    "operation-matches",
    "error",
    {
      ...documented,
      "requests/x.yaml": "inputs: {id: {}}\noperation: harbour/amend\nmethod: PATCH\nurl: ${origin}/v2/calls/{id}?by=me\nbody: {json: {}}\n"
    },
    "requests/x.yaml:4:6",
    /path is \/v2\/calls\/\{id\}, documented/
  ],
  [
    "operation-matches",
    "warning",
    {
      ...documented,
      "requests/x.yaml": "inputs: {id: {}}\noperation: harbour/amend\nmethod: PATCH\nurl: ${origin}/v1/calls/{id}\nbody: {json: {}}\n"
    },
    "requests/x.yaml:2:12",
    /query parameter by is required/
  ],
  [
    "operation-matches",
    "warning",
    {
      ...documented,
      "requests/x.yaml": "inputs: {id: {}}\noperation: harbour/amend\nmethod: PATCH\nurl: ${origin}/v1/calls/{id}?by=me\n"
    },
    "requests/x.yaml:2:12",
    /body is required/
  ],
  [
    "documentation-readable",
    "error",
    { ...documented, "docs/h.json": '{"openapi": 3' },
    "docs/h.json:1",
    /well-formed JSON/
  ],
  [
    "values-documented",
    "warning",
    {
      ...documented,
      "requests/x.yaml": "operation: harbour/amend\nmethod: PATCH\nurl: ${origin}/v1/calls/PC-1\nquery: {by: agent, colour: red}\nbody: {json: {}}\n"
    },
    "requests/x.yaml:4:20",
    /query parameter colour is not documented/
  ],
  [
    "documents-fit",
    "error",
    {
      "echo-trail.yaml": "name: t\nenvironment: sandbox\ndocs: {pilots: {file: docs/p.graphql}}\n",
      "docs/p.graphql": "type Query { pilot(id: ID!): Pilot }\ntype Pilot { name: String }\n",
      "requests/x.yaml": 'operation: pilots/pilot\nmethod: POST\nurl: ${origin}/graphql\nchanges: false\nbody: {graphql: {document: "{ pilot { name } }"}}\n'
    },
    "requests/x.yaml:5:28",
    /argument "id" of type "ID!" is required/
  ]
];
for (const [rule, severity, files, place, says] of cases) {
  test(`${rule}: ${says.source}`, async () => {
    const cwd = collectionOf(files);
    const checked = await echoTrail(["check", "--json"], { cwd });
    const { findings } = document(checked);
    const found = findings.find((one) => one.rule === rule && says.test(`${one.what} ${one.remedy ?? ""}`));
    assert.ok(found, JSON.stringify(findings, null, 1));
    assert.equal(found.severity, severity);
    assert.ok(
      `${found.file}:${found.line}:${found.column}`.startsWith(place),
      `${found.file}:${found.line}:${found.column}`
    );
    assert.equal(checked.status, findings.some((one) => one.severity === "error") ? 2 : 0);
  });
}
test("every rule is in the table", () => {
  const used = new Set(cases.map(([rule]) => rule));
  assert.deepEqual(
    rules.map(({ name }) => name).filter((name) => !used.has(name)),
    []
  );
});
test("the demo collection has no finding", async () => {
  const checked = await echoTrail(["check", "--json"], { cwd: demoCollection("http://127.0.0.1:9") });
  assert.deepEqual(document(checked).findings, []);
  assert.equal(checked.status, 0);
});
test("all findings of all files are listed at once", async () => {
  const cwd = collectionOf({
    "requests/a.yaml": "url: 5\nbodi: {}\n",
    "requests/b.yaml": "url: ${nope}/\n",
    "environments/other.yaml": "chnges: ask\n"
  });
  const { out, status } = await echoTrail(["check"], { cwd });
  assert.equal(status, 2);
  for (const place of [
    "environments/other.yaml:1:1",
    "requests/a.yaml:1:6",
    "requests/a.yaml:2:1",
    "requests/b.yaml:1:6"
  ])
    assert.ok(out.includes(place), out);
  assert.match(out, /5 files: 4 errors, 0 warnings/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL2NoZWNrLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBgY2hlY2tgOiBvbmUgY29sbGVjdGlvbiBmb3IgZWFjaCB0aGluZyB0aGF0IGl0IGZpbmRzLCB3aXRoIGZpbGUsIGxpbmUgYW5kIGNvbHVtbi4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgcnVsZXMgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9jaGVjay9ydWxlcy9yZWdpc3RyeS5qcyc7XG5pbXBvcnQgeyBjb2xsZWN0aW9uT2YsIGRlbW9Db2xsZWN0aW9uIH0gZnJvbSAnLi4vc3VwcG9ydC9mb2xkZXIuanMnO1xuaW1wb3J0IHsgZG9jdW1lbnQsIGVjaG9UcmFpbCB9IGZyb20gJy4uL3N1cHBvcnQvcHJvZ3JhbS5qcyc7XG5cbmludGVyZmFjZSBGaW5kaW5nIHtcbiAgcmVhZG9ubHkgcnVsZTogc3RyaW5nO1xuICByZWFkb25seSBzZXZlcml0eTogc3RyaW5nO1xuICByZWFkb25seSBmaWxlOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGxpbmU6IG51bWJlcjtcbiAgcmVhZG9ubHkgY29sdW1uOiBudW1iZXI7XG4gIHJlYWRvbmx5IHdoYXQ6IHN0cmluZztcbiAgcmVhZG9ubHkgcmVtZWR5OiBzdHJpbmcgfCBudWxsO1xufVxuXG5jb25zdCBvcGVuYXBpID0gSlNPTi5zdHJpbmdpZnkoe1xuICBvcGVuYXBpOiAnMy4xLjAnLFxuICBpbmZvOiB7IHRpdGxlOiAnVCcgfSxcbiAgcGF0aHM6IHtcbiAgICAnL3YxL2NhbGxzL3tpZH0nOiB7XG4gICAgICBwYXRjaDoge1xuICAgICAgICBvcGVyYXRpb25JZDogJ2FtZW5kJyxcbiAgICAgICAgcGFyYW1ldGVyczogW1xuICAgICAgICAgIHsgbmFtZTogJ2lkJywgaW46ICdwYXRoJywgc2NoZW1hOiB7fSB9LFxuICAgICAgICAgIHsgbmFtZTogJ2J5JywgaW46ICdxdWVyeScsIHJlcXVpcmVkOiB0cnVlLCBzY2hlbWE6IHt9IH0sXG4gICAgICAgIF0sXG4gICAgICAgIHJlcXVlc3RCb2R5OiB7IHJlcXVpcmVkOiB0cnVlLCBjb250ZW50OiB7ICdhcHBsaWNhdGlvbi9qc29uJzoge30gfSB9LFxuICAgICAgICByZXNwb25zZXM6IHt9LFxuICAgICAgfSxcbiAgICB9LFxuICB9LFxufSk7XG5jb25zdCBkb2N1bWVudGVkID0ge1xuICAnZWNoby10cmFpbC55YW1sJzogJ25hbWU6IHRcXG5lbnZpcm9ubWVudDogc2FuZGJveFxcbmRvY3M6IHtoYXJib3VyOiB7ZmlsZTogZG9jcy9oLmpzb259fVxcbicsXG4gICdkb2NzL2guanNvbic6IG9wZW5hcGksXG59O1xuXG5jb25zdCBjYXNlczogcmVhZG9ubHkgKHJlYWRvbmx5IFtcbiAgcnVsZTogc3RyaW5nLFxuICBzZXZlcml0eTogJ2Vycm9yJyB8ICd3YXJuaW5nJyxcbiAgZmlsZXM6IFJlY29yZDxzdHJpbmcsIHN0cmluZz4sXG4gIHBsYWNlOiBzdHJpbmcsXG4gIHNheXM6IFJlZ0V4cCxcbl0pW10gPSBbXG4gIFtcbiAgICAnZmlsZS12YWxpZCcsXG4gICAgJ2Vycm9yJyxcbiAgICB7ICdyZXF1ZXN0cy94LnlhbWwnOiAndXJsOiBodHRwOi8veC5leGFtcGxlXFxubWV0aGQ6IEdFVFxcbicgfSxcbiAgICAncmVxdWVzdHMveC55YW1sOjI6MScsXG4gICAgL21ldGhkLipkaWQgeW91IG1lYW4gbWV0aG9kLyxcbiAgXSxcbiAgWydmaWxlLXZhbGlkJywgJ2Vycm9yJywgeyAncmVxdWVzdHMveC55YW1sJzogJ3VybDogW1xcbicgfSwgJ3JlcXVlc3RzL3gueWFtbDoyOjEnLCAvd2VsbC1mb3JtZWR8aW5kZW50YXRpb24vXSxcbiAgWydmaWxlLXZhbGlkJywgJ2Vycm9yJywgeyAndHJhaWxzL3gueWFtbCc6ICdzdGVwczogW11cXG4nIH0sICd0cmFpbHMveC55YW1sOjE6OCcsIC9zdGVwcy9dLFxuICBbXG4gICAgJ2ZpbGUtcmVhZHknLFxuICAgICdlcnJvcicsXG4gICAgeyAncmVxdWVzdHMveC55YW1sJzogJ3VybDogJHtvcmlnaW59L1xcbmhlYWRlcnM6XFxuICBYOiAke29yaWdpbiB8IHVwZXJ9XFxuJyB9LFxuICAgICdyZXF1ZXN0cy94LnlhbWw6Mzo2JyxcbiAgICAvbm8gZmlsdGVyIHVwZXI7IGRpZCB5b3UgbWVhbiB1cHBlci8sXG4gIF0sXG4gIFtcbiAgICAnZmlsZS1yZWFkeScsXG4gICAgJ2Vycm9yJyxcbiAgICB7ICdyZXF1ZXN0cy94LnlhbWwnOiAndXJsOiAke29yaWdpbn0vXFxuZXhwZWN0OlxcbiAgc3RhdG9zOiAyMDBcXG4nIH0sXG4gICAgJ3JlcXVlc3RzL3gueWFtbDozOjMnLFxuICAgIC9zdGF0b3MgaXMgbm90IGEgcGxhY2UuKmRpZCB5b3UgbWVhbiBzdGF0dXMvLFxuICBdLFxuICBbXG4gICAgJ2ZpbGUtcmVhZHknLFxuICAgICdlcnJvcicsXG4gICAgeyAncmVxdWVzdHMveC55YW1sJzogJ3VybDogJHtvcmlnaW59L1xcbmV4cGVjdDpcXG4gICQuYToge292cjogMn1cXG4nIH0sXG4gICAgJ3JlcXVlc3RzL3gueWFtbDozOjMnLFxuICAgIC9ubyBtYXRjaGVyIG92ci4qZGlkIHlvdSBtZWFuIG92ZXIvLFxuICBdLFxuICBbXG4gICAgJ2ZpbGUtcmVhZHknLFxuICAgICdlcnJvcicsXG4gICAgeyAncmVxdWVzdHMveC55YW1sJzogJ3VybDogJHtvcmlnaW59L1xcbmtlZXA6XFxuICBhOiAkLltcXG4nIH0sXG4gICAgJ3JlcXVlc3RzL3gueWFtbDozOjYnLFxuICAgIC9KU09OUGF0aC8sXG4gIF0sXG4gIFtcbiAgICAnZmlsZS1yZWFkeScsXG4gICAgJ2Vycm9yJyxcbiAgICB7ICdyZXF1ZXN0cy94LnlhbWwnOiAndXJsOiAke29yaWdpbn0vYSR7b3JpZ2lufVxcbicgfSxcbiAgICAncmVxdWVzdHMveC55YW1sOjE6NicsXG4gICAgL21heSBvbmx5IG9wZW4gdGhlIGFkZHJlc3MvLFxuICBdLFxuICBbXG4gICAgJ2ZpbGUtcmVhZHknLFxuICAgICdlcnJvcicsXG4gICAgeyAncmVxdWVzdHMveC55YW1sJzogJ3VybDogJHtvcmlnaW59L1xcbmV4cGVjdDpcXG4gIGJvZHk6IHttYXRjaGVzOiBcIihcIn1cXG4nIH0sXG4gICAgJ3JlcXVlc3RzL3gueWFtbDozOjMnLFxuICAgIC9yZWd1bGFyIGV4cHJlc3Npb24vLFxuICBdLFxuICBbXG4gICAgJ2ZpbGUtcmVhZHknLFxuICAgICdlcnJvcicsXG4gICAgeyAndHJhaWxzL3gueWFtbCc6ICdzdGVwczpcXG4gIC0gc2VuZDogbm93aGVyZVxcbicgfSxcbiAgICAndHJhaWxzL3gueWFtbDoyOjExJyxcbiAgICAvbm8gcmVxdWVzdCBub3doZXJlLyxcbiAgXSxcbiAgW1xuICAgICduYW1lcy1yZXNvbHZlJyxcbiAgICAnZXJyb3InLFxuICAgIHsgJ3JlcXVlc3RzL3gueWFtbCc6ICdpbnB1dHM6IHtpbW86IHt9fVxcbnVybDogJHtvcmlnaW59L3tpbW99XFxucXVlcnk6XFxuICBhOiAke2ltb299XFxuJyB9LFxuICAgICdyZXF1ZXN0cy94LnlhbWw6NDo2JyxcbiAgICAvaW1vby4qZGlkIHlvdSBtZWFuIGltby8sXG4gIF0sXG4gIFsnbmFtZXMtcmVzb2x2ZScsICdlcnJvcicsIHsgJ3JlcXVlc3RzL3gueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS97aW1vfVxcbicgfSwgJ3JlcXVlc3RzL3gueWFtbDoxOjYnLCAvcGFydCBcXHtpbW9cXH0vXSxcbiAgW1xuICAgICd0cmFpbC1uYW1lcy1yZXNvbHZlJyxcbiAgICAnZXJyb3InLFxuICAgIHtcbiAgICAgICdyZXF1ZXN0cy94LnlhbWwnOiAnaW5wdXRzOiB7YToge319XFxudXJsOiAke29yaWdpbn0ve2F9XFxuJyxcbiAgICAgICd0cmFpbHMvdC55YW1sJzogJ3N0ZXBzOlxcbiAgLSBzZW5kOiB4XFxuICAgIGdpdmU6IHthOiBcIiR7bGF0ZXJ9XCJ9XFxuICAtIGtlZXA6IHtsYXRlcjogMX1cXG4nLFxuICAgIH0sXG4gICAgJ3RyYWlscy90LnlhbWw6MzoxNScsXG4gICAgL2xhdGVyIGlzIG5vdCBrbm93biBhdCB0aGlzIHN0ZXAvLFxuICBdLFxuICBbXG4gICAgJ2tlcHQtdmFsdWVzLXVzZWQnLFxuICAgICd3YXJuaW5nJyxcbiAgICB7ICdyZXF1ZXN0cy94LnlhbWwnOiAndXJsOiAke29yaWdpbn0vXFxua2VlcDpcXG4gIGNhbGxJZDogJC5pZFxcbicgfSxcbiAgICAncmVxdWVzdHMveC55YW1sOjM6MycsXG4gICAgL2NhbGxJZCBpcyBrZXB0LCBidXQgbm90aGluZyB1c2VzIGl0LyxcbiAgXSxcbiAgW1xuICAgICdpbnB1dHMtdXNlZCcsXG4gICAgJ3dhcm5pbmcnLFxuICAgIHsgJ3JlcXVlc3RzL3gueWFtbCc6ICdpbnB1dHM6XFxuICBpbW86IHt9XFxudXJsOiAke29yaWdpbn0vXFxuJyB9LFxuICAgICdyZXF1ZXN0cy94LnlhbWw6MjozJyxcbiAgICAvaW5wdXQgaW1vLipub3doZXJlLyxcbiAgXSxcbiAgW1xuICAgICduby1ib2R5LWluLWdldCcsXG4gICAgJ3dhcm5pbmcnLFxuICAgIHsgJ3JlcXVlc3RzL3gueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9cXG5ib2R5OiB7anNvbjoge319XFxuJyB9LFxuICAgICdyZXF1ZXN0cy94LnlhbWw6MjoxJyxcbiAgICAvR0VUIGNhcnJpZXMgYSBib2R5LipQT1NULyxcbiAgXSxcbiAgW1xuICAgICduby1zZWNyZXRzLWluLWZpbGVzJyxcbiAgICAnZXJyb3InLFxuICAgIHsgJ3Nlc3Npb25zL3gueWFtbCc6ICdraW5kOiBiYXNpY1xcbnVzZXI6IGFnZW50XFxucGFzc3dvcmQ6IHRpZGV3YXRlci00MlxcbicgfSxcbiAgICAnc2Vzc2lvbnMveC55YW1sOjM6MTEnLFxuICAgIC90aGUgdmFsdWUgb2YgcGFzc3dvcmQgc3RhbmRzIGluIGEgZmlsZSB0aGF0IGlzIHNoYXJlZC4qc2VjcmV0IHNldC8sXG4gIF0sXG4gIFtcbiAgICAnb3BlcmF0aW9uLW1hdGNoZXMnLFxuICAgICdlcnJvcicsXG4gICAgeyAuLi5kb2N1bWVudGVkLCAncmVxdWVzdHMveC55YW1sJzogJ29wZXJhdGlvbjogaGFyYm91ci9hbW5kXFxudXJsOiAke29yaWdpbn0vXFxuJyB9LFxuICAgICdyZXF1ZXN0cy94LnlhbWw6MToxMicsXG4gICAgL2FtbmQuKmRpZCB5b3UgbWVhbiBoYXJib3VyXFwvYW1lbmQvLFxuICBdLFxuICBbXG4gICAgJ29wZXJhdGlvbi1tYXRjaGVzJyxcbiAgICAnZXJyb3InLFxuICAgIHtcbiAgICAgIC4uLmRvY3VtZW50ZWQsXG4gICAgICAncmVxdWVzdHMveC55YW1sJzpcbiAgICAgICAgJ2lucHV0czoge2lkOiB7fX1cXG5vcGVyYXRpb246IGhhcmJvdXIvYW1lbmRcXG5tZXRob2Q6IFBVVFxcbnVybDogJHtvcmlnaW59L3YxL2NhbGxzL3tpZH0/Ynk9bWVcXG5ib2R5OiB7anNvbjoge319XFxuJyxcbiAgICB9LFxuICAgICdyZXF1ZXN0cy94LnlhbWw6Mzo5JyxcbiAgICAvbWV0aG9kIGlzIFBVVCwgZG9jdW1lbnRlZCBpcyBQQVRDSC8sXG4gIF0sXG4gIFtcbiAgICAnb3BlcmF0aW9uLW1hdGNoZXMnLFxuICAgICdlcnJvcicsXG4gICAge1xuICAgICAgLi4uZG9jdW1lbnRlZCxcbiAgICAgICdyZXF1ZXN0cy94LnlhbWwnOlxuICAgICAgICAnaW5wdXRzOiB7aWQ6IHt9fVxcbm9wZXJhdGlvbjogaGFyYm91ci9hbWVuZFxcbm1ldGhvZDogUEFUQ0hcXG51cmw6ICR7b3JpZ2lufS92Mi9jYWxscy97aWR9P2J5PW1lXFxuYm9keToge2pzb246IHt9fVxcbicsXG4gICAgfSxcbiAgICAncmVxdWVzdHMveC55YW1sOjQ6NicsXG4gICAgL3BhdGggaXMgXFwvdjJcXC9jYWxsc1xcL1xce2lkXFx9LCBkb2N1bWVudGVkLyxcbiAgXSxcbiAgW1xuICAgICdvcGVyYXRpb24tbWF0Y2hlcycsXG4gICAgJ3dhcm5pbmcnLFxuICAgIHtcbiAgICAgIC4uLmRvY3VtZW50ZWQsXG4gICAgICAncmVxdWVzdHMveC55YW1sJzpcbiAgICAgICAgJ2lucHV0czoge2lkOiB7fX1cXG5vcGVyYXRpb246IGhhcmJvdXIvYW1lbmRcXG5tZXRob2Q6IFBBVENIXFxudXJsOiAke29yaWdpbn0vdjEvY2FsbHMve2lkfVxcbmJvZHk6IHtqc29uOiB7fX1cXG4nLFxuICAgIH0sXG4gICAgJ3JlcXVlc3RzL3gueWFtbDoyOjEyJyxcbiAgICAvcXVlcnkgcGFyYW1ldGVyIGJ5IGlzIHJlcXVpcmVkLyxcbiAgXSxcbiAgW1xuICAgICdvcGVyYXRpb24tbWF0Y2hlcycsXG4gICAgJ3dhcm5pbmcnLFxuICAgIHtcbiAgICAgIC4uLmRvY3VtZW50ZWQsXG4gICAgICAncmVxdWVzdHMveC55YW1sJzpcbiAgICAgICAgJ2lucHV0czoge2lkOiB7fX1cXG5vcGVyYXRpb246IGhhcmJvdXIvYW1lbmRcXG5tZXRob2Q6IFBBVENIXFxudXJsOiAke29yaWdpbn0vdjEvY2FsbHMve2lkfT9ieT1tZVxcbicsXG4gICAgfSxcbiAgICAncmVxdWVzdHMveC55YW1sOjI6MTInLFxuICAgIC9ib2R5IGlzIHJlcXVpcmVkLyxcbiAgXSxcbiAgW1xuICAgICdkb2N1bWVudGF0aW9uLXJlYWRhYmxlJyxcbiAgICAnZXJyb3InLFxuICAgIHsgLi4uZG9jdW1lbnRlZCwgJ2RvY3MvaC5qc29uJzogJ3tcIm9wZW5hcGlcIjogMycgfSxcbiAgICAnZG9jcy9oLmpzb246MScsXG4gICAgL3dlbGwtZm9ybWVkIEpTT04vLFxuICBdLFxuICBbXG4gICAgJ3ZhbHVlcy1kb2N1bWVudGVkJyxcbiAgICAnd2FybmluZycsXG4gICAge1xuICAgICAgLi4uZG9jdW1lbnRlZCxcbiAgICAgICdyZXF1ZXN0cy94LnlhbWwnOlxuICAgICAgICAnb3BlcmF0aW9uOiBoYXJib3VyL2FtZW5kXFxubWV0aG9kOiBQQVRDSFxcbnVybDogJHtvcmlnaW59L3YxL2NhbGxzL1BDLTFcXG5xdWVyeToge2J5OiBhZ2VudCwgY29sb3VyOiByZWR9XFxuYm9keToge2pzb246IHt9fVxcbicsXG4gICAgfSxcbiAgICAncmVxdWVzdHMveC55YW1sOjQ6MjAnLFxuICAgIC9xdWVyeSBwYXJhbWV0ZXIgY29sb3VyIGlzIG5vdCBkb2N1bWVudGVkLyxcbiAgXSxcbiAgW1xuICAgICdkb2N1bWVudHMtZml0JyxcbiAgICAnZXJyb3InLFxuICAgIHtcbiAgICAgICdlY2hvLXRyYWlsLnlhbWwnOiAnbmFtZTogdFxcbmVudmlyb25tZW50OiBzYW5kYm94XFxuZG9jczoge3BpbG90czoge2ZpbGU6IGRvY3MvcC5ncmFwaHFsfX1cXG4nLFxuICAgICAgJ2RvY3MvcC5ncmFwaHFsJzogJ3R5cGUgUXVlcnkgeyBwaWxvdChpZDogSUQhKTogUGlsb3QgfVxcbnR5cGUgUGlsb3QgeyBuYW1lOiBTdHJpbmcgfVxcbicsXG4gICAgICAncmVxdWVzdHMveC55YW1sJzpcbiAgICAgICAgJ29wZXJhdGlvbjogcGlsb3RzL3BpbG90XFxubWV0aG9kOiBQT1NUXFxudXJsOiAke29yaWdpbn0vZ3JhcGhxbFxcbmNoYW5nZXM6IGZhbHNlXFxuYm9keToge2dyYXBocWw6IHtkb2N1bWVudDogXCJ7IHBpbG90IHsgbmFtZSB9IH1cIn19XFxuJyxcbiAgICB9LFxuICAgICdyZXF1ZXN0cy94LnlhbWw6NToyOCcsXG4gICAgL2FyZ3VtZW50IFwiaWRcIiBvZiB0eXBlIFwiSUQhXCIgaXMgcmVxdWlyZWQvLFxuICBdLFxuXTtcblxuZm9yIChjb25zdCBbcnVsZSwgc2V2ZXJpdHksIGZpbGVzLCBwbGFjZSwgc2F5c10gb2YgY2FzZXMpIHtcbiAgdGVzdChgJHtydWxlfTogJHtzYXlzLnNvdXJjZX1gLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKGZpbGVzKTtcbiAgICBjb25zdCBjaGVja2VkID0gYXdhaXQgZWNob1RyYWlsKFsnY2hlY2snLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICAgIGNvbnN0IHsgZmluZGluZ3MgfSA9IGRvY3VtZW50PHsgZmluZGluZ3M6IEZpbmRpbmdbXSB9PihjaGVja2VkKTtcbiAgICBjb25zdCBmb3VuZCA9IGZpbmRpbmdzLmZpbmQoKG9uZSkgPT4gb25lLnJ1bGUgPT09IHJ1bGUgJiYgc2F5cy50ZXN0KGAke29uZS53aGF0fSAke29uZS5yZW1lZHkgPz8gJyd9YCkpO1xuICAgIGFzc2VydC5vayhmb3VuZCwgSlNPTi5zdHJpbmdpZnkoZmluZGluZ3MsIG51bGwsIDEpKTtcbiAgICBhc3NlcnQuZXF1YWwoZm91bmQuc2V2ZXJpdHksIHNldmVyaXR5KTtcbiAgICBhc3NlcnQub2soXG4gICAgICBgJHtmb3VuZC5maWxlfToke2ZvdW5kLmxpbmV9OiR7Zm91bmQuY29sdW1ufWAuc3RhcnRzV2l0aChwbGFjZSksXG4gICAgICBgJHtmb3VuZC5maWxlfToke2ZvdW5kLmxpbmV9OiR7Zm91bmQuY29sdW1ufWAsXG4gICAgKTtcbiAgICBhc3NlcnQuZXF1YWwoY2hlY2tlZC5zdGF0dXMsIGZpbmRpbmdzLnNvbWUoKG9uZSkgPT4gb25lLnNldmVyaXR5ID09PSAnZXJyb3InKSA/IDIgOiAwKTtcbiAgfSk7XG59XG5cbnRlc3QoJ2V2ZXJ5IHJ1bGUgaXMgaW4gdGhlIHRhYmxlJywgKCkgPT4ge1xuICBjb25zdCB1c2VkID0gbmV3IFNldChjYXNlcy5tYXAoKFtydWxlXSkgPT4gcnVsZSkpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIHJ1bGVzLm1hcCgoeyBuYW1lIH0pID0+IG5hbWUpLmZpbHRlcigobmFtZSkgPT4gIXVzZWQuaGFzKG5hbWUpKSxcbiAgICBbXSxcbiAgKTtcbn0pO1xuXG50ZXN0KCd0aGUgZGVtbyBjb2xsZWN0aW9uIGhhcyBubyBmaW5kaW5nJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjaGVja2VkID0gYXdhaXQgZWNob1RyYWlsKFsnY2hlY2snLCAnLS1qc29uJ10sIHsgY3dkOiBkZW1vQ29sbGVjdGlvbignaHR0cDovLzEyNy4wLjAuMTo5JykgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoZG9jdW1lbnQ8eyBmaW5kaW5nczogRmluZGluZ1tdIH0+KGNoZWNrZWQpLmZpbmRpbmdzLCBbXSk7XG4gIGFzc2VydC5lcXVhbChjaGVja2VkLnN0YXR1cywgMCk7XG59KTtcblxudGVzdCgnYWxsIGZpbmRpbmdzIG9mIGFsbCBmaWxlcyBhcmUgbGlzdGVkIGF0IG9uY2UnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7XG4gICAgJ3JlcXVlc3RzL2EueWFtbCc6ICd1cmw6IDVcXG5ib2RpOiB7fVxcbicsXG4gICAgJ3JlcXVlc3RzL2IueWFtbCc6ICd1cmw6ICR7bm9wZX0vXFxuJyxcbiAgICAnZW52aXJvbm1lbnRzL290aGVyLnlhbWwnOiAnY2huZ2VzOiBhc2tcXG4nLFxuICB9KTtcbiAgY29uc3QgeyBvdXQsIHN0YXR1cyB9ID0gYXdhaXQgZWNob1RyYWlsKFsnY2hlY2snXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChzdGF0dXMsIDIpO1xuICBmb3IgKGNvbnN0IHBsYWNlIG9mIFtcbiAgICAnZW52aXJvbm1lbnRzL290aGVyLnlhbWw6MToxJyxcbiAgICAncmVxdWVzdHMvYS55YW1sOjE6NicsXG4gICAgJ3JlcXVlc3RzL2EueWFtbDoyOjEnLFxuICAgICdyZXF1ZXN0cy9iLnlhbWw6MTo2JyxcbiAgXSlcbiAgICBhc3NlcnQub2sob3V0LmluY2x1ZGVzKHBsYWNlKSwgb3V0KTtcbiAgYXNzZXJ0Lm1hdGNoKG91dCwgLzUgZmlsZXM6IDQgZXJyb3JzLCAwIHdhcm5pbmdzLyk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxZQUFZO0FBZXJCLElBQU0sVUFBVSxLQUFLLFVBQVU7QUFBQSxFQUM3QixTQUFTO0FBQUEsRUFDVCxNQUFNLEVBQUUsT0FBTyxJQUFJO0FBQUEsRUFDbkIsT0FBTztBQUFBLElBQ0wsa0JBQWtCO0FBQUEsTUFDaEIsT0FBTztBQUFBLFFBQ0wsYUFBYTtBQUFBLFFBQ2IsWUFBWTtBQUFBLFVBQ1YsRUFBRSxNQUFNLE1BQU0sSUFBSSxRQUFRLFFBQVEsQ0FBQyxFQUFFO0FBQUEsVUFDckMsRUFBRSxNQUFNLE1BQU0sSUFBSSxTQUFTLFVBQVUsTUFBTSxRQUFRLENBQUMsRUFBRTtBQUFBLFFBQ3hEO0FBQUEsUUFDQSxhQUFhLEVBQUUsVUFBVSxNQUFNLFNBQVMsRUFBRSxvQkFBb0IsQ0FBQyxFQUFFLEVBQUU7QUFBQSxRQUNuRSxXQUFXLENBQUM7QUFBQSxNQUNkO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBQ0QsSUFBTSxhQUFhO0FBQUEsRUFDakIsbUJBQW1CO0FBQUEsRUFDbkIsZUFBZTtBQUNqQjtBQUVBLElBQU0sUUFNQztBQUFBLEVBQ0w7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0EsRUFBRSxtQkFBbUIsc0NBQXNDO0FBQUEsSUFDM0Q7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0EsQ0FBQyxjQUFjLFNBQVMsRUFBRSxtQkFBbUIsV0FBVyxHQUFHLHVCQUF1Qix5QkFBeUI7QUFBQSxFQUMzRyxDQUFDLGNBQWMsU0FBUyxFQUFFLGlCQUFpQixjQUFjLEdBQUcscUJBQXFCLE9BQU87QUFBQSxFQUN4RjtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQixxREFBcUQ7QUFBQSxJQUMxRTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQiw0Q0FBNEM7QUFBQSxJQUNqRTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQiw4Q0FBOEM7QUFBQSxJQUNuRTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQixxQ0FBcUM7QUFBQSxJQUMxRDtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQiw4QkFBOEI7QUFBQSxJQUNuRDtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQixxREFBcUQ7QUFBQSxJQUMxRTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLGlCQUFpQiw4QkFBOEI7QUFBQSxJQUNqRDtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQixrRUFBa0U7QUFBQSxJQUN2RjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLGlCQUFpQixTQUFTLEVBQUUsbUJBQW1CLHlCQUF5QixHQUFHLHVCQUF1QixjQUFjO0FBQUEsRUFDakg7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxNQUNFLG1CQUFtQjtBQUFBLE1BQ25CLGlCQUFpQjtBQUFBLElBQ25CO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQiwyQ0FBMkM7QUFBQSxJQUNoRTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQix3Q0FBd0M7QUFBQSxJQUM3RDtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQixzQ0FBc0M7QUFBQSxJQUMzRDtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLG1CQUFtQixxREFBcUQ7QUFBQSxJQUMxRTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxFQUFFLEdBQUcsWUFBWSxtQkFBbUIsNkNBQTZDO0FBQUEsSUFDakY7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxNQUNFLEdBQUc7QUFBQSxNQUNILG1CQUNFO0FBQUEsSUFDSjtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxNQUNFLEdBQUc7QUFBQSxNQUNILG1CQUNFO0FBQUEsSUFDSjtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxNQUNFLEdBQUc7QUFBQSxNQUNILG1CQUNFO0FBQUEsSUFDSjtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxNQUNFLEdBQUc7QUFBQSxNQUNILG1CQUNFO0FBQUEsSUFDSjtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0EsRUFBRSxHQUFHLFlBQVksZUFBZSxnQkFBZ0I7QUFBQSxJQUNoRDtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLE1BQ0UsR0FBRztBQUFBLE1BQ0gsbUJBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLE1BQ0UsbUJBQW1CO0FBQUEsTUFDbkIsa0JBQWtCO0FBQUEsTUFDbEIsbUJBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxXQUFXLENBQUMsTUFBTSxVQUFVLE9BQU8sT0FBTyxJQUFJLEtBQUssT0FBTztBQUN4RCxPQUFLLEdBQUcsSUFBSSxLQUFLLEtBQUssTUFBTSxJQUFJLFlBQVk7QUFDMUMsVUFBTSxNQUFNLGFBQWEsS0FBSztBQUM5QixVQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsU0FBUyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDNUQsVUFBTSxFQUFFLFNBQVMsSUFBSSxTQUFrQyxPQUFPO0FBQzlELFVBQU0sUUFBUSxTQUFTLEtBQUssQ0FBQyxRQUFRLElBQUksU0FBUyxRQUFRLEtBQUssS0FBSyxHQUFHLElBQUksSUFBSSxJQUFJLElBQUksVUFBVSxFQUFFLEVBQUUsQ0FBQztBQUN0RyxXQUFPLEdBQUcsT0FBTyxLQUFLLFVBQVUsVUFBVSxNQUFNLENBQUMsQ0FBQztBQUNsRCxXQUFPLE1BQU0sTUFBTSxVQUFVLFFBQVE7QUFDckMsV0FBTztBQUFBLE1BQ0wsR0FBRyxNQUFNLElBQUksSUFBSSxNQUFNLElBQUksSUFBSSxNQUFNLE1BQU0sR0FBRyxXQUFXLEtBQUs7QUFBQSxNQUM5RCxHQUFHLE1BQU0sSUFBSSxJQUFJLE1BQU0sSUFBSSxJQUFJLE1BQU0sTUFBTTtBQUFBLElBQzdDO0FBQ0EsV0FBTyxNQUFNLFFBQVEsUUFBUSxTQUFTLEtBQUssQ0FBQyxRQUFRLElBQUksYUFBYSxPQUFPLElBQUksSUFBSSxDQUFDO0FBQUEsRUFDdkYsQ0FBQztBQUNIO0FBRUEsS0FBSyw4QkFBOEIsTUFBTTtBQUN2QyxRQUFNLE9BQU8sSUFBSSxJQUFJLE1BQU0sSUFBSSxDQUFDLENBQUMsSUFBSSxNQUFNLElBQUksQ0FBQztBQUNoRCxTQUFPO0FBQUEsSUFDTCxNQUFNLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJLEVBQUUsT0FBTyxDQUFDLFNBQVMsQ0FBQyxLQUFLLElBQUksSUFBSSxDQUFDO0FBQUEsSUFDOUQsQ0FBQztBQUFBLEVBQ0g7QUFDRixDQUFDO0FBRUQsS0FBSyxzQ0FBc0MsWUFBWTtBQUNyRCxRQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsU0FBUyxRQUFRLEdBQUcsRUFBRSxLQUFLLGVBQWUsb0JBQW9CLEVBQUUsQ0FBQztBQUNsRyxTQUFPLFVBQVUsU0FBa0MsT0FBTyxFQUFFLFVBQVUsQ0FBQyxDQUFDO0FBQ3hFLFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUNoQyxDQUFDO0FBRUQsS0FBSyxnREFBZ0QsWUFBWTtBQUMvRCxRQUFNLE1BQU0sYUFBYTtBQUFBLElBQ3ZCLG1CQUFtQjtBQUFBLElBQ25CLG1CQUFtQjtBQUFBLElBQ25CLDJCQUEyQjtBQUFBLEVBQzdCLENBQUM7QUFDRCxRQUFNLEVBQUUsS0FBSyxPQUFPLElBQUksTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzFELFNBQU8sTUFBTSxRQUFRLENBQUM7QUFDdEIsYUFBVyxTQUFTO0FBQUEsSUFDbEI7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0UsV0FBTyxHQUFHLElBQUksU0FBUyxLQUFLLEdBQUcsR0FBRztBQUNwQyxTQUFPLE1BQU0sS0FBSywrQkFBK0I7QUFDbkQsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
