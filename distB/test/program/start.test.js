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
  projectFolder,
  temporaryFolder
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";

// test/program/start.test.ts
import assert from "node:assert/strict";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";

// src/cli/commands/table.ts
var stages = [
  {
    heading: "Read the documentation",
    commands: [
      {
        name: "docs",
        summary: "add, list, search and show what the vendor documents",
        below: [
          {
            name: "add",
            summary: "read documentation and keep a snapshot in the collection",
            load: () => import("../parts/add-KMXSCFGK.js")
          },
          { name: "list", summary: "list the documentation sources", load: () => import("../parts/list-FNU6FLO4.js") },
          { name: "tree", summary: "the map of resources, with their methods", load: () => import("../parts/tree-QLPAOZ5P.js") },
          { name: "find", summary: "find operations by words, the best first", load: () => import("../parts/find-XP5ZSQLW.js") },
          { name: "show", summary: "show one operation or one type in full", load: () => import("../parts/show-XEXT72EP.js") },
          {
            name: "refresh",
            summary: "fetch again, and tell what changed and whom it affects",
            load: () => import("../parts/refresh-5LCDHPZL.js")
          },
          {
            name: "ask",
            summary: "ask the API itself which values and filter clauses its parameters take",
            load: () => import("../parts/ask-KCJSOULD.js")
          }
        ]
      }
    ]
  },
  {
    heading: "Draft",
    commands: [
      { name: "init", summary: "make a new collection", load: () => import("../parts/init-P7JI4KDG.js") },
      { name: "draft", summary: "write a request file from the documentation", load: () => import("../parts/draft-PHINQLD7.js") },
      {
        name: "import",
        summary: "make request files of what there is already",
        below: [
          {
            name: "address",
            summary: "a pasted address: origin, path and decoded parameters",
            load: () => import("../parts/address-IJHUOK4O.js")
          }
        ]
      }
    ]
  },
  {
    heading: "Connect",
    commands: [
      { name: "env", summary: "list, make, choose, show and clear environments", load: () => import("../parts/env-MLC7ZWI5.js") },
      { name: "secret", summary: "set, list and remove secrets", load: () => import("../parts/secret-YC7Q25TO.js") },
      { name: "session", summary: "open, show, close and list sessions", load: () => import("../parts/session-IDJBE4WU.js") }
    ]
  },
  {
    heading: "Try",
    commands: [
      {
        name: "preview",
        summary: "show exactly what would be sent, and send nothing",
        load: () => import("../parts/preview-M7XP6NJK.js")
      },
      { name: "send", summary: "send a request and show what came back", load: () => import("../parts/send-OVFBSWOR.js") },
      {
        name: "follow",
        summary: "list the links of the last answer, and send one of them",
        load: () => import("../parts/follow-NTVK7Y53.js")
      },
      { name: "echo", summary: "list, show and send again what was exchanged", load: () => import("../parts/echo-SF43YQLH.js") }
    ]
  },
  {
    heading: "Walk",
    commands: [
      { name: "run", summary: "walk trails and requests, assert, wait, resume, undo", load: () => import("../parts/run-RG6OG2H3.js") }
    ]
  },
  {
    heading: "Compare",
    commands: [
      { name: "compare", summary: "tell what differs between two answers", load: () => import("../parts/compare-3RLXZSFR.js") }
    ]
  },
  {
    heading: "Share",
    commands: [
      { name: "list", summary: "list the files of the collection", load: () => import("../parts/list-ZFHFRN2T.js") },
      { name: "check", summary: "check the collection without sending anything", load: () => import("../parts/check-B3PAR46A.js") },
      {
        name: "demo",
        summary: "walk through everything against a made-up harbour",
        load: () => import("../parts/demo-I2NISKEM.js")
      }
    ]
  }
];

// test/program/start.test.ts
var standin = await harbourForThisFile();
var { version } = JSON.parse(readFileSync(join(projectFolder, "package.json"), "utf8"));
test("--version and --help answer, and help names every command under its stage", async () => {
  assert.deepEqual(await echoTrail(["--version"]), { status: 0, out: `echo-trail ${version}
`, err: "" });
  const { out, status } = await echoTrail(["--help"]);
  assert.equal(status, 0);
  for (const { heading, commands } of stages) {
    assert.ok(out.includes(`${heading}:`), heading);
    for (const { name, summary } of commands) assert.match(out, new RegExp(`^  ${name} +${summary}$`, "m"));
  }
  assert.equal((await echoTrail([])).out, out);
});
test("every command has help with examples", async () => {
  for (const words of [
    ["docs", "show"],
    ["send"],
    ["run"],
    ["env", "show"],
    ["secret", "set"],
    ["session", "open"],
    ["echo", "list"],
    ["preview"],
    ["check"],
    ["draft"],
    ["init"],
    ["demo"]
  ]) {
    const { out, status } = await echoTrail([...words, "--help"]);
    assert.equal(status, 0, words.join(" "));
    assert.match(out, /Examples:\n {2}echo-trail /, words.join(" "));
  }
});
var wrong = [
  [["sned"], /unknown command 'sned'[\s\S]*did you mean send\?/],
  [["send"], /missing required argument/],
  [["send", "x", "--pik", "$"], /unknown option '--pik'[\s\S]*--pick/],
  [["docs", "shwo"], /unknown command 'shwo'/],
  [["list", "--set", "x"], /no collection here/]
];
for (const [args, says] of wrong) {
  test(`echo-trail ${args.join(" ")} is wrong usage: status 2, no stack trace`, async () => {
    const { status, out, err } = await echoTrail(args, { cwd: temporaryFolder() });
    assert.equal(status, 2);
    assert.equal(out, "");
    assert.match(err, says);
    assert.doesNotMatch(err, /^\s+at .*\(/m);
  });
}
test("init makes a collection that checks well, and overwrites nothing", async () => {
  const folder = join(temporaryFolder(), "harbour-agent");
  const made = await echoTrail(["init", folder, "--json"]);
  assert.deepEqual(document(made).files, ["echo-trail.yaml", "environments/sandbox.yaml", ".gitignore"]);
  assert.match(readFileSync(join(folder, ".gitignore"), "utf8"), /^\.echo-trail\/$/m);
  assert.match(readFileSync(join(folder, "echo-trail.yaml"), "utf8"), /name: "harbour-agent"/);
  assert.equal((await echoTrail(["check"], { cwd: folder })).status, 0);
  writeFileSync(join(folder, "echo-trail.yaml"), "name: mine\n");
  const again = await echoTrail(["init", folder]);
  assert.equal(again.status, 2);
  assert.match(again.err, /already/);
  assert.equal(readFileSync(join(folder, "echo-trail.yaml"), "utf8"), "name: mine\n");
});
test("docs add keeps a snapshot, docs list and find and show read it, draft writes a request that checks well", async () => {
  const cwd = collectionOf({}, standin.origin);
  const added = await echoTrail(["docs", "add", `${standin.origin}/openapi.yaml`, "--name", "harbour", "--json"], {
    cwd
  });
  assert.deepEqual([added.status, document(added).operations, document(added).format], [0, 14, "OpenAPI"]);
  assert.ok(existsSync(join(cwd, "docs/harbour.yaml")));
  assert.match(readFileSync(join(cwd, "echo-trail.yaml"), "utf8"), /harbour:/);
  const twice = await echoTrail(["docs", "add", `${standin.origin}/openapi.json`, "--name", "harbour"], { cwd });
  assert.equal(twice.status, 2);
  assert.match(twice.err, /--replace/);
  assert.equal(
    (await echoTrail(["docs", "add", `${standin.origin}/openapi.json`, "--name", "harbour", "--replace"], { cwd })).status,
    0
  );
  const listed = document(
    await echoTrail(["docs", "list", "--json"], { cwd })
  );
  assert.deepEqual(
    listed.sources.map(({ name, operations }) => [name, operations]),
    [["harbour", 14]]
  );
  const found = await echoTrail(["docs", "find", "book", "call"], { cwd });
  assert.match(found.out, /^harbour\/bookCall +POST \/v1\/vessels\/\{imo\}\/calls/);
  const nothing = await echoTrail(["docs", "find", "submarine"], { cwd });
  assert.deepEqual([nothing.status, /nothing documented/.test(nothing.err)], [2, true]);
  const shown = (await echoTrail(["docs", "show", "bookCall"], { cwd })).out;
  for (const part of [
    /required/,
    /1 to 14/,
    /grain \| timber \| mixed/,
    /"berth": "N1"/,
    /409 {2}The berth is taken/,
    /deskToken: HTTP bearer/,
    /echo-trail draft harbour\/bookCall/,
    /header Location/
  ]) {
    assert.match(shown, part);
  }
  const unknown = await echoTrail(["docs", "show", "bokCall"], { cwd });
  assert.equal(unknown.status, 2);
  assert.match(unknown.err, /did you mean bookCall/);
  const drafted = await echoTrail(["draft", "harbour/bookCall", "--json"], { cwd });
  assert.equal(document(drafted).file, "requests/calls/book-call.yaml");
  assert.ok(existsSync(join(cwd, ".echo-trail/schemas/request.json")));
  const checked = await echoTrail(["check"], { cwd });
  assert.equal(checked.status, 0, checked.out);
  const overwriting = await echoTrail(["draft", "harbour/bookCall"], { cwd });
  assert.equal(overwriting.status, 2);
  assert.match(overwriting.err, /--as/);
});
test("a recursive document is read, shown and drafted", async () => {
  const cwd = collectionOf({
    "in/lights.json": JSON.stringify({
      openapi: "3.1.0",
      info: { title: "Lights" },
      components: {
        schemas: {
          Light: {
            type: "object",
            required: ["name"],
            properties: {
              name: { type: "string" },
              next: { $ref: "#/components/schemas/Light" },
              all: { type: "array", items: { $ref: "#/components/schemas/Light" } }
            }
          }
        }
      },
      paths: {
        "/lights": {
          post: {
            operationId: "addLight",
            requestBody: { content: { "application/json": { schema: { $ref: "#/components/schemas/Light" } } } },
            responses: {}
          }
        }
      }
    })
  });
  assert.equal((await echoTrail(["docs", "add", "in/lights.json"], { cwd })).status, 0);
  assert.match((await echoTrail(["docs", "show", "addLight"], { cwd })).out, /next +object +a Light again/);
  assert.equal((await echoTrail(["draft", "lights/addLight"], { cwd })).status, 0);
  assert.equal((await echoTrail(["check"], { cwd })).status, 0);
});
test("an index that is missing or stale is made anew from the snapshot", async () => {
  const cwd = demoCollection(standin.origin);
  assert.match((await echoTrail(["docs", "show", "amendCall"], { cwd })).out, /PATCH/);
  const snapshot = join(cwd, "docs/harbour.yaml");
  writeFileSync(snapshot, readFileSync(snapshot, "utf8").replaceAll("amendCall", "changeCall"));
  assert.match((await echoTrail(["docs", "show", "changeCall"], { cwd })).out, /PATCH/);
});
test("the snapshot in the demo collection is what the stand-in serves", async () => {
  const served = await (await fetch(`${standin.origin}/openapi.yaml`)).text();
  const kept = readFileSync(join(projectFolder, "demo/harbour-agent/docs/harbour.yaml"), "utf8");
  assert.equal(kept, served.replaceAll(standin.origin, "http://127.0.0.1:4810"));
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3N0YXJ0LnRlc3QudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy90YWJsZS50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFN0YXJ0aW5nOiB2ZXJzaW9uLCBoZWxwLCB3cm9uZyB1c2FnZSwgYGluaXRgLCBhbmQgdGhlIGRvY3VtZW50YXRpb24gY29tbWFuZHMuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyBleGlzdHNTeW5jLCByZWFkRmlsZVN5bmMsIHdyaXRlRmlsZVN5bmMgfSBmcm9tICdub2RlOmZzJztcbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyBzdGFnZXMgfSBmcm9tICcuLi8uLi9zcmMvY2xpL2NvbW1hbmRzL3RhYmxlLmpzJztcbmltcG9ydCB7IGNvbGxlY3Rpb25PZiwgZGVtb0NvbGxlY3Rpb24sIHRlbXBvcmFyeUZvbGRlciB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGRvY3VtZW50LCBlY2hvVHJhaWwsIHByb2plY3RGb2xkZXIgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuaW1wb3J0IHsgaGFyYm91ckZvclRoaXNGaWxlIH0gZnJvbSAnLi4vc3VwcG9ydC9zdGFuZGluLmpzJztcblxuY29uc3Qgc3RhbmRpbiA9IGF3YWl0IGhhcmJvdXJGb3JUaGlzRmlsZSgpO1xuY29uc3QgeyB2ZXJzaW9uIH0gPSBKU09OLnBhcnNlKHJlYWRGaWxlU3luYyhqb2luKHByb2plY3RGb2xkZXIsICdwYWNrYWdlLmpzb24nKSwgJ3V0ZjgnKSkgYXMgeyB2ZXJzaW9uOiBzdHJpbmcgfTtcblxudGVzdCgnLS12ZXJzaW9uIGFuZCAtLWhlbHAgYW5zd2VyLCBhbmQgaGVscCBuYW1lcyBldmVyeSBjb21tYW5kIHVuZGVyIGl0cyBzdGFnZScsIGFzeW5jICgpID0+IHtcbiAgYXNzZXJ0LmRlZXBFcXVhbChhd2FpdCBlY2hvVHJhaWwoWyctLXZlcnNpb24nXSksIHsgc3RhdHVzOiAwLCBvdXQ6IGBlY2hvLXRyYWlsICR7dmVyc2lvbn1cXG5gLCBlcnI6ICcnIH0pO1xuICBjb25zdCB7IG91dCwgc3RhdHVzIH0gPSBhd2FpdCBlY2hvVHJhaWwoWyctLWhlbHAnXSk7XG4gIGFzc2VydC5lcXVhbChzdGF0dXMsIDApO1xuICBmb3IgKGNvbnN0IHsgaGVhZGluZywgY29tbWFuZHMgfSBvZiBzdGFnZXMpIHtcbiAgICBhc3NlcnQub2sob3V0LmluY2x1ZGVzKGAke2hlYWRpbmd9OmApLCBoZWFkaW5nKTtcbiAgICBmb3IgKGNvbnN0IHsgbmFtZSwgc3VtbWFyeSB9IG9mIGNvbW1hbmRzKSBhc3NlcnQubWF0Y2gob3V0LCBuZXcgUmVnRXhwKGBeICAke25hbWV9ICske3N1bW1hcnl9JGAsICdtJykpO1xuICB9XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFtdKSkub3V0LCBvdXQpO1xufSk7XG5cbnRlc3QoJ2V2ZXJ5IGNvbW1hbmQgaGFzIGhlbHAgd2l0aCBleGFtcGxlcycsIGFzeW5jICgpID0+IHtcbiAgZm9yIChjb25zdCB3b3JkcyBvZiBbXG4gICAgWydkb2NzJywgJ3Nob3cnXSxcbiAgICBbJ3NlbmQnXSxcbiAgICBbJ3J1biddLFxuICAgIFsnZW52JywgJ3Nob3cnXSxcbiAgICBbJ3NlY3JldCcsICdzZXQnXSxcbiAgICBbJ3Nlc3Npb24nLCAnb3BlbiddLFxuICAgIFsnZWNobycsICdsaXN0J10sXG4gICAgWydwcmV2aWV3J10sXG4gICAgWydjaGVjayddLFxuICAgIFsnZHJhZnQnXSxcbiAgICBbJ2luaXQnXSxcbiAgICBbJ2RlbW8nXSxcbiAgXSkge1xuICAgIGNvbnN0IHsgb3V0LCBzdGF0dXMgfSA9IGF3YWl0IGVjaG9UcmFpbChbLi4ud29yZHMsICctLWhlbHAnXSk7XG4gICAgYXNzZXJ0LmVxdWFsKHN0YXR1cywgMCwgd29yZHMuam9pbignICcpKTtcbiAgICBhc3NlcnQubWF0Y2gob3V0LCAvRXhhbXBsZXM6XFxuIHsyfWVjaG8tdHJhaWwgLywgd29yZHMuam9pbignICcpKTtcbiAgfVxufSk7XG5cbmNvbnN0IHdyb25nOiByZWFkb25seSAocmVhZG9ubHkgW2FyZ3M6IHJlYWRvbmx5IHN0cmluZ1tdLCBzYXlzOiBSZWdFeHBdKVtdID0gW1xuICBbWydzbmVkJ10sIC91bmtub3duIGNvbW1hbmQgJ3NuZWQnW1xcc1xcU10qZGlkIHlvdSBtZWFuIHNlbmRcXD8vXSxcbiAgW1snc2VuZCddLCAvbWlzc2luZyByZXF1aXJlZCBhcmd1bWVudC9dLFxuICBbWydzZW5kJywgJ3gnLCAnLS1waWsnLCAnJCddLCAvdW5rbm93biBvcHRpb24gJy0tcGlrJ1tcXHNcXFNdKi0tcGljay9dLFxuICBbWydkb2NzJywgJ3Nod28nXSwgL3Vua25vd24gY29tbWFuZCAnc2h3bycvXSxcbiAgW1snbGlzdCcsICctLXNldCcsICd4J10sIC9ubyBjb2xsZWN0aW9uIGhlcmUvXSxcbl07XG5mb3IgKGNvbnN0IFthcmdzLCBzYXlzXSBvZiB3cm9uZykge1xuICB0ZXN0KGBlY2hvLXRyYWlsICR7YXJncy5qb2luKCcgJyl9IGlzIHdyb25nIHVzYWdlOiBzdGF0dXMgMiwgbm8gc3RhY2sgdHJhY2VgLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgeyBzdGF0dXMsIG91dCwgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoYXJncywgeyBjd2Q6IHRlbXBvcmFyeUZvbGRlcigpIH0pO1xuICAgIGFzc2VydC5lcXVhbChzdGF0dXMsIDIpO1xuICAgIGFzc2VydC5lcXVhbChvdXQsICcnKTtcbiAgICBhc3NlcnQubWF0Y2goZXJyLCBzYXlzKTtcbiAgICBhc3NlcnQuZG9lc05vdE1hdGNoKGVyciwgL15cXHMrYXQgLipcXCgvbSk7XG4gIH0pO1xufVxuXG50ZXN0KCdpbml0IG1ha2VzIGEgY29sbGVjdGlvbiB0aGF0IGNoZWNrcyB3ZWxsLCBhbmQgb3ZlcndyaXRlcyBub3RoaW5nJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBmb2xkZXIgPSBqb2luKHRlbXBvcmFyeUZvbGRlcigpLCAnaGFyYm91ci1hZ2VudCcpO1xuICBjb25zdCBtYWRlID0gYXdhaXQgZWNob1RyYWlsKFsnaW5pdCcsIGZvbGRlciwgJy0tanNvbiddKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChkb2N1bWVudChtYWRlKS5maWxlcywgWydlY2hvLXRyYWlsLnlhbWwnLCAnZW52aXJvbm1lbnRzL3NhbmRib3gueWFtbCcsICcuZ2l0aWdub3JlJ10pO1xuICBhc3NlcnQubWF0Y2gocmVhZEZpbGVTeW5jKGpvaW4oZm9sZGVyLCAnLmdpdGlnbm9yZScpLCAndXRmOCcpLCAvXlxcLmVjaG8tdHJhaWxcXC8kL20pO1xuICBhc3NlcnQubWF0Y2gocmVhZEZpbGVTeW5jKGpvaW4oZm9sZGVyLCAnZWNoby10cmFpbC55YW1sJyksICd1dGY4JyksIC9uYW1lOiBcImhhcmJvdXItYWdlbnRcIi8pO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IGVjaG9UcmFpbChbJ2NoZWNrJ10sIHsgY3dkOiBmb2xkZXIgfSkpLnN0YXR1cywgMCk7XG4gIHdyaXRlRmlsZVN5bmMoam9pbihmb2xkZXIsICdlY2hvLXRyYWlsLnlhbWwnKSwgJ25hbWU6IG1pbmVcXG4nKTtcbiAgY29uc3QgYWdhaW4gPSBhd2FpdCBlY2hvVHJhaWwoWydpbml0JywgZm9sZGVyXSk7XG4gIGFzc2VydC5lcXVhbChhZ2Fpbi5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2goYWdhaW4uZXJyLCAvYWxyZWFkeS8pO1xuICBhc3NlcnQuZXF1YWwocmVhZEZpbGVTeW5jKGpvaW4oZm9sZGVyLCAnZWNoby10cmFpbC55YW1sJyksICd1dGY4JyksICduYW1lOiBtaW5lXFxuJyk7XG59KTtcblxudGVzdCgnZG9jcyBhZGQga2VlcHMgYSBzbmFwc2hvdCwgZG9jcyBsaXN0IGFuZCBmaW5kIGFuZCBzaG93IHJlYWQgaXQsIGRyYWZ0IHdyaXRlcyBhIHJlcXVlc3QgdGhhdCBjaGVja3Mgd2VsbCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHt9LCBzdGFuZGluLm9yaWdpbik7XG4gIGNvbnN0IGFkZGVkID0gYXdhaXQgZWNob1RyYWlsKFsnZG9jcycsICdhZGQnLCBgJHtzdGFuZGluLm9yaWdpbn0vb3BlbmFwaS55YW1sYCwgJy0tbmFtZScsICdoYXJib3VyJywgJy0tanNvbiddLCB7XG4gICAgY3dkLFxuICB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChbYWRkZWQuc3RhdHVzLCBkb2N1bWVudChhZGRlZCkub3BlcmF0aW9ucywgZG9jdW1lbnQoYWRkZWQpLmZvcm1hdF0sIFswLCAxNCwgJ09wZW5BUEknXSk7XG4gIGFzc2VydC5vayhleGlzdHNTeW5jKGpvaW4oY3dkLCAnZG9jcy9oYXJib3VyLnlhbWwnKSkpO1xuICBhc3NlcnQubWF0Y2gocmVhZEZpbGVTeW5jKGpvaW4oY3dkLCAnZWNoby10cmFpbC55YW1sJyksICd1dGY4JyksIC9oYXJib3VyOi8pO1xuXG4gIGNvbnN0IHR3aWNlID0gYXdhaXQgZWNob1RyYWlsKFsnZG9jcycsICdhZGQnLCBgJHtzdGFuZGluLm9yaWdpbn0vb3BlbmFwaS5qc29uYCwgJy0tbmFtZScsICdoYXJib3VyJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwodHdpY2Uuc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKHR3aWNlLmVyciwgLy0tcmVwbGFjZS8pO1xuICBhc3NlcnQuZXF1YWwoXG4gICAgKGF3YWl0IGVjaG9UcmFpbChbJ2RvY3MnLCAnYWRkJywgYCR7c3RhbmRpbi5vcmlnaW59L29wZW5hcGkuanNvbmAsICctLW5hbWUnLCAnaGFyYm91cicsICctLXJlcGxhY2UnXSwgeyBjd2QgfSkpXG4gICAgICAuc3RhdHVzLFxuICAgIDAsXG4gICk7XG5cbiAgY29uc3QgbGlzdGVkID0gZG9jdW1lbnQ8eyBzb3VyY2VzOiB7IG5hbWU6IHN0cmluZzsgb3BlcmF0aW9uczogbnVtYmVyIH1bXSB9PihcbiAgICBhd2FpdCBlY2hvVHJhaWwoWydkb2NzJywgJ2xpc3QnLCAnLS1qc29uJ10sIHsgY3dkIH0pLFxuICApO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIGxpc3RlZC5zb3VyY2VzLm1hcCgoeyBuYW1lLCBvcGVyYXRpb25zIH0pID0+IFtuYW1lLCBvcGVyYXRpb25zXSksXG4gICAgW1snaGFyYm91cicsIDE0XV0sXG4gICk7XG4gIGNvbnN0IGZvdW5kID0gYXdhaXQgZWNob1RyYWlsKFsnZG9jcycsICdmaW5kJywgJ2Jvb2snLCAnY2FsbCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKGZvdW5kLm91dCwgL15oYXJib3VyXFwvYm9va0NhbGwgK1BPU1QgXFwvdjFcXC92ZXNzZWxzXFwvXFx7aW1vXFx9XFwvY2FsbHMvKTtcbiAgY29uc3Qgbm90aGluZyA9IGF3YWl0IGVjaG9UcmFpbChbJ2RvY3MnLCAnZmluZCcsICdzdWJtYXJpbmUnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoW25vdGhpbmcuc3RhdHVzLCAvbm90aGluZyBkb2N1bWVudGVkLy50ZXN0KG5vdGhpbmcuZXJyKV0sIFsyLCB0cnVlXSk7XG5cbiAgY29uc3Qgc2hvd24gPSAoYXdhaXQgZWNob1RyYWlsKFsnZG9jcycsICdzaG93JywgJ2Jvb2tDYWxsJ10sIHsgY3dkIH0pKS5vdXQ7XG4gIGZvciAoY29uc3QgcGFydCBvZiBbXG4gICAgL3JlcXVpcmVkLyxcbiAgICAvMSB0byAxNC8sXG4gICAgL2dyYWluIFxcfCB0aW1iZXIgXFx8IG1peGVkLyxcbiAgICAvXCJiZXJ0aFwiOiBcIk4xXCIvLFxuICAgIC80MDkgezJ9VGhlIGJlcnRoIGlzIHRha2VuLyxcbiAgICAvZGVza1Rva2VuOiBIVFRQIGJlYXJlci8sXG4gICAgL2VjaG8tdHJhaWwgZHJhZnQgaGFyYm91clxcL2Jvb2tDYWxsLyxcbiAgICAvaGVhZGVyIExvY2F0aW9uLyxcbiAgXSkge1xuICAgIGFzc2VydC5tYXRjaChzaG93biwgcGFydCk7XG4gIH1cbiAgY29uc3QgdW5rbm93biA9IGF3YWl0IGVjaG9UcmFpbChbJ2RvY3MnLCAnc2hvdycsICdib2tDYWxsJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwodW5rbm93bi5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2godW5rbm93bi5lcnIsIC9kaWQgeW91IG1lYW4gYm9va0NhbGwvKTtcblxuICBjb25zdCBkcmFmdGVkID0gYXdhaXQgZWNob1RyYWlsKFsnZHJhZnQnLCAnaGFyYm91ci9ib29rQ2FsbCcsICctLWpzb24nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChkb2N1bWVudChkcmFmdGVkKS5maWxlLCAncmVxdWVzdHMvY2FsbHMvYm9vay1jYWxsLnlhbWwnKTtcbiAgYXNzZXJ0Lm9rKGV4aXN0c1N5bmMoam9pbihjd2QsICcuZWNoby10cmFpbC9zY2hlbWFzL3JlcXVlc3QuanNvbicpKSk7XG4gIGNvbnN0IGNoZWNrZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydjaGVjayddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGNoZWNrZWQuc3RhdHVzLCAwLCBjaGVja2VkLm91dCk7XG4gIGNvbnN0IG92ZXJ3cml0aW5nID0gYXdhaXQgZWNob1RyYWlsKFsnZHJhZnQnLCAnaGFyYm91ci9ib29rQ2FsbCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKG92ZXJ3cml0aW5nLnN0YXR1cywgMik7XG4gIGFzc2VydC5tYXRjaChvdmVyd3JpdGluZy5lcnIsIC8tLWFzLyk7XG59KTtcblxudGVzdCgnYSByZWN1cnNpdmUgZG9jdW1lbnQgaXMgcmVhZCwgc2hvd24gYW5kIGRyYWZ0ZWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7XG4gICAgJ2luL2xpZ2h0cy5qc29uJzogSlNPTi5zdHJpbmdpZnkoe1xuICAgICAgb3BlbmFwaTogJzMuMS4wJyxcbiAgICAgIGluZm86IHsgdGl0bGU6ICdMaWdodHMnIH0sXG4gICAgICBjb21wb25lbnRzOiB7XG4gICAgICAgIHNjaGVtYXM6IHtcbiAgICAgICAgICBMaWdodDoge1xuICAgICAgICAgICAgdHlwZTogJ29iamVjdCcsXG4gICAgICAgICAgICByZXF1aXJlZDogWyduYW1lJ10sXG4gICAgICAgICAgICBwcm9wZXJ0aWVzOiB7XG4gICAgICAgICAgICAgIG5hbWU6IHsgdHlwZTogJ3N0cmluZycgfSxcbiAgICAgICAgICAgICAgbmV4dDogeyAkcmVmOiAnIy9jb21wb25lbnRzL3NjaGVtYXMvTGlnaHQnIH0sXG4gICAgICAgICAgICAgIGFsbDogeyB0eXBlOiAnYXJyYXknLCBpdGVtczogeyAkcmVmOiAnIy9jb21wb25lbnRzL3NjaGVtYXMvTGlnaHQnIH0gfSxcbiAgICAgICAgICAgIH0sXG4gICAgICAgICAgfSxcbiAgICAgICAgfSxcbiAgICAgIH0sXG4gICAgICBwYXRoczoge1xuICAgICAgICAnL2xpZ2h0cyc6IHtcbiAgICAgICAgICBwb3N0OiB7XG4gICAgICAgICAgICBvcGVyYXRpb25JZDogJ2FkZExpZ2h0JyxcbiAgICAgICAgICAgIHJlcXVlc3RCb2R5OiB7IGNvbnRlbnQ6IHsgJ2FwcGxpY2F0aW9uL2pzb24nOiB7IHNjaGVtYTogeyAkcmVmOiAnIy9jb21wb25lbnRzL3NjaGVtYXMvTGlnaHQnIH0gfSB9IH0sXG4gICAgICAgICAgICByZXNwb25zZXM6IHt9LFxuICAgICAgICAgIH0sXG4gICAgICAgIH0sXG4gICAgICB9LFxuICAgIH0pLFxuICB9KTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydkb2NzJywgJ2FkZCcsICdpbi9saWdodHMuanNvbiddLCB7IGN3ZCB9KSkuc3RhdHVzLCAwKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydkb2NzJywgJ3Nob3cnLCAnYWRkTGlnaHQnXSwgeyBjd2QgfSkpLm91dCwgL25leHQgK29iamVjdCArYSBMaWdodCBhZ2Fpbi8pO1xuICBhc3NlcnQuZXF1YWwoKGF3YWl0IGVjaG9UcmFpbChbJ2RyYWZ0JywgJ2xpZ2h0cy9hZGRMaWdodCddLCB7IGN3ZCB9KSkuc3RhdHVzLCAwKTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydjaGVjayddLCB7IGN3ZCB9KSkuc3RhdHVzLCAwKTtcbn0pO1xuXG50ZXN0KCdhbiBpbmRleCB0aGF0IGlzIG1pc3Npbmcgb3Igc3RhbGUgaXMgbWFkZSBhbmV3IGZyb20gdGhlIHNuYXBzaG90JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBkZW1vQ29sbGVjdGlvbihzdGFuZGluLm9yaWdpbik7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgZWNob1RyYWlsKFsnZG9jcycsICdzaG93JywgJ2FtZW5kQ2FsbCddLCB7IGN3ZCB9KSkub3V0LCAvUEFUQ0gvKTtcbiAgY29uc3Qgc25hcHNob3QgPSBqb2luKGN3ZCwgJ2RvY3MvaGFyYm91ci55YW1sJyk7XG4gIHdyaXRlRmlsZVN5bmMoc25hcHNob3QsIHJlYWRGaWxlU3luYyhzbmFwc2hvdCwgJ3V0ZjgnKS5yZXBsYWNlQWxsKCdhbWVuZENhbGwnLCAnY2hhbmdlQ2FsbCcpKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydkb2NzJywgJ3Nob3cnLCAnY2hhbmdlQ2FsbCddLCB7IGN3ZCB9KSkub3V0LCAvUEFUQ0gvKTtcbn0pO1xuXG50ZXN0KCd0aGUgc25hcHNob3QgaW4gdGhlIGRlbW8gY29sbGVjdGlvbiBpcyB3aGF0IHRoZSBzdGFuZC1pbiBzZXJ2ZXMnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlcnZlZCA9IGF3YWl0IChhd2FpdCBmZXRjaChgJHtzdGFuZGluLm9yaWdpbn0vb3BlbmFwaS55YW1sYCkpLnRleHQoKTtcbiAgY29uc3Qga2VwdCA9IHJlYWRGaWxlU3luYyhqb2luKHByb2plY3RGb2xkZXIsICdkZW1vL2hhcmJvdXItYWdlbnQvZG9jcy9oYXJib3VyLnlhbWwnKSwgJ3V0ZjgnKTtcbiAgYXNzZXJ0LmVxdWFsKGtlcHQsIHNlcnZlZC5yZXBsYWNlQWxsKHN0YW5kaW4ub3JpZ2luLCAnaHR0cDovLzEyNy4wLjAuMTo0ODEwJykpO1xufSk7XG4iLCAiLyoqIEFsbCBjb21tYW5kcywgYnkgdGhlIHN0YWdlcyBpbiB3aGljaCB0aGUgd29yayBpcyBkb25lLiBBIG5ldyBvbmUgaXMgb25lIGZpbGUgYW5kIG9uZSBsaW5lIGhlcmUuICovXG5pbXBvcnQgdHlwZSB7IFN0YWdlIH0gZnJvbSAnLi4vY29tbWFuZC5qcyc7XG5cbmV4cG9ydCBjb25zdCBzdGFnZXM6IHJlYWRvbmx5IFN0YWdlW10gPSBbXG4gIHtcbiAgICBoZWFkaW5nOiAnUmVhZCB0aGUgZG9jdW1lbnRhdGlvbicsXG4gICAgY29tbWFuZHM6IFtcbiAgICAgIHtcbiAgICAgICAgbmFtZTogJ2RvY3MnLFxuICAgICAgICBzdW1tYXJ5OiAnYWRkLCBsaXN0LCBzZWFyY2ggYW5kIHNob3cgd2hhdCB0aGUgdmVuZG9yIGRvY3VtZW50cycsXG4gICAgICAgIGJlbG93OiBbXG4gICAgICAgICAge1xuICAgICAgICAgICAgbmFtZTogJ2FkZCcsXG4gICAgICAgICAgICBzdW1tYXJ5OiAncmVhZCBkb2N1bWVudGF0aW9uIGFuZCBrZWVwIGEgc25hcHNob3QgaW4gdGhlIGNvbGxlY3Rpb24nLFxuICAgICAgICAgICAgbG9hZDogKCkgPT4gaW1wb3J0KCcuL2RvY3MvYWRkLmpzJyksXG4gICAgICAgICAgfSxcbiAgICAgICAgICB7IG5hbWU6ICdsaXN0Jywgc3VtbWFyeTogJ2xpc3QgdGhlIGRvY3VtZW50YXRpb24gc291cmNlcycsIGxvYWQ6ICgpID0+IGltcG9ydCgnLi9kb2NzL2xpc3QuanMnKSB9LFxuICAgICAgICAgIHsgbmFtZTogJ3RyZWUnLCBzdW1tYXJ5OiAndGhlIG1hcCBvZiByZXNvdXJjZXMsIHdpdGggdGhlaXIgbWV0aG9kcycsIGxvYWQ6ICgpID0+IGltcG9ydCgnLi9kb2NzL3RyZWUuanMnKSB9LFxuICAgICAgICAgIHsgbmFtZTogJ2ZpbmQnLCBzdW1tYXJ5OiAnZmluZCBvcGVyYXRpb25zIGJ5IHdvcmRzLCB0aGUgYmVzdCBmaXJzdCcsIGxvYWQ6ICgpID0+IGltcG9ydCgnLi9kb2NzL2ZpbmQuanMnKSB9LFxuICAgICAgICAgIHsgbmFtZTogJ3Nob3cnLCBzdW1tYXJ5OiAnc2hvdyBvbmUgb3BlcmF0aW9uIG9yIG9uZSB0eXBlIGluIGZ1bGwnLCBsb2FkOiAoKSA9PiBpbXBvcnQoJy4vZG9jcy9zaG93LmpzJykgfSxcbiAgICAgICAgICB7XG4gICAgICAgICAgICBuYW1lOiAncmVmcmVzaCcsXG4gICAgICAgICAgICBzdW1tYXJ5OiAnZmV0Y2ggYWdhaW4sIGFuZCB0ZWxsIHdoYXQgY2hhbmdlZCBhbmQgd2hvbSBpdCBhZmZlY3RzJyxcbiAgICAgICAgICAgIGxvYWQ6ICgpID0+IGltcG9ydCgnLi9kb2NzL3JlZnJlc2guanMnKSxcbiAgICAgICAgICB9LFxuICAgICAgICAgIHtcbiAgICAgICAgICAgIG5hbWU6ICdhc2snLFxuICAgICAgICAgICAgc3VtbWFyeTogJ2FzayB0aGUgQVBJIGl0c2VsZiB3aGljaCB2YWx1ZXMgYW5kIGZpbHRlciBjbGF1c2VzIGl0cyBwYXJhbWV0ZXJzIHRha2UnLFxuICAgICAgICAgICAgbG9hZDogKCkgPT4gaW1wb3J0KCcuL2RvY3MvYXNrLmpzJyksXG4gICAgICAgICAgfSxcbiAgICAgICAgXSxcbiAgICAgIH0sXG4gICAgXSxcbiAgfSxcbiAge1xuICAgIGhlYWRpbmc6ICdEcmFmdCcsXG4gICAgY29tbWFuZHM6IFtcbiAgICAgIHsgbmFtZTogJ2luaXQnLCBzdW1tYXJ5OiAnbWFrZSBhIG5ldyBjb2xsZWN0aW9uJywgbG9hZDogKCkgPT4gaW1wb3J0KCcuL2luaXQuanMnKSB9LFxuICAgICAgeyBuYW1lOiAnZHJhZnQnLCBzdW1tYXJ5OiAnd3JpdGUgYSByZXF1ZXN0IGZpbGUgZnJvbSB0aGUgZG9jdW1lbnRhdGlvbicsIGxvYWQ6ICgpID0+IGltcG9ydCgnLi9kcmFmdC5qcycpIH0sXG4gICAgICB7XG4gICAgICAgIG5hbWU6ICdpbXBvcnQnLFxuICAgICAgICBzdW1tYXJ5OiAnbWFrZSByZXF1ZXN0IGZpbGVzIG9mIHdoYXQgdGhlcmUgaXMgYWxyZWFkeScsXG4gICAgICAgIGJlbG93OiBbXG4gICAgICAgICAge1xuICAgICAgICAgICAgbmFtZTogJ2FkZHJlc3MnLFxuICAgICAgICAgICAgc3VtbWFyeTogJ2EgcGFzdGVkIGFkZHJlc3M6IG9yaWdpbiwgcGF0aCBhbmQgZGVjb2RlZCBwYXJhbWV0ZXJzJyxcbiAgICAgICAgICAgIGxvYWQ6ICgpID0+IGltcG9ydCgnLi9pbXBvcnQvYWRkcmVzcy5qcycpLFxuICAgICAgICAgIH0sXG4gICAgICAgIF0sXG4gICAgICB9LFxuICAgIF0sXG4gIH0sXG4gIHtcbiAgICBoZWFkaW5nOiAnQ29ubmVjdCcsXG4gICAgY29tbWFuZHM6IFtcbiAgICAgIHsgbmFtZTogJ2VudicsIHN1bW1hcnk6ICdsaXN0LCBtYWtlLCBjaG9vc2UsIHNob3cgYW5kIGNsZWFyIGVudmlyb25tZW50cycsIGxvYWQ6ICgpID0+IGltcG9ydCgnLi9lbnYvZW52LmpzJykgfSxcbiAgICAgIHsgbmFtZTogJ3NlY3JldCcsIHN1bW1hcnk6ICdzZXQsIGxpc3QgYW5kIHJlbW92ZSBzZWNyZXRzJywgbG9hZDogKCkgPT4gaW1wb3J0KCcuL3NlY3JldC9zZWNyZXQuanMnKSB9LFxuICAgICAgeyBuYW1lOiAnc2Vzc2lvbicsIHN1bW1hcnk6ICdvcGVuLCBzaG93LCBjbG9zZSBhbmQgbGlzdCBzZXNzaW9ucycsIGxvYWQ6ICgpID0+IGltcG9ydCgnLi9zZXNzaW9uL3Nlc3Npb24uanMnKSB9LFxuICAgIF0sXG4gIH0sXG4gIHtcbiAgICBoZWFkaW5nOiAnVHJ5JyxcbiAgICBjb21tYW5kczogW1xuICAgICAge1xuICAgICAgICBuYW1lOiAncHJldmlldycsXG4gICAgICAgIHN1bW1hcnk6ICdzaG93IGV4YWN0bHkgd2hhdCB3b3VsZCBiZSBzZW50LCBhbmQgc2VuZCBub3RoaW5nJyxcbiAgICAgICAgbG9hZDogKCkgPT4gaW1wb3J0KCcuL3ByZXZpZXcuanMnKSxcbiAgICAgIH0sXG4gICAgICB7IG5hbWU6ICdzZW5kJywgc3VtbWFyeTogJ3NlbmQgYSByZXF1ZXN0IGFuZCBzaG93IHdoYXQgY2FtZSBiYWNrJywgbG9hZDogKCkgPT4gaW1wb3J0KCcuL3NlbmQuanMnKSB9LFxuICAgICAge1xuICAgICAgICBuYW1lOiAnZm9sbG93JyxcbiAgICAgICAgc3VtbWFyeTogJ2xpc3QgdGhlIGxpbmtzIG9mIHRoZSBsYXN0IGFuc3dlciwgYW5kIHNlbmQgb25lIG9mIHRoZW0nLFxuICAgICAgICBsb2FkOiAoKSA9PiBpbXBvcnQoJy4vZm9sbG93LmpzJyksXG4gICAgICB9LFxuICAgICAgeyBuYW1lOiAnZWNobycsIHN1bW1hcnk6ICdsaXN0LCBzaG93IGFuZCBzZW5kIGFnYWluIHdoYXQgd2FzIGV4Y2hhbmdlZCcsIGxvYWQ6ICgpID0+IGltcG9ydCgnLi9lY2hvL2VjaG8uanMnKSB9LFxuICAgIF0sXG4gIH0sXG4gIHtcbiAgICBoZWFkaW5nOiAnV2FsaycsXG4gICAgY29tbWFuZHM6IFtcbiAgICAgIHsgbmFtZTogJ3J1bicsIHN1bW1hcnk6ICd3YWxrIHRyYWlscyBhbmQgcmVxdWVzdHMsIGFzc2VydCwgd2FpdCwgcmVzdW1lLCB1bmRvJywgbG9hZDogKCkgPT4gaW1wb3J0KCcuL3J1bi5qcycpIH0sXG4gICAgXSxcbiAgfSxcbiAge1xuICAgIGhlYWRpbmc6ICdDb21wYXJlJyxcbiAgICBjb21tYW5kczogW1xuICAgICAgeyBuYW1lOiAnY29tcGFyZScsIHN1bW1hcnk6ICd0ZWxsIHdoYXQgZGlmZmVycyBiZXR3ZWVuIHR3byBhbnN3ZXJzJywgbG9hZDogKCkgPT4gaW1wb3J0KCcuL2NvbXBhcmUuanMnKSB9LFxuICAgIF0sXG4gIH0sXG4gIHtcbiAgICBoZWFkaW5nOiAnU2hhcmUnLFxuICAgIGNvbW1hbmRzOiBbXG4gICAgICB7IG5hbWU6ICdsaXN0Jywgc3VtbWFyeTogJ2xpc3QgdGhlIGZpbGVzIG9mIHRoZSBjb2xsZWN0aW9uJywgbG9hZDogKCkgPT4gaW1wb3J0KCcuL2xpc3QuanMnKSB9LFxuICAgICAgeyBuYW1lOiAnY2hlY2snLCBzdW1tYXJ5OiAnY2hlY2sgdGhlIGNvbGxlY3Rpb24gd2l0aG91dCBzZW5kaW5nIGFueXRoaW5nJywgbG9hZDogKCkgPT4gaW1wb3J0KCcuL2NoZWNrLmpzJykgfSxcbiAgICAgIHtcbiAgICAgICAgbmFtZTogJ2RlbW8nLFxuICAgICAgICBzdW1tYXJ5OiAnd2FsayB0aHJvdWdoIGV2ZXJ5dGhpbmcgYWdhaW5zdCBhIG1hZGUtdXAgaGFyYm91cicsXG4gICAgICAgIGxvYWQ6ICgpID0+IGltcG9ydCgnLi9kZW1vL2RlbW8uanMnKSxcbiAgICAgIH0sXG4gICAgXSxcbiAgfSxcbl07XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLFlBQVksY0FBYyxxQkFBcUI7QUFDeEQsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsWUFBWTs7O0FDRGQsSUFBTSxTQUEyQjtBQUFBLEVBQ3RDO0FBQUEsSUFDRSxTQUFTO0FBQUEsSUFDVCxVQUFVO0FBQUEsTUFDUjtBQUFBLFFBQ0UsTUFBTTtBQUFBLFFBQ04sU0FBUztBQUFBLFFBQ1QsT0FBTztBQUFBLFVBQ0w7QUFBQSxZQUNFLE1BQU07QUFBQSxZQUNOLFNBQVM7QUFBQSxZQUNULE1BQU0sTUFBTSxPQUFPLDBCQUFlO0FBQUEsVUFDcEM7QUFBQSxVQUNBLEVBQUUsTUFBTSxRQUFRLFNBQVMsa0NBQWtDLE1BQU0sTUFBTSxPQUFPLDJCQUFnQixFQUFFO0FBQUEsVUFDaEcsRUFBRSxNQUFNLFFBQVEsU0FBUyw0Q0FBNEMsTUFBTSxNQUFNLE9BQU8sMkJBQWdCLEVBQUU7QUFBQSxVQUMxRyxFQUFFLE1BQU0sUUFBUSxTQUFTLDRDQUE0QyxNQUFNLE1BQU0sT0FBTywyQkFBZ0IsRUFBRTtBQUFBLFVBQzFHLEVBQUUsTUFBTSxRQUFRLFNBQVMsMENBQTBDLE1BQU0sTUFBTSxPQUFPLDJCQUFnQixFQUFFO0FBQUEsVUFDeEc7QUFBQSxZQUNFLE1BQU07QUFBQSxZQUNOLFNBQVM7QUFBQSxZQUNULE1BQU0sTUFBTSxPQUFPLDhCQUFtQjtBQUFBLFVBQ3hDO0FBQUEsVUFDQTtBQUFBLFlBQ0UsTUFBTTtBQUFBLFlBQ04sU0FBUztBQUFBLFlBQ1QsTUFBTSxNQUFNLE9BQU8sMEJBQWU7QUFBQSxVQUNwQztBQUFBLFFBQ0Y7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRSxTQUFTO0FBQUEsSUFDVCxVQUFVO0FBQUEsTUFDUixFQUFFLE1BQU0sUUFBUSxTQUFTLHlCQUF5QixNQUFNLE1BQU0sT0FBTywyQkFBVyxFQUFFO0FBQUEsTUFDbEYsRUFBRSxNQUFNLFNBQVMsU0FBUywrQ0FBK0MsTUFBTSxNQUFNLE9BQU8sNEJBQVksRUFBRTtBQUFBLE1BQzFHO0FBQUEsUUFDRSxNQUFNO0FBQUEsUUFDTixTQUFTO0FBQUEsUUFDVCxPQUFPO0FBQUEsVUFDTDtBQUFBLFlBQ0UsTUFBTTtBQUFBLFlBQ04sU0FBUztBQUFBLFlBQ1QsTUFBTSxNQUFNLE9BQU8sOEJBQXFCO0FBQUEsVUFDMUM7QUFBQSxRQUNGO0FBQUEsTUFDRjtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0UsU0FBUztBQUFBLElBQ1QsVUFBVTtBQUFBLE1BQ1IsRUFBRSxNQUFNLE9BQU8sU0FBUyxtREFBbUQsTUFBTSxNQUFNLE9BQU8sMEJBQWMsRUFBRTtBQUFBLE1BQzlHLEVBQUUsTUFBTSxVQUFVLFNBQVMsZ0NBQWdDLE1BQU0sTUFBTSxPQUFPLDZCQUFvQixFQUFFO0FBQUEsTUFDcEcsRUFBRSxNQUFNLFdBQVcsU0FBUyx1Q0FBdUMsTUFBTSxNQUFNLE9BQU8sOEJBQXNCLEVBQUU7QUFBQSxJQUNoSDtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRSxTQUFTO0FBQUEsSUFDVCxVQUFVO0FBQUEsTUFDUjtBQUFBLFFBQ0UsTUFBTTtBQUFBLFFBQ04sU0FBUztBQUFBLFFBQ1QsTUFBTSxNQUFNLE9BQU8sOEJBQWM7QUFBQSxNQUNuQztBQUFBLE1BQ0EsRUFBRSxNQUFNLFFBQVEsU0FBUywwQ0FBMEMsTUFBTSxNQUFNLE9BQU8sMkJBQVcsRUFBRTtBQUFBLE1BQ25HO0FBQUEsUUFDRSxNQUFNO0FBQUEsUUFDTixTQUFTO0FBQUEsUUFDVCxNQUFNLE1BQU0sT0FBTyw2QkFBYTtBQUFBLE1BQ2xDO0FBQUEsTUFDQSxFQUFFLE1BQU0sUUFBUSxTQUFTLGdEQUFnRCxNQUFNLE1BQU0sT0FBTywyQkFBZ0IsRUFBRTtBQUFBLElBQ2hIO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFLFNBQVM7QUFBQSxJQUNULFVBQVU7QUFBQSxNQUNSLEVBQUUsTUFBTSxPQUFPLFNBQVMsd0RBQXdELE1BQU0sTUFBTSxPQUFPLDBCQUFVLEVBQUU7QUFBQSxJQUNqSDtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRSxTQUFTO0FBQUEsSUFDVCxVQUFVO0FBQUEsTUFDUixFQUFFLE1BQU0sV0FBVyxTQUFTLHlDQUF5QyxNQUFNLE1BQU0sT0FBTyw4QkFBYyxFQUFFO0FBQUEsSUFDMUc7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0UsU0FBUztBQUFBLElBQ1QsVUFBVTtBQUFBLE1BQ1IsRUFBRSxNQUFNLFFBQVEsU0FBUyxvQ0FBb0MsTUFBTSxNQUFNLE9BQU8sMkJBQVcsRUFBRTtBQUFBLE1BQzdGLEVBQUUsTUFBTSxTQUFTLFNBQVMsaURBQWlELE1BQU0sTUFBTSxPQUFPLDRCQUFZLEVBQUU7QUFBQSxNQUM1RztBQUFBLFFBQ0UsTUFBTTtBQUFBLFFBQ04sU0FBUztBQUFBLFFBQ1QsTUFBTSxNQUFNLE9BQU8sMkJBQWdCO0FBQUEsTUFDckM7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGOzs7QUQzRkEsSUFBTSxVQUFVLE1BQU0sbUJBQW1CO0FBQ3pDLElBQU0sRUFBRSxRQUFRLElBQUksS0FBSyxNQUFNLGFBQWEsS0FBSyxlQUFlLGNBQWMsR0FBRyxNQUFNLENBQUM7QUFFeEYsS0FBSyw2RUFBNkUsWUFBWTtBQUM1RixTQUFPLFVBQVUsTUFBTSxVQUFVLENBQUMsV0FBVyxDQUFDLEdBQUcsRUFBRSxRQUFRLEdBQUcsS0FBSyxjQUFjLE9BQU87QUFBQSxHQUFNLEtBQUssR0FBRyxDQUFDO0FBQ3ZHLFFBQU0sRUFBRSxLQUFLLE9BQU8sSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLENBQUM7QUFDbEQsU0FBTyxNQUFNLFFBQVEsQ0FBQztBQUN0QixhQUFXLEVBQUUsU0FBUyxTQUFTLEtBQUssUUFBUTtBQUMxQyxXQUFPLEdBQUcsSUFBSSxTQUFTLEdBQUcsT0FBTyxHQUFHLEdBQUcsT0FBTztBQUM5QyxlQUFXLEVBQUUsTUFBTSxRQUFRLEtBQUssU0FBVSxRQUFPLE1BQU0sS0FBSyxJQUFJLE9BQU8sTUFBTSxJQUFJLEtBQUssT0FBTyxLQUFLLEdBQUcsQ0FBQztBQUFBLEVBQ3hHO0FBQ0EsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLENBQUMsR0FBRyxLQUFLLEdBQUc7QUFDN0MsQ0FBQztBQUVELEtBQUssd0NBQXdDLFlBQVk7QUFDdkQsYUFBVyxTQUFTO0FBQUEsSUFDbEIsQ0FBQyxRQUFRLE1BQU07QUFBQSxJQUNmLENBQUMsTUFBTTtBQUFBLElBQ1AsQ0FBQyxLQUFLO0FBQUEsSUFDTixDQUFDLE9BQU8sTUFBTTtBQUFBLElBQ2QsQ0FBQyxVQUFVLEtBQUs7QUFBQSxJQUNoQixDQUFDLFdBQVcsTUFBTTtBQUFBLElBQ2xCLENBQUMsUUFBUSxNQUFNO0FBQUEsSUFDZixDQUFDLFNBQVM7QUFBQSxJQUNWLENBQUMsT0FBTztBQUFBLElBQ1IsQ0FBQyxPQUFPO0FBQUEsSUFDUixDQUFDLE1BQU07QUFBQSxJQUNQLENBQUMsTUFBTTtBQUFBLEVBQ1QsR0FBRztBQUNELFVBQU0sRUFBRSxLQUFLLE9BQU8sSUFBSSxNQUFNLFVBQVUsQ0FBQyxHQUFHLE9BQU8sUUFBUSxDQUFDO0FBQzVELFdBQU8sTUFBTSxRQUFRLEdBQUcsTUFBTSxLQUFLLEdBQUcsQ0FBQztBQUN2QyxXQUFPLE1BQU0sS0FBSyw4QkFBOEIsTUFBTSxLQUFLLEdBQUcsQ0FBQztBQUFBLEVBQ2pFO0FBQ0YsQ0FBQztBQUVELElBQU0sUUFBdUU7QUFBQSxFQUMzRSxDQUFDLENBQUMsTUFBTSxHQUFHLGtEQUFrRDtBQUFBLEVBQzdELENBQUMsQ0FBQyxNQUFNLEdBQUcsMkJBQTJCO0FBQUEsRUFDdEMsQ0FBQyxDQUFDLFFBQVEsS0FBSyxTQUFTLEdBQUcsR0FBRyxxQ0FBcUM7QUFBQSxFQUNuRSxDQUFDLENBQUMsUUFBUSxNQUFNLEdBQUcsd0JBQXdCO0FBQUEsRUFDM0MsQ0FBQyxDQUFDLFFBQVEsU0FBUyxHQUFHLEdBQUcsb0JBQW9CO0FBQy9DO0FBQ0EsV0FBVyxDQUFDLE1BQU0sSUFBSSxLQUFLLE9BQU87QUFDaEMsT0FBSyxjQUFjLEtBQUssS0FBSyxHQUFHLENBQUMsNkNBQTZDLFlBQVk7QUFDeEYsVUFBTSxFQUFFLFFBQVEsS0FBSyxJQUFJLElBQUksTUFBTSxVQUFVLE1BQU0sRUFBRSxLQUFLLGdCQUFnQixFQUFFLENBQUM7QUFDN0UsV0FBTyxNQUFNLFFBQVEsQ0FBQztBQUN0QixXQUFPLE1BQU0sS0FBSyxFQUFFO0FBQ3BCLFdBQU8sTUFBTSxLQUFLLElBQUk7QUFDdEIsV0FBTyxhQUFhLEtBQUssY0FBYztBQUFBLEVBQ3pDLENBQUM7QUFDSDtBQUVBLEtBQUssb0VBQW9FLFlBQVk7QUFDbkYsUUFBTSxTQUFTLEtBQUssZ0JBQWdCLEdBQUcsZUFBZTtBQUN0RCxRQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFFBQVEsQ0FBQztBQUN2RCxTQUFPLFVBQVUsU0FBUyxJQUFJLEVBQUUsT0FBTyxDQUFDLG1CQUFtQiw2QkFBNkIsWUFBWSxDQUFDO0FBQ3JHLFNBQU8sTUFBTSxhQUFhLEtBQUssUUFBUSxZQUFZLEdBQUcsTUFBTSxHQUFHLG1CQUFtQjtBQUNsRixTQUFPLE1BQU0sYUFBYSxLQUFLLFFBQVEsaUJBQWlCLEdBQUcsTUFBTSxHQUFHLHVCQUF1QjtBQUMzRixTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEVBQUUsS0FBSyxPQUFPLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDcEUsZ0JBQWMsS0FBSyxRQUFRLGlCQUFpQixHQUFHLGNBQWM7QUFDN0QsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFFBQVEsTUFBTSxDQUFDO0FBQzlDLFNBQU8sTUFBTSxNQUFNLFFBQVEsQ0FBQztBQUM1QixTQUFPLE1BQU0sTUFBTSxLQUFLLFNBQVM7QUFDakMsU0FBTyxNQUFNLGFBQWEsS0FBSyxRQUFRLGlCQUFpQixHQUFHLE1BQU0sR0FBRyxjQUFjO0FBQ3BGLENBQUM7QUFFRCxLQUFLLDJHQUEyRyxZQUFZO0FBQzFILFFBQU0sTUFBTSxhQUFhLENBQUMsR0FBRyxRQUFRLE1BQU07QUFDM0MsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxHQUFHLFFBQVEsTUFBTSxpQkFBaUIsVUFBVSxXQUFXLFFBQVEsR0FBRztBQUFBLElBQzlHO0FBQUEsRUFDRixDQUFDO0FBQ0QsU0FBTyxVQUFVLENBQUMsTUFBTSxRQUFRLFNBQVMsS0FBSyxFQUFFLFlBQVksU0FBUyxLQUFLLEVBQUUsTUFBTSxHQUFHLENBQUMsR0FBRyxJQUFJLFNBQVMsQ0FBQztBQUN2RyxTQUFPLEdBQUcsV0FBVyxLQUFLLEtBQUssbUJBQW1CLENBQUMsQ0FBQztBQUNwRCxTQUFPLE1BQU0sYUFBYSxLQUFLLEtBQUssaUJBQWlCLEdBQUcsTUFBTSxHQUFHLFVBQVU7QUFFM0UsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxHQUFHLFFBQVEsTUFBTSxpQkFBaUIsVUFBVSxTQUFTLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDN0csU0FBTyxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQzVCLFNBQU8sTUFBTSxNQUFNLEtBQUssV0FBVztBQUNuQyxTQUFPO0FBQUEsS0FDSixNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sR0FBRyxRQUFRLE1BQU0saUJBQWlCLFVBQVUsV0FBVyxXQUFXLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FDMUc7QUFBQSxJQUNIO0FBQUEsRUFDRjtBQUVBLFFBQU0sU0FBUztBQUFBLElBQ2IsTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUFBLEVBQ3JEO0FBQ0EsU0FBTztBQUFBLElBQ0wsT0FBTyxRQUFRLElBQUksQ0FBQyxFQUFFLE1BQU0sV0FBVyxNQUFNLENBQUMsTUFBTSxVQUFVLENBQUM7QUFBQSxJQUMvRCxDQUFDLENBQUMsV0FBVyxFQUFFLENBQUM7QUFBQSxFQUNsQjtBQUNBLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxRQUFRLFFBQVEsUUFBUSxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDdkUsU0FBTyxNQUFNLE1BQU0sS0FBSyx3REFBd0Q7QUFDaEYsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxXQUFXLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDdEUsU0FBTyxVQUFVLENBQUMsUUFBUSxRQUFRLHFCQUFxQixLQUFLLFFBQVEsR0FBRyxDQUFDLEdBQUcsQ0FBQyxHQUFHLElBQUksQ0FBQztBQUVwRixRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFVBQVUsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHO0FBQ3ZFLGFBQVcsUUFBUTtBQUFBLElBQ2pCO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLEVBQ0YsR0FBRztBQUNELFdBQU8sTUFBTSxPQUFPLElBQUk7QUFBQSxFQUMxQjtBQUNBLFFBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxRQUFRLFFBQVEsU0FBUyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3BFLFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLHVCQUF1QjtBQUVqRCxRQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsU0FBUyxvQkFBb0IsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2hGLFNBQU8sTUFBTSxTQUFTLE9BQU8sRUFBRSxNQUFNLCtCQUErQjtBQUNwRSxTQUFPLEdBQUcsV0FBVyxLQUFLLEtBQUssa0NBQWtDLENBQUMsQ0FBQztBQUNuRSxRQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2xELFNBQU8sTUFBTSxRQUFRLFFBQVEsR0FBRyxRQUFRLEdBQUc7QUFDM0MsUUFBTSxjQUFjLE1BQU0sVUFBVSxDQUFDLFNBQVMsa0JBQWtCLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDMUUsU0FBTyxNQUFNLFlBQVksUUFBUSxDQUFDO0FBQ2xDLFNBQU8sTUFBTSxZQUFZLEtBQUssTUFBTTtBQUN0QyxDQUFDO0FBRUQsS0FBSyxtREFBbUQsWUFBWTtBQUNsRSxRQUFNLE1BQU0sYUFBYTtBQUFBLElBQ3ZCLGtCQUFrQixLQUFLLFVBQVU7QUFBQSxNQUMvQixTQUFTO0FBQUEsTUFDVCxNQUFNLEVBQUUsT0FBTyxTQUFTO0FBQUEsTUFDeEIsWUFBWTtBQUFBLFFBQ1YsU0FBUztBQUFBLFVBQ1AsT0FBTztBQUFBLFlBQ0wsTUFBTTtBQUFBLFlBQ04sVUFBVSxDQUFDLE1BQU07QUFBQSxZQUNqQixZQUFZO0FBQUEsY0FDVixNQUFNLEVBQUUsTUFBTSxTQUFTO0FBQUEsY0FDdkIsTUFBTSxFQUFFLE1BQU0sNkJBQTZCO0FBQUEsY0FDM0MsS0FBSyxFQUFFLE1BQU0sU0FBUyxPQUFPLEVBQUUsTUFBTSw2QkFBNkIsRUFBRTtBQUFBLFlBQ3RFO0FBQUEsVUFDRjtBQUFBLFFBQ0Y7QUFBQSxNQUNGO0FBQUEsTUFDQSxPQUFPO0FBQUEsUUFDTCxXQUFXO0FBQUEsVUFDVCxNQUFNO0FBQUEsWUFDSixhQUFhO0FBQUEsWUFDYixhQUFhLEVBQUUsU0FBUyxFQUFFLG9CQUFvQixFQUFFLFFBQVEsRUFBRSxNQUFNLDZCQUE2QixFQUFFLEVBQUUsRUFBRTtBQUFBLFlBQ25HLFdBQVcsQ0FBQztBQUFBLFVBQ2Q7QUFBQSxRQUNGO0FBQUEsTUFDRjtBQUFBLElBQ0YsQ0FBQztBQUFBLEVBQ0gsQ0FBQztBQUNELFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sZ0JBQWdCLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDcEYsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxVQUFVLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxLQUFLLDZCQUE2QjtBQUN4RyxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsU0FBUyxpQkFBaUIsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLFFBQVEsQ0FBQztBQUMvRSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsUUFBUSxDQUFDO0FBQzlELENBQUM7QUFFRCxLQUFLLG9FQUFvRSxZQUFZO0FBQ25GLFFBQU0sTUFBTSxlQUFlLFFBQVEsTUFBTTtBQUN6QyxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFdBQVcsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUssT0FBTztBQUNuRixRQUFNLFdBQVcsS0FBSyxLQUFLLG1CQUFtQjtBQUM5QyxnQkFBYyxVQUFVLGFBQWEsVUFBVSxNQUFNLEVBQUUsV0FBVyxhQUFhLFlBQVksQ0FBQztBQUM1RixTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFlBQVksR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUssT0FBTztBQUN0RixDQUFDO0FBRUQsS0FBSyxtRUFBbUUsWUFBWTtBQUNsRixRQUFNLFNBQVMsT0FBTyxNQUFNLE1BQU0sR0FBRyxRQUFRLE1BQU0sZUFBZSxHQUFHLEtBQUs7QUFDMUUsUUFBTSxPQUFPLGFBQWEsS0FBSyxlQUFlLHNDQUFzQyxHQUFHLE1BQU07QUFDN0YsU0FBTyxNQUFNLE1BQU0sT0FBTyxXQUFXLFFBQVEsUUFBUSx1QkFBdUIsQ0FBQztBQUMvRSxDQUFDOyIsCiAgIm5hbWVzIjogW10KfQo=
