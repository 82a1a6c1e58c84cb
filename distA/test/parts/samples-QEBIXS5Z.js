import {
  sampleFromMessages
} from "./chunk-LUCY6D7U.js";
import "./chunk-O3NKAVGW.js";
import {
  mainAddress,
  readPart
} from "./chunk-7DIEYAMQ.js";
import "./chunk-HJ67CAUM.js";
import {
  findEcho
} from "./chunk-5LQRYHH4.js";
import "./chunk-7DROAWR7.js";
import "./chunk-4THVOAEK.js";
import "./chunk-IQWA53IU.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/core/echo/samples.ts
import { existsSync, readFileSync } from "node:fs";
async function sampleDocuments(local, given, before) {
  const added = [];
  for (const one of given)
    added.push(
      existsSync(one) ? sampleFromMessages(readFileSync(one, "utf8"), one) : sampleFromEcho(await findEcho(local, one))
    );
  const names = new Set(added.map(({ from }) => from));
  const samples = [...before.filter(({ from }) => !names.has(from)), ...added];
  const uri = mainAddress("samples.json");
  const main = await readPart(uri, "samples.json", `${JSON.stringify({ samples }, null, 2)}
`);
  return { main, parts: /* @__PURE__ */ new Map([[uri, main]]) };
}
function sampleFromEcho({ id, sent, received }) {
  if (!received) {
    throw new Problem("document-unreadable", {
      what: `the echo ${id} has no answer to learn from`,
      remedy: "echo-trail echo list shows those that have"
    });
  }
  const typeIn = (headers) => headers.find(([name]) => name.toLowerCase() === "content-type")?.[1] ?? "application/json";
  const { body } = received;
  return {
    from: `echo ${id}`,
    method: sent.method,
    url: sent.url,
    ...sent.body && sent.body.encoding === "utf-8" && { sent: { type: typeIn(sent.headers), text: sent.body.text } },
    status: received.status,
    ...body && body.encoding === "utf-8" && { received: { type: typeIn(received.headers), text: body.text } }
  };
}
export {
  sampleDocuments
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZWNoby9zYW1wbGVzLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogU2FtcGxlcyBmb3IgYSBkb2N1bWVudGF0aW9uIHNvdXJjZTogZnJvbSBlY2hvZXMgb2YgdGhlIGNvbGxlY3Rpb24sIGFuZCBmcm9tIGZpbGVzIGJlc2lkZSBpdC4gKi9cbmltcG9ydCB7IGV4aXN0c1N5bmMsIHJlYWRGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgdHlwZSBEb2N1bWVudHMsIG1haW5BZGRyZXNzLCByZWFkUGFydCB9IGZyb20gJy4uL2RvY3VtZW50YXRpb24vZG9jdW1lbnRzLmpzJztcbmltcG9ydCB7IHR5cGUgU2FtcGxlLCBzYW1wbGVGcm9tTWVzc2FnZXMgfSBmcm9tICcuLi9kb2N1bWVudGF0aW9uL3NhbXBsZS9zYW1wbGVzLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBFY2hvIH0gZnJvbSAnLi9lY2hvLmpzJztcbmltcG9ydCB7IGZpbmRFY2hvIH0gZnJvbSAnLi9yZWFkLmpzJztcblxuLyoqXG4gKiBUaGUgZG9jdW1lbnQgdGhhdCB0aGUgc2FtcGxlcyBhcmUga2VwdCBpbi5cbiAqIEBwYXJhbSBnaXZlbiBpZHMgb2YgZWNob2VzLCBhbmQgcGF0aHMgb2YgZmlsZXMgdGhhdCBob2xkIGEgcmVxdWVzdCB3aXRoIGl0cyBhbnN3ZXJcbiAqIEB0aHJvd3MgUHJvYmxlbSBlY2hvLW5vdC1mb3VuZCwgZG9jdW1lbnQtdW5yZWFkYWJsZVxuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gc2FtcGxlRG9jdW1lbnRzKFxuICBsb2NhbDogc3RyaW5nLFxuICBnaXZlbjogcmVhZG9ubHkgc3RyaW5nW10sXG4gIGJlZm9yZTogcmVhZG9ubHkgU2FtcGxlW10sXG4pOiBQcm9taXNlPERvY3VtZW50cz4ge1xuICBjb25zdCBhZGRlZDogU2FtcGxlW10gPSBbXTtcbiAgZm9yIChjb25zdCBvbmUgb2YgZ2l2ZW4pXG4gICAgYWRkZWQucHVzaChcbiAgICAgIGV4aXN0c1N5bmMob25lKSA/IHNhbXBsZUZyb21NZXNzYWdlcyhyZWFkRmlsZVN5bmMob25lLCAndXRmOCcpLCBvbmUpIDogc2FtcGxlRnJvbUVjaG8oYXdhaXQgZmluZEVjaG8obG9jYWwsIG9uZSkpLFxuICAgICk7XG4gIGNvbnN0IG5hbWVzID0gbmV3IFNldChhZGRlZC5tYXAoKHsgZnJvbSB9KSA9PiBmcm9tKSk7XG4gIGNvbnN0IHNhbXBsZXMgPSBbLi4uYmVmb3JlLmZpbHRlcigoeyBmcm9tIH0pID0+ICFuYW1lcy5oYXMoZnJvbSkpLCAuLi5hZGRlZF07XG4gIGNvbnN0IHVyaSA9IG1haW5BZGRyZXNzKCdzYW1wbGVzLmpzb24nKTtcbiAgY29uc3QgbWFpbiA9IGF3YWl0IHJlYWRQYXJ0KHVyaSwgJ3NhbXBsZXMuanNvbicsIGAke0pTT04uc3RyaW5naWZ5KHsgc2FtcGxlcyB9LCBudWxsLCAyKX1cXG5gKTtcbiAgcmV0dXJuIHsgbWFpbiwgcGFydHM6IG5ldyBNYXAoW1t1cmksIG1haW5dXSkgfTtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBkb2N1bWVudC11bnJlYWRhYmxlOiB0aGVyZSB3YXMgbm8gYW5zd2VyICovXG5mdW5jdGlvbiBzYW1wbGVGcm9tRWNobyh7IGlkLCBzZW50LCByZWNlaXZlZCB9OiBFY2hvKTogU2FtcGxlIHtcbiAgaWYgKCFyZWNlaXZlZCkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdkb2N1bWVudC11bnJlYWRhYmxlJywge1xuICAgICAgd2hhdDogYHRoZSBlY2hvICR7aWR9IGhhcyBubyBhbnN3ZXIgdG8gbGVhcm4gZnJvbWAsXG4gICAgICByZW1lZHk6ICdlY2hvLXRyYWlsIGVjaG8gbGlzdCBzaG93cyB0aG9zZSB0aGF0IGhhdmUnLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IHR5cGVJbiA9IChoZWFkZXJzOiByZWFkb25seSAocmVhZG9ubHkgW3N0cmluZywgc3RyaW5nXSlbXSk6IHN0cmluZyA9PlxuICAgIGhlYWRlcnMuZmluZCgoW25hbWVdKSA9PiBuYW1lLnRvTG93ZXJDYXNlKCkgPT09ICdjb250ZW50LXR5cGUnKT8uWzFdID8/ICdhcHBsaWNhdGlvbi9qc29uJztcbiAgY29uc3QgeyBib2R5IH0gPSByZWNlaXZlZDtcbiAgcmV0dXJuIHtcbiAgICBmcm9tOiBgZWNobyAke2lkfWAsXG4gICAgbWV0aG9kOiBzZW50Lm1ldGhvZCxcbiAgICB1cmw6IHNlbnQudXJsLFxuICAgIC4uLihzZW50LmJvZHkgJiYgc2VudC5ib2R5LmVuY29kaW5nID09PSAndXRmLTgnICYmIHsgc2VudDogeyB0eXBlOiB0eXBlSW4oc2VudC5oZWFkZXJzKSwgdGV4dDogc2VudC5ib2R5LnRleHQgfSB9KSxcbiAgICBzdGF0dXM6IHJlY2VpdmVkLnN0YXR1cyxcbiAgICAuLi4oYm9keSAmJiBib2R5LmVuY29kaW5nID09PSAndXRmLTgnICYmIHsgcmVjZWl2ZWQ6IHsgdHlwZTogdHlwZUluKHJlY2VpdmVkLmhlYWRlcnMpLCB0ZXh0OiBib2R5LnRleHQgfSB9KSxcbiAgfTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsU0FBUyxZQUFZLG9CQUFvQjtBQVl6QyxlQUFzQixnQkFDcEIsT0FDQSxPQUNBLFFBQ29CO0FBQ3BCLFFBQU0sUUFBa0IsQ0FBQztBQUN6QixhQUFXLE9BQU87QUFDaEIsVUFBTTtBQUFBLE1BQ0osV0FBVyxHQUFHLElBQUksbUJBQW1CLGFBQWEsS0FBSyxNQUFNLEdBQUcsR0FBRyxJQUFJLGVBQWUsTUFBTSxTQUFTLE9BQU8sR0FBRyxDQUFDO0FBQUEsSUFDbEg7QUFDRixRQUFNLFFBQVEsSUFBSSxJQUFJLE1BQU0sSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUksQ0FBQztBQUNuRCxRQUFNLFVBQVUsQ0FBQyxHQUFHLE9BQU8sT0FBTyxDQUFDLEVBQUUsS0FBSyxNQUFNLENBQUMsTUFBTSxJQUFJLElBQUksQ0FBQyxHQUFHLEdBQUcsS0FBSztBQUMzRSxRQUFNLE1BQU0sWUFBWSxjQUFjO0FBQ3RDLFFBQU0sT0FBTyxNQUFNLFNBQVMsS0FBSyxnQkFBZ0IsR0FBRyxLQUFLLFVBQVUsRUFBRSxRQUFRLEdBQUcsTUFBTSxDQUFDLENBQUM7QUFBQSxDQUFJO0FBQzVGLFNBQU8sRUFBRSxNQUFNLE9BQU8sb0JBQUksSUFBSSxDQUFDLENBQUMsS0FBSyxJQUFJLENBQUMsQ0FBQyxFQUFFO0FBQy9DO0FBR0EsU0FBUyxlQUFlLEVBQUUsSUFBSSxNQUFNLFNBQVMsR0FBaUI7QUFDNUQsTUFBSSxDQUFDLFVBQVU7QUFDYixVQUFNLElBQUksUUFBUSx1QkFBdUI7QUFBQSxNQUN2QyxNQUFNLFlBQVksRUFBRTtBQUFBLE1BQ3BCLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxTQUFTLENBQUMsWUFDZCxRQUFRLEtBQUssQ0FBQyxDQUFDLElBQUksTUFBTSxLQUFLLFlBQVksTUFBTSxjQUFjLElBQUksQ0FBQyxLQUFLO0FBQzFFLFFBQU0sRUFBRSxLQUFLLElBQUk7QUFDakIsU0FBTztBQUFBLElBQ0wsTUFBTSxRQUFRLEVBQUU7QUFBQSxJQUNoQixRQUFRLEtBQUs7QUFBQSxJQUNiLEtBQUssS0FBSztBQUFBLElBQ1YsR0FBSSxLQUFLLFFBQVEsS0FBSyxLQUFLLGFBQWEsV0FBVyxFQUFFLE1BQU0sRUFBRSxNQUFNLE9BQU8sS0FBSyxPQUFPLEdBQUcsTUFBTSxLQUFLLEtBQUssS0FBSyxFQUFFO0FBQUEsSUFDaEgsUUFBUSxTQUFTO0FBQUEsSUFDakIsR0FBSSxRQUFRLEtBQUssYUFBYSxXQUFXLEVBQUUsVUFBVSxFQUFFLE1BQU0sT0FBTyxTQUFTLE9BQU8sR0FBRyxNQUFNLEtBQUssS0FBSyxFQUFFO0FBQUEsRUFDM0c7QUFDRjsiLAogICJuYW1lcyI6IFtdCn0K
