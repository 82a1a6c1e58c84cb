import {
  collectionOf,
  document,
  echoTrail
} from "../parts/chunk-JFRZJ6A5.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/echoes.test.ts
import assert from "node:assert/strict";
import { readdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
var listed = (ended) => document(ended).echoes;
async function vendor() {
  const heads = [];
  const server = await rawServer((head) => {
    heads.push(head);
    return answerOf("{}", head.includes("/missing") ? { status: "404 Not Found" } : {});
  });
  const bodies = () => server.received.join("").match(/\{"[^}]*\}/g) ?? [];
  return { origin: server.origin, heads, bodies, close: server.close };
}
test("echoes are listed by request, status, method, failure, run, environment and age", async () => {
  const { origin, close } = await vendor();
  const cwd = collectionOf(
    {
      "requests/a/get.yaml": "inputs: {n: {}}\nurl: ${origin}/{n}\n",
      "requests/post.yaml": "method: POST\nurl: ${origin}/post\n",
      "environments/other.yaml": `changes: allow
variables: {origin: "${origin}"}
`,
      "trails/t.yaml": "steps: [{send: a/get, give: {n: one}}, {send: post}, {name: gone, send: a/get, give: {n: missing}}]\n"
    },
    origin
  );
  await echoTrail(["run", "t"], { cwd });
  await echoTrail(["send", "post", "--env", "other"], { cwd });
  const ids = async (...args) => listed(await echoTrail(["echo", "list", "--json", ...args], { cwd })).map(
    ({ url, id }) => `${id.split(".")[1]} ${url.replace(origin, "")}`
  );
  const [run = ""] = listed(await echoTrail(["echo", "list", "--json", "--status", "404"], { cwd })).map(
    ({ id }) => id.split(".")[0]
  );
  assert.deepEqual(await ids("--request", "get"), ["3 /missing", "1 /one"]);
  assert.deepEqual(await ids("--request", "gone"), ["3 /missing"]);
  assert.deepEqual(await ids("--status", "2xx", "--method", "post"), ["1 /post", "2 /post"]);
  assert.deepEqual(await ids("--failed"), ["3 /missing"]);
  assert.deepEqual(await ids("--run", run ?? ""), ["3 /missing", "2 /post", "1 /one"]);
  assert.deepEqual(await ids("--env", "other"), ["1 /post"]);
  assert.equal((await ids("--since", "1h")).length, 4);
  assert.deepEqual(await ids("--status", "none"), []);
  for (const [args, says] of [
    [["--status", "good"], /--status takes a status such as 404/],
    [["--since", "5"], /--since takes a duration with its unit/]
  ]) {
    const wrong = await echoTrail(["echo", "list", ...args], { cwd });
    assert.equal(wrong.status, 2);
    assert.match(wrong.err, says);
  }
  await close();
});
test("an echo is sent again with what it was given then, with fresh credentials, or with other values", async () => {
  const { origin, heads, bodies, close } = await vendor();
  const cwd = collectionOf(
    {
      "sessions/key.yaml": "kind: bearer\ntoken: ${secret.key}\n",
      "requests/order.yaml": 'inputs: {imo: {}, nights: {type: integer, default: 2}, pass: {default: "${secret.pass}"}}\nmethod: POST\nurl: ${origin}/orders/{imo}\nsession: key\nheaders: {X-Pass: "${pass}", X-At: "${now | unix-ms}"}\nbody: {json: {nights: "${nights}"}}\n'
    },
    origin
  );
  const secrets = (key) => ({
    ECHO_TRAIL_SECRET_KEY: key,
    ECHO_TRAIL_SECRET_PASS: "gangway-4410-open"
  });
  await echoTrail(["send", "order", "--set", "imo=9000017", "--set", "nights=5"], {
    cwd,
    env: secrets("first-lantern-1")
  });
  const again = await echoTrail(["echo", "resend"], { cwd, env: secrets("second-lantern-2") });
  assert.equal(again.status, 0, again.err);
  assert.match(again.err, /as echo \w{4}\.1/);
  const other = await echoTrail(["echo", "resend", "last", "--set", "imo=9000031"], {
    cwd,
    env: secrets("second-lantern-2")
  });
  assert.equal(other.status, 0, other.err);
  const told = heads.map((head) => [
    /POST (\S+)/.exec(head)?.[1],
    /authorization: Bearer (\S+)/i.exec(head)?.[1],
    /x-pass: (\S+)/i.exec(head)?.[1]
  ]);
  assert.deepEqual(told, [
    ["/orders/9000017", "first-lantern-1", "gangway-4410-open"],
    ["/orders/9000017", "second-lantern-2", "gangway-4410-open"],
    ["/orders/9000031", "second-lantern-2", "gangway-4410-open"]
  ]);
  assert.deepEqual(
    bodies(),
    Array.from({ length: 3 }, () => '{"nights":5}'),
    "a number is still a number"
  );
  const moments = heads.map((head) => /x-at: (\d+)/i.exec(head)?.[1]);
  assert.equal(new Set(moments).size, 3, "what is of the moment is made anew");
  await close();
});
test("a request from the command line is sent again as it left, unless something of it is hidden", async () => {
  const { origin, heads, bodies, close } = await vendor();
  const cwd = collectionOf({ "requests/other.yaml": "url: ${origin}/other\n" }, origin);
  await echoTrail(["send", "POST", "/plain?a=1", "--header", "X-One: 1", "--body-json", '{"a": 1}'], { cwd });
  const again = await echoTrail(["echo", "resend"], { cwd });
  assert.equal(again.status, 0, again.err);
  const essence = (head = "") => head.split("\r\n").filter((line) => !/^(?:user-agent|host|connection)/i.test(line)).sort();
  assert.deepEqual(essence(heads[1]), essence(heads[0]));
  assert.deepEqual(bodies().slice(-2), ['{"a":1}', '{"a":1}']);
  await echoTrail(["send", "GET", "/with?password=quayside-2211"], { cwd });
  const hidden = await echoTrail(["echo", "resend"], { cwd });
  assert.equal(hidden.status, 2, hidden.out + hidden.err);
  assert.match(hidden.err, /a secret in it was not recorded[\s\S]*--as PATH/);
  await echoTrail(["send", "other"], { cwd });
  writeFileSync(join(cwd, "requests/other.yaml"), "url: [\n");
  assert.equal((await echoTrail(["echo", "resend"], { cwd })).status, 2);
  await close();
});
test("old records are let go on request, with the journals of their runs", async () => {
  const { origin, close } = await vendor();
  const cwd = collectionOf({ "requests/get.yaml": "url: ${origin}/x\n" }, origin);
  for (let count = 0; count < 3; count += 1) await echoTrail(["run", "get"], { cwd });
  const left = (folder) => readdirSync(join(cwd, ".echo-trail", folder)).length;
  assert.deepEqual([left("echoes"), left("runs")], [3, 3]);
  const some = await echoTrail(["echo", "prune", "--keep", "2", "--json"], { cwd });
  assert.deepEqual(document(some), { echoes: 1, journals: 1 });
  const none = await echoTrail(["echo", "prune", "--older-than", "1d"], { cwd });
  assert.match(none.out, /0 records of exchanges and 0 of runs let go/);
  const unsaid = await echoTrail(["echo", "prune"], { cwd });
  assert.equal(unsaid.status, 2);
  assert.match(unsaid.err, /nothing is said of what is to go/);
  await echoTrail(["echo", "prune", "--all"], { cwd });
  assert.deepEqual([left("echoes"), left("runs")], [0, 0]);
  await close();
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL2VjaG9lcy50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogUmVjb3JkZWQgZXhjaGFuZ2VzOiBmb3VuZCBhZ2Fpbiwgc2VudCBhZ2FpbiwgbGV0IGdvLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgcmVhZGRpclN5bmMsIHdyaXRlRmlsZVN5bmMgfSBmcm9tICdub2RlOmZzJztcbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyBjb2xsZWN0aW9uT2YgfSBmcm9tICcuLi9zdXBwb3J0L2ZvbGRlci5qcyc7XG5pbXBvcnQgeyBkb2N1bWVudCwgdHlwZSBFbmRlZCwgZWNob1RyYWlsIH0gZnJvbSAnLi4vc3VwcG9ydC9wcm9ncmFtLmpzJztcbmltcG9ydCB7IGFuc3dlck9mLCByYXdTZXJ2ZXIgfSBmcm9tICcuLi9zdXBwb3J0L3Jhdy1zZXJ2ZXIuanMnO1xuXG5pbnRlcmZhY2UgTGlzdGVkIHtcbiAgcmVhZG9ubHkgaWQ6IHN0cmluZztcbiAgcmVhZG9ubHkgcmVxdWVzdDogc3RyaW5nIHwgbnVsbDtcbiAgcmVhZG9ubHkgc3RhdHVzOiBudW1iZXIgfCBudWxsO1xuICByZWFkb25seSBvazogYm9vbGVhbjtcbiAgcmVhZG9ubHkgdXJsOiBzdHJpbmc7XG59XG5jb25zdCBsaXN0ZWQgPSAoZW5kZWQ6IEVuZGVkKTogcmVhZG9ubHkgTGlzdGVkW10gPT4gZG9jdW1lbnQ8eyBlY2hvZXM6IExpc3RlZFtdIH0+KGVuZGVkKS5lY2hvZXM7XG5cbmFzeW5jIGZ1bmN0aW9uIHZlbmRvcigpOiBQcm9taXNlPHsgb3JpZ2luOiBzdHJpbmc7IGhlYWRzOiBzdHJpbmdbXTsgYm9kaWVzOiAoKSA9PiBzdHJpbmdbXTsgY2xvc2UoKTogUHJvbWlzZTx2b2lkPiB9PiB7XG4gIGNvbnN0IGhlYWRzOiBzdHJpbmdbXSA9IFtdO1xuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKGhlYWQpID0+IHtcbiAgICBoZWFkcy5wdXNoKGhlYWQpO1xuICAgIHJldHVybiBhbnN3ZXJPZigne30nLCBoZWFkLmluY2x1ZGVzKCcvbWlzc2luZycpID8geyBzdGF0dXM6ICc0MDQgTm90IEZvdW5kJyB9IDoge30pO1xuICB9KTtcbiAgY29uc3QgYm9kaWVzID0gKCk6IHN0cmluZ1tdID0+IHNlcnZlci5yZWNlaXZlZC5qb2luKCcnKS5tYXRjaCgvXFx7XCJbXn1dKlxcfS9nKSA/PyBbXTtcbiAgcmV0dXJuIHsgb3JpZ2luOiBzZXJ2ZXIub3JpZ2luLCBoZWFkcywgYm9kaWVzLCBjbG9zZTogc2VydmVyLmNsb3NlIH07XG59XG5cbnRlc3QoJ2VjaG9lcyBhcmUgbGlzdGVkIGJ5IHJlcXVlc3QsIHN0YXR1cywgbWV0aG9kLCBmYWlsdXJlLCBydW4sIGVudmlyb25tZW50IGFuZCBhZ2UnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgb3JpZ2luLCBjbG9zZSB9ID0gYXdhaXQgdmVuZG9yKCk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvYS9nZXQueWFtbCc6ICdpbnB1dHM6IHtuOiB7fX1cXG51cmw6ICR7b3JpZ2lufS97bn1cXG4nLFxuICAgICAgJ3JlcXVlc3RzL3Bvc3QueWFtbCc6ICdtZXRob2Q6IFBPU1RcXG51cmw6ICR7b3JpZ2lufS9wb3N0XFxuJyxcbiAgICAgICdlbnZpcm9ubWVudHMvb3RoZXIueWFtbCc6IGBjaGFuZ2VzOiBhbGxvd1xcbnZhcmlhYmxlczoge29yaWdpbjogXCIke29yaWdpbn1cIn1cXG5gLFxuICAgICAgJ3RyYWlscy90LnlhbWwnOlxuICAgICAgICAnc3RlcHM6IFt7c2VuZDogYS9nZXQsIGdpdmU6IHtuOiBvbmV9fSwge3NlbmQ6IHBvc3R9LCB7bmFtZTogZ29uZSwgc2VuZDogYS9nZXQsIGdpdmU6IHtuOiBtaXNzaW5nfX1dXFxuJyxcbiAgICB9LFxuICAgIG9yaWdpbixcbiAgKTtcbiAgYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnXSwgeyBjd2QgfSk7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAncG9zdCcsICctLWVudicsICdvdGhlciddLCB7IGN3ZCB9KTtcbiAgY29uc3QgaWRzID0gYXN5bmMgKC4uLmFyZ3M6IHN0cmluZ1tdKTogUHJvbWlzZTxzdHJpbmdbXT4gPT5cbiAgICBsaXN0ZWQoYXdhaXQgZWNob1RyYWlsKFsnZWNobycsICdsaXN0JywgJy0tanNvbicsIC4uLmFyZ3NdLCB7IGN3ZCB9KSkubWFwKFxuICAgICAgKHsgdXJsLCBpZCB9KSA9PiBgJHtpZC5zcGxpdCgnLicpWzFdfSAke3VybC5yZXBsYWNlKG9yaWdpbiwgJycpfWAsXG4gICAgKTtcbiAgY29uc3QgW3J1biA9ICcnXSA9IGxpc3RlZChhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ2xpc3QnLCAnLS1qc29uJywgJy0tc3RhdHVzJywgJzQwNCddLCB7IGN3ZCB9KSkubWFwKFxuICAgICh7IGlkIH0pID0+IGlkLnNwbGl0KCcuJylbMF0sXG4gICk7XG4gIGFzc2VydC5kZWVwRXF1YWwoYXdhaXQgaWRzKCctLXJlcXVlc3QnLCAnZ2V0JyksIFsnMyAvbWlzc2luZycsICcxIC9vbmUnXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoYXdhaXQgaWRzKCctLXJlcXVlc3QnLCAnZ29uZScpLCBbJzMgL21pc3NpbmcnXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoYXdhaXQgaWRzKCctLXN0YXR1cycsICcyeHgnLCAnLS1tZXRob2QnLCAncG9zdCcpLCBbJzEgL3Bvc3QnLCAnMiAvcG9zdCddKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChhd2FpdCBpZHMoJy0tZmFpbGVkJyksIFsnMyAvbWlzc2luZyddKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChhd2FpdCBpZHMoJy0tcnVuJywgcnVuID8/ICcnKSwgWyczIC9taXNzaW5nJywgJzIgL3Bvc3QnLCAnMSAvb25lJ10pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGF3YWl0IGlkcygnLS1lbnYnLCAnb3RoZXInKSwgWycxIC9wb3N0J10pO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IGlkcygnLS1zaW5jZScsICcxaCcpKS5sZW5ndGgsIDQpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGF3YWl0IGlkcygnLS1zdGF0dXMnLCAnbm9uZScpLCBbXSk7XG4gIGZvciAoY29uc3QgW2FyZ3MsIHNheXNdIG9mIFtcbiAgICBbWyctLXN0YXR1cycsICdnb29kJ10sIC8tLXN0YXR1cyB0YWtlcyBhIHN0YXR1cyBzdWNoIGFzIDQwNC9dLFxuICAgIFtbJy0tc2luY2UnLCAnNSddLCAvLS1zaW5jZSB0YWtlcyBhIGR1cmF0aW9uIHdpdGggaXRzIHVuaXQvXSxcbiAgXSBhcyBjb25zdCkge1xuICAgIGNvbnN0IHdyb25nID0gYXdhaXQgZWNob1RyYWlsKFsnZWNobycsICdsaXN0JywgLi4uYXJnc10sIHsgY3dkIH0pO1xuICAgIGFzc2VydC5lcXVhbCh3cm9uZy5zdGF0dXMsIDIpO1xuICAgIGFzc2VydC5tYXRjaCh3cm9uZy5lcnIsIHNheXMpO1xuICB9XG4gIGF3YWl0IGNsb3NlKCk7XG59KTtcblxudGVzdCgnYW4gZWNobyBpcyBzZW50IGFnYWluIHdpdGggd2hhdCBpdCB3YXMgZ2l2ZW4gdGhlbiwgd2l0aCBmcmVzaCBjcmVkZW50aWFscywgb3Igd2l0aCBvdGhlciB2YWx1ZXMnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgb3JpZ2luLCBoZWFkcywgYm9kaWVzLCBjbG9zZSB9ID0gYXdhaXQgdmVuZG9yKCk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAnc2Vzc2lvbnMva2V5LnlhbWwnOiAna2luZDogYmVhcmVyXFxudG9rZW46ICR7c2VjcmV0LmtleX1cXG4nLFxuICAgICAgJ3JlcXVlc3RzL29yZGVyLnlhbWwnOlxuICAgICAgICAnaW5wdXRzOiB7aW1vOiB7fSwgbmlnaHRzOiB7dHlwZTogaW50ZWdlciwgZGVmYXVsdDogMn0sIHBhc3M6IHtkZWZhdWx0OiBcIiR7c2VjcmV0LnBhc3N9XCJ9fVxcbm1ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L29yZGVycy97aW1vfVxcbnNlc3Npb246IGtleVxcbmhlYWRlcnM6IHtYLVBhc3M6IFwiJHtwYXNzfVwiLCBYLUF0OiBcIiR7bm93IHwgdW5peC1tc31cIn1cXG5ib2R5OiB7anNvbjoge25pZ2h0czogXCIke25pZ2h0c31cIn19XFxuJyxcbiAgICB9LFxuICAgIG9yaWdpbixcbiAgKTtcbiAgY29uc3Qgc2VjcmV0cyA9IChrZXk6IHN0cmluZyk6IFJlY29yZDxzdHJpbmcsIHN0cmluZz4gPT4gKHtcbiAgICBFQ0hPX1RSQUlMX1NFQ1JFVF9LRVk6IGtleSxcbiAgICBFQ0hPX1RSQUlMX1NFQ1JFVF9QQVNTOiAnZ2FuZ3dheS00NDEwLW9wZW4nLFxuICB9KTtcbiAgYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdvcmRlcicsICctLXNldCcsICdpbW89OTAwMDAxNycsICctLXNldCcsICduaWdodHM9NSddLCB7XG4gICAgY3dkLFxuICAgIGVudjogc2VjcmV0cygnZmlyc3QtbGFudGVybi0xJyksXG4gIH0pO1xuICBjb25zdCBhZ2FpbiA9IGF3YWl0IGVjaG9UcmFpbChbJ2VjaG8nLCAncmVzZW5kJ10sIHsgY3dkLCBlbnY6IHNlY3JldHMoJ3NlY29uZC1sYW50ZXJuLTInKSB9KTtcbiAgYXNzZXJ0LmVxdWFsKGFnYWluLnN0YXR1cywgMCwgYWdhaW4uZXJyKTtcbiAgYXNzZXJ0Lm1hdGNoKGFnYWluLmVyciwgL2FzIGVjaG8gXFx3ezR9XFwuMS8pO1xuICBjb25zdCBvdGhlciA9IGF3YWl0IGVjaG9UcmFpbChbJ2VjaG8nLCAncmVzZW5kJywgJ2xhc3QnLCAnLS1zZXQnLCAnaW1vPTkwMDAwMzEnXSwge1xuICAgIGN3ZCxcbiAgICBlbnY6IHNlY3JldHMoJ3NlY29uZC1sYW50ZXJuLTInKSxcbiAgfSk7XG4gIGFzc2VydC5lcXVhbChvdGhlci5zdGF0dXMsIDAsIG90aGVyLmVycik7XG4gIGNvbnN0IHRvbGQgPSBoZWFkcy5tYXAoKGhlYWQpID0+IFtcbiAgICAvUE9TVCAoXFxTKykvLmV4ZWMoaGVhZCk/LlsxXSxcbiAgICAvYXV0aG9yaXphdGlvbjogQmVhcmVyIChcXFMrKS9pLmV4ZWMoaGVhZCk/LlsxXSxcbiAgICAveC1wYXNzOiAoXFxTKykvaS5leGVjKGhlYWQpPy5bMV0sXG4gIF0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKHRvbGQsIFtcbiAgICBbJy9vcmRlcnMvOTAwMDAxNycsICdmaXJzdC1sYW50ZXJuLTEnLCAnZ2FuZ3dheS00NDEwLW9wZW4nXSxcbiAgICBbJy9vcmRlcnMvOTAwMDAxNycsICdzZWNvbmQtbGFudGVybi0yJywgJ2dhbmd3YXktNDQxMC1vcGVuJ10sXG4gICAgWycvb3JkZXJzLzkwMDAwMzEnLCAnc2Vjb25kLWxhbnRlcm4tMicsICdnYW5nd2F5LTQ0MTAtb3BlbiddLFxuICBdKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBib2RpZXMoKSxcbiAgICBBcnJheS5mcm9tKHsgbGVuZ3RoOiAzIH0sICgpID0+ICd7XCJuaWdodHNcIjo1fScpLFxuICAgICdhIG51bWJlciBpcyBzdGlsbCBhIG51bWJlcicsXG4gICk7XG4gIGNvbnN0IG1vbWVudHMgPSBoZWFkcy5tYXAoKGhlYWQpID0+IC94LWF0OiAoXFxkKykvaS5leGVjKGhlYWQpPy5bMV0pO1xuICBhc3NlcnQuZXF1YWwobmV3IFNldChtb21lbnRzKS5zaXplLCAzLCAnd2hhdCBpcyBvZiB0aGUgbW9tZW50IGlzIG1hZGUgYW5ldycpO1xuICBhd2FpdCBjbG9zZSgpO1xufSk7XG5cbnRlc3QoJ2EgcmVxdWVzdCBmcm9tIHRoZSBjb21tYW5kIGxpbmUgaXMgc2VudCBhZ2FpbiBhcyBpdCBsZWZ0LCB1bmxlc3Mgc29tZXRoaW5nIG9mIGl0IGlzIGhpZGRlbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBvcmlnaW4sIGhlYWRzLCBib2RpZXMsIGNsb3NlIH0gPSBhd2FpdCB2ZW5kb3IoKTtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHsgJ3JlcXVlc3RzL290aGVyLnlhbWwnOiAndXJsOiAke29yaWdpbn0vb3RoZXJcXG4nIH0sIG9yaWdpbik7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnUE9TVCcsICcvcGxhaW4/YT0xJywgJy0taGVhZGVyJywgJ1gtT25lOiAxJywgJy0tYm9keS1qc29uJywgJ3tcImFcIjogMX0nXSwgeyBjd2QgfSk7XG4gIGNvbnN0IGFnYWluID0gYXdhaXQgZWNob1RyYWlsKFsnZWNobycsICdyZXNlbmQnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChhZ2Fpbi5zdGF0dXMsIDAsIGFnYWluLmVycik7XG4gIGNvbnN0IGVzc2VuY2UgPSAoaGVhZCA9ICcnKTogc3RyaW5nW10gPT5cbiAgICBoZWFkXG4gICAgICAuc3BsaXQoJ1xcclxcbicpXG4gICAgICAuZmlsdGVyKChsaW5lKSA9PiAhL14oPzp1c2VyLWFnZW50fGhvc3R8Y29ubmVjdGlvbikvaS50ZXN0KGxpbmUpKVxuICAgICAgLnNvcnQoKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChlc3NlbmNlKGhlYWRzWzFdKSwgZXNzZW5jZShoZWFkc1swXSkpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGJvZGllcygpLnNsaWNlKC0yKSwgWyd7XCJhXCI6MX0nLCAne1wiYVwiOjF9J10pO1xuICBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvd2l0aD9wYXNzd29yZD1xdWF5c2lkZS0yMjExJ10sIHsgY3dkIH0pO1xuICBjb25zdCBoaWRkZW4gPSBhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ3Jlc2VuZCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGhpZGRlbi5zdGF0dXMsIDIsIGhpZGRlbi5vdXQgKyBoaWRkZW4uZXJyKTtcbiAgYXNzZXJ0Lm1hdGNoKGhpZGRlbi5lcnIsIC9hIHNlY3JldCBpbiBpdCB3YXMgbm90IHJlY29yZGVkW1xcc1xcU10qLS1hcyBQQVRILyk7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnb3RoZXInXSwgeyBjd2QgfSk7XG4gIHdyaXRlRmlsZVN5bmMoam9pbihjd2QsICdyZXF1ZXN0cy9vdGhlci55YW1sJyksICd1cmw6IFtcXG4nKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ3Jlc2VuZCddLCB7IGN3ZCB9KSkuc3RhdHVzLCAyKTtcbiAgYXdhaXQgY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdvbGQgcmVjb3JkcyBhcmUgbGV0IGdvIG9uIHJlcXVlc3QsIHdpdGggdGhlIGpvdXJuYWxzIG9mIHRoZWlyIHJ1bnMnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgb3JpZ2luLCBjbG9zZSB9ID0gYXdhaXQgdmVuZG9yKCk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7ICdyZXF1ZXN0cy9nZXQueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS94XFxuJyB9LCBvcmlnaW4pO1xuICBmb3IgKGxldCBjb3VudCA9IDA7IGNvdW50IDwgMzsgY291bnQgKz0gMSkgYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2dldCddLCB7IGN3ZCB9KTtcbiAgY29uc3QgbGVmdCA9IChmb2xkZXI6IHN0cmluZyk6IG51bWJlciA9PiByZWFkZGlyU3luYyhqb2luKGN3ZCwgJy5lY2hvLXRyYWlsJywgZm9sZGVyKSkubGVuZ3RoO1xuICBhc3NlcnQuZGVlcEVxdWFsKFtsZWZ0KCdlY2hvZXMnKSwgbGVmdCgncnVucycpXSwgWzMsIDNdKTtcbiAgY29uc3Qgc29tZSA9IGF3YWl0IGVjaG9UcmFpbChbJ2VjaG8nLCAncHJ1bmUnLCAnLS1rZWVwJywgJzInLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGRvY3VtZW50KHNvbWUpLCB7IGVjaG9lczogMSwgam91cm5hbHM6IDEgfSk7XG4gIGNvbnN0IG5vbmUgPSBhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ3BydW5lJywgJy0tb2xkZXItdGhhbicsICcxZCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKG5vbmUub3V0LCAvMCByZWNvcmRzIG9mIGV4Y2hhbmdlcyBhbmQgMCBvZiBydW5zIGxldCBnby8pO1xuICBjb25zdCB1bnNhaWQgPSBhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ3BydW5lJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwodW5zYWlkLnN0YXR1cywgMik7XG4gIGFzc2VydC5tYXRjaCh1bnNhaWQuZXJyLCAvbm90aGluZyBpcyBzYWlkIG9mIHdoYXQgaXMgdG8gZ28vKTtcbiAgYXdhaXQgZWNob1RyYWlsKFsnZWNobycsICdwcnVuZScsICctLWFsbCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChbbGVmdCgnZWNob2VzJyksIGxlZnQoJ3J1bnMnKV0sIFswLCAwXSk7XG4gIGF3YWl0IGNsb3NlKCk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsYUFBYSxxQkFBcUI7QUFDM0MsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsWUFBWTtBQVlyQixJQUFNLFNBQVMsQ0FBQyxVQUFvQyxTQUErQixLQUFLLEVBQUU7QUFFMUYsZUFBZSxTQUF1RztBQUNwSCxRQUFNLFFBQWtCLENBQUM7QUFDekIsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFNBQVM7QUFDdkMsVUFBTSxLQUFLLElBQUk7QUFDZixXQUFPLFNBQVMsTUFBTSxLQUFLLFNBQVMsVUFBVSxJQUFJLEVBQUUsUUFBUSxnQkFBZ0IsSUFBSSxDQUFDLENBQUM7QUFBQSxFQUNwRixDQUFDO0FBQ0QsUUFBTSxTQUFTLE1BQWdCLE9BQU8sU0FBUyxLQUFLLEVBQUUsRUFBRSxNQUFNLGFBQWEsS0FBSyxDQUFDO0FBQ2pGLFNBQU8sRUFBRSxRQUFRLE9BQU8sUUFBUSxPQUFPLFFBQVEsT0FBTyxPQUFPLE1BQU07QUFDckU7QUFFQSxLQUFLLG1GQUFtRixZQUFZO0FBQ2xHLFFBQU0sRUFBRSxRQUFRLE1BQU0sSUFBSSxNQUFNLE9BQU87QUFDdkMsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0UsdUJBQXVCO0FBQUEsTUFDdkIsc0JBQXNCO0FBQUEsTUFDdEIsMkJBQTJCO0FBQUEsdUJBQXdDLE1BQU07QUFBQTtBQUFBLE1BQ3pFLGlCQUNFO0FBQUEsSUFDSjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsUUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDckMsUUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFNBQVMsT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzNELFFBQU0sTUFBTSxVQUFVLFNBQ3BCLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFVBQVUsR0FBRyxJQUFJLEdBQUcsRUFBRSxJQUFJLENBQUMsQ0FBQyxFQUFFO0FBQUEsSUFDcEUsQ0FBQyxFQUFFLEtBQUssR0FBRyxNQUFNLEdBQUcsR0FBRyxNQUFNLEdBQUcsRUFBRSxDQUFDLENBQUMsSUFBSSxJQUFJLFFBQVEsUUFBUSxFQUFFLENBQUM7QUFBQSxFQUNqRTtBQUNGLFFBQU0sQ0FBQyxNQUFNLEVBQUUsSUFBSSxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxVQUFVLFlBQVksS0FBSyxHQUFHLEVBQUUsSUFBSSxDQUFDLENBQUMsRUFBRTtBQUFBLElBQ2pHLENBQUMsRUFBRSxHQUFHLE1BQU0sR0FBRyxNQUFNLEdBQUcsRUFBRSxDQUFDO0FBQUEsRUFDN0I7QUFDQSxTQUFPLFVBQVUsTUFBTSxJQUFJLGFBQWEsS0FBSyxHQUFHLENBQUMsY0FBYyxRQUFRLENBQUM7QUFDeEUsU0FBTyxVQUFVLE1BQU0sSUFBSSxhQUFhLE1BQU0sR0FBRyxDQUFDLFlBQVksQ0FBQztBQUMvRCxTQUFPLFVBQVUsTUFBTSxJQUFJLFlBQVksT0FBTyxZQUFZLE1BQU0sR0FBRyxDQUFDLFdBQVcsU0FBUyxDQUFDO0FBQ3pGLFNBQU8sVUFBVSxNQUFNLElBQUksVUFBVSxHQUFHLENBQUMsWUFBWSxDQUFDO0FBQ3RELFNBQU8sVUFBVSxNQUFNLElBQUksU0FBUyxPQUFPLEVBQUUsR0FBRyxDQUFDLGNBQWMsV0FBVyxRQUFRLENBQUM7QUFDbkYsU0FBTyxVQUFVLE1BQU0sSUFBSSxTQUFTLE9BQU8sR0FBRyxDQUFDLFNBQVMsQ0FBQztBQUN6RCxTQUFPLE9BQU8sTUFBTSxJQUFJLFdBQVcsSUFBSSxHQUFHLFFBQVEsQ0FBQztBQUNuRCxTQUFPLFVBQVUsTUFBTSxJQUFJLFlBQVksTUFBTSxHQUFHLENBQUMsQ0FBQztBQUNsRCxhQUFXLENBQUMsTUFBTSxJQUFJLEtBQUs7QUFBQSxJQUN6QixDQUFDLENBQUMsWUFBWSxNQUFNLEdBQUcscUNBQXFDO0FBQUEsSUFDNUQsQ0FBQyxDQUFDLFdBQVcsR0FBRyxHQUFHLHdDQUF3QztBQUFBLEVBQzdELEdBQVk7QUFDVixVQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLEdBQUcsSUFBSSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2hFLFdBQU8sTUFBTSxNQUFNLFFBQVEsQ0FBQztBQUM1QixXQUFPLE1BQU0sTUFBTSxLQUFLLElBQUk7QUFBQSxFQUM5QjtBQUNBLFFBQU0sTUFBTTtBQUNkLENBQUM7QUFFRCxLQUFLLG1HQUFtRyxZQUFZO0FBQ2xILFFBQU0sRUFBRSxRQUFRLE9BQU8sUUFBUSxNQUFNLElBQUksTUFBTSxPQUFPO0FBQ3RELFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLHFCQUFxQjtBQUFBLE1BQ3JCLHVCQUNFO0FBQUEsSUFDSjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsUUFBTSxVQUFVLENBQUMsU0FBeUM7QUFBQSxJQUN4RCx1QkFBdUI7QUFBQSxJQUN2Qix3QkFBd0I7QUFBQSxFQUMxQjtBQUNBLFFBQU0sVUFBVSxDQUFDLFFBQVEsU0FBUyxTQUFTLGVBQWUsU0FBUyxVQUFVLEdBQUc7QUFBQSxJQUM5RTtBQUFBLElBQ0EsS0FBSyxRQUFRLGlCQUFpQjtBQUFBLEVBQ2hDLENBQUM7QUFDRCxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLEdBQUcsRUFBRSxLQUFLLEtBQUssUUFBUSxrQkFBa0IsRUFBRSxDQUFDO0FBQzNGLFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDdkMsU0FBTyxNQUFNLE1BQU0sS0FBSyxrQkFBa0I7QUFDMUMsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFFBQVEsVUFBVSxRQUFRLFNBQVMsYUFBYSxHQUFHO0FBQUEsSUFDaEY7QUFBQSxJQUNBLEtBQUssUUFBUSxrQkFBa0I7QUFBQSxFQUNqQyxDQUFDO0FBQ0QsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxRQUFNLE9BQU8sTUFBTSxJQUFJLENBQUMsU0FBUztBQUFBLElBQy9CLGFBQWEsS0FBSyxJQUFJLElBQUksQ0FBQztBQUFBLElBQzNCLCtCQUErQixLQUFLLElBQUksSUFBSSxDQUFDO0FBQUEsSUFDN0MsaUJBQWlCLEtBQUssSUFBSSxJQUFJLENBQUM7QUFBQSxFQUNqQyxDQUFDO0FBQ0QsU0FBTyxVQUFVLE1BQU07QUFBQSxJQUNyQixDQUFDLG1CQUFtQixtQkFBbUIsbUJBQW1CO0FBQUEsSUFDMUQsQ0FBQyxtQkFBbUIsb0JBQW9CLG1CQUFtQjtBQUFBLElBQzNELENBQUMsbUJBQW1CLG9CQUFvQixtQkFBbUI7QUFBQSxFQUM3RCxDQUFDO0FBQ0QsU0FBTztBQUFBLElBQ0wsT0FBTztBQUFBLElBQ1AsTUFBTSxLQUFLLEVBQUUsUUFBUSxFQUFFLEdBQUcsTUFBTSxjQUFjO0FBQUEsSUFDOUM7QUFBQSxFQUNGO0FBQ0EsUUFBTSxVQUFVLE1BQU0sSUFBSSxDQUFDLFNBQVMsZUFBZSxLQUFLLElBQUksSUFBSSxDQUFDLENBQUM7QUFDbEUsU0FBTyxNQUFNLElBQUksSUFBSSxPQUFPLEVBQUUsTUFBTSxHQUFHLG9DQUFvQztBQUMzRSxRQUFNLE1BQU07QUFDZCxDQUFDO0FBRUQsS0FBSyw4RkFBOEYsWUFBWTtBQUM3RyxRQUFNLEVBQUUsUUFBUSxPQUFPLFFBQVEsTUFBTSxJQUFJLE1BQU0sT0FBTztBQUN0RCxRQUFNLE1BQU0sYUFBYSxFQUFFLHVCQUF1Qix5QkFBeUIsR0FBRyxNQUFNO0FBQ3BGLFFBQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxjQUFjLFlBQVksWUFBWSxlQUFlLFVBQVUsR0FBRyxFQUFFLElBQUksQ0FBQztBQUMxRyxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDekQsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxRQUFNLFVBQVUsQ0FBQyxPQUFPLE9BQ3RCLEtBQ0csTUFBTSxNQUFNLEVBQ1osT0FBTyxDQUFDLFNBQVMsQ0FBQyxtQ0FBbUMsS0FBSyxJQUFJLENBQUMsRUFDL0QsS0FBSztBQUNWLFNBQU8sVUFBVSxRQUFRLE1BQU0sQ0FBQyxDQUFDLEdBQUcsUUFBUSxNQUFNLENBQUMsQ0FBQyxDQUFDO0FBQ3JELFNBQU8sVUFBVSxPQUFPLEVBQUUsTUFBTSxFQUFFLEdBQUcsQ0FBQyxXQUFXLFNBQVMsQ0FBQztBQUMzRCxRQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sOEJBQThCLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDeEUsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzFELFNBQU8sTUFBTSxPQUFPLFFBQVEsR0FBRyxPQUFPLE1BQU0sT0FBTyxHQUFHO0FBQ3RELFNBQU8sTUFBTSxPQUFPLEtBQUssaURBQWlEO0FBQzFFLFFBQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzFDLGdCQUFjLEtBQUssS0FBSyxxQkFBcUIsR0FBRyxVQUFVO0FBQzFELFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLFFBQVEsQ0FBQztBQUNyRSxRQUFNLE1BQU07QUFDZCxDQUFDO0FBRUQsS0FBSyxzRUFBc0UsWUFBWTtBQUNyRixRQUFNLEVBQUUsUUFBUSxNQUFNLElBQUksTUFBTSxPQUFPO0FBQ3ZDLFFBQU0sTUFBTSxhQUFhLEVBQUUscUJBQXFCLHFCQUFxQixHQUFHLE1BQU07QUFDOUUsV0FBUyxRQUFRLEdBQUcsUUFBUSxHQUFHLFNBQVMsRUFBRyxPQUFNLFVBQVUsQ0FBQyxPQUFPLEtBQUssR0FBRyxFQUFFLElBQUksQ0FBQztBQUNsRixRQUFNLE9BQU8sQ0FBQyxXQUEyQixZQUFZLEtBQUssS0FBSyxlQUFlLE1BQU0sQ0FBQyxFQUFFO0FBQ3ZGLFNBQU8sVUFBVSxDQUFDLEtBQUssUUFBUSxHQUFHLEtBQUssTUFBTSxDQUFDLEdBQUcsQ0FBQyxHQUFHLENBQUMsQ0FBQztBQUN2RCxRQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxTQUFTLFVBQVUsS0FBSyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDaEYsU0FBTyxVQUFVLFNBQVMsSUFBSSxHQUFHLEVBQUUsUUFBUSxHQUFHLFVBQVUsRUFBRSxDQUFDO0FBQzNELFFBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLFNBQVMsZ0JBQWdCLElBQUksR0FBRyxFQUFFLElBQUksQ0FBQztBQUM3RSxTQUFPLE1BQU0sS0FBSyxLQUFLLDZDQUE2QztBQUNwRSxRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDekQsU0FBTyxNQUFNLE9BQU8sUUFBUSxDQUFDO0FBQzdCLFNBQU8sTUFBTSxPQUFPLEtBQUssa0NBQWtDO0FBQzNELFFBQU0sVUFBVSxDQUFDLFFBQVEsU0FBUyxPQUFPLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDbkQsU0FBTyxVQUFVLENBQUMsS0FBSyxRQUFRLEdBQUcsS0FBSyxNQUFNLENBQUMsR0FBRyxDQUFDLEdBQUcsQ0FBQyxDQUFDO0FBQ3ZELFFBQU0sTUFBTTtBQUNkLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
