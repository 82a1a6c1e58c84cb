import {
  composed,
  recordEcho
} from "./chunk-2IYWYRKP.js";
import "./chunk-4THVOAEK.js";
import {
  variableNames
} from "./chunk-7G6JQYYU.js";
import "./chunk-BNANEU6A.js";
import "./chunk-G6PY5PV3.js";
import {
  secretFieldValues
} from "./chunk-BC36KCSM.js";
import "./chunk-KTFSZ6KS.js";
import {
  plainConnection
} from "./chunk-77DFO3CW.js";
import "./chunk-4DNYAMDJ.js";
import "./chunk-UHUDVQF4.js";
import "./chunk-6FF7OQVK.js";
import "./chunk-7JVJJYGZ.js";
import "./chunk-VVGKGSPN.js";
import {
  noNames
} from "./chunk-ILBUWU7B.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import {
  Evaluation
} from "./chunk-ELCQYB6S.js";
import "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/core/trail/protocol-call.ts
async function sendProtocolCall(workspace, session, call) {
  const { redactor, log, environment } = workspace;
  const surroundings = { world: workspace.world(), onSecret: redactor.add };
  const names = variableNames(workspace.layers, noNames, surroundings);
  const content = call.body === void 0 ? void 0 : Buffer.from(call.body);
  for (const value of secretFieldValues(call.body ?? "")) redactor.add(decodeURIComponent(value));
  const headers = Object.entries(call.headers).filter(([name]) => name.toLowerCase() !== "user-agent").map(([name, value]) => ({
    name,
    value,
    origin: `session ${session}`,
    secret: name.toLowerCase() === "authorization"
  }));
  const wire = composed(
    workspace,
    {
      name: `session ${session}`,
      operation: void 0,
      method: call.method,
      address: call.url,
      query: [],
      headers,
      body: content && {
        bytes: content,
        type: "application/x-www-form-urlencoded",
        shown: redactor.hide(call.body ?? ""),
        secret: true
      },
      sessions: [],
      changes: false,
      idempotencyKey: void 0,
      redirects: 0,
      connection: workspace.connection(() => new Evaluation(names, surroundings)) ?? plainConnection,
      timeout: { connect: 1e4, total: 6e4, ...workspace.timeout },
      names: /* @__PURE__ */ new Map(),
      secret: content !== void 0
    },
    []
  );
  const at = /* @__PURE__ */ new Date();
  const outcome = await workspace.transport.send(wire, void 0);
  const { received, trouble } = outcome;
  if (received?.textual) for (const value of secretFieldValues(received.text)) redactor.add(value);
  const id = log.nextId();
  const occasion = { id, at, environment: environment.name, request: void 0, operation: void 0 };
  log.append(
    recordEcho(
      { ...occasion, sessions: [], step: `session ${session}`, row: void 0 },
      wire,
      outcome,
      [],
      [],
      redactor,
      log.beside
    )
  );
  if (trouble) throw trouble;
  if (!received) throw new Problem("session-missing", { what: `no answer came for the session ${session}` });
  const empty = received.status === 204 || received.status === 304;
  return new Response(empty ? null : Buffer.from(received.parts.body), {
    status: received.status,
    headers: received.headers.map(([name, value]) => [name, value])
  });
}
export {
  sendProtocolCall
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcHJvdG9jb2wtY2FsbC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEEgY2FsbCBvZiBhIHByb3RvY29sIHRoYXQgYSBzZXNzaW9uIHNwZWFrcywgc3VjaCBhcyBPQXV0aCAyLjA6IHNlbnQgYW5kIHJlY29yZGVkIGxpa2UgYW55IG90aGVyLiAqL1xuXG5pbXBvcnQgeyB2YXJpYWJsZU5hbWVzIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9sYXllcnMuanMnO1xuaW1wb3J0IHsgcmVjb3JkRWNobyB9IGZyb20gJy4uL2VjaG8vcmVjb3JkLmpzJztcbmltcG9ydCB7IHBsYWluQ29ubmVjdGlvbiB9IGZyb20gJy4uL2V4Y2hhbmdlL2Nvbm5lY3Rpb24uanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiB9IGZyb20gJy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBub05hbWVzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgUHJvdG9jb2xDYWxsIH0gZnJvbSAnLi4vc2Vzc2lvbi9zZXNzaW9uLWtpbmQuanMnO1xuaW1wb3J0IHsgc2VjcmV0RmllbGRWYWx1ZXMgfSBmcm9tICcuLi92YWx1ZS9zZWNyZXQtZmllbGRzLmpzJztcbmltcG9ydCB7IGNvbXBvc2VkIH0gZnJvbSAnLi9hdHRlbXB0LmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi93b3Jrc3BhY2UuanMnO1xuXG4vKiogQHRocm93cyBQcm9ibGVtOiBub3RoaW5nIGNhbWUgYmFjaywgb3IgdGhlIGhvc3QgbWF5IG5vdCBoYXZlIGNyZWRlbnRpYWxzICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gc2VuZFByb3RvY29sQ2FsbCh3b3Jrc3BhY2U6IFdvcmtzcGFjZSwgc2Vzc2lvbjogc3RyaW5nLCBjYWxsOiBQcm90b2NvbENhbGwpOiBQcm9taXNlPFJlc3BvbnNlPiB7XG4gIGNvbnN0IHsgcmVkYWN0b3IsIGxvZywgZW52aXJvbm1lbnQgfSA9IHdvcmtzcGFjZTtcbiAgY29uc3Qgc3Vycm91bmRpbmdzID0geyB3b3JsZDogd29ya3NwYWNlLndvcmxkKCksIG9uU2VjcmV0OiByZWRhY3Rvci5hZGQgfTtcbiAgY29uc3QgbmFtZXMgPSB2YXJpYWJsZU5hbWVzKHdvcmtzcGFjZS5sYXllcnMsIG5vTmFtZXMsIHN1cnJvdW5kaW5ncyk7XG4gIGNvbnN0IGNvbnRlbnQgPSBjYWxsLmJvZHkgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IEJ1ZmZlci5mcm9tKGNhbGwuYm9keSk7XG4gIGZvciAoY29uc3QgdmFsdWUgb2Ygc2VjcmV0RmllbGRWYWx1ZXMoY2FsbC5ib2R5ID8/ICcnKSkgcmVkYWN0b3IuYWRkKGRlY29kZVVSSUNvbXBvbmVudCh2YWx1ZSkpO1xuICAvLyBXaG8gY2FsbHMgaXMgc2FpZCBieSB1cywgbm90IGJ5IHRoZSBsaWJyYXJ5IG9mIHRoZSBwcm90b2NvbC5cbiAgY29uc3QgaGVhZGVycyA9IE9iamVjdC5lbnRyaWVzKGNhbGwuaGVhZGVycylcbiAgICAuZmlsdGVyKChbbmFtZV0pID0+IG5hbWUudG9Mb3dlckNhc2UoKSAhPT0gJ3VzZXItYWdlbnQnKVxuICAgIC5tYXAoKFtuYW1lLCB2YWx1ZV0pID0+ICh7XG4gICAgICBuYW1lLFxuICAgICAgdmFsdWUsXG4gICAgICBvcmlnaW46IGBzZXNzaW9uICR7c2Vzc2lvbn1gLFxuICAgICAgc2VjcmV0OiBuYW1lLnRvTG93ZXJDYXNlKCkgPT09ICdhdXRob3JpemF0aW9uJyxcbiAgICB9KSk7XG4gIGNvbnN0IHdpcmUgPSBjb21wb3NlZChcbiAgICB3b3Jrc3BhY2UsXG4gICAge1xuICAgICAgbmFtZTogYHNlc3Npb24gJHtzZXNzaW9ufWAsXG4gICAgICBvcGVyYXRpb246IHVuZGVmaW5lZCxcbiAgICAgIG1ldGhvZDogY2FsbC5tZXRob2QsXG4gICAgICBhZGRyZXNzOiBjYWxsLnVybCxcbiAgICAgIHF1ZXJ5OiBbXSxcbiAgICAgIGhlYWRlcnMsXG4gICAgICBib2R5OiBjb250ZW50ICYmIHtcbiAgICAgICAgYnl0ZXM6IGNvbnRlbnQsXG4gICAgICAgIHR5cGU6ICdhcHBsaWNhdGlvbi94LXd3dy1mb3JtLXVybGVuY29kZWQnLFxuICAgICAgICBzaG93bjogcmVkYWN0b3IuaGlkZShjYWxsLmJvZHkgPz8gJycpLFxuICAgICAgICBzZWNyZXQ6IHRydWUsXG4gICAgICB9LFxuICAgICAgc2Vzc2lvbnM6IFtdLFxuICAgICAgY2hhbmdlczogZmFsc2UsXG4gICAgICBpZGVtcG90ZW5jeUtleTogdW5kZWZpbmVkLFxuICAgICAgcmVkaXJlY3RzOiAwLFxuICAgICAgY29ubmVjdGlvbjogd29ya3NwYWNlLmNvbm5lY3Rpb24oKCkgPT4gbmV3IEV2YWx1YXRpb24obmFtZXMsIHN1cnJvdW5kaW5ncykpID8/IHBsYWluQ29ubmVjdGlvbixcbiAgICAgIHRpbWVvdXQ6IHsgY29ubmVjdDogMTBfMDAwLCB0b3RhbDogNjBfMDAwLCAuLi53b3Jrc3BhY2UudGltZW91dCB9LFxuICAgICAgbmFtZXM6IG5ldyBNYXAoKSxcbiAgICAgIHNlY3JldDogY29udGVudCAhPT0gdW5kZWZpbmVkLFxuICAgIH0sXG4gICAgW10sXG4gICk7XG4gIGNvbnN0IGF0ID0gbmV3IERhdGUoKTtcbiAgY29uc3Qgb3V0Y29tZSA9IGF3YWl0IHdvcmtzcGFjZS50cmFuc3BvcnQuc2VuZCh3aXJlLCB1bmRlZmluZWQpO1xuICBjb25zdCB7IHJlY2VpdmVkLCB0cm91YmxlIH0gPSBvdXRjb21lO1xuICBpZiAocmVjZWl2ZWQ/LnRleHR1YWwpIGZvciAoY29uc3QgdmFsdWUgb2Ygc2VjcmV0RmllbGRWYWx1ZXMocmVjZWl2ZWQudGV4dCkpIHJlZGFjdG9yLmFkZCh2YWx1ZSk7XG4gIGNvbnN0IGlkID0gbG9nLm5leHRJZCgpO1xuICBjb25zdCBvY2Nhc2lvbiA9IHsgaWQsIGF0LCBlbnZpcm9ubWVudDogZW52aXJvbm1lbnQubmFtZSwgcmVxdWVzdDogdW5kZWZpbmVkLCBvcGVyYXRpb246IHVuZGVmaW5lZCB9O1xuICBsb2cuYXBwZW5kKFxuICAgIHJlY29yZEVjaG8oXG4gICAgICB7IC4uLm9jY2FzaW9uLCBzZXNzaW9uczogW10sIHN0ZXA6IGBzZXNzaW9uICR7c2Vzc2lvbn1gLCByb3c6IHVuZGVmaW5lZCB9LFxuICAgICAgd2lyZSxcbiAgICAgIG91dGNvbWUsXG4gICAgICBbXSxcbiAgICAgIFtdLFxuICAgICAgcmVkYWN0b3IsXG4gICAgICBsb2cuYmVzaWRlLFxuICAgICksXG4gICk7XG4gIGlmICh0cm91YmxlKSB0aHJvdyB0cm91YmxlO1xuICBpZiAoIXJlY2VpdmVkKSB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywgeyB3aGF0OiBgbm8gYW5zd2VyIGNhbWUgZm9yIHRoZSBzZXNzaW9uICR7c2Vzc2lvbn1gIH0pO1xuICBjb25zdCBlbXB0eSA9IHJlY2VpdmVkLnN0YXR1cyA9PT0gMjA0IHx8IHJlY2VpdmVkLnN0YXR1cyA9PT0gMzA0O1xuICByZXR1cm4gbmV3IFJlc3BvbnNlKGVtcHR5ID8gbnVsbCA6IEJ1ZmZlci5mcm9tKHJlY2VpdmVkLnBhcnRzLmJvZHkpLCB7XG4gICAgc3RhdHVzOiByZWNlaXZlZC5zdGF0dXMsXG4gICAgaGVhZGVyczogcmVjZWl2ZWQuaGVhZGVycy5tYXAoKFtuYW1lLCB2YWx1ZV0pID0+IFtuYW1lLCB2YWx1ZV0gYXMgW3N0cmluZywgc3RyaW5nXSksXG4gIH0pO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBY0EsZUFBc0IsaUJBQWlCLFdBQXNCLFNBQWlCLE1BQXVDO0FBQ25ILFFBQU0sRUFBRSxVQUFVLEtBQUssWUFBWSxJQUFJO0FBQ3ZDLFFBQU0sZUFBZSxFQUFFLE9BQU8sVUFBVSxNQUFNLEdBQUcsVUFBVSxTQUFTLElBQUk7QUFDeEUsUUFBTSxRQUFRLGNBQWMsVUFBVSxRQUFRLFNBQVMsWUFBWTtBQUNuRSxRQUFNLFVBQVUsS0FBSyxTQUFTLFNBQVksU0FBWSxPQUFPLEtBQUssS0FBSyxJQUFJO0FBQzNFLGFBQVcsU0FBUyxrQkFBa0IsS0FBSyxRQUFRLEVBQUUsRUFBRyxVQUFTLElBQUksbUJBQW1CLEtBQUssQ0FBQztBQUU5RixRQUFNLFVBQVUsT0FBTyxRQUFRLEtBQUssT0FBTyxFQUN4QyxPQUFPLENBQUMsQ0FBQyxJQUFJLE1BQU0sS0FBSyxZQUFZLE1BQU0sWUFBWSxFQUN0RCxJQUFJLENBQUMsQ0FBQyxNQUFNLEtBQUssT0FBTztBQUFBLElBQ3ZCO0FBQUEsSUFDQTtBQUFBLElBQ0EsUUFBUSxXQUFXLE9BQU87QUFBQSxJQUMxQixRQUFRLEtBQUssWUFBWSxNQUFNO0FBQUEsRUFDakMsRUFBRTtBQUNKLFFBQU0sT0FBTztBQUFBLElBQ1g7QUFBQSxJQUNBO0FBQUEsTUFDRSxNQUFNLFdBQVcsT0FBTztBQUFBLE1BQ3hCLFdBQVc7QUFBQSxNQUNYLFFBQVEsS0FBSztBQUFBLE1BQ2IsU0FBUyxLQUFLO0FBQUEsTUFDZCxPQUFPLENBQUM7QUFBQSxNQUNSO0FBQUEsTUFDQSxNQUFNLFdBQVc7QUFBQSxRQUNmLE9BQU87QUFBQSxRQUNQLE1BQU07QUFBQSxRQUNOLE9BQU8sU0FBUyxLQUFLLEtBQUssUUFBUSxFQUFFO0FBQUEsUUFDcEMsUUFBUTtBQUFBLE1BQ1Y7QUFBQSxNQUNBLFVBQVUsQ0FBQztBQUFBLE1BQ1gsU0FBUztBQUFBLE1BQ1QsZ0JBQWdCO0FBQUEsTUFDaEIsV0FBVztBQUFBLE1BQ1gsWUFBWSxVQUFVLFdBQVcsTUFBTSxJQUFJLFdBQVcsT0FBTyxZQUFZLENBQUMsS0FBSztBQUFBLE1BQy9FLFNBQVMsRUFBRSxTQUFTLEtBQVEsT0FBTyxLQUFRLEdBQUcsVUFBVSxRQUFRO0FBQUEsTUFDaEUsT0FBTyxvQkFBSSxJQUFJO0FBQUEsTUFDZixRQUFRLFlBQVk7QUFBQSxJQUN0QjtBQUFBLElBQ0EsQ0FBQztBQUFBLEVBQ0g7QUFDQSxRQUFNLEtBQUssb0JBQUksS0FBSztBQUNwQixRQUFNLFVBQVUsTUFBTSxVQUFVLFVBQVUsS0FBSyxNQUFNLE1BQVM7QUFDOUQsUUFBTSxFQUFFLFVBQVUsUUFBUSxJQUFJO0FBQzlCLE1BQUksVUFBVSxRQUFTLFlBQVcsU0FBUyxrQkFBa0IsU0FBUyxJQUFJLEVBQUcsVUFBUyxJQUFJLEtBQUs7QUFDL0YsUUFBTSxLQUFLLElBQUksT0FBTztBQUN0QixRQUFNLFdBQVcsRUFBRSxJQUFJLElBQUksYUFBYSxZQUFZLE1BQU0sU0FBUyxRQUFXLFdBQVcsT0FBVTtBQUNuRyxNQUFJO0FBQUEsSUFDRjtBQUFBLE1BQ0UsRUFBRSxHQUFHLFVBQVUsVUFBVSxDQUFDLEdBQUcsTUFBTSxXQUFXLE9BQU8sSUFBSSxLQUFLLE9BQVU7QUFBQSxNQUN4RTtBQUFBLE1BQ0E7QUFBQSxNQUNBLENBQUM7QUFBQSxNQUNELENBQUM7QUFBQSxNQUNEO0FBQUEsTUFDQSxJQUFJO0FBQUEsSUFDTjtBQUFBLEVBQ0Y7QUFDQSxNQUFJLFFBQVMsT0FBTTtBQUNuQixNQUFJLENBQUMsU0FBVSxPQUFNLElBQUksUUFBUSxtQkFBbUIsRUFBRSxNQUFNLGtDQUFrQyxPQUFPLEdBQUcsQ0FBQztBQUN6RyxRQUFNLFFBQVEsU0FBUyxXQUFXLE9BQU8sU0FBUyxXQUFXO0FBQzdELFNBQU8sSUFBSSxTQUFTLFFBQVEsT0FBTyxPQUFPLEtBQUssU0FBUyxNQUFNLElBQUksR0FBRztBQUFBLElBQ25FLFFBQVEsU0FBUztBQUFBLElBQ2pCLFNBQVMsU0FBUyxRQUFRLElBQUksQ0FBQyxDQUFDLE1BQU0sS0FBSyxNQUFNLENBQUMsTUFBTSxLQUFLLENBQXFCO0FBQUEsRUFDcEYsQ0FBQztBQUNIOyIsCiAgIm5hbWVzIjogW10KfQo=
