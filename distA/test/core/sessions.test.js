import {
  sendRequest
} from "../parts/chunk-RCNXIKQJ.js";
import "../parts/chunk-2IYWYRKP.js";
import {
  openWorkspace
} from "../parts/chunk-5ZGX6ZA7.js";
import "../parts/chunk-PZED2WGY.js";
import "../parts/chunk-GPEMP43C.js";
import "../parts/chunk-2LOVFGJG.js";
import "../parts/chunk-PTKJWRDQ.js";
import "../parts/chunk-X57I3BEN.js";
import "../parts/chunk-CU7URKGF.js";
import "../parts/chunk-HXYVL4WF.js";
import "../parts/chunk-WVOF6Q2Z.js";
import "../parts/chunk-33U4T2M5.js";
import {
  findEcho,
  newestEchoes,
  retain
} from "../parts/chunk-5LQRYHH4.js";
import "../parts/chunk-GHHZ6UXC.js";
import "../parts/chunk-3HNS4OKH.js";
import "../parts/chunk-2P5QH4SA.js";
import "../parts/chunk-M6H7XQX2.js";
import "../parts/chunk-7DROAWR7.js";
import "../parts/chunk-4THVOAEK.js";
import "../parts/chunk-6W75UDE7.js";
import "../parts/chunk-KPXZDYPQ.js";
import "../parts/chunk-64GZ67CL.js";
import "../parts/chunk-IFMLXW3Q.js";
import "../parts/chunk-JTXRQ3DM.js";
import "../parts/chunk-UFHSLVCM.js";
import "../parts/chunk-2YNHSDXB.js";
import "../parts/chunk-OQREOMES.js";
import "../parts/chunk-2RJTCR3G.js";
import "../parts/chunk-3GYCCOMC.js";
import "../parts/chunk-7G6JQYYU.js";
import "../parts/chunk-BNANEU6A.js";
import "../parts/chunk-G6PY5PV3.js";
import "../parts/chunk-YNHN5OI4.js";
import "../parts/chunk-X5BVULSM.js";
import "../parts/chunk-KDZI5FEM.js";
import "../parts/chunk-REJVQWM4.js";
import "../parts/chunk-WAHZOCQ7.js";
import "../parts/chunk-V2NIP2IX.js";
import "../parts/chunk-U6MR4M5T.js";
import "../parts/chunk-TNGRBWFR.js";
import "../parts/chunk-36BGEIU2.js";
import "../parts/chunk-34QJGQUN.js";
import "../parts/chunk-JGR34Z6O.js";
import "../parts/chunk-KABWP7ZN.js";
import "../parts/chunk-AJOWUZTK.js";
import "../parts/chunk-IBVRGXBJ.js";
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
import "../parts/chunk-2NSBAQ4L.js";
import "../parts/chunk-BC36KCSM.js";
import {
  collectionOf,
  temporaryFolder
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-KTFSZ6KS.js";
import "../parts/chunk-5DCQHAPP.js";
import "../parts/chunk-MAL2YCX2.js";
import "../parts/chunk-M2U6DOQ3.js";
import "../parts/chunk-EUJL6DSN.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";
import "../parts/chunk-EL2VJIY4.js";
import "../parts/chunk-ZDSFE6MK.js";
import "../parts/chunk-77DFO3CW.js";
import "../parts/chunk-J7IJ6DS5.js";
import "../parts/chunk-4DNYAMDJ.js";
import "../parts/chunk-UHUDVQF4.js";
import "../parts/chunk-IQWA53IU.js";
import "../parts/chunk-LS5VPUTR.js";
import "../parts/chunk-6FF7OQVK.js";
import "../parts/chunk-7JVJJYGZ.js";
import "../parts/chunk-VVGKGSPN.js";
import {
  noNames
} from "../parts/chunk-ILBUWU7B.js";
import "../parts/chunk-QF6HTAQS.js";
import "../parts/chunk-PACVB44P.js";
import "../parts/chunk-WDD3S5O6.js";
import "../parts/chunk-ELCQYB6S.js";
import "../parts/chunk-ZC7SUIQQ.js";
import "../parts/chunk-FSPVDUAZ.js";
import "../parts/chunk-RABAPZK5.js";
import "../parts/chunk-XGDOGID3.js";
import "../parts/chunk-QHCJ4YYR.js";

// test/core/sessions.test.ts
import assert from "node:assert/strict";
import { readdirSync, readFileSync, statSync, utimesSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
async function desk(lasts = "") {
  const state = { logins: 0, good: "" };
  const server = await rawServer((head) => {
    if (head.startsWith("POST /login")) {
      state.logins += 1;
      state.good = `token-number-${state.logins}`;
      return answerOf(`{"token": "${state.good}", "seconds": 1}`, {
        status: "201 Created",
        headers: ["set-cookie: desk=cookie-value-1"]
      });
    }
    const sent = /authorization: Bearer (\S+)/i.exec(head)?.[1];
    return sent === state.good ? answerOf(`{"ok": true, "said": "${sent}"}`) : answerOf("{}", { status: "401 Unauthorized" });
  });
  const root = collectionOf(
    {
      "requests/login.yaml": 'inputs: {pin: {}}\nmethod: POST\nurl: ${origin}/login\nchanges: false\nbody: {json: {pin: "${pin}"}}\nexpect: {status: 201}\n',
      "requests/get.yaml": "url: ${origin}/x\nsession: s\nexpect: {status: 200}\n",
      "sessions/s.yaml": `kind: login
open: {send: login, give: {pin: "\${secret.pin}"}}
token: $.token
${lasts}`
    },
    server.origin
  );
  const workspace = await openWorkspace({
    collection: openCollection(root),
    home: temporaryFolder(),
    // Shorter than what is hidden by value: it must be hidden by its place.
    processEnvironment: { ECHO_TRAIL_SECRET_PIN: "4711" },
    userAgent: "test"
  });
  return Object.assign(state, { server, workspace });
}
var get = async ({ workspace }) => sendRequest(workspace, await workspace.prepare("get"), { given: () => void 0, caller: noNames });
test("a session is opened exactly once, however many need it at one time", async () => {
  const one = await desk();
  const all = await Promise.all(Array.from({ length: 40 }, () => get(one)));
  assert.ok(all.every(({ problems }) => problems.length === 0));
  assert.equal(one.logins, 1);
  await one.workspace.close();
  await one.server.close();
});
test("many refusals of one token that has ended cause one renewal, and every call is answered", async () => {
  const one = await desk();
  await get(one);
  one.good = "ended by the vendor";
  const all = await Promise.all(Array.from({ length: 40 }, () => get(one)));
  assert.ok(
    all.every(({ problems }) => problems.length === 0),
    String(all.find(({ problems }) => problems.length > 0)?.problems[0])
  );
  assert.equal(one.logins, 2);
  await one.workspace.close();
  await one.server.close();
});
test("a token whose time is over is renewed before it is sent", async () => {
  const one = await desk("lasts: $.seconds\n");
  await get(one);
  await get(one);
  assert.equal(one.logins, 2);
  assert.equal(one.server.received.join("").match(/GET \/x/g)?.length, 2);
  await one.workspace.close();
  await one.server.close();
});
test("a refusal of a token that was opened for this very call is not tried again", async () => {
  const one = await desk();
  const { workspace } = one;
  const spoiled = workspace.transport.send.bind(workspace.transport);
  let calls = 0;
  workspace.transport.send = (wire, signal) => {
    if (wire.url.pathname === "/x") {
      calls += 1;
      one.good = "never";
    }
    return spoiled(wire, signal);
  };
  const { problems } = await get(one);
  assert.deepEqual([problems.length, calls, one.logins], [1, 1, 1]);
  await workspace.close();
  await one.server.close();
});
test("the record hides credentials by place and by value, and is for its user only", async () => {
  const one = await desk();
  await get(one);
  await one.workspace.close();
  const { local } = one.workspace.collection;
  const folder = join(local, "echoes");
  const [file = ""] = readdirSync(folder);
  const text = readFileSync(join(folder, file), "utf8");
  assert.equal(statSync(join(folder, file)).mode & 511, 384);
  for (const secret of ["token-number-1", "4711", "cookie-value-1"]) assert.ok(!text.includes(secret), secret);
  const login = await findEcho(local, `${one.workspace.log.run}.1`);
  assert.equal(login.sent.body?.text, '{"pin":"\u2039secret\u203A"}');
  const [last] = await newestEchoes(local, 1);
  assert.match(last?.received?.body?.text ?? "", /"said": "‹secret›"/);
  await one.server.close();
});
test("the oldest runs are let go, by number and by size, never the newest", async () => {
  const one = await desk();
  const { local } = one.workspace.collection;
  await get(one);
  await one.workspace.close();
  const folder = join(local, "echoes");
  const [file = ""] = readdirSync(folder);
  const text = readFileSync(join(folder, file), "utf8");
  const { writeFileSync } = await import("node:fs");
  for (const [index, name] of ["a", "b", "c"].entries()) {
    writeFileSync(join(folder, `2026-${name}.jsonl`), text);
    utimesSync(join(folder, `2026-${name}.jsonl`), 1e3 + index, 1e3 + index);
  }
  assert.equal(await retain(local, { runs: 3, size: 1e9 }), 1);
  assert.ok(!readdirSync(folder).includes("2026-a.jsonl"));
  assert.equal(await retain(local, { runs: 9, size: 1 }), 2);
  assert.deepEqual(readdirSync(folder), [file]);
  await one.server.close();
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9jb3JlL3Nlc3Npb25zLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBTZXNzaW9uczogb3BlbmVkIG9uY2UgaG93ZXZlciBtYW55IG5lZWQgdGhlbSwgcmVuZXdlZCBvbmNlLCBhbmQgd2hhdCB0aGUgbG9nIGFuZCB0aGUgcmVjb3JkIG1ha2Ugb2YgaXQuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyByZWFkZGlyU3luYywgcmVhZEZpbGVTeW5jLCBzdGF0U3luYywgdXRpbWVzU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgam9pbiB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IG9wZW5Db2xsZWN0aW9uIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9jb2xsZWN0aW9uLmpzJztcbmltcG9ydCB7IGZpbmRFY2hvLCBuZXdlc3RFY2hvZXMsIHJldGFpbiB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL2VjaG8vcmVhZC5qcyc7XG5pbXBvcnQgeyBub05hbWVzIH0gZnJvbSAnLi4vLi4vc3JjL2NvcmUvZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBzZW5kUmVxdWVzdCB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL3RyYWlsL3NlbmQuanMnO1xuaW1wb3J0IHsgb3BlbldvcmtzcGFjZSwgdHlwZSBXb3Jrc3BhY2UgfSBmcm9tICcuLi8uLi9zcmMvY29yZS90cmFpbC93b3Jrc3BhY2UuanMnO1xuaW1wb3J0IHsgY29sbGVjdGlvbk9mLCB0ZW1wb3JhcnlGb2xkZXIgfSBmcm9tICcuLi9zdXBwb3J0L2ZvbGRlci5qcyc7XG5pbXBvcnQgeyBhbnN3ZXJPZiwgdHlwZSBSYXdTZXJ2ZXIsIHJhd1NlcnZlciB9IGZyb20gJy4uL3N1cHBvcnQvcmF3LXNlcnZlci5qcyc7XG5cbmludGVyZmFjZSBEZXNrIHtcbiAgcmVhZG9ubHkgc2VydmVyOiBSYXdTZXJ2ZXI7XG4gIHJlYWRvbmx5IHdvcmtzcGFjZTogV29ya3NwYWNlO1xuICBsb2dpbnM6IG51bWJlcjtcbiAgLyoqIE9ubHkgdGhpcyB0b2tlbiBpcyBnb29kLiAqL1xuICBnb29kOiBzdHJpbmc7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIGRlc2sobGFzdHMgPSAnJyk6IFByb21pc2U8RGVzaz4ge1xuICBjb25zdCBzdGF0ZSA9IHsgbG9naW5zOiAwLCBnb29kOiAnJyB9IGFzIERlc2sgJiB7IHNlcnZlcjogUmF3U2VydmVyOyB3b3Jrc3BhY2U6IFdvcmtzcGFjZSB9O1xuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCByYXdTZXJ2ZXIoKGhlYWQpID0+IHtcbiAgICBpZiAoaGVhZC5zdGFydHNXaXRoKCdQT1NUIC9sb2dpbicpKSB7XG4gICAgICBzdGF0ZS5sb2dpbnMgKz0gMTtcbiAgICAgIHN0YXRlLmdvb2QgPSBgdG9rZW4tbnVtYmVyLSR7c3RhdGUubG9naW5zfWA7XG4gICAgICByZXR1cm4gYW5zd2VyT2YoYHtcInRva2VuXCI6IFwiJHtzdGF0ZS5nb29kfVwiLCBcInNlY29uZHNcIjogMX1gLCB7XG4gICAgICAgIHN0YXR1czogJzIwMSBDcmVhdGVkJyxcbiAgICAgICAgaGVhZGVyczogWydzZXQtY29va2llOiBkZXNrPWNvb2tpZS12YWx1ZS0xJ10sXG4gICAgICB9KTtcbiAgICB9XG4gICAgY29uc3Qgc2VudCA9IC9hdXRob3JpemF0aW9uOiBCZWFyZXIgKFxcUyspL2kuZXhlYyhoZWFkKT8uWzFdO1xuICAgIHJldHVybiBzZW50ID09PSBzdGF0ZS5nb29kXG4gICAgICA/IGFuc3dlck9mKGB7XCJva1wiOiB0cnVlLCBcInNhaWRcIjogXCIke3NlbnR9XCJ9YClcbiAgICAgIDogYW5zd2VyT2YoJ3t9JywgeyBzdGF0dXM6ICc0MDEgVW5hdXRob3JpemVkJyB9KTtcbiAgfSk7XG4gIGNvbnN0IHJvb3QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ3JlcXVlc3RzL2xvZ2luLnlhbWwnOlxuICAgICAgICAnaW5wdXRzOiB7cGluOiB7fX1cXG5tZXRob2Q6IFBPU1RcXG51cmw6ICR7b3JpZ2lufS9sb2dpblxcbmNoYW5nZXM6IGZhbHNlXFxuYm9keToge2pzb246IHtwaW46IFwiJHtwaW59XCJ9fVxcbmV4cGVjdDoge3N0YXR1czogMjAxfVxcbicsXG4gICAgICAncmVxdWVzdHMvZ2V0LnlhbWwnOiAndXJsOiAke29yaWdpbn0veFxcbnNlc3Npb246IHNcXG5leHBlY3Q6IHtzdGF0dXM6IDIwMH1cXG4nLFxuICAgICAgJ3Nlc3Npb25zL3MueWFtbCc6IGBraW5kOiBsb2dpblxcbm9wZW46IHtzZW5kOiBsb2dpbiwgZ2l2ZToge3BpbjogXCJcXCR7c2VjcmV0LnBpbn1cIn19XFxudG9rZW46ICQudG9rZW5cXG4ke2xhc3RzfWAsXG4gICAgfSxcbiAgICBzZXJ2ZXIub3JpZ2luLFxuICApO1xuICBjb25zdCB3b3Jrc3BhY2UgPSBhd2FpdCBvcGVuV29ya3NwYWNlKHtcbiAgICBjb2xsZWN0aW9uOiBvcGVuQ29sbGVjdGlvbihyb290KSxcbiAgICBob21lOiB0ZW1wb3JhcnlGb2xkZXIoKSxcbiAgICAvLyBTaG9ydGVyIHRoYW4gd2hhdCBpcyBoaWRkZW4gYnkgdmFsdWU6IGl0IG11c3QgYmUgaGlkZGVuIGJ5IGl0cyBwbGFjZS5cbiAgICBwcm9jZXNzRW52aXJvbm1lbnQ6IHsgRUNIT19UUkFJTF9TRUNSRVRfUElOOiAnNDcxMScgfSxcbiAgICB1c2VyQWdlbnQ6ICd0ZXN0JyxcbiAgfSk7XG4gIHJldHVybiBPYmplY3QuYXNzaWduKHN0YXRlLCB7IHNlcnZlciwgd29ya3NwYWNlIH0pO1xufVxuXG5jb25zdCBnZXQgPSBhc3luYyAoeyB3b3Jrc3BhY2UgfTogRGVzaykgPT5cbiAgc2VuZFJlcXVlc3Qod29ya3NwYWNlLCBhd2FpdCB3b3Jrc3BhY2UucHJlcGFyZSgnZ2V0JyksIHsgZ2l2ZW46ICgpID0+IHVuZGVmaW5lZCwgY2FsbGVyOiBub05hbWVzIH0pO1xuXG50ZXN0KCdhIHNlc3Npb24gaXMgb3BlbmVkIGV4YWN0bHkgb25jZSwgaG93ZXZlciBtYW55IG5lZWQgaXQgYXQgb25lIHRpbWUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IG9uZSA9IGF3YWl0IGRlc2soKTtcbiAgY29uc3QgYWxsID0gYXdhaXQgUHJvbWlzZS5hbGwoQXJyYXkuZnJvbSh7IGxlbmd0aDogNDAgfSwgKCkgPT4gZ2V0KG9uZSkpKTtcbiAgYXNzZXJ0Lm9rKGFsbC5ldmVyeSgoeyBwcm9ibGVtcyB9KSA9PiBwcm9ibGVtcy5sZW5ndGggPT09IDApKTtcbiAgYXNzZXJ0LmVxdWFsKG9uZS5sb2dpbnMsIDEpO1xuICBhd2FpdCBvbmUud29ya3NwYWNlLmNsb3NlKCk7XG4gIGF3YWl0IG9uZS5zZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdtYW55IHJlZnVzYWxzIG9mIG9uZSB0b2tlbiB0aGF0IGhhcyBlbmRlZCBjYXVzZSBvbmUgcmVuZXdhbCwgYW5kIGV2ZXJ5IGNhbGwgaXMgYW5zd2VyZWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IG9uZSA9IGF3YWl0IGRlc2soKTtcbiAgYXdhaXQgZ2V0KG9uZSk7XG4gIG9uZS5nb29kID0gJ2VuZGVkIGJ5IHRoZSB2ZW5kb3InO1xuICBjb25zdCBhbGwgPSBhd2FpdCBQcm9taXNlLmFsbChBcnJheS5mcm9tKHsgbGVuZ3RoOiA0MCB9LCAoKSA9PiBnZXQob25lKSkpO1xuICBhc3NlcnQub2soXG4gICAgYWxsLmV2ZXJ5KCh7IHByb2JsZW1zIH0pID0+IHByb2JsZW1zLmxlbmd0aCA9PT0gMCksXG4gICAgU3RyaW5nKGFsbC5maW5kKCh7IHByb2JsZW1zIH0pID0+IHByb2JsZW1zLmxlbmd0aCA+IDApPy5wcm9ibGVtc1swXSksXG4gICk7XG4gIGFzc2VydC5lcXVhbChvbmUubG9naW5zLCAyKTtcbiAgYXdhaXQgb25lLndvcmtzcGFjZS5jbG9zZSgpO1xuICBhd2FpdCBvbmUuc2VydmVyLmNsb3NlKCk7XG59KTtcblxudGVzdCgnYSB0b2tlbiB3aG9zZSB0aW1lIGlzIG92ZXIgaXMgcmVuZXdlZCBiZWZvcmUgaXQgaXMgc2VudCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgb25lID0gYXdhaXQgZGVzaygnbGFzdHM6ICQuc2Vjb25kc1xcbicpO1xuICBhd2FpdCBnZXQob25lKTtcbiAgYXdhaXQgZ2V0KG9uZSk7XG4gIGFzc2VydC5lcXVhbChvbmUubG9naW5zLCAyKTtcbiAgYXNzZXJ0LmVxdWFsKG9uZS5zZXJ2ZXIucmVjZWl2ZWQuam9pbignJykubWF0Y2goL0dFVCBcXC94L2cpPy5sZW5ndGgsIDIpO1xuICBhd2FpdCBvbmUud29ya3NwYWNlLmNsb3NlKCk7XG4gIGF3YWl0IG9uZS5zZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdhIHJlZnVzYWwgb2YgYSB0b2tlbiB0aGF0IHdhcyBvcGVuZWQgZm9yIHRoaXMgdmVyeSBjYWxsIGlzIG5vdCB0cmllZCBhZ2FpbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgb25lID0gYXdhaXQgZGVzaygpO1xuICBjb25zdCB7IHdvcmtzcGFjZSB9ID0gb25lO1xuICBjb25zdCBzcG9pbGVkID0gd29ya3NwYWNlLnRyYW5zcG9ydC5zZW5kLmJpbmQod29ya3NwYWNlLnRyYW5zcG9ydCk7XG4gIGxldCBjYWxscyA9IDA7XG4gIHdvcmtzcGFjZS50cmFuc3BvcnQuc2VuZCA9ICh3aXJlLCBzaWduYWwpID0+IHtcbiAgICBpZiAod2lyZS51cmwucGF0aG5hbWUgPT09ICcveCcpIHtcbiAgICAgIGNhbGxzICs9IDE7XG4gICAgICBvbmUuZ29vZCA9ICduZXZlcic7XG4gICAgfVxuICAgIHJldHVybiBzcG9pbGVkKHdpcmUsIHNpZ25hbCk7XG4gIH07XG4gIGNvbnN0IHsgcHJvYmxlbXMgfSA9IGF3YWl0IGdldChvbmUpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFtwcm9ibGVtcy5sZW5ndGgsIGNhbGxzLCBvbmUubG9naW5zXSwgWzEsIDEsIDFdKTtcbiAgYXdhaXQgd29ya3NwYWNlLmNsb3NlKCk7XG4gIGF3YWl0IG9uZS5zZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCd0aGUgcmVjb3JkIGhpZGVzIGNyZWRlbnRpYWxzIGJ5IHBsYWNlIGFuZCBieSB2YWx1ZSwgYW5kIGlzIGZvciBpdHMgdXNlciBvbmx5JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBvbmUgPSBhd2FpdCBkZXNrKCk7XG4gIGF3YWl0IGdldChvbmUpO1xuICBhd2FpdCBvbmUud29ya3NwYWNlLmNsb3NlKCk7XG4gIGNvbnN0IHsgbG9jYWwgfSA9IG9uZS53b3Jrc3BhY2UuY29sbGVjdGlvbjtcbiAgY29uc3QgZm9sZGVyID0gam9pbihsb2NhbCwgJ2VjaG9lcycpO1xuICBjb25zdCBbZmlsZSA9ICcnXSA9IHJlYWRkaXJTeW5jKGZvbGRlcik7XG4gIGNvbnN0IHRleHQgPSByZWFkRmlsZVN5bmMoam9pbihmb2xkZXIsIGZpbGUpLCAndXRmOCcpO1xuICBhc3NlcnQuZXF1YWwoc3RhdFN5bmMoam9pbihmb2xkZXIsIGZpbGUpKS5tb2RlICYgMG83NzcsIDBvNjAwKTtcbiAgZm9yIChjb25zdCBzZWNyZXQgb2YgWyd0b2tlbi1udW1iZXItMScsICc0NzExJywgJ2Nvb2tpZS12YWx1ZS0xJ10pIGFzc2VydC5vayghdGV4dC5pbmNsdWRlcyhzZWNyZXQpLCBzZWNyZXQpO1xuICBjb25zdCBsb2dpbiA9IGF3YWl0IGZpbmRFY2hvKGxvY2FsLCBgJHtvbmUud29ya3NwYWNlLmxvZy5ydW59LjFgKTtcbiAgYXNzZXJ0LmVxdWFsKGxvZ2luLnNlbnQuYm9keT8udGV4dCwgJ3tcInBpblwiOlwiXHUyMDM5c2VjcmV0XHUyMDNBXCJ9Jyk7XG4gIGNvbnN0IFtsYXN0XSA9IGF3YWl0IG5ld2VzdEVjaG9lcyhsb2NhbCwgMSk7XG4gIGFzc2VydC5tYXRjaChsYXN0Py5yZWNlaXZlZD8uYm9keT8udGV4dCA/PyAnJywgL1wic2FpZFwiOiBcIlx1MjAzOXNlY3JldFx1MjAzQVwiLyk7XG4gIGF3YWl0IG9uZS5zZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCd0aGUgb2xkZXN0IHJ1bnMgYXJlIGxldCBnbywgYnkgbnVtYmVyIGFuZCBieSBzaXplLCBuZXZlciB0aGUgbmV3ZXN0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBvbmUgPSBhd2FpdCBkZXNrKCk7XG4gIGNvbnN0IHsgbG9jYWwgfSA9IG9uZS53b3Jrc3BhY2UuY29sbGVjdGlvbjtcbiAgYXdhaXQgZ2V0KG9uZSk7XG4gIGF3YWl0IG9uZS53b3Jrc3BhY2UuY2xvc2UoKTtcbiAgY29uc3QgZm9sZGVyID0gam9pbihsb2NhbCwgJ2VjaG9lcycpO1xuICBjb25zdCBbZmlsZSA9ICcnXSA9IHJlYWRkaXJTeW5jKGZvbGRlcik7XG4gIGNvbnN0IHRleHQgPSByZWFkRmlsZVN5bmMoam9pbihmb2xkZXIsIGZpbGUpLCAndXRmOCcpO1xuICBjb25zdCB7IHdyaXRlRmlsZVN5bmMgfSA9IGF3YWl0IGltcG9ydCgnbm9kZTpmcycpO1xuICBmb3IgKGNvbnN0IFtpbmRleCwgbmFtZV0gb2YgWydhJywgJ2InLCAnYyddLmVudHJpZXMoKSkge1xuICAgIHdyaXRlRmlsZVN5bmMoam9pbihmb2xkZXIsIGAyMDI2LSR7bmFtZX0uanNvbmxgKSwgdGV4dCk7XG4gICAgdXRpbWVzU3luYyhqb2luKGZvbGRlciwgYDIwMjYtJHtuYW1lfS5qc29ubGApLCAxMDAwICsgaW5kZXgsIDEwMDAgKyBpbmRleCk7XG4gIH1cbiAgYXNzZXJ0LmVxdWFsKGF3YWl0IHJldGFpbihsb2NhbCwgeyBydW5zOiAzLCBzaXplOiAxZTkgfSksIDEpO1xuICBhc3NlcnQub2soIXJlYWRkaXJTeW5jKGZvbGRlcikuaW5jbHVkZXMoJzIwMjYtYS5qc29ubCcpKTtcbiAgYXNzZXJ0LmVxdWFsKGF3YWl0IHJldGFpbihsb2NhbCwgeyBydW5zOiA5LCBzaXplOiAxIH0pLCAyKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChyZWFkZGlyU3luYyhmb2xkZXIpLCBbZmlsZV0pO1xuICBhd2FpdCBvbmUuc2VydmVyLmNsb3NlKCk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsYUFBYSxjQUFjLFVBQVUsa0JBQWtCO0FBQ2hFLFNBQVMsWUFBWTtBQUNyQixTQUFTLFlBQVk7QUFpQnJCLGVBQWUsS0FBSyxRQUFRLElBQW1CO0FBQzdDLFFBQU0sUUFBUSxFQUFFLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDcEMsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFNBQVM7QUFDdkMsUUFBSSxLQUFLLFdBQVcsYUFBYSxHQUFHO0FBQ2xDLFlBQU0sVUFBVTtBQUNoQixZQUFNLE9BQU8sZ0JBQWdCLE1BQU0sTUFBTTtBQUN6QyxhQUFPLFNBQVMsY0FBYyxNQUFNLElBQUksb0JBQW9CO0FBQUEsUUFDMUQsUUFBUTtBQUFBLFFBQ1IsU0FBUyxDQUFDLGlDQUFpQztBQUFBLE1BQzdDLENBQUM7QUFBQSxJQUNIO0FBQ0EsVUFBTSxPQUFPLCtCQUErQixLQUFLLElBQUksSUFBSSxDQUFDO0FBQzFELFdBQU8sU0FBUyxNQUFNLE9BQ2xCLFNBQVMseUJBQXlCLElBQUksSUFBSSxJQUMxQyxTQUFTLE1BQU0sRUFBRSxRQUFRLG1CQUFtQixDQUFDO0FBQUEsRUFDbkQsQ0FBQztBQUNELFFBQU0sT0FBTztBQUFBLElBQ1g7QUFBQSxNQUNFLHVCQUNFO0FBQUEsTUFDRixxQkFBcUI7QUFBQSxNQUNyQixtQkFBbUI7QUFBQTtBQUFBO0FBQUEsRUFBb0YsS0FBSztBQUFBLElBQzlHO0FBQUEsSUFDQSxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sWUFBWSxNQUFNLGNBQWM7QUFBQSxJQUNwQyxZQUFZLGVBQWUsSUFBSTtBQUFBLElBQy9CLE1BQU0sZ0JBQWdCO0FBQUE7QUFBQSxJQUV0QixvQkFBb0IsRUFBRSx1QkFBdUIsT0FBTztBQUFBLElBQ3BELFdBQVc7QUFBQSxFQUNiLENBQUM7QUFDRCxTQUFPLE9BQU8sT0FBTyxPQUFPLEVBQUUsUUFBUSxVQUFVLENBQUM7QUFDbkQ7QUFFQSxJQUFNLE1BQU0sT0FBTyxFQUFFLFVBQVUsTUFDN0IsWUFBWSxXQUFXLE1BQU0sVUFBVSxRQUFRLEtBQUssR0FBRyxFQUFFLE9BQU8sTUFBTSxRQUFXLFFBQVEsUUFBUSxDQUFDO0FBRXBHLEtBQUssc0VBQXNFLFlBQVk7QUFDckYsUUFBTSxNQUFNLE1BQU0sS0FBSztBQUN2QixRQUFNLE1BQU0sTUFBTSxRQUFRLElBQUksTUFBTSxLQUFLLEVBQUUsUUFBUSxHQUFHLEdBQUcsTUFBTSxJQUFJLEdBQUcsQ0FBQyxDQUFDO0FBQ3hFLFNBQU8sR0FBRyxJQUFJLE1BQU0sQ0FBQyxFQUFFLFNBQVMsTUFBTSxTQUFTLFdBQVcsQ0FBQyxDQUFDO0FBQzVELFNBQU8sTUFBTSxJQUFJLFFBQVEsQ0FBQztBQUMxQixRQUFNLElBQUksVUFBVSxNQUFNO0FBQzFCLFFBQU0sSUFBSSxPQUFPLE1BQU07QUFDekIsQ0FBQztBQUVELEtBQUssMkZBQTJGLFlBQVk7QUFDMUcsUUFBTSxNQUFNLE1BQU0sS0FBSztBQUN2QixRQUFNLElBQUksR0FBRztBQUNiLE1BQUksT0FBTztBQUNYLFFBQU0sTUFBTSxNQUFNLFFBQVEsSUFBSSxNQUFNLEtBQUssRUFBRSxRQUFRLEdBQUcsR0FBRyxNQUFNLElBQUksR0FBRyxDQUFDLENBQUM7QUFDeEUsU0FBTztBQUFBLElBQ0wsSUFBSSxNQUFNLENBQUMsRUFBRSxTQUFTLE1BQU0sU0FBUyxXQUFXLENBQUM7QUFBQSxJQUNqRCxPQUFPLElBQUksS0FBSyxDQUFDLEVBQUUsU0FBUyxNQUFNLFNBQVMsU0FBUyxDQUFDLEdBQUcsU0FBUyxDQUFDLENBQUM7QUFBQSxFQUNyRTtBQUNBLFNBQU8sTUFBTSxJQUFJLFFBQVEsQ0FBQztBQUMxQixRQUFNLElBQUksVUFBVSxNQUFNO0FBQzFCLFFBQU0sSUFBSSxPQUFPLE1BQU07QUFDekIsQ0FBQztBQUVELEtBQUssMkRBQTJELFlBQVk7QUFDMUUsUUFBTSxNQUFNLE1BQU0sS0FBSyxvQkFBb0I7QUFDM0MsUUFBTSxJQUFJLEdBQUc7QUFDYixRQUFNLElBQUksR0FBRztBQUNiLFNBQU8sTUFBTSxJQUFJLFFBQVEsQ0FBQztBQUMxQixTQUFPLE1BQU0sSUFBSSxPQUFPLFNBQVMsS0FBSyxFQUFFLEVBQUUsTUFBTSxVQUFVLEdBQUcsUUFBUSxDQUFDO0FBQ3RFLFFBQU0sSUFBSSxVQUFVLE1BQU07QUFDMUIsUUFBTSxJQUFJLE9BQU8sTUFBTTtBQUN6QixDQUFDO0FBRUQsS0FBSyw4RUFBOEUsWUFBWTtBQUM3RixRQUFNLE1BQU0sTUFBTSxLQUFLO0FBQ3ZCLFFBQU0sRUFBRSxVQUFVLElBQUk7QUFDdEIsUUFBTSxVQUFVLFVBQVUsVUFBVSxLQUFLLEtBQUssVUFBVSxTQUFTO0FBQ2pFLE1BQUksUUFBUTtBQUNaLFlBQVUsVUFBVSxPQUFPLENBQUMsTUFBTSxXQUFXO0FBQzNDLFFBQUksS0FBSyxJQUFJLGFBQWEsTUFBTTtBQUM5QixlQUFTO0FBQ1QsVUFBSSxPQUFPO0FBQUEsSUFDYjtBQUNBLFdBQU8sUUFBUSxNQUFNLE1BQU07QUFBQSxFQUM3QjtBQUNBLFFBQU0sRUFBRSxTQUFTLElBQUksTUFBTSxJQUFJLEdBQUc7QUFDbEMsU0FBTyxVQUFVLENBQUMsU0FBUyxRQUFRLE9BQU8sSUFBSSxNQUFNLEdBQUcsQ0FBQyxHQUFHLEdBQUcsQ0FBQyxDQUFDO0FBQ2hFLFFBQU0sVUFBVSxNQUFNO0FBQ3RCLFFBQU0sSUFBSSxPQUFPLE1BQU07QUFDekIsQ0FBQztBQUVELEtBQUssZ0ZBQWdGLFlBQVk7QUFDL0YsUUFBTSxNQUFNLE1BQU0sS0FBSztBQUN2QixRQUFNLElBQUksR0FBRztBQUNiLFFBQU0sSUFBSSxVQUFVLE1BQU07QUFDMUIsUUFBTSxFQUFFLE1BQU0sSUFBSSxJQUFJLFVBQVU7QUFDaEMsUUFBTSxTQUFTLEtBQUssT0FBTyxRQUFRO0FBQ25DLFFBQU0sQ0FBQyxPQUFPLEVBQUUsSUFBSSxZQUFZLE1BQU07QUFDdEMsUUFBTSxPQUFPLGFBQWEsS0FBSyxRQUFRLElBQUksR0FBRyxNQUFNO0FBQ3BELFNBQU8sTUFBTSxTQUFTLEtBQUssUUFBUSxJQUFJLENBQUMsRUFBRSxPQUFPLEtBQU8sR0FBSztBQUM3RCxhQUFXLFVBQVUsQ0FBQyxrQkFBa0IsUUFBUSxnQkFBZ0IsRUFBRyxRQUFPLEdBQUcsQ0FBQyxLQUFLLFNBQVMsTUFBTSxHQUFHLE1BQU07QUFDM0csUUFBTSxRQUFRLE1BQU0sU0FBUyxPQUFPLEdBQUcsSUFBSSxVQUFVLElBQUksR0FBRyxJQUFJO0FBQ2hFLFNBQU8sTUFBTSxNQUFNLEtBQUssTUFBTSxNQUFNLDhCQUFvQjtBQUN4RCxRQUFNLENBQUMsSUFBSSxJQUFJLE1BQU0sYUFBYSxPQUFPLENBQUM7QUFDMUMsU0FBTyxNQUFNLE1BQU0sVUFBVSxNQUFNLFFBQVEsSUFBSSxvQkFBb0I7QUFDbkUsUUFBTSxJQUFJLE9BQU8sTUFBTTtBQUN6QixDQUFDO0FBRUQsS0FBSyx1RUFBdUUsWUFBWTtBQUN0RixRQUFNLE1BQU0sTUFBTSxLQUFLO0FBQ3ZCLFFBQU0sRUFBRSxNQUFNLElBQUksSUFBSSxVQUFVO0FBQ2hDLFFBQU0sSUFBSSxHQUFHO0FBQ2IsUUFBTSxJQUFJLFVBQVUsTUFBTTtBQUMxQixRQUFNLFNBQVMsS0FBSyxPQUFPLFFBQVE7QUFDbkMsUUFBTSxDQUFDLE9BQU8sRUFBRSxJQUFJLFlBQVksTUFBTTtBQUN0QyxRQUFNLE9BQU8sYUFBYSxLQUFLLFFBQVEsSUFBSSxHQUFHLE1BQU07QUFDcEQsUUFBTSxFQUFFLGNBQWMsSUFBSSxNQUFNLE9BQU8sU0FBUztBQUNoRCxhQUFXLENBQUMsT0FBTyxJQUFJLEtBQUssQ0FBQyxLQUFLLEtBQUssR0FBRyxFQUFFLFFBQVEsR0FBRztBQUNyRCxrQkFBYyxLQUFLLFFBQVEsUUFBUSxJQUFJLFFBQVEsR0FBRyxJQUFJO0FBQ3RELGVBQVcsS0FBSyxRQUFRLFFBQVEsSUFBSSxRQUFRLEdBQUcsTUFBTyxPQUFPLE1BQU8sS0FBSztBQUFBLEVBQzNFO0FBQ0EsU0FBTyxNQUFNLE1BQU0sT0FBTyxPQUFPLEVBQUUsTUFBTSxHQUFHLE1BQU0sSUFBSSxDQUFDLEdBQUcsQ0FBQztBQUMzRCxTQUFPLEdBQUcsQ0FBQyxZQUFZLE1BQU0sRUFBRSxTQUFTLGNBQWMsQ0FBQztBQUN2RCxTQUFPLE1BQU0sTUFBTSxPQUFPLE9BQU8sRUFBRSxNQUFNLEdBQUcsTUFBTSxFQUFFLENBQUMsR0FBRyxDQUFDO0FBQ3pELFNBQU8sVUFBVSxZQUFZLE1BQU0sR0FBRyxDQUFDLElBQUksQ0FBQztBQUM1QyxRQUFNLElBQUksT0FBTyxNQUFNO0FBQ3pCLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
