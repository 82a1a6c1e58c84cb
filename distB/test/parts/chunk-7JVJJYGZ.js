import {
  StreamedBytes,
  fake,
  filters
} from "./chunk-VVGKGSPN.js";
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import {
  omitted
} from "./chunk-ELCQYB6S.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem,
  asProblem
} from "./chunk-FSPVDUAZ.js";
import {
  Written,
  plain
} from "./chunk-XGDOGID3.js";

// src/core/expression/lexer.ts
var pattern = /\s*(?:(?<name>[\p{L}_][\p{L}\p{N}_-]*)|(?<number>-?\d+(?:\.\d+)?)|(?<mark>\?\?|[.[\](),|])|(?<quote>["']))/uy;
var escapes = { n: "\n", r: "\r", t: "	", '"': '"', "'": "'", "\\": "\\" };
function tokenize(source) {
  const tokens = [];
  pattern.lastIndex = 0;
  let offset = 0;
  while (source.slice(offset).trim() !== "") {
    pattern.lastIndex = offset;
    const found = pattern.exec(source)?.groups;
    const start = offset + (source.slice(offset).length - source.slice(offset).trimStart().length);
    if (!found) throw syntaxProblem(source, start, `${JSON.stringify(source[start])} has no meaning here`);
    if (found.quote) {
      const read = readText(source, start);
      tokens.push({ kind: "text", text: read.text, offset: start });
      offset = read.end;
      continue;
    }
    const kind = found.name !== void 0 ? "name" : found.number !== void 0 ? "number" : "mark";
    tokens.push({ kind, text: found.name ?? found.number ?? found.mark, offset: start });
    offset = pattern.lastIndex;
  }
  tokens.push({ kind: "end", text: "", offset: source.length });
  return tokens;
}
function readText(source, start) {
  const quote = source[start];
  let text = "";
  for (let at = start + 1; at < source.length; at += 1) {
    const char = source[at];
    if (char === quote) return { text, end: at + 1 };
    if (char !== "\\") {
      text += char;
      continue;
    }
    at += 1;
    const escaped = escapes[source[at] ?? ""];
    if (escaped === void 0) throw syntaxProblem(source, at - 1, `\\${source[at] ?? ""} is no escape`);
    text += escaped;
  }
  throw syntaxProblem(source, start, `the text that begins with ${quote} is not closed`);
}
function syntaxProblem(source, offset, what) {
  return new Problem("expression-syntax", {
    what: `the expression \${${source.trim()}} cannot be read: ${what}`,
    remedy: "write ${name}, ${name | filter(argument)}, or $${ for a plain ${",
    excerpt: `${source}
${" ".repeat(offset)}^`,
    data: { expression: source, offset }
  });
}

// src/core/expression/parser.ts
var constants = /* @__PURE__ */ new Map([
  ["true", true],
  ["false", false],
  ["null", null]
]);
function parseExpression(source) {
  const tokens = tokenize(source);
  let at = 0;
  const peek = () => tokens[at];
  const next = () => tokens[at++];
  const isMark = (text) => peek().kind === "mark" && peek().text === text;
  const accept = (text) => {
    if (!isMark(text)) return false;
    at += 1;
    return true;
  };
  const fail = (expected) => {
    const { kind, text, offset } = peek();
    throw syntaxProblem(source, offset, `expected ${expected}, found ${kind === "end" ? "the end" : text}`);
  };
  const expect = (text) => {
    if (!accept(text)) fail(text);
  };
  function expression() {
    let input = fallback();
    while (accept("|")) {
      const { kind, text, offset } = peek();
      if (kind !== "name") fail("the name of a filter");
      at += 1;
      input = { kind: "filter", input, name: text, args: isMark("(") ? args() : [], offset };
    }
    return input;
  }
  function fallback() {
    const first = primary();
    return accept("??") ? { kind: "fallback", first, otherwise: fallback() } : first;
  }
  function primary() {
    if (accept("(")) {
      const inner = expression();
      expect(")");
      return inner;
    }
    const token = peek();
    if (token.kind === "mark" || token.kind === "end") fail("a name or a value");
    at += 1;
    if (token.kind === "text") return { kind: "literal", value: token.text };
    if (token.kind === "number") return { kind: "literal", value: Number(token.text) };
    const constant = constants.get(token.text);
    if (constant !== void 0) return { kind: "literal", value: constant };
    if (isMark("(")) return { kind: "call", name: token.text, args: args(), offset: token.offset };
    return { kind: "path", name: token.text, steps: steps(), offset: token.offset };
  }
  function steps() {
    const found = [];
    for (; ; ) {
      if (accept(".")) {
        if (peek().kind !== "name" && peek().kind !== "number") fail("a key behind the dot");
        found.push({ key: next().text });
      } else if (accept("[")) {
        found.push(bracket());
        expect("]");
      } else return found;
    }
  }
  function bracket() {
    const token = peek();
    if (token.kind === "number") {
      at += 1;
      return { key: Number(token.text) };
    }
    if (token.kind === "text") {
      at += 1;
      return { key: token.text };
    }
    return { computed: fallback() };
  }
  function args() {
    expect("(");
    const found = [];
    if (accept(")")) return found;
    do
      found.push(fallback());
    while (accept(","));
    expect(")");
    return found;
  }
  const tree = expression();
  if (peek().kind !== "end") fail("| or the end");
  return tree;
}

// src/core/expression/sources/file.ts
var file = {
  name: "file",
  bare: false,
  about: "the bytes of a file inside the collection",
  example: '${file("data/note.txt") | text}',
  value([path], { world }) {
    if (typeof path !== "string")
      throw new Problem("expression-value", { what: "file takes a path", remedy: file.example });
    return world.file(path);
  }
};

// src/core/expression/sources/nonce.ts
var nonce = {
  name: "nonce",
  bare: true,
  about: "32 random hexadecimal digits, anew for each try of a request",
  example: "${nonce}",
  value: (_args, { world }) => world.nonce
};

// src/core/expression/sources/now.ts
var lastTime = Number.NaN;
var lastText = "";
function textOf2(date) {
  const time = date.getTime();
  if (time !== lastTime) {
    lastTime = time;
    lastText = date.toISOString();
  }
  return lastText;
}
var now = {
  name: "now",
  bare: true,
  about: "the moment of sending, the same throughout one request",
  example: "${now | http-date}",
  value: (_args, { world }) => textOf2(world.now)
};

// src/core/expression/sources/omit.ts
var omit = {
  name: "omit",
  bare: true,
  about: "makes the key, item or parameter that holds it vanish",
  example: "${cargo ?? omit}",
  value: () => omitted
};

// src/core/expression/sources/random.ts
var random = {
  name: "random",
  bare: false,
  about: "a random whole number, both ends included; `--seed` makes it repeat",
  example: "${random(1, 6)}",
  value(args, { world }) {
    const [from, to] = args.map(plain);
    if (typeof from !== "number" || typeof to !== "number" || !(from <= to) || args.length !== 2) {
      throw new Problem("expression-value", {
        what: "random takes two whole numbers, the smaller first",
        remedy: random.example
      });
    }
    return Math.floor(from + world.random() * (to - from + 1));
  }
};

// src/core/expression/sources/render.ts
var render = {
  name: "render",
  bare: false,
  about: "a template file with the values of this request put in, as text",
  example: '${render("bodies/mole.xml")}',
  // Which filters the template uses is known only when it is read.
  load: () => Promise.all([fake.load?.(), ...[...filters.values()].map((filter) => filter.load?.())]),
  value([path], evaluation) {
    if (typeof path !== "string")
      throw new Problem("expression-value", { what: "render takes the path of a template", remedy: render.example });
    return evaluation.world.render(path, evaluation);
  }
};

// src/core/expression/sources/uuid.ts
var uuid = {
  name: "uuid",
  bare: true,
  about: "a random UUID, the same throughout one request",
  example: "${uuid}",
  value: (_args, { world }) => world.uuid
};

// src/core/expression/sources/registry.ts
var sources = new Map(
  [now, nonce, uuid, random, fake, file, render, omit].map((source) => [source.name, source])
);

// src/core/expression/compile.ts
function compileExpression(source, loads) {
  const compile = (node) => {
    switch (node.kind) {
      case "literal": {
        const { value } = node;
        return () => value;
      }
      case "path":
        return node.name === "secret" ? secretProgram(node.steps) : pathProgram(node.name, node.steps);
      case "fallback": {
        const { first: wanted } = node;
        const first = wanted.kind === "path" && wanted.name === "secret" ? secretProgram(wanted.steps, true) : compile(wanted);
        const otherwise = compile(node.otherwise);
        return (e) => {
          const value = first(e);
          return value === void 0 || value !== omitted && plain(value) === null ? otherwise(e) : value;
        };
      }
      case "call":
        return callProgram(node.name, node.args, node.offset);
      case "filter":
        return filterProgram(node);
    }
  };
  function pathProgram(name, steps) {
    const bare = sources.get(name);
    if (bare?.bare && steps.length === 0) {
      if (bare.load) loads.push(bare.load());
      return (e) => named(name, e) ?? bare.value([], e);
    }
    if (steps.length === 0) return (e) => named(name, e);
    const keys = steps.map(keyProgram);
    return (e) => {
      let value = named(name, e);
      for (const key of keys) value = member(value, key(e));
      return value;
    };
  }
  function keyProgram(step) {
    if ("key" in step) return () => step.key;
    const program2 = compile(step.computed);
    return (e) => keyFrom(required(program2(e), step.computed, e));
  }
  function secretProgram(steps, optional = false) {
    const [first, second, ...rest] = steps;
    if (!first || rest.length > 0)
      throw syntaxProblem(source, 0, "a secret is written secret.NAME or secret.NAME[key]");
    const name = keyProgram(first);
    const key = second ? keyProgram(second) : void 0;
    return (e) => {
      const wanted = String(name(e));
      const part = key ? String(key(e)) : void 0;
      const value = e.world.secret(wanted, part);
      if (value === void 0) {
        if (optional) return void 0;
        throw missingSecret(wanted, part);
      }
      e.touchedSecret = true;
      e.onSecret(value);
      return value;
    };
  }
  function callProgram(name, args, offset) {
    const kind = sources.get(name);
    if (!kind || kind.bare) throw syntaxProblem(source, offset, unknownText("source", name, callable()));
    if (kind.load) loads.push(kind.load());
    const programs = args.map((arg) => argument(arg));
    return (e) => kind.value(
      programs.map((program2) => program2(e)),
      e
    );
  }
  function filterProgram(node) {
    const kind = filters.get(node.name);
    if (!kind) throw syntaxProblem(source, node.offset, unknownText("filter", node.name, filters.keys()));
    if (kind.load) loads.push(kind.load());
    const [least, most] = kind.arguments;
    if (node.args.length < least || node.args.length > most) {
      throw syntaxProblem(source, node.offset, `${kind.name} is written ${kind.example}`);
    }
    const input = compile(node.input);
    const args = node.args.map((arg) => argument(arg));
    const fixed = node.args.every((arg) => arg.kind === "literal") ? node.args.map((arg) => arg.value) : void 0;
    return (e) => {
      const given = required(input(e), node.input, e);
      if (given === omitted) return omitted;
      if (given instanceof StreamedBytes && !kind.streams) throw streamedHere(kind.name);
      const value = kind.apply(given, fixed ?? args.map((arg) => arg(e)), e);
      if (e.touchedSecret) e.onSecret(value);
      return value;
    };
  }
  function argument(node) {
    const program2 = compile(node);
    return (e) => {
      const value = required(program2(e), node, e);
      if (value === omitted) throw new Problem("expression-value", { what: "omit cannot be an argument" });
      if (value instanceof StreamedBytes) throw streamedHere("an argument");
      return value;
    };
  }
  const tree = parseExpression(source);
  const program = compile(tree);
  return (e) => {
    const value = program(e);
    return value === void 0 ? required(value, tree, e) : value;
  };
}
var streamedHere = (user) => new Problem("expression-value", {
  what: `${user} would need the whole body in memory, and it is streamed from files`,
  remedy: "a digest of it can be used: ${sent.body | sha-256 | hex}"
});
function named(name, e) {
  const found = e.names.lookup(name);
  if (!found) return void 0;
  if (found.secret) {
    e.touchedSecret = true;
    e.onSecret(found.value);
  }
  e.onName?.(name, found);
  return found.value;
}
function member(value, key) {
  if (value === void 0 || value === omitted || typeof value !== "object" || value === null) return void 0;
  if (value instanceof Written || value instanceof Uint8Array) return void 0;
  if (Array.isArray(value)) {
    const index = Number(key);
    return Number.isInteger(index) ? value.at(index) : void 0;
  }
  return Object.hasOwn(value, key) ? value[key] : void 0;
}
function keyFrom(value) {
  if (typeof value === "string" || typeof value === "number") return value;
  if (value instanceof Written) return value.text;
  throw new Problem("expression-value", { what: "a key in [ ] must be a text or a number" });
}
function required(value, node, e) {
  if (value !== void 0) return value;
  throw missingName(node, e);
}
function missingName(node, e) {
  if (node.kind === "fallback") return missingName(node.otherwise, e);
  if (node.kind !== "path") return new Problem("expression-value", { what: "the expression has no value" });
  const found = e.names.lookup(node.name);
  const layers = [...new Set(e.names.layers)].join(", ") || "nothing";
  if (!found) {
    return new Problem("unknown-name", {
      what: `the name ${node.name} is not known here`,
      cause: `searched: ${layers}`,
      remedy: nearestHint(node.name, new Set(e.names.known())),
      data: { name: node.name, searched: e.names.layers }
    });
  }
  let value = found.value;
  let way = node.name;
  for (const step of node.steps) {
    if (!("key" in step)) break;
    const inner = member(value, step.key);
    if (inner === void 0) {
      const holds = typeof value === "object" && value !== null ? Object.keys(plain(value)) : [];
      return new Problem("unknown-name", {
        what: `${way} (${found.origin}) has no member ${step.key}`,
        remedy: nearestHint(String(step.key), holds) ?? "write ?? and another value for the case that it is missing",
        data: { name: node.name, member: step.key }
      });
    }
    way += typeof step.key === "number" ? `[${step.key}]` : `.${step.key}`;
    value = inner;
  }
  return new Problem("unknown-name", { what: `${way} has no such member`, data: { name: node.name } });
}
function missingSecret(name, key) {
  const full = key === void 0 ? name : `${name}[${key}]`;
  return new Problem("secret-missing", {
    what: `the secret ${full} is not set`,
    remedy: `echo-trail secret set ${key === void 0 ? name : `'${full}'`}, or set ${secretVariable(name, key)} in the process environment`,
    data: { name: full }
  });
}
function secretVariable(name, key) {
  const words = (key === void 0 ? name : `${name}_${key}`).replace(/([a-z0-9])([A-Z])/g, "$1_$2");
  return `ECHO_TRAIL_SECRET_${words.replace(/[^A-Za-z0-9]+/g, "_").toUpperCase()}`;
}
function unknownText(kind, name, known) {
  return `there is no ${kind} ${name}; ${nearestHint(name, known)}`;
}
function callable() {
  return [...sources.values()].filter((source) => !source.bare).map((source) => source.name);
}

// src/core/expression/template.ts
function compileTemplate(source, where, loads, inserting) {
  if (typeof source !== "string") return { text: textOf(source), constant: source, evaluate: () => source };
  if (!source.includes("${")) return { text: source, constant: source, evaluate: () => source };
  const placed = (work) => {
    try {
      return work();
    } catch (error) {
      throw asProblem(error).at(where);
    }
  };
  const parts = placed(
    () => split(source).map(
      (part) => "text" in part ? part.text : Object.assign(programOf(part.expression, loads), { expression: part.expression })
    )
  );
  const [only] = parts;
  if (parts.length === 1 && typeof only === "string") return { text: source, constant: only, evaluate: () => only };
  const run = parts.length === 1 && typeof only === "function" && !inserting ? (e) => only(e) : (e) => joined(parts, e, inserting);
  return {
    text: source,
    constant: void 0,
    // Written out: a closure for each time costs as much as the expression.
    evaluate(e) {
      try {
        return run(e);
      } catch (error) {
        throw asProblem(error).at(where);
      }
    }
  };
}
function expressionsIn(source) {
  return split(source).flatMap((part) => "expression" in part ? [part.expression] : []);
}
function programOf(expression, loads) {
  return compileExpression(expression, loads);
}
function joined(parts, e, inserting) {
  if (e.pieces) return joinedInPieces(parts, e, inserting);
  let text = "";
  for (const part of parts) {
    if (typeof part === "string") text += part;
    else {
      const piece = inserted(part(e), text, part.expression, inserting);
      if (piece === omitted) return omitted;
      text += piece;
    }
  }
  return text;
}
function joinedInPieces(parts, e, inserting) {
  let text = "";
  const pieces = [];
  for (const part of parts) {
    const [piece, secret] = typeof part === "string" ? [part, false] : e.traced(() => inserted(part(e), text, part.expression, inserting));
    if (piece === omitted) return omitted;
    text += piece;
    pieces.push({ text: piece, secret });
  }
  e.pieces = pieces;
  return text;
}
function inserted(value, before, expression, inserting) {
  if (value === omitted) return inserting?.omitted ?? omitted;
  if (plain(value) === null) {
    throw new Problem("expression-value", {
      what: "a value inside a text is null",
      remedy: 'give another value for that case: ${name ?? "\u2026"}, or ${name ?? omit} to leave the whole out'
    });
  }
  if (value instanceof Uint8Array) {
    throw new Problem("expression-value", {
      what: "a value inside a text is bytes",
      remedy: "write them as text with | hex, | base64 or | text"
    });
  }
  return inserting ? inserting.asText(textOf(value), before, expression) : textOf(value);
}
function split(source) {
  const parts = [];
  let text = "";
  let at = 0;
  while (at < source.length) {
    if (source.startsWith("$${", at)) {
      text += "${";
      at += 3;
    } else if (source.startsWith("${", at)) {
      const end = closing(source, at + 2);
      if (text !== "") parts.push({ text });
      text = "";
      parts.push({ expression: source.slice(at + 2, end) });
      at = end + 1;
    } else {
      text += source[at];
      at += 1;
    }
  }
  if (text !== "" || parts.length === 0) parts.push({ text });
  return parts;
}
function closing(source, start) {
  let quote = "";
  for (let at = start; at < source.length; at += 1) {
    const char = source[at];
    if (quote) {
      if (char === "\\") at += 1;
      else if (char === quote) quote = "";
    } else if (char === '"' || char === "'") quote = char;
    else if (char === "}") return at;
  }
  throw syntaxProblem(source.slice(start), source.length - start, "the closing } is missing");
}

export {
  parseExpression,
  sources,
  secretVariable,
  compileTemplate,
  expressionsIn
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZXhwcmVzc2lvbi9sZXhlci50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL3BhcnNlci50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL3NvdXJjZXMvZmlsZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL3NvdXJjZXMvbm9uY2UudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhwcmVzc2lvbi9zb3VyY2VzL25vdy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL3NvdXJjZXMvb21pdC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL3NvdXJjZXMvcmFuZG9tLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4cHJlc3Npb24vc291cmNlcy9yZW5kZXIudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhwcmVzc2lvbi9zb3VyY2VzL3V1aWQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhwcmVzc2lvbi9zb3VyY2VzL3JlZ2lzdHJ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4cHJlc3Npb24vY29tcGlsZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL3RlbXBsYXRlLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKipcbiAqIEZyb20gdGhlIHRleHQgb2YgYW4gZXhwcmVzc2lvbiB0byB0b2tlbnMuXG4gKlxuICogICAgIG5hbWUgICAgPSBsZXR0ZXIgKiggbGV0dGVyIC8gZGlnaXQgLyBcIl9cIiAvIFwiLVwiICkgICAgICA7IGEgaHlwaGVuIGlzIHBhcnQgb2YgYSBuYW1lOiB0aGVyZSBpcyBubyBhcml0aG1ldGljXG4gKiAgICAgdGV4dCAgICA9IERRVU9URSAqY2hhciBEUVVPVEUgLyBcIidcIiAqY2hhciBcIidcIiAgICAgICAgIDsgXFxcIiBcXCcgXFxcXCBcXG4gXFxyIFxcdFxuICogICAgIG51bWJlciAgPSBbIFwiLVwiIF0gZGlnaXRzIFsgXCIuXCIgZGlnaXRzIF1cbiAqICAgICBtYXJrICAgID0gXCIuXCIgLyBcIltcIiAvIFwiXVwiIC8gXCIoXCIgLyBcIilcIiAvIFwiLFwiIC8gXCJ8XCIgLyBcIj8/XCJcbiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5cbmV4cG9ydCB0eXBlIFRva2VuS2luZCA9ICduYW1lJyB8ICd0ZXh0JyB8ICdudW1iZXInIHwgJ21hcmsnIHwgJ2VuZCc7XG5leHBvcnQgaW50ZXJmYWNlIFRva2VuIHtcbiAgcmVhZG9ubHkga2luZDogVG9rZW5LaW5kO1xuICByZWFkb25seSB0ZXh0OiBzdHJpbmc7XG4gIHJlYWRvbmx5IG9mZnNldDogbnVtYmVyO1xufVxuXG5jb25zdCBwYXR0ZXJuID1cbiAgL1xccyooPzooPzxuYW1lPltcXHB7TH1fXVtcXHB7TH1cXHB7Tn1fLV0qKXwoPzxudW1iZXI+LT9cXGQrKD86XFwuXFxkKyk/KXwoPzxtYXJrPlxcP1xcP3xbLltcXF0oKSx8XSl8KD88cXVvdGU+W1wiJ10pKS91eTtcbmNvbnN0IGVzY2FwZXM6IFJlY29yZDxzdHJpbmcsIHN0cmluZz4gPSB7IG46ICdcXG4nLCByOiAnXFxyJywgdDogJ1xcdCcsICdcIic6ICdcIicsIFwiJ1wiOiBcIidcIiwgJ1xcXFwnOiAnXFxcXCcgfTtcblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBleHByZXNzaW9uLXN5bnRheCAqL1xuZXhwb3J0IGZ1bmN0aW9uIHRva2VuaXplKHNvdXJjZTogc3RyaW5nKTogVG9rZW5bXSB7XG4gIGNvbnN0IHRva2VuczogVG9rZW5bXSA9IFtdO1xuICBwYXR0ZXJuLmxhc3RJbmRleCA9IDA7XG4gIGxldCBvZmZzZXQgPSAwO1xuICB3aGlsZSAoc291cmNlLnNsaWNlKG9mZnNldCkudHJpbSgpICE9PSAnJykge1xuICAgIHBhdHRlcm4ubGFzdEluZGV4ID0gb2Zmc2V0O1xuICAgIGNvbnN0IGZvdW5kID0gcGF0dGVybi5leGVjKHNvdXJjZSk/Lmdyb3VwcztcbiAgICBjb25zdCBzdGFydCA9IG9mZnNldCArIChzb3VyY2Uuc2xpY2Uob2Zmc2V0KS5sZW5ndGggLSBzb3VyY2Uuc2xpY2Uob2Zmc2V0KS50cmltU3RhcnQoKS5sZW5ndGgpO1xuICAgIGlmICghZm91bmQpIHRocm93IHN5bnRheFByb2JsZW0oc291cmNlLCBzdGFydCwgYCR7SlNPTi5zdHJpbmdpZnkoc291cmNlW3N0YXJ0XSl9IGhhcyBubyBtZWFuaW5nIGhlcmVgKTtcbiAgICBpZiAoZm91bmQucXVvdGUpIHtcbiAgICAgIGNvbnN0IHJlYWQgPSByZWFkVGV4dChzb3VyY2UsIHN0YXJ0KTtcbiAgICAgIHRva2Vucy5wdXNoKHsga2luZDogJ3RleHQnLCB0ZXh0OiByZWFkLnRleHQsIG9mZnNldDogc3RhcnQgfSk7XG4gICAgICBvZmZzZXQgPSByZWFkLmVuZDtcbiAgICAgIGNvbnRpbnVlO1xuICAgIH1cbiAgICBjb25zdCBraW5kID0gZm91bmQubmFtZSAhPT0gdW5kZWZpbmVkID8gJ25hbWUnIDogZm91bmQubnVtYmVyICE9PSB1bmRlZmluZWQgPyAnbnVtYmVyJyA6ICdtYXJrJztcbiAgICB0b2tlbnMucHVzaCh7IGtpbmQsIHRleHQ6IChmb3VuZC5uYW1lID8/IGZvdW5kLm51bWJlciA/PyBmb3VuZC5tYXJrKSBhcyBzdHJpbmcsIG9mZnNldDogc3RhcnQgfSk7XG4gICAgb2Zmc2V0ID0gcGF0dGVybi5sYXN0SW5kZXg7XG4gIH1cbiAgdG9rZW5zLnB1c2goeyBraW5kOiAnZW5kJywgdGV4dDogJycsIG9mZnNldDogc291cmNlLmxlbmd0aCB9KTtcbiAgcmV0dXJuIHRva2Vucztcbn1cblxuLyoqIFF1b3RlZCB0ZXh0IGZyb20gaXRzIG9wZW5pbmcgcXVvdGU7IGBlbmRgIGlzIGJlaGluZCB0aGUgY2xvc2luZyBvbmUuICovXG5mdW5jdGlvbiByZWFkVGV4dChzb3VyY2U6IHN0cmluZywgc3RhcnQ6IG51bWJlcik6IHsgdGV4dDogc3RyaW5nOyBlbmQ6IG51bWJlciB9IHtcbiAgY29uc3QgcXVvdGUgPSBzb3VyY2Vbc3RhcnRdO1xuICBsZXQgdGV4dCA9ICcnO1xuICBmb3IgKGxldCBhdCA9IHN0YXJ0ICsgMTsgYXQgPCBzb3VyY2UubGVuZ3RoOyBhdCArPSAxKSB7XG4gICAgY29uc3QgY2hhciA9IHNvdXJjZVthdF0gYXMgc3RyaW5nO1xuICAgIGlmIChjaGFyID09PSBxdW90ZSkgcmV0dXJuIHsgdGV4dCwgZW5kOiBhdCArIDEgfTtcbiAgICBpZiAoY2hhciAhPT0gJ1xcXFwnKSB7XG4gICAgICB0ZXh0ICs9IGNoYXI7XG4gICAgICBjb250aW51ZTtcbiAgICB9XG4gICAgYXQgKz0gMTtcbiAgICBjb25zdCBlc2NhcGVkID0gZXNjYXBlc1tzb3VyY2VbYXRdID8/ICcnXTtcbiAgICBpZiAoZXNjYXBlZCA9PT0gdW5kZWZpbmVkKSB0aHJvdyBzeW50YXhQcm9ibGVtKHNvdXJjZSwgYXQgLSAxLCBgXFxcXCR7c291cmNlW2F0XSA/PyAnJ30gaXMgbm8gZXNjYXBlYCk7XG4gICAgdGV4dCArPSBlc2NhcGVkO1xuICB9XG4gIHRocm93IHN5bnRheFByb2JsZW0oc291cmNlLCBzdGFydCwgYHRoZSB0ZXh0IHRoYXQgYmVnaW5zIHdpdGggJHtxdW90ZX0gaXMgbm90IGNsb3NlZGApO1xufVxuXG5leHBvcnQgZnVuY3Rpb24gc3ludGF4UHJvYmxlbShzb3VyY2U6IHN0cmluZywgb2Zmc2V0OiBudW1iZXIsIHdoYXQ6IHN0cmluZyk6IFByb2JsZW0ge1xuICByZXR1cm4gbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tc3ludGF4Jywge1xuICAgIHdoYXQ6IGB0aGUgZXhwcmVzc2lvbiBcXCR7JHtzb3VyY2UudHJpbSgpfX0gY2Fubm90IGJlIHJlYWQ6ICR7d2hhdH1gLFxuICAgIHJlbWVkeTogJ3dyaXRlICR7bmFtZX0sICR7bmFtZSB8IGZpbHRlcihhcmd1bWVudCl9LCBvciAkJHsgZm9yIGEgcGxhaW4gJHsnLFxuICAgIGV4Y2VycHQ6IGAke3NvdXJjZX1cXG4keycgJy5yZXBlYXQob2Zmc2V0KX1eYCxcbiAgICBkYXRhOiB7IGV4cHJlc3Npb246IHNvdXJjZSwgb2Zmc2V0IH0sXG4gIH0pO1xufVxuIiwgIi8qKlxuICogRnJvbSB0b2tlbnMgdG8gdGhlIHN5bnRheCB0cmVlLlxuICpcbiAqICAgICBleHByZXNzaW9uID0gZmFsbGJhY2sgKiggXCJ8XCIgbmFtZSBbIGFyZ3VtZW50cyBdIClcbiAqICAgICBmYWxsYmFjayAgID0gcHJpbWFyeSAqKCBcIj8/XCIgcHJpbWFyeSApXG4gKiAgICAgcHJpbWFyeSAgICA9IHRleHQgLyBudW1iZXIgLyBcInRydWVcIiAvIFwiZmFsc2VcIiAvIFwibnVsbFwiIC8gXCIoXCIgZXhwcmVzc2lvbiBcIilcIlxuICogICAgICAgICAgICAgICAgLyBuYW1lIGFyZ3VtZW50cyAvIG5hbWUgKiggXCIuXCIgbmFtZSAvIFwiW1wiICggbnVtYmVyIC8gdGV4dCAvIG5hbWUgKSBcIl1cIiApXG4gKiAgICAgYXJndW1lbnRzICA9IFwiKFwiIFsgZmFsbGJhY2sgKiggXCIsXCIgZmFsbGJhY2sgKSBdIFwiKVwiXG4gKi9cbmltcG9ydCB7IHN5bnRheFByb2JsZW0sIHR5cGUgVG9rZW4sIHRva2VuaXplIH0gZnJvbSAnLi9sZXhlci5qcyc7XG5pbXBvcnQgdHlwZSB7IEV4cHJlc3Npb24sIFBhdGhTdGVwIH0gZnJvbSAnLi9zeW50YXguanMnO1xuXG5jb25zdCBjb25zdGFudHMgPSBuZXcgTWFwPHN0cmluZywgYm9vbGVhbiB8IG51bGw+KFtcbiAgWyd0cnVlJywgdHJ1ZV0sXG4gIFsnZmFsc2UnLCBmYWxzZV0sXG4gIFsnbnVsbCcsIG51bGxdLFxuXSk7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZXhwcmVzc2lvbi1zeW50YXggKi9cbmV4cG9ydCBmdW5jdGlvbiBwYXJzZUV4cHJlc3Npb24oc291cmNlOiBzdHJpbmcpOiBFeHByZXNzaW9uIHtcbiAgY29uc3QgdG9rZW5zID0gdG9rZW5pemUoc291cmNlKTtcbiAgbGV0IGF0ID0gMDtcblxuICBjb25zdCBwZWVrID0gKCk6IFRva2VuID0+IHRva2Vuc1thdF0gYXMgVG9rZW47XG4gIGNvbnN0IG5leHQgPSAoKTogVG9rZW4gPT4gdG9rZW5zW2F0KytdIGFzIFRva2VuO1xuICBjb25zdCBpc01hcmsgPSAodGV4dDogc3RyaW5nKTogYm9vbGVhbiA9PiBwZWVrKCkua2luZCA9PT0gJ21hcmsnICYmIHBlZWsoKS50ZXh0ID09PSB0ZXh0O1xuICBjb25zdCBhY2NlcHQgPSAodGV4dDogc3RyaW5nKTogYm9vbGVhbiA9PiB7XG4gICAgaWYgKCFpc01hcmsodGV4dCkpIHJldHVybiBmYWxzZTtcbiAgICBhdCArPSAxO1xuICAgIHJldHVybiB0cnVlO1xuICB9O1xuICBjb25zdCBmYWlsID0gKGV4cGVjdGVkOiBzdHJpbmcpOiBuZXZlciA9PiB7XG4gICAgY29uc3QgeyBraW5kLCB0ZXh0LCBvZmZzZXQgfSA9IHBlZWsoKTtcbiAgICB0aHJvdyBzeW50YXhQcm9ibGVtKHNvdXJjZSwgb2Zmc2V0LCBgZXhwZWN0ZWQgJHtleHBlY3RlZH0sIGZvdW5kICR7a2luZCA9PT0gJ2VuZCcgPyAndGhlIGVuZCcgOiB0ZXh0fWApO1xuICB9O1xuICBjb25zdCBleHBlY3QgPSAodGV4dDogc3RyaW5nKTogdm9pZCA9PiB7XG4gICAgaWYgKCFhY2NlcHQodGV4dCkpIGZhaWwodGV4dCk7XG4gIH07XG5cbiAgZnVuY3Rpb24gZXhwcmVzc2lvbigpOiBFeHByZXNzaW9uIHtcbiAgICBsZXQgaW5wdXQgPSBmYWxsYmFjaygpO1xuICAgIHdoaWxlIChhY2NlcHQoJ3wnKSkge1xuICAgICAgY29uc3QgeyBraW5kLCB0ZXh0LCBvZmZzZXQgfSA9IHBlZWsoKTtcbiAgICAgIGlmIChraW5kICE9PSAnbmFtZScpIGZhaWwoJ3RoZSBuYW1lIG9mIGEgZmlsdGVyJyk7XG4gICAgICBhdCArPSAxO1xuICAgICAgaW5wdXQgPSB7IGtpbmQ6ICdmaWx0ZXInLCBpbnB1dCwgbmFtZTogdGV4dCwgYXJnczogaXNNYXJrKCcoJykgPyBhcmdzKCkgOiBbXSwgb2Zmc2V0IH07XG4gICAgfVxuICAgIHJldHVybiBpbnB1dDtcbiAgfVxuXG4gIGZ1bmN0aW9uIGZhbGxiYWNrKCk6IEV4cHJlc3Npb24ge1xuICAgIGNvbnN0IGZpcnN0ID0gcHJpbWFyeSgpO1xuICAgIHJldHVybiBhY2NlcHQoJz8/JykgPyB7IGtpbmQ6ICdmYWxsYmFjaycsIGZpcnN0LCBvdGhlcndpc2U6IGZhbGxiYWNrKCkgfSA6IGZpcnN0O1xuICB9XG5cbiAgZnVuY3Rpb24gcHJpbWFyeSgpOiBFeHByZXNzaW9uIHtcbiAgICBpZiAoYWNjZXB0KCcoJykpIHtcbiAgICAgIGNvbnN0IGlubmVyID0gZXhwcmVzc2lvbigpO1xuICAgICAgZXhwZWN0KCcpJyk7XG4gICAgICByZXR1cm4gaW5uZXI7XG4gICAgfVxuICAgIGNvbnN0IHRva2VuID0gcGVlaygpO1xuICAgIGlmICh0b2tlbi5raW5kID09PSAnbWFyaycgfHwgdG9rZW4ua2luZCA9PT0gJ2VuZCcpIGZhaWwoJ2EgbmFtZSBvciBhIHZhbHVlJyk7XG4gICAgYXQgKz0gMTtcbiAgICBpZiAodG9rZW4ua2luZCA9PT0gJ3RleHQnKSByZXR1cm4geyBraW5kOiAnbGl0ZXJhbCcsIHZhbHVlOiB0b2tlbi50ZXh0IH07XG4gICAgaWYgKHRva2VuLmtpbmQgPT09ICdudW1iZXInKSByZXR1cm4geyBraW5kOiAnbGl0ZXJhbCcsIHZhbHVlOiBOdW1iZXIodG9rZW4udGV4dCkgfTtcbiAgICBjb25zdCBjb25zdGFudCA9IGNvbnN0YW50cy5nZXQodG9rZW4udGV4dCk7XG4gICAgaWYgKGNvbnN0YW50ICE9PSB1bmRlZmluZWQpIHJldHVybiB7IGtpbmQ6ICdsaXRlcmFsJywgdmFsdWU6IGNvbnN0YW50IH07XG4gICAgaWYgKGlzTWFyaygnKCcpKSByZXR1cm4geyBraW5kOiAnY2FsbCcsIG5hbWU6IHRva2VuLnRleHQsIGFyZ3M6IGFyZ3MoKSwgb2Zmc2V0OiB0b2tlbi5vZmZzZXQgfTtcbiAgICByZXR1cm4geyBraW5kOiAncGF0aCcsIG5hbWU6IHRva2VuLnRleHQsIHN0ZXBzOiBzdGVwcygpLCBvZmZzZXQ6IHRva2VuLm9mZnNldCB9O1xuICB9XG5cbiAgZnVuY3Rpb24gc3RlcHMoKTogUGF0aFN0ZXBbXSB7XG4gICAgY29uc3QgZm91bmQ6IFBhdGhTdGVwW10gPSBbXTtcbiAgICBmb3IgKDs7KSB7XG4gICAgICBpZiAoYWNjZXB0KCcuJykpIHtcbiAgICAgICAgaWYgKHBlZWsoKS5raW5kICE9PSAnbmFtZScgJiYgcGVlaygpLmtpbmQgIT09ICdudW1iZXInKSBmYWlsKCdhIGtleSBiZWhpbmQgdGhlIGRvdCcpO1xuICAgICAgICBmb3VuZC5wdXNoKHsga2V5OiBuZXh0KCkudGV4dCB9KTtcbiAgICAgIH0gZWxzZSBpZiAoYWNjZXB0KCdbJykpIHtcbiAgICAgICAgZm91bmQucHVzaChicmFja2V0KCkpO1xuICAgICAgICBleHBlY3QoJ10nKTtcbiAgICAgIH0gZWxzZSByZXR1cm4gZm91bmQ7XG4gICAgfVxuICB9XG5cbiAgZnVuY3Rpb24gYnJhY2tldCgpOiBQYXRoU3RlcCB7XG4gICAgY29uc3QgdG9rZW4gPSBwZWVrKCk7XG4gICAgaWYgKHRva2VuLmtpbmQgPT09ICdudW1iZXInKSB7XG4gICAgICBhdCArPSAxO1xuICAgICAgcmV0dXJuIHsga2V5OiBOdW1iZXIodG9rZW4udGV4dCkgfTtcbiAgICB9XG4gICAgaWYgKHRva2VuLmtpbmQgPT09ICd0ZXh0Jykge1xuICAgICAgYXQgKz0gMTtcbiAgICAgIHJldHVybiB7IGtleTogdG9rZW4udGV4dCB9O1xuICAgIH1cbiAgICByZXR1cm4geyBjb21wdXRlZDogZmFsbGJhY2soKSB9O1xuICB9XG5cbiAgZnVuY3Rpb24gYXJncygpOiBFeHByZXNzaW9uW10ge1xuICAgIGV4cGVjdCgnKCcpO1xuICAgIGNvbnN0IGZvdW5kOiBFeHByZXNzaW9uW10gPSBbXTtcbiAgICBpZiAoYWNjZXB0KCcpJykpIHJldHVybiBmb3VuZDtcbiAgICBkbyBmb3VuZC5wdXNoKGZhbGxiYWNrKCkpO1xuICAgIHdoaWxlIChhY2NlcHQoJywnKSk7XG4gICAgZXhwZWN0KCcpJyk7XG4gICAgcmV0dXJuIGZvdW5kO1xuICB9XG5cbiAgY29uc3QgdHJlZSA9IGV4cHJlc3Npb24oKTtcbiAgaWYgKHBlZWsoKS5raW5kICE9PSAnZW5kJykgZmFpbCgnfCBvciB0aGUgZW5kJyk7XG4gIHJldHVybiB0cmVlO1xufVxuIiwgIi8qKiBgZmlsZShcImRhdGEvcGxhbi5wZGZcIilgOiB0aGUgYnl0ZXMgb2YgYSBmaWxlIGluc2lkZSB0aGUgY29sbGVjdGlvbi4gKi9cbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBTb3VyY2UgfSBmcm9tICcuL3NvdXJjZS5qcyc7XG5cbmV4cG9ydCBjb25zdCBmaWxlOiBTb3VyY2UgPSB7XG4gIG5hbWU6ICdmaWxlJyxcbiAgYmFyZTogZmFsc2UsXG4gIGFib3V0OiAndGhlIGJ5dGVzIG9mIGEgZmlsZSBpbnNpZGUgdGhlIGNvbGxlY3Rpb24nLFxuICBleGFtcGxlOiAnJHtmaWxlKFwiZGF0YS9ub3RlLnR4dFwiKSB8IHRleHR9JyxcbiAgdmFsdWUoW3BhdGhdLCB7IHdvcmxkIH0pIHtcbiAgICBpZiAodHlwZW9mIHBhdGggIT09ICdzdHJpbmcnKVxuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7IHdoYXQ6ICdmaWxlIHRha2VzIGEgcGF0aCcsIHJlbWVkeTogZmlsZS5leGFtcGxlIH0pO1xuICAgIHJldHVybiB3b3JsZC5maWxlKHBhdGgpO1xuICB9LFxufTtcbiIsICIvKiogYG5vbmNlYDogYSB0ZXh0IHRoYXQgaXMgdXNlZCBvbmNlLCBhbmV3IGZvciBlYWNoIHRyeSBvZiBhIHJlcXVlc3QuICovXG5pbXBvcnQgdHlwZSB7IFNvdXJjZSB9IGZyb20gJy4vc291cmNlLmpzJztcblxuZXhwb3J0IGNvbnN0IG5vbmNlOiBTb3VyY2UgPSB7XG4gIG5hbWU6ICdub25jZScsXG4gIGJhcmU6IHRydWUsXG4gIGFib3V0OiAnMzIgcmFuZG9tIGhleGFkZWNpbWFsIGRpZ2l0cywgYW5ldyBmb3IgZWFjaCB0cnkgb2YgYSByZXF1ZXN0JyxcbiAgZXhhbXBsZTogJyR7bm9uY2V9JyxcbiAgdmFsdWU6IChfYXJncywgeyB3b3JsZCB9KSA9PiB3b3JsZC5ub25jZSxcbn07XG4iLCAiLyoqIGBub3dgOiB0aGUgbW9tZW50IG9mIHNlbmRpbmcsIHRoZSBzYW1lIHRocm91Z2hvdXQgb25lIHJlcXVlc3QgKFJGQyAzMzM5LCBVVEMpLiAqL1xuaW1wb3J0IHR5cGUgeyBTb3VyY2UgfSBmcm9tICcuL3NvdXJjZS5qcyc7XG5cbmxldCBsYXN0VGltZSA9IE51bWJlci5OYU47XG5sZXQgbGFzdFRleHQgPSAnJztcblxuLyoqIFNldmVyYWwgcmVxdWVzdHMgc2hhcmUgYSBtaWxsaXNlY29uZC4gKi9cbmZ1bmN0aW9uIHRleHRPZihkYXRlOiBEYXRlKTogc3RyaW5nIHtcbiAgY29uc3QgdGltZSA9IGRhdGUuZ2V0VGltZSgpO1xuICBpZiAodGltZSAhPT0gbGFzdFRpbWUpIHtcbiAgICBsYXN0VGltZSA9IHRpbWU7XG4gICAgbGFzdFRleHQgPSBkYXRlLnRvSVNPU3RyaW5nKCk7XG4gIH1cbiAgcmV0dXJuIGxhc3RUZXh0O1xufVxuXG5leHBvcnQgY29uc3Qgbm93OiBTb3VyY2UgPSB7XG4gIG5hbWU6ICdub3cnLFxuICBiYXJlOiB0cnVlLFxuICBhYm91dDogJ3RoZSBtb21lbnQgb2Ygc2VuZGluZywgdGhlIHNhbWUgdGhyb3VnaG91dCBvbmUgcmVxdWVzdCcsXG4gIGV4YW1wbGU6ICcke25vdyB8IGh0dHAtZGF0ZX0nLFxuICB2YWx1ZTogKF9hcmdzLCB7IHdvcmxkIH0pID0+IHRleHRPZih3b3JsZC5ub3cpLFxufTtcbiIsICIvKiogYG9taXRgOiBtYWtlcyB0aGUga2V5LCBpdGVtIG9yIHBhcmFtZXRlciB0aGF0IGhvbGRzIGl0IHZhbmlzaC4gKi9cbmltcG9ydCB7IG9taXR0ZWQgfSBmcm9tICcuLi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB0eXBlIHsgU291cmNlIH0gZnJvbSAnLi9zb3VyY2UuanMnO1xuXG5leHBvcnQgY29uc3Qgb21pdDogU291cmNlID0ge1xuICBuYW1lOiAnb21pdCcsXG4gIGJhcmU6IHRydWUsXG4gIGFib3V0OiAnbWFrZXMgdGhlIGtleSwgaXRlbSBvciBwYXJhbWV0ZXIgdGhhdCBob2xkcyBpdCB2YW5pc2gnLFxuICBleGFtcGxlOiAnJHtjYXJnbyA/PyBvbWl0fScsXG4gIHZhbHVlOiAoKSA9PiBvbWl0dGVkLFxufTtcbiIsICIvKiogYHJhbmRvbShmcm9tLCB0bylgOiBhIHdob2xlIG51bWJlciwgYm90aCBlbmRzIGluY2x1ZGVkLiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwbGFpbiB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBTb3VyY2UgfSBmcm9tICcuL3NvdXJjZS5qcyc7XG5cbmV4cG9ydCBjb25zdCByYW5kb206IFNvdXJjZSA9IHtcbiAgbmFtZTogJ3JhbmRvbScsXG4gIGJhcmU6IGZhbHNlLFxuICBhYm91dDogJ2EgcmFuZG9tIHdob2xlIG51bWJlciwgYm90aCBlbmRzIGluY2x1ZGVkOyBgLS1zZWVkYCBtYWtlcyBpdCByZXBlYXQnLFxuICBleGFtcGxlOiAnJHtyYW5kb20oMSwgNil9JyxcbiAgdmFsdWUoYXJncywgeyB3b3JsZCB9KSB7XG4gICAgY29uc3QgW2Zyb20sIHRvXSA9IGFyZ3MubWFwKHBsYWluKTtcbiAgICBpZiAodHlwZW9mIGZyb20gIT09ICdudW1iZXInIHx8IHR5cGVvZiB0byAhPT0gJ251bWJlcicgfHwgIShmcm9tIDw9IHRvKSB8fCBhcmdzLmxlbmd0aCAhPT0gMikge1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7XG4gICAgICAgIHdoYXQ6ICdyYW5kb20gdGFrZXMgdHdvIHdob2xlIG51bWJlcnMsIHRoZSBzbWFsbGVyIGZpcnN0JyxcbiAgICAgICAgcmVtZWR5OiByYW5kb20uZXhhbXBsZSxcbiAgICAgIH0pO1xuICAgIH1cbiAgICByZXR1cm4gTWF0aC5mbG9vcihmcm9tICsgd29ybGQucmFuZG9tKCkgKiAodG8gLSBmcm9tICsgMSkpO1xuICB9LFxufTtcbiIsICIvKiogYHJlbmRlcihcImJvZGllcy9tb2xlLnhtbFwiKWA6IGEgdGVtcGxhdGUgZmlsZSB3aXRoIHRoZSB2YWx1ZXMgb2YgdGhpcyByZXF1ZXN0IHB1dCBpbiwgYXMgdGV4dC4gKi9cbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgZmlsdGVycyB9IGZyb20gJy4uL2ZpbHRlcnMvcmVnaXN0cnkuanMnO1xuaW1wb3J0IHsgZmFrZSB9IGZyb20gJy4vZmFrZS5qcyc7XG5pbXBvcnQgdHlwZSB7IFNvdXJjZSB9IGZyb20gJy4vc291cmNlLmpzJztcblxuZXhwb3J0IGNvbnN0IHJlbmRlcjogU291cmNlID0ge1xuICBuYW1lOiAncmVuZGVyJyxcbiAgYmFyZTogZmFsc2UsXG4gIGFib3V0OiAnYSB0ZW1wbGF0ZSBmaWxlIHdpdGggdGhlIHZhbHVlcyBvZiB0aGlzIHJlcXVlc3QgcHV0IGluLCBhcyB0ZXh0JyxcbiAgZXhhbXBsZTogJyR7cmVuZGVyKFwiYm9kaWVzL21vbGUueG1sXCIpfScsXG4gIC8vIFdoaWNoIGZpbHRlcnMgdGhlIHRlbXBsYXRlIHVzZXMgaXMga25vd24gb25seSB3aGVuIGl0IGlzIHJlYWQuXG4gIGxvYWQ6ICgpID0+IFByb21pc2UuYWxsKFtmYWtlLmxvYWQ/LigpLCAuLi5bLi4uZmlsdGVycy52YWx1ZXMoKV0ubWFwKChmaWx0ZXIpID0+IGZpbHRlci5sb2FkPy4oKSldKSxcbiAgdmFsdWUoW3BhdGhdLCBldmFsdWF0aW9uKSB7XG4gICAgaWYgKHR5cGVvZiBwYXRoICE9PSAnc3RyaW5nJylcbiAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywgeyB3aGF0OiAncmVuZGVyIHRha2VzIHRoZSBwYXRoIG9mIGEgdGVtcGxhdGUnLCByZW1lZHk6IHJlbmRlci5leGFtcGxlIH0pO1xuICAgIHJldHVybiBldmFsdWF0aW9uLndvcmxkLnJlbmRlcihwYXRoLCBldmFsdWF0aW9uKTtcbiAgfSxcbn07XG4iLCAiLyoqIGB1dWlkYDogYSByYW5kb20gVVVJRCAoUkZDIDk1NjIgdmVyc2lvbiA0KSwgdGhlIHNhbWUgdGhyb3VnaG91dCBvbmUgcmVxdWVzdC4gKi9cbmltcG9ydCB0eXBlIHsgU291cmNlIH0gZnJvbSAnLi9zb3VyY2UuanMnO1xuXG5leHBvcnQgY29uc3QgdXVpZDogU291cmNlID0ge1xuICBuYW1lOiAndXVpZCcsXG4gIGJhcmU6IHRydWUsXG4gIGFib3V0OiAnYSByYW5kb20gVVVJRCwgdGhlIHNhbWUgdGhyb3VnaG91dCBvbmUgcmVxdWVzdCcsXG4gIGV4YW1wbGU6ICcke3V1aWR9JyxcbiAgdmFsdWU6IChfYXJncywgeyB3b3JsZCB9KSA9PiB3b3JsZC51dWlkLFxufTtcbiIsICIvKiogQWxsIHNvdXJjZXMuIEEgbmV3IG9uZSBpcyBvbmUgZmlsZSBhbmQgb25lIGxpbmUgaGVyZS4gKGBzZWNyZXRgIGlzIHBhcnQgb2YgdGhlIG5vdGF0aW9uIGl0c2VsZi4pICovXG5pbXBvcnQgeyBmYWtlIH0gZnJvbSAnLi9mYWtlLmpzJztcbmltcG9ydCB7IGZpbGUgfSBmcm9tICcuL2ZpbGUuanMnO1xuaW1wb3J0IHsgbm9uY2UgfSBmcm9tICcuL25vbmNlLmpzJztcbmltcG9ydCB7IG5vdyB9IGZyb20gJy4vbm93LmpzJztcbmltcG9ydCB7IG9taXQgfSBmcm9tICcuL29taXQuanMnO1xuaW1wb3J0IHsgcmFuZG9tIH0gZnJvbSAnLi9yYW5kb20uanMnO1xuaW1wb3J0IHsgcmVuZGVyIH0gZnJvbSAnLi9yZW5kZXIuanMnO1xuaW1wb3J0IHR5cGUgeyBTb3VyY2UgfSBmcm9tICcuL3NvdXJjZS5qcyc7XG5pbXBvcnQgeyB1dWlkIH0gZnJvbSAnLi91dWlkLmpzJztcblxuZXhwb3J0IGNvbnN0IHNvdXJjZXM6IFJlYWRvbmx5TWFwPHN0cmluZywgU291cmNlPiA9IG5ldyBNYXAoXG4gIFtub3csIG5vbmNlLCB1dWlkLCByYW5kb20sIGZha2UsIGZpbGUsIHJlbmRlciwgb21pdF0ubWFwKChzb3VyY2UpID0+IFtzb3VyY2UubmFtZSwgc291cmNlXSksXG4pO1xuIiwgIi8qKiBGcm9tIHRoZSBzeW50YXggdHJlZSB0byBhIGNsb3N1cmUsIHNvIHRoYXQgYSByZXF1ZXN0IHNlbnQgdGVuIHRob3VzYW5kIHRpbWVzIGlzIHBhcnNlZCBvbmNlLiAqL1xuaW1wb3J0IHsgbmVhcmVzdEhpbnQgfSBmcm9tICcuLi9wcm9ibGVtL25lYXJlc3QuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBTdHJlYW1lZEJ5dGVzIH0gZnJvbSAnLi4vdmFsdWUvc3RyZWFtZWQuanMnO1xuaW1wb3J0IHsgcGxhaW4sIHR5cGUgVmFsdWUsIFdyaXR0ZW4gfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IHR5cGUgRXZhbHVhdGlvbiwgb21pdHRlZCwgdHlwZSBQcm9ncmFtLCB0eXBlIFJlc3VsdCB9IGZyb20gJy4vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBmaWx0ZXJzIH0gZnJvbSAnLi9maWx0ZXJzL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IHN5bnRheFByb2JsZW0gfSBmcm9tICcuL2xleGVyLmpzJztcbmltcG9ydCB7IHBhcnNlRXhwcmVzc2lvbiB9IGZyb20gJy4vcGFyc2VyLmpzJztcbmltcG9ydCB7IHNvdXJjZXMgfSBmcm9tICcuL3NvdXJjZXMvcmVnaXN0cnkuanMnO1xuaW1wb3J0IHR5cGUgeyBFeHByZXNzaW9uLCBQYXRoU3RlcCB9IGZyb20gJy4vc3ludGF4LmpzJztcblxuLyoqIFdoYXQgbXVzdCBiZSBsb2FkZWQgYmVmb3JlIHRoZSBwcm9ncmFtIGNhbiBydW4gKGEgZGF0ZSBsaWJyYXJ5LCBhIGxpc3Qgb2YgbWFkZS11cCBuYW1lcykuICovXG5leHBvcnQgdHlwZSBMb2FkcyA9IFByb21pc2U8dW5rbm93bj5bXTtcblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBleHByZXNzaW9uLXN5bnRheDogdW5yZWFkYWJsZSwgb3IgYW4gdW5rbm93biBmaWx0ZXIgb3Igc291cmNlICovXG5leHBvcnQgZnVuY3Rpb24gY29tcGlsZUV4cHJlc3Npb24oc291cmNlOiBzdHJpbmcsIGxvYWRzOiBMb2Fkcyk6IFByb2dyYW0ge1xuICBjb25zdCBjb21waWxlID0gKG5vZGU6IEV4cHJlc3Npb24pOiBQcm9ncmFtID0+IHtcbiAgICBzd2l0Y2ggKG5vZGUua2luZCkge1xuICAgICAgY2FzZSAnbGl0ZXJhbCc6IHtcbiAgICAgICAgY29uc3QgeyB2YWx1ZSB9ID0gbm9kZTtcbiAgICAgICAgcmV0dXJuICgpID0+IHZhbHVlO1xuICAgICAgfVxuICAgICAgY2FzZSAncGF0aCc6XG4gICAgICAgIHJldHVybiBub2RlLm5hbWUgPT09ICdzZWNyZXQnID8gc2VjcmV0UHJvZ3JhbShub2RlLnN0ZXBzKSA6IHBhdGhQcm9ncmFtKG5vZGUubmFtZSwgbm9kZS5zdGVwcyk7XG4gICAgICBjYXNlICdmYWxsYmFjayc6IHtcbiAgICAgICAgY29uc3QgeyBmaXJzdDogd2FudGVkIH0gPSBub2RlO1xuICAgICAgICAvLyBBIHNlY3JldCB0aGF0IGlzIG5vdCBzZXQgaXMgbWlzc2luZyBsaWtlIGFueSBvdGhlciBuYW1lLCB3aGVyZSBzb21ldGhpbmcgZWxzZSBpcyBzYWlkIGZvciB0aGF0IGNhc2UuXG4gICAgICAgIGNvbnN0IGZpcnN0ID1cbiAgICAgICAgICB3YW50ZWQua2luZCA9PT0gJ3BhdGgnICYmIHdhbnRlZC5uYW1lID09PSAnc2VjcmV0JyA/IHNlY3JldFByb2dyYW0od2FudGVkLnN0ZXBzLCB0cnVlKSA6IGNvbXBpbGUod2FudGVkKTtcbiAgICAgICAgY29uc3Qgb3RoZXJ3aXNlID0gY29tcGlsZShub2RlLm90aGVyd2lzZSk7XG4gICAgICAgIHJldHVybiAoZSkgPT4ge1xuICAgICAgICAgIGNvbnN0IHZhbHVlID0gZmlyc3QoZSk7XG4gICAgICAgICAgcmV0dXJuIHZhbHVlID09PSB1bmRlZmluZWQgfHwgKHZhbHVlICE9PSBvbWl0dGVkICYmIHBsYWluKHZhbHVlKSA9PT0gbnVsbCkgPyBvdGhlcndpc2UoZSkgOiB2YWx1ZTtcbiAgICAgICAgfTtcbiAgICAgIH1cbiAgICAgIGNhc2UgJ2NhbGwnOlxuICAgICAgICByZXR1cm4gY2FsbFByb2dyYW0obm9kZS5uYW1lLCBub2RlLmFyZ3MsIG5vZGUub2Zmc2V0KTtcbiAgICAgIGNhc2UgJ2ZpbHRlcic6XG4gICAgICAgIHJldHVybiBmaWx0ZXJQcm9ncmFtKG5vZGUpO1xuICAgIH1cbiAgfTtcblxuICBmdW5jdGlvbiBwYXRoUHJvZ3JhbShuYW1lOiBzdHJpbmcsIHN0ZXBzOiByZWFkb25seSBQYXRoU3RlcFtdKTogUHJvZ3JhbSB7XG4gICAgY29uc3QgYmFyZSA9IHNvdXJjZXMuZ2V0KG5hbWUpO1xuICAgIGlmIChiYXJlPy5iYXJlICYmIHN0ZXBzLmxlbmd0aCA9PT0gMCkge1xuICAgICAgaWYgKGJhcmUubG9hZCkgbG9hZHMucHVzaChiYXJlLmxvYWQoKSk7XG4gICAgICAvLyBBIG5hbWUgb2YgdGhlIGNvbGxlY3Rpb24gd2lucyBvdmVyIGEgc291cmNlIG9mIHRoZSBzYW1lIG5hbWUuXG4gICAgICByZXR1cm4gKGUpID0+IG5hbWVkKG5hbWUsIGUpID8/IGJhcmUudmFsdWUoW10sIGUpO1xuICAgIH1cbiAgICBpZiAoc3RlcHMubGVuZ3RoID09PSAwKSByZXR1cm4gKGUpID0+IG5hbWVkKG5hbWUsIGUpO1xuICAgIGNvbnN0IGtleXMgPSBzdGVwcy5tYXAoa2V5UHJvZ3JhbSk7XG4gICAgcmV0dXJuIChlKSA9PiB7XG4gICAgICBsZXQgdmFsdWU6IFJlc3VsdCB8IHVuZGVmaW5lZCA9IG5hbWVkKG5hbWUsIGUpO1xuICAgICAgZm9yIChjb25zdCBrZXkgb2Yga2V5cykgdmFsdWUgPSBtZW1iZXIodmFsdWUsIGtleShlKSk7XG4gICAgICByZXR1cm4gdmFsdWU7XG4gICAgfTtcbiAgfVxuXG4gIGZ1bmN0aW9uIGtleVByb2dyYW0oc3RlcDogUGF0aFN0ZXApOiAoZTogRXZhbHVhdGlvbikgPT4gc3RyaW5nIHwgbnVtYmVyIHtcbiAgICBpZiAoJ2tleScgaW4gc3RlcCkgcmV0dXJuICgpID0+IHN0ZXAua2V5O1xuICAgIGNvbnN0IHByb2dyYW0gPSBjb21waWxlKHN0ZXAuY29tcHV0ZWQpO1xuICAgIHJldHVybiAoZSkgPT4ga2V5RnJvbShyZXF1aXJlZChwcm9ncmFtKGUpLCBzdGVwLmNvbXB1dGVkLCBlKSk7XG4gIH1cblxuICBmdW5jdGlvbiBzZWNyZXRQcm9ncmFtKHN0ZXBzOiByZWFkb25seSBQYXRoU3RlcFtdLCBvcHRpb25hbCA9IGZhbHNlKTogUHJvZ3JhbSB7XG4gICAgY29uc3QgW2ZpcnN0LCBzZWNvbmQsIC4uLnJlc3RdID0gc3RlcHM7XG4gICAgaWYgKCFmaXJzdCB8fCByZXN0Lmxlbmd0aCA+IDApXG4gICAgICB0aHJvdyBzeW50YXhQcm9ibGVtKHNvdXJjZSwgMCwgJ2Egc2VjcmV0IGlzIHdyaXR0ZW4gc2VjcmV0Lk5BTUUgb3Igc2VjcmV0Lk5BTUVba2V5XScpO1xuICAgIGNvbnN0IG5hbWUgPSBrZXlQcm9ncmFtKGZpcnN0KTtcbiAgICBjb25zdCBrZXkgPSBzZWNvbmQgPyBrZXlQcm9ncmFtKHNlY29uZCkgOiB1bmRlZmluZWQ7XG4gICAgcmV0dXJuIChlKSA9PiB7XG4gICAgICBjb25zdCB3YW50ZWQgPSBTdHJpbmcobmFtZShlKSk7XG4gICAgICBjb25zdCBwYXJ0ID0ga2V5ID8gU3RyaW5nKGtleShlKSkgOiB1bmRlZmluZWQ7XG4gICAgICBjb25zdCB2YWx1ZSA9IGUud29ybGQuc2VjcmV0KHdhbnRlZCwgcGFydCk7XG4gICAgICBpZiAodmFsdWUgPT09IHVuZGVmaW5lZCkge1xuICAgICAgICBpZiAob3B0aW9uYWwpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgICAgIHRocm93IG1pc3NpbmdTZWNyZXQod2FudGVkLCBwYXJ0KTtcbiAgICAgIH1cbiAgICAgIGUudG91Y2hlZFNlY3JldCA9IHRydWU7XG4gICAgICBlLm9uU2VjcmV0KHZhbHVlKTtcbiAgICAgIHJldHVybiB2YWx1ZTtcbiAgICB9O1xuICB9XG5cbiAgZnVuY3Rpb24gY2FsbFByb2dyYW0obmFtZTogc3RyaW5nLCBhcmdzOiByZWFkb25seSBFeHByZXNzaW9uW10sIG9mZnNldDogbnVtYmVyKTogUHJvZ3JhbSB7XG4gICAgY29uc3Qga2luZCA9IHNvdXJjZXMuZ2V0KG5hbWUpO1xuICAgIGlmICgha2luZCB8fCBraW5kLmJhcmUpIHRocm93IHN5bnRheFByb2JsZW0oc291cmNlLCBvZmZzZXQsIHVua25vd25UZXh0KCdzb3VyY2UnLCBuYW1lLCBjYWxsYWJsZSgpKSk7XG4gICAgaWYgKGtpbmQubG9hZCkgbG9hZHMucHVzaChraW5kLmxvYWQoKSk7XG4gICAgY29uc3QgcHJvZ3JhbXMgPSBhcmdzLm1hcCgoYXJnKSA9PiBhcmd1bWVudChhcmcpKTtcbiAgICByZXR1cm4gKGUpID0+XG4gICAgICBraW5kLnZhbHVlKFxuICAgICAgICBwcm9ncmFtcy5tYXAoKHByb2dyYW0pID0+IHByb2dyYW0oZSkpLFxuICAgICAgICBlLFxuICAgICAgKTtcbiAgfVxuXG4gIGZ1bmN0aW9uIGZpbHRlclByb2dyYW0obm9kZTogRXh0cmFjdDxFeHByZXNzaW9uLCB7IGtpbmQ6ICdmaWx0ZXInIH0+KTogUHJvZ3JhbSB7XG4gICAgY29uc3Qga2luZCA9IGZpbHRlcnMuZ2V0KG5vZGUubmFtZSk7XG4gICAgaWYgKCFraW5kKSB0aHJvdyBzeW50YXhQcm9ibGVtKHNvdXJjZSwgbm9kZS5vZmZzZXQsIHVua25vd25UZXh0KCdmaWx0ZXInLCBub2RlLm5hbWUsIGZpbHRlcnMua2V5cygpKSk7XG4gICAgaWYgKGtpbmQubG9hZCkgbG9hZHMucHVzaChraW5kLmxvYWQoKSk7XG4gICAgY29uc3QgW2xlYXN0LCBtb3N0XSA9IGtpbmQuYXJndW1lbnRzO1xuICAgIGlmIChub2RlLmFyZ3MubGVuZ3RoIDwgbGVhc3QgfHwgbm9kZS5hcmdzLmxlbmd0aCA+IG1vc3QpIHtcbiAgICAgIHRocm93IHN5bnRheFByb2JsZW0oc291cmNlLCBub2RlLm9mZnNldCwgYCR7a2luZC5uYW1lfSBpcyB3cml0dGVuICR7a2luZC5leGFtcGxlfWApO1xuICAgIH1cbiAgICBjb25zdCBpbnB1dCA9IGNvbXBpbGUobm9kZS5pbnB1dCk7XG4gICAgY29uc3QgYXJncyA9IG5vZGUuYXJncy5tYXAoKGFyZykgPT4gYXJndW1lbnQoYXJnKSk7XG4gICAgLy8gTW9zdCBhcmd1bWVudHMgYXJlIHdyaXR0ZW4gb3V0OiB0aGUgc2FtZSBmb3IgZXZlcnkgdGltZS5cbiAgICBjb25zdCBmaXhlZCA9IG5vZGUuYXJncy5ldmVyeSgoYXJnKSA9PiBhcmcua2luZCA9PT0gJ2xpdGVyYWwnKVxuICAgICAgPyBub2RlLmFyZ3MubWFwKChhcmcpID0+IChhcmcgYXMgRXh0cmFjdDxFeHByZXNzaW9uLCB7IGtpbmQ6ICdsaXRlcmFsJyB9PikudmFsdWUpXG4gICAgICA6IHVuZGVmaW5lZDtcbiAgICByZXR1cm4gKGUpID0+IHtcbiAgICAgIGNvbnN0IGdpdmVuID0gcmVxdWlyZWQoaW5wdXQoZSksIG5vZGUuaW5wdXQsIGUpO1xuICAgICAgaWYgKGdpdmVuID09PSBvbWl0dGVkKSByZXR1cm4gb21pdHRlZDtcbiAgICAgIGlmIChnaXZlbiBpbnN0YW5jZW9mIFN0cmVhbWVkQnl0ZXMgJiYgIWtpbmQuc3RyZWFtcykgdGhyb3cgc3RyZWFtZWRIZXJlKGtpbmQubmFtZSk7XG4gICAgICBjb25zdCB2YWx1ZSA9IGtpbmQuYXBwbHkoZ2l2ZW4sIGZpeGVkID8/IGFyZ3MubWFwKChhcmcpID0+IGFyZyhlKSksIGUpO1xuICAgICAgaWYgKGUudG91Y2hlZFNlY3JldCkgZS5vblNlY3JldCh2YWx1ZSk7XG4gICAgICByZXR1cm4gdmFsdWU7XG4gICAgfTtcbiAgfVxuXG4gIGZ1bmN0aW9uIGFyZ3VtZW50KG5vZGU6IEV4cHJlc3Npb24pOiAoZTogRXZhbHVhdGlvbikgPT4gVmFsdWUge1xuICAgIGNvbnN0IHByb2dyYW0gPSBjb21waWxlKG5vZGUpO1xuICAgIHJldHVybiAoZSkgPT4ge1xuICAgICAgY29uc3QgdmFsdWUgPSByZXF1aXJlZChwcm9ncmFtKGUpLCBub2RlLCBlKTtcbiAgICAgIGlmICh2YWx1ZSA9PT0gb21pdHRlZCkgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7IHdoYXQ6ICdvbWl0IGNhbm5vdCBiZSBhbiBhcmd1bWVudCcgfSk7XG4gICAgICBpZiAodmFsdWUgaW5zdGFuY2VvZiBTdHJlYW1lZEJ5dGVzKSB0aHJvdyBzdHJlYW1lZEhlcmUoJ2FuIGFyZ3VtZW50Jyk7XG4gICAgICByZXR1cm4gdmFsdWU7XG4gICAgfTtcbiAgfVxuXG4gIGNvbnN0IHRyZWUgPSBwYXJzZUV4cHJlc3Npb24oc291cmNlKTtcbiAgY29uc3QgcHJvZ3JhbSA9IGNvbXBpbGUodHJlZSk7XG4gIHJldHVybiAoZSkgPT4ge1xuICAgIGNvbnN0IHZhbHVlID0gcHJvZ3JhbShlKTtcbiAgICByZXR1cm4gdmFsdWUgPT09IHVuZGVmaW5lZCA/IHJlcXVpcmVkKHZhbHVlLCB0cmVlLCBlKSA6IHZhbHVlO1xuICB9O1xufVxuXG5jb25zdCBzdHJlYW1lZEhlcmUgPSAodXNlcjogc3RyaW5nKTogUHJvYmxlbSA9PlxuICBuZXcgUHJvYmxlbSgnZXhwcmVzc2lvbi12YWx1ZScsIHtcbiAgICB3aGF0OiBgJHt1c2VyfSB3b3VsZCBuZWVkIHRoZSB3aG9sZSBib2R5IGluIG1lbW9yeSwgYW5kIGl0IGlzIHN0cmVhbWVkIGZyb20gZmlsZXNgLFxuICAgIHJlbWVkeTogJ2EgZGlnZXN0IG9mIGl0IGNhbiBiZSB1c2VkOiAke3NlbnQuYm9keSB8IHNoYS0yNTYgfCBoZXh9JyxcbiAgfSk7XG5cbmZ1bmN0aW9uIG5hbWVkKG5hbWU6IHN0cmluZywgZTogRXZhbHVhdGlvbik6IFZhbHVlIHwgdW5kZWZpbmVkIHtcbiAgY29uc3QgZm91bmQgPSBlLm5hbWVzLmxvb2t1cChuYW1lKTtcbiAgaWYgKCFmb3VuZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgaWYgKGZvdW5kLnNlY3JldCkge1xuICAgIGUudG91Y2hlZFNlY3JldCA9IHRydWU7XG4gICAgZS5vblNlY3JldChmb3VuZC52YWx1ZSk7XG4gIH1cbiAgZS5vbk5hbWU/LihuYW1lLCBmb3VuZCk7XG4gIHJldHVybiBmb3VuZC52YWx1ZTtcbn1cblxuLyoqIEEgbWVtYmVyIG9mIGEgbWFwIG9yIGxpc3Q7IHVuZGVmaW5lZCB3aGVyZSB0aGVyZSBpcyBub25lLiBOZXZlciB3aGF0IGEgcHJvdG90eXBlIHN1cHBsaWVzLiAqL1xuZnVuY3Rpb24gbWVtYmVyKHZhbHVlOiBSZXN1bHQgfCB1bmRlZmluZWQsIGtleTogc3RyaW5nIHwgbnVtYmVyKTogVmFsdWUgfCB1bmRlZmluZWQge1xuICBpZiAodmFsdWUgPT09IHVuZGVmaW5lZCB8fCB2YWx1ZSA9PT0gb21pdHRlZCB8fCB0eXBlb2YgdmFsdWUgIT09ICdvYmplY3QnIHx8IHZhbHVlID09PSBudWxsKSByZXR1cm4gdW5kZWZpbmVkO1xuICBpZiAodmFsdWUgaW5zdGFuY2VvZiBXcml0dGVuIHx8IHZhbHVlIGluc3RhbmNlb2YgVWludDhBcnJheSkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSB7XG4gICAgY29uc3QgaW5kZXggPSBOdW1iZXIoa2V5KTtcbiAgICByZXR1cm4gTnVtYmVyLmlzSW50ZWdlcihpbmRleCkgPyAodmFsdWUuYXQoaW5kZXgpIGFzIFZhbHVlIHwgdW5kZWZpbmVkKSA6IHVuZGVmaW5lZDtcbiAgfVxuICByZXR1cm4gT2JqZWN0Lmhhc093bih2YWx1ZSwga2V5KSA/ICh2YWx1ZSBhcyBSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4pW2tleV0gOiB1bmRlZmluZWQ7XG59XG5cbmZ1bmN0aW9uIGtleUZyb20odmFsdWU6IFJlc3VsdCk6IHN0cmluZyB8IG51bWJlciB7XG4gIGlmICh0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnIHx8IHR5cGVvZiB2YWx1ZSA9PT0gJ251bWJlcicpIHJldHVybiB2YWx1ZTtcbiAgaWYgKHZhbHVlIGluc3RhbmNlb2YgV3JpdHRlbikgcmV0dXJuIHZhbHVlLnRleHQ7XG4gIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywgeyB3aGF0OiAnYSBrZXkgaW4gWyBdIG11c3QgYmUgYSB0ZXh0IG9yIGEgbnVtYmVyJyB9KTtcbn1cblxuZnVuY3Rpb24gcmVxdWlyZWQodmFsdWU6IFJlc3VsdCB8IHVuZGVmaW5lZCwgbm9kZTogRXhwcmVzc2lvbiwgZTogRXZhbHVhdGlvbik6IFJlc3VsdCB7XG4gIGlmICh2YWx1ZSAhPT0gdW5kZWZpbmVkKSByZXR1cm4gdmFsdWU7XG4gIHRocm93IG1pc3NpbmdOYW1lKG5vZGUsIGUpO1xufVxuXG4vKiogV2h5IGEgdmFsdWUgaXMgbWlzc2luZzogYW4gdW5rbm93biBuYW1lLCBvciBhIGtub3duIG9uZSB3aXRob3V0IHRoYXQgbWVtYmVyLiAqL1xuZnVuY3Rpb24gbWlzc2luZ05hbWUobm9kZTogRXhwcmVzc2lvbiwgZTogRXZhbHVhdGlvbik6IFByb2JsZW0ge1xuICBpZiAobm9kZS5raW5kID09PSAnZmFsbGJhY2snKSByZXR1cm4gbWlzc2luZ05hbWUobm9kZS5vdGhlcndpc2UsIGUpO1xuICBpZiAobm9kZS5raW5kICE9PSAncGF0aCcpIHJldHVybiBuZXcgUHJvYmxlbSgnZXhwcmVzc2lvbi12YWx1ZScsIHsgd2hhdDogJ3RoZSBleHByZXNzaW9uIGhhcyBubyB2YWx1ZScgfSk7XG4gIGNvbnN0IGZvdW5kID0gZS5uYW1lcy5sb29rdXAobm9kZS5uYW1lKTtcbiAgLy8gVGhlIGNhbGxlcidzIG5hbWVzIG1heSBoYXZlIHRoZSBzYW1lIHZhcmlhYmxlcyBiZWhpbmQgdGhlbS5cbiAgY29uc3QgbGF5ZXJzID0gWy4uLm5ldyBTZXQoZS5uYW1lcy5sYXllcnMpXS5qb2luKCcsICcpIHx8ICdub3RoaW5nJztcbiAgaWYgKCFmb3VuZCkge1xuICAgIHJldHVybiBuZXcgUHJvYmxlbSgndW5rbm93bi1uYW1lJywge1xuICAgICAgd2hhdDogYHRoZSBuYW1lICR7bm9kZS5uYW1lfSBpcyBub3Qga25vd24gaGVyZWAsXG4gICAgICBjYXVzZTogYHNlYXJjaGVkOiAke2xheWVyc31gLFxuICAgICAgcmVtZWR5OiBuZWFyZXN0SGludChub2RlLm5hbWUsIG5ldyBTZXQoZS5uYW1lcy5rbm93bigpKSksXG4gICAgICBkYXRhOiB7IG5hbWU6IG5vZGUubmFtZSwgc2VhcmNoZWQ6IGUubmFtZXMubGF5ZXJzIH0sXG4gICAgfSk7XG4gIH1cbiAgbGV0IHZhbHVlOiBSZXN1bHQgfCB1bmRlZmluZWQgPSBmb3VuZC52YWx1ZTtcbiAgbGV0IHdheSA9IG5vZGUubmFtZTtcbiAgZm9yIChjb25zdCBzdGVwIG9mIG5vZGUuc3RlcHMpIHtcbiAgICBpZiAoISgna2V5JyBpbiBzdGVwKSkgYnJlYWs7XG4gICAgY29uc3QgaW5uZXIgPSBtZW1iZXIodmFsdWUsIHN0ZXAua2V5KTtcbiAgICBpZiAoaW5uZXIgPT09IHVuZGVmaW5lZCkge1xuICAgICAgY29uc3QgaG9sZHMgPSB0eXBlb2YgdmFsdWUgPT09ICdvYmplY3QnICYmIHZhbHVlICE9PSBudWxsID8gT2JqZWN0LmtleXMocGxhaW4odmFsdWUpIGFzIG9iamVjdCkgOiBbXTtcbiAgICAgIHJldHVybiBuZXcgUHJvYmxlbSgndW5rbm93bi1uYW1lJywge1xuICAgICAgICB3aGF0OiBgJHt3YXl9ICgke2ZvdW5kLm9yaWdpbn0pIGhhcyBubyBtZW1iZXIgJHtzdGVwLmtleX1gLFxuICAgICAgICByZW1lZHk6IG5lYXJlc3RIaW50KFN0cmluZyhzdGVwLmtleSksIGhvbGRzKSA/PyAnd3JpdGUgPz8gYW5kIGFub3RoZXIgdmFsdWUgZm9yIHRoZSBjYXNlIHRoYXQgaXQgaXMgbWlzc2luZycsXG4gICAgICAgIGRhdGE6IHsgbmFtZTogbm9kZS5uYW1lLCBtZW1iZXI6IHN0ZXAua2V5IH0sXG4gICAgICB9KTtcbiAgICB9XG4gICAgd2F5ICs9IHR5cGVvZiBzdGVwLmtleSA9PT0gJ251bWJlcicgPyBgWyR7c3RlcC5rZXl9XWAgOiBgLiR7c3RlcC5rZXl9YDtcbiAgICB2YWx1ZSA9IGlubmVyO1xuICB9XG4gIHJldHVybiBuZXcgUHJvYmxlbSgndW5rbm93bi1uYW1lJywgeyB3aGF0OiBgJHt3YXl9IGhhcyBubyBzdWNoIG1lbWJlcmAsIGRhdGE6IHsgbmFtZTogbm9kZS5uYW1lIH0gfSk7XG59XG5cbmZ1bmN0aW9uIG1pc3NpbmdTZWNyZXQobmFtZTogc3RyaW5nLCBrZXk6IHN0cmluZyB8IHVuZGVmaW5lZCk6IFByb2JsZW0ge1xuICBjb25zdCBmdWxsID0ga2V5ID09PSB1bmRlZmluZWQgPyBuYW1lIDogYCR7bmFtZX1bJHtrZXl9XWA7XG4gIHJldHVybiBuZXcgUHJvYmxlbSgnc2VjcmV0LW1pc3NpbmcnLCB7XG4gICAgd2hhdDogYHRoZSBzZWNyZXQgJHtmdWxsfSBpcyBub3Qgc2V0YCxcbiAgICByZW1lZHk6IGBlY2hvLXRyYWlsIHNlY3JldCBzZXQgJHtrZXkgPT09IHVuZGVmaW5lZCA/IG5hbWUgOiBgJyR7ZnVsbH0nYH0sIG9yIHNldCAke3NlY3JldFZhcmlhYmxlKG5hbWUsIGtleSl9IGluIHRoZSBwcm9jZXNzIGVudmlyb25tZW50YCxcbiAgICBkYXRhOiB7IG5hbWU6IGZ1bGwgfSxcbiAgfSk7XG59XG5cbi8qKiBUaGUgcHJvY2VzcyBlbnZpcm9ubWVudCdzIG5hbWUgb2YgYSBzZWNyZXQ6IGBFQ0hPX1RSQUlMX1NFQ1JFVF9BUElfVE9LRU5gIGFsc28gc2VydmVzIGBhcGlUb2tlbmAuICovXG5leHBvcnQgZnVuY3Rpb24gc2VjcmV0VmFyaWFibGUobmFtZTogc3RyaW5nLCBrZXk/OiBzdHJpbmcpOiBzdHJpbmcge1xuICBjb25zdCB3b3JkcyA9IChrZXkgPT09IHVuZGVmaW5lZCA/IG5hbWUgOiBgJHtuYW1lfV8ke2tleX1gKS5yZXBsYWNlKC8oW2EtejAtOV0pKFtBLVpdKS9nLCAnJDFfJDInKTtcbiAgcmV0dXJuIGBFQ0hPX1RSQUlMX1NFQ1JFVF8ke3dvcmRzLnJlcGxhY2UoL1teQS1aYS16MC05XSsvZywgJ18nKS50b1VwcGVyQ2FzZSgpfWA7XG59XG5cbmZ1bmN0aW9uIHVua25vd25UZXh0KGtpbmQ6IHN0cmluZywgbmFtZTogc3RyaW5nLCBrbm93bjogSXRlcmFibGU8c3RyaW5nPik6IHN0cmluZyB7XG4gIHJldHVybiBgdGhlcmUgaXMgbm8gJHtraW5kfSAke25hbWV9OyAke25lYXJlc3RIaW50KG5hbWUsIGtub3duKX1gO1xufVxuXG5mdW5jdGlvbiBjYWxsYWJsZSgpOiBzdHJpbmdbXSB7XG4gIHJldHVybiBbLi4uc291cmNlcy52YWx1ZXMoKV0uZmlsdGVyKChzb3VyY2UpID0+ICFzb3VyY2UuYmFyZSkubWFwKChzb3VyY2UpID0+IHNvdXJjZS5uYW1lKTtcbn1cbiIsICIvKipcbiAqIEEgc3RyaW5nIG9mIGEgY29sbGVjdGlvbiBmaWxlIHdpdGggYCR7XHUyMDI2fWAgaW4gaXQuIEEgc3RyaW5nIHRoYXQgaXMgb25lIGV4cHJlc3Npb24ga2VlcHMgdGhlIHZhbHVlJ3NcbiAqIHR5cGU7IGluc2lkZSBsb25nZXIgdGV4dCBhIHZhbHVlIGJlY29tZXMgdGV4dC4gYCQke2Agd3JpdGVzIGEgcGxhaW4gYCR7YC5cbiAqL1xuaW1wb3J0IHsgYXNQcm9ibGVtLCB0eXBlIEZpbGVQb3NpdGlvbiwgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IHBsYWluLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBjb21waWxlRXhwcmVzc2lvbiwgdHlwZSBMb2FkcyB9IGZyb20gJy4vY29tcGlsZS5qcyc7XG5pbXBvcnQgeyB0eXBlIEV2YWx1YXRpb24sIG9taXR0ZWQsIHR5cGUgUHJvZ3JhbSwgdHlwZSBSZXN1bHQgfSBmcm9tICcuL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgc3ludGF4UHJvYmxlbSB9IGZyb20gJy4vbGV4ZXIuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFRlbXBsYXRlIHtcbiAgLyoqIEFzIGl0IHN0YW5kcyBpbiB0aGUgZmlsZS4gKi9cbiAgcmVhZG9ubHkgdGV4dDogc3RyaW5nO1xuICAvKiogVGhlIHZhbHVlIHdoZXJlIG5vIGV4cHJlc3Npb24gaXMgaW4gdGhlIHRleHQsIGVsc2UgdW5kZWZpbmVkLiAqL1xuICByZWFkb25seSBjb25zdGFudDogVmFsdWUgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IGV2YWx1YXRlOiAoZXZhbHVhdGlvbjogRXZhbHVhdGlvbikgPT4gUmVzdWx0O1xufVxuXG4vKiogV2hhdCBiZWNvbWVzIG9mIHZhbHVlcyBpbnNpZGUgYSB0ZXh0LiAqL1xuZXhwb3J0IGludGVyZmFjZSBJbnNlcnRpbmcge1xuICAvKiogQHBhcmFtIGJlZm9yZSB0aGUgdGV4dCBpbiBmcm9udCBvZiB0aGUgdmFsdWUgQHBhcmFtIGV4cHJlc3Npb24gYXMgaXQgaXMgd3JpdHRlbiAqL1xuICBhc1RleHQodGV4dDogc3RyaW5nLCBiZWZvcmU6IHN0cmluZywgZXhwcmVzc2lvbjogc3RyaW5nKTogc3RyaW5nO1xuICAvKiogV2hhdCBzdGFuZHMgZm9yIGEgdmFsdWUgdGhhdCBpcyBvbWl0dGVkOyBlbHNlIHRoZSB3aG9sZSB0ZXh0IGlzLiAqL1xuICByZWFkb25seSBvbWl0dGVkPzogc3RyaW5nO1xufVxuXG4vKipcbiAqIE1ha2VzIGEgc2NhbGFyIG9mIGEgZmlsZSByZWFkeTsgYW55dGhpbmcgYnV0IHRleHQgd2l0aCBgJHtgIGlzIGEgY29uc3RhbnQuXG4gKiBAcGFyYW0gaW5zZXJ0aW5nIHdoYXQgYmVjb21lcyBvZiBlYWNoIHZhbHVlIGluc2lkZSB0aGUgdGV4dCwgc3VjaCBhcyBlc2NhcGluZzsgdGhlbiB0aGUgcmVzdWx0IGlzIGFsd2F5cyB0ZXh0XG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBjb21waWxlVGVtcGxhdGUoXG4gIHNvdXJjZTogVmFsdWUsXG4gIHdoZXJlOiBGaWxlUG9zaXRpb24gfCB1bmRlZmluZWQsXG4gIGxvYWRzOiBMb2FkcyxcbiAgaW5zZXJ0aW5nPzogSW5zZXJ0aW5nLFxuKTogVGVtcGxhdGUge1xuICBpZiAodHlwZW9mIHNvdXJjZSAhPT0gJ3N0cmluZycpIHJldHVybiB7IHRleHQ6IHRleHRPZihzb3VyY2UpLCBjb25zdGFudDogc291cmNlLCBldmFsdWF0ZTogKCkgPT4gc291cmNlIH07XG4gIGlmICghc291cmNlLmluY2x1ZGVzKCckeycpKSByZXR1cm4geyB0ZXh0OiBzb3VyY2UsIGNvbnN0YW50OiBzb3VyY2UsIGV2YWx1YXRlOiAoKSA9PiBzb3VyY2UgfTtcbiAgY29uc3QgcGxhY2VkID0gPFQ+KHdvcms6ICgpID0+IFQpOiBUID0+IHtcbiAgICB0cnkge1xuICAgICAgcmV0dXJuIHdvcmsoKTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh3aGVyZSk7XG4gICAgfVxuICB9O1xuICBjb25zdCBwYXJ0cyA9IHBsYWNlZCgoKSA9PlxuICAgIHNwbGl0KHNvdXJjZSkubWFwKChwYXJ0KSA9PlxuICAgICAgJ3RleHQnIGluIHBhcnQgPyBwYXJ0LnRleHQgOiBPYmplY3QuYXNzaWduKHByb2dyYW1PZihwYXJ0LmV4cHJlc3Npb24sIGxvYWRzKSwgeyBleHByZXNzaW9uOiBwYXJ0LmV4cHJlc3Npb24gfSksXG4gICAgKSxcbiAgKTtcbiAgY29uc3QgW29ubHldID0gcGFydHM7XG4gIGlmIChwYXJ0cy5sZW5ndGggPT09IDEgJiYgdHlwZW9mIG9ubHkgPT09ICdzdHJpbmcnKSByZXR1cm4geyB0ZXh0OiBzb3VyY2UsIGNvbnN0YW50OiBvbmx5LCBldmFsdWF0ZTogKCkgPT4gb25seSB9O1xuICBjb25zdCBydW4gPVxuICAgIHBhcnRzLmxlbmd0aCA9PT0gMSAmJiB0eXBlb2Ygb25seSA9PT0gJ2Z1bmN0aW9uJyAmJiAhaW5zZXJ0aW5nXG4gICAgICA/IChlOiBFdmFsdWF0aW9uKSA9PiBvbmx5KGUpIGFzIFJlc3VsdFxuICAgICAgOiAoZTogRXZhbHVhdGlvbikgPT4gam9pbmVkKHBhcnRzLCBlLCBpbnNlcnRpbmcpO1xuICByZXR1cm4ge1xuICAgIHRleHQ6IHNvdXJjZSxcbiAgICBjb25zdGFudDogdW5kZWZpbmVkLFxuICAgIC8vIFdyaXR0ZW4gb3V0OiBhIGNsb3N1cmUgZm9yIGVhY2ggdGltZSBjb3N0cyBhcyBtdWNoIGFzIHRoZSBleHByZXNzaW9uLlxuICAgIGV2YWx1YXRlKGUpIHtcbiAgICAgIHRyeSB7XG4gICAgICAgIHJldHVybiBydW4oZSk7XG4gICAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgICB0aHJvdyBhc1Byb2JsZW0oZXJyb3IpLmF0KHdoZXJlKTtcbiAgICAgIH1cbiAgICB9LFxuICB9O1xufVxuXG4vKiogVGhlIGV4cHJlc3Npb24gc291cmNlcyBvZiBhIHRleHQsIGZvciBjaGVja3MgdGhhdCBsb29rIGF0IG5hbWVzIHdpdGhvdXQgdmFsdWVzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGV4cHJlc3Npb25zSW4oc291cmNlOiBzdHJpbmcpOiBzdHJpbmdbXSB7XG4gIHJldHVybiBzcGxpdChzb3VyY2UpLmZsYXRNYXAoKHBhcnQpID0+ICgnZXhwcmVzc2lvbicgaW4gcGFydCA/IFtwYXJ0LmV4cHJlc3Npb25dIDogW10pKTtcbn1cblxuZnVuY3Rpb24gcHJvZ3JhbU9mKGV4cHJlc3Npb246IHN0cmluZywgbG9hZHM6IExvYWRzKTogUHJvZ3JhbSB7XG4gIHJldHVybiBjb21waWxlRXhwcmVzc2lvbihleHByZXNzaW9uLCBsb2Fkcyk7XG59XG5cbnR5cGUgUnVuID0gc3RyaW5nIHwgKFByb2dyYW0gJiB7IHJlYWRvbmx5IGV4cHJlc3Npb246IHN0cmluZyB9KTtcblxuZnVuY3Rpb24gam9pbmVkKHBhcnRzOiByZWFkb25seSBSdW5bXSwgZTogRXZhbHVhdGlvbiwgaW5zZXJ0aW5nOiBJbnNlcnRpbmcgfCB1bmRlZmluZWQpOiBSZXN1bHQge1xuICBpZiAoZS5waWVjZXMpIHJldHVybiBqb2luZWRJblBpZWNlcyhwYXJ0cywgZSwgaW5zZXJ0aW5nKTtcbiAgbGV0IHRleHQgPSAnJztcbiAgZm9yIChjb25zdCBwYXJ0IG9mIHBhcnRzKSB7XG4gICAgaWYgKHR5cGVvZiBwYXJ0ID09PSAnc3RyaW5nJykgdGV4dCArPSBwYXJ0O1xuICAgIGVsc2Uge1xuICAgICAgY29uc3QgcGllY2UgPSBpbnNlcnRlZChwYXJ0KGUpIGFzIFJlc3VsdCwgdGV4dCwgcGFydC5leHByZXNzaW9uLCBpbnNlcnRpbmcpO1xuICAgICAgaWYgKHBpZWNlID09PSBvbWl0dGVkKSByZXR1cm4gb21pdHRlZDtcbiAgICAgIHRleHQgKz0gcGllY2U7XG4gICAgfVxuICB9XG4gIHJldHVybiB0ZXh0O1xufVxuXG4vKiogVGhlIHNhbWUgZm9yIHNvbWVib2R5IHdobyBsb29rczogb2YgZWFjaCBwaWVjZSBpcyB0b2xkIHdoZXRoZXIgaXQgaXMgc2VjcmV0LiAqL1xuZnVuY3Rpb24gam9pbmVkSW5QaWVjZXMocGFydHM6IHJlYWRvbmx5IFJ1bltdLCBlOiBFdmFsdWF0aW9uLCBpbnNlcnRpbmc6IEluc2VydGluZyB8IHVuZGVmaW5lZCk6IFJlc3VsdCB7XG4gIGxldCB0ZXh0ID0gJyc7XG4gIGNvbnN0IHBpZWNlczogeyB0ZXh0OiBzdHJpbmc7IHNlY3JldDogYm9vbGVhbiB9W10gPSBbXTtcbiAgZm9yIChjb25zdCBwYXJ0IG9mIHBhcnRzKSB7XG4gICAgY29uc3QgW3BpZWNlLCBzZWNyZXRdOiByZWFkb25seSBbc3RyaW5nIHwgdHlwZW9mIG9taXR0ZWQsIGJvb2xlYW5dID1cbiAgICAgIHR5cGVvZiBwYXJ0ID09PSAnc3RyaW5nJ1xuICAgICAgICA/IFtwYXJ0LCBmYWxzZV1cbiAgICAgICAgOiBlLnRyYWNlZCgoKSA9PiBpbnNlcnRlZChwYXJ0KGUpIGFzIFJlc3VsdCwgdGV4dCwgcGFydC5leHByZXNzaW9uLCBpbnNlcnRpbmcpKTtcbiAgICBpZiAocGllY2UgPT09IG9taXR0ZWQpIHJldHVybiBvbWl0dGVkO1xuICAgIHRleHQgKz0gcGllY2U7XG4gICAgcGllY2VzLnB1c2goeyB0ZXh0OiBwaWVjZSwgc2VjcmV0IH0pO1xuICB9XG4gIGUucGllY2VzID0gcGllY2VzO1xuICByZXR1cm4gdGV4dDtcbn1cblxuLyoqIEBwYXJhbSBiZWZvcmUgdGhlIHRleHQgaW4gZnJvbnQgb2YgaXQgKi9cbmZ1bmN0aW9uIGluc2VydGVkKFxuICB2YWx1ZTogUmVzdWx0LFxuICBiZWZvcmU6IHN0cmluZyxcbiAgZXhwcmVzc2lvbjogc3RyaW5nLFxuICBpbnNlcnRpbmc6IEluc2VydGluZyB8IHVuZGVmaW5lZCxcbik6IHN0cmluZyB8IHR5cGVvZiBvbWl0dGVkIHtcbiAgaWYgKHZhbHVlID09PSBvbWl0dGVkKSByZXR1cm4gaW5zZXJ0aW5nPy5vbWl0dGVkID8/IG9taXR0ZWQ7XG4gIGlmIChwbGFpbih2YWx1ZSkgPT09IG51bGwpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZXhwcmVzc2lvbi12YWx1ZScsIHtcbiAgICAgIHdoYXQ6ICdhIHZhbHVlIGluc2lkZSBhIHRleHQgaXMgbnVsbCcsXG4gICAgICByZW1lZHk6ICdnaXZlIGFub3RoZXIgdmFsdWUgZm9yIHRoYXQgY2FzZTogJHtuYW1lID8/IFwiXHUyMDI2XCJ9LCBvciAke25hbWUgPz8gb21pdH0gdG8gbGVhdmUgdGhlIHdob2xlIG91dCcsXG4gICAgfSk7XG4gIH1cbiAgaWYgKHZhbHVlIGluc3RhbmNlb2YgVWludDhBcnJheSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywge1xuICAgICAgd2hhdDogJ2EgdmFsdWUgaW5zaWRlIGEgdGV4dCBpcyBieXRlcycsXG4gICAgICByZW1lZHk6ICd3cml0ZSB0aGVtIGFzIHRleHQgd2l0aCB8IGhleCwgfCBiYXNlNjQgb3IgfCB0ZXh0JyxcbiAgICB9KTtcbiAgfVxuICByZXR1cm4gaW5zZXJ0aW5nID8gaW5zZXJ0aW5nLmFzVGV4dCh0ZXh0T2YodmFsdWUpLCBiZWZvcmUsIGV4cHJlc3Npb24pIDogdGV4dE9mKHZhbHVlKTtcbn1cblxudHlwZSBQYXJ0ID0geyByZWFkb25seSB0ZXh0OiBzdHJpbmcgfSB8IHsgcmVhZG9ubHkgZXhwcmVzc2lvbjogc3RyaW5nIH07XG5cbi8qKiBUZXh0IGFuZCBleHByZXNzaW9ucyBpbiB0dXJuOyBhIGJyYWNlIGluc2lkZSBxdW90ZXMgZG9lcyBub3QgZW5kIGFuIGV4cHJlc3Npb24uICovXG5mdW5jdGlvbiBzcGxpdChzb3VyY2U6IHN0cmluZyk6IFBhcnRbXSB7XG4gIGNvbnN0IHBhcnRzOiBQYXJ0W10gPSBbXTtcbiAgbGV0IHRleHQgPSAnJztcbiAgbGV0IGF0ID0gMDtcbiAgd2hpbGUgKGF0IDwgc291cmNlLmxlbmd0aCkge1xuICAgIGlmIChzb3VyY2Uuc3RhcnRzV2l0aCgnJCR7JywgYXQpKSB7XG4gICAgICB0ZXh0ICs9ICckeyc7XG4gICAgICBhdCArPSAzO1xuICAgIH0gZWxzZSBpZiAoc291cmNlLnN0YXJ0c1dpdGgoJyR7JywgYXQpKSB7XG4gICAgICBjb25zdCBlbmQgPSBjbG9zaW5nKHNvdXJjZSwgYXQgKyAyKTtcbiAgICAgIGlmICh0ZXh0ICE9PSAnJykgcGFydHMucHVzaCh7IHRleHQgfSk7XG4gICAgICB0ZXh0ID0gJyc7XG4gICAgICBwYXJ0cy5wdXNoKHsgZXhwcmVzc2lvbjogc291cmNlLnNsaWNlKGF0ICsgMiwgZW5kKSB9KTtcbiAgICAgIGF0ID0gZW5kICsgMTtcbiAgICB9IGVsc2Uge1xuICAgICAgdGV4dCArPSBzb3VyY2VbYXRdO1xuICAgICAgYXQgKz0gMTtcbiAgICB9XG4gIH1cbiAgaWYgKHRleHQgIT09ICcnIHx8IHBhcnRzLmxlbmd0aCA9PT0gMCkgcGFydHMucHVzaCh7IHRleHQgfSk7XG4gIHJldHVybiBwYXJ0cztcbn1cblxuZnVuY3Rpb24gY2xvc2luZyhzb3VyY2U6IHN0cmluZywgc3RhcnQ6IG51bWJlcik6IG51bWJlciB7XG4gIGxldCBxdW90ZSA9ICcnO1xuICBmb3IgKGxldCBhdCA9IHN0YXJ0OyBhdCA8IHNvdXJjZS5sZW5ndGg7IGF0ICs9IDEpIHtcbiAgICBjb25zdCBjaGFyID0gc291cmNlW2F0XSBhcyBzdHJpbmc7XG4gICAgaWYgKHF1b3RlKSB7XG4gICAgICBpZiAoY2hhciA9PT0gJ1xcXFwnKSBhdCArPSAxO1xuICAgICAgZWxzZSBpZiAoY2hhciA9PT0gcXVvdGUpIHF1b3RlID0gJyc7XG4gICAgfSBlbHNlIGlmIChjaGFyID09PSAnXCInIHx8IGNoYXIgPT09IFwiJ1wiKSBxdW90ZSA9IGNoYXI7XG4gICAgZWxzZSBpZiAoY2hhciA9PT0gJ30nKSByZXR1cm4gYXQ7XG4gIH1cbiAgdGhyb3cgc3ludGF4UHJvYmxlbShzb3VyY2Uuc2xpY2Uoc3RhcnQpLCBzb3VyY2UubGVuZ3RoIC0gc3RhcnQsICd0aGUgY2xvc2luZyB9IGlzIG1pc3NpbmcnKTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQWlCQSxJQUFNLFVBQ0o7QUFDRixJQUFNLFVBQWtDLEVBQUUsR0FBRyxNQUFNLEdBQUcsTUFBTSxHQUFHLEtBQU0sS0FBSyxLQUFLLEtBQUssS0FBSyxNQUFNLEtBQUs7QUFHN0YsU0FBUyxTQUFTLFFBQXlCO0FBQ2hELFFBQU0sU0FBa0IsQ0FBQztBQUN6QixVQUFRLFlBQVk7QUFDcEIsTUFBSSxTQUFTO0FBQ2IsU0FBTyxPQUFPLE1BQU0sTUFBTSxFQUFFLEtBQUssTUFBTSxJQUFJO0FBQ3pDLFlBQVEsWUFBWTtBQUNwQixVQUFNLFFBQVEsUUFBUSxLQUFLLE1BQU0sR0FBRztBQUNwQyxVQUFNLFFBQVEsVUFBVSxPQUFPLE1BQU0sTUFBTSxFQUFFLFNBQVMsT0FBTyxNQUFNLE1BQU0sRUFBRSxVQUFVLEVBQUU7QUFDdkYsUUFBSSxDQUFDLE1BQU8sT0FBTSxjQUFjLFFBQVEsT0FBTyxHQUFHLEtBQUssVUFBVSxPQUFPLEtBQUssQ0FBQyxDQUFDLHNCQUFzQjtBQUNyRyxRQUFJLE1BQU0sT0FBTztBQUNmLFlBQU0sT0FBTyxTQUFTLFFBQVEsS0FBSztBQUNuQyxhQUFPLEtBQUssRUFBRSxNQUFNLFFBQVEsTUFBTSxLQUFLLE1BQU0sUUFBUSxNQUFNLENBQUM7QUFDNUQsZUFBUyxLQUFLO0FBQ2Q7QUFBQSxJQUNGO0FBQ0EsVUFBTSxPQUFPLE1BQU0sU0FBUyxTQUFZLFNBQVMsTUFBTSxXQUFXLFNBQVksV0FBVztBQUN6RixXQUFPLEtBQUssRUFBRSxNQUFNLE1BQU8sTUFBTSxRQUFRLE1BQU0sVUFBVSxNQUFNLE1BQWlCLFFBQVEsTUFBTSxDQUFDO0FBQy9GLGFBQVMsUUFBUTtBQUFBLEVBQ25CO0FBQ0EsU0FBTyxLQUFLLEVBQUUsTUFBTSxPQUFPLE1BQU0sSUFBSSxRQUFRLE9BQU8sT0FBTyxDQUFDO0FBQzVELFNBQU87QUFDVDtBQUdBLFNBQVMsU0FBUyxRQUFnQixPQUE4QztBQUM5RSxRQUFNLFFBQVEsT0FBTyxLQUFLO0FBQzFCLE1BQUksT0FBTztBQUNYLFdBQVMsS0FBSyxRQUFRLEdBQUcsS0FBSyxPQUFPLFFBQVEsTUFBTSxHQUFHO0FBQ3BELFVBQU0sT0FBTyxPQUFPLEVBQUU7QUFDdEIsUUFBSSxTQUFTLE1BQU8sUUFBTyxFQUFFLE1BQU0sS0FBSyxLQUFLLEVBQUU7QUFDL0MsUUFBSSxTQUFTLE1BQU07QUFDakIsY0FBUTtBQUNSO0FBQUEsSUFDRjtBQUNBLFVBQU07QUFDTixVQUFNLFVBQVUsUUFBUSxPQUFPLEVBQUUsS0FBSyxFQUFFO0FBQ3hDLFFBQUksWUFBWSxPQUFXLE9BQU0sY0FBYyxRQUFRLEtBQUssR0FBRyxLQUFLLE9BQU8sRUFBRSxLQUFLLEVBQUUsZUFBZTtBQUNuRyxZQUFRO0FBQUEsRUFDVjtBQUNBLFFBQU0sY0FBYyxRQUFRLE9BQU8sNkJBQTZCLEtBQUssZ0JBQWdCO0FBQ3ZGO0FBRU8sU0FBUyxjQUFjLFFBQWdCLFFBQWdCLE1BQXVCO0FBQ25GLFNBQU8sSUFBSSxRQUFRLHFCQUFxQjtBQUFBLElBQ3RDLE1BQU0scUJBQXFCLE9BQU8sS0FBSyxDQUFDLHFCQUFxQixJQUFJO0FBQUEsSUFDakUsUUFBUTtBQUFBLElBQ1IsU0FBUyxHQUFHLE1BQU07QUFBQSxFQUFLLElBQUksT0FBTyxNQUFNLENBQUM7QUFBQSxJQUN6QyxNQUFNLEVBQUUsWUFBWSxRQUFRLE9BQU87QUFBQSxFQUNyQyxDQUFDO0FBQ0g7OztBQzNEQSxJQUFNLFlBQVksb0JBQUksSUFBNEI7QUFBQSxFQUNoRCxDQUFDLFFBQVEsSUFBSTtBQUFBLEVBQ2IsQ0FBQyxTQUFTLEtBQUs7QUFBQSxFQUNmLENBQUMsUUFBUSxJQUFJO0FBQ2YsQ0FBQztBQUdNLFNBQVMsZ0JBQWdCLFFBQTRCO0FBQzFELFFBQU0sU0FBUyxTQUFTLE1BQU07QUFDOUIsTUFBSSxLQUFLO0FBRVQsUUFBTSxPQUFPLE1BQWEsT0FBTyxFQUFFO0FBQ25DLFFBQU0sT0FBTyxNQUFhLE9BQU8sSUFBSTtBQUNyQyxRQUFNLFNBQVMsQ0FBQyxTQUEwQixLQUFLLEVBQUUsU0FBUyxVQUFVLEtBQUssRUFBRSxTQUFTO0FBQ3BGLFFBQU0sU0FBUyxDQUFDLFNBQTBCO0FBQ3hDLFFBQUksQ0FBQyxPQUFPLElBQUksRUFBRyxRQUFPO0FBQzFCLFVBQU07QUFDTixXQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sT0FBTyxDQUFDLGFBQTRCO0FBQ3hDLFVBQU0sRUFBRSxNQUFNLE1BQU0sT0FBTyxJQUFJLEtBQUs7QUFDcEMsVUFBTSxjQUFjLFFBQVEsUUFBUSxZQUFZLFFBQVEsV0FBVyxTQUFTLFFBQVEsWUFBWSxJQUFJLEVBQUU7QUFBQSxFQUN4RztBQUNBLFFBQU0sU0FBUyxDQUFDLFNBQXVCO0FBQ3JDLFFBQUksQ0FBQyxPQUFPLElBQUksRUFBRyxNQUFLLElBQUk7QUFBQSxFQUM5QjtBQUVBLFdBQVMsYUFBeUI7QUFDaEMsUUFBSSxRQUFRLFNBQVM7QUFDckIsV0FBTyxPQUFPLEdBQUcsR0FBRztBQUNsQixZQUFNLEVBQUUsTUFBTSxNQUFNLE9BQU8sSUFBSSxLQUFLO0FBQ3BDLFVBQUksU0FBUyxPQUFRLE1BQUssc0JBQXNCO0FBQ2hELFlBQU07QUFDTixjQUFRLEVBQUUsTUFBTSxVQUFVLE9BQU8sTUFBTSxNQUFNLE1BQU0sT0FBTyxHQUFHLElBQUksS0FBSyxJQUFJLENBQUMsR0FBRyxPQUFPO0FBQUEsSUFDdkY7QUFDQSxXQUFPO0FBQUEsRUFDVDtBQUVBLFdBQVMsV0FBdUI7QUFDOUIsVUFBTSxRQUFRLFFBQVE7QUFDdEIsV0FBTyxPQUFPLElBQUksSUFBSSxFQUFFLE1BQU0sWUFBWSxPQUFPLFdBQVcsU0FBUyxFQUFFLElBQUk7QUFBQSxFQUM3RTtBQUVBLFdBQVMsVUFBc0I7QUFDN0IsUUFBSSxPQUFPLEdBQUcsR0FBRztBQUNmLFlBQU0sUUFBUSxXQUFXO0FBQ3pCLGFBQU8sR0FBRztBQUNWLGFBQU87QUFBQSxJQUNUO0FBQ0EsVUFBTSxRQUFRLEtBQUs7QUFDbkIsUUFBSSxNQUFNLFNBQVMsVUFBVSxNQUFNLFNBQVMsTUFBTyxNQUFLLG1CQUFtQjtBQUMzRSxVQUFNO0FBQ04sUUFBSSxNQUFNLFNBQVMsT0FBUSxRQUFPLEVBQUUsTUFBTSxXQUFXLE9BQU8sTUFBTSxLQUFLO0FBQ3ZFLFFBQUksTUFBTSxTQUFTLFNBQVUsUUFBTyxFQUFFLE1BQU0sV0FBVyxPQUFPLE9BQU8sTUFBTSxJQUFJLEVBQUU7QUFDakYsVUFBTSxXQUFXLFVBQVUsSUFBSSxNQUFNLElBQUk7QUFDekMsUUFBSSxhQUFhLE9BQVcsUUFBTyxFQUFFLE1BQU0sV0FBVyxPQUFPLFNBQVM7QUFDdEUsUUFBSSxPQUFPLEdBQUcsRUFBRyxRQUFPLEVBQUUsTUFBTSxRQUFRLE1BQU0sTUFBTSxNQUFNLE1BQU0sS0FBSyxHQUFHLFFBQVEsTUFBTSxPQUFPO0FBQzdGLFdBQU8sRUFBRSxNQUFNLFFBQVEsTUFBTSxNQUFNLE1BQU0sT0FBTyxNQUFNLEdBQUcsUUFBUSxNQUFNLE9BQU87QUFBQSxFQUNoRjtBQUVBLFdBQVMsUUFBb0I7QUFDM0IsVUFBTSxRQUFvQixDQUFDO0FBQzNCLGVBQVM7QUFDUCxVQUFJLE9BQU8sR0FBRyxHQUFHO0FBQ2YsWUFBSSxLQUFLLEVBQUUsU0FBUyxVQUFVLEtBQUssRUFBRSxTQUFTLFNBQVUsTUFBSyxzQkFBc0I7QUFDbkYsY0FBTSxLQUFLLEVBQUUsS0FBSyxLQUFLLEVBQUUsS0FBSyxDQUFDO0FBQUEsTUFDakMsV0FBVyxPQUFPLEdBQUcsR0FBRztBQUN0QixjQUFNLEtBQUssUUFBUSxDQUFDO0FBQ3BCLGVBQU8sR0FBRztBQUFBLE1BQ1osTUFBTyxRQUFPO0FBQUEsSUFDaEI7QUFBQSxFQUNGO0FBRUEsV0FBUyxVQUFvQjtBQUMzQixVQUFNLFFBQVEsS0FBSztBQUNuQixRQUFJLE1BQU0sU0FBUyxVQUFVO0FBQzNCLFlBQU07QUFDTixhQUFPLEVBQUUsS0FBSyxPQUFPLE1BQU0sSUFBSSxFQUFFO0FBQUEsSUFDbkM7QUFDQSxRQUFJLE1BQU0sU0FBUyxRQUFRO0FBQ3pCLFlBQU07QUFDTixhQUFPLEVBQUUsS0FBSyxNQUFNLEtBQUs7QUFBQSxJQUMzQjtBQUNBLFdBQU8sRUFBRSxVQUFVLFNBQVMsRUFBRTtBQUFBLEVBQ2hDO0FBRUEsV0FBUyxPQUFxQjtBQUM1QixXQUFPLEdBQUc7QUFDVixVQUFNLFFBQXNCLENBQUM7QUFDN0IsUUFBSSxPQUFPLEdBQUcsRUFBRyxRQUFPO0FBQ3hCO0FBQUcsWUFBTSxLQUFLLFNBQVMsQ0FBQztBQUFBLFdBQ2pCLE9BQU8sR0FBRztBQUNqQixXQUFPLEdBQUc7QUFDVixXQUFPO0FBQUEsRUFDVDtBQUVBLFFBQU0sT0FBTyxXQUFXO0FBQ3hCLE1BQUksS0FBSyxFQUFFLFNBQVMsTUFBTyxNQUFLLGNBQWM7QUFDOUMsU0FBTztBQUNUOzs7QUMzR08sSUFBTSxPQUFlO0FBQUEsRUFDMUIsTUFBTTtBQUFBLEVBQ04sTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsU0FBUztBQUFBLEVBQ1QsTUFBTSxDQUFDLElBQUksR0FBRyxFQUFFLE1BQU0sR0FBRztBQUN2QixRQUFJLE9BQU8sU0FBUztBQUNsQixZQUFNLElBQUksUUFBUSxvQkFBb0IsRUFBRSxNQUFNLHFCQUFxQixRQUFRLEtBQUssUUFBUSxDQUFDO0FBQzNGLFdBQU8sTUFBTSxLQUFLLElBQUk7QUFBQSxFQUN4QjtBQUNGOzs7QUNYTyxJQUFNLFFBQWdCO0FBQUEsRUFDM0IsTUFBTTtBQUFBLEVBQ04sTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsU0FBUztBQUFBLEVBQ1QsT0FBTyxDQUFDLE9BQU8sRUFBRSxNQUFNLE1BQU0sTUFBTTtBQUNyQzs7O0FDTkEsSUFBSSxXQUFXLE9BQU87QUFDdEIsSUFBSSxXQUFXO0FBR2YsU0FBU0EsUUFBTyxNQUFvQjtBQUNsQyxRQUFNLE9BQU8sS0FBSyxRQUFRO0FBQzFCLE1BQUksU0FBUyxVQUFVO0FBQ3JCLGVBQVc7QUFDWCxlQUFXLEtBQUssWUFBWTtBQUFBLEVBQzlCO0FBQ0EsU0FBTztBQUNUO0FBRU8sSUFBTSxNQUFjO0FBQUEsRUFDekIsTUFBTTtBQUFBLEVBQ04sTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsU0FBUztBQUFBLEVBQ1QsT0FBTyxDQUFDLE9BQU8sRUFBRSxNQUFNLE1BQU1BLFFBQU8sTUFBTSxHQUFHO0FBQy9DOzs7QUNsQk8sSUFBTSxPQUFlO0FBQUEsRUFDMUIsTUFBTTtBQUFBLEVBQ04sTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsU0FBUztBQUFBLEVBQ1QsT0FBTyxNQUFNO0FBQ2Y7OztBQ0xPLElBQU0sU0FBaUI7QUFBQSxFQUM1QixNQUFNO0FBQUEsRUFDTixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxNQUFNLE1BQU0sRUFBRSxNQUFNLEdBQUc7QUFDckIsVUFBTSxDQUFDLE1BQU0sRUFBRSxJQUFJLEtBQUssSUFBSSxLQUFLO0FBQ2pDLFFBQUksT0FBTyxTQUFTLFlBQVksT0FBTyxPQUFPLFlBQVksRUFBRSxRQUFRLE9BQU8sS0FBSyxXQUFXLEdBQUc7QUFDNUYsWUFBTSxJQUFJLFFBQVEsb0JBQW9CO0FBQUEsUUFDcEMsTUFBTTtBQUFBLFFBQ04sUUFBUSxPQUFPO0FBQUEsTUFDakIsQ0FBQztBQUFBLElBQ0g7QUFDQSxXQUFPLEtBQUssTUFBTSxPQUFPLE1BQU0sT0FBTyxLQUFLLEtBQUssT0FBTyxFQUFFO0FBQUEsRUFDM0Q7QUFDRjs7O0FDZE8sSUFBTSxTQUFpQjtBQUFBLEVBQzVCLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOLE9BQU87QUFBQSxFQUNQLFNBQVM7QUFBQTtBQUFBLEVBRVQsTUFBTSxNQUFNLFFBQVEsSUFBSSxDQUFDLEtBQUssT0FBTyxHQUFHLEdBQUcsQ0FBQyxHQUFHLFFBQVEsT0FBTyxDQUFDLEVBQUUsSUFBSSxDQUFDLFdBQVcsT0FBTyxPQUFPLENBQUMsQ0FBQyxDQUFDO0FBQUEsRUFDbEcsTUFBTSxDQUFDLElBQUksR0FBRyxZQUFZO0FBQ3hCLFFBQUksT0FBTyxTQUFTO0FBQ2xCLFlBQU0sSUFBSSxRQUFRLG9CQUFvQixFQUFFLE1BQU0sdUNBQXVDLFFBQVEsT0FBTyxRQUFRLENBQUM7QUFDL0csV0FBTyxXQUFXLE1BQU0sT0FBTyxNQUFNLFVBQVU7QUFBQSxFQUNqRDtBQUNGOzs7QUNmTyxJQUFNLE9BQWU7QUFBQSxFQUMxQixNQUFNO0FBQUEsRUFDTixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxPQUFPLENBQUMsT0FBTyxFQUFFLE1BQU0sTUFBTSxNQUFNO0FBQ3JDOzs7QUNFTyxJQUFNLFVBQXVDLElBQUk7QUFBQSxFQUN0RCxDQUFDLEtBQUssT0FBTyxNQUFNLFFBQVEsTUFBTSxNQUFNLFFBQVEsSUFBSSxFQUFFLElBQUksQ0FBQyxXQUFXLENBQUMsT0FBTyxNQUFNLE1BQU0sQ0FBQztBQUM1Rjs7O0FDR08sU0FBUyxrQkFBa0IsUUFBZ0IsT0FBdUI7QUFDdkUsUUFBTSxVQUFVLENBQUMsU0FBOEI7QUFDN0MsWUFBUSxLQUFLLE1BQU07QUFBQSxNQUNqQixLQUFLLFdBQVc7QUFDZCxjQUFNLEVBQUUsTUFBTSxJQUFJO0FBQ2xCLGVBQU8sTUFBTTtBQUFBLE1BQ2Y7QUFBQSxNQUNBLEtBQUs7QUFDSCxlQUFPLEtBQUssU0FBUyxXQUFXLGNBQWMsS0FBSyxLQUFLLElBQUksWUFBWSxLQUFLLE1BQU0sS0FBSyxLQUFLO0FBQUEsTUFDL0YsS0FBSyxZQUFZO0FBQ2YsY0FBTSxFQUFFLE9BQU8sT0FBTyxJQUFJO0FBRTFCLGNBQU0sUUFDSixPQUFPLFNBQVMsVUFBVSxPQUFPLFNBQVMsV0FBVyxjQUFjLE9BQU8sT0FBTyxJQUFJLElBQUksUUFBUSxNQUFNO0FBQ3pHLGNBQU0sWUFBWSxRQUFRLEtBQUssU0FBUztBQUN4QyxlQUFPLENBQUMsTUFBTTtBQUNaLGdCQUFNLFFBQVEsTUFBTSxDQUFDO0FBQ3JCLGlCQUFPLFVBQVUsVUFBYyxVQUFVLFdBQVcsTUFBTSxLQUFLLE1BQU0sT0FBUSxVQUFVLENBQUMsSUFBSTtBQUFBLFFBQzlGO0FBQUEsTUFDRjtBQUFBLE1BQ0EsS0FBSztBQUNILGVBQU8sWUFBWSxLQUFLLE1BQU0sS0FBSyxNQUFNLEtBQUssTUFBTTtBQUFBLE1BQ3RELEtBQUs7QUFDSCxlQUFPLGNBQWMsSUFBSTtBQUFBLElBQzdCO0FBQUEsRUFDRjtBQUVBLFdBQVMsWUFBWSxNQUFjLE9BQXFDO0FBQ3RFLFVBQU0sT0FBTyxRQUFRLElBQUksSUFBSTtBQUM3QixRQUFJLE1BQU0sUUFBUSxNQUFNLFdBQVcsR0FBRztBQUNwQyxVQUFJLEtBQUssS0FBTSxPQUFNLEtBQUssS0FBSyxLQUFLLENBQUM7QUFFckMsYUFBTyxDQUFDLE1BQU0sTUFBTSxNQUFNLENBQUMsS0FBSyxLQUFLLE1BQU0sQ0FBQyxHQUFHLENBQUM7QUFBQSxJQUNsRDtBQUNBLFFBQUksTUFBTSxXQUFXLEVBQUcsUUFBTyxDQUFDLE1BQU0sTUFBTSxNQUFNLENBQUM7QUFDbkQsVUFBTSxPQUFPLE1BQU0sSUFBSSxVQUFVO0FBQ2pDLFdBQU8sQ0FBQyxNQUFNO0FBQ1osVUFBSSxRQUE0QixNQUFNLE1BQU0sQ0FBQztBQUM3QyxpQkFBVyxPQUFPLEtBQU0sU0FBUSxPQUFPLE9BQU8sSUFBSSxDQUFDLENBQUM7QUFDcEQsYUFBTztBQUFBLElBQ1Q7QUFBQSxFQUNGO0FBRUEsV0FBUyxXQUFXLE1BQW9EO0FBQ3RFLFFBQUksU0FBUyxLQUFNLFFBQU8sTUFBTSxLQUFLO0FBQ3JDLFVBQU1DLFdBQVUsUUFBUSxLQUFLLFFBQVE7QUFDckMsV0FBTyxDQUFDLE1BQU0sUUFBUSxTQUFTQSxTQUFRLENBQUMsR0FBRyxLQUFLLFVBQVUsQ0FBQyxDQUFDO0FBQUEsRUFDOUQ7QUFFQSxXQUFTLGNBQWMsT0FBNEIsV0FBVyxPQUFnQjtBQUM1RSxVQUFNLENBQUMsT0FBTyxRQUFRLEdBQUcsSUFBSSxJQUFJO0FBQ2pDLFFBQUksQ0FBQyxTQUFTLEtBQUssU0FBUztBQUMxQixZQUFNLGNBQWMsUUFBUSxHQUFHLHFEQUFxRDtBQUN0RixVQUFNLE9BQU8sV0FBVyxLQUFLO0FBQzdCLFVBQU0sTUFBTSxTQUFTLFdBQVcsTUFBTSxJQUFJO0FBQzFDLFdBQU8sQ0FBQyxNQUFNO0FBQ1osWUFBTSxTQUFTLE9BQU8sS0FBSyxDQUFDLENBQUM7QUFDN0IsWUFBTSxPQUFPLE1BQU0sT0FBTyxJQUFJLENBQUMsQ0FBQyxJQUFJO0FBQ3BDLFlBQU0sUUFBUSxFQUFFLE1BQU0sT0FBTyxRQUFRLElBQUk7QUFDekMsVUFBSSxVQUFVLFFBQVc7QUFDdkIsWUFBSSxTQUFVLFFBQU87QUFDckIsY0FBTSxjQUFjLFFBQVEsSUFBSTtBQUFBLE1BQ2xDO0FBQ0EsUUFBRSxnQkFBZ0I7QUFDbEIsUUFBRSxTQUFTLEtBQUs7QUFDaEIsYUFBTztBQUFBLElBQ1Q7QUFBQSxFQUNGO0FBRUEsV0FBUyxZQUFZLE1BQWMsTUFBNkIsUUFBeUI7QUFDdkYsVUFBTSxPQUFPLFFBQVEsSUFBSSxJQUFJO0FBQzdCLFFBQUksQ0FBQyxRQUFRLEtBQUssS0FBTSxPQUFNLGNBQWMsUUFBUSxRQUFRLFlBQVksVUFBVSxNQUFNLFNBQVMsQ0FBQyxDQUFDO0FBQ25HLFFBQUksS0FBSyxLQUFNLE9BQU0sS0FBSyxLQUFLLEtBQUssQ0FBQztBQUNyQyxVQUFNLFdBQVcsS0FBSyxJQUFJLENBQUMsUUFBUSxTQUFTLEdBQUcsQ0FBQztBQUNoRCxXQUFPLENBQUMsTUFDTixLQUFLO0FBQUEsTUFDSCxTQUFTLElBQUksQ0FBQ0EsYUFBWUEsU0FBUSxDQUFDLENBQUM7QUFBQSxNQUNwQztBQUFBLElBQ0Y7QUFBQSxFQUNKO0FBRUEsV0FBUyxjQUFjLE1BQXdEO0FBQzdFLFVBQU0sT0FBTyxRQUFRLElBQUksS0FBSyxJQUFJO0FBQ2xDLFFBQUksQ0FBQyxLQUFNLE9BQU0sY0FBYyxRQUFRLEtBQUssUUFBUSxZQUFZLFVBQVUsS0FBSyxNQUFNLFFBQVEsS0FBSyxDQUFDLENBQUM7QUFDcEcsUUFBSSxLQUFLLEtBQU0sT0FBTSxLQUFLLEtBQUssS0FBSyxDQUFDO0FBQ3JDLFVBQU0sQ0FBQyxPQUFPLElBQUksSUFBSSxLQUFLO0FBQzNCLFFBQUksS0FBSyxLQUFLLFNBQVMsU0FBUyxLQUFLLEtBQUssU0FBUyxNQUFNO0FBQ3ZELFlBQU0sY0FBYyxRQUFRLEtBQUssUUFBUSxHQUFHLEtBQUssSUFBSSxlQUFlLEtBQUssT0FBTyxFQUFFO0FBQUEsSUFDcEY7QUFDQSxVQUFNLFFBQVEsUUFBUSxLQUFLLEtBQUs7QUFDaEMsVUFBTSxPQUFPLEtBQUssS0FBSyxJQUFJLENBQUMsUUFBUSxTQUFTLEdBQUcsQ0FBQztBQUVqRCxVQUFNLFFBQVEsS0FBSyxLQUFLLE1BQU0sQ0FBQyxRQUFRLElBQUksU0FBUyxTQUFTLElBQ3pELEtBQUssS0FBSyxJQUFJLENBQUMsUUFBUyxJQUFpRCxLQUFLLElBQzlFO0FBQ0osV0FBTyxDQUFDLE1BQU07QUFDWixZQUFNLFFBQVEsU0FBUyxNQUFNLENBQUMsR0FBRyxLQUFLLE9BQU8sQ0FBQztBQUM5QyxVQUFJLFVBQVUsUUFBUyxRQUFPO0FBQzlCLFVBQUksaUJBQWlCLGlCQUFpQixDQUFDLEtBQUssUUFBUyxPQUFNLGFBQWEsS0FBSyxJQUFJO0FBQ2pGLFlBQU0sUUFBUSxLQUFLLE1BQU0sT0FBTyxTQUFTLEtBQUssSUFBSSxDQUFDLFFBQVEsSUFBSSxDQUFDLENBQUMsR0FBRyxDQUFDO0FBQ3JFLFVBQUksRUFBRSxjQUFlLEdBQUUsU0FBUyxLQUFLO0FBQ3JDLGFBQU87QUFBQSxJQUNUO0FBQUEsRUFDRjtBQUVBLFdBQVMsU0FBUyxNQUE0QztBQUM1RCxVQUFNQSxXQUFVLFFBQVEsSUFBSTtBQUM1QixXQUFPLENBQUMsTUFBTTtBQUNaLFlBQU0sUUFBUSxTQUFTQSxTQUFRLENBQUMsR0FBRyxNQUFNLENBQUM7QUFDMUMsVUFBSSxVQUFVLFFBQVMsT0FBTSxJQUFJLFFBQVEsb0JBQW9CLEVBQUUsTUFBTSw2QkFBNkIsQ0FBQztBQUNuRyxVQUFJLGlCQUFpQixjQUFlLE9BQU0sYUFBYSxhQUFhO0FBQ3BFLGFBQU87QUFBQSxJQUNUO0FBQUEsRUFDRjtBQUVBLFFBQU0sT0FBTyxnQkFBZ0IsTUFBTTtBQUNuQyxRQUFNLFVBQVUsUUFBUSxJQUFJO0FBQzVCLFNBQU8sQ0FBQyxNQUFNO0FBQ1osVUFBTSxRQUFRLFFBQVEsQ0FBQztBQUN2QixXQUFPLFVBQVUsU0FBWSxTQUFTLE9BQU8sTUFBTSxDQUFDLElBQUk7QUFBQSxFQUMxRDtBQUNGO0FBRUEsSUFBTSxlQUFlLENBQUMsU0FDcEIsSUFBSSxRQUFRLG9CQUFvQjtBQUFBLEVBQzlCLE1BQU0sR0FBRyxJQUFJO0FBQUEsRUFDYixRQUFRO0FBQ1YsQ0FBQztBQUVILFNBQVMsTUFBTSxNQUFjLEdBQWtDO0FBQzdELFFBQU0sUUFBUSxFQUFFLE1BQU0sT0FBTyxJQUFJO0FBQ2pDLE1BQUksQ0FBQyxNQUFPLFFBQU87QUFDbkIsTUFBSSxNQUFNLFFBQVE7QUFDaEIsTUFBRSxnQkFBZ0I7QUFDbEIsTUFBRSxTQUFTLE1BQU0sS0FBSztBQUFBLEVBQ3hCO0FBQ0EsSUFBRSxTQUFTLE1BQU0sS0FBSztBQUN0QixTQUFPLE1BQU07QUFDZjtBQUdBLFNBQVMsT0FBTyxPQUEyQixLQUF5QztBQUNsRixNQUFJLFVBQVUsVUFBYSxVQUFVLFdBQVcsT0FBTyxVQUFVLFlBQVksVUFBVSxLQUFNLFFBQU87QUFDcEcsTUFBSSxpQkFBaUIsV0FBVyxpQkFBaUIsV0FBWSxRQUFPO0FBQ3BFLE1BQUksTUFBTSxRQUFRLEtBQUssR0FBRztBQUN4QixVQUFNLFFBQVEsT0FBTyxHQUFHO0FBQ3hCLFdBQU8sT0FBTyxVQUFVLEtBQUssSUFBSyxNQUFNLEdBQUcsS0FBSyxJQUEwQjtBQUFBLEVBQzVFO0FBQ0EsU0FBTyxPQUFPLE9BQU8sT0FBTyxHQUFHLElBQUssTUFBZ0MsR0FBRyxJQUFJO0FBQzdFO0FBRUEsU0FBUyxRQUFRLE9BQWdDO0FBQy9DLE1BQUksT0FBTyxVQUFVLFlBQVksT0FBTyxVQUFVLFNBQVUsUUFBTztBQUNuRSxNQUFJLGlCQUFpQixRQUFTLFFBQU8sTUFBTTtBQUMzQyxRQUFNLElBQUksUUFBUSxvQkFBb0IsRUFBRSxNQUFNLDBDQUEwQyxDQUFDO0FBQzNGO0FBRUEsU0FBUyxTQUFTLE9BQTJCLE1BQWtCLEdBQXVCO0FBQ3BGLE1BQUksVUFBVSxPQUFXLFFBQU87QUFDaEMsUUFBTSxZQUFZLE1BQU0sQ0FBQztBQUMzQjtBQUdBLFNBQVMsWUFBWSxNQUFrQixHQUF3QjtBQUM3RCxNQUFJLEtBQUssU0FBUyxXQUFZLFFBQU8sWUFBWSxLQUFLLFdBQVcsQ0FBQztBQUNsRSxNQUFJLEtBQUssU0FBUyxPQUFRLFFBQU8sSUFBSSxRQUFRLG9CQUFvQixFQUFFLE1BQU0sOEJBQThCLENBQUM7QUFDeEcsUUFBTSxRQUFRLEVBQUUsTUFBTSxPQUFPLEtBQUssSUFBSTtBQUV0QyxRQUFNLFNBQVMsQ0FBQyxHQUFHLElBQUksSUFBSSxFQUFFLE1BQU0sTUFBTSxDQUFDLEVBQUUsS0FBSyxJQUFJLEtBQUs7QUFDMUQsTUFBSSxDQUFDLE9BQU87QUFDVixXQUFPLElBQUksUUFBUSxnQkFBZ0I7QUFBQSxNQUNqQyxNQUFNLFlBQVksS0FBSyxJQUFJO0FBQUEsTUFDM0IsT0FBTyxhQUFhLE1BQU07QUFBQSxNQUMxQixRQUFRLFlBQVksS0FBSyxNQUFNLElBQUksSUFBSSxFQUFFLE1BQU0sTUFBTSxDQUFDLENBQUM7QUFBQSxNQUN2RCxNQUFNLEVBQUUsTUFBTSxLQUFLLE1BQU0sVUFBVSxFQUFFLE1BQU0sT0FBTztBQUFBLElBQ3BELENBQUM7QUFBQSxFQUNIO0FBQ0EsTUFBSSxRQUE0QixNQUFNO0FBQ3RDLE1BQUksTUFBTSxLQUFLO0FBQ2YsYUFBVyxRQUFRLEtBQUssT0FBTztBQUM3QixRQUFJLEVBQUUsU0FBUyxNQUFPO0FBQ3RCLFVBQU0sUUFBUSxPQUFPLE9BQU8sS0FBSyxHQUFHO0FBQ3BDLFFBQUksVUFBVSxRQUFXO0FBQ3ZCLFlBQU0sUUFBUSxPQUFPLFVBQVUsWUFBWSxVQUFVLE9BQU8sT0FBTyxLQUFLLE1BQU0sS0FBSyxDQUFXLElBQUksQ0FBQztBQUNuRyxhQUFPLElBQUksUUFBUSxnQkFBZ0I7QUFBQSxRQUNqQyxNQUFNLEdBQUcsR0FBRyxLQUFLLE1BQU0sTUFBTSxtQkFBbUIsS0FBSyxHQUFHO0FBQUEsUUFDeEQsUUFBUSxZQUFZLE9BQU8sS0FBSyxHQUFHLEdBQUcsS0FBSyxLQUFLO0FBQUEsUUFDaEQsTUFBTSxFQUFFLE1BQU0sS0FBSyxNQUFNLFFBQVEsS0FBSyxJQUFJO0FBQUEsTUFDNUMsQ0FBQztBQUFBLElBQ0g7QUFDQSxXQUFPLE9BQU8sS0FBSyxRQUFRLFdBQVcsSUFBSSxLQUFLLEdBQUcsTUFBTSxJQUFJLEtBQUssR0FBRztBQUNwRSxZQUFRO0FBQUEsRUFDVjtBQUNBLFNBQU8sSUFBSSxRQUFRLGdCQUFnQixFQUFFLE1BQU0sR0FBRyxHQUFHLHVCQUF1QixNQUFNLEVBQUUsTUFBTSxLQUFLLEtBQUssRUFBRSxDQUFDO0FBQ3JHO0FBRUEsU0FBUyxjQUFjLE1BQWMsS0FBa0M7QUFDckUsUUFBTSxPQUFPLFFBQVEsU0FBWSxPQUFPLEdBQUcsSUFBSSxJQUFJLEdBQUc7QUFDdEQsU0FBTyxJQUFJLFFBQVEsa0JBQWtCO0FBQUEsSUFDbkMsTUFBTSxjQUFjLElBQUk7QUFBQSxJQUN4QixRQUFRLHlCQUF5QixRQUFRLFNBQVksT0FBTyxJQUFJLElBQUksR0FBRyxZQUFZLGVBQWUsTUFBTSxHQUFHLENBQUM7QUFBQSxJQUM1RyxNQUFNLEVBQUUsTUFBTSxLQUFLO0FBQUEsRUFDckIsQ0FBQztBQUNIO0FBR08sU0FBUyxlQUFlLE1BQWMsS0FBc0I7QUFDakUsUUFBTSxTQUFTLFFBQVEsU0FBWSxPQUFPLEdBQUcsSUFBSSxJQUFJLEdBQUcsSUFBSSxRQUFRLHNCQUFzQixPQUFPO0FBQ2pHLFNBQU8scUJBQXFCLE1BQU0sUUFBUSxrQkFBa0IsR0FBRyxFQUFFLFlBQVksQ0FBQztBQUNoRjtBQUVBLFNBQVMsWUFBWSxNQUFjLE1BQWMsT0FBaUM7QUFDaEYsU0FBTyxlQUFlLElBQUksSUFBSSxJQUFJLEtBQUssWUFBWSxNQUFNLEtBQUssQ0FBQztBQUNqRTtBQUVBLFNBQVMsV0FBcUI7QUFDNUIsU0FBTyxDQUFDLEdBQUcsUUFBUSxPQUFPLENBQUMsRUFBRSxPQUFPLENBQUMsV0FBVyxDQUFDLE9BQU8sSUFBSSxFQUFFLElBQUksQ0FBQyxXQUFXLE9BQU8sSUFBSTtBQUMzRjs7O0FDMU1PLFNBQVMsZ0JBQ2QsUUFDQSxPQUNBLE9BQ0EsV0FDVTtBQUNWLE1BQUksT0FBTyxXQUFXLFNBQVUsUUFBTyxFQUFFLE1BQU0sT0FBTyxNQUFNLEdBQUcsVUFBVSxRQUFRLFVBQVUsTUFBTSxPQUFPO0FBQ3hHLE1BQUksQ0FBQyxPQUFPLFNBQVMsSUFBSSxFQUFHLFFBQU8sRUFBRSxNQUFNLFFBQVEsVUFBVSxRQUFRLFVBQVUsTUFBTSxPQUFPO0FBQzVGLFFBQU0sU0FBUyxDQUFJLFNBQXFCO0FBQ3RDLFFBQUk7QUFDRixhQUFPLEtBQUs7QUFBQSxJQUNkLFNBQVMsT0FBTztBQUNkLFlBQU0sVUFBVSxLQUFLLEVBQUUsR0FBRyxLQUFLO0FBQUEsSUFDakM7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRO0FBQUEsSUFBTyxNQUNuQixNQUFNLE1BQU0sRUFBRTtBQUFBLE1BQUksQ0FBQyxTQUNqQixVQUFVLE9BQU8sS0FBSyxPQUFPLE9BQU8sT0FBTyxVQUFVLEtBQUssWUFBWSxLQUFLLEdBQUcsRUFBRSxZQUFZLEtBQUssV0FBVyxDQUFDO0FBQUEsSUFDL0c7QUFBQSxFQUNGO0FBQ0EsUUFBTSxDQUFDLElBQUksSUFBSTtBQUNmLE1BQUksTUFBTSxXQUFXLEtBQUssT0FBTyxTQUFTLFNBQVUsUUFBTyxFQUFFLE1BQU0sUUFBUSxVQUFVLE1BQU0sVUFBVSxNQUFNLEtBQUs7QUFDaEgsUUFBTSxNQUNKLE1BQU0sV0FBVyxLQUFLLE9BQU8sU0FBUyxjQUFjLENBQUMsWUFDakQsQ0FBQyxNQUFrQixLQUFLLENBQUMsSUFDekIsQ0FBQyxNQUFrQixPQUFPLE9BQU8sR0FBRyxTQUFTO0FBQ25ELFNBQU87QUFBQSxJQUNMLE1BQU07QUFBQSxJQUNOLFVBQVU7QUFBQTtBQUFBLElBRVYsU0FBUyxHQUFHO0FBQ1YsVUFBSTtBQUNGLGVBQU8sSUFBSSxDQUFDO0FBQUEsTUFDZCxTQUFTLE9BQU87QUFDZCxjQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSztBQUFBLE1BQ2pDO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUdPLFNBQVMsY0FBYyxRQUEwQjtBQUN0RCxTQUFPLE1BQU0sTUFBTSxFQUFFLFFBQVEsQ0FBQyxTQUFVLGdCQUFnQixPQUFPLENBQUMsS0FBSyxVQUFVLElBQUksQ0FBQyxDQUFFO0FBQ3hGO0FBRUEsU0FBUyxVQUFVLFlBQW9CLE9BQXVCO0FBQzVELFNBQU8sa0JBQWtCLFlBQVksS0FBSztBQUM1QztBQUlBLFNBQVMsT0FBTyxPQUF1QixHQUFlLFdBQTBDO0FBQzlGLE1BQUksRUFBRSxPQUFRLFFBQU8sZUFBZSxPQUFPLEdBQUcsU0FBUztBQUN2RCxNQUFJLE9BQU87QUFDWCxhQUFXLFFBQVEsT0FBTztBQUN4QixRQUFJLE9BQU8sU0FBUyxTQUFVLFNBQVE7QUFBQSxTQUNqQztBQUNILFlBQU0sUUFBUSxTQUFTLEtBQUssQ0FBQyxHQUFhLE1BQU0sS0FBSyxZQUFZLFNBQVM7QUFDMUUsVUFBSSxVQUFVLFFBQVMsUUFBTztBQUM5QixjQUFRO0FBQUEsSUFDVjtBQUFBLEVBQ0Y7QUFDQSxTQUFPO0FBQ1Q7QUFHQSxTQUFTLGVBQWUsT0FBdUIsR0FBZSxXQUEwQztBQUN0RyxNQUFJLE9BQU87QUFDWCxRQUFNLFNBQThDLENBQUM7QUFDckQsYUFBVyxRQUFRLE9BQU87QUFDeEIsVUFBTSxDQUFDLE9BQU8sTUFBTSxJQUNsQixPQUFPLFNBQVMsV0FDWixDQUFDLE1BQU0sS0FBSyxJQUNaLEVBQUUsT0FBTyxNQUFNLFNBQVMsS0FBSyxDQUFDLEdBQWEsTUFBTSxLQUFLLFlBQVksU0FBUyxDQUFDO0FBQ2xGLFFBQUksVUFBVSxRQUFTLFFBQU87QUFDOUIsWUFBUTtBQUNSLFdBQU8sS0FBSyxFQUFFLE1BQU0sT0FBTyxPQUFPLENBQUM7QUFBQSxFQUNyQztBQUNBLElBQUUsU0FBUztBQUNYLFNBQU87QUFDVDtBQUdBLFNBQVMsU0FDUCxPQUNBLFFBQ0EsWUFDQSxXQUN5QjtBQUN6QixNQUFJLFVBQVUsUUFBUyxRQUFPLFdBQVcsV0FBVztBQUNwRCxNQUFJLE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDekIsVUFBTSxJQUFJLFFBQVEsb0JBQW9CO0FBQUEsTUFDcEMsTUFBTTtBQUFBLE1BQ04sUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxNQUFJLGlCQUFpQixZQUFZO0FBQy9CLFVBQU0sSUFBSSxRQUFRLG9CQUFvQjtBQUFBLE1BQ3BDLE1BQU07QUFBQSxNQUNOLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsU0FBTyxZQUFZLFVBQVUsT0FBTyxPQUFPLEtBQUssR0FBRyxRQUFRLFVBQVUsSUFBSSxPQUFPLEtBQUs7QUFDdkY7QUFLQSxTQUFTLE1BQU0sUUFBd0I7QUFDckMsUUFBTSxRQUFnQixDQUFDO0FBQ3ZCLE1BQUksT0FBTztBQUNYLE1BQUksS0FBSztBQUNULFNBQU8sS0FBSyxPQUFPLFFBQVE7QUFDekIsUUFBSSxPQUFPLFdBQVcsT0FBTyxFQUFFLEdBQUc7QUFDaEMsY0FBUTtBQUNSLFlBQU07QUFBQSxJQUNSLFdBQVcsT0FBTyxXQUFXLE1BQU0sRUFBRSxHQUFHO0FBQ3RDLFlBQU0sTUFBTSxRQUFRLFFBQVEsS0FBSyxDQUFDO0FBQ2xDLFVBQUksU0FBUyxHQUFJLE9BQU0sS0FBSyxFQUFFLEtBQUssQ0FBQztBQUNwQyxhQUFPO0FBQ1AsWUFBTSxLQUFLLEVBQUUsWUFBWSxPQUFPLE1BQU0sS0FBSyxHQUFHLEdBQUcsRUFBRSxDQUFDO0FBQ3BELFdBQUssTUFBTTtBQUFBLElBQ2IsT0FBTztBQUNMLGNBQVEsT0FBTyxFQUFFO0FBQ2pCLFlBQU07QUFBQSxJQUNSO0FBQUEsRUFDRjtBQUNBLE1BQUksU0FBUyxNQUFNLE1BQU0sV0FBVyxFQUFHLE9BQU0sS0FBSyxFQUFFLEtBQUssQ0FBQztBQUMxRCxTQUFPO0FBQ1Q7QUFFQSxTQUFTLFFBQVEsUUFBZ0IsT0FBdUI7QUFDdEQsTUFBSSxRQUFRO0FBQ1osV0FBUyxLQUFLLE9BQU8sS0FBSyxPQUFPLFFBQVEsTUFBTSxHQUFHO0FBQ2hELFVBQU0sT0FBTyxPQUFPLEVBQUU7QUFDdEIsUUFBSSxPQUFPO0FBQ1QsVUFBSSxTQUFTLEtBQU0sT0FBTTtBQUFBLGVBQ2hCLFNBQVMsTUFBTyxTQUFRO0FBQUEsSUFDbkMsV0FBVyxTQUFTLE9BQU8sU0FBUyxJQUFLLFNBQVE7QUFBQSxhQUN4QyxTQUFTLElBQUssUUFBTztBQUFBLEVBQ2hDO0FBQ0EsUUFBTSxjQUFjLE9BQU8sTUFBTSxLQUFLLEdBQUcsT0FBTyxTQUFTLE9BQU8sMEJBQTBCO0FBQzVGOyIsCiAgIm5hbWVzIjogWyJ0ZXh0T2YiLCAicHJvZ3JhbSJdCn0K
