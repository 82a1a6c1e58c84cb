import {
  layered,
  namesFrom
} from "./chunk-ILBUWU7B.js";
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import {
  equalValues
} from "./chunk-WDD3S5O6.js";
import {
  Evaluation
} from "./chunk-ELCQYB6S.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import {
  writeJson
} from "./chunk-RABAPZK5.js";
import {
  isValueMap,
  plain,
  typeOf,
  writtenScalar
} from "./chunk-XGDOGID3.js";

// src/core/value/streamed.ts
var StreamedBytes = class extends Uint8Array {
  /** How many there are. */
  size;
  /** All of them, read anew each time. */
  pieces;
  constructor(size, pieces) {
    super(0);
    this.size = size;
    this.pieces = pieces;
  }
};

// src/core/expression/filters/filter.ts
function wrongInput(filter, wanted, found) {
  return new Problem("expression-value", {
    what: `${filter} needs ${wanted}, not ${found instanceof Uint8Array ? "bytes" : typeOf(found)}`,
    data: { filter }
  });
}
function wantText(filter, input) {
  const value = plain(input);
  if (value === null || typeof value === "object" && input === value) throw wrongInput(filter, "a text", input);
  return textOf(input);
}
function wantNumber(filter, input) {
  const value = plain(input);
  const number = typeof value === "string" && value.trim() !== "" ? Number(value) : value;
  if (typeof number !== "number" || Number.isNaN(number)) throw wrongInput(filter, "a number", input);
  return number;
}
function wantList(filter, input) {
  if (!Array.isArray(input)) throw wrongInput(filter, "a list", input);
  return input;
}

// src/core/expression/filters/date.ts
var DateTime;
var load = async () => {
  DateTime ??= (await import("luxon")).DateTime;
};
var options = { setZone: true, zone: "utc", locale: "en" };
function fromText(library, text) {
  const date = library.fromISO(text, options);
  return date.isValid ? date : library.fromHTTP(text, options);
}
function dateOf(filter, input) {
  const library = DateTime;
  const value = plain(input);
  const date = typeof value === "number" ? library.fromSeconds(value, { zone: "utc", locale: "en" }) : fromText(library, wantText(filter, input));
  if (!date?.isValid) {
    throw new Problem("expression-value", {
      what: `${filter} cannot read ${JSON.stringify(value)} as a date`,
      remedy: "dates are written 2026-11-24T09:30:00Z (RFC 3339) or as seconds since 1970"
    });
  }
  return date;
}
var secondIn = (input) => typeof input === "string" && input.length === 24 && input.endsWith("Z") && input[19] === "." ? input.slice(0, 19) : void 0;
var showMilliseconds = /* @__PURE__ */ new Map();
function showsMilliseconds(pattern) {
  let shows = showMilliseconds.get(pattern);
  if (shows === void 0) {
    shows = /[Sux]/.test(pattern.replace(/'[^']*'/g, ""));
    showMilliseconds.set(pattern, shows);
  }
  return shows;
}
var remembered = /* @__PURE__ */ new Map();
function onceASecond(name, input, pattern, work) {
  const second = secondIn(input);
  if (second === void 0 || showsMilliseconds(pattern)) return work();
  const key = `${name} ${second} ${pattern}`;
  const before = remembered.get(key);
  if (before !== void 0) return before;
  if (remembered.size > 20) remembered.clear();
  const text = work();
  remembered.set(key, text);
  return text;
}
function rfc3339(date) {
  return date.toISO({ suppressMilliseconds: true });
}
function ofDate(name, about, example, work, args = 0) {
  return {
    name,
    about,
    example,
    arguments: [args, args],
    load,
    apply: (input, given) => work(dateOf(name, input), ...given)
  };
}
var shift = /^([+-]?)(\d+)(ms|s|m|h|d|w)$/;
var units = { ms: "milliseconds", s: "seconds", m: "minutes", h: "hours", d: "days", w: "weeks" };
var dateFilters = [
  {
    name: "http-date",
    about: "RFC 9110 section 5.6.7, always GMT",
    example: "${now | http-date}",
    arguments: [0, 0],
    load,
    apply: (input) => onceASecond("http-date", input, "", () => dateOf("http-date", input).toHTTP())
  },
  ofDate("rfc3339", "RFC 3339", "${now | rfc3339}", rfc3339),
  ofDate("unix", "whole seconds since 1970", "${now | unix}", (date) => Math.floor(date.toSeconds())),
  ofDate("unix-ms", "milliseconds since 1970", "${now | unix-ms}", (date) => date.toMillis()),
  {
    name: "format",
    about: "by the letters of Unicode TR 35, text in single quotes",
    example: `\${now | format("yyyyMMdd'T'HHmmss'Z'")}`,
    arguments: [1, 1],
    load,
    apply(input, [given]) {
      const pattern = wantText("format", given);
      return onceASecond("format", input, pattern, () => dateOf("format", input).toFormat(pattern));
    }
  },
  ofDate(
    "plus",
    "later, or with a minus sign earlier: ms, s, m, h, d, w",
    '${now | plus("-6h")}',
    (date, amount) => {
      const found = shift.exec(wantText("plus", amount));
      if (!found)
        throw new Problem("expression-value", { what: `plus cannot read ${amount}`, remedy: "write 90s, -6h or 2d" });
      const count = Number(found[2]) * (found[1] === "-" ? -1 : 1);
      return rfc3339(date.plus({ [units[found[3]]]: count }));
    },
    1
  ),
  ofDate(
    "in-zone",
    "the same moment in a time zone of the IANA list or at an offset",
    '${now | in-zone("Europe/Lisbon")}',
    (date, zone) => {
      const moved = date.setZone(wantText("in-zone", zone));
      if (!moved.isValid)
        throw new Problem("expression-value", {
          what: `there is no time zone ${zone}`,
          remedy: "such as Europe/Lisbon or UTC+2"
        });
      return rfc3339(moved);
    },
    1
  )
];

// src/core/expression/filters/digest.ts
import { createHash, createHmac, hash } from "node:crypto";
var algorithms = {
  md5: "md5",
  "sha-1": "sha1",
  "sha-224": "sha224",
  "sha-256": "sha256",
  "sha-384": "sha384",
  "sha-512": "sha512",
  "sha-512-224": "sha512-224",
  "sha-512-256": "sha512-256",
  "sha3-256": "sha3-256",
  "sha3-384": "sha3-384",
  "sha3-512": "sha3-512"
};
var bytesOf = (value) => value instanceof Uint8Array ? value : textOf(value);
function streamed(digest, input) {
  for (const piece of input.pieces()) digest.update(piece);
  return digest.digest();
}
function digestOf(algorithm, input) {
  if (input instanceof StreamedBytes) return streamed(createHash(algorithm), input);
  const bytes = bytesOf(input);
  if (bytes.length > 0) return hash(algorithm, bytes, "buffer");
  let digest = ofNothing.get(algorithm);
  if (!digest) {
    digest = hash(algorithm, "", "buffer");
    ofNothing.set(algorithm, digest);
  }
  return digest;
}
var ofNothing = /* @__PURE__ */ new Map();
var blocks = {
  sha384: 128,
  sha512: 128,
  "sha512-224": 128,
  "sha512-256": 128,
  "sha3-256": 136,
  "sha3-384": 104,
  "sha3-512": 72
};
var last;
function padsOf(algorithm, key) {
  if (last?.algorithm === algorithm && last.key === key) return last;
  const bytes = bytesOf(key);
  const long = Buffer.from(bytes);
  const block = blocks[algorithm] ?? 64;
  const own = Buffer.alloc(block);
  own.set(long.length > block ? hash(algorithm, long, "buffer") : long);
  last = { algorithm, key, inner: xored(own, 54), outer: xored(own, 92) };
  return last;
}
var xored = (bytes, mask) => Buffer.from(bytes.map((byte) => byte ^ mask));
function keyedDigestOf(algorithm, input, key) {
  if (input instanceof StreamedBytes) return streamed(createHmac(algorithm, bytesOf(key)), input);
  const { inner, outer } = padsOf(algorithm, key);
  const bytes = bytesOf(input);
  const first = hash(
    algorithm,
    Buffer.concat([inner, typeof bytes === "string" ? Buffer.from(bytes) : bytes]),
    "buffer"
  );
  return hash(algorithm, Buffer.concat([outer, first]), "buffer");
}
var digestFilters = Object.entries(algorithms).flatMap(([name, algorithm]) => [
  {
    name,
    about: `the ${name.toUpperCase()} digest, bytes`,
    example: `\${body | ${name} | hex}`,
    arguments: [0, 0],
    streams: true,
    apply: (input) => digestOf(algorithm, input)
  },
  {
    name: `hmac-${name}`,
    about: `the keyed ${name.toUpperCase()} digest, bytes; the key is a text or bytes`,
    example: `\${text | hmac-${name}(secret.key) | base64}`,
    arguments: [1, 1],
    streams: true,
    apply: (input, [key]) => keyedDigestOf(algorithm, input, key)
  }
]);

// src/core/expression/filters/each.ts
function eachFilter(filters2) {
  return {
    name: "each",
    about: "another filter over every item of a list: its name, and its arguments",
    example: '${sent.path | split("/") | each("percent") | join("/")}',
    arguments: [1, 10],
    apply(input, [name, ...args], evaluation) {
      const wanted = textOf(name);
      const usable = [...filters2()].filter(([, { load: load2 }]) => load2 === void 0).map(([one]) => one);
      const filter = filters2().get(wanted);
      const [least, most] = filter?.arguments ?? [0, 0];
      if (!filter || !usable.includes(wanted)) {
        throw new Problem("expression-value", {
          what: `each cannot use a filter ${wanted}`,
          remedy: nearestHint(wanted, usable)
        });
      }
      if (args.length < least || args.length > most)
        throw new Problem("expression-value", { what: `${wanted} is written ${filter.example}` });
      return wantList("each", input).map((item) => filter.apply(item, args, evaluation));
    }
  };
}

// src/core/expression/filters/encoding.ts
var alphabets = {
  hex: /^(?:[0-9a-f]{2})*$/i,
  base64: /^(?:[A-Za-z0-9+/]{4})*(?:[A-Za-z0-9+/]{2}==|[A-Za-z0-9+/]{3}=)?$/,
  base64url: /^[A-Za-z0-9_-]*$/
};
var bytePairs = Object.keys(alphabets).flatMap(
  (name) => [
    {
      name,
      about: `bytes, or the UTF-8 of a text, as ${name}`,
      example: `\${body | sha-256 | ${name}}`,
      arguments: [0, 0],
      apply: (input) => Buffer.from(input instanceof Uint8Array ? input : textOf(input)).toString(name)
    },
    {
      name: `from-${name}`,
      about: `the bytes that a ${name} text stands for`,
      example: `\${code | from-${name} | text}`,
      arguments: [0, 0],
      apply(input) {
        const text = wantText(`from-${name}`, input);
        if (!alphabets[name].test(text)) throw new Problem("expression-value", { what: `the text is not ${name}` });
        return Buffer.from(text, name);
      }
    }
  ]
);
var encodingFilters = [
  ...bytePairs,
  {
    name: "from-percent",
    about: "the text that a percent-encoded one stands for",
    example: "${sent.path | from-percent}",
    arguments: [0, 0],
    apply(input) {
      try {
        return decodeURIComponent(wantText("from-percent", input));
      } catch {
        throw new Problem("expression-value", { what: "the text is not percent-encoded UTF-8" });
      }
    }
  }
];

// src/core/expression/filters/list.ts
function compare(left, right) {
  const a = plain(left);
  const b = plain(right);
  if (typeof a === "number" && typeof b === "number") return a - b;
  if (isValueMap(left) && isValueMap(right)) {
    for (const key in left) {
      const order = compare(left[key], right[key] ?? null);
      if (order !== 0) return order;
    }
    return 0;
  }
  const x = textOf(left);
  const y = textOf(right);
  return x < y ? -1 : x > y ? 1 : 0;
}
function pick(item, key) {
  return isValueMap(item) && Object.hasOwn(item, key) ? item[key] : null;
}
function edge(name, about, at) {
  return {
    name,
    about,
    example: `\${items | ${name}}`,
    arguments: [0, 0],
    apply: (input) => wantList(name, input).at(at) ?? null
  };
}
var listFilters = [
  edge("first", "the first item, null where there is none", 0),
  edge("last", "the last item, null where there is none", -1),
  {
    name: "count",
    about: "the number of items, members or characters",
    example: "${items | count}",
    arguments: [0, 0],
    apply(input) {
      if (Array.isArray(input)) return input.length;
      if (input instanceof Uint8Array) return input.length;
      if (isValueMap(input)) return Object.keys(input).length;
      if (typeof input === "string") return [...input].length;
      throw wrongInput("count", "a list, a map or a text", input);
    }
  },
  {
    name: "sorted",
    about: "the items in order: numbers by size, pairs by name and then by value, anything else by its text; with a key, by that member",
    example: '${berths | sorted("lengthM")}',
    arguments: [0, 1],
    apply(input, [key]) {
      const items = [...wantList("sorted", input)];
      if (key === void 0) return items.sort(compare);
      return items.sort((left, right) => compare(pick(left, textOf(key)), pick(right, textOf(key))));
    }
  },
  {
    name: "pluck",
    about: "one member of every item",
    example: '${berths | pluck("code")}',
    arguments: [1, 1],
    apply: (input, [key]) => wantList("pluck", input).map((item) => pick(item, textOf(key)))
  },
  {
    name: "without",
    about: "a list without an item, or a map without a member",
    example: '${vessel | without("id")}',
    arguments: [1, 9],
    apply(input, keys) {
      if (Array.isArray(input)) return input.filter((item) => !keys.some((key) => equalValues(key, item)));
      if (!isValueMap(input)) throw wrongInput("without", "a list or a map", input);
      const names = keys.map(textOf);
      return Object.fromEntries(Object.entries(input).filter(([name]) => !names.includes(name)));
    }
  },
  {
    name: "merge",
    about: "two lists one behind the other, or two maps where the second wins",
    example: "${defaults | merge(vessel)}",
    arguments: [1, 1],
    apply(input, [other]) {
      if (Array.isArray(input) && Array.isArray(other)) return [...input, ...other];
      if (isValueMap(input) && other !== void 0 && isValueMap(other)) return { ...input, ...other };
      throw wrongInput("merge", "two lists or two maps", input);
    }
  }
];

// src/core/expression/filters/number.ts
function overList(name, about, work) {
  return {
    name,
    about,
    example: `\${fees | pluck("amount") | ${name}}`,
    arguments: [0, 0],
    apply(input) {
      const numbers = wantList(name, input).map((item) => wantNumber(name, item));
      if (numbers.length === 0 && name !== "sum")
        throw new Problem("expression-value", { what: `${name} of an empty list` });
      return work(numbers);
    }
  };
}
var sum = (numbers) => numbers.reduce((total, number) => total + number, 0);
var numberFilters = [
  {
    name: "number",
    about: "a text as the number that it writes, every digit kept",
    example: "${row.draft | number}",
    arguments: [0, 0],
    apply(input) {
      if (typeof input === "number") return input;
      const text = wantText("number", input).trim();
      if (text === "" || Number.isNaN(Number(text))) {
        throw new Problem("expression-value", { what: `${JSON.stringify(text)} is not a number` });
      }
      return writtenScalar(text, Number(text));
    }
  },
  overList("sum", "the sum of a list of numbers", sum),
  overList("average", "the mean of a list of numbers", (numbers) => sum(numbers) / numbers.length),
  overList("min", "the smallest of a list of numbers", (numbers) => numbers.reduce((a, b) => Math.min(a, b))),
  overList("max", "the largest of a list of numbers", (numbers) => numbers.reduce((a, b) => Math.max(a, b)))
];

// src/core/expression/filters/text.ts
var ofText = (name, about, example, work, args = [0, 0]) => ({
  name,
  about,
  example,
  arguments: args,
  apply: (input, given) => work(wantText(name, input), ...given)
});
function slice(text, from, to) {
  const end = to === void 0 ? void 0 : wantNumber("slice", to);
  return [...text].slice(wantNumber("slice", from), end).join("");
}
var textFilters = [
  ofText("upper", "capital letters", "${code | upper}", (text) => text.toUpperCase()),
  ofText("lower", "small letters", "${code | lower}", (text) => text.toLowerCase()),
  ofText("trim", "without white space at both ends", "${name | trim}", (text) => text.trim()),
  {
    name: "slice",
    about: "the characters, or the items of a list, from one position up to before another; negative counts from the end",
    example: "${stamp | slice(0, 8)}",
    arguments: [1, 2],
    apply(input, [from, to]) {
      if (!Array.isArray(input)) return slice(wantText("slice", input), from, to);
      return input.slice(wantNumber("slice", from), to === void 0 ? void 0 : wantNumber("slice", to));
    }
  },
  ofText(
    "replace",
    "every occurrence of a text by another",
    '${vessel.name | replace(" ", "+")}',
    (text, from, to) => text.replaceAll(wantText("replace", from), () => wantText("replace", to)),
    [2, 2]
  ),
  ofText(
    "split",
    "a list, cut at a text",
    '${codes | split(",")}',
    (text, at) => text.split(wantText("split", at)),
    [1, 1]
  ),
  {
    name: "join",
    about: "the items of a list as one text",
    example: '${codes | join(",")}',
    arguments: [0, 1],
    apply: (input, [between]) => wantList("join", input).map(textOf).join(between === void 0 ? "" : textOf(between))
  },
  ofText("lines", "a list of the lines", "${note | lines}", (text) => text.split(/\r\n|\n/)),
  ofText(
    "pad",
    "filled up at the front to so many characters, with spaces or with another text",
    '${number | pad(10, "0")}',
    (text, length, fill) => text.padStart(wantNumber("pad", length), fill === void 0 ? " " : wantText("pad", fill)),
    [1, 2]
  ),
  ofText(
    "quoted",
    "single quotes doubled, for filter clauses",
    "name eq '${name | quoted}'",
    (text) => text.replaceAll("'", "''")
  ),
  ofText("percent", "percent-encoded (RFC 3986, all but unreserved characters)", "${name | percent}", percentEncode),
  ofText("last-segment", "what stands behind the last slash of an address", "${callUrl | last-segment}", (text) => {
    const path = text.replace(/[?#].*$/s, "").replace(/\/+$/, "");
    return path.slice(path.lastIndexOf("/") + 1);
  }),
  {
    name: "text",
    about: "the value as text; bytes are read as UTF-8",
    example: '${file("data/note.txt") | text}',
    arguments: [0, 0],
    apply: (input) => plain(input) === null ? "null" : textOf(input)
  },
  {
    name: "json",
    about: "the value as JSON on one line",
    example: "${vessel | json}",
    arguments: [0, 0],
    apply: (input) => writeJson(input)
  }
];
var unreserved = /^[A-Za-z0-9._~-]*$/;
function percentEncode(text) {
  if (unreserved.test(text)) return text;
  return encodeURIComponent(text).replace(/[!'()*]/g, (char) => `%${char.charCodeAt(0).toString(16).toUpperCase()}`);
}

// src/core/expression/filters/pairs.ts
function pairsOf(filter, input) {
  const list = wantList(filter, input);
  for (const item of list)
    if (!isValueMap(item) || item.name === void 0 || item.value === void 0)
      throw wrongInput(filter, "a list of pairs, such as sent.headers or sent.query", item);
  return list;
}
function fits({ name }, wanted) {
  if (name === wanted) return true;
  const own = textOf(name).toLowerCase();
  return wanted.endsWith("*") ? own.startsWith(wanted.slice(0, -1)) : own === wanted;
}
var inSmallLetters = (names) => names.map((name) => textOf(name).toLowerCase());
var writings = {
  /** RFC 3986: all but unreserved characters as octets. */
  percent: ({ name, value }) => `${percentEncode(textOf(name))}=${percentEncode(textOf(value))}`,
  /** The form of HTML: a space is a plus sign. */
  form: ({ name, value }) => new URLSearchParams([[textOf(name), textOf(value)]]).toString(),
  "as-sent": ({ name, value, "as-sent": sent }) => sent === void 0 ? `${textOf(name)}=${textOf(value)}` : textOf(sent),
  decoded: ({ name, value }) => `${textOf(name)}=${textOf(value)}`
};
var pairFilters = [
  {
    name: "only",
    about: "the pairs of these names, in the order in which they are named; `x-*` takes all that begin so",
    example: '${sent.headers | only("host", "x-office-*")}',
    arguments: [1, 50],
    apply(input, names) {
      const pairs = pairsOf("only", input);
      const found = [];
      for (const name of inSmallLetters(names)) for (const pair of pairs) if (fits(pair, name)) found.push(pair);
      return found;
    }
  },
  {
    name: "except",
    about: "the pairs of all other names; `x-*` leaves out all that begin so",
    example: '${sent.headers | except("user-agent", "connection")}',
    arguments: [1, 50],
    apply(input, names) {
      const left = inSmallLetters(names);
      return pairsOf("except", input).filter((pair) => !left.some((name) => fits(pair, name)));
    }
  },
  {
    name: "filled",
    about: "the pairs whose value is not empty",
    example: "${sent.query | filled | encoded}",
    arguments: [0, 0],
    apply: (input) => pairsOf("filled", input).filter(({ value }) => textOf(value) !== "")
  },
  {
    name: "header-lines",
    about: "a list of lines `name:value`; with a text, that stands between the two",
    example: '${sent.headers | only("host") | header-lines(": ")}',
    arguments: [0, 1],
    apply(input, [between]) {
      const middle = between === void 0 ? ":" : textOf(between);
      return pairsOf("header-lines", input).map(({ name, value }) => `${textOf(name)}${middle}${textOf(value)}`);
    }
  },
  {
    name: "encoded",
    about: 'the pairs as the text of a query: "percent" (RFC 3986, where nothing is said), "form", "as-sent" or "decoded"',
    example: "${sent.query | sorted | encoded}",
    arguments: [0, 1],
    apply(input, [writing]) {
      const name = writing === void 0 ? "percent" : textOf(writing);
      const write = Object.hasOwn(writings, name) ? writings[name] : void 0;
      if (!write) throw wrongInput("encoded", `one of ${Object.keys(writings).join(", ")}`, name);
      return pairsOf("encoded", input).map(write).join("&");
    }
  }
];

// src/core/expression/sources/fake.ts
var faker;
var fake = {
  name: "fake",
  bare: false,
  about: "made-up data by kind, such as person.fullName, location.city, commerce.productName",
  example: '${fake("person.fullName")}',
  async load() {
    faker ??= (await import("@faker-js/faker/locale/en")).faker;
  },
  value([kind], { world }) {
    const library = faker;
    const [group = "", item = ""] = String(kind ?? "").split(".");
    const groups = library;
    const holder = Object.hasOwn(groups, group) ? groups[group] : void 0;
    const make = holder?.[item];
    if (typeof make !== "function") {
      const known2 = Object.entries(groups).flatMap(
        ([name, value]) => typeof value === "object" && value !== null ? methods(value).map((method) => `${name}.${method}`) : []
      );
      throw new Problem("expression-value", {
        what: `there is no made-up data of the kind ${kind ?? "(none)"}`,
        remedy: nearestHint(String(kind ?? ""), known2)
      });
    }
    library.seed(Math.floor(world.random() * 2 ** 31));
    const made = make.call(holder);
    return made instanceof Date ? made.toISOString() : made;
  }
};
function methods(holder) {
  const own = Object.getOwnPropertyNames(Object.getPrototypeOf(holder));
  return own.filter((name) => name !== "constructor" && !name.startsWith("_"));
}

// src/core/expression/filters/render.ts
var renderFilters = [
  {
    name: "render-each",
    about: "a template file once an item, joined; `item` and the members of the item are names in it",
    example: '${manifest.lines | render-each("bodies/line.xml")}',
    arguments: [1, 1],
    load: () => Promise.all([fake.load?.(), ...dateFilters.map((filter) => filter.load?.())]),
    apply(input, [path], evaluation) {
      if (typeof path !== "string") {
        throw new Problem("expression-value", { what: "render-each takes the path of a template" });
      }
      return wantList("render-each", input).map((item) => {
        const own = namesFrom(isValueMap(item) ? { ...item, item } : { item }, `an item of ${textOf(path)}`);
        const inner = new Evaluation(layered(own, evaluation.names), evaluation, evaluation.onName);
        const text = evaluation.world.render(path, inner);
        evaluation.touchedSecret ||= inner.touchedSecret;
        return text;
      }).join("");
    }
  }
];

// src/core/expression/filters/sign.ts
import { constants, sign } from "node:crypto";

// src/core/expression/filters/key.ts
import { createPrivateKey, createPublicKey } from "node:crypto";
var known = /* @__PURE__ */ new Map();
var privateKey = (text) => keyFrom(text, "private");
var publicKey = (text) => keyFrom(text, "public");
function keyFrom(text, kind) {
  const name = `${kind} ${text}`;
  const before = known.get(name);
  if (before) return before;
  const make = kind === "private" ? createPrivateKey : createPublicKey;
  try {
    const key = /^\s*\{/.test(text) ? make({ key: JSON.parse(text), format: "jwk" }) : make(text);
    known.set(name, key);
    return key;
  } catch {
    throw new Problem("expression-value", {
      what: `the key is no ${kind} key`,
      remedy: "a key is PEM text that begins with -----BEGIN, or a JSON Web Key; where line breaks were lost on the way, set it with: echo-trail secret set NAME < key.pem"
    });
  }
}

// src/core/expression/filters/sign.ts
var bytesOf2 = (value) => value instanceof Uint8Array ? value : Buffer.from(textOf(value));
var sizes = ["256", "384", "512"];
var schemes = [
  ...sizes.map(
    (size) => ({
      name: `sign-rsa-sha-${size}`,
      about: `the RSA signature (PKCS #1 v1.5) over the SHA-${size} digest, bytes`,
      key: "rsa",
      hash: `sha${size}`
    })
  ),
  ...sizes.map(
    (size) => ({
      name: `sign-rsa-pss-sha-${size}`,
      about: `the RSA signature (PSS, salt as long as the digest) over the SHA-${size} digest, bytes`,
      key: "rsa",
      hash: `sha${size}`,
      pss: true
    })
  ),
  ...sizes.map(
    (size) => ({
      name: `sign-ecdsa-sha-${size}`,
      about: `the ECDSA signature over the SHA-${size} digest, bytes: both numbers one behind the other, or with "der" in ASN.1`,
      key: "ec",
      hash: `sha${size}`
    })
  ),
  { name: "sign-ed25519", about: "the Ed25519 signature, bytes", key: "ed25519", hash: void 0 }
];
var signFilters = schemes.map(({ name, about, key: wanted, hash: hash2, pss }) => ({
  name,
  about: `${about}; the key is PEM or a JSON Web Key`,
  example: `\${base | ${name}(secret.key) | base64}`,
  arguments: wanted === "ec" ? [1, 2] : [1, 1],
  apply(input, [given, form]) {
    const key = privateKey(textOf(given));
    const type = key.asymmetricKeyType;
    if (type !== wanted && !(wanted === "rsa" && type === "rsa-pss")) {
      throw new Problem("expression-value", { what: `${name} needs a key of the kind ${wanted}, not ${type}` });
    }
    if (form !== void 0 && form !== "der" && form !== "raw")
      throw new Problem("expression-value", { what: `${name} writes raw or der, not ${textOf(form)}` });
    return sign(hash2, bytesOf2(input), {
      key,
      ...pss && { padding: constants.RSA_PKCS1_PSS_PADDING, saltLength: constants.RSA_PSS_SALTLEN_DIGEST },
      ...wanted === "ec" && { dsaEncoding: form === "der" ? "der" : "ieee-p1363" }
    });
  }
}));

// src/core/expression/filters/registry.ts
var filterFamilies = /* @__PURE__ */ new Map([
  ["text", textFilters],
  ["lists", [...listFilters, eachFilter(() => filters)]],
  ["headers and queries", pairFilters],
  ["numbers", numberFilters],
  ["dates", dateFilters],
  ["digests", digestFilters],
  ["signatures", signFilters],
  ["encodings", encodingFilters],
  ["templates", renderFilters]
]);
var filters = new Map(
  [...filterFamilies.values()].flat().map((filter) => [filter.name, filter])
);

export {
  StreamedBytes,
  percentEncode,
  fake,
  privateKey,
  publicKey,
  filters
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvdmFsdWUvc3RyZWFtZWQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhwcmVzc2lvbi9maWx0ZXJzL2ZpbHRlci50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL2ZpbHRlcnMvZGF0ZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL2ZpbHRlcnMvZGlnZXN0LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4cHJlc3Npb24vZmlsdGVycy9lYWNoLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4cHJlc3Npb24vZmlsdGVycy9lbmNvZGluZy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL2ZpbHRlcnMvbGlzdC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL2ZpbHRlcnMvbnVtYmVyLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4cHJlc3Npb24vZmlsdGVycy90ZXh0LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4cHJlc3Npb24vZmlsdGVycy9wYWlycy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL3NvdXJjZXMvZmFrZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leHByZXNzaW9uL2ZpbHRlcnMvcmVuZGVyLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4cHJlc3Npb24vZmlsdGVycy9zaWduLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4cHJlc3Npb24vZmlsdGVycy9rZXkudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhwcmVzc2lvbi9maWx0ZXJzL3JlZ2lzdHJ5LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogQnl0ZXMgdGhhdCBzdGF5IG9uIHRoZSBkaXNrOiBhIGJvZHkgb2YgZmlsZXMsIHdoaWNoIGEgZGlnZXN0IHJlYWRzIHBpZWNlIGJ5IHBpZWNlIGFuZCBub3RoaW5nIGVsc2UgcmVhZHMgYXQgYWxsLiAqL1xuXG4vKiogT2YgdGhlIGtpbmQgb2YgYnl0ZXMsIHNvIHRoYXQgd2hhdGV2ZXIgaGFuZGxlcyB2YWx1ZXMga25vd3Mgd2hhdCBpdCBpczsgdGhlIGJ5dGVzIHRoZW1zZWx2ZXMgYXJlIGluIHRoZSBwaWVjZXMuICovXG5leHBvcnQgY2xhc3MgU3RyZWFtZWRCeXRlcyBleHRlbmRzIFVpbnQ4QXJyYXkge1xuICAvKiogSG93IG1hbnkgdGhlcmUgYXJlLiAqL1xuICByZWFkb25seSBzaXplOiBudW1iZXI7XG4gIC8qKiBBbGwgb2YgdGhlbSwgcmVhZCBhbmV3IGVhY2ggdGltZS4gKi9cbiAgcmVhZG9ubHkgcGllY2VzOiAoKSA9PiBJdGVyYWJsZTxVaW50OEFycmF5PjtcblxuICBjb25zdHJ1Y3RvcihzaXplOiBudW1iZXIsIHBpZWNlczogKCkgPT4gSXRlcmFibGU8VWludDhBcnJheT4pIHtcbiAgICBzdXBlcigwKTtcbiAgICB0aGlzLnNpemUgPSBzaXplO1xuICAgIHRoaXMucGllY2VzID0gcGllY2VzO1xuICB9XG59XG4iLCAiLyoqIEEgZmlsdGVyOiBvbmUgdmFsdWUgaW4sIG9uZSB2YWx1ZSBvdXQuICovXG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHsgcGxhaW4sIHR5cGVPZiwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBFdmFsdWF0aW9uIH0gZnJvbSAnLi4vZXZhbHVhdGlvbi5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgRmlsdGVyIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBhYm91dDogc3RyaW5nO1xuICByZWFkb25seSBleGFtcGxlOiBzdHJpbmc7XG4gIC8qKiBUaGUgbGVhc3QgYW5kIHRoZSBtb3N0IG51bWJlciBvZiBhcmd1bWVudHMuICovXG4gIHJlYWRvbmx5IGFyZ3VtZW50czogcmVhZG9ubHkgW251bWJlciwgbnVtYmVyXTtcbiAgcmVhZG9ubHkgbG9hZD86ICgpID0+IFByb21pc2U8dW5rbm93bj47XG4gIC8qKiBJdCB0YWtlcyBhIGJvZHkgdGhhdCBzdGF5cyBvbiB0aGUgZGlzay4gKi9cbiAgcmVhZG9ubHkgc3RyZWFtcz86IGJvb2xlYW47XG4gIC8qKiBAcGFyYW0gZXZhbHVhdGlvbiBvbmx5IGZvciBhIGZpbHRlciB0aGF0IHdvcmtzIG91dCBleHByZXNzaW9ucyBvZiBpdHMgb3duICovXG4gIGFwcGx5KGlucHV0OiBWYWx1ZSwgYXJnczogcmVhZG9ubHkgVmFsdWVbXSwgZXZhbHVhdGlvbjogRXZhbHVhdGlvbik6IFZhbHVlO1xufVxuXG5leHBvcnQgZnVuY3Rpb24gd3JvbmdJbnB1dChmaWx0ZXI6IHN0cmluZywgd2FudGVkOiBzdHJpbmcsIGZvdW5kOiBWYWx1ZSk6IFByb2JsZW0ge1xuICByZXR1cm4gbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7XG4gICAgd2hhdDogYCR7ZmlsdGVyfSBuZWVkcyAke3dhbnRlZH0sIG5vdCAke2ZvdW5kIGluc3RhbmNlb2YgVWludDhBcnJheSA/ICdieXRlcycgOiB0eXBlT2YoZm91bmQpfWAsXG4gICAgZGF0YTogeyBmaWx0ZXIgfSxcbiAgfSk7XG59XG5cbi8qKiBUZXh0IG9mIGEgc2NhbGFyOyBsaXN0cywgbWFwcyBhbmQgYnl0ZXMgYXJlIGFuIGVycm9yLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHdhbnRUZXh0KGZpbHRlcjogc3RyaW5nLCBpbnB1dDogVmFsdWUpOiBzdHJpbmcge1xuICBjb25zdCB2YWx1ZSA9IHBsYWluKGlucHV0KTtcbiAgaWYgKHZhbHVlID09PSBudWxsIHx8ICh0eXBlb2YgdmFsdWUgPT09ICdvYmplY3QnICYmIGlucHV0ID09PSB2YWx1ZSkpIHRocm93IHdyb25nSW5wdXQoZmlsdGVyLCAnYSB0ZXh0JywgaW5wdXQpO1xuICByZXR1cm4gdGV4dE9mKGlucHV0KTtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIHdhbnROdW1iZXIoZmlsdGVyOiBzdHJpbmcsIGlucHV0OiBWYWx1ZSk6IG51bWJlciB7XG4gIGNvbnN0IHZhbHVlID0gcGxhaW4oaW5wdXQpO1xuICBjb25zdCBudW1iZXIgPSB0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnICYmIHZhbHVlLnRyaW0oKSAhPT0gJycgPyBOdW1iZXIodmFsdWUpIDogdmFsdWU7XG4gIGlmICh0eXBlb2YgbnVtYmVyICE9PSAnbnVtYmVyJyB8fCBOdW1iZXIuaXNOYU4obnVtYmVyKSkgdGhyb3cgd3JvbmdJbnB1dChmaWx0ZXIsICdhIG51bWJlcicsIGlucHV0KTtcbiAgcmV0dXJuIG51bWJlcjtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIHdhbnRMaXN0KGZpbHRlcjogc3RyaW5nLCBpbnB1dDogVmFsdWUpOiByZWFkb25seSBWYWx1ZVtdIHtcbiAgaWYgKCFBcnJheS5pc0FycmF5KGlucHV0KSkgdGhyb3cgd3JvbmdJbnB1dChmaWx0ZXIsICdhIGxpc3QnLCBpbnB1dCk7XG4gIHJldHVybiBpbnB1dDtcbn1cbiIsICIvKiogRmlsdGVycyBvdmVyIGRhdGVzLiBBIGRhdGUgaXMgYSB0ZXh0IChSRkMgMzMzOSBvciBSRkMgOTExMCkgb3IgYSBudW1iZXIgb2Ygc2Vjb25kcyBzaW5jZSAxOTcwLiAqL1xuaW1wb3J0IHR5cGUgeyBEYXRlVGltZSBhcyBEYXRlVGltZVR5cGUgfSBmcm9tICdsdXhvbic7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHBsYWluLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyB0eXBlIEZpbHRlciwgd2FudFRleHQgfSBmcm9tICcuL2ZpbHRlci5qcyc7XG5cbmxldCBEYXRlVGltZTogdHlwZW9mIGltcG9ydCgnbHV4b24nKS5EYXRlVGltZSB8IHVuZGVmaW5lZDtcbmNvbnN0IGxvYWQgPSBhc3luYyAoKTogUHJvbWlzZTx2b2lkPiA9PiB7XG4gIERhdGVUaW1lID8/PSAoYXdhaXQgaW1wb3J0KCdsdXhvbicpKS5EYXRlVGltZTtcbn07XG5cbi8vIFRoZSBsb2NhbGUgaXMgc2FpZCwgc2luY2UgdG8gYXNrIHRoZSBzeXN0ZW0gZm9yIGl0IHRha2VzIDMwIG1zOyBhIGRhdGUgdGhhdCBpcyBub3QgdmFsaWQgYXNrcyBmb3IgaXQgYWxsIHRoZSBzYW1lLlxuY29uc3Qgb3B0aW9ucyA9IHsgc2V0Wm9uZTogdHJ1ZSwgem9uZTogJ3V0YycsIGxvY2FsZTogJ2VuJyB9IGFzIGNvbnN0O1xuXG5mdW5jdGlvbiBmcm9tVGV4dChsaWJyYXJ5OiB0eXBlb2YgaW1wb3J0KCdsdXhvbicpLkRhdGVUaW1lLCB0ZXh0OiBzdHJpbmcpOiBEYXRlVGltZVR5cGUge1xuICBjb25zdCBkYXRlID0gbGlicmFyeS5mcm9tSVNPKHRleHQsIG9wdGlvbnMpO1xuICByZXR1cm4gZGF0ZS5pc1ZhbGlkID8gZGF0ZSA6IGxpYnJhcnkuZnJvbUhUVFAodGV4dCwgb3B0aW9ucyk7XG59XG5cbmZ1bmN0aW9uIGRhdGVPZihmaWx0ZXI6IHN0cmluZywgaW5wdXQ6IFZhbHVlKTogRGF0ZVRpbWVUeXBlIHtcbiAgY29uc3QgbGlicmFyeSA9IERhdGVUaW1lIGFzIHR5cGVvZiBpbXBvcnQoJ2x1eG9uJykuRGF0ZVRpbWU7XG4gIGNvbnN0IHZhbHVlID0gcGxhaW4oaW5wdXQpO1xuICBjb25zdCBkYXRlID1cbiAgICB0eXBlb2YgdmFsdWUgPT09ICdudW1iZXInXG4gICAgICA/IGxpYnJhcnkuZnJvbVNlY29uZHModmFsdWUsIHsgem9uZTogJ3V0YycsIGxvY2FsZTogJ2VuJyB9KVxuICAgICAgOiBmcm9tVGV4dChsaWJyYXJ5LCB3YW50VGV4dChmaWx0ZXIsIGlucHV0KSk7XG4gIGlmICghZGF0ZT8uaXNWYWxpZCkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywge1xuICAgICAgd2hhdDogYCR7ZmlsdGVyfSBjYW5ub3QgcmVhZCAke0pTT04uc3RyaW5naWZ5KHZhbHVlKX0gYXMgYSBkYXRlYCxcbiAgICAgIHJlbWVkeTogJ2RhdGVzIGFyZSB3cml0dGVuIDIwMjYtMTEtMjRUMDk6MzA6MDBaIChSRkMgMzMzOSkgb3IgYXMgc2Vjb25kcyBzaW5jZSAxOTcwJyxcbiAgICB9KTtcbiAgfVxuICByZXR1cm4gZGF0ZSBhcyBEYXRlVGltZVR5cGU7XG59XG5cbi8qKiBBIHRleHQgaW4gVVRDIHdpdGggbWlsbGlzZWNvbmRzLCBhcyBgbm93YCBpcywgdXAgdG8gaXRzIHNlY29uZHMuICovXG5jb25zdCBzZWNvbmRJbiA9IChpbnB1dDogVmFsdWUpOiBzdHJpbmcgfCB1bmRlZmluZWQgPT5cbiAgdHlwZW9mIGlucHV0ID09PSAnc3RyaW5nJyAmJiBpbnB1dC5sZW5ndGggPT09IDI0ICYmIGlucHV0LmVuZHNXaXRoKCdaJykgJiYgaW5wdXRbMTldID09PSAnLidcbiAgICA/IGlucHV0LnNsaWNlKDAsIDE5KVxuICAgIDogdW5kZWZpbmVkO1xuXG5jb25zdCBzaG93TWlsbGlzZWNvbmRzID0gbmV3IE1hcDxzdHJpbmcsIGJvb2xlYW4+KCk7XG5cbmZ1bmN0aW9uIHNob3dzTWlsbGlzZWNvbmRzKHBhdHRlcm46IHN0cmluZyk6IGJvb2xlYW4ge1xuICBsZXQgc2hvd3MgPSBzaG93TWlsbGlzZWNvbmRzLmdldChwYXR0ZXJuKTtcbiAgaWYgKHNob3dzID09PSB1bmRlZmluZWQpIHtcbiAgICBzaG93cyA9IC9bU3V4XS8udGVzdChwYXR0ZXJuLnJlcGxhY2UoLydbXiddKicvZywgJycpKTtcbiAgICBzaG93TWlsbGlzZWNvbmRzLnNldChwYXR0ZXJuLCBzaG93cyk7XG4gIH1cbiAgcmV0dXJuIHNob3dzO1xufVxuXG5jb25zdCByZW1lbWJlcmVkID0gbmV3IE1hcDxzdHJpbmcsIHN0cmluZz4oKTtcblxuLyoqIFdoYXQgZG9lcyBub3Qgc2hvdyBtaWxsaXNlY29uZHMgaXMgdGhlIHNhbWUgZm9yIGEgc2Vjb25kOiBhIHJ1biB0aGF0IHNpZ25zIHdvcmtzIGl0IG91dCBvbmNlLiAqL1xuZnVuY3Rpb24gb25jZUFTZWNvbmQobmFtZTogc3RyaW5nLCBpbnB1dDogVmFsdWUsIHBhdHRlcm46IHN0cmluZywgd29yazogKCkgPT4gc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3Qgc2Vjb25kID0gc2Vjb25kSW4oaW5wdXQpO1xuICBpZiAoc2Vjb25kID09PSB1bmRlZmluZWQgfHwgc2hvd3NNaWxsaXNlY29uZHMocGF0dGVybikpIHJldHVybiB3b3JrKCk7XG4gIGNvbnN0IGtleSA9IGAke25hbWV9ICR7c2Vjb25kfSAke3BhdHRlcm59YDtcbiAgY29uc3QgYmVmb3JlID0gcmVtZW1iZXJlZC5nZXQoa2V5KTtcbiAgaWYgKGJlZm9yZSAhPT0gdW5kZWZpbmVkKSByZXR1cm4gYmVmb3JlO1xuICBpZiAocmVtZW1iZXJlZC5zaXplID4gMjApIHJlbWVtYmVyZWQuY2xlYXIoKTtcbiAgY29uc3QgdGV4dCA9IHdvcmsoKTtcbiAgcmVtZW1iZXJlZC5zZXQoa2V5LCB0ZXh0KTtcbiAgcmV0dXJuIHRleHQ7XG59XG5cbmZ1bmN0aW9uIHJmYzMzMzkoZGF0ZTogRGF0ZVRpbWVUeXBlKTogc3RyaW5nIHtcbiAgcmV0dXJuIGRhdGUudG9JU08oeyBzdXBwcmVzc01pbGxpc2Vjb25kczogdHJ1ZSB9KSBhcyBzdHJpbmc7XG59XG5cbmZ1bmN0aW9uIG9mRGF0ZShcbiAgbmFtZTogc3RyaW5nLFxuICBhYm91dDogc3RyaW5nLFxuICBleGFtcGxlOiBzdHJpbmcsXG4gIHdvcms6IChkYXRlOiBEYXRlVGltZVR5cGUsIC4uLmFyZ3M6IFZhbHVlW10pID0+IFZhbHVlLFxuICBhcmdzOiAwIHwgMSA9IDAsXG4pOiBGaWx0ZXIge1xuICByZXR1cm4ge1xuICAgIG5hbWUsXG4gICAgYWJvdXQsXG4gICAgZXhhbXBsZSxcbiAgICBhcmd1bWVudHM6IFthcmdzLCBhcmdzXSxcbiAgICBsb2FkLFxuICAgIGFwcGx5OiAoaW5wdXQsIGdpdmVuKSA9PiB3b3JrKGRhdGVPZihuYW1lLCBpbnB1dCksIC4uLmdpdmVuKSxcbiAgfTtcbn1cblxuY29uc3Qgc2hpZnQgPSAvXihbKy1dPykoXFxkKykobXN8c3xtfGh8ZHx3KSQvO1xuY29uc3QgdW5pdHMgPSB7IG1zOiAnbWlsbGlzZWNvbmRzJywgczogJ3NlY29uZHMnLCBtOiAnbWludXRlcycsIGg6ICdob3VycycsIGQ6ICdkYXlzJywgdzogJ3dlZWtzJyB9IGFzIGNvbnN0O1xuXG5leHBvcnQgY29uc3QgZGF0ZUZpbHRlcnM6IHJlYWRvbmx5IEZpbHRlcltdID0gW1xuICB7XG4gICAgbmFtZTogJ2h0dHAtZGF0ZScsXG4gICAgYWJvdXQ6ICdSRkMgOTExMCBzZWN0aW9uIDUuNi43LCBhbHdheXMgR01UJyxcbiAgICBleGFtcGxlOiAnJHtub3cgfCBodHRwLWRhdGV9JyxcbiAgICBhcmd1bWVudHM6IFswLCAwXSxcbiAgICBsb2FkLFxuICAgIGFwcGx5OiAoaW5wdXQpID0+IG9uY2VBU2Vjb25kKCdodHRwLWRhdGUnLCBpbnB1dCwgJycsICgpID0+IGRhdGVPZignaHR0cC1kYXRlJywgaW5wdXQpLnRvSFRUUCgpIGFzIHN0cmluZyksXG4gIH0sXG4gIG9mRGF0ZSgncmZjMzMzOScsICdSRkMgMzMzOScsICcke25vdyB8IHJmYzMzMzl9JywgcmZjMzMzOSksXG4gIG9mRGF0ZSgndW5peCcsICd3aG9sZSBzZWNvbmRzIHNpbmNlIDE5NzAnLCAnJHtub3cgfCB1bml4fScsIChkYXRlKSA9PiBNYXRoLmZsb29yKGRhdGUudG9TZWNvbmRzKCkpKSxcbiAgb2ZEYXRlKCd1bml4LW1zJywgJ21pbGxpc2Vjb25kcyBzaW5jZSAxOTcwJywgJyR7bm93IHwgdW5peC1tc30nLCAoZGF0ZSkgPT4gZGF0ZS50b01pbGxpcygpKSxcbiAge1xuICAgIG5hbWU6ICdmb3JtYXQnLFxuICAgIGFib3V0OiAnYnkgdGhlIGxldHRlcnMgb2YgVW5pY29kZSBUUiAzNSwgdGV4dCBpbiBzaW5nbGUgcXVvdGVzJyxcbiAgICBleGFtcGxlOiBcIiR7bm93IHwgZm9ybWF0KFxcXCJ5eXl5TU1kZCdUJ0hIbW1zcydaJ1xcXCIpfVwiLFxuICAgIGFyZ3VtZW50czogWzEsIDFdLFxuICAgIGxvYWQsXG4gICAgYXBwbHkoaW5wdXQsIFtnaXZlbl0pIHtcbiAgICAgIGNvbnN0IHBhdHRlcm4gPSB3YW50VGV4dCgnZm9ybWF0JywgZ2l2ZW4gYXMgVmFsdWUpO1xuICAgICAgcmV0dXJuIG9uY2VBU2Vjb25kKCdmb3JtYXQnLCBpbnB1dCwgcGF0dGVybiwgKCkgPT4gZGF0ZU9mKCdmb3JtYXQnLCBpbnB1dCkudG9Gb3JtYXQocGF0dGVybikpO1xuICAgIH0sXG4gIH0sXG4gIG9mRGF0ZShcbiAgICAncGx1cycsXG4gICAgJ2xhdGVyLCBvciB3aXRoIGEgbWludXMgc2lnbiBlYXJsaWVyOiBtcywgcywgbSwgaCwgZCwgdycsXG4gICAgJyR7bm93IHwgcGx1cyhcIi02aFwiKX0nLFxuICAgIChkYXRlLCBhbW91bnQpID0+IHtcbiAgICAgIGNvbnN0IGZvdW5kID0gc2hpZnQuZXhlYyh3YW50VGV4dCgncGx1cycsIGFtb3VudCBhcyBWYWx1ZSkpO1xuICAgICAgaWYgKCFmb3VuZClcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7IHdoYXQ6IGBwbHVzIGNhbm5vdCByZWFkICR7YW1vdW50fWAsIHJlbWVkeTogJ3dyaXRlIDkwcywgLTZoIG9yIDJkJyB9KTtcbiAgICAgIGNvbnN0IGNvdW50ID0gTnVtYmVyKGZvdW5kWzJdKSAqIChmb3VuZFsxXSA9PT0gJy0nID8gLTEgOiAxKTtcbiAgICAgIHJldHVybiByZmMzMzM5KGRhdGUucGx1cyh7IFt1bml0c1tmb3VuZFszXSBhcyBrZXlvZiB0eXBlb2YgdW5pdHNdXTogY291bnQgfSkpO1xuICAgIH0sXG4gICAgMSxcbiAgKSxcbiAgb2ZEYXRlKFxuICAgICdpbi16b25lJyxcbiAgICAndGhlIHNhbWUgbW9tZW50IGluIGEgdGltZSB6b25lIG9mIHRoZSBJQU5BIGxpc3Qgb3IgYXQgYW4gb2Zmc2V0JyxcbiAgICAnJHtub3cgfCBpbi16b25lKFwiRXVyb3BlL0xpc2JvblwiKX0nLFxuICAgIChkYXRlLCB6b25lKSA9PiB7XG4gICAgICBjb25zdCBtb3ZlZCA9IGRhdGUuc2V0Wm9uZSh3YW50VGV4dCgnaW4tem9uZScsIHpvbmUgYXMgVmFsdWUpKTtcbiAgICAgIGlmICghbW92ZWQuaXNWYWxpZClcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7XG4gICAgICAgICAgd2hhdDogYHRoZXJlIGlzIG5vIHRpbWUgem9uZSAke3pvbmV9YCxcbiAgICAgICAgICByZW1lZHk6ICdzdWNoIGFzIEV1cm9wZS9MaXNib24gb3IgVVRDKzInLFxuICAgICAgICB9KTtcbiAgICAgIHJldHVybiByZmMzMzM5KG1vdmVkKTtcbiAgICB9LFxuICAgIDEsXG4gICksXG5dO1xuIiwgIi8qKiBEaWdlc3RzIChGSVBTIDE4MC00LCBGSVBTIDIwMiwgUkZDIDEzMjEpIGFuZCBrZXllZCBkaWdlc3RzIChSRkMgMjEwNCkuIFRoZXkgeWllbGQgYnl0ZXMuICovXG5pbXBvcnQgeyBjcmVhdGVIYXNoLCBjcmVhdGVIbWFjLCB0eXBlIEhhc2gsIHR5cGUgSG1hYywgaGFzaCB9IGZyb20gJ25vZGU6Y3J5cHRvJztcbmltcG9ydCB7IFN0cmVhbWVkQnl0ZXMgfSBmcm9tICcuLi8uLi92YWx1ZS9zdHJlYW1lZC5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgRmlsdGVyIH0gZnJvbSAnLi9maWx0ZXIuanMnO1xuXG4vKiogT3VyIG5hbWVzLCB3aGljaCBhcmUgdGhvc2Ugb2YgdGhlIGhhc2ggZnVuY3Rpb24gcmVnaXN0cnksIGFuZCB0aGUgbGlicmFyeSdzLiAqL1xuY29uc3QgYWxnb3JpdGhtcyA9IHtcbiAgbWQ1OiAnbWQ1JyxcbiAgJ3NoYS0xJzogJ3NoYTEnLFxuICAnc2hhLTIyNCc6ICdzaGEyMjQnLFxuICAnc2hhLTI1Nic6ICdzaGEyNTYnLFxuICAnc2hhLTM4NCc6ICdzaGEzODQnLFxuICAnc2hhLTUxMic6ICdzaGE1MTInLFxuICAnc2hhLTUxMi0yMjQnOiAnc2hhNTEyLTIyNCcsXG4gICdzaGEtNTEyLTI1Nic6ICdzaGE1MTItMjU2JyxcbiAgJ3NoYTMtMjU2JzogJ3NoYTMtMjU2JyxcbiAgJ3NoYTMtMzg0JzogJ3NoYTMtMzg0JyxcbiAgJ3NoYTMtNTEyJzogJ3NoYTMtNTEyJyxcbn0gYXMgY29uc3Q7XG5cbmNvbnN0IGJ5dGVzT2YgPSAodmFsdWU6IFZhbHVlKTogVWludDhBcnJheSB8IHN0cmluZyA9PiAodmFsdWUgaW5zdGFuY2VvZiBVaW50OEFycmF5ID8gdmFsdWUgOiB0ZXh0T2YodmFsdWUpKTtcblxuLyoqIFdoYXQgaXMgdG9vIGxvbmcgZm9yIG1lbW9yeSBpcyByZWFkIHBpZWNlIGJ5IHBpZWNlLiAqL1xuZnVuY3Rpb24gc3RyZWFtZWQoZGlnZXN0OiBIYXNoIHwgSG1hYywgaW5wdXQ6IFN0cmVhbWVkQnl0ZXMpOiBVaW50OEFycmF5IHtcbiAgZm9yIChjb25zdCBwaWVjZSBvZiBpbnB1dC5waWVjZXMoKSkgZGlnZXN0LnVwZGF0ZShwaWVjZSk7XG4gIHJldHVybiBkaWdlc3QuZGlnZXN0KCk7XG59XG5cbi8qKiBPbmUgY2FsbCBmb3IgYWxsIG9mIGl0OiBzZXZlcmFsIHRpbWVzIGFzIGZhc3QgYXMgYW4gb2JqZWN0IGZvciBlYWNoIGRpZ2VzdC4gKi9cbmZ1bmN0aW9uIGRpZ2VzdE9mKGFsZ29yaXRobTogc3RyaW5nLCBpbnB1dDogVmFsdWUpOiBVaW50OEFycmF5IHtcbiAgaWYgKGlucHV0IGluc3RhbmNlb2YgU3RyZWFtZWRCeXRlcykgcmV0dXJuIHN0cmVhbWVkKGNyZWF0ZUhhc2goYWxnb3JpdGhtKSwgaW5wdXQpO1xuICBjb25zdCBieXRlcyA9IGJ5dGVzT2YoaW5wdXQpO1xuICBpZiAoYnl0ZXMubGVuZ3RoID4gMCkgcmV0dXJuIGhhc2goYWxnb3JpdGhtLCBieXRlcywgJ2J1ZmZlcicpO1xuICAvLyBNb3N0IHJlcXVlc3RzIGhhdmUgbm8gYm9keS5cbiAgbGV0IGRpZ2VzdCA9IG9mTm90aGluZy5nZXQoYWxnb3JpdGhtKTtcbiAgaWYgKCFkaWdlc3QpIHtcbiAgICBkaWdlc3QgPSBoYXNoKGFsZ29yaXRobSwgJycsICdidWZmZXInKTtcbiAgICBvZk5vdGhpbmcuc2V0KGFsZ29yaXRobSwgZGlnZXN0KTtcbiAgfVxuICByZXR1cm4gZGlnZXN0O1xufVxuXG5jb25zdCBvZk5vdGhpbmcgPSBuZXcgTWFwPHN0cmluZywgVWludDhBcnJheT4oKTtcblxuaW50ZXJmYWNlIFBhZHMge1xuICByZWFkb25seSBhbGdvcml0aG06IHN0cmluZztcbiAgcmVhZG9ubHkga2V5OiBWYWx1ZTtcbiAgcmVhZG9ubHkgaW5uZXI6IEJ1ZmZlcjtcbiAgcmVhZG9ubHkgb3V0ZXI6IEJ1ZmZlcjtcbn1cblxuLyoqIEJ5dGVzIHRoYXQgYSBkaWdlc3QgdGFrZXMgYXQgYSB0aW1lOiBrZXlzIGFyZSBicm91Z2h0IHRvIHRoYXQgbGVuZ3RoIChGSVBTIDE4MC00LCBGSVBTIDIwMikuICovXG5jb25zdCBibG9ja3M6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIG51bWJlcj4+ID0ge1xuICBzaGEzODQ6IDEyOCxcbiAgc2hhNTEyOiAxMjgsXG4gICdzaGE1MTItMjI0JzogMTI4LFxuICAnc2hhNTEyLTI1Nic6IDEyOCxcbiAgJ3NoYTMtMjU2JzogMTM2LFxuICAnc2hhMy0zODQnOiAxMDQsXG4gICdzaGEzLTUxMic6IDcyLFxufTtcblxubGV0IGxhc3Q6IFBhZHMgfCB1bmRlZmluZWQ7XG5cbi8qKiBSRkMgMjEwNCwgc2VjdGlvbiAyOiBvZiBhIGtleSB0aGF0IGEgcnVuIHVzZXMgdGhvdXNhbmRzIG9mIHRpbWVzLCB3b3JrZWQgb3V0IG9uY2UuICovXG5mdW5jdGlvbiBwYWRzT2YoYWxnb3JpdGhtOiBzdHJpbmcsIGtleTogVmFsdWUpOiBQYWRzIHtcbiAgaWYgKGxhc3Q/LmFsZ29yaXRobSA9PT0gYWxnb3JpdGhtICYmIGxhc3Qua2V5ID09PSBrZXkpIHJldHVybiBsYXN0O1xuICBjb25zdCBieXRlcyA9IGJ5dGVzT2Yoa2V5KTtcbiAgY29uc3QgbG9uZyA9IEJ1ZmZlci5mcm9tKGJ5dGVzKTtcbiAgY29uc3QgYmxvY2sgPSBibG9ja3NbYWxnb3JpdGhtXSA/PyA2NDtcbiAgY29uc3Qgb3duID0gQnVmZmVyLmFsbG9jKGJsb2NrKTtcbiAgb3duLnNldChsb25nLmxlbmd0aCA+IGJsb2NrID8gaGFzaChhbGdvcml0aG0sIGxvbmcsICdidWZmZXInKSA6IGxvbmcpO1xuICBsYXN0ID0geyBhbGdvcml0aG0sIGtleSwgaW5uZXI6IHhvcmVkKG93biwgMHgzNiksIG91dGVyOiB4b3JlZChvd24sIDB4NWMpIH07XG4gIHJldHVybiBsYXN0O1xufVxuXG5jb25zdCB4b3JlZCA9IChieXRlczogQnVmZmVyLCBtYXNrOiBudW1iZXIpOiBCdWZmZXIgPT4gQnVmZmVyLmZyb20oYnl0ZXMubWFwKChieXRlKSA9PiBieXRlIF4gbWFzaykpO1xuXG4vKiogSE1BQyBvZiB0d28gZGlnZXN0cywgZWFjaCBpbiBvbmUgY2FsbDogYW4gb2JqZWN0IGZvciBlYWNoIGNvc3RzIGEgcnVuIGEgdGVudGggb2YgaXRzIHRpbWUuICovXG5mdW5jdGlvbiBrZXllZERpZ2VzdE9mKGFsZ29yaXRobTogc3RyaW5nLCBpbnB1dDogVmFsdWUsIGtleTogVmFsdWUpOiBVaW50OEFycmF5IHtcbiAgaWYgKGlucHV0IGluc3RhbmNlb2YgU3RyZWFtZWRCeXRlcykgcmV0dXJuIHN0cmVhbWVkKGNyZWF0ZUhtYWMoYWxnb3JpdGhtLCBieXRlc09mKGtleSkpLCBpbnB1dCk7XG4gIGNvbnN0IHsgaW5uZXIsIG91dGVyIH0gPSBwYWRzT2YoYWxnb3JpdGhtLCBrZXkpO1xuICBjb25zdCBieXRlcyA9IGJ5dGVzT2YoaW5wdXQpO1xuICBjb25zdCBmaXJzdCA9IGhhc2goXG4gICAgYWxnb3JpdGhtLFxuICAgIEJ1ZmZlci5jb25jYXQoW2lubmVyLCB0eXBlb2YgYnl0ZXMgPT09ICdzdHJpbmcnID8gQnVmZmVyLmZyb20oYnl0ZXMpIDogYnl0ZXNdKSxcbiAgICAnYnVmZmVyJyxcbiAgKTtcbiAgcmV0dXJuIGhhc2goYWxnb3JpdGhtLCBCdWZmZXIuY29uY2F0KFtvdXRlciwgZmlyc3RdKSwgJ2J1ZmZlcicpO1xufVxuXG5leHBvcnQgY29uc3QgZGlnZXN0RmlsdGVyczogcmVhZG9ubHkgRmlsdGVyW10gPSBPYmplY3QuZW50cmllcyhhbGdvcml0aG1zKS5mbGF0TWFwKChbbmFtZSwgYWxnb3JpdGhtXSk6IEZpbHRlcltdID0+IFtcbiAge1xuICAgIG5hbWUsXG4gICAgYWJvdXQ6IGB0aGUgJHtuYW1lLnRvVXBwZXJDYXNlKCl9IGRpZ2VzdCwgYnl0ZXNgLFxuICAgIGV4YW1wbGU6IGBcXCR7Ym9keSB8ICR7bmFtZX0gfCBoZXh9YCxcbiAgICBhcmd1bWVudHM6IFswLCAwXSxcbiAgICBzdHJlYW1zOiB0cnVlLFxuICAgIGFwcGx5OiAoaW5wdXQpID0+IGRpZ2VzdE9mKGFsZ29yaXRobSwgaW5wdXQpLFxuICB9LFxuICB7XG4gICAgbmFtZTogYGhtYWMtJHtuYW1lfWAsXG4gICAgYWJvdXQ6IGB0aGUga2V5ZWQgJHtuYW1lLnRvVXBwZXJDYXNlKCl9IGRpZ2VzdCwgYnl0ZXM7IHRoZSBrZXkgaXMgYSB0ZXh0IG9yIGJ5dGVzYCxcbiAgICBleGFtcGxlOiBgXFwke3RleHQgfCBobWFjLSR7bmFtZX0oc2VjcmV0LmtleSkgfCBiYXNlNjR9YCxcbiAgICBhcmd1bWVudHM6IFsxLCAxXSxcbiAgICBzdHJlYW1zOiB0cnVlLFxuICAgIGFwcGx5OiAoaW5wdXQsIFtrZXldKSA9PiBrZXllZERpZ2VzdE9mKGFsZ29yaXRobSwgaW5wdXQsIGtleSBhcyBWYWx1ZSksXG4gIH0sXG5dKTtcbiIsICIvKiogYGVhY2hgOiBhbm90aGVyIGZpbHRlciBvdmVyIGV2ZXJ5IGl0ZW0gb2YgYSBsaXN0LiAqL1xuaW1wb3J0IHsgbmVhcmVzdEhpbnQgfSBmcm9tICcuLi8uLi9wcm9ibGVtL25lYXJlc3QuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IHR5cGUgRmlsdGVyLCB3YW50TGlzdCB9IGZyb20gJy4vZmlsdGVyLmpzJztcblxuLyoqIEBwYXJhbSBmaWx0ZXJzIGJ5IG5hbWU7IHRob3NlIHRoYXQgbXVzdCBiZSBsb2FkZWQgYmVmb3JlIHRoZXkgYXJlIHVzZWQgYXJlIGxlZnQgb3V0ICovXG5leHBvcnQgZnVuY3Rpb24gZWFjaEZpbHRlcihmaWx0ZXJzOiAoKSA9PiBSZWFkb25seU1hcDxzdHJpbmcsIEZpbHRlcj4pOiBGaWx0ZXIge1xuICByZXR1cm4ge1xuICAgIG5hbWU6ICdlYWNoJyxcbiAgICBhYm91dDogJ2Fub3RoZXIgZmlsdGVyIG92ZXIgZXZlcnkgaXRlbSBvZiBhIGxpc3Q6IGl0cyBuYW1lLCBhbmQgaXRzIGFyZ3VtZW50cycsXG4gICAgZXhhbXBsZTogJyR7c2VudC5wYXRoIHwgc3BsaXQoXCIvXCIpIHwgZWFjaChcInBlcmNlbnRcIikgfCBqb2luKFwiL1wiKX0nLFxuICAgIGFyZ3VtZW50czogWzEsIDEwXSxcbiAgICBhcHBseShpbnB1dCwgW25hbWUsIC4uLmFyZ3NdLCBldmFsdWF0aW9uKSB7XG4gICAgICBjb25zdCB3YW50ZWQgPSB0ZXh0T2YobmFtZSBhcyBWYWx1ZSk7XG4gICAgICBjb25zdCB1c2FibGUgPSBbLi4uZmlsdGVycygpXS5maWx0ZXIoKFssIHsgbG9hZCB9XSkgPT4gbG9hZCA9PT0gdW5kZWZpbmVkKS5tYXAoKFtvbmVdKSA9PiBvbmUpO1xuICAgICAgY29uc3QgZmlsdGVyID0gZmlsdGVycygpLmdldCh3YW50ZWQpO1xuICAgICAgY29uc3QgW2xlYXN0LCBtb3N0XSA9IGZpbHRlcj8uYXJndW1lbnRzID8/IFswLCAwXTtcbiAgICAgIGlmICghZmlsdGVyIHx8ICF1c2FibGUuaW5jbHVkZXMod2FudGVkKSkge1xuICAgICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZXhwcmVzc2lvbi12YWx1ZScsIHtcbiAgICAgICAgICB3aGF0OiBgZWFjaCBjYW5ub3QgdXNlIGEgZmlsdGVyICR7d2FudGVkfWAsXG4gICAgICAgICAgcmVtZWR5OiBuZWFyZXN0SGludCh3YW50ZWQsIHVzYWJsZSksXG4gICAgICAgIH0pO1xuICAgICAgfVxuICAgICAgaWYgKGFyZ3MubGVuZ3RoIDwgbGVhc3QgfHwgYXJncy5sZW5ndGggPiBtb3N0KVxuICAgICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZXhwcmVzc2lvbi12YWx1ZScsIHsgd2hhdDogYCR7d2FudGVkfSBpcyB3cml0dGVuICR7ZmlsdGVyLmV4YW1wbGV9YCB9KTtcbiAgICAgIHJldHVybiB3YW50TGlzdCgnZWFjaCcsIGlucHV0KS5tYXAoKGl0ZW0pID0+IGZpbHRlci5hcHBseShpdGVtLCBhcmdzLCBldmFsdWF0aW9uKSk7XG4gICAgfSxcbiAgfTtcbn1cbiIsICIvKiogQnl0ZXMgYXMgdGV4dCBhbmQgYmFjazogaGV4YWRlY2ltYWwsIGJhc2U2NCBhbmQgYmFzZTY0dXJsIChSRkMgNDY0OCkuICovXG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHsgdHlwZSBGaWx0ZXIsIHdhbnRUZXh0IH0gZnJvbSAnLi9maWx0ZXIuanMnO1xuXG5jb25zdCBhbHBoYWJldHMgPSB7XG4gIGhleDogL14oPzpbMC05YS1mXXsyfSkqJC9pLFxuICBiYXNlNjQ6IC9eKD86W0EtWmEtejAtOSsvXXs0fSkqKD86W0EtWmEtejAtOSsvXXsyfT09fFtBLVphLXowLTkrL117M309KT8kLyxcbiAgYmFzZTY0dXJsOiAvXltBLVphLXowLTlfLV0qJC8sXG59IGFzIGNvbnN0O1xuXG5jb25zdCBieXRlUGFpcnM6IHJlYWRvbmx5IEZpbHRlcltdID0gKE9iamVjdC5rZXlzKGFscGhhYmV0cykgYXMgKGtleW9mIHR5cGVvZiBhbHBoYWJldHMpW10pLmZsYXRNYXAoXG4gIChuYW1lKTogRmlsdGVyW10gPT4gW1xuICAgIHtcbiAgICAgIG5hbWUsXG4gICAgICBhYm91dDogYGJ5dGVzLCBvciB0aGUgVVRGLTggb2YgYSB0ZXh0LCBhcyAke25hbWV9YCxcbiAgICAgIGV4YW1wbGU6IGBcXCR7Ym9keSB8IHNoYS0yNTYgfCAke25hbWV9fWAsXG4gICAgICBhcmd1bWVudHM6IFswLCAwXSxcbiAgICAgIGFwcGx5OiAoaW5wdXQpID0+IEJ1ZmZlci5mcm9tKGlucHV0IGluc3RhbmNlb2YgVWludDhBcnJheSA/IGlucHV0IDogdGV4dE9mKGlucHV0KSkudG9TdHJpbmcobmFtZSksXG4gICAgfSxcbiAgICB7XG4gICAgICBuYW1lOiBgZnJvbS0ke25hbWV9YCxcbiAgICAgIGFib3V0OiBgdGhlIGJ5dGVzIHRoYXQgYSAke25hbWV9IHRleHQgc3RhbmRzIGZvcmAsXG4gICAgICBleGFtcGxlOiBgXFwke2NvZGUgfCBmcm9tLSR7bmFtZX0gfCB0ZXh0fWAsXG4gICAgICBhcmd1bWVudHM6IFswLCAwXSxcbiAgICAgIGFwcGx5KGlucHV0KSB7XG4gICAgICAgIGNvbnN0IHRleHQgPSB3YW50VGV4dChgZnJvbS0ke25hbWV9YCwgaW5wdXQpO1xuICAgICAgICBpZiAoIWFscGhhYmV0c1tuYW1lXS50ZXN0KHRleHQpKSB0aHJvdyBuZXcgUHJvYmxlbSgnZXhwcmVzc2lvbi12YWx1ZScsIHsgd2hhdDogYHRoZSB0ZXh0IGlzIG5vdCAke25hbWV9YCB9KTtcbiAgICAgICAgcmV0dXJuIEJ1ZmZlci5mcm9tKHRleHQsIG5hbWUpO1xuICAgICAgfSxcbiAgICB9LFxuICBdLFxuKTtcblxuZXhwb3J0IGNvbnN0IGVuY29kaW5nRmlsdGVyczogcmVhZG9ubHkgRmlsdGVyW10gPSBbXG4gIC4uLmJ5dGVQYWlycyxcbiAge1xuICAgIG5hbWU6ICdmcm9tLXBlcmNlbnQnLFxuICAgIGFib3V0OiAndGhlIHRleHQgdGhhdCBhIHBlcmNlbnQtZW5jb2RlZCBvbmUgc3RhbmRzIGZvcicsXG4gICAgZXhhbXBsZTogJyR7c2VudC5wYXRoIHwgZnJvbS1wZXJjZW50fScsXG4gICAgYXJndW1lbnRzOiBbMCwgMF0sXG4gICAgYXBwbHkoaW5wdXQpIHtcbiAgICAgIHRyeSB7XG4gICAgICAgIHJldHVybiBkZWNvZGVVUklDb21wb25lbnQod2FudFRleHQoJ2Zyb20tcGVyY2VudCcsIGlucHV0KSk7XG4gICAgICB9IGNhdGNoIHtcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7IHdoYXQ6ICd0aGUgdGV4dCBpcyBub3QgcGVyY2VudC1lbmNvZGVkIFVURi04JyB9KTtcbiAgICAgIH1cbiAgICB9LFxuICB9LFxuXTtcbiIsICIvKiogRmlsdGVycyBvdmVyIGxpc3RzIGFuZCBtYXBzLiAqL1xuaW1wb3J0IHsgZXF1YWxWYWx1ZXMgfSBmcm9tICcuLi8uLi92YWx1ZS9lcXVhbC5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHBsYWluLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyB0eXBlIEZpbHRlciwgd2FudExpc3QsIHdyb25nSW5wdXQgfSBmcm9tICcuL2ZpbHRlci5qcyc7XG5cbmZ1bmN0aW9uIGNvbXBhcmUobGVmdDogVmFsdWUsIHJpZ2h0OiBWYWx1ZSk6IG51bWJlciB7XG4gIGNvbnN0IGEgPSBwbGFpbihsZWZ0KTtcbiAgY29uc3QgYiA9IHBsYWluKHJpZ2h0KTtcbiAgaWYgKHR5cGVvZiBhID09PSAnbnVtYmVyJyAmJiB0eXBlb2YgYiA9PT0gJ251bWJlcicpIHJldHVybiBhIC0gYjtcbiAgaWYgKGlzVmFsdWVNYXAobGVmdCkgJiYgaXNWYWx1ZU1hcChyaWdodCkpIHtcbiAgICAvLyBNZW1iZXIgYnkgbWVtYmVyLCB0aGUgZmlyc3QgdGhhdCBkaWZmZXJzIGRlY2lkZXMuXG4gICAgZm9yIChjb25zdCBrZXkgaW4gbGVmdCkge1xuICAgICAgY29uc3Qgb3JkZXIgPSBjb21wYXJlKGxlZnRba2V5XSBhcyBWYWx1ZSwgcmlnaHRba2V5XSA/PyBudWxsKTtcbiAgICAgIGlmIChvcmRlciAhPT0gMCkgcmV0dXJuIG9yZGVyO1xuICAgIH1cbiAgICByZXR1cm4gMDtcbiAgfVxuICBjb25zdCB4ID0gdGV4dE9mKGxlZnQpO1xuICBjb25zdCB5ID0gdGV4dE9mKHJpZ2h0KTtcbiAgcmV0dXJuIHggPCB5ID8gLTEgOiB4ID4geSA/IDEgOiAwO1xufVxuXG5mdW5jdGlvbiBwaWNrKGl0ZW06IFZhbHVlLCBrZXk6IHN0cmluZyk6IFZhbHVlIHtcbiAgcmV0dXJuIGlzVmFsdWVNYXAoaXRlbSkgJiYgT2JqZWN0Lmhhc093bihpdGVtLCBrZXkpID8gKGl0ZW1ba2V5XSBhcyBWYWx1ZSkgOiBudWxsO1xufVxuXG5mdW5jdGlvbiBlZGdlKG5hbWU6IHN0cmluZywgYWJvdXQ6IHN0cmluZywgYXQ6IDAgfCAtMSk6IEZpbHRlciB7XG4gIHJldHVybiB7XG4gICAgbmFtZSxcbiAgICBhYm91dCxcbiAgICBleGFtcGxlOiBgXFwke2l0ZW1zIHwgJHtuYW1lfX1gLFxuICAgIGFyZ3VtZW50czogWzAsIDBdLFxuICAgIGFwcGx5OiAoaW5wdXQpID0+IHdhbnRMaXN0KG5hbWUsIGlucHV0KS5hdChhdCkgPz8gbnVsbCxcbiAgfTtcbn1cblxuZXhwb3J0IGNvbnN0IGxpc3RGaWx0ZXJzOiByZWFkb25seSBGaWx0ZXJbXSA9IFtcbiAgZWRnZSgnZmlyc3QnLCAndGhlIGZpcnN0IGl0ZW0sIG51bGwgd2hlcmUgdGhlcmUgaXMgbm9uZScsIDApLFxuICBlZGdlKCdsYXN0JywgJ3RoZSBsYXN0IGl0ZW0sIG51bGwgd2hlcmUgdGhlcmUgaXMgbm9uZScsIC0xKSxcbiAge1xuICAgIG5hbWU6ICdjb3VudCcsXG4gICAgYWJvdXQ6ICd0aGUgbnVtYmVyIG9mIGl0ZW1zLCBtZW1iZXJzIG9yIGNoYXJhY3RlcnMnLFxuICAgIGV4YW1wbGU6ICcke2l0ZW1zIHwgY291bnR9JyxcbiAgICBhcmd1bWVudHM6IFswLCAwXSxcbiAgICBhcHBseShpbnB1dCkge1xuICAgICAgaWYgKEFycmF5LmlzQXJyYXkoaW5wdXQpKSByZXR1cm4gaW5wdXQubGVuZ3RoO1xuICAgICAgaWYgKGlucHV0IGluc3RhbmNlb2YgVWludDhBcnJheSkgcmV0dXJuIGlucHV0Lmxlbmd0aDtcbiAgICAgIGlmIChpc1ZhbHVlTWFwKGlucHV0KSkgcmV0dXJuIE9iamVjdC5rZXlzKGlucHV0KS5sZW5ndGg7XG4gICAgICBpZiAodHlwZW9mIGlucHV0ID09PSAnc3RyaW5nJykgcmV0dXJuIFsuLi5pbnB1dF0ubGVuZ3RoO1xuICAgICAgdGhyb3cgd3JvbmdJbnB1dCgnY291bnQnLCAnYSBsaXN0LCBhIG1hcCBvciBhIHRleHQnLCBpbnB1dCk7XG4gICAgfSxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdzb3J0ZWQnLFxuICAgIGFib3V0OlxuICAgICAgJ3RoZSBpdGVtcyBpbiBvcmRlcjogbnVtYmVycyBieSBzaXplLCBwYWlycyBieSBuYW1lIGFuZCB0aGVuIGJ5IHZhbHVlLCBhbnl0aGluZyBlbHNlIGJ5IGl0cyB0ZXh0OyB3aXRoIGEga2V5LCBieSB0aGF0IG1lbWJlcicsXG4gICAgZXhhbXBsZTogJyR7YmVydGhzIHwgc29ydGVkKFwibGVuZ3RoTVwiKX0nLFxuICAgIGFyZ3VtZW50czogWzAsIDFdLFxuICAgIGFwcGx5KGlucHV0LCBba2V5XSkge1xuICAgICAgY29uc3QgaXRlbXMgPSBbLi4ud2FudExpc3QoJ3NvcnRlZCcsIGlucHV0KV07XG4gICAgICBpZiAoa2V5ID09PSB1bmRlZmluZWQpIHJldHVybiBpdGVtcy5zb3J0KGNvbXBhcmUpO1xuICAgICAgcmV0dXJuIGl0ZW1zLnNvcnQoKGxlZnQsIHJpZ2h0KSA9PiBjb21wYXJlKHBpY2sobGVmdCwgdGV4dE9mKGtleSkpLCBwaWNrKHJpZ2h0LCB0ZXh0T2Yoa2V5KSkpKTtcbiAgICB9LFxuICB9LFxuICB7XG4gICAgbmFtZTogJ3BsdWNrJyxcbiAgICBhYm91dDogJ29uZSBtZW1iZXIgb2YgZXZlcnkgaXRlbScsXG4gICAgZXhhbXBsZTogJyR7YmVydGhzIHwgcGx1Y2soXCJjb2RlXCIpfScsXG4gICAgYXJndW1lbnRzOiBbMSwgMV0sXG4gICAgYXBwbHk6IChpbnB1dCwgW2tleV0pID0+IHdhbnRMaXN0KCdwbHVjaycsIGlucHV0KS5tYXAoKGl0ZW0pID0+IHBpY2soaXRlbSwgdGV4dE9mKGtleSBhcyBWYWx1ZSkpKSxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICd3aXRob3V0JyxcbiAgICBhYm91dDogJ2EgbGlzdCB3aXRob3V0IGFuIGl0ZW0sIG9yIGEgbWFwIHdpdGhvdXQgYSBtZW1iZXInLFxuICAgIGV4YW1wbGU6ICcke3Zlc3NlbCB8IHdpdGhvdXQoXCJpZFwiKX0nLFxuICAgIGFyZ3VtZW50czogWzEsIDldLFxuICAgIGFwcGx5KGlucHV0LCBrZXlzKSB7XG4gICAgICBpZiAoQXJyYXkuaXNBcnJheShpbnB1dCkpIHJldHVybiBpbnB1dC5maWx0ZXIoKGl0ZW06IFZhbHVlKSA9PiAha2V5cy5zb21lKChrZXkpID0+IGVxdWFsVmFsdWVzKGtleSwgaXRlbSkpKTtcbiAgICAgIGlmICghaXNWYWx1ZU1hcChpbnB1dCkpIHRocm93IHdyb25nSW5wdXQoJ3dpdGhvdXQnLCAnYSBsaXN0IG9yIGEgbWFwJywgaW5wdXQpO1xuICAgICAgY29uc3QgbmFtZXMgPSBrZXlzLm1hcCh0ZXh0T2YpO1xuICAgICAgcmV0dXJuIE9iamVjdC5mcm9tRW50cmllcyhPYmplY3QuZW50cmllcyhpbnB1dCkuZmlsdGVyKChbbmFtZV0pID0+ICFuYW1lcy5pbmNsdWRlcyhuYW1lKSkpO1xuICAgIH0sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnbWVyZ2UnLFxuICAgIGFib3V0OiAndHdvIGxpc3RzIG9uZSBiZWhpbmQgdGhlIG90aGVyLCBvciB0d28gbWFwcyB3aGVyZSB0aGUgc2Vjb25kIHdpbnMnLFxuICAgIGV4YW1wbGU6ICcke2RlZmF1bHRzIHwgbWVyZ2UodmVzc2VsKX0nLFxuICAgIGFyZ3VtZW50czogWzEsIDFdLFxuICAgIGFwcGx5KGlucHV0LCBbb3RoZXJdKSB7XG4gICAgICBpZiAoQXJyYXkuaXNBcnJheShpbnB1dCkgJiYgQXJyYXkuaXNBcnJheShvdGhlcikpIHJldHVybiBbLi4uaW5wdXQsIC4uLm90aGVyXTtcbiAgICAgIGlmIChpc1ZhbHVlTWFwKGlucHV0KSAmJiBvdGhlciAhPT0gdW5kZWZpbmVkICYmIGlzVmFsdWVNYXAob3RoZXIpKSByZXR1cm4geyAuLi5pbnB1dCwgLi4ub3RoZXIgfTtcbiAgICAgIHRocm93IHdyb25nSW5wdXQoJ21lcmdlJywgJ3R3byBsaXN0cyBvciB0d28gbWFwcycsIGlucHV0KTtcbiAgICB9LFxuICB9LFxuXTtcbiIsICIvKiogRmlsdGVycyB0aGF0IHlpZWxkIG51bWJlcnMuICovXG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHR5cGUgVmFsdWUsIHdyaXR0ZW5TY2FsYXIgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IHR5cGUgRmlsdGVyLCB3YW50TGlzdCwgd2FudE51bWJlciwgd2FudFRleHQgfSBmcm9tICcuL2ZpbHRlci5qcyc7XG5cbmZ1bmN0aW9uIG92ZXJMaXN0KG5hbWU6IHN0cmluZywgYWJvdXQ6IHN0cmluZywgd29yazogKG51bWJlcnM6IHJlYWRvbmx5IG51bWJlcltdKSA9PiBudW1iZXIpOiBGaWx0ZXIge1xuICByZXR1cm4ge1xuICAgIG5hbWUsXG4gICAgYWJvdXQsXG4gICAgZXhhbXBsZTogYFxcJHtmZWVzIHwgcGx1Y2soXCJhbW91bnRcIikgfCAke25hbWV9fWAsXG4gICAgYXJndW1lbnRzOiBbMCwgMF0sXG4gICAgYXBwbHkoaW5wdXQpIHtcbiAgICAgIGNvbnN0IG51bWJlcnMgPSB3YW50TGlzdChuYW1lLCBpbnB1dCkubWFwKChpdGVtKSA9PiB3YW50TnVtYmVyKG5hbWUsIGl0ZW0pKTtcbiAgICAgIGlmIChudW1iZXJzLmxlbmd0aCA9PT0gMCAmJiBuYW1lICE9PSAnc3VtJylcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7IHdoYXQ6IGAke25hbWV9IG9mIGFuIGVtcHR5IGxpc3RgIH0pO1xuICAgICAgcmV0dXJuIHdvcmsobnVtYmVycyk7XG4gICAgfSxcbiAgfTtcbn1cblxuY29uc3Qgc3VtID0gKG51bWJlcnM6IHJlYWRvbmx5IG51bWJlcltdKTogbnVtYmVyID0+IG51bWJlcnMucmVkdWNlKCh0b3RhbCwgbnVtYmVyKSA9PiB0b3RhbCArIG51bWJlciwgMCk7XG5cbmV4cG9ydCBjb25zdCBudW1iZXJGaWx0ZXJzOiByZWFkb25seSBGaWx0ZXJbXSA9IFtcbiAge1xuICAgIG5hbWU6ICdudW1iZXInLFxuICAgIGFib3V0OiAnYSB0ZXh0IGFzIHRoZSBudW1iZXIgdGhhdCBpdCB3cml0ZXMsIGV2ZXJ5IGRpZ2l0IGtlcHQnLFxuICAgIGV4YW1wbGU6ICcke3Jvdy5kcmFmdCB8IG51bWJlcn0nLFxuICAgIGFyZ3VtZW50czogWzAsIDBdLFxuICAgIGFwcGx5KGlucHV0KTogVmFsdWUge1xuICAgICAgaWYgKHR5cGVvZiBpbnB1dCA9PT0gJ251bWJlcicpIHJldHVybiBpbnB1dDtcbiAgICAgIGNvbnN0IHRleHQgPSB3YW50VGV4dCgnbnVtYmVyJywgaW5wdXQpLnRyaW0oKTtcbiAgICAgIGlmICh0ZXh0ID09PSAnJyB8fCBOdW1iZXIuaXNOYU4oTnVtYmVyKHRleHQpKSkge1xuICAgICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZXhwcmVzc2lvbi12YWx1ZScsIHsgd2hhdDogYCR7SlNPTi5zdHJpbmdpZnkodGV4dCl9IGlzIG5vdCBhIG51bWJlcmAgfSk7XG4gICAgICB9XG4gICAgICByZXR1cm4gd3JpdHRlblNjYWxhcih0ZXh0LCBOdW1iZXIodGV4dCkpO1xuICAgIH0sXG4gIH0sXG4gIG92ZXJMaXN0KCdzdW0nLCAndGhlIHN1bSBvZiBhIGxpc3Qgb2YgbnVtYmVycycsIHN1bSksXG4gIG92ZXJMaXN0KCdhdmVyYWdlJywgJ3RoZSBtZWFuIG9mIGEgbGlzdCBvZiBudW1iZXJzJywgKG51bWJlcnMpID0+IHN1bShudW1iZXJzKSAvIG51bWJlcnMubGVuZ3RoKSxcbiAgb3Zlckxpc3QoJ21pbicsICd0aGUgc21hbGxlc3Qgb2YgYSBsaXN0IG9mIG51bWJlcnMnLCAobnVtYmVycykgPT4gbnVtYmVycy5yZWR1Y2UoKGEsIGIpID0+IE1hdGgubWluKGEsIGIpKSksXG4gIG92ZXJMaXN0KCdtYXgnLCAndGhlIGxhcmdlc3Qgb2YgYSBsaXN0IG9mIG51bWJlcnMnLCAobnVtYmVycykgPT4gbnVtYmVycy5yZWR1Y2UoKGEsIGIpID0+IE1hdGgubWF4KGEsIGIpKSksXG5dO1xuIiwgIi8qKiBGaWx0ZXJzIG92ZXIgdGV4dC4gKi9cbmltcG9ydCB7IHdyaXRlSnNvbiB9IGZyb20gJy4uLy4uL3ZhbHVlL2pzb24tdGV4dC5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IHBsYWluLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyB0eXBlIEZpbHRlciwgd2FudExpc3QsIHdhbnROdW1iZXIsIHdhbnRUZXh0IH0gZnJvbSAnLi9maWx0ZXIuanMnO1xuXG5jb25zdCBvZlRleHQgPSAoXG4gIG5hbWU6IHN0cmluZyxcbiAgYWJvdXQ6IHN0cmluZyxcbiAgZXhhbXBsZTogc3RyaW5nLFxuICB3b3JrOiAodGV4dDogc3RyaW5nLCAuLi5hcmdzOiBWYWx1ZVtdKSA9PiBWYWx1ZSxcbiAgYXJnczogcmVhZG9ubHkgW251bWJlciwgbnVtYmVyXSA9IFswLCAwXSxcbik6IEZpbHRlciA9PiAoe1xuICBuYW1lLFxuICBhYm91dCxcbiAgZXhhbXBsZSxcbiAgYXJndW1lbnRzOiBhcmdzLFxuICBhcHBseTogKGlucHV0LCBnaXZlbikgPT4gd29yayh3YW50VGV4dChuYW1lLCBpbnB1dCksIC4uLmdpdmVuKSxcbn0pO1xuXG4vKiogQ2hhcmFjdGVycyBhcyBwZW9wbGUgY291bnQgdGhlbTogYSBsZXR0ZXIgb3V0c2lkZSB0aGUgZmlyc3QgcGxhbmUgaXMgb25lLCBub3QgdHdvLiAqL1xuZnVuY3Rpb24gc2xpY2UodGV4dDogc3RyaW5nLCBmcm9tOiBWYWx1ZSwgdG8/OiBWYWx1ZSk6IHN0cmluZyB7XG4gIGNvbnN0IGVuZCA9IHRvID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiB3YW50TnVtYmVyKCdzbGljZScsIHRvKTtcbiAgcmV0dXJuIFsuLi50ZXh0XS5zbGljZSh3YW50TnVtYmVyKCdzbGljZScsIGZyb20pLCBlbmQpLmpvaW4oJycpO1xufVxuXG5leHBvcnQgY29uc3QgdGV4dEZpbHRlcnM6IHJlYWRvbmx5IEZpbHRlcltdID0gW1xuICBvZlRleHQoJ3VwcGVyJywgJ2NhcGl0YWwgbGV0dGVycycsICcke2NvZGUgfCB1cHBlcn0nLCAodGV4dCkgPT4gdGV4dC50b1VwcGVyQ2FzZSgpKSxcbiAgb2ZUZXh0KCdsb3dlcicsICdzbWFsbCBsZXR0ZXJzJywgJyR7Y29kZSB8IGxvd2VyfScsICh0ZXh0KSA9PiB0ZXh0LnRvTG93ZXJDYXNlKCkpLFxuICBvZlRleHQoJ3RyaW0nLCAnd2l0aG91dCB3aGl0ZSBzcGFjZSBhdCBib3RoIGVuZHMnLCAnJHtuYW1lIHwgdHJpbX0nLCAodGV4dCkgPT4gdGV4dC50cmltKCkpLFxuICB7XG4gICAgbmFtZTogJ3NsaWNlJyxcbiAgICBhYm91dDpcbiAgICAgICd0aGUgY2hhcmFjdGVycywgb3IgdGhlIGl0ZW1zIG9mIGEgbGlzdCwgZnJvbSBvbmUgcG9zaXRpb24gdXAgdG8gYmVmb3JlIGFub3RoZXI7IG5lZ2F0aXZlIGNvdW50cyBmcm9tIHRoZSBlbmQnLFxuICAgIGV4YW1wbGU6ICcke3N0YW1wIHwgc2xpY2UoMCwgOCl9JyxcbiAgICBhcmd1bWVudHM6IFsxLCAyXSxcbiAgICBhcHBseShpbnB1dCwgW2Zyb20sIHRvXSkge1xuICAgICAgaWYgKCFBcnJheS5pc0FycmF5KGlucHV0KSkgcmV0dXJuIHNsaWNlKHdhbnRUZXh0KCdzbGljZScsIGlucHV0KSwgZnJvbSBhcyBWYWx1ZSwgdG8pO1xuICAgICAgcmV0dXJuIGlucHV0LnNsaWNlKHdhbnROdW1iZXIoJ3NsaWNlJywgZnJvbSBhcyBWYWx1ZSksIHRvID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiB3YW50TnVtYmVyKCdzbGljZScsIHRvKSk7XG4gICAgfSxcbiAgfSxcbiAgb2ZUZXh0KFxuICAgICdyZXBsYWNlJyxcbiAgICAnZXZlcnkgb2NjdXJyZW5jZSBvZiBhIHRleHQgYnkgYW5vdGhlcicsXG4gICAgJyR7dmVzc2VsLm5hbWUgfCByZXBsYWNlKFwiIFwiLCBcIitcIil9JyxcbiAgICAodGV4dCwgZnJvbSwgdG8pID0+IHRleHQucmVwbGFjZUFsbCh3YW50VGV4dCgncmVwbGFjZScsIGZyb20gYXMgVmFsdWUpLCAoKSA9PiB3YW50VGV4dCgncmVwbGFjZScsIHRvIGFzIFZhbHVlKSksXG4gICAgWzIsIDJdLFxuICApLFxuICBvZlRleHQoXG4gICAgJ3NwbGl0JyxcbiAgICAnYSBsaXN0LCBjdXQgYXQgYSB0ZXh0JyxcbiAgICAnJHtjb2RlcyB8IHNwbGl0KFwiLFwiKX0nLFxuICAgICh0ZXh0LCBhdCkgPT4gdGV4dC5zcGxpdCh3YW50VGV4dCgnc3BsaXQnLCBhdCBhcyBWYWx1ZSkpLFxuICAgIFsxLCAxXSxcbiAgKSxcbiAge1xuICAgIG5hbWU6ICdqb2luJyxcbiAgICBhYm91dDogJ3RoZSBpdGVtcyBvZiBhIGxpc3QgYXMgb25lIHRleHQnLFxuICAgIGV4YW1wbGU6ICcke2NvZGVzIHwgam9pbihcIixcIil9JyxcbiAgICBhcmd1bWVudHM6IFswLCAxXSxcbiAgICBhcHBseTogKGlucHV0LCBbYmV0d2Vlbl0pID0+XG4gICAgICB3YW50TGlzdCgnam9pbicsIGlucHV0KVxuICAgICAgICAubWFwKHRleHRPZilcbiAgICAgICAgLmpvaW4oYmV0d2VlbiA9PT0gdW5kZWZpbmVkID8gJycgOiB0ZXh0T2YoYmV0d2VlbikpLFxuICB9LFxuICBvZlRleHQoJ2xpbmVzJywgJ2EgbGlzdCBvZiB0aGUgbGluZXMnLCAnJHtub3RlIHwgbGluZXN9JywgKHRleHQpID0+IHRleHQuc3BsaXQoL1xcclxcbnxcXG4vKSksXG4gIG9mVGV4dChcbiAgICAncGFkJyxcbiAgICAnZmlsbGVkIHVwIGF0IHRoZSBmcm9udCB0byBzbyBtYW55IGNoYXJhY3RlcnMsIHdpdGggc3BhY2VzIG9yIHdpdGggYW5vdGhlciB0ZXh0JyxcbiAgICAnJHtudW1iZXIgfCBwYWQoMTAsIFwiMFwiKX0nLFxuICAgICh0ZXh0LCBsZW5ndGgsIGZpbGwpID0+XG4gICAgICB0ZXh0LnBhZFN0YXJ0KHdhbnROdW1iZXIoJ3BhZCcsIGxlbmd0aCBhcyBWYWx1ZSksIGZpbGwgPT09IHVuZGVmaW5lZCA/ICcgJyA6IHdhbnRUZXh0KCdwYWQnLCBmaWxsKSksXG4gICAgWzEsIDJdLFxuICApLFxuICBvZlRleHQoJ3F1b3RlZCcsICdzaW5nbGUgcXVvdGVzIGRvdWJsZWQsIGZvciBmaWx0ZXIgY2xhdXNlcycsIFwibmFtZSBlcSAnJHtuYW1lIHwgcXVvdGVkfSdcIiwgKHRleHQpID0+XG4gICAgdGV4dC5yZXBsYWNlQWxsKFwiJ1wiLCBcIicnXCIpLFxuICApLFxuICBvZlRleHQoJ3BlcmNlbnQnLCAncGVyY2VudC1lbmNvZGVkIChSRkMgMzk4NiwgYWxsIGJ1dCB1bnJlc2VydmVkIGNoYXJhY3RlcnMpJywgJyR7bmFtZSB8IHBlcmNlbnR9JywgcGVyY2VudEVuY29kZSksXG4gIG9mVGV4dCgnbGFzdC1zZWdtZW50JywgJ3doYXQgc3RhbmRzIGJlaGluZCB0aGUgbGFzdCBzbGFzaCBvZiBhbiBhZGRyZXNzJywgJyR7Y2FsbFVybCB8IGxhc3Qtc2VnbWVudH0nLCAodGV4dCkgPT4ge1xuICAgIGNvbnN0IHBhdGggPSB0ZXh0LnJlcGxhY2UoL1s/I10uKiQvcywgJycpLnJlcGxhY2UoL1xcLyskLywgJycpO1xuICAgIHJldHVybiBwYXRoLnNsaWNlKHBhdGgubGFzdEluZGV4T2YoJy8nKSArIDEpO1xuICB9KSxcbiAge1xuICAgIG5hbWU6ICd0ZXh0JyxcbiAgICBhYm91dDogJ3RoZSB2YWx1ZSBhcyB0ZXh0OyBieXRlcyBhcmUgcmVhZCBhcyBVVEYtOCcsXG4gICAgZXhhbXBsZTogJyR7ZmlsZShcImRhdGEvbm90ZS50eHRcIikgfCB0ZXh0fScsXG4gICAgYXJndW1lbnRzOiBbMCwgMF0sXG4gICAgYXBwbHk6IChpbnB1dCkgPT4gKHBsYWluKGlucHV0KSA9PT0gbnVsbCA/ICdudWxsJyA6IHRleHRPZihpbnB1dCkpLFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2pzb24nLFxuICAgIGFib3V0OiAndGhlIHZhbHVlIGFzIEpTT04gb24gb25lIGxpbmUnLFxuICAgIGV4YW1wbGU6ICcke3Zlc3NlbCB8IGpzb259JyxcbiAgICBhcmd1bWVudHM6IFswLCAwXSxcbiAgICBhcHBseTogKGlucHV0KSA9PiB3cml0ZUpzb24oaW5wdXQpLFxuICB9LFxuXTtcblxuY29uc3QgdW5yZXNlcnZlZCA9IC9eW0EtWmEtejAtOS5ffi1dKiQvO1xuXG4vKiogUkZDIDM5ODYgc2VjdGlvbiAyLjM6IHVucmVzZXJ2ZWQgY2hhcmFjdGVycyBzdGF5LCBhbGwgb3RoZXJzIGJlY29tZSBvY3RldHMgb2YgVVRGLTguICovXG5leHBvcnQgZnVuY3Rpb24gcGVyY2VudEVuY29kZSh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcge1xuICBpZiAodW5yZXNlcnZlZC50ZXN0KHRleHQpKSByZXR1cm4gdGV4dDtcbiAgcmV0dXJuIGVuY29kZVVSSUNvbXBvbmVudCh0ZXh0KS5yZXBsYWNlKC9bIScoKSpdL2csIChjaGFyKSA9PiBgJSR7Y2hhci5jaGFyQ29kZUF0KDApLnRvU3RyaW5nKDE2KS50b1VwcGVyQ2FzZSgpfWApO1xufVxuIiwgIi8qKlxuICogRmlsdGVycyBvdmVyIGxpc3RzIG9mIHBhaXJzLCBlYWNoIHdpdGggYSBuYW1lIGFuZCBhIHZhbHVlOiB0aGUgaGVhZGVycyBhbmQgdGhlIHF1ZXJ5IG9mIGEgcmVxdWVzdCB0aGF0XG4gKiBpcyBhYm91dCB0byBsZWF2ZS5cbiAqL1xuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vLi4vdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgeyBpc1ZhbHVlTWFwLCB0eXBlIFZhbHVlLCB0eXBlIFZhbHVlTWFwIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyB0eXBlIEZpbHRlciwgd2FudExpc3QsIHdyb25nSW5wdXQgfSBmcm9tICcuL2ZpbHRlci5qcyc7XG5pbXBvcnQgeyBwZXJjZW50RW5jb2RlIH0gZnJvbSAnLi90ZXh0LmpzJztcblxudHlwZSBQYWlyID0gVmFsdWVNYXAgJiB7IHJlYWRvbmx5IG5hbWU6IFZhbHVlOyByZWFkb25seSB2YWx1ZTogVmFsdWUgfTtcblxuZnVuY3Rpb24gcGFpcnNPZihmaWx0ZXI6IHN0cmluZywgaW5wdXQ6IFZhbHVlKTogcmVhZG9ubHkgUGFpcltdIHtcbiAgY29uc3QgbGlzdCA9IHdhbnRMaXN0KGZpbHRlciwgaW5wdXQpO1xuICBmb3IgKGNvbnN0IGl0ZW0gb2YgbGlzdClcbiAgICBpZiAoIWlzVmFsdWVNYXAoaXRlbSkgfHwgaXRlbS5uYW1lID09PSB1bmRlZmluZWQgfHwgaXRlbS52YWx1ZSA9PT0gdW5kZWZpbmVkKVxuICAgICAgdGhyb3cgd3JvbmdJbnB1dChmaWx0ZXIsICdhIGxpc3Qgb2YgcGFpcnMsIHN1Y2ggYXMgc2VudC5oZWFkZXJzIG9yIHNlbnQucXVlcnknLCBpdGVtKTtcbiAgcmV0dXJuIGxpc3QgYXMgcmVhZG9ubHkgUGFpcltdO1xufVxuXG4vKiogYHgtb2ZmaWNlLSpgIGZpdHMgZXZlcnkgbmFtZSB0aGF0IGJlZ2lucyBzby4gQHBhcmFtIHdhbnRlZCBpbiBzbWFsbCBsZXR0ZXJzICovXG5mdW5jdGlvbiBmaXRzKHsgbmFtZSB9OiBQYWlyLCB3YW50ZWQ6IHN0cmluZyk6IGJvb2xlYW4ge1xuICBpZiAobmFtZSA9PT0gd2FudGVkKSByZXR1cm4gdHJ1ZTtcbiAgY29uc3Qgb3duID0gdGV4dE9mKG5hbWUpLnRvTG93ZXJDYXNlKCk7XG4gIHJldHVybiB3YW50ZWQuZW5kc1dpdGgoJyonKSA/IG93bi5zdGFydHNXaXRoKHdhbnRlZC5zbGljZSgwLCAtMSkpIDogb3duID09PSB3YW50ZWQ7XG59XG5cbmNvbnN0IGluU21hbGxMZXR0ZXJzID0gKG5hbWVzOiByZWFkb25seSBWYWx1ZVtdKTogc3RyaW5nW10gPT4gbmFtZXMubWFwKChuYW1lKSA9PiB0ZXh0T2YobmFtZSkudG9Mb3dlckNhc2UoKSk7XG5cbi8qKiBIb3cgYSBwYWlyIG9mIHRoZSBxdWVyeSBpcyB3cml0dGVuLiAqL1xuY29uc3Qgd3JpdGluZ3M6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIChwYWlyOiBQYWlyKSA9PiBzdHJpbmc+PiA9IHtcbiAgLyoqIFJGQyAzOTg2OiBhbGwgYnV0IHVucmVzZXJ2ZWQgY2hhcmFjdGVycyBhcyBvY3RldHMuICovXG4gIHBlcmNlbnQ6ICh7IG5hbWUsIHZhbHVlIH0pID0+IGAke3BlcmNlbnRFbmNvZGUodGV4dE9mKG5hbWUpKX09JHtwZXJjZW50RW5jb2RlKHRleHRPZih2YWx1ZSkpfWAsXG4gIC8qKiBUaGUgZm9ybSBvZiBIVE1MOiBhIHNwYWNlIGlzIGEgcGx1cyBzaWduLiAqL1xuICBmb3JtOiAoeyBuYW1lLCB2YWx1ZSB9KSA9PiBuZXcgVVJMU2VhcmNoUGFyYW1zKFtbdGV4dE9mKG5hbWUpLCB0ZXh0T2YodmFsdWUpXV0pLnRvU3RyaW5nKCksXG4gICdhcy1zZW50JzogKHsgbmFtZSwgdmFsdWUsICdhcy1zZW50Jzogc2VudCB9KSA9PlxuICAgIHNlbnQgPT09IHVuZGVmaW5lZCA/IGAke3RleHRPZihuYW1lKX09JHt0ZXh0T2YodmFsdWUpfWAgOiB0ZXh0T2Yoc2VudCksXG4gIGRlY29kZWQ6ICh7IG5hbWUsIHZhbHVlIH0pID0+IGAke3RleHRPZihuYW1lKX09JHt0ZXh0T2YodmFsdWUpfWAsXG59O1xuXG5leHBvcnQgY29uc3QgcGFpckZpbHRlcnM6IHJlYWRvbmx5IEZpbHRlcltdID0gW1xuICB7XG4gICAgbmFtZTogJ29ubHknLFxuICAgIGFib3V0OiAndGhlIHBhaXJzIG9mIHRoZXNlIG5hbWVzLCBpbiB0aGUgb3JkZXIgaW4gd2hpY2ggdGhleSBhcmUgbmFtZWQ7IGB4LSpgIHRha2VzIGFsbCB0aGF0IGJlZ2luIHNvJyxcbiAgICBleGFtcGxlOiAnJHtzZW50LmhlYWRlcnMgfCBvbmx5KFwiaG9zdFwiLCBcIngtb2ZmaWNlLSpcIil9JyxcbiAgICBhcmd1bWVudHM6IFsxLCA1MF0sXG4gICAgYXBwbHkoaW5wdXQsIG5hbWVzKSB7XG4gICAgICBjb25zdCBwYWlycyA9IHBhaXJzT2YoJ29ubHknLCBpbnB1dCk7XG4gICAgICBjb25zdCBmb3VuZDogVmFsdWVbXSA9IFtdO1xuICAgICAgZm9yIChjb25zdCBuYW1lIG9mIGluU21hbGxMZXR0ZXJzKG5hbWVzKSkgZm9yIChjb25zdCBwYWlyIG9mIHBhaXJzKSBpZiAoZml0cyhwYWlyLCBuYW1lKSkgZm91bmQucHVzaChwYWlyKTtcbiAgICAgIHJldHVybiBmb3VuZDtcbiAgICB9LFxuICB9LFxuICB7XG4gICAgbmFtZTogJ2V4Y2VwdCcsXG4gICAgYWJvdXQ6ICd0aGUgcGFpcnMgb2YgYWxsIG90aGVyIG5hbWVzOyBgeC0qYCBsZWF2ZXMgb3V0IGFsbCB0aGF0IGJlZ2luIHNvJyxcbiAgICBleGFtcGxlOiAnJHtzZW50LmhlYWRlcnMgfCBleGNlcHQoXCJ1c2VyLWFnZW50XCIsIFwiY29ubmVjdGlvblwiKX0nLFxuICAgIGFyZ3VtZW50czogWzEsIDUwXSxcbiAgICBhcHBseShpbnB1dCwgbmFtZXMpIHtcbiAgICAgIGNvbnN0IGxlZnQgPSBpblNtYWxsTGV0dGVycyhuYW1lcyk7XG4gICAgICByZXR1cm4gcGFpcnNPZignZXhjZXB0JywgaW5wdXQpLmZpbHRlcigocGFpcikgPT4gIWxlZnQuc29tZSgobmFtZSkgPT4gZml0cyhwYWlyLCBuYW1lKSkpO1xuICAgIH0sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnZmlsbGVkJyxcbiAgICBhYm91dDogJ3RoZSBwYWlycyB3aG9zZSB2YWx1ZSBpcyBub3QgZW1wdHknLFxuICAgIGV4YW1wbGU6ICcke3NlbnQucXVlcnkgfCBmaWxsZWQgfCBlbmNvZGVkfScsXG4gICAgYXJndW1lbnRzOiBbMCwgMF0sXG4gICAgYXBwbHk6IChpbnB1dCkgPT4gcGFpcnNPZignZmlsbGVkJywgaW5wdXQpLmZpbHRlcigoeyB2YWx1ZSB9KSA9PiB0ZXh0T2YodmFsdWUpICE9PSAnJyksXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnaGVhZGVyLWxpbmVzJyxcbiAgICBhYm91dDogJ2EgbGlzdCBvZiBsaW5lcyBgbmFtZTp2YWx1ZWA7IHdpdGggYSB0ZXh0LCB0aGF0IHN0YW5kcyBiZXR3ZWVuIHRoZSB0d28nLFxuICAgIGV4YW1wbGU6ICcke3NlbnQuaGVhZGVycyB8IG9ubHkoXCJob3N0XCIpIHwgaGVhZGVyLWxpbmVzKFwiOiBcIil9JyxcbiAgICBhcmd1bWVudHM6IFswLCAxXSxcbiAgICBhcHBseShpbnB1dCwgW2JldHdlZW5dKSB7XG4gICAgICBjb25zdCBtaWRkbGUgPSBiZXR3ZWVuID09PSB1bmRlZmluZWQgPyAnOicgOiB0ZXh0T2YoYmV0d2Vlbik7XG4gICAgICByZXR1cm4gcGFpcnNPZignaGVhZGVyLWxpbmVzJywgaW5wdXQpLm1hcCgoeyBuYW1lLCB2YWx1ZSB9KSA9PiBgJHt0ZXh0T2YobmFtZSl9JHttaWRkbGV9JHt0ZXh0T2YodmFsdWUpfWApO1xuICAgIH0sXG4gIH0sXG4gIHtcbiAgICBuYW1lOiAnZW5jb2RlZCcsXG4gICAgYWJvdXQ6XG4gICAgICAndGhlIHBhaXJzIGFzIHRoZSB0ZXh0IG9mIGEgcXVlcnk6IFwicGVyY2VudFwiIChSRkMgMzk4Niwgd2hlcmUgbm90aGluZyBpcyBzYWlkKSwgXCJmb3JtXCIsIFwiYXMtc2VudFwiIG9yIFwiZGVjb2RlZFwiJyxcbiAgICBleGFtcGxlOiAnJHtzZW50LnF1ZXJ5IHwgc29ydGVkIHwgZW5jb2RlZH0nLFxuICAgIGFyZ3VtZW50czogWzAsIDFdLFxuICAgIGFwcGx5KGlucHV0LCBbd3JpdGluZ10pIHtcbiAgICAgIGNvbnN0IG5hbWUgPSB3cml0aW5nID09PSB1bmRlZmluZWQgPyAncGVyY2VudCcgOiB0ZXh0T2Yod3JpdGluZyk7XG4gICAgICBjb25zdCB3cml0ZSA9IE9iamVjdC5oYXNPd24od3JpdGluZ3MsIG5hbWUpID8gd3JpdGluZ3NbbmFtZV0gOiB1bmRlZmluZWQ7XG4gICAgICBpZiAoIXdyaXRlKSB0aHJvdyB3cm9uZ0lucHV0KCdlbmNvZGVkJywgYG9uZSBvZiAke09iamVjdC5rZXlzKHdyaXRpbmdzKS5qb2luKCcsICcpfWAsIG5hbWUpO1xuICAgICAgcmV0dXJuIHBhaXJzT2YoJ2VuY29kZWQnLCBpbnB1dCkubWFwKHdyaXRlKS5qb2luKCcmJyk7XG4gICAgfSxcbiAgfSxcbl07XG4iLCAiLyoqIGBmYWtlKFwicGVyc29uLmZ1bGxOYW1lXCIpYDogbWFkZS11cCBkYXRhIGJ5IGEgd2VsbC1rbm93biBsaWJyYXJ5LCBsb2FkZWQgb25seSB3aGVyZSBpdCBpcyB1c2VkLiAqL1xuaW1wb3J0IHsgbmVhcmVzdEhpbnQgfSBmcm9tICcuLi8uLi9wcm9ibGVtL25lYXJlc3QuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFNvdXJjZSB9IGZyb20gJy4vc291cmNlLmpzJztcblxudHlwZSBGYWtlciA9IHR5cGVvZiBpbXBvcnQoJ0BmYWtlci1qcy9mYWtlci9sb2NhbGUvZW4nKS5mYWtlcjtcbmxldCBmYWtlcjogRmFrZXIgfCB1bmRlZmluZWQ7XG5cbmV4cG9ydCBjb25zdCBmYWtlOiBTb3VyY2UgPSB7XG4gIG5hbWU6ICdmYWtlJyxcbiAgYmFyZTogZmFsc2UsXG4gIGFib3V0OiAnbWFkZS11cCBkYXRhIGJ5IGtpbmQsIHN1Y2ggYXMgcGVyc29uLmZ1bGxOYW1lLCBsb2NhdGlvbi5jaXR5LCBjb21tZXJjZS5wcm9kdWN0TmFtZScsXG4gIGV4YW1wbGU6ICcke2Zha2UoXCJwZXJzb24uZnVsbE5hbWVcIil9JyxcbiAgYXN5bmMgbG9hZCgpIHtcbiAgICBmYWtlciA/Pz0gKGF3YWl0IGltcG9ydCgnQGZha2VyLWpzL2Zha2VyL2xvY2FsZS9lbicpKS5mYWtlcjtcbiAgfSxcbiAgdmFsdWUoW2tpbmRdLCB7IHdvcmxkIH0pIHtcbiAgICBjb25zdCBsaWJyYXJ5ID0gZmFrZXIgYXMgRmFrZXI7XG4gICAgY29uc3QgW2dyb3VwID0gJycsIGl0ZW0gPSAnJ10gPSBTdHJpbmcoa2luZCA/PyAnJykuc3BsaXQoJy4nKTtcbiAgICBjb25zdCBncm91cHMgPSBsaWJyYXJ5IGFzIHVua25vd24gYXMgUmVjb3JkPHN0cmluZywgUmVjb3JkPHN0cmluZywgdW5rbm93bj4+O1xuICAgIGNvbnN0IGhvbGRlciA9IE9iamVjdC5oYXNPd24oZ3JvdXBzLCBncm91cCkgPyBncm91cHNbZ3JvdXBdIDogdW5kZWZpbmVkO1xuICAgIGNvbnN0IG1ha2UgPSBob2xkZXI/LltpdGVtXTtcbiAgICBpZiAodHlwZW9mIG1ha2UgIT09ICdmdW5jdGlvbicpIHtcbiAgICAgIGNvbnN0IGtub3duID0gT2JqZWN0LmVudHJpZXMoZ3JvdXBzKS5mbGF0TWFwKChbbmFtZSwgdmFsdWVdKSA9PlxuICAgICAgICB0eXBlb2YgdmFsdWUgPT09ICdvYmplY3QnICYmIHZhbHVlICE9PSBudWxsID8gbWV0aG9kcyh2YWx1ZSkubWFwKChtZXRob2QpID0+IGAke25hbWV9LiR7bWV0aG9kfWApIDogW10sXG4gICAgICApO1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7XG4gICAgICAgIHdoYXQ6IGB0aGVyZSBpcyBubyBtYWRlLXVwIGRhdGEgb2YgdGhlIGtpbmQgJHtraW5kID8/ICcobm9uZSknfWAsXG4gICAgICAgIHJlbWVkeTogbmVhcmVzdEhpbnQoU3RyaW5nKGtpbmQgPz8gJycpLCBrbm93biksXG4gICAgICB9KTtcbiAgICB9XG4gICAgbGlicmFyeS5zZWVkKE1hdGguZmxvb3Iod29ybGQucmFuZG9tKCkgKiAyICoqIDMxKSk7XG4gICAgY29uc3QgbWFkZTogdW5rbm93biA9IG1ha2UuY2FsbChob2xkZXIpO1xuICAgIHJldHVybiBtYWRlIGluc3RhbmNlb2YgRGF0ZSA/IG1hZGUudG9JU09TdHJpbmcoKSA6IChtYWRlIGFzIFZhbHVlKTtcbiAgfSxcbn07XG5cbmZ1bmN0aW9uIG1ldGhvZHMoaG9sZGVyOiBvYmplY3QpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IG93biA9IE9iamVjdC5nZXRPd25Qcm9wZXJ0eU5hbWVzKE9iamVjdC5nZXRQcm90b3R5cGVPZihob2xkZXIpIGFzIG9iamVjdCk7XG4gIHJldHVybiBvd24uZmlsdGVyKChuYW1lKSA9PiBuYW1lICE9PSAnY29uc3RydWN0b3InICYmICFuYW1lLnN0YXJ0c1dpdGgoJ18nKSk7XG59XG4iLCAiLyoqIGByZW5kZXItZWFjaGA6IGEgdGVtcGxhdGUgZmlsZSBvbmNlIGFuIGl0ZW0sIHdpdGggdGhlIG1lbWJlcnMgb2YgdGhlIGl0ZW0gYXMgbmFtZXMuICovXG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHsgaXNWYWx1ZU1hcCB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiB9IGZyb20gJy4uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgbGF5ZXJlZCwgbmFtZXNGcm9tIH0gZnJvbSAnLi4vbmFtZXMuanMnO1xuaW1wb3J0IHsgZmFrZSB9IGZyb20gJy4uL3NvdXJjZXMvZmFrZS5qcyc7XG5pbXBvcnQgeyBkYXRlRmlsdGVycyB9IGZyb20gJy4vZGF0ZS5qcyc7XG5pbXBvcnQgeyB0eXBlIEZpbHRlciwgd2FudExpc3QgfSBmcm9tICcuL2ZpbHRlci5qcyc7XG5cbmV4cG9ydCBjb25zdCByZW5kZXJGaWx0ZXJzOiByZWFkb25seSBGaWx0ZXJbXSA9IFtcbiAge1xuICAgIG5hbWU6ICdyZW5kZXItZWFjaCcsXG4gICAgYWJvdXQ6ICdhIHRlbXBsYXRlIGZpbGUgb25jZSBhbiBpdGVtLCBqb2luZWQ7IGBpdGVtYCBhbmQgdGhlIG1lbWJlcnMgb2YgdGhlIGl0ZW0gYXJlIG5hbWVzIGluIGl0JyxcbiAgICBleGFtcGxlOiAnJHttYW5pZmVzdC5saW5lcyB8IHJlbmRlci1lYWNoKFwiYm9kaWVzL2xpbmUueG1sXCIpfScsXG4gICAgYXJndW1lbnRzOiBbMSwgMV0sXG4gICAgbG9hZDogKCkgPT4gUHJvbWlzZS5hbGwoW2Zha2UubG9hZD8uKCksIC4uLmRhdGVGaWx0ZXJzLm1hcCgoZmlsdGVyKSA9PiBmaWx0ZXIubG9hZD8uKCkpXSksXG4gICAgYXBwbHkoaW5wdXQsIFtwYXRoXSwgZXZhbHVhdGlvbikge1xuICAgICAgaWYgKHR5cGVvZiBwYXRoICE9PSAnc3RyaW5nJykge1xuICAgICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZXhwcmVzc2lvbi12YWx1ZScsIHsgd2hhdDogJ3JlbmRlci1lYWNoIHRha2VzIHRoZSBwYXRoIG9mIGEgdGVtcGxhdGUnIH0pO1xuICAgICAgfVxuICAgICAgcmV0dXJuIHdhbnRMaXN0KCdyZW5kZXItZWFjaCcsIGlucHV0KVxuICAgICAgICAubWFwKChpdGVtKSA9PiB7XG4gICAgICAgICAgY29uc3Qgb3duID0gbmFtZXNGcm9tKGlzVmFsdWVNYXAoaXRlbSkgPyB7IC4uLml0ZW0sIGl0ZW0gfSA6IHsgaXRlbSB9LCBgYW4gaXRlbSBvZiAke3RleHRPZihwYXRoKX1gKTtcbiAgICAgICAgICBjb25zdCBpbm5lciA9IG5ldyBFdmFsdWF0aW9uKGxheWVyZWQob3duLCBldmFsdWF0aW9uLm5hbWVzKSwgZXZhbHVhdGlvbiwgZXZhbHVhdGlvbi5vbk5hbWUpO1xuICAgICAgICAgIGNvbnN0IHRleHQgPSBldmFsdWF0aW9uLndvcmxkLnJlbmRlcihwYXRoLCBpbm5lcik7XG4gICAgICAgICAgZXZhbHVhdGlvbi50b3VjaGVkU2VjcmV0IHx8PSBpbm5lci50b3VjaGVkU2VjcmV0O1xuICAgICAgICAgIHJldHVybiB0ZXh0O1xuICAgICAgICB9KVxuICAgICAgICAuam9pbignJyk7XG4gICAgfSxcbiAgfSxcbl07XG4iLCAiLyoqIFNpZ25hdHVyZXMgd2l0aCBhIHByaXZhdGUga2V5OiBSU0EgKFJGQyA4MDE3KSwgRUNEU0EgKEZJUFMgMTg2LTUpLCBFZDI1NTE5IChSRkMgODAzMikuIFRoZXkgeWllbGQgYnl0ZXMuICovXG5pbXBvcnQgeyBjb25zdGFudHMsIHNpZ24gfSBmcm9tICdub2RlOmNyeXB0byc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBGaWx0ZXIgfSBmcm9tICcuL2ZpbHRlci5qcyc7XG5pbXBvcnQgeyBwcml2YXRlS2V5IH0gZnJvbSAnLi9rZXkuanMnO1xuXG5jb25zdCBieXRlc09mID0gKHZhbHVlOiBWYWx1ZSk6IFVpbnQ4QXJyYXkgPT4gKHZhbHVlIGluc3RhbmNlb2YgVWludDhBcnJheSA/IHZhbHVlIDogQnVmZmVyLmZyb20odGV4dE9mKHZhbHVlKSkpO1xuXG5pbnRlcmZhY2UgU2NoZW1lIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBhYm91dDogc3RyaW5nO1xuICByZWFkb25seSBrZXk6ICdyc2EnIHwgJ2VjJyB8ICdlZDI1NTE5JztcbiAgcmVhZG9ubHkgaGFzaDogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBwc3M/OiBib29sZWFuO1xufVxuXG5jb25zdCBzaXplcyA9IFsnMjU2JywgJzM4NCcsICc1MTInXSBhcyBjb25zdDtcblxuY29uc3Qgc2NoZW1lczogcmVhZG9ubHkgU2NoZW1lW10gPSBbXG4gIC4uLnNpemVzLm1hcChcbiAgICAoc2l6ZSk6IFNjaGVtZSA9PiAoe1xuICAgICAgbmFtZTogYHNpZ24tcnNhLXNoYS0ke3NpemV9YCxcbiAgICAgIGFib3V0OiBgdGhlIFJTQSBzaWduYXR1cmUgKFBLQ1MgIzEgdjEuNSkgb3ZlciB0aGUgU0hBLSR7c2l6ZX0gZGlnZXN0LCBieXRlc2AsXG4gICAgICBrZXk6ICdyc2EnLFxuICAgICAgaGFzaDogYHNoYSR7c2l6ZX1gLFxuICAgIH0pLFxuICApLFxuICAuLi5zaXplcy5tYXAoXG4gICAgKHNpemUpOiBTY2hlbWUgPT4gKHtcbiAgICAgIG5hbWU6IGBzaWduLXJzYS1wc3Mtc2hhLSR7c2l6ZX1gLFxuICAgICAgYWJvdXQ6IGB0aGUgUlNBIHNpZ25hdHVyZSAoUFNTLCBzYWx0IGFzIGxvbmcgYXMgdGhlIGRpZ2VzdCkgb3ZlciB0aGUgU0hBLSR7c2l6ZX0gZGlnZXN0LCBieXRlc2AsXG4gICAgICBrZXk6ICdyc2EnLFxuICAgICAgaGFzaDogYHNoYSR7c2l6ZX1gLFxuICAgICAgcHNzOiB0cnVlLFxuICAgIH0pLFxuICApLFxuICAuLi5zaXplcy5tYXAoXG4gICAgKHNpemUpOiBTY2hlbWUgPT4gKHtcbiAgICAgIG5hbWU6IGBzaWduLWVjZHNhLXNoYS0ke3NpemV9YCxcbiAgICAgIGFib3V0OiBgdGhlIEVDRFNBIHNpZ25hdHVyZSBvdmVyIHRoZSBTSEEtJHtzaXplfSBkaWdlc3QsIGJ5dGVzOiBib3RoIG51bWJlcnMgb25lIGJlaGluZCB0aGUgb3RoZXIsIG9yIHdpdGggXCJkZXJcIiBpbiBBU04uMWAsXG4gICAgICBrZXk6ICdlYycsXG4gICAgICBoYXNoOiBgc2hhJHtzaXplfWAsXG4gICAgfSksXG4gICksXG4gIHsgbmFtZTogJ3NpZ24tZWQyNTUxOScsIGFib3V0OiAndGhlIEVkMjU1MTkgc2lnbmF0dXJlLCBieXRlcycsIGtleTogJ2VkMjU1MTknLCBoYXNoOiB1bmRlZmluZWQgfSxcbl07XG5cbmV4cG9ydCBjb25zdCBzaWduRmlsdGVyczogcmVhZG9ubHkgRmlsdGVyW10gPSBzY2hlbWVzLm1hcCgoeyBuYW1lLCBhYm91dCwga2V5OiB3YW50ZWQsIGhhc2gsIHBzcyB9KSA9PiAoe1xuICBuYW1lLFxuICBhYm91dDogYCR7YWJvdXR9OyB0aGUga2V5IGlzIFBFTSBvciBhIEpTT04gV2ViIEtleWAsXG4gIGV4YW1wbGU6IGBcXCR7YmFzZSB8ICR7bmFtZX0oc2VjcmV0LmtleSkgfCBiYXNlNjR9YCxcbiAgYXJndW1lbnRzOiB3YW50ZWQgPT09ICdlYycgPyBbMSwgMl0gOiBbMSwgMV0sXG4gIGFwcGx5KGlucHV0LCBbZ2l2ZW4sIGZvcm1dKSB7XG4gICAgY29uc3Qga2V5ID0gcHJpdmF0ZUtleSh0ZXh0T2YoZ2l2ZW4gYXMgVmFsdWUpKTtcbiAgICBjb25zdCB0eXBlID0ga2V5LmFzeW1tZXRyaWNLZXlUeXBlO1xuICAgIGlmICh0eXBlICE9PSB3YW50ZWQgJiYgISh3YW50ZWQgPT09ICdyc2EnICYmIHR5cGUgPT09ICdyc2EtcHNzJykpIHtcbiAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywgeyB3aGF0OiBgJHtuYW1lfSBuZWVkcyBhIGtleSBvZiB0aGUga2luZCAke3dhbnRlZH0sIG5vdCAke3R5cGV9YCB9KTtcbiAgICB9XG4gICAgaWYgKGZvcm0gIT09IHVuZGVmaW5lZCAmJiBmb3JtICE9PSAnZGVyJyAmJiBmb3JtICE9PSAncmF3JylcbiAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywgeyB3aGF0OiBgJHtuYW1lfSB3cml0ZXMgcmF3IG9yIGRlciwgbm90ICR7dGV4dE9mKGZvcm0pfWAgfSk7XG4gICAgcmV0dXJuIHNpZ24oaGFzaCwgYnl0ZXNPZihpbnB1dCksIHtcbiAgICAgIGtleSxcbiAgICAgIC4uLihwc3MgJiYgeyBwYWRkaW5nOiBjb25zdGFudHMuUlNBX1BLQ1MxX1BTU19QQURESU5HLCBzYWx0TGVuZ3RoOiBjb25zdGFudHMuUlNBX1BTU19TQUxUTEVOX0RJR0VTVCB9KSxcbiAgICAgIC4uLih3YW50ZWQgPT09ICdlYycgJiYgeyBkc2FFbmNvZGluZzogZm9ybSA9PT0gJ2RlcicgPyAnZGVyJyA6ICdpZWVlLXAxMzYzJyB9KSxcbiAgICB9KTtcbiAgfSxcbn0pKTtcbiIsICIvKiogS2V5cyBvZiBzaWduYXR1cmVzLCBhcyBhIHNlY3JldCBob2xkcyB0aGVtOiBQRU0gKFJGQyA3NDY4KSBvciBhIEpTT04gV2ViIEtleSAoUkZDIDc1MTcpLiAqL1xuaW1wb3J0IHsgY3JlYXRlUHJpdmF0ZUtleSwgY3JlYXRlUHVibGljS2V5LCB0eXBlIEtleU9iamVjdCB9IGZyb20gJ25vZGU6Y3J5cHRvJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuXG5jb25zdCBrbm93biA9IG5ldyBNYXA8c3RyaW5nLCBLZXlPYmplY3Q+KCk7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZXhwcmVzc2lvbi12YWx1ZTogaXQgaXMgbm8gcHJpdmF0ZSBrZXkgKi9cbmV4cG9ydCBjb25zdCBwcml2YXRlS2V5ID0gKHRleHQ6IHN0cmluZyk6IEtleU9iamVjdCA9PiBrZXlGcm9tKHRleHQsICdwcml2YXRlJyk7XG5cbi8qKiBPZiBhIHByaXZhdGUga2V5LCB0aGUgcHVibGljIGhhbGYuIEB0aHJvd3MgUHJvYmxlbSBleHByZXNzaW9uLXZhbHVlOiBpdCBpcyBubyBrZXkgKi9cbmV4cG9ydCBjb25zdCBwdWJsaWNLZXkgPSAodGV4dDogc3RyaW5nKTogS2V5T2JqZWN0ID0+IGtleUZyb20odGV4dCwgJ3B1YmxpYycpO1xuXG4vKiogVG8gcmVhZCBhIGtleSB0YWtlcyBsb25nZXIgdGhhbiB0byBzaWduIHdpdGggaXQsIGFuZCBhIHJ1biBzaWducyB0aG91c2FuZHMgb2YgdGltZXMuICovXG5mdW5jdGlvbiBrZXlGcm9tKHRleHQ6IHN0cmluZywga2luZDogJ3ByaXZhdGUnIHwgJ3B1YmxpYycpOiBLZXlPYmplY3Qge1xuICBjb25zdCBuYW1lID0gYCR7a2luZH0gJHt0ZXh0fWA7XG4gIGNvbnN0IGJlZm9yZSA9IGtub3duLmdldChuYW1lKTtcbiAgaWYgKGJlZm9yZSkgcmV0dXJuIGJlZm9yZTtcbiAgY29uc3QgbWFrZSA9IGtpbmQgPT09ICdwcml2YXRlJyA/IGNyZWF0ZVByaXZhdGVLZXkgOiBjcmVhdGVQdWJsaWNLZXk7XG4gIHRyeSB7XG4gICAgY29uc3Qga2V5ID0gL15cXHMqXFx7Ly50ZXN0KHRleHQpID8gbWFrZSh7IGtleTogSlNPTi5wYXJzZSh0ZXh0KSwgZm9ybWF0OiAnandrJyB9KSA6IG1ha2UodGV4dCk7XG4gICAga25vd24uc2V0KG5hbWUsIGtleSk7XG4gICAgcmV0dXJuIGtleTtcbiAgfSBjYXRjaCB7XG4gICAgLy8gV2hhdCB0aGUgbGlicmFyeSBzYXlzIG1heSBxdW90ZSB0aGUga2V5LlxuICAgIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywge1xuICAgICAgd2hhdDogYHRoZSBrZXkgaXMgbm8gJHtraW5kfSBrZXlgLFxuICAgICAgcmVtZWR5OlxuICAgICAgICAnYSBrZXkgaXMgUEVNIHRleHQgdGhhdCBiZWdpbnMgd2l0aCAtLS0tLUJFR0lOLCBvciBhIEpTT04gV2ViIEtleTsgd2hlcmUgbGluZSBicmVha3Mgd2VyZSBsb3N0IG9uIHRoZSB3YXksIHNldCBpdCB3aXRoOiBlY2hvLXRyYWlsIHNlY3JldCBzZXQgTkFNRSA8IGtleS5wZW0nLFxuICAgIH0pO1xuICB9XG59XG4iLCAiLyoqIEFsbCBmaWx0ZXJzLiBBIG5ldyBmYW1pbHkgaXMgb25lIGZpbGUgYW5kIG9uZSBsaW5lIGhlcmUuICovXG5pbXBvcnQgeyBkYXRlRmlsdGVycyB9IGZyb20gJy4vZGF0ZS5qcyc7XG5pbXBvcnQgeyBkaWdlc3RGaWx0ZXJzIH0gZnJvbSAnLi9kaWdlc3QuanMnO1xuaW1wb3J0IHsgZWFjaEZpbHRlciB9IGZyb20gJy4vZWFjaC5qcyc7XG5pbXBvcnQgeyBlbmNvZGluZ0ZpbHRlcnMgfSBmcm9tICcuL2VuY29kaW5nLmpzJztcbmltcG9ydCB0eXBlIHsgRmlsdGVyIH0gZnJvbSAnLi9maWx0ZXIuanMnO1xuaW1wb3J0IHsgbGlzdEZpbHRlcnMgfSBmcm9tICcuL2xpc3QuanMnO1xuaW1wb3J0IHsgbnVtYmVyRmlsdGVycyB9IGZyb20gJy4vbnVtYmVyLmpzJztcbmltcG9ydCB7IHBhaXJGaWx0ZXJzIH0gZnJvbSAnLi9wYWlycy5qcyc7XG5pbXBvcnQgeyByZW5kZXJGaWx0ZXJzIH0gZnJvbSAnLi9yZW5kZXIuanMnO1xuaW1wb3J0IHsgc2lnbkZpbHRlcnMgfSBmcm9tICcuL3NpZ24uanMnO1xuaW1wb3J0IHsgdGV4dEZpbHRlcnMgfSBmcm9tICcuL3RleHQuanMnO1xuXG4vKiogRmFtaWxpZXMgaW4gdGhlIG9yZGVyIG9mIHRoZSBtYW51YWwuICovXG5leHBvcnQgY29uc3QgZmlsdGVyRmFtaWxpZXM6IFJlYWRvbmx5TWFwPHN0cmluZywgcmVhZG9ubHkgRmlsdGVyW10+ID0gbmV3IE1hcChbXG4gIFsndGV4dCcsIHRleHRGaWx0ZXJzXSxcbiAgWydsaXN0cycsIFsuLi5saXN0RmlsdGVycywgZWFjaEZpbHRlcigoKSA9PiBmaWx0ZXJzKV1dLFxuICBbJ2hlYWRlcnMgYW5kIHF1ZXJpZXMnLCBwYWlyRmlsdGVyc10sXG4gIFsnbnVtYmVycycsIG51bWJlckZpbHRlcnNdLFxuICBbJ2RhdGVzJywgZGF0ZUZpbHRlcnNdLFxuICBbJ2RpZ2VzdHMnLCBkaWdlc3RGaWx0ZXJzXSxcbiAgWydzaWduYXR1cmVzJywgc2lnbkZpbHRlcnNdLFxuICBbJ2VuY29kaW5ncycsIGVuY29kaW5nRmlsdGVyc10sXG4gIFsndGVtcGxhdGVzJywgcmVuZGVyRmlsdGVyc10sXG5dKTtcblxuZXhwb3J0IGNvbnN0IGZpbHRlcnM6IFJlYWRvbmx5TWFwPHN0cmluZywgRmlsdGVyPiA9IG5ldyBNYXAoXG4gIFsuLi5maWx0ZXJGYW1pbGllcy52YWx1ZXMoKV0uZmxhdCgpLm1hcCgoZmlsdGVyKSA9PiBbZmlsdGVyLm5hbWUsIGZpbHRlcl0pLFxuKTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUdPLElBQU0sZ0JBQU4sY0FBNEIsV0FBVztBQUFBO0FBQUEsRUFFbkM7QUFBQTtBQUFBLEVBRUE7QUFBQSxFQUVULFlBQVksTUFBYyxRQUFvQztBQUM1RCxVQUFNLENBQUM7QUFDUCxTQUFLLE9BQU87QUFDWixTQUFLLFNBQVM7QUFBQSxFQUNoQjtBQUNGOzs7QUNLTyxTQUFTLFdBQVcsUUFBZ0IsUUFBZ0IsT0FBdUI7QUFDaEYsU0FBTyxJQUFJLFFBQVEsb0JBQW9CO0FBQUEsSUFDckMsTUFBTSxHQUFHLE1BQU0sVUFBVSxNQUFNLFNBQVMsaUJBQWlCLGFBQWEsVUFBVSxPQUFPLEtBQUssQ0FBQztBQUFBLElBQzdGLE1BQU0sRUFBRSxPQUFPO0FBQUEsRUFDakIsQ0FBQztBQUNIO0FBR08sU0FBUyxTQUFTLFFBQWdCLE9BQXNCO0FBQzdELFFBQU0sUUFBUSxNQUFNLEtBQUs7QUFDekIsTUFBSSxVQUFVLFFBQVMsT0FBTyxVQUFVLFlBQVksVUFBVSxNQUFRLE9BQU0sV0FBVyxRQUFRLFVBQVUsS0FBSztBQUM5RyxTQUFPLE9BQU8sS0FBSztBQUNyQjtBQUVPLFNBQVMsV0FBVyxRQUFnQixPQUFzQjtBQUMvRCxRQUFNLFFBQVEsTUFBTSxLQUFLO0FBQ3pCLFFBQU0sU0FBUyxPQUFPLFVBQVUsWUFBWSxNQUFNLEtBQUssTUFBTSxLQUFLLE9BQU8sS0FBSyxJQUFJO0FBQ2xGLE1BQUksT0FBTyxXQUFXLFlBQVksT0FBTyxNQUFNLE1BQU0sRUFBRyxPQUFNLFdBQVcsUUFBUSxZQUFZLEtBQUs7QUFDbEcsU0FBTztBQUNUO0FBRU8sU0FBUyxTQUFTLFFBQWdCLE9BQWdDO0FBQ3ZFLE1BQUksQ0FBQyxNQUFNLFFBQVEsS0FBSyxFQUFHLE9BQU0sV0FBVyxRQUFRLFVBQVUsS0FBSztBQUNuRSxTQUFPO0FBQ1Q7OztBQ3JDQSxJQUFJO0FBQ0osSUFBTSxPQUFPLFlBQTJCO0FBQ3RDLGdCQUFjLE1BQU0sT0FBTyxPQUFPLEdBQUc7QUFDdkM7QUFHQSxJQUFNLFVBQVUsRUFBRSxTQUFTLE1BQU0sTUFBTSxPQUFPLFFBQVEsS0FBSztBQUUzRCxTQUFTLFNBQVMsU0FBMEMsTUFBNEI7QUFDdEYsUUFBTSxPQUFPLFFBQVEsUUFBUSxNQUFNLE9BQU87QUFDMUMsU0FBTyxLQUFLLFVBQVUsT0FBTyxRQUFRLFNBQVMsTUFBTSxPQUFPO0FBQzdEO0FBRUEsU0FBUyxPQUFPLFFBQWdCLE9BQTRCO0FBQzFELFFBQU0sVUFBVTtBQUNoQixRQUFNLFFBQVEsTUFBTSxLQUFLO0FBQ3pCLFFBQU0sT0FDSixPQUFPLFVBQVUsV0FDYixRQUFRLFlBQVksT0FBTyxFQUFFLE1BQU0sT0FBTyxRQUFRLEtBQUssQ0FBQyxJQUN4RCxTQUFTLFNBQVMsU0FBUyxRQUFRLEtBQUssQ0FBQztBQUMvQyxNQUFJLENBQUMsTUFBTSxTQUFTO0FBQ2xCLFVBQU0sSUFBSSxRQUFRLG9CQUFvQjtBQUFBLE1BQ3BDLE1BQU0sR0FBRyxNQUFNLGdCQUFnQixLQUFLLFVBQVUsS0FBSyxDQUFDO0FBQUEsTUFDcEQsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFPO0FBQ1Q7QUFHQSxJQUFNLFdBQVcsQ0FBQyxVQUNoQixPQUFPLFVBQVUsWUFBWSxNQUFNLFdBQVcsTUFBTSxNQUFNLFNBQVMsR0FBRyxLQUFLLE1BQU0sRUFBRSxNQUFNLE1BQ3JGLE1BQU0sTUFBTSxHQUFHLEVBQUUsSUFDakI7QUFFTixJQUFNLG1CQUFtQixvQkFBSSxJQUFxQjtBQUVsRCxTQUFTLGtCQUFrQixTQUEwQjtBQUNuRCxNQUFJLFFBQVEsaUJBQWlCLElBQUksT0FBTztBQUN4QyxNQUFJLFVBQVUsUUFBVztBQUN2QixZQUFRLFFBQVEsS0FBSyxRQUFRLFFBQVEsWUFBWSxFQUFFLENBQUM7QUFDcEQscUJBQWlCLElBQUksU0FBUyxLQUFLO0FBQUEsRUFDckM7QUFDQSxTQUFPO0FBQ1Q7QUFFQSxJQUFNLGFBQWEsb0JBQUksSUFBb0I7QUFHM0MsU0FBUyxZQUFZLE1BQWMsT0FBYyxTQUFpQixNQUE0QjtBQUM1RixRQUFNLFNBQVMsU0FBUyxLQUFLO0FBQzdCLE1BQUksV0FBVyxVQUFhLGtCQUFrQixPQUFPLEVBQUcsUUFBTyxLQUFLO0FBQ3BFLFFBQU0sTUFBTSxHQUFHLElBQUksSUFBSSxNQUFNLElBQUksT0FBTztBQUN4QyxRQUFNLFNBQVMsV0FBVyxJQUFJLEdBQUc7QUFDakMsTUFBSSxXQUFXLE9BQVcsUUFBTztBQUNqQyxNQUFJLFdBQVcsT0FBTyxHQUFJLFlBQVcsTUFBTTtBQUMzQyxRQUFNLE9BQU8sS0FBSztBQUNsQixhQUFXLElBQUksS0FBSyxJQUFJO0FBQ3hCLFNBQU87QUFDVDtBQUVBLFNBQVMsUUFBUSxNQUE0QjtBQUMzQyxTQUFPLEtBQUssTUFBTSxFQUFFLHNCQUFzQixLQUFLLENBQUM7QUFDbEQ7QUFFQSxTQUFTLE9BQ1AsTUFDQSxPQUNBLFNBQ0EsTUFDQSxPQUFjLEdBQ047QUFDUixTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQSxXQUFXLENBQUMsTUFBTSxJQUFJO0FBQUEsSUFDdEI7QUFBQSxJQUNBLE9BQU8sQ0FBQyxPQUFPLFVBQVUsS0FBSyxPQUFPLE1BQU0sS0FBSyxHQUFHLEdBQUcsS0FBSztBQUFBLEVBQzdEO0FBQ0Y7QUFFQSxJQUFNLFFBQVE7QUFDZCxJQUFNLFFBQVEsRUFBRSxJQUFJLGdCQUFnQixHQUFHLFdBQVcsR0FBRyxXQUFXLEdBQUcsU0FBUyxHQUFHLFFBQVEsR0FBRyxRQUFRO0FBRTNGLElBQU0sY0FBaUM7QUFBQSxFQUM1QztBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBLElBQ1AsU0FBUztBQUFBLElBQ1QsV0FBVyxDQUFDLEdBQUcsQ0FBQztBQUFBLElBQ2hCO0FBQUEsSUFDQSxPQUFPLENBQUMsVUFBVSxZQUFZLGFBQWEsT0FBTyxJQUFJLE1BQU0sT0FBTyxhQUFhLEtBQUssRUFBRSxPQUFPLENBQVc7QUFBQSxFQUMzRztBQUFBLEVBQ0EsT0FBTyxXQUFXLFlBQVksb0JBQW9CLE9BQU87QUFBQSxFQUN6RCxPQUFPLFFBQVEsNEJBQTRCLGlCQUFpQixDQUFDLFNBQVMsS0FBSyxNQUFNLEtBQUssVUFBVSxDQUFDLENBQUM7QUFBQSxFQUNsRyxPQUFPLFdBQVcsMkJBQTJCLG9CQUFvQixDQUFDLFNBQVMsS0FBSyxTQUFTLENBQUM7QUFBQSxFQUMxRjtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBLElBQ1AsU0FBUztBQUFBLElBQ1QsV0FBVyxDQUFDLEdBQUcsQ0FBQztBQUFBLElBQ2hCO0FBQUEsSUFDQSxNQUFNLE9BQU8sQ0FBQyxLQUFLLEdBQUc7QUFDcEIsWUFBTSxVQUFVLFNBQVMsVUFBVSxLQUFjO0FBQ2pELGFBQU8sWUFBWSxVQUFVLE9BQU8sU0FBUyxNQUFNLE9BQU8sVUFBVSxLQUFLLEVBQUUsU0FBUyxPQUFPLENBQUM7QUFBQSxJQUM5RjtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQSxDQUFDLE1BQU0sV0FBVztBQUNoQixZQUFNLFFBQVEsTUFBTSxLQUFLLFNBQVMsUUFBUSxNQUFlLENBQUM7QUFDMUQsVUFBSSxDQUFDO0FBQ0gsY0FBTSxJQUFJLFFBQVEsb0JBQW9CLEVBQUUsTUFBTSxvQkFBb0IsTUFBTSxJQUFJLFFBQVEsdUJBQXVCLENBQUM7QUFDOUcsWUFBTSxRQUFRLE9BQU8sTUFBTSxDQUFDLENBQUMsS0FBSyxNQUFNLENBQUMsTUFBTSxNQUFNLEtBQUs7QUFDMUQsYUFBTyxRQUFRLEtBQUssS0FBSyxFQUFFLENBQUMsTUFBTSxNQUFNLENBQUMsQ0FBdUIsQ0FBQyxHQUFHLE1BQU0sQ0FBQyxDQUFDO0FBQUEsSUFDOUU7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBLENBQUMsTUFBTSxTQUFTO0FBQ2QsWUFBTSxRQUFRLEtBQUssUUFBUSxTQUFTLFdBQVcsSUFBYSxDQUFDO0FBQzdELFVBQUksQ0FBQyxNQUFNO0FBQ1QsY0FBTSxJQUFJLFFBQVEsb0JBQW9CO0FBQUEsVUFDcEMsTUFBTSx5QkFBeUIsSUFBSTtBQUFBLFVBQ25DLFFBQVE7QUFBQSxRQUNWLENBQUM7QUFDSCxhQUFPLFFBQVEsS0FBSztBQUFBLElBQ3RCO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDRjs7O0FDN0lBLFNBQVMsWUFBWSxZQUFrQyxZQUFZO0FBT25FLElBQU0sYUFBYTtBQUFBLEVBQ2pCLEtBQUs7QUFBQSxFQUNMLFNBQVM7QUFBQSxFQUNULFdBQVc7QUFBQSxFQUNYLFdBQVc7QUFBQSxFQUNYLFdBQVc7QUFBQSxFQUNYLFdBQVc7QUFBQSxFQUNYLGVBQWU7QUFBQSxFQUNmLGVBQWU7QUFBQSxFQUNmLFlBQVk7QUFBQSxFQUNaLFlBQVk7QUFBQSxFQUNaLFlBQVk7QUFDZDtBQUVBLElBQU0sVUFBVSxDQUFDLFVBQXVDLGlCQUFpQixhQUFhLFFBQVEsT0FBTyxLQUFLO0FBRzFHLFNBQVMsU0FBUyxRQUFxQixPQUFrQztBQUN2RSxhQUFXLFNBQVMsTUFBTSxPQUFPLEVBQUcsUUFBTyxPQUFPLEtBQUs7QUFDdkQsU0FBTyxPQUFPLE9BQU87QUFDdkI7QUFHQSxTQUFTLFNBQVMsV0FBbUIsT0FBMEI7QUFDN0QsTUFBSSxpQkFBaUIsY0FBZSxRQUFPLFNBQVMsV0FBVyxTQUFTLEdBQUcsS0FBSztBQUNoRixRQUFNLFFBQVEsUUFBUSxLQUFLO0FBQzNCLE1BQUksTUFBTSxTQUFTLEVBQUcsUUFBTyxLQUFLLFdBQVcsT0FBTyxRQUFRO0FBRTVELE1BQUksU0FBUyxVQUFVLElBQUksU0FBUztBQUNwQyxNQUFJLENBQUMsUUFBUTtBQUNYLGFBQVMsS0FBSyxXQUFXLElBQUksUUFBUTtBQUNyQyxjQUFVLElBQUksV0FBVyxNQUFNO0FBQUEsRUFDakM7QUFDQSxTQUFPO0FBQ1Q7QUFFQSxJQUFNLFlBQVksb0JBQUksSUFBd0I7QUFVOUMsSUFBTSxTQUEyQztBQUFBLEVBQy9DLFFBQVE7QUFBQSxFQUNSLFFBQVE7QUFBQSxFQUNSLGNBQWM7QUFBQSxFQUNkLGNBQWM7QUFBQSxFQUNkLFlBQVk7QUFBQSxFQUNaLFlBQVk7QUFBQSxFQUNaLFlBQVk7QUFDZDtBQUVBLElBQUk7QUFHSixTQUFTLE9BQU8sV0FBbUIsS0FBa0I7QUFDbkQsTUFBSSxNQUFNLGNBQWMsYUFBYSxLQUFLLFFBQVEsSUFBSyxRQUFPO0FBQzlELFFBQU0sUUFBUSxRQUFRLEdBQUc7QUFDekIsUUFBTSxPQUFPLE9BQU8sS0FBSyxLQUFLO0FBQzlCLFFBQU0sUUFBUSxPQUFPLFNBQVMsS0FBSztBQUNuQyxRQUFNLE1BQU0sT0FBTyxNQUFNLEtBQUs7QUFDOUIsTUFBSSxJQUFJLEtBQUssU0FBUyxRQUFRLEtBQUssV0FBVyxNQUFNLFFBQVEsSUFBSSxJQUFJO0FBQ3BFLFNBQU8sRUFBRSxXQUFXLEtBQUssT0FBTyxNQUFNLEtBQUssRUFBSSxHQUFHLE9BQU8sTUFBTSxLQUFLLEVBQUksRUFBRTtBQUMxRSxTQUFPO0FBQ1Q7QUFFQSxJQUFNLFFBQVEsQ0FBQyxPQUFlLFNBQXlCLE9BQU8sS0FBSyxNQUFNLElBQUksQ0FBQyxTQUFTLE9BQU8sSUFBSSxDQUFDO0FBR25HLFNBQVMsY0FBYyxXQUFtQixPQUFjLEtBQXdCO0FBQzlFLE1BQUksaUJBQWlCLGNBQWUsUUFBTyxTQUFTLFdBQVcsV0FBVyxRQUFRLEdBQUcsQ0FBQyxHQUFHLEtBQUs7QUFDOUYsUUFBTSxFQUFFLE9BQU8sTUFBTSxJQUFJLE9BQU8sV0FBVyxHQUFHO0FBQzlDLFFBQU0sUUFBUSxRQUFRLEtBQUs7QUFDM0IsUUFBTSxRQUFRO0FBQUEsSUFDWjtBQUFBLElBQ0EsT0FBTyxPQUFPLENBQUMsT0FBTyxPQUFPLFVBQVUsV0FBVyxPQUFPLEtBQUssS0FBSyxJQUFJLEtBQUssQ0FBQztBQUFBLElBQzdFO0FBQUEsRUFDRjtBQUNBLFNBQU8sS0FBSyxXQUFXLE9BQU8sT0FBTyxDQUFDLE9BQU8sS0FBSyxDQUFDLEdBQUcsUUFBUTtBQUNoRTtBQUVPLElBQU0sZ0JBQW1DLE9BQU8sUUFBUSxVQUFVLEVBQUUsUUFBUSxDQUFDLENBQUMsTUFBTSxTQUFTLE1BQWdCO0FBQUEsRUFDbEg7QUFBQSxJQUNFO0FBQUEsSUFDQSxPQUFPLE9BQU8sS0FBSyxZQUFZLENBQUM7QUFBQSxJQUNoQyxTQUFTLGFBQWEsSUFBSTtBQUFBLElBQzFCLFdBQVcsQ0FBQyxHQUFHLENBQUM7QUFBQSxJQUNoQixTQUFTO0FBQUEsSUFDVCxPQUFPLENBQUMsVUFBVSxTQUFTLFdBQVcsS0FBSztBQUFBLEVBQzdDO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTSxRQUFRLElBQUk7QUFBQSxJQUNsQixPQUFPLGFBQWEsS0FBSyxZQUFZLENBQUM7QUFBQSxJQUN0QyxTQUFTLGtCQUFrQixJQUFJO0FBQUEsSUFDL0IsV0FBVyxDQUFDLEdBQUcsQ0FBQztBQUFBLElBQ2hCLFNBQVM7QUFBQSxJQUNULE9BQU8sQ0FBQyxPQUFPLENBQUMsR0FBRyxNQUFNLGNBQWMsV0FBVyxPQUFPLEdBQVk7QUFBQSxFQUN2RTtBQUNGLENBQUM7OztBQ3RHTSxTQUFTLFdBQVdBLFVBQW9EO0FBQzdFLFNBQU87QUFBQSxJQUNMLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQSxJQUNQLFNBQVM7QUFBQSxJQUNULFdBQVcsQ0FBQyxHQUFHLEVBQUU7QUFBQSxJQUNqQixNQUFNLE9BQU8sQ0FBQyxNQUFNLEdBQUcsSUFBSSxHQUFHLFlBQVk7QUFDeEMsWUFBTSxTQUFTLE9BQU8sSUFBYTtBQUNuQyxZQUFNLFNBQVMsQ0FBQyxHQUFHQSxTQUFRLENBQUMsRUFBRSxPQUFPLENBQUMsQ0FBQyxFQUFFLEVBQUUsTUFBQUMsTUFBSyxDQUFDLE1BQU1BLFVBQVMsTUFBUyxFQUFFLElBQUksQ0FBQyxDQUFDLEdBQUcsTUFBTSxHQUFHO0FBQzdGLFlBQU0sU0FBU0QsU0FBUSxFQUFFLElBQUksTUFBTTtBQUNuQyxZQUFNLENBQUMsT0FBTyxJQUFJLElBQUksUUFBUSxhQUFhLENBQUMsR0FBRyxDQUFDO0FBQ2hELFVBQUksQ0FBQyxVQUFVLENBQUMsT0FBTyxTQUFTLE1BQU0sR0FBRztBQUN2QyxjQUFNLElBQUksUUFBUSxvQkFBb0I7QUFBQSxVQUNwQyxNQUFNLDRCQUE0QixNQUFNO0FBQUEsVUFDeEMsUUFBUSxZQUFZLFFBQVEsTUFBTTtBQUFBLFFBQ3BDLENBQUM7QUFBQSxNQUNIO0FBQ0EsVUFBSSxLQUFLLFNBQVMsU0FBUyxLQUFLLFNBQVM7QUFDdkMsY0FBTSxJQUFJLFFBQVEsb0JBQW9CLEVBQUUsTUFBTSxHQUFHLE1BQU0sZUFBZSxPQUFPLE9BQU8sR0FBRyxDQUFDO0FBQzFGLGFBQU8sU0FBUyxRQUFRLEtBQUssRUFBRSxJQUFJLENBQUMsU0FBUyxPQUFPLE1BQU0sTUFBTSxNQUFNLFVBQVUsQ0FBQztBQUFBLElBQ25GO0FBQUEsRUFDRjtBQUNGOzs7QUN6QkEsSUFBTSxZQUFZO0FBQUEsRUFDaEIsS0FBSztBQUFBLEVBQ0wsUUFBUTtBQUFBLEVBQ1IsV0FBVztBQUNiO0FBRUEsSUFBTSxZQUFnQyxPQUFPLEtBQUssU0FBUyxFQUFpQztBQUFBLEVBQzFGLENBQUMsU0FBbUI7QUFBQSxJQUNsQjtBQUFBLE1BQ0U7QUFBQSxNQUNBLE9BQU8scUNBQXFDLElBQUk7QUFBQSxNQUNoRCxTQUFTLHVCQUF1QixJQUFJO0FBQUEsTUFDcEMsV0FBVyxDQUFDLEdBQUcsQ0FBQztBQUFBLE1BQ2hCLE9BQU8sQ0FBQyxVQUFVLE9BQU8sS0FBSyxpQkFBaUIsYUFBYSxRQUFRLE9BQU8sS0FBSyxDQUFDLEVBQUUsU0FBUyxJQUFJO0FBQUEsSUFDbEc7QUFBQSxJQUNBO0FBQUEsTUFDRSxNQUFNLFFBQVEsSUFBSTtBQUFBLE1BQ2xCLE9BQU8sb0JBQW9CLElBQUk7QUFBQSxNQUMvQixTQUFTLGtCQUFrQixJQUFJO0FBQUEsTUFDL0IsV0FBVyxDQUFDLEdBQUcsQ0FBQztBQUFBLE1BQ2hCLE1BQU0sT0FBTztBQUNYLGNBQU0sT0FBTyxTQUFTLFFBQVEsSUFBSSxJQUFJLEtBQUs7QUFDM0MsWUFBSSxDQUFDLFVBQVUsSUFBSSxFQUFFLEtBQUssSUFBSSxFQUFHLE9BQU0sSUFBSSxRQUFRLG9CQUFvQixFQUFFLE1BQU0sbUJBQW1CLElBQUksR0FBRyxDQUFDO0FBQzFHLGVBQU8sT0FBTyxLQUFLLE1BQU0sSUFBSTtBQUFBLE1BQy9CO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUVPLElBQU0sa0JBQXFDO0FBQUEsRUFDaEQsR0FBRztBQUFBLEVBQ0g7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQSxJQUNQLFNBQVM7QUFBQSxJQUNULFdBQVcsQ0FBQyxHQUFHLENBQUM7QUFBQSxJQUNoQixNQUFNLE9BQU87QUFDWCxVQUFJO0FBQ0YsZUFBTyxtQkFBbUIsU0FBUyxnQkFBZ0IsS0FBSyxDQUFDO0FBQUEsTUFDM0QsUUFBUTtBQUNOLGNBQU0sSUFBSSxRQUFRLG9CQUFvQixFQUFFLE1BQU0sd0NBQXdDLENBQUM7QUFBQSxNQUN6RjtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7OztBQzNDQSxTQUFTLFFBQVEsTUFBYSxPQUFzQjtBQUNsRCxRQUFNLElBQUksTUFBTSxJQUFJO0FBQ3BCLFFBQU0sSUFBSSxNQUFNLEtBQUs7QUFDckIsTUFBSSxPQUFPLE1BQU0sWUFBWSxPQUFPLE1BQU0sU0FBVSxRQUFPLElBQUk7QUFDL0QsTUFBSSxXQUFXLElBQUksS0FBSyxXQUFXLEtBQUssR0FBRztBQUV6QyxlQUFXLE9BQU8sTUFBTTtBQUN0QixZQUFNLFFBQVEsUUFBUSxLQUFLLEdBQUcsR0FBWSxNQUFNLEdBQUcsS0FBSyxJQUFJO0FBQzVELFVBQUksVUFBVSxFQUFHLFFBQU87QUFBQSxJQUMxQjtBQUNBLFdBQU87QUFBQSxFQUNUO0FBQ0EsUUFBTSxJQUFJLE9BQU8sSUFBSTtBQUNyQixRQUFNLElBQUksT0FBTyxLQUFLO0FBQ3RCLFNBQU8sSUFBSSxJQUFJLEtBQUssSUFBSSxJQUFJLElBQUk7QUFDbEM7QUFFQSxTQUFTLEtBQUssTUFBYSxLQUFvQjtBQUM3QyxTQUFPLFdBQVcsSUFBSSxLQUFLLE9BQU8sT0FBTyxNQUFNLEdBQUcsSUFBSyxLQUFLLEdBQUcsSUFBYztBQUMvRTtBQUVBLFNBQVMsS0FBSyxNQUFjLE9BQWUsSUFBb0I7QUFDN0QsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBO0FBQUEsSUFDQSxTQUFTLGNBQWMsSUFBSTtBQUFBLElBQzNCLFdBQVcsQ0FBQyxHQUFHLENBQUM7QUFBQSxJQUNoQixPQUFPLENBQUMsVUFBVSxTQUFTLE1BQU0sS0FBSyxFQUFFLEdBQUcsRUFBRSxLQUFLO0FBQUEsRUFDcEQ7QUFDRjtBQUVPLElBQU0sY0FBaUM7QUFBQSxFQUM1QyxLQUFLLFNBQVMsNENBQTRDLENBQUM7QUFBQSxFQUMzRCxLQUFLLFFBQVEsMkNBQTJDLEVBQUU7QUFBQSxFQUMxRDtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBLElBQ1AsU0FBUztBQUFBLElBQ1QsV0FBVyxDQUFDLEdBQUcsQ0FBQztBQUFBLElBQ2hCLE1BQU0sT0FBTztBQUNYLFVBQUksTUFBTSxRQUFRLEtBQUssRUFBRyxRQUFPLE1BQU07QUFDdkMsVUFBSSxpQkFBaUIsV0FBWSxRQUFPLE1BQU07QUFDOUMsVUFBSSxXQUFXLEtBQUssRUFBRyxRQUFPLE9BQU8sS0FBSyxLQUFLLEVBQUU7QUFDakQsVUFBSSxPQUFPLFVBQVUsU0FBVSxRQUFPLENBQUMsR0FBRyxLQUFLLEVBQUU7QUFDakQsWUFBTSxXQUFXLFNBQVMsMkJBQTJCLEtBQUs7QUFBQSxJQUM1RDtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUNFO0FBQUEsSUFDRixTQUFTO0FBQUEsSUFDVCxXQUFXLENBQUMsR0FBRyxDQUFDO0FBQUEsSUFDaEIsTUFBTSxPQUFPLENBQUMsR0FBRyxHQUFHO0FBQ2xCLFlBQU0sUUFBUSxDQUFDLEdBQUcsU0FBUyxVQUFVLEtBQUssQ0FBQztBQUMzQyxVQUFJLFFBQVEsT0FBVyxRQUFPLE1BQU0sS0FBSyxPQUFPO0FBQ2hELGFBQU8sTUFBTSxLQUFLLENBQUMsTUFBTSxVQUFVLFFBQVEsS0FBSyxNQUFNLE9BQU8sR0FBRyxDQUFDLEdBQUcsS0FBSyxPQUFPLE9BQU8sR0FBRyxDQUFDLENBQUMsQ0FBQztBQUFBLElBQy9GO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQSxJQUNQLFNBQVM7QUFBQSxJQUNULFdBQVcsQ0FBQyxHQUFHLENBQUM7QUFBQSxJQUNoQixPQUFPLENBQUMsT0FBTyxDQUFDLEdBQUcsTUFBTSxTQUFTLFNBQVMsS0FBSyxFQUFFLElBQUksQ0FBQyxTQUFTLEtBQUssTUFBTSxPQUFPLEdBQVksQ0FBQyxDQUFDO0FBQUEsRUFDbEc7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxTQUFTO0FBQUEsSUFDVCxXQUFXLENBQUMsR0FBRyxDQUFDO0FBQUEsSUFDaEIsTUFBTSxPQUFPLE1BQU07QUFDakIsVUFBSSxNQUFNLFFBQVEsS0FBSyxFQUFHLFFBQU8sTUFBTSxPQUFPLENBQUMsU0FBZ0IsQ0FBQyxLQUFLLEtBQUssQ0FBQyxRQUFRLFlBQVksS0FBSyxJQUFJLENBQUMsQ0FBQztBQUMxRyxVQUFJLENBQUMsV0FBVyxLQUFLLEVBQUcsT0FBTSxXQUFXLFdBQVcsbUJBQW1CLEtBQUs7QUFDNUUsWUFBTSxRQUFRLEtBQUssSUFBSSxNQUFNO0FBQzdCLGFBQU8sT0FBTyxZQUFZLE9BQU8sUUFBUSxLQUFLLEVBQUUsT0FBTyxDQUFDLENBQUMsSUFBSSxNQUFNLENBQUMsTUFBTSxTQUFTLElBQUksQ0FBQyxDQUFDO0FBQUEsSUFDM0Y7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBLElBQ1AsU0FBUztBQUFBLElBQ1QsV0FBVyxDQUFDLEdBQUcsQ0FBQztBQUFBLElBQ2hCLE1BQU0sT0FBTyxDQUFDLEtBQUssR0FBRztBQUNwQixVQUFJLE1BQU0sUUFBUSxLQUFLLEtBQUssTUFBTSxRQUFRLEtBQUssRUFBRyxRQUFPLENBQUMsR0FBRyxPQUFPLEdBQUcsS0FBSztBQUM1RSxVQUFJLFdBQVcsS0FBSyxLQUFLLFVBQVUsVUFBYSxXQUFXLEtBQUssRUFBRyxRQUFPLEVBQUUsR0FBRyxPQUFPLEdBQUcsTUFBTTtBQUMvRixZQUFNLFdBQVcsU0FBUyx5QkFBeUIsS0FBSztBQUFBLElBQzFEO0FBQUEsRUFDRjtBQUNGOzs7QUMxRkEsU0FBUyxTQUFTLE1BQWMsT0FBZSxNQUFzRDtBQUNuRyxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0E7QUFBQSxJQUNBLFNBQVMsK0JBQStCLElBQUk7QUFBQSxJQUM1QyxXQUFXLENBQUMsR0FBRyxDQUFDO0FBQUEsSUFDaEIsTUFBTSxPQUFPO0FBQ1gsWUFBTSxVQUFVLFNBQVMsTUFBTSxLQUFLLEVBQUUsSUFBSSxDQUFDLFNBQVMsV0FBVyxNQUFNLElBQUksQ0FBQztBQUMxRSxVQUFJLFFBQVEsV0FBVyxLQUFLLFNBQVM7QUFDbkMsY0FBTSxJQUFJLFFBQVEsb0JBQW9CLEVBQUUsTUFBTSxHQUFHLElBQUksb0JBQW9CLENBQUM7QUFDNUUsYUFBTyxLQUFLLE9BQU87QUFBQSxJQUNyQjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLElBQU0sTUFBTSxDQUFDLFlBQXVDLFFBQVEsT0FBTyxDQUFDLE9BQU8sV0FBVyxRQUFRLFFBQVEsQ0FBQztBQUVoRyxJQUFNLGdCQUFtQztBQUFBLEVBQzlDO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxTQUFTO0FBQUEsSUFDVCxXQUFXLENBQUMsR0FBRyxDQUFDO0FBQUEsSUFDaEIsTUFBTSxPQUFjO0FBQ2xCLFVBQUksT0FBTyxVQUFVLFNBQVUsUUFBTztBQUN0QyxZQUFNLE9BQU8sU0FBUyxVQUFVLEtBQUssRUFBRSxLQUFLO0FBQzVDLFVBQUksU0FBUyxNQUFNLE9BQU8sTUFBTSxPQUFPLElBQUksQ0FBQyxHQUFHO0FBQzdDLGNBQU0sSUFBSSxRQUFRLG9CQUFvQixFQUFFLE1BQU0sR0FBRyxLQUFLLFVBQVUsSUFBSSxDQUFDLG1CQUFtQixDQUFDO0FBQUEsTUFDM0Y7QUFDQSxhQUFPLGNBQWMsTUFBTSxPQUFPLElBQUksQ0FBQztBQUFBLElBQ3pDO0FBQUEsRUFDRjtBQUFBLEVBQ0EsU0FBUyxPQUFPLGdDQUFnQyxHQUFHO0FBQUEsRUFDbkQsU0FBUyxXQUFXLGlDQUFpQyxDQUFDLFlBQVksSUFBSSxPQUFPLElBQUksUUFBUSxNQUFNO0FBQUEsRUFDL0YsU0FBUyxPQUFPLHFDQUFxQyxDQUFDLFlBQVksUUFBUSxPQUFPLENBQUMsR0FBRyxNQUFNLEtBQUssSUFBSSxHQUFHLENBQUMsQ0FBQyxDQUFDO0FBQUEsRUFDMUcsU0FBUyxPQUFPLG9DQUFvQyxDQUFDLFlBQVksUUFBUSxPQUFPLENBQUMsR0FBRyxNQUFNLEtBQUssSUFBSSxHQUFHLENBQUMsQ0FBQyxDQUFDO0FBQzNHOzs7QUNuQ0EsSUFBTSxTQUFTLENBQ2IsTUFDQSxPQUNBLFNBQ0EsTUFDQSxPQUFrQyxDQUFDLEdBQUcsQ0FBQyxPQUMzQjtBQUFBLEVBQ1o7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0EsV0FBVztBQUFBLEVBQ1gsT0FBTyxDQUFDLE9BQU8sVUFBVSxLQUFLLFNBQVMsTUFBTSxLQUFLLEdBQUcsR0FBRyxLQUFLO0FBQy9EO0FBR0EsU0FBUyxNQUFNLE1BQWMsTUFBYSxJQUFvQjtBQUM1RCxRQUFNLE1BQU0sT0FBTyxTQUFZLFNBQVksV0FBVyxTQUFTLEVBQUU7QUFDakUsU0FBTyxDQUFDLEdBQUcsSUFBSSxFQUFFLE1BQU0sV0FBVyxTQUFTLElBQUksR0FBRyxHQUFHLEVBQUUsS0FBSyxFQUFFO0FBQ2hFO0FBRU8sSUFBTSxjQUFpQztBQUFBLEVBQzVDLE9BQU8sU0FBUyxtQkFBbUIsbUJBQW1CLENBQUMsU0FBUyxLQUFLLFlBQVksQ0FBQztBQUFBLEVBQ2xGLE9BQU8sU0FBUyxpQkFBaUIsbUJBQW1CLENBQUMsU0FBUyxLQUFLLFlBQVksQ0FBQztBQUFBLEVBQ2hGLE9BQU8sUUFBUSxvQ0FBb0Msa0JBQWtCLENBQUMsU0FBUyxLQUFLLEtBQUssQ0FBQztBQUFBLEVBQzFGO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUNFO0FBQUEsSUFDRixTQUFTO0FBQUEsSUFDVCxXQUFXLENBQUMsR0FBRyxDQUFDO0FBQUEsSUFDaEIsTUFBTSxPQUFPLENBQUMsTUFBTSxFQUFFLEdBQUc7QUFDdkIsVUFBSSxDQUFDLE1BQU0sUUFBUSxLQUFLLEVBQUcsUUFBTyxNQUFNLFNBQVMsU0FBUyxLQUFLLEdBQUcsTUFBZSxFQUFFO0FBQ25GLGFBQU8sTUFBTSxNQUFNLFdBQVcsU0FBUyxJQUFhLEdBQUcsT0FBTyxTQUFZLFNBQVksV0FBVyxTQUFTLEVBQUUsQ0FBQztBQUFBLElBQy9HO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBLENBQUMsTUFBTSxNQUFNLE9BQU8sS0FBSyxXQUFXLFNBQVMsV0FBVyxJQUFhLEdBQUcsTUFBTSxTQUFTLFdBQVcsRUFBVyxDQUFDO0FBQUEsSUFDOUcsQ0FBQyxHQUFHLENBQUM7QUFBQSxFQUNQO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0EsQ0FBQyxNQUFNLE9BQU8sS0FBSyxNQUFNLFNBQVMsU0FBUyxFQUFXLENBQUM7QUFBQSxJQUN2RCxDQUFDLEdBQUcsQ0FBQztBQUFBLEVBQ1A7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxTQUFTO0FBQUEsSUFDVCxXQUFXLENBQUMsR0FBRyxDQUFDO0FBQUEsSUFDaEIsT0FBTyxDQUFDLE9BQU8sQ0FBQyxPQUFPLE1BQ3JCLFNBQVMsUUFBUSxLQUFLLEVBQ25CLElBQUksTUFBTSxFQUNWLEtBQUssWUFBWSxTQUFZLEtBQUssT0FBTyxPQUFPLENBQUM7QUFBQSxFQUN4RDtBQUFBLEVBQ0EsT0FBTyxTQUFTLHVCQUF1QixtQkFBbUIsQ0FBQyxTQUFTLEtBQUssTUFBTSxTQUFTLENBQUM7QUFBQSxFQUN6RjtBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0EsQ0FBQyxNQUFNLFFBQVEsU0FDYixLQUFLLFNBQVMsV0FBVyxPQUFPLE1BQWUsR0FBRyxTQUFTLFNBQVksTUFBTSxTQUFTLE9BQU8sSUFBSSxDQUFDO0FBQUEsSUFDcEcsQ0FBQyxHQUFHLENBQUM7QUFBQSxFQUNQO0FBQUEsRUFDQTtBQUFBLElBQU87QUFBQSxJQUFVO0FBQUEsSUFBNkM7QUFBQSxJQUE4QixDQUFDLFNBQzNGLEtBQUssV0FBVyxLQUFLLElBQUk7QUFBQSxFQUMzQjtBQUFBLEVBQ0EsT0FBTyxXQUFXLDZEQUE2RCxxQkFBcUIsYUFBYTtBQUFBLEVBQ2pILE9BQU8sZ0JBQWdCLG1EQUFtRCw2QkFBNkIsQ0FBQyxTQUFTO0FBQy9HLFVBQU0sT0FBTyxLQUFLLFFBQVEsWUFBWSxFQUFFLEVBQUUsUUFBUSxRQUFRLEVBQUU7QUFDNUQsV0FBTyxLQUFLLE1BQU0sS0FBSyxZQUFZLEdBQUcsSUFBSSxDQUFDO0FBQUEsRUFDN0MsQ0FBQztBQUFBLEVBQ0Q7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQSxJQUNQLFNBQVM7QUFBQSxJQUNULFdBQVcsQ0FBQyxHQUFHLENBQUM7QUFBQSxJQUNoQixPQUFPLENBQUMsVUFBVyxNQUFNLEtBQUssTUFBTSxPQUFPLFNBQVMsT0FBTyxLQUFLO0FBQUEsRUFDbEU7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxTQUFTO0FBQUEsSUFDVCxXQUFXLENBQUMsR0FBRyxDQUFDO0FBQUEsSUFDaEIsT0FBTyxDQUFDLFVBQVUsVUFBVSxLQUFLO0FBQUEsRUFDbkM7QUFDRjtBQUVBLElBQU0sYUFBYTtBQUdaLFNBQVMsY0FBYyxNQUFzQjtBQUNsRCxNQUFJLFdBQVcsS0FBSyxJQUFJLEVBQUcsUUFBTztBQUNsQyxTQUFPLG1CQUFtQixJQUFJLEVBQUUsUUFBUSxZQUFZLENBQUMsU0FBUyxJQUFJLEtBQUssV0FBVyxDQUFDLEVBQUUsU0FBUyxFQUFFLEVBQUUsWUFBWSxDQUFDLEVBQUU7QUFDbkg7OztBQzdGQSxTQUFTLFFBQVEsUUFBZ0IsT0FBK0I7QUFDOUQsUUFBTSxPQUFPLFNBQVMsUUFBUSxLQUFLO0FBQ25DLGFBQVcsUUFBUTtBQUNqQixRQUFJLENBQUMsV0FBVyxJQUFJLEtBQUssS0FBSyxTQUFTLFVBQWEsS0FBSyxVQUFVO0FBQ2pFLFlBQU0sV0FBVyxRQUFRLHVEQUF1RCxJQUFJO0FBQ3hGLFNBQU87QUFDVDtBQUdBLFNBQVMsS0FBSyxFQUFFLEtBQUssR0FBUyxRQUF5QjtBQUNyRCxNQUFJLFNBQVMsT0FBUSxRQUFPO0FBQzVCLFFBQU0sTUFBTSxPQUFPLElBQUksRUFBRSxZQUFZO0FBQ3JDLFNBQU8sT0FBTyxTQUFTLEdBQUcsSUFBSSxJQUFJLFdBQVcsT0FBTyxNQUFNLEdBQUcsRUFBRSxDQUFDLElBQUksUUFBUTtBQUM5RTtBQUVBLElBQU0saUJBQWlCLENBQUMsVUFBc0MsTUFBTSxJQUFJLENBQUMsU0FBUyxPQUFPLElBQUksRUFBRSxZQUFZLENBQUM7QUFHNUcsSUFBTSxXQUE2RDtBQUFBO0FBQUEsRUFFakUsU0FBUyxDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBRyxjQUFjLE9BQU8sSUFBSSxDQUFDLENBQUMsSUFBSSxjQUFjLE9BQU8sS0FBSyxDQUFDLENBQUM7QUFBQTtBQUFBLEVBRTVGLE1BQU0sQ0FBQyxFQUFFLE1BQU0sTUFBTSxNQUFNLElBQUksZ0JBQWdCLENBQUMsQ0FBQyxPQUFPLElBQUksR0FBRyxPQUFPLEtBQUssQ0FBQyxDQUFDLENBQUMsRUFBRSxTQUFTO0FBQUEsRUFDekYsV0FBVyxDQUFDLEVBQUUsTUFBTSxPQUFPLFdBQVcsS0FBSyxNQUN6QyxTQUFTLFNBQVksR0FBRyxPQUFPLElBQUksQ0FBQyxJQUFJLE9BQU8sS0FBSyxDQUFDLEtBQUssT0FBTyxJQUFJO0FBQUEsRUFDdkUsU0FBUyxDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBRyxPQUFPLElBQUksQ0FBQyxJQUFJLE9BQU8sS0FBSyxDQUFDO0FBQ2hFO0FBRU8sSUFBTSxjQUFpQztBQUFBLEVBQzVDO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxTQUFTO0FBQUEsSUFDVCxXQUFXLENBQUMsR0FBRyxFQUFFO0FBQUEsSUFDakIsTUFBTSxPQUFPLE9BQU87QUFDbEIsWUFBTSxRQUFRLFFBQVEsUUFBUSxLQUFLO0FBQ25DLFlBQU0sUUFBaUIsQ0FBQztBQUN4QixpQkFBVyxRQUFRLGVBQWUsS0FBSyxFQUFHLFlBQVcsUUFBUSxNQUFPLEtBQUksS0FBSyxNQUFNLElBQUksRUFBRyxPQUFNLEtBQUssSUFBSTtBQUN6RyxhQUFPO0FBQUEsSUFDVDtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxTQUFTO0FBQUEsSUFDVCxXQUFXLENBQUMsR0FBRyxFQUFFO0FBQUEsSUFDakIsTUFBTSxPQUFPLE9BQU87QUFDbEIsWUFBTSxPQUFPLGVBQWUsS0FBSztBQUNqQyxhQUFPLFFBQVEsVUFBVSxLQUFLLEVBQUUsT0FBTyxDQUFDLFNBQVMsQ0FBQyxLQUFLLEtBQUssQ0FBQyxTQUFTLEtBQUssTUFBTSxJQUFJLENBQUMsQ0FBQztBQUFBLElBQ3pGO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQSxJQUNQLFNBQVM7QUFBQSxJQUNULFdBQVcsQ0FBQyxHQUFHLENBQUM7QUFBQSxJQUNoQixPQUFPLENBQUMsVUFBVSxRQUFRLFVBQVUsS0FBSyxFQUFFLE9BQU8sQ0FBQyxFQUFFLE1BQU0sTUFBTSxPQUFPLEtBQUssTUFBTSxFQUFFO0FBQUEsRUFDdkY7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxTQUFTO0FBQUEsSUFDVCxXQUFXLENBQUMsR0FBRyxDQUFDO0FBQUEsSUFDaEIsTUFBTSxPQUFPLENBQUMsT0FBTyxHQUFHO0FBQ3RCLFlBQU0sU0FBUyxZQUFZLFNBQVksTUFBTSxPQUFPLE9BQU87QUFDM0QsYUFBTyxRQUFRLGdCQUFnQixLQUFLLEVBQUUsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBRyxPQUFPLElBQUksQ0FBQyxHQUFHLE1BQU0sR0FBRyxPQUFPLEtBQUssQ0FBQyxFQUFFO0FBQUEsSUFDM0c7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sT0FDRTtBQUFBLElBQ0YsU0FBUztBQUFBLElBQ1QsV0FBVyxDQUFDLEdBQUcsQ0FBQztBQUFBLElBQ2hCLE1BQU0sT0FBTyxDQUFDLE9BQU8sR0FBRztBQUN0QixZQUFNLE9BQU8sWUFBWSxTQUFZLFlBQVksT0FBTyxPQUFPO0FBQy9ELFlBQU0sUUFBUSxPQUFPLE9BQU8sVUFBVSxJQUFJLElBQUksU0FBUyxJQUFJLElBQUk7QUFDL0QsVUFBSSxDQUFDLE1BQU8sT0FBTSxXQUFXLFdBQVcsVUFBVSxPQUFPLEtBQUssUUFBUSxFQUFFLEtBQUssSUFBSSxDQUFDLElBQUksSUFBSTtBQUMxRixhQUFPLFFBQVEsV0FBVyxLQUFLLEVBQUUsSUFBSSxLQUFLLEVBQUUsS0FBSyxHQUFHO0FBQUEsSUFDdEQ7QUFBQSxFQUNGO0FBQ0Y7OztBQ3JGQSxJQUFJO0FBRUcsSUFBTSxPQUFlO0FBQUEsRUFDMUIsTUFBTTtBQUFBLEVBQ04sTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsU0FBUztBQUFBLEVBQ1QsTUFBTSxPQUFPO0FBQ1gsZUFBVyxNQUFNLE9BQU8sMkJBQTJCLEdBQUc7QUFBQSxFQUN4RDtBQUFBLEVBQ0EsTUFBTSxDQUFDLElBQUksR0FBRyxFQUFFLE1BQU0sR0FBRztBQUN2QixVQUFNLFVBQVU7QUFDaEIsVUFBTSxDQUFDLFFBQVEsSUFBSSxPQUFPLEVBQUUsSUFBSSxPQUFPLFFBQVEsRUFBRSxFQUFFLE1BQU0sR0FBRztBQUM1RCxVQUFNLFNBQVM7QUFDZixVQUFNLFNBQVMsT0FBTyxPQUFPLFFBQVEsS0FBSyxJQUFJLE9BQU8sS0FBSyxJQUFJO0FBQzlELFVBQU0sT0FBTyxTQUFTLElBQUk7QUFDMUIsUUFBSSxPQUFPLFNBQVMsWUFBWTtBQUM5QixZQUFNRSxTQUFRLE9BQU8sUUFBUSxNQUFNLEVBQUU7QUFBQSxRQUFRLENBQUMsQ0FBQyxNQUFNLEtBQUssTUFDeEQsT0FBTyxVQUFVLFlBQVksVUFBVSxPQUFPLFFBQVEsS0FBSyxFQUFFLElBQUksQ0FBQyxXQUFXLEdBQUcsSUFBSSxJQUFJLE1BQU0sRUFBRSxJQUFJLENBQUM7QUFBQSxNQUN2RztBQUNBLFlBQU0sSUFBSSxRQUFRLG9CQUFvQjtBQUFBLFFBQ3BDLE1BQU0sd0NBQXdDLFFBQVEsUUFBUTtBQUFBLFFBQzlELFFBQVEsWUFBWSxPQUFPLFFBQVEsRUFBRSxHQUFHQSxNQUFLO0FBQUEsTUFDL0MsQ0FBQztBQUFBLElBQ0g7QUFDQSxZQUFRLEtBQUssS0FBSyxNQUFNLE1BQU0sT0FBTyxJQUFJLEtBQUssRUFBRSxDQUFDO0FBQ2pELFVBQU0sT0FBZ0IsS0FBSyxLQUFLLE1BQU07QUFDdEMsV0FBTyxnQkFBZ0IsT0FBTyxLQUFLLFlBQVksSUFBSztBQUFBLEVBQ3REO0FBQ0Y7QUFFQSxTQUFTLFFBQVEsUUFBMEI7QUFDekMsUUFBTSxNQUFNLE9BQU8sb0JBQW9CLE9BQU8sZUFBZSxNQUFNLENBQVc7QUFDOUUsU0FBTyxJQUFJLE9BQU8sQ0FBQyxTQUFTLFNBQVMsaUJBQWlCLENBQUMsS0FBSyxXQUFXLEdBQUcsQ0FBQztBQUM3RTs7O0FDL0JPLElBQU0sZ0JBQW1DO0FBQUEsRUFDOUM7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQSxJQUNQLFNBQVM7QUFBQSxJQUNULFdBQVcsQ0FBQyxHQUFHLENBQUM7QUFBQSxJQUNoQixNQUFNLE1BQU0sUUFBUSxJQUFJLENBQUMsS0FBSyxPQUFPLEdBQUcsR0FBRyxZQUFZLElBQUksQ0FBQyxXQUFXLE9BQU8sT0FBTyxDQUFDLENBQUMsQ0FBQztBQUFBLElBQ3hGLE1BQU0sT0FBTyxDQUFDLElBQUksR0FBRyxZQUFZO0FBQy9CLFVBQUksT0FBTyxTQUFTLFVBQVU7QUFDNUIsY0FBTSxJQUFJLFFBQVEsb0JBQW9CLEVBQUUsTUFBTSwyQ0FBMkMsQ0FBQztBQUFBLE1BQzVGO0FBQ0EsYUFBTyxTQUFTLGVBQWUsS0FBSyxFQUNqQyxJQUFJLENBQUMsU0FBUztBQUNiLGNBQU0sTUFBTSxVQUFVLFdBQVcsSUFBSSxJQUFJLEVBQUUsR0FBRyxNQUFNLEtBQUssSUFBSSxFQUFFLEtBQUssR0FBRyxjQUFjLE9BQU8sSUFBSSxDQUFDLEVBQUU7QUFDbkcsY0FBTSxRQUFRLElBQUksV0FBVyxRQUFRLEtBQUssV0FBVyxLQUFLLEdBQUcsWUFBWSxXQUFXLE1BQU07QUFDMUYsY0FBTSxPQUFPLFdBQVcsTUFBTSxPQUFPLE1BQU0sS0FBSztBQUNoRCxtQkFBVyxrQkFBa0IsTUFBTTtBQUNuQyxlQUFPO0FBQUEsTUFDVCxDQUFDLEVBQ0EsS0FBSyxFQUFFO0FBQUEsSUFDWjtBQUFBLEVBQ0Y7QUFDRjs7O0FDL0JBLFNBQVMsV0FBVyxZQUFZOzs7QUNBaEMsU0FBUyxrQkFBa0IsdUJBQXVDO0FBR2xFLElBQU0sUUFBUSxvQkFBSSxJQUF1QjtBQUdsQyxJQUFNLGFBQWEsQ0FBQyxTQUE0QixRQUFRLE1BQU0sU0FBUztBQUd2RSxJQUFNLFlBQVksQ0FBQyxTQUE0QixRQUFRLE1BQU0sUUFBUTtBQUc1RSxTQUFTLFFBQVEsTUFBYyxNQUF1QztBQUNwRSxRQUFNLE9BQU8sR0FBRyxJQUFJLElBQUksSUFBSTtBQUM1QixRQUFNLFNBQVMsTUFBTSxJQUFJLElBQUk7QUFDN0IsTUFBSSxPQUFRLFFBQU87QUFDbkIsUUFBTSxPQUFPLFNBQVMsWUFBWSxtQkFBbUI7QUFDckQsTUFBSTtBQUNGLFVBQU0sTUFBTSxTQUFTLEtBQUssSUFBSSxJQUFJLEtBQUssRUFBRSxLQUFLLEtBQUssTUFBTSxJQUFJLEdBQUcsUUFBUSxNQUFNLENBQUMsSUFBSSxLQUFLLElBQUk7QUFDNUYsVUFBTSxJQUFJLE1BQU0sR0FBRztBQUNuQixXQUFPO0FBQUEsRUFDVCxRQUFRO0FBRU4sVUFBTSxJQUFJLFFBQVEsb0JBQW9CO0FBQUEsTUFDcEMsTUFBTSxpQkFBaUIsSUFBSTtBQUFBLE1BQzNCLFFBQ0U7QUFBQSxJQUNKLENBQUM7QUFBQSxFQUNIO0FBQ0Y7OztBRHRCQSxJQUFNQyxXQUFVLENBQUMsVUFBOEIsaUJBQWlCLGFBQWEsUUFBUSxPQUFPLEtBQUssT0FBTyxLQUFLLENBQUM7QUFVOUcsSUFBTSxRQUFRLENBQUMsT0FBTyxPQUFPLEtBQUs7QUFFbEMsSUFBTSxVQUE2QjtBQUFBLEVBQ2pDLEdBQUcsTUFBTTtBQUFBLElBQ1AsQ0FBQyxVQUFrQjtBQUFBLE1BQ2pCLE1BQU0sZ0JBQWdCLElBQUk7QUFBQSxNQUMxQixPQUFPLGlEQUFpRCxJQUFJO0FBQUEsTUFDNUQsS0FBSztBQUFBLE1BQ0wsTUFBTSxNQUFNLElBQUk7QUFBQSxJQUNsQjtBQUFBLEVBQ0Y7QUFBQSxFQUNBLEdBQUcsTUFBTTtBQUFBLElBQ1AsQ0FBQyxVQUFrQjtBQUFBLE1BQ2pCLE1BQU0sb0JBQW9CLElBQUk7QUFBQSxNQUM5QixPQUFPLG9FQUFvRSxJQUFJO0FBQUEsTUFDL0UsS0FBSztBQUFBLE1BQ0wsTUFBTSxNQUFNLElBQUk7QUFBQSxNQUNoQixLQUFLO0FBQUEsSUFDUDtBQUFBLEVBQ0Y7QUFBQSxFQUNBLEdBQUcsTUFBTTtBQUFBLElBQ1AsQ0FBQyxVQUFrQjtBQUFBLE1BQ2pCLE1BQU0sa0JBQWtCLElBQUk7QUFBQSxNQUM1QixPQUFPLG9DQUFvQyxJQUFJO0FBQUEsTUFDL0MsS0FBSztBQUFBLE1BQ0wsTUFBTSxNQUFNLElBQUk7QUFBQSxJQUNsQjtBQUFBLEVBQ0Y7QUFBQSxFQUNBLEVBQUUsTUFBTSxnQkFBZ0IsT0FBTyxnQ0FBZ0MsS0FBSyxXQUFXLE1BQU0sT0FBVTtBQUNqRztBQUVPLElBQU0sY0FBaUMsUUFBUSxJQUFJLENBQUMsRUFBRSxNQUFNLE9BQU8sS0FBSyxRQUFRLE1BQUFDLE9BQU0sSUFBSSxPQUFPO0FBQUEsRUFDdEc7QUFBQSxFQUNBLE9BQU8sR0FBRyxLQUFLO0FBQUEsRUFDZixTQUFTLGFBQWEsSUFBSTtBQUFBLEVBQzFCLFdBQVcsV0FBVyxPQUFPLENBQUMsR0FBRyxDQUFDLElBQUksQ0FBQyxHQUFHLENBQUM7QUFBQSxFQUMzQyxNQUFNLE9BQU8sQ0FBQyxPQUFPLElBQUksR0FBRztBQUMxQixVQUFNLE1BQU0sV0FBVyxPQUFPLEtBQWMsQ0FBQztBQUM3QyxVQUFNLE9BQU8sSUFBSTtBQUNqQixRQUFJLFNBQVMsVUFBVSxFQUFFLFdBQVcsU0FBUyxTQUFTLFlBQVk7QUFDaEUsWUFBTSxJQUFJLFFBQVEsb0JBQW9CLEVBQUUsTUFBTSxHQUFHLElBQUksNEJBQTRCLE1BQU0sU0FBUyxJQUFJLEdBQUcsQ0FBQztBQUFBLElBQzFHO0FBQ0EsUUFBSSxTQUFTLFVBQWEsU0FBUyxTQUFTLFNBQVM7QUFDbkQsWUFBTSxJQUFJLFFBQVEsb0JBQW9CLEVBQUUsTUFBTSxHQUFHLElBQUksMkJBQTJCLE9BQU8sSUFBSSxDQUFDLEdBQUcsQ0FBQztBQUNsRyxXQUFPLEtBQUtBLE9BQU1ELFNBQVEsS0FBSyxHQUFHO0FBQUEsTUFDaEM7QUFBQSxNQUNBLEdBQUksT0FBTyxFQUFFLFNBQVMsVUFBVSx1QkFBdUIsWUFBWSxVQUFVLHVCQUF1QjtBQUFBLE1BQ3BHLEdBQUksV0FBVyxRQUFRLEVBQUUsYUFBYSxTQUFTLFFBQVEsUUFBUSxhQUFhO0FBQUEsSUFDOUUsQ0FBQztBQUFBLEVBQ0g7QUFDRixFQUFFOzs7QUV0REssSUFBTSxpQkFBeUQsb0JBQUksSUFBSTtBQUFBLEVBQzVFLENBQUMsUUFBUSxXQUFXO0FBQUEsRUFDcEIsQ0FBQyxTQUFTLENBQUMsR0FBRyxhQUFhLFdBQVcsTUFBTSxPQUFPLENBQUMsQ0FBQztBQUFBLEVBQ3JELENBQUMsdUJBQXVCLFdBQVc7QUFBQSxFQUNuQyxDQUFDLFdBQVcsYUFBYTtBQUFBLEVBQ3pCLENBQUMsU0FBUyxXQUFXO0FBQUEsRUFDckIsQ0FBQyxXQUFXLGFBQWE7QUFBQSxFQUN6QixDQUFDLGNBQWMsV0FBVztBQUFBLEVBQzFCLENBQUMsYUFBYSxlQUFlO0FBQUEsRUFDN0IsQ0FBQyxhQUFhLGFBQWE7QUFDN0IsQ0FBQztBQUVNLElBQU0sVUFBdUMsSUFBSTtBQUFBLEVBQ3RELENBQUMsR0FBRyxlQUFlLE9BQU8sQ0FBQyxFQUFFLEtBQUssRUFBRSxJQUFJLENBQUMsV0FBVyxDQUFDLE9BQU8sTUFBTSxNQUFNLENBQUM7QUFDM0U7IiwKICAibmFtZXMiOiBbImZpbHRlcnMiLCAibG9hZCIsICJrbm93biIsICJieXRlc09mIiwgImhhc2giXQp9Cg==
