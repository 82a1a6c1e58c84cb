import {
  containsMatch,
  loadRegexp,
  matchesWhole
} from "./chunk-36BGEIU2.js";
import {
  equalValues
} from "./chunk-WDD3S5O6.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import {
  Written,
  plain
} from "./chunk-XGDOGID3.js";

// src/core/place/json-path/functions.ts
var length = {
  name: "length",
  takes: ["value"],
  gives: "value",
  call([given]) {
    const value2 = plain(given);
    if (typeof value2 === "string") return [...value2].length;
    if (Array.isArray(value2)) return value2.length;
    return typeof value2 === "object" && value2 !== null ? Object.keys(value2).length : void 0;
  }
};
var count = {
  name: "count",
  takes: ["nodes"],
  gives: "value",
  call: ([nodes]) => nodes.length
};
var match = {
  name: "match",
  takes: ["value", "value"],
  gives: "logical",
  load: loadRegexp,
  call: ([text, pattern]) => typeof text === "string" && typeof pattern === "string" && matchesWhole(pattern, text)
};
var search = {
  name: "search",
  takes: ["value", "value"],
  gives: "logical",
  load: loadRegexp,
  call: ([text, pattern]) => typeof text === "string" && typeof pattern === "string" && containsMatch(pattern, text)
};
var value = {
  name: "value",
  takes: ["nodes"],
  gives: "value",
  call([nodes]) {
    const [first, ...more] = nodes;
    return more.length === 0 ? first : void 0;
  }
};
var functionExtensions = new Map(
  [length, count, match, search, value].map((extension) => [extension.name, extension])
);

// src/core/place/json-path/scanner.ts
var nameFirst = /[A-Za-z_\u{80}-\u{D7FF}\u{E000}-\u{10FFFF}]/u;
var nameChar = /[A-Za-z0-9_\u{80}-\u{D7FF}\u{E000}-\u{10FFFF}]/u;
var simpleEscapes = { b: "\b", f: "\f", n: "\n", r: "\r", t: "	", "/": "/", "\\": "\\" };
var Scanner = class {
  constructor(source) {
    this.source = source;
  }
  source;
  at = 0;
  get ended() {
    return this.at >= this.source.length;
  }
  startsWith(text) {
    return this.source.startsWith(text, this.at);
  }
  accept(text) {
    if (!this.startsWith(text)) return false;
    this.at += text.length;
    return true;
  }
  expect(text) {
    if (!this.accept(text)) this.fail(`expected ${text}`);
  }
  /** The longest match of a sticky pattern, or undefined. */
  take(pattern) {
    pattern.lastIndex = this.at;
    const found = pattern.exec(this.source)?.[0];
    if (found !== void 0) this.at += found.length;
    return found;
  }
  /** S, the optional blank space. */
  blanks() {
    this.take(/[ \t\n\r]*/y);
  }
  char() {
    const code = this.source.codePointAt(this.at);
    return code === void 0 ? void 0 : String.fromCodePoint(code);
  }
  /** member-name-shorthand, or undefined. */
  shorthandName() {
    let name = "";
    for (let char = this.char(); char !== void 0; char = this.char()) {
      if (!(name === "" ? nameFirst : nameChar).test(char)) break;
      name += char;
      this.at += char.length;
    }
    return name === "" ? void 0 : name;
  }
  /** int, within the exact range of I-JSON (section 2.1). */
  integer() {
    const text = this.take(/-?\d+/y);
    if (text === void 0) return void 0;
    if (!/^(?:0|-?[1-9]\d*)$/.test(text)) this.fail(`${text} is no integer`);
    const value2 = Number(text);
    if (!Number.isSafeInteger(value2)) this.fail(`${text} is beyond the exact range`);
    return value2;
  }
  /** string-literal, from its opening quote. */
  text() {
    const quote = this.source[this.at];
    if (quote !== '"' && quote !== "'") return void 0;
    this.at += 1;
    let value2 = "";
    for (; ; ) {
      const char = this.char();
      if (char === void 0) return this.fail("the quoted text is not closed");
      this.at += char.length;
      if (char === quote) return value2;
      const code = char.codePointAt(0);
      if (code < 32 || code >= 55296 && code <= 57343) this.fail("a character that must be escaped");
      value2 += char === "\\" ? this.escape(quote) : char;
    }
  }
  escape(quote) {
    const char = this.source[this.at] ?? "";
    this.at += 1;
    if (char === quote) return quote;
    if (char === "u") return this.unicode();
    return simpleEscapes[char] ?? this.fail(`\\${char} is no escape`);
  }
  unicode() {
    const high = Number.parseInt(this.take(/[0-9A-Fa-f]{4}/y) ?? this.fail("four hexadecimal digits are missing"), 16);
    if (high >= 56320 && high <= 57343) this.fail("a low surrogate without its high one");
    if (high < 55296 || high > 56319) return String.fromCharCode(high);
    const second = this.take(/\\u[0-9A-Fa-f]{4}/y) ?? this.fail("a high surrogate without its low one");
    const low = Number.parseInt(second.slice(2), 16);
    if (low < 56320 || low > 57343) this.fail("a high surrogate without its low one");
    return String.fromCharCode(high, low);
  }
  fail(what) {
    throw new Problem("place-syntax", {
      what: `the place ${this.source} is not a JSONPath of RFC 9535: ${what}`,
      excerpt: `${this.source}
${" ".repeat(Math.min(this.at, this.source.length))}^`,
      remedy: 'write $.name, $.items[0].id, $.items[*].id or $.items[?@.state == "open"].id',
      data: { place: this.source, offset: this.at }
    });
  }
};

// src/core/place/json-path/syntax.ts
function isSingular(query) {
  return query.segments.every(
    ({ descendant, selectors: [only, ...more] }) => !descendant && more.length === 0 && (only?.kind === "name" || only?.kind === "index")
  );
}

// src/core/place/json-path/parser.ts
function parseQuery(source) {
  const scan = new Scanner(source);
  scan.expect("$");
  const query = { root: "$", segments: segments(scan) };
  if (!scan.ended) scan.fail("nothing more can follow here");
  return query;
}
function segments(scan) {
  const found = [];
  for (; ; ) {
    const before = scan.at;
    scan.blanks();
    const next = segment(scan);
    if (!next) {
      scan.at = before;
      return found;
    }
    found.push(next);
  }
}
function segment(scan) {
  if (scan.accept("..")) {
    const selectors2 = bracketed(scan) ?? [shorthand(scan)];
    return { descendant: true, selectors: selectors2 };
  }
  if (scan.accept(".")) return { descendant: false, selectors: [shorthand(scan)] };
  const selectors = bracketed(scan);
  return selectors && { descendant: false, selectors };
}
function shorthand(scan) {
  if (scan.accept("*")) return { kind: "wildcard" };
  const name = scan.shorthandName();
  return name === void 0 ? scan.fail("expected a name or *") : { kind: "name", name };
}
function bracketed(scan) {
  if (!scan.accept("[")) return void 0;
  const found = [];
  do {
    scan.blanks();
    found.push(selector(scan));
    scan.blanks();
  } while (scan.accept(","));
  scan.expect("]");
  return found;
}
function selector(scan) {
  if (scan.accept("*")) return { kind: "wildcard" };
  if (scan.accept("?")) {
    scan.blanks();
    return { kind: "filter", test: logicalOr(scan) };
  }
  const name = scan.text();
  if (name !== void 0) return { kind: "name", name };
  return indexOrSlice(scan);
}
function indexOrSlice(scan) {
  const start = scan.integer();
  const afterStart = scan.at;
  scan.blanks();
  if (!scan.accept(":")) {
    scan.at = afterStart;
    return start === void 0 ? scan.fail("expected a name in quotes, a number, * or ?") : { kind: "index", index: start };
  }
  scan.blanks();
  const end = scan.integer();
  const beforeColon = scan.at;
  scan.blanks();
  let step;
  if (scan.accept(":")) {
    const afterColon = scan.at;
    scan.blanks();
    step = scan.integer();
    if (step === void 0) scan.at = afterColon;
  } else scan.at = beforeColon;
  return { kind: "slice", start, end, step: step ?? 1 };
}
function logicalOr(scan) {
  return chain(scan, "||", "or", logicalAnd);
}
function logicalAnd(scan) {
  return chain(scan, "&&", "and", basic);
}
function chain(scan, mark, kind, part) {
  const parts = [part(scan)];
  for (; ; ) {
    const before = scan.at;
    scan.blanks();
    if (!scan.accept(mark)) {
      scan.at = before;
      return parts.length === 1 ? parts[0] : { kind, parts };
    }
    scan.blanks();
    parts.push(part(scan));
  }
}
function basic(scan) {
  if (scan.startsWith("!") && !scan.startsWith("!=")) {
    scan.accept("!");
    scan.blanks();
    const part = scan.startsWith("(") ? parenthesis(scan) : test(scan, comparable(scan));
    return { kind: "not", part };
  }
  if (scan.startsWith("(")) return parenthesis(scan);
  const left = comparable(scan);
  const before = scan.at;
  scan.blanks();
  const operator = scan.take(/==|!=|<=|>=|<|>/y);
  if (operator === void 0) {
    scan.at = before;
    return test(scan, left);
  }
  scan.blanks();
  return { kind: "compare", operator, left: operand(scan, left), right: operand(scan, comparable(scan)) };
}
function parenthesis(scan) {
  scan.expect("(");
  scan.blanks();
  const inner = logicalOr(scan);
  scan.blanks();
  scan.expect(")");
  return inner;
}
function test(scan, given) {
  if (given.kind === "query") return { kind: "exists", query: given.query };
  if (given.kind === "literal") return scan.fail("a literal must be compared with something");
  if (givenType(given.call) === "value")
    return scan.fail(`the result of ${given.call.name} must be compared with something`);
  return { kind: "call", call: given.call };
}
function operand(scan, given) {
  if (given.kind === "query" && !isSingular(given.query))
    return scan.fail("a query that is compared must yield one node at most");
  if (given.kind === "call" && givenType(given.call) !== "value")
    return scan.fail(`the result of ${given.call.name} cannot be compared`);
  return given;
}
function comparable(scan) {
  const root = scan.startsWith("$") ? "$" : scan.startsWith("@") ? "@" : void 0;
  if (root) {
    scan.accept(root);
    return { kind: "query", query: { root, segments: segments(scan) } };
  }
  const text = scan.text();
  if (text !== void 0) return { kind: "literal", value: text };
  const number = scan.take(/-?\d+(?:\.\d+)?(?:[eE][+-]?\d+)?/y);
  if (number !== void 0) {
    if (!/^-?(?:0|[1-9]\d*)(?!\d)/.test(number)) scan.fail(`${number} is no number`);
    return { kind: "literal", value: Number(number) };
  }
  const word = scan.take(/[a-z][a-z0-9_]*/y);
  if (word === void 0) return scan.fail("expected a query, a value or a function");
  if (scan.startsWith("(")) return { kind: "call", call: call(scan, word) };
  const constants = { true: true, false: false, null: null };
  const value2 = Object.hasOwn(constants, word) ? constants[word] : void 0;
  return value2 === void 0 ? scan.fail(`${word} is not a value`) : { kind: "literal", value: value2 };
}
var givenType = (call2) => functionExtensions.get(call2.name)?.gives ?? "value";
function call(scan, name) {
  const extension = functionExtensions.get(name);
  if (!extension) return scan.fail(`there is no function ${name}; known: ${[...functionExtensions.keys()].join(", ")}`);
  scan.expect("(");
  scan.blanks();
  const args = [];
  if (!scan.startsWith(")")) {
    do {
      scan.blanks();
      args.push(comparable(scan));
      scan.blanks();
    } while (scan.accept(","));
  }
  scan.expect(")");
  if (args.length !== extension.takes.length) scan.fail(`${name} takes ${extension.takes.length} argument(s)`);
  args.forEach((arg, index) => {
    const wanted = extension.takes[index];
    if (wanted === "nodes" && arg.kind !== "query") scan.fail(`${name} takes a query`);
    if (wanted === "value") operand(scan, arg);
  });
  return { name, args };
}

// src/core/place/json-path/compile.ts
function compileJsonPath(source, loads) {
  const query = parseQuery(source);
  const nodes = nodesOf(query, loads);
  return { source, query, singular: isSingular(query), select: (root) => nodes(root, root) };
}
function nodesOf(query, loads) {
  const fromRoot = query.root === "$";
  const keys = isSingular(query) ? query.segments.map(({ selectors: [only] }) => singularKey(only)) : void 0;
  if (keys) {
    return (root, current) => {
      let value2 = fromRoot ? root : current;
      for (const key of keys) {
        value2 = child(value2, key);
        if (value2 === void 0) return [];
      }
      return [value2];
    };
  }
  const steps = query.segments.map(({ descendant, selectors }) => {
    const picks = selectors.map((selector2) => picker(selector2, loads));
    return (root, from) => {
      const found = [];
      for (const value2 of descendant ? from.flatMap(withDescendants) : from)
        for (const pick of picks) pick(value2, found, root);
      return found;
    };
  });
  return (root, current) => {
    let values = [fromRoot ? root : current];
    for (const step of steps) values = step(root, values);
    return values;
  };
}
function singularKey(selector2) {
  return selector2.kind === "name" ? selector2.name : selector2.kind === "index" ? selector2.index : 0;
}
function child(value2, key) {
  if (typeof value2 !== "object" || value2 === null || value2 instanceof Written) return void 0;
  if (Array.isArray(value2)) return typeof key === "number" ? value2.at(key) : void 0;
  if (typeof key === "number") return void 0;
  return Object.hasOwn(value2, key) ? value2[key] : void 0;
}
function children(value2) {
  if (typeof value2 !== "object" || value2 === null || value2 instanceof Written) return [];
  return Array.isArray(value2) ? value2 : Object.values(value2);
}
function withDescendants(value2) {
  const found = [];
  const open = [value2];
  for (let next = open.pop(); next !== void 0; next = open.pop()) {
    found.push(next);
    const below = children(next);
    for (let index = below.length - 1; index >= 0; index -= 1) open.push(below[index]);
  }
  return found;
}
function picker(selector2, loads) {
  switch (selector2.kind) {
    case "name":
    case "index": {
      const key = singularKey(selector2);
      return (value2, into) => {
        const found = child(value2, key);
        if (found !== void 0) into.push(found);
      };
    }
    case "wildcard":
      return (value2, into) => {
        for (const item of children(value2)) into.push(item);
      };
    case "slice":
      return (value2, into) => {
        if (Array.isArray(value2)) for (const index of slice(selector2, value2.length)) into.push(value2[index]);
      };
    case "filter": {
      const test2 = testOf(selector2.test, loads);
      return (value2, into, root) => {
        for (const item of children(value2)) if (test2(root, item)) into.push(item);
      };
    }
  }
}
function* slice({ start, end, step }, length2) {
  if (step === 0) return;
  const normal = (index) => index >= 0 ? index : length2 + index;
  const from = normal(start ?? (step > 0 ? 0 : length2 - 1));
  const to = end === void 0 ? step > 0 ? length2 : -1 : normal(end);
  if (step > 0) for (let at = Math.max(from, 0); at < Math.min(to, length2); at += step) yield at;
  else for (let at = Math.min(from, length2 - 1); at > Math.max(to, -1); at += step) yield at;
}
function testOf(logical, loads) {
  switch (logical.kind) {
    case "or": {
      const parts = logical.parts.map((part) => testOf(part, loads));
      return (root, current) => parts.some((part) => part(root, current));
    }
    case "and": {
      const parts = logical.parts.map((part) => testOf(part, loads));
      return (root, current) => parts.every((part) => part(root, current));
    }
    case "not": {
      const part = testOf(logical.part, loads);
      return (root, current) => !part(root, current);
    }
    case "exists": {
      const nodes = nodesOf(logical.query, loads);
      return (root, current) => nodes(root, current).length > 0;
    }
    case "call": {
      const call2 = callOf(logical.call, loads);
      return (root, current) => call2(root, current) === true;
    }
    case "compare": {
      const [left, right] = [valueFor(logical.left, loads), valueFor(logical.right, loads)];
      const holds = comparison(logical.operator);
      return (root, current) => holds(left(root, current), right(root, current));
    }
  }
}
function valueFor(given, loads) {
  if (given.kind === "literal") return () => given.value;
  if (given.kind === "call") return callOf(given.call, loads);
  const nodes = nodesOf(given.query, loads);
  return (root, current) => nodes(root, current)[0];
}
function callOf(call2, loads) {
  const extension = functionExtensions.get(call2.name);
  if (!extension) throw new Error(`function ${call2.name} passed the parser`);
  if (extension.load) loads.push(extension.load());
  const args = call2.args.map(
    (arg, index) => extension.takes[index] === "nodes" && arg.kind === "query" ? nodesOf(arg.query, loads) : valueFor(arg, loads)
  );
  return (root, current) => extension.call(args.map((arg) => arg(root, current)));
}
function comparison(operator) {
  switch (operator) {
    case "==":
      return equalValues;
    case "!=":
      return (left, right) => !equalValues(left, right);
    case "<":
      return less;
    case ">":
      return (left, right) => less(right, left);
    case "<=":
      return (left, right) => less(left, right) || equalValues(left, right);
    case ">=":
      return (left, right) => less(right, left) || equalValues(left, right);
  }
}
function less(left, right) {
  const [a, b] = [plain(left), plain(right)];
  if (typeof a === "number" && typeof b === "number") return a < b;
  return typeof a === "string" && typeof b === "string" && Buffer.compare(Buffer.from(a), Buffer.from(b)) < 0;
}

export {
  compileJsonPath,
  child
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvcGxhY2UvanNvbi1wYXRoL2Z1bmN0aW9ucy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9wbGFjZS9qc29uLXBhdGgvc2Nhbm5lci50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9wbGFjZS9qc29uLXBhdGgvc3ludGF4LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3BsYWNlL2pzb24tcGF0aC9wYXJzZXIudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvcGxhY2UvanNvbi1wYXRoL2NvbXBpbGUudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUgZnVuY3Rpb24gZXh0ZW5zaW9ucyBvZiBSRkMgOTUzNSBzZWN0aW9uIDIuNC4gKi9cbmltcG9ydCB7IHBsYWluLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBjb250YWluc01hdGNoLCBsb2FkUmVnZXhwLCBtYXRjaGVzV2hvbGUgfSBmcm9tICcuL3JlZ2V4cC5qcyc7XG5cbi8qKiBUaGUgdHlwZXMgb2Ygc2VjdGlvbiAyLjQuMS4gKi9cbmV4cG9ydCB0eXBlIEZ1bmN0aW9uVHlwZSA9ICd2YWx1ZScgfCAnbG9naWNhbCcgfCAnbm9kZXMnO1xuXG4vKiogdW5kZWZpbmVkIHN0YW5kcyBmb3IgdGhlIHNwZWNpYWwgcmVzdWx0IE5vdGhpbmcuICovXG5leHBvcnQgdHlwZSBWYWx1ZU9yTm90aGluZyA9IFZhbHVlIHwgdW5kZWZpbmVkO1xuXG5leHBvcnQgaW50ZXJmYWNlIEZ1bmN0aW9uRXh0ZW5zaW9uIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSB0YWtlczogcmVhZG9ubHkgRnVuY3Rpb25UeXBlW107XG4gIHJlYWRvbmx5IGdpdmVzOiBGdW5jdGlvblR5cGU7XG4gIHJlYWRvbmx5IGxvYWQ/OiAoKSA9PiBQcm9taXNlPHVua25vd24+O1xuICAvKiogQXJndW1lbnRzIGJ5IHRoZWlyIHR5cGU6IGEgdmFsdWUgb3IgTm90aGluZywgb3IgYSBsaXN0IG9mIG5vZGUgdmFsdWVzLiAqL1xuICBjYWxsKGFyZ3M6IHJlYWRvbmx5IChWYWx1ZU9yTm90aGluZyB8IHJlYWRvbmx5IFZhbHVlW10pW10pOiBWYWx1ZU9yTm90aGluZyB8IGJvb2xlYW47XG59XG5cbi8qKiBTZWN0aW9uIDIuNC40OiBVbmljb2RlIHNjYWxhciB2YWx1ZXMsIGl0ZW1zIG9yIG1lbWJlcnMuICovXG5jb25zdCBsZW5ndGg6IEZ1bmN0aW9uRXh0ZW5zaW9uID0ge1xuICBuYW1lOiAnbGVuZ3RoJyxcbiAgdGFrZXM6IFsndmFsdWUnXSxcbiAgZ2l2ZXM6ICd2YWx1ZScsXG4gIGNhbGwoW2dpdmVuXSkge1xuICAgIGNvbnN0IHZhbHVlID0gcGxhaW4oZ2l2ZW4gYXMgVmFsdWVPck5vdGhpbmcpO1xuICAgIGlmICh0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnKSByZXR1cm4gWy4uLnZhbHVlXS5sZW5ndGg7XG4gICAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSByZXR1cm4gdmFsdWUubGVuZ3RoO1xuICAgIHJldHVybiB0eXBlb2YgdmFsdWUgPT09ICdvYmplY3QnICYmIHZhbHVlICE9PSBudWxsID8gT2JqZWN0LmtleXModmFsdWUpLmxlbmd0aCA6IHVuZGVmaW5lZDtcbiAgfSxcbn07XG5cbi8qKiBTZWN0aW9uIDIuNC41LiAqL1xuY29uc3QgY291bnQ6IEZ1bmN0aW9uRXh0ZW5zaW9uID0ge1xuICBuYW1lOiAnY291bnQnLFxuICB0YWtlczogWydub2RlcyddLFxuICBnaXZlczogJ3ZhbHVlJyxcbiAgY2FsbDogKFtub2Rlc10pID0+IChub2RlcyBhcyByZWFkb25seSBWYWx1ZVtdKS5sZW5ndGgsXG59O1xuXG4vKiogU2VjdGlvbiAyLjQuNi4gKi9cbmNvbnN0IG1hdGNoOiBGdW5jdGlvbkV4dGVuc2lvbiA9IHtcbiAgbmFtZTogJ21hdGNoJyxcbiAgdGFrZXM6IFsndmFsdWUnLCAndmFsdWUnXSxcbiAgZ2l2ZXM6ICdsb2dpY2FsJyxcbiAgbG9hZDogbG9hZFJlZ2V4cCxcbiAgY2FsbDogKFt0ZXh0LCBwYXR0ZXJuXSkgPT4gdHlwZW9mIHRleHQgPT09ICdzdHJpbmcnICYmIHR5cGVvZiBwYXR0ZXJuID09PSAnc3RyaW5nJyAmJiBtYXRjaGVzV2hvbGUocGF0dGVybiwgdGV4dCksXG59O1xuXG4vKiogU2VjdGlvbiAyLjQuNy4gKi9cbmNvbnN0IHNlYXJjaDogRnVuY3Rpb25FeHRlbnNpb24gPSB7XG4gIG5hbWU6ICdzZWFyY2gnLFxuICB0YWtlczogWyd2YWx1ZScsICd2YWx1ZSddLFxuICBnaXZlczogJ2xvZ2ljYWwnLFxuICBsb2FkOiBsb2FkUmVnZXhwLFxuICBjYWxsOiAoW3RleHQsIHBhdHRlcm5dKSA9PiB0eXBlb2YgdGV4dCA9PT0gJ3N0cmluZycgJiYgdHlwZW9mIHBhdHRlcm4gPT09ICdzdHJpbmcnICYmIGNvbnRhaW5zTWF0Y2gocGF0dGVybiwgdGV4dCksXG59O1xuXG4vKiogU2VjdGlvbiAyLjQuOC4gKi9cbmNvbnN0IHZhbHVlOiBGdW5jdGlvbkV4dGVuc2lvbiA9IHtcbiAgbmFtZTogJ3ZhbHVlJyxcbiAgdGFrZXM6IFsnbm9kZXMnXSxcbiAgZ2l2ZXM6ICd2YWx1ZScsXG4gIGNhbGwoW25vZGVzXSkge1xuICAgIGNvbnN0IFtmaXJzdCwgLi4ubW9yZV0gPSBub2RlcyBhcyByZWFkb25seSBWYWx1ZVtdO1xuICAgIHJldHVybiBtb3JlLmxlbmd0aCA9PT0gMCA/IGZpcnN0IDogdW5kZWZpbmVkO1xuICB9LFxufTtcblxuZXhwb3J0IGNvbnN0IGZ1bmN0aW9uRXh0ZW5zaW9uczogUmVhZG9ubHlNYXA8c3RyaW5nLCBGdW5jdGlvbkV4dGVuc2lvbj4gPSBuZXcgTWFwKFxuICBbbGVuZ3RoLCBjb3VudCwgbWF0Y2gsIHNlYXJjaCwgdmFsdWVdLm1hcCgoZXh0ZW5zaW9uKSA9PiBbZXh0ZW5zaW9uLm5hbWUsIGV4dGVuc2lvbl0pLFxuKTtcbiIsICIvKiogQ2hhcmFjdGVycyBvZiBhIHF1ZXJ5LCB3aXRoIHRoZSBmZXcgbGV4aWNhbCBmb3JtcyB0aGF0IFJGQyA5NTM1IHNoYXJlcyBiZXR3ZWVuIGl0cyBydWxlcy4gKi9cbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuXG5jb25zdCBuYW1lRmlyc3QgPSAvW0EtWmEtel9cXHV7ODB9LVxcdXtEN0ZGfVxcdXtFMDAwfS1cXHV7MTBGRkZGfV0vdTtcbmNvbnN0IG5hbWVDaGFyID0gL1tBLVphLXowLTlfXFx1ezgwfS1cXHV7RDdGRn1cXHV7RTAwMH0tXFx1ezEwRkZGRn1dL3U7XG5jb25zdCBzaW1wbGVFc2NhcGVzOiBSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+ID0geyBiOiAnXFxiJywgZjogJ1xcZicsIG46ICdcXG4nLCByOiAnXFxyJywgdDogJ1xcdCcsICcvJzogJy8nLCAnXFxcXCc6ICdcXFxcJyB9O1xuXG5leHBvcnQgY2xhc3MgU2Nhbm5lciB7XG4gIGF0ID0gMDtcblxuICBjb25zdHJ1Y3RvcihyZWFkb25seSBzb3VyY2U6IHN0cmluZykge31cblxuICBnZXQgZW5kZWQoKTogYm9vbGVhbiB7XG4gICAgcmV0dXJuIHRoaXMuYXQgPj0gdGhpcy5zb3VyY2UubGVuZ3RoO1xuICB9XG5cbiAgc3RhcnRzV2l0aCh0ZXh0OiBzdHJpbmcpOiBib29sZWFuIHtcbiAgICByZXR1cm4gdGhpcy5zb3VyY2Uuc3RhcnRzV2l0aCh0ZXh0LCB0aGlzLmF0KTtcbiAgfVxuXG4gIGFjY2VwdCh0ZXh0OiBzdHJpbmcpOiBib29sZWFuIHtcbiAgICBpZiAoIXRoaXMuc3RhcnRzV2l0aCh0ZXh0KSkgcmV0dXJuIGZhbHNlO1xuICAgIHRoaXMuYXQgKz0gdGV4dC5sZW5ndGg7XG4gICAgcmV0dXJuIHRydWU7XG4gIH1cblxuICBleHBlY3QodGV4dDogc3RyaW5nKTogdm9pZCB7XG4gICAgaWYgKCF0aGlzLmFjY2VwdCh0ZXh0KSkgdGhpcy5mYWlsKGBleHBlY3RlZCAke3RleHR9YCk7XG4gIH1cblxuICAvKiogVGhlIGxvbmdlc3QgbWF0Y2ggb2YgYSBzdGlja3kgcGF0dGVybiwgb3IgdW5kZWZpbmVkLiAqL1xuICB0YWtlKHBhdHRlcm46IFJlZ0V4cCk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gICAgcGF0dGVybi5sYXN0SW5kZXggPSB0aGlzLmF0O1xuICAgIGNvbnN0IGZvdW5kID0gcGF0dGVybi5leGVjKHRoaXMuc291cmNlKT8uWzBdO1xuICAgIGlmIChmb3VuZCAhPT0gdW5kZWZpbmVkKSB0aGlzLmF0ICs9IGZvdW5kLmxlbmd0aDtcbiAgICByZXR1cm4gZm91bmQ7XG4gIH1cblxuICAvKiogUywgdGhlIG9wdGlvbmFsIGJsYW5rIHNwYWNlLiAqL1xuICBibGFua3MoKTogdm9pZCB7XG4gICAgdGhpcy50YWtlKC9bIFxcdFxcblxccl0qL3kpO1xuICB9XG5cbiAgcHJpdmF0ZSBjaGFyKCk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gICAgY29uc3QgY29kZSA9IHRoaXMuc291cmNlLmNvZGVQb2ludEF0KHRoaXMuYXQpO1xuICAgIHJldHVybiBjb2RlID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBTdHJpbmcuZnJvbUNvZGVQb2ludChjb2RlKTtcbiAgfVxuXG4gIC8qKiBtZW1iZXItbmFtZS1zaG9ydGhhbmQsIG9yIHVuZGVmaW5lZC4gKi9cbiAgc2hvcnRoYW5kTmFtZSgpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICAgIGxldCBuYW1lID0gJyc7XG4gICAgZm9yIChsZXQgY2hhciA9IHRoaXMuY2hhcigpOyBjaGFyICE9PSB1bmRlZmluZWQ7IGNoYXIgPSB0aGlzLmNoYXIoKSkge1xuICAgICAgaWYgKCEobmFtZSA9PT0gJycgPyBuYW1lRmlyc3QgOiBuYW1lQ2hhcikudGVzdChjaGFyKSkgYnJlYWs7XG4gICAgICBuYW1lICs9IGNoYXI7XG4gICAgICB0aGlzLmF0ICs9IGNoYXIubGVuZ3RoO1xuICAgIH1cbiAgICByZXR1cm4gbmFtZSA9PT0gJycgPyB1bmRlZmluZWQgOiBuYW1lO1xuICB9XG5cbiAgLyoqIGludCwgd2l0aGluIHRoZSBleGFjdCByYW5nZSBvZiBJLUpTT04gKHNlY3Rpb24gMi4xKS4gKi9cbiAgaW50ZWdlcigpOiBudW1iZXIgfCB1bmRlZmluZWQge1xuICAgIGNvbnN0IHRleHQgPSB0aGlzLnRha2UoLy0/XFxkKy95KTtcbiAgICBpZiAodGV4dCA9PT0gdW5kZWZpbmVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGlmICghL14oPzowfC0/WzEtOV1cXGQqKSQvLnRlc3QodGV4dCkpIHRoaXMuZmFpbChgJHt0ZXh0fSBpcyBubyBpbnRlZ2VyYCk7XG4gICAgY29uc3QgdmFsdWUgPSBOdW1iZXIodGV4dCk7XG4gICAgaWYgKCFOdW1iZXIuaXNTYWZlSW50ZWdlcih2YWx1ZSkpIHRoaXMuZmFpbChgJHt0ZXh0fSBpcyBiZXlvbmQgdGhlIGV4YWN0IHJhbmdlYCk7XG4gICAgcmV0dXJuIHZhbHVlO1xuICB9XG5cbiAgLyoqIHN0cmluZy1saXRlcmFsLCBmcm9tIGl0cyBvcGVuaW5nIHF1b3RlLiAqL1xuICB0ZXh0KCk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gICAgY29uc3QgcXVvdGUgPSB0aGlzLnNvdXJjZVt0aGlzLmF0XTtcbiAgICBpZiAocXVvdGUgIT09ICdcIicgJiYgcXVvdGUgIT09IFwiJ1wiKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIHRoaXMuYXQgKz0gMTtcbiAgICBsZXQgdmFsdWUgPSAnJztcbiAgICBmb3IgKDs7KSB7XG4gICAgICBjb25zdCBjaGFyID0gdGhpcy5jaGFyKCk7XG4gICAgICBpZiAoY2hhciA9PT0gdW5kZWZpbmVkKSByZXR1cm4gdGhpcy5mYWlsKCd0aGUgcXVvdGVkIHRleHQgaXMgbm90IGNsb3NlZCcpO1xuICAgICAgdGhpcy5hdCArPSBjaGFyLmxlbmd0aDtcbiAgICAgIGlmIChjaGFyID09PSBxdW90ZSkgcmV0dXJuIHZhbHVlO1xuICAgICAgY29uc3QgY29kZSA9IGNoYXIuY29kZVBvaW50QXQoMCkgYXMgbnVtYmVyO1xuICAgICAgaWYgKGNvZGUgPCAweDIwIHx8IChjb2RlID49IDB4ZDgwMCAmJiBjb2RlIDw9IDB4ZGZmZikpIHRoaXMuZmFpbCgnYSBjaGFyYWN0ZXIgdGhhdCBtdXN0IGJlIGVzY2FwZWQnKTtcbiAgICAgIHZhbHVlICs9IGNoYXIgPT09ICdcXFxcJyA/IHRoaXMuZXNjYXBlKHF1b3RlKSA6IGNoYXI7XG4gICAgfVxuICB9XG5cbiAgcHJpdmF0ZSBlc2NhcGUocXVvdGU6IHN0cmluZyk6IHN0cmluZyB7XG4gICAgY29uc3QgY2hhciA9IHRoaXMuc291cmNlW3RoaXMuYXRdID8/ICcnO1xuICAgIHRoaXMuYXQgKz0gMTtcbiAgICBpZiAoY2hhciA9PT0gcXVvdGUpIHJldHVybiBxdW90ZTtcbiAgICBpZiAoY2hhciA9PT0gJ3UnKSByZXR1cm4gdGhpcy51bmljb2RlKCk7XG4gICAgcmV0dXJuIHNpbXBsZUVzY2FwZXNbY2hhcl0gPz8gdGhpcy5mYWlsKGBcXFxcJHtjaGFyfSBpcyBubyBlc2NhcGVgKTtcbiAgfVxuXG4gIHByaXZhdGUgdW5pY29kZSgpOiBzdHJpbmcge1xuICAgIGNvbnN0IGhpZ2ggPSBOdW1iZXIucGFyc2VJbnQodGhpcy50YWtlKC9bMC05QS1GYS1mXXs0fS95KSA/PyB0aGlzLmZhaWwoJ2ZvdXIgaGV4YWRlY2ltYWwgZGlnaXRzIGFyZSBtaXNzaW5nJyksIDE2KTtcbiAgICBpZiAoaGlnaCA+PSAweGRjMDAgJiYgaGlnaCA8PSAweGRmZmYpIHRoaXMuZmFpbCgnYSBsb3cgc3Vycm9nYXRlIHdpdGhvdXQgaXRzIGhpZ2ggb25lJyk7XG4gICAgaWYgKGhpZ2ggPCAweGQ4MDAgfHwgaGlnaCA+IDB4ZGJmZikgcmV0dXJuIFN0cmluZy5mcm9tQ2hhckNvZGUoaGlnaCk7XG4gICAgY29uc3Qgc2Vjb25kID0gdGhpcy50YWtlKC9cXFxcdVswLTlBLUZhLWZdezR9L3kpID8/IHRoaXMuZmFpbCgnYSBoaWdoIHN1cnJvZ2F0ZSB3aXRob3V0IGl0cyBsb3cgb25lJyk7XG4gICAgY29uc3QgbG93ID0gTnVtYmVyLnBhcnNlSW50KHNlY29uZC5zbGljZSgyKSwgMTYpO1xuICAgIGlmIChsb3cgPCAweGRjMDAgfHwgbG93ID4gMHhkZmZmKSB0aGlzLmZhaWwoJ2EgaGlnaCBzdXJyb2dhdGUgd2l0aG91dCBpdHMgbG93IG9uZScpO1xuICAgIHJldHVybiBTdHJpbmcuZnJvbUNoYXJDb2RlKGhpZ2gsIGxvdyk7XG4gIH1cblxuICBmYWlsKHdoYXQ6IHN0cmluZyk6IG5ldmVyIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgncGxhY2Utc3ludGF4Jywge1xuICAgICAgd2hhdDogYHRoZSBwbGFjZSAke3RoaXMuc291cmNlfSBpcyBub3QgYSBKU09OUGF0aCBvZiBSRkMgOTUzNTogJHt3aGF0fWAsXG4gICAgICBleGNlcnB0OiBgJHt0aGlzLnNvdXJjZX1cXG4keycgJy5yZXBlYXQoTWF0aC5taW4odGhpcy5hdCwgdGhpcy5zb3VyY2UubGVuZ3RoKSl9XmAsXG4gICAgICByZW1lZHk6ICd3cml0ZSAkLm5hbWUsICQuaXRlbXNbMF0uaWQsICQuaXRlbXNbKl0uaWQgb3IgJC5pdGVtc1s/QC5zdGF0ZSA9PSBcIm9wZW5cIl0uaWQnLFxuICAgICAgZGF0YTogeyBwbGFjZTogdGhpcy5zb3VyY2UsIG9mZnNldDogdGhpcy5hdCB9LFxuICAgIH0pO1xuICB9XG59XG4iLCAiLyoqIFRoZSBzeW50YXggdHJlZSBvZiBhIEpTT05QYXRoIHF1ZXJ5LCBpbiB0aGUgd29yZHMgb2YgUkZDIDk1MzUgc2VjdGlvbiAyLiAqL1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFF1ZXJ5IHtcbiAgcmVhZG9ubHkgcm9vdDogJyQnIHwgJ0AnO1xuICByZWFkb25seSBzZWdtZW50czogcmVhZG9ubHkgU2VnbWVudFtdO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIFNlZ21lbnQge1xuICByZWFkb25seSBkZXNjZW5kYW50OiBib29sZWFuO1xuICByZWFkb25seSBzZWxlY3RvcnM6IHJlYWRvbmx5IFNlbGVjdG9yW107XG59XG5cbmV4cG9ydCB0eXBlIFNlbGVjdG9yID1cbiAgfCB7IHJlYWRvbmx5IGtpbmQ6ICduYW1lJzsgcmVhZG9ubHkgbmFtZTogc3RyaW5nIH1cbiAgfCB7IHJlYWRvbmx5IGtpbmQ6ICdpbmRleCc7IHJlYWRvbmx5IGluZGV4OiBudW1iZXIgfVxuICB8IHsgcmVhZG9ubHkga2luZDogJ3dpbGRjYXJkJyB9XG4gIHwge1xuICAgICAgcmVhZG9ubHkga2luZDogJ3NsaWNlJztcbiAgICAgIHJlYWRvbmx5IHN0YXJ0OiBudW1iZXIgfCB1bmRlZmluZWQ7XG4gICAgICByZWFkb25seSBlbmQ6IG51bWJlciB8IHVuZGVmaW5lZDtcbiAgICAgIHJlYWRvbmx5IHN0ZXA6IG51bWJlcjtcbiAgICB9XG4gIHwgeyByZWFkb25seSBraW5kOiAnZmlsdGVyJzsgcmVhZG9ubHkgdGVzdDogTG9naWNhbCB9O1xuXG5leHBvcnQgdHlwZSBMb2dpY2FsID1cbiAgfCB7IHJlYWRvbmx5IGtpbmQ6ICdvcicgfCAnYW5kJzsgcmVhZG9ubHkgcGFydHM6IHJlYWRvbmx5IExvZ2ljYWxbXSB9XG4gIHwgeyByZWFkb25seSBraW5kOiAnbm90JzsgcmVhZG9ubHkgcGFydDogTG9naWNhbCB9XG4gIHwgeyByZWFkb25seSBraW5kOiAnZXhpc3RzJzsgcmVhZG9ubHkgcXVlcnk6IFF1ZXJ5IH1cbiAgfCB7IHJlYWRvbmx5IGtpbmQ6ICdjYWxsJzsgcmVhZG9ubHkgY2FsbDogQ2FsbCB9XG4gIHwgeyByZWFkb25seSBraW5kOiAnY29tcGFyZSc7IHJlYWRvbmx5IG9wZXJhdG9yOiBPcGVyYXRvcjsgcmVhZG9ubHkgbGVmdDogQ29tcGFyYWJsZTsgcmVhZG9ubHkgcmlnaHQ6IENvbXBhcmFibGUgfTtcblxuZXhwb3J0IHR5cGUgT3BlcmF0b3IgPSAnPT0nIHwgJyE9JyB8ICc8JyB8ICc8PScgfCAnPicgfCAnPj0nO1xuXG5leHBvcnQgdHlwZSBDb21wYXJhYmxlID1cbiAgfCB7IHJlYWRvbmx5IGtpbmQ6ICdsaXRlcmFsJzsgcmVhZG9ubHkgdmFsdWU6IFZhbHVlIH1cbiAgfCB7IHJlYWRvbmx5IGtpbmQ6ICdxdWVyeSc7IHJlYWRvbmx5IHF1ZXJ5OiBRdWVyeSB9XG4gIHwgeyByZWFkb25seSBraW5kOiAnY2FsbCc7IHJlYWRvbmx5IGNhbGw6IENhbGwgfTtcblxuZXhwb3J0IGludGVyZmFjZSBDYWxsIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBhcmdzOiByZWFkb25seSBBcmd1bWVudFtdO1xufVxuZXhwb3J0IHR5cGUgQXJndW1lbnQgPSBDb21wYXJhYmxlO1xuXG4vKiogUkZDIDk1MzUgc2VjdGlvbiAyLjMuNS4xOiBhIHF1ZXJ5IHRoYXQgeWllbGRzIG9uZSBub2RlIGF0IG1vc3QuICovXG5leHBvcnQgZnVuY3Rpb24gaXNTaW5ndWxhcihxdWVyeTogUXVlcnkpOiBib29sZWFuIHtcbiAgcmV0dXJuIHF1ZXJ5LnNlZ21lbnRzLmV2ZXJ5KFxuICAgICh7IGRlc2NlbmRhbnQsIHNlbGVjdG9yczogW29ubHksIC4uLm1vcmVdIH0pID0+XG4gICAgICAhZGVzY2VuZGFudCAmJiBtb3JlLmxlbmd0aCA9PT0gMCAmJiAob25seT8ua2luZCA9PT0gJ25hbWUnIHx8IG9ubHk/LmtpbmQgPT09ICdpbmRleCcpLFxuICApO1xufVxuIiwgIi8qKiBGcm9tIHRoZSB0ZXh0IG9mIGEgcXVlcnkgdG8gaXRzIHN5bnRheCB0cmVlLCB3aXRoIHRoZSB3ZWxsLXR5cGVkbmVzcyBydWxlcyBvZiBSRkMgOTUzNSBzZWN0aW9uIDIuNC4zLiAqL1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgdHlwZSBGdW5jdGlvblR5cGUsIGZ1bmN0aW9uRXh0ZW5zaW9ucyB9IGZyb20gJy4vZnVuY3Rpb25zLmpzJztcbmltcG9ydCB7IFNjYW5uZXIgfSBmcm9tICcuL3NjYW5uZXIuanMnO1xuaW1wb3J0IHtcbiAgdHlwZSBBcmd1bWVudCxcbiAgdHlwZSBDYWxsLFxuICB0eXBlIENvbXBhcmFibGUsXG4gIGlzU2luZ3VsYXIsXG4gIHR5cGUgTG9naWNhbCxcbiAgdHlwZSBPcGVyYXRvcixcbiAgdHlwZSBRdWVyeSxcbiAgdHlwZSBTZWdtZW50LFxuICB0eXBlIFNlbGVjdG9yLFxufSBmcm9tICcuL3N5bnRheC5qcyc7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gcGxhY2Utc3ludGF4ICovXG5leHBvcnQgZnVuY3Rpb24gcGFyc2VRdWVyeShzb3VyY2U6IHN0cmluZyk6IFF1ZXJ5IHtcbiAgY29uc3Qgc2NhbiA9IG5ldyBTY2FubmVyKHNvdXJjZSk7XG4gIHNjYW4uZXhwZWN0KCckJyk7XG4gIGNvbnN0IHF1ZXJ5ID0geyByb290OiAnJCcgYXMgY29uc3QsIHNlZ21lbnRzOiBzZWdtZW50cyhzY2FuKSB9O1xuICBpZiAoIXNjYW4uZW5kZWQpIHNjYW4uZmFpbCgnbm90aGluZyBtb3JlIGNhbiBmb2xsb3cgaGVyZScpO1xuICByZXR1cm4gcXVlcnk7XG59XG5cbmZ1bmN0aW9uIHNlZ21lbnRzKHNjYW46IFNjYW5uZXIpOiBTZWdtZW50W10ge1xuICBjb25zdCBmb3VuZDogU2VnbWVudFtdID0gW107XG4gIGZvciAoOzspIHtcbiAgICBjb25zdCBiZWZvcmUgPSBzY2FuLmF0O1xuICAgIHNjYW4uYmxhbmtzKCk7XG4gICAgY29uc3QgbmV4dCA9IHNlZ21lbnQoc2Nhbik7XG4gICAgaWYgKCFuZXh0KSB7XG4gICAgICBzY2FuLmF0ID0gYmVmb3JlO1xuICAgICAgcmV0dXJuIGZvdW5kO1xuICAgIH1cbiAgICBmb3VuZC5wdXNoKG5leHQpO1xuICB9XG59XG5cbmZ1bmN0aW9uIHNlZ21lbnQoc2NhbjogU2Nhbm5lcik6IFNlZ21lbnQgfCB1bmRlZmluZWQge1xuICBpZiAoc2Nhbi5hY2NlcHQoJy4uJykpIHtcbiAgICBjb25zdCBzZWxlY3RvcnMgPSBicmFja2V0ZWQoc2NhbikgPz8gW3Nob3J0aGFuZChzY2FuKV07XG4gICAgcmV0dXJuIHsgZGVzY2VuZGFudDogdHJ1ZSwgc2VsZWN0b3JzIH07XG4gIH1cbiAgaWYgKHNjYW4uYWNjZXB0KCcuJykpIHJldHVybiB7IGRlc2NlbmRhbnQ6IGZhbHNlLCBzZWxlY3RvcnM6IFtzaG9ydGhhbmQoc2NhbildIH07XG4gIGNvbnN0IHNlbGVjdG9ycyA9IGJyYWNrZXRlZChzY2FuKTtcbiAgcmV0dXJuIHNlbGVjdG9ycyAmJiB7IGRlc2NlbmRhbnQ6IGZhbHNlLCBzZWxlY3RvcnMgfTtcbn1cblxuZnVuY3Rpb24gc2hvcnRoYW5kKHNjYW46IFNjYW5uZXIpOiBTZWxlY3RvciB7XG4gIGlmIChzY2FuLmFjY2VwdCgnKicpKSByZXR1cm4geyBraW5kOiAnd2lsZGNhcmQnIH07XG4gIGNvbnN0IG5hbWUgPSBzY2FuLnNob3J0aGFuZE5hbWUoKTtcbiAgcmV0dXJuIG5hbWUgPT09IHVuZGVmaW5lZCA/IHNjYW4uZmFpbCgnZXhwZWN0ZWQgYSBuYW1lIG9yIConKSA6IHsga2luZDogJ25hbWUnLCBuYW1lIH07XG59XG5cbmZ1bmN0aW9uIGJyYWNrZXRlZChzY2FuOiBTY2FubmVyKTogU2VsZWN0b3JbXSB8IHVuZGVmaW5lZCB7XG4gIGlmICghc2Nhbi5hY2NlcHQoJ1snKSkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgY29uc3QgZm91bmQ6IFNlbGVjdG9yW10gPSBbXTtcbiAgZG8ge1xuICAgIHNjYW4uYmxhbmtzKCk7XG4gICAgZm91bmQucHVzaChzZWxlY3RvcihzY2FuKSk7XG4gICAgc2Nhbi5ibGFua3MoKTtcbiAgfSB3aGlsZSAoc2Nhbi5hY2NlcHQoJywnKSk7XG4gIHNjYW4uZXhwZWN0KCddJyk7XG4gIHJldHVybiBmb3VuZDtcbn1cblxuZnVuY3Rpb24gc2VsZWN0b3Ioc2NhbjogU2Nhbm5lcik6IFNlbGVjdG9yIHtcbiAgaWYgKHNjYW4uYWNjZXB0KCcqJykpIHJldHVybiB7IGtpbmQ6ICd3aWxkY2FyZCcgfTtcbiAgaWYgKHNjYW4uYWNjZXB0KCc/JykpIHtcbiAgICBzY2FuLmJsYW5rcygpO1xuICAgIHJldHVybiB7IGtpbmQ6ICdmaWx0ZXInLCB0ZXN0OiBsb2dpY2FsT3Ioc2NhbikgfTtcbiAgfVxuICBjb25zdCBuYW1lID0gc2Nhbi50ZXh0KCk7XG4gIGlmIChuYW1lICE9PSB1bmRlZmluZWQpIHJldHVybiB7IGtpbmQ6ICduYW1lJywgbmFtZSB9O1xuICByZXR1cm4gaW5kZXhPclNsaWNlKHNjYW4pO1xufVxuXG5mdW5jdGlvbiBpbmRleE9yU2xpY2Uoc2NhbjogU2Nhbm5lcik6IFNlbGVjdG9yIHtcbiAgY29uc3Qgc3RhcnQgPSBzY2FuLmludGVnZXIoKTtcbiAgY29uc3QgYWZ0ZXJTdGFydCA9IHNjYW4uYXQ7XG4gIHNjYW4uYmxhbmtzKCk7XG4gIGlmICghc2Nhbi5hY2NlcHQoJzonKSkge1xuICAgIHNjYW4uYXQgPSBhZnRlclN0YXJ0O1xuICAgIHJldHVybiBzdGFydCA9PT0gdW5kZWZpbmVkXG4gICAgICA/IHNjYW4uZmFpbCgnZXhwZWN0ZWQgYSBuYW1lIGluIHF1b3RlcywgYSBudW1iZXIsICogb3IgPycpXG4gICAgICA6IHsga2luZDogJ2luZGV4JywgaW5kZXg6IHN0YXJ0IH07XG4gIH1cbiAgc2Nhbi5ibGFua3MoKTtcbiAgY29uc3QgZW5kID0gc2Nhbi5pbnRlZ2VyKCk7XG4gIGNvbnN0IGJlZm9yZUNvbG9uID0gc2Nhbi5hdDtcbiAgc2Nhbi5ibGFua3MoKTtcbiAgbGV0IHN0ZXA6IG51bWJlciB8IHVuZGVmaW5lZDtcbiAgaWYgKHNjYW4uYWNjZXB0KCc6JykpIHtcbiAgICBjb25zdCBhZnRlckNvbG9uID0gc2Nhbi5hdDtcbiAgICBzY2FuLmJsYW5rcygpO1xuICAgIHN0ZXAgPSBzY2FuLmludGVnZXIoKTtcbiAgICBpZiAoc3RlcCA9PT0gdW5kZWZpbmVkKSBzY2FuLmF0ID0gYWZ0ZXJDb2xvbjtcbiAgfSBlbHNlIHNjYW4uYXQgPSBiZWZvcmVDb2xvbjtcbiAgcmV0dXJuIHsga2luZDogJ3NsaWNlJywgc3RhcnQsIGVuZCwgc3RlcDogc3RlcCA/PyAxIH07XG59XG5cbmZ1bmN0aW9uIGxvZ2ljYWxPcihzY2FuOiBTY2FubmVyKTogTG9naWNhbCB7XG4gIHJldHVybiBjaGFpbihzY2FuLCAnfHwnLCAnb3InLCBsb2dpY2FsQW5kKTtcbn1cblxuZnVuY3Rpb24gbG9naWNhbEFuZChzY2FuOiBTY2FubmVyKTogTG9naWNhbCB7XG4gIHJldHVybiBjaGFpbihzY2FuLCAnJiYnLCAnYW5kJywgYmFzaWMpO1xufVxuXG5mdW5jdGlvbiBjaGFpbihzY2FuOiBTY2FubmVyLCBtYXJrOiBzdHJpbmcsIGtpbmQ6ICdvcicgfCAnYW5kJywgcGFydDogKHNjYW46IFNjYW5uZXIpID0+IExvZ2ljYWwpOiBMb2dpY2FsIHtcbiAgY29uc3QgcGFydHMgPSBbcGFydChzY2FuKV07XG4gIGZvciAoOzspIHtcbiAgICBjb25zdCBiZWZvcmUgPSBzY2FuLmF0O1xuICAgIHNjYW4uYmxhbmtzKCk7XG4gICAgaWYgKCFzY2FuLmFjY2VwdChtYXJrKSkge1xuICAgICAgc2Nhbi5hdCA9IGJlZm9yZTtcbiAgICAgIHJldHVybiBwYXJ0cy5sZW5ndGggPT09IDEgPyAocGFydHNbMF0gYXMgTG9naWNhbCkgOiB7IGtpbmQsIHBhcnRzIH07XG4gICAgfVxuICAgIHNjYW4uYmxhbmtzKCk7XG4gICAgcGFydHMucHVzaChwYXJ0KHNjYW4pKTtcbiAgfVxufVxuXG5mdW5jdGlvbiBiYXNpYyhzY2FuOiBTY2FubmVyKTogTG9naWNhbCB7XG4gIGlmIChzY2FuLnN0YXJ0c1dpdGgoJyEnKSAmJiAhc2Nhbi5zdGFydHNXaXRoKCchPScpKSB7XG4gICAgc2Nhbi5hY2NlcHQoJyEnKTtcbiAgICBzY2FuLmJsYW5rcygpO1xuICAgIGNvbnN0IHBhcnQgPSBzY2FuLnN0YXJ0c1dpdGgoJygnKSA/IHBhcmVudGhlc2lzKHNjYW4pIDogdGVzdChzY2FuLCBjb21wYXJhYmxlKHNjYW4pKTtcbiAgICByZXR1cm4geyBraW5kOiAnbm90JywgcGFydCB9O1xuICB9XG4gIGlmIChzY2FuLnN0YXJ0c1dpdGgoJygnKSkgcmV0dXJuIHBhcmVudGhlc2lzKHNjYW4pO1xuICBjb25zdCBsZWZ0ID0gY29tcGFyYWJsZShzY2FuKTtcbiAgY29uc3QgYmVmb3JlID0gc2Nhbi5hdDtcbiAgc2Nhbi5ibGFua3MoKTtcbiAgY29uc3Qgb3BlcmF0b3IgPSBzY2FuLnRha2UoLz09fCE9fDw9fD49fDx8Pi95KSBhcyBPcGVyYXRvciB8IHVuZGVmaW5lZDtcbiAgaWYgKG9wZXJhdG9yID09PSB1bmRlZmluZWQpIHtcbiAgICBzY2FuLmF0ID0gYmVmb3JlO1xuICAgIHJldHVybiB0ZXN0KHNjYW4sIGxlZnQpO1xuICB9XG4gIHNjYW4uYmxhbmtzKCk7XG4gIHJldHVybiB7IGtpbmQ6ICdjb21wYXJlJywgb3BlcmF0b3IsIGxlZnQ6IG9wZXJhbmQoc2NhbiwgbGVmdCksIHJpZ2h0OiBvcGVyYW5kKHNjYW4sIGNvbXBhcmFibGUoc2NhbikpIH07XG59XG5cbmZ1bmN0aW9uIHBhcmVudGhlc2lzKHNjYW46IFNjYW5uZXIpOiBMb2dpY2FsIHtcbiAgc2Nhbi5leHBlY3QoJygnKTtcbiAgc2Nhbi5ibGFua3MoKTtcbiAgY29uc3QgaW5uZXIgPSBsb2dpY2FsT3Ioc2Nhbik7XG4gIHNjYW4uYmxhbmtzKCk7XG4gIHNjYW4uZXhwZWN0KCcpJyk7XG4gIHJldHVybiBpbm5lcjtcbn1cblxuLyoqIFNvbWV0aGluZyB0aGF0IHN0YW5kcyBhbG9uZSBhcyBhIHRlc3Q6IGEgcXVlcnkgb3IgYSBmdW5jdGlvbiB0aGF0IGdpdmVzIGEgbG9naWNhbCByZXN1bHQuICovXG5mdW5jdGlvbiB0ZXN0KHNjYW46IFNjYW5uZXIsIGdpdmVuOiBDb21wYXJhYmxlKTogTG9naWNhbCB7XG4gIGlmIChnaXZlbi5raW5kID09PSAncXVlcnknKSByZXR1cm4geyBraW5kOiAnZXhpc3RzJywgcXVlcnk6IGdpdmVuLnF1ZXJ5IH07XG4gIGlmIChnaXZlbi5raW5kID09PSAnbGl0ZXJhbCcpIHJldHVybiBzY2FuLmZhaWwoJ2EgbGl0ZXJhbCBtdXN0IGJlIGNvbXBhcmVkIHdpdGggc29tZXRoaW5nJyk7XG4gIGlmIChnaXZlblR5cGUoZ2l2ZW4uY2FsbCkgPT09ICd2YWx1ZScpXG4gICAgcmV0dXJuIHNjYW4uZmFpbChgdGhlIHJlc3VsdCBvZiAke2dpdmVuLmNhbGwubmFtZX0gbXVzdCBiZSBjb21wYXJlZCB3aXRoIHNvbWV0aGluZ2ApO1xuICByZXR1cm4geyBraW5kOiAnY2FsbCcsIGNhbGw6IGdpdmVuLmNhbGwgfTtcbn1cblxuLyoqIFNvbWV0aGluZyBvbiBvbmUgc2lkZSBvZiBhIGNvbXBhcmlzb246IGEgdmFsdWUsIHNvIGEgcXVlcnkgbXVzdCBiZSBzaW5ndWxhci4gKi9cbmZ1bmN0aW9uIG9wZXJhbmQoc2NhbjogU2Nhbm5lciwgZ2l2ZW46IENvbXBhcmFibGUpOiBDb21wYXJhYmxlIHtcbiAgaWYgKGdpdmVuLmtpbmQgPT09ICdxdWVyeScgJiYgIWlzU2luZ3VsYXIoZ2l2ZW4ucXVlcnkpKVxuICAgIHJldHVybiBzY2FuLmZhaWwoJ2EgcXVlcnkgdGhhdCBpcyBjb21wYXJlZCBtdXN0IHlpZWxkIG9uZSBub2RlIGF0IG1vc3QnKTtcbiAgaWYgKGdpdmVuLmtpbmQgPT09ICdjYWxsJyAmJiBnaXZlblR5cGUoZ2l2ZW4uY2FsbCkgIT09ICd2YWx1ZScpXG4gICAgcmV0dXJuIHNjYW4uZmFpbChgdGhlIHJlc3VsdCBvZiAke2dpdmVuLmNhbGwubmFtZX0gY2Fubm90IGJlIGNvbXBhcmVkYCk7XG4gIHJldHVybiBnaXZlbjtcbn1cblxuZnVuY3Rpb24gY29tcGFyYWJsZShzY2FuOiBTY2FubmVyKTogQ29tcGFyYWJsZSB7XG4gIGNvbnN0IHJvb3QgPSBzY2FuLnN0YXJ0c1dpdGgoJyQnKSA/ICckJyA6IHNjYW4uc3RhcnRzV2l0aCgnQCcpID8gJ0AnIDogdW5kZWZpbmVkO1xuICBpZiAocm9vdCkge1xuICAgIHNjYW4uYWNjZXB0KHJvb3QpO1xuICAgIHJldHVybiB7IGtpbmQ6ICdxdWVyeScsIHF1ZXJ5OiB7IHJvb3QsIHNlZ21lbnRzOiBzZWdtZW50cyhzY2FuKSB9IH07XG4gIH1cbiAgY29uc3QgdGV4dCA9IHNjYW4udGV4dCgpO1xuICBpZiAodGV4dCAhPT0gdW5kZWZpbmVkKSByZXR1cm4geyBraW5kOiAnbGl0ZXJhbCcsIHZhbHVlOiB0ZXh0IH07XG4gIGNvbnN0IG51bWJlciA9IHNjYW4udGFrZSgvLT9cXGQrKD86XFwuXFxkKyk/KD86W2VFXVsrLV0/XFxkKyk/L3kpO1xuICBpZiAobnVtYmVyICE9PSB1bmRlZmluZWQpIHtcbiAgICBpZiAoIS9eLT8oPzowfFsxLTldXFxkKikoPyFcXGQpLy50ZXN0KG51bWJlcikpIHNjYW4uZmFpbChgJHtudW1iZXJ9IGlzIG5vIG51bWJlcmApO1xuICAgIHJldHVybiB7IGtpbmQ6ICdsaXRlcmFsJywgdmFsdWU6IE51bWJlcihudW1iZXIpIH07XG4gIH1cbiAgY29uc3Qgd29yZCA9IHNjYW4udGFrZSgvW2Etel1bYS16MC05X10qL3kpO1xuICBpZiAod29yZCA9PT0gdW5kZWZpbmVkKSByZXR1cm4gc2Nhbi5mYWlsKCdleHBlY3RlZCBhIHF1ZXJ5LCBhIHZhbHVlIG9yIGEgZnVuY3Rpb24nKTtcbiAgaWYgKHNjYW4uc3RhcnRzV2l0aCgnKCcpKSByZXR1cm4geyBraW5kOiAnY2FsbCcsIGNhbGw6IGNhbGwoc2Nhbiwgd29yZCkgfTtcbiAgY29uc3QgY29uc3RhbnRzOiBSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4gPSB7IHRydWU6IHRydWUsIGZhbHNlOiBmYWxzZSwgbnVsbDogbnVsbCB9O1xuICBjb25zdCB2YWx1ZSA9IE9iamVjdC5oYXNPd24oY29uc3RhbnRzLCB3b3JkKSA/IGNvbnN0YW50c1t3b3JkXSA6IHVuZGVmaW5lZDtcbiAgcmV0dXJuIHZhbHVlID09PSB1bmRlZmluZWQgPyBzY2FuLmZhaWwoYCR7d29yZH0gaXMgbm90IGEgdmFsdWVgKSA6IHsga2luZDogJ2xpdGVyYWwnLCB2YWx1ZSB9O1xufVxuXG5jb25zdCBnaXZlblR5cGUgPSAoY2FsbDogQ2FsbCk6IEZ1bmN0aW9uVHlwZSA9PiBmdW5jdGlvbkV4dGVuc2lvbnMuZ2V0KGNhbGwubmFtZSk/LmdpdmVzID8/ICd2YWx1ZSc7XG5cbmZ1bmN0aW9uIGNhbGwoc2NhbjogU2Nhbm5lciwgbmFtZTogc3RyaW5nKTogQ2FsbCB7XG4gIGNvbnN0IGV4dGVuc2lvbiA9IGZ1bmN0aW9uRXh0ZW5zaW9ucy5nZXQobmFtZSk7XG4gIGlmICghZXh0ZW5zaW9uKSByZXR1cm4gc2Nhbi5mYWlsKGB0aGVyZSBpcyBubyBmdW5jdGlvbiAke25hbWV9OyBrbm93bjogJHtbLi4uZnVuY3Rpb25FeHRlbnNpb25zLmtleXMoKV0uam9pbignLCAnKX1gKTtcbiAgc2Nhbi5leHBlY3QoJygnKTtcbiAgc2Nhbi5ibGFua3MoKTtcbiAgY29uc3QgYXJnczogQXJndW1lbnRbXSA9IFtdO1xuICBpZiAoIXNjYW4uc3RhcnRzV2l0aCgnKScpKSB7XG4gICAgZG8ge1xuICAgICAgc2Nhbi5ibGFua3MoKTtcbiAgICAgIGFyZ3MucHVzaChjb21wYXJhYmxlKHNjYW4pKTtcbiAgICAgIHNjYW4uYmxhbmtzKCk7XG4gICAgfSB3aGlsZSAoc2Nhbi5hY2NlcHQoJywnKSk7XG4gIH1cbiAgc2Nhbi5leHBlY3QoJyknKTtcbiAgaWYgKGFyZ3MubGVuZ3RoICE9PSBleHRlbnNpb24udGFrZXMubGVuZ3RoKSBzY2FuLmZhaWwoYCR7bmFtZX0gdGFrZXMgJHtleHRlbnNpb24udGFrZXMubGVuZ3RofSBhcmd1bWVudChzKWApO1xuICBhcmdzLmZvckVhY2goKGFyZywgaW5kZXgpID0+IHtcbiAgICBjb25zdCB3YW50ZWQgPSBleHRlbnNpb24udGFrZXNbaW5kZXhdO1xuICAgIGlmICh3YW50ZWQgPT09ICdub2RlcycgJiYgYXJnLmtpbmQgIT09ICdxdWVyeScpIHNjYW4uZmFpbChgJHtuYW1lfSB0YWtlcyBhIHF1ZXJ5YCk7XG4gICAgaWYgKHdhbnRlZCA9PT0gJ3ZhbHVlJykgb3BlcmFuZChzY2FuLCBhcmcpO1xuICB9KTtcbiAgcmV0dXJuIHsgbmFtZSwgYXJncyB9O1xufVxuIiwgIi8qKiBGcm9tIHRoZSBzeW50YXggdHJlZSB0byBhIGZ1bmN0aW9uIG92ZXIgdmFsdWVzIChSRkMgOTUzNSBzZWN0aW9ucyAyLjMgYW5kIDIuNSkuICovXG5pbXBvcnQgeyBlcXVhbFZhbHVlcyB9IGZyb20gJy4uLy4uL3ZhbHVlL2VxdWFsLmpzJztcbmltcG9ydCB7IHBsYWluLCB0eXBlIFZhbHVlLCBXcml0dGVuIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBmdW5jdGlvbkV4dGVuc2lvbnMsIHR5cGUgVmFsdWVPck5vdGhpbmcgfSBmcm9tICcuL2Z1bmN0aW9ucy5qcyc7XG5pbXBvcnQgeyBwYXJzZVF1ZXJ5IH0gZnJvbSAnLi9wYXJzZXIuanMnO1xuaW1wb3J0IHtcbiAgdHlwZSBDYWxsLFxuICB0eXBlIENvbXBhcmFibGUsXG4gIGlzU2luZ3VsYXIsXG4gIHR5cGUgTG9naWNhbCxcbiAgdHlwZSBPcGVyYXRvcixcbiAgdHlwZSBRdWVyeSxcbiAgdHlwZSBTZWxlY3Rvcixcbn0gZnJvbSAnLi9zeW50YXguanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIEpzb25QYXRoIHtcbiAgcmVhZG9ubHkgc291cmNlOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHF1ZXJ5OiBRdWVyeTtcbiAgLyoqIFlpZWxkcyBvbmUgbm9kZSBhdCBtb3N0LiAqL1xuICByZWFkb25seSBzaW5ndWxhcjogYm9vbGVhbjtcbiAgLyoqIFRoZSB2YWx1ZXMgb2YgdGhlIG5vZGVzIGZvdW5kLCBpbiBkb2N1bWVudCBvcmRlci4gKi9cbiAgc2VsZWN0KHJvb3Q6IFZhbHVlKTogcmVhZG9ubHkgVmFsdWVbXTtcbn1cblxudHlwZSBOb2RlcyA9IChyb290OiBWYWx1ZSwgY3VycmVudDogVmFsdWUpID0+IFZhbHVlW107XG50eXBlIFRlc3QgPSAocm9vdDogVmFsdWUsIGN1cnJlbnQ6IFZhbHVlKSA9PiBib29sZWFuO1xuXG4vKipcbiAqIEBwYXJhbSBsb2FkcyB3aGF0IG11c3QgaGF2ZSBzZXR0bGVkIGJlZm9yZSBgc2VsZWN0YCBpcyBjYWxsZWQgKHRoZSBlbmdpbmUgb2YgbWF0Y2ggYW5kIHNlYXJjaClcbiAqIEB0aHJvd3MgUHJvYmxlbSBwbGFjZS1zeW50YXhcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvbXBpbGVKc29uUGF0aChzb3VyY2U6IHN0cmluZywgbG9hZHM6IFByb21pc2U8dW5rbm93bj5bXSk6IEpzb25QYXRoIHtcbiAgY29uc3QgcXVlcnkgPSBwYXJzZVF1ZXJ5KHNvdXJjZSk7XG4gIGNvbnN0IG5vZGVzID0gbm9kZXNPZihxdWVyeSwgbG9hZHMpO1xuICByZXR1cm4geyBzb3VyY2UsIHF1ZXJ5LCBzaW5ndWxhcjogaXNTaW5ndWxhcihxdWVyeSksIHNlbGVjdDogKHJvb3QpID0+IG5vZGVzKHJvb3QsIHJvb3QpIH07XG59XG5cbmZ1bmN0aW9uIG5vZGVzT2YocXVlcnk6IFF1ZXJ5LCBsb2FkczogUHJvbWlzZTx1bmtub3duPltdKTogTm9kZXMge1xuICBjb25zdCBmcm9tUm9vdCA9IHF1ZXJ5LnJvb3QgPT09ICckJztcbiAgY29uc3Qga2V5cyA9IGlzU2luZ3VsYXIocXVlcnkpXG4gICAgPyBxdWVyeS5zZWdtZW50cy5tYXAoKHsgc2VsZWN0b3JzOiBbb25seV0gfSkgPT4gc2luZ3VsYXJLZXkob25seSBhcyBTZWxlY3RvcikpXG4gICAgOiB1bmRlZmluZWQ7XG4gIGlmIChrZXlzKSB7XG4gICAgcmV0dXJuIChyb290LCBjdXJyZW50KSA9PiB7XG4gICAgICBsZXQgdmFsdWU6IFZhbHVlIHwgdW5kZWZpbmVkID0gZnJvbVJvb3QgPyByb290IDogY3VycmVudDtcbiAgICAgIGZvciAoY29uc3Qga2V5IG9mIGtleXMpIHtcbiAgICAgICAgdmFsdWUgPSBjaGlsZCh2YWx1ZSwga2V5KTtcbiAgICAgICAgaWYgKHZhbHVlID09PSB1bmRlZmluZWQpIHJldHVybiBbXTtcbiAgICAgIH1cbiAgICAgIHJldHVybiBbdmFsdWVdO1xuICAgIH07XG4gIH1cbiAgY29uc3Qgc3RlcHMgPSBxdWVyeS5zZWdtZW50cy5tYXAoKHsgZGVzY2VuZGFudCwgc2VsZWN0b3JzIH0pID0+IHtcbiAgICBjb25zdCBwaWNrcyA9IHNlbGVjdG9ycy5tYXAoKHNlbGVjdG9yKSA9PiBwaWNrZXIoc2VsZWN0b3IsIGxvYWRzKSk7XG4gICAgcmV0dXJuIChyb290OiBWYWx1ZSwgZnJvbTogcmVhZG9ubHkgVmFsdWVbXSk6IFZhbHVlW10gPT4ge1xuICAgICAgY29uc3QgZm91bmQ6IFZhbHVlW10gPSBbXTtcbiAgICAgIGZvciAoY29uc3QgdmFsdWUgb2YgZGVzY2VuZGFudCA/IGZyb20uZmxhdE1hcCh3aXRoRGVzY2VuZGFudHMpIDogZnJvbSlcbiAgICAgICAgZm9yIChjb25zdCBwaWNrIG9mIHBpY2tzKSBwaWNrKHZhbHVlLCBmb3VuZCwgcm9vdCk7XG4gICAgICByZXR1cm4gZm91bmQ7XG4gICAgfTtcbiAgfSk7XG4gIHJldHVybiAocm9vdCwgY3VycmVudCkgPT4ge1xuICAgIGxldCB2YWx1ZXM6IFZhbHVlW10gPSBbZnJvbVJvb3QgPyByb290IDogY3VycmVudF07XG4gICAgZm9yIChjb25zdCBzdGVwIG9mIHN0ZXBzKSB2YWx1ZXMgPSBzdGVwKHJvb3QsIHZhbHVlcyk7XG4gICAgcmV0dXJuIHZhbHVlcztcbiAgfTtcbn1cblxuZnVuY3Rpb24gc2luZ3VsYXJLZXkoc2VsZWN0b3I6IFNlbGVjdG9yKTogc3RyaW5nIHwgbnVtYmVyIHtcbiAgcmV0dXJuIHNlbGVjdG9yLmtpbmQgPT09ICduYW1lJyA/IHNlbGVjdG9yLm5hbWUgOiBzZWxlY3Rvci5raW5kID09PSAnaW5kZXgnID8gc2VsZWN0b3IuaW5kZXggOiAwO1xufVxuXG4vKiogQSBtZW1iZXIgYnkgbmFtZSBvciBhbiBpdGVtIGJ5IGluZGV4OyBuZXZlciB3aGF0IGEgcHJvdG90eXBlIHN1cHBsaWVzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNoaWxkKHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZCwga2V5OiBzdHJpbmcgfCBudW1iZXIpOiBWYWx1ZSB8IHVuZGVmaW5lZCB7XG4gIGlmICh0eXBlb2YgdmFsdWUgIT09ICdvYmplY3QnIHx8IHZhbHVlID09PSBudWxsIHx8IHZhbHVlIGluc3RhbmNlb2YgV3JpdHRlbikgcmV0dXJuIHVuZGVmaW5lZDtcbiAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSByZXR1cm4gdHlwZW9mIGtleSA9PT0gJ251bWJlcicgPyAodmFsdWUuYXQoa2V5KSBhcyBWYWx1ZSB8IHVuZGVmaW5lZCkgOiB1bmRlZmluZWQ7XG4gIGlmICh0eXBlb2Yga2V5ID09PSAnbnVtYmVyJykgcmV0dXJuIHVuZGVmaW5lZDtcbiAgcmV0dXJuIE9iamVjdC5oYXNPd24odmFsdWUsIGtleSkgPyAodmFsdWUgYXMgUmVjb3JkPHN0cmluZywgVmFsdWU+KVtrZXldIDogdW5kZWZpbmVkO1xufVxuXG5mdW5jdGlvbiBjaGlsZHJlbih2YWx1ZTogVmFsdWUpOiByZWFkb25seSBWYWx1ZVtdIHtcbiAgaWYgKHR5cGVvZiB2YWx1ZSAhPT0gJ29iamVjdCcgfHwgdmFsdWUgPT09IG51bGwgfHwgdmFsdWUgaW5zdGFuY2VvZiBXcml0dGVuKSByZXR1cm4gW107XG4gIHJldHVybiBBcnJheS5pc0FycmF5KHZhbHVlKSA/IHZhbHVlIDogT2JqZWN0LnZhbHVlcyh2YWx1ZSBhcyBSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4pO1xufVxuXG4vKiogVGhlIHZhbHVlIGFuZCBhbGwgYmVsb3cgaXQsIHBhcmVudHMgZmlyc3Q7IGEgc3RhY2sgb2Ygb3VyIG93biwgc2luY2UgYW5zd2VycyBtYXkgYmUgdmVyeSBkZWVwLiAqL1xuZnVuY3Rpb24gd2l0aERlc2NlbmRhbnRzKHZhbHVlOiBWYWx1ZSk6IFZhbHVlW10ge1xuICBjb25zdCBmb3VuZDogVmFsdWVbXSA9IFtdO1xuICBjb25zdCBvcGVuOiBWYWx1ZVtdID0gW3ZhbHVlXTtcbiAgZm9yIChsZXQgbmV4dCA9IG9wZW4ucG9wKCk7IG5leHQgIT09IHVuZGVmaW5lZDsgbmV4dCA9IG9wZW4ucG9wKCkpIHtcbiAgICBmb3VuZC5wdXNoKG5leHQpO1xuICAgIGNvbnN0IGJlbG93ID0gY2hpbGRyZW4obmV4dCk7XG4gICAgZm9yIChsZXQgaW5kZXggPSBiZWxvdy5sZW5ndGggLSAxOyBpbmRleCA+PSAwOyBpbmRleCAtPSAxKSBvcGVuLnB1c2goYmVsb3dbaW5kZXhdIGFzIFZhbHVlKTtcbiAgfVxuICByZXR1cm4gZm91bmQ7XG59XG5cbmZ1bmN0aW9uIHBpY2tlcihzZWxlY3RvcjogU2VsZWN0b3IsIGxvYWRzOiBQcm9taXNlPHVua25vd24+W10pOiAodmFsdWU6IFZhbHVlLCBpbnRvOiBWYWx1ZVtdLCByb290OiBWYWx1ZSkgPT4gdm9pZCB7XG4gIHN3aXRjaCAoc2VsZWN0b3Iua2luZCkge1xuICAgIGNhc2UgJ25hbWUnOlxuICAgIGNhc2UgJ2luZGV4Jzoge1xuICAgICAgY29uc3Qga2V5ID0gc2luZ3VsYXJLZXkoc2VsZWN0b3IpO1xuICAgICAgcmV0dXJuICh2YWx1ZSwgaW50bykgPT4ge1xuICAgICAgICBjb25zdCBmb3VuZCA9IGNoaWxkKHZhbHVlLCBrZXkpO1xuICAgICAgICBpZiAoZm91bmQgIT09IHVuZGVmaW5lZCkgaW50by5wdXNoKGZvdW5kKTtcbiAgICAgIH07XG4gICAgfVxuICAgIGNhc2UgJ3dpbGRjYXJkJzpcbiAgICAgIHJldHVybiAodmFsdWUsIGludG8pID0+IHtcbiAgICAgICAgZm9yIChjb25zdCBpdGVtIG9mIGNoaWxkcmVuKHZhbHVlKSkgaW50by5wdXNoKGl0ZW0pO1xuICAgICAgfTtcbiAgICBjYXNlICdzbGljZSc6XG4gICAgICByZXR1cm4gKHZhbHVlLCBpbnRvKSA9PiB7XG4gICAgICAgIGlmIChBcnJheS5pc0FycmF5KHZhbHVlKSkgZm9yIChjb25zdCBpbmRleCBvZiBzbGljZShzZWxlY3RvciwgdmFsdWUubGVuZ3RoKSkgaW50by5wdXNoKHZhbHVlW2luZGV4XSBhcyBWYWx1ZSk7XG4gICAgICB9O1xuICAgIGNhc2UgJ2ZpbHRlcic6IHtcbiAgICAgIGNvbnN0IHRlc3QgPSB0ZXN0T2Yoc2VsZWN0b3IudGVzdCwgbG9hZHMpO1xuICAgICAgcmV0dXJuICh2YWx1ZSwgaW50bywgcm9vdCkgPT4ge1xuICAgICAgICBmb3IgKGNvbnN0IGl0ZW0gb2YgY2hpbGRyZW4odmFsdWUpKSBpZiAodGVzdChyb290LCBpdGVtKSkgaW50by5wdXNoKGl0ZW0pO1xuICAgICAgfTtcbiAgICB9XG4gIH1cbn1cblxuLyoqIFNlY3Rpb24gMi4zLjQuMi4yLiAqL1xuZnVuY3Rpb24qIHNsaWNlKHsgc3RhcnQsIGVuZCwgc3RlcCB9OiBFeHRyYWN0PFNlbGVjdG9yLCB7IGtpbmQ6ICdzbGljZScgfT4sIGxlbmd0aDogbnVtYmVyKTogR2VuZXJhdG9yPG51bWJlcj4ge1xuICBpZiAoc3RlcCA9PT0gMCkgcmV0dXJuO1xuICBjb25zdCBub3JtYWwgPSAoaW5kZXg6IG51bWJlcik6IG51bWJlciA9PiAoaW5kZXggPj0gMCA/IGluZGV4IDogbGVuZ3RoICsgaW5kZXgpO1xuICBjb25zdCBmcm9tID0gbm9ybWFsKHN0YXJ0ID8/IChzdGVwID4gMCA/IDAgOiBsZW5ndGggLSAxKSk7XG4gIGNvbnN0IHRvID0gZW5kID09PSB1bmRlZmluZWQgPyAoc3RlcCA+IDAgPyBsZW5ndGggOiAtMSkgOiBub3JtYWwoZW5kKTtcbiAgaWYgKHN0ZXAgPiAwKSBmb3IgKGxldCBhdCA9IE1hdGgubWF4KGZyb20sIDApOyBhdCA8IE1hdGgubWluKHRvLCBsZW5ndGgpOyBhdCArPSBzdGVwKSB5aWVsZCBhdDtcbiAgZWxzZSBmb3IgKGxldCBhdCA9IE1hdGgubWluKGZyb20sIGxlbmd0aCAtIDEpOyBhdCA+IE1hdGgubWF4KHRvLCAtMSk7IGF0ICs9IHN0ZXApIHlpZWxkIGF0O1xufVxuXG5mdW5jdGlvbiB0ZXN0T2YobG9naWNhbDogTG9naWNhbCwgbG9hZHM6IFByb21pc2U8dW5rbm93bj5bXSk6IFRlc3Qge1xuICBzd2l0Y2ggKGxvZ2ljYWwua2luZCkge1xuICAgIGNhc2UgJ29yJzoge1xuICAgICAgY29uc3QgcGFydHMgPSBsb2dpY2FsLnBhcnRzLm1hcCgocGFydCkgPT4gdGVzdE9mKHBhcnQsIGxvYWRzKSk7XG4gICAgICByZXR1cm4gKHJvb3QsIGN1cnJlbnQpID0+IHBhcnRzLnNvbWUoKHBhcnQpID0+IHBhcnQocm9vdCwgY3VycmVudCkpO1xuICAgIH1cbiAgICBjYXNlICdhbmQnOiB7XG4gICAgICBjb25zdCBwYXJ0cyA9IGxvZ2ljYWwucGFydHMubWFwKChwYXJ0KSA9PiB0ZXN0T2YocGFydCwgbG9hZHMpKTtcbiAgICAgIHJldHVybiAocm9vdCwgY3VycmVudCkgPT4gcGFydHMuZXZlcnkoKHBhcnQpID0+IHBhcnQocm9vdCwgY3VycmVudCkpO1xuICAgIH1cbiAgICBjYXNlICdub3QnOiB7XG4gICAgICBjb25zdCBwYXJ0ID0gdGVzdE9mKGxvZ2ljYWwucGFydCwgbG9hZHMpO1xuICAgICAgcmV0dXJuIChyb290LCBjdXJyZW50KSA9PiAhcGFydChyb290LCBjdXJyZW50KTtcbiAgICB9XG4gICAgY2FzZSAnZXhpc3RzJzoge1xuICAgICAgY29uc3Qgbm9kZXMgPSBub2Rlc09mKGxvZ2ljYWwucXVlcnksIGxvYWRzKTtcbiAgICAgIHJldHVybiAocm9vdCwgY3VycmVudCkgPT4gbm9kZXMocm9vdCwgY3VycmVudCkubGVuZ3RoID4gMDtcbiAgICB9XG4gICAgY2FzZSAnY2FsbCc6IHtcbiAgICAgIGNvbnN0IGNhbGwgPSBjYWxsT2YobG9naWNhbC5jYWxsLCBsb2Fkcyk7XG4gICAgICByZXR1cm4gKHJvb3QsIGN1cnJlbnQpID0+IGNhbGwocm9vdCwgY3VycmVudCkgPT09IHRydWU7XG4gICAgfVxuICAgIGNhc2UgJ2NvbXBhcmUnOiB7XG4gICAgICBjb25zdCBbbGVmdCwgcmlnaHRdID0gW3ZhbHVlRm9yKGxvZ2ljYWwubGVmdCwgbG9hZHMpLCB2YWx1ZUZvcihsb2dpY2FsLnJpZ2h0LCBsb2FkcyldO1xuICAgICAgY29uc3QgaG9sZHMgPSBjb21wYXJpc29uKGxvZ2ljYWwub3BlcmF0b3IpO1xuICAgICAgcmV0dXJuIChyb290LCBjdXJyZW50KSA9PiBob2xkcyhsZWZ0KHJvb3QsIGN1cnJlbnQpLCByaWdodChyb290LCBjdXJyZW50KSk7XG4gICAgfVxuICB9XG59XG5cbmZ1bmN0aW9uIHZhbHVlRm9yKGdpdmVuOiBDb21wYXJhYmxlLCBsb2FkczogUHJvbWlzZTx1bmtub3duPltdKTogKHJvb3Q6IFZhbHVlLCBjdXJyZW50OiBWYWx1ZSkgPT4gVmFsdWVPck5vdGhpbmcge1xuICBpZiAoZ2l2ZW4ua2luZCA9PT0gJ2xpdGVyYWwnKSByZXR1cm4gKCkgPT4gZ2l2ZW4udmFsdWU7XG4gIGlmIChnaXZlbi5raW5kID09PSAnY2FsbCcpIHJldHVybiBjYWxsT2YoZ2l2ZW4uY2FsbCwgbG9hZHMpIGFzIChyb290OiBWYWx1ZSwgY3VycmVudDogVmFsdWUpID0+IFZhbHVlT3JOb3RoaW5nO1xuICBjb25zdCBub2RlcyA9IG5vZGVzT2YoZ2l2ZW4ucXVlcnksIGxvYWRzKTtcbiAgcmV0dXJuIChyb290LCBjdXJyZW50KSA9PiBub2Rlcyhyb290LCBjdXJyZW50KVswXTtcbn1cblxuZnVuY3Rpb24gY2FsbE9mKGNhbGw6IENhbGwsIGxvYWRzOiBQcm9taXNlPHVua25vd24+W10pOiAocm9vdDogVmFsdWUsIGN1cnJlbnQ6IFZhbHVlKSA9PiBWYWx1ZU9yTm90aGluZyB8IGJvb2xlYW4ge1xuICBjb25zdCBleHRlbnNpb24gPSBmdW5jdGlvbkV4dGVuc2lvbnMuZ2V0KGNhbGwubmFtZSk7XG4gIGlmICghZXh0ZW5zaW9uKSB0aHJvdyBuZXcgRXJyb3IoYGZ1bmN0aW9uICR7Y2FsbC5uYW1lfSBwYXNzZWQgdGhlIHBhcnNlcmApO1xuICBpZiAoZXh0ZW5zaW9uLmxvYWQpIGxvYWRzLnB1c2goZXh0ZW5zaW9uLmxvYWQoKSk7XG4gIGNvbnN0IGFyZ3MgPSBjYWxsLmFyZ3MubWFwKChhcmcsIGluZGV4KSA9PlxuICAgIGV4dGVuc2lvbi50YWtlc1tpbmRleF0gPT09ICdub2RlcycgJiYgYXJnLmtpbmQgPT09ICdxdWVyeScgPyBub2Rlc09mKGFyZy5xdWVyeSwgbG9hZHMpIDogdmFsdWVGb3IoYXJnLCBsb2FkcyksXG4gICk7XG4gIHJldHVybiAocm9vdCwgY3VycmVudCkgPT4gZXh0ZW5zaW9uLmNhbGwoYXJncy5tYXAoKGFyZykgPT4gYXJnKHJvb3QsIGN1cnJlbnQpKSk7XG59XG5cbi8qKiBTZWN0aW9uIDIuMy41LjIuMjsgdW5kZWZpbmVkIGlzIE5vdGhpbmcuICovXG5mdW5jdGlvbiBjb21wYXJpc29uKG9wZXJhdG9yOiBPcGVyYXRvcik6IChsZWZ0OiBWYWx1ZU9yTm90aGluZywgcmlnaHQ6IFZhbHVlT3JOb3RoaW5nKSA9PiBib29sZWFuIHtcbiAgc3dpdGNoIChvcGVyYXRvcikge1xuICAgIGNhc2UgJz09JzpcbiAgICAgIHJldHVybiBlcXVhbFZhbHVlcztcbiAgICBjYXNlICchPSc6XG4gICAgICByZXR1cm4gKGxlZnQsIHJpZ2h0KSA9PiAhZXF1YWxWYWx1ZXMobGVmdCwgcmlnaHQpO1xuICAgIGNhc2UgJzwnOlxuICAgICAgcmV0dXJuIGxlc3M7XG4gICAgY2FzZSAnPic6XG4gICAgICByZXR1cm4gKGxlZnQsIHJpZ2h0KSA9PiBsZXNzKHJpZ2h0LCBsZWZ0KTtcbiAgICBjYXNlICc8PSc6XG4gICAgICByZXR1cm4gKGxlZnQsIHJpZ2h0KSA9PiBsZXNzKGxlZnQsIHJpZ2h0KSB8fCBlcXVhbFZhbHVlcyhsZWZ0LCByaWdodCk7XG4gICAgY2FzZSAnPj0nOlxuICAgICAgcmV0dXJuIChsZWZ0LCByaWdodCkgPT4gbGVzcyhyaWdodCwgbGVmdCkgfHwgZXF1YWxWYWx1ZXMobGVmdCwgcmlnaHQpO1xuICB9XG59XG5cbmZ1bmN0aW9uIGxlc3MobGVmdDogVmFsdWVPck5vdGhpbmcsIHJpZ2h0OiBWYWx1ZU9yTm90aGluZyk6IGJvb2xlYW4ge1xuICBjb25zdCBbYSwgYl0gPSBbcGxhaW4obGVmdCksIHBsYWluKHJpZ2h0KV07XG4gIGlmICh0eXBlb2YgYSA9PT0gJ251bWJlcicgJiYgdHlwZW9mIGIgPT09ICdudW1iZXInKSByZXR1cm4gYSA8IGI7XG4gIHJldHVybiB0eXBlb2YgYSA9PT0gJ3N0cmluZycgJiYgdHlwZW9mIGIgPT09ICdzdHJpbmcnICYmIEJ1ZmZlci5jb21wYXJlKEJ1ZmZlci5mcm9tKGEpLCBCdWZmZXIuZnJvbShiKSkgPCAwO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFvQkEsSUFBTSxTQUE0QjtBQUFBLEVBQ2hDLE1BQU07QUFBQSxFQUNOLE9BQU8sQ0FBQyxPQUFPO0FBQUEsRUFDZixPQUFPO0FBQUEsRUFDUCxLQUFLLENBQUMsS0FBSyxHQUFHO0FBQ1osVUFBTUEsU0FBUSxNQUFNLEtBQXVCO0FBQzNDLFFBQUksT0FBT0EsV0FBVSxTQUFVLFFBQU8sQ0FBQyxHQUFHQSxNQUFLLEVBQUU7QUFDakQsUUFBSSxNQUFNLFFBQVFBLE1BQUssRUFBRyxRQUFPQSxPQUFNO0FBQ3ZDLFdBQU8sT0FBT0EsV0FBVSxZQUFZQSxXQUFVLE9BQU8sT0FBTyxLQUFLQSxNQUFLLEVBQUUsU0FBUztBQUFBLEVBQ25GO0FBQ0Y7QUFHQSxJQUFNLFFBQTJCO0FBQUEsRUFDL0IsTUFBTTtBQUFBLEVBQ04sT0FBTyxDQUFDLE9BQU87QUFBQSxFQUNmLE9BQU87QUFBQSxFQUNQLE1BQU0sQ0FBQyxDQUFDLEtBQUssTUFBTyxNQUEyQjtBQUNqRDtBQUdBLElBQU0sUUFBMkI7QUFBQSxFQUMvQixNQUFNO0FBQUEsRUFDTixPQUFPLENBQUMsU0FBUyxPQUFPO0FBQUEsRUFDeEIsT0FBTztBQUFBLEVBQ1AsTUFBTTtBQUFBLEVBQ04sTUFBTSxDQUFDLENBQUMsTUFBTSxPQUFPLE1BQU0sT0FBTyxTQUFTLFlBQVksT0FBTyxZQUFZLFlBQVksYUFBYSxTQUFTLElBQUk7QUFDbEg7QUFHQSxJQUFNLFNBQTRCO0FBQUEsRUFDaEMsTUFBTTtBQUFBLEVBQ04sT0FBTyxDQUFDLFNBQVMsT0FBTztBQUFBLEVBQ3hCLE9BQU87QUFBQSxFQUNQLE1BQU07QUFBQSxFQUNOLE1BQU0sQ0FBQyxDQUFDLE1BQU0sT0FBTyxNQUFNLE9BQU8sU0FBUyxZQUFZLE9BQU8sWUFBWSxZQUFZLGNBQWMsU0FBUyxJQUFJO0FBQ25IO0FBR0EsSUFBTSxRQUEyQjtBQUFBLEVBQy9CLE1BQU07QUFBQSxFQUNOLE9BQU8sQ0FBQyxPQUFPO0FBQUEsRUFDZixPQUFPO0FBQUEsRUFDUCxLQUFLLENBQUMsS0FBSyxHQUFHO0FBQ1osVUFBTSxDQUFDLE9BQU8sR0FBRyxJQUFJLElBQUk7QUFDekIsV0FBTyxLQUFLLFdBQVcsSUFBSSxRQUFRO0FBQUEsRUFDckM7QUFDRjtBQUVPLElBQU0scUJBQTZELElBQUk7QUFBQSxFQUM1RSxDQUFDLFFBQVEsT0FBTyxPQUFPLFFBQVEsS0FBSyxFQUFFLElBQUksQ0FBQyxjQUFjLENBQUMsVUFBVSxNQUFNLFNBQVMsQ0FBQztBQUN0Rjs7O0FDcEVBLElBQU0sWUFBWTtBQUNsQixJQUFNLFdBQVc7QUFDakIsSUFBTSxnQkFBd0MsRUFBRSxHQUFHLE1BQU0sR0FBRyxNQUFNLEdBQUcsTUFBTSxHQUFHLE1BQU0sR0FBRyxLQUFNLEtBQUssS0FBSyxNQUFNLEtBQUs7QUFFM0csSUFBTSxVQUFOLE1BQWM7QUFBQSxFQUduQixZQUFxQixRQUFnQjtBQUFoQjtBQUFBLEVBQWlCO0FBQUEsRUFBakI7QUFBQSxFQUZyQixLQUFLO0FBQUEsRUFJTCxJQUFJLFFBQWlCO0FBQ25CLFdBQU8sS0FBSyxNQUFNLEtBQUssT0FBTztBQUFBLEVBQ2hDO0FBQUEsRUFFQSxXQUFXLE1BQXVCO0FBQ2hDLFdBQU8sS0FBSyxPQUFPLFdBQVcsTUFBTSxLQUFLLEVBQUU7QUFBQSxFQUM3QztBQUFBLEVBRUEsT0FBTyxNQUF1QjtBQUM1QixRQUFJLENBQUMsS0FBSyxXQUFXLElBQUksRUFBRyxRQUFPO0FBQ25DLFNBQUssTUFBTSxLQUFLO0FBQ2hCLFdBQU87QUFBQSxFQUNUO0FBQUEsRUFFQSxPQUFPLE1BQW9CO0FBQ3pCLFFBQUksQ0FBQyxLQUFLLE9BQU8sSUFBSSxFQUFHLE1BQUssS0FBSyxZQUFZLElBQUksRUFBRTtBQUFBLEVBQ3REO0FBQUE7QUFBQSxFQUdBLEtBQUssU0FBcUM7QUFDeEMsWUFBUSxZQUFZLEtBQUs7QUFDekIsVUFBTSxRQUFRLFFBQVEsS0FBSyxLQUFLLE1BQU0sSUFBSSxDQUFDO0FBQzNDLFFBQUksVUFBVSxPQUFXLE1BQUssTUFBTSxNQUFNO0FBQzFDLFdBQU87QUFBQSxFQUNUO0FBQUE7QUFBQSxFQUdBLFNBQWU7QUFDYixTQUFLLEtBQUssYUFBYTtBQUFBLEVBQ3pCO0FBQUEsRUFFUSxPQUEyQjtBQUNqQyxVQUFNLE9BQU8sS0FBSyxPQUFPLFlBQVksS0FBSyxFQUFFO0FBQzVDLFdBQU8sU0FBUyxTQUFZLFNBQVksT0FBTyxjQUFjLElBQUk7QUFBQSxFQUNuRTtBQUFBO0FBQUEsRUFHQSxnQkFBb0M7QUFDbEMsUUFBSSxPQUFPO0FBQ1gsYUFBUyxPQUFPLEtBQUssS0FBSyxHQUFHLFNBQVMsUUFBVyxPQUFPLEtBQUssS0FBSyxHQUFHO0FBQ25FLFVBQUksRUFBRSxTQUFTLEtBQUssWUFBWSxVQUFVLEtBQUssSUFBSSxFQUFHO0FBQ3RELGNBQVE7QUFDUixXQUFLLE1BQU0sS0FBSztBQUFBLElBQ2xCO0FBQ0EsV0FBTyxTQUFTLEtBQUssU0FBWTtBQUFBLEVBQ25DO0FBQUE7QUFBQSxFQUdBLFVBQThCO0FBQzVCLFVBQU0sT0FBTyxLQUFLLEtBQUssUUFBUTtBQUMvQixRQUFJLFNBQVMsT0FBVyxRQUFPO0FBQy9CLFFBQUksQ0FBQyxxQkFBcUIsS0FBSyxJQUFJLEVBQUcsTUFBSyxLQUFLLEdBQUcsSUFBSSxnQkFBZ0I7QUFDdkUsVUFBTUMsU0FBUSxPQUFPLElBQUk7QUFDekIsUUFBSSxDQUFDLE9BQU8sY0FBY0EsTUFBSyxFQUFHLE1BQUssS0FBSyxHQUFHLElBQUksNEJBQTRCO0FBQy9FLFdBQU9BO0FBQUEsRUFDVDtBQUFBO0FBQUEsRUFHQSxPQUEyQjtBQUN6QixVQUFNLFFBQVEsS0FBSyxPQUFPLEtBQUssRUFBRTtBQUNqQyxRQUFJLFVBQVUsT0FBTyxVQUFVLElBQUssUUFBTztBQUMzQyxTQUFLLE1BQU07QUFDWCxRQUFJQSxTQUFRO0FBQ1osZUFBUztBQUNQLFlBQU0sT0FBTyxLQUFLLEtBQUs7QUFDdkIsVUFBSSxTQUFTLE9BQVcsUUFBTyxLQUFLLEtBQUssK0JBQStCO0FBQ3hFLFdBQUssTUFBTSxLQUFLO0FBQ2hCLFVBQUksU0FBUyxNQUFPLFFBQU9BO0FBQzNCLFlBQU0sT0FBTyxLQUFLLFlBQVksQ0FBQztBQUMvQixVQUFJLE9BQU8sTUFBUyxRQUFRLFNBQVUsUUFBUSxNQUFTLE1BQUssS0FBSyxrQ0FBa0M7QUFDbkcsTUFBQUEsVUFBUyxTQUFTLE9BQU8sS0FBSyxPQUFPLEtBQUssSUFBSTtBQUFBLElBQ2hEO0FBQUEsRUFDRjtBQUFBLEVBRVEsT0FBTyxPQUF1QjtBQUNwQyxVQUFNLE9BQU8sS0FBSyxPQUFPLEtBQUssRUFBRSxLQUFLO0FBQ3JDLFNBQUssTUFBTTtBQUNYLFFBQUksU0FBUyxNQUFPLFFBQU87QUFDM0IsUUFBSSxTQUFTLElBQUssUUFBTyxLQUFLLFFBQVE7QUFDdEMsV0FBTyxjQUFjLElBQUksS0FBSyxLQUFLLEtBQUssS0FBSyxJQUFJLGVBQWU7QUFBQSxFQUNsRTtBQUFBLEVBRVEsVUFBa0I7QUFDeEIsVUFBTSxPQUFPLE9BQU8sU0FBUyxLQUFLLEtBQUssaUJBQWlCLEtBQUssS0FBSyxLQUFLLHFDQUFxQyxHQUFHLEVBQUU7QUFDakgsUUFBSSxRQUFRLFNBQVUsUUFBUSxNQUFRLE1BQUssS0FBSyxzQ0FBc0M7QUFDdEYsUUFBSSxPQUFPLFNBQVUsT0FBTyxNQUFRLFFBQU8sT0FBTyxhQUFhLElBQUk7QUFDbkUsVUFBTSxTQUFTLEtBQUssS0FBSyxvQkFBb0IsS0FBSyxLQUFLLEtBQUssc0NBQXNDO0FBQ2xHLFVBQU0sTUFBTSxPQUFPLFNBQVMsT0FBTyxNQUFNLENBQUMsR0FBRyxFQUFFO0FBQy9DLFFBQUksTUFBTSxTQUFVLE1BQU0sTUFBUSxNQUFLLEtBQUssc0NBQXNDO0FBQ2xGLFdBQU8sT0FBTyxhQUFhLE1BQU0sR0FBRztBQUFBLEVBQ3RDO0FBQUEsRUFFQSxLQUFLLE1BQXFCO0FBQ3hCLFVBQU0sSUFBSSxRQUFRLGdCQUFnQjtBQUFBLE1BQ2hDLE1BQU0sYUFBYSxLQUFLLE1BQU0sbUNBQW1DLElBQUk7QUFBQSxNQUNyRSxTQUFTLEdBQUcsS0FBSyxNQUFNO0FBQUEsRUFBSyxJQUFJLE9BQU8sS0FBSyxJQUFJLEtBQUssSUFBSSxLQUFLLE9BQU8sTUFBTSxDQUFDLENBQUM7QUFBQSxNQUM3RSxRQUFRO0FBQUEsTUFDUixNQUFNLEVBQUUsT0FBTyxLQUFLLFFBQVEsUUFBUSxLQUFLLEdBQUc7QUFBQSxJQUM5QyxDQUFDO0FBQUEsRUFDSDtBQUNGOzs7QUNsRU8sU0FBUyxXQUFXLE9BQXVCO0FBQ2hELFNBQU8sTUFBTSxTQUFTO0FBQUEsSUFDcEIsQ0FBQyxFQUFFLFlBQVksV0FBVyxDQUFDLE1BQVMsT0FBSSxFQUFFLE1BQ3hDLENBQUMsY0FBYyxLQUFLLFdBQVcsTUFBTSxNQUFNLFNBQVMsVUFBVSxNQUFNLFNBQVM7QUFBQSxFQUNqRjtBQUNGOzs7QUNsQ08sU0FBUyxXQUFXLFFBQXVCO0FBQ2hELFFBQU0sT0FBTyxJQUFJLFFBQVEsTUFBTTtBQUMvQixPQUFLLE9BQU8sR0FBRztBQUNmLFFBQU0sUUFBUSxFQUFFLE1BQU0sS0FBYyxVQUFVLFNBQVMsSUFBSSxFQUFFO0FBQzdELE1BQUksQ0FBQyxLQUFLLE1BQU8sTUFBSyxLQUFLLDhCQUE4QjtBQUN6RCxTQUFPO0FBQ1Q7QUFFQSxTQUFTLFNBQVMsTUFBMEI7QUFDMUMsUUFBTSxRQUFtQixDQUFDO0FBQzFCLGFBQVM7QUFDUCxVQUFNLFNBQVMsS0FBSztBQUNwQixTQUFLLE9BQU87QUFDWixVQUFNLE9BQU8sUUFBUSxJQUFJO0FBQ3pCLFFBQUksQ0FBQyxNQUFNO0FBQ1QsV0FBSyxLQUFLO0FBQ1YsYUFBTztBQUFBLElBQ1Q7QUFDQSxVQUFNLEtBQUssSUFBSTtBQUFBLEVBQ2pCO0FBQ0Y7QUFFQSxTQUFTLFFBQVEsTUFBb0M7QUFDbkQsTUFBSSxLQUFLLE9BQU8sSUFBSSxHQUFHO0FBQ3JCLFVBQU1DLGFBQVksVUFBVSxJQUFJLEtBQUssQ0FBQyxVQUFVLElBQUksQ0FBQztBQUNyRCxXQUFPLEVBQUUsWUFBWSxNQUFNLFdBQUFBLFdBQVU7QUFBQSxFQUN2QztBQUNBLE1BQUksS0FBSyxPQUFPLEdBQUcsRUFBRyxRQUFPLEVBQUUsWUFBWSxPQUFPLFdBQVcsQ0FBQyxVQUFVLElBQUksQ0FBQyxFQUFFO0FBQy9FLFFBQU0sWUFBWSxVQUFVLElBQUk7QUFDaEMsU0FBTyxhQUFhLEVBQUUsWUFBWSxPQUFPLFVBQVU7QUFDckQ7QUFFQSxTQUFTLFVBQVUsTUFBeUI7QUFDMUMsTUFBSSxLQUFLLE9BQU8sR0FBRyxFQUFHLFFBQU8sRUFBRSxNQUFNLFdBQVc7QUFDaEQsUUFBTSxPQUFPLEtBQUssY0FBYztBQUNoQyxTQUFPLFNBQVMsU0FBWSxLQUFLLEtBQUssc0JBQXNCLElBQUksRUFBRSxNQUFNLFFBQVEsS0FBSztBQUN2RjtBQUVBLFNBQVMsVUFBVSxNQUF1QztBQUN4RCxNQUFJLENBQUMsS0FBSyxPQUFPLEdBQUcsRUFBRyxRQUFPO0FBQzlCLFFBQU0sUUFBb0IsQ0FBQztBQUMzQixLQUFHO0FBQ0QsU0FBSyxPQUFPO0FBQ1osVUFBTSxLQUFLLFNBQVMsSUFBSSxDQUFDO0FBQ3pCLFNBQUssT0FBTztBQUFBLEVBQ2QsU0FBUyxLQUFLLE9BQU8sR0FBRztBQUN4QixPQUFLLE9BQU8sR0FBRztBQUNmLFNBQU87QUFDVDtBQUVBLFNBQVMsU0FBUyxNQUF5QjtBQUN6QyxNQUFJLEtBQUssT0FBTyxHQUFHLEVBQUcsUUFBTyxFQUFFLE1BQU0sV0FBVztBQUNoRCxNQUFJLEtBQUssT0FBTyxHQUFHLEdBQUc7QUFDcEIsU0FBSyxPQUFPO0FBQ1osV0FBTyxFQUFFLE1BQU0sVUFBVSxNQUFNLFVBQVUsSUFBSSxFQUFFO0FBQUEsRUFDakQ7QUFDQSxRQUFNLE9BQU8sS0FBSyxLQUFLO0FBQ3ZCLE1BQUksU0FBUyxPQUFXLFFBQU8sRUFBRSxNQUFNLFFBQVEsS0FBSztBQUNwRCxTQUFPLGFBQWEsSUFBSTtBQUMxQjtBQUVBLFNBQVMsYUFBYSxNQUF5QjtBQUM3QyxRQUFNLFFBQVEsS0FBSyxRQUFRO0FBQzNCLFFBQU0sYUFBYSxLQUFLO0FBQ3hCLE9BQUssT0FBTztBQUNaLE1BQUksQ0FBQyxLQUFLLE9BQU8sR0FBRyxHQUFHO0FBQ3JCLFNBQUssS0FBSztBQUNWLFdBQU8sVUFBVSxTQUNiLEtBQUssS0FBSyw2Q0FBNkMsSUFDdkQsRUFBRSxNQUFNLFNBQVMsT0FBTyxNQUFNO0FBQUEsRUFDcEM7QUFDQSxPQUFLLE9BQU87QUFDWixRQUFNLE1BQU0sS0FBSyxRQUFRO0FBQ3pCLFFBQU0sY0FBYyxLQUFLO0FBQ3pCLE9BQUssT0FBTztBQUNaLE1BQUk7QUFDSixNQUFJLEtBQUssT0FBTyxHQUFHLEdBQUc7QUFDcEIsVUFBTSxhQUFhLEtBQUs7QUFDeEIsU0FBSyxPQUFPO0FBQ1osV0FBTyxLQUFLLFFBQVE7QUFDcEIsUUFBSSxTQUFTLE9BQVcsTUFBSyxLQUFLO0FBQUEsRUFDcEMsTUFBTyxNQUFLLEtBQUs7QUFDakIsU0FBTyxFQUFFLE1BQU0sU0FBUyxPQUFPLEtBQUssTUFBTSxRQUFRLEVBQUU7QUFDdEQ7QUFFQSxTQUFTLFVBQVUsTUFBd0I7QUFDekMsU0FBTyxNQUFNLE1BQU0sTUFBTSxNQUFNLFVBQVU7QUFDM0M7QUFFQSxTQUFTLFdBQVcsTUFBd0I7QUFDMUMsU0FBTyxNQUFNLE1BQU0sTUFBTSxPQUFPLEtBQUs7QUFDdkM7QUFFQSxTQUFTLE1BQU0sTUFBZSxNQUFjLE1BQW9CLE1BQTJDO0FBQ3pHLFFBQU0sUUFBUSxDQUFDLEtBQUssSUFBSSxDQUFDO0FBQ3pCLGFBQVM7QUFDUCxVQUFNLFNBQVMsS0FBSztBQUNwQixTQUFLLE9BQU87QUFDWixRQUFJLENBQUMsS0FBSyxPQUFPLElBQUksR0FBRztBQUN0QixXQUFLLEtBQUs7QUFDVixhQUFPLE1BQU0sV0FBVyxJQUFLLE1BQU0sQ0FBQyxJQUFnQixFQUFFLE1BQU0sTUFBTTtBQUFBLElBQ3BFO0FBQ0EsU0FBSyxPQUFPO0FBQ1osVUFBTSxLQUFLLEtBQUssSUFBSSxDQUFDO0FBQUEsRUFDdkI7QUFDRjtBQUVBLFNBQVMsTUFBTSxNQUF3QjtBQUNyQyxNQUFJLEtBQUssV0FBVyxHQUFHLEtBQUssQ0FBQyxLQUFLLFdBQVcsSUFBSSxHQUFHO0FBQ2xELFNBQUssT0FBTyxHQUFHO0FBQ2YsU0FBSyxPQUFPO0FBQ1osVUFBTSxPQUFPLEtBQUssV0FBVyxHQUFHLElBQUksWUFBWSxJQUFJLElBQUksS0FBSyxNQUFNLFdBQVcsSUFBSSxDQUFDO0FBQ25GLFdBQU8sRUFBRSxNQUFNLE9BQU8sS0FBSztBQUFBLEVBQzdCO0FBQ0EsTUFBSSxLQUFLLFdBQVcsR0FBRyxFQUFHLFFBQU8sWUFBWSxJQUFJO0FBQ2pELFFBQU0sT0FBTyxXQUFXLElBQUk7QUFDNUIsUUFBTSxTQUFTLEtBQUs7QUFDcEIsT0FBSyxPQUFPO0FBQ1osUUFBTSxXQUFXLEtBQUssS0FBSyxrQkFBa0I7QUFDN0MsTUFBSSxhQUFhLFFBQVc7QUFDMUIsU0FBSyxLQUFLO0FBQ1YsV0FBTyxLQUFLLE1BQU0sSUFBSTtBQUFBLEVBQ3hCO0FBQ0EsT0FBSyxPQUFPO0FBQ1osU0FBTyxFQUFFLE1BQU0sV0FBVyxVQUFVLE1BQU0sUUFBUSxNQUFNLElBQUksR0FBRyxPQUFPLFFBQVEsTUFBTSxXQUFXLElBQUksQ0FBQyxFQUFFO0FBQ3hHO0FBRUEsU0FBUyxZQUFZLE1BQXdCO0FBQzNDLE9BQUssT0FBTyxHQUFHO0FBQ2YsT0FBSyxPQUFPO0FBQ1osUUFBTSxRQUFRLFVBQVUsSUFBSTtBQUM1QixPQUFLLE9BQU87QUFDWixPQUFLLE9BQU8sR0FBRztBQUNmLFNBQU87QUFDVDtBQUdBLFNBQVMsS0FBSyxNQUFlLE9BQTRCO0FBQ3ZELE1BQUksTUFBTSxTQUFTLFFBQVMsUUFBTyxFQUFFLE1BQU0sVUFBVSxPQUFPLE1BQU0sTUFBTTtBQUN4RSxNQUFJLE1BQU0sU0FBUyxVQUFXLFFBQU8sS0FBSyxLQUFLLDJDQUEyQztBQUMxRixNQUFJLFVBQVUsTUFBTSxJQUFJLE1BQU07QUFDNUIsV0FBTyxLQUFLLEtBQUssaUJBQWlCLE1BQU0sS0FBSyxJQUFJLGtDQUFrQztBQUNyRixTQUFPLEVBQUUsTUFBTSxRQUFRLE1BQU0sTUFBTSxLQUFLO0FBQzFDO0FBR0EsU0FBUyxRQUFRLE1BQWUsT0FBK0I7QUFDN0QsTUFBSSxNQUFNLFNBQVMsV0FBVyxDQUFDLFdBQVcsTUFBTSxLQUFLO0FBQ25ELFdBQU8sS0FBSyxLQUFLLHNEQUFzRDtBQUN6RSxNQUFJLE1BQU0sU0FBUyxVQUFVLFVBQVUsTUFBTSxJQUFJLE1BQU07QUFDckQsV0FBTyxLQUFLLEtBQUssaUJBQWlCLE1BQU0sS0FBSyxJQUFJLHFCQUFxQjtBQUN4RSxTQUFPO0FBQ1Q7QUFFQSxTQUFTLFdBQVcsTUFBMkI7QUFDN0MsUUFBTSxPQUFPLEtBQUssV0FBVyxHQUFHLElBQUksTUFBTSxLQUFLLFdBQVcsR0FBRyxJQUFJLE1BQU07QUFDdkUsTUFBSSxNQUFNO0FBQ1IsU0FBSyxPQUFPLElBQUk7QUFDaEIsV0FBTyxFQUFFLE1BQU0sU0FBUyxPQUFPLEVBQUUsTUFBTSxVQUFVLFNBQVMsSUFBSSxFQUFFLEVBQUU7QUFBQSxFQUNwRTtBQUNBLFFBQU0sT0FBTyxLQUFLLEtBQUs7QUFDdkIsTUFBSSxTQUFTLE9BQVcsUUFBTyxFQUFFLE1BQU0sV0FBVyxPQUFPLEtBQUs7QUFDOUQsUUFBTSxTQUFTLEtBQUssS0FBSyxtQ0FBbUM7QUFDNUQsTUFBSSxXQUFXLFFBQVc7QUFDeEIsUUFBSSxDQUFDLDBCQUEwQixLQUFLLE1BQU0sRUFBRyxNQUFLLEtBQUssR0FBRyxNQUFNLGVBQWU7QUFDL0UsV0FBTyxFQUFFLE1BQU0sV0FBVyxPQUFPLE9BQU8sTUFBTSxFQUFFO0FBQUEsRUFDbEQ7QUFDQSxRQUFNLE9BQU8sS0FBSyxLQUFLLGtCQUFrQjtBQUN6QyxNQUFJLFNBQVMsT0FBVyxRQUFPLEtBQUssS0FBSyx5Q0FBeUM7QUFDbEYsTUFBSSxLQUFLLFdBQVcsR0FBRyxFQUFHLFFBQU8sRUFBRSxNQUFNLFFBQVEsTUFBTSxLQUFLLE1BQU0sSUFBSSxFQUFFO0FBQ3hFLFFBQU0sWUFBbUMsRUFBRSxNQUFNLE1BQU0sT0FBTyxPQUFPLE1BQU0sS0FBSztBQUNoRixRQUFNQyxTQUFRLE9BQU8sT0FBTyxXQUFXLElBQUksSUFBSSxVQUFVLElBQUksSUFBSTtBQUNqRSxTQUFPQSxXQUFVLFNBQVksS0FBSyxLQUFLLEdBQUcsSUFBSSxpQkFBaUIsSUFBSSxFQUFFLE1BQU0sV0FBVyxPQUFBQSxPQUFNO0FBQzlGO0FBRUEsSUFBTSxZQUFZLENBQUNDLFVBQTZCLG1CQUFtQixJQUFJQSxNQUFLLElBQUksR0FBRyxTQUFTO0FBRTVGLFNBQVMsS0FBSyxNQUFlLE1BQW9CO0FBQy9DLFFBQU0sWUFBWSxtQkFBbUIsSUFBSSxJQUFJO0FBQzdDLE1BQUksQ0FBQyxVQUFXLFFBQU8sS0FBSyxLQUFLLHdCQUF3QixJQUFJLFlBQVksQ0FBQyxHQUFHLG1CQUFtQixLQUFLLENBQUMsRUFBRSxLQUFLLElBQUksQ0FBQyxFQUFFO0FBQ3BILE9BQUssT0FBTyxHQUFHO0FBQ2YsT0FBSyxPQUFPO0FBQ1osUUFBTSxPQUFtQixDQUFDO0FBQzFCLE1BQUksQ0FBQyxLQUFLLFdBQVcsR0FBRyxHQUFHO0FBQ3pCLE9BQUc7QUFDRCxXQUFLLE9BQU87QUFDWixXQUFLLEtBQUssV0FBVyxJQUFJLENBQUM7QUFDMUIsV0FBSyxPQUFPO0FBQUEsSUFDZCxTQUFTLEtBQUssT0FBTyxHQUFHO0FBQUEsRUFDMUI7QUFDQSxPQUFLLE9BQU8sR0FBRztBQUNmLE1BQUksS0FBSyxXQUFXLFVBQVUsTUFBTSxPQUFRLE1BQUssS0FBSyxHQUFHLElBQUksVUFBVSxVQUFVLE1BQU0sTUFBTSxjQUFjO0FBQzNHLE9BQUssUUFBUSxDQUFDLEtBQUssVUFBVTtBQUMzQixVQUFNLFNBQVMsVUFBVSxNQUFNLEtBQUs7QUFDcEMsUUFBSSxXQUFXLFdBQVcsSUFBSSxTQUFTLFFBQVMsTUFBSyxLQUFLLEdBQUcsSUFBSSxnQkFBZ0I7QUFDakYsUUFBSSxXQUFXLFFBQVMsU0FBUSxNQUFNLEdBQUc7QUFBQSxFQUMzQyxDQUFDO0FBQ0QsU0FBTyxFQUFFLE1BQU0sS0FBSztBQUN0Qjs7O0FDeExPLFNBQVMsZ0JBQWdCLFFBQWdCLE9BQXFDO0FBQ25GLFFBQU0sUUFBUSxXQUFXLE1BQU07QUFDL0IsUUFBTSxRQUFRLFFBQVEsT0FBTyxLQUFLO0FBQ2xDLFNBQU8sRUFBRSxRQUFRLE9BQU8sVUFBVSxXQUFXLEtBQUssR0FBRyxRQUFRLENBQUMsU0FBUyxNQUFNLE1BQU0sSUFBSSxFQUFFO0FBQzNGO0FBRUEsU0FBUyxRQUFRLE9BQWMsT0FBa0M7QUFDL0QsUUFBTSxXQUFXLE1BQU0sU0FBUztBQUNoQyxRQUFNLE9BQU8sV0FBVyxLQUFLLElBQ3pCLE1BQU0sU0FBUyxJQUFJLENBQUMsRUFBRSxXQUFXLENBQUMsSUFBSSxFQUFFLE1BQU0sWUFBWSxJQUFnQixDQUFDLElBQzNFO0FBQ0osTUFBSSxNQUFNO0FBQ1IsV0FBTyxDQUFDLE1BQU0sWUFBWTtBQUN4QixVQUFJQyxTQUEyQixXQUFXLE9BQU87QUFDakQsaUJBQVcsT0FBTyxNQUFNO0FBQ3RCLFFBQUFBLFNBQVEsTUFBTUEsUUFBTyxHQUFHO0FBQ3hCLFlBQUlBLFdBQVUsT0FBVyxRQUFPLENBQUM7QUFBQSxNQUNuQztBQUNBLGFBQU8sQ0FBQ0EsTUFBSztBQUFBLElBQ2Y7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRLE1BQU0sU0FBUyxJQUFJLENBQUMsRUFBRSxZQUFZLFVBQVUsTUFBTTtBQUM5RCxVQUFNLFFBQVEsVUFBVSxJQUFJLENBQUNDLGNBQWEsT0FBT0EsV0FBVSxLQUFLLENBQUM7QUFDakUsV0FBTyxDQUFDLE1BQWEsU0FBb0M7QUFDdkQsWUFBTSxRQUFpQixDQUFDO0FBQ3hCLGlCQUFXRCxVQUFTLGFBQWEsS0FBSyxRQUFRLGVBQWUsSUFBSTtBQUMvRCxtQkFBVyxRQUFRLE1BQU8sTUFBS0EsUUFBTyxPQUFPLElBQUk7QUFDbkQsYUFBTztBQUFBLElBQ1Q7QUFBQSxFQUNGLENBQUM7QUFDRCxTQUFPLENBQUMsTUFBTSxZQUFZO0FBQ3hCLFFBQUksU0FBa0IsQ0FBQyxXQUFXLE9BQU8sT0FBTztBQUNoRCxlQUFXLFFBQVEsTUFBTyxVQUFTLEtBQUssTUFBTSxNQUFNO0FBQ3BELFdBQU87QUFBQSxFQUNUO0FBQ0Y7QUFFQSxTQUFTLFlBQVlDLFdBQXFDO0FBQ3hELFNBQU9BLFVBQVMsU0FBUyxTQUFTQSxVQUFTLE9BQU9BLFVBQVMsU0FBUyxVQUFVQSxVQUFTLFFBQVE7QUFDakc7QUFHTyxTQUFTLE1BQU1ELFFBQTBCLEtBQXlDO0FBQ3ZGLE1BQUksT0FBT0EsV0FBVSxZQUFZQSxXQUFVLFFBQVFBLGtCQUFpQixRQUFTLFFBQU87QUFDcEYsTUFBSSxNQUFNLFFBQVFBLE1BQUssRUFBRyxRQUFPLE9BQU8sUUFBUSxXQUFZQSxPQUFNLEdBQUcsR0FBRyxJQUEwQjtBQUNsRyxNQUFJLE9BQU8sUUFBUSxTQUFVLFFBQU87QUFDcEMsU0FBTyxPQUFPLE9BQU9BLFFBQU8sR0FBRyxJQUFLQSxPQUFnQyxHQUFHLElBQUk7QUFDN0U7QUFFQSxTQUFTLFNBQVNBLFFBQWdDO0FBQ2hELE1BQUksT0FBT0EsV0FBVSxZQUFZQSxXQUFVLFFBQVFBLGtCQUFpQixRQUFTLFFBQU8sQ0FBQztBQUNyRixTQUFPLE1BQU0sUUFBUUEsTUFBSyxJQUFJQSxTQUFRLE9BQU8sT0FBT0EsTUFBOEI7QUFDcEY7QUFHQSxTQUFTLGdCQUFnQkEsUUFBdUI7QUFDOUMsUUFBTSxRQUFpQixDQUFDO0FBQ3hCLFFBQU0sT0FBZ0IsQ0FBQ0EsTUFBSztBQUM1QixXQUFTLE9BQU8sS0FBSyxJQUFJLEdBQUcsU0FBUyxRQUFXLE9BQU8sS0FBSyxJQUFJLEdBQUc7QUFDakUsVUFBTSxLQUFLLElBQUk7QUFDZixVQUFNLFFBQVEsU0FBUyxJQUFJO0FBQzNCLGFBQVMsUUFBUSxNQUFNLFNBQVMsR0FBRyxTQUFTLEdBQUcsU0FBUyxFQUFHLE1BQUssS0FBSyxNQUFNLEtBQUssQ0FBVTtBQUFBLEVBQzVGO0FBQ0EsU0FBTztBQUNUO0FBRUEsU0FBUyxPQUFPQyxXQUFvQixPQUErRTtBQUNqSCxVQUFRQSxVQUFTLE1BQU07QUFBQSxJQUNyQixLQUFLO0FBQUEsSUFDTCxLQUFLLFNBQVM7QUFDWixZQUFNLE1BQU0sWUFBWUEsU0FBUTtBQUNoQyxhQUFPLENBQUNELFFBQU8sU0FBUztBQUN0QixjQUFNLFFBQVEsTUFBTUEsUUFBTyxHQUFHO0FBQzlCLFlBQUksVUFBVSxPQUFXLE1BQUssS0FBSyxLQUFLO0FBQUEsTUFDMUM7QUFBQSxJQUNGO0FBQUEsSUFDQSxLQUFLO0FBQ0gsYUFBTyxDQUFDQSxRQUFPLFNBQVM7QUFDdEIsbUJBQVcsUUFBUSxTQUFTQSxNQUFLLEVBQUcsTUFBSyxLQUFLLElBQUk7QUFBQSxNQUNwRDtBQUFBLElBQ0YsS0FBSztBQUNILGFBQU8sQ0FBQ0EsUUFBTyxTQUFTO0FBQ3RCLFlBQUksTUFBTSxRQUFRQSxNQUFLLEVBQUcsWUFBVyxTQUFTLE1BQU1DLFdBQVVELE9BQU0sTUFBTSxFQUFHLE1BQUssS0FBS0EsT0FBTSxLQUFLLENBQVU7QUFBQSxNQUM5RztBQUFBLElBQ0YsS0FBSyxVQUFVO0FBQ2IsWUFBTUUsUUFBTyxPQUFPRCxVQUFTLE1BQU0sS0FBSztBQUN4QyxhQUFPLENBQUNELFFBQU8sTUFBTSxTQUFTO0FBQzVCLG1CQUFXLFFBQVEsU0FBU0EsTUFBSyxFQUFHLEtBQUlFLE1BQUssTUFBTSxJQUFJLEVBQUcsTUFBSyxLQUFLLElBQUk7QUFBQSxNQUMxRTtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxVQUFVLE1BQU0sRUFBRSxPQUFPLEtBQUssS0FBSyxHQUF5Q0MsU0FBbUM7QUFDN0csTUFBSSxTQUFTLEVBQUc7QUFDaEIsUUFBTSxTQUFTLENBQUMsVUFBMkIsU0FBUyxJQUFJLFFBQVFBLFVBQVM7QUFDekUsUUFBTSxPQUFPLE9BQU8sVUFBVSxPQUFPLElBQUksSUFBSUEsVUFBUyxFQUFFO0FBQ3hELFFBQU0sS0FBSyxRQUFRLFNBQWEsT0FBTyxJQUFJQSxVQUFTLEtBQU0sT0FBTyxHQUFHO0FBQ3BFLE1BQUksT0FBTyxFQUFHLFVBQVMsS0FBSyxLQUFLLElBQUksTUFBTSxDQUFDLEdBQUcsS0FBSyxLQUFLLElBQUksSUFBSUEsT0FBTSxHQUFHLE1BQU0sS0FBTSxPQUFNO0FBQUEsTUFDdkYsVUFBUyxLQUFLLEtBQUssSUFBSSxNQUFNQSxVQUFTLENBQUMsR0FBRyxLQUFLLEtBQUssSUFBSSxJQUFJLEVBQUUsR0FBRyxNQUFNLEtBQU0sT0FBTTtBQUMxRjtBQUVBLFNBQVMsT0FBTyxTQUFrQixPQUFpQztBQUNqRSxVQUFRLFFBQVEsTUFBTTtBQUFBLElBQ3BCLEtBQUssTUFBTTtBQUNULFlBQU0sUUFBUSxRQUFRLE1BQU0sSUFBSSxDQUFDLFNBQVMsT0FBTyxNQUFNLEtBQUssQ0FBQztBQUM3RCxhQUFPLENBQUMsTUFBTSxZQUFZLE1BQU0sS0FBSyxDQUFDLFNBQVMsS0FBSyxNQUFNLE9BQU8sQ0FBQztBQUFBLElBQ3BFO0FBQUEsSUFDQSxLQUFLLE9BQU87QUFDVixZQUFNLFFBQVEsUUFBUSxNQUFNLElBQUksQ0FBQyxTQUFTLE9BQU8sTUFBTSxLQUFLLENBQUM7QUFDN0QsYUFBTyxDQUFDLE1BQU0sWUFBWSxNQUFNLE1BQU0sQ0FBQyxTQUFTLEtBQUssTUFBTSxPQUFPLENBQUM7QUFBQSxJQUNyRTtBQUFBLElBQ0EsS0FBSyxPQUFPO0FBQ1YsWUFBTSxPQUFPLE9BQU8sUUFBUSxNQUFNLEtBQUs7QUFDdkMsYUFBTyxDQUFDLE1BQU0sWUFBWSxDQUFDLEtBQUssTUFBTSxPQUFPO0FBQUEsSUFDL0M7QUFBQSxJQUNBLEtBQUssVUFBVTtBQUNiLFlBQU0sUUFBUSxRQUFRLFFBQVEsT0FBTyxLQUFLO0FBQzFDLGFBQU8sQ0FBQyxNQUFNLFlBQVksTUFBTSxNQUFNLE9BQU8sRUFBRSxTQUFTO0FBQUEsSUFDMUQ7QUFBQSxJQUNBLEtBQUssUUFBUTtBQUNYLFlBQU1DLFFBQU8sT0FBTyxRQUFRLE1BQU0sS0FBSztBQUN2QyxhQUFPLENBQUMsTUFBTSxZQUFZQSxNQUFLLE1BQU0sT0FBTyxNQUFNO0FBQUEsSUFDcEQ7QUFBQSxJQUNBLEtBQUssV0FBVztBQUNkLFlBQU0sQ0FBQyxNQUFNLEtBQUssSUFBSSxDQUFDLFNBQVMsUUFBUSxNQUFNLEtBQUssR0FBRyxTQUFTLFFBQVEsT0FBTyxLQUFLLENBQUM7QUFDcEYsWUFBTSxRQUFRLFdBQVcsUUFBUSxRQUFRO0FBQ3pDLGFBQU8sQ0FBQyxNQUFNLFlBQVksTUFBTSxLQUFLLE1BQU0sT0FBTyxHQUFHLE1BQU0sTUFBTSxPQUFPLENBQUM7QUFBQSxJQUMzRTtBQUFBLEVBQ0Y7QUFDRjtBQUVBLFNBQVMsU0FBUyxPQUFtQixPQUE0RTtBQUMvRyxNQUFJLE1BQU0sU0FBUyxVQUFXLFFBQU8sTUFBTSxNQUFNO0FBQ2pELE1BQUksTUFBTSxTQUFTLE9BQVEsUUFBTyxPQUFPLE1BQU0sTUFBTSxLQUFLO0FBQzFELFFBQU0sUUFBUSxRQUFRLE1BQU0sT0FBTyxLQUFLO0FBQ3hDLFNBQU8sQ0FBQyxNQUFNLFlBQVksTUFBTSxNQUFNLE9BQU8sRUFBRSxDQUFDO0FBQ2xEO0FBRUEsU0FBUyxPQUFPQSxPQUFZLE9BQXNGO0FBQ2hILFFBQU0sWUFBWSxtQkFBbUIsSUFBSUEsTUFBSyxJQUFJO0FBQ2xELE1BQUksQ0FBQyxVQUFXLE9BQU0sSUFBSSxNQUFNLFlBQVlBLE1BQUssSUFBSSxvQkFBb0I7QUFDekUsTUFBSSxVQUFVLEtBQU0sT0FBTSxLQUFLLFVBQVUsS0FBSyxDQUFDO0FBQy9DLFFBQU0sT0FBT0EsTUFBSyxLQUFLO0FBQUEsSUFBSSxDQUFDLEtBQUssVUFDL0IsVUFBVSxNQUFNLEtBQUssTUFBTSxXQUFXLElBQUksU0FBUyxVQUFVLFFBQVEsSUFBSSxPQUFPLEtBQUssSUFBSSxTQUFTLEtBQUssS0FBSztBQUFBLEVBQzlHO0FBQ0EsU0FBTyxDQUFDLE1BQU0sWUFBWSxVQUFVLEtBQUssS0FBSyxJQUFJLENBQUMsUUFBUSxJQUFJLE1BQU0sT0FBTyxDQUFDLENBQUM7QUFDaEY7QUFHQSxTQUFTLFdBQVcsVUFBOEU7QUFDaEcsVUFBUSxVQUFVO0FBQUEsSUFDaEIsS0FBSztBQUNILGFBQU87QUFBQSxJQUNULEtBQUs7QUFDSCxhQUFPLENBQUMsTUFBTSxVQUFVLENBQUMsWUFBWSxNQUFNLEtBQUs7QUFBQSxJQUNsRCxLQUFLO0FBQ0gsYUFBTztBQUFBLElBQ1QsS0FBSztBQUNILGFBQU8sQ0FBQyxNQUFNLFVBQVUsS0FBSyxPQUFPLElBQUk7QUFBQSxJQUMxQyxLQUFLO0FBQ0gsYUFBTyxDQUFDLE1BQU0sVUFBVSxLQUFLLE1BQU0sS0FBSyxLQUFLLFlBQVksTUFBTSxLQUFLO0FBQUEsSUFDdEUsS0FBSztBQUNILGFBQU8sQ0FBQyxNQUFNLFVBQVUsS0FBSyxPQUFPLElBQUksS0FBSyxZQUFZLE1BQU0sS0FBSztBQUFBLEVBQ3hFO0FBQ0Y7QUFFQSxTQUFTLEtBQUssTUFBc0IsT0FBZ0M7QUFDbEUsUUFBTSxDQUFDLEdBQUcsQ0FBQyxJQUFJLENBQUMsTUFBTSxJQUFJLEdBQUcsTUFBTSxLQUFLLENBQUM7QUFDekMsTUFBSSxPQUFPLE1BQU0sWUFBWSxPQUFPLE1BQU0sU0FBVSxRQUFPLElBQUk7QUFDL0QsU0FBTyxPQUFPLE1BQU0sWUFBWSxPQUFPLE1BQU0sWUFBWSxPQUFPLFFBQVEsT0FBTyxLQUFLLENBQUMsR0FBRyxPQUFPLEtBQUssQ0FBQyxDQUFDLElBQUk7QUFDNUc7IiwKICAibmFtZXMiOiBbInZhbHVlIiwgInZhbHVlIiwgInNlbGVjdG9ycyIsICJ2YWx1ZSIsICJjYWxsIiwgInZhbHVlIiwgInNlbGVjdG9yIiwgInRlc3QiLCAibGVuZ3RoIiwgImNhbGwiXQp9Cg==
