import {
  about,
  anyValue,
  duration,
  expect,
  ignoring,
  inputs,
  keep,
  only,
  session,
  unordered,
  values
} from "./chunk-VV4FZXZN.js";
import {
  described
} from "./chunk-ADLZ4E65.js";

// src/core/collection/files/trail-file.ts
import * as z from "zod/mini";
var shared = {
  name: described(z.optional(z.string()), "What the step is called in the output."),
  when: described(
    z.optional(values),
    "Matchers over names, all of which must hold for the step to run; a name that does not exist is nothing. `any` is a list of such sets, one of which must hold; `not` is one that must not."
  )
};
var give = described(z.optional(values), "Values for its inputs.");
var undo = described(
  z.strictObject({
    send: described(z.string(), "The request that takes the step back."),
    give
  }),
  "What takes the step back; armed when the step is sent."
);
var atOnce = z.number().check(z.int(), z.minimum(1), z.maximum(256));
var table = described(
  z.strictObject({
    columns: described(
      z.record(z.string(), z.string()),
      "What stands in each column: an expression, or a place in the last answer."
    ),
    as: described(z.optional(z.string()), "The name that what follows knows the table by: a list of maps."),
    to: described(z.optional(z.string()), "A csv, json or jsonl file in the collection, written when all is done."),
    show: described(
      z.optional(z.boolean()),
      "Whether it is printed. Where nothing is said, a table without `as` and `to` is."
    )
  }),
  "What leaves the rows or the iterations: a line each, in their order, a failed one with its error."
);
var sendStep = described(
  z.strictObject({
    send: described(z.string(), "The request to send."),
    ...shared,
    give,
    session: z.optional(session),
    expect: z.optional(expect),
    keep: z.optional(keep),
    undo: z.optional(undo)
  }),
  "Sends a request."
);
var trailStep = described(
  z.strictObject({
    trail: described(z.string(), "The trail to walk."),
    ...shared,
    give,
    keep: described(z.optional(values), 'Names for values that the trail ends with: `{callId: "${callId}"}`.')
  }),
  "Walks another trail."
);
var pollStep = described(
  z.strictObject({
    poll: described(z.string(), "The request that is sent until what is awaited has come."),
    ...shared,
    give,
    session: z.optional(session),
    until: described(
      values,
      'What is awaited, by place. Together with what the request expects; a miss, a 404 or a lost answer means "not yet".'
    ),
    unless: described(z.optional(values), "What fails at once, by place, when all of it is so."),
    pause: described(z.optional(duration), "Between two sendings. 1s where nothing is said."),
    growth: described(
      z.optional(z.number().check(z.minimum(1), z.maximum(10))),
      "How many times as long each further pause is, up to 30s. 1 where nothing is said."
    ),
    within: described(z.optional(duration), "How long to wait for it altogether. 60s where nothing is said."),
    keep: z.optional(keep)
  }),
  "Sends a request until its answer is as awaited."
);
var chooseStep = described(
  z.strictObject({
    choose: described(
      z.strictObject({
        from: described(anyValue, "The list to choose from."),
        label: described(z.optional(z.string()), "What a person sees of an `${item}`."),
        value: described(z.optional(z.string()), "What is kept of it. The item itself where nothing is said."),
        as: described(z.string(), "The name that it is kept under; unattended, `--set NAME=LABEL-OR-VALUE` chooses.")
      }),
      "What there is to choose."
    ),
    ...shared
  }),
  "Lets a person pick one of a list."
);
var side = z.union([
  z.strictObject({ send: described(z.string(), "A request that is sent now."), give, session: z.optional(session) }),
  z.strictObject({ echo: described(z.string(), "A recorded exchange: its id.") }),
  z.strictObject({ file: described(z.string(), "A document in the collection: its path.") }),
  z.strictObject({ value: described(anyValue, "A value that was kept.") })
]);
var compareStep = described(
  z.strictObject({
    compare: described(z.array(side).check(z.minLength(2), z.maxLength(2)), "The two sides."),
    ...shared,
    ignoring: z.optional(ignoring),
    only: z.optional(only),
    unordered: z.optional(unordered),
    changed: described(
      z.optional(z.array(z.string())),
      "Places that must differ, while nothing else may: only the intended fields changed."
    ),
    "time-ratio": described(
      z.optional(anyValue),
      "A matcher over how many times as long the second answer took as the first: `{at-most: 3}`."
    )
  }),
  "Fails where two answers or documents differ."
);
var keepStep = described(
  z.strictObject({
    keep: described(values, 'Names for values: `{berth: "${berths | first}"}`.'),
    ...shared
  }),
  "Only names values."
);
var members = described(
  z.union([
    z.string(),
    z.array(anyValue),
    z.strictObject({
      range: described(
        z.tuple([z.number().check(z.int()), z.number().check(z.int())]),
        "Whole numbers, from the first to the last."
      )
    }),
    z.strictObject({ rows: described(z.string(), "A csv, json or jsonl file in the collection.") }),
    z.strictObject({
      pages: described(z.string(), "A request with `pages`: the items of its pages, as they come."),
      give
    })
  ]),
  "What is gone through: a list or a map in `${\u2026}`, a list written out, a range, the rows of a file, or the pages of a request."
);
var forEachStep = described(
  z.strictObject({
    "for-each": members,
    ...shared,
    as: described(
      z.optional(z.string()),
      "The name of each one: `item` where nothing is said. Of a map, it has `key` and `value`."
    ),
    "at-once": described(z.optional(atOnce), "How many are under way at once. 1 where nothing is said."),
    "once-by": described(
      z.optional(z.string()),
      "The place in an item that tells it apart, such as `$.id`: one that was handled is passed over when the run is repeated."
    ),
    steps: described(
      z.lazy(() => z.array(step).check(z.minLength(1))),
      "The steps for each one."
    ),
    table: z.optional(table)
  }),
  "Takes steps for each of many."
);
var step = z.union([
  sendStep,
  trailStep,
  forEachStep,
  pollStep,
  chooseStep,
  compareStep,
  keepStep
]);
var trailFile = described(
  z.strictObject({
    about: z.optional(about),
    inputs: z.optional(inputs),
    rows: described(
      z.optional(z.union([z.string(), z.array(anyValue)])),
      "A csv, json or jsonl file in the collection, `-` for standard input, or a list, written out or in `${\u2026}`: the trail is walked once a row."
    ),
    "at-once": described(z.optional(atOnce), "How many rows are walked at once. 1 where nothing is said."),
    undo: described(
      z.optional(z.enum(["failure", "always", "never"])),
      "When undo parts run. `failure` where nothing is said."
    ),
    steps: described(z.array(step).check(z.minLength(1)), "The steps, in order."),
    table: z.optional(table)
  }),
  "A trail: an ordered chain of requests that share values."
);

export {
  trailFile
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogYHRyYWlscy9OQU1FLnlhbWxgOiBhbiBvcmRlcmVkIGNoYWluIG9mIHJlcXVlc3RzIHRoYXQgc2hhcmUgdmFsdWVzLiBBIG5ldyBraW5kIG9mIHN0ZXAgYWRkcyBpdHMgc2NoZW1hIHRvIHRoZSB1bmlvbiBoZXJlLiAqL1xuaW1wb3J0ICogYXMgeiBmcm9tICd6b2QvbWluaSc7XG5pbXBvcnQgeyBkZXNjcmliZWQgfSBmcm9tICcuL2Rlc2NyaWJlZC5qcyc7XG5pbXBvcnQge1xuICBhYm91dCxcbiAgYW55VmFsdWUsXG4gIGR1cmF0aW9uLFxuICBleHBlY3QsXG4gIGlnbm9yaW5nLFxuICBpbnB1dHMsXG4gIGtlZXAsXG4gIG9ubHksXG4gIHNlc3Npb24sXG4gIHVub3JkZXJlZCxcbiAgdmFsdWVzLFxufSBmcm9tICcuL3BhcnRzLmpzJztcblxuY29uc3Qgc2hhcmVkID0ge1xuICBuYW1lOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1doYXQgdGhlIHN0ZXAgaXMgY2FsbGVkIGluIHRoZSBvdXRwdXQuJyksXG4gIHdoZW46IGRlc2NyaWJlZChcbiAgICB6Lm9wdGlvbmFsKHZhbHVlcyksXG4gICAgJ01hdGNoZXJzIG92ZXIgbmFtZXMsIGFsbCBvZiB3aGljaCBtdXN0IGhvbGQgZm9yIHRoZSBzdGVwIHRvIHJ1bjsgYSBuYW1lIHRoYXQgZG9lcyBub3QgZXhpc3QgaXMgbm90aGluZy4gYGFueWAgaXMgYSBsaXN0IG9mIHN1Y2ggc2V0cywgb25lIG9mIHdoaWNoIG11c3QgaG9sZDsgYG5vdGAgaXMgb25lIHRoYXQgbXVzdCBub3QuJyxcbiAgKSxcbn07XG5cbmNvbnN0IGdpdmUgPSBkZXNjcmliZWQoei5vcHRpb25hbCh2YWx1ZXMpLCAnVmFsdWVzIGZvciBpdHMgaW5wdXRzLicpO1xuXG5jb25zdCB1bmRvID0gZGVzY3JpYmVkKFxuICB6LnN0cmljdE9iamVjdCh7XG4gICAgc2VuZDogZGVzY3JpYmVkKHouc3RyaW5nKCksICdUaGUgcmVxdWVzdCB0aGF0IHRha2VzIHRoZSBzdGVwIGJhY2suJyksXG4gICAgZ2l2ZSxcbiAgfSksXG4gICdXaGF0IHRha2VzIHRoZSBzdGVwIGJhY2s7IGFybWVkIHdoZW4gdGhlIHN0ZXAgaXMgc2VudC4nLFxuKTtcblxuY29uc3QgYXRPbmNlID0gei5udW1iZXIoKS5jaGVjayh6LmludCgpLCB6Lm1pbmltdW0oMSksIHoubWF4aW11bSgyNTYpKTtcblxuY29uc3QgdGFibGUgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBjb2x1bW5zOiBkZXNjcmliZWQoXG4gICAgICB6LnJlY29yZCh6LnN0cmluZygpLCB6LnN0cmluZygpKSxcbiAgICAgICdXaGF0IHN0YW5kcyBpbiBlYWNoIGNvbHVtbjogYW4gZXhwcmVzc2lvbiwgb3IgYSBwbGFjZSBpbiB0aGUgbGFzdCBhbnN3ZXIuJyxcbiAgICApLFxuICAgIGFzOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBuYW1lIHRoYXQgd2hhdCBmb2xsb3dzIGtub3dzIHRoZSB0YWJsZSBieTogYSBsaXN0IG9mIG1hcHMuJyksXG4gICAgdG86IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnQSBjc3YsIGpzb24gb3IganNvbmwgZmlsZSBpbiB0aGUgY29sbGVjdGlvbiwgd3JpdHRlbiB3aGVuIGFsbCBpcyBkb25lLicpLFxuICAgIHNob3c6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoei5ib29sZWFuKCkpLFxuICAgICAgJ1doZXRoZXIgaXQgaXMgcHJpbnRlZC4gV2hlcmUgbm90aGluZyBpcyBzYWlkLCBhIHRhYmxlIHdpdGhvdXQgYGFzYCBhbmQgYHRvYCBpcy4nLFxuICAgICksXG4gIH0pLFxuICAnV2hhdCBsZWF2ZXMgdGhlIHJvd3Mgb3IgdGhlIGl0ZXJhdGlvbnM6IGEgbGluZSBlYWNoLCBpbiB0aGVpciBvcmRlciwgYSBmYWlsZWQgb25lIHdpdGggaXRzIGVycm9yLicsXG4pO1xuZXhwb3J0IHR5cGUgVGFibGVGaWxlID0gei5pbmZlcjx0eXBlb2YgdGFibGU+O1xuXG5jb25zdCBzZW5kU3RlcCA9IGRlc2NyaWJlZChcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIHNlbmQ6IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnVGhlIHJlcXVlc3QgdG8gc2VuZC4nKSxcbiAgICAuLi5zaGFyZWQsXG4gICAgZ2l2ZSxcbiAgICBzZXNzaW9uOiB6Lm9wdGlvbmFsKHNlc3Npb24pLFxuICAgIGV4cGVjdDogei5vcHRpb25hbChleHBlY3QpLFxuICAgIGtlZXA6IHoub3B0aW9uYWwoa2VlcCksXG4gICAgdW5kbzogei5vcHRpb25hbCh1bmRvKSxcbiAgfSksXG4gICdTZW5kcyBhIHJlcXVlc3QuJyxcbik7XG5cbmNvbnN0IHRyYWlsU3RlcCA9IGRlc2NyaWJlZChcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIHRyYWlsOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSB0cmFpbCB0byB3YWxrLicpLFxuICAgIC4uLnNoYXJlZCxcbiAgICBnaXZlLFxuICAgIGtlZXA6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHZhbHVlcyksICdOYW1lcyBmb3IgdmFsdWVzIHRoYXQgdGhlIHRyYWlsIGVuZHMgd2l0aDogYHtjYWxsSWQ6IFwiJHtjYWxsSWR9XCJ9YC4nKSxcbiAgfSksXG4gICdXYWxrcyBhbm90aGVyIHRyYWlsLicsXG4pO1xuXG5jb25zdCBwb2xsU3RlcCA9IGRlc2NyaWJlZChcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIHBvbGw6IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnVGhlIHJlcXVlc3QgdGhhdCBpcyBzZW50IHVudGlsIHdoYXQgaXMgYXdhaXRlZCBoYXMgY29tZS4nKSxcbiAgICAuLi5zaGFyZWQsXG4gICAgZ2l2ZSxcbiAgICBzZXNzaW9uOiB6Lm9wdGlvbmFsKHNlc3Npb24pLFxuICAgIHVudGlsOiBkZXNjcmliZWQoXG4gICAgICB2YWx1ZXMsXG4gICAgICAnV2hhdCBpcyBhd2FpdGVkLCBieSBwbGFjZS4gVG9nZXRoZXIgd2l0aCB3aGF0IHRoZSByZXF1ZXN0IGV4cGVjdHM7IGEgbWlzcywgYSA0MDQgb3IgYSBsb3N0IGFuc3dlciBtZWFucyBcIm5vdCB5ZXRcIi4nLFxuICAgICksXG4gICAgdW5sZXNzOiBkZXNjcmliZWQoei5vcHRpb25hbCh2YWx1ZXMpLCAnV2hhdCBmYWlscyBhdCBvbmNlLCBieSBwbGFjZSwgd2hlbiBhbGwgb2YgaXQgaXMgc28uJyksXG4gICAgcGF1c2U6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKGR1cmF0aW9uKSwgJ0JldHdlZW4gdHdvIHNlbmRpbmdzLiAxcyB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyksXG4gICAgZ3Jvd3RoOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKHoubnVtYmVyKCkuY2hlY2soei5taW5pbXVtKDEpLCB6Lm1heGltdW0oMTApKSksXG4gICAgICAnSG93IG1hbnkgdGltZXMgYXMgbG9uZyBlYWNoIGZ1cnRoZXIgcGF1c2UgaXMsIHVwIHRvIDMwcy4gMSB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyxcbiAgICApLFxuICAgIHdpdGhpbjogZGVzY3JpYmVkKHoub3B0aW9uYWwoZHVyYXRpb24pLCAnSG93IGxvbmcgdG8gd2FpdCBmb3IgaXQgYWx0b2dldGhlci4gNjBzIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nKSxcbiAgICBrZWVwOiB6Lm9wdGlvbmFsKGtlZXApLFxuICB9KSxcbiAgJ1NlbmRzIGEgcmVxdWVzdCB1bnRpbCBpdHMgYW5zd2VyIGlzIGFzIGF3YWl0ZWQuJyxcbik7XG5cbmNvbnN0IGNob29zZVN0ZXAgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBjaG9vc2U6IGRlc2NyaWJlZChcbiAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgZnJvbTogZGVzY3JpYmVkKGFueVZhbHVlLCAnVGhlIGxpc3QgdG8gY2hvb3NlIGZyb20uJyksXG4gICAgICAgIGxhYmVsOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1doYXQgYSBwZXJzb24gc2VlcyBvZiBhbiBgJHtpdGVtfWAuJyksXG4gICAgICAgIHZhbHVlOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1doYXQgaXMga2VwdCBvZiBpdC4gVGhlIGl0ZW0gaXRzZWxmIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nKSxcbiAgICAgICAgYXM6IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnVGhlIG5hbWUgdGhhdCBpdCBpcyBrZXB0IHVuZGVyOyB1bmF0dGVuZGVkLCBgLS1zZXQgTkFNRT1MQUJFTC1PUi1WQUxVRWAgY2hvb3Nlcy4nKSxcbiAgICAgIH0pLFxuICAgICAgJ1doYXQgdGhlcmUgaXMgdG8gY2hvb3NlLicsXG4gICAgKSxcbiAgICAuLi5zaGFyZWQsXG4gIH0pLFxuICAnTGV0cyBhIHBlcnNvbiBwaWNrIG9uZSBvZiBhIGxpc3QuJyxcbik7XG5cbmNvbnN0IHNpZGUgPSB6LnVuaW9uKFtcbiAgei5zdHJpY3RPYmplY3QoeyBzZW5kOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ0EgcmVxdWVzdCB0aGF0IGlzIHNlbnQgbm93LicpLCBnaXZlLCBzZXNzaW9uOiB6Lm9wdGlvbmFsKHNlc3Npb24pIH0pLFxuICB6LnN0cmljdE9iamVjdCh7IGVjaG86IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnQSByZWNvcmRlZCBleGNoYW5nZTogaXRzIGlkLicpIH0pLFxuICB6LnN0cmljdE9iamVjdCh7IGZpbGU6IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnQSBkb2N1bWVudCBpbiB0aGUgY29sbGVjdGlvbjogaXRzIHBhdGguJykgfSksXG4gIHouc3RyaWN0T2JqZWN0KHsgdmFsdWU6IGRlc2NyaWJlZChhbnlWYWx1ZSwgJ0EgdmFsdWUgdGhhdCB3YXMga2VwdC4nKSB9KSxcbl0pO1xuZXhwb3J0IHR5cGUgU2lkZUZpbGUgPSB6LmluZmVyPHR5cGVvZiBzaWRlPjtcblxuY29uc3QgY29tcGFyZVN0ZXAgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBjb21wYXJlOiBkZXNjcmliZWQoei5hcnJheShzaWRlKS5jaGVjayh6Lm1pbkxlbmd0aCgyKSwgei5tYXhMZW5ndGgoMikpLCAnVGhlIHR3byBzaWRlcy4nKSxcbiAgICAuLi5zaGFyZWQsXG4gICAgaWdub3Jpbmc6IHoub3B0aW9uYWwoaWdub3JpbmcpLFxuICAgIG9ubHk6IHoub3B0aW9uYWwob25seSksXG4gICAgdW5vcmRlcmVkOiB6Lm9wdGlvbmFsKHVub3JkZXJlZCksXG4gICAgY2hhbmdlZDogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbCh6LmFycmF5KHouc3RyaW5nKCkpKSxcbiAgICAgICdQbGFjZXMgdGhhdCBtdXN0IGRpZmZlciwgd2hpbGUgbm90aGluZyBlbHNlIG1heTogb25seSB0aGUgaW50ZW5kZWQgZmllbGRzIGNoYW5nZWQuJyxcbiAgICApLFxuICAgICd0aW1lLXJhdGlvJzogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbChhbnlWYWx1ZSksXG4gICAgICAnQSBtYXRjaGVyIG92ZXIgaG93IG1hbnkgdGltZXMgYXMgbG9uZyB0aGUgc2Vjb25kIGFuc3dlciB0b29rIGFzIHRoZSBmaXJzdDogYHthdC1tb3N0OiAzfWAuJyxcbiAgICApLFxuICB9KSxcbiAgJ0ZhaWxzIHdoZXJlIHR3byBhbnN3ZXJzIG9yIGRvY3VtZW50cyBkaWZmZXIuJyxcbik7XG5cbmNvbnN0IGtlZXBTdGVwID0gZGVzY3JpYmVkKFxuICB6LnN0cmljdE9iamVjdCh7XG4gICAga2VlcDogZGVzY3JpYmVkKHZhbHVlcywgJ05hbWVzIGZvciB2YWx1ZXM6IGB7YmVydGg6IFwiJHtiZXJ0aHMgfCBmaXJzdH1cIn1gLicpLFxuICAgIC4uLnNoYXJlZCxcbiAgfSksXG4gICdPbmx5IG5hbWVzIHZhbHVlcy4nLFxuKTtcblxuZXhwb3J0IHR5cGUgU2VuZFN0ZXBGaWxlID0gei5pbmZlcjx0eXBlb2Ygc2VuZFN0ZXA+O1xuZXhwb3J0IHR5cGUgVHJhaWxTdGVwRmlsZSA9IHouaW5mZXI8dHlwZW9mIHRyYWlsU3RlcD47XG5leHBvcnQgdHlwZSBQb2xsU3RlcEZpbGUgPSB6LmluZmVyPHR5cGVvZiBwb2xsU3RlcD47XG5leHBvcnQgdHlwZSBDaG9vc2VTdGVwRmlsZSA9IHouaW5mZXI8dHlwZW9mIGNob29zZVN0ZXA+O1xuZXhwb3J0IHR5cGUgQ29tcGFyZVN0ZXBGaWxlID0gei5pbmZlcjx0eXBlb2YgY29tcGFyZVN0ZXA+O1xuZXhwb3J0IHR5cGUgS2VlcFN0ZXBGaWxlID0gei5pbmZlcjx0eXBlb2Yga2VlcFN0ZXA+O1xuZXhwb3J0IHR5cGUgVW5kb0ZpbGUgPSB6LmluZmVyPHR5cGVvZiB1bmRvPjtcblxuY29uc3QgbWVtYmVycyA9IGRlc2NyaWJlZChcbiAgei51bmlvbihbXG4gICAgei5zdHJpbmcoKSxcbiAgICB6LmFycmF5KGFueVZhbHVlKSxcbiAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICByYW5nZTogZGVzY3JpYmVkKFxuICAgICAgICB6LnR1cGxlKFt6Lm51bWJlcigpLmNoZWNrKHouaW50KCkpLCB6Lm51bWJlcigpLmNoZWNrKHouaW50KCkpXSksXG4gICAgICAgICdXaG9sZSBudW1iZXJzLCBmcm9tIHRoZSBmaXJzdCB0byB0aGUgbGFzdC4nLFxuICAgICAgKSxcbiAgICB9KSxcbiAgICB6LnN0cmljdE9iamVjdCh7IHJvd3M6IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnQSBjc3YsIGpzb24gb3IganNvbmwgZmlsZSBpbiB0aGUgY29sbGVjdGlvbi4nKSB9KSxcbiAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICBwYWdlczogZGVzY3JpYmVkKHouc3RyaW5nKCksICdBIHJlcXVlc3Qgd2l0aCBgcGFnZXNgOiB0aGUgaXRlbXMgb2YgaXRzIHBhZ2VzLCBhcyB0aGV5IGNvbWUuJyksXG4gICAgICBnaXZlLFxuICAgIH0pLFxuICBdKSxcbiAgJ1doYXQgaXMgZ29uZSB0aHJvdWdoOiBhIGxpc3Qgb3IgYSBtYXAgaW4gYCR7XHUyMDI2fWAsIGEgbGlzdCB3cml0dGVuIG91dCwgYSByYW5nZSwgdGhlIHJvd3Mgb2YgYSBmaWxlLCBvciB0aGUgcGFnZXMgb2YgYSByZXF1ZXN0LicsXG4pO1xuZXhwb3J0IHR5cGUgTWVtYmVyc0ZpbGUgPSB6LmluZmVyPHR5cGVvZiBtZW1iZXJzPjtcblxuZXhwb3J0IGludGVyZmFjZSBGb3JFYWNoU3RlcEZpbGUgZXh0ZW5kcyB6LmluZmVyPHouWm9kTWluaU9iamVjdDx0eXBlb2Ygc2hhcmVkLCB6LmNvcmUuJHN0cmljdD4+IHtcbiAgJ2Zvci1lYWNoJzogTWVtYmVyc0ZpbGU7XG4gIGFzPzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICAnYXQtb25jZSc/OiBudW1iZXIgfCB1bmRlZmluZWQ7XG4gICdvbmNlLWJ5Jz86IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgc3RlcHM6IFN0ZXBGaWxlW107XG4gIHRhYmxlPzogVGFibGVGaWxlIHwgdW5kZWZpbmVkO1xufVxuXG5leHBvcnQgdHlwZSBTdGVwRmlsZSA9XG4gIHwgU2VuZFN0ZXBGaWxlXG4gIHwgVHJhaWxTdGVwRmlsZVxuICB8IEZvckVhY2hTdGVwRmlsZVxuICB8IFBvbGxTdGVwRmlsZVxuICB8IENob29zZVN0ZXBGaWxlXG4gIHwgQ29tcGFyZVN0ZXBGaWxlXG4gIHwgS2VlcFN0ZXBGaWxlO1xuXG5jb25zdCBmb3JFYWNoU3RlcDogei5ab2RNaW5pVHlwZTxGb3JFYWNoU3RlcEZpbGUsIEZvckVhY2hTdGVwRmlsZT4gPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICAnZm9yLWVhY2gnOiBtZW1iZXJzLFxuICAgIC4uLnNoYXJlZCxcbiAgICBhczogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgICdUaGUgbmFtZSBvZiBlYWNoIG9uZTogYGl0ZW1gIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4gT2YgYSBtYXAsIGl0IGhhcyBga2V5YCBhbmQgYHZhbHVlYC4nLFxuICAgICksXG4gICAgJ2F0LW9uY2UnOiBkZXNjcmliZWQoei5vcHRpb25hbChhdE9uY2UpLCAnSG93IG1hbnkgYXJlIHVuZGVyIHdheSBhdCBvbmNlLiAxIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nKSxcbiAgICAnb25jZS1ieSc6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAgICAnVGhlIHBsYWNlIGluIGFuIGl0ZW0gdGhhdCB0ZWxscyBpdCBhcGFydCwgc3VjaCBhcyBgJC5pZGA6IG9uZSB0aGF0IHdhcyBoYW5kbGVkIGlzIHBhc3NlZCBvdmVyIHdoZW4gdGhlIHJ1biBpcyByZXBlYXRlZC4nLFxuICAgICksXG4gICAgc3RlcHM6IGRlc2NyaWJlZChcbiAgICAgIHoubGF6eSgoKSA9PiB6LmFycmF5KHN0ZXApLmNoZWNrKHoubWluTGVuZ3RoKDEpKSksXG4gICAgICAnVGhlIHN0ZXBzIGZvciBlYWNoIG9uZS4nLFxuICAgICksXG4gICAgdGFibGU6IHoub3B0aW9uYWwodGFibGUpLFxuICB9KSxcbiAgJ1Rha2VzIHN0ZXBzIGZvciBlYWNoIG9mIG1hbnkuJyxcbik7XG5cbmNvbnN0IHN0ZXA6IHouWm9kTWluaVR5cGU8U3RlcEZpbGUsIFN0ZXBGaWxlPiA9IHoudW5pb24oW1xuICBzZW5kU3RlcCxcbiAgdHJhaWxTdGVwLFxuICBmb3JFYWNoU3RlcCxcbiAgcG9sbFN0ZXAsXG4gIGNob29zZVN0ZXAsXG4gIGNvbXBhcmVTdGVwLFxuICBrZWVwU3RlcCxcbl0pO1xuXG5leHBvcnQgY29uc3QgdHJhaWxGaWxlID0gZGVzY3JpYmVkKFxuICB6LnN0cmljdE9iamVjdCh7XG4gICAgYWJvdXQ6IHoub3B0aW9uYWwoYWJvdXQpLFxuICAgIGlucHV0czogei5vcHRpb25hbChpbnB1dHMpLFxuICAgIHJvd3M6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoei51bmlvbihbei5zdHJpbmcoKSwgei5hcnJheShhbnlWYWx1ZSldKSksXG4gICAgICAnQSBjc3YsIGpzb24gb3IganNvbmwgZmlsZSBpbiB0aGUgY29sbGVjdGlvbiwgYC1gIGZvciBzdGFuZGFyZCBpbnB1dCwgb3IgYSBsaXN0LCB3cml0dGVuIG91dCBvciBpbiBgJHtcdTIwMjZ9YDogdGhlIHRyYWlsIGlzIHdhbGtlZCBvbmNlIGEgcm93LicsXG4gICAgKSxcbiAgICAnYXQtb25jZSc6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKGF0T25jZSksICdIb3cgbWFueSByb3dzIGFyZSB3YWxrZWQgYXQgb25jZS4gMSB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyksXG4gICAgdW5kbzogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbCh6LmVudW0oWydmYWlsdXJlJywgJ2Fsd2F5cycsICduZXZlciddKSksXG4gICAgICAnV2hlbiB1bmRvIHBhcnRzIHJ1bi4gYGZhaWx1cmVgIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nLFxuICAgICksXG4gICAgc3RlcHM6IGRlc2NyaWJlZCh6LmFycmF5KHN0ZXApLmNoZWNrKHoubWluTGVuZ3RoKDEpKSwgJ1RoZSBzdGVwcywgaW4gb3JkZXIuJyksXG4gICAgdGFibGU6IHoub3B0aW9uYWwodGFibGUpLFxuICB9KSxcbiAgJ0EgdHJhaWw6IGFuIG9yZGVyZWQgY2hhaW4gb2YgcmVxdWVzdHMgdGhhdCBzaGFyZSB2YWx1ZXMuJyxcbik7XG5leHBvcnQgdHlwZSBUcmFpbEZpbGUgPSB6LmluZmVyPHR5cGVvZiB0cmFpbEZpbGU+O1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsWUFBWSxPQUFPO0FBZ0JuQixJQUFNLFNBQVM7QUFBQSxFQUNiLE1BQU0sVUFBWSxXQUFXLFNBQU8sQ0FBQyxHQUFHLHdDQUF3QztBQUFBLEVBQ2hGLE1BQU07QUFBQSxJQUNGLFdBQVMsTUFBTTtBQUFBLElBQ2pCO0FBQUEsRUFDRjtBQUNGO0FBRUEsSUFBTSxPQUFPLFVBQVksV0FBUyxNQUFNLEdBQUcsd0JBQXdCO0FBRW5FLElBQU0sT0FBTztBQUFBLEVBQ1QsZUFBYTtBQUFBLElBQ2IsTUFBTSxVQUFZLFNBQU8sR0FBRyx1Q0FBdUM7QUFBQSxJQUNuRTtBQUFBLEVBQ0YsQ0FBQztBQUFBLEVBQ0Q7QUFDRjtBQUVBLElBQU0sU0FBVyxTQUFPLEVBQUUsTUFBUSxNQUFJLEdBQUssVUFBUSxDQUFDLEdBQUssVUFBUSxHQUFHLENBQUM7QUFFckUsSUFBTSxRQUFRO0FBQUEsRUFDVixlQUFhO0FBQUEsSUFDYixTQUFTO0FBQUEsTUFDTCxTQUFTLFNBQU8sR0FBSyxTQUFPLENBQUM7QUFBQSxNQUMvQjtBQUFBLElBQ0Y7QUFBQSxJQUNBLElBQUksVUFBWSxXQUFXLFNBQU8sQ0FBQyxHQUFHLGdFQUFnRTtBQUFBLElBQ3RHLElBQUksVUFBWSxXQUFXLFNBQU8sQ0FBQyxHQUFHLHdFQUF3RTtBQUFBLElBQzlHLE1BQU07QUFBQSxNQUNGLFdBQVcsVUFBUSxDQUFDO0FBQUEsTUFDdEI7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQUEsRUFDRDtBQUNGO0FBR0EsSUFBTSxXQUFXO0FBQUEsRUFDYixlQUFhO0FBQUEsSUFDYixNQUFNLFVBQVksU0FBTyxHQUFHLHNCQUFzQjtBQUFBLElBQ2xELEdBQUc7QUFBQSxJQUNIO0FBQUEsSUFDQSxTQUFXLFdBQVMsT0FBTztBQUFBLElBQzNCLFFBQVUsV0FBUyxNQUFNO0FBQUEsSUFDekIsTUFBUSxXQUFTLElBQUk7QUFBQSxJQUNyQixNQUFRLFdBQVMsSUFBSTtBQUFBLEVBQ3ZCLENBQUM7QUFBQSxFQUNEO0FBQ0Y7QUFFQSxJQUFNLFlBQVk7QUFBQSxFQUNkLGVBQWE7QUFBQSxJQUNiLE9BQU8sVUFBWSxTQUFPLEdBQUcsb0JBQW9CO0FBQUEsSUFDakQsR0FBRztBQUFBLElBQ0g7QUFBQSxJQUNBLE1BQU0sVUFBWSxXQUFTLE1BQU0sR0FBRyxxRUFBcUU7QUFBQSxFQUMzRyxDQUFDO0FBQUEsRUFDRDtBQUNGO0FBRUEsSUFBTSxXQUFXO0FBQUEsRUFDYixlQUFhO0FBQUEsSUFDYixNQUFNLFVBQVksU0FBTyxHQUFHLDBEQUEwRDtBQUFBLElBQ3RGLEdBQUc7QUFBQSxJQUNIO0FBQUEsSUFDQSxTQUFXLFdBQVMsT0FBTztBQUFBLElBQzNCLE9BQU87QUFBQSxNQUNMO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFBQSxJQUNBLFFBQVEsVUFBWSxXQUFTLE1BQU0sR0FBRyxxREFBcUQ7QUFBQSxJQUMzRixPQUFPLFVBQVksV0FBUyxRQUFRLEdBQUcsaURBQWlEO0FBQUEsSUFDeEYsUUFBUTtBQUFBLE1BQ0osV0FBVyxTQUFPLEVBQUUsTUFBUSxVQUFRLENBQUMsR0FBSyxVQUFRLEVBQUUsQ0FBQyxDQUFDO0FBQUEsTUFDeEQ7QUFBQSxJQUNGO0FBQUEsSUFDQSxRQUFRLFVBQVksV0FBUyxRQUFRLEdBQUcsZ0VBQWdFO0FBQUEsSUFDeEcsTUFBUSxXQUFTLElBQUk7QUFBQSxFQUN2QixDQUFDO0FBQUEsRUFDRDtBQUNGO0FBRUEsSUFBTSxhQUFhO0FBQUEsRUFDZixlQUFhO0FBQUEsSUFDYixRQUFRO0FBQUEsTUFDSixlQUFhO0FBQUEsUUFDYixNQUFNLFVBQVUsVUFBVSwwQkFBMEI7QUFBQSxRQUNwRCxPQUFPLFVBQVksV0FBVyxTQUFPLENBQUMsR0FBRyxxQ0FBcUM7QUFBQSxRQUM5RSxPQUFPLFVBQVksV0FBVyxTQUFPLENBQUMsR0FBRyw0REFBNEQ7QUFBQSxRQUNyRyxJQUFJLFVBQVksU0FBTyxHQUFHLGtGQUFrRjtBQUFBLE1BQzlHLENBQUM7QUFBQSxNQUNEO0FBQUEsSUFDRjtBQUFBLElBQ0EsR0FBRztBQUFBLEVBQ0wsQ0FBQztBQUFBLEVBQ0Q7QUFDRjtBQUVBLElBQU0sT0FBUyxRQUFNO0FBQUEsRUFDakIsZUFBYSxFQUFFLE1BQU0sVUFBWSxTQUFPLEdBQUcsNkJBQTZCLEdBQUcsTUFBTSxTQUFXLFdBQVMsT0FBTyxFQUFFLENBQUM7QUFBQSxFQUMvRyxlQUFhLEVBQUUsTUFBTSxVQUFZLFNBQU8sR0FBRyw4QkFBOEIsRUFBRSxDQUFDO0FBQUEsRUFDNUUsZUFBYSxFQUFFLE1BQU0sVUFBWSxTQUFPLEdBQUcseUNBQXlDLEVBQUUsQ0FBQztBQUFBLEVBQ3ZGLGVBQWEsRUFBRSxPQUFPLFVBQVUsVUFBVSx3QkFBd0IsRUFBRSxDQUFDO0FBQ3pFLENBQUM7QUFHRCxJQUFNLGNBQWM7QUFBQSxFQUNoQixlQUFhO0FBQUEsSUFDYixTQUFTLFVBQVksUUFBTSxJQUFJLEVBQUUsTUFBUSxZQUFVLENBQUMsR0FBSyxZQUFVLENBQUMsQ0FBQyxHQUFHLGdCQUFnQjtBQUFBLElBQ3hGLEdBQUc7QUFBQSxJQUNILFVBQVksV0FBUyxRQUFRO0FBQUEsSUFDN0IsTUFBUSxXQUFTLElBQUk7QUFBQSxJQUNyQixXQUFhLFdBQVMsU0FBUztBQUFBLElBQy9CLFNBQVM7QUFBQSxNQUNMLFdBQVcsUUFBUSxTQUFPLENBQUMsQ0FBQztBQUFBLE1BQzlCO0FBQUEsSUFDRjtBQUFBLElBQ0EsY0FBYztBQUFBLE1BQ1YsV0FBUyxRQUFRO0FBQUEsTUFDbkI7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQUEsRUFDRDtBQUNGO0FBRUEsSUFBTSxXQUFXO0FBQUEsRUFDYixlQUFhO0FBQUEsSUFDYixNQUFNLFVBQVUsUUFBUSxtREFBbUQ7QUFBQSxJQUMzRSxHQUFHO0FBQUEsRUFDTCxDQUFDO0FBQUEsRUFDRDtBQUNGO0FBVUEsSUFBTSxVQUFVO0FBQUEsRUFDWixRQUFNO0FBQUEsSUFDSixTQUFPO0FBQUEsSUFDUCxRQUFNLFFBQVE7QUFBQSxJQUNkLGVBQWE7QUFBQSxNQUNiLE9BQU87QUFBQSxRQUNILFFBQU0sQ0FBRyxTQUFPLEVBQUUsTUFBUSxNQUFJLENBQUMsR0FBSyxTQUFPLEVBQUUsTUFBUSxNQUFJLENBQUMsQ0FBQyxDQUFDO0FBQUEsUUFDOUQ7QUFBQSxNQUNGO0FBQUEsSUFDRixDQUFDO0FBQUEsSUFDQyxlQUFhLEVBQUUsTUFBTSxVQUFZLFNBQU8sR0FBRyw4Q0FBOEMsRUFBRSxDQUFDO0FBQUEsSUFDNUYsZUFBYTtBQUFBLE1BQ2IsT0FBTyxVQUFZLFNBQU8sR0FBRywrREFBK0Q7QUFBQSxNQUM1RjtBQUFBLElBQ0YsQ0FBQztBQUFBLEVBQ0gsQ0FBQztBQUFBLEVBQ0Q7QUFDRjtBQXFCQSxJQUFNLGNBQStEO0FBQUEsRUFDakUsZUFBYTtBQUFBLElBQ2IsWUFBWTtBQUFBLElBQ1osR0FBRztBQUFBLElBQ0gsSUFBSTtBQUFBLE1BQ0EsV0FBVyxTQUFPLENBQUM7QUFBQSxNQUNyQjtBQUFBLElBQ0Y7QUFBQSxJQUNBLFdBQVcsVUFBWSxXQUFTLE1BQU0sR0FBRywwREFBMEQ7QUFBQSxJQUNuRyxXQUFXO0FBQUEsTUFDUCxXQUFXLFNBQU8sQ0FBQztBQUFBLE1BQ3JCO0FBQUEsSUFDRjtBQUFBLElBQ0EsT0FBTztBQUFBLE1BQ0gsT0FBSyxNQUFRLFFBQU0sSUFBSSxFQUFFLE1BQVEsWUFBVSxDQUFDLENBQUMsQ0FBQztBQUFBLE1BQ2hEO0FBQUEsSUFDRjtBQUFBLElBQ0EsT0FBUyxXQUFTLEtBQUs7QUFBQSxFQUN6QixDQUFDO0FBQUEsRUFDRDtBQUNGO0FBRUEsSUFBTSxPQUE0QyxRQUFNO0FBQUEsRUFDdEQ7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRixDQUFDO0FBRU0sSUFBTSxZQUFZO0FBQUEsRUFDckIsZUFBYTtBQUFBLElBQ2IsT0FBUyxXQUFTLEtBQUs7QUFBQSxJQUN2QixRQUFVLFdBQVMsTUFBTTtBQUFBLElBQ3pCLE1BQU07QUFBQSxNQUNGLFdBQVcsUUFBTSxDQUFHLFNBQU8sR0FBSyxRQUFNLFFBQVEsQ0FBQyxDQUFDLENBQUM7QUFBQSxNQUNuRDtBQUFBLElBQ0Y7QUFBQSxJQUNBLFdBQVcsVUFBWSxXQUFTLE1BQU0sR0FBRyw0REFBNEQ7QUFBQSxJQUNyRyxNQUFNO0FBQUEsTUFDRixXQUFXLE9BQUssQ0FBQyxXQUFXLFVBQVUsT0FBTyxDQUFDLENBQUM7QUFBQSxNQUNqRDtBQUFBLElBQ0Y7QUFBQSxJQUNBLE9BQU8sVUFBWSxRQUFNLElBQUksRUFBRSxNQUFRLFlBQVUsQ0FBQyxDQUFDLEdBQUcsc0JBQXNCO0FBQUEsSUFDNUUsT0FBUyxXQUFTLEtBQUs7QUFBQSxFQUN6QixDQUFDO0FBQUEsRUFDRDtBQUNGOyIsCiAgIm5hbWVzIjogW10KfQo=
