import {
  readSource
} from "./chunk-SLY34PON.js";
import {
  noSecretsInFiles
} from "./chunk-7BJX3LSQ.js";
import {
  findOperation
} from "./chunk-KPXZDYPQ.js";
import {
  namesUsed
} from "./chunk-JTXRQ3DM.js";
import {
  mismatches,
  textMismatch
} from "./chunk-UFHSLVCM.js";
import {
  addressNames
} from "./chunk-G6PY5PV3.js";
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import {
  asProblem
} from "./chunk-FSPVDUAZ.js";
import {
  plain
} from "./chunk-XGDOGID3.js";

// src/core/check/operation-of.ts
function operationOf({ collection }, { content }) {
  if (content.operation === void 0) return void 0;
  try {
    return findOperation(collection, content.operation);
  } catch {
    return void 0;
  }
}

// src/core/check/rules/documents-fit.ts
var documentsFit = {
  name: "documents-fit",
  must: "a GraphQL document fits the schema of its source",
  async *check(checked) {
    for (const request of checked.requests.values()) {
      const { body } = request.content;
      const operation = operationOf(checked, request);
      if (!operation?.graphql || !body || !("graphql" in body)) continue;
      const { documentFaults } = await import("./validate-4NUXBAGQ.js");
      const { main } = await readSource(checked.collection, operation.source);
      const start = request.yaml.position(["body", "graphql", "document"]);
      const behind = /[|>][-+\d]*\s*(?:#.*)?$/.test(request.yaml.line(start) ?? "") ? 0 : 1;
      for (const { what, line } of documentFaults(body.graphql.document, main)) {
        yield {
          severity: "error",
          where: { ...start, ...start.line !== void 0 && { line: start.line + line - behind } },
          what: `the document does not fit the schema: ${what}`,
          remedy: `echo-trail docs show ${operation.source}/${operation.id}`
        };
      }
    }
  }
};

// src/core/check/rules/inputs-used.ts
var inputsUsed = {
  name: "inputs-used",
  must: "every input of a request is used in it",
  *check({ requests }) {
    for (const { content, yaml, name } of requests.values()) {
      const used = new Set(namesUsed({ ...content, inputs: null }).map((use) => use.name));
      for (const input of Object.keys(content.inputs ?? {})) {
        if (used.has(input) || content.url.includes(`{${input}}`) && content.path?.[input] === void 0) continue;
        yield {
          severity: "warning",
          where: yaml.position(["inputs", input], "key"),
          what: `the input ${input} of ${name} is used nowhere in it`,
          remedy: `write \${${input}} where it belongs, or remove it`
        };
      }
    }
  }
};

// src/core/check/trail-steps.ts
function gains(step, { requests, collection }) {
  if ("choose" in step) return [step.choose.as];
  if ("for-each" in step) return step.table?.as === void 0 ? [] : [step.table.as];
  if ("compare" in step) return [];
  const own = Object.keys(step.keep ?? {});
  const sent = "send" in step ? step.send : "poll" in step ? step.poll : void 0;
  if (sent === void 0) return own;
  return [...own, ...Object.keys(requests.get(resolved(collection, sent))?.content.keep ?? {})];
}
function resolved(collection, given) {
  try {
    return collection.resolve("request", given);
  } catch {
    return given;
  }
}
function ownParts(step, path) {
  const own = [];
  const withGained = [];
  const withItem = [];
  const isKeep = !["send", "trail", "poll", "for-each", "choose", "compare"].some((key) => key in step);
  for (const [key, value] of Object.entries(step)) {
    const part = { value, path: [...path, key] };
    if (key === "choose") {
      const { from, label, value: kept } = value;
      own.push({ value: from, path: [...part.path, "from"] });
      withItem.push({ value: label, path: [...part.path, "label"] }, { value: kept, path: [...part.path, "value"] });
    } else if (key === "steps" || key === "table") continue;
    else if (key === "keep" && "trail" in step) continue;
    else if (key === "undo" || key === "keep" && isKeep) withGained.push(part);
    else own.push(part);
  }
  return { own, withGained, withItem };
}
function sentBy(step) {
  const named = [];
  if ("send" in step) named.push(step.send, ...step.undo ? [step.undo.send] : []);
  if ("poll" in step) named.push(step.poll);
  if ("compare" in step) named.push(...step.compare.flatMap((side) => "send" in side ? side.send : []));
  if ("for-each" in step) {
    const members = step["for-each"];
    if (typeof members === "object" && "pages" in members) named.push(members.pages);
    named.push(...step.steps.flatMap(sentBy));
  }
  return named;
}

// src/core/check/rules/kept-values-used.ts
var keptValuesUsed = {
  name: "kept-values-used",
  must: "every value that is kept is used",
  *check(checked) {
    const { requests, trails } = checked;
    const inputs = new Set([...requests.values()].flatMap(({ content }) => Object.keys(content.inputs ?? {})));
    const inTrails = new Set(
      [...trails.values()].flatMap(({ content }) => namesUsed(content).map(({ name }) => name))
    );
    for (const { content, yaml } of requests.values()) {
      for (const name of Object.keys(content.keep ?? {})) {
        if (!inputs.has(name) && !inTrails.has(name)) yield unused(name, yaml.position(["keep", name], "key"));
      }
    }
    for (const { content, yaml } of trails.values()) {
      yield* inSteps(content.steps, ["steps"], content.table, { checked, yaml });
    }
  }
};
function* inSteps(steps, path, table, room) {
  const { checked, yaml } = room;
  for (const [index, step] of steps.entries()) {
    const kept = "keep" in step ? Object.keys(step.keep ?? {}) : [];
    for (const name of kept) {
      if (mentions(table, name) || usedAfter(name, steps.slice(index), checked)) continue;
      yield unused(name, yaml.position([...path, index, "keep", name], "key"));
    }
    if ("for-each" in step) yield* inSteps(step.steps, [...path, index, "steps"], step.table, room);
  }
}
var unused = (name, where) => ({
  severity: "warning",
  where,
  what: `${name} is kept, but nothing uses it`,
  remedy: "remove it, or give the input that it is meant for the same name"
});
var mentions = (part, name) => namesUsed(part ?? null).some((use) => use.name === name);
function usedAfter(name, [own, ...later], { requests, collection }) {
  const takes = (request) => requests.get(resolved(collection, request))?.content.inputs?.[name] !== void 0;
  if (own && "undo" in own && own.undo && (mentions(own.undo, name) || takes(own.undo.send))) return true;
  if (own && "keep" in own && !("send" in own || "trail" in own || "poll" in own) && mentions(own.keep, name))
    return true;
  return later.some(
    (step) => mentions(step, name) || inCondition(step, name) || sentBy(step).some(takes) || "trail" in step
  );
}
function inCondition(step, name) {
  const inSet = (set) => typeof set === "object" && set !== null && Object.entries(set).some(
    ([key, value]) => key.split(/[.[]/, 1)[0] === name || key === "not" && inSet(value) || key === "any" && Array.isArray(value) && value.some(inSet)
  );
  return inSet(step.when) || "for-each" in step && step.steps.some((inner) => inCondition(inner, name));
}

// src/core/check/rules/names-resolve.ts
var parts = ["url", "path", "query", "headers", "cookies", "body", "expect"];
var namesResolve = {
  name: "names-resolve",
  must: "every name that a request uses is an input of it, a variable, or supplied by a session",
  *check({ requests, variables, collection }) {
    const supplied = suppliedBy(collection);
    for (const { name, content, yaml } of requests.values()) {
      const inputs = Object.keys(content.inputs ?? {});
      const known = /* @__PURE__ */ new Set([...inputs, ...variables, ...supplied]);
      const missing = (used, path) => ({
        severity: "error",
        where: yaml.position(path),
        what: `the name ${used} is neither an input of ${name} nor a variable, nor supplied by a session`,
        remedy: nearestHint(used, known)
      });
      for (const part of parts) {
        for (const use of namesUsed(content[part] ?? null, [part])) {
          if (use.name !== "secret" && !known.has(use.name) && !use.optional) yield missing(use.name, use.path);
        }
      }
      for (const [, part] of content.url.replace(/^\$\{[^}]*\}/, "").matchAll(/\{([^{}]*)\}/g)) {
        for (const used of addressNames(part ?? "")) {
          if (inputs.includes(used) || content.path?.[used] !== void 0) continue;
          yield {
            ...missing(used, ["url"]),
            what: `the part {${used}} of the address is neither an input of ${name} nor given under path:`
          };
        }
      }
    }
  }
};
function suppliedBy(collection) {
  return collection.names("session").flatMap((name) => {
    try {
      return Object.keys(collection.read("session", name).content.supply ?? {});
    } catch {
      return [];
    }
  });
}

// src/core/check/rules/no-body-in-get.ts
var noBodyInGet = {
  name: "no-body-in-get",
  must: "a GET or HEAD carries no body",
  *check({ requests }) {
    for (const { content, yaml } of requests.values()) {
      const method = (content.method ?? "GET").toUpperCase();
      if (content.body === void 0 || method !== "GET" && method !== "HEAD") continue;
      const where = content.method === void 0 ? yaml.position(["body"], "key") : yaml.position(["method"]);
      yield {
        severity: "warning",
        where,
        what: `a ${method} carries a body, which many servers ignore or refuse`,
        remedy: content.method === void 0 ? "no method is written, which means GET: was method: POST meant?" : "was method: POST meant?"
      };
    }
  }
};

// src/core/check/rules/operation-matches.ts
var operationMatches = {
  name: "operation-matches",
  must: "a request that names a documented operation has its method, its path and its required parameters",
  *check(checked) {
    for (const request of checked.requests.values()) {
      const { content, yaml } = request;
      if (content.operation === void 0) continue;
      let operation;
      try {
        operation = findOperation(checked.collection, content.operation);
      } catch (error) {
        const { what, remedy } = asProblem(error);
        yield { severity: "error", where: yaml.position(["operation"]), what, remedy };
        continue;
      }
      if (operation.protocol !== "http") {
        yield* otherProtocol(request, operation);
        continue;
      }
      const method = (content.method ?? "GET").toUpperCase();
      if (method !== operation.method) {
        yield {
          severity: "error",
          where: content.method === void 0 ? yaml.position(["url"], "key") : yaml.position(["method"]),
          what: `the method is ${method}${content.method === void 0 ? " (none is written)" : ""}, documented is ${operation.method}`,
          remedy: `method: ${operation.method}`
        };
      }
      const path = pathOf(content.url);
      if (!samePath(path, operation.path)) {
        yield {
          severity: "error",
          where: yaml.position(["url"]),
          what: `the path is ${path}, documented is ${operation.path}`,
          remedy: `url: \${origin}${operation.path}`
        };
      }
      yield* missingParts(request, operation);
    }
  }
};
function* otherProtocol({ content, yaml }, { protocol, soap }) {
  const method = (content.method ?? "GET").toUpperCase();
  if (method !== "POST" && !(protocol === "graphql" && content.body === void 0)) {
    yield {
      severity: "error",
      where: content.method === void 0 ? yaml.position(["url"], "key") : yaml.position(["method"]),
      what: `the method is ${method}, and a ${protocol === "soap" ? "SOAP" : "GraphQL"} call is a POST`,
      remedy: "method: POST"
    };
  }
  const { body } = content;
  if (!soap || !body || !("soap" in body)) return;
  const { version = "1.1", action = "" } = body.soap;
  if (version !== soap.version) {
    yield {
      severity: "error",
      where: yaml.position(["body", "soap", "version"]),
      what: `the version is ${version}, documented for this port is ${soap.version}`,
      remedy: `version: "${soap.version}"`
    };
  }
  if (action.replace(/^"|"$/g, "") !== soap.action) {
    yield {
      severity: "error",
      where: yaml.position(["body", "soap", "action"]),
      what: `the action is ${JSON.stringify(action)}, documented is ${JSON.stringify(soap.action)}`,
      remedy: `action: ${soap.action}`
    };
  }
}
function* missingParts({ content, yaml }, operation) {
  const given = {
    query: /* @__PURE__ */ new Set([
      ...Object.keys(content.query ?? {}),
      ...new URL(`http://x.example${pathOf(content.url, true)}`).searchParams.keys()
    ]),
    header: new Set(Object.keys(content.headers ?? {}).map((name) => name.toLowerCase()))
  };
  for (const parameter of operation.parameters) {
    if (!parameter.required || parameter.in !== "query" && parameter.in !== "header") continue;
    if (given[parameter.in].has(parameter.in === "header" ? parameter.name.toLowerCase() : parameter.name)) continue;
    yield {
      severity: "warning",
      where: yaml.position(["operation"]),
      what: `the documented ${parameter.in} parameter ${parameter.name} is required, and not given`,
      remedy: `add it under ${parameter.in === "query" ? "query" : "headers"}:`
    };
  }
  if (operation.body?.required && content.body === void 0) {
    yield {
      severity: "warning",
      where: yaml.position(["operation"]),
      what: "the documented body is required, and there is none",
      remedy: `echo-trail docs show ${operation.source}/${operation.id}`
    };
  }
  if (content.operation && !operation.body && content.body !== void 0) {
    yield {
      severity: "warning",
      where: yaml.position(["body"], "key"),
      what: "the documented operation takes no body",
      remedy: "remove it"
    };
  }
}
function pathOf(url, withQuery = false) {
  const rest = url.replace(/^\$\{[^}]*\}/, "").replace(/^https?:\/\/[^/]*/i, "");
  const path = withQuery ? rest : rest.replace(/[?#].*$/s, "");
  return path.startsWith("/") ? path : `/${path}`;
}
function samePath(one, other) {
  const shape = (path) => path.replace(/\/+$/, "").replace(/\{[^}]*\}/g, "{}");
  if (shape(one) === shape(other)) return true;
  const parts2 = (path) => path.split("/").filter(Boolean);
  const [a, b] = [parts2(one), parts2(other)];
  return a.length === b.length && a.every((part, index) => part === b[index] || /[{}]/.test(b[index] ?? ""));
}

// src/core/check/rules/trail-names-resolve.ts
import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";
var trailNamesResolve = {
  name: "trail-names-resolve",
  must: "every name that a step uses is known by then",
  *check(checked) {
    for (const trail of checked.trails.values()) {
      const { content, yaml, name } = trail;
      const columns = columnsOf(checked, trail);
      if (content.rows !== void 0 && columns === void 0) continue;
      const known = /* @__PURE__ */ new Set([...Object.keys(content.inputs ?? {}), ...columns ?? [], ...checked.variables]);
      const room = { checked, yaml, trail: name };
      const after = yield* inSteps2(content.steps, ["steps"], known, room);
      yield* unknown(namesIn(content.table?.columns, ["table", "columns"]), after, room);
    }
  }
};
function* inSteps2(steps, path, before, room) {
  const known = new Set(before);
  for (const [index, step] of steps.entries()) {
    const at = [...path, index];
    const gained = gains(step, room.checked);
    const { own, withGained, withItem } = ownParts(step, at);
    yield* unknown(
      own.flatMap(({ value, path: where }) => namesIn(value, where)),
      known,
      room
    );
    yield* unknown(
      withGained.flatMap(({ value, path: where }) => namesIn(value, where)),
      /* @__PURE__ */ new Set([...known, ...gained]),
      room
    );
    yield* unknown(
      withItem.flatMap(({ value, path: where }) => namesIn(value, where)),
      /* @__PURE__ */ new Set([...known, "item"]),
      room
    );
    if ("for-each" in step) {
      const inside = /* @__PURE__ */ new Set([...known, step.as ?? "item"]);
      const after = yield* inSteps2(step.steps, [...at, "steps"], inside, room);
      yield* unknown(namesIn(step.table?.columns, [...at, "table", "columns"]), after, room);
    }
    for (const one of gained) known.add(one);
  }
  return known;
}
var namesIn = (value, path) => namesUsed(value ?? null, path);
function* unknown(uses, known, { yaml, trail }) {
  for (const { name, path, optional } of uses) {
    if (name === "secret" || optional || known.has(name)) continue;
    yield {
      severity: "error",
      where: yaml.position(path),
      what: `the name ${name} is not known at this step of ${trail}`,
      remedy: nearestHint(name, known)
    };
  }
}
function columnsOf({ collection }, { content: { rows } }) {
  if (rows === void 0) return [];
  if (Array.isArray(rows)) return ["row", "value", ...rows.flatMap((row) => Object.keys(row ?? {}))];
  const path = join(collection.root, rows);
  if (!/\.csv$/i.test(rows) || !existsSync(path)) return void 0;
  const [head = ""] = readFileSync(path, "utf8").split(/\r?\n/, 1);
  return [
    "row",
    ...head.replace(/^\uFEFF/, "").split(",").map((name) => name.replace(/^"|"$/g, ""))
  ];
}

// src/core/check/rules/values-documented.ts
var valuesDocumented = {
  name: "values-documented",
  must: "the body, the variables, the query and its filter clauses hold what is documented for them",
  *check(checked) {
    for (const request of checked.requests.values()) {
      const operation = operationOf(checked, request);
      if (!operation) continue;
      yield* inQuery(request, operation);
      yield* inBody(request, operation);
    }
  }
};
var unknown2 = (value) => typeof value === "string" && value.includes("${");
function* inQuery({ content, yaml }, { parameters, protocol }) {
  if (protocol !== "http") return;
  const known = new Map(parameters.filter((one) => one.in === "query").map((one) => [one.name, one]));
  for (const [name, value] of Object.entries(content.query ?? {})) {
    const parameter = known.get(name) ?? known.get(name.replace(/\[[^\]]*\]$/, ""));
    if (!parameter) {
      yield {
        severity: "warning",
        where: yaml.position(["query", name], "key"),
        what: `the query parameter ${name} is not documented`,
        remedy: nearestHint(name, known.keys())
      };
      continue;
    }
    for (const one of Array.isArray(value) ? value : [value]) {
      const bare2 = plain(one);
      if (typeof bare2 === "object" || unknown2(bare2) && !parameter.clauses) continue;
      const what = textMismatch(String(bare2).replace(/\$\{[^}]*\}/g, "0"), parameter);
      if (what !== void 0)
        yield {
          severity: "warning",
          where: yaml.position(["query", name]),
          what: `query ${name} ${what}`,
          remedy: void 0
        };
    }
  }
}
function* inBody({ content, yaml }, operation) {
  const { body } = content;
  const [root, value, fields] = partOf(body, operation);
  if (fields === void 0 || unknown2(value)) return;
  for (const { at, what, path } of mismatches(bare(value), fields, { unknown: unknown2 })) {
    yield {
      severity: "warning",
      where: yaml.position(["body", ...root, ...path]),
      what: `${at.replace(/^\$/, root[0] === "graphql" ? "variables" : "$")} ${what}`,
      remedy: `echo-trail docs show ${operation.source}/${operation.id}`
    };
  }
}
function partOf(body, { protocol, parameters, body: documented }) {
  if (body && "graphql" in body && protocol === "graphql")
    return [["graphql", "variables"], body.graphql.variables ?? {}, parameters];
  const plainShape = documented && /[/+]json\b/.test(documented.type) && !documented.alternatives;
  if (body && "json" in body && plainShape) return [["json"], body.json, documented.fields];
  return [[], void 0, void 0];
}
function bare(value) {
  const scalar = plain(value);
  if (Array.isArray(scalar)) return scalar.map(bare);
  if (typeof scalar !== "object" || scalar === null) return scalar;
  return Object.fromEntries(Object.entries(scalar).map(([key, inner]) => [key, bare(inner)]));
}

// src/core/check/rules/registry.ts
var rules = [
  namesResolve,
  trailNamesResolve,
  operationMatches,
  valuesDocumented,
  documentsFit,
  keptValuesUsed,
  inputsUsed,
  noBodyInGet,
  noSecretsInFiles
];

export {
  rules
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY2hlY2svb3BlcmF0aW9uLW9mLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2NoZWNrL3J1bGVzL2RvY3VtZW50cy1maXQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvY2hlY2svcnVsZXMvaW5wdXRzLXVzZWQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvY2hlY2svdHJhaWwtc3RlcHMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvY2hlY2svcnVsZXMva2VwdC12YWx1ZXMtdXNlZC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9jaGVjay9ydWxlcy9uYW1lcy1yZXNvbHZlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2NoZWNrL3J1bGVzL25vLWJvZHktaW4tZ2V0LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2NoZWNrL3J1bGVzL29wZXJhdGlvbi1tYXRjaGVzLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2NoZWNrL3J1bGVzL3RyYWlsLW5hbWVzLXJlc29sdmUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvY2hlY2svcnVsZXMvdmFsdWVzLWRvY3VtZW50ZWQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvY2hlY2svcnVsZXMvcmVnaXN0cnkudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUgZG9jdW1lbnRlZCBvcGVyYXRpb24gdGhhdCBhIHJlcXVlc3QgbmFtZXM7IG9uZSB0aGF0IGlzIG5vdCBmb3VuZCBpcyB0b2xkIGJ5IGFub3RoZXIgcnVsZS4gKi9cbmltcG9ydCB0eXBlIHsgTG9hZGVkIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9jb2xsZWN0aW9uLmpzJztcbmltcG9ydCB0eXBlIHsgUmVxdWVzdEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL2ZpbGVzL3JlcXVlc3QtZmlsZS5qcyc7XG5pbXBvcnQgeyBmaW5kT3BlcmF0aW9uIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9zb3VyY2UtaW5kZXguanMnO1xuaW1wb3J0IHR5cGUgeyBPcGVyYXRpb24gfSBmcm9tICcuLi9kb2N1bWVudGF0aW9uL21vZGVsLmpzJztcbmltcG9ydCB0eXBlIHsgQ2hlY2tlZCB9IGZyb20gJy4vcnVsZS5qcyc7XG5cbmV4cG9ydCBmdW5jdGlvbiBvcGVyYXRpb25PZih7IGNvbGxlY3Rpb24gfTogQ2hlY2tlZCwgeyBjb250ZW50IH06IExvYWRlZDxSZXF1ZXN0RmlsZT4pOiBPcGVyYXRpb24gfCB1bmRlZmluZWQge1xuICBpZiAoY29udGVudC5vcGVyYXRpb24gPT09IHVuZGVmaW5lZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgdHJ5IHtcbiAgICByZXR1cm4gZmluZE9wZXJhdGlvbihjb2xsZWN0aW9uLCBjb250ZW50Lm9wZXJhdGlvbik7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIH1cbn1cbiIsICIvKipcbiAqIEEgR3JhcGhRTCBkb2N1bWVudCBmaXRzIHRoZSBzY2hlbWEgb2YgaXRzIHNvdXJjZS5cbiAqXG4gKiAgICAgb3BlcmF0aW9uOiBwaWxvdHMvcGlsb3RcbiAqICAgICBib2R5OiB7Z3JhcGhxbDoge2RvY3VtZW50OiBcInF1ZXJ5ICgkaWQ6IElEISkgeyBwaWxvdChpZDogJGlkKSB7IG5hbWUgfSB9XCJ9fSAgICAgIyBob2xkc1xuICovXG5pbXBvcnQgeyByZWFkU291cmNlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9pbmRleGluZy5qcyc7XG5pbXBvcnQgeyBvcGVyYXRpb25PZiB9IGZyb20gJy4uL29wZXJhdGlvbi1vZi5qcyc7XG5pbXBvcnQgdHlwZSB7IFJ1bGUgfSBmcm9tICcuLi9ydWxlLmpzJztcblxuZXhwb3J0IGNvbnN0IGRvY3VtZW50c0ZpdDogUnVsZSA9IHtcbiAgbmFtZTogJ2RvY3VtZW50cy1maXQnLFxuICBtdXN0OiAnYSBHcmFwaFFMIGRvY3VtZW50IGZpdHMgdGhlIHNjaGVtYSBvZiBpdHMgc291cmNlJyxcbiAgYXN5bmMgKmNoZWNrKGNoZWNrZWQpIHtcbiAgICBmb3IgKGNvbnN0IHJlcXVlc3Qgb2YgY2hlY2tlZC5yZXF1ZXN0cy52YWx1ZXMoKSkge1xuICAgICAgY29uc3QgeyBib2R5IH0gPSByZXF1ZXN0LmNvbnRlbnQ7XG4gICAgICBjb25zdCBvcGVyYXRpb24gPSBvcGVyYXRpb25PZihjaGVja2VkLCByZXF1ZXN0KTtcbiAgICAgIGlmICghb3BlcmF0aW9uPy5ncmFwaHFsIHx8ICFib2R5IHx8ICEoJ2dyYXBocWwnIGluIGJvZHkpKSBjb250aW51ZTtcbiAgICAgIGNvbnN0IHsgZG9jdW1lbnRGYXVsdHMgfSA9IGF3YWl0IGltcG9ydCgnLi4vLi4vZG9jdW1lbnRhdGlvbi9ncmFwaHFsL3ZhbGlkYXRlLmpzJyk7XG4gICAgICBjb25zdCB7IG1haW4gfSA9IGF3YWl0IHJlYWRTb3VyY2UoY2hlY2tlZC5jb2xsZWN0aW9uLCBvcGVyYXRpb24uc291cmNlKTtcbiAgICAgIGNvbnN0IHN0YXJ0ID0gcmVxdWVzdC55YW1sLnBvc2l0aW9uKFsnYm9keScsICdncmFwaHFsJywgJ2RvY3VtZW50J10pO1xuICAgICAgLy8gQSBibG9jayBvZiB0ZXh0IGJlZ2lucyBvbiB0aGUgbGluZSBiZWhpbmQgaXRzIGtleS5cbiAgICAgIGNvbnN0IGJlaGluZCA9IC9bfD5dWy0rXFxkXSpcXHMqKD86Iy4qKT8kLy50ZXN0KHJlcXVlc3QueWFtbC5saW5lKHN0YXJ0KSA/PyAnJykgPyAwIDogMTtcbiAgICAgIGZvciAoY29uc3QgeyB3aGF0LCBsaW5lIH0gb2YgZG9jdW1lbnRGYXVsdHMoYm9keS5ncmFwaHFsLmRvY3VtZW50LCBtYWluKSkge1xuICAgICAgICB5aWVsZCB7XG4gICAgICAgICAgc2V2ZXJpdHk6ICdlcnJvcicsXG4gICAgICAgICAgd2hlcmU6IHsgLi4uc3RhcnQsIC4uLihzdGFydC5saW5lICE9PSB1bmRlZmluZWQgJiYgeyBsaW5lOiBzdGFydC5saW5lICsgbGluZSAtIGJlaGluZCB9KSB9LFxuICAgICAgICAgIHdoYXQ6IGB0aGUgZG9jdW1lbnQgZG9lcyBub3QgZml0IHRoZSBzY2hlbWE6ICR7d2hhdH1gLFxuICAgICAgICAgIHJlbWVkeTogYGVjaG8tdHJhaWwgZG9jcyBzaG93ICR7b3BlcmF0aW9uLnNvdXJjZX0vJHtvcGVyYXRpb24uaWR9YCxcbiAgICAgICAgfTtcbiAgICAgIH1cbiAgICB9XG4gIH0sXG59O1xuIiwgIi8qKlxuICogRXZlcnkgaW5wdXQgb2YgYSByZXF1ZXN0IGlzIHVzZWQgaW4gaXQuXG4gKlxuICogICAgIGlucHV0czoge2ltbzoge319XG4gKiAgICAgdXJsOiAke29yaWdpbn0vdjEvdmVzc2Vscy97aW1vfSAgICAgIyBob2xkc1xuICogICAgIHVybDogJHtvcmlnaW59L3YxL3Zlc3NlbHMgICAgICAgICAgICMgZG9lcyBub3RcbiAqL1xuaW1wb3J0IHsgbmFtZXNVc2VkIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9uYW1lcy11c2VkLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgUnVsZSB9IGZyb20gJy4uL3J1bGUuanMnO1xuXG5leHBvcnQgY29uc3QgaW5wdXRzVXNlZDogUnVsZSA9IHtcbiAgbmFtZTogJ2lucHV0cy11c2VkJyxcbiAgbXVzdDogJ2V2ZXJ5IGlucHV0IG9mIGEgcmVxdWVzdCBpcyB1c2VkIGluIGl0JyxcbiAgKmNoZWNrKHsgcmVxdWVzdHMgfSkge1xuICAgIGZvciAoY29uc3QgeyBjb250ZW50LCB5YW1sLCBuYW1lIH0gb2YgcmVxdWVzdHMudmFsdWVzKCkpIHtcbiAgICAgIGNvbnN0IHVzZWQgPSBuZXcgU2V0KG5hbWVzVXNlZCh7IC4uLmNvbnRlbnQsIGlucHV0czogbnVsbCB9IGFzIHVua25vd24gYXMgVmFsdWUpLm1hcCgodXNlKSA9PiB1c2UubmFtZSkpO1xuICAgICAgZm9yIChjb25zdCBpbnB1dCBvZiBPYmplY3Qua2V5cyhjb250ZW50LmlucHV0cyA/PyB7fSkpIHtcbiAgICAgICAgaWYgKHVzZWQuaGFzKGlucHV0KSB8fCAoY29udGVudC51cmwuaW5jbHVkZXMoYHske2lucHV0fX1gKSAmJiBjb250ZW50LnBhdGg/LltpbnB1dF0gPT09IHVuZGVmaW5lZCkpIGNvbnRpbnVlO1xuICAgICAgICB5aWVsZCB7XG4gICAgICAgICAgc2V2ZXJpdHk6ICd3YXJuaW5nJyxcbiAgICAgICAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihbJ2lucHV0cycsIGlucHV0XSwgJ2tleScpLFxuICAgICAgICAgIHdoYXQ6IGB0aGUgaW5wdXQgJHtpbnB1dH0gb2YgJHtuYW1lfSBpcyB1c2VkIG5vd2hlcmUgaW4gaXRgLFxuICAgICAgICAgIHJlbWVkeTogYHdyaXRlIFxcJHske2lucHV0fX0gd2hlcmUgaXQgYmVsb25ncywgb3IgcmVtb3ZlIGl0YCxcbiAgICAgICAgfTtcbiAgICAgIH1cbiAgICB9XG4gIH0sXG59O1xuIiwgIi8qKiBXaGF0IHRoZSBydWxlcyBhYm91dCB0cmFpbHMgd2FudCB0byBrbm93IG9mIGEgc3RlcDogdGhlIG5hbWVzIGl0IGxlYXZlcyBiZWhpbmQsIGFuZCB3aGljaCBvZiBpdHMgcGFydHMgc2VlIHdoYXQuICovXG5pbXBvcnQgdHlwZSB7IFN0ZXBGaWxlIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB0eXBlIHsgQ2hlY2tlZCB9IGZyb20gJy4vcnVsZS5qcyc7XG5cbmludGVyZmFjZSBQYXJ0IHtcbiAgcmVhZG9ubHkgdmFsdWU6IHVua25vd247XG4gIHJlYWRvbmx5IHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW107XG59XG5cbi8qKiBXaGF0IGEgc3RlcCBsZWF2ZXMgYmVoaW5kOiB3aGF0IGl0IGtlZXBzLCBhbmQgd2hhdCBpdHMgcmVxdWVzdCBrZWVwcy4gKi9cbmV4cG9ydCBmdW5jdGlvbiBnYWlucyhzdGVwOiBTdGVwRmlsZSwgeyByZXF1ZXN0cywgY29sbGVjdGlvbiB9OiBDaGVja2VkKTogc3RyaW5nW10ge1xuICBpZiAoJ2Nob29zZScgaW4gc3RlcCkgcmV0dXJuIFtzdGVwLmNob29zZS5hc107XG4gIGlmICgnZm9yLWVhY2gnIGluIHN0ZXApIHJldHVybiBzdGVwLnRhYmxlPy5hcyA9PT0gdW5kZWZpbmVkID8gW10gOiBbc3RlcC50YWJsZS5hc107XG4gIGlmICgnY29tcGFyZScgaW4gc3RlcCkgcmV0dXJuIFtdO1xuICBjb25zdCBvd24gPSBPYmplY3Qua2V5cyhzdGVwLmtlZXAgPz8ge30pO1xuICBjb25zdCBzZW50ID0gJ3NlbmQnIGluIHN0ZXAgPyBzdGVwLnNlbmQgOiAncG9sbCcgaW4gc3RlcCA/IHN0ZXAucG9sbCA6IHVuZGVmaW5lZDtcbiAgaWYgKHNlbnQgPT09IHVuZGVmaW5lZCkgcmV0dXJuIG93bjtcbiAgcmV0dXJuIFsuLi5vd24sIC4uLk9iamVjdC5rZXlzKHJlcXVlc3RzLmdldChyZXNvbHZlZChjb2xsZWN0aW9uLCBzZW50KSk/LmNvbnRlbnQua2VlcCA/PyB7fSldO1xufVxuXG4vKiogVGhlIHdob2xlIG5hbWUgb2YgYSByZXF1ZXN0LCBvciB0aGUgZ2l2ZW4gb25lIHdoZXJlIGl0IGhhcyBub25lLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlc29sdmVkKGNvbGxlY3Rpb246IENoZWNrZWRbJ2NvbGxlY3Rpb24nXSwgZ2l2ZW46IHN0cmluZyk6IHN0cmluZyB7XG4gIHRyeSB7XG4gICAgcmV0dXJuIGNvbGxlY3Rpb24ucmVzb2x2ZSgncmVxdWVzdCcsIGdpdmVuKTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIGdpdmVuO1xuICB9XG59XG5cbi8qKlxuICogVGhlIHBhcnRzIG9mIGEgc3RlcCBieSB3aGF0IHRoZXkgc2VlOiB3aGF0IHdhcyBrbm93biBiZWZvcmUgaXQ7IGJlc2lkZSB0aGF0IHdoYXQgaXQgZ2FpbmVkOyBiZXNpZGUgdGhhdCBlYWNoIGl0ZW0uXG4gKiBXaGF0IGlzIGluc2lkZSBmb3ItZWFjaCBpcyBub3QgYW1vbmcgdGhlbS5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIG93blBhcnRzKFxuICBzdGVwOiBTdGVwRmlsZSxcbiAgcGF0aDogcmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXSxcbik6IHsgcmVhZG9ubHkgb3duOiByZWFkb25seSBQYXJ0W107IHJlYWRvbmx5IHdpdGhHYWluZWQ6IHJlYWRvbmx5IFBhcnRbXTsgcmVhZG9ubHkgd2l0aEl0ZW06IHJlYWRvbmx5IFBhcnRbXSB9IHtcbiAgY29uc3Qgb3duOiBQYXJ0W10gPSBbXTtcbiAgY29uc3Qgd2l0aEdhaW5lZDogUGFydFtdID0gW107XG4gIGNvbnN0IHdpdGhJdGVtOiBQYXJ0W10gPSBbXTtcbiAgY29uc3QgaXNLZWVwID0gIVsnc2VuZCcsICd0cmFpbCcsICdwb2xsJywgJ2Zvci1lYWNoJywgJ2Nob29zZScsICdjb21wYXJlJ10uc29tZSgoa2V5KSA9PiBrZXkgaW4gc3RlcCk7XG4gIGZvciAoY29uc3QgW2tleSwgdmFsdWVdIG9mIE9iamVjdC5lbnRyaWVzKHN0ZXApKSB7XG4gICAgY29uc3QgcGFydCA9IHsgdmFsdWUsIHBhdGg6IFsuLi5wYXRoLCBrZXldIH07XG4gICAgaWYgKGtleSA9PT0gJ2Nob29zZScpIHtcbiAgICAgIGNvbnN0IHsgZnJvbSwgbGFiZWwsIHZhbHVlOiBrZXB0IH0gPSB2YWx1ZSBhcyB7IGZyb206IHVua25vd247IGxhYmVsPzogdW5rbm93bjsgdmFsdWU/OiB1bmtub3duIH07XG4gICAgICBvd24ucHVzaCh7IHZhbHVlOiBmcm9tLCBwYXRoOiBbLi4ucGFydC5wYXRoLCAnZnJvbSddIH0pO1xuICAgICAgd2l0aEl0ZW0ucHVzaCh7IHZhbHVlOiBsYWJlbCwgcGF0aDogWy4uLnBhcnQucGF0aCwgJ2xhYmVsJ10gfSwgeyB2YWx1ZToga2VwdCwgcGF0aDogWy4uLnBhcnQucGF0aCwgJ3ZhbHVlJ10gfSk7XG4gICAgfSBlbHNlIGlmIChrZXkgPT09ICdzdGVwcycgfHwga2V5ID09PSAndGFibGUnKSBjb250aW51ZTtcbiAgICAvLyBXaGF0IGFub3RoZXIgdHJhaWwgZW5kcyB3aXRoIGlzIGl0cyBvd24gYWZmYWlyLlxuICAgIGVsc2UgaWYgKGtleSA9PT0gJ2tlZXAnICYmICd0cmFpbCcgaW4gc3RlcCkgY29udGludWU7XG4gICAgZWxzZSBpZiAoa2V5ID09PSAndW5kbycgfHwgKGtleSA9PT0gJ2tlZXAnICYmIGlzS2VlcCkpIHdpdGhHYWluZWQucHVzaChwYXJ0KTtcbiAgICBlbHNlIG93bi5wdXNoKHBhcnQpO1xuICB9XG4gIHJldHVybiB7IG93biwgd2l0aEdhaW5lZCwgd2l0aEl0ZW0gfTtcbn1cblxuLyoqIFRoZSByZXF1ZXN0cyB0aGF0IGEgc3RlcCBzZW5kcywgdGhvc2UgaW5zaWRlIGl0IGFuZCBpdHMgdW5kbyBwYXJ0cyBpbmNsdWRlZCwgYXMgdGhleSBhcmUgbmFtZWQuICovXG5leHBvcnQgZnVuY3Rpb24gc2VudEJ5KHN0ZXA6IFN0ZXBGaWxlKTogc3RyaW5nW10ge1xuICBjb25zdCBuYW1lZDogc3RyaW5nW10gPSBbXTtcbiAgaWYgKCdzZW5kJyBpbiBzdGVwKSBuYW1lZC5wdXNoKHN0ZXAuc2VuZCwgLi4uKHN0ZXAudW5kbyA/IFtzdGVwLnVuZG8uc2VuZF0gOiBbXSkpO1xuICBpZiAoJ3BvbGwnIGluIHN0ZXApIG5hbWVkLnB1c2goc3RlcC5wb2xsKTtcbiAgaWYgKCdjb21wYXJlJyBpbiBzdGVwKSBuYW1lZC5wdXNoKC4uLnN0ZXAuY29tcGFyZS5mbGF0TWFwKChzaWRlKSA9PiAoJ3NlbmQnIGluIHNpZGUgPyBzaWRlLnNlbmQgOiBbXSkpKTtcbiAgaWYgKCdmb3ItZWFjaCcgaW4gc3RlcCkge1xuICAgIGNvbnN0IG1lbWJlcnMgPSBzdGVwWydmb3ItZWFjaCddO1xuICAgIGlmICh0eXBlb2YgbWVtYmVycyA9PT0gJ29iamVjdCcgJiYgJ3BhZ2VzJyBpbiBtZW1iZXJzKSBuYW1lZC5wdXNoKG1lbWJlcnMucGFnZXMpO1xuICAgIG5hbWVkLnB1c2goLi4uc3RlcC5zdGVwcy5mbGF0TWFwKHNlbnRCeSkpO1xuICB9XG4gIHJldHVybiBuYW1lZDtcbn1cbiIsICIvKipcbiAqIEV2ZXJ5IHZhbHVlIHRoYXQgaXMga2VwdCBpcyB1c2VkLlxuICpcbiAqICAgICBrZWVwOiB7Y2FsbElkOiAkLmlkfSAgICAgICAgICMgaG9sZHMgd2hlcmUgYW5vdGhlciByZXF1ZXN0IGhhcyBhbiBpbnB1dCBjYWxsSWQsIG9yIGEgdHJhaWwgdXNlcyBpdFxuICovXG5pbXBvcnQgdHlwZSB7IFN0ZXBGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHsgbmFtZXNVc2VkIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9uYW1lcy11c2VkLmpzJztcbmltcG9ydCB0eXBlIHsgRmlsZVBvc2l0aW9uIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgRmluZGluZyB9IGZyb20gJy4uL2ZpbmRpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBDaGVja2VkLCBSdWxlIH0gZnJvbSAnLi4vcnVsZS5qcyc7XG5pbXBvcnQgeyByZXNvbHZlZCwgc2VudEJ5IH0gZnJvbSAnLi4vdHJhaWwtc3RlcHMuanMnO1xuXG50eXBlIFBhdGggPSByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdO1xudHlwZSBGb3VuZCA9IE9taXQ8RmluZGluZywgJ3J1bGUnPjtcblxuZXhwb3J0IGNvbnN0IGtlcHRWYWx1ZXNVc2VkOiBSdWxlID0ge1xuICBuYW1lOiAna2VwdC12YWx1ZXMtdXNlZCcsXG4gIG11c3Q6ICdldmVyeSB2YWx1ZSB0aGF0IGlzIGtlcHQgaXMgdXNlZCcsXG4gICpjaGVjayhjaGVja2VkKSB7XG4gICAgY29uc3QgeyByZXF1ZXN0cywgdHJhaWxzIH0gPSBjaGVja2VkO1xuICAgIGNvbnN0IGlucHV0cyA9IG5ldyBTZXQoWy4uLnJlcXVlc3RzLnZhbHVlcygpXS5mbGF0TWFwKCh7IGNvbnRlbnQgfSkgPT4gT2JqZWN0LmtleXMoY29udGVudC5pbnB1dHMgPz8ge30pKSk7XG4gICAgY29uc3QgaW5UcmFpbHMgPSBuZXcgU2V0KFxuICAgICAgWy4uLnRyYWlscy52YWx1ZXMoKV0uZmxhdE1hcCgoeyBjb250ZW50IH0pID0+IG5hbWVzVXNlZChjb250ZW50IGFzIHVua25vd24gYXMgVmFsdWUpLm1hcCgoeyBuYW1lIH0pID0+IG5hbWUpKSxcbiAgICApO1xuICAgIGZvciAoY29uc3QgeyBjb250ZW50LCB5YW1sIH0gb2YgcmVxdWVzdHMudmFsdWVzKCkpIHtcbiAgICAgIGZvciAoY29uc3QgbmFtZSBvZiBPYmplY3Qua2V5cyhjb250ZW50LmtlZXAgPz8ge30pKSB7XG4gICAgICAgIGlmICghaW5wdXRzLmhhcyhuYW1lKSAmJiAhaW5UcmFpbHMuaGFzKG5hbWUpKSB5aWVsZCB1bnVzZWQobmFtZSwgeWFtbC5wb3NpdGlvbihbJ2tlZXAnLCBuYW1lXSwgJ2tleScpKTtcbiAgICAgIH1cbiAgICB9XG4gICAgZm9yIChjb25zdCB7IGNvbnRlbnQsIHlhbWwgfSBvZiB0cmFpbHMudmFsdWVzKCkpIHtcbiAgICAgIHlpZWxkKiBpblN0ZXBzKGNvbnRlbnQuc3RlcHMsIFsnc3RlcHMnXSwgY29udGVudC50YWJsZSwgeyBjaGVja2VkLCB5YW1sIH0pO1xuICAgIH1cbiAgfSxcbn07XG5cbi8qKiBAcGFyYW0gdGFibGUgd2hhdCB0aGUgdmFsdWVzIG9mIHRoZXNlIHN0ZXBzIG1heSBsZWF2ZSBpbiAqL1xuZnVuY3Rpb24qIGluU3RlcHMoXG4gIHN0ZXBzOiByZWFkb25seSBTdGVwRmlsZVtdLFxuICBwYXRoOiBQYXRoLFxuICB0YWJsZTogdW5rbm93bixcbiAgcm9vbTogeyByZWFkb25seSBjaGVja2VkOiBDaGVja2VkOyByZWFkb25seSB5YW1sOiBZYW1sRmlsZSB9LFxuKTogR2VuZXJhdG9yPEZvdW5kPiB7XG4gIGNvbnN0IHsgY2hlY2tlZCwgeWFtbCB9ID0gcm9vbTtcbiAgZm9yIChjb25zdCBbaW5kZXgsIHN0ZXBdIG9mIHN0ZXBzLmVudHJpZXMoKSkge1xuICAgIGNvbnN0IGtlcHQgPSAna2VlcCcgaW4gc3RlcCA/IE9iamVjdC5rZXlzKHN0ZXAua2VlcCA/PyB7fSkgOiBbXTtcbiAgICBmb3IgKGNvbnN0IG5hbWUgb2Yga2VwdCkge1xuICAgICAgaWYgKG1lbnRpb25zKHRhYmxlLCBuYW1lKSB8fCB1c2VkQWZ0ZXIobmFtZSwgc3RlcHMuc2xpY2UoaW5kZXgpLCBjaGVja2VkKSkgY29udGludWU7XG4gICAgICB5aWVsZCB1bnVzZWQobmFtZSwgeWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgaW5kZXgsICdrZWVwJywgbmFtZV0sICdrZXknKSk7XG4gICAgfVxuICAgIGlmICgnZm9yLWVhY2gnIGluIHN0ZXApIHlpZWxkKiBpblN0ZXBzKHN0ZXAuc3RlcHMsIFsuLi5wYXRoLCBpbmRleCwgJ3N0ZXBzJ10sIHN0ZXAudGFibGUsIHJvb20pO1xuICB9XG59XG5cbmNvbnN0IHVudXNlZCA9IChuYW1lOiBzdHJpbmcsIHdoZXJlOiBGaWxlUG9zaXRpb24pOiBGb3VuZCA9PiAoe1xuICBzZXZlcml0eTogJ3dhcm5pbmcnLFxuICB3aGVyZSxcbiAgd2hhdDogYCR7bmFtZX0gaXMga2VwdCwgYnV0IG5vdGhpbmcgdXNlcyBpdGAsXG4gIHJlbWVkeTogJ3JlbW92ZSBpdCwgb3IgZ2l2ZSB0aGUgaW5wdXQgdGhhdCBpdCBpcyBtZWFudCBmb3IgdGhlIHNhbWUgbmFtZScsXG59KTtcblxuY29uc3QgbWVudGlvbnMgPSAocGFydDogdW5rbm93biwgbmFtZTogc3RyaW5nKTogYm9vbGVhbiA9PlxuICBuYW1lc1VzZWQoKHBhcnQgPz8gbnVsbCkgYXMgVmFsdWUpLnNvbWUoKHVzZSkgPT4gdXNlLm5hbWUgPT09IG5hbWUpO1xuXG4vKiogSW4gYW4gZXhwcmVzc2lvbiBvZiBhIGxhdGVyIHN0ZXAsIG9yIGFzIGFuIGlucHV0IG9mIGl0cyByZXF1ZXN0OyB0aGUgc3RlcCBpdHNlbGYgY291bnRzIGZvciBpdHMgdW5kbyBwYXJ0LiAqL1xuZnVuY3Rpb24gdXNlZEFmdGVyKG5hbWU6IHN0cmluZywgW293biwgLi4ubGF0ZXJdOiByZWFkb25seSBTdGVwRmlsZVtdLCB7IHJlcXVlc3RzLCBjb2xsZWN0aW9uIH06IENoZWNrZWQpOiBib29sZWFuIHtcbiAgY29uc3QgdGFrZXMgPSAocmVxdWVzdDogc3RyaW5nKTogYm9vbGVhbiA9PlxuICAgIHJlcXVlc3RzLmdldChyZXNvbHZlZChjb2xsZWN0aW9uLCByZXF1ZXN0KSk/LmNvbnRlbnQuaW5wdXRzPy5bbmFtZV0gIT09IHVuZGVmaW5lZDtcbiAgaWYgKG93biAmJiAndW5kbycgaW4gb3duICYmIG93bi51bmRvICYmIChtZW50aW9ucyhvd24udW5kbywgbmFtZSkgfHwgdGFrZXMob3duLnVuZG8uc2VuZCkpKSByZXR1cm4gdHJ1ZTtcbiAgaWYgKG93biAmJiAna2VlcCcgaW4gb3duICYmICEoJ3NlbmQnIGluIG93biB8fCAndHJhaWwnIGluIG93biB8fCAncG9sbCcgaW4gb3duKSAmJiBtZW50aW9ucyhvd24ua2VlcCwgbmFtZSkpXG4gICAgcmV0dXJuIHRydWU7XG4gIHJldHVybiBsYXRlci5zb21lKFxuICAgIChzdGVwKSA9PiBtZW50aW9ucyhzdGVwLCBuYW1lKSB8fCBpbkNvbmRpdGlvbihzdGVwLCBuYW1lKSB8fCBzZW50Qnkoc3RlcCkuc29tZSh0YWtlcykgfHwgJ3RyYWlsJyBpbiBzdGVwLFxuICApO1xufVxuXG4vKiogQSBjb25kaXRpb24gbmFtZXMgd2hhdCBpdCBsb29rcyBhdDogdGhlIG5hbWUgaXRzZWxmLCBvciBhIHdheSBpbnRvIGl0LiAqL1xuZnVuY3Rpb24gaW5Db25kaXRpb24oc3RlcDogU3RlcEZpbGUsIG5hbWU6IHN0cmluZyk6IGJvb2xlYW4ge1xuICBjb25zdCBpblNldCA9IChzZXQ6IHVua25vd24pOiBib29sZWFuID0+XG4gICAgdHlwZW9mIHNldCA9PT0gJ29iamVjdCcgJiZcbiAgICBzZXQgIT09IG51bGwgJiZcbiAgICBPYmplY3QuZW50cmllcyhzZXQpLnNvbWUoXG4gICAgICAoW2tleSwgdmFsdWVdKSA9PlxuICAgICAgICBrZXkuc3BsaXQoL1suW10vLCAxKVswXSA9PT0gbmFtZSB8fFxuICAgICAgICAoa2V5ID09PSAnbm90JyAmJiBpblNldCh2YWx1ZSkpIHx8XG4gICAgICAgIChrZXkgPT09ICdhbnknICYmIEFycmF5LmlzQXJyYXkodmFsdWUpICYmIHZhbHVlLnNvbWUoaW5TZXQpKSxcbiAgICApO1xuICByZXR1cm4gaW5TZXQoc3RlcC53aGVuKSB8fCAoJ2Zvci1lYWNoJyBpbiBzdGVwICYmIHN0ZXAuc3RlcHMuc29tZSgoaW5uZXIpID0+IGluQ29uZGl0aW9uKGlubmVyLCBuYW1lKSkpO1xufVxuIiwgIi8qKlxuICogRXZlcnkgbmFtZSB0aGF0IGEgcmVxdWVzdCB1c2VzIGlzIGFuIGlucHV0IG9mIGl0LCBhIHZhcmlhYmxlLCBvciBzdXBwbGllZCBieSBhIHNlc3Npb24uXG4gKlxuICogICAgIGlucHV0czoge2ltbzoge319XG4gKiAgICAgcXVlcnk6IHtzaGlwOiBcIiR7aW1vfVwifSAgICAgICMgaG9sZHNcbiAqICAgICBxdWVyeToge3NoaXA6IFwiJHtpbW9vfVwifSAgICAgIyBkb2VzIG5vdFxuICovXG5cbmltcG9ydCB0eXBlIHsgQ29sbGVjdGlvbiB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vY29sbGVjdGlvbi5qcyc7XG5pbXBvcnQgeyBhZGRyZXNzTmFtZXMgfSBmcm9tICcuLi8uLi9leGNoYW5nZS9hZGRyZXNzLXRlbXBsYXRlLmpzJztcbmltcG9ydCB7IG5hbWVzVXNlZCB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vbmFtZXMtdXNlZC5qcyc7XG5pbXBvcnQgeyBuZWFyZXN0SGludCB9IGZyb20gJy4uLy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFJ1bGUgfSBmcm9tICcuLi9ydWxlLmpzJztcblxuY29uc3QgcGFydHMgPSBbJ3VybCcsICdwYXRoJywgJ3F1ZXJ5JywgJ2hlYWRlcnMnLCAnY29va2llcycsICdib2R5JywgJ2V4cGVjdCddIGFzIGNvbnN0O1xuXG5leHBvcnQgY29uc3QgbmFtZXNSZXNvbHZlOiBSdWxlID0ge1xuICBuYW1lOiAnbmFtZXMtcmVzb2x2ZScsXG4gIG11c3Q6ICdldmVyeSBuYW1lIHRoYXQgYSByZXF1ZXN0IHVzZXMgaXMgYW4gaW5wdXQgb2YgaXQsIGEgdmFyaWFibGUsIG9yIHN1cHBsaWVkIGJ5IGEgc2Vzc2lvbicsXG4gICpjaGVjayh7IHJlcXVlc3RzLCB2YXJpYWJsZXMsIGNvbGxlY3Rpb24gfSkge1xuICAgIGNvbnN0IHN1cHBsaWVkID0gc3VwcGxpZWRCeShjb2xsZWN0aW9uKTtcbiAgICBmb3IgKGNvbnN0IHsgbmFtZSwgY29udGVudCwgeWFtbCB9IG9mIHJlcXVlc3RzLnZhbHVlcygpKSB7XG4gICAgICBjb25zdCBpbnB1dHMgPSBPYmplY3Qua2V5cyhjb250ZW50LmlucHV0cyA/PyB7fSk7XG4gICAgICBjb25zdCBrbm93biA9IG5ldyBTZXQoWy4uLmlucHV0cywgLi4udmFyaWFibGVzLCAuLi5zdXBwbGllZF0pO1xuICAgICAgY29uc3QgbWlzc2luZyA9ICh1c2VkOiBzdHJpbmcsIHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10pID0+ICh7XG4gICAgICAgIHNldmVyaXR5OiAnZXJyb3InIGFzIGNvbnN0LFxuICAgICAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihwYXRoKSxcbiAgICAgICAgd2hhdDogYHRoZSBuYW1lICR7dXNlZH0gaXMgbmVpdGhlciBhbiBpbnB1dCBvZiAke25hbWV9IG5vciBhIHZhcmlhYmxlLCBub3Igc3VwcGxpZWQgYnkgYSBzZXNzaW9uYCxcbiAgICAgICAgcmVtZWR5OiBuZWFyZXN0SGludCh1c2VkLCBrbm93biksXG4gICAgICB9KTtcbiAgICAgIGZvciAoY29uc3QgcGFydCBvZiBwYXJ0cykge1xuICAgICAgICBmb3IgKGNvbnN0IHVzZSBvZiBuYW1lc1VzZWQoKGNvbnRlbnRbcGFydF0gPz8gbnVsbCkgYXMgVmFsdWUsIFtwYXJ0XSkpIHtcbiAgICAgICAgICBpZiAodXNlLm5hbWUgIT09ICdzZWNyZXQnICYmICFrbm93bi5oYXModXNlLm5hbWUpICYmICF1c2Uub3B0aW9uYWwpIHlpZWxkIG1pc3NpbmcodXNlLm5hbWUsIHVzZS5wYXRoKTtcbiAgICAgICAgfVxuICAgICAgfVxuICAgICAgZm9yIChjb25zdCBbLCBwYXJ0XSBvZiBjb250ZW50LnVybC5yZXBsYWNlKC9eXFwkXFx7W159XSpcXH0vLCAnJykubWF0Y2hBbGwoL1xceyhbXnt9XSopXFx9L2cpKSB7XG4gICAgICAgIGZvciAoY29uc3QgdXNlZCBvZiBhZGRyZXNzTmFtZXMocGFydCA/PyAnJykpIHtcbiAgICAgICAgICBpZiAoaW5wdXRzLmluY2x1ZGVzKHVzZWQpIHx8IGNvbnRlbnQucGF0aD8uW3VzZWRdICE9PSB1bmRlZmluZWQpIGNvbnRpbnVlO1xuICAgICAgICAgIHlpZWxkIHtcbiAgICAgICAgICAgIC4uLm1pc3NpbmcodXNlZCwgWyd1cmwnXSksXG4gICAgICAgICAgICB3aGF0OiBgdGhlIHBhcnQgeyR7dXNlZH19IG9mIHRoZSBhZGRyZXNzIGlzIG5laXRoZXIgYW4gaW5wdXQgb2YgJHtuYW1lfSBub3IgZ2l2ZW4gdW5kZXIgcGF0aDpgLFxuICAgICAgICAgIH07XG4gICAgICAgIH1cbiAgICAgIH1cbiAgICB9XG4gIH0sXG59O1xuXG4vKiogQnkgYW55IHNlc3Npb246IHdoaWNoIG9uZSBhIHJlcXVlc3QgaXMgc2VudCB3aXRoIG1heSBiZSBzYWlkIGJ5IGEgc3RlcCBvciB0aGUgY29tbWFuZCBsaW5lLiAqL1xuZnVuY3Rpb24gc3VwcGxpZWRCeShjb2xsZWN0aW9uOiBDb2xsZWN0aW9uKTogc3RyaW5nW10ge1xuICByZXR1cm4gY29sbGVjdGlvbi5uYW1lcygnc2Vzc2lvbicpLmZsYXRNYXAoKG5hbWUpID0+IHtcbiAgICB0cnkge1xuICAgICAgcmV0dXJuIE9iamVjdC5rZXlzKGNvbGxlY3Rpb24ucmVhZCgnc2Vzc2lvbicsIG5hbWUpLmNvbnRlbnQuc3VwcGx5ID8/IHt9KTtcbiAgICB9IGNhdGNoIHtcbiAgICAgIC8vIFdoYXQgaXMgd3Jvbmcgd2l0aCB0aGF0IGZpbGUgaXMgdG9sZCBvZiBpdC5cbiAgICAgIHJldHVybiBbXTtcbiAgICB9XG4gIH0pO1xufVxuIiwgIi8qKlxuICogQSBHRVQgb3IgSEVBRCBjYXJyaWVzIG5vIGJvZHkgKFJGQyA5MTEwIHNlY3Rpb24gOS4zLjE6IGNvbnRlbnQgdGhlcmUgaGFzIG5vIGRlZmluZWQgbWVhbmluZykuXG4gKlxuICogICAgIG1ldGhvZDogR0VUXG4gKiAgICAgYm9keToge2pzb246IHt9fSAgICAgICMgZG9lcyBub3QgaG9sZFxuICovXG5pbXBvcnQgdHlwZSB7IFJ1bGUgfSBmcm9tICcuLi9ydWxlLmpzJztcblxuZXhwb3J0IGNvbnN0IG5vQm9keUluR2V0OiBSdWxlID0ge1xuICBuYW1lOiAnbm8tYm9keS1pbi1nZXQnLFxuICBtdXN0OiAnYSBHRVQgb3IgSEVBRCBjYXJyaWVzIG5vIGJvZHknLFxuICAqY2hlY2soeyByZXF1ZXN0cyB9KSB7XG4gICAgZm9yIChjb25zdCB7IGNvbnRlbnQsIHlhbWwgfSBvZiByZXF1ZXN0cy52YWx1ZXMoKSkge1xuICAgICAgY29uc3QgbWV0aG9kID0gKGNvbnRlbnQubWV0aG9kID8/ICdHRVQnKS50b1VwcGVyQ2FzZSgpO1xuICAgICAgaWYgKGNvbnRlbnQuYm9keSA9PT0gdW5kZWZpbmVkIHx8IChtZXRob2QgIT09ICdHRVQnICYmIG1ldGhvZCAhPT0gJ0hFQUQnKSkgY29udGludWU7XG4gICAgICBjb25zdCB3aGVyZSA9IGNvbnRlbnQubWV0aG9kID09PSB1bmRlZmluZWQgPyB5YW1sLnBvc2l0aW9uKFsnYm9keSddLCAna2V5JykgOiB5YW1sLnBvc2l0aW9uKFsnbWV0aG9kJ10pO1xuICAgICAgeWllbGQge1xuICAgICAgICBzZXZlcml0eTogJ3dhcm5pbmcnLFxuICAgICAgICB3aGVyZSxcbiAgICAgICAgd2hhdDogYGEgJHttZXRob2R9IGNhcnJpZXMgYSBib2R5LCB3aGljaCBtYW55IHNlcnZlcnMgaWdub3JlIG9yIHJlZnVzZWAsXG4gICAgICAgIHJlbWVkeTpcbiAgICAgICAgICBjb250ZW50Lm1ldGhvZCA9PT0gdW5kZWZpbmVkXG4gICAgICAgICAgICA/ICdubyBtZXRob2QgaXMgd3JpdHRlbiwgd2hpY2ggbWVhbnMgR0VUOiB3YXMgbWV0aG9kOiBQT1NUIG1lYW50PydcbiAgICAgICAgICAgIDogJ3dhcyBtZXRob2Q6IFBPU1QgbWVhbnQ/JyxcbiAgICAgIH07XG4gICAgfVxuICB9LFxufTtcbiIsICIvKipcbiAqIEEgcmVxdWVzdCB0aGF0IG5hbWVzIGEgZG9jdW1lbnRlZCBvcGVyYXRpb24gaGFzIGl0cyBtZXRob2QsIGl0cyBwYXRoIGFuZCBpdHMgcmVxdWlyZWQgcGFyYW1ldGVycy5cbiAqXG4gKiAgICAgb3BlcmF0aW9uOiBoYXJib3VyL2Jvb2tDYWxsXG4gKiAgICAgbWV0aG9kOiBQT1NUXG4gKiAgICAgdXJsOiAke29yaWdpbn0vdjEvdmVzc2Vscy97aW1vfS9jYWxscyAgICAgIyBob2xkc1xuICovXG5pbXBvcnQgdHlwZSB7IExvYWRlZCB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vY29sbGVjdGlvbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFJlcXVlc3RGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy9yZXF1ZXN0LWZpbGUuanMnO1xuaW1wb3J0IHsgZmluZE9wZXJhdGlvbiB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vc291cmNlLWluZGV4LmpzJztcbmltcG9ydCB0eXBlIHsgT3BlcmF0aW9uIH0gZnJvbSAnLi4vLi4vZG9jdW1lbnRhdGlvbi9tb2RlbC5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBGaW5kaW5nIH0gZnJvbSAnLi4vZmluZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFJ1bGUgfSBmcm9tICcuLi9ydWxlLmpzJztcblxuZXhwb3J0IGNvbnN0IG9wZXJhdGlvbk1hdGNoZXM6IFJ1bGUgPSB7XG4gIG5hbWU6ICdvcGVyYXRpb24tbWF0Y2hlcycsXG4gIG11c3Q6ICdhIHJlcXVlc3QgdGhhdCBuYW1lcyBhIGRvY3VtZW50ZWQgb3BlcmF0aW9uIGhhcyBpdHMgbWV0aG9kLCBpdHMgcGF0aCBhbmQgaXRzIHJlcXVpcmVkIHBhcmFtZXRlcnMnLFxuICAqY2hlY2soY2hlY2tlZCkge1xuICAgIGZvciAoY29uc3QgcmVxdWVzdCBvZiBjaGVja2VkLnJlcXVlc3RzLnZhbHVlcygpKSB7XG4gICAgICBjb25zdCB7IGNvbnRlbnQsIHlhbWwgfSA9IHJlcXVlc3Q7XG4gICAgICBpZiAoY29udGVudC5vcGVyYXRpb24gPT09IHVuZGVmaW5lZCkgY29udGludWU7XG4gICAgICBsZXQgb3BlcmF0aW9uOiBPcGVyYXRpb247XG4gICAgICB0cnkge1xuICAgICAgICBvcGVyYXRpb24gPSBmaW5kT3BlcmF0aW9uKGNoZWNrZWQuY29sbGVjdGlvbiwgY29udGVudC5vcGVyYXRpb24pO1xuICAgICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgICAgY29uc3QgeyB3aGF0LCByZW1lZHkgfSA9IGFzUHJvYmxlbShlcnJvcik7XG4gICAgICAgIHlpZWxkIHsgc2V2ZXJpdHk6ICdlcnJvcicsIHdoZXJlOiB5YW1sLnBvc2l0aW9uKFsnb3BlcmF0aW9uJ10pLCB3aGF0LCByZW1lZHkgfTtcbiAgICAgICAgY29udGludWU7XG4gICAgICB9XG4gICAgICBpZiAob3BlcmF0aW9uLnByb3RvY29sICE9PSAnaHR0cCcpIHtcbiAgICAgICAgeWllbGQqIG90aGVyUHJvdG9jb2wocmVxdWVzdCwgb3BlcmF0aW9uKTtcbiAgICAgICAgY29udGludWU7XG4gICAgICB9XG4gICAgICBjb25zdCBtZXRob2QgPSAoY29udGVudC5tZXRob2QgPz8gJ0dFVCcpLnRvVXBwZXJDYXNlKCk7XG4gICAgICBpZiAobWV0aG9kICE9PSBvcGVyYXRpb24ubWV0aG9kKSB7XG4gICAgICAgIHlpZWxkIHtcbiAgICAgICAgICBzZXZlcml0eTogJ2Vycm9yJyxcbiAgICAgICAgICB3aGVyZTogY29udGVudC5tZXRob2QgPT09IHVuZGVmaW5lZCA/IHlhbWwucG9zaXRpb24oWyd1cmwnXSwgJ2tleScpIDogeWFtbC5wb3NpdGlvbihbJ21ldGhvZCddKSxcbiAgICAgICAgICB3aGF0OiBgdGhlIG1ldGhvZCBpcyAke21ldGhvZH0ke2NvbnRlbnQubWV0aG9kID09PSB1bmRlZmluZWQgPyAnIChub25lIGlzIHdyaXR0ZW4pJyA6ICcnfSwgZG9jdW1lbnRlZCBpcyAke29wZXJhdGlvbi5tZXRob2R9YCxcbiAgICAgICAgICByZW1lZHk6IGBtZXRob2Q6ICR7b3BlcmF0aW9uLm1ldGhvZH1gLFxuICAgICAgICB9O1xuICAgICAgfVxuICAgICAgY29uc3QgcGF0aCA9IHBhdGhPZihjb250ZW50LnVybCk7XG4gICAgICBpZiAoIXNhbWVQYXRoKHBhdGgsIG9wZXJhdGlvbi5wYXRoKSkge1xuICAgICAgICB5aWVsZCB7XG4gICAgICAgICAgc2V2ZXJpdHk6ICdlcnJvcicsXG4gICAgICAgICAgd2hlcmU6IHlhbWwucG9zaXRpb24oWyd1cmwnXSksXG4gICAgICAgICAgd2hhdDogYHRoZSBwYXRoIGlzICR7cGF0aH0sIGRvY3VtZW50ZWQgaXMgJHtvcGVyYXRpb24ucGF0aH1gLFxuICAgICAgICAgIHJlbWVkeTogYHVybDogXFwke29yaWdpbn0ke29wZXJhdGlvbi5wYXRofWAsXG4gICAgICAgIH07XG4gICAgICB9XG4gICAgICB5aWVsZCogbWlzc2luZ1BhcnRzKHJlcXVlc3QsIG9wZXJhdGlvbik7XG4gICAgfVxuICB9LFxufTtcblxuLyoqIEdyYXBoUUwgYW5kIFNPQVA6IGEgUE9TVCB3aXRoIGEgYm9keSBvZiB0aGF0IGtpbmQ7IHRoZSBhY3Rpb24gYnkgaXRzIGRlc2NyaXB0aW9uLiAqL1xuZnVuY3Rpb24qIG90aGVyUHJvdG9jb2woXG4gIHsgY29udGVudCwgeWFtbCB9OiBMb2FkZWQ8UmVxdWVzdEZpbGU+LFxuICB7IHByb3RvY29sLCBzb2FwIH06IE9wZXJhdGlvbixcbik6IEdlbmVyYXRvcjxPbWl0PEZpbmRpbmcsICdydWxlJz4+IHtcbiAgY29uc3QgbWV0aG9kID0gKGNvbnRlbnQubWV0aG9kID8/ICdHRVQnKS50b1VwcGVyQ2FzZSgpO1xuICBpZiAobWV0aG9kICE9PSAnUE9TVCcgJiYgIShwcm90b2NvbCA9PT0gJ2dyYXBocWwnICYmIGNvbnRlbnQuYm9keSA9PT0gdW5kZWZpbmVkKSkge1xuICAgIHlpZWxkIHtcbiAgICAgIHNldmVyaXR5OiAnZXJyb3InLFxuICAgICAgd2hlcmU6IGNvbnRlbnQubWV0aG9kID09PSB1bmRlZmluZWQgPyB5YW1sLnBvc2l0aW9uKFsndXJsJ10sICdrZXknKSA6IHlhbWwucG9zaXRpb24oWydtZXRob2QnXSksXG4gICAgICB3aGF0OiBgdGhlIG1ldGhvZCBpcyAke21ldGhvZH0sIGFuZCBhICR7cHJvdG9jb2wgPT09ICdzb2FwJyA/ICdTT0FQJyA6ICdHcmFwaFFMJ30gY2FsbCBpcyBhIFBPU1RgLFxuICAgICAgcmVtZWR5OiAnbWV0aG9kOiBQT1NUJyxcbiAgICB9O1xuICB9XG4gIGNvbnN0IHsgYm9keSB9ID0gY29udGVudDtcbiAgaWYgKCFzb2FwIHx8ICFib2R5IHx8ICEoJ3NvYXAnIGluIGJvZHkpKSByZXR1cm47XG4gIGNvbnN0IHsgdmVyc2lvbiA9ICcxLjEnLCBhY3Rpb24gPSAnJyB9ID0gYm9keS5zb2FwO1xuICBpZiAodmVyc2lvbiAhPT0gc29hcC52ZXJzaW9uKSB7XG4gICAgeWllbGQge1xuICAgICAgc2V2ZXJpdHk6ICdlcnJvcicsXG4gICAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihbJ2JvZHknLCAnc29hcCcsICd2ZXJzaW9uJ10pLFxuICAgICAgd2hhdDogYHRoZSB2ZXJzaW9uIGlzICR7dmVyc2lvbn0sIGRvY3VtZW50ZWQgZm9yIHRoaXMgcG9ydCBpcyAke3NvYXAudmVyc2lvbn1gLFxuICAgICAgcmVtZWR5OiBgdmVyc2lvbjogXCIke3NvYXAudmVyc2lvbn1cImAsXG4gICAgfTtcbiAgfVxuICBpZiAoYWN0aW9uLnJlcGxhY2UoL15cInxcIiQvZywgJycpICE9PSBzb2FwLmFjdGlvbikge1xuICAgIHlpZWxkIHtcbiAgICAgIHNldmVyaXR5OiAnZXJyb3InLFxuICAgICAgd2hlcmU6IHlhbWwucG9zaXRpb24oWydib2R5JywgJ3NvYXAnLCAnYWN0aW9uJ10pLFxuICAgICAgd2hhdDogYHRoZSBhY3Rpb24gaXMgJHtKU09OLnN0cmluZ2lmeShhY3Rpb24pfSwgZG9jdW1lbnRlZCBpcyAke0pTT04uc3RyaW5naWZ5KHNvYXAuYWN0aW9uKX1gLFxuICAgICAgcmVtZWR5OiBgYWN0aW9uOiAke3NvYXAuYWN0aW9ufWAsXG4gICAgfTtcbiAgfVxufVxuXG5mdW5jdGlvbiogbWlzc2luZ1BhcnRzKHsgY29udGVudCwgeWFtbCB9OiBMb2FkZWQ8UmVxdWVzdEZpbGU+LCBvcGVyYXRpb246IE9wZXJhdGlvbik6IEdlbmVyYXRvcjxPbWl0PEZpbmRpbmcsICdydWxlJz4+IHtcbiAgY29uc3QgZ2l2ZW4gPSB7XG4gICAgcXVlcnk6IG5ldyBTZXQoW1xuICAgICAgLi4uT2JqZWN0LmtleXMoY29udGVudC5xdWVyeSA/PyB7fSksXG4gICAgICAuLi5uZXcgVVJMKGBodHRwOi8veC5leGFtcGxlJHtwYXRoT2YoY29udGVudC51cmwsIHRydWUpfWApLnNlYXJjaFBhcmFtcy5rZXlzKCksXG4gICAgXSksXG4gICAgaGVhZGVyOiBuZXcgU2V0KE9iamVjdC5rZXlzKGNvbnRlbnQuaGVhZGVycyA/PyB7fSkubWFwKChuYW1lKSA9PiBuYW1lLnRvTG93ZXJDYXNlKCkpKSxcbiAgfTtcbiAgZm9yIChjb25zdCBwYXJhbWV0ZXIgb2Ygb3BlcmF0aW9uLnBhcmFtZXRlcnMpIHtcbiAgICBpZiAoIXBhcmFtZXRlci5yZXF1aXJlZCB8fCAocGFyYW1ldGVyLmluICE9PSAncXVlcnknICYmIHBhcmFtZXRlci5pbiAhPT0gJ2hlYWRlcicpKSBjb250aW51ZTtcbiAgICBpZiAoZ2l2ZW5bcGFyYW1ldGVyLmluXS5oYXMocGFyYW1ldGVyLmluID09PSAnaGVhZGVyJyA/IHBhcmFtZXRlci5uYW1lLnRvTG93ZXJDYXNlKCkgOiBwYXJhbWV0ZXIubmFtZSkpIGNvbnRpbnVlO1xuICAgIHlpZWxkIHtcbiAgICAgIHNldmVyaXR5OiAnd2FybmluZycsXG4gICAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihbJ29wZXJhdGlvbiddKSxcbiAgICAgIHdoYXQ6IGB0aGUgZG9jdW1lbnRlZCAke3BhcmFtZXRlci5pbn0gcGFyYW1ldGVyICR7cGFyYW1ldGVyLm5hbWV9IGlzIHJlcXVpcmVkLCBhbmQgbm90IGdpdmVuYCxcbiAgICAgIHJlbWVkeTogYGFkZCBpdCB1bmRlciAke3BhcmFtZXRlci5pbiA9PT0gJ3F1ZXJ5JyA/ICdxdWVyeScgOiAnaGVhZGVycyd9OmAsXG4gICAgfTtcbiAgfVxuICBpZiAob3BlcmF0aW9uLmJvZHk/LnJlcXVpcmVkICYmIGNvbnRlbnQuYm9keSA9PT0gdW5kZWZpbmVkKSB7XG4gICAgeWllbGQge1xuICAgICAgc2V2ZXJpdHk6ICd3YXJuaW5nJyxcbiAgICAgIHdoZXJlOiB5YW1sLnBvc2l0aW9uKFsnb3BlcmF0aW9uJ10pLFxuICAgICAgd2hhdDogJ3RoZSBkb2N1bWVudGVkIGJvZHkgaXMgcmVxdWlyZWQsIGFuZCB0aGVyZSBpcyBub25lJyxcbiAgICAgIHJlbWVkeTogYGVjaG8tdHJhaWwgZG9jcyBzaG93ICR7b3BlcmF0aW9uLnNvdXJjZX0vJHtvcGVyYXRpb24uaWR9YCxcbiAgICB9O1xuICB9XG4gIGlmIChjb250ZW50Lm9wZXJhdGlvbiAmJiAhb3BlcmF0aW9uLmJvZHkgJiYgY29udGVudC5ib2R5ICE9PSB1bmRlZmluZWQpIHtcbiAgICB5aWVsZCB7XG4gICAgICBzZXZlcml0eTogJ3dhcm5pbmcnLFxuICAgICAgd2hlcmU6IHlhbWwucG9zaXRpb24oWydib2R5J10sICdrZXknKSxcbiAgICAgIHdoYXQ6ICd0aGUgZG9jdW1lbnRlZCBvcGVyYXRpb24gdGFrZXMgbm8gYm9keScsXG4gICAgICByZW1lZHk6ICdyZW1vdmUgaXQnLFxuICAgIH07XG4gIH1cbn1cblxuLyoqIFdoYXQgc3RhbmRzIGJlaGluZCB0aGUgb3BlbmluZyBvZiBhbiBhZGRyZXNzLiAqL1xuZnVuY3Rpb24gcGF0aE9mKHVybDogc3RyaW5nLCB3aXRoUXVlcnkgPSBmYWxzZSk6IHN0cmluZyB7XG4gIGNvbnN0IHJlc3QgPSB1cmwucmVwbGFjZSgvXlxcJFxce1tefV0qXFx9LywgJycpLnJlcGxhY2UoL15odHRwcz86XFwvXFwvW14vXSovaSwgJycpO1xuICBjb25zdCBwYXRoID0gd2l0aFF1ZXJ5ID8gcmVzdCA6IHJlc3QucmVwbGFjZSgvWz8jXS4qJC9zLCAnJyk7XG4gIHJldHVybiBwYXRoLnN0YXJ0c1dpdGgoJy8nKSA/IHBhdGggOiBgLyR7cGF0aH1gO1xufVxuXG4vKiogYHthfWAgaW4gb25lIHBhdGggc3RhbmRzIGZvciBhbnkgcGFydCBvZiB0aGUgb3RoZXIuICovXG5mdW5jdGlvbiBzYW1lUGF0aChvbmU6IHN0cmluZywgb3RoZXI6IHN0cmluZyk6IGJvb2xlYW4ge1xuICBjb25zdCBzaGFwZSA9IChwYXRoOiBzdHJpbmcpOiBzdHJpbmcgPT4gcGF0aC5yZXBsYWNlKC9cXC8rJC8sICcnKS5yZXBsYWNlKC9cXHtbXn1dKlxcfS9nLCAne30nKTtcbiAgaWYgKHNoYXBlKG9uZSkgPT09IHNoYXBlKG90aGVyKSkgcmV0dXJuIHRydWU7XG4gIGNvbnN0IHBhcnRzID0gKHBhdGg6IHN0cmluZyk6IHN0cmluZ1tdID0+IHBhdGguc3BsaXQoJy8nKS5maWx0ZXIoQm9vbGVhbik7XG4gIGNvbnN0IFthLCBiXSA9IFtwYXJ0cyhvbmUpLCBwYXJ0cyhvdGhlcildO1xuICByZXR1cm4gYS5sZW5ndGggPT09IGIubGVuZ3RoICYmIGEuZXZlcnkoKHBhcnQsIGluZGV4KSA9PiBwYXJ0ID09PSBiW2luZGV4XSB8fCAvW3t9XS8udGVzdChiW2luZGV4XSA/PyAnJykpO1xufVxuIiwgIi8qKlxuICogRXZlcnkgbmFtZSB0aGF0IGEgc3RlcCB1c2VzIGlzIGtub3duIGJ5IHRoZW46IGFuIGlucHV0IG9mIHRoZSB0cmFpbCwgYSByb3cgY29sdW1uLCBhIHZhcmlhYmxlLCBvciBrZXB0IGJ5IGEgc3RlcCBiZWZvcmUuXG4gKlxuICogICAgIC0gc2VuZDogY2FsbHMvYm9va1xuICogICAgICAga2VlcDoge2NhbGxJZDogJC5pZH1cbiAqICAgICAtIHNlbmQ6IGNhbGxzL3Nob3dcbiAqICAgICAgIGdpdmU6IHtpZDogXCIke2NhbGxJZH1cIn0gICAgICAjIGhvbGRzXG4gKiAgICAgICBnaXZlOiB7aWQ6IFwiJHtjYWxsfVwifSAgICAgICAgIyBkb2VzIG5vdFxuICovXG5pbXBvcnQgeyBleGlzdHNTeW5jLCByZWFkRmlsZVN5bmMgfSBmcm9tICdub2RlOmZzJztcbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHR5cGUgeyBMb2FkZWQgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2NvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHR5cGUgeyBTdGVwRmlsZSwgVHJhaWxGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHsgdHlwZSBOYW1lVXNlLCBuYW1lc1VzZWQgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL25hbWVzLXVzZWQuanMnO1xuaW1wb3J0IHsgbmVhcmVzdEhpbnQgfSBmcm9tICcuLi8uLi9wcm9ibGVtL25lYXJlc3QuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBGaW5kaW5nIH0gZnJvbSAnLi4vZmluZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IENoZWNrZWQsIFJ1bGUgfSBmcm9tICcuLi9ydWxlLmpzJztcbmltcG9ydCB7IGdhaW5zLCBvd25QYXJ0cyB9IGZyb20gJy4uL3RyYWlsLXN0ZXBzLmpzJztcblxudHlwZSBQYXRoID0gcmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXTtcbnR5cGUgRm91bmQgPSBPbWl0PEZpbmRpbmcsICdydWxlJz47XG5cbmludGVyZmFjZSBSb29tIHtcbiAgcmVhZG9ubHkgY2hlY2tlZDogQ2hlY2tlZDtcbiAgcmVhZG9ubHkgeWFtbDogWWFtbEZpbGU7XG4gIHJlYWRvbmx5IHRyYWlsOiBzdHJpbmc7XG59XG5cbmV4cG9ydCBjb25zdCB0cmFpbE5hbWVzUmVzb2x2ZTogUnVsZSA9IHtcbiAgbmFtZTogJ3RyYWlsLW5hbWVzLXJlc29sdmUnLFxuICBtdXN0OiAnZXZlcnkgbmFtZSB0aGF0IGEgc3RlcCB1c2VzIGlzIGtub3duIGJ5IHRoZW4nLFxuICAqY2hlY2soY2hlY2tlZCkge1xuICAgIGZvciAoY29uc3QgdHJhaWwgb2YgY2hlY2tlZC50cmFpbHMudmFsdWVzKCkpIHtcbiAgICAgIGNvbnN0IHsgY29udGVudCwgeWFtbCwgbmFtZSB9ID0gdHJhaWw7XG4gICAgICBjb25zdCBjb2x1bW5zID0gY29sdW1uc09mKGNoZWNrZWQsIHRyYWlsKTtcbiAgICAgIC8vIFdoYXQgY29sdW1ucyB0aGUgcm93cyBoYXZlIGlzIGtub3duIG9ubHkgd2hlbiB0aGV5IGFyZSByZWFkLlxuICAgICAgaWYgKGNvbnRlbnQucm93cyAhPT0gdW5kZWZpbmVkICYmIGNvbHVtbnMgPT09IHVuZGVmaW5lZCkgY29udGludWU7XG4gICAgICBjb25zdCBrbm93biA9IG5ldyBTZXQoWy4uLk9iamVjdC5rZXlzKGNvbnRlbnQuaW5wdXRzID8/IHt9KSwgLi4uKGNvbHVtbnMgPz8gW10pLCAuLi5jaGVja2VkLnZhcmlhYmxlc10pO1xuICAgICAgY29uc3Qgcm9vbSA9IHsgY2hlY2tlZCwgeWFtbCwgdHJhaWw6IG5hbWUgfTtcbiAgICAgIGNvbnN0IGFmdGVyID0geWllbGQqIGluU3RlcHMoY29udGVudC5zdGVwcywgWydzdGVwcyddLCBrbm93biwgcm9vbSk7XG4gICAgICB5aWVsZCogdW5rbm93bihuYW1lc0luKGNvbnRlbnQudGFibGU/LmNvbHVtbnMsIFsndGFibGUnLCAnY29sdW1ucyddKSwgYWZ0ZXIsIHJvb20pO1xuICAgIH1cbiAgfSxcbn07XG5cbi8qKiBAcmV0dXJucyB0aGUgbmFtZXMgdGhhdCBhcmUga25vd24gYmVoaW5kIHRoZSBsYXN0IG9mIHRoZSBzdGVwcyAqL1xuZnVuY3Rpb24qIGluU3RlcHMoXG4gIHN0ZXBzOiByZWFkb25seSBTdGVwRmlsZVtdLFxuICBwYXRoOiBQYXRoLFxuICBiZWZvcmU6IFJlYWRvbmx5U2V0PHN0cmluZz4sXG4gIHJvb206IFJvb20sXG4pOiBHZW5lcmF0b3I8Rm91bmQsIFJlYWRvbmx5U2V0PHN0cmluZz4+IHtcbiAgY29uc3Qga25vd24gPSBuZXcgU2V0KGJlZm9yZSk7XG4gIGZvciAoY29uc3QgW2luZGV4LCBzdGVwXSBvZiBzdGVwcy5lbnRyaWVzKCkpIHtcbiAgICBjb25zdCBhdCA9IFsuLi5wYXRoLCBpbmRleF07XG4gICAgY29uc3QgZ2FpbmVkID0gZ2FpbnMoc3RlcCwgcm9vbS5jaGVja2VkKTtcbiAgICBjb25zdCB7IG93biwgd2l0aEdhaW5lZCwgd2l0aEl0ZW0gfSA9IG93blBhcnRzKHN0ZXAsIGF0KTtcbiAgICB5aWVsZCogdW5rbm93bihcbiAgICAgIG93bi5mbGF0TWFwKCh7IHZhbHVlLCBwYXRoOiB3aGVyZSB9KSA9PiBuYW1lc0luKHZhbHVlLCB3aGVyZSkpLFxuICAgICAga25vd24sXG4gICAgICByb29tLFxuICAgICk7XG4gICAgeWllbGQqIHVua25vd24oXG4gICAgICB3aXRoR2FpbmVkLmZsYXRNYXAoKHsgdmFsdWUsIHBhdGg6IHdoZXJlIH0pID0+IG5hbWVzSW4odmFsdWUsIHdoZXJlKSksXG4gICAgICBuZXcgU2V0KFsuLi5rbm93biwgLi4uZ2FpbmVkXSksXG4gICAgICByb29tLFxuICAgICk7XG4gICAgeWllbGQqIHVua25vd24oXG4gICAgICB3aXRoSXRlbS5mbGF0TWFwKCh7IHZhbHVlLCBwYXRoOiB3aGVyZSB9KSA9PiBuYW1lc0luKHZhbHVlLCB3aGVyZSkpLFxuICAgICAgbmV3IFNldChbLi4ua25vd24sICdpdGVtJ10pLFxuICAgICAgcm9vbSxcbiAgICApO1xuICAgIGlmICgnZm9yLWVhY2gnIGluIHN0ZXApIHtcbiAgICAgIGNvbnN0IGluc2lkZSA9IG5ldyBTZXQoWy4uLmtub3duLCBzdGVwLmFzID8/ICdpdGVtJ10pO1xuICAgICAgY29uc3QgYWZ0ZXIgPSB5aWVsZCogaW5TdGVwcyhzdGVwLnN0ZXBzLCBbLi4uYXQsICdzdGVwcyddLCBpbnNpZGUsIHJvb20pO1xuICAgICAgeWllbGQqIHVua25vd24obmFtZXNJbihzdGVwLnRhYmxlPy5jb2x1bW5zLCBbLi4uYXQsICd0YWJsZScsICdjb2x1bW5zJ10pLCBhZnRlciwgcm9vbSk7XG4gICAgfVxuICAgIGZvciAoY29uc3Qgb25lIG9mIGdhaW5lZCkga25vd24uYWRkKG9uZSk7XG4gIH1cbiAgcmV0dXJuIGtub3duO1xufVxuXG5jb25zdCBuYW1lc0luID0gKHZhbHVlOiB1bmtub3duLCBwYXRoOiBQYXRoKTogTmFtZVVzZVtdID0+IG5hbWVzVXNlZCgodmFsdWUgPz8gbnVsbCkgYXMgVmFsdWUsIHBhdGgpO1xuXG5mdW5jdGlvbiogdW5rbm93bih1c2VzOiByZWFkb25seSBOYW1lVXNlW10sIGtub3duOiBSZWFkb25seVNldDxzdHJpbmc+LCB7IHlhbWwsIHRyYWlsIH06IFJvb20pOiBHZW5lcmF0b3I8Rm91bmQ+IHtcbiAgZm9yIChjb25zdCB7IG5hbWUsIHBhdGgsIG9wdGlvbmFsIH0gb2YgdXNlcykge1xuICAgIGlmIChuYW1lID09PSAnc2VjcmV0JyB8fCBvcHRpb25hbCB8fCBrbm93bi5oYXMobmFtZSkpIGNvbnRpbnVlO1xuICAgIHlpZWxkIHtcbiAgICAgIHNldmVyaXR5OiAnZXJyb3InLFxuICAgICAgd2hlcmU6IHlhbWwucG9zaXRpb24ocGF0aCksXG4gICAgICB3aGF0OiBgdGhlIG5hbWUgJHtuYW1lfSBpcyBub3Qga25vd24gYXQgdGhpcyBzdGVwIG9mICR7dHJhaWx9YCxcbiAgICAgIHJlbWVkeTogbmVhcmVzdEhpbnQobmFtZSwga25vd24pLFxuICAgIH07XG4gIH1cbn1cblxuLyoqIFRoZSBjb2x1bW5zIG9mIGEgY3N2IGZpbGUncyBmaXJzdCBsaW5lLCBvciBvZiBhIGxpc3QgdGhhdCBpcyB3cml0dGVuIG91dDsgdW5kZWZpbmVkIHdoZXJlIHRoZXkgYXJlIG5vdCBrbm93biBhaGVhZC4gKi9cbmZ1bmN0aW9uIGNvbHVtbnNPZih7IGNvbGxlY3Rpb24gfTogQ2hlY2tlZCwgeyBjb250ZW50OiB7IHJvd3MgfSB9OiBMb2FkZWQ8VHJhaWxGaWxlPik6IHN0cmluZ1tdIHwgdW5kZWZpbmVkIHtcbiAgaWYgKHJvd3MgPT09IHVuZGVmaW5lZCkgcmV0dXJuIFtdO1xuICBpZiAoQXJyYXkuaXNBcnJheShyb3dzKSkgcmV0dXJuIFsncm93JywgJ3ZhbHVlJywgLi4ucm93cy5mbGF0TWFwKChyb3cpID0+IE9iamVjdC5rZXlzKChyb3cgPz8ge30pIGFzIG9iamVjdCkpXTtcbiAgY29uc3QgcGF0aCA9IGpvaW4oY29sbGVjdGlvbi5yb290LCByb3dzKTtcbiAgaWYgKCEvXFwuY3N2JC9pLnRlc3Qocm93cykgfHwgIWV4aXN0c1N5bmMocGF0aCkpIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IFtoZWFkID0gJyddID0gcmVhZEZpbGVTeW5jKHBhdGgsICd1dGY4Jykuc3BsaXQoL1xccj9cXG4vLCAxKTtcbiAgcmV0dXJuIFtcbiAgICAncm93JyxcbiAgICAuLi5oZWFkXG4gICAgICAucmVwbGFjZSgvXlxcdUZFRkYvLCAnJylcbiAgICAgIC5zcGxpdCgnLCcpXG4gICAgICAubWFwKChuYW1lKSA9PiBuYW1lLnJlcGxhY2UoL15cInxcIiQvZywgJycpKSxcbiAgXTtcbn1cbiIsICIvKipcbiAqIFRoZSBib2R5IGFuZCB0aGUgcXVlcnkgb2YgYSByZXF1ZXN0IGhvbGQgd2hhdCBpcyBkb2N1bWVudGVkOiBrbm93biBuYW1lcywgdHlwZXMsIGFsbG93ZWQgdmFsdWVzLlxuICpcbiAqICAgICBib2R5OiB7anNvbjoge2JlcnRoOiBOMSwgbmlnaHRzOiAyfX0gICAgICMgaG9sZHNcbiAqICAgICBib2R5OiB7anNvbjoge2JlcnRoOiBOMSwgbmlnaHRzOiBcIjJcIn19ICAgIyAkLm5pZ2h0cyBpcyBhIHN0cmluZywgZG9jdW1lbnRlZCBhcyBpbnRlZ2VyXG4gKi9cbmltcG9ydCB0eXBlIHsgTG9hZGVkIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9jb2xsZWN0aW9uLmpzJztcbmltcG9ydCB0eXBlIHsgUmVxdWVzdEZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2ZpbGVzL3JlcXVlc3QtZmlsZS5qcyc7XG5pbXBvcnQgeyBtaXNtYXRjaGVzLCB0ZXh0TWlzbWF0Y2ggfSBmcm9tICcuLi8uLi9kb2N1bWVudGF0aW9uL21pc21hdGNoLmpzJztcbmltcG9ydCB0eXBlIHsgRmllbGQsIE9wZXJhdGlvbiB9IGZyb20gJy4uLy4uL2RvY3VtZW50YXRpb24vbW9kZWwuanMnO1xuaW1wb3J0IHsgbmVhcmVzdEhpbnQgfSBmcm9tICcuLi8uLi9wcm9ibGVtL25lYXJlc3QuanMnO1xuaW1wb3J0IHsgcGxhaW4gfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgRmluZGluZyB9IGZyb20gJy4uL2ZpbmRpbmcuanMnO1xuaW1wb3J0IHsgb3BlcmF0aW9uT2YgfSBmcm9tICcuLi9vcGVyYXRpb24tb2YuanMnO1xuaW1wb3J0IHR5cGUgeyBSdWxlIH0gZnJvbSAnLi4vcnVsZS5qcyc7XG5cbmV4cG9ydCBjb25zdCB2YWx1ZXNEb2N1bWVudGVkOiBSdWxlID0ge1xuICBuYW1lOiAndmFsdWVzLWRvY3VtZW50ZWQnLFxuICBtdXN0OiAndGhlIGJvZHksIHRoZSB2YXJpYWJsZXMsIHRoZSBxdWVyeSBhbmQgaXRzIGZpbHRlciBjbGF1c2VzIGhvbGQgd2hhdCBpcyBkb2N1bWVudGVkIGZvciB0aGVtJyxcbiAgKmNoZWNrKGNoZWNrZWQpIHtcbiAgICBmb3IgKGNvbnN0IHJlcXVlc3Qgb2YgY2hlY2tlZC5yZXF1ZXN0cy52YWx1ZXMoKSkge1xuICAgICAgY29uc3Qgb3BlcmF0aW9uID0gb3BlcmF0aW9uT2YoY2hlY2tlZCwgcmVxdWVzdCk7XG4gICAgICBpZiAoIW9wZXJhdGlvbikgY29udGludWU7XG4gICAgICB5aWVsZCogaW5RdWVyeShyZXF1ZXN0LCBvcGVyYXRpb24pO1xuICAgICAgeWllbGQqIGluQm9keShyZXF1ZXN0LCBvcGVyYXRpb24pO1xuICAgIH1cbiAgfSxcbn07XG5cbi8qKiBUZXh0IHdpdGggYW4gZXhwcmVzc2lvbiBpcyBrbm93biBvbmx5IHdoZW4gaXQgaXMgc2VudC4gKi9cbmNvbnN0IHVua25vd24gPSAodmFsdWU6IHVua25vd24pOiBib29sZWFuID0+IHR5cGVvZiB2YWx1ZSA9PT0gJ3N0cmluZycgJiYgdmFsdWUuaW5jbHVkZXMoJyR7Jyk7XG5cbmZ1bmN0aW9uKiBpblF1ZXJ5KFxuICB7IGNvbnRlbnQsIHlhbWwgfTogTG9hZGVkPFJlcXVlc3RGaWxlPixcbiAgeyBwYXJhbWV0ZXJzLCBwcm90b2NvbCB9OiBPcGVyYXRpb24sXG4pOiBHZW5lcmF0b3I8T21pdDxGaW5kaW5nLCAncnVsZSc+PiB7XG4gIGlmIChwcm90b2NvbCAhPT0gJ2h0dHAnKSByZXR1cm47XG4gIGNvbnN0IGtub3duID0gbmV3IE1hcChwYXJhbWV0ZXJzLmZpbHRlcigob25lKSA9PiBvbmUuaW4gPT09ICdxdWVyeScpLm1hcCgob25lKSA9PiBbb25lLm5hbWUsIG9uZV0pKTtcbiAgZm9yIChjb25zdCBbbmFtZSwgdmFsdWVdIG9mIE9iamVjdC5lbnRyaWVzKGNvbnRlbnQucXVlcnkgPz8ge30pKSB7XG4gICAgY29uc3QgcGFyYW1ldGVyID0ga25vd24uZ2V0KG5hbWUpID8/IGtub3duLmdldChuYW1lLnJlcGxhY2UoL1xcW1teXFxdXSpcXF0kLywgJycpKTtcbiAgICBpZiAoIXBhcmFtZXRlcikge1xuICAgICAgeWllbGQge1xuICAgICAgICBzZXZlcml0eTogJ3dhcm5pbmcnLFxuICAgICAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihbJ3F1ZXJ5JywgbmFtZV0sICdrZXknKSxcbiAgICAgICAgd2hhdDogYHRoZSBxdWVyeSBwYXJhbWV0ZXIgJHtuYW1lfSBpcyBub3QgZG9jdW1lbnRlZGAsXG4gICAgICAgIHJlbWVkeTogbmVhcmVzdEhpbnQobmFtZSwga25vd24ua2V5cygpKSxcbiAgICAgIH07XG4gICAgICBjb250aW51ZTtcbiAgICB9XG4gICAgZm9yIChjb25zdCBvbmUgb2YgKEFycmF5LmlzQXJyYXkodmFsdWUpID8gdmFsdWUgOiBbdmFsdWVdKSBhcyB1bmtub3duW10pIHtcbiAgICAgIGNvbnN0IGJhcmUgPSBwbGFpbihvbmUpO1xuICAgICAgaWYgKHR5cGVvZiBiYXJlID09PSAnb2JqZWN0JyB8fCAodW5rbm93bihiYXJlKSAmJiAhcGFyYW1ldGVyLmNsYXVzZXMpKSBjb250aW51ZTtcbiAgICAgIC8vIE9mIGEgY2xhdXNlIGl0cyBmb3JtIGlzIGtub3duLCB3aGF0ZXZlciBpdHMgdmFsdWVzIGNvbWUgdG8gYmUuXG4gICAgICBjb25zdCB3aGF0ID0gdGV4dE1pc21hdGNoKFN0cmluZyhiYXJlKS5yZXBsYWNlKC9cXCRcXHtbXn1dKlxcfS9nLCAnMCcpLCBwYXJhbWV0ZXIpO1xuICAgICAgaWYgKHdoYXQgIT09IHVuZGVmaW5lZClcbiAgICAgICAgeWllbGQge1xuICAgICAgICAgIHNldmVyaXR5OiAnd2FybmluZycsXG4gICAgICAgICAgd2hlcmU6IHlhbWwucG9zaXRpb24oWydxdWVyeScsIG5hbWVdKSxcbiAgICAgICAgICB3aGF0OiBgcXVlcnkgJHtuYW1lfSAke3doYXR9YCxcbiAgICAgICAgICByZW1lZHk6IHVuZGVmaW5lZCxcbiAgICAgICAgfTtcbiAgICB9XG4gIH1cbn1cblxuZnVuY3Rpb24qIGluQm9keSh7IGNvbnRlbnQsIHlhbWwgfTogTG9hZGVkPFJlcXVlc3RGaWxlPiwgb3BlcmF0aW9uOiBPcGVyYXRpb24pOiBHZW5lcmF0b3I8T21pdDxGaW5kaW5nLCAncnVsZSc+PiB7XG4gIGNvbnN0IHsgYm9keSB9ID0gY29udGVudDtcbiAgY29uc3QgW3Jvb3QsIHZhbHVlLCBmaWVsZHNdID0gcGFydE9mKGJvZHksIG9wZXJhdGlvbik7XG4gIGlmIChmaWVsZHMgPT09IHVuZGVmaW5lZCB8fCB1bmtub3duKHZhbHVlKSkgcmV0dXJuO1xuICBmb3IgKGNvbnN0IHsgYXQsIHdoYXQsIHBhdGggfSBvZiBtaXNtYXRjaGVzKGJhcmUodmFsdWUpLCBmaWVsZHMsIHsgdW5rbm93biB9KSkge1xuICAgIHlpZWxkIHtcbiAgICAgIHNldmVyaXR5OiAnd2FybmluZycsXG4gICAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihbJ2JvZHknLCAuLi5yb290LCAuLi5wYXRoXSksXG4gICAgICB3aGF0OiBgJHthdC5yZXBsYWNlKC9eXFwkLywgcm9vdFswXSA9PT0gJ2dyYXBocWwnID8gJ3ZhcmlhYmxlcycgOiAnJCcpfSAke3doYXR9YCxcbiAgICAgIHJlbWVkeTogYGVjaG8tdHJhaWwgZG9jcyBzaG93ICR7b3BlcmF0aW9uLnNvdXJjZX0vJHtvcGVyYXRpb24uaWR9YCxcbiAgICB9O1xuICB9XG59XG5cbmZ1bmN0aW9uIHBhcnRPZihcbiAgYm9keTogUmVxdWVzdEZpbGVbJ2JvZHknXSxcbiAgeyBwcm90b2NvbCwgcGFyYW1ldGVycywgYm9keTogZG9jdW1lbnRlZCB9OiBPcGVyYXRpb24sXG4pOiBbcm9vdDogc3RyaW5nW10sIHZhbHVlOiB1bmtub3duLCBmaWVsZHM6IHJlYWRvbmx5IEZpZWxkW10gfCB1bmRlZmluZWRdIHtcbiAgaWYgKGJvZHkgJiYgJ2dyYXBocWwnIGluIGJvZHkgJiYgcHJvdG9jb2wgPT09ICdncmFwaHFsJylcbiAgICByZXR1cm4gW1snZ3JhcGhxbCcsICd2YXJpYWJsZXMnXSwgYm9keS5ncmFwaHFsLnZhcmlhYmxlcyA/PyB7fSwgcGFyYW1ldGVyc107XG4gIGNvbnN0IHBsYWluU2hhcGUgPSBkb2N1bWVudGVkICYmIC9bLytdanNvblxcYi8udGVzdChkb2N1bWVudGVkLnR5cGUpICYmICFkb2N1bWVudGVkLmFsdGVybmF0aXZlcztcbiAgaWYgKGJvZHkgJiYgJ2pzb24nIGluIGJvZHkgJiYgcGxhaW5TaGFwZSkgcmV0dXJuIFtbJ2pzb24nXSwgYm9keS5qc29uLCBkb2N1bWVudGVkLmZpZWxkc107XG4gIHJldHVybiBbW10sIHVuZGVmaW5lZCwgdW5kZWZpbmVkXTtcbn1cblxuLyoqIFZhbHVlcyB3aXRob3V0IHdoYXQgdGhleSByZW1lbWJlciBvZiBob3cgdGhleSB3ZXJlIHdyaXR0ZW4uICovXG5mdW5jdGlvbiBiYXJlKHZhbHVlOiB1bmtub3duKTogdW5rbm93biB7XG4gIGNvbnN0IHNjYWxhciA9IHBsYWluKHZhbHVlKTtcbiAgaWYgKEFycmF5LmlzQXJyYXkoc2NhbGFyKSkgcmV0dXJuIHNjYWxhci5tYXAoYmFyZSk7XG4gIGlmICh0eXBlb2Ygc2NhbGFyICE9PSAnb2JqZWN0JyB8fCBzY2FsYXIgPT09IG51bGwpIHJldHVybiBzY2FsYXI7XG4gIHJldHVybiBPYmplY3QuZnJvbUVudHJpZXMoT2JqZWN0LmVudHJpZXMoc2NhbGFyKS5tYXAoKFtrZXksIGlubmVyXSkgPT4gW2tleSwgYmFyZShpbm5lcildKSk7XG59XG4iLCAiLyoqIEFsbCBydWxlcy4gQSBuZXcgb25lIGlzIG9uZSBmaWxlIGFuZCBvbmUgbGluZSBoZXJlLiAqL1xuaW1wb3J0IHR5cGUgeyBSdWxlIH0gZnJvbSAnLi4vcnVsZS5qcyc7XG5pbXBvcnQgeyBkb2N1bWVudHNGaXQgfSBmcm9tICcuL2RvY3VtZW50cy1maXQuanMnO1xuaW1wb3J0IHsgaW5wdXRzVXNlZCB9IGZyb20gJy4vaW5wdXRzLXVzZWQuanMnO1xuaW1wb3J0IHsga2VwdFZhbHVlc1VzZWQgfSBmcm9tICcuL2tlcHQtdmFsdWVzLXVzZWQuanMnO1xuaW1wb3J0IHsgbmFtZXNSZXNvbHZlIH0gZnJvbSAnLi9uYW1lcy1yZXNvbHZlLmpzJztcbmltcG9ydCB7IG5vQm9keUluR2V0IH0gZnJvbSAnLi9uby1ib2R5LWluLWdldC5qcyc7XG5pbXBvcnQgeyBub1NlY3JldHNJbkZpbGVzIH0gZnJvbSAnLi9uby1zZWNyZXRzLWluLWZpbGVzLmpzJztcbmltcG9ydCB7IG9wZXJhdGlvbk1hdGNoZXMgfSBmcm9tICcuL29wZXJhdGlvbi1tYXRjaGVzLmpzJztcbmltcG9ydCB7IHRyYWlsTmFtZXNSZXNvbHZlIH0gZnJvbSAnLi90cmFpbC1uYW1lcy1yZXNvbHZlLmpzJztcbmltcG9ydCB7IHZhbHVlc0RvY3VtZW50ZWQgfSBmcm9tICcuL3ZhbHVlcy1kb2N1bWVudGVkLmpzJztcblxuZXhwb3J0IGNvbnN0IHJ1bGVzOiByZWFkb25seSBSdWxlW10gPSBbXG4gIG5hbWVzUmVzb2x2ZSxcbiAgdHJhaWxOYW1lc1Jlc29sdmUsXG4gIG9wZXJhdGlvbk1hdGNoZXMsXG4gIHZhbHVlc0RvY3VtZW50ZWQsXG4gIGRvY3VtZW50c0ZpdCxcbiAga2VwdFZhbHVlc1VzZWQsXG4gIGlucHV0c1VzZWQsXG4gIG5vQm9keUluR2V0LFxuICBub1NlY3JldHNJbkZpbGVzLFxuXTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQU9PLFNBQVMsWUFBWSxFQUFFLFdBQVcsR0FBWSxFQUFFLFFBQVEsR0FBK0M7QUFDNUcsTUFBSSxRQUFRLGNBQWMsT0FBVyxRQUFPO0FBQzVDLE1BQUk7QUFDRixXQUFPLGNBQWMsWUFBWSxRQUFRLFNBQVM7QUFBQSxFQUNwRCxRQUFRO0FBQ04sV0FBTztBQUFBLEVBQ1Q7QUFDRjs7O0FDSk8sSUFBTSxlQUFxQjtBQUFBLEVBQ2hDLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOLE9BQU8sTUFBTSxTQUFTO0FBQ3BCLGVBQVcsV0FBVyxRQUFRLFNBQVMsT0FBTyxHQUFHO0FBQy9DLFlBQU0sRUFBRSxLQUFLLElBQUksUUFBUTtBQUN6QixZQUFNLFlBQVksWUFBWSxTQUFTLE9BQU87QUFDOUMsVUFBSSxDQUFDLFdBQVcsV0FBVyxDQUFDLFFBQVEsRUFBRSxhQUFhLE1BQU87QUFDMUQsWUFBTSxFQUFFLGVBQWUsSUFBSSxNQUFNLE9BQU8sd0JBQXlDO0FBQ2pGLFlBQU0sRUFBRSxLQUFLLElBQUksTUFBTSxXQUFXLFFBQVEsWUFBWSxVQUFVLE1BQU07QUFDdEUsWUFBTSxRQUFRLFFBQVEsS0FBSyxTQUFTLENBQUMsUUFBUSxXQUFXLFVBQVUsQ0FBQztBQUVuRSxZQUFNLFNBQVMsMEJBQTBCLEtBQUssUUFBUSxLQUFLLEtBQUssS0FBSyxLQUFLLEVBQUUsSUFBSSxJQUFJO0FBQ3BGLGlCQUFXLEVBQUUsTUFBTSxLQUFLLEtBQUssZUFBZSxLQUFLLFFBQVEsVUFBVSxJQUFJLEdBQUc7QUFDeEUsY0FBTTtBQUFBLFVBQ0osVUFBVTtBQUFBLFVBQ1YsT0FBTyxFQUFFLEdBQUcsT0FBTyxHQUFJLE1BQU0sU0FBUyxVQUFhLEVBQUUsTUFBTSxNQUFNLE9BQU8sT0FBTyxPQUFPLEVBQUc7QUFBQSxVQUN6RixNQUFNLHlDQUF5QyxJQUFJO0FBQUEsVUFDbkQsUUFBUSx3QkFBd0IsVUFBVSxNQUFNLElBQUksVUFBVSxFQUFFO0FBQUEsUUFDbEU7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjs7O0FDdEJPLElBQU0sYUFBbUI7QUFBQSxFQUM5QixNQUFNO0FBQUEsRUFDTixNQUFNO0FBQUEsRUFDTixDQUFDLE1BQU0sRUFBRSxTQUFTLEdBQUc7QUFDbkIsZUFBVyxFQUFFLFNBQVMsTUFBTSxLQUFLLEtBQUssU0FBUyxPQUFPLEdBQUc7QUFDdkQsWUFBTSxPQUFPLElBQUksSUFBSSxVQUFVLEVBQUUsR0FBRyxTQUFTLFFBQVEsS0FBSyxDQUFxQixFQUFFLElBQUksQ0FBQyxRQUFRLElBQUksSUFBSSxDQUFDO0FBQ3ZHLGlCQUFXLFNBQVMsT0FBTyxLQUFLLFFBQVEsVUFBVSxDQUFDLENBQUMsR0FBRztBQUNyRCxZQUFJLEtBQUssSUFBSSxLQUFLLEtBQU0sUUFBUSxJQUFJLFNBQVMsSUFBSSxLQUFLLEdBQUcsS0FBSyxRQUFRLE9BQU8sS0FBSyxNQUFNLE9BQVk7QUFDcEcsY0FBTTtBQUFBLFVBQ0osVUFBVTtBQUFBLFVBQ1YsT0FBTyxLQUFLLFNBQVMsQ0FBQyxVQUFVLEtBQUssR0FBRyxLQUFLO0FBQUEsVUFDN0MsTUFBTSxhQUFhLEtBQUssT0FBTyxJQUFJO0FBQUEsVUFDbkMsUUFBUSxZQUFZLEtBQUs7QUFBQSxRQUMzQjtBQUFBLE1BQ0Y7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGOzs7QUNsQk8sU0FBUyxNQUFNLE1BQWdCLEVBQUUsVUFBVSxXQUFXLEdBQXNCO0FBQ2pGLE1BQUksWUFBWSxLQUFNLFFBQU8sQ0FBQyxLQUFLLE9BQU8sRUFBRTtBQUM1QyxNQUFJLGNBQWMsS0FBTSxRQUFPLEtBQUssT0FBTyxPQUFPLFNBQVksQ0FBQyxJQUFJLENBQUMsS0FBSyxNQUFNLEVBQUU7QUFDakYsTUFBSSxhQUFhLEtBQU0sUUFBTyxDQUFDO0FBQy9CLFFBQU0sTUFBTSxPQUFPLEtBQUssS0FBSyxRQUFRLENBQUMsQ0FBQztBQUN2QyxRQUFNLE9BQU8sVUFBVSxPQUFPLEtBQUssT0FBTyxVQUFVLE9BQU8sS0FBSyxPQUFPO0FBQ3ZFLE1BQUksU0FBUyxPQUFXLFFBQU87QUFDL0IsU0FBTyxDQUFDLEdBQUcsS0FBSyxHQUFHLE9BQU8sS0FBSyxTQUFTLElBQUksU0FBUyxZQUFZLElBQUksQ0FBQyxHQUFHLFFBQVEsUUFBUSxDQUFDLENBQUMsQ0FBQztBQUM5RjtBQUdPLFNBQVMsU0FBUyxZQUFtQyxPQUF1QjtBQUNqRixNQUFJO0FBQ0YsV0FBTyxXQUFXLFFBQVEsV0FBVyxLQUFLO0FBQUEsRUFDNUMsUUFBUTtBQUNOLFdBQU87QUFBQSxFQUNUO0FBQ0Y7QUFNTyxTQUFTLFNBQ2QsTUFDQSxNQUM2RztBQUM3RyxRQUFNLE1BQWMsQ0FBQztBQUNyQixRQUFNLGFBQXFCLENBQUM7QUFDNUIsUUFBTSxXQUFtQixDQUFDO0FBQzFCLFFBQU0sU0FBUyxDQUFDLENBQUMsUUFBUSxTQUFTLFFBQVEsWUFBWSxVQUFVLFNBQVMsRUFBRSxLQUFLLENBQUMsUUFBUSxPQUFPLElBQUk7QUFDcEcsYUFBVyxDQUFDLEtBQUssS0FBSyxLQUFLLE9BQU8sUUFBUSxJQUFJLEdBQUc7QUFDL0MsVUFBTSxPQUFPLEVBQUUsT0FBTyxNQUFNLENBQUMsR0FBRyxNQUFNLEdBQUcsRUFBRTtBQUMzQyxRQUFJLFFBQVEsVUFBVTtBQUNwQixZQUFNLEVBQUUsTUFBTSxPQUFPLE9BQU8sS0FBSyxJQUFJO0FBQ3JDLFVBQUksS0FBSyxFQUFFLE9BQU8sTUFBTSxNQUFNLENBQUMsR0FBRyxLQUFLLE1BQU0sTUFBTSxFQUFFLENBQUM7QUFDdEQsZUFBUyxLQUFLLEVBQUUsT0FBTyxPQUFPLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxPQUFPLEVBQUUsR0FBRyxFQUFFLE9BQU8sTUFBTSxNQUFNLENBQUMsR0FBRyxLQUFLLE1BQU0sT0FBTyxFQUFFLENBQUM7QUFBQSxJQUMvRyxXQUFXLFFBQVEsV0FBVyxRQUFRLFFBQVM7QUFBQSxhQUV0QyxRQUFRLFVBQVUsV0FBVyxLQUFNO0FBQUEsYUFDbkMsUUFBUSxVQUFXLFFBQVEsVUFBVSxPQUFTLFlBQVcsS0FBSyxJQUFJO0FBQUEsUUFDdEUsS0FBSSxLQUFLLElBQUk7QUFBQSxFQUNwQjtBQUNBLFNBQU8sRUFBRSxLQUFLLFlBQVksU0FBUztBQUNyQztBQUdPLFNBQVMsT0FBTyxNQUEwQjtBQUMvQyxRQUFNLFFBQWtCLENBQUM7QUFDekIsTUFBSSxVQUFVLEtBQU0sT0FBTSxLQUFLLEtBQUssTUFBTSxHQUFJLEtBQUssT0FBTyxDQUFDLEtBQUssS0FBSyxJQUFJLElBQUksQ0FBQyxDQUFFO0FBQ2hGLE1BQUksVUFBVSxLQUFNLE9BQU0sS0FBSyxLQUFLLElBQUk7QUFDeEMsTUFBSSxhQUFhLEtBQU0sT0FBTSxLQUFLLEdBQUcsS0FBSyxRQUFRLFFBQVEsQ0FBQyxTQUFVLFVBQVUsT0FBTyxLQUFLLE9BQU8sQ0FBQyxDQUFFLENBQUM7QUFDdEcsTUFBSSxjQUFjLE1BQU07QUFDdEIsVUFBTSxVQUFVLEtBQUssVUFBVTtBQUMvQixRQUFJLE9BQU8sWUFBWSxZQUFZLFdBQVcsUUFBUyxPQUFNLEtBQUssUUFBUSxLQUFLO0FBQy9FLFVBQU0sS0FBSyxHQUFHLEtBQUssTUFBTSxRQUFRLE1BQU0sQ0FBQztBQUFBLEVBQzFDO0FBQ0EsU0FBTztBQUNUOzs7QUNuRE8sSUFBTSxpQkFBdUI7QUFBQSxFQUNsQyxNQUFNO0FBQUEsRUFDTixNQUFNO0FBQUEsRUFDTixDQUFDLE1BQU0sU0FBUztBQUNkLFVBQU0sRUFBRSxVQUFVLE9BQU8sSUFBSTtBQUM3QixVQUFNLFNBQVMsSUFBSSxJQUFJLENBQUMsR0FBRyxTQUFTLE9BQU8sQ0FBQyxFQUFFLFFBQVEsQ0FBQyxFQUFFLFFBQVEsTUFBTSxPQUFPLEtBQUssUUFBUSxVQUFVLENBQUMsQ0FBQyxDQUFDLENBQUM7QUFDekcsVUFBTSxXQUFXLElBQUk7QUFBQSxNQUNuQixDQUFDLEdBQUcsT0FBTyxPQUFPLENBQUMsRUFBRSxRQUFRLENBQUMsRUFBRSxRQUFRLE1BQU0sVUFBVSxPQUEyQixFQUFFLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJLENBQUM7QUFBQSxJQUM5RztBQUNBLGVBQVcsRUFBRSxTQUFTLEtBQUssS0FBSyxTQUFTLE9BQU8sR0FBRztBQUNqRCxpQkFBVyxRQUFRLE9BQU8sS0FBSyxRQUFRLFFBQVEsQ0FBQyxDQUFDLEdBQUc7QUFDbEQsWUFBSSxDQUFDLE9BQU8sSUFBSSxJQUFJLEtBQUssQ0FBQyxTQUFTLElBQUksSUFBSSxFQUFHLE9BQU0sT0FBTyxNQUFNLEtBQUssU0FBUyxDQUFDLFFBQVEsSUFBSSxHQUFHLEtBQUssQ0FBQztBQUFBLE1BQ3ZHO0FBQUEsSUFDRjtBQUNBLGVBQVcsRUFBRSxTQUFTLEtBQUssS0FBSyxPQUFPLE9BQU8sR0FBRztBQUMvQyxhQUFPLFFBQVEsUUFBUSxPQUFPLENBQUMsT0FBTyxHQUFHLFFBQVEsT0FBTyxFQUFFLFNBQVMsS0FBSyxDQUFDO0FBQUEsSUFDM0U7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxVQUFVLFFBQ1IsT0FDQSxNQUNBLE9BQ0EsTUFDa0I7QUFDbEIsUUFBTSxFQUFFLFNBQVMsS0FBSyxJQUFJO0FBQzFCLGFBQVcsQ0FBQyxPQUFPLElBQUksS0FBSyxNQUFNLFFBQVEsR0FBRztBQUMzQyxVQUFNLE9BQU8sVUFBVSxPQUFPLE9BQU8sS0FBSyxLQUFLLFFBQVEsQ0FBQyxDQUFDLElBQUksQ0FBQztBQUM5RCxlQUFXLFFBQVEsTUFBTTtBQUN2QixVQUFJLFNBQVMsT0FBTyxJQUFJLEtBQUssVUFBVSxNQUFNLE1BQU0sTUFBTSxLQUFLLEdBQUcsT0FBTyxFQUFHO0FBQzNFLFlBQU0sT0FBTyxNQUFNLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxPQUFPLFFBQVEsSUFBSSxHQUFHLEtBQUssQ0FBQztBQUFBLElBQ3pFO0FBQ0EsUUFBSSxjQUFjLEtBQU0sUUFBTyxRQUFRLEtBQUssT0FBTyxDQUFDLEdBQUcsTUFBTSxPQUFPLE9BQU8sR0FBRyxLQUFLLE9BQU8sSUFBSTtBQUFBLEVBQ2hHO0FBQ0Y7QUFFQSxJQUFNLFNBQVMsQ0FBQyxNQUFjLFdBQWdDO0FBQUEsRUFDNUQsVUFBVTtBQUFBLEVBQ1Y7QUFBQSxFQUNBLE1BQU0sR0FBRyxJQUFJO0FBQUEsRUFDYixRQUFRO0FBQ1Y7QUFFQSxJQUFNLFdBQVcsQ0FBQyxNQUFlLFNBQy9CLFVBQVcsUUFBUSxJQUFjLEVBQUUsS0FBSyxDQUFDLFFBQVEsSUFBSSxTQUFTLElBQUk7QUFHcEUsU0FBUyxVQUFVLE1BQWMsQ0FBQyxLQUFLLEdBQUcsS0FBSyxHQUF3QixFQUFFLFVBQVUsV0FBVyxHQUFxQjtBQUNqSCxRQUFNLFFBQVEsQ0FBQyxZQUNiLFNBQVMsSUFBSSxTQUFTLFlBQVksT0FBTyxDQUFDLEdBQUcsUUFBUSxTQUFTLElBQUksTUFBTTtBQUMxRSxNQUFJLE9BQU8sVUFBVSxPQUFPLElBQUksU0FBUyxTQUFTLElBQUksTUFBTSxJQUFJLEtBQUssTUFBTSxJQUFJLEtBQUssSUFBSSxHQUFJLFFBQU87QUFDbkcsTUFBSSxPQUFPLFVBQVUsT0FBTyxFQUFFLFVBQVUsT0FBTyxXQUFXLE9BQU8sVUFBVSxRQUFRLFNBQVMsSUFBSSxNQUFNLElBQUk7QUFDeEcsV0FBTztBQUNULFNBQU8sTUFBTTtBQUFBLElBQ1gsQ0FBQyxTQUFTLFNBQVMsTUFBTSxJQUFJLEtBQUssWUFBWSxNQUFNLElBQUksS0FBSyxPQUFPLElBQUksRUFBRSxLQUFLLEtBQUssS0FBSyxXQUFXO0FBQUEsRUFDdEc7QUFDRjtBQUdBLFNBQVMsWUFBWSxNQUFnQixNQUF1QjtBQUMxRCxRQUFNLFFBQVEsQ0FBQyxRQUNiLE9BQU8sUUFBUSxZQUNmLFFBQVEsUUFDUixPQUFPLFFBQVEsR0FBRyxFQUFFO0FBQUEsSUFDbEIsQ0FBQyxDQUFDLEtBQUssS0FBSyxNQUNWLElBQUksTUFBTSxRQUFRLENBQUMsRUFBRSxDQUFDLE1BQU0sUUFDM0IsUUFBUSxTQUFTLE1BQU0sS0FBSyxLQUM1QixRQUFRLFNBQVMsTUFBTSxRQUFRLEtBQUssS0FBSyxNQUFNLEtBQUssS0FBSztBQUFBLEVBQzlEO0FBQ0YsU0FBTyxNQUFNLEtBQUssSUFBSSxLQUFNLGNBQWMsUUFBUSxLQUFLLE1BQU0sS0FBSyxDQUFDLFVBQVUsWUFBWSxPQUFPLElBQUksQ0FBQztBQUN2Rzs7O0FDMUVBLElBQU0sUUFBUSxDQUFDLE9BQU8sUUFBUSxTQUFTLFdBQVcsV0FBVyxRQUFRLFFBQVE7QUFFdEUsSUFBTSxlQUFxQjtBQUFBLEVBQ2hDLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOLENBQUMsTUFBTSxFQUFFLFVBQVUsV0FBVyxXQUFXLEdBQUc7QUFDMUMsVUFBTSxXQUFXLFdBQVcsVUFBVTtBQUN0QyxlQUFXLEVBQUUsTUFBTSxTQUFTLEtBQUssS0FBSyxTQUFTLE9BQU8sR0FBRztBQUN2RCxZQUFNLFNBQVMsT0FBTyxLQUFLLFFBQVEsVUFBVSxDQUFDLENBQUM7QUFDL0MsWUFBTSxRQUFRLG9CQUFJLElBQUksQ0FBQyxHQUFHLFFBQVEsR0FBRyxXQUFXLEdBQUcsUUFBUSxDQUFDO0FBQzVELFlBQU0sVUFBVSxDQUFDLE1BQWMsVUFBd0M7QUFBQSxRQUNyRSxVQUFVO0FBQUEsUUFDVixPQUFPLEtBQUssU0FBUyxJQUFJO0FBQUEsUUFDekIsTUFBTSxZQUFZLElBQUksMkJBQTJCLElBQUk7QUFBQSxRQUNyRCxRQUFRLFlBQVksTUFBTSxLQUFLO0FBQUEsTUFDakM7QUFDQSxpQkFBVyxRQUFRLE9BQU87QUFDeEIsbUJBQVcsT0FBTyxVQUFXLFFBQVEsSUFBSSxLQUFLLE1BQWdCLENBQUMsSUFBSSxDQUFDLEdBQUc7QUFDckUsY0FBSSxJQUFJLFNBQVMsWUFBWSxDQUFDLE1BQU0sSUFBSSxJQUFJLElBQUksS0FBSyxDQUFDLElBQUksU0FBVSxPQUFNLFFBQVEsSUFBSSxNQUFNLElBQUksSUFBSTtBQUFBLFFBQ3RHO0FBQUEsTUFDRjtBQUNBLGlCQUFXLENBQUMsRUFBRSxJQUFJLEtBQUssUUFBUSxJQUFJLFFBQVEsZ0JBQWdCLEVBQUUsRUFBRSxTQUFTLGVBQWUsR0FBRztBQUN4RixtQkFBVyxRQUFRLGFBQWEsUUFBUSxFQUFFLEdBQUc7QUFDM0MsY0FBSSxPQUFPLFNBQVMsSUFBSSxLQUFLLFFBQVEsT0FBTyxJQUFJLE1BQU0sT0FBVztBQUNqRSxnQkFBTTtBQUFBLFlBQ0osR0FBRyxRQUFRLE1BQU0sQ0FBQyxLQUFLLENBQUM7QUFBQSxZQUN4QixNQUFNLGFBQWEsSUFBSSwyQ0FBMkMsSUFBSTtBQUFBLFVBQ3hFO0FBQUEsUUFDRjtBQUFBLE1BQ0Y7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBR0EsU0FBUyxXQUFXLFlBQWtDO0FBQ3BELFNBQU8sV0FBVyxNQUFNLFNBQVMsRUFBRSxRQUFRLENBQUMsU0FBUztBQUNuRCxRQUFJO0FBQ0YsYUFBTyxPQUFPLEtBQUssV0FBVyxLQUFLLFdBQVcsSUFBSSxFQUFFLFFBQVEsVUFBVSxDQUFDLENBQUM7QUFBQSxJQUMxRSxRQUFRO0FBRU4sYUFBTyxDQUFDO0FBQUEsSUFDVjtBQUFBLEVBQ0YsQ0FBQztBQUNIOzs7QUNuRE8sSUFBTSxjQUFvQjtBQUFBLEVBQy9CLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOLENBQUMsTUFBTSxFQUFFLFNBQVMsR0FBRztBQUNuQixlQUFXLEVBQUUsU0FBUyxLQUFLLEtBQUssU0FBUyxPQUFPLEdBQUc7QUFDakQsWUFBTSxVQUFVLFFBQVEsVUFBVSxPQUFPLFlBQVk7QUFDckQsVUFBSSxRQUFRLFNBQVMsVUFBYyxXQUFXLFNBQVMsV0FBVyxPQUFTO0FBQzNFLFlBQU0sUUFBUSxRQUFRLFdBQVcsU0FBWSxLQUFLLFNBQVMsQ0FBQyxNQUFNLEdBQUcsS0FBSyxJQUFJLEtBQUssU0FBUyxDQUFDLFFBQVEsQ0FBQztBQUN0RyxZQUFNO0FBQUEsUUFDSixVQUFVO0FBQUEsUUFDVjtBQUFBLFFBQ0EsTUFBTSxLQUFLLE1BQU07QUFBQSxRQUNqQixRQUNFLFFBQVEsV0FBVyxTQUNmLG1FQUNBO0FBQUEsTUFDUjtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7OztBQ1pPLElBQU0sbUJBQXlCO0FBQUEsRUFDcEMsTUFBTTtBQUFBLEVBQ04sTUFBTTtBQUFBLEVBQ04sQ0FBQyxNQUFNLFNBQVM7QUFDZCxlQUFXLFdBQVcsUUFBUSxTQUFTLE9BQU8sR0FBRztBQUMvQyxZQUFNLEVBQUUsU0FBUyxLQUFLLElBQUk7QUFDMUIsVUFBSSxRQUFRLGNBQWMsT0FBVztBQUNyQyxVQUFJO0FBQ0osVUFBSTtBQUNGLG9CQUFZLGNBQWMsUUFBUSxZQUFZLFFBQVEsU0FBUztBQUFBLE1BQ2pFLFNBQVMsT0FBTztBQUNkLGNBQU0sRUFBRSxNQUFNLE9BQU8sSUFBSSxVQUFVLEtBQUs7QUFDeEMsY0FBTSxFQUFFLFVBQVUsU0FBUyxPQUFPLEtBQUssU0FBUyxDQUFDLFdBQVcsQ0FBQyxHQUFHLE1BQU0sT0FBTztBQUM3RTtBQUFBLE1BQ0Y7QUFDQSxVQUFJLFVBQVUsYUFBYSxRQUFRO0FBQ2pDLGVBQU8sY0FBYyxTQUFTLFNBQVM7QUFDdkM7QUFBQSxNQUNGO0FBQ0EsWUFBTSxVQUFVLFFBQVEsVUFBVSxPQUFPLFlBQVk7QUFDckQsVUFBSSxXQUFXLFVBQVUsUUFBUTtBQUMvQixjQUFNO0FBQUEsVUFDSixVQUFVO0FBQUEsVUFDVixPQUFPLFFBQVEsV0FBVyxTQUFZLEtBQUssU0FBUyxDQUFDLEtBQUssR0FBRyxLQUFLLElBQUksS0FBSyxTQUFTLENBQUMsUUFBUSxDQUFDO0FBQUEsVUFDOUYsTUFBTSxpQkFBaUIsTUFBTSxHQUFHLFFBQVEsV0FBVyxTQUFZLHVCQUF1QixFQUFFLG1CQUFtQixVQUFVLE1BQU07QUFBQSxVQUMzSCxRQUFRLFdBQVcsVUFBVSxNQUFNO0FBQUEsUUFDckM7QUFBQSxNQUNGO0FBQ0EsWUFBTSxPQUFPLE9BQU8sUUFBUSxHQUFHO0FBQy9CLFVBQUksQ0FBQyxTQUFTLE1BQU0sVUFBVSxJQUFJLEdBQUc7QUFDbkMsY0FBTTtBQUFBLFVBQ0osVUFBVTtBQUFBLFVBQ1YsT0FBTyxLQUFLLFNBQVMsQ0FBQyxLQUFLLENBQUM7QUFBQSxVQUM1QixNQUFNLGVBQWUsSUFBSSxtQkFBbUIsVUFBVSxJQUFJO0FBQUEsVUFDMUQsUUFBUSxrQkFBa0IsVUFBVSxJQUFJO0FBQUEsUUFDMUM7QUFBQSxNQUNGO0FBQ0EsYUFBTyxhQUFhLFNBQVMsU0FBUztBQUFBLElBQ3hDO0FBQUEsRUFDRjtBQUNGO0FBR0EsVUFBVSxjQUNSLEVBQUUsU0FBUyxLQUFLLEdBQ2hCLEVBQUUsVUFBVSxLQUFLLEdBQ2lCO0FBQ2xDLFFBQU0sVUFBVSxRQUFRLFVBQVUsT0FBTyxZQUFZO0FBQ3JELE1BQUksV0FBVyxVQUFVLEVBQUUsYUFBYSxhQUFhLFFBQVEsU0FBUyxTQUFZO0FBQ2hGLFVBQU07QUFBQSxNQUNKLFVBQVU7QUFBQSxNQUNWLE9BQU8sUUFBUSxXQUFXLFNBQVksS0FBSyxTQUFTLENBQUMsS0FBSyxHQUFHLEtBQUssSUFBSSxLQUFLLFNBQVMsQ0FBQyxRQUFRLENBQUM7QUFBQSxNQUM5RixNQUFNLGlCQUFpQixNQUFNLFdBQVcsYUFBYSxTQUFTLFNBQVMsU0FBUztBQUFBLE1BQ2hGLFFBQVE7QUFBQSxJQUNWO0FBQUEsRUFDRjtBQUNBLFFBQU0sRUFBRSxLQUFLLElBQUk7QUFDakIsTUFBSSxDQUFDLFFBQVEsQ0FBQyxRQUFRLEVBQUUsVUFBVSxNQUFPO0FBQ3pDLFFBQU0sRUFBRSxVQUFVLE9BQU8sU0FBUyxHQUFHLElBQUksS0FBSztBQUM5QyxNQUFJLFlBQVksS0FBSyxTQUFTO0FBQzVCLFVBQU07QUFBQSxNQUNKLFVBQVU7QUFBQSxNQUNWLE9BQU8sS0FBSyxTQUFTLENBQUMsUUFBUSxRQUFRLFNBQVMsQ0FBQztBQUFBLE1BQ2hELE1BQU0sa0JBQWtCLE9BQU8saUNBQWlDLEtBQUssT0FBTztBQUFBLE1BQzVFLFFBQVEsYUFBYSxLQUFLLE9BQU87QUFBQSxJQUNuQztBQUFBLEVBQ0Y7QUFDQSxNQUFJLE9BQU8sUUFBUSxVQUFVLEVBQUUsTUFBTSxLQUFLLFFBQVE7QUFDaEQsVUFBTTtBQUFBLE1BQ0osVUFBVTtBQUFBLE1BQ1YsT0FBTyxLQUFLLFNBQVMsQ0FBQyxRQUFRLFFBQVEsUUFBUSxDQUFDO0FBQUEsTUFDL0MsTUFBTSxpQkFBaUIsS0FBSyxVQUFVLE1BQU0sQ0FBQyxtQkFBbUIsS0FBSyxVQUFVLEtBQUssTUFBTSxDQUFDO0FBQUEsTUFDM0YsUUFBUSxXQUFXLEtBQUssTUFBTTtBQUFBLElBQ2hDO0FBQUEsRUFDRjtBQUNGO0FBRUEsVUFBVSxhQUFhLEVBQUUsU0FBUyxLQUFLLEdBQXdCLFdBQXdEO0FBQ3JILFFBQU0sUUFBUTtBQUFBLElBQ1osT0FBTyxvQkFBSSxJQUFJO0FBQUEsTUFDYixHQUFHLE9BQU8sS0FBSyxRQUFRLFNBQVMsQ0FBQyxDQUFDO0FBQUEsTUFDbEMsR0FBRyxJQUFJLElBQUksbUJBQW1CLE9BQU8sUUFBUSxLQUFLLElBQUksQ0FBQyxFQUFFLEVBQUUsYUFBYSxLQUFLO0FBQUEsSUFDL0UsQ0FBQztBQUFBLElBQ0QsUUFBUSxJQUFJLElBQUksT0FBTyxLQUFLLFFBQVEsV0FBVyxDQUFDLENBQUMsRUFBRSxJQUFJLENBQUMsU0FBUyxLQUFLLFlBQVksQ0FBQyxDQUFDO0FBQUEsRUFDdEY7QUFDQSxhQUFXLGFBQWEsVUFBVSxZQUFZO0FBQzVDLFFBQUksQ0FBQyxVQUFVLFlBQWEsVUFBVSxPQUFPLFdBQVcsVUFBVSxPQUFPLFNBQVc7QUFDcEYsUUFBSSxNQUFNLFVBQVUsRUFBRSxFQUFFLElBQUksVUFBVSxPQUFPLFdBQVcsVUFBVSxLQUFLLFlBQVksSUFBSSxVQUFVLElBQUksRUFBRztBQUN4RyxVQUFNO0FBQUEsTUFDSixVQUFVO0FBQUEsTUFDVixPQUFPLEtBQUssU0FBUyxDQUFDLFdBQVcsQ0FBQztBQUFBLE1BQ2xDLE1BQU0sa0JBQWtCLFVBQVUsRUFBRSxjQUFjLFVBQVUsSUFBSTtBQUFBLE1BQ2hFLFFBQVEsZ0JBQWdCLFVBQVUsT0FBTyxVQUFVLFVBQVUsU0FBUztBQUFBLElBQ3hFO0FBQUEsRUFDRjtBQUNBLE1BQUksVUFBVSxNQUFNLFlBQVksUUFBUSxTQUFTLFFBQVc7QUFDMUQsVUFBTTtBQUFBLE1BQ0osVUFBVTtBQUFBLE1BQ1YsT0FBTyxLQUFLLFNBQVMsQ0FBQyxXQUFXLENBQUM7QUFBQSxNQUNsQyxNQUFNO0FBQUEsTUFDTixRQUFRLHdCQUF3QixVQUFVLE1BQU0sSUFBSSxVQUFVLEVBQUU7QUFBQSxJQUNsRTtBQUFBLEVBQ0Y7QUFDQSxNQUFJLFFBQVEsYUFBYSxDQUFDLFVBQVUsUUFBUSxRQUFRLFNBQVMsUUFBVztBQUN0RSxVQUFNO0FBQUEsTUFDSixVQUFVO0FBQUEsTUFDVixPQUFPLEtBQUssU0FBUyxDQUFDLE1BQU0sR0FBRyxLQUFLO0FBQUEsTUFDcEMsTUFBTTtBQUFBLE1BQ04sUUFBUTtBQUFBLElBQ1Y7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxTQUFTLE9BQU8sS0FBYSxZQUFZLE9BQWU7QUFDdEQsUUFBTSxPQUFPLElBQUksUUFBUSxnQkFBZ0IsRUFBRSxFQUFFLFFBQVEsc0JBQXNCLEVBQUU7QUFDN0UsUUFBTSxPQUFPLFlBQVksT0FBTyxLQUFLLFFBQVEsWUFBWSxFQUFFO0FBQzNELFNBQU8sS0FBSyxXQUFXLEdBQUcsSUFBSSxPQUFPLElBQUksSUFBSTtBQUMvQztBQUdBLFNBQVMsU0FBUyxLQUFhLE9BQXdCO0FBQ3JELFFBQU0sUUFBUSxDQUFDLFNBQXlCLEtBQUssUUFBUSxRQUFRLEVBQUUsRUFBRSxRQUFRLGNBQWMsSUFBSTtBQUMzRixNQUFJLE1BQU0sR0FBRyxNQUFNLE1BQU0sS0FBSyxFQUFHLFFBQU87QUFDeEMsUUFBTUEsU0FBUSxDQUFDLFNBQTJCLEtBQUssTUFBTSxHQUFHLEVBQUUsT0FBTyxPQUFPO0FBQ3hFLFFBQU0sQ0FBQyxHQUFHLENBQUMsSUFBSSxDQUFDQSxPQUFNLEdBQUcsR0FBR0EsT0FBTSxLQUFLLENBQUM7QUFDeEMsU0FBTyxFQUFFLFdBQVcsRUFBRSxVQUFVLEVBQUUsTUFBTSxDQUFDLE1BQU0sVUFBVSxTQUFTLEVBQUUsS0FBSyxLQUFLLE9BQU8sS0FBSyxFQUFFLEtBQUssS0FBSyxFQUFFLENBQUM7QUFDM0c7OztBQ3JJQSxTQUFTLFlBQVksb0JBQW9CO0FBQ3pDLFNBQVMsWUFBWTtBQW9CZCxJQUFNLG9CQUEwQjtBQUFBLEVBQ3JDLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOLENBQUMsTUFBTSxTQUFTO0FBQ2QsZUFBVyxTQUFTLFFBQVEsT0FBTyxPQUFPLEdBQUc7QUFDM0MsWUFBTSxFQUFFLFNBQVMsTUFBTSxLQUFLLElBQUk7QUFDaEMsWUFBTSxVQUFVLFVBQVUsU0FBUyxLQUFLO0FBRXhDLFVBQUksUUFBUSxTQUFTLFVBQWEsWUFBWSxPQUFXO0FBQ3pELFlBQU0sUUFBUSxvQkFBSSxJQUFJLENBQUMsR0FBRyxPQUFPLEtBQUssUUFBUSxVQUFVLENBQUMsQ0FBQyxHQUFHLEdBQUksV0FBVyxDQUFDLEdBQUksR0FBRyxRQUFRLFNBQVMsQ0FBQztBQUN0RyxZQUFNLE9BQU8sRUFBRSxTQUFTLE1BQU0sT0FBTyxLQUFLO0FBQzFDLFlBQU0sUUFBUSxPQUFPQyxTQUFRLFFBQVEsT0FBTyxDQUFDLE9BQU8sR0FBRyxPQUFPLElBQUk7QUFDbEUsYUFBTyxRQUFRLFFBQVEsUUFBUSxPQUFPLFNBQVMsQ0FBQyxTQUFTLFNBQVMsQ0FBQyxHQUFHLE9BQU8sSUFBSTtBQUFBLElBQ25GO0FBQUEsRUFDRjtBQUNGO0FBR0EsVUFBVUEsU0FDUixPQUNBLE1BQ0EsUUFDQSxNQUN1QztBQUN2QyxRQUFNLFFBQVEsSUFBSSxJQUFJLE1BQU07QUFDNUIsYUFBVyxDQUFDLE9BQU8sSUFBSSxLQUFLLE1BQU0sUUFBUSxHQUFHO0FBQzNDLFVBQU0sS0FBSyxDQUFDLEdBQUcsTUFBTSxLQUFLO0FBQzFCLFVBQU0sU0FBUyxNQUFNLE1BQU0sS0FBSyxPQUFPO0FBQ3ZDLFVBQU0sRUFBRSxLQUFLLFlBQVksU0FBUyxJQUFJLFNBQVMsTUFBTSxFQUFFO0FBQ3ZELFdBQU87QUFBQSxNQUNMLElBQUksUUFBUSxDQUFDLEVBQUUsT0FBTyxNQUFNLE1BQU0sTUFBTSxRQUFRLE9BQU8sS0FBSyxDQUFDO0FBQUEsTUFDN0Q7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUNBLFdBQU87QUFBQSxNQUNMLFdBQVcsUUFBUSxDQUFDLEVBQUUsT0FBTyxNQUFNLE1BQU0sTUFBTSxRQUFRLE9BQU8sS0FBSyxDQUFDO0FBQUEsTUFDcEUsb0JBQUksSUFBSSxDQUFDLEdBQUcsT0FBTyxHQUFHLE1BQU0sQ0FBQztBQUFBLE1BQzdCO0FBQUEsSUFDRjtBQUNBLFdBQU87QUFBQSxNQUNMLFNBQVMsUUFBUSxDQUFDLEVBQUUsT0FBTyxNQUFNLE1BQU0sTUFBTSxRQUFRLE9BQU8sS0FBSyxDQUFDO0FBQUEsTUFDbEUsb0JBQUksSUFBSSxDQUFDLEdBQUcsT0FBTyxNQUFNLENBQUM7QUFBQSxNQUMxQjtBQUFBLElBQ0Y7QUFDQSxRQUFJLGNBQWMsTUFBTTtBQUN0QixZQUFNLFNBQVMsb0JBQUksSUFBSSxDQUFDLEdBQUcsT0FBTyxLQUFLLE1BQU0sTUFBTSxDQUFDO0FBQ3BELFlBQU0sUUFBUSxPQUFPQSxTQUFRLEtBQUssT0FBTyxDQUFDLEdBQUcsSUFBSSxPQUFPLEdBQUcsUUFBUSxJQUFJO0FBQ3ZFLGFBQU8sUUFBUSxRQUFRLEtBQUssT0FBTyxTQUFTLENBQUMsR0FBRyxJQUFJLFNBQVMsU0FBUyxDQUFDLEdBQUcsT0FBTyxJQUFJO0FBQUEsSUFDdkY7QUFDQSxlQUFXLE9BQU8sT0FBUSxPQUFNLElBQUksR0FBRztBQUFBLEVBQ3pDO0FBQ0EsU0FBTztBQUNUO0FBRUEsSUFBTSxVQUFVLENBQUMsT0FBZ0IsU0FBMEIsVUFBVyxTQUFTLE1BQWdCLElBQUk7QUFFbkcsVUFBVSxRQUFRLE1BQTBCLE9BQTRCLEVBQUUsTUFBTSxNQUFNLEdBQTJCO0FBQy9HLGFBQVcsRUFBRSxNQUFNLE1BQU0sU0FBUyxLQUFLLE1BQU07QUFDM0MsUUFBSSxTQUFTLFlBQVksWUFBWSxNQUFNLElBQUksSUFBSSxFQUFHO0FBQ3RELFVBQU07QUFBQSxNQUNKLFVBQVU7QUFBQSxNQUNWLE9BQU8sS0FBSyxTQUFTLElBQUk7QUFBQSxNQUN6QixNQUFNLFlBQVksSUFBSSxpQ0FBaUMsS0FBSztBQUFBLE1BQzVELFFBQVEsWUFBWSxNQUFNLEtBQUs7QUFBQSxJQUNqQztBQUFBLEVBQ0Y7QUFDRjtBQUdBLFNBQVMsVUFBVSxFQUFFLFdBQVcsR0FBWSxFQUFFLFNBQVMsRUFBRSxLQUFLLEVBQUUsR0FBNEM7QUFDMUcsTUFBSSxTQUFTLE9BQVcsUUFBTyxDQUFDO0FBQ2hDLE1BQUksTUFBTSxRQUFRLElBQUksRUFBRyxRQUFPLENBQUMsT0FBTyxTQUFTLEdBQUcsS0FBSyxRQUFRLENBQUMsUUFBUSxPQUFPLEtBQU0sT0FBTyxDQUFDLENBQVksQ0FBQyxDQUFDO0FBQzdHLFFBQU0sT0FBTyxLQUFLLFdBQVcsTUFBTSxJQUFJO0FBQ3ZDLE1BQUksQ0FBQyxVQUFVLEtBQUssSUFBSSxLQUFLLENBQUMsV0FBVyxJQUFJLEVBQUcsUUFBTztBQUN2RCxRQUFNLENBQUMsT0FBTyxFQUFFLElBQUksYUFBYSxNQUFNLE1BQU0sRUFBRSxNQUFNLFNBQVMsQ0FBQztBQUMvRCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsR0FBRyxLQUNBLFFBQVEsV0FBVyxFQUFFLEVBQ3JCLE1BQU0sR0FBRyxFQUNULElBQUksQ0FBQyxTQUFTLEtBQUssUUFBUSxVQUFVLEVBQUUsQ0FBQztBQUFBLEVBQzdDO0FBQ0Y7OztBQ2hHTyxJQUFNLG1CQUF5QjtBQUFBLEVBQ3BDLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOLENBQUMsTUFBTSxTQUFTO0FBQ2QsZUFBVyxXQUFXLFFBQVEsU0FBUyxPQUFPLEdBQUc7QUFDL0MsWUFBTSxZQUFZLFlBQVksU0FBUyxPQUFPO0FBQzlDLFVBQUksQ0FBQyxVQUFXO0FBQ2hCLGFBQU8sUUFBUSxTQUFTLFNBQVM7QUFDakMsYUFBTyxPQUFPLFNBQVMsU0FBUztBQUFBLElBQ2xDO0FBQUEsRUFDRjtBQUNGO0FBR0EsSUFBTUMsV0FBVSxDQUFDLFVBQTRCLE9BQU8sVUFBVSxZQUFZLE1BQU0sU0FBUyxJQUFJO0FBRTdGLFVBQVUsUUFDUixFQUFFLFNBQVMsS0FBSyxHQUNoQixFQUFFLFlBQVksU0FBUyxHQUNXO0FBQ2xDLE1BQUksYUFBYSxPQUFRO0FBQ3pCLFFBQU0sUUFBUSxJQUFJLElBQUksV0FBVyxPQUFPLENBQUMsUUFBUSxJQUFJLE9BQU8sT0FBTyxFQUFFLElBQUksQ0FBQyxRQUFRLENBQUMsSUFBSSxNQUFNLEdBQUcsQ0FBQyxDQUFDO0FBQ2xHLGFBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSyxPQUFPLFFBQVEsUUFBUSxTQUFTLENBQUMsQ0FBQyxHQUFHO0FBQy9ELFVBQU0sWUFBWSxNQUFNLElBQUksSUFBSSxLQUFLLE1BQU0sSUFBSSxLQUFLLFFBQVEsZUFBZSxFQUFFLENBQUM7QUFDOUUsUUFBSSxDQUFDLFdBQVc7QUFDZCxZQUFNO0FBQUEsUUFDSixVQUFVO0FBQUEsUUFDVixPQUFPLEtBQUssU0FBUyxDQUFDLFNBQVMsSUFBSSxHQUFHLEtBQUs7QUFBQSxRQUMzQyxNQUFNLHVCQUF1QixJQUFJO0FBQUEsUUFDakMsUUFBUSxZQUFZLE1BQU0sTUFBTSxLQUFLLENBQUM7QUFBQSxNQUN4QztBQUNBO0FBQUEsSUFDRjtBQUNBLGVBQVcsT0FBUSxNQUFNLFFBQVEsS0FBSyxJQUFJLFFBQVEsQ0FBQyxLQUFLLEdBQWlCO0FBQ3ZFLFlBQU1DLFFBQU8sTUFBTSxHQUFHO0FBQ3RCLFVBQUksT0FBT0EsVUFBUyxZQUFhRCxTQUFRQyxLQUFJLEtBQUssQ0FBQyxVQUFVLFFBQVU7QUFFdkUsWUFBTSxPQUFPLGFBQWEsT0FBT0EsS0FBSSxFQUFFLFFBQVEsZ0JBQWdCLEdBQUcsR0FBRyxTQUFTO0FBQzlFLFVBQUksU0FBUztBQUNYLGNBQU07QUFBQSxVQUNKLFVBQVU7QUFBQSxVQUNWLE9BQU8sS0FBSyxTQUFTLENBQUMsU0FBUyxJQUFJLENBQUM7QUFBQSxVQUNwQyxNQUFNLFNBQVMsSUFBSSxJQUFJLElBQUk7QUFBQSxVQUMzQixRQUFRO0FBQUEsUUFDVjtBQUFBLElBQ0o7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxVQUFVLE9BQU8sRUFBRSxTQUFTLEtBQUssR0FBd0IsV0FBd0Q7QUFDL0csUUFBTSxFQUFFLEtBQUssSUFBSTtBQUNqQixRQUFNLENBQUMsTUFBTSxPQUFPLE1BQU0sSUFBSSxPQUFPLE1BQU0sU0FBUztBQUNwRCxNQUFJLFdBQVcsVUFBYUQsU0FBUSxLQUFLLEVBQUc7QUFDNUMsYUFBVyxFQUFFLElBQUksTUFBTSxLQUFLLEtBQUssV0FBVyxLQUFLLEtBQUssR0FBRyxRQUFRLEVBQUUsU0FBQUEsU0FBUSxDQUFDLEdBQUc7QUFDN0UsVUFBTTtBQUFBLE1BQ0osVUFBVTtBQUFBLE1BQ1YsT0FBTyxLQUFLLFNBQVMsQ0FBQyxRQUFRLEdBQUcsTUFBTSxHQUFHLElBQUksQ0FBQztBQUFBLE1BQy9DLE1BQU0sR0FBRyxHQUFHLFFBQVEsT0FBTyxLQUFLLENBQUMsTUFBTSxZQUFZLGNBQWMsR0FBRyxDQUFDLElBQUksSUFBSTtBQUFBLE1BQzdFLFFBQVEsd0JBQXdCLFVBQVUsTUFBTSxJQUFJLFVBQVUsRUFBRTtBQUFBLElBQ2xFO0FBQUEsRUFDRjtBQUNGO0FBRUEsU0FBUyxPQUNQLE1BQ0EsRUFBRSxVQUFVLFlBQVksTUFBTSxXQUFXLEdBQytCO0FBQ3hFLE1BQUksUUFBUSxhQUFhLFFBQVEsYUFBYTtBQUM1QyxXQUFPLENBQUMsQ0FBQyxXQUFXLFdBQVcsR0FBRyxLQUFLLFFBQVEsYUFBYSxDQUFDLEdBQUcsVUFBVTtBQUM1RSxRQUFNLGFBQWEsY0FBYyxhQUFhLEtBQUssV0FBVyxJQUFJLEtBQUssQ0FBQyxXQUFXO0FBQ25GLE1BQUksUUFBUSxVQUFVLFFBQVEsV0FBWSxRQUFPLENBQUMsQ0FBQyxNQUFNLEdBQUcsS0FBSyxNQUFNLFdBQVcsTUFBTTtBQUN4RixTQUFPLENBQUMsQ0FBQyxHQUFHLFFBQVcsTUFBUztBQUNsQztBQUdBLFNBQVMsS0FBSyxPQUF5QjtBQUNyQyxRQUFNLFNBQVMsTUFBTSxLQUFLO0FBQzFCLE1BQUksTUFBTSxRQUFRLE1BQU0sRUFBRyxRQUFPLE9BQU8sSUFBSSxJQUFJO0FBQ2pELE1BQUksT0FBTyxXQUFXLFlBQVksV0FBVyxLQUFNLFFBQU87QUFDMUQsU0FBTyxPQUFPLFlBQVksT0FBTyxRQUFRLE1BQU0sRUFBRSxJQUFJLENBQUMsQ0FBQyxLQUFLLEtBQUssTUFBTSxDQUFDLEtBQUssS0FBSyxLQUFLLENBQUMsQ0FBQyxDQUFDO0FBQzVGOzs7QUNwRk8sSUFBTSxRQUF5QjtBQUFBLEVBQ3BDO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjsiLAogICJuYW1lcyI6IFsicGFydHMiLCAiaW5TdGVwcyIsICJ1bmtub3duIiwgImJhcmUiXQp9Cg==
