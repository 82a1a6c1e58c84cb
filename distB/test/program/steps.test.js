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
  demoCollection,
  document,
  documentLines,
  echoTrail,
  writeIn
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/steps.test.ts
import assert from "node:assert/strict";
import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
var standin = await harbourForThisFile();
async function mirror() {
  const asked = [];
  let [active, most] = [0, 0];
  const server = await rawServer((head, socket) => {
    const [method = "", path = ""] = head.split(" ");
    asked.push(`${method} ${path}`);
    active += 1;
    most = Math.max(most, active);
    const bad = path.startsWith("/bad");
    const name = decodeURIComponent(path.slice(1));
    setTimeout(
      () => {
        active -= 1;
        socket.write(answerOf(JSON.stringify({ name, length: name.length }), bad ? { status: "500 Broken" } : {}));
      },
      path.startsWith("/slow") ? 30 : 0
    );
    return void 0;
  });
  return { origin: server.origin, asked, most: () => most };
}
var requests = {
  "requests/get.yaml": "inputs: {name: {}}\nurl: ${origin}/{name}\nkeep: {length: $.length}\n",
  "requests/post.yaml": "inputs: {name: {}}\nmethod: POST\nurl: ${origin}/{name}\n"
};
var stepsOf = (ended) => documentLines(ended).filter(({ event }) => event === "step");
async function walked(steps, args = [], more = {}) {
  const vendor = await mirror();
  const cwd = collectionOf({ ...requests, "trails/t.yaml": `steps:
${steps}`, ...more }, vendor.origin);
  const ended = await echoTrail(["run", "t", "--json", ...args], { cwd });
  return { ...ended, asked: vendor.asked, most: vendor.most(), cwd };
}
var each = (members, more = "") => `  - for-each: ${members}
    as: one
${more}    steps: [{send: get, give: {name: "\${one.name ?? one.value ?? one}"}}]
`;
var goneThrough = [
  ["a list that is written out", each("[a, b]"), ["GET /a", "GET /b"]],
  ["a list in an expression", `  - keep: {list: [x, y]}
${each("${list}")}`, ["GET /x", "GET /y"]],
  ["the members of a map", `  - keep: {map: {k: v1, l: v2}}
${each("${map}")}`, ["GET /v1", "GET /v2"]],
  ["a range", each("{range: [8, 10]}"), ["GET /8", "GET /9", "GET /10"]],
  ["a range downward", each("{range: [2, 1]}"), ["GET /2", "GET /1"]],
  ["the rows of csv", each("{rows: data/x.csv}"), ["GET /007", "GET /b%20c"]],
  ["the rows of json", each("{rows: data/x.json}"), ["GET /j1", "GET /12345678901234567890"]],
  ["the rows of jsonl", each("{rows: data/x.jsonl}"), ["GET /l1", "GET /l2"]],
  ["nothing", each("[]"), []],
  [
    "one inside another",
    '  - for-each: [a, b]\n    as: outer\n    steps:\n      - for-each: [1, 2]\n        as: inner\n        steps: [{send: get, give: {name: "${outer}${inner}"}}]\n',
    ["GET /a1", "GET /a2", "GET /b1", "GET /b2"]
  ]
];
var data = {
  "data/x.csv": "name\n007\nb c\n",
  "data/x.json": '[{"name": "j1"},\n {"name": 12345678901234567890}]',
  "data/x.jsonl": '{"name": "l1"}\n\n{"name": "l2"}\n'
};
test("for-each goes through lists, maps, ranges, rows of files, nothing, and one inside another", async () => {
  const vendor = await mirror();
  const trails = Object.fromEntries(goneThrough.map(([, steps], at) => [`trails/t${at}.yaml`, `steps:
${steps}`]));
  const cwd = collectionOf({ ...requests, ...data, ...trails }, vendor.origin);
  const ended = await echoTrail(["run", ...goneThrough.map((_, at) => `t${at}`), "--json"], { cwd });
  assert.equal(ended.status, 0, ended.out + ended.err);
  for (const [name, , asked] of goneThrough) assert.deepEqual(vendor.asked.splice(0, asked.length), asked, name);
  assert.deepEqual(vendor.asked, []);
});
test("so many at once are under way, and no more", async () => {
  const ended = await walked(
    '  - for-each: {range: [1, 20]}\n    as: n\n    at-once: 5\n    steps: [{send: get, give: {name: "slow${n}"}}]\n'
  );
  assert.equal(ended.status, 0);
  assert.equal(ended.most, 5);
});
test("one that fails ends itself; its siblings go on, its parent fails, and its line in the table says why", async () => {
  const ended = await walked(
    '  - for-each: [a, bad, c]\n    as: n\n    steps:\n      - {send: get, give: {name: "${n}"}}\n      - {send: post, give: {name: "after-${n}"}}\n    table: {columns: {n: "${n}", length: "${length}", said: $.name}, to: data/out.csv}\n  - {send: get, give: {name: never}}\n'
  );
  assert.equal(ended.status, 1);
  assert.deepEqual(ended.asked, ["GET /a", "POST /after-a", "GET /bad", "GET /c", "POST /after-c"]);
  const last = stepsOf(ended).at(-1);
  assert.deepEqual(last?.members, { ok: 2, failed: 1, passed: 0 });
  assert.equal(last?.problems[0]?.what, "1 of 3 failed");
  assert.equal(
    readFileSync(join(ended.cwd, "data/out.csv"), "utf8"),
    'n,length,said,error\na,1,after-a,\nbad,3,bad,"status: expected under 400, found 500"\nc,1,after-c,\n'
  );
});
test("a table goes to the terminal, to a name, and to csv, json and lines of json, in the order of its members", async () => {
  const steps = (to) => `  - for-each: [slow-a, b, "c,\\"d"]
    as: n
    at-once: 3
    steps: [{send: get, give: {name: "\${n}"}}]
    table: {columns: {n: "\${n}", length: $.length}, as: lines${to}}
  - {send: get, give: {name: "\${lines[2].length}-\${lines | count}"}}
`;
  const csv = await walked(steps(", to: data/t.csv"));
  assert.equal(csv.status, 0, csv.out);
  assert.equal(csv.asked.at(-1), "GET /4-3");
  assert.equal(readFileSync(join(csv.cwd, "data/t.csv"), "utf8"), 'n,length,error\nslow-a,6,\nb,1,\n"c,""d",4,\n');
  const json = await walked(steps(", to: data/t.json"));
  assert.deepEqual(JSON.parse(readFileSync(join(json.cwd, "data/t.json"), "utf8")), [
    { n: "slow-a", length: 6 },
    { n: "b", length: 1 },
    { n: 'c,"d', length: 4 }
  ]);
  const lines = await walked(steps(", to: data/t.jsonl"));
  assert.equal(readFileSync(join(lines.cwd, "data/t.jsonl"), "utf8").split("\n")[1], '{"n":"b","length":1}');
  const shown = await echoTrail(["run", "t"], {
    cwd: collectionOf({ ...requests, "trails/t.yaml": `steps:
${steps(", show: true")}` }, (await mirror()).origin)
  });
  assert.match(shown.out, /\n +n +length\n +slow-a +6\n +b +1\n +c,"d +4\n/);
});
test("once-by passes over what was handled, as long as the run is repeated; what failed is not handled", async () => {
  const vendor = await mirror();
  const cwd = collectionOf(
    {
      ...requests,
      "trails/t.yaml": 'steps:\n  - for-each: [{id: 1, name: a}, {id: 2, name: bad}]\n    as: one\n    once-by: $.id\n    steps: [{send: get, give: {name: "${one.name}"}}]\n'
    },
    vendor.origin
  );
  const ended = await echoTrail(["run", "t", "--repeat", "3", "--json"], { cwd });
  assert.equal(ended.status, 1);
  assert.deepEqual(vendor.asked, ["GET /a", "GET /bad", "GET /bad", "GET /bad"]);
  const members = stepsOf(ended).flatMap((step) => step.members ?? []);
  assert.deepEqual(
    members.map(({ passed }) => passed),
    [0, 1, 1]
  );
});
test("a job is polled until it is done, with what was seen on the way; a poll that cannot come true fails at once", async () => {
  const cwd = demoCollection(standin.origin);
  const done = await echoTrail(["run", "dredge", "--json"], { cwd });
  assert.equal(done.status, 0, done.out + done.err);
  const poll = stepsOf(done).at(-1);
  assert.deepEqual(poll?.seen?.values, ['"queued"', '"running"', '"done"']);
  assert.ok((poll?.seen?.asked ?? 0) >= 3);
  const started = performance.now();
  const failed = await echoTrail(["run", "dredge", "--set", "basin=rock basin"], { cwd });
  assert.ok(performance.now() - started < 5e3, "not until within");
  assert.equal(failed.status, 1);
  assert.match(failed.out, /it will not come: \$\.state is "failed"/);
  assert.match(failed.out, /"queued" → "running" → "failed"/);
  assert.match(failed.out, /undone +dredging\/order by dredging\/cancel/);
});
test('a miss, a 404 and a lost answer are "not yet"; after within it is a failure that says what was expected', async () => {
  let count = 0;
  const server = await rawServer((_head, socket) => {
    count += 1;
    if (count === 1) return answerOf("{}", { status: "404 Not Found" });
    if (count === 2) return void socket.destroy();
    if (count === 3) return answerOf('{"state": "soon"}');
    return answerOf('{"state": "there", "id": 7}');
  });
  const poll = (within, until = "{$.state: there}") => ({
    ...requests,
    "trails/t.yaml": `steps:
  - poll: get
    give: {name: x}
    until: ${until}
    pause: 20ms
    within: ${within}
    keep: {id: $.id}
  - {send: get, give: {name: "\${id}"}}
`,
    "requests/get.yaml": "inputs: {name: {}}\nurl: ${origin}/{name}\n"
  });
  const there = await echoTrail(["run", "t"], { cwd: collectionOf(poll("5s"), server.origin) });
  assert.equal(there.status, 0, there.out + there.err);
  assert.equal(count, 5);
  const late = await echoTrail(["run", "t"], { cwd: collectionOf(poll("200ms", "{$.state: never}"), server.origin) });
  assert.equal(late.status, 1);
  assert.match(
    late.out,
    /not as awaited after \d+ ms, asked \d+ times\n[\s\S]*\$\.state: expected "never", found "there"/
  );
  await server.close();
});
var list = "  - keep: {berths: [{code: N1, quay: north}, {code: N2, quay: north}, {code: S1, quay: south}]}\n";
var pick = '  - choose: {from: "${berths}", label: "${item.code} at the ${item.quay} quay", value: "${item.code}", as: berth}\n  - {send: get, give: {name: "${berth}"}}\n';
var choices = [
  ["S1", 0, "GET /S1"],
  ["N2 at the north quay", 0, "GET /N2"],
  ["south", 0, "GET /S1"],
  ["north", 2, /--set berth=north fits 2 of them: N1 at the north quay; N2 at the north quay/],
  ["west", 2, /--set berth=west fits none of 3/],
  [void 0, 2, /somebody has to choose berth, and nobody is at the terminal/]
];
for (const [given, status, outcome] of choices) {
  test(`unattended, ${given ?? "nothing"} given chooses ${outcome}`, async () => {
    const ended = await walked(list + pick, given === void 0 ? [] : ["--set", `berth=${given}`]);
    assert.equal(ended.status, status, ended.out);
    if (typeof outcome === "string") assert.deepEqual(ended.asked, [outcome]);
    else {
      assert.match(stepsOf(ended).at(-1)?.problems[0]?.what ?? "", outcome);
      assert.deepEqual(ended.asked, []);
    }
  });
}
var conditions = [
  ["{kind: ferry}", true],
  ["{kind: tanker}", false],
  ["{vessel.flag: Ostrand}", true],
  ['{"vessel.masts[1]": 9}', true],
  ["{vessel.gone.far: {exists: true}}", false],
  ["{nowhere: {exists: false}}", true],
  ["{any: [{kind: tanker}, {vessel.flag: Ostrand}]}", true],
  ["{any: [{kind: tanker}, {vessel.flag: Merrow}]}", false],
  ["{not: {kind: tanker}}", true],
  ["{not: {kind: ferry, vessel.flag: Ostrand}}", false],
  ["{not: {any: [{kind: tanker}, {kind: coaster}]}, vessel.flag: Ostrand}", true],
  ['{kind: "${wanted}"}', true],
  ["{row name: 1}", false]
];
test("conditions: all of a set, any, not, ways into a value, what does not exist", async () => {
  const steps = conditions.map(([when], at) => `  - {name: c${at}, keep: {x: 1}, when: ${when}}
`).join("");
  const ended = await walked(
    `  - keep: {kind: ferry, wanted: ferry, vessel: {flag: Ostrand, masts: [7, 9]}}
${steps}`
  );
  assert.equal(ended.status, 0, ended.out + ended.err);
  const states = stepsOf(ended).slice(1);
  for (const [at, [when, taken]] of conditions.entries())
    assert.equal(states[at]?.state, taken ? "ok" : "skipped", when);
});
var before = "{a: 1, at: 1, list: [{id: x, n: 1}, {id: y, n: 2}], tags: [p, q]}";
var compared = [
  ["the same", `[{value: ${before}}, {value: ${before}}]`, void 0],
  ["another value", `[{value: ${before}}, {value: {a: 2}}]
    only: [$.a]`, ["$.a"]],
  ["what may differ", `[{value: {a: 1, at: 1}}, {value: {a: 1, at: 2}}]
    ignoring: [$.at]`, void 0],
  [
    "lists in another order",
    "[{value: {l: [{id: x, n: 1}, {id: y, n: 2}]}}, {value: {l: [{id: y, n: 2}, {id: x, n: 3}]}}]\n    unordered: {$.l: $.id}",
    ['$.l[?@.id == "x"].n']
  ],
  ["tags in another order", "[{value: {t: [p, q, q]}}, {value: {t: [q, p, q]}}]\n    unordered: {$.t: $}", void 0],
  ["the intended change alone", "[{value: {a: 1, b: 1}}, {value: {a: 2, b: 1}}]\n    changed: [$.a]", void 0],
  ["more than the intended change", "[{value: {a: 1, b: 1}}, {value: {a: 2, b: 2}}]\n    changed: [$.a]", ["$.b"]],
  [
    "an intended change that did not come",
    "[{value: {a: 1}}, {value: {a: 1}}]\n    changed: [$.a]",
    [],
    /\$\.a should have changed, and did not/
  ],
  ["answers of requests", "[{send: get, give: {name: ab}}, {send: get, give: {name: cd}}]", ["$.name"]],
  ["an answer and a document", "[{send: get, give: {name: ab}}, {file: data/ab.json}]", ["$.length"]],
  [
    "xml by its structure",
    `[{value: "<a xmlns='urn:x'><b n='1'>x</b><b n='2'>y</b></a>"}, {value: "<p:a xmlns:p='urn:x'>\\n <p:b n='1'> x </p:b>\\n <p:b n='2'>z</p:b></p:a>"}]`,
    ["/a/b[2]"]
  ]
];
test("compare tells what differs, by structure, and nothing where nothing does", async () => {
  const vendor = await mirror();
  const trails = Object.fromEntries(
    compared.map(([, step], at) => [`trails/c${at}.yaml`, `steps:
  - compare: ${step}
`])
  );
  const files = { ...requests, ...trails, "data/ab.json": '{"name": "ab", "length": 3}' };
  const cwd = collectionOf(files, vendor.origin);
  const ended = await echoTrail(["run", ...compared.map((_, at) => `c${at}`), "--json"], { cwd });
  const steps = stepsOf(ended);
  assert.equal(steps.length, compared.length, ended.err);
  for (const [at, [name, , found, says]] of compared.entries()) {
    const step = steps[at];
    assert.equal(step?.state, found ? "failed" : "ok", name);
    assert.deepEqual(step?.differences?.map((one) => one.at) ?? [], found ?? [], name);
    if (says) assert.match(step?.problems[0]?.what ?? "", says, name);
  }
});
test("compare: an answer that takes too many times as long", async () => {
  const ended = await walked(
    "  - {send: get, give: {name: warm}}\n  - compare: [{send: get, give: {name: slow}}, {send: get, give: {name: slow}}]\n    time-ratio: {at-most: 0.01}\n"
  );
  assert.equal(ended.status, 1);
  assert.match(
    stepsOf(ended).at(-1)?.problems[0]?.what ?? "",
    /took [\d.]+ times as long as the first, expected at most 0\.01/
  );
});
test("one field is set anew, nothing else changes, and the staged settings come to life", async () => {
  const cwd = demoCollection(standin.origin);
  const ended = await echoTrail(["run", "lights-change"], { cwd });
  assert.equal(ended.status, 0, ended.out + ended.err);
  assert.match(ended.out, /ok +only the brightness changed\n[\s\S]*ok +staged and live are alike\nundone +lights\/set/);
});
test("free text is held to listed words, and what was answered goes into the next request", async () => {
  const cwd = demoCollection(standin.origin);
  const ended = await echoTrail(["run", "triage"], { cwd });
  assert.equal(ended.status, 0, ended.out);
  assert.match(ended.out, /urgent +T-\d+[\s\S]*repair +T-\d+[\s\S]*routine +T-\d+/);
  writeIn(cwd, "data/reports.csv", "report\nIt makes a funny noise\n");
  const unclear = await echoTrail(["run", "triage"], { cwd });
  assert.equal(unclear.status, 1);
  assert.match(unclear.out, /\$\.answer: expected one of "?urgent"?, .*found "hard to say"/);
});
var broken = [
  ["  - {for-each: [1], steps: []}\n", /steps\[0\]\.steps/],
  ["  - {for-each: {rows: data/none.csv}, steps: [{send: get}]}\n", /data\/none\.csv/],
  ["  - {for-each: {rows: data/x.txt}, steps: [{send: get}]}\n", /rows are read from \.csv, \.json and \.jsonl/],
  ["  - {for-each: {pages: get}, steps: [{send: get}]}\n", /get has no pages/],
  ["  - {for-each: [1], stps: [{send: get}]}\n", /stps is not a key that is known here[\s\S]*did you mean steps/],
  ["  - {for-each: [1], steps: [{sned: get}]}\n", /sned is not a key/],
  ["  - {poll: get, until: {$.a: 1}, within: 5}\n", /within must be a text, not the number 5/],
  ["  - {poll: nothing, until: {$.a: 1}}\n", /no request nothing/],
  ["  - {compare: [{send: get}]}\n", /compare/],
  ["  - {poll: post, until: {$.a: 1}}\n", /poll sends post more than once, and POST changes something/],
  ["  - {compare: [{send: get}, {send: post}]}\n", /compare sends post more than once/],
  ["  - {choose: {from: [1]}}\n", /choose\.as is missing/],
  ["  - {send: get, when: {any: {a: 1}}}\n", /matcher|any/],
  ["  - {for-each: [1], once-by: id, steps: [{send: get}]}\n", /id is not a place/]
];
test("a trail that is wrong is told with its place, and is not walked", async () => {
  const trails = Object.fromEntries(broken.map(([steps], at) => [`trails/w${at}.yaml`, `steps:
${steps}`]));
  const cwd = collectionOf({ ...requests, ...trails, "data/x.txt": "a\n" });
  const { findings } = document(await echoTrail(["check", "--json"], { cwd }));
  for (const [at, [steps, says]] of broken.entries()) {
    const own = findings.filter(({ file }) => file === `trails/w${at}.yaml`);
    assert.ok(
      own.some(({ what, remedy, line }) => says.test(`${what}
${remedy}`) && line >= 2),
      `${steps}${JSON.stringify(own)}`
    );
  }
  const ended = await echoTrail(["run", "w0"], { cwd });
  assert.deepEqual([ended.status, ended.out], [2, ""]);
  assert.match(ended.err, /trails\/w0\.yaml:2:\d+/);
  assert.equal(existsSync(join(cwd, ".echo-trail/runs")), false, "no run was begun");
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3N0ZXBzLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUga2luZHMgb2Ygc3RlcHM6IGZvci1lYWNoLCBwb2xsLCBjaG9vc2UsIGNvbXBhcmUsIGFuZCB3aGF0IGRlY2lkZXMgd2hldGhlciBhIHN0ZXAgaXMgdGFrZW4uICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyBleGlzdHNTeW5jLCByZWFkRmlsZVN5bmMgfSBmcm9tICdub2RlOmZzJztcbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyBjb2xsZWN0aW9uT2YsIGRlbW9Db2xsZWN0aW9uLCB3cml0ZUluIH0gZnJvbSAnLi4vc3VwcG9ydC9mb2xkZXIuanMnO1xuaW1wb3J0IHsgZG9jdW1lbnQsIGRvY3VtZW50TGluZXMsIHR5cGUgRW5kZWQsIGVjaG9UcmFpbCB9IGZyb20gJy4uL3N1cHBvcnQvcHJvZ3JhbS5qcyc7XG5pbXBvcnQgeyBhbnN3ZXJPZiwgcmF3U2VydmVyIH0gZnJvbSAnLi4vc3VwcG9ydC9yYXctc2VydmVyLmpzJztcbmltcG9ydCB7IGhhcmJvdXJGb3JUaGlzRmlsZSB9IGZyb20gJy4uL3N1cHBvcnQvc3RhbmRpbi5qcyc7XG5cbmNvbnN0IHN0YW5kaW4gPSBhd2FpdCBoYXJib3VyRm9yVGhpc0ZpbGUoKTtcblxuLyoqIEEgdmVuZG9yIHRoYXQgc2F5cyB3aGF0IGl0IGlzIGFza2VkLCBhbmQgbm90ZXMgaXQ7IGAvYmFkXHUyMDI2YCBmYWlscywgYC9zbG93XHUyMDI2YCB0YWtlcyBhIG1vbWVudC4gKi9cbmFzeW5jIGZ1bmN0aW9uIG1pcnJvcigpOiBQcm9taXNlPHsgb3JpZ2luOiBzdHJpbmc7IGFza2VkOiBzdHJpbmdbXTsgbW9zdDogKCkgPT4gbnVtYmVyIH0+IHtcbiAgY29uc3QgYXNrZWQ6IHN0cmluZ1tdID0gW107XG4gIGxldCBbYWN0aXZlLCBtb3N0XSA9IFswLCAwXTtcbiAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKChoZWFkLCBzb2NrZXQpID0+IHtcbiAgICBjb25zdCBbbWV0aG9kID0gJycsIHBhdGggPSAnJ10gPSBoZWFkLnNwbGl0KCcgJyk7XG4gICAgYXNrZWQucHVzaChgJHttZXRob2R9ICR7cGF0aH1gKTtcbiAgICBhY3RpdmUgKz0gMTtcbiAgICBtb3N0ID0gTWF0aC5tYXgobW9zdCwgYWN0aXZlKTtcbiAgICBjb25zdCBiYWQgPSBwYXRoLnN0YXJ0c1dpdGgoJy9iYWQnKTtcbiAgICBjb25zdCBuYW1lID0gZGVjb2RlVVJJQ29tcG9uZW50KHBhdGguc2xpY2UoMSkpO1xuICAgIHNldFRpbWVvdXQoXG4gICAgICAoKSA9PiB7XG4gICAgICAgIGFjdGl2ZSAtPSAxO1xuICAgICAgICBzb2NrZXQud3JpdGUoYW5zd2VyT2YoSlNPTi5zdHJpbmdpZnkoeyBuYW1lLCBsZW5ndGg6IG5hbWUubGVuZ3RoIH0pLCBiYWQgPyB7IHN0YXR1czogJzUwMCBCcm9rZW4nIH0gOiB7fSkpO1xuICAgICAgfSxcbiAgICAgIHBhdGguc3RhcnRzV2l0aCgnL3Nsb3cnKSA/IDMwIDogMCxcbiAgICApO1xuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIH0pO1xuICByZXR1cm4geyBvcmlnaW46IHNlcnZlci5vcmlnaW4sIGFza2VkLCBtb3N0OiAoKSA9PiBtb3N0IH07XG59XG5cbmNvbnN0IHJlcXVlc3RzID0ge1xuICAncmVxdWVzdHMvZ2V0LnlhbWwnOiAnaW5wdXRzOiB7bmFtZToge319XFxudXJsOiAke29yaWdpbn0ve25hbWV9XFxua2VlcDoge2xlbmd0aDogJC5sZW5ndGh9XFxuJyxcbiAgJ3JlcXVlc3RzL3Bvc3QueWFtbCc6ICdpbnB1dHM6IHtuYW1lOiB7fX1cXG5tZXRob2Q6IFBPU1RcXG51cmw6ICR7b3JpZ2lufS97bmFtZX1cXG4nLFxufTtcblxuaW50ZXJmYWNlIFN0ZXBEb2N1bWVudCB7XG4gIHJlYWRvbmx5IHN0ZXA6IHN0cmluZztcbiAgcmVhZG9ubHkgc3RhdGU6IHN0cmluZztcbiAgcmVhZG9ubHkgbWVtYmVyOiBzdHJpbmcgfCBudWxsO1xuICByZWFkb25seSBwcm9ibGVtczogcmVhZG9ubHkgeyByZWFkb25seSBjb2RlOiBzdHJpbmc7IHJlYWRvbmx5IHdoYXQ6IHN0cmluZyB9W107XG4gIHJlYWRvbmx5IG1lbWJlcnM/OiB7IHJlYWRvbmx5IG9rOiBudW1iZXI7IHJlYWRvbmx5IGZhaWxlZDogbnVtYmVyOyByZWFkb25seSBwYXNzZWQ6IG51bWJlciB9O1xuICByZWFkb25seSBzZWVuPzogeyByZWFkb25seSBhc2tlZDogbnVtYmVyOyByZWFkb25seSB2YWx1ZXM6IHJlYWRvbmx5IHN0cmluZ1tdIH07XG4gIHJlYWRvbmx5IGNob3Nlbj86IHN0cmluZztcbiAgcmVhZG9ubHkgZGlmZmVyZW5jZXM/OiByZWFkb25seSB7IHJlYWRvbmx5IGF0OiBzdHJpbmcgfVtdO1xufVxuY29uc3Qgc3RlcHNPZiA9IChlbmRlZDogRW5kZWQpOiBTdGVwRG9jdW1lbnRbXSA9PlxuICBkb2N1bWVudExpbmVzKGVuZGVkKS5maWx0ZXIoKHsgZXZlbnQgfSkgPT4gZXZlbnQgPT09ICdzdGVwJykgYXMgdW5rbm93biBhcyBTdGVwRG9jdW1lbnRbXTtcblxuYXN5bmMgZnVuY3Rpb24gd2Fsa2VkKFxuICBzdGVwczogc3RyaW5nLFxuICBhcmdzOiByZWFkb25seSBzdHJpbmdbXSA9IFtdLFxuICBtb3JlOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+PiA9IHt9LFxuKTogUHJvbWlzZTxFbmRlZCAmIHsgYXNrZWQ6IHN0cmluZ1tdOyBtb3N0OiBudW1iZXI7IGN3ZDogc3RyaW5nIH0+IHtcbiAgY29uc3QgdmVuZG9yID0gYXdhaXQgbWlycm9yKCk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7IC4uLnJlcXVlc3RzLCAndHJhaWxzL3QueWFtbCc6IGBzdGVwczpcXG4ke3N0ZXBzfWAsIC4uLm1vcmUgfSwgdmVuZG9yLm9yaWdpbik7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnLCAnLS1qc29uJywgLi4uYXJnc10sIHsgY3dkIH0pO1xuICByZXR1cm4geyAuLi5lbmRlZCwgYXNrZWQ6IHZlbmRvci5hc2tlZCwgbW9zdDogdmVuZG9yLm1vc3QoKSwgY3dkIH07XG59XG5cbmNvbnN0IGVhY2ggPSAobWVtYmVyczogc3RyaW5nLCBtb3JlID0gJycpOiBzdHJpbmcgPT5cbiAgYCAgLSBmb3ItZWFjaDogJHttZW1iZXJzfVxcbiAgICBhczogb25lXFxuJHttb3JlfSAgICBzdGVwczogW3tzZW5kOiBnZXQsIGdpdmU6IHtuYW1lOiBcIlxcJHtvbmUubmFtZSA/PyBvbmUudmFsdWUgPz8gb25lfVwifX1dXFxuYDtcblxuY29uc3QgZ29uZVRocm91Z2g6IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZTogc3RyaW5nLCBzdGVwczogc3RyaW5nLCBhc2tlZDogcmVhZG9ubHkgc3RyaW5nW11dKVtdID0gW1xuICBbJ2EgbGlzdCB0aGF0IGlzIHdyaXR0ZW4gb3V0JywgZWFjaCgnW2EsIGJdJyksIFsnR0VUIC9hJywgJ0dFVCAvYiddXSxcbiAgWydhIGxpc3QgaW4gYW4gZXhwcmVzc2lvbicsIGAgIC0ga2VlcDoge2xpc3Q6IFt4LCB5XX1cXG4ke2VhY2goJyR7bGlzdH0nKX1gLCBbJ0dFVCAveCcsICdHRVQgL3knXV0sXG4gIFsndGhlIG1lbWJlcnMgb2YgYSBtYXAnLCBgICAtIGtlZXA6IHttYXA6IHtrOiB2MSwgbDogdjJ9fVxcbiR7ZWFjaCgnJHttYXB9Jyl9YCwgWydHRVQgL3YxJywgJ0dFVCAvdjInXV0sXG4gIFsnYSByYW5nZScsIGVhY2goJ3tyYW5nZTogWzgsIDEwXX0nKSwgWydHRVQgLzgnLCAnR0VUIC85JywgJ0dFVCAvMTAnXV0sXG4gIFsnYSByYW5nZSBkb3dud2FyZCcsIGVhY2goJ3tyYW5nZTogWzIsIDFdfScpLCBbJ0dFVCAvMicsICdHRVQgLzEnXV0sXG4gIFsndGhlIHJvd3Mgb2YgY3N2JywgZWFjaCgne3Jvd3M6IGRhdGEveC5jc3Z9JyksIFsnR0VUIC8wMDcnLCAnR0VUIC9iJTIwYyddXSxcbiAgWyd0aGUgcm93cyBvZiBqc29uJywgZWFjaCgne3Jvd3M6IGRhdGEveC5qc29ufScpLCBbJ0dFVCAvajEnLCAnR0VUIC8xMjM0NTY3ODkwMTIzNDU2Nzg5MCddXSxcbiAgWyd0aGUgcm93cyBvZiBqc29ubCcsIGVhY2goJ3tyb3dzOiBkYXRhL3guanNvbmx9JyksIFsnR0VUIC9sMScsICdHRVQgL2wyJ11dLFxuICBbJ25vdGhpbmcnLCBlYWNoKCdbXScpLCBbXV0sXG4gIFtcbiAgICAnb25lIGluc2lkZSBhbm90aGVyJyxcbiAgICAnICAtIGZvci1lYWNoOiBbYSwgYl1cXG4gICAgYXM6IG91dGVyXFxuICAgIHN0ZXBzOlxcbiAgICAgIC0gZm9yLWVhY2g6IFsxLCAyXVxcbiAgICAgICAgYXM6IGlubmVyXFxuICAgICAgICBzdGVwczogW3tzZW5kOiBnZXQsIGdpdmU6IHtuYW1lOiBcIiR7b3V0ZXJ9JHtpbm5lcn1cIn19XVxcbicsXG4gICAgWydHRVQgL2ExJywgJ0dFVCAvYTInLCAnR0VUIC9iMScsICdHRVQgL2IyJ10sXG4gIF0sXG5dO1xuY29uc3QgZGF0YSA9IHtcbiAgJ2RhdGEveC5jc3YnOiAnbmFtZVxcbjAwN1xcbmIgY1xcbicsXG4gICdkYXRhL3guanNvbic6ICdbe1wibmFtZVwiOiBcImoxXCJ9LFxcbiB7XCJuYW1lXCI6IDEyMzQ1Njc4OTAxMjM0NTY3ODkwfV0nLFxuICAnZGF0YS94Lmpzb25sJzogJ3tcIm5hbWVcIjogXCJsMVwifVxcblxcbntcIm5hbWVcIjogXCJsMlwifVxcbicsXG59O1xudGVzdCgnZm9yLWVhY2ggZ29lcyB0aHJvdWdoIGxpc3RzLCBtYXBzLCByYW5nZXMsIHJvd3Mgb2YgZmlsZXMsIG5vdGhpbmcsIGFuZCBvbmUgaW5zaWRlIGFub3RoZXInLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHZlbmRvciA9IGF3YWl0IG1pcnJvcigpO1xuICBjb25zdCB0cmFpbHMgPSBPYmplY3QuZnJvbUVudHJpZXMoZ29uZVRocm91Z2gubWFwKChbLCBzdGVwc10sIGF0KSA9PiBbYHRyYWlscy90JHthdH0ueWFtbGAsIGBzdGVwczpcXG4ke3N0ZXBzfWBdKSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7IC4uLnJlcXVlc3RzLCAuLi5kYXRhLCAuLi50cmFpbHMgfSwgdmVuZG9yLm9yaWdpbik7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgLi4uZ29uZVRocm91Z2gubWFwKChfLCBhdCkgPT4gYHQke2F0fWApLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwLCBlbmRlZC5vdXQgKyBlbmRlZC5lcnIpO1xuICBmb3IgKGNvbnN0IFtuYW1lLCAsIGFza2VkXSBvZiBnb25lVGhyb3VnaCkgYXNzZXJ0LmRlZXBFcXVhbCh2ZW5kb3IuYXNrZWQuc3BsaWNlKDAsIGFza2VkLmxlbmd0aCksIGFza2VkLCBuYW1lKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbCh2ZW5kb3IuYXNrZWQsIFtdKTtcbn0pO1xuXG50ZXN0KCdzbyBtYW55IGF0IG9uY2UgYXJlIHVuZGVyIHdheSwgYW5kIG5vIG1vcmUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgd2Fsa2VkKFxuICAgICcgIC0gZm9yLWVhY2g6IHtyYW5nZTogWzEsIDIwXX1cXG4gICAgYXM6IG5cXG4gICAgYXQtb25jZTogNVxcbiAgICBzdGVwczogW3tzZW5kOiBnZXQsIGdpdmU6IHtuYW1lOiBcInNsb3cke259XCJ9fV1cXG4nLFxuICApO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwKTtcbiAgYXNzZXJ0LmVxdWFsKGVuZGVkLm1vc3QsIDUpO1xufSk7XG5cbnRlc3QoJ29uZSB0aGF0IGZhaWxzIGVuZHMgaXRzZWxmOyBpdHMgc2libGluZ3MgZ28gb24sIGl0cyBwYXJlbnQgZmFpbHMsIGFuZCBpdHMgbGluZSBpbiB0aGUgdGFibGUgc2F5cyB3aHknLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgd2Fsa2VkKFxuICAgICcgIC0gZm9yLWVhY2g6IFthLCBiYWQsIGNdXFxuICAgIGFzOiBuXFxuICAgIHN0ZXBzOlxcbiAgICAgIC0ge3NlbmQ6IGdldCwgZ2l2ZToge25hbWU6IFwiJHtufVwifX1cXG4gICAgICAtIHtzZW5kOiBwb3N0LCBnaXZlOiB7bmFtZTogXCJhZnRlci0ke259XCJ9fVxcbiAgICB0YWJsZToge2NvbHVtbnM6IHtuOiBcIiR7bn1cIiwgbGVuZ3RoOiBcIiR7bGVuZ3RofVwiLCBzYWlkOiAkLm5hbWV9LCB0bzogZGF0YS9vdXQuY3N2fVxcbiAgLSB7c2VuZDogZ2V0LCBnaXZlOiB7bmFtZTogbmV2ZXJ9fVxcbicsXG4gICk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDEpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGVuZGVkLmFza2VkLCBbJ0dFVCAvYScsICdQT1NUIC9hZnRlci1hJywgJ0dFVCAvYmFkJywgJ0dFVCAvYycsICdQT1NUIC9hZnRlci1jJ10pO1xuICBjb25zdCBsYXN0ID0gc3RlcHNPZihlbmRlZCkuYXQoLTEpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGxhc3Q/Lm1lbWJlcnMsIHsgb2s6IDIsIGZhaWxlZDogMSwgcGFzc2VkOiAwIH0pO1xuICBhc3NlcnQuZXF1YWwobGFzdD8ucHJvYmxlbXNbMF0/LndoYXQsICcxIG9mIDMgZmFpbGVkJyk7XG4gIGFzc2VydC5lcXVhbChcbiAgICByZWFkRmlsZVN5bmMoam9pbihlbmRlZC5jd2QsICdkYXRhL291dC5jc3YnKSwgJ3V0ZjgnKSxcbiAgICAnbixsZW5ndGgsc2FpZCxlcnJvclxcbmEsMSxhZnRlci1hLFxcbmJhZCwzLGJhZCxcInN0YXR1czogZXhwZWN0ZWQgdW5kZXIgNDAwLCBmb3VuZCA1MDBcIlxcbmMsMSxhZnRlci1jLFxcbicsXG4gICk7XG59KTtcblxudGVzdCgnYSB0YWJsZSBnb2VzIHRvIHRoZSB0ZXJtaW5hbCwgdG8gYSBuYW1lLCBhbmQgdG8gY3N2LCBqc29uIGFuZCBsaW5lcyBvZiBqc29uLCBpbiB0aGUgb3JkZXIgb2YgaXRzIG1lbWJlcnMnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHN0ZXBzID0gKHRvOiBzdHJpbmcpOiBzdHJpbmcgPT5cbiAgICBgICAtIGZvci1lYWNoOiBbc2xvdy1hLCBiLCBcImMsXFxcXFwiZFwiXVxcbiAgICBhczogblxcbiAgICBhdC1vbmNlOiAzXFxuICAgIHN0ZXBzOiBbe3NlbmQ6IGdldCwgZ2l2ZToge25hbWU6IFwiXFwke259XCJ9fV1cXG4gICAgdGFibGU6IHtjb2x1bW5zOiB7bjogXCJcXCR7bn1cIiwgbGVuZ3RoOiAkLmxlbmd0aH0sIGFzOiBsaW5lcyR7dG99fVxcbiAgLSB7c2VuZDogZ2V0LCBnaXZlOiB7bmFtZTogXCJcXCR7bGluZXNbMl0ubGVuZ3RofS1cXCR7bGluZXMgfCBjb3VudH1cIn19XFxuYDtcbiAgY29uc3QgY3N2ID0gYXdhaXQgd2Fsa2VkKHN0ZXBzKCcsIHRvOiBkYXRhL3QuY3N2JykpO1xuICBhc3NlcnQuZXF1YWwoY3N2LnN0YXR1cywgMCwgY3N2Lm91dCk7XG4gIGFzc2VydC5lcXVhbChjc3YuYXNrZWQuYXQoLTEpLCAnR0VUIC80LTMnKTtcbiAgYXNzZXJ0LmVxdWFsKHJlYWRGaWxlU3luYyhqb2luKGNzdi5jd2QsICdkYXRhL3QuY3N2JyksICd1dGY4JyksICduLGxlbmd0aCxlcnJvclxcbnNsb3ctYSw2LFxcbmIsMSxcXG5cImMsXCJcImRcIiw0LFxcbicpO1xuICBjb25zdCBqc29uID0gYXdhaXQgd2Fsa2VkKHN0ZXBzKCcsIHRvOiBkYXRhL3QuanNvbicpKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChKU09OLnBhcnNlKHJlYWRGaWxlU3luYyhqb2luKGpzb24uY3dkLCAnZGF0YS90Lmpzb24nKSwgJ3V0ZjgnKSksIFtcbiAgICB7IG46ICdzbG93LWEnLCBsZW5ndGg6IDYgfSxcbiAgICB7IG46ICdiJywgbGVuZ3RoOiAxIH0sXG4gICAgeyBuOiAnYyxcImQnLCBsZW5ndGg6IDQgfSxcbiAgXSk7XG4gIGNvbnN0IGxpbmVzID0gYXdhaXQgd2Fsa2VkKHN0ZXBzKCcsIHRvOiBkYXRhL3QuanNvbmwnKSk7XG4gIGFzc2VydC5lcXVhbChyZWFkRmlsZVN5bmMoam9pbihsaW5lcy5jd2QsICdkYXRhL3QuanNvbmwnKSwgJ3V0ZjgnKS5zcGxpdCgnXFxuJylbMV0sICd7XCJuXCI6XCJiXCIsXCJsZW5ndGhcIjoxfScpO1xuICBjb25zdCBzaG93biA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICd0J10sIHtcbiAgICBjd2Q6IGNvbGxlY3Rpb25PZih7IC4uLnJlcXVlc3RzLCAndHJhaWxzL3QueWFtbCc6IGBzdGVwczpcXG4ke3N0ZXBzKCcsIHNob3c6IHRydWUnKX1gIH0sIChhd2FpdCBtaXJyb3IoKSkub3JpZ2luKSxcbiAgfSk7XG4gIGFzc2VydC5tYXRjaChzaG93bi5vdXQsIC9cXG4gK24gK2xlbmd0aFxcbiArc2xvdy1hICs2XFxuICtiICsxXFxuICtjLFwiZCArNFxcbi8pO1xufSk7XG5cbnRlc3QoJ29uY2UtYnkgcGFzc2VzIG92ZXIgd2hhdCB3YXMgaGFuZGxlZCwgYXMgbG9uZyBhcyB0aGUgcnVuIGlzIHJlcGVhdGVkOyB3aGF0IGZhaWxlZCBpcyBub3QgaGFuZGxlZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgdmVuZG9yID0gYXdhaXQgbWlycm9yKCk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAuLi5yZXF1ZXN0cyxcbiAgICAgICd0cmFpbHMvdC55YW1sJzpcbiAgICAgICAgJ3N0ZXBzOlxcbiAgLSBmb3ItZWFjaDogW3tpZDogMSwgbmFtZTogYX0sIHtpZDogMiwgbmFtZTogYmFkfV1cXG4gICAgYXM6IG9uZVxcbiAgICBvbmNlLWJ5OiAkLmlkXFxuICAgIHN0ZXBzOiBbe3NlbmQ6IGdldCwgZ2l2ZToge25hbWU6IFwiJHtvbmUubmFtZX1cIn19XVxcbicsXG4gICAgfSxcbiAgICB2ZW5kb3Iub3JpZ2luLFxuICApO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICd0JywgJy0tcmVwZWF0JywgJzMnLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAxKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbCh2ZW5kb3IuYXNrZWQsIFsnR0VUIC9hJywgJ0dFVCAvYmFkJywgJ0dFVCAvYmFkJywgJ0dFVCAvYmFkJ10pO1xuICBjb25zdCBtZW1iZXJzID0gc3RlcHNPZihlbmRlZCkuZmxhdE1hcCgoc3RlcCkgPT4gc3RlcC5tZW1iZXJzID8/IFtdKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBtZW1iZXJzLm1hcCgoeyBwYXNzZWQgfSkgPT4gcGFzc2VkKSxcbiAgICBbMCwgMSwgMV0sXG4gICk7XG59KTtcblxudGVzdCgnYSBqb2IgaXMgcG9sbGVkIHVudGlsIGl0IGlzIGRvbmUsIHdpdGggd2hhdCB3YXMgc2VlbiBvbiB0aGUgd2F5OyBhIHBvbGwgdGhhdCBjYW5ub3QgY29tZSB0cnVlIGZhaWxzIGF0IG9uY2UnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGRlbW9Db2xsZWN0aW9uKHN0YW5kaW4ub3JpZ2luKTtcbiAgY29uc3QgZG9uZSA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdkcmVkZ2UnLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoZG9uZS5zdGF0dXMsIDAsIGRvbmUub3V0ICsgZG9uZS5lcnIpO1xuICBjb25zdCBwb2xsID0gc3RlcHNPZihkb25lKS5hdCgtMSk7XG4gIGFzc2VydC5kZWVwRXF1YWwocG9sbD8uc2Vlbj8udmFsdWVzLCBbJ1wicXVldWVkXCInLCAnXCJydW5uaW5nXCInLCAnXCJkb25lXCInXSk7XG4gIGFzc2VydC5vaygocG9sbD8uc2Vlbj8uYXNrZWQgPz8gMCkgPj0gMyk7XG4gIGNvbnN0IHN0YXJ0ZWQgPSBwZXJmb3JtYW5jZS5ub3coKTtcbiAgY29uc3QgZmFpbGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2RyZWRnZScsICctLXNldCcsICdiYXNpbj1yb2NrIGJhc2luJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQub2socGVyZm9ybWFuY2Uubm93KCkgLSBzdGFydGVkIDwgNTAwMCwgJ25vdCB1bnRpbCB3aXRoaW4nKTtcbiAgYXNzZXJ0LmVxdWFsKGZhaWxlZC5zdGF0dXMsIDEpO1xuICBhc3NlcnQubWF0Y2goZmFpbGVkLm91dCwgL2l0IHdpbGwgbm90IGNvbWU6IFxcJFxcLnN0YXRlIGlzIFwiZmFpbGVkXCIvKTtcbiAgYXNzZXJ0Lm1hdGNoKGZhaWxlZC5vdXQsIC9cInF1ZXVlZFwiIFx1MjE5MiBcInJ1bm5pbmdcIiBcdTIxOTIgXCJmYWlsZWRcIi8pO1xuICBhc3NlcnQubWF0Y2goZmFpbGVkLm91dCwgL3VuZG9uZSArZHJlZGdpbmdcXC9vcmRlciBieSBkcmVkZ2luZ1xcL2NhbmNlbC8pO1xufSk7XG5cbnRlc3QoJ2EgbWlzcywgYSA0MDQgYW5kIGEgbG9zdCBhbnN3ZXIgYXJlIFwibm90IHlldFwiOyBhZnRlciB3aXRoaW4gaXQgaXMgYSBmYWlsdXJlIHRoYXQgc2F5cyB3aGF0IHdhcyBleHBlY3RlZCcsIGFzeW5jICgpID0+IHtcbiAgbGV0IGNvdW50ID0gMDtcbiAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKChfaGVhZCwgc29ja2V0KSA9PiB7XG4gICAgY291bnQgKz0gMTtcbiAgICBpZiAoY291bnQgPT09IDEpIHJldHVybiBhbnN3ZXJPZigne30nLCB7IHN0YXR1czogJzQwNCBOb3QgRm91bmQnIH0pO1xuICAgIGlmIChjb3VudCA9PT0gMikgcmV0dXJuIHZvaWQgc29ja2V0LmRlc3Ryb3koKTtcbiAgICBpZiAoY291bnQgPT09IDMpIHJldHVybiBhbnN3ZXJPZigne1wic3RhdGVcIjogXCJzb29uXCJ9Jyk7XG4gICAgcmV0dXJuIGFuc3dlck9mKCd7XCJzdGF0ZVwiOiBcInRoZXJlXCIsIFwiaWRcIjogN30nKTtcbiAgfSk7XG4gIGNvbnN0IHBvbGwgPSAod2l0aGluOiBzdHJpbmcsIHVudGlsID0gJ3skLnN0YXRlOiB0aGVyZX0nKTogUmVjb3JkPHN0cmluZywgc3RyaW5nPiA9PiAoe1xuICAgIC4uLnJlcXVlc3RzLFxuICAgICd0cmFpbHMvdC55YW1sJzogYHN0ZXBzOlxcbiAgLSBwb2xsOiBnZXRcXG4gICAgZ2l2ZToge25hbWU6IHh9XFxuICAgIHVudGlsOiAke3VudGlsfVxcbiAgICBwYXVzZTogMjBtc1xcbiAgICB3aXRoaW46ICR7d2l0aGlufVxcbiAgICBrZWVwOiB7aWQ6ICQuaWR9XFxuICAtIHtzZW5kOiBnZXQsIGdpdmU6IHtuYW1lOiBcIlxcJHtpZH1cIn19XFxuYCxcbiAgICAncmVxdWVzdHMvZ2V0LnlhbWwnOiAnaW5wdXRzOiB7bmFtZToge319XFxudXJsOiAke29yaWdpbn0ve25hbWV9XFxuJyxcbiAgfSk7XG4gIGNvbnN0IHRoZXJlID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnXSwgeyBjd2Q6IGNvbGxlY3Rpb25PZihwb2xsKCc1cycpLCBzZXJ2ZXIub3JpZ2luKSB9KTtcbiAgYXNzZXJ0LmVxdWFsKHRoZXJlLnN0YXR1cywgMCwgdGhlcmUub3V0ICsgdGhlcmUuZXJyKTtcbiAgYXNzZXJ0LmVxdWFsKGNvdW50LCA1KTtcbiAgY29uc3QgbGF0ZSA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICd0J10sIHsgY3dkOiBjb2xsZWN0aW9uT2YocG9sbCgnMjAwbXMnLCAneyQuc3RhdGU6IG5ldmVyfScpLCBzZXJ2ZXIub3JpZ2luKSB9KTtcbiAgYXNzZXJ0LmVxdWFsKGxhdGUuc3RhdHVzLCAxKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIGxhdGUub3V0LFxuICAgIC9ub3QgYXMgYXdhaXRlZCBhZnRlciBcXGQrIG1zLCBhc2tlZCBcXGQrIHRpbWVzXFxuW1xcc1xcU10qXFwkXFwuc3RhdGU6IGV4cGVjdGVkIFwibmV2ZXJcIiwgZm91bmQgXCJ0aGVyZVwiLyxcbiAgKTtcbiAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG59KTtcblxuY29uc3QgbGlzdCA9ICcgIC0ga2VlcDoge2JlcnRoczogW3tjb2RlOiBOMSwgcXVheTogbm9ydGh9LCB7Y29kZTogTjIsIHF1YXk6IG5vcnRofSwge2NvZGU6IFMxLCBxdWF5OiBzb3V0aH1dfVxcbic7XG5jb25zdCBwaWNrID1cbiAgJyAgLSBjaG9vc2U6IHtmcm9tOiBcIiR7YmVydGhzfVwiLCBsYWJlbDogXCIke2l0ZW0uY29kZX0gYXQgdGhlICR7aXRlbS5xdWF5fSBxdWF5XCIsIHZhbHVlOiBcIiR7aXRlbS5jb2RlfVwiLCBhczogYmVydGh9XFxuICAtIHtzZW5kOiBnZXQsIGdpdmU6IHtuYW1lOiBcIiR7YmVydGh9XCJ9fVxcbic7XG5jb25zdCBjaG9pY2VzOiByZWFkb25seSAocmVhZG9ubHkgW2dpdmVuOiBzdHJpbmcgfCB1bmRlZmluZWQsIHN0YXR1czogbnVtYmVyLCBvdXRjb21lOiBzdHJpbmcgfCBSZWdFeHBdKVtdID0gW1xuICBbJ1MxJywgMCwgJ0dFVCAvUzEnXSxcbiAgWydOMiBhdCB0aGUgbm9ydGggcXVheScsIDAsICdHRVQgL04yJ10sXG4gIFsnc291dGgnLCAwLCAnR0VUIC9TMSddLFxuICBbJ25vcnRoJywgMiwgLy0tc2V0IGJlcnRoPW5vcnRoIGZpdHMgMiBvZiB0aGVtOiBOMSBhdCB0aGUgbm9ydGggcXVheTsgTjIgYXQgdGhlIG5vcnRoIHF1YXkvXSxcbiAgWyd3ZXN0JywgMiwgLy0tc2V0IGJlcnRoPXdlc3QgZml0cyBub25lIG9mIDMvXSxcbiAgW3VuZGVmaW5lZCwgMiwgL3NvbWVib2R5IGhhcyB0byBjaG9vc2UgYmVydGgsIGFuZCBub2JvZHkgaXMgYXQgdGhlIHRlcm1pbmFsL10sXG5dO1xuZm9yIChjb25zdCBbZ2l2ZW4sIHN0YXR1cywgb3V0Y29tZV0gb2YgY2hvaWNlcykge1xuICB0ZXN0KGB1bmF0dGVuZGVkLCAke2dpdmVuID8/ICdub3RoaW5nJ30gZ2l2ZW4gY2hvb3NlcyAke291dGNvbWV9YCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IGVuZGVkID0gYXdhaXQgd2Fsa2VkKGxpc3QgKyBwaWNrLCBnaXZlbiA9PT0gdW5kZWZpbmVkID8gW10gOiBbJy0tc2V0JywgYGJlcnRoPSR7Z2l2ZW59YF0pO1xuICAgIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIHN0YXR1cywgZW5kZWQub3V0KTtcbiAgICBpZiAodHlwZW9mIG91dGNvbWUgPT09ICdzdHJpbmcnKSBhc3NlcnQuZGVlcEVxdWFsKGVuZGVkLmFza2VkLCBbb3V0Y29tZV0pO1xuICAgIGVsc2Uge1xuICAgICAgYXNzZXJ0Lm1hdGNoKHN0ZXBzT2YoZW5kZWQpLmF0KC0xKT8ucHJvYmxlbXNbMF0/LndoYXQgPz8gJycsIG91dGNvbWUpO1xuICAgICAgYXNzZXJ0LmRlZXBFcXVhbChlbmRlZC5hc2tlZCwgW10pO1xuICAgIH1cbiAgfSk7XG59XG5cbmNvbnN0IGNvbmRpdGlvbnM6IHJlYWRvbmx5IChyZWFkb25seSBbd2hlbjogc3RyaW5nLCB0YWtlbjogYm9vbGVhbl0pW10gPSBbXG4gIFsne2tpbmQ6IGZlcnJ5fScsIHRydWVdLFxuICBbJ3traW5kOiB0YW5rZXJ9JywgZmFsc2VdLFxuICBbJ3t2ZXNzZWwuZmxhZzogT3N0cmFuZH0nLCB0cnVlXSxcbiAgWyd7XCJ2ZXNzZWwubWFzdHNbMV1cIjogOX0nLCB0cnVlXSxcbiAgWyd7dmVzc2VsLmdvbmUuZmFyOiB7ZXhpc3RzOiB0cnVlfX0nLCBmYWxzZV0sXG4gIFsne25vd2hlcmU6IHtleGlzdHM6IGZhbHNlfX0nLCB0cnVlXSxcbiAgWyd7YW55OiBbe2tpbmQ6IHRhbmtlcn0sIHt2ZXNzZWwuZmxhZzogT3N0cmFuZH1dfScsIHRydWVdLFxuICBbJ3thbnk6IFt7a2luZDogdGFua2VyfSwge3Zlc3NlbC5mbGFnOiBNZXJyb3d9XX0nLCBmYWxzZV0sXG4gIFsne25vdDoge2tpbmQ6IHRhbmtlcn19JywgdHJ1ZV0sXG4gIFsne25vdDoge2tpbmQ6IGZlcnJ5LCB2ZXNzZWwuZmxhZzogT3N0cmFuZH19JywgZmFsc2VdLFxuICBbJ3tub3Q6IHthbnk6IFt7a2luZDogdGFua2VyfSwge2tpbmQ6IGNvYXN0ZXJ9XX0sIHZlc3NlbC5mbGFnOiBPc3RyYW5kfScsIHRydWVdLFxuICBbJ3traW5kOiBcIiR7d2FudGVkfVwifScsIHRydWVdLFxuICBbJ3tyb3cgbmFtZTogMX0nLCBmYWxzZV0sXG5dO1xudGVzdCgnY29uZGl0aW9uczogYWxsIG9mIGEgc2V0LCBhbnksIG5vdCwgd2F5cyBpbnRvIGEgdmFsdWUsIHdoYXQgZG9lcyBub3QgZXhpc3QnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHN0ZXBzID0gY29uZGl0aW9ucy5tYXAoKFt3aGVuXSwgYXQpID0+IGAgIC0ge25hbWU6IGMke2F0fSwga2VlcDoge3g6IDF9LCB3aGVuOiAke3doZW59fVxcbmApLmpvaW4oJycpO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IHdhbGtlZChcbiAgICBgICAtIGtlZXA6IHtraW5kOiBmZXJyeSwgd2FudGVkOiBmZXJyeSwgdmVzc2VsOiB7ZmxhZzogT3N0cmFuZCwgbWFzdHM6IFs3LCA5XX19XFxuJHtzdGVwc31gLFxuICApO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwLCBlbmRlZC5vdXQgKyBlbmRlZC5lcnIpO1xuICBjb25zdCBzdGF0ZXMgPSBzdGVwc09mKGVuZGVkKS5zbGljZSgxKTtcbiAgZm9yIChjb25zdCBbYXQsIFt3aGVuLCB0YWtlbl1dIG9mIGNvbmRpdGlvbnMuZW50cmllcygpKVxuICAgIGFzc2VydC5lcXVhbChzdGF0ZXNbYXRdPy5zdGF0ZSwgdGFrZW4gPyAnb2snIDogJ3NraXBwZWQnLCB3aGVuKTtcbn0pO1xuXG5jb25zdCBiZWZvcmUgPSAne2E6IDEsIGF0OiAxLCBsaXN0OiBbe2lkOiB4LCBuOiAxfSwge2lkOiB5LCBuOiAyfV0sIHRhZ3M6IFtwLCBxXX0nO1xuY29uc3QgY29tcGFyZWQ6IHJlYWRvbmx5IChyZWFkb25seSBbXG4gIG5hbWU6IHN0cmluZyxcbiAgc3RlcDogc3RyaW5nLFxuICBmb3VuZDogcmVhZG9ubHkgc3RyaW5nW10gfCB1bmRlZmluZWQsXG4gIHNheXM/OiBSZWdFeHAsXG5dKVtdID0gW1xuICBbJ3RoZSBzYW1lJywgYFt7dmFsdWU6ICR7YmVmb3JlfX0sIHt2YWx1ZTogJHtiZWZvcmV9fV1gLCB1bmRlZmluZWRdLFxuICBbJ2Fub3RoZXIgdmFsdWUnLCBgW3t2YWx1ZTogJHtiZWZvcmV9fSwge3ZhbHVlOiB7YTogMn19XVxcbiAgICBvbmx5OiBbJC5hXWAsIFsnJC5hJ11dLFxuICBbJ3doYXQgbWF5IGRpZmZlcicsIGBbe3ZhbHVlOiB7YTogMSwgYXQ6IDF9fSwge3ZhbHVlOiB7YTogMSwgYXQ6IDJ9fV1cXG4gICAgaWdub3Jpbmc6IFskLmF0XWAsIHVuZGVmaW5lZF0sXG4gIFtcbiAgICAnbGlzdHMgaW4gYW5vdGhlciBvcmRlcicsXG4gICAgJ1t7dmFsdWU6IHtsOiBbe2lkOiB4LCBuOiAxfSwge2lkOiB5LCBuOiAyfV19fSwge3ZhbHVlOiB7bDogW3tpZDogeSwgbjogMn0sIHtpZDogeCwgbjogM31dfX1dXFxuICAgIHVub3JkZXJlZDogeyQubDogJC5pZH0nLFxuICAgIFsnJC5sWz9ALmlkID09IFwieFwiXS5uJ10sXG4gIF0sXG4gIFsndGFncyBpbiBhbm90aGVyIG9yZGVyJywgJ1t7dmFsdWU6IHt0OiBbcCwgcSwgcV19fSwge3ZhbHVlOiB7dDogW3EsIHAsIHFdfX1dXFxuICAgIHVub3JkZXJlZDogeyQudDogJH0nLCB1bmRlZmluZWRdLFxuICBbJ3RoZSBpbnRlbmRlZCBjaGFuZ2UgYWxvbmUnLCAnW3t2YWx1ZToge2E6IDEsIGI6IDF9fSwge3ZhbHVlOiB7YTogMiwgYjogMX19XVxcbiAgICBjaGFuZ2VkOiBbJC5hXScsIHVuZGVmaW5lZF0sXG4gIFsnbW9yZSB0aGFuIHRoZSBpbnRlbmRlZCBjaGFuZ2UnLCAnW3t2YWx1ZToge2E6IDEsIGI6IDF9fSwge3ZhbHVlOiB7YTogMiwgYjogMn19XVxcbiAgICBjaGFuZ2VkOiBbJC5hXScsIFsnJC5iJ11dLFxuICBbXG4gICAgJ2FuIGludGVuZGVkIGNoYW5nZSB0aGF0IGRpZCBub3QgY29tZScsXG4gICAgJ1t7dmFsdWU6IHthOiAxfX0sIHt2YWx1ZToge2E6IDF9fV1cXG4gICAgY2hhbmdlZDogWyQuYV0nLFxuICAgIFtdLFxuICAgIC9cXCRcXC5hIHNob3VsZCBoYXZlIGNoYW5nZWQsIGFuZCBkaWQgbm90LyxcbiAgXSxcbiAgWydhbnN3ZXJzIG9mIHJlcXVlc3RzJywgJ1t7c2VuZDogZ2V0LCBnaXZlOiB7bmFtZTogYWJ9fSwge3NlbmQ6IGdldCwgZ2l2ZToge25hbWU6IGNkfX1dJywgWyckLm5hbWUnXV0sXG4gIFsnYW4gYW5zd2VyIGFuZCBhIGRvY3VtZW50JywgJ1t7c2VuZDogZ2V0LCBnaXZlOiB7bmFtZTogYWJ9fSwge2ZpbGU6IGRhdGEvYWIuanNvbn1dJywgWyckLmxlbmd0aCddXSxcbiAgW1xuICAgICd4bWwgYnkgaXRzIHN0cnVjdHVyZScsXG4gICAgXCJbe3ZhbHVlOiBcXFwiPGEgeG1sbnM9J3Vybjp4Jz48YiBuPScxJz54PC9iPjxiIG49JzInPnk8L2I+PC9hPlxcXCJ9LCB7dmFsdWU6IFxcXCI8cDphIHhtbG5zOnA9J3Vybjp4Jz5cXFxcbiA8cDpiIG49JzEnPiB4IDwvcDpiPlxcXFxuIDxwOmIgbj0nMic+ejwvcDpiPjwvcDphPlxcXCJ9XVwiLFxuICAgIFsnL2EvYlsyXSddLFxuICBdLFxuXTtcbnRlc3QoJ2NvbXBhcmUgdGVsbHMgd2hhdCBkaWZmZXJzLCBieSBzdHJ1Y3R1cmUsIGFuZCBub3RoaW5nIHdoZXJlIG5vdGhpbmcgZG9lcycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgdmVuZG9yID0gYXdhaXQgbWlycm9yKCk7XG4gIGNvbnN0IHRyYWlscyA9IE9iamVjdC5mcm9tRW50cmllcyhcbiAgICBjb21wYXJlZC5tYXAoKFssIHN0ZXBdLCBhdCkgPT4gW2B0cmFpbHMvYyR7YXR9LnlhbWxgLCBgc3RlcHM6XFxuICAtIGNvbXBhcmU6ICR7c3RlcH1cXG5gXSksXG4gICk7XG4gIGNvbnN0IGZpbGVzID0geyAuLi5yZXF1ZXN0cywgLi4udHJhaWxzLCAnZGF0YS9hYi5qc29uJzogJ3tcIm5hbWVcIjogXCJhYlwiLCBcImxlbmd0aFwiOiAzfScgfTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKGZpbGVzLCB2ZW5kb3Iub3JpZ2luKTtcbiAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAuLi5jb21wYXJlZC5tYXAoKF8sIGF0KSA9PiBgYyR7YXR9YCksICctLWpzb24nXSwgeyBjd2QgfSk7XG4gIGNvbnN0IHN0ZXBzID0gc3RlcHNPZihlbmRlZCk7XG4gIGFzc2VydC5lcXVhbChzdGVwcy5sZW5ndGgsIGNvbXBhcmVkLmxlbmd0aCwgZW5kZWQuZXJyKTtcbiAgZm9yIChjb25zdCBbYXQsIFtuYW1lLCAsIGZvdW5kLCBzYXlzXV0gb2YgY29tcGFyZWQuZW50cmllcygpKSB7XG4gICAgY29uc3Qgc3RlcCA9IHN0ZXBzW2F0XTtcbiAgICBhc3NlcnQuZXF1YWwoc3RlcD8uc3RhdGUsIGZvdW5kID8gJ2ZhaWxlZCcgOiAnb2snLCBuYW1lKTtcbiAgICBhc3NlcnQuZGVlcEVxdWFsKHN0ZXA/LmRpZmZlcmVuY2VzPy5tYXAoKG9uZSkgPT4gb25lLmF0KSA/PyBbXSwgZm91bmQgPz8gW10sIG5hbWUpO1xuICAgIGlmIChzYXlzKSBhc3NlcnQubWF0Y2goc3RlcD8ucHJvYmxlbXNbMF0/LndoYXQgPz8gJycsIHNheXMsIG5hbWUpO1xuICB9XG59KTtcblxudGVzdCgnY29tcGFyZTogYW4gYW5zd2VyIHRoYXQgdGFrZXMgdG9vIG1hbnkgdGltZXMgYXMgbG9uZycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgZW5kZWQgPSBhd2FpdCB3YWxrZWQoXG4gICAgJyAgLSB7c2VuZDogZ2V0LCBnaXZlOiB7bmFtZTogd2FybX19XFxuICAtIGNvbXBhcmU6IFt7c2VuZDogZ2V0LCBnaXZlOiB7bmFtZTogc2xvd319LCB7c2VuZDogZ2V0LCBnaXZlOiB7bmFtZTogc2xvd319XVxcbiAgICB0aW1lLXJhdGlvOiB7YXQtbW9zdDogMC4wMX1cXG4nLFxuICApO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAxKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIHN0ZXBzT2YoZW5kZWQpLmF0KC0xKT8ucHJvYmxlbXNbMF0/LndoYXQgPz8gJycsXG4gICAgL3Rvb2sgW1xcZC5dKyB0aW1lcyBhcyBsb25nIGFzIHRoZSBmaXJzdCwgZXhwZWN0ZWQgYXQgbW9zdCAwXFwuMDEvLFxuICApO1xufSk7XG5cbnRlc3QoJ29uZSBmaWVsZCBpcyBzZXQgYW5ldywgbm90aGluZyBlbHNlIGNoYW5nZXMsIGFuZCB0aGUgc3RhZ2VkIHNldHRpbmdzIGNvbWUgdG8gbGlmZScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gZGVtb0NvbGxlY3Rpb24oc3RhbmRpbi5vcmlnaW4pO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdsaWdodHMtY2hhbmdlJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwLCBlbmRlZC5vdXQgKyBlbmRlZC5lcnIpO1xuICBhc3NlcnQubWF0Y2goZW5kZWQub3V0LCAvb2sgK29ubHkgdGhlIGJyaWdodG5lc3MgY2hhbmdlZFxcbltcXHNcXFNdKm9rICtzdGFnZWQgYW5kIGxpdmUgYXJlIGFsaWtlXFxudW5kb25lICtsaWdodHNcXC9zZXQvKTtcbn0pO1xuXG50ZXN0KCdmcmVlIHRleHQgaXMgaGVsZCB0byBsaXN0ZWQgd29yZHMsIGFuZCB3aGF0IHdhcyBhbnN3ZXJlZCBnb2VzIGludG8gdGhlIG5leHQgcmVxdWVzdCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gZGVtb0NvbGxlY3Rpb24oc3RhbmRpbi5vcmlnaW4pO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICd0cmlhZ2UnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLm91dCk7XG4gIGFzc2VydC5tYXRjaChlbmRlZC5vdXQsIC91cmdlbnQgK1QtXFxkK1tcXHNcXFNdKnJlcGFpciArVC1cXGQrW1xcc1xcU10qcm91dGluZSArVC1cXGQrLyk7XG4gIHdyaXRlSW4oY3dkLCAnZGF0YS9yZXBvcnRzLmNzdicsICdyZXBvcnRcXG5JdCBtYWtlcyBhIGZ1bm55IG5vaXNlXFxuJyk7XG4gIGNvbnN0IHVuY2xlYXIgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndHJpYWdlJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwodW5jbGVhci5zdGF0dXMsIDEpO1xuICBhc3NlcnQubWF0Y2godW5jbGVhci5vdXQsIC9cXCRcXC5hbnN3ZXI6IGV4cGVjdGVkIG9uZSBvZiBcIj91cmdlbnRcIj8sIC4qZm91bmQgXCJoYXJkIHRvIHNheVwiLyk7XG59KTtcblxuY29uc3QgYnJva2VuOiByZWFkb25seSAocmVhZG9ubHkgW3N0ZXBzOiBzdHJpbmcsIHNheXM6IFJlZ0V4cF0pW10gPSBbXG4gIFsnICAtIHtmb3ItZWFjaDogWzFdLCBzdGVwczogW119XFxuJywgL3N0ZXBzXFxbMFxcXVxcLnN0ZXBzL10sXG4gIFsnICAtIHtmb3ItZWFjaDoge3Jvd3M6IGRhdGEvbm9uZS5jc3Z9LCBzdGVwczogW3tzZW5kOiBnZXR9XX1cXG4nLCAvZGF0YVxcL25vbmVcXC5jc3YvXSxcbiAgWycgIC0ge2Zvci1lYWNoOiB7cm93czogZGF0YS94LnR4dH0sIHN0ZXBzOiBbe3NlbmQ6IGdldH1dfVxcbicsIC9yb3dzIGFyZSByZWFkIGZyb20gXFwuY3N2LCBcXC5qc29uIGFuZCBcXC5qc29ubC9dLFxuICBbJyAgLSB7Zm9yLWVhY2g6IHtwYWdlczogZ2V0fSwgc3RlcHM6IFt7c2VuZDogZ2V0fV19XFxuJywgL2dldCBoYXMgbm8gcGFnZXMvXSxcbiAgWycgIC0ge2Zvci1lYWNoOiBbMV0sIHN0cHM6IFt7c2VuZDogZ2V0fV19XFxuJywgL3N0cHMgaXMgbm90IGEga2V5IHRoYXQgaXMga25vd24gaGVyZVtcXHNcXFNdKmRpZCB5b3UgbWVhbiBzdGVwcy9dLFxuICBbJyAgLSB7Zm9yLWVhY2g6IFsxXSwgc3RlcHM6IFt7c25lZDogZ2V0fV19XFxuJywgL3NuZWQgaXMgbm90IGEga2V5L10sXG4gIFsnICAtIHtwb2xsOiBnZXQsIHVudGlsOiB7JC5hOiAxfSwgd2l0aGluOiA1fVxcbicsIC93aXRoaW4gbXVzdCBiZSBhIHRleHQsIG5vdCB0aGUgbnVtYmVyIDUvXSxcbiAgWycgIC0ge3BvbGw6IG5vdGhpbmcsIHVudGlsOiB7JC5hOiAxfX1cXG4nLCAvbm8gcmVxdWVzdCBub3RoaW5nL10sXG4gIFsnICAtIHtjb21wYXJlOiBbe3NlbmQ6IGdldH1dfVxcbicsIC9jb21wYXJlL10sXG4gIFsnICAtIHtwb2xsOiBwb3N0LCB1bnRpbDogeyQuYTogMX19XFxuJywgL3BvbGwgc2VuZHMgcG9zdCBtb3JlIHRoYW4gb25jZSwgYW5kIFBPU1QgY2hhbmdlcyBzb21ldGhpbmcvXSxcbiAgWycgIC0ge2NvbXBhcmU6IFt7c2VuZDogZ2V0fSwge3NlbmQ6IHBvc3R9XX1cXG4nLCAvY29tcGFyZSBzZW5kcyBwb3N0IG1vcmUgdGhhbiBvbmNlL10sXG4gIFsnICAtIHtjaG9vc2U6IHtmcm9tOiBbMV19fVxcbicsIC9jaG9vc2VcXC5hcyBpcyBtaXNzaW5nL10sXG4gIFsnICAtIHtzZW5kOiBnZXQsIHdoZW46IHthbnk6IHthOiAxfX19XFxuJywgL21hdGNoZXJ8YW55L10sXG4gIFsnICAtIHtmb3ItZWFjaDogWzFdLCBvbmNlLWJ5OiBpZCwgc3RlcHM6IFt7c2VuZDogZ2V0fV19XFxuJywgL2lkIGlzIG5vdCBhIHBsYWNlL10sXG5dO1xudGVzdCgnYSB0cmFpbCB0aGF0IGlzIHdyb25nIGlzIHRvbGQgd2l0aCBpdHMgcGxhY2UsIGFuZCBpcyBub3Qgd2Fsa2VkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB0cmFpbHMgPSBPYmplY3QuZnJvbUVudHJpZXMoYnJva2VuLm1hcCgoW3N0ZXBzXSwgYXQpID0+IFtgdHJhaWxzL3cke2F0fS55YW1sYCwgYHN0ZXBzOlxcbiR7c3RlcHN9YF0pKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHsgLi4ucmVxdWVzdHMsIC4uLnRyYWlscywgJ2RhdGEveC50eHQnOiAnYVxcbicgfSk7XG4gIGNvbnN0IHsgZmluZGluZ3MgfSA9IGRvY3VtZW50KGF3YWl0IGVjaG9UcmFpbChbJ2NoZWNrJywgJy0tanNvbiddLCB7IGN3ZCB9KSkgYXMge1xuICAgIGZpbmRpbmdzOiB7IGZpbGU6IHN0cmluZzsgbGluZTogbnVtYmVyOyB3aGF0OiBzdHJpbmc7IHJlbWVkeTogc3RyaW5nIH1bXTtcbiAgfTtcbiAgZm9yIChjb25zdCBbYXQsIFtzdGVwcywgc2F5c11dIG9mIGJyb2tlbi5lbnRyaWVzKCkpIHtcbiAgICBjb25zdCBvd24gPSBmaW5kaW5ncy5maWx0ZXIoKHsgZmlsZSB9KSA9PiBmaWxlID09PSBgdHJhaWxzL3cke2F0fS55YW1sYCk7XG4gICAgYXNzZXJ0Lm9rKFxuICAgICAgb3duLnNvbWUoKHsgd2hhdCwgcmVtZWR5LCBsaW5lIH0pID0+IHNheXMudGVzdChgJHt3aGF0fVxcbiR7cmVtZWR5fWApICYmIGxpbmUgPj0gMiksXG4gICAgICBgJHtzdGVwc30ke0pTT04uc3RyaW5naWZ5KG93bil9YCxcbiAgICApO1xuICB9XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3cwJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKFtlbmRlZC5zdGF0dXMsIGVuZGVkLm91dF0sIFsyLCAnJ10pO1xuICBhc3NlcnQubWF0Y2goZW5kZWQuZXJyLCAvdHJhaWxzXFwvdzBcXC55YW1sOjI6XFxkKy8pO1xuICBhc3NlcnQuZXF1YWwoZXhpc3RzU3luYyhqb2luKGN3ZCwgJy5lY2hvLXRyYWlsL3J1bnMnKSksIGZhbHNlLCAnbm8gcnVuIHdhcyBiZWd1bicpO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxZQUFZLG9CQUFvQjtBQUN6QyxTQUFTLFlBQVk7QUFDckIsU0FBUyxZQUFZO0FBTXJCLElBQU0sVUFBVSxNQUFNLG1CQUFtQjtBQUd6QyxlQUFlLFNBQTJFO0FBQ3hGLFFBQU0sUUFBa0IsQ0FBQztBQUN6QixNQUFJLENBQUMsUUFBUSxJQUFJLElBQUksQ0FBQyxHQUFHLENBQUM7QUFDMUIsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLE1BQU0sV0FBVztBQUMvQyxVQUFNLENBQUMsU0FBUyxJQUFJLE9BQU8sRUFBRSxJQUFJLEtBQUssTUFBTSxHQUFHO0FBQy9DLFVBQU0sS0FBSyxHQUFHLE1BQU0sSUFBSSxJQUFJLEVBQUU7QUFDOUIsY0FBVTtBQUNWLFdBQU8sS0FBSyxJQUFJLE1BQU0sTUFBTTtBQUM1QixVQUFNLE1BQU0sS0FBSyxXQUFXLE1BQU07QUFDbEMsVUFBTSxPQUFPLG1CQUFtQixLQUFLLE1BQU0sQ0FBQyxDQUFDO0FBQzdDO0FBQUEsTUFDRSxNQUFNO0FBQ0osa0JBQVU7QUFDVixlQUFPLE1BQU0sU0FBUyxLQUFLLFVBQVUsRUFBRSxNQUFNLFFBQVEsS0FBSyxPQUFPLENBQUMsR0FBRyxNQUFNLEVBQUUsUUFBUSxhQUFhLElBQUksQ0FBQyxDQUFDLENBQUM7QUFBQSxNQUMzRztBQUFBLE1BQ0EsS0FBSyxXQUFXLE9BQU8sSUFBSSxLQUFLO0FBQUEsSUFDbEM7QUFDQSxXQUFPO0FBQUEsRUFDVCxDQUFDO0FBQ0QsU0FBTyxFQUFFLFFBQVEsT0FBTyxRQUFRLE9BQU8sTUFBTSxNQUFNLEtBQUs7QUFDMUQ7QUFFQSxJQUFNLFdBQVc7QUFBQSxFQUNmLHFCQUFxQjtBQUFBLEVBQ3JCLHNCQUFzQjtBQUN4QjtBQVlBLElBQU0sVUFBVSxDQUFDLFVBQ2YsY0FBYyxLQUFLLEVBQUUsT0FBTyxDQUFDLEVBQUUsTUFBTSxNQUFNLFVBQVUsTUFBTTtBQUU3RCxlQUFlLE9BQ2IsT0FDQSxPQUEwQixDQUFDLEdBQzNCLE9BQXlDLENBQUMsR0FDdUI7QUFDakUsUUFBTSxTQUFTLE1BQU0sT0FBTztBQUM1QixRQUFNLE1BQU0sYUFBYSxFQUFFLEdBQUcsVUFBVSxpQkFBaUI7QUFBQSxFQUFXLEtBQUssSUFBSSxHQUFHLEtBQUssR0FBRyxPQUFPLE1BQU07QUFDckcsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxVQUFVLEdBQUcsSUFBSSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3RFLFNBQU8sRUFBRSxHQUFHLE9BQU8sT0FBTyxPQUFPLE9BQU8sTUFBTSxPQUFPLEtBQUssR0FBRyxJQUFJO0FBQ25FO0FBRUEsSUFBTSxPQUFPLENBQUMsU0FBaUIsT0FBTyxPQUNwQyxpQkFBaUIsT0FBTztBQUFBO0FBQUEsRUFBa0IsSUFBSTtBQUFBO0FBRWhELElBQU0sY0FBNkY7QUFBQSxFQUNqRyxDQUFDLDhCQUE4QixLQUFLLFFBQVEsR0FBRyxDQUFDLFVBQVUsUUFBUSxDQUFDO0FBQUEsRUFDbkUsQ0FBQywyQkFBMkI7QUFBQSxFQUE2QixLQUFLLFNBQVMsQ0FBQyxJQUFJLENBQUMsVUFBVSxRQUFRLENBQUM7QUFBQSxFQUNoRyxDQUFDLHdCQUF3QjtBQUFBLEVBQW9DLEtBQUssUUFBUSxDQUFDLElBQUksQ0FBQyxXQUFXLFNBQVMsQ0FBQztBQUFBLEVBQ3JHLENBQUMsV0FBVyxLQUFLLGtCQUFrQixHQUFHLENBQUMsVUFBVSxVQUFVLFNBQVMsQ0FBQztBQUFBLEVBQ3JFLENBQUMsb0JBQW9CLEtBQUssaUJBQWlCLEdBQUcsQ0FBQyxVQUFVLFFBQVEsQ0FBQztBQUFBLEVBQ2xFLENBQUMsbUJBQW1CLEtBQUssb0JBQW9CLEdBQUcsQ0FBQyxZQUFZLFlBQVksQ0FBQztBQUFBLEVBQzFFLENBQUMsb0JBQW9CLEtBQUsscUJBQXFCLEdBQUcsQ0FBQyxXQUFXLDJCQUEyQixDQUFDO0FBQUEsRUFDMUYsQ0FBQyxxQkFBcUIsS0FBSyxzQkFBc0IsR0FBRyxDQUFDLFdBQVcsU0FBUyxDQUFDO0FBQUEsRUFDMUUsQ0FBQyxXQUFXLEtBQUssSUFBSSxHQUFHLENBQUMsQ0FBQztBQUFBLEVBQzFCO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBLENBQUMsV0FBVyxXQUFXLFdBQVcsU0FBUztBQUFBLEVBQzdDO0FBQ0Y7QUFDQSxJQUFNLE9BQU87QUFBQSxFQUNYLGNBQWM7QUFBQSxFQUNkLGVBQWU7QUFBQSxFQUNmLGdCQUFnQjtBQUNsQjtBQUNBLEtBQUssNkZBQTZGLFlBQVk7QUFDNUcsUUFBTSxTQUFTLE1BQU0sT0FBTztBQUM1QixRQUFNLFNBQVMsT0FBTyxZQUFZLFlBQVksSUFBSSxDQUFDLENBQUMsRUFBRSxLQUFLLEdBQUcsT0FBTyxDQUFDLFdBQVcsRUFBRSxTQUFTO0FBQUEsRUFBVyxLQUFLLEVBQUUsQ0FBQyxDQUFDO0FBQ2hILFFBQU0sTUFBTSxhQUFhLEVBQUUsR0FBRyxVQUFVLEdBQUcsTUFBTSxHQUFHLE9BQU8sR0FBRyxPQUFPLE1BQU07QUFDM0UsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxZQUFZLElBQUksQ0FBQyxHQUFHLE9BQU8sSUFBSSxFQUFFLEVBQUUsR0FBRyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDakcsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sTUFBTSxNQUFNLEdBQUc7QUFDbkQsYUFBVyxDQUFDLE1BQU0sRUFBRSxLQUFLLEtBQUssWUFBYSxRQUFPLFVBQVUsT0FBTyxNQUFNLE9BQU8sR0FBRyxNQUFNLE1BQU0sR0FBRyxPQUFPLElBQUk7QUFDN0csU0FBTyxVQUFVLE9BQU8sT0FBTyxDQUFDLENBQUM7QUFDbkMsQ0FBQztBQUVELEtBQUssOENBQThDLFlBQVk7QUFDN0QsUUFBTSxRQUFRLE1BQU07QUFBQSxJQUNsQjtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxNQUFNLE1BQU0sTUFBTSxDQUFDO0FBQzVCLENBQUM7QUFFRCxLQUFLLHdHQUF3RyxZQUFZO0FBQ3ZILFFBQU0sUUFBUSxNQUFNO0FBQUEsSUFDbEI7QUFBQSxFQUNGO0FBQ0EsU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzVCLFNBQU8sVUFBVSxNQUFNLE9BQU8sQ0FBQyxVQUFVLGlCQUFpQixZQUFZLFVBQVUsZUFBZSxDQUFDO0FBQ2hHLFFBQU0sT0FBTyxRQUFRLEtBQUssRUFBRSxHQUFHLEVBQUU7QUFDakMsU0FBTyxVQUFVLE1BQU0sU0FBUyxFQUFFLElBQUksR0FBRyxRQUFRLEdBQUcsUUFBUSxFQUFFLENBQUM7QUFDL0QsU0FBTyxNQUFNLE1BQU0sU0FBUyxDQUFDLEdBQUcsTUFBTSxlQUFlO0FBQ3JELFNBQU87QUFBQSxJQUNMLGFBQWEsS0FBSyxNQUFNLEtBQUssY0FBYyxHQUFHLE1BQU07QUFBQSxJQUNwRDtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsS0FBSyw0R0FBNEcsWUFBWTtBQUMzSCxRQUFNLFFBQVEsQ0FBQyxPQUNiO0FBQUE7QUFBQTtBQUFBO0FBQUEsZ0VBQWtMLEVBQUU7QUFBQTtBQUFBO0FBQ3RMLFFBQU0sTUFBTSxNQUFNLE9BQU8sTUFBTSxrQkFBa0IsQ0FBQztBQUNsRCxTQUFPLE1BQU0sSUFBSSxRQUFRLEdBQUcsSUFBSSxHQUFHO0FBQ25DLFNBQU8sTUFBTSxJQUFJLE1BQU0sR0FBRyxFQUFFLEdBQUcsVUFBVTtBQUN6QyxTQUFPLE1BQU0sYUFBYSxLQUFLLElBQUksS0FBSyxZQUFZLEdBQUcsTUFBTSxHQUFHLCtDQUErQztBQUMvRyxRQUFNLE9BQU8sTUFBTSxPQUFPLE1BQU0sbUJBQW1CLENBQUM7QUFDcEQsU0FBTyxVQUFVLEtBQUssTUFBTSxhQUFhLEtBQUssS0FBSyxLQUFLLGFBQWEsR0FBRyxNQUFNLENBQUMsR0FBRztBQUFBLElBQ2hGLEVBQUUsR0FBRyxVQUFVLFFBQVEsRUFBRTtBQUFBLElBQ3pCLEVBQUUsR0FBRyxLQUFLLFFBQVEsRUFBRTtBQUFBLElBQ3BCLEVBQUUsR0FBRyxRQUFRLFFBQVEsRUFBRTtBQUFBLEVBQ3pCLENBQUM7QUFDRCxRQUFNLFFBQVEsTUFBTSxPQUFPLE1BQU0sb0JBQW9CLENBQUM7QUFDdEQsU0FBTyxNQUFNLGFBQWEsS0FBSyxNQUFNLEtBQUssY0FBYyxHQUFHLE1BQU0sRUFBRSxNQUFNLElBQUksRUFBRSxDQUFDLEdBQUcsc0JBQXNCO0FBQ3pHLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLEdBQUcsR0FBRztBQUFBLElBQzFDLEtBQUssYUFBYSxFQUFFLEdBQUcsVUFBVSxpQkFBaUI7QUFBQSxFQUFXLE1BQU0sY0FBYyxDQUFDLEdBQUcsSUFBSSxNQUFNLE9BQU8sR0FBRyxNQUFNO0FBQUEsRUFDakgsQ0FBQztBQUNELFNBQU8sTUFBTSxNQUFNLEtBQUssaURBQWlEO0FBQzNFLENBQUM7QUFFRCxLQUFLLG9HQUFvRyxZQUFZO0FBQ25ILFFBQU0sU0FBUyxNQUFNLE9BQU87QUFDNUIsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0UsR0FBRztBQUFBLE1BQ0gsaUJBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQSxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssWUFBWSxLQUFLLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM5RSxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxVQUFVLE9BQU8sT0FBTyxDQUFDLFVBQVUsWUFBWSxZQUFZLFVBQVUsQ0FBQztBQUM3RSxRQUFNLFVBQVUsUUFBUSxLQUFLLEVBQUUsUUFBUSxDQUFDLFNBQVMsS0FBSyxXQUFXLENBQUMsQ0FBQztBQUNuRSxTQUFPO0FBQUEsSUFDTCxRQUFRLElBQUksQ0FBQyxFQUFFLE9BQU8sTUFBTSxNQUFNO0FBQUEsSUFDbEMsQ0FBQyxHQUFHLEdBQUcsQ0FBQztBQUFBLEVBQ1Y7QUFDRixDQUFDO0FBRUQsS0FBSywrR0FBK0csWUFBWTtBQUM5SCxRQUFNLE1BQU0sZUFBZSxRQUFRLE1BQU07QUFDekMsUUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLE9BQU8sVUFBVSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDakUsU0FBTyxNQUFNLEtBQUssUUFBUSxHQUFHLEtBQUssTUFBTSxLQUFLLEdBQUc7QUFDaEQsUUFBTSxPQUFPLFFBQVEsSUFBSSxFQUFFLEdBQUcsRUFBRTtBQUNoQyxTQUFPLFVBQVUsTUFBTSxNQUFNLFFBQVEsQ0FBQyxZQUFZLGFBQWEsUUFBUSxDQUFDO0FBQ3hFLFNBQU8sSUFBSSxNQUFNLE1BQU0sU0FBUyxNQUFNLENBQUM7QUFDdkMsUUFBTSxVQUFVLFlBQVksSUFBSTtBQUNoQyxRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsT0FBTyxVQUFVLFNBQVMsa0JBQWtCLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDdEYsU0FBTyxHQUFHLFlBQVksSUFBSSxJQUFJLFVBQVUsS0FBTSxrQkFBa0I7QUFDaEUsU0FBTyxNQUFNLE9BQU8sUUFBUSxDQUFDO0FBQzdCLFNBQU8sTUFBTSxPQUFPLEtBQUsseUNBQXlDO0FBQ2xFLFNBQU8sTUFBTSxPQUFPLEtBQUssaUNBQWlDO0FBQzFELFNBQU8sTUFBTSxPQUFPLEtBQUssNkNBQTZDO0FBQ3hFLENBQUM7QUFFRCxLQUFLLDJHQUEyRyxZQUFZO0FBQzFILE1BQUksUUFBUTtBQUNaLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxPQUFPLFdBQVc7QUFDaEQsYUFBUztBQUNULFFBQUksVUFBVSxFQUFHLFFBQU8sU0FBUyxNQUFNLEVBQUUsUUFBUSxnQkFBZ0IsQ0FBQztBQUNsRSxRQUFJLFVBQVUsRUFBRyxRQUFPLEtBQUssT0FBTyxRQUFRO0FBQzVDLFFBQUksVUFBVSxFQUFHLFFBQU8sU0FBUyxtQkFBbUI7QUFDcEQsV0FBTyxTQUFTLDZCQUE2QjtBQUFBLEVBQy9DLENBQUM7QUFDRCxRQUFNLE9BQU8sQ0FBQyxRQUFnQixRQUFRLHdCQUFnRDtBQUFBLElBQ3BGLEdBQUc7QUFBQSxJQUNILGlCQUFpQjtBQUFBO0FBQUE7QUFBQSxhQUEwRCxLQUFLO0FBQUE7QUFBQSxjQUFrQyxNQUFNO0FBQUE7QUFBQTtBQUFBO0FBQUEsSUFDeEgscUJBQXFCO0FBQUEsRUFDdkI7QUFDQSxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUcsRUFBRSxLQUFLLGFBQWEsS0FBSyxJQUFJLEdBQUcsT0FBTyxNQUFNLEVBQUUsQ0FBQztBQUM1RixTQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUcsTUFBTSxNQUFNLE1BQU0sR0FBRztBQUNuRCxTQUFPLE1BQU0sT0FBTyxDQUFDO0FBQ3JCLFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLEdBQUcsR0FBRyxFQUFFLEtBQUssYUFBYSxLQUFLLFNBQVMsa0JBQWtCLEdBQUcsT0FBTyxNQUFNLEVBQUUsQ0FBQztBQUNsSCxTQUFPLE1BQU0sS0FBSyxRQUFRLENBQUM7QUFDM0IsU0FBTztBQUFBLElBQ0wsS0FBSztBQUFBLElBQ0w7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLE1BQU07QUFDckIsQ0FBQztBQUVELElBQU0sT0FBTztBQUNiLElBQU0sT0FDSjtBQUNGLElBQU0sVUFBdUc7QUFBQSxFQUMzRyxDQUFDLE1BQU0sR0FBRyxTQUFTO0FBQUEsRUFDbkIsQ0FBQyx3QkFBd0IsR0FBRyxTQUFTO0FBQUEsRUFDckMsQ0FBQyxTQUFTLEdBQUcsU0FBUztBQUFBLEVBQ3RCLENBQUMsU0FBUyxHQUFHLDhFQUE4RTtBQUFBLEVBQzNGLENBQUMsUUFBUSxHQUFHLGlDQUFpQztBQUFBLEVBQzdDLENBQUMsUUFBVyxHQUFHLDZEQUE2RDtBQUM5RTtBQUNBLFdBQVcsQ0FBQyxPQUFPLFFBQVEsT0FBTyxLQUFLLFNBQVM7QUFDOUMsT0FBSyxlQUFlLFNBQVMsU0FBUyxrQkFBa0IsT0FBTyxJQUFJLFlBQVk7QUFDN0UsVUFBTSxRQUFRLE1BQU0sT0FBTyxPQUFPLE1BQU0sVUFBVSxTQUFZLENBQUMsSUFBSSxDQUFDLFNBQVMsU0FBUyxLQUFLLEVBQUUsQ0FBQztBQUM5RixXQUFPLE1BQU0sTUFBTSxRQUFRLFFBQVEsTUFBTSxHQUFHO0FBQzVDLFFBQUksT0FBTyxZQUFZLFNBQVUsUUFBTyxVQUFVLE1BQU0sT0FBTyxDQUFDLE9BQU8sQ0FBQztBQUFBLFNBQ25FO0FBQ0gsYUFBTyxNQUFNLFFBQVEsS0FBSyxFQUFFLEdBQUcsRUFBRSxHQUFHLFNBQVMsQ0FBQyxHQUFHLFFBQVEsSUFBSSxPQUFPO0FBQ3BFLGFBQU8sVUFBVSxNQUFNLE9BQU8sQ0FBQyxDQUFDO0FBQUEsSUFDbEM7QUFBQSxFQUNGLENBQUM7QUFDSDtBQUVBLElBQU0sYUFBbUU7QUFBQSxFQUN2RSxDQUFDLGlCQUFpQixJQUFJO0FBQUEsRUFDdEIsQ0FBQyxrQkFBa0IsS0FBSztBQUFBLEVBQ3hCLENBQUMsMEJBQTBCLElBQUk7QUFBQSxFQUMvQixDQUFDLDBCQUEwQixJQUFJO0FBQUEsRUFDL0IsQ0FBQyxxQ0FBcUMsS0FBSztBQUFBLEVBQzNDLENBQUMsOEJBQThCLElBQUk7QUFBQSxFQUNuQyxDQUFDLG1EQUFtRCxJQUFJO0FBQUEsRUFDeEQsQ0FBQyxrREFBa0QsS0FBSztBQUFBLEVBQ3hELENBQUMseUJBQXlCLElBQUk7QUFBQSxFQUM5QixDQUFDLDhDQUE4QyxLQUFLO0FBQUEsRUFDcEQsQ0FBQyx5RUFBeUUsSUFBSTtBQUFBLEVBQzlFLENBQUMsdUJBQXVCLElBQUk7QUFBQSxFQUM1QixDQUFDLGlCQUFpQixLQUFLO0FBQ3pCO0FBQ0EsS0FBSyw4RUFBOEUsWUFBWTtBQUM3RixRQUFNLFFBQVEsV0FBVyxJQUFJLENBQUMsQ0FBQyxJQUFJLEdBQUcsT0FBTyxlQUFlLEVBQUUseUJBQXlCLElBQUk7QUFBQSxDQUFLLEVBQUUsS0FBSyxFQUFFO0FBQ3pHLFFBQU0sUUFBUSxNQUFNO0FBQUEsSUFDbEI7QUFBQSxFQUFtRixLQUFLO0FBQUEsRUFDMUY7QUFDQSxTQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUcsTUFBTSxNQUFNLE1BQU0sR0FBRztBQUNuRCxRQUFNLFNBQVMsUUFBUSxLQUFLLEVBQUUsTUFBTSxDQUFDO0FBQ3JDLGFBQVcsQ0FBQyxJQUFJLENBQUMsTUFBTSxLQUFLLENBQUMsS0FBSyxXQUFXLFFBQVE7QUFDbkQsV0FBTyxNQUFNLE9BQU8sRUFBRSxHQUFHLE9BQU8sUUFBUSxPQUFPLFdBQVcsSUFBSTtBQUNsRSxDQUFDO0FBRUQsSUFBTSxTQUFTO0FBQ2YsSUFBTSxXQUtDO0FBQUEsRUFDTCxDQUFDLFlBQVksWUFBWSxNQUFNLGNBQWMsTUFBTSxNQUFNLE1BQVM7QUFBQSxFQUNsRSxDQUFDLGlCQUFpQixZQUFZLE1BQU07QUFBQSxrQkFBd0MsQ0FBQyxLQUFLLENBQUM7QUFBQSxFQUNuRixDQUFDLG1CQUFtQjtBQUFBLHVCQUEwRSxNQUFTO0FBQUEsRUFDdkc7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0EsQ0FBQyxxQkFBcUI7QUFBQSxFQUN4QjtBQUFBLEVBQ0EsQ0FBQyx5QkFBeUIsK0VBQStFLE1BQVM7QUFBQSxFQUNsSCxDQUFDLDZCQUE2QixzRUFBc0UsTUFBUztBQUFBLEVBQzdHLENBQUMsaUNBQWlDLHNFQUFzRSxDQUFDLEtBQUssQ0FBQztBQUFBLEVBQy9HO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBLENBQUM7QUFBQSxJQUNEO0FBQUEsRUFDRjtBQUFBLEVBQ0EsQ0FBQyx1QkFBdUIsa0VBQWtFLENBQUMsUUFBUSxDQUFDO0FBQUEsRUFDcEcsQ0FBQyw0QkFBNEIseURBQXlELENBQUMsVUFBVSxDQUFDO0FBQUEsRUFDbEc7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0EsQ0FBQyxTQUFTO0FBQUEsRUFDWjtBQUNGO0FBQ0EsS0FBSyw0RUFBNEUsWUFBWTtBQUMzRixRQUFNLFNBQVMsTUFBTSxPQUFPO0FBQzVCLFFBQU0sU0FBUyxPQUFPO0FBQUEsSUFDcEIsU0FBUyxJQUFJLENBQUMsQ0FBQyxFQUFFLElBQUksR0FBRyxPQUFPLENBQUMsV0FBVyxFQUFFLFNBQVM7QUFBQSxlQUF3QixJQUFJO0FBQUEsQ0FBSSxDQUFDO0FBQUEsRUFDekY7QUFDQSxRQUFNLFFBQVEsRUFBRSxHQUFHLFVBQVUsR0FBRyxRQUFRLGdCQUFnQiw4QkFBOEI7QUFDdEYsUUFBTSxNQUFNLGFBQWEsT0FBTyxPQUFPLE1BQU07QUFDN0MsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxTQUFTLElBQUksQ0FBQyxHQUFHLE9BQU8sSUFBSSxFQUFFLEVBQUUsR0FBRyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDOUYsUUFBTSxRQUFRLFFBQVEsS0FBSztBQUMzQixTQUFPLE1BQU0sTUFBTSxRQUFRLFNBQVMsUUFBUSxNQUFNLEdBQUc7QUFDckQsYUFBVyxDQUFDLElBQUksQ0FBQyxNQUFNLEVBQUUsT0FBTyxJQUFJLENBQUMsS0FBSyxTQUFTLFFBQVEsR0FBRztBQUM1RCxVQUFNLE9BQU8sTUFBTSxFQUFFO0FBQ3JCLFdBQU8sTUFBTSxNQUFNLE9BQU8sUUFBUSxXQUFXLE1BQU0sSUFBSTtBQUN2RCxXQUFPLFVBQVUsTUFBTSxhQUFhLElBQUksQ0FBQyxRQUFRLElBQUksRUFBRSxLQUFLLENBQUMsR0FBRyxTQUFTLENBQUMsR0FBRyxJQUFJO0FBQ2pGLFFBQUksS0FBTSxRQUFPLE1BQU0sTUFBTSxTQUFTLENBQUMsR0FBRyxRQUFRLElBQUksTUFBTSxJQUFJO0FBQUEsRUFDbEU7QUFDRixDQUFDO0FBRUQsS0FBSyx3REFBd0QsWUFBWTtBQUN2RSxRQUFNLFFBQVEsTUFBTTtBQUFBLElBQ2xCO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxNQUFNLFFBQVEsQ0FBQztBQUM1QixTQUFPO0FBQUEsSUFDTCxRQUFRLEtBQUssRUFBRSxHQUFHLEVBQUUsR0FBRyxTQUFTLENBQUMsR0FBRyxRQUFRO0FBQUEsSUFDNUM7QUFBQSxFQUNGO0FBQ0YsQ0FBQztBQUVELEtBQUsscUZBQXFGLFlBQVk7QUFDcEcsUUFBTSxNQUFNLGVBQWUsUUFBUSxNQUFNO0FBQ3pDLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLGVBQWUsR0FBRyxFQUFFLElBQUksQ0FBQztBQUMvRCxTQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUcsTUFBTSxNQUFNLE1BQU0sR0FBRztBQUNuRCxTQUFPLE1BQU0sTUFBTSxLQUFLLDRGQUE0RjtBQUN0SCxDQUFDO0FBRUQsS0FBSyx1RkFBdUYsWUFBWTtBQUN0RyxRQUFNLE1BQU0sZUFBZSxRQUFRLE1BQU07QUFDekMsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3hELFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDdkMsU0FBTyxNQUFNLE1BQU0sS0FBSyx3REFBd0Q7QUFDaEYsVUFBUSxLQUFLLG9CQUFvQixrQ0FBa0M7QUFDbkUsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLE9BQU8sUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzFELFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLCtEQUErRDtBQUMzRixDQUFDO0FBRUQsSUFBTSxTQUE4RDtBQUFBLEVBQ2xFLENBQUMsb0NBQW9DLG1CQUFtQjtBQUFBLEVBQ3hELENBQUMsaUVBQWlFLGlCQUFpQjtBQUFBLEVBQ25GLENBQUMsOERBQThELDhDQUE4QztBQUFBLEVBQzdHLENBQUMsd0RBQXdELGtCQUFrQjtBQUFBLEVBQzNFLENBQUMsOENBQThDLCtEQUErRDtBQUFBLEVBQzlHLENBQUMsK0NBQStDLG1CQUFtQjtBQUFBLEVBQ25FLENBQUMsaURBQWlELHlDQUF5QztBQUFBLEVBQzNGLENBQUMsMENBQTBDLG9CQUFvQjtBQUFBLEVBQy9ELENBQUMsa0NBQWtDLFNBQVM7QUFBQSxFQUM1QyxDQUFDLHVDQUF1Qyw0REFBNEQ7QUFBQSxFQUNwRyxDQUFDLGdEQUFnRCxtQ0FBbUM7QUFBQSxFQUNwRixDQUFDLCtCQUErQix1QkFBdUI7QUFBQSxFQUN2RCxDQUFDLDBDQUEwQyxhQUFhO0FBQUEsRUFDeEQsQ0FBQyw0REFBNEQsbUJBQW1CO0FBQ2xGO0FBQ0EsS0FBSyxtRUFBbUUsWUFBWTtBQUNsRixRQUFNLFNBQVMsT0FBTyxZQUFZLE9BQU8sSUFBSSxDQUFDLENBQUMsS0FBSyxHQUFHLE9BQU8sQ0FBQyxXQUFXLEVBQUUsU0FBUztBQUFBLEVBQVcsS0FBSyxFQUFFLENBQUMsQ0FBQztBQUN6RyxRQUFNLE1BQU0sYUFBYSxFQUFFLEdBQUcsVUFBVSxHQUFHLFFBQVEsY0FBYyxNQUFNLENBQUM7QUFDeEUsUUFBTSxFQUFFLFNBQVMsSUFBSSxTQUFTLE1BQU0sVUFBVSxDQUFDLFNBQVMsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDLENBQUM7QUFHM0UsYUFBVyxDQUFDLElBQUksQ0FBQyxPQUFPLElBQUksQ0FBQyxLQUFLLE9BQU8sUUFBUSxHQUFHO0FBQ2xELFVBQU0sTUFBTSxTQUFTLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLFdBQVcsRUFBRSxPQUFPO0FBQ3ZFLFdBQU87QUFBQSxNQUNMLElBQUksS0FBSyxDQUFDLEVBQUUsTUFBTSxRQUFRLEtBQUssTUFBTSxLQUFLLEtBQUssR0FBRyxJQUFJO0FBQUEsRUFBSyxNQUFNLEVBQUUsS0FBSyxRQUFRLENBQUM7QUFBQSxNQUNqRixHQUFHLEtBQUssR0FBRyxLQUFLLFVBQVUsR0FBRyxDQUFDO0FBQUEsSUFDaEM7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sSUFBSSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3BELFNBQU8sVUFBVSxDQUFDLE1BQU0sUUFBUSxNQUFNLEdBQUcsR0FBRyxDQUFDLEdBQUcsRUFBRSxDQUFDO0FBQ25ELFNBQU8sTUFBTSxNQUFNLEtBQUssd0JBQXdCO0FBQ2hELFNBQU8sTUFBTSxXQUFXLEtBQUssS0FBSyxrQkFBa0IsQ0FBQyxHQUFHLE9BQU8sa0JBQWtCO0FBQ25GLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
