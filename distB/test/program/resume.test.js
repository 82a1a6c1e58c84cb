import {
  collectionOf,
  documentLines,
  echoTrail,
  everyFile
} from "../parts/chunk-JFRZJ6A5.js";

// test/program/resume.test.ts
import assert from "node:assert/strict";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { createServer } from "node:http";
import { join } from "node:path";
import { after, test } from "node:test";
async function ledger(slow = 0) {
  const counts = /* @__PURE__ */ new Map();
  const asked = /* @__PURE__ */ new Map();
  const keys = /* @__PURE__ */ new Set();
  const removed = [];
  const own = {
    origin: "",
    counts,
    asked,
    removed,
    onCall: void 0
  };
  const server = createServer((request, response) => {
    const subject = decodeURIComponent(request.url?.split("/").at(-1) ?? "");
    asked.set(`${request.method} ${subject}`, (asked.get(`${request.method} ${subject}`) ?? 0) + 1);
    const answer = (status, body) => {
      setTimeout(() => {
        response.writeHead(status, { "content-type": "application/json" }).end(body);
      }, slow);
    };
    own.onCall?.(subject);
    if (request.method === "POST") {
      const key = request.headers["idempotency-key"];
      if (key === void 0 || !keys.has(key)) counts.set(subject, (counts.get(subject) ?? 0) + 1);
      if (key !== void 0) keys.add(key);
      answer(subject.startsWith("bad") ? 500 : 201, JSON.stringify({ id: `made-${subject}` }));
    } else if (request.method === "DELETE") {
      removed.push(subject);
      answer(subject.includes("stuck") ? 500 : 204, "");
    } else answer(subject.startsWith("missing") ? 404 : 200, JSON.stringify({ id: subject }));
  });
  await new Promise((resolve) => server.listen(0, "127.0.0.1", resolve));
  after(() => {
    server.closeAllConnections();
    server.close();
  });
  const address = server.address();
  own.origin = `http://127.0.0.1:${typeof address === "object" && address ? address.port : 0}`;
  return own;
}
var requests = {
  "requests/make.yaml": "inputs: {subject: {}}\nmethod: POST\nurl: ${origin}/things/{subject}\nbody: {json: {}}\nkeep: {made: $.id}\n",
  "requests/make-keyed.yaml": "inputs: {subject: {}}\nmethod: POST\nidempotency-key: true\nurl: ${origin}/things/{subject}\nbody: {json: {}}\nkeep: {made: $.id}\n",
  "requests/look.yaml": "inputs: {subject: {}}\nurl: ${origin}/things/{subject}\nkeep: {found: $.id}\n",
  "requests/remove.yaml": "inputs: {made: {}}\nmethod: DELETE\nurl: ${origin}/things/{made}\n"
};
var rowsOf = (names) => `subject
${names.join("\n")}
`;
var many = Array.from({ length: 120 }, (_, index) => `s${index + 1}`);
var summaryOf = (ended) => documentLines(ended).find(({ event }) => event === "summary");
var doubtful = (summary) => summary.inDoubt.map((text) => /things\/(\w+)/.exec(text)?.[1] ?? text);
async function killedAt(args, cwd, vendor, isMoment, later = 0) {
  const ended = await echoTrail(args, {
    cwd,
    meanwhile: (child) => {
      vendor.onCall = (subject) => {
        if (!isMoment(subject)) return;
        if (later === 0) child.kill("SIGKILL");
        else setTimeout(() => child.kill("SIGKILL"), later);
      };
    }
  });
  vendor.onCall = void 0;
  return ended;
}
var kills = [
  [1, 37, 9, 52, 5],
  [23, 2, 48, 14, 61],
  [12, 33, 3, 44, 26],
  [55, 7, 19, 40, 4]
];
for (const [index, moments] of kills.entries()) {
  const keyed = index === 3;
  test(`killed after ${moments.join(", ")} calls${keyed ? " with keys" : ""} and gone on with: completed and in doubt are exactly the set, nothing twice`, async () => {
    const vendor = await ledger(2);
    const cwd = collectionOf(
      {
        ...requests,
        "trails/all.yaml": `rows: data/rows.csv
at-once: 6
steps:
  - send: ${keyed ? "make-keyed" : "make"}
  - send: look
`,
        "data/rows.csv": rowsOf(many)
      },
      vendor.origin
    );
    for (const [turn, moment] of moments.entries()) {
      const args = turn === 0 ? ["run", "all"] : ["run", "--resume", "last"];
      let calls = 0;
      const killed = await killedAt(args, cwd, vendor, () => {
        calls += 1;
        return calls === moment;
      });
      assert.equal(killed.status, -1, "it was killed");
    }
    const resumed = await echoTrail(["run", "--resume", "last", "--json"], { cwd });
    const summary = summaryOf(resumed);
    const doubted = new Set(doubtful(summary));
    assert.equal(summary.rows.ok + summary.rows.failed, many.length);
    assert.equal(summary.rows.failed, doubted.size, resumed.out);
    if (keyed) assert.equal(doubted.size, 0, "a call with a key is sent again with the same one");
    for (const subject of many) {
      const count = vendor.counts.get(subject) ?? 0;
      assert.ok(count <= 1, `${subject} was changed ${count} times`);
      assert.ok(doubted.has(subject) || count === 1, `${subject} is neither done nor in doubt`);
    }
  });
}
test("what a step kept before the kill is there for the steps behind it, and a table is whole", async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      "requests/show.yaml": "inputs: {made: {}}\nurl: ${origin}/things/{made}\nkeep: {shown: $.id}\n",
      "trails/all.yaml": 'steps:\n  - for-each: {range: [1, 30]}\n    as: n\n    at-once: 3\n    steps:\n      - send: make-keyed\n        give: {subject: "t${n}"}\n      - send: show\n    table: {columns: {n: "${n}", made: "${made}", shown: $.id}, to: data/all.csv}\n'
    },
    vendor.origin
  );
  await killedAt(["run", "all"], cwd, vendor, (subject) => subject === "made-t17");
  assert.ok(!readdirSync(join(cwd, "data")).includes("all.csv"), "a table that is not whole is not in its place");
  const resumed = await echoTrail(["run", "--resume", "last"], { cwd });
  assert.equal(resumed.status, 0, resumed.out + resumed.err);
  const lines = readFileSync(join(cwd, "data/all.csv"), "utf8").trim().split("\n");
  assert.deepEqual(lines, [
    "n,made,shown,error",
    ...Array.from({ length: 30 }, (_, at) => `${at + 1},made-t${at + 1},made-t${at + 1},`)
  ]);
  assert.ok([...vendor.counts.values()].every((count) => count === 1));
  assert.ok((vendor.asked.get("GET made-t1") ?? 0) === 1, "what was looked at is not looked at again");
});
test("a run that is interrupted can be gone on with; what was under way is not lost", async () => {
  const vendor = await ledger(5);
  const cwd = collectionOf(
    {
      ...requests,
      "trails/all.yaml": "rows: data/rows.csv\nat-once: 4\nsteps: [{send: look}]\n",
      "data/rows.csv": rowsOf(many)
    },
    vendor.origin
  );
  const first = await echoTrail(["run", "all"], {
    cwd,
    meanwhile: (child) => {
      vendor.onCall = (subject) => {
        if (subject === "s40") child.kill("SIGINT");
      };
    }
  });
  assert.equal(first.status, 130);
  const [, run] = /run --resume (\w+)/.exec(first.out) ?? [];
  assert.ok(run, first.out);
  const { rows, ok } = summaryOf(await echoTrail(["run", "--resume", run, "--json"], { cwd }));
  assert.deepEqual([ok, rows.ok, rows.failed], [true, 120, 0]);
  assert.ok(rows.before >= 30 && rows.before < 120, `${rows.before}`);
});
test("--failed-of walks only what failed, once what was wrong is mended", async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      "trails/all.yaml": "rows: data/rows.csv\nsteps: [{send: look}]\n",
      "data/rows.csv": rowsOf(["a", "missing1", "b", "missing2"])
    },
    vendor.origin
  );
  const first = await echoTrail(["run", "all"], { cwd });
  assert.equal(first.status, 1);
  const [, run = ""] = /--failed-of (\w+)/.exec(first.out) ?? [];
  writeFileSync(join(cwd, "data/rows.csv"), rowsOf(["a", "c", "b", "missing2"]));
  const second = await echoTrail(["run", "--failed-of", run, "--json"], { cwd });
  assert.deepEqual(summaryOf(second).rows, { ok: 1, failed: 1, before: 0 });
  assert.deepEqual(
    ["a", "b", "c"].map((subject) => vendor.asked.get(`GET ${subject}`)),
    [1, 1, 1]
  );
  const third = await echoTrail(["run", "--failed-of", summaryOf(second).run], { cwd });
  assert.match(third.out, /0 of 1 rows, 1 failed/);
  writeFileSync(join(cwd, "data/rows.csv"), rowsOf(["a", "c", "b", "d"]));
  assert.equal((await echoTrail(["run", "--failed-of", "last"], { cwd })).status, 0);
  const nothing = await echoTrail(["run", "--failed-of", "last"], { cwd });
  assert.deepEqual([nothing.status, /nothing failed in run/.test(nothing.err)], [0, true]);
});
test("a run of what failed that is killed itself is gone on with for those rows alone", async () => {
  const vendor = await ledger(5);
  const odd = many.map((name, at) => at % 2 === 0 ? name : `missing-${name}`);
  const cwd = collectionOf(
    {
      ...requests,
      "trails/all.yaml": "rows: data/rows.csv\nat-once: 8\nsteps: [{send: look}, {send: make-keyed}]\n",
      "data/rows.csv": rowsOf(odd)
    },
    vendor.origin
  );
  await echoTrail(["run", "all"], { cwd });
  writeFileSync(join(cwd, "data/rows.csv"), rowsOf(many.map((name, at) => at % 2 === 0 ? name : `mended-${name}`)));
  await killedAt(["run", "--failed-of", "last"], cwd, vendor, (subject) => subject === "mended-s40");
  const resumed = await echoTrail(["run", "--resume", "last", "--json"], { cwd });
  const { rows } = summaryOf(resumed);
  assert.deepEqual([resumed.status, rows.ok, rows.failed], [0, 60, 0], resumed.err);
  assert.equal(vendor.asked.get("GET s1"), 1, "what was well at first is not walked again");
  assert.ok([...vendor.counts.values()].every((count) => count === 1));
});
test("a repeated run that was killed goes on with its repetitions, and handles no item twice", async () => {
  const vendor = await ledger(5);
  const cwd = collectionOf(
    {
      ...requests,
      "trails/all.yaml": 'steps:\n  - for-each: [{id: a}, {id: b}]\n    as: one\n    once-by: $.id\n    steps: [{send: make-keyed, give: {subject: "${one.id}"}}]\n  - {send: look, give: {subject: each}}\n'
    },
    vendor.origin
  );
  await killedAt(
    ["run", "all", "--repeat", "4"],
    cwd,
    vendor,
    (subject) => subject === "each" && (vendor.asked.get("GET each") ?? 0) === 2,
    1
  );
  const before = vendor.asked.get("GET each") ?? 0;
  const resumed = await echoTrail(["run", "--resume", "last", "--json"], { cwd });
  assert.equal(resumed.status, 0, resumed.err);
  const summaries = documentLines(resumed).filter(({ event }) => event === "summary");
  assert.ok(summaries.length >= 2 && summaries.length <= 3, `${summaries.length} passes were left`);
  assert.ok((vendor.asked.get("GET each") ?? 0) >= before + 2);
  assert.deepEqual([vendor.counts.get("a"), vendor.counts.get("b")], [1, 1]);
  assert.deepEqual([vendor.asked.get("POST a"), vendor.asked.get("POST b")], [1, 1]);
});
test("what could not be undone is listed, kept, and taken back by a later command, newest first", async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      "trails/all.yaml": "steps:\n  - {send: make, give: {subject: one}, undo: {send: remove}}\n  - {send: make, give: {subject: stuck}, undo: {send: remove}}\n  - {send: look, give: {subject: missing}}\n"
    },
    vendor.origin
  );
  const failed = await echoTrail(["run", "all"], { cwd });
  assert.match(failed.out, /left +make by remove[\s\S]*1 undone +1 not undone/);
  assert.match(
    failed.out,
    /not undone: what these made may still be there\n +make by remove: status: expected under 400, found 500/
  );
  const [, run = ""] = /run --undo (\w+)/.exec(failed.out) ?? [];
  vendor.removed.length = 0;
  const still = await echoTrail(["run", "--undo", run], { cwd });
  assert.equal(still.status, 1);
  assert.deepEqual(vendor.removed, ["made-stuck"], "what is gone already is not taken back again");
  assert.match(still.out, new RegExp(`run ${run}: 0 undone, 1 not`));
  const well = collectionOf(
    {
      ...requests,
      "trails/all.yaml": "steps:\n  - {send: make, give: {subject: one}, undo: {send: remove}}\n  - {send: make, give: {subject: two}, undo: {send: remove}}\n"
    },
    vendor.origin
  );
  vendor.removed.length = 0;
  assert.equal((await echoTrail(["run", "all"], { cwd: well })).status, 0);
  const undone = await echoTrail(["run", "--undo", "last", "--json"], { cwd: well });
  assert.equal(undone.status, 0, undone.err);
  assert.deepEqual(vendor.removed, ["made-two", "made-one"]);
  assert.deepEqual(documentLines(undone).at(-1), {
    event: "undo-summary",
    run: documentLines(undone).at(-1)?.run,
    undone: 2,
    notUndone: 0
  });
  const again = await echoTrail(["run", "--undo", "last"], { cwd: well });
  assert.match(again.err, /left nothing that is to be taken back/);
});
test("a run that was killed before its undo parts is taken back by --undo", async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      "trails/all.yaml": "inputs: {subject: {}}\nsteps:\n  - {send: make, undo: {send: remove}}\n  - {send: look, give: {subject: wait}}\n"
    },
    vendor.origin
  );
  await killedAt(["run", "all", "--set", "subject=one"], cwd, vendor, (subject) => subject === "wait", 200);
  const undone = await echoTrail(["run", "--undo", "last"], { cwd });
  assert.equal(undone.status, 0, undone.out + undone.err);
  assert.deepEqual(vendor.removed, ["made-one"]);
});
test("kept secrets and what --set gave are sealed in the journal, and open for the run that goes on", async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      "requests/token.yaml": "inputs: {subject: {}}\nmethod: POST\nurl: ${origin}/things/{subject}\nbody: {json: {}}\nkeep: {pass: {at: $.id, secret: true}, whole: $}\n",
      "trails/all.yaml": 'inputs: {given: {}}\nsteps:\n  - {send: token, give: {subject: quarterdeck-5512}, undo: {send: remove, give: {made: "${pass}"}}}\n  - {send: look, give: {subject: wait}}\n  - {send: look, give: {subject: "${pass}-${given}"}}\n'
    },
    vendor.origin
  );
  await killedAt(["run", "all", "--set", "given=halyard-7781"], cwd, vendor, (subject) => subject === "wait", 200);
  for (const { path, text } of everyFile(join(cwd, ".echo-trail"))) {
    if (!path.includes("/runs/")) continue;
    assert.ok(text.includes('"line":"step"'), "the step is written down");
    assert.ok(!text.includes("made-quarterdeck-5512"), "a kept secret is sealed");
    assert.ok(!text.includes("halyard-7781"), "what --set gave is sealed");
  }
  const resumed = await echoTrail(["run", "--resume", "last"], { cwd });
  assert.equal(resumed.status, 0, resumed.out + resumed.err);
  assert.equal(vendor.asked.get("GET made-quarterdeck-5512-halyard-7781"), 1);
  assert.equal(vendor.counts.get("quarterdeck-5512"), 1);
});
test("a run that is still under way, or whose trail was changed, is not gone on with", async () => {
  const vendor = await ledger(20);
  const cwd = collectionOf(
    { ...requests, "trails/all.yaml": "rows: data/rows.csv\nsteps: [{send: look}]\n", "data/rows.csv": rowsOf(many) },
    vendor.origin
  );
  let second;
  await echoTrail(["run", "all"], {
    cwd,
    meanwhile: (child) => {
      vendor.onCall = (subject) => {
        if (subject === "s10") second ??= echoTrail(["run", "--resume", "last"], { cwd });
        if (subject === "s80") child.kill("SIGKILL");
      };
    }
  });
  vendor.onCall = void 0;
  const under = await second;
  assert.equal(under.status, 2);
  assert.match(under.err, /run \w+ is still under way, in process \d+/);
  writeFileSync(join(cwd, "trails/all.yaml"), "rows: data/rows.csv\nsteps: [{send: look}, {send: look}]\n");
  const changed = await echoTrail(["run", "--resume", "last"], { cwd });
  assert.equal(changed.status, 2);
  assert.match(changed.err, /trails of run \w+ were changed since[\s\S]*--failed-of/);
});
var wrong = [
  [["run"], /nothing is named/],
  [["run", "--resume", "zzzz"], /there is no run zzzz|no run is recorded/],
  [["run", "all", "--resume", "last"], /--resume takes a run, which knows what it walked/],
  [["run", "--resume", "last", "--undo", "last"], /--resume and --undo cannot be had together/],
  [["run", "--resume", "last", "--rows", "-"], /--rows: the run that --resume names knows its own/],
  [["run", "--undo", "last", "--dry-run"], /--dry-run and --undo cannot be had together/],
  [["run", "--resume", "last", "--env", "sandbox"], /the run knows its environment/],
  [["run", "all", "--every", "5"], /a duration with its unit/],
  [["run", "all", "--every", "5m", "--until", "later"], /--until takes ok or failed/],
  [["run", "all", "--until", "ok"], /--until goes with/],
  [["run", "all", "--repeat", "0"], /--repeat/]
];
for (const [args, says] of wrong) {
  test(`${args.join(" ")} is refused`, async () => {
    const cwd = collectionOf({ ...requests, "trails/all.yaml": "steps: [{send: look, give: {subject: a}}]\n" });
    const { status, err, out } = await echoTrail(args, { cwd });
    assert.equal(status, 2);
    assert.match(err, says);
    assert.equal(out, "");
  });
}
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3Jlc3VtZS50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogUnVucyB0aGF0IHdlcmUga2lsbGVkLCBpbnRlcnJ1cHRlZCBvciBmYWlsZWQ6IGdvbmUgb24gd2l0aCwgd2Fsa2VkIGFnYWluIHdoZXJlIHRoZXkgZmFpbGVkLCB0YWtlbiBiYWNrLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgcmVhZGRpclN5bmMsIHJlYWRGaWxlU3luYywgd3JpdGVGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgY3JlYXRlU2VydmVyIH0gZnJvbSAnbm9kZTpodHRwJztcbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHsgYWZ0ZXIsIHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgY29sbGVjdGlvbk9mLCBldmVyeUZpbGUgfSBmcm9tICcuLi9zdXBwb3J0L2ZvbGRlci5qcyc7XG5pbXBvcnQgeyBkb2N1bWVudExpbmVzLCB0eXBlIEVuZGVkLCBlY2hvVHJhaWwgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuXG4vKiogQSB2ZW5kb3IgdGhhdCBjb3VudHMgZWFjaCBjaGFuZ2luZyBjYWxsIGJ5IHdoYXQgaXQgaXMgYWJvdXQsIGFuZCBlYWNoIGtleSBvbmNlLiAqL1xuaW50ZXJmYWNlIExlZGdlciB7XG4gIHJlYWRvbmx5IG9yaWdpbjogc3RyaW5nO1xuICAvKiogSG93IG9mdGVuIGVhY2ggc3ViamVjdCB3YXMgY2hhbmdlZC4gKi9cbiAgcmVhZG9ubHkgY291bnRzOiBNYXA8c3RyaW5nLCBudW1iZXI+O1xuICByZWFkb25seSByZW1vdmVkOiBzdHJpbmdbXTtcbiAgLyoqIEhvdyBvZnRlbiBlYWNoIHN1YmplY3Qgd2FzIGFza2VkIGZvciwgd2hhdGV2ZXIgY2FtZSBvZiBpdC4gKi9cbiAgcmVhZG9ubHkgYXNrZWQ6IE1hcDxzdHJpbmcsIG51bWJlcj47XG4gIC8qKiBUb2xkIG9mIGVhY2ggY2FsbCB0aGF0IGFycml2ZWQuICovXG4gIG9uQ2FsbDogKChzdWJqZWN0OiBzdHJpbmcpID0+IHZvaWQpIHwgdW5kZWZpbmVkO1xufVxuXG5hc3luYyBmdW5jdGlvbiBsZWRnZXIoc2xvdyA9IDApOiBQcm9taXNlPExlZGdlcj4ge1xuICBjb25zdCBjb3VudHMgPSBuZXcgTWFwPHN0cmluZywgbnVtYmVyPigpO1xuICBjb25zdCBhc2tlZCA9IG5ldyBNYXA8c3RyaW5nLCBudW1iZXI+KCk7XG4gIGNvbnN0IGtleXMgPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgY29uc3QgcmVtb3ZlZDogc3RyaW5nW10gPSBbXTtcbiAgY29uc3Qgb3duOiB7IC1yZWFkb25seSBbSyBpbiBrZXlvZiBMZWRnZXJdOiBMZWRnZXJbS10gfSA9IHtcbiAgICBvcmlnaW46ICcnLFxuICAgIGNvdW50cyxcbiAgICBhc2tlZCxcbiAgICByZW1vdmVkLFxuICAgIG9uQ2FsbDogdW5kZWZpbmVkLFxuICB9O1xuICBjb25zdCBzZXJ2ZXIgPSBjcmVhdGVTZXJ2ZXIoKHJlcXVlc3QsIHJlc3BvbnNlKSA9PiB7XG4gICAgY29uc3Qgc3ViamVjdCA9IGRlY29kZVVSSUNvbXBvbmVudChyZXF1ZXN0LnVybD8uc3BsaXQoJy8nKS5hdCgtMSkgPz8gJycpO1xuICAgIGFza2VkLnNldChgJHtyZXF1ZXN0Lm1ldGhvZH0gJHtzdWJqZWN0fWAsIChhc2tlZC5nZXQoYCR7cmVxdWVzdC5tZXRob2R9ICR7c3ViamVjdH1gKSA/PyAwKSArIDEpO1xuICAgIGNvbnN0IGFuc3dlciA9IChzdGF0dXM6IG51bWJlciwgYm9keTogc3RyaW5nKTogdm9pZCA9PiB7XG4gICAgICBzZXRUaW1lb3V0KCgpID0+IHtcbiAgICAgICAgcmVzcG9uc2Uud3JpdGVIZWFkKHN0YXR1cywgeyAnY29udGVudC10eXBlJzogJ2FwcGxpY2F0aW9uL2pzb24nIH0pLmVuZChib2R5KTtcbiAgICAgIH0sIHNsb3cpO1xuICAgIH07XG4gICAgb3duLm9uQ2FsbD8uKHN1YmplY3QpO1xuICAgIGlmIChyZXF1ZXN0Lm1ldGhvZCA9PT0gJ1BPU1QnKSB7XG4gICAgICBjb25zdCBrZXkgPSByZXF1ZXN0LmhlYWRlcnNbJ2lkZW1wb3RlbmN5LWtleSddIGFzIHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgICAgIGlmIChrZXkgPT09IHVuZGVmaW5lZCB8fCAha2V5cy5oYXMoa2V5KSkgY291bnRzLnNldChzdWJqZWN0LCAoY291bnRzLmdldChzdWJqZWN0KSA/PyAwKSArIDEpO1xuICAgICAgaWYgKGtleSAhPT0gdW5kZWZpbmVkKSBrZXlzLmFkZChrZXkpO1xuICAgICAgYW5zd2VyKHN1YmplY3Quc3RhcnRzV2l0aCgnYmFkJykgPyA1MDAgOiAyMDEsIEpTT04uc3RyaW5naWZ5KHsgaWQ6IGBtYWRlLSR7c3ViamVjdH1gIH0pKTtcbiAgICB9IGVsc2UgaWYgKHJlcXVlc3QubWV0aG9kID09PSAnREVMRVRFJykge1xuICAgICAgcmVtb3ZlZC5wdXNoKHN1YmplY3QpO1xuICAgICAgYW5zd2VyKHN1YmplY3QuaW5jbHVkZXMoJ3N0dWNrJykgPyA1MDAgOiAyMDQsICcnKTtcbiAgICB9IGVsc2UgYW5zd2VyKHN1YmplY3Quc3RhcnRzV2l0aCgnbWlzc2luZycpID8gNDA0IDogMjAwLCBKU09OLnN0cmluZ2lmeSh7IGlkOiBzdWJqZWN0IH0pKTtcbiAgfSk7XG4gIGF3YWl0IG5ldyBQcm9taXNlPHZvaWQ+KChyZXNvbHZlKSA9PiBzZXJ2ZXIubGlzdGVuKDAsICcxMjcuMC4wLjEnLCByZXNvbHZlKSk7XG4gIGFmdGVyKCgpID0+IHtcbiAgICBzZXJ2ZXIuY2xvc2VBbGxDb25uZWN0aW9ucygpO1xuICAgIHNlcnZlci5jbG9zZSgpO1xuICB9KTtcbiAgY29uc3QgYWRkcmVzcyA9IHNlcnZlci5hZGRyZXNzKCk7XG4gIG93bi5vcmlnaW4gPSBgaHR0cDovLzEyNy4wLjAuMToke3R5cGVvZiBhZGRyZXNzID09PSAnb2JqZWN0JyAmJiBhZGRyZXNzID8gYWRkcmVzcy5wb3J0IDogMH1gO1xuICByZXR1cm4gb3duO1xufVxuXG5jb25zdCByZXF1ZXN0cyA9IHtcbiAgJ3JlcXVlc3RzL21ha2UueWFtbCc6XG4gICAgJ2lucHV0czoge3N1YmplY3Q6IHt9fVxcbm1ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L3RoaW5ncy97c3ViamVjdH1cXG5ib2R5OiB7anNvbjoge319XFxua2VlcDoge21hZGU6ICQuaWR9XFxuJyxcbiAgJ3JlcXVlc3RzL21ha2Uta2V5ZWQueWFtbCc6XG4gICAgJ2lucHV0czoge3N1YmplY3Q6IHt9fVxcbm1ldGhvZDogUE9TVFxcbmlkZW1wb3RlbmN5LWtleTogdHJ1ZVxcbnVybDogJHtvcmlnaW59L3RoaW5ncy97c3ViamVjdH1cXG5ib2R5OiB7anNvbjoge319XFxua2VlcDoge21hZGU6ICQuaWR9XFxuJyxcbiAgJ3JlcXVlc3RzL2xvb2sueWFtbCc6ICdpbnB1dHM6IHtzdWJqZWN0OiB7fX1cXG51cmw6ICR7b3JpZ2lufS90aGluZ3Mve3N1YmplY3R9XFxua2VlcDoge2ZvdW5kOiAkLmlkfVxcbicsXG4gICdyZXF1ZXN0cy9yZW1vdmUueWFtbCc6ICdpbnB1dHM6IHttYWRlOiB7fX1cXG5tZXRob2Q6IERFTEVURVxcbnVybDogJHtvcmlnaW59L3RoaW5ncy97bWFkZX1cXG4nLFxufTtcblxuY29uc3Qgcm93c09mID0gKG5hbWVzOiByZWFkb25seSBzdHJpbmdbXSk6IHN0cmluZyA9PiBgc3ViamVjdFxcbiR7bmFtZXMuam9pbignXFxuJyl9XFxuYDtcbmNvbnN0IG1hbnkgPSBBcnJheS5mcm9tKHsgbGVuZ3RoOiAxMjAgfSwgKF8sIGluZGV4KSA9PiBgcyR7aW5kZXggKyAxfWApO1xuXG5pbnRlcmZhY2UgU3VtbWFyeURvY3VtZW50IHtcbiAgcmVhZG9ubHkgcnVuOiBzdHJpbmc7XG4gIHJlYWRvbmx5IG9rOiBib29sZWFuO1xuICByZWFkb25seSByb3dzOiB7IHJlYWRvbmx5IG9rOiBudW1iZXI7IHJlYWRvbmx5IGZhaWxlZDogbnVtYmVyOyByZWFkb25seSBiZWZvcmU6IG51bWJlciB9O1xuICByZWFkb25seSBpbkRvdWJ0OiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgbm90VW5kb25lOiByZWFkb25seSBzdHJpbmdbXTtcbn1cbmNvbnN0IHN1bW1hcnlPZiA9IChlbmRlZDogRW5kZWQpOiBTdW1tYXJ5RG9jdW1lbnQgPT5cbiAgZG9jdW1lbnRMaW5lcyhlbmRlZCkuZmluZCgoeyBldmVudCB9KSA9PiBldmVudCA9PT0gJ3N1bW1hcnknKSBhcyB1bmtub3duIGFzIFN1bW1hcnlEb2N1bWVudDtcbmNvbnN0IGRvdWJ0ZnVsID0gKHN1bW1hcnk6IFN1bW1hcnlEb2N1bWVudCk6IHN0cmluZ1tdID0+XG4gIHN1bW1hcnkuaW5Eb3VidC5tYXAoKHRleHQpID0+IC90aGluZ3NcXC8oXFx3KykvLmV4ZWModGV4dCk/LlsxXSA/PyB0ZXh0KTtcblxuLyoqIFJ1bnMgYSBjb21tYW5kIGFuZCBraWxscyBpdCB3aGVuIGEgY2FsbCBhcnJpdmVzIHRoYXQgc2F5cyBzby4gQHBhcmFtIGxhdGVyIG1pbGxpc2Vjb25kcyBhZnRlciB0aGF0ICovXG5hc3luYyBmdW5jdGlvbiBraWxsZWRBdChcbiAgYXJnczogcmVhZG9ubHkgc3RyaW5nW10sXG4gIGN3ZDogc3RyaW5nLFxuICB2ZW5kb3I6IExlZGdlcixcbiAgaXNNb21lbnQ6IChzdWJqZWN0OiBzdHJpbmcpID0+IGJvb2xlYW4sXG4gIGxhdGVyID0gMCxcbik6IFByb21pc2U8RW5kZWQ+IHtcbiAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoYXJncywge1xuICAgIGN3ZCxcbiAgICBtZWFud2hpbGU6IChjaGlsZCkgPT4ge1xuICAgICAgdmVuZG9yLm9uQ2FsbCA9IChzdWJqZWN0KSA9PiB7XG4gICAgICAgIGlmICghaXNNb21lbnQoc3ViamVjdCkpIHJldHVybjtcbiAgICAgICAgaWYgKGxhdGVyID09PSAwKSBjaGlsZC5raWxsKCdTSUdLSUxMJyk7XG4gICAgICAgIGVsc2Ugc2V0VGltZW91dCgoKSA9PiBjaGlsZC5raWxsKCdTSUdLSUxMJyksIGxhdGVyKTtcbiAgICAgIH07XG4gICAgfSxcbiAgfSk7XG4gIHZlbmRvci5vbkNhbGwgPSB1bmRlZmluZWQ7XG4gIHJldHVybiBlbmRlZDtcbn1cblxuLyoqIEhvdyBtYW55IGNhbGxzIGVhY2ggY29tbWFuZCBnZXRzIHRvIG1ha2UgYmVmb3JlIGl0IGlzIGtpbGxlZDogZml2ZSBraWxscyBhIHJ1biwgdHdlbnR5IGluIGFsbC4gKi9cbmNvbnN0IGtpbGxzOiByZWFkb25seSAocmVhZG9ubHkgbnVtYmVyW10pW10gPSBbXG4gIFsxLCAzNywgOSwgNTIsIDVdLFxuICBbMjMsIDIsIDQ4LCAxNCwgNjFdLFxuICBbMTIsIDMzLCAzLCA0NCwgMjZdLFxuICBbNTUsIDcsIDE5LCA0MCwgNF0sXG5dO1xuXG5mb3IgKGNvbnN0IFtpbmRleCwgbW9tZW50c10gb2Yga2lsbHMuZW50cmllcygpKSB7XG4gIGNvbnN0IGtleWVkID0gaW5kZXggPT09IDM7XG4gIHRlc3QoYGtpbGxlZCBhZnRlciAke21vbWVudHMuam9pbignLCAnKX0gY2FsbHMke2tleWVkID8gJyB3aXRoIGtleXMnIDogJyd9IGFuZCBnb25lIG9uIHdpdGg6IGNvbXBsZXRlZCBhbmQgaW4gZG91YnQgYXJlIGV4YWN0bHkgdGhlIHNldCwgbm90aGluZyB0d2ljZWAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCB2ZW5kb3IgPSBhd2FpdCBsZWRnZXIoMik7XG4gICAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgICAge1xuICAgICAgICAuLi5yZXF1ZXN0cyxcbiAgICAgICAgJ3RyYWlscy9hbGwueWFtbCc6IGByb3dzOiBkYXRhL3Jvd3MuY3N2XFxuYXQtb25jZTogNlxcbnN0ZXBzOlxcbiAgLSBzZW5kOiAke2tleWVkID8gJ21ha2Uta2V5ZWQnIDogJ21ha2UnfVxcbiAgLSBzZW5kOiBsb29rXFxuYCxcbiAgICAgICAgJ2RhdGEvcm93cy5jc3YnOiByb3dzT2YobWFueSksXG4gICAgICB9LFxuICAgICAgdmVuZG9yLm9yaWdpbixcbiAgICApO1xuICAgIGZvciAoY29uc3QgW3R1cm4sIG1vbWVudF0gb2YgbW9tZW50cy5lbnRyaWVzKCkpIHtcbiAgICAgIGNvbnN0IGFyZ3MgPSB0dXJuID09PSAwID8gWydydW4nLCAnYWxsJ10gOiBbJ3J1bicsICctLXJlc3VtZScsICdsYXN0J107XG4gICAgICBsZXQgY2FsbHMgPSAwO1xuICAgICAgY29uc3Qga2lsbGVkID0gYXdhaXQga2lsbGVkQXQoYXJncywgY3dkLCB2ZW5kb3IsICgpID0+IHtcbiAgICAgICAgY2FsbHMgKz0gMTtcbiAgICAgICAgcmV0dXJuIGNhbGxzID09PSBtb21lbnQ7XG4gICAgICB9KTtcbiAgICAgIGFzc2VydC5lcXVhbChraWxsZWQuc3RhdHVzLCAtMSwgJ2l0IHdhcyBraWxsZWQnKTtcbiAgICB9XG4gICAgY29uc3QgcmVzdW1lZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICctLXJlc3VtZScsICdsYXN0JywgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgICBjb25zdCBzdW1tYXJ5ID0gc3VtbWFyeU9mKHJlc3VtZWQpO1xuICAgIC8vIEFsbCBvZiB0aGVtLCB3aGljaGV2ZXIgY29tbWFuZCBsZWZ0IHRoZW0gaW4gZG91YnQuXG4gICAgY29uc3QgZG91YnRlZCA9IG5ldyBTZXQoZG91YnRmdWwoc3VtbWFyeSkpO1xuICAgIGFzc2VydC5lcXVhbChzdW1tYXJ5LnJvd3Mub2sgKyBzdW1tYXJ5LnJvd3MuZmFpbGVkLCBtYW55Lmxlbmd0aCk7XG4gICAgYXNzZXJ0LmVxdWFsKHN1bW1hcnkucm93cy5mYWlsZWQsIGRvdWJ0ZWQuc2l6ZSwgcmVzdW1lZC5vdXQpO1xuICAgIGlmIChrZXllZCkgYXNzZXJ0LmVxdWFsKGRvdWJ0ZWQuc2l6ZSwgMCwgJ2EgY2FsbCB3aXRoIGEga2V5IGlzIHNlbnQgYWdhaW4gd2l0aCB0aGUgc2FtZSBvbmUnKTtcbiAgICBmb3IgKGNvbnN0IHN1YmplY3Qgb2YgbWFueSkge1xuICAgICAgY29uc3QgY291bnQgPSB2ZW5kb3IuY291bnRzLmdldChzdWJqZWN0KSA/PyAwO1xuICAgICAgYXNzZXJ0Lm9rKGNvdW50IDw9IDEsIGAke3N1YmplY3R9IHdhcyBjaGFuZ2VkICR7Y291bnR9IHRpbWVzYCk7XG4gICAgICBhc3NlcnQub2soZG91YnRlZC5oYXMoc3ViamVjdCkgfHwgY291bnQgPT09IDEsIGAke3N1YmplY3R9IGlzIG5laXRoZXIgZG9uZSBub3IgaW4gZG91YnRgKTtcbiAgICB9XG4gIH0pO1xufVxuXG50ZXN0KCd3aGF0IGEgc3RlcCBrZXB0IGJlZm9yZSB0aGUga2lsbCBpcyB0aGVyZSBmb3IgdGhlIHN0ZXBzIGJlaGluZCBpdCwgYW5kIGEgdGFibGUgaXMgd2hvbGUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHZlbmRvciA9IGF3YWl0IGxlZGdlcigpO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgLi4ucmVxdWVzdHMsXG4gICAgICAncmVxdWVzdHMvc2hvdy55YW1sJzogJ2lucHV0czoge21hZGU6IHt9fVxcbnVybDogJHtvcmlnaW59L3RoaW5ncy97bWFkZX1cXG5rZWVwOiB7c2hvd246ICQuaWR9XFxuJyxcbiAgICAgICd0cmFpbHMvYWxsLnlhbWwnOlxuICAgICAgICAnc3RlcHM6XFxuICAtIGZvci1lYWNoOiB7cmFuZ2U6IFsxLCAzMF19XFxuICAgIGFzOiBuXFxuICAgIGF0LW9uY2U6IDNcXG4gICAgc3RlcHM6XFxuICAgICAgLSBzZW5kOiBtYWtlLWtleWVkXFxuICAgICAgICBnaXZlOiB7c3ViamVjdDogXCJ0JHtufVwifVxcbiAgICAgIC0gc2VuZDogc2hvd1xcbiAgICB0YWJsZToge2NvbHVtbnM6IHtuOiBcIiR7bn1cIiwgbWFkZTogXCIke21hZGV9XCIsIHNob3duOiAkLmlkfSwgdG86IGRhdGEvYWxsLmNzdn1cXG4nLFxuICAgIH0sXG4gICAgdmVuZG9yLm9yaWdpbixcbiAgKTtcbiAgYXdhaXQga2lsbGVkQXQoWydydW4nLCAnYWxsJ10sIGN3ZCwgdmVuZG9yLCAoc3ViamVjdCkgPT4gc3ViamVjdCA9PT0gJ21hZGUtdDE3Jyk7XG4gIGFzc2VydC5vayghcmVhZGRpclN5bmMoam9pbihjd2QsICdkYXRhJykpLmluY2x1ZGVzKCdhbGwuY3N2JyksICdhIHRhYmxlIHRoYXQgaXMgbm90IHdob2xlIGlzIG5vdCBpbiBpdHMgcGxhY2UnKTtcbiAgY29uc3QgcmVzdW1lZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICctLXJlc3VtZScsICdsYXN0J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwocmVzdW1lZC5zdGF0dXMsIDAsIHJlc3VtZWQub3V0ICsgcmVzdW1lZC5lcnIpO1xuICBjb25zdCBsaW5lcyA9IHJlYWRGaWxlU3luYyhqb2luKGN3ZCwgJ2RhdGEvYWxsLmNzdicpLCAndXRmOCcpLnRyaW0oKS5zcGxpdCgnXFxuJyk7XG4gIGFzc2VydC5kZWVwRXF1YWwobGluZXMsIFtcbiAgICAnbixtYWRlLHNob3duLGVycm9yJyxcbiAgICAuLi5BcnJheS5mcm9tKHsgbGVuZ3RoOiAzMCB9LCAoXywgYXQpID0+IGAke2F0ICsgMX0sbWFkZS10JHthdCArIDF9LG1hZGUtdCR7YXQgKyAxfSxgKSxcbiAgXSk7XG4gIGFzc2VydC5vayhbLi4udmVuZG9yLmNvdW50cy52YWx1ZXMoKV0uZXZlcnkoKGNvdW50KSA9PiBjb3VudCA9PT0gMSkpO1xuICBhc3NlcnQub2soKHZlbmRvci5hc2tlZC5nZXQoJ0dFVCBtYWRlLXQxJykgPz8gMCkgPT09IDEsICd3aGF0IHdhcyBsb29rZWQgYXQgaXMgbm90IGxvb2tlZCBhdCBhZ2FpbicpO1xufSk7XG5cbnRlc3QoJ2EgcnVuIHRoYXQgaXMgaW50ZXJydXB0ZWQgY2FuIGJlIGdvbmUgb24gd2l0aDsgd2hhdCB3YXMgdW5kZXIgd2F5IGlzIG5vdCBsb3N0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB2ZW5kb3IgPSBhd2FpdCBsZWRnZXIoNSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAuLi5yZXF1ZXN0cyxcbiAgICAgICd0cmFpbHMvYWxsLnlhbWwnOiAncm93czogZGF0YS9yb3dzLmNzdlxcbmF0LW9uY2U6IDRcXG5zdGVwczogW3tzZW5kOiBsb29rfV1cXG4nLFxuICAgICAgJ2RhdGEvcm93cy5jc3YnOiByb3dzT2YobWFueSksXG4gICAgfSxcbiAgICB2ZW5kb3Iub3JpZ2luLFxuICApO1xuICBjb25zdCBmaXJzdCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdhbGwnXSwge1xuICAgIGN3ZCxcbiAgICBtZWFud2hpbGU6IChjaGlsZCkgPT4ge1xuICAgICAgdmVuZG9yLm9uQ2FsbCA9IChzdWJqZWN0KSA9PiB7XG4gICAgICAgIGlmIChzdWJqZWN0ID09PSAnczQwJykgY2hpbGQua2lsbCgnU0lHSU5UJyk7XG4gICAgICB9O1xuICAgIH0sXG4gIH0pO1xuICBhc3NlcnQuZXF1YWwoZmlyc3Quc3RhdHVzLCAxMzApO1xuICBjb25zdCBbLCBydW5dID0gL3J1biAtLXJlc3VtZSAoXFx3KykvLmV4ZWMoZmlyc3Qub3V0KSA/PyBbXTtcbiAgYXNzZXJ0Lm9rKHJ1biwgZmlyc3Qub3V0KTtcbiAgY29uc3QgeyByb3dzLCBvayB9ID0gc3VtbWFyeU9mKGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICctLXJlc3VtZScsIHJ1biwgJy0tanNvbiddLCB7IGN3ZCB9KSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoW29rLCByb3dzLm9rLCByb3dzLmZhaWxlZF0sIFt0cnVlLCAxMjAsIDBdKTtcbiAgYXNzZXJ0Lm9rKHJvd3MuYmVmb3JlID49IDMwICYmIHJvd3MuYmVmb3JlIDwgMTIwLCBgJHtyb3dzLmJlZm9yZX1gKTtcbn0pO1xuXG50ZXN0KCctLWZhaWxlZC1vZiB3YWxrcyBvbmx5IHdoYXQgZmFpbGVkLCBvbmNlIHdoYXQgd2FzIHdyb25nIGlzIG1lbmRlZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgdmVuZG9yID0gYXdhaXQgbGVkZ2VyKCk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAuLi5yZXF1ZXN0cyxcbiAgICAgICd0cmFpbHMvYWxsLnlhbWwnOiAncm93czogZGF0YS9yb3dzLmNzdlxcbnN0ZXBzOiBbe3NlbmQ6IGxvb2t9XVxcbicsXG4gICAgICAnZGF0YS9yb3dzLmNzdic6IHJvd3NPZihbJ2EnLCAnbWlzc2luZzEnLCAnYicsICdtaXNzaW5nMiddKSxcbiAgICB9LFxuICAgIHZlbmRvci5vcmlnaW4sXG4gICk7XG4gIGNvbnN0IGZpcnN0ID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2FsbCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGZpcnN0LnN0YXR1cywgMSk7XG4gIGNvbnN0IFssIHJ1biA9ICcnXSA9IC8tLWZhaWxlZC1vZiAoXFx3KykvLmV4ZWMoZmlyc3Qub3V0KSA/PyBbXTtcbiAgd3JpdGVGaWxlU3luYyhqb2luKGN3ZCwgJ2RhdGEvcm93cy5jc3YnKSwgcm93c09mKFsnYScsICdjJywgJ2InLCAnbWlzc2luZzInXSkpO1xuICBjb25zdCBzZWNvbmQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnLS1mYWlsZWQtb2YnLCBydW4sICctLWpzb24nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoc3VtbWFyeU9mKHNlY29uZCkucm93cywgeyBvazogMSwgZmFpbGVkOiAxLCBiZWZvcmU6IDAgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgWydhJywgJ2InLCAnYyddLm1hcCgoc3ViamVjdCkgPT4gdmVuZG9yLmFza2VkLmdldChgR0VUICR7c3ViamVjdH1gKSksXG4gICAgWzEsIDEsIDFdLFxuICApO1xuICBjb25zdCB0aGlyZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICctLWZhaWxlZC1vZicsIHN1bW1hcnlPZihzZWNvbmQpLnJ1bl0sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2godGhpcmQub3V0LCAvMCBvZiAxIHJvd3MsIDEgZmFpbGVkLyk7XG4gIHdyaXRlRmlsZVN5bmMoam9pbihjd2QsICdkYXRhL3Jvd3MuY3N2JyksIHJvd3NPZihbJ2EnLCAnYycsICdiJywgJ2QnXSkpO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICctLWZhaWxlZC1vZicsICdsYXN0J10sIHsgY3dkIH0pKS5zdGF0dXMsIDApO1xuICBjb25zdCBub3RoaW5nID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJy0tZmFpbGVkLW9mJywgJ2xhc3QnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoW25vdGhpbmcuc3RhdHVzLCAvbm90aGluZyBmYWlsZWQgaW4gcnVuLy50ZXN0KG5vdGhpbmcuZXJyKV0sIFswLCB0cnVlXSk7XG59KTtcblxudGVzdCgnYSBydW4gb2Ygd2hhdCBmYWlsZWQgdGhhdCBpcyBraWxsZWQgaXRzZWxmIGlzIGdvbmUgb24gd2l0aCBmb3IgdGhvc2Ugcm93cyBhbG9uZScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgdmVuZG9yID0gYXdhaXQgbGVkZ2VyKDUpO1xuICBjb25zdCBvZGQgPSBtYW55Lm1hcCgobmFtZSwgYXQpID0+IChhdCAlIDIgPT09IDAgPyBuYW1lIDogYG1pc3NpbmctJHtuYW1lfWApKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgIC4uLnJlcXVlc3RzLFxuICAgICAgJ3RyYWlscy9hbGwueWFtbCc6ICdyb3dzOiBkYXRhL3Jvd3MuY3N2XFxuYXQtb25jZTogOFxcbnN0ZXBzOiBbe3NlbmQ6IGxvb2t9LCB7c2VuZDogbWFrZS1rZXllZH1dXFxuJyxcbiAgICAgICdkYXRhL3Jvd3MuY3N2Jzogcm93c09mKG9kZCksXG4gICAgfSxcbiAgICB2ZW5kb3Iub3JpZ2luLFxuICApO1xuICBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnYWxsJ10sIHsgY3dkIH0pO1xuICB3cml0ZUZpbGVTeW5jKGpvaW4oY3dkLCAnZGF0YS9yb3dzLmNzdicpLCByb3dzT2YobWFueS5tYXAoKG5hbWUsIGF0KSA9PiAoYXQgJSAyID09PSAwID8gbmFtZSA6IGBtZW5kZWQtJHtuYW1lfWApKSkpO1xuICBhd2FpdCBraWxsZWRBdChbJ3J1bicsICctLWZhaWxlZC1vZicsICdsYXN0J10sIGN3ZCwgdmVuZG9yLCAoc3ViamVjdCkgPT4gc3ViamVjdCA9PT0gJ21lbmRlZC1zNDAnKTtcbiAgY29uc3QgcmVzdW1lZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICctLXJlc3VtZScsICdsYXN0JywgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgY29uc3QgeyByb3dzIH0gPSBzdW1tYXJ5T2YocmVzdW1lZCk7XG4gIGFzc2VydC5kZWVwRXF1YWwoW3Jlc3VtZWQuc3RhdHVzLCByb3dzLm9rLCByb3dzLmZhaWxlZF0sIFswLCA2MCwgMF0sIHJlc3VtZWQuZXJyKTtcbiAgYXNzZXJ0LmVxdWFsKHZlbmRvci5hc2tlZC5nZXQoJ0dFVCBzMScpLCAxLCAnd2hhdCB3YXMgd2VsbCBhdCBmaXJzdCBpcyBub3Qgd2Fsa2VkIGFnYWluJyk7XG4gIGFzc2VydC5vayhbLi4udmVuZG9yLmNvdW50cy52YWx1ZXMoKV0uZXZlcnkoKGNvdW50KSA9PiBjb3VudCA9PT0gMSkpO1xufSk7XG5cbnRlc3QoJ2EgcmVwZWF0ZWQgcnVuIHRoYXQgd2FzIGtpbGxlZCBnb2VzIG9uIHdpdGggaXRzIHJlcGV0aXRpb25zLCBhbmQgaGFuZGxlcyBubyBpdGVtIHR3aWNlJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB2ZW5kb3IgPSBhd2FpdCBsZWRnZXIoNSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAuLi5yZXF1ZXN0cyxcbiAgICAgICd0cmFpbHMvYWxsLnlhbWwnOlxuICAgICAgICAnc3RlcHM6XFxuICAtIGZvci1lYWNoOiBbe2lkOiBhfSwge2lkOiBifV1cXG4gICAgYXM6IG9uZVxcbiAgICBvbmNlLWJ5OiAkLmlkXFxuICAgIHN0ZXBzOiBbe3NlbmQ6IG1ha2Uta2V5ZWQsIGdpdmU6IHtzdWJqZWN0OiBcIiR7b25lLmlkfVwifX1dXFxuICAtIHtzZW5kOiBsb29rLCBnaXZlOiB7c3ViamVjdDogZWFjaH19XFxuJyxcbiAgICB9LFxuICAgIHZlbmRvci5vcmlnaW4sXG4gICk7XG4gIGF3YWl0IGtpbGxlZEF0KFxuICAgIFsncnVuJywgJ2FsbCcsICctLXJlcGVhdCcsICc0J10sXG4gICAgY3dkLFxuICAgIHZlbmRvcixcbiAgICAoc3ViamVjdCkgPT4gc3ViamVjdCA9PT0gJ2VhY2gnICYmICh2ZW5kb3IuYXNrZWQuZ2V0KCdHRVQgZWFjaCcpID8/IDApID09PSAyLFxuICAgIDEsXG4gICk7XG4gIGNvbnN0IGJlZm9yZSA9IHZlbmRvci5hc2tlZC5nZXQoJ0dFVCBlYWNoJykgPz8gMDtcbiAgY29uc3QgcmVzdW1lZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICctLXJlc3VtZScsICdsYXN0JywgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHJlc3VtZWQuc3RhdHVzLCAwLCByZXN1bWVkLmVycik7XG4gIGNvbnN0IHN1bW1hcmllcyA9IGRvY3VtZW50TGluZXMocmVzdW1lZCkuZmlsdGVyKCh7IGV2ZW50IH0pID0+IGV2ZW50ID09PSAnc3VtbWFyeScpO1xuICBhc3NlcnQub2soc3VtbWFyaWVzLmxlbmd0aCA+PSAyICYmIHN1bW1hcmllcy5sZW5ndGggPD0gMywgYCR7c3VtbWFyaWVzLmxlbmd0aH0gcGFzc2VzIHdlcmUgbGVmdGApO1xuICBhc3NlcnQub2soKHZlbmRvci5hc2tlZC5nZXQoJ0dFVCBlYWNoJykgPz8gMCkgPj0gYmVmb3JlICsgMik7XG4gIGFzc2VydC5kZWVwRXF1YWwoW3ZlbmRvci5jb3VudHMuZ2V0KCdhJyksIHZlbmRvci5jb3VudHMuZ2V0KCdiJyldLCBbMSwgMV0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKFt2ZW5kb3IuYXNrZWQuZ2V0KCdQT1NUIGEnKSwgdmVuZG9yLmFza2VkLmdldCgnUE9TVCBiJyldLCBbMSwgMV0pO1xufSk7XG5cbnRlc3QoJ3doYXQgY291bGQgbm90IGJlIHVuZG9uZSBpcyBsaXN0ZWQsIGtlcHQsIGFuZCB0YWtlbiBiYWNrIGJ5IGEgbGF0ZXIgY29tbWFuZCwgbmV3ZXN0IGZpcnN0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB2ZW5kb3IgPSBhd2FpdCBsZWRnZXIoKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgIC4uLnJlcXVlc3RzLFxuICAgICAgJ3RyYWlscy9hbGwueWFtbCc6XG4gICAgICAgICdzdGVwczpcXG4gIC0ge3NlbmQ6IG1ha2UsIGdpdmU6IHtzdWJqZWN0OiBvbmV9LCB1bmRvOiB7c2VuZDogcmVtb3ZlfX1cXG4gIC0ge3NlbmQ6IG1ha2UsIGdpdmU6IHtzdWJqZWN0OiBzdHVja30sIHVuZG86IHtzZW5kOiByZW1vdmV9fVxcbiAgLSB7c2VuZDogbG9vaywgZ2l2ZToge3N1YmplY3Q6IG1pc3Npbmd9fVxcbicsXG4gICAgfSxcbiAgICB2ZW5kb3Iub3JpZ2luLFxuICApO1xuICBjb25zdCBmYWlsZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnYWxsJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2goZmFpbGVkLm91dCwgL2xlZnQgK21ha2UgYnkgcmVtb3ZlW1xcc1xcU10qMSB1bmRvbmUgKzEgbm90IHVuZG9uZS8pO1xuICBhc3NlcnQubWF0Y2goXG4gICAgZmFpbGVkLm91dCxcbiAgICAvbm90IHVuZG9uZTogd2hhdCB0aGVzZSBtYWRlIG1heSBzdGlsbCBiZSB0aGVyZVxcbiArbWFrZSBieSByZW1vdmU6IHN0YXR1czogZXhwZWN0ZWQgdW5kZXIgNDAwLCBmb3VuZCA1MDAvLFxuICApO1xuICBjb25zdCBbLCBydW4gPSAnJ10gPSAvcnVuIC0tdW5kbyAoXFx3KykvLmV4ZWMoZmFpbGVkLm91dCkgPz8gW107XG4gIHZlbmRvci5yZW1vdmVkLmxlbmd0aCA9IDA7XG4gIGNvbnN0IHN0aWxsID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJy0tdW5kbycsIHJ1bl0sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoc3RpbGwuc3RhdHVzLCAxKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbCh2ZW5kb3IucmVtb3ZlZCwgWydtYWRlLXN0dWNrJ10sICd3aGF0IGlzIGdvbmUgYWxyZWFkeSBpcyBub3QgdGFrZW4gYmFjayBhZ2FpbicpO1xuICBhc3NlcnQubWF0Y2goc3RpbGwub3V0LCBuZXcgUmVnRXhwKGBydW4gJHtydW59OiAwIHVuZG9uZSwgMSBub3RgKSk7XG5cbiAgY29uc3Qgd2VsbCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAuLi5yZXF1ZXN0cyxcbiAgICAgICd0cmFpbHMvYWxsLnlhbWwnOlxuICAgICAgICAnc3RlcHM6XFxuICAtIHtzZW5kOiBtYWtlLCBnaXZlOiB7c3ViamVjdDogb25lfSwgdW5kbzoge3NlbmQ6IHJlbW92ZX19XFxuICAtIHtzZW5kOiBtYWtlLCBnaXZlOiB7c3ViamVjdDogdHdvfSwgdW5kbzoge3NlbmQ6IHJlbW92ZX19XFxuJyxcbiAgICB9LFxuICAgIHZlbmRvci5vcmlnaW4sXG4gICk7XG4gIHZlbmRvci5yZW1vdmVkLmxlbmd0aCA9IDA7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2FsbCddLCB7IGN3ZDogd2VsbCB9KSkuc3RhdHVzLCAwKTtcbiAgY29uc3QgdW5kb25lID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJy0tdW5kbycsICdsYXN0JywgJy0tanNvbiddLCB7IGN3ZDogd2VsbCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHVuZG9uZS5zdGF0dXMsIDAsIHVuZG9uZS5lcnIpO1xuICBhc3NlcnQuZGVlcEVxdWFsKHZlbmRvci5yZW1vdmVkLCBbJ21hZGUtdHdvJywgJ21hZGUtb25lJ10pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGRvY3VtZW50TGluZXModW5kb25lKS5hdCgtMSksIHtcbiAgICBldmVudDogJ3VuZG8tc3VtbWFyeScsXG4gICAgcnVuOiBkb2N1bWVudExpbmVzKHVuZG9uZSkuYXQoLTEpPy5ydW4sXG4gICAgdW5kb25lOiAyLFxuICAgIG5vdFVuZG9uZTogMCxcbiAgfSk7XG4gIGNvbnN0IGFnYWluID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJy0tdW5kbycsICdsYXN0J10sIHsgY3dkOiB3ZWxsIH0pO1xuICBhc3NlcnQubWF0Y2goYWdhaW4uZXJyLCAvbGVmdCBub3RoaW5nIHRoYXQgaXMgdG8gYmUgdGFrZW4gYmFjay8pO1xufSk7XG5cbnRlc3QoJ2EgcnVuIHRoYXQgd2FzIGtpbGxlZCBiZWZvcmUgaXRzIHVuZG8gcGFydHMgaXMgdGFrZW4gYmFjayBieSAtLXVuZG8nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHZlbmRvciA9IGF3YWl0IGxlZGdlcigpO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgLi4ucmVxdWVzdHMsXG4gICAgICAndHJhaWxzL2FsbC55YW1sJzpcbiAgICAgICAgJ2lucHV0czoge3N1YmplY3Q6IHt9fVxcbnN0ZXBzOlxcbiAgLSB7c2VuZDogbWFrZSwgdW5kbzoge3NlbmQ6IHJlbW92ZX19XFxuICAtIHtzZW5kOiBsb29rLCBnaXZlOiB7c3ViamVjdDogd2FpdH19XFxuJyxcbiAgICB9LFxuICAgIHZlbmRvci5vcmlnaW4sXG4gICk7XG4gIC8vIExvbmcgYWZ0ZXIgdGhlIHN0ZXAgYmVmb3JlIGhhcyBiZWVuIHdyaXR0ZW4gZG93bi5cbiAgYXdhaXQga2lsbGVkQXQoWydydW4nLCAnYWxsJywgJy0tc2V0JywgJ3N1YmplY3Q9b25lJ10sIGN3ZCwgdmVuZG9yLCAoc3ViamVjdCkgPT4gc3ViamVjdCA9PT0gJ3dhaXQnLCAyMDApO1xuICBjb25zdCB1bmRvbmUgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnLS11bmRvJywgJ2xhc3QnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbCh1bmRvbmUuc3RhdHVzLCAwLCB1bmRvbmUub3V0ICsgdW5kb25lLmVycik7XG4gIGFzc2VydC5kZWVwRXF1YWwodmVuZG9yLnJlbW92ZWQsIFsnbWFkZS1vbmUnXSk7XG59KTtcblxudGVzdCgna2VwdCBzZWNyZXRzIGFuZCB3aGF0IC0tc2V0IGdhdmUgYXJlIHNlYWxlZCBpbiB0aGUgam91cm5hbCwgYW5kIG9wZW4gZm9yIHRoZSBydW4gdGhhdCBnb2VzIG9uJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB2ZW5kb3IgPSBhd2FpdCBsZWRnZXIoKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgIC4uLnJlcXVlc3RzLFxuICAgICAgJ3JlcXVlc3RzL3Rva2VuLnlhbWwnOlxuICAgICAgICAnaW5wdXRzOiB7c3ViamVjdDoge319XFxubWV0aG9kOiBQT1NUXFxudXJsOiAke29yaWdpbn0vdGhpbmdzL3tzdWJqZWN0fVxcbmJvZHk6IHtqc29uOiB7fX1cXG5rZWVwOiB7cGFzczoge2F0OiAkLmlkLCBzZWNyZXQ6IHRydWV9LCB3aG9sZTogJH1cXG4nLFxuICAgICAgJ3RyYWlscy9hbGwueWFtbCc6XG4gICAgICAgICdpbnB1dHM6IHtnaXZlbjoge319XFxuc3RlcHM6XFxuICAtIHtzZW5kOiB0b2tlbiwgZ2l2ZToge3N1YmplY3Q6IHF1YXJ0ZXJkZWNrLTU1MTJ9LCB1bmRvOiB7c2VuZDogcmVtb3ZlLCBnaXZlOiB7bWFkZTogXCIke3Bhc3N9XCJ9fX1cXG4gIC0ge3NlbmQ6IGxvb2ssIGdpdmU6IHtzdWJqZWN0OiB3YWl0fX1cXG4gIC0ge3NlbmQ6IGxvb2ssIGdpdmU6IHtzdWJqZWN0OiBcIiR7cGFzc30tJHtnaXZlbn1cIn19XFxuJyxcbiAgICB9LFxuICAgIHZlbmRvci5vcmlnaW4sXG4gICk7XG4gIGF3YWl0IGtpbGxlZEF0KFsncnVuJywgJ2FsbCcsICctLXNldCcsICdnaXZlbj1oYWx5YXJkLTc3ODEnXSwgY3dkLCB2ZW5kb3IsIChzdWJqZWN0KSA9PiBzdWJqZWN0ID09PSAnd2FpdCcsIDIwMCk7XG4gIGZvciAoY29uc3QgeyBwYXRoLCB0ZXh0IH0gb2YgZXZlcnlGaWxlKGpvaW4oY3dkLCAnLmVjaG8tdHJhaWwnKSkpIHtcbiAgICBpZiAoIXBhdGguaW5jbHVkZXMoJy9ydW5zLycpKSBjb250aW51ZTtcbiAgICBhc3NlcnQub2sodGV4dC5pbmNsdWRlcygnXCJsaW5lXCI6XCJzdGVwXCInKSwgJ3RoZSBzdGVwIGlzIHdyaXR0ZW4gZG93bicpO1xuICAgIGFzc2VydC5vayghdGV4dC5pbmNsdWRlcygnbWFkZS1xdWFydGVyZGVjay01NTEyJyksICdhIGtlcHQgc2VjcmV0IGlzIHNlYWxlZCcpO1xuICAgIGFzc2VydC5vayghdGV4dC5pbmNsdWRlcygnaGFseWFyZC03NzgxJyksICd3aGF0IC0tc2V0IGdhdmUgaXMgc2VhbGVkJyk7XG4gIH1cbiAgY29uc3QgcmVzdW1lZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICctLXJlc3VtZScsICdsYXN0J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwocmVzdW1lZC5zdGF0dXMsIDAsIHJlc3VtZWQub3V0ICsgcmVzdW1lZC5lcnIpO1xuICBhc3NlcnQuZXF1YWwodmVuZG9yLmFza2VkLmdldCgnR0VUIG1hZGUtcXVhcnRlcmRlY2stNTUxMi1oYWx5YXJkLTc3ODEnKSwgMSk7XG4gIGFzc2VydC5lcXVhbCh2ZW5kb3IuY291bnRzLmdldCgncXVhcnRlcmRlY2stNTUxMicpLCAxKTtcbn0pO1xuXG50ZXN0KCdhIHJ1biB0aGF0IGlzIHN0aWxsIHVuZGVyIHdheSwgb3Igd2hvc2UgdHJhaWwgd2FzIGNoYW5nZWQsIGlzIG5vdCBnb25lIG9uIHdpdGgnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHZlbmRvciA9IGF3YWl0IGxlZGdlcigyMCk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7IC4uLnJlcXVlc3RzLCAndHJhaWxzL2FsbC55YW1sJzogJ3Jvd3M6IGRhdGEvcm93cy5jc3ZcXG5zdGVwczogW3tzZW5kOiBsb29rfV1cXG4nLCAnZGF0YS9yb3dzLmNzdic6IHJvd3NPZihtYW55KSB9LFxuICAgIHZlbmRvci5vcmlnaW4sXG4gICk7XG4gIGxldCBzZWNvbmQ6IFByb21pc2U8RW5kZWQ+IHwgdW5kZWZpbmVkO1xuICBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnYWxsJ10sIHtcbiAgICBjd2QsXG4gICAgbWVhbndoaWxlOiAoY2hpbGQpID0+IHtcbiAgICAgIHZlbmRvci5vbkNhbGwgPSAoc3ViamVjdCkgPT4ge1xuICAgICAgICBpZiAoc3ViamVjdCA9PT0gJ3MxMCcpIHNlY29uZCA/Pz0gZWNob1RyYWlsKFsncnVuJywgJy0tcmVzdW1lJywgJ2xhc3QnXSwgeyBjd2QgfSk7XG4gICAgICAgIGlmIChzdWJqZWN0ID09PSAnczgwJykgY2hpbGQua2lsbCgnU0lHS0lMTCcpO1xuICAgICAgfTtcbiAgICB9LFxuICB9KTtcbiAgdmVuZG9yLm9uQ2FsbCA9IHVuZGVmaW5lZDtcbiAgY29uc3QgdW5kZXIgPSAoYXdhaXQgc2Vjb25kKSBhcyBFbmRlZDtcbiAgYXNzZXJ0LmVxdWFsKHVuZGVyLnN0YXR1cywgMik7XG4gIGFzc2VydC5tYXRjaCh1bmRlci5lcnIsIC9ydW4gXFx3KyBpcyBzdGlsbCB1bmRlciB3YXksIGluIHByb2Nlc3MgXFxkKy8pO1xuICB3cml0ZUZpbGVTeW5jKGpvaW4oY3dkLCAndHJhaWxzL2FsbC55YW1sJyksICdyb3dzOiBkYXRhL3Jvd3MuY3N2XFxuc3RlcHM6IFt7c2VuZDogbG9va30sIHtzZW5kOiBsb29rfV1cXG4nKTtcbiAgY29uc3QgY2hhbmdlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICctLXJlc3VtZScsICdsYXN0J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoY2hhbmdlZC5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2goY2hhbmdlZC5lcnIsIC90cmFpbHMgb2YgcnVuIFxcdysgd2VyZSBjaGFuZ2VkIHNpbmNlW1xcc1xcU10qLS1mYWlsZWQtb2YvKTtcbn0pO1xuXG5jb25zdCB3cm9uZzogcmVhZG9ubHkgKHJlYWRvbmx5IFthcmdzOiByZWFkb25seSBzdHJpbmdbXSwgc2F5czogUmVnRXhwXSlbXSA9IFtcbiAgW1sncnVuJ10sIC9ub3RoaW5nIGlzIG5hbWVkL10sXG4gIFtbJ3J1bicsICctLXJlc3VtZScsICd6enp6J10sIC90aGVyZSBpcyBubyBydW4genp6enxubyBydW4gaXMgcmVjb3JkZWQvXSxcbiAgW1sncnVuJywgJ2FsbCcsICctLXJlc3VtZScsICdsYXN0J10sIC8tLXJlc3VtZSB0YWtlcyBhIHJ1biwgd2hpY2gga25vd3Mgd2hhdCBpdCB3YWxrZWQvXSxcbiAgW1sncnVuJywgJy0tcmVzdW1lJywgJ2xhc3QnLCAnLS11bmRvJywgJ2xhc3QnXSwgLy0tcmVzdW1lIGFuZCAtLXVuZG8gY2Fubm90IGJlIGhhZCB0b2dldGhlci9dLFxuICBbWydydW4nLCAnLS1yZXN1bWUnLCAnbGFzdCcsICctLXJvd3MnLCAnLSddLCAvLS1yb3dzOiB0aGUgcnVuIHRoYXQgLS1yZXN1bWUgbmFtZXMga25vd3MgaXRzIG93bi9dLFxuICBbWydydW4nLCAnLS11bmRvJywgJ2xhc3QnLCAnLS1kcnktcnVuJ10sIC8tLWRyeS1ydW4gYW5kIC0tdW5kbyBjYW5ub3QgYmUgaGFkIHRvZ2V0aGVyL10sXG4gIFtbJ3J1bicsICctLXJlc3VtZScsICdsYXN0JywgJy0tZW52JywgJ3NhbmRib3gnXSwgL3RoZSBydW4ga25vd3MgaXRzIGVudmlyb25tZW50L10sXG4gIFtbJ3J1bicsICdhbGwnLCAnLS1ldmVyeScsICc1J10sIC9hIGR1cmF0aW9uIHdpdGggaXRzIHVuaXQvXSxcbiAgW1sncnVuJywgJ2FsbCcsICctLWV2ZXJ5JywgJzVtJywgJy0tdW50aWwnLCAnbGF0ZXInXSwgLy0tdW50aWwgdGFrZXMgb2sgb3IgZmFpbGVkL10sXG4gIFtbJ3J1bicsICdhbGwnLCAnLS11bnRpbCcsICdvayddLCAvLS11bnRpbCBnb2VzIHdpdGgvXSxcbiAgW1sncnVuJywgJ2FsbCcsICctLXJlcGVhdCcsICcwJ10sIC8tLXJlcGVhdC9dLFxuXTtcbmZvciAoY29uc3QgW2FyZ3MsIHNheXNdIG9mIHdyb25nKSB7XG4gIHRlc3QoYCR7YXJncy5qb2luKCcgJyl9IGlzIHJlZnVzZWRgLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHsgLi4ucmVxdWVzdHMsICd0cmFpbHMvYWxsLnlhbWwnOiAnc3RlcHM6IFt7c2VuZDogbG9vaywgZ2l2ZToge3N1YmplY3Q6IGF9fV1cXG4nIH0pO1xuICAgIGNvbnN0IHsgc3RhdHVzLCBlcnIsIG91dCB9ID0gYXdhaXQgZWNob1RyYWlsKGFyZ3MsIHsgY3dkIH0pO1xuICAgIGFzc2VydC5lcXVhbChzdGF0dXMsIDIpO1xuICAgIGFzc2VydC5tYXRjaChlcnIsIHNheXMpO1xuICAgIGFzc2VydC5lcXVhbChvdXQsICcnKTtcbiAgfSk7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLGFBQWEsY0FBYyxxQkFBcUI7QUFDekQsU0FBUyxvQkFBb0I7QUFDN0IsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsT0FBTyxZQUFZO0FBZ0I1QixlQUFlLE9BQU8sT0FBTyxHQUFvQjtBQUMvQyxRQUFNLFNBQVMsb0JBQUksSUFBb0I7QUFDdkMsUUFBTSxRQUFRLG9CQUFJLElBQW9CO0FBQ3RDLFFBQU0sT0FBTyxvQkFBSSxJQUFZO0FBQzdCLFFBQU0sVUFBb0IsQ0FBQztBQUMzQixRQUFNLE1BQW9EO0FBQUEsSUFDeEQsUUFBUTtBQUFBLElBQ1I7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0EsUUFBUTtBQUFBLEVBQ1Y7QUFDQSxRQUFNLFNBQVMsYUFBYSxDQUFDLFNBQVMsYUFBYTtBQUNqRCxVQUFNLFVBQVUsbUJBQW1CLFFBQVEsS0FBSyxNQUFNLEdBQUcsRUFBRSxHQUFHLEVBQUUsS0FBSyxFQUFFO0FBQ3ZFLFVBQU0sSUFBSSxHQUFHLFFBQVEsTUFBTSxJQUFJLE9BQU8sS0FBSyxNQUFNLElBQUksR0FBRyxRQUFRLE1BQU0sSUFBSSxPQUFPLEVBQUUsS0FBSyxLQUFLLENBQUM7QUFDOUYsVUFBTSxTQUFTLENBQUMsUUFBZ0IsU0FBdUI7QUFDckQsaUJBQVcsTUFBTTtBQUNmLGlCQUFTLFVBQVUsUUFBUSxFQUFFLGdCQUFnQixtQkFBbUIsQ0FBQyxFQUFFLElBQUksSUFBSTtBQUFBLE1BQzdFLEdBQUcsSUFBSTtBQUFBLElBQ1Q7QUFDQSxRQUFJLFNBQVMsT0FBTztBQUNwQixRQUFJLFFBQVEsV0FBVyxRQUFRO0FBQzdCLFlBQU0sTUFBTSxRQUFRLFFBQVEsaUJBQWlCO0FBQzdDLFVBQUksUUFBUSxVQUFhLENBQUMsS0FBSyxJQUFJLEdBQUcsRUFBRyxRQUFPLElBQUksVUFBVSxPQUFPLElBQUksT0FBTyxLQUFLLEtBQUssQ0FBQztBQUMzRixVQUFJLFFBQVEsT0FBVyxNQUFLLElBQUksR0FBRztBQUNuQyxhQUFPLFFBQVEsV0FBVyxLQUFLLElBQUksTUFBTSxLQUFLLEtBQUssVUFBVSxFQUFFLElBQUksUUFBUSxPQUFPLEdBQUcsQ0FBQyxDQUFDO0FBQUEsSUFDekYsV0FBVyxRQUFRLFdBQVcsVUFBVTtBQUN0QyxjQUFRLEtBQUssT0FBTztBQUNwQixhQUFPLFFBQVEsU0FBUyxPQUFPLElBQUksTUFBTSxLQUFLLEVBQUU7QUFBQSxJQUNsRCxNQUFPLFFBQU8sUUFBUSxXQUFXLFNBQVMsSUFBSSxNQUFNLEtBQUssS0FBSyxVQUFVLEVBQUUsSUFBSSxRQUFRLENBQUMsQ0FBQztBQUFBLEVBQzFGLENBQUM7QUFDRCxRQUFNLElBQUksUUFBYyxDQUFDLFlBQVksT0FBTyxPQUFPLEdBQUcsYUFBYSxPQUFPLENBQUM7QUFDM0UsUUFBTSxNQUFNO0FBQ1YsV0FBTyxvQkFBb0I7QUFDM0IsV0FBTyxNQUFNO0FBQUEsRUFDZixDQUFDO0FBQ0QsUUFBTSxVQUFVLE9BQU8sUUFBUTtBQUMvQixNQUFJLFNBQVMsb0JBQW9CLE9BQU8sWUFBWSxZQUFZLFVBQVUsUUFBUSxPQUFPLENBQUM7QUFDMUYsU0FBTztBQUNUO0FBRUEsSUFBTSxXQUFXO0FBQUEsRUFDZixzQkFDRTtBQUFBLEVBQ0YsNEJBQ0U7QUFBQSxFQUNGLHNCQUFzQjtBQUFBLEVBQ3RCLHdCQUF3QjtBQUMxQjtBQUVBLElBQU0sU0FBUyxDQUFDLFVBQXFDO0FBQUEsRUFBWSxNQUFNLEtBQUssSUFBSSxDQUFDO0FBQUE7QUFDakYsSUFBTSxPQUFPLE1BQU0sS0FBSyxFQUFFLFFBQVEsSUFBSSxHQUFHLENBQUMsR0FBRyxVQUFVLElBQUksUUFBUSxDQUFDLEVBQUU7QUFTdEUsSUFBTSxZQUFZLENBQUMsVUFDakIsY0FBYyxLQUFLLEVBQUUsS0FBSyxDQUFDLEVBQUUsTUFBTSxNQUFNLFVBQVUsU0FBUztBQUM5RCxJQUFNLFdBQVcsQ0FBQyxZQUNoQixRQUFRLFFBQVEsSUFBSSxDQUFDLFNBQVMsZ0JBQWdCLEtBQUssSUFBSSxJQUFJLENBQUMsS0FBSyxJQUFJO0FBR3ZFLGVBQWUsU0FDYixNQUNBLEtBQ0EsUUFDQSxVQUNBLFFBQVEsR0FDUTtBQUNoQixRQUFNLFFBQVEsTUFBTSxVQUFVLE1BQU07QUFBQSxJQUNsQztBQUFBLElBQ0EsV0FBVyxDQUFDLFVBQVU7QUFDcEIsYUFBTyxTQUFTLENBQUMsWUFBWTtBQUMzQixZQUFJLENBQUMsU0FBUyxPQUFPLEVBQUc7QUFDeEIsWUFBSSxVQUFVLEVBQUcsT0FBTSxLQUFLLFNBQVM7QUFBQSxZQUNoQyxZQUFXLE1BQU0sTUFBTSxLQUFLLFNBQVMsR0FBRyxLQUFLO0FBQUEsTUFDcEQ7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQ0QsU0FBTyxTQUFTO0FBQ2hCLFNBQU87QUFDVDtBQUdBLElBQU0sUUFBd0M7QUFBQSxFQUM1QyxDQUFDLEdBQUcsSUFBSSxHQUFHLElBQUksQ0FBQztBQUFBLEVBQ2hCLENBQUMsSUFBSSxHQUFHLElBQUksSUFBSSxFQUFFO0FBQUEsRUFDbEIsQ0FBQyxJQUFJLElBQUksR0FBRyxJQUFJLEVBQUU7QUFBQSxFQUNsQixDQUFDLElBQUksR0FBRyxJQUFJLElBQUksQ0FBQztBQUNuQjtBQUVBLFdBQVcsQ0FBQyxPQUFPLE9BQU8sS0FBSyxNQUFNLFFBQVEsR0FBRztBQUM5QyxRQUFNLFFBQVEsVUFBVTtBQUN4QixPQUFLLGdCQUFnQixRQUFRLEtBQUssSUFBSSxDQUFDLFNBQVMsUUFBUSxlQUFlLEVBQUUsZ0ZBQWdGLFlBQVk7QUFDbkssVUFBTSxTQUFTLE1BQU0sT0FBTyxDQUFDO0FBQzdCLFVBQU0sTUFBTTtBQUFBLE1BQ1Y7QUFBQSxRQUNFLEdBQUc7QUFBQSxRQUNILG1CQUFtQjtBQUFBO0FBQUE7QUFBQSxZQUFzRCxRQUFRLGVBQWUsTUFBTTtBQUFBO0FBQUE7QUFBQSxRQUN0RyxpQkFBaUIsT0FBTyxJQUFJO0FBQUEsTUFDOUI7QUFBQSxNQUNBLE9BQU87QUFBQSxJQUNUO0FBQ0EsZUFBVyxDQUFDLE1BQU0sTUFBTSxLQUFLLFFBQVEsUUFBUSxHQUFHO0FBQzlDLFlBQU0sT0FBTyxTQUFTLElBQUksQ0FBQyxPQUFPLEtBQUssSUFBSSxDQUFDLE9BQU8sWUFBWSxNQUFNO0FBQ3JFLFVBQUksUUFBUTtBQUNaLFlBQU0sU0FBUyxNQUFNLFNBQVMsTUFBTSxLQUFLLFFBQVEsTUFBTTtBQUNyRCxpQkFBUztBQUNULGVBQU8sVUFBVTtBQUFBLE1BQ25CLENBQUM7QUFDRCxhQUFPLE1BQU0sT0FBTyxRQUFRLElBQUksZUFBZTtBQUFBLElBQ2pEO0FBQ0EsVUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLE9BQU8sWUFBWSxRQUFRLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM5RSxVQUFNLFVBQVUsVUFBVSxPQUFPO0FBRWpDLFVBQU0sVUFBVSxJQUFJLElBQUksU0FBUyxPQUFPLENBQUM7QUFDekMsV0FBTyxNQUFNLFFBQVEsS0FBSyxLQUFLLFFBQVEsS0FBSyxRQUFRLEtBQUssTUFBTTtBQUMvRCxXQUFPLE1BQU0sUUFBUSxLQUFLLFFBQVEsUUFBUSxNQUFNLFFBQVEsR0FBRztBQUMzRCxRQUFJLE1BQU8sUUFBTyxNQUFNLFFBQVEsTUFBTSxHQUFHLG1EQUFtRDtBQUM1RixlQUFXLFdBQVcsTUFBTTtBQUMxQixZQUFNLFFBQVEsT0FBTyxPQUFPLElBQUksT0FBTyxLQUFLO0FBQzVDLGFBQU8sR0FBRyxTQUFTLEdBQUcsR0FBRyxPQUFPLGdCQUFnQixLQUFLLFFBQVE7QUFDN0QsYUFBTyxHQUFHLFFBQVEsSUFBSSxPQUFPLEtBQUssVUFBVSxHQUFHLEdBQUcsT0FBTywrQkFBK0I7QUFBQSxJQUMxRjtBQUFBLEVBQ0YsQ0FBQztBQUNIO0FBRUEsS0FBSywyRkFBMkYsWUFBWTtBQUMxRyxRQUFNLFNBQVMsTUFBTSxPQUFPO0FBQzVCLFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLEdBQUc7QUFBQSxNQUNILHNCQUFzQjtBQUFBLE1BQ3RCLG1CQUNFO0FBQUEsSUFDSjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLFNBQVMsQ0FBQyxPQUFPLEtBQUssR0FBRyxLQUFLLFFBQVEsQ0FBQyxZQUFZLFlBQVksVUFBVTtBQUMvRSxTQUFPLEdBQUcsQ0FBQyxZQUFZLEtBQUssS0FBSyxNQUFNLENBQUMsRUFBRSxTQUFTLFNBQVMsR0FBRywrQ0FBK0M7QUFDOUcsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLE9BQU8sWUFBWSxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDcEUsU0FBTyxNQUFNLFFBQVEsUUFBUSxHQUFHLFFBQVEsTUFBTSxRQUFRLEdBQUc7QUFDekQsUUFBTSxRQUFRLGFBQWEsS0FBSyxLQUFLLGNBQWMsR0FBRyxNQUFNLEVBQUUsS0FBSyxFQUFFLE1BQU0sSUFBSTtBQUMvRSxTQUFPLFVBQVUsT0FBTztBQUFBLElBQ3RCO0FBQUEsSUFDQSxHQUFHLE1BQU0sS0FBSyxFQUFFLFFBQVEsR0FBRyxHQUFHLENBQUMsR0FBRyxPQUFPLEdBQUcsS0FBSyxDQUFDLFVBQVUsS0FBSyxDQUFDLFVBQVUsS0FBSyxDQUFDLEdBQUc7QUFBQSxFQUN2RixDQUFDO0FBQ0QsU0FBTyxHQUFHLENBQUMsR0FBRyxPQUFPLE9BQU8sT0FBTyxDQUFDLEVBQUUsTUFBTSxDQUFDLFVBQVUsVUFBVSxDQUFDLENBQUM7QUFDbkUsU0FBTyxJQUFJLE9BQU8sTUFBTSxJQUFJLGFBQWEsS0FBSyxPQUFPLEdBQUcsMkNBQTJDO0FBQ3JHLENBQUM7QUFFRCxLQUFLLGlGQUFpRixZQUFZO0FBQ2hHLFFBQU0sU0FBUyxNQUFNLE9BQU8sQ0FBQztBQUM3QixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxHQUFHO0FBQUEsTUFDSCxtQkFBbUI7QUFBQSxNQUNuQixpQkFBaUIsT0FBTyxJQUFJO0FBQUEsSUFDOUI7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxHQUFHO0FBQUEsSUFDNUM7QUFBQSxJQUNBLFdBQVcsQ0FBQyxVQUFVO0FBQ3BCLGFBQU8sU0FBUyxDQUFDLFlBQVk7QUFDM0IsWUFBSSxZQUFZLE1BQU8sT0FBTSxLQUFLLFFBQVE7QUFBQSxNQUM1QztBQUFBLElBQ0Y7QUFBQSxFQUNGLENBQUM7QUFDRCxTQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUc7QUFDOUIsUUFBTSxDQUFDLEVBQUUsR0FBRyxJQUFJLHFCQUFxQixLQUFLLE1BQU0sR0FBRyxLQUFLLENBQUM7QUFDekQsU0FBTyxHQUFHLEtBQUssTUFBTSxHQUFHO0FBQ3hCLFFBQU0sRUFBRSxNQUFNLEdBQUcsSUFBSSxVQUFVLE1BQU0sVUFBVSxDQUFDLE9BQU8sWUFBWSxLQUFLLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQyxDQUFDO0FBQzNGLFNBQU8sVUFBVSxDQUFDLElBQUksS0FBSyxJQUFJLEtBQUssTUFBTSxHQUFHLENBQUMsTUFBTSxLQUFLLENBQUMsQ0FBQztBQUMzRCxTQUFPLEdBQUcsS0FBSyxVQUFVLE1BQU0sS0FBSyxTQUFTLEtBQUssR0FBRyxLQUFLLE1BQU0sRUFBRTtBQUNwRSxDQUFDO0FBRUQsS0FBSyxxRUFBcUUsWUFBWTtBQUNwRixRQUFNLFNBQVMsTUFBTSxPQUFPO0FBQzVCLFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLEdBQUc7QUFBQSxNQUNILG1CQUFtQjtBQUFBLE1BQ25CLGlCQUFpQixPQUFPLENBQUMsS0FBSyxZQUFZLEtBQUssVUFBVSxDQUFDO0FBQUEsSUFDNUQ7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3JELFNBQU8sTUFBTSxNQUFNLFFBQVEsQ0FBQztBQUM1QixRQUFNLENBQUMsRUFBRSxNQUFNLEVBQUUsSUFBSSxvQkFBb0IsS0FBSyxNQUFNLEdBQUcsS0FBSyxDQUFDO0FBQzdELGdCQUFjLEtBQUssS0FBSyxlQUFlLEdBQUcsT0FBTyxDQUFDLEtBQUssS0FBSyxLQUFLLFVBQVUsQ0FBQyxDQUFDO0FBQzdFLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxPQUFPLGVBQWUsS0FBSyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDN0UsU0FBTyxVQUFVLFVBQVUsTUFBTSxFQUFFLE1BQU0sRUFBRSxJQUFJLEdBQUcsUUFBUSxHQUFHLFFBQVEsRUFBRSxDQUFDO0FBQ3hFLFNBQU87QUFBQSxJQUNMLENBQUMsS0FBSyxLQUFLLEdBQUcsRUFBRSxJQUFJLENBQUMsWUFBWSxPQUFPLE1BQU0sSUFBSSxPQUFPLE9BQU8sRUFBRSxDQUFDO0FBQUEsSUFDbkUsQ0FBQyxHQUFHLEdBQUcsQ0FBQztBQUFBLEVBQ1Y7QUFDQSxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxlQUFlLFVBQVUsTUFBTSxFQUFFLEdBQUcsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNwRixTQUFPLE1BQU0sTUFBTSxLQUFLLHVCQUF1QjtBQUMvQyxnQkFBYyxLQUFLLEtBQUssZUFBZSxHQUFHLE9BQU8sQ0FBQyxLQUFLLEtBQUssS0FBSyxHQUFHLENBQUMsQ0FBQztBQUN0RSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxlQUFlLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLFFBQVEsQ0FBQztBQUNqRixRQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsT0FBTyxlQUFlLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQztBQUN2RSxTQUFPLFVBQVUsQ0FBQyxRQUFRLFFBQVEsd0JBQXdCLEtBQUssUUFBUSxHQUFHLENBQUMsR0FBRyxDQUFDLEdBQUcsSUFBSSxDQUFDO0FBQ3pGLENBQUM7QUFFRCxLQUFLLG1GQUFtRixZQUFZO0FBQ2xHLFFBQU0sU0FBUyxNQUFNLE9BQU8sQ0FBQztBQUM3QixRQUFNLE1BQU0sS0FBSyxJQUFJLENBQUMsTUFBTSxPQUFRLEtBQUssTUFBTSxJQUFJLE9BQU8sV0FBVyxJQUFJLEVBQUc7QUFDNUUsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0UsR0FBRztBQUFBLE1BQ0gsbUJBQW1CO0FBQUEsTUFDbkIsaUJBQWlCLE9BQU8sR0FBRztBQUFBLElBQzdCO0FBQUEsSUFDQSxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3ZDLGdCQUFjLEtBQUssS0FBSyxlQUFlLEdBQUcsT0FBTyxLQUFLLElBQUksQ0FBQyxNQUFNLE9BQVEsS0FBSyxNQUFNLElBQUksT0FBTyxVQUFVLElBQUksRUFBRyxDQUFDLENBQUM7QUFDbEgsUUFBTSxTQUFTLENBQUMsT0FBTyxlQUFlLE1BQU0sR0FBRyxLQUFLLFFBQVEsQ0FBQyxZQUFZLFlBQVksWUFBWTtBQUNqRyxRQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsT0FBTyxZQUFZLFFBQVEsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzlFLFFBQU0sRUFBRSxLQUFLLElBQUksVUFBVSxPQUFPO0FBQ2xDLFNBQU8sVUFBVSxDQUFDLFFBQVEsUUFBUSxLQUFLLElBQUksS0FBSyxNQUFNLEdBQUcsQ0FBQyxHQUFHLElBQUksQ0FBQyxHQUFHLFFBQVEsR0FBRztBQUNoRixTQUFPLE1BQU0sT0FBTyxNQUFNLElBQUksUUFBUSxHQUFHLEdBQUcsNENBQTRDO0FBQ3hGLFNBQU8sR0FBRyxDQUFDLEdBQUcsT0FBTyxPQUFPLE9BQU8sQ0FBQyxFQUFFLE1BQU0sQ0FBQyxVQUFVLFVBQVUsQ0FBQyxDQUFDO0FBQ3JFLENBQUM7QUFFRCxLQUFLLDBGQUEwRixZQUFZO0FBQ3pHLFFBQU0sU0FBUyxNQUFNLE9BQU8sQ0FBQztBQUM3QixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxHQUFHO0FBQUEsTUFDSCxtQkFDRTtBQUFBLElBQ0o7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBQ0EsUUFBTTtBQUFBLElBQ0osQ0FBQyxPQUFPLE9BQU8sWUFBWSxHQUFHO0FBQUEsSUFDOUI7QUFBQSxJQUNBO0FBQUEsSUFDQSxDQUFDLFlBQVksWUFBWSxXQUFXLE9BQU8sTUFBTSxJQUFJLFVBQVUsS0FBSyxPQUFPO0FBQUEsSUFDM0U7QUFBQSxFQUNGO0FBQ0EsUUFBTSxTQUFTLE9BQU8sTUFBTSxJQUFJLFVBQVUsS0FBSztBQUMvQyxRQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsT0FBTyxZQUFZLFFBQVEsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzlFLFNBQU8sTUFBTSxRQUFRLFFBQVEsR0FBRyxRQUFRLEdBQUc7QUFDM0MsUUFBTSxZQUFZLGNBQWMsT0FBTyxFQUFFLE9BQU8sQ0FBQyxFQUFFLE1BQU0sTUFBTSxVQUFVLFNBQVM7QUFDbEYsU0FBTyxHQUFHLFVBQVUsVUFBVSxLQUFLLFVBQVUsVUFBVSxHQUFHLEdBQUcsVUFBVSxNQUFNLG1CQUFtQjtBQUNoRyxTQUFPLElBQUksT0FBTyxNQUFNLElBQUksVUFBVSxLQUFLLE1BQU0sU0FBUyxDQUFDO0FBQzNELFNBQU8sVUFBVSxDQUFDLE9BQU8sT0FBTyxJQUFJLEdBQUcsR0FBRyxPQUFPLE9BQU8sSUFBSSxHQUFHLENBQUMsR0FBRyxDQUFDLEdBQUcsQ0FBQyxDQUFDO0FBQ3pFLFNBQU8sVUFBVSxDQUFDLE9BQU8sTUFBTSxJQUFJLFFBQVEsR0FBRyxPQUFPLE1BQU0sSUFBSSxRQUFRLENBQUMsR0FBRyxDQUFDLEdBQUcsQ0FBQyxDQUFDO0FBQ25GLENBQUM7QUFFRCxLQUFLLDZGQUE2RixZQUFZO0FBQzVHLFFBQU0sU0FBUyxNQUFNLE9BQU87QUFDNUIsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0UsR0FBRztBQUFBLE1BQ0gsbUJBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQSxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssR0FBRyxFQUFFLElBQUksQ0FBQztBQUN0RCxTQUFPLE1BQU0sT0FBTyxLQUFLLG1EQUFtRDtBQUM1RSxTQUFPO0FBQUEsSUFDTCxPQUFPO0FBQUEsSUFDUDtBQUFBLEVBQ0Y7QUFDQSxRQUFNLENBQUMsRUFBRSxNQUFNLEVBQUUsSUFBSSxtQkFBbUIsS0FBSyxPQUFPLEdBQUcsS0FBSyxDQUFDO0FBQzdELFNBQU8sUUFBUSxTQUFTO0FBQ3hCLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLFVBQVUsR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzdELFNBQU8sTUFBTSxNQUFNLFFBQVEsQ0FBQztBQUM1QixTQUFPLFVBQVUsT0FBTyxTQUFTLENBQUMsWUFBWSxHQUFHLDhDQUE4QztBQUMvRixTQUFPLE1BQU0sTUFBTSxLQUFLLElBQUksT0FBTyxPQUFPLEdBQUcsbUJBQW1CLENBQUM7QUFFakUsUUFBTSxPQUFPO0FBQUEsSUFDWDtBQUFBLE1BQ0UsR0FBRztBQUFBLE1BQ0gsbUJBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQSxPQUFPO0FBQUEsRUFDVDtBQUNBLFNBQU8sUUFBUSxTQUFTO0FBQ3hCLFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssR0FBRyxFQUFFLEtBQUssS0FBSyxDQUFDLEdBQUcsUUFBUSxDQUFDO0FBQ3ZFLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxPQUFPLFVBQVUsUUFBUSxRQUFRLEdBQUcsRUFBRSxLQUFLLEtBQUssQ0FBQztBQUNqRixTQUFPLE1BQU0sT0FBTyxRQUFRLEdBQUcsT0FBTyxHQUFHO0FBQ3pDLFNBQU8sVUFBVSxPQUFPLFNBQVMsQ0FBQyxZQUFZLFVBQVUsQ0FBQztBQUN6RCxTQUFPLFVBQVUsY0FBYyxNQUFNLEVBQUUsR0FBRyxFQUFFLEdBQUc7QUFBQSxJQUM3QyxPQUFPO0FBQUEsSUFDUCxLQUFLLGNBQWMsTUFBTSxFQUFFLEdBQUcsRUFBRSxHQUFHO0FBQUEsSUFDbkMsUUFBUTtBQUFBLElBQ1IsV0FBVztBQUFBLEVBQ2IsQ0FBQztBQUNELFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLFVBQVUsTUFBTSxHQUFHLEVBQUUsS0FBSyxLQUFLLENBQUM7QUFDdEUsU0FBTyxNQUFNLE1BQU0sS0FBSyx1Q0FBdUM7QUFDakUsQ0FBQztBQUVELEtBQUssdUVBQXVFLFlBQVk7QUFDdEYsUUFBTSxTQUFTLE1BQU0sT0FBTztBQUM1QixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxHQUFHO0FBQUEsTUFDSCxtQkFDRTtBQUFBLElBQ0o7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBRUEsUUFBTSxTQUFTLENBQUMsT0FBTyxPQUFPLFNBQVMsYUFBYSxHQUFHLEtBQUssUUFBUSxDQUFDLFlBQVksWUFBWSxRQUFRLEdBQUc7QUFDeEcsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLE9BQU8sVUFBVSxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDakUsU0FBTyxNQUFNLE9BQU8sUUFBUSxHQUFHLE9BQU8sTUFBTSxPQUFPLEdBQUc7QUFDdEQsU0FBTyxVQUFVLE9BQU8sU0FBUyxDQUFDLFVBQVUsQ0FBQztBQUMvQyxDQUFDO0FBRUQsS0FBSyxpR0FBaUcsWUFBWTtBQUNoSCxRQUFNLFNBQVMsTUFBTSxPQUFPO0FBQzVCLFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLEdBQUc7QUFBQSxNQUNILHVCQUNFO0FBQUEsTUFDRixtQkFDRTtBQUFBLElBQ0o7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBQ0EsUUFBTSxTQUFTLENBQUMsT0FBTyxPQUFPLFNBQVMsb0JBQW9CLEdBQUcsS0FBSyxRQUFRLENBQUMsWUFBWSxZQUFZLFFBQVEsR0FBRztBQUMvRyxhQUFXLEVBQUUsTUFBTSxLQUFLLEtBQUssVUFBVSxLQUFLLEtBQUssYUFBYSxDQUFDLEdBQUc7QUFDaEUsUUFBSSxDQUFDLEtBQUssU0FBUyxRQUFRLEVBQUc7QUFDOUIsV0FBTyxHQUFHLEtBQUssU0FBUyxlQUFlLEdBQUcsMEJBQTBCO0FBQ3BFLFdBQU8sR0FBRyxDQUFDLEtBQUssU0FBUyx1QkFBdUIsR0FBRyx5QkFBeUI7QUFDNUUsV0FBTyxHQUFHLENBQUMsS0FBSyxTQUFTLGNBQWMsR0FBRywyQkFBMkI7QUFBQSxFQUN2RTtBQUNBLFFBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxPQUFPLFlBQVksTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3BFLFNBQU8sTUFBTSxRQUFRLFFBQVEsR0FBRyxRQUFRLE1BQU0sUUFBUSxHQUFHO0FBQ3pELFNBQU8sTUFBTSxPQUFPLE1BQU0sSUFBSSx3Q0FBd0MsR0FBRyxDQUFDO0FBQzFFLFNBQU8sTUFBTSxPQUFPLE9BQU8sSUFBSSxrQkFBa0IsR0FBRyxDQUFDO0FBQ3ZELENBQUM7QUFFRCxLQUFLLGtGQUFrRixZQUFZO0FBQ2pHLFFBQU0sU0FBUyxNQUFNLE9BQU8sRUFBRTtBQUM5QixRQUFNLE1BQU07QUFBQSxJQUNWLEVBQUUsR0FBRyxVQUFVLG1CQUFtQixnREFBZ0QsaUJBQWlCLE9BQU8sSUFBSSxFQUFFO0FBQUEsSUFDaEgsT0FBTztBQUFBLEVBQ1Q7QUFDQSxNQUFJO0FBQ0osUUFBTSxVQUFVLENBQUMsT0FBTyxLQUFLLEdBQUc7QUFBQSxJQUM5QjtBQUFBLElBQ0EsV0FBVyxDQUFDLFVBQVU7QUFDcEIsYUFBTyxTQUFTLENBQUMsWUFBWTtBQUMzQixZQUFJLFlBQVksTUFBTyxZQUFXLFVBQVUsQ0FBQyxPQUFPLFlBQVksTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2hGLFlBQUksWUFBWSxNQUFPLE9BQU0sS0FBSyxTQUFTO0FBQUEsTUFDN0M7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQ0QsU0FBTyxTQUFTO0FBQ2hCLFFBQU0sUUFBUyxNQUFNO0FBQ3JCLFNBQU8sTUFBTSxNQUFNLFFBQVEsQ0FBQztBQUM1QixTQUFPLE1BQU0sTUFBTSxLQUFLLDRDQUE0QztBQUNwRSxnQkFBYyxLQUFLLEtBQUssaUJBQWlCLEdBQUcsNERBQTREO0FBQ3hHLFFBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxPQUFPLFlBQVksTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3BFLFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLHdEQUF3RDtBQUNwRixDQUFDO0FBRUQsSUFBTSxRQUF1RTtBQUFBLEVBQzNFLENBQUMsQ0FBQyxLQUFLLEdBQUcsa0JBQWtCO0FBQUEsRUFDNUIsQ0FBQyxDQUFDLE9BQU8sWUFBWSxNQUFNLEdBQUcseUNBQXlDO0FBQUEsRUFDdkUsQ0FBQyxDQUFDLE9BQU8sT0FBTyxZQUFZLE1BQU0sR0FBRyxrREFBa0Q7QUFBQSxFQUN2RixDQUFDLENBQUMsT0FBTyxZQUFZLFFBQVEsVUFBVSxNQUFNLEdBQUcsNENBQTRDO0FBQUEsRUFDNUYsQ0FBQyxDQUFDLE9BQU8sWUFBWSxRQUFRLFVBQVUsR0FBRyxHQUFHLG1EQUFtRDtBQUFBLEVBQ2hHLENBQUMsQ0FBQyxPQUFPLFVBQVUsUUFBUSxXQUFXLEdBQUcsNkNBQTZDO0FBQUEsRUFDdEYsQ0FBQyxDQUFDLE9BQU8sWUFBWSxRQUFRLFNBQVMsU0FBUyxHQUFHLCtCQUErQjtBQUFBLEVBQ2pGLENBQUMsQ0FBQyxPQUFPLE9BQU8sV0FBVyxHQUFHLEdBQUcsMEJBQTBCO0FBQUEsRUFDM0QsQ0FBQyxDQUFDLE9BQU8sT0FBTyxXQUFXLE1BQU0sV0FBVyxPQUFPLEdBQUcsNEJBQTRCO0FBQUEsRUFDbEYsQ0FBQyxDQUFDLE9BQU8sT0FBTyxXQUFXLElBQUksR0FBRyxtQkFBbUI7QUFBQSxFQUNyRCxDQUFDLENBQUMsT0FBTyxPQUFPLFlBQVksR0FBRyxHQUFHLFVBQVU7QUFDOUM7QUFDQSxXQUFXLENBQUMsTUFBTSxJQUFJLEtBQUssT0FBTztBQUNoQyxPQUFLLEdBQUcsS0FBSyxLQUFLLEdBQUcsQ0FBQyxlQUFlLFlBQVk7QUFDL0MsVUFBTSxNQUFNLGFBQWEsRUFBRSxHQUFHLFVBQVUsbUJBQW1CLDhDQUE4QyxDQUFDO0FBQzFHLFVBQU0sRUFBRSxRQUFRLEtBQUssSUFBSSxJQUFJLE1BQU0sVUFBVSxNQUFNLEVBQUUsSUFBSSxDQUFDO0FBQzFELFdBQU8sTUFBTSxRQUFRLENBQUM7QUFDdEIsV0FBTyxNQUFNLEtBQUssSUFBSTtBQUN0QixXQUFPLE1BQU0sS0FBSyxFQUFFO0FBQUEsRUFDdEIsQ0FBQztBQUNIOyIsCiAgIm5hbWVzIjogW10KfQo=
