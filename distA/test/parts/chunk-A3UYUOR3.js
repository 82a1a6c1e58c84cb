import {
  formatOf
} from "./chunk-FSYFZ44W.js";
import {
  addressOf,
  partName,
  readPart
} from "./chunk-7DIEYAMQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/core/documentation/gather.ts
var mostParts = 500;
var mostCharacters = 2e8;
async function gatherDocuments(uri, file, text, fetch) {
  const main = await readPart(uri, file, text);
  const format = formatOf(main);
  const parts = /* @__PURE__ */ new Map([[uri, main]]);
  const refused = /* @__PURE__ */ new Map();
  let size = text.length;
  const waiting = [{ part: main, references: await format.references(main) }];
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    for (const reference of next.references) {
      const address = addressOf(reference, next.part.uri);
      if (address === void 0 || parts.has(address) || refused.has(address)) continue;
      const fetched = await fetch(address);
      const name = partName(address, uri);
      if ("refused" in fetched) {
        refused.set(address, fetched.refused);
        continue;
      }
      size += fetched.text.length;
      if (parts.size >= mostParts || size > mostCharacters) {
        throw new Problem("document-too-large", {
          what: `${file} refers to more documents than are read`,
          cause: `more than ${parts.size >= mostParts ? `${mostParts} documents` : "200 MB"}`
        });
      }
      try {
        const read = await readPart(address, name, fetched.text);
        waiting.push({ part: read, references: await format.references(read) });
        parts.set(address, read);
      } catch (error) {
        if (!(error instanceof Problem) || error.code === "document-too-large") throw error;
        refused.set(address, error.reason ?? error.what);
      }
    }
  }
  return {
    documents: { main, parts },
    refused: [...refused].map(([address, why]) => ({ name: partName(address, uri), why }))
  };
}

export {
  gatherDocuments
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9nYXRoZXIudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUgZmlyc3QgZG9jdW1lbnQgb2YgYSBzb3VyY2UsIGFuZCBhbGwgdGhhdCBpdCByZWZlcnMgdG8sIGVhY2ggcmVhZCBvbmNlLiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBhZGRyZXNzT2YsIHR5cGUgRG9jdW1lbnRzLCB0eXBlIFBhcnQsIHBhcnROYW1lLCByZWFkUGFydCB9IGZyb20gJy4vZG9jdW1lbnRzLmpzJztcbmltcG9ydCB7IGZvcm1hdE9mIH0gZnJvbSAnLi9yZWFkLmpzJztcblxuLyoqIEJleW9uZCB0aGVzZSBhIGRvY3VtZW50IGlzIGhvc3RpbGUsIG9yIG5vdCB3aGF0IHdhcyBtZWFudC4gKi9cbmNvbnN0IG1vc3RQYXJ0cyA9IDUwMDtcbmNvbnN0IG1vc3RDaGFyYWN0ZXJzID0gMjAwZTY7XG5cbi8qKiBXaGF0IGNhbWUgb2YgYXNraW5nIGZvciBhIGRvY3VtZW50OiBpdHMgdGV4dCwgb3Igd2h5IGl0IGlzIG5vdCByZWFkLiAqL1xuZXhwb3J0IHR5cGUgRmV0Y2hlZCA9IHsgcmVhZG9ubHkgdGV4dDogc3RyaW5nIH0gfCB7IHJlYWRvbmx5IHJlZnVzZWQ6IHN0cmluZyB9O1xuXG5leHBvcnQgaW50ZXJmYWNlIEdhdGhlcmVkIHtcbiAgcmVhZG9ubHkgZG9jdW1lbnRzOiBEb2N1bWVudHM7XG4gIC8qKiBXaGF0IGlzIHJlZmVycmVkIHRvIGFuZCB3YXMgbm90IHJlYWQsIHdpdGggdGhlIHJlYXNvbi4gKi9cbiAgcmVhZG9ubHkgcmVmdXNlZDogcmVhZG9ubHkgeyByZWFkb25seSBuYW1lOiBzdHJpbmc7IHJlYWRvbmx5IHdoeTogc3RyaW5nIH1bXTtcbn1cblxuLyoqXG4gKiBAcGFyYW0gZmV0Y2ggYXNrZWQgZm9yIGVhY2ggZG9jdW1lbnQgdGhhdCBpcyByZWZlcnJlZCB0b1xuICogQHRocm93cyBQcm9ibGVtIGRvY3VtZW50LXVucmVhZGFibGUsIGRvY3VtZW50LXRvby1sYXJnZVxuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gZ2F0aGVyRG9jdW1lbnRzKFxuICB1cmk6IHN0cmluZyxcbiAgZmlsZTogc3RyaW5nLFxuICB0ZXh0OiBzdHJpbmcsXG4gIGZldGNoOiAodXJpOiBzdHJpbmcpID0+IFByb21pc2U8RmV0Y2hlZD4sXG4pOiBQcm9taXNlPEdhdGhlcmVkPiB7XG4gIGNvbnN0IG1haW4gPSBhd2FpdCByZWFkUGFydCh1cmksIGZpbGUsIHRleHQpO1xuICBjb25zdCBmb3JtYXQgPSBmb3JtYXRPZihtYWluKTtcbiAgY29uc3QgcGFydHMgPSBuZXcgTWFwPHN0cmluZywgUGFydD4oW1t1cmksIG1haW5dXSk7XG4gIGNvbnN0IHJlZnVzZWQgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuICBsZXQgc2l6ZSA9IHRleHQubGVuZ3RoO1xuICBjb25zdCB3YWl0aW5nID0gW3sgcGFydDogbWFpbiwgcmVmZXJlbmNlczogYXdhaXQgZm9ybWF0LnJlZmVyZW5jZXMobWFpbikgfV07XG4gIGZvciAobGV0IG5leHQgPSB3YWl0aW5nLnNoaWZ0KCk7IG5leHQ7IG5leHQgPSB3YWl0aW5nLnNoaWZ0KCkpIHtcbiAgICBmb3IgKGNvbnN0IHJlZmVyZW5jZSBvZiBuZXh0LnJlZmVyZW5jZXMpIHtcbiAgICAgIGNvbnN0IGFkZHJlc3MgPSBhZGRyZXNzT2YocmVmZXJlbmNlLCBuZXh0LnBhcnQudXJpKTtcbiAgICAgIGlmIChhZGRyZXNzID09PSB1bmRlZmluZWQgfHwgcGFydHMuaGFzKGFkZHJlc3MpIHx8IHJlZnVzZWQuaGFzKGFkZHJlc3MpKSBjb250aW51ZTtcbiAgICAgIGNvbnN0IGZldGNoZWQgPSBhd2FpdCBmZXRjaChhZGRyZXNzKTtcbiAgICAgIGNvbnN0IG5hbWUgPSBwYXJ0TmFtZShhZGRyZXNzLCB1cmkpO1xuICAgICAgaWYgKCdyZWZ1c2VkJyBpbiBmZXRjaGVkKSB7XG4gICAgICAgIHJlZnVzZWQuc2V0KGFkZHJlc3MsIGZldGNoZWQucmVmdXNlZCk7XG4gICAgICAgIGNvbnRpbnVlO1xuICAgICAgfVxuICAgICAgc2l6ZSArPSBmZXRjaGVkLnRleHQubGVuZ3RoO1xuICAgICAgaWYgKHBhcnRzLnNpemUgPj0gbW9zdFBhcnRzIHx8IHNpemUgPiBtb3N0Q2hhcmFjdGVycykge1xuICAgICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZG9jdW1lbnQtdG9vLWxhcmdlJywge1xuICAgICAgICAgIHdoYXQ6IGAke2ZpbGV9IHJlZmVycyB0byBtb3JlIGRvY3VtZW50cyB0aGFuIGFyZSByZWFkYCxcbiAgICAgICAgICBjYXVzZTogYG1vcmUgdGhhbiAke3BhcnRzLnNpemUgPj0gbW9zdFBhcnRzID8gYCR7bW9zdFBhcnRzfSBkb2N1bWVudHNgIDogJzIwMCBNQid9YCxcbiAgICAgICAgfSk7XG4gICAgICB9XG4gICAgICB0cnkge1xuICAgICAgICBjb25zdCByZWFkID0gYXdhaXQgcmVhZFBhcnQoYWRkcmVzcywgbmFtZSwgZmV0Y2hlZC50ZXh0KTtcbiAgICAgICAgd2FpdGluZy5wdXNoKHsgcGFydDogcmVhZCwgcmVmZXJlbmNlczogYXdhaXQgZm9ybWF0LnJlZmVyZW5jZXMocmVhZCkgfSk7XG4gICAgICAgIHBhcnRzLnNldChhZGRyZXNzLCByZWFkKTtcbiAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgIGlmICghKGVycm9yIGluc3RhbmNlb2YgUHJvYmxlbSkgfHwgZXJyb3IuY29kZSA9PT0gJ2RvY3VtZW50LXRvby1sYXJnZScpIHRocm93IGVycm9yO1xuICAgICAgICByZWZ1c2VkLnNldChhZGRyZXNzLCBlcnJvci5yZWFzb24gPz8gZXJyb3Iud2hhdCk7XG4gICAgICB9XG4gICAgfVxuICB9XG4gIHJldHVybiB7XG4gICAgZG9jdW1lbnRzOiB7IG1haW4sIHBhcnRzIH0sXG4gICAgcmVmdXNlZDogWy4uLnJlZnVzZWRdLm1hcCgoW2FkZHJlc3MsIHdoeV0pID0+ICh7IG5hbWU6IHBhcnROYW1lKGFkZHJlc3MsIHVyaSksIHdoeSB9KSksXG4gIH07XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7O0FBTUEsSUFBTSxZQUFZO0FBQ2xCLElBQU0saUJBQWlCO0FBZXZCLGVBQXNCLGdCQUNwQixLQUNBLE1BQ0EsTUFDQSxPQUNtQjtBQUNuQixRQUFNLE9BQU8sTUFBTSxTQUFTLEtBQUssTUFBTSxJQUFJO0FBQzNDLFFBQU0sU0FBUyxTQUFTLElBQUk7QUFDNUIsUUFBTSxRQUFRLG9CQUFJLElBQWtCLENBQUMsQ0FBQyxLQUFLLElBQUksQ0FBQyxDQUFDO0FBQ2pELFFBQU0sVUFBVSxvQkFBSSxJQUFvQjtBQUN4QyxNQUFJLE9BQU8sS0FBSztBQUNoQixRQUFNLFVBQVUsQ0FBQyxFQUFFLE1BQU0sTUFBTSxZQUFZLE1BQU0sT0FBTyxXQUFXLElBQUksRUFBRSxDQUFDO0FBQzFFLFdBQVMsT0FBTyxRQUFRLE1BQU0sR0FBRyxNQUFNLE9BQU8sUUFBUSxNQUFNLEdBQUc7QUFDN0QsZUFBVyxhQUFhLEtBQUssWUFBWTtBQUN2QyxZQUFNLFVBQVUsVUFBVSxXQUFXLEtBQUssS0FBSyxHQUFHO0FBQ2xELFVBQUksWUFBWSxVQUFhLE1BQU0sSUFBSSxPQUFPLEtBQUssUUFBUSxJQUFJLE9BQU8sRUFBRztBQUN6RSxZQUFNLFVBQVUsTUFBTSxNQUFNLE9BQU87QUFDbkMsWUFBTSxPQUFPLFNBQVMsU0FBUyxHQUFHO0FBQ2xDLFVBQUksYUFBYSxTQUFTO0FBQ3hCLGdCQUFRLElBQUksU0FBUyxRQUFRLE9BQU87QUFDcEM7QUFBQSxNQUNGO0FBQ0EsY0FBUSxRQUFRLEtBQUs7QUFDckIsVUFBSSxNQUFNLFFBQVEsYUFBYSxPQUFPLGdCQUFnQjtBQUNwRCxjQUFNLElBQUksUUFBUSxzQkFBc0I7QUFBQSxVQUN0QyxNQUFNLEdBQUcsSUFBSTtBQUFBLFVBQ2IsT0FBTyxhQUFhLE1BQU0sUUFBUSxZQUFZLEdBQUcsU0FBUyxlQUFlLFFBQVE7QUFBQSxRQUNuRixDQUFDO0FBQUEsTUFDSDtBQUNBLFVBQUk7QUFDRixjQUFNLE9BQU8sTUFBTSxTQUFTLFNBQVMsTUFBTSxRQUFRLElBQUk7QUFDdkQsZ0JBQVEsS0FBSyxFQUFFLE1BQU0sTUFBTSxZQUFZLE1BQU0sT0FBTyxXQUFXLElBQUksRUFBRSxDQUFDO0FBQ3RFLGNBQU0sSUFBSSxTQUFTLElBQUk7QUFBQSxNQUN6QixTQUFTLE9BQU87QUFDZCxZQUFJLEVBQUUsaUJBQWlCLFlBQVksTUFBTSxTQUFTLHFCQUFzQixPQUFNO0FBQzlFLGdCQUFRLElBQUksU0FBUyxNQUFNLFVBQVUsTUFBTSxJQUFJO0FBQUEsTUFDakQ7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLFNBQU87QUFBQSxJQUNMLFdBQVcsRUFBRSxNQUFNLE1BQU07QUFBQSxJQUN6QixTQUFTLENBQUMsR0FBRyxPQUFPLEVBQUUsSUFBSSxDQUFDLENBQUMsU0FBUyxHQUFHLE9BQU8sRUFBRSxNQUFNLFNBQVMsU0FBUyxHQUFHLEdBQUcsSUFBSSxFQUFFO0FBQUEsRUFDdkY7QUFDRjsiLAogICJuYW1lcyI6IFtdCn0K
