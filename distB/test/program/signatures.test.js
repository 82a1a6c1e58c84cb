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
  echoTrail,
  everyFile,
  projectFolder,
  userFolder,
  writeIn
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";

// test/program/signatures.test.ts
import assert from "node:assert/strict";
import { createHmac } from "node:crypto";
import { readFileSync, writeFileSync } from "node:fs";
import { createServer } from "node:http";
import { join } from "node:path";
import { after, test } from "node:test";
var { origin } = await harbourForThisFile();
var keys = {
  ECHO_TRAIL_SECRET_FILING_KEY: "herring-barrel-0451",
  ECHO_TRAIL_SECRET_PILOTAGE_KEY: "sounding-lead-2290",
  ECHO_TRAIL_SECRET_LOCKS_KEY: "bG9jay1nYXRlLXdpbmNoLTE3NTAtbGFya2hhdmVu",
  ECHO_TRAIL_SECRET_PLANS_KEY: "chart-drawer-3381"
};
var demo = demoCollection(origin);
var run = (args, { cwd = demo, env = keys } = {}) => echoTrail(args, { cwd, env });
var stepsOf = (ended) => document(ended).signature.steps;
for (const [name, said] of [
  ["manifests/file", /"number": "M-/],
  ["manifests/list", /"items"/],
  ["pilotage/order", /"order": "O-/],
  ["locks/list", /"West"/],
  ["plans/north", /Plan of the north quay/]
]) {
  test(`${name}: the desk takes the signature`, async () => {
    const ended = await run(["send", name]);
    assert.equal(ended.status, 0, ended.err);
    assert.match(ended.out, said);
  });
}
test("the desks refuse what is wrong, stale or used before, and say little", async () => {
  const wrong = await run(["send", "manifests/file"], {
    env: { ...keys, ECHO_TRAIL_SECRET_FILING_KEY: "another-key-here" }
  });
  assert.equal(wrong.status, 1);
  assert.match(wrong.err, /seal does not fit/);
  assert.match(wrong.err, /signature filing \(recipe\): X-Office-Time, X-Office-Seal, made from secret filingKey/);
  assert.match(wrong.err, /echo-trail preview manifests\/file --signature/);
  const stale = collectionOf(
    {
      "signatures/filing.yaml": readFileSync(join(demo, "signatures/filing.yaml"), "utf8").replace(
        "${now |",
        '${now | plus("-10m") |'
      ),
      "requests/list.yaml": 'url: ${origin}/filing/manifests\nheaders: {X-Office-Desk: "7"}\nsignature: filing\n',
      "environments/sandbox.yaml": `changes: allow
variables: {origin: "${origin}", filing-key-id: agent-7}
hosts: [127.0.0.1]
`
    },
    origin
  );
  assert.match((await run(["send", "list"], { cwd: stale })).err, /stale/);
  const { url } = document(await run(["preview", "plans/north", "--reveal", "--json"]));
  const seal = new URL(url).searchParams.get("seal") ?? "";
  assert.equal(seal.length, 43);
  assert.equal((await fetch(url)).status, 200);
  assert.equal((await fetch(url.replace("until=1", "until=2"))).status, 403);
  assert.equal((await fetch(url.replace(seal, `${seal.slice(0, -1)}_`))).status, 403);
  const preview = document(
    await run(["preview", "manifests/list", "--reveal", "--json"])
  );
  const headers = Object.fromEntries(
    preview.headers.filter(({ name }) => /^x-/i.test(name)).map(({ name, value }) => [name, value])
  );
  assert.equal((await fetch(preview.url, { headers })).status, 200);
  const again = await fetch(preview.url, { headers });
  assert.equal(again.status, 401);
  assert.match(await again.text(), /used before/);
});
test("preview --signature: every value in order, what is secret hidden, derived keys too; nothing is sent", async () => {
  const before = await (await fetch(`${origin}/filing/counts`)).json();
  const steps = stepsOf(await run(["preview", "pilotage/order", "--time", "2026-03-02T09:30:00Z", "--json"]));
  assert.deepEqual(
    steps.map(({ name, part, secret, value }) => [name, part, secret, value === null]),
    [
      ["stamp", "value", false, false],
      ["X-Pilotage-Time", "header", false, false],
      ["covered", "value", false, false],
      ["account", "value", false, false],
      ["base", "value", false, false],
      ["first-key", "value", true, false],
      ["day-key", "value", true, true],
      ["desk-key", "value", true, true],
      ["seal", "value", true, true],
      ["Authorization", "header", true, false]
    ]
  );
  assert.equal(steps.find(({ name }) => name === "first-key")?.value, "day \u2039secret\u203A");
  const text = await run(["preview", "manifests/file", "--signature", "--time", "2026-03-02T09:30:00Z"]);
  assert.equal(text.status, 0, text.err);
  assert.match(
    text.out,
    /1 {2}\/filing\/manifests⏎\n {4}2 {2}POST⏎\n {4}3 {2}\(empty\)⏎\n {4}4 {2}x-office-desk:7⏎\n {4}5 {2}x-office-time:20260302T093000Z⏎/
  );
  assert.match(text.out, /seal +‹secret› {2}44 characters/);
  assert.match(text.out, /X-Office-Seal {2}id=agent-7; seal=‹secret›/);
  for (const ended of [
    text,
    await run(["preview", "manifests/file", "--json"]),
    await run(["preview", "manifests/file"])
  ])
    assert.doesNotMatch(ended.out + ended.err, /herring|TVTGYu7wa5/);
  const revealed = await run([
    "preview",
    "manifests/file",
    "--signature",
    "--time",
    "2026-03-02T09:30:00Z",
    "--reveal"
  ]);
  assert.match(revealed.out, /seal +TVTGYu7wa5eSMz5\/R3fLr\/hOvq8EDk49336Ad8a7Pi8=/, "the example in the guide");
  assert.deepEqual(await (await fetch(`${origin}/filing/counts`)).json(), before);
});
test("preview --signature without its secret shows what can be made without it", async () => {
  const ended = await run(["preview", "manifests/file", "--signature"], { env: {} });
  assert.equal(ended.status, 0);
  assert.match(ended.out, /base {11}6 lines/);
  assert.doesNotMatch(ended.out, /X-Office-Seal/);
  assert.match(ended.err, /the secret filingKey is not set: what is made from it is left out/);
  const sent = await run(["send", "manifests/file"], { env: {} });
  assert.equal(sent.status, 4);
  assert.match(sent.err, /the secret filingKey is not set/);
});
var expected = [
  "/filing/manifests",
  "POST",
  "",
  "x-office-desk:7",
  "x-office-time:20260302T093000Z",
  "0e9238a93ecf19d3d56df512d4300b4979232b47d6f321f7cbd1a50f5963d132"
].join("\n");
test("preview --against points at the first difference and names its likely cause", async () => {
  const compare = (text, ...more) => run(["preview", "manifests/file", "--time", "2026-03-02T09:30:00Z", "--against", text, ...more]);
  const same = await compare(expected);
  assert.equal(same.status, 0);
  assert.match(same.out, /same {3}base is what the vendor shows/);
  writeIn(demo, "expected.txt", `${expected}
`);
  assert.match((await compare("expected.txt")).out, /same {3}base/, "a file, with the line break of the editor");
  assert.match(
    (await compare(expected.replaceAll("\n", "\\n"))).out,
    /same {3}base/,
    "line breaks as a message writes them"
  );
  const space = await compare(expected.replace("x-office-desk:7", "x-office-desk: 7"));
  assert.equal(space.status, 1);
  assert.match(space.out, /base parts from what the vendor shows at line 4, character 15\n/);
  assert.match(
    space.out,
    /\^ ours has "7" \(U\+0037\), theirs has space \(U\+0020\)\nlikely {3}the space behind a colon/
  );
  const zone = document(await compare(expected.replace("T0930", "T1030"), "--json"));
  assert.deepEqual(zone.against, {
    name: "base",
    same: false,
    difference: {
      line: 5,
      column: 24,
      ours: "x-office-time:20260302T093000Z",
      theirs: "x-office-time:20260302T103000Z",
      cause: 'the times are 1 h apart: another time zone; | in-zone("UTC"), or the zone of the vendor'
    }
  });
  const seal = await compare("id=agent-7; seal=AAAA", "--value", "X-Office-Seal");
  assert.match(seal.out, /X-Office-Seal is secret and is not shown; it is not what the vendor shows/);
  assert.match(
    (await compare("id=agent-7; seal=TVTGYu7wa5eSMz5/R3fLr/hOvq8EDk49336Ad8a7Pi8=")).out,
    /same {3}X-Office-Seal/
  );
});
test("what the desk expected, asked for once, is the text to compare with", async () => {
  const told = await run([
    "send",
    "POST",
    "/filing/manifests",
    "--sign",
    "none",
    "--session",
    "none",
    "--header",
    "X-Explain: yes",
    "--header",
    "X-Office-Desk: 7",
    "--pick",
    "$.expected"
  ]);
  assert.match(told.out, /^\/filing\/manifests\nPOST\n\nx-office-desk:7\n/);
});
test("wrong usage is told: no signature, an unknown value, an unreadable time, an unknown name", async () => {
  for (const [args, says, status] of [
    [["preview", "vessels/list", "--signature"], /the request has no signature/, 2],
    [["preview", "manifests/file", "--against", "x", "--value", "bse"], /no text bse[\s\S]*did you mean base\?/, 2],
    [["preview", "manifests/file", "--value", "base"], /--value goes with --against/, 2],
    [["preview", "manifests/file", "--against", "lost.txt"], /lost\.txt does not exist/, 2],
    [["preview", "manifests/file", "--time", "2026-03-02 09:30"], /--time cannot read[\s\S]*with its zone/, 2],
    [["preview", "manifests/file", "--sign", "filling"], /there is no signature filling[\s\S]*filing/, 2],
    [["send", "manifests/file", "--sign", "none"], /no seal/, 1]
  ]) {
    const ended = await run(args);
    assert.equal(ended.status, status, args.join(" "));
    assert.match(ended.err, says, args.join(" "));
  }
});
test("check holds the documented examples, and points at what does not", async () => {
  assert.equal((await run(["check"])).status, 0);
  const cwd = demoCollection(origin);
  const path = join(cwd, "signatures/filing.yaml");
  const text = readFileSync(path, "utf8");
  writeFileSync(path, text.replace(/ +- \$\{sent\.query.*\n/, ""));
  const ended = await run(["check", "--json"], { cwd, env: {} });
  assert.equal(ended.status, 2);
  const { findings } = document(ended);
  assert.deepEqual(
    findings.map(({ rule, file }) => [rule, file]),
    Array(2).fill(["signature-examples-hold", "signatures/filing.yaml"])
  );
  assert.match(findings[0]?.what ?? "", /base parts from the example at 3:1/);
  assert.match(findings[0]?.remedy ?? "", /theirs has an empty line at line 3/);
  writeFileSync(path, text.replace("hmac-sha-256(secret", "hmac-sha-1(secret"));
  const digest = await run(["check"], { cwd, env: {} });
  assert.match(digest.out, /X-Office-Seal is not what the example says[\s\S]*another digest, or written otherwise/);
  assert.doesNotMatch(digest.out, /herring/);
  writeFileSync(path, text.replace("${base | hmac", "${bsae | hmac"));
  assert.match((await run(["check"], { cwd, env: {} })).out, /bsae/);
  writeFileSync(path, text.replace("define:", "kind: recip\ndefine:"));
  const kind = await run(["check"], { cwd, env: {} });
  assert.match(
    kind.out,
    /kind cannot be the text recip[\s\S]*did you mean recipe\? allowed: recipe, message-signature, keyed-digest, request-token\n/
  );
  writeFileSync(path, text.replace("define:", "kind: request-token\nalgorithm: ES256\nkey: x\nlasts: soon\ndefin:"));
  assert.match((await run(["check"], { cwd, env: {} })).out, /filing\.yaml:\d+:\d+ .*lasts/);
  writeFileSync(path, text);
  writeIn(cwd, "requests/lost.yaml", "url: ${origin}/x\nsignature: lost\n");
  assert.match((await run(["check"], { cwd, env: {} })).out, /requests\/lost\.yaml:2:12 .*there is no signature lost/);
});
test("nothing of a signature is left in what was written, nor printed where an answer repeats it", async () => {
  const cwd = collectionOf(
    {
      "signatures/seal.yaml": 'define: {seal: "${sent.path | hmac-sha-256(secret.key) | hex}"}\nheaders: {X-Seal: "v1=${seal}"}\nquery: {also: "${seal}"}\n',
      "requests/mirror.yaml": "url: ${origin}/mirror\nsignature: seal\n",
      "signatures/message.yaml": 'kind: message-signature\nsignatures: {a: {components: ["@method"], algorithm: hmac-sha256, key: "${secret.key | base64}", created: false}}\n'
    },
    origin
  );
  const env = { ECHO_TRAIL_SECRET_KEY: "winch-grease-77" };
  const ended = await run(["send", "mirror"], { cwd, env });
  assert.equal(ended.status, 0, ended.err);
  const message = await run(["send", "mirror", "--sign", "message"], { cwd, env });
  assert.equal(message.status, 0, message.err);
  const base = createHmac("sha256", "winch-grease-77").update('"@method": GET\n"@signature-params": ("@method")').digest("base64");
  assert.match(message.out, /a=:‹secret›:/);
  for (const text of [message.out, message.err, ...everyFile(cwd).map((file) => file.text)])
    assert.ok(!text.includes(base));
  const seal = createHmac("sha256", "winch-grease-77").update("/mirror").digest("hex");
  assert.match(ended.out, /‹secret›/);
  for (const text of [
    ended.out,
    ended.err,
    (await run(["echo", "show"], { cwd, env })).out,
    ...everyFile(cwd).map((file) => file.text),
    ...everyFile(userFolder).map((file) => file.text)
  ])
    assert.ok(!text.includes(seal) && !text.includes("winch-grease"));
});
test("a sealed address is told without its seal, wherever an answer speaks of its address", async () => {
  const cwd = demoCollection(origin);
  writeIn(
    cwd,
    "requests/plans/kept.yaml",
    "url: ${origin}/plans/north\nsession: none\nsignature: plans\nkeep: {address: final-url}\n"
  );
  const sent = await run(["send", "plans/kept", "--json"], { cwd });
  assert.equal(sent.status, 0, sent.err);
  const { finalUrl, kept, url } = document(sent);
  assert.equal(finalUrl, `${origin}/plans/north`);
  assert.equal(kept.address, finalUrl);
  assert.match(url, /&seal=‹secret›$/);
  for (const { text } of everyFile(cwd)) assert.doesNotMatch(text, /[?&]seal=[A-Za-z0-9_-]{20}/);
});
test("of a token inside of what is signed, a comparison shows no piece", async () => {
  const cwd = collectionOf(
    {
      "sessions/key.yaml": "kind: bearer\ntoken: ${secret.token}\n",
      "signatures/seal.yaml": 'define: {base: "authorization:${sent.header.authorization}"}\nheaders: {X-Seal: "${base | hmac-sha-256(secret.key) | hex}"}\n',
      "requests/it.yaml": "url: ${origin}/mirror\nsession: key\nsignature: seal\n"
    },
    origin
  );
  const token = "Qm".repeat(90);
  const env = { ECHO_TRAIL_SECRET_KEY: "winch-grease-77", ECHO_TRAIL_SECRET_TOKEN: token };
  const ended = await run(
    ["preview", "it", "--against", `authorization:Bearer ${token.slice(0, 150)}xx`, "--value", "base"],
    { cwd, env }
  );
  assert.equal(ended.status, 1, ended.err);
  assert.match(ended.out, /base parts from what the vendor shows at line 1/);
  assert.match(ended.out, /ours +authorization:Bearer ‹secret›\n/);
  assert.doesNotMatch(ended.out.replace(/^theirs.*$/m, ""), /QmQm/);
});
test("a redirect is signed anew; another host gets nothing", async () => {
  const seen = [];
  const other = [];
  const elsewhere = createServer((request, response) => {
    other.push(request.headers["x-seal"]);
    response.end("{}");
  });
  await new Promise((resolve) => elsewhere.listen(0, "127.0.0.1", resolve));
  const away = `http://localhost:${elsewhere.address().port}/end`;
  const server = createServer((request, response) => {
    seen.push(`${request.url} ${request.headers["x-seal"]}`);
    if (request.url === "/start") response.writeHead(302, { location: "/next" }).end();
    else if (request.url === "/next") response.writeHead(302, { location: away }).end();
    else response.end("{}");
  });
  await new Promise((resolve) => server.listen(0, "127.0.0.1", resolve));
  after(() => {
    server.close();
    elsewhere.close();
  });
  const at = `http://127.0.0.1:${server.address().port}`;
  const cwd = collectionOf(
    {
      "signatures/seal.yaml": 'headers: {X-Seal: "${sent.path | hmac-sha-256(secret.key) | hex}"}\n',
      "requests/start.yaml": "url: ${origin}/start\nsignature: seal\n"
    },
    at
  );
  const ended = await run(["send", "start"], { cwd, env: { ECHO_TRAIL_SECRET_KEY: "winch-grease-77" } });
  const sealOf = (path) => `${path} ${createHmac("sha256", "winch-grease-77").update(path).digest("hex")}`;
  assert.deepEqual(seen, [sealOf("/start"), sealOf("/next")]);
  assert.deepEqual(other, [void 0], ended.err);
});
test("clock: follow-server signs with the time of the server, from the first refusal on", async () => {
  const ahead = 3 * 36e5;
  const times = [];
  const server = createServer((request, response) => {
    const now = Date.now() + ahead;
    const time = Number(request.headers["x-time"]) * 1e3;
    times.push(time);
    response.sendDate = false;
    response.setHeader("Date", new Date(now).toUTCString());
    response.writeHead(Math.abs(now - time) < 6e4 ? 200 : 401).end("{}");
  });
  await new Promise((resolve) => server.listen(0, "127.0.0.1", resolve));
  after(() => server.close());
  const at = `http://127.0.0.1:${server.address().port}`;
  const files = {
    "signatures/time.yaml": 'headers: {X-Time: "${now | unix}"}\n',
    "requests/it.yaml": "url: ${origin}/it\nsignature: time\n"
  };
  const own = await run(["send", "it"], { cwd: collectionOf(files, at) });
  assert.equal(own.status, 1);
  assert.match(own.err, /the server's clock is 180 min ahead of this one/);
  assert.match(own.err, /clock: follow-server in the environment/);
  assert.equal(times.length, 1);
  const cwd = collectionOf(
    { ...files, "environments/sandbox.yaml": `variables: {origin: "${at}"}
clock: follow-server
` },
    at
  );
  const corrected = await run(["send", "it"], { cwd });
  assert.equal(corrected.status, 0, corrected.err);
  assert.equal(times.length, 3, "refused once, then signed with the right time");
  assert.equal((await run(["send", "it"], { cwd })).status, 0);
  assert.equal(times.length, 4, "the next command knows");
  const look = await run(["preview", "it", "--signature"], { cwd });
  assert.match(look.err, /the server's clock was (?:179|180) min(?: \d+ s)? ahead of this one: signed with its time/);
  const seconds = Number(/X-Time +(\d+)/.exec(look.out)?.[1]);
  assert.ok(Math.abs(seconds * 1e3 - Date.now() - ahead) < 6e4, `${seconds}`);
});
test("what a session and its cookies add is signed, and each try has a nonce and a time of its own", async () => {
  const seen = [];
  let opened = 0;
  const server = createServer((request, response) => {
    if (request.url === "/enter") {
      opened += 1;
      response.setHeader("Set-Cookie", `berth=B${opened}; Path=/`);
      response.writeHead(200, { "content-type": "application/json" }).end(`{"token":"tide-token-${opened}00"}`);
      return;
    }
    const { authorization = "", cookie = "", host = "", "x-nonce": nonce = "", "x-seal": seal = "" } = request.headers;
    const base = [`authorization:${authorization}`, `cookie:${cookie}`, `host:${host}`, `x-nonce:${nonce}`].join("\n");
    const expected2 = createHmac("sha256", "winch-grease-77").update(base).digest("hex");
    seen.push({ seal: String(seal), nonce: String(nonce), fits: seal === expected2 });
    response.writeHead(authorization === "Bearer tide-token-200" ? 200 : 401).end("{}");
  });
  await new Promise((resolve) => server.listen(0, "127.0.0.1", resolve));
  after(() => server.close());
  const cwd = collectionOf(
    {
      "requests/enter.yaml": "method: POST\nchanges: false\nurl: ${origin}/enter\n",
      "sessions/desk.yaml": "kind: login\nopen: {send: enter}\ntoken: $.token\n",
      "signatures/seal.yaml": `define:
  base: {lines: ['\${sent.headers | only("authorization", "cookie", "host", "x-nonce") | header-lines}']}
headers: {X-Nonce: "\${nonce}", X-Seal: "\${base | hmac-sha-256(secret.key) | hex}"}
`,
      "requests/it.yaml": "url: ${origin}/it\nsession: desk\nsignature: seal\n"
    },
    `http://127.0.0.1:${server.address().port}`
  );
  const env = { ECHO_TRAIL_SECRET_KEY: "winch-grease-77" };
  assert.equal((await run(["session", "open", "desk"], { cwd, env })).status, 0);
  const ended = await run(["send", "it"], { cwd, env });
  assert.equal(ended.status, 0, ended.err);
  assert.deepEqual(
    seen.map(({ fits }) => fits),
    [true, true]
  );
  assert.equal(new Set(seen.map(({ nonce }) => nonce)).size, 2);
  const look = await run(["preview", "it", "--signature"], { cwd, env });
  assert.match(look.out, /1 {2}authorization:Bearer ‹secret›⏎/, "a token of a session stays hidden in what is signed");
  assert.doesNotMatch(look.out + look.err, /tide-token/);
  assert.ok(seen.every(({ nonce }) => /^[0-9a-f]{32}$/.test(nonce)));
});
test("a vendor that signs its answers is held to it", async () => {
  const cwd = demoCollection(origin);
  const path = join(cwd, "signatures/locks.yaml");
  writeFileSync(
    path,
    readFileSync(path, "utf8").replace('components: ["@status", content-digest]', 'components: ["@status", date]')
  );
  const ended = await run(["send", "locks/list"], { cwd });
  assert.equal(ended.status, 1);
  assert.match(ended.err, /the answer is not signed as it must be: keeper: it does not cover "date"/);
});
test("a file of 200 MB is signed without entering memory", async () => {
  const cwd = collectionOf(
    {
      "signatures/seal.yaml": 'headers: {X-Seal: "${sent.body | hmac-sha-256(secret.key) | hex}"}\n',
      "signatures/text.yaml": 'headers: {X-Seal: "${sent.body | text}"}\n',
      "signatures/locks.yaml": 'kind: message-signature\ndigest: sha-256\nsignatures: {a: {components: [content-digest], algorithm: hmac-sha256, key: "${secret.key | base64}"}}\n',
      "requests/plan.yaml": "method: PUT\nurl: ${origin}/uploads/plan.bin\nbody: {file: data/plan.bin}\nsignature: seal\nexpect: {status: 201, $.size: 200000000}\n"
    },
    origin
  );
  const piece = Buffer.alloc(1e7, "quay ");
  writeIn(cwd, "data/plan.bin", "");
  const { appendFileSync } = await import("node:fs");
  for (let index = 0; index < 20; index += 1) appendFileSync(join(cwd, "data/plan.bin"), piece);
  const env = { ECHO_TRAIL_SECRET_KEY: "winch-grease-77" };
  const hmac = createHmac("sha256", "winch-grease-77");
  for (let index = 0; index < 20; index += 1) hmac.update(piece);
  const revealed = document(
    await run(["preview", "plan", "--reveal", "--json"], { cwd, env })
  );
  assert.equal(revealed.headers.find(({ name }) => name === "X-Seal")?.value, hmac.digest("hex"));
  const peak = join(cwd, "peak");
  const measured = {
    ...env,
    NODE_OPTIONS: `--import=${join(projectFolder, "bench/peak-memory.mjs")}`,
    ECHO_TRAIL_BENCH_PEAK: peak
  };
  const ended = await run(["send", "plan", "--sign", "locks"], { cwd, env: measured });
  assert.equal(ended.status, 0, ended.err);
  assert.ok(Number(readFileSync(peak, "utf8")) < 18e7, `${readFileSync(peak, "utf8")} bytes at most`);
  const text = await run(["send", "plan", "--sign", "text"], { cwd, env });
  assert.equal(text.status, 2);
  assert.match(
    text.err,
    /text would need the whole body in memory, and it is streamed from files[\s\S]*\$\{sent\.body \| sha-256 \| hex\}/
  );
});
test("draft proposes a recipe from the prose of the documentation, and it is taken", async () => {
  const cwd = collectionOf({}, origin);
  assert.equal((await run(["docs", "add", `${origin}/filing/openapi.yaml`, "--name", "filing"], { cwd })).status, 0);
  const drafted = await run(["draft", "filing/fileManifest"], { cwd });
  assert.equal(drafted.status, 0, drafted.err);
  assert.match(drafted.out, /wrote signatures\/office-seal\.yaml/);
  const recipe = readFileSync(join(cwd, "signatures/office-seal.yaml"), "utf8");
  assert.match(recipe, /# {3}3\. the query, sorted and percent-encoded/, "the prose stands beside it");
  const request = readFileSync(join(cwd, "requests/filing/file-manifest.yaml"), "utf8");
  assert.match(request, /^signature: office-seal/m);
  assert.doesNotMatch(request, /X-Office-(?:Time|Seal): \$/);
  writeFileSync(join(cwd, "signatures/office-seal.yaml"), recipe.replace("key-id: KEY-ID", "key-id: agent-7"));
  const sent = await run(
    [
      "send",
      "filing/file-manifest",
      "--set",
      "X-Office-Desk=7",
      "--set",
      "vessel=Amber Tern",
      "--set",
      "cargo=grain",
      "--set",
      "tonnes=410.5"
    ],
    { cwd, env: { ECHO_TRAIL_SECRET_SIGNING_KEY: "herring-barrel-0451" } }
  );
  assert.equal(sent.status, 0, sent.err);
  const again = await run(["draft", "filing/listManifests"], { cwd });
  assert.doesNotMatch(again.out, /wrote signatures/, "a recipe that is there stays");
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3NpZ25hdHVyZXMudGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFNpZ25lZCByZXF1ZXN0cyB0aHJvdWdoIHRoZSBidWlsdCBwcm9ncmFtLCBhZ2FpbnN0IGRlc2tzIHRoYXQgcmVmdXNlIHdoYXRldmVyIGlzIHdyb25nLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgY3JlYXRlSG1hYyB9IGZyb20gJ25vZGU6Y3J5cHRvJztcbmltcG9ydCB7IHJlYWRGaWxlU3luYywgd3JpdGVGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgY3JlYXRlU2VydmVyIH0gZnJvbSAnbm9kZTpodHRwJztcbmltcG9ydCB0eXBlIHsgQWRkcmVzc0luZm8gfSBmcm9tICdub2RlOm5ldCc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB7IGFmdGVyLCB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IGNvbGxlY3Rpb25PZiwgZGVtb0NvbGxlY3Rpb24sIGV2ZXJ5RmlsZSwgd3JpdGVJbiB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGRvY3VtZW50LCB0eXBlIEVuZGVkLCBlY2hvVHJhaWwsIHByb2plY3RGb2xkZXIsIHVzZXJGb2xkZXIgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuaW1wb3J0IHsgaGFyYm91ckZvclRoaXNGaWxlIH0gZnJvbSAnLi4vc3VwcG9ydC9zdGFuZGluLmpzJztcblxuY29uc3QgeyBvcmlnaW4gfSA9IGF3YWl0IGhhcmJvdXJGb3JUaGlzRmlsZSgpO1xuY29uc3Qga2V5cyA9IHtcbiAgRUNIT19UUkFJTF9TRUNSRVRfRklMSU5HX0tFWTogJ2hlcnJpbmctYmFycmVsLTA0NTEnLFxuICBFQ0hPX1RSQUlMX1NFQ1JFVF9QSUxPVEFHRV9LRVk6ICdzb3VuZGluZy1sZWFkLTIyOTAnLFxuICBFQ0hPX1RSQUlMX1NFQ1JFVF9MT0NLU19LRVk6ICdiRzlqYXkxbllYUmxMWGRwYm1Ob0xURTNOVEF0YkdGeWEyaGhkbVZ1JyxcbiAgRUNIT19UUkFJTF9TRUNSRVRfUExBTlNfS0VZOiAnY2hhcnQtZHJhd2VyLTMzODEnLFxufTtcbmNvbnN0IGRlbW8gPSBkZW1vQ29sbGVjdGlvbihvcmlnaW4pO1xuY29uc3QgcnVuID0gKGFyZ3M6IHJlYWRvbmx5IHN0cmluZ1tdLCB7IGN3ZCA9IGRlbW8sIGVudiA9IGtleXMgYXMgUmVjb3JkPHN0cmluZywgc3RyaW5nPiB9ID0ge30pOiBQcm9taXNlPEVuZGVkPiA9PlxuICBlY2hvVHJhaWwoYXJncywgeyBjd2QsIGVudiB9KTtcblxuaW50ZXJmYWNlIFN0ZXAge1xuICByZWFkb25seSBuYW1lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHBhcnQ6IHN0cmluZztcbiAgcmVhZG9ubHkgc2VjcmV0OiBib29sZWFuO1xuICByZWFkb25seSB2YWx1ZTogc3RyaW5nIHwgbnVsbDtcbn1cbmNvbnN0IHN0ZXBzT2YgPSAoZW5kZWQ6IEVuZGVkKTogU3RlcFtdID0+IGRvY3VtZW50PHsgc2lnbmF0dXJlOiB7IHN0ZXBzOiBTdGVwW10gfSB9PihlbmRlZCkuc2lnbmF0dXJlLnN0ZXBzO1xuXG5mb3IgKGNvbnN0IFtuYW1lLCBzYWlkXSBvZiBbXG4gIFsnbWFuaWZlc3RzL2ZpbGUnLCAvXCJudW1iZXJcIjogXCJNLS9dLFxuICBbJ21hbmlmZXN0cy9saXN0JywgL1wiaXRlbXNcIi9dLFxuICBbJ3BpbG90YWdlL29yZGVyJywgL1wib3JkZXJcIjogXCJPLS9dLFxuICBbJ2xvY2tzL2xpc3QnLCAvXCJXZXN0XCIvXSxcbiAgWydwbGFucy9ub3J0aCcsIC9QbGFuIG9mIHRoZSBub3J0aCBxdWF5L10sXG5dIGFzIGNvbnN0KSB7XG4gIHRlc3QoYCR7bmFtZX06IHRoZSBkZXNrIHRha2VzIHRoZSBzaWduYXR1cmVgLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgZW5kZWQgPSBhd2FpdCBydW4oWydzZW5kJywgbmFtZV0pO1xuICAgIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLmVycik7XG4gICAgYXNzZXJ0Lm1hdGNoKGVuZGVkLm91dCwgc2FpZCk7XG4gIH0pO1xufVxuXG50ZXN0KCd0aGUgZGVza3MgcmVmdXNlIHdoYXQgaXMgd3JvbmcsIHN0YWxlIG9yIHVzZWQgYmVmb3JlLCBhbmQgc2F5IGxpdHRsZScsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgd3JvbmcgPSBhd2FpdCBydW4oWydzZW5kJywgJ21hbmlmZXN0cy9maWxlJ10sIHtcbiAgICBlbnY6IHsgLi4ua2V5cywgRUNIT19UUkFJTF9TRUNSRVRfRklMSU5HX0tFWTogJ2Fub3RoZXIta2V5LWhlcmUnIH0sXG4gIH0pO1xuICBhc3NlcnQuZXF1YWwod3Jvbmcuc3RhdHVzLCAxKTtcbiAgYXNzZXJ0Lm1hdGNoKHdyb25nLmVyciwgL3NlYWwgZG9lcyBub3QgZml0Lyk7XG4gIGFzc2VydC5tYXRjaCh3cm9uZy5lcnIsIC9zaWduYXR1cmUgZmlsaW5nIFxcKHJlY2lwZVxcKTogWC1PZmZpY2UtVGltZSwgWC1PZmZpY2UtU2VhbCwgbWFkZSBmcm9tIHNlY3JldCBmaWxpbmdLZXkvKTtcbiAgYXNzZXJ0Lm1hdGNoKHdyb25nLmVyciwgL2VjaG8tdHJhaWwgcHJldmlldyBtYW5pZmVzdHNcXC9maWxlIC0tc2lnbmF0dXJlLyk7XG4gIGNvbnN0IHN0YWxlID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgICdzaWduYXR1cmVzL2ZpbGluZy55YW1sJzogcmVhZEZpbGVTeW5jKGpvaW4oZGVtbywgJ3NpZ25hdHVyZXMvZmlsaW5nLnlhbWwnKSwgJ3V0ZjgnKS5yZXBsYWNlKFxuICAgICAgICAnJHtub3cgfCcsXG4gICAgICAgICcke25vdyB8IHBsdXMoXCItMTBtXCIpIHwnLFxuICAgICAgKSxcbiAgICAgICdyZXF1ZXN0cy9saXN0LnlhbWwnOiAndXJsOiAke29yaWdpbn0vZmlsaW5nL21hbmlmZXN0c1xcbmhlYWRlcnM6IHtYLU9mZmljZS1EZXNrOiBcIjdcIn1cXG5zaWduYXR1cmU6IGZpbGluZ1xcbicsXG4gICAgICAnZW52aXJvbm1lbnRzL3NhbmRib3gueWFtbCc6IGBjaGFuZ2VzOiBhbGxvd1xcbnZhcmlhYmxlczoge29yaWdpbjogXCIke29yaWdpbn1cIiwgZmlsaW5nLWtleS1pZDogYWdlbnQtN31cXG5ob3N0czogWzEyNy4wLjAuMV1cXG5gLFxuICAgIH0sXG4gICAgb3JpZ2luLFxuICApO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IHJ1bihbJ3NlbmQnLCAnbGlzdCddLCB7IGN3ZDogc3RhbGUgfSkpLmVyciwgL3N0YWxlLyk7XG4gIGNvbnN0IHsgdXJsIH0gPSBkb2N1bWVudDx7IHVybDogc3RyaW5nIH0+KGF3YWl0IHJ1bihbJ3ByZXZpZXcnLCAncGxhbnMvbm9ydGgnLCAnLS1yZXZlYWwnLCAnLS1qc29uJ10pKTtcbiAgY29uc3Qgc2VhbCA9IG5ldyBVUkwodXJsKS5zZWFyY2hQYXJhbXMuZ2V0KCdzZWFsJykgPz8gJyc7XG4gIGFzc2VydC5lcXVhbChzZWFsLmxlbmd0aCwgNDMpO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IGZldGNoKHVybCkpLnN0YXR1cywgMjAwKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBmZXRjaCh1cmwucmVwbGFjZSgndW50aWw9MScsICd1bnRpbD0yJykpKS5zdGF0dXMsIDQwMyk7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZmV0Y2godXJsLnJlcGxhY2Uoc2VhbCwgYCR7c2VhbC5zbGljZSgwLCAtMSl9X2ApKSkuc3RhdHVzLCA0MDMpO1xuICAvLyBBIHNpZ25hdHVyZSBpcyBnb29kIG9uY2UuXG4gIGNvbnN0IHByZXZpZXcgPSBkb2N1bWVudDx7IGhlYWRlcnM6IHsgbmFtZTogc3RyaW5nOyB2YWx1ZTogc3RyaW5nIH1bXTsgdXJsOiBzdHJpbmcgfT4oXG4gICAgYXdhaXQgcnVuKFsncHJldmlldycsICdtYW5pZmVzdHMvbGlzdCcsICctLXJldmVhbCcsICctLWpzb24nXSksXG4gICk7XG4gIGNvbnN0IGhlYWRlcnMgPSBPYmplY3QuZnJvbUVudHJpZXMoXG4gICAgcHJldmlldy5oZWFkZXJzLmZpbHRlcigoeyBuYW1lIH0pID0+IC9eeC0vaS50ZXN0KG5hbWUpKS5tYXAoKHsgbmFtZSwgdmFsdWUgfSkgPT4gW25hbWUsIHZhbHVlXSksXG4gICk7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZmV0Y2gocHJldmlldy51cmwsIHsgaGVhZGVycyB9KSkuc3RhdHVzLCAyMDApO1xuICBjb25zdCBhZ2FpbiA9IGF3YWl0IGZldGNoKHByZXZpZXcudXJsLCB7IGhlYWRlcnMgfSk7XG4gIGFzc2VydC5lcXVhbChhZ2Fpbi5zdGF0dXMsIDQwMSk7XG4gIGFzc2VydC5tYXRjaChhd2FpdCBhZ2Fpbi50ZXh0KCksIC91c2VkIGJlZm9yZS8pO1xufSk7XG5cbnRlc3QoJ3ByZXZpZXcgLS1zaWduYXR1cmU6IGV2ZXJ5IHZhbHVlIGluIG9yZGVyLCB3aGF0IGlzIHNlY3JldCBoaWRkZW4sIGRlcml2ZWQga2V5cyB0b287IG5vdGhpbmcgaXMgc2VudCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgYmVmb3JlID0gKGF3YWl0IChhd2FpdCBmZXRjaChgJHtvcmlnaW59L2ZpbGluZy9jb3VudHNgKSkuanNvbigpKSBhcyB7IHNlYWxlZDogbnVtYmVyOyByZWZ1c2VkOiBudW1iZXIgfTtcbiAgY29uc3Qgc3RlcHMgPSBzdGVwc09mKGF3YWl0IHJ1bihbJ3ByZXZpZXcnLCAncGlsb3RhZ2Uvb3JkZXInLCAnLS10aW1lJywgJzIwMjYtMDMtMDJUMDk6MzA6MDBaJywgJy0tanNvbiddKSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgc3RlcHMubWFwKCh7IG5hbWUsIHBhcnQsIHNlY3JldCwgdmFsdWUgfSkgPT4gW25hbWUsIHBhcnQsIHNlY3JldCwgdmFsdWUgPT09IG51bGxdKSxcbiAgICBbXG4gICAgICBbJ3N0YW1wJywgJ3ZhbHVlJywgZmFsc2UsIGZhbHNlXSxcbiAgICAgIFsnWC1QaWxvdGFnZS1UaW1lJywgJ2hlYWRlcicsIGZhbHNlLCBmYWxzZV0sXG4gICAgICBbJ2NvdmVyZWQnLCAndmFsdWUnLCBmYWxzZSwgZmFsc2VdLFxuICAgICAgWydhY2NvdW50JywgJ3ZhbHVlJywgZmFsc2UsIGZhbHNlXSxcbiAgICAgIFsnYmFzZScsICd2YWx1ZScsIGZhbHNlLCBmYWxzZV0sXG4gICAgICBbJ2ZpcnN0LWtleScsICd2YWx1ZScsIHRydWUsIGZhbHNlXSxcbiAgICAgIFsnZGF5LWtleScsICd2YWx1ZScsIHRydWUsIHRydWVdLFxuICAgICAgWydkZXNrLWtleScsICd2YWx1ZScsIHRydWUsIHRydWVdLFxuICAgICAgWydzZWFsJywgJ3ZhbHVlJywgdHJ1ZSwgdHJ1ZV0sXG4gICAgICBbJ0F1dGhvcml6YXRpb24nLCAnaGVhZGVyJywgdHJ1ZSwgZmFsc2VdLFxuICAgIF0sXG4gICk7XG4gIGFzc2VydC5lcXVhbChzdGVwcy5maW5kKCh7IG5hbWUgfSkgPT4gbmFtZSA9PT0gJ2ZpcnN0LWtleScpPy52YWx1ZSwgJ2RheSBcdTIwMzlzZWNyZXRcdTIwM0EnKTtcbiAgY29uc3QgdGV4dCA9IGF3YWl0IHJ1bihbJ3ByZXZpZXcnLCAnbWFuaWZlc3RzL2ZpbGUnLCAnLS1zaWduYXR1cmUnLCAnLS10aW1lJywgJzIwMjYtMDMtMDJUMDk6MzA6MDBaJ10pO1xuICBhc3NlcnQuZXF1YWwodGV4dC5zdGF0dXMsIDAsIHRleHQuZXJyKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIHRleHQub3V0LFxuICAgIC8xIHsyfVxcL2ZpbGluZ1xcL21hbmlmZXN0c1x1MjNDRVxcbiB7NH0yIHsyfVBPU1RcdTIzQ0VcXG4gezR9MyB7Mn1cXChlbXB0eVxcKVx1MjNDRVxcbiB7NH00IHsyfXgtb2ZmaWNlLWRlc2s6N1x1MjNDRVxcbiB7NH01IHsyfXgtb2ZmaWNlLXRpbWU6MjAyNjAzMDJUMDkzMDAwWlx1MjNDRS8sXG4gICk7XG4gIGFzc2VydC5tYXRjaCh0ZXh0Lm91dCwgL3NlYWwgK1x1MjAzOXNlY3JldFx1MjAzQSB7Mn00NCBjaGFyYWN0ZXJzLyk7XG4gIGFzc2VydC5tYXRjaCh0ZXh0Lm91dCwgL1gtT2ZmaWNlLVNlYWwgezJ9aWQ9YWdlbnQtNzsgc2VhbD1cdTIwMzlzZWNyZXRcdTIwM0EvKTtcbiAgZm9yIChjb25zdCBlbmRlZCBvZiBbXG4gICAgdGV4dCxcbiAgICBhd2FpdCBydW4oWydwcmV2aWV3JywgJ21hbmlmZXN0cy9maWxlJywgJy0tanNvbiddKSxcbiAgICBhd2FpdCBydW4oWydwcmV2aWV3JywgJ21hbmlmZXN0cy9maWxlJ10pLFxuICBdKVxuICAgIGFzc2VydC5kb2VzTm90TWF0Y2goZW5kZWQub3V0ICsgZW5kZWQuZXJyLCAvaGVycmluZ3xUVlRHWXU3d2E1Lyk7XG4gIGNvbnN0IHJldmVhbGVkID0gYXdhaXQgcnVuKFtcbiAgICAncHJldmlldycsXG4gICAgJ21hbmlmZXN0cy9maWxlJyxcbiAgICAnLS1zaWduYXR1cmUnLFxuICAgICctLXRpbWUnLFxuICAgICcyMDI2LTAzLTAyVDA5OjMwOjAwWicsXG4gICAgJy0tcmV2ZWFsJyxcbiAgXSk7XG4gIGFzc2VydC5tYXRjaChyZXZlYWxlZC5vdXQsIC9zZWFsICtUVlRHWXU3d2E1ZVNNejVcXC9SM2ZMclxcL2hPdnE4RURrNDkzMzZBZDhhN1BpOD0vLCAndGhlIGV4YW1wbGUgaW4gdGhlIGd1aWRlJyk7XG4gIGFzc2VydC5kZWVwRXF1YWwoYXdhaXQgKGF3YWl0IGZldGNoKGAke29yaWdpbn0vZmlsaW5nL2NvdW50c2ApKS5qc29uKCksIGJlZm9yZSk7XG59KTtcblxudGVzdCgncHJldmlldyAtLXNpZ25hdHVyZSB3aXRob3V0IGl0cyBzZWNyZXQgc2hvd3Mgd2hhdCBjYW4gYmUgbWFkZSB3aXRob3V0IGl0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IHJ1bihbJ3ByZXZpZXcnLCAnbWFuaWZlc3RzL2ZpbGUnLCAnLS1zaWduYXR1cmUnXSwgeyBlbnY6IHt9IH0pO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwKTtcbiAgYXNzZXJ0Lm1hdGNoKGVuZGVkLm91dCwgL2Jhc2UgezExfTYgbGluZXMvKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChlbmRlZC5vdXQsIC9YLU9mZmljZS1TZWFsLyk7XG4gIGFzc2VydC5tYXRjaChlbmRlZC5lcnIsIC90aGUgc2VjcmV0IGZpbGluZ0tleSBpcyBub3Qgc2V0OiB3aGF0IGlzIG1hZGUgZnJvbSBpdCBpcyBsZWZ0IG91dC8pO1xuICBjb25zdCBzZW50ID0gYXdhaXQgcnVuKFsnc2VuZCcsICdtYW5pZmVzdHMvZmlsZSddLCB7IGVudjoge30gfSk7XG4gIGFzc2VydC5lcXVhbChzZW50LnN0YXR1cywgNCk7XG4gIGFzc2VydC5tYXRjaChzZW50LmVyciwgL3RoZSBzZWNyZXQgZmlsaW5nS2V5IGlzIG5vdCBzZXQvKTtcbn0pO1xuXG5jb25zdCBleHBlY3RlZCA9IFtcbiAgJy9maWxpbmcvbWFuaWZlc3RzJyxcbiAgJ1BPU1QnLFxuICAnJyxcbiAgJ3gtb2ZmaWNlLWRlc2s6NycsXG4gICd4LW9mZmljZS10aW1lOjIwMjYwMzAyVDA5MzAwMFonLFxuICAnMGU5MjM4YTkzZWNmMTlkM2Q1NmRmNTEyZDQzMDBiNDk3OTIzMmI0N2Q2ZjMyMWY3Y2JkMWE1MGY1OTYzZDEzMicsXG5dLmpvaW4oJ1xcbicpO1xuXG50ZXN0KCdwcmV2aWV3IC0tYWdhaW5zdCBwb2ludHMgYXQgdGhlIGZpcnN0IGRpZmZlcmVuY2UgYW5kIG5hbWVzIGl0cyBsaWtlbHkgY2F1c2UnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGNvbXBhcmUgPSAodGV4dDogc3RyaW5nLCAuLi5tb3JlOiBzdHJpbmdbXSkgPT5cbiAgICBydW4oWydwcmV2aWV3JywgJ21hbmlmZXN0cy9maWxlJywgJy0tdGltZScsICcyMDI2LTAzLTAyVDA5OjMwOjAwWicsICctLWFnYWluc3QnLCB0ZXh0LCAuLi5tb3JlXSk7XG4gIGNvbnN0IHNhbWUgPSBhd2FpdCBjb21wYXJlKGV4cGVjdGVkKTtcbiAgYXNzZXJ0LmVxdWFsKHNhbWUuc3RhdHVzLCAwKTtcbiAgYXNzZXJ0Lm1hdGNoKHNhbWUub3V0LCAvc2FtZSB7M31iYXNlIGlzIHdoYXQgdGhlIHZlbmRvciBzaG93cy8pO1xuICB3cml0ZUluKGRlbW8sICdleHBlY3RlZC50eHQnLCBgJHtleHBlY3RlZH1cXG5gKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBjb21wYXJlKCdleHBlY3RlZC50eHQnKSkub3V0LCAvc2FtZSB7M31iYXNlLywgJ2EgZmlsZSwgd2l0aCB0aGUgbGluZSBicmVhayBvZiB0aGUgZWRpdG9yJyk7XG4gIGFzc2VydC5tYXRjaChcbiAgICAoYXdhaXQgY29tcGFyZShleHBlY3RlZC5yZXBsYWNlQWxsKCdcXG4nLCAnXFxcXG4nKSkpLm91dCxcbiAgICAvc2FtZSB7M31iYXNlLyxcbiAgICAnbGluZSBicmVha3MgYXMgYSBtZXNzYWdlIHdyaXRlcyB0aGVtJyxcbiAgKTtcbiAgY29uc3Qgc3BhY2UgPSBhd2FpdCBjb21wYXJlKGV4cGVjdGVkLnJlcGxhY2UoJ3gtb2ZmaWNlLWRlc2s6NycsICd4LW9mZmljZS1kZXNrOiA3JykpO1xuICBhc3NlcnQuZXF1YWwoc3BhY2Uuc3RhdHVzLCAxKTtcbiAgYXNzZXJ0Lm1hdGNoKHNwYWNlLm91dCwgL2Jhc2UgcGFydHMgZnJvbSB3aGF0IHRoZSB2ZW5kb3Igc2hvd3MgYXQgbGluZSA0LCBjaGFyYWN0ZXIgMTVcXG4vKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIHNwYWNlLm91dCxcbiAgICAvXFxeIG91cnMgaGFzIFwiN1wiIFxcKFVcXCswMDM3XFwpLCB0aGVpcnMgaGFzIHNwYWNlIFxcKFVcXCswMDIwXFwpXFxubGlrZWx5IHszfXRoZSBzcGFjZSBiZWhpbmQgYSBjb2xvbi8sXG4gICk7XG4gIGNvbnN0IHpvbmUgPSBkb2N1bWVudDx7IGFnYWluc3Q6IHVua25vd24gfT4oYXdhaXQgY29tcGFyZShleHBlY3RlZC5yZXBsYWNlKCdUMDkzMCcsICdUMTAzMCcpLCAnLS1qc29uJykpO1xuICBhc3NlcnQuZGVlcEVxdWFsKHpvbmUuYWdhaW5zdCwge1xuICAgIG5hbWU6ICdiYXNlJyxcbiAgICBzYW1lOiBmYWxzZSxcbiAgICBkaWZmZXJlbmNlOiB7XG4gICAgICBsaW5lOiA1LFxuICAgICAgY29sdW1uOiAyNCxcbiAgICAgIG91cnM6ICd4LW9mZmljZS10aW1lOjIwMjYwMzAyVDA5MzAwMFonLFxuICAgICAgdGhlaXJzOiAneC1vZmZpY2UtdGltZToyMDI2MDMwMlQxMDMwMDBaJyxcbiAgICAgIGNhdXNlOiAndGhlIHRpbWVzIGFyZSAxIGggYXBhcnQ6IGFub3RoZXIgdGltZSB6b25lOyB8IGluLXpvbmUoXCJVVENcIiksIG9yIHRoZSB6b25lIG9mIHRoZSB2ZW5kb3InLFxuICAgIH0sXG4gIH0pO1xuICBjb25zdCBzZWFsID0gYXdhaXQgY29tcGFyZSgnaWQ9YWdlbnQtNzsgc2VhbD1BQUFBJywgJy0tdmFsdWUnLCAnWC1PZmZpY2UtU2VhbCcpO1xuICBhc3NlcnQubWF0Y2goc2VhbC5vdXQsIC9YLU9mZmljZS1TZWFsIGlzIHNlY3JldCBhbmQgaXMgbm90IHNob3duOyBpdCBpcyBub3Qgd2hhdCB0aGUgdmVuZG9yIHNob3dzLyk7XG4gIGFzc2VydC5tYXRjaChcbiAgICAoYXdhaXQgY29tcGFyZSgnaWQ9YWdlbnQtNzsgc2VhbD1UVlRHWXU3d2E1ZVNNejUvUjNmTHIvaE92cThFRGs0OTMzNkFkOGE3UGk4PScpKS5vdXQsXG4gICAgL3NhbWUgezN9WC1PZmZpY2UtU2VhbC8sXG4gICk7XG59KTtcblxudGVzdCgnd2hhdCB0aGUgZGVzayBleHBlY3RlZCwgYXNrZWQgZm9yIG9uY2UsIGlzIHRoZSB0ZXh0IHRvIGNvbXBhcmUgd2l0aCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgdG9sZCA9IGF3YWl0IHJ1bihbXG4gICAgJ3NlbmQnLFxuICAgICdQT1NUJyxcbiAgICAnL2ZpbGluZy9tYW5pZmVzdHMnLFxuICAgICctLXNpZ24nLFxuICAgICdub25lJyxcbiAgICAnLS1zZXNzaW9uJyxcbiAgICAnbm9uZScsXG4gICAgJy0taGVhZGVyJyxcbiAgICAnWC1FeHBsYWluOiB5ZXMnLFxuICAgICctLWhlYWRlcicsXG4gICAgJ1gtT2ZmaWNlLURlc2s6IDcnLFxuICAgICctLXBpY2snLFxuICAgICckLmV4cGVjdGVkJyxcbiAgXSk7XG4gIGFzc2VydC5tYXRjaCh0b2xkLm91dCwgL15cXC9maWxpbmdcXC9tYW5pZmVzdHNcXG5QT1NUXFxuXFxueC1vZmZpY2UtZGVzazo3XFxuLyk7XG59KTtcblxudGVzdCgnd3JvbmcgdXNhZ2UgaXMgdG9sZDogbm8gc2lnbmF0dXJlLCBhbiB1bmtub3duIHZhbHVlLCBhbiB1bnJlYWRhYmxlIHRpbWUsIGFuIHVua25vd24gbmFtZScsIGFzeW5jICgpID0+IHtcbiAgZm9yIChjb25zdCBbYXJncywgc2F5cywgc3RhdHVzXSBvZiBbXG4gICAgW1sncHJldmlldycsICd2ZXNzZWxzL2xpc3QnLCAnLS1zaWduYXR1cmUnXSwgL3RoZSByZXF1ZXN0IGhhcyBubyBzaWduYXR1cmUvLCAyXSxcbiAgICBbWydwcmV2aWV3JywgJ21hbmlmZXN0cy9maWxlJywgJy0tYWdhaW5zdCcsICd4JywgJy0tdmFsdWUnLCAnYnNlJ10sIC9ubyB0ZXh0IGJzZVtcXHNcXFNdKmRpZCB5b3UgbWVhbiBiYXNlXFw/LywgMl0sXG4gICAgW1sncHJldmlldycsICdtYW5pZmVzdHMvZmlsZScsICctLXZhbHVlJywgJ2Jhc2UnXSwgLy0tdmFsdWUgZ29lcyB3aXRoIC0tYWdhaW5zdC8sIDJdLFxuICAgIFtbJ3ByZXZpZXcnLCAnbWFuaWZlc3RzL2ZpbGUnLCAnLS1hZ2FpbnN0JywgJ2xvc3QudHh0J10sIC9sb3N0XFwudHh0IGRvZXMgbm90IGV4aXN0LywgMl0sXG4gICAgW1sncHJldmlldycsICdtYW5pZmVzdHMvZmlsZScsICctLXRpbWUnLCAnMjAyNi0wMy0wMiAwOTozMCddLCAvLS10aW1lIGNhbm5vdCByZWFkW1xcc1xcU10qd2l0aCBpdHMgem9uZS8sIDJdLFxuICAgIFtbJ3ByZXZpZXcnLCAnbWFuaWZlc3RzL2ZpbGUnLCAnLS1zaWduJywgJ2ZpbGxpbmcnXSwgL3RoZXJlIGlzIG5vIHNpZ25hdHVyZSBmaWxsaW5nW1xcc1xcU10qZmlsaW5nLywgMl0sXG4gICAgW1snc2VuZCcsICdtYW5pZmVzdHMvZmlsZScsICctLXNpZ24nLCAnbm9uZSddLCAvbm8gc2VhbC8sIDFdLFxuICBdIGFzIGNvbnN0KSB7XG4gICAgY29uc3QgZW5kZWQgPSBhd2FpdCBydW4oYXJncyk7XG4gICAgYXNzZXJ0LmVxdWFsKGVuZGVkLnN0YXR1cywgc3RhdHVzLCBhcmdzLmpvaW4oJyAnKSk7XG4gICAgYXNzZXJ0Lm1hdGNoKGVuZGVkLmVyciwgc2F5cywgYXJncy5qb2luKCcgJykpO1xuICB9XG59KTtcblxudGVzdCgnY2hlY2sgaG9sZHMgdGhlIGRvY3VtZW50ZWQgZXhhbXBsZXMsIGFuZCBwb2ludHMgYXQgd2hhdCBkb2VzIG5vdCcsIGFzeW5jICgpID0+IHtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBydW4oWydjaGVjayddKSkuc3RhdHVzLCAwKTtcbiAgY29uc3QgY3dkID0gZGVtb0NvbGxlY3Rpb24ob3JpZ2luKTtcbiAgY29uc3QgcGF0aCA9IGpvaW4oY3dkLCAnc2lnbmF0dXJlcy9maWxpbmcueWFtbCcpO1xuICBjb25zdCB0ZXh0ID0gcmVhZEZpbGVTeW5jKHBhdGgsICd1dGY4Jyk7XG4gIHdyaXRlRmlsZVN5bmMocGF0aCwgdGV4dC5yZXBsYWNlKC8gKy0gXFwkXFx7c2VudFxcLnF1ZXJ5LipcXG4vLCAnJykpO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IHJ1bihbJ2NoZWNrJywgJy0tanNvbiddLCB7IGN3ZCwgZW52OiB7fSB9KTtcbiAgYXNzZXJ0LmVxdWFsKGVuZGVkLnN0YXR1cywgMik7XG4gIGNvbnN0IHsgZmluZGluZ3MgfSA9IGRvY3VtZW50PHtcbiAgICBmaW5kaW5nczogeyBydWxlOiBzdHJpbmc7IGZpbGU6IHN0cmluZzsgbGluZTogbnVtYmVyOyB3aGF0OiBzdHJpbmc7IHJlbWVkeTogc3RyaW5nIH1bXTtcbiAgfT4oZW5kZWQpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIGZpbmRpbmdzLm1hcCgoeyBydWxlLCBmaWxlIH0pID0+IFtydWxlLCBmaWxlXSksXG4gICAgQXJyYXkoMikuZmlsbChbJ3NpZ25hdHVyZS1leGFtcGxlcy1ob2xkJywgJ3NpZ25hdHVyZXMvZmlsaW5nLnlhbWwnXSksXG4gICk7XG4gIGFzc2VydC5tYXRjaChmaW5kaW5nc1swXT8ud2hhdCA/PyAnJywgL2Jhc2UgcGFydHMgZnJvbSB0aGUgZXhhbXBsZSBhdCAzOjEvKTtcbiAgYXNzZXJ0Lm1hdGNoKGZpbmRpbmdzWzBdPy5yZW1lZHkgPz8gJycsIC90aGVpcnMgaGFzIGFuIGVtcHR5IGxpbmUgYXQgbGluZSAzLyk7XG4gIHdyaXRlRmlsZVN5bmMocGF0aCwgdGV4dC5yZXBsYWNlKCdobWFjLXNoYS0yNTYoc2VjcmV0JywgJ2htYWMtc2hhLTEoc2VjcmV0JykpO1xuICBjb25zdCBkaWdlc3QgPSBhd2FpdCBydW4oWydjaGVjayddLCB7IGN3ZCwgZW52OiB7fSB9KTtcbiAgYXNzZXJ0Lm1hdGNoKGRpZ2VzdC5vdXQsIC9YLU9mZmljZS1TZWFsIGlzIG5vdCB3aGF0IHRoZSBleGFtcGxlIHNheXNbXFxzXFxTXSphbm90aGVyIGRpZ2VzdCwgb3Igd3JpdHRlbiBvdGhlcndpc2UvKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChkaWdlc3Qub3V0LCAvaGVycmluZy8pO1xuICB3cml0ZUZpbGVTeW5jKHBhdGgsIHRleHQucmVwbGFjZSgnJHtiYXNlIHwgaG1hYycsICcke2JzYWUgfCBobWFjJykpO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IHJ1bihbJ2NoZWNrJ10sIHsgY3dkLCBlbnY6IHt9IH0pKS5vdXQsIC9ic2FlLyk7XG4gIHdyaXRlRmlsZVN5bmMocGF0aCwgdGV4dC5yZXBsYWNlKCdkZWZpbmU6JywgJ2tpbmQ6IHJlY2lwXFxuZGVmaW5lOicpKTtcbiAgY29uc3Qga2luZCA9IGF3YWl0IHJ1bihbJ2NoZWNrJ10sIHsgY3dkLCBlbnY6IHt9IH0pO1xuICBhc3NlcnQubWF0Y2goXG4gICAga2luZC5vdXQsXG4gICAgL2tpbmQgY2Fubm90IGJlIHRoZSB0ZXh0IHJlY2lwW1xcc1xcU10qZGlkIHlvdSBtZWFuIHJlY2lwZVxcPyBhbGxvd2VkOiByZWNpcGUsIG1lc3NhZ2Utc2lnbmF0dXJlLCBrZXllZC1kaWdlc3QsIHJlcXVlc3QtdG9rZW5cXG4vLFxuICApO1xuICB3cml0ZUZpbGVTeW5jKHBhdGgsIHRleHQucmVwbGFjZSgnZGVmaW5lOicsICdraW5kOiByZXF1ZXN0LXRva2VuXFxuYWxnb3JpdGhtOiBFUzI1NlxcbmtleTogeFxcbmxhc3RzOiBzb29uXFxuZGVmaW46JykpO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IHJ1bihbJ2NoZWNrJ10sIHsgY3dkLCBlbnY6IHt9IH0pKS5vdXQsIC9maWxpbmdcXC55YW1sOlxcZCs6XFxkKyAuKmxhc3RzLyk7XG4gIHdyaXRlRmlsZVN5bmMocGF0aCwgdGV4dCk7XG4gIHdyaXRlSW4oY3dkLCAncmVxdWVzdHMvbG9zdC55YW1sJywgJ3VybDogJHtvcmlnaW59L3hcXG5zaWduYXR1cmU6IGxvc3RcXG4nKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBydW4oWydjaGVjayddLCB7IGN3ZCwgZW52OiB7fSB9KSkub3V0LCAvcmVxdWVzdHNcXC9sb3N0XFwueWFtbDoyOjEyIC4qdGhlcmUgaXMgbm8gc2lnbmF0dXJlIGxvc3QvKTtcbn0pO1xuXG50ZXN0KCdub3RoaW5nIG9mIGEgc2lnbmF0dXJlIGlzIGxlZnQgaW4gd2hhdCB3YXMgd3JpdHRlbiwgbm9yIHByaW50ZWQgd2hlcmUgYW4gYW5zd2VyIHJlcGVhdHMgaXQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAnc2lnbmF0dXJlcy9zZWFsLnlhbWwnOlxuICAgICAgICAnZGVmaW5lOiB7c2VhbDogXCIke3NlbnQucGF0aCB8IGhtYWMtc2hhLTI1NihzZWNyZXQua2V5KSB8IGhleH1cIn1cXG5oZWFkZXJzOiB7WC1TZWFsOiBcInYxPSR7c2VhbH1cIn1cXG5xdWVyeToge2Fsc286IFwiJHtzZWFsfVwifVxcbicsXG4gICAgICAncmVxdWVzdHMvbWlycm9yLnlhbWwnOiAndXJsOiAke29yaWdpbn0vbWlycm9yXFxuc2lnbmF0dXJlOiBzZWFsXFxuJyxcbiAgICAgICdzaWduYXR1cmVzL21lc3NhZ2UueWFtbCc6XG4gICAgICAgICdraW5kOiBtZXNzYWdlLXNpZ25hdHVyZVxcbnNpZ25hdHVyZXM6IHthOiB7Y29tcG9uZW50czogW1wiQG1ldGhvZFwiXSwgYWxnb3JpdGhtOiBobWFjLXNoYTI1Niwga2V5OiBcIiR7c2VjcmV0LmtleSB8IGJhc2U2NH1cIiwgY3JlYXRlZDogZmFsc2V9fVxcbicsXG4gICAgfSxcbiAgICBvcmlnaW4sXG4gICk7XG4gIGNvbnN0IGVudiA9IHsgRUNIT19UUkFJTF9TRUNSRVRfS0VZOiAnd2luY2gtZ3JlYXNlLTc3JyB9O1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IHJ1bihbJ3NlbmQnLCAnbWlycm9yJ10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLmVycik7XG4gIGNvbnN0IG1lc3NhZ2UgPSBhd2FpdCBydW4oWydzZW5kJywgJ21pcnJvcicsICctLXNpZ24nLCAnbWVzc2FnZSddLCB7IGN3ZCwgZW52IH0pO1xuICBhc3NlcnQuZXF1YWwobWVzc2FnZS5zdGF0dXMsIDAsIG1lc3NhZ2UuZXJyKTtcbiAgY29uc3QgYmFzZSA9IGNyZWF0ZUhtYWMoJ3NoYTI1NicsICd3aW5jaC1ncmVhc2UtNzcnKVxuICAgIC51cGRhdGUoJ1wiQG1ldGhvZFwiOiBHRVRcXG5cIkBzaWduYXR1cmUtcGFyYW1zXCI6IChcIkBtZXRob2RcIiknKVxuICAgIC5kaWdlc3QoJ2Jhc2U2NCcpO1xuICBhc3NlcnQubWF0Y2gobWVzc2FnZS5vdXQsIC9hPTpcdTIwMzlzZWNyZXRcdTIwM0E6Lyk7XG4gIGZvciAoY29uc3QgdGV4dCBvZiBbbWVzc2FnZS5vdXQsIG1lc3NhZ2UuZXJyLCAuLi5ldmVyeUZpbGUoY3dkKS5tYXAoKGZpbGUpID0+IGZpbGUudGV4dCldKVxuICAgIGFzc2VydC5vayghdGV4dC5pbmNsdWRlcyhiYXNlKSk7XG4gIGNvbnN0IHNlYWwgPSBjcmVhdGVIbWFjKCdzaGEyNTYnLCAnd2luY2gtZ3JlYXNlLTc3JykudXBkYXRlKCcvbWlycm9yJykuZGlnZXN0KCdoZXgnKTtcbiAgYXNzZXJ0Lm1hdGNoKGVuZGVkLm91dCwgL1x1MjAzOXNlY3JldFx1MjAzQS8pO1xuICBmb3IgKGNvbnN0IHRleHQgb2YgW1xuICAgIGVuZGVkLm91dCxcbiAgICBlbmRlZC5lcnIsXG4gICAgKGF3YWl0IHJ1bihbJ2VjaG8nLCAnc2hvdyddLCB7IGN3ZCwgZW52IH0pKS5vdXQsXG4gICAgLi4uZXZlcnlGaWxlKGN3ZCkubWFwKChmaWxlKSA9PiBmaWxlLnRleHQpLFxuICAgIC4uLmV2ZXJ5RmlsZSh1c2VyRm9sZGVyKS5tYXAoKGZpbGUpID0+IGZpbGUudGV4dCksXG4gIF0pXG4gICAgYXNzZXJ0Lm9rKCF0ZXh0LmluY2x1ZGVzKHNlYWwpICYmICF0ZXh0LmluY2x1ZGVzKCd3aW5jaC1ncmVhc2UnKSk7XG59KTtcblxudGVzdCgnYSBzZWFsZWQgYWRkcmVzcyBpcyB0b2xkIHdpdGhvdXQgaXRzIHNlYWwsIHdoZXJldmVyIGFuIGFuc3dlciBzcGVha3Mgb2YgaXRzIGFkZHJlc3MnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGRlbW9Db2xsZWN0aW9uKG9yaWdpbik7XG4gIHdyaXRlSW4oXG4gICAgY3dkLFxuICAgICdyZXF1ZXN0cy9wbGFucy9rZXB0LnlhbWwnLFxuICAgICd1cmw6ICR7b3JpZ2lufS9wbGFucy9ub3J0aFxcbnNlc3Npb246IG5vbmVcXG5zaWduYXR1cmU6IHBsYW5zXFxua2VlcDoge2FkZHJlc3M6IGZpbmFsLXVybH1cXG4nLFxuICApO1xuICBjb25zdCBzZW50ID0gYXdhaXQgcnVuKFsnc2VuZCcsICdwbGFucy9rZXB0JywgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHNlbnQuc3RhdHVzLCAwLCBzZW50LmVycik7XG4gIGNvbnN0IHsgZmluYWxVcmwsIGtlcHQsIHVybCB9ID0gZG9jdW1lbnQ8eyBmaW5hbFVybDogc3RyaW5nOyB1cmw6IHN0cmluZzsga2VwdDogeyBhZGRyZXNzOiBzdHJpbmcgfSB9PihzZW50KTtcbiAgYXNzZXJ0LmVxdWFsKGZpbmFsVXJsLCBgJHtvcmlnaW59L3BsYW5zL25vcnRoYCk7XG4gIGFzc2VydC5lcXVhbChrZXB0LmFkZHJlc3MsIGZpbmFsVXJsKTtcbiAgYXNzZXJ0Lm1hdGNoKHVybCwgLyZzZWFsPVx1MjAzOXNlY3JldFx1MjAzQSQvKTtcbiAgZm9yIChjb25zdCB7IHRleHQgfSBvZiBldmVyeUZpbGUoY3dkKSkgYXNzZXJ0LmRvZXNOb3RNYXRjaCh0ZXh0LCAvWz8mXXNlYWw9W0EtWmEtejAtOV8tXXsyMH0vKTtcbn0pO1xuXG50ZXN0KCdvZiBhIHRva2VuIGluc2lkZSBvZiB3aGF0IGlzIHNpZ25lZCwgYSBjb21wYXJpc29uIHNob3dzIG5vIHBpZWNlJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ3Nlc3Npb25zL2tleS55YW1sJzogJ2tpbmQ6IGJlYXJlclxcbnRva2VuOiAke3NlY3JldC50b2tlbn1cXG4nLFxuICAgICAgJ3NpZ25hdHVyZXMvc2VhbC55YW1sJzpcbiAgICAgICAgJ2RlZmluZToge2Jhc2U6IFwiYXV0aG9yaXphdGlvbjoke3NlbnQuaGVhZGVyLmF1dGhvcml6YXRpb259XCJ9XFxuaGVhZGVyczoge1gtU2VhbDogXCIke2Jhc2UgfCBobWFjLXNoYS0yNTYoc2VjcmV0LmtleSkgfCBoZXh9XCJ9XFxuJyxcbiAgICAgICdyZXF1ZXN0cy9pdC55YW1sJzogJ3VybDogJHtvcmlnaW59L21pcnJvclxcbnNlc3Npb246IGtleVxcbnNpZ25hdHVyZTogc2VhbFxcbicsXG4gICAgfSxcbiAgICBvcmlnaW4sXG4gICk7XG4gIGNvbnN0IHRva2VuID0gJ1FtJy5yZXBlYXQoOTApO1xuICBjb25zdCBlbnYgPSB7IEVDSE9fVFJBSUxfU0VDUkVUX0tFWTogJ3dpbmNoLWdyZWFzZS03NycsIEVDSE9fVFJBSUxfU0VDUkVUX1RPS0VOOiB0b2tlbiB9O1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IHJ1bihcbiAgICBbJ3ByZXZpZXcnLCAnaXQnLCAnLS1hZ2FpbnN0JywgYGF1dGhvcml6YXRpb246QmVhcmVyICR7dG9rZW4uc2xpY2UoMCwgMTUwKX14eGAsICctLXZhbHVlJywgJ2Jhc2UnXSxcbiAgICB7IGN3ZCwgZW52IH0sXG4gICk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDEsIGVuZGVkLmVycik7XG4gIGFzc2VydC5tYXRjaChlbmRlZC5vdXQsIC9iYXNlIHBhcnRzIGZyb20gd2hhdCB0aGUgdmVuZG9yIHNob3dzIGF0IGxpbmUgMS8pO1xuICBhc3NlcnQubWF0Y2goZW5kZWQub3V0LCAvb3VycyArYXV0aG9yaXphdGlvbjpCZWFyZXIgXHUyMDM5c2VjcmV0XHUyMDNBXFxuLyk7XG4gIGFzc2VydC5kb2VzTm90TWF0Y2goZW5kZWQub3V0LnJlcGxhY2UoL150aGVpcnMuKiQvbSwgJycpLCAvUW1RbS8pO1xufSk7XG5cbnRlc3QoJ2EgcmVkaXJlY3QgaXMgc2lnbmVkIGFuZXc7IGFub3RoZXIgaG9zdCBnZXRzIG5vdGhpbmcnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlZW46IChzdHJpbmcgfCB1bmRlZmluZWQpW10gPSBbXTtcbiAgY29uc3Qgb3RoZXI6IChzdHJpbmcgfCB1bmRlZmluZWQpW10gPSBbXTtcbiAgY29uc3QgZWxzZXdoZXJlID0gY3JlYXRlU2VydmVyKChyZXF1ZXN0LCByZXNwb25zZSkgPT4ge1xuICAgIG90aGVyLnB1c2gocmVxdWVzdC5oZWFkZXJzWyd4LXNlYWwnXSBhcyBzdHJpbmcgfCB1bmRlZmluZWQpO1xuICAgIHJlc3BvbnNlLmVuZCgne30nKTtcbiAgfSk7XG4gIGF3YWl0IG5ldyBQcm9taXNlPHZvaWQ+KChyZXNvbHZlKSA9PiBlbHNld2hlcmUubGlzdGVuKDAsICcxMjcuMC4wLjEnLCByZXNvbHZlKSk7XG4gIGNvbnN0IGF3YXkgPSBgaHR0cDovL2xvY2FsaG9zdDokeyhlbHNld2hlcmUuYWRkcmVzcygpIGFzIEFkZHJlc3NJbmZvKS5wb3J0fS9lbmRgO1xuICBjb25zdCBzZXJ2ZXIgPSBjcmVhdGVTZXJ2ZXIoKHJlcXVlc3QsIHJlc3BvbnNlKSA9PiB7XG4gICAgc2Vlbi5wdXNoKGAke3JlcXVlc3QudXJsfSAke3JlcXVlc3QuaGVhZGVyc1sneC1zZWFsJ119YCk7XG4gICAgaWYgKHJlcXVlc3QudXJsID09PSAnL3N0YXJ0JykgcmVzcG9uc2Uud3JpdGVIZWFkKDMwMiwgeyBsb2NhdGlvbjogJy9uZXh0JyB9KS5lbmQoKTtcbiAgICBlbHNlIGlmIChyZXF1ZXN0LnVybCA9PT0gJy9uZXh0JykgcmVzcG9uc2Uud3JpdGVIZWFkKDMwMiwgeyBsb2NhdGlvbjogYXdheSB9KS5lbmQoKTtcbiAgICBlbHNlIHJlc3BvbnNlLmVuZCgne30nKTtcbiAgfSk7XG4gIGF3YWl0IG5ldyBQcm9taXNlPHZvaWQ+KChyZXNvbHZlKSA9PiBzZXJ2ZXIubGlzdGVuKDAsICcxMjcuMC4wLjEnLCByZXNvbHZlKSk7XG4gIGFmdGVyKCgpID0+IHtcbiAgICBzZXJ2ZXIuY2xvc2UoKTtcbiAgICBlbHNld2hlcmUuY2xvc2UoKTtcbiAgfSk7XG4gIGNvbnN0IGF0ID0gYGh0dHA6Ly8xMjcuMC4wLjE6JHsoc2VydmVyLmFkZHJlc3MoKSBhcyBBZGRyZXNzSW5mbykucG9ydH1gO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ3NpZ25hdHVyZXMvc2VhbC55YW1sJzogJ2hlYWRlcnM6IHtYLVNlYWw6IFwiJHtzZW50LnBhdGggfCBobWFjLXNoYS0yNTYoc2VjcmV0LmtleSkgfCBoZXh9XCJ9XFxuJyxcbiAgICAgICdyZXF1ZXN0cy9zdGFydC55YW1sJzogJ3VybDogJHtvcmlnaW59L3N0YXJ0XFxuc2lnbmF0dXJlOiBzZWFsXFxuJyxcbiAgICB9LFxuICAgIGF0LFxuICApO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IHJ1bihbJ3NlbmQnLCAnc3RhcnQnXSwgeyBjd2QsIGVudjogeyBFQ0hPX1RSQUlMX1NFQ1JFVF9LRVk6ICd3aW5jaC1ncmVhc2UtNzcnIH0gfSk7XG4gIGNvbnN0IHNlYWxPZiA9IChwYXRoOiBzdHJpbmcpOiBzdHJpbmcgPT5cbiAgICBgJHtwYXRofSAke2NyZWF0ZUhtYWMoJ3NoYTI1NicsICd3aW5jaC1ncmVhc2UtNzcnKS51cGRhdGUocGF0aCkuZGlnZXN0KCdoZXgnKX1gO1xuICBhc3NlcnQuZGVlcEVxdWFsKHNlZW4sIFtzZWFsT2YoJy9zdGFydCcpLCBzZWFsT2YoJy9uZXh0JyldKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChvdGhlciwgW3VuZGVmaW5lZF0sIGVuZGVkLmVycik7XG59KTtcblxudGVzdCgnY2xvY2s6IGZvbGxvdy1zZXJ2ZXIgc2lnbnMgd2l0aCB0aGUgdGltZSBvZiB0aGUgc2VydmVyLCBmcm9tIHRoZSBmaXJzdCByZWZ1c2FsIG9uJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBhaGVhZCA9IDMgKiAzNjAwXzAwMDtcbiAgY29uc3QgdGltZXM6IG51bWJlcltdID0gW107XG4gIGNvbnN0IHNlcnZlciA9IGNyZWF0ZVNlcnZlcigocmVxdWVzdCwgcmVzcG9uc2UpID0+IHtcbiAgICBjb25zdCBub3cgPSBEYXRlLm5vdygpICsgYWhlYWQ7XG4gICAgY29uc3QgdGltZSA9IE51bWJlcihyZXF1ZXN0LmhlYWRlcnNbJ3gtdGltZSddKSAqIDEwMDA7XG4gICAgdGltZXMucHVzaCh0aW1lKTtcbiAgICByZXNwb25zZS5zZW5kRGF0ZSA9IGZhbHNlO1xuICAgIHJlc3BvbnNlLnNldEhlYWRlcignRGF0ZScsIG5ldyBEYXRlKG5vdykudG9VVENTdHJpbmcoKSk7XG4gICAgcmVzcG9uc2Uud3JpdGVIZWFkKE1hdGguYWJzKG5vdyAtIHRpbWUpIDwgNjBfMDAwID8gMjAwIDogNDAxKS5lbmQoJ3t9Jyk7XG4gIH0pO1xuICBhd2FpdCBuZXcgUHJvbWlzZTx2b2lkPigocmVzb2x2ZSkgPT4gc2VydmVyLmxpc3RlbigwLCAnMTI3LjAuMC4xJywgcmVzb2x2ZSkpO1xuICBhZnRlcigoKSA9PiBzZXJ2ZXIuY2xvc2UoKSk7XG4gIGNvbnN0IGF0ID0gYGh0dHA6Ly8xMjcuMC4wLjE6JHsoc2VydmVyLmFkZHJlc3MoKSBhcyBBZGRyZXNzSW5mbykucG9ydH1gO1xuICBjb25zdCBmaWxlcyA9IHtcbiAgICAnc2lnbmF0dXJlcy90aW1lLnlhbWwnOiAnaGVhZGVyczoge1gtVGltZTogXCIke25vdyB8IHVuaXh9XCJ9XFxuJyxcbiAgICAncmVxdWVzdHMvaXQueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9pdFxcbnNpZ25hdHVyZTogdGltZVxcbicsXG4gIH07XG4gIGNvbnN0IG93biA9IGF3YWl0IHJ1bihbJ3NlbmQnLCAnaXQnXSwgeyBjd2Q6IGNvbGxlY3Rpb25PZihmaWxlcywgYXQpIH0pO1xuICBhc3NlcnQuZXF1YWwob3duLnN0YXR1cywgMSk7XG4gIGFzc2VydC5tYXRjaChvd24uZXJyLCAvdGhlIHNlcnZlcidzIGNsb2NrIGlzIDE4MCBtaW4gYWhlYWQgb2YgdGhpcyBvbmUvKTtcbiAgYXNzZXJ0Lm1hdGNoKG93bi5lcnIsIC9jbG9jazogZm9sbG93LXNlcnZlciBpbiB0aGUgZW52aXJvbm1lbnQvKTtcbiAgYXNzZXJ0LmVxdWFsKHRpbWVzLmxlbmd0aCwgMSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7IC4uLmZpbGVzLCAnZW52aXJvbm1lbnRzL3NhbmRib3gueWFtbCc6IGB2YXJpYWJsZXM6IHtvcmlnaW46IFwiJHthdH1cIn1cXG5jbG9jazogZm9sbG93LXNlcnZlclxcbmAgfSxcbiAgICBhdCxcbiAgKTtcbiAgY29uc3QgY29ycmVjdGVkID0gYXdhaXQgcnVuKFsnc2VuZCcsICdpdCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGNvcnJlY3RlZC5zdGF0dXMsIDAsIGNvcnJlY3RlZC5lcnIpO1xuICBhc3NlcnQuZXF1YWwodGltZXMubGVuZ3RoLCAzLCAncmVmdXNlZCBvbmNlLCB0aGVuIHNpZ25lZCB3aXRoIHRoZSByaWdodCB0aW1lJyk7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgcnVuKFsnc2VuZCcsICdpdCddLCB7IGN3ZCB9KSkuc3RhdHVzLCAwKTtcbiAgYXNzZXJ0LmVxdWFsKHRpbWVzLmxlbmd0aCwgNCwgJ3RoZSBuZXh0IGNvbW1hbmQga25vd3MnKTtcbiAgY29uc3QgbG9vayA9IGF3YWl0IHJ1bihbJ3ByZXZpZXcnLCAnaXQnLCAnLS1zaWduYXR1cmUnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5tYXRjaChsb29rLmVyciwgL3RoZSBzZXJ2ZXIncyBjbG9jayB3YXMgKD86MTc5fDE4MCkgbWluKD86IFxcZCsgcyk/IGFoZWFkIG9mIHRoaXMgb25lOiBzaWduZWQgd2l0aCBpdHMgdGltZS8pO1xuICBjb25zdCBzZWNvbmRzID0gTnVtYmVyKC9YLVRpbWUgKyhcXGQrKS8uZXhlYyhsb29rLm91dCk/LlsxXSk7XG4gIGFzc2VydC5vayhNYXRoLmFicyhzZWNvbmRzICogMTAwMCAtIERhdGUubm93KCkgLSBhaGVhZCkgPCA2MF8wMDAsIGAke3NlY29uZHN9YCk7XG59KTtcblxudGVzdCgnd2hhdCBhIHNlc3Npb24gYW5kIGl0cyBjb29raWVzIGFkZCBpcyBzaWduZWQsIGFuZCBlYWNoIHRyeSBoYXMgYSBub25jZSBhbmQgYSB0aW1lIG9mIGl0cyBvd24nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlZW46IHsgcmVhZG9ubHkgc2VhbDogc3RyaW5nOyByZWFkb25seSBub25jZTogc3RyaW5nOyByZWFkb25seSBmaXRzOiBib29sZWFuIH1bXSA9IFtdO1xuICBsZXQgb3BlbmVkID0gMDtcbiAgY29uc3Qgc2VydmVyID0gY3JlYXRlU2VydmVyKChyZXF1ZXN0LCByZXNwb25zZSkgPT4ge1xuICAgIGlmIChyZXF1ZXN0LnVybCA9PT0gJy9lbnRlcicpIHtcbiAgICAgIG9wZW5lZCArPSAxO1xuICAgICAgcmVzcG9uc2Uuc2V0SGVhZGVyKCdTZXQtQ29va2llJywgYGJlcnRoPUIke29wZW5lZH07IFBhdGg9L2ApO1xuICAgICAgcmVzcG9uc2Uud3JpdGVIZWFkKDIwMCwgeyAnY29udGVudC10eXBlJzogJ2FwcGxpY2F0aW9uL2pzb24nIH0pLmVuZChge1widG9rZW5cIjpcInRpZGUtdG9rZW4tJHtvcGVuZWR9MDBcIn1gKTtcbiAgICAgIHJldHVybjtcbiAgICB9XG4gICAgY29uc3QgeyBhdXRob3JpemF0aW9uID0gJycsIGNvb2tpZSA9ICcnLCBob3N0ID0gJycsICd4LW5vbmNlJzogbm9uY2UgPSAnJywgJ3gtc2VhbCc6IHNlYWwgPSAnJyB9ID0gcmVxdWVzdC5oZWFkZXJzO1xuICAgIGNvbnN0IGJhc2UgPSBbYGF1dGhvcml6YXRpb246JHthdXRob3JpemF0aW9ufWAsIGBjb29raWU6JHtjb29raWV9YCwgYGhvc3Q6JHtob3N0fWAsIGB4LW5vbmNlOiR7bm9uY2V9YF0uam9pbignXFxuJyk7XG4gICAgY29uc3QgZXhwZWN0ZWQgPSBjcmVhdGVIbWFjKCdzaGEyNTYnLCAnd2luY2gtZ3JlYXNlLTc3JykudXBkYXRlKGJhc2UpLmRpZ2VzdCgnaGV4Jyk7XG4gICAgc2Vlbi5wdXNoKHsgc2VhbDogU3RyaW5nKHNlYWwpLCBub25jZTogU3RyaW5nKG5vbmNlKSwgZml0czogc2VhbCA9PT0gZXhwZWN0ZWQgfSk7XG4gICAgcmVzcG9uc2Uud3JpdGVIZWFkKGF1dGhvcml6YXRpb24gPT09ICdCZWFyZXIgdGlkZS10b2tlbi0yMDAnID8gMjAwIDogNDAxKS5lbmQoJ3t9Jyk7XG4gIH0pO1xuICBhd2FpdCBuZXcgUHJvbWlzZTx2b2lkPigocmVzb2x2ZSkgPT4gc2VydmVyLmxpc3RlbigwLCAnMTI3LjAuMC4xJywgcmVzb2x2ZSkpO1xuICBhZnRlcigoKSA9PiBzZXJ2ZXIuY2xvc2UoKSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvZW50ZXIueWFtbCc6ICdtZXRob2Q6IFBPU1RcXG5jaGFuZ2VzOiBmYWxzZVxcbnVybDogJHtvcmlnaW59L2VudGVyXFxuJyxcbiAgICAgICdzZXNzaW9ucy9kZXNrLnlhbWwnOiAna2luZDogbG9naW5cXG5vcGVuOiB7c2VuZDogZW50ZXJ9XFxudG9rZW46ICQudG9rZW5cXG4nLFxuICAgICAgJ3NpZ25hdHVyZXMvc2VhbC55YW1sJzogYGRlZmluZTpcbiAgYmFzZToge2xpbmVzOiBbJ1xcJHtzZW50LmhlYWRlcnMgfCBvbmx5KFwiYXV0aG9yaXphdGlvblwiLCBcImNvb2tpZVwiLCBcImhvc3RcIiwgXCJ4LW5vbmNlXCIpIHwgaGVhZGVyLWxpbmVzfSddfVxuaGVhZGVyczoge1gtTm9uY2U6IFwiXFwke25vbmNlfVwiLCBYLVNlYWw6IFwiXFwke2Jhc2UgfCBobWFjLXNoYS0yNTYoc2VjcmV0LmtleSkgfCBoZXh9XCJ9XG5gLFxuICAgICAgJ3JlcXVlc3RzL2l0LnlhbWwnOiAndXJsOiAke29yaWdpbn0vaXRcXG5zZXNzaW9uOiBkZXNrXFxuc2lnbmF0dXJlOiBzZWFsXFxuJyxcbiAgICB9LFxuICAgIGBodHRwOi8vMTI3LjAuMC4xOiR7KHNlcnZlci5hZGRyZXNzKCkgYXMgQWRkcmVzc0luZm8pLnBvcnR9YCxcbiAgKTtcbiAgY29uc3QgZW52ID0geyBFQ0hPX1RSQUlMX1NFQ1JFVF9LRVk6ICd3aW5jaC1ncmVhc2UtNzcnIH07XG4gIC8vIFRoZSBmaXJzdCB0b2tlbiBpcyByZWZ1c2VkIGxhdGVyOiBpdCBpcyByZW5ld2VkLCBhbmQgdGhlIHJlcXVlc3QgaXMgc2lnbmVkIGFuZXcuXG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgcnVuKFsnc2Vzc2lvbicsICdvcGVuJywgJ2Rlc2snXSwgeyBjd2QsIGVudiB9KSkuc3RhdHVzLCAwKTtcbiAgY29uc3QgZW5kZWQgPSBhd2FpdCBydW4oWydzZW5kJywgJ2l0J10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLmVycik7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgc2Vlbi5tYXAoKHsgZml0cyB9KSA9PiBmaXRzKSxcbiAgICBbdHJ1ZSwgdHJ1ZV0sXG4gICk7XG4gIGFzc2VydC5lcXVhbChuZXcgU2V0KHNlZW4ubWFwKCh7IG5vbmNlIH0pID0+IG5vbmNlKSkuc2l6ZSwgMik7XG4gIGNvbnN0IGxvb2sgPSBhd2FpdCBydW4oWydwcmV2aWV3JywgJ2l0JywgJy0tc2lnbmF0dXJlJ10sIHsgY3dkLCBlbnYgfSk7XG4gIGFzc2VydC5tYXRjaChsb29rLm91dCwgLzEgezJ9YXV0aG9yaXphdGlvbjpCZWFyZXIgXHUyMDM5c2VjcmV0XHUyMDNBXHUyM0NFLywgJ2EgdG9rZW4gb2YgYSBzZXNzaW9uIHN0YXlzIGhpZGRlbiBpbiB3aGF0IGlzIHNpZ25lZCcpO1xuICBhc3NlcnQuZG9lc05vdE1hdGNoKGxvb2sub3V0ICsgbG9vay5lcnIsIC90aWRlLXRva2VuLyk7XG4gIGFzc2VydC5vayhzZWVuLmV2ZXJ5KCh7IG5vbmNlIH0pID0+IC9eWzAtOWEtZl17MzJ9JC8udGVzdChub25jZSkpKTtcbn0pO1xuXG50ZXN0KCdhIHZlbmRvciB0aGF0IHNpZ25zIGl0cyBhbnN3ZXJzIGlzIGhlbGQgdG8gaXQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGRlbW9Db2xsZWN0aW9uKG9yaWdpbik7XG4gIGNvbnN0IHBhdGggPSBqb2luKGN3ZCwgJ3NpZ25hdHVyZXMvbG9ja3MueWFtbCcpO1xuICB3cml0ZUZpbGVTeW5jKFxuICAgIHBhdGgsXG4gICAgcmVhZEZpbGVTeW5jKHBhdGgsICd1dGY4JykucmVwbGFjZSgnY29tcG9uZW50czogW1wiQHN0YXR1c1wiLCBjb250ZW50LWRpZ2VzdF0nLCAnY29tcG9uZW50czogW1wiQHN0YXR1c1wiLCBkYXRlXScpLFxuICApO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IHJ1bihbJ3NlbmQnLCAnbG9ja3MvbGlzdCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGVuZGVkLnN0YXR1cywgMSk7XG4gIGFzc2VydC5tYXRjaChlbmRlZC5lcnIsIC90aGUgYW5zd2VyIGlzIG5vdCBzaWduZWQgYXMgaXQgbXVzdCBiZToga2VlcGVyOiBpdCBkb2VzIG5vdCBjb3ZlciBcImRhdGVcIi8pO1xufSk7XG5cbnRlc3QoJ2EgZmlsZSBvZiAyMDAgTUIgaXMgc2lnbmVkIHdpdGhvdXQgZW50ZXJpbmcgbWVtb3J5JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ3NpZ25hdHVyZXMvc2VhbC55YW1sJzogJ2hlYWRlcnM6IHtYLVNlYWw6IFwiJHtzZW50LmJvZHkgfCBobWFjLXNoYS0yNTYoc2VjcmV0LmtleSkgfCBoZXh9XCJ9XFxuJyxcbiAgICAgICdzaWduYXR1cmVzL3RleHQueWFtbCc6ICdoZWFkZXJzOiB7WC1TZWFsOiBcIiR7c2VudC5ib2R5IHwgdGV4dH1cIn1cXG4nLFxuICAgICAgJ3NpZ25hdHVyZXMvbG9ja3MueWFtbCc6XG4gICAgICAgICdraW5kOiBtZXNzYWdlLXNpZ25hdHVyZVxcbmRpZ2VzdDogc2hhLTI1NlxcbnNpZ25hdHVyZXM6IHthOiB7Y29tcG9uZW50czogW2NvbnRlbnQtZGlnZXN0XSwgYWxnb3JpdGhtOiBobWFjLXNoYTI1Niwga2V5OiBcIiR7c2VjcmV0LmtleSB8IGJhc2U2NH1cIn19XFxuJyxcbiAgICAgICdyZXF1ZXN0cy9wbGFuLnlhbWwnOlxuICAgICAgICAnbWV0aG9kOiBQVVRcXG51cmw6ICR7b3JpZ2lufS91cGxvYWRzL3BsYW4uYmluXFxuYm9keToge2ZpbGU6IGRhdGEvcGxhbi5iaW59XFxuc2lnbmF0dXJlOiBzZWFsXFxuZXhwZWN0OiB7c3RhdHVzOiAyMDEsICQuc2l6ZTogMjAwMDAwMDAwfVxcbicsXG4gICAgfSxcbiAgICBvcmlnaW4sXG4gICk7XG4gIGNvbnN0IHBpZWNlID0gQnVmZmVyLmFsbG9jKDEwXzAwMF8wMDAsICdxdWF5ICcpO1xuICB3cml0ZUluKGN3ZCwgJ2RhdGEvcGxhbi5iaW4nLCAnJyk7XG4gIGNvbnN0IHsgYXBwZW5kRmlsZVN5bmMgfSA9IGF3YWl0IGltcG9ydCgnbm9kZTpmcycpO1xuICBmb3IgKGxldCBpbmRleCA9IDA7IGluZGV4IDwgMjA7IGluZGV4ICs9IDEpIGFwcGVuZEZpbGVTeW5jKGpvaW4oY3dkLCAnZGF0YS9wbGFuLmJpbicpLCBwaWVjZSk7XG4gIGNvbnN0IGVudiA9IHsgRUNIT19UUkFJTF9TRUNSRVRfS0VZOiAnd2luY2gtZ3JlYXNlLTc3JyB9O1xuICBjb25zdCBobWFjID0gY3JlYXRlSG1hYygnc2hhMjU2JywgJ3dpbmNoLWdyZWFzZS03NycpO1xuICBmb3IgKGxldCBpbmRleCA9IDA7IGluZGV4IDwgMjA7IGluZGV4ICs9IDEpIGhtYWMudXBkYXRlKHBpZWNlKTtcbiAgY29uc3QgcmV2ZWFsZWQgPSBkb2N1bWVudDx7IGhlYWRlcnM6IHsgbmFtZTogc3RyaW5nOyB2YWx1ZTogc3RyaW5nIH1bXSB9PihcbiAgICBhd2FpdCBydW4oWydwcmV2aWV3JywgJ3BsYW4nLCAnLS1yZXZlYWwnLCAnLS1qc29uJ10sIHsgY3dkLCBlbnYgfSksXG4gICk7XG4gIGFzc2VydC5lcXVhbChyZXZlYWxlZC5oZWFkZXJzLmZpbmQoKHsgbmFtZSB9KSA9PiBuYW1lID09PSAnWC1TZWFsJyk/LnZhbHVlLCBobWFjLmRpZ2VzdCgnaGV4JykpO1xuICBjb25zdCBwZWFrID0gam9pbihjd2QsICdwZWFrJyk7XG4gIGNvbnN0IG1lYXN1cmVkID0ge1xuICAgIC4uLmVudixcbiAgICBOT0RFX09QVElPTlM6IGAtLWltcG9ydD0ke2pvaW4ocHJvamVjdEZvbGRlciwgJ2JlbmNoL3BlYWstbWVtb3J5Lm1qcycpfWAsXG4gICAgRUNIT19UUkFJTF9CRU5DSF9QRUFLOiBwZWFrLFxuICB9O1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IHJ1bihbJ3NlbmQnLCAncGxhbicsICctLXNpZ24nLCAnbG9ja3MnXSwgeyBjd2QsIGVudjogbWVhc3VyZWQgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLmVycik7XG4gIGFzc2VydC5vayhOdW1iZXIocmVhZEZpbGVTeW5jKHBlYWssICd1dGY4JykpIDwgMTgwZTYsIGAke3JlYWRGaWxlU3luYyhwZWFrLCAndXRmOCcpfSBieXRlcyBhdCBtb3N0YCk7XG4gIGNvbnN0IHRleHQgPSBhd2FpdCBydW4oWydzZW5kJywgJ3BsYW4nLCAnLS1zaWduJywgJ3RleHQnXSwgeyBjd2QsIGVudiB9KTtcbiAgYXNzZXJ0LmVxdWFsKHRleHQuc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIHRleHQuZXJyLFxuICAgIC90ZXh0IHdvdWxkIG5lZWQgdGhlIHdob2xlIGJvZHkgaW4gbWVtb3J5LCBhbmQgaXQgaXMgc3RyZWFtZWQgZnJvbSBmaWxlc1tcXHNcXFNdKlxcJFxce3NlbnRcXC5ib2R5IFxcfCBzaGEtMjU2IFxcfCBoZXhcXH0vLFxuICApO1xufSk7XG5cbnRlc3QoJ2RyYWZ0IHByb3Bvc2VzIGEgcmVjaXBlIGZyb20gdGhlIHByb3NlIG9mIHRoZSBkb2N1bWVudGF0aW9uLCBhbmQgaXQgaXMgdGFrZW4nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7fSwgb3JpZ2luKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBydW4oWydkb2NzJywgJ2FkZCcsIGAke29yaWdpbn0vZmlsaW5nL29wZW5hcGkueWFtbGAsICctLW5hbWUnLCAnZmlsaW5nJ10sIHsgY3dkIH0pKS5zdGF0dXMsIDApO1xuICBjb25zdCBkcmFmdGVkID0gYXdhaXQgcnVuKFsnZHJhZnQnLCAnZmlsaW5nL2ZpbGVNYW5pZmVzdCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGRyYWZ0ZWQuc3RhdHVzLCAwLCBkcmFmdGVkLmVycik7XG4gIGFzc2VydC5tYXRjaChkcmFmdGVkLm91dCwgL3dyb3RlIHNpZ25hdHVyZXNcXC9vZmZpY2Utc2VhbFxcLnlhbWwvKTtcbiAgY29uc3QgcmVjaXBlID0gcmVhZEZpbGVTeW5jKGpvaW4oY3dkLCAnc2lnbmF0dXJlcy9vZmZpY2Utc2VhbC55YW1sJyksICd1dGY4Jyk7XG4gIGFzc2VydC5tYXRjaChyZWNpcGUsIC8jIHszfTNcXC4gdGhlIHF1ZXJ5LCBzb3J0ZWQgYW5kIHBlcmNlbnQtZW5jb2RlZC8sICd0aGUgcHJvc2Ugc3RhbmRzIGJlc2lkZSBpdCcpO1xuICBjb25zdCByZXF1ZXN0ID0gcmVhZEZpbGVTeW5jKGpvaW4oY3dkLCAncmVxdWVzdHMvZmlsaW5nL2ZpbGUtbWFuaWZlc3QueWFtbCcpLCAndXRmOCcpO1xuICBhc3NlcnQubWF0Y2gocmVxdWVzdCwgL15zaWduYXR1cmU6IG9mZmljZS1zZWFsL20pO1xuICBhc3NlcnQuZG9lc05vdE1hdGNoKHJlcXVlc3QsIC9YLU9mZmljZS0oPzpUaW1lfFNlYWwpOiBcXCQvKTtcbiAgd3JpdGVGaWxlU3luYyhqb2luKGN3ZCwgJ3NpZ25hdHVyZXMvb2ZmaWNlLXNlYWwueWFtbCcpLCByZWNpcGUucmVwbGFjZSgna2V5LWlkOiBLRVktSUQnLCAna2V5LWlkOiBhZ2VudC03JykpO1xuICBjb25zdCBzZW50ID0gYXdhaXQgcnVuKFxuICAgIFtcbiAgICAgICdzZW5kJyxcbiAgICAgICdmaWxpbmcvZmlsZS1tYW5pZmVzdCcsXG4gICAgICAnLS1zZXQnLFxuICAgICAgJ1gtT2ZmaWNlLURlc2s9NycsXG4gICAgICAnLS1zZXQnLFxuICAgICAgJ3Zlc3NlbD1BbWJlciBUZXJuJyxcbiAgICAgICctLXNldCcsXG4gICAgICAnY2FyZ289Z3JhaW4nLFxuICAgICAgJy0tc2V0JyxcbiAgICAgICd0b25uZXM9NDEwLjUnLFxuICAgIF0sXG4gICAgeyBjd2QsIGVudjogeyBFQ0hPX1RSQUlMX1NFQ1JFVF9TSUdOSU5HX0tFWTogJ2hlcnJpbmctYmFycmVsLTA0NTEnIH0gfSxcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKHNlbnQuc3RhdHVzLCAwLCBzZW50LmVycik7XG4gIGNvbnN0IGFnYWluID0gYXdhaXQgcnVuKFsnZHJhZnQnLCAnZmlsaW5nL2xpc3RNYW5pZmVzdHMnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5kb2VzTm90TWF0Y2goYWdhaW4ub3V0LCAvd3JvdGUgc2lnbmF0dXJlcy8sICdhIHJlY2lwZSB0aGF0IGlzIHRoZXJlIHN0YXlzJyk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxrQkFBa0I7QUFDM0IsU0FBUyxjQUFjLHFCQUFxQjtBQUM1QyxTQUFTLG9CQUFvQjtBQUU3QixTQUFTLFlBQVk7QUFDckIsU0FBUyxPQUFPLFlBQVk7QUFLNUIsSUFBTSxFQUFFLE9BQU8sSUFBSSxNQUFNLG1CQUFtQjtBQUM1QyxJQUFNLE9BQU87QUFBQSxFQUNYLDhCQUE4QjtBQUFBLEVBQzlCLGdDQUFnQztBQUFBLEVBQ2hDLDZCQUE2QjtBQUFBLEVBQzdCLDZCQUE2QjtBQUMvQjtBQUNBLElBQU0sT0FBTyxlQUFlLE1BQU07QUFDbEMsSUFBTSxNQUFNLENBQUMsTUFBeUIsRUFBRSxNQUFNLE1BQU0sTUFBTSxLQUErQixJQUFJLENBQUMsTUFDNUYsVUFBVSxNQUFNLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFROUIsSUFBTSxVQUFVLENBQUMsVUFBeUIsU0FBMkMsS0FBSyxFQUFFLFVBQVU7QUFFdEcsV0FBVyxDQUFDLE1BQU0sSUFBSSxLQUFLO0FBQUEsRUFDekIsQ0FBQyxrQkFBa0IsZUFBZTtBQUFBLEVBQ2xDLENBQUMsa0JBQWtCLFNBQVM7QUFBQSxFQUM1QixDQUFDLGtCQUFrQixjQUFjO0FBQUEsRUFDakMsQ0FBQyxjQUFjLFFBQVE7QUFBQSxFQUN2QixDQUFDLGVBQWUsd0JBQXdCO0FBQzFDLEdBQVk7QUFDVixPQUFLLEdBQUcsSUFBSSxrQ0FBa0MsWUFBWTtBQUN4RCxVQUFNLFFBQVEsTUFBTSxJQUFJLENBQUMsUUFBUSxJQUFJLENBQUM7QUFDdEMsV0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxXQUFPLE1BQU0sTUFBTSxLQUFLLElBQUk7QUFBQSxFQUM5QixDQUFDO0FBQ0g7QUFFQSxLQUFLLHdFQUF3RSxZQUFZO0FBQ3ZGLFFBQU0sUUFBUSxNQUFNLElBQUksQ0FBQyxRQUFRLGdCQUFnQixHQUFHO0FBQUEsSUFDbEQsS0FBSyxFQUFFLEdBQUcsTUFBTSw4QkFBOEIsbUJBQW1CO0FBQUEsRUFDbkUsQ0FBQztBQUNELFNBQU8sTUFBTSxNQUFNLFFBQVEsQ0FBQztBQUM1QixTQUFPLE1BQU0sTUFBTSxLQUFLLG1CQUFtQjtBQUMzQyxTQUFPLE1BQU0sTUFBTSxLQUFLLHVGQUF1RjtBQUMvRyxTQUFPLE1BQU0sTUFBTSxLQUFLLGdEQUFnRDtBQUN4RSxRQUFNLFFBQVE7QUFBQSxJQUNaO0FBQUEsTUFDRSwwQkFBMEIsYUFBYSxLQUFLLE1BQU0sd0JBQXdCLEdBQUcsTUFBTSxFQUFFO0FBQUEsUUFDbkY7QUFBQSxRQUNBO0FBQUEsTUFDRjtBQUFBLE1BQ0Esc0JBQXNCO0FBQUEsTUFDdEIsNkJBQTZCO0FBQUEsdUJBQXdDLE1BQU07QUFBQTtBQUFBO0FBQUEsSUFDN0U7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFNBQU8sT0FBTyxNQUFNLElBQUksQ0FBQyxRQUFRLE1BQU0sR0FBRyxFQUFFLEtBQUssTUFBTSxDQUFDLEdBQUcsS0FBSyxPQUFPO0FBQ3ZFLFFBQU0sRUFBRSxJQUFJLElBQUksU0FBMEIsTUFBTSxJQUFJLENBQUMsV0FBVyxlQUFlLFlBQVksUUFBUSxDQUFDLENBQUM7QUFDckcsUUFBTSxPQUFPLElBQUksSUFBSSxHQUFHLEVBQUUsYUFBYSxJQUFJLE1BQU0sS0FBSztBQUN0RCxTQUFPLE1BQU0sS0FBSyxRQUFRLEVBQUU7QUFDNUIsU0FBTyxPQUFPLE1BQU0sTUFBTSxHQUFHLEdBQUcsUUFBUSxHQUFHO0FBQzNDLFNBQU8sT0FBTyxNQUFNLE1BQU0sSUFBSSxRQUFRLFdBQVcsU0FBUyxDQUFDLEdBQUcsUUFBUSxHQUFHO0FBQ3pFLFNBQU8sT0FBTyxNQUFNLE1BQU0sSUFBSSxRQUFRLE1BQU0sR0FBRyxLQUFLLE1BQU0sR0FBRyxFQUFFLENBQUMsR0FBRyxDQUFDLEdBQUcsUUFBUSxHQUFHO0FBRWxGLFFBQU0sVUFBVTtBQUFBLElBQ2QsTUFBTSxJQUFJLENBQUMsV0FBVyxrQkFBa0IsWUFBWSxRQUFRLENBQUM7QUFBQSxFQUMvRDtBQUNBLFFBQU0sVUFBVSxPQUFPO0FBQUEsSUFDckIsUUFBUSxRQUFRLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxPQUFPLEtBQUssSUFBSSxDQUFDLEVBQUUsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQU0sQ0FBQyxNQUFNLEtBQUssQ0FBQztBQUFBLEVBQ2hHO0FBQ0EsU0FBTyxPQUFPLE1BQU0sTUFBTSxRQUFRLEtBQUssRUFBRSxRQUFRLENBQUMsR0FBRyxRQUFRLEdBQUc7QUFDaEUsUUFBTSxRQUFRLE1BQU0sTUFBTSxRQUFRLEtBQUssRUFBRSxRQUFRLENBQUM7QUFDbEQsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHO0FBQzlCLFNBQU8sTUFBTSxNQUFNLE1BQU0sS0FBSyxHQUFHLGFBQWE7QUFDaEQsQ0FBQztBQUVELEtBQUssdUdBQXVHLFlBQVk7QUFDdEgsUUFBTSxTQUFVLE9BQU8sTUFBTSxNQUFNLEdBQUcsTUFBTSxnQkFBZ0IsR0FBRyxLQUFLO0FBQ3BFLFFBQU0sUUFBUSxRQUFRLE1BQU0sSUFBSSxDQUFDLFdBQVcsa0JBQWtCLFVBQVUsd0JBQXdCLFFBQVEsQ0FBQyxDQUFDO0FBQzFHLFNBQU87QUFBQSxJQUNMLE1BQU0sSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLFFBQVEsTUFBTSxNQUFNLENBQUMsTUFBTSxNQUFNLFFBQVEsVUFBVSxJQUFJLENBQUM7QUFBQSxJQUNqRjtBQUFBLE1BQ0UsQ0FBQyxTQUFTLFNBQVMsT0FBTyxLQUFLO0FBQUEsTUFDL0IsQ0FBQyxtQkFBbUIsVUFBVSxPQUFPLEtBQUs7QUFBQSxNQUMxQyxDQUFDLFdBQVcsU0FBUyxPQUFPLEtBQUs7QUFBQSxNQUNqQyxDQUFDLFdBQVcsU0FBUyxPQUFPLEtBQUs7QUFBQSxNQUNqQyxDQUFDLFFBQVEsU0FBUyxPQUFPLEtBQUs7QUFBQSxNQUM5QixDQUFDLGFBQWEsU0FBUyxNQUFNLEtBQUs7QUFBQSxNQUNsQyxDQUFDLFdBQVcsU0FBUyxNQUFNLElBQUk7QUFBQSxNQUMvQixDQUFDLFlBQVksU0FBUyxNQUFNLElBQUk7QUFBQSxNQUNoQyxDQUFDLFFBQVEsU0FBUyxNQUFNLElBQUk7QUFBQSxNQUM1QixDQUFDLGlCQUFpQixVQUFVLE1BQU0sS0FBSztBQUFBLElBQ3pDO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxNQUFNLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLFdBQVcsR0FBRyxPQUFPLHdCQUFjO0FBQ2xGLFFBQU0sT0FBTyxNQUFNLElBQUksQ0FBQyxXQUFXLGtCQUFrQixlQUFlLFVBQVUsc0JBQXNCLENBQUM7QUFDckcsU0FBTyxNQUFNLEtBQUssUUFBUSxHQUFHLEtBQUssR0FBRztBQUNyQyxTQUFPO0FBQUEsSUFDTCxLQUFLO0FBQUEsSUFDTDtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE1BQU0sS0FBSyxLQUFLLGlDQUFpQztBQUN4RCxTQUFPLE1BQU0sS0FBSyxLQUFLLDRDQUE0QztBQUNuRSxhQUFXLFNBQVM7QUFBQSxJQUNsQjtBQUFBLElBQ0EsTUFBTSxJQUFJLENBQUMsV0FBVyxrQkFBa0IsUUFBUSxDQUFDO0FBQUEsSUFDakQsTUFBTSxJQUFJLENBQUMsV0FBVyxnQkFBZ0IsQ0FBQztBQUFBLEVBQ3pDO0FBQ0UsV0FBTyxhQUFhLE1BQU0sTUFBTSxNQUFNLEtBQUssb0JBQW9CO0FBQ2pFLFFBQU0sV0FBVyxNQUFNLElBQUk7QUFBQSxJQUN6QjtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRixDQUFDO0FBQ0QsU0FBTyxNQUFNLFNBQVMsS0FBSyx3REFBd0QsMEJBQTBCO0FBQzdHLFNBQU8sVUFBVSxPQUFPLE1BQU0sTUFBTSxHQUFHLE1BQU0sZ0JBQWdCLEdBQUcsS0FBSyxHQUFHLE1BQU07QUFDaEYsQ0FBQztBQUVELEtBQUssNEVBQTRFLFlBQVk7QUFDM0YsUUFBTSxRQUFRLE1BQU0sSUFBSSxDQUFDLFdBQVcsa0JBQWtCLGFBQWEsR0FBRyxFQUFFLEtBQUssQ0FBQyxFQUFFLENBQUM7QUFDakYsU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzVCLFNBQU8sTUFBTSxNQUFNLEtBQUssa0JBQWtCO0FBQzFDLFNBQU8sYUFBYSxNQUFNLEtBQUssZUFBZTtBQUM5QyxTQUFPLE1BQU0sTUFBTSxLQUFLLG1FQUFtRTtBQUMzRixRQUFNLE9BQU8sTUFBTSxJQUFJLENBQUMsUUFBUSxnQkFBZ0IsR0FBRyxFQUFFLEtBQUssQ0FBQyxFQUFFLENBQUM7QUFDOUQsU0FBTyxNQUFNLEtBQUssUUFBUSxDQUFDO0FBQzNCLFNBQU8sTUFBTSxLQUFLLEtBQUssaUNBQWlDO0FBQzFELENBQUM7QUFFRCxJQUFNLFdBQVc7QUFBQSxFQUNmO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRixFQUFFLEtBQUssSUFBSTtBQUVYLEtBQUssK0VBQStFLFlBQVk7QUFDOUYsUUFBTSxVQUFVLENBQUMsU0FBaUIsU0FDaEMsSUFBSSxDQUFDLFdBQVcsa0JBQWtCLFVBQVUsd0JBQXdCLGFBQWEsTUFBTSxHQUFHLElBQUksQ0FBQztBQUNqRyxRQUFNLE9BQU8sTUFBTSxRQUFRLFFBQVE7QUFDbkMsU0FBTyxNQUFNLEtBQUssUUFBUSxDQUFDO0FBQzNCLFNBQU8sTUFBTSxLQUFLLEtBQUssdUNBQXVDO0FBQzlELFVBQVEsTUFBTSxnQkFBZ0IsR0FBRyxRQUFRO0FBQUEsQ0FBSTtBQUM3QyxTQUFPLE9BQU8sTUFBTSxRQUFRLGNBQWMsR0FBRyxLQUFLLGdCQUFnQiwyQ0FBMkM7QUFDN0csU0FBTztBQUFBLEtBQ0osTUFBTSxRQUFRLFNBQVMsV0FBVyxNQUFNLEtBQUssQ0FBQyxHQUFHO0FBQUEsSUFDbEQ7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sUUFBUSxNQUFNLFFBQVEsU0FBUyxRQUFRLG1CQUFtQixrQkFBa0IsQ0FBQztBQUNuRixTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxNQUFNLE1BQU0sS0FBSyxpRUFBaUU7QUFDekYsU0FBTztBQUFBLElBQ0wsTUFBTTtBQUFBLElBQ047QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLFNBQStCLE1BQU0sUUFBUSxTQUFTLFFBQVEsU0FBUyxPQUFPLEdBQUcsUUFBUSxDQUFDO0FBQ3ZHLFNBQU8sVUFBVSxLQUFLLFNBQVM7QUFBQSxJQUM3QixNQUFNO0FBQUEsSUFDTixNQUFNO0FBQUEsSUFDTixZQUFZO0FBQUEsTUFDVixNQUFNO0FBQUEsTUFDTixRQUFRO0FBQUEsTUFDUixNQUFNO0FBQUEsTUFDTixRQUFRO0FBQUEsTUFDUixPQUFPO0FBQUEsSUFDVDtBQUFBLEVBQ0YsQ0FBQztBQUNELFFBQU0sT0FBTyxNQUFNLFFBQVEseUJBQXlCLFdBQVcsZUFBZTtBQUM5RSxTQUFPLE1BQU0sS0FBSyxLQUFLLDJFQUEyRTtBQUNsRyxTQUFPO0FBQUEsS0FDSixNQUFNLFFBQVEsK0RBQStELEdBQUc7QUFBQSxJQUNqRjtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsS0FBSyx1RUFBdUUsWUFBWTtBQUN0RixRQUFNLE9BQU8sTUFBTSxJQUFJO0FBQUEsSUFDckI7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGLENBQUM7QUFDRCxTQUFPLE1BQU0sS0FBSyxLQUFLLGlEQUFpRDtBQUMxRSxDQUFDO0FBRUQsS0FBSyw0RkFBNEYsWUFBWTtBQUMzRyxhQUFXLENBQUMsTUFBTSxNQUFNLE1BQU0sS0FBSztBQUFBLElBQ2pDLENBQUMsQ0FBQyxXQUFXLGdCQUFnQixhQUFhLEdBQUcsZ0NBQWdDLENBQUM7QUFBQSxJQUM5RSxDQUFDLENBQUMsV0FBVyxrQkFBa0IsYUFBYSxLQUFLLFdBQVcsS0FBSyxHQUFHLHlDQUF5QyxDQUFDO0FBQUEsSUFDOUcsQ0FBQyxDQUFDLFdBQVcsa0JBQWtCLFdBQVcsTUFBTSxHQUFHLCtCQUErQixDQUFDO0FBQUEsSUFDbkYsQ0FBQyxDQUFDLFdBQVcsa0JBQWtCLGFBQWEsVUFBVSxHQUFHLDRCQUE0QixDQUFDO0FBQUEsSUFDdEYsQ0FBQyxDQUFDLFdBQVcsa0JBQWtCLFVBQVUsa0JBQWtCLEdBQUcsMENBQTBDLENBQUM7QUFBQSxJQUN6RyxDQUFDLENBQUMsV0FBVyxrQkFBa0IsVUFBVSxTQUFTLEdBQUcsOENBQThDLENBQUM7QUFBQSxJQUNwRyxDQUFDLENBQUMsUUFBUSxrQkFBa0IsVUFBVSxNQUFNLEdBQUcsV0FBVyxDQUFDO0FBQUEsRUFDN0QsR0FBWTtBQUNWLFVBQU0sUUFBUSxNQUFNLElBQUksSUFBSTtBQUM1QixXQUFPLE1BQU0sTUFBTSxRQUFRLFFBQVEsS0FBSyxLQUFLLEdBQUcsQ0FBQztBQUNqRCxXQUFPLE1BQU0sTUFBTSxLQUFLLE1BQU0sS0FBSyxLQUFLLEdBQUcsQ0FBQztBQUFBLEVBQzlDO0FBQ0YsQ0FBQztBQUVELEtBQUssb0VBQW9FLFlBQVk7QUFDbkYsU0FBTyxPQUFPLE1BQU0sSUFBSSxDQUFDLE9BQU8sQ0FBQyxHQUFHLFFBQVEsQ0FBQztBQUM3QyxRQUFNLE1BQU0sZUFBZSxNQUFNO0FBQ2pDLFFBQU0sT0FBTyxLQUFLLEtBQUssd0JBQXdCO0FBQy9DLFFBQU0sT0FBTyxhQUFhLE1BQU0sTUFBTTtBQUN0QyxnQkFBYyxNQUFNLEtBQUssUUFBUSwyQkFBMkIsRUFBRSxDQUFDO0FBQy9ELFFBQU0sUUFBUSxNQUFNLElBQUksQ0FBQyxTQUFTLFFBQVEsR0FBRyxFQUFFLEtBQUssS0FBSyxDQUFDLEVBQUUsQ0FBQztBQUM3RCxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsUUFBTSxFQUFFLFNBQVMsSUFBSSxTQUVsQixLQUFLO0FBQ1IsU0FBTztBQUFBLElBQ0wsU0FBUyxJQUFJLENBQUMsRUFBRSxNQUFNLEtBQUssTUFBTSxDQUFDLE1BQU0sSUFBSSxDQUFDO0FBQUEsSUFDN0MsTUFBTSxDQUFDLEVBQUUsS0FBSyxDQUFDLDJCQUEyQix3QkFBd0IsQ0FBQztBQUFBLEVBQ3JFO0FBQ0EsU0FBTyxNQUFNLFNBQVMsQ0FBQyxHQUFHLFFBQVEsSUFBSSxvQ0FBb0M7QUFDMUUsU0FBTyxNQUFNLFNBQVMsQ0FBQyxHQUFHLFVBQVUsSUFBSSxvQ0FBb0M7QUFDNUUsZ0JBQWMsTUFBTSxLQUFLLFFBQVEsdUJBQXVCLG1CQUFtQixDQUFDO0FBQzVFLFFBQU0sU0FBUyxNQUFNLElBQUksQ0FBQyxPQUFPLEdBQUcsRUFBRSxLQUFLLEtBQUssQ0FBQyxFQUFFLENBQUM7QUFDcEQsU0FBTyxNQUFNLE9BQU8sS0FBSyx1RkFBdUY7QUFDaEgsU0FBTyxhQUFhLE9BQU8sS0FBSyxTQUFTO0FBQ3pDLGdCQUFjLE1BQU0sS0FBSyxRQUFRLGlCQUFpQixlQUFlLENBQUM7QUFDbEUsU0FBTyxPQUFPLE1BQU0sSUFBSSxDQUFDLE9BQU8sR0FBRyxFQUFFLEtBQUssS0FBSyxDQUFDLEVBQUUsQ0FBQyxHQUFHLEtBQUssTUFBTTtBQUNqRSxnQkFBYyxNQUFNLEtBQUssUUFBUSxXQUFXLHNCQUFzQixDQUFDO0FBQ25FLFFBQU0sT0FBTyxNQUFNLElBQUksQ0FBQyxPQUFPLEdBQUcsRUFBRSxLQUFLLEtBQUssQ0FBQyxFQUFFLENBQUM7QUFDbEQsU0FBTztBQUFBLElBQ0wsS0FBSztBQUFBLElBQ0w7QUFBQSxFQUNGO0FBQ0EsZ0JBQWMsTUFBTSxLQUFLLFFBQVEsV0FBVyxvRUFBb0UsQ0FBQztBQUNqSCxTQUFPLE9BQU8sTUFBTSxJQUFJLENBQUMsT0FBTyxHQUFHLEVBQUUsS0FBSyxLQUFLLENBQUMsRUFBRSxDQUFDLEdBQUcsS0FBSyw4QkFBOEI7QUFDekYsZ0JBQWMsTUFBTSxJQUFJO0FBQ3hCLFVBQVEsS0FBSyxzQkFBc0IscUNBQXFDO0FBQ3hFLFNBQU8sT0FBTyxNQUFNLElBQUksQ0FBQyxPQUFPLEdBQUcsRUFBRSxLQUFLLEtBQUssQ0FBQyxFQUFFLENBQUMsR0FBRyxLQUFLLHdEQUF3RDtBQUNySCxDQUFDO0FBRUQsS0FBSyw4RkFBOEYsWUFBWTtBQUM3RyxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSx3QkFDRTtBQUFBLE1BQ0Ysd0JBQXdCO0FBQUEsTUFDeEIsMkJBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLE1BQU0sRUFBRSx1QkFBdUIsa0JBQWtCO0FBQ3ZELFFBQU0sUUFBUSxNQUFNLElBQUksQ0FBQyxRQUFRLFFBQVEsR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQ3hELFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDdkMsUUFBTSxVQUFVLE1BQU0sSUFBSSxDQUFDLFFBQVEsVUFBVSxVQUFVLFNBQVMsR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQy9FLFNBQU8sTUFBTSxRQUFRLFFBQVEsR0FBRyxRQUFRLEdBQUc7QUFDM0MsUUFBTSxPQUFPLFdBQVcsVUFBVSxpQkFBaUIsRUFDaEQsT0FBTyxrREFBa0QsRUFDekQsT0FBTyxRQUFRO0FBQ2xCLFNBQU8sTUFBTSxRQUFRLEtBQUssY0FBYztBQUN4QyxhQUFXLFFBQVEsQ0FBQyxRQUFRLEtBQUssUUFBUSxLQUFLLEdBQUcsVUFBVSxHQUFHLEVBQUUsSUFBSSxDQUFDLFNBQVMsS0FBSyxJQUFJLENBQUM7QUFDdEYsV0FBTyxHQUFHLENBQUMsS0FBSyxTQUFTLElBQUksQ0FBQztBQUNoQyxRQUFNLE9BQU8sV0FBVyxVQUFVLGlCQUFpQixFQUFFLE9BQU8sU0FBUyxFQUFFLE9BQU8sS0FBSztBQUNuRixTQUFPLE1BQU0sTUFBTSxLQUFLLFVBQVU7QUFDbEMsYUFBVyxRQUFRO0FBQUEsSUFDakIsTUFBTTtBQUFBLElBQ04sTUFBTTtBQUFBLEtBQ0wsTUFBTSxJQUFJLENBQUMsUUFBUSxNQUFNLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQyxHQUFHO0FBQUEsSUFDNUMsR0FBRyxVQUFVLEdBQUcsRUFBRSxJQUFJLENBQUMsU0FBUyxLQUFLLElBQUk7QUFBQSxJQUN6QyxHQUFHLFVBQVUsVUFBVSxFQUFFLElBQUksQ0FBQyxTQUFTLEtBQUssSUFBSTtBQUFBLEVBQ2xEO0FBQ0UsV0FBTyxHQUFHLENBQUMsS0FBSyxTQUFTLElBQUksS0FBSyxDQUFDLEtBQUssU0FBUyxjQUFjLENBQUM7QUFDcEUsQ0FBQztBQUVELEtBQUssdUZBQXVGLFlBQVk7QUFDdEcsUUFBTSxNQUFNLGVBQWUsTUFBTTtBQUNqQztBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLE9BQU8sTUFBTSxJQUFJLENBQUMsUUFBUSxjQUFjLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNoRSxTQUFPLE1BQU0sS0FBSyxRQUFRLEdBQUcsS0FBSyxHQUFHO0FBQ3JDLFFBQU0sRUFBRSxVQUFVLE1BQU0sSUFBSSxJQUFJLFNBQXVFLElBQUk7QUFDM0csU0FBTyxNQUFNLFVBQVUsR0FBRyxNQUFNLGNBQWM7QUFDOUMsU0FBTyxNQUFNLEtBQUssU0FBUyxRQUFRO0FBQ25DLFNBQU8sTUFBTSxLQUFLLGlCQUFpQjtBQUNuQyxhQUFXLEVBQUUsS0FBSyxLQUFLLFVBQVUsR0FBRyxFQUFHLFFBQU8sYUFBYSxNQUFNLDRCQUE0QjtBQUMvRixDQUFDO0FBRUQsS0FBSyxvRUFBb0UsWUFBWTtBQUNuRixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxxQkFBcUI7QUFBQSxNQUNyQix3QkFDRTtBQUFBLE1BQ0Ysb0JBQW9CO0FBQUEsSUFDdEI7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sUUFBUSxLQUFLLE9BQU8sRUFBRTtBQUM1QixRQUFNLE1BQU0sRUFBRSx1QkFBdUIsbUJBQW1CLHlCQUF5QixNQUFNO0FBQ3ZGLFFBQU0sUUFBUSxNQUFNO0FBQUEsSUFDbEIsQ0FBQyxXQUFXLE1BQU0sYUFBYSx3QkFBd0IsTUFBTSxNQUFNLEdBQUcsR0FBRyxDQUFDLE1BQU0sV0FBVyxNQUFNO0FBQUEsSUFDakcsRUFBRSxLQUFLLElBQUk7QUFBQSxFQUNiO0FBQ0EsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxTQUFPLE1BQU0sTUFBTSxLQUFLLGlEQUFpRDtBQUN6RSxTQUFPLE1BQU0sTUFBTSxLQUFLLHVDQUF1QztBQUMvRCxTQUFPLGFBQWEsTUFBTSxJQUFJLFFBQVEsZUFBZSxFQUFFLEdBQUcsTUFBTTtBQUNsRSxDQUFDO0FBRUQsS0FBSyx3REFBd0QsWUFBWTtBQUN2RSxRQUFNLE9BQStCLENBQUM7QUFDdEMsUUFBTSxRQUFnQyxDQUFDO0FBQ3ZDLFFBQU0sWUFBWSxhQUFhLENBQUMsU0FBUyxhQUFhO0FBQ3BELFVBQU0sS0FBSyxRQUFRLFFBQVEsUUFBUSxDQUF1QjtBQUMxRCxhQUFTLElBQUksSUFBSTtBQUFBLEVBQ25CLENBQUM7QUFDRCxRQUFNLElBQUksUUFBYyxDQUFDLFlBQVksVUFBVSxPQUFPLEdBQUcsYUFBYSxPQUFPLENBQUM7QUFDOUUsUUFBTSxPQUFPLG9CQUFxQixVQUFVLFFBQVEsRUFBa0IsSUFBSTtBQUMxRSxRQUFNLFNBQVMsYUFBYSxDQUFDLFNBQVMsYUFBYTtBQUNqRCxTQUFLLEtBQUssR0FBRyxRQUFRLEdBQUcsSUFBSSxRQUFRLFFBQVEsUUFBUSxDQUFDLEVBQUU7QUFDdkQsUUFBSSxRQUFRLFFBQVEsU0FBVSxVQUFTLFVBQVUsS0FBSyxFQUFFLFVBQVUsUUFBUSxDQUFDLEVBQUUsSUFBSTtBQUFBLGFBQ3hFLFFBQVEsUUFBUSxRQUFTLFVBQVMsVUFBVSxLQUFLLEVBQUUsVUFBVSxLQUFLLENBQUMsRUFBRSxJQUFJO0FBQUEsUUFDN0UsVUFBUyxJQUFJLElBQUk7QUFBQSxFQUN4QixDQUFDO0FBQ0QsUUFBTSxJQUFJLFFBQWMsQ0FBQyxZQUFZLE9BQU8sT0FBTyxHQUFHLGFBQWEsT0FBTyxDQUFDO0FBQzNFLFFBQU0sTUFBTTtBQUNWLFdBQU8sTUFBTTtBQUNiLGNBQVUsTUFBTTtBQUFBLEVBQ2xCLENBQUM7QUFDRCxRQUFNLEtBQUssb0JBQXFCLE9BQU8sUUFBUSxFQUFrQixJQUFJO0FBQ3JFLFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLHdCQUF3QjtBQUFBLE1BQ3hCLHVCQUF1QjtBQUFBLElBQ3pCO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFFBQVEsTUFBTSxJQUFJLENBQUMsUUFBUSxPQUFPLEdBQUcsRUFBRSxLQUFLLEtBQUssRUFBRSx1QkFBdUIsa0JBQWtCLEVBQUUsQ0FBQztBQUNyRyxRQUFNLFNBQVMsQ0FBQyxTQUNkLEdBQUcsSUFBSSxJQUFJLFdBQVcsVUFBVSxpQkFBaUIsRUFBRSxPQUFPLElBQUksRUFBRSxPQUFPLEtBQUssQ0FBQztBQUMvRSxTQUFPLFVBQVUsTUFBTSxDQUFDLE9BQU8sUUFBUSxHQUFHLE9BQU8sT0FBTyxDQUFDLENBQUM7QUFDMUQsU0FBTyxVQUFVLE9BQU8sQ0FBQyxNQUFTLEdBQUcsTUFBTSxHQUFHO0FBQ2hELENBQUM7QUFFRCxLQUFLLHFGQUFxRixZQUFZO0FBQ3BHLFFBQU0sUUFBUSxJQUFJO0FBQ2xCLFFBQU0sUUFBa0IsQ0FBQztBQUN6QixRQUFNLFNBQVMsYUFBYSxDQUFDLFNBQVMsYUFBYTtBQUNqRCxVQUFNLE1BQU0sS0FBSyxJQUFJLElBQUk7QUFDekIsVUFBTSxPQUFPLE9BQU8sUUFBUSxRQUFRLFFBQVEsQ0FBQyxJQUFJO0FBQ2pELFVBQU0sS0FBSyxJQUFJO0FBQ2YsYUFBUyxXQUFXO0FBQ3BCLGFBQVMsVUFBVSxRQUFRLElBQUksS0FBSyxHQUFHLEVBQUUsWUFBWSxDQUFDO0FBQ3RELGFBQVMsVUFBVSxLQUFLLElBQUksTUFBTSxJQUFJLElBQUksTUFBUyxNQUFNLEdBQUcsRUFBRSxJQUFJLElBQUk7QUFBQSxFQUN4RSxDQUFDO0FBQ0QsUUFBTSxJQUFJLFFBQWMsQ0FBQyxZQUFZLE9BQU8sT0FBTyxHQUFHLGFBQWEsT0FBTyxDQUFDO0FBQzNFLFFBQU0sTUFBTSxPQUFPLE1BQU0sQ0FBQztBQUMxQixRQUFNLEtBQUssb0JBQXFCLE9BQU8sUUFBUSxFQUFrQixJQUFJO0FBQ3JFLFFBQU0sUUFBUTtBQUFBLElBQ1osd0JBQXdCO0FBQUEsSUFDeEIsb0JBQW9CO0FBQUEsRUFDdEI7QUFDQSxRQUFNLE1BQU0sTUFBTSxJQUFJLENBQUMsUUFBUSxJQUFJLEdBQUcsRUFBRSxLQUFLLGFBQWEsT0FBTyxFQUFFLEVBQUUsQ0FBQztBQUN0RSxTQUFPLE1BQU0sSUFBSSxRQUFRLENBQUM7QUFDMUIsU0FBTyxNQUFNLElBQUksS0FBSyxpREFBaUQ7QUFDdkUsU0FBTyxNQUFNLElBQUksS0FBSyx5Q0FBeUM7QUFDL0QsU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzVCLFFBQU0sTUFBTTtBQUFBLElBQ1YsRUFBRSxHQUFHLE9BQU8sNkJBQTZCLHdCQUF3QixFQUFFO0FBQUE7QUFBQSxFQUE2QjtBQUFBLElBQ2hHO0FBQUEsRUFDRjtBQUNBLFFBQU0sWUFBWSxNQUFNLElBQUksQ0FBQyxRQUFRLElBQUksR0FBRyxFQUFFLElBQUksQ0FBQztBQUNuRCxTQUFPLE1BQU0sVUFBVSxRQUFRLEdBQUcsVUFBVSxHQUFHO0FBQy9DLFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRywrQ0FBK0M7QUFDN0UsU0FBTyxPQUFPLE1BQU0sSUFBSSxDQUFDLFFBQVEsSUFBSSxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsUUFBUSxDQUFDO0FBQzNELFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyx3QkFBd0I7QUFDdEQsUUFBTSxPQUFPLE1BQU0sSUFBSSxDQUFDLFdBQVcsTUFBTSxhQUFhLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDaEUsU0FBTyxNQUFNLEtBQUssS0FBSywyRkFBMkY7QUFDbEgsUUFBTSxVQUFVLE9BQU8sZ0JBQWdCLEtBQUssS0FBSyxHQUFHLElBQUksQ0FBQyxDQUFDO0FBQzFELFNBQU8sR0FBRyxLQUFLLElBQUksVUFBVSxNQUFPLEtBQUssSUFBSSxJQUFJLEtBQUssSUFBSSxLQUFRLEdBQUcsT0FBTyxFQUFFO0FBQ2hGLENBQUM7QUFFRCxLQUFLLGdHQUFnRyxZQUFZO0FBQy9HLFFBQU0sT0FBb0YsQ0FBQztBQUMzRixNQUFJLFNBQVM7QUFDYixRQUFNLFNBQVMsYUFBYSxDQUFDLFNBQVMsYUFBYTtBQUNqRCxRQUFJLFFBQVEsUUFBUSxVQUFVO0FBQzVCLGdCQUFVO0FBQ1YsZUFBUyxVQUFVLGNBQWMsVUFBVSxNQUFNLFVBQVU7QUFDM0QsZUFBUyxVQUFVLEtBQUssRUFBRSxnQkFBZ0IsbUJBQW1CLENBQUMsRUFBRSxJQUFJLHdCQUF3QixNQUFNLE1BQU07QUFDeEc7QUFBQSxJQUNGO0FBQ0EsVUFBTSxFQUFFLGdCQUFnQixJQUFJLFNBQVMsSUFBSSxPQUFPLElBQUksV0FBVyxRQUFRLElBQUksVUFBVSxPQUFPLEdBQUcsSUFBSSxRQUFRO0FBQzNHLFVBQU0sT0FBTyxDQUFDLGlCQUFpQixhQUFhLElBQUksVUFBVSxNQUFNLElBQUksUUFBUSxJQUFJLElBQUksV0FBVyxLQUFLLEVBQUUsRUFBRSxLQUFLLElBQUk7QUFDakgsVUFBTUEsWUFBVyxXQUFXLFVBQVUsaUJBQWlCLEVBQUUsT0FBTyxJQUFJLEVBQUUsT0FBTyxLQUFLO0FBQ2xGLFNBQUssS0FBSyxFQUFFLE1BQU0sT0FBTyxJQUFJLEdBQUcsT0FBTyxPQUFPLEtBQUssR0FBRyxNQUFNLFNBQVNBLFVBQVMsQ0FBQztBQUMvRSxhQUFTLFVBQVUsa0JBQWtCLDBCQUEwQixNQUFNLEdBQUcsRUFBRSxJQUFJLElBQUk7QUFBQSxFQUNwRixDQUFDO0FBQ0QsUUFBTSxJQUFJLFFBQWMsQ0FBQyxZQUFZLE9BQU8sT0FBTyxHQUFHLGFBQWEsT0FBTyxDQUFDO0FBQzNFLFFBQU0sTUFBTSxPQUFPLE1BQU0sQ0FBQztBQUMxQixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSx1QkFBdUI7QUFBQSxNQUN2QixzQkFBc0I7QUFBQSxNQUN0Qix3QkFBd0I7QUFBQTtBQUFBO0FBQUE7QUFBQSxNQUl4QixvQkFBb0I7QUFBQSxJQUN0QjtBQUFBLElBQ0Esb0JBQXFCLE9BQU8sUUFBUSxFQUFrQixJQUFJO0FBQUEsRUFDNUQ7QUFDQSxRQUFNLE1BQU0sRUFBRSx1QkFBdUIsa0JBQWtCO0FBRXZELFNBQU8sT0FBTyxNQUFNLElBQUksQ0FBQyxXQUFXLFFBQVEsTUFBTSxHQUFHLEVBQUUsS0FBSyxJQUFJLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDN0UsUUFBTSxRQUFRLE1BQU0sSUFBSSxDQUFDLFFBQVEsSUFBSSxHQUFHLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDcEQsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxTQUFPO0FBQUEsSUFDTCxLQUFLLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJO0FBQUEsSUFDM0IsQ0FBQyxNQUFNLElBQUk7QUFBQSxFQUNiO0FBQ0EsU0FBTyxNQUFNLElBQUksSUFBSSxLQUFLLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTSxLQUFLLENBQUMsRUFBRSxNQUFNLENBQUM7QUFDNUQsUUFBTSxPQUFPLE1BQU0sSUFBSSxDQUFDLFdBQVcsTUFBTSxhQUFhLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUNyRSxTQUFPLE1BQU0sS0FBSyxLQUFLLHVDQUF1QyxxREFBcUQ7QUFDbkgsU0FBTyxhQUFhLEtBQUssTUFBTSxLQUFLLEtBQUssWUFBWTtBQUNyRCxTQUFPLEdBQUcsS0FBSyxNQUFNLENBQUMsRUFBRSxNQUFNLE1BQU0saUJBQWlCLEtBQUssS0FBSyxDQUFDLENBQUM7QUFDbkUsQ0FBQztBQUVELEtBQUssaURBQWlELFlBQVk7QUFDaEUsUUFBTSxNQUFNLGVBQWUsTUFBTTtBQUNqQyxRQUFNLE9BQU8sS0FBSyxLQUFLLHVCQUF1QjtBQUM5QztBQUFBLElBQ0U7QUFBQSxJQUNBLGFBQWEsTUFBTSxNQUFNLEVBQUUsUUFBUSwyQ0FBMkMsK0JBQStCO0FBQUEsRUFDL0c7QUFDQSxRQUFNLFFBQVEsTUFBTSxJQUFJLENBQUMsUUFBUSxZQUFZLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDdkQsU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzVCLFNBQU8sTUFBTSxNQUFNLEtBQUssMEVBQTBFO0FBQ3BHLENBQUM7QUFFRCxLQUFLLHNEQUFzRCxZQUFZO0FBQ3JFLFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLHdCQUF3QjtBQUFBLE1BQ3hCLHdCQUF3QjtBQUFBLE1BQ3hCLHlCQUNFO0FBQUEsTUFDRixzQkFDRTtBQUFBLElBQ0o7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sUUFBUSxPQUFPLE1BQU0sS0FBWSxPQUFPO0FBQzlDLFVBQVEsS0FBSyxpQkFBaUIsRUFBRTtBQUNoQyxRQUFNLEVBQUUsZUFBZSxJQUFJLE1BQU0sT0FBTyxTQUFTO0FBQ2pELFdBQVMsUUFBUSxHQUFHLFFBQVEsSUFBSSxTQUFTLEVBQUcsZ0JBQWUsS0FBSyxLQUFLLGVBQWUsR0FBRyxLQUFLO0FBQzVGLFFBQU0sTUFBTSxFQUFFLHVCQUF1QixrQkFBa0I7QUFDdkQsUUFBTSxPQUFPLFdBQVcsVUFBVSxpQkFBaUI7QUFDbkQsV0FBUyxRQUFRLEdBQUcsUUFBUSxJQUFJLFNBQVMsRUFBRyxNQUFLLE9BQU8sS0FBSztBQUM3RCxRQUFNLFdBQVc7QUFBQSxJQUNmLE1BQU0sSUFBSSxDQUFDLFdBQVcsUUFBUSxZQUFZLFFBQVEsR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUEsRUFDbkU7QUFDQSxTQUFPLE1BQU0sU0FBUyxRQUFRLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLFFBQVEsR0FBRyxPQUFPLEtBQUssT0FBTyxLQUFLLENBQUM7QUFDOUYsUUFBTSxPQUFPLEtBQUssS0FBSyxNQUFNO0FBQzdCLFFBQU0sV0FBVztBQUFBLElBQ2YsR0FBRztBQUFBLElBQ0gsY0FBYyxZQUFZLEtBQUssZUFBZSx1QkFBdUIsQ0FBQztBQUFBLElBQ3RFLHVCQUF1QjtBQUFBLEVBQ3pCO0FBQ0EsUUFBTSxRQUFRLE1BQU0sSUFBSSxDQUFDLFFBQVEsUUFBUSxVQUFVLE9BQU8sR0FBRyxFQUFFLEtBQUssS0FBSyxTQUFTLENBQUM7QUFDbkYsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxTQUFPLEdBQUcsT0FBTyxhQUFhLE1BQU0sTUFBTSxDQUFDLElBQUksTUFBTyxHQUFHLGFBQWEsTUFBTSxNQUFNLENBQUMsZ0JBQWdCO0FBQ25HLFFBQU0sT0FBTyxNQUFNLElBQUksQ0FBQyxRQUFRLFFBQVEsVUFBVSxNQUFNLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUN2RSxTQUFPLE1BQU0sS0FBSyxRQUFRLENBQUM7QUFDM0IsU0FBTztBQUFBLElBQ0wsS0FBSztBQUFBLElBQ0w7QUFBQSxFQUNGO0FBQ0YsQ0FBQztBQUVELEtBQUssZ0ZBQWdGLFlBQVk7QUFDL0YsUUFBTSxNQUFNLGFBQWEsQ0FBQyxHQUFHLE1BQU07QUFDbkMsU0FBTyxPQUFPLE1BQU0sSUFBSSxDQUFDLFFBQVEsT0FBTyxHQUFHLE1BQU0sd0JBQXdCLFVBQVUsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsUUFBUSxDQUFDO0FBQ2pILFFBQU0sVUFBVSxNQUFNLElBQUksQ0FBQyxTQUFTLHFCQUFxQixHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ25FLFNBQU8sTUFBTSxRQUFRLFFBQVEsR0FBRyxRQUFRLEdBQUc7QUFDM0MsU0FBTyxNQUFNLFFBQVEsS0FBSyxxQ0FBcUM7QUFDL0QsUUFBTSxTQUFTLGFBQWEsS0FBSyxLQUFLLDZCQUE2QixHQUFHLE1BQU07QUFDNUUsU0FBTyxNQUFNLFFBQVEsa0RBQWtELDRCQUE0QjtBQUNuRyxRQUFNLFVBQVUsYUFBYSxLQUFLLEtBQUssb0NBQW9DLEdBQUcsTUFBTTtBQUNwRixTQUFPLE1BQU0sU0FBUywwQkFBMEI7QUFDaEQsU0FBTyxhQUFhLFNBQVMsNEJBQTRCO0FBQ3pELGdCQUFjLEtBQUssS0FBSyw2QkFBNkIsR0FBRyxPQUFPLFFBQVEsa0JBQWtCLGlCQUFpQixDQUFDO0FBQzNHLFFBQU0sT0FBTyxNQUFNO0FBQUEsSUFDakI7QUFBQSxNQUNFO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUFBLElBQ0EsRUFBRSxLQUFLLEtBQUssRUFBRSwrQkFBK0Isc0JBQXNCLEVBQUU7QUFBQSxFQUN2RTtBQUNBLFNBQU8sTUFBTSxLQUFLLFFBQVEsR0FBRyxLQUFLLEdBQUc7QUFDckMsUUFBTSxRQUFRLE1BQU0sSUFBSSxDQUFDLFNBQVMsc0JBQXNCLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDbEUsU0FBTyxhQUFhLE1BQU0sS0FBSyxvQkFBb0IsOEJBQThCO0FBQ25GLENBQUM7IiwKICAibmFtZXMiOiBbImV4cGVjdGVkIl0KfQo=
