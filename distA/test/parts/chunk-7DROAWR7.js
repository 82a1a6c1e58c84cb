import {
  briefProblem
} from "./chunk-4THVOAEK.js";

// src/core/echo/echo.ts
import * as z from "zod/mini";
var lines = z.array(z.tuple([z.string(), z.string()]));
var body = z.strictObject({
  /** Decoded text, or base64 where the bytes are none. */
  text: z.string(),
  encoding: z.enum(["utf-8", "base64"]),
  /** Bytes in full. */
  size: z.number(),
  /** Only the beginning is recorded here. */
  cut: z.optional(z.boolean()),
  /** Where all of it is, from the folder of the echoes. */
  file: z.optional(z.string())
});
var difference = z.strictObject({
  at: z.string(),
  kind: z.enum(["changed", "added", "removed"]),
  left: z.optional(z.any()),
  right: z.optional(z.any())
});
var verdict = z.strictObject({
  place: z.string(),
  ok: z.boolean(),
  expected: z.optional(z.string()),
  found: z.optional(z.string()),
  detail: z.optional(z.string()),
  near: z.optional(z.string()),
  /** Of an expected document: the first places that differ. */
  deviations: z.optional(z.array(difference))
});
var echo = z.strictObject({
  /** RUN.NUMBER */
  id: z.string(),
  /** ISO 8601, when it was sent. */
  at: z.string(),
  environment: z.string(),
  request: z.optional(z.string()),
  operation: z.optional(z.string()),
  /** The sessions that it was sent with. */
  sessions: z.optional(z.array(z.string())),
  /** What the request was given, secrets hidden. */
  inputs: z.optional(z.record(z.string(), z.any())),
  /** The step's name and its row, where a trail sent it. */
  step: z.optional(z.string()),
  row: z.optional(z.number()),
  /** The request was sent again after this. */
  again: z.optional(z.boolean()),
  sent: z.strictObject({
    method: z.string(),
    url: z.string(),
    headers: lines,
    body: z.optional(body)
  }),
  received: z.optional(
    z.strictObject({
      status: z.number(),
      reason: z.string(),
      headers: lines,
      body: z.optional(body),
      finalUrl: z.optional(z.string()),
      hops: z.optional(z.array(z.strictObject({ status: z.number(), url: z.string() }))),
      remoteAddress: z.optional(z.string()),
      /** Where it is not HTTP/1.1. */
      protocol: z.optional(z.string()),
      tls: z.optional(
        z.strictObject({
          protocol: z.string(),
          cipher: z.string(),
          subject: z.optional(z.string()),
          issuer: z.optional(z.string()),
          until: z.optional(z.string()),
          fingerprint: z.optional(z.string())
        })
      ),
      trailers: z.optional(lines),
      hints: z.optional(z.array(z.strictObject({ status: z.number(), headers: lines }))),
      /** Bytes of the body as they came, where they were compressed, or went to a file. */
      wireSize: z.optional(z.number())
    })
  ),
  /** Milliseconds. */
  phases: z.optional(
    z.strictObject({
      lookup: z.optional(z.number()),
      connect: z.optional(z.number()),
      tls: z.optional(z.number()),
      waiting: z.optional(z.number()),
      receiving: z.optional(z.number()),
      total: z.optional(z.number())
    })
  ),
  trouble: z.optional(z.extend(briefProblem, { where: z.optional(z.string()) })),
  /** All expectations where one failed; else only how many were met. */
  met: z.number(),
  failed: z.optional(z.array(verdict)),
  kept: z.optional(z.record(z.string(), z.any()))
});

export {
  difference,
  verdict,
  echo
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZWNoby9lY2hvLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogQW4gZWNobzogb25lIHJlY29yZGVkIGV4Y2hhbmdlLiBUaGUgc2NoZW1hIGlzIHRoYXQgb2YgYSBsaW5lIGluIHRoZSBsb2cgYW5kIG9mIGBlY2hvIHNob3cgLS1qc29uYC4gKi9cbmltcG9ydCAqIGFzIHogZnJvbSAnem9kL21pbmknO1xuaW1wb3J0IHsgYnJpZWZQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9icmllZi5qcyc7XG5cbmNvbnN0IGxpbmVzID0gei5hcnJheSh6LnR1cGxlKFt6LnN0cmluZygpLCB6LnN0cmluZygpXSkpO1xuXG5jb25zdCBib2R5ID0gei5zdHJpY3RPYmplY3Qoe1xuICAvKiogRGVjb2RlZCB0ZXh0LCBvciBiYXNlNjQgd2hlcmUgdGhlIGJ5dGVzIGFyZSBub25lLiAqL1xuICB0ZXh0OiB6LnN0cmluZygpLFxuICBlbmNvZGluZzogei5lbnVtKFsndXRmLTgnLCAnYmFzZTY0J10pLFxuICAvKiogQnl0ZXMgaW4gZnVsbC4gKi9cbiAgc2l6ZTogei5udW1iZXIoKSxcbiAgLyoqIE9ubHkgdGhlIGJlZ2lubmluZyBpcyByZWNvcmRlZCBoZXJlLiAqL1xuICBjdXQ6IHoub3B0aW9uYWwoei5ib29sZWFuKCkpLFxuICAvKiogV2hlcmUgYWxsIG9mIGl0IGlzLCBmcm9tIHRoZSBmb2xkZXIgb2YgdGhlIGVjaG9lcy4gKi9cbiAgZmlsZTogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbn0pO1xuZXhwb3J0IHR5cGUgUmVjb3JkZWRCb2R5ID0gei5pbmZlcjx0eXBlb2YgYm9keT47XG5cbi8qKiBBcyBhIGNvbXBhcmlzb24gdGVsbHMgaXQuICovXG5leHBvcnQgY29uc3QgZGlmZmVyZW5jZSA9IHouc3RyaWN0T2JqZWN0KHtcbiAgYXQ6IHouc3RyaW5nKCksXG4gIGtpbmQ6IHouZW51bShbJ2NoYW5nZWQnLCAnYWRkZWQnLCAncmVtb3ZlZCddKSxcbiAgbGVmdDogei5vcHRpb25hbCh6LmFueSgpKSxcbiAgcmlnaHQ6IHoub3B0aW9uYWwoei5hbnkoKSksXG59KTtcblxuZXhwb3J0IGNvbnN0IHZlcmRpY3QgPSB6LnN0cmljdE9iamVjdCh7XG4gIHBsYWNlOiB6LnN0cmluZygpLFxuICBvazogei5ib29sZWFuKCksXG4gIGV4cGVjdGVkOiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICBmb3VuZDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgZGV0YWlsOiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICBuZWFyOiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAvKiogT2YgYW4gZXhwZWN0ZWQgZG9jdW1lbnQ6IHRoZSBmaXJzdCBwbGFjZXMgdGhhdCBkaWZmZXIuICovXG4gIGRldmlhdGlvbnM6IHoub3B0aW9uYWwoei5hcnJheShkaWZmZXJlbmNlKSksXG59KTtcblxuZXhwb3J0IGNvbnN0IGVjaG8gPSB6LnN0cmljdE9iamVjdCh7XG4gIC8qKiBSVU4uTlVNQkVSICovXG4gIGlkOiB6LnN0cmluZygpLFxuICAvKiogSVNPIDg2MDEsIHdoZW4gaXQgd2FzIHNlbnQuICovXG4gIGF0OiB6LnN0cmluZygpLFxuICBlbnZpcm9ubWVudDogei5zdHJpbmcoKSxcbiAgcmVxdWVzdDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgb3BlcmF0aW9uOiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAvKiogVGhlIHNlc3Npb25zIHRoYXQgaXQgd2FzIHNlbnQgd2l0aC4gKi9cbiAgc2Vzc2lvbnM6IHoub3B0aW9uYWwoei5hcnJheSh6LnN0cmluZygpKSksXG4gIC8qKiBXaGF0IHRoZSByZXF1ZXN0IHdhcyBnaXZlbiwgc2VjcmV0cyBoaWRkZW4uICovXG4gIGlucHV0czogei5vcHRpb25hbCh6LnJlY29yZCh6LnN0cmluZygpLCB6LmFueSgpKSksXG4gIC8qKiBUaGUgc3RlcCdzIG5hbWUgYW5kIGl0cyByb3csIHdoZXJlIGEgdHJhaWwgc2VudCBpdC4gKi9cbiAgc3RlcDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgcm93OiB6Lm9wdGlvbmFsKHoubnVtYmVyKCkpLFxuICAvKiogVGhlIHJlcXVlc3Qgd2FzIHNlbnQgYWdhaW4gYWZ0ZXIgdGhpcy4gKi9cbiAgYWdhaW46IHoub3B0aW9uYWwoei5ib29sZWFuKCkpLFxuICBzZW50OiB6LnN0cmljdE9iamVjdCh7XG4gICAgbWV0aG9kOiB6LnN0cmluZygpLFxuICAgIHVybDogei5zdHJpbmcoKSxcbiAgICBoZWFkZXJzOiBsaW5lcyxcbiAgICBib2R5OiB6Lm9wdGlvbmFsKGJvZHkpLFxuICB9KSxcbiAgcmVjZWl2ZWQ6IHoub3B0aW9uYWwoXG4gICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgc3RhdHVzOiB6Lm51bWJlcigpLFxuICAgICAgcmVhc29uOiB6LnN0cmluZygpLFxuICAgICAgaGVhZGVyczogbGluZXMsXG4gICAgICBib2R5OiB6Lm9wdGlvbmFsKGJvZHkpLFxuICAgICAgZmluYWxVcmw6IHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAgICBob3BzOiB6Lm9wdGlvbmFsKHouYXJyYXkoei5zdHJpY3RPYmplY3QoeyBzdGF0dXM6IHoubnVtYmVyKCksIHVybDogei5zdHJpbmcoKSB9KSkpLFxuICAgICAgcmVtb3RlQWRkcmVzczogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgIC8qKiBXaGVyZSBpdCBpcyBub3QgSFRUUC8xLjEuICovXG4gICAgICBwcm90b2NvbDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgIHRsczogei5vcHRpb25hbChcbiAgICAgICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgICAgIHByb3RvY29sOiB6LnN0cmluZygpLFxuICAgICAgICAgIGNpcGhlcjogei5zdHJpbmcoKSxcbiAgICAgICAgICBzdWJqZWN0OiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAgICAgICAgIGlzc3Vlcjogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgICAgICB1bnRpbDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgICAgICBmaW5nZXJwcmludDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgICAgfSksXG4gICAgICApLFxuICAgICAgdHJhaWxlcnM6IHoub3B0aW9uYWwobGluZXMpLFxuICAgICAgaGludHM6IHoub3B0aW9uYWwoei5hcnJheSh6LnN0cmljdE9iamVjdCh7IHN0YXR1czogei5udW1iZXIoKSwgaGVhZGVyczogbGluZXMgfSkpKSxcbiAgICAgIC8qKiBCeXRlcyBvZiB0aGUgYm9keSBhcyB0aGV5IGNhbWUsIHdoZXJlIHRoZXkgd2VyZSBjb21wcmVzc2VkLCBvciB3ZW50IHRvIGEgZmlsZS4gKi9cbiAgICAgIHdpcmVTaXplOiB6Lm9wdGlvbmFsKHoubnVtYmVyKCkpLFxuICAgIH0pLFxuICApLFxuICAvKiogTWlsbGlzZWNvbmRzLiAqL1xuICBwaGFzZXM6IHoub3B0aW9uYWwoXG4gICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgbG9va3VwOiB6Lm9wdGlvbmFsKHoubnVtYmVyKCkpLFxuICAgICAgY29ubmVjdDogei5vcHRpb25hbCh6Lm51bWJlcigpKSxcbiAgICAgIHRsczogei5vcHRpb25hbCh6Lm51bWJlcigpKSxcbiAgICAgIHdhaXRpbmc6IHoub3B0aW9uYWwoei5udW1iZXIoKSksXG4gICAgICByZWNlaXZpbmc6IHoub3B0aW9uYWwoei5udW1iZXIoKSksXG4gICAgICB0b3RhbDogei5vcHRpb25hbCh6Lm51bWJlcigpKSxcbiAgICB9KSxcbiAgKSxcbiAgdHJvdWJsZTogei5vcHRpb25hbCh6LmV4dGVuZChicmllZlByb2JsZW0sIHsgd2hlcmU6IHoub3B0aW9uYWwoei5zdHJpbmcoKSkgfSkpLFxuICAvKiogQWxsIGV4cGVjdGF0aW9ucyB3aGVyZSBvbmUgZmFpbGVkOyBlbHNlIG9ubHkgaG93IG1hbnkgd2VyZSBtZXQuICovXG4gIG1ldDogei5udW1iZXIoKSxcbiAgZmFpbGVkOiB6Lm9wdGlvbmFsKHouYXJyYXkodmVyZGljdCkpLFxuICBrZXB0OiB6Lm9wdGlvbmFsKHoucmVjb3JkKHouc3RyaW5nKCksIHouYW55KCkpKSxcbn0pO1xuZXhwb3J0IHR5cGUgRWNobyA9IHouaW5mZXI8dHlwZW9mIGVjaG8+O1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7QUFDQSxZQUFZLE9BQU87QUFHbkIsSUFBTSxRQUFVLFFBQVEsUUFBTSxDQUFHLFNBQU8sR0FBSyxTQUFPLENBQUMsQ0FBQyxDQUFDO0FBRXZELElBQU0sT0FBUyxlQUFhO0FBQUE7QUFBQSxFQUUxQixNQUFRLFNBQU87QUFBQSxFQUNmLFVBQVksT0FBSyxDQUFDLFNBQVMsUUFBUSxDQUFDO0FBQUE7QUFBQSxFQUVwQyxNQUFRLFNBQU87QUFBQTtBQUFBLEVBRWYsS0FBTyxXQUFXLFVBQVEsQ0FBQztBQUFBO0FBQUEsRUFFM0IsTUFBUSxXQUFXLFNBQU8sQ0FBQztBQUM3QixDQUFDO0FBSU0sSUFBTSxhQUFlLGVBQWE7QUFBQSxFQUN2QyxJQUFNLFNBQU87QUFBQSxFQUNiLE1BQVEsT0FBSyxDQUFDLFdBQVcsU0FBUyxTQUFTLENBQUM7QUFBQSxFQUM1QyxNQUFRLFdBQVcsTUFBSSxDQUFDO0FBQUEsRUFDeEIsT0FBUyxXQUFXLE1BQUksQ0FBQztBQUMzQixDQUFDO0FBRU0sSUFBTSxVQUFZLGVBQWE7QUFBQSxFQUNwQyxPQUFTLFNBQU87QUFBQSxFQUNoQixJQUFNLFVBQVE7QUFBQSxFQUNkLFVBQVksV0FBVyxTQUFPLENBQUM7QUFBQSxFQUMvQixPQUFTLFdBQVcsU0FBTyxDQUFDO0FBQUEsRUFDNUIsUUFBVSxXQUFXLFNBQU8sQ0FBQztBQUFBLEVBQzdCLE1BQVEsV0FBVyxTQUFPLENBQUM7QUFBQTtBQUFBLEVBRTNCLFlBQWMsV0FBVyxRQUFNLFVBQVUsQ0FBQztBQUM1QyxDQUFDO0FBRU0sSUFBTSxPQUFTLGVBQWE7QUFBQTtBQUFBLEVBRWpDLElBQU0sU0FBTztBQUFBO0FBQUEsRUFFYixJQUFNLFNBQU87QUFBQSxFQUNiLGFBQWUsU0FBTztBQUFBLEVBQ3RCLFNBQVcsV0FBVyxTQUFPLENBQUM7QUFBQSxFQUM5QixXQUFhLFdBQVcsU0FBTyxDQUFDO0FBQUE7QUFBQSxFQUVoQyxVQUFZLFdBQVcsUUFBUSxTQUFPLENBQUMsQ0FBQztBQUFBO0FBQUEsRUFFeEMsUUFBVSxXQUFXLFNBQVMsU0FBTyxHQUFLLE1BQUksQ0FBQyxDQUFDO0FBQUE7QUFBQSxFQUVoRCxNQUFRLFdBQVcsU0FBTyxDQUFDO0FBQUEsRUFDM0IsS0FBTyxXQUFXLFNBQU8sQ0FBQztBQUFBO0FBQUEsRUFFMUIsT0FBUyxXQUFXLFVBQVEsQ0FBQztBQUFBLEVBQzdCLE1BQVEsZUFBYTtBQUFBLElBQ25CLFFBQVUsU0FBTztBQUFBLElBQ2pCLEtBQU8sU0FBTztBQUFBLElBQ2QsU0FBUztBQUFBLElBQ1QsTUFBUSxXQUFTLElBQUk7QUFBQSxFQUN2QixDQUFDO0FBQUEsRUFDRCxVQUFZO0FBQUEsSUFDUixlQUFhO0FBQUEsTUFDYixRQUFVLFNBQU87QUFBQSxNQUNqQixRQUFVLFNBQU87QUFBQSxNQUNqQixTQUFTO0FBQUEsTUFDVCxNQUFRLFdBQVMsSUFBSTtBQUFBLE1BQ3JCLFVBQVksV0FBVyxTQUFPLENBQUM7QUFBQSxNQUMvQixNQUFRLFdBQVcsUUFBUSxlQUFhLEVBQUUsUUFBVSxTQUFPLEdBQUcsS0FBTyxTQUFPLEVBQUUsQ0FBQyxDQUFDLENBQUM7QUFBQSxNQUNqRixlQUFpQixXQUFXLFNBQU8sQ0FBQztBQUFBO0FBQUEsTUFFcEMsVUFBWSxXQUFXLFNBQU8sQ0FBQztBQUFBLE1BQy9CLEtBQU87QUFBQSxRQUNILGVBQWE7QUFBQSxVQUNiLFVBQVksU0FBTztBQUFBLFVBQ25CLFFBQVUsU0FBTztBQUFBLFVBQ2pCLFNBQVcsV0FBVyxTQUFPLENBQUM7QUFBQSxVQUM5QixRQUFVLFdBQVcsU0FBTyxDQUFDO0FBQUEsVUFDN0IsT0FBUyxXQUFXLFNBQU8sQ0FBQztBQUFBLFVBQzVCLGFBQWUsV0FBVyxTQUFPLENBQUM7QUFBQSxRQUNwQyxDQUFDO0FBQUEsTUFDSDtBQUFBLE1BQ0EsVUFBWSxXQUFTLEtBQUs7QUFBQSxNQUMxQixPQUFTLFdBQVcsUUFBUSxlQUFhLEVBQUUsUUFBVSxTQUFPLEdBQUcsU0FBUyxNQUFNLENBQUMsQ0FBQyxDQUFDO0FBQUE7QUFBQSxNQUVqRixVQUFZLFdBQVcsU0FBTyxDQUFDO0FBQUEsSUFDakMsQ0FBQztBQUFBLEVBQ0g7QUFBQTtBQUFBLEVBRUEsUUFBVTtBQUFBLElBQ04sZUFBYTtBQUFBLE1BQ2IsUUFBVSxXQUFXLFNBQU8sQ0FBQztBQUFBLE1BQzdCLFNBQVcsV0FBVyxTQUFPLENBQUM7QUFBQSxNQUM5QixLQUFPLFdBQVcsU0FBTyxDQUFDO0FBQUEsTUFDMUIsU0FBVyxXQUFXLFNBQU8sQ0FBQztBQUFBLE1BQzlCLFdBQWEsV0FBVyxTQUFPLENBQUM7QUFBQSxNQUNoQyxPQUFTLFdBQVcsU0FBTyxDQUFDO0FBQUEsSUFDOUIsQ0FBQztBQUFBLEVBQ0g7QUFBQSxFQUNBLFNBQVcsV0FBVyxTQUFPLGNBQWMsRUFBRSxPQUFTLFdBQVcsU0FBTyxDQUFDLEVBQUUsQ0FBQyxDQUFDO0FBQUE7QUFBQSxFQUU3RSxLQUFPLFNBQU87QUFBQSxFQUNkLFFBQVUsV0FBVyxRQUFNLE9BQU8sQ0FBQztBQUFBLEVBQ25DLE1BQVEsV0FBVyxTQUFTLFNBQU8sR0FBSyxNQUFJLENBQUMsQ0FBQztBQUNoRCxDQUFDOyIsCiAgIm5hbWVzIjogW10KfQo=
