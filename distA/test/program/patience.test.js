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
  documentLines,
  echoTrail,
  everyFile
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";

// test/program/patience.test.ts
import assert from "node:assert/strict";
import { createServer } from "node:http";
import { after, test } from "node:test";
var standin = await harbourForThisFile();
var summaryOf = (ended) => documentLines(ended).at(-1);
async function vendor(answer) {
  const asked = [];
  const counts = /* @__PURE__ */ new Map();
  const began = performance.now();
  const server = createServer((request, response) => {
    const { method = "", url = "" } = request;
    const one = { method, path: url, key: request.headers["idempotency-key"], at: performance.now() - began };
    asked.push(one);
    const count = (counts.get(`${method} ${url}`) ?? 0) + 1;
    counts.set(`${method} ${url}`, count);
    request.resume().on("end", () => answer(one, count, response, request));
  });
  await new Promise((resolve) => server.listen(0, "127.0.0.1", resolve));
  after(() => {
    server.closeAllConnections();
    server.close();
  });
  const address = server.address();
  return { asked, origin: `http://127.0.0.1:${typeof address === "object" && address ? address.port : 0}` };
}
var say = (response, status, headers = {}, body = "{}") => void response.writeHead(status, { "content-type": "application/json", ...headers }).end(body);
var retry = "{wait: 10ms, tries: 4, ceiling: 2s}";
var cases = [
  { name: "429 of a GET", request: "", statuses: [429, 429, 200], tries: 3, status: 0 },
  { name: "429 of a POST", request: "method: POST\n", statuses: [429, 201], tries: 2, status: 0 },
  { name: "503 of a GET", request: "", statuses: [503, 200], tries: 2, status: 0 },
  {
    name: "503 of a POST, which may have happened",
    request: "method: POST\n",
    statuses: [503, 201],
    tries: 1,
    status: 1
  },
  { name: "503 of a PUT, which is idempotent", request: "method: PUT\n", statuses: [503, 200], tries: 2, status: 0 },
  { name: "503 of a DELETE", request: "method: DELETE\n", statuses: [503, 204], tries: 2, status: 0 },
  {
    name: "503 of a POST with a key",
    request: "method: POST\nidempotency-key: true\n",
    statuses: [503, 201],
    tries: 2,
    status: 0
  },
  {
    name: "503 of a POST that changes nothing",
    request: "method: POST\nchanges: false\n",
    statuses: [503, 200],
    tries: 2,
    status: 0
  },
  { name: "a lost GET", request: "", statuses: [0, 0, 200], tries: 3, status: 0 },
  {
    name: "a lost POST, which is in doubt",
    request: "method: POST\n",
    statuses: [0, 201],
    tries: 1,
    status: 3,
    doubts: 1
  },
  {
    name: "a lost POST with a key",
    request: "method: POST\nidempotency-key: true\n",
    statuses: [0, 201],
    tries: 2,
    status: 0
  },
  { name: "a status that is expected", request: "expect: {status: 503}\n", statuses: [503, 200], tries: 1, status: 0 },
  {
    name: "a class that is expected",
    request: "expect: {status: {one-of: [2xx, 4xx]}}\n",
    statuses: [429, 200],
    tries: 1,
    status: 0
  },
  { name: "500, which nobody named", request: "", statuses: [500, 200], tries: 1, status: 1 },
  { name: "refused until the tries are spent", request: "", statuses: [429, 429, 429, 429, 200], tries: 4, status: 1 },
  {
    name: "a wait beyond the ceiling",
    request: "",
    statuses: [429, 200],
    headers: { "retry-after": "3600" },
    tries: 1,
    status: 1
  },
  { name: "no retry", request: "retry: none\n", statuses: [429, 200], tries: 1, status: 1 }
];
test("what is sent again, and what never is, by status, method, key and what is expected", async () => {
  const { origin, asked } = await vendor((one, count, response, incoming) => {
    const { statuses, headers = {} } = cases[Number(one.path.slice(2))];
    const answer = statuses[count - 1];
    if (answer === 0) incoming.socket.destroy();
    else say(response, answer, answer === 429 || answer === 503 ? headers : {}, answer === 204 ? "" : "{}");
  });
  const files = Object.fromEntries(
    cases.map(({ request }, at) => [`requests/r${at}.yaml`, `url: \${origin}/r${at}
${request}`])
  );
  const cwd = collectionOf({
    ...files,
    "environments/sandbox.yaml": `changes: allow
variables: {origin: "${origin}"}
hosts: [127.0.0.1]
retry: ${retry}
`
  });
  const ended = await echoTrail(["run", ...cases.map((_, at) => `r${at}`), "--json"], { cwd });
  assert.equal(ended.status, 3, ended.err);
  const summaries = documentLines(ended).filter(({ event }) => event === "summary");
  const echoes = everyFile(cwd).filter(({ path }) => path.includes("/echoes/"))[0]?.text ?? "";
  for (const [at, { name, tries, status, doubts = 0 }] of cases.entries()) {
    const own = asked.filter(({ path }) => path === `/r${at}`);
    assert.equal(own.length, tries, name);
    assert.equal(summaries[at]?.ok, status === 0, name);
    assert.equal(summaries[at]?.inDoubt.length, doubts, name);
    assert.equal(new Set(own.map(({ key }) => key)).size, 1, `${name}: all tries carry the same key`);
    assert.equal(echoes.split(`"request":"r${at}"`).length - 1, tries, `${name}: each try has an echo`);
  }
});
test("why it was not tried again is said", async () => {
  const { origin } = await vendor((_asked, _count, response) => say(response, 429, { "retry-after": "3600" }));
  const cwd = collectionOf({ "requests/r.yaml": `url: \${origin}/r
retry: ${retry}
` }, origin);
  assert.match((await echoTrail(["run", "r"], { cwd })).out, /asks to wait 60 min, and retry waits 2\.00 s at most/);
  const busy = await vendor((_asked, _count, response) => say(response, 429));
  const spent = collectionOf({ "requests/r.yaml": `url: \${origin}/r
retry: ${retry}
` }, busy.origin);
  assert.match(
    (await echoTrail(["run", "r"], { cwd: spent })).out,
    /tried 4 times in \d+ ms, as often as retry allows/
  );
  const short = collectionOf(
    { "requests/r.yaml": "url: ${origin}/r\nretry: {wait: 200ms, growth: 1, within: 300ms, tries: 50}\n" },
    busy.origin
  );
  assert.match((await echoTrail(["run", "r"], { cwd: short })).out, /another try would take longer than retry allows/);
});
test("where nothing is said, a run waits only for a server that says how long, and send for none", async () => {
  const told = await vendor(
    (_asked, count, response) => count === 1 ? say(response, 429, { "retry-after": "1" }) : say(response, 200)
  );
  const files = { "requests/r.yaml": "url: ${origin}/r\n" };
  assert.equal((await echoTrail(["run", "r"], { cwd: collectionOf(files, told.origin) })).status, 0);
  assert.ok((told.asked[1]?.at ?? 0) - (told.asked[0]?.at ?? 0) >= 990);
  const silent = await vendor((_asked, count, response) => say(response, count === 1 ? 429 : 200));
  assert.equal((await echoTrail(["run", "r"], { cwd: collectionOf(files, silent.origin) })).status, 1);
  const sent = await vendor(
    (_asked, count, response) => count === 1 ? say(response, 429, { "retry-after": "1" }) : say(response, 200)
  );
  assert.equal((await echoTrail(["send", "r"], { cwd: collectionOf(files, sent.origin) })).status, 1);
  assert.equal(sent.asked.length, 1);
});
test('a body that says "too busy" is a refusal too', async () => {
  const { origin, asked } = await vendor(
    (_asked, count, response) => say(response, 200, {}, count < 3 ? '{"state": "busy"}' : '{"state": "ready"}')
  );
  const cwd = collectionOf(
    { "requests/r.yaml": "url: ${origin}/r\nretry: {wait: 10ms, busy: {$.state: busy}}\nexpect: {$.state: ready}\n" },
    origin
  );
  const ended = await echoTrail(["run", "r", "--json"], { cwd });
  assert.equal(ended.status, 0, ended.out);
  assert.equal(asked.length, 3);
  assert.equal(summaryOf(ended).refused, 2);
});
test("one refusal slows the whole host: nothing is sent to it while it asked for patience", async () => {
  let refusedAt = 0;
  const { origin, asked } = await vendor((one, count, response) => {
    if (one.path === "/n/5" && count === 1) {
      refusedAt = one.at;
      say(response, 429, { "retry-after": "1" });
    } else setTimeout(() => say(response, 200), 5);
  });
  const cwd = collectionOf(
    {
      "requests/r.yaml": "inputs: {n: {}}\nurl: ${origin}/n/{n}\n",
      "trails/t.yaml": "steps:\n  - for-each: {range: [1, 40]}\n    as: n\n    at-once: 4\n    steps: [{send: r}]\n"
    },
    origin
  );
  const ended = await echoTrail(["run", "t", "--json"], { cwd });
  assert.equal(ended.status, 0, ended.out);
  assert.equal(asked.length, 41);
  const during = asked.filter(({ at }) => at > refusedAt + 60 && at < refusedAt + 950);
  assert.deepEqual(during, [], "the host is left alone");
  const { refused, triedAgain, waited } = summaryOf(ended);
  assert.deepEqual([refused, triedAgain], [1, 1]);
  assert.ok(waited >= 950 && waited < 1500, `${waited}`);
  assert.equal(documentLines(ended).filter(({ event }) => event === "waiting").length, 1);
});
test("a pace goes ahead of refusals: so many at once, and so many a second", async () => {
  let [active, most] = [0, 0];
  const { origin, asked } = await vendor((_asked, _count, response) => {
    active += 1;
    most = Math.max(most, active);
    setTimeout(() => {
      active -= 1;
      say(response, 200);
    }, 10);
  });
  const trail = "steps:\n  - for-each: {range: [1, 20]}\n    as: n\n    at-once: 16\n    steps: [{send: r}]\n";
  const files = (pace) => ({
    "requests/r.yaml": "inputs: {n: {}}\nurl: ${origin}/n/{n}\n",
    "trails/t.yaml": trail,
    "environments/sandbox.yaml": `changes: allow
variables: {origin: "${origin}"}
hosts: [127.0.0.1]
pace: ${pace}
`
  });
  assert.equal((await echoTrail(["run", "t"], { cwd: collectionOf(files("{at-once: 3}")) })).status, 0);
  assert.equal(most, 3);
  asked.length = 0;
  assert.equal((await echoTrail(["run", "t"], { cwd: collectionOf(files("{per-second: 40}")) })).status, 0);
  const span = (asked.at(-1)?.at ?? 0) - (asked[0]?.at ?? 0);
  assert.ok(span >= 450 && span < 1500, `20 in ${span} ms`);
});
test("a quota that is spent is waited for, ahead of a refusal", async () => {
  const { origin, asked } = await vendor(
    (_asked, count, response) => say(response, 200, { ratelimit: `"q";r=${count === 1 ? 0 : 9};t=1` })
  );
  const cwd = collectionOf(
    { "requests/r.yaml": "url: ${origin}/r\n", "trails/t.yaml": "steps: [{send: r}, {send: r}]\n" },
    origin
  );
  const ended = await echoTrail(["run", "t", "--json"], { cwd });
  assert.equal(ended.status, 0);
  assert.ok((asked[1]?.at ?? 0) - (asked[0]?.at ?? 0) >= 950);
  assert.equal(summaryOf(ended).refused, 0);
});
test("a hundred notices through a crowded board, however it refuses: a hundred of a hundred", async () => {
  const ways = ["seconds", "date", "silent", "limits", "body"];
  await Promise.all(ways.map(harvested));
});
async function harvested(way) {
  const cwd = collectionOf(
    {
      "requests/notice.yaml": `inputs: {number: {}}
url: \${origin}/board/notices/{number}
query: {refusal: ${way}, caller: ${way}, quota: 25}
retry: {wait: 300ms, growth: 1.5, ceiling: 3s, tries: 12, busy: {$.state: busy}}
expect: {$.number: {exists: true}}
`,
      "trails/t.yaml": 'steps:\n  - for-each: {range: [1, 100]}\n    as: number\n    at-once: 8\n    steps: [{send: notice}]\n    table: {columns: {n: "${number}", subject: $.subject}, to: data/n.csv}\n'
    },
    standin.origin
  );
  const ended = await echoTrail(["run", "t", "--json"], { cwd });
  assert.equal(ended.status, 0, ended.out.slice(-2e3) + ended.err);
  const { refused, triedAgain, waited } = summaryOf(ended);
  if (way !== "limits") assert.ok(refused >= 1 && triedAgain >= 1, `${way}: ${refused} refused`);
  assert.ok(waited > 100, `${way}: waited ${waited} ms`);
  const step = documentLines(ended).find(({ kind }) => kind === "for-each");
  assert.deepEqual(step.members, { ok: 100, failed: 0, passed: 0 });
}
test("the harvest of the demo says how often it was refused, and how long it waited", async () => {
  const cwd = demoCollection(standin.origin);
  const ended = await echoTrail(["run", "notices-harvest"], { cwd });
  assert.equal(ended.status, 0, ended.out);
  assert.match(ended.out, /ok +harvest +100 of 100/);
  assert.match(ended.out, /\d+ refused, \d+ tried again, waited \d/);
  assert.match(ended.err, /waiting 127\.0\.0\.1:\d+: 1\.00 s \(status 429; as the server asks\)/);
});
test("a wait that is interrupted ends at once", async () => {
  const { origin } = await vendor((_asked, _count, response) => say(response, 429, { "retry-after": "30" }));
  const cwd = collectionOf({ "requests/r.yaml": "url: ${origin}/r\nretry: {ceiling: 60s}\n" }, origin);
  const started = performance.now();
  const ended = await echoTrail(["run", "r"], {
    cwd,
    meanwhile: (child) => setTimeout(() => child.kill("SIGINT"), 1200)
  });
  assert.equal(ended.status, 130);
  assert.ok(performance.now() - started < 6e3);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3BhdGllbmNlLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBDcm93ZGVkLCByZXN0bGVzcyBhbmQgbG9zc3kgaG9zdHM6IHdoYXQgaXMgc2VudCBhZ2Fpbiwgd2hhdCBuZXZlciBpcywgYW5kIGhvdyBhbGwgdGhhdCBpcyBzZW50IHRvIGEgaG9zdCB3YWl0cy4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IGNyZWF0ZVNlcnZlciwgdHlwZSBJbmNvbWluZ01lc3NhZ2UsIHR5cGUgU2VydmVyUmVzcG9uc2UgfSBmcm9tICdub2RlOmh0dHAnO1xuaW1wb3J0IHsgYWZ0ZXIsIHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgY29sbGVjdGlvbk9mLCBkZW1vQ29sbGVjdGlvbiwgZXZlcnlGaWxlIH0gZnJvbSAnLi4vc3VwcG9ydC9mb2xkZXIuanMnO1xuaW1wb3J0IHsgZG9jdW1lbnRMaW5lcywgdHlwZSBFbmRlZCwgZWNob1RyYWlsIH0gZnJvbSAnLi4vc3VwcG9ydC9wcm9ncmFtLmpzJztcbmltcG9ydCB7IGhhcmJvdXJGb3JUaGlzRmlsZSB9IGZyb20gJy4uL3N1cHBvcnQvc3RhbmRpbi5qcyc7XG5cbmNvbnN0IHN0YW5kaW4gPSBhd2FpdCBoYXJib3VyRm9yVGhpc0ZpbGUoKTtcblxuaW50ZXJmYWNlIFN1bW1hcnkge1xuICByZWFkb25seSBvazogYm9vbGVhbjtcbiAgcmVhZG9ubHkgcmVmdXNlZDogbnVtYmVyO1xuICByZWFkb25seSB0cmllZEFnYWluOiBudW1iZXI7XG4gIHJlYWRvbmx5IHdhaXRlZDogbnVtYmVyO1xuICByZWFkb25seSBpbkRvdWJ0OiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgcm93czogeyByZWFkb25seSBvazogbnVtYmVyOyByZWFkb25seSBmYWlsZWQ6IG51bWJlciB9IHwgbnVsbDtcbn1cbmNvbnN0IHN1bW1hcnlPZiA9IChlbmRlZDogRW5kZWQpOiBTdW1tYXJ5ID0+IGRvY3VtZW50TGluZXMoZW5kZWQpLmF0KC0xKSBhcyB1bmtub3duIGFzIFN1bW1hcnk7XG5cbmludGVyZmFjZSBBc2tlZCB7XG4gIHJlYWRvbmx5IG1ldGhvZDogc3RyaW5nO1xuICByZWFkb25seSBwYXRoOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGtleTogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICAvKiogTWlsbGlzZWNvbmRzIHNpbmNlIHRoZSBzZXJ2ZXIgd2FzIG1hZGUuICovXG4gIHJlYWRvbmx5IGF0OiBudW1iZXI7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIHZlbmRvcihcbiAgYW5zd2VyOiAoYXNrZWQ6IEFza2VkLCBjb3VudDogbnVtYmVyLCByZXNwb25zZTogU2VydmVyUmVzcG9uc2UsIHJlcXVlc3Q6IEluY29taW5nTWVzc2FnZSkgPT4gdm9pZCxcbik6IFByb21pc2U8eyBvcmlnaW46IHN0cmluZzsgYXNrZWQ6IEFza2VkW10gfT4ge1xuICBjb25zdCBhc2tlZDogQXNrZWRbXSA9IFtdO1xuICBjb25zdCBjb3VudHMgPSBuZXcgTWFwPHN0cmluZywgbnVtYmVyPigpO1xuICBjb25zdCBiZWdhbiA9IHBlcmZvcm1hbmNlLm5vdygpO1xuICBjb25zdCBzZXJ2ZXIgPSBjcmVhdGVTZXJ2ZXIoKHJlcXVlc3QsIHJlc3BvbnNlKSA9PiB7XG4gICAgY29uc3QgeyBtZXRob2QgPSAnJywgdXJsID0gJycgfSA9IHJlcXVlc3Q7XG4gICAgY29uc3Qgb25lID0geyBtZXRob2QsIHBhdGg6IHVybCwga2V5OiByZXF1ZXN0LmhlYWRlcnNbJ2lkZW1wb3RlbmN5LWtleSddIGFzIHN0cmluZywgYXQ6IHBlcmZvcm1hbmNlLm5vdygpIC0gYmVnYW4gfTtcbiAgICBhc2tlZC5wdXNoKG9uZSk7XG4gICAgY29uc3QgY291bnQgPSAoY291bnRzLmdldChgJHttZXRob2R9ICR7dXJsfWApID8/IDApICsgMTtcbiAgICBjb3VudHMuc2V0KGAke21ldGhvZH0gJHt1cmx9YCwgY291bnQpO1xuICAgIHJlcXVlc3QucmVzdW1lKCkub24oJ2VuZCcsICgpID0+IGFuc3dlcihvbmUsIGNvdW50LCByZXNwb25zZSwgcmVxdWVzdCkpO1xuICB9KTtcbiAgYXdhaXQgbmV3IFByb21pc2U8dm9pZD4oKHJlc29sdmUpID0+IHNlcnZlci5saXN0ZW4oMCwgJzEyNy4wLjAuMScsIHJlc29sdmUpKTtcbiAgYWZ0ZXIoKCkgPT4ge1xuICAgIHNlcnZlci5jbG9zZUFsbENvbm5lY3Rpb25zKCk7XG4gICAgc2VydmVyLmNsb3NlKCk7XG4gIH0pO1xuICBjb25zdCBhZGRyZXNzID0gc2VydmVyLmFkZHJlc3MoKTtcbiAgcmV0dXJuIHsgYXNrZWQsIG9yaWdpbjogYGh0dHA6Ly8xMjcuMC4wLjE6JHt0eXBlb2YgYWRkcmVzcyA9PT0gJ29iamVjdCcgJiYgYWRkcmVzcyA/IGFkZHJlc3MucG9ydCA6IDB9YCB9O1xufVxuXG5jb25zdCBzYXkgPSAocmVzcG9uc2U6IFNlcnZlclJlc3BvbnNlLCBzdGF0dXM6IG51bWJlciwgaGVhZGVyczogUmVjb3JkPHN0cmluZywgc3RyaW5nPiA9IHt9LCBib2R5ID0gJ3t9Jyk6IHZvaWQgPT5cbiAgdm9pZCByZXNwb25zZS53cml0ZUhlYWQoc3RhdHVzLCB7ICdjb250ZW50LXR5cGUnOiAnYXBwbGljYXRpb24vanNvbicsIC4uLmhlYWRlcnMgfSkuZW5kKGJvZHkpO1xuXG5jb25zdCByZXRyeSA9ICd7d2FpdDogMTBtcywgdHJpZXM6IDQsIGNlaWxpbmc6IDJzfSc7XG5cbmludGVyZmFjZSBDYXNlIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSByZXF1ZXN0OiBzdHJpbmc7XG4gIC8qKiBUaGUgc3RhdHVzIG9mIGVhY2ggYW5zd2VyIGluIHR1cm47IDAgZHJvcHMgdGhlIGNvbm5lY3Rpb24uICovXG4gIHJlYWRvbmx5IHN0YXR1c2VzOiByZWFkb25seSBudW1iZXJbXTtcbiAgcmVhZG9ubHkgaGVhZGVycz86IFJlY29yZDxzdHJpbmcsIHN0cmluZz47XG4gIHJlYWRvbmx5IGJvZHk/OiBzdHJpbmc7XG4gIHJlYWRvbmx5IHRyaWVzOiBudW1iZXI7XG4gIHJlYWRvbmx5IHN0YXR1czogbnVtYmVyO1xuICByZWFkb25seSBkb3VidHM/OiBudW1iZXI7XG59XG5cbmNvbnN0IGNhc2VzOiByZWFkb25seSBDYXNlW10gPSBbXG4gIHsgbmFtZTogJzQyOSBvZiBhIEdFVCcsIHJlcXVlc3Q6ICcnLCBzdGF0dXNlczogWzQyOSwgNDI5LCAyMDBdLCB0cmllczogMywgc3RhdHVzOiAwIH0sXG4gIHsgbmFtZTogJzQyOSBvZiBhIFBPU1QnLCByZXF1ZXN0OiAnbWV0aG9kOiBQT1NUXFxuJywgc3RhdHVzZXM6IFs0MjksIDIwMV0sIHRyaWVzOiAyLCBzdGF0dXM6IDAgfSxcbiAgeyBuYW1lOiAnNTAzIG9mIGEgR0VUJywgcmVxdWVzdDogJycsIHN0YXR1c2VzOiBbNTAzLCAyMDBdLCB0cmllczogMiwgc3RhdHVzOiAwIH0sXG4gIHtcbiAgICBuYW1lOiAnNTAzIG9mIGEgUE9TVCwgd2hpY2ggbWF5IGhhdmUgaGFwcGVuZWQnLFxuICAgIHJlcXVlc3Q6ICdtZXRob2Q6IFBPU1RcXG4nLFxuICAgIHN0YXR1c2VzOiBbNTAzLCAyMDFdLFxuICAgIHRyaWVzOiAxLFxuICAgIHN0YXR1czogMSxcbiAgfSxcbiAgeyBuYW1lOiAnNTAzIG9mIGEgUFVULCB3aGljaCBpcyBpZGVtcG90ZW50JywgcmVxdWVzdDogJ21ldGhvZDogUFVUXFxuJywgc3RhdHVzZXM6IFs1MDMsIDIwMF0sIHRyaWVzOiAyLCBzdGF0dXM6IDAgfSxcbiAgeyBuYW1lOiAnNTAzIG9mIGEgREVMRVRFJywgcmVxdWVzdDogJ21ldGhvZDogREVMRVRFXFxuJywgc3RhdHVzZXM6IFs1MDMsIDIwNF0sIHRyaWVzOiAyLCBzdGF0dXM6IDAgfSxcbiAge1xuICAgIG5hbWU6ICc1MDMgb2YgYSBQT1NUIHdpdGggYSBrZXknLFxuICAgIHJlcXVlc3Q6ICdtZXRob2Q6IFBPU1RcXG5pZGVtcG90ZW5jeS1rZXk6IHRydWVcXG4nLFxuICAgIHN0YXR1c2VzOiBbNTAzLCAyMDFdLFxuICAgIHRyaWVzOiAyLFxuICAgIHN0YXR1czogMCxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICc1MDMgb2YgYSBQT1NUIHRoYXQgY2hhbmdlcyBub3RoaW5nJyxcbiAgICByZXF1ZXN0OiAnbWV0aG9kOiBQT1NUXFxuY2hhbmdlczogZmFsc2VcXG4nLFxuICAgIHN0YXR1c2VzOiBbNTAzLCAyMDBdLFxuICAgIHRyaWVzOiAyLFxuICAgIHN0YXR1czogMCxcbiAgfSxcbiAgeyBuYW1lOiAnYSBsb3N0IEdFVCcsIHJlcXVlc3Q6ICcnLCBzdGF0dXNlczogWzAsIDAsIDIwMF0sIHRyaWVzOiAzLCBzdGF0dXM6IDAgfSxcbiAge1xuICAgIG5hbWU6ICdhIGxvc3QgUE9TVCwgd2hpY2ggaXMgaW4gZG91YnQnLFxuICAgIHJlcXVlc3Q6ICdtZXRob2Q6IFBPU1RcXG4nLFxuICAgIHN0YXR1c2VzOiBbMCwgMjAxXSxcbiAgICB0cmllczogMSxcbiAgICBzdGF0dXM6IDMsXG4gICAgZG91YnRzOiAxLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2EgbG9zdCBQT1NUIHdpdGggYSBrZXknLFxuICAgIHJlcXVlc3Q6ICdtZXRob2Q6IFBPU1RcXG5pZGVtcG90ZW5jeS1rZXk6IHRydWVcXG4nLFxuICAgIHN0YXR1c2VzOiBbMCwgMjAxXSxcbiAgICB0cmllczogMixcbiAgICBzdGF0dXM6IDAsXG4gIH0sXG4gIHsgbmFtZTogJ2Egc3RhdHVzIHRoYXQgaXMgZXhwZWN0ZWQnLCByZXF1ZXN0OiAnZXhwZWN0OiB7c3RhdHVzOiA1MDN9XFxuJywgc3RhdHVzZXM6IFs1MDMsIDIwMF0sIHRyaWVzOiAxLCBzdGF0dXM6IDAgfSxcbiAge1xuICAgIG5hbWU6ICdhIGNsYXNzIHRoYXQgaXMgZXhwZWN0ZWQnLFxuICAgIHJlcXVlc3Q6ICdleHBlY3Q6IHtzdGF0dXM6IHtvbmUtb2Y6IFsyeHgsIDR4eF19fVxcbicsXG4gICAgc3RhdHVzZXM6IFs0MjksIDIwMF0sXG4gICAgdHJpZXM6IDEsXG4gICAgc3RhdHVzOiAwLFxuICB9LFxuICB7IG5hbWU6ICc1MDAsIHdoaWNoIG5vYm9keSBuYW1lZCcsIHJlcXVlc3Q6ICcnLCBzdGF0dXNlczogWzUwMCwgMjAwXSwgdHJpZXM6IDEsIHN0YXR1czogMSB9LFxuICB7IG5hbWU6ICdyZWZ1c2VkIHVudGlsIHRoZSB0cmllcyBhcmUgc3BlbnQnLCByZXF1ZXN0OiAnJywgc3RhdHVzZXM6IFs0MjksIDQyOSwgNDI5LCA0MjksIDIwMF0sIHRyaWVzOiA0LCBzdGF0dXM6IDEgfSxcbiAge1xuICAgIG5hbWU6ICdhIHdhaXQgYmV5b25kIHRoZSBjZWlsaW5nJyxcbiAgICByZXF1ZXN0OiAnJyxcbiAgICBzdGF0dXNlczogWzQyOSwgMjAwXSxcbiAgICBoZWFkZXJzOiB7ICdyZXRyeS1hZnRlcic6ICczNjAwJyB9LFxuICAgIHRyaWVzOiAxLFxuICAgIHN0YXR1czogMSxcbiAgfSxcbiAgeyBuYW1lOiAnbm8gcmV0cnknLCByZXF1ZXN0OiAncmV0cnk6IG5vbmVcXG4nLCBzdGF0dXNlczogWzQyOSwgMjAwXSwgdHJpZXM6IDEsIHN0YXR1czogMSB9LFxuXTtcbnRlc3QoJ3doYXQgaXMgc2VudCBhZ2FpbiwgYW5kIHdoYXQgbmV2ZXIgaXMsIGJ5IHN0YXR1cywgbWV0aG9kLCBrZXkgYW5kIHdoYXQgaXMgZXhwZWN0ZWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgb3JpZ2luLCBhc2tlZCB9ID0gYXdhaXQgdmVuZG9yKChvbmUsIGNvdW50LCByZXNwb25zZSwgaW5jb21pbmcpID0+IHtcbiAgICBjb25zdCB7IHN0YXR1c2VzLCBoZWFkZXJzID0ge30gfSA9IGNhc2VzW051bWJlcihvbmUucGF0aC5zbGljZSgyKSldIGFzIENhc2U7XG4gICAgY29uc3QgYW5zd2VyID0gc3RhdHVzZXNbY291bnQgLSAxXSBhcyBudW1iZXI7XG4gICAgaWYgKGFuc3dlciA9PT0gMCkgaW5jb21pbmcuc29ja2V0LmRlc3Ryb3koKTtcbiAgICBlbHNlIHNheShyZXNwb25zZSwgYW5zd2VyLCBhbnN3ZXIgPT09IDQyOSB8fCBhbnN3ZXIgPT09IDUwMyA/IGhlYWRlcnMgOiB7fSwgYW5zd2VyID09PSAyMDQgPyAnJyA6ICd7fScpO1xuICB9KTtcbiAgY29uc3QgZmlsZXMgPSBPYmplY3QuZnJvbUVudHJpZXMoXG4gICAgY2FzZXMubWFwKCh7IHJlcXVlc3QgfSwgYXQpID0+IFtgcmVxdWVzdHMvciR7YXR9LnlhbWxgLCBgdXJsOiBcXCR7b3JpZ2lufS9yJHthdH1cXG4ke3JlcXVlc3R9YF0pLFxuICApO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoe1xuICAgIC4uLmZpbGVzLFxuICAgICdlbnZpcm9ubWVudHMvc2FuZGJveC55YW1sJzogYGNoYW5nZXM6IGFsbG93XFxudmFyaWFibGVzOiB7b3JpZ2luOiBcIiR7b3JpZ2lufVwifVxcbmhvc3RzOiBbMTI3LjAuMC4xXVxcbnJldHJ5OiAke3JldHJ5fVxcbmAsXG4gIH0pO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsIC4uLmNhc2VzLm1hcCgoXywgYXQpID0+IGByJHthdH1gKSwgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGVuZGVkLnN0YXR1cywgMywgZW5kZWQuZXJyKTtcbiAgY29uc3Qgc3VtbWFyaWVzID0gZG9jdW1lbnRMaW5lcyhlbmRlZCkuZmlsdGVyKCh7IGV2ZW50IH0pID0+IGV2ZW50ID09PSAnc3VtbWFyeScpIGFzIHVua25vd24gYXMgU3VtbWFyeVtdO1xuICBjb25zdCBlY2hvZXMgPSBldmVyeUZpbGUoY3dkKS5maWx0ZXIoKHsgcGF0aCB9KSA9PiBwYXRoLmluY2x1ZGVzKCcvZWNob2VzLycpKVswXT8udGV4dCA/PyAnJztcbiAgZm9yIChjb25zdCBbYXQsIHsgbmFtZSwgdHJpZXMsIHN0YXR1cywgZG91YnRzID0gMCB9XSBvZiBjYXNlcy5lbnRyaWVzKCkpIHtcbiAgICBjb25zdCBvd24gPSBhc2tlZC5maWx0ZXIoKHsgcGF0aCB9KSA9PiBwYXRoID09PSBgL3Ike2F0fWApO1xuICAgIGFzc2VydC5lcXVhbChvd24ubGVuZ3RoLCB0cmllcywgbmFtZSk7XG4gICAgYXNzZXJ0LmVxdWFsKHN1bW1hcmllc1thdF0/Lm9rLCBzdGF0dXMgPT09IDAsIG5hbWUpO1xuICAgIGFzc2VydC5lcXVhbChzdW1tYXJpZXNbYXRdPy5pbkRvdWJ0Lmxlbmd0aCwgZG91YnRzLCBuYW1lKTtcbiAgICBhc3NlcnQuZXF1YWwobmV3IFNldChvd24ubWFwKCh7IGtleSB9KSA9PiBrZXkpKS5zaXplLCAxLCBgJHtuYW1lfTogYWxsIHRyaWVzIGNhcnJ5IHRoZSBzYW1lIGtleWApO1xuICAgIGFzc2VydC5lcXVhbChlY2hvZXMuc3BsaXQoYFwicmVxdWVzdFwiOlwiciR7YXR9XCJgKS5sZW5ndGggLSAxLCB0cmllcywgYCR7bmFtZX06IGVhY2ggdHJ5IGhhcyBhbiBlY2hvYCk7XG4gIH1cbn0pO1xuXG50ZXN0KCd3aHkgaXQgd2FzIG5vdCB0cmllZCBhZ2FpbiBpcyBzYWlkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IG9yaWdpbiB9ID0gYXdhaXQgdmVuZG9yKChfYXNrZWQsIF9jb3VudCwgcmVzcG9uc2UpID0+IHNheShyZXNwb25zZSwgNDI5LCB7ICdyZXRyeS1hZnRlcic6ICczNjAwJyB9KSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7ICdyZXF1ZXN0cy9yLnlhbWwnOiBgdXJsOiBcXCR7b3JpZ2lufS9yXFxucmV0cnk6ICR7cmV0cnl9XFxuYCB9LCBvcmlnaW4pO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdyJ10sIHsgY3dkIH0pKS5vdXQsIC9hc2tzIHRvIHdhaXQgNjAgbWluLCBhbmQgcmV0cnkgd2FpdHMgMlxcLjAwIHMgYXQgbW9zdC8pO1xuICBjb25zdCBidXN5ID0gYXdhaXQgdmVuZG9yKChfYXNrZWQsIF9jb3VudCwgcmVzcG9uc2UpID0+IHNheShyZXNwb25zZSwgNDI5KSk7XG4gIGNvbnN0IHNwZW50ID0gY29sbGVjdGlvbk9mKHsgJ3JlcXVlc3RzL3IueWFtbCc6IGB1cmw6IFxcJHtvcmlnaW59L3JcXG5yZXRyeTogJHtyZXRyeX1cXG5gIH0sIGJ1c3kub3JpZ2luKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIChhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnciddLCB7IGN3ZDogc3BlbnQgfSkpLm91dCxcbiAgICAvdHJpZWQgNCB0aW1lcyBpbiBcXGQrIG1zLCBhcyBvZnRlbiBhcyByZXRyeSBhbGxvd3MvLFxuICApO1xuICBjb25zdCBzaG9ydCA9IGNvbGxlY3Rpb25PZihcbiAgICB7ICdyZXF1ZXN0cy9yLnlhbWwnOiAndXJsOiAke29yaWdpbn0vclxcbnJldHJ5OiB7d2FpdDogMjAwbXMsIGdyb3d0aDogMSwgd2l0aGluOiAzMDBtcywgdHJpZXM6IDUwfVxcbicgfSxcbiAgICBidXN5Lm9yaWdpbixcbiAgKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnciddLCB7IGN3ZDogc2hvcnQgfSkpLm91dCwgL2Fub3RoZXIgdHJ5IHdvdWxkIHRha2UgbG9uZ2VyIHRoYW4gcmV0cnkgYWxsb3dzLyk7XG59KTtcblxudGVzdCgnd2hlcmUgbm90aGluZyBpcyBzYWlkLCBhIHJ1biB3YWl0cyBvbmx5IGZvciBhIHNlcnZlciB0aGF0IHNheXMgaG93IGxvbmcsIGFuZCBzZW5kIGZvciBub25lJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB0b2xkID0gYXdhaXQgdmVuZG9yKChfYXNrZWQsIGNvdW50LCByZXNwb25zZSkgPT5cbiAgICBjb3VudCA9PT0gMSA/IHNheShyZXNwb25zZSwgNDI5LCB7ICdyZXRyeS1hZnRlcic6ICcxJyB9KSA6IHNheShyZXNwb25zZSwgMjAwKSxcbiAgKTtcbiAgY29uc3QgZmlsZXMgPSB7ICdyZXF1ZXN0cy9yLnlhbWwnOiAndXJsOiAke29yaWdpbn0vclxcbicgfTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnciddLCB7IGN3ZDogY29sbGVjdGlvbk9mKGZpbGVzLCB0b2xkLm9yaWdpbikgfSkpLnN0YXR1cywgMCk7XG4gIGFzc2VydC5vaygodG9sZC5hc2tlZFsxXT8uYXQgPz8gMCkgLSAodG9sZC5hc2tlZFswXT8uYXQgPz8gMCkgPj0gOTkwKTtcbiAgY29uc3Qgc2lsZW50ID0gYXdhaXQgdmVuZG9yKChfYXNrZWQsIGNvdW50LCByZXNwb25zZSkgPT4gc2F5KHJlc3BvbnNlLCBjb3VudCA9PT0gMSA/IDQyOSA6IDIwMCkpO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICdyJ10sIHsgY3dkOiBjb2xsZWN0aW9uT2YoZmlsZXMsIHNpbGVudC5vcmlnaW4pIH0pKS5zdGF0dXMsIDEpO1xuICBjb25zdCBzZW50ID0gYXdhaXQgdmVuZG9yKChfYXNrZWQsIGNvdW50LCByZXNwb25zZSkgPT5cbiAgICBjb3VudCA9PT0gMSA/IHNheShyZXNwb25zZSwgNDI5LCB7ICdyZXRyeS1hZnRlcic6ICcxJyB9KSA6IHNheShyZXNwb25zZSwgMjAwKSxcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3InXSwgeyBjd2Q6IGNvbGxlY3Rpb25PZihmaWxlcywgc2VudC5vcmlnaW4pIH0pKS5zdGF0dXMsIDEpO1xuICBhc3NlcnQuZXF1YWwoc2VudC5hc2tlZC5sZW5ndGgsIDEpO1xufSk7XG5cbnRlc3QoJ2EgYm9keSB0aGF0IHNheXMgXCJ0b28gYnVzeVwiIGlzIGEgcmVmdXNhbCB0b28nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgb3JpZ2luLCBhc2tlZCB9ID0gYXdhaXQgdmVuZG9yKChfYXNrZWQsIGNvdW50LCByZXNwb25zZSkgPT5cbiAgICBzYXkocmVzcG9uc2UsIDIwMCwge30sIGNvdW50IDwgMyA/ICd7XCJzdGF0ZVwiOiBcImJ1c3lcIn0nIDogJ3tcInN0YXRlXCI6IFwicmVhZHlcIn0nKSxcbiAgKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHsgJ3JlcXVlc3RzL3IueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9yXFxucmV0cnk6IHt3YWl0OiAxMG1zLCBidXN5OiB7JC5zdGF0ZTogYnVzeX19XFxuZXhwZWN0OiB7JC5zdGF0ZTogcmVhZHl9XFxuJyB9LFxuICAgIG9yaWdpbixcbiAgKTtcbiAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAncicsICctLWpzb24nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLm91dCk7XG4gIGFzc2VydC5lcXVhbChhc2tlZC5sZW5ndGgsIDMpO1xuICBhc3NlcnQuZXF1YWwoc3VtbWFyeU9mKGVuZGVkKS5yZWZ1c2VkLCAyKTtcbn0pO1xuXG50ZXN0KCdvbmUgcmVmdXNhbCBzbG93cyB0aGUgd2hvbGUgaG9zdDogbm90aGluZyBpcyBzZW50IHRvIGl0IHdoaWxlIGl0IGFza2VkIGZvciBwYXRpZW5jZScsIGFzeW5jICgpID0+IHtcbiAgbGV0IHJlZnVzZWRBdCA9IDA7XG4gIGNvbnN0IHsgb3JpZ2luLCBhc2tlZCB9ID0gYXdhaXQgdmVuZG9yKChvbmUsIGNvdW50LCByZXNwb25zZSkgPT4ge1xuICAgIGlmIChvbmUucGF0aCA9PT0gJy9uLzUnICYmIGNvdW50ID09PSAxKSB7XG4gICAgICByZWZ1c2VkQXQgPSBvbmUuYXQ7XG4gICAgICBzYXkocmVzcG9uc2UsIDQyOSwgeyAncmV0cnktYWZ0ZXInOiAnMScgfSk7XG4gICAgfSBlbHNlIHNldFRpbWVvdXQoKCkgPT4gc2F5KHJlc3BvbnNlLCAyMDApLCA1KTtcbiAgfSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvci55YW1sJzogJ2lucHV0czoge246IHt9fVxcbnVybDogJHtvcmlnaW59L24ve259XFxuJyxcbiAgICAgICd0cmFpbHMvdC55YW1sJzogJ3N0ZXBzOlxcbiAgLSBmb3ItZWFjaDoge3JhbmdlOiBbMSwgNDBdfVxcbiAgICBhczogblxcbiAgICBhdC1vbmNlOiA0XFxuICAgIHN0ZXBzOiBbe3NlbmQ6IHJ9XVxcbicsXG4gICAgfSxcbiAgICBvcmlnaW4sXG4gICk7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwLCBlbmRlZC5vdXQpO1xuICBhc3NlcnQuZXF1YWwoYXNrZWQubGVuZ3RoLCA0MSk7XG4gIGNvbnN0IGR1cmluZyA9IGFza2VkLmZpbHRlcigoeyBhdCB9KSA9PiBhdCA+IHJlZnVzZWRBdCArIDYwICYmIGF0IDwgcmVmdXNlZEF0ICsgOTUwKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChkdXJpbmcsIFtdLCAndGhlIGhvc3QgaXMgbGVmdCBhbG9uZScpO1xuICBjb25zdCB7IHJlZnVzZWQsIHRyaWVkQWdhaW4sIHdhaXRlZCB9ID0gc3VtbWFyeU9mKGVuZGVkKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChbcmVmdXNlZCwgdHJpZWRBZ2Fpbl0sIFsxLCAxXSk7XG4gIGFzc2VydC5vayh3YWl0ZWQgPj0gOTUwICYmIHdhaXRlZCA8IDE1MDAsIGAke3dhaXRlZH1gKTtcbiAgYXNzZXJ0LmVxdWFsKGRvY3VtZW50TGluZXMoZW5kZWQpLmZpbHRlcigoeyBldmVudCB9KSA9PiBldmVudCA9PT0gJ3dhaXRpbmcnKS5sZW5ndGgsIDEpO1xufSk7XG5cbnRlc3QoJ2EgcGFjZSBnb2VzIGFoZWFkIG9mIHJlZnVzYWxzOiBzbyBtYW55IGF0IG9uY2UsIGFuZCBzbyBtYW55IGEgc2Vjb25kJywgYXN5bmMgKCkgPT4ge1xuICBsZXQgW2FjdGl2ZSwgbW9zdF0gPSBbMCwgMF07XG4gIGNvbnN0IHsgb3JpZ2luLCBhc2tlZCB9ID0gYXdhaXQgdmVuZG9yKChfYXNrZWQsIF9jb3VudCwgcmVzcG9uc2UpID0+IHtcbiAgICBhY3RpdmUgKz0gMTtcbiAgICBtb3N0ID0gTWF0aC5tYXgobW9zdCwgYWN0aXZlKTtcbiAgICBzZXRUaW1lb3V0KCgpID0+IHtcbiAgICAgIGFjdGl2ZSAtPSAxO1xuICAgICAgc2F5KHJlc3BvbnNlLCAyMDApO1xuICAgIH0sIDEwKTtcbiAgfSk7XG4gIGNvbnN0IHRyYWlsID0gJ3N0ZXBzOlxcbiAgLSBmb3ItZWFjaDoge3JhbmdlOiBbMSwgMjBdfVxcbiAgICBhczogblxcbiAgICBhdC1vbmNlOiAxNlxcbiAgICBzdGVwczogW3tzZW5kOiByfV1cXG4nO1xuICBjb25zdCBmaWxlcyA9IChwYWNlOiBzdHJpbmcpOiBSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+ID0+ICh7XG4gICAgJ3JlcXVlc3RzL3IueWFtbCc6ICdpbnB1dHM6IHtuOiB7fX1cXG51cmw6ICR7b3JpZ2lufS9uL3tufVxcbicsXG4gICAgJ3RyYWlscy90LnlhbWwnOiB0cmFpbCxcbiAgICAnZW52aXJvbm1lbnRzL3NhbmRib3gueWFtbCc6IGBjaGFuZ2VzOiBhbGxvd1xcbnZhcmlhYmxlczoge29yaWdpbjogXCIke29yaWdpbn1cIn1cXG5ob3N0czogWzEyNy4wLjAuMV1cXG5wYWNlOiAke3BhY2V9XFxuYCxcbiAgfSk7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnXSwgeyBjd2Q6IGNvbGxlY3Rpb25PZihmaWxlcygne2F0LW9uY2U6IDN9JykpIH0pKS5zdGF0dXMsIDApO1xuICBhc3NlcnQuZXF1YWwobW9zdCwgMyk7XG4gIGFza2VkLmxlbmd0aCA9IDA7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnXSwgeyBjd2Q6IGNvbGxlY3Rpb25PZihmaWxlcygne3Blci1zZWNvbmQ6IDQwfScpKSB9KSkuc3RhdHVzLCAwKTtcbiAgY29uc3Qgc3BhbiA9IChhc2tlZC5hdCgtMSk/LmF0ID8/IDApIC0gKGFza2VkWzBdPy5hdCA/PyAwKTtcbiAgYXNzZXJ0Lm9rKHNwYW4gPj0gNDUwICYmIHNwYW4gPCAxNTAwLCBgMjAgaW4gJHtzcGFufSBtc2ApO1xufSk7XG5cbnRlc3QoJ2EgcXVvdGEgdGhhdCBpcyBzcGVudCBpcyB3YWl0ZWQgZm9yLCBhaGVhZCBvZiBhIHJlZnVzYWwnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgb3JpZ2luLCBhc2tlZCB9ID0gYXdhaXQgdmVuZG9yKChfYXNrZWQsIGNvdW50LCByZXNwb25zZSkgPT5cbiAgICBzYXkocmVzcG9uc2UsIDIwMCwgeyByYXRlbGltaXQ6IGBcInFcIjtyPSR7Y291bnQgPT09IDEgPyAwIDogOX07dD0xYCB9KSxcbiAgKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHsgJ3JlcXVlc3RzL3IueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9yXFxuJywgJ3RyYWlscy90LnlhbWwnOiAnc3RlcHM6IFt7c2VuZDogcn0sIHtzZW5kOiByfV1cXG4nIH0sXG4gICAgb3JpZ2luLFxuICApO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICd0JywgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGVuZGVkLnN0YXR1cywgMCk7XG4gIGFzc2VydC5vaygoYXNrZWRbMV0/LmF0ID8/IDApIC0gKGFza2VkWzBdPy5hdCA/PyAwKSA+PSA5NTApO1xuICBhc3NlcnQuZXF1YWwoc3VtbWFyeU9mKGVuZGVkKS5yZWZ1c2VkLCAwKTtcbn0pO1xuXG50ZXN0KCdhIGh1bmRyZWQgbm90aWNlcyB0aHJvdWdoIGEgY3Jvd2RlZCBib2FyZCwgaG93ZXZlciBpdCByZWZ1c2VzOiBhIGh1bmRyZWQgb2YgYSBodW5kcmVkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB3YXlzID0gWydzZWNvbmRzJywgJ2RhdGUnLCAnc2lsZW50JywgJ2xpbWl0cycsICdib2R5J107XG4gIGF3YWl0IFByb21pc2UuYWxsKHdheXMubWFwKGhhcnZlc3RlZCkpO1xufSk7XG5cbmFzeW5jIGZ1bmN0aW9uIGhhcnZlc3RlZCh3YXk6IHN0cmluZyk6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ3JlcXVlc3RzL25vdGljZS55YW1sJzogYGlucHV0czoge251bWJlcjoge319XFxudXJsOiBcXCR7b3JpZ2lufS9ib2FyZC9ub3RpY2VzL3tudW1iZXJ9XFxucXVlcnk6IHtyZWZ1c2FsOiAke3dheX0sIGNhbGxlcjogJHt3YXl9LCBxdW90YTogMjV9XFxucmV0cnk6IHt3YWl0OiAzMDBtcywgZ3Jvd3RoOiAxLjUsIGNlaWxpbmc6IDNzLCB0cmllczogMTIsIGJ1c3k6IHskLnN0YXRlOiBidXN5fX1cXG5leHBlY3Q6IHskLm51bWJlcjoge2V4aXN0czogdHJ1ZX19XFxuYCxcbiAgICAgICd0cmFpbHMvdC55YW1sJzpcbiAgICAgICAgJ3N0ZXBzOlxcbiAgLSBmb3ItZWFjaDoge3JhbmdlOiBbMSwgMTAwXX1cXG4gICAgYXM6IG51bWJlclxcbiAgICBhdC1vbmNlOiA4XFxuICAgIHN0ZXBzOiBbe3NlbmQ6IG5vdGljZX1dXFxuICAgIHRhYmxlOiB7Y29sdW1uczoge246IFwiJHtudW1iZXJ9XCIsIHN1YmplY3Q6ICQuc3ViamVjdH0sIHRvOiBkYXRhL24uY3N2fVxcbicsXG4gICAgfSxcbiAgICBzdGFuZGluLm9yaWdpbixcbiAgKTtcbiAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndCcsICctLWpzb24nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLm91dC5zbGljZSgtMjAwMCkgKyBlbmRlZC5lcnIpO1xuICBjb25zdCB7IHJlZnVzZWQsIHRyaWVkQWdhaW4sIHdhaXRlZCB9ID0gc3VtbWFyeU9mKGVuZGVkKTtcbiAgaWYgKHdheSAhPT0gJ2xpbWl0cycpIGFzc2VydC5vayhyZWZ1c2VkID49IDEgJiYgdHJpZWRBZ2FpbiA+PSAxLCBgJHt3YXl9OiAke3JlZnVzZWR9IHJlZnVzZWRgKTtcbiAgYXNzZXJ0Lm9rKHdhaXRlZCA+IDEwMCwgYCR7d2F5fTogd2FpdGVkICR7d2FpdGVkfSBtc2ApO1xuICBjb25zdCBzdGVwID0gZG9jdW1lbnRMaW5lcyhlbmRlZCkuZmluZCgoeyBraW5kIH0pID0+IGtpbmQgPT09ICdmb3ItZWFjaCcpIGFzIHVua25vd24gYXMgeyBtZW1iZXJzOiBvYmplY3QgfTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChzdGVwLm1lbWJlcnMsIHsgb2s6IDEwMCwgZmFpbGVkOiAwLCBwYXNzZWQ6IDAgfSk7XG59XG5cbnRlc3QoJ3RoZSBoYXJ2ZXN0IG9mIHRoZSBkZW1vIHNheXMgaG93IG9mdGVuIGl0IHdhcyByZWZ1c2VkLCBhbmQgaG93IGxvbmcgaXQgd2FpdGVkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBkZW1vQ29sbGVjdGlvbihzdGFuZGluLm9yaWdpbik7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ25vdGljZXMtaGFydmVzdCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGVuZGVkLnN0YXR1cywgMCwgZW5kZWQub3V0KTtcbiAgYXNzZXJ0Lm1hdGNoKGVuZGVkLm91dCwgL29rICtoYXJ2ZXN0ICsxMDAgb2YgMTAwLyk7XG4gIGFzc2VydC5tYXRjaChlbmRlZC5vdXQsIC9cXGQrIHJlZnVzZWQsIFxcZCsgdHJpZWQgYWdhaW4sIHdhaXRlZCBcXGQvKTtcbiAgYXNzZXJ0Lm1hdGNoKGVuZGVkLmVyciwgL3dhaXRpbmcgMTI3XFwuMFxcLjBcXC4xOlxcZCs6IDFcXC4wMCBzIFxcKHN0YXR1cyA0Mjk7IGFzIHRoZSBzZXJ2ZXIgYXNrc1xcKS8pO1xufSk7XG5cbnRlc3QoJ2Egd2FpdCB0aGF0IGlzIGludGVycnVwdGVkIGVuZHMgYXQgb25jZScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBvcmlnaW4gfSA9IGF3YWl0IHZlbmRvcigoX2Fza2VkLCBfY291bnQsIHJlc3BvbnNlKSA9PiBzYXkocmVzcG9uc2UsIDQyOSwgeyAncmV0cnktYWZ0ZXInOiAnMzAnIH0pKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHsgJ3JlcXVlc3RzL3IueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9yXFxucmV0cnk6IHtjZWlsaW5nOiA2MHN9XFxuJyB9LCBvcmlnaW4pO1xuICBjb25zdCBzdGFydGVkID0gcGVyZm9ybWFuY2Uubm93KCk7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3InXSwge1xuICAgIGN3ZCxcbiAgICBtZWFud2hpbGU6IChjaGlsZCkgPT4gc2V0VGltZW91dCgoKSA9PiBjaGlsZC5raWxsKCdTSUdJTlQnKSwgMTIwMCksXG4gIH0pO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAxMzApO1xuICBhc3NlcnQub2socGVyZm9ybWFuY2Uubm93KCkgLSBzdGFydGVkIDwgNjAwMCk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxvQkFBK0Q7QUFDeEUsU0FBUyxPQUFPLFlBQVk7QUFLNUIsSUFBTSxVQUFVLE1BQU0sbUJBQW1CO0FBVXpDLElBQU0sWUFBWSxDQUFDLFVBQTBCLGNBQWMsS0FBSyxFQUFFLEdBQUcsRUFBRTtBQVV2RSxlQUFlLE9BQ2IsUUFDNkM7QUFDN0MsUUFBTSxRQUFpQixDQUFDO0FBQ3hCLFFBQU0sU0FBUyxvQkFBSSxJQUFvQjtBQUN2QyxRQUFNLFFBQVEsWUFBWSxJQUFJO0FBQzlCLFFBQU0sU0FBUyxhQUFhLENBQUMsU0FBUyxhQUFhO0FBQ2pELFVBQU0sRUFBRSxTQUFTLElBQUksTUFBTSxHQUFHLElBQUk7QUFDbEMsVUFBTSxNQUFNLEVBQUUsUUFBUSxNQUFNLEtBQUssS0FBSyxRQUFRLFFBQVEsaUJBQWlCLEdBQWEsSUFBSSxZQUFZLElBQUksSUFBSSxNQUFNO0FBQ2xILFVBQU0sS0FBSyxHQUFHO0FBQ2QsVUFBTSxTQUFTLE9BQU8sSUFBSSxHQUFHLE1BQU0sSUFBSSxHQUFHLEVBQUUsS0FBSyxLQUFLO0FBQ3RELFdBQU8sSUFBSSxHQUFHLE1BQU0sSUFBSSxHQUFHLElBQUksS0FBSztBQUNwQyxZQUFRLE9BQU8sRUFBRSxHQUFHLE9BQU8sTUFBTSxPQUFPLEtBQUssT0FBTyxVQUFVLE9BQU8sQ0FBQztBQUFBLEVBQ3hFLENBQUM7QUFDRCxRQUFNLElBQUksUUFBYyxDQUFDLFlBQVksT0FBTyxPQUFPLEdBQUcsYUFBYSxPQUFPLENBQUM7QUFDM0UsUUFBTSxNQUFNO0FBQ1YsV0FBTyxvQkFBb0I7QUFDM0IsV0FBTyxNQUFNO0FBQUEsRUFDZixDQUFDO0FBQ0QsUUFBTSxVQUFVLE9BQU8sUUFBUTtBQUMvQixTQUFPLEVBQUUsT0FBTyxRQUFRLG9CQUFvQixPQUFPLFlBQVksWUFBWSxVQUFVLFFBQVEsT0FBTyxDQUFDLEdBQUc7QUFDMUc7QUFFQSxJQUFNLE1BQU0sQ0FBQyxVQUEwQixRQUFnQixVQUFrQyxDQUFDLEdBQUcsT0FBTyxTQUNsRyxLQUFLLFNBQVMsVUFBVSxRQUFRLEVBQUUsZ0JBQWdCLG9CQUFvQixHQUFHLFFBQVEsQ0FBQyxFQUFFLElBQUksSUFBSTtBQUU5RixJQUFNLFFBQVE7QUFjZCxJQUFNLFFBQXlCO0FBQUEsRUFDN0IsRUFBRSxNQUFNLGdCQUFnQixTQUFTLElBQUksVUFBVSxDQUFDLEtBQUssS0FBSyxHQUFHLEdBQUcsT0FBTyxHQUFHLFFBQVEsRUFBRTtBQUFBLEVBQ3BGLEVBQUUsTUFBTSxpQkFBaUIsU0FBUyxrQkFBa0IsVUFBVSxDQUFDLEtBQUssR0FBRyxHQUFHLE9BQU8sR0FBRyxRQUFRLEVBQUU7QUFBQSxFQUM5RixFQUFFLE1BQU0sZ0JBQWdCLFNBQVMsSUFBSSxVQUFVLENBQUMsS0FBSyxHQUFHLEdBQUcsT0FBTyxHQUFHLFFBQVEsRUFBRTtBQUFBLEVBQy9FO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixTQUFTO0FBQUEsSUFDVCxVQUFVLENBQUMsS0FBSyxHQUFHO0FBQUEsSUFDbkIsT0FBTztBQUFBLElBQ1AsUUFBUTtBQUFBLEVBQ1Y7QUFBQSxFQUNBLEVBQUUsTUFBTSxxQ0FBcUMsU0FBUyxpQkFBaUIsVUFBVSxDQUFDLEtBQUssR0FBRyxHQUFHLE9BQU8sR0FBRyxRQUFRLEVBQUU7QUFBQSxFQUNqSCxFQUFFLE1BQU0sbUJBQW1CLFNBQVMsb0JBQW9CLFVBQVUsQ0FBQyxLQUFLLEdBQUcsR0FBRyxPQUFPLEdBQUcsUUFBUSxFQUFFO0FBQUEsRUFDbEc7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLFNBQVM7QUFBQSxJQUNULFVBQVUsQ0FBQyxLQUFLLEdBQUc7QUFBQSxJQUNuQixPQUFPO0FBQUEsSUFDUCxRQUFRO0FBQUEsRUFDVjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLFNBQVM7QUFBQSxJQUNULFVBQVUsQ0FBQyxLQUFLLEdBQUc7QUFBQSxJQUNuQixPQUFPO0FBQUEsSUFDUCxRQUFRO0FBQUEsRUFDVjtBQUFBLEVBQ0EsRUFBRSxNQUFNLGNBQWMsU0FBUyxJQUFJLFVBQVUsQ0FBQyxHQUFHLEdBQUcsR0FBRyxHQUFHLE9BQU8sR0FBRyxRQUFRLEVBQUU7QUFBQSxFQUM5RTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sU0FBUztBQUFBLElBQ1QsVUFBVSxDQUFDLEdBQUcsR0FBRztBQUFBLElBQ2pCLE9BQU87QUFBQSxJQUNQLFFBQVE7QUFBQSxJQUNSLFFBQVE7QUFBQSxFQUNWO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sU0FBUztBQUFBLElBQ1QsVUFBVSxDQUFDLEdBQUcsR0FBRztBQUFBLElBQ2pCLE9BQU87QUFBQSxJQUNQLFFBQVE7QUFBQSxFQUNWO0FBQUEsRUFDQSxFQUFFLE1BQU0sNkJBQTZCLFNBQVMsMkJBQTJCLFVBQVUsQ0FBQyxLQUFLLEdBQUcsR0FBRyxPQUFPLEdBQUcsUUFBUSxFQUFFO0FBQUEsRUFDbkg7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLFNBQVM7QUFBQSxJQUNULFVBQVUsQ0FBQyxLQUFLLEdBQUc7QUFBQSxJQUNuQixPQUFPO0FBQUEsSUFDUCxRQUFRO0FBQUEsRUFDVjtBQUFBLEVBQ0EsRUFBRSxNQUFNLDJCQUEyQixTQUFTLElBQUksVUFBVSxDQUFDLEtBQUssR0FBRyxHQUFHLE9BQU8sR0FBRyxRQUFRLEVBQUU7QUFBQSxFQUMxRixFQUFFLE1BQU0scUNBQXFDLFNBQVMsSUFBSSxVQUFVLENBQUMsS0FBSyxLQUFLLEtBQUssS0FBSyxHQUFHLEdBQUcsT0FBTyxHQUFHLFFBQVEsRUFBRTtBQUFBLEVBQ25IO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixTQUFTO0FBQUEsSUFDVCxVQUFVLENBQUMsS0FBSyxHQUFHO0FBQUEsSUFDbkIsU0FBUyxFQUFFLGVBQWUsT0FBTztBQUFBLElBQ2pDLE9BQU87QUFBQSxJQUNQLFFBQVE7QUFBQSxFQUNWO0FBQUEsRUFDQSxFQUFFLE1BQU0sWUFBWSxTQUFTLGlCQUFpQixVQUFVLENBQUMsS0FBSyxHQUFHLEdBQUcsT0FBTyxHQUFHLFFBQVEsRUFBRTtBQUMxRjtBQUNBLEtBQUssc0ZBQXNGLFlBQVk7QUFDckcsUUFBTSxFQUFFLFFBQVEsTUFBTSxJQUFJLE1BQU0sT0FBTyxDQUFDLEtBQUssT0FBTyxVQUFVLGFBQWE7QUFDekUsVUFBTSxFQUFFLFVBQVUsVUFBVSxDQUFDLEVBQUUsSUFBSSxNQUFNLE9BQU8sSUFBSSxLQUFLLE1BQU0sQ0FBQyxDQUFDLENBQUM7QUFDbEUsVUFBTSxTQUFTLFNBQVMsUUFBUSxDQUFDO0FBQ2pDLFFBQUksV0FBVyxFQUFHLFVBQVMsT0FBTyxRQUFRO0FBQUEsUUFDckMsS0FBSSxVQUFVLFFBQVEsV0FBVyxPQUFPLFdBQVcsTUFBTSxVQUFVLENBQUMsR0FBRyxXQUFXLE1BQU0sS0FBSyxJQUFJO0FBQUEsRUFDeEcsQ0FBQztBQUNELFFBQU0sUUFBUSxPQUFPO0FBQUEsSUFDbkIsTUFBTSxJQUFJLENBQUMsRUFBRSxRQUFRLEdBQUcsT0FBTyxDQUFDLGFBQWEsRUFBRSxTQUFTLG9CQUFvQixFQUFFO0FBQUEsRUFBSyxPQUFPLEVBQUUsQ0FBQztBQUFBLEVBQy9GO0FBQ0EsUUFBTSxNQUFNLGFBQWE7QUFBQSxJQUN2QixHQUFHO0FBQUEsSUFDSCw2QkFBNkI7QUFBQSx1QkFBd0MsTUFBTTtBQUFBO0FBQUEsU0FBa0MsS0FBSztBQUFBO0FBQUEsRUFDcEgsQ0FBQztBQUNELFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLEdBQUcsTUFBTSxJQUFJLENBQUMsR0FBRyxPQUFPLElBQUksRUFBRSxFQUFFLEdBQUcsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzNGLFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDdkMsUUFBTSxZQUFZLGNBQWMsS0FBSyxFQUFFLE9BQU8sQ0FBQyxFQUFFLE1BQU0sTUFBTSxVQUFVLFNBQVM7QUFDaEYsUUFBTSxTQUFTLFVBQVUsR0FBRyxFQUFFLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxLQUFLLFNBQVMsVUFBVSxDQUFDLEVBQUUsQ0FBQyxHQUFHLFFBQVE7QUFDMUYsYUFBVyxDQUFDLElBQUksRUFBRSxNQUFNLE9BQU8sUUFBUSxTQUFTLEVBQUUsQ0FBQyxLQUFLLE1BQU0sUUFBUSxHQUFHO0FBQ3ZFLFVBQU0sTUFBTSxNQUFNLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLEtBQUssRUFBRSxFQUFFO0FBQ3pELFdBQU8sTUFBTSxJQUFJLFFBQVEsT0FBTyxJQUFJO0FBQ3BDLFdBQU8sTUFBTSxVQUFVLEVBQUUsR0FBRyxJQUFJLFdBQVcsR0FBRyxJQUFJO0FBQ2xELFdBQU8sTUFBTSxVQUFVLEVBQUUsR0FBRyxRQUFRLFFBQVEsUUFBUSxJQUFJO0FBQ3hELFdBQU8sTUFBTSxJQUFJLElBQUksSUFBSSxJQUFJLENBQUMsRUFBRSxJQUFJLE1BQU0sR0FBRyxDQUFDLEVBQUUsTUFBTSxHQUFHLEdBQUcsSUFBSSxnQ0FBZ0M7QUFDaEcsV0FBTyxNQUFNLE9BQU8sTUFBTSxlQUFlLEVBQUUsR0FBRyxFQUFFLFNBQVMsR0FBRyxPQUFPLEdBQUcsSUFBSSx3QkFBd0I7QUFBQSxFQUNwRztBQUNGLENBQUM7QUFFRCxLQUFLLHNDQUFzQyxZQUFZO0FBQ3JELFFBQU0sRUFBRSxPQUFPLElBQUksTUFBTSxPQUFPLENBQUMsUUFBUSxRQUFRLGFBQWEsSUFBSSxVQUFVLEtBQUssRUFBRSxlQUFlLE9BQU8sQ0FBQyxDQUFDO0FBQzNHLFFBQU0sTUFBTSxhQUFhLEVBQUUsbUJBQW1CO0FBQUEsU0FBNkIsS0FBSztBQUFBLEVBQUssR0FBRyxNQUFNO0FBQzlGLFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLEdBQUcsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUssc0RBQXNEO0FBQ2pILFFBQU0sT0FBTyxNQUFNLE9BQU8sQ0FBQyxRQUFRLFFBQVEsYUFBYSxJQUFJLFVBQVUsR0FBRyxDQUFDO0FBQzFFLFFBQU0sUUFBUSxhQUFhLEVBQUUsbUJBQW1CO0FBQUEsU0FBNkIsS0FBSztBQUFBLEVBQUssR0FBRyxLQUFLLE1BQU07QUFDckcsU0FBTztBQUFBLEtBQ0osTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUcsRUFBRSxLQUFLLE1BQU0sQ0FBQyxHQUFHO0FBQUEsSUFDaEQ7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRO0FBQUEsSUFDWixFQUFFLG1CQUFtQixnRkFBZ0Y7QUFBQSxJQUNyRyxLQUFLO0FBQUEsRUFDUDtBQUNBLFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLEdBQUcsR0FBRyxFQUFFLEtBQUssTUFBTSxDQUFDLEdBQUcsS0FBSyxpREFBaUQ7QUFDckgsQ0FBQztBQUVELEtBQUssOEZBQThGLFlBQVk7QUFDN0csUUFBTSxPQUFPLE1BQU07QUFBQSxJQUFPLENBQUMsUUFBUSxPQUFPLGFBQ3hDLFVBQVUsSUFBSSxJQUFJLFVBQVUsS0FBSyxFQUFFLGVBQWUsSUFBSSxDQUFDLElBQUksSUFBSSxVQUFVLEdBQUc7QUFBQSxFQUM5RTtBQUNBLFFBQU0sUUFBUSxFQUFFLG1CQUFtQixxQkFBcUI7QUFDeEQsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxHQUFHLEVBQUUsS0FBSyxhQUFhLE9BQU8sS0FBSyxNQUFNLEVBQUUsQ0FBQyxHQUFHLFFBQVEsQ0FBQztBQUNqRyxTQUFPLElBQUksS0FBSyxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sS0FBSyxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sR0FBRztBQUNwRSxRQUFNLFNBQVMsTUFBTSxPQUFPLENBQUMsUUFBUSxPQUFPLGFBQWEsSUFBSSxVQUFVLFVBQVUsSUFBSSxNQUFNLEdBQUcsQ0FBQztBQUMvRixTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUcsRUFBRSxLQUFLLGFBQWEsT0FBTyxPQUFPLE1BQU0sRUFBRSxDQUFDLEdBQUcsUUFBUSxDQUFDO0FBQ25HLFFBQU0sT0FBTyxNQUFNO0FBQUEsSUFBTyxDQUFDLFFBQVEsT0FBTyxhQUN4QyxVQUFVLElBQUksSUFBSSxVQUFVLEtBQUssRUFBRSxlQUFlLElBQUksQ0FBQyxJQUFJLElBQUksVUFBVSxHQUFHO0FBQUEsRUFDOUU7QUFDQSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxHQUFHLEdBQUcsRUFBRSxLQUFLLGFBQWEsT0FBTyxLQUFLLE1BQU0sRUFBRSxDQUFDLEdBQUcsUUFBUSxDQUFDO0FBQ2xHLFNBQU8sTUFBTSxLQUFLLE1BQU0sUUFBUSxDQUFDO0FBQ25DLENBQUM7QUFFRCxLQUFLLGdEQUFnRCxZQUFZO0FBQy9ELFFBQU0sRUFBRSxRQUFRLE1BQU0sSUFBSSxNQUFNO0FBQUEsSUFBTyxDQUFDLFFBQVEsT0FBTyxhQUNyRCxJQUFJLFVBQVUsS0FBSyxDQUFDLEdBQUcsUUFBUSxJQUFJLHNCQUFzQixvQkFBb0I7QUFBQSxFQUMvRTtBQUNBLFFBQU0sTUFBTTtBQUFBLElBQ1YsRUFBRSxtQkFBbUIsMkZBQTJGO0FBQUEsSUFDaEg7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDN0QsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxNQUFNLFVBQVUsS0FBSyxFQUFFLFNBQVMsQ0FBQztBQUMxQyxDQUFDO0FBRUQsS0FBSyx1RkFBdUYsWUFBWTtBQUN0RyxNQUFJLFlBQVk7QUFDaEIsUUFBTSxFQUFFLFFBQVEsTUFBTSxJQUFJLE1BQU0sT0FBTyxDQUFDLEtBQUssT0FBTyxhQUFhO0FBQy9ELFFBQUksSUFBSSxTQUFTLFVBQVUsVUFBVSxHQUFHO0FBQ3RDLGtCQUFZLElBQUk7QUFDaEIsVUFBSSxVQUFVLEtBQUssRUFBRSxlQUFlLElBQUksQ0FBQztBQUFBLElBQzNDLE1BQU8sWUFBVyxNQUFNLElBQUksVUFBVSxHQUFHLEdBQUcsQ0FBQztBQUFBLEVBQy9DLENBQUM7QUFDRCxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxtQkFBbUI7QUFBQSxNQUNuQixpQkFBaUI7QUFBQSxJQUNuQjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDN0QsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxTQUFPLE1BQU0sTUFBTSxRQUFRLEVBQUU7QUFDN0IsUUFBTSxTQUFTLE1BQU0sT0FBTyxDQUFDLEVBQUUsR0FBRyxNQUFNLEtBQUssWUFBWSxNQUFNLEtBQUssWUFBWSxHQUFHO0FBQ25GLFNBQU8sVUFBVSxRQUFRLENBQUMsR0FBRyx3QkFBd0I7QUFDckQsUUFBTSxFQUFFLFNBQVMsWUFBWSxPQUFPLElBQUksVUFBVSxLQUFLO0FBQ3ZELFNBQU8sVUFBVSxDQUFDLFNBQVMsVUFBVSxHQUFHLENBQUMsR0FBRyxDQUFDLENBQUM7QUFDOUMsU0FBTyxHQUFHLFVBQVUsT0FBTyxTQUFTLE1BQU0sR0FBRyxNQUFNLEVBQUU7QUFDckQsU0FBTyxNQUFNLGNBQWMsS0FBSyxFQUFFLE9BQU8sQ0FBQyxFQUFFLE1BQU0sTUFBTSxVQUFVLFNBQVMsRUFBRSxRQUFRLENBQUM7QUFDeEYsQ0FBQztBQUVELEtBQUssd0VBQXdFLFlBQVk7QUFDdkYsTUFBSSxDQUFDLFFBQVEsSUFBSSxJQUFJLENBQUMsR0FBRyxDQUFDO0FBQzFCLFFBQU0sRUFBRSxRQUFRLE1BQU0sSUFBSSxNQUFNLE9BQU8sQ0FBQyxRQUFRLFFBQVEsYUFBYTtBQUNuRSxjQUFVO0FBQ1YsV0FBTyxLQUFLLElBQUksTUFBTSxNQUFNO0FBQzVCLGVBQVcsTUFBTTtBQUNmLGdCQUFVO0FBQ1YsVUFBSSxVQUFVLEdBQUc7QUFBQSxJQUNuQixHQUFHLEVBQUU7QUFBQSxFQUNQLENBQUM7QUFDRCxRQUFNLFFBQVE7QUFDZCxRQUFNLFFBQVEsQ0FBQyxVQUEwQztBQUFBLElBQ3ZELG1CQUFtQjtBQUFBLElBQ25CLGlCQUFpQjtBQUFBLElBQ2pCLDZCQUE2QjtBQUFBLHVCQUF3QyxNQUFNO0FBQUE7QUFBQSxRQUFpQyxJQUFJO0FBQUE7QUFBQSxFQUNsSDtBQUNBLFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxPQUFPLEdBQUcsR0FBRyxFQUFFLEtBQUssYUFBYSxNQUFNLGNBQWMsQ0FBQyxFQUFFLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDcEcsU0FBTyxNQUFNLE1BQU0sQ0FBQztBQUNwQixRQUFNLFNBQVM7QUFDZixTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUcsRUFBRSxLQUFLLGFBQWEsTUFBTSxrQkFBa0IsQ0FBQyxFQUFFLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDeEcsUUFBTSxRQUFRLE1BQU0sR0FBRyxFQUFFLEdBQUcsTUFBTSxNQUFNLE1BQU0sQ0FBQyxHQUFHLE1BQU07QUFDeEQsU0FBTyxHQUFHLFFBQVEsT0FBTyxPQUFPLE1BQU0sU0FBUyxJQUFJLEtBQUs7QUFDMUQsQ0FBQztBQUVELEtBQUssMkRBQTJELFlBQVk7QUFDMUUsUUFBTSxFQUFFLFFBQVEsTUFBTSxJQUFJLE1BQU07QUFBQSxJQUFPLENBQUMsUUFBUSxPQUFPLGFBQ3JELElBQUksVUFBVSxLQUFLLEVBQUUsV0FBVyxTQUFTLFVBQVUsSUFBSSxJQUFJLENBQUMsT0FBTyxDQUFDO0FBQUEsRUFDdEU7QUFDQSxRQUFNLE1BQU07QUFBQSxJQUNWLEVBQUUsbUJBQW1CLHNCQUFzQixpQkFBaUIsa0NBQWtDO0FBQUEsSUFDOUY7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sS0FBSyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDN0QsU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzVCLFNBQU8sSUFBSSxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sTUFBTSxDQUFDLEdBQUcsTUFBTSxNQUFNLEdBQUc7QUFDMUQsU0FBTyxNQUFNLFVBQVUsS0FBSyxFQUFFLFNBQVMsQ0FBQztBQUMxQyxDQUFDO0FBRUQsS0FBSyx5RkFBeUYsWUFBWTtBQUN4RyxRQUFNLE9BQU8sQ0FBQyxXQUFXLFFBQVEsVUFBVSxVQUFVLE1BQU07QUFDM0QsUUFBTSxRQUFRLElBQUksS0FBSyxJQUFJLFNBQVMsQ0FBQztBQUN2QyxDQUFDO0FBRUQsZUFBZSxVQUFVLEtBQTRCO0FBQ25ELFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLHdCQUF3QjtBQUFBO0FBQUEsbUJBQWtGLEdBQUcsYUFBYSxHQUFHO0FBQUE7QUFBQTtBQUFBO0FBQUEsTUFDN0gsaUJBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQSxRQUFRO0FBQUEsRUFDVjtBQUNBLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzdELFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLElBQUksTUFBTSxJQUFLLElBQUksTUFBTSxHQUFHO0FBQ2hFLFFBQU0sRUFBRSxTQUFTLFlBQVksT0FBTyxJQUFJLFVBQVUsS0FBSztBQUN2RCxNQUFJLFFBQVEsU0FBVSxRQUFPLEdBQUcsV0FBVyxLQUFLLGNBQWMsR0FBRyxHQUFHLEdBQUcsS0FBSyxPQUFPLFVBQVU7QUFDN0YsU0FBTyxHQUFHLFNBQVMsS0FBSyxHQUFHLEdBQUcsWUFBWSxNQUFNLEtBQUs7QUFDckQsUUFBTSxPQUFPLGNBQWMsS0FBSyxFQUFFLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLFVBQVU7QUFDeEUsU0FBTyxVQUFVLEtBQUssU0FBUyxFQUFFLElBQUksS0FBSyxRQUFRLEdBQUcsUUFBUSxFQUFFLENBQUM7QUFDbEU7QUFFQSxLQUFLLGlGQUFpRixZQUFZO0FBQ2hHLFFBQU0sTUFBTSxlQUFlLFFBQVEsTUFBTTtBQUN6QyxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxpQkFBaUIsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNqRSxTQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUcsTUFBTSxHQUFHO0FBQ3ZDLFNBQU8sTUFBTSxNQUFNLEtBQUsseUJBQXlCO0FBQ2pELFNBQU8sTUFBTSxNQUFNLEtBQUsseUNBQXlDO0FBQ2pFLFNBQU8sTUFBTSxNQUFNLEtBQUssc0VBQXNFO0FBQ2hHLENBQUM7QUFFRCxLQUFLLDJDQUEyQyxZQUFZO0FBQzFELFFBQU0sRUFBRSxPQUFPLElBQUksTUFBTSxPQUFPLENBQUMsUUFBUSxRQUFRLGFBQWEsSUFBSSxVQUFVLEtBQUssRUFBRSxlQUFlLEtBQUssQ0FBQyxDQUFDO0FBQ3pHLFFBQU0sTUFBTSxhQUFhLEVBQUUsbUJBQW1CLDRDQUE0QyxHQUFHLE1BQU07QUFDbkcsUUFBTSxVQUFVLFlBQVksSUFBSTtBQUNoQyxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUc7QUFBQSxJQUMxQztBQUFBLElBQ0EsV0FBVyxDQUFDLFVBQVUsV0FBVyxNQUFNLE1BQU0sS0FBSyxRQUFRLEdBQUcsSUFBSTtBQUFBLEVBQ25FLENBQUM7QUFDRCxTQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUc7QUFDOUIsU0FBTyxHQUFHLFlBQVksSUFBSSxJQUFJLFVBQVUsR0FBSTtBQUM5QyxDQUFDOyIsCiAgIm5hbWVzIjogW10KfQo=
