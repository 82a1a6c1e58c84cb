import {
  harbourForThisFile
} from "../parts/chunk-XS4PZGFO.js";
import {
  startFleet
} from "../parts/chunk-7VNSEZX4.js";
import "../parts/chunk-DQ7YWKYH.js";
import "../parts/chunk-PT2BEWRF.js";
import "../parts/chunk-V5NERUUT.js";
import "../parts/chunk-T4I6LV4Y.js";
import "../parts/chunk-Y4XV6NBT.js";
import {
  collectionOf,
  demoCollection,
  documentLines,
  echoTrail,
  everyFile,
  writeIn
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/fleets.test.ts
import assert from "node:assert/strict";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { after, test } from "node:test";
var standin = await harbourForThisFile();
var fleet = await startFleet();
after(() => fleet.close());
var rows = fleet.controllers.map(({ name, host }) => `${name},${host},http://${host}`);
function fleetCollection() {
  const cwd = demoCollection(standin.origin);
  writeFileSync(join(cwd, "data/controllers.csv"), `name,host,origin
${rows.join("\n")}
`);
  return cwd;
}
var matrixOf = (ended) => documentLines(ended).find(({ event }) => event === "matrix");
test("an audit of a fleet: hosts by checks, each deviation, and a host that is not there is a result", async () => {
  const cwd = fleetCollection();
  const ended = await echoTrail(["run", "lights-audit", "--env", "fleet", "--matrix", "--json"], { cwd });
  assert.equal(ended.status, 3);
  const { checks, subjects, deviations } = matrixOf(ended);
  assert.deepEqual(checks, ["settings", "health"]);
  assert.equal(subjects.length, 12);
  assert.deepEqual(
    subjects.filter(({ results }) => results.settings !== "ok").map(({ name, results }) => [name, results.settings]),
    [
      ["light-04", "failed"],
      ["light-07", "failed"],
      ["light-10", "failed"],
      ["light-12", "unreachable"]
    ]
  );
  assert.deepEqual(
    deviations.map(({ subject, place, expected, found }) => [subject, place, expected, found]).slice(0, 3),
    [
      ["light-04", "$.brightness", "80", "60"],
      ["light-07", "$.firmware", '"2.1.3"', '"2.0.9"'],
      ["light-10", "$.lamp", '"lit"', '"dark"']
    ]
  );
  assert.equal(deviations.at(-1)?.subject, "light-12");
  const shown = await echoTrail(["run", "lights-audit", "--env", "fleet", "--matrix"], { cwd });
  assert.match(shown.out, /light-03 +ok +ok\nlight-04 +failed +-\n/);
  assert.match(shown.out, /light-12 +no answer +-\n[\s\S]*7 deviations\n[\s\S]*light-04 +\$\.brightness +80 +60/);
});
test("rows bring their own origin and their own secrets by key; a secret that one lacks fails that row alone", async () => {
  const heads = [];
  const server = await rawServer((head) => {
    heads.push(head);
    return answerOf("{}");
  });
  const cwd = collectionOf(
    {
      "environments/fleet.yaml": 'changes: allow\nvariables: {origin: "${row.origin}"}\nhosts: [127.0.0.1]\n',
      "requests/r.yaml": 'inputs: {name: {}}\nurl: ${origin}/{name}\nheaders: {X-Pass: "${secret.pass[name]}"}\n',
      "trails/t.yaml": `rows: [{name: a, origin: "${server.origin}/x"}, {name: b, origin: "${server.origin}/y"}, {name: c, origin: "${server.origin}/z"}]
steps: [{send: r}]
`
    },
    server.origin
  );
  const env = { ECHO_TRAIL_SECRET_PASS_A: "alder-1001-xx", ECHO_TRAIL_SECRET_PASS_B: "birch-2002-xx" };
  const ended = await echoTrail(["run", "t", "--env", "fleet"], { cwd, env });
  assert.equal(ended.status, 4, ended.out);
  assert.match(ended.out, /row 3[\s\S]*pass\[c\] is not set[\s\S]*2 of 3 rows, 1 failed/);
  assert.deepEqual(
    heads.map((head) => [/^GET (\S+)/.exec(head)?.[1], /x-pass: (\S+)/i.exec(head)?.[1]]),
    [
      ["/x/a", "alder-1001-xx"],
      ["/y/b", "birch-2002-xx"]
    ]
  );
  await server.close();
});
test("several environments, one after the other; one whose host is not there does not end the others", async () => {
  const server = await rawServer(() => answerOf('{"depth": 9}'));
  const other = await rawServer(() => answerOf('{"depth": 7}'));
  const environment = (origin) => `changes: allow
variables: {origin: "${origin}"}
hosts: [127.0.0.1]
`;
  const cwd = collectionOf({
    "environments/north.yaml": environment(server.origin),
    "environments/south.yaml": environment("http://127.0.0.1:9"),
    "environments/west.yaml": environment(other.origin),
    "requests/depth.yaml": "url: ${origin}/depth\nexpect: {$.depth: 9}\n",
    "trails/t.yaml": "steps: [{send: depth}, {name: again, send: depth}]\n"
  });
  const ended = await echoTrail(["run", "t", "--env", "north,south,west", "--json"], { cwd });
  assert.equal(ended.status, 3, ended.err);
  const { subjects, deviations } = matrixOf(ended);
  assert.deepEqual(
    subjects.map(({ name, results }) => [name, results]),
    [
      ["north", { depth: "ok", again: "ok" }],
      ["south", {}],
      ["west", { depth: "failed" }]
    ]
  );
  assert.deepEqual(
    deviations.map(({ subject, place, found }) => [subject, place, found]),
    [
      ["south", "answer", "127.0.0.1:9 is there, and nothing listens on that port"],
      ["west", "$.depth", "7"]
    ]
  );
  const steps = documentLines(ended).filter(({ event }) => event === "step");
  assert.deepEqual([...new Set(steps.map((step) => step.environment))], ["north", "west"]);
  const wrong = await echoTrail(["run", "t", "--env", "north,nowhere"], { cwd });
  assert.equal(wrong.status, 4);
  assert.match(wrong.err, /there is no environment nowhere/);
  assert.equal(wrong.out, "", "nothing is walked before all are read");
  const shown = await echoTrail(["run", "t", "--env", "north,west"], { cwd });
  assert.match(shown.out, /north +ok +ok\nwest +failed +-/);
  await Promise.all([server.close(), other.close()]);
});
test("a baseline is written, and written anew, only when it is accepted, after showing the difference", async () => {
  let depth = 9;
  const server = await rawServer(
    () => answerOf(JSON.stringify({ depth, at: Math.random(), pass: "seal-of-office-11" }))
  );
  const cwd = collectionOf(
    {
      "requests/depth.yaml": "url: ${origin}/depth\nexpect: {$: {same-as: {file: data/depth.json, ignoring: [$.at]}}}\n"
    },
    server.origin
  );
  const missing = await echoTrail(["run", "depth"], { cwd });
  assert.equal(missing.status, 1);
  assert.match(missing.out, /there is no data\/depth\.json yet; run --accept writes it/);
  const made = await echoTrail(["run", "depth", "--accept"], { cwd });
  assert.equal(made.status, 0, made.out);
  assert.match(made.err, /accept +data\/depth\.json \(there was none\)/);
  const first = JSON.parse(readFileSync(join(cwd, "data/depth.json"), "utf8"));
  assert.equal(first.depth, 9);
  assert.equal((await echoTrail(["run", "depth"], { cwd })).status, 0);
  depth = 7;
  const differs = await echoTrail(["run", "depth"], { cwd });
  assert.equal(differs.status, 1);
  assert.match(differs.out, /\$\.depth is 7, not 9/);
  assert.equal(JSON.parse(readFileSync(join(cwd, "data/depth.json"), "utf8")).depth, 9);
  const accepted = await echoTrail(["run", "depth", "--accept"], { cwd });
  assert.match(accepted.err, /accept +data\/depth\.json\n +\$\.depth +9 becomes 7/);
  assert.equal((await echoTrail(["run", "depth"], { cwd })).status, 0);
  await server.close();
});
test("an answer that is wrong in another way is not accepted as a baseline", async () => {
  let count = 0;
  const server = await rawServer(() => {
    count += 1;
    return answerOf('{"depth": 1}', count % 2 === 1 ? { status: "503 Busy", headers: ["retry-after: 0"] } : {});
  });
  const depth = "url: ${origin}/depth\nexpect: {status: 200, $: {same-as: data/depth.json}}\n";
  const cwd = collectionOf(
    {
      "requests/depth.yaml": `${depth}retry: none
`,
      "requests/patient.yaml": `${depth}retry: {wait: 10ms}
`
    },
    server.origin
  );
  const refused = await echoTrail(["run", "depth", "--accept"], { cwd });
  assert.equal(refused.status, 1, refused.out);
  assert.equal(existsSync(join(cwd, "data/depth.json")), false);
  count = 0;
  const well = await echoTrail(["run", "patient", "--accept"], { cwd });
  assert.equal(well.status, 0, well.out);
  assert.equal(well.err.match(/accept/g)?.length, 1);
  await server.close();
});
test("an answer is held against a recorded one", async () => {
  let depth = 9;
  const server = await rawServer(() => answerOf(JSON.stringify({ depth })));
  const cwd = collectionOf({ "requests/depth.yaml": "url: ${origin}/depth\n" }, server.origin);
  const [, id = ""] = /echo +(\w{4}\.1)/.exec((await echoTrail(["send", "depth"], { cwd })).err) ?? [];
  writeIn(cwd, "requests/same.yaml", `url: \${origin}/depth
expect: {$: {same-as: ${id}}}
`);
  const same = await echoTrail(["send", "same"], { cwd });
  assert.equal(same.status, 0, `${id}: ${same.err}`);
  depth = 8;
  const differs = await echoTrail(["send", "same"], { cwd });
  assert.match(differs.err, /\$\.depth is 8, not 9/);
  await server.close();
});
var streams = [
  ["csv", 'name,n\na,1\n"b c",2\n', ["a", "b%20c"]],
  ["lines of json", '{"name": "a"}\n\n{"name": "b"}\n', ["a", "b"]],
  ["a json list", ' [{"name": "a"}, {"name": "]\\"["}]', ["a", "%5D%22%5B"]],
  ["nothing", "", []]
];
for (const [name, input, asked] of streams) {
  test(`rows from standard input: ${name}`, async () => {
    const paths = [];
    const server = await rawServer((head) => {
      paths.push((/^GET \/(\S*)/.exec(head) ?? [])[1] ?? "");
      return answerOf("{}");
    });
    const cwd = collectionOf({ "requests/r.yaml": "inputs: {name: {}}\nurl: ${origin}/{name}\n" }, server.origin);
    const ended = await echoTrail(["run", "r", "--rows", "-"], { cwd, input });
    assert.equal(ended.status, 0, ended.out + ended.err);
    assert.deepEqual(paths, asked);
    await server.close();
  });
}
test("rows from a list that is worked out, and from a json file; faults in it name what is wrong", async () => {
  const cwd = collectionOf(
    {
      "echo-trail.yaml": "name: t\nenvironment: sandbox\nvariables: {names: [a, b]}\n",
      "requests/mirror.yaml": 'inputs: {value: {}}\nurl: ${origin}/mirror\nquery: {v: "${value}"}\n',
      "trails/list.yaml": 'rows: ${names}\nsteps: [{send: mirror}]\ntable: {columns: {v: "${value}"}}\n',
      "trails/file.yaml": "rows: data/x.json\nsteps: [{send: mirror}]\n",
      "trails/none.yaml": "inputs: {x: {default: 5}}\nrows: ${x}\nsteps: [{send: mirror}]\n",
      "data/x.json": '[{"value": 1}, {"value": 2}'
    },
    standin.origin
  );
  const list = await echoTrail(["run", "list"], { cwd });
  assert.match(list.out, /v\n +a\n +b\n[\s\S]*2 of 2 rows/);
  const torn = await echoTrail(["run", "file"], { cwd });
  assert.equal(torn.status, 2);
  assert.match(torn.err, /data\/x\.json ends in the middle of its list/);
  writeFileSync(join(cwd, "data/x.json"), '{"value": 1}');
  assert.match((await echoTrail(["run", "file"], { cwd })).err, /is not a JSON list of objects/);
  writeFileSync(join(cwd, "data/x.json"), '[{"value": 1}, 7]');
  assert.match((await echoTrail(["run", "file"], { cwd })).err, /item 2 of data\/x\.json must be a JSON object/);
  assert.match((await echoTrail(["run", "none"], { cwd })).err, /rows must be a list/);
});
test("--stop-at-first-failure begins no further row", async () => {
  const paths = [];
  const server = await rawServer((head) => {
    const path = (/^GET \/(\S*)/.exec(head) ?? [])[1] ?? "";
    paths.push(path);
    return answerOf("{}", path === "3" ? { status: "500 Broken" } : {});
  });
  const cwd = collectionOf(
    {
      "requests/r.yaml": "inputs: {value: {}}\nurl: ${origin}/{value}\n",
      "trails/t.yaml": "rows: [1, 2, 3, 4, 5]\nsteps: [{send: r}]\n"
    },
    server.origin
  );
  const ended = await echoTrail(["run", "t", "--stop-at-first-failure"], { cwd });
  assert.equal(ended.status, 1);
  assert.deepEqual(paths, ["1", "2", "3"]);
  paths.length = 0;
  const resumed = await echoTrail(["run", "--resume", "last"], { cwd });
  assert.equal(resumed.status, 1);
  assert.deepEqual(paths, ["4", "5"], "what was not begun is begun now");
  await server.close();
});
test("--dry-run does everything but the sending", async () => {
  const cwd = demoCollection("http://127.0.0.1:9");
  const ended = await echoTrail(["run", "berth-stay", "--dry-run"], {
    cwd,
    env: { ECHO_TRAIL_SECRET_DESK_PASSWORD: "tidewater-42" }
  });
  assert.equal(ended.status, 0, ended.out + ended.err);
  assert.match(ended.out, /ok +vessels\/show +GET http:\/\/127\.0\.0\.1:9\/v1\/vessels\/9000017/);
  assert.match(ended.out, /calls\/book +POST http:\/\/127\.0\.0\.1:9\/v1\/vessels\/9000017\/calls/);
  assert.match(ended.out, /nothing was sent/);
  assert.equal(existsSync(join(cwd, ".echo-trail/runs")), false);
  assert.deepEqual(
    everyFile(cwd).filter(({ path }) => path.includes("/echoes/")),
    []
  );
  const wrong = await echoTrail(["run", "calls/book", "--dry-run", "--set", "nights=99"], { cwd });
  assert.equal(wrong.status, 2, wrong.out);
});
test("--dry-run of rows, iterations, tables, comparisons and undo parts leaves nothing behind and judges nothing", async () => {
  const cwd = demoCollection("http://127.0.0.1:9");
  const harvest = await echoTrail(["run", "notices-harvest", "--dry-run"], { cwd });
  assert.equal(harvest.status, 0, harvest.out);
  assert.match(harvest.out, /number 1: board\/notice +GET http:\/\/127\.0\.0\.1:9\/board\/notices\/1 /);
  assert.match(harvest.out, /and 80 more: --json has them all/);
  assert.equal(existsSync(join(cwd, "data/notices.csv")), false);
  const change = await echoTrail(["run", "lights-change", "--dry-run"], { cwd });
  assert.equal(change.status, 0, change.out);
  assert.doesNotMatch(change.out, /undone|left|should have changed/);
  const rows2 = await echoTrail(["run", "register-check", "--dry-run"], { cwd });
  assert.match(rows2.out, /row 1 \(\d+\): vessels\/show +GET http/);
});
test("what was interrupted of many has not failed, and is not counted", async () => {
  const server = await rawServer((head, socket) => {
    if (head.includes("/3 ")) return void 0;
    setTimeout(() => socket.write(answerOf("{}")), 5);
    return void 0;
  });
  const cwd = collectionOf(
    {
      "requests/r.yaml": "inputs: {value: {}}\nurl: ${origin}/{value}\n",
      "trails/t.yaml": "rows: [1, 2, 3, 4]\nat-once: 2\nsteps: [{send: r}]\n"
    },
    server.origin
  );
  const ended = await echoTrail(["run", "t"], {
    cwd,
    meanwhile: (child) => setTimeout(() => child.kill("SIGINT"), 2500)
  });
  assert.equal(ended.status, 130);
  assert.match(ended.out, /t: interrupted +3 of 3 rows +3 steps/);
  assert.doesNotMatch(ended.out, /failed/);
  await server.close();
});
test("--repeat, --every and --until: as often as is wished, and no longer than is needed", async () => {
  let count = 0;
  const times = [];
  const server = await rawServer(() => {
    count += 1;
    times.push(performance.now());
    return answerOf(JSON.stringify({ state: count >= 3 ? "ready" : "not yet" }));
  });
  const cwd = collectionOf({ "requests/r.yaml": "url: ${origin}/r\nexpect: {$.state: ready}\n" }, server.origin);
  const until = await echoTrail(["run", "r", "--every", "150ms", "--until", "ok"], { cwd });
  assert.deepEqual([until.status, count], [0, 3], until.out);
  assert.ok((times[2] ?? 0) - (times[0] ?? 0) >= 200);
  count = 2;
  const four = await echoTrail(["run", "r", "--repeat", "4"], { cwd });
  assert.deepEqual([four.status, count], [0, 6]);
  count = 0;
  const failed = await echoTrail(["run", "r", "--repeat", "9", "--until", "failed"], { cwd });
  assert.deepEqual([failed.status, count], [1, 1]);
  count = 10;
  const forever = await echoTrail(["run", "r", "--every", "100ms"], {
    cwd,
    meanwhile: (child) => setTimeout(() => child.kill("SIGINT"), 1500)
  });
  assert.equal(forever.status, 130);
  assert.ok(count > 12, `${count}`);
  await server.close();
});
var twoSteps = { "trails/t.yaml": "steps: [{send: r}, {send: r}]\n", "requests/r.yaml": "url: ${origin}/r\n" };
test("a host that is not there is found before the first step, and nothing is sent", async () => {
  const ended = await echoTrail(["run", "t"], { cwd: collectionOf(twoSteps, "http://127.0.0.1:9") });
  assert.equal(ended.status, 3);
  assert.match(
    ended.err,
    /127\.0\.0\.1:9 is there, and nothing listens on that port\nat +looking ahead\ntry +nothing was sent/
  );
  const named = await echoTrail(["run", "t"], { cwd: collectionOf(twoSteps, "http://nowhere.larkhaven.example") });
  assert.equal(named.status, 3);
  assert.match(named.err, /nowhere\.larkhaven\.example is a name that is not known/);
});
for (const [spec, status, says] of [
  ['at-least: "2.1"', 0, /all well/],
  ['at-least: "2.9", under: "3"', 0, /all well/],
  ['at-least: "2.11"', 4, /is of version 2\.10\.3, and the environment sandbox wants at least 2\.11/],
  ['under: "2.10"', 4, /wants under 2\.10/]
]) {
  test(`the version of the vendor is looked at first: ${spec}`, async () => {
    const paths = [];
    const server = await rawServer((head) => {
      paths.push((/^GET (\S*)/.exec(head) ?? [])[1] ?? "");
      return answerOf('{"api": "2.10.3"}');
    });
    const cwd = collectionOf({
      ...twoSteps,
      "requests/version.yaml": "url: ${origin}/version\n",
      "environments/sandbox.yaml": `changes: allow
variables: {origin: "${server.origin}"}
hosts: [127.0.0.1]
version: {request: version, at: $.api, ${spec}}
`
    });
    const ended = await echoTrail(["run", "t"], { cwd });
    assert.equal(ended.status, status, ended.out + ended.err);
    assert.match(ended.out + ended.err, says);
    assert.deepEqual(paths, status === 0 ? ["/version", "/r", "/r"] : ["/version"]);
    await server.close();
  });
}
test("a folder of trails is walked, one after the other", async () => {
  const server = await rawServer(() => answerOf("{}"));
  const cwd = collectionOf(
    {
      "requests/r.yaml": "url: ${origin}/r\n",
      "trails/night/a.yaml": "steps: [{send: r}]\n",
      "trails/night/b.yaml": "steps: [{send: r}, {send: r}]\n",
      "trails/day.yaml": "steps: [{send: r}]\n"
    },
    server.origin
  );
  const ended = await echoTrail(["run", "night"], { cwd });
  assert.equal(ended.status, 0, ended.err);
  assert.match(ended.out, /night\/a: all well[\s\S]*night\/b: all well/);
  assert.doesNotMatch(ended.out, /day/);
  await server.close();
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL2ZsZWV0cy50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogTWFueSBob3N0cywgbWFueSByb3dzLCBtYW55IHRpbWVzOiBtYXRyaWNlcywgZW52aXJvbm1lbnRzIHNpZGUgYnkgc2lkZSwgYmFzZWxpbmVzLCBsb29raW5nIGFoZWFkLCBhbmQgcmVwZWF0aW5nLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgZXhpc3RzU3luYywgcmVhZEZpbGVTeW5jLCB3cml0ZUZpbGVTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB7IGFmdGVyLCB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IHN0YXJ0RmxlZXQgfSBmcm9tICcuLi8uLi9zcmMvc3RhbmRpbi9mbGVldC9mbGVldC5qcyc7XG5pbXBvcnQgeyBjb2xsZWN0aW9uT2YsIGRlbW9Db2xsZWN0aW9uLCBldmVyeUZpbGUsIHdyaXRlSW4gfSBmcm9tICcuLi9zdXBwb3J0L2ZvbGRlci5qcyc7XG5pbXBvcnQgeyBkb2N1bWVudExpbmVzLCB0eXBlIEVuZGVkLCBlY2hvVHJhaWwgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuaW1wb3J0IHsgYW5zd2VyT2YsIHJhd1NlcnZlciB9IGZyb20gJy4uL3N1cHBvcnQvcmF3LXNlcnZlci5qcyc7XG5pbXBvcnQgeyBoYXJib3VyRm9yVGhpc0ZpbGUgfSBmcm9tICcuLi9zdXBwb3J0L3N0YW5kaW4uanMnO1xuXG5jb25zdCBzdGFuZGluID0gYXdhaXQgaGFyYm91ckZvclRoaXNGaWxlKCk7XG5jb25zdCBmbGVldCA9IGF3YWl0IHN0YXJ0RmxlZXQoKTtcbmFmdGVyKCgpID0+IGZsZWV0LmNsb3NlKCkpO1xuXG5jb25zdCByb3dzID0gZmxlZXQuY29udHJvbGxlcnMubWFwKCh7IG5hbWUsIGhvc3QgfSkgPT4gYCR7bmFtZX0sJHtob3N0fSxodHRwOi8vJHtob3N0fWApO1xuZnVuY3Rpb24gZmxlZXRDb2xsZWN0aW9uKCk6IHN0cmluZyB7XG4gIGNvbnN0IGN3ZCA9IGRlbW9Db2xsZWN0aW9uKHN0YW5kaW4ub3JpZ2luKTtcbiAgd3JpdGVGaWxlU3luYyhqb2luKGN3ZCwgJ2RhdGEvY29udHJvbGxlcnMuY3N2JyksIGBuYW1lLGhvc3Qsb3JpZ2luXFxuJHtyb3dzLmpvaW4oJ1xcbicpfVxcbmApO1xuICByZXR1cm4gY3dkO1xufVxuXG5pbnRlcmZhY2UgTWF0cml4RG9jdW1lbnQge1xuICByZWFkb25seSBjaGVja3M6IHJlYWRvbmx5IHN0cmluZ1tdO1xuICByZWFkb25seSBzdWJqZWN0czogcmVhZG9ubHkgeyByZWFkb25seSBuYW1lOiBzdHJpbmc7IHJlYWRvbmx5IHJlc3VsdHM6IFJlY29yZDxzdHJpbmcsIHN0cmluZz4gfVtdO1xuICByZWFkb25seSBkZXZpYXRpb25zOiByZWFkb25seSB7XG4gICAgcmVhZG9ubHkgc3ViamVjdDogc3RyaW5nO1xuICAgIHJlYWRvbmx5IHBsYWNlOiBzdHJpbmc7XG4gICAgcmVhZG9ubHkgZXhwZWN0ZWQ6IHN0cmluZztcbiAgICByZWFkb25seSBmb3VuZDogc3RyaW5nO1xuICB9W107XG59XG5jb25zdCBtYXRyaXhPZiA9IChlbmRlZDogRW5kZWQpOiBNYXRyaXhEb2N1bWVudCA9PlxuICBkb2N1bWVudExpbmVzKGVuZGVkKS5maW5kKCh7IGV2ZW50IH0pID0+IGV2ZW50ID09PSAnbWF0cml4JykgYXMgdW5rbm93biBhcyBNYXRyaXhEb2N1bWVudDtcblxudGVzdCgnYW4gYXVkaXQgb2YgYSBmbGVldDogaG9zdHMgYnkgY2hlY2tzLCBlYWNoIGRldmlhdGlvbiwgYW5kIGEgaG9zdCB0aGF0IGlzIG5vdCB0aGVyZSBpcyBhIHJlc3VsdCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gZmxlZXRDb2xsZWN0aW9uKCk7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2xpZ2h0cy1hdWRpdCcsICctLWVudicsICdmbGVldCcsICctLW1hdHJpeCcsICctLWpzb24nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDMpO1xuICBjb25zdCB7IGNoZWNrcywgc3ViamVjdHMsIGRldmlhdGlvbnMgfSA9IG1hdHJpeE9mKGVuZGVkKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChjaGVja3MsIFsnc2V0dGluZ3MnLCAnaGVhbHRoJ10pO1xuICBhc3NlcnQuZXF1YWwoc3ViamVjdHMubGVuZ3RoLCAxMik7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgc3ViamVjdHMuZmlsdGVyKCh7IHJlc3VsdHMgfSkgPT4gcmVzdWx0cy5zZXR0aW5ncyAhPT0gJ29rJykubWFwKCh7IG5hbWUsIHJlc3VsdHMgfSkgPT4gW25hbWUsIHJlc3VsdHMuc2V0dGluZ3NdKSxcbiAgICBbXG4gICAgICBbJ2xpZ2h0LTA0JywgJ2ZhaWxlZCddLFxuICAgICAgWydsaWdodC0wNycsICdmYWlsZWQnXSxcbiAgICAgIFsnbGlnaHQtMTAnLCAnZmFpbGVkJ10sXG4gICAgICBbJ2xpZ2h0LTEyJywgJ3VucmVhY2hhYmxlJ10sXG4gICAgXSxcbiAgKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBkZXZpYXRpb25zLm1hcCgoeyBzdWJqZWN0LCBwbGFjZSwgZXhwZWN0ZWQsIGZvdW5kIH0pID0+IFtzdWJqZWN0LCBwbGFjZSwgZXhwZWN0ZWQsIGZvdW5kXSkuc2xpY2UoMCwgMyksXG4gICAgW1xuICAgICAgWydsaWdodC0wNCcsICckLmJyaWdodG5lc3MnLCAnODAnLCAnNjAnXSxcbiAgICAgIFsnbGlnaHQtMDcnLCAnJC5maXJtd2FyZScsICdcIjIuMS4zXCInLCAnXCIyLjAuOVwiJ10sXG4gICAgICBbJ2xpZ2h0LTEwJywgJyQubGFtcCcsICdcImxpdFwiJywgJ1wiZGFya1wiJ10sXG4gICAgXSxcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKGRldmlhdGlvbnMuYXQoLTEpPy5zdWJqZWN0LCAnbGlnaHQtMTInKTtcbiAgY29uc3Qgc2hvd24gPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnbGlnaHRzLWF1ZGl0JywgJy0tZW52JywgJ2ZsZWV0JywgJy0tbWF0cml4J10sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2goc2hvd24ub3V0LCAvbGlnaHQtMDMgK29rICtva1xcbmxpZ2h0LTA0ICtmYWlsZWQgKy1cXG4vKTtcbiAgYXNzZXJ0Lm1hdGNoKHNob3duLm91dCwgL2xpZ2h0LTEyICtubyBhbnN3ZXIgKy1cXG5bXFxzXFxTXSo3IGRldmlhdGlvbnNcXG5bXFxzXFxTXSpsaWdodC0wNCArXFwkXFwuYnJpZ2h0bmVzcyArODAgKzYwLyk7XG59KTtcblxudGVzdCgncm93cyBicmluZyB0aGVpciBvd24gb3JpZ2luIGFuZCB0aGVpciBvd24gc2VjcmV0cyBieSBrZXk7IGEgc2VjcmV0IHRoYXQgb25lIGxhY2tzIGZhaWxzIHRoYXQgcm93IGFsb25lJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBoZWFkczogc3RyaW5nW10gPSBbXTtcbiAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKChoZWFkKSA9PiB7XG4gICAgaGVhZHMucHVzaChoZWFkKTtcbiAgICByZXR1cm4gYW5zd2VyT2YoJ3t9Jyk7XG4gIH0pO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ2Vudmlyb25tZW50cy9mbGVldC55YW1sJzogJ2NoYW5nZXM6IGFsbG93XFxudmFyaWFibGVzOiB7b3JpZ2luOiBcIiR7cm93Lm9yaWdpbn1cIn1cXG5ob3N0czogWzEyNy4wLjAuMV1cXG4nLFxuICAgICAgJ3JlcXVlc3RzL3IueWFtbCc6ICdpbnB1dHM6IHtuYW1lOiB7fX1cXG51cmw6ICR7b3JpZ2lufS97bmFtZX1cXG5oZWFkZXJzOiB7WC1QYXNzOiBcIiR7c2VjcmV0LnBhc3NbbmFtZV19XCJ9XFxuJyxcbiAgICAgICd0cmFpbHMvdC55YW1sJzogYHJvd3M6IFt7bmFtZTogYSwgb3JpZ2luOiBcIiR7c2VydmVyLm9yaWdpbn0veFwifSwge25hbWU6IGIsIG9yaWdpbjogXCIke3NlcnZlci5vcmlnaW59L3lcIn0sIHtuYW1lOiBjLCBvcmlnaW46IFwiJHtzZXJ2ZXIub3JpZ2lufS96XCJ9XVxcbnN0ZXBzOiBbe3NlbmQ6IHJ9XVxcbmAsXG4gICAgfSxcbiAgICBzZXJ2ZXIub3JpZ2luLFxuICApO1xuICBjb25zdCBlbnYgPSB7IEVDSE9fVFJBSUxfU0VDUkVUX1BBU1NfQTogJ2FsZGVyLTEwMDEteHgnLCBFQ0hPX1RSQUlMX1NFQ1JFVF9QQVNTX0I6ICdiaXJjaC0yMDAyLXh4JyB9O1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICd0JywgJy0tZW52JywgJ2ZsZWV0J10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDQsIGVuZGVkLm91dCk7XG4gIGFzc2VydC5tYXRjaChlbmRlZC5vdXQsIC9yb3cgM1tcXHNcXFNdKnBhc3NcXFtjXFxdIGlzIG5vdCBzZXRbXFxzXFxTXSoyIG9mIDMgcm93cywgMSBmYWlsZWQvKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBoZWFkcy5tYXAoKGhlYWQpID0+IFsvXkdFVCAoXFxTKykvLmV4ZWMoaGVhZCk/LlsxXSwgL3gtcGFzczogKFxcUyspL2kuZXhlYyhoZWFkKT8uWzFdXSksXG4gICAgW1xuICAgICAgWycveC9hJywgJ2FsZGVyLTEwMDEteHgnXSxcbiAgICAgIFsnL3kvYicsICdiaXJjaC0yMDAyLXh4J10sXG4gICAgXSxcbiAgKTtcbiAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG59KTtcblxudGVzdCgnc2V2ZXJhbCBlbnZpcm9ubWVudHMsIG9uZSBhZnRlciB0aGUgb3RoZXI7IG9uZSB3aG9zZSBob3N0IGlzIG5vdCB0aGVyZSBkb2VzIG5vdCBlbmQgdGhlIG90aGVycycsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKCgpID0+IGFuc3dlck9mKCd7XCJkZXB0aFwiOiA5fScpKTtcbiAgY29uc3Qgb3RoZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKCkgPT4gYW5zd2VyT2YoJ3tcImRlcHRoXCI6IDd9JykpO1xuICBjb25zdCBlbnZpcm9ubWVudCA9IChvcmlnaW46IHN0cmluZyk6IHN0cmluZyA9PlxuICAgIGBjaGFuZ2VzOiBhbGxvd1xcbnZhcmlhYmxlczoge29yaWdpbjogXCIke29yaWdpbn1cIn1cXG5ob3N0czogWzEyNy4wLjAuMV1cXG5gO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoe1xuICAgICdlbnZpcm9ubWVudHMvbm9ydGgueWFtbCc6IGVudmlyb25tZW50KHNlcnZlci5vcmlnaW4pLFxuICAgICdlbnZpcm9ubWVudHMvc291dGgueWFtbCc6IGVudmlyb25tZW50KCdodHRwOi8vMTI3LjAuMC4xOjknKSxcbiAgICAnZW52aXJvbm1lbnRzL3dlc3QueWFtbCc6IGVudmlyb25tZW50KG90aGVyLm9yaWdpbiksXG4gICAgJ3JlcXVlc3RzL2RlcHRoLnlhbWwnOiAndXJsOiAke29yaWdpbn0vZGVwdGhcXG5leHBlY3Q6IHskLmRlcHRoOiA5fVxcbicsXG4gICAgJ3RyYWlscy90LnlhbWwnOiAnc3RlcHM6IFt7c2VuZDogZGVwdGh9LCB7bmFtZTogYWdhaW4sIHNlbmQ6IGRlcHRofV1cXG4nLFxuICB9KTtcbiAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndCcsICctLWVudicsICdub3J0aCxzb3V0aCx3ZXN0JywgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGVuZGVkLnN0YXR1cywgMywgZW5kZWQuZXJyKTtcbiAgY29uc3QgeyBzdWJqZWN0cywgZGV2aWF0aW9ucyB9ID0gbWF0cml4T2YoZW5kZWQpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIHN1YmplY3RzLm1hcCgoeyBuYW1lLCByZXN1bHRzIH0pID0+IFtuYW1lLCByZXN1bHRzXSksXG4gICAgW1xuICAgICAgWydub3J0aCcsIHsgZGVwdGg6ICdvaycsIGFnYWluOiAnb2snIH1dLFxuICAgICAgWydzb3V0aCcsIHt9XSxcbiAgICAgIFsnd2VzdCcsIHsgZGVwdGg6ICdmYWlsZWQnIH1dLFxuICAgIF0sXG4gICk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgZGV2aWF0aW9ucy5tYXAoKHsgc3ViamVjdCwgcGxhY2UsIGZvdW5kIH0pID0+IFtzdWJqZWN0LCBwbGFjZSwgZm91bmRdKSxcbiAgICBbXG4gICAgICBbJ3NvdXRoJywgJ2Fuc3dlcicsICcxMjcuMC4wLjE6OSBpcyB0aGVyZSwgYW5kIG5vdGhpbmcgbGlzdGVucyBvbiB0aGF0IHBvcnQnXSxcbiAgICAgIFsnd2VzdCcsICckLmRlcHRoJywgJzcnXSxcbiAgICBdLFxuICApO1xuICBjb25zdCBzdGVwcyA9IGRvY3VtZW50TGluZXMoZW5kZWQpLmZpbHRlcigoeyBldmVudCB9KSA9PiBldmVudCA9PT0gJ3N0ZXAnKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChbLi4ubmV3IFNldChzdGVwcy5tYXAoKHN0ZXApID0+IHN0ZXAuZW52aXJvbm1lbnQpKV0sIFsnbm9ydGgnLCAnd2VzdCddKTtcbiAgY29uc3Qgd3JvbmcgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndCcsICctLWVudicsICdub3J0aCxub3doZXJlJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwod3Jvbmcuc3RhdHVzLCA0KTtcbiAgYXNzZXJ0Lm1hdGNoKHdyb25nLmVyciwgL3RoZXJlIGlzIG5vIGVudmlyb25tZW50IG5vd2hlcmUvKTtcbiAgYXNzZXJ0LmVxdWFsKHdyb25nLm91dCwgJycsICdub3RoaW5nIGlzIHdhbGtlZCBiZWZvcmUgYWxsIGFyZSByZWFkJyk7XG4gIGNvbnN0IHNob3duID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnLCAnLS1lbnYnLCAnbm9ydGgsd2VzdCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKHNob3duLm91dCwgL25vcnRoICtvayArb2tcXG53ZXN0ICtmYWlsZWQgKy0vKTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwoW3NlcnZlci5jbG9zZSgpLCBvdGhlci5jbG9zZSgpXSk7XG59KTtcblxudGVzdCgnYSBiYXNlbGluZSBpcyB3cml0dGVuLCBhbmQgd3JpdHRlbiBhbmV3LCBvbmx5IHdoZW4gaXQgaXMgYWNjZXB0ZWQsIGFmdGVyIHNob3dpbmcgdGhlIGRpZmZlcmVuY2UnLCBhc3luYyAoKSA9PiB7XG4gIGxldCBkZXB0aCA9IDk7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoKSA9PlxuICAgIGFuc3dlck9mKEpTT04uc3RyaW5naWZ5KHsgZGVwdGgsIGF0OiBNYXRoLnJhbmRvbSgpLCBwYXNzOiAnc2VhbC1vZi1vZmZpY2UtMTEnIH0pKSxcbiAgKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgICdyZXF1ZXN0cy9kZXB0aC55YW1sJzpcbiAgICAgICAgJ3VybDogJHtvcmlnaW59L2RlcHRoXFxuZXhwZWN0OiB7JDoge3NhbWUtYXM6IHtmaWxlOiBkYXRhL2RlcHRoLmpzb24sIGlnbm9yaW5nOiBbJC5hdF19fX1cXG4nLFxuICAgIH0sXG4gICAgc2VydmVyLm9yaWdpbixcbiAgKTtcbiAgY29uc3QgbWlzc2luZyA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdkZXB0aCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKG1pc3Npbmcuc3RhdHVzLCAxKTtcbiAgYXNzZXJ0Lm1hdGNoKG1pc3Npbmcub3V0LCAvdGhlcmUgaXMgbm8gZGF0YVxcL2RlcHRoXFwuanNvbiB5ZXQ7IHJ1biAtLWFjY2VwdCB3cml0ZXMgaXQvKTtcbiAgY29uc3QgbWFkZSA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdkZXB0aCcsICctLWFjY2VwdCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKG1hZGUuc3RhdHVzLCAwLCBtYWRlLm91dCk7XG4gIGFzc2VydC5tYXRjaChtYWRlLmVyciwgL2FjY2VwdCArZGF0YVxcL2RlcHRoXFwuanNvbiBcXCh0aGVyZSB3YXMgbm9uZVxcKS8pO1xuICBjb25zdCBmaXJzdCA9IEpTT04ucGFyc2UocmVhZEZpbGVTeW5jKGpvaW4oY3dkLCAnZGF0YS9kZXB0aC5qc29uJyksICd1dGY4JykpIGFzIHsgZGVwdGg6IG51bWJlciB9O1xuICBhc3NlcnQuZXF1YWwoZmlyc3QuZGVwdGgsIDkpO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdkZXB0aCddLCB7IGN3ZCB9KSkuc3RhdHVzLCAwKTtcbiAgZGVwdGggPSA3O1xuICBjb25zdCBkaWZmZXJzID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2RlcHRoJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoZGlmZmVycy5zdGF0dXMsIDEpO1xuICBhc3NlcnQubWF0Y2goZGlmZmVycy5vdXQsIC9cXCRcXC5kZXB0aCBpcyA3LCBub3QgOS8pO1xuICBhc3NlcnQuZXF1YWwoKEpTT04ucGFyc2UocmVhZEZpbGVTeW5jKGpvaW4oY3dkLCAnZGF0YS9kZXB0aC5qc29uJyksICd1dGY4JykpIGFzIHsgZGVwdGg6IG51bWJlciB9KS5kZXB0aCwgOSk7XG4gIGNvbnN0IGFjY2VwdGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2RlcHRoJywgJy0tYWNjZXB0J10sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2goYWNjZXB0ZWQuZXJyLCAvYWNjZXB0ICtkYXRhXFwvZGVwdGhcXC5qc29uXFxuICtcXCRcXC5kZXB0aCArOSBiZWNvbWVzIDcvKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnZGVwdGgnXSwgeyBjd2QgfSkpLnN0YXR1cywgMCk7XG4gIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xufSk7XG5cbnRlc3QoJ2FuIGFuc3dlciB0aGF0IGlzIHdyb25nIGluIGFub3RoZXIgd2F5IGlzIG5vdCBhY2NlcHRlZCBhcyBhIGJhc2VsaW5lJywgYXN5bmMgKCkgPT4ge1xuICBsZXQgY291bnQgPSAwO1xuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKCkgPT4ge1xuICAgIGNvdW50ICs9IDE7XG4gICAgcmV0dXJuIGFuc3dlck9mKCd7XCJkZXB0aFwiOiAxfScsIGNvdW50ICUgMiA9PT0gMSA/IHsgc3RhdHVzOiAnNTAzIEJ1c3knLCBoZWFkZXJzOiBbJ3JldHJ5LWFmdGVyOiAwJ10gfSA6IHt9KTtcbiAgfSk7XG4gIGNvbnN0IGRlcHRoID0gJ3VybDogJHtvcmlnaW59L2RlcHRoXFxuZXhwZWN0OiB7c3RhdHVzOiAyMDAsICQ6IHtzYW1lLWFzOiBkYXRhL2RlcHRoLmpzb259fVxcbic7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvZGVwdGgueWFtbCc6IGAke2RlcHRofXJldHJ5OiBub25lXFxuYCxcbiAgICAgICdyZXF1ZXN0cy9wYXRpZW50LnlhbWwnOiBgJHtkZXB0aH1yZXRyeToge3dhaXQ6IDEwbXN9XFxuYCxcbiAgICB9LFxuICAgIHNlcnZlci5vcmlnaW4sXG4gICk7XG4gIGNvbnN0IHJlZnVzZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnZGVwdGgnLCAnLS1hY2NlcHQnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChyZWZ1c2VkLnN0YXR1cywgMSwgcmVmdXNlZC5vdXQpO1xuICBhc3NlcnQuZXF1YWwoZXhpc3RzU3luYyhqb2luKGN3ZCwgJ2RhdGEvZGVwdGguanNvbicpKSwgZmFsc2UpO1xuICBjb3VudCA9IDA7XG4gIGNvbnN0IHdlbGwgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAncGF0aWVudCcsICctLWFjY2VwdCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHdlbGwuc3RhdHVzLCAwLCB3ZWxsLm91dCk7XG4gIGFzc2VydC5lcXVhbCh3ZWxsLmVyci5tYXRjaCgvYWNjZXB0L2cpPy5sZW5ndGgsIDEpO1xuICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdhbiBhbnN3ZXIgaXMgaGVsZCBhZ2FpbnN0IGEgcmVjb3JkZWQgb25lJywgYXN5bmMgKCkgPT4ge1xuICBsZXQgZGVwdGggPSA5O1xuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKCkgPT4gYW5zd2VyT2YoSlNPTi5zdHJpbmdpZnkoeyBkZXB0aCB9KSkpO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoeyAncmVxdWVzdHMvZGVwdGgueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9kZXB0aFxcbicgfSwgc2VydmVyLm9yaWdpbik7XG4gIGNvbnN0IFssIGlkID0gJyddID0gL2VjaG8gKyhcXHd7NH1cXC4xKS8uZXhlYygoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdkZXB0aCddLCB7IGN3ZCB9KSkuZXJyKSA/PyBbXTtcbiAgd3JpdGVJbihjd2QsICdyZXF1ZXN0cy9zYW1lLnlhbWwnLCBgdXJsOiBcXCR7b3JpZ2lufS9kZXB0aFxcbmV4cGVjdDogeyQ6IHtzYW1lLWFzOiAke2lkfX19XFxuYCk7XG4gIGNvbnN0IHNhbWUgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3NhbWUnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChzYW1lLnN0YXR1cywgMCwgYCR7aWR9OiAke3NhbWUuZXJyfWApO1xuICBkZXB0aCA9IDg7XG4gIGNvbnN0IGRpZmZlcnMgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3NhbWUnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5tYXRjaChkaWZmZXJzLmVyciwgL1xcJFxcLmRlcHRoIGlzIDgsIG5vdCA5Lyk7XG4gIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xufSk7XG5cbmNvbnN0IHN0cmVhbXM6IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZTogc3RyaW5nLCBpbnB1dDogc3RyaW5nLCBhc2tlZDogcmVhZG9ubHkgc3RyaW5nW11dKVtdID0gW1xuICBbJ2NzdicsICduYW1lLG5cXG5hLDFcXG5cImIgY1wiLDJcXG4nLCBbJ2EnLCAnYiUyMGMnXV0sXG4gIFsnbGluZXMgb2YganNvbicsICd7XCJuYW1lXCI6IFwiYVwifVxcblxcbntcIm5hbWVcIjogXCJiXCJ9XFxuJywgWydhJywgJ2InXV0sXG4gIFsnYSBqc29uIGxpc3QnLCAnIFt7XCJuYW1lXCI6IFwiYVwifSwge1wibmFtZVwiOiBcIl1cXFxcXCJbXCJ9XScsIFsnYScsICclNUQlMjIlNUInXV0sXG4gIFsnbm90aGluZycsICcnLCBbXV0sXG5dO1xuZm9yIChjb25zdCBbbmFtZSwgaW5wdXQsIGFza2VkXSBvZiBzdHJlYW1zKSB7XG4gIHRlc3QoYHJvd3MgZnJvbSBzdGFuZGFyZCBpbnB1dDogJHtuYW1lfWAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCBwYXRoczogc3RyaW5nW10gPSBbXTtcbiAgICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKGhlYWQpID0+IHtcbiAgICAgIHBhdGhzLnB1c2goKC9eR0VUIFxcLyhcXFMqKS8uZXhlYyhoZWFkKSA/PyBbXSlbMV0gPz8gJycpO1xuICAgICAgcmV0dXJuIGFuc3dlck9mKCd7fScpO1xuICAgIH0pO1xuICAgIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7ICdyZXF1ZXN0cy9yLnlhbWwnOiAnaW5wdXRzOiB7bmFtZToge319XFxudXJsOiAke29yaWdpbn0ve25hbWV9XFxuJyB9LCBzZXJ2ZXIub3JpZ2luKTtcbiAgICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdyJywgJy0tcm93cycsICctJ10sIHsgY3dkLCBpbnB1dCB9KTtcbiAgICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwLCBlbmRlZC5vdXQgKyBlbmRlZC5lcnIpO1xuICAgIGFzc2VydC5kZWVwRXF1YWwocGF0aHMsIGFza2VkKTtcbiAgICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbiAgfSk7XG59XG5cbnRlc3QoJ3Jvd3MgZnJvbSBhIGxpc3QgdGhhdCBpcyB3b3JrZWQgb3V0LCBhbmQgZnJvbSBhIGpzb24gZmlsZTsgZmF1bHRzIGluIGl0IG5hbWUgd2hhdCBpcyB3cm9uZycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgICdlY2hvLXRyYWlsLnlhbWwnOiAnbmFtZTogdFxcbmVudmlyb25tZW50OiBzYW5kYm94XFxudmFyaWFibGVzOiB7bmFtZXM6IFthLCBiXX1cXG4nLFxuICAgICAgJ3JlcXVlc3RzL21pcnJvci55YW1sJzogJ2lucHV0czoge3ZhbHVlOiB7fX1cXG51cmw6ICR7b3JpZ2lufS9taXJyb3JcXG5xdWVyeToge3Y6IFwiJHt2YWx1ZX1cIn1cXG4nLFxuICAgICAgJ3RyYWlscy9saXN0LnlhbWwnOiAncm93czogJHtuYW1lc31cXG5zdGVwczogW3tzZW5kOiBtaXJyb3J9XVxcbnRhYmxlOiB7Y29sdW1uczoge3Y6IFwiJHt2YWx1ZX1cIn19XFxuJyxcbiAgICAgICd0cmFpbHMvZmlsZS55YW1sJzogJ3Jvd3M6IGRhdGEveC5qc29uXFxuc3RlcHM6IFt7c2VuZDogbWlycm9yfV1cXG4nLFxuICAgICAgJ3RyYWlscy9ub25lLnlhbWwnOiAnaW5wdXRzOiB7eDoge2RlZmF1bHQ6IDV9fVxcbnJvd3M6ICR7eH1cXG5zdGVwczogW3tzZW5kOiBtaXJyb3J9XVxcbicsXG4gICAgICAnZGF0YS94Lmpzb24nOiAnW3tcInZhbHVlXCI6IDF9LCB7XCJ2YWx1ZVwiOiAyfScsXG4gICAgfSxcbiAgICBzdGFuZGluLm9yaWdpbixcbiAgKTtcbiAgY29uc3QgbGlzdCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdsaXN0J10sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2gobGlzdC5vdXQsIC92XFxuICthXFxuICtiXFxuW1xcc1xcU10qMiBvZiAyIHJvd3MvKTtcbiAgY29uc3QgdG9ybiA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdmaWxlJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwodG9ybi5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2godG9ybi5lcnIsIC9kYXRhXFwveFxcLmpzb24gZW5kcyBpbiB0aGUgbWlkZGxlIG9mIGl0cyBsaXN0Lyk7XG4gIHdyaXRlRmlsZVN5bmMoam9pbihjd2QsICdkYXRhL3guanNvbicpLCAne1widmFsdWVcIjogMX0nKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnZmlsZSddLCB7IGN3ZCB9KSkuZXJyLCAvaXMgbm90IGEgSlNPTiBsaXN0IG9mIG9iamVjdHMvKTtcbiAgd3JpdGVGaWxlU3luYyhqb2luKGN3ZCwgJ2RhdGEveC5qc29uJyksICdbe1widmFsdWVcIjogMX0sIDddJyk7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2ZpbGUnXSwgeyBjd2QgfSkpLmVyciwgL2l0ZW0gMiBvZiBkYXRhXFwveFxcLmpzb24gbXVzdCBiZSBhIEpTT04gb2JqZWN0Lyk7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ25vbmUnXSwgeyBjd2QgfSkpLmVyciwgL3Jvd3MgbXVzdCBiZSBhIGxpc3QvKTtcbn0pO1xuXG50ZXN0KCctLXN0b3AtYXQtZmlyc3QtZmFpbHVyZSBiZWdpbnMgbm8gZnVydGhlciByb3cnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHBhdGhzOiBzdHJpbmdbXSA9IFtdO1xuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKGhlYWQpID0+IHtcbiAgICBjb25zdCBwYXRoID0gKC9eR0VUIFxcLyhcXFMqKS8uZXhlYyhoZWFkKSA/PyBbXSlbMV0gPz8gJyc7XG4gICAgcGF0aHMucHVzaChwYXRoKTtcbiAgICByZXR1cm4gYW5zd2VyT2YoJ3t9JywgcGF0aCA9PT0gJzMnID8geyBzdGF0dXM6ICc1MDAgQnJva2VuJyB9IDoge30pO1xuICB9KTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgICdyZXF1ZXN0cy9yLnlhbWwnOiAnaW5wdXRzOiB7dmFsdWU6IHt9fVxcbnVybDogJHtvcmlnaW59L3t2YWx1ZX1cXG4nLFxuICAgICAgJ3RyYWlscy90LnlhbWwnOiAncm93czogWzEsIDIsIDMsIDQsIDVdXFxuc3RlcHM6IFt7c2VuZDogcn1dXFxuJyxcbiAgICB9LFxuICAgIHNlcnZlci5vcmlnaW4sXG4gICk7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnLCAnLS1zdG9wLWF0LWZpcnN0LWZhaWx1cmUnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDEpO1xuICBhc3NlcnQuZGVlcEVxdWFsKHBhdGhzLCBbJzEnLCAnMicsICczJ10pO1xuICBwYXRocy5sZW5ndGggPSAwO1xuICBjb25zdCByZXN1bWVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJy0tcmVzdW1lJywgJ2xhc3QnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChyZXN1bWVkLnN0YXR1cywgMSk7XG4gIGFzc2VydC5kZWVwRXF1YWwocGF0aHMsIFsnNCcsICc1J10sICd3aGF0IHdhcyBub3QgYmVndW4gaXMgYmVndW4gbm93Jyk7XG4gIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xufSk7XG5cbnRlc3QoJy0tZHJ5LXJ1biBkb2VzIGV2ZXJ5dGhpbmcgYnV0IHRoZSBzZW5kaW5nJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBkZW1vQ29sbGVjdGlvbignaHR0cDovLzEyNy4wLjAuMTo5Jyk7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2JlcnRoLXN0YXknLCAnLS1kcnktcnVuJ10sIHtcbiAgICBjd2QsXG4gICAgZW52OiB7IEVDSE9fVFJBSUxfU0VDUkVUX0RFU0tfUEFTU1dPUkQ6ICd0aWRld2F0ZXItNDInIH0sXG4gIH0pO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwLCBlbmRlZC5vdXQgKyBlbmRlZC5lcnIpO1xuICBhc3NlcnQubWF0Y2goZW5kZWQub3V0LCAvb2sgK3Zlc3NlbHNcXC9zaG93ICtHRVQgaHR0cDpcXC9cXC8xMjdcXC4wXFwuMFxcLjE6OVxcL3YxXFwvdmVzc2Vsc1xcLzkwMDAwMTcvKTtcbiAgYXNzZXJ0Lm1hdGNoKGVuZGVkLm91dCwgL2NhbGxzXFwvYm9vayArUE9TVCBodHRwOlxcL1xcLzEyN1xcLjBcXC4wXFwuMTo5XFwvdjFcXC92ZXNzZWxzXFwvOTAwMDAxN1xcL2NhbGxzLyk7XG4gIGFzc2VydC5tYXRjaChlbmRlZC5vdXQsIC9ub3RoaW5nIHdhcyBzZW50Lyk7XG4gIGFzc2VydC5lcXVhbChleGlzdHNTeW5jKGpvaW4oY3dkLCAnLmVjaG8tdHJhaWwvcnVucycpKSwgZmFsc2UpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIGV2ZXJ5RmlsZShjd2QpLmZpbHRlcigoeyBwYXRoIH0pID0+IHBhdGguaW5jbHVkZXMoJy9lY2hvZXMvJykpLFxuICAgIFtdLFxuICApO1xuICBjb25zdCB3cm9uZyA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdjYWxscy9ib29rJywgJy0tZHJ5LXJ1bicsICctLXNldCcsICduaWdodHM9OTknXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbCh3cm9uZy5zdGF0dXMsIDIsIHdyb25nLm91dCk7XG59KTtcblxudGVzdCgnLS1kcnktcnVuIG9mIHJvd3MsIGl0ZXJhdGlvbnMsIHRhYmxlcywgY29tcGFyaXNvbnMgYW5kIHVuZG8gcGFydHMgbGVhdmVzIG5vdGhpbmcgYmVoaW5kIGFuZCBqdWRnZXMgbm90aGluZycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gZGVtb0NvbGxlY3Rpb24oJ2h0dHA6Ly8xMjcuMC4wLjE6OScpO1xuICBjb25zdCBoYXJ2ZXN0ID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ25vdGljZXMtaGFydmVzdCcsICctLWRyeS1ydW4nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChoYXJ2ZXN0LnN0YXR1cywgMCwgaGFydmVzdC5vdXQpO1xuICBhc3NlcnQubWF0Y2goaGFydmVzdC5vdXQsIC9udW1iZXIgMTogYm9hcmRcXC9ub3RpY2UgK0dFVCBodHRwOlxcL1xcLzEyN1xcLjBcXC4wXFwuMTo5XFwvYm9hcmRcXC9ub3RpY2VzXFwvMSAvKTtcbiAgYXNzZXJ0Lm1hdGNoKGhhcnZlc3Qub3V0LCAvYW5kIDgwIG1vcmU6IC0tanNvbiBoYXMgdGhlbSBhbGwvKTtcbiAgYXNzZXJ0LmVxdWFsKGV4aXN0c1N5bmMoam9pbihjd2QsICdkYXRhL25vdGljZXMuY3N2JykpLCBmYWxzZSk7XG4gIGNvbnN0IGNoYW5nZSA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdsaWdodHMtY2hhbmdlJywgJy0tZHJ5LXJ1biddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGNoYW5nZS5zdGF0dXMsIDAsIGNoYW5nZS5vdXQpO1xuICBhc3NlcnQuZG9lc05vdE1hdGNoKGNoYW5nZS5vdXQsIC91bmRvbmV8bGVmdHxzaG91bGQgaGF2ZSBjaGFuZ2VkLyk7XG4gIGNvbnN0IHJvd3MgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAncmVnaXN0ZXItY2hlY2snLCAnLS1kcnktcnVuJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2gocm93cy5vdXQsIC9yb3cgMSBcXChcXGQrXFwpOiB2ZXNzZWxzXFwvc2hvdyArR0VUIGh0dHAvKTtcbn0pO1xuXG50ZXN0KCd3aGF0IHdhcyBpbnRlcnJ1cHRlZCBvZiBtYW55IGhhcyBub3QgZmFpbGVkLCBhbmQgaXMgbm90IGNvdW50ZWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoaGVhZCwgc29ja2V0KSA9PiB7XG4gICAgaWYgKGhlYWQuaW5jbHVkZXMoJy8zICcpKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIHNldFRpbWVvdXQoKCkgPT4gc29ja2V0LndyaXRlKGFuc3dlck9mKCd7fScpKSwgNSk7XG4gICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgfSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvci55YW1sJzogJ2lucHV0czoge3ZhbHVlOiB7fX1cXG51cmw6ICR7b3JpZ2lufS97dmFsdWV9XFxuJyxcbiAgICAgICd0cmFpbHMvdC55YW1sJzogJ3Jvd3M6IFsxLCAyLCAzLCA0XVxcbmF0LW9uY2U6IDJcXG5zdGVwczogW3tzZW5kOiByfV1cXG4nLFxuICAgIH0sXG4gICAgc2VydmVyLm9yaWdpbixcbiAgKTtcbiAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndCddLCB7XG4gICAgY3dkLFxuICAgIG1lYW53aGlsZTogKGNoaWxkKSA9PiBzZXRUaW1lb3V0KCgpID0+IGNoaWxkLmtpbGwoJ1NJR0lOVCcpLCAyNTAwKSxcbiAgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDEzMCk7XG4gIGFzc2VydC5tYXRjaChlbmRlZC5vdXQsIC90OiBpbnRlcnJ1cHRlZCArMyBvZiAzIHJvd3MgKzMgc3RlcHMvKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChlbmRlZC5vdXQsIC9mYWlsZWQvKTtcbiAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG59KTtcblxudGVzdCgnLS1yZXBlYXQsIC0tZXZlcnkgYW5kIC0tdW50aWw6IGFzIG9mdGVuIGFzIGlzIHdpc2hlZCwgYW5kIG5vIGxvbmdlciB0aGFuIGlzIG5lZWRlZCcsIGFzeW5jICgpID0+IHtcbiAgbGV0IGNvdW50ID0gMDtcbiAgY29uc3QgdGltZXM6IG51bWJlcltdID0gW107XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoKSA9PiB7XG4gICAgY291bnQgKz0gMTtcbiAgICB0aW1lcy5wdXNoKHBlcmZvcm1hbmNlLm5vdygpKTtcbiAgICByZXR1cm4gYW5zd2VyT2YoSlNPTi5zdHJpbmdpZnkoeyBzdGF0ZTogY291bnQgPj0gMyA/ICdyZWFkeScgOiAnbm90IHlldCcgfSkpO1xuICB9KTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHsgJ3JlcXVlc3RzL3IueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9yXFxuZXhwZWN0OiB7JC5zdGF0ZTogcmVhZHl9XFxuJyB9LCBzZXJ2ZXIub3JpZ2luKTtcbiAgY29uc3QgdW50aWwgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAncicsICctLWV2ZXJ5JywgJzE1MG1zJywgJy0tdW50aWwnLCAnb2snXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoW3VudGlsLnN0YXR1cywgY291bnRdLCBbMCwgM10sIHVudGlsLm91dCk7XG4gIGFzc2VydC5vaygodGltZXNbMl0gPz8gMCkgLSAodGltZXNbMF0gPz8gMCkgPj0gMjAwKTtcbiAgY291bnQgPSAyO1xuICBjb25zdCBmb3VyID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3InLCAnLS1yZXBlYXQnLCAnNCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChbZm91ci5zdGF0dXMsIGNvdW50XSwgWzAsIDZdKTtcbiAgY291bnQgPSAwO1xuICBjb25zdCBmYWlsZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAncicsICctLXJlcGVhdCcsICc5JywgJy0tdW50aWwnLCAnZmFpbGVkJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKFtmYWlsZWQuc3RhdHVzLCBjb3VudF0sIFsxLCAxXSk7XG4gIGNvdW50ID0gMTA7XG4gIGNvbnN0IGZvcmV2ZXIgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAncicsICctLWV2ZXJ5JywgJzEwMG1zJ10sIHtcbiAgICBjd2QsXG4gICAgbWVhbndoaWxlOiAoY2hpbGQpID0+IHNldFRpbWVvdXQoKCkgPT4gY2hpbGQua2lsbCgnU0lHSU5UJyksIDE1MDApLFxuICB9KTtcbiAgYXNzZXJ0LmVxdWFsKGZvcmV2ZXIuc3RhdHVzLCAxMzApO1xuICBhc3NlcnQub2soY291bnQgPiAxMiwgYCR7Y291bnR9YCk7XG4gIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xufSk7XG5cbmNvbnN0IHR3b1N0ZXBzID0geyAndHJhaWxzL3QueWFtbCc6ICdzdGVwczogW3tzZW5kOiByfSwge3NlbmQ6IHJ9XVxcbicsICdyZXF1ZXN0cy9yLnlhbWwnOiAndXJsOiAke29yaWdpbn0vclxcbicgfTtcblxudGVzdCgnYSBob3N0IHRoYXQgaXMgbm90IHRoZXJlIGlzIGZvdW5kIGJlZm9yZSB0aGUgZmlyc3Qgc3RlcCwgYW5kIG5vdGhpbmcgaXMgc2VudCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndCddLCB7IGN3ZDogY29sbGVjdGlvbk9mKHR3b1N0ZXBzLCAnaHR0cDovLzEyNy4wLjAuMTo5JykgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDMpO1xuICBhc3NlcnQubWF0Y2goXG4gICAgZW5kZWQuZXJyLFxuICAgIC8xMjdcXC4wXFwuMFxcLjE6OSBpcyB0aGVyZSwgYW5kIG5vdGhpbmcgbGlzdGVucyBvbiB0aGF0IHBvcnRcXG5hdCArbG9va2luZyBhaGVhZFxcbnRyeSArbm90aGluZyB3YXMgc2VudC8sXG4gICk7XG4gIGNvbnN0IG5hbWVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnXSwgeyBjd2Q6IGNvbGxlY3Rpb25PZih0d29TdGVwcywgJ2h0dHA6Ly9ub3doZXJlLmxhcmtoYXZlbi5leGFtcGxlJykgfSk7XG4gIGFzc2VydC5lcXVhbChuYW1lZC5zdGF0dXMsIDMpO1xuICBhc3NlcnQubWF0Y2gobmFtZWQuZXJyLCAvbm93aGVyZVxcLmxhcmtoYXZlblxcLmV4YW1wbGUgaXMgYSBuYW1lIHRoYXQgaXMgbm90IGtub3duLyk7XG59KTtcblxuZm9yIChjb25zdCBbc3BlYywgc3RhdHVzLCBzYXlzXSBvZiBbXG4gIFsnYXQtbGVhc3Q6IFwiMi4xXCInLCAwLCAvYWxsIHdlbGwvXSxcbiAgWydhdC1sZWFzdDogXCIyLjlcIiwgdW5kZXI6IFwiM1wiJywgMCwgL2FsbCB3ZWxsL10sXG4gIFsnYXQtbGVhc3Q6IFwiMi4xMVwiJywgNCwgL2lzIG9mIHZlcnNpb24gMlxcLjEwXFwuMywgYW5kIHRoZSBlbnZpcm9ubWVudCBzYW5kYm94IHdhbnRzIGF0IGxlYXN0IDJcXC4xMS9dLFxuICBbJ3VuZGVyOiBcIjIuMTBcIicsIDQsIC93YW50cyB1bmRlciAyXFwuMTAvXSxcbl0gYXMgY29uc3QpIHtcbiAgdGVzdChgdGhlIHZlcnNpb24gb2YgdGhlIHZlbmRvciBpcyBsb29rZWQgYXQgZmlyc3Q6ICR7c3BlY31gLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgcGF0aHM6IHN0cmluZ1tdID0gW107XG4gICAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKChoZWFkKSA9PiB7XG4gICAgICBwYXRocy5wdXNoKCgvXkdFVCAoXFxTKikvLmV4ZWMoaGVhZCkgPz8gW10pWzFdID8/ICcnKTtcbiAgICAgIHJldHVybiBhbnN3ZXJPZigne1wiYXBpXCI6IFwiMi4xMC4zXCJ9Jyk7XG4gICAgfSk7XG4gICAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHtcbiAgICAgIC4uLnR3b1N0ZXBzLFxuICAgICAgJ3JlcXVlc3RzL3ZlcnNpb24ueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS92ZXJzaW9uXFxuJyxcbiAgICAgICdlbnZpcm9ubWVudHMvc2FuZGJveC55YW1sJzogYGNoYW5nZXM6IGFsbG93XFxudmFyaWFibGVzOiB7b3JpZ2luOiBcIiR7c2VydmVyLm9yaWdpbn1cIn1cXG5ob3N0czogWzEyNy4wLjAuMV1cXG52ZXJzaW9uOiB7cmVxdWVzdDogdmVyc2lvbiwgYXQ6ICQuYXBpLCAke3NwZWN9fVxcbmAsXG4gICAgfSk7XG4gICAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndCddLCB7IGN3ZCB9KTtcbiAgICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCBzdGF0dXMsIGVuZGVkLm91dCArIGVuZGVkLmVycik7XG4gICAgYXNzZXJ0Lm1hdGNoKGVuZGVkLm91dCArIGVuZGVkLmVyciwgc2F5cyk7XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChwYXRocywgc3RhdHVzID09PSAwID8gWycvdmVyc2lvbicsICcvcicsICcvciddIDogWycvdmVyc2lvbiddKTtcbiAgICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbiAgfSk7XG59XG5cbnRlc3QoJ2EgZm9sZGVyIG9mIHRyYWlscyBpcyB3YWxrZWQsIG9uZSBhZnRlciB0aGUgb3RoZXInLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoKSA9PiBhbnN3ZXJPZigne30nKSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvci55YW1sJzogJ3VybDogJHtvcmlnaW59L3JcXG4nLFxuICAgICAgJ3RyYWlscy9uaWdodC9hLnlhbWwnOiAnc3RlcHM6IFt7c2VuZDogcn1dXFxuJyxcbiAgICAgICd0cmFpbHMvbmlnaHQvYi55YW1sJzogJ3N0ZXBzOiBbe3NlbmQ6IHJ9LCB7c2VuZDogcn1dXFxuJyxcbiAgICAgICd0cmFpbHMvZGF5LnlhbWwnOiAnc3RlcHM6IFt7c2VuZDogcn1dXFxuJyxcbiAgICB9LFxuICAgIHNlcnZlci5vcmlnaW4sXG4gICk7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ25pZ2h0J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwLCBlbmRlZC5lcnIpO1xuICBhc3NlcnQubWF0Y2goZW5kZWQub3V0LCAvbmlnaHRcXC9hOiBhbGwgd2VsbFtcXHNcXFNdKm5pZ2h0XFwvYjogYWxsIHdlbGwvKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChlbmRlZC5vdXQsIC9kYXkvKTtcbiAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsWUFBWSxjQUFjLHFCQUFxQjtBQUN4RCxTQUFTLFlBQVk7QUFDckIsU0FBUyxPQUFPLFlBQVk7QUFPNUIsSUFBTSxVQUFVLE1BQU0sbUJBQW1CO0FBQ3pDLElBQU0sUUFBUSxNQUFNLFdBQVc7QUFDL0IsTUFBTSxNQUFNLE1BQU0sTUFBTSxDQUFDO0FBRXpCLElBQU0sT0FBTyxNQUFNLFlBQVksSUFBSSxDQUFDLEVBQUUsTUFBTSxLQUFLLE1BQU0sR0FBRyxJQUFJLElBQUksSUFBSSxXQUFXLElBQUksRUFBRTtBQUN2RixTQUFTLGtCQUEwQjtBQUNqQyxRQUFNLE1BQU0sZUFBZSxRQUFRLE1BQU07QUFDekMsZ0JBQWMsS0FBSyxLQUFLLHNCQUFzQixHQUFHO0FBQUEsRUFBcUIsS0FBSyxLQUFLLElBQUksQ0FBQztBQUFBLENBQUk7QUFDekYsU0FBTztBQUNUO0FBWUEsSUFBTSxXQUFXLENBQUMsVUFDaEIsY0FBYyxLQUFLLEVBQUUsS0FBSyxDQUFDLEVBQUUsTUFBTSxNQUFNLFVBQVUsUUFBUTtBQUU3RCxLQUFLLGtHQUFrRyxZQUFZO0FBQ2pILFFBQU0sTUFBTSxnQkFBZ0I7QUFDNUIsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sZ0JBQWdCLFNBQVMsU0FBUyxZQUFZLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUN0RyxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsUUFBTSxFQUFFLFFBQVEsVUFBVSxXQUFXLElBQUksU0FBUyxLQUFLO0FBQ3ZELFNBQU8sVUFBVSxRQUFRLENBQUMsWUFBWSxRQUFRLENBQUM7QUFDL0MsU0FBTyxNQUFNLFNBQVMsUUFBUSxFQUFFO0FBQ2hDLFNBQU87QUFBQSxJQUNMLFNBQVMsT0FBTyxDQUFDLEVBQUUsUUFBUSxNQUFNLFFBQVEsYUFBYSxJQUFJLEVBQUUsSUFBSSxDQUFDLEVBQUUsTUFBTSxRQUFRLE1BQU0sQ0FBQyxNQUFNLFFBQVEsUUFBUSxDQUFDO0FBQUEsSUFDL0c7QUFBQSxNQUNFLENBQUMsWUFBWSxRQUFRO0FBQUEsTUFDckIsQ0FBQyxZQUFZLFFBQVE7QUFBQSxNQUNyQixDQUFDLFlBQVksUUFBUTtBQUFBLE1BQ3JCLENBQUMsWUFBWSxhQUFhO0FBQUEsSUFDNUI7QUFBQSxFQUNGO0FBQ0EsU0FBTztBQUFBLElBQ0wsV0FBVyxJQUFJLENBQUMsRUFBRSxTQUFTLE9BQU8sVUFBVSxNQUFNLE1BQU0sQ0FBQyxTQUFTLE9BQU8sVUFBVSxLQUFLLENBQUMsRUFBRSxNQUFNLEdBQUcsQ0FBQztBQUFBLElBQ3JHO0FBQUEsTUFDRSxDQUFDLFlBQVksZ0JBQWdCLE1BQU0sSUFBSTtBQUFBLE1BQ3ZDLENBQUMsWUFBWSxjQUFjLFdBQVcsU0FBUztBQUFBLE1BQy9DLENBQUMsWUFBWSxVQUFVLFNBQVMsUUFBUTtBQUFBLElBQzFDO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxXQUFXLEdBQUcsRUFBRSxHQUFHLFNBQVMsVUFBVTtBQUNuRCxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxnQkFBZ0IsU0FBUyxTQUFTLFVBQVUsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM1RixTQUFPLE1BQU0sTUFBTSxLQUFLLHlDQUF5QztBQUNqRSxTQUFPLE1BQU0sTUFBTSxLQUFLLHNGQUFzRjtBQUNoSCxDQUFDO0FBRUQsS0FBSywwR0FBMEcsWUFBWTtBQUN6SCxRQUFNLFFBQWtCLENBQUM7QUFDekIsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFNBQVM7QUFDdkMsVUFBTSxLQUFLLElBQUk7QUFDZixXQUFPLFNBQVMsSUFBSTtBQUFBLEVBQ3RCLENBQUM7QUFDRCxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSwyQkFBMkI7QUFBQSxNQUMzQixtQkFBbUI7QUFBQSxNQUNuQixpQkFBaUIsNkJBQTZCLE9BQU8sTUFBTSw0QkFBNEIsT0FBTyxNQUFNLDRCQUE0QixPQUFPLE1BQU07QUFBQTtBQUFBO0FBQUEsSUFDL0k7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBQ0EsUUFBTSxNQUFNLEVBQUUsMEJBQTBCLGlCQUFpQiwwQkFBMEIsZ0JBQWdCO0FBQ25HLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssU0FBUyxPQUFPLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUMxRSxTQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUcsTUFBTSxHQUFHO0FBQ3ZDLFNBQU8sTUFBTSxNQUFNLEtBQUssOERBQThEO0FBQ3RGLFNBQU87QUFBQSxJQUNMLE1BQU0sSUFBSSxDQUFDLFNBQVMsQ0FBQyxhQUFhLEtBQUssSUFBSSxJQUFJLENBQUMsR0FBRyxpQkFBaUIsS0FBSyxJQUFJLElBQUksQ0FBQyxDQUFDLENBQUM7QUFBQSxJQUNwRjtBQUFBLE1BQ0UsQ0FBQyxRQUFRLGVBQWU7QUFBQSxNQUN4QixDQUFDLFFBQVEsZUFBZTtBQUFBLElBQzFCO0FBQUEsRUFDRjtBQUNBLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLGtHQUFrRyxZQUFZO0FBQ2pILFFBQU0sU0FBUyxNQUFNLFVBQVUsTUFBTSxTQUFTLGNBQWMsQ0FBQztBQUM3RCxRQUFNLFFBQVEsTUFBTSxVQUFVLE1BQU0sU0FBUyxjQUFjLENBQUM7QUFDNUQsUUFBTSxjQUFjLENBQUMsV0FDbkI7QUFBQSx1QkFBd0MsTUFBTTtBQUFBO0FBQUE7QUFDaEQsUUFBTSxNQUFNLGFBQWE7QUFBQSxJQUN2QiwyQkFBMkIsWUFBWSxPQUFPLE1BQU07QUFBQSxJQUNwRCwyQkFBMkIsWUFBWSxvQkFBb0I7QUFBQSxJQUMzRCwwQkFBMEIsWUFBWSxNQUFNLE1BQU07QUFBQSxJQUNsRCx1QkFBdUI7QUFBQSxJQUN2QixpQkFBaUI7QUFBQSxFQUNuQixDQUFDO0FBQ0QsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxTQUFTLG9CQUFvQixRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDMUYsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxRQUFNLEVBQUUsVUFBVSxXQUFXLElBQUksU0FBUyxLQUFLO0FBQy9DLFNBQU87QUFBQSxJQUNMLFNBQVMsSUFBSSxDQUFDLEVBQUUsTUFBTSxRQUFRLE1BQU0sQ0FBQyxNQUFNLE9BQU8sQ0FBQztBQUFBLElBQ25EO0FBQUEsTUFDRSxDQUFDLFNBQVMsRUFBRSxPQUFPLE1BQU0sT0FBTyxLQUFLLENBQUM7QUFBQSxNQUN0QyxDQUFDLFNBQVMsQ0FBQyxDQUFDO0FBQUEsTUFDWixDQUFDLFFBQVEsRUFBRSxPQUFPLFNBQVMsQ0FBQztBQUFBLElBQzlCO0FBQUEsRUFDRjtBQUNBLFNBQU87QUFBQSxJQUNMLFdBQVcsSUFBSSxDQUFDLEVBQUUsU0FBUyxPQUFPLE1BQU0sTUFBTSxDQUFDLFNBQVMsT0FBTyxLQUFLLENBQUM7QUFBQSxJQUNyRTtBQUFBLE1BQ0UsQ0FBQyxTQUFTLFVBQVUsd0RBQXdEO0FBQUEsTUFDNUUsQ0FBQyxRQUFRLFdBQVcsR0FBRztBQUFBLElBQ3pCO0FBQUEsRUFDRjtBQUNBLFFBQU0sUUFBUSxjQUFjLEtBQUssRUFBRSxPQUFPLENBQUMsRUFBRSxNQUFNLE1BQU0sVUFBVSxNQUFNO0FBQ3pFLFNBQU8sVUFBVSxDQUFDLEdBQUcsSUFBSSxJQUFJLE1BQU0sSUFBSSxDQUFDLFNBQVMsS0FBSyxXQUFXLENBQUMsQ0FBQyxHQUFHLENBQUMsU0FBUyxNQUFNLENBQUM7QUFDdkYsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxTQUFTLGVBQWUsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM3RSxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxNQUFNLE1BQU0sS0FBSyxpQ0FBaUM7QUFDekQsU0FBTyxNQUFNLE1BQU0sS0FBSyxJQUFJLHVDQUF1QztBQUNuRSxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxLQUFLLFNBQVMsWUFBWSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzFFLFNBQU8sTUFBTSxNQUFNLEtBQUssZ0NBQWdDO0FBQ3hELFFBQU0sUUFBUSxJQUFJLENBQUMsT0FBTyxNQUFNLEdBQUcsTUFBTSxNQUFNLENBQUMsQ0FBQztBQUNuRCxDQUFDO0FBRUQsS0FBSyxtR0FBbUcsWUFBWTtBQUNsSCxNQUFJLFFBQVE7QUFDWixRQUFNLFNBQVMsTUFBTTtBQUFBLElBQVUsTUFDN0IsU0FBUyxLQUFLLFVBQVUsRUFBRSxPQUFPLElBQUksS0FBSyxPQUFPLEdBQUcsTUFBTSxvQkFBb0IsQ0FBQyxDQUFDO0FBQUEsRUFDbEY7QUFDQSxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSx1QkFDRTtBQUFBLElBQ0o7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBQ0EsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLE9BQU8sT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3pELFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLDJEQUEyRDtBQUNyRixRQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxTQUFTLFVBQVUsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNsRSxTQUFPLE1BQU0sS0FBSyxRQUFRLEdBQUcsS0FBSyxHQUFHO0FBQ3JDLFNBQU8sTUFBTSxLQUFLLEtBQUssOENBQThDO0FBQ3JFLFFBQU0sUUFBUSxLQUFLLE1BQU0sYUFBYSxLQUFLLEtBQUssaUJBQWlCLEdBQUcsTUFBTSxDQUFDO0FBQzNFLFNBQU8sTUFBTSxNQUFNLE9BQU8sQ0FBQztBQUMzQixTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxPQUFPLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDbkUsVUFBUTtBQUNSLFFBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxPQUFPLE9BQU8sR0FBRyxFQUFFLElBQUksQ0FBQztBQUN6RCxTQUFPLE1BQU0sUUFBUSxRQUFRLENBQUM7QUFDOUIsU0FBTyxNQUFNLFFBQVEsS0FBSyx1QkFBdUI7QUFDakQsU0FBTyxNQUFPLEtBQUssTUFBTSxhQUFhLEtBQUssS0FBSyxpQkFBaUIsR0FBRyxNQUFNLENBQUMsRUFBd0IsT0FBTyxDQUFDO0FBQzNHLFFBQU0sV0FBVyxNQUFNLFVBQVUsQ0FBQyxPQUFPLFNBQVMsVUFBVSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3RFLFNBQU8sTUFBTSxTQUFTLEtBQUsscURBQXFEO0FBQ2hGLFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLE9BQU8sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLFFBQVEsQ0FBQztBQUNuRSxRQUFNLE9BQU8sTUFBTTtBQUNyQixDQUFDO0FBRUQsS0FBSyx3RUFBd0UsWUFBWTtBQUN2RixNQUFJLFFBQVE7QUFDWixRQUFNLFNBQVMsTUFBTSxVQUFVLE1BQU07QUFDbkMsYUFBUztBQUNULFdBQU8sU0FBUyxnQkFBZ0IsUUFBUSxNQUFNLElBQUksRUFBRSxRQUFRLFlBQVksU0FBUyxDQUFDLGdCQUFnQixFQUFFLElBQUksQ0FBQyxDQUFDO0FBQUEsRUFDNUcsQ0FBQztBQUNELFFBQU0sUUFBUTtBQUNkLFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLHVCQUF1QixHQUFHLEtBQUs7QUFBQTtBQUFBLE1BQy9CLHlCQUF5QixHQUFHLEtBQUs7QUFBQTtBQUFBLElBQ25DO0FBQUEsSUFDQSxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxPQUFPLFNBQVMsVUFBVSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3JFLFNBQU8sTUFBTSxRQUFRLFFBQVEsR0FBRyxRQUFRLEdBQUc7QUFDM0MsU0FBTyxNQUFNLFdBQVcsS0FBSyxLQUFLLGlCQUFpQixDQUFDLEdBQUcsS0FBSztBQUM1RCxVQUFRO0FBQ1IsUUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLE9BQU8sV0FBVyxVQUFVLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDcEUsU0FBTyxNQUFNLEtBQUssUUFBUSxHQUFHLEtBQUssR0FBRztBQUNyQyxTQUFPLE1BQU0sS0FBSyxJQUFJLE1BQU0sU0FBUyxHQUFHLFFBQVEsQ0FBQztBQUNqRCxRQUFNLE9BQU8sTUFBTTtBQUNyQixDQUFDO0FBRUQsS0FBSyw0Q0FBNEMsWUFBWTtBQUMzRCxNQUFJLFFBQVE7QUFDWixRQUFNLFNBQVMsTUFBTSxVQUFVLE1BQU0sU0FBUyxLQUFLLFVBQVUsRUFBRSxNQUFNLENBQUMsQ0FBQyxDQUFDO0FBQ3hFLFFBQU0sTUFBTSxhQUFhLEVBQUUsdUJBQXVCLHlCQUF5QixHQUFHLE9BQU8sTUFBTTtBQUMzRixRQUFNLENBQUMsRUFBRSxLQUFLLEVBQUUsSUFBSSxtQkFBbUIsTUFBTSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEdBQUcsS0FBSyxDQUFDO0FBQ25HLFVBQVEsS0FBSyxzQkFBc0I7QUFBQSx3QkFBZ0QsRUFBRTtBQUFBLENBQU07QUFDM0YsUUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3RELFNBQU8sTUFBTSxLQUFLLFFBQVEsR0FBRyxHQUFHLEVBQUUsS0FBSyxLQUFLLEdBQUcsRUFBRTtBQUNqRCxVQUFRO0FBQ1IsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLFFBQVEsTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3pELFNBQU8sTUFBTSxRQUFRLEtBQUssdUJBQXVCO0FBQ2pELFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxJQUFNLFVBQXlGO0FBQUEsRUFDN0YsQ0FBQyxPQUFPLDBCQUEwQixDQUFDLEtBQUssT0FBTyxDQUFDO0FBQUEsRUFDaEQsQ0FBQyxpQkFBaUIsb0NBQW9DLENBQUMsS0FBSyxHQUFHLENBQUM7QUFBQSxFQUNoRSxDQUFDLGVBQWUsdUNBQXVDLENBQUMsS0FBSyxXQUFXLENBQUM7QUFBQSxFQUN6RSxDQUFDLFdBQVcsSUFBSSxDQUFDLENBQUM7QUFDcEI7QUFDQSxXQUFXLENBQUMsTUFBTSxPQUFPLEtBQUssS0FBSyxTQUFTO0FBQzFDLE9BQUssNkJBQTZCLElBQUksSUFBSSxZQUFZO0FBQ3BELFVBQU0sUUFBa0IsQ0FBQztBQUN6QixVQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsU0FBUztBQUN2QyxZQUFNLE1BQU0sZUFBZSxLQUFLLElBQUksS0FBSyxDQUFDLEdBQUcsQ0FBQyxLQUFLLEVBQUU7QUFDckQsYUFBTyxTQUFTLElBQUk7QUFBQSxJQUN0QixDQUFDO0FBQ0QsVUFBTSxNQUFNLGFBQWEsRUFBRSxtQkFBbUIsOENBQThDLEdBQUcsT0FBTyxNQUFNO0FBQzVHLFVBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssVUFBVSxHQUFHLEdBQUcsRUFBRSxLQUFLLE1BQU0sQ0FBQztBQUN6RSxXQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUcsTUFBTSxNQUFNLE1BQU0sR0FBRztBQUNuRCxXQUFPLFVBQVUsT0FBTyxLQUFLO0FBQzdCLFVBQU0sT0FBTyxNQUFNO0FBQUEsRUFDckIsQ0FBQztBQUNIO0FBRUEsS0FBSyw4RkFBOEYsWUFBWTtBQUM3RyxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxtQkFBbUI7QUFBQSxNQUNuQix3QkFBd0I7QUFBQSxNQUN4QixvQkFBb0I7QUFBQSxNQUNwQixvQkFBb0I7QUFBQSxNQUNwQixvQkFBb0I7QUFBQSxNQUNwQixlQUFlO0FBQUEsSUFDakI7QUFBQSxJQUNBLFFBQVE7QUFBQSxFQUNWO0FBQ0EsUUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLE9BQU8sTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3JELFNBQU8sTUFBTSxLQUFLLEtBQUssaUNBQWlDO0FBQ3hELFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQztBQUNyRCxTQUFPLE1BQU0sS0FBSyxRQUFRLENBQUM7QUFDM0IsU0FBTyxNQUFNLEtBQUssS0FBSyw4Q0FBOEM7QUFDckUsZ0JBQWMsS0FBSyxLQUFLLGFBQWEsR0FBRyxjQUFjO0FBQ3RELFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUssK0JBQStCO0FBQzdGLGdCQUFjLEtBQUssS0FBSyxhQUFhLEdBQUcsbUJBQW1CO0FBQzNELFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUssK0NBQStDO0FBQzdHLFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUsscUJBQXFCO0FBQ3JGLENBQUM7QUFFRCxLQUFLLGlEQUFpRCxZQUFZO0FBQ2hFLFFBQU0sUUFBa0IsQ0FBQztBQUN6QixRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsU0FBUztBQUN2QyxVQUFNLFFBQVEsZUFBZSxLQUFLLElBQUksS0FBSyxDQUFDLEdBQUcsQ0FBQyxLQUFLO0FBQ3JELFVBQU0sS0FBSyxJQUFJO0FBQ2YsV0FBTyxTQUFTLE1BQU0sU0FBUyxNQUFNLEVBQUUsUUFBUSxhQUFhLElBQUksQ0FBQyxDQUFDO0FBQUEsRUFDcEUsQ0FBQztBQUNELFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLG1CQUFtQjtBQUFBLE1BQ25CLGlCQUFpQjtBQUFBLElBQ25CO0FBQUEsSUFDQSxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUsseUJBQXlCLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDOUUsU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzVCLFNBQU8sVUFBVSxPQUFPLENBQUMsS0FBSyxLQUFLLEdBQUcsQ0FBQztBQUN2QyxRQUFNLFNBQVM7QUFDZixRQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsT0FBTyxZQUFZLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQztBQUNwRSxTQUFPLE1BQU0sUUFBUSxRQUFRLENBQUM7QUFDOUIsU0FBTyxVQUFVLE9BQU8sQ0FBQyxLQUFLLEdBQUcsR0FBRyxpQ0FBaUM7QUFDckUsUUFBTSxPQUFPLE1BQU07QUFDckIsQ0FBQztBQUVELEtBQUssNkNBQTZDLFlBQVk7QUFDNUQsUUFBTSxNQUFNLGVBQWUsb0JBQW9CO0FBQy9DLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLGNBQWMsV0FBVyxHQUFHO0FBQUEsSUFDaEU7QUFBQSxJQUNBLEtBQUssRUFBRSxpQ0FBaUMsZUFBZTtBQUFBLEVBQ3pELENBQUM7QUFDRCxTQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUcsTUFBTSxNQUFNLE1BQU0sR0FBRztBQUNuRCxTQUFPLE1BQU0sTUFBTSxLQUFLLHNFQUFzRTtBQUM5RixTQUFPLE1BQU0sTUFBTSxLQUFLLHdFQUF3RTtBQUNoRyxTQUFPLE1BQU0sTUFBTSxLQUFLLGtCQUFrQjtBQUMxQyxTQUFPLE1BQU0sV0FBVyxLQUFLLEtBQUssa0JBQWtCLENBQUMsR0FBRyxLQUFLO0FBQzdELFNBQU87QUFBQSxJQUNMLFVBQVUsR0FBRyxFQUFFLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxLQUFLLFNBQVMsVUFBVSxDQUFDO0FBQUEsSUFDN0QsQ0FBQztBQUFBLEVBQ0g7QUFDQSxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxjQUFjLGFBQWEsU0FBUyxXQUFXLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDL0YsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN6QyxDQUFDO0FBRUQsS0FBSyw4R0FBOEcsWUFBWTtBQUM3SCxRQUFNLE1BQU0sZUFBZSxvQkFBb0I7QUFDL0MsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLE9BQU8sbUJBQW1CLFdBQVcsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNoRixTQUFPLE1BQU0sUUFBUSxRQUFRLEdBQUcsUUFBUSxHQUFHO0FBQzNDLFNBQU8sTUFBTSxRQUFRLEtBQUssMEVBQTBFO0FBQ3BHLFNBQU8sTUFBTSxRQUFRLEtBQUssa0NBQWtDO0FBQzVELFNBQU8sTUFBTSxXQUFXLEtBQUssS0FBSyxrQkFBa0IsQ0FBQyxHQUFHLEtBQUs7QUFDN0QsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLE9BQU8saUJBQWlCLFdBQVcsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM3RSxTQUFPLE1BQU0sT0FBTyxRQUFRLEdBQUcsT0FBTyxHQUFHO0FBQ3pDLFNBQU8sYUFBYSxPQUFPLEtBQUssaUNBQWlDO0FBQ2pFLFFBQU1BLFFBQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxrQkFBa0IsV0FBVyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzVFLFNBQU8sTUFBTUEsTUFBSyxLQUFLLHdDQUF3QztBQUNqRSxDQUFDO0FBRUQsS0FBSyxtRUFBbUUsWUFBWTtBQUNsRixRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsTUFBTSxXQUFXO0FBQy9DLFFBQUksS0FBSyxTQUFTLEtBQUssRUFBRyxRQUFPO0FBQ2pDLGVBQVcsTUFBTSxPQUFPLE1BQU0sU0FBUyxJQUFJLENBQUMsR0FBRyxDQUFDO0FBQ2hELFdBQU87QUFBQSxFQUNULENBQUM7QUFDRCxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxtQkFBbUI7QUFBQSxNQUNuQixpQkFBaUI7QUFBQSxJQUNuQjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUc7QUFBQSxJQUMxQztBQUFBLElBQ0EsV0FBVyxDQUFDLFVBQVUsV0FBVyxNQUFNLE1BQU0sS0FBSyxRQUFRLEdBQUcsSUFBSTtBQUFBLEVBQ25FLENBQUM7QUFDRCxTQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUc7QUFDOUIsU0FBTyxNQUFNLE1BQU0sS0FBSyxzQ0FBc0M7QUFDOUQsU0FBTyxhQUFhLE1BQU0sS0FBSyxRQUFRO0FBQ3ZDLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLHNGQUFzRixZQUFZO0FBQ3JHLE1BQUksUUFBUTtBQUNaLFFBQU0sUUFBa0IsQ0FBQztBQUN6QixRQUFNLFNBQVMsTUFBTSxVQUFVLE1BQU07QUFDbkMsYUFBUztBQUNULFVBQU0sS0FBSyxZQUFZLElBQUksQ0FBQztBQUM1QixXQUFPLFNBQVMsS0FBSyxVQUFVLEVBQUUsT0FBTyxTQUFTLElBQUksVUFBVSxVQUFVLENBQUMsQ0FBQztBQUFBLEVBQzdFLENBQUM7QUFDRCxRQUFNLE1BQU0sYUFBYSxFQUFFLG1CQUFtQiwrQ0FBK0MsR0FBRyxPQUFPLE1BQU07QUFDN0csUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxXQUFXLFNBQVMsV0FBVyxJQUFJLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDeEYsU0FBTyxVQUFVLENBQUMsTUFBTSxRQUFRLEtBQUssR0FBRyxDQUFDLEdBQUcsQ0FBQyxHQUFHLE1BQU0sR0FBRztBQUN6RCxTQUFPLElBQUksTUFBTSxDQUFDLEtBQUssTUFBTSxNQUFNLENBQUMsS0FBSyxNQUFNLEdBQUc7QUFDbEQsVUFBUTtBQUNSLFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssWUFBWSxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDbkUsU0FBTyxVQUFVLENBQUMsS0FBSyxRQUFRLEtBQUssR0FBRyxDQUFDLEdBQUcsQ0FBQyxDQUFDO0FBQzdDLFVBQVE7QUFDUixRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsT0FBTyxLQUFLLFlBQVksS0FBSyxXQUFXLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUMxRixTQUFPLFVBQVUsQ0FBQyxPQUFPLFFBQVEsS0FBSyxHQUFHLENBQUMsR0FBRyxDQUFDLENBQUM7QUFDL0MsVUFBUTtBQUNSLFFBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssV0FBVyxPQUFPLEdBQUc7QUFBQSxJQUNoRTtBQUFBLElBQ0EsV0FBVyxDQUFDLFVBQVUsV0FBVyxNQUFNLE1BQU0sS0FBSyxRQUFRLEdBQUcsSUFBSTtBQUFBLEVBQ25FLENBQUM7QUFDRCxTQUFPLE1BQU0sUUFBUSxRQUFRLEdBQUc7QUFDaEMsU0FBTyxHQUFHLFFBQVEsSUFBSSxHQUFHLEtBQUssRUFBRTtBQUNoQyxRQUFNLE9BQU8sTUFBTTtBQUNyQixDQUFDO0FBRUQsSUFBTSxXQUFXLEVBQUUsaUJBQWlCLG1DQUFtQyxtQkFBbUIscUJBQXFCO0FBRS9HLEtBQUssZ0ZBQWdGLFlBQVk7QUFDL0YsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxHQUFHLEVBQUUsS0FBSyxhQUFhLFVBQVUsb0JBQW9CLEVBQUUsQ0FBQztBQUNqRyxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTztBQUFBLElBQ0wsTUFBTTtBQUFBLElBQ047QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxHQUFHLEVBQUUsS0FBSyxhQUFhLFVBQVUsa0NBQWtDLEVBQUUsQ0FBQztBQUMvRyxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxNQUFNLE1BQU0sS0FBSyx5REFBeUQ7QUFDbkYsQ0FBQztBQUVELFdBQVcsQ0FBQyxNQUFNLFFBQVEsSUFBSSxLQUFLO0FBQUEsRUFDakMsQ0FBQyxtQkFBbUIsR0FBRyxVQUFVO0FBQUEsRUFDakMsQ0FBQywrQkFBK0IsR0FBRyxVQUFVO0FBQUEsRUFDN0MsQ0FBQyxvQkFBb0IsR0FBRywwRUFBMEU7QUFBQSxFQUNsRyxDQUFDLGlCQUFpQixHQUFHLG1CQUFtQjtBQUMxQyxHQUFZO0FBQ1YsT0FBSyxpREFBaUQsSUFBSSxJQUFJLFlBQVk7QUFDeEUsVUFBTSxRQUFrQixDQUFDO0FBQ3pCLFVBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxTQUFTO0FBQ3ZDLFlBQU0sTUFBTSxhQUFhLEtBQUssSUFBSSxLQUFLLENBQUMsR0FBRyxDQUFDLEtBQUssRUFBRTtBQUNuRCxhQUFPLFNBQVMsbUJBQW1CO0FBQUEsSUFDckMsQ0FBQztBQUNELFVBQU0sTUFBTSxhQUFhO0FBQUEsTUFDdkIsR0FBRztBQUFBLE1BQ0gseUJBQXlCO0FBQUEsTUFDekIsNkJBQTZCO0FBQUEsdUJBQXdDLE9BQU8sTUFBTTtBQUFBO0FBQUEseUNBQWtFLElBQUk7QUFBQTtBQUFBLElBQzFKLENBQUM7QUFDRCxVQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDbkQsV0FBTyxNQUFNLE1BQU0sUUFBUSxRQUFRLE1BQU0sTUFBTSxNQUFNLEdBQUc7QUFDeEQsV0FBTyxNQUFNLE1BQU0sTUFBTSxNQUFNLEtBQUssSUFBSTtBQUN4QyxXQUFPLFVBQVUsT0FBTyxXQUFXLElBQUksQ0FBQyxZQUFZLE1BQU0sSUFBSSxJQUFJLENBQUMsVUFBVSxDQUFDO0FBQzlFLFVBQU0sT0FBTyxNQUFNO0FBQUEsRUFDckIsQ0FBQztBQUNIO0FBRUEsS0FBSyxxREFBcUQsWUFBWTtBQUNwRSxRQUFNLFNBQVMsTUFBTSxVQUFVLE1BQU0sU0FBUyxJQUFJLENBQUM7QUFDbkQsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0UsbUJBQW1CO0FBQUEsTUFDbkIsdUJBQXVCO0FBQUEsTUFDdkIsdUJBQXVCO0FBQUEsTUFDdkIsbUJBQW1CO0FBQUEsSUFDckI7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3ZELFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDdkMsU0FBTyxNQUFNLE1BQU0sS0FBSyw2Q0FBNkM7QUFDckUsU0FBTyxhQUFhLE1BQU0sS0FBSyxLQUFLO0FBQ3BDLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7IiwKICAibmFtZXMiOiBbInJvd3MiXQp9Cg==
