import {
  described
} from "./chunk-ADLZ4E65.js";
import {
  parseDuration
} from "./chunk-IQWA53IU.js";

// src/core/collection/files/parts.ts
import * as z from "zod/mini";
var anyValue = z.custom(() => true);
var values = z.record(z.string(), anyValue);
var about = described(z.string(), "One sentence for people: what this is for.");
var duration = z.string().check(
  z.refine((text) => parseDuration(text) !== void 0, {
    error: "expected a duration with its unit, such as 500ms, 5s or 2m"
  })
);
var timeout = described(
  z.strictObject({
    connect: described(z.optional(duration), "Until the connection stands, TLS included. 10s where nothing is said."),
    "first-byte": described(z.optional(duration), "From sending to the first byte of the answer."),
    idle: described(z.optional(duration), "Between two pieces of the answer."),
    total: described(z.optional(duration), "From the start to the last byte. 60s where nothing is said.")
  }),
  "How long to wait."
);
var headers = described(values, "Header lines by name; a list makes one line an item.");
var query = described(
  values,
  "Query parameters by name, decoded; a list becomes several parameters. `${omit}` leaves one out."
);
var lists = described(
  z.enum(["repeated", "joined", "bracketed"]),
  "How a list in the query is written: `a=1&a=2` (repeated, where nothing is said), `a=1,2` or `a[]=1&a[]=2`."
);
var places = z.array(z.string());
var ignoring = described(places, "Places that may differ, each with all below it.");
var only = described(places, "The only places that count, each with all below it.");
var unordered = described(
  z.record(z.string(), z.string()),
  "Lists whose order says nothing, by place, each with the place in an item that tells it apart: `{$.items: $.code}`; `$` is the item itself."
);
var session = described(
  z.union([z.string(), z.array(z.string())]),
  "The session to use, several of them in a list, or `none`."
);
var signature = described(z.string(), "The signature to use, or `none`.");
var expect = described(values, "What must be so, by place. A plain value means equality, a map is matchers.");
var keepLong = z.strictObject({
  at: described(z.string(), "The place."),
  default: described(z.optional(anyValue), "What is kept when nothing stands at the place."),
  only: described(z.optional(z.boolean()), "The place must hold exactly one item, and that item is kept."),
  secret: described(z.optional(z.boolean()), "The value is never printed or stored in the open.")
});
var keep = described(
  z.record(z.string(), z.union([z.string(), keepLong])),
  "Names for values of the answer, by place."
);
var redirects = described(
  z.union([z.literal("none"), z.number()]),
  "How many redirects are followed, or `none`. Where nothing is said, 10 of GET and HEAD, and the GET that a 303 asks for."
);
var count = z.number().check(z.int(), z.minimum(1));
var retry = described(
  z.union([
    z.literal("none"),
    z.strictObject({
      statuses: described(
        z.optional(z.array(z.number().check(z.int(), z.minimum(400), z.maximum(599)))),
        "Statuses that are worth another try. 429, 502, 503 and 504 where nothing is said."
      ),
      busy: described(
        z.optional(z.record(z.string(), anyValue)),
        "Matchers by place, all of which hold where an answer says in its body that the server is too busy."
      ),
      wait: described(z.optional(duration), "Before the second try, where the server does not say. 2s."),
      growth: described(
        z.optional(z.number().check(z.minimum(1), z.maximum(10))),
        "How many times as long each further wait is. 2."
      ),
      ceiling: described(
        z.optional(duration),
        "The longest wait. A server that asks for a longer one is not asked again. 60s."
      ),
      tries: described(z.optional(count), "How often a request is sent at most, the first time included. 6."),
      within: described(z.optional(duration), "All tries together take no longer.")
    })
  ]),
  "When a request is sent again, or `none`. Nearest wins: request, folder defaults, environment. Where nothing is said, `run` waits only for a 429 or 503 that says how long."
);
var pace = described(
  z.strictObject({
    "at-once": described(z.optional(count), "How many requests are under way at once."),
    "per-second": described(z.optional(z.number().check(z.positive())), "How many requests leave in a second.")
  }),
  "How fast each host is called at most."
);
var prompt = z.enum(["always", "on-request", "never"]);
var inputMatchers = [
  "one-of",
  "at-least",
  "at-most",
  "over",
  "under",
  "matches",
  "starts-with",
  "ends-with",
  "contains",
  "count",
  "not"
];
var input = described(
  z.strictObject({
    label: described(z.optional(z.string()), "What the value is called when a person is asked for it."),
    about: z.optional(about),
    type: described(
      z.optional(z.enum(["string", "number", "integer", "boolean", "array", "object"])),
      "The JSON type. Text from the command line or a CSV file is read as that type."
    ),
    default: described(z.optional(anyValue), "The value where nobody gives one; may hold `${\u2026}`."),
    suggest: described(z.optional(z.array(anyValue)), "Values to offer; others are allowed too."),
    "choose-from": described(z.optional(z.string()), "The request whose answer supplies the value."),
    prompt: described(
      z.optional(prompt),
      "Whether a person at a terminal is asked: `always` (where there is no default), `on-request` (with --ask), `never`."
    ),
    "one-of": described(z.optional(z.array(anyValue)), "The only values allowed."),
    "at-least": z.optional(anyValue),
    "at-most": z.optional(anyValue),
    over: z.optional(anyValue),
    under: z.optional(anyValue),
    matches: z.optional(z.string()),
    "starts-with": z.optional(z.string()),
    "ends-with": z.optional(z.string()),
    contains: z.optional(anyValue),
    count: z.optional(anyValue),
    not: z.optional(anyValue)
  }),
  "What a caller may set."
);
var inputs = described(
  z.record(z.string(), input),
  "What a caller may set; the only names from outside that are seen."
);

export {
  anyValue,
  values,
  about,
  duration,
  timeout,
  headers,
  query,
  lists,
  ignoring,
  only,
  unordered,
  session,
  signature,
  expect,
  keep,
  redirects,
  retry,
  pace,
  inputMatchers,
  inputs
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9maWxlcy9wYXJ0cy50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFBpZWNlcyB0aGF0IHRoZSBzY2hlbWFzIG9mIHNldmVyYWwgZmlsZXMgc2hhcmUuICovXG5pbXBvcnQgKiBhcyB6IGZyb20gJ3pvZC9taW5pJztcbmltcG9ydCB7IHBhcnNlRHVyYXRpb24gfSBmcm9tICcuLi8uLi92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBkZXNjcmliZWQgfSBmcm9tICcuL2Rlc2NyaWJlZC5qcyc7XG5cbi8qKiBBbnkgWUFNTCB2YWx1ZTsgc3RyaW5ncyBpbiBpdCBtYXkgaG9sZCBgJHtcdTIwMjZ9YC4gKi9cbmV4cG9ydCBjb25zdCBhbnlWYWx1ZSA9IHouY3VzdG9tPFZhbHVlPigoKSA9PiB0cnVlKTtcbmV4cG9ydCBjb25zdCB2YWx1ZXMgPSB6LnJlY29yZCh6LnN0cmluZygpLCBhbnlWYWx1ZSk7XG5cbmV4cG9ydCBjb25zdCBhYm91dCA9IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnT25lIHNlbnRlbmNlIGZvciBwZW9wbGU6IHdoYXQgdGhpcyBpcyBmb3IuJyk7XG5cbmV4cG9ydCBjb25zdCBkdXJhdGlvbiA9IHouc3RyaW5nKCkuY2hlY2soXG4gIHoucmVmaW5lKCh0ZXh0KSA9PiBwYXJzZUR1cmF0aW9uKHRleHQpICE9PSB1bmRlZmluZWQsIHtcbiAgICBlcnJvcjogJ2V4cGVjdGVkIGEgZHVyYXRpb24gd2l0aCBpdHMgdW5pdCwgc3VjaCBhcyA1MDBtcywgNXMgb3IgMm0nLFxuICB9KSxcbik7XG5cbmV4cG9ydCBjb25zdCB0aW1lb3V0ID0gZGVzY3JpYmVkKFxuICB6LnN0cmljdE9iamVjdCh7XG4gICAgY29ubmVjdDogZGVzY3JpYmVkKHoub3B0aW9uYWwoZHVyYXRpb24pLCAnVW50aWwgdGhlIGNvbm5lY3Rpb24gc3RhbmRzLCBUTFMgaW5jbHVkZWQuIDEwcyB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyksXG4gICAgJ2ZpcnN0LWJ5dGUnOiBkZXNjcmliZWQoei5vcHRpb25hbChkdXJhdGlvbiksICdGcm9tIHNlbmRpbmcgdG8gdGhlIGZpcnN0IGJ5dGUgb2YgdGhlIGFuc3dlci4nKSxcbiAgICBpZGxlOiBkZXNjcmliZWQoei5vcHRpb25hbChkdXJhdGlvbiksICdCZXR3ZWVuIHR3byBwaWVjZXMgb2YgdGhlIGFuc3dlci4nKSxcbiAgICB0b3RhbDogZGVzY3JpYmVkKHoub3B0aW9uYWwoZHVyYXRpb24pLCAnRnJvbSB0aGUgc3RhcnQgdG8gdGhlIGxhc3QgYnl0ZS4gNjBzIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nKSxcbiAgfSksXG4gICdIb3cgbG9uZyB0byB3YWl0LicsXG4pO1xuXG5leHBvcnQgY29uc3QgaGVhZGVycyA9IGRlc2NyaWJlZCh2YWx1ZXMsICdIZWFkZXIgbGluZXMgYnkgbmFtZTsgYSBsaXN0IG1ha2VzIG9uZSBsaW5lIGFuIGl0ZW0uJyk7XG5cbmV4cG9ydCBjb25zdCBxdWVyeSA9IGRlc2NyaWJlZChcbiAgdmFsdWVzLFxuICAnUXVlcnkgcGFyYW1ldGVycyBieSBuYW1lLCBkZWNvZGVkOyBhIGxpc3QgYmVjb21lcyBzZXZlcmFsIHBhcmFtZXRlcnMuIGAke29taXR9YCBsZWF2ZXMgb25lIG91dC4nLFxuKTtcblxuZXhwb3J0IGNvbnN0IGxpc3RzID0gZGVzY3JpYmVkKFxuICB6LmVudW0oWydyZXBlYXRlZCcsICdqb2luZWQnLCAnYnJhY2tldGVkJ10pLFxuICAnSG93IGEgbGlzdCBpbiB0aGUgcXVlcnkgaXMgd3JpdHRlbjogYGE9MSZhPTJgIChyZXBlYXRlZCwgd2hlcmUgbm90aGluZyBpcyBzYWlkKSwgYGE9MSwyYCBvciBgYVtdPTEmYVtdPTJgLicsXG4pO1xuXG5jb25zdCBwbGFjZXMgPSB6LmFycmF5KHouc3RyaW5nKCkpO1xuXG5leHBvcnQgY29uc3QgaWdub3JpbmcgPSBkZXNjcmliZWQocGxhY2VzLCAnUGxhY2VzIHRoYXQgbWF5IGRpZmZlciwgZWFjaCB3aXRoIGFsbCBiZWxvdyBpdC4nKTtcbmV4cG9ydCBjb25zdCBvbmx5ID0gZGVzY3JpYmVkKHBsYWNlcywgJ1RoZSBvbmx5IHBsYWNlcyB0aGF0IGNvdW50LCBlYWNoIHdpdGggYWxsIGJlbG93IGl0LicpO1xuZXhwb3J0IGNvbnN0IHVub3JkZXJlZCA9IGRlc2NyaWJlZChcbiAgei5yZWNvcmQoei5zdHJpbmcoKSwgei5zdHJpbmcoKSksXG4gICdMaXN0cyB3aG9zZSBvcmRlciBzYXlzIG5vdGhpbmcsIGJ5IHBsYWNlLCBlYWNoIHdpdGggdGhlIHBsYWNlIGluIGFuIGl0ZW0gdGhhdCB0ZWxscyBpdCBhcGFydDogYHskLml0ZW1zOiAkLmNvZGV9YDsgYCRgIGlzIHRoZSBpdGVtIGl0c2VsZi4nLFxuKTtcblxuZXhwb3J0IGNvbnN0IHNlc3Npb24gPSBkZXNjcmliZWQoXG4gIHoudW5pb24oW3ouc3RyaW5nKCksIHouYXJyYXkoei5zdHJpbmcoKSldKSxcbiAgJ1RoZSBzZXNzaW9uIHRvIHVzZSwgc2V2ZXJhbCBvZiB0aGVtIGluIGEgbGlzdCwgb3IgYG5vbmVgLicsXG4pO1xuXG5leHBvcnQgY29uc3Qgc2lnbmF0dXJlID0gZGVzY3JpYmVkKHouc3RyaW5nKCksICdUaGUgc2lnbmF0dXJlIHRvIHVzZSwgb3IgYG5vbmVgLicpO1xuXG5leHBvcnQgY29uc3QgZXhwZWN0ID0gZGVzY3JpYmVkKHZhbHVlcywgJ1doYXQgbXVzdCBiZSBzbywgYnkgcGxhY2UuIEEgcGxhaW4gdmFsdWUgbWVhbnMgZXF1YWxpdHksIGEgbWFwIGlzIG1hdGNoZXJzLicpO1xuXG5jb25zdCBrZWVwTG9uZyA9IHouc3RyaWN0T2JqZWN0KHtcbiAgYXQ6IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnVGhlIHBsYWNlLicpLFxuICBkZWZhdWx0OiBkZXNjcmliZWQoei5vcHRpb25hbChhbnlWYWx1ZSksICdXaGF0IGlzIGtlcHQgd2hlbiBub3RoaW5nIHN0YW5kcyBhdCB0aGUgcGxhY2UuJyksXG4gIG9ubHk6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouYm9vbGVhbigpKSwgJ1RoZSBwbGFjZSBtdXN0IGhvbGQgZXhhY3RseSBvbmUgaXRlbSwgYW5kIHRoYXQgaXRlbSBpcyBrZXB0LicpLFxuICBzZWNyZXQ6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouYm9vbGVhbigpKSwgJ1RoZSB2YWx1ZSBpcyBuZXZlciBwcmludGVkIG9yIHN0b3JlZCBpbiB0aGUgb3Blbi4nKSxcbn0pO1xuZXhwb3J0IHR5cGUgS2VlcExvbmcgPSB6LmluZmVyPHR5cGVvZiBrZWVwTG9uZz47XG5cbmV4cG9ydCBjb25zdCBrZWVwID0gZGVzY3JpYmVkKFxuICB6LnJlY29yZCh6LnN0cmluZygpLCB6LnVuaW9uKFt6LnN0cmluZygpLCBrZWVwTG9uZ10pKSxcbiAgJ05hbWVzIGZvciB2YWx1ZXMgb2YgdGhlIGFuc3dlciwgYnkgcGxhY2UuJyxcbik7XG5cbmV4cG9ydCBjb25zdCByZWRpcmVjdHMgPSBkZXNjcmliZWQoXG4gIHoudW5pb24oW3oubGl0ZXJhbCgnbm9uZScpLCB6Lm51bWJlcigpXSksXG4gICdIb3cgbWFueSByZWRpcmVjdHMgYXJlIGZvbGxvd2VkLCBvciBgbm9uZWAuIFdoZXJlIG5vdGhpbmcgaXMgc2FpZCwgMTAgb2YgR0VUIGFuZCBIRUFELCBhbmQgdGhlIEdFVCB0aGF0IGEgMzAzIGFza3MgZm9yLicsXG4pO1xuXG5jb25zdCBjb3VudCA9IHoubnVtYmVyKCkuY2hlY2soei5pbnQoKSwgei5taW5pbXVtKDEpKTtcblxuZXhwb3J0IGNvbnN0IHJldHJ5ID0gZGVzY3JpYmVkKFxuICB6LnVuaW9uKFtcbiAgICB6LmxpdGVyYWwoJ25vbmUnKSxcbiAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICBzdGF0dXNlczogZGVzY3JpYmVkKFxuICAgICAgICB6Lm9wdGlvbmFsKHouYXJyYXkoei5udW1iZXIoKS5jaGVjayh6LmludCgpLCB6Lm1pbmltdW0oNDAwKSwgei5tYXhpbXVtKDU5OSkpKSksXG4gICAgICAgICdTdGF0dXNlcyB0aGF0IGFyZSB3b3J0aCBhbm90aGVyIHRyeS4gNDI5LCA1MDIsIDUwMyBhbmQgNTA0IHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nLFxuICAgICAgKSxcbiAgICAgIGJ1c3k6IGRlc2NyaWJlZChcbiAgICAgICAgei5vcHRpb25hbCh6LnJlY29yZCh6LnN0cmluZygpLCBhbnlWYWx1ZSkpLFxuICAgICAgICAnTWF0Y2hlcnMgYnkgcGxhY2UsIGFsbCBvZiB3aGljaCBob2xkIHdoZXJlIGFuIGFuc3dlciBzYXlzIGluIGl0cyBib2R5IHRoYXQgdGhlIHNlcnZlciBpcyB0b28gYnVzeS4nLFxuICAgICAgKSxcbiAgICAgIHdhaXQ6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKGR1cmF0aW9uKSwgJ0JlZm9yZSB0aGUgc2Vjb25kIHRyeSwgd2hlcmUgdGhlIHNlcnZlciBkb2VzIG5vdCBzYXkuIDJzLicpLFxuICAgICAgZ3Jvd3RoOiBkZXNjcmliZWQoXG4gICAgICAgIHoub3B0aW9uYWwoei5udW1iZXIoKS5jaGVjayh6Lm1pbmltdW0oMSksIHoubWF4aW11bSgxMCkpKSxcbiAgICAgICAgJ0hvdyBtYW55IHRpbWVzIGFzIGxvbmcgZWFjaCBmdXJ0aGVyIHdhaXQgaXMuIDIuJyxcbiAgICAgICksXG4gICAgICBjZWlsaW5nOiBkZXNjcmliZWQoXG4gICAgICAgIHoub3B0aW9uYWwoZHVyYXRpb24pLFxuICAgICAgICAnVGhlIGxvbmdlc3Qgd2FpdC4gQSBzZXJ2ZXIgdGhhdCBhc2tzIGZvciBhIGxvbmdlciBvbmUgaXMgbm90IGFza2VkIGFnYWluLiA2MHMuJyxcbiAgICAgICksXG4gICAgICB0cmllczogZGVzY3JpYmVkKHoub3B0aW9uYWwoY291bnQpLCAnSG93IG9mdGVuIGEgcmVxdWVzdCBpcyBzZW50IGF0IG1vc3QsIHRoZSBmaXJzdCB0aW1lIGluY2x1ZGVkLiA2LicpLFxuICAgICAgd2l0aGluOiBkZXNjcmliZWQoei5vcHRpb25hbChkdXJhdGlvbiksICdBbGwgdHJpZXMgdG9nZXRoZXIgdGFrZSBubyBsb25nZXIuJyksXG4gICAgfSksXG4gIF0pLFxuICAnV2hlbiBhIHJlcXVlc3QgaXMgc2VudCBhZ2Fpbiwgb3IgYG5vbmVgLiBOZWFyZXN0IHdpbnM6IHJlcXVlc3QsIGZvbGRlciBkZWZhdWx0cywgZW52aXJvbm1lbnQuIFdoZXJlIG5vdGhpbmcgaXMgc2FpZCwgYHJ1bmAgd2FpdHMgb25seSBmb3IgYSA0Mjkgb3IgNTAzIHRoYXQgc2F5cyBob3cgbG9uZy4nLFxuKTtcbmV4cG9ydCB0eXBlIFJldHJ5RmlsZSA9IHouaW5mZXI8dHlwZW9mIHJldHJ5PjtcblxuZXhwb3J0IGNvbnN0IHBhY2UgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICAnYXQtb25jZSc6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKGNvdW50KSwgJ0hvdyBtYW55IHJlcXVlc3RzIGFyZSB1bmRlciB3YXkgYXQgb25jZS4nKSxcbiAgICAncGVyLXNlY29uZCc6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHoubnVtYmVyKCkuY2hlY2soei5wb3NpdGl2ZSgpKSksICdIb3cgbWFueSByZXF1ZXN0cyBsZWF2ZSBpbiBhIHNlY29uZC4nKSxcbiAgfSksXG4gICdIb3cgZmFzdCBlYWNoIGhvc3QgaXMgY2FsbGVkIGF0IG1vc3QuJyxcbik7XG5cbmNvbnN0IHByb21wdCA9IHouZW51bShbJ2Fsd2F5cycsICdvbi1yZXF1ZXN0JywgJ25ldmVyJ10pO1xuXG4vKiogVGhlIGtleXMgb2YgYW4gaW5wdXQgdGhhdCBhcmUgbWF0Y2hlcnMgdG9vLiAqL1xuZXhwb3J0IGNvbnN0IGlucHV0TWF0Y2hlcnMgPSBbXG4gICdvbmUtb2YnLFxuICAnYXQtbGVhc3QnLFxuICAnYXQtbW9zdCcsXG4gICdvdmVyJyxcbiAgJ3VuZGVyJyxcbiAgJ21hdGNoZXMnLFxuICAnc3RhcnRzLXdpdGgnLFxuICAnZW5kcy13aXRoJyxcbiAgJ2NvbnRhaW5zJyxcbiAgJ2NvdW50JyxcbiAgJ25vdCcsXG5dIGFzIGNvbnN0O1xuXG5leHBvcnQgY29uc3QgaW5wdXQgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBsYWJlbDogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdXaGF0IHRoZSB2YWx1ZSBpcyBjYWxsZWQgd2hlbiBhIHBlcnNvbiBpcyBhc2tlZCBmb3IgaXQuJyksXG4gICAgYWJvdXQ6IHoub3B0aW9uYWwoYWJvdXQpLFxuICAgIHR5cGU6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoei5lbnVtKFsnc3RyaW5nJywgJ251bWJlcicsICdpbnRlZ2VyJywgJ2Jvb2xlYW4nLCAnYXJyYXknLCAnb2JqZWN0J10pKSxcbiAgICAgICdUaGUgSlNPTiB0eXBlLiBUZXh0IGZyb20gdGhlIGNvbW1hbmQgbGluZSBvciBhIENTViBmaWxlIGlzIHJlYWQgYXMgdGhhdCB0eXBlLicsXG4gICAgKSxcbiAgICBkZWZhdWx0OiBkZXNjcmliZWQoei5vcHRpb25hbChhbnlWYWx1ZSksICdUaGUgdmFsdWUgd2hlcmUgbm9ib2R5IGdpdmVzIG9uZTsgbWF5IGhvbGQgYCR7XHUyMDI2fWAuJyksXG4gICAgc3VnZ2VzdDogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5hcnJheShhbnlWYWx1ZSkpLCAnVmFsdWVzIHRvIG9mZmVyOyBvdGhlcnMgYXJlIGFsbG93ZWQgdG9vLicpLFxuICAgICdjaG9vc2UtZnJvbSc6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnVGhlIHJlcXVlc3Qgd2hvc2UgYW5zd2VyIHN1cHBsaWVzIHRoZSB2YWx1ZS4nKSxcbiAgICBwcm9tcHQ6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwocHJvbXB0KSxcbiAgICAgICdXaGV0aGVyIGEgcGVyc29uIGF0IGEgdGVybWluYWwgaXMgYXNrZWQ6IGBhbHdheXNgICh3aGVyZSB0aGVyZSBpcyBubyBkZWZhdWx0KSwgYG9uLXJlcXVlc3RgICh3aXRoIC0tYXNrKSwgYG5ldmVyYC4nLFxuICAgICksXG4gICAgJ29uZS1vZic6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouYXJyYXkoYW55VmFsdWUpKSwgJ1RoZSBvbmx5IHZhbHVlcyBhbGxvd2VkLicpLFxuICAgICdhdC1sZWFzdCc6IHoub3B0aW9uYWwoYW55VmFsdWUpLFxuICAgICdhdC1tb3N0Jzogei5vcHRpb25hbChhbnlWYWx1ZSksXG4gICAgb3Zlcjogei5vcHRpb25hbChhbnlWYWx1ZSksXG4gICAgdW5kZXI6IHoub3B0aW9uYWwoYW55VmFsdWUpLFxuICAgIG1hdGNoZXM6IHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAgJ3N0YXJ0cy13aXRoJzogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAnZW5kcy13aXRoJzogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICBjb250YWluczogei5vcHRpb25hbChhbnlWYWx1ZSksXG4gICAgY291bnQ6IHoub3B0aW9uYWwoYW55VmFsdWUpLFxuICAgIG5vdDogei5vcHRpb25hbChhbnlWYWx1ZSksXG4gIH0pLFxuICAnV2hhdCBhIGNhbGxlciBtYXkgc2V0LicsXG4pO1xuZXhwb3J0IHR5cGUgSW5wdXQgPSB6LmluZmVyPHR5cGVvZiBpbnB1dD47XG5cbmV4cG9ydCBjb25zdCBpbnB1dHMgPSBkZXNjcmliZWQoXG4gIHoucmVjb3JkKHouc3RyaW5nKCksIGlucHV0KSxcbiAgJ1doYXQgYSBjYWxsZXIgbWF5IHNldDsgdGhlIG9ubHkgbmFtZXMgZnJvbSBvdXRzaWRlIHRoYXQgYXJlIHNlZW4uJyxcbik7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7OztBQUNBLFlBQVksT0FBTztBQU1aLElBQU0sV0FBYSxTQUFjLE1BQU0sSUFBSTtBQUMzQyxJQUFNLFNBQVcsU0FBUyxTQUFPLEdBQUcsUUFBUTtBQUU1QyxJQUFNLFFBQVEsVUFBWSxTQUFPLEdBQUcsNENBQTRDO0FBRWhGLElBQU0sV0FBYSxTQUFPLEVBQUU7QUFBQSxFQUMvQixTQUFPLENBQUMsU0FBUyxjQUFjLElBQUksTUFBTSxRQUFXO0FBQUEsSUFDcEQsT0FBTztBQUFBLEVBQ1QsQ0FBQztBQUNIO0FBRU8sSUFBTSxVQUFVO0FBQUEsRUFDbkIsZUFBYTtBQUFBLElBQ2IsU0FBUyxVQUFZLFdBQVMsUUFBUSxHQUFHLHVFQUF1RTtBQUFBLElBQ2hILGNBQWMsVUFBWSxXQUFTLFFBQVEsR0FBRywrQ0FBK0M7QUFBQSxJQUM3RixNQUFNLFVBQVksV0FBUyxRQUFRLEdBQUcsbUNBQW1DO0FBQUEsSUFDekUsT0FBTyxVQUFZLFdBQVMsUUFBUSxHQUFHLDZEQUE2RDtBQUFBLEVBQ3RHLENBQUM7QUFBQSxFQUNEO0FBQ0Y7QUFFTyxJQUFNLFVBQVUsVUFBVSxRQUFRLHNEQUFzRDtBQUV4RixJQUFNLFFBQVE7QUFBQSxFQUNuQjtBQUFBLEVBQ0E7QUFDRjtBQUVPLElBQU0sUUFBUTtBQUFBLEVBQ2pCLE9BQUssQ0FBQyxZQUFZLFVBQVUsV0FBVyxDQUFDO0FBQUEsRUFDMUM7QUFDRjtBQUVBLElBQU0sU0FBVyxRQUFRLFNBQU8sQ0FBQztBQUUxQixJQUFNLFdBQVcsVUFBVSxRQUFRLGlEQUFpRDtBQUNwRixJQUFNLE9BQU8sVUFBVSxRQUFRLHFEQUFxRDtBQUNwRixJQUFNLFlBQVk7QUFBQSxFQUNyQixTQUFTLFNBQU8sR0FBSyxTQUFPLENBQUM7QUFBQSxFQUMvQjtBQUNGO0FBRU8sSUFBTSxVQUFVO0FBQUEsRUFDbkIsUUFBTSxDQUFHLFNBQU8sR0FBSyxRQUFRLFNBQU8sQ0FBQyxDQUFDLENBQUM7QUFBQSxFQUN6QztBQUNGO0FBRU8sSUFBTSxZQUFZLFVBQVksU0FBTyxHQUFHLGtDQUFrQztBQUUxRSxJQUFNLFNBQVMsVUFBVSxRQUFRLDZFQUE2RTtBQUVySCxJQUFNLFdBQWEsZUFBYTtBQUFBLEVBQzlCLElBQUksVUFBWSxTQUFPLEdBQUcsWUFBWTtBQUFBLEVBQ3RDLFNBQVMsVUFBWSxXQUFTLFFBQVEsR0FBRyxnREFBZ0Q7QUFBQSxFQUN6RixNQUFNLFVBQVksV0FBVyxVQUFRLENBQUMsR0FBRyw4REFBOEQ7QUFBQSxFQUN2RyxRQUFRLFVBQVksV0FBVyxVQUFRLENBQUMsR0FBRyxtREFBbUQ7QUFDaEcsQ0FBQztBQUdNLElBQU0sT0FBTztBQUFBLEVBQ2hCLFNBQVMsU0FBTyxHQUFLLFFBQU0sQ0FBRyxTQUFPLEdBQUcsUUFBUSxDQUFDLENBQUM7QUFBQSxFQUNwRDtBQUNGO0FBRU8sSUFBTSxZQUFZO0FBQUEsRUFDckIsUUFBTSxDQUFHLFVBQVEsTUFBTSxHQUFLLFNBQU8sQ0FBQyxDQUFDO0FBQUEsRUFDdkM7QUFDRjtBQUVBLElBQU0sUUFBVSxTQUFPLEVBQUUsTUFBUSxNQUFJLEdBQUssVUFBUSxDQUFDLENBQUM7QUFFN0MsSUFBTSxRQUFRO0FBQUEsRUFDakIsUUFBTTtBQUFBLElBQ0osVUFBUSxNQUFNO0FBQUEsSUFDZCxlQUFhO0FBQUEsTUFDYixVQUFVO0FBQUEsUUFDTixXQUFXLFFBQVEsU0FBTyxFQUFFLE1BQVEsTUFBSSxHQUFLLFVBQVEsR0FBRyxHQUFLLFVBQVEsR0FBRyxDQUFDLENBQUMsQ0FBQztBQUFBLFFBQzdFO0FBQUEsTUFDRjtBQUFBLE1BQ0EsTUFBTTtBQUFBLFFBQ0YsV0FBVyxTQUFTLFNBQU8sR0FBRyxRQUFRLENBQUM7QUFBQSxRQUN6QztBQUFBLE1BQ0Y7QUFBQSxNQUNBLE1BQU0sVUFBWSxXQUFTLFFBQVEsR0FBRywyREFBMkQ7QUFBQSxNQUNqRyxRQUFRO0FBQUEsUUFDSixXQUFXLFNBQU8sRUFBRSxNQUFRLFVBQVEsQ0FBQyxHQUFLLFVBQVEsRUFBRSxDQUFDLENBQUM7QUFBQSxRQUN4RDtBQUFBLE1BQ0Y7QUFBQSxNQUNBLFNBQVM7QUFBQSxRQUNMLFdBQVMsUUFBUTtBQUFBLFFBQ25CO0FBQUEsTUFDRjtBQUFBLE1BQ0EsT0FBTyxVQUFZLFdBQVMsS0FBSyxHQUFHLGtFQUFrRTtBQUFBLE1BQ3RHLFFBQVEsVUFBWSxXQUFTLFFBQVEsR0FBRyxvQ0FBb0M7QUFBQSxJQUM5RSxDQUFDO0FBQUEsRUFDSCxDQUFDO0FBQUEsRUFDRDtBQUNGO0FBR08sSUFBTSxPQUFPO0FBQUEsRUFDaEIsZUFBYTtBQUFBLElBQ2IsV0FBVyxVQUFZLFdBQVMsS0FBSyxHQUFHLDBDQUEwQztBQUFBLElBQ2xGLGNBQWMsVUFBWSxXQUFXLFNBQU8sRUFBRSxNQUFRLFdBQVMsQ0FBQyxDQUFDLEdBQUcsc0NBQXNDO0FBQUEsRUFDNUcsQ0FBQztBQUFBLEVBQ0Q7QUFDRjtBQUVBLElBQU0sU0FBVyxPQUFLLENBQUMsVUFBVSxjQUFjLE9BQU8sQ0FBQztBQUdoRCxJQUFNLGdCQUFnQjtBQUFBLEVBQzNCO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUNGO0FBRU8sSUFBTSxRQUFRO0FBQUEsRUFDakIsZUFBYTtBQUFBLElBQ2IsT0FBTyxVQUFZLFdBQVcsU0FBTyxDQUFDLEdBQUcseURBQXlEO0FBQUEsSUFDbEcsT0FBUyxXQUFTLEtBQUs7QUFBQSxJQUN2QixNQUFNO0FBQUEsTUFDRixXQUFXLE9BQUssQ0FBQyxVQUFVLFVBQVUsV0FBVyxXQUFXLFNBQVMsUUFBUSxDQUFDLENBQUM7QUFBQSxNQUNoRjtBQUFBLElBQ0Y7QUFBQSxJQUNBLFNBQVMsVUFBWSxXQUFTLFFBQVEsR0FBRyx5REFBb0Q7QUFBQSxJQUM3RixTQUFTLFVBQVksV0FBVyxRQUFNLFFBQVEsQ0FBQyxHQUFHLDBDQUEwQztBQUFBLElBQzVGLGVBQWUsVUFBWSxXQUFXLFNBQU8sQ0FBQyxHQUFHLDhDQUE4QztBQUFBLElBQy9GLFFBQVE7QUFBQSxNQUNKLFdBQVMsTUFBTTtBQUFBLE1BQ2pCO0FBQUEsSUFDRjtBQUFBLElBQ0EsVUFBVSxVQUFZLFdBQVcsUUFBTSxRQUFRLENBQUMsR0FBRywwQkFBMEI7QUFBQSxJQUM3RSxZQUFjLFdBQVMsUUFBUTtBQUFBLElBQy9CLFdBQWEsV0FBUyxRQUFRO0FBQUEsSUFDOUIsTUFBUSxXQUFTLFFBQVE7QUFBQSxJQUN6QixPQUFTLFdBQVMsUUFBUTtBQUFBLElBQzFCLFNBQVcsV0FBVyxTQUFPLENBQUM7QUFBQSxJQUM5QixlQUFpQixXQUFXLFNBQU8sQ0FBQztBQUFBLElBQ3BDLGFBQWUsV0FBVyxTQUFPLENBQUM7QUFBQSxJQUNsQyxVQUFZLFdBQVMsUUFBUTtBQUFBLElBQzdCLE9BQVMsV0FBUyxRQUFRO0FBQUEsSUFDMUIsS0FBTyxXQUFTLFFBQVE7QUFBQSxFQUMxQixDQUFDO0FBQUEsRUFDRDtBQUNGO0FBR08sSUFBTSxTQUFTO0FBQUEsRUFDbEIsU0FBUyxTQUFPLEdBQUcsS0FBSztBQUFBLEVBQzFCO0FBQ0Y7IiwKICAibmFtZXMiOiBbXQp9Cg==
