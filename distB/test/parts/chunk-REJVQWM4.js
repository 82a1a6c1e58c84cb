import {
  equality,
  expectedNumber,
  foundNumber,
  shapeProblem,
  shortText
} from "./chunk-WAHZOCQ7.js";
import {
  containsMatch,
  isPattern,
  loadRegexp
} from "./chunk-36BGEIU2.js";
import {
  answerDifferences
} from "./chunk-5DCQHAPP.js";
import {
  durationText,
  sizeText
} from "./chunk-IQWA53IU.js";
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import {
  equalValues
} from "./chunk-WDD3S5O6.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem,
  asProblem
} from "./chunk-FSPVDUAZ.js";
import {
  writeJson
} from "./chunk-RABAPZK5.js";
import {
  Written,
  isValueMap,
  plain,
  typeOf
} from "./chunk-XGDOGID3.js";

// src/core/matcher/matcher.ts
var unless = (holds2) => holds2 ? void 0 : "";

// src/core/matcher/kinds/affix.ts
function affix(name, words, test) {
  return {
    name,
    about: `a text that ${words} a text`,
    example: name === "starts-with" ? "{starts-with: application/json}" : "{ends-with: /calls}",
    compile(expected) {
      if (typeof plain(expected) === "object") throw shapeProblem(name, "a text", expected);
      const part = textOf(expected);
      const holds2 = (found) => typeof found === "string" && test(found, part);
      return { describe: () => `${words} ${shortText(part)}`, miss: (found) => unless(holds2(found)) };
    }
  };
}
var startsWith = affix("starts-with", "starts with", (text, part) => text.startsWith(part));
var endsWith = affix("ends-with", "ends with", (text, part) => text.endsWith(part));

// src/core/matcher/kinds/contains.ts
var contains = {
  name: "contains",
  about: "a text that holds the text, a list that holds the item, a map that holds these members",
  example: "{contains: harbour}",
  compile: (expected) => ({
    describe: () => `contains ${shortText(expected)}`,
    miss: (found) => unless(holds(found, expected))
  })
};
function holds(found, expected) {
  if (typeof found === "string") return found.includes(textOf(expected));
  if (Array.isArray(found))
    return found.some((item) => equalValues(item, expected) || isValueMap(expected) && holds(item, expected));
  if (found === void 0 || !isValueMap(found) || !isValueMap(expected)) return plain(found) === plain(expected);
  return Object.entries(expected).every(([key, value]) => Object.hasOwn(found, key) && equalValues(found[key], value));
}

// src/core/matcher/kinds/equals.ts
var equals = {
  name: "equals",
  about: "the same value; what a plain value or a list means",
  example: "{equals: confirmed}",
  compile(expected, { subject }) {
    const same = equality("equals", expected, subject);
    return { describe: () => shortText(expected), miss: (found) => unless(same(found)) };
  }
};

// src/core/matcher/kinds/exists.ts
var exists = {
  name: "exists",
  about: "true: something stands there, null included; a list of a query: not empty. false: nothing does",
  example: "{exists: false}",
  compile(expected) {
    if (typeof expected !== "boolean") throw shapeProblem("exists", "true or false", expected);
    return {
      describe: () => expected ? "exists" : "does not exist",
      miss: (found) => unless((found !== void 0 && !(Array.isArray(found) && found.length === 0)) === expected)
    };
  }
};

// src/core/matcher/kinds/matches.ts
var matches = {
  name: "matches",
  about: "a text in which the regular expression (RFC 9485; ^ and $ anchor it) is found",
  example: '{matches: "^PC-[0-9]{4}$"}',
  compile(expected, { loads }) {
    if (typeof expected !== "string") throw shapeProblem("matches", "a regular expression", expected);
    loads.push(
      loadRegexp().then(() => {
        if (!isPattern(expected)) throw shapeProblem("matches", "a regular expression", expected);
      })
    );
    return {
      describe: () => `matches ${expected}`,
      miss: (found) => unless(plain(found) !== null && found !== void 0 && containsMatch(expected, textOf(found)))
    };
  }
};

// src/core/matcher/kinds/nested.ts
var strict = { strict: true };
var not = {
  name: "not",
  about: "the opposite of a value or of matchers",
  example: "{not: {one-of: [rejected, cancelled]}}",
  compile(expected, { subject }, nested) {
    const inner = nested(expected, subject);
    return {
      describe: () => `not ${inner.describe()}`,
      miss: (found, situation) => unless(inner.miss(found, situation) !== void 0)
    };
  }
};
var count = {
  name: "count",
  about: "the number of items, members or characters: a number or matchers",
  example: "{count: {at-least: 1}}",
  compile(expected, _workshop, nested) {
    const inner = nested(expected, strict);
    return {
      describe: () => `a count of ${inner.describe()}`,
      miss(found, situation) {
        const size = sizeOf(found);
        return size !== void 0 && inner.miss(size, situation) === void 0 ? void 0 : `the count is ${size ?? "not known"}`;
      }
    };
  }
};
function sizeOf(found) {
  if (typeof found === "string") return [...found].length;
  if (Array.isArray(found)) return found.length;
  return found !== void 0 && isValueMap(found) ? Object.keys(found).length : void 0;
}
var all = {
  name: "all",
  about: "a list in which every item is so (an empty list passes)",
  example: "{all: {at-least: 0}}",
  compile(expected, _workshop, nested) {
    const inner = nested(expected, strict);
    return {
      describe: () => `all ${inner.describe()}`,
      miss(found, situation) {
        if (!Array.isArray(found)) return "it is not a list";
        const wrong = found.findIndex((item) => inner.miss(item, situation) !== void 0);
        return wrong === -1 ? void 0 : `item ${wrong} is not`;
      }
    };
  }
};
var any = {
  name: "any",
  about: "a list in which at least one item is so",
  example: "{any: {equals: grain}}",
  compile(expected, _workshop, nested) {
    const inner = nested(expected, strict);
    return {
      describe: () => `any ${inner.describe()}`,
      miss(found, situation) {
        if (!Array.isArray(found)) return "it is not a list";
        return unless(found.some((item) => inner.miss(item, situation) === void 0));
      }
    };
  }
};

// src/core/matcher/kinds/one-of.ts
var oneOf = {
  name: "one-of",
  about: "equal to one of the values in a list",
  example: "{one-of: [requested, confirmed]}",
  compile(expected, { subject }) {
    if (!Array.isArray(expected) || expected.length === 0) throw shapeProblem("one-of", "a list", expected);
    const options = expected.map((option) => equality("one-of", option, subject));
    return {
      describe: () => `one of ${expected.map(shortText).join(", ")}`,
      miss: (found) => unless(options.some((option) => option(found)))
    };
  }
};

// src/core/matcher/kinds/order.ts
function order(name, words, holds2) {
  return {
    name,
    about: `a number ${words} the limit; with a unit where the place is a time or a size`,
    example: `{${name}: 3}`,
    compile(expected, { subject }) {
      const limit = expectedNumber(name, expected, subject);
      const shown = subject.unit === "duration" ? durationText(limit) : subject.unit === "size" ? sizeText(limit) : String(limit);
      return {
        describe: () => `${words} ${shown}`,
        miss(found) {
          const number = foundNumber(found, subject);
          return unless(number !== void 0 && holds2(number, limit));
        }
      };
    }
  };
}
var over = order("over", "over", (found, limit) => found > limit);
var atLeast = order("at-least", "at least", (found, limit) => found >= limit);
var under = order("under", "under", (found, limit) => found < limit);
var atMost = order("at-most", "at most", (found, limit) => found <= limit);

// src/core/matcher/kinds/same-as.ts
var shownDifferences = 3;
var sameAs = {
  name: "same-as",
  about: "like a document of the collection, or like the answer of an echo: `{file | echo, ignoring, only, unordered}`; `run --accept` writes the file anew",
  example: "{same-as: {file: data/expected-vessel.json, ignoring: [$.updated]}}",
  compile(expected, { readText }) {
    const baseline = baselineOf(expected);
    const { file, echo } = baseline;
    const named = file ?? `echo ${echo}`;
    let text;
    const read = () => {
      if (text !== void 0) return text;
      try {
        text = readText(echo ?? file);
      } catch (error) {
        const problem = asProblem(error);
        if (problem.code !== "file-not-found") throw problem;
      }
      return text;
    };
    const differences = (found) => {
      const wanted = read();
      if (wanted === void 0) return void 0;
      const right = typeof found === "string" ? { text: found } : { text: "", value: found ?? null };
      const sides = { status: void 0, headers: [] };
      return answerDifferences({ ...sides, text: wanted }, { ...sides, ...right }, baseline);
    };
    return {
      describe: () => `the same as ${named}`,
      miss(found, { accept }) {
        const different = differences(found);
        if (different?.length === 0) return void 0;
        if (accept && file !== void 0 && found !== void 0) {
          const written = typeof found === "string" ? found : `${writeJson(found, 2)}
`;
          accept({ file, text: written, differences: different ?? [], made: different === void 0 });
          text = written;
          return void 0;
        }
        if (!different) return `there is no ${named} yet; run --accept writes it`;
        const told = different.slice(0, shownDifferences).map(({ at, left, right }) => `${at} ${differs(left, right)}`);
        const more = different.length - told.length;
        return `${told.join("; ")}${more > 0 ? `; and ${more} more` : ""}`;
      },
      deviations: (found) => differences(found) ?? []
    };
  }
};
function differs(left, right) {
  if (left === void 0) return `is ${shortText(right)}, and nothing was expected`;
  if (right === void 0) return `is missing, ${shortText(left)} was expected`;
  return `is ${shortText(right)}, not ${shortText(left)}`;
}
function baselineOf(expected) {
  if (typeof expected === "string") {
    return /^[a-z0-9]{4}\.\d+$/.test(expected) ? { echo: expected, file: void 0 } : { file: expected, echo: void 0 };
  }
  const wanted = "a file, the id of an echo, or {file | echo, ignoring, only, unordered}";
  if (!isValueMap(expected)) throw shapeProblem("same-as", wanted, expected);
  const { file, echo, ignoring, only, unordered, ...others } = expected;
  const [other] = Object.keys(others);
  if (other !== void 0) {
    throw new Problem("matcher-shape", { what: `same-as has no ${other}`, remedy: `it takes ${wanted}` });
  }
  if (typeof file === "string" === (typeof echo === "string")) throw shapeProblem("same-as", wanted, expected);
  const places = (value) => {
    if (value === void 0) return void 0;
    if (Array.isArray(value) && value.every((one) => typeof one === "string")) {
      return value;
    }
    throw shapeProblem("same-as", "lists of places for ignoring and only", value);
  };
  if (unordered !== void 0 && !isValueMap(unordered))
    throw shapeProblem("same-as", "a map for unordered", unordered);
  return {
    file,
    echo,
    ignoring: places(ignoring),
    only: places(only),
    unordered
  };
}

// src/core/matcher/kinds/schema.ts
var ajv;
async function load() {
  if (ajv) return;
  const [validation, formats] = await Promise.all([import("ajv/dist/2020.js"), import("ajv-formats")]);
  const { Ajv2020 } = validation.default;
  ajv = new Ajv2020({ strict: false, allErrors: true, logger: false, meta: false, validateSchema: false });
  const addFormats = formats.default;
  (addFormats.default ?? addFormats)(ajv);
}
var compiled = /* @__PURE__ */ new WeakMap();
function validator(schema2) {
  let made = compiled.get(schema2);
  if (!made) {
    try {
      made = ajv.compile(schema2);
    } catch (error) {
      throw new Problem("matcher-shape", {
        what: "the schema is not a usable JSON Schema",
        cause: error.message
      });
    }
    compiled.set(schema2, made);
  }
  return made;
}
function schemaMiss(schema2, found) {
  const validate = validator(schema2);
  if (validate(withPlainScalars(found))) return void 0;
  const places = (validate.errors ?? []).map(
    ({ instancePath, message, params }) => `${instancePath === "" ? "the value" : `$${instancePath.replaceAll("/", ".")}`} ${message ?? ""}${"additionalProperty" in params ? ` (${String(params.additionalProperty)})` : ""}`
  );
  return places.slice(0, 3).join("; ") + (places.length > 3 ? `; and ${places.length - 3} more` : "");
}
var schema = {
  name: "schema",
  about: "valid by a JSON Schema: written here, a file of the collection, or `documented` for the one in the documentation",
  example: "{schema: documented}",
  compile(expected, { loads, readText }) {
    loads.push(load());
    if (expected === "documented") {
      return {
        describe: () => "valid by the documented schema",
        miss(found, { documented }) {
          const known = documented?.();
          return known ? schemaMiss(known, found) : "the documentation has no schema for this answer";
        }
      };
    }
    const given = typeof expected === "string" ? parsed(expected, readText(expected)) : expected;
    if (!isValueMap(given)) throw shapeProblem("schema", "a JSON Schema, a file or documented", expected);
    const where = typeof expected === "string" ? expected : "the schema given";
    const own = withPlainScalars(given);
    return { describe: () => `valid by ${where}`, miss: (found) => schemaMiss(own, found) };
  }
};
function parsed(path, text) {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new Problem("data-shape", {
      what: `${path} is not JSON`,
      where: { file: path },
      cause: error.message
    });
  }
}
function withPlainScalars(value) {
  if (value instanceof Written) return plain(value);
  if (Array.isArray(value)) return value.map(withPlainScalars);
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, withPlainScalars(item)]));
}

// src/core/matcher/kinds/type.ts
var names = ["string", "number", "integer", "boolean", "array", "object", "null"];
var type = {
  name: "type",
  about: `the JSON type: ${names.join(", ")}; or a list of them`,
  example: "{type: integer}",
  compile(expected) {
    const wanted = Array.isArray(expected) ? expected : [expected];
    if (wanted.length === 0 || !wanted.every((name) => names.includes(name))) {
      throw shapeProblem("type", names.join(", "), expected);
    }
    return {
      describe: () => `of type ${wanted.join(" or ")}`,
      miss(found) {
        if (found === void 0) return "";
        const is = typeOf(found);
        return unless(wanted.includes(is) || is === "integer" && wanted.includes("number"));
      }
    };
  }
};

// src/core/matcher/registry.ts
var matchers = new Map(
  [
    equals,
    not,
    oneOf,
    over,
    atLeast,
    under,
    atMost,
    contains,
    startsWith,
    endsWith,
    matches,
    exists,
    type,
    count,
    all,
    any,
    schema,
    sameAs
  ].map((kind) => [kind.name, kind])
);

// src/core/matcher/compile.ts
function compileMatchers(expected, workshop) {
  const nested = (inner, subject) => compileMatchers(inner, { ...workshop, subject });
  if (!isValueMap(expected)) return equals.compile(expected, workshop, nested);
  const checks = Object.entries(expected).map(([name, value]) => {
    const kind = matchers.get(name);
    if (!kind) {
      throw new Problem("matcher-shape", {
        what: `there is no matcher ${name}`,
        remedy: `${nearestHint(name, matchers.keys())}; to compare with a whole object write {equals: {\u2026}}`,
        data: { matcher: name }
      });
    }
    return kind.compile(value, workshop, nested);
  });
  const [only] = checks;
  if (checks.length === 1 && only) return only;
  if (checks.length === 0)
    throw new Problem("matcher-shape", {
      what: "an empty { } matches nothing",
      remedy: "write {exists: true}, or {equals: {}}"
    });
  return {
    describe: () => checks.map((check) => check.describe()).join(" and "),
    miss(found, situation) {
      for (const check of checks) {
        const miss = check.miss(found, situation);
        if (miss !== void 0) return miss;
      }
      return void 0;
    }
  };
}

export {
  matchers,
  compileMatchers
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvbWF0Y2hlci9tYXRjaGVyLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL21hdGNoZXIva2luZHMvYWZmaXgudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvbWF0Y2hlci9raW5kcy9jb250YWlucy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9tYXRjaGVyL2tpbmRzL2VxdWFscy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9tYXRjaGVyL2tpbmRzL2V4aXN0cy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9tYXRjaGVyL2tpbmRzL21hdGNoZXMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvbWF0Y2hlci9raW5kcy9uZXN0ZWQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvbWF0Y2hlci9raW5kcy9vbmUtb2YudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvbWF0Y2hlci9raW5kcy9vcmRlci50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9tYXRjaGVyL2tpbmRzL3NhbWUtYXMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvbWF0Y2hlci9raW5kcy9zY2hlbWEudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvbWF0Y2hlci9raW5kcy90eXBlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL21hdGNoZXIvcmVnaXN0cnkudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvbWF0Y2hlci9jb21waWxlLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogQSBtYXRjaGVyOiB3aGF0IGEgdmFsdWUgbXVzdCBiZS4gVXNlZCBieSBleHBlY3RhdGlvbnMsIGlucHV0cywgYHVudGlsYCBhbmQgYHdoZW5gIGFsaWtlLiAqL1xuaW1wb3J0IHR5cGUgeyBEaWZmZXJlbmNlIH0gZnJvbSAnLi4vY29tcGFyaXNvbi9kaWZmZXJlbmNlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFBsYWNlVW5pdCB9IGZyb20gJy4uL3BsYWNlL3BsYWNlLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcblxuLyoqIEhvdyB0aGUgdmFsdWUgdG8gYmUgbWF0Y2hlZCBpcyB3cml0dGVuLCB3aGljaCBkZWNpZGVzIGhvdyBleHBlY3RlZCB2YWx1ZXMgYXJlIHJlYWQuICovXG5leHBvcnQgaW50ZXJmYWNlIFN1YmplY3Qge1xuICAvKiogSlNPTjogYSBudW1iZXIgaXMgbm90IHRoZSB0ZXh0IG9mIGl0LiBUZXh0IHBsYWNlcyBjb21wYXJlIG51bWVyaWNhbGx5IHdpdGggYSBudW1iZXIuICovXG4gIHJlYWRvbmx5IHN0cmljdDogYm9vbGVhbjtcbiAgcmVhZG9ubHkgdW5pdD86IFBsYWNlVW5pdCB8IHVuZGVmaW5lZDtcbn1cblxuLyoqIFdoYXQgYSBtYXRjaGVyIG1heSBuZWVkIGJleW9uZCB0aGUgdmFsdWU7IGtub3duIHdoZW4gdGhlIHJlcXVlc3QgZmlsZSBpcyBsb2FkZWQuICovXG5leHBvcnQgaW50ZXJmYWNlIFdvcmtzaG9wIHtcbiAgcmVhZG9ubHkgc3ViamVjdDogU3ViamVjdDtcbiAgLyoqIFdoYXQgbXVzdCBoYXZlIHNldHRsZWQgYmVmb3JlIHRoZSBjaGVjayBjYW4gcnVuLiAqL1xuICByZWFkb25seSBsb2FkczogUHJvbWlzZTx1bmtub3duPltdO1xuICAvKiogVGhlIHRleHQgb2YgYSBmaWxlIG9mIHRoZSBjb2xsZWN0aW9uOyBvZiB0aGUgYW5zd2VyIG9mIGFuIGVjaG8sIHdoZXJlIGl0cyBpZCBpcyBnaXZlbi4gKi9cbiAgcmVhZG9ubHkgcmVhZFRleHQ6IChwYXRoOiBzdHJpbmcpID0+IHN0cmluZztcbn1cblxuLyoqIFdoYXQgaXMga25vd24gb25seSB3aGVuIGFuIGFuc3dlciBpcyB0aGVyZS4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgU2l0dWF0aW9uIHtcbiAgLyoqIFRoZSBkb2N1bWVudGVkIEpTT04gU2NoZW1hIG9mIHRoaXMgYW5zd2VyLCB3aXRoIGl0cyBkZWZpbml0aW9uczsgdW5kZWZpbmVkIHdoZXJlIG5vbmUgaXMuICovXG4gIHJlYWRvbmx5IGRvY3VtZW50ZWQ/OiAoKCkgPT4gb2JqZWN0IHwgdW5kZWZpbmVkKSB8IHVuZGVmaW5lZDtcbiAgLyoqIFRha2VzIHdoYXQgd2FzIGZvdW5kIGFzIHRoZSBuZXcgYmFzZWxpbmU7IHVuZGVmaW5lZCB3aGVyZSB0aGF0IGlzIG5vdCB3YW50ZWQuICovXG4gIHJlYWRvbmx5IGFjY2VwdD86ICgoYWNjZXB0ZWQ6IEFjY2VwdGVkKSA9PiB2b2lkKSB8IHVuZGVmaW5lZDtcbn1cblxuLyoqIEEgZG9jdW1lbnQgdGhhdCB3YXMgZm91bmQgaW4gcGxhY2Ugb2YgYW4gZXhwZWN0ZWQgb25lLiAqL1xuZXhwb3J0IGludGVyZmFjZSBBY2NlcHRlZCB7XG4gIC8qKiBPZiB0aGUgY29sbGVjdGlvbi4gKi9cbiAgcmVhZG9ubHkgZmlsZTogc3RyaW5nO1xuICByZWFkb25seSB0ZXh0OiBzdHJpbmc7XG4gIHJlYWRvbmx5IGRpZmZlcmVuY2VzOiByZWFkb25seSBEaWZmZXJlbmNlW107XG4gIC8qKiBUaGVyZSB3YXMgbm9uZSBiZWZvcmUuICovXG4gIHJlYWRvbmx5IG1hZGU6IGJvb2xlYW47XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgQ2hlY2sge1xuICAvKiogYGF0IGxlYXN0IDNgLCBgb25lIG9mIGEsIGJgLiAqL1xuICByZWFkb25seSBkZXNjcmliZTogKCkgPT4gc3RyaW5nO1xuICAvKiogdW5kZWZpbmVkIHdoZW4gaXQgaG9sZHM7IGVsc2UgYSBkZXRhaWwgdG8gc2hvdywgZW1wdHkgd2hlcmUgdGhlcmUgaXMgbm90aGluZyB0byBhZGQuICovXG4gIHJlYWRvbmx5IG1pc3M6IChmb3VuZDogVmFsdWUgfCB1bmRlZmluZWQsIHNpdHVhdGlvbjogU2l0dWF0aW9uKSA9PiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIC8qKiBXaGVyZSB0aGUgZm91bmQgdmFsdWUgaXMgbm90IGxpa2UgYSBkb2N1bWVudDogZWFjaCBwbGFjZSBieSBpdHNlbGYuICovXG4gIHJlYWRvbmx5IGRldmlhdGlvbnM/OiAoZm91bmQ6IFZhbHVlIHwgdW5kZWZpbmVkKSA9PiByZWFkb25seSBEaWZmZXJlbmNlW107XG59XG5cbmV4cG9ydCB0eXBlIE5lc3RlZCA9IChleHBlY3RlZDogVmFsdWUsIHN1YmplY3Q6IFN1YmplY3QpID0+IENoZWNrO1xuXG5leHBvcnQgaW50ZXJmYWNlIE1hdGNoZXJLaW5kIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBhYm91dDogc3RyaW5nO1xuICByZWFkb25seSBleGFtcGxlOiBzdHJpbmc7XG4gIC8qKlxuICAgKiBAcGFyYW0gbmVzdGVkIG1ha2VzIGEgY2hlY2sgb2YgYSB2YWx1ZSBvciBtYXRjaGVycyBpbnNpZGUgdGhpcyBvbmVcbiAgICogQHRocm93cyBQcm9ibGVtIG1hdGNoZXItc2hhcGVcbiAgICovXG4gIGNvbXBpbGUoZXhwZWN0ZWQ6IFZhbHVlLCB3b3Jrc2hvcDogV29ya3Nob3AsIG5lc3RlZDogTmVzdGVkKTogQ2hlY2s7XG59XG5cbi8qKiBUaGUgdXN1YWwgYW5zd2VyIG9mIGEgY2hlY2sgd2l0aG91dCBkZXRhaWxzLiAqL1xuZXhwb3J0IGNvbnN0IHVubGVzcyA9IChob2xkczogYm9vbGVhbik6IHN0cmluZyB8IHVuZGVmaW5lZCA9PiAoaG9sZHMgPyB1bmRlZmluZWQgOiAnJyk7XG4iLCAiLyoqIGBzdGFydHMtd2l0aGAgYW5kIGBlbmRzLXdpdGhgLiAqL1xuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vLi4vdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgeyBwbGFpbiwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgdHlwZSBNYXRjaGVyS2luZCwgdW5sZXNzIH0gZnJvbSAnLi4vbWF0Y2hlci5qcyc7XG5pbXBvcnQgeyBzaGFwZVByb2JsZW0sIHNob3J0VGV4dCB9IGZyb20gJy4uL3JlYWRpbmcuanMnO1xuXG5mdW5jdGlvbiBhZmZpeChuYW1lOiBzdHJpbmcsIHdvcmRzOiBzdHJpbmcsIHRlc3Q6ICh0ZXh0OiBzdHJpbmcsIHBhcnQ6IHN0cmluZykgPT4gYm9vbGVhbik6IE1hdGNoZXJLaW5kIHtcbiAgcmV0dXJuIHtcbiAgICBuYW1lLFxuICAgIGFib3V0OiBgYSB0ZXh0IHRoYXQgJHt3b3Jkc30gYSB0ZXh0YCxcbiAgICBleGFtcGxlOiBuYW1lID09PSAnc3RhcnRzLXdpdGgnID8gJ3tzdGFydHMtd2l0aDogYXBwbGljYXRpb24vanNvbn0nIDogJ3tlbmRzLXdpdGg6IC9jYWxsc30nLFxuICAgIGNvbXBpbGUoZXhwZWN0ZWQpIHtcbiAgICAgIGlmICh0eXBlb2YgcGxhaW4oZXhwZWN0ZWQpID09PSAnb2JqZWN0JykgdGhyb3cgc2hhcGVQcm9ibGVtKG5hbWUsICdhIHRleHQnLCBleHBlY3RlZCk7XG4gICAgICBjb25zdCBwYXJ0ID0gdGV4dE9mKGV4cGVjdGVkKTtcbiAgICAgIGNvbnN0IGhvbGRzID0gKGZvdW5kOiBWYWx1ZSB8IHVuZGVmaW5lZCk6IGJvb2xlYW4gPT4gdHlwZW9mIGZvdW5kID09PSAnc3RyaW5nJyAmJiB0ZXN0KGZvdW5kLCBwYXJ0KTtcbiAgICAgIHJldHVybiB7IGRlc2NyaWJlOiAoKSA9PiBgJHt3b3Jkc30gJHtzaG9ydFRleHQocGFydCl9YCwgbWlzczogKGZvdW5kKSA9PiB1bmxlc3MoaG9sZHMoZm91bmQpKSB9O1xuICAgIH0sXG4gIH07XG59XG5cbmV4cG9ydCBjb25zdCBzdGFydHNXaXRoID0gYWZmaXgoJ3N0YXJ0cy13aXRoJywgJ3N0YXJ0cyB3aXRoJywgKHRleHQsIHBhcnQpID0+IHRleHQuc3RhcnRzV2l0aChwYXJ0KSk7XG5leHBvcnQgY29uc3QgZW5kc1dpdGggPSBhZmZpeCgnZW5kcy13aXRoJywgJ2VuZHMgd2l0aCcsICh0ZXh0LCBwYXJ0KSA9PiB0ZXh0LmVuZHNXaXRoKHBhcnQpKTtcbiIsICIvKiogYGNvbnRhaW5zYDogcGFydCBvZiBhIHRleHQsIGFuIGl0ZW0gb2YgYSBsaXN0LCBvciBtZW1iZXJzIG9mIGEgbWFwLiAqL1xuaW1wb3J0IHsgZXF1YWxWYWx1ZXMgfSBmcm9tICcuLi8uLi92YWx1ZS9lcXVhbC5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHBsYWluLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyB0eXBlIE1hdGNoZXJLaW5kLCB1bmxlc3MgfSBmcm9tICcuLi9tYXRjaGVyLmpzJztcbmltcG9ydCB7IHNob3J0VGV4dCB9IGZyb20gJy4uL3JlYWRpbmcuanMnO1xuXG5leHBvcnQgY29uc3QgY29udGFpbnM6IE1hdGNoZXJLaW5kID0ge1xuICBuYW1lOiAnY29udGFpbnMnLFxuICBhYm91dDogJ2EgdGV4dCB0aGF0IGhvbGRzIHRoZSB0ZXh0LCBhIGxpc3QgdGhhdCBob2xkcyB0aGUgaXRlbSwgYSBtYXAgdGhhdCBob2xkcyB0aGVzZSBtZW1iZXJzJyxcbiAgZXhhbXBsZTogJ3tjb250YWluczogaGFyYm91cn0nLFxuICBjb21waWxlOiAoZXhwZWN0ZWQpID0+ICh7XG4gICAgZGVzY3JpYmU6ICgpID0+IGBjb250YWlucyAke3Nob3J0VGV4dChleHBlY3RlZCl9YCxcbiAgICBtaXNzOiAoZm91bmQpID0+IHVubGVzcyhob2xkcyhmb3VuZCwgZXhwZWN0ZWQpKSxcbiAgfSksXG59O1xuXG5mdW5jdGlvbiBob2xkcyhmb3VuZDogVmFsdWUgfCB1bmRlZmluZWQsIGV4cGVjdGVkOiBWYWx1ZSk6IGJvb2xlYW4ge1xuICBpZiAodHlwZW9mIGZvdW5kID09PSAnc3RyaW5nJykgcmV0dXJuIGZvdW5kLmluY2x1ZGVzKHRleHRPZihleHBlY3RlZCkpO1xuICBpZiAoQXJyYXkuaXNBcnJheShmb3VuZCkpXG4gICAgcmV0dXJuIGZvdW5kLnNvbWUoKGl0ZW06IFZhbHVlKSA9PiBlcXVhbFZhbHVlcyhpdGVtLCBleHBlY3RlZCkgfHwgKGlzVmFsdWVNYXAoZXhwZWN0ZWQpICYmIGhvbGRzKGl0ZW0sIGV4cGVjdGVkKSkpO1xuICBpZiAoZm91bmQgPT09IHVuZGVmaW5lZCB8fCAhaXNWYWx1ZU1hcChmb3VuZCkgfHwgIWlzVmFsdWVNYXAoZXhwZWN0ZWQpKSByZXR1cm4gcGxhaW4oZm91bmQpID09PSBwbGFpbihleHBlY3RlZCk7XG4gIHJldHVybiBPYmplY3QuZW50cmllcyhleHBlY3RlZCkuZXZlcnkoKFtrZXksIHZhbHVlXSkgPT4gT2JqZWN0Lmhhc093bihmb3VuZCwga2V5KSAmJiBlcXVhbFZhbHVlcyhmb3VuZFtrZXldLCB2YWx1ZSkpO1xufVxuIiwgIi8qKiBgZXF1YWxzYCwgdGhlIG1lYW5pbmcgb2YgYSBwbGFpbiB2YWx1ZS4gKi9cbmltcG9ydCB7IHR5cGUgTWF0Y2hlcktpbmQsIHVubGVzcyB9IGZyb20gJy4uL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgZXF1YWxpdHksIHNob3J0VGV4dCB9IGZyb20gJy4uL3JlYWRpbmcuanMnO1xuXG5leHBvcnQgY29uc3QgZXF1YWxzOiBNYXRjaGVyS2luZCA9IHtcbiAgbmFtZTogJ2VxdWFscycsXG4gIGFib3V0OiAndGhlIHNhbWUgdmFsdWU7IHdoYXQgYSBwbGFpbiB2YWx1ZSBvciBhIGxpc3QgbWVhbnMnLFxuICBleGFtcGxlOiAne2VxdWFsczogY29uZmlybWVkfScsXG4gIGNvbXBpbGUoZXhwZWN0ZWQsIHsgc3ViamVjdCB9KSB7XG4gICAgY29uc3Qgc2FtZSA9IGVxdWFsaXR5KCdlcXVhbHMnLCBleHBlY3RlZCwgc3ViamVjdCk7XG4gICAgcmV0dXJuIHsgZGVzY3JpYmU6ICgpID0+IHNob3J0VGV4dChleHBlY3RlZCksIG1pc3M6IChmb3VuZCkgPT4gdW5sZXNzKHNhbWUoZm91bmQpKSB9O1xuICB9LFxufTtcbiIsICIvKiogYGV4aXN0c2A6IHNvbWV0aGluZyBzdGFuZHMgYXQgdGhlIHBsYWNlLCBvciBub3RoaW5nIGRvZXMuIGBudWxsYCBpcyBzb21ldGhpbmcuICovXG5pbXBvcnQgeyB0eXBlIE1hdGNoZXJLaW5kLCB1bmxlc3MgfSBmcm9tICcuLi9tYXRjaGVyLmpzJztcbmltcG9ydCB7IHNoYXBlUHJvYmxlbSB9IGZyb20gJy4uL3JlYWRpbmcuanMnO1xuXG5leHBvcnQgY29uc3QgZXhpc3RzOiBNYXRjaGVyS2luZCA9IHtcbiAgbmFtZTogJ2V4aXN0cycsXG4gIGFib3V0OiAndHJ1ZTogc29tZXRoaW5nIHN0YW5kcyB0aGVyZSwgbnVsbCBpbmNsdWRlZDsgYSBsaXN0IG9mIGEgcXVlcnk6IG5vdCBlbXB0eS4gZmFsc2U6IG5vdGhpbmcgZG9lcycsXG4gIGV4YW1wbGU6ICd7ZXhpc3RzOiBmYWxzZX0nLFxuICBjb21waWxlKGV4cGVjdGVkKSB7XG4gICAgaWYgKHR5cGVvZiBleHBlY3RlZCAhPT0gJ2Jvb2xlYW4nKSB0aHJvdyBzaGFwZVByb2JsZW0oJ2V4aXN0cycsICd0cnVlIG9yIGZhbHNlJywgZXhwZWN0ZWQpO1xuICAgIHJldHVybiB7XG4gICAgICBkZXNjcmliZTogKCkgPT4gKGV4cGVjdGVkID8gJ2V4aXN0cycgOiAnZG9lcyBub3QgZXhpc3QnKSxcbiAgICAgIG1pc3M6IChmb3VuZCkgPT4gdW5sZXNzKChmb3VuZCAhPT0gdW5kZWZpbmVkICYmICEoQXJyYXkuaXNBcnJheShmb3VuZCkgJiYgZm91bmQubGVuZ3RoID09PSAwKSkgPT09IGV4cGVjdGVkKSxcbiAgICB9O1xuICB9LFxufTtcbiIsICIvKiogYG1hdGNoZXNgOiBhIHJlZ3VsYXIgZXhwcmVzc2lvbiBpbiBsaW5lYXIgdGltZSwgZm91bmQgYW55d2hlcmUgaW4gdGhlIHRleHQuICovXG5pbXBvcnQgeyBjb250YWluc01hdGNoLCBpc1BhdHRlcm4sIGxvYWRSZWdleHAgfSBmcm9tICcuLi8uLi9wbGFjZS9qc29uLXBhdGgvcmVnZXhwLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHsgcGxhaW4gfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IHR5cGUgTWF0Y2hlcktpbmQsIHVubGVzcyB9IGZyb20gJy4uL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgc2hhcGVQcm9ibGVtIH0gZnJvbSAnLi4vcmVhZGluZy5qcyc7XG5cbmV4cG9ydCBjb25zdCBtYXRjaGVzOiBNYXRjaGVyS2luZCA9IHtcbiAgbmFtZTogJ21hdGNoZXMnLFxuICBhYm91dDogJ2EgdGV4dCBpbiB3aGljaCB0aGUgcmVndWxhciBleHByZXNzaW9uIChSRkMgOTQ4NTsgXiBhbmQgJCBhbmNob3IgaXQpIGlzIGZvdW5kJyxcbiAgZXhhbXBsZTogJ3ttYXRjaGVzOiBcIl5QQy1bMC05XXs0fSRcIn0nLFxuICBjb21waWxlKGV4cGVjdGVkLCB7IGxvYWRzIH0pIHtcbiAgICBpZiAodHlwZW9mIGV4cGVjdGVkICE9PSAnc3RyaW5nJykgdGhyb3cgc2hhcGVQcm9ibGVtKCdtYXRjaGVzJywgJ2EgcmVndWxhciBleHByZXNzaW9uJywgZXhwZWN0ZWQpO1xuICAgIC8vIENoZWNrZWQgb25jZSB0aGUgZW5naW5lIGlzIHRoZXJlOyB3aG9ldmVyIGF3YWl0cyB0aGUgbG9hZHMgZ2V0cyB0aGUgcHJvYmxlbS5cbiAgICBsb2Fkcy5wdXNoKFxuICAgICAgbG9hZFJlZ2V4cCgpLnRoZW4oKCkgPT4ge1xuICAgICAgICBpZiAoIWlzUGF0dGVybihleHBlY3RlZCkpIHRocm93IHNoYXBlUHJvYmxlbSgnbWF0Y2hlcycsICdhIHJlZ3VsYXIgZXhwcmVzc2lvbicsIGV4cGVjdGVkKTtcbiAgICAgIH0pLFxuICAgICk7XG4gICAgcmV0dXJuIHtcbiAgICAgIGRlc2NyaWJlOiAoKSA9PiBgbWF0Y2hlcyAke2V4cGVjdGVkfWAsXG4gICAgICBtaXNzOiAoZm91bmQpID0+IHVubGVzcyhwbGFpbihmb3VuZCkgIT09IG51bGwgJiYgZm91bmQgIT09IHVuZGVmaW5lZCAmJiBjb250YWluc01hdGNoKGV4cGVjdGVkLCB0ZXh0T2YoZm91bmQpKSksXG4gICAgfTtcbiAgfSxcbn07XG4iLCAiLyoqIGBub3RgLCBgY291bnRgLCBgYWxsYCwgYGFueWA6IG1hdGNoZXJzIHRoYXQgYXBwbHkgb3RoZXJzLiAqL1xuaW1wb3J0IHsgaXNWYWx1ZU1hcCwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgdHlwZSBNYXRjaGVyS2luZCwgdW5sZXNzIH0gZnJvbSAnLi4vbWF0Y2hlci5qcyc7XG5cbmNvbnN0IHN0cmljdCA9IHsgc3RyaWN0OiB0cnVlIH0gYXMgY29uc3Q7XG5cbmV4cG9ydCBjb25zdCBub3Q6IE1hdGNoZXJLaW5kID0ge1xuICBuYW1lOiAnbm90JyxcbiAgYWJvdXQ6ICd0aGUgb3Bwb3NpdGUgb2YgYSB2YWx1ZSBvciBvZiBtYXRjaGVycycsXG4gIGV4YW1wbGU6ICd7bm90OiB7b25lLW9mOiBbcmVqZWN0ZWQsIGNhbmNlbGxlZF19fScsXG4gIGNvbXBpbGUoZXhwZWN0ZWQsIHsgc3ViamVjdCB9LCBuZXN0ZWQpIHtcbiAgICBjb25zdCBpbm5lciA9IG5lc3RlZChleHBlY3RlZCwgc3ViamVjdCk7XG4gICAgcmV0dXJuIHtcbiAgICAgIGRlc2NyaWJlOiAoKSA9PiBgbm90ICR7aW5uZXIuZGVzY3JpYmUoKX1gLFxuICAgICAgbWlzczogKGZvdW5kLCBzaXR1YXRpb24pID0+IHVubGVzcyhpbm5lci5taXNzKGZvdW5kLCBzaXR1YXRpb24pICE9PSB1bmRlZmluZWQpLFxuICAgIH07XG4gIH0sXG59O1xuXG5leHBvcnQgY29uc3QgY291bnQ6IE1hdGNoZXJLaW5kID0ge1xuICBuYW1lOiAnY291bnQnLFxuICBhYm91dDogJ3RoZSBudW1iZXIgb2YgaXRlbXMsIG1lbWJlcnMgb3IgY2hhcmFjdGVyczogYSBudW1iZXIgb3IgbWF0Y2hlcnMnLFxuICBleGFtcGxlOiAne2NvdW50OiB7YXQtbGVhc3Q6IDF9fScsXG4gIGNvbXBpbGUoZXhwZWN0ZWQsIF93b3Jrc2hvcCwgbmVzdGVkKSB7XG4gICAgY29uc3QgaW5uZXIgPSBuZXN0ZWQoZXhwZWN0ZWQsIHN0cmljdCk7XG4gICAgcmV0dXJuIHtcbiAgICAgIGRlc2NyaWJlOiAoKSA9PiBgYSBjb3VudCBvZiAke2lubmVyLmRlc2NyaWJlKCl9YCxcbiAgICAgIG1pc3MoZm91bmQsIHNpdHVhdGlvbikge1xuICAgICAgICBjb25zdCBzaXplID0gc2l6ZU9mKGZvdW5kKTtcbiAgICAgICAgcmV0dXJuIHNpemUgIT09IHVuZGVmaW5lZCAmJiBpbm5lci5taXNzKHNpemUsIHNpdHVhdGlvbikgPT09IHVuZGVmaW5lZFxuICAgICAgICAgID8gdW5kZWZpbmVkXG4gICAgICAgICAgOiBgdGhlIGNvdW50IGlzICR7c2l6ZSA/PyAnbm90IGtub3duJ31gO1xuICAgICAgfSxcbiAgICB9O1xuICB9LFxufTtcblxuZnVuY3Rpb24gc2l6ZU9mKGZvdW5kOiBWYWx1ZSB8IHVuZGVmaW5lZCk6IG51bWJlciB8IHVuZGVmaW5lZCB7XG4gIGlmICh0eXBlb2YgZm91bmQgPT09ICdzdHJpbmcnKSByZXR1cm4gWy4uLmZvdW5kXS5sZW5ndGg7XG4gIGlmIChBcnJheS5pc0FycmF5KGZvdW5kKSkgcmV0dXJuIGZvdW5kLmxlbmd0aDtcbiAgcmV0dXJuIGZvdW5kICE9PSB1bmRlZmluZWQgJiYgaXNWYWx1ZU1hcChmb3VuZCkgPyBPYmplY3Qua2V5cyhmb3VuZCkubGVuZ3RoIDogdW5kZWZpbmVkO1xufVxuXG5leHBvcnQgY29uc3QgYWxsOiBNYXRjaGVyS2luZCA9IHtcbiAgbmFtZTogJ2FsbCcsXG4gIGFib3V0OiAnYSBsaXN0IGluIHdoaWNoIGV2ZXJ5IGl0ZW0gaXMgc28gKGFuIGVtcHR5IGxpc3QgcGFzc2VzKScsXG4gIGV4YW1wbGU6ICd7YWxsOiB7YXQtbGVhc3Q6IDB9fScsXG4gIGNvbXBpbGUoZXhwZWN0ZWQsIF93b3Jrc2hvcCwgbmVzdGVkKSB7XG4gICAgY29uc3QgaW5uZXIgPSBuZXN0ZWQoZXhwZWN0ZWQsIHN0cmljdCk7XG4gICAgcmV0dXJuIHtcbiAgICAgIGRlc2NyaWJlOiAoKSA9PiBgYWxsICR7aW5uZXIuZGVzY3JpYmUoKX1gLFxuICAgICAgbWlzcyhmb3VuZCwgc2l0dWF0aW9uKSB7XG4gICAgICAgIGlmICghQXJyYXkuaXNBcnJheShmb3VuZCkpIHJldHVybiAnaXQgaXMgbm90IGEgbGlzdCc7XG4gICAgICAgIGNvbnN0IHdyb25nID0gZm91bmQuZmluZEluZGV4KChpdGVtOiBWYWx1ZSkgPT4gaW5uZXIubWlzcyhpdGVtLCBzaXR1YXRpb24pICE9PSB1bmRlZmluZWQpO1xuICAgICAgICByZXR1cm4gd3JvbmcgPT09IC0xID8gdW5kZWZpbmVkIDogYGl0ZW0gJHt3cm9uZ30gaXMgbm90YDtcbiAgICAgIH0sXG4gICAgfTtcbiAgfSxcbn07XG5cbmV4cG9ydCBjb25zdCBhbnk6IE1hdGNoZXJLaW5kID0ge1xuICBuYW1lOiAnYW55JyxcbiAgYWJvdXQ6ICdhIGxpc3QgaW4gd2hpY2ggYXQgbGVhc3Qgb25lIGl0ZW0gaXMgc28nLFxuICBleGFtcGxlOiAne2FueToge2VxdWFsczogZ3JhaW59fScsXG4gIGNvbXBpbGUoZXhwZWN0ZWQsIF93b3Jrc2hvcCwgbmVzdGVkKSB7XG4gICAgY29uc3QgaW5uZXIgPSBuZXN0ZWQoZXhwZWN0ZWQsIHN0cmljdCk7XG4gICAgcmV0dXJuIHtcbiAgICAgIGRlc2NyaWJlOiAoKSA9PiBgYW55ICR7aW5uZXIuZGVzY3JpYmUoKX1gLFxuICAgICAgbWlzcyhmb3VuZCwgc2l0dWF0aW9uKSB7XG4gICAgICAgIGlmICghQXJyYXkuaXNBcnJheShmb3VuZCkpIHJldHVybiAnaXQgaXMgbm90IGEgbGlzdCc7XG4gICAgICAgIHJldHVybiB1bmxlc3MoZm91bmQuc29tZSgoaXRlbTogVmFsdWUpID0+IGlubmVyLm1pc3MoaXRlbSwgc2l0dWF0aW9uKSA9PT0gdW5kZWZpbmVkKSk7XG4gICAgICB9LFxuICAgIH07XG4gIH0sXG59O1xuIiwgIi8qKiBgb25lLW9mYDogZXF1YWwgdG8gb25lIG9mIGEgbGlzdC4gKi9cbmltcG9ydCB7IHR5cGUgTWF0Y2hlcktpbmQsIHVubGVzcyB9IGZyb20gJy4uL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgZXF1YWxpdHksIHNoYXBlUHJvYmxlbSwgc2hvcnRUZXh0IH0gZnJvbSAnLi4vcmVhZGluZy5qcyc7XG5cbmV4cG9ydCBjb25zdCBvbmVPZjogTWF0Y2hlcktpbmQgPSB7XG4gIG5hbWU6ICdvbmUtb2YnLFxuICBhYm91dDogJ2VxdWFsIHRvIG9uZSBvZiB0aGUgdmFsdWVzIGluIGEgbGlzdCcsXG4gIGV4YW1wbGU6ICd7b25lLW9mOiBbcmVxdWVzdGVkLCBjb25maXJtZWRdfScsXG4gIGNvbXBpbGUoZXhwZWN0ZWQsIHsgc3ViamVjdCB9KSB7XG4gICAgaWYgKCFBcnJheS5pc0FycmF5KGV4cGVjdGVkKSB8fCBleHBlY3RlZC5sZW5ndGggPT09IDApIHRocm93IHNoYXBlUHJvYmxlbSgnb25lLW9mJywgJ2EgbGlzdCcsIGV4cGVjdGVkKTtcbiAgICBjb25zdCBvcHRpb25zID0gZXhwZWN0ZWQubWFwKChvcHRpb24pID0+IGVxdWFsaXR5KCdvbmUtb2YnLCBvcHRpb24sIHN1YmplY3QpKTtcbiAgICByZXR1cm4ge1xuICAgICAgZGVzY3JpYmU6ICgpID0+IGBvbmUgb2YgJHtleHBlY3RlZC5tYXAoc2hvcnRUZXh0KS5qb2luKCcsICcpfWAsXG4gICAgICBtaXNzOiAoZm91bmQpID0+IHVubGVzcyhvcHRpb25zLnNvbWUoKG9wdGlvbikgPT4gb3B0aW9uKGZvdW5kKSkpLFxuICAgIH07XG4gIH0sXG59O1xuIiwgIi8qKiBgb3ZlcmAsIGBhdC1sZWFzdGAsIGB1bmRlcmAsIGBhdC1tb3N0YDogbnVtYmVycywgZHVyYXRpb25zIGFuZCBzaXplcyBpbiBvcmRlci4gKi9cbmltcG9ydCB7IGR1cmF0aW9uVGV4dCwgc2l6ZVRleHQgfSBmcm9tICcuLi8uLi92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgeyB0eXBlIE1hdGNoZXJLaW5kLCB1bmxlc3MgfSBmcm9tICcuLi9tYXRjaGVyLmpzJztcbmltcG9ydCB7IGV4cGVjdGVkTnVtYmVyLCBmb3VuZE51bWJlciB9IGZyb20gJy4uL3JlYWRpbmcuanMnO1xuXG5mdW5jdGlvbiBvcmRlcihuYW1lOiBzdHJpbmcsIHdvcmRzOiBzdHJpbmcsIGhvbGRzOiAoZm91bmQ6IG51bWJlciwgbGltaXQ6IG51bWJlcikgPT4gYm9vbGVhbik6IE1hdGNoZXJLaW5kIHtcbiAgcmV0dXJuIHtcbiAgICBuYW1lLFxuICAgIGFib3V0OiBgYSBudW1iZXIgJHt3b3Jkc30gdGhlIGxpbWl0OyB3aXRoIGEgdW5pdCB3aGVyZSB0aGUgcGxhY2UgaXMgYSB0aW1lIG9yIGEgc2l6ZWAsXG4gICAgZXhhbXBsZTogYHske25hbWV9OiAzfWAsXG4gICAgY29tcGlsZShleHBlY3RlZCwgeyBzdWJqZWN0IH0pIHtcbiAgICAgIGNvbnN0IGxpbWl0ID0gZXhwZWN0ZWROdW1iZXIobmFtZSwgZXhwZWN0ZWQsIHN1YmplY3QpO1xuICAgICAgY29uc3Qgc2hvd24gPVxuICAgICAgICBzdWJqZWN0LnVuaXQgPT09ICdkdXJhdGlvbicgPyBkdXJhdGlvblRleHQobGltaXQpIDogc3ViamVjdC51bml0ID09PSAnc2l6ZScgPyBzaXplVGV4dChsaW1pdCkgOiBTdHJpbmcobGltaXQpO1xuICAgICAgcmV0dXJuIHtcbiAgICAgICAgZGVzY3JpYmU6ICgpID0+IGAke3dvcmRzfSAke3Nob3dufWAsXG4gICAgICAgIG1pc3MoZm91bmQpIHtcbiAgICAgICAgICBjb25zdCBudW1iZXIgPSBmb3VuZE51bWJlcihmb3VuZCwgc3ViamVjdCk7XG4gICAgICAgICAgcmV0dXJuIHVubGVzcyhudW1iZXIgIT09IHVuZGVmaW5lZCAmJiBob2xkcyhudW1iZXIsIGxpbWl0KSk7XG4gICAgICAgIH0sXG4gICAgICB9O1xuICAgIH0sXG4gIH07XG59XG5cbmV4cG9ydCBjb25zdCBvdmVyID0gb3JkZXIoJ292ZXInLCAnb3ZlcicsIChmb3VuZCwgbGltaXQpID0+IGZvdW5kID4gbGltaXQpO1xuZXhwb3J0IGNvbnN0IGF0TGVhc3QgPSBvcmRlcignYXQtbGVhc3QnLCAnYXQgbGVhc3QnLCAoZm91bmQsIGxpbWl0KSA9PiBmb3VuZCA+PSBsaW1pdCk7XG5leHBvcnQgY29uc3QgdW5kZXIgPSBvcmRlcigndW5kZXInLCAndW5kZXInLCAoZm91bmQsIGxpbWl0KSA9PiBmb3VuZCA8IGxpbWl0KTtcbmV4cG9ydCBjb25zdCBhdE1vc3QgPSBvcmRlcignYXQtbW9zdCcsICdhdCBtb3N0JywgKGZvdW5kLCBsaW1pdCkgPT4gZm91bmQgPD0gbGltaXQpO1xuIiwgIi8qKiBgc2FtZS1hc2A6IGxpa2UgYSBkb2N1bWVudCBvZiB0aGUgY29sbGVjdGlvbiwgb3IgYSByZWNvcmRlZCBhbnN3ZXI7IGEgYmFzZWxpbmUgdGhhdCBjYW4gYmUgYWNjZXB0ZWQgYW5ldy4gKi9cbmltcG9ydCB7IGFuc3dlckRpZmZlcmVuY2VzLCB0eXBlIENvbXBhcmlzb24gfSBmcm9tICcuLi8uLi9jb21wYXJpc29uL2Fuc3dlcnMuanMnO1xuaW1wb3J0IHR5cGUgeyBEaWZmZXJlbmNlIH0gZnJvbSAnLi4vLi4vY29tcGFyaXNvbi9kaWZmZXJlbmNlcy5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0sIFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgd3JpdGVKc29uIH0gZnJvbSAnLi4vLi4vdmFsdWUvanNvbi10ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgTWF0Y2hlcktpbmQgfSBmcm9tICcuLi9tYXRjaGVyLmpzJztcbmltcG9ydCB7IHNoYXBlUHJvYmxlbSwgc2hvcnRUZXh0IH0gZnJvbSAnLi4vcmVhZGluZy5qcyc7XG5cbmludGVyZmFjZSBCYXNlbGluZSBleHRlbmRzIENvbXBhcmlzb24ge1xuICByZWFkb25seSBmaWxlOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IGVjaG86IHN0cmluZyB8IHVuZGVmaW5lZDtcbn1cblxuY29uc3Qgc2hvd25EaWZmZXJlbmNlcyA9IDM7XG5cbmV4cG9ydCBjb25zdCBzYW1lQXM6IE1hdGNoZXJLaW5kID0ge1xuICBuYW1lOiAnc2FtZS1hcycsXG4gIGFib3V0OlxuICAgICdsaWtlIGEgZG9jdW1lbnQgb2YgdGhlIGNvbGxlY3Rpb24sIG9yIGxpa2UgdGhlIGFuc3dlciBvZiBhbiBlY2hvOiBge2ZpbGUgfCBlY2hvLCBpZ25vcmluZywgb25seSwgdW5vcmRlcmVkfWA7IGBydW4gLS1hY2NlcHRgIHdyaXRlcyB0aGUgZmlsZSBhbmV3JyxcbiAgZXhhbXBsZTogJ3tzYW1lLWFzOiB7ZmlsZTogZGF0YS9leHBlY3RlZC12ZXNzZWwuanNvbiwgaWdub3Jpbmc6IFskLnVwZGF0ZWRdfX0nLFxuICBjb21waWxlKGV4cGVjdGVkLCB7IHJlYWRUZXh0IH0pIHtcbiAgICBjb25zdCBiYXNlbGluZSA9IGJhc2VsaW5lT2YoZXhwZWN0ZWQpO1xuICAgIGNvbnN0IHsgZmlsZSwgZWNobyB9ID0gYmFzZWxpbmU7XG4gICAgY29uc3QgbmFtZWQgPSBmaWxlID8/IGBlY2hvICR7ZWNob31gO1xuICAgIGxldCB0ZXh0OiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gICAgY29uc3QgcmVhZCA9ICgpOiBzdHJpbmcgfCB1bmRlZmluZWQgPT4ge1xuICAgICAgaWYgKHRleHQgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHRleHQ7XG4gICAgICB0cnkge1xuICAgICAgICB0ZXh0ID0gcmVhZFRleHQoZWNobyA/PyAoZmlsZSBhcyBzdHJpbmcpKTtcbiAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgIGNvbnN0IHByb2JsZW0gPSBhc1Byb2JsZW0oZXJyb3IpO1xuICAgICAgICBpZiAocHJvYmxlbS5jb2RlICE9PSAnZmlsZS1ub3QtZm91bmQnKSB0aHJvdyBwcm9ibGVtO1xuICAgICAgfVxuICAgICAgcmV0dXJuIHRleHQ7XG4gICAgfTtcbiAgICBjb25zdCBkaWZmZXJlbmNlcyA9IChmb3VuZDogVmFsdWUgfCB1bmRlZmluZWQpOiByZWFkb25seSBEaWZmZXJlbmNlW10gfCB1bmRlZmluZWQgPT4ge1xuICAgICAgY29uc3Qgd2FudGVkID0gcmVhZCgpO1xuICAgICAgaWYgKHdhbnRlZCA9PT0gdW5kZWZpbmVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgICAgY29uc3QgcmlnaHQgPSB0eXBlb2YgZm91bmQgPT09ICdzdHJpbmcnID8geyB0ZXh0OiBmb3VuZCB9IDogeyB0ZXh0OiAnJywgdmFsdWU6IGZvdW5kID8/IG51bGwgfTtcbiAgICAgIGNvbnN0IHNpZGVzID0geyBzdGF0dXM6IHVuZGVmaW5lZCwgaGVhZGVyczogW10gfTtcbiAgICAgIHJldHVybiBhbnN3ZXJEaWZmZXJlbmNlcyh7IC4uLnNpZGVzLCB0ZXh0OiB3YW50ZWQgfSwgeyAuLi5zaWRlcywgLi4ucmlnaHQgfSwgYmFzZWxpbmUpO1xuICAgIH07XG4gICAgcmV0dXJuIHtcbiAgICAgIGRlc2NyaWJlOiAoKSA9PiBgdGhlIHNhbWUgYXMgJHtuYW1lZH1gLFxuICAgICAgbWlzcyhmb3VuZCwgeyBhY2NlcHQgfSkge1xuICAgICAgICBjb25zdCBkaWZmZXJlbnQgPSBkaWZmZXJlbmNlcyhmb3VuZCk7XG4gICAgICAgIGlmIChkaWZmZXJlbnQ/Lmxlbmd0aCA9PT0gMCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgICAgaWYgKGFjY2VwdCAmJiBmaWxlICE9PSB1bmRlZmluZWQgJiYgZm91bmQgIT09IHVuZGVmaW5lZCkge1xuICAgICAgICAgIGNvbnN0IHdyaXR0ZW4gPSB0eXBlb2YgZm91bmQgPT09ICdzdHJpbmcnID8gZm91bmQgOiBgJHt3cml0ZUpzb24oZm91bmQsIDIpfVxcbmA7XG4gICAgICAgICAgYWNjZXB0KHsgZmlsZSwgdGV4dDogd3JpdHRlbiwgZGlmZmVyZW5jZXM6IGRpZmZlcmVudCA/PyBbXSwgbWFkZTogZGlmZmVyZW50ID09PSB1bmRlZmluZWQgfSk7XG4gICAgICAgICAgdGV4dCA9IHdyaXR0ZW47XG4gICAgICAgICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgICAgfVxuICAgICAgICBpZiAoIWRpZmZlcmVudCkgcmV0dXJuIGB0aGVyZSBpcyBubyAke25hbWVkfSB5ZXQ7IHJ1biAtLWFjY2VwdCB3cml0ZXMgaXRgO1xuICAgICAgICBjb25zdCB0b2xkID0gZGlmZmVyZW50LnNsaWNlKDAsIHNob3duRGlmZmVyZW5jZXMpLm1hcCgoeyBhdCwgbGVmdCwgcmlnaHQgfSkgPT4gYCR7YXR9ICR7ZGlmZmVycyhsZWZ0LCByaWdodCl9YCk7XG4gICAgICAgIGNvbnN0IG1vcmUgPSBkaWZmZXJlbnQubGVuZ3RoIC0gdG9sZC5sZW5ndGg7XG4gICAgICAgIHJldHVybiBgJHt0b2xkLmpvaW4oJzsgJyl9JHttb3JlID4gMCA/IGA7IGFuZCAke21vcmV9IG1vcmVgIDogJyd9YDtcbiAgICAgIH0sXG4gICAgICBkZXZpYXRpb25zOiAoZm91bmQpID0+IGRpZmZlcmVuY2VzKGZvdW5kKSA/PyBbXSxcbiAgICB9O1xuICB9LFxufTtcblxuZnVuY3Rpb24gZGlmZmVycyhsZWZ0OiBWYWx1ZSB8IHVuZGVmaW5lZCwgcmlnaHQ6IFZhbHVlIHwgdW5kZWZpbmVkKTogc3RyaW5nIHtcbiAgaWYgKGxlZnQgPT09IHVuZGVmaW5lZCkgcmV0dXJuIGBpcyAke3Nob3J0VGV4dChyaWdodCl9LCBhbmQgbm90aGluZyB3YXMgZXhwZWN0ZWRgO1xuICBpZiAocmlnaHQgPT09IHVuZGVmaW5lZCkgcmV0dXJuIGBpcyBtaXNzaW5nLCAke3Nob3J0VGV4dChsZWZ0KX0gd2FzIGV4cGVjdGVkYDtcbiAgcmV0dXJuIGBpcyAke3Nob3J0VGV4dChyaWdodCl9LCBub3QgJHtzaG9ydFRleHQobGVmdCl9YDtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBtYXRjaGVyLXNoYXBlICovXG5mdW5jdGlvbiBiYXNlbGluZU9mKGV4cGVjdGVkOiBWYWx1ZSk6IEJhc2VsaW5lIHtcbiAgaWYgKHR5cGVvZiBleHBlY3RlZCA9PT0gJ3N0cmluZycpIHtcbiAgICByZXR1cm4gL15bYS16MC05XXs0fVxcLlxcZCskLy50ZXN0KGV4cGVjdGVkKVxuICAgICAgPyB7IGVjaG86IGV4cGVjdGVkLCBmaWxlOiB1bmRlZmluZWQgfVxuICAgICAgOiB7IGZpbGU6IGV4cGVjdGVkLCBlY2hvOiB1bmRlZmluZWQgfTtcbiAgfVxuICBjb25zdCB3YW50ZWQgPSAnYSBmaWxlLCB0aGUgaWQgb2YgYW4gZWNobywgb3Ige2ZpbGUgfCBlY2hvLCBpZ25vcmluZywgb25seSwgdW5vcmRlcmVkfSc7XG4gIGlmICghaXNWYWx1ZU1hcChleHBlY3RlZCkpIHRocm93IHNoYXBlUHJvYmxlbSgnc2FtZS1hcycsIHdhbnRlZCwgZXhwZWN0ZWQpO1xuICBjb25zdCB7IGZpbGUsIGVjaG8sIGlnbm9yaW5nLCBvbmx5LCB1bm9yZGVyZWQsIC4uLm90aGVycyB9ID0gZXhwZWN0ZWQgYXMgUmVjb3JkPHN0cmluZywgVmFsdWU+O1xuICBjb25zdCBbb3RoZXJdID0gT2JqZWN0LmtleXMob3RoZXJzKTtcbiAgaWYgKG90aGVyICE9PSB1bmRlZmluZWQpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnbWF0Y2hlci1zaGFwZScsIHsgd2hhdDogYHNhbWUtYXMgaGFzIG5vICR7b3RoZXJ9YCwgcmVtZWR5OiBgaXQgdGFrZXMgJHt3YW50ZWR9YCB9KTtcbiAgfVxuICBpZiAoKHR5cGVvZiBmaWxlID09PSAnc3RyaW5nJykgPT09ICh0eXBlb2YgZWNobyA9PT0gJ3N0cmluZycpKSB0aHJvdyBzaGFwZVByb2JsZW0oJ3NhbWUtYXMnLCB3YW50ZWQsIGV4cGVjdGVkKTtcbiAgY29uc3QgcGxhY2VzID0gKHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZCk6IHJlYWRvbmx5IHN0cmluZ1tdIHwgdW5kZWZpbmVkID0+IHtcbiAgICBpZiAodmFsdWUgPT09IHVuZGVmaW5lZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICBpZiAoQXJyYXkuaXNBcnJheSh2YWx1ZSkgJiYgKHZhbHVlIGFzIHJlYWRvbmx5IFZhbHVlW10pLmV2ZXJ5KChvbmUpID0+IHR5cGVvZiBvbmUgPT09ICdzdHJpbmcnKSkge1xuICAgICAgcmV0dXJuIHZhbHVlIGFzIHJlYWRvbmx5IHN0cmluZ1tdO1xuICAgIH1cbiAgICB0aHJvdyBzaGFwZVByb2JsZW0oJ3NhbWUtYXMnLCAnbGlzdHMgb2YgcGxhY2VzIGZvciBpZ25vcmluZyBhbmQgb25seScsIHZhbHVlKTtcbiAgfTtcbiAgaWYgKHVub3JkZXJlZCAhPT0gdW5kZWZpbmVkICYmICFpc1ZhbHVlTWFwKHVub3JkZXJlZCkpXG4gICAgdGhyb3cgc2hhcGVQcm9ibGVtKCdzYW1lLWFzJywgJ2EgbWFwIGZvciB1bm9yZGVyZWQnLCB1bm9yZGVyZWQpO1xuICByZXR1cm4ge1xuICAgIGZpbGU6IGZpbGUgYXMgc3RyaW5nIHwgdW5kZWZpbmVkLFxuICAgIGVjaG86IGVjaG8gYXMgc3RyaW5nIHwgdW5kZWZpbmVkLFxuICAgIGlnbm9yaW5nOiBwbGFjZXMoaWdub3JpbmcpLFxuICAgIG9ubHk6IHBsYWNlcyhvbmx5KSxcbiAgICB1bm9yZGVyZWQ6IHVub3JkZXJlZCBhcyBSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+IHwgdW5kZWZpbmVkLFxuICB9O1xufVxuIiwgIi8qKiBgc2NoZW1hYDogdmFsaWQgYnkgYSBKU09OIFNjaGVtYSAoMjAyMC0xMik6IGlubGluZSwgaW4gYSBmaWxlIG9mIHRoZSBjb2xsZWN0aW9uLCBvciB0aGUgZG9jdW1lbnRlZCBvbmUuICovXG5pbXBvcnQgdHlwZSB7IEFqdjIwMjAgYXMgQWp2VHlwZSwgVmFsaWRhdGVGdW5jdGlvbiB9IGZyb20gJ2Fqdi9kaXN0LzIwMjAuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBpc1ZhbHVlTWFwLCBwbGFpbiwgdHlwZSBWYWx1ZSwgV3JpdHRlbiB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBNYXRjaGVyS2luZCB9IGZyb20gJy4uL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgc2hhcGVQcm9ibGVtIH0gZnJvbSAnLi4vcmVhZGluZy5qcyc7XG5cbmxldCBhanY6IEFqdlR5cGUgfCB1bmRlZmluZWQ7XG5cbmFzeW5jIGZ1bmN0aW9uIGxvYWQoKTogUHJvbWlzZTx2b2lkPiB7XG4gIGlmIChhanYpIHJldHVybjtcbiAgY29uc3QgW3ZhbGlkYXRpb24sIGZvcm1hdHNdID0gYXdhaXQgUHJvbWlzZS5hbGwoW2ltcG9ydCgnYWp2L2Rpc3QvMjAyMC5qcycpLCBpbXBvcnQoJ2Fqdi1mb3JtYXRzJyldKTtcbiAgLy8gQ29tbW9uSlM6IHdoYXQgaXQgZXhwb3J0cyBpcyBiZWxvdyBgZGVmYXVsdGAsIHVuZGVyIE5vZGUgYXMgdW5kZXIgYSBidW5kbGVyLlxuICBjb25zdCB7IEFqdjIwMjAgfSA9IHZhbGlkYXRpb24uZGVmYXVsdCBhcyB1bmtub3duIGFzIHR5cGVvZiB2YWxpZGF0aW9uO1xuICAvLyBDb21waWxpbmcgdGhlIG1ldGEtc2NoZW1hIHRha2VzIGxvbmdlciB0aGFuIGFsbCB0aGUgY2hlY2tzIG9mIG1vc3QgcnVuczsgYSBicm9rZW4gc2NoZW1hIHN0aWxsIGZhaWxzIHRvIGNvbXBpbGUuXG4gIGFqdiA9IG5ldyBBanYyMDIwKHsgc3RyaWN0OiBmYWxzZSwgYWxsRXJyb3JzOiB0cnVlLCBsb2dnZXI6IGZhbHNlLCBtZXRhOiBmYWxzZSwgdmFsaWRhdGVTY2hlbWE6IGZhbHNlIH0pO1xuICBjb25zdCBhZGRGb3JtYXRzID0gZm9ybWF0cy5kZWZhdWx0IGFzIHVua25vd24gYXMgKCh0bzogQWp2VHlwZSkgPT4gdm9pZCkgJiB7IGRlZmF1bHQ/OiAodG86IEFqdlR5cGUpID0+IHZvaWQgfTtcbiAgKGFkZEZvcm1hdHMuZGVmYXVsdCA/PyBhZGRGb3JtYXRzKShhanYpO1xufVxuXG5jb25zdCBjb21waWxlZCA9IG5ldyBXZWFrTWFwPG9iamVjdCwgVmFsaWRhdGVGdW5jdGlvbj4oKTtcblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBtYXRjaGVyLXNoYXBlIHdoZW4gdGhlIHNjaGVtYSBpdHNlbGYgaXMgYnJva2VuICovXG5mdW5jdGlvbiB2YWxpZGF0b3Ioc2NoZW1hOiBvYmplY3QpOiBWYWxpZGF0ZUZ1bmN0aW9uIHtcbiAgbGV0IG1hZGUgPSBjb21waWxlZC5nZXQoc2NoZW1hKTtcbiAgaWYgKCFtYWRlKSB7XG4gICAgdHJ5IHtcbiAgICAgIG1hZGUgPSAoYWp2IGFzIEFqdlR5cGUpLmNvbXBpbGUoc2NoZW1hKTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ21hdGNoZXItc2hhcGUnLCB7XG4gICAgICAgIHdoYXQ6ICd0aGUgc2NoZW1hIGlzIG5vdCBhIHVzYWJsZSBKU09OIFNjaGVtYScsXG4gICAgICAgIGNhdXNlOiAoZXJyb3IgYXMgRXJyb3IpLm1lc3NhZ2UsXG4gICAgICB9KTtcbiAgICB9XG4gICAgY29tcGlsZWQuc2V0KHNjaGVtYSwgbWFkZSk7XG4gIH1cbiAgcmV0dXJuIG1hZGU7XG59XG5cbi8qKiBXaGVyZSB0aGUgdmFsdWUgYnJlYWtzIHRoZSBzY2hlbWEsIGF0IG1vc3QgdGhyZWUgcGxhY2VzOyB1bmRlZmluZWQgd2hlcmUgaXQgZG9lcyBub3QuICovXG5mdW5jdGlvbiBzY2hlbWFNaXNzKHNjaGVtYTogb2JqZWN0LCBmb3VuZDogVmFsdWUgfCB1bmRlZmluZWQpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICBjb25zdCB2YWxpZGF0ZSA9IHZhbGlkYXRvcihzY2hlbWEpO1xuICBpZiAodmFsaWRhdGUod2l0aFBsYWluU2NhbGFycyhmb3VuZCkpKSByZXR1cm4gdW5kZWZpbmVkO1xuICBjb25zdCBwbGFjZXMgPSAodmFsaWRhdGUuZXJyb3JzID8/IFtdKS5tYXAoXG4gICAgKHsgaW5zdGFuY2VQYXRoLCBtZXNzYWdlLCBwYXJhbXMgfSkgPT5cbiAgICAgIGAke2luc3RhbmNlUGF0aCA9PT0gJycgPyAndGhlIHZhbHVlJyA6IGAkJHtpbnN0YW5jZVBhdGgucmVwbGFjZUFsbCgnLycsICcuJyl9YH0gJHttZXNzYWdlID8/ICcnfSR7XG4gICAgICAgICdhZGRpdGlvbmFsUHJvcGVydHknIGluIHBhcmFtcyA/IGAgKCR7U3RyaW5nKHBhcmFtcy5hZGRpdGlvbmFsUHJvcGVydHkpfSlgIDogJydcbiAgICAgIH1gLFxuICApO1xuICByZXR1cm4gcGxhY2VzLnNsaWNlKDAsIDMpLmpvaW4oJzsgJykgKyAocGxhY2VzLmxlbmd0aCA+IDMgPyBgOyBhbmQgJHtwbGFjZXMubGVuZ3RoIC0gM30gbW9yZWAgOiAnJyk7XG59XG5cbmV4cG9ydCBjb25zdCBzY2hlbWE6IE1hdGNoZXJLaW5kID0ge1xuICBuYW1lOiAnc2NoZW1hJyxcbiAgYWJvdXQ6XG4gICAgJ3ZhbGlkIGJ5IGEgSlNPTiBTY2hlbWE6IHdyaXR0ZW4gaGVyZSwgYSBmaWxlIG9mIHRoZSBjb2xsZWN0aW9uLCBvciBgZG9jdW1lbnRlZGAgZm9yIHRoZSBvbmUgaW4gdGhlIGRvY3VtZW50YXRpb24nLFxuICBleGFtcGxlOiAne3NjaGVtYTogZG9jdW1lbnRlZH0nLFxuICBjb21waWxlKGV4cGVjdGVkLCB7IGxvYWRzLCByZWFkVGV4dCB9KSB7XG4gICAgbG9hZHMucHVzaChsb2FkKCkpO1xuICAgIGlmIChleHBlY3RlZCA9PT0gJ2RvY3VtZW50ZWQnKSB7XG4gICAgICByZXR1cm4ge1xuICAgICAgICBkZXNjcmliZTogKCkgPT4gJ3ZhbGlkIGJ5IHRoZSBkb2N1bWVudGVkIHNjaGVtYScsXG4gICAgICAgIG1pc3MoZm91bmQsIHsgZG9jdW1lbnRlZCB9KSB7XG4gICAgICAgICAgY29uc3Qga25vd24gPSBkb2N1bWVudGVkPy4oKTtcbiAgICAgICAgICByZXR1cm4ga25vd24gPyBzY2hlbWFNaXNzKGtub3duLCBmb3VuZCkgOiAndGhlIGRvY3VtZW50YXRpb24gaGFzIG5vIHNjaGVtYSBmb3IgdGhpcyBhbnN3ZXInO1xuICAgICAgICB9LFxuICAgICAgfTtcbiAgICB9XG4gICAgY29uc3QgZ2l2ZW4gPSB0eXBlb2YgZXhwZWN0ZWQgPT09ICdzdHJpbmcnID8gcGFyc2VkKGV4cGVjdGVkLCByZWFkVGV4dChleHBlY3RlZCkpIDogZXhwZWN0ZWQ7XG4gICAgaWYgKCFpc1ZhbHVlTWFwKGdpdmVuKSkgdGhyb3cgc2hhcGVQcm9ibGVtKCdzY2hlbWEnLCAnYSBKU09OIFNjaGVtYSwgYSBmaWxlIG9yIGRvY3VtZW50ZWQnLCBleHBlY3RlZCk7XG4gICAgY29uc3Qgd2hlcmUgPSB0eXBlb2YgZXhwZWN0ZWQgPT09ICdzdHJpbmcnID8gZXhwZWN0ZWQgOiAndGhlIHNjaGVtYSBnaXZlbic7XG4gICAgY29uc3Qgb3duID0gd2l0aFBsYWluU2NhbGFycyhnaXZlbikgYXMgb2JqZWN0O1xuICAgIHJldHVybiB7IGRlc2NyaWJlOiAoKSA9PiBgdmFsaWQgYnkgJHt3aGVyZX1gLCBtaXNzOiAoZm91bmQpID0+IHNjaGVtYU1pc3Mob3duLCBmb3VuZCkgfTtcbiAgfSxcbn07XG5cbmZ1bmN0aW9uIHBhcnNlZChwYXRoOiBzdHJpbmcsIHRleHQ6IHN0cmluZyk6IFZhbHVlIHtcbiAgdHJ5IHtcbiAgICByZXR1cm4gSlNPTi5wYXJzZSh0ZXh0KSBhcyBWYWx1ZTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZGF0YS1zaGFwZScsIHtcbiAgICAgIHdoYXQ6IGAke3BhdGh9IGlzIG5vdCBKU09OYCxcbiAgICAgIHdoZXJlOiB7IGZpbGU6IHBhdGggfSxcbiAgICAgIGNhdXNlOiAoZXJyb3IgYXMgRXJyb3IpLm1lc3NhZ2UsXG4gICAgfSk7XG4gIH1cbn1cblxuLyoqIFRoZSB2YWxpZGF0b3Iga25vd3MgcGxhaW4gSmF2YVNjcmlwdCBvbmx5LiAqL1xuZnVuY3Rpb24gd2l0aFBsYWluU2NhbGFycyh2YWx1ZTogdW5rbm93bik6IHVua25vd24ge1xuICBpZiAodmFsdWUgaW5zdGFuY2VvZiBXcml0dGVuKSByZXR1cm4gcGxhaW4odmFsdWUpO1xuICBpZiAoQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHJldHVybiB2YWx1ZS5tYXAod2l0aFBsYWluU2NhbGFycyk7XG4gIGlmICh0eXBlb2YgdmFsdWUgIT09ICdvYmplY3QnIHx8IHZhbHVlID09PSBudWxsKSByZXR1cm4gdmFsdWU7XG4gIHJldHVybiBPYmplY3QuZnJvbUVudHJpZXMoT2JqZWN0LmVudHJpZXModmFsdWUpLm1hcCgoW2tleSwgaXRlbV0pID0+IFtrZXksIHdpdGhQbGFpblNjYWxhcnMoaXRlbSldKSk7XG59XG4iLCAiLyoqIGB0eXBlYDogdGhlIEpTT04gdHlwZSwgYnkgdGhlIG5hbWVzIG9mIEpTT04gU2NoZW1hLiAqL1xuaW1wb3J0IHsgdHlwZU9mIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyB0eXBlIE1hdGNoZXJLaW5kLCB1bmxlc3MgfSBmcm9tICcuLi9tYXRjaGVyLmpzJztcbmltcG9ydCB7IHNoYXBlUHJvYmxlbSB9IGZyb20gJy4uL3JlYWRpbmcuanMnO1xuXG5jb25zdCBuYW1lcyA9IFsnc3RyaW5nJywgJ251bWJlcicsICdpbnRlZ2VyJywgJ2Jvb2xlYW4nLCAnYXJyYXknLCAnb2JqZWN0JywgJ251bGwnXTtcblxuZXhwb3J0IGNvbnN0IHR5cGU6IE1hdGNoZXJLaW5kID0ge1xuICBuYW1lOiAndHlwZScsXG4gIGFib3V0OiBgdGhlIEpTT04gdHlwZTogJHtuYW1lcy5qb2luKCcsICcpfTsgb3IgYSBsaXN0IG9mIHRoZW1gLFxuICBleGFtcGxlOiAne3R5cGU6IGludGVnZXJ9JyxcbiAgY29tcGlsZShleHBlY3RlZCkge1xuICAgIGNvbnN0IHdhbnRlZCA9IEFycmF5LmlzQXJyYXkoZXhwZWN0ZWQpID8gZXhwZWN0ZWQgOiBbZXhwZWN0ZWRdO1xuICAgIGlmICh3YW50ZWQubGVuZ3RoID09PSAwIHx8ICF3YW50ZWQuZXZlcnkoKG5hbWUpID0+IG5hbWVzLmluY2x1ZGVzKG5hbWUgYXMgc3RyaW5nKSkpIHtcbiAgICAgIHRocm93IHNoYXBlUHJvYmxlbSgndHlwZScsIG5hbWVzLmpvaW4oJywgJyksIGV4cGVjdGVkKTtcbiAgICB9XG4gICAgcmV0dXJuIHtcbiAgICAgIGRlc2NyaWJlOiAoKSA9PiBgb2YgdHlwZSAke3dhbnRlZC5qb2luKCcgb3IgJyl9YCxcbiAgICAgIG1pc3MoZm91bmQpIHtcbiAgICAgICAgaWYgKGZvdW5kID09PSB1bmRlZmluZWQpIHJldHVybiAnJztcbiAgICAgICAgY29uc3QgaXMgPSB0eXBlT2YoZm91bmQpO1xuICAgICAgICByZXR1cm4gdW5sZXNzKHdhbnRlZC5pbmNsdWRlcyhpcykgfHwgKGlzID09PSAnaW50ZWdlcicgJiYgd2FudGVkLmluY2x1ZGVzKCdudW1iZXInKSkpO1xuICAgICAgfSxcbiAgICB9O1xuICB9LFxufTtcbiIsICIvKiogQWxsIG1hdGNoZXJzLiBBIG5ldyBvbmUgaXMgb25lIGZpbGUgYW5kIG9uZSBsaW5lIGhlcmUuICovXG5pbXBvcnQgeyBlbmRzV2l0aCwgc3RhcnRzV2l0aCB9IGZyb20gJy4va2luZHMvYWZmaXguanMnO1xuaW1wb3J0IHsgY29udGFpbnMgfSBmcm9tICcuL2tpbmRzL2NvbnRhaW5zLmpzJztcbmltcG9ydCB7IGVxdWFscyB9IGZyb20gJy4va2luZHMvZXF1YWxzLmpzJztcbmltcG9ydCB7IGV4aXN0cyB9IGZyb20gJy4va2luZHMvZXhpc3RzLmpzJztcbmltcG9ydCB7IG1hdGNoZXMgfSBmcm9tICcuL2tpbmRzL21hdGNoZXMuanMnO1xuaW1wb3J0IHsgYWxsLCBhbnksIGNvdW50LCBub3QgfSBmcm9tICcuL2tpbmRzL25lc3RlZC5qcyc7XG5pbXBvcnQgeyBvbmVPZiB9IGZyb20gJy4va2luZHMvb25lLW9mLmpzJztcbmltcG9ydCB7IGF0TGVhc3QsIGF0TW9zdCwgb3ZlciwgdW5kZXIgfSBmcm9tICcuL2tpbmRzL29yZGVyLmpzJztcbmltcG9ydCB7IHNhbWVBcyB9IGZyb20gJy4va2luZHMvc2FtZS1hcy5qcyc7XG5pbXBvcnQgeyBzY2hlbWEgfSBmcm9tICcuL2tpbmRzL3NjaGVtYS5qcyc7XG5pbXBvcnQgeyB0eXBlIH0gZnJvbSAnLi9raW5kcy90eXBlLmpzJztcbmltcG9ydCB0eXBlIHsgTWF0Y2hlcktpbmQgfSBmcm9tICcuL21hdGNoZXIuanMnO1xuXG5leHBvcnQgY29uc3QgbWF0Y2hlcnM6IFJlYWRvbmx5TWFwPHN0cmluZywgTWF0Y2hlcktpbmQ+ID0gbmV3IE1hcChcbiAgW1xuICAgIGVxdWFscyxcbiAgICBub3QsXG4gICAgb25lT2YsXG4gICAgb3ZlcixcbiAgICBhdExlYXN0LFxuICAgIHVuZGVyLFxuICAgIGF0TW9zdCxcbiAgICBjb250YWlucyxcbiAgICBzdGFydHNXaXRoLFxuICAgIGVuZHNXaXRoLFxuICAgIG1hdGNoZXMsXG4gICAgZXhpc3RzLFxuICAgIHR5cGUsXG4gICAgY291bnQsXG4gICAgYWxsLFxuICAgIGFueSxcbiAgICBzY2hlbWEsXG4gICAgc2FtZUFzLFxuICBdLm1hcCgoa2luZCkgPT4gW2tpbmQubmFtZSwga2luZF0pLFxuKTtcbiIsICIvKiogQSB2YWx1ZSBvciBhIG1hcCBvZiBtYXRjaGVycywgYXMgd3JpdHRlbiBpbiBhIGZpbGUsIG1hZGUgaW50byBvbmUgY2hlY2suICovXG5pbXBvcnQgeyBuZWFyZXN0SGludCB9IGZyb20gJy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGVxdWFscyB9IGZyb20gJy4va2luZHMvZXF1YWxzLmpzJztcbmltcG9ydCB0eXBlIHsgQ2hlY2ssIE5lc3RlZCwgV29ya3Nob3AgfSBmcm9tICcuL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgbWF0Y2hlcnMgfSBmcm9tICcuL3JlZ2lzdHJ5LmpzJztcblxuLyoqXG4gKiBBIHBsYWluIHZhbHVlIG9yIGEgbGlzdCBtZWFucyBlcXVhbGl0eTsgYSBtYXAgaXMgYWx3YXlzIG1hdGNoZXJzLCBhbGwgb2Ygd2hpY2ggbXVzdCBob2xkLlxuICogQHRocm93cyBQcm9ibGVtIG1hdGNoZXItc2hhcGVcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvbXBpbGVNYXRjaGVycyhleHBlY3RlZDogVmFsdWUsIHdvcmtzaG9wOiBXb3Jrc2hvcCk6IENoZWNrIHtcbiAgY29uc3QgbmVzdGVkOiBOZXN0ZWQgPSAoaW5uZXIsIHN1YmplY3QpID0+IGNvbXBpbGVNYXRjaGVycyhpbm5lciwgeyAuLi53b3Jrc2hvcCwgc3ViamVjdCB9KTtcbiAgaWYgKCFpc1ZhbHVlTWFwKGV4cGVjdGVkKSkgcmV0dXJuIGVxdWFscy5jb21waWxlKGV4cGVjdGVkLCB3b3Jrc2hvcCwgbmVzdGVkKTtcbiAgY29uc3QgY2hlY2tzID0gT2JqZWN0LmVudHJpZXMoZXhwZWN0ZWQpLm1hcCgoW25hbWUsIHZhbHVlXSkgPT4ge1xuICAgIGNvbnN0IGtpbmQgPSBtYXRjaGVycy5nZXQobmFtZSk7XG4gICAgaWYgKCFraW5kKSB7XG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnbWF0Y2hlci1zaGFwZScsIHtcbiAgICAgICAgd2hhdDogYHRoZXJlIGlzIG5vIG1hdGNoZXIgJHtuYW1lfWAsXG4gICAgICAgIHJlbWVkeTogYCR7bmVhcmVzdEhpbnQobmFtZSwgbWF0Y2hlcnMua2V5cygpKX07IHRvIGNvbXBhcmUgd2l0aCBhIHdob2xlIG9iamVjdCB3cml0ZSB7ZXF1YWxzOiB7XHUyMDI2fX1gLFxuICAgICAgICBkYXRhOiB7IG1hdGNoZXI6IG5hbWUgfSxcbiAgICAgIH0pO1xuICAgIH1cbiAgICByZXR1cm4ga2luZC5jb21waWxlKHZhbHVlLCB3b3Jrc2hvcCwgbmVzdGVkKTtcbiAgfSk7XG4gIGNvbnN0IFtvbmx5XSA9IGNoZWNrcztcbiAgaWYgKGNoZWNrcy5sZW5ndGggPT09IDEgJiYgb25seSkgcmV0dXJuIG9ubHk7XG4gIGlmIChjaGVja3MubGVuZ3RoID09PSAwKVxuICAgIHRocm93IG5ldyBQcm9ibGVtKCdtYXRjaGVyLXNoYXBlJywge1xuICAgICAgd2hhdDogJ2FuIGVtcHR5IHsgfSBtYXRjaGVzIG5vdGhpbmcnLFxuICAgICAgcmVtZWR5OiAnd3JpdGUge2V4aXN0czogdHJ1ZX0sIG9yIHtlcXVhbHM6IHt9fScsXG4gICAgfSk7XG4gIHJldHVybiB7XG4gICAgZGVzY3JpYmU6ICgpID0+IGNoZWNrcy5tYXAoKGNoZWNrKSA9PiBjaGVjay5kZXNjcmliZSgpKS5qb2luKCcgYW5kICcpLFxuICAgIG1pc3MoZm91bmQsIHNpdHVhdGlvbikge1xuICAgICAgZm9yIChjb25zdCBjaGVjayBvZiBjaGVja3MpIHtcbiAgICAgICAgY29uc3QgbWlzcyA9IGNoZWNrLm1pc3MoZm91bmQsIHNpdHVhdGlvbik7XG4gICAgICAgIGlmIChtaXNzICE9PSB1bmRlZmluZWQpIHJldHVybiBtaXNzO1xuICAgICAgfVxuICAgICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICB9LFxuICB9O1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQThETyxJQUFNLFNBQVMsQ0FBQ0EsV0FBd0NBLFNBQVEsU0FBWTs7O0FDeERuRixTQUFTLE1BQU0sTUFBYyxPQUFlLE1BQTREO0FBQ3RHLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxPQUFPLGVBQWUsS0FBSztBQUFBLElBQzNCLFNBQVMsU0FBUyxnQkFBZ0Isb0NBQW9DO0FBQUEsSUFDdEUsUUFBUSxVQUFVO0FBQ2hCLFVBQUksT0FBTyxNQUFNLFFBQVEsTUFBTSxTQUFVLE9BQU0sYUFBYSxNQUFNLFVBQVUsUUFBUTtBQUNwRixZQUFNLE9BQU8sT0FBTyxRQUFRO0FBQzVCLFlBQU1DLFNBQVEsQ0FBQyxVQUFzQyxPQUFPLFVBQVUsWUFBWSxLQUFLLE9BQU8sSUFBSTtBQUNsRyxhQUFPLEVBQUUsVUFBVSxNQUFNLEdBQUcsS0FBSyxJQUFJLFVBQVUsSUFBSSxDQUFDLElBQUksTUFBTSxDQUFDLFVBQVUsT0FBT0EsT0FBTSxLQUFLLENBQUMsRUFBRTtBQUFBLElBQ2hHO0FBQUEsRUFDRjtBQUNGO0FBRU8sSUFBTSxhQUFhLE1BQU0sZUFBZSxlQUFlLENBQUMsTUFBTSxTQUFTLEtBQUssV0FBVyxJQUFJLENBQUM7QUFDNUYsSUFBTSxXQUFXLE1BQU0sYUFBYSxhQUFhLENBQUMsTUFBTSxTQUFTLEtBQUssU0FBUyxJQUFJLENBQUM7OztBQ2RwRixJQUFNLFdBQXdCO0FBQUEsRUFDbkMsTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsU0FBUztBQUFBLEVBQ1QsU0FBUyxDQUFDLGNBQWM7QUFBQSxJQUN0QixVQUFVLE1BQU0sWUFBWSxVQUFVLFFBQVEsQ0FBQztBQUFBLElBQy9DLE1BQU0sQ0FBQyxVQUFVLE9BQU8sTUFBTSxPQUFPLFFBQVEsQ0FBQztBQUFBLEVBQ2hEO0FBQ0Y7QUFFQSxTQUFTLE1BQU0sT0FBMEIsVUFBMEI7QUFDakUsTUFBSSxPQUFPLFVBQVUsU0FBVSxRQUFPLE1BQU0sU0FBUyxPQUFPLFFBQVEsQ0FBQztBQUNyRSxNQUFJLE1BQU0sUUFBUSxLQUFLO0FBQ3JCLFdBQU8sTUFBTSxLQUFLLENBQUMsU0FBZ0IsWUFBWSxNQUFNLFFBQVEsS0FBTSxXQUFXLFFBQVEsS0FBSyxNQUFNLE1BQU0sUUFBUSxDQUFFO0FBQ25ILE1BQUksVUFBVSxVQUFhLENBQUMsV0FBVyxLQUFLLEtBQUssQ0FBQyxXQUFXLFFBQVEsRUFBRyxRQUFPLE1BQU0sS0FBSyxNQUFNLE1BQU0sUUFBUTtBQUM5RyxTQUFPLE9BQU8sUUFBUSxRQUFRLEVBQUUsTUFBTSxDQUFDLENBQUMsS0FBSyxLQUFLLE1BQU0sT0FBTyxPQUFPLE9BQU8sR0FBRyxLQUFLLFlBQVksTUFBTSxHQUFHLEdBQUcsS0FBSyxDQUFDO0FBQ3JIOzs7QUNuQk8sSUFBTSxTQUFzQjtBQUFBLEVBQ2pDLE1BQU07QUFBQSxFQUNOLE9BQU87QUFBQSxFQUNQLFNBQVM7QUFBQSxFQUNULFFBQVEsVUFBVSxFQUFFLFFBQVEsR0FBRztBQUM3QixVQUFNLE9BQU8sU0FBUyxVQUFVLFVBQVUsT0FBTztBQUNqRCxXQUFPLEVBQUUsVUFBVSxNQUFNLFVBQVUsUUFBUSxHQUFHLE1BQU0sQ0FBQyxVQUFVLE9BQU8sS0FBSyxLQUFLLENBQUMsRUFBRTtBQUFBLEVBQ3JGO0FBQ0Y7OztBQ1JPLElBQU0sU0FBc0I7QUFBQSxFQUNqQyxNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxRQUFRLFVBQVU7QUFDaEIsUUFBSSxPQUFPLGFBQWEsVUFBVyxPQUFNLGFBQWEsVUFBVSxpQkFBaUIsUUFBUTtBQUN6RixXQUFPO0FBQUEsTUFDTCxVQUFVLE1BQU8sV0FBVyxXQUFXO0FBQUEsTUFDdkMsTUFBTSxDQUFDLFVBQVUsUUFBUSxVQUFVLFVBQWEsRUFBRSxNQUFNLFFBQVEsS0FBSyxLQUFLLE1BQU0sV0FBVyxRQUFRLFFBQVE7QUFBQSxJQUM3RztBQUFBLEVBQ0Y7QUFDRjs7O0FDUk8sSUFBTSxVQUF1QjtBQUFBLEVBQ2xDLE1BQU07QUFBQSxFQUNOLE9BQU87QUFBQSxFQUNQLFNBQVM7QUFBQSxFQUNULFFBQVEsVUFBVSxFQUFFLE1BQU0sR0FBRztBQUMzQixRQUFJLE9BQU8sYUFBYSxTQUFVLE9BQU0sYUFBYSxXQUFXLHdCQUF3QixRQUFRO0FBRWhHLFVBQU07QUFBQSxNQUNKLFdBQVcsRUFBRSxLQUFLLE1BQU07QUFDdEIsWUFBSSxDQUFDLFVBQVUsUUFBUSxFQUFHLE9BQU0sYUFBYSxXQUFXLHdCQUF3QixRQUFRO0FBQUEsTUFDMUYsQ0FBQztBQUFBLElBQ0g7QUFDQSxXQUFPO0FBQUEsTUFDTCxVQUFVLE1BQU0sV0FBVyxRQUFRO0FBQUEsTUFDbkMsTUFBTSxDQUFDLFVBQVUsT0FBTyxNQUFNLEtBQUssTUFBTSxRQUFRLFVBQVUsVUFBYSxjQUFjLFVBQVUsT0FBTyxLQUFLLENBQUMsQ0FBQztBQUFBLElBQ2hIO0FBQUEsRUFDRjtBQUNGOzs7QUNwQkEsSUFBTSxTQUFTLEVBQUUsUUFBUSxLQUFLO0FBRXZCLElBQU0sTUFBbUI7QUFBQSxFQUM5QixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxRQUFRLFVBQVUsRUFBRSxRQUFRLEdBQUcsUUFBUTtBQUNyQyxVQUFNLFFBQVEsT0FBTyxVQUFVLE9BQU87QUFDdEMsV0FBTztBQUFBLE1BQ0wsVUFBVSxNQUFNLE9BQU8sTUFBTSxTQUFTLENBQUM7QUFBQSxNQUN2QyxNQUFNLENBQUMsT0FBTyxjQUFjLE9BQU8sTUFBTSxLQUFLLE9BQU8sU0FBUyxNQUFNLE1BQVM7QUFBQSxJQUMvRTtBQUFBLEVBQ0Y7QUFDRjtBQUVPLElBQU0sUUFBcUI7QUFBQSxFQUNoQyxNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxRQUFRLFVBQVUsV0FBVyxRQUFRO0FBQ25DLFVBQU0sUUFBUSxPQUFPLFVBQVUsTUFBTTtBQUNyQyxXQUFPO0FBQUEsTUFDTCxVQUFVLE1BQU0sY0FBYyxNQUFNLFNBQVMsQ0FBQztBQUFBLE1BQzlDLEtBQUssT0FBTyxXQUFXO0FBQ3JCLGNBQU0sT0FBTyxPQUFPLEtBQUs7QUFDekIsZUFBTyxTQUFTLFVBQWEsTUFBTSxLQUFLLE1BQU0sU0FBUyxNQUFNLFNBQ3pELFNBQ0EsZ0JBQWdCLFFBQVEsV0FBVztBQUFBLE1BQ3pDO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLFNBQVMsT0FBTyxPQUE4QztBQUM1RCxNQUFJLE9BQU8sVUFBVSxTQUFVLFFBQU8sQ0FBQyxHQUFHLEtBQUssRUFBRTtBQUNqRCxNQUFJLE1BQU0sUUFBUSxLQUFLLEVBQUcsUUFBTyxNQUFNO0FBQ3ZDLFNBQU8sVUFBVSxVQUFhLFdBQVcsS0FBSyxJQUFJLE9BQU8sS0FBSyxLQUFLLEVBQUUsU0FBUztBQUNoRjtBQUVPLElBQU0sTUFBbUI7QUFBQSxFQUM5QixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxRQUFRLFVBQVUsV0FBVyxRQUFRO0FBQ25DLFVBQU0sUUFBUSxPQUFPLFVBQVUsTUFBTTtBQUNyQyxXQUFPO0FBQUEsTUFDTCxVQUFVLE1BQU0sT0FBTyxNQUFNLFNBQVMsQ0FBQztBQUFBLE1BQ3ZDLEtBQUssT0FBTyxXQUFXO0FBQ3JCLFlBQUksQ0FBQyxNQUFNLFFBQVEsS0FBSyxFQUFHLFFBQU87QUFDbEMsY0FBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFNBQWdCLE1BQU0sS0FBSyxNQUFNLFNBQVMsTUFBTSxNQUFTO0FBQ3hGLGVBQU8sVUFBVSxLQUFLLFNBQVksUUFBUSxLQUFLO0FBQUEsTUFDakQ7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBRU8sSUFBTSxNQUFtQjtBQUFBLEVBQzlCLE1BQU07QUFBQSxFQUNOLE9BQU87QUFBQSxFQUNQLFNBQVM7QUFBQSxFQUNULFFBQVEsVUFBVSxXQUFXLFFBQVE7QUFDbkMsVUFBTSxRQUFRLE9BQU8sVUFBVSxNQUFNO0FBQ3JDLFdBQU87QUFBQSxNQUNMLFVBQVUsTUFBTSxPQUFPLE1BQU0sU0FBUyxDQUFDO0FBQUEsTUFDdkMsS0FBSyxPQUFPLFdBQVc7QUFDckIsWUFBSSxDQUFDLE1BQU0sUUFBUSxLQUFLLEVBQUcsUUFBTztBQUNsQyxlQUFPLE9BQU8sTUFBTSxLQUFLLENBQUMsU0FBZ0IsTUFBTSxLQUFLLE1BQU0sU0FBUyxNQUFNLE1BQVMsQ0FBQztBQUFBLE1BQ3RGO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjs7O0FDdEVPLElBQU0sUUFBcUI7QUFBQSxFQUNoQyxNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxRQUFRLFVBQVUsRUFBRSxRQUFRLEdBQUc7QUFDN0IsUUFBSSxDQUFDLE1BQU0sUUFBUSxRQUFRLEtBQUssU0FBUyxXQUFXLEVBQUcsT0FBTSxhQUFhLFVBQVUsVUFBVSxRQUFRO0FBQ3RHLFVBQU0sVUFBVSxTQUFTLElBQUksQ0FBQyxXQUFXLFNBQVMsVUFBVSxRQUFRLE9BQU8sQ0FBQztBQUM1RSxXQUFPO0FBQUEsTUFDTCxVQUFVLE1BQU0sVUFBVSxTQUFTLElBQUksU0FBUyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUEsTUFDNUQsTUFBTSxDQUFDLFVBQVUsT0FBTyxRQUFRLEtBQUssQ0FBQyxXQUFXLE9BQU8sS0FBSyxDQUFDLENBQUM7QUFBQSxJQUNqRTtBQUFBLEVBQ0Y7QUFDRjs7O0FDWEEsU0FBUyxNQUFNLE1BQWMsT0FBZUMsUUFBK0Q7QUFDekcsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLE9BQU8sWUFBWSxLQUFLO0FBQUEsSUFDeEIsU0FBUyxJQUFJLElBQUk7QUFBQSxJQUNqQixRQUFRLFVBQVUsRUFBRSxRQUFRLEdBQUc7QUFDN0IsWUFBTSxRQUFRLGVBQWUsTUFBTSxVQUFVLE9BQU87QUFDcEQsWUFBTSxRQUNKLFFBQVEsU0FBUyxhQUFhLGFBQWEsS0FBSyxJQUFJLFFBQVEsU0FBUyxTQUFTLFNBQVMsS0FBSyxJQUFJLE9BQU8sS0FBSztBQUM5RyxhQUFPO0FBQUEsUUFDTCxVQUFVLE1BQU0sR0FBRyxLQUFLLElBQUksS0FBSztBQUFBLFFBQ2pDLEtBQUssT0FBTztBQUNWLGdCQUFNLFNBQVMsWUFBWSxPQUFPLE9BQU87QUFDekMsaUJBQU8sT0FBTyxXQUFXLFVBQWFBLE9BQU0sUUFBUSxLQUFLLENBQUM7QUFBQSxRQUM1RDtBQUFBLE1BQ0Y7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBRU8sSUFBTSxPQUFPLE1BQU0sUUFBUSxRQUFRLENBQUMsT0FBTyxVQUFVLFFBQVEsS0FBSztBQUNsRSxJQUFNLFVBQVUsTUFBTSxZQUFZLFlBQVksQ0FBQyxPQUFPLFVBQVUsU0FBUyxLQUFLO0FBQzlFLElBQU0sUUFBUSxNQUFNLFNBQVMsU0FBUyxDQUFDLE9BQU8sVUFBVSxRQUFRLEtBQUs7QUFDckUsSUFBTSxTQUFTLE1BQU0sV0FBVyxXQUFXLENBQUMsT0FBTyxVQUFVLFNBQVMsS0FBSzs7O0FDZGxGLElBQU0sbUJBQW1CO0FBRWxCLElBQU0sU0FBc0I7QUFBQSxFQUNqQyxNQUFNO0FBQUEsRUFDTixPQUNFO0FBQUEsRUFDRixTQUFTO0FBQUEsRUFDVCxRQUFRLFVBQVUsRUFBRSxTQUFTLEdBQUc7QUFDOUIsVUFBTSxXQUFXLFdBQVcsUUFBUTtBQUNwQyxVQUFNLEVBQUUsTUFBTSxLQUFLLElBQUk7QUFDdkIsVUFBTSxRQUFRLFFBQVEsUUFBUSxJQUFJO0FBQ2xDLFFBQUk7QUFDSixVQUFNLE9BQU8sTUFBMEI7QUFDckMsVUFBSSxTQUFTLE9BQVcsUUFBTztBQUMvQixVQUFJO0FBQ0YsZUFBTyxTQUFTLFFBQVMsSUFBZTtBQUFBLE1BQzFDLFNBQVMsT0FBTztBQUNkLGNBQU0sVUFBVSxVQUFVLEtBQUs7QUFDL0IsWUFBSSxRQUFRLFNBQVMsaUJBQWtCLE9BQU07QUFBQSxNQUMvQztBQUNBLGFBQU87QUFBQSxJQUNUO0FBQ0EsVUFBTSxjQUFjLENBQUMsVUFBZ0U7QUFDbkYsWUFBTSxTQUFTLEtBQUs7QUFDcEIsVUFBSSxXQUFXLE9BQVcsUUFBTztBQUNqQyxZQUFNLFFBQVEsT0FBTyxVQUFVLFdBQVcsRUFBRSxNQUFNLE1BQU0sSUFBSSxFQUFFLE1BQU0sSUFBSSxPQUFPLFNBQVMsS0FBSztBQUM3RixZQUFNLFFBQVEsRUFBRSxRQUFRLFFBQVcsU0FBUyxDQUFDLEVBQUU7QUFDL0MsYUFBTyxrQkFBa0IsRUFBRSxHQUFHLE9BQU8sTUFBTSxPQUFPLEdBQUcsRUFBRSxHQUFHLE9BQU8sR0FBRyxNQUFNLEdBQUcsUUFBUTtBQUFBLElBQ3ZGO0FBQ0EsV0FBTztBQUFBLE1BQ0wsVUFBVSxNQUFNLGVBQWUsS0FBSztBQUFBLE1BQ3BDLEtBQUssT0FBTyxFQUFFLE9BQU8sR0FBRztBQUN0QixjQUFNLFlBQVksWUFBWSxLQUFLO0FBQ25DLFlBQUksV0FBVyxXQUFXLEVBQUcsUUFBTztBQUNwQyxZQUFJLFVBQVUsU0FBUyxVQUFhLFVBQVUsUUFBVztBQUN2RCxnQkFBTSxVQUFVLE9BQU8sVUFBVSxXQUFXLFFBQVEsR0FBRyxVQUFVLE9BQU8sQ0FBQyxDQUFDO0FBQUE7QUFDMUUsaUJBQU8sRUFBRSxNQUFNLE1BQU0sU0FBUyxhQUFhLGFBQWEsQ0FBQyxHQUFHLE1BQU0sY0FBYyxPQUFVLENBQUM7QUFDM0YsaUJBQU87QUFDUCxpQkFBTztBQUFBLFFBQ1Q7QUFDQSxZQUFJLENBQUMsVUFBVyxRQUFPLGVBQWUsS0FBSztBQUMzQyxjQUFNLE9BQU8sVUFBVSxNQUFNLEdBQUcsZ0JBQWdCLEVBQUUsSUFBSSxDQUFDLEVBQUUsSUFBSSxNQUFNLE1BQU0sTUFBTSxHQUFHLEVBQUUsSUFBSSxRQUFRLE1BQU0sS0FBSyxDQUFDLEVBQUU7QUFDOUcsY0FBTSxPQUFPLFVBQVUsU0FBUyxLQUFLO0FBQ3JDLGVBQU8sR0FBRyxLQUFLLEtBQUssSUFBSSxDQUFDLEdBQUcsT0FBTyxJQUFJLFNBQVMsSUFBSSxVQUFVLEVBQUU7QUFBQSxNQUNsRTtBQUFBLE1BQ0EsWUFBWSxDQUFDLFVBQVUsWUFBWSxLQUFLLEtBQUssQ0FBQztBQUFBLElBQ2hEO0FBQUEsRUFDRjtBQUNGO0FBRUEsU0FBUyxRQUFRLE1BQXlCLE9BQWtDO0FBQzFFLE1BQUksU0FBUyxPQUFXLFFBQU8sTUFBTSxVQUFVLEtBQUssQ0FBQztBQUNyRCxNQUFJLFVBQVUsT0FBVyxRQUFPLGVBQWUsVUFBVSxJQUFJLENBQUM7QUFDOUQsU0FBTyxNQUFNLFVBQVUsS0FBSyxDQUFDLFNBQVMsVUFBVSxJQUFJLENBQUM7QUFDdkQ7QUFHQSxTQUFTLFdBQVcsVUFBMkI7QUFDN0MsTUFBSSxPQUFPLGFBQWEsVUFBVTtBQUNoQyxXQUFPLHFCQUFxQixLQUFLLFFBQVEsSUFDckMsRUFBRSxNQUFNLFVBQVUsTUFBTSxPQUFVLElBQ2xDLEVBQUUsTUFBTSxVQUFVLE1BQU0sT0FBVTtBQUFBLEVBQ3hDO0FBQ0EsUUFBTSxTQUFTO0FBQ2YsTUFBSSxDQUFDLFdBQVcsUUFBUSxFQUFHLE9BQU0sYUFBYSxXQUFXLFFBQVEsUUFBUTtBQUN6RSxRQUFNLEVBQUUsTUFBTSxNQUFNLFVBQVUsTUFBTSxXQUFXLEdBQUcsT0FBTyxJQUFJO0FBQzdELFFBQU0sQ0FBQyxLQUFLLElBQUksT0FBTyxLQUFLLE1BQU07QUFDbEMsTUFBSSxVQUFVLFFBQVc7QUFDdkIsVUFBTSxJQUFJLFFBQVEsaUJBQWlCLEVBQUUsTUFBTSxrQkFBa0IsS0FBSyxJQUFJLFFBQVEsWUFBWSxNQUFNLEdBQUcsQ0FBQztBQUFBLEVBQ3RHO0FBQ0EsTUFBSyxPQUFPLFNBQVMsY0FBZSxPQUFPLFNBQVMsVUFBVyxPQUFNLGFBQWEsV0FBVyxRQUFRLFFBQVE7QUFDN0csUUFBTSxTQUFTLENBQUMsVUFBNEQ7QUFDMUUsUUFBSSxVQUFVLE9BQVcsUUFBTztBQUNoQyxRQUFJLE1BQU0sUUFBUSxLQUFLLEtBQU0sTUFBMkIsTUFBTSxDQUFDLFFBQVEsT0FBTyxRQUFRLFFBQVEsR0FBRztBQUMvRixhQUFPO0FBQUEsSUFDVDtBQUNBLFVBQU0sYUFBYSxXQUFXLHlDQUF5QyxLQUFLO0FBQUEsRUFDOUU7QUFDQSxNQUFJLGNBQWMsVUFBYSxDQUFDLFdBQVcsU0FBUztBQUNsRCxVQUFNLGFBQWEsV0FBVyx1QkFBdUIsU0FBUztBQUNoRSxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0E7QUFBQSxJQUNBLFVBQVUsT0FBTyxRQUFRO0FBQUEsSUFDekIsTUFBTSxPQUFPLElBQUk7QUFBQSxJQUNqQjtBQUFBLEVBQ0Y7QUFDRjs7O0FDOUZBLElBQUk7QUFFSixlQUFlLE9BQXNCO0FBQ25DLE1BQUksSUFBSztBQUNULFFBQU0sQ0FBQyxZQUFZLE9BQU8sSUFBSSxNQUFNLFFBQVEsSUFBSSxDQUFDLE9BQU8sa0JBQWtCLEdBQUcsT0FBTyxhQUFhLENBQUMsQ0FBQztBQUVuRyxRQUFNLEVBQUUsUUFBUSxJQUFJLFdBQVc7QUFFL0IsUUFBTSxJQUFJLFFBQVEsRUFBRSxRQUFRLE9BQU8sV0FBVyxNQUFNLFFBQVEsT0FBTyxNQUFNLE9BQU8sZ0JBQWdCLE1BQU0sQ0FBQztBQUN2RyxRQUFNLGFBQWEsUUFBUTtBQUMzQixHQUFDLFdBQVcsV0FBVyxZQUFZLEdBQUc7QUFDeEM7QUFFQSxJQUFNLFdBQVcsb0JBQUksUUFBa0M7QUFHdkQsU0FBUyxVQUFVQyxTQUFrQztBQUNuRCxNQUFJLE9BQU8sU0FBUyxJQUFJQSxPQUFNO0FBQzlCLE1BQUksQ0FBQyxNQUFNO0FBQ1QsUUFBSTtBQUNGLGFBQVEsSUFBZ0IsUUFBUUEsT0FBTTtBQUFBLElBQ3hDLFNBQVMsT0FBTztBQUNkLFlBQU0sSUFBSSxRQUFRLGlCQUFpQjtBQUFBLFFBQ2pDLE1BQU07QUFBQSxRQUNOLE9BQVEsTUFBZ0I7QUFBQSxNQUMxQixDQUFDO0FBQUEsSUFDSDtBQUNBLGFBQVMsSUFBSUEsU0FBUSxJQUFJO0FBQUEsRUFDM0I7QUFDQSxTQUFPO0FBQ1Q7QUFHQSxTQUFTLFdBQVdBLFNBQWdCLE9BQThDO0FBQ2hGLFFBQU0sV0FBVyxVQUFVQSxPQUFNO0FBQ2pDLE1BQUksU0FBUyxpQkFBaUIsS0FBSyxDQUFDLEVBQUcsUUFBTztBQUM5QyxRQUFNLFVBQVUsU0FBUyxVQUFVLENBQUMsR0FBRztBQUFBLElBQ3JDLENBQUMsRUFBRSxjQUFjLFNBQVMsT0FBTyxNQUMvQixHQUFHLGlCQUFpQixLQUFLLGNBQWMsSUFBSSxhQUFhLFdBQVcsS0FBSyxHQUFHLENBQUMsRUFBRSxJQUFJLFdBQVcsRUFBRSxHQUM3Rix3QkFBd0IsU0FBUyxLQUFLLE9BQU8sT0FBTyxrQkFBa0IsQ0FBQyxNQUFNLEVBQy9FO0FBQUEsRUFDSjtBQUNBLFNBQU8sT0FBTyxNQUFNLEdBQUcsQ0FBQyxFQUFFLEtBQUssSUFBSSxLQUFLLE9BQU8sU0FBUyxJQUFJLFNBQVMsT0FBTyxTQUFTLENBQUMsVUFBVTtBQUNsRztBQUVPLElBQU0sU0FBc0I7QUFBQSxFQUNqQyxNQUFNO0FBQUEsRUFDTixPQUNFO0FBQUEsRUFDRixTQUFTO0FBQUEsRUFDVCxRQUFRLFVBQVUsRUFBRSxPQUFPLFNBQVMsR0FBRztBQUNyQyxVQUFNLEtBQUssS0FBSyxDQUFDO0FBQ2pCLFFBQUksYUFBYSxjQUFjO0FBQzdCLGFBQU87QUFBQSxRQUNMLFVBQVUsTUFBTTtBQUFBLFFBQ2hCLEtBQUssT0FBTyxFQUFFLFdBQVcsR0FBRztBQUMxQixnQkFBTSxRQUFRLGFBQWE7QUFDM0IsaUJBQU8sUUFBUSxXQUFXLE9BQU8sS0FBSyxJQUFJO0FBQUEsUUFDNUM7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUNBLFVBQU0sUUFBUSxPQUFPLGFBQWEsV0FBVyxPQUFPLFVBQVUsU0FBUyxRQUFRLENBQUMsSUFBSTtBQUNwRixRQUFJLENBQUMsV0FBVyxLQUFLLEVBQUcsT0FBTSxhQUFhLFVBQVUsdUNBQXVDLFFBQVE7QUFDcEcsVUFBTSxRQUFRLE9BQU8sYUFBYSxXQUFXLFdBQVc7QUFDeEQsVUFBTSxNQUFNLGlCQUFpQixLQUFLO0FBQ2xDLFdBQU8sRUFBRSxVQUFVLE1BQU0sWUFBWSxLQUFLLElBQUksTUFBTSxDQUFDLFVBQVUsV0FBVyxLQUFLLEtBQUssRUFBRTtBQUFBLEVBQ3hGO0FBQ0Y7QUFFQSxTQUFTLE9BQU8sTUFBYyxNQUFxQjtBQUNqRCxNQUFJO0FBQ0YsV0FBTyxLQUFLLE1BQU0sSUFBSTtBQUFBLEVBQ3hCLFNBQVMsT0FBTztBQUNkLFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNLEdBQUcsSUFBSTtBQUFBLE1BQ2IsT0FBTyxFQUFFLE1BQU0sS0FBSztBQUFBLE1BQ3BCLE9BQVEsTUFBZ0I7QUFBQSxJQUMxQixDQUFDO0FBQUEsRUFDSDtBQUNGO0FBR0EsU0FBUyxpQkFBaUIsT0FBeUI7QUFDakQsTUFBSSxpQkFBaUIsUUFBUyxRQUFPLE1BQU0sS0FBSztBQUNoRCxNQUFJLE1BQU0sUUFBUSxLQUFLLEVBQUcsUUFBTyxNQUFNLElBQUksZ0JBQWdCO0FBQzNELE1BQUksT0FBTyxVQUFVLFlBQVksVUFBVSxLQUFNLFFBQU87QUFDeEQsU0FBTyxPQUFPLFlBQVksT0FBTyxRQUFRLEtBQUssRUFBRSxJQUFJLENBQUMsQ0FBQyxLQUFLLElBQUksTUFBTSxDQUFDLEtBQUssaUJBQWlCLElBQUksQ0FBQyxDQUFDLENBQUM7QUFDckc7OztBQ3pGQSxJQUFNLFFBQVEsQ0FBQyxVQUFVLFVBQVUsV0FBVyxXQUFXLFNBQVMsVUFBVSxNQUFNO0FBRTNFLElBQU0sT0FBb0I7QUFBQSxFQUMvQixNQUFNO0FBQUEsRUFDTixPQUFPLGtCQUFrQixNQUFNLEtBQUssSUFBSSxDQUFDO0FBQUEsRUFDekMsU0FBUztBQUFBLEVBQ1QsUUFBUSxVQUFVO0FBQ2hCLFVBQU0sU0FBUyxNQUFNLFFBQVEsUUFBUSxJQUFJLFdBQVcsQ0FBQyxRQUFRO0FBQzdELFFBQUksT0FBTyxXQUFXLEtBQUssQ0FBQyxPQUFPLE1BQU0sQ0FBQyxTQUFTLE1BQU0sU0FBUyxJQUFjLENBQUMsR0FBRztBQUNsRixZQUFNLGFBQWEsUUFBUSxNQUFNLEtBQUssSUFBSSxHQUFHLFFBQVE7QUFBQSxJQUN2RDtBQUNBLFdBQU87QUFBQSxNQUNMLFVBQVUsTUFBTSxXQUFXLE9BQU8sS0FBSyxNQUFNLENBQUM7QUFBQSxNQUM5QyxLQUFLLE9BQU87QUFDVixZQUFJLFVBQVUsT0FBVyxRQUFPO0FBQ2hDLGNBQU0sS0FBSyxPQUFPLEtBQUs7QUFDdkIsZUFBTyxPQUFPLE9BQU8sU0FBUyxFQUFFLEtBQU0sT0FBTyxhQUFhLE9BQU8sU0FBUyxRQUFRLENBQUU7QUFBQSxNQUN0RjtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7OztBQ1hPLElBQU0sV0FBNkMsSUFBSTtBQUFBLEVBQzVEO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRixFQUFFLElBQUksQ0FBQyxTQUFTLENBQUMsS0FBSyxNQUFNLElBQUksQ0FBQztBQUNuQzs7O0FDdkJPLFNBQVMsZ0JBQWdCLFVBQWlCLFVBQTJCO0FBQzFFLFFBQU0sU0FBaUIsQ0FBQyxPQUFPLFlBQVksZ0JBQWdCLE9BQU8sRUFBRSxHQUFHLFVBQVUsUUFBUSxDQUFDO0FBQzFGLE1BQUksQ0FBQyxXQUFXLFFBQVEsRUFBRyxRQUFPLE9BQU8sUUFBUSxVQUFVLFVBQVUsTUFBTTtBQUMzRSxRQUFNLFNBQVMsT0FBTyxRQUFRLFFBQVEsRUFBRSxJQUFJLENBQUMsQ0FBQyxNQUFNLEtBQUssTUFBTTtBQUM3RCxVQUFNLE9BQU8sU0FBUyxJQUFJLElBQUk7QUFDOUIsUUFBSSxDQUFDLE1BQU07QUFDVCxZQUFNLElBQUksUUFBUSxpQkFBaUI7QUFBQSxRQUNqQyxNQUFNLHVCQUF1QixJQUFJO0FBQUEsUUFDakMsUUFBUSxHQUFHLFlBQVksTUFBTSxTQUFTLEtBQUssQ0FBQyxDQUFDO0FBQUEsUUFDN0MsTUFBTSxFQUFFLFNBQVMsS0FBSztBQUFBLE1BQ3hCLENBQUM7QUFBQSxJQUNIO0FBQ0EsV0FBTyxLQUFLLFFBQVEsT0FBTyxVQUFVLE1BQU07QUFBQSxFQUM3QyxDQUFDO0FBQ0QsUUFBTSxDQUFDLElBQUksSUFBSTtBQUNmLE1BQUksT0FBTyxXQUFXLEtBQUssS0FBTSxRQUFPO0FBQ3hDLE1BQUksT0FBTyxXQUFXO0FBQ3BCLFVBQU0sSUFBSSxRQUFRLGlCQUFpQjtBQUFBLE1BQ2pDLE1BQU07QUFBQSxNQUNOLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFDSCxTQUFPO0FBQUEsSUFDTCxVQUFVLE1BQU0sT0FBTyxJQUFJLENBQUMsVUFBVSxNQUFNLFNBQVMsQ0FBQyxFQUFFLEtBQUssT0FBTztBQUFBLElBQ3BFLEtBQUssT0FBTyxXQUFXO0FBQ3JCLGlCQUFXLFNBQVMsUUFBUTtBQUMxQixjQUFNLE9BQU8sTUFBTSxLQUFLLE9BQU8sU0FBUztBQUN4QyxZQUFJLFNBQVMsT0FBVyxRQUFPO0FBQUEsTUFDakM7QUFDQSxhQUFPO0FBQUEsSUFDVDtBQUFBLEVBQ0Y7QUFDRjsiLAogICJuYW1lcyI6IFsiaG9sZHMiLCAiaG9sZHMiLCAiaG9sZHMiLCAic2NoZW1hIl0KfQo=
