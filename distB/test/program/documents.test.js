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
  difference,
  echo,
  verdict
} from "../parts/chunk-7DROAWR7.js";
import {
  briefProblem
} from "../parts/chunk-4THVOAEK.js";
import {
  demoCollection,
  documentLines,
  echoTrail,
  temporaryFolder
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";

// test/program/documents.test.ts
import assert from "node:assert/strict";
import { test } from "node:test";

// src/cli/documents.ts
import * as z3 from "zod/mini";

// src/cli/documents/pieces.ts
import * as z from "zod/mini";
var pages = z.strictObject({
  pages: z.number(),
  items: z.number(),
  /** As the vendor announced it. */
  total: z.nullable(z.number()),
  /** Why not all of them were read. */
  partial: z.nullable(z.string())
});
var session = z.strictObject({
  name: z.string(),
  kind: z.string(),
  open: z.boolean(),
  opened: z.nullable(z.string()),
  expires: z.nullable(z.string()),
  renewable: z.boolean(),
  claims: z.nullable(z.record(z.string(), z.unknown()))
});

// src/cli/documents/run.ts
import * as z2 from "zod/mini";
var runDocuments = {
  "run step": z2.strictObject({
    event: z2.literal("step"),
    step: z2.string(),
    kind: z2.string(),
    state: z2.string(),
    depth: z2.number(),
    row: z2.nullable(z2.number()),
    member: z2.nullable(z2.string()),
    environment: z2.optional(z2.string()),
    method: z2.optional(z2.string()),
    url: z2.optional(z2.string()),
    /** 0 where nothing was sent. */
    tries: z2.optional(z2.number()),
    status: z2.nullable(z2.optional(z2.number())),
    time: z2.nullable(z2.optional(z2.number())),
    expectations: z2.strictObject({ met: z2.number(), failed: z2.array(verdict) }),
    kept: z2.array(z2.string()),
    problems: z2.array(briefProblem),
    pages: z2.optional(pages),
    seen: z2.optional(z2.strictObject({ asked: z2.number(), values: z2.array(z2.string()) })),
    chosen: z2.optional(z2.string()),
    differences: z2.optional(z2.array(difference)),
    members: z2.optional(z2.strictObject({ ok: z2.number(), failed: z2.number(), passed: z2.number() })),
    unknown: z2.optional(z2.string()),
    echo: z2.nullable(z2.string())
  }),
  "run undo": z2.strictObject({
    event: z2.literal("undo"),
    request: z2.string(),
    step: z2.string(),
    state: z2.string(),
    row: z2.nullable(z2.number()),
    environment: z2.optional(z2.string()),
    problem: z2.nullable(briefProblem)
  }),
  "run row": z2.strictObject({
    event: z2.literal("row"),
    row: z2.number(),
    label: z2.string(),
    ok: z2.boolean(),
    environment: z2.optional(z2.string()),
    problem: z2.nullable(briefProblem)
  }),
  "run waiting": z2.strictObject({
    event: z2.literal("waiting"),
    host: z2.string(),
    /** Milliseconds. */
    wait: z2.number(),
    why: z2.string(),
    /** Whether the server said how long. */
    told: z2.boolean(),
    environment: z2.optional(z2.string())
  }),
  "run table": z2.strictObject({
    event: z2.literal("table"),
    step: z2.string(),
    columns: z2.array(z2.string()),
    /** Of a long table the beginning. */
    rows: z2.array(z2.record(z2.string(), z2.any())),
    count: z2.number(),
    to: z2.nullable(z2.string()),
    environment: z2.optional(z2.string())
  }),
  "run matrix": z2.strictObject({
    event: z2.literal("matrix"),
    checks: z2.array(z2.string()),
    subjects: z2.array(z2.strictObject({ name: z2.string(), results: z2.record(z2.string(), z2.string()) })),
    deviations: z2.array(
      z2.strictObject({
        subject: z2.string(),
        check: z2.string(),
        place: z2.string(),
        expected: z2.string(),
        found: z2.string(),
        /** Empty where nothing was exchanged. */
        echo: z2.string()
      })
    )
  }),
  "run undo summary": z2.strictObject({
    event: z2.literal("undo-summary"),
    run: z2.string(),
    undone: z2.number(),
    notUndone: z2.number()
  }),
  "run session": z2.strictObject({
    event: z2.enum(["session-opened", "session-closed"]),
    session: z2.string(),
    environment: z2.optional(z2.string()),
    problem: z2.nullable(briefProblem)
  }),
  "run summary": z2.strictObject({
    event: z2.literal("summary"),
    run: z2.string(),
    walked: z2.string(),
    ok: z2.boolean(),
    interrupted: z2.boolean(),
    environment: z2.optional(z2.string()),
    /** `before`: how many of them an earlier command walked. */
    rows: z2.nullable(z2.strictObject({ ok: z2.number(), failed: z2.number(), before: z2.number() })),
    steps: z2.strictObject({ ok: z2.number(), failed: z2.number(), skipped: z2.number() }),
    expectations: z2.strictObject({ met: z2.number(), failed: z2.number() }),
    refused: z2.number(),
    triedAgain: z2.number(),
    /** Milliseconds that hosts were left alone for. */
    waited: z2.number(),
    undone: z2.number(),
    notUndone: z2.array(z2.string()),
    inDoubt: z2.array(z2.string()),
    time: z2.number(),
    problem: z2.nullable(briefProblem)
  })
};

// src/cli/documents.ts
var source = z3.strictObject({
  name: z3.string(),
  format: z3.string(),
  version: z3.string(),
  title: z3.string(),
  operations: z3.number(),
  types: z3.number(),
  servers: z3.array(
    z3.strictObject({
      url: z3.string(),
      description: z3.nullable(z3.string()),
      variables: z3.array(z3.strictObject({ name: z3.string(), default: z3.string(), allowed: z3.array(z3.string()) }))
    })
  ),
  webhooks: z3.array(z3.string()),
  warnings: z3.array(z3.strictObject({ at: z3.string(), what: z3.string() })),
  file: z3.string(),
  source: z3.nullable(z3.string()),
  fetched: z3.nullable(z3.string())
});
var found = z3.strictObject({
  operation: z3.string(),
  method: z3.string(),
  path: z3.string(),
  summary: z3.nullable(z3.string()),
  score: z3.number(),
  in: z3.array(z3.string())
});
var named = z3.strictObject({ name: z3.string(), value: z3.any(), origin: z3.string() });
var line = z3.strictObject({ name: z3.string(), value: z3.string(), origin: z3.string() });
var documents = {
  init: z3.strictObject({ folder: z3.string(), files: z3.array(z3.string()) }),
  "docs add": source,
  "docs list": z3.strictObject({ sources: z3.array(source) }),
  "docs find": z3.strictObject({
    words: z3.array(z3.string()),
    complete: z3.boolean(),
    read: z3.record(z3.string(), z3.string()),
    operations: z3.array(found)
  }),
  "docs show": z3.strictObject({
    operation: z3.optional(z3.record(z3.string(), z3.any())),
    type: z3.optional(z3.record(z3.string(), z3.any()))
  }),
  "docs refresh": z3.strictObject({
    accepted: z3.boolean(),
    sources: z3.array(
      z3.strictObject({
        source: z3.string(),
        operations: z3.array(
          z3.strictObject({
            operation: z3.string(),
            kind: z3.enum(["added", "removed", "changed"]),
            fields: z3.array(
              z3.strictObject({ at: z3.string(), kind: z3.string(), what: z3.string(), breaks: z3.boolean() })
            ),
            requests: z3.array(z3.string()),
            trails: z3.array(z3.string())
          })
        )
      })
    )
  }),
  "docs tree": z3.strictObject({ sources: z3.array(z3.strictObject({ source: z3.string(), tree: z3.array(z3.any()) })) }),
  draft: z3.strictObject({
    request: z3.string(),
    file: z3.string(),
    operation: z3.string(),
    /** The file of the signature that was proposed. */
    signature: z3.nullable(z3.string())
  }),
  "docs ask": z3.strictObject({
    parameters: z3.array(
      z3.strictObject({
        parameter: z3.string(),
        from: z3.string(),
        asked: z3.string(),
        values: z3.optional(z3.array(z3.union([z3.string(), z3.number(), z3.boolean()]))),
        fields: z3.optional(z3.array(z3.string())),
        operators: z3.optional(z3.array(z3.string())),
        changed: z3.boolean()
      })
    )
  }),
  "import address": z3.strictObject({
    file: z3.string(),
    path: z3.string(),
    query: z3.array(z3.strictObject({ name: z3.string(), value: z3.string() })),
    joined: z3.string()
  }),
  follow: z3.strictObject({
    echo: z3.string(),
    links: z3.array(
      z3.strictObject({ number: z3.number(), url: z3.string(), at: z3.string(), about: z3.nullable(z3.string()) })
    )
  }),
  compare: z3.strictObject({
    same: z3.boolean(),
    differences: z3.array(difference)
  }),
  "env make": z3.strictObject({ name: z3.string(), file: z3.string(), origin: z3.string() }),
  "env list": z3.strictObject({
    environments: z3.array(
      z3.strictObject({
        name: z3.string(),
        about: z3.nullable(z3.string()),
        chosen: z3.boolean(),
        changes: z3.string(),
        origin: z3.nullable(z3.string())
      })
    )
  }),
  "env show": z3.strictObject({
    name: z3.string(),
    changes: z3.string(),
    hosts: z3.array(z3.string()),
    names: z3.array(named),
    held: z3.array(named)
  }),
  "secret list": z3.strictObject({
    secrets: z3.array(z3.strictObject({ name: z3.string(), environment: z3.nullable(z3.string()) }))
  }),
  "session list": z3.strictObject({ sessions: z3.array(session) }),
  "session show": session,
  preview: z3.strictObject({
    method: z3.string(),
    url: z3.string(),
    query: z3.array(z3.strictObject({ name: z3.string(), value: z3.string() })),
    headers: z3.array(line),
    body: z3.nullable(z3.strictObject({ type: z3.string(), size: z3.number(), text: z3.string() })),
    names: z3.array(named),
    doubts: z3.array(z3.string()),
    opens: z3.array(z3.string()),
    signature: z3.nullable(
      z3.strictObject({
        name: z3.string(),
        steps: z3.array(
          z3.strictObject({
            name: z3.string(),
            part: z3.enum(["value", "header", "query", "body"]),
            secret: z3.boolean(),
            value: z3.nullable(z3.string())
          })
        )
      })
    ),
    against: z3.optional(
      z3.strictObject({
        name: z3.string(),
        same: z3.boolean(),
        difference: z3.nullable(
          z3.strictObject({
            line: z3.number(),
            column: z3.number(),
            ours: z3.nullable(z3.string()),
            theirs: z3.nullable(z3.string()),
            cause: z3.nullable(z3.string())
          })
        )
      })
    )
  }),
  send: z3.strictObject({
    ok: z3.boolean(),
    request: z3.nullable(z3.string()),
    method: z3.string(),
    url: z3.string(),
    status: z3.nullable(z3.number()),
    reason: z3.nullable(z3.string()),
    headers: z3.array(z3.tuple([z3.string(), z3.string()])),
    body: z3.any(),
    phases: z3.record(z3.string(), z3.number()),
    size: z3.number(),
    finalUrl: z3.nullable(z3.string()),
    expectations: z3.array(verdict),
    kept: z3.record(z3.string(), z3.any()),
    doubts: z3.array(z3.string()),
    refusal: z3.optional(
      z3.strictObject({
        kind: z3.enum(["refused", "forbidden"]),
        sent: z3.array(z3.string()),
        said: z3.array(z3.string()),
        clock: z3.nullable(z3.string()),
        remedies: z3.array(z3.string())
      })
    ),
    pages: z3.optional(pages),
    undocumented: z3.array(z3.strictObject({ at: z3.string(), what: z3.string() })),
    againstDocs: z3.optional(z3.array(z3.strictObject({ at: z3.string(), what: z3.string() }))),
    problems: z3.array(briefProblem),
    echo: z3.string()
  }),
  ...runDocuments,
  "echo list": z3.strictObject({
    echoes: z3.array(
      z3.strictObject({
        id: z3.string(),
        at: z3.string(),
        environment: z3.string(),
        request: z3.nullable(z3.string()),
        method: z3.string(),
        url: z3.string(),
        status: z3.nullable(z3.number()),
        time: z3.nullable(z3.number()),
        ok: z3.boolean()
      })
    )
  }),
  "echo show": echo,
  "echo prune": z3.strictObject({ echoes: z3.number(), journals: z3.number() }),
  list: z3.strictObject({
    requests: z3.array(z3.string()),
    trails: z3.array(z3.string()),
    environments: z3.array(z3.string()),
    sessions: z3.array(z3.string()),
    signatures: z3.array(z3.string())
  }),
  check: z3.strictObject({
    files: z3.number(),
    errors: z3.number(),
    warnings: z3.number(),
    findings: z3.array(
      z3.strictObject({
        rule: z3.string(),
        severity: z3.enum(["error", "warning"]),
        file: z3.string(),
        line: z3.nullable(z3.number()),
        column: z3.nullable(z3.number()),
        what: z3.string(),
        remedy: z3.nullable(z3.string())
      })
    )
  })
};

// test/program/documents.test.ts
var standin = await harbourForThisFile();
var cwd = demoCollection(standin.origin);
var env = { ECHO_TRAIL_SECRET_DESK_PASSWORD: standin.credentials.password };
var seen = /* @__PURE__ */ new Set();
function holds(name, value) {
  const result = documents[name].safeParse(value);
  assert.ok(result.success, `${name}: ${JSON.stringify(result.error?.issues)}
${JSON.stringify(value)}`);
  seen.add(name);
}
var single = [
  ["init", ["init", temporaryFolder()]],
  ["docs add", ["docs", "add", `${standin.origin}/openapi.json`, "--name", "copy"]],
  ["docs list", ["docs", "list"]],
  ["docs find", ["docs", "find", "berth"]],
  ["docs show", ["docs", "show", "harbour/bookCall"]],
  ["docs show", ["docs", "show", "--type", "harbour/Vessel"]],
  ["docs tree", ["docs", "tree"]],
  ["docs refresh", ["docs", "refresh", "copy"]],
  ["draft", ["draft", "harbour/bookCall", "--as", "calls/drafted"]],
  ["docs ask", ["docs", "ask"]],
  ["env make", ["env", "make", "night", "--origin", standin.origin]],
  ["env list", ["env", "list"]],
  ["env show", ["env", "show"]],
  ["session list", ["session", "list"]],
  ["session show", ["session", "open", "agent"]],
  ["preview", ["preview", "calls/book"]],
  ["send", ["send", "calls/book"]],
  ["send", ["send", "GET", "http://127.0.0.1:9/"]],
  ["send", ["send", "GET", "/chart"]],
  ["follow", ["follow"]],
  ["compare", ["compare", "last", "last"]],
  ["import address", ["import", "address", "http://127.0.0.1:9/v1/berths?quay=north", "--as", "imported"]],
  ["secret list", ["secret", "list"]],
  ["echo list", ["echo", "list"]],
  ["echo show", ["echo", "show"]],
  ["echo prune", ["echo", "prune", "--keep", "200"]],
  ["list", ["list"]],
  ["check", ["check"]]
];
for (const [name, args] of single) {
  test(`${args.slice(0, 2).join(" ")} --json`, async () => {
    const ended = await echoTrail([...args, "--json"], { cwd, env });
    const lines = documentLines(ended);
    assert.equal(lines.length, 1, ended.err);
    holds(name, lines[0]);
  });
}
test("run --json prints a document an event", async () => {
  for (const args of [
    ["run", "berth-stay", "--set", "new-nights=40"],
    ["run", "register-check"],
    ["run", "--undo", "last"],
    ["session", "close", "agent"],
    ["run", "berth-stay"],
    ["run", "dredge", "--matrix"],
    ["run", "--undo", "last"],
    ["run", "triage"],
    ["run", "lights-change"],
    ["run", "logbook-count"],
    ["run", "notices-harvest"]
  ]) {
    if (args[0] === "session") {
      await echoTrail(args, { cwd, env });
      continue;
    }
    for (const line2 of documentLines(await echoTrail([...args, "--json"], { cwd, env }))) {
      const event = String(line2.event).replace("-", " ");
      holds(`run ${event.startsWith("session") ? "session" : event}`, line2);
    }
  }
});
test("every schema was met", () => {
  assert.deepEqual(
    Object.keys(documents).filter((name) => !seen.has(name)),
    []
  );
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL2RvY3VtZW50cy50ZXN0LnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvZG9jdW1lbnRzLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvZG9jdW1lbnRzL3BpZWNlcy50cyIsICIuLi8uLi8uLi9zcmMvY2xpL2RvY3VtZW50cy9ydW4udHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBFdmVyeSBkb2N1bWVudCB0aGF0IGAtLWpzb25gIHByaW50cyBob2xkcyB0byBpdHMgc2NoZW1hLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgdGVzdCB9IGZyb20gJ25vZGU6dGVzdCc7XG5pbXBvcnQgeyBkb2N1bWVudHMgfSBmcm9tICcuLi8uLi9zcmMvY2xpL2RvY3VtZW50cy5qcyc7XG5pbXBvcnQgeyBkZW1vQ29sbGVjdGlvbiwgdGVtcG9yYXJ5Rm9sZGVyIH0gZnJvbSAnLi4vc3VwcG9ydC9mb2xkZXIuanMnO1xuaW1wb3J0IHsgZG9jdW1lbnRMaW5lcywgZWNob1RyYWlsIH0gZnJvbSAnLi4vc3VwcG9ydC9wcm9ncmFtLmpzJztcbmltcG9ydCB7IGhhcmJvdXJGb3JUaGlzRmlsZSB9IGZyb20gJy4uL3N1cHBvcnQvc3RhbmRpbi5qcyc7XG5cbmNvbnN0IHN0YW5kaW4gPSBhd2FpdCBoYXJib3VyRm9yVGhpc0ZpbGUoKTtcbmNvbnN0IGN3ZCA9IGRlbW9Db2xsZWN0aW9uKHN0YW5kaW4ub3JpZ2luKTtcbmNvbnN0IGVudiA9IHsgRUNIT19UUkFJTF9TRUNSRVRfREVTS19QQVNTV09SRDogc3RhbmRpbi5jcmVkZW50aWFscy5wYXNzd29yZCB9O1xuY29uc3Qgc2VlbiA9IG5ldyBTZXQ8c3RyaW5nPigpO1xuXG5mdW5jdGlvbiBob2xkcyhuYW1lOiBrZXlvZiB0eXBlb2YgZG9jdW1lbnRzLCB2YWx1ZTogdW5rbm93bik6IHZvaWQge1xuICBjb25zdCByZXN1bHQgPSBkb2N1bWVudHNbbmFtZV0uc2FmZVBhcnNlKHZhbHVlKTtcbiAgYXNzZXJ0Lm9rKHJlc3VsdC5zdWNjZXNzLCBgJHtuYW1lfTogJHtKU09OLnN0cmluZ2lmeShyZXN1bHQuZXJyb3I/Lmlzc3Vlcyl9XFxuJHtKU09OLnN0cmluZ2lmeSh2YWx1ZSl9YCk7XG4gIHNlZW4uYWRkKG5hbWUpO1xufVxuXG5jb25zdCBzaW5nbGU6IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZToga2V5b2YgdHlwZW9mIGRvY3VtZW50cywgYXJnczogcmVhZG9ubHkgc3RyaW5nW11dKVtdID0gW1xuICBbJ2luaXQnLCBbJ2luaXQnLCB0ZW1wb3JhcnlGb2xkZXIoKV1dLFxuICBbJ2RvY3MgYWRkJywgWydkb2NzJywgJ2FkZCcsIGAke3N0YW5kaW4ub3JpZ2lufS9vcGVuYXBpLmpzb25gLCAnLS1uYW1lJywgJ2NvcHknXV0sXG4gIFsnZG9jcyBsaXN0JywgWydkb2NzJywgJ2xpc3QnXV0sXG4gIFsnZG9jcyBmaW5kJywgWydkb2NzJywgJ2ZpbmQnLCAnYmVydGgnXV0sXG4gIFsnZG9jcyBzaG93JywgWydkb2NzJywgJ3Nob3cnLCAnaGFyYm91ci9ib29rQ2FsbCddXSxcbiAgWydkb2NzIHNob3cnLCBbJ2RvY3MnLCAnc2hvdycsICctLXR5cGUnLCAnaGFyYm91ci9WZXNzZWwnXV0sXG4gIFsnZG9jcyB0cmVlJywgWydkb2NzJywgJ3RyZWUnXV0sXG4gIFsnZG9jcyByZWZyZXNoJywgWydkb2NzJywgJ3JlZnJlc2gnLCAnY29weSddXSxcbiAgWydkcmFmdCcsIFsnZHJhZnQnLCAnaGFyYm91ci9ib29rQ2FsbCcsICctLWFzJywgJ2NhbGxzL2RyYWZ0ZWQnXV0sXG4gIFsnZG9jcyBhc2snLCBbJ2RvY3MnLCAnYXNrJ11dLFxuICBbJ2VudiBtYWtlJywgWydlbnYnLCAnbWFrZScsICduaWdodCcsICctLW9yaWdpbicsIHN0YW5kaW4ub3JpZ2luXV0sXG4gIFsnZW52IGxpc3QnLCBbJ2VudicsICdsaXN0J11dLFxuICBbJ2VudiBzaG93JywgWydlbnYnLCAnc2hvdyddXSxcbiAgWydzZXNzaW9uIGxpc3QnLCBbJ3Nlc3Npb24nLCAnbGlzdCddXSxcbiAgWydzZXNzaW9uIHNob3cnLCBbJ3Nlc3Npb24nLCAnb3BlbicsICdhZ2VudCddXSxcbiAgWydwcmV2aWV3JywgWydwcmV2aWV3JywgJ2NhbGxzL2Jvb2snXV0sXG4gIFsnc2VuZCcsIFsnc2VuZCcsICdjYWxscy9ib29rJ11dLFxuICBbJ3NlbmQnLCBbJ3NlbmQnLCAnR0VUJywgJ2h0dHA6Ly8xMjcuMC4wLjE6OS8nXV0sXG4gIFsnc2VuZCcsIFsnc2VuZCcsICdHRVQnLCAnL2NoYXJ0J11dLFxuICBbJ2ZvbGxvdycsIFsnZm9sbG93J11dLFxuICBbJ2NvbXBhcmUnLCBbJ2NvbXBhcmUnLCAnbGFzdCcsICdsYXN0J11dLFxuICBbJ2ltcG9ydCBhZGRyZXNzJywgWydpbXBvcnQnLCAnYWRkcmVzcycsICdodHRwOi8vMTI3LjAuMC4xOjkvdjEvYmVydGhzP3F1YXk9bm9ydGgnLCAnLS1hcycsICdpbXBvcnRlZCddXSxcbiAgWydzZWNyZXQgbGlzdCcsIFsnc2VjcmV0JywgJ2xpc3QnXV0sXG4gIFsnZWNobyBsaXN0JywgWydlY2hvJywgJ2xpc3QnXV0sXG4gIFsnZWNobyBzaG93JywgWydlY2hvJywgJ3Nob3cnXV0sXG4gIFsnZWNobyBwcnVuZScsIFsnZWNobycsICdwcnVuZScsICctLWtlZXAnLCAnMjAwJ11dLFxuICBbJ2xpc3QnLCBbJ2xpc3QnXV0sXG4gIFsnY2hlY2snLCBbJ2NoZWNrJ11dLFxuXTtcbmZvciAoY29uc3QgW25hbWUsIGFyZ3NdIG9mIHNpbmdsZSkge1xuICB0ZXN0KGAke2FyZ3Muc2xpY2UoMCwgMikuam9pbignICcpfSAtLWpzb25gLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWy4uLmFyZ3MsICctLWpzb24nXSwgeyBjd2QsIGVudiB9KTtcbiAgICBjb25zdCBsaW5lcyA9IGRvY3VtZW50TGluZXMoZW5kZWQpO1xuICAgIGFzc2VydC5lcXVhbChsaW5lcy5sZW5ndGgsIDEsIGVuZGVkLmVycik7XG4gICAgaG9sZHMobmFtZSwgbGluZXNbMF0pO1xuICB9KTtcbn1cblxudGVzdCgncnVuIC0tanNvbiBwcmludHMgYSBkb2N1bWVudCBhbiBldmVudCcsIGFzeW5jICgpID0+IHtcbiAgZm9yIChjb25zdCBhcmdzIG9mIFtcbiAgICBbJ3J1bicsICdiZXJ0aC1zdGF5JywgJy0tc2V0JywgJ25ldy1uaWdodHM9NDAnXSxcbiAgICBbJ3J1bicsICdyZWdpc3Rlci1jaGVjayddLFxuICAgIFsncnVuJywgJy0tdW5kbycsICdsYXN0J10sXG4gICAgWydzZXNzaW9uJywgJ2Nsb3NlJywgJ2FnZW50J10sXG4gICAgWydydW4nLCAnYmVydGgtc3RheSddLFxuICAgIFsncnVuJywgJ2RyZWRnZScsICctLW1hdHJpeCddLFxuICAgIFsncnVuJywgJy0tdW5kbycsICdsYXN0J10sXG4gICAgWydydW4nLCAndHJpYWdlJ10sXG4gICAgWydydW4nLCAnbGlnaHRzLWNoYW5nZSddLFxuICAgIFsncnVuJywgJ2xvZ2Jvb2stY291bnQnXSxcbiAgICBbJ3J1bicsICdub3RpY2VzLWhhcnZlc3QnXSxcbiAgXSkge1xuICAgIGlmIChhcmdzWzBdID09PSAnc2Vzc2lvbicpIHtcbiAgICAgIGF3YWl0IGVjaG9UcmFpbChhcmdzLCB7IGN3ZCwgZW52IH0pO1xuICAgICAgY29udGludWU7XG4gICAgfVxuICAgIGZvciAoY29uc3QgbGluZSBvZiBkb2N1bWVudExpbmVzKGF3YWl0IGVjaG9UcmFpbChbLi4uYXJncywgJy0tanNvbiddLCB7IGN3ZCwgZW52IH0pKSkge1xuICAgICAgY29uc3QgZXZlbnQgPSBTdHJpbmcobGluZS5ldmVudCkucmVwbGFjZSgnLScsICcgJyk7XG4gICAgICBob2xkcyhgcnVuICR7ZXZlbnQuc3RhcnRzV2l0aCgnc2Vzc2lvbicpID8gJ3Nlc3Npb24nIDogZXZlbnR9YCBhcyBrZXlvZiB0eXBlb2YgZG9jdW1lbnRzLCBsaW5lKTtcbiAgICB9XG4gIH1cbn0pO1xuXG50ZXN0KCdldmVyeSBzY2hlbWEgd2FzIG1ldCcsICgpID0+IHtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBPYmplY3Qua2V5cyhkb2N1bWVudHMpLmZpbHRlcigobmFtZSkgPT4gIXNlZW4uaGFzKG5hbWUpKSxcbiAgICBbXSxcbiAgKTtcbn0pO1xuIiwgIi8qKiBUaGUgbWFjaGluZS1yZWFkYWJsZSBkb2N1bWVudHMgb2YgYC0tanNvbmAsIG9uZSBzY2hlbWEgYSBjb21tYW5kLiBUaGVpciBKU09OIFNjaGVtYXMgYXJlIGluIHNjaGVtYXMvb3V0cHV0Ly4gKi9cbmltcG9ydCAqIGFzIHogZnJvbSAnem9kL21pbmknO1xuaW1wb3J0IHsgZWNobyB9IGZyb20gJy4uL2NvcmUvZWNoby9lY2hvLmpzJztcbmltcG9ydCB7IGRpZmZlcmVuY2UsIHBhZ2VzLCBwcm9ibGVtLCBzZXNzaW9uLCB2ZXJkaWN0IH0gZnJvbSAnLi9kb2N1bWVudHMvcGllY2VzLmpzJztcbmltcG9ydCB7IHJ1bkRvY3VtZW50cyB9IGZyb20gJy4vZG9jdW1lbnRzL3J1bi5qcyc7XG5cbmNvbnN0IHNvdXJjZSA9IHouc3RyaWN0T2JqZWN0KHtcbiAgbmFtZTogei5zdHJpbmcoKSxcbiAgZm9ybWF0OiB6LnN0cmluZygpLFxuICB2ZXJzaW9uOiB6LnN0cmluZygpLFxuICB0aXRsZTogei5zdHJpbmcoKSxcbiAgb3BlcmF0aW9uczogei5udW1iZXIoKSxcbiAgdHlwZXM6IHoubnVtYmVyKCksXG4gIHNlcnZlcnM6IHouYXJyYXkoXG4gICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgdXJsOiB6LnN0cmluZygpLFxuICAgICAgZGVzY3JpcHRpb246IHoubnVsbGFibGUoei5zdHJpbmcoKSksXG4gICAgICB2YXJpYWJsZXM6IHouYXJyYXkoei5zdHJpY3RPYmplY3QoeyBuYW1lOiB6LnN0cmluZygpLCBkZWZhdWx0OiB6LnN0cmluZygpLCBhbGxvd2VkOiB6LmFycmF5KHouc3RyaW5nKCkpIH0pKSxcbiAgICB9KSxcbiAgKSxcbiAgd2ViaG9va3M6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gIHdhcm5pbmdzOiB6LmFycmF5KHouc3RyaWN0T2JqZWN0KHsgYXQ6IHouc3RyaW5nKCksIHdoYXQ6IHouc3RyaW5nKCkgfSkpLFxuICBmaWxlOiB6LnN0cmluZygpLFxuICBzb3VyY2U6IHoubnVsbGFibGUoei5zdHJpbmcoKSksXG4gIGZldGNoZWQ6IHoubnVsbGFibGUoei5zdHJpbmcoKSksXG59KTtcblxuY29uc3QgZm91bmQgPSB6LnN0cmljdE9iamVjdCh7XG4gIG9wZXJhdGlvbjogei5zdHJpbmcoKSxcbiAgbWV0aG9kOiB6LnN0cmluZygpLFxuICBwYXRoOiB6LnN0cmluZygpLFxuICBzdW1tYXJ5OiB6Lm51bGxhYmxlKHouc3RyaW5nKCkpLFxuICBzY29yZTogei5udW1iZXIoKSxcbiAgaW46IHouYXJyYXkoei5zdHJpbmcoKSksXG59KTtcblxuY29uc3QgbmFtZWQgPSB6LnN0cmljdE9iamVjdCh7IG5hbWU6IHouc3RyaW5nKCksIHZhbHVlOiB6LmFueSgpLCBvcmlnaW46IHouc3RyaW5nKCkgfSk7XG5jb25zdCBsaW5lID0gei5zdHJpY3RPYmplY3QoeyBuYW1lOiB6LnN0cmluZygpLCB2YWx1ZTogei5zdHJpbmcoKSwgb3JpZ2luOiB6LnN0cmluZygpIH0pO1xuXG5leHBvcnQgY29uc3QgZG9jdW1lbnRzID0ge1xuICBpbml0OiB6LnN0cmljdE9iamVjdCh7IGZvbGRlcjogei5zdHJpbmcoKSwgZmlsZXM6IHouYXJyYXkoei5zdHJpbmcoKSkgfSksXG4gICdkb2NzIGFkZCc6IHNvdXJjZSxcbiAgJ2RvY3MgbGlzdCc6IHouc3RyaWN0T2JqZWN0KHsgc291cmNlczogei5hcnJheShzb3VyY2UpIH0pLFxuICAnZG9jcyBmaW5kJzogei5zdHJpY3RPYmplY3Qoe1xuICAgIHdvcmRzOiB6LmFycmF5KHouc3RyaW5nKCkpLFxuICAgIGNvbXBsZXRlOiB6LmJvb2xlYW4oKSxcbiAgICByZWFkOiB6LnJlY29yZCh6LnN0cmluZygpLCB6LnN0cmluZygpKSxcbiAgICBvcGVyYXRpb25zOiB6LmFycmF5KGZvdW5kKSxcbiAgfSksXG4gICdkb2NzIHNob3cnOiB6LnN0cmljdE9iamVjdCh7XG4gICAgb3BlcmF0aW9uOiB6Lm9wdGlvbmFsKHoucmVjb3JkKHouc3RyaW5nKCksIHouYW55KCkpKSxcbiAgICB0eXBlOiB6Lm9wdGlvbmFsKHoucmVjb3JkKHouc3RyaW5nKCksIHouYW55KCkpKSxcbiAgfSksXG4gICdkb2NzIHJlZnJlc2gnOiB6LnN0cmljdE9iamVjdCh7XG4gICAgYWNjZXB0ZWQ6IHouYm9vbGVhbigpLFxuICAgIHNvdXJjZXM6IHouYXJyYXkoXG4gICAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICAgIHNvdXJjZTogei5zdHJpbmcoKSxcbiAgICAgICAgb3BlcmF0aW9uczogei5hcnJheShcbiAgICAgICAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICAgICAgICBvcGVyYXRpb246IHouc3RyaW5nKCksXG4gICAgICAgICAgICBraW5kOiB6LmVudW0oWydhZGRlZCcsICdyZW1vdmVkJywgJ2NoYW5nZWQnXSksXG4gICAgICAgICAgICBmaWVsZHM6IHouYXJyYXkoXG4gICAgICAgICAgICAgIHouc3RyaWN0T2JqZWN0KHsgYXQ6IHouc3RyaW5nKCksIGtpbmQ6IHouc3RyaW5nKCksIHdoYXQ6IHouc3RyaW5nKCksIGJyZWFrczogei5ib29sZWFuKCkgfSksXG4gICAgICAgICAgICApLFxuICAgICAgICAgICAgcmVxdWVzdHM6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgICAgICAgICB0cmFpbHM6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgICAgICAgfSksXG4gICAgICAgICksXG4gICAgICB9KSxcbiAgICApLFxuICB9KSxcbiAgJ2RvY3MgdHJlZSc6IHouc3RyaWN0T2JqZWN0KHsgc291cmNlczogei5hcnJheSh6LnN0cmljdE9iamVjdCh7IHNvdXJjZTogei5zdHJpbmcoKSwgdHJlZTogei5hcnJheSh6LmFueSgpKSB9KSkgfSksXG4gIGRyYWZ0OiB6LnN0cmljdE9iamVjdCh7XG4gICAgcmVxdWVzdDogei5zdHJpbmcoKSxcbiAgICBmaWxlOiB6LnN0cmluZygpLFxuICAgIG9wZXJhdGlvbjogei5zdHJpbmcoKSxcbiAgICAvKiogVGhlIGZpbGUgb2YgdGhlIHNpZ25hdHVyZSB0aGF0IHdhcyBwcm9wb3NlZC4gKi9cbiAgICBzaWduYXR1cmU6IHoubnVsbGFibGUoei5zdHJpbmcoKSksXG4gIH0pLFxuICAnZG9jcyBhc2snOiB6LnN0cmljdE9iamVjdCh7XG4gICAgcGFyYW1ldGVyczogei5hcnJheShcbiAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgcGFyYW1ldGVyOiB6LnN0cmluZygpLFxuICAgICAgICBmcm9tOiB6LnN0cmluZygpLFxuICAgICAgICBhc2tlZDogei5zdHJpbmcoKSxcbiAgICAgICAgdmFsdWVzOiB6Lm9wdGlvbmFsKHouYXJyYXkoei51bmlvbihbei5zdHJpbmcoKSwgei5udW1iZXIoKSwgei5ib29sZWFuKCldKSkpLFxuICAgICAgICBmaWVsZHM6IHoub3B0aW9uYWwoei5hcnJheSh6LnN0cmluZygpKSksXG4gICAgICAgIG9wZXJhdG9yczogei5vcHRpb25hbCh6LmFycmF5KHouc3RyaW5nKCkpKSxcbiAgICAgICAgY2hhbmdlZDogei5ib29sZWFuKCksXG4gICAgICB9KSxcbiAgICApLFxuICB9KSxcbiAgJ2ltcG9ydCBhZGRyZXNzJzogei5zdHJpY3RPYmplY3Qoe1xuICAgIGZpbGU6IHouc3RyaW5nKCksXG4gICAgcGF0aDogei5zdHJpbmcoKSxcbiAgICBxdWVyeTogei5hcnJheSh6LnN0cmljdE9iamVjdCh7IG5hbWU6IHouc3RyaW5nKCksIHZhbHVlOiB6LnN0cmluZygpIH0pKSxcbiAgICBqb2luZWQ6IHouc3RyaW5nKCksXG4gIH0pLFxuICBmb2xsb3c6IHouc3RyaWN0T2JqZWN0KHtcbiAgICBlY2hvOiB6LnN0cmluZygpLFxuICAgIGxpbmtzOiB6LmFycmF5KFxuICAgICAgei5zdHJpY3RPYmplY3QoeyBudW1iZXI6IHoubnVtYmVyKCksIHVybDogei5zdHJpbmcoKSwgYXQ6IHouc3RyaW5nKCksIGFib3V0OiB6Lm51bGxhYmxlKHouc3RyaW5nKCkpIH0pLFxuICAgICksXG4gIH0pLFxuICBjb21wYXJlOiB6LnN0cmljdE9iamVjdCh7XG4gICAgc2FtZTogei5ib29sZWFuKCksXG4gICAgZGlmZmVyZW5jZXM6IHouYXJyYXkoZGlmZmVyZW5jZSksXG4gIH0pLFxuICAnZW52IG1ha2UnOiB6LnN0cmljdE9iamVjdCh7IG5hbWU6IHouc3RyaW5nKCksIGZpbGU6IHouc3RyaW5nKCksIG9yaWdpbjogei5zdHJpbmcoKSB9KSxcbiAgJ2VudiBsaXN0Jzogei5zdHJpY3RPYmplY3Qoe1xuICAgIGVudmlyb25tZW50czogei5hcnJheShcbiAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgbmFtZTogei5zdHJpbmcoKSxcbiAgICAgICAgYWJvdXQ6IHoubnVsbGFibGUoei5zdHJpbmcoKSksXG4gICAgICAgIGNob3Nlbjogei5ib29sZWFuKCksXG4gICAgICAgIGNoYW5nZXM6IHouc3RyaW5nKCksXG4gICAgICAgIG9yaWdpbjogei5udWxsYWJsZSh6LnN0cmluZygpKSxcbiAgICAgIH0pLFxuICAgICksXG4gIH0pLFxuICAnZW52IHNob3cnOiB6LnN0cmljdE9iamVjdCh7XG4gICAgbmFtZTogei5zdHJpbmcoKSxcbiAgICBjaGFuZ2VzOiB6LnN0cmluZygpLFxuICAgIGhvc3RzOiB6LmFycmF5KHouc3RyaW5nKCkpLFxuICAgIG5hbWVzOiB6LmFycmF5KG5hbWVkKSxcbiAgICBoZWxkOiB6LmFycmF5KG5hbWVkKSxcbiAgfSksXG4gICdzZWNyZXQgbGlzdCc6IHouc3RyaWN0T2JqZWN0KHtcbiAgICBzZWNyZXRzOiB6LmFycmF5KHouc3RyaWN0T2JqZWN0KHsgbmFtZTogei5zdHJpbmcoKSwgZW52aXJvbm1lbnQ6IHoubnVsbGFibGUoei5zdHJpbmcoKSkgfSkpLFxuICB9KSxcbiAgJ3Nlc3Npb24gbGlzdCc6IHouc3RyaWN0T2JqZWN0KHsgc2Vzc2lvbnM6IHouYXJyYXkoc2Vzc2lvbikgfSksXG4gICdzZXNzaW9uIHNob3cnOiBzZXNzaW9uLFxuICBwcmV2aWV3OiB6LnN0cmljdE9iamVjdCh7XG4gICAgbWV0aG9kOiB6LnN0cmluZygpLFxuICAgIHVybDogei5zdHJpbmcoKSxcbiAgICBxdWVyeTogei5hcnJheSh6LnN0cmljdE9iamVjdCh7IG5hbWU6IHouc3RyaW5nKCksIHZhbHVlOiB6LnN0cmluZygpIH0pKSxcbiAgICBoZWFkZXJzOiB6LmFycmF5KGxpbmUpLFxuICAgIGJvZHk6IHoubnVsbGFibGUoei5zdHJpY3RPYmplY3QoeyB0eXBlOiB6LnN0cmluZygpLCBzaXplOiB6Lm51bWJlcigpLCB0ZXh0OiB6LnN0cmluZygpIH0pKSxcbiAgICBuYW1lczogei5hcnJheShuYW1lZCksXG4gICAgZG91YnRzOiB6LmFycmF5KHouc3RyaW5nKCkpLFxuICAgIG9wZW5zOiB6LmFycmF5KHouc3RyaW5nKCkpLFxuICAgIHNpZ25hdHVyZTogei5udWxsYWJsZShcbiAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgbmFtZTogei5zdHJpbmcoKSxcbiAgICAgICAgc3RlcHM6IHouYXJyYXkoXG4gICAgICAgICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgICAgICAgbmFtZTogei5zdHJpbmcoKSxcbiAgICAgICAgICAgIHBhcnQ6IHouZW51bShbJ3ZhbHVlJywgJ2hlYWRlcicsICdxdWVyeScsICdib2R5J10pLFxuICAgICAgICAgICAgc2VjcmV0OiB6LmJvb2xlYW4oKSxcbiAgICAgICAgICAgIHZhbHVlOiB6Lm51bGxhYmxlKHouc3RyaW5nKCkpLFxuICAgICAgICAgIH0pLFxuICAgICAgICApLFxuICAgICAgfSksXG4gICAgKSxcbiAgICBhZ2FpbnN0OiB6Lm9wdGlvbmFsKFxuICAgICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgICBuYW1lOiB6LnN0cmluZygpLFxuICAgICAgICBzYW1lOiB6LmJvb2xlYW4oKSxcbiAgICAgICAgZGlmZmVyZW5jZTogei5udWxsYWJsZShcbiAgICAgICAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICAgICAgICBsaW5lOiB6Lm51bWJlcigpLFxuICAgICAgICAgICAgY29sdW1uOiB6Lm51bWJlcigpLFxuICAgICAgICAgICAgb3Vyczogei5udWxsYWJsZSh6LnN0cmluZygpKSxcbiAgICAgICAgICAgIHRoZWlyczogei5udWxsYWJsZSh6LnN0cmluZygpKSxcbiAgICAgICAgICAgIGNhdXNlOiB6Lm51bGxhYmxlKHouc3RyaW5nKCkpLFxuICAgICAgICAgIH0pLFxuICAgICAgICApLFxuICAgICAgfSksXG4gICAgKSxcbiAgfSksXG4gIHNlbmQ6IHouc3RyaWN0T2JqZWN0KHtcbiAgICBvazogei5ib29sZWFuKCksXG4gICAgcmVxdWVzdDogei5udWxsYWJsZSh6LnN0cmluZygpKSxcbiAgICBtZXRob2Q6IHouc3RyaW5nKCksXG4gICAgdXJsOiB6LnN0cmluZygpLFxuICAgIHN0YXR1czogei5udWxsYWJsZSh6Lm51bWJlcigpKSxcbiAgICByZWFzb246IHoubnVsbGFibGUoei5zdHJpbmcoKSksXG4gICAgaGVhZGVyczogei5hcnJheSh6LnR1cGxlKFt6LnN0cmluZygpLCB6LnN0cmluZygpXSkpLFxuICAgIGJvZHk6IHouYW55KCksXG4gICAgcGhhc2VzOiB6LnJlY29yZCh6LnN0cmluZygpLCB6Lm51bWJlcigpKSxcbiAgICBzaXplOiB6Lm51bWJlcigpLFxuICAgIGZpbmFsVXJsOiB6Lm51bGxhYmxlKHouc3RyaW5nKCkpLFxuICAgIGV4cGVjdGF0aW9uczogei5hcnJheSh2ZXJkaWN0KSxcbiAgICBrZXB0OiB6LnJlY29yZCh6LnN0cmluZygpLCB6LmFueSgpKSxcbiAgICBkb3VidHM6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgcmVmdXNhbDogei5vcHRpb25hbChcbiAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAga2luZDogei5lbnVtKFsncmVmdXNlZCcsICdmb3JiaWRkZW4nXSksXG4gICAgICAgIHNlbnQ6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgICAgIHNhaWQ6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgICAgIGNsb2NrOiB6Lm51bGxhYmxlKHouc3RyaW5nKCkpLFxuICAgICAgICByZW1lZGllczogei5hcnJheSh6LnN0cmluZygpKSxcbiAgICAgIH0pLFxuICAgICksXG4gICAgcGFnZXM6IHoub3B0aW9uYWwocGFnZXMpLFxuICAgIHVuZG9jdW1lbnRlZDogei5hcnJheSh6LnN0cmljdE9iamVjdCh7IGF0OiB6LnN0cmluZygpLCB3aGF0OiB6LnN0cmluZygpIH0pKSxcbiAgICBhZ2FpbnN0RG9jczogei5vcHRpb25hbCh6LmFycmF5KHouc3RyaWN0T2JqZWN0KHsgYXQ6IHouc3RyaW5nKCksIHdoYXQ6IHouc3RyaW5nKCkgfSkpKSxcbiAgICBwcm9ibGVtczogei5hcnJheShwcm9ibGVtKSxcbiAgICBlY2hvOiB6LnN0cmluZygpLFxuICB9KSxcbiAgLi4ucnVuRG9jdW1lbnRzLFxuICAnZWNobyBsaXN0Jzogei5zdHJpY3RPYmplY3Qoe1xuICAgIGVjaG9lczogei5hcnJheShcbiAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgaWQ6IHouc3RyaW5nKCksXG4gICAgICAgIGF0OiB6LnN0cmluZygpLFxuICAgICAgICBlbnZpcm9ubWVudDogei5zdHJpbmcoKSxcbiAgICAgICAgcmVxdWVzdDogei5udWxsYWJsZSh6LnN0cmluZygpKSxcbiAgICAgICAgbWV0aG9kOiB6LnN0cmluZygpLFxuICAgICAgICB1cmw6IHouc3RyaW5nKCksXG4gICAgICAgIHN0YXR1czogei5udWxsYWJsZSh6Lm51bWJlcigpKSxcbiAgICAgICAgdGltZTogei5udWxsYWJsZSh6Lm51bWJlcigpKSxcbiAgICAgICAgb2s6IHouYm9vbGVhbigpLFxuICAgICAgfSksXG4gICAgKSxcbiAgfSksXG4gICdlY2hvIHNob3cnOiBlY2hvLFxuICAnZWNobyBwcnVuZSc6IHouc3RyaWN0T2JqZWN0KHsgZWNob2VzOiB6Lm51bWJlcigpLCBqb3VybmFsczogei5udW1iZXIoKSB9KSxcbiAgbGlzdDogei5zdHJpY3RPYmplY3Qoe1xuICAgIHJlcXVlc3RzOiB6LmFycmF5KHouc3RyaW5nKCkpLFxuICAgIHRyYWlsczogei5hcnJheSh6LnN0cmluZygpKSxcbiAgICBlbnZpcm9ubWVudHM6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgc2Vzc2lvbnM6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgc2lnbmF0dXJlczogei5hcnJheSh6LnN0cmluZygpKSxcbiAgfSksXG4gIGNoZWNrOiB6LnN0cmljdE9iamVjdCh7XG4gICAgZmlsZXM6IHoubnVtYmVyKCksXG4gICAgZXJyb3JzOiB6Lm51bWJlcigpLFxuICAgIHdhcm5pbmdzOiB6Lm51bWJlcigpLFxuICAgIGZpbmRpbmdzOiB6LmFycmF5KFxuICAgICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgICBydWxlOiB6LnN0cmluZygpLFxuICAgICAgICBzZXZlcml0eTogei5lbnVtKFsnZXJyb3InLCAnd2FybmluZyddKSxcbiAgICAgICAgZmlsZTogei5zdHJpbmcoKSxcbiAgICAgICAgbGluZTogei5udWxsYWJsZSh6Lm51bWJlcigpKSxcbiAgICAgICAgY29sdW1uOiB6Lm51bGxhYmxlKHoubnVtYmVyKCkpLFxuICAgICAgICB3aGF0OiB6LnN0cmluZygpLFxuICAgICAgICByZW1lZHk6IHoubnVsbGFibGUoei5zdHJpbmcoKSksXG4gICAgICB9KSxcbiAgICApLFxuICB9KSxcbn0gYXMgY29uc3Q7XG5cbmV4cG9ydCB0eXBlIERvY3VtZW50cyA9IHsgW0sgaW4ga2V5b2YgdHlwZW9mIGRvY3VtZW50c106IHouaW5mZXI8KHR5cGVvZiBkb2N1bWVudHMpW0tdPiB9O1xuIiwgIi8qKiBQaWVjZXMgdGhhdCB0aGUgZG9jdW1lbnRzIG9mIHNldmVyYWwgY29tbWFuZHMgc2hhcmUuICovXG5pbXBvcnQgKiBhcyB6IGZyb20gJ3pvZC9taW5pJztcblxuZXhwb3J0IHsgZGlmZmVyZW5jZSwgdmVyZGljdCB9IGZyb20gJy4uLy4uL2NvcmUvZWNoby9lY2hvLmpzJztcbmV4cG9ydCB7IGJyaWVmUHJvYmxlbSBhcyBwcm9ibGVtIH0gZnJvbSAnLi4vLi4vY29yZS9wcm9ibGVtL2JyaWVmLmpzJztcblxuZXhwb3J0IGNvbnN0IHBhZ2VzID0gei5zdHJpY3RPYmplY3Qoe1xuICBwYWdlczogei5udW1iZXIoKSxcbiAgaXRlbXM6IHoubnVtYmVyKCksXG4gIC8qKiBBcyB0aGUgdmVuZG9yIGFubm91bmNlZCBpdC4gKi9cbiAgdG90YWw6IHoubnVsbGFibGUoei5udW1iZXIoKSksXG4gIC8qKiBXaHkgbm90IGFsbCBvZiB0aGVtIHdlcmUgcmVhZC4gKi9cbiAgcGFydGlhbDogei5udWxsYWJsZSh6LnN0cmluZygpKSxcbn0pO1xuXG5leHBvcnQgY29uc3Qgc2Vzc2lvbiA9IHouc3RyaWN0T2JqZWN0KHtcbiAgbmFtZTogei5zdHJpbmcoKSxcbiAga2luZDogei5zdHJpbmcoKSxcbiAgb3Blbjogei5ib29sZWFuKCksXG4gIG9wZW5lZDogei5udWxsYWJsZSh6LnN0cmluZygpKSxcbiAgZXhwaXJlczogei5udWxsYWJsZSh6LnN0cmluZygpKSxcbiAgcmVuZXdhYmxlOiB6LmJvb2xlYW4oKSxcbiAgY2xhaW1zOiB6Lm51bGxhYmxlKHoucmVjb3JkKHouc3RyaW5nKCksIHoudW5rbm93bigpKSksXG59KTtcbiIsICIvKiogVGhlIGRvY3VtZW50cyBvZiBgcnVuIC0tanNvbmA6IGEgbGluZSBhbiBldmVudCwgYSBzdW1tYXJ5IGFzIHRoZSBsYXN0LiAqL1xuaW1wb3J0ICogYXMgeiBmcm9tICd6b2QvbWluaSc7XG5pbXBvcnQgeyBkaWZmZXJlbmNlLCBwYWdlcywgcHJvYmxlbSwgdmVyZGljdCB9IGZyb20gJy4vcGllY2VzLmpzJztcblxuZXhwb3J0IGNvbnN0IHJ1bkRvY3VtZW50cyA9IHtcbiAgJ3J1biBzdGVwJzogei5zdHJpY3RPYmplY3Qoe1xuICAgIGV2ZW50OiB6LmxpdGVyYWwoJ3N0ZXAnKSxcbiAgICBzdGVwOiB6LnN0cmluZygpLFxuICAgIGtpbmQ6IHouc3RyaW5nKCksXG4gICAgc3RhdGU6IHouc3RyaW5nKCksXG4gICAgZGVwdGg6IHoubnVtYmVyKCksXG4gICAgcm93OiB6Lm51bGxhYmxlKHoubnVtYmVyKCkpLFxuICAgIG1lbWJlcjogei5udWxsYWJsZSh6LnN0cmluZygpKSxcbiAgICBlbnZpcm9ubWVudDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICBtZXRob2Q6IHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAgdXJsOiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAgIC8qKiAwIHdoZXJlIG5vdGhpbmcgd2FzIHNlbnQuICovXG4gICAgdHJpZXM6IHoub3B0aW9uYWwoei5udW1iZXIoKSksXG4gICAgc3RhdHVzOiB6Lm51bGxhYmxlKHoub3B0aW9uYWwoei5udW1iZXIoKSkpLFxuICAgIHRpbWU6IHoubnVsbGFibGUoei5vcHRpb25hbCh6Lm51bWJlcigpKSksXG4gICAgZXhwZWN0YXRpb25zOiB6LnN0cmljdE9iamVjdCh7IG1ldDogei5udW1iZXIoKSwgZmFpbGVkOiB6LmFycmF5KHZlcmRpY3QpIH0pLFxuICAgIGtlcHQ6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgcHJvYmxlbXM6IHouYXJyYXkocHJvYmxlbSksXG4gICAgcGFnZXM6IHoub3B0aW9uYWwocGFnZXMpLFxuICAgIHNlZW46IHoub3B0aW9uYWwoei5zdHJpY3RPYmplY3QoeyBhc2tlZDogei5udW1iZXIoKSwgdmFsdWVzOiB6LmFycmF5KHouc3RyaW5nKCkpIH0pKSxcbiAgICBjaG9zZW46IHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAgZGlmZmVyZW5jZXM6IHoub3B0aW9uYWwoei5hcnJheShkaWZmZXJlbmNlKSksXG4gICAgbWVtYmVyczogei5vcHRpb25hbCh6LnN0cmljdE9iamVjdCh7IG9rOiB6Lm51bWJlcigpLCBmYWlsZWQ6IHoubnVtYmVyKCksIHBhc3NlZDogei5udW1iZXIoKSB9KSksXG4gICAgdW5rbm93bjogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICBlY2hvOiB6Lm51bGxhYmxlKHouc3RyaW5nKCkpLFxuICB9KSxcbiAgJ3J1biB1bmRvJzogei5zdHJpY3RPYmplY3Qoe1xuICAgIGV2ZW50OiB6LmxpdGVyYWwoJ3VuZG8nKSxcbiAgICByZXF1ZXN0OiB6LnN0cmluZygpLFxuICAgIHN0ZXA6IHouc3RyaW5nKCksXG4gICAgc3RhdGU6IHouc3RyaW5nKCksXG4gICAgcm93OiB6Lm51bGxhYmxlKHoubnVtYmVyKCkpLFxuICAgIGVudmlyb25tZW50OiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAgIHByb2JsZW06IHoubnVsbGFibGUocHJvYmxlbSksXG4gIH0pLFxuICAncnVuIHJvdyc6IHouc3RyaWN0T2JqZWN0KHtcbiAgICBldmVudDogei5saXRlcmFsKCdyb3cnKSxcbiAgICByb3c6IHoubnVtYmVyKCksXG4gICAgbGFiZWw6IHouc3RyaW5nKCksXG4gICAgb2s6IHouYm9vbGVhbigpLFxuICAgIGVudmlyb25tZW50OiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAgIHByb2JsZW06IHoubnVsbGFibGUocHJvYmxlbSksXG4gIH0pLFxuICAncnVuIHdhaXRpbmcnOiB6LnN0cmljdE9iamVjdCh7XG4gICAgZXZlbnQ6IHoubGl0ZXJhbCgnd2FpdGluZycpLFxuICAgIGhvc3Q6IHouc3RyaW5nKCksXG4gICAgLyoqIE1pbGxpc2Vjb25kcy4gKi9cbiAgICB3YWl0OiB6Lm51bWJlcigpLFxuICAgIHdoeTogei5zdHJpbmcoKSxcbiAgICAvKiogV2hldGhlciB0aGUgc2VydmVyIHNhaWQgaG93IGxvbmcuICovXG4gICAgdG9sZDogei5ib29sZWFuKCksXG4gICAgZW52aXJvbm1lbnQ6IHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gIH0pLFxuICAncnVuIHRhYmxlJzogei5zdHJpY3RPYmplY3Qoe1xuICAgIGV2ZW50OiB6LmxpdGVyYWwoJ3RhYmxlJyksXG4gICAgc3RlcDogei5zdHJpbmcoKSxcbiAgICBjb2x1bW5zOiB6LmFycmF5KHouc3RyaW5nKCkpLFxuICAgIC8qKiBPZiBhIGxvbmcgdGFibGUgdGhlIGJlZ2lubmluZy4gKi9cbiAgICByb3dzOiB6LmFycmF5KHoucmVjb3JkKHouc3RyaW5nKCksIHouYW55KCkpKSxcbiAgICBjb3VudDogei5udW1iZXIoKSxcbiAgICB0bzogei5udWxsYWJsZSh6LnN0cmluZygpKSxcbiAgICBlbnZpcm9ubWVudDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgfSksXG4gICdydW4gbWF0cml4Jzogei5zdHJpY3RPYmplY3Qoe1xuICAgIGV2ZW50OiB6LmxpdGVyYWwoJ21hdHJpeCcpLFxuICAgIGNoZWNrczogei5hcnJheSh6LnN0cmluZygpKSxcbiAgICBzdWJqZWN0czogei5hcnJheSh6LnN0cmljdE9iamVjdCh7IG5hbWU6IHouc3RyaW5nKCksIHJlc3VsdHM6IHoucmVjb3JkKHouc3RyaW5nKCksIHouc3RyaW5nKCkpIH0pKSxcbiAgICBkZXZpYXRpb25zOiB6LmFycmF5KFxuICAgICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgICBzdWJqZWN0OiB6LnN0cmluZygpLFxuICAgICAgICBjaGVjazogei5zdHJpbmcoKSxcbiAgICAgICAgcGxhY2U6IHouc3RyaW5nKCksXG4gICAgICAgIGV4cGVjdGVkOiB6LnN0cmluZygpLFxuICAgICAgICBmb3VuZDogei5zdHJpbmcoKSxcbiAgICAgICAgLyoqIEVtcHR5IHdoZXJlIG5vdGhpbmcgd2FzIGV4Y2hhbmdlZC4gKi9cbiAgICAgICAgZWNobzogei5zdHJpbmcoKSxcbiAgICAgIH0pLFxuICAgICksXG4gIH0pLFxuICAncnVuIHVuZG8gc3VtbWFyeSc6IHouc3RyaWN0T2JqZWN0KHtcbiAgICBldmVudDogei5saXRlcmFsKCd1bmRvLXN1bW1hcnknKSxcbiAgICBydW46IHouc3RyaW5nKCksXG4gICAgdW5kb25lOiB6Lm51bWJlcigpLFxuICAgIG5vdFVuZG9uZTogei5udW1iZXIoKSxcbiAgfSksXG4gICdydW4gc2Vzc2lvbic6IHouc3RyaWN0T2JqZWN0KHtcbiAgICBldmVudDogei5lbnVtKFsnc2Vzc2lvbi1vcGVuZWQnLCAnc2Vzc2lvbi1jbG9zZWQnXSksXG4gICAgc2Vzc2lvbjogei5zdHJpbmcoKSxcbiAgICBlbnZpcm9ubWVudDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICBwcm9ibGVtOiB6Lm51bGxhYmxlKHByb2JsZW0pLFxuICB9KSxcbiAgJ3J1biBzdW1tYXJ5Jzogei5zdHJpY3RPYmplY3Qoe1xuICAgIGV2ZW50OiB6LmxpdGVyYWwoJ3N1bW1hcnknKSxcbiAgICBydW46IHouc3RyaW5nKCksXG4gICAgd2Fsa2VkOiB6LnN0cmluZygpLFxuICAgIG9rOiB6LmJvb2xlYW4oKSxcbiAgICBpbnRlcnJ1cHRlZDogei5ib29sZWFuKCksXG4gICAgZW52aXJvbm1lbnQ6IHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAgLyoqIGBiZWZvcmVgOiBob3cgbWFueSBvZiB0aGVtIGFuIGVhcmxpZXIgY29tbWFuZCB3YWxrZWQuICovXG4gICAgcm93czogei5udWxsYWJsZSh6LnN0cmljdE9iamVjdCh7IG9rOiB6Lm51bWJlcigpLCBmYWlsZWQ6IHoubnVtYmVyKCksIGJlZm9yZTogei5udW1iZXIoKSB9KSksXG4gICAgc3RlcHM6IHouc3RyaWN0T2JqZWN0KHsgb2s6IHoubnVtYmVyKCksIGZhaWxlZDogei5udW1iZXIoKSwgc2tpcHBlZDogei5udW1iZXIoKSB9KSxcbiAgICBleHBlY3RhdGlvbnM6IHouc3RyaWN0T2JqZWN0KHsgbWV0OiB6Lm51bWJlcigpLCBmYWlsZWQ6IHoubnVtYmVyKCkgfSksXG4gICAgcmVmdXNlZDogei5udW1iZXIoKSxcbiAgICB0cmllZEFnYWluOiB6Lm51bWJlcigpLFxuICAgIC8qKiBNaWxsaXNlY29uZHMgdGhhdCBob3N0cyB3ZXJlIGxlZnQgYWxvbmUgZm9yLiAqL1xuICAgIHdhaXRlZDogei5udW1iZXIoKSxcbiAgICB1bmRvbmU6IHoubnVtYmVyKCksXG4gICAgbm90VW5kb25lOiB6LmFycmF5KHouc3RyaW5nKCkpLFxuICAgIGluRG91YnQ6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgdGltZTogei5udW1iZXIoKSxcbiAgICBwcm9ibGVtOiB6Lm51bGxhYmxlKHByb2JsZW0pLFxuICB9KSxcbn0gYXMgY29uc3Q7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLE9BQU8sWUFBWTtBQUNuQixTQUFTLFlBQVk7OztBQ0RyQixZQUFZQSxRQUFPOzs7QUNBbkIsWUFBWSxPQUFPO0FBS1osSUFBTSxRQUFVLGVBQWE7QUFBQSxFQUNsQyxPQUFTLFNBQU87QUFBQSxFQUNoQixPQUFTLFNBQU87QUFBQTtBQUFBLEVBRWhCLE9BQVMsV0FBVyxTQUFPLENBQUM7QUFBQTtBQUFBLEVBRTVCLFNBQVcsV0FBVyxTQUFPLENBQUM7QUFDaEMsQ0FBQztBQUVNLElBQU0sVUFBWSxlQUFhO0FBQUEsRUFDcEMsTUFBUSxTQUFPO0FBQUEsRUFDZixNQUFRLFNBQU87QUFBQSxFQUNmLE1BQVEsVUFBUTtBQUFBLEVBQ2hCLFFBQVUsV0FBVyxTQUFPLENBQUM7QUFBQSxFQUM3QixTQUFXLFdBQVcsU0FBTyxDQUFDO0FBQUEsRUFDOUIsV0FBYSxVQUFRO0FBQUEsRUFDckIsUUFBVSxXQUFXLFNBQVMsU0FBTyxHQUFLLFVBQVEsQ0FBQyxDQUFDO0FBQ3RELENBQUM7OztBQ3RCRCxZQUFZQyxRQUFPO0FBR1osSUFBTSxlQUFlO0FBQUEsRUFDMUIsWUFBYyxnQkFBYTtBQUFBLElBQ3pCLE9BQVMsV0FBUSxNQUFNO0FBQUEsSUFDdkIsTUFBUSxVQUFPO0FBQUEsSUFDZixNQUFRLFVBQU87QUFBQSxJQUNmLE9BQVMsVUFBTztBQUFBLElBQ2hCLE9BQVMsVUFBTztBQUFBLElBQ2hCLEtBQU8sWUFBVyxVQUFPLENBQUM7QUFBQSxJQUMxQixRQUFVLFlBQVcsVUFBTyxDQUFDO0FBQUEsSUFDN0IsYUFBZSxZQUFXLFVBQU8sQ0FBQztBQUFBLElBQ2xDLFFBQVUsWUFBVyxVQUFPLENBQUM7QUFBQSxJQUM3QixLQUFPLFlBQVcsVUFBTyxDQUFDO0FBQUE7QUFBQSxJQUUxQixPQUFTLFlBQVcsVUFBTyxDQUFDO0FBQUEsSUFDNUIsUUFBVSxZQUFXLFlBQVcsVUFBTyxDQUFDLENBQUM7QUFBQSxJQUN6QyxNQUFRLFlBQVcsWUFBVyxVQUFPLENBQUMsQ0FBQztBQUFBLElBQ3ZDLGNBQWdCLGdCQUFhLEVBQUUsS0FBTyxVQUFPLEdBQUcsUUFBVSxTQUFNLE9BQU8sRUFBRSxDQUFDO0FBQUEsSUFDMUUsTUFBUSxTQUFRLFVBQU8sQ0FBQztBQUFBLElBQ3hCLFVBQVksU0FBTSxZQUFPO0FBQUEsSUFDekIsT0FBUyxZQUFTLEtBQUs7QUFBQSxJQUN2QixNQUFRLFlBQVcsZ0JBQWEsRUFBRSxPQUFTLFVBQU8sR0FBRyxRQUFVLFNBQVEsVUFBTyxDQUFDLEVBQUUsQ0FBQyxDQUFDO0FBQUEsSUFDbkYsUUFBVSxZQUFXLFVBQU8sQ0FBQztBQUFBLElBQzdCLGFBQWUsWUFBVyxTQUFNLFVBQVUsQ0FBQztBQUFBLElBQzNDLFNBQVcsWUFBVyxnQkFBYSxFQUFFLElBQU0sVUFBTyxHQUFHLFFBQVUsVUFBTyxHQUFHLFFBQVUsVUFBTyxFQUFFLENBQUMsQ0FBQztBQUFBLElBQzlGLFNBQVcsWUFBVyxVQUFPLENBQUM7QUFBQSxJQUM5QixNQUFRLFlBQVcsVUFBTyxDQUFDO0FBQUEsRUFDN0IsQ0FBQztBQUFBLEVBQ0QsWUFBYyxnQkFBYTtBQUFBLElBQ3pCLE9BQVMsV0FBUSxNQUFNO0FBQUEsSUFDdkIsU0FBVyxVQUFPO0FBQUEsSUFDbEIsTUFBUSxVQUFPO0FBQUEsSUFDZixPQUFTLFVBQU87QUFBQSxJQUNoQixLQUFPLFlBQVcsVUFBTyxDQUFDO0FBQUEsSUFDMUIsYUFBZSxZQUFXLFVBQU8sQ0FBQztBQUFBLElBQ2xDLFNBQVcsWUFBUyxZQUFPO0FBQUEsRUFDN0IsQ0FBQztBQUFBLEVBQ0QsV0FBYSxnQkFBYTtBQUFBLElBQ3hCLE9BQVMsV0FBUSxLQUFLO0FBQUEsSUFDdEIsS0FBTyxVQUFPO0FBQUEsSUFDZCxPQUFTLFVBQU87QUFBQSxJQUNoQixJQUFNLFdBQVE7QUFBQSxJQUNkLGFBQWUsWUFBVyxVQUFPLENBQUM7QUFBQSxJQUNsQyxTQUFXLFlBQVMsWUFBTztBQUFBLEVBQzdCLENBQUM7QUFBQSxFQUNELGVBQWlCLGdCQUFhO0FBQUEsSUFDNUIsT0FBUyxXQUFRLFNBQVM7QUFBQSxJQUMxQixNQUFRLFVBQU87QUFBQTtBQUFBLElBRWYsTUFBUSxVQUFPO0FBQUEsSUFDZixLQUFPLFVBQU87QUFBQTtBQUFBLElBRWQsTUFBUSxXQUFRO0FBQUEsSUFDaEIsYUFBZSxZQUFXLFVBQU8sQ0FBQztBQUFBLEVBQ3BDLENBQUM7QUFBQSxFQUNELGFBQWUsZ0JBQWE7QUFBQSxJQUMxQixPQUFTLFdBQVEsT0FBTztBQUFBLElBQ3hCLE1BQVEsVUFBTztBQUFBLElBQ2YsU0FBVyxTQUFRLFVBQU8sQ0FBQztBQUFBO0FBQUEsSUFFM0IsTUFBUSxTQUFRLFVBQVMsVUFBTyxHQUFLLE9BQUksQ0FBQyxDQUFDO0FBQUEsSUFDM0MsT0FBUyxVQUFPO0FBQUEsSUFDaEIsSUFBTSxZQUFXLFVBQU8sQ0FBQztBQUFBLElBQ3pCLGFBQWUsWUFBVyxVQUFPLENBQUM7QUFBQSxFQUNwQyxDQUFDO0FBQUEsRUFDRCxjQUFnQixnQkFBYTtBQUFBLElBQzNCLE9BQVMsV0FBUSxRQUFRO0FBQUEsSUFDekIsUUFBVSxTQUFRLFVBQU8sQ0FBQztBQUFBLElBQzFCLFVBQVksU0FBUSxnQkFBYSxFQUFFLE1BQVEsVUFBTyxHQUFHLFNBQVcsVUFBUyxVQUFPLEdBQUssVUFBTyxDQUFDLEVBQUUsQ0FBQyxDQUFDO0FBQUEsSUFDakcsWUFBYztBQUFBLE1BQ1YsZ0JBQWE7QUFBQSxRQUNiLFNBQVcsVUFBTztBQUFBLFFBQ2xCLE9BQVMsVUFBTztBQUFBLFFBQ2hCLE9BQVMsVUFBTztBQUFBLFFBQ2hCLFVBQVksVUFBTztBQUFBLFFBQ25CLE9BQVMsVUFBTztBQUFBO0FBQUEsUUFFaEIsTUFBUSxVQUFPO0FBQUEsTUFDakIsQ0FBQztBQUFBLElBQ0g7QUFBQSxFQUNGLENBQUM7QUFBQSxFQUNELG9CQUFzQixnQkFBYTtBQUFBLElBQ2pDLE9BQVMsV0FBUSxjQUFjO0FBQUEsSUFDL0IsS0FBTyxVQUFPO0FBQUEsSUFDZCxRQUFVLFVBQU87QUFBQSxJQUNqQixXQUFhLFVBQU87QUFBQSxFQUN0QixDQUFDO0FBQUEsRUFDRCxlQUFpQixnQkFBYTtBQUFBLElBQzVCLE9BQVMsUUFBSyxDQUFDLGtCQUFrQixnQkFBZ0IsQ0FBQztBQUFBLElBQ2xELFNBQVcsVUFBTztBQUFBLElBQ2xCLGFBQWUsWUFBVyxVQUFPLENBQUM7QUFBQSxJQUNsQyxTQUFXLFlBQVMsWUFBTztBQUFBLEVBQzdCLENBQUM7QUFBQSxFQUNELGVBQWlCLGdCQUFhO0FBQUEsSUFDNUIsT0FBUyxXQUFRLFNBQVM7QUFBQSxJQUMxQixLQUFPLFVBQU87QUFBQSxJQUNkLFFBQVUsVUFBTztBQUFBLElBQ2pCLElBQU0sV0FBUTtBQUFBLElBQ2QsYUFBZSxXQUFRO0FBQUEsSUFDdkIsYUFBZSxZQUFXLFVBQU8sQ0FBQztBQUFBO0FBQUEsSUFFbEMsTUFBUSxZQUFXLGdCQUFhLEVBQUUsSUFBTSxVQUFPLEdBQUcsUUFBVSxVQUFPLEdBQUcsUUFBVSxVQUFPLEVBQUUsQ0FBQyxDQUFDO0FBQUEsSUFDM0YsT0FBUyxnQkFBYSxFQUFFLElBQU0sVUFBTyxHQUFHLFFBQVUsVUFBTyxHQUFHLFNBQVcsVUFBTyxFQUFFLENBQUM7QUFBQSxJQUNqRixjQUFnQixnQkFBYSxFQUFFLEtBQU8sVUFBTyxHQUFHLFFBQVUsVUFBTyxFQUFFLENBQUM7QUFBQSxJQUNwRSxTQUFXLFVBQU87QUFBQSxJQUNsQixZQUFjLFVBQU87QUFBQTtBQUFBLElBRXJCLFFBQVUsVUFBTztBQUFBLElBQ2pCLFFBQVUsVUFBTztBQUFBLElBQ2pCLFdBQWEsU0FBUSxVQUFPLENBQUM7QUFBQSxJQUM3QixTQUFXLFNBQVEsVUFBTyxDQUFDO0FBQUEsSUFDM0IsTUFBUSxVQUFPO0FBQUEsSUFDZixTQUFXLFlBQVMsWUFBTztBQUFBLEVBQzdCLENBQUM7QUFDSDs7O0FGL0dBLElBQU0sU0FBVyxnQkFBYTtBQUFBLEVBQzVCLE1BQVEsVUFBTztBQUFBLEVBQ2YsUUFBVSxVQUFPO0FBQUEsRUFDakIsU0FBVyxVQUFPO0FBQUEsRUFDbEIsT0FBUyxVQUFPO0FBQUEsRUFDaEIsWUFBYyxVQUFPO0FBQUEsRUFDckIsT0FBUyxVQUFPO0FBQUEsRUFDaEIsU0FBVztBQUFBLElBQ1AsZ0JBQWE7QUFBQSxNQUNiLEtBQU8sVUFBTztBQUFBLE1BQ2QsYUFBZSxZQUFXLFVBQU8sQ0FBQztBQUFBLE1BQ2xDLFdBQWEsU0FBUSxnQkFBYSxFQUFFLE1BQVEsVUFBTyxHQUFHLFNBQVcsVUFBTyxHQUFHLFNBQVcsU0FBUSxVQUFPLENBQUMsRUFBRSxDQUFDLENBQUM7QUFBQSxJQUM1RyxDQUFDO0FBQUEsRUFDSDtBQUFBLEVBQ0EsVUFBWSxTQUFRLFVBQU8sQ0FBQztBQUFBLEVBQzVCLFVBQVksU0FBUSxnQkFBYSxFQUFFLElBQU0sVUFBTyxHQUFHLE1BQVEsVUFBTyxFQUFFLENBQUMsQ0FBQztBQUFBLEVBQ3RFLE1BQVEsVUFBTztBQUFBLEVBQ2YsUUFBVSxZQUFXLFVBQU8sQ0FBQztBQUFBLEVBQzdCLFNBQVcsWUFBVyxVQUFPLENBQUM7QUFDaEMsQ0FBQztBQUVELElBQU0sUUFBVSxnQkFBYTtBQUFBLEVBQzNCLFdBQWEsVUFBTztBQUFBLEVBQ3BCLFFBQVUsVUFBTztBQUFBLEVBQ2pCLE1BQVEsVUFBTztBQUFBLEVBQ2YsU0FBVyxZQUFXLFVBQU8sQ0FBQztBQUFBLEVBQzlCLE9BQVMsVUFBTztBQUFBLEVBQ2hCLElBQU0sU0FBUSxVQUFPLENBQUM7QUFDeEIsQ0FBQztBQUVELElBQU0sUUFBVSxnQkFBYSxFQUFFLE1BQVEsVUFBTyxHQUFHLE9BQVMsT0FBSSxHQUFHLFFBQVUsVUFBTyxFQUFFLENBQUM7QUFDckYsSUFBTSxPQUFTLGdCQUFhLEVBQUUsTUFBUSxVQUFPLEdBQUcsT0FBUyxVQUFPLEdBQUcsUUFBVSxVQUFPLEVBQUUsQ0FBQztBQUVoRixJQUFNLFlBQVk7QUFBQSxFQUN2QixNQUFRLGdCQUFhLEVBQUUsUUFBVSxVQUFPLEdBQUcsT0FBUyxTQUFRLFVBQU8sQ0FBQyxFQUFFLENBQUM7QUFBQSxFQUN2RSxZQUFZO0FBQUEsRUFDWixhQUFlLGdCQUFhLEVBQUUsU0FBVyxTQUFNLE1BQU0sRUFBRSxDQUFDO0FBQUEsRUFDeEQsYUFBZSxnQkFBYTtBQUFBLElBQzFCLE9BQVMsU0FBUSxVQUFPLENBQUM7QUFBQSxJQUN6QixVQUFZLFdBQVE7QUFBQSxJQUNwQixNQUFRLFVBQVMsVUFBTyxHQUFLLFVBQU8sQ0FBQztBQUFBLElBQ3JDLFlBQWMsU0FBTSxLQUFLO0FBQUEsRUFDM0IsQ0FBQztBQUFBLEVBQ0QsYUFBZSxnQkFBYTtBQUFBLElBQzFCLFdBQWEsWUFBVyxVQUFTLFVBQU8sR0FBSyxPQUFJLENBQUMsQ0FBQztBQUFBLElBQ25ELE1BQVEsWUFBVyxVQUFTLFVBQU8sR0FBSyxPQUFJLENBQUMsQ0FBQztBQUFBLEVBQ2hELENBQUM7QUFBQSxFQUNELGdCQUFrQixnQkFBYTtBQUFBLElBQzdCLFVBQVksV0FBUTtBQUFBLElBQ3BCLFNBQVc7QUFBQSxNQUNQLGdCQUFhO0FBQUEsUUFDYixRQUFVLFVBQU87QUFBQSxRQUNqQixZQUFjO0FBQUEsVUFDVixnQkFBYTtBQUFBLFlBQ2IsV0FBYSxVQUFPO0FBQUEsWUFDcEIsTUFBUSxRQUFLLENBQUMsU0FBUyxXQUFXLFNBQVMsQ0FBQztBQUFBLFlBQzVDLFFBQVU7QUFBQSxjQUNOLGdCQUFhLEVBQUUsSUFBTSxVQUFPLEdBQUcsTUFBUSxVQUFPLEdBQUcsTUFBUSxVQUFPLEdBQUcsUUFBVSxXQUFRLEVBQUUsQ0FBQztBQUFBLFlBQzVGO0FBQUEsWUFDQSxVQUFZLFNBQVEsVUFBTyxDQUFDO0FBQUEsWUFDNUIsUUFBVSxTQUFRLFVBQU8sQ0FBQztBQUFBLFVBQzVCLENBQUM7QUFBQSxRQUNIO0FBQUEsTUFDRixDQUFDO0FBQUEsSUFDSDtBQUFBLEVBQ0YsQ0FBQztBQUFBLEVBQ0QsYUFBZSxnQkFBYSxFQUFFLFNBQVcsU0FBUSxnQkFBYSxFQUFFLFFBQVUsVUFBTyxHQUFHLE1BQVEsU0FBUSxPQUFJLENBQUMsRUFBRSxDQUFDLENBQUMsRUFBRSxDQUFDO0FBQUEsRUFDaEgsT0FBUyxnQkFBYTtBQUFBLElBQ3BCLFNBQVcsVUFBTztBQUFBLElBQ2xCLE1BQVEsVUFBTztBQUFBLElBQ2YsV0FBYSxVQUFPO0FBQUE7QUFBQSxJQUVwQixXQUFhLFlBQVcsVUFBTyxDQUFDO0FBQUEsRUFDbEMsQ0FBQztBQUFBLEVBQ0QsWUFBYyxnQkFBYTtBQUFBLElBQ3pCLFlBQWM7QUFBQSxNQUNWLGdCQUFhO0FBQUEsUUFDYixXQUFhLFVBQU87QUFBQSxRQUNwQixNQUFRLFVBQU87QUFBQSxRQUNmLE9BQVMsVUFBTztBQUFBLFFBQ2hCLFFBQVUsWUFBVyxTQUFRLFNBQU0sQ0FBRyxVQUFPLEdBQUssVUFBTyxHQUFLLFdBQVEsQ0FBQyxDQUFDLENBQUMsQ0FBQztBQUFBLFFBQzFFLFFBQVUsWUFBVyxTQUFRLFVBQU8sQ0FBQyxDQUFDO0FBQUEsUUFDdEMsV0FBYSxZQUFXLFNBQVEsVUFBTyxDQUFDLENBQUM7QUFBQSxRQUN6QyxTQUFXLFdBQVE7QUFBQSxNQUNyQixDQUFDO0FBQUEsSUFDSDtBQUFBLEVBQ0YsQ0FBQztBQUFBLEVBQ0Qsa0JBQW9CLGdCQUFhO0FBQUEsSUFDL0IsTUFBUSxVQUFPO0FBQUEsSUFDZixNQUFRLFVBQU87QUFBQSxJQUNmLE9BQVMsU0FBUSxnQkFBYSxFQUFFLE1BQVEsVUFBTyxHQUFHLE9BQVMsVUFBTyxFQUFFLENBQUMsQ0FBQztBQUFBLElBQ3RFLFFBQVUsVUFBTztBQUFBLEVBQ25CLENBQUM7QUFBQSxFQUNELFFBQVUsZ0JBQWE7QUFBQSxJQUNyQixNQUFRLFVBQU87QUFBQSxJQUNmLE9BQVM7QUFBQSxNQUNMLGdCQUFhLEVBQUUsUUFBVSxVQUFPLEdBQUcsS0FBTyxVQUFPLEdBQUcsSUFBTSxVQUFPLEdBQUcsT0FBUyxZQUFXLFVBQU8sQ0FBQyxFQUFFLENBQUM7QUFBQSxJQUN2RztBQUFBLEVBQ0YsQ0FBQztBQUFBLEVBQ0QsU0FBVyxnQkFBYTtBQUFBLElBQ3RCLE1BQVEsV0FBUTtBQUFBLElBQ2hCLGFBQWUsU0FBTSxVQUFVO0FBQUEsRUFDakMsQ0FBQztBQUFBLEVBQ0QsWUFBYyxnQkFBYSxFQUFFLE1BQVEsVUFBTyxHQUFHLE1BQVEsVUFBTyxHQUFHLFFBQVUsVUFBTyxFQUFFLENBQUM7QUFBQSxFQUNyRixZQUFjLGdCQUFhO0FBQUEsSUFDekIsY0FBZ0I7QUFBQSxNQUNaLGdCQUFhO0FBQUEsUUFDYixNQUFRLFVBQU87QUFBQSxRQUNmLE9BQVMsWUFBVyxVQUFPLENBQUM7QUFBQSxRQUM1QixRQUFVLFdBQVE7QUFBQSxRQUNsQixTQUFXLFVBQU87QUFBQSxRQUNsQixRQUFVLFlBQVcsVUFBTyxDQUFDO0FBQUEsTUFDL0IsQ0FBQztBQUFBLElBQ0g7QUFBQSxFQUNGLENBQUM7QUFBQSxFQUNELFlBQWMsZ0JBQWE7QUFBQSxJQUN6QixNQUFRLFVBQU87QUFBQSxJQUNmLFNBQVcsVUFBTztBQUFBLElBQ2xCLE9BQVMsU0FBUSxVQUFPLENBQUM7QUFBQSxJQUN6QixPQUFTLFNBQU0sS0FBSztBQUFBLElBQ3BCLE1BQVEsU0FBTSxLQUFLO0FBQUEsRUFDckIsQ0FBQztBQUFBLEVBQ0QsZUFBaUIsZ0JBQWE7QUFBQSxJQUM1QixTQUFXLFNBQVEsZ0JBQWEsRUFBRSxNQUFRLFVBQU8sR0FBRyxhQUFlLFlBQVcsVUFBTyxDQUFDLEVBQUUsQ0FBQyxDQUFDO0FBQUEsRUFDNUYsQ0FBQztBQUFBLEVBQ0QsZ0JBQWtCLGdCQUFhLEVBQUUsVUFBWSxTQUFNLE9BQU8sRUFBRSxDQUFDO0FBQUEsRUFDN0QsZ0JBQWdCO0FBQUEsRUFDaEIsU0FBVyxnQkFBYTtBQUFBLElBQ3RCLFFBQVUsVUFBTztBQUFBLElBQ2pCLEtBQU8sVUFBTztBQUFBLElBQ2QsT0FBUyxTQUFRLGdCQUFhLEVBQUUsTUFBUSxVQUFPLEdBQUcsT0FBUyxVQUFPLEVBQUUsQ0FBQyxDQUFDO0FBQUEsSUFDdEUsU0FBVyxTQUFNLElBQUk7QUFBQSxJQUNyQixNQUFRLFlBQVcsZ0JBQWEsRUFBRSxNQUFRLFVBQU8sR0FBRyxNQUFRLFVBQU8sR0FBRyxNQUFRLFVBQU8sRUFBRSxDQUFDLENBQUM7QUFBQSxJQUN6RixPQUFTLFNBQU0sS0FBSztBQUFBLElBQ3BCLFFBQVUsU0FBUSxVQUFPLENBQUM7QUFBQSxJQUMxQixPQUFTLFNBQVEsVUFBTyxDQUFDO0FBQUEsSUFDekIsV0FBYTtBQUFBLE1BQ1QsZ0JBQWE7QUFBQSxRQUNiLE1BQVEsVUFBTztBQUFBLFFBQ2YsT0FBUztBQUFBLFVBQ0wsZ0JBQWE7QUFBQSxZQUNiLE1BQVEsVUFBTztBQUFBLFlBQ2YsTUFBUSxRQUFLLENBQUMsU0FBUyxVQUFVLFNBQVMsTUFBTSxDQUFDO0FBQUEsWUFDakQsUUFBVSxXQUFRO0FBQUEsWUFDbEIsT0FBUyxZQUFXLFVBQU8sQ0FBQztBQUFBLFVBQzlCLENBQUM7QUFBQSxRQUNIO0FBQUEsTUFDRixDQUFDO0FBQUEsSUFDSDtBQUFBLElBQ0EsU0FBVztBQUFBLE1BQ1AsZ0JBQWE7QUFBQSxRQUNiLE1BQVEsVUFBTztBQUFBLFFBQ2YsTUFBUSxXQUFRO0FBQUEsUUFDaEIsWUFBYztBQUFBLFVBQ1YsZ0JBQWE7QUFBQSxZQUNiLE1BQVEsVUFBTztBQUFBLFlBQ2YsUUFBVSxVQUFPO0FBQUEsWUFDakIsTUFBUSxZQUFXLFVBQU8sQ0FBQztBQUFBLFlBQzNCLFFBQVUsWUFBVyxVQUFPLENBQUM7QUFBQSxZQUM3QixPQUFTLFlBQVcsVUFBTyxDQUFDO0FBQUEsVUFDOUIsQ0FBQztBQUFBLFFBQ0g7QUFBQSxNQUNGLENBQUM7QUFBQSxJQUNIO0FBQUEsRUFDRixDQUFDO0FBQUEsRUFDRCxNQUFRLGdCQUFhO0FBQUEsSUFDbkIsSUFBTSxXQUFRO0FBQUEsSUFDZCxTQUFXLFlBQVcsVUFBTyxDQUFDO0FBQUEsSUFDOUIsUUFBVSxVQUFPO0FBQUEsSUFDakIsS0FBTyxVQUFPO0FBQUEsSUFDZCxRQUFVLFlBQVcsVUFBTyxDQUFDO0FBQUEsSUFDN0IsUUFBVSxZQUFXLFVBQU8sQ0FBQztBQUFBLElBQzdCLFNBQVcsU0FBUSxTQUFNLENBQUcsVUFBTyxHQUFLLFVBQU8sQ0FBQyxDQUFDLENBQUM7QUFBQSxJQUNsRCxNQUFRLE9BQUk7QUFBQSxJQUNaLFFBQVUsVUFBUyxVQUFPLEdBQUssVUFBTyxDQUFDO0FBQUEsSUFDdkMsTUFBUSxVQUFPO0FBQUEsSUFDZixVQUFZLFlBQVcsVUFBTyxDQUFDO0FBQUEsSUFDL0IsY0FBZ0IsU0FBTSxPQUFPO0FBQUEsSUFDN0IsTUFBUSxVQUFTLFVBQU8sR0FBSyxPQUFJLENBQUM7QUFBQSxJQUNsQyxRQUFVLFNBQVEsVUFBTyxDQUFDO0FBQUEsSUFDMUIsU0FBVztBQUFBLE1BQ1AsZ0JBQWE7QUFBQSxRQUNiLE1BQVEsUUFBSyxDQUFDLFdBQVcsV0FBVyxDQUFDO0FBQUEsUUFDckMsTUFBUSxTQUFRLFVBQU8sQ0FBQztBQUFBLFFBQ3hCLE1BQVEsU0FBUSxVQUFPLENBQUM7QUFBQSxRQUN4QixPQUFTLFlBQVcsVUFBTyxDQUFDO0FBQUEsUUFDNUIsVUFBWSxTQUFRLFVBQU8sQ0FBQztBQUFBLE1BQzlCLENBQUM7QUFBQSxJQUNIO0FBQUEsSUFDQSxPQUFTLFlBQVMsS0FBSztBQUFBLElBQ3ZCLGNBQWdCLFNBQVEsZ0JBQWEsRUFBRSxJQUFNLFVBQU8sR0FBRyxNQUFRLFVBQU8sRUFBRSxDQUFDLENBQUM7QUFBQSxJQUMxRSxhQUFlLFlBQVcsU0FBUSxnQkFBYSxFQUFFLElBQU0sVUFBTyxHQUFHLE1BQVEsVUFBTyxFQUFFLENBQUMsQ0FBQyxDQUFDO0FBQUEsSUFDckYsVUFBWSxTQUFNLFlBQU87QUFBQSxJQUN6QixNQUFRLFVBQU87QUFBQSxFQUNqQixDQUFDO0FBQUEsRUFDRCxHQUFHO0FBQUEsRUFDSCxhQUFlLGdCQUFhO0FBQUEsSUFDMUIsUUFBVTtBQUFBLE1BQ04sZ0JBQWE7QUFBQSxRQUNiLElBQU0sVUFBTztBQUFBLFFBQ2IsSUFBTSxVQUFPO0FBQUEsUUFDYixhQUFlLFVBQU87QUFBQSxRQUN0QixTQUFXLFlBQVcsVUFBTyxDQUFDO0FBQUEsUUFDOUIsUUFBVSxVQUFPO0FBQUEsUUFDakIsS0FBTyxVQUFPO0FBQUEsUUFDZCxRQUFVLFlBQVcsVUFBTyxDQUFDO0FBQUEsUUFDN0IsTUFBUSxZQUFXLFVBQU8sQ0FBQztBQUFBLFFBQzNCLElBQU0sV0FBUTtBQUFBLE1BQ2hCLENBQUM7QUFBQSxJQUNIO0FBQUEsRUFDRixDQUFDO0FBQUEsRUFDRCxhQUFhO0FBQUEsRUFDYixjQUFnQixnQkFBYSxFQUFFLFFBQVUsVUFBTyxHQUFHLFVBQVksVUFBTyxFQUFFLENBQUM7QUFBQSxFQUN6RSxNQUFRLGdCQUFhO0FBQUEsSUFDbkIsVUFBWSxTQUFRLFVBQU8sQ0FBQztBQUFBLElBQzVCLFFBQVUsU0FBUSxVQUFPLENBQUM7QUFBQSxJQUMxQixjQUFnQixTQUFRLFVBQU8sQ0FBQztBQUFBLElBQ2hDLFVBQVksU0FBUSxVQUFPLENBQUM7QUFBQSxJQUM1QixZQUFjLFNBQVEsVUFBTyxDQUFDO0FBQUEsRUFDaEMsQ0FBQztBQUFBLEVBQ0QsT0FBUyxnQkFBYTtBQUFBLElBQ3BCLE9BQVMsVUFBTztBQUFBLElBQ2hCLFFBQVUsVUFBTztBQUFBLElBQ2pCLFVBQVksVUFBTztBQUFBLElBQ25CLFVBQVk7QUFBQSxNQUNSLGdCQUFhO0FBQUEsUUFDYixNQUFRLFVBQU87QUFBQSxRQUNmLFVBQVksUUFBSyxDQUFDLFNBQVMsU0FBUyxDQUFDO0FBQUEsUUFDckMsTUFBUSxVQUFPO0FBQUEsUUFDZixNQUFRLFlBQVcsVUFBTyxDQUFDO0FBQUEsUUFDM0IsUUFBVSxZQUFXLFVBQU8sQ0FBQztBQUFBLFFBQzdCLE1BQVEsVUFBTztBQUFBLFFBQ2YsUUFBVSxZQUFXLFVBQU8sQ0FBQztBQUFBLE1BQy9CLENBQUM7QUFBQSxJQUNIO0FBQUEsRUFDRixDQUFDO0FBQ0g7OztBRDFPQSxJQUFNLFVBQVUsTUFBTSxtQkFBbUI7QUFDekMsSUFBTSxNQUFNLGVBQWUsUUFBUSxNQUFNO0FBQ3pDLElBQU0sTUFBTSxFQUFFLGlDQUFpQyxRQUFRLFlBQVksU0FBUztBQUM1RSxJQUFNLE9BQU8sb0JBQUksSUFBWTtBQUU3QixTQUFTLE1BQU0sTUFBOEIsT0FBc0I7QUFDakUsUUFBTSxTQUFTLFVBQVUsSUFBSSxFQUFFLFVBQVUsS0FBSztBQUM5QyxTQUFPLEdBQUcsT0FBTyxTQUFTLEdBQUcsSUFBSSxLQUFLLEtBQUssVUFBVSxPQUFPLE9BQU8sTUFBTSxDQUFDO0FBQUEsRUFBSyxLQUFLLFVBQVUsS0FBSyxDQUFDLEVBQUU7QUFDdEcsT0FBSyxJQUFJLElBQUk7QUFDZjtBQUVBLElBQU0sU0FBd0Y7QUFBQSxFQUM1RixDQUFDLFFBQVEsQ0FBQyxRQUFRLGdCQUFnQixDQUFDLENBQUM7QUFBQSxFQUNwQyxDQUFDLFlBQVksQ0FBQyxRQUFRLE9BQU8sR0FBRyxRQUFRLE1BQU0saUJBQWlCLFVBQVUsTUFBTSxDQUFDO0FBQUEsRUFDaEYsQ0FBQyxhQUFhLENBQUMsUUFBUSxNQUFNLENBQUM7QUFBQSxFQUM5QixDQUFDLGFBQWEsQ0FBQyxRQUFRLFFBQVEsT0FBTyxDQUFDO0FBQUEsRUFDdkMsQ0FBQyxhQUFhLENBQUMsUUFBUSxRQUFRLGtCQUFrQixDQUFDO0FBQUEsRUFDbEQsQ0FBQyxhQUFhLENBQUMsUUFBUSxRQUFRLFVBQVUsZ0JBQWdCLENBQUM7QUFBQSxFQUMxRCxDQUFDLGFBQWEsQ0FBQyxRQUFRLE1BQU0sQ0FBQztBQUFBLEVBQzlCLENBQUMsZ0JBQWdCLENBQUMsUUFBUSxXQUFXLE1BQU0sQ0FBQztBQUFBLEVBQzVDLENBQUMsU0FBUyxDQUFDLFNBQVMsb0JBQW9CLFFBQVEsZUFBZSxDQUFDO0FBQUEsRUFDaEUsQ0FBQyxZQUFZLENBQUMsUUFBUSxLQUFLLENBQUM7QUFBQSxFQUM1QixDQUFDLFlBQVksQ0FBQyxPQUFPLFFBQVEsU0FBUyxZQUFZLFFBQVEsTUFBTSxDQUFDO0FBQUEsRUFDakUsQ0FBQyxZQUFZLENBQUMsT0FBTyxNQUFNLENBQUM7QUFBQSxFQUM1QixDQUFDLFlBQVksQ0FBQyxPQUFPLE1BQU0sQ0FBQztBQUFBLEVBQzVCLENBQUMsZ0JBQWdCLENBQUMsV0FBVyxNQUFNLENBQUM7QUFBQSxFQUNwQyxDQUFDLGdCQUFnQixDQUFDLFdBQVcsUUFBUSxPQUFPLENBQUM7QUFBQSxFQUM3QyxDQUFDLFdBQVcsQ0FBQyxXQUFXLFlBQVksQ0FBQztBQUFBLEVBQ3JDLENBQUMsUUFBUSxDQUFDLFFBQVEsWUFBWSxDQUFDO0FBQUEsRUFDL0IsQ0FBQyxRQUFRLENBQUMsUUFBUSxPQUFPLHFCQUFxQixDQUFDO0FBQUEsRUFDL0MsQ0FBQyxRQUFRLENBQUMsUUFBUSxPQUFPLFFBQVEsQ0FBQztBQUFBLEVBQ2xDLENBQUMsVUFBVSxDQUFDLFFBQVEsQ0FBQztBQUFBLEVBQ3JCLENBQUMsV0FBVyxDQUFDLFdBQVcsUUFBUSxNQUFNLENBQUM7QUFBQSxFQUN2QyxDQUFDLGtCQUFrQixDQUFDLFVBQVUsV0FBVywyQ0FBMkMsUUFBUSxVQUFVLENBQUM7QUFBQSxFQUN2RyxDQUFDLGVBQWUsQ0FBQyxVQUFVLE1BQU0sQ0FBQztBQUFBLEVBQ2xDLENBQUMsYUFBYSxDQUFDLFFBQVEsTUFBTSxDQUFDO0FBQUEsRUFDOUIsQ0FBQyxhQUFhLENBQUMsUUFBUSxNQUFNLENBQUM7QUFBQSxFQUM5QixDQUFDLGNBQWMsQ0FBQyxRQUFRLFNBQVMsVUFBVSxLQUFLLENBQUM7QUFBQSxFQUNqRCxDQUFDLFFBQVEsQ0FBQyxNQUFNLENBQUM7QUFBQSxFQUNqQixDQUFDLFNBQVMsQ0FBQyxPQUFPLENBQUM7QUFDckI7QUFDQSxXQUFXLENBQUMsTUFBTSxJQUFJLEtBQUssUUFBUTtBQUNqQyxPQUFLLEdBQUcsS0FBSyxNQUFNLEdBQUcsQ0FBQyxFQUFFLEtBQUssR0FBRyxDQUFDLFdBQVcsWUFBWTtBQUN2RCxVQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsR0FBRyxNQUFNLFFBQVEsR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQy9ELFVBQU0sUUFBUSxjQUFjLEtBQUs7QUFDakMsV0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxVQUFNLE1BQU0sTUFBTSxDQUFDLENBQUM7QUFBQSxFQUN0QixDQUFDO0FBQ0g7QUFFQSxLQUFLLHlDQUF5QyxZQUFZO0FBQ3hELGFBQVcsUUFBUTtBQUFBLElBQ2pCLENBQUMsT0FBTyxjQUFjLFNBQVMsZUFBZTtBQUFBLElBQzlDLENBQUMsT0FBTyxnQkFBZ0I7QUFBQSxJQUN4QixDQUFDLE9BQU8sVUFBVSxNQUFNO0FBQUEsSUFDeEIsQ0FBQyxXQUFXLFNBQVMsT0FBTztBQUFBLElBQzVCLENBQUMsT0FBTyxZQUFZO0FBQUEsSUFDcEIsQ0FBQyxPQUFPLFVBQVUsVUFBVTtBQUFBLElBQzVCLENBQUMsT0FBTyxVQUFVLE1BQU07QUFBQSxJQUN4QixDQUFDLE9BQU8sUUFBUTtBQUFBLElBQ2hCLENBQUMsT0FBTyxlQUFlO0FBQUEsSUFDdkIsQ0FBQyxPQUFPLGVBQWU7QUFBQSxJQUN2QixDQUFDLE9BQU8saUJBQWlCO0FBQUEsRUFDM0IsR0FBRztBQUNELFFBQUksS0FBSyxDQUFDLE1BQU0sV0FBVztBQUN6QixZQUFNLFVBQVUsTUFBTSxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQ2xDO0FBQUEsSUFDRjtBQUNBLGVBQVdDLFNBQVEsY0FBYyxNQUFNLFVBQVUsQ0FBQyxHQUFHLE1BQU0sUUFBUSxHQUFHLEVBQUUsS0FBSyxJQUFJLENBQUMsQ0FBQyxHQUFHO0FBQ3BGLFlBQU0sUUFBUSxPQUFPQSxNQUFLLEtBQUssRUFBRSxRQUFRLEtBQUssR0FBRztBQUNqRCxZQUFNLE9BQU8sTUFBTSxXQUFXLFNBQVMsSUFBSSxZQUFZLEtBQUssSUFBOEJBLEtBQUk7QUFBQSxJQUNoRztBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsS0FBSyx3QkFBd0IsTUFBTTtBQUNqQyxTQUFPO0FBQUEsSUFDTCxPQUFPLEtBQUssU0FBUyxFQUFFLE9BQU8sQ0FBQyxTQUFTLENBQUMsS0FBSyxJQUFJLElBQUksQ0FBQztBQUFBLElBQ3ZELENBQUM7QUFBQSxFQUNIO0FBQ0YsQ0FBQzsiLAogICJuYW1lcyI6IFsieiIsICJ6IiwgImxpbmUiXQp9Cg==
