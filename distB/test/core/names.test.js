import {
  inputValue,
  planInputs
} from "../parts/chunk-3GYCCOMC.js";
import {
  collectionVariables,
  readEnvironment,
  variableLayers,
  variableNames
} from "../parts/chunk-7G6JQYYU.js";
import {
  absoluteUrl,
  compileAddress,
  withQuery
} from "../parts/chunk-BNANEU6A.js";
import "../parts/chunk-G6PY5PV3.js";
import "../parts/chunk-REJVQWM4.js";
import "../parts/chunk-WAHZOCQ7.js";
import "../parts/chunk-36BGEIU2.js";
import {
  openCollection
} from "../parts/chunk-FMJ76NV5.js";
import "../parts/chunk-XHTX6VQM.js";
import "../parts/chunk-REWHJNK7.js";
import "../parts/chunk-CFOFBHOV.js";
import "../parts/chunk-B5MWC56M.js";
import "../parts/chunk-IIWAP3H3.js";
import "../parts/chunk-VV4FZXZN.js";
import "../parts/chunk-ADLZ4E65.js";
import {
  parseYaml
} from "../parts/chunk-2NSBAQ4L.js";
import {
  collectionOf
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-5DCQHAPP.js";
import "../parts/chunk-MAL2YCX2.js";
import "../parts/chunk-IQWA53IU.js";
import {
  worldMaker
} from "../parts/chunk-LS5VPUTR.js";
import "../parts/chunk-6FF7OQVK.js";
import "../parts/chunk-7JVJJYGZ.js";
import "../parts/chunk-VVGKGSPN.js";
import {
  namesFrom,
  noNames
} from "../parts/chunk-ILBUWU7B.js";
import "../parts/chunk-QF6HTAQS.js";
import {
  nearest,
  nearestHint
} from "../parts/chunk-PACVB44P.js";
import "../parts/chunk-WDD3S5O6.js";
import {
  Evaluation
} from "../parts/chunk-ELCQYB6S.js";
import "../parts/chunk-ZC7SUIQQ.js";
import "../parts/chunk-FSPVDUAZ.js";
import "../parts/chunk-RABAPZK5.js";
import "../parts/chunk-XGDOGID3.js";

// test/core/names.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var hooks = { world: worldMaker({ root: ".", secret: () => "gull-and-tern" })(), onSecret: () => void 0 };
var evaluation = (names) => new Evaluation(names, hooks);
function variables(files, settings = {}, caller = noNames) {
  const collection = openCollection(collectionOf(files));
  const loads = [];
  const environment = readEnvironment(collection, void 0, loads);
  return variableNames(
    variableLayers(new Map(Object.entries(settings)), environment, collectionVariables(collection, loads)),
    caller,
    hooks
  );
}
var layered = {
  "echo-trail.yaml": 'name: t\nenvironment: sandbox\nvariables: {edition: "1", shared: collection, made: "${edition}-x"}\n',
  "environments/sandbox.yaml": 'variables: {edition: "2", origin: "https://${host}.example", list: ["${edition}", 3]}\n'
};
test("--set comes before the environment, the environment before the collection, each with its origin", () => {
  const names = variables(layered, { shared: "given" });
  assert.deepEqual(names.lookup("edition"), { value: "2", origin: "environment sandbox" });
  assert.deepEqual(names.lookup("shared"), { value: "given", origin: "--set" });
  assert.deepEqual(variables(layered).lookup("shared"), { value: "collection", origin: "collection variables" });
  assert.equal(names.lookup("nothing"), void 0);
});
test("a variable may use others, in lists too, and the names of the caller", () => {
  const names = variables(layered, {}, namesFrom({ host: "n1" }, "row 1"));
  assert.equal(names.lookup("made")?.value, "2-x");
  assert.deepEqual(names.lookup("list")?.value, ["2", 3]);
  assert.equal(names.lookup("origin")?.value, "https://n1.example");
  assert.throws(() => variables(layered).lookup("origin"), { code: "unknown-name" });
});
test("variables that refer to each other in a circle are told", () => {
  const names = variables({ "environments/sandbox.yaml": 'variables: {a: "${b}", b: "${c}", c: "${a}"}\n' });
  assert.throws(() => names.lookup("a"), { code: "circle" });
});
test("a variable made of a secret is secret", () => {
  const names = variables({ "environments/sandbox.yaml": 'variables: {auth: "key ${secret.k}"}\n' });
  assert.equal(names.lookup("auth")?.secret, true);
});
function input(declaration, given2) {
  const yaml = parseYaml(`inputs: {x: ${declaration}}
`, "requests/r.yaml");
  const [plan] = planInputs(
    yaml.value.inputs,
    { yaml },
    "request r",
    []
  );
  assert.ok(plan);
  return inputValue(
    plan,
    given2 === void 0 ? void 0 : { value: given2, origin: "given" },
    namesFrom({ edition: 2 }, "variables"),
    hooks
  );
}
var values = [
  ["{}", "a", "a"],
  ["{}", void 0, void 0],
  ["{default: 3}", void 0, 3],
  ['{default: "${edition}"}', void 0, 2],
  ["{type: integer}", "14", 14],
  ["{type: number}", "1.5", 1.5],
  ["{type: boolean}", "true", true],
  ["{type: string}", 5, "5"],
  ["{type: array}", "[1, 2]", [1, 2]],
  ["{type: object}", '{"a": 1}', { a: 1 }],
  ["{one-of: [grain, timber]}", "grain", "grain"],
  ["{type: integer, at-least: 1, at-most: 14}", "14", 14]
];
for (const [declaration, given2, value] of values) {
  test(`the input ${declaration} given ${JSON.stringify(given2)} is ${JSON.stringify(value)}`, () => assert.deepEqual(input(declaration, given2)?.value, value));
}
var refused = [
  ["{type: integer}", "1.5"],
  ["{type: integer}", "two"],
  ["{type: boolean}", "yes"],
  ["{type: array}", '{"a": 1}'],
  ["{type: string}", [1]],
  ["{one-of: [grain, timber]}", "gold"],
  ["{at-most: 14}", 15],
  ['{matches: "^[0-9]{7}$"}', "x"]
];
for (const [declaration, given2] of refused) {
  test(`the input ${declaration} refuses ${JSON.stringify(given2)}`, async () => {
    await import("../parts/regexp-ANAM6BDI.js").then(({ loadRegexp }) => loadRegexp());
    assert.throws(() => input(declaration, given2), { code: "input-value" });
  });
}
var addresses = [
  ["${origin}/v1/{a}", { a: "x" }, "http://h.example/base/v1/x"],
  ["${origin}/v1/{a}/{b}", { a: "a/b", b: "100%" }, "http://h.example/base/v1/a%2Fb/100%25"],
  ["http://h.example/{a}", { a: "\xFC \xE4" }, "http://h.example/%C3%BC%20%C3%A4"],
  ["http://h.example/{a}", { a: "it's~(!)" }, "http://h.example/it%27s~%28%21%29"],
  ["http://h.example/x-{a}.json", { a: 7 }, "http://h.example/x-7.json"],
  ["${origin}", {}, "http://h.example/base/"]
];
for (const [template, parts, address] of addresses) {
  test(`the address ${template} is ${address}`, () => {
    const plan = compileAddress(template, void 0, []);
    const names = namesFrom({ origin: "http://h.example/base/" }, "environment");
    assert.equal(
      plan.evaluate(evaluation(names), (name) => parts[name]),
      address
    );
  });
}
var rfc6570 = [
  ["{var}", "value"],
  ["{hello}", "Hello%20World%21"],
  ["{+var}", "value"],
  ["{+hello}", "Hello%20World!"],
  ["{+path}/here", "/foo/bar/here"],
  ["here?ref={+path}", "here?ref=/foo/bar"],
  ["X{#var}", "X#value"],
  ["X{#hello}", "X#Hello%20World!"],
  ["map?{x,y}", "map?1024,768"],
  ["{x,hello,y}", "1024,Hello%20World%21,768"],
  ["{+x,hello,y}", "1024,Hello%20World!,768"],
  ["{+path,x}/here", "/foo/bar,1024/here"],
  ["{#x,hello,y}", "#1024,Hello%20World!,768"],
  ["{#path,x}/here", "#/foo/bar,1024/here"],
  ["X{.var}", "X.value"],
  ["X{.x,y}", "X.1024.768"],
  ["{/var}", "/value"],
  ["{/var,x}/here", "/value/1024/here"],
  ["{;x,y}", ";x=1024;y=768"],
  ["{;x,y,empty}", ";x=1024;y=768;empty"],
  ["{?x,y}", "?x=1024&y=768"],
  ["{?x,y,empty}", "?x=1024&y=768&empty="],
  ["?fixed=yes{&x}", "?fixed=yes&x=1024"],
  ["{&x,y,empty}", "&x=1024&y=768&empty="],
  ["{?x,undef}", "?x=1024"],
  ["{?undef}", ""],
  ["{/list}", "/red,green,blue"],
  ["{/list*}", "/red/green/blue"],
  ["{?list}", "?list=red,green,blue"],
  ["{?list*}", "?list=red&list=green&list=blue"],
  ["{+half}", "50%25"]
];
var given = {
  var: "value",
  hello: "Hello World!",
  path: "/foo/bar",
  empty: "",
  x: 1024,
  y: 768,
  list: ["red", "green", "blue"],
  half: "50%25"
};
for (const [part, written] of rfc6570) {
  test(`${part} is written ${JSON.stringify(written)}`, () => {
    const plan = compileAddress(`http://h.example/${part}`, void 0, []);
    assert.equal(
      plan.evaluate(evaluation(noNames), (name) => given[name]),
      `http://h.example/${written}`
    );
  });
}
test("what is no part of an address is refused when the file is read", () => {
  for (const wrong of ["{}", "{a b}", "{a,}", "{?}", "{a:3}"])
    assert.throws(() => compileAddress(`http://h.example/${wrong}`, void 0, []), { code: "address-shape" }, wrong);
});
test("a part of an address must have a value, and not an empty one", () => {
  const plan = compileAddress("http://h.example/{a}", void 0, []);
  for (const value of [void 0, "", null])
    assert.throws(() => plan.evaluate(evaluation(noNames), () => value));
});
test("parameters join those that an address has already", () => {
  const pair = { name: "a b", value: "c&d", secret: false };
  const shown = (one) => encodeURIComponent(one.value);
  assert.equal(withQuery("http://h.example/x", [pair], shown), "http://h.example/x?a%20b=c%26d");
  assert.equal(withQuery("http://h.example/x?y=1", [pair], shown), "http://h.example/x?y=1&a%20b=c%26d");
  assert.equal(withQuery("http://h.example/x?", [pair], shown), "http://h.example/x?a%20b=c%26d");
  assert.equal(withQuery("http://h.example/x#f", [pair], shown), "http://h.example/x?a%20b=c%26d#f");
});
test("an address must be absolute, by http or https", () => {
  assert.equal(absoluteUrl("http://h.example").href, "http://h.example/");
  for (const wrong of ["/v1", "h.example/x", "ftp://h.example", "localhost:80", ""])
    assert.throws(() => absoluteUrl(wrong), { code: "address-shape" }, wrong);
});
var near = [
  ["nmae", ["name", "id"], "name"],
  ["Name", ["name"], "name"],
  ["mehtod", ["method", "meet"], "method"],
  ["berht", ["berths", "berth"], "berth"],
  ["x", ["name"], void 0],
  ["vessels/shw", ["vessels/show", "vessels/list"], "vessels/show"]
];
for (const [name, known, found] of near)
  test(`nearest to ${name} is ${found}`, () => assert.equal(nearest(name, known), found));
test("where nothing is near, the hint lists what there is", () => {
  assert.equal(nearestHint("zzz", ["a1", "b2"]), "known: a1, b2");
  assert.equal(nearestHint("zzz", []), void 0);
  assert.match(
    nearestHint(
      "zzz",
      Array.from({ length: 20 }, (_, n) => `name${n}`)
    ) ?? "",
    /and 12 more$/
  );
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL25hbWVzLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBXaGVyZSBuYW1lcyBjb21lIGZyb206IGxheWVycyBvZiB2YXJpYWJsZXMsIGlucHV0cyBhbmQgdGhlaXIgdHlwZXMsIGFkZHJlc3Nlcy4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgb3BlbkNvbGxlY3Rpb24gfSBmcm9tICcuLi8uLi9zcmMvY29yZS9jb2xsZWN0aW9uL2NvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHsgaW5wdXRWYWx1ZSwgcGxhbklucHV0cyB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL2NvbGxlY3Rpb24vaW5wdXRzLmpzJztcbmltcG9ydCB7XG4gIGNvbGxlY3Rpb25WYXJpYWJsZXMsXG4gIHJlYWRFbnZpcm9ubWVudCxcbiAgdmFyaWFibGVMYXllcnMsXG4gIHZhcmlhYmxlTmFtZXMsXG59IGZyb20gJy4uLy4uL3NyYy9jb3JlL2NvbGxlY3Rpb24vbGF5ZXJzLmpzJztcbmltcG9ydCB7IHBhcnNlWWFtbCB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL2NvbGxlY3Rpb24veWFtbC5qcyc7XG5pbXBvcnQgeyBhYnNvbHV0ZVVybCwgY29tcGlsZUFkZHJlc3MsIHdpdGhRdWVyeSB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL2V4Y2hhbmdlL2FkZHJlc3MuanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyB0eXBlIE5hbWVkLCB0eXBlIE5hbWVzLCBuYW1lc0Zyb20sIG5vTmFtZXMgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IHdvcmxkTWFrZXIgfSBmcm9tICcuLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL3dvcmxkLmpzJztcbmltcG9ydCB7IG5lYXJlc3QsIG5lYXJlc3RIaW50IH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvcHJvYmxlbS9uZWFyZXN0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi9zcmMvY29yZS92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGNvbGxlY3Rpb25PZiB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcblxuY29uc3QgaG9va3MgPSB7IHdvcmxkOiB3b3JsZE1ha2VyKHsgcm9vdDogJy4nLCBzZWNyZXQ6ICgpID0+ICdndWxsLWFuZC10ZXJuJyB9KSgpLCBvblNlY3JldDogKCkgPT4gdW5kZWZpbmVkIH07XG5jb25zdCBldmFsdWF0aW9uID0gKG5hbWVzOiBOYW1lcyk6IEV2YWx1YXRpb24gPT4gbmV3IEV2YWx1YXRpb24obmFtZXMsIGhvb2tzKTtcblxuZnVuY3Rpb24gdmFyaWFibGVzKFxuICBmaWxlczogUmVjb3JkPHN0cmluZywgc3RyaW5nPixcbiAgc2V0dGluZ3M6IFJlY29yZDxzdHJpbmcsIHN0cmluZz4gPSB7fSxcbiAgY2FsbGVyOiBOYW1lcyA9IG5vTmFtZXMsXG4pOiBOYW1lcyB7XG4gIGNvbnN0IGNvbGxlY3Rpb24gPSBvcGVuQ29sbGVjdGlvbihjb2xsZWN0aW9uT2YoZmlsZXMpKTtcbiAgY29uc3QgbG9hZHM6IFByb21pc2U8dW5rbm93bj5bXSA9IFtdO1xuICBjb25zdCBlbnZpcm9ubWVudCA9IHJlYWRFbnZpcm9ubWVudChjb2xsZWN0aW9uLCB1bmRlZmluZWQsIGxvYWRzKTtcbiAgcmV0dXJuIHZhcmlhYmxlTmFtZXMoXG4gICAgdmFyaWFibGVMYXllcnMobmV3IE1hcChPYmplY3QuZW50cmllcyhzZXR0aW5ncykpLCBlbnZpcm9ubWVudCwgY29sbGVjdGlvblZhcmlhYmxlcyhjb2xsZWN0aW9uLCBsb2FkcykpLFxuICAgIGNhbGxlcixcbiAgICBob29rcyxcbiAgKTtcbn1cblxuY29uc3QgbGF5ZXJlZCA9IHtcbiAgJ2VjaG8tdHJhaWwueWFtbCc6XG4gICAgJ25hbWU6IHRcXG5lbnZpcm9ubWVudDogc2FuZGJveFxcbnZhcmlhYmxlczoge2VkaXRpb246IFwiMVwiLCBzaGFyZWQ6IGNvbGxlY3Rpb24sIG1hZGU6IFwiJHtlZGl0aW9ufS14XCJ9XFxuJyxcbiAgJ2Vudmlyb25tZW50cy9zYW5kYm94LnlhbWwnOlxuICAgICd2YXJpYWJsZXM6IHtlZGl0aW9uOiBcIjJcIiwgb3JpZ2luOiBcImh0dHBzOi8vJHtob3N0fS5leGFtcGxlXCIsIGxpc3Q6IFtcIiR7ZWRpdGlvbn1cIiwgM119XFxuJyxcbn07XG5cbnRlc3QoJy0tc2V0IGNvbWVzIGJlZm9yZSB0aGUgZW52aXJvbm1lbnQsIHRoZSBlbnZpcm9ubWVudCBiZWZvcmUgdGhlIGNvbGxlY3Rpb24sIGVhY2ggd2l0aCBpdHMgb3JpZ2luJywgKCkgPT4ge1xuICBjb25zdCBuYW1lcyA9IHZhcmlhYmxlcyhsYXllcmVkLCB7IHNoYXJlZDogJ2dpdmVuJyB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChuYW1lcy5sb29rdXAoJ2VkaXRpb24nKSwgeyB2YWx1ZTogJzInLCBvcmlnaW46ICdlbnZpcm9ubWVudCBzYW5kYm94JyB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChuYW1lcy5sb29rdXAoJ3NoYXJlZCcpLCB7IHZhbHVlOiAnZ2l2ZW4nLCBvcmlnaW46ICctLXNldCcgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwodmFyaWFibGVzKGxheWVyZWQpLmxvb2t1cCgnc2hhcmVkJyksIHsgdmFsdWU6ICdjb2xsZWN0aW9uJywgb3JpZ2luOiAnY29sbGVjdGlvbiB2YXJpYWJsZXMnIH0pO1xuICBhc3NlcnQuZXF1YWwobmFtZXMubG9va3VwKCdub3RoaW5nJyksIHVuZGVmaW5lZCk7XG59KTtcblxudGVzdCgnYSB2YXJpYWJsZSBtYXkgdXNlIG90aGVycywgaW4gbGlzdHMgdG9vLCBhbmQgdGhlIG5hbWVzIG9mIHRoZSBjYWxsZXInLCAoKSA9PiB7XG4gIGNvbnN0IG5hbWVzID0gdmFyaWFibGVzKGxheWVyZWQsIHt9LCBuYW1lc0Zyb20oeyBob3N0OiAnbjEnIH0sICdyb3cgMScpKTtcbiAgYXNzZXJ0LmVxdWFsKG5hbWVzLmxvb2t1cCgnbWFkZScpPy52YWx1ZSwgJzIteCcpO1xuICBhc3NlcnQuZGVlcEVxdWFsKG5hbWVzLmxvb2t1cCgnbGlzdCcpPy52YWx1ZSwgWycyJywgM10pO1xuICBhc3NlcnQuZXF1YWwobmFtZXMubG9va3VwKCdvcmlnaW4nKT8udmFsdWUsICdodHRwczovL24xLmV4YW1wbGUnKTtcbiAgYXNzZXJ0LnRocm93cygoKSA9PiB2YXJpYWJsZXMobGF5ZXJlZCkubG9va3VwKCdvcmlnaW4nKSwgeyBjb2RlOiAndW5rbm93bi1uYW1lJyB9KTtcbn0pO1xuXG50ZXN0KCd2YXJpYWJsZXMgdGhhdCByZWZlciB0byBlYWNoIG90aGVyIGluIGEgY2lyY2xlIGFyZSB0b2xkJywgKCkgPT4ge1xuICBjb25zdCBuYW1lcyA9IHZhcmlhYmxlcyh7ICdlbnZpcm9ubWVudHMvc2FuZGJveC55YW1sJzogJ3ZhcmlhYmxlczoge2E6IFwiJHtifVwiLCBiOiBcIiR7Y31cIiwgYzogXCIke2F9XCJ9XFxuJyB9KTtcbiAgYXNzZXJ0LnRocm93cygoKSA9PiBuYW1lcy5sb29rdXAoJ2EnKSwgeyBjb2RlOiAnY2lyY2xlJyB9KTtcbn0pO1xuXG50ZXN0KCdhIHZhcmlhYmxlIG1hZGUgb2YgYSBzZWNyZXQgaXMgc2VjcmV0JywgKCkgPT4ge1xuICBjb25zdCBuYW1lcyA9IHZhcmlhYmxlcyh7ICdlbnZpcm9ubWVudHMvc2FuZGJveC55YW1sJzogJ3ZhcmlhYmxlczoge2F1dGg6IFwia2V5ICR7c2VjcmV0Lmt9XCJ9XFxuJyB9KTtcbiAgYXNzZXJ0LmVxdWFsKG5hbWVzLmxvb2t1cCgnYXV0aCcpPy5zZWNyZXQsIHRydWUpO1xufSk7XG5cbmZ1bmN0aW9uIGlucHV0KGRlY2xhcmF0aW9uOiBzdHJpbmcsIGdpdmVuOiBWYWx1ZSB8IHVuZGVmaW5lZCk6IE5hbWVkIHwgdW5kZWZpbmVkIHtcbiAgY29uc3QgeWFtbCA9IHBhcnNlWWFtbChgaW5wdXRzOiB7eDogJHtkZWNsYXJhdGlvbn19XFxuYCwgJ3JlcXVlc3RzL3IueWFtbCcpO1xuICBjb25zdCBbcGxhbl0gPSBwbGFuSW5wdXRzKFxuICAgICh5YW1sLnZhbHVlIGFzIHsgaW5wdXRzOiBQYXJhbWV0ZXJzPHR5cGVvZiBwbGFuSW5wdXRzPlswXSB9KS5pbnB1dHMsXG4gICAgeyB5YW1sIH0sXG4gICAgJ3JlcXVlc3QgcicsXG4gICAgW10sXG4gICk7XG4gIGFzc2VydC5vayhwbGFuKTtcbiAgcmV0dXJuIGlucHV0VmFsdWUoXG4gICAgcGxhbixcbiAgICBnaXZlbiA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogeyB2YWx1ZTogZ2l2ZW4sIG9yaWdpbjogJ2dpdmVuJyB9LFxuICAgIG5hbWVzRnJvbSh7IGVkaXRpb246IDIgfSwgJ3ZhcmlhYmxlcycpLFxuICAgIGhvb2tzLFxuICApO1xufVxuXG5jb25zdCB2YWx1ZXM6IHJlYWRvbmx5IChyZWFkb25seSBbZGVjbGFyYXRpb246IHN0cmluZywgZ2l2ZW46IFZhbHVlIHwgdW5kZWZpbmVkLCB2YWx1ZTogVmFsdWUgfCB1bmRlZmluZWRdKVtdID0gW1xuICBbJ3t9JywgJ2EnLCAnYSddLFxuICBbJ3t9JywgdW5kZWZpbmVkLCB1bmRlZmluZWRdLFxuICBbJ3tkZWZhdWx0OiAzfScsIHVuZGVmaW5lZCwgM10sXG4gIFsne2RlZmF1bHQ6IFwiJHtlZGl0aW9ufVwifScsIHVuZGVmaW5lZCwgMl0sXG4gIFsne3R5cGU6IGludGVnZXJ9JywgJzE0JywgMTRdLFxuICBbJ3t0eXBlOiBudW1iZXJ9JywgJzEuNScsIDEuNV0sXG4gIFsne3R5cGU6IGJvb2xlYW59JywgJ3RydWUnLCB0cnVlXSxcbiAgWyd7dHlwZTogc3RyaW5nfScsIDUsICc1J10sXG4gIFsne3R5cGU6IGFycmF5fScsICdbMSwgMl0nLCBbMSwgMl1dLFxuICBbJ3t0eXBlOiBvYmplY3R9JywgJ3tcImFcIjogMX0nLCB7IGE6IDEgfV0sXG4gIFsne29uZS1vZjogW2dyYWluLCB0aW1iZXJdfScsICdncmFpbicsICdncmFpbiddLFxuICBbJ3t0eXBlOiBpbnRlZ2VyLCBhdC1sZWFzdDogMSwgYXQtbW9zdDogMTR9JywgJzE0JywgMTRdLFxuXTtcbmZvciAoY29uc3QgW2RlY2xhcmF0aW9uLCBnaXZlbiwgdmFsdWVdIG9mIHZhbHVlcykge1xuICB0ZXN0KGB0aGUgaW5wdXQgJHtkZWNsYXJhdGlvbn0gZ2l2ZW4gJHtKU09OLnN0cmluZ2lmeShnaXZlbil9IGlzICR7SlNPTi5zdHJpbmdpZnkodmFsdWUpfWAsICgpID0+XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChpbnB1dChkZWNsYXJhdGlvbiwgZ2l2ZW4pPy52YWx1ZSwgdmFsdWUpKTtcbn1cblxuY29uc3QgcmVmdXNlZDogcmVhZG9ubHkgKHJlYWRvbmx5IFtkZWNsYXJhdGlvbjogc3RyaW5nLCBnaXZlbjogVmFsdWVdKVtdID0gW1xuICBbJ3t0eXBlOiBpbnRlZ2VyfScsICcxLjUnXSxcbiAgWyd7dHlwZTogaW50ZWdlcn0nLCAndHdvJ10sXG4gIFsne3R5cGU6IGJvb2xlYW59JywgJ3llcyddLFxuICBbJ3t0eXBlOiBhcnJheX0nLCAne1wiYVwiOiAxfSddLFxuICBbJ3t0eXBlOiBzdHJpbmd9JywgWzFdXSxcbiAgWyd7b25lLW9mOiBbZ3JhaW4sIHRpbWJlcl19JywgJ2dvbGQnXSxcbiAgWyd7YXQtbW9zdDogMTR9JywgMTVdLFxuICBbJ3ttYXRjaGVzOiBcIl5bMC05XXs3fSRcIn0nLCAneCddLFxuXTtcbmZvciAoY29uc3QgW2RlY2xhcmF0aW9uLCBnaXZlbl0gb2YgcmVmdXNlZCkge1xuICB0ZXN0KGB0aGUgaW5wdXQgJHtkZWNsYXJhdGlvbn0gcmVmdXNlcyAke0pTT04uc3RyaW5naWZ5KGdpdmVuKX1gLCBhc3luYyAoKSA9PiB7XG4gICAgYXdhaXQgaW1wb3J0KCcuLi8uLi9zcmMvY29yZS9wbGFjZS9qc29uLXBhdGgvcmVnZXhwLmpzJykudGhlbigoeyBsb2FkUmVnZXhwIH0pID0+IGxvYWRSZWdleHAoKSk7XG4gICAgYXNzZXJ0LnRocm93cygoKSA9PiBpbnB1dChkZWNsYXJhdGlvbiwgZ2l2ZW4pLCB7IGNvZGU6ICdpbnB1dC12YWx1ZScgfSk7XG4gIH0pO1xufVxuXG5jb25zdCBhZGRyZXNzZXM6IHJlYWRvbmx5IChyZWFkb25seSBbdGVtcGxhdGU6IHN0cmluZywgcGFydHM6IFJlY29yZDxzdHJpbmcsIFZhbHVlPiwgYWRkcmVzczogc3RyaW5nXSlbXSA9IFtcbiAgWycke29yaWdpbn0vdjEve2F9JywgeyBhOiAneCcgfSwgJ2h0dHA6Ly9oLmV4YW1wbGUvYmFzZS92MS94J10sXG4gIFsnJHtvcmlnaW59L3YxL3thfS97Yn0nLCB7IGE6ICdhL2InLCBiOiAnMTAwJScgfSwgJ2h0dHA6Ly9oLmV4YW1wbGUvYmFzZS92MS9hJTJGYi8xMDAlMjUnXSxcbiAgWydodHRwOi8vaC5leGFtcGxlL3thfScsIHsgYTogJ1x1MDBGQyBcdTAwRTQnIH0sICdodHRwOi8vaC5leGFtcGxlLyVDMyVCQyUyMCVDMyVBNCddLFxuICBbJ2h0dHA6Ly9oLmV4YW1wbGUve2F9JywgeyBhOiBcIml0J3N+KCEpXCIgfSwgJ2h0dHA6Ly9oLmV4YW1wbGUvaXQlMjdzfiUyOCUyMSUyOSddLFxuICBbJ2h0dHA6Ly9oLmV4YW1wbGUveC17YX0uanNvbicsIHsgYTogNyB9LCAnaHR0cDovL2guZXhhbXBsZS94LTcuanNvbiddLFxuICBbJyR7b3JpZ2lufScsIHt9LCAnaHR0cDovL2guZXhhbXBsZS9iYXNlLyddLFxuXTtcbmZvciAoY29uc3QgW3RlbXBsYXRlLCBwYXJ0cywgYWRkcmVzc10gb2YgYWRkcmVzc2VzKSB7XG4gIHRlc3QoYHRoZSBhZGRyZXNzICR7dGVtcGxhdGV9IGlzICR7YWRkcmVzc31gLCAoKSA9PiB7XG4gICAgY29uc3QgcGxhbiA9IGNvbXBpbGVBZGRyZXNzKHRlbXBsYXRlLCB1bmRlZmluZWQsIFtdKTtcbiAgICBjb25zdCBuYW1lcyA9IG5hbWVzRnJvbSh7IG9yaWdpbjogJ2h0dHA6Ly9oLmV4YW1wbGUvYmFzZS8nIH0sICdlbnZpcm9ubWVudCcpO1xuICAgIGFzc2VydC5lcXVhbChcbiAgICAgIHBsYW4uZXZhbHVhdGUoZXZhbHVhdGlvbihuYW1lcyksIChuYW1lKSA9PiBwYXJ0c1tuYW1lXSksXG4gICAgICBhZGRyZXNzLFxuICAgICk7XG4gIH0pO1xufVxuXG4vKiogVGhlIGV4YW1wbGVzIG9mIFJGQyA2NTcwLCBzZWN0aW9uIDEuMiwgbGV2ZWxzIDEgdG8gMywgYW5kIG9mIDMuMi4xIGZvciBsaXN0cy4gKi9cbmNvbnN0IHJmYzY1NzA6IHJlYWRvbmx5IChyZWFkb25seSBbcGFydDogc3RyaW5nLCB3cml0dGVuOiBzdHJpbmddKVtdID0gW1xuICBbJ3t2YXJ9JywgJ3ZhbHVlJ10sXG4gIFsne2hlbGxvfScsICdIZWxsbyUyMFdvcmxkJTIxJ10sXG4gIFsneyt2YXJ9JywgJ3ZhbHVlJ10sXG4gIFsneytoZWxsb30nLCAnSGVsbG8lMjBXb3JsZCEnXSxcbiAgWyd7K3BhdGh9L2hlcmUnLCAnL2Zvby9iYXIvaGVyZSddLFxuICBbJ2hlcmU/cmVmPXsrcGF0aH0nLCAnaGVyZT9yZWY9L2Zvby9iYXInXSxcbiAgWydYeyN2YXJ9JywgJ1gjdmFsdWUnXSxcbiAgWydYeyNoZWxsb30nLCAnWCNIZWxsbyUyMFdvcmxkISddLFxuICBbJ21hcD97eCx5fScsICdtYXA/MTAyNCw3NjgnXSxcbiAgWyd7eCxoZWxsbyx5fScsICcxMDI0LEhlbGxvJTIwV29ybGQlMjEsNzY4J10sXG4gIFsneyt4LGhlbGxvLHl9JywgJzEwMjQsSGVsbG8lMjBXb3JsZCEsNzY4J10sXG4gIFsneytwYXRoLHh9L2hlcmUnLCAnL2Zvby9iYXIsMTAyNC9oZXJlJ10sXG4gIFsneyN4LGhlbGxvLHl9JywgJyMxMDI0LEhlbGxvJTIwV29ybGQhLDc2OCddLFxuICBbJ3sjcGF0aCx4fS9oZXJlJywgJyMvZm9vL2JhciwxMDI0L2hlcmUnXSxcbiAgWydYey52YXJ9JywgJ1gudmFsdWUnXSxcbiAgWydYey54LHl9JywgJ1guMTAyNC43NjgnXSxcbiAgWyd7L3Zhcn0nLCAnL3ZhbHVlJ10sXG4gIFsney92YXIseH0vaGVyZScsICcvdmFsdWUvMTAyNC9oZXJlJ10sXG4gIFsnezt4LHl9JywgJzt4PTEwMjQ7eT03NjgnXSxcbiAgWyd7O3gseSxlbXB0eX0nLCAnO3g9MTAyNDt5PTc2ODtlbXB0eSddLFxuICBbJ3s/eCx5fScsICc/eD0xMDI0Jnk9NzY4J10sXG4gIFsnez94LHksZW1wdHl9JywgJz94PTEwMjQmeT03NjgmZW1wdHk9J10sXG4gIFsnP2ZpeGVkPXllc3smeH0nLCAnP2ZpeGVkPXllcyZ4PTEwMjQnXSxcbiAgWyd7JngseSxlbXB0eX0nLCAnJng9MTAyNCZ5PTc2OCZlbXB0eT0nXSxcbiAgWyd7P3gsdW5kZWZ9JywgJz94PTEwMjQnXSxcbiAgWyd7P3VuZGVmfScsICcnXSxcbiAgWyd7L2xpc3R9JywgJy9yZWQsZ3JlZW4sYmx1ZSddLFxuICBbJ3svbGlzdCp9JywgJy9yZWQvZ3JlZW4vYmx1ZSddLFxuICBbJ3s/bGlzdH0nLCAnP2xpc3Q9cmVkLGdyZWVuLGJsdWUnXSxcbiAgWyd7P2xpc3QqfScsICc/bGlzdD1yZWQmbGlzdD1ncmVlbiZsaXN0PWJsdWUnXSxcbiAgWyd7K2hhbGZ9JywgJzUwJTI1J10sXG5dO1xuY29uc3QgZ2l2ZW46IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIFZhbHVlPj4gPSB7XG4gIHZhcjogJ3ZhbHVlJyxcbiAgaGVsbG86ICdIZWxsbyBXb3JsZCEnLFxuICBwYXRoOiAnL2Zvby9iYXInLFxuICBlbXB0eTogJycsXG4gIHg6IDEwMjQsXG4gIHk6IDc2OCxcbiAgbGlzdDogWydyZWQnLCAnZ3JlZW4nLCAnYmx1ZSddLFxuICBoYWxmOiAnNTAlMjUnLFxufTtcbmZvciAoY29uc3QgW3BhcnQsIHdyaXR0ZW5dIG9mIHJmYzY1NzApIHtcbiAgdGVzdChgJHtwYXJ0fSBpcyB3cml0dGVuICR7SlNPTi5zdHJpbmdpZnkod3JpdHRlbil9YCwgKCkgPT4ge1xuICAgIGNvbnN0IHBsYW4gPSBjb21waWxlQWRkcmVzcyhgaHR0cDovL2guZXhhbXBsZS8ke3BhcnR9YCwgdW5kZWZpbmVkLCBbXSk7XG4gICAgYXNzZXJ0LmVxdWFsKFxuICAgICAgcGxhbi5ldmFsdWF0ZShldmFsdWF0aW9uKG5vTmFtZXMpLCAobmFtZSkgPT4gZ2l2ZW5bbmFtZV0pLFxuICAgICAgYGh0dHA6Ly9oLmV4YW1wbGUvJHt3cml0dGVufWAsXG4gICAgKTtcbiAgfSk7XG59XG5cbnRlc3QoJ3doYXQgaXMgbm8gcGFydCBvZiBhbiBhZGRyZXNzIGlzIHJlZnVzZWQgd2hlbiB0aGUgZmlsZSBpcyByZWFkJywgKCkgPT4ge1xuICBmb3IgKGNvbnN0IHdyb25nIG9mIFsne30nLCAne2EgYn0nLCAne2EsfScsICd7P30nLCAne2E6M30nXSlcbiAgICBhc3NlcnQudGhyb3dzKCgpID0+IGNvbXBpbGVBZGRyZXNzKGBodHRwOi8vaC5leGFtcGxlLyR7d3Jvbmd9YCwgdW5kZWZpbmVkLCBbXSksIHsgY29kZTogJ2FkZHJlc3Mtc2hhcGUnIH0sIHdyb25nKTtcbn0pO1xuXG50ZXN0KCdhIHBhcnQgb2YgYW4gYWRkcmVzcyBtdXN0IGhhdmUgYSB2YWx1ZSwgYW5kIG5vdCBhbiBlbXB0eSBvbmUnLCAoKSA9PiB7XG4gIGNvbnN0IHBsYW4gPSBjb21waWxlQWRkcmVzcygnaHR0cDovL2guZXhhbXBsZS97YX0nLCB1bmRlZmluZWQsIFtdKTtcbiAgZm9yIChjb25zdCB2YWx1ZSBvZiBbdW5kZWZpbmVkLCAnJywgbnVsbF0pXG4gICAgYXNzZXJ0LnRocm93cygoKSA9PiBwbGFuLmV2YWx1YXRlKGV2YWx1YXRpb24obm9OYW1lcyksICgpID0+IHZhbHVlIGFzIFZhbHVlKSk7XG59KTtcblxudGVzdCgncGFyYW1ldGVycyBqb2luIHRob3NlIHRoYXQgYW4gYWRkcmVzcyBoYXMgYWxyZWFkeScsICgpID0+IHtcbiAgY29uc3QgcGFpciA9IHsgbmFtZTogJ2EgYicsIHZhbHVlOiAnYyZkJywgc2VjcmV0OiBmYWxzZSB9O1xuICBjb25zdCBzaG93biA9IChvbmU6IHsgdmFsdWU6IHN0cmluZyB9KTogc3RyaW5nID0+IGVuY29kZVVSSUNvbXBvbmVudChvbmUudmFsdWUpO1xuICBhc3NlcnQuZXF1YWwod2l0aFF1ZXJ5KCdodHRwOi8vaC5leGFtcGxlL3gnLCBbcGFpcl0sIHNob3duKSwgJ2h0dHA6Ly9oLmV4YW1wbGUveD9hJTIwYj1jJTI2ZCcpO1xuICBhc3NlcnQuZXF1YWwod2l0aFF1ZXJ5KCdodHRwOi8vaC5leGFtcGxlL3g/eT0xJywgW3BhaXJdLCBzaG93biksICdodHRwOi8vaC5leGFtcGxlL3g/eT0xJmElMjBiPWMlMjZkJyk7XG4gIGFzc2VydC5lcXVhbCh3aXRoUXVlcnkoJ2h0dHA6Ly9oLmV4YW1wbGUveD8nLCBbcGFpcl0sIHNob3duKSwgJ2h0dHA6Ly9oLmV4YW1wbGUveD9hJTIwYj1jJTI2ZCcpO1xuICBhc3NlcnQuZXF1YWwod2l0aFF1ZXJ5KCdodHRwOi8vaC5leGFtcGxlL3gjZicsIFtwYWlyXSwgc2hvd24pLCAnaHR0cDovL2guZXhhbXBsZS94P2ElMjBiPWMlMjZkI2YnKTtcbn0pO1xuXG50ZXN0KCdhbiBhZGRyZXNzIG11c3QgYmUgYWJzb2x1dGUsIGJ5IGh0dHAgb3IgaHR0cHMnLCAoKSA9PiB7XG4gIGFzc2VydC5lcXVhbChhYnNvbHV0ZVVybCgnaHR0cDovL2guZXhhbXBsZScpLmhyZWYsICdodHRwOi8vaC5leGFtcGxlLycpO1xuICBmb3IgKGNvbnN0IHdyb25nIG9mIFsnL3YxJywgJ2guZXhhbXBsZS94JywgJ2Z0cDovL2guZXhhbXBsZScsICdsb2NhbGhvc3Q6ODAnLCAnJ10pXG4gICAgYXNzZXJ0LnRocm93cygoKSA9PiBhYnNvbHV0ZVVybCh3cm9uZyksIHsgY29kZTogJ2FkZHJlc3Mtc2hhcGUnIH0sIHdyb25nKTtcbn0pO1xuXG5jb25zdCBuZWFyOiByZWFkb25seSAocmVhZG9ubHkgW25hbWU6IHN0cmluZywga25vd246IHJlYWRvbmx5IHN0cmluZ1tdLCBmb3VuZDogc3RyaW5nIHwgdW5kZWZpbmVkXSlbXSA9IFtcbiAgWydubWFlJywgWyduYW1lJywgJ2lkJ10sICduYW1lJ10sXG4gIFsnTmFtZScsIFsnbmFtZSddLCAnbmFtZSddLFxuICBbJ21laHRvZCcsIFsnbWV0aG9kJywgJ21lZXQnXSwgJ21ldGhvZCddLFxuICBbJ2Jlcmh0JywgWydiZXJ0aHMnLCAnYmVydGgnXSwgJ2JlcnRoJ10sXG4gIFsneCcsIFsnbmFtZSddLCB1bmRlZmluZWRdLFxuICBbJ3Zlc3NlbHMvc2h3JywgWyd2ZXNzZWxzL3Nob3cnLCAndmVzc2Vscy9saXN0J10sICd2ZXNzZWxzL3Nob3cnXSxcbl07XG5mb3IgKGNvbnN0IFtuYW1lLCBrbm93biwgZm91bmRdIG9mIG5lYXIpXG4gIHRlc3QoYG5lYXJlc3QgdG8gJHtuYW1lfSBpcyAke2ZvdW5kfWAsICgpID0+IGFzc2VydC5lcXVhbChuZWFyZXN0KG5hbWUsIGtub3duKSwgZm91bmQpKTtcblxudGVzdCgnd2hlcmUgbm90aGluZyBpcyBuZWFyLCB0aGUgaGludCBsaXN0cyB3aGF0IHRoZXJlIGlzJywgKCkgPT4ge1xuICBhc3NlcnQuZXF1YWwobmVhcmVzdEhpbnQoJ3p6eicsIFsnYTEnLCAnYjInXSksICdrbm93bjogYTEsIGIyJyk7XG4gIGFzc2VydC5lcXVhbChuZWFyZXN0SGludCgnenp6JywgW10pLCB1bmRlZmluZWQpO1xuICBhc3NlcnQubWF0Y2goXG4gICAgbmVhcmVzdEhpbnQoXG4gICAgICAnenp6JyxcbiAgICAgIEFycmF5LmZyb20oeyBsZW5ndGg6IDIwIH0sIChfLCBuKSA9PiBgbmFtZSR7bn1gKSxcbiAgICApID8/ICcnLFxuICAgIC9hbmQgMTIgbW9yZSQvLFxuICApO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxZQUFZO0FBa0JyQixJQUFNLFFBQVEsRUFBRSxPQUFPLFdBQVcsRUFBRSxNQUFNLEtBQUssUUFBUSxNQUFNLGdCQUFnQixDQUFDLEVBQUUsR0FBRyxVQUFVLE1BQU0sT0FBVTtBQUM3RyxJQUFNLGFBQWEsQ0FBQyxVQUE2QixJQUFJLFdBQVcsT0FBTyxLQUFLO0FBRTVFLFNBQVMsVUFDUCxPQUNBLFdBQW1DLENBQUMsR0FDcEMsU0FBZ0IsU0FDVDtBQUNQLFFBQU0sYUFBYSxlQUFlLGFBQWEsS0FBSyxDQUFDO0FBQ3JELFFBQU0sUUFBNEIsQ0FBQztBQUNuQyxRQUFNLGNBQWMsZ0JBQWdCLFlBQVksUUFBVyxLQUFLO0FBQ2hFLFNBQU87QUFBQSxJQUNMLGVBQWUsSUFBSSxJQUFJLE9BQU8sUUFBUSxRQUFRLENBQUMsR0FBRyxhQUFhLG9CQUFvQixZQUFZLEtBQUssQ0FBQztBQUFBLElBQ3JHO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDRjtBQUVBLElBQU0sVUFBVTtBQUFBLEVBQ2QsbUJBQ0U7QUFBQSxFQUNGLDZCQUNFO0FBQ0o7QUFFQSxLQUFLLG1HQUFtRyxNQUFNO0FBQzVHLFFBQU0sUUFBUSxVQUFVLFNBQVMsRUFBRSxRQUFRLFFBQVEsQ0FBQztBQUNwRCxTQUFPLFVBQVUsTUFBTSxPQUFPLFNBQVMsR0FBRyxFQUFFLE9BQU8sS0FBSyxRQUFRLHNCQUFzQixDQUFDO0FBQ3ZGLFNBQU8sVUFBVSxNQUFNLE9BQU8sUUFBUSxHQUFHLEVBQUUsT0FBTyxTQUFTLFFBQVEsUUFBUSxDQUFDO0FBQzVFLFNBQU8sVUFBVSxVQUFVLE9BQU8sRUFBRSxPQUFPLFFBQVEsR0FBRyxFQUFFLE9BQU8sY0FBYyxRQUFRLHVCQUF1QixDQUFDO0FBQzdHLFNBQU8sTUFBTSxNQUFNLE9BQU8sU0FBUyxHQUFHLE1BQVM7QUFDakQsQ0FBQztBQUVELEtBQUssd0VBQXdFLE1BQU07QUFDakYsUUFBTSxRQUFRLFVBQVUsU0FBUyxDQUFDLEdBQUcsVUFBVSxFQUFFLE1BQU0sS0FBSyxHQUFHLE9BQU8sQ0FBQztBQUN2RSxTQUFPLE1BQU0sTUFBTSxPQUFPLE1BQU0sR0FBRyxPQUFPLEtBQUs7QUFDL0MsU0FBTyxVQUFVLE1BQU0sT0FBTyxNQUFNLEdBQUcsT0FBTyxDQUFDLEtBQUssQ0FBQyxDQUFDO0FBQ3RELFNBQU8sTUFBTSxNQUFNLE9BQU8sUUFBUSxHQUFHLE9BQU8sb0JBQW9CO0FBQ2hFLFNBQU8sT0FBTyxNQUFNLFVBQVUsT0FBTyxFQUFFLE9BQU8sUUFBUSxHQUFHLEVBQUUsTUFBTSxlQUFlLENBQUM7QUFDbkYsQ0FBQztBQUVELEtBQUssMkRBQTJELE1BQU07QUFDcEUsUUFBTSxRQUFRLFVBQVUsRUFBRSw2QkFBNkIsaURBQWlELENBQUM7QUFDekcsU0FBTyxPQUFPLE1BQU0sTUFBTSxPQUFPLEdBQUcsR0FBRyxFQUFFLE1BQU0sU0FBUyxDQUFDO0FBQzNELENBQUM7QUFFRCxLQUFLLHlDQUF5QyxNQUFNO0FBQ2xELFFBQU0sUUFBUSxVQUFVLEVBQUUsNkJBQTZCLHlDQUF5QyxDQUFDO0FBQ2pHLFNBQU8sTUFBTSxNQUFNLE9BQU8sTUFBTSxHQUFHLFFBQVEsSUFBSTtBQUNqRCxDQUFDO0FBRUQsU0FBUyxNQUFNLGFBQXFCQSxRQUE2QztBQUMvRSxRQUFNLE9BQU8sVUFBVSxlQUFlLFdBQVc7QUFBQSxHQUFPLGlCQUFpQjtBQUN6RSxRQUFNLENBQUMsSUFBSSxJQUFJO0FBQUEsSUFDWixLQUFLLE1BQXVEO0FBQUEsSUFDN0QsRUFBRSxLQUFLO0FBQUEsSUFDUDtBQUFBLElBQ0EsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFPLEdBQUcsSUFBSTtBQUNkLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQUEsV0FBVSxTQUFZLFNBQVksRUFBRSxPQUFPQSxRQUFPLFFBQVEsUUFBUTtBQUFBLElBQ2xFLFVBQVUsRUFBRSxTQUFTLEVBQUUsR0FBRyxXQUFXO0FBQUEsSUFDckM7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxJQUFNLFNBQTBHO0FBQUEsRUFDOUcsQ0FBQyxNQUFNLEtBQUssR0FBRztBQUFBLEVBQ2YsQ0FBQyxNQUFNLFFBQVcsTUFBUztBQUFBLEVBQzNCLENBQUMsZ0JBQWdCLFFBQVcsQ0FBQztBQUFBLEVBQzdCLENBQUMsMkJBQTJCLFFBQVcsQ0FBQztBQUFBLEVBQ3hDLENBQUMsbUJBQW1CLE1BQU0sRUFBRTtBQUFBLEVBQzVCLENBQUMsa0JBQWtCLE9BQU8sR0FBRztBQUFBLEVBQzdCLENBQUMsbUJBQW1CLFFBQVEsSUFBSTtBQUFBLEVBQ2hDLENBQUMsa0JBQWtCLEdBQUcsR0FBRztBQUFBLEVBQ3pCLENBQUMsaUJBQWlCLFVBQVUsQ0FBQyxHQUFHLENBQUMsQ0FBQztBQUFBLEVBQ2xDLENBQUMsa0JBQWtCLFlBQVksRUFBRSxHQUFHLEVBQUUsQ0FBQztBQUFBLEVBQ3ZDLENBQUMsNkJBQTZCLFNBQVMsT0FBTztBQUFBLEVBQzlDLENBQUMsNkNBQTZDLE1BQU0sRUFBRTtBQUN4RDtBQUNBLFdBQVcsQ0FBQyxhQUFhQSxRQUFPLEtBQUssS0FBSyxRQUFRO0FBQ2hELE9BQUssYUFBYSxXQUFXLFVBQVUsS0FBSyxVQUFVQSxNQUFLLENBQUMsT0FBTyxLQUFLLFVBQVUsS0FBSyxDQUFDLElBQUksTUFDMUYsT0FBTyxVQUFVLE1BQU0sYUFBYUEsTUFBSyxHQUFHLE9BQU8sS0FBSyxDQUFDO0FBQzdEO0FBRUEsSUFBTSxVQUFxRTtBQUFBLEVBQ3pFLENBQUMsbUJBQW1CLEtBQUs7QUFBQSxFQUN6QixDQUFDLG1CQUFtQixLQUFLO0FBQUEsRUFDekIsQ0FBQyxtQkFBbUIsS0FBSztBQUFBLEVBQ3pCLENBQUMsaUJBQWlCLFVBQVU7QUFBQSxFQUM1QixDQUFDLGtCQUFrQixDQUFDLENBQUMsQ0FBQztBQUFBLEVBQ3RCLENBQUMsNkJBQTZCLE1BQU07QUFBQSxFQUNwQyxDQUFDLGlCQUFpQixFQUFFO0FBQUEsRUFDcEIsQ0FBQywyQkFBMkIsR0FBRztBQUNqQztBQUNBLFdBQVcsQ0FBQyxhQUFhQSxNQUFLLEtBQUssU0FBUztBQUMxQyxPQUFLLGFBQWEsV0FBVyxZQUFZLEtBQUssVUFBVUEsTUFBSyxDQUFDLElBQUksWUFBWTtBQUM1RSxVQUFNLE9BQU8sNkJBQTBDLEVBQUUsS0FBSyxDQUFDLEVBQUUsV0FBVyxNQUFNLFdBQVcsQ0FBQztBQUM5RixXQUFPLE9BQU8sTUFBTSxNQUFNLGFBQWFBLE1BQUssR0FBRyxFQUFFLE1BQU0sY0FBYyxDQUFDO0FBQUEsRUFDeEUsQ0FBQztBQUNIO0FBRUEsSUFBTSxZQUFxRztBQUFBLEVBQ3pHLENBQUMsb0JBQW9CLEVBQUUsR0FBRyxJQUFJLEdBQUcsNEJBQTRCO0FBQUEsRUFDN0QsQ0FBQyx3QkFBd0IsRUFBRSxHQUFHLE9BQU8sR0FBRyxPQUFPLEdBQUcsdUNBQXVDO0FBQUEsRUFDekYsQ0FBQyx3QkFBd0IsRUFBRSxHQUFHLFlBQU0sR0FBRyxrQ0FBa0M7QUFBQSxFQUN6RSxDQUFDLHdCQUF3QixFQUFFLEdBQUcsV0FBVyxHQUFHLG1DQUFtQztBQUFBLEVBQy9FLENBQUMsK0JBQStCLEVBQUUsR0FBRyxFQUFFLEdBQUcsMkJBQTJCO0FBQUEsRUFDckUsQ0FBQyxhQUFhLENBQUMsR0FBRyx3QkFBd0I7QUFDNUM7QUFDQSxXQUFXLENBQUMsVUFBVSxPQUFPLE9BQU8sS0FBSyxXQUFXO0FBQ2xELE9BQUssZUFBZSxRQUFRLE9BQU8sT0FBTyxJQUFJLE1BQU07QUFDbEQsVUFBTSxPQUFPLGVBQWUsVUFBVSxRQUFXLENBQUMsQ0FBQztBQUNuRCxVQUFNLFFBQVEsVUFBVSxFQUFFLFFBQVEseUJBQXlCLEdBQUcsYUFBYTtBQUMzRSxXQUFPO0FBQUEsTUFDTCxLQUFLLFNBQVMsV0FBVyxLQUFLLEdBQUcsQ0FBQyxTQUFTLE1BQU0sSUFBSSxDQUFDO0FBQUEsTUFDdEQ7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFHQSxJQUFNLFVBQWlFO0FBQUEsRUFDckUsQ0FBQyxTQUFTLE9BQU87QUFBQSxFQUNqQixDQUFDLFdBQVcsa0JBQWtCO0FBQUEsRUFDOUIsQ0FBQyxVQUFVLE9BQU87QUFBQSxFQUNsQixDQUFDLFlBQVksZ0JBQWdCO0FBQUEsRUFDN0IsQ0FBQyxnQkFBZ0IsZUFBZTtBQUFBLEVBQ2hDLENBQUMsb0JBQW9CLG1CQUFtQjtBQUFBLEVBQ3hDLENBQUMsV0FBVyxTQUFTO0FBQUEsRUFDckIsQ0FBQyxhQUFhLGtCQUFrQjtBQUFBLEVBQ2hDLENBQUMsYUFBYSxjQUFjO0FBQUEsRUFDNUIsQ0FBQyxlQUFlLDJCQUEyQjtBQUFBLEVBQzNDLENBQUMsZ0JBQWdCLHlCQUF5QjtBQUFBLEVBQzFDLENBQUMsa0JBQWtCLG9CQUFvQjtBQUFBLEVBQ3ZDLENBQUMsZ0JBQWdCLDBCQUEwQjtBQUFBLEVBQzNDLENBQUMsa0JBQWtCLHFCQUFxQjtBQUFBLEVBQ3hDLENBQUMsV0FBVyxTQUFTO0FBQUEsRUFDckIsQ0FBQyxXQUFXLFlBQVk7QUFBQSxFQUN4QixDQUFDLFVBQVUsUUFBUTtBQUFBLEVBQ25CLENBQUMsaUJBQWlCLGtCQUFrQjtBQUFBLEVBQ3BDLENBQUMsVUFBVSxlQUFlO0FBQUEsRUFDMUIsQ0FBQyxnQkFBZ0IscUJBQXFCO0FBQUEsRUFDdEMsQ0FBQyxVQUFVLGVBQWU7QUFBQSxFQUMxQixDQUFDLGdCQUFnQixzQkFBc0I7QUFBQSxFQUN2QyxDQUFDLGtCQUFrQixtQkFBbUI7QUFBQSxFQUN0QyxDQUFDLGdCQUFnQixzQkFBc0I7QUFBQSxFQUN2QyxDQUFDLGNBQWMsU0FBUztBQUFBLEVBQ3hCLENBQUMsWUFBWSxFQUFFO0FBQUEsRUFDZixDQUFDLFdBQVcsaUJBQWlCO0FBQUEsRUFDN0IsQ0FBQyxZQUFZLGlCQUFpQjtBQUFBLEVBQzlCLENBQUMsV0FBVyxzQkFBc0I7QUFBQSxFQUNsQyxDQUFDLFlBQVksZ0NBQWdDO0FBQUEsRUFDN0MsQ0FBQyxXQUFXLE9BQU87QUFDckI7QUFDQSxJQUFNLFFBQXlDO0FBQUEsRUFDN0MsS0FBSztBQUFBLEVBQ0wsT0FBTztBQUFBLEVBQ1AsTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsR0FBRztBQUFBLEVBQ0gsR0FBRztBQUFBLEVBQ0gsTUFBTSxDQUFDLE9BQU8sU0FBUyxNQUFNO0FBQUEsRUFDN0IsTUFBTTtBQUNSO0FBQ0EsV0FBVyxDQUFDLE1BQU0sT0FBTyxLQUFLLFNBQVM7QUFDckMsT0FBSyxHQUFHLElBQUksZUFBZSxLQUFLLFVBQVUsT0FBTyxDQUFDLElBQUksTUFBTTtBQUMxRCxVQUFNLE9BQU8sZUFBZSxvQkFBb0IsSUFBSSxJQUFJLFFBQVcsQ0FBQyxDQUFDO0FBQ3JFLFdBQU87QUFBQSxNQUNMLEtBQUssU0FBUyxXQUFXLE9BQU8sR0FBRyxDQUFDLFNBQVMsTUFBTSxJQUFJLENBQUM7QUFBQSxNQUN4RCxvQkFBb0IsT0FBTztBQUFBLElBQzdCO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFFQSxLQUFLLGtFQUFrRSxNQUFNO0FBQzNFLGFBQVcsU0FBUyxDQUFDLE1BQU0sU0FBUyxRQUFRLE9BQU8sT0FBTztBQUN4RCxXQUFPLE9BQU8sTUFBTSxlQUFlLG9CQUFvQixLQUFLLElBQUksUUFBVyxDQUFDLENBQUMsR0FBRyxFQUFFLE1BQU0sZ0JBQWdCLEdBQUcsS0FBSztBQUNwSCxDQUFDO0FBRUQsS0FBSyxnRUFBZ0UsTUFBTTtBQUN6RSxRQUFNLE9BQU8sZUFBZSx3QkFBd0IsUUFBVyxDQUFDLENBQUM7QUFDakUsYUFBVyxTQUFTLENBQUMsUUFBVyxJQUFJLElBQUk7QUFDdEMsV0FBTyxPQUFPLE1BQU0sS0FBSyxTQUFTLFdBQVcsT0FBTyxHQUFHLE1BQU0sS0FBYyxDQUFDO0FBQ2hGLENBQUM7QUFFRCxLQUFLLHFEQUFxRCxNQUFNO0FBQzlELFFBQU0sT0FBTyxFQUFFLE1BQU0sT0FBTyxPQUFPLE9BQU8sUUFBUSxNQUFNO0FBQ3hELFFBQU0sUUFBUSxDQUFDLFFBQW1DLG1CQUFtQixJQUFJLEtBQUs7QUFDOUUsU0FBTyxNQUFNLFVBQVUsc0JBQXNCLENBQUMsSUFBSSxHQUFHLEtBQUssR0FBRyxnQ0FBZ0M7QUFDN0YsU0FBTyxNQUFNLFVBQVUsMEJBQTBCLENBQUMsSUFBSSxHQUFHLEtBQUssR0FBRyxvQ0FBb0M7QUFDckcsU0FBTyxNQUFNLFVBQVUsdUJBQXVCLENBQUMsSUFBSSxHQUFHLEtBQUssR0FBRyxnQ0FBZ0M7QUFDOUYsU0FBTyxNQUFNLFVBQVUsd0JBQXdCLENBQUMsSUFBSSxHQUFHLEtBQUssR0FBRyxrQ0FBa0M7QUFDbkcsQ0FBQztBQUVELEtBQUssaURBQWlELE1BQU07QUFDMUQsU0FBTyxNQUFNLFlBQVksa0JBQWtCLEVBQUUsTUFBTSxtQkFBbUI7QUFDdEUsYUFBVyxTQUFTLENBQUMsT0FBTyxlQUFlLG1CQUFtQixnQkFBZ0IsRUFBRTtBQUM5RSxXQUFPLE9BQU8sTUFBTSxZQUFZLEtBQUssR0FBRyxFQUFFLE1BQU0sZ0JBQWdCLEdBQUcsS0FBSztBQUM1RSxDQUFDO0FBRUQsSUFBTSxPQUFrRztBQUFBLEVBQ3RHLENBQUMsUUFBUSxDQUFDLFFBQVEsSUFBSSxHQUFHLE1BQU07QUFBQSxFQUMvQixDQUFDLFFBQVEsQ0FBQyxNQUFNLEdBQUcsTUFBTTtBQUFBLEVBQ3pCLENBQUMsVUFBVSxDQUFDLFVBQVUsTUFBTSxHQUFHLFFBQVE7QUFBQSxFQUN2QyxDQUFDLFNBQVMsQ0FBQyxVQUFVLE9BQU8sR0FBRyxPQUFPO0FBQUEsRUFDdEMsQ0FBQyxLQUFLLENBQUMsTUFBTSxHQUFHLE1BQVM7QUFBQSxFQUN6QixDQUFDLGVBQWUsQ0FBQyxnQkFBZ0IsY0FBYyxHQUFHLGNBQWM7QUFDbEU7QUFDQSxXQUFXLENBQUMsTUFBTSxPQUFPLEtBQUssS0FBSztBQUNqQyxPQUFLLGNBQWMsSUFBSSxPQUFPLEtBQUssSUFBSSxNQUFNLE9BQU8sTUFBTSxRQUFRLE1BQU0sS0FBSyxHQUFHLEtBQUssQ0FBQztBQUV4RixLQUFLLHVEQUF1RCxNQUFNO0FBQ2hFLFNBQU8sTUFBTSxZQUFZLE9BQU8sQ0FBQyxNQUFNLElBQUksQ0FBQyxHQUFHLGVBQWU7QUFDOUQsU0FBTyxNQUFNLFlBQVksT0FBTyxDQUFDLENBQUMsR0FBRyxNQUFTO0FBQzlDLFNBQU87QUFBQSxJQUNMO0FBQUEsTUFDRTtBQUFBLE1BQ0EsTUFBTSxLQUFLLEVBQUUsUUFBUSxHQUFHLEdBQUcsQ0FBQyxHQUFHLE1BQU0sT0FBTyxDQUFDLEVBQUU7QUFBQSxJQUNqRCxLQUFLO0FBQUEsSUFDTDtBQUFBLEVBQ0Y7QUFDRixDQUFDOyIsCiAgIm5hbWVzIjogWyJnaXZlbiJdCn0K
