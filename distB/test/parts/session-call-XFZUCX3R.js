import {
  walkSteps
} from "./chunk-YNBPSLLM.js";
import {
  planTrail,
  startScope
} from "./chunk-FLHFYREZ.js";
import "./chunk-4F2HHAKH.js";
import "./chunk-EHQEYXN5.js";
import {
  sendRequest
} from "./chunk-RCNXIKQJ.js";
import "./chunk-2IYWYRKP.js";
import "./chunk-HXYVL4WF.js";
import "./chunk-WVOF6Q2Z.js";
import "./chunk-33U4T2M5.js";
import "./chunk-5LQRYHH4.js";
import "./chunk-3HNS4OKH.js";
import "./chunk-2P5QH4SA.js";
import "./chunk-M6H7XQX2.js";
import "./chunk-7DROAWR7.js";
import "./chunk-4THVOAEK.js";
import "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-JTXRQ3DM.js";
import "./chunk-UFHSLVCM.js";
import "./chunk-2YNHSDXB.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import "./chunk-3GYCCOMC.js";
import {
  variableNames
} from "./chunk-7G6JQYYU.js";
import "./chunk-BNANEU6A.js";
import "./chunk-G6PY5PV3.js";
import "./chunk-YNHN5OI4.js";
import {
  problemText
} from "./chunk-KDZI5FEM.js";
import "./chunk-REJVQWM4.js";
import "./chunk-WAHZOCQ7.js";
import "./chunk-V2NIP2IX.js";
import "./chunk-U6MR4M5T.js";
import "./chunk-TNGRBWFR.js";
import "./chunk-36BGEIU2.js";
import "./chunk-AJOWUZTK.js";
import "./chunk-IBVRGXBJ.js";
import "./chunk-VV4FZXZN.js";
import "./chunk-ADLZ4E65.js";
import "./chunk-BC36KCSM.js";
import "./chunk-KTFSZ6KS.js";
import "./chunk-5DCQHAPP.js";
import "./chunk-MAL2YCX2.js";
import "./chunk-M2U6DOQ3.js";
import "./chunk-77DFO3CW.js";
import "./chunk-J7IJ6DS5.js";
import "./chunk-4DNYAMDJ.js";
import "./chunk-UHUDVQF4.js";
import "./chunk-IQWA53IU.js";
import {
  compileTree
} from "./chunk-6FF7OQVK.js";
import "./chunk-7JVJJYGZ.js";
import "./chunk-VVGKGSPN.js";
import {
  noNames
} from "./chunk-ILBUWU7B.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import {
  Evaluation,
  omitted
} from "./chunk-ELCQYB6S.js";
import "./chunk-ZC7SUIQQ.js";
import {
  Problem,
  asProblem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/core/trail/session-call.ts
var partOf = ({ sessions }) => sessions.length > 0 ? "close" : "open";
async function givenBy(workspace, { name, yaml, give }, part) {
  const loads = [];
  const where = (key) => (path) => yaml.position([part, "give", key, ...path]);
  const trees = new Map(Object.entries(give).map(([key, value]) => [key, compileTree(value, where(key), loads)]));
  await Promise.all(loads);
  const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
  const names = variableNames(workspace.layers, noNames, surroundings);
  return (input) => {
    const tree = trees.get(input);
    if (!tree) return void 0;
    const evaluation = new Evaluation(names, surroundings);
    const value = tree.evaluate(evaluation);
    return value === omitted ? void 0 : { value, origin: `session ${name}`, secret: evaluation.touchedSecret };
  };
}
async function sendForSession(workspace, call) {
  const { name, yaml, request, sessions } = call;
  const prepared = await Promise.resolve(request).then(workspace.prepare).catch((error) => Promise.reject(asProblem(error).at(yaml.position([partOf(call), "send"]))));
  const { outcome, problems, echo } = await sendRequest(workspace, prepared, {
    given: await givenBy(workspace, call, partOf(call)),
    caller: noNames,
    sessions,
    cookiesOf: [name],
    step: `session ${name}`
  });
  const { received, trouble } = outcome;
  if (trouble) throw trouble;
  const [first] = problems;
  if (received && !first) return received;
  const said = received && problemText(received);
  throw new Problem("session-missing", {
    what: `the session ${name} was refused: ${prepared.plan.name} answered ${received?.status}${said === void 0 ? "" : ` (${said})`}`,
    cause: first?.what,
    remedy: `are the user and the secret right? echo-trail echo show ${echo} shows the exchange`,
    data: { session: name }
  });
}
async function walkForSession(workspace, { name, yaml, trail, give }) {
  const where = yaml.position(["open", "trail"]);
  const plan = await planTrail(workspace, trail).catch((error) => Promise.reject(asProblem(error).at(where)));
  const scope = startScope(plan, workspace, await givenBy(workspace, { name, yaml, give }, "open"));
  let last;
  const never = new AbortController().signal;
  const problem = await walkSteps(plan.steps, {
    workspace,
    scope,
    row: void 0,
    at: "",
    depth: 0,
    signal: never,
    ending: never,
    undo: [],
    doubt: () => void 0,
    journal: void 0,
    table: void 0,
    last: { cells: {} },
    handled: /* @__PURE__ */ new Map(),
    report: (event) => {
      if (event.event === "step") last = event.sent?.outcome.received ?? last;
    },
    steps: walkSteps,
    forSession: name
  });
  if (!problem && last) {
    const names = {};
    for (const key of scope.known()) names[key] = scope.lookup(key)?.value;
    return { received: last, names };
  }
  throw new Problem("session-missing", {
    what: `the session ${name} could not be opened by the trail ${plan.name}${problem ? `: ${problem.what}` : ""}`,
    where,
    cause: problem ? problem.reason : "no step of it sent anything",
    remedy: "echo-trail echo list --failed shows its exchanges",
    data: { session: name }
  });
}
export {
  sendForSession,
  walkForSession
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc2Vzc2lvbi1jYWxsLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogVGhlIHJlcXVlc3RzLCBhbmQgdGhlIHRyYWlscyBvZiB0aGVtLCB0aGF0IG9wZW4gb3IgY2xvc2UgYSBzZXNzaW9uLiAqL1xuaW1wb3J0IHsgdmFyaWFibGVOYW1lcyB9IGZyb20gJy4uL2NvbGxlY3Rpb24vbGF5ZXJzLmpzJztcbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHR5cGUgeyBSZWNlaXZlZCB9IGZyb20gJy4uL2V4Y2hhbmdlL3JlY2VpdmVkLmpzJztcbmltcG9ydCB7IHByb2JsZW1UZXh0IH0gZnJvbSAnLi4vZXhwZWN0YXRpb24vZXhwZWN0YXRpb25zLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiwgb21pdHRlZCB9IGZyb20gJy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyB0eXBlIE5hbWVkLCBub05hbWVzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSB9IGZyb20gJy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0sIFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBPcGVuZWQgfSBmcm9tICcuLi9zZXNzaW9uL3Nlc3Npb24ta2luZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBwbGFuVHJhaWwgfSBmcm9tICcuL3BsYW4uanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuL3NlbmQuanMnO1xuaW1wb3J0IHsgc3RhcnRTY29wZSB9IGZyb20gJy4vc3RhcnQtc2NvcGUuanMnO1xuaW1wb3J0IHsgd2Fsa1N0ZXBzIH0gZnJvbSAnLi93YWxrLXN0ZXBzLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi93b3Jrc3BhY2UuanMnO1xuXG5pbnRlcmZhY2UgU2Vzc2lvbkNhbGwge1xuICByZWFkb25seSBuYW1lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHlhbWw6IFlhbWxGaWxlO1xuICByZWFkb25seSByZXF1ZXN0OiBzdHJpbmc7XG4gIHJlYWRvbmx5IGdpdmU6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIFZhbHVlPj47XG4gIHJlYWRvbmx5IHNlc3Npb25zOiByZWFkb25seSBzdHJpbmdbXTtcbn1cblxuLyoqIFdoYXQgY2xvc2VzIGEgc2Vzc2lvbiBpcyBzZW50IHdpdGggaXQuICovXG5jb25zdCBwYXJ0T2YgPSAoeyBzZXNzaW9ucyB9OiBTZXNzaW9uQ2FsbCk6ICdvcGVuJyB8ICdjbG9zZScgPT4gKHNlc3Npb25zLmxlbmd0aCA+IDAgPyAnY2xvc2UnIDogJ29wZW4nKTtcblxuLyoqIFdoYXQgdGhlIHNlc3Npb24gZmlsZSBnaXZlcyB0byB0aGUgaW5wdXRzLiAqL1xuYXN5bmMgZnVuY3Rpb24gZ2l2ZW5CeShcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHsgbmFtZSwgeWFtbCwgZ2l2ZSB9OiBQaWNrPFNlc3Npb25DYWxsLCAnbmFtZScgfCAneWFtbCcgfCAnZ2l2ZSc+LFxuICBwYXJ0OiAnb3BlbicgfCAnY2xvc2UnLFxuKTogUHJvbWlzZTwoaW5wdXQ6IHN0cmluZykgPT4gTmFtZWQgfCB1bmRlZmluZWQ+IHtcbiAgY29uc3QgbG9hZHM6IExvYWRzID0gW107XG4gIGNvbnN0IHdoZXJlID0gKGtleTogc3RyaW5nKSA9PiAocGF0aDogcmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXSkgPT4geWFtbC5wb3NpdGlvbihbcGFydCwgJ2dpdmUnLCBrZXksIC4uLnBhdGhdKTtcbiAgY29uc3QgdHJlZXMgPSBuZXcgTWFwKE9iamVjdC5lbnRyaWVzKGdpdmUpLm1hcCgoW2tleSwgdmFsdWVdKSA9PiBba2V5LCBjb21waWxlVHJlZSh2YWx1ZSwgd2hlcmUoa2V5KSwgbG9hZHMpXSkpO1xuICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gIGNvbnN0IHN1cnJvdW5kaW5ncyA9IHsgd29ybGQ6IHdvcmtzcGFjZS53b3JsZCgpLCBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCB9O1xuICBjb25zdCBuYW1lcyA9IHZhcmlhYmxlTmFtZXMod29ya3NwYWNlLmxheWVycywgbm9OYW1lcywgc3Vycm91bmRpbmdzKTtcbiAgcmV0dXJuIChpbnB1dCkgPT4ge1xuICAgIGNvbnN0IHRyZWUgPSB0cmVlcy5nZXQoaW5wdXQpO1xuICAgIGlmICghdHJlZSkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICBjb25zdCBldmFsdWF0aW9uID0gbmV3IEV2YWx1YXRpb24obmFtZXMsIHN1cnJvdW5kaW5ncyk7XG4gICAgY29uc3QgdmFsdWUgPSB0cmVlLmV2YWx1YXRlKGV2YWx1YXRpb24pO1xuICAgIHJldHVybiB2YWx1ZSA9PT0gb21pdHRlZCA/IHVuZGVmaW5lZCA6IHsgdmFsdWUsIG9yaWdpbjogYHNlc3Npb24gJHtuYW1lfWAsIHNlY3JldDogZXZhbHVhdGlvbi50b3VjaGVkU2VjcmV0IH07XG4gIH07XG59XG5cbi8qKiBTZW5kcyB0aGUgcmVxdWVzdCB0aGF0IG9wZW5zIG9yIGNsb3NlcyBhIHNlc3Npb24uIEB0aHJvd3MgUHJvYmxlbSBzZXNzaW9uLW1pc3Npbmcgd2hlcmUgaXRzIGFuc3dlciBpcyBhIHJlZnVzYWwgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBzZW5kRm9yU2Vzc2lvbih3b3Jrc3BhY2U6IFdvcmtzcGFjZSwgY2FsbDogU2Vzc2lvbkNhbGwpOiBQcm9taXNlPFJlY2VpdmVkPiB7XG4gIGNvbnN0IHsgbmFtZSwgeWFtbCwgcmVxdWVzdCwgc2Vzc2lvbnMgfSA9IGNhbGw7XG4gIGNvbnN0IHByZXBhcmVkID0gYXdhaXQgUHJvbWlzZS5yZXNvbHZlKHJlcXVlc3QpXG4gICAgLnRoZW4od29ya3NwYWNlLnByZXBhcmUpXG4gICAgLmNhdGNoKChlcnJvcjogdW5rbm93bikgPT4gUHJvbWlzZS5yZWplY3QoYXNQcm9ibGVtKGVycm9yKS5hdCh5YW1sLnBvc2l0aW9uKFtwYXJ0T2YoY2FsbCksICdzZW5kJ10pKSkpO1xuICBjb25zdCB7IG91dGNvbWUsIHByb2JsZW1zLCBlY2hvIH0gPSBhd2FpdCBzZW5kUmVxdWVzdCh3b3Jrc3BhY2UsIHByZXBhcmVkLCB7XG4gICAgZ2l2ZW46IGF3YWl0IGdpdmVuQnkod29ya3NwYWNlLCBjYWxsLCBwYXJ0T2YoY2FsbCkpLFxuICAgIGNhbGxlcjogbm9OYW1lcyxcbiAgICBzZXNzaW9ucyxcbiAgICBjb29raWVzT2Y6IFtuYW1lXSxcbiAgICBzdGVwOiBgc2Vzc2lvbiAke25hbWV9YCxcbiAgfSk7XG4gIGNvbnN0IHsgcmVjZWl2ZWQsIHRyb3VibGUgfSA9IG91dGNvbWU7XG4gIGlmICh0cm91YmxlKSB0aHJvdyB0cm91YmxlO1xuICBjb25zdCBbZmlyc3RdID0gcHJvYmxlbXM7XG4gIGlmIChyZWNlaXZlZCAmJiAhZmlyc3QpIHJldHVybiByZWNlaXZlZDtcbiAgY29uc3Qgc2FpZCA9IHJlY2VpdmVkICYmIHByb2JsZW1UZXh0KHJlY2VpdmVkKTtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ3Nlc3Npb24tbWlzc2luZycsIHtcbiAgICB3aGF0OiBgdGhlIHNlc3Npb24gJHtuYW1lfSB3YXMgcmVmdXNlZDogJHtwcmVwYXJlZC5wbGFuLm5hbWV9IGFuc3dlcmVkICR7cmVjZWl2ZWQ/LnN0YXR1c30ke3NhaWQgPT09IHVuZGVmaW5lZCA/ICcnIDogYCAoJHtzYWlkfSlgfWAsXG4gICAgY2F1c2U6IGZpcnN0Py53aGF0LFxuICAgIHJlbWVkeTogYGFyZSB0aGUgdXNlciBhbmQgdGhlIHNlY3JldCByaWdodD8gZWNoby10cmFpbCBlY2hvIHNob3cgJHtlY2hvfSBzaG93cyB0aGUgZXhjaGFuZ2VgLFxuICAgIGRhdGE6IHsgc2Vzc2lvbjogbmFtZSB9LFxuICB9KTtcbn1cblxuLyoqIFdhbGtzIHRoZSB0cmFpbCB0aGF0IG9wZW5zIGEgc2Vzc2lvbi4gQHRocm93cyBQcm9ibGVtIHdoZXJlIGEgc3RlcCBmYWlscywgb3Igbm8gYW5zd2VyIGNhbWUgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiB3YWxrRm9yU2Vzc2lvbihcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHsgbmFtZSwgeWFtbCwgdHJhaWwsIGdpdmUgfTogT21pdDxTZXNzaW9uQ2FsbCwgJ3JlcXVlc3QnIHwgJ3Nlc3Npb25zJz4gJiB7IHJlYWRvbmx5IHRyYWlsOiBzdHJpbmcgfSxcbik6IFByb21pc2U8T3BlbmVkPiB7XG4gIGNvbnN0IHdoZXJlID0geWFtbC5wb3NpdGlvbihbJ29wZW4nLCAndHJhaWwnXSk7XG4gIGNvbnN0IHBsYW4gPSBhd2FpdCBwbGFuVHJhaWwod29ya3NwYWNlLCB0cmFpbCkuY2F0Y2goKGVycm9yOiB1bmtub3duKSA9PiBQcm9taXNlLnJlamVjdChhc1Byb2JsZW0oZXJyb3IpLmF0KHdoZXJlKSkpO1xuICBjb25zdCBzY29wZSA9IHN0YXJ0U2NvcGUocGxhbiwgd29ya3NwYWNlLCBhd2FpdCBnaXZlbkJ5KHdvcmtzcGFjZSwgeyBuYW1lLCB5YW1sLCBnaXZlIH0sICdvcGVuJykpO1xuICBsZXQgbGFzdDogUmVjZWl2ZWQgfCB1bmRlZmluZWQ7XG4gIGNvbnN0IG5ldmVyID0gbmV3IEFib3J0Q29udHJvbGxlcigpLnNpZ25hbDtcbiAgY29uc3QgcHJvYmxlbSA9IGF3YWl0IHdhbGtTdGVwcyhwbGFuLnN0ZXBzLCB7XG4gICAgd29ya3NwYWNlLFxuICAgIHNjb3BlLFxuICAgIHJvdzogdW5kZWZpbmVkLFxuICAgIGF0OiAnJyxcbiAgICBkZXB0aDogMCxcbiAgICBzaWduYWw6IG5ldmVyLFxuICAgIGVuZGluZzogbmV2ZXIsXG4gICAgdW5kbzogW10sXG4gICAgZG91YnQ6ICgpID0+IHVuZGVmaW5lZCxcbiAgICBqb3VybmFsOiB1bmRlZmluZWQsXG4gICAgdGFibGU6IHVuZGVmaW5lZCxcbiAgICBsYXN0OiB7IGNlbGxzOiB7fSB9LFxuICAgIGhhbmRsZWQ6IG5ldyBNYXAoKSxcbiAgICByZXBvcnQ6IChldmVudCkgPT4ge1xuICAgICAgaWYgKGV2ZW50LmV2ZW50ID09PSAnc3RlcCcpIGxhc3QgPSBldmVudC5zZW50Py5vdXRjb21lLnJlY2VpdmVkID8/IGxhc3Q7XG4gICAgfSxcbiAgICBzdGVwczogd2Fsa1N0ZXBzLFxuICAgIGZvclNlc3Npb246IG5hbWUsXG4gIH0pO1xuICBpZiAoIXByb2JsZW0gJiYgbGFzdCkge1xuICAgIGNvbnN0IG5hbWVzOiBSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4gPSB7fTtcbiAgICBmb3IgKGNvbnN0IGtleSBvZiBzY29wZS5rbm93bigpKSBuYW1lc1trZXldID0gc2NvcGUubG9va3VwKGtleSk/LnZhbHVlIGFzIFZhbHVlO1xuICAgIHJldHVybiB7IHJlY2VpdmVkOiBsYXN0LCBuYW1lcyB9O1xuICB9XG4gIHRocm93IG5ldyBQcm9ibGVtKCdzZXNzaW9uLW1pc3NpbmcnLCB7XG4gICAgd2hhdDogYHRoZSBzZXNzaW9uICR7bmFtZX0gY291bGQgbm90IGJlIG9wZW5lZCBieSB0aGUgdHJhaWwgJHtwbGFuLm5hbWV9JHtwcm9ibGVtID8gYDogJHtwcm9ibGVtLndoYXR9YCA6ICcnfWAsXG4gICAgd2hlcmUsXG4gICAgY2F1c2U6IHByb2JsZW0gPyBwcm9ibGVtLnJlYXNvbiA6ICdubyBzdGVwIG9mIGl0IHNlbnQgYW55dGhpbmcnLFxuICAgIHJlbWVkeTogJ2VjaG8tdHJhaWwgZWNobyBsaXN0IC0tZmFpbGVkIHNob3dzIGl0cyBleGNoYW5nZXMnLFxuICAgIGRhdGE6IHsgc2Vzc2lvbjogbmFtZSB9LFxuICB9KTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQTJCQSxJQUFNLFNBQVMsQ0FBQyxFQUFFLFNBQVMsTUFBc0MsU0FBUyxTQUFTLElBQUksVUFBVTtBQUdqRyxlQUFlLFFBQ2IsV0FDQSxFQUFFLE1BQU0sTUFBTSxLQUFLLEdBQ25CLE1BQytDO0FBQy9DLFFBQU0sUUFBZSxDQUFDO0FBQ3RCLFFBQU0sUUFBUSxDQUFDLFFBQWdCLENBQUMsU0FBdUMsS0FBSyxTQUFTLENBQUMsTUFBTSxRQUFRLEtBQUssR0FBRyxJQUFJLENBQUM7QUFDakgsUUFBTSxRQUFRLElBQUksSUFBSSxPQUFPLFFBQVEsSUFBSSxFQUFFLElBQUksQ0FBQyxDQUFDLEtBQUssS0FBSyxNQUFNLENBQUMsS0FBSyxZQUFZLE9BQU8sTUFBTSxHQUFHLEdBQUcsS0FBSyxDQUFDLENBQUMsQ0FBQztBQUM5RyxRQUFNLFFBQVEsSUFBSSxLQUFLO0FBQ3ZCLFFBQU0sZUFBZSxFQUFFLE9BQU8sVUFBVSxNQUFNLEdBQUcsVUFBVSxVQUFVLFNBQVMsSUFBSTtBQUNsRixRQUFNLFFBQVEsY0FBYyxVQUFVLFFBQVEsU0FBUyxZQUFZO0FBQ25FLFNBQU8sQ0FBQyxVQUFVO0FBQ2hCLFVBQU0sT0FBTyxNQUFNLElBQUksS0FBSztBQUM1QixRQUFJLENBQUMsS0FBTSxRQUFPO0FBQ2xCLFVBQU0sYUFBYSxJQUFJLFdBQVcsT0FBTyxZQUFZO0FBQ3JELFVBQU0sUUFBUSxLQUFLLFNBQVMsVUFBVTtBQUN0QyxXQUFPLFVBQVUsVUFBVSxTQUFZLEVBQUUsT0FBTyxRQUFRLFdBQVcsSUFBSSxJQUFJLFFBQVEsV0FBVyxjQUFjO0FBQUEsRUFDOUc7QUFDRjtBQUdBLGVBQXNCLGVBQWUsV0FBc0IsTUFBc0M7QUFDL0YsUUFBTSxFQUFFLE1BQU0sTUFBTSxTQUFTLFNBQVMsSUFBSTtBQUMxQyxRQUFNLFdBQVcsTUFBTSxRQUFRLFFBQVEsT0FBTyxFQUMzQyxLQUFLLFVBQVUsT0FBTyxFQUN0QixNQUFNLENBQUMsVUFBbUIsUUFBUSxPQUFPLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSyxTQUFTLENBQUMsT0FBTyxJQUFJLEdBQUcsTUFBTSxDQUFDLENBQUMsQ0FBQyxDQUFDO0FBQ3ZHLFFBQU0sRUFBRSxTQUFTLFVBQVUsS0FBSyxJQUFJLE1BQU0sWUFBWSxXQUFXLFVBQVU7QUFBQSxJQUN6RSxPQUFPLE1BQU0sUUFBUSxXQUFXLE1BQU0sT0FBTyxJQUFJLENBQUM7QUFBQSxJQUNsRCxRQUFRO0FBQUEsSUFDUjtBQUFBLElBQ0EsV0FBVyxDQUFDLElBQUk7QUFBQSxJQUNoQixNQUFNLFdBQVcsSUFBSTtBQUFBLEVBQ3ZCLENBQUM7QUFDRCxRQUFNLEVBQUUsVUFBVSxRQUFRLElBQUk7QUFDOUIsTUFBSSxRQUFTLE9BQU07QUFDbkIsUUFBTSxDQUFDLEtBQUssSUFBSTtBQUNoQixNQUFJLFlBQVksQ0FBQyxNQUFPLFFBQU87QUFDL0IsUUFBTSxPQUFPLFlBQVksWUFBWSxRQUFRO0FBQzdDLFFBQU0sSUFBSSxRQUFRLG1CQUFtQjtBQUFBLElBQ25DLE1BQU0sZUFBZSxJQUFJLGlCQUFpQixTQUFTLEtBQUssSUFBSSxhQUFhLFVBQVUsTUFBTSxHQUFHLFNBQVMsU0FBWSxLQUFLLEtBQUssSUFBSSxHQUFHO0FBQUEsSUFDbEksT0FBTyxPQUFPO0FBQUEsSUFDZCxRQUFRLDJEQUEyRCxJQUFJO0FBQUEsSUFDdkUsTUFBTSxFQUFFLFNBQVMsS0FBSztBQUFBLEVBQ3hCLENBQUM7QUFDSDtBQUdBLGVBQXNCLGVBQ3BCLFdBQ0EsRUFBRSxNQUFNLE1BQU0sT0FBTyxLQUFLLEdBQ1Q7QUFDakIsUUFBTSxRQUFRLEtBQUssU0FBUyxDQUFDLFFBQVEsT0FBTyxDQUFDO0FBQzdDLFFBQU0sT0FBTyxNQUFNLFVBQVUsV0FBVyxLQUFLLEVBQUUsTUFBTSxDQUFDLFVBQW1CLFFBQVEsT0FBTyxVQUFVLEtBQUssRUFBRSxHQUFHLEtBQUssQ0FBQyxDQUFDO0FBQ25ILFFBQU0sUUFBUSxXQUFXLE1BQU0sV0FBVyxNQUFNLFFBQVEsV0FBVyxFQUFFLE1BQU0sTUFBTSxLQUFLLEdBQUcsTUFBTSxDQUFDO0FBQ2hHLE1BQUk7QUFDSixRQUFNLFFBQVEsSUFBSSxnQkFBZ0IsRUFBRTtBQUNwQyxRQUFNLFVBQVUsTUFBTSxVQUFVLEtBQUssT0FBTztBQUFBLElBQzFDO0FBQUEsSUFDQTtBQUFBLElBQ0EsS0FBSztBQUFBLElBQ0wsSUFBSTtBQUFBLElBQ0osT0FBTztBQUFBLElBQ1AsUUFBUTtBQUFBLElBQ1IsUUFBUTtBQUFBLElBQ1IsTUFBTSxDQUFDO0FBQUEsSUFDUCxPQUFPLE1BQU07QUFBQSxJQUNiLFNBQVM7QUFBQSxJQUNULE9BQU87QUFBQSxJQUNQLE1BQU0sRUFBRSxPQUFPLENBQUMsRUFBRTtBQUFBLElBQ2xCLFNBQVMsb0JBQUksSUFBSTtBQUFBLElBQ2pCLFFBQVEsQ0FBQyxVQUFVO0FBQ2pCLFVBQUksTUFBTSxVQUFVLE9BQVEsUUFBTyxNQUFNLE1BQU0sUUFBUSxZQUFZO0FBQUEsSUFDckU7QUFBQSxJQUNBLE9BQU87QUFBQSxJQUNQLFlBQVk7QUFBQSxFQUNkLENBQUM7QUFDRCxNQUFJLENBQUMsV0FBVyxNQUFNO0FBQ3BCLFVBQU0sUUFBK0IsQ0FBQztBQUN0QyxlQUFXLE9BQU8sTUFBTSxNQUFNLEVBQUcsT0FBTSxHQUFHLElBQUksTUFBTSxPQUFPLEdBQUcsR0FBRztBQUNqRSxXQUFPLEVBQUUsVUFBVSxNQUFNLE1BQU07QUFBQSxFQUNqQztBQUNBLFFBQU0sSUFBSSxRQUFRLG1CQUFtQjtBQUFBLElBQ25DLE1BQU0sZUFBZSxJQUFJLHFDQUFxQyxLQUFLLElBQUksR0FBRyxVQUFVLEtBQUssUUFBUSxJQUFJLEtBQUssRUFBRTtBQUFBLElBQzVHO0FBQUEsSUFDQSxPQUFPLFVBQVUsUUFBUSxTQUFTO0FBQUEsSUFDbEMsUUFBUTtBQUFBLElBQ1IsTUFBTSxFQUFFLFNBQVMsS0FBSztBQUFBLEVBQ3hCLENBQUM7QUFDSDsiLAogICJuYW1lcyI6IFtdCn0K
