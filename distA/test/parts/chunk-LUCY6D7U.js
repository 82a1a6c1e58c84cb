import {
  rawAnswer,
  rawRequest
} from "./chunk-O3NKAVGW.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/core/documentation/sample/samples.ts
import * as z from "zod/mini";
var sample = z.strictObject({
  /** The echo or the file that it came from. */
  from: z.string(),
  method: z.string(),
  url: z.string(),
  /** The type and the text of the body that was sent. */
  sent: z.optional(z.strictObject({ type: z.string(), text: z.string() })),
  status: z.number(),
  received: z.optional(z.strictObject({ type: z.string(), text: z.string() }))
});
var samplesFile = z.strictObject({ samples: z.array(sample) });
function sampleFromMessages(text, from) {
  const start = text.search(/^HTTP\/\d/m);
  const request = start > 0 ? rawRequest(text.slice(0, start)) : void 0;
  const answer = start > 0 ? rawAnswer(text.slice(start)) : void 0;
  if (!request || !answer) {
    throw new Problem("document-unreadable", {
      what: `${from} is not a request with its answer`,
      where: { file: from },
      cause: request ? void 0 : "it does not begin with a line such as GET /berths HTTP/1.1, followed by one such as HTTP/1.1 200 OK",
      remedy: "write the request message, a blank line, and the answer message into one file"
    });
  }
  const { method, address, headers, body } = request;
  const url = /^https?:/i.test(address) ? address : `http://${headers.get("host") ?? "vendor.example"}${address}`;
  return {
    from,
    method,
    url,
    ...body !== "" && { sent: { type: headers.get("content-type") ?? "application/json", text: body } },
    status: answer.status,
    ...answer.body !== "" && { received: { type: answer.type, text: answer.body } }
  };
}

export {
  sample,
  samplesFile,
  sampleFromMessages
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9zYW1wbGUvc2FtcGxlcy50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFRoZSBmaWxlIHRoYXQgc2FtcGxlcyBhcmUga2VwdCBpbjogZXhjaGFuZ2VzIGFzIHRoZXkgd2VyZSwgd2l0aG91dCB3aGF0IGlzIHNlY3JldC4gKi9cbmltcG9ydCAqIGFzIHogZnJvbSAnem9kL21pbmknO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyByYXdBbnN3ZXIsIHJhd1JlcXVlc3QgfSBmcm9tICcuLi9wYWdlL21lc3NhZ2VzLmpzJztcblxuZXhwb3J0IGNvbnN0IHNhbXBsZSA9IHouc3RyaWN0T2JqZWN0KHtcbiAgLyoqIFRoZSBlY2hvIG9yIHRoZSBmaWxlIHRoYXQgaXQgY2FtZSBmcm9tLiAqL1xuICBmcm9tOiB6LnN0cmluZygpLFxuICBtZXRob2Q6IHouc3RyaW5nKCksXG4gIHVybDogei5zdHJpbmcoKSxcbiAgLyoqIFRoZSB0eXBlIGFuZCB0aGUgdGV4dCBvZiB0aGUgYm9keSB0aGF0IHdhcyBzZW50LiAqL1xuICBzZW50OiB6Lm9wdGlvbmFsKHouc3RyaWN0T2JqZWN0KHsgdHlwZTogei5zdHJpbmcoKSwgdGV4dDogei5zdHJpbmcoKSB9KSksXG4gIHN0YXR1czogei5udW1iZXIoKSxcbiAgcmVjZWl2ZWQ6IHoub3B0aW9uYWwoei5zdHJpY3RPYmplY3QoeyB0eXBlOiB6LnN0cmluZygpLCB0ZXh0OiB6LnN0cmluZygpIH0pKSxcbn0pO1xuZXhwb3J0IHR5cGUgU2FtcGxlID0gei5pbmZlcjx0eXBlb2Ygc2FtcGxlPjtcblxuZXhwb3J0IGNvbnN0IHNhbXBsZXNGaWxlID0gei5zdHJpY3RPYmplY3QoeyBzYW1wbGVzOiB6LmFycmF5KHNhbXBsZSkgfSk7XG5cbi8qKlxuICogQSByZXF1ZXN0IGFuZCBpdHMgYW5zd2VyIGFzIHJhdyBIVFRQIG1lc3NhZ2VzIChSRkMgOTExMikgaW4gb25lIHRleHQsIHRoZSBhbnN3ZXIgYmVoaW5kIHRoZSByZXF1ZXN0LlxuICogQHRocm93cyBQcm9ibGVtIGRvY3VtZW50LXVucmVhZGFibGVcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNhbXBsZUZyb21NZXNzYWdlcyh0ZXh0OiBzdHJpbmcsIGZyb206IHN0cmluZyk6IFNhbXBsZSB7XG4gIGNvbnN0IHN0YXJ0ID0gdGV4dC5zZWFyY2goL15IVFRQXFwvXFxkL20pO1xuICBjb25zdCByZXF1ZXN0ID0gc3RhcnQgPiAwID8gcmF3UmVxdWVzdCh0ZXh0LnNsaWNlKDAsIHN0YXJ0KSkgOiB1bmRlZmluZWQ7XG4gIGNvbnN0IGFuc3dlciA9IHN0YXJ0ID4gMCA/IHJhd0Fuc3dlcih0ZXh0LnNsaWNlKHN0YXJ0KSkgOiB1bmRlZmluZWQ7XG4gIGlmICghcmVxdWVzdCB8fCAhYW5zd2VyKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RvY3VtZW50LXVucmVhZGFibGUnLCB7XG4gICAgICB3aGF0OiBgJHtmcm9tfSBpcyBub3QgYSByZXF1ZXN0IHdpdGggaXRzIGFuc3dlcmAsXG4gICAgICB3aGVyZTogeyBmaWxlOiBmcm9tIH0sXG4gICAgICBjYXVzZTogcmVxdWVzdFxuICAgICAgICA/IHVuZGVmaW5lZFxuICAgICAgICA6ICdpdCBkb2VzIG5vdCBiZWdpbiB3aXRoIGEgbGluZSBzdWNoIGFzIEdFVCAvYmVydGhzIEhUVFAvMS4xLCBmb2xsb3dlZCBieSBvbmUgc3VjaCBhcyBIVFRQLzEuMSAyMDAgT0snLFxuICAgICAgcmVtZWR5OiAnd3JpdGUgdGhlIHJlcXVlc3QgbWVzc2FnZSwgYSBibGFuayBsaW5lLCBhbmQgdGhlIGFuc3dlciBtZXNzYWdlIGludG8gb25lIGZpbGUnLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IHsgbWV0aG9kLCBhZGRyZXNzLCBoZWFkZXJzLCBib2R5IH0gPSByZXF1ZXN0O1xuICBjb25zdCB1cmwgPSAvXmh0dHBzPzovaS50ZXN0KGFkZHJlc3MpID8gYWRkcmVzcyA6IGBodHRwOi8vJHtoZWFkZXJzLmdldCgnaG9zdCcpID8/ICd2ZW5kb3IuZXhhbXBsZSd9JHthZGRyZXNzfWA7XG4gIHJldHVybiB7XG4gICAgZnJvbSxcbiAgICBtZXRob2QsXG4gICAgdXJsLFxuICAgIC4uLihib2R5ICE9PSAnJyAmJiB7IHNlbnQ6IHsgdHlwZTogaGVhZGVycy5nZXQoJ2NvbnRlbnQtdHlwZScpID8/ICdhcHBsaWNhdGlvbi9qc29uJywgdGV4dDogYm9keSB9IH0pLFxuICAgIHN0YXR1czogYW5zd2VyLnN0YXR1cyxcbiAgICAuLi4oYW5zd2VyLmJvZHkgIT09ICcnICYmIHsgcmVjZWl2ZWQ6IHsgdHlwZTogYW5zd2VyLnR5cGUsIHRleHQ6IGFuc3dlci5ib2R5IH0gfSksXG4gIH07XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7QUFDQSxZQUFZLE9BQU87QUFJWixJQUFNLFNBQVcsZUFBYTtBQUFBO0FBQUEsRUFFbkMsTUFBUSxTQUFPO0FBQUEsRUFDZixRQUFVLFNBQU87QUFBQSxFQUNqQixLQUFPLFNBQU87QUFBQTtBQUFBLEVBRWQsTUFBUSxXQUFXLGVBQWEsRUFBRSxNQUFRLFNBQU8sR0FBRyxNQUFRLFNBQU8sRUFBRSxDQUFDLENBQUM7QUFBQSxFQUN2RSxRQUFVLFNBQU87QUFBQSxFQUNqQixVQUFZLFdBQVcsZUFBYSxFQUFFLE1BQVEsU0FBTyxHQUFHLE1BQVEsU0FBTyxFQUFFLENBQUMsQ0FBQztBQUM3RSxDQUFDO0FBR00sSUFBTSxjQUFnQixlQUFhLEVBQUUsU0FBVyxRQUFNLE1BQU0sRUFBRSxDQUFDO0FBTS9ELFNBQVMsbUJBQW1CLE1BQWMsTUFBc0I7QUFDckUsUUFBTSxRQUFRLEtBQUssT0FBTyxZQUFZO0FBQ3RDLFFBQU0sVUFBVSxRQUFRLElBQUksV0FBVyxLQUFLLE1BQU0sR0FBRyxLQUFLLENBQUMsSUFBSTtBQUMvRCxRQUFNLFNBQVMsUUFBUSxJQUFJLFVBQVUsS0FBSyxNQUFNLEtBQUssQ0FBQyxJQUFJO0FBQzFELE1BQUksQ0FBQyxXQUFXLENBQUMsUUFBUTtBQUN2QixVQUFNLElBQUksUUFBUSx1QkFBdUI7QUFBQSxNQUN2QyxNQUFNLEdBQUcsSUFBSTtBQUFBLE1BQ2IsT0FBTyxFQUFFLE1BQU0sS0FBSztBQUFBLE1BQ3BCLE9BQU8sVUFDSCxTQUNBO0FBQUEsTUFDSixRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sRUFBRSxRQUFRLFNBQVMsU0FBUyxLQUFLLElBQUk7QUFDM0MsUUFBTSxNQUFNLFlBQVksS0FBSyxPQUFPLElBQUksVUFBVSxVQUFVLFFBQVEsSUFBSSxNQUFNLEtBQUssZ0JBQWdCLEdBQUcsT0FBTztBQUM3RyxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQSxHQUFJLFNBQVMsTUFBTSxFQUFFLE1BQU0sRUFBRSxNQUFNLFFBQVEsSUFBSSxjQUFjLEtBQUssb0JBQW9CLE1BQU0sS0FBSyxFQUFFO0FBQUEsSUFDbkcsUUFBUSxPQUFPO0FBQUEsSUFDZixHQUFJLE9BQU8sU0FBUyxNQUFNLEVBQUUsVUFBVSxFQUFFLE1BQU0sT0FBTyxNQUFNLE1BQU0sT0FBTyxLQUFLLEVBQUU7QUFBQSxFQUNqRjtBQUNGOyIsCiAgIm5hbWVzIjogW10KfQo=
