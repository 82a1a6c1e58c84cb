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

// test/program/run.test.ts
import assert from "node:assert/strict";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
var standin = await harbourForThisFile();
var env = { ECHO_TRAIL_SECRET_DESK_PASSWORD: standin.credentials.password };
async function callsAtHarbour() {
  const post = await fetch(`${standin.origin}/v1/sessions`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(standin.credentials)
  });
  const { token } = await post.json();
  const list = await fetch(`${standin.origin}/v1/calls`, { headers: { authorization: `Bearer ${token}` } });
  return (await list.json()).total;
}
test("the demo trail walks from log-in to log-out, and leaves nothing behind", async () => {
  const cwd = demoCollection(standin.origin);
  const before = await callsAtHarbour();
  const walked = await echoTrail(["run", "berth-stay", "--json"], { cwd, env });
  assert.equal(walked.status, 0, walked.err);
  const events = documentLines(walked);
  assert.deepEqual(
    events.map((event) => event.step ?? event.session ?? event.event),
    [
      "agent",
      "vessels/show",
      "berths/free",
      "calls/book",
      "read it back",
      "stay longer",
      "only the nights have changed",
      "calls/cancel",
      "it is gone",
      "agent",
      "summary"
    ]
  );
  const summary = events.at(-1);
  assert.deepEqual([summary.ok, summary.expectations.failed, summary.undone], [true, 0, 0]);
  assert.ok(summary.expectations.met >= 28);
  assert.deepEqual(summary.steps, { ok: 8, failed: 0, skipped: 0 });
  assert.equal(await callsAtHarbour(), before);
});
test("a trail that fails half-way is undone, newest first, and its status is 1", async () => {
  const cwd = demoCollection(standin.origin);
  const before = await callsAtHarbour();
  const { status, out } = await echoTrail(["run", "berth-stay", "--set", "new-nights=40"], { cwd, env });
  assert.equal(status, 1);
  assert.match(
    out,
    /failed +stay longer +PATCH 422[\s\S]*\/nights must be <= 14[\s\S]*undone +calls\/book by calls\/cancel +DELETE 204[\s\S]*closed +session agent[\s\S]*berth-stay: failed .*1 undone/
  );
  assert.equal(await callsAtHarbour(), before);
});
async function things() {
  const asked = [];
  const made2 = /* @__PURE__ */ new Set();
  let count = 0;
  const server = await rawServer((head, socket) => {
    const [method = "", path = ""] = head.split(" ");
    asked.push(`${method} ${path}`);
    if (path.startsWith("/silent")) return void 0;
    if (path.startsWith("/lost")) return void socket.destroy();
    if (path.startsWith("/bad")) return answerOf('{"error": true}', { status: "500 Broken" });
    if (path.startsWith("/refuse")) return answerOf("{}", { status: "409 Conflict" });
    if (method === "POST") {
      count += 1;
      made2.add(`t${count}`);
      return answerOf(`{"id": "t${count}", "parent": "${path.split("/")[2] ?? ""}"}`, { status: "201 Created" });
    }
    const id = path.split("/").at(-1) ?? "";
    if (method === "DELETE") {
      if (!made2.delete(id)) return answerOf("{}", { status: "404 Not Found" });
      return answerOf("", { status: "204 No Content" });
    }
    return answerOf(`{"id": "${id}", "list": [1, 2]}`);
  });
  return { origin: server.origin, asked, made: made2, close: server.close };
}
var requests = {
  "requests/make.yaml": "inputs: {parent: {default: none}}\nmethod: POST\nurl: ${origin}/things/{parent}\nexpect: {status: 201}\nkeep: {thing: $.id}\n",
  "requests/remove.yaml": "inputs: {thing: {}}\nmethod: DELETE\nurl: ${origin}/things/{thing}\nexpect: {status: 204}\n",
  "requests/get.yaml": "inputs: {thing: {default: x}, path: {default: things}}\nurl: ${origin}/{path}/{thing}\nexpect: {status: 200}\n",
  "requests/change.yaml": "inputs: {path: {default: things}}\nmethod: POST\nurl: ${origin}/{path}\n"
};
var made = "  - {send: make, undo: {send: remove}}\n";
var walks = [
  {
    name: "undo parts run newest first, with the values as they were",
    trail: `steps:
${made}${made}  - {send: get, give: {path: bad}}
`,
    status: 1,
    asked: ["POST /things/none", "POST /things/none", "GET /bad/t2", "DELETE /things/t2", "DELETE /things/t1"],
    left: 0,
    out: /2 undone/
  },
  {
    name: "nothing is undone where all went well",
    trail: `steps:
${made}`,
    status: 0,
    asked: ["POST /things/none"],
    left: 1
  },
  {
    name: "undo: always undoes even then",
    trail: `undo: always
steps:
${made}`,
    status: 0,
    asked: ["POST /things/none", "DELETE /things/t1"],
    left: 0
  },
  {
    name: "undo: never undoes nothing",
    trail: `undo: never
steps:
${made}  - {send: get, give: {path: bad}}
`,
    status: 1,
    asked: ["POST /things/none", "GET /bad/t1"],
    left: 1
  },
  {
    name: "a step that never ran arms nothing",
    trail: `steps:
  - {send: get, give: {path: bad}}
${made}`,
    status: 1,
    asked: ["GET /bad/x"],
    left: 0
  },
  {
    name: "a step that the vendor refused needs no undo",
    trail: "steps:\n  - {send: change, give: {path: refuse}, undo: {send: remove, give: {thing: t9}}}\n",
    status: 1,
    asked: ["POST /refuse"]
  },
  {
    name: "what is gone already need not be undone",
    trail: `undo: always
steps:
${made}  - {send: remove}
`,
    status: 0,
    asked: ["POST /things/none", "DELETE /things/t1", "DELETE /things/t1"],
    out: /not needed: it is gone already/
  },
  {
    name: "a changing call without an answer is in doubt, and its undo is tried",
    trail: "steps:\n  - {send: change, give: {path: lost}, undo: {send: remove}}\n",
    status: 3,
    asked: ["POST /lost"],
    out: /left +change by remove +not undone: a value for it is missing[\s\S]*in doubt[\s\S]*POST .*\/lost/
  },
  {
    name: "a step is skipped when its condition does not hold",
    trail: "inputs: {kind: {default: coaster}}\nsteps:\n  - {send: get, when: {kind: tanker}}\n  - {send: get, when: {missing: {exists: false}, kind: {one-of: [coaster, ferry]}}, give: {thing: yes}}\n",
    status: 0,
    asked: ["GET /things/yes"],
    out: /skipped +get[\s\S]*1 skipped/
  },
  {
    name: "names are kept by a step of their own, each may use the one before",
    trail: 'steps:\n  - {keep: {a: "x", b: "${a}-y"}}\n  - {send: get, give: {thing: "${b | upper}"}}\n',
    status: 0,
    asked: ["GET /things/X-Y"]
  },
  {
    name: "an expectation of a step may use what was kept; types survive",
    trail: 'steps:\n  - {keep: {n: 2}}\n  - {send: get, expect: {$.list: {count: "${n}"}, "$.list[1]": "${n}"}}\n',
    status: 0,
    asked: ["GET /things/x"]
  },
  {
    name: "a step that expects a status of its own speaks of another answer",
    trail: "steps:\n  - {send: get, give: {path: bad}, expect: {status: 5xx, $.error: true}}\n",
    status: 0,
    asked: ["GET /bad/x"]
  },
  {
    name: "a value that is not there fails the step, a default does not",
    trail: "steps:\n  - {send: get, keep: {a: {at: $.none, default: 7}}}\n  - {send: get, keep: {b: $.lst}}\n",
    status: 1,
    asked: ["GET /things/x", "GET /things/x"],
    out: /b is not kept: nothing stands at \$\.lst[\s\S]*nearest: \$\.list/
  },
  {
    name: "only: true wants exactly one",
    trail: 'steps:\n  - {send: get, keep: {a: {at: "$.list[*]", only: true}}}\n',
    status: 1,
    asked: ["GET /things/x"],
    out: /holds 2 items/
  },
  {
    name: "what is kept stays although an expectation failed",
    trail: `steps:
  - {send: make, expect: {$.id: other}, undo: {send: remove}}
`,
    status: 1,
    asked: ["POST /things/none", "DELETE /things/t1"],
    left: 0
  },
  {
    name: "an inner trail has inputs of its own and gives back what is asked for; its undo belongs to the whole",
    trail: 'steps:\n  - trail: inner\n    give: {parent: p7}\n    keep: {mine: "${thing}"}\n  - {send: get, give: {thing: "${mine}", path: bad}}\n',
    status: 1,
    asked: ["POST /things/p7", "GET /bad/t1", "DELETE /things/t1"],
    left: 0
  },
  {
    name: "--set gives the inputs of the trail",
    trail: "inputs: {thing: {}}\nsteps:\n  - {send: get}\n",
    status: 0,
    asked: ["GET /things/z"],
    args: ["--set", "thing=z"]
  }
];
for (const { name, trail, status, asked, left, out, args = [] } of walks) {
  test(name, async () => {
    const vendor = await things();
    const cwd = collectionOf(
      { ...requests, "trails/t.yaml": trail, "trails/inner.yaml": `inputs: {parent: {}}
steps:
${made}` },
      vendor.origin
    );
    const walked = await echoTrail(["run", "t", ...args], { cwd });
    assert.equal(walked.status, status, walked.out + walked.err);
    assert.deepEqual(vendor.asked, asked);
    if (left !== void 0) assert.equal(vendor.made.size, left);
    if (out) assert.match(walked.out, out);
    await vendor.close();
  });
}
test("several names are walked one after the other; requests are trails of one step", async () => {
  const vendor = await things();
  const cwd = collectionOf({ ...requests, "trails/t.yaml": `steps:
${made}` }, vendor.origin);
  const { status, out } = await echoTrail(["run", "get", "t", "get", "--set", "thing=q"], { cwd });
  assert.equal(status, 0, out);
  assert.deepEqual(vendor.asked, ["GET /things/q", "POST /things/none", "GET /things/q"]);
  await vendor.close();
});
for (const [kind, text] of [
  ["csv", 'thing,note\n007,"a, b"\n"8",\nbad,x\n10,y\n'],
  [
    "jsonl",
    '{"thing": "007", "note": "a, b"}\n\n{"thing": "8", "note": ""}\n{"thing": "bad", "note": "x"}\n{"thing": "10", "note": "y"}\n'
  ]
]) {
  test(`rows come from ${kind}, each a scope of its own; one that fails does not end the others`, async () => {
    const vendor = await things();
    const cwd = collectionOf(
      {
        ...requests,
        [`data/rows.${kind}`]: text,
        "trails/t.yaml": `rows: data/rows.${kind}
at-once: 3
steps:
  - {send: get, expect: {$.id: {not: bad}, $: {exists: true}}}
`
      },
      vendor.origin
    );
    const walked = await echoTrail(["run", "t", "--json"], { cwd });
    assert.equal(walked.status, 1);
    assert.deepEqual([...vendor.asked].sort(), [
      "GET /things/007",
      "GET /things/10",
      "GET /things/8",
      "GET /things/bad"
    ]);
    const events = documentLines(walked);
    assert.deepEqual(events.at(-1).rows, { ok: 3, failed: 1, before: 0 });
    assert.deepEqual(
      events.filter(({ event, ok }) => event === "row" && ok === false).map(({ row }) => row),
      [3]
    );
    await vendor.close();
  });
}
test("no more rows are walked at once than is said", async () => {
  let open = 0;
  let most = 0;
  const server = await rawServer((_head, socket) => {
    open += 1;
    most = Math.max(most, open);
    setTimeout(() => {
      open -= 1;
      socket.write(answerOf('{"id": "x"}'));
    }, 40);
    return void 0;
  });
  const rows = Array.from({ length: 24 }, (_, index) => `{"thing": "r${index}"}`).join("\n");
  const cwd = collectionOf(
    {
      ...requests,
      "data/rows.jsonl": rows,
      "trails/t.yaml": "rows: data/rows.jsonl\nat-once: 4\nsteps: [{send: get}]\n"
    },
    server.origin
  );
  assert.equal((await echoTrail(["run", "t"], { cwd })).status, 0);
  assert.equal(most, 4);
  await server.close();
});
test("a row that cannot be read ends the run with its line", async () => {
  const vendor = await things();
  const cwd = collectionOf(
    {
      ...requests,
      "data/rows.jsonl": '{"thing": "1"}\n{"thing": \n',
      "data/rows.csv": "thing,b\n1,2\n1,2,3\n",
      "trails/j.yaml": "rows: data/rows.jsonl\nsteps: [{send: get}]\n",
      "trails/c.yaml": "rows: data/rows.csv\nsteps: [{send: get}]\n"
    },
    vendor.origin
  );
  for (const [trail, place] of [
    ["j", "rows.jsonl:2"],
    ["c", "rows.csv:3"]
  ]) {
    const walked = await echoTrail(["run", trail, "--json"], { cwd });
    assert.equal(walked.status, 2, walked.err);
    const { problem } = documentLines(walked).at(-1);
    assert.equal(problem.code, "data-shape");
    const shown = await echoTrail(["run", trail], { cwd });
    assert.ok((shown.out + shown.err).includes(place), shown.out + shown.err);
  }
  await vendor.close();
});
test("Ctrl-C ends the walk, undoes what was made, and gives status 130", async () => {
  const vendor = await things();
  const cwd = collectionOf(
    { ...requests, "trails/t.yaml": `steps:
${made}  - {send: get, give: {path: silent}}
` },
    vendor.origin
  );
  const walked = await echoTrail(["run", "t"], {
    cwd,
    meanwhile: (child) => {
      const wait = setInterval(() => {
        if (!vendor.asked.some((call) => call.includes("/silent"))) return;
        clearInterval(wait);
        child.kill("SIGINT");
      }, 20);
    }
  });
  assert.equal(walked.status, 130, walked.out + walked.err);
  assert.deepEqual(vendor.asked, ["POST /things/none", "GET /silent/t1", "DELETE /things/t1"]);
  assert.match(walked.err, /interrupted: cleaning up/);
  assert.match(walked.out, /undone +make by remove[\s\S]*t: interrupted/);
  await vendor.close();
});
test("a run that is killed can be read: its echoes are there, and a line cut in two is passed over", async () => {
  const vendor = await things();
  const rows = Array.from({ length: 30 }, (_, index) => `{"thing": "r${index}"}`).concat('{"thing": "x", "path": "silent"}').join("\n");
  const cwd = collectionOf(
    { ...requests, "data/rows.jsonl": rows, "trails/t.yaml": "rows: data/rows.jsonl\nsteps: [{send: get}]\n" },
    vendor.origin
  );
  const walked = await echoTrail(["run", "t"], {
    cwd,
    meanwhile: (child) => {
      const wait = setInterval(() => {
        if (!vendor.asked.some((call) => call.includes("/silent"))) return;
        clearInterval(wait);
        setTimeout(() => child.kill("SIGKILL"), 300);
      }, 20);
    }
  });
  assert.notEqual(walked.status, 0);
  const folder = join(cwd, ".echo-trail/echoes");
  const [file = ""] = readdirSync(folder);
  const lines = readFileSync(join(folder, file), "utf8");
  writeFileSync(join(folder, file), `${lines}{"id":"cut`);
  const { echoes } = document(
    await echoTrail(["echo", "list", "--most", "100", "--json"], { cwd })
  );
  assert.equal(echoes.length, 30);
  await vendor.close();
});
test("only so many runs are kept", async () => {
  const vendor = await things();
  const cwd = collectionOf(
    { ...requests, "echo-trail.yaml": "name: t\nenvironment: sandbox\nechoes: {runs: 2}\n" },
    vendor.origin
  );
  for (let count = 0; count < 4; count += 1) await echoTrail(["send", "get"], { cwd });
  assert.equal(readdirSync(join(cwd, ".echo-trail/echoes")).length, 2);
  await vendor.close();
});
test("before the first step, everything that the trail names is read", async () => {
  const vendor = await things();
  const cwd = collectionOf(
    {
      ...requests,
      "trails/t.yaml": "steps:\n  - send: make\n  - send: remvoe\n",
      "trails/a.yaml": "steps: [{trail: b}]\n",
      "trails/b.yaml": "steps: [{trail: a}]\n"
    },
    vendor.origin
  );
  const missing = await echoTrail(["run", "t"], { cwd });
  assert.equal(missing.status, 2);
  assert.match(missing.err, /no request remvoe[\s\S]*trails\/t\.yaml:3:11[\s\S]*did you mean remove/);
  const circle = await echoTrail(["run", "a"], { cwd });
  assert.equal(circle.status, 2);
  assert.match(circle.err, /circle/);
  const unknown = await echoTrail(["run", "make", "--set", "parnt=1"], { cwd });
  assert.equal(unknown.status, 2);
  assert.match(unknown.err, /--set parnt: nothing here takes that name[\s\S]*did you mean parent/);
  writeIn(cwd, "trails/t.yaml", "inputs: {thing: {about: which one}}\nsteps: [{send: get}]\n");
  const input = await echoTrail(["run", "t"], { cwd });
  assert.equal(input.status, 2);
  assert.match(input.err, /trail t needs the input thing \(which one\)/);
  assert.deepEqual(vendor.asked, []);
  await vendor.close();
});
test("secrets that are missing are told before anything is sent, all at once", async () => {
  const sent = [];
  const server = await rawServer((head) => {
    sent.push(head);
    return answerOf("{}");
  });
  const cwd = collectionOf(
    {
      "data/rows.csv": "imo\n1\n2\n3\n",
      "requests/defaults.yaml": 'headers: {X-All: "${secret.all}", X-Own: "${secret.overridden}"}\n',
      "requests/show.yaml": 'url: ${origin}/x\nheaders: {X-Own: a, X-May: "${secret.may ?? omit}", X-Row: "${secret.fleet[imo]}"}\ninputs: {imo: {}}\nsession: key\nsignature: seal\n',
      "requests/seldom.yaml": 'url: ${origin}/y\nheaders: {X-Own: a, X-All: b, X-Seldom: "${secret.seldom}"}\n',
      "sessions/key.yaml": "kind: bearer\ntoken: ${secret.token}\n",
      "signatures/seal.yaml": 'headers: {X-Seal: "${sent.path | hmac-sha-256(secret.sealing) | hex}"}\nexamples: [{request: {url: http://a.example/}, secrets: {sealing: x}, expect: {}}]\n',
      "trails/rows.yaml": 'rows: data/rows.csv\nsteps:\n  - {send: show, give: {imo: "${imo}"}}\n  - {send: seldom, when: {never: {exists: true}}}\n'
    },
    server.origin
  );
  const none = await echoTrail(["run", "rows"], { cwd });
  assert.equal(none.status, 4);
  assert.match(none.err, /the secrets all, sealing, token are not set/);
  assert.match(none.err, /requests\/defaults\.yaml:1:18[\s\S]*echo-trail secret set sealing[\s\S]*nothing was sent/);
  assert.equal(sent.length, 0);
  const fleet = { ECHO_TRAIL_SECRET_FLEET_1: "a-lamp-room", ECHO_TRAIL_SECRET_FLEET_2: "b-lamp-room" };
  const given = {
    ECHO_TRAIL_SECRET_ALL: "gull-rock-77",
    ECHO_TRAIL_SECRET_SEALING: "winch-grease-77",
    ECHO_TRAIL_SECRET_TOKEN: "tide-token-77"
  };
  const some = await echoTrail(["run", "rows"], { cwd, env: { ...given, ...fleet } });
  assert.equal(some.status, 4, "a key that a row names is found missing by that row");
  assert.equal(sent.length, 2, some.err + some.out);
  assert.match(some.err + some.out, /secret fleet\[3\] is not set/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3J1bi50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogYHJ1bmA6IHRyYWlscyB3YWxrZWQgYWdhaW5zdCB0aGUgaGFyYm91ciwgd2l0aCB1bmRvLCByb3dzLCBpbnRlcnJ1cHRpb24gYW5kIGEga2lsbGVkIHByb2Nlc3MuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyByZWFkZGlyU3luYywgcmVhZEZpbGVTeW5jLCB3cml0ZUZpbGVTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgY29sbGVjdGlvbk9mLCBkZW1vQ29sbGVjdGlvbiwgd3JpdGVJbiB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGRvY3VtZW50LCBkb2N1bWVudExpbmVzLCBlY2hvVHJhaWwgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuaW1wb3J0IHsgYW5zd2VyT2YsIHJhd1NlcnZlciB9IGZyb20gJy4uL3N1cHBvcnQvcmF3LXNlcnZlci5qcyc7XG5pbXBvcnQgeyBoYXJib3VyRm9yVGhpc0ZpbGUgfSBmcm9tICcuLi9zdXBwb3J0L3N0YW5kaW4uanMnO1xuXG5jb25zdCBzdGFuZGluID0gYXdhaXQgaGFyYm91ckZvclRoaXNGaWxlKCk7XG5jb25zdCBlbnYgPSB7IEVDSE9fVFJBSUxfU0VDUkVUX0RFU0tfUEFTU1dPUkQ6IHN0YW5kaW4uY3JlZGVudGlhbHMucGFzc3dvcmQgfTtcblxuYXN5bmMgZnVuY3Rpb24gY2FsbHNBdEhhcmJvdXIoKTogUHJvbWlzZTxudW1iZXI+IHtcbiAgY29uc3QgcG9zdCA9IGF3YWl0IGZldGNoKGAke3N0YW5kaW4ub3JpZ2lufS92MS9zZXNzaW9uc2AsIHtcbiAgICBtZXRob2Q6ICdQT1NUJyxcbiAgICBoZWFkZXJzOiB7ICdjb250ZW50LXR5cGUnOiAnYXBwbGljYXRpb24vanNvbicgfSxcbiAgICBib2R5OiBKU09OLnN0cmluZ2lmeShzdGFuZGluLmNyZWRlbnRpYWxzKSxcbiAgfSk7XG4gIGNvbnN0IHsgdG9rZW4gfSA9IChhd2FpdCBwb3N0Lmpzb24oKSkgYXMgeyB0b2tlbjogc3RyaW5nIH07XG4gIGNvbnN0IGxpc3QgPSBhd2FpdCBmZXRjaChgJHtzdGFuZGluLm9yaWdpbn0vdjEvY2FsbHNgLCB7IGhlYWRlcnM6IHsgYXV0aG9yaXphdGlvbjogYEJlYXJlciAke3Rva2VufWAgfSB9KTtcbiAgcmV0dXJuICgoYXdhaXQgbGlzdC5qc29uKCkpIGFzIHsgdG90YWw6IG51bWJlciB9KS50b3RhbDtcbn1cblxudGVzdCgndGhlIGRlbW8gdHJhaWwgd2Fsa3MgZnJvbSBsb2ctaW4gdG8gbG9nLW91dCwgYW5kIGxlYXZlcyBub3RoaW5nIGJlaGluZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gZGVtb0NvbGxlY3Rpb24oc3RhbmRpbi5vcmlnaW4pO1xuICBjb25zdCBiZWZvcmUgPSBhd2FpdCBjYWxsc0F0SGFyYm91cigpO1xuICBjb25zdCB3YWxrZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnYmVydGgtc3RheScsICctLWpzb24nXSwgeyBjd2QsIGVudiB9KTtcbiAgYXNzZXJ0LmVxdWFsKHdhbGtlZC5zdGF0dXMsIDAsIHdhbGtlZC5lcnIpO1xuICBjb25zdCBldmVudHMgPSBkb2N1bWVudExpbmVzKHdhbGtlZCk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgZXZlbnRzLm1hcCgoZXZlbnQpID0+IGV2ZW50LnN0ZXAgPz8gZXZlbnQuc2Vzc2lvbiA/PyBldmVudC5ldmVudCksXG4gICAgW1xuICAgICAgJ2FnZW50JyxcbiAgICAgICd2ZXNzZWxzL3Nob3cnLFxuICAgICAgJ2JlcnRocy9mcmVlJyxcbiAgICAgICdjYWxscy9ib29rJyxcbiAgICAgICdyZWFkIGl0IGJhY2snLFxuICAgICAgJ3N0YXkgbG9uZ2VyJyxcbiAgICAgICdvbmx5IHRoZSBuaWdodHMgaGF2ZSBjaGFuZ2VkJyxcbiAgICAgICdjYWxscy9jYW5jZWwnLFxuICAgICAgJ2l0IGlzIGdvbmUnLFxuICAgICAgJ2FnZW50JyxcbiAgICAgICdzdW1tYXJ5JyxcbiAgICBdLFxuICApO1xuICBjb25zdCBzdW1tYXJ5ID0gZXZlbnRzLmF0KC0xKSBhcyB7XG4gICAgb2s6IGJvb2xlYW47XG4gICAgZXhwZWN0YXRpb25zOiB7IG1ldDogbnVtYmVyOyBmYWlsZWQ6IG51bWJlciB9O1xuICAgIHN0ZXBzOiBvYmplY3Q7XG4gICAgdW5kb25lOiBudW1iZXI7XG4gIH07XG4gIGFzc2VydC5kZWVwRXF1YWwoW3N1bW1hcnkub2ssIHN1bW1hcnkuZXhwZWN0YXRpb25zLmZhaWxlZCwgc3VtbWFyeS51bmRvbmVdLCBbdHJ1ZSwgMCwgMF0pO1xuICBhc3NlcnQub2soc3VtbWFyeS5leHBlY3RhdGlvbnMubWV0ID49IDI4KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChzdW1tYXJ5LnN0ZXBzLCB7IG9rOiA4LCBmYWlsZWQ6IDAsIHNraXBwZWQ6IDAgfSk7XG4gIGFzc2VydC5lcXVhbChhd2FpdCBjYWxsc0F0SGFyYm91cigpLCBiZWZvcmUpO1xufSk7XG5cbnRlc3QoJ2EgdHJhaWwgdGhhdCBmYWlscyBoYWxmLXdheSBpcyB1bmRvbmUsIG5ld2VzdCBmaXJzdCwgYW5kIGl0cyBzdGF0dXMgaXMgMScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gZGVtb0NvbGxlY3Rpb24oc3RhbmRpbi5vcmlnaW4pO1xuICBjb25zdCBiZWZvcmUgPSBhd2FpdCBjYWxsc0F0SGFyYm91cigpO1xuICBjb25zdCB7IHN0YXR1cywgb3V0IH0gPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnYmVydGgtc3RheScsICctLXNldCcsICduZXctbmlnaHRzPTQwJ10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5lcXVhbChzdGF0dXMsIDEpO1xuICBhc3NlcnQubWF0Y2goXG4gICAgb3V0LFxuICAgIC9mYWlsZWQgK3N0YXkgbG9uZ2VyICtQQVRDSCA0MjJbXFxzXFxTXSpcXC9uaWdodHMgbXVzdCBiZSA8PSAxNFtcXHNcXFNdKnVuZG9uZSArY2FsbHNcXC9ib29rIGJ5IGNhbGxzXFwvY2FuY2VsICtERUxFVEUgMjA0W1xcc1xcU10qY2xvc2VkICtzZXNzaW9uIGFnZW50W1xcc1xcU10qYmVydGgtc3RheTogZmFpbGVkIC4qMSB1bmRvbmUvLFxuICApO1xuICBhc3NlcnQuZXF1YWwoYXdhaXQgY2FsbHNBdEhhcmJvdXIoKSwgYmVmb3JlKTtcbn0pO1xuXG4vKiogQSB2ZW5kb3IgdGhhdCBtYWtlcyB0aGluZ3MgdW5kZXIgbnVtYmVycywgYW5kIGNvdW50cyB3aGF0IGl0IGlzIGFza2VkLiAqL1xuYXN5bmMgZnVuY3Rpb24gdGhpbmdzKCk6IFByb21pc2U8eyBvcmlnaW46IHN0cmluZzsgYXNrZWQ6IHN0cmluZ1tdOyBtYWRlOiBTZXQ8c3RyaW5nPjsgY2xvc2UoKTogUHJvbWlzZTx2b2lkPiB9PiB7XG4gIGNvbnN0IGFza2VkOiBzdHJpbmdbXSA9IFtdO1xuICBjb25zdCBtYWRlID0gbmV3IFNldDxzdHJpbmc+KCk7XG4gIGxldCBjb3VudCA9IDA7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoaGVhZCwgc29ja2V0KSA9PiB7XG4gICAgY29uc3QgW21ldGhvZCA9ICcnLCBwYXRoID0gJyddID0gaGVhZC5zcGxpdCgnICcpO1xuICAgIGFza2VkLnB1c2goYCR7bWV0aG9kfSAke3BhdGh9YCk7XG4gICAgaWYgKHBhdGguc3RhcnRzV2l0aCgnL3NpbGVudCcpKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGlmIChwYXRoLnN0YXJ0c1dpdGgoJy9sb3N0JykpIHJldHVybiB2b2lkIHNvY2tldC5kZXN0cm95KCk7XG4gICAgaWYgKHBhdGguc3RhcnRzV2l0aCgnL2JhZCcpKSByZXR1cm4gYW5zd2VyT2YoJ3tcImVycm9yXCI6IHRydWV9JywgeyBzdGF0dXM6ICc1MDAgQnJva2VuJyB9KTtcbiAgICBpZiAocGF0aC5zdGFydHNXaXRoKCcvcmVmdXNlJykpIHJldHVybiBhbnN3ZXJPZigne30nLCB7IHN0YXR1czogJzQwOSBDb25mbGljdCcgfSk7XG4gICAgaWYgKG1ldGhvZCA9PT0gJ1BPU1QnKSB7XG4gICAgICBjb3VudCArPSAxO1xuICAgICAgbWFkZS5hZGQoYHQke2NvdW50fWApO1xuICAgICAgcmV0dXJuIGFuc3dlck9mKGB7XCJpZFwiOiBcInQke2NvdW50fVwiLCBcInBhcmVudFwiOiBcIiR7cGF0aC5zcGxpdCgnLycpWzJdID8/ICcnfVwifWAsIHsgc3RhdHVzOiAnMjAxIENyZWF0ZWQnIH0pO1xuICAgIH1cbiAgICBjb25zdCBpZCA9IHBhdGguc3BsaXQoJy8nKS5hdCgtMSkgPz8gJyc7XG4gICAgaWYgKG1ldGhvZCA9PT0gJ0RFTEVURScpIHtcbiAgICAgIGlmICghbWFkZS5kZWxldGUoaWQpKSByZXR1cm4gYW5zd2VyT2YoJ3t9JywgeyBzdGF0dXM6ICc0MDQgTm90IEZvdW5kJyB9KTtcbiAgICAgIHJldHVybiBhbnN3ZXJPZignJywgeyBzdGF0dXM6ICcyMDQgTm8gQ29udGVudCcgfSk7XG4gICAgfVxuICAgIHJldHVybiBhbnN3ZXJPZihge1wiaWRcIjogXCIke2lkfVwiLCBcImxpc3RcIjogWzEsIDJdfWApO1xuICB9KTtcbiAgcmV0dXJuIHsgb3JpZ2luOiBzZXJ2ZXIub3JpZ2luLCBhc2tlZCwgbWFkZSwgY2xvc2U6IHNlcnZlci5jbG9zZSB9O1xufVxuXG5jb25zdCByZXF1ZXN0cyA9IHtcbiAgJ3JlcXVlc3RzL21ha2UueWFtbCc6XG4gICAgJ2lucHV0czoge3BhcmVudDoge2RlZmF1bHQ6IG5vbmV9fVxcbm1ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L3RoaW5ncy97cGFyZW50fVxcbmV4cGVjdDoge3N0YXR1czogMjAxfVxcbmtlZXA6IHt0aGluZzogJC5pZH1cXG4nLFxuICAncmVxdWVzdHMvcmVtb3ZlLnlhbWwnOiAnaW5wdXRzOiB7dGhpbmc6IHt9fVxcbm1ldGhvZDogREVMRVRFXFxudXJsOiAke29yaWdpbn0vdGhpbmdzL3t0aGluZ31cXG5leHBlY3Q6IHtzdGF0dXM6IDIwNH1cXG4nLFxuICAncmVxdWVzdHMvZ2V0LnlhbWwnOlxuICAgICdpbnB1dHM6IHt0aGluZzoge2RlZmF1bHQ6IHh9LCBwYXRoOiB7ZGVmYXVsdDogdGhpbmdzfX1cXG51cmw6ICR7b3JpZ2lufS97cGF0aH0ve3RoaW5nfVxcbmV4cGVjdDoge3N0YXR1czogMjAwfVxcbicsXG4gICdyZXF1ZXN0cy9jaGFuZ2UueWFtbCc6ICdpbnB1dHM6IHtwYXRoOiB7ZGVmYXVsdDogdGhpbmdzfX1cXG5tZXRob2Q6IFBPU1RcXG51cmw6ICR7b3JpZ2lufS97cGF0aH1cXG4nLFxufTtcblxuaW50ZXJmYWNlIFRyYWlsQ2FzZSB7XG4gIHJlYWRvbmx5IG5hbWU6IHN0cmluZztcbiAgcmVhZG9ubHkgdHJhaWw6IHN0cmluZztcbiAgcmVhZG9ubHkgc3RhdHVzOiBudW1iZXI7XG4gIHJlYWRvbmx5IGFza2VkOiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgbGVmdD86IG51bWJlcjtcbiAgcmVhZG9ubHkgb3V0PzogUmVnRXhwO1xuICByZWFkb25seSBhcmdzPzogcmVhZG9ubHkgc3RyaW5nW107XG59XG5cbmNvbnN0IG1hZGUgPSAnICAtIHtzZW5kOiBtYWtlLCB1bmRvOiB7c2VuZDogcmVtb3ZlfX1cXG4nO1xuY29uc3Qgd2Fsa3M6IHJlYWRvbmx5IFRyYWlsQ2FzZVtdID0gW1xuICB7XG4gICAgbmFtZTogJ3VuZG8gcGFydHMgcnVuIG5ld2VzdCBmaXJzdCwgd2l0aCB0aGUgdmFsdWVzIGFzIHRoZXkgd2VyZScsXG4gICAgdHJhaWw6IGBzdGVwczpcXG4ke21hZGV9JHttYWRlfSAgLSB7c2VuZDogZ2V0LCBnaXZlOiB7cGF0aDogYmFkfX1cXG5gLFxuICAgIHN0YXR1czogMSxcbiAgICBhc2tlZDogWydQT1NUIC90aGluZ3Mvbm9uZScsICdQT1NUIC90aGluZ3Mvbm9uZScsICdHRVQgL2JhZC90MicsICdERUxFVEUgL3RoaW5ncy90MicsICdERUxFVEUgL3RoaW5ncy90MSddLFxuICAgIGxlZnQ6IDAsXG4gICAgb3V0OiAvMiB1bmRvbmUvLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ25vdGhpbmcgaXMgdW5kb25lIHdoZXJlIGFsbCB3ZW50IHdlbGwnLFxuICAgIHRyYWlsOiBgc3RlcHM6XFxuJHttYWRlfWAsXG4gICAgc3RhdHVzOiAwLFxuICAgIGFza2VkOiBbJ1BPU1QgL3RoaW5ncy9ub25lJ10sXG4gICAgbGVmdDogMSxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICd1bmRvOiBhbHdheXMgdW5kb2VzIGV2ZW4gdGhlbicsXG4gICAgdHJhaWw6IGB1bmRvOiBhbHdheXNcXG5zdGVwczpcXG4ke21hZGV9YCxcbiAgICBzdGF0dXM6IDAsXG4gICAgYXNrZWQ6IFsnUE9TVCAvdGhpbmdzL25vbmUnLCAnREVMRVRFIC90aGluZ3MvdDEnXSxcbiAgICBsZWZ0OiAwLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ3VuZG86IG5ldmVyIHVuZG9lcyBub3RoaW5nJyxcbiAgICB0cmFpbDogYHVuZG86IG5ldmVyXFxuc3RlcHM6XFxuJHttYWRlfSAgLSB7c2VuZDogZ2V0LCBnaXZlOiB7cGF0aDogYmFkfX1cXG5gLFxuICAgIHN0YXR1czogMSxcbiAgICBhc2tlZDogWydQT1NUIC90aGluZ3Mvbm9uZScsICdHRVQgL2JhZC90MSddLFxuICAgIGxlZnQ6IDEsXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYSBzdGVwIHRoYXQgbmV2ZXIgcmFuIGFybXMgbm90aGluZycsXG4gICAgdHJhaWw6IGBzdGVwczpcXG4gIC0ge3NlbmQ6IGdldCwgZ2l2ZToge3BhdGg6IGJhZH19XFxuJHttYWRlfWAsXG4gICAgc3RhdHVzOiAxLFxuICAgIGFza2VkOiBbJ0dFVCAvYmFkL3gnXSxcbiAgICBsZWZ0OiAwLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2Egc3RlcCB0aGF0IHRoZSB2ZW5kb3IgcmVmdXNlZCBuZWVkcyBubyB1bmRvJyxcbiAgICB0cmFpbDogJ3N0ZXBzOlxcbiAgLSB7c2VuZDogY2hhbmdlLCBnaXZlOiB7cGF0aDogcmVmdXNlfSwgdW5kbzoge3NlbmQ6IHJlbW92ZSwgZ2l2ZToge3RoaW5nOiB0OX19fVxcbicsXG4gICAgc3RhdHVzOiAxLFxuICAgIGFza2VkOiBbJ1BPU1QgL3JlZnVzZSddLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ3doYXQgaXMgZ29uZSBhbHJlYWR5IG5lZWQgbm90IGJlIHVuZG9uZScsXG4gICAgdHJhaWw6IGB1bmRvOiBhbHdheXNcXG5zdGVwczpcXG4ke21hZGV9ICAtIHtzZW5kOiByZW1vdmV9XFxuYCxcbiAgICBzdGF0dXM6IDAsXG4gICAgYXNrZWQ6IFsnUE9TVCAvdGhpbmdzL25vbmUnLCAnREVMRVRFIC90aGluZ3MvdDEnLCAnREVMRVRFIC90aGluZ3MvdDEnXSxcbiAgICBvdXQ6IC9ub3QgbmVlZGVkOiBpdCBpcyBnb25lIGFscmVhZHkvLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2EgY2hhbmdpbmcgY2FsbCB3aXRob3V0IGFuIGFuc3dlciBpcyBpbiBkb3VidCwgYW5kIGl0cyB1bmRvIGlzIHRyaWVkJyxcbiAgICB0cmFpbDogJ3N0ZXBzOlxcbiAgLSB7c2VuZDogY2hhbmdlLCBnaXZlOiB7cGF0aDogbG9zdH0sIHVuZG86IHtzZW5kOiByZW1vdmV9fVxcbicsXG4gICAgc3RhdHVzOiAzLFxuICAgIGFza2VkOiBbJ1BPU1QgL2xvc3QnXSxcbiAgICBvdXQ6IC9sZWZ0ICtjaGFuZ2UgYnkgcmVtb3ZlICtub3QgdW5kb25lOiBhIHZhbHVlIGZvciBpdCBpcyBtaXNzaW5nW1xcc1xcU10qaW4gZG91YnRbXFxzXFxTXSpQT1NUIC4qXFwvbG9zdC8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYSBzdGVwIGlzIHNraXBwZWQgd2hlbiBpdHMgY29uZGl0aW9uIGRvZXMgbm90IGhvbGQnLFxuICAgIHRyYWlsOlxuICAgICAgJ2lucHV0czoge2tpbmQ6IHtkZWZhdWx0OiBjb2FzdGVyfX1cXG5zdGVwczpcXG4gIC0ge3NlbmQ6IGdldCwgd2hlbjoge2tpbmQ6IHRhbmtlcn19XFxuICAtIHtzZW5kOiBnZXQsIHdoZW46IHttaXNzaW5nOiB7ZXhpc3RzOiBmYWxzZX0sIGtpbmQ6IHtvbmUtb2Y6IFtjb2FzdGVyLCBmZXJyeV19fSwgZ2l2ZToge3RoaW5nOiB5ZXN9fVxcbicsXG4gICAgc3RhdHVzOiAwLFxuICAgIGFza2VkOiBbJ0dFVCAvdGhpbmdzL3llcyddLFxuICAgIG91dDogL3NraXBwZWQgK2dldFtcXHNcXFNdKjEgc2tpcHBlZC8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnbmFtZXMgYXJlIGtlcHQgYnkgYSBzdGVwIG9mIHRoZWlyIG93biwgZWFjaCBtYXkgdXNlIHRoZSBvbmUgYmVmb3JlJyxcbiAgICB0cmFpbDogJ3N0ZXBzOlxcbiAgLSB7a2VlcDoge2E6IFwieFwiLCBiOiBcIiR7YX0teVwifX1cXG4gIC0ge3NlbmQ6IGdldCwgZ2l2ZToge3RoaW5nOiBcIiR7YiB8IHVwcGVyfVwifX1cXG4nLFxuICAgIHN0YXR1czogMCxcbiAgICBhc2tlZDogWydHRVQgL3RoaW5ncy9YLVknXSxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdhbiBleHBlY3RhdGlvbiBvZiBhIHN0ZXAgbWF5IHVzZSB3aGF0IHdhcyBrZXB0OyB0eXBlcyBzdXJ2aXZlJyxcbiAgICB0cmFpbDogJ3N0ZXBzOlxcbiAgLSB7a2VlcDoge246IDJ9fVxcbiAgLSB7c2VuZDogZ2V0LCBleHBlY3Q6IHskLmxpc3Q6IHtjb3VudDogXCIke259XCJ9LCBcIiQubGlzdFsxXVwiOiBcIiR7bn1cIn19XFxuJyxcbiAgICBzdGF0dXM6IDAsXG4gICAgYXNrZWQ6IFsnR0VUIC90aGluZ3MveCddLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2Egc3RlcCB0aGF0IGV4cGVjdHMgYSBzdGF0dXMgb2YgaXRzIG93biBzcGVha3Mgb2YgYW5vdGhlciBhbnN3ZXInLFxuICAgIHRyYWlsOiAnc3RlcHM6XFxuICAtIHtzZW5kOiBnZXQsIGdpdmU6IHtwYXRoOiBiYWR9LCBleHBlY3Q6IHtzdGF0dXM6IDV4eCwgJC5lcnJvcjogdHJ1ZX19XFxuJyxcbiAgICBzdGF0dXM6IDAsXG4gICAgYXNrZWQ6IFsnR0VUIC9iYWQveCddLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2EgdmFsdWUgdGhhdCBpcyBub3QgdGhlcmUgZmFpbHMgdGhlIHN0ZXAsIGEgZGVmYXVsdCBkb2VzIG5vdCcsXG4gICAgdHJhaWw6ICdzdGVwczpcXG4gIC0ge3NlbmQ6IGdldCwga2VlcDoge2E6IHthdDogJC5ub25lLCBkZWZhdWx0OiA3fX19XFxuICAtIHtzZW5kOiBnZXQsIGtlZXA6IHtiOiAkLmxzdH19XFxuJyxcbiAgICBzdGF0dXM6IDEsXG4gICAgYXNrZWQ6IFsnR0VUIC90aGluZ3MveCcsICdHRVQgL3RoaW5ncy94J10sXG4gICAgb3V0OiAvYiBpcyBub3Qga2VwdDogbm90aGluZyBzdGFuZHMgYXQgXFwkXFwubHN0W1xcc1xcU10qbmVhcmVzdDogXFwkXFwubGlzdC8sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnb25seTogdHJ1ZSB3YW50cyBleGFjdGx5IG9uZScsXG4gICAgdHJhaWw6ICdzdGVwczpcXG4gIC0ge3NlbmQ6IGdldCwga2VlcDoge2E6IHthdDogXCIkLmxpc3RbKl1cIiwgb25seTogdHJ1ZX19fVxcbicsXG4gICAgc3RhdHVzOiAxLFxuICAgIGFza2VkOiBbJ0dFVCAvdGhpbmdzL3gnXSxcbiAgICBvdXQ6IC9ob2xkcyAyIGl0ZW1zLyxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICd3aGF0IGlzIGtlcHQgc3RheXMgYWx0aG91Z2ggYW4gZXhwZWN0YXRpb24gZmFpbGVkJyxcbiAgICB0cmFpbDogYHN0ZXBzOlxcbiAgLSB7c2VuZDogbWFrZSwgZXhwZWN0OiB7JC5pZDogb3RoZXJ9LCB1bmRvOiB7c2VuZDogcmVtb3ZlfX1cXG5gLFxuICAgIHN0YXR1czogMSxcbiAgICBhc2tlZDogWydQT1NUIC90aGluZ3Mvbm9uZScsICdERUxFVEUgL3RoaW5ncy90MSddLFxuICAgIGxlZnQ6IDAsXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnYW4gaW5uZXIgdHJhaWwgaGFzIGlucHV0cyBvZiBpdHMgb3duIGFuZCBnaXZlcyBiYWNrIHdoYXQgaXMgYXNrZWQgZm9yOyBpdHMgdW5kbyBiZWxvbmdzIHRvIHRoZSB3aG9sZScsXG4gICAgdHJhaWw6XG4gICAgICAnc3RlcHM6XFxuICAtIHRyYWlsOiBpbm5lclxcbiAgICBnaXZlOiB7cGFyZW50OiBwN31cXG4gICAga2VlcDoge21pbmU6IFwiJHt0aGluZ31cIn1cXG4gIC0ge3NlbmQ6IGdldCwgZ2l2ZToge3RoaW5nOiBcIiR7bWluZX1cIiwgcGF0aDogYmFkfX1cXG4nLFxuICAgIHN0YXR1czogMSxcbiAgICBhc2tlZDogWydQT1NUIC90aGluZ3MvcDcnLCAnR0VUIC9iYWQvdDEnLCAnREVMRVRFIC90aGluZ3MvdDEnXSxcbiAgICBsZWZ0OiAwLFxuICB9LFxuICB7XG4gICAgbmFtZTogJy0tc2V0IGdpdmVzIHRoZSBpbnB1dHMgb2YgdGhlIHRyYWlsJyxcbiAgICB0cmFpbDogJ2lucHV0czoge3RoaW5nOiB7fX1cXG5zdGVwczpcXG4gIC0ge3NlbmQ6IGdldH1cXG4nLFxuICAgIHN0YXR1czogMCxcbiAgICBhc2tlZDogWydHRVQgL3RoaW5ncy96J10sXG4gICAgYXJnczogWyctLXNldCcsICd0aGluZz16J10sXG4gIH0sXG5dO1xuXG5mb3IgKGNvbnN0IHsgbmFtZSwgdHJhaWwsIHN0YXR1cywgYXNrZWQsIGxlZnQsIG91dCwgYXJncyA9IFtdIH0gb2Ygd2Fsa3MpIHtcbiAgdGVzdChuYW1lLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgdmVuZG9yID0gYXdhaXQgdGhpbmdzKCk7XG4gICAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgICAgeyAuLi5yZXF1ZXN0cywgJ3RyYWlscy90LnlhbWwnOiB0cmFpbCwgJ3RyYWlscy9pbm5lci55YW1sJzogYGlucHV0czoge3BhcmVudDoge319XFxuc3RlcHM6XFxuJHttYWRlfWAgfSxcbiAgICAgIHZlbmRvci5vcmlnaW4sXG4gICAgKTtcbiAgICBjb25zdCB3YWxrZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndCcsIC4uLmFyZ3NdLCB7IGN3ZCB9KTtcbiAgICBhc3NlcnQuZXF1YWwod2Fsa2VkLnN0YXR1cywgc3RhdHVzLCB3YWxrZWQub3V0ICsgd2Fsa2VkLmVycik7XG4gICAgYXNzZXJ0LmRlZXBFcXVhbCh2ZW5kb3IuYXNrZWQsIGFza2VkKTtcbiAgICBpZiAobGVmdCAhPT0gdW5kZWZpbmVkKSBhc3NlcnQuZXF1YWwodmVuZG9yLm1hZGUuc2l6ZSwgbGVmdCk7XG4gICAgaWYgKG91dCkgYXNzZXJ0Lm1hdGNoKHdhbGtlZC5vdXQsIG91dCk7XG4gICAgYXdhaXQgdmVuZG9yLmNsb3NlKCk7XG4gIH0pO1xufVxuXG50ZXN0KCdzZXZlcmFsIG5hbWVzIGFyZSB3YWxrZWQgb25lIGFmdGVyIHRoZSBvdGhlcjsgcmVxdWVzdHMgYXJlIHRyYWlscyBvZiBvbmUgc3RlcCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgdmVuZG9yID0gYXdhaXQgdGhpbmdzKCk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7IC4uLnJlcXVlc3RzLCAndHJhaWxzL3QueWFtbCc6IGBzdGVwczpcXG4ke21hZGV9YCB9LCB2ZW5kb3Iub3JpZ2luKTtcbiAgY29uc3QgeyBzdGF0dXMsIG91dCB9ID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2dldCcsICd0JywgJ2dldCcsICctLXNldCcsICd0aGluZz1xJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAwLCBvdXQpO1xuICBhc3NlcnQuZGVlcEVxdWFsKHZlbmRvci5hc2tlZCwgWydHRVQgL3RoaW5ncy9xJywgJ1BPU1QgL3RoaW5ncy9ub25lJywgJ0dFVCAvdGhpbmdzL3EnXSk7XG4gIGF3YWl0IHZlbmRvci5jbG9zZSgpO1xufSk7XG5cbmZvciAoY29uc3QgW2tpbmQsIHRleHRdIG9mIFtcbiAgWydjc3YnLCAndGhpbmcsbm90ZVxcbjAwNyxcImEsIGJcIlxcblwiOFwiLFxcbmJhZCx4XFxuMTAseVxcbiddLFxuICBbXG4gICAgJ2pzb25sJyxcbiAgICAne1widGhpbmdcIjogXCIwMDdcIiwgXCJub3RlXCI6IFwiYSwgYlwifVxcblxcbntcInRoaW5nXCI6IFwiOFwiLCBcIm5vdGVcIjogXCJcIn1cXG57XCJ0aGluZ1wiOiBcImJhZFwiLCBcIm5vdGVcIjogXCJ4XCJ9XFxue1widGhpbmdcIjogXCIxMFwiLCBcIm5vdGVcIjogXCJ5XCJ9XFxuJyxcbiAgXSxcbl0gYXMgY29uc3QpIHtcbiAgdGVzdChgcm93cyBjb21lIGZyb20gJHtraW5kfSwgZWFjaCBhIHNjb3BlIG9mIGl0cyBvd247IG9uZSB0aGF0IGZhaWxzIGRvZXMgbm90IGVuZCB0aGUgb3RoZXJzYCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IHZlbmRvciA9IGF3YWl0IHRoaW5ncygpO1xuICAgIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICAgIHtcbiAgICAgICAgLi4ucmVxdWVzdHMsXG4gICAgICAgIFtgZGF0YS9yb3dzLiR7a2luZH1gXTogdGV4dCxcbiAgICAgICAgJ3RyYWlscy90LnlhbWwnOiBgcm93czogZGF0YS9yb3dzLiR7a2luZH1cXG5hdC1vbmNlOiAzXFxuc3RlcHM6XFxuICAtIHtzZW5kOiBnZXQsIGV4cGVjdDogeyQuaWQ6IHtub3Q6IGJhZH0sICQ6IHtleGlzdHM6IHRydWV9fX1cXG5gLFxuICAgICAgfSxcbiAgICAgIHZlbmRvci5vcmlnaW4sXG4gICAgKTtcbiAgICBjb25zdCB3YWxrZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndCcsICctLWpzb24nXSwgeyBjd2QgfSk7XG4gICAgYXNzZXJ0LmVxdWFsKHdhbGtlZC5zdGF0dXMsIDEpO1xuICAgIGFzc2VydC5kZWVwRXF1YWwoWy4uLnZlbmRvci5hc2tlZF0uc29ydCgpLCBbXG4gICAgICAnR0VUIC90aGluZ3MvMDA3JyxcbiAgICAgICdHRVQgL3RoaW5ncy8xMCcsXG4gICAgICAnR0VUIC90aGluZ3MvOCcsXG4gICAgICAnR0VUIC90aGluZ3MvYmFkJyxcbiAgICBdKTtcbiAgICBjb25zdCBldmVudHMgPSBkb2N1bWVudExpbmVzKHdhbGtlZCk7XG4gICAgYXNzZXJ0LmRlZXBFcXVhbCgoZXZlbnRzLmF0KC0xKSBhcyB7IHJvd3M6IHVua25vd24gfSkucm93cywgeyBvazogMywgZmFpbGVkOiAxLCBiZWZvcmU6IDAgfSk7XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICAgIGV2ZW50cy5maWx0ZXIoKHsgZXZlbnQsIG9rIH0pID0+IGV2ZW50ID09PSAncm93JyAmJiBvayA9PT0gZmFsc2UpLm1hcCgoeyByb3cgfSkgPT4gcm93KSxcbiAgICAgIFszXSxcbiAgICApO1xuICAgIGF3YWl0IHZlbmRvci5jbG9zZSgpO1xuICB9KTtcbn1cblxudGVzdCgnbm8gbW9yZSByb3dzIGFyZSB3YWxrZWQgYXQgb25jZSB0aGFuIGlzIHNhaWQnLCBhc3luYyAoKSA9PiB7XG4gIGxldCBvcGVuID0gMDtcbiAgbGV0IG1vc3QgPSAwO1xuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKF9oZWFkLCBzb2NrZXQpID0+IHtcbiAgICBvcGVuICs9IDE7XG4gICAgbW9zdCA9IE1hdGgubWF4KG1vc3QsIG9wZW4pO1xuICAgIHNldFRpbWVvdXQoKCkgPT4ge1xuICAgICAgb3BlbiAtPSAxO1xuICAgICAgc29ja2V0LndyaXRlKGFuc3dlck9mKCd7XCJpZFwiOiBcInhcIn0nKSk7XG4gICAgfSwgNDApO1xuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIH0pO1xuICBjb25zdCByb3dzID0gQXJyYXkuZnJvbSh7IGxlbmd0aDogMjQgfSwgKF8sIGluZGV4KSA9PiBge1widGhpbmdcIjogXCJyJHtpbmRleH1cIn1gKS5qb2luKCdcXG4nKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgIC4uLnJlcXVlc3RzLFxuICAgICAgJ2RhdGEvcm93cy5qc29ubCc6IHJvd3MsXG4gICAgICAndHJhaWxzL3QueWFtbCc6ICdyb3dzOiBkYXRhL3Jvd3MuanNvbmxcXG5hdC1vbmNlOiA0XFxuc3RlcHM6IFt7c2VuZDogZ2V0fV1cXG4nLFxuICAgIH0sXG4gICAgc2VydmVyLm9yaWdpbixcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndCddLCB7IGN3ZCB9KSkuc3RhdHVzLCAwKTtcbiAgYXNzZXJ0LmVxdWFsKG1vc3QsIDQpO1xuICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdhIHJvdyB0aGF0IGNhbm5vdCBiZSByZWFkIGVuZHMgdGhlIHJ1biB3aXRoIGl0cyBsaW5lJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB2ZW5kb3IgPSBhd2FpdCB0aGluZ3MoKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgIC4uLnJlcXVlc3RzLFxuICAgICAgJ2RhdGEvcm93cy5qc29ubCc6ICd7XCJ0aGluZ1wiOiBcIjFcIn1cXG57XCJ0aGluZ1wiOiBcXG4nLFxuICAgICAgJ2RhdGEvcm93cy5jc3YnOiAndGhpbmcsYlxcbjEsMlxcbjEsMiwzXFxuJyxcbiAgICAgICd0cmFpbHMvai55YW1sJzogJ3Jvd3M6IGRhdGEvcm93cy5qc29ubFxcbnN0ZXBzOiBbe3NlbmQ6IGdldH1dXFxuJyxcbiAgICAgICd0cmFpbHMvYy55YW1sJzogJ3Jvd3M6IGRhdGEvcm93cy5jc3ZcXG5zdGVwczogW3tzZW5kOiBnZXR9XVxcbicsXG4gICAgfSxcbiAgICB2ZW5kb3Iub3JpZ2luLFxuICApO1xuICBmb3IgKGNvbnN0IFt0cmFpbCwgcGxhY2VdIG9mIFtcbiAgICBbJ2onLCAncm93cy5qc29ubDoyJ10sXG4gICAgWydjJywgJ3Jvd3MuY3N2OjMnXSxcbiAgXSBhcyBjb25zdCkge1xuICAgIGNvbnN0IHdhbGtlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsIHRyYWlsLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICAgIGFzc2VydC5lcXVhbCh3YWxrZWQuc3RhdHVzLCAyLCB3YWxrZWQuZXJyKTtcbiAgICBjb25zdCB7IHByb2JsZW0gfSA9IGRvY3VtZW50TGluZXMod2Fsa2VkKS5hdCgtMSkgYXMgeyBwcm9ibGVtOiB7IGNvZGU6IHN0cmluZyB9IH07XG4gICAgYXNzZXJ0LmVxdWFsKHByb2JsZW0uY29kZSwgJ2RhdGEtc2hhcGUnKTtcbiAgICBjb25zdCBzaG93biA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsIHRyYWlsXSwgeyBjd2QgfSk7XG4gICAgYXNzZXJ0Lm9rKChzaG93bi5vdXQgKyBzaG93bi5lcnIpLmluY2x1ZGVzKHBsYWNlKSwgc2hvd24ub3V0ICsgc2hvd24uZXJyKTtcbiAgfVxuICBhd2FpdCB2ZW5kb3IuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdDdHJsLUMgZW5kcyB0aGUgd2FsaywgdW5kb2VzIHdoYXQgd2FzIG1hZGUsIGFuZCBnaXZlcyBzdGF0dXMgMTMwJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB2ZW5kb3IgPSBhd2FpdCB0aGluZ3MoKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHsgLi4ucmVxdWVzdHMsICd0cmFpbHMvdC55YW1sJzogYHN0ZXBzOlxcbiR7bWFkZX0gIC0ge3NlbmQ6IGdldCwgZ2l2ZToge3BhdGg6IHNpbGVudH19XFxuYCB9LFxuICAgIHZlbmRvci5vcmlnaW4sXG4gICk7XG4gIGNvbnN0IHdhbGtlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICd0J10sIHtcbiAgICBjd2QsXG4gICAgbWVhbndoaWxlOiAoY2hpbGQpID0+IHtcbiAgICAgIGNvbnN0IHdhaXQgPSBzZXRJbnRlcnZhbCgoKSA9PiB7XG4gICAgICAgIGlmICghdmVuZG9yLmFza2VkLnNvbWUoKGNhbGwpID0+IGNhbGwuaW5jbHVkZXMoJy9zaWxlbnQnKSkpIHJldHVybjtcbiAgICAgICAgY2xlYXJJbnRlcnZhbCh3YWl0KTtcbiAgICAgICAgY2hpbGQua2lsbCgnU0lHSU5UJyk7XG4gICAgICB9LCAyMCk7XG4gICAgfSxcbiAgfSk7XG4gIGFzc2VydC5lcXVhbCh3YWxrZWQuc3RhdHVzLCAxMzAsIHdhbGtlZC5vdXQgKyB3YWxrZWQuZXJyKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbCh2ZW5kb3IuYXNrZWQsIFsnUE9TVCAvdGhpbmdzL25vbmUnLCAnR0VUIC9zaWxlbnQvdDEnLCAnREVMRVRFIC90aGluZ3MvdDEnXSk7XG4gIGFzc2VydC5tYXRjaCh3YWxrZWQuZXJyLCAvaW50ZXJydXB0ZWQ6IGNsZWFuaW5nIHVwLyk7XG4gIGFzc2VydC5tYXRjaCh3YWxrZWQub3V0LCAvdW5kb25lICttYWtlIGJ5IHJlbW92ZVtcXHNcXFNdKnQ6IGludGVycnVwdGVkLyk7XG4gIGF3YWl0IHZlbmRvci5jbG9zZSgpO1xufSk7XG5cbnRlc3QoJ2EgcnVuIHRoYXQgaXMga2lsbGVkIGNhbiBiZSByZWFkOiBpdHMgZWNob2VzIGFyZSB0aGVyZSwgYW5kIGEgbGluZSBjdXQgaW4gdHdvIGlzIHBhc3NlZCBvdmVyJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB2ZW5kb3IgPSBhd2FpdCB0aGluZ3MoKTtcbiAgY29uc3Qgcm93cyA9IEFycmF5LmZyb20oeyBsZW5ndGg6IDMwIH0sIChfLCBpbmRleCkgPT4gYHtcInRoaW5nXCI6IFwiciR7aW5kZXh9XCJ9YClcbiAgICAuY29uY2F0KCd7XCJ0aGluZ1wiOiBcInhcIiwgXCJwYXRoXCI6IFwic2lsZW50XCJ9JylcbiAgICAuam9pbignXFxuJyk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7IC4uLnJlcXVlc3RzLCAnZGF0YS9yb3dzLmpzb25sJzogcm93cywgJ3RyYWlscy90LnlhbWwnOiAncm93czogZGF0YS9yb3dzLmpzb25sXFxuc3RlcHM6IFt7c2VuZDogZ2V0fV1cXG4nIH0sXG4gICAgdmVuZG9yLm9yaWdpbixcbiAgKTtcbiAgY29uc3Qgd2Fsa2VkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnXSwge1xuICAgIGN3ZCxcbiAgICBtZWFud2hpbGU6IChjaGlsZCkgPT4ge1xuICAgICAgY29uc3Qgd2FpdCA9IHNldEludGVydmFsKCgpID0+IHtcbiAgICAgICAgaWYgKCF2ZW5kb3IuYXNrZWQuc29tZSgoY2FsbCkgPT4gY2FsbC5pbmNsdWRlcygnL3NpbGVudCcpKSkgcmV0dXJuO1xuICAgICAgICBjbGVhckludGVydmFsKHdhaXQpO1xuICAgICAgICBzZXRUaW1lb3V0KCgpID0+IGNoaWxkLmtpbGwoJ1NJR0tJTEwnKSwgMzAwKTtcbiAgICAgIH0sIDIwKTtcbiAgICB9LFxuICB9KTtcbiAgYXNzZXJ0Lm5vdEVxdWFsKHdhbGtlZC5zdGF0dXMsIDApO1xuICBjb25zdCBmb2xkZXIgPSBqb2luKGN3ZCwgJy5lY2hvLXRyYWlsL2VjaG9lcycpO1xuICBjb25zdCBbZmlsZSA9ICcnXSA9IHJlYWRkaXJTeW5jKGZvbGRlcik7XG4gIGNvbnN0IGxpbmVzID0gcmVhZEZpbGVTeW5jKGpvaW4oZm9sZGVyLCBmaWxlKSwgJ3V0ZjgnKTtcbiAgd3JpdGVGaWxlU3luYyhqb2luKGZvbGRlciwgZmlsZSksIGAke2xpbmVzfXtcImlkXCI6XCJjdXRgKTtcbiAgY29uc3QgeyBlY2hvZXMgfSA9IGRvY3VtZW50PHsgZWNob2VzOiB7IHVybDogc3RyaW5nIH1bXSB9PihcbiAgICBhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ2xpc3QnLCAnLS1tb3N0JywgJzEwMCcsICctLWpzb24nXSwgeyBjd2QgfSksXG4gICk7XG4gIGFzc2VydC5lcXVhbChlY2hvZXMubGVuZ3RoLCAzMCk7XG4gIGF3YWl0IHZlbmRvci5jbG9zZSgpO1xufSk7XG5cbnRlc3QoJ29ubHkgc28gbWFueSBydW5zIGFyZSBrZXB0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB2ZW5kb3IgPSBhd2FpdCB0aGluZ3MoKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHsgLi4ucmVxdWVzdHMsICdlY2hvLXRyYWlsLnlhbWwnOiAnbmFtZTogdFxcbmVudmlyb25tZW50OiBzYW5kYm94XFxuZWNob2VzOiB7cnVuczogMn1cXG4nIH0sXG4gICAgdmVuZG9yLm9yaWdpbixcbiAgKTtcbiAgZm9yIChsZXQgY291bnQgPSAwOyBjb3VudCA8IDQ7IGNvdW50ICs9IDEpIGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnZ2V0J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwocmVhZGRpclN5bmMoam9pbihjd2QsICcuZWNoby10cmFpbC9lY2hvZXMnKSkubGVuZ3RoLCAyKTtcbiAgYXdhaXQgdmVuZG9yLmNsb3NlKCk7XG59KTtcblxudGVzdCgnYmVmb3JlIHRoZSBmaXJzdCBzdGVwLCBldmVyeXRoaW5nIHRoYXQgdGhlIHRyYWlsIG5hbWVzIGlzIHJlYWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHZlbmRvciA9IGF3YWl0IHRoaW5ncygpO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgLi4ucmVxdWVzdHMsXG4gICAgICAndHJhaWxzL3QueWFtbCc6ICdzdGVwczpcXG4gIC0gc2VuZDogbWFrZVxcbiAgLSBzZW5kOiByZW12b2VcXG4nLFxuICAgICAgJ3RyYWlscy9hLnlhbWwnOiAnc3RlcHM6IFt7dHJhaWw6IGJ9XVxcbicsXG4gICAgICAndHJhaWxzL2IueWFtbCc6ICdzdGVwczogW3t0cmFpbDogYX1dXFxuJyxcbiAgICB9LFxuICAgIHZlbmRvci5vcmlnaW4sXG4gICk7XG4gIGNvbnN0IG1pc3NpbmcgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKG1pc3Npbmcuc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKG1pc3NpbmcuZXJyLCAvbm8gcmVxdWVzdCByZW12b2VbXFxzXFxTXSp0cmFpbHNcXC90XFwueWFtbDozOjExW1xcc1xcU10qZGlkIHlvdSBtZWFuIHJlbW92ZS8pO1xuICBjb25zdCBjaXJjbGUgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnYSddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGNpcmNsZS5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2goY2lyY2xlLmVyciwgL2NpcmNsZS8pO1xuICBjb25zdCB1bmtub3duID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ21ha2UnLCAnLS1zZXQnLCAncGFybnQ9MSddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHVua25vd24uc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKHVua25vd24uZXJyLCAvLS1zZXQgcGFybnQ6IG5vdGhpbmcgaGVyZSB0YWtlcyB0aGF0IG5hbWVbXFxzXFxTXSpkaWQgeW91IG1lYW4gcGFyZW50Lyk7XG4gIHdyaXRlSW4oY3dkLCAndHJhaWxzL3QueWFtbCcsICdpbnB1dHM6IHt0aGluZzoge2Fib3V0OiB3aGljaCBvbmV9fVxcbnN0ZXBzOiBbe3NlbmQ6IGdldH1dXFxuJyk7XG4gIGNvbnN0IGlucHV0ID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChpbnB1dC5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2goaW5wdXQuZXJyLCAvdHJhaWwgdCBuZWVkcyB0aGUgaW5wdXQgdGhpbmcgXFwod2hpY2ggb25lXFwpLyk7XG4gIGFzc2VydC5kZWVwRXF1YWwodmVuZG9yLmFza2VkLCBbXSk7XG4gIGF3YWl0IHZlbmRvci5jbG9zZSgpO1xufSk7XG5cbnRlc3QoJ3NlY3JldHMgdGhhdCBhcmUgbWlzc2luZyBhcmUgdG9sZCBiZWZvcmUgYW55dGhpbmcgaXMgc2VudCwgYWxsIGF0IG9uY2UnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlbnQ6IHN0cmluZ1tdID0gW107XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoaGVhZCkgPT4ge1xuICAgIHNlbnQucHVzaChoZWFkKTtcbiAgICByZXR1cm4gYW5zd2VyT2YoJ3t9Jyk7XG4gIH0pO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ2RhdGEvcm93cy5jc3YnOiAnaW1vXFxuMVxcbjJcXG4zXFxuJyxcbiAgICAgICdyZXF1ZXN0cy9kZWZhdWx0cy55YW1sJzogJ2hlYWRlcnM6IHtYLUFsbDogXCIke3NlY3JldC5hbGx9XCIsIFgtT3duOiBcIiR7c2VjcmV0Lm92ZXJyaWRkZW59XCJ9XFxuJyxcbiAgICAgICdyZXF1ZXN0cy9zaG93LnlhbWwnOlxuICAgICAgICAndXJsOiAke29yaWdpbn0veFxcbmhlYWRlcnM6IHtYLU93bjogYSwgWC1NYXk6IFwiJHtzZWNyZXQubWF5ID8/IG9taXR9XCIsIFgtUm93OiBcIiR7c2VjcmV0LmZsZWV0W2ltb119XCJ9XFxuaW5wdXRzOiB7aW1vOiB7fX1cXG5zZXNzaW9uOiBrZXlcXG5zaWduYXR1cmU6IHNlYWxcXG4nLFxuICAgICAgJ3JlcXVlc3RzL3NlbGRvbS55YW1sJzogJ3VybDogJHtvcmlnaW59L3lcXG5oZWFkZXJzOiB7WC1Pd246IGEsIFgtQWxsOiBiLCBYLVNlbGRvbTogXCIke3NlY3JldC5zZWxkb219XCJ9XFxuJyxcbiAgICAgICdzZXNzaW9ucy9rZXkueWFtbCc6ICdraW5kOiBiZWFyZXJcXG50b2tlbjogJHtzZWNyZXQudG9rZW59XFxuJyxcbiAgICAgICdzaWduYXR1cmVzL3NlYWwueWFtbCc6XG4gICAgICAgICdoZWFkZXJzOiB7WC1TZWFsOiBcIiR7c2VudC5wYXRoIHwgaG1hYy1zaGEtMjU2KHNlY3JldC5zZWFsaW5nKSB8IGhleH1cIn1cXG5leGFtcGxlczogW3tyZXF1ZXN0OiB7dXJsOiBodHRwOi8vYS5leGFtcGxlL30sIHNlY3JldHM6IHtzZWFsaW5nOiB4fSwgZXhwZWN0OiB7fX1dXFxuJyxcbiAgICAgICd0cmFpbHMvcm93cy55YW1sJzpcbiAgICAgICAgJ3Jvd3M6IGRhdGEvcm93cy5jc3ZcXG5zdGVwczpcXG4gIC0ge3NlbmQ6IHNob3csIGdpdmU6IHtpbW86IFwiJHtpbW99XCJ9fVxcbiAgLSB7c2VuZDogc2VsZG9tLCB3aGVuOiB7bmV2ZXI6IHtleGlzdHM6IHRydWV9fX1cXG4nLFxuICAgIH0sXG4gICAgc2VydmVyLm9yaWdpbixcbiAgKTtcbiAgY29uc3Qgbm9uZSA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdyb3dzJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwobm9uZS5zdGF0dXMsIDQpO1xuICBhc3NlcnQubWF0Y2gobm9uZS5lcnIsIC90aGUgc2VjcmV0cyBhbGwsIHNlYWxpbmcsIHRva2VuIGFyZSBub3Qgc2V0Lyk7XG4gIGFzc2VydC5tYXRjaChub25lLmVyciwgL3JlcXVlc3RzXFwvZGVmYXVsdHNcXC55YW1sOjE6MThbXFxzXFxTXSplY2hvLXRyYWlsIHNlY3JldCBzZXQgc2VhbGluZ1tcXHNcXFNdKm5vdGhpbmcgd2FzIHNlbnQvKTtcbiAgYXNzZXJ0LmVxdWFsKHNlbnQubGVuZ3RoLCAwKTtcbiAgY29uc3QgZmxlZXQgPSB7IEVDSE9fVFJBSUxfU0VDUkVUX0ZMRUVUXzE6ICdhLWxhbXAtcm9vbScsIEVDSE9fVFJBSUxfU0VDUkVUX0ZMRUVUXzI6ICdiLWxhbXAtcm9vbScgfTtcbiAgY29uc3QgZ2l2ZW4gPSB7XG4gICAgRUNIT19UUkFJTF9TRUNSRVRfQUxMOiAnZ3VsbC1yb2NrLTc3JyxcbiAgICBFQ0hPX1RSQUlMX1NFQ1JFVF9TRUFMSU5HOiAnd2luY2gtZ3JlYXNlLTc3JyxcbiAgICBFQ0hPX1RSQUlMX1NFQ1JFVF9UT0tFTjogJ3RpZGUtdG9rZW4tNzcnLFxuICB9O1xuICBjb25zdCBzb21lID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3Jvd3MnXSwgeyBjd2QsIGVudjogeyAuLi5naXZlbiwgLi4uZmxlZXQgfSB9KTtcbiAgYXNzZXJ0LmVxdWFsKHNvbWUuc3RhdHVzLCA0LCAnYSBrZXkgdGhhdCBhIHJvdyBuYW1lcyBpcyBmb3VuZCBtaXNzaW5nIGJ5IHRoYXQgcm93Jyk7XG4gIGFzc2VydC5lcXVhbChzZW50Lmxlbmd0aCwgMiwgc29tZS5lcnIgKyBzb21lLm91dCk7XG4gIGFzc2VydC5tYXRjaChzb21lLmVyciArIHNvbWUub3V0LCAvc2VjcmV0IGZsZWV0XFxbM1xcXSBpcyBub3Qgc2V0Lyk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLGFBQWEsY0FBYyxxQkFBcUI7QUFDekQsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsWUFBWTtBQU1yQixJQUFNLFVBQVUsTUFBTSxtQkFBbUI7QUFDekMsSUFBTSxNQUFNLEVBQUUsaUNBQWlDLFFBQVEsWUFBWSxTQUFTO0FBRTVFLGVBQWUsaUJBQWtDO0FBQy9DLFFBQU0sT0FBTyxNQUFNLE1BQU0sR0FBRyxRQUFRLE1BQU0sZ0JBQWdCO0FBQUEsSUFDeEQsUUFBUTtBQUFBLElBQ1IsU0FBUyxFQUFFLGdCQUFnQixtQkFBbUI7QUFBQSxJQUM5QyxNQUFNLEtBQUssVUFBVSxRQUFRLFdBQVc7QUFBQSxFQUMxQyxDQUFDO0FBQ0QsUUFBTSxFQUFFLE1BQU0sSUFBSyxNQUFNLEtBQUssS0FBSztBQUNuQyxRQUFNLE9BQU8sTUFBTSxNQUFNLEdBQUcsUUFBUSxNQUFNLGFBQWEsRUFBRSxTQUFTLEVBQUUsZUFBZSxVQUFVLEtBQUssR0FBRyxFQUFFLENBQUM7QUFDeEcsVUFBUyxNQUFNLEtBQUssS0FBSyxHQUF5QjtBQUNwRDtBQUVBLEtBQUssMEVBQTBFLFlBQVk7QUFDekYsUUFBTSxNQUFNLGVBQWUsUUFBUSxNQUFNO0FBQ3pDLFFBQU0sU0FBUyxNQUFNLGVBQWU7QUFDcEMsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLE9BQU8sY0FBYyxRQUFRLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUM1RSxTQUFPLE1BQU0sT0FBTyxRQUFRLEdBQUcsT0FBTyxHQUFHO0FBQ3pDLFFBQU0sU0FBUyxjQUFjLE1BQU07QUFDbkMsU0FBTztBQUFBLElBQ0wsT0FBTyxJQUFJLENBQUMsVUFBVSxNQUFNLFFBQVEsTUFBTSxXQUFXLE1BQU0sS0FBSztBQUFBLElBQ2hFO0FBQUEsTUFDRTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLFFBQU0sVUFBVSxPQUFPLEdBQUcsRUFBRTtBQU01QixTQUFPLFVBQVUsQ0FBQyxRQUFRLElBQUksUUFBUSxhQUFhLFFBQVEsUUFBUSxNQUFNLEdBQUcsQ0FBQyxNQUFNLEdBQUcsQ0FBQyxDQUFDO0FBQ3hGLFNBQU8sR0FBRyxRQUFRLGFBQWEsT0FBTyxFQUFFO0FBQ3hDLFNBQU8sVUFBVSxRQUFRLE9BQU8sRUFBRSxJQUFJLEdBQUcsUUFBUSxHQUFHLFNBQVMsRUFBRSxDQUFDO0FBQ2hFLFNBQU8sTUFBTSxNQUFNLGVBQWUsR0FBRyxNQUFNO0FBQzdDLENBQUM7QUFFRCxLQUFLLDRFQUE0RSxZQUFZO0FBQzNGLFFBQU0sTUFBTSxlQUFlLFFBQVEsTUFBTTtBQUN6QyxRQUFNLFNBQVMsTUFBTSxlQUFlO0FBQ3BDLFFBQU0sRUFBRSxRQUFRLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxPQUFPLGNBQWMsU0FBUyxlQUFlLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUNyRyxTQUFPLE1BQU0sUUFBUSxDQUFDO0FBQ3RCLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE1BQU0sTUFBTSxlQUFlLEdBQUcsTUFBTTtBQUM3QyxDQUFDO0FBR0QsZUFBZSxTQUFrRztBQUMvRyxRQUFNLFFBQWtCLENBQUM7QUFDekIsUUFBTUEsUUFBTyxvQkFBSSxJQUFZO0FBQzdCLE1BQUksUUFBUTtBQUNaLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxNQUFNLFdBQVc7QUFDL0MsVUFBTSxDQUFDLFNBQVMsSUFBSSxPQUFPLEVBQUUsSUFBSSxLQUFLLE1BQU0sR0FBRztBQUMvQyxVQUFNLEtBQUssR0FBRyxNQUFNLElBQUksSUFBSSxFQUFFO0FBQzlCLFFBQUksS0FBSyxXQUFXLFNBQVMsRUFBRyxRQUFPO0FBQ3ZDLFFBQUksS0FBSyxXQUFXLE9BQU8sRUFBRyxRQUFPLEtBQUssT0FBTyxRQUFRO0FBQ3pELFFBQUksS0FBSyxXQUFXLE1BQU0sRUFBRyxRQUFPLFNBQVMsbUJBQW1CLEVBQUUsUUFBUSxhQUFhLENBQUM7QUFDeEYsUUFBSSxLQUFLLFdBQVcsU0FBUyxFQUFHLFFBQU8sU0FBUyxNQUFNLEVBQUUsUUFBUSxlQUFlLENBQUM7QUFDaEYsUUFBSSxXQUFXLFFBQVE7QUFDckIsZUFBUztBQUNULE1BQUFBLE1BQUssSUFBSSxJQUFJLEtBQUssRUFBRTtBQUNwQixhQUFPLFNBQVMsWUFBWSxLQUFLLGlCQUFpQixLQUFLLE1BQU0sR0FBRyxFQUFFLENBQUMsS0FBSyxFQUFFLE1BQU0sRUFBRSxRQUFRLGNBQWMsQ0FBQztBQUFBLElBQzNHO0FBQ0EsVUFBTSxLQUFLLEtBQUssTUFBTSxHQUFHLEVBQUUsR0FBRyxFQUFFLEtBQUs7QUFDckMsUUFBSSxXQUFXLFVBQVU7QUFDdkIsVUFBSSxDQUFDQSxNQUFLLE9BQU8sRUFBRSxFQUFHLFFBQU8sU0FBUyxNQUFNLEVBQUUsUUFBUSxnQkFBZ0IsQ0FBQztBQUN2RSxhQUFPLFNBQVMsSUFBSSxFQUFFLFFBQVEsaUJBQWlCLENBQUM7QUFBQSxJQUNsRDtBQUNBLFdBQU8sU0FBUyxXQUFXLEVBQUUsb0JBQW9CO0FBQUEsRUFDbkQsQ0FBQztBQUNELFNBQU8sRUFBRSxRQUFRLE9BQU8sUUFBUSxPQUFPLE1BQUFBLE9BQU0sT0FBTyxPQUFPLE1BQU07QUFDbkU7QUFFQSxJQUFNLFdBQVc7QUFBQSxFQUNmLHNCQUNFO0FBQUEsRUFDRix3QkFBd0I7QUFBQSxFQUN4QixxQkFDRTtBQUFBLEVBQ0Ysd0JBQXdCO0FBQzFCO0FBWUEsSUFBTSxPQUFPO0FBQ2IsSUFBTSxRQUE4QjtBQUFBLEVBQ2xDO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsRUFBVyxJQUFJLEdBQUcsSUFBSTtBQUFBO0FBQUEsSUFDN0IsUUFBUTtBQUFBLElBQ1IsT0FBTyxDQUFDLHFCQUFxQixxQkFBcUIsZUFBZSxxQkFBcUIsbUJBQW1CO0FBQUEsSUFDekcsTUFBTTtBQUFBLElBQ04sS0FBSztBQUFBLEVBQ1A7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsRUFBVyxJQUFJO0FBQUEsSUFDdEIsUUFBUTtBQUFBLElBQ1IsT0FBTyxDQUFDLG1CQUFtQjtBQUFBLElBQzNCLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBO0FBQUEsRUFBeUIsSUFBSTtBQUFBLElBQ3BDLFFBQVE7QUFBQSxJQUNSLE9BQU8sQ0FBQyxxQkFBcUIsbUJBQW1CO0FBQUEsSUFDaEQsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUE7QUFBQSxFQUF3QixJQUFJO0FBQUE7QUFBQSxJQUNuQyxRQUFRO0FBQUEsSUFDUixPQUFPLENBQUMscUJBQXFCLGFBQWE7QUFBQSxJQUMxQyxNQUFNO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQTtBQUFBLEVBQStDLElBQUk7QUFBQSxJQUMxRCxRQUFRO0FBQUEsSUFDUixPQUFPLENBQUMsWUFBWTtBQUFBLElBQ3BCLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBLElBQ1AsUUFBUTtBQUFBLElBQ1IsT0FBTyxDQUFDLGNBQWM7QUFBQSxFQUN4QjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQTtBQUFBLEVBQXlCLElBQUk7QUFBQTtBQUFBLElBQ3BDLFFBQVE7QUFBQSxJQUNSLE9BQU8sQ0FBQyxxQkFBcUIscUJBQXFCLG1CQUFtQjtBQUFBLElBQ3JFLEtBQUs7QUFBQSxFQUNQO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBLElBQ1AsUUFBUTtBQUFBLElBQ1IsT0FBTyxDQUFDLFlBQVk7QUFBQSxJQUNwQixLQUFLO0FBQUEsRUFDUDtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQ0U7QUFBQSxJQUNGLFFBQVE7QUFBQSxJQUNSLE9BQU8sQ0FBQyxpQkFBaUI7QUFBQSxJQUN6QixLQUFLO0FBQUEsRUFDUDtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQSxJQUNQLFFBQVE7QUFBQSxJQUNSLE9BQU8sQ0FBQyxpQkFBaUI7QUFBQSxFQUMzQjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQSxJQUNQLFFBQVE7QUFBQSxJQUNSLE9BQU8sQ0FBQyxlQUFlO0FBQUEsRUFDekI7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxRQUFRO0FBQUEsSUFDUixPQUFPLENBQUMsWUFBWTtBQUFBLEVBQ3RCO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBLElBQ1AsUUFBUTtBQUFBLElBQ1IsT0FBTyxDQUFDLGlCQUFpQixlQUFlO0FBQUEsSUFDeEMsS0FBSztBQUFBLEVBQ1A7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxRQUFRO0FBQUEsSUFDUixPQUFPLENBQUMsZUFBZTtBQUFBLElBQ3ZCLEtBQUs7QUFBQSxFQUNQO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBO0FBQUE7QUFBQSxJQUNQLFFBQVE7QUFBQSxJQUNSLE9BQU8sQ0FBQyxxQkFBcUIsbUJBQW1CO0FBQUEsSUFDaEQsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUNFO0FBQUEsSUFDRixRQUFRO0FBQUEsSUFDUixPQUFPLENBQUMsbUJBQW1CLGVBQWUsbUJBQW1CO0FBQUEsSUFDN0QsTUFBTTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxRQUFRO0FBQUEsSUFDUixPQUFPLENBQUMsZUFBZTtBQUFBLElBQ3ZCLE1BQU0sQ0FBQyxTQUFTLFNBQVM7QUFBQSxFQUMzQjtBQUNGO0FBRUEsV0FBVyxFQUFFLE1BQU0sT0FBTyxRQUFRLE9BQU8sTUFBTSxLQUFLLE9BQU8sQ0FBQyxFQUFFLEtBQUssT0FBTztBQUN4RSxPQUFLLE1BQU0sWUFBWTtBQUNyQixVQUFNLFNBQVMsTUFBTSxPQUFPO0FBQzVCLFVBQU0sTUFBTTtBQUFBLE1BQ1YsRUFBRSxHQUFHLFVBQVUsaUJBQWlCLE9BQU8scUJBQXFCO0FBQUE7QUFBQSxFQUFpQyxJQUFJLEdBQUc7QUFBQSxNQUNwRyxPQUFPO0FBQUEsSUFDVDtBQUNBLFVBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssR0FBRyxJQUFJLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDN0QsV0FBTyxNQUFNLE9BQU8sUUFBUSxRQUFRLE9BQU8sTUFBTSxPQUFPLEdBQUc7QUFDM0QsV0FBTyxVQUFVLE9BQU8sT0FBTyxLQUFLO0FBQ3BDLFFBQUksU0FBUyxPQUFXLFFBQU8sTUFBTSxPQUFPLEtBQUssTUFBTSxJQUFJO0FBQzNELFFBQUksSUFBSyxRQUFPLE1BQU0sT0FBTyxLQUFLLEdBQUc7QUFDckMsVUFBTSxPQUFPLE1BQU07QUFBQSxFQUNyQixDQUFDO0FBQ0g7QUFFQSxLQUFLLGlGQUFpRixZQUFZO0FBQ2hHLFFBQU0sU0FBUyxNQUFNLE9BQU87QUFDNUIsUUFBTSxNQUFNLGFBQWEsRUFBRSxHQUFHLFVBQVUsaUJBQWlCO0FBQUEsRUFBVyxJQUFJLEdBQUcsR0FBRyxPQUFPLE1BQU07QUFDM0YsUUFBTSxFQUFFLFFBQVEsSUFBSSxJQUFJLE1BQU0sVUFBVSxDQUFDLE9BQU8sT0FBTyxLQUFLLE9BQU8sU0FBUyxTQUFTLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDL0YsU0FBTyxNQUFNLFFBQVEsR0FBRyxHQUFHO0FBQzNCLFNBQU8sVUFBVSxPQUFPLE9BQU8sQ0FBQyxpQkFBaUIscUJBQXFCLGVBQWUsQ0FBQztBQUN0RixRQUFNLE9BQU8sTUFBTTtBQUNyQixDQUFDO0FBRUQsV0FBVyxDQUFDLE1BQU0sSUFBSSxLQUFLO0FBQUEsRUFDekIsQ0FBQyxPQUFPLDZDQUE2QztBQUFBLEVBQ3JEO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0YsR0FBWTtBQUNWLE9BQUssa0JBQWtCLElBQUkscUVBQXFFLFlBQVk7QUFDMUcsVUFBTSxTQUFTLE1BQU0sT0FBTztBQUM1QixVQUFNLE1BQU07QUFBQSxNQUNWO0FBQUEsUUFDRSxHQUFHO0FBQUEsUUFDSCxDQUFDLGFBQWEsSUFBSSxFQUFFLEdBQUc7QUFBQSxRQUN2QixpQkFBaUIsbUJBQW1CLElBQUk7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBLE1BQzFDO0FBQUEsTUFDQSxPQUFPO0FBQUEsSUFDVDtBQUNBLFVBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzlELFdBQU8sTUFBTSxPQUFPLFFBQVEsQ0FBQztBQUM3QixXQUFPLFVBQVUsQ0FBQyxHQUFHLE9BQU8sS0FBSyxFQUFFLEtBQUssR0FBRztBQUFBLE1BQ3pDO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsSUFDRixDQUFDO0FBQ0QsVUFBTSxTQUFTLGNBQWMsTUFBTTtBQUNuQyxXQUFPLFVBQVcsT0FBTyxHQUFHLEVBQUUsRUFBd0IsTUFBTSxFQUFFLElBQUksR0FBRyxRQUFRLEdBQUcsUUFBUSxFQUFFLENBQUM7QUFDM0YsV0FBTztBQUFBLE1BQ0wsT0FBTyxPQUFPLENBQUMsRUFBRSxPQUFPLEdBQUcsTUFBTSxVQUFVLFNBQVMsT0FBTyxLQUFLLEVBQUUsSUFBSSxDQUFDLEVBQUUsSUFBSSxNQUFNLEdBQUc7QUFBQSxNQUN0RixDQUFDLENBQUM7QUFBQSxJQUNKO0FBQ0EsVUFBTSxPQUFPLE1BQU07QUFBQSxFQUNyQixDQUFDO0FBQ0g7QUFFQSxLQUFLLGdEQUFnRCxZQUFZO0FBQy9ELE1BQUksT0FBTztBQUNYLE1BQUksT0FBTztBQUNYLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxPQUFPLFdBQVc7QUFDaEQsWUFBUTtBQUNSLFdBQU8sS0FBSyxJQUFJLE1BQU0sSUFBSTtBQUMxQixlQUFXLE1BQU07QUFDZixjQUFRO0FBQ1IsYUFBTyxNQUFNLFNBQVMsYUFBYSxDQUFDO0FBQUEsSUFDdEMsR0FBRyxFQUFFO0FBQ0wsV0FBTztBQUFBLEVBQ1QsQ0FBQztBQUNELFFBQU0sT0FBTyxNQUFNLEtBQUssRUFBRSxRQUFRLEdBQUcsR0FBRyxDQUFDLEdBQUcsVUFBVSxlQUFlLEtBQUssSUFBSSxFQUFFLEtBQUssSUFBSTtBQUN6RixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxHQUFHO0FBQUEsTUFDSCxtQkFBbUI7QUFBQSxNQUNuQixpQkFBaUI7QUFBQSxJQUNuQjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDL0QsU0FBTyxNQUFNLE1BQU0sQ0FBQztBQUNwQixRQUFNLE9BQU8sTUFBTTtBQUNyQixDQUFDO0FBRUQsS0FBSyx3REFBd0QsWUFBWTtBQUN2RSxRQUFNLFNBQVMsTUFBTSxPQUFPO0FBQzVCLFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLEdBQUc7QUFBQSxNQUNILG1CQUFtQjtBQUFBLE1BQ25CLGlCQUFpQjtBQUFBLE1BQ2pCLGlCQUFpQjtBQUFBLE1BQ2pCLGlCQUFpQjtBQUFBLElBQ25CO0FBQUEsSUFDQSxPQUFPO0FBQUEsRUFDVDtBQUNBLGFBQVcsQ0FBQyxPQUFPLEtBQUssS0FBSztBQUFBLElBQzNCLENBQUMsS0FBSyxjQUFjO0FBQUEsSUFDcEIsQ0FBQyxLQUFLLFlBQVk7QUFBQSxFQUNwQixHQUFZO0FBQ1YsVUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLE9BQU8sT0FBTyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDaEUsV0FBTyxNQUFNLE9BQU8sUUFBUSxHQUFHLE9BQU8sR0FBRztBQUN6QyxVQUFNLEVBQUUsUUFBUSxJQUFJLGNBQWMsTUFBTSxFQUFFLEdBQUcsRUFBRTtBQUMvQyxXQUFPLE1BQU0sUUFBUSxNQUFNLFlBQVk7QUFDdkMsVUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3JELFdBQU8sSUFBSSxNQUFNLE1BQU0sTUFBTSxLQUFLLFNBQVMsS0FBSyxHQUFHLE1BQU0sTUFBTSxNQUFNLEdBQUc7QUFBQSxFQUMxRTtBQUNBLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLG9FQUFvRSxZQUFZO0FBQ25GLFFBQU0sU0FBUyxNQUFNLE9BQU87QUFDNUIsUUFBTSxNQUFNO0FBQUEsSUFDVixFQUFFLEdBQUcsVUFBVSxpQkFBaUI7QUFBQSxFQUFXLElBQUk7QUFBQSxFQUEwQztBQUFBLElBQ3pGLE9BQU87QUFBQSxFQUNUO0FBQ0EsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxHQUFHO0FBQUEsSUFDM0M7QUFBQSxJQUNBLFdBQVcsQ0FBQyxVQUFVO0FBQ3BCLFlBQU0sT0FBTyxZQUFZLE1BQU07QUFDN0IsWUFBSSxDQUFDLE9BQU8sTUFBTSxLQUFLLENBQUMsU0FBUyxLQUFLLFNBQVMsU0FBUyxDQUFDLEVBQUc7QUFDNUQsc0JBQWMsSUFBSTtBQUNsQixjQUFNLEtBQUssUUFBUTtBQUFBLE1BQ3JCLEdBQUcsRUFBRTtBQUFBLElBQ1A7QUFBQSxFQUNGLENBQUM7QUFDRCxTQUFPLE1BQU0sT0FBTyxRQUFRLEtBQUssT0FBTyxNQUFNLE9BQU8sR0FBRztBQUN4RCxTQUFPLFVBQVUsT0FBTyxPQUFPLENBQUMscUJBQXFCLGtCQUFrQixtQkFBbUIsQ0FBQztBQUMzRixTQUFPLE1BQU0sT0FBTyxLQUFLLDBCQUEwQjtBQUNuRCxTQUFPLE1BQU0sT0FBTyxLQUFLLDZDQUE2QztBQUN0RSxRQUFNLE9BQU8sTUFBTTtBQUNyQixDQUFDO0FBRUQsS0FBSyxnR0FBZ0csWUFBWTtBQUMvRyxRQUFNLFNBQVMsTUFBTSxPQUFPO0FBQzVCLFFBQU0sT0FBTyxNQUFNLEtBQUssRUFBRSxRQUFRLEdBQUcsR0FBRyxDQUFDLEdBQUcsVUFBVSxlQUFlLEtBQUssSUFBSSxFQUMzRSxPQUFPLGtDQUFrQyxFQUN6QyxLQUFLLElBQUk7QUFDWixRQUFNLE1BQU07QUFBQSxJQUNWLEVBQUUsR0FBRyxVQUFVLG1CQUFtQixNQUFNLGlCQUFpQixnREFBZ0Q7QUFBQSxJQUN6RyxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxPQUFPLEdBQUcsR0FBRztBQUFBLElBQzNDO0FBQUEsSUFDQSxXQUFXLENBQUMsVUFBVTtBQUNwQixZQUFNLE9BQU8sWUFBWSxNQUFNO0FBQzdCLFlBQUksQ0FBQyxPQUFPLE1BQU0sS0FBSyxDQUFDLFNBQVMsS0FBSyxTQUFTLFNBQVMsQ0FBQyxFQUFHO0FBQzVELHNCQUFjLElBQUk7QUFDbEIsbUJBQVcsTUFBTSxNQUFNLEtBQUssU0FBUyxHQUFHLEdBQUc7QUFBQSxNQUM3QyxHQUFHLEVBQUU7QUFBQSxJQUNQO0FBQUEsRUFDRixDQUFDO0FBQ0QsU0FBTyxTQUFTLE9BQU8sUUFBUSxDQUFDO0FBQ2hDLFFBQU0sU0FBUyxLQUFLLEtBQUssb0JBQW9CO0FBQzdDLFFBQU0sQ0FBQyxPQUFPLEVBQUUsSUFBSSxZQUFZLE1BQU07QUFDdEMsUUFBTSxRQUFRLGFBQWEsS0FBSyxRQUFRLElBQUksR0FBRyxNQUFNO0FBQ3JELGdCQUFjLEtBQUssUUFBUSxJQUFJLEdBQUcsR0FBRyxLQUFLLFlBQVk7QUFDdEQsUUFBTSxFQUFFLE9BQU8sSUFBSTtBQUFBLElBQ2pCLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxVQUFVLE9BQU8sUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQUEsRUFDdEU7QUFDQSxTQUFPLE1BQU0sT0FBTyxRQUFRLEVBQUU7QUFDOUIsUUFBTSxPQUFPLE1BQU07QUFDckIsQ0FBQztBQUVELEtBQUssOEJBQThCLFlBQVk7QUFDN0MsUUFBTSxTQUFTLE1BQU0sT0FBTztBQUM1QixRQUFNLE1BQU07QUFBQSxJQUNWLEVBQUUsR0FBRyxVQUFVLG1CQUFtQixxREFBcUQ7QUFBQSxJQUN2RixPQUFPO0FBQUEsRUFDVDtBQUNBLFdBQVMsUUFBUSxHQUFHLFFBQVEsR0FBRyxTQUFTLEVBQUcsT0FBTSxVQUFVLENBQUMsUUFBUSxLQUFLLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDbkYsU0FBTyxNQUFNLFlBQVksS0FBSyxLQUFLLG9CQUFvQixDQUFDLEVBQUUsUUFBUSxDQUFDO0FBQ25FLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLGtFQUFrRSxZQUFZO0FBQ2pGLFFBQU0sU0FBUyxNQUFNLE9BQU87QUFDNUIsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0UsR0FBRztBQUFBLE1BQ0gsaUJBQWlCO0FBQUEsTUFDakIsaUJBQWlCO0FBQUEsTUFDakIsaUJBQWlCO0FBQUEsSUFDbkI7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBQ0EsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3JELFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLHdFQUF3RTtBQUNsRyxRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDcEQsU0FBTyxNQUFNLE9BQU8sUUFBUSxDQUFDO0FBQzdCLFNBQU8sTUFBTSxPQUFPLEtBQUssUUFBUTtBQUNqQyxRQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsT0FBTyxRQUFRLFNBQVMsU0FBUyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzVFLFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLHFFQUFxRTtBQUMvRixVQUFRLEtBQUssaUJBQWlCLDZEQUE2RDtBQUMzRixRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDbkQsU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzVCLFNBQU8sTUFBTSxNQUFNLEtBQUssNkNBQTZDO0FBQ3JFLFNBQU8sVUFBVSxPQUFPLE9BQU8sQ0FBQyxDQUFDO0FBQ2pDLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLDBFQUEwRSxZQUFZO0FBQ3pGLFFBQU0sT0FBaUIsQ0FBQztBQUN4QixRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsU0FBUztBQUN2QyxTQUFLLEtBQUssSUFBSTtBQUNkLFdBQU8sU0FBUyxJQUFJO0FBQUEsRUFDdEIsQ0FBQztBQUNELFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLGlCQUFpQjtBQUFBLE1BQ2pCLDBCQUEwQjtBQUFBLE1BQzFCLHNCQUNFO0FBQUEsTUFDRix3QkFBd0I7QUFBQSxNQUN4QixxQkFBcUI7QUFBQSxNQUNyQix3QkFDRTtBQUFBLE1BQ0Ysb0JBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQSxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQztBQUNyRCxTQUFPLE1BQU0sS0FBSyxRQUFRLENBQUM7QUFDM0IsU0FBTyxNQUFNLEtBQUssS0FBSyw2Q0FBNkM7QUFDcEUsU0FBTyxNQUFNLEtBQUssS0FBSywwRkFBMEY7QUFDakgsU0FBTyxNQUFNLEtBQUssUUFBUSxDQUFDO0FBQzNCLFFBQU0sUUFBUSxFQUFFLDJCQUEyQixlQUFlLDJCQUEyQixjQUFjO0FBQ25HLFFBQU0sUUFBUTtBQUFBLElBQ1osdUJBQXVCO0FBQUEsSUFDdkIsMkJBQTJCO0FBQUEsSUFDM0IseUJBQXlCO0FBQUEsRUFDM0I7QUFDQSxRQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxNQUFNLEdBQUcsRUFBRSxLQUFLLEtBQUssRUFBRSxHQUFHLE9BQU8sR0FBRyxNQUFNLEVBQUUsQ0FBQztBQUNsRixTQUFPLE1BQU0sS0FBSyxRQUFRLEdBQUcscURBQXFEO0FBQ2xGLFNBQU8sTUFBTSxLQUFLLFFBQVEsR0FBRyxLQUFLLE1BQU0sS0FBSyxHQUFHO0FBQ2hELFNBQU8sTUFBTSxLQUFLLE1BQU0sS0FBSyxLQUFLLDhCQUE4QjtBQUNsRSxDQUFDOyIsCiAgIm5hbWVzIjogWyJtYWRlIl0KfQo=
