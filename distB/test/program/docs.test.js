import {
  harbourForThisFile
} from "../parts/chunk-XS4PZGFO.js";
import "../parts/chunk-7VNSEZX4.js";
import "../parts/chunk-DQ7YWKYH.js";
import "../parts/chunk-PT2BEWRF.js";
import "../parts/chunk-V5NERUUT.js";
import "../parts/chunk-T4I6LV4Y.js";
import "../parts/chunk-Y4XV6NBT.js";
import {
  collectionOf,
  demoCollection,
  document,
  echoTrail,
  temporaryFolder,
  writeIn
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";

// test/program/docs.test.ts
import assert from "node:assert/strict";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { createServer } from "node:http";
import { join } from "node:path";
import { after, test } from "node:test";
var { origin } = await harbourForThisFile();
var cwd = collectionOf({}, origin);
var run = (...args) => echoTrail(args, { cwd });
var ok = async (...args) => {
  const ended = await run(...args);
  assert.equal(ended.status, 0, `${args.join(" ")}
${ended.out}${ended.err}`);
  return ended;
};
var faces = [
  ["harbour", "/openapi.yaml", [], "OpenAPI", 14],
  ["older", "/v0/openapi.json", [], "OpenAPI", 3],
  ["pilots", "/graphql/schema", [], "GraphQL", 6],
  ["live", "/graphql", ["--graphql"], "GraphQL", 6],
  ["customs", "/customs.wsdl", [], "WSDL", 4],
  ["tides", "/tides/reference.html", [], "page", 3]
];
test("each face of the stand-in is added in its own format, and listed", async () => {
  for (const [name, address, options] of faces)
    await ok("docs", "add", `${origin}${address}`, "--name", name, ...options);
  const { sources } = document(await ok("docs", "list", "--json"));
  assert.deepEqual(
    sources.map(({ name, format, operations }) => [name, format, operations]),
    faces.map(([name, , , format, operations]) => [name, format, operations])
  );
  assert.ok(existsSync(join(cwd, "docs/customs/customs/types.xsd")), "the imported schemas are kept");
});
test("tree, find with a typing mistake, show of an operation and of a type", async () => {
  const tree = await ok("docs", "tree");
  for (const line of [/vessels {2}GET listVessels/, /query pilots/, /SOAP 1\.1 Soap11\.Declare/, /\{station\}/])
    assert.match(tree.out, line);
  const found = await ok("docs", "find", "declaraton");
  assert.match(found.err, /declaraton stands nowhere; declaration\w* was looked for/);
  assert.match(found.out, /customs\/Soap11/);
  assert.match(
    (await ok("docs", "show", "customs/Soap12.Declare")).out,
    /action {2}"urn:larkhaven:customs:2\/Declare"/
  );
  assert.match((await ok("docs", "show", "--type", "pilots/RotaEntry")).out, /either Boarding[\s\S]*or Rest/);
  assert.match(
    (await ok("docs", "show", "tides/get-tides-station-levels")).out,
    /not documented whether[\s\S]*line \d+/
  );
  assert.match((await ok("docs", "show", "harbour/bookCall")).out, /supplied by\n {2}imo +harbour\/listVessels/);
});
var drafted = [
  ["older/oldVessel", "older/vessel", ["imo=9000017"]],
  ["pilots/pilot", "pilots/one", ["id=P1"]],
  [
    "customs/Soap11.Declare",
    "customs/declare",
    ["Desk=north", "imo=9000017", "arrival=2026-11-24", "line=1", "kind=grain", "tonnes=12.5", 'broker=A & <B> "C"']
  ],
  ["customs/Soap12.ReadDeclaration", "customs/read", ["number=CD-0001"]],
  ["tides/get-tides-station-levels", "tides/levels", ["station=bar", "from=2026-11-24"]]
];
test("what is drafted from each format passes the check, and the vendor takes it", async () => {
  for (const [operation, name] of drafted) await ok("draft", operation, "--as", name);
  assert.match((await ok("check")).out, /all well/);
  for (const [, name, set] of drafted) await ok("send", name, ...set.flatMap((one) => ["--set", one]));
  const seen = document(
    await ok("preview", "customs/declare", "--json", ...(drafted[2]?.[2] ?? []).flatMap((one) => ["--set", one]))
  );
  const header = (name) => seen.headers.find((one) => one.name.toLowerCase() === name)?.value;
  assert.equal(header("soapaction"), '"urn:larkhaven:customs:2/Declare"');
  assert.equal(header("content-type"), "text/xml; charset=utf-8");
});
test("a draft with a selection; and one that the schema does not have", async () => {
  await ok("draft", "pilots/pilots", "--as", "pilots/names", "--fields", "totalCount,edges.node.name");
  const names = await ok("send", "pilots/names", "--pick", "$.data.pilots.edges[*].node.name");
  assert.equal(JSON.parse(names.out).length, 3);
  const wrong = await run("draft", "pilots/pilots", "--as", "x", "--fields", "totl");
  assert.equal(wrong.status, 2);
  assert.match(wrong.err, /has no field totl/);
});
test("errors inside an answer of status 200 and a SOAP fault are failures", async () => {
  writeIn(
    cwd,
    "requests/off-duty.yaml",
    'method: POST\nurl: ${origin}/graphql\nchanges: false\nbody: {graphql: {document: "{ pilot(id: \\"P2\\") { phone } }"}}\n'
  );
  const partial = await run("send", "off-duty");
  assert.equal(partial.status, 1);
  assert.match(partial.err, /errors: expected none, found 1 error\n +Berit Marlow is not on duty/);
  const fault = await run("send", "customs/read", "--set", "number=none");
  assert.equal(fault.status, 1);
  assert.match(fault.err, /the declaration is not known/);
});
test("check tells a document that the schema does not take, a wrong action, and values that are not documented", async () => {
  const own = demoCollection(origin);
  const inOwn = (...args) => echoTrail(args, { cwd: own });
  await inOwn("docs", "add", `${origin}/graphql/schema`, "--name", "pilots");
  await inOwn("docs", "add", `${origin}/customs.wsdl`, "--name", "customs");
  writeIn(
    own,
    "requests/a.yaml",
    "operation: pilots/pilot\nmethod: POST\nurl: ${origin}/graphql\nchanges: false\nsession: none\nbody:\n  graphql:\n    document: |\n      query ($id: ID!) {\n        pilot(id: $id) { nmae }\n      }\n    variables: {id: P1, idd: 2}\n"
  );
  writeIn(
    own,
    "requests/b.yaml",
    'operation: customs/Soap11.ReadDeclaration\nmethod: POST\nurl: ${origin}/customs\nsession: none\nbody: {soap: {action: "read", envelope: "<x/>"}}\n'
  );
  writeIn(
    own,
    "requests/c.yaml",
    'operation: harbour/bookCall\nmethod: POST\nurl: ${origin}/v1/vessels/9000017/calls\nbody: {json: {berth: N1, nights: "2", crago: grain, id: PC-1}}\n'
  );
  const checked = await inOwn("check");
  assert.equal(checked.status, 2);
  for (const line of [
    /requests\/a\.yaml:10:\d+ +error +the document does not fit the schema: Cannot query field "nmae"/,
    /requests\/a\.yaml:12:\d+ +warning +variables\.idd is not documented/,
    /requests\/b\.yaml:5:\d+ +error +the action is "read", documented is "urn:larkhaven/,
    /requests\/c\.yaml:4:\d+ +warning +\$\.nights is a string, documented as integer/,
    /\$\.crago is not documented; documented is cargo/
  ])
    assert.match(checked.out, line);
  const strict = await inOwn("send", "c", "--session", "none", "--strict");
  assert.equal(strict.status, 2);
  assert.match(strict.err, /differs from harbour\/bookCall: \$\.nights is a string/);
  const loose = await inOwn("send", "c", "--session", "none");
  assert.match(loose.err, /warning {2}\$\.nights is a string, documented as integer/);
  assert.equal(loose.status, 1);
});
test("an answer that differs from the documentation is told with --against-docs", async () => {
  const own = demoCollection(origin);
  writeIn(
    own,
    "docs/harbour.overlay.yaml",
    'overlay: 1.0.0\ninfo: {title: Ours, version: "1"}\nactions:\n  - {target: "$.components.schemas.Session.properties.expiresIn", update: {type: string}}\n'
  );
  const sent = await echoTrail(
    ["send", "desk/log-in", "--set", "user=agent", "--set", "password=tidewater-42", "--against-docs"],
    { cwd: own }
  );
  assert.match(sent.err, /undocumented {2}\$\.expiresIn is an integer, documented as string/);
});
test("samples: from an echo and from a file, more beside the first", async () => {
  const { echo } = document(await ok("send", "older/vessel", "--set", "imo=9000017", "--json"));
  await ok("docs", "add", "--sample", echo, "--name", "seen");
  const file = join(temporaryFolder(), "exchange.txt");
  writeFileSync(
    file,
    'POST /v0/notices HTTP/1.1\nHost: larkhaven.example\nContent-Type: application/json\n\n{"text": "fog"}\n\nHTTP/1.1 201 Created\nContent-Type: application/json\n\n{"id": 1, "text": "fog"}\n'
  );
  await ok("docs", "add", "--sample", file, "--name", "seen");
  assert.match((await ok("docs", "tree", "seen")).out, /vessels\/\{imo\} {2}GET[\s\S]*notices {2}POST/);
  assert.match((await ok("docs", "show", "seen/post-v0-notices")).out, /text +string +required +guess/);
});
test("refresh tells what changed and whom it affects, and overwrites only when that is accepted", async () => {
  const own = demoCollection(origin);
  const inOwn = (...args) => echoTrail(args, { cwd: own });
  await inOwn("docs", "add", `${origin}/openapi.yaml`, "--name", "harbour", "--replace");
  const snapshot = join(own, "docs/harbour.yaml");
  const older = readFileSync(snapshot, "utf8").replace("operationId: showBerth", "operationId: oneBerth").replaceAll("maximum: 14", "maximum: 20");
  writeFileSync(snapshot, older);
  const told = await inOwn("docs", "refresh");
  assert.equal(told.status, 1);
  assert.match(
    told.out,
    /changed +bookCall +affects requests calls\/book; trails berth-stay\n +narrowed +body nights +at-most 14, was 20/
  );
  assert.match(told.out, /added +showBerth[\s\S]*removed +oneBerth/);
  assert.equal(readFileSync(snapshot, "utf8"), older);
  assert.equal((await inOwn("docs", "refresh", "harbour", "--accept")).status, 0);
  assert.match((await inOwn("docs", "refresh")).out, /harbour: as before/);
});
var asked = [];
var vendor = createServer((request, response) => {
  asked.push(request.url ?? "");
  const answers = {
    "/loop.yaml": 'openapi: 3.1.0\ninfo: {title: L}\npaths:\n  /a: {$ref: "second.yaml#/a"}\n',
    "/second.yaml": 'a: {$ref: "loop.yaml#/paths/~1a"}\n',
    "/foreign.yaml": 'openapi: 3.1.0\ninfo: {title: F}\npaths:\n  /a: {get: {operationId: a, responses: {200: {$ref: "http://other.example:9/x.yaml"}}}}\n'
  };
  const text = answers[request.url ?? ""];
  response.writeHead(text === void 0 ? 404 : 200).end(text);
});
await new Promise((resolve) => vendor.listen(0, "127.0.0.1", resolve));
after(() => vendor.close());
var at = `http://127.0.0.1:${vendor.address().port}`;
test("references that go in a circle over files end; another host is not asked", async () => {
  const loop = await ok("docs", "add", `${at}/loop.yaml`, "--name", "loop");
  assert.match(loop.err, /leads back to itself|not a map of methods|describes no operation/);
  const foreign = await ok("docs", "add", `${at}/foreign.yaml`, "--name", "foreign");
  assert.match(
    foreign.err,
    /other\.example:9\/x\.yaml was not read: it is at another host; --fetch-from other\.example:9/
  );
  assert.deepEqual(asked, ["/loop.yaml", "/second.yaml", "/foreign.yaml"]);
});
test("a reference to a file outside the folder of the document is not read", async () => {
  const folder = temporaryFolder();
  writeIn(folder, "secret.yaml", "x: {type: string}\n");
  writeIn(
    folder,
    "docs/main.yaml",
    'openapi: 3.1.0\ninfo: {title: O}\npaths:\n  /a: {get: {operationId: a, parameters: [{name: q, in: query, schema: {$ref: "../secret.yaml#/x"}}], responses: {}}}\n  /b: {$ref: "../../../../etc/passwd"}\n'
  );
  const added = await ok("docs", "add", join(folder, "docs/main.yaml"), "--name", "outside");
  assert.match(added.err, /secret\.yaml was not read/);
  assert.match(added.err, /etc\/passwd was not read/);
  assert.doesNotMatch(readFileSync(join(cwd, "docs/outside.yaml"), "utf8"), /root:/);
});
var hostile = [
  ["100 MB", "big.json", () => `{"openapi": "3.1.0", "x": "${"a".repeat(1e8)}"}`, /larger than 64/],
  [
    "10,000 levels of JSON",
    "deep.json",
    () => `{"openapi":"3.1.0","x":${"[".repeat(1e4)}${"]".repeat(1e4)}}`,
    /nested or multiplied beyond/
  ],
  [
    "10,000 levels of XML",
    "deep.wsdl",
    () => `<definitions xmlns="http://schemas.xmlsoap.org/wsdl/">${"<a>".repeat(1e4)}${"</a>".repeat(1e4)}</definitions>`,
    /describes no SOAP operation|nested or multiplied/
  ],
  [
    "10,000 levels of HTML",
    "deep.html",
    () => `<html><body>${"<div>".repeat(1e4)}GET /x</body></html>`,
    /no method and path/
  ],
  [
    "10,000 levels of GraphQL",
    "deep.graphql",
    () => `type Query { a: ${"[".repeat(1e4)}Int${"]".repeat(1e4)} }`,
    /not a GraphQL schema|nested or multiplied/
  ],
  [
    "entities that multiply",
    "lol.wsdl",
    () => `<!DOCTYPE d [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;">]><definitions xmlns="http://schemas.xmlsoap.org/wsdl/">&b;</definitions>`,
    /declares entities/
  ],
  [
    "an entity of another file",
    "xxe.wsdl",
    () => `<!DOCTYPE d [<!ENTITY a SYSTEM "file:///etc/passwd">]><definitions xmlns="http://schemas.xmlsoap.org/wsdl/">&a;</definitions>`,
    /declares entities/
  ]
];
for (const [name, file, text, says] of hostile) {
  test(`${name}: read safely or refused, quickly and without a trace`, async () => {
    const path = join(temporaryFolder(), file);
    writeFileSync(path, text());
    const started = performance.now();
    const ended = await run("docs", "add", path, "--name", "hostile", "--replace");
    assert.match(ended.err, says);
    assert.doesNotMatch(ended.err, /\n +at .*\.js|code +fault|root:/);
    assert.ok([0, 2].includes(ended.status), ended.err);
    assert.ok(performance.now() - started < 2e4);
  });
}
test("introspection that is off is told, with what else can be given", async () => {
  const refused = await run("docs", "add", `${origin}/v1/berths`, "--graphql", "--name", "no");
  assert.equal(refused.status, 2);
  assert.match(refused.err, /does not give its schema[\s\S]*schema as a file/);
  assert.ok(!existsSync(join(cwd, "docs/no.json")));
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL2RvY3MudGVzdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIERvY3VtZW50YXRpb24gb2YgZXZlcnkgZm9ybWF0IHRocm91Z2ggdGhlIHByb2dyYW06IGFkZGVkLCBleHBsb3JlZCwgZHJhZnRlZCwgY2hlY2tlZCwgc2VudCwgcmVmcmVzaGVkOyBhbmQgd2hhdCBpcyByZWZ1c2VkLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgZXhpc3RzU3luYywgcmVhZEZpbGVTeW5jLCB3cml0ZUZpbGVTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBjcmVhdGVTZXJ2ZXIgfSBmcm9tICdub2RlOmh0dHAnO1xuaW1wb3J0IHsgam9pbiB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyBhZnRlciwgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyBjb2xsZWN0aW9uT2YsIGRlbW9Db2xsZWN0aW9uLCB0ZW1wb3JhcnlGb2xkZXIsIHdyaXRlSW4gfSBmcm9tICcuLi9zdXBwb3J0L2ZvbGRlci5qcyc7XG5pbXBvcnQgeyBkb2N1bWVudCwgdHlwZSBFbmRlZCwgZWNob1RyYWlsIH0gZnJvbSAnLi4vc3VwcG9ydC9wcm9ncmFtLmpzJztcbmltcG9ydCB7IGhhcmJvdXJGb3JUaGlzRmlsZSB9IGZyb20gJy4uL3N1cHBvcnQvc3RhbmRpbi5qcyc7XG5cbmNvbnN0IHsgb3JpZ2luIH0gPSBhd2FpdCBoYXJib3VyRm9yVGhpc0ZpbGUoKTtcbmNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7fSwgb3JpZ2luKTtcbmNvbnN0IHJ1biA9ICguLi5hcmdzOiBzdHJpbmdbXSk6IFByb21pc2U8RW5kZWQ+ID0+IGVjaG9UcmFpbChhcmdzLCB7IGN3ZCB9KTtcbmNvbnN0IG9rID0gYXN5bmMgKC4uLmFyZ3M6IHN0cmluZ1tdKTogUHJvbWlzZTxFbmRlZD4gPT4ge1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IHJ1biguLi5hcmdzKTtcbiAgYXNzZXJ0LmVxdWFsKGVuZGVkLnN0YXR1cywgMCwgYCR7YXJncy5qb2luKCcgJyl9XFxuJHtlbmRlZC5vdXR9JHtlbmRlZC5lcnJ9YCk7XG4gIHJldHVybiBlbmRlZDtcbn07XG5cbmNvbnN0IGZhY2VzOiByZWFkb25seSAocmVhZG9ubHkgW1xuICBuYW1lOiBzdHJpbmcsXG4gIGFkZHJlc3M6IHN0cmluZyxcbiAgb3B0aW9uczogc3RyaW5nW10sXG4gIGZvcm1hdDogc3RyaW5nLFxuICBvcGVyYXRpb25zOiBudW1iZXIsXG5dKVtdID0gW1xuICBbJ2hhcmJvdXInLCAnL29wZW5hcGkueWFtbCcsIFtdLCAnT3BlbkFQSScsIDE0XSxcbiAgWydvbGRlcicsICcvdjAvb3BlbmFwaS5qc29uJywgW10sICdPcGVuQVBJJywgM10sXG4gIFsncGlsb3RzJywgJy9ncmFwaHFsL3NjaGVtYScsIFtdLCAnR3JhcGhRTCcsIDZdLFxuICBbJ2xpdmUnLCAnL2dyYXBocWwnLCBbJy0tZ3JhcGhxbCddLCAnR3JhcGhRTCcsIDZdLFxuICBbJ2N1c3RvbXMnLCAnL2N1c3RvbXMud3NkbCcsIFtdLCAnV1NETCcsIDRdLFxuICBbJ3RpZGVzJywgJy90aWRlcy9yZWZlcmVuY2UuaHRtbCcsIFtdLCAncGFnZScsIDNdLFxuXTtcblxudGVzdCgnZWFjaCBmYWNlIG9mIHRoZSBzdGFuZC1pbiBpcyBhZGRlZCBpbiBpdHMgb3duIGZvcm1hdCwgYW5kIGxpc3RlZCcsIGFzeW5jICgpID0+IHtcbiAgZm9yIChjb25zdCBbbmFtZSwgYWRkcmVzcywgb3B0aW9uc10gb2YgZmFjZXMpXG4gICAgYXdhaXQgb2soJ2RvY3MnLCAnYWRkJywgYCR7b3JpZ2lufSR7YWRkcmVzc31gLCAnLS1uYW1lJywgbmFtZSwgLi4ub3B0aW9ucyk7XG4gIGNvbnN0IHsgc291cmNlcyB9ID0gZG9jdW1lbnQ8e1xuICAgIHNvdXJjZXM6IHsgbmFtZTogc3RyaW5nOyBmb3JtYXQ6IHN0cmluZzsgb3BlcmF0aW9uczogbnVtYmVyOyB3YXJuaW5nczogdW5rbm93bltdIH1bXTtcbiAgfT4oYXdhaXQgb2soJ2RvY3MnLCAnbGlzdCcsICctLWpzb24nKSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoXG4gICAgc291cmNlcy5tYXAoKHsgbmFtZSwgZm9ybWF0LCBvcGVyYXRpb25zIH0pID0+IFtuYW1lLCBmb3JtYXQsIG9wZXJhdGlvbnNdKSxcbiAgICBmYWNlcy5tYXAoKFtuYW1lLCAsICwgZm9ybWF0LCBvcGVyYXRpb25zXSkgPT4gW25hbWUsIGZvcm1hdCwgb3BlcmF0aW9uc10pLFxuICApO1xuICBhc3NlcnQub2soZXhpc3RzU3luYyhqb2luKGN3ZCwgJ2RvY3MvY3VzdG9tcy9jdXN0b21zL3R5cGVzLnhzZCcpKSwgJ3RoZSBpbXBvcnRlZCBzY2hlbWFzIGFyZSBrZXB0Jyk7XG59KTtcblxudGVzdCgndHJlZSwgZmluZCB3aXRoIGEgdHlwaW5nIG1pc3Rha2UsIHNob3cgb2YgYW4gb3BlcmF0aW9uIGFuZCBvZiBhIHR5cGUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHRyZWUgPSBhd2FpdCBvaygnZG9jcycsICd0cmVlJyk7XG4gIGZvciAoY29uc3QgbGluZSBvZiBbL3Zlc3NlbHMgezJ9R0VUIGxpc3RWZXNzZWxzLywgL3F1ZXJ5IHBpbG90cy8sIC9TT0FQIDFcXC4xIFNvYXAxMVxcLkRlY2xhcmUvLCAvXFx7c3RhdGlvblxcfS9dKVxuICAgIGFzc2VydC5tYXRjaCh0cmVlLm91dCwgbGluZSk7XG4gIGNvbnN0IGZvdW5kID0gYXdhaXQgb2soJ2RvY3MnLCAnZmluZCcsICdkZWNsYXJhdG9uJyk7XG4gIGFzc2VydC5tYXRjaChmb3VuZC5lcnIsIC9kZWNsYXJhdG9uIHN0YW5kcyBub3doZXJlOyBkZWNsYXJhdGlvblxcdyogd2FzIGxvb2tlZCBmb3IvKTtcbiAgYXNzZXJ0Lm1hdGNoKGZvdW5kLm91dCwgL2N1c3RvbXNcXC9Tb2FwMTEvKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIChhd2FpdCBvaygnZG9jcycsICdzaG93JywgJ2N1c3RvbXMvU29hcDEyLkRlY2xhcmUnKSkub3V0LFxuICAgIC9hY3Rpb24gezJ9XCJ1cm46bGFya2hhdmVuOmN1c3RvbXM6MlxcL0RlY2xhcmVcIi8sXG4gICk7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgb2soJ2RvY3MnLCAnc2hvdycsICctLXR5cGUnLCAncGlsb3RzL1JvdGFFbnRyeScpKS5vdXQsIC9laXRoZXIgQm9hcmRpbmdbXFxzXFxTXSpvciBSZXN0Lyk7XG4gIGFzc2VydC5tYXRjaChcbiAgICAoYXdhaXQgb2soJ2RvY3MnLCAnc2hvdycsICd0aWRlcy9nZXQtdGlkZXMtc3RhdGlvbi1sZXZlbHMnKSkub3V0LFxuICAgIC9ub3QgZG9jdW1lbnRlZCB3aGV0aGVyW1xcc1xcU10qbGluZSBcXGQrLyxcbiAgKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBvaygnZG9jcycsICdzaG93JywgJ2hhcmJvdXIvYm9va0NhbGwnKSkub3V0LCAvc3VwcGxpZWQgYnlcXG4gezJ9aW1vICtoYXJib3VyXFwvbGlzdFZlc3NlbHMvKTtcbn0pO1xuXG5jb25zdCBkcmFmdGVkOiByZWFkb25seSAocmVhZG9ubHkgW29wZXJhdGlvbjogc3RyaW5nLCBuYW1lOiBzdHJpbmcsIHNldDogc3RyaW5nW11dKVtdID0gW1xuICBbJ29sZGVyL29sZFZlc3NlbCcsICdvbGRlci92ZXNzZWwnLCBbJ2ltbz05MDAwMDE3J11dLFxuICBbJ3BpbG90cy9waWxvdCcsICdwaWxvdHMvb25lJywgWydpZD1QMSddXSxcbiAgW1xuICAgICdjdXN0b21zL1NvYXAxMS5EZWNsYXJlJyxcbiAgICAnY3VzdG9tcy9kZWNsYXJlJyxcbiAgICBbJ0Rlc2s9bm9ydGgnLCAnaW1vPTkwMDAwMTcnLCAnYXJyaXZhbD0yMDI2LTExLTI0JywgJ2xpbmU9MScsICdraW5kPWdyYWluJywgJ3Rvbm5lcz0xMi41JywgJ2Jyb2tlcj1BICYgPEI+IFwiQ1wiJ10sXG4gIF0sXG4gIFsnY3VzdG9tcy9Tb2FwMTIuUmVhZERlY2xhcmF0aW9uJywgJ2N1c3RvbXMvcmVhZCcsIFsnbnVtYmVyPUNELTAwMDEnXV0sXG4gIFsndGlkZXMvZ2V0LXRpZGVzLXN0YXRpb24tbGV2ZWxzJywgJ3RpZGVzL2xldmVscycsIFsnc3RhdGlvbj1iYXInLCAnZnJvbT0yMDI2LTExLTI0J11dLFxuXTtcblxudGVzdCgnd2hhdCBpcyBkcmFmdGVkIGZyb20gZWFjaCBmb3JtYXQgcGFzc2VzIHRoZSBjaGVjaywgYW5kIHRoZSB2ZW5kb3IgdGFrZXMgaXQnLCBhc3luYyAoKSA9PiB7XG4gIGZvciAoY29uc3QgW29wZXJhdGlvbiwgbmFtZV0gb2YgZHJhZnRlZCkgYXdhaXQgb2soJ2RyYWZ0Jywgb3BlcmF0aW9uLCAnLS1hcycsIG5hbWUpO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IG9rKCdjaGVjaycpKS5vdXQsIC9hbGwgd2VsbC8pO1xuICBmb3IgKGNvbnN0IFssIG5hbWUsIHNldF0gb2YgZHJhZnRlZCkgYXdhaXQgb2soJ3NlbmQnLCBuYW1lLCAuLi5zZXQuZmxhdE1hcCgob25lKSA9PiBbJy0tc2V0Jywgb25lXSkpO1xuICBjb25zdCBzZWVuID0gZG9jdW1lbnQ8eyBoZWFkZXJzOiB7IG5hbWU6IHN0cmluZzsgdmFsdWU6IHN0cmluZyB9W10gfT4oXG4gICAgYXdhaXQgb2soJ3ByZXZpZXcnLCAnY3VzdG9tcy9kZWNsYXJlJywgJy0tanNvbicsIC4uLihkcmFmdGVkWzJdPy5bMl0gPz8gW10pLmZsYXRNYXAoKG9uZSkgPT4gWyctLXNldCcsIG9uZV0pKSxcbiAgKTtcbiAgY29uc3QgaGVhZGVyID0gKG5hbWU6IHN0cmluZykgPT4gc2Vlbi5oZWFkZXJzLmZpbmQoKG9uZSkgPT4gb25lLm5hbWUudG9Mb3dlckNhc2UoKSA9PT0gbmFtZSk/LnZhbHVlO1xuICBhc3NlcnQuZXF1YWwoaGVhZGVyKCdzb2FwYWN0aW9uJyksICdcInVybjpsYXJraGF2ZW46Y3VzdG9tczoyL0RlY2xhcmVcIicpO1xuICBhc3NlcnQuZXF1YWwoaGVhZGVyKCdjb250ZW50LXR5cGUnKSwgJ3RleHQveG1sOyBjaGFyc2V0PXV0Zi04Jyk7XG59KTtcblxudGVzdCgnYSBkcmFmdCB3aXRoIGEgc2VsZWN0aW9uOyBhbmQgb25lIHRoYXQgdGhlIHNjaGVtYSBkb2VzIG5vdCBoYXZlJywgYXN5bmMgKCkgPT4ge1xuICBhd2FpdCBvaygnZHJhZnQnLCAncGlsb3RzL3BpbG90cycsICctLWFzJywgJ3BpbG90cy9uYW1lcycsICctLWZpZWxkcycsICd0b3RhbENvdW50LGVkZ2VzLm5vZGUubmFtZScpO1xuICBjb25zdCBuYW1lcyA9IGF3YWl0IG9rKCdzZW5kJywgJ3BpbG90cy9uYW1lcycsICctLXBpY2snLCAnJC5kYXRhLnBpbG90cy5lZGdlc1sqXS5ub2RlLm5hbWUnKTtcbiAgYXNzZXJ0LmVxdWFsKChKU09OLnBhcnNlKG5hbWVzLm91dCkgYXMgc3RyaW5nW10pLmxlbmd0aCwgMyk7XG4gIGNvbnN0IHdyb25nID0gYXdhaXQgcnVuKCdkcmFmdCcsICdwaWxvdHMvcGlsb3RzJywgJy0tYXMnLCAneCcsICctLWZpZWxkcycsICd0b3RsJyk7XG4gIGFzc2VydC5lcXVhbCh3cm9uZy5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2god3JvbmcuZXJyLCAvaGFzIG5vIGZpZWxkIHRvdGwvKTtcbn0pO1xuXG50ZXN0KCdlcnJvcnMgaW5zaWRlIGFuIGFuc3dlciBvZiBzdGF0dXMgMjAwIGFuZCBhIFNPQVAgZmF1bHQgYXJlIGZhaWx1cmVzJywgYXN5bmMgKCkgPT4ge1xuICB3cml0ZUluKFxuICAgIGN3ZCxcbiAgICAncmVxdWVzdHMvb2ZmLWR1dHkueWFtbCcsXG4gICAgJ21ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L2dyYXBocWxcXG5jaGFuZ2VzOiBmYWxzZVxcbmJvZHk6IHtncmFwaHFsOiB7ZG9jdW1lbnQ6IFwieyBwaWxvdChpZDogXFxcXFwiUDJcXFxcXCIpIHsgcGhvbmUgfSB9XCJ9fVxcbicsXG4gICk7XG4gIGNvbnN0IHBhcnRpYWwgPSBhd2FpdCBydW4oJ3NlbmQnLCAnb2ZmLWR1dHknKTtcbiAgYXNzZXJ0LmVxdWFsKHBhcnRpYWwuc3RhdHVzLCAxKTtcbiAgYXNzZXJ0Lm1hdGNoKHBhcnRpYWwuZXJyLCAvZXJyb3JzOiBleHBlY3RlZCBub25lLCBmb3VuZCAxIGVycm9yXFxuICtCZXJpdCBNYXJsb3cgaXMgbm90IG9uIGR1dHkvKTtcbiAgY29uc3QgZmF1bHQgPSBhd2FpdCBydW4oJ3NlbmQnLCAnY3VzdG9tcy9yZWFkJywgJy0tc2V0JywgJ251bWJlcj1ub25lJyk7XG4gIGFzc2VydC5lcXVhbChmYXVsdC5zdGF0dXMsIDEpO1xuICBhc3NlcnQubWF0Y2goZmF1bHQuZXJyLCAvdGhlIGRlY2xhcmF0aW9uIGlzIG5vdCBrbm93bi8pO1xufSk7XG5cbnRlc3QoJ2NoZWNrIHRlbGxzIGEgZG9jdW1lbnQgdGhhdCB0aGUgc2NoZW1hIGRvZXMgbm90IHRha2UsIGEgd3JvbmcgYWN0aW9uLCBhbmQgdmFsdWVzIHRoYXQgYXJlIG5vdCBkb2N1bWVudGVkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBvd24gPSBkZW1vQ29sbGVjdGlvbihvcmlnaW4pO1xuICBjb25zdCBpbk93biA9ICguLi5hcmdzOiBzdHJpbmdbXSk6IFByb21pc2U8RW5kZWQ+ID0+IGVjaG9UcmFpbChhcmdzLCB7IGN3ZDogb3duIH0pO1xuICBhd2FpdCBpbk93bignZG9jcycsICdhZGQnLCBgJHtvcmlnaW59L2dyYXBocWwvc2NoZW1hYCwgJy0tbmFtZScsICdwaWxvdHMnKTtcbiAgYXdhaXQgaW5Pd24oJ2RvY3MnLCAnYWRkJywgYCR7b3JpZ2lufS9jdXN0b21zLndzZGxgLCAnLS1uYW1lJywgJ2N1c3RvbXMnKTtcbiAgd3JpdGVJbihcbiAgICBvd24sXG4gICAgJ3JlcXVlc3RzL2EueWFtbCcsXG4gICAgJ29wZXJhdGlvbjogcGlsb3RzL3BpbG90XFxubWV0aG9kOiBQT1NUXFxudXJsOiAke29yaWdpbn0vZ3JhcGhxbFxcbmNoYW5nZXM6IGZhbHNlXFxuc2Vzc2lvbjogbm9uZVxcbmJvZHk6XFxuICBncmFwaHFsOlxcbiAgICBkb2N1bWVudDogfFxcbiAgICAgIHF1ZXJ5ICgkaWQ6IElEISkge1xcbiAgICAgICAgcGlsb3QoaWQ6ICRpZCkgeyBubWFlIH1cXG4gICAgICB9XFxuICAgIHZhcmlhYmxlczoge2lkOiBQMSwgaWRkOiAyfVxcbicsXG4gICk7XG4gIHdyaXRlSW4oXG4gICAgb3duLFxuICAgICdyZXF1ZXN0cy9iLnlhbWwnLFxuICAgICdvcGVyYXRpb246IGN1c3RvbXMvU29hcDExLlJlYWREZWNsYXJhdGlvblxcbm1ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L2N1c3RvbXNcXG5zZXNzaW9uOiBub25lXFxuYm9keToge3NvYXA6IHthY3Rpb246IFwicmVhZFwiLCBlbnZlbG9wZTogXCI8eC8+XCJ9fVxcbicsXG4gICk7XG4gIHdyaXRlSW4oXG4gICAgb3duLFxuICAgICdyZXF1ZXN0cy9jLnlhbWwnLFxuICAgICdvcGVyYXRpb246IGhhcmJvdXIvYm9va0NhbGxcXG5tZXRob2Q6IFBPU1RcXG51cmw6ICR7b3JpZ2lufS92MS92ZXNzZWxzLzkwMDAwMTcvY2FsbHNcXG5ib2R5OiB7anNvbjoge2JlcnRoOiBOMSwgbmlnaHRzOiBcIjJcIiwgY3JhZ286IGdyYWluLCBpZDogUEMtMX19XFxuJyxcbiAgKTtcbiAgY29uc3QgY2hlY2tlZCA9IGF3YWl0IGluT3duKCdjaGVjaycpO1xuICBhc3NlcnQuZXF1YWwoY2hlY2tlZC5zdGF0dXMsIDIpO1xuICBmb3IgKGNvbnN0IGxpbmUgb2YgW1xuICAgIC9yZXF1ZXN0c1xcL2FcXC55YW1sOjEwOlxcZCsgK2Vycm9yICt0aGUgZG9jdW1lbnQgZG9lcyBub3QgZml0IHRoZSBzY2hlbWE6IENhbm5vdCBxdWVyeSBmaWVsZCBcIm5tYWVcIi8sXG4gICAgL3JlcXVlc3RzXFwvYVxcLnlhbWw6MTI6XFxkKyArd2FybmluZyArdmFyaWFibGVzXFwuaWRkIGlzIG5vdCBkb2N1bWVudGVkLyxcbiAgICAvcmVxdWVzdHNcXC9iXFwueWFtbDo1OlxcZCsgK2Vycm9yICt0aGUgYWN0aW9uIGlzIFwicmVhZFwiLCBkb2N1bWVudGVkIGlzIFwidXJuOmxhcmtoYXZlbi8sXG4gICAgL3JlcXVlc3RzXFwvY1xcLnlhbWw6NDpcXGQrICt3YXJuaW5nICtcXCRcXC5uaWdodHMgaXMgYSBzdHJpbmcsIGRvY3VtZW50ZWQgYXMgaW50ZWdlci8sXG4gICAgL1xcJFxcLmNyYWdvIGlzIG5vdCBkb2N1bWVudGVkOyBkb2N1bWVudGVkIGlzIGNhcmdvLyxcbiAgXSlcbiAgICBhc3NlcnQubWF0Y2goY2hlY2tlZC5vdXQsIGxpbmUpO1xuICBjb25zdCBzdHJpY3QgPSBhd2FpdCBpbk93bignc2VuZCcsICdjJywgJy0tc2Vzc2lvbicsICdub25lJywgJy0tc3RyaWN0Jyk7XG4gIGFzc2VydC5lcXVhbChzdHJpY3Quc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKHN0cmljdC5lcnIsIC9kaWZmZXJzIGZyb20gaGFyYm91clxcL2Jvb2tDYWxsOiBcXCRcXC5uaWdodHMgaXMgYSBzdHJpbmcvKTtcbiAgY29uc3QgbG9vc2UgPSBhd2FpdCBpbk93bignc2VuZCcsICdjJywgJy0tc2Vzc2lvbicsICdub25lJyk7XG4gIGFzc2VydC5tYXRjaChsb29zZS5lcnIsIC93YXJuaW5nIHsyfVxcJFxcLm5pZ2h0cyBpcyBhIHN0cmluZywgZG9jdW1lbnRlZCBhcyBpbnRlZ2VyLyk7XG4gIGFzc2VydC5lcXVhbChsb29zZS5zdGF0dXMsIDEpO1xufSk7XG5cbnRlc3QoJ2FuIGFuc3dlciB0aGF0IGRpZmZlcnMgZnJvbSB0aGUgZG9jdW1lbnRhdGlvbiBpcyB0b2xkIHdpdGggLS1hZ2FpbnN0LWRvY3MnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IG93biA9IGRlbW9Db2xsZWN0aW9uKG9yaWdpbik7XG4gIHdyaXRlSW4oXG4gICAgb3duLFxuICAgICdkb2NzL2hhcmJvdXIub3ZlcmxheS55YW1sJyxcbiAgICAnb3ZlcmxheTogMS4wLjBcXG5pbmZvOiB7dGl0bGU6IE91cnMsIHZlcnNpb246IFwiMVwifVxcbmFjdGlvbnM6XFxuICAtIHt0YXJnZXQ6IFwiJC5jb21wb25lbnRzLnNjaGVtYXMuU2Vzc2lvbi5wcm9wZXJ0aWVzLmV4cGlyZXNJblwiLCB1cGRhdGU6IHt0eXBlOiBzdHJpbmd9fVxcbicsXG4gICk7XG4gIGNvbnN0IHNlbnQgPSBhd2FpdCBlY2hvVHJhaWwoXG4gICAgWydzZW5kJywgJ2Rlc2svbG9nLWluJywgJy0tc2V0JywgJ3VzZXI9YWdlbnQnLCAnLS1zZXQnLCAncGFzc3dvcmQ9dGlkZXdhdGVyLTQyJywgJy0tYWdhaW5zdC1kb2NzJ10sXG4gICAgeyBjd2Q6IG93biB9LFxuICApO1xuICBhc3NlcnQubWF0Y2goc2VudC5lcnIsIC91bmRvY3VtZW50ZWQgezJ9XFwkXFwuZXhwaXJlc0luIGlzIGFuIGludGVnZXIsIGRvY3VtZW50ZWQgYXMgc3RyaW5nLyk7XG59KTtcblxudGVzdCgnc2FtcGxlczogZnJvbSBhbiBlY2hvIGFuZCBmcm9tIGEgZmlsZSwgbW9yZSBiZXNpZGUgdGhlIGZpcnN0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB7IGVjaG8gfSA9IGRvY3VtZW50PHsgZWNobzogc3RyaW5nIH0+KGF3YWl0IG9rKCdzZW5kJywgJ29sZGVyL3Zlc3NlbCcsICctLXNldCcsICdpbW89OTAwMDAxNycsICctLWpzb24nKSk7XG4gIGF3YWl0IG9rKCdkb2NzJywgJ2FkZCcsICctLXNhbXBsZScsIGVjaG8sICctLW5hbWUnLCAnc2VlbicpO1xuICBjb25zdCBmaWxlID0gam9pbih0ZW1wb3JhcnlGb2xkZXIoKSwgJ2V4Y2hhbmdlLnR4dCcpO1xuICB3cml0ZUZpbGVTeW5jKFxuICAgIGZpbGUsXG4gICAgJ1BPU1QgL3YwL25vdGljZXMgSFRUUC8xLjFcXG5Ib3N0OiBsYXJraGF2ZW4uZXhhbXBsZVxcbkNvbnRlbnQtVHlwZTogYXBwbGljYXRpb24vanNvblxcblxcbntcInRleHRcIjogXCJmb2dcIn1cXG5cXG5IVFRQLzEuMSAyMDEgQ3JlYXRlZFxcbkNvbnRlbnQtVHlwZTogYXBwbGljYXRpb24vanNvblxcblxcbntcImlkXCI6IDEsIFwidGV4dFwiOiBcImZvZ1wifVxcbicsXG4gICk7XG4gIGF3YWl0IG9rKCdkb2NzJywgJ2FkZCcsICctLXNhbXBsZScsIGZpbGUsICctLW5hbWUnLCAnc2VlbicpO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IG9rKCdkb2NzJywgJ3RyZWUnLCAnc2VlbicpKS5vdXQsIC92ZXNzZWxzXFwvXFx7aW1vXFx9IHsyfUdFVFtcXHNcXFNdKm5vdGljZXMgezJ9UE9TVC8pO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IG9rKCdkb2NzJywgJ3Nob3cnLCAnc2Vlbi9wb3N0LXYwLW5vdGljZXMnKSkub3V0LCAvdGV4dCArc3RyaW5nICtyZXF1aXJlZCArZ3Vlc3MvKTtcbn0pO1xuXG50ZXN0KCdyZWZyZXNoIHRlbGxzIHdoYXQgY2hhbmdlZCBhbmQgd2hvbSBpdCBhZmZlY3RzLCBhbmQgb3ZlcndyaXRlcyBvbmx5IHdoZW4gdGhhdCBpcyBhY2NlcHRlZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgb3duID0gZGVtb0NvbGxlY3Rpb24ob3JpZ2luKTtcbiAgY29uc3QgaW5Pd24gPSAoLi4uYXJnczogc3RyaW5nW10pOiBQcm9taXNlPEVuZGVkPiA9PiBlY2hvVHJhaWwoYXJncywgeyBjd2Q6IG93biB9KTtcbiAgYXdhaXQgaW5Pd24oJ2RvY3MnLCAnYWRkJywgYCR7b3JpZ2lufS9vcGVuYXBpLnlhbWxgLCAnLS1uYW1lJywgJ2hhcmJvdXInLCAnLS1yZXBsYWNlJyk7XG4gIGNvbnN0IHNuYXBzaG90ID0gam9pbihvd24sICdkb2NzL2hhcmJvdXIueWFtbCcpO1xuICBjb25zdCBvbGRlciA9IHJlYWRGaWxlU3luYyhzbmFwc2hvdCwgJ3V0ZjgnKVxuICAgIC5yZXBsYWNlKCdvcGVyYXRpb25JZDogc2hvd0JlcnRoJywgJ29wZXJhdGlvbklkOiBvbmVCZXJ0aCcpXG4gICAgLnJlcGxhY2VBbGwoJ21heGltdW06IDE0JywgJ21heGltdW06IDIwJyk7XG4gIHdyaXRlRmlsZVN5bmMoc25hcHNob3QsIG9sZGVyKTtcbiAgY29uc3QgdG9sZCA9IGF3YWl0IGluT3duKCdkb2NzJywgJ3JlZnJlc2gnKTtcbiAgYXNzZXJ0LmVxdWFsKHRvbGQuc3RhdHVzLCAxKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIHRvbGQub3V0LFxuICAgIC9jaGFuZ2VkICtib29rQ2FsbCArYWZmZWN0cyByZXF1ZXN0cyBjYWxsc1xcL2Jvb2s7IHRyYWlscyBiZXJ0aC1zdGF5XFxuICtuYXJyb3dlZCArYm9keSBuaWdodHMgK2F0LW1vc3QgMTQsIHdhcyAyMC8sXG4gICk7XG4gIGFzc2VydC5tYXRjaCh0b2xkLm91dCwgL2FkZGVkICtzaG93QmVydGhbXFxzXFxTXSpyZW1vdmVkICtvbmVCZXJ0aC8pO1xuICBhc3NlcnQuZXF1YWwocmVhZEZpbGVTeW5jKHNuYXBzaG90LCAndXRmOCcpLCBvbGRlcik7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgaW5Pd24oJ2RvY3MnLCAncmVmcmVzaCcsICdoYXJib3VyJywgJy0tYWNjZXB0JykpLnN0YXR1cywgMCk7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgaW5Pd24oJ2RvY3MnLCAncmVmcmVzaCcpKS5vdXQsIC9oYXJib3VyOiBhcyBiZWZvcmUvKTtcbn0pO1xuXG4vKiogQSB2ZW5kb3IgdGhhdCByZWZlcnMgdG8gdGhpbmdzIHRoYXQgaXQgc2hvdWxkIG5vdC4gKi9cbmNvbnN0IGFza2VkOiBzdHJpbmdbXSA9IFtdO1xuY29uc3QgdmVuZG9yID0gY3JlYXRlU2VydmVyKChyZXF1ZXN0LCByZXNwb25zZSkgPT4ge1xuICBhc2tlZC5wdXNoKHJlcXVlc3QudXJsID8/ICcnKTtcbiAgY29uc3QgYW5zd2VyczogUmVjb3JkPHN0cmluZywgc3RyaW5nPiA9IHtcbiAgICAnL2xvb3AueWFtbCc6ICdvcGVuYXBpOiAzLjEuMFxcbmluZm86IHt0aXRsZTogTH1cXG5wYXRoczpcXG4gIC9hOiB7JHJlZjogXCJzZWNvbmQueWFtbCMvYVwifVxcbicsXG4gICAgJy9zZWNvbmQueWFtbCc6ICdhOiB7JHJlZjogXCJsb29wLnlhbWwjL3BhdGhzL34xYVwifVxcbicsXG4gICAgJy9mb3JlaWduLnlhbWwnOlxuICAgICAgJ29wZW5hcGk6IDMuMS4wXFxuaW5mbzoge3RpdGxlOiBGfVxcbnBhdGhzOlxcbiAgL2E6IHtnZXQ6IHtvcGVyYXRpb25JZDogYSwgcmVzcG9uc2VzOiB7MjAwOiB7JHJlZjogXCJodHRwOi8vb3RoZXIuZXhhbXBsZTo5L3gueWFtbFwifX19fVxcbicsXG4gIH07XG4gIGNvbnN0IHRleHQgPSBhbnN3ZXJzW3JlcXVlc3QudXJsID8/ICcnXTtcbiAgcmVzcG9uc2Uud3JpdGVIZWFkKHRleHQgPT09IHVuZGVmaW5lZCA/IDQwNCA6IDIwMCkuZW5kKHRleHQpO1xufSk7XG5hd2FpdCBuZXcgUHJvbWlzZTx2b2lkPigocmVzb2x2ZSkgPT4gdmVuZG9yLmxpc3RlbigwLCAnMTI3LjAuMC4xJywgcmVzb2x2ZSkpO1xuYWZ0ZXIoKCkgPT4gdmVuZG9yLmNsb3NlKCkpO1xuY29uc3QgYXQgPSBgaHR0cDovLzEyNy4wLjAuMTokeyh2ZW5kb3IuYWRkcmVzcygpIGFzIHsgcG9ydDogbnVtYmVyIH0pLnBvcnR9YDtcblxudGVzdCgncmVmZXJlbmNlcyB0aGF0IGdvIGluIGEgY2lyY2xlIG92ZXIgZmlsZXMgZW5kOyBhbm90aGVyIGhvc3QgaXMgbm90IGFza2VkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBsb29wID0gYXdhaXQgb2soJ2RvY3MnLCAnYWRkJywgYCR7YXR9L2xvb3AueWFtbGAsICctLW5hbWUnLCAnbG9vcCcpO1xuICBhc3NlcnQubWF0Y2gobG9vcC5lcnIsIC9sZWFkcyBiYWNrIHRvIGl0c2VsZnxub3QgYSBtYXAgb2YgbWV0aG9kc3xkZXNjcmliZXMgbm8gb3BlcmF0aW9uLyk7XG4gIGNvbnN0IGZvcmVpZ24gPSBhd2FpdCBvaygnZG9jcycsICdhZGQnLCBgJHthdH0vZm9yZWlnbi55YW1sYCwgJy0tbmFtZScsICdmb3JlaWduJyk7XG4gIGFzc2VydC5tYXRjaChcbiAgICBmb3JlaWduLmVycixcbiAgICAvb3RoZXJcXC5leGFtcGxlOjlcXC94XFwueWFtbCB3YXMgbm90IHJlYWQ6IGl0IGlzIGF0IGFub3RoZXIgaG9zdDsgLS1mZXRjaC1mcm9tIG90aGVyXFwuZXhhbXBsZTo5LyxcbiAgKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChhc2tlZCwgWycvbG9vcC55YW1sJywgJy9zZWNvbmQueWFtbCcsICcvZm9yZWlnbi55YW1sJ10pO1xufSk7XG5cbnRlc3QoJ2EgcmVmZXJlbmNlIHRvIGEgZmlsZSBvdXRzaWRlIHRoZSBmb2xkZXIgb2YgdGhlIGRvY3VtZW50IGlzIG5vdCByZWFkJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBmb2xkZXIgPSB0ZW1wb3JhcnlGb2xkZXIoKTtcbiAgd3JpdGVJbihmb2xkZXIsICdzZWNyZXQueWFtbCcsICd4OiB7dHlwZTogc3RyaW5nfVxcbicpO1xuICB3cml0ZUluKFxuICAgIGZvbGRlcixcbiAgICAnZG9jcy9tYWluLnlhbWwnLFxuICAgICdvcGVuYXBpOiAzLjEuMFxcbmluZm86IHt0aXRsZTogT31cXG5wYXRoczpcXG4gIC9hOiB7Z2V0OiB7b3BlcmF0aW9uSWQ6IGEsIHBhcmFtZXRlcnM6IFt7bmFtZTogcSwgaW46IHF1ZXJ5LCBzY2hlbWE6IHskcmVmOiBcIi4uL3NlY3JldC55YW1sIy94XCJ9fV0sIHJlc3BvbnNlczoge319fVxcbiAgL2I6IHskcmVmOiBcIi4uLy4uLy4uLy4uL2V0Yy9wYXNzd2RcIn1cXG4nLFxuICApO1xuICBjb25zdCBhZGRlZCA9IGF3YWl0IG9rKCdkb2NzJywgJ2FkZCcsIGpvaW4oZm9sZGVyLCAnZG9jcy9tYWluLnlhbWwnKSwgJy0tbmFtZScsICdvdXRzaWRlJyk7XG4gIGFzc2VydC5tYXRjaChhZGRlZC5lcnIsIC9zZWNyZXRcXC55YW1sIHdhcyBub3QgcmVhZC8pO1xuICBhc3NlcnQubWF0Y2goYWRkZWQuZXJyLCAvZXRjXFwvcGFzc3dkIHdhcyBub3QgcmVhZC8pO1xuICBhc3NlcnQuZG9lc05vdE1hdGNoKHJlYWRGaWxlU3luYyhqb2luKGN3ZCwgJ2RvY3Mvb3V0c2lkZS55YW1sJyksICd1dGY4JyksIC9yb290Oi8pO1xufSk7XG5cbmNvbnN0IGhvc3RpbGU6IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZTogc3RyaW5nLCBmaWxlOiBzdHJpbmcsIHRleHQ6ICgpID0+IHN0cmluZywgc2F5czogUmVnRXhwXSlbXSA9IFtcbiAgWycxMDAgTUInLCAnYmlnLmpzb24nLCAoKSA9PiBge1wib3BlbmFwaVwiOiBcIjMuMS4wXCIsIFwieFwiOiBcIiR7J2EnLnJlcGVhdCgxMDBlNil9XCJ9YCwgL2xhcmdlciB0aGFuIDY0L10sXG4gIFtcbiAgICAnMTAsMDAwIGxldmVscyBvZiBKU09OJyxcbiAgICAnZGVlcC5qc29uJyxcbiAgICAoKSA9PiBge1wib3BlbmFwaVwiOlwiMy4xLjBcIixcInhcIjokeydbJy5yZXBlYXQoMTBfMDAwKX0keyddJy5yZXBlYXQoMTBfMDAwKX19YCxcbiAgICAvbmVzdGVkIG9yIG11bHRpcGxpZWQgYmV5b25kLyxcbiAgXSxcbiAgW1xuICAgICcxMCwwMDAgbGV2ZWxzIG9mIFhNTCcsXG4gICAgJ2RlZXAud3NkbCcsXG4gICAgKCkgPT5cbiAgICAgIGA8ZGVmaW5pdGlvbnMgeG1sbnM9XCJodHRwOi8vc2NoZW1hcy54bWxzb2FwLm9yZy93c2RsL1wiPiR7JzxhPicucmVwZWF0KDEwXzAwMCl9JHsnPC9hPicucmVwZWF0KDEwXzAwMCl9PC9kZWZpbml0aW9ucz5gLFxuICAgIC9kZXNjcmliZXMgbm8gU09BUCBvcGVyYXRpb258bmVzdGVkIG9yIG11bHRpcGxpZWQvLFxuICBdLFxuICBbXG4gICAgJzEwLDAwMCBsZXZlbHMgb2YgSFRNTCcsXG4gICAgJ2RlZXAuaHRtbCcsXG4gICAgKCkgPT4gYDxodG1sPjxib2R5PiR7JzxkaXY+Jy5yZXBlYXQoMTBfMDAwKX1HRVQgL3g8L2JvZHk+PC9odG1sPmAsXG4gICAgL25vIG1ldGhvZCBhbmQgcGF0aC8sXG4gIF0sXG4gIFtcbiAgICAnMTAsMDAwIGxldmVscyBvZiBHcmFwaFFMJyxcbiAgICAnZGVlcC5ncmFwaHFsJyxcbiAgICAoKSA9PiBgdHlwZSBRdWVyeSB7IGE6ICR7J1snLnJlcGVhdCgxMF8wMDApfUludCR7J10nLnJlcGVhdCgxMF8wMDApfSB9YCxcbiAgICAvbm90IGEgR3JhcGhRTCBzY2hlbWF8bmVzdGVkIG9yIG11bHRpcGxpZWQvLFxuICBdLFxuICBbXG4gICAgJ2VudGl0aWVzIHRoYXQgbXVsdGlwbHknLFxuICAgICdsb2wud3NkbCcsXG4gICAgKCkgPT5cbiAgICAgIGA8IURPQ1RZUEUgZCBbPCFFTlRJVFkgYSBcImFhYWFcIj48IUVOVElUWSBiIFwiJmE7JmE7JmE7XCI+XT48ZGVmaW5pdGlvbnMgeG1sbnM9XCJodHRwOi8vc2NoZW1hcy54bWxzb2FwLm9yZy93c2RsL1wiPiZiOzwvZGVmaW5pdGlvbnM+YCxcbiAgICAvZGVjbGFyZXMgZW50aXRpZXMvLFxuICBdLFxuICBbXG4gICAgJ2FuIGVudGl0eSBvZiBhbm90aGVyIGZpbGUnLFxuICAgICd4eGUud3NkbCcsXG4gICAgKCkgPT5cbiAgICAgIGA8IURPQ1RZUEUgZCBbPCFFTlRJVFkgYSBTWVNURU0gXCJmaWxlOi8vL2V0Yy9wYXNzd2RcIj5dPjxkZWZpbml0aW9ucyB4bWxucz1cImh0dHA6Ly9zY2hlbWFzLnhtbHNvYXAub3JnL3dzZGwvXCI+JmE7PC9kZWZpbml0aW9ucz5gLFxuICAgIC9kZWNsYXJlcyBlbnRpdGllcy8sXG4gIF0sXG5dO1xuZm9yIChjb25zdCBbbmFtZSwgZmlsZSwgdGV4dCwgc2F5c10gb2YgaG9zdGlsZSkge1xuICB0ZXN0KGAke25hbWV9OiByZWFkIHNhZmVseSBvciByZWZ1c2VkLCBxdWlja2x5IGFuZCB3aXRob3V0IGEgdHJhY2VgLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgcGF0aCA9IGpvaW4odGVtcG9yYXJ5Rm9sZGVyKCksIGZpbGUpO1xuICAgIHdyaXRlRmlsZVN5bmMocGF0aCwgdGV4dCgpKTtcbiAgICBjb25zdCBzdGFydGVkID0gcGVyZm9ybWFuY2Uubm93KCk7XG4gICAgY29uc3QgZW5kZWQgPSBhd2FpdCBydW4oJ2RvY3MnLCAnYWRkJywgcGF0aCwgJy0tbmFtZScsICdob3N0aWxlJywgJy0tcmVwbGFjZScpO1xuICAgIGFzc2VydC5tYXRjaChlbmRlZC5lcnIsIHNheXMpO1xuICAgIGFzc2VydC5kb2VzTm90TWF0Y2goZW5kZWQuZXJyLCAvXFxuICthdCAuKlxcLmpzfGNvZGUgK2ZhdWx0fHJvb3Q6Lyk7XG4gICAgYXNzZXJ0Lm9rKFswLCAyXS5pbmNsdWRlcyhlbmRlZC5zdGF0dXMpLCBlbmRlZC5lcnIpO1xuICAgIGFzc2VydC5vayhwZXJmb3JtYW5jZS5ub3coKSAtIHN0YXJ0ZWQgPCAyMF8wMDApO1xuICB9KTtcbn1cblxudGVzdCgnaW50cm9zcGVjdGlvbiB0aGF0IGlzIG9mZiBpcyB0b2xkLCB3aXRoIHdoYXQgZWxzZSBjYW4gYmUgZ2l2ZW4nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHJlZnVzZWQgPSBhd2FpdCBydW4oJ2RvY3MnLCAnYWRkJywgYCR7b3JpZ2lufS92MS9iZXJ0aHNgLCAnLS1ncmFwaHFsJywgJy0tbmFtZScsICdubycpO1xuICBhc3NlcnQuZXF1YWwocmVmdXNlZC5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2gocmVmdXNlZC5lcnIsIC9kb2VzIG5vdCBnaXZlIGl0cyBzY2hlbWFbXFxzXFxTXSpzY2hlbWEgYXMgYSBmaWxlLyk7XG4gIGFzc2VydC5vayghZXhpc3RzU3luYyhqb2luKGN3ZCwgJ2RvY3Mvbm8uanNvbicpKSk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsT0FBTyxZQUFZO0FBQ25CLFNBQVMsWUFBWSxjQUFjLHFCQUFxQjtBQUN4RCxTQUFTLG9CQUFvQjtBQUM3QixTQUFTLFlBQVk7QUFDckIsU0FBUyxPQUFPLFlBQVk7QUFLNUIsSUFBTSxFQUFFLE9BQU8sSUFBSSxNQUFNLG1CQUFtQjtBQUM1QyxJQUFNLE1BQU0sYUFBYSxDQUFDLEdBQUcsTUFBTTtBQUNuQyxJQUFNLE1BQU0sSUFBSSxTQUFtQyxVQUFVLE1BQU0sRUFBRSxJQUFJLENBQUM7QUFDMUUsSUFBTSxLQUFLLFVBQVUsU0FBbUM7QUFDdEQsUUFBTSxRQUFRLE1BQU0sSUFBSSxHQUFHLElBQUk7QUFDL0IsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLEdBQUcsS0FBSyxLQUFLLEdBQUcsQ0FBQztBQUFBLEVBQUssTUFBTSxHQUFHLEdBQUcsTUFBTSxHQUFHLEVBQUU7QUFDM0UsU0FBTztBQUNUO0FBRUEsSUFBTSxRQU1DO0FBQUEsRUFDTCxDQUFDLFdBQVcsaUJBQWlCLENBQUMsR0FBRyxXQUFXLEVBQUU7QUFBQSxFQUM5QyxDQUFDLFNBQVMsb0JBQW9CLENBQUMsR0FBRyxXQUFXLENBQUM7QUFBQSxFQUM5QyxDQUFDLFVBQVUsbUJBQW1CLENBQUMsR0FBRyxXQUFXLENBQUM7QUFBQSxFQUM5QyxDQUFDLFFBQVEsWUFBWSxDQUFDLFdBQVcsR0FBRyxXQUFXLENBQUM7QUFBQSxFQUNoRCxDQUFDLFdBQVcsaUJBQWlCLENBQUMsR0FBRyxRQUFRLENBQUM7QUFBQSxFQUMxQyxDQUFDLFNBQVMseUJBQXlCLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDbEQ7QUFFQSxLQUFLLG9FQUFvRSxZQUFZO0FBQ25GLGFBQVcsQ0FBQyxNQUFNLFNBQVMsT0FBTyxLQUFLO0FBQ3JDLFVBQU0sR0FBRyxRQUFRLE9BQU8sR0FBRyxNQUFNLEdBQUcsT0FBTyxJQUFJLFVBQVUsTUFBTSxHQUFHLE9BQU87QUFDM0UsUUFBTSxFQUFFLFFBQVEsSUFBSSxTQUVqQixNQUFNLEdBQUcsUUFBUSxRQUFRLFFBQVEsQ0FBQztBQUNyQyxTQUFPO0FBQUEsSUFDTCxRQUFRLElBQUksQ0FBQyxFQUFFLE1BQU0sUUFBUSxXQUFXLE1BQU0sQ0FBQyxNQUFNLFFBQVEsVUFBVSxDQUFDO0FBQUEsSUFDeEUsTUFBTSxJQUFJLENBQUMsQ0FBQyxNQUFNLEVBQUUsRUFBRSxRQUFRLFVBQVUsTUFBTSxDQUFDLE1BQU0sUUFBUSxVQUFVLENBQUM7QUFBQSxFQUMxRTtBQUNBLFNBQU8sR0FBRyxXQUFXLEtBQUssS0FBSyxnQ0FBZ0MsQ0FBQyxHQUFHLCtCQUErQjtBQUNwRyxDQUFDO0FBRUQsS0FBSyx3RUFBd0UsWUFBWTtBQUN2RixRQUFNLE9BQU8sTUFBTSxHQUFHLFFBQVEsTUFBTTtBQUNwQyxhQUFXLFFBQVEsQ0FBQyw4QkFBOEIsZ0JBQWdCLDZCQUE2QixhQUFhO0FBQzFHLFdBQU8sTUFBTSxLQUFLLEtBQUssSUFBSTtBQUM3QixRQUFNLFFBQVEsTUFBTSxHQUFHLFFBQVEsUUFBUSxZQUFZO0FBQ25ELFNBQU8sTUFBTSxNQUFNLEtBQUssMERBQTBEO0FBQ2xGLFNBQU8sTUFBTSxNQUFNLEtBQUssaUJBQWlCO0FBQ3pDLFNBQU87QUFBQSxLQUNKLE1BQU0sR0FBRyxRQUFRLFFBQVEsd0JBQXdCLEdBQUc7QUFBQSxJQUNyRDtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE9BQU8sTUFBTSxHQUFHLFFBQVEsUUFBUSxVQUFVLGtCQUFrQixHQUFHLEtBQUssK0JBQStCO0FBQzFHLFNBQU87QUFBQSxLQUNKLE1BQU0sR0FBRyxRQUFRLFFBQVEsZ0NBQWdDLEdBQUc7QUFBQSxJQUM3RDtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE9BQU8sTUFBTSxHQUFHLFFBQVEsUUFBUSxrQkFBa0IsR0FBRyxLQUFLLDRDQUE0QztBQUMvRyxDQUFDO0FBRUQsSUFBTSxVQUFrRjtBQUFBLEVBQ3RGLENBQUMsbUJBQW1CLGdCQUFnQixDQUFDLGFBQWEsQ0FBQztBQUFBLEVBQ25ELENBQUMsZ0JBQWdCLGNBQWMsQ0FBQyxPQUFPLENBQUM7QUFBQSxFQUN4QztBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxDQUFDLGNBQWMsZUFBZSxzQkFBc0IsVUFBVSxjQUFjLGVBQWUsb0JBQW9CO0FBQUEsRUFDakg7QUFBQSxFQUNBLENBQUMsa0NBQWtDLGdCQUFnQixDQUFDLGdCQUFnQixDQUFDO0FBQUEsRUFDckUsQ0FBQyxrQ0FBa0MsZ0JBQWdCLENBQUMsZUFBZSxpQkFBaUIsQ0FBQztBQUN2RjtBQUVBLEtBQUssOEVBQThFLFlBQVk7QUFDN0YsYUFBVyxDQUFDLFdBQVcsSUFBSSxLQUFLLFFBQVMsT0FBTSxHQUFHLFNBQVMsV0FBVyxRQUFRLElBQUk7QUFDbEYsU0FBTyxPQUFPLE1BQU0sR0FBRyxPQUFPLEdBQUcsS0FBSyxVQUFVO0FBQ2hELGFBQVcsQ0FBQyxFQUFFLE1BQU0sR0FBRyxLQUFLLFFBQVMsT0FBTSxHQUFHLFFBQVEsTUFBTSxHQUFHLElBQUksUUFBUSxDQUFDLFFBQVEsQ0FBQyxTQUFTLEdBQUcsQ0FBQyxDQUFDO0FBQ25HLFFBQU0sT0FBTztBQUFBLElBQ1gsTUFBTSxHQUFHLFdBQVcsbUJBQW1CLFVBQVUsSUFBSSxRQUFRLENBQUMsSUFBSSxDQUFDLEtBQUssQ0FBQyxHQUFHLFFBQVEsQ0FBQyxRQUFRLENBQUMsU0FBUyxHQUFHLENBQUMsQ0FBQztBQUFBLEVBQzlHO0FBQ0EsUUFBTSxTQUFTLENBQUMsU0FBaUIsS0FBSyxRQUFRLEtBQUssQ0FBQyxRQUFRLElBQUksS0FBSyxZQUFZLE1BQU0sSUFBSSxHQUFHO0FBQzlGLFNBQU8sTUFBTSxPQUFPLFlBQVksR0FBRyxtQ0FBbUM7QUFDdEUsU0FBTyxNQUFNLE9BQU8sY0FBYyxHQUFHLHlCQUF5QjtBQUNoRSxDQUFDO0FBRUQsS0FBSyxtRUFBbUUsWUFBWTtBQUNsRixRQUFNLEdBQUcsU0FBUyxpQkFBaUIsUUFBUSxnQkFBZ0IsWUFBWSw0QkFBNEI7QUFDbkcsUUFBTSxRQUFRLE1BQU0sR0FBRyxRQUFRLGdCQUFnQixVQUFVLGtDQUFrQztBQUMzRixTQUFPLE1BQU8sS0FBSyxNQUFNLE1BQU0sR0FBRyxFQUFlLFFBQVEsQ0FBQztBQUMxRCxRQUFNLFFBQVEsTUFBTSxJQUFJLFNBQVMsaUJBQWlCLFFBQVEsS0FBSyxZQUFZLE1BQU07QUFDakYsU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzVCLFNBQU8sTUFBTSxNQUFNLEtBQUssbUJBQW1CO0FBQzdDLENBQUM7QUFFRCxLQUFLLHVFQUF1RSxZQUFZO0FBQ3RGO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sVUFBVSxNQUFNLElBQUksUUFBUSxVQUFVO0FBQzVDLFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLHFFQUFxRTtBQUMvRixRQUFNLFFBQVEsTUFBTSxJQUFJLFFBQVEsZ0JBQWdCLFNBQVMsYUFBYTtBQUN0RSxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxNQUFNLE1BQU0sS0FBSyw4QkFBOEI7QUFDeEQsQ0FBQztBQUVELEtBQUssNEdBQTRHLFlBQVk7QUFDM0gsUUFBTSxNQUFNLGVBQWUsTUFBTTtBQUNqQyxRQUFNLFFBQVEsSUFBSSxTQUFtQyxVQUFVLE1BQU0sRUFBRSxLQUFLLElBQUksQ0FBQztBQUNqRixRQUFNLE1BQU0sUUFBUSxPQUFPLEdBQUcsTUFBTSxtQkFBbUIsVUFBVSxRQUFRO0FBQ3pFLFFBQU0sTUFBTSxRQUFRLE9BQU8sR0FBRyxNQUFNLGlCQUFpQixVQUFVLFNBQVM7QUFDeEU7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsUUFBTSxVQUFVLE1BQU0sTUFBTSxPQUFPO0FBQ25DLFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixhQUFXLFFBQVE7QUFBQSxJQUNqQjtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0UsV0FBTyxNQUFNLFFBQVEsS0FBSyxJQUFJO0FBQ2hDLFFBQU0sU0FBUyxNQUFNLE1BQU0sUUFBUSxLQUFLLGFBQWEsUUFBUSxVQUFVO0FBQ3ZFLFNBQU8sTUFBTSxPQUFPLFFBQVEsQ0FBQztBQUM3QixTQUFPLE1BQU0sT0FBTyxLQUFLLHdEQUF3RDtBQUNqRixRQUFNLFFBQVEsTUFBTSxNQUFNLFFBQVEsS0FBSyxhQUFhLE1BQU07QUFDMUQsU0FBTyxNQUFNLE1BQU0sS0FBSywwREFBMEQ7QUFDbEYsU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzlCLENBQUM7QUFFRCxLQUFLLDZFQUE2RSxZQUFZO0FBQzVGLFFBQU0sTUFBTSxlQUFlLE1BQU07QUFDakM7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLE1BQU07QUFBQSxJQUNqQixDQUFDLFFBQVEsZUFBZSxTQUFTLGNBQWMsU0FBUyx5QkFBeUIsZ0JBQWdCO0FBQUEsSUFDakcsRUFBRSxLQUFLLElBQUk7QUFBQSxFQUNiO0FBQ0EsU0FBTyxNQUFNLEtBQUssS0FBSyxtRUFBbUU7QUFDNUYsQ0FBQztBQUVELEtBQUssZ0VBQWdFLFlBQVk7QUFDL0UsUUFBTSxFQUFFLEtBQUssSUFBSSxTQUEyQixNQUFNLEdBQUcsUUFBUSxnQkFBZ0IsU0FBUyxlQUFlLFFBQVEsQ0FBQztBQUM5RyxRQUFNLEdBQUcsUUFBUSxPQUFPLFlBQVksTUFBTSxVQUFVLE1BQU07QUFDMUQsUUFBTSxPQUFPLEtBQUssZ0JBQWdCLEdBQUcsY0FBYztBQUNuRDtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sR0FBRyxRQUFRLE9BQU8sWUFBWSxNQUFNLFVBQVUsTUFBTTtBQUMxRCxTQUFPLE9BQU8sTUFBTSxHQUFHLFFBQVEsUUFBUSxNQUFNLEdBQUcsS0FBSywrQ0FBK0M7QUFDcEcsU0FBTyxPQUFPLE1BQU0sR0FBRyxRQUFRLFFBQVEsc0JBQXNCLEdBQUcsS0FBSywrQkFBK0I7QUFDdEcsQ0FBQztBQUVELEtBQUssNkZBQTZGLFlBQVk7QUFDNUcsUUFBTSxNQUFNLGVBQWUsTUFBTTtBQUNqQyxRQUFNLFFBQVEsSUFBSSxTQUFtQyxVQUFVLE1BQU0sRUFBRSxLQUFLLElBQUksQ0FBQztBQUNqRixRQUFNLE1BQU0sUUFBUSxPQUFPLEdBQUcsTUFBTSxpQkFBaUIsVUFBVSxXQUFXLFdBQVc7QUFDckYsUUFBTSxXQUFXLEtBQUssS0FBSyxtQkFBbUI7QUFDOUMsUUFBTSxRQUFRLGFBQWEsVUFBVSxNQUFNLEVBQ3hDLFFBQVEsMEJBQTBCLHVCQUF1QixFQUN6RCxXQUFXLGVBQWUsYUFBYTtBQUMxQyxnQkFBYyxVQUFVLEtBQUs7QUFDN0IsUUFBTSxPQUFPLE1BQU0sTUFBTSxRQUFRLFNBQVM7QUFDMUMsU0FBTyxNQUFNLEtBQUssUUFBUSxDQUFDO0FBQzNCLFNBQU87QUFBQSxJQUNMLEtBQUs7QUFBQSxJQUNMO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxLQUFLLEtBQUssMENBQTBDO0FBQ2pFLFNBQU8sTUFBTSxhQUFhLFVBQVUsTUFBTSxHQUFHLEtBQUs7QUFDbEQsU0FBTyxPQUFPLE1BQU0sTUFBTSxRQUFRLFdBQVcsV0FBVyxVQUFVLEdBQUcsUUFBUSxDQUFDO0FBQzlFLFNBQU8sT0FBTyxNQUFNLE1BQU0sUUFBUSxTQUFTLEdBQUcsS0FBSyxvQkFBb0I7QUFDekUsQ0FBQztBQUdELElBQU0sUUFBa0IsQ0FBQztBQUN6QixJQUFNLFNBQVMsYUFBYSxDQUFDLFNBQVMsYUFBYTtBQUNqRCxRQUFNLEtBQUssUUFBUSxPQUFPLEVBQUU7QUFDNUIsUUFBTSxVQUFrQztBQUFBLElBQ3RDLGNBQWM7QUFBQSxJQUNkLGdCQUFnQjtBQUFBLElBQ2hCLGlCQUNFO0FBQUEsRUFDSjtBQUNBLFFBQU0sT0FBTyxRQUFRLFFBQVEsT0FBTyxFQUFFO0FBQ3RDLFdBQVMsVUFBVSxTQUFTLFNBQVksTUFBTSxHQUFHLEVBQUUsSUFBSSxJQUFJO0FBQzdELENBQUM7QUFDRCxNQUFNLElBQUksUUFBYyxDQUFDLFlBQVksT0FBTyxPQUFPLEdBQUcsYUFBYSxPQUFPLENBQUM7QUFDM0UsTUFBTSxNQUFNLE9BQU8sTUFBTSxDQUFDO0FBQzFCLElBQU0sS0FBSyxvQkFBcUIsT0FBTyxRQUFRLEVBQXVCLElBQUk7QUFFMUUsS0FBSyw0RUFBNEUsWUFBWTtBQUMzRixRQUFNLE9BQU8sTUFBTSxHQUFHLFFBQVEsT0FBTyxHQUFHLEVBQUUsY0FBYyxVQUFVLE1BQU07QUFDeEUsU0FBTyxNQUFNLEtBQUssS0FBSyxrRUFBa0U7QUFDekYsUUFBTSxVQUFVLE1BQU0sR0FBRyxRQUFRLE9BQU8sR0FBRyxFQUFFLGlCQUFpQixVQUFVLFNBQVM7QUFDakYsU0FBTztBQUFBLElBQ0wsUUFBUTtBQUFBLElBQ1I7QUFBQSxFQUNGO0FBQ0EsU0FBTyxVQUFVLE9BQU8sQ0FBQyxjQUFjLGdCQUFnQixlQUFlLENBQUM7QUFDekUsQ0FBQztBQUVELEtBQUssd0VBQXdFLFlBQVk7QUFDdkYsUUFBTSxTQUFTLGdCQUFnQjtBQUMvQixVQUFRLFFBQVEsZUFBZSxxQkFBcUI7QUFDcEQ7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRLE1BQU0sR0FBRyxRQUFRLE9BQU8sS0FBSyxRQUFRLGdCQUFnQixHQUFHLFVBQVUsU0FBUztBQUN6RixTQUFPLE1BQU0sTUFBTSxLQUFLLDJCQUEyQjtBQUNuRCxTQUFPLE1BQU0sTUFBTSxLQUFLLDBCQUEwQjtBQUNsRCxTQUFPLGFBQWEsYUFBYSxLQUFLLEtBQUssbUJBQW1CLEdBQUcsTUFBTSxHQUFHLE9BQU87QUFDbkYsQ0FBQztBQUVELElBQU0sVUFBZ0c7QUFBQSxFQUNwRyxDQUFDLFVBQVUsWUFBWSxNQUFNLDhCQUE4QixJQUFJLE9BQU8sR0FBSyxDQUFDLE1BQU0sZ0JBQWdCO0FBQUEsRUFDbEc7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0EsTUFBTSwwQkFBMEIsSUFBSSxPQUFPLEdBQU0sQ0FBQyxHQUFHLElBQUksT0FBTyxHQUFNLENBQUM7QUFBQSxJQUN2RTtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBLE1BQ0UseURBQXlELE1BQU0sT0FBTyxHQUFNLENBQUMsR0FBRyxPQUFPLE9BQU8sR0FBTSxDQUFDO0FBQUEsSUFDdkc7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQSxNQUFNLGVBQWUsUUFBUSxPQUFPLEdBQU0sQ0FBQztBQUFBLElBQzNDO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0EsTUFBTSxtQkFBbUIsSUFBSSxPQUFPLEdBQU0sQ0FBQyxNQUFNLElBQUksT0FBTyxHQUFNLENBQUM7QUFBQSxJQUNuRTtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBLE1BQ0U7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0EsTUFDRTtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7QUFDQSxXQUFXLENBQUMsTUFBTSxNQUFNLE1BQU0sSUFBSSxLQUFLLFNBQVM7QUFDOUMsT0FBSyxHQUFHLElBQUkseURBQXlELFlBQVk7QUFDL0UsVUFBTSxPQUFPLEtBQUssZ0JBQWdCLEdBQUcsSUFBSTtBQUN6QyxrQkFBYyxNQUFNLEtBQUssQ0FBQztBQUMxQixVQUFNLFVBQVUsWUFBWSxJQUFJO0FBQ2hDLFVBQU0sUUFBUSxNQUFNLElBQUksUUFBUSxPQUFPLE1BQU0sVUFBVSxXQUFXLFdBQVc7QUFDN0UsV0FBTyxNQUFNLE1BQU0sS0FBSyxJQUFJO0FBQzVCLFdBQU8sYUFBYSxNQUFNLEtBQUssaUNBQWlDO0FBQ2hFLFdBQU8sR0FBRyxDQUFDLEdBQUcsQ0FBQyxFQUFFLFNBQVMsTUFBTSxNQUFNLEdBQUcsTUFBTSxHQUFHO0FBQ2xELFdBQU8sR0FBRyxZQUFZLElBQUksSUFBSSxVQUFVLEdBQU07QUFBQSxFQUNoRCxDQUFDO0FBQ0g7QUFFQSxLQUFLLGtFQUFrRSxZQUFZO0FBQ2pGLFFBQU0sVUFBVSxNQUFNLElBQUksUUFBUSxPQUFPLEdBQUcsTUFBTSxjQUFjLGFBQWEsVUFBVSxJQUFJO0FBQzNGLFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLGlEQUFpRDtBQUMzRSxTQUFPLEdBQUcsQ0FBQyxXQUFXLEtBQUssS0FBSyxjQUFjLENBQUMsQ0FBQztBQUNsRCxDQUFDOyIsCiAgIm5hbWVzIjogW10KfQo=
