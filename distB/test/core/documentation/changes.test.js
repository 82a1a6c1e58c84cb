import {
  driftBetween
} from "../../parts/chunk-34QZO4KA.js";
import {
  linksOf
} from "../../parts/chunk-TNPKNSKC.js";
import {
  sampleFromMessages
} from "../../parts/chunk-LUCY6D7U.js";
import {
  withOverlay
} from "../../parts/chunk-7GFLFNIQ.js";
import {
  inferFields
} from "../../parts/chunk-W5CSRCJ4.js";
import "../../parts/chunk-O3NKAVGW.js";
import {
  readJson,
  readSource
} from "../../parts/chunk-25LI3GD7.js";
import "../../parts/chunk-YANC7AYB.js";
import "../../parts/chunk-A3UYUOR3.js";
import "../../parts/chunk-2QSPZIQJ.js";
import "../../parts/chunk-LWESV2NC.js";
import "../../parts/chunk-MAUJ5X4J.js";
import "../../parts/chunk-UUVSR64B.js";
import "../../parts/chunk-CCGHMHEK.js";
import "../../parts/chunk-VDPV4SN2.js";
import "../../parts/chunk-FSYFZ44W.js";
import "../../parts/chunk-VVIFMYK7.js";
import {
  mainAddress,
  readPart
} from "../../parts/chunk-7DIEYAMQ.js";
import "../../parts/chunk-HJ67CAUM.js";
import "../../parts/chunk-EJ3MTJ5C.js";
import {
  pilotSchema
} from "../../parts/chunk-DQ7YWKYH.js";
import {
  harbourDocument
} from "../../parts/chunk-PT2BEWRF.js";
import {
  mismatches
} from "../../parts/chunk-UFHSLVCM.js";
import "../../parts/chunk-2YNHSDXB.js";
import "../../parts/chunk-OQREOMES.js";
import "../../parts/chunk-2RJTCR3G.js";
import "../../parts/chunk-TNGRBWFR.js";
import "../../parts/chunk-36BGEIU2.js";
import "../../parts/chunk-JFRZJ6A5.js";
import "../../parts/chunk-IQWA53IU.js";
import "../../parts/chunk-PACVB44P.js";
import "../../parts/chunk-WDD3S5O6.js";
import "../../parts/chunk-ZC7SUIQQ.js";
import "../../parts/chunk-FSPVDUAZ.js";
import "../../parts/chunk-RABAPZK5.js";
import "../../parts/chunk-XGDOGID3.js";

// test/core/documentation/changes.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
import { stringify } from "yaml";
var inferred = [
  ["an integer and a number", [{ a: 1 }, { a: 1.5 }], [["a", "number", true]]],
  [
    "a field that one lacks",
    [{ a: 1, b: "x" }, { a: 2 }],
    [
      ["a", "integer", true],
      ["b", "string", false]
    ]
  ],
  ["null beside a text", [{ a: null }, { a: "x" }], [["a", "string or null", true]]],
  [
    "dates",
    [{ a: "2026-11-24", b: "2026-11-24T09:00:00Z" }],
    [
      ["a", "string (date)", true],
      ["b", "string (date-time)", true]
    ]
  ],
  ["a date and a text", [{ a: "2026-11-24" }, { a: "soon" }], [["a", "string", true]]],
  ["an empty list and one of numbers", [{ a: [] }, { a: [1] }], [["a", "array of integer", true]]],
  ["items of a list", [[{ a: true }, {}]], [["a", "boolean", false]]]
];
for (const [name, samples, fields] of inferred)
  test(`inferred: ${name}`, () => assert.deepEqual(
    inferFields(samples).map(({ name: one, type, required }) => [one, type, required]),
    fields
  ));
var exchange = (path, answer, sent = "") => `${sent === "" ? "GET" : "POST"} ${path} HTTP/1.1
Host: larkhaven.example

${sent}

HTTP/1.1 200 OK
Content-Type: application/json

${JSON.stringify(answer)}
`;
test("samples of one call are one operation; parts that vary are parameters, named by the member of the answer", async () => {
  const samples = [
    sampleFromMessages(exchange("/v1/vessels/9000017?full=true", { imo: "9000017", name: "Amber Tern" }), "a"),
    sampleFromMessages(exchange("/v1/vessels/9000003", { imo: "9000003", name: "Grey Heron", flag: null }), "b"),
    sampleFromMessages(exchange("/v1/berths/N1/lights", { on: true }), "c"),
    sampleFromMessages(exchange("/v1/notes", { id: 4 }, '{"text": "fog"}'), "d")
  ];
  const { operations } = await readSource(JSON.stringify({ samples }), "samples.json");
  assert.deepEqual(
    operations.map(({ method, path, certainty }) => [method, path, certainty]),
    [
      ["GET", "/v1/vessels/{imo}", "guess"],
      ["GET", "/v1/berths/{berthId}/lights", "guess"],
      ["POST", "/v1/notes", "guess"]
    ]
  );
  const [vessels, , notes] = operations;
  assert.deepEqual(
    vessels?.parameters.map(({ name, type, required, in: where }) => [where, name, type, required]),
    [
      ["path", "imo", "integer", true],
      ["query", "full", "boolean", false]
    ]
  );
  assert.equal(vessels?.answers[0]?.content?.fields.find(({ name }) => name === "flag")?.required, false);
  assert.deepEqual(
    notes?.body?.fields.map(({ name }) => name),
    ["text"]
  );
});
test("a text that is no exchange is refused", () => assert.throws(() => sampleFromMessages("GET /x", "x"), /not a request with its answer/));
var changes = [
  [
    "a field of the body is newly required",
    ({ components }) => components.schemas.NewPortCall?.required.push("cargo"),
    "bookCall",
    [["body cargo", "newly required", true]]
  ],
  [
    "an allowed value is gone",
    ({ components }) => Object.assign(components.schemas.NewPortCall?.properties.cargo ?? {}, { enum: ["grain", "mixed"] }),
    "bookCall",
    [
      ["body cargo", "narrowed", true],
      ["answer 201 cargo", "narrowed", false]
    ]
  ],
  [
    "an allowed value is new",
    ({ components }) => Object.assign(components.schemas.NewPortCall?.properties.cargo ?? {}, {
      enum: ["grain", "timber", "mixed", "cars"]
    }),
    "bookCall",
    [
      ["body cargo", "widened", false],
      ["answer 201 cargo", "widened", true]
    ]
  ],
  [
    "a type is another",
    ({ components }) => Object.assign(components.schemas.Vessel?.properties.draftM ?? {}, { type: "string" }),
    "showVessel",
    [["answer 200 draftM", "changed", true]]
  ],
  [
    "a field of the answer is gone",
    ({ components }) => delete components.schemas.Vessel?.properties.flag,
    "showVessel",
    [["answer 200 flag", "removed", true]]
  ],
  [
    "an operation is deprecated",
    ({ paths }) => Object.assign(paths["/vessels/{imo}"]?.get ?? {}, { deprecated: true }),
    "showVessel",
    [["operation", "changed", false]]
  ]
];
for (const [name, change, id, found] of changes) {
  test(`drift: ${name}`, async () => {
    const document = structuredClone(harbourDocument("http://127.0.0.1:4810"));
    const before = (await readJson(document)).operations;
    change(document);
    const drift = driftBetween(before, (await readJson(document)).operations).find((one) => one.operation === id);
    assert.deepEqual(
      drift?.fields.filter(({ what }) => !/at-|over/.test(what)).map(({ at, kind, breaks }) => [at, kind, breaks]),
      found,
      JSON.stringify(Object.keys(document.components.schemas))
    );
  });
}
test("drift: an operation by another name is one removed and one added; the same document has none", async () => {
  const document = structuredClone(harbourDocument("http://127.0.0.1:4810"));
  const before = (await readJson(document)).operations;
  assert.deepEqual(driftBetween(before, before), []);
  Object.assign(document.paths["/vessels/{imo}"]?.get ?? {}, { operationId: "oneVessel" });
  assert.deepEqual(
    driftBetween(before, (await readJson(document)).operations).map(({ operation, kind }) => [operation, kind]),
    [
      ["oneVessel", "added"],
      ["showVessel", "removed"]
    ]
  );
});
test("links: by name and resource, as guesses; what the documentation links is none", async () => {
  const harbour = await readJson(harbourDocument("http://127.0.0.1:4810"));
  assert.deepEqual(linksOf(harbour.operation("bookCall"), harbour.index), [
    { name: "imo", operation: "listVessels", place: "$.items[*].imo", guess: true },
    { name: "berth", operation: "listBerths", place: "$.items[*].code", guess: true }
  ]);
  const pilots = await readSource(pilotSchema, "p.graphql");
  assert.deepEqual(linksOf(pilots.operation("pilot"), pilots.index)[0]?.place, "$.data.pilots.edges[*].node.id");
  const stated = await readJson({
    openapi: "3.0.0",
    info: {},
    paths: {
      "/quays": {
        post: {
          operationId: "make",
          tags: ["q"],
          responses: {
            201: {
              description: "",
              links: { one: { operationId: "one", parameters: { "path.quay": "$response.body#/number" } } }
            }
          }
        }
      },
      "/quays/{quay}": {
        get: {
          operationId: "one",
          tags: ["q"],
          parameters: [{ name: "quay", in: "path", required: true, schema: { type: "string" } }],
          responses: {}
        }
      }
    }
  });
  assert.deepEqual(linksOf(stated.operation("one"), stated.index), [
    { name: "quay", operation: "make", place: "$.number", guess: false }
  ]);
});
var field = (more) => ({ name: "a", type: "string", required: false, ...more });
var values = [
  [{ a: "x" }, [field({})], []],
  [{ a: "10" }, [field({ type: "number" })], ["$.a is a string, documented as number"]],
  [{ a: 10 }, [field({ type: "number" })], []],
  [{ a: 1.5 }, [field({ type: "integer" })], ["$.a is a number, documented as integer"]],
  [{ a: null }, [field({ type: "string or null" })], []],
  [{ a: null }, [field({})], ["$.a is null, documented as string"]],
  [{ brth: 1 }, [field({ name: "berth" })], ["$.brth is not documented; documented is berth"]],
  [{}, [field({ required: true })], ["$.a is documented as required, and missing"]],
  [{ a: "x" }, [field({ readOnly: true })], ["$.a is set by the vendor, and is not sent"]],
  [{ a: "c" }, [field({ allowed: ["a", "b"] })], ['$.a is "c", documented are a, b']],
  [{ a: 15 }, [field({ type: "integer", limits: { "at-most": 14 } })], ["$.a is 15, documented is at most 14"]],
  [{ a: ["x", 1] }, [field({ type: "array of object", fields: [field({ name: "n" })] })], []],
  [
    { a: [{ n: 1 }] },
    [field({ type: "array of object", fields: [field({ name: "n" })] })],
    ["$.a[0].n is an integer, documented as string"]
  ],
  [
    { a: { k: "t", s: 1 } },
    [
      field({
        type: "object",
        alternatives: [
          { name: "G", fields: [field({ name: "k" }), field({ name: "w", required: true })] },
          { name: "T", fields: [field({ name: "k" }), field({ name: "s", type: "integer" })] }
        ]
      })
    ],
    []
  ],
  [{ a: 1 }, [field({ type: "ID!" })], []],
  [{ a: "x" }, [field({ type: "Int" })], ["$.a is a string, documented as Int"]],
  [{ a: null }, [field({ type: "Int!" })], ["$.a is null, documented as Int!"]]
];
for (const [value, fields, what] of values)
  test(`${JSON.stringify(value)} against ${fields.map(({ type }) => type).join()}: ${what.join() || "fits"}`, () => assert.deepEqual(
    mismatches(value, fields).map((one) => `${one.at} ${one.what}`),
    what
  ));
test("an overlay merges and removes at JSONPaths, and a broken one is told", async () => {
  const overlaid = async (actions) => {
    const uri = mainAddress("a.json");
    const main = await readPart(
      uri,
      "a.json",
      '{"paths": {"/a": {"get": {"summary": "A", "tags": ["x"]}, "put": {}}}}'
    );
    const text = stringify({ overlay: "1.0.0", info: { title: "Notes", version: "1" }, actions });
    return (await withOverlay({ main, parts: /* @__PURE__ */ new Map([[uri, main]]) }, text, "docs/a.overlay.yaml")).main.content;
  };
  assert.deepEqual(
    await overlaid([
      { target: '$.paths["/a"].get', update: { summary: "Ours", tags: ["y"], "x-note": true } },
      { target: '$.paths["/a"].put', remove: true }
    ]),
    { paths: { "/a": { get: { summary: "Ours", tags: ["x", "y"], "x-note": true } } } }
  );
  await assert.rejects(overlaid([{ target: "$[", update: {} }]), /JSONPath|place|\$\[/);
  await assert.rejects(overlaid("soon"), /not an OpenAPI Overlay/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vLi4vdGVzdC9jb3JlL2RvY3VtZW50YXRpb24vY2hhbmdlcy50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogV2hhdCByZWFkaW5ncyBoYXZlIGluIGNvbW1vbiBhbmQgd2hlcmUgdGhleSBkaWZmZXI6IHNhbXBsZXMsIGRyaWZ0LCBsaW5rcywgdmFsdWVzLCBvdmVybGF5cy4gKi9cbmltcG9ydCBhc3NlcnQgZnJvbSAnbm9kZTphc3NlcnQvc3RyaWN0JztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgc3RyaW5naWZ5IH0gZnJvbSAneWFtbCc7XG5pbXBvcnQgeyBtYWluQWRkcmVzcywgcmVhZFBhcnQgfSBmcm9tICcuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL2RvY3VtZW50cy5qcyc7XG5pbXBvcnQgeyBkcmlmdEJldHdlZW4gfSBmcm9tICcuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL2RyaWZ0LmpzJztcbmltcG9ydCB7IGxpbmtzT2YgfSBmcm9tICcuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL2xpbmtzLmpzJztcbmltcG9ydCB7IG1pc21hdGNoZXMgfSBmcm9tICcuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL21pc21hdGNoLmpzJztcbmltcG9ydCB0eXBlIHsgRmllbGQgfSBmcm9tICcuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL21vZGVsLmpzJztcbmltcG9ydCB7IHdpdGhPdmVybGF5IH0gZnJvbSAnLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9vdmVybGF5LmpzJztcbmltcG9ydCB7IGluZmVyRmllbGRzIH0gZnJvbSAnLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9zYW1wbGUvaW5mZXIuanMnO1xuaW1wb3J0IHsgc2FtcGxlRnJvbU1lc3NhZ2VzIH0gZnJvbSAnLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9zYW1wbGUvc2FtcGxlcy5qcyc7XG5pbXBvcnQgeyBoYXJib3VyRG9jdW1lbnQgfSBmcm9tICcuLi8uLi8uLi9zcmMvc3RhbmRpbi9oYXJib3VyL29wZW5hcGkuanMnO1xuaW1wb3J0IHsgcGlsb3RTY2hlbWEgfSBmcm9tICcuLi8uLi8uLi9zcmMvc3RhbmRpbi9waWxvdHMvc2NoZW1hLmpzJztcbmltcG9ydCB7IHJlYWRKc29uLCByZWFkU291cmNlIH0gZnJvbSAnLi4vLi4vc3VwcG9ydC9kb2N1bWVudGF0aW9uLmpzJztcblxuY29uc3QgaW5mZXJyZWQ6IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZTogc3RyaW5nLCBzYW1wbGVzOiB1bmtub3duW10sIGZpZWxkczogdW5rbm93bl0pW10gPSBbXG4gIFsnYW4gaW50ZWdlciBhbmQgYSBudW1iZXInLCBbeyBhOiAxIH0sIHsgYTogMS41IH1dLCBbWydhJywgJ251bWJlcicsIHRydWVdXV0sXG4gIFtcbiAgICAnYSBmaWVsZCB0aGF0IG9uZSBsYWNrcycsXG4gICAgW3sgYTogMSwgYjogJ3gnIH0sIHsgYTogMiB9XSxcbiAgICBbXG4gICAgICBbJ2EnLCAnaW50ZWdlcicsIHRydWVdLFxuICAgICAgWydiJywgJ3N0cmluZycsIGZhbHNlXSxcbiAgICBdLFxuICBdLFxuICBbJ251bGwgYmVzaWRlIGEgdGV4dCcsIFt7IGE6IG51bGwgfSwgeyBhOiAneCcgfV0sIFtbJ2EnLCAnc3RyaW5nIG9yIG51bGwnLCB0cnVlXV1dLFxuICBbXG4gICAgJ2RhdGVzJyxcbiAgICBbeyBhOiAnMjAyNi0xMS0yNCcsIGI6ICcyMDI2LTExLTI0VDA5OjAwOjAwWicgfV0sXG4gICAgW1xuICAgICAgWydhJywgJ3N0cmluZyAoZGF0ZSknLCB0cnVlXSxcbiAgICAgIFsnYicsICdzdHJpbmcgKGRhdGUtdGltZSknLCB0cnVlXSxcbiAgICBdLFxuICBdLFxuICBbJ2EgZGF0ZSBhbmQgYSB0ZXh0JywgW3sgYTogJzIwMjYtMTEtMjQnIH0sIHsgYTogJ3Nvb24nIH1dLCBbWydhJywgJ3N0cmluZycsIHRydWVdXV0sXG4gIFsnYW4gZW1wdHkgbGlzdCBhbmQgb25lIG9mIG51bWJlcnMnLCBbeyBhOiBbXSB9LCB7IGE6IFsxXSB9XSwgW1snYScsICdhcnJheSBvZiBpbnRlZ2VyJywgdHJ1ZV1dXSxcbiAgWydpdGVtcyBvZiBhIGxpc3QnLCBbW3sgYTogdHJ1ZSB9LCB7fV1dLCBbWydhJywgJ2Jvb2xlYW4nLCBmYWxzZV1dXSxcbl07XG5mb3IgKGNvbnN0IFtuYW1lLCBzYW1wbGVzLCBmaWVsZHNdIG9mIGluZmVycmVkKVxuICB0ZXN0KGBpbmZlcnJlZDogJHtuYW1lfWAsICgpID0+XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICAgIGluZmVyRmllbGRzKHNhbXBsZXMpLm1hcCgoeyBuYW1lOiBvbmUsIHR5cGUsIHJlcXVpcmVkIH0pID0+IFtvbmUsIHR5cGUsIHJlcXVpcmVkXSksXG4gICAgICBmaWVsZHMsXG4gICAgKSk7XG5cbmNvbnN0IGV4Y2hhbmdlID0gKHBhdGg6IHN0cmluZywgYW5zd2VyOiBvYmplY3QsIHNlbnQgPSAnJyk6IHN0cmluZyA9PlxuICBgJHtzZW50ID09PSAnJyA/ICdHRVQnIDogJ1BPU1QnfSAke3BhdGh9IEhUVFAvMS4xXFxuSG9zdDogbGFya2hhdmVuLmV4YW1wbGVcXG5cXG4ke3NlbnR9XFxuXFxuSFRUUC8xLjEgMjAwIE9LXFxuQ29udGVudC1UeXBlOiBhcHBsaWNhdGlvbi9qc29uXFxuXFxuJHtKU09OLnN0cmluZ2lmeShhbnN3ZXIpfVxcbmA7XG5cbnRlc3QoJ3NhbXBsZXMgb2Ygb25lIGNhbGwgYXJlIG9uZSBvcGVyYXRpb247IHBhcnRzIHRoYXQgdmFyeSBhcmUgcGFyYW1ldGVycywgbmFtZWQgYnkgdGhlIG1lbWJlciBvZiB0aGUgYW5zd2VyJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBzYW1wbGVzID0gW1xuICAgIHNhbXBsZUZyb21NZXNzYWdlcyhleGNoYW5nZSgnL3YxL3Zlc3NlbHMvOTAwMDAxNz9mdWxsPXRydWUnLCB7IGltbzogJzkwMDAwMTcnLCBuYW1lOiAnQW1iZXIgVGVybicgfSksICdhJyksXG4gICAgc2FtcGxlRnJvbU1lc3NhZ2VzKGV4Y2hhbmdlKCcvdjEvdmVzc2Vscy85MDAwMDAzJywgeyBpbW86ICc5MDAwMDAzJywgbmFtZTogJ0dyZXkgSGVyb24nLCBmbGFnOiBudWxsIH0pLCAnYicpLFxuICAgIHNhbXBsZUZyb21NZXNzYWdlcyhleGNoYW5nZSgnL3YxL2JlcnRocy9OMS9saWdodHMnLCB7IG9uOiB0cnVlIH0pLCAnYycpLFxuICAgIHNhbXBsZUZyb21NZXNzYWdlcyhleGNoYW5nZSgnL3YxL25vdGVzJywgeyBpZDogNCB9LCAne1widGV4dFwiOiBcImZvZ1wifScpLCAnZCcpLFxuICBdO1xuICBjb25zdCB7IG9wZXJhdGlvbnMgfSA9IGF3YWl0IHJlYWRTb3VyY2UoSlNPTi5zdHJpbmdpZnkoeyBzYW1wbGVzIH0pLCAnc2FtcGxlcy5qc29uJyk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgb3BlcmF0aW9ucy5tYXAoKHsgbWV0aG9kLCBwYXRoLCBjZXJ0YWludHkgfSkgPT4gW21ldGhvZCwgcGF0aCwgY2VydGFpbnR5XSksXG4gICAgW1xuICAgICAgWydHRVQnLCAnL3YxL3Zlc3NlbHMve2ltb30nLCAnZ3Vlc3MnXSxcbiAgICAgIFsnR0VUJywgJy92MS9iZXJ0aHMve2JlcnRoSWR9L2xpZ2h0cycsICdndWVzcyddLFxuICAgICAgWydQT1NUJywgJy92MS9ub3RlcycsICdndWVzcyddLFxuICAgIF0sXG4gICk7XG4gIGNvbnN0IFt2ZXNzZWxzLCAsIG5vdGVzXSA9IG9wZXJhdGlvbnM7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgdmVzc2Vscz8ucGFyYW1ldGVycy5tYXAoKHsgbmFtZSwgdHlwZSwgcmVxdWlyZWQsIGluOiB3aGVyZSB9KSA9PiBbd2hlcmUsIG5hbWUsIHR5cGUsIHJlcXVpcmVkXSksXG4gICAgW1xuICAgICAgWydwYXRoJywgJ2ltbycsICdpbnRlZ2VyJywgdHJ1ZV0sXG4gICAgICBbJ3F1ZXJ5JywgJ2Z1bGwnLCAnYm9vbGVhbicsIGZhbHNlXSxcbiAgICBdLFxuICApO1xuICBhc3NlcnQuZXF1YWwodmVzc2Vscz8uYW5zd2Vyc1swXT8uY29udGVudD8uZmllbGRzLmZpbmQoKHsgbmFtZSB9KSA9PiBuYW1lID09PSAnZmxhZycpPy5yZXF1aXJlZCwgZmFsc2UpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIG5vdGVzPy5ib2R5Py5maWVsZHMubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSksXG4gICAgWyd0ZXh0J10sXG4gICk7XG59KTtcblxudGVzdCgnYSB0ZXh0IHRoYXQgaXMgbm8gZXhjaGFuZ2UgaXMgcmVmdXNlZCcsICgpID0+XG4gIGFzc2VydC50aHJvd3MoKCkgPT4gc2FtcGxlRnJvbU1lc3NhZ2VzKCdHRVQgL3gnLCAneCcpLCAvbm90IGEgcmVxdWVzdCB3aXRoIGl0cyBhbnN3ZXIvKSk7XG5cbnR5cGUgRG9jdW1lbnQgPSB7XG4gIHBhdGhzOiBSZWNvcmQ8c3RyaW5nLCBSZWNvcmQ8c3RyaW5nLCB7IG9wZXJhdGlvbklkOiBzdHJpbmc7IGRlcHJlY2F0ZWQ/OiBib29sZWFuIH0+PjtcbiAgY29tcG9uZW50czogeyBzY2hlbWFzOiBSZWNvcmQ8c3RyaW5nLCB7IHByb3BlcnRpZXM6IFJlY29yZDxzdHJpbmcsIFJlY29yZDxzdHJpbmcsIHVua25vd24+PjsgcmVxdWlyZWQ6IHN0cmluZ1tdIH0+IH07XG59O1xuY29uc3QgY2hhbmdlczogcmVhZG9ubHkgKHJlYWRvbmx5IFtcbiAgbmFtZTogc3RyaW5nLFxuICBjaGFuZ2U6IChkb2N1bWVudDogRG9jdW1lbnQpID0+IHZvaWQsXG4gIG9wZXJhdGlvbjogc3RyaW5nLFxuICBmb3VuZDogcmVhZG9ubHkgKHJlYWRvbmx5IFthdDogc3RyaW5nLCBraW5kOiBzdHJpbmcsIGJyZWFrczogYm9vbGVhbl0pW10sXG5dKVtdID0gW1xuICBbXG4gICAgJ2EgZmllbGQgb2YgdGhlIGJvZHkgaXMgbmV3bHkgcmVxdWlyZWQnLFxuICAgICh7IGNvbXBvbmVudHMgfSkgPT4gY29tcG9uZW50cy5zY2hlbWFzLk5ld1BvcnRDYWxsPy5yZXF1aXJlZC5wdXNoKCdjYXJnbycpLFxuICAgICdib29rQ2FsbCcsXG4gICAgW1snYm9keSBjYXJnbycsICduZXdseSByZXF1aXJlZCcsIHRydWVdXSxcbiAgXSxcbiAgW1xuICAgICdhbiBhbGxvd2VkIHZhbHVlIGlzIGdvbmUnLFxuICAgICh7IGNvbXBvbmVudHMgfSkgPT5cbiAgICAgIE9iamVjdC5hc3NpZ24oY29tcG9uZW50cy5zY2hlbWFzLk5ld1BvcnRDYWxsPy5wcm9wZXJ0aWVzLmNhcmdvID8/IHt9LCB7IGVudW06IFsnZ3JhaW4nLCAnbWl4ZWQnXSB9KSxcbiAgICAnYm9va0NhbGwnLFxuICAgIFtcbiAgICAgIFsnYm9keSBjYXJnbycsICduYXJyb3dlZCcsIHRydWVdLFxuICAgICAgWydhbnN3ZXIgMjAxIGNhcmdvJywgJ25hcnJvd2VkJywgZmFsc2VdLFxuICAgIF0sXG4gIF0sXG4gIFtcbiAgICAnYW4gYWxsb3dlZCB2YWx1ZSBpcyBuZXcnLFxuICAgICh7IGNvbXBvbmVudHMgfSkgPT5cbiAgICAgIE9iamVjdC5hc3NpZ24oY29tcG9uZW50cy5zY2hlbWFzLk5ld1BvcnRDYWxsPy5wcm9wZXJ0aWVzLmNhcmdvID8/IHt9LCB7XG4gICAgICAgIGVudW06IFsnZ3JhaW4nLCAndGltYmVyJywgJ21peGVkJywgJ2NhcnMnXSxcbiAgICAgIH0pLFxuICAgICdib29rQ2FsbCcsXG4gICAgW1xuICAgICAgWydib2R5IGNhcmdvJywgJ3dpZGVuZWQnLCBmYWxzZV0sXG4gICAgICBbJ2Fuc3dlciAyMDEgY2FyZ28nLCAnd2lkZW5lZCcsIHRydWVdLFxuICAgIF0sXG4gIF0sXG4gIFtcbiAgICAnYSB0eXBlIGlzIGFub3RoZXInLFxuICAgICh7IGNvbXBvbmVudHMgfSkgPT4gT2JqZWN0LmFzc2lnbihjb21wb25lbnRzLnNjaGVtYXMuVmVzc2VsPy5wcm9wZXJ0aWVzLmRyYWZ0TSA/PyB7fSwgeyB0eXBlOiAnc3RyaW5nJyB9KSxcbiAgICAnc2hvd1Zlc3NlbCcsXG4gICAgW1snYW5zd2VyIDIwMCBkcmFmdE0nLCAnY2hhbmdlZCcsIHRydWVdXSxcbiAgXSxcbiAgW1xuICAgICdhIGZpZWxkIG9mIHRoZSBhbnN3ZXIgaXMgZ29uZScsXG4gICAgKHsgY29tcG9uZW50cyB9KSA9PiBkZWxldGUgY29tcG9uZW50cy5zY2hlbWFzLlZlc3NlbD8ucHJvcGVydGllcy5mbGFnLFxuICAgICdzaG93VmVzc2VsJyxcbiAgICBbWydhbnN3ZXIgMjAwIGZsYWcnLCAncmVtb3ZlZCcsIHRydWVdXSxcbiAgXSxcbiAgW1xuICAgICdhbiBvcGVyYXRpb24gaXMgZGVwcmVjYXRlZCcsXG4gICAgKHsgcGF0aHMgfSkgPT4gT2JqZWN0LmFzc2lnbihwYXRoc1snL3Zlc3NlbHMve2ltb30nXT8uZ2V0ID8/IHt9LCB7IGRlcHJlY2F0ZWQ6IHRydWUgfSksXG4gICAgJ3Nob3dWZXNzZWwnLFxuICAgIFtbJ29wZXJhdGlvbicsICdjaGFuZ2VkJywgZmFsc2VdXSxcbiAgXSxcbl07XG5mb3IgKGNvbnN0IFtuYW1lLCBjaGFuZ2UsIGlkLCBmb3VuZF0gb2YgY2hhbmdlcykge1xuICB0ZXN0KGBkcmlmdDogJHtuYW1lfWAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCBkb2N1bWVudCA9IHN0cnVjdHVyZWRDbG9uZShoYXJib3VyRG9jdW1lbnQoJ2h0dHA6Ly8xMjcuMC4wLjE6NDgxMCcpKSBhcyBEb2N1bWVudDtcbiAgICBjb25zdCBiZWZvcmUgPSAoYXdhaXQgcmVhZEpzb24oZG9jdW1lbnQpKS5vcGVyYXRpb25zO1xuICAgIGNoYW5nZShkb2N1bWVudCk7XG4gICAgY29uc3QgZHJpZnQgPSBkcmlmdEJldHdlZW4oYmVmb3JlLCAoYXdhaXQgcmVhZEpzb24oZG9jdW1lbnQpKS5vcGVyYXRpb25zKS5maW5kKChvbmUpID0+IG9uZS5vcGVyYXRpb24gPT09IGlkKTtcbiAgICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgICAgZHJpZnQ/LmZpZWxkcy5maWx0ZXIoKHsgd2hhdCB9KSA9PiAhL2F0LXxvdmVyLy50ZXN0KHdoYXQpKS5tYXAoKHsgYXQsIGtpbmQsIGJyZWFrcyB9KSA9PiBbYXQsIGtpbmQsIGJyZWFrc10pLFxuICAgICAgZm91bmQsXG4gICAgICBKU09OLnN0cmluZ2lmeShPYmplY3Qua2V5cyhkb2N1bWVudC5jb21wb25lbnRzLnNjaGVtYXMpKSxcbiAgICApO1xuICB9KTtcbn1cblxudGVzdCgnZHJpZnQ6IGFuIG9wZXJhdGlvbiBieSBhbm90aGVyIG5hbWUgaXMgb25lIHJlbW92ZWQgYW5kIG9uZSBhZGRlZDsgdGhlIHNhbWUgZG9jdW1lbnQgaGFzIG5vbmUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGRvY3VtZW50ID0gc3RydWN0dXJlZENsb25lKGhhcmJvdXJEb2N1bWVudCgnaHR0cDovLzEyNy4wLjAuMTo0ODEwJykpIGFzIERvY3VtZW50O1xuICBjb25zdCBiZWZvcmUgPSAoYXdhaXQgcmVhZEpzb24oZG9jdW1lbnQpKS5vcGVyYXRpb25zO1xuICBhc3NlcnQuZGVlcEVxdWFsKGRyaWZ0QmV0d2VlbihiZWZvcmUsIGJlZm9yZSksIFtdKTtcbiAgT2JqZWN0LmFzc2lnbihkb2N1bWVudC5wYXRoc1snL3Zlc3NlbHMve2ltb30nXT8uZ2V0ID8/IHt9LCB7IG9wZXJhdGlvbklkOiAnb25lVmVzc2VsJyB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBkcmlmdEJldHdlZW4oYmVmb3JlLCAoYXdhaXQgcmVhZEpzb24oZG9jdW1lbnQpKS5vcGVyYXRpb25zKS5tYXAoKHsgb3BlcmF0aW9uLCBraW5kIH0pID0+IFtvcGVyYXRpb24sIGtpbmRdKSxcbiAgICBbXG4gICAgICBbJ29uZVZlc3NlbCcsICdhZGRlZCddLFxuICAgICAgWydzaG93VmVzc2VsJywgJ3JlbW92ZWQnXSxcbiAgICBdLFxuICApO1xufSk7XG5cbnRlc3QoJ2xpbmtzOiBieSBuYW1lIGFuZCByZXNvdXJjZSwgYXMgZ3Vlc3Nlczsgd2hhdCB0aGUgZG9jdW1lbnRhdGlvbiBsaW5rcyBpcyBub25lJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBoYXJib3VyID0gYXdhaXQgcmVhZEpzb24oaGFyYm91ckRvY3VtZW50KCdodHRwOi8vMTI3LjAuMC4xOjQ4MTAnKSk7XG4gIGFzc2VydC5kZWVwRXF1YWwobGlua3NPZihoYXJib3VyLm9wZXJhdGlvbignYm9va0NhbGwnKSwgaGFyYm91ci5pbmRleCksIFtcbiAgICB7IG5hbWU6ICdpbW8nLCBvcGVyYXRpb246ICdsaXN0VmVzc2VscycsIHBsYWNlOiAnJC5pdGVtc1sqXS5pbW8nLCBndWVzczogdHJ1ZSB9LFxuICAgIHsgbmFtZTogJ2JlcnRoJywgb3BlcmF0aW9uOiAnbGlzdEJlcnRocycsIHBsYWNlOiAnJC5pdGVtc1sqXS5jb2RlJywgZ3Vlc3M6IHRydWUgfSxcbiAgXSk7XG4gIGNvbnN0IHBpbG90cyA9IGF3YWl0IHJlYWRTb3VyY2UocGlsb3RTY2hlbWEsICdwLmdyYXBocWwnKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChsaW5rc09mKHBpbG90cy5vcGVyYXRpb24oJ3BpbG90JyksIHBpbG90cy5pbmRleClbMF0/LnBsYWNlLCAnJC5kYXRhLnBpbG90cy5lZGdlc1sqXS5ub2RlLmlkJyk7XG4gIGNvbnN0IHN0YXRlZCA9IGF3YWl0IHJlYWRKc29uKHtcbiAgICBvcGVuYXBpOiAnMy4wLjAnLFxuICAgIGluZm86IHt9LFxuICAgIHBhdGhzOiB7XG4gICAgICAnL3F1YXlzJzoge1xuICAgICAgICBwb3N0OiB7XG4gICAgICAgICAgb3BlcmF0aW9uSWQ6ICdtYWtlJyxcbiAgICAgICAgICB0YWdzOiBbJ3EnXSxcbiAgICAgICAgICByZXNwb25zZXM6IHtcbiAgICAgICAgICAgIDIwMToge1xuICAgICAgICAgICAgICBkZXNjcmlwdGlvbjogJycsXG4gICAgICAgICAgICAgIGxpbmtzOiB7IG9uZTogeyBvcGVyYXRpb25JZDogJ29uZScsIHBhcmFtZXRlcnM6IHsgJ3BhdGgucXVheSc6ICckcmVzcG9uc2UuYm9keSMvbnVtYmVyJyB9IH0gfSxcbiAgICAgICAgICAgIH0sXG4gICAgICAgICAgfSxcbiAgICAgICAgfSxcbiAgICAgIH0sXG4gICAgICAnL3F1YXlzL3txdWF5fSc6IHtcbiAgICAgICAgZ2V0OiB7XG4gICAgICAgICAgb3BlcmF0aW9uSWQ6ICdvbmUnLFxuICAgICAgICAgIHRhZ3M6IFsncSddLFxuICAgICAgICAgIHBhcmFtZXRlcnM6IFt7IG5hbWU6ICdxdWF5JywgaW46ICdwYXRoJywgcmVxdWlyZWQ6IHRydWUsIHNjaGVtYTogeyB0eXBlOiAnc3RyaW5nJyB9IH1dLFxuICAgICAgICAgIHJlc3BvbnNlczoge30sXG4gICAgICAgIH0sXG4gICAgICB9LFxuICAgIH0sXG4gIH0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGxpbmtzT2Yoc3RhdGVkLm9wZXJhdGlvbignb25lJyksIHN0YXRlZC5pbmRleCksIFtcbiAgICB7IG5hbWU6ICdxdWF5Jywgb3BlcmF0aW9uOiAnbWFrZScsIHBsYWNlOiAnJC5udW1iZXInLCBndWVzczogZmFsc2UgfSxcbiAgXSk7XG59KTtcblxuY29uc3QgZmllbGQgPSAobW9yZTogUGFydGlhbDxGaWVsZD4pOiBGaWVsZCA9PiAoeyBuYW1lOiAnYScsIHR5cGU6ICdzdHJpbmcnLCByZXF1aXJlZDogZmFsc2UsIC4uLm1vcmUgfSk7XG5jb25zdCB2YWx1ZXM6IHJlYWRvbmx5IChyZWFkb25seSBbdmFsdWU6IHVua25vd24sIGZpZWxkczogcmVhZG9ubHkgRmllbGRbXSwgd2hhdDogcmVhZG9ubHkgc3RyaW5nW11dKVtdID0gW1xuICBbeyBhOiAneCcgfSwgW2ZpZWxkKHt9KV0sIFtdXSxcbiAgW3sgYTogJzEwJyB9LCBbZmllbGQoeyB0eXBlOiAnbnVtYmVyJyB9KV0sIFsnJC5hIGlzIGEgc3RyaW5nLCBkb2N1bWVudGVkIGFzIG51bWJlciddXSxcbiAgW3sgYTogMTAgfSwgW2ZpZWxkKHsgdHlwZTogJ251bWJlcicgfSldLCBbXV0sXG4gIFt7IGE6IDEuNSB9LCBbZmllbGQoeyB0eXBlOiAnaW50ZWdlcicgfSldLCBbJyQuYSBpcyBhIG51bWJlciwgZG9jdW1lbnRlZCBhcyBpbnRlZ2VyJ11dLFxuICBbeyBhOiBudWxsIH0sIFtmaWVsZCh7IHR5cGU6ICdzdHJpbmcgb3IgbnVsbCcgfSldLCBbXV0sXG4gIFt7IGE6IG51bGwgfSwgW2ZpZWxkKHt9KV0sIFsnJC5hIGlzIG51bGwsIGRvY3VtZW50ZWQgYXMgc3RyaW5nJ11dLFxuICBbeyBicnRoOiAxIH0sIFtmaWVsZCh7IG5hbWU6ICdiZXJ0aCcgfSldLCBbJyQuYnJ0aCBpcyBub3QgZG9jdW1lbnRlZDsgZG9jdW1lbnRlZCBpcyBiZXJ0aCddXSxcbiAgW3t9LCBbZmllbGQoeyByZXF1aXJlZDogdHJ1ZSB9KV0sIFsnJC5hIGlzIGRvY3VtZW50ZWQgYXMgcmVxdWlyZWQsIGFuZCBtaXNzaW5nJ11dLFxuICBbeyBhOiAneCcgfSwgW2ZpZWxkKHsgcmVhZE9ubHk6IHRydWUgfSldLCBbJyQuYSBpcyBzZXQgYnkgdGhlIHZlbmRvciwgYW5kIGlzIG5vdCBzZW50J11dLFxuICBbeyBhOiAnYycgfSwgW2ZpZWxkKHsgYWxsb3dlZDogWydhJywgJ2InXSB9KV0sIFsnJC5hIGlzIFwiY1wiLCBkb2N1bWVudGVkIGFyZSBhLCBiJ11dLFxuICBbeyBhOiAxNSB9LCBbZmllbGQoeyB0eXBlOiAnaW50ZWdlcicsIGxpbWl0czogeyAnYXQtbW9zdCc6IDE0IH0gfSldLCBbJyQuYSBpcyAxNSwgZG9jdW1lbnRlZCBpcyBhdCBtb3N0IDE0J11dLFxuICBbeyBhOiBbJ3gnLCAxXSB9LCBbZmllbGQoeyB0eXBlOiAnYXJyYXkgb2Ygb2JqZWN0JywgZmllbGRzOiBbZmllbGQoeyBuYW1lOiAnbicgfSldIH0pXSwgW11dLFxuICBbXG4gICAgeyBhOiBbeyBuOiAxIH1dIH0sXG4gICAgW2ZpZWxkKHsgdHlwZTogJ2FycmF5IG9mIG9iamVjdCcsIGZpZWxkczogW2ZpZWxkKHsgbmFtZTogJ24nIH0pXSB9KV0sXG4gICAgWyckLmFbMF0ubiBpcyBhbiBpbnRlZ2VyLCBkb2N1bWVudGVkIGFzIHN0cmluZyddLFxuICBdLFxuICBbXG4gICAgeyBhOiB7IGs6ICd0JywgczogMSB9IH0sXG4gICAgW1xuICAgICAgZmllbGQoe1xuICAgICAgICB0eXBlOiAnb2JqZWN0JyxcbiAgICAgICAgYWx0ZXJuYXRpdmVzOiBbXG4gICAgICAgICAgeyBuYW1lOiAnRycsIGZpZWxkczogW2ZpZWxkKHsgbmFtZTogJ2snIH0pLCBmaWVsZCh7IG5hbWU6ICd3JywgcmVxdWlyZWQ6IHRydWUgfSldIH0sXG4gICAgICAgICAgeyBuYW1lOiAnVCcsIGZpZWxkczogW2ZpZWxkKHsgbmFtZTogJ2snIH0pLCBmaWVsZCh7IG5hbWU6ICdzJywgdHlwZTogJ2ludGVnZXInIH0pXSB9LFxuICAgICAgICBdLFxuICAgICAgfSksXG4gICAgXSxcbiAgICBbXSxcbiAgXSxcbiAgW3sgYTogMSB9LCBbZmllbGQoeyB0eXBlOiAnSUQhJyB9KV0sIFtdXSxcbiAgW3sgYTogJ3gnIH0sIFtmaWVsZCh7IHR5cGU6ICdJbnQnIH0pXSwgWyckLmEgaXMgYSBzdHJpbmcsIGRvY3VtZW50ZWQgYXMgSW50J11dLFxuICBbeyBhOiBudWxsIH0sIFtmaWVsZCh7IHR5cGU6ICdJbnQhJyB9KV0sIFsnJC5hIGlzIG51bGwsIGRvY3VtZW50ZWQgYXMgSW50ISddXSxcbl07XG5mb3IgKGNvbnN0IFt2YWx1ZSwgZmllbGRzLCB3aGF0XSBvZiB2YWx1ZXMpXG4gIHRlc3QoYCR7SlNPTi5zdHJpbmdpZnkodmFsdWUpfSBhZ2FpbnN0ICR7ZmllbGRzLm1hcCgoeyB0eXBlIH0pID0+IHR5cGUpLmpvaW4oKX06ICR7d2hhdC5qb2luKCkgfHwgJ2ZpdHMnfWAsICgpID0+XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICAgIG1pc21hdGNoZXModmFsdWUsIGZpZWxkcykubWFwKChvbmUpID0+IGAke29uZS5hdH0gJHtvbmUud2hhdH1gKSxcbiAgICAgIHdoYXQsXG4gICAgKSk7XG5cbnRlc3QoJ2FuIG92ZXJsYXkgbWVyZ2VzIGFuZCByZW1vdmVzIGF0IEpTT05QYXRocywgYW5kIGEgYnJva2VuIG9uZSBpcyB0b2xkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBvdmVybGFpZCA9IGFzeW5jIChhY3Rpb25zOiB1bmtub3duKTogUHJvbWlzZTx1bmtub3duPiA9PiB7XG4gICAgY29uc3QgdXJpID0gbWFpbkFkZHJlc3MoJ2EuanNvbicpO1xuICAgIGNvbnN0IG1haW4gPSBhd2FpdCByZWFkUGFydChcbiAgICAgIHVyaSxcbiAgICAgICdhLmpzb24nLFxuICAgICAgJ3tcInBhdGhzXCI6IHtcIi9hXCI6IHtcImdldFwiOiB7XCJzdW1tYXJ5XCI6IFwiQVwiLCBcInRhZ3NcIjogW1wieFwiXX0sIFwicHV0XCI6IHt9fX19JyxcbiAgICApO1xuICAgIGNvbnN0IHRleHQgPSBzdHJpbmdpZnkoeyBvdmVybGF5OiAnMS4wLjAnLCBpbmZvOiB7IHRpdGxlOiAnTm90ZXMnLCB2ZXJzaW9uOiAnMScgfSwgYWN0aW9ucyB9KTtcbiAgICByZXR1cm4gKGF3YWl0IHdpdGhPdmVybGF5KHsgbWFpbiwgcGFydHM6IG5ldyBNYXAoW1t1cmksIG1haW5dXSkgfSwgdGV4dCwgJ2RvY3MvYS5vdmVybGF5LnlhbWwnKSkubWFpbi5jb250ZW50O1xuICB9O1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIGF3YWl0IG92ZXJsYWlkKFtcbiAgICAgIHsgdGFyZ2V0OiAnJC5wYXRoc1tcIi9hXCJdLmdldCcsIHVwZGF0ZTogeyBzdW1tYXJ5OiAnT3VycycsIHRhZ3M6IFsneSddLCAneC1ub3RlJzogdHJ1ZSB9IH0sXG4gICAgICB7IHRhcmdldDogJyQucGF0aHNbXCIvYVwiXS5wdXQnLCByZW1vdmU6IHRydWUgfSxcbiAgICBdKSxcbiAgICB7IHBhdGhzOiB7ICcvYSc6IHsgZ2V0OiB7IHN1bW1hcnk6ICdPdXJzJywgdGFnczogWyd4JywgJ3knXSwgJ3gtbm90ZSc6IHRydWUgfSB9IH0gfSxcbiAgKTtcbiAgYXdhaXQgYXNzZXJ0LnJlamVjdHMob3ZlcmxhaWQoW3sgdGFyZ2V0OiAnJFsnLCB1cGRhdGU6IHt9IH1dKSwgL0pTT05QYXRofHBsYWNlfFxcJFxcWy8pO1xuICBhd2FpdCBhc3NlcnQucmVqZWN0cyhvdmVybGFpZCgnc29vbicpLCAvbm90IGFuIE9wZW5BUEkgT3ZlcmxheS8pO1xufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsaUJBQWlCO0FBYTFCLElBQU0sV0FBc0Y7QUFBQSxFQUMxRixDQUFDLDJCQUEyQixDQUFDLEVBQUUsR0FBRyxFQUFFLEdBQUcsRUFBRSxHQUFHLElBQUksQ0FBQyxHQUFHLENBQUMsQ0FBQyxLQUFLLFVBQVUsSUFBSSxDQUFDLENBQUM7QUFBQSxFQUMzRTtBQUFBLElBQ0U7QUFBQSxJQUNBLENBQUMsRUFBRSxHQUFHLEdBQUcsR0FBRyxJQUFJLEdBQUcsRUFBRSxHQUFHLEVBQUUsQ0FBQztBQUFBLElBQzNCO0FBQUEsTUFDRSxDQUFDLEtBQUssV0FBVyxJQUFJO0FBQUEsTUFDckIsQ0FBQyxLQUFLLFVBQVUsS0FBSztBQUFBLElBQ3ZCO0FBQUEsRUFDRjtBQUFBLEVBQ0EsQ0FBQyxzQkFBc0IsQ0FBQyxFQUFFLEdBQUcsS0FBSyxHQUFHLEVBQUUsR0FBRyxJQUFJLENBQUMsR0FBRyxDQUFDLENBQUMsS0FBSyxrQkFBa0IsSUFBSSxDQUFDLENBQUM7QUFBQSxFQUNqRjtBQUFBLElBQ0U7QUFBQSxJQUNBLENBQUMsRUFBRSxHQUFHLGNBQWMsR0FBRyx1QkFBdUIsQ0FBQztBQUFBLElBQy9DO0FBQUEsTUFDRSxDQUFDLEtBQUssaUJBQWlCLElBQUk7QUFBQSxNQUMzQixDQUFDLEtBQUssc0JBQXNCLElBQUk7QUFBQSxJQUNsQztBQUFBLEVBQ0Y7QUFBQSxFQUNBLENBQUMscUJBQXFCLENBQUMsRUFBRSxHQUFHLGFBQWEsR0FBRyxFQUFFLEdBQUcsT0FBTyxDQUFDLEdBQUcsQ0FBQyxDQUFDLEtBQUssVUFBVSxJQUFJLENBQUMsQ0FBQztBQUFBLEVBQ25GLENBQUMsb0NBQW9DLENBQUMsRUFBRSxHQUFHLENBQUMsRUFBRSxHQUFHLEVBQUUsR0FBRyxDQUFDLENBQUMsRUFBRSxDQUFDLEdBQUcsQ0FBQyxDQUFDLEtBQUssb0JBQW9CLElBQUksQ0FBQyxDQUFDO0FBQUEsRUFDL0YsQ0FBQyxtQkFBbUIsQ0FBQyxDQUFDLEVBQUUsR0FBRyxLQUFLLEdBQUcsQ0FBQyxDQUFDLENBQUMsR0FBRyxDQUFDLENBQUMsS0FBSyxXQUFXLEtBQUssQ0FBQyxDQUFDO0FBQ3BFO0FBQ0EsV0FBVyxDQUFDLE1BQU0sU0FBUyxNQUFNLEtBQUs7QUFDcEMsT0FBSyxhQUFhLElBQUksSUFBSSxNQUN4QixPQUFPO0FBQUEsSUFDTCxZQUFZLE9BQU8sRUFBRSxJQUFJLENBQUMsRUFBRSxNQUFNLEtBQUssTUFBTSxTQUFTLE1BQU0sQ0FBQyxLQUFLLE1BQU0sUUFBUSxDQUFDO0FBQUEsSUFDakY7QUFBQSxFQUNGLENBQUM7QUFFTCxJQUFNLFdBQVcsQ0FBQyxNQUFjLFFBQWdCLE9BQU8sT0FDckQsR0FBRyxTQUFTLEtBQUssUUFBUSxNQUFNLElBQUksSUFBSTtBQUFBO0FBQUE7QUFBQSxFQUF5QyxJQUFJO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQSxFQUEwRCxLQUFLLFVBQVUsTUFBTSxDQUFDO0FBQUE7QUFFdEssS0FBSyw0R0FBNEcsWUFBWTtBQUMzSCxRQUFNLFVBQVU7QUFBQSxJQUNkLG1CQUFtQixTQUFTLGlDQUFpQyxFQUFFLEtBQUssV0FBVyxNQUFNLGFBQWEsQ0FBQyxHQUFHLEdBQUc7QUFBQSxJQUN6RyxtQkFBbUIsU0FBUyx1QkFBdUIsRUFBRSxLQUFLLFdBQVcsTUFBTSxjQUFjLE1BQU0sS0FBSyxDQUFDLEdBQUcsR0FBRztBQUFBLElBQzNHLG1CQUFtQixTQUFTLHdCQUF3QixFQUFFLElBQUksS0FBSyxDQUFDLEdBQUcsR0FBRztBQUFBLElBQ3RFLG1CQUFtQixTQUFTLGFBQWEsRUFBRSxJQUFJLEVBQUUsR0FBRyxpQkFBaUIsR0FBRyxHQUFHO0FBQUEsRUFDN0U7QUFDQSxRQUFNLEVBQUUsV0FBVyxJQUFJLE1BQU0sV0FBVyxLQUFLLFVBQVUsRUFBRSxRQUFRLENBQUMsR0FBRyxjQUFjO0FBQ25GLFNBQU87QUFBQSxJQUNMLFdBQVcsSUFBSSxDQUFDLEVBQUUsUUFBUSxNQUFNLFVBQVUsTUFBTSxDQUFDLFFBQVEsTUFBTSxTQUFTLENBQUM7QUFBQSxJQUN6RTtBQUFBLE1BQ0UsQ0FBQyxPQUFPLHFCQUFxQixPQUFPO0FBQUEsTUFDcEMsQ0FBQyxPQUFPLCtCQUErQixPQUFPO0FBQUEsTUFDOUMsQ0FBQyxRQUFRLGFBQWEsT0FBTztBQUFBLElBQy9CO0FBQUEsRUFDRjtBQUNBLFFBQU0sQ0FBQyxTQUFTLEVBQUUsS0FBSyxJQUFJO0FBQzNCLFNBQU87QUFBQSxJQUNMLFNBQVMsV0FBVyxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sVUFBVSxJQUFJLE1BQU0sTUFBTSxDQUFDLE9BQU8sTUFBTSxNQUFNLFFBQVEsQ0FBQztBQUFBLElBQzlGO0FBQUEsTUFDRSxDQUFDLFFBQVEsT0FBTyxXQUFXLElBQUk7QUFBQSxNQUMvQixDQUFDLFNBQVMsUUFBUSxXQUFXLEtBQUs7QUFBQSxJQUNwQztBQUFBLEVBQ0Y7QUFDQSxTQUFPLE1BQU0sU0FBUyxRQUFRLENBQUMsR0FBRyxTQUFTLE9BQU8sS0FBSyxDQUFDLEVBQUUsS0FBSyxNQUFNLFNBQVMsTUFBTSxHQUFHLFVBQVUsS0FBSztBQUN0RyxTQUFPO0FBQUEsSUFDTCxPQUFPLE1BQU0sT0FBTyxJQUFJLENBQUMsRUFBRSxLQUFLLE1BQU0sSUFBSTtBQUFBLElBQzFDLENBQUMsTUFBTTtBQUFBLEVBQ1Q7QUFDRixDQUFDO0FBRUQsS0FBSyx5Q0FBeUMsTUFDNUMsT0FBTyxPQUFPLE1BQU0sbUJBQW1CLFVBQVUsR0FBRyxHQUFHLCtCQUErQixDQUFDO0FBTXpGLElBQU0sVUFLQztBQUFBLEVBQ0w7QUFBQSxJQUNFO0FBQUEsSUFDQSxDQUFDLEVBQUUsV0FBVyxNQUFNLFdBQVcsUUFBUSxhQUFhLFNBQVMsS0FBSyxPQUFPO0FBQUEsSUFDekU7QUFBQSxJQUNBLENBQUMsQ0FBQyxjQUFjLGtCQUFrQixJQUFJLENBQUM7QUFBQSxFQUN6QztBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQSxDQUFDLEVBQUUsV0FBVyxNQUNaLE9BQU8sT0FBTyxXQUFXLFFBQVEsYUFBYSxXQUFXLFNBQVMsQ0FBQyxHQUFHLEVBQUUsTUFBTSxDQUFDLFNBQVMsT0FBTyxFQUFFLENBQUM7QUFBQSxJQUNwRztBQUFBLElBQ0E7QUFBQSxNQUNFLENBQUMsY0FBYyxZQUFZLElBQUk7QUFBQSxNQUMvQixDQUFDLG9CQUFvQixZQUFZLEtBQUs7QUFBQSxJQUN4QztBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0EsQ0FBQyxFQUFFLFdBQVcsTUFDWixPQUFPLE9BQU8sV0FBVyxRQUFRLGFBQWEsV0FBVyxTQUFTLENBQUMsR0FBRztBQUFBLE1BQ3BFLE1BQU0sQ0FBQyxTQUFTLFVBQVUsU0FBUyxNQUFNO0FBQUEsSUFDM0MsQ0FBQztBQUFBLElBQ0g7QUFBQSxJQUNBO0FBQUEsTUFDRSxDQUFDLGNBQWMsV0FBVyxLQUFLO0FBQUEsTUFDL0IsQ0FBQyxvQkFBb0IsV0FBVyxJQUFJO0FBQUEsSUFDdEM7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBLENBQUMsRUFBRSxXQUFXLE1BQU0sT0FBTyxPQUFPLFdBQVcsUUFBUSxRQUFRLFdBQVcsVUFBVSxDQUFDLEdBQUcsRUFBRSxNQUFNLFNBQVMsQ0FBQztBQUFBLElBQ3hHO0FBQUEsSUFDQSxDQUFDLENBQUMscUJBQXFCLFdBQVcsSUFBSSxDQUFDO0FBQUEsRUFDekM7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0EsQ0FBQyxFQUFFLFdBQVcsTUFBTSxPQUFPLFdBQVcsUUFBUSxRQUFRLFdBQVc7QUFBQSxJQUNqRTtBQUFBLElBQ0EsQ0FBQyxDQUFDLG1CQUFtQixXQUFXLElBQUksQ0FBQztBQUFBLEVBQ3ZDO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBLENBQUMsRUFBRSxNQUFNLE1BQU0sT0FBTyxPQUFPLE1BQU0sZ0JBQWdCLEdBQUcsT0FBTyxDQUFDLEdBQUcsRUFBRSxZQUFZLEtBQUssQ0FBQztBQUFBLElBQ3JGO0FBQUEsSUFDQSxDQUFDLENBQUMsYUFBYSxXQUFXLEtBQUssQ0FBQztBQUFBLEVBQ2xDO0FBQ0Y7QUFDQSxXQUFXLENBQUMsTUFBTSxRQUFRLElBQUksS0FBSyxLQUFLLFNBQVM7QUFDL0MsT0FBSyxVQUFVLElBQUksSUFBSSxZQUFZO0FBQ2pDLFVBQU0sV0FBVyxnQkFBZ0IsZ0JBQWdCLHVCQUF1QixDQUFDO0FBQ3pFLFVBQU0sVUFBVSxNQUFNLFNBQVMsUUFBUSxHQUFHO0FBQzFDLFdBQU8sUUFBUTtBQUNmLFVBQU0sUUFBUSxhQUFhLFNBQVMsTUFBTSxTQUFTLFFBQVEsR0FBRyxVQUFVLEVBQUUsS0FBSyxDQUFDLFFBQVEsSUFBSSxjQUFjLEVBQUU7QUFDNUcsV0FBTztBQUFBLE1BQ0wsT0FBTyxPQUFPLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxDQUFDLFdBQVcsS0FBSyxJQUFJLENBQUMsRUFBRSxJQUFJLENBQUMsRUFBRSxJQUFJLE1BQU0sT0FBTyxNQUFNLENBQUMsSUFBSSxNQUFNLE1BQU0sQ0FBQztBQUFBLE1BQzNHO0FBQUEsTUFDQSxLQUFLLFVBQVUsT0FBTyxLQUFLLFNBQVMsV0FBVyxPQUFPLENBQUM7QUFBQSxJQUN6RDtBQUFBLEVBQ0YsQ0FBQztBQUNIO0FBRUEsS0FBSyxnR0FBZ0csWUFBWTtBQUMvRyxRQUFNLFdBQVcsZ0JBQWdCLGdCQUFnQix1QkFBdUIsQ0FBQztBQUN6RSxRQUFNLFVBQVUsTUFBTSxTQUFTLFFBQVEsR0FBRztBQUMxQyxTQUFPLFVBQVUsYUFBYSxRQUFRLE1BQU0sR0FBRyxDQUFDLENBQUM7QUFDakQsU0FBTyxPQUFPLFNBQVMsTUFBTSxnQkFBZ0IsR0FBRyxPQUFPLENBQUMsR0FBRyxFQUFFLGFBQWEsWUFBWSxDQUFDO0FBQ3ZGLFNBQU87QUFBQSxJQUNMLGFBQWEsU0FBUyxNQUFNLFNBQVMsUUFBUSxHQUFHLFVBQVUsRUFBRSxJQUFJLENBQUMsRUFBRSxXQUFXLEtBQUssTUFBTSxDQUFDLFdBQVcsSUFBSSxDQUFDO0FBQUEsSUFDMUc7QUFBQSxNQUNFLENBQUMsYUFBYSxPQUFPO0FBQUEsTUFDckIsQ0FBQyxjQUFjLFNBQVM7QUFBQSxJQUMxQjtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsS0FBSyxpRkFBaUYsWUFBWTtBQUNoRyxRQUFNLFVBQVUsTUFBTSxTQUFTLGdCQUFnQix1QkFBdUIsQ0FBQztBQUN2RSxTQUFPLFVBQVUsUUFBUSxRQUFRLFVBQVUsVUFBVSxHQUFHLFFBQVEsS0FBSyxHQUFHO0FBQUEsSUFDdEUsRUFBRSxNQUFNLE9BQU8sV0FBVyxlQUFlLE9BQU8sa0JBQWtCLE9BQU8sS0FBSztBQUFBLElBQzlFLEVBQUUsTUFBTSxTQUFTLFdBQVcsY0FBYyxPQUFPLG1CQUFtQixPQUFPLEtBQUs7QUFBQSxFQUNsRixDQUFDO0FBQ0QsUUFBTSxTQUFTLE1BQU0sV0FBVyxhQUFhLFdBQVc7QUFDeEQsU0FBTyxVQUFVLFFBQVEsT0FBTyxVQUFVLE9BQU8sR0FBRyxPQUFPLEtBQUssRUFBRSxDQUFDLEdBQUcsT0FBTyxnQ0FBZ0M7QUFDN0csUUFBTSxTQUFTLE1BQU0sU0FBUztBQUFBLElBQzVCLFNBQVM7QUFBQSxJQUNULE1BQU0sQ0FBQztBQUFBLElBQ1AsT0FBTztBQUFBLE1BQ0wsVUFBVTtBQUFBLFFBQ1IsTUFBTTtBQUFBLFVBQ0osYUFBYTtBQUFBLFVBQ2IsTUFBTSxDQUFDLEdBQUc7QUFBQSxVQUNWLFdBQVc7QUFBQSxZQUNULEtBQUs7QUFBQSxjQUNILGFBQWE7QUFBQSxjQUNiLE9BQU8sRUFBRSxLQUFLLEVBQUUsYUFBYSxPQUFPLFlBQVksRUFBRSxhQUFhLHlCQUF5QixFQUFFLEVBQUU7QUFBQSxZQUM5RjtBQUFBLFVBQ0Y7QUFBQSxRQUNGO0FBQUEsTUFDRjtBQUFBLE1BQ0EsaUJBQWlCO0FBQUEsUUFDZixLQUFLO0FBQUEsVUFDSCxhQUFhO0FBQUEsVUFDYixNQUFNLENBQUMsR0FBRztBQUFBLFVBQ1YsWUFBWSxDQUFDLEVBQUUsTUFBTSxRQUFRLElBQUksUUFBUSxVQUFVLE1BQU0sUUFBUSxFQUFFLE1BQU0sU0FBUyxFQUFFLENBQUM7QUFBQSxVQUNyRixXQUFXLENBQUM7QUFBQSxRQUNkO0FBQUEsTUFDRjtBQUFBLElBQ0Y7QUFBQSxFQUNGLENBQUM7QUFDRCxTQUFPLFVBQVUsUUFBUSxPQUFPLFVBQVUsS0FBSyxHQUFHLE9BQU8sS0FBSyxHQUFHO0FBQUEsSUFDL0QsRUFBRSxNQUFNLFFBQVEsV0FBVyxRQUFRLE9BQU8sWUFBWSxPQUFPLE1BQU07QUFBQSxFQUNyRSxDQUFDO0FBQ0gsQ0FBQztBQUVELElBQU0sUUFBUSxDQUFDLFVBQWlDLEVBQUUsTUFBTSxLQUFLLE1BQU0sVUFBVSxVQUFVLE9BQU8sR0FBRyxLQUFLO0FBQ3RHLElBQU0sU0FBb0c7QUFBQSxFQUN4RyxDQUFDLEVBQUUsR0FBRyxJQUFJLEdBQUcsQ0FBQyxNQUFNLENBQUMsQ0FBQyxDQUFDLEdBQUcsQ0FBQyxDQUFDO0FBQUEsRUFDNUIsQ0FBQyxFQUFFLEdBQUcsS0FBSyxHQUFHLENBQUMsTUFBTSxFQUFFLE1BQU0sU0FBUyxDQUFDLENBQUMsR0FBRyxDQUFDLHVDQUF1QyxDQUFDO0FBQUEsRUFDcEYsQ0FBQyxFQUFFLEdBQUcsR0FBRyxHQUFHLENBQUMsTUFBTSxFQUFFLE1BQU0sU0FBUyxDQUFDLENBQUMsR0FBRyxDQUFDLENBQUM7QUFBQSxFQUMzQyxDQUFDLEVBQUUsR0FBRyxJQUFJLEdBQUcsQ0FBQyxNQUFNLEVBQUUsTUFBTSxVQUFVLENBQUMsQ0FBQyxHQUFHLENBQUMsd0NBQXdDLENBQUM7QUFBQSxFQUNyRixDQUFDLEVBQUUsR0FBRyxLQUFLLEdBQUcsQ0FBQyxNQUFNLEVBQUUsTUFBTSxpQkFBaUIsQ0FBQyxDQUFDLEdBQUcsQ0FBQyxDQUFDO0FBQUEsRUFDckQsQ0FBQyxFQUFFLEdBQUcsS0FBSyxHQUFHLENBQUMsTUFBTSxDQUFDLENBQUMsQ0FBQyxHQUFHLENBQUMsbUNBQW1DLENBQUM7QUFBQSxFQUNoRSxDQUFDLEVBQUUsTUFBTSxFQUFFLEdBQUcsQ0FBQyxNQUFNLEVBQUUsTUFBTSxRQUFRLENBQUMsQ0FBQyxHQUFHLENBQUMsK0NBQStDLENBQUM7QUFBQSxFQUMzRixDQUFDLENBQUMsR0FBRyxDQUFDLE1BQU0sRUFBRSxVQUFVLEtBQUssQ0FBQyxDQUFDLEdBQUcsQ0FBQyw0Q0FBNEMsQ0FBQztBQUFBLEVBQ2hGLENBQUMsRUFBRSxHQUFHLElBQUksR0FBRyxDQUFDLE1BQU0sRUFBRSxVQUFVLEtBQUssQ0FBQyxDQUFDLEdBQUcsQ0FBQywyQ0FBMkMsQ0FBQztBQUFBLEVBQ3ZGLENBQUMsRUFBRSxHQUFHLElBQUksR0FBRyxDQUFDLE1BQU0sRUFBRSxTQUFTLENBQUMsS0FBSyxHQUFHLEVBQUUsQ0FBQyxDQUFDLEdBQUcsQ0FBQyxpQ0FBaUMsQ0FBQztBQUFBLEVBQ2xGLENBQUMsRUFBRSxHQUFHLEdBQUcsR0FBRyxDQUFDLE1BQU0sRUFBRSxNQUFNLFdBQVcsUUFBUSxFQUFFLFdBQVcsR0FBRyxFQUFFLENBQUMsQ0FBQyxHQUFHLENBQUMscUNBQXFDLENBQUM7QUFBQSxFQUM1RyxDQUFDLEVBQUUsR0FBRyxDQUFDLEtBQUssQ0FBQyxFQUFFLEdBQUcsQ0FBQyxNQUFNLEVBQUUsTUFBTSxtQkFBbUIsUUFBUSxDQUFDLE1BQU0sRUFBRSxNQUFNLElBQUksQ0FBQyxDQUFDLEVBQUUsQ0FBQyxDQUFDLEdBQUcsQ0FBQyxDQUFDO0FBQUEsRUFDMUY7QUFBQSxJQUNFLEVBQUUsR0FBRyxDQUFDLEVBQUUsR0FBRyxFQUFFLENBQUMsRUFBRTtBQUFBLElBQ2hCLENBQUMsTUFBTSxFQUFFLE1BQU0sbUJBQW1CLFFBQVEsQ0FBQyxNQUFNLEVBQUUsTUFBTSxJQUFJLENBQUMsQ0FBQyxFQUFFLENBQUMsQ0FBQztBQUFBLElBQ25FLENBQUMsOENBQThDO0FBQUEsRUFDakQ7QUFBQSxFQUNBO0FBQUEsSUFDRSxFQUFFLEdBQUcsRUFBRSxHQUFHLEtBQUssR0FBRyxFQUFFLEVBQUU7QUFBQSxJQUN0QjtBQUFBLE1BQ0UsTUFBTTtBQUFBLFFBQ0osTUFBTTtBQUFBLFFBQ04sY0FBYztBQUFBLFVBQ1osRUFBRSxNQUFNLEtBQUssUUFBUSxDQUFDLE1BQU0sRUFBRSxNQUFNLElBQUksQ0FBQyxHQUFHLE1BQU0sRUFBRSxNQUFNLEtBQUssVUFBVSxLQUFLLENBQUMsQ0FBQyxFQUFFO0FBQUEsVUFDbEYsRUFBRSxNQUFNLEtBQUssUUFBUSxDQUFDLE1BQU0sRUFBRSxNQUFNLElBQUksQ0FBQyxHQUFHLE1BQU0sRUFBRSxNQUFNLEtBQUssTUFBTSxVQUFVLENBQUMsQ0FBQyxFQUFFO0FBQUEsUUFDckY7QUFBQSxNQUNGLENBQUM7QUFBQSxJQUNIO0FBQUEsSUFDQSxDQUFDO0FBQUEsRUFDSDtBQUFBLEVBQ0EsQ0FBQyxFQUFFLEdBQUcsRUFBRSxHQUFHLENBQUMsTUFBTSxFQUFFLE1BQU0sTUFBTSxDQUFDLENBQUMsR0FBRyxDQUFDLENBQUM7QUFBQSxFQUN2QyxDQUFDLEVBQUUsR0FBRyxJQUFJLEdBQUcsQ0FBQyxNQUFNLEVBQUUsTUFBTSxNQUFNLENBQUMsQ0FBQyxHQUFHLENBQUMsb0NBQW9DLENBQUM7QUFBQSxFQUM3RSxDQUFDLEVBQUUsR0FBRyxLQUFLLEdBQUcsQ0FBQyxNQUFNLEVBQUUsTUFBTSxPQUFPLENBQUMsQ0FBQyxHQUFHLENBQUMsaUNBQWlDLENBQUM7QUFDOUU7QUFDQSxXQUFXLENBQUMsT0FBTyxRQUFRLElBQUksS0FBSztBQUNsQyxPQUFLLEdBQUcsS0FBSyxVQUFVLEtBQUssQ0FBQyxZQUFZLE9BQU8sSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUksRUFBRSxLQUFLLENBQUMsS0FBSyxLQUFLLEtBQUssS0FBSyxNQUFNLElBQUksTUFDMUcsT0FBTztBQUFBLElBQ0wsV0FBVyxPQUFPLE1BQU0sRUFBRSxJQUFJLENBQUMsUUFBUSxHQUFHLElBQUksRUFBRSxJQUFJLElBQUksSUFBSSxFQUFFO0FBQUEsSUFDOUQ7QUFBQSxFQUNGLENBQUM7QUFFTCxLQUFLLHdFQUF3RSxZQUFZO0FBQ3ZGLFFBQU0sV0FBVyxPQUFPLFlBQXVDO0FBQzdELFVBQU0sTUFBTSxZQUFZLFFBQVE7QUFDaEMsVUFBTSxPQUFPLE1BQU07QUFBQSxNQUNqQjtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUNBLFVBQU0sT0FBTyxVQUFVLEVBQUUsU0FBUyxTQUFTLE1BQU0sRUFBRSxPQUFPLFNBQVMsU0FBUyxJQUFJLEdBQUcsUUFBUSxDQUFDO0FBQzVGLFlBQVEsTUFBTSxZQUFZLEVBQUUsTUFBTSxPQUFPLG9CQUFJLElBQUksQ0FBQyxDQUFDLEtBQUssSUFBSSxDQUFDLENBQUMsRUFBRSxHQUFHLE1BQU0scUJBQXFCLEdBQUcsS0FBSztBQUFBLEVBQ3hHO0FBQ0EsU0FBTztBQUFBLElBQ0wsTUFBTSxTQUFTO0FBQUEsTUFDYixFQUFFLFFBQVEscUJBQXFCLFFBQVEsRUFBRSxTQUFTLFFBQVEsTUFBTSxDQUFDLEdBQUcsR0FBRyxVQUFVLEtBQUssRUFBRTtBQUFBLE1BQ3hGLEVBQUUsUUFBUSxxQkFBcUIsUUFBUSxLQUFLO0FBQUEsSUFDOUMsQ0FBQztBQUFBLElBQ0QsRUFBRSxPQUFPLEVBQUUsTUFBTSxFQUFFLEtBQUssRUFBRSxTQUFTLFFBQVEsTUFBTSxDQUFDLEtBQUssR0FBRyxHQUFHLFVBQVUsS0FBSyxFQUFFLEVBQUUsRUFBRTtBQUFBLEVBQ3BGO0FBQ0EsUUFBTSxPQUFPLFFBQVEsU0FBUyxDQUFDLEVBQUUsUUFBUSxNQUFNLFFBQVEsQ0FBQyxFQUFFLENBQUMsQ0FBQyxHQUFHLHFCQUFxQjtBQUNwRixRQUFNLE9BQU8sUUFBUSxTQUFTLE1BQU0sR0FBRyx3QkFBd0I7QUFDakUsQ0FBQzsiLAogICJuYW1lcyI6IFtdCn0K
