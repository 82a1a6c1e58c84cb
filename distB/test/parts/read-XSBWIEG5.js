import {
  entryOf
} from "./chunk-57TEDLWY.js";
import {
  inferFields
} from "./chunk-W5CSRCJ4.js";
import {
  commandLine,
  jsonIn,
  rawAnswer,
  rawRequest,
  typeOfBody
} from "./chunk-O3NKAVGW.js";
import {
  safeMethods
} from "./chunk-GHHZ6UXC.js";
import "./chunk-XGDOGID3.js";

// src/core/documentation/page/call.ts
var methodPath = /\b(GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS)\b[\s:]*[`"']?((?:https?:\/\/[^\s`"'<>]+|\/)[^\s`"'<>,;)]*)/;
function callIn(text) {
  const found = methodPath.exec(text);
  return found ? callOf({ method: found[1] ?? "", address: found[2] ?? "" }) : void 0;
}
function callOf({ method, address }) {
  const [path = "/", query = ""] = address.replace(/^https?:\/\/[^/?#]+/i, "").replace(/#.*$/, "").split("?");
  const template = path.replace(
    /:([A-Za-z_]\w*)|<([^>]+)>|\[([^\]]+)\]/g,
    (_, a, b, c) => `{${a ?? b ?? c}}`
  );
  const names = query.split("&").flatMap((pair) => decodeURIComponentSafely(pair.split("=")[0] ?? "") || []);
  return { method, path: template === "" ? "/" : template.replace(/(.)\/+$/, "$1"), query: names };
}
function decodeURIComponentSafely(text) {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}
function fitsPath(path, template) {
  const [a, b] = [path.split("/"), template.split("/")];
  return a.length === b.length && b.every((part, index) => /^\{.*\}$/.test(part) || part === a[index]);
}

// src/core/documentation/page/field-table.ts
var columnNames = [
  ["required", /\b(?:required|mandatory|optional|req\.?|presence|obligat\w+)\b|required\?/i],
  ["default", /\bdefault/i],
  ["in", /^(?:in|where|location|place|position|sent in|passed in|parameter type|param type|kind of parameter)$/i],
  ["example", /\b(?:example|sample)s?\b/i],
  ["allowed", /\b(?:values|allowed|options|choices|range|limits?|constraints?|enum)\b/i],
  ["type", /\b(?:type|format|data ?type)\b/i],
  [
    "name",
    /^(?:name|(?:query |path |body |header |request )?(?:parameter|param|field|key|attribute|property|argument|element|header|member|variable)s?(?: name)?)$/i
  ],
  ["description", /\b(?:descriptions?|meaning|notes?|comments?|explanation|details|purpose|about|what)\b/i]
];
function fieldsIn({ head, rows, line, lines }) {
  const columns = columnsOf(head);
  if (!columns.has("name") || columns.size < 2) return void 0;
  return rows.flatMap((cells, index) => {
    const cell = (column) => columns.has(column) ? (cells[columns.get(column)] ?? "").trim() : "";
    const written = cell("name");
    const name = written.replace(/[*†]+$/, "").replace(/^[`"']|[`"']$/g, "").trim().split(/\s/)[0] ?? "";
    if (name === "" || !/^[\p{L}_$@.[\]{}\w-]+$/u.test(name)) return [];
    const description = cell("description") || (columns.has("description") ? "" : cells.at(-1) ?? "");
    const place = placeOf(cell("in"));
    return [{ in: place, field: oneField(name, written, cell, description, lines[index] ?? line) }];
  });
}
function oneField(name, written, cell, description, line) {
  const required = requiredBy(cell("required"), description, written);
  const allowed = allowedIn(cell("allowed")) ?? allowedIn(description);
  const limits = limitsIn(`${cell("allowed")} ${description}`);
  const fallback = cell("default") || /\bdefaults?(?:\s+(?:is|to|value))?\s*:?\s*["'`]?([\w.-]+)/i.exec(description)?.[1];
  const type = typeIn(cell("type"));
  const certainty = cell("type") !== "" && required.certain ? "sure" : "likely";
  return {
    name: name.replace(/[{}]/g, ""),
    type: type ?? "string",
    required: required.value,
    ...description !== "" && { description },
    ...fallback !== void 0 && !/^(?:none|-|–|—|n\/a|null)$/i.test(fallback) && { default: asTyped(fallback, type) },
    ...cell("example") !== "" && { example: asTyped(cell("example").replace(/^[`"']|[`"']$/g, ""), type) },
    ...allowed && { allowed },
    ...limits && { limits },
    certainty,
    at: `line ${line}`
  };
}
function columnsOf(head) {
  const found = /* @__PURE__ */ new Map();
  for (const [index, text] of head.entries()) {
    const column = columnNames.find(([name, pattern]) => !found.has(name) && pattern.test(text.trim()))?.[0];
    if (column) found.set(column, index);
  }
  return found;
}
var yes = /^(?:yes|y|true|required|mandatory|always|x|✓|✔|●|1|must)\b/i;
var no = /^(?:no|n|false|optional|-|–|—|0|may)?$|^(?:no|optional|conditional)\b/i;
function requiredBy(cell, description, name) {
  if (cell !== "" && yes.test(cell)) return { value: true, certain: true };
  if (cell !== "" && no.test(cell)) return { value: false, certain: true };
  if (/\*$/.test(name)) return { value: true, certain: false };
  if (/\b(?:not required|optional)\b/i.test(description)) return { value: false, certain: true };
  if (/\b(?:required|mandatory)\b/i.test(description)) return { value: true, certain: true };
  return { value: false, certain: false };
}
function placeOf(text) {
  const word = /\b(path|url|query|header|cookie|body|form|json)\b/i.exec(text)?.[1]?.toLowerCase();
  if (word === "url") return "path";
  if (word === "form" || word === "json") return "body";
  return word;
}
var typeWords = [
  [/^(?:array|list)s?\b|\[\]$/i, "array"],
  [/\b(?:date-?time|timestamp|datetime)\b/i, "string (date-time)"],
  [/\bdate\b/i, "string (date)"],
  [/\b(?:integer|int|int32|int64|long|whole number)\b/i, "integer"],
  [/\b(?:number|float|double|decimal|numeric)\b/i, "number"],
  [/\b(?:bool|boolean|flag)\b/i, "boolean"],
  [/\b(?:object|map|hash|dictionary|structure)\b/i, "object"],
  [/\b(?:string|text|char|varchar|uuid|enum|url|uri|id|code)\b/i, "string"]
];
function typeIn(text) {
  if (text === "") return void 0;
  const type = typeWords.find(([pattern]) => pattern.test(text))?.[1];
  if (type !== "array") return type ?? "string";
  const inner = /(?:of|<)\s*([\w-]+)/i.exec(text)?.[1] ?? /^([\w-]+)\[\]$/.exec(text)?.[1];
  const item = inner === void 0 ? void 0 : typeIn(inner.replace(/s$/, ""));
  return item === void 0 ? "array" : `array of ${item}`;
}
function allowedIn(text) {
  const listed = /\b(?:one of|allowed values?(?: are)?|possible values?(?: are)?|values?)\s*:?\s+([^.;]+)/i.exec(text)?.[1] ?? (/^[\w-]+(?:\s*[|/]\s*[\w-]+)+$/.test(text.trim()) ? text : void 0);
  if (listed === void 0) return void 0;
  const values = listed.split(/\s*(?:,|\||\bor\b|\/)\s*/).map(
    (one) => one.replace(/^(?:or|and)\s+/, "").replace(/^[`"']|[`"']$/g, "").trim()
  );
  const found = values.filter((one) => one !== "");
  return found.length > 1 && found.every((one) => /^[\w.-]+$/.test(one)) ? found : void 0;
}
function limitsIn(text) {
  const number = "(-?\\d+(?:\\.\\d+)?)";
  const between = new RegExp(`\\b(?:between|from)\\s+${number}\\s+(?:and|to)\\s+${number}`, "i").exec(text);
  const most = new RegExp(`\\b(?:at most|max(?:imum)?\\.?|no more than|up to)\\s*:?\\s*${number}`, "i").exec(text)?.[1];
  const least = new RegExp(`\\b(?:at least|min(?:imum)?\\.?|no less than)\\s*:?\\s*${number}`, "i").exec(text)?.[1];
  const found = {};
  const low = between?.[1] ?? least;
  const high = between?.[2] ?? most;
  if (low !== void 0) found["at-least"] = Number(low);
  if (high !== void 0) found["at-most"] = Number(high);
  return low === void 0 && high === void 0 ? void 0 : found;
}
function asTyped(text, type) {
  if (type === "integer" || type === "number") return Number.isNaN(Number(text)) ? text : Number(text);
  return type === "boolean" ? text === "true" : text;
}

// src/core/documentation/page/gathering.ts
function addParameter({ parameters }, parameter) {
  parameters.set(`${parameter.in} ${parameter.name}`, parameter);
}
function takeTable(table, label, { method, path }, gathered, warnings) {
  const fields = fieldsIn(table);
  if (!fields) {
    const statuses = statusesIn(table);
    for (const [status, description] of statuses) addAnswer(gathered, status, { description });
    if (statuses.length === 0)
      warnings.push({ at: `line ${table.line}`, what: `the table (${table.head.join(", ")}) was not understood` });
    return;
  }
  const ofAnswer = /\b(?:response|answer|result|returns?|reply)\b/i.test(label) && !/\brequest\b/i.test(label);
  if (ofAnswer) {
    addAnswer(gathered, "200", { fields: fields.map(({ field }) => field) });
    return;
  }
  for (const one of fields) {
    const place = one.in ?? placeFor(one, label, method, path);
    if (place === "body") gathered.fields.push(one.field);
    else addParameter(gathered, { ...one.field, in: place, required: one.field.required || place === "path" });
  }
}
function placeFor({ field }, label, method, path) {
  if (path.includes(`{${field.name}}`)) return "path";
  if (/\bheaders?\b/i.test(label)) return "header";
  if (/\bquery\b/i.test(label)) return "query";
  if (/\b(?:body|payload|form|json)\b/i.test(label)) return "body";
  return safeMethods.has(method) || method === "DELETE" ? "query" : "body";
}
function statusesIn({ head, rows }) {
  const at = head.findIndex((cell) => /\b(?:status|code|http)\b/i.test(cell));
  if (at === -1) return [];
  return rows.flatMap((row) => {
    const status = /\b([1-5]\d\d)\b/.exec(row[at] ?? "")?.[1];
    return status === void 0 ? [] : [[status, row.filter((_, index) => index !== at).join(" ")]];
  });
}
function takeCode(block, label, section, gathered, warnings) {
  const { text, line } = block;
  const at = `line ${line}`;
  const request = rawRequest(text) ?? commandLine(text);
  if (request) {
    takeRequest(request, section, gathered, at);
    return;
  }
  const answer = rawAnswer(text);
  if (answer) {
    addAnswer(gathered, String(answer.status), { body: answer.body, type: answer.type, at });
    return;
  }
  const type = typeOfBody(text);
  if (type === void 0) {
    warnings.push({ at, what: "the example is neither a message nor JSON nor XML" });
    return;
  }
  const status = /\b([1-5]\d\d)\b/.exec(label)?.[1];
  const ofAnswer = status !== void 0 || /\b(?:response|answers?|results?|returns?|reply|output)\b/i.test(label);
  const ofRequest = /\b(?:request|body|payload|send|input)\b/i.test(label);
  if (ofAnswer || safeMethods.has(section.method) && !ofRequest)
    addAnswer(gathered, status ?? "200", { body: text, type, at });
  else if (!gathered.body) gathered.body = { type, text, at };
  else addAnswer(gathered, "200", { body: text, type, at });
}
function takeRequest({ address, headers, body }, { path }, gathered, at) {
  const url = new URL(address, "http://page.example");
  const parts = url.pathname.split("/");
  for (const [index, part] of path.split("/").entries()) {
    const name = /^\{(.*)\}$/.exec(part)?.[1];
    const known = name === void 0 ? void 0 : gathered.parameters.get(`path ${name}`);
    const value = decodeURIComponentSafely(parts[index] ?? "");
    if (known && value !== "" && !/[{}:]/.test(value)) addParameter(gathered, { ...known, example: value });
  }
  for (const [name, value] of url.searchParams) {
    const known = gathered.parameters.get(`query ${name}`) ?? {
      name,
      in: "query",
      type: "string",
      required: false,
      certainty: "guess",
      at
    };
    const number = /^(?:integer|number)/.test(known.type) && value !== "" && !Number.isNaN(Number(value));
    addParameter(gathered, { ...known, example: number ? Number(value) : value });
  }
  for (const [name, value] of headers) {
    if (/^(?:accept|host|content-(?:type|length)|authorization|user-agent|connection)$/.test(name)) continue;
    if (![...gathered.parameters.keys()].some((key) => key.toLowerCase() === `header ${name}`))
      addParameter(gathered, {
        name,
        in: "header",
        type: "string",
        required: false,
        example: value,
        certainty: "guess",
        at
      });
  }
  if (body !== "")
    gathered.body = {
      type: headers.get("content-type")?.split(";")[0] ?? typeOfBody(body) ?? "text/plain",
      text: body,
      at
    };
}
function addAnswer({ answers }, status, { description, fields, body, type, at }) {
  const before = answers.get(status);
  const example = body === void 0 ? void 0 : exampleValue(body);
  const inferred = example === void 0 ? [] : inferFields([example], { certainty: "guess", ...at !== void 0 && { at } });
  const known = fields ?? before?.content?.fields ?? [];
  const content = fields || body !== void 0 || before?.content ? {
    type: type ?? before?.content?.type ?? "application/json",
    fields: merged(known, inferred),
    ...example !== void 0 ? { example } : before?.content?.example !== void 0 && { example: before.content.example },
    documentedExample: example !== void 0 || before?.content?.documentedExample === true
  } : void 0;
  const said = description ?? before?.description;
  answers.set(status, {
    status,
    headers: [],
    ...said !== void 0 && { description: said },
    ...content && { content }
  });
}
var exampleValue = (text) => {
  if (text.trim() === "") return void 0;
  const json = jsonIn(text);
  return json ? json.value : text;
};
function merged(described, inferred) {
  const names = new Set(described.map(({ name }) => name.split(".")[0]));
  return [...nested(described), ...inferred.filter(({ name }) => !names.has(name))];
}
function nested(fields) {
  const out = [];
  for (const field of fields) {
    const [holder, ...rest] = field.name.replaceAll("[]", "").split(".");
    const above = rest.length > 0 ? out.findIndex(({ name }) => name === holder) : -1;
    const parent = out[above];
    if (!parent) out.push(field);
    else out[above] = { ...parent, fields: nested([...parent.fields ?? [], { ...field, name: rest.join(".") }]) };
  }
  return out;
}
function bodyOf({ body, fields }, method) {
  if (!body && fields.length === 0 || safeMethods.has(method)) return void 0;
  const example = body && exampleValue(body.text);
  const inferred = example === void 0 ? [] : inferFields([example], { certainty: "guess", at: body?.at ?? "" });
  return {
    type: body?.type ?? "application/json",
    required: true,
    otherTypes: [],
    fields: withExamples(merged(fields, inferred), example),
    ...example !== void 0 && { example },
    documentedExample: example !== void 0
  };
}
function withExamples(fields, example) {
  if (typeof example !== "object" || example === null || Array.isArray(example)) return fields;
  const values = example;
  return fields.map((field) => {
    const value = values[field.name];
    if (value === void 0 || field.example !== void 0 || typeof value === "object") return field;
    return { ...field, example: value };
  });
}

// src/core/documentation/page/sections.ts
function sectionsOf(blocks, warnings) {
  const found = /* @__PURE__ */ new Map();
  const trail = [];
  let open;
  let openLevel = 0;
  let useful = true;
  const start = (call, summary, certainty, line, level) => {
    const key = `${call.method} ${call.path}`;
    const before = found.get(key);
    open = {
      ...call,
      summary: before?.summary && summary === "" ? before.summary : summary,
      certainty,
      line,
      blocks: before?.blocks ?? []
    };
    found.set(key, open);
    openLevel = level;
    useful = true;
  };
  const leave = () => {
    const last = trail.at(-1);
    if (!useful && last && last.level > 1)
      warnings.push({ at: `line ${last.line}`, what: `nothing was read from \u201C${last.text}\u201D` });
  };
  for (const block of blocks) {
    const level = trail.at(-1)?.level ?? 0;
    if (block.is === "heading") {
      leave();
      useful = open !== void 0 && block.level > openLevel;
      if (open && block.level <= openLevel) open = void 0;
      while (trail.length > 0 && (trail.at(-1)?.level ?? 0) >= block.level) trail.pop();
      trail.push(block);
      const call = callIn(block.text);
      if (call)
        start(
          call,
          block.text.replace(methodPath, "").replace(/^[\s:–—-]+|[\s:–—-]+$/g, ""),
          "sure",
          block.line,
          block.level
        );
      else open?.blocks.push(block);
      continue;
    }
    const title = trail.at(-1)?.text ?? "";
    if (block.is === "table" && listsCalls(block)) {
      for (const row of block.rows) {
        const call = callIn(row.join(" "));
        if (call) start(call, describedIn(row), "sure", block.line, level);
      }
      open = void 0;
      continue;
    }
    if (block.is === "text") {
      const call = callIn(block.text);
      if (call && block.text.replace(methodPath, "").trim().length < 40) {
        start(call, title, "sure", block.line, level);
        continue;
      }
    }
    if (block.is === "code") {
      const lines = block.text.split("\n").filter((line) => line.trim() !== "");
      const calls = lines.map(
        (line) => /^\s*(?:GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS)\s+\S+\s*$/.test(line) ? callIn(line) : void 0
      );
      if (calls.length > 0 && calls.every((call2) => call2 !== void 0)) {
        for (const call2 of calls) start(call2, title, "sure", block.line, level);
        continue;
      }
      const example = rawRequest(block.text) ?? commandLine(block.text);
      const call = example && callOf(example);
      const described = open;
      if (call && !(described && described.method === call.method && fitsPath(call.path, described.path)))
        start(call, title, "guess", block.line, level);
    }
    if (open) open.blocks.push(block);
    else if (block.is === "table" && fieldsIn(block))
      warnings.push({ at: `line ${block.line}`, what: "a table of fields stands below no call" });
  }
  leave();
  return [...found.values()];
}
var listsCalls = (table) => table.rows.filter((row) => callIn(row.join(" "))).length > 0 && !fieldsIn(table);
var describedIn = (row) => row.filter(
  (cell) => !/^(?:GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS)$/.test(cell) && !cell.startsWith("/") && !methodPath.test(cell)
).at(-1) ?? "";

// src/core/documentation/page/operations.ts
function operationsOn(blocks) {
  const warnings = [];
  const sections = sectionsOf(blocks, warnings);
  const ids = /* @__PURE__ */ new Set();
  const operations = sections.map((section) => operationOf(section, ids, warnings));
  return { operations, warnings, origins: originsIn(blocks) };
}
function operationOf(section, ids, warnings) {
  const { method, path, query, summary, certainty, line, blocks } = section;
  const gathered = { parameters: /* @__PURE__ */ new Map(), fields: [], texts: [], answers: /* @__PURE__ */ new Map(), body: void 0 };
  for (const [, name] of path.matchAll(/\{([^}]+)\}/g)) {
    if (name !== void 0)
      addParameter(gathered, {
        name,
        in: "path",
        type: "string",
        required: true,
        certainty: "likely",
        at: `line ${line}`
      });
  }
  for (const name of query)
    addParameter(gathered, {
      name,
      in: "query",
      type: "string",
      required: false,
      certainty: "guess",
      at: `line ${line}`
    });
  let label = "";
  for (const block of blocks) {
    if (block.is === "heading") label = block.text;
    else if (block.is === "text") {
      if (block.text.length < 60) label = `${label} ${block.text}`;
      else gathered.texts.push(block.text);
      if (gathered.texts.length === 0 && block.text.length > 15 && !/:$/.test(block.text))
        gathered.texts.push(block.text);
    } else if (block.is === "table") takeTable(block, label, section, gathered, warnings);
    else {
      takeCode(block, label, section, gathered, warnings);
      label = "";
    }
  }
  const body = bodyOf(gathered, method);
  const [description] = gathered.texts;
  return {
    id: freeId(summary, method, path, ids),
    protocol: "http",
    group: path.split("/").find((part) => part !== "" && !part.startsWith("{") && !/^v\d/.test(part)) ?? "operations",
    ...summary !== "" && { summary },
    ...description !== void 0 && { description },
    method,
    path,
    deprecated: blocks.some((block) => block.is === "text" && /\b(?:is|are|now) deprecated\b/i.test(block.text)),
    certainty,
    at: `line ${line}`,
    changes: !safeMethods.has(method),
    parameters: [...gathered.parameters.values()],
    ...body && { body },
    answers: [...gathered.answers.values()].sort((a, b) => a.status.localeCompare(b.status)),
    security: []
  };
}
function freeId(summary, method, path, ids) {
  const slug = (text) => text.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, "-").replace(/^-|-$/g, "");
  const words = summary.split(/\s+/).length;
  const base = summary !== "" && words <= 8 ? slug(summary) : slug(`${method} ${path}`);
  let id = base;
  for (let count = 2; ids.has(id); count += 1) id = count === 2 ? slug(`${method} ${path}`) : `${base}-${count}`;
  ids.add(id);
  return id;
}
function originsIn(blocks) {
  const counts = /* @__PURE__ */ new Map();
  for (const block of blocks) {
    if (block.is === "table") continue;
    for (const [address] of block.text.matchAll(/https?:\/\/[\w.-]+(?::\d+)?/g))
      counts.set(address, (counts.get(address) ?? 0) + 1);
  }
  return [...counts].sort((a, b) => b[1] - a[1]).map(([origin]) => origin);
}

// src/core/documentation/page/read.ts
async function readPage({ main }, source) {
  const { title, blocks } = main.notation === "markdown" ? (await import("./markdown-6ZHHIFZY.js")).markdownBlocks(main.text) : (await import("./html-7VCULVA4.js")).htmlBlocks(main.text);
  const { operations, warnings, origins } = operationsOn(blocks);
  const none = operations.length === 0 ? [{ at: "page", what: "no method and path stands on the page" }] : [];
  return {
    format: "page",
    version: main.notation === "markdown" ? "Markdown" : "HTML",
    title: title ?? source,
    servers: origins.slice(0, 1).map((url) => ({ url, variables: [] })),
    operations: operations.map(entryOf),
    definitions: /* @__PURE__ */ new Map(),
    types: /* @__PURE__ */ new Map(),
    webhooks: [],
    warnings: [...none, ...warnings]
  };
}
export {
  readPage
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9wYWdlL2NhbGwudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9wYWdlL2ZpZWxkLXRhYmxlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vcGFnZS9nYXRoZXJpbmcudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9wYWdlL3NlY3Rpb25zLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vcGFnZS9vcGVyYXRpb25zLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vcGFnZS9yZWFkLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogQSBtZXRob2QgYW5kIGEgcGF0aCBhcyBwYWdlcyB3cml0ZSB0aGVtLiAqL1xuaW1wb3J0IHR5cGUgeyBFeGFtcGxlUmVxdWVzdCB9IGZyb20gJy4vbWVzc2FnZXMuanMnO1xuXG5leHBvcnQgY29uc3QgbWV0aG9kUGF0aCA9XG4gIC9cXGIoR0VUfFBPU1R8UFVUfFBBVENIfERFTEVURXxIRUFEfE9QVElPTlMpXFxiW1xcczpdKltgXCInXT8oKD86aHR0cHM/OlxcL1xcL1teXFxzYFwiJzw+XSt8XFwvKVteXFxzYFwiJzw+LDspXSopLztcblxuZXhwb3J0IGludGVyZmFjZSBDYWxsIHtcbiAgcmVhZG9ubHkgbWV0aG9kOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHBhdGg6IHN0cmluZztcbiAgcmVhZG9ubHkgcXVlcnk6IHJlYWRvbmx5IHN0cmluZ1tdO1xufVxuXG5leHBvcnQgZnVuY3Rpb24gY2FsbEluKHRleHQ6IHN0cmluZyk6IENhbGwgfCB1bmRlZmluZWQge1xuICBjb25zdCBmb3VuZCA9IG1ldGhvZFBhdGguZXhlYyh0ZXh0KTtcbiAgcmV0dXJuIGZvdW5kID8gY2FsbE9mKHsgbWV0aG9kOiBmb3VuZFsxXSA/PyAnJywgYWRkcmVzczogZm91bmRbMl0gPz8gJycgfSkgOiB1bmRlZmluZWQ7XG59XG5cbi8qKiBgL3gvOmlkYCwgYC94LzxpZD5gIGFuZCBgL3gvW2lkXWAgYXJlIGAveC97aWR9YC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBjYWxsT2YoeyBtZXRob2QsIGFkZHJlc3MgfTogUGljazxFeGFtcGxlUmVxdWVzdCwgJ21ldGhvZCcgfCAnYWRkcmVzcyc+KTogQ2FsbCB7XG4gIGNvbnN0IFtwYXRoID0gJy8nLCBxdWVyeSA9ICcnXSA9IGFkZHJlc3NcbiAgICAucmVwbGFjZSgvXmh0dHBzPzpcXC9cXC9bXi8/I10rL2ksICcnKVxuICAgIC5yZXBsYWNlKC8jLiokLywgJycpXG4gICAgLnNwbGl0KCc/Jyk7XG4gIGNvbnN0IHRlbXBsYXRlID0gcGF0aC5yZXBsYWNlKFxuICAgIC86KFtBLVphLXpfXVxcdyopfDwoW14+XSspPnxcXFsoW15cXF1dKylcXF0vZyxcbiAgICAoXywgYTogc3RyaW5nLCBiOiBzdHJpbmcsIGM6IHN0cmluZykgPT4gYHske2EgPz8gYiA/PyBjfX1gLFxuICApO1xuICBjb25zdCBuYW1lcyA9IHF1ZXJ5LnNwbGl0KCcmJykuZmxhdE1hcCgocGFpcikgPT4gZGVjb2RlVVJJQ29tcG9uZW50U2FmZWx5KHBhaXIuc3BsaXQoJz0nKVswXSA/PyAnJykgfHwgW10pO1xuICByZXR1cm4geyBtZXRob2QsIHBhdGg6IHRlbXBsYXRlID09PSAnJyA/ICcvJyA6IHRlbXBsYXRlLnJlcGxhY2UoLyguKVxcLyskLywgJyQxJyksIHF1ZXJ5OiBuYW1lcyB9O1xufVxuXG5leHBvcnQgZnVuY3Rpb24gZGVjb2RlVVJJQ29tcG9uZW50U2FmZWx5KHRleHQ6IHN0cmluZyk6IHN0cmluZyB7XG4gIHRyeSB7XG4gICAgcmV0dXJuIGRlY29kZVVSSUNvbXBvbmVudCh0ZXh0KTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIHRleHQ7XG4gIH1cbn1cblxuZXhwb3J0IGZ1bmN0aW9uIGZpdHNQYXRoKHBhdGg6IHN0cmluZywgdGVtcGxhdGU6IHN0cmluZyk6IGJvb2xlYW4ge1xuICBjb25zdCBbYSwgYl0gPSBbcGF0aC5zcGxpdCgnLycpLCB0ZW1wbGF0ZS5zcGxpdCgnLycpXTtcbiAgcmV0dXJuIGEubGVuZ3RoID09PSBiLmxlbmd0aCAmJiBiLmV2ZXJ5KChwYXJ0LCBpbmRleCkgPT4gL15cXHsuKlxcfSQvLnRlc3QocGFydCkgfHwgcGFydCA9PT0gYVtpbmRleF0pO1xufVxuIiwgIi8qKiBUYWJsZXMgb2YgcGFyYW1ldGVycyBhbmQgZmllbGRzLCBpbiB3aGF0ZXZlciBvcmRlciBhbmQgd29yZGluZyB0aGVpciBjb2x1bW5zIGhhdmUuICovXG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IENlcnRhaW50eSwgRmllbGQsIExpbWl0cywgUGFyYW1ldGVyTG9jYXRpb24gfSBmcm9tICcuLi9tb2RlbC5qcyc7XG5pbXBvcnQgdHlwZSB7IFRhYmxlIH0gZnJvbSAnLi9ibG9ja3MuanMnO1xuXG50eXBlIENvbHVtbiA9ICduYW1lJyB8ICdpbicgfCAndHlwZScgfCAncmVxdWlyZWQnIHwgJ2RlZmF1bHQnIHwgJ2FsbG93ZWQnIHwgJ2V4YW1wbGUnIHwgJ2Rlc2NyaXB0aW9uJztcblxuLyoqIFdoYXQgdmVuZG9ycyBjYWxsIHRoZWlyIGNvbHVtbnM7IHRoZSBmaXJzdCB0aGF0IGZpdHMgYSBoZWFkIHdpbnMuICovXG5jb25zdCBjb2x1bW5OYW1lczogcmVhZG9ubHkgKHJlYWRvbmx5IFtDb2x1bW4sIFJlZ0V4cF0pW10gPSBbXG4gIFsncmVxdWlyZWQnLCAvXFxiKD86cmVxdWlyZWR8bWFuZGF0b3J5fG9wdGlvbmFsfHJlcVxcLj98cHJlc2VuY2V8b2JsaWdhdFxcdyspXFxifHJlcXVpcmVkXFw/L2ldLFxuICBbJ2RlZmF1bHQnLCAvXFxiZGVmYXVsdC9pXSxcbiAgWydpbicsIC9eKD86aW58d2hlcmV8bG9jYXRpb258cGxhY2V8cG9zaXRpb258c2VudCBpbnxwYXNzZWQgaW58cGFyYW1ldGVyIHR5cGV8cGFyYW0gdHlwZXxraW5kIG9mIHBhcmFtZXRlcikkL2ldLFxuICBbJ2V4YW1wbGUnLCAvXFxiKD86ZXhhbXBsZXxzYW1wbGUpcz9cXGIvaV0sXG4gIFsnYWxsb3dlZCcsIC9cXGIoPzp2YWx1ZXN8YWxsb3dlZHxvcHRpb25zfGNob2ljZXN8cmFuZ2V8bGltaXRzP3xjb25zdHJhaW50cz98ZW51bSlcXGIvaV0sXG4gIFsndHlwZScsIC9cXGIoPzp0eXBlfGZvcm1hdHxkYXRhID90eXBlKVxcYi9pXSxcbiAgW1xuICAgICduYW1lJyxcbiAgICAvXig/Om5hbWV8KD86cXVlcnkgfHBhdGggfGJvZHkgfGhlYWRlciB8cmVxdWVzdCApPyg/OnBhcmFtZXRlcnxwYXJhbXxmaWVsZHxrZXl8YXR0cmlidXRlfHByb3BlcnR5fGFyZ3VtZW50fGVsZW1lbnR8aGVhZGVyfG1lbWJlcnx2YXJpYWJsZSlzPyg/OiBuYW1lKT8pJC9pLFxuICBdLFxuICBbJ2Rlc2NyaXB0aW9uJywgL1xcYig/OmRlc2NyaXB0aW9ucz98bWVhbmluZ3xub3Rlcz98Y29tbWVudHM/fGV4cGxhbmF0aW9ufGRldGFpbHN8cHVycG9zZXxhYm91dHx3aGF0KVxcYi9pXSxcbl07XG5cbmV4cG9ydCBpbnRlcmZhY2UgUmVhZEZpZWxkIHtcbiAgcmVhZG9ubHkgZmllbGQ6IEZpZWxkO1xuICByZWFkb25seSBpbjogUGFyYW1ldGVyTG9jYXRpb24gfCAnYm9keScgfCB1bmRlZmluZWQ7XG59XG5cbi8qKiBVbmRlZmluZWQgd2hlcmUgdGhlIHRhYmxlIGlzIG5vdCBvbmUgb2YgZmllbGRzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGZpZWxkc0luKHsgaGVhZCwgcm93cywgbGluZSwgbGluZXMgfTogVGFibGUpOiByZWFkb25seSBSZWFkRmllbGRbXSB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IGNvbHVtbnMgPSBjb2x1bW5zT2YoaGVhZCk7XG4gIGlmICghY29sdW1ucy5oYXMoJ25hbWUnKSB8fCBjb2x1bW5zLnNpemUgPCAyKSByZXR1cm4gdW5kZWZpbmVkO1xuICByZXR1cm4gcm93cy5mbGF0TWFwKChjZWxscywgaW5kZXgpID0+IHtcbiAgICBjb25zdCBjZWxsID0gKGNvbHVtbjogQ29sdW1uKTogc3RyaW5nID0+XG4gICAgICBjb2x1bW5zLmhhcyhjb2x1bW4pID8gKGNlbGxzW2NvbHVtbnMuZ2V0KGNvbHVtbikgYXMgbnVtYmVyXSA/PyAnJykudHJpbSgpIDogJyc7XG4gICAgY29uc3Qgd3JpdHRlbiA9IGNlbGwoJ25hbWUnKTtcbiAgICBjb25zdCBuYW1lID1cbiAgICAgIHdyaXR0ZW5cbiAgICAgICAgLnJlcGxhY2UoL1sqXHUyMDIwXSskLywgJycpXG4gICAgICAgIC5yZXBsYWNlKC9eW2BcIiddfFtgXCInXSQvZywgJycpXG4gICAgICAgIC50cmltKClcbiAgICAgICAgLnNwbGl0KC9cXHMvKVswXSA/PyAnJztcbiAgICBpZiAobmFtZSA9PT0gJycgfHwgIS9eW1xccHtMfV8kQC5bXFxde31cXHctXSskL3UudGVzdChuYW1lKSkgcmV0dXJuIFtdO1xuICAgIGNvbnN0IGRlc2NyaXB0aW9uID0gY2VsbCgnZGVzY3JpcHRpb24nKSB8fCAoY29sdW1ucy5oYXMoJ2Rlc2NyaXB0aW9uJykgPyAnJyA6IChjZWxscy5hdCgtMSkgPz8gJycpKTtcbiAgICBjb25zdCBwbGFjZSA9IHBsYWNlT2YoY2VsbCgnaW4nKSk7XG4gICAgcmV0dXJuIFt7IGluOiBwbGFjZSwgZmllbGQ6IG9uZUZpZWxkKG5hbWUsIHdyaXR0ZW4sIGNlbGwsIGRlc2NyaXB0aW9uLCBsaW5lc1tpbmRleF0gPz8gbGluZSkgfV07XG4gIH0pO1xufVxuXG5mdW5jdGlvbiBvbmVGaWVsZChcbiAgbmFtZTogc3RyaW5nLFxuICB3cml0dGVuOiBzdHJpbmcsXG4gIGNlbGw6IChjb2x1bW46IENvbHVtbikgPT4gc3RyaW5nLFxuICBkZXNjcmlwdGlvbjogc3RyaW5nLFxuICBsaW5lOiBudW1iZXIsXG4pOiBGaWVsZCB7XG4gIGNvbnN0IHJlcXVpcmVkID0gcmVxdWlyZWRCeShjZWxsKCdyZXF1aXJlZCcpLCBkZXNjcmlwdGlvbiwgd3JpdHRlbik7XG4gIGNvbnN0IGFsbG93ZWQgPSBhbGxvd2VkSW4oY2VsbCgnYWxsb3dlZCcpKSA/PyBhbGxvd2VkSW4oZGVzY3JpcHRpb24pO1xuICBjb25zdCBsaW1pdHMgPSBsaW1pdHNJbihgJHtjZWxsKCdhbGxvd2VkJyl9ICR7ZGVzY3JpcHRpb259YCk7XG4gIGNvbnN0IGZhbGxiYWNrID1cbiAgICBjZWxsKCdkZWZhdWx0JykgfHwgL1xcYmRlZmF1bHRzPyg/OlxccysoPzppc3x0b3x2YWx1ZSkpP1xccyo6P1xccypbXCInYF0/KFtcXHcuLV0rKS9pLmV4ZWMoZGVzY3JpcHRpb24pPy5bMV07XG4gIGNvbnN0IHR5cGUgPSB0eXBlSW4oY2VsbCgndHlwZScpKTtcbiAgY29uc3QgY2VydGFpbnR5OiBDZXJ0YWludHkgPSBjZWxsKCd0eXBlJykgIT09ICcnICYmIHJlcXVpcmVkLmNlcnRhaW4gPyAnc3VyZScgOiAnbGlrZWx5JztcbiAgcmV0dXJuIHtcbiAgICBuYW1lOiBuYW1lLnJlcGxhY2UoL1t7fV0vZywgJycpLFxuICAgIHR5cGU6IHR5cGUgPz8gJ3N0cmluZycsXG4gICAgcmVxdWlyZWQ6IHJlcXVpcmVkLnZhbHVlLFxuICAgIC4uLihkZXNjcmlwdGlvbiAhPT0gJycgJiYgeyBkZXNjcmlwdGlvbiB9KSxcbiAgICAuLi4oZmFsbGJhY2sgIT09IHVuZGVmaW5lZCAmJlxuICAgICAgIS9eKD86bm9uZXwtfFx1MjAxM3xcdTIwMTR8blxcL2F8bnVsbCkkL2kudGVzdChmYWxsYmFjaykgJiYgeyBkZWZhdWx0OiBhc1R5cGVkKGZhbGxiYWNrLCB0eXBlKSB9KSxcbiAgICAuLi4oY2VsbCgnZXhhbXBsZScpICE9PSAnJyAmJiB7IGV4YW1wbGU6IGFzVHlwZWQoY2VsbCgnZXhhbXBsZScpLnJlcGxhY2UoL15bYFwiJ118W2BcIiddJC9nLCAnJyksIHR5cGUpIH0pLFxuICAgIC4uLihhbGxvd2VkICYmIHsgYWxsb3dlZCB9KSxcbiAgICAuLi4obGltaXRzICYmIHsgbGltaXRzIH0pLFxuICAgIGNlcnRhaW50eSxcbiAgICBhdDogYGxpbmUgJHtsaW5lfWAsXG4gIH07XG59XG5cbmZ1bmN0aW9uIGNvbHVtbnNPZihoZWFkOiByZWFkb25seSBzdHJpbmdbXSk6IE1hcDxDb2x1bW4sIG51bWJlcj4ge1xuICBjb25zdCBmb3VuZCA9IG5ldyBNYXA8Q29sdW1uLCBudW1iZXI+KCk7XG4gIGZvciAoY29uc3QgW2luZGV4LCB0ZXh0XSBvZiBoZWFkLmVudHJpZXMoKSkge1xuICAgIGNvbnN0IGNvbHVtbiA9IGNvbHVtbk5hbWVzLmZpbmQoKFtuYW1lLCBwYXR0ZXJuXSkgPT4gIWZvdW5kLmhhcyhuYW1lKSAmJiBwYXR0ZXJuLnRlc3QodGV4dC50cmltKCkpKT8uWzBdO1xuICAgIGlmIChjb2x1bW4pIGZvdW5kLnNldChjb2x1bW4sIGluZGV4KTtcbiAgfVxuICByZXR1cm4gZm91bmQ7XG59XG5cbmNvbnN0IHllcyA9IC9eKD86eWVzfHl8dHJ1ZXxyZXF1aXJlZHxtYW5kYXRvcnl8YWx3YXlzfHh8XHUyNzEzfFx1MjcxNHxcdTI1Q0Z8MXxtdXN0KVxcYi9pO1xuY29uc3Qgbm8gPSAvXig/Om5vfG58ZmFsc2V8b3B0aW9uYWx8LXxcdTIwMTN8XHUyMDE0fDB8bWF5KT8kfF4oPzpub3xvcHRpb25hbHxjb25kaXRpb25hbClcXGIvaTtcblxuZnVuY3Rpb24gcmVxdWlyZWRCeShjZWxsOiBzdHJpbmcsIGRlc2NyaXB0aW9uOiBzdHJpbmcsIG5hbWU6IHN0cmluZyk6IHsgdmFsdWU6IGJvb2xlYW47IGNlcnRhaW46IGJvb2xlYW4gfSB7XG4gIGlmIChjZWxsICE9PSAnJyAmJiB5ZXMudGVzdChjZWxsKSkgcmV0dXJuIHsgdmFsdWU6IHRydWUsIGNlcnRhaW46IHRydWUgfTtcbiAgaWYgKGNlbGwgIT09ICcnICYmIG5vLnRlc3QoY2VsbCkpIHJldHVybiB7IHZhbHVlOiBmYWxzZSwgY2VydGFpbjogdHJ1ZSB9O1xuICBpZiAoL1xcKiQvLnRlc3QobmFtZSkpIHJldHVybiB7IHZhbHVlOiB0cnVlLCBjZXJ0YWluOiBmYWxzZSB9O1xuICBpZiAoL1xcYig/Om5vdCByZXF1aXJlZHxvcHRpb25hbClcXGIvaS50ZXN0KGRlc2NyaXB0aW9uKSkgcmV0dXJuIHsgdmFsdWU6IGZhbHNlLCBjZXJ0YWluOiB0cnVlIH07XG4gIGlmICgvXFxiKD86cmVxdWlyZWR8bWFuZGF0b3J5KVxcYi9pLnRlc3QoZGVzY3JpcHRpb24pKSByZXR1cm4geyB2YWx1ZTogdHJ1ZSwgY2VydGFpbjogdHJ1ZSB9O1xuICByZXR1cm4geyB2YWx1ZTogZmFsc2UsIGNlcnRhaW46IGZhbHNlIH07XG59XG5cbmZ1bmN0aW9uIHBsYWNlT2YodGV4dDogc3RyaW5nKTogUmVhZEZpZWxkWydpbiddIHtcbiAgY29uc3Qgd29yZCA9IC9cXGIocGF0aHx1cmx8cXVlcnl8aGVhZGVyfGNvb2tpZXxib2R5fGZvcm18anNvbilcXGIvaS5leGVjKHRleHQpPy5bMV0/LnRvTG93ZXJDYXNlKCk7XG4gIGlmICh3b3JkID09PSAndXJsJykgcmV0dXJuICdwYXRoJztcbiAgaWYgKHdvcmQgPT09ICdmb3JtJyB8fCB3b3JkID09PSAnanNvbicpIHJldHVybiAnYm9keSc7XG4gIHJldHVybiB3b3JkIGFzIFJlYWRGaWVsZFsnaW4nXTtcbn1cblxuY29uc3QgdHlwZVdvcmRzOiByZWFkb25seSAocmVhZG9ubHkgW1JlZ0V4cCwgc3RyaW5nXSlbXSA9IFtcbiAgWy9eKD86YXJyYXl8bGlzdClzP1xcYnxcXFtcXF0kL2ksICdhcnJheSddLFxuICBbL1xcYig/OmRhdGUtP3RpbWV8dGltZXN0YW1wfGRhdGV0aW1lKVxcYi9pLCAnc3RyaW5nIChkYXRlLXRpbWUpJ10sXG4gIFsvXFxiZGF0ZVxcYi9pLCAnc3RyaW5nIChkYXRlKSddLFxuICBbL1xcYig/OmludGVnZXJ8aW50fGludDMyfGludDY0fGxvbmd8d2hvbGUgbnVtYmVyKVxcYi9pLCAnaW50ZWdlciddLFxuICBbL1xcYig/Om51bWJlcnxmbG9hdHxkb3VibGV8ZGVjaW1hbHxudW1lcmljKVxcYi9pLCAnbnVtYmVyJ10sXG4gIFsvXFxiKD86Ym9vbHxib29sZWFufGZsYWcpXFxiL2ksICdib29sZWFuJ10sXG4gIFsvXFxiKD86b2JqZWN0fG1hcHxoYXNofGRpY3Rpb25hcnl8c3RydWN0dXJlKVxcYi9pLCAnb2JqZWN0J10sXG4gIFsvXFxiKD86c3RyaW5nfHRleHR8Y2hhcnx2YXJjaGFyfHV1aWR8ZW51bXx1cmx8dXJpfGlkfGNvZGUpXFxiL2ksICdzdHJpbmcnXSxcbl07XG5cbmZ1bmN0aW9uIHR5cGVJbih0ZXh0OiBzdHJpbmcpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICBpZiAodGV4dCA9PT0gJycpIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IHR5cGUgPSB0eXBlV29yZHMuZmluZCgoW3BhdHRlcm5dKSA9PiBwYXR0ZXJuLnRlc3QodGV4dCkpPy5bMV07XG4gIGlmICh0eXBlICE9PSAnYXJyYXknKSByZXR1cm4gdHlwZSA/PyAnc3RyaW5nJztcbiAgY29uc3QgaW5uZXIgPSAvKD86b2Z8PClcXHMqKFtcXHctXSspL2kuZXhlYyh0ZXh0KT8uWzFdID8/IC9eKFtcXHctXSspXFxbXFxdJC8uZXhlYyh0ZXh0KT8uWzFdO1xuICBjb25zdCBpdGVtID0gaW5uZXIgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHR5cGVJbihpbm5lci5yZXBsYWNlKC9zJC8sICcnKSk7XG4gIHJldHVybiBpdGVtID09PSB1bmRlZmluZWQgPyAnYXJyYXknIDogYGFycmF5IG9mICR7aXRlbX1gO1xufVxuXG4vKiogYE9uZSBvZiBhLCBiYCwgYGEgfCBiIHwgY2A7IG1vcmUgdGhhbiBhIGZldyB3b3JkcyBhcmUgYSBzZW50ZW5jZS4gKi9cbmZ1bmN0aW9uIGFsbG93ZWRJbih0ZXh0OiBzdHJpbmcpOiByZWFkb25seSBWYWx1ZVtdIHwgdW5kZWZpbmVkIHtcbiAgY29uc3QgbGlzdGVkID1cbiAgICAvXFxiKD86b25lIG9mfGFsbG93ZWQgdmFsdWVzPyg/OiBhcmUpP3xwb3NzaWJsZSB2YWx1ZXM/KD86IGFyZSk/fHZhbHVlcz8pXFxzKjo/XFxzKyhbXi47XSspL2kuZXhlYyh0ZXh0KT8uWzFdID8/XG4gICAgKC9eW1xcdy1dKyg/OlxccypbfC9dXFxzKltcXHctXSspKyQvLnRlc3QodGV4dC50cmltKCkpID8gdGV4dCA6IHVuZGVmaW5lZCk7XG4gIGlmIChsaXN0ZWQgPT09IHVuZGVmaW5lZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgY29uc3QgdmFsdWVzID0gbGlzdGVkLnNwbGl0KC9cXHMqKD86LHxcXHx8XFxib3JcXGJ8XFwvKVxccyovKS5tYXAoKG9uZSkgPT5cbiAgICBvbmVcbiAgICAgIC5yZXBsYWNlKC9eKD86b3J8YW5kKVxccysvLCAnJylcbiAgICAgIC5yZXBsYWNlKC9eW2BcIiddfFtgXCInXSQvZywgJycpXG4gICAgICAudHJpbSgpLFxuICApO1xuICBjb25zdCBmb3VuZCA9IHZhbHVlcy5maWx0ZXIoKG9uZSkgPT4gb25lICE9PSAnJyk7XG4gIHJldHVybiBmb3VuZC5sZW5ndGggPiAxICYmIGZvdW5kLmV2ZXJ5KChvbmUpID0+IC9eW1xcdy4tXSskLy50ZXN0KG9uZSkpID8gZm91bmQgOiB1bmRlZmluZWQ7XG59XG5cbmZ1bmN0aW9uIGxpbWl0c0luKHRleHQ6IHN0cmluZyk6IExpbWl0cyB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IG51bWJlciA9ICcoLT9cXFxcZCsoPzpcXFxcLlxcXFxkKyk/KSc7XG4gIGNvbnN0IGJldHdlZW4gPSBuZXcgUmVnRXhwKGBcXFxcYig/OmJldHdlZW58ZnJvbSlcXFxccyske251bWJlcn1cXFxccysoPzphbmR8dG8pXFxcXHMrJHtudW1iZXJ9YCwgJ2knKS5leGVjKHRleHQpO1xuICBjb25zdCBtb3N0ID0gbmV3IFJlZ0V4cChgXFxcXGIoPzphdCBtb3N0fG1heCg/OmltdW0pP1xcXFwuP3xubyBtb3JlIHRoYW58dXAgdG8pXFxcXHMqOj9cXFxccyoke251bWJlcn1gLCAnaScpLmV4ZWModGV4dCk/LlsxXTtcbiAgY29uc3QgbGVhc3QgPSBuZXcgUmVnRXhwKGBcXFxcYig/OmF0IGxlYXN0fG1pbig/OmltdW0pP1xcXFwuP3xubyBsZXNzIHRoYW4pXFxcXHMqOj9cXFxccyoke251bWJlcn1gLCAnaScpLmV4ZWModGV4dCk/LlsxXTtcbiAgY29uc3QgZm91bmQ6IHsgJ2F0LWxlYXN0Jz86IG51bWJlcjsgJ2F0LW1vc3QnPzogbnVtYmVyIH0gPSB7fTtcbiAgY29uc3QgbG93ID0gYmV0d2Vlbj8uWzFdID8/IGxlYXN0O1xuICBjb25zdCBoaWdoID0gYmV0d2Vlbj8uWzJdID8/IG1vc3Q7XG4gIGlmIChsb3cgIT09IHVuZGVmaW5lZCkgZm91bmRbJ2F0LWxlYXN0J10gPSBOdW1iZXIobG93KTtcbiAgaWYgKGhpZ2ggIT09IHVuZGVmaW5lZCkgZm91bmRbJ2F0LW1vc3QnXSA9IE51bWJlcihoaWdoKTtcbiAgcmV0dXJuIGxvdyA9PT0gdW5kZWZpbmVkICYmIGhpZ2ggPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IGZvdW5kO1xufVxuXG5mdW5jdGlvbiBhc1R5cGVkKHRleHQ6IHN0cmluZywgdHlwZTogc3RyaW5nIHwgdW5kZWZpbmVkKTogVmFsdWUge1xuICBpZiAodHlwZSA9PT0gJ2ludGVnZXInIHx8IHR5cGUgPT09ICdudW1iZXInKSByZXR1cm4gTnVtYmVyLmlzTmFOKE51bWJlcih0ZXh0KSkgPyB0ZXh0IDogTnVtYmVyKHRleHQpO1xuICByZXR1cm4gdHlwZSA9PT0gJ2Jvb2xlYW4nID8gdGV4dCA9PT0gJ3RydWUnIDogdGV4dDtcbn1cbiIsICIvKiogV2hhdCB0aGUgdGFibGVzIGFuZCBleGFtcGxlcyBiZWxvdyBhIGNhbGwgc2F5IG9mIGl0cyBwYXJhbWV0ZXJzLCBpdHMgYm9keSBhbmQgaXRzIGFuc3dlcnMuICovXG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IEFuc3dlciwgQm9keSwgQ29udGVudCwgRmllbGQsIFBhcmFtZXRlciwgV2FybmluZyB9IGZyb20gJy4uL21vZGVsLmpzJztcbmltcG9ydCB7IHNhZmVNZXRob2RzIH0gZnJvbSAnLi4vc2FmZS1tZXRob2RzLmpzJztcbmltcG9ydCB7IGluZmVyRmllbGRzIH0gZnJvbSAnLi4vc2FtcGxlL2luZmVyLmpzJztcbmltcG9ydCB0eXBlIHsgQ29kZSwgVGFibGUgfSBmcm9tICcuL2Jsb2Nrcy5qcyc7XG5pbXBvcnQgeyBkZWNvZGVVUklDb21wb25lbnRTYWZlbHkgfSBmcm9tICcuL2NhbGwuanMnO1xuaW1wb3J0IHsgZmllbGRzSW4sIHR5cGUgUmVhZEZpZWxkIH0gZnJvbSAnLi9maWVsZC10YWJsZS5qcyc7XG5pbXBvcnQgeyBjb21tYW5kTGluZSwgdHlwZSBFeGFtcGxlUmVxdWVzdCwganNvbkluLCByYXdBbnN3ZXIsIHJhd1JlcXVlc3QsIHR5cGVPZkJvZHkgfSBmcm9tICcuL21lc3NhZ2VzLmpzJztcbmltcG9ydCB0eXBlIHsgU2VjdGlvbiB9IGZyb20gJy4vc2VjdGlvbnMuanMnO1xuXG4vKiogV2hhdCB0aGUgYmxvY2tzIG9mIGEgc2VjdGlvbiBzYXksIGdhdGhlcmVkLiAqL1xuZXhwb3J0IGludGVyZmFjZSBHYXRoZXJpbmcge1xuICByZWFkb25seSBwYXJhbWV0ZXJzOiBNYXA8c3RyaW5nLCBQYXJhbWV0ZXI+O1xuICByZWFkb25seSBmaWVsZHM6IEZpZWxkW107XG4gIHJlYWRvbmx5IHRleHRzOiBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgYW5zd2VyczogTWFwPHN0cmluZywgQW5zd2VyPjtcbiAgYm9keTogeyByZWFkb25seSB0eXBlOiBzdHJpbmc7IHJlYWRvbmx5IHRleHQ6IHN0cmluZzsgcmVhZG9ubHkgYXQ6IHN0cmluZyB9IHwgdW5kZWZpbmVkO1xufVxuXG5leHBvcnQgZnVuY3Rpb24gYWRkUGFyYW1ldGVyKHsgcGFyYW1ldGVycyB9OiBHYXRoZXJpbmcsIHBhcmFtZXRlcjogUGFyYW1ldGVyKTogdm9pZCB7XG4gIHBhcmFtZXRlcnMuc2V0KGAke3BhcmFtZXRlci5pbn0gJHtwYXJhbWV0ZXIubmFtZX1gLCBwYXJhbWV0ZXIpO1xufVxuXG5leHBvcnQgZnVuY3Rpb24gdGFrZVRhYmxlKFxuICB0YWJsZTogVGFibGUsXG4gIGxhYmVsOiBzdHJpbmcsXG4gIHsgbWV0aG9kLCBwYXRoIH06IFNlY3Rpb24sXG4gIGdhdGhlcmVkOiBHYXRoZXJpbmcsXG4gIHdhcm5pbmdzOiBXYXJuaW5nW10sXG4pOiB2b2lkIHtcbiAgY29uc3QgZmllbGRzID0gZmllbGRzSW4odGFibGUpO1xuICBpZiAoIWZpZWxkcykge1xuICAgIGNvbnN0IHN0YXR1c2VzID0gc3RhdHVzZXNJbih0YWJsZSk7XG4gICAgZm9yIChjb25zdCBbc3RhdHVzLCBkZXNjcmlwdGlvbl0gb2Ygc3RhdHVzZXMpIGFkZEFuc3dlcihnYXRoZXJlZCwgc3RhdHVzLCB7IGRlc2NyaXB0aW9uIH0pO1xuICAgIGlmIChzdGF0dXNlcy5sZW5ndGggPT09IDApXG4gICAgICB3YXJuaW5ncy5wdXNoKHsgYXQ6IGBsaW5lICR7dGFibGUubGluZX1gLCB3aGF0OiBgdGhlIHRhYmxlICgke3RhYmxlLmhlYWQuam9pbignLCAnKX0pIHdhcyBub3QgdW5kZXJzdG9vZGAgfSk7XG4gICAgcmV0dXJuO1xuICB9XG4gIGNvbnN0IG9mQW5zd2VyID0gL1xcYig/OnJlc3BvbnNlfGFuc3dlcnxyZXN1bHR8cmV0dXJucz98cmVwbHkpXFxiL2kudGVzdChsYWJlbCkgJiYgIS9cXGJyZXF1ZXN0XFxiL2kudGVzdChsYWJlbCk7XG4gIGlmIChvZkFuc3dlcikge1xuICAgIGFkZEFuc3dlcihnYXRoZXJlZCwgJzIwMCcsIHsgZmllbGRzOiBmaWVsZHMubWFwKCh7IGZpZWxkIH0pID0+IGZpZWxkKSB9KTtcbiAgICByZXR1cm47XG4gIH1cbiAgZm9yIChjb25zdCBvbmUgb2YgZmllbGRzKSB7XG4gICAgY29uc3QgcGxhY2UgPSBvbmUuaW4gPz8gcGxhY2VGb3Iob25lLCBsYWJlbCwgbWV0aG9kLCBwYXRoKTtcbiAgICBpZiAocGxhY2UgPT09ICdib2R5JykgZ2F0aGVyZWQuZmllbGRzLnB1c2gob25lLmZpZWxkKTtcbiAgICBlbHNlIGFkZFBhcmFtZXRlcihnYXRoZXJlZCwgeyAuLi5vbmUuZmllbGQsIGluOiBwbGFjZSwgcmVxdWlyZWQ6IG9uZS5maWVsZC5yZXF1aXJlZCB8fCBwbGFjZSA9PT0gJ3BhdGgnIH0pO1xuICB9XG59XG5cbi8qKiBXaGVyZSB0aGUgdGFibGUgZG9lcyBub3Qgc2F5IGl0OiBieSB0aGUgYWRkcmVzcywgYnkgdGhlIHdvcmRzIGFib3ZlIGl0LCBieSB0aGUgbWV0aG9kLiAqL1xuZnVuY3Rpb24gcGxhY2VGb3IoeyBmaWVsZCB9OiBSZWFkRmllbGQsIGxhYmVsOiBzdHJpbmcsIG1ldGhvZDogc3RyaW5nLCBwYXRoOiBzdHJpbmcpOiBQYXJhbWV0ZXJbJ2luJ10gfCAnYm9keScge1xuICBpZiAocGF0aC5pbmNsdWRlcyhgeyR7ZmllbGQubmFtZX19YCkpIHJldHVybiAncGF0aCc7XG4gIGlmICgvXFxiaGVhZGVycz9cXGIvaS50ZXN0KGxhYmVsKSkgcmV0dXJuICdoZWFkZXInO1xuICBpZiAoL1xcYnF1ZXJ5XFxiL2kudGVzdChsYWJlbCkpIHJldHVybiAncXVlcnknO1xuICBpZiAoL1xcYig/OmJvZHl8cGF5bG9hZHxmb3JtfGpzb24pXFxiL2kudGVzdChsYWJlbCkpIHJldHVybiAnYm9keSc7XG4gIHJldHVybiBzYWZlTWV0aG9kcy5oYXMobWV0aG9kKSB8fCBtZXRob2QgPT09ICdERUxFVEUnID8gJ3F1ZXJ5JyA6ICdib2R5Jztcbn1cblxuZnVuY3Rpb24gc3RhdHVzZXNJbih7IGhlYWQsIHJvd3MgfTogVGFibGUpOiBbc3RyaW5nLCBzdHJpbmddW10ge1xuICBjb25zdCBhdCA9IGhlYWQuZmluZEluZGV4KChjZWxsKSA9PiAvXFxiKD86c3RhdHVzfGNvZGV8aHR0cClcXGIvaS50ZXN0KGNlbGwpKTtcbiAgaWYgKGF0ID09PSAtMSkgcmV0dXJuIFtdO1xuICByZXR1cm4gcm93cy5mbGF0TWFwKChyb3cpOiBbc3RyaW5nLCBzdHJpbmddW10gPT4ge1xuICAgIGNvbnN0IHN0YXR1cyA9IC9cXGIoWzEtNV1cXGRcXGQpXFxiLy5leGVjKHJvd1thdF0gPz8gJycpPy5bMV07XG4gICAgcmV0dXJuIHN0YXR1cyA9PT0gdW5kZWZpbmVkID8gW10gOiBbW3N0YXR1cywgcm93LmZpbHRlcigoXywgaW5kZXgpID0+IGluZGV4ICE9PSBhdCkuam9pbignICcpXV07XG4gIH0pO1xufVxuXG5leHBvcnQgZnVuY3Rpb24gdGFrZUNvZGUoYmxvY2s6IENvZGUsIGxhYmVsOiBzdHJpbmcsIHNlY3Rpb246IFNlY3Rpb24sIGdhdGhlcmVkOiBHYXRoZXJpbmcsIHdhcm5pbmdzOiBXYXJuaW5nW10pOiB2b2lkIHtcbiAgY29uc3QgeyB0ZXh0LCBsaW5lIH0gPSBibG9jaztcbiAgY29uc3QgYXQgPSBgbGluZSAke2xpbmV9YDtcbiAgY29uc3QgcmVxdWVzdCA9IHJhd1JlcXVlc3QodGV4dCkgPz8gY29tbWFuZExpbmUodGV4dCk7XG4gIGlmIChyZXF1ZXN0KSB7XG4gICAgdGFrZVJlcXVlc3QocmVxdWVzdCwgc2VjdGlvbiwgZ2F0aGVyZWQsIGF0KTtcbiAgICByZXR1cm47XG4gIH1cbiAgY29uc3QgYW5zd2VyID0gcmF3QW5zd2VyKHRleHQpO1xuICBpZiAoYW5zd2VyKSB7XG4gICAgYWRkQW5zd2VyKGdhdGhlcmVkLCBTdHJpbmcoYW5zd2VyLnN0YXR1cyksIHsgYm9keTogYW5zd2VyLmJvZHksIHR5cGU6IGFuc3dlci50eXBlLCBhdCB9KTtcbiAgICByZXR1cm47XG4gIH1cbiAgY29uc3QgdHlwZSA9IHR5cGVPZkJvZHkodGV4dCk7XG4gIGlmICh0eXBlID09PSB1bmRlZmluZWQpIHtcbiAgICB3YXJuaW5ncy5wdXNoKHsgYXQsIHdoYXQ6ICd0aGUgZXhhbXBsZSBpcyBuZWl0aGVyIGEgbWVzc2FnZSBub3IgSlNPTiBub3IgWE1MJyB9KTtcbiAgICByZXR1cm47XG4gIH1cbiAgY29uc3Qgc3RhdHVzID0gL1xcYihbMS01XVxcZFxcZClcXGIvLmV4ZWMobGFiZWwpPy5bMV07XG4gIGNvbnN0IG9mQW5zd2VyID0gc3RhdHVzICE9PSB1bmRlZmluZWQgfHwgL1xcYig/OnJlc3BvbnNlfGFuc3dlcnM/fHJlc3VsdHM/fHJldHVybnM/fHJlcGx5fG91dHB1dClcXGIvaS50ZXN0KGxhYmVsKTtcbiAgY29uc3Qgb2ZSZXF1ZXN0ID0gL1xcYig/OnJlcXVlc3R8Ym9keXxwYXlsb2FkfHNlbmR8aW5wdXQpXFxiL2kudGVzdChsYWJlbCk7XG4gIGlmIChvZkFuc3dlciB8fCAoc2FmZU1ldGhvZHMuaGFzKHNlY3Rpb24ubWV0aG9kKSAmJiAhb2ZSZXF1ZXN0KSlcbiAgICBhZGRBbnN3ZXIoZ2F0aGVyZWQsIHN0YXR1cyA/PyAnMjAwJywgeyBib2R5OiB0ZXh0LCB0eXBlLCBhdCB9KTtcbiAgZWxzZSBpZiAoIWdhdGhlcmVkLmJvZHkpIGdhdGhlcmVkLmJvZHkgPSB7IHR5cGUsIHRleHQsIGF0IH07XG4gIGVsc2UgYWRkQW5zd2VyKGdhdGhlcmVkLCAnMjAwJywgeyBib2R5OiB0ZXh0LCB0eXBlLCBhdCB9KTtcbn1cblxuLyoqIFZhbHVlcyBvZiBhbiBleGFtcGxlIGdvIHRvIHRoZSBwYXJhbWV0ZXJzIHRoYXQgdGhleSBhcmUgb2YuICovXG5mdW5jdGlvbiB0YWtlUmVxdWVzdChcbiAgeyBhZGRyZXNzLCBoZWFkZXJzLCBib2R5IH06IEV4YW1wbGVSZXF1ZXN0LFxuICB7IHBhdGggfTogU2VjdGlvbixcbiAgZ2F0aGVyZWQ6IEdhdGhlcmluZyxcbiAgYXQ6IHN0cmluZyxcbik6IHZvaWQge1xuICBjb25zdCB1cmwgPSBuZXcgVVJMKGFkZHJlc3MsICdodHRwOi8vcGFnZS5leGFtcGxlJyk7XG4gIGNvbnN0IHBhcnRzID0gdXJsLnBhdGhuYW1lLnNwbGl0KCcvJyk7XG4gIGZvciAoY29uc3QgW2luZGV4LCBwYXJ0XSBvZiBwYXRoLnNwbGl0KCcvJykuZW50cmllcygpKSB7XG4gICAgY29uc3QgbmFtZSA9IC9eXFx7KC4qKVxcfSQvLmV4ZWMocGFydCk/LlsxXTtcbiAgICBjb25zdCBrbm93biA9IG5hbWUgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IGdhdGhlcmVkLnBhcmFtZXRlcnMuZ2V0KGBwYXRoICR7bmFtZX1gKTtcbiAgICBjb25zdCB2YWx1ZSA9IGRlY29kZVVSSUNvbXBvbmVudFNhZmVseShwYXJ0c1tpbmRleF0gPz8gJycpO1xuICAgIGlmIChrbm93biAmJiB2YWx1ZSAhPT0gJycgJiYgIS9be306XS8udGVzdCh2YWx1ZSkpIGFkZFBhcmFtZXRlcihnYXRoZXJlZCwgeyAuLi5rbm93biwgZXhhbXBsZTogdmFsdWUgfSk7XG4gIH1cbiAgZm9yIChjb25zdCBbbmFtZSwgdmFsdWVdIG9mIHVybC5zZWFyY2hQYXJhbXMpIHtcbiAgICBjb25zdCBrbm93biA9IGdhdGhlcmVkLnBhcmFtZXRlcnMuZ2V0KGBxdWVyeSAke25hbWV9YCkgPz8ge1xuICAgICAgbmFtZSxcbiAgICAgIGluOiAncXVlcnknIGFzIGNvbnN0LFxuICAgICAgdHlwZTogJ3N0cmluZycsXG4gICAgICByZXF1aXJlZDogZmFsc2UsXG4gICAgICBjZXJ0YWludHk6ICdndWVzcycgYXMgY29uc3QsXG4gICAgICBhdCxcbiAgICB9O1xuICAgIGNvbnN0IG51bWJlciA9IC9eKD86aW50ZWdlcnxudW1iZXIpLy50ZXN0KGtub3duLnR5cGUpICYmIHZhbHVlICE9PSAnJyAmJiAhTnVtYmVyLmlzTmFOKE51bWJlcih2YWx1ZSkpO1xuICAgIGFkZFBhcmFtZXRlcihnYXRoZXJlZCwgeyAuLi5rbm93biwgZXhhbXBsZTogbnVtYmVyID8gTnVtYmVyKHZhbHVlKSA6IHZhbHVlIH0pO1xuICB9XG4gIGZvciAoY29uc3QgW25hbWUsIHZhbHVlXSBvZiBoZWFkZXJzKSB7XG4gICAgaWYgKC9eKD86YWNjZXB0fGhvc3R8Y29udGVudC0oPzp0eXBlfGxlbmd0aCl8YXV0aG9yaXphdGlvbnx1c2VyLWFnZW50fGNvbm5lY3Rpb24pJC8udGVzdChuYW1lKSkgY29udGludWU7XG4gICAgaWYgKCFbLi4uZ2F0aGVyZWQucGFyYW1ldGVycy5rZXlzKCldLnNvbWUoKGtleSkgPT4ga2V5LnRvTG93ZXJDYXNlKCkgPT09IGBoZWFkZXIgJHtuYW1lfWApKVxuICAgICAgYWRkUGFyYW1ldGVyKGdhdGhlcmVkLCB7XG4gICAgICAgIG5hbWUsXG4gICAgICAgIGluOiAnaGVhZGVyJyxcbiAgICAgICAgdHlwZTogJ3N0cmluZycsXG4gICAgICAgIHJlcXVpcmVkOiBmYWxzZSxcbiAgICAgICAgZXhhbXBsZTogdmFsdWUsXG4gICAgICAgIGNlcnRhaW50eTogJ2d1ZXNzJyxcbiAgICAgICAgYXQsXG4gICAgICB9KTtcbiAgfVxuICBpZiAoYm9keSAhPT0gJycpXG4gICAgZ2F0aGVyZWQuYm9keSA9IHtcbiAgICAgIHR5cGU6IGhlYWRlcnMuZ2V0KCdjb250ZW50LXR5cGUnKT8uc3BsaXQoJzsnKVswXSA/PyB0eXBlT2ZCb2R5KGJvZHkpID8/ICd0ZXh0L3BsYWluJyxcbiAgICAgIHRleHQ6IGJvZHksXG4gICAgICBhdCxcbiAgICB9O1xufVxuXG5pbnRlcmZhY2UgQW5zd2VyRmFjdHMge1xuICByZWFkb25seSBkZXNjcmlwdGlvbj86IHN0cmluZztcbiAgcmVhZG9ubHkgZmllbGRzPzogcmVhZG9ubHkgRmllbGRbXTtcbiAgcmVhZG9ubHkgYm9keT86IHN0cmluZztcbiAgcmVhZG9ubHkgdHlwZT86IHN0cmluZztcbiAgcmVhZG9ubHkgYXQ/OiBzdHJpbmc7XG59XG5cbmZ1bmN0aW9uIGFkZEFuc3dlcih7IGFuc3dlcnMgfTogR2F0aGVyaW5nLCBzdGF0dXM6IHN0cmluZywgeyBkZXNjcmlwdGlvbiwgZmllbGRzLCBib2R5LCB0eXBlLCBhdCB9OiBBbnN3ZXJGYWN0cyk6IHZvaWQge1xuICBjb25zdCBiZWZvcmUgPSBhbnN3ZXJzLmdldChzdGF0dXMpO1xuICBjb25zdCBleGFtcGxlID0gYm9keSA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogZXhhbXBsZVZhbHVlKGJvZHkpO1xuICBjb25zdCBpbmZlcnJlZCA9XG4gICAgZXhhbXBsZSA9PT0gdW5kZWZpbmVkID8gW10gOiBpbmZlckZpZWxkcyhbZXhhbXBsZV0sIHsgY2VydGFpbnR5OiAnZ3Vlc3MnLCAuLi4oYXQgIT09IHVuZGVmaW5lZCAmJiB7IGF0IH0pIH0pO1xuICBjb25zdCBrbm93biA9IGZpZWxkcyA/PyBiZWZvcmU/LmNvbnRlbnQ/LmZpZWxkcyA/PyBbXTtcbiAgY29uc3QgY29udGVudDogQ29udGVudCB8IHVuZGVmaW5lZCA9XG4gICAgZmllbGRzIHx8IGJvZHkgIT09IHVuZGVmaW5lZCB8fCBiZWZvcmU/LmNvbnRlbnRcbiAgICAgID8ge1xuICAgICAgICAgIHR5cGU6IHR5cGUgPz8gYmVmb3JlPy5jb250ZW50Py50eXBlID8/ICdhcHBsaWNhdGlvbi9qc29uJyxcbiAgICAgICAgICBmaWVsZHM6IG1lcmdlZChrbm93biwgaW5mZXJyZWQpLFxuICAgICAgICAgIC4uLihleGFtcGxlICE9PSB1bmRlZmluZWRcbiAgICAgICAgICAgID8geyBleGFtcGxlIH1cbiAgICAgICAgICAgIDogYmVmb3JlPy5jb250ZW50Py5leGFtcGxlICE9PSB1bmRlZmluZWQgJiYgeyBleGFtcGxlOiBiZWZvcmUuY29udGVudC5leGFtcGxlIH0pLFxuICAgICAgICAgIGRvY3VtZW50ZWRFeGFtcGxlOiBleGFtcGxlICE9PSB1bmRlZmluZWQgfHwgYmVmb3JlPy5jb250ZW50Py5kb2N1bWVudGVkRXhhbXBsZSA9PT0gdHJ1ZSxcbiAgICAgICAgfVxuICAgICAgOiB1bmRlZmluZWQ7XG4gIGNvbnN0IHNhaWQgPSBkZXNjcmlwdGlvbiA/PyBiZWZvcmU/LmRlc2NyaXB0aW9uO1xuICBhbnN3ZXJzLnNldChzdGF0dXMsIHtcbiAgICBzdGF0dXMsXG4gICAgaGVhZGVyczogW10sXG4gICAgLi4uKHNhaWQgIT09IHVuZGVmaW5lZCAmJiB7IGRlc2NyaXB0aW9uOiBzYWlkIH0pLFxuICAgIC4uLihjb250ZW50ICYmIHsgY29udGVudCB9KSxcbiAgfSk7XG59XG5cbmNvbnN0IGV4YW1wbGVWYWx1ZSA9ICh0ZXh0OiBzdHJpbmcpOiBWYWx1ZSB8IHVuZGVmaW5lZCA9PiB7XG4gIGlmICh0ZXh0LnRyaW0oKSA9PT0gJycpIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IGpzb24gPSBqc29uSW4odGV4dCk7XG4gIHJldHVybiBqc29uID8ganNvbi52YWx1ZSA6IHRleHQ7XG59O1xuXG4vKiogV2hhdCBpcyBkZXNjcmliZWQgZmlyc3QsIHRoZW4gd2hhdCBvbmx5IHRoZSBleGFtcGxlIHNob3dzLiAqL1xuZnVuY3Rpb24gbWVyZ2VkKGRlc2NyaWJlZDogcmVhZG9ubHkgRmllbGRbXSwgaW5mZXJyZWQ6IHJlYWRvbmx5IEZpZWxkW10pOiByZWFkb25seSBGaWVsZFtdIHtcbiAgY29uc3QgbmFtZXMgPSBuZXcgU2V0KGRlc2NyaWJlZC5tYXAoKHsgbmFtZSB9KSA9PiBuYW1lLnNwbGl0KCcuJylbMF0pKTtcbiAgcmV0dXJuIFsuLi5uZXN0ZWQoZGVzY3JpYmVkKSwgLi4uaW5mZXJyZWQuZmlsdGVyKCh7IG5hbWUgfSkgPT4gIW5hbWVzLmhhcyhuYW1lKSldO1xufVxuXG4vKiogYGNhcmdvLmtpbmRgIGlzIGEgbWVtYmVyIG9mIGBjYXJnb2AuICovXG5mdW5jdGlvbiBuZXN0ZWQoZmllbGRzOiByZWFkb25seSBGaWVsZFtdKTogcmVhZG9ubHkgRmllbGRbXSB7XG4gIGNvbnN0IG91dDogRmllbGRbXSA9IFtdO1xuICBmb3IgKGNvbnN0IGZpZWxkIG9mIGZpZWxkcykge1xuICAgIGNvbnN0IFtob2xkZXIsIC4uLnJlc3RdID0gZmllbGQubmFtZS5yZXBsYWNlQWxsKCdbXScsICcnKS5zcGxpdCgnLicpO1xuICAgIGNvbnN0IGFib3ZlID0gcmVzdC5sZW5ndGggPiAwID8gb3V0LmZpbmRJbmRleCgoeyBuYW1lIH0pID0+IG5hbWUgPT09IGhvbGRlcikgOiAtMTtcbiAgICBjb25zdCBwYXJlbnQgPSBvdXRbYWJvdmVdO1xuICAgIGlmICghcGFyZW50KSBvdXQucHVzaChmaWVsZCk7XG4gICAgZWxzZSBvdXRbYWJvdmVdID0geyAuLi5wYXJlbnQsIGZpZWxkczogbmVzdGVkKFsuLi4ocGFyZW50LmZpZWxkcyA/PyBbXSksIHsgLi4uZmllbGQsIG5hbWU6IHJlc3Quam9pbignLicpIH1dKSB9O1xuICB9XG4gIHJldHVybiBvdXQ7XG59XG5cbmV4cG9ydCBmdW5jdGlvbiBib2R5T2YoeyBib2R5LCBmaWVsZHMgfTogR2F0aGVyaW5nLCBtZXRob2Q6IHN0cmluZyk6IEJvZHkgfCB1bmRlZmluZWQge1xuICBpZiAoKCFib2R5ICYmIGZpZWxkcy5sZW5ndGggPT09IDApIHx8IHNhZmVNZXRob2RzLmhhcyhtZXRob2QpKSByZXR1cm4gdW5kZWZpbmVkO1xuICBjb25zdCBleGFtcGxlID0gYm9keSAmJiBleGFtcGxlVmFsdWUoYm9keS50ZXh0KTtcbiAgY29uc3QgaW5mZXJyZWQgPSBleGFtcGxlID09PSB1bmRlZmluZWQgPyBbXSA6IGluZmVyRmllbGRzKFtleGFtcGxlXSwgeyBjZXJ0YWludHk6ICdndWVzcycsIGF0OiBib2R5Py5hdCA/PyAnJyB9KTtcbiAgcmV0dXJuIHtcbiAgICB0eXBlOiBib2R5Py50eXBlID8/ICdhcHBsaWNhdGlvbi9qc29uJyxcbiAgICByZXF1aXJlZDogdHJ1ZSxcbiAgICBvdGhlclR5cGVzOiBbXSxcbiAgICBmaWVsZHM6IHdpdGhFeGFtcGxlcyhtZXJnZWQoZmllbGRzLCBpbmZlcnJlZCksIGV4YW1wbGUpLFxuICAgIC4uLihleGFtcGxlICE9PSB1bmRlZmluZWQgJiYgeyBleGFtcGxlIH0pLFxuICAgIGRvY3VtZW50ZWRFeGFtcGxlOiBleGFtcGxlICE9PSB1bmRlZmluZWQsXG4gIH07XG59XG5cbi8qKiBBIGRvY3VtZW50ZWQgZXhhbXBsZSBpcyBiZXR0ZXIgdGhhbiBhbiBpbnZlbnRlZCB2YWx1ZS4gKi9cbmZ1bmN0aW9uIHdpdGhFeGFtcGxlcyhmaWVsZHM6IHJlYWRvbmx5IEZpZWxkW10sIGV4YW1wbGU6IFZhbHVlIHwgdW5kZWZpbmVkKTogcmVhZG9ubHkgRmllbGRbXSB7XG4gIGlmICh0eXBlb2YgZXhhbXBsZSAhPT0gJ29iamVjdCcgfHwgZXhhbXBsZSA9PT0gbnVsbCB8fCBBcnJheS5pc0FycmF5KGV4YW1wbGUpKSByZXR1cm4gZmllbGRzO1xuICBjb25zdCB2YWx1ZXMgPSBleGFtcGxlIGFzIFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIFZhbHVlPj47XG4gIHJldHVybiBmaWVsZHMubWFwKChmaWVsZCkgPT4ge1xuICAgIGNvbnN0IHZhbHVlID0gdmFsdWVzW2ZpZWxkLm5hbWVdO1xuICAgIGlmICh2YWx1ZSA9PT0gdW5kZWZpbmVkIHx8IGZpZWxkLmV4YW1wbGUgIT09IHVuZGVmaW5lZCB8fCB0eXBlb2YgdmFsdWUgPT09ICdvYmplY3QnKSByZXR1cm4gZmllbGQ7XG4gICAgcmV0dXJuIHsgLi4uZmllbGQsIGV4YW1wbGU6IHZhbHVlIH07XG4gIH0pO1xufVxuIiwgIi8qKiBXaGljaCBibG9ja3Mgb2YgYSBwYWdlIHNwZWFrIG9mIHdoaWNoIGNhbGwuICovXG5pbXBvcnQgdHlwZSB7IENlcnRhaW50eSwgV2FybmluZyB9IGZyb20gJy4uL21vZGVsLmpzJztcbmltcG9ydCB0eXBlIHsgQmxvY2ssIEhlYWRpbmcsIFRhYmxlIH0gZnJvbSAnLi9ibG9ja3MuanMnO1xuaW1wb3J0IHsgdHlwZSBDYWxsLCBjYWxsSW4sIGNhbGxPZiwgZml0c1BhdGgsIG1ldGhvZFBhdGggfSBmcm9tICcuL2NhbGwuanMnO1xuaW1wb3J0IHsgZmllbGRzSW4gfSBmcm9tICcuL2ZpZWxkLXRhYmxlLmpzJztcbmltcG9ydCB7IGNvbW1hbmRMaW5lLCByYXdSZXF1ZXN0IH0gZnJvbSAnLi9tZXNzYWdlcy5qcyc7XG5cbi8qKiBBbiBvcGVyYXRpb24gYW5kIHRoZSBibG9ja3MgdGhhdCBzcGVhayBvZiBpdC4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgU2VjdGlvbiB7XG4gIHJlYWRvbmx5IG1ldGhvZDogc3RyaW5nO1xuICByZWFkb25seSBwYXRoOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHF1ZXJ5OiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgc3VtbWFyeTogc3RyaW5nO1xuICByZWFkb25seSBjZXJ0YWludHk6IENlcnRhaW50eTtcbiAgcmVhZG9ubHkgbGluZTogbnVtYmVyO1xuICByZWFkb25seSBibG9ja3M6IEJsb2NrW107XG59XG5cbmV4cG9ydCBmdW5jdGlvbiBzZWN0aW9uc09mKGJsb2NrczogcmVhZG9ubHkgQmxvY2tbXSwgd2FybmluZ3M6IFdhcm5pbmdbXSk6IHJlYWRvbmx5IFNlY3Rpb25bXSB7XG4gIGNvbnN0IGZvdW5kID0gbmV3IE1hcDxzdHJpbmcsIFNlY3Rpb24+KCk7XG4gIGNvbnN0IHRyYWlsOiBIZWFkaW5nW10gPSBbXTtcbiAgbGV0IG9wZW46IFNlY3Rpb24gfCB1bmRlZmluZWQ7XG4gIGxldCBvcGVuTGV2ZWwgPSAwO1xuICBsZXQgdXNlZnVsID0gdHJ1ZTtcblxuICBjb25zdCBzdGFydCA9IChjYWxsOiBDYWxsLCBzdW1tYXJ5OiBzdHJpbmcsIGNlcnRhaW50eTogQ2VydGFpbnR5LCBsaW5lOiBudW1iZXIsIGxldmVsOiBudW1iZXIpOiB2b2lkID0+IHtcbiAgICBjb25zdCBrZXkgPSBgJHtjYWxsLm1ldGhvZH0gJHtjYWxsLnBhdGh9YDtcbiAgICBjb25zdCBiZWZvcmUgPSBmb3VuZC5nZXQoa2V5KTtcbiAgICAvLyBMaXN0ZWQgZmlyc3QgYW5kIGRlc2NyaWJlZCBsYXRlcjogdGhlIGRlc2NyaXB0aW9uIGlzIHdoYXQgY291bnRzLlxuICAgIG9wZW4gPSB7XG4gICAgICAuLi5jYWxsLFxuICAgICAgc3VtbWFyeTogYmVmb3JlPy5zdW1tYXJ5ICYmIHN1bW1hcnkgPT09ICcnID8gYmVmb3JlLnN1bW1hcnkgOiBzdW1tYXJ5LFxuICAgICAgY2VydGFpbnR5LFxuICAgICAgbGluZSxcbiAgICAgIGJsb2NrczogYmVmb3JlPy5ibG9ja3MgPz8gW10sXG4gICAgfTtcbiAgICBmb3VuZC5zZXQoa2V5LCBvcGVuKTtcbiAgICBvcGVuTGV2ZWwgPSBsZXZlbDtcbiAgICB1c2VmdWwgPSB0cnVlO1xuICB9O1xuICBjb25zdCBsZWF2ZSA9ICgpOiB2b2lkID0+IHtcbiAgICBjb25zdCBsYXN0ID0gdHJhaWwuYXQoLTEpO1xuICAgIGlmICghdXNlZnVsICYmIGxhc3QgJiYgbGFzdC5sZXZlbCA+IDEpXG4gICAgICB3YXJuaW5ncy5wdXNoKHsgYXQ6IGBsaW5lICR7bGFzdC5saW5lfWAsIHdoYXQ6IGBub3RoaW5nIHdhcyByZWFkIGZyb20gXHUyMDFDJHtsYXN0LnRleHR9XHUyMDFEYCB9KTtcbiAgfTtcbiAgZm9yIChjb25zdCBibG9jayBvZiBibG9ja3MpIHtcbiAgICBjb25zdCBsZXZlbCA9IHRyYWlsLmF0KC0xKT8ubGV2ZWwgPz8gMDtcbiAgICBpZiAoYmxvY2suaXMgPT09ICdoZWFkaW5nJykge1xuICAgICAgbGVhdmUoKTtcbiAgICAgIHVzZWZ1bCA9IG9wZW4gIT09IHVuZGVmaW5lZCAmJiBibG9jay5sZXZlbCA+IG9wZW5MZXZlbDtcbiAgICAgIGlmIChvcGVuICYmIGJsb2NrLmxldmVsIDw9IG9wZW5MZXZlbCkgb3BlbiA9IHVuZGVmaW5lZDtcbiAgICAgIHdoaWxlICh0cmFpbC5sZW5ndGggPiAwICYmICh0cmFpbC5hdCgtMSk/LmxldmVsID8/IDApID49IGJsb2NrLmxldmVsKSB0cmFpbC5wb3AoKTtcbiAgICAgIHRyYWlsLnB1c2goYmxvY2spO1xuICAgICAgY29uc3QgY2FsbCA9IGNhbGxJbihibG9jay50ZXh0KTtcbiAgICAgIGlmIChjYWxsKVxuICAgICAgICBzdGFydChcbiAgICAgICAgICBjYWxsLFxuICAgICAgICAgIGJsb2NrLnRleHQucmVwbGFjZShtZXRob2RQYXRoLCAnJykucmVwbGFjZSgvXltcXHM6XHUyMDEzXHUyMDE0LV0rfFtcXHM6XHUyMDEzXHUyMDE0LV0rJC9nLCAnJyksXG4gICAgICAgICAgJ3N1cmUnLFxuICAgICAgICAgIGJsb2NrLmxpbmUsXG4gICAgICAgICAgYmxvY2subGV2ZWwsXG4gICAgICAgICk7XG4gICAgICBlbHNlIG9wZW4/LmJsb2Nrcy5wdXNoKGJsb2NrKTtcbiAgICAgIGNvbnRpbnVlO1xuICAgIH1cbiAgICBjb25zdCB0aXRsZSA9IHRyYWlsLmF0KC0xKT8udGV4dCA/PyAnJztcbiAgICBpZiAoYmxvY2suaXMgPT09ICd0YWJsZScgJiYgbGlzdHNDYWxscyhibG9jaykpIHtcbiAgICAgIGZvciAoY29uc3Qgcm93IG9mIGJsb2NrLnJvd3MpIHtcbiAgICAgICAgY29uc3QgY2FsbCA9IGNhbGxJbihyb3cuam9pbignICcpKTtcbiAgICAgICAgaWYgKGNhbGwpIHN0YXJ0KGNhbGwsIGRlc2NyaWJlZEluKHJvdyksICdzdXJlJywgYmxvY2subGluZSwgbGV2ZWwpO1xuICAgICAgfVxuICAgICAgb3BlbiA9IHVuZGVmaW5lZDtcbiAgICAgIGNvbnRpbnVlO1xuICAgIH1cbiAgICBpZiAoYmxvY2suaXMgPT09ICd0ZXh0Jykge1xuICAgICAgY29uc3QgY2FsbCA9IGNhbGxJbihibG9jay50ZXh0KTtcbiAgICAgIC8vIEEgc2VudGVuY2UgdGhhdCBtZW50aW9ucyBhIGNhbGwgaXMgbm90IGl0cyBkZWZpbml0aW9uLlxuICAgICAgaWYgKGNhbGwgJiYgYmxvY2sudGV4dC5yZXBsYWNlKG1ldGhvZFBhdGgsICcnKS50cmltKCkubGVuZ3RoIDwgNDApIHtcbiAgICAgICAgc3RhcnQoY2FsbCwgdGl0bGUsICdzdXJlJywgYmxvY2subGluZSwgbGV2ZWwpO1xuICAgICAgICBjb250aW51ZTtcbiAgICAgIH1cbiAgICB9XG4gICAgaWYgKGJsb2NrLmlzID09PSAnY29kZScpIHtcbiAgICAgIGNvbnN0IGxpbmVzID0gYmxvY2sudGV4dC5zcGxpdCgnXFxuJykuZmlsdGVyKChsaW5lKSA9PiBsaW5lLnRyaW0oKSAhPT0gJycpO1xuICAgICAgY29uc3QgY2FsbHMgPSBsaW5lcy5tYXAoKGxpbmUpID0+XG4gICAgICAgIC9eXFxzKig/OkdFVHxQT1NUfFBVVHxQQVRDSHxERUxFVEV8SEVBRHxPUFRJT05TKVxccytcXFMrXFxzKiQvLnRlc3QobGluZSkgPyBjYWxsSW4obGluZSkgOiB1bmRlZmluZWQsXG4gICAgICApO1xuICAgICAgaWYgKGNhbGxzLmxlbmd0aCA+IDAgJiYgY2FsbHMuZXZlcnkoKGNhbGwpID0+IGNhbGwgIT09IHVuZGVmaW5lZCkpIHtcbiAgICAgICAgZm9yIChjb25zdCBjYWxsIG9mIGNhbGxzKSBzdGFydChjYWxsLCB0aXRsZSwgJ3N1cmUnLCBibG9jay5saW5lLCBsZXZlbCk7XG4gICAgICAgIGNvbnRpbnVlO1xuICAgICAgfVxuICAgICAgY29uc3QgZXhhbXBsZSA9IHJhd1JlcXVlc3QoYmxvY2sudGV4dCkgPz8gY29tbWFuZExpbmUoYmxvY2sudGV4dCk7XG4gICAgICBjb25zdCBjYWxsID0gZXhhbXBsZSAmJiBjYWxsT2YoZXhhbXBsZSk7XG4gICAgICBjb25zdCBkZXNjcmliZWQ6IFNlY3Rpb24gfCB1bmRlZmluZWQgPSBvcGVuO1xuICAgICAgaWYgKGNhbGwgJiYgIShkZXNjcmliZWQgJiYgZGVzY3JpYmVkLm1ldGhvZCA9PT0gY2FsbC5tZXRob2QgJiYgZml0c1BhdGgoY2FsbC5wYXRoLCBkZXNjcmliZWQucGF0aCkpKVxuICAgICAgICBzdGFydChjYWxsLCB0aXRsZSwgJ2d1ZXNzJywgYmxvY2subGluZSwgbGV2ZWwpO1xuICAgIH1cbiAgICBpZiAob3Blbikgb3Blbi5ibG9ja3MucHVzaChibG9jayk7XG4gICAgZWxzZSBpZiAoYmxvY2suaXMgPT09ICd0YWJsZScgJiYgZmllbGRzSW4oYmxvY2spKVxuICAgICAgd2FybmluZ3MucHVzaCh7IGF0OiBgbGluZSAke2Jsb2NrLmxpbmV9YCwgd2hhdDogJ2EgdGFibGUgb2YgZmllbGRzIHN0YW5kcyBiZWxvdyBubyBjYWxsJyB9KTtcbiAgfVxuICBsZWF2ZSgpO1xuICByZXR1cm4gWy4uLmZvdW5kLnZhbHVlcygpXTtcbn1cblxuY29uc3QgbGlzdHNDYWxscyA9ICh0YWJsZTogVGFibGUpOiBib29sZWFuID0+XG4gIHRhYmxlLnJvd3MuZmlsdGVyKChyb3cpID0+IGNhbGxJbihyb3cuam9pbignICcpKSkubGVuZ3RoID4gMCAmJiAhZmllbGRzSW4odGFibGUpO1xuXG5jb25zdCBkZXNjcmliZWRJbiA9IChyb3c6IHJlYWRvbmx5IHN0cmluZ1tdKTogc3RyaW5nID0+XG4gIHJvd1xuICAgIC5maWx0ZXIoXG4gICAgICAoY2VsbCkgPT5cbiAgICAgICAgIS9eKD86R0VUfFBPU1R8UFVUfFBBVENIfERFTEVURXxIRUFEfE9QVElPTlMpJC8udGVzdChjZWxsKSAmJiAhY2VsbC5zdGFydHNXaXRoKCcvJykgJiYgIW1ldGhvZFBhdGgudGVzdChjZWxsKSxcbiAgICApXG4gICAgLmF0KC0xKSA/PyAnJztcbiIsICIvKiogVGhlIG9wZXJhdGlvbnMgdGhhdCBhIHBhZ2Ugb2YgcHJvc2UgZGVzY3JpYmVzLiAqL1xuaW1wb3J0IHR5cGUgeyBPcGVyYXRpb24sIFdhcm5pbmcgfSBmcm9tICcuLi9tb2RlbC5qcyc7XG5pbXBvcnQgeyBzYWZlTWV0aG9kcyB9IGZyb20gJy4uL3NhZmUtbWV0aG9kcy5qcyc7XG5pbXBvcnQgdHlwZSB7IEJsb2NrIH0gZnJvbSAnLi9ibG9ja3MuanMnO1xuaW1wb3J0IHsgYWRkUGFyYW1ldGVyLCBib2R5T2YsIHR5cGUgR2F0aGVyaW5nLCB0YWtlQ29kZSwgdGFrZVRhYmxlIH0gZnJvbSAnLi9nYXRoZXJpbmcuanMnO1xuaW1wb3J0IHsgdHlwZSBTZWN0aW9uLCBzZWN0aW9uc09mIH0gZnJvbSAnLi9zZWN0aW9ucy5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgUGFnZVJlYWRpbmcge1xuICByZWFkb25seSBvcGVyYXRpb25zOiByZWFkb25seSBPbWl0PE9wZXJhdGlvbiwgJ3NvdXJjZSc+W107XG4gIHJlYWRvbmx5IHdhcm5pbmdzOiByZWFkb25seSBXYXJuaW5nW107XG4gIC8qKiBPcmlnaW5zIHRoYXQgYWRkcmVzc2VzIG9uIHRoZSBwYWdlIGJlZ2luIHdpdGgsIHRoZSBtb3N0IGZyZXF1ZW50IGZpcnN0LiAqL1xuICByZWFkb25seSBvcmlnaW5zOiByZWFkb25seSBzdHJpbmdbXTtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIG9wZXJhdGlvbnNPbihibG9ja3M6IHJlYWRvbmx5IEJsb2NrW10pOiBQYWdlUmVhZGluZyB7XG4gIGNvbnN0IHdhcm5pbmdzOiBXYXJuaW5nW10gPSBbXTtcbiAgY29uc3Qgc2VjdGlvbnMgPSBzZWN0aW9uc09mKGJsb2Nrcywgd2FybmluZ3MpO1xuICBjb25zdCBpZHMgPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgY29uc3Qgb3BlcmF0aW9ucyA9IHNlY3Rpb25zLm1hcCgoc2VjdGlvbikgPT4gb3BlcmF0aW9uT2Yoc2VjdGlvbiwgaWRzLCB3YXJuaW5ncykpO1xuICByZXR1cm4geyBvcGVyYXRpb25zLCB3YXJuaW5ncywgb3JpZ2luczogb3JpZ2luc0luKGJsb2NrcykgfTtcbn1cblxuZnVuY3Rpb24gb3BlcmF0aW9uT2Yoc2VjdGlvbjogU2VjdGlvbiwgaWRzOiBTZXQ8c3RyaW5nPiwgd2FybmluZ3M6IFdhcm5pbmdbXSk6IE9taXQ8T3BlcmF0aW9uLCAnc291cmNlJz4ge1xuICBjb25zdCB7IG1ldGhvZCwgcGF0aCwgcXVlcnksIHN1bW1hcnksIGNlcnRhaW50eSwgbGluZSwgYmxvY2tzIH0gPSBzZWN0aW9uO1xuICBjb25zdCBnYXRoZXJlZDogR2F0aGVyaW5nID0geyBwYXJhbWV0ZXJzOiBuZXcgTWFwKCksIGZpZWxkczogW10sIHRleHRzOiBbXSwgYW5zd2VyczogbmV3IE1hcCgpLCBib2R5OiB1bmRlZmluZWQgfTtcbiAgZm9yIChjb25zdCBbLCBuYW1lXSBvZiBwYXRoLm1hdGNoQWxsKC9cXHsoW159XSspXFx9L2cpKSB7XG4gICAgaWYgKG5hbWUgIT09IHVuZGVmaW5lZClcbiAgICAgIGFkZFBhcmFtZXRlcihnYXRoZXJlZCwge1xuICAgICAgICBuYW1lLFxuICAgICAgICBpbjogJ3BhdGgnLFxuICAgICAgICB0eXBlOiAnc3RyaW5nJyxcbiAgICAgICAgcmVxdWlyZWQ6IHRydWUsXG4gICAgICAgIGNlcnRhaW50eTogJ2xpa2VseScsXG4gICAgICAgIGF0OiBgbGluZSAke2xpbmV9YCxcbiAgICAgIH0pO1xuICB9XG4gIGZvciAoY29uc3QgbmFtZSBvZiBxdWVyeSlcbiAgICBhZGRQYXJhbWV0ZXIoZ2F0aGVyZWQsIHtcbiAgICAgIG5hbWUsXG4gICAgICBpbjogJ3F1ZXJ5JyxcbiAgICAgIHR5cGU6ICdzdHJpbmcnLFxuICAgICAgcmVxdWlyZWQ6IGZhbHNlLFxuICAgICAgY2VydGFpbnR5OiAnZ3Vlc3MnLFxuICAgICAgYXQ6IGBsaW5lICR7bGluZX1gLFxuICAgIH0pO1xuICBsZXQgbGFiZWwgPSAnJztcbiAgZm9yIChjb25zdCBibG9jayBvZiBibG9ja3MpIHtcbiAgICBpZiAoYmxvY2suaXMgPT09ICdoZWFkaW5nJykgbGFiZWwgPSBibG9jay50ZXh0O1xuICAgIGVsc2UgaWYgKGJsb2NrLmlzID09PSAndGV4dCcpIHtcbiAgICAgIGlmIChibG9jay50ZXh0Lmxlbmd0aCA8IDYwKSBsYWJlbCA9IGAke2xhYmVsfSAke2Jsb2NrLnRleHR9YDtcbiAgICAgIGVsc2UgZ2F0aGVyZWQudGV4dHMucHVzaChibG9jay50ZXh0KTtcbiAgICAgIGlmIChnYXRoZXJlZC50ZXh0cy5sZW5ndGggPT09IDAgJiYgYmxvY2sudGV4dC5sZW5ndGggPiAxNSAmJiAhLzokLy50ZXN0KGJsb2NrLnRleHQpKVxuICAgICAgICBnYXRoZXJlZC50ZXh0cy5wdXNoKGJsb2NrLnRleHQpO1xuICAgIH0gZWxzZSBpZiAoYmxvY2suaXMgPT09ICd0YWJsZScpIHRha2VUYWJsZShibG9jaywgbGFiZWwsIHNlY3Rpb24sIGdhdGhlcmVkLCB3YXJuaW5ncyk7XG4gICAgZWxzZSB7XG4gICAgICB0YWtlQ29kZShibG9jaywgbGFiZWwsIHNlY3Rpb24sIGdhdGhlcmVkLCB3YXJuaW5ncyk7XG4gICAgICBsYWJlbCA9ICcnO1xuICAgIH1cbiAgfVxuICBjb25zdCBib2R5ID0gYm9keU9mKGdhdGhlcmVkLCBtZXRob2QpO1xuICBjb25zdCBbZGVzY3JpcHRpb25dID0gZ2F0aGVyZWQudGV4dHM7XG4gIHJldHVybiB7XG4gICAgaWQ6IGZyZWVJZChzdW1tYXJ5LCBtZXRob2QsIHBhdGgsIGlkcyksXG4gICAgcHJvdG9jb2w6ICdodHRwJyxcbiAgICBncm91cDogcGF0aC5zcGxpdCgnLycpLmZpbmQoKHBhcnQpID0+IHBhcnQgIT09ICcnICYmICFwYXJ0LnN0YXJ0c1dpdGgoJ3snKSAmJiAhL152XFxkLy50ZXN0KHBhcnQpKSA/PyAnb3BlcmF0aW9ucycsXG4gICAgLi4uKHN1bW1hcnkgIT09ICcnICYmIHsgc3VtbWFyeSB9KSxcbiAgICAuLi4oZGVzY3JpcHRpb24gIT09IHVuZGVmaW5lZCAmJiB7IGRlc2NyaXB0aW9uIH0pLFxuICAgIG1ldGhvZCxcbiAgICBwYXRoLFxuICAgIGRlcHJlY2F0ZWQ6IGJsb2Nrcy5zb21lKChibG9jaykgPT4gYmxvY2suaXMgPT09ICd0ZXh0JyAmJiAvXFxiKD86aXN8YXJlfG5vdykgZGVwcmVjYXRlZFxcYi9pLnRlc3QoYmxvY2sudGV4dCkpLFxuICAgIGNlcnRhaW50eSxcbiAgICBhdDogYGxpbmUgJHtsaW5lfWAsXG4gICAgY2hhbmdlczogIXNhZmVNZXRob2RzLmhhcyhtZXRob2QpLFxuICAgIHBhcmFtZXRlcnM6IFsuLi5nYXRoZXJlZC5wYXJhbWV0ZXJzLnZhbHVlcygpXSxcbiAgICAuLi4oYm9keSAmJiB7IGJvZHkgfSksXG4gICAgYW5zd2VyczogWy4uLmdhdGhlcmVkLmFuc3dlcnMudmFsdWVzKCldLnNvcnQoKGEsIGIpID0+IGEuc3RhdHVzLmxvY2FsZUNvbXBhcmUoYi5zdGF0dXMpKSxcbiAgICBzZWN1cml0eTogW10sXG4gIH07XG59XG5cbmZ1bmN0aW9uIGZyZWVJZChzdW1tYXJ5OiBzdHJpbmcsIG1ldGhvZDogc3RyaW5nLCBwYXRoOiBzdHJpbmcsIGlkczogU2V0PHN0cmluZz4pOiBzdHJpbmcge1xuICBjb25zdCBzbHVnID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PlxuICAgIHRleHRcbiAgICAgIC50b0xvd2VyQ2FzZSgpXG4gICAgICAucmVwbGFjZSgvW15cXHB7TH1cXHB7Tn1dKy9ndSwgJy0nKVxuICAgICAgLnJlcGxhY2UoL14tfC0kL2csICcnKTtcbiAgY29uc3Qgd29yZHMgPSBzdW1tYXJ5LnNwbGl0KC9cXHMrLykubGVuZ3RoO1xuICBjb25zdCBiYXNlID0gc3VtbWFyeSAhPT0gJycgJiYgd29yZHMgPD0gOCA/IHNsdWcoc3VtbWFyeSkgOiBzbHVnKGAke21ldGhvZH0gJHtwYXRofWApO1xuICBsZXQgaWQgPSBiYXNlO1xuICBmb3IgKGxldCBjb3VudCA9IDI7IGlkcy5oYXMoaWQpOyBjb3VudCArPSAxKSBpZCA9IGNvdW50ID09PSAyID8gc2x1ZyhgJHttZXRob2R9ICR7cGF0aH1gKSA6IGAke2Jhc2V9LSR7Y291bnR9YDtcbiAgaWRzLmFkZChpZCk7XG4gIHJldHVybiBpZDtcbn1cblxuZnVuY3Rpb24gb3JpZ2luc0luKGJsb2NrczogcmVhZG9ubHkgQmxvY2tbXSk6IHJlYWRvbmx5IHN0cmluZ1tdIHtcbiAgY29uc3QgY291bnRzID0gbmV3IE1hcDxzdHJpbmcsIG51bWJlcj4oKTtcbiAgZm9yIChjb25zdCBibG9jayBvZiBibG9ja3MpIHtcbiAgICBpZiAoYmxvY2suaXMgPT09ICd0YWJsZScpIGNvbnRpbnVlO1xuICAgIGZvciAoY29uc3QgW2FkZHJlc3NdIG9mIGJsb2NrLnRleHQubWF0Y2hBbGwoL2h0dHBzPzpcXC9cXC9bXFx3Li1dKyg/OjpcXGQrKT8vZykpXG4gICAgICBjb3VudHMuc2V0KGFkZHJlc3MsIChjb3VudHMuZ2V0KGFkZHJlc3MpID8/IDApICsgMSk7XG4gIH1cbiAgcmV0dXJuIFsuLi5jb3VudHNdLnNvcnQoKGEsIGIpID0+IGJbMV0gLSBhWzFdKS5tYXAoKFtvcmlnaW5dKSA9PiBvcmlnaW4pO1xufVxuIiwgIi8qKiBSZWZlcmVuY2UgcGFnZXMgaW4gSFRNTCBhbmQgTWFya2Rvd246IHdoYXQgY2FuIGJlIHJlYWQgb2YgdGhlbSwgYW5kIHdoYXQgY291bGQgbm90LiAqL1xuaW1wb3J0IHsgZW50cnlPZiB9IGZyb20gJy4uL2Rlc2NyaWJlZC5qcyc7XG5pbXBvcnQgdHlwZSB7IERvY3VtZW50cyB9IGZyb20gJy4uL2RvY3VtZW50cy5qcyc7XG5pbXBvcnQgdHlwZSB7IERvY3VtZW50YXRpb24gfSBmcm9tICcuLi9tb2RlbC5qcyc7XG5pbXBvcnQgeyBvcGVyYXRpb25zT24gfSBmcm9tICcuL29wZXJhdGlvbnMuanMnO1xuXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gcmVhZFBhZ2UoeyBtYWluIH06IERvY3VtZW50cywgc291cmNlOiBzdHJpbmcpOiBQcm9taXNlPERvY3VtZW50YXRpb24+IHtcbiAgY29uc3QgeyB0aXRsZSwgYmxvY2tzIH0gPVxuICAgIG1haW4ubm90YXRpb24gPT09ICdtYXJrZG93bidcbiAgICAgID8gKGF3YWl0IGltcG9ydCgnLi9tYXJrZG93bi5qcycpKS5tYXJrZG93bkJsb2NrcyhtYWluLnRleHQpXG4gICAgICA6IChhd2FpdCBpbXBvcnQoJy4vaHRtbC5qcycpKS5odG1sQmxvY2tzKG1haW4udGV4dCk7XG4gIGNvbnN0IHsgb3BlcmF0aW9ucywgd2FybmluZ3MsIG9yaWdpbnMgfSA9IG9wZXJhdGlvbnNPbihibG9ja3MpO1xuICBjb25zdCBub25lID0gb3BlcmF0aW9ucy5sZW5ndGggPT09IDAgPyBbeyBhdDogJ3BhZ2UnLCB3aGF0OiAnbm8gbWV0aG9kIGFuZCBwYXRoIHN0YW5kcyBvbiB0aGUgcGFnZScgfV0gOiBbXTtcbiAgcmV0dXJuIHtcbiAgICBmb3JtYXQ6ICdwYWdlJyxcbiAgICB2ZXJzaW9uOiBtYWluLm5vdGF0aW9uID09PSAnbWFya2Rvd24nID8gJ01hcmtkb3duJyA6ICdIVE1MJyxcbiAgICB0aXRsZTogdGl0bGUgPz8gc291cmNlLFxuICAgIHNlcnZlcnM6IG9yaWdpbnMuc2xpY2UoMCwgMSkubWFwKCh1cmwpID0+ICh7IHVybCwgdmFyaWFibGVzOiBbXSB9KSksXG4gICAgb3BlcmF0aW9uczogb3BlcmF0aW9ucy5tYXAoZW50cnlPZiksXG4gICAgZGVmaW5pdGlvbnM6IG5ldyBNYXAoKSxcbiAgICB0eXBlczogbmV3IE1hcCgpLFxuICAgIHdlYmhvb2tzOiBbXSxcbiAgICB3YXJuaW5nczogWy4uLm5vbmUsIC4uLndhcm5pbmdzXSxcbiAgfTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFHTyxJQUFNLGFBQ1g7QUFRSyxTQUFTLE9BQU8sTUFBZ0M7QUFDckQsUUFBTSxRQUFRLFdBQVcsS0FBSyxJQUFJO0FBQ2xDLFNBQU8sUUFBUSxPQUFPLEVBQUUsUUFBUSxNQUFNLENBQUMsS0FBSyxJQUFJLFNBQVMsTUFBTSxDQUFDLEtBQUssR0FBRyxDQUFDLElBQUk7QUFDL0U7QUFHTyxTQUFTLE9BQU8sRUFBRSxRQUFRLFFBQVEsR0FBcUQ7QUFDNUYsUUFBTSxDQUFDLE9BQU8sS0FBSyxRQUFRLEVBQUUsSUFBSSxRQUM5QixRQUFRLHdCQUF3QixFQUFFLEVBQ2xDLFFBQVEsUUFBUSxFQUFFLEVBQ2xCLE1BQU0sR0FBRztBQUNaLFFBQU0sV0FBVyxLQUFLO0FBQUEsSUFDcEI7QUFBQSxJQUNBLENBQUMsR0FBRyxHQUFXLEdBQVcsTUFBYyxJQUFJLEtBQUssS0FBSyxDQUFDO0FBQUEsRUFDekQ7QUFDQSxRQUFNLFFBQVEsTUFBTSxNQUFNLEdBQUcsRUFBRSxRQUFRLENBQUMsU0FBUyx5QkFBeUIsS0FBSyxNQUFNLEdBQUcsRUFBRSxDQUFDLEtBQUssRUFBRSxLQUFLLENBQUMsQ0FBQztBQUN6RyxTQUFPLEVBQUUsUUFBUSxNQUFNLGFBQWEsS0FBSyxNQUFNLFNBQVMsUUFBUSxXQUFXLElBQUksR0FBRyxPQUFPLE1BQU07QUFDakc7QUFFTyxTQUFTLHlCQUF5QixNQUFzQjtBQUM3RCxNQUFJO0FBQ0YsV0FBTyxtQkFBbUIsSUFBSTtBQUFBLEVBQ2hDLFFBQVE7QUFDTixXQUFPO0FBQUEsRUFDVDtBQUNGO0FBRU8sU0FBUyxTQUFTLE1BQWMsVUFBMkI7QUFDaEUsUUFBTSxDQUFDLEdBQUcsQ0FBQyxJQUFJLENBQUMsS0FBSyxNQUFNLEdBQUcsR0FBRyxTQUFTLE1BQU0sR0FBRyxDQUFDO0FBQ3BELFNBQU8sRUFBRSxXQUFXLEVBQUUsVUFBVSxFQUFFLE1BQU0sQ0FBQyxNQUFNLFVBQVUsV0FBVyxLQUFLLElBQUksS0FBSyxTQUFTLEVBQUUsS0FBSyxDQUFDO0FBQ3JHOzs7QUNsQ0EsSUFBTSxjQUFzRDtBQUFBLEVBQzFELENBQUMsWUFBWSw0RUFBNEU7QUFBQSxFQUN6RixDQUFDLFdBQVcsWUFBWTtBQUFBLEVBQ3hCLENBQUMsTUFBTSx1R0FBdUc7QUFBQSxFQUM5RyxDQUFDLFdBQVcsMkJBQTJCO0FBQUEsRUFDdkMsQ0FBQyxXQUFXLHlFQUF5RTtBQUFBLEVBQ3JGLENBQUMsUUFBUSxpQ0FBaUM7QUFBQSxFQUMxQztBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0EsQ0FBQyxlQUFlLHdGQUF3RjtBQUMxRztBQVFPLFNBQVMsU0FBUyxFQUFFLE1BQU0sTUFBTSxNQUFNLE1BQU0sR0FBNEM7QUFDN0YsUUFBTSxVQUFVLFVBQVUsSUFBSTtBQUM5QixNQUFJLENBQUMsUUFBUSxJQUFJLE1BQU0sS0FBSyxRQUFRLE9BQU8sRUFBRyxRQUFPO0FBQ3JELFNBQU8sS0FBSyxRQUFRLENBQUMsT0FBTyxVQUFVO0FBQ3BDLFVBQU0sT0FBTyxDQUFDLFdBQ1osUUFBUSxJQUFJLE1BQU0sS0FBSyxNQUFNLFFBQVEsSUFBSSxNQUFNLENBQVcsS0FBSyxJQUFJLEtBQUssSUFBSTtBQUM5RSxVQUFNLFVBQVUsS0FBSyxNQUFNO0FBQzNCLFVBQU0sT0FDSixRQUNHLFFBQVEsVUFBVSxFQUFFLEVBQ3BCLFFBQVEsa0JBQWtCLEVBQUUsRUFDNUIsS0FBSyxFQUNMLE1BQU0sSUFBSSxFQUFFLENBQUMsS0FBSztBQUN2QixRQUFJLFNBQVMsTUFBTSxDQUFDLDBCQUEwQixLQUFLLElBQUksRUFBRyxRQUFPLENBQUM7QUFDbEUsVUFBTSxjQUFjLEtBQUssYUFBYSxNQUFNLFFBQVEsSUFBSSxhQUFhLElBQUksS0FBTSxNQUFNLEdBQUcsRUFBRSxLQUFLO0FBQy9GLFVBQU0sUUFBUSxRQUFRLEtBQUssSUFBSSxDQUFDO0FBQ2hDLFdBQU8sQ0FBQyxFQUFFLElBQUksT0FBTyxPQUFPLFNBQVMsTUFBTSxTQUFTLE1BQU0sYUFBYSxNQUFNLEtBQUssS0FBSyxJQUFJLEVBQUUsQ0FBQztBQUFBLEVBQ2hHLENBQUM7QUFDSDtBQUVBLFNBQVMsU0FDUCxNQUNBLFNBQ0EsTUFDQSxhQUNBLE1BQ087QUFDUCxRQUFNLFdBQVcsV0FBVyxLQUFLLFVBQVUsR0FBRyxhQUFhLE9BQU87QUFDbEUsUUFBTSxVQUFVLFVBQVUsS0FBSyxTQUFTLENBQUMsS0FBSyxVQUFVLFdBQVc7QUFDbkUsUUFBTSxTQUFTLFNBQVMsR0FBRyxLQUFLLFNBQVMsQ0FBQyxJQUFJLFdBQVcsRUFBRTtBQUMzRCxRQUFNLFdBQ0osS0FBSyxTQUFTLEtBQUssNkRBQTZELEtBQUssV0FBVyxJQUFJLENBQUM7QUFDdkcsUUFBTSxPQUFPLE9BQU8sS0FBSyxNQUFNLENBQUM7QUFDaEMsUUFBTSxZQUF1QixLQUFLLE1BQU0sTUFBTSxNQUFNLFNBQVMsVUFBVSxTQUFTO0FBQ2hGLFNBQU87QUFBQSxJQUNMLE1BQU0sS0FBSyxRQUFRLFNBQVMsRUFBRTtBQUFBLElBQzlCLE1BQU0sUUFBUTtBQUFBLElBQ2QsVUFBVSxTQUFTO0FBQUEsSUFDbkIsR0FBSSxnQkFBZ0IsTUFBTSxFQUFFLFlBQVk7QUFBQSxJQUN4QyxHQUFJLGFBQWEsVUFDZixDQUFDLDhCQUE4QixLQUFLLFFBQVEsS0FBSyxFQUFFLFNBQVMsUUFBUSxVQUFVLElBQUksRUFBRTtBQUFBLElBQ3RGLEdBQUksS0FBSyxTQUFTLE1BQU0sTUFBTSxFQUFFLFNBQVMsUUFBUSxLQUFLLFNBQVMsRUFBRSxRQUFRLGtCQUFrQixFQUFFLEdBQUcsSUFBSSxFQUFFO0FBQUEsSUFDdEcsR0FBSSxXQUFXLEVBQUUsUUFBUTtBQUFBLElBQ3pCLEdBQUksVUFBVSxFQUFFLE9BQU87QUFBQSxJQUN2QjtBQUFBLElBQ0EsSUFBSSxRQUFRLElBQUk7QUFBQSxFQUNsQjtBQUNGO0FBRUEsU0FBUyxVQUFVLE1BQThDO0FBQy9ELFFBQU0sUUFBUSxvQkFBSSxJQUFvQjtBQUN0QyxhQUFXLENBQUMsT0FBTyxJQUFJLEtBQUssS0FBSyxRQUFRLEdBQUc7QUFDMUMsVUFBTSxTQUFTLFlBQVksS0FBSyxDQUFDLENBQUMsTUFBTSxPQUFPLE1BQU0sQ0FBQyxNQUFNLElBQUksSUFBSSxLQUFLLFFBQVEsS0FBSyxLQUFLLEtBQUssQ0FBQyxDQUFDLElBQUksQ0FBQztBQUN2RyxRQUFJLE9BQVEsT0FBTSxJQUFJLFFBQVEsS0FBSztBQUFBLEVBQ3JDO0FBQ0EsU0FBTztBQUNUO0FBRUEsSUFBTSxNQUFNO0FBQ1osSUFBTSxLQUFLO0FBRVgsU0FBUyxXQUFXLE1BQWMsYUFBcUIsTUFBb0Q7QUFDekcsTUFBSSxTQUFTLE1BQU0sSUFBSSxLQUFLLElBQUksRUFBRyxRQUFPLEVBQUUsT0FBTyxNQUFNLFNBQVMsS0FBSztBQUN2RSxNQUFJLFNBQVMsTUFBTSxHQUFHLEtBQUssSUFBSSxFQUFHLFFBQU8sRUFBRSxPQUFPLE9BQU8sU0FBUyxLQUFLO0FBQ3ZFLE1BQUksTUFBTSxLQUFLLElBQUksRUFBRyxRQUFPLEVBQUUsT0FBTyxNQUFNLFNBQVMsTUFBTTtBQUMzRCxNQUFJLGlDQUFpQyxLQUFLLFdBQVcsRUFBRyxRQUFPLEVBQUUsT0FBTyxPQUFPLFNBQVMsS0FBSztBQUM3RixNQUFJLDhCQUE4QixLQUFLLFdBQVcsRUFBRyxRQUFPLEVBQUUsT0FBTyxNQUFNLFNBQVMsS0FBSztBQUN6RixTQUFPLEVBQUUsT0FBTyxPQUFPLFNBQVMsTUFBTTtBQUN4QztBQUVBLFNBQVMsUUFBUSxNQUErQjtBQUM5QyxRQUFNLE9BQU8scURBQXFELEtBQUssSUFBSSxJQUFJLENBQUMsR0FBRyxZQUFZO0FBQy9GLE1BQUksU0FBUyxNQUFPLFFBQU87QUFDM0IsTUFBSSxTQUFTLFVBQVUsU0FBUyxPQUFRLFFBQU87QUFDL0MsU0FBTztBQUNUO0FBRUEsSUFBTSxZQUFvRDtBQUFBLEVBQ3hELENBQUMsOEJBQThCLE9BQU87QUFBQSxFQUN0QyxDQUFDLDBDQUEwQyxvQkFBb0I7QUFBQSxFQUMvRCxDQUFDLGFBQWEsZUFBZTtBQUFBLEVBQzdCLENBQUMsc0RBQXNELFNBQVM7QUFBQSxFQUNoRSxDQUFDLGdEQUFnRCxRQUFRO0FBQUEsRUFDekQsQ0FBQyw4QkFBOEIsU0FBUztBQUFBLEVBQ3hDLENBQUMsaURBQWlELFFBQVE7QUFBQSxFQUMxRCxDQUFDLCtEQUErRCxRQUFRO0FBQzFFO0FBRUEsU0FBUyxPQUFPLE1BQWtDO0FBQ2hELE1BQUksU0FBUyxHQUFJLFFBQU87QUFDeEIsUUFBTSxPQUFPLFVBQVUsS0FBSyxDQUFDLENBQUMsT0FBTyxNQUFNLFFBQVEsS0FBSyxJQUFJLENBQUMsSUFBSSxDQUFDO0FBQ2xFLE1BQUksU0FBUyxRQUFTLFFBQU8sUUFBUTtBQUNyQyxRQUFNLFFBQVEsdUJBQXVCLEtBQUssSUFBSSxJQUFJLENBQUMsS0FBSyxpQkFBaUIsS0FBSyxJQUFJLElBQUksQ0FBQztBQUN2RixRQUFNLE9BQU8sVUFBVSxTQUFZLFNBQVksT0FBTyxNQUFNLFFBQVEsTUFBTSxFQUFFLENBQUM7QUFDN0UsU0FBTyxTQUFTLFNBQVksVUFBVSxZQUFZLElBQUk7QUFDeEQ7QUFHQSxTQUFTLFVBQVUsTUFBNEM7QUFDN0QsUUFBTSxTQUNKLDJGQUEyRixLQUFLLElBQUksSUFBSSxDQUFDLE1BQ3hHLGdDQUFnQyxLQUFLLEtBQUssS0FBSyxDQUFDLElBQUksT0FBTztBQUM5RCxNQUFJLFdBQVcsT0FBVyxRQUFPO0FBQ2pDLFFBQU0sU0FBUyxPQUFPLE1BQU0sMEJBQTBCLEVBQUU7QUFBQSxJQUFJLENBQUMsUUFDM0QsSUFDRyxRQUFRLGtCQUFrQixFQUFFLEVBQzVCLFFBQVEsa0JBQWtCLEVBQUUsRUFDNUIsS0FBSztBQUFBLEVBQ1Y7QUFDQSxRQUFNLFFBQVEsT0FBTyxPQUFPLENBQUMsUUFBUSxRQUFRLEVBQUU7QUFDL0MsU0FBTyxNQUFNLFNBQVMsS0FBSyxNQUFNLE1BQU0sQ0FBQyxRQUFRLFlBQVksS0FBSyxHQUFHLENBQUMsSUFBSSxRQUFRO0FBQ25GO0FBRUEsU0FBUyxTQUFTLE1BQWtDO0FBQ2xELFFBQU0sU0FBUztBQUNmLFFBQU0sVUFBVSxJQUFJLE9BQU8sMEJBQTBCLE1BQU0scUJBQXFCLE1BQU0sSUFBSSxHQUFHLEVBQUUsS0FBSyxJQUFJO0FBQ3hHLFFBQU0sT0FBTyxJQUFJLE9BQU8sK0RBQStELE1BQU0sSUFBSSxHQUFHLEVBQUUsS0FBSyxJQUFJLElBQUksQ0FBQztBQUNwSCxRQUFNLFFBQVEsSUFBSSxPQUFPLDBEQUEwRCxNQUFNLElBQUksR0FBRyxFQUFFLEtBQUssSUFBSSxJQUFJLENBQUM7QUFDaEgsUUFBTSxRQUFxRCxDQUFDO0FBQzVELFFBQU0sTUFBTSxVQUFVLENBQUMsS0FBSztBQUM1QixRQUFNLE9BQU8sVUFBVSxDQUFDLEtBQUs7QUFDN0IsTUFBSSxRQUFRLE9BQVcsT0FBTSxVQUFVLElBQUksT0FBTyxHQUFHO0FBQ3JELE1BQUksU0FBUyxPQUFXLE9BQU0sU0FBUyxJQUFJLE9BQU8sSUFBSTtBQUN0RCxTQUFPLFFBQVEsVUFBYSxTQUFTLFNBQVksU0FBWTtBQUMvRDtBQUVBLFNBQVMsUUFBUSxNQUFjLE1BQWlDO0FBQzlELE1BQUksU0FBUyxhQUFhLFNBQVMsU0FBVSxRQUFPLE9BQU8sTUFBTSxPQUFPLElBQUksQ0FBQyxJQUFJLE9BQU8sT0FBTyxJQUFJO0FBQ25HLFNBQU8sU0FBUyxZQUFZLFNBQVMsU0FBUztBQUNoRDs7O0FDeklPLFNBQVMsYUFBYSxFQUFFLFdBQVcsR0FBYyxXQUE0QjtBQUNsRixhQUFXLElBQUksR0FBRyxVQUFVLEVBQUUsSUFBSSxVQUFVLElBQUksSUFBSSxTQUFTO0FBQy9EO0FBRU8sU0FBUyxVQUNkLE9BQ0EsT0FDQSxFQUFFLFFBQVEsS0FBSyxHQUNmLFVBQ0EsVUFDTTtBQUNOLFFBQU0sU0FBUyxTQUFTLEtBQUs7QUFDN0IsTUFBSSxDQUFDLFFBQVE7QUFDWCxVQUFNLFdBQVcsV0FBVyxLQUFLO0FBQ2pDLGVBQVcsQ0FBQyxRQUFRLFdBQVcsS0FBSyxTQUFVLFdBQVUsVUFBVSxRQUFRLEVBQUUsWUFBWSxDQUFDO0FBQ3pGLFFBQUksU0FBUyxXQUFXO0FBQ3RCLGVBQVMsS0FBSyxFQUFFLElBQUksUUFBUSxNQUFNLElBQUksSUFBSSxNQUFNLGNBQWMsTUFBTSxLQUFLLEtBQUssSUFBSSxDQUFDLHVCQUF1QixDQUFDO0FBQzdHO0FBQUEsRUFDRjtBQUNBLFFBQU0sV0FBVyxpREFBaUQsS0FBSyxLQUFLLEtBQUssQ0FBQyxlQUFlLEtBQUssS0FBSztBQUMzRyxNQUFJLFVBQVU7QUFDWixjQUFVLFVBQVUsT0FBTyxFQUFFLFFBQVEsT0FBTyxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSyxFQUFFLENBQUM7QUFDdkU7QUFBQSxFQUNGO0FBQ0EsYUFBVyxPQUFPLFFBQVE7QUFDeEIsVUFBTSxRQUFRLElBQUksTUFBTSxTQUFTLEtBQUssT0FBTyxRQUFRLElBQUk7QUFDekQsUUFBSSxVQUFVLE9BQVEsVUFBUyxPQUFPLEtBQUssSUFBSSxLQUFLO0FBQUEsUUFDL0MsY0FBYSxVQUFVLEVBQUUsR0FBRyxJQUFJLE9BQU8sSUFBSSxPQUFPLFVBQVUsSUFBSSxNQUFNLFlBQVksVUFBVSxPQUFPLENBQUM7QUFBQSxFQUMzRztBQUNGO0FBR0EsU0FBUyxTQUFTLEVBQUUsTUFBTSxHQUFjLE9BQWUsUUFBZ0IsTUFBd0M7QUFDN0csTUFBSSxLQUFLLFNBQVMsSUFBSSxNQUFNLElBQUksR0FBRyxFQUFHLFFBQU87QUFDN0MsTUFBSSxnQkFBZ0IsS0FBSyxLQUFLLEVBQUcsUUFBTztBQUN4QyxNQUFJLGFBQWEsS0FBSyxLQUFLLEVBQUcsUUFBTztBQUNyQyxNQUFJLGtDQUFrQyxLQUFLLEtBQUssRUFBRyxRQUFPO0FBQzFELFNBQU8sWUFBWSxJQUFJLE1BQU0sS0FBSyxXQUFXLFdBQVcsVUFBVTtBQUNwRTtBQUVBLFNBQVMsV0FBVyxFQUFFLE1BQU0sS0FBSyxHQUE4QjtBQUM3RCxRQUFNLEtBQUssS0FBSyxVQUFVLENBQUMsU0FBUyw0QkFBNEIsS0FBSyxJQUFJLENBQUM7QUFDMUUsTUFBSSxPQUFPLEdBQUksUUFBTyxDQUFDO0FBQ3ZCLFNBQU8sS0FBSyxRQUFRLENBQUMsUUFBNEI7QUFDL0MsVUFBTSxTQUFTLGtCQUFrQixLQUFLLElBQUksRUFBRSxLQUFLLEVBQUUsSUFBSSxDQUFDO0FBQ3hELFdBQU8sV0FBVyxTQUFZLENBQUMsSUFBSSxDQUFDLENBQUMsUUFBUSxJQUFJLE9BQU8sQ0FBQyxHQUFHLFVBQVUsVUFBVSxFQUFFLEVBQUUsS0FBSyxHQUFHLENBQUMsQ0FBQztBQUFBLEVBQ2hHLENBQUM7QUFDSDtBQUVPLFNBQVMsU0FBUyxPQUFhLE9BQWUsU0FBa0IsVUFBcUIsVUFBMkI7QUFDckgsUUFBTSxFQUFFLE1BQU0sS0FBSyxJQUFJO0FBQ3ZCLFFBQU0sS0FBSyxRQUFRLElBQUk7QUFDdkIsUUFBTSxVQUFVLFdBQVcsSUFBSSxLQUFLLFlBQVksSUFBSTtBQUNwRCxNQUFJLFNBQVM7QUFDWCxnQkFBWSxTQUFTLFNBQVMsVUFBVSxFQUFFO0FBQzFDO0FBQUEsRUFDRjtBQUNBLFFBQU0sU0FBUyxVQUFVLElBQUk7QUFDN0IsTUFBSSxRQUFRO0FBQ1YsY0FBVSxVQUFVLE9BQU8sT0FBTyxNQUFNLEdBQUcsRUFBRSxNQUFNLE9BQU8sTUFBTSxNQUFNLE9BQU8sTUFBTSxHQUFHLENBQUM7QUFDdkY7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLFdBQVcsSUFBSTtBQUM1QixNQUFJLFNBQVMsUUFBVztBQUN0QixhQUFTLEtBQUssRUFBRSxJQUFJLE1BQU0sb0RBQW9ELENBQUM7QUFDL0U7QUFBQSxFQUNGO0FBQ0EsUUFBTSxTQUFTLGtCQUFrQixLQUFLLEtBQUssSUFBSSxDQUFDO0FBQ2hELFFBQU0sV0FBVyxXQUFXLFVBQWEsNERBQTRELEtBQUssS0FBSztBQUMvRyxRQUFNLFlBQVksMkNBQTJDLEtBQUssS0FBSztBQUN2RSxNQUFJLFlBQWEsWUFBWSxJQUFJLFFBQVEsTUFBTSxLQUFLLENBQUM7QUFDbkQsY0FBVSxVQUFVLFVBQVUsT0FBTyxFQUFFLE1BQU0sTUFBTSxNQUFNLEdBQUcsQ0FBQztBQUFBLFdBQ3RELENBQUMsU0FBUyxLQUFNLFVBQVMsT0FBTyxFQUFFLE1BQU0sTUFBTSxHQUFHO0FBQUEsTUFDckQsV0FBVSxVQUFVLE9BQU8sRUFBRSxNQUFNLE1BQU0sTUFBTSxHQUFHLENBQUM7QUFDMUQ7QUFHQSxTQUFTLFlBQ1AsRUFBRSxTQUFTLFNBQVMsS0FBSyxHQUN6QixFQUFFLEtBQUssR0FDUCxVQUNBLElBQ007QUFDTixRQUFNLE1BQU0sSUFBSSxJQUFJLFNBQVMscUJBQXFCO0FBQ2xELFFBQU0sUUFBUSxJQUFJLFNBQVMsTUFBTSxHQUFHO0FBQ3BDLGFBQVcsQ0FBQyxPQUFPLElBQUksS0FBSyxLQUFLLE1BQU0sR0FBRyxFQUFFLFFBQVEsR0FBRztBQUNyRCxVQUFNLE9BQU8sYUFBYSxLQUFLLElBQUksSUFBSSxDQUFDO0FBQ3hDLFVBQU0sUUFBUSxTQUFTLFNBQVksU0FBWSxTQUFTLFdBQVcsSUFBSSxRQUFRLElBQUksRUFBRTtBQUNyRixVQUFNLFFBQVEseUJBQXlCLE1BQU0sS0FBSyxLQUFLLEVBQUU7QUFDekQsUUFBSSxTQUFTLFVBQVUsTUFBTSxDQUFDLFFBQVEsS0FBSyxLQUFLLEVBQUcsY0FBYSxVQUFVLEVBQUUsR0FBRyxPQUFPLFNBQVMsTUFBTSxDQUFDO0FBQUEsRUFDeEc7QUFDQSxhQUFXLENBQUMsTUFBTSxLQUFLLEtBQUssSUFBSSxjQUFjO0FBQzVDLFVBQU0sUUFBUSxTQUFTLFdBQVcsSUFBSSxTQUFTLElBQUksRUFBRSxLQUFLO0FBQUEsTUFDeEQ7QUFBQSxNQUNBLElBQUk7QUFBQSxNQUNKLE1BQU07QUFBQSxNQUNOLFVBQVU7QUFBQSxNQUNWLFdBQVc7QUFBQSxNQUNYO0FBQUEsSUFDRjtBQUNBLFVBQU0sU0FBUyxzQkFBc0IsS0FBSyxNQUFNLElBQUksS0FBSyxVQUFVLE1BQU0sQ0FBQyxPQUFPLE1BQU0sT0FBTyxLQUFLLENBQUM7QUFDcEcsaUJBQWEsVUFBVSxFQUFFLEdBQUcsT0FBTyxTQUFTLFNBQVMsT0FBTyxLQUFLLElBQUksTUFBTSxDQUFDO0FBQUEsRUFDOUU7QUFDQSxhQUFXLENBQUMsTUFBTSxLQUFLLEtBQUssU0FBUztBQUNuQyxRQUFJLGdGQUFnRixLQUFLLElBQUksRUFBRztBQUNoRyxRQUFJLENBQUMsQ0FBQyxHQUFHLFNBQVMsV0FBVyxLQUFLLENBQUMsRUFBRSxLQUFLLENBQUMsUUFBUSxJQUFJLFlBQVksTUFBTSxVQUFVLElBQUksRUFBRTtBQUN2RixtQkFBYSxVQUFVO0FBQUEsUUFDckI7QUFBQSxRQUNBLElBQUk7QUFBQSxRQUNKLE1BQU07QUFBQSxRQUNOLFVBQVU7QUFBQSxRQUNWLFNBQVM7QUFBQSxRQUNULFdBQVc7QUFBQSxRQUNYO0FBQUEsTUFDRixDQUFDO0FBQUEsRUFDTDtBQUNBLE1BQUksU0FBUztBQUNYLGFBQVMsT0FBTztBQUFBLE1BQ2QsTUFBTSxRQUFRLElBQUksY0FBYyxHQUFHLE1BQU0sR0FBRyxFQUFFLENBQUMsS0FBSyxXQUFXLElBQUksS0FBSztBQUFBLE1BQ3hFLE1BQU07QUFBQSxNQUNOO0FBQUEsSUFDRjtBQUNKO0FBVUEsU0FBUyxVQUFVLEVBQUUsUUFBUSxHQUFjLFFBQWdCLEVBQUUsYUFBYSxRQUFRLE1BQU0sTUFBTSxHQUFHLEdBQXNCO0FBQ3JILFFBQU0sU0FBUyxRQUFRLElBQUksTUFBTTtBQUNqQyxRQUFNLFVBQVUsU0FBUyxTQUFZLFNBQVksYUFBYSxJQUFJO0FBQ2xFLFFBQU0sV0FDSixZQUFZLFNBQVksQ0FBQyxJQUFJLFlBQVksQ0FBQyxPQUFPLEdBQUcsRUFBRSxXQUFXLFNBQVMsR0FBSSxPQUFPLFVBQWEsRUFBRSxHQUFHLEVBQUcsQ0FBQztBQUM3RyxRQUFNLFFBQVEsVUFBVSxRQUFRLFNBQVMsVUFBVSxDQUFDO0FBQ3BELFFBQU0sVUFDSixVQUFVLFNBQVMsVUFBYSxRQUFRLFVBQ3BDO0FBQUEsSUFDRSxNQUFNLFFBQVEsUUFBUSxTQUFTLFFBQVE7QUFBQSxJQUN2QyxRQUFRLE9BQU8sT0FBTyxRQUFRO0FBQUEsSUFDOUIsR0FBSSxZQUFZLFNBQ1osRUFBRSxRQUFRLElBQ1YsUUFBUSxTQUFTLFlBQVksVUFBYSxFQUFFLFNBQVMsT0FBTyxRQUFRLFFBQVE7QUFBQSxJQUNoRixtQkFBbUIsWUFBWSxVQUFhLFFBQVEsU0FBUyxzQkFBc0I7QUFBQSxFQUNyRixJQUNBO0FBQ04sUUFBTSxPQUFPLGVBQWUsUUFBUTtBQUNwQyxVQUFRLElBQUksUUFBUTtBQUFBLElBQ2xCO0FBQUEsSUFDQSxTQUFTLENBQUM7QUFBQSxJQUNWLEdBQUksU0FBUyxVQUFhLEVBQUUsYUFBYSxLQUFLO0FBQUEsSUFDOUMsR0FBSSxXQUFXLEVBQUUsUUFBUTtBQUFBLEVBQzNCLENBQUM7QUFDSDtBQUVBLElBQU0sZUFBZSxDQUFDLFNBQW9DO0FBQ3hELE1BQUksS0FBSyxLQUFLLE1BQU0sR0FBSSxRQUFPO0FBQy9CLFFBQU0sT0FBTyxPQUFPLElBQUk7QUFDeEIsU0FBTyxPQUFPLEtBQUssUUFBUTtBQUM3QjtBQUdBLFNBQVMsT0FBTyxXQUE2QixVQUE4QztBQUN6RixRQUFNLFFBQVEsSUFBSSxJQUFJLFVBQVUsSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLEtBQUssTUFBTSxHQUFHLEVBQUUsQ0FBQyxDQUFDLENBQUM7QUFDckUsU0FBTyxDQUFDLEdBQUcsT0FBTyxTQUFTLEdBQUcsR0FBRyxTQUFTLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxDQUFDLE1BQU0sSUFBSSxJQUFJLENBQUMsQ0FBQztBQUNsRjtBQUdBLFNBQVMsT0FBTyxRQUE0QztBQUMxRCxRQUFNLE1BQWUsQ0FBQztBQUN0QixhQUFXLFNBQVMsUUFBUTtBQUMxQixVQUFNLENBQUMsUUFBUSxHQUFHLElBQUksSUFBSSxNQUFNLEtBQUssV0FBVyxNQUFNLEVBQUUsRUFBRSxNQUFNLEdBQUc7QUFDbkUsVUFBTSxRQUFRLEtBQUssU0FBUyxJQUFJLElBQUksVUFBVSxDQUFDLEVBQUUsS0FBSyxNQUFNLFNBQVMsTUFBTSxJQUFJO0FBQy9FLFVBQU0sU0FBUyxJQUFJLEtBQUs7QUFDeEIsUUFBSSxDQUFDLE9BQVEsS0FBSSxLQUFLLEtBQUs7QUFBQSxRQUN0QixLQUFJLEtBQUssSUFBSSxFQUFFLEdBQUcsUUFBUSxRQUFRLE9BQU8sQ0FBQyxHQUFJLE9BQU8sVUFBVSxDQUFDLEdBQUksRUFBRSxHQUFHLE9BQU8sTUFBTSxLQUFLLEtBQUssR0FBRyxFQUFFLENBQUMsQ0FBQyxFQUFFO0FBQUEsRUFDaEg7QUFDQSxTQUFPO0FBQ1Q7QUFFTyxTQUFTLE9BQU8sRUFBRSxNQUFNLE9BQU8sR0FBYyxRQUFrQztBQUNwRixNQUFLLENBQUMsUUFBUSxPQUFPLFdBQVcsS0FBTSxZQUFZLElBQUksTUFBTSxFQUFHLFFBQU87QUFDdEUsUUFBTSxVQUFVLFFBQVEsYUFBYSxLQUFLLElBQUk7QUFDOUMsUUFBTSxXQUFXLFlBQVksU0FBWSxDQUFDLElBQUksWUFBWSxDQUFDLE9BQU8sR0FBRyxFQUFFLFdBQVcsU0FBUyxJQUFJLE1BQU0sTUFBTSxHQUFHLENBQUM7QUFDL0csU0FBTztBQUFBLElBQ0wsTUFBTSxNQUFNLFFBQVE7QUFBQSxJQUNwQixVQUFVO0FBQUEsSUFDVixZQUFZLENBQUM7QUFBQSxJQUNiLFFBQVEsYUFBYSxPQUFPLFFBQVEsUUFBUSxHQUFHLE9BQU87QUFBQSxJQUN0RCxHQUFJLFlBQVksVUFBYSxFQUFFLFFBQVE7QUFBQSxJQUN2QyxtQkFBbUIsWUFBWTtBQUFBLEVBQ2pDO0FBQ0Y7QUFHQSxTQUFTLGFBQWEsUUFBMEIsU0FBOEM7QUFDNUYsTUFBSSxPQUFPLFlBQVksWUFBWSxZQUFZLFFBQVEsTUFBTSxRQUFRLE9BQU8sRUFBRyxRQUFPO0FBQ3RGLFFBQU0sU0FBUztBQUNmLFNBQU8sT0FBTyxJQUFJLENBQUMsVUFBVTtBQUMzQixVQUFNLFFBQVEsT0FBTyxNQUFNLElBQUk7QUFDL0IsUUFBSSxVQUFVLFVBQWEsTUFBTSxZQUFZLFVBQWEsT0FBTyxVQUFVLFNBQVUsUUFBTztBQUM1RixXQUFPLEVBQUUsR0FBRyxPQUFPLFNBQVMsTUFBTTtBQUFBLEVBQ3BDLENBQUM7QUFDSDs7O0FDaE5PLFNBQVMsV0FBVyxRQUEwQixVQUF5QztBQUM1RixRQUFNLFFBQVEsb0JBQUksSUFBcUI7QUFDdkMsUUFBTSxRQUFtQixDQUFDO0FBQzFCLE1BQUk7QUFDSixNQUFJLFlBQVk7QUFDaEIsTUFBSSxTQUFTO0FBRWIsUUFBTSxRQUFRLENBQUMsTUFBWSxTQUFpQixXQUFzQixNQUFjLFVBQXdCO0FBQ3RHLFVBQU0sTUFBTSxHQUFHLEtBQUssTUFBTSxJQUFJLEtBQUssSUFBSTtBQUN2QyxVQUFNLFNBQVMsTUFBTSxJQUFJLEdBQUc7QUFFNUIsV0FBTztBQUFBLE1BQ0wsR0FBRztBQUFBLE1BQ0gsU0FBUyxRQUFRLFdBQVcsWUFBWSxLQUFLLE9BQU8sVUFBVTtBQUFBLE1BQzlEO0FBQUEsTUFDQTtBQUFBLE1BQ0EsUUFBUSxRQUFRLFVBQVUsQ0FBQztBQUFBLElBQzdCO0FBQ0EsVUFBTSxJQUFJLEtBQUssSUFBSTtBQUNuQixnQkFBWTtBQUNaLGFBQVM7QUFBQSxFQUNYO0FBQ0EsUUFBTSxRQUFRLE1BQVk7QUFDeEIsVUFBTSxPQUFPLE1BQU0sR0FBRyxFQUFFO0FBQ3hCLFFBQUksQ0FBQyxVQUFVLFFBQVEsS0FBSyxRQUFRO0FBQ2xDLGVBQVMsS0FBSyxFQUFFLElBQUksUUFBUSxLQUFLLElBQUksSUFBSSxNQUFNLCtCQUEwQixLQUFLLElBQUksU0FBSSxDQUFDO0FBQUEsRUFDM0Y7QUFDQSxhQUFXLFNBQVMsUUFBUTtBQUMxQixVQUFNLFFBQVEsTUFBTSxHQUFHLEVBQUUsR0FBRyxTQUFTO0FBQ3JDLFFBQUksTUFBTSxPQUFPLFdBQVc7QUFDMUIsWUFBTTtBQUNOLGVBQVMsU0FBUyxVQUFhLE1BQU0sUUFBUTtBQUM3QyxVQUFJLFFBQVEsTUFBTSxTQUFTLFVBQVcsUUFBTztBQUM3QyxhQUFPLE1BQU0sU0FBUyxNQUFNLE1BQU0sR0FBRyxFQUFFLEdBQUcsU0FBUyxNQUFNLE1BQU0sTUFBTyxPQUFNLElBQUk7QUFDaEYsWUFBTSxLQUFLLEtBQUs7QUFDaEIsWUFBTSxPQUFPLE9BQU8sTUFBTSxJQUFJO0FBQzlCLFVBQUk7QUFDRjtBQUFBLFVBQ0U7QUFBQSxVQUNBLE1BQU0sS0FBSyxRQUFRLFlBQVksRUFBRSxFQUFFLFFBQVEsMEJBQTBCLEVBQUU7QUFBQSxVQUN2RTtBQUFBLFVBQ0EsTUFBTTtBQUFBLFVBQ04sTUFBTTtBQUFBLFFBQ1I7QUFBQSxVQUNHLE9BQU0sT0FBTyxLQUFLLEtBQUs7QUFDNUI7QUFBQSxJQUNGO0FBQ0EsVUFBTSxRQUFRLE1BQU0sR0FBRyxFQUFFLEdBQUcsUUFBUTtBQUNwQyxRQUFJLE1BQU0sT0FBTyxXQUFXLFdBQVcsS0FBSyxHQUFHO0FBQzdDLGlCQUFXLE9BQU8sTUFBTSxNQUFNO0FBQzVCLGNBQU0sT0FBTyxPQUFPLElBQUksS0FBSyxHQUFHLENBQUM7QUFDakMsWUFBSSxLQUFNLE9BQU0sTUFBTSxZQUFZLEdBQUcsR0FBRyxRQUFRLE1BQU0sTUFBTSxLQUFLO0FBQUEsTUFDbkU7QUFDQSxhQUFPO0FBQ1A7QUFBQSxJQUNGO0FBQ0EsUUFBSSxNQUFNLE9BQU8sUUFBUTtBQUN2QixZQUFNLE9BQU8sT0FBTyxNQUFNLElBQUk7QUFFOUIsVUFBSSxRQUFRLE1BQU0sS0FBSyxRQUFRLFlBQVksRUFBRSxFQUFFLEtBQUssRUFBRSxTQUFTLElBQUk7QUFDakUsY0FBTSxNQUFNLE9BQU8sUUFBUSxNQUFNLE1BQU0sS0FBSztBQUM1QztBQUFBLE1BQ0Y7QUFBQSxJQUNGO0FBQ0EsUUFBSSxNQUFNLE9BQU8sUUFBUTtBQUN2QixZQUFNLFFBQVEsTUFBTSxLQUFLLE1BQU0sSUFBSSxFQUFFLE9BQU8sQ0FBQyxTQUFTLEtBQUssS0FBSyxNQUFNLEVBQUU7QUFDeEUsWUFBTSxRQUFRLE1BQU07QUFBQSxRQUFJLENBQUMsU0FDdkIsMkRBQTJELEtBQUssSUFBSSxJQUFJLE9BQU8sSUFBSSxJQUFJO0FBQUEsTUFDekY7QUFDQSxVQUFJLE1BQU0sU0FBUyxLQUFLLE1BQU0sTUFBTSxDQUFDQSxVQUFTQSxVQUFTLE1BQVMsR0FBRztBQUNqRSxtQkFBV0EsU0FBUSxNQUFPLE9BQU1BLE9BQU0sT0FBTyxRQUFRLE1BQU0sTUFBTSxLQUFLO0FBQ3RFO0FBQUEsTUFDRjtBQUNBLFlBQU0sVUFBVSxXQUFXLE1BQU0sSUFBSSxLQUFLLFlBQVksTUFBTSxJQUFJO0FBQ2hFLFlBQU0sT0FBTyxXQUFXLE9BQU8sT0FBTztBQUN0QyxZQUFNLFlBQWlDO0FBQ3ZDLFVBQUksUUFBUSxFQUFFLGFBQWEsVUFBVSxXQUFXLEtBQUssVUFBVSxTQUFTLEtBQUssTUFBTSxVQUFVLElBQUk7QUFDL0YsY0FBTSxNQUFNLE9BQU8sU0FBUyxNQUFNLE1BQU0sS0FBSztBQUFBLElBQ2pEO0FBQ0EsUUFBSSxLQUFNLE1BQUssT0FBTyxLQUFLLEtBQUs7QUFBQSxhQUN2QixNQUFNLE9BQU8sV0FBVyxTQUFTLEtBQUs7QUFDN0MsZUFBUyxLQUFLLEVBQUUsSUFBSSxRQUFRLE1BQU0sSUFBSSxJQUFJLE1BQU0seUNBQXlDLENBQUM7QUFBQSxFQUM5RjtBQUNBLFFBQU07QUFDTixTQUFPLENBQUMsR0FBRyxNQUFNLE9BQU8sQ0FBQztBQUMzQjtBQUVBLElBQU0sYUFBYSxDQUFDLFVBQ2xCLE1BQU0sS0FBSyxPQUFPLENBQUMsUUFBUSxPQUFPLElBQUksS0FBSyxHQUFHLENBQUMsQ0FBQyxFQUFFLFNBQVMsS0FBSyxDQUFDLFNBQVMsS0FBSztBQUVqRixJQUFNLGNBQWMsQ0FBQyxRQUNuQixJQUNHO0FBQUEsRUFDQyxDQUFDLFNBQ0MsQ0FBQywrQ0FBK0MsS0FBSyxJQUFJLEtBQUssQ0FBQyxLQUFLLFdBQVcsR0FBRyxLQUFLLENBQUMsV0FBVyxLQUFLLElBQUk7QUFDaEgsRUFDQyxHQUFHLEVBQUUsS0FBSzs7O0FDcEdSLFNBQVMsYUFBYSxRQUF1QztBQUNsRSxRQUFNLFdBQXNCLENBQUM7QUFDN0IsUUFBTSxXQUFXLFdBQVcsUUFBUSxRQUFRO0FBQzVDLFFBQU0sTUFBTSxvQkFBSSxJQUFZO0FBQzVCLFFBQU0sYUFBYSxTQUFTLElBQUksQ0FBQyxZQUFZLFlBQVksU0FBUyxLQUFLLFFBQVEsQ0FBQztBQUNoRixTQUFPLEVBQUUsWUFBWSxVQUFVLFNBQVMsVUFBVSxNQUFNLEVBQUU7QUFDNUQ7QUFFQSxTQUFTLFlBQVksU0FBa0IsS0FBa0IsVUFBZ0Q7QUFDdkcsUUFBTSxFQUFFLFFBQVEsTUFBTSxPQUFPLFNBQVMsV0FBVyxNQUFNLE9BQU8sSUFBSTtBQUNsRSxRQUFNLFdBQXNCLEVBQUUsWUFBWSxvQkFBSSxJQUFJLEdBQUcsUUFBUSxDQUFDLEdBQUcsT0FBTyxDQUFDLEdBQUcsU0FBUyxvQkFBSSxJQUFJLEdBQUcsTUFBTSxPQUFVO0FBQ2hILGFBQVcsQ0FBQyxFQUFFLElBQUksS0FBSyxLQUFLLFNBQVMsY0FBYyxHQUFHO0FBQ3BELFFBQUksU0FBUztBQUNYLG1CQUFhLFVBQVU7QUFBQSxRQUNyQjtBQUFBLFFBQ0EsSUFBSTtBQUFBLFFBQ0osTUFBTTtBQUFBLFFBQ04sVUFBVTtBQUFBLFFBQ1YsV0FBVztBQUFBLFFBQ1gsSUFBSSxRQUFRLElBQUk7QUFBQSxNQUNsQixDQUFDO0FBQUEsRUFDTDtBQUNBLGFBQVcsUUFBUTtBQUNqQixpQkFBYSxVQUFVO0FBQUEsTUFDckI7QUFBQSxNQUNBLElBQUk7QUFBQSxNQUNKLE1BQU07QUFBQSxNQUNOLFVBQVU7QUFBQSxNQUNWLFdBQVc7QUFBQSxNQUNYLElBQUksUUFBUSxJQUFJO0FBQUEsSUFDbEIsQ0FBQztBQUNILE1BQUksUUFBUTtBQUNaLGFBQVcsU0FBUyxRQUFRO0FBQzFCLFFBQUksTUFBTSxPQUFPLFVBQVcsU0FBUSxNQUFNO0FBQUEsYUFDakMsTUFBTSxPQUFPLFFBQVE7QUFDNUIsVUFBSSxNQUFNLEtBQUssU0FBUyxHQUFJLFNBQVEsR0FBRyxLQUFLLElBQUksTUFBTSxJQUFJO0FBQUEsVUFDckQsVUFBUyxNQUFNLEtBQUssTUFBTSxJQUFJO0FBQ25DLFVBQUksU0FBUyxNQUFNLFdBQVcsS0FBSyxNQUFNLEtBQUssU0FBUyxNQUFNLENBQUMsS0FBSyxLQUFLLE1BQU0sSUFBSTtBQUNoRixpQkFBUyxNQUFNLEtBQUssTUFBTSxJQUFJO0FBQUEsSUFDbEMsV0FBVyxNQUFNLE9BQU8sUUFBUyxXQUFVLE9BQU8sT0FBTyxTQUFTLFVBQVUsUUFBUTtBQUFBLFNBQy9FO0FBQ0gsZUFBUyxPQUFPLE9BQU8sU0FBUyxVQUFVLFFBQVE7QUFDbEQsY0FBUTtBQUFBLElBQ1Y7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLE9BQU8sVUFBVSxNQUFNO0FBQ3BDLFFBQU0sQ0FBQyxXQUFXLElBQUksU0FBUztBQUMvQixTQUFPO0FBQUEsSUFDTCxJQUFJLE9BQU8sU0FBUyxRQUFRLE1BQU0sR0FBRztBQUFBLElBQ3JDLFVBQVU7QUFBQSxJQUNWLE9BQU8sS0FBSyxNQUFNLEdBQUcsRUFBRSxLQUFLLENBQUMsU0FBUyxTQUFTLE1BQU0sQ0FBQyxLQUFLLFdBQVcsR0FBRyxLQUFLLENBQUMsT0FBTyxLQUFLLElBQUksQ0FBQyxLQUFLO0FBQUEsSUFDckcsR0FBSSxZQUFZLE1BQU0sRUFBRSxRQUFRO0FBQUEsSUFDaEMsR0FBSSxnQkFBZ0IsVUFBYSxFQUFFLFlBQVk7QUFBQSxJQUMvQztBQUFBLElBQ0E7QUFBQSxJQUNBLFlBQVksT0FBTyxLQUFLLENBQUMsVUFBVSxNQUFNLE9BQU8sVUFBVSxpQ0FBaUMsS0FBSyxNQUFNLElBQUksQ0FBQztBQUFBLElBQzNHO0FBQUEsSUFDQSxJQUFJLFFBQVEsSUFBSTtBQUFBLElBQ2hCLFNBQVMsQ0FBQyxZQUFZLElBQUksTUFBTTtBQUFBLElBQ2hDLFlBQVksQ0FBQyxHQUFHLFNBQVMsV0FBVyxPQUFPLENBQUM7QUFBQSxJQUM1QyxHQUFJLFFBQVEsRUFBRSxLQUFLO0FBQUEsSUFDbkIsU0FBUyxDQUFDLEdBQUcsU0FBUyxRQUFRLE9BQU8sQ0FBQyxFQUFFLEtBQUssQ0FBQyxHQUFHLE1BQU0sRUFBRSxPQUFPLGNBQWMsRUFBRSxNQUFNLENBQUM7QUFBQSxJQUN2RixVQUFVLENBQUM7QUFBQSxFQUNiO0FBQ0Y7QUFFQSxTQUFTLE9BQU8sU0FBaUIsUUFBZ0IsTUFBYyxLQUEwQjtBQUN2RixRQUFNLE9BQU8sQ0FBQyxTQUNaLEtBQ0csWUFBWSxFQUNaLFFBQVEsb0JBQW9CLEdBQUcsRUFDL0IsUUFBUSxVQUFVLEVBQUU7QUFDekIsUUFBTSxRQUFRLFFBQVEsTUFBTSxLQUFLLEVBQUU7QUFDbkMsUUFBTSxPQUFPLFlBQVksTUFBTSxTQUFTLElBQUksS0FBSyxPQUFPLElBQUksS0FBSyxHQUFHLE1BQU0sSUFBSSxJQUFJLEVBQUU7QUFDcEYsTUFBSSxLQUFLO0FBQ1QsV0FBUyxRQUFRLEdBQUcsSUFBSSxJQUFJLEVBQUUsR0FBRyxTQUFTLEVBQUcsTUFBSyxVQUFVLElBQUksS0FBSyxHQUFHLE1BQU0sSUFBSSxJQUFJLEVBQUUsSUFBSSxHQUFHLElBQUksSUFBSSxLQUFLO0FBQzVHLE1BQUksSUFBSSxFQUFFO0FBQ1YsU0FBTztBQUNUO0FBRUEsU0FBUyxVQUFVLFFBQTZDO0FBQzlELFFBQU0sU0FBUyxvQkFBSSxJQUFvQjtBQUN2QyxhQUFXLFNBQVMsUUFBUTtBQUMxQixRQUFJLE1BQU0sT0FBTyxRQUFTO0FBQzFCLGVBQVcsQ0FBQyxPQUFPLEtBQUssTUFBTSxLQUFLLFNBQVMsOEJBQThCO0FBQ3hFLGFBQU8sSUFBSSxVQUFVLE9BQU8sSUFBSSxPQUFPLEtBQUssS0FBSyxDQUFDO0FBQUEsRUFDdEQ7QUFDQSxTQUFPLENBQUMsR0FBRyxNQUFNLEVBQUUsS0FBSyxDQUFDLEdBQUcsTUFBTSxFQUFFLENBQUMsSUFBSSxFQUFFLENBQUMsQ0FBQyxFQUFFLElBQUksQ0FBQyxDQUFDLE1BQU0sTUFBTSxNQUFNO0FBQ3pFOzs7QUNoR0EsZUFBc0IsU0FBUyxFQUFFLEtBQUssR0FBYyxRQUF3QztBQUMxRixRQUFNLEVBQUUsT0FBTyxPQUFPLElBQ3BCLEtBQUssYUFBYSxjQUNiLE1BQU0sT0FBTyx3QkFBZSxHQUFHLGVBQWUsS0FBSyxJQUFJLEtBQ3ZELE1BQU0sT0FBTyxvQkFBVyxHQUFHLFdBQVcsS0FBSyxJQUFJO0FBQ3RELFFBQU0sRUFBRSxZQUFZLFVBQVUsUUFBUSxJQUFJLGFBQWEsTUFBTTtBQUM3RCxRQUFNLE9BQU8sV0FBVyxXQUFXLElBQUksQ0FBQyxFQUFFLElBQUksUUFBUSxNQUFNLHdDQUF3QyxDQUFDLElBQUksQ0FBQztBQUMxRyxTQUFPO0FBQUEsSUFDTCxRQUFRO0FBQUEsSUFDUixTQUFTLEtBQUssYUFBYSxhQUFhLGFBQWE7QUFBQSxJQUNyRCxPQUFPLFNBQVM7QUFBQSxJQUNoQixTQUFTLFFBQVEsTUFBTSxHQUFHLENBQUMsRUFBRSxJQUFJLENBQUMsU0FBUyxFQUFFLEtBQUssV0FBVyxDQUFDLEVBQUUsRUFBRTtBQUFBLElBQ2xFLFlBQVksV0FBVyxJQUFJLE9BQU87QUFBQSxJQUNsQyxhQUFhLG9CQUFJLElBQUk7QUFBQSxJQUNyQixPQUFPLG9CQUFJLElBQUk7QUFBQSxJQUNmLFVBQVUsQ0FBQztBQUFBLElBQ1gsVUFBVSxDQUFDLEdBQUcsTUFBTSxHQUFHLFFBQVE7QUFBQSxFQUNqQztBQUNGOyIsCiAgIm5hbWVzIjogWyJjYWxsIl0KfQo=
