import {
  findOperations
} from "../../parts/chunk-YVTQULGW.js";
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
import {
  limitsText
} from "../../parts/chunk-CCGHMHEK.js";
import "../../parts/chunk-VDPV4SN2.js";
import "../../parts/chunk-FSYFZ44W.js";
import "../../parts/chunk-VVIFMYK7.js";
import "../../parts/chunk-7DIEYAMQ.js";
import "../../parts/chunk-HJ67CAUM.js";
import "../../parts/chunk-EJ3MTJ5C.js";
import {
  harbourDocument
} from "../../parts/chunk-PT2BEWRF.js";
import {
  asJsonSchema
} from "../../parts/chunk-2P5QH4SA.js";
import "../../parts/chunk-M6H7XQX2.js";
import "../../parts/chunk-OQREOMES.js";
import "../../parts/chunk-2RJTCR3G.js";
import "../../parts/chunk-JFRZJ6A5.js";
import "../../parts/chunk-IQWA53IU.js";
import "../../parts/chunk-PACVB44P.js";
import "../../parts/chunk-ZC7SUIQQ.js";
import "../../parts/chunk-FSPVDUAZ.js";
import "../../parts/chunk-RABAPZK5.js";
import "../../parts/chunk-XGDOGID3.js";

// test/core/documentation/openapi.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
import { parse } from "yaml";
var harbour = harbourDocument("http://127.0.0.1:4810");
test("every operation of the harbour is read, counted without the reader", async () => {
  const { paths } = harbour;
  const methods = /* @__PURE__ */ new Set(["get", "put", "post", "patch", "delete"]);
  const counted = Object.values(paths).flatMap((item) => Object.keys(item).filter((key) => methods.has(key)));
  const { operations, documentation } = await readJson(harbour);
  const { warnings, format, version, title } = documentation;
  assert.equal(operations.length, counted.length);
  assert.deepEqual(warnings, []);
  assert.deepEqual([format, version, title], ["OpenAPI", "3.1.0", "Larkhaven Harbour"]);
});
test("an operation has its parts: parameters, body fields, answers, authentication, path behind the origin", async () => {
  const { operation } = await readJson(harbour);
  const book = operation("bookCall");
  assert.deepEqual(
    [book.method, book.path, book.group, book.changes],
    ["POST", "/v1/vessels/{imo}/calls", "calls", true]
  );
  assert.deepEqual(
    book.parameters.map(({ name, in: where, required, limits }) => [name, where, required, limits?.matches]),
    [["imo", "path", true, "^[0-9]{7}$"]]
  );
  const nights = book.body?.fields.find(({ name }) => name === "nights");
  assert.deepEqual(
    [nights?.type, nights?.required, nights?.default, nights && limitsText(nights)],
    ["integer", true, void 0, "1 to 14"]
  );
  const notify = book.body?.fields.find(({ name }) => name === "notify");
  assert.deepEqual(
    [notify?.type, notify?.allowed, notify && limitsText(notify)],
    ["array of string", ["agent", "pilot", "customs"], "agent | pilot | customs, at most 3 items, no item twice"]
  );
  assert.deepEqual(book.answers.map(({ status }) => status).sort(), ["201", "401", "404", "409", "422"]);
  const made = book.answers.find(({ status }) => status === "201");
  assert.equal(made?.content?.fields.find(({ name }) => name === "id")?.readOnly, true);
  assert.equal(made?.content?.documentedExample, true);
  assert.deepEqual(
    made?.headers.map(({ name }) => name),
    ["Location"]
  );
  assert.deepEqual(
    book.security.map(({ schemes }) => schemes.map(({ name }) => name)),
    [["deskToken"]]
  );
  assert.deepEqual(operation("logIn").security, []);
});
test("YAML and JSON give the same", async () => {
  const yaml = 'openapi: 3.0.3\ninfo: {title: T, version: "1"}\npaths:\n  /a: {get: {operationId: a, responses: {200: {description: ok}}}}\n';
  const json = {
    openapi: "3.0.3",
    info: { title: "T", version: "1" },
    paths: { "/a": { get: { operationId: "a", responses: { 200: { description: "ok" } } } } }
  };
  const [one, other] = [await readSource(yaml, "x.yaml"), await readSource(JSON.stringify(json), "x.json")];
  assert.deepEqual(one.operations, other.operations);
  assert.equal(one.operations.length, 1);
});
var document30 = {
  openapi: "3.0.1",
  info: { title: "Lights", version: "1" },
  servers: [{ url: "https://{region}.larkhaven.example/lights/", variables: { region: { default: "north" } } }],
  components: {
    parameters: {
      Page: { name: "page", in: "query", schema: { type: "integer", minimum: 0, exclusiveMinimum: true } }
    },
    schemas: {
      Light: {
        allOf: [
          { $ref: "#/components/schemas/Thing" },
          {
            type: "object",
            required: ["colour"],
            properties: {
              colour: { type: "string", enum: ["red", "green"], nullable: true },
              neighbours: { type: "array", items: { $ref: "#/components/schemas/Light" } }
            }
          }
        ]
      },
      Thing: { type: "object", required: ["id"], properties: { id: { type: "string", readOnly: true } } },
      Loop: { $ref: "#/components/schemas/Loop" }
    },
    securitySchemes: { key: { type: "apiKey", in: "header", name: "X-Key" } }
  },
  paths: {
    "/lights/{id}": {
      get: {
        parameters: [{ $ref: "#/components/parameters/Page" }],
        security: [{ key: [] }, {}],
        responses: {
          "2XX": {
            description: "ok",
            content: { "application/json": { schema: { $ref: "#/components/schemas/Light" } } }
          }
        }
      },
      put: {
        requestBody: { content: { "application/json": { schema: { $ref: "#/components/schemas/Light" } } } },
        responses: {}
      }
    }
  }
};
test("OpenAPI 3.0: allOf, nullable, boolean limits, recursion, optional authentication, server variables", async () => {
  const { documentation, operation } = await readJson(document30);
  const show = operation("get-lights-id");
  assert.equal(show.path, "/lights/lights/{id}");
  assert.deepEqual(show.security, []);
  const page = show.parameters.find(({ name }) => name === "page");
  assert.equal(page && limitsText(page), "over 0");
  const fields = show.answers[0]?.content?.fields ?? [];
  assert.deepEqual(
    fields.map(({ name, required }) => [name, required]),
    [
      ["id", true],
      ["colour", true],
      ["neighbours", false]
    ]
  );
  assert.equal(fields[1]?.type, "string or null");
  assert.equal(fields[2]?.recursive, "Light");
  assert.deepEqual(
    asJsonSchema(documentation.definitions.get("#/components/schemas/Light")).allOf[1]?.properties.colour,
    {
      type: ["string", "null"],
      enum: ["red", "green", null]
    }
  );
  assert.deepEqual(
    documentation.warnings.map(({ what }) => what),
    ["the path parameter id is not described", "the path parameter id is not described"]
  );
});
var faults = [
  [
    "a dangling $ref",
    { "/a": { get: { parameters: [{ $ref: "#/components/parameters/No" }], responses: {} } } },
    /leads nowhere/,
    1
  ],
  [
    "a $ref to another file",
    { "/a": { get: { parameters: [{ $ref: "other.yaml#/x" }], responses: {} } } },
    /was not read/,
    1
  ],
  [
    "a $ref that leads to itself",
    { "/a": { get: { responses: { 200: { $ref: "#/paths/~1a/get/responses/200" } } } } },
    /back to itself/,
    1
  ],
  [
    "an operationId that stands twice",
    { "/a": { get: { operationId: "x", responses: {} }, put: { operationId: "x", responses: {} } } },
    /stands twice/,
    2
  ],
  ["an operation that is a text", { "/a": { get: "soon", put: { responses: {} } } }, /not a map/, 1],
  ["a path that is a list", { "/a": [], "/b": { get: { responses: {} } } }, /not a map of methods/, 1],
  ["a parameter without a name", { "/a": { get: { parameters: [{ in: "query" }], responses: {} } } }, /no name/, 1],
  ["answers that are a list", { "/a": { get: { responses: [] } } }, /answers are not a map/, 1]
];
for (const [name, paths, warns, left] of faults) {
  test(`${name} loses only itself`, async () => {
    const { operations, documentation } = await readJson({ openapi: "3.1.0", info: {}, paths });
    const { warnings } = documentation;
    assert.equal(operations.length, left);
    assert.ok(
      warnings.some(({ what, at }) => warns.test(what) && at.startsWith("/")),
      JSON.stringify(warnings)
    );
  });
}
var unusable = [
  ["other JSON", '{"name": "x"}', /known format/],
  ["broken JSON", '{"openapi": "3.1.0",\n "paths": }', /well-formed JSON/],
  ["broken YAML", "openapi: 3.1.0\npaths: {a: [}\n", /well-formed YAML/],
  ["an older version", '{"swagger": "1.2", "paths": {}}', /OpenAPI 1.2 is not read/],
  ["paths of the wrong type", '{"openapi": "3.1.0", "paths": []}', /paths are not a map/],
  ["nothing", "", /known format/],
  [
    "aliases that multiply",
    `a0: &a0 [x]
${Array.from({ length: 30 }, (_, n) => `a${n + 1}: &a${n + 1} [*a${n}, *a${n}, *a${n}]`).join("\n")}
`,
    /multiplied/
  ]
];
for (const [name, text, says] of unusable) {
  test(`${name} is no documentation`, () => assert.rejects(readSource(text, "x.txt"), says));
}
test("a document 10,000 levels deep neither hangs nor ends the program", async () => {
  const deep = `${'{"properties":{"a":'.repeat(1e4)}{}${"}}".repeat(1e4)}`;
  const text = `{"openapi":"3.1.0","info":{},"paths":{"/a":{"post":{"requestBody":{"content":{"application/json":{"schema":${deep}}}},"responses":{}}}}}`;
  await assert.rejects(readSource(text, "x.json"), { code: "document-too-large" });
});
test("operations are found by words, the best first, with where they were found", async () => {
  const lines = /* @__PURE__ */ new Map([["harbour", (await readJson(harbour)).index]]);
  const ids = (...words) => findOperations(lines, words).matches.map(({ id }) => id);
  assert.equal(ids("book")[0], "bookCall");
  assert.equal(ids("berths")[0], "listBerths");
  assert.ok(ids("pilot").includes("bookCall"));
  assert.deepEqual(findOperations(lines, ["fees"]).matches[0]?.in, ["field fees"]);
  assert.deepEqual(ids("DELETE", "call"), ["cancelCall"]);
  const partial = findOperations(lines, ["book", "zeppelin"]);
  assert.equal(partial.complete, false);
  assert.equal(partial.matches[0]?.id, "bookCall");
  assert.deepEqual(findOperations(lines, ["zeppelin"]).matches, []);
  const mistyped = findOperations(lines, ["vesell"]);
  assert.match(mistyped.read.get("vesell") ?? "", /^vessels?$/);
  assert.ok(mistyped.complete);
});
test("a draft has required parts active, optional ones as comments, and nothing that the server sets", async () => {
  const { draft } = await readJson(harbour);
  const text = draft("bookCall", { schema: "../x.json", session: "agent" });
  const file = parse(text);
  assert.match(text, /^# yaml-language-server: \$schema=\.\.\/x\.json\n/);
  assert.deepEqual(Object.keys(file.inputs ?? {}), ["imo", "berth", "nights"]);
  assert.deepEqual(file.body, { json: { berth: "${berth}", nights: "${nights}" } });
  assert.deepEqual(file.inputs?.nights, {
    about: "Nights at the berth",
    type: "integer",
    "at-least": 1,
    "at-most": 14
  });
  assert.equal(file.url, "${origin}/v1/vessels/{imo}/calls");
  assert.equal(file.session, "agent");
  assert.deepEqual(file.expect, {
    status: 201,
    "header.content-type": { "starts-with": "application/json" },
    $: { schema: "documented" }
  });
  assert.match(text, /^ {4}# cargo: mixed {3}# string, grain \| timber \| mixed, default mixed: What is on board$/m);
  assert.match(text, /^ {2}# id: \$\.id$/m);
  assert.doesNotMatch(text, /created|updated|fees/);
});
test("a draft of every operation is a well-formed file", async () => {
  for (const source of [await readJson(harbour), await readJson(document30)]) {
    for (const { id } of source.operations) {
      const text = source.draft(id);
      assert.equal(parse(text).operation, `harbour/${id}`, text);
    }
  }
});
var document20 = {
  swagger: "2.0",
  info: { title: "Old tides", version: "0.9" },
  host: "old.larkhaven.example",
  basePath: "/v0",
  schemes: ["http", "https"],
  consumes: ["application/json"],
  produces: ["application/json"],
  securityDefinitions: { desk: { type: "basic" } },
  security: [{ desk: [] }],
  parameters: { Station: { name: "station", in: "path", required: true, type: "string", enum: ["bar", "pool"] } },
  definitions: {
    Level: {
      type: "object",
      required: ["at", "metres"],
      properties: {
        at: { type: "string", format: "date-time" },
        metres: { type: "number" },
        id: { type: "string", readOnly: true }
      }
    }
  },
  paths: {
    "/tides/{station}": {
      parameters: [{ $ref: "#/parameters/Station" }],
      get: {
        operationId: "levels",
        parameters: [
          { name: "days", in: "query", type: "array", items: { type: "integer" }, collectionFormat: "multi" }
        ],
        responses: { 200: { description: "ok", schema: { type: "array", items: { $ref: "#/definitions/Level" } } } }
      },
      post: {
        operationId: "report",
        parameters: [{ name: "level", in: "body", required: true, schema: { $ref: "#/definitions/Level" } }],
        responses: {
          201: {
            description: "made",
            examples: { "application/json": { id: "L1" } },
            schema: { $ref: "#/definitions/Level" }
          }
        }
      },
      put: {
        operationId: "upload",
        consumes: ["multipart/form-data"],
        parameters: [{ name: "chart", in: "formData", type: "file", required: true }],
        responses: {}
      }
    }
  }
};
test("OpenAPI 2.0: body and form parameters, types of parameters, list styles, definitions, basic authentication", async () => {
  const { operation, operations, documentation, index } = await readJson(document20);
  assert.equal(operations.length, 3);
  assert.deepEqual(documentation.warnings, []);
  assert.deepEqual(
    documentation.servers.map(({ url }) => url),
    ["https://old.larkhaven.example/v0"]
  );
  const levels = operation("levels");
  assert.equal(levels.path, "/v0/tides/{station}");
  assert.deepEqual(
    levels.parameters.map(({ name, in: where, type, lists, allowed }) => [name, where, type, lists, allowed]),
    [
      ["station", "path", "string", void 0, ["bar", "pool"]],
      ["days", "query", "array of integer", "repeated", void 0]
    ]
  );
  assert.match(levels.security[0]?.schemes[0]?.about ?? "", /basic/);
  const report = operation("report");
  assert.equal(report.body?.required, true);
  assert.deepEqual(
    report.body?.fields.map(({ name }) => name),
    ["at", "metres", "id"]
  );
  assert.deepEqual(report.answers[0]?.content?.example, { id: "L1" });
  assert.equal(operation("upload").body?.type, "multipart/form-data");
  assert.deepEqual(index.types(), ["Level"]);
  assert.deepEqual(
    index.type("Level")?.fields.map(({ name }) => name),
    ["at", "metres", "id"]
  );
});
test("a document in several files: references between them, relative and back, and one that is missing", async () => {
  const main = {
    openapi: "3.1.0",
    info: { title: "Split" },
    paths: {
      "/berths": { $ref: "paths/berths.yaml#/berths" },
      "/gone": { get: { operationId: "gone", responses: { 200: { $ref: "nowhere.yaml#/x" } } } }
    },
    components: { schemas: { Code: { type: "string", pattern: "^N" } } }
  };
  const { operation, operations, documentation, refused } = await readSource(JSON.stringify(main), "main.json", {
    others: {
      "paths/berths.yaml": 'berths:\n  get:\n    operationId: listBerths\n    responses:\n      200:\n        description: ok\n        content: {application/json: {schema: {$ref: "../schemas/berth.yaml"}}}\n',
      "schemas/berth.yaml": 'type: object\nproperties:\n  code: {$ref: "../main.json#/components/schemas/Code"}\n  next: {$ref: "#"}\n'
    }
  });
  assert.equal(operations.length, 2);
  const fields = operation("listBerths").answers[0]?.content?.fields ?? [];
  assert.deepEqual(
    fields.map(({ name, limits, recursive }) => [name, limits?.matches, recursive]),
    [
      ["code", "^N", void 0],
      ["next", void 0, "berth.yaml#"]
    ]
  );
  assert.deepEqual(refused, [{ name: "nowhere.yaml", why: "it is not there" }]);
  assert.deepEqual(
    documentation.warnings.map(({ at, what }) => [at, what]),
    [["/paths/~1gone/get/responses/200", "$ref nowhere.yaml#/x leads to a document that was not read"]]
  );
});
test("alternatives of oneOf have their names and what chooses them; callbacks, webhooks and extensions are listed", async () => {
  const { operation, documentation } = await readJson({
    openapi: "3.1.0",
    info: { title: "Cargo" },
    webhooks: { moored: { post: {} } },
    components: {
      schemas: {
        Grain: {
          type: "object",
          required: ["kind", "tonnes"],
          properties: { kind: { const: "grain" }, tonnes: { type: "number" } }
        },
        Timber: {
          type: "object",
          required: ["kind"],
          properties: { kind: { const: "timber" }, stems: { type: "integer" } }
        }
      }
    },
    paths: {
      "/cargo": {
        post: {
          operationId: "load",
          "x-desk": { opens: "08:00" },
          callbacks: { loaded: { "{$request.body#/answer}": { post: {} } } },
          requestBody: {
            content: {
              "application/json": {
                schema: {
                  oneOf: [{ $ref: "#/components/schemas/Grain" }, { $ref: "#/components/schemas/Timber" }],
                  discriminator: { propertyName: "kind", mapping: { grain: "#/components/schemas/Grain" } }
                }
              }
            }
          },
          responses: {}
        }
      }
    }
  });
  const load = operation("load");
  assert.deepEqual(
    load.body?.alternatives?.map(({ name, when, fields }) => [name, when, fields.map((field) => field.name)]),
    [
      ["Grain", "kind: grain", ["kind", "tonnes"]],
      ["Timber", "kind: Timber", ["kind", "stems"]]
    ]
  );
  assert.deepEqual(load.callbacks, ["loaded: POST {$request.body#/answer}"]);
  assert.deepEqual(load.extensions, { "x-desk": { opens: "08:00" } });
  assert.deepEqual(documentation.webhooks, ["POST moored"]);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vLi4vdGVzdC9jb3JlL2RvY3VtZW50YXRpb24vb3BlbmFwaS50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogUmVhZGluZyBPcGVuQVBJOiBhIGRvY3VtZW50IG9mIGV2ZXJ5IGZlYXR1cmUgYWdhaW5zdCBhbiBpbmRlcGVuZGVudCBjb3VudCwgYW5kIGRvY3VtZW50cyB0aGF0IGFyZSBmYXVsdHkuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IHBhcnNlIH0gZnJvbSAneWFtbCc7XG5pbXBvcnQgeyBsaW1pdHNUZXh0IH0gZnJvbSAnLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9saW1pdHMtdGV4dC5qcyc7XG5pbXBvcnQgeyBhc0pzb25TY2hlbWEgfSBmcm9tICcuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL29wZW5hcGkvanNvbi1zY2hlbWEuanMnO1xuaW1wb3J0IHsgZmluZE9wZXJhdGlvbnMgfSBmcm9tICcuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL3NlYXJjaC5qcyc7XG5pbXBvcnQgeyBoYXJib3VyRG9jdW1lbnQgfSBmcm9tICcuLi8uLi8uLi9zcmMvc3RhbmRpbi9oYXJib3VyL29wZW5hcGkuanMnO1xuaW1wb3J0IHsgcmVhZEpzb24sIHJlYWRTb3VyY2UgfSBmcm9tICcuLi8uLi9zdXBwb3J0L2RvY3VtZW50YXRpb24uanMnO1xuXG5jb25zdCBoYXJib3VyID0gaGFyYm91ckRvY3VtZW50KCdodHRwOi8vMTI3LjAuMC4xOjQ4MTAnKTtcblxudGVzdCgnZXZlcnkgb3BlcmF0aW9uIG9mIHRoZSBoYXJib3VyIGlzIHJlYWQsIGNvdW50ZWQgd2l0aG91dCB0aGUgcmVhZGVyJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IHBhdGhzIH0gPSBoYXJib3VyIGFzIHsgcGF0aHM6IFJlY29yZDxzdHJpbmcsIFJlY29yZDxzdHJpbmcsIHVua25vd24+PiB9O1xuICBjb25zdCBtZXRob2RzID0gbmV3IFNldChbJ2dldCcsICdwdXQnLCAncG9zdCcsICdwYXRjaCcsICdkZWxldGUnXSk7XG4gIGNvbnN0IGNvdW50ZWQgPSBPYmplY3QudmFsdWVzKHBhdGhzKS5mbGF0TWFwKChpdGVtKSA9PiBPYmplY3Qua2V5cyhpdGVtKS5maWx0ZXIoKGtleSkgPT4gbWV0aG9kcy5oYXMoa2V5KSkpO1xuICBjb25zdCB7IG9wZXJhdGlvbnMsIGRvY3VtZW50YXRpb24gfSA9IGF3YWl0IHJlYWRKc29uKGhhcmJvdXIpO1xuICBjb25zdCB7IHdhcm5pbmdzLCBmb3JtYXQsIHZlcnNpb24sIHRpdGxlIH0gPSBkb2N1bWVudGF0aW9uO1xuICBhc3NlcnQuZXF1YWwob3BlcmF0aW9ucy5sZW5ndGgsIGNvdW50ZWQubGVuZ3RoKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbCh3YXJuaW5ncywgW10pO1xuICBhc3NlcnQuZGVlcEVxdWFsKFtmb3JtYXQsIHZlcnNpb24sIHRpdGxlXSwgWydPcGVuQVBJJywgJzMuMS4wJywgJ0xhcmtoYXZlbiBIYXJib3VyJ10pO1xufSk7XG5cbnRlc3QoJ2FuIG9wZXJhdGlvbiBoYXMgaXRzIHBhcnRzOiBwYXJhbWV0ZXJzLCBib2R5IGZpZWxkcywgYW5zd2VycywgYXV0aGVudGljYXRpb24sIHBhdGggYmVoaW5kIHRoZSBvcmlnaW4nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgb3BlcmF0aW9uIH0gPSBhd2FpdCByZWFkSnNvbihoYXJib3VyKTtcbiAgY29uc3QgYm9vayA9IG9wZXJhdGlvbignYm9va0NhbGwnKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBbYm9vay5tZXRob2QsIGJvb2sucGF0aCwgYm9vay5ncm91cCwgYm9vay5jaGFuZ2VzXSxcbiAgICBbJ1BPU1QnLCAnL3YxL3Zlc3NlbHMve2ltb30vY2FsbHMnLCAnY2FsbHMnLCB0cnVlXSxcbiAgKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBib29rLnBhcmFtZXRlcnMubWFwKCh7IG5hbWUsIGluOiB3aGVyZSwgcmVxdWlyZWQsIGxpbWl0cyB9KSA9PiBbbmFtZSwgd2hlcmUsIHJlcXVpcmVkLCBsaW1pdHM/Lm1hdGNoZXNdKSxcbiAgICBbWydpbW8nLCAncGF0aCcsIHRydWUsICdeWzAtOV17N30kJ11dLFxuICApO1xuICBjb25zdCBuaWdodHMgPSBib29rLmJvZHk/LmZpZWxkcy5maW5kKCh7IG5hbWUgfSkgPT4gbmFtZSA9PT0gJ25pZ2h0cycpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIFtuaWdodHM/LnR5cGUsIG5pZ2h0cz8ucmVxdWlyZWQsIG5pZ2h0cz8uZGVmYXVsdCwgbmlnaHRzICYmIGxpbWl0c1RleHQobmlnaHRzKV0sXG4gICAgWydpbnRlZ2VyJywgdHJ1ZSwgdW5kZWZpbmVkLCAnMSB0byAxNCddLFxuICApO1xuICBjb25zdCBub3RpZnkgPSBib29rLmJvZHk/LmZpZWxkcy5maW5kKCh7IG5hbWUgfSkgPT4gbmFtZSA9PT0gJ25vdGlmeScpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIFtub3RpZnk/LnR5cGUsIG5vdGlmeT8uYWxsb3dlZCwgbm90aWZ5ICYmIGxpbWl0c1RleHQobm90aWZ5KV0sXG4gICAgWydhcnJheSBvZiBzdHJpbmcnLCBbJ2FnZW50JywgJ3BpbG90JywgJ2N1c3RvbXMnXSwgJ2FnZW50IHwgcGlsb3QgfCBjdXN0b21zLCBhdCBtb3N0IDMgaXRlbXMsIG5vIGl0ZW0gdHdpY2UnXSxcbiAgKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChib29rLmFuc3dlcnMubWFwKCh7IHN0YXR1cyB9KSA9PiBzdGF0dXMpLnNvcnQoKSwgWycyMDEnLCAnNDAxJywgJzQwNCcsICc0MDknLCAnNDIyJ10pO1xuICBjb25zdCBtYWRlID0gYm9vay5hbnN3ZXJzLmZpbmQoKHsgc3RhdHVzIH0pID0+IHN0YXR1cyA9PT0gJzIwMScpO1xuICBhc3NlcnQuZXF1YWwobWFkZT8uY29udGVudD8uZmllbGRzLmZpbmQoKHsgbmFtZSB9KSA9PiBuYW1lID09PSAnaWQnKT8ucmVhZE9ubHksIHRydWUpO1xuICBhc3NlcnQuZXF1YWwobWFkZT8uY29udGVudD8uZG9jdW1lbnRlZEV4YW1wbGUsIHRydWUpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIG1hZGU/LmhlYWRlcnMubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSksXG4gICAgWydMb2NhdGlvbiddLFxuICApO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIGJvb2suc2VjdXJpdHkubWFwKCh7IHNjaGVtZXMgfSkgPT4gc2NoZW1lcy5tYXAoKHsgbmFtZSB9KSA9PiBuYW1lKSksXG4gICAgW1snZGVza1Rva2VuJ11dLFxuICApO1xuICBhc3NlcnQuZGVlcEVxdWFsKG9wZXJhdGlvbignbG9nSW4nKS5zZWN1cml0eSwgW10pO1xufSk7XG5cbnRlc3QoJ1lBTUwgYW5kIEpTT04gZ2l2ZSB0aGUgc2FtZScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeWFtbCA9XG4gICAgJ29wZW5hcGk6IDMuMC4zXFxuaW5mbzoge3RpdGxlOiBULCB2ZXJzaW9uOiBcIjFcIn1cXG5wYXRoczpcXG4gIC9hOiB7Z2V0OiB7b3BlcmF0aW9uSWQ6IGEsIHJlc3BvbnNlczogezIwMDoge2Rlc2NyaXB0aW9uOiBva319fX1cXG4nO1xuICBjb25zdCBqc29uID0ge1xuICAgIG9wZW5hcGk6ICczLjAuMycsXG4gICAgaW5mbzogeyB0aXRsZTogJ1QnLCB2ZXJzaW9uOiAnMScgfSxcbiAgICBwYXRoczogeyAnL2EnOiB7IGdldDogeyBvcGVyYXRpb25JZDogJ2EnLCByZXNwb25zZXM6IHsgMjAwOiB7IGRlc2NyaXB0aW9uOiAnb2snIH0gfSB9IH0gfSxcbiAgfTtcbiAgY29uc3QgW29uZSwgb3RoZXJdID0gW2F3YWl0IHJlYWRTb3VyY2UoeWFtbCwgJ3gueWFtbCcpLCBhd2FpdCByZWFkU291cmNlKEpTT04uc3RyaW5naWZ5KGpzb24pLCAneC5qc29uJyldO1xuICBhc3NlcnQuZGVlcEVxdWFsKG9uZS5vcGVyYXRpb25zLCBvdGhlci5vcGVyYXRpb25zKTtcbiAgYXNzZXJ0LmVxdWFsKG9uZS5vcGVyYXRpb25zLmxlbmd0aCwgMSk7XG59KTtcblxuY29uc3QgZG9jdW1lbnQzMCA9IHtcbiAgb3BlbmFwaTogJzMuMC4xJyxcbiAgaW5mbzogeyB0aXRsZTogJ0xpZ2h0cycsIHZlcnNpb246ICcxJyB9LFxuICBzZXJ2ZXJzOiBbeyB1cmw6ICdodHRwczovL3tyZWdpb259LmxhcmtoYXZlbi5leGFtcGxlL2xpZ2h0cy8nLCB2YXJpYWJsZXM6IHsgcmVnaW9uOiB7IGRlZmF1bHQ6ICdub3J0aCcgfSB9IH1dLFxuICBjb21wb25lbnRzOiB7XG4gICAgcGFyYW1ldGVyczoge1xuICAgICAgUGFnZTogeyBuYW1lOiAncGFnZScsIGluOiAncXVlcnknLCBzY2hlbWE6IHsgdHlwZTogJ2ludGVnZXInLCBtaW5pbXVtOiAwLCBleGNsdXNpdmVNaW5pbXVtOiB0cnVlIH0gfSxcbiAgICB9LFxuICAgIHNjaGVtYXM6IHtcbiAgICAgIExpZ2h0OiB7XG4gICAgICAgIGFsbE9mOiBbXG4gICAgICAgICAgeyAkcmVmOiAnIy9jb21wb25lbnRzL3NjaGVtYXMvVGhpbmcnIH0sXG4gICAgICAgICAge1xuICAgICAgICAgICAgdHlwZTogJ29iamVjdCcsXG4gICAgICAgICAgICByZXF1aXJlZDogWydjb2xvdXInXSxcbiAgICAgICAgICAgIHByb3BlcnRpZXM6IHtcbiAgICAgICAgICAgICAgY29sb3VyOiB7IHR5cGU6ICdzdHJpbmcnLCBlbnVtOiBbJ3JlZCcsICdncmVlbiddLCBudWxsYWJsZTogdHJ1ZSB9LFxuICAgICAgICAgICAgICBuZWlnaGJvdXJzOiB7IHR5cGU6ICdhcnJheScsIGl0ZW1zOiB7ICRyZWY6ICcjL2NvbXBvbmVudHMvc2NoZW1hcy9MaWdodCcgfSB9LFxuICAgICAgICAgICAgfSxcbiAgICAgICAgICB9LFxuICAgICAgICBdLFxuICAgICAgfSxcbiAgICAgIFRoaW5nOiB7IHR5cGU6ICdvYmplY3QnLCByZXF1aXJlZDogWydpZCddLCBwcm9wZXJ0aWVzOiB7IGlkOiB7IHR5cGU6ICdzdHJpbmcnLCByZWFkT25seTogdHJ1ZSB9IH0gfSxcbiAgICAgIExvb3A6IHsgJHJlZjogJyMvY29tcG9uZW50cy9zY2hlbWFzL0xvb3AnIH0sXG4gICAgfSxcbiAgICBzZWN1cml0eVNjaGVtZXM6IHsga2V5OiB7IHR5cGU6ICdhcGlLZXknLCBpbjogJ2hlYWRlcicsIG5hbWU6ICdYLUtleScgfSB9LFxuICB9LFxuICBwYXRoczoge1xuICAgICcvbGlnaHRzL3tpZH0nOiB7XG4gICAgICBnZXQ6IHtcbiAgICAgICAgcGFyYW1ldGVyczogW3sgJHJlZjogJyMvY29tcG9uZW50cy9wYXJhbWV0ZXJzL1BhZ2UnIH1dLFxuICAgICAgICBzZWN1cml0eTogW3sga2V5OiBbXSB9LCB7fV0sXG4gICAgICAgIHJlc3BvbnNlczoge1xuICAgICAgICAgICcyWFgnOiB7XG4gICAgICAgICAgICBkZXNjcmlwdGlvbjogJ29rJyxcbiAgICAgICAgICAgIGNvbnRlbnQ6IHsgJ2FwcGxpY2F0aW9uL2pzb24nOiB7IHNjaGVtYTogeyAkcmVmOiAnIy9jb21wb25lbnRzL3NjaGVtYXMvTGlnaHQnIH0gfSB9LFxuICAgICAgICAgIH0sXG4gICAgICAgIH0sXG4gICAgICB9LFxuICAgICAgcHV0OiB7XG4gICAgICAgIHJlcXVlc3RCb2R5OiB7IGNvbnRlbnQ6IHsgJ2FwcGxpY2F0aW9uL2pzb24nOiB7IHNjaGVtYTogeyAkcmVmOiAnIy9jb21wb25lbnRzL3NjaGVtYXMvTGlnaHQnIH0gfSB9IH0sXG4gICAgICAgIHJlc3BvbnNlczoge30sXG4gICAgICB9LFxuICAgIH0sXG4gIH0sXG59O1xuXG50ZXN0KCdPcGVuQVBJIDMuMDogYWxsT2YsIG51bGxhYmxlLCBib29sZWFuIGxpbWl0cywgcmVjdXJzaW9uLCBvcHRpb25hbCBhdXRoZW50aWNhdGlvbiwgc2VydmVyIHZhcmlhYmxlcycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBkb2N1bWVudGF0aW9uLCBvcGVyYXRpb24gfSA9IGF3YWl0IHJlYWRKc29uKGRvY3VtZW50MzApO1xuICBjb25zdCBzaG93ID0gb3BlcmF0aW9uKCdnZXQtbGlnaHRzLWlkJyk7XG4gIGFzc2VydC5lcXVhbChzaG93LnBhdGgsICcvbGlnaHRzL2xpZ2h0cy97aWR9Jyk7XG4gIGFzc2VydC5kZWVwRXF1YWwoc2hvdy5zZWN1cml0eSwgW10pO1xuICBjb25zdCBwYWdlID0gc2hvdy5wYXJhbWV0ZXJzLmZpbmQoKHsgbmFtZSB9KSA9PiBuYW1lID09PSAncGFnZScpO1xuICBhc3NlcnQuZXF1YWwocGFnZSAmJiBsaW1pdHNUZXh0KHBhZ2UpLCAnb3ZlciAwJyk7XG4gIGNvbnN0IGZpZWxkcyA9IHNob3cuYW5zd2Vyc1swXT8uY29udGVudD8uZmllbGRzID8/IFtdO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIGZpZWxkcy5tYXAoKHsgbmFtZSwgcmVxdWlyZWQgfSkgPT4gW25hbWUsIHJlcXVpcmVkXSksXG4gICAgW1xuICAgICAgWydpZCcsIHRydWVdLFxuICAgICAgWydjb2xvdXInLCB0cnVlXSxcbiAgICAgIFsnbmVpZ2hib3VycycsIGZhbHNlXSxcbiAgICBdLFxuICApO1xuICBhc3NlcnQuZXF1YWwoZmllbGRzWzFdPy50eXBlLCAnc3RyaW5nIG9yIG51bGwnKTtcbiAgYXNzZXJ0LmVxdWFsKGZpZWxkc1syXT8ucmVjdXJzaXZlLCAnTGlnaHQnKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICAoXG4gICAgICBhc0pzb25TY2hlbWEoZG9jdW1lbnRhdGlvbi5kZWZpbml0aW9ucy5nZXQoJyMvY29tcG9uZW50cy9zY2hlbWFzL0xpZ2h0JykpIGFzIHtcbiAgICAgICAgYWxsT2Y6IHsgcHJvcGVydGllczogeyBjb2xvdXI6IHVua25vd24gfSB9W107XG4gICAgICB9XG4gICAgKS5hbGxPZlsxXT8ucHJvcGVydGllcy5jb2xvdXIsXG4gICAge1xuICAgICAgdHlwZTogWydzdHJpbmcnLCAnbnVsbCddLFxuICAgICAgZW51bTogWydyZWQnLCAnZ3JlZW4nLCBudWxsXSxcbiAgICB9LFxuICApO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIGRvY3VtZW50YXRpb24ud2FybmluZ3MubWFwKCh7IHdoYXQgfSkgPT4gd2hhdCksXG4gICAgWyd0aGUgcGF0aCBwYXJhbWV0ZXIgaWQgaXMgbm90IGRlc2NyaWJlZCcsICd0aGUgcGF0aCBwYXJhbWV0ZXIgaWQgaXMgbm90IGRlc2NyaWJlZCddLFxuICApO1xufSk7XG5cbmNvbnN0IGZhdWx0czogcmVhZG9ubHkgKHJlYWRvbmx5IFtuYW1lOiBzdHJpbmcsIHBhdGhzOiB1bmtub3duLCB3YXJuczogUmVnRXhwLCBsZWZ0OiBudW1iZXJdKVtdID0gW1xuICBbXG4gICAgJ2EgZGFuZ2xpbmcgJHJlZicsXG4gICAgeyAnL2EnOiB7IGdldDogeyBwYXJhbWV0ZXJzOiBbeyAkcmVmOiAnIy9jb21wb25lbnRzL3BhcmFtZXRlcnMvTm8nIH1dLCByZXNwb25zZXM6IHt9IH0gfSB9LFxuICAgIC9sZWFkcyBub3doZXJlLyxcbiAgICAxLFxuICBdLFxuICBbXG4gICAgJ2EgJHJlZiB0byBhbm90aGVyIGZpbGUnLFxuICAgIHsgJy9hJzogeyBnZXQ6IHsgcGFyYW1ldGVyczogW3sgJHJlZjogJ290aGVyLnlhbWwjL3gnIH1dLCByZXNwb25zZXM6IHt9IH0gfSB9LFxuICAgIC93YXMgbm90IHJlYWQvLFxuICAgIDEsXG4gIF0sXG4gIFtcbiAgICAnYSAkcmVmIHRoYXQgbGVhZHMgdG8gaXRzZWxmJyxcbiAgICB7ICcvYSc6IHsgZ2V0OiB7IHJlc3BvbnNlczogeyAyMDA6IHsgJHJlZjogJyMvcGF0aHMvfjFhL2dldC9yZXNwb25zZXMvMjAwJyB9IH0gfSB9IH0sXG4gICAgL2JhY2sgdG8gaXRzZWxmLyxcbiAgICAxLFxuICBdLFxuICBbXG4gICAgJ2FuIG9wZXJhdGlvbklkIHRoYXQgc3RhbmRzIHR3aWNlJyxcbiAgICB7ICcvYSc6IHsgZ2V0OiB7IG9wZXJhdGlvbklkOiAneCcsIHJlc3BvbnNlczoge30gfSwgcHV0OiB7IG9wZXJhdGlvbklkOiAneCcsIHJlc3BvbnNlczoge30gfSB9IH0sXG4gICAgL3N0YW5kcyB0d2ljZS8sXG4gICAgMixcbiAgXSxcbiAgWydhbiBvcGVyYXRpb24gdGhhdCBpcyBhIHRleHQnLCB7ICcvYSc6IHsgZ2V0OiAnc29vbicsIHB1dDogeyByZXNwb25zZXM6IHt9IH0gfSB9LCAvbm90IGEgbWFwLywgMV0sXG4gIFsnYSBwYXRoIHRoYXQgaXMgYSBsaXN0JywgeyAnL2EnOiBbXSwgJy9iJzogeyBnZXQ6IHsgcmVzcG9uc2VzOiB7fSB9IH0gfSwgL25vdCBhIG1hcCBvZiBtZXRob2RzLywgMV0sXG4gIFsnYSBwYXJhbWV0ZXIgd2l0aG91dCBhIG5hbWUnLCB7ICcvYSc6IHsgZ2V0OiB7IHBhcmFtZXRlcnM6IFt7IGluOiAncXVlcnknIH1dLCByZXNwb25zZXM6IHt9IH0gfSB9LCAvbm8gbmFtZS8sIDFdLFxuICBbJ2Fuc3dlcnMgdGhhdCBhcmUgYSBsaXN0JywgeyAnL2EnOiB7IGdldDogeyByZXNwb25zZXM6IFtdIH0gfSB9LCAvYW5zd2VycyBhcmUgbm90IGEgbWFwLywgMV0sXG5dO1xuZm9yIChjb25zdCBbbmFtZSwgcGF0aHMsIHdhcm5zLCBsZWZ0XSBvZiBmYXVsdHMpIHtcbiAgdGVzdChgJHtuYW1lfSBsb3NlcyBvbmx5IGl0c2VsZmAsIGFzeW5jICgpID0+IHtcbiAgICBjb25zdCB7IG9wZXJhdGlvbnMsIGRvY3VtZW50YXRpb24gfSA9IGF3YWl0IHJlYWRKc29uKHsgb3BlbmFwaTogJzMuMS4wJywgaW5mbzoge30sIHBhdGhzIH0pO1xuICAgIGNvbnN0IHsgd2FybmluZ3MgfSA9IGRvY3VtZW50YXRpb247XG4gICAgYXNzZXJ0LmVxdWFsKG9wZXJhdGlvbnMubGVuZ3RoLCBsZWZ0KTtcbiAgICBhc3NlcnQub2soXG4gICAgICB3YXJuaW5ncy5zb21lKCh7IHdoYXQsIGF0IH0pID0+IHdhcm5zLnRlc3Qod2hhdCkgJiYgYXQuc3RhcnRzV2l0aCgnLycpKSxcbiAgICAgIEpTT04uc3RyaW5naWZ5KHdhcm5pbmdzKSxcbiAgICApO1xuICB9KTtcbn1cblxuY29uc3QgdW51c2FibGU6IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZTogc3RyaW5nLCB0ZXh0OiBzdHJpbmcsIHNheXM6IFJlZ0V4cF0pW10gPSBbXG4gIFsnb3RoZXIgSlNPTicsICd7XCJuYW1lXCI6IFwieFwifScsIC9rbm93biBmb3JtYXQvXSxcbiAgWydicm9rZW4gSlNPTicsICd7XCJvcGVuYXBpXCI6IFwiMy4xLjBcIixcXG4gXCJwYXRoc1wiOiB9JywgL3dlbGwtZm9ybWVkIEpTT04vXSxcbiAgWydicm9rZW4gWUFNTCcsICdvcGVuYXBpOiAzLjEuMFxcbnBhdGhzOiB7YTogW31cXG4nLCAvd2VsbC1mb3JtZWQgWUFNTC9dLFxuICBbJ2FuIG9sZGVyIHZlcnNpb24nLCAne1wic3dhZ2dlclwiOiBcIjEuMlwiLCBcInBhdGhzXCI6IHt9fScsIC9PcGVuQVBJIDEuMiBpcyBub3QgcmVhZC9dLFxuICBbJ3BhdGhzIG9mIHRoZSB3cm9uZyB0eXBlJywgJ3tcIm9wZW5hcGlcIjogXCIzLjEuMFwiLCBcInBhdGhzXCI6IFtdfScsIC9wYXRocyBhcmUgbm90IGEgbWFwL10sXG4gIFsnbm90aGluZycsICcnLCAva25vd24gZm9ybWF0L10sXG4gIFtcbiAgICAnYWxpYXNlcyB0aGF0IG11bHRpcGx5JyxcbiAgICBgYTA6ICZhMCBbeF1cXG4ke0FycmF5LmZyb20oeyBsZW5ndGg6IDMwIH0sIChfLCBuKSA9PiBgYSR7biArIDF9OiAmYSR7biArIDF9IFsqYSR7bn0sICphJHtufSwgKmEke259XWApLmpvaW4oJ1xcbicpfVxcbmAsXG4gICAgL211bHRpcGxpZWQvLFxuICBdLFxuXTtcbmZvciAoY29uc3QgW25hbWUsIHRleHQsIHNheXNdIG9mIHVudXNhYmxlKSB7XG4gIHRlc3QoYCR7bmFtZX0gaXMgbm8gZG9jdW1lbnRhdGlvbmAsICgpID0+IGFzc2VydC5yZWplY3RzKHJlYWRTb3VyY2UodGV4dCwgJ3gudHh0JyksIHNheXMpKTtcbn1cblxudGVzdCgnYSBkb2N1bWVudCAxMCwwMDAgbGV2ZWxzIGRlZXAgbmVpdGhlciBoYW5ncyBub3IgZW5kcyB0aGUgcHJvZ3JhbScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgZGVlcCA9IGAkeyd7XCJwcm9wZXJ0aWVzXCI6e1wiYVwiOicucmVwZWF0KDEwXzAwMCl9e30keyd9fScucmVwZWF0KDEwXzAwMCl9YDtcbiAgY29uc3QgdGV4dCA9IGB7XCJvcGVuYXBpXCI6XCIzLjEuMFwiLFwiaW5mb1wiOnt9LFwicGF0aHNcIjp7XCIvYVwiOntcInBvc3RcIjp7XCJyZXF1ZXN0Qm9keVwiOntcImNvbnRlbnRcIjp7XCJhcHBsaWNhdGlvbi9qc29uXCI6e1wic2NoZW1hXCI6JHtkZWVwfX19fSxcInJlc3BvbnNlc1wiOnt9fX19fWA7XG4gIGF3YWl0IGFzc2VydC5yZWplY3RzKHJlYWRTb3VyY2UodGV4dCwgJ3guanNvbicpLCB7IGNvZGU6ICdkb2N1bWVudC10b28tbGFyZ2UnIH0pO1xufSk7XG5cbnRlc3QoJ29wZXJhdGlvbnMgYXJlIGZvdW5kIGJ5IHdvcmRzLCB0aGUgYmVzdCBmaXJzdCwgd2l0aCB3aGVyZSB0aGV5IHdlcmUgZm91bmQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGxpbmVzID0gbmV3IE1hcChbWydoYXJib3VyJywgKGF3YWl0IHJlYWRKc29uKGhhcmJvdXIpKS5pbmRleF1dKTtcbiAgY29uc3QgaWRzID0gKC4uLndvcmRzOiBzdHJpbmdbXSk6IHN0cmluZ1tdID0+IGZpbmRPcGVyYXRpb25zKGxpbmVzLCB3b3JkcykubWF0Y2hlcy5tYXAoKHsgaWQgfSkgPT4gaWQpO1xuICBhc3NlcnQuZXF1YWwoaWRzKCdib29rJylbMF0sICdib29rQ2FsbCcpO1xuICBhc3NlcnQuZXF1YWwoaWRzKCdiZXJ0aHMnKVswXSwgJ2xpc3RCZXJ0aHMnKTtcbiAgYXNzZXJ0Lm9rKGlkcygncGlsb3QnKS5pbmNsdWRlcygnYm9va0NhbGwnKSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoZmluZE9wZXJhdGlvbnMobGluZXMsIFsnZmVlcyddKS5tYXRjaGVzWzBdPy5pbiwgWydmaWVsZCBmZWVzJ10pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGlkcygnREVMRVRFJywgJ2NhbGwnKSwgWydjYW5jZWxDYWxsJ10pO1xuICBjb25zdCBwYXJ0aWFsID0gZmluZE9wZXJhdGlvbnMobGluZXMsIFsnYm9vaycsICd6ZXBwZWxpbiddKTtcbiAgYXNzZXJ0LmVxdWFsKHBhcnRpYWwuY29tcGxldGUsIGZhbHNlKTtcbiAgYXNzZXJ0LmVxdWFsKHBhcnRpYWwubWF0Y2hlc1swXT8uaWQsICdib29rQ2FsbCcpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGZpbmRPcGVyYXRpb25zKGxpbmVzLCBbJ3plcHBlbGluJ10pLm1hdGNoZXMsIFtdKTtcbiAgY29uc3QgbWlzdHlwZWQgPSBmaW5kT3BlcmF0aW9ucyhsaW5lcywgWyd2ZXNlbGwnXSk7XG4gIGFzc2VydC5tYXRjaChtaXN0eXBlZC5yZWFkLmdldCgndmVzZWxsJykgPz8gJycsIC9edmVzc2Vscz8kLyk7XG4gIGFzc2VydC5vayhtaXN0eXBlZC5jb21wbGV0ZSk7XG59KTtcblxudGVzdCgnYSBkcmFmdCBoYXMgcmVxdWlyZWQgcGFydHMgYWN0aXZlLCBvcHRpb25hbCBvbmVzIGFzIGNvbW1lbnRzLCBhbmQgbm90aGluZyB0aGF0IHRoZSBzZXJ2ZXIgc2V0cycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBkcmFmdCB9ID0gYXdhaXQgcmVhZEpzb24oaGFyYm91cik7XG4gIGNvbnN0IHRleHQgPSBkcmFmdCgnYm9va0NhbGwnLCB7IHNjaGVtYTogJy4uL3guanNvbicsIHNlc3Npb246ICdhZ2VudCcgfSk7XG4gIGNvbnN0IGZpbGUgPSBwYXJzZSh0ZXh0KSBhcyBSZWNvcmQ8c3RyaW5nLCBSZWNvcmQ8c3RyaW5nLCB1bmtub3duPj47XG4gIGFzc2VydC5tYXRjaCh0ZXh0LCAvXiMgeWFtbC1sYW5ndWFnZS1zZXJ2ZXI6IFxcJHNjaGVtYT1cXC5cXC5cXC94XFwuanNvblxcbi8pO1xuICBhc3NlcnQuZGVlcEVxdWFsKE9iamVjdC5rZXlzKGZpbGUuaW5wdXRzID8/IHt9KSwgWydpbW8nLCAnYmVydGgnLCAnbmlnaHRzJ10pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGZpbGUuYm9keSwgeyBqc29uOiB7IGJlcnRoOiAnJHtiZXJ0aH0nLCBuaWdodHM6ICcke25pZ2h0c30nIH0gfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoZmlsZS5pbnB1dHM/Lm5pZ2h0cywge1xuICAgIGFib3V0OiAnTmlnaHRzIGF0IHRoZSBiZXJ0aCcsXG4gICAgdHlwZTogJ2ludGVnZXInLFxuICAgICdhdC1sZWFzdCc6IDEsXG4gICAgJ2F0LW1vc3QnOiAxNCxcbiAgfSk7XG4gIGFzc2VydC5lcXVhbChmaWxlLnVybCwgJyR7b3JpZ2lufS92MS92ZXNzZWxzL3tpbW99L2NhbGxzJyk7XG4gIGFzc2VydC5lcXVhbChmaWxlLnNlc3Npb24sICdhZ2VudCcpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGZpbGUuZXhwZWN0LCB7XG4gICAgc3RhdHVzOiAyMDEsXG4gICAgJ2hlYWRlci5jb250ZW50LXR5cGUnOiB7ICdzdGFydHMtd2l0aCc6ICdhcHBsaWNhdGlvbi9qc29uJyB9LFxuICAgICQ6IHsgc2NoZW1hOiAnZG9jdW1lbnRlZCcgfSxcbiAgfSk7XG4gIGFzc2VydC5tYXRjaCh0ZXh0LCAvXiB7NH0jIGNhcmdvOiBtaXhlZCB7M30jIHN0cmluZywgZ3JhaW4gXFx8IHRpbWJlciBcXHwgbWl4ZWQsIGRlZmF1bHQgbWl4ZWQ6IFdoYXQgaXMgb24gYm9hcmQkL20pO1xuICBhc3NlcnQubWF0Y2godGV4dCwgL14gezJ9IyBpZDogXFwkXFwuaWQkL20pO1xuICBhc3NlcnQuZG9lc05vdE1hdGNoKHRleHQsIC9jcmVhdGVkfHVwZGF0ZWR8ZmVlcy8pO1xufSk7XG5cbnRlc3QoJ2EgZHJhZnQgb2YgZXZlcnkgb3BlcmF0aW9uIGlzIGEgd2VsbC1mb3JtZWQgZmlsZScsIGFzeW5jICgpID0+IHtcbiAgZm9yIChjb25zdCBzb3VyY2Ugb2YgW2F3YWl0IHJlYWRKc29uKGhhcmJvdXIpLCBhd2FpdCByZWFkSnNvbihkb2N1bWVudDMwKV0pIHtcbiAgICBmb3IgKGNvbnN0IHsgaWQgfSBvZiBzb3VyY2Uub3BlcmF0aW9ucykge1xuICAgICAgY29uc3QgdGV4dCA9IHNvdXJjZS5kcmFmdChpZCk7XG4gICAgICBhc3NlcnQuZXF1YWwoKHBhcnNlKHRleHQpIGFzIFJlY29yZDxzdHJpbmcsIHVua25vd24+KS5vcGVyYXRpb24sIGBoYXJib3VyLyR7aWR9YCwgdGV4dCk7XG4gICAgfVxuICB9XG59KTtcblxuY29uc3QgZG9jdW1lbnQyMCA9IHtcbiAgc3dhZ2dlcjogJzIuMCcsXG4gIGluZm86IHsgdGl0bGU6ICdPbGQgdGlkZXMnLCB2ZXJzaW9uOiAnMC45JyB9LFxuICBob3N0OiAnb2xkLmxhcmtoYXZlbi5leGFtcGxlJyxcbiAgYmFzZVBhdGg6ICcvdjAnLFxuICBzY2hlbWVzOiBbJ2h0dHAnLCAnaHR0cHMnXSxcbiAgY29uc3VtZXM6IFsnYXBwbGljYXRpb24vanNvbiddLFxuICBwcm9kdWNlczogWydhcHBsaWNhdGlvbi9qc29uJ10sXG4gIHNlY3VyaXR5RGVmaW5pdGlvbnM6IHsgZGVzazogeyB0eXBlOiAnYmFzaWMnIH0gfSxcbiAgc2VjdXJpdHk6IFt7IGRlc2s6IFtdIH1dLFxuICBwYXJhbWV0ZXJzOiB7IFN0YXRpb246IHsgbmFtZTogJ3N0YXRpb24nLCBpbjogJ3BhdGgnLCByZXF1aXJlZDogdHJ1ZSwgdHlwZTogJ3N0cmluZycsIGVudW06IFsnYmFyJywgJ3Bvb2wnXSB9IH0sXG4gIGRlZmluaXRpb25zOiB7XG4gICAgTGV2ZWw6IHtcbiAgICAgIHR5cGU6ICdvYmplY3QnLFxuICAgICAgcmVxdWlyZWQ6IFsnYXQnLCAnbWV0cmVzJ10sXG4gICAgICBwcm9wZXJ0aWVzOiB7XG4gICAgICAgIGF0OiB7IHR5cGU6ICdzdHJpbmcnLCBmb3JtYXQ6ICdkYXRlLXRpbWUnIH0sXG4gICAgICAgIG1ldHJlczogeyB0eXBlOiAnbnVtYmVyJyB9LFxuICAgICAgICBpZDogeyB0eXBlOiAnc3RyaW5nJywgcmVhZE9ubHk6IHRydWUgfSxcbiAgICAgIH0sXG4gICAgfSxcbiAgfSxcbiAgcGF0aHM6IHtcbiAgICAnL3RpZGVzL3tzdGF0aW9ufSc6IHtcbiAgICAgIHBhcmFtZXRlcnM6IFt7ICRyZWY6ICcjL3BhcmFtZXRlcnMvU3RhdGlvbicgfV0sXG4gICAgICBnZXQ6IHtcbiAgICAgICAgb3BlcmF0aW9uSWQ6ICdsZXZlbHMnLFxuICAgICAgICBwYXJhbWV0ZXJzOiBbXG4gICAgICAgICAgeyBuYW1lOiAnZGF5cycsIGluOiAncXVlcnknLCB0eXBlOiAnYXJyYXknLCBpdGVtczogeyB0eXBlOiAnaW50ZWdlcicgfSwgY29sbGVjdGlvbkZvcm1hdDogJ211bHRpJyB9LFxuICAgICAgICBdLFxuICAgICAgICByZXNwb25zZXM6IHsgMjAwOiB7IGRlc2NyaXB0aW9uOiAnb2snLCBzY2hlbWE6IHsgdHlwZTogJ2FycmF5JywgaXRlbXM6IHsgJHJlZjogJyMvZGVmaW5pdGlvbnMvTGV2ZWwnIH0gfSB9IH0sXG4gICAgICB9LFxuICAgICAgcG9zdDoge1xuICAgICAgICBvcGVyYXRpb25JZDogJ3JlcG9ydCcsXG4gICAgICAgIHBhcmFtZXRlcnM6IFt7IG5hbWU6ICdsZXZlbCcsIGluOiAnYm9keScsIHJlcXVpcmVkOiB0cnVlLCBzY2hlbWE6IHsgJHJlZjogJyMvZGVmaW5pdGlvbnMvTGV2ZWwnIH0gfV0sXG4gICAgICAgIHJlc3BvbnNlczoge1xuICAgICAgICAgIDIwMToge1xuICAgICAgICAgICAgZGVzY3JpcHRpb246ICdtYWRlJyxcbiAgICAgICAgICAgIGV4YW1wbGVzOiB7ICdhcHBsaWNhdGlvbi9qc29uJzogeyBpZDogJ0wxJyB9IH0sXG4gICAgICAgICAgICBzY2hlbWE6IHsgJHJlZjogJyMvZGVmaW5pdGlvbnMvTGV2ZWwnIH0sXG4gICAgICAgICAgfSxcbiAgICAgICAgfSxcbiAgICAgIH0sXG4gICAgICBwdXQ6IHtcbiAgICAgICAgb3BlcmF0aW9uSWQ6ICd1cGxvYWQnLFxuICAgICAgICBjb25zdW1lczogWydtdWx0aXBhcnQvZm9ybS1kYXRhJ10sXG4gICAgICAgIHBhcmFtZXRlcnM6IFt7IG5hbWU6ICdjaGFydCcsIGluOiAnZm9ybURhdGEnLCB0eXBlOiAnZmlsZScsIHJlcXVpcmVkOiB0cnVlIH1dLFxuICAgICAgICByZXNwb25zZXM6IHt9LFxuICAgICAgfSxcbiAgICB9LFxuICB9LFxufTtcblxudGVzdCgnT3BlbkFQSSAyLjA6IGJvZHkgYW5kIGZvcm0gcGFyYW1ldGVycywgdHlwZXMgb2YgcGFyYW1ldGVycywgbGlzdCBzdHlsZXMsIGRlZmluaXRpb25zLCBiYXNpYyBhdXRoZW50aWNhdGlvbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBvcGVyYXRpb24sIG9wZXJhdGlvbnMsIGRvY3VtZW50YXRpb24sIGluZGV4IH0gPSBhd2FpdCByZWFkSnNvbihkb2N1bWVudDIwKTtcbiAgYXNzZXJ0LmVxdWFsKG9wZXJhdGlvbnMubGVuZ3RoLCAzKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChkb2N1bWVudGF0aW9uLndhcm5pbmdzLCBbXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgZG9jdW1lbnRhdGlvbi5zZXJ2ZXJzLm1hcCgoeyB1cmwgfSkgPT4gdXJsKSxcbiAgICBbJ2h0dHBzOi8vb2xkLmxhcmtoYXZlbi5leGFtcGxlL3YwJ10sXG4gICk7XG4gIGNvbnN0IGxldmVscyA9IG9wZXJhdGlvbignbGV2ZWxzJyk7XG4gIGFzc2VydC5lcXVhbChsZXZlbHMucGF0aCwgJy92MC90aWRlcy97c3RhdGlvbn0nKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBsZXZlbHMucGFyYW1ldGVycy5tYXAoKHsgbmFtZSwgaW46IHdoZXJlLCB0eXBlLCBsaXN0cywgYWxsb3dlZCB9KSA9PiBbbmFtZSwgd2hlcmUsIHR5cGUsIGxpc3RzLCBhbGxvd2VkXSksXG4gICAgW1xuICAgICAgWydzdGF0aW9uJywgJ3BhdGgnLCAnc3RyaW5nJywgdW5kZWZpbmVkLCBbJ2JhcicsICdwb29sJ11dLFxuICAgICAgWydkYXlzJywgJ3F1ZXJ5JywgJ2FycmF5IG9mIGludGVnZXInLCAncmVwZWF0ZWQnLCB1bmRlZmluZWRdLFxuICAgIF0sXG4gICk7XG4gIGFzc2VydC5tYXRjaChsZXZlbHMuc2VjdXJpdHlbMF0/LnNjaGVtZXNbMF0/LmFib3V0ID8/ICcnLCAvYmFzaWMvKTtcbiAgY29uc3QgcmVwb3J0ID0gb3BlcmF0aW9uKCdyZXBvcnQnKTtcbiAgYXNzZXJ0LmVxdWFsKHJlcG9ydC5ib2R5Py5yZXF1aXJlZCwgdHJ1ZSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgcmVwb3J0LmJvZHk/LmZpZWxkcy5tYXAoKHsgbmFtZSB9KSA9PiBuYW1lKSxcbiAgICBbJ2F0JywgJ21ldHJlcycsICdpZCddLFxuICApO1xuICBhc3NlcnQuZGVlcEVxdWFsKHJlcG9ydC5hbnN3ZXJzWzBdPy5jb250ZW50Py5leGFtcGxlLCB7IGlkOiAnTDEnIH0pO1xuICBhc3NlcnQuZXF1YWwob3BlcmF0aW9uKCd1cGxvYWQnKS5ib2R5Py50eXBlLCAnbXVsdGlwYXJ0L2Zvcm0tZGF0YScpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGluZGV4LnR5cGVzKCksIFsnTGV2ZWwnXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgaW5kZXgudHlwZSgnTGV2ZWwnKT8uZmllbGRzLm1hcCgoeyBuYW1lIH0pID0+IG5hbWUpLFxuICAgIFsnYXQnLCAnbWV0cmVzJywgJ2lkJ10sXG4gICk7XG59KTtcblxudGVzdCgnYSBkb2N1bWVudCBpbiBzZXZlcmFsIGZpbGVzOiByZWZlcmVuY2VzIGJldHdlZW4gdGhlbSwgcmVsYXRpdmUgYW5kIGJhY2ssIGFuZCBvbmUgdGhhdCBpcyBtaXNzaW5nJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBtYWluID0ge1xuICAgIG9wZW5hcGk6ICczLjEuMCcsXG4gICAgaW5mbzogeyB0aXRsZTogJ1NwbGl0JyB9LFxuICAgIHBhdGhzOiB7XG4gICAgICAnL2JlcnRocyc6IHsgJHJlZjogJ3BhdGhzL2JlcnRocy55YW1sIy9iZXJ0aHMnIH0sXG4gICAgICAnL2dvbmUnOiB7IGdldDogeyBvcGVyYXRpb25JZDogJ2dvbmUnLCByZXNwb25zZXM6IHsgMjAwOiB7ICRyZWY6ICdub3doZXJlLnlhbWwjL3gnIH0gfSB9IH0sXG4gICAgfSxcbiAgICBjb21wb25lbnRzOiB7IHNjaGVtYXM6IHsgQ29kZTogeyB0eXBlOiAnc3RyaW5nJywgcGF0dGVybjogJ15OJyB9IH0gfSxcbiAgfTtcbiAgY29uc3QgeyBvcGVyYXRpb24sIG9wZXJhdGlvbnMsIGRvY3VtZW50YXRpb24sIHJlZnVzZWQgfSA9IGF3YWl0IHJlYWRTb3VyY2UoSlNPTi5zdHJpbmdpZnkobWFpbiksICdtYWluLmpzb24nLCB7XG4gICAgb3RoZXJzOiB7XG4gICAgICAncGF0aHMvYmVydGhzLnlhbWwnOlxuICAgICAgICAnYmVydGhzOlxcbiAgZ2V0OlxcbiAgICBvcGVyYXRpb25JZDogbGlzdEJlcnRoc1xcbiAgICByZXNwb25zZXM6XFxuICAgICAgMjAwOlxcbiAgICAgICAgZGVzY3JpcHRpb246IG9rXFxuICAgICAgICBjb250ZW50OiB7YXBwbGljYXRpb24vanNvbjoge3NjaGVtYTogeyRyZWY6IFwiLi4vc2NoZW1hcy9iZXJ0aC55YW1sXCJ9fX1cXG4nLFxuICAgICAgJ3NjaGVtYXMvYmVydGgueWFtbCc6XG4gICAgICAgICd0eXBlOiBvYmplY3RcXG5wcm9wZXJ0aWVzOlxcbiAgY29kZTogeyRyZWY6IFwiLi4vbWFpbi5qc29uIy9jb21wb25lbnRzL3NjaGVtYXMvQ29kZVwifVxcbiAgbmV4dDogeyRyZWY6IFwiI1wifVxcbicsXG4gICAgfSxcbiAgfSk7XG4gIGFzc2VydC5lcXVhbChvcGVyYXRpb25zLmxlbmd0aCwgMik7XG4gIGNvbnN0IGZpZWxkcyA9IG9wZXJhdGlvbignbGlzdEJlcnRocycpLmFuc3dlcnNbMF0/LmNvbnRlbnQ/LmZpZWxkcyA/PyBbXTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBmaWVsZHMubWFwKCh7IG5hbWUsIGxpbWl0cywgcmVjdXJzaXZlIH0pID0+IFtuYW1lLCBsaW1pdHM/Lm1hdGNoZXMsIHJlY3Vyc2l2ZV0pLFxuICAgIFtcbiAgICAgIFsnY29kZScsICdeTicsIHVuZGVmaW5lZF0sXG4gICAgICBbJ25leHQnLCB1bmRlZmluZWQsICdiZXJ0aC55YW1sIyddLFxuICAgIF0sXG4gICk7XG4gIGFzc2VydC5kZWVwRXF1YWwocmVmdXNlZCwgW3sgbmFtZTogJ25vd2hlcmUueWFtbCcsIHdoeTogJ2l0IGlzIG5vdCB0aGVyZScgfV0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIGRvY3VtZW50YXRpb24ud2FybmluZ3MubWFwKCh7IGF0LCB3aGF0IH0pID0+IFthdCwgd2hhdF0pLFxuICAgIFtbJy9wYXRocy9+MWdvbmUvZ2V0L3Jlc3BvbnNlcy8yMDAnLCAnJHJlZiBub3doZXJlLnlhbWwjL3ggbGVhZHMgdG8gYSBkb2N1bWVudCB0aGF0IHdhcyBub3QgcmVhZCddXSxcbiAgKTtcbn0pO1xuXG50ZXN0KCdhbHRlcm5hdGl2ZXMgb2Ygb25lT2YgaGF2ZSB0aGVpciBuYW1lcyBhbmQgd2hhdCBjaG9vc2VzIHRoZW07IGNhbGxiYWNrcywgd2ViaG9va3MgYW5kIGV4dGVuc2lvbnMgYXJlIGxpc3RlZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBvcGVyYXRpb24sIGRvY3VtZW50YXRpb24gfSA9IGF3YWl0IHJlYWRKc29uKHtcbiAgICBvcGVuYXBpOiAnMy4xLjAnLFxuICAgIGluZm86IHsgdGl0bGU6ICdDYXJnbycgfSxcbiAgICB3ZWJob29rczogeyBtb29yZWQ6IHsgcG9zdDoge30gfSB9LFxuICAgIGNvbXBvbmVudHM6IHtcbiAgICAgIHNjaGVtYXM6IHtcbiAgICAgICAgR3JhaW46IHtcbiAgICAgICAgICB0eXBlOiAnb2JqZWN0JyxcbiAgICAgICAgICByZXF1aXJlZDogWydraW5kJywgJ3Rvbm5lcyddLFxuICAgICAgICAgIHByb3BlcnRpZXM6IHsga2luZDogeyBjb25zdDogJ2dyYWluJyB9LCB0b25uZXM6IHsgdHlwZTogJ251bWJlcicgfSB9LFxuICAgICAgICB9LFxuICAgICAgICBUaW1iZXI6IHtcbiAgICAgICAgICB0eXBlOiAnb2JqZWN0JyxcbiAgICAgICAgICByZXF1aXJlZDogWydraW5kJ10sXG4gICAgICAgICAgcHJvcGVydGllczogeyBraW5kOiB7IGNvbnN0OiAndGltYmVyJyB9LCBzdGVtczogeyB0eXBlOiAnaW50ZWdlcicgfSB9LFxuICAgICAgICB9LFxuICAgICAgfSxcbiAgICB9LFxuICAgIHBhdGhzOiB7XG4gICAgICAnL2NhcmdvJzoge1xuICAgICAgICBwb3N0OiB7XG4gICAgICAgICAgb3BlcmF0aW9uSWQ6ICdsb2FkJyxcbiAgICAgICAgICAneC1kZXNrJzogeyBvcGVuczogJzA4OjAwJyB9LFxuICAgICAgICAgIGNhbGxiYWNrczogeyBsb2FkZWQ6IHsgJ3skcmVxdWVzdC5ib2R5Iy9hbnN3ZXJ9JzogeyBwb3N0OiB7fSB9IH0gfSxcbiAgICAgICAgICByZXF1ZXN0Qm9keToge1xuICAgICAgICAgICAgY29udGVudDoge1xuICAgICAgICAgICAgICAnYXBwbGljYXRpb24vanNvbic6IHtcbiAgICAgICAgICAgICAgICBzY2hlbWE6IHtcbiAgICAgICAgICAgICAgICAgIG9uZU9mOiBbeyAkcmVmOiAnIy9jb21wb25lbnRzL3NjaGVtYXMvR3JhaW4nIH0sIHsgJHJlZjogJyMvY29tcG9uZW50cy9zY2hlbWFzL1RpbWJlcicgfV0sXG4gICAgICAgICAgICAgICAgICBkaXNjcmltaW5hdG9yOiB7IHByb3BlcnR5TmFtZTogJ2tpbmQnLCBtYXBwaW5nOiB7IGdyYWluOiAnIy9jb21wb25lbnRzL3NjaGVtYXMvR3JhaW4nIH0gfSxcbiAgICAgICAgICAgICAgICB9LFxuICAgICAgICAgICAgICB9LFxuICAgICAgICAgICAgfSxcbiAgICAgICAgICB9LFxuICAgICAgICAgIHJlc3BvbnNlczoge30sXG4gICAgICAgIH0sXG4gICAgICB9LFxuICAgIH0sXG4gIH0pO1xuICBjb25zdCBsb2FkID0gb3BlcmF0aW9uKCdsb2FkJyk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgbG9hZC5ib2R5Py5hbHRlcm5hdGl2ZXM/Lm1hcCgoeyBuYW1lLCB3aGVuLCBmaWVsZHMgfSkgPT4gW25hbWUsIHdoZW4sIGZpZWxkcy5tYXAoKGZpZWxkKSA9PiBmaWVsZC5uYW1lKV0pLFxuICAgIFtcbiAgICAgIFsnR3JhaW4nLCAna2luZDogZ3JhaW4nLCBbJ2tpbmQnLCAndG9ubmVzJ11dLFxuICAgICAgWydUaW1iZXInLCAna2luZDogVGltYmVyJywgWydraW5kJywgJ3N0ZW1zJ11dLFxuICAgIF0sXG4gICk7XG4gIGFzc2VydC5kZWVwRXF1YWwobG9hZC5jYWxsYmFja3MsIFsnbG9hZGVkOiBQT1NUIHskcmVxdWVzdC5ib2R5Iy9hbnN3ZXJ9J10pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGxvYWQuZXh0ZW5zaW9ucywgeyAneC1kZXNrJzogeyBvcGVuczogJzA4OjAwJyB9IH0pO1xuICBhc3NlcnQuZGVlcEVxdWFsKGRvY3VtZW50YXRpb24ud2ViaG9va3MsIFsnUE9TVCBtb29yZWQnXSk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsYUFBYTtBQU90QixJQUFNLFVBQVUsZ0JBQWdCLHVCQUF1QjtBQUV2RCxLQUFLLHNFQUFzRSxZQUFZO0FBQ3JGLFFBQU0sRUFBRSxNQUFNLElBQUk7QUFDbEIsUUFBTSxVQUFVLG9CQUFJLElBQUksQ0FBQyxPQUFPLE9BQU8sUUFBUSxTQUFTLFFBQVEsQ0FBQztBQUNqRSxRQUFNLFVBQVUsT0FBTyxPQUFPLEtBQUssRUFBRSxRQUFRLENBQUMsU0FBUyxPQUFPLEtBQUssSUFBSSxFQUFFLE9BQU8sQ0FBQyxRQUFRLFFBQVEsSUFBSSxHQUFHLENBQUMsQ0FBQztBQUMxRyxRQUFNLEVBQUUsWUFBWSxjQUFjLElBQUksTUFBTSxTQUFTLE9BQU87QUFDNUQsUUFBTSxFQUFFLFVBQVUsUUFBUSxTQUFTLE1BQU0sSUFBSTtBQUM3QyxTQUFPLE1BQU0sV0FBVyxRQUFRLFFBQVEsTUFBTTtBQUM5QyxTQUFPLFVBQVUsVUFBVSxDQUFDLENBQUM7QUFDN0IsU0FBTyxVQUFVLENBQUMsUUFBUSxTQUFTLEtBQUssR0FBRyxDQUFDLFdBQVcsU0FBUyxtQkFBbUIsQ0FBQztBQUN0RixDQUFDO0FBRUQsS0FBSyx3R0FBd0csWUFBWTtBQUN2SCxRQUFNLEVBQUUsVUFBVSxJQUFJLE1BQU0sU0FBUyxPQUFPO0FBQzVDLFFBQU0sT0FBTyxVQUFVLFVBQVU7QUFDakMsU0FBTztBQUFBLElBQ0wsQ0FBQyxLQUFLLFFBQVEsS0FBSyxNQUFNLEtBQUssT0FBTyxLQUFLLE9BQU87QUFBQSxJQUNqRCxDQUFDLFFBQVEsMkJBQTJCLFNBQVMsSUFBSTtBQUFBLEVBQ25EO0FBQ0EsU0FBTztBQUFBLElBQ0wsS0FBSyxXQUFXLElBQUksQ0FBQyxFQUFFLE1BQU0sSUFBSSxPQUFPLFVBQVUsT0FBTyxNQUFNLENBQUMsTUFBTSxPQUFPLFVBQVUsUUFBUSxPQUFPLENBQUM7QUFBQSxJQUN2RyxDQUFDLENBQUMsT0FBTyxRQUFRLE1BQU0sWUFBWSxDQUFDO0FBQUEsRUFDdEM7QUFDQSxRQUFNLFNBQVMsS0FBSyxNQUFNLE9BQU8sS0FBSyxDQUFDLEVBQUUsS0FBSyxNQUFNLFNBQVMsUUFBUTtBQUNyRSxTQUFPO0FBQUEsSUFDTCxDQUFDLFFBQVEsTUFBTSxRQUFRLFVBQVUsUUFBUSxTQUFTLFVBQVUsV0FBVyxNQUFNLENBQUM7QUFBQSxJQUM5RSxDQUFDLFdBQVcsTUFBTSxRQUFXLFNBQVM7QUFBQSxFQUN4QztBQUNBLFFBQU0sU0FBUyxLQUFLLE1BQU0sT0FBTyxLQUFLLENBQUMsRUFBRSxLQUFLLE1BQU0sU0FBUyxRQUFRO0FBQ3JFLFNBQU87QUFBQSxJQUNMLENBQUMsUUFBUSxNQUFNLFFBQVEsU0FBUyxVQUFVLFdBQVcsTUFBTSxDQUFDO0FBQUEsSUFDNUQsQ0FBQyxtQkFBbUIsQ0FBQyxTQUFTLFNBQVMsU0FBUyxHQUFHLHlEQUF5RDtBQUFBLEVBQzlHO0FBQ0EsU0FBTyxVQUFVLEtBQUssUUFBUSxJQUFJLENBQUMsRUFBRSxPQUFPLE1BQU0sTUFBTSxFQUFFLEtBQUssR0FBRyxDQUFDLE9BQU8sT0FBTyxPQUFPLE9BQU8sS0FBSyxDQUFDO0FBQ3JHLFFBQU0sT0FBTyxLQUFLLFFBQVEsS0FBSyxDQUFDLEVBQUUsT0FBTyxNQUFNLFdBQVcsS0FBSztBQUMvRCxTQUFPLE1BQU0sTUFBTSxTQUFTLE9BQU8sS0FBSyxDQUFDLEVBQUUsS0FBSyxNQUFNLFNBQVMsSUFBSSxHQUFHLFVBQVUsSUFBSTtBQUNwRixTQUFPLE1BQU0sTUFBTSxTQUFTLG1CQUFtQixJQUFJO0FBQ25ELFNBQU87QUFBQSxJQUNMLE1BQU0sUUFBUSxJQUFJLENBQUMsRUFBRSxLQUFLLE1BQU0sSUFBSTtBQUFBLElBQ3BDLENBQUMsVUFBVTtBQUFBLEVBQ2I7QUFDQSxTQUFPO0FBQUEsSUFDTCxLQUFLLFNBQVMsSUFBSSxDQUFDLEVBQUUsUUFBUSxNQUFNLFFBQVEsSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUksQ0FBQztBQUFBLElBQ2xFLENBQUMsQ0FBQyxXQUFXLENBQUM7QUFBQSxFQUNoQjtBQUNBLFNBQU8sVUFBVSxVQUFVLE9BQU8sRUFBRSxVQUFVLENBQUMsQ0FBQztBQUNsRCxDQUFDO0FBRUQsS0FBSywrQkFBK0IsWUFBWTtBQUM5QyxRQUFNLE9BQ0o7QUFDRixRQUFNLE9BQU87QUFBQSxJQUNYLFNBQVM7QUFBQSxJQUNULE1BQU0sRUFBRSxPQUFPLEtBQUssU0FBUyxJQUFJO0FBQUEsSUFDakMsT0FBTyxFQUFFLE1BQU0sRUFBRSxLQUFLLEVBQUUsYUFBYSxLQUFLLFdBQVcsRUFBRSxLQUFLLEVBQUUsYUFBYSxLQUFLLEVBQUUsRUFBRSxFQUFFLEVBQUU7QUFBQSxFQUMxRjtBQUNBLFFBQU0sQ0FBQyxLQUFLLEtBQUssSUFBSSxDQUFDLE1BQU0sV0FBVyxNQUFNLFFBQVEsR0FBRyxNQUFNLFdBQVcsS0FBSyxVQUFVLElBQUksR0FBRyxRQUFRLENBQUM7QUFDeEcsU0FBTyxVQUFVLElBQUksWUFBWSxNQUFNLFVBQVU7QUFDakQsU0FBTyxNQUFNLElBQUksV0FBVyxRQUFRLENBQUM7QUFDdkMsQ0FBQztBQUVELElBQU0sYUFBYTtBQUFBLEVBQ2pCLFNBQVM7QUFBQSxFQUNULE1BQU0sRUFBRSxPQUFPLFVBQVUsU0FBUyxJQUFJO0FBQUEsRUFDdEMsU0FBUyxDQUFDLEVBQUUsS0FBSyw4Q0FBOEMsV0FBVyxFQUFFLFFBQVEsRUFBRSxTQUFTLFFBQVEsRUFBRSxFQUFFLENBQUM7QUFBQSxFQUM1RyxZQUFZO0FBQUEsSUFDVixZQUFZO0FBQUEsTUFDVixNQUFNLEVBQUUsTUFBTSxRQUFRLElBQUksU0FBUyxRQUFRLEVBQUUsTUFBTSxXQUFXLFNBQVMsR0FBRyxrQkFBa0IsS0FBSyxFQUFFO0FBQUEsSUFDckc7QUFBQSxJQUNBLFNBQVM7QUFBQSxNQUNQLE9BQU87QUFBQSxRQUNMLE9BQU87QUFBQSxVQUNMLEVBQUUsTUFBTSw2QkFBNkI7QUFBQSxVQUNyQztBQUFBLFlBQ0UsTUFBTTtBQUFBLFlBQ04sVUFBVSxDQUFDLFFBQVE7QUFBQSxZQUNuQixZQUFZO0FBQUEsY0FDVixRQUFRLEVBQUUsTUFBTSxVQUFVLE1BQU0sQ0FBQyxPQUFPLE9BQU8sR0FBRyxVQUFVLEtBQUs7QUFBQSxjQUNqRSxZQUFZLEVBQUUsTUFBTSxTQUFTLE9BQU8sRUFBRSxNQUFNLDZCQUE2QixFQUFFO0FBQUEsWUFDN0U7QUFBQSxVQUNGO0FBQUEsUUFDRjtBQUFBLE1BQ0Y7QUFBQSxNQUNBLE9BQU8sRUFBRSxNQUFNLFVBQVUsVUFBVSxDQUFDLElBQUksR0FBRyxZQUFZLEVBQUUsSUFBSSxFQUFFLE1BQU0sVUFBVSxVQUFVLEtBQUssRUFBRSxFQUFFO0FBQUEsTUFDbEcsTUFBTSxFQUFFLE1BQU0sNEJBQTRCO0FBQUEsSUFDNUM7QUFBQSxJQUNBLGlCQUFpQixFQUFFLEtBQUssRUFBRSxNQUFNLFVBQVUsSUFBSSxVQUFVLE1BQU0sUUFBUSxFQUFFO0FBQUEsRUFDMUU7QUFBQSxFQUNBLE9BQU87QUFBQSxJQUNMLGdCQUFnQjtBQUFBLE1BQ2QsS0FBSztBQUFBLFFBQ0gsWUFBWSxDQUFDLEVBQUUsTUFBTSwrQkFBK0IsQ0FBQztBQUFBLFFBQ3JELFVBQVUsQ0FBQyxFQUFFLEtBQUssQ0FBQyxFQUFFLEdBQUcsQ0FBQyxDQUFDO0FBQUEsUUFDMUIsV0FBVztBQUFBLFVBQ1QsT0FBTztBQUFBLFlBQ0wsYUFBYTtBQUFBLFlBQ2IsU0FBUyxFQUFFLG9CQUFvQixFQUFFLFFBQVEsRUFBRSxNQUFNLDZCQUE2QixFQUFFLEVBQUU7QUFBQSxVQUNwRjtBQUFBLFFBQ0Y7QUFBQSxNQUNGO0FBQUEsTUFDQSxLQUFLO0FBQUEsUUFDSCxhQUFhLEVBQUUsU0FBUyxFQUFFLG9CQUFvQixFQUFFLFFBQVEsRUFBRSxNQUFNLDZCQUE2QixFQUFFLEVBQUUsRUFBRTtBQUFBLFFBQ25HLFdBQVcsQ0FBQztBQUFBLE1BQ2Q7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBRUEsS0FBSyxzR0FBc0csWUFBWTtBQUNySCxRQUFNLEVBQUUsZUFBZSxVQUFVLElBQUksTUFBTSxTQUFTLFVBQVU7QUFDOUQsUUFBTSxPQUFPLFVBQVUsZUFBZTtBQUN0QyxTQUFPLE1BQU0sS0FBSyxNQUFNLHFCQUFxQjtBQUM3QyxTQUFPLFVBQVUsS0FBSyxVQUFVLENBQUMsQ0FBQztBQUNsQyxRQUFNLE9BQU8sS0FBSyxXQUFXLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLE1BQU07QUFDL0QsU0FBTyxNQUFNLFFBQVEsV0FBVyxJQUFJLEdBQUcsUUFBUTtBQUMvQyxRQUFNLFNBQVMsS0FBSyxRQUFRLENBQUMsR0FBRyxTQUFTLFVBQVUsQ0FBQztBQUNwRCxTQUFPO0FBQUEsSUFDTCxPQUFPLElBQUksQ0FBQyxFQUFFLE1BQU0sU0FBUyxNQUFNLENBQUMsTUFBTSxRQUFRLENBQUM7QUFBQSxJQUNuRDtBQUFBLE1BQ0UsQ0FBQyxNQUFNLElBQUk7QUFBQSxNQUNYLENBQUMsVUFBVSxJQUFJO0FBQUEsTUFDZixDQUFDLGNBQWMsS0FBSztBQUFBLElBQ3RCO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxPQUFPLENBQUMsR0FBRyxNQUFNLGdCQUFnQjtBQUM5QyxTQUFPLE1BQU0sT0FBTyxDQUFDLEdBQUcsV0FBVyxPQUFPO0FBQzFDLFNBQU87QUFBQSxJQUVILGFBQWEsY0FBYyxZQUFZLElBQUksNEJBQTRCLENBQUMsRUFHeEUsTUFBTSxDQUFDLEdBQUcsV0FBVztBQUFBLElBQ3ZCO0FBQUEsTUFDRSxNQUFNLENBQUMsVUFBVSxNQUFNO0FBQUEsTUFDdkIsTUFBTSxDQUFDLE9BQU8sU0FBUyxJQUFJO0FBQUEsSUFDN0I7QUFBQSxFQUNGO0FBQ0EsU0FBTztBQUFBLElBQ0wsY0FBYyxTQUFTLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJO0FBQUEsSUFDN0MsQ0FBQywwQ0FBMEMsd0NBQXdDO0FBQUEsRUFDckY7QUFDRixDQUFDO0FBRUQsSUFBTSxTQUE0RjtBQUFBLEVBQ2hHO0FBQUEsSUFDRTtBQUFBLElBQ0EsRUFBRSxNQUFNLEVBQUUsS0FBSyxFQUFFLFlBQVksQ0FBQyxFQUFFLE1BQU0sNkJBQTZCLENBQUMsR0FBRyxXQUFXLENBQUMsRUFBRSxFQUFFLEVBQUU7QUFBQSxJQUN6RjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBLEVBQUUsTUFBTSxFQUFFLEtBQUssRUFBRSxZQUFZLENBQUMsRUFBRSxNQUFNLGdCQUFnQixDQUFDLEdBQUcsV0FBVyxDQUFDLEVBQUUsRUFBRSxFQUFFO0FBQUEsSUFDNUU7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQSxFQUFFLE1BQU0sRUFBRSxLQUFLLEVBQUUsV0FBVyxFQUFFLEtBQUssRUFBRSxNQUFNLGdDQUFnQyxFQUFFLEVBQUUsRUFBRSxFQUFFO0FBQUEsSUFDbkY7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQSxFQUFFLE1BQU0sRUFBRSxLQUFLLEVBQUUsYUFBYSxLQUFLLFdBQVcsQ0FBQyxFQUFFLEdBQUcsS0FBSyxFQUFFLGFBQWEsS0FBSyxXQUFXLENBQUMsRUFBRSxFQUFFLEVBQUU7QUFBQSxJQUMvRjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQSxDQUFDLCtCQUErQixFQUFFLE1BQU0sRUFBRSxLQUFLLFFBQVEsS0FBSyxFQUFFLFdBQVcsQ0FBQyxFQUFFLEVBQUUsRUFBRSxHQUFHLGFBQWEsQ0FBQztBQUFBLEVBQ2pHLENBQUMseUJBQXlCLEVBQUUsTUFBTSxDQUFDLEdBQUcsTUFBTSxFQUFFLEtBQUssRUFBRSxXQUFXLENBQUMsRUFBRSxFQUFFLEVBQUUsR0FBRyx3QkFBd0IsQ0FBQztBQUFBLEVBQ25HLENBQUMsOEJBQThCLEVBQUUsTUFBTSxFQUFFLEtBQUssRUFBRSxZQUFZLENBQUMsRUFBRSxJQUFJLFFBQVEsQ0FBQyxHQUFHLFdBQVcsQ0FBQyxFQUFFLEVBQUUsRUFBRSxHQUFHLFdBQVcsQ0FBQztBQUFBLEVBQ2hILENBQUMsMkJBQTJCLEVBQUUsTUFBTSxFQUFFLEtBQUssRUFBRSxXQUFXLENBQUMsRUFBRSxFQUFFLEVBQUUsR0FBRyx5QkFBeUIsQ0FBQztBQUM5RjtBQUNBLFdBQVcsQ0FBQyxNQUFNLE9BQU8sT0FBTyxJQUFJLEtBQUssUUFBUTtBQUMvQyxPQUFLLEdBQUcsSUFBSSxzQkFBc0IsWUFBWTtBQUM1QyxVQUFNLEVBQUUsWUFBWSxjQUFjLElBQUksTUFBTSxTQUFTLEVBQUUsU0FBUyxTQUFTLE1BQU0sQ0FBQyxHQUFHLE1BQU0sQ0FBQztBQUMxRixVQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLFdBQU8sTUFBTSxXQUFXLFFBQVEsSUFBSTtBQUNwQyxXQUFPO0FBQUEsTUFDTCxTQUFTLEtBQUssQ0FBQyxFQUFFLE1BQU0sR0FBRyxNQUFNLE1BQU0sS0FBSyxJQUFJLEtBQUssR0FBRyxXQUFXLEdBQUcsQ0FBQztBQUFBLE1BQ3RFLEtBQUssVUFBVSxRQUFRO0FBQUEsSUFDekI7QUFBQSxFQUNGLENBQUM7QUFDSDtBQUVBLElBQU0sV0FBNkU7QUFBQSxFQUNqRixDQUFDLGNBQWMsaUJBQWlCLGNBQWM7QUFBQSxFQUM5QyxDQUFDLGVBQWUscUNBQXFDLGtCQUFrQjtBQUFBLEVBQ3ZFLENBQUMsZUFBZSxtQ0FBbUMsa0JBQWtCO0FBQUEsRUFDckUsQ0FBQyxvQkFBb0IsbUNBQW1DLHlCQUF5QjtBQUFBLEVBQ2pGLENBQUMsMkJBQTJCLHFDQUFxQyxxQkFBcUI7QUFBQSxFQUN0RixDQUFDLFdBQVcsSUFBSSxjQUFjO0FBQUEsRUFDOUI7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLEVBQWdCLE1BQU0sS0FBSyxFQUFFLFFBQVEsR0FBRyxHQUFHLENBQUMsR0FBRyxNQUFNLElBQUksSUFBSSxDQUFDLE9BQU8sSUFBSSxDQUFDLE9BQU8sQ0FBQyxPQUFPLENBQUMsT0FBTyxDQUFDLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQztBQUFBO0FBQUEsSUFDakg7QUFBQSxFQUNGO0FBQ0Y7QUFDQSxXQUFXLENBQUMsTUFBTSxNQUFNLElBQUksS0FBSyxVQUFVO0FBQ3pDLE9BQUssR0FBRyxJQUFJLHdCQUF3QixNQUFNLE9BQU8sUUFBUSxXQUFXLE1BQU0sT0FBTyxHQUFHLElBQUksQ0FBQztBQUMzRjtBQUVBLEtBQUssb0VBQW9FLFlBQVk7QUFDbkYsUUFBTSxPQUFPLEdBQUcsc0JBQXNCLE9BQU8sR0FBTSxDQUFDLEtBQUssS0FBSyxPQUFPLEdBQU0sQ0FBQztBQUM1RSxRQUFNLE9BQU8sOEdBQThHLElBQUk7QUFDL0gsUUFBTSxPQUFPLFFBQVEsV0FBVyxNQUFNLFFBQVEsR0FBRyxFQUFFLE1BQU0scUJBQXFCLENBQUM7QUFDakYsQ0FBQztBQUVELEtBQUssNkVBQTZFLFlBQVk7QUFDNUYsUUFBTSxRQUFRLG9CQUFJLElBQUksQ0FBQyxDQUFDLFlBQVksTUFBTSxTQUFTLE9BQU8sR0FBRyxLQUFLLENBQUMsQ0FBQztBQUNwRSxRQUFNLE1BQU0sSUFBSSxVQUE4QixlQUFlLE9BQU8sS0FBSyxFQUFFLFFBQVEsSUFBSSxDQUFDLEVBQUUsR0FBRyxNQUFNLEVBQUU7QUFDckcsU0FBTyxNQUFNLElBQUksTUFBTSxFQUFFLENBQUMsR0FBRyxVQUFVO0FBQ3ZDLFNBQU8sTUFBTSxJQUFJLFFBQVEsRUFBRSxDQUFDLEdBQUcsWUFBWTtBQUMzQyxTQUFPLEdBQUcsSUFBSSxPQUFPLEVBQUUsU0FBUyxVQUFVLENBQUM7QUFDM0MsU0FBTyxVQUFVLGVBQWUsT0FBTyxDQUFDLE1BQU0sQ0FBQyxFQUFFLFFBQVEsQ0FBQyxHQUFHLElBQUksQ0FBQyxZQUFZLENBQUM7QUFDL0UsU0FBTyxVQUFVLElBQUksVUFBVSxNQUFNLEdBQUcsQ0FBQyxZQUFZLENBQUM7QUFDdEQsUUFBTSxVQUFVLGVBQWUsT0FBTyxDQUFDLFFBQVEsVUFBVSxDQUFDO0FBQzFELFNBQU8sTUFBTSxRQUFRLFVBQVUsS0FBSztBQUNwQyxTQUFPLE1BQU0sUUFBUSxRQUFRLENBQUMsR0FBRyxJQUFJLFVBQVU7QUFDL0MsU0FBTyxVQUFVLGVBQWUsT0FBTyxDQUFDLFVBQVUsQ0FBQyxFQUFFLFNBQVMsQ0FBQyxDQUFDO0FBQ2hFLFFBQU0sV0FBVyxlQUFlLE9BQU8sQ0FBQyxRQUFRLENBQUM7QUFDakQsU0FBTyxNQUFNLFNBQVMsS0FBSyxJQUFJLFFBQVEsS0FBSyxJQUFJLFlBQVk7QUFDNUQsU0FBTyxHQUFHLFNBQVMsUUFBUTtBQUM3QixDQUFDO0FBRUQsS0FBSyxrR0FBa0csWUFBWTtBQUNqSCxRQUFNLEVBQUUsTUFBTSxJQUFJLE1BQU0sU0FBUyxPQUFPO0FBQ3hDLFFBQU0sT0FBTyxNQUFNLFlBQVksRUFBRSxRQUFRLGFBQWEsU0FBUyxRQUFRLENBQUM7QUFDeEUsUUFBTSxPQUFPLE1BQU0sSUFBSTtBQUN2QixTQUFPLE1BQU0sTUFBTSxtREFBbUQ7QUFDdEUsU0FBTyxVQUFVLE9BQU8sS0FBSyxLQUFLLFVBQVUsQ0FBQyxDQUFDLEdBQUcsQ0FBQyxPQUFPLFNBQVMsUUFBUSxDQUFDO0FBQzNFLFNBQU8sVUFBVSxLQUFLLE1BQU0sRUFBRSxNQUFNLEVBQUUsT0FBTyxZQUFZLFFBQVEsWUFBWSxFQUFFLENBQUM7QUFDaEYsU0FBTyxVQUFVLEtBQUssUUFBUSxRQUFRO0FBQUEsSUFDcEMsT0FBTztBQUFBLElBQ1AsTUFBTTtBQUFBLElBQ04sWUFBWTtBQUFBLElBQ1osV0FBVztBQUFBLEVBQ2IsQ0FBQztBQUNELFNBQU8sTUFBTSxLQUFLLEtBQUssa0NBQWtDO0FBQ3pELFNBQU8sTUFBTSxLQUFLLFNBQVMsT0FBTztBQUNsQyxTQUFPLFVBQVUsS0FBSyxRQUFRO0FBQUEsSUFDNUIsUUFBUTtBQUFBLElBQ1IsdUJBQXVCLEVBQUUsZUFBZSxtQkFBbUI7QUFBQSxJQUMzRCxHQUFHLEVBQUUsUUFBUSxhQUFhO0FBQUEsRUFDNUIsQ0FBQztBQUNELFNBQU8sTUFBTSxNQUFNLDhGQUE4RjtBQUNqSCxTQUFPLE1BQU0sTUFBTSxxQkFBcUI7QUFDeEMsU0FBTyxhQUFhLE1BQU0sc0JBQXNCO0FBQ2xELENBQUM7QUFFRCxLQUFLLG9EQUFvRCxZQUFZO0FBQ25FLGFBQVcsVUFBVSxDQUFDLE1BQU0sU0FBUyxPQUFPLEdBQUcsTUFBTSxTQUFTLFVBQVUsQ0FBQyxHQUFHO0FBQzFFLGVBQVcsRUFBRSxHQUFHLEtBQUssT0FBTyxZQUFZO0FBQ3RDLFlBQU0sT0FBTyxPQUFPLE1BQU0sRUFBRTtBQUM1QixhQUFPLE1BQU8sTUFBTSxJQUFJLEVBQThCLFdBQVcsV0FBVyxFQUFFLElBQUksSUFBSTtBQUFBLElBQ3hGO0FBQUEsRUFDRjtBQUNGLENBQUM7QUFFRCxJQUFNLGFBQWE7QUFBQSxFQUNqQixTQUFTO0FBQUEsRUFDVCxNQUFNLEVBQUUsT0FBTyxhQUFhLFNBQVMsTUFBTTtBQUFBLEVBQzNDLE1BQU07QUFBQSxFQUNOLFVBQVU7QUFBQSxFQUNWLFNBQVMsQ0FBQyxRQUFRLE9BQU87QUFBQSxFQUN6QixVQUFVLENBQUMsa0JBQWtCO0FBQUEsRUFDN0IsVUFBVSxDQUFDLGtCQUFrQjtBQUFBLEVBQzdCLHFCQUFxQixFQUFFLE1BQU0sRUFBRSxNQUFNLFFBQVEsRUFBRTtBQUFBLEVBQy9DLFVBQVUsQ0FBQyxFQUFFLE1BQU0sQ0FBQyxFQUFFLENBQUM7QUFBQSxFQUN2QixZQUFZLEVBQUUsU0FBUyxFQUFFLE1BQU0sV0FBVyxJQUFJLFFBQVEsVUFBVSxNQUFNLE1BQU0sVUFBVSxNQUFNLENBQUMsT0FBTyxNQUFNLEVBQUUsRUFBRTtBQUFBLEVBQzlHLGFBQWE7QUFBQSxJQUNYLE9BQU87QUFBQSxNQUNMLE1BQU07QUFBQSxNQUNOLFVBQVUsQ0FBQyxNQUFNLFFBQVE7QUFBQSxNQUN6QixZQUFZO0FBQUEsUUFDVixJQUFJLEVBQUUsTUFBTSxVQUFVLFFBQVEsWUFBWTtBQUFBLFFBQzFDLFFBQVEsRUFBRSxNQUFNLFNBQVM7QUFBQSxRQUN6QixJQUFJLEVBQUUsTUFBTSxVQUFVLFVBQVUsS0FBSztBQUFBLE1BQ3ZDO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFBQSxFQUNBLE9BQU87QUFBQSxJQUNMLG9CQUFvQjtBQUFBLE1BQ2xCLFlBQVksQ0FBQyxFQUFFLE1BQU0sdUJBQXVCLENBQUM7QUFBQSxNQUM3QyxLQUFLO0FBQUEsUUFDSCxhQUFhO0FBQUEsUUFDYixZQUFZO0FBQUEsVUFDVixFQUFFLE1BQU0sUUFBUSxJQUFJLFNBQVMsTUFBTSxTQUFTLE9BQU8sRUFBRSxNQUFNLFVBQVUsR0FBRyxrQkFBa0IsUUFBUTtBQUFBLFFBQ3BHO0FBQUEsUUFDQSxXQUFXLEVBQUUsS0FBSyxFQUFFLGFBQWEsTUFBTSxRQUFRLEVBQUUsTUFBTSxTQUFTLE9BQU8sRUFBRSxNQUFNLHNCQUFzQixFQUFFLEVBQUUsRUFBRTtBQUFBLE1BQzdHO0FBQUEsTUFDQSxNQUFNO0FBQUEsUUFDSixhQUFhO0FBQUEsUUFDYixZQUFZLENBQUMsRUFBRSxNQUFNLFNBQVMsSUFBSSxRQUFRLFVBQVUsTUFBTSxRQUFRLEVBQUUsTUFBTSxzQkFBc0IsRUFBRSxDQUFDO0FBQUEsUUFDbkcsV0FBVztBQUFBLFVBQ1QsS0FBSztBQUFBLFlBQ0gsYUFBYTtBQUFBLFlBQ2IsVUFBVSxFQUFFLG9CQUFvQixFQUFFLElBQUksS0FBSyxFQUFFO0FBQUEsWUFDN0MsUUFBUSxFQUFFLE1BQU0sc0JBQXNCO0FBQUEsVUFDeEM7QUFBQSxRQUNGO0FBQUEsTUFDRjtBQUFBLE1BQ0EsS0FBSztBQUFBLFFBQ0gsYUFBYTtBQUFBLFFBQ2IsVUFBVSxDQUFDLHFCQUFxQjtBQUFBLFFBQ2hDLFlBQVksQ0FBQyxFQUFFLE1BQU0sU0FBUyxJQUFJLFlBQVksTUFBTSxRQUFRLFVBQVUsS0FBSyxDQUFDO0FBQUEsUUFDNUUsV0FBVyxDQUFDO0FBQUEsTUFDZDtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxLQUFLLDhHQUE4RyxZQUFZO0FBQzdILFFBQU0sRUFBRSxXQUFXLFlBQVksZUFBZSxNQUFNLElBQUksTUFBTSxTQUFTLFVBQVU7QUFDakYsU0FBTyxNQUFNLFdBQVcsUUFBUSxDQUFDO0FBQ2pDLFNBQU8sVUFBVSxjQUFjLFVBQVUsQ0FBQyxDQUFDO0FBQzNDLFNBQU87QUFBQSxJQUNMLGNBQWMsUUFBUSxJQUFJLENBQUMsRUFBRSxJQUFJLE1BQU0sR0FBRztBQUFBLElBQzFDLENBQUMsa0NBQWtDO0FBQUEsRUFDckM7QUFDQSxRQUFNLFNBQVMsVUFBVSxRQUFRO0FBQ2pDLFNBQU8sTUFBTSxPQUFPLE1BQU0scUJBQXFCO0FBQy9DLFNBQU87QUFBQSxJQUNMLE9BQU8sV0FBVyxJQUFJLENBQUMsRUFBRSxNQUFNLElBQUksT0FBTyxNQUFNLE9BQU8sUUFBUSxNQUFNLENBQUMsTUFBTSxPQUFPLE1BQU0sT0FBTyxPQUFPLENBQUM7QUFBQSxJQUN4RztBQUFBLE1BQ0UsQ0FBQyxXQUFXLFFBQVEsVUFBVSxRQUFXLENBQUMsT0FBTyxNQUFNLENBQUM7QUFBQSxNQUN4RCxDQUFDLFFBQVEsU0FBUyxvQkFBb0IsWUFBWSxNQUFTO0FBQUEsSUFDN0Q7QUFBQSxFQUNGO0FBQ0EsU0FBTyxNQUFNLE9BQU8sU0FBUyxDQUFDLEdBQUcsUUFBUSxDQUFDLEdBQUcsU0FBUyxJQUFJLE9BQU87QUFDakUsUUFBTSxTQUFTLFVBQVUsUUFBUTtBQUNqQyxTQUFPLE1BQU0sT0FBTyxNQUFNLFVBQVUsSUFBSTtBQUN4QyxTQUFPO0FBQUEsSUFDTCxPQUFPLE1BQU0sT0FBTyxJQUFJLENBQUMsRUFBRSxLQUFLLE1BQU0sSUFBSTtBQUFBLElBQzFDLENBQUMsTUFBTSxVQUFVLElBQUk7QUFBQSxFQUN2QjtBQUNBLFNBQU8sVUFBVSxPQUFPLFFBQVEsQ0FBQyxHQUFHLFNBQVMsU0FBUyxFQUFFLElBQUksS0FBSyxDQUFDO0FBQ2xFLFNBQU8sTUFBTSxVQUFVLFFBQVEsRUFBRSxNQUFNLE1BQU0scUJBQXFCO0FBQ2xFLFNBQU8sVUFBVSxNQUFNLE1BQU0sR0FBRyxDQUFDLE9BQU8sQ0FBQztBQUN6QyxTQUFPO0FBQUEsSUFDTCxNQUFNLEtBQUssT0FBTyxHQUFHLE9BQU8sSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUk7QUFBQSxJQUNsRCxDQUFDLE1BQU0sVUFBVSxJQUFJO0FBQUEsRUFDdkI7QUFDRixDQUFDO0FBRUQsS0FBSyxvR0FBb0csWUFBWTtBQUNuSCxRQUFNLE9BQU87QUFBQSxJQUNYLFNBQVM7QUFBQSxJQUNULE1BQU0sRUFBRSxPQUFPLFFBQVE7QUFBQSxJQUN2QixPQUFPO0FBQUEsTUFDTCxXQUFXLEVBQUUsTUFBTSw0QkFBNEI7QUFBQSxNQUMvQyxTQUFTLEVBQUUsS0FBSyxFQUFFLGFBQWEsUUFBUSxXQUFXLEVBQUUsS0FBSyxFQUFFLE1BQU0sa0JBQWtCLEVBQUUsRUFBRSxFQUFFO0FBQUEsSUFDM0Y7QUFBQSxJQUNBLFlBQVksRUFBRSxTQUFTLEVBQUUsTUFBTSxFQUFFLE1BQU0sVUFBVSxTQUFTLEtBQUssRUFBRSxFQUFFO0FBQUEsRUFDckU7QUFDQSxRQUFNLEVBQUUsV0FBVyxZQUFZLGVBQWUsUUFBUSxJQUFJLE1BQU0sV0FBVyxLQUFLLFVBQVUsSUFBSSxHQUFHLGFBQWE7QUFBQSxJQUM1RyxRQUFRO0FBQUEsTUFDTixxQkFDRTtBQUFBLE1BQ0Ysc0JBQ0U7QUFBQSxJQUNKO0FBQUEsRUFDRixDQUFDO0FBQ0QsU0FBTyxNQUFNLFdBQVcsUUFBUSxDQUFDO0FBQ2pDLFFBQU0sU0FBUyxVQUFVLFlBQVksRUFBRSxRQUFRLENBQUMsR0FBRyxTQUFTLFVBQVUsQ0FBQztBQUN2RSxTQUFPO0FBQUEsSUFDTCxPQUFPLElBQUksQ0FBQyxFQUFFLE1BQU0sUUFBUSxVQUFVLE1BQU0sQ0FBQyxNQUFNLFFBQVEsU0FBUyxTQUFTLENBQUM7QUFBQSxJQUM5RTtBQUFBLE1BQ0UsQ0FBQyxRQUFRLE1BQU0sTUFBUztBQUFBLE1BQ3hCLENBQUMsUUFBUSxRQUFXLGFBQWE7QUFBQSxJQUNuQztBQUFBLEVBQ0Y7QUFDQSxTQUFPLFVBQVUsU0FBUyxDQUFDLEVBQUUsTUFBTSxnQkFBZ0IsS0FBSyxrQkFBa0IsQ0FBQyxDQUFDO0FBQzVFLFNBQU87QUFBQSxJQUNMLGNBQWMsU0FBUyxJQUFJLENBQUMsRUFBRSxJQUFJLEtBQUssTUFBTSxDQUFDLElBQUksSUFBSSxDQUFDO0FBQUEsSUFDdkQsQ0FBQyxDQUFDLG1DQUFtQyw0REFBNEQsQ0FBQztBQUFBLEVBQ3BHO0FBQ0YsQ0FBQztBQUVELEtBQUssK0dBQStHLFlBQVk7QUFDOUgsUUFBTSxFQUFFLFdBQVcsY0FBYyxJQUFJLE1BQU0sU0FBUztBQUFBLElBQ2xELFNBQVM7QUFBQSxJQUNULE1BQU0sRUFBRSxPQUFPLFFBQVE7QUFBQSxJQUN2QixVQUFVLEVBQUUsUUFBUSxFQUFFLE1BQU0sQ0FBQyxFQUFFLEVBQUU7QUFBQSxJQUNqQyxZQUFZO0FBQUEsTUFDVixTQUFTO0FBQUEsUUFDUCxPQUFPO0FBQUEsVUFDTCxNQUFNO0FBQUEsVUFDTixVQUFVLENBQUMsUUFBUSxRQUFRO0FBQUEsVUFDM0IsWUFBWSxFQUFFLE1BQU0sRUFBRSxPQUFPLFFBQVEsR0FBRyxRQUFRLEVBQUUsTUFBTSxTQUFTLEVBQUU7QUFBQSxRQUNyRTtBQUFBLFFBQ0EsUUFBUTtBQUFBLFVBQ04sTUFBTTtBQUFBLFVBQ04sVUFBVSxDQUFDLE1BQU07QUFBQSxVQUNqQixZQUFZLEVBQUUsTUFBTSxFQUFFLE9BQU8sU0FBUyxHQUFHLE9BQU8sRUFBRSxNQUFNLFVBQVUsRUFBRTtBQUFBLFFBQ3RFO0FBQUEsTUFDRjtBQUFBLElBQ0Y7QUFBQSxJQUNBLE9BQU87QUFBQSxNQUNMLFVBQVU7QUFBQSxRQUNSLE1BQU07QUFBQSxVQUNKLGFBQWE7QUFBQSxVQUNiLFVBQVUsRUFBRSxPQUFPLFFBQVE7QUFBQSxVQUMzQixXQUFXLEVBQUUsUUFBUSxFQUFFLDJCQUEyQixFQUFFLE1BQU0sQ0FBQyxFQUFFLEVBQUUsRUFBRTtBQUFBLFVBQ2pFLGFBQWE7QUFBQSxZQUNYLFNBQVM7QUFBQSxjQUNQLG9CQUFvQjtBQUFBLGdCQUNsQixRQUFRO0FBQUEsa0JBQ04sT0FBTyxDQUFDLEVBQUUsTUFBTSw2QkFBNkIsR0FBRyxFQUFFLE1BQU0sOEJBQThCLENBQUM7QUFBQSxrQkFDdkYsZUFBZSxFQUFFLGNBQWMsUUFBUSxTQUFTLEVBQUUsT0FBTyw2QkFBNkIsRUFBRTtBQUFBLGdCQUMxRjtBQUFBLGNBQ0Y7QUFBQSxZQUNGO0FBQUEsVUFDRjtBQUFBLFVBQ0EsV0FBVyxDQUFDO0FBQUEsUUFDZDtBQUFBLE1BQ0Y7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQ0QsUUFBTSxPQUFPLFVBQVUsTUFBTTtBQUM3QixTQUFPO0FBQUEsSUFDTCxLQUFLLE1BQU0sY0FBYyxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sT0FBTyxNQUFNLENBQUMsTUFBTSxNQUFNLE9BQU8sSUFBSSxDQUFDLFVBQVUsTUFBTSxJQUFJLENBQUMsQ0FBQztBQUFBLElBQ3hHO0FBQUEsTUFDRSxDQUFDLFNBQVMsZUFBZSxDQUFDLFFBQVEsUUFBUSxDQUFDO0FBQUEsTUFDM0MsQ0FBQyxVQUFVLGdCQUFnQixDQUFDLFFBQVEsT0FBTyxDQUFDO0FBQUEsSUFDOUM7QUFBQSxFQUNGO0FBQ0EsU0FBTyxVQUFVLEtBQUssV0FBVyxDQUFDLHNDQUFzQyxDQUFDO0FBQ3pFLFNBQU8sVUFBVSxLQUFLLFlBQVksRUFBRSxVQUFVLEVBQUUsT0FBTyxRQUFRLEVBQUUsQ0FBQztBQUNsRSxTQUFPLFVBQVUsY0FBYyxVQUFVLENBQUMsYUFBYSxDQUFDO0FBQzFELENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
