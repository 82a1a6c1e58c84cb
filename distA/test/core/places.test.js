import {
  readPlace
} from "../parts/chunk-V2NIP2IX.js";
import "../parts/chunk-U6MR4M5T.js";
import "../parts/chunk-TNGRBWFR.js";
import "../parts/chunk-36BGEIU2.js";
import {
  Received
} from "../parts/chunk-4DNYAMDJ.js";
import "../parts/chunk-UHUDVQF4.js";
import "../parts/chunk-PACVB44P.js";
import "../parts/chunk-WDD3S5O6.js";
import "../parts/chunk-ZC7SUIQQ.js";
import "../parts/chunk-FSPVDUAZ.js";
import "../parts/chunk-RABAPZK5.js";
import "../parts/chunk-XGDOGID3.js";

// test/core/places.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
function received(body, headers = [], status = 200) {
  return new Received({
    status,
    reason: "OK",
    headers: headers.some(([name]) => name === "Content-Type") ? headers : [["Content-Type", "application/json"], ...headers],
    body: Buffer.from(body),
    wireSize: body.length,
    phases: { lookup: void 0, connect: void 0, tls: void 0, waiting: 10, receiving: 2, total: 12 },
    finalUrl: "http://harbour.example/v1/calls",
    hops: [],
    remoteAddress: void 0,
    protocol: "HTTP/1.1",
    tls: void 0,
    trailers: [],
    hints: []
  });
}
var answer = received(
  '{"id": "PC-0001", "state": null, "items": [{"code": "N1"}, {"code": "N2"}], "vessel": {"imo": "9000017"}}',
  [
    ["ETag", '"7"'],
    ["Vary", "accept"],
    ["vary", "origin"]
  ],
  201
);
var found = [
  ["status", 201],
  ["time", 12],
  ["size", 105],
  ["final-url", "http://harbour.example/v1/calls"],
  ["header.etag", '"7"'],
  ["header.ETAG", '"7"'],
  ["header.vary", "accept, origin"],
  ["header.location", void 0],
  ["$.id", "PC-0001"],
  ["$.state", null],
  ["$.items[0].code", "N1"],
  ["$.items[*].code", ["N1", "N2"]],
  ['$.items[?@.code == "N2"].code', ["N2"]],
  ["$.items[7].code", void 0],
  ["$..imo", ["9000017"]],
  ["$.nothing", void 0],
  ["$.nothing[*]", []],
  ["errors", []]
];
for (const [text, value] of found)
  test(`at ${text} stands ${JSON.stringify(value)}`, () => assert.deepEqual(readPlace(text, []).find(answer), value));
var near = [
  ["$.idd", "$.id"],
  ["$.vessel.immo", "$.vessel.imo"],
  ["$.items.code", "$.items is a list of 2"],
  ["$.id.x", '$.id is "PC-0001"'],
  ["$.quay", "$ has id, state, items, vessel"],
  ["header.etga", "header.etag"],
  ["status", void 0]
];
for (const [text, hint] of near)
  test(`near ${text} is ${hint}`, () => assert.equal(readPlace(text, []).near(answer), hint));
test("a problem by RFC 9457 is an error that the answer declares", () => {
  const problem = new Received({
    ...answer.parts,
    status: 409,
    headers: [["content-type", "application/problem+json; charset=utf-8"]],
    body: Buffer.from('{"title": "Taken", "status": 409}')
  });
  assert.deepEqual(readPlace("errors", []).find(problem), [{ title: "Taken", status: 409 }]);
});
test("an answer that is not JSON says so where JSON is looked for", () => {
  for (const [body, says] of [
    ["<html>", /begins with "<html>"/],
    ["", /empty/]
  ]) {
    assert.throws(
      () => readPlace("$.id", []).find(received(body)),
      (error) => error.code === "answer-not-json" && says.test(`${error.message} ${error.reason}`)
    );
  }
});
for (const wrong of ["statos", "header", "header.", "header.a b", ".id", "id", "$.", "$[", "$.a b", ""]) {
  test(`${JSON.stringify(wrong)} is not a place`, () => assert.throws(() => readPlace(wrong, []), { code: "place-syntax" }));
}
var envelope = received(
  '<?xml version="1.0"?><s:Envelope xmlns:s="urn:s" xmlns="urn:d"><s:Body><berth id="7">N1</berth><berth id="8">N2</berth><none/></s:Body></s:Envelope>',
  [
    ["Set-Cookie", 'visit="42"; Path=/'],
    ["Set-Cookie", "theme=dark"],
    ["Link", '</v1/calls?page=2>; rel="next"; title="more, please", <https://other.example/x>; rel=help'],
    ["Link", '<//last.example/z>; rel="last archive"']
  ]
);
var inXml = [
  ["//berth", ["N1", "N2"]],
  ['/Envelope/Body/berth[@id="8"]', "N2"],
  ["/s:Envelope/s:Body/none", ""],
  ["//berth/@id", ["7", "8"]],
  ["//berth[1]", "N1"],
  ["//quay", void 0],
  ['//berth = "N2"', true],
  ["cookie.visit", "42"],
  ["cookie.theme", "dark"],
  ["cookie.other", void 0],
  ["link.next", "http://harbour.example/v1/calls?page=2"],
  ["link.help", "https://other.example/x"],
  ["link.archive", "http://last.example/z"],
  ["link.prev", void 0],
  ["hops", 0]
];
for (const [text, value] of inXml) {
  test(`${text} is ${JSON.stringify(value)}`, async () => {
    const loads = [];
    const place = readPlace(text, loads);
    await Promise.all(loads);
    assert.deepEqual(place.find(envelope), value);
  });
}
for (const [text, hint] of [
  ["//quay", "its elements are Envelope, Body, berth, none"],
  ["cookie.visitt", "cookie.visit"],
  ["link.nxt", "link.next"]
]) {
  test(`near ${text} is ${hint}`, async () => {
    const loads = [];
    const place = readPlace(text, loads);
    await Promise.all(loads);
    assert.equal(place.near(envelope), hint);
  });
}
test("an XPath that is none, XML that is none, and entities are refused", async () => {
  const loads = [];
  readPlace("//a[", loads);
  await assert.rejects(Promise.all(loads), { code: "place-syntax" });
  const good = [];
  const place = readPlace("//a", good);
  await Promise.all(good);
  for (const [body, says] of [
    ['{"a": 1}', /not well-formed XML/],
    ["", /empty/],
    ['<!DOCTYPE a [<!ENTITY b "c">]><a>&b;</a>', /declares entities/]
  ])
    assert.throws(
      () => place.find(received(body)),
      (error) => error.code === "answer-not-xml" && says.test(error.message)
    );
});
var twoNamespaces = received(
  '<a:Answer xmlns:a="urn:larkhaven:answers"><a:berth code="N1">free</a:berth><b:berth xmlns:b="urn:larkhaven:other">taken</b:berth></a:Answer>',
  [["Content-Type", "application/xml"]]
);
var byNamespace = [
  ["//x:berth", "free"],
  ["//y:berth", "taken"],
  ["//x:berth/@code", "N1"],
  ["//b:berth", "taken"],
  ["//berth", ["free", "taken"]]
];
for (const [text, value] of byNamespace) {
  test(`at ${text}, with prefixes of our own, stands ${JSON.stringify(value)}`, async () => {
    const loads = [];
    const place = readPlace(text, loads, { x: "urn:larkhaven:answers", y: "urn:larkhaven:other" });
    await Promise.all(loads);
    assert.deepEqual(place.find(twoNamespaces), value);
  });
}
test("a prefix that nobody declares is told with those that are known", async () => {
  const loads = [];
  const place = readPlace("//z:berth", loads, { x: "urn:larkhaven:answers" });
  await Promise.all(loads);
  assert.throws(() => place.find(twoNamespaces), /cannot be looked up in this answer/);
});
var htmlPage = received(
  '<!doctype html><html><body><p>Welcome<br>aboard<form method=post><input name=seal value="7&amp;8" @click="x"><input name="visitor"></form><table><tr><td>N1<td>N2</table></body></html>',
  [["Content-Type", "text/html; charset=utf-8"]]
);
var onPage = [
  ['//input[@name="seal"]/@value', "7&8"],
  ["//form/@method", "post"],
  ["//td", ["N1", "N2"]],
  ["/html/body/p", "Welcomeaboard"],
  ["//nothing", void 0]
];
for (const [text, value] of onPage) {
  test(`at ${text} of a page stands ${JSON.stringify(value)}`, async () => {
    const loads = [];
    const place = readPlace(text, loads);
    await Promise.all(loads);
    assert.deepEqual(place.find(htmlPage), value);
  });
}
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL3BsYWNlcy50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogUGxhY2VzOiB3aGF0IHN0YW5kcyB3aGVyZSBpbiBhbiBleGNoYW5nZSwgYW5kIHdoYXQgaXMgbmVhciB3aGVyZSBub3RoaW5nIHN0YW5kcy4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgUmVjZWl2ZWQgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9leGNoYW5nZS9yZWNlaXZlZC5qcyc7XG5pbXBvcnQgeyByZWFkUGxhY2UgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9wbGFjZS9yZWdpc3RyeS5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvdmFsdWUvd3JpdHRlbi5qcyc7XG5cbmZ1bmN0aW9uIHJlY2VpdmVkKGJvZHk6IHN0cmluZywgaGVhZGVyczogcmVhZG9ubHkgKHJlYWRvbmx5IFtzdHJpbmcsIHN0cmluZ10pW10gPSBbXSwgc3RhdHVzID0gMjAwKTogUmVjZWl2ZWQge1xuICByZXR1cm4gbmV3IFJlY2VpdmVkKHtcbiAgICBzdGF0dXMsXG4gICAgcmVhc29uOiAnT0snLFxuICAgIGhlYWRlcnM6IGhlYWRlcnMuc29tZSgoW25hbWVdKSA9PiBuYW1lID09PSAnQ29udGVudC1UeXBlJylcbiAgICAgID8gaGVhZGVyc1xuICAgICAgOiBbWydDb250ZW50LVR5cGUnLCAnYXBwbGljYXRpb24vanNvbiddLCAuLi5oZWFkZXJzXSxcbiAgICBib2R5OiBCdWZmZXIuZnJvbShib2R5KSxcbiAgICB3aXJlU2l6ZTogYm9keS5sZW5ndGgsXG4gICAgcGhhc2VzOiB7IGxvb2t1cDogdW5kZWZpbmVkLCBjb25uZWN0OiB1bmRlZmluZWQsIHRsczogdW5kZWZpbmVkLCB3YWl0aW5nOiAxMCwgcmVjZWl2aW5nOiAyLCB0b3RhbDogMTIgfSxcbiAgICBmaW5hbFVybDogJ2h0dHA6Ly9oYXJib3VyLmV4YW1wbGUvdjEvY2FsbHMnLFxuICAgIGhvcHM6IFtdLFxuICAgIHJlbW90ZUFkZHJlc3M6IHVuZGVmaW5lZCxcbiAgICBwcm90b2NvbDogJ0hUVFAvMS4xJyxcbiAgICB0bHM6IHVuZGVmaW5lZCxcbiAgICB0cmFpbGVyczogW10sXG4gICAgaGludHM6IFtdLFxuICB9KTtcbn1cblxuY29uc3QgYW5zd2VyID0gcmVjZWl2ZWQoXG4gICd7XCJpZFwiOiBcIlBDLTAwMDFcIiwgXCJzdGF0ZVwiOiBudWxsLCBcIml0ZW1zXCI6IFt7XCJjb2RlXCI6IFwiTjFcIn0sIHtcImNvZGVcIjogXCJOMlwifV0sIFwidmVzc2VsXCI6IHtcImltb1wiOiBcIjkwMDAwMTdcIn19JyxcbiAgW1xuICAgIFsnRVRhZycsICdcIjdcIiddLFxuICAgIFsnVmFyeScsICdhY2NlcHQnXSxcbiAgICBbJ3ZhcnknLCAnb3JpZ2luJ10sXG4gIF0sXG4gIDIwMSxcbik7XG5cbmNvbnN0IGZvdW5kOiByZWFkb25seSAocmVhZG9ubHkgW3BsYWNlOiBzdHJpbmcsIHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZF0pW10gPSBbXG4gIFsnc3RhdHVzJywgMjAxXSxcbiAgWyd0aW1lJywgMTJdLFxuICBbJ3NpemUnLCAxMDVdLFxuICBbJ2ZpbmFsLXVybCcsICdodHRwOi8vaGFyYm91ci5leGFtcGxlL3YxL2NhbGxzJ10sXG4gIFsnaGVhZGVyLmV0YWcnLCAnXCI3XCInXSxcbiAgWydoZWFkZXIuRVRBRycsICdcIjdcIiddLFxuICBbJ2hlYWRlci52YXJ5JywgJ2FjY2VwdCwgb3JpZ2luJ10sXG4gIFsnaGVhZGVyLmxvY2F0aW9uJywgdW5kZWZpbmVkXSxcbiAgWyckLmlkJywgJ1BDLTAwMDEnXSxcbiAgWyckLnN0YXRlJywgbnVsbF0sXG4gIFsnJC5pdGVtc1swXS5jb2RlJywgJ04xJ10sXG4gIFsnJC5pdGVtc1sqXS5jb2RlJywgWydOMScsICdOMiddXSxcbiAgWyckLml0ZW1zWz9ALmNvZGUgPT0gXCJOMlwiXS5jb2RlJywgWydOMiddXSxcbiAgWyckLml0ZW1zWzddLmNvZGUnLCB1bmRlZmluZWRdLFxuICBbJyQuLmltbycsIFsnOTAwMDAxNyddXSxcbiAgWyckLm5vdGhpbmcnLCB1bmRlZmluZWRdLFxuICBbJyQubm90aGluZ1sqXScsIFtdXSxcbiAgWydlcnJvcnMnLCBbXV0sXG5dO1xuZm9yIChjb25zdCBbdGV4dCwgdmFsdWVdIG9mIGZvdW5kKVxuICB0ZXN0KGBhdCAke3RleHR9IHN0YW5kcyAke0pTT04uc3RyaW5naWZ5KHZhbHVlKX1gLCAoKSA9PiBhc3NlcnQuZGVlcEVxdWFsKHJlYWRQbGFjZSh0ZXh0LCBbXSkuZmluZChhbnN3ZXIpLCB2YWx1ZSkpO1xuXG5jb25zdCBuZWFyOiByZWFkb25seSAocmVhZG9ubHkgW3BsYWNlOiBzdHJpbmcsIGhpbnQ6IHN0cmluZyB8IHVuZGVmaW5lZF0pW10gPSBbXG4gIFsnJC5pZGQnLCAnJC5pZCddLFxuICBbJyQudmVzc2VsLmltbW8nLCAnJC52ZXNzZWwuaW1vJ10sXG4gIFsnJC5pdGVtcy5jb2RlJywgJyQuaXRlbXMgaXMgYSBsaXN0IG9mIDInXSxcbiAgWyckLmlkLngnLCAnJC5pZCBpcyBcIlBDLTAwMDFcIiddLFxuICBbJyQucXVheScsICckIGhhcyBpZCwgc3RhdGUsIGl0ZW1zLCB2ZXNzZWwnXSxcbiAgWydoZWFkZXIuZXRnYScsICdoZWFkZXIuZXRhZyddLFxuICBbJ3N0YXR1cycsIHVuZGVmaW5lZF0sXG5dO1xuZm9yIChjb25zdCBbdGV4dCwgaGludF0gb2YgbmVhcilcbiAgdGVzdChgbmVhciAke3RleHR9IGlzICR7aGludH1gLCAoKSA9PiBhc3NlcnQuZXF1YWwocmVhZFBsYWNlKHRleHQsIFtdKS5uZWFyKGFuc3dlciksIGhpbnQpKTtcblxudGVzdCgnYSBwcm9ibGVtIGJ5IFJGQyA5NDU3IGlzIGFuIGVycm9yIHRoYXQgdGhlIGFuc3dlciBkZWNsYXJlcycsICgpID0+IHtcbiAgY29uc3QgcHJvYmxlbSA9IG5ldyBSZWNlaXZlZCh7XG4gICAgLi4uYW5zd2VyLnBhcnRzLFxuICAgIHN0YXR1czogNDA5LFxuICAgIGhlYWRlcnM6IFtbJ2NvbnRlbnQtdHlwZScsICdhcHBsaWNhdGlvbi9wcm9ibGVtK2pzb247IGNoYXJzZXQ9dXRmLTgnXV0sXG4gICAgYm9keTogQnVmZmVyLmZyb20oJ3tcInRpdGxlXCI6IFwiVGFrZW5cIiwgXCJzdGF0dXNcIjogNDA5fScpLFxuICB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChyZWFkUGxhY2UoJ2Vycm9ycycsIFtdKS5maW5kKHByb2JsZW0pLCBbeyB0aXRsZTogJ1Rha2VuJywgc3RhdHVzOiA0MDkgfV0pO1xufSk7XG5cbnRlc3QoJ2FuIGFuc3dlciB0aGF0IGlzIG5vdCBKU09OIHNheXMgc28gd2hlcmUgSlNPTiBpcyBsb29rZWQgZm9yJywgKCkgPT4ge1xuICBmb3IgKGNvbnN0IFtib2R5LCBzYXlzXSBvZiBbXG4gICAgWyc8aHRtbD4nLCAvYmVnaW5zIHdpdGggXCI8aHRtbD5cIi9dLFxuICAgIFsnJywgL2VtcHR5L10sXG4gIF0gYXMgY29uc3QpIHtcbiAgICBhc3NlcnQudGhyb3dzKFxuICAgICAgKCkgPT4gcmVhZFBsYWNlKCckLmlkJywgW10pLmZpbmQocmVjZWl2ZWQoYm9keSkpLFxuICAgICAgKGVycm9yOiBFcnJvciAmIHsgY29kZT86IHN0cmluZzsgcmVhc29uPzogc3RyaW5nIH0pID0+XG4gICAgICAgIGVycm9yLmNvZGUgPT09ICdhbnN3ZXItbm90LWpzb24nICYmIHNheXMudGVzdChgJHtlcnJvci5tZXNzYWdlfSAke2Vycm9yLnJlYXNvbn1gKSxcbiAgICApO1xuICB9XG59KTtcblxuZm9yIChjb25zdCB3cm9uZyBvZiBbJ3N0YXRvcycsICdoZWFkZXInLCAnaGVhZGVyLicsICdoZWFkZXIuYSBiJywgJy5pZCcsICdpZCcsICckLicsICckWycsICckLmEgYicsICcnXSkge1xuICB0ZXN0KGAke0pTT04uc3RyaW5naWZ5KHdyb25nKX0gaXMgbm90IGEgcGxhY2VgLCAoKSA9PlxuICAgIGFzc2VydC50aHJvd3MoKCkgPT4gcmVhZFBsYWNlKHdyb25nLCBbXSksIHsgY29kZTogJ3BsYWNlLXN5bnRheCcgfSkpO1xufVxuXG5jb25zdCBlbnZlbG9wZSA9IHJlY2VpdmVkKFxuICAnPD94bWwgdmVyc2lvbj1cIjEuMFwiPz48czpFbnZlbG9wZSB4bWxuczpzPVwidXJuOnNcIiB4bWxucz1cInVybjpkXCI+PHM6Qm9keT48YmVydGggaWQ9XCI3XCI+TjE8L2JlcnRoPjxiZXJ0aCBpZD1cIjhcIj5OMjwvYmVydGg+PG5vbmUvPjwvczpCb2R5PjwvczpFbnZlbG9wZT4nLFxuICBbXG4gICAgWydTZXQtQ29va2llJywgJ3Zpc2l0PVwiNDJcIjsgUGF0aD0vJ10sXG4gICAgWydTZXQtQ29va2llJywgJ3RoZW1lPWRhcmsnXSxcbiAgICBbJ0xpbmsnLCAnPC92MS9jYWxscz9wYWdlPTI+OyByZWw9XCJuZXh0XCI7IHRpdGxlPVwibW9yZSwgcGxlYXNlXCIsIDxodHRwczovL290aGVyLmV4YW1wbGUveD47IHJlbD1oZWxwJ10sXG4gICAgWydMaW5rJywgJzwvL2xhc3QuZXhhbXBsZS96PjsgcmVsPVwibGFzdCBhcmNoaXZlXCInXSxcbiAgXSxcbik7XG5cbmNvbnN0IGluWG1sOiByZWFkb25seSAocmVhZG9ubHkgW3BsYWNlOiBzdHJpbmcsIHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZF0pW10gPSBbXG4gIFsnLy9iZXJ0aCcsIFsnTjEnLCAnTjInXV0sXG4gIFsnL0VudmVsb3BlL0JvZHkvYmVydGhbQGlkPVwiOFwiXScsICdOMiddLFxuICBbJy9zOkVudmVsb3BlL3M6Qm9keS9ub25lJywgJyddLFxuICBbJy8vYmVydGgvQGlkJywgWyc3JywgJzgnXV0sXG4gIFsnLy9iZXJ0aFsxXScsICdOMSddLFxuICBbJy8vcXVheScsIHVuZGVmaW5lZF0sXG4gIFsnLy9iZXJ0aCA9IFwiTjJcIicsIHRydWVdLFxuICBbJ2Nvb2tpZS52aXNpdCcsICc0MiddLFxuICBbJ2Nvb2tpZS50aGVtZScsICdkYXJrJ10sXG4gIFsnY29va2llLm90aGVyJywgdW5kZWZpbmVkXSxcbiAgWydsaW5rLm5leHQnLCAnaHR0cDovL2hhcmJvdXIuZXhhbXBsZS92MS9jYWxscz9wYWdlPTInXSxcbiAgWydsaW5rLmhlbHAnLCAnaHR0cHM6Ly9vdGhlci5leGFtcGxlL3gnXSxcbiAgWydsaW5rLmFyY2hpdmUnLCAnaHR0cDovL2xhc3QuZXhhbXBsZS96J10sXG4gIFsnbGluay5wcmV2JywgdW5kZWZpbmVkXSxcbiAgWydob3BzJywgMF0sXG5dO1xuXG5mb3IgKGNvbnN0IFt0ZXh0LCB2YWx1ZV0gb2YgaW5YbWwpIHtcbiAgdGVzdChgJHt0ZXh0fSBpcyAke0pTT04uc3RyaW5naWZ5KHZhbHVlKX1gLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgbG9hZHM6IFByb21pc2U8dW5rbm93bj5bXSA9IFtdO1xuICAgIGNvbnN0IHBsYWNlID0gcmVhZFBsYWNlKHRleHQsIGxvYWRzKTtcbiAgICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChwbGFjZS5maW5kKGVudmVsb3BlKSwgdmFsdWUpO1xuICB9KTtcbn1cblxuZm9yIChjb25zdCBbdGV4dCwgaGludF0gb2YgW1xuICBbJy8vcXVheScsICdpdHMgZWxlbWVudHMgYXJlIEVudmVsb3BlLCBCb2R5LCBiZXJ0aCwgbm9uZSddLFxuICBbJ2Nvb2tpZS52aXNpdHQnLCAnY29va2llLnZpc2l0J10sXG4gIFsnbGluay5ueHQnLCAnbGluay5uZXh0J10sXG5dIGFzIGNvbnN0KSB7XG4gIHRlc3QoYG5lYXIgJHt0ZXh0fSBpcyAke2hpbnR9YCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IGxvYWRzOiBQcm9taXNlPHVua25vd24+W10gPSBbXTtcbiAgICBjb25zdCBwbGFjZSA9IHJlYWRQbGFjZSh0ZXh0LCBsb2Fkcyk7XG4gICAgYXdhaXQgUHJvbWlzZS5hbGwobG9hZHMpO1xuICAgIGFzc2VydC5lcXVhbChwbGFjZS5uZWFyKGVudmVsb3BlKSwgaGludCk7XG4gIH0pO1xufVxuXG50ZXN0KCdhbiBYUGF0aCB0aGF0IGlzIG5vbmUsIFhNTCB0aGF0IGlzIG5vbmUsIGFuZCBlbnRpdGllcyBhcmUgcmVmdXNlZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgbG9hZHM6IFByb21pc2U8dW5rbm93bj5bXSA9IFtdO1xuICByZWFkUGxhY2UoJy8vYVsnLCBsb2Fkcyk7XG4gIGF3YWl0IGFzc2VydC5yZWplY3RzKFByb21pc2UuYWxsKGxvYWRzKSwgeyBjb2RlOiAncGxhY2Utc3ludGF4JyB9KTtcbiAgY29uc3QgZ29vZDogUHJvbWlzZTx1bmtub3duPltdID0gW107XG4gIGNvbnN0IHBsYWNlID0gcmVhZFBsYWNlKCcvL2EnLCBnb29kKTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwoZ29vZCk7XG4gIGZvciAoY29uc3QgW2JvZHksIHNheXNdIG9mIFtcbiAgICBbJ3tcImFcIjogMX0nLCAvbm90IHdlbGwtZm9ybWVkIFhNTC9dLFxuICAgIFsnJywgL2VtcHR5L10sXG4gICAgWyc8IURPQ1RZUEUgYSBbPCFFTlRJVFkgYiBcImNcIj5dPjxhPiZiOzwvYT4nLCAvZGVjbGFyZXMgZW50aXRpZXMvXSxcbiAgXSBhcyBjb25zdClcbiAgICBhc3NlcnQudGhyb3dzKFxuICAgICAgKCkgPT4gcGxhY2UuZmluZChyZWNlaXZlZChib2R5KSksXG4gICAgICAoZXJyb3I6IEVycm9yICYgeyBjb2RlPzogc3RyaW5nIH0pID0+IGVycm9yLmNvZGUgPT09ICdhbnN3ZXItbm90LXhtbCcgJiYgc2F5cy50ZXN0KGVycm9yLm1lc3NhZ2UpLFxuICAgICk7XG59KTtcblxuY29uc3QgdHdvTmFtZXNwYWNlcyA9IHJlY2VpdmVkKFxuICAnPGE6QW5zd2VyIHhtbG5zOmE9XCJ1cm46bGFya2hhdmVuOmFuc3dlcnNcIj48YTpiZXJ0aCBjb2RlPVwiTjFcIj5mcmVlPC9hOmJlcnRoPjxiOmJlcnRoIHhtbG5zOmI9XCJ1cm46bGFya2hhdmVuOm90aGVyXCI+dGFrZW48L2I6YmVydGg+PC9hOkFuc3dlcj4nLFxuICBbWydDb250ZW50LVR5cGUnLCAnYXBwbGljYXRpb24veG1sJ11dLFxuKTtcblxuY29uc3QgYnlOYW1lc3BhY2U6IHJlYWRvbmx5IChyZWFkb25seSBbcGxhY2U6IHN0cmluZywgdmFsdWU6IFZhbHVlIHwgdW5kZWZpbmVkXSlbXSA9IFtcbiAgWycvL3g6YmVydGgnLCAnZnJlZSddLFxuICBbJy8veTpiZXJ0aCcsICd0YWtlbiddLFxuICBbJy8veDpiZXJ0aC9AY29kZScsICdOMSddLFxuICBbJy8vYjpiZXJ0aCcsICd0YWtlbiddLFxuICBbJy8vYmVydGgnLCBbJ2ZyZWUnLCAndGFrZW4nXV0sXG5dO1xuZm9yIChjb25zdCBbdGV4dCwgdmFsdWVdIG9mIGJ5TmFtZXNwYWNlKSB7XG4gIHRlc3QoYGF0ICR7dGV4dH0sIHdpdGggcHJlZml4ZXMgb2Ygb3VyIG93biwgc3RhbmRzICR7SlNPTi5zdHJpbmdpZnkodmFsdWUpfWAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCBsb2FkczogUHJvbWlzZTx1bmtub3duPltdID0gW107XG4gICAgY29uc3QgcGxhY2UgPSByZWFkUGxhY2UodGV4dCwgbG9hZHMsIHsgeDogJ3VybjpsYXJraGF2ZW46YW5zd2VycycsIHk6ICd1cm46bGFya2hhdmVuOm90aGVyJyB9KTtcbiAgICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChwbGFjZS5maW5kKHR3b05hbWVzcGFjZXMpLCB2YWx1ZSk7XG4gIH0pO1xufVxuXG50ZXN0KCdhIHByZWZpeCB0aGF0IG5vYm9keSBkZWNsYXJlcyBpcyB0b2xkIHdpdGggdGhvc2UgdGhhdCBhcmUga25vd24nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGxvYWRzOiBQcm9taXNlPHVua25vd24+W10gPSBbXTtcbiAgY29uc3QgcGxhY2UgPSByZWFkUGxhY2UoJy8vejpiZXJ0aCcsIGxvYWRzLCB7IHg6ICd1cm46bGFya2hhdmVuOmFuc3dlcnMnIH0pO1xuICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gIGFzc2VydC50aHJvd3MoKCkgPT4gcGxhY2UuZmluZCh0d29OYW1lc3BhY2VzKSwgL2Nhbm5vdCBiZSBsb29rZWQgdXAgaW4gdGhpcyBhbnN3ZXIvKTtcbn0pO1xuXG5jb25zdCBodG1sUGFnZSA9IHJlY2VpdmVkKFxuICAnPCFkb2N0eXBlIGh0bWw+PGh0bWw+PGJvZHk+PHA+V2VsY29tZTxicj5hYm9hcmQ8Zm9ybSBtZXRob2Q9cG9zdD48aW5wdXQgbmFtZT1zZWFsIHZhbHVlPVwiNyZhbXA7OFwiIEBjbGljaz1cInhcIj48aW5wdXQgbmFtZT1cInZpc2l0b3JcIj48L2Zvcm0+PHRhYmxlPjx0cj48dGQ+TjE8dGQ+TjI8L3RhYmxlPjwvYm9keT48L2h0bWw+JyxcbiAgW1snQ29udGVudC1UeXBlJywgJ3RleHQvaHRtbDsgY2hhcnNldD11dGYtOCddXSxcbik7XG5jb25zdCBvblBhZ2U6IHJlYWRvbmx5IChyZWFkb25seSBbcGxhY2U6IHN0cmluZywgdmFsdWU6IFZhbHVlIHwgdW5kZWZpbmVkXSlbXSA9IFtcbiAgWycvL2lucHV0W0BuYW1lPVwic2VhbFwiXS9AdmFsdWUnLCAnNyY4J10sXG4gIFsnLy9mb3JtL0BtZXRob2QnLCAncG9zdCddLFxuICBbJy8vdGQnLCBbJ04xJywgJ04yJ11dLFxuICBbJy9odG1sL2JvZHkvcCcsICdXZWxjb21lYWJvYXJkJ10sXG4gIFsnLy9ub3RoaW5nJywgdW5kZWZpbmVkXSxcbl07XG5mb3IgKGNvbnN0IFt0ZXh0LCB2YWx1ZV0gb2Ygb25QYWdlKSB7XG4gIHRlc3QoYGF0ICR7dGV4dH0gb2YgYSBwYWdlIHN0YW5kcyAke0pTT04uc3RyaW5naWZ5KHZhbHVlKX1gLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgbG9hZHM6IFByb21pc2U8dW5rbm93bj5bXSA9IFtdO1xuICAgIGNvbnN0IHBsYWNlID0gcmVhZFBsYWNlKHRleHQsIGxvYWRzKTtcbiAgICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChwbGFjZS5maW5kKGh0bWxQYWdlKSwgdmFsdWUpO1xuICB9KTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLFlBQVk7QUFLckIsU0FBUyxTQUFTLE1BQWMsVUFBa0QsQ0FBQyxHQUFHLFNBQVMsS0FBZTtBQUM1RyxTQUFPLElBQUksU0FBUztBQUFBLElBQ2xCO0FBQUEsSUFDQSxRQUFRO0FBQUEsSUFDUixTQUFTLFFBQVEsS0FBSyxDQUFDLENBQUMsSUFBSSxNQUFNLFNBQVMsY0FBYyxJQUNyRCxVQUNBLENBQUMsQ0FBQyxnQkFBZ0Isa0JBQWtCLEdBQUcsR0FBRyxPQUFPO0FBQUEsSUFDckQsTUFBTSxPQUFPLEtBQUssSUFBSTtBQUFBLElBQ3RCLFVBQVUsS0FBSztBQUFBLElBQ2YsUUFBUSxFQUFFLFFBQVEsUUFBVyxTQUFTLFFBQVcsS0FBSyxRQUFXLFNBQVMsSUFBSSxXQUFXLEdBQUcsT0FBTyxHQUFHO0FBQUEsSUFDdEcsVUFBVTtBQUFBLElBQ1YsTUFBTSxDQUFDO0FBQUEsSUFDUCxlQUFlO0FBQUEsSUFDZixVQUFVO0FBQUEsSUFDVixLQUFLO0FBQUEsSUFDTCxVQUFVLENBQUM7QUFBQSxJQUNYLE9BQU8sQ0FBQztBQUFBLEVBQ1YsQ0FBQztBQUNIO0FBRUEsSUFBTSxTQUFTO0FBQUEsRUFDYjtBQUFBLEVBQ0E7QUFBQSxJQUNFLENBQUMsUUFBUSxLQUFLO0FBQUEsSUFDZCxDQUFDLFFBQVEsUUFBUTtBQUFBLElBQ2pCLENBQUMsUUFBUSxRQUFRO0FBQUEsRUFDbkI7QUFBQSxFQUNBO0FBQ0Y7QUFFQSxJQUFNLFFBQXlFO0FBQUEsRUFDN0UsQ0FBQyxVQUFVLEdBQUc7QUFBQSxFQUNkLENBQUMsUUFBUSxFQUFFO0FBQUEsRUFDWCxDQUFDLFFBQVEsR0FBRztBQUFBLEVBQ1osQ0FBQyxhQUFhLGlDQUFpQztBQUFBLEVBQy9DLENBQUMsZUFBZSxLQUFLO0FBQUEsRUFDckIsQ0FBQyxlQUFlLEtBQUs7QUFBQSxFQUNyQixDQUFDLGVBQWUsZ0JBQWdCO0FBQUEsRUFDaEMsQ0FBQyxtQkFBbUIsTUFBUztBQUFBLEVBQzdCLENBQUMsUUFBUSxTQUFTO0FBQUEsRUFDbEIsQ0FBQyxXQUFXLElBQUk7QUFBQSxFQUNoQixDQUFDLG1CQUFtQixJQUFJO0FBQUEsRUFDeEIsQ0FBQyxtQkFBbUIsQ0FBQyxNQUFNLElBQUksQ0FBQztBQUFBLEVBQ2hDLENBQUMsaUNBQWlDLENBQUMsSUFBSSxDQUFDO0FBQUEsRUFDeEMsQ0FBQyxtQkFBbUIsTUFBUztBQUFBLEVBQzdCLENBQUMsVUFBVSxDQUFDLFNBQVMsQ0FBQztBQUFBLEVBQ3RCLENBQUMsYUFBYSxNQUFTO0FBQUEsRUFDdkIsQ0FBQyxnQkFBZ0IsQ0FBQyxDQUFDO0FBQUEsRUFDbkIsQ0FBQyxVQUFVLENBQUMsQ0FBQztBQUNmO0FBQ0EsV0FBVyxDQUFDLE1BQU0sS0FBSyxLQUFLO0FBQzFCLE9BQUssTUFBTSxJQUFJLFdBQVcsS0FBSyxVQUFVLEtBQUssQ0FBQyxJQUFJLE1BQU0sT0FBTyxVQUFVLFVBQVUsTUFBTSxDQUFDLENBQUMsRUFBRSxLQUFLLE1BQU0sR0FBRyxLQUFLLENBQUM7QUFFcEgsSUFBTSxPQUF3RTtBQUFBLEVBQzVFLENBQUMsU0FBUyxNQUFNO0FBQUEsRUFDaEIsQ0FBQyxpQkFBaUIsY0FBYztBQUFBLEVBQ2hDLENBQUMsZ0JBQWdCLHdCQUF3QjtBQUFBLEVBQ3pDLENBQUMsVUFBVSxtQkFBbUI7QUFBQSxFQUM5QixDQUFDLFVBQVUsZ0NBQWdDO0FBQUEsRUFDM0MsQ0FBQyxlQUFlLGFBQWE7QUFBQSxFQUM3QixDQUFDLFVBQVUsTUFBUztBQUN0QjtBQUNBLFdBQVcsQ0FBQyxNQUFNLElBQUksS0FBSztBQUN6QixPQUFLLFFBQVEsSUFBSSxPQUFPLElBQUksSUFBSSxNQUFNLE9BQU8sTUFBTSxVQUFVLE1BQU0sQ0FBQyxDQUFDLEVBQUUsS0FBSyxNQUFNLEdBQUcsSUFBSSxDQUFDO0FBRTVGLEtBQUssOERBQThELE1BQU07QUFDdkUsUUFBTSxVQUFVLElBQUksU0FBUztBQUFBLElBQzNCLEdBQUcsT0FBTztBQUFBLElBQ1YsUUFBUTtBQUFBLElBQ1IsU0FBUyxDQUFDLENBQUMsZ0JBQWdCLHlDQUF5QyxDQUFDO0FBQUEsSUFDckUsTUFBTSxPQUFPLEtBQUssbUNBQW1DO0FBQUEsRUFDdkQsQ0FBQztBQUNELFNBQU8sVUFBVSxVQUFVLFVBQVUsQ0FBQyxDQUFDLEVBQUUsS0FBSyxPQUFPLEdBQUcsQ0FBQyxFQUFFLE9BQU8sU0FBUyxRQUFRLElBQUksQ0FBQyxDQUFDO0FBQzNGLENBQUM7QUFFRCxLQUFLLCtEQUErRCxNQUFNO0FBQ3hFLGFBQVcsQ0FBQyxNQUFNLElBQUksS0FBSztBQUFBLElBQ3pCLENBQUMsVUFBVSxzQkFBc0I7QUFBQSxJQUNqQyxDQUFDLElBQUksT0FBTztBQUFBLEVBQ2QsR0FBWTtBQUNWLFdBQU87QUFBQSxNQUNMLE1BQU0sVUFBVSxRQUFRLENBQUMsQ0FBQyxFQUFFLEtBQUssU0FBUyxJQUFJLENBQUM7QUFBQSxNQUMvQyxDQUFDLFVBQ0MsTUFBTSxTQUFTLHFCQUFxQixLQUFLLEtBQUssR0FBRyxNQUFNLE9BQU8sSUFBSSxNQUFNLE1BQU0sRUFBRTtBQUFBLElBQ3BGO0FBQUEsRUFDRjtBQUNGLENBQUM7QUFFRCxXQUFXLFNBQVMsQ0FBQyxVQUFVLFVBQVUsV0FBVyxjQUFjLE9BQU8sTUFBTSxNQUFNLE1BQU0sU0FBUyxFQUFFLEdBQUc7QUFDdkcsT0FBSyxHQUFHLEtBQUssVUFBVSxLQUFLLENBQUMsbUJBQW1CLE1BQzlDLE9BQU8sT0FBTyxNQUFNLFVBQVUsT0FBTyxDQUFDLENBQUMsR0FBRyxFQUFFLE1BQU0sZUFBZSxDQUFDLENBQUM7QUFDdkU7QUFFQSxJQUFNLFdBQVc7QUFBQSxFQUNmO0FBQUEsRUFDQTtBQUFBLElBQ0UsQ0FBQyxjQUFjLG9CQUFvQjtBQUFBLElBQ25DLENBQUMsY0FBYyxZQUFZO0FBQUEsSUFDM0IsQ0FBQyxRQUFRLDJGQUEyRjtBQUFBLElBQ3BHLENBQUMsUUFBUSx3Q0FBd0M7QUFBQSxFQUNuRDtBQUNGO0FBRUEsSUFBTSxRQUF5RTtBQUFBLEVBQzdFLENBQUMsV0FBVyxDQUFDLE1BQU0sSUFBSSxDQUFDO0FBQUEsRUFDeEIsQ0FBQyxpQ0FBaUMsSUFBSTtBQUFBLEVBQ3RDLENBQUMsMkJBQTJCLEVBQUU7QUFBQSxFQUM5QixDQUFDLGVBQWUsQ0FBQyxLQUFLLEdBQUcsQ0FBQztBQUFBLEVBQzFCLENBQUMsY0FBYyxJQUFJO0FBQUEsRUFDbkIsQ0FBQyxVQUFVLE1BQVM7QUFBQSxFQUNwQixDQUFDLGtCQUFrQixJQUFJO0FBQUEsRUFDdkIsQ0FBQyxnQkFBZ0IsSUFBSTtBQUFBLEVBQ3JCLENBQUMsZ0JBQWdCLE1BQU07QUFBQSxFQUN2QixDQUFDLGdCQUFnQixNQUFTO0FBQUEsRUFDMUIsQ0FBQyxhQUFhLHdDQUF3QztBQUFBLEVBQ3RELENBQUMsYUFBYSx5QkFBeUI7QUFBQSxFQUN2QyxDQUFDLGdCQUFnQix1QkFBdUI7QUFBQSxFQUN4QyxDQUFDLGFBQWEsTUFBUztBQUFBLEVBQ3ZCLENBQUMsUUFBUSxDQUFDO0FBQ1o7QUFFQSxXQUFXLENBQUMsTUFBTSxLQUFLLEtBQUssT0FBTztBQUNqQyxPQUFLLEdBQUcsSUFBSSxPQUFPLEtBQUssVUFBVSxLQUFLLENBQUMsSUFBSSxZQUFZO0FBQ3RELFVBQU0sUUFBNEIsQ0FBQztBQUNuQyxVQUFNLFFBQVEsVUFBVSxNQUFNLEtBQUs7QUFDbkMsVUFBTSxRQUFRLElBQUksS0FBSztBQUN2QixXQUFPLFVBQVUsTUFBTSxLQUFLLFFBQVEsR0FBRyxLQUFLO0FBQUEsRUFDOUMsQ0FBQztBQUNIO0FBRUEsV0FBVyxDQUFDLE1BQU0sSUFBSSxLQUFLO0FBQUEsRUFDekIsQ0FBQyxVQUFVLDhDQUE4QztBQUFBLEVBQ3pELENBQUMsaUJBQWlCLGNBQWM7QUFBQSxFQUNoQyxDQUFDLFlBQVksV0FBVztBQUMxQixHQUFZO0FBQ1YsT0FBSyxRQUFRLElBQUksT0FBTyxJQUFJLElBQUksWUFBWTtBQUMxQyxVQUFNLFFBQTRCLENBQUM7QUFDbkMsVUFBTSxRQUFRLFVBQVUsTUFBTSxLQUFLO0FBQ25DLFVBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsV0FBTyxNQUFNLE1BQU0sS0FBSyxRQUFRLEdBQUcsSUFBSTtBQUFBLEVBQ3pDLENBQUM7QUFDSDtBQUVBLEtBQUsscUVBQXFFLFlBQVk7QUFDcEYsUUFBTSxRQUE0QixDQUFDO0FBQ25DLFlBQVUsUUFBUSxLQUFLO0FBQ3ZCLFFBQU0sT0FBTyxRQUFRLFFBQVEsSUFBSSxLQUFLLEdBQUcsRUFBRSxNQUFNLGVBQWUsQ0FBQztBQUNqRSxRQUFNLE9BQTJCLENBQUM7QUFDbEMsUUFBTSxRQUFRLFVBQVUsT0FBTyxJQUFJO0FBQ25DLFFBQU0sUUFBUSxJQUFJLElBQUk7QUFDdEIsYUFBVyxDQUFDLE1BQU0sSUFBSSxLQUFLO0FBQUEsSUFDekIsQ0FBQyxZQUFZLHFCQUFxQjtBQUFBLElBQ2xDLENBQUMsSUFBSSxPQUFPO0FBQUEsSUFDWixDQUFDLDRDQUE0QyxtQkFBbUI7QUFBQSxFQUNsRTtBQUNFLFdBQU87QUFBQSxNQUNMLE1BQU0sTUFBTSxLQUFLLFNBQVMsSUFBSSxDQUFDO0FBQUEsTUFDL0IsQ0FBQyxVQUFxQyxNQUFNLFNBQVMsb0JBQW9CLEtBQUssS0FBSyxNQUFNLE9BQU87QUFBQSxJQUNsRztBQUNKLENBQUM7QUFFRCxJQUFNLGdCQUFnQjtBQUFBLEVBQ3BCO0FBQUEsRUFDQSxDQUFDLENBQUMsZ0JBQWdCLGlCQUFpQixDQUFDO0FBQ3RDO0FBRUEsSUFBTSxjQUErRTtBQUFBLEVBQ25GLENBQUMsYUFBYSxNQUFNO0FBQUEsRUFDcEIsQ0FBQyxhQUFhLE9BQU87QUFBQSxFQUNyQixDQUFDLG1CQUFtQixJQUFJO0FBQUEsRUFDeEIsQ0FBQyxhQUFhLE9BQU87QUFBQSxFQUNyQixDQUFDLFdBQVcsQ0FBQyxRQUFRLE9BQU8sQ0FBQztBQUMvQjtBQUNBLFdBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSyxhQUFhO0FBQ3ZDLE9BQUssTUFBTSxJQUFJLHNDQUFzQyxLQUFLLFVBQVUsS0FBSyxDQUFDLElBQUksWUFBWTtBQUN4RixVQUFNLFFBQTRCLENBQUM7QUFDbkMsVUFBTSxRQUFRLFVBQVUsTUFBTSxPQUFPLEVBQUUsR0FBRyx5QkFBeUIsR0FBRyxzQkFBc0IsQ0FBQztBQUM3RixVQUFNLFFBQVEsSUFBSSxLQUFLO0FBQ3ZCLFdBQU8sVUFBVSxNQUFNLEtBQUssYUFBYSxHQUFHLEtBQUs7QUFBQSxFQUNuRCxDQUFDO0FBQ0g7QUFFQSxLQUFLLG1FQUFtRSxZQUFZO0FBQ2xGLFFBQU0sUUFBNEIsQ0FBQztBQUNuQyxRQUFNLFFBQVEsVUFBVSxhQUFhLE9BQU8sRUFBRSxHQUFHLHdCQUF3QixDQUFDO0FBQzFFLFFBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsU0FBTyxPQUFPLE1BQU0sTUFBTSxLQUFLLGFBQWEsR0FBRyxvQ0FBb0M7QUFDckYsQ0FBQztBQUVELElBQU0sV0FBVztBQUFBLEVBQ2Y7QUFBQSxFQUNBLENBQUMsQ0FBQyxnQkFBZ0IsMEJBQTBCLENBQUM7QUFDL0M7QUFDQSxJQUFNLFNBQTBFO0FBQUEsRUFDOUUsQ0FBQyxnQ0FBZ0MsS0FBSztBQUFBLEVBQ3RDLENBQUMsa0JBQWtCLE1BQU07QUFBQSxFQUN6QixDQUFDLFFBQVEsQ0FBQyxNQUFNLElBQUksQ0FBQztBQUFBLEVBQ3JCLENBQUMsZ0JBQWdCLGVBQWU7QUFBQSxFQUNoQyxDQUFDLGFBQWEsTUFBUztBQUN6QjtBQUNBLFdBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSyxRQUFRO0FBQ2xDLE9BQUssTUFBTSxJQUFJLHFCQUFxQixLQUFLLFVBQVUsS0FBSyxDQUFDLElBQUksWUFBWTtBQUN2RSxVQUFNLFFBQTRCLENBQUM7QUFDbkMsVUFBTSxRQUFRLFVBQVUsTUFBTSxLQUFLO0FBQ25DLFVBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsV0FBTyxVQUFVLE1BQU0sS0FBSyxRQUFRLEdBQUcsS0FBSztBQUFBLEVBQzlDLENBQUM7QUFDSDsiLAogICJuYW1lcyI6IFtdCn0K
