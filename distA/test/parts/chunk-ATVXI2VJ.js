// src/core/signature/against/compare.ts
import { distance } from "fastest-levenshtein";

// src/core/signature/against/line-causes.ts
var linesOf = (text) => text.split("\n");
var sameItems = (a, b) => a.length === b.length && [...a].sort().join("\n") === [...b].sort().join("\n");
var lineCauses = [
  {
    name: "line break at the end",
    explain(ours, theirs) {
      if (ours === `${theirs}
`)
        return "ours ends with a line break, theirs does not: take the empty item at the end of lines: away";
      if (`${ours}
` === theirs)
        return "theirs ends with a line break, ours does not: an empty item at the end of lines: adds it";
      return void 0;
    }
  },
  {
    name: "carriage returns",
    explain(ours, theirs) {
      const plain = (text) => text.replaceAll("\r\n", "\n");
      if (plain(ours) !== plain(theirs)) return void 0;
      return theirs.includes("\r\n") ? 'their lines end with CR LF, ours with LF: joined-by: "\\r\\n"' : "our lines end with CR LF, theirs with LF";
    }
  },
  {
    name: "blank slot",
    explain(ours, theirs) {
      const [own, other] = [linesOf(ours), linesOf(theirs)];
      const filled = (lines) => lines.filter((line) => line !== "").join("\n");
      if (own.length === other.length || filled(own) !== filled(other)) return void 0;
      const [longer, shorter] = own.length > other.length ? [own, other] : [other, own];
      const at = longer.findIndex((line, index) => line === "" && shorter[index] !== "") + 1;
      return own.length < other.length ? `theirs has an empty line at line ${at} that ours has not: a slot without a value stays as an empty line` : `ours has an empty line at line ${at} that theirs has not: a slot without a value is left out there (\${\u2026 ?? omit})`;
    }
  },
  {
    name: "missing line",
    explain(ours, theirs) {
      const [own, other] = [linesOf(ours), linesOf(theirs)];
      const [longer, shorter] = own.length > other.length ? [own, other] : [other, own];
      if (longer.length !== shorter.length + 1) return void 0;
      const at = longer.findIndex((line, index) => line !== shorter[index]);
      if (longer.toSpliced(at, 1).join("\n") !== shorter.join("\n")) return void 0;
      return own.length < other.length ? `ours lacks their line ${at + 1}: ${JSON.stringify(longer[at])}` : `ours has a line ${at + 1} that theirs has not: ${JSON.stringify(longer[at])}`;
    }
  },
  {
    name: "order of lines",
    explain: (ours, theirs) => sameItems(linesOf(ours), linesOf(theirs)) ? 'the same lines stand in another order: only("a", "b") takes headers in the order in which they are named, | sorted by their names' : void 0
  }
];

// src/core/signature/against/text-causes.ts
var decoded = (text) => {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
};
var queryText = /[^?\s=]+=[^\s&]*(?:&[^\s]+)+/g;
function equalAfter(name, change, says) {
  return {
    name,
    explain: (ours, theirs) => change(ours) === change(theirs) ? says(ours, theirs) : void 0
  };
}
var textCauses = [
  equalAfter(
    "white space",
    (text) => text.replace(/[^\S\n]+/g, " ").replace(/ ?$/gm, "").replace(/^ /gm, ""),
    (ours, theirs) => /[^\S\n]$/m.test(ours) && !/[^\S\n]$/m.test(theirs) ? "ours has white space at the end of a line: | trim" : "only the white space differs: spaces in a row, at the ends, or a tab"
  ),
  equalAfter(
    "white space behind a colon",
    (text) => text.replace(/:[^\S\n]*/g, ":"),
    () => `the space behind a colon: header-lines(": "), the whole line in single quotes, writes one; header-lines writes none`
  ),
  equalAfter(
    "case",
    (text) => text.toLowerCase(),
    (ours, theirs) => theirs === theirs.toLowerCase() ? "theirs is in small letters: | lower" : theirs === theirs.toUpperCase() ? "theirs is in capital letters: | upper" : ours.replace(/%[0-9a-f]{2}/gi, (octet) => octet.toUpperCase()) === theirs ? "theirs writes percent-encoding with capital letters (RFC 3986, section 2.1)" : "only the case of letters differs: header names, hexadecimal digits or the method"
  ),
  equalAfter(
    "plus signs",
    (text) => text.replaceAll("%20", "+"),
    (_, theirs) => theirs.includes("+") && !theirs.includes("%20") ? 'a space is a plus sign there: | encoded("form")' : "a space is %20 there: | encoded"
  ),
  {
    name: "encoded twice",
    explain(ours, theirs) {
      if (decoded(ours) === theirs) return "ours is percent-encoded once more than theirs";
      if (decoded(theirs) === ours)
        return "theirs is percent-encoded once more than ours: | percent, or the encoded form of the path";
      return void 0;
    }
  },
  equalAfter(
    "percent-encoding",
    decoded,
    () => "percent-encoding: other characters are encoded there (RFC 3986 leaves letters, digits, - . _ ~ as they are)"
  ),
  {
    name: "order of parameters",
    explain(ours, theirs) {
      const parameters = (text) => text.replace(queryText, (query) => query.split("&").sort().join("&"));
      return parameters(ours) === parameters(theirs) ? "the parameters of the query stand in another order: | sorted puts them by name, then by value" : void 0;
    }
  },
  {
    name: "empty parameters",
    explain(ours, theirs) {
      const filled = (text) => text.replace(
        queryText,
        (query) => query.split("&").filter((pair) => !pair.endsWith("=")).join("&")
      );
      if (filled(ours) !== filled(theirs)) return void 0;
      return ours.length > theirs.length ? "parameters without a value are left out there: | filled" : "parameters without a value stay there: take | filled away";
    }
  },
  equalAfter(
    "Unicode",
    (text) => text.normalize("NFC"),
    () => "the same letters in another Unicode form (NFC and NFD): copied text often brings the other one along"
  ),
  equalAfter(
    "invisible characters",
    (text) => text.replace(/[\u00a0]/g, " ").replace(/[\u200b-\u200d\ufeff]/g, ""),
    () => "an invisible character: a byte order mark, a space of zero width, or a space that does not break"
  ),
  equalAfter(
    "quotes",
    (text) => text.replace(/[\u2018\u2019\u201c\u201d"]/g, "'"),
    () => 'the kind of quotes differs: pages turn " into curly ones'
  )
];

// src/core/signature/against/value-causes.ts
import { createHash } from "node:crypto";
function firstDifferent(ours, theirs) {
  const [own, other] = [ours.split("\n"), theirs.split("\n")];
  const at = own.findIndex((line, index) => line !== other[index]);
  const [left, right] = [own[at], other[at]];
  return left === void 0 || right === void 0 ? void 0 : [left, right];
}
var ofLine = (name, explain) => ({
  name,
  explain(ours, theirs) {
    const lines = firstDifferent(ours, theirs);
    return lines && explain(...lines);
  }
});
var stamps = /(\d{4})-?(\d\d)-?(\d\d)[T ](\d\d):?(\d\d):?(\d\d)(?:\.\d+)?(Z|[+-]\d\d:?\d\d)?/;
function wallClock(text) {
  const found = stamps.exec(text);
  if (!found) return void 0;
  const [written, year, month, day, hour, minute, second] = found;
  return {
    written,
    seconds: Date.UTC(Number(year), Number(month) - 1, Number(day), Number(hour), Number(minute), Number(second)) / 1e3
  };
}
var emptyDigests = new Set(
  ["md5", "sha1", "sha256", "sha384", "sha512"].flatMap(
    (name) => ["hex", "base64"].map((encoding) => createHash(name).digest(encoding))
  )
);
var digest = /\b[0-9a-f]{32,128}\b|[A-Za-z0-9+/_-]{22,86}={0,2}/i;
var valueCauses = [
  ofLine("query behind the path", (ours, theirs) => {
    if (theirs.startsWith(`${ours}?`)) return "theirs is the path with its query: ${sent.target}";
    if (ours.startsWith(`${theirs}?`)) return "theirs is the path without its query: ${sent.path}";
    return void 0;
  }),
  ofLine(
    "question mark",
    (ours, theirs) => theirs === `?${ours}` || ours === `?${theirs}` ? "the question mark in front of the query" : void 0
  ),
  ofLine(
    "slash at the end",
    (ours, theirs) => theirs === `${ours}/` || ours === `${theirs}/` ? "a slash at the end of the path" : void 0
  ),
  ofLine("port", (ours, theirs) => {
    const [shorter, longer] = ours.length < theirs.length ? [ours, theirs] : [theirs, ours];
    return longer.startsWith(shorter) && /^:\d+$/.test(longer.slice(shorter.length)) ? "the port: ${sent.authority} has it where it is not the usual one, ${sent.host} never" : void 0;
  }),
  ofLine("time", (ours, theirs) => {
    const [own, other] = [wallClock(ours), wallClock(theirs)];
    if (own && other) {
      const shape = (text) => text.replace(/\d/g, "0").replace(/[+-]00:?00$/, "Z");
      if (shape(own.written) !== shape(other.written))
        return `the time is written otherwise: ${other.written} there; | format("\u2026") writes it so`;
      const apart = own.seconds - other.seconds;
      if (apart !== 0 && apart % 900 === 0 && Math.abs(apart) <= 14 * 3600)
        return `the times are ${Math.abs(apart / 3600)} h apart: another time zone; | in-zone("UTC"), or the zone of the vendor`;
      if (apart !== 0) return "another moment: --time says which one theirs was made at";
    }
    const [left, right] = [/\b\d{10,13}\b/.exec(ours)?.[0], /\b\d{10,13}\b/.exec(theirs)?.[0]];
    if (left && right && left !== right && ours.replace(left, right) === theirs)
      return left.length === right.length ? "another moment: --time says which one theirs was made at" : right.length === 13 ? "theirs counts milliseconds: | unix-ms" : "theirs counts seconds: | unix";
    if (other && left) return `theirs is a date, ours a number: | format("\u2026") writes it`;
    if (own && right) return "theirs is a number, ours a date: | unix, or | unix-ms";
    return void 0;
  }),
  ofLine("digest of the body", (ours, theirs) => {
    const [own, other] = [digest.exec(ours)?.[0], digest.exec(theirs)?.[0]];
    if (!own || !other || ours.replace(own, other) !== theirs) return void 0;
    if (emptyDigests.has(other)) return "theirs is the digest of no bytes at all: the body is not part of it there";
    if (emptyDigests.has(own))
      return "ours is the digest of no bytes at all: the body had not been written, or is left out";
    for (const [name, read] of [
      ["hex", "hex"],
      ["base64", "base64"]
    ]) {
      const bytes = Buffer.from(other, read);
      if (bytes.length > 0 && bytes.equals(Buffer.from(own, name === "hex" ? "base64" : "hex")))
        return `the same digest, written as ${name} there: | ${name}`;
    }
    return own.length === other.length ? "the digest of other bytes: a space, a line break at the end or the order of members makes another body" : "a digest by another algorithm: its length is another";
  }),
  ofLine("name in front of the value", (ours, theirs) => {
    const shorter = ours.length < theirs.length ? ours : theirs;
    const longer = ours.length < theirs.length ? theirs : ours;
    const name = longer.slice(0, longer.length - shorter.length);
    return longer.endsWith(shorter) && /^[\w-]+[:=] ?$/.test(name) ? `${shorter === ours ? "theirs" : "ours"} has the name in front of the value: ${JSON.stringify(name)}` : void 0;
  })
];

// src/core/signature/against/registry.ts
var causes = [...lineCauses, ...textCauses, ...valueCauses];

// src/core/signature/against/compare.ts
function compareAgainst(steps, theirs, name) {
  const texts = steps.flatMap((step) => {
    if (name !== void 0 && step.name !== name) return [];
    const text = step.value instanceof Uint8Array ? void 0 : stepText(step);
    return text === void 0 || name === void 0 && text === "" ? [] : [{ step, text }];
  });
  const same = texts.find(({ text }) => text === theirs);
  if (same) return { name: same.step.name, same: true, difference: void 0 };
  const visible = texts.filter(({ step }) => !step.secret);
  const candidates = visible.length > 0 ? visible : texts;
  const likest = candidates.map((one) => ({ ...one, apart: distance(one.text, theirs) / Math.max(one.text.length, theirs.length) })).sort((a, b) => a.apart - b.apart)[0];
  if (!likest) return void 0;
  return {
    name: likest.step.name,
    same: false,
    difference: likest.step.secret ? void 0 : differenceOf(likest.text, theirs)
  };
}
function stepText({ value }) {
  return typeof value === "string" ? value : void 0;
}
function differenceOf(ours, theirs) {
  const [own, other] = [[...ours], [...theirs]];
  let at = 0;
  while (at < own.length && own[at] === other[at]) at += 1;
  const before = own.slice(0, at).join("");
  const line = before.split("\n").length;
  const cause = causes.map((one) => one.explain(ours, theirs)).find((one) => one !== void 0);
  return {
    line,
    column: [...before.split("\n").at(-1) ?? ""].length + 1,
    ours: ours.split("\n")[line - 1],
    theirs: theirs.split("\n")[line - 1],
    ourCharacter: named(own[at]),
    theirCharacter: named(other[at]),
    cause
  };
}
var names = {
  "\n": "line feed",
  "\r": "carriage return",
  "	": "tab",
  " ": "space",
  "\xA0": "space that does not break",
  "\uFEFF": "byte order mark"
};
function named(character) {
  if (character === void 0) return void 0;
  const code = `U+${character.codePointAt(0).toString(16).toUpperCase().padStart(4, "0")}`;
  return `${names[character] ?? JSON.stringify(character)} (${code})`;
}
function unescaped(theirs, ours) {
  const breaks = ours.some((text) => text.includes("\n"));
  return breaks && !theirs.includes("\n") && theirs.includes("\\n") ? theirs.replaceAll("\\r", "\r").replaceAll("\\n", "\n").replaceAll("\\t", "	") : theirs;
}

export {
  compareAgainst,
  differenceOf,
  unescaped
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvc2lnbmF0dXJlL2FnYWluc3QvY29tcGFyZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zaWduYXR1cmUvYWdhaW5zdC9saW5lLWNhdXNlcy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zaWduYXR1cmUvYWdhaW5zdC90ZXh0LWNhdXNlcy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zaWduYXR1cmUvYWdhaW5zdC92YWx1ZS1jYXVzZXMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2lnbmF0dXJlL2FnYWluc3QvcmVnaXN0cnkudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBDb21wYXJpbmcgYSB2YWx1ZSBvZiBhIHNpZ25hdHVyZSB3aXRoIHRoZSBvbmUgdGhhdCB0aGUgdmVuZG9yIHNob3dzOiB3aGVyZSB0aGV5IHBhcnQsIGFuZCB0aGUgbGlrZWx5IGNhdXNlLiAqL1xuaW1wb3J0IHsgZGlzdGFuY2UgfSBmcm9tICdmYXN0ZXN0LWxldmVuc2h0ZWluJztcbmltcG9ydCB0eXBlIHsgU2lnbmluZ1N0ZXAgfSBmcm9tICcuLi9zaWduYXR1cmUta2luZC5qcyc7XG5pbXBvcnQgeyBjYXVzZXMgfSBmcm9tICcuL3JlZ2lzdHJ5LmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBEaWZmZXJlbmNlIHtcbiAgLyoqIEZyb20gMS4gKi9cbiAgcmVhZG9ubHkgbGluZTogbnVtYmVyO1xuICAvKiogSW4gY2hhcmFjdGVycywgZnJvbSAxLiAqL1xuICByZWFkb25seSBjb2x1bW46IG51bWJlcjtcbiAgLyoqIFRoZSBsaW5lcyB0aGF0IHBhcnQ7IHVuZGVmaW5lZCB3aGVyZSBvbmUgdGV4dCBoYXMgZW5kZWQuICovXG4gIHJlYWRvbmx5IG91cnM6IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgdGhlaXJzOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIC8qKiBUaGUgY2hhcmFjdGVycyB0aGF0IHBhcnQsIGFzIGBcImFcIiAoVSswMDYxKWA7IHVuZGVmaW5lZCB3aGVyZSB0aGUgdGV4dCBoYXMgZW5kZWQuICovXG4gIHJlYWRvbmx5IG91ckNoYXJhY3Rlcjogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB0aGVpckNoYXJhY3Rlcjogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBjYXVzZTogc3RyaW5nIHwgdW5kZWZpbmVkO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIEFnYWluc3Qge1xuICAvKiogVGhlIHZhbHVlIHRoYXQgdGhlaXJzIHdhcyBjb21wYXJlZCB3aXRoLiAqL1xuICByZWFkb25seSBuYW1lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHNhbWU6IGJvb2xlYW47XG4gIC8qKiBOb3Qgd2hlcmUgdGhlIHZhbHVlIGlzIHNlY3JldDogdGhlbiBpdCBpcyBvbmx5IHNhaWQgd2hldGhlciB0aGV5IGFyZSB0aGUgc2FtZS4gKi9cbiAgcmVhZG9ubHkgZGlmZmVyZW5jZTogRGlmZmVyZW5jZSB8IHVuZGVmaW5lZDtcbn1cblxuLyoqXG4gKiBAcGFyYW0gc3RlcHMgb2Ygb3VyIHNpZ25hdHVyZVxuICogQHBhcmFtIG5hbWUgb2YgdGhlIHZhbHVlIHRoYXQgaXMgbWVhbnQ7IHRoZSBtb3N0IGFsaWtlIHdoZXJlIG5vdGhpbmcgaXMgc2FpZFxuICovXG5leHBvcnQgZnVuY3Rpb24gY29tcGFyZUFnYWluc3Qoc3RlcHM6IHJlYWRvbmx5IFNpZ25pbmdTdGVwW10sIHRoZWlyczogc3RyaW5nLCBuYW1lPzogc3RyaW5nKTogQWdhaW5zdCB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IHRleHRzID0gc3RlcHMuZmxhdE1hcCgoc3RlcCkgPT4ge1xuICAgIGlmIChuYW1lICE9PSB1bmRlZmluZWQgJiYgc3RlcC5uYW1lICE9PSBuYW1lKSByZXR1cm4gW107XG4gICAgY29uc3QgdGV4dCA9IHN0ZXAudmFsdWUgaW5zdGFuY2VvZiBVaW50OEFycmF5ID8gdW5kZWZpbmVkIDogc3RlcFRleHQoc3RlcCk7XG4gICAgcmV0dXJuIHRleHQgPT09IHVuZGVmaW5lZCB8fCAobmFtZSA9PT0gdW5kZWZpbmVkICYmIHRleHQgPT09ICcnKSA/IFtdIDogW3sgc3RlcCwgdGV4dCB9XTtcbiAgfSk7XG4gIGNvbnN0IHNhbWUgPSB0ZXh0cy5maW5kKCh7IHRleHQgfSkgPT4gdGV4dCA9PT0gdGhlaXJzKTtcbiAgaWYgKHNhbWUpIHJldHVybiB7IG5hbWU6IHNhbWUuc3RlcC5uYW1lLCBzYW1lOiB0cnVlLCBkaWZmZXJlbmNlOiB1bmRlZmluZWQgfTtcbiAgY29uc3QgdmlzaWJsZSA9IHRleHRzLmZpbHRlcigoeyBzdGVwIH0pID0+ICFzdGVwLnNlY3JldCk7XG4gIGNvbnN0IGNhbmRpZGF0ZXMgPSB2aXNpYmxlLmxlbmd0aCA+IDAgPyB2aXNpYmxlIDogdGV4dHM7XG4gIGNvbnN0IGxpa2VzdCA9IGNhbmRpZGF0ZXNcbiAgICAubWFwKChvbmUpID0+ICh7IC4uLm9uZSwgYXBhcnQ6IGRpc3RhbmNlKG9uZS50ZXh0LCB0aGVpcnMpIC8gTWF0aC5tYXgob25lLnRleHQubGVuZ3RoLCB0aGVpcnMubGVuZ3RoKSB9KSlcbiAgICAuc29ydCgoYSwgYikgPT4gYS5hcGFydCAtIGIuYXBhcnQpWzBdO1xuICBpZiAoIWxpa2VzdCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgcmV0dXJuIHtcbiAgICBuYW1lOiBsaWtlc3Quc3RlcC5uYW1lLFxuICAgIHNhbWU6IGZhbHNlLFxuICAgIGRpZmZlcmVuY2U6IGxpa2VzdC5zdGVwLnNlY3JldCA/IHVuZGVmaW5lZCA6IGRpZmZlcmVuY2VPZihsaWtlc3QudGV4dCwgdGhlaXJzKSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gc3RlcFRleHQoeyB2YWx1ZSB9OiBTaWduaW5nU3RlcCk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gIHJldHVybiB0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnID8gdmFsdWUgOiB1bmRlZmluZWQ7XG59XG5cbmV4cG9ydCBmdW5jdGlvbiBkaWZmZXJlbmNlT2Yob3Vyczogc3RyaW5nLCB0aGVpcnM6IHN0cmluZyk6IERpZmZlcmVuY2Uge1xuICBjb25zdCBbb3duLCBvdGhlcl0gPSBbWy4uLm91cnNdLCBbLi4udGhlaXJzXV07XG4gIGxldCBhdCA9IDA7XG4gIHdoaWxlIChhdCA8IG93bi5sZW5ndGggJiYgb3duW2F0XSA9PT0gb3RoZXJbYXRdKSBhdCArPSAxO1xuICBjb25zdCBiZWZvcmUgPSBvd24uc2xpY2UoMCwgYXQpLmpvaW4oJycpO1xuICBjb25zdCBsaW5lID0gYmVmb3JlLnNwbGl0KCdcXG4nKS5sZW5ndGg7XG4gIGNvbnN0IGNhdXNlID0gY2F1c2VzLm1hcCgob25lKSA9PiBvbmUuZXhwbGFpbihvdXJzLCB0aGVpcnMpKS5maW5kKChvbmUpID0+IG9uZSAhPT0gdW5kZWZpbmVkKTtcbiAgcmV0dXJuIHtcbiAgICBsaW5lLFxuICAgIGNvbHVtbjogWy4uLihiZWZvcmUuc3BsaXQoJ1xcbicpLmF0KC0xKSA/PyAnJyldLmxlbmd0aCArIDEsXG4gICAgb3Vyczogb3Vycy5zcGxpdCgnXFxuJylbbGluZSAtIDFdLFxuICAgIHRoZWlyczogdGhlaXJzLnNwbGl0KCdcXG4nKVtsaW5lIC0gMV0sXG4gICAgb3VyQ2hhcmFjdGVyOiBuYW1lZChvd25bYXRdKSxcbiAgICB0aGVpckNoYXJhY3RlcjogbmFtZWQob3RoZXJbYXRdKSxcbiAgICBjYXVzZSxcbiAgfTtcbn1cblxuY29uc3QgbmFtZXM6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIHN0cmluZz4+ID0ge1xuICAnXFxuJzogJ2xpbmUgZmVlZCcsXG4gICdcXHInOiAnY2FycmlhZ2UgcmV0dXJuJyxcbiAgJ1xcdCc6ICd0YWInLFxuICAnICc6ICdzcGFjZScsXG4gICdcXHUwMGEwJzogJ3NwYWNlIHRoYXQgZG9lcyBub3QgYnJlYWsnLFxuICAnXFx1ZmVmZic6ICdieXRlIG9yZGVyIG1hcmsnLFxufTtcblxuZnVuY3Rpb24gbmFtZWQoY2hhcmFjdGVyOiBzdHJpbmcgfCB1bmRlZmluZWQpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICBpZiAoY2hhcmFjdGVyID09PSB1bmRlZmluZWQpIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IGNvZGUgPSBgVSskeyhjaGFyYWN0ZXIuY29kZVBvaW50QXQoMCkgYXMgbnVtYmVyKS50b1N0cmluZygxNikudG9VcHBlckNhc2UoKS5wYWRTdGFydCg0LCAnMCcpfWA7XG4gIHJldHVybiBgJHtuYW1lc1tjaGFyYWN0ZXJdID8/IEpTT04uc3RyaW5naWZ5KGNoYXJhY3Rlcil9ICgke2NvZGV9KWA7XG59XG5cbi8qKiBBIG1lc3NhZ2UgaW5zaWRlIEpTT04sIG9yIGEgbGluZSBvZiBhIHNoZWxsLCBoYXMgaXRzIGxpbmUgYnJlYWtzIHdyaXR0ZW4gb3V0LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHVuZXNjYXBlZCh0aGVpcnM6IHN0cmluZywgb3VyczogcmVhZG9ubHkgc3RyaW5nW10pOiBzdHJpbmcge1xuICBjb25zdCBicmVha3MgPSBvdXJzLnNvbWUoKHRleHQpID0+IHRleHQuaW5jbHVkZXMoJ1xcbicpKTtcbiAgcmV0dXJuIGJyZWFrcyAmJiAhdGhlaXJzLmluY2x1ZGVzKCdcXG4nKSAmJiB0aGVpcnMuaW5jbHVkZXMoJ1xcXFxuJylcbiAgICA/IHRoZWlycy5yZXBsYWNlQWxsKCdcXFxccicsICdcXHInKS5yZXBsYWNlQWxsKCdcXFxcbicsICdcXG4nKS5yZXBsYWNlQWxsKCdcXFxcdCcsICdcXHQnKVxuICAgIDogdGhlaXJzO1xufVxuIiwgIi8qKiBDYXVzZXMgdGhhdCBjb25jZXJuIHdob2xlIGxpbmVzLiAqL1xuaW1wb3J0IHR5cGUgeyBDYXVzZSB9IGZyb20gJy4vY2F1c2UuanMnO1xuXG5jb25zdCBsaW5lc09mID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZ1tdID0+IHRleHQuc3BsaXQoJ1xcbicpO1xuY29uc3Qgc2FtZUl0ZW1zID0gKGE6IHJlYWRvbmx5IHN0cmluZ1tdLCBiOiByZWFkb25seSBzdHJpbmdbXSk6IGJvb2xlYW4gPT5cbiAgYS5sZW5ndGggPT09IGIubGVuZ3RoICYmIFsuLi5hXS5zb3J0KCkuam9pbignXFxuJykgPT09IFsuLi5iXS5zb3J0KCkuam9pbignXFxuJyk7XG5cbmV4cG9ydCBjb25zdCBsaW5lQ2F1c2VzOiByZWFkb25seSBDYXVzZVtdID0gW1xuICB7XG4gICAgbmFtZTogJ2xpbmUgYnJlYWsgYXQgdGhlIGVuZCcsXG4gICAgZXhwbGFpbihvdXJzLCB0aGVpcnMpIHtcbiAgICAgIGlmIChvdXJzID09PSBgJHt0aGVpcnN9XFxuYClcbiAgICAgICAgcmV0dXJuICdvdXJzIGVuZHMgd2l0aCBhIGxpbmUgYnJlYWssIHRoZWlycyBkb2VzIG5vdDogdGFrZSB0aGUgZW1wdHkgaXRlbSBhdCB0aGUgZW5kIG9mIGxpbmVzOiBhd2F5JztcbiAgICAgIGlmIChgJHtvdXJzfVxcbmAgPT09IHRoZWlycylcbiAgICAgICAgcmV0dXJuICd0aGVpcnMgZW5kcyB3aXRoIGEgbGluZSBicmVhaywgb3VycyBkb2VzIG5vdDogYW4gZW1wdHkgaXRlbSBhdCB0aGUgZW5kIG9mIGxpbmVzOiBhZGRzIGl0JztcbiAgICAgIHJldHVybiB1bmRlZmluZWQ7XG4gICAgfSxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdjYXJyaWFnZSByZXR1cm5zJyxcbiAgICBleHBsYWluKG91cnMsIHRoZWlycykge1xuICAgICAgY29uc3QgcGxhaW4gPSAodGV4dDogc3RyaW5nKTogc3RyaW5nID0+IHRleHQucmVwbGFjZUFsbCgnXFxyXFxuJywgJ1xcbicpO1xuICAgICAgaWYgKHBsYWluKG91cnMpICE9PSBwbGFpbih0aGVpcnMpKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgICAgcmV0dXJuIHRoZWlycy5pbmNsdWRlcygnXFxyXFxuJylcbiAgICAgICAgPyAndGhlaXIgbGluZXMgZW5kIHdpdGggQ1IgTEYsIG91cnMgd2l0aCBMRjogam9pbmVkLWJ5OiBcIlxcXFxyXFxcXG5cIidcbiAgICAgICAgOiAnb3VyIGxpbmVzIGVuZCB3aXRoIENSIExGLCB0aGVpcnMgd2l0aCBMRic7XG4gICAgfSxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdibGFuayBzbG90JyxcbiAgICBleHBsYWluKG91cnMsIHRoZWlycykge1xuICAgICAgY29uc3QgW293biwgb3RoZXJdID0gW2xpbmVzT2Yob3VycyksIGxpbmVzT2YodGhlaXJzKV07XG4gICAgICBjb25zdCBmaWxsZWQgPSAobGluZXM6IHN0cmluZ1tdKTogc3RyaW5nID0+IGxpbmVzLmZpbHRlcigobGluZSkgPT4gbGluZSAhPT0gJycpLmpvaW4oJ1xcbicpO1xuICAgICAgaWYgKG93bi5sZW5ndGggPT09IG90aGVyLmxlbmd0aCB8fCBmaWxsZWQob3duKSAhPT0gZmlsbGVkKG90aGVyKSkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgIGNvbnN0IFtsb25nZXIsIHNob3J0ZXJdID0gb3duLmxlbmd0aCA+IG90aGVyLmxlbmd0aCA/IFtvd24sIG90aGVyXSA6IFtvdGhlciwgb3duXTtcbiAgICAgIGNvbnN0IGF0ID0gbG9uZ2VyLmZpbmRJbmRleCgobGluZSwgaW5kZXgpID0+IGxpbmUgPT09ICcnICYmIHNob3J0ZXJbaW5kZXhdICE9PSAnJykgKyAxO1xuICAgICAgcmV0dXJuIG93bi5sZW5ndGggPCBvdGhlci5sZW5ndGhcbiAgICAgICAgPyBgdGhlaXJzIGhhcyBhbiBlbXB0eSBsaW5lIGF0IGxpbmUgJHthdH0gdGhhdCBvdXJzIGhhcyBub3Q6IGEgc2xvdCB3aXRob3V0IGEgdmFsdWUgc3RheXMgYXMgYW4gZW1wdHkgbGluZWBcbiAgICAgICAgOiBgb3VycyBoYXMgYW4gZW1wdHkgbGluZSBhdCBsaW5lICR7YXR9IHRoYXQgdGhlaXJzIGhhcyBub3Q6IGEgc2xvdCB3aXRob3V0IGEgdmFsdWUgaXMgbGVmdCBvdXQgdGhlcmUgKFxcJHtcdTIwMjYgPz8gb21pdH0pYDtcbiAgICB9LFxuICB9LFxuICB7XG4gICAgbmFtZTogJ21pc3NpbmcgbGluZScsXG4gICAgZXhwbGFpbihvdXJzLCB0aGVpcnMpIHtcbiAgICAgIGNvbnN0IFtvd24sIG90aGVyXSA9IFtsaW5lc09mKG91cnMpLCBsaW5lc09mKHRoZWlycyldO1xuICAgICAgY29uc3QgW2xvbmdlciwgc2hvcnRlcl0gPSBvd24ubGVuZ3RoID4gb3RoZXIubGVuZ3RoID8gW293biwgb3RoZXJdIDogW290aGVyLCBvd25dO1xuICAgICAgaWYgKGxvbmdlci5sZW5ndGggIT09IHNob3J0ZXIubGVuZ3RoICsgMSkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgIGNvbnN0IGF0ID0gbG9uZ2VyLmZpbmRJbmRleCgobGluZSwgaW5kZXgpID0+IGxpbmUgIT09IHNob3J0ZXJbaW5kZXhdKTtcbiAgICAgIGlmIChsb25nZXIudG9TcGxpY2VkKGF0LCAxKS5qb2luKCdcXG4nKSAhPT0gc2hvcnRlci5qb2luKCdcXG4nKSkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgIHJldHVybiBvd24ubGVuZ3RoIDwgb3RoZXIubGVuZ3RoXG4gICAgICAgID8gYG91cnMgbGFja3MgdGhlaXIgbGluZSAke2F0ICsgMX06ICR7SlNPTi5zdHJpbmdpZnkobG9uZ2VyW2F0XSl9YFxuICAgICAgICA6IGBvdXJzIGhhcyBhIGxpbmUgJHthdCArIDF9IHRoYXQgdGhlaXJzIGhhcyBub3Q6ICR7SlNPTi5zdHJpbmdpZnkobG9uZ2VyW2F0XSl9YDtcbiAgICB9LFxuICB9LFxuICB7XG4gICAgbmFtZTogJ29yZGVyIG9mIGxpbmVzJyxcbiAgICBleHBsYWluOiAob3VycywgdGhlaXJzKSA9PlxuICAgICAgc2FtZUl0ZW1zKGxpbmVzT2Yob3VycyksIGxpbmVzT2YodGhlaXJzKSlcbiAgICAgICAgPyAndGhlIHNhbWUgbGluZXMgc3RhbmQgaW4gYW5vdGhlciBvcmRlcjogb25seShcImFcIiwgXCJiXCIpIHRha2VzIGhlYWRlcnMgaW4gdGhlIG9yZGVyIGluIHdoaWNoIHRoZXkgYXJlIG5hbWVkLCB8IHNvcnRlZCBieSB0aGVpciBuYW1lcydcbiAgICAgICAgOiB1bmRlZmluZWQsXG4gIH0sXG5dO1xuIiwgIi8qKiBDYXVzZXMgdGhhdCBjb25jZXJuIGhvdyBhIGxpbmUgaXMgd3JpdHRlbjogY2FzZSwgd2hpdGUgc3BhY2UsIGVuY29kaW5nLCBvcmRlciBvZiBwYXJhbWV0ZXJzLiAqL1xuaW1wb3J0IHR5cGUgeyBDYXVzZSB9IGZyb20gJy4vY2F1c2UuanMnO1xuXG5jb25zdCBkZWNvZGVkID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PiB7XG4gIHRyeSB7XG4gICAgcmV0dXJuIGRlY29kZVVSSUNvbXBvbmVudCh0ZXh0KTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIHRleHQ7XG4gIH1cbn07XG5cbi8qKiBUaGUgcGFyYW1ldGVycyBvZiBhIHF1ZXJ5LCB3aGVyZXZlciB0aGV5IHN0YW5kOyBhbiBlcXVhbHMgc2lnbiBhdCB0aGUgZW5kIG9mIGEgbGluZSBpcyBiYXNlNjQgbW9yZSBvZnRlbi4gKi9cbmNvbnN0IHF1ZXJ5VGV4dCA9IC9bXj9cXHM9XSs9W15cXHMmXSooPzomW15cXHNdKykrL2c7XG5cbi8qKiBCb3RoIHRleHRzIGJlY29tZSB0aGUgc2FtZSBieSBvbmUgY2hhbmdlLiAqL1xuZnVuY3Rpb24gZXF1YWxBZnRlcihcbiAgbmFtZTogc3RyaW5nLFxuICBjaGFuZ2U6ICh0ZXh0OiBzdHJpbmcpID0+IHN0cmluZyxcbiAgc2F5czogKG91cnM6IHN0cmluZywgdGhlaXJzOiBzdHJpbmcpID0+IHN0cmluZyxcbik6IENhdXNlIHtcbiAgcmV0dXJuIHtcbiAgICBuYW1lLFxuICAgIGV4cGxhaW46IChvdXJzLCB0aGVpcnMpID0+IChjaGFuZ2Uob3VycykgPT09IGNoYW5nZSh0aGVpcnMpID8gc2F5cyhvdXJzLCB0aGVpcnMpIDogdW5kZWZpbmVkKSxcbiAgfTtcbn1cblxuZXhwb3J0IGNvbnN0IHRleHRDYXVzZXM6IHJlYWRvbmx5IENhdXNlW10gPSBbXG4gIGVxdWFsQWZ0ZXIoXG4gICAgJ3doaXRlIHNwYWNlJyxcbiAgICAodGV4dCkgPT5cbiAgICAgIHRleHRcbiAgICAgICAgLnJlcGxhY2UoL1teXFxTXFxuXSsvZywgJyAnKVxuICAgICAgICAucmVwbGFjZSgvID8kL2dtLCAnJylcbiAgICAgICAgLnJlcGxhY2UoL14gL2dtLCAnJyksXG4gICAgKG91cnMsIHRoZWlycykgPT5cbiAgICAgIC9bXlxcU1xcbl0kL20udGVzdChvdXJzKSAmJiAhL1teXFxTXFxuXSQvbS50ZXN0KHRoZWlycylcbiAgICAgICAgPyAnb3VycyBoYXMgd2hpdGUgc3BhY2UgYXQgdGhlIGVuZCBvZiBhIGxpbmU6IHwgdHJpbSdcbiAgICAgICAgOiAnb25seSB0aGUgd2hpdGUgc3BhY2UgZGlmZmVyczogc3BhY2VzIGluIGEgcm93LCBhdCB0aGUgZW5kcywgb3IgYSB0YWInLFxuICApLFxuICBlcXVhbEFmdGVyKFxuICAgICd3aGl0ZSBzcGFjZSBiZWhpbmQgYSBjb2xvbicsXG4gICAgKHRleHQpID0+IHRleHQucmVwbGFjZSgvOlteXFxTXFxuXSovZywgJzonKSxcbiAgICAoKSA9PlxuICAgICAgYHRoZSBzcGFjZSBiZWhpbmQgYSBjb2xvbjogaGVhZGVyLWxpbmVzKFwiOiBcIiksIHRoZSB3aG9sZSBsaW5lIGluIHNpbmdsZSBxdW90ZXMsIHdyaXRlcyBvbmU7IGhlYWRlci1saW5lcyB3cml0ZXMgbm9uZWAsXG4gICksXG4gIGVxdWFsQWZ0ZXIoXG4gICAgJ2Nhc2UnLFxuICAgICh0ZXh0KSA9PiB0ZXh0LnRvTG93ZXJDYXNlKCksXG4gICAgKG91cnMsIHRoZWlycykgPT5cbiAgICAgIHRoZWlycyA9PT0gdGhlaXJzLnRvTG93ZXJDYXNlKClcbiAgICAgICAgPyAndGhlaXJzIGlzIGluIHNtYWxsIGxldHRlcnM6IHwgbG93ZXInXG4gICAgICAgIDogdGhlaXJzID09PSB0aGVpcnMudG9VcHBlckNhc2UoKVxuICAgICAgICAgID8gJ3RoZWlycyBpcyBpbiBjYXBpdGFsIGxldHRlcnM6IHwgdXBwZXInXG4gICAgICAgICAgOiBvdXJzLnJlcGxhY2UoLyVbMC05YS1mXXsyfS9naSwgKG9jdGV0KSA9PiBvY3RldC50b1VwcGVyQ2FzZSgpKSA9PT0gdGhlaXJzXG4gICAgICAgICAgICA/ICd0aGVpcnMgd3JpdGVzIHBlcmNlbnQtZW5jb2Rpbmcgd2l0aCBjYXBpdGFsIGxldHRlcnMgKFJGQyAzOTg2LCBzZWN0aW9uIDIuMSknXG4gICAgICAgICAgICA6ICdvbmx5IHRoZSBjYXNlIG9mIGxldHRlcnMgZGlmZmVyczogaGVhZGVyIG5hbWVzLCBoZXhhZGVjaW1hbCBkaWdpdHMgb3IgdGhlIG1ldGhvZCcsXG4gICksXG4gIGVxdWFsQWZ0ZXIoXG4gICAgJ3BsdXMgc2lnbnMnLFxuICAgICh0ZXh0KSA9PiB0ZXh0LnJlcGxhY2VBbGwoJyUyMCcsICcrJyksXG4gICAgKF8sIHRoZWlycykgPT5cbiAgICAgIHRoZWlycy5pbmNsdWRlcygnKycpICYmICF0aGVpcnMuaW5jbHVkZXMoJyUyMCcpXG4gICAgICAgID8gJ2Egc3BhY2UgaXMgYSBwbHVzIHNpZ24gdGhlcmU6IHwgZW5jb2RlZChcImZvcm1cIiknXG4gICAgICAgIDogJ2Egc3BhY2UgaXMgJTIwIHRoZXJlOiB8IGVuY29kZWQnLFxuICApLFxuICB7XG4gICAgbmFtZTogJ2VuY29kZWQgdHdpY2UnLFxuICAgIGV4cGxhaW4ob3VycywgdGhlaXJzKSB7XG4gICAgICBpZiAoZGVjb2RlZChvdXJzKSA9PT0gdGhlaXJzKSByZXR1cm4gJ291cnMgaXMgcGVyY2VudC1lbmNvZGVkIG9uY2UgbW9yZSB0aGFuIHRoZWlycyc7XG4gICAgICBpZiAoZGVjb2RlZCh0aGVpcnMpID09PSBvdXJzKVxuICAgICAgICByZXR1cm4gJ3RoZWlycyBpcyBwZXJjZW50LWVuY29kZWQgb25jZSBtb3JlIHRoYW4gb3VyczogfCBwZXJjZW50LCBvciB0aGUgZW5jb2RlZCBmb3JtIG9mIHRoZSBwYXRoJztcbiAgICAgIHJldHVybiB1bmRlZmluZWQ7XG4gICAgfSxcbiAgfSxcbiAgZXF1YWxBZnRlcihcbiAgICAncGVyY2VudC1lbmNvZGluZycsXG4gICAgZGVjb2RlZCxcbiAgICAoKSA9PiAncGVyY2VudC1lbmNvZGluZzogb3RoZXIgY2hhcmFjdGVycyBhcmUgZW5jb2RlZCB0aGVyZSAoUkZDIDM5ODYgbGVhdmVzIGxldHRlcnMsIGRpZ2l0cywgLSAuIF8gfiBhcyB0aGV5IGFyZSknLFxuICApLFxuICB7XG4gICAgbmFtZTogJ29yZGVyIG9mIHBhcmFtZXRlcnMnLFxuICAgIGV4cGxhaW4ob3VycywgdGhlaXJzKSB7XG4gICAgICBjb25zdCBwYXJhbWV0ZXJzID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PlxuICAgICAgICB0ZXh0LnJlcGxhY2UocXVlcnlUZXh0LCAocXVlcnkpID0+IHF1ZXJ5LnNwbGl0KCcmJykuc29ydCgpLmpvaW4oJyYnKSk7XG4gICAgICByZXR1cm4gcGFyYW1ldGVycyhvdXJzKSA9PT0gcGFyYW1ldGVycyh0aGVpcnMpXG4gICAgICAgID8gJ3RoZSBwYXJhbWV0ZXJzIG9mIHRoZSBxdWVyeSBzdGFuZCBpbiBhbm90aGVyIG9yZGVyOiB8IHNvcnRlZCBwdXRzIHRoZW0gYnkgbmFtZSwgdGhlbiBieSB2YWx1ZSdcbiAgICAgICAgOiB1bmRlZmluZWQ7XG4gICAgfSxcbiAgfSxcbiAge1xuICAgIG5hbWU6ICdlbXB0eSBwYXJhbWV0ZXJzJyxcbiAgICBleHBsYWluKG91cnMsIHRoZWlycykge1xuICAgICAgY29uc3QgZmlsbGVkID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PlxuICAgICAgICB0ZXh0LnJlcGxhY2UocXVlcnlUZXh0LCAocXVlcnkpID0+XG4gICAgICAgICAgcXVlcnlcbiAgICAgICAgICAgIC5zcGxpdCgnJicpXG4gICAgICAgICAgICAuZmlsdGVyKChwYWlyKSA9PiAhcGFpci5lbmRzV2l0aCgnPScpKVxuICAgICAgICAgICAgLmpvaW4oJyYnKSxcbiAgICAgICAgKTtcbiAgICAgIGlmIChmaWxsZWQob3VycykgIT09IGZpbGxlZCh0aGVpcnMpKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgICAgcmV0dXJuIG91cnMubGVuZ3RoID4gdGhlaXJzLmxlbmd0aFxuICAgICAgICA/ICdwYXJhbWV0ZXJzIHdpdGhvdXQgYSB2YWx1ZSBhcmUgbGVmdCBvdXQgdGhlcmU6IHwgZmlsbGVkJ1xuICAgICAgICA6ICdwYXJhbWV0ZXJzIHdpdGhvdXQgYSB2YWx1ZSBzdGF5IHRoZXJlOiB0YWtlIHwgZmlsbGVkIGF3YXknO1xuICAgIH0sXG4gIH0sXG4gIGVxdWFsQWZ0ZXIoXG4gICAgJ1VuaWNvZGUnLFxuICAgICh0ZXh0KSA9PiB0ZXh0Lm5vcm1hbGl6ZSgnTkZDJyksXG4gICAgKCkgPT4gJ3RoZSBzYW1lIGxldHRlcnMgaW4gYW5vdGhlciBVbmljb2RlIGZvcm0gKE5GQyBhbmQgTkZEKTogY29waWVkIHRleHQgb2Z0ZW4gYnJpbmdzIHRoZSBvdGhlciBvbmUgYWxvbmcnLFxuICApLFxuICBlcXVhbEFmdGVyKFxuICAgICdpbnZpc2libGUgY2hhcmFjdGVycycsXG4gICAgKHRleHQpID0+IHRleHQucmVwbGFjZSgvW1xcdTAwYTBdL2csICcgJykucmVwbGFjZSgvW1xcdTIwMGItXFx1MjAwZFxcdWZlZmZdL2csICcnKSxcbiAgICAoKSA9PiAnYW4gaW52aXNpYmxlIGNoYXJhY3RlcjogYSBieXRlIG9yZGVyIG1hcmssIGEgc3BhY2Ugb2YgemVybyB3aWR0aCwgb3IgYSBzcGFjZSB0aGF0IGRvZXMgbm90IGJyZWFrJyxcbiAgKSxcbiAgZXF1YWxBZnRlcihcbiAgICAncXVvdGVzJyxcbiAgICAodGV4dCkgPT4gdGV4dC5yZXBsYWNlKC9bXFx1MjAxOFxcdTIwMTlcXHUyMDFjXFx1MjAxZFwiXS9nLCBcIidcIiksXG4gICAgKCkgPT4gJ3RoZSBraW5kIG9mIHF1b3RlcyBkaWZmZXJzOiBwYWdlcyB0dXJuIFwiIGludG8gY3VybHkgb25lcycsXG4gICksXG5dO1xuIiwgIi8qKiBDYXVzZXMgdGhhdCBjb25jZXJuIG9uZSB2YWx1ZTogdGhlIGZpcnN0IGxpbmUgdGhhdCBkaWZmZXJzIHRlbGxzIHdoaWNoLiAqL1xuaW1wb3J0IHsgY3JlYXRlSGFzaCB9IGZyb20gJ25vZGU6Y3J5cHRvJztcbmltcG9ydCB0eXBlIHsgQ2F1c2UgfSBmcm9tICcuL2NhdXNlLmpzJztcblxuLyoqIFRoZSBmaXJzdCBsaW5lcyB0aGF0IGRpZmZlciwgd2l0aCB3aGF0IHN0YW5kcyBpbiBmcm9udCBvZiBhIHZhbHVlLCBzdWNoIGFzIGB4LW9mZmljZS10aW1lOmAuICovXG5mdW5jdGlvbiBmaXJzdERpZmZlcmVudChvdXJzOiBzdHJpbmcsIHRoZWlyczogc3RyaW5nKTogW3N0cmluZywgc3RyaW5nXSB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IFtvd24sIG90aGVyXSA9IFtvdXJzLnNwbGl0KCdcXG4nKSwgdGhlaXJzLnNwbGl0KCdcXG4nKV07XG4gIGNvbnN0IGF0ID0gb3duLmZpbmRJbmRleCgobGluZSwgaW5kZXgpID0+IGxpbmUgIT09IG90aGVyW2luZGV4XSk7XG4gIGNvbnN0IFtsZWZ0LCByaWdodF0gPSBbb3duW2F0XSwgb3RoZXJbYXRdXTtcbiAgcmV0dXJuIGxlZnQgPT09IHVuZGVmaW5lZCB8fCByaWdodCA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogW2xlZnQsIHJpZ2h0XTtcbn1cblxuLyoqIFRoZSBjYXVzZSBsb29rcyBhdCB0aGUgZmlyc3QgbGluZSB0aGF0IGRpZmZlcnMuICovXG5jb25zdCBvZkxpbmUgPSAobmFtZTogc3RyaW5nLCBleHBsYWluOiBDYXVzZVsnZXhwbGFpbiddKTogQ2F1c2UgPT4gKHtcbiAgbmFtZSxcbiAgZXhwbGFpbihvdXJzLCB0aGVpcnMpIHtcbiAgICBjb25zdCBsaW5lcyA9IGZpcnN0RGlmZmVyZW50KG91cnMsIHRoZWlycyk7XG4gICAgcmV0dXJuIGxpbmVzICYmIGV4cGxhaW4oLi4ubGluZXMpO1xuICB9LFxufSk7XG5cbmNvbnN0IHN0YW1wcyA9IC8oXFxkezR9KS0/KFxcZFxcZCktPyhcXGRcXGQpW1QgXShcXGRcXGQpOj8oXFxkXFxkKTo/KFxcZFxcZCkoPzpcXC5cXGQrKT8oWnxbKy1dXFxkXFxkOj9cXGRcXGQpPy87XG5cbi8qKiBTZWNvbmRzIHNpbmNlIDE5NzAsIGFzIHRoZSB0ZXh0IHNheXMgaXQ7IHRoZSB6b25lIGlzIGxlZnQgYXNpZGUuICovXG5mdW5jdGlvbiB3YWxsQ2xvY2sodGV4dDogc3RyaW5nKTogeyByZWFkb25seSBzZWNvbmRzOiBudW1iZXI7IHJlYWRvbmx5IHdyaXR0ZW46IHN0cmluZyB9IHwgdW5kZWZpbmVkIHtcbiAgY29uc3QgZm91bmQgPSBzdGFtcHMuZXhlYyh0ZXh0KTtcbiAgaWYgKCFmb3VuZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgY29uc3QgW3dyaXR0ZW4sIHllYXIsIG1vbnRoLCBkYXksIGhvdXIsIG1pbnV0ZSwgc2Vjb25kXSA9IGZvdW5kO1xuICByZXR1cm4ge1xuICAgIHdyaXR0ZW4sXG4gICAgc2Vjb25kczpcbiAgICAgIERhdGUuVVRDKE51bWJlcih5ZWFyKSwgTnVtYmVyKG1vbnRoKSAtIDEsIE51bWJlcihkYXkpLCBOdW1iZXIoaG91ciksIE51bWJlcihtaW51dGUpLCBOdW1iZXIoc2Vjb25kKSkgLyAxMDAwLFxuICB9O1xufVxuXG4vKiogT2YgYW4gZW1wdHkgYm9keS4gKi9cbmNvbnN0IGVtcHR5RGlnZXN0czogUmVhZG9ubHlTZXQ8c3RyaW5nPiA9IG5ldyBTZXQoXG4gIFsnbWQ1JywgJ3NoYTEnLCAnc2hhMjU2JywgJ3NoYTM4NCcsICdzaGE1MTInXS5mbGF0TWFwKChuYW1lKSA9PlxuICAgIChbJ2hleCcsICdiYXNlNjQnXSBhcyBjb25zdCkubWFwKChlbmNvZGluZykgPT4gY3JlYXRlSGFzaChuYW1lKS5kaWdlc3QoZW5jb2RpbmcpKSxcbiAgKSxcbik7XG5cbmNvbnN0IGRpZ2VzdCA9IC9cXGJbMC05YS1mXXszMiwxMjh9XFxifFtBLVphLXowLTkrL18tXXsyMiw4Nn09ezAsMn0vaTtcblxuZXhwb3J0IGNvbnN0IHZhbHVlQ2F1c2VzOiByZWFkb25seSBDYXVzZVtdID0gW1xuICBvZkxpbmUoJ3F1ZXJ5IGJlaGluZCB0aGUgcGF0aCcsIChvdXJzLCB0aGVpcnMpID0+IHtcbiAgICBpZiAodGhlaXJzLnN0YXJ0c1dpdGgoYCR7b3Vyc30/YCkpIHJldHVybiAndGhlaXJzIGlzIHRoZSBwYXRoIHdpdGggaXRzIHF1ZXJ5OiAke3NlbnQudGFyZ2V0fSc7XG4gICAgaWYgKG91cnMuc3RhcnRzV2l0aChgJHt0aGVpcnN9P2ApKSByZXR1cm4gJ3RoZWlycyBpcyB0aGUgcGF0aCB3aXRob3V0IGl0cyBxdWVyeTogJHtzZW50LnBhdGh9JztcbiAgICByZXR1cm4gdW5kZWZpbmVkO1xuICB9KSxcbiAgb2ZMaW5lKCdxdWVzdGlvbiBtYXJrJywgKG91cnMsIHRoZWlycykgPT5cbiAgICB0aGVpcnMgPT09IGA/JHtvdXJzfWAgfHwgb3VycyA9PT0gYD8ke3RoZWlyc31gID8gJ3RoZSBxdWVzdGlvbiBtYXJrIGluIGZyb250IG9mIHRoZSBxdWVyeScgOiB1bmRlZmluZWQsXG4gICksXG4gIG9mTGluZSgnc2xhc2ggYXQgdGhlIGVuZCcsIChvdXJzLCB0aGVpcnMpID0+XG4gICAgdGhlaXJzID09PSBgJHtvdXJzfS9gIHx8IG91cnMgPT09IGAke3RoZWlyc30vYCA/ICdhIHNsYXNoIGF0IHRoZSBlbmQgb2YgdGhlIHBhdGgnIDogdW5kZWZpbmVkLFxuICApLFxuICBvZkxpbmUoJ3BvcnQnLCAob3VycywgdGhlaXJzKSA9PiB7XG4gICAgY29uc3QgW3Nob3J0ZXIsIGxvbmdlcl0gPSBvdXJzLmxlbmd0aCA8IHRoZWlycy5sZW5ndGggPyBbb3VycywgdGhlaXJzXSA6IFt0aGVpcnMsIG91cnNdO1xuICAgIHJldHVybiBsb25nZXIuc3RhcnRzV2l0aChzaG9ydGVyKSAmJiAvXjpcXGQrJC8udGVzdChsb25nZXIuc2xpY2Uoc2hvcnRlci5sZW5ndGgpKVxuICAgICAgPyAndGhlIHBvcnQ6ICR7c2VudC5hdXRob3JpdHl9IGhhcyBpdCB3aGVyZSBpdCBpcyBub3QgdGhlIHVzdWFsIG9uZSwgJHtzZW50Lmhvc3R9IG5ldmVyJ1xuICAgICAgOiB1bmRlZmluZWQ7XG4gIH0pLFxuICBvZkxpbmUoJ3RpbWUnLCAob3VycywgdGhlaXJzKSA9PiB7XG4gICAgY29uc3QgW293biwgb3RoZXJdID0gW3dhbGxDbG9jayhvdXJzKSwgd2FsbENsb2NrKHRoZWlycyldO1xuICAgIGlmIChvd24gJiYgb3RoZXIpIHtcbiAgICAgIGNvbnN0IHNoYXBlID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PiB0ZXh0LnJlcGxhY2UoL1xcZC9nLCAnMCcpLnJlcGxhY2UoL1srLV0wMDo/MDAkLywgJ1onKTtcbiAgICAgIGlmIChzaGFwZShvd24ud3JpdHRlbikgIT09IHNoYXBlKG90aGVyLndyaXR0ZW4pKVxuICAgICAgICByZXR1cm4gYHRoZSB0aW1lIGlzIHdyaXR0ZW4gb3RoZXJ3aXNlOiAke290aGVyLndyaXR0ZW59IHRoZXJlOyB8IGZvcm1hdChcIlx1MjAyNlwiKSB3cml0ZXMgaXQgc29gO1xuICAgICAgY29uc3QgYXBhcnQgPSBvd24uc2Vjb25kcyAtIG90aGVyLnNlY29uZHM7XG4gICAgICBpZiAoYXBhcnQgIT09IDAgJiYgYXBhcnQgJSA5MDAgPT09IDAgJiYgTWF0aC5hYnMoYXBhcnQpIDw9IDE0ICogMzYwMClcbiAgICAgICAgcmV0dXJuIGB0aGUgdGltZXMgYXJlICR7TWF0aC5hYnMoYXBhcnQgLyAzNjAwKX0gaCBhcGFydDogYW5vdGhlciB0aW1lIHpvbmU7IHwgaW4tem9uZShcIlVUQ1wiKSwgb3IgdGhlIHpvbmUgb2YgdGhlIHZlbmRvcmA7XG4gICAgICBpZiAoYXBhcnQgIT09IDApIHJldHVybiAnYW5vdGhlciBtb21lbnQ6IC0tdGltZSBzYXlzIHdoaWNoIG9uZSB0aGVpcnMgd2FzIG1hZGUgYXQnO1xuICAgIH1cbiAgICBjb25zdCBbbGVmdCwgcmlnaHRdID0gWy9cXGJcXGR7MTAsMTN9XFxiLy5leGVjKG91cnMpPy5bMF0sIC9cXGJcXGR7MTAsMTN9XFxiLy5leGVjKHRoZWlycyk/LlswXV07XG4gICAgaWYgKGxlZnQgJiYgcmlnaHQgJiYgbGVmdCAhPT0gcmlnaHQgJiYgb3Vycy5yZXBsYWNlKGxlZnQsIHJpZ2h0KSA9PT0gdGhlaXJzKVxuICAgICAgcmV0dXJuIGxlZnQubGVuZ3RoID09PSByaWdodC5sZW5ndGhcbiAgICAgICAgPyAnYW5vdGhlciBtb21lbnQ6IC0tdGltZSBzYXlzIHdoaWNoIG9uZSB0aGVpcnMgd2FzIG1hZGUgYXQnXG4gICAgICAgIDogcmlnaHQubGVuZ3RoID09PSAxM1xuICAgICAgICAgID8gJ3RoZWlycyBjb3VudHMgbWlsbGlzZWNvbmRzOiB8IHVuaXgtbXMnXG4gICAgICAgICAgOiAndGhlaXJzIGNvdW50cyBzZWNvbmRzOiB8IHVuaXgnO1xuICAgIGlmIChvdGhlciAmJiBsZWZ0KSByZXR1cm4gYHRoZWlycyBpcyBhIGRhdGUsIG91cnMgYSBudW1iZXI6IHwgZm9ybWF0KFwiXHUyMDI2XCIpIHdyaXRlcyBpdGA7XG4gICAgaWYgKG93biAmJiByaWdodCkgcmV0dXJuICd0aGVpcnMgaXMgYSBudW1iZXIsIG91cnMgYSBkYXRlOiB8IHVuaXgsIG9yIHwgdW5peC1tcyc7XG4gICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgfSksXG4gIG9mTGluZSgnZGlnZXN0IG9mIHRoZSBib2R5JywgKG91cnMsIHRoZWlycykgPT4ge1xuICAgIGNvbnN0IFtvd24sIG90aGVyXSA9IFtkaWdlc3QuZXhlYyhvdXJzKT8uWzBdLCBkaWdlc3QuZXhlYyh0aGVpcnMpPy5bMF1dO1xuICAgIGlmICghb3duIHx8ICFvdGhlciB8fCBvdXJzLnJlcGxhY2Uob3duLCBvdGhlcikgIT09IHRoZWlycykgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICBpZiAoZW1wdHlEaWdlc3RzLmhhcyhvdGhlcikpIHJldHVybiAndGhlaXJzIGlzIHRoZSBkaWdlc3Qgb2Ygbm8gYnl0ZXMgYXQgYWxsOiB0aGUgYm9keSBpcyBub3QgcGFydCBvZiBpdCB0aGVyZSc7XG4gICAgaWYgKGVtcHR5RGlnZXN0cy5oYXMob3duKSlcbiAgICAgIHJldHVybiAnb3VycyBpcyB0aGUgZGlnZXN0IG9mIG5vIGJ5dGVzIGF0IGFsbDogdGhlIGJvZHkgaGFkIG5vdCBiZWVuIHdyaXR0ZW4sIG9yIGlzIGxlZnQgb3V0JztcbiAgICBmb3IgKGNvbnN0IFtuYW1lLCByZWFkXSBvZiBbXG4gICAgICBbJ2hleCcsICdoZXgnXSxcbiAgICAgIFsnYmFzZTY0JywgJ2Jhc2U2NCddLFxuICAgIF0gYXMgY29uc3QpIHtcbiAgICAgIGNvbnN0IGJ5dGVzID0gQnVmZmVyLmZyb20ob3RoZXIsIHJlYWQpO1xuICAgICAgaWYgKGJ5dGVzLmxlbmd0aCA+IDAgJiYgYnl0ZXMuZXF1YWxzKEJ1ZmZlci5mcm9tKG93biwgbmFtZSA9PT0gJ2hleCcgPyAnYmFzZTY0JyA6ICdoZXgnKSkpXG4gICAgICAgIHJldHVybiBgdGhlIHNhbWUgZGlnZXN0LCB3cml0dGVuIGFzICR7bmFtZX0gdGhlcmU6IHwgJHtuYW1lfWA7XG4gICAgfVxuICAgIHJldHVybiBvd24ubGVuZ3RoID09PSBvdGhlci5sZW5ndGhcbiAgICAgID8gJ3RoZSBkaWdlc3Qgb2Ygb3RoZXIgYnl0ZXM6IGEgc3BhY2UsIGEgbGluZSBicmVhayBhdCB0aGUgZW5kIG9yIHRoZSBvcmRlciBvZiBtZW1iZXJzIG1ha2VzIGFub3RoZXIgYm9keSdcbiAgICAgIDogJ2EgZGlnZXN0IGJ5IGFub3RoZXIgYWxnb3JpdGhtOiBpdHMgbGVuZ3RoIGlzIGFub3RoZXInO1xuICB9KSxcbiAgb2ZMaW5lKCduYW1lIGluIGZyb250IG9mIHRoZSB2YWx1ZScsIChvdXJzLCB0aGVpcnMpID0+IHtcbiAgICBjb25zdCBzaG9ydGVyID0gb3Vycy5sZW5ndGggPCB0aGVpcnMubGVuZ3RoID8gb3VycyA6IHRoZWlycztcbiAgICBjb25zdCBsb25nZXIgPSBvdXJzLmxlbmd0aCA8IHRoZWlycy5sZW5ndGggPyB0aGVpcnMgOiBvdXJzO1xuICAgIGNvbnN0IG5hbWUgPSBsb25nZXIuc2xpY2UoMCwgbG9uZ2VyLmxlbmd0aCAtIHNob3J0ZXIubGVuZ3RoKTtcbiAgICByZXR1cm4gbG9uZ2VyLmVuZHNXaXRoKHNob3J0ZXIpICYmIC9eW1xcdy1dK1s6PV0gPyQvLnRlc3QobmFtZSlcbiAgICAgID8gYCR7c2hvcnRlciA9PT0gb3VycyA/ICd0aGVpcnMnIDogJ291cnMnfSBoYXMgdGhlIG5hbWUgaW4gZnJvbnQgb2YgdGhlIHZhbHVlOiAke0pTT04uc3RyaW5naWZ5KG5hbWUpfWBcbiAgICAgIDogdW5kZWZpbmVkO1xuICB9KSxcbl07XG4iLCAiLyoqIEFsbCBjYXVzZXMsIHRoZSBzdXJlc3QgZmlyc3Q6IHRob3NlIHRoYXQgZXhwbGFpbiB0aGUgd2hvbGUgZGlmZmVyZW5jZSwgdGhlbiB0aG9zZSB0aGF0IGxvb2sgYXQgb25lIGxpbmUuICovXG5pbXBvcnQgdHlwZSB7IENhdXNlIH0gZnJvbSAnLi9jYXVzZS5qcyc7XG5pbXBvcnQgeyBsaW5lQ2F1c2VzIH0gZnJvbSAnLi9saW5lLWNhdXNlcy5qcyc7XG5pbXBvcnQgeyB0ZXh0Q2F1c2VzIH0gZnJvbSAnLi90ZXh0LWNhdXNlcy5qcyc7XG5pbXBvcnQgeyB2YWx1ZUNhdXNlcyB9IGZyb20gJy4vdmFsdWUtY2F1c2VzLmpzJztcblxuZXhwb3J0IGNvbnN0IGNhdXNlczogcmVhZG9ubHkgQ2F1c2VbXSA9IFsuLi5saW5lQ2F1c2VzLCAuLi50ZXh0Q2F1c2VzLCAuLi52YWx1ZUNhdXNlc107XG4iXSwKICAibWFwcGluZ3MiOiAiO0FBQ0EsU0FBUyxnQkFBZ0I7OztBQ0V6QixJQUFNLFVBQVUsQ0FBQyxTQUEyQixLQUFLLE1BQU0sSUFBSTtBQUMzRCxJQUFNLFlBQVksQ0FBQyxHQUFzQixNQUN2QyxFQUFFLFdBQVcsRUFBRSxVQUFVLENBQUMsR0FBRyxDQUFDLEVBQUUsS0FBSyxFQUFFLEtBQUssSUFBSSxNQUFNLENBQUMsR0FBRyxDQUFDLEVBQUUsS0FBSyxFQUFFLEtBQUssSUFBSTtBQUV4RSxJQUFNLGFBQStCO0FBQUEsRUFDMUM7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLFFBQVEsTUFBTSxRQUFRO0FBQ3BCLFVBQUksU0FBUyxHQUFHLE1BQU07QUFBQTtBQUNwQixlQUFPO0FBQ1QsVUFBSSxHQUFHLElBQUk7QUFBQSxNQUFTO0FBQ2xCLGVBQU87QUFDVCxhQUFPO0FBQUEsSUFDVDtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixRQUFRLE1BQU0sUUFBUTtBQUNwQixZQUFNLFFBQVEsQ0FBQyxTQUF5QixLQUFLLFdBQVcsUUFBUSxJQUFJO0FBQ3BFLFVBQUksTUFBTSxJQUFJLE1BQU0sTUFBTSxNQUFNLEVBQUcsUUFBTztBQUMxQyxhQUFPLE9BQU8sU0FBUyxNQUFNLElBQ3pCLGtFQUNBO0FBQUEsSUFDTjtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixRQUFRLE1BQU0sUUFBUTtBQUNwQixZQUFNLENBQUMsS0FBSyxLQUFLLElBQUksQ0FBQyxRQUFRLElBQUksR0FBRyxRQUFRLE1BQU0sQ0FBQztBQUNwRCxZQUFNLFNBQVMsQ0FBQyxVQUE0QixNQUFNLE9BQU8sQ0FBQyxTQUFTLFNBQVMsRUFBRSxFQUFFLEtBQUssSUFBSTtBQUN6RixVQUFJLElBQUksV0FBVyxNQUFNLFVBQVUsT0FBTyxHQUFHLE1BQU0sT0FBTyxLQUFLLEVBQUcsUUFBTztBQUN6RSxZQUFNLENBQUMsUUFBUSxPQUFPLElBQUksSUFBSSxTQUFTLE1BQU0sU0FBUyxDQUFDLEtBQUssS0FBSyxJQUFJLENBQUMsT0FBTyxHQUFHO0FBQ2hGLFlBQU0sS0FBSyxPQUFPLFVBQVUsQ0FBQyxNQUFNLFVBQVUsU0FBUyxNQUFNLFFBQVEsS0FBSyxNQUFNLEVBQUUsSUFBSTtBQUNyRixhQUFPLElBQUksU0FBUyxNQUFNLFNBQ3RCLG9DQUFvQyxFQUFFLHNFQUN0QyxrQ0FBa0MsRUFBRTtBQUFBLElBQzFDO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE1BQU07QUFBQSxJQUNOLFFBQVEsTUFBTSxRQUFRO0FBQ3BCLFlBQU0sQ0FBQyxLQUFLLEtBQUssSUFBSSxDQUFDLFFBQVEsSUFBSSxHQUFHLFFBQVEsTUFBTSxDQUFDO0FBQ3BELFlBQU0sQ0FBQyxRQUFRLE9BQU8sSUFBSSxJQUFJLFNBQVMsTUFBTSxTQUFTLENBQUMsS0FBSyxLQUFLLElBQUksQ0FBQyxPQUFPLEdBQUc7QUFDaEYsVUFBSSxPQUFPLFdBQVcsUUFBUSxTQUFTLEVBQUcsUUFBTztBQUNqRCxZQUFNLEtBQUssT0FBTyxVQUFVLENBQUMsTUFBTSxVQUFVLFNBQVMsUUFBUSxLQUFLLENBQUM7QUFDcEUsVUFBSSxPQUFPLFVBQVUsSUFBSSxDQUFDLEVBQUUsS0FBSyxJQUFJLE1BQU0sUUFBUSxLQUFLLElBQUksRUFBRyxRQUFPO0FBQ3RFLGFBQU8sSUFBSSxTQUFTLE1BQU0sU0FDdEIseUJBQXlCLEtBQUssQ0FBQyxLQUFLLEtBQUssVUFBVSxPQUFPLEVBQUUsQ0FBQyxDQUFDLEtBQzlELG1CQUFtQixLQUFLLENBQUMseUJBQXlCLEtBQUssVUFBVSxPQUFPLEVBQUUsQ0FBQyxDQUFDO0FBQUEsSUFDbEY7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sU0FBUyxDQUFDLE1BQU0sV0FDZCxVQUFVLFFBQVEsSUFBSSxHQUFHLFFBQVEsTUFBTSxDQUFDLElBQ3BDLHNJQUNBO0FBQUEsRUFDUjtBQUNGOzs7QUMxREEsSUFBTSxVQUFVLENBQUMsU0FBeUI7QUFDeEMsTUFBSTtBQUNGLFdBQU8sbUJBQW1CLElBQUk7QUFBQSxFQUNoQyxRQUFRO0FBQ04sV0FBTztBQUFBLEVBQ1Q7QUFDRjtBQUdBLElBQU0sWUFBWTtBQUdsQixTQUFTLFdBQ1AsTUFDQSxRQUNBLE1BQ087QUFDUCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsU0FBUyxDQUFDLE1BQU0sV0FBWSxPQUFPLElBQUksTUFBTSxPQUFPLE1BQU0sSUFBSSxLQUFLLE1BQU0sTUFBTSxJQUFJO0FBQUEsRUFDckY7QUFDRjtBQUVPLElBQU0sYUFBK0I7QUFBQSxFQUMxQztBQUFBLElBQ0U7QUFBQSxJQUNBLENBQUMsU0FDQyxLQUNHLFFBQVEsYUFBYSxHQUFHLEVBQ3hCLFFBQVEsU0FBUyxFQUFFLEVBQ25CLFFBQVEsUUFBUSxFQUFFO0FBQUEsSUFDdkIsQ0FBQyxNQUFNLFdBQ0wsWUFBWSxLQUFLLElBQUksS0FBSyxDQUFDLFlBQVksS0FBSyxNQUFNLElBQzlDLHNEQUNBO0FBQUEsRUFDUjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQSxDQUFDLFNBQVMsS0FBSyxRQUFRLGNBQWMsR0FBRztBQUFBLElBQ3hDLE1BQ0U7QUFBQSxFQUNKO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBLENBQUMsU0FBUyxLQUFLLFlBQVk7QUFBQSxJQUMzQixDQUFDLE1BQU0sV0FDTCxXQUFXLE9BQU8sWUFBWSxJQUMxQix3Q0FDQSxXQUFXLE9BQU8sWUFBWSxJQUM1QiwwQ0FDQSxLQUFLLFFBQVEsa0JBQWtCLENBQUMsVUFBVSxNQUFNLFlBQVksQ0FBQyxNQUFNLFNBQ2pFLGdGQUNBO0FBQUEsRUFDWjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQSxDQUFDLFNBQVMsS0FBSyxXQUFXLE9BQU8sR0FBRztBQUFBLElBQ3BDLENBQUMsR0FBRyxXQUNGLE9BQU8sU0FBUyxHQUFHLEtBQUssQ0FBQyxPQUFPLFNBQVMsS0FBSyxJQUMxQyxvREFDQTtBQUFBLEVBQ1I7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixRQUFRLE1BQU0sUUFBUTtBQUNwQixVQUFJLFFBQVEsSUFBSSxNQUFNLE9BQVEsUUFBTztBQUNyQyxVQUFJLFFBQVEsTUFBTSxNQUFNO0FBQ3RCLGVBQU87QUFDVCxhQUFPO0FBQUEsSUFDVDtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0UsTUFBTTtBQUFBLElBQ04sUUFBUSxNQUFNLFFBQVE7QUFDcEIsWUFBTSxhQUFhLENBQUMsU0FDbEIsS0FBSyxRQUFRLFdBQVcsQ0FBQyxVQUFVLE1BQU0sTUFBTSxHQUFHLEVBQUUsS0FBSyxFQUFFLEtBQUssR0FBRyxDQUFDO0FBQ3RFLGFBQU8sV0FBVyxJQUFJLE1BQU0sV0FBVyxNQUFNLElBQ3pDLGtHQUNBO0FBQUEsSUFDTjtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRSxNQUFNO0FBQUEsSUFDTixRQUFRLE1BQU0sUUFBUTtBQUNwQixZQUFNLFNBQVMsQ0FBQyxTQUNkLEtBQUs7QUFBQSxRQUFRO0FBQUEsUUFBVyxDQUFDLFVBQ3ZCLE1BQ0csTUFBTSxHQUFHLEVBQ1QsT0FBTyxDQUFDLFNBQVMsQ0FBQyxLQUFLLFNBQVMsR0FBRyxDQUFDLEVBQ3BDLEtBQUssR0FBRztBQUFBLE1BQ2I7QUFDRixVQUFJLE9BQU8sSUFBSSxNQUFNLE9BQU8sTUFBTSxFQUFHLFFBQU87QUFDNUMsYUFBTyxLQUFLLFNBQVMsT0FBTyxTQUN4Qiw0REFDQTtBQUFBLElBQ047QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBLENBQUMsU0FBUyxLQUFLLFVBQVUsS0FBSztBQUFBLElBQzlCLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBLENBQUMsU0FBUyxLQUFLLFFBQVEsYUFBYSxHQUFHLEVBQUUsUUFBUSwwQkFBMEIsRUFBRTtBQUFBLElBQzdFLE1BQU07QUFBQSxFQUNSO0FBQUEsRUFDQTtBQUFBLElBQ0U7QUFBQSxJQUNBLENBQUMsU0FBUyxLQUFLLFFBQVEsZ0NBQWdDLEdBQUc7QUFBQSxJQUMxRCxNQUFNO0FBQUEsRUFDUjtBQUNGOzs7QUN2SEEsU0FBUyxrQkFBa0I7QUFJM0IsU0FBUyxlQUFlLE1BQWMsUUFBOEM7QUFDbEYsUUFBTSxDQUFDLEtBQUssS0FBSyxJQUFJLENBQUMsS0FBSyxNQUFNLElBQUksR0FBRyxPQUFPLE1BQU0sSUFBSSxDQUFDO0FBQzFELFFBQU0sS0FBSyxJQUFJLFVBQVUsQ0FBQyxNQUFNLFVBQVUsU0FBUyxNQUFNLEtBQUssQ0FBQztBQUMvRCxRQUFNLENBQUMsTUFBTSxLQUFLLElBQUksQ0FBQyxJQUFJLEVBQUUsR0FBRyxNQUFNLEVBQUUsQ0FBQztBQUN6QyxTQUFPLFNBQVMsVUFBYSxVQUFVLFNBQVksU0FBWSxDQUFDLE1BQU0sS0FBSztBQUM3RTtBQUdBLElBQU0sU0FBUyxDQUFDLE1BQWMsYUFBc0M7QUFBQSxFQUNsRTtBQUFBLEVBQ0EsUUFBUSxNQUFNLFFBQVE7QUFDcEIsVUFBTSxRQUFRLGVBQWUsTUFBTSxNQUFNO0FBQ3pDLFdBQU8sU0FBUyxRQUFRLEdBQUcsS0FBSztBQUFBLEVBQ2xDO0FBQ0Y7QUFFQSxJQUFNLFNBQVM7QUFHZixTQUFTLFVBQVUsTUFBa0Y7QUFDbkcsUUFBTSxRQUFRLE9BQU8sS0FBSyxJQUFJO0FBQzlCLE1BQUksQ0FBQyxNQUFPLFFBQU87QUFDbkIsUUFBTSxDQUFDLFNBQVMsTUFBTSxPQUFPLEtBQUssTUFBTSxRQUFRLE1BQU0sSUFBSTtBQUMxRCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsU0FDRSxLQUFLLElBQUksT0FBTyxJQUFJLEdBQUcsT0FBTyxLQUFLLElBQUksR0FBRyxPQUFPLEdBQUcsR0FBRyxPQUFPLElBQUksR0FBRyxPQUFPLE1BQU0sR0FBRyxPQUFPLE1BQU0sQ0FBQyxJQUFJO0FBQUEsRUFDM0c7QUFDRjtBQUdBLElBQU0sZUFBb0MsSUFBSTtBQUFBLEVBQzVDLENBQUMsT0FBTyxRQUFRLFVBQVUsVUFBVSxRQUFRLEVBQUU7QUFBQSxJQUFRLENBQUMsU0FDcEQsQ0FBQyxPQUFPLFFBQVEsRUFBWSxJQUFJLENBQUMsYUFBYSxXQUFXLElBQUksRUFBRSxPQUFPLFFBQVEsQ0FBQztBQUFBLEVBQ2xGO0FBQ0Y7QUFFQSxJQUFNLFNBQVM7QUFFUixJQUFNLGNBQWdDO0FBQUEsRUFDM0MsT0FBTyx5QkFBeUIsQ0FBQyxNQUFNLFdBQVc7QUFDaEQsUUFBSSxPQUFPLFdBQVcsR0FBRyxJQUFJLEdBQUcsRUFBRyxRQUFPO0FBQzFDLFFBQUksS0FBSyxXQUFXLEdBQUcsTUFBTSxHQUFHLEVBQUcsUUFBTztBQUMxQyxXQUFPO0FBQUEsRUFDVCxDQUFDO0FBQUEsRUFDRDtBQUFBLElBQU87QUFBQSxJQUFpQixDQUFDLE1BQU0sV0FDN0IsV0FBVyxJQUFJLElBQUksTUFBTSxTQUFTLElBQUksTUFBTSxLQUFLLDRDQUE0QztBQUFBLEVBQy9GO0FBQUEsRUFDQTtBQUFBLElBQU87QUFBQSxJQUFvQixDQUFDLE1BQU0sV0FDaEMsV0FBVyxHQUFHLElBQUksT0FBTyxTQUFTLEdBQUcsTUFBTSxNQUFNLG1DQUFtQztBQUFBLEVBQ3RGO0FBQUEsRUFDQSxPQUFPLFFBQVEsQ0FBQyxNQUFNLFdBQVc7QUFDL0IsVUFBTSxDQUFDLFNBQVMsTUFBTSxJQUFJLEtBQUssU0FBUyxPQUFPLFNBQVMsQ0FBQyxNQUFNLE1BQU0sSUFBSSxDQUFDLFFBQVEsSUFBSTtBQUN0RixXQUFPLE9BQU8sV0FBVyxPQUFPLEtBQUssU0FBUyxLQUFLLE9BQU8sTUFBTSxRQUFRLE1BQU0sQ0FBQyxJQUMzRSx5RkFDQTtBQUFBLEVBQ04sQ0FBQztBQUFBLEVBQ0QsT0FBTyxRQUFRLENBQUMsTUFBTSxXQUFXO0FBQy9CLFVBQU0sQ0FBQyxLQUFLLEtBQUssSUFBSSxDQUFDLFVBQVUsSUFBSSxHQUFHLFVBQVUsTUFBTSxDQUFDO0FBQ3hELFFBQUksT0FBTyxPQUFPO0FBQ2hCLFlBQU0sUUFBUSxDQUFDLFNBQXlCLEtBQUssUUFBUSxPQUFPLEdBQUcsRUFBRSxRQUFRLGVBQWUsR0FBRztBQUMzRixVQUFJLE1BQU0sSUFBSSxPQUFPLE1BQU0sTUFBTSxNQUFNLE9BQU87QUFDNUMsZUFBTyxrQ0FBa0MsTUFBTSxPQUFPO0FBQ3hELFlBQU0sUUFBUSxJQUFJLFVBQVUsTUFBTTtBQUNsQyxVQUFJLFVBQVUsS0FBSyxRQUFRLFFBQVEsS0FBSyxLQUFLLElBQUksS0FBSyxLQUFLLEtBQUs7QUFDOUQsZUFBTyxpQkFBaUIsS0FBSyxJQUFJLFFBQVEsSUFBSSxDQUFDO0FBQ2hELFVBQUksVUFBVSxFQUFHLFFBQU87QUFBQSxJQUMxQjtBQUNBLFVBQU0sQ0FBQyxNQUFNLEtBQUssSUFBSSxDQUFDLGdCQUFnQixLQUFLLElBQUksSUFBSSxDQUFDLEdBQUcsZ0JBQWdCLEtBQUssTUFBTSxJQUFJLENBQUMsQ0FBQztBQUN6RixRQUFJLFFBQVEsU0FBUyxTQUFTLFNBQVMsS0FBSyxRQUFRLE1BQU0sS0FBSyxNQUFNO0FBQ25FLGFBQU8sS0FBSyxXQUFXLE1BQU0sU0FDekIsNkRBQ0EsTUFBTSxXQUFXLEtBQ2YsMENBQ0E7QUFDUixRQUFJLFNBQVMsS0FBTSxRQUFPO0FBQzFCLFFBQUksT0FBTyxNQUFPLFFBQU87QUFDekIsV0FBTztBQUFBLEVBQ1QsQ0FBQztBQUFBLEVBQ0QsT0FBTyxzQkFBc0IsQ0FBQyxNQUFNLFdBQVc7QUFDN0MsVUFBTSxDQUFDLEtBQUssS0FBSyxJQUFJLENBQUMsT0FBTyxLQUFLLElBQUksSUFBSSxDQUFDLEdBQUcsT0FBTyxLQUFLLE1BQU0sSUFBSSxDQUFDLENBQUM7QUFDdEUsUUFBSSxDQUFDLE9BQU8sQ0FBQyxTQUFTLEtBQUssUUFBUSxLQUFLLEtBQUssTUFBTSxPQUFRLFFBQU87QUFDbEUsUUFBSSxhQUFhLElBQUksS0FBSyxFQUFHLFFBQU87QUFDcEMsUUFBSSxhQUFhLElBQUksR0FBRztBQUN0QixhQUFPO0FBQ1QsZUFBVyxDQUFDLE1BQU0sSUFBSSxLQUFLO0FBQUEsTUFDekIsQ0FBQyxPQUFPLEtBQUs7QUFBQSxNQUNiLENBQUMsVUFBVSxRQUFRO0FBQUEsSUFDckIsR0FBWTtBQUNWLFlBQU0sUUFBUSxPQUFPLEtBQUssT0FBTyxJQUFJO0FBQ3JDLFVBQUksTUFBTSxTQUFTLEtBQUssTUFBTSxPQUFPLE9BQU8sS0FBSyxLQUFLLFNBQVMsUUFBUSxXQUFXLEtBQUssQ0FBQztBQUN0RixlQUFPLCtCQUErQixJQUFJLGFBQWEsSUFBSTtBQUFBLElBQy9EO0FBQ0EsV0FBTyxJQUFJLFdBQVcsTUFBTSxTQUN4QiwyR0FDQTtBQUFBLEVBQ04sQ0FBQztBQUFBLEVBQ0QsT0FBTyw4QkFBOEIsQ0FBQyxNQUFNLFdBQVc7QUFDckQsVUFBTSxVQUFVLEtBQUssU0FBUyxPQUFPLFNBQVMsT0FBTztBQUNyRCxVQUFNLFNBQVMsS0FBSyxTQUFTLE9BQU8sU0FBUyxTQUFTO0FBQ3RELFVBQU0sT0FBTyxPQUFPLE1BQU0sR0FBRyxPQUFPLFNBQVMsUUFBUSxNQUFNO0FBQzNELFdBQU8sT0FBTyxTQUFTLE9BQU8sS0FBSyxpQkFBaUIsS0FBSyxJQUFJLElBQ3pELEdBQUcsWUFBWSxPQUFPLFdBQVcsTUFBTSx3Q0FBd0MsS0FBSyxVQUFVLElBQUksQ0FBQyxLQUNuRztBQUFBLEVBQ04sQ0FBQztBQUNIOzs7QUN4R08sSUFBTSxTQUEyQixDQUFDLEdBQUcsWUFBWSxHQUFHLFlBQVksR0FBRyxXQUFXOzs7QUp5QjlFLFNBQVMsZUFBZSxPQUErQixRQUFnQixNQUFvQztBQUNoSCxRQUFNLFFBQVEsTUFBTSxRQUFRLENBQUMsU0FBUztBQUNwQyxRQUFJLFNBQVMsVUFBYSxLQUFLLFNBQVMsS0FBTSxRQUFPLENBQUM7QUFDdEQsVUFBTSxPQUFPLEtBQUssaUJBQWlCLGFBQWEsU0FBWSxTQUFTLElBQUk7QUFDekUsV0FBTyxTQUFTLFVBQWMsU0FBUyxVQUFhLFNBQVMsS0FBTSxDQUFDLElBQUksQ0FBQyxFQUFFLE1BQU0sS0FBSyxDQUFDO0FBQUEsRUFDekYsQ0FBQztBQUNELFFBQU0sT0FBTyxNQUFNLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLE1BQU07QUFDckQsTUFBSSxLQUFNLFFBQU8sRUFBRSxNQUFNLEtBQUssS0FBSyxNQUFNLE1BQU0sTUFBTSxZQUFZLE9BQVU7QUFDM0UsUUFBTSxVQUFVLE1BQU0sT0FBTyxDQUFDLEVBQUUsS0FBSyxNQUFNLENBQUMsS0FBSyxNQUFNO0FBQ3ZELFFBQU0sYUFBYSxRQUFRLFNBQVMsSUFBSSxVQUFVO0FBQ2xELFFBQU0sU0FBUyxXQUNaLElBQUksQ0FBQyxTQUFTLEVBQUUsR0FBRyxLQUFLLE9BQU8sU0FBUyxJQUFJLE1BQU0sTUFBTSxJQUFJLEtBQUssSUFBSSxJQUFJLEtBQUssUUFBUSxPQUFPLE1BQU0sRUFBRSxFQUFFLEVBQ3ZHLEtBQUssQ0FBQyxHQUFHLE1BQU0sRUFBRSxRQUFRLEVBQUUsS0FBSyxFQUFFLENBQUM7QUFDdEMsTUFBSSxDQUFDLE9BQVEsUUFBTztBQUNwQixTQUFPO0FBQUEsSUFDTCxNQUFNLE9BQU8sS0FBSztBQUFBLElBQ2xCLE1BQU07QUFBQSxJQUNOLFlBQVksT0FBTyxLQUFLLFNBQVMsU0FBWSxhQUFhLE9BQU8sTUFBTSxNQUFNO0FBQUEsRUFDL0U7QUFDRjtBQUVBLFNBQVMsU0FBUyxFQUFFLE1BQU0sR0FBb0M7QUFDNUQsU0FBTyxPQUFPLFVBQVUsV0FBVyxRQUFRO0FBQzdDO0FBRU8sU0FBUyxhQUFhLE1BQWMsUUFBNEI7QUFDckUsUUFBTSxDQUFDLEtBQUssS0FBSyxJQUFJLENBQUMsQ0FBQyxHQUFHLElBQUksR0FBRyxDQUFDLEdBQUcsTUFBTSxDQUFDO0FBQzVDLE1BQUksS0FBSztBQUNULFNBQU8sS0FBSyxJQUFJLFVBQVUsSUFBSSxFQUFFLE1BQU0sTUFBTSxFQUFFLEVBQUcsT0FBTTtBQUN2RCxRQUFNLFNBQVMsSUFBSSxNQUFNLEdBQUcsRUFBRSxFQUFFLEtBQUssRUFBRTtBQUN2QyxRQUFNLE9BQU8sT0FBTyxNQUFNLElBQUksRUFBRTtBQUNoQyxRQUFNLFFBQVEsT0FBTyxJQUFJLENBQUMsUUFBUSxJQUFJLFFBQVEsTUFBTSxNQUFNLENBQUMsRUFBRSxLQUFLLENBQUMsUUFBUSxRQUFRLE1BQVM7QUFDNUYsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLFFBQVEsQ0FBQyxHQUFJLE9BQU8sTUFBTSxJQUFJLEVBQUUsR0FBRyxFQUFFLEtBQUssRUFBRyxFQUFFLFNBQVM7QUFBQSxJQUN4RCxNQUFNLEtBQUssTUFBTSxJQUFJLEVBQUUsT0FBTyxDQUFDO0FBQUEsSUFDL0IsUUFBUSxPQUFPLE1BQU0sSUFBSSxFQUFFLE9BQU8sQ0FBQztBQUFBLElBQ25DLGNBQWMsTUFBTSxJQUFJLEVBQUUsQ0FBQztBQUFBLElBQzNCLGdCQUFnQixNQUFNLE1BQU0sRUFBRSxDQUFDO0FBQUEsSUFDL0I7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxJQUFNLFFBQTBDO0FBQUEsRUFDOUMsTUFBTTtBQUFBLEVBQ04sTUFBTTtBQUFBLEVBQ04sS0FBTTtBQUFBLEVBQ04sS0FBSztBQUFBLEVBQ0wsUUFBVTtBQUFBLEVBQ1YsVUFBVTtBQUNaO0FBRUEsU0FBUyxNQUFNLFdBQW1EO0FBQ2hFLE1BQUksY0FBYyxPQUFXLFFBQU87QUFDcEMsUUFBTSxPQUFPLEtBQU0sVUFBVSxZQUFZLENBQUMsRUFBYSxTQUFTLEVBQUUsRUFBRSxZQUFZLEVBQUUsU0FBUyxHQUFHLEdBQUcsQ0FBQztBQUNsRyxTQUFPLEdBQUcsTUFBTSxTQUFTLEtBQUssS0FBSyxVQUFVLFNBQVMsQ0FBQyxLQUFLLElBQUk7QUFDbEU7QUFHTyxTQUFTLFVBQVUsUUFBZ0IsTUFBaUM7QUFDekUsUUFBTSxTQUFTLEtBQUssS0FBSyxDQUFDLFNBQVMsS0FBSyxTQUFTLElBQUksQ0FBQztBQUN0RCxTQUFPLFVBQVUsQ0FBQyxPQUFPLFNBQVMsSUFBSSxLQUFLLE9BQU8sU0FBUyxLQUFLLElBQzVELE9BQU8sV0FBVyxPQUFPLElBQUksRUFBRSxXQUFXLE9BQU8sSUFBSSxFQUFFLFdBQVcsT0FBTyxHQUFJLElBQzdFO0FBQ047IiwKICAibmFtZXMiOiBbXQp9Cg==
