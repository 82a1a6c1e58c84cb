import {
  conversation,
  ctrlC,
  down,
  enter,
  noTerminal
} from "../parts/chunk-VSUPXWTE.js";
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
  echoTrail
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";

// test/program/prompts.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
var { origin } = await harbourForThisFile();
var at = { skip: noTerminal };
test("a secret is typed without being shown, and works", at, async () => {
  const cwd = demoCollection(origin);
  const set = await conversation(["secret", "set", "deskPassword"], cwd, [
    ["value of deskPassword", `tidewater-42${enter}`]
  ]);
  assert.equal(set.status, 0, set.screen);
  assert.doesNotMatch(set.screen, /tidewater/);
  const sent = await echoTrail(["session", "open", "agent", "--json"], { cwd });
  assert.equal(sent.status, 0, sent.err);
});
test("an input that is missing is asked for: a text, and one of a list by the arrow keys", at, async () => {
  const cwd = collectionOf(
    {
      "requests/berth.yaml": 'inputs: {code: {label: berth code}, side: {one-of: [port, starboard]}}\nurl: ${origin}/v1/berths/{code}\nquery: {side: "${side}"}\n'
    },
    origin
  );
  const { screen, status } = await conversation(["preview", "berth"], cwd, [
    ["code (berth code)", `N1${enter}`],
    ["side", `${down}${enter}`]
  ]);
  assert.equal(status, 0, screen);
  assert.match(screen, /\/v1\/berths\/N1\?side=starboard/);
});
var changing = {
  "environments/sandbox.yaml": `changes: ask
variables: {origin: "${origin}"}
hosts: [127.0.0.1]
`,
  "requests/login.yaml": "method: POST\nurl: ${origin}/v1/sessions\nbody: {json: {user: agent, password: tidewater-42}}\nexpect: {status: 201}\n"
};
test(
  "a change that the environment asks about is named with environment and host, and sent after yes",
  at,
  async () => {
    const cwd = collectionOf(changing);
    const yes = await conversation(["send", "login"], cwd, [["Send it?", `y${enter}`]]);
    assert.equal(yes.status, 0, yes.screen);
    assert.match(
      yes.screen,
      /environment sandbox, host 127\.0\.0\.1:\d+: POST\s+http\S+\/v1\/sessions changes something/
    );
    assert.match(yes.screen, /201/);
  }
);
test("one question stands for all changing calls of a run, and says how many they are", at, async () => {
  const cwd = collectionOf({
    ...changing,
    "data/two.csv": "n\n1\n2\n",
    "trails/twice.yaml": "steps: [{send: login}, {send: login}]\n",
    "trails/rows.yaml": "rows: data/two.csv\nsteps: [{send: login}, {trail: twice}]\n"
  });
  const yes = await conversation(["run", "rows"], cwd, [["Send them?", `y${enter}`]]);
  assert.equal(yes.status, 0, yes.screen);
  assert.match(yes.screen.replace(/\s+/g, " "), /changes something, the first of 3 changing calls for each row/);
});
test("without yes nothing is sent", at, async () => {
  const cwd = collectionOf(changing);
  const no = await conversation(["send", "login"], cwd, [["Send it?", enter]]);
  assert.equal(no.status, 4, no.screen);
  const echoes = document(await echoTrail(["echo", "list", "--json"], { cwd }));
  assert.deepEqual(echoes.echoes, []);
});
test("Ctrl-C at a question ends with 130 and a plain line", at, async () => {
  const cwd = collectionOf(changing);
  const ended = await conversation(["send", "login"], cwd, [["Send it?", ctrlC]]);
  assert.equal(ended.status, 130, ended.screen);
  assert.doesNotMatch(ended.screen, /at .*\.js|ExitPromptError|force closed/i);
});
test("a step that lets somebody choose offers a list that what is typed narrows", at, async () => {
  const cwd = collectionOf(
    {
      "requests/berth.yaml": "inputs: {code: {}}\nurl: ${origin}/mirror/{code}\n",
      "trails/pick.yaml": 'steps:\n  - keep: {berths: [{code: N1, quay: north}, {code: S2, quay: south}, {code: W3, quay: west}]}\n  - choose: {from: "${berths}", label: "${item.code} at the ${item.quay} quay", value: "${item.code}", as: code}\n  - {send: berth}\n'
    },
    origin
  );
  const picked = await conversation(["run", "pick"], cwd, [
    ["N1 at the north quay", "sou"],
    ["\u276F S2", enter]
  ]);
  assert.equal(picked.status, 0, picked.screen);
  assert.match(picked.screen, /choose code +chose S2 at the south quay/);
  const { sent } = document(await echoTrail(["echo", "show", "last", "--json"], { cwd }));
  assert.match(sent.url, /mirror\/S2$/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3Byb21wdHMudGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFF1ZXN0aW9ucyBhdCBhIHJlYWwgdGVybWluYWw6IGEgaGlkZGVuIHNlY3JldCwgYSBtaXNzaW5nIGlucHV0LCBhIHllcyBiZWZvcmUgYSBjaGFuZ2UsIGFuZCBDdHJsLUMgYXQgZWFjaC4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgY29sbGVjdGlvbk9mLCBkZW1vQ29sbGVjdGlvbiB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGRvY3VtZW50LCBlY2hvVHJhaWwgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuaW1wb3J0IHsgY29udmVyc2F0aW9uLCBjdHJsQywgZG93biwgZW50ZXIsIG5vVGVybWluYWwgfSBmcm9tICcuLi9zdXBwb3J0L3BzZXVkby10ZXJtaW5hbC5qcyc7XG5pbXBvcnQgeyBoYXJib3VyRm9yVGhpc0ZpbGUgfSBmcm9tICcuLi9zdXBwb3J0L3N0YW5kaW4uanMnO1xuXG5jb25zdCB7IG9yaWdpbiB9ID0gYXdhaXQgaGFyYm91ckZvclRoaXNGaWxlKCk7XG5jb25zdCBhdCA9IHsgc2tpcDogbm9UZXJtaW5hbCB9O1xuXG50ZXN0KCdhIHNlY3JldCBpcyB0eXBlZCB3aXRob3V0IGJlaW5nIHNob3duLCBhbmQgd29ya3MnLCBhdCwgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBkZW1vQ29sbGVjdGlvbihvcmlnaW4pO1xuICBjb25zdCBzZXQgPSBhd2FpdCBjb252ZXJzYXRpb24oWydzZWNyZXQnLCAnc2V0JywgJ2Rlc2tQYXNzd29yZCddLCBjd2QsIFtcbiAgICBbJ3ZhbHVlIG9mIGRlc2tQYXNzd29yZCcsIGB0aWRld2F0ZXItNDIke2VudGVyfWBdLFxuICBdKTtcbiAgYXNzZXJ0LmVxdWFsKHNldC5zdGF0dXMsIDAsIHNldC5zY3JlZW4pO1xuICBhc3NlcnQuZG9lc05vdE1hdGNoKHNldC5zY3JlZW4sIC90aWRld2F0ZXIvKTtcbiAgY29uc3Qgc2VudCA9IGF3YWl0IGVjaG9UcmFpbChbJ3Nlc3Npb24nLCAnb3BlbicsICdhZ2VudCcsICctLWpzb24nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChzZW50LnN0YXR1cywgMCwgc2VudC5lcnIpO1xufSk7XG5cbnRlc3QoJ2FuIGlucHV0IHRoYXQgaXMgbWlzc2luZyBpcyBhc2tlZCBmb3I6IGEgdGV4dCwgYW5kIG9uZSBvZiBhIGxpc3QgYnkgdGhlIGFycm93IGtleXMnLCBhdCwgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ3JlcXVlc3RzL2JlcnRoLnlhbWwnOlxuICAgICAgICAnaW5wdXRzOiB7Y29kZToge2xhYmVsOiBiZXJ0aCBjb2RlfSwgc2lkZToge29uZS1vZjogW3BvcnQsIHN0YXJib2FyZF19fVxcbnVybDogJHtvcmlnaW59L3YxL2JlcnRocy97Y29kZX1cXG5xdWVyeToge3NpZGU6IFwiJHtzaWRlfVwifVxcbicsXG4gICAgfSxcbiAgICBvcmlnaW4sXG4gICk7XG4gIGNvbnN0IHsgc2NyZWVuLCBzdGF0dXMgfSA9IGF3YWl0IGNvbnZlcnNhdGlvbihbJ3ByZXZpZXcnLCAnYmVydGgnXSwgY3dkLCBbXG4gICAgWydjb2RlIChiZXJ0aCBjb2RlKScsIGBOMSR7ZW50ZXJ9YF0sXG4gICAgWydzaWRlJywgYCR7ZG93bn0ke2VudGVyfWBdLFxuICBdKTtcbiAgYXNzZXJ0LmVxdWFsKHN0YXR1cywgMCwgc2NyZWVuKTtcbiAgYXNzZXJ0Lm1hdGNoKHNjcmVlbiwgL1xcL3YxXFwvYmVydGhzXFwvTjFcXD9zaWRlPXN0YXJib2FyZC8pO1xufSk7XG5cbmNvbnN0IGNoYW5naW5nID0ge1xuICAnZW52aXJvbm1lbnRzL3NhbmRib3gueWFtbCc6IGBjaGFuZ2VzOiBhc2tcXG52YXJpYWJsZXM6IHtvcmlnaW46IFwiJHtvcmlnaW59XCJ9XFxuaG9zdHM6IFsxMjcuMC4wLjFdXFxuYCxcbiAgJ3JlcXVlc3RzL2xvZ2luLnlhbWwnOlxuICAgICdtZXRob2Q6IFBPU1RcXG51cmw6ICR7b3JpZ2lufS92MS9zZXNzaW9uc1xcbmJvZHk6IHtqc29uOiB7dXNlcjogYWdlbnQsIHBhc3N3b3JkOiB0aWRld2F0ZXItNDJ9fVxcbmV4cGVjdDoge3N0YXR1czogMjAxfVxcbicsXG59O1xuXG50ZXN0KFxuICAnYSBjaGFuZ2UgdGhhdCB0aGUgZW52aXJvbm1lbnQgYXNrcyBhYm91dCBpcyBuYW1lZCB3aXRoIGVudmlyb25tZW50IGFuZCBob3N0LCBhbmQgc2VudCBhZnRlciB5ZXMnLFxuICBhdCxcbiAgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihjaGFuZ2luZyk7XG4gICAgY29uc3QgeWVzID0gYXdhaXQgY29udmVyc2F0aW9uKFsnc2VuZCcsICdsb2dpbiddLCBjd2QsIFtbJ1NlbmQgaXQ/JywgYHkke2VudGVyfWBdXSk7XG4gICAgYXNzZXJ0LmVxdWFsKHllcy5zdGF0dXMsIDAsIHllcy5zY3JlZW4pO1xuICAgIGFzc2VydC5tYXRjaChcbiAgICAgIHllcy5zY3JlZW4sXG4gICAgICAvZW52aXJvbm1lbnQgc2FuZGJveCwgaG9zdCAxMjdcXC4wXFwuMFxcLjE6XFxkKzogUE9TVFxccytodHRwXFxTK1xcL3YxXFwvc2Vzc2lvbnMgY2hhbmdlcyBzb21ldGhpbmcvLFxuICAgICk7XG4gICAgYXNzZXJ0Lm1hdGNoKHllcy5zY3JlZW4sIC8yMDEvKTtcbiAgfSxcbik7XG5cbnRlc3QoJ29uZSBxdWVzdGlvbiBzdGFuZHMgZm9yIGFsbCBjaGFuZ2luZyBjYWxscyBvZiBhIHJ1biwgYW5kIHNheXMgaG93IG1hbnkgdGhleSBhcmUnLCBhdCwgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoe1xuICAgIC4uLmNoYW5naW5nLFxuICAgICdkYXRhL3R3by5jc3YnOiAnblxcbjFcXG4yXFxuJyxcbiAgICAndHJhaWxzL3R3aWNlLnlhbWwnOiAnc3RlcHM6IFt7c2VuZDogbG9naW59LCB7c2VuZDogbG9naW59XVxcbicsXG4gICAgJ3RyYWlscy9yb3dzLnlhbWwnOiAncm93czogZGF0YS90d28uY3N2XFxuc3RlcHM6IFt7c2VuZDogbG9naW59LCB7dHJhaWw6IHR3aWNlfV1cXG4nLFxuICB9KTtcbiAgY29uc3QgeWVzID0gYXdhaXQgY29udmVyc2F0aW9uKFsncnVuJywgJ3Jvd3MnXSwgY3dkLCBbWydTZW5kIHRoZW0/JywgYHkke2VudGVyfWBdXSk7XG4gIGFzc2VydC5lcXVhbCh5ZXMuc3RhdHVzLCAwLCB5ZXMuc2NyZWVuKTtcbiAgYXNzZXJ0Lm1hdGNoKHllcy5zY3JlZW4ucmVwbGFjZSgvXFxzKy9nLCAnICcpLCAvY2hhbmdlcyBzb21ldGhpbmcsIHRoZSBmaXJzdCBvZiAzIGNoYW5naW5nIGNhbGxzIGZvciBlYWNoIHJvdy8pO1xufSk7XG5cbnRlc3QoJ3dpdGhvdXQgeWVzIG5vdGhpbmcgaXMgc2VudCcsIGF0LCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihjaGFuZ2luZyk7XG4gIGNvbnN0IG5vID0gYXdhaXQgY29udmVyc2F0aW9uKFsnc2VuZCcsICdsb2dpbiddLCBjd2QsIFtbJ1NlbmQgaXQ/JywgZW50ZXJdXSk7XG4gIGFzc2VydC5lcXVhbChuby5zdGF0dXMsIDQsIG5vLnNjcmVlbik7XG4gIGNvbnN0IGVjaG9lcyA9IGRvY3VtZW50PHsgZWNob2VzOiB1bmtub3duW10gfT4oYXdhaXQgZWNob1RyYWlsKFsnZWNobycsICdsaXN0JywgJy0tanNvbiddLCB7IGN3ZCB9KSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoZWNob2VzLmVjaG9lcywgW10pO1xufSk7XG5cbnRlc3QoJ0N0cmwtQyBhdCBhIHF1ZXN0aW9uIGVuZHMgd2l0aCAxMzAgYW5kIGEgcGxhaW4gbGluZScsIGF0LCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihjaGFuZ2luZyk7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgY29udmVyc2F0aW9uKFsnc2VuZCcsICdsb2dpbiddLCBjd2QsIFtbJ1NlbmQgaXQ/JywgY3RybENdXSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDEzMCwgZW5kZWQuc2NyZWVuKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChlbmRlZC5zY3JlZW4sIC9hdCAuKlxcLmpzfEV4aXRQcm9tcHRFcnJvcnxmb3JjZSBjbG9zZWQvaSk7XG59KTtcblxudGVzdCgnYSBzdGVwIHRoYXQgbGV0cyBzb21lYm9keSBjaG9vc2Ugb2ZmZXJzIGEgbGlzdCB0aGF0IHdoYXQgaXMgdHlwZWQgbmFycm93cycsIGF0LCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvYmVydGgueWFtbCc6ICdpbnB1dHM6IHtjb2RlOiB7fX1cXG51cmw6ICR7b3JpZ2lufS9taXJyb3Ive2NvZGV9XFxuJyxcbiAgICAgICd0cmFpbHMvcGljay55YW1sJzpcbiAgICAgICAgJ3N0ZXBzOlxcbiAgLSBrZWVwOiB7YmVydGhzOiBbe2NvZGU6IE4xLCBxdWF5OiBub3J0aH0sIHtjb2RlOiBTMiwgcXVheTogc291dGh9LCB7Y29kZTogVzMsIHF1YXk6IHdlc3R9XX1cXG4gIC0gY2hvb3NlOiB7ZnJvbTogXCIke2JlcnRoc31cIiwgbGFiZWw6IFwiJHtpdGVtLmNvZGV9IGF0IHRoZSAke2l0ZW0ucXVheX0gcXVheVwiLCB2YWx1ZTogXCIke2l0ZW0uY29kZX1cIiwgYXM6IGNvZGV9XFxuICAtIHtzZW5kOiBiZXJ0aH1cXG4nLFxuICAgIH0sXG4gICAgb3JpZ2luLFxuICApO1xuICBjb25zdCBwaWNrZWQgPSBhd2FpdCBjb252ZXJzYXRpb24oWydydW4nLCAncGljayddLCBjd2QsIFtcbiAgICBbJ04xIGF0IHRoZSBub3J0aCBxdWF5JywgJ3NvdSddLFxuICAgIFsnXHUyNzZGIFMyJywgZW50ZXJdLFxuICBdKTtcbiAgYXNzZXJ0LmVxdWFsKHBpY2tlZC5zdGF0dXMsIDAsIHBpY2tlZC5zY3JlZW4pO1xuICBhc3NlcnQubWF0Y2gocGlja2VkLnNjcmVlbiwgL2Nob29zZSBjb2RlICtjaG9zZSBTMiBhdCB0aGUgc291dGggcXVheS8pO1xuICBjb25zdCB7IHNlbnQgfSA9IGRvY3VtZW50PHsgc2VudDogeyB1cmw6IHN0cmluZyB9IH0+KGF3YWl0IGVjaG9UcmFpbChbJ2VjaG8nLCAnc2hvdycsICdsYXN0JywgJy0tanNvbiddLCB7IGN3ZCB9KSk7XG4gIGFzc2VydC5tYXRjaChzZW50LnVybCwgL21pcnJvclxcL1MyJC8pO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsWUFBWTtBQU1yQixJQUFNLEVBQUUsT0FBTyxJQUFJLE1BQU0sbUJBQW1CO0FBQzVDLElBQU0sS0FBSyxFQUFFLE1BQU0sV0FBVztBQUU5QixLQUFLLG9EQUFvRCxJQUFJLFlBQVk7QUFDdkUsUUFBTSxNQUFNLGVBQWUsTUFBTTtBQUNqQyxRQUFNLE1BQU0sTUFBTSxhQUFhLENBQUMsVUFBVSxPQUFPLGNBQWMsR0FBRyxLQUFLO0FBQUEsSUFDckUsQ0FBQyx5QkFBeUIsZUFBZSxLQUFLLEVBQUU7QUFBQSxFQUNsRCxDQUFDO0FBQ0QsU0FBTyxNQUFNLElBQUksUUFBUSxHQUFHLElBQUksTUFBTTtBQUN0QyxTQUFPLGFBQWEsSUFBSSxRQUFRLFdBQVc7QUFDM0MsUUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLFdBQVcsUUFBUSxTQUFTLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM1RSxTQUFPLE1BQU0sS0FBSyxRQUFRLEdBQUcsS0FBSyxHQUFHO0FBQ3ZDLENBQUM7QUFFRCxLQUFLLHNGQUFzRixJQUFJLFlBQVk7QUFDekcsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0UsdUJBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLEVBQUUsUUFBUSxPQUFPLElBQUksTUFBTSxhQUFhLENBQUMsV0FBVyxPQUFPLEdBQUcsS0FBSztBQUFBLElBQ3ZFLENBQUMscUJBQXFCLEtBQUssS0FBSyxFQUFFO0FBQUEsSUFDbEMsQ0FBQyxRQUFRLEdBQUcsSUFBSSxHQUFHLEtBQUssRUFBRTtBQUFBLEVBQzVCLENBQUM7QUFDRCxTQUFPLE1BQU0sUUFBUSxHQUFHLE1BQU07QUFDOUIsU0FBTyxNQUFNLFFBQVEsa0NBQWtDO0FBQ3pELENBQUM7QUFFRCxJQUFNLFdBQVc7QUFBQSxFQUNmLDZCQUE2QjtBQUFBLHVCQUFzQyxNQUFNO0FBQUE7QUFBQTtBQUFBLEVBQ3pFLHVCQUNFO0FBQ0o7QUFFQTtBQUFBLEVBQ0U7QUFBQSxFQUNBO0FBQUEsRUFDQSxZQUFZO0FBQ1YsVUFBTSxNQUFNLGFBQWEsUUFBUTtBQUNqQyxVQUFNLE1BQU0sTUFBTSxhQUFhLENBQUMsUUFBUSxPQUFPLEdBQUcsS0FBSyxDQUFDLENBQUMsWUFBWSxJQUFJLEtBQUssRUFBRSxDQUFDLENBQUM7QUFDbEYsV0FBTyxNQUFNLElBQUksUUFBUSxHQUFHLElBQUksTUFBTTtBQUN0QyxXQUFPO0FBQUEsTUFDTCxJQUFJO0FBQUEsTUFDSjtBQUFBLElBQ0Y7QUFDQSxXQUFPLE1BQU0sSUFBSSxRQUFRLEtBQUs7QUFBQSxFQUNoQztBQUNGO0FBRUEsS0FBSyxtRkFBbUYsSUFBSSxZQUFZO0FBQ3RHLFFBQU0sTUFBTSxhQUFhO0FBQUEsSUFDdkIsR0FBRztBQUFBLElBQ0gsZ0JBQWdCO0FBQUEsSUFDaEIscUJBQXFCO0FBQUEsSUFDckIsb0JBQW9CO0FBQUEsRUFDdEIsQ0FBQztBQUNELFFBQU0sTUFBTSxNQUFNLGFBQWEsQ0FBQyxPQUFPLE1BQU0sR0FBRyxLQUFLLENBQUMsQ0FBQyxjQUFjLElBQUksS0FBSyxFQUFFLENBQUMsQ0FBQztBQUNsRixTQUFPLE1BQU0sSUFBSSxRQUFRLEdBQUcsSUFBSSxNQUFNO0FBQ3RDLFNBQU8sTUFBTSxJQUFJLE9BQU8sUUFBUSxRQUFRLEdBQUcsR0FBRywrREFBK0Q7QUFDL0csQ0FBQztBQUVELEtBQUssK0JBQStCLElBQUksWUFBWTtBQUNsRCxRQUFNLE1BQU0sYUFBYSxRQUFRO0FBQ2pDLFFBQU0sS0FBSyxNQUFNLGFBQWEsQ0FBQyxRQUFRLE9BQU8sR0FBRyxLQUFLLENBQUMsQ0FBQyxZQUFZLEtBQUssQ0FBQyxDQUFDO0FBQzNFLFNBQU8sTUFBTSxHQUFHLFFBQVEsR0FBRyxHQUFHLE1BQU07QUFDcEMsUUFBTSxTQUFTLFNBQWdDLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUMsQ0FBQztBQUNuRyxTQUFPLFVBQVUsT0FBTyxRQUFRLENBQUMsQ0FBQztBQUNwQyxDQUFDO0FBRUQsS0FBSyx1REFBdUQsSUFBSSxZQUFZO0FBQzFFLFFBQU0sTUFBTSxhQUFhLFFBQVE7QUFDakMsUUFBTSxRQUFRLE1BQU0sYUFBYSxDQUFDLFFBQVEsT0FBTyxHQUFHLEtBQUssQ0FBQyxDQUFDLFlBQVksS0FBSyxDQUFDLENBQUM7QUFDOUUsU0FBTyxNQUFNLE1BQU0sUUFBUSxLQUFLLE1BQU0sTUFBTTtBQUM1QyxTQUFPLGFBQWEsTUFBTSxRQUFRLHlDQUF5QztBQUM3RSxDQUFDO0FBRUQsS0FBSyw2RUFBNkUsSUFBSSxZQUFZO0FBQ2hHLFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLHVCQUF1QjtBQUFBLE1BQ3ZCLG9CQUNFO0FBQUEsSUFDSjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsUUFBTSxTQUFTLE1BQU0sYUFBYSxDQUFDLE9BQU8sTUFBTSxHQUFHLEtBQUs7QUFBQSxJQUN0RCxDQUFDLHdCQUF3QixLQUFLO0FBQUEsSUFDOUIsQ0FBQyxhQUFRLEtBQUs7QUFBQSxFQUNoQixDQUFDO0FBQ0QsU0FBTyxNQUFNLE9BQU8sUUFBUSxHQUFHLE9BQU8sTUFBTTtBQUM1QyxTQUFPLE1BQU0sT0FBTyxRQUFRLHlDQUF5QztBQUNyRSxRQUFNLEVBQUUsS0FBSyxJQUFJLFNBQW9DLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxRQUFRLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQyxDQUFDO0FBQ2pILFNBQU8sTUFBTSxLQUFLLEtBQUssYUFBYTtBQUN0QyxDQUFDOyIsCiAgIm5hbWVzIjogW10KfQo=
