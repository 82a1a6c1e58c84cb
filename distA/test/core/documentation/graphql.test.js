import {
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
import "../../parts/chunk-7DIEYAMQ.js";
import "../../parts/chunk-HJ67CAUM.js";
import "../../parts/chunk-EJ3MTJ5C.js";
import {
  pilotSchema
} from "../../parts/chunk-DQ7YWKYH.js";
import "../../parts/chunk-OQREOMES.js";
import "../../parts/chunk-2RJTCR3G.js";
import "../../parts/chunk-JFRZJ6A5.js";
import "../../parts/chunk-IQWA53IU.js";
import "../../parts/chunk-PACVB44P.js";
import "../../parts/chunk-ZC7SUIQQ.js";
import "../../parts/chunk-FSPVDUAZ.js";
import "../../parts/chunk-RABAPZK5.js";
import "../../parts/chunk-XGDOGID3.js";

// test/core/documentation/graphql.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";
import { buildSchema, introspectionFromSchema, isObjectType, parse, specifiedScalarTypes, validate } from "graphql";
import { parse as parseYaml } from "yaml";
var schema = buildSchema(pilotSchema);
var builtIn = new Set(specifiedScalarTypes.map(({ name }) => name));
test("every field of the root types is an operation, and every type is there", async () => {
  const { documentation, index } = await readSource(pilotSchema, "pilots.graphql");
  const counted = [schema.getQueryType(), schema.getMutationType()].flatMap(
    (type) => Object.keys(type?.getFields() ?? {})
  );
  assert.deepEqual(
    documentation.operations.map(({ id }) => id),
    counted
  );
  const types = Object.keys(schema.getTypeMap()).filter((name) => !name.startsWith("__") && !builtIn.has(name));
  assert.deepEqual([...index.types()].sort(), types.sort());
  assert.deepEqual(documentation.warnings, []);
});
test("SDL and the result of an introspection describe the same operations", async () => {
  const sdl = await readSource(pilotSchema, "a.graphql");
  const introspected = await readSource(JSON.stringify({ data: introspectionFromSchema(schema) }), "a.json");
  assert.deepEqual(introspected.operations, sdl.operations);
});
test("arguments, input objects, enumerations, deprecations, unions and interfaces are shown", async () => {
  const { operation, index } = await readSource(pilotSchema, "pilots.graphql");
  const [first, , filter] = operation("pilots").parameters;
  assert.deepEqual([first?.type, first?.default, first?.required], ["Int", 3, false]);
  assert.deepEqual(
    filter?.fields?.map(({ name, type }) => [name, type]),
    [
      ["licence", "Licence"],
      ["onDuty", "Boolean"],
      ["name", "String"]
    ]
  );
  assert.deepEqual(filter?.fields?.[0]?.allowed, ["THIRD", "SECOND", "FIRST", "COASTAL"]);
  assert.equal(
    operation("bookPilot").parameters[0]?.fields?.every(({ required }) => required),
    true
  );
  assert.equal(index.type("RotaEntry")?.kind, "union");
  assert.deepEqual(
    index.type("RotaEntry")?.alternatives?.map(({ name }) => name),
    ["Boarding", "Rest"]
  );
  assert.match(index.type("Person")?.description ?? "", /Types: Pilot, Dispatcher/);
  assert.equal(index.type("Pilot")?.fields.find(({ name }) => name === "grade")?.deprecated, true);
  assert.match(index.type("Day")?.description ?? "", /Specified by https:\/\/larkhaven\.example/);
});
for (const depth of [0, 1, 2, 4]) {
  test(`at depth ${depth} the document of every draft fits the schema`, async () => {
    const { operations, draft } = await readSource(pilotSchema, "pilots.graphql");
    for (const { id } of operations) {
      const file = parseYaml(draft(id, { selection: { depth } }));
      const faults = validate(schema, parse(file.body.graphql.document));
      assert.deepEqual(
        faults.map(({ message }) => message),
        [],
        file.body.graphql.document
      );
    }
  });
}
test("chosen fields are selected alone, and one that is none is refused with the nearest", async () => {
  const { draft } = await readSource(pilotSchema, "pilots.graphql");
  const text = draft("pilot", { selection: { fields: ["name", "rota.pilot.name".split(".").slice(0, 1).join(".")] } });
  const { body } = parseYaml(text);
  assert.deepEqual(validate(schema, parse(body.graphql.document)), []);
  assert.doesNotMatch(body.graphql.document, /licence/);
  assert.throws(() => draft("pilot", { selection: { fields: ["nmae"] } }), /has no field nmae/);
});
test("a type that holds itself is listed once", async () => {
  const { operation } = await readSource(
    "type Query { quay(near: Near): Quay }\ninput Near { of: Near, metres: Int }\ntype Quay { next: Quay, code: ID! }",
    "q.graphql"
  );
  const [near] = operation("quay").parameters;
  assert.equal(near?.fields?.[0]?.recursive, "Near");
  const fields = operation("quay").answers[0]?.content?.fields ?? [];
  assert.equal(fields[0]?.recursive, "Quay");
});
var unusable = [
  ["SDL that breaks off", "type Query { a: ", /not a GraphQL schema/],
  ["a type that is not there", "type Query { a: Nowhere }", /not a GraphQL schema/],
  ["an introspection without types", '{"__schema": {}}', /not a GraphQL schema/]
];
for (const [name, text, says] of unusable)
  test(`${name} is told with its place`, () => assert.rejects(readSource(text, "x.graphql"), says));
test("the object types have as many fields as the reference implementation counts", async () => {
  const { index } = await readSource(pilotSchema, "pilots.graphql");
  for (const type of Object.values(schema.getTypeMap())) {
    if (!isObjectType(type) || type.name.startsWith("__")) continue;
    assert.equal(index.type(type.name)?.fields.length, Object.keys(type.getFields()).length, type.name);
  }
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vLi4vdGVzdC9jb3JlL2RvY3VtZW50YXRpb24vZ3JhcGhxbC50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogR3JhcGhRTDogYSBzY2hlbWEgb2YgZXZlcnkga2luZCBvZiB0eXBlLCBjb3VudGVkIHdpdGggdGhlIHJlZmVyZW5jZSBpbXBsZW1lbnRhdGlvbiwgYW5kIGRyYWZ0cyB0aGF0IGl0IGFjY2VwdHMuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IGJ1aWxkU2NoZW1hLCBpbnRyb3NwZWN0aW9uRnJvbVNjaGVtYSwgaXNPYmplY3RUeXBlLCBwYXJzZSwgc3BlY2lmaWVkU2NhbGFyVHlwZXMsIHZhbGlkYXRlIH0gZnJvbSAnZ3JhcGhxbCc7XG5pbXBvcnQgeyBwYXJzZSBhcyBwYXJzZVlhbWwgfSBmcm9tICd5YW1sJztcbmltcG9ydCB7IHBpbG90U2NoZW1hIH0gZnJvbSAnLi4vLi4vLi4vc3JjL3N0YW5kaW4vcGlsb3RzL3NjaGVtYS5qcyc7XG5pbXBvcnQgeyByZWFkU291cmNlIH0gZnJvbSAnLi4vLi4vc3VwcG9ydC9kb2N1bWVudGF0aW9uLmpzJztcblxuY29uc3Qgc2NoZW1hID0gYnVpbGRTY2hlbWEocGlsb3RTY2hlbWEpO1xuY29uc3QgYnVpbHRJbiA9IG5ldyBTZXQoc3BlY2lmaWVkU2NhbGFyVHlwZXMubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSkpO1xuXG50ZXN0KCdldmVyeSBmaWVsZCBvZiB0aGUgcm9vdCB0eXBlcyBpcyBhbiBvcGVyYXRpb24sIGFuZCBldmVyeSB0eXBlIGlzIHRoZXJlJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IGRvY3VtZW50YXRpb24sIGluZGV4IH0gPSBhd2FpdCByZWFkU291cmNlKHBpbG90U2NoZW1hLCAncGlsb3RzLmdyYXBocWwnKTtcbiAgY29uc3QgY291bnRlZCA9IFtzY2hlbWEuZ2V0UXVlcnlUeXBlKCksIHNjaGVtYS5nZXRNdXRhdGlvblR5cGUoKV0uZmxhdE1hcCgodHlwZSkgPT5cbiAgICBPYmplY3Qua2V5cyh0eXBlPy5nZXRGaWVsZHMoKSA/PyB7fSksXG4gICk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgZG9jdW1lbnRhdGlvbi5vcGVyYXRpb25zLm1hcCgoeyBpZCB9KSA9PiBpZCksXG4gICAgY291bnRlZCxcbiAgKTtcbiAgY29uc3QgdHlwZXMgPSBPYmplY3Qua2V5cyhzY2hlbWEuZ2V0VHlwZU1hcCgpKS5maWx0ZXIoKG5hbWUpID0+ICFuYW1lLnN0YXJ0c1dpdGgoJ19fJykgJiYgIWJ1aWx0SW4uaGFzKG5hbWUpKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChbLi4uaW5kZXgudHlwZXMoKV0uc29ydCgpLCB0eXBlcy5zb3J0KCkpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGRvY3VtZW50YXRpb24ud2FybmluZ3MsIFtdKTtcbn0pO1xuXG50ZXN0KCdTREwgYW5kIHRoZSByZXN1bHQgb2YgYW4gaW50cm9zcGVjdGlvbiBkZXNjcmliZSB0aGUgc2FtZSBvcGVyYXRpb25zJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBzZGwgPSBhd2FpdCByZWFkU291cmNlKHBpbG90U2NoZW1hLCAnYS5ncmFwaHFsJyk7XG4gIGNvbnN0IGludHJvc3BlY3RlZCA9IGF3YWl0IHJlYWRTb3VyY2UoSlNPTi5zdHJpbmdpZnkoeyBkYXRhOiBpbnRyb3NwZWN0aW9uRnJvbVNjaGVtYShzY2hlbWEpIH0pLCAnYS5qc29uJyk7XG4gIGFzc2VydC5kZWVwRXF1YWwoaW50cm9zcGVjdGVkLm9wZXJhdGlvbnMsIHNkbC5vcGVyYXRpb25zKTtcbn0pO1xuXG50ZXN0KCdhcmd1bWVudHMsIGlucHV0IG9iamVjdHMsIGVudW1lcmF0aW9ucywgZGVwcmVjYXRpb25zLCB1bmlvbnMgYW5kIGludGVyZmFjZXMgYXJlIHNob3duJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IG9wZXJhdGlvbiwgaW5kZXggfSA9IGF3YWl0IHJlYWRTb3VyY2UocGlsb3RTY2hlbWEsICdwaWxvdHMuZ3JhcGhxbCcpO1xuICBjb25zdCBbZmlyc3QsICwgZmlsdGVyXSA9IG9wZXJhdGlvbigncGlsb3RzJykucGFyYW1ldGVycztcbiAgYXNzZXJ0LmRlZXBFcXVhbChbZmlyc3Q/LnR5cGUsIGZpcnN0Py5kZWZhdWx0LCBmaXJzdD8ucmVxdWlyZWRdLCBbJ0ludCcsIDMsIGZhbHNlXSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgZmlsdGVyPy5maWVsZHM/Lm1hcCgoeyBuYW1lLCB0eXBlIH0pID0+IFtuYW1lLCB0eXBlXSksXG4gICAgW1xuICAgICAgWydsaWNlbmNlJywgJ0xpY2VuY2UnXSxcbiAgICAgIFsnb25EdXR5JywgJ0Jvb2xlYW4nXSxcbiAgICAgIFsnbmFtZScsICdTdHJpbmcnXSxcbiAgICBdLFxuICApO1xuICBhc3NlcnQuZGVlcEVxdWFsKGZpbHRlcj8uZmllbGRzPy5bMF0/LmFsbG93ZWQsIFsnVEhJUkQnLCAnU0VDT05EJywgJ0ZJUlNUJywgJ0NPQVNUQUwnXSk7XG4gIGFzc2VydC5lcXVhbChcbiAgICBvcGVyYXRpb24oJ2Jvb2tQaWxvdCcpLnBhcmFtZXRlcnNbMF0/LmZpZWxkcz8uZXZlcnkoKHsgcmVxdWlyZWQgfSkgPT4gcmVxdWlyZWQpLFxuICAgIHRydWUsXG4gICk7XG4gIGFzc2VydC5lcXVhbChpbmRleC50eXBlKCdSb3RhRW50cnknKT8ua2luZCwgJ3VuaW9uJyk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgaW5kZXgudHlwZSgnUm90YUVudHJ5Jyk/LmFsdGVybmF0aXZlcz8ubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSksXG4gICAgWydCb2FyZGluZycsICdSZXN0J10sXG4gICk7XG4gIGFzc2VydC5tYXRjaChpbmRleC50eXBlKCdQZXJzb24nKT8uZGVzY3JpcHRpb24gPz8gJycsIC9UeXBlczogUGlsb3QsIERpc3BhdGNoZXIvKTtcbiAgYXNzZXJ0LmVxdWFsKGluZGV4LnR5cGUoJ1BpbG90Jyk/LmZpZWxkcy5maW5kKCh7IG5hbWUgfSkgPT4gbmFtZSA9PT0gJ2dyYWRlJyk/LmRlcHJlY2F0ZWQsIHRydWUpO1xuICBhc3NlcnQubWF0Y2goaW5kZXgudHlwZSgnRGF5Jyk/LmRlc2NyaXB0aW9uID8/ICcnLCAvU3BlY2lmaWVkIGJ5IGh0dHBzOlxcL1xcL2xhcmtoYXZlblxcLmV4YW1wbGUvKTtcbn0pO1xuXG5mb3IgKGNvbnN0IGRlcHRoIG9mIFswLCAxLCAyLCA0XSkge1xuICB0ZXN0KGBhdCBkZXB0aCAke2RlcHRofSB0aGUgZG9jdW1lbnQgb2YgZXZlcnkgZHJhZnQgZml0cyB0aGUgc2NoZW1hYCwgYXN5bmMgKCkgPT4ge1xuICAgIGNvbnN0IHsgb3BlcmF0aW9ucywgZHJhZnQgfSA9IGF3YWl0IHJlYWRTb3VyY2UocGlsb3RTY2hlbWEsICdwaWxvdHMuZ3JhcGhxbCcpO1xuICAgIGZvciAoY29uc3QgeyBpZCB9IG9mIG9wZXJhdGlvbnMpIHtcbiAgICAgIGNvbnN0IGZpbGUgPSBwYXJzZVlhbWwoZHJhZnQoaWQsIHsgc2VsZWN0aW9uOiB7IGRlcHRoIH0gfSkpIGFzIHsgYm9keTogeyBncmFwaHFsOiB7IGRvY3VtZW50OiBzdHJpbmcgfSB9IH07XG4gICAgICBjb25zdCBmYXVsdHMgPSB2YWxpZGF0ZShzY2hlbWEsIHBhcnNlKGZpbGUuYm9keS5ncmFwaHFsLmRvY3VtZW50KSk7XG4gICAgICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgICAgICBmYXVsdHMubWFwKCh7IG1lc3NhZ2UgfSkgPT4gbWVzc2FnZSksXG4gICAgICAgIFtdLFxuICAgICAgICBmaWxlLmJvZHkuZ3JhcGhxbC5kb2N1bWVudCxcbiAgICAgICk7XG4gICAgfVxuICB9KTtcbn1cblxudGVzdCgnY2hvc2VuIGZpZWxkcyBhcmUgc2VsZWN0ZWQgYWxvbmUsIGFuZCBvbmUgdGhhdCBpcyBub25lIGlzIHJlZnVzZWQgd2l0aCB0aGUgbmVhcmVzdCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBkcmFmdCB9ID0gYXdhaXQgcmVhZFNvdXJjZShwaWxvdFNjaGVtYSwgJ3BpbG90cy5ncmFwaHFsJyk7XG4gIGNvbnN0IHRleHQgPSBkcmFmdCgncGlsb3QnLCB7IHNlbGVjdGlvbjogeyBmaWVsZHM6IFsnbmFtZScsICdyb3RhLnBpbG90Lm5hbWUnLnNwbGl0KCcuJykuc2xpY2UoMCwgMSkuam9pbignLicpXSB9IH0pO1xuICBjb25zdCB7IGJvZHkgfSA9IHBhcnNlWWFtbCh0ZXh0KSBhcyB7IGJvZHk6IHsgZ3JhcGhxbDogeyBkb2N1bWVudDogc3RyaW5nIH0gfSB9O1xuICBhc3NlcnQuZGVlcEVxdWFsKHZhbGlkYXRlKHNjaGVtYSwgcGFyc2UoYm9keS5ncmFwaHFsLmRvY3VtZW50KSksIFtdKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChib2R5LmdyYXBocWwuZG9jdW1lbnQsIC9saWNlbmNlLyk7XG4gIGFzc2VydC50aHJvd3MoKCkgPT4gZHJhZnQoJ3BpbG90JywgeyBzZWxlY3Rpb246IHsgZmllbGRzOiBbJ25tYWUnXSB9IH0pLCAvaGFzIG5vIGZpZWxkIG5tYWUvKTtcbn0pO1xuXG50ZXN0KCdhIHR5cGUgdGhhdCBob2xkcyBpdHNlbGYgaXMgbGlzdGVkIG9uY2UnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHsgb3BlcmF0aW9uIH0gPSBhd2FpdCByZWFkU291cmNlKFxuICAgICd0eXBlIFF1ZXJ5IHsgcXVheShuZWFyOiBOZWFyKTogUXVheSB9XFxuaW5wdXQgTmVhciB7IG9mOiBOZWFyLCBtZXRyZXM6IEludCB9XFxudHlwZSBRdWF5IHsgbmV4dDogUXVheSwgY29kZTogSUQhIH0nLFxuICAgICdxLmdyYXBocWwnLFxuICApO1xuICBjb25zdCBbbmVhcl0gPSBvcGVyYXRpb24oJ3F1YXknKS5wYXJhbWV0ZXJzO1xuICBhc3NlcnQuZXF1YWwobmVhcj8uZmllbGRzPy5bMF0/LnJlY3Vyc2l2ZSwgJ05lYXInKTtcbiAgY29uc3QgZmllbGRzID0gb3BlcmF0aW9uKCdxdWF5JykuYW5zd2Vyc1swXT8uY29udGVudD8uZmllbGRzID8/IFtdO1xuICBhc3NlcnQuZXF1YWwoZmllbGRzWzBdPy5yZWN1cnNpdmUsICdRdWF5Jyk7XG59KTtcblxuY29uc3QgdW51c2FibGU6IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZTogc3RyaW5nLCB0ZXh0OiBzdHJpbmcsIHNheXM6IFJlZ0V4cF0pW10gPSBbXG4gIFsnU0RMIHRoYXQgYnJlYWtzIG9mZicsICd0eXBlIFF1ZXJ5IHsgYTogJywgL25vdCBhIEdyYXBoUUwgc2NoZW1hL10sXG4gIFsnYSB0eXBlIHRoYXQgaXMgbm90IHRoZXJlJywgJ3R5cGUgUXVlcnkgeyBhOiBOb3doZXJlIH0nLCAvbm90IGEgR3JhcGhRTCBzY2hlbWEvXSxcbiAgWydhbiBpbnRyb3NwZWN0aW9uIHdpdGhvdXQgdHlwZXMnLCAne1wiX19zY2hlbWFcIjoge319JywgL25vdCBhIEdyYXBoUUwgc2NoZW1hL10sXG5dO1xuZm9yIChjb25zdCBbbmFtZSwgdGV4dCwgc2F5c10gb2YgdW51c2FibGUpXG4gIHRlc3QoYCR7bmFtZX0gaXMgdG9sZCB3aXRoIGl0cyBwbGFjZWAsICgpID0+IGFzc2VydC5yZWplY3RzKHJlYWRTb3VyY2UodGV4dCwgJ3guZ3JhcGhxbCcpLCBzYXlzKSk7XG5cbnRlc3QoJ3RoZSBvYmplY3QgdHlwZXMgaGF2ZSBhcyBtYW55IGZpZWxkcyBhcyB0aGUgcmVmZXJlbmNlIGltcGxlbWVudGF0aW9uIGNvdW50cycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgeyBpbmRleCB9ID0gYXdhaXQgcmVhZFNvdXJjZShwaWxvdFNjaGVtYSwgJ3BpbG90cy5ncmFwaHFsJyk7XG4gIGZvciAoY29uc3QgdHlwZSBvZiBPYmplY3QudmFsdWVzKHNjaGVtYS5nZXRUeXBlTWFwKCkpKSB7XG4gICAgaWYgKCFpc09iamVjdFR5cGUodHlwZSkgfHwgdHlwZS5uYW1lLnN0YXJ0c1dpdGgoJ19fJykpIGNvbnRpbnVlO1xuICAgIGFzc2VydC5lcXVhbChpbmRleC50eXBlKHR5cGUubmFtZSk/LmZpZWxkcy5sZW5ndGgsIE9iamVjdC5rZXlzKHR5cGUuZ2V0RmllbGRzKCkpLmxlbmd0aCwgdHlwZS5uYW1lKTtcbiAgfVxufSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsYUFBYSx5QkFBeUIsY0FBYyxPQUFPLHNCQUFzQixnQkFBZ0I7QUFDMUcsU0FBUyxTQUFTLGlCQUFpQjtBQUluQyxJQUFNLFNBQVMsWUFBWSxXQUFXO0FBQ3RDLElBQU0sVUFBVSxJQUFJLElBQUkscUJBQXFCLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJLENBQUM7QUFFcEUsS0FBSywwRUFBMEUsWUFBWTtBQUN6RixRQUFNLEVBQUUsZUFBZSxNQUFNLElBQUksTUFBTSxXQUFXLGFBQWEsZ0JBQWdCO0FBQy9FLFFBQU0sVUFBVSxDQUFDLE9BQU8sYUFBYSxHQUFHLE9BQU8sZ0JBQWdCLENBQUMsRUFBRTtBQUFBLElBQVEsQ0FBQyxTQUN6RSxPQUFPLEtBQUssTUFBTSxVQUFVLEtBQUssQ0FBQyxDQUFDO0FBQUEsRUFDckM7QUFDQSxTQUFPO0FBQUEsSUFDTCxjQUFjLFdBQVcsSUFBSSxDQUFDLEVBQUUsR0FBRyxNQUFNLEVBQUU7QUFBQSxJQUMzQztBQUFBLEVBQ0Y7QUFDQSxRQUFNLFFBQVEsT0FBTyxLQUFLLE9BQU8sV0FBVyxDQUFDLEVBQUUsT0FBTyxDQUFDLFNBQVMsQ0FBQyxLQUFLLFdBQVcsSUFBSSxLQUFLLENBQUMsUUFBUSxJQUFJLElBQUksQ0FBQztBQUM1RyxTQUFPLFVBQVUsQ0FBQyxHQUFHLE1BQU0sTUFBTSxDQUFDLEVBQUUsS0FBSyxHQUFHLE1BQU0sS0FBSyxDQUFDO0FBQ3hELFNBQU8sVUFBVSxjQUFjLFVBQVUsQ0FBQyxDQUFDO0FBQzdDLENBQUM7QUFFRCxLQUFLLHVFQUF1RSxZQUFZO0FBQ3RGLFFBQU0sTUFBTSxNQUFNLFdBQVcsYUFBYSxXQUFXO0FBQ3JELFFBQU0sZUFBZSxNQUFNLFdBQVcsS0FBSyxVQUFVLEVBQUUsTUFBTSx3QkFBd0IsTUFBTSxFQUFFLENBQUMsR0FBRyxRQUFRO0FBQ3pHLFNBQU8sVUFBVSxhQUFhLFlBQVksSUFBSSxVQUFVO0FBQzFELENBQUM7QUFFRCxLQUFLLHlGQUF5RixZQUFZO0FBQ3hHLFFBQU0sRUFBRSxXQUFXLE1BQU0sSUFBSSxNQUFNLFdBQVcsYUFBYSxnQkFBZ0I7QUFDM0UsUUFBTSxDQUFDLE9BQU8sRUFBRSxNQUFNLElBQUksVUFBVSxRQUFRLEVBQUU7QUFDOUMsU0FBTyxVQUFVLENBQUMsT0FBTyxNQUFNLE9BQU8sU0FBUyxPQUFPLFFBQVEsR0FBRyxDQUFDLE9BQU8sR0FBRyxLQUFLLENBQUM7QUFDbEYsU0FBTztBQUFBLElBQ0wsUUFBUSxRQUFRLElBQUksQ0FBQyxFQUFFLE1BQU0sS0FBSyxNQUFNLENBQUMsTUFBTSxJQUFJLENBQUM7QUFBQSxJQUNwRDtBQUFBLE1BQ0UsQ0FBQyxXQUFXLFNBQVM7QUFBQSxNQUNyQixDQUFDLFVBQVUsU0FBUztBQUFBLE1BQ3BCLENBQUMsUUFBUSxRQUFRO0FBQUEsSUFDbkI7QUFBQSxFQUNGO0FBQ0EsU0FBTyxVQUFVLFFBQVEsU0FBUyxDQUFDLEdBQUcsU0FBUyxDQUFDLFNBQVMsVUFBVSxTQUFTLFNBQVMsQ0FBQztBQUN0RixTQUFPO0FBQUEsSUFDTCxVQUFVLFdBQVcsRUFBRSxXQUFXLENBQUMsR0FBRyxRQUFRLE1BQU0sQ0FBQyxFQUFFLFNBQVMsTUFBTSxRQUFRO0FBQUEsSUFDOUU7QUFBQSxFQUNGO0FBQ0EsU0FBTyxNQUFNLE1BQU0sS0FBSyxXQUFXLEdBQUcsTUFBTSxPQUFPO0FBQ25ELFNBQU87QUFBQSxJQUNMLE1BQU0sS0FBSyxXQUFXLEdBQUcsY0FBYyxJQUFJLENBQUMsRUFBRSxLQUFLLE1BQU0sSUFBSTtBQUFBLElBQzdELENBQUMsWUFBWSxNQUFNO0FBQUEsRUFDckI7QUFDQSxTQUFPLE1BQU0sTUFBTSxLQUFLLFFBQVEsR0FBRyxlQUFlLElBQUksMEJBQTBCO0FBQ2hGLFNBQU8sTUFBTSxNQUFNLEtBQUssT0FBTyxHQUFHLE9BQU8sS0FBSyxDQUFDLEVBQUUsS0FBSyxNQUFNLFNBQVMsT0FBTyxHQUFHLFlBQVksSUFBSTtBQUMvRixTQUFPLE1BQU0sTUFBTSxLQUFLLEtBQUssR0FBRyxlQUFlLElBQUksMkNBQTJDO0FBQ2hHLENBQUM7QUFFRCxXQUFXLFNBQVMsQ0FBQyxHQUFHLEdBQUcsR0FBRyxDQUFDLEdBQUc7QUFDaEMsT0FBSyxZQUFZLEtBQUssZ0RBQWdELFlBQVk7QUFDaEYsVUFBTSxFQUFFLFlBQVksTUFBTSxJQUFJLE1BQU0sV0FBVyxhQUFhLGdCQUFnQjtBQUM1RSxlQUFXLEVBQUUsR0FBRyxLQUFLLFlBQVk7QUFDL0IsWUFBTSxPQUFPLFVBQVUsTUFBTSxJQUFJLEVBQUUsV0FBVyxFQUFFLE1BQU0sRUFBRSxDQUFDLENBQUM7QUFDMUQsWUFBTSxTQUFTLFNBQVMsUUFBUSxNQUFNLEtBQUssS0FBSyxRQUFRLFFBQVEsQ0FBQztBQUNqRSxhQUFPO0FBQUEsUUFDTCxPQUFPLElBQUksQ0FBQyxFQUFFLFFBQVEsTUFBTSxPQUFPO0FBQUEsUUFDbkMsQ0FBQztBQUFBLFFBQ0QsS0FBSyxLQUFLLFFBQVE7QUFBQSxNQUNwQjtBQUFBLElBQ0Y7QUFBQSxFQUNGLENBQUM7QUFDSDtBQUVBLEtBQUssc0ZBQXNGLFlBQVk7QUFDckcsUUFBTSxFQUFFLE1BQU0sSUFBSSxNQUFNLFdBQVcsYUFBYSxnQkFBZ0I7QUFDaEUsUUFBTSxPQUFPLE1BQU0sU0FBUyxFQUFFLFdBQVcsRUFBRSxRQUFRLENBQUMsUUFBUSxrQkFBa0IsTUFBTSxHQUFHLEVBQUUsTUFBTSxHQUFHLENBQUMsRUFBRSxLQUFLLEdBQUcsQ0FBQyxFQUFFLEVBQUUsQ0FBQztBQUNuSCxRQUFNLEVBQUUsS0FBSyxJQUFJLFVBQVUsSUFBSTtBQUMvQixTQUFPLFVBQVUsU0FBUyxRQUFRLE1BQU0sS0FBSyxRQUFRLFFBQVEsQ0FBQyxHQUFHLENBQUMsQ0FBQztBQUNuRSxTQUFPLGFBQWEsS0FBSyxRQUFRLFVBQVUsU0FBUztBQUNwRCxTQUFPLE9BQU8sTUFBTSxNQUFNLFNBQVMsRUFBRSxXQUFXLEVBQUUsUUFBUSxDQUFDLE1BQU0sRUFBRSxFQUFFLENBQUMsR0FBRyxtQkFBbUI7QUFDOUYsQ0FBQztBQUVELEtBQUssMkNBQTJDLFlBQVk7QUFDMUQsUUFBTSxFQUFFLFVBQVUsSUFBSSxNQUFNO0FBQUEsSUFDMUI7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sQ0FBQyxJQUFJLElBQUksVUFBVSxNQUFNLEVBQUU7QUFDakMsU0FBTyxNQUFNLE1BQU0sU0FBUyxDQUFDLEdBQUcsV0FBVyxNQUFNO0FBQ2pELFFBQU0sU0FBUyxVQUFVLE1BQU0sRUFBRSxRQUFRLENBQUMsR0FBRyxTQUFTLFVBQVUsQ0FBQztBQUNqRSxTQUFPLE1BQU0sT0FBTyxDQUFDLEdBQUcsV0FBVyxNQUFNO0FBQzNDLENBQUM7QUFFRCxJQUFNLFdBQTZFO0FBQUEsRUFDakYsQ0FBQyx1QkFBdUIsb0JBQW9CLHNCQUFzQjtBQUFBLEVBQ2xFLENBQUMsNEJBQTRCLDZCQUE2QixzQkFBc0I7QUFBQSxFQUNoRixDQUFDLGtDQUFrQyxvQkFBb0Isc0JBQXNCO0FBQy9FO0FBQ0EsV0FBVyxDQUFDLE1BQU0sTUFBTSxJQUFJLEtBQUs7QUFDL0IsT0FBSyxHQUFHLElBQUksMkJBQTJCLE1BQU0sT0FBTyxRQUFRLFdBQVcsTUFBTSxXQUFXLEdBQUcsSUFBSSxDQUFDO0FBRWxHLEtBQUssK0VBQStFLFlBQVk7QUFDOUYsUUFBTSxFQUFFLE1BQU0sSUFBSSxNQUFNLFdBQVcsYUFBYSxnQkFBZ0I7QUFDaEUsYUFBVyxRQUFRLE9BQU8sT0FBTyxPQUFPLFdBQVcsQ0FBQyxHQUFHO0FBQ3JELFFBQUksQ0FBQyxhQUFhLElBQUksS0FBSyxLQUFLLEtBQUssV0FBVyxJQUFJLEVBQUc7QUFDdkQsV0FBTyxNQUFNLE1BQU0sS0FBSyxLQUFLLElBQUksR0FBRyxPQUFPLFFBQVEsT0FBTyxLQUFLLEtBQUssVUFBVSxDQUFDLEVBQUUsUUFBUSxLQUFLLElBQUk7QUFBQSxFQUNwRztBQUNGLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
