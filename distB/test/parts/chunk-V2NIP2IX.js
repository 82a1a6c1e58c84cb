import {
  errors
} from "./chunk-U6MR4M5T.js";
import {
  child,
  compileJsonPath
} from "./chunk-TNGRBWFR.js";
import {
  headerValue
} from "./chunk-UHUDVQF4.js";
import {
  nearest,
  nearestHint
} from "./chunk-PACVB44P.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import {
  pathBelow
} from "./chunk-RABAPZK5.js";

// src/core/place/kinds/cookie.ts
var cookie = {
  name: "cookie.NAME",
  about: "a cookie that the answer sets, without its attributes",
  example: "cookie.visit",
  read(text) {
    const name = /^cookie\.([^\s=;,"]+)$/.exec(text)?.[1];
    if (name === void 0) return void 0;
    return {
      text,
      strict: false,
      // The last line of a name is the one that holds.
      find: (observed) => cookiesIn(observed).get(name),
      near(observed) {
        const names = [...cookiesIn(observed).keys()];
        const near = nearest(name, names);
        return near === void 0 ? `the answer sets ${names.join(", ") || "no cookie"}` : `cookie.${near}`;
      }
    };
  }
};
function cookiesIn({ headers }) {
  const found = /* @__PURE__ */ new Map();
  for (const [key, line] of headers) {
    if (key.toLowerCase() !== "set-cookie") continue;
    const [, name = "", value = ""] = /^\s*([^=;]*?)\s*=\s*([^;]*?)\s*(?:;|$)/.exec(line) ?? [];
    found.set(name, value.replace(/^"(.*)"$/, "$1"));
  }
  return found;
}

// src/core/place/kinds/facts.ts
function fact(name, about, find, unit) {
  return {
    name,
    about,
    example: name,
    read: (text) => text === name ? { text, strict: false, ...unit && { unit }, find, near: () => void 0 } : void 0
  };
}
var facts = [
  fact("status", "the status code", (observed) => observed.status, "status"),
  fact("time", "milliseconds from sending to the last byte, of the last try", (observed) => observed.time, "duration"),
  fact("size", "bytes of the body, decoded", (observed) => observed.size, "size"),
  fact("final-url", "the address that answered, behind all redirects", (observed) => observed.finalUrl),
  fact("hops", "how many redirects were followed", (observed) => observed.hopCount),
  fact("body", "the body as text", (observed) => observed.text)
];

// src/core/place/kinds/header.ts
var header = {
  name: "header.NAME",
  about: "a header of the answer, by name in any case",
  example: "header.location",
  read(text) {
    const name = /^header\.([!#$%&'*+.^_`|~0-9A-Za-z-]+)$/.exec(text)?.[1];
    if (name === void 0) return void 0;
    return {
      text,
      strict: false,
      find: (observed) => headerValue(observed.headers, name),
      near(observed) {
        const names = [...new Set(observed.headers.map(([key]) => key.toLowerCase()))];
        const near = nearest(name, names);
        return near === void 0 ? `the answer has ${names.join(", ")}` : `header.${near}`;
      }
    };
  }
};

// src/core/place/kinds/json.ts
var json = {
  name: "$\u2026",
  about: "JSONPath by RFC 9535: a singular query gives a value, any other a list, even of one",
  example: "$.items[0].id",
  read: (text, loads) => text.startsWith("$") ? jsonPlace(text, loads) : void 0
};
function jsonPlace(text, loads) {
  const path = compileJsonPath(text, loads);
  return {
    text,
    strict: true,
    find: (observed) => path.singular ? path.select(observed.json())[0] : path.select(observed.json()),
    near: (observed) => nearestNode(path, observed)
  };
}
function nearestNode(path, observed) {
  let value;
  try {
    value = observed.json();
  } catch {
    return void 0;
  }
  let way = "$";
  for (const { descendant, selectors } of path.query.segments) {
    const [only] = selectors;
    if (descendant || selectors.length !== 1 || only?.kind !== "name" && only?.kind !== "index") return void 0;
    const key = only.kind === "name" ? only.name : only.index;
    const inner = child(value, key);
    if (inner === void 0) return missingAt(way, value, only.kind === "name" ? only.name : void 0);
    way = pathBelow(way, key);
    value = inner;
  }
  return void 0;
}
function missingAt(way, value, name) {
  if (Array.isArray(value)) return `${way} is a list of ${value.length}`;
  if (typeof value !== "object" || value === null) return `${way} is ${JSON.stringify(value)}`;
  const keys = Object.keys(value);
  const near = name === void 0 ? void 0 : nearest(name, keys);
  if (near !== void 0) return pathBelow(way, near);
  return keys.length === 0 ? `${way} is empty` : `${way} has ${keys.slice(0, 10).join(", ")}${keys.length > 10 ? ", \u2026" : ""}`;
}

// src/core/place/link-header.ts
function linksIn(headers) {
  return headers.filter(([name]) => name.toLowerCase() === "link").flatMap(([, value]) => [
    ...value.matchAll(/<([^>]*)>((?:\s*;\s*[^\s=;,]+(?:\s*=\s*(?:"(?:[^"\\]|\\.)*"|[^\s;,]*))?)*)/g)
  ]).map(([, target = "", parameters = ""]) => {
    const given = new Map(
      [...parameters.matchAll(/;\s*([^\s=;,]+)(?:\s*=\s*(?:"((?:[^"\\]|\\.)*)"|([^\s;,]*)))?/g)].map(
        ([, name = "", quoted, bare]) => [name.toLowerCase(), (quoted?.replace(/\\(.)/g, "$1") ?? bare ?? "").trim()]
      )
    );
    return {
      target,
      relations: (given.get("rel") ?? "").toLowerCase().split(/\s+/).filter((one) => one !== ""),
      title: given.get("title")
    };
  });
}

// src/core/place/kinds/link.ts
var link = {
  name: "link.REL",
  about: "the address of a link in the Link header, by its relation, made absolute",
  example: "link.next",
  read(text) {
    const relation = /^link\.(\S+)$/.exec(text)?.[1]?.toLowerCase();
    if (relation === void 0) return void 0;
    return {
      text,
      strict: false,
      find(observed) {
        const found = linksIn(observed.headers).find(({ relations }) => relations.includes(relation));
        return found && (URL.canParse(found.target, observed.finalUrl) ? new URL(found.target, observed.finalUrl).href : found.target);
      },
      near(observed) {
        const names = relationsOf(observed);
        const near = nearest(relation, names);
        return near === void 0 ? `the answer has ${names.map((one) => `link.${one}`).join(", ") || "no Link header"}` : `link.${near}`;
      }
    };
  }
};
var relationsOf = ({ headers }) => [
  ...new Set(linksIn(headers).flatMap(({ relations }) => relations))
];

// src/core/place/kinds/xml.ts
var library;
var parse;
var parsePage;
async function load() {
  library ??= (await import("xpath")).default;
  library.NodeTest.hasPrefix = () => false;
  parse = (await import("./xml-document-6SF3LX2Y.js")).parseXml;
  parsePage = (await import("./html-document-DJQLD4JU.js")).parseHtml;
}
var documents = /* @__PURE__ */ new WeakMap();
function documentOf(observed) {
  const known = documents.get(observed);
  if (known) return known;
  const type = headerValue(observed.headers, "content-type");
  const made = /^\s*text\/html\b/i.test(type ?? "") ? parsePage(observed.text) : parse(observed.text, type);
  documents.set(observed, made);
  return made;
}
var xml = {
  name: "/\u2026 or //\u2026",
  about: "XPath 1.0, in XML and in HTML: no node is missing, one is its text, several are a list; a name without prefix is of any namespace",
  example: "//Envelope/Body",
  read(text, loads, namespaces) {
    if (!text.startsWith("/")) return void 0;
    const place = new XmlPlace(text, namespaces);
    loads.push(load().then(() => place.compile()));
    return place;
  }
};
var XmlPlace = class {
  constructor(text, namespaces) {
    this.text = text;
    this.namespaces = namespaces;
  }
  text;
  namespaces;
  strict = false;
  expression;
  /** @throws Problem place-syntax */
  compile() {
    try {
      this.expression = library.parse(this.text);
    } catch (error) {
      throw new Problem("place-syntax", {
        what: `${this.text} is not an XPath`,
        cause: error.message.split("\n")[0],
        remedy: 'such as //Envelope/Body, //order[@id="7"]/total, or /rss/channel/item/title',
        data: { place: this.text }
      });
    }
  }
  find(observed) {
    const document = documentOf(observed);
    const { nodes, num, b, ...other } = this.evaluate(document);
    if (!nodes) return num ?? b ?? String(other);
    const texts = nodes.map(textOfNode);
    return texts.length === 0 ? void 0 : texts.length === 1 ? texts[0] : texts;
  }
  /** @throws Problem place-syntax: a prefix that nobody declares */
  evaluate(document) {
    const namespaces = { ...prefixesOf(document), ...this.namespaces };
    try {
      return this.expression.evaluate({
        node: document,
        allowAnyNamespaceForNoPrefix: true,
        namespaces
      });
    } catch (error) {
      throw new Problem("place-syntax", {
        what: `${this.text} cannot be looked up in this answer`,
        cause: error.message.split("\n")[0],
        remedy: `prefixes known here: ${Object.keys(namespaces).join(", ") || "none"}; namespaces: {PREFIX: URI} in the request names more`,
        data: { place: this.text }
      });
    }
  }
  near(observed) {
    let document;
    try {
      document = documentOf(observed);
    } catch {
      return void 0;
    }
    const names = /* @__PURE__ */ new Set();
    const visit = (node) => {
      for (let child2 = node.firstChild; child2; child2 = child2.nextSibling) {
        if (child2.nodeType !== 1) continue;
        if (names.size < 40) names.add(child2.localName);
        visit(child2);
      }
    };
    visit(document);
    return names.size === 0 ? void 0 : `its elements are ${[...names].slice(0, 12).join(", ")}`;
  }
};
var textOfNode = (node) => node.textContent ?? node.nodeValue ?? "";
function prefixesOf(document) {
  const found = {};
  const visit = (node) => {
    const attributes = node.attributes;
    for (const { name, value } of Array.from(attributes ?? []))
      if (name.startsWith("xmlns:")) found[name.slice(6)] ??= value;
    for (let child2 = node.firstChild; child2; child2 = child2.nextSibling) if (child2.nodeType === 1) visit(child2);
  };
  visit(document);
  return found;
}

// src/core/place/registry.ts
var placeKinds = [...facts, header, cookie, link, errors, json, xml];
function readPlace(text, loads, namespaces) {
  for (const kind of placeKinds) {
    const place = kind.read(text, loads, namespaces);
    if (place) return place;
  }
  throw new Problem("place-syntax", {
    what: `${text} is not a place`,
    remedy: `${nearestHint(text, ["status", "time", "size", "final-url", "hops", "body", "errors"])}; also header.NAME, cookie.NAME, link.REL, JSONPath such as $.id and XPath such as //id`,
    data: { place: text }
  });
}

export {
  linksIn,
  readPlace
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvcGxhY2Uva2luZHMvY29va2llLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3BsYWNlL2tpbmRzL2ZhY3RzLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3BsYWNlL2tpbmRzL2hlYWRlci50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9wbGFjZS9raW5kcy9qc29uLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3BsYWNlL2xpbmstaGVhZGVyLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3BsYWNlL2tpbmRzL2xpbmsudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvcGxhY2Uva2luZHMveG1sLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3BsYWNlL3JlZ2lzdHJ5LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogYGNvb2tpZS5OQU1FYDogdGhlIHZhbHVlIG9mIGEgY29va2llIHRoYXQgdGhlIGFuc3dlciBzZXRzIChSRkMgNjI2NSBzZWN0aW9uIDQuMSkuICovXG5pbXBvcnQgeyBuZWFyZXN0IH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9uZWFyZXN0LmpzJztcbmltcG9ydCB0eXBlIHsgT2JzZXJ2ZWQgfSBmcm9tICcuLi9vYnNlcnZlZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFBsYWNlS2luZCB9IGZyb20gJy4uL3BsYWNlLmpzJztcblxuZXhwb3J0IGNvbnN0IGNvb2tpZTogUGxhY2VLaW5kID0ge1xuICBuYW1lOiAnY29va2llLk5BTUUnLFxuICBhYm91dDogJ2EgY29va2llIHRoYXQgdGhlIGFuc3dlciBzZXRzLCB3aXRob3V0IGl0cyBhdHRyaWJ1dGVzJyxcbiAgZXhhbXBsZTogJ2Nvb2tpZS52aXNpdCcsXG4gIHJlYWQodGV4dCkge1xuICAgIGNvbnN0IG5hbWUgPSAvXmNvb2tpZVxcLihbXlxccz07LFwiXSspJC8uZXhlYyh0ZXh0KT8uWzFdO1xuICAgIGlmIChuYW1lID09PSB1bmRlZmluZWQpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgcmV0dXJuIHtcbiAgICAgIHRleHQsXG4gICAgICBzdHJpY3Q6IGZhbHNlLFxuICAgICAgLy8gVGhlIGxhc3QgbGluZSBvZiBhIG5hbWUgaXMgdGhlIG9uZSB0aGF0IGhvbGRzLlxuICAgICAgZmluZDogKG9ic2VydmVkKSA9PiBjb29raWVzSW4ob2JzZXJ2ZWQpLmdldChuYW1lKSxcbiAgICAgIG5lYXIob2JzZXJ2ZWQpIHtcbiAgICAgICAgY29uc3QgbmFtZXMgPSBbLi4uY29va2llc0luKG9ic2VydmVkKS5rZXlzKCldO1xuICAgICAgICBjb25zdCBuZWFyID0gbmVhcmVzdChuYW1lLCBuYW1lcyk7XG4gICAgICAgIHJldHVybiBuZWFyID09PSB1bmRlZmluZWQgPyBgdGhlIGFuc3dlciBzZXRzICR7bmFtZXMuam9pbignLCAnKSB8fCAnbm8gY29va2llJ31gIDogYGNvb2tpZS4ke25lYXJ9YDtcbiAgICAgIH0sXG4gICAgfTtcbiAgfSxcbn07XG5cbmZ1bmN0aW9uIGNvb2tpZXNJbih7IGhlYWRlcnMgfTogT2JzZXJ2ZWQpOiBNYXA8c3RyaW5nLCBzdHJpbmc+IHtcbiAgY29uc3QgZm91bmQgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuICBmb3IgKGNvbnN0IFtrZXksIGxpbmVdIG9mIGhlYWRlcnMpIHtcbiAgICBpZiAoa2V5LnRvTG93ZXJDYXNlKCkgIT09ICdzZXQtY29va2llJykgY29udGludWU7XG4gICAgY29uc3QgWywgbmFtZSA9ICcnLCB2YWx1ZSA9ICcnXSA9IC9eXFxzKihbXj07XSo/KVxccyo9XFxzKihbXjtdKj8pXFxzKig/Ojt8JCkvLmV4ZWMobGluZSkgPz8gW107XG4gICAgZm91bmQuc2V0KG5hbWUsIHZhbHVlLnJlcGxhY2UoL15cIiguKilcIiQvLCAnJDEnKSk7XG4gIH1cbiAgcmV0dXJuIGZvdW5kO1xufVxuIiwgIi8qKiBUaGUgcGxhY2VzIHRoYXQgYXJlIG9uZSBmYWN0IG9mIHRoZSBleGNoYW5nZTogc3RhdHVzLCB0aW1lLCBzaXplLCBmaW5hbC11cmwsIGJvZHkuICovXG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IE9ic2VydmVkIH0gZnJvbSAnLi4vb2JzZXJ2ZWQuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFjZUtpbmQsIFBsYWNlVW5pdCB9IGZyb20gJy4uL3BsYWNlLmpzJztcblxuZnVuY3Rpb24gZmFjdChuYW1lOiBzdHJpbmcsIGFib3V0OiBzdHJpbmcsIGZpbmQ6IChvYnNlcnZlZDogT2JzZXJ2ZWQpID0+IFZhbHVlLCB1bml0PzogUGxhY2VVbml0KTogUGxhY2VLaW5kIHtcbiAgcmV0dXJuIHtcbiAgICBuYW1lLFxuICAgIGFib3V0LFxuICAgIGV4YW1wbGU6IG5hbWUsXG4gICAgcmVhZDogKHRleHQpID0+XG4gICAgICB0ZXh0ID09PSBuYW1lID8geyB0ZXh0LCBzdHJpY3Q6IGZhbHNlLCAuLi4odW5pdCAmJiB7IHVuaXQgfSksIGZpbmQsIG5lYXI6ICgpID0+IHVuZGVmaW5lZCB9IDogdW5kZWZpbmVkLFxuICB9O1xufVxuXG5leHBvcnQgY29uc3QgZmFjdHM6IHJlYWRvbmx5IFBsYWNlS2luZFtdID0gW1xuICBmYWN0KCdzdGF0dXMnLCAndGhlIHN0YXR1cyBjb2RlJywgKG9ic2VydmVkKSA9PiBvYnNlcnZlZC5zdGF0dXMsICdzdGF0dXMnKSxcbiAgZmFjdCgndGltZScsICdtaWxsaXNlY29uZHMgZnJvbSBzZW5kaW5nIHRvIHRoZSBsYXN0IGJ5dGUsIG9mIHRoZSBsYXN0IHRyeScsIChvYnNlcnZlZCkgPT4gb2JzZXJ2ZWQudGltZSwgJ2R1cmF0aW9uJyksXG4gIGZhY3QoJ3NpemUnLCAnYnl0ZXMgb2YgdGhlIGJvZHksIGRlY29kZWQnLCAob2JzZXJ2ZWQpID0+IG9ic2VydmVkLnNpemUsICdzaXplJyksXG4gIGZhY3QoJ2ZpbmFsLXVybCcsICd0aGUgYWRkcmVzcyB0aGF0IGFuc3dlcmVkLCBiZWhpbmQgYWxsIHJlZGlyZWN0cycsIChvYnNlcnZlZCkgPT4gb2JzZXJ2ZWQuZmluYWxVcmwpLFxuICBmYWN0KCdob3BzJywgJ2hvdyBtYW55IHJlZGlyZWN0cyB3ZXJlIGZvbGxvd2VkJywgKG9ic2VydmVkKSA9PiBvYnNlcnZlZC5ob3BDb3VudCksXG4gIGZhY3QoJ2JvZHknLCAndGhlIGJvZHkgYXMgdGV4dCcsIChvYnNlcnZlZCkgPT4gb2JzZXJ2ZWQudGV4dCksXG5dO1xuIiwgIi8qKiBgaGVhZGVyLk5BTUVgOiBhIGhlYWRlciBvZiB0aGUgYW5zd2VyLCBsaW5lcyBvZiBvbmUgbmFtZSBjb21iaW5lZCAoUkZDIDkxMTAgc2VjdGlvbiA1LjMpLiAqL1xuaW1wb3J0IHsgbmVhcmVzdCB9IGZyb20gJy4uLy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBoZWFkZXJWYWx1ZSB9IGZyb20gJy4uL29ic2VydmVkLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhY2VLaW5kIH0gZnJvbSAnLi4vcGxhY2UuanMnO1xuXG5leHBvcnQgY29uc3QgaGVhZGVyOiBQbGFjZUtpbmQgPSB7XG4gIG5hbWU6ICdoZWFkZXIuTkFNRScsXG4gIGFib3V0OiAnYSBoZWFkZXIgb2YgdGhlIGFuc3dlciwgYnkgbmFtZSBpbiBhbnkgY2FzZScsXG4gIGV4YW1wbGU6ICdoZWFkZXIubG9jYXRpb24nLFxuICByZWFkKHRleHQpIHtcbiAgICBjb25zdCBuYW1lID0gL15oZWFkZXJcXC4oWyEjJCUmJyorLl5fYHx+MC05QS1aYS16LV0rKSQvLmV4ZWModGV4dCk/LlsxXTtcbiAgICBpZiAobmFtZSA9PT0gdW5kZWZpbmVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIHJldHVybiB7XG4gICAgICB0ZXh0LFxuICAgICAgc3RyaWN0OiBmYWxzZSxcbiAgICAgIGZpbmQ6IChvYnNlcnZlZCkgPT4gaGVhZGVyVmFsdWUob2JzZXJ2ZWQuaGVhZGVycywgbmFtZSksXG4gICAgICBuZWFyKG9ic2VydmVkKSB7XG4gICAgICAgIGNvbnN0IG5hbWVzID0gWy4uLm5ldyBTZXQob2JzZXJ2ZWQuaGVhZGVycy5tYXAoKFtrZXldKSA9PiBrZXkudG9Mb3dlckNhc2UoKSkpXTtcbiAgICAgICAgY29uc3QgbmVhciA9IG5lYXJlc3QobmFtZSwgbmFtZXMpO1xuICAgICAgICByZXR1cm4gbmVhciA9PT0gdW5kZWZpbmVkID8gYHRoZSBhbnN3ZXIgaGFzICR7bmFtZXMuam9pbignLCAnKX1gIDogYGhlYWRlci4ke25lYXJ9YDtcbiAgICAgIH0sXG4gICAgfTtcbiAgfSxcbn07XG4iLCAiLyoqIGAkXHUyMDI2YDogSlNPTlBhdGggYnkgUkZDIDk1MzUuIEEgc2luZ3VsYXIgcXVlcnkgZ2l2ZXMgYSB2YWx1ZSwgYW55IG90aGVyIGEgbGlzdCwgZXZlbiBvZiBvbmUuICovXG5pbXBvcnQgeyBuZWFyZXN0IH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9uZWFyZXN0LmpzJztcbmltcG9ydCB7IHBhdGhCZWxvdyB9IGZyb20gJy4uLy4uL3ZhbHVlL2pzb24tcGF0aC10ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGNoaWxkLCBjb21waWxlSnNvblBhdGgsIHR5cGUgSnNvblBhdGggfSBmcm9tICcuLi9qc29uLXBhdGgvY29tcGlsZS5qcyc7XG5pbXBvcnQgdHlwZSB7IE9ic2VydmVkIH0gZnJvbSAnLi4vb2JzZXJ2ZWQuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFjZSwgUGxhY2VLaW5kIH0gZnJvbSAnLi4vcGxhY2UuanMnO1xuXG5leHBvcnQgY29uc3QganNvbjogUGxhY2VLaW5kID0ge1xuICBuYW1lOiAnJFx1MjAyNicsXG4gIGFib3V0OiAnSlNPTlBhdGggYnkgUkZDIDk1MzU6IGEgc2luZ3VsYXIgcXVlcnkgZ2l2ZXMgYSB2YWx1ZSwgYW55IG90aGVyIGEgbGlzdCwgZXZlbiBvZiBvbmUnLFxuICBleGFtcGxlOiAnJC5pdGVtc1swXS5pZCcsXG4gIHJlYWQ6ICh0ZXh0LCBsb2FkcykgPT4gKHRleHQuc3RhcnRzV2l0aCgnJCcpID8ganNvblBsYWNlKHRleHQsIGxvYWRzKSA6IHVuZGVmaW5lZCksXG59O1xuXG5mdW5jdGlvbiBqc29uUGxhY2UodGV4dDogc3RyaW5nLCBsb2FkczogUHJvbWlzZTx1bmtub3duPltdKTogUGxhY2Uge1xuICBjb25zdCBwYXRoID0gY29tcGlsZUpzb25QYXRoKHRleHQsIGxvYWRzKTtcbiAgcmV0dXJuIHtcbiAgICB0ZXh0LFxuICAgIHN0cmljdDogdHJ1ZSxcbiAgICBmaW5kOiAob2JzZXJ2ZWQpID0+IChwYXRoLnNpbmd1bGFyID8gcGF0aC5zZWxlY3Qob2JzZXJ2ZWQuanNvbigpKVswXSA6IHBhdGguc2VsZWN0KG9ic2VydmVkLmpzb24oKSkpLFxuICAgIG5lYXI6IChvYnNlcnZlZCkgPT4gbmVhcmVzdE5vZGUocGF0aCwgb2JzZXJ2ZWQpLFxuICB9O1xufVxuXG4vKiogV2Fsa3MgYSBzaW5ndWxhciBxdWVyeSBhcyBmYXIgYXMgaXQgZ29lcyBhbmQgbmFtZXMgd2hhdCBzdGFuZHMgdGhlcmUuICovXG5mdW5jdGlvbiBuZWFyZXN0Tm9kZShwYXRoOiBKc29uUGF0aCwgb2JzZXJ2ZWQ6IE9ic2VydmVkKTogc3RyaW5nIHwgdW5kZWZpbmVkIHtcbiAgbGV0IHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZDtcbiAgdHJ5IHtcbiAgICB2YWx1ZSA9IG9ic2VydmVkLmpzb24oKTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgfVxuICBsZXQgd2F5ID0gJyQnO1xuICBmb3IgKGNvbnN0IHsgZGVzY2VuZGFudCwgc2VsZWN0b3JzIH0gb2YgcGF0aC5xdWVyeS5zZWdtZW50cykge1xuICAgIGNvbnN0IFtvbmx5XSA9IHNlbGVjdG9ycztcbiAgICBpZiAoZGVzY2VuZGFudCB8fCBzZWxlY3RvcnMubGVuZ3RoICE9PSAxIHx8IChvbmx5Py5raW5kICE9PSAnbmFtZScgJiYgb25seT8ua2luZCAhPT0gJ2luZGV4JykpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgY29uc3Qga2V5ID0gb25seS5raW5kID09PSAnbmFtZScgPyBvbmx5Lm5hbWUgOiBvbmx5LmluZGV4O1xuICAgIGNvbnN0IGlubmVyID0gY2hpbGQodmFsdWUsIGtleSk7XG4gICAgaWYgKGlubmVyID09PSB1bmRlZmluZWQpIHJldHVybiBtaXNzaW5nQXQod2F5LCB2YWx1ZSBhcyBWYWx1ZSwgb25seS5raW5kID09PSAnbmFtZScgPyBvbmx5Lm5hbWUgOiB1bmRlZmluZWQpO1xuICAgIHdheSA9IHBhdGhCZWxvdyh3YXksIGtleSk7XG4gICAgdmFsdWUgPSBpbm5lcjtcbiAgfVxuICByZXR1cm4gdW5kZWZpbmVkO1xufVxuXG5mdW5jdGlvbiBtaXNzaW5nQXQod2F5OiBzdHJpbmcsIHZhbHVlOiBWYWx1ZSwgbmFtZTogc3RyaW5nIHwgdW5kZWZpbmVkKTogc3RyaW5nIHtcbiAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSByZXR1cm4gYCR7d2F5fSBpcyBhIGxpc3Qgb2YgJHt2YWx1ZS5sZW5ndGh9YDtcbiAgaWYgKHR5cGVvZiB2YWx1ZSAhPT0gJ29iamVjdCcgfHwgdmFsdWUgPT09IG51bGwpIHJldHVybiBgJHt3YXl9IGlzICR7SlNPTi5zdHJpbmdpZnkodmFsdWUpfWA7XG4gIGNvbnN0IGtleXMgPSBPYmplY3Qua2V5cyh2YWx1ZSk7XG4gIGNvbnN0IG5lYXIgPSBuYW1lID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBuZWFyZXN0KG5hbWUsIGtleXMpO1xuICBpZiAobmVhciAhPT0gdW5kZWZpbmVkKSByZXR1cm4gcGF0aEJlbG93KHdheSwgbmVhcik7XG4gIHJldHVybiBrZXlzLmxlbmd0aCA9PT0gMFxuICAgID8gYCR7d2F5fSBpcyBlbXB0eWBcbiAgICA6IGAke3dheX0gaGFzICR7a2V5cy5zbGljZSgwLCAxMCkuam9pbignLCAnKX0ke2tleXMubGVuZ3RoID4gMTAgPyAnLCBcdTIwMjYnIDogJyd9YDtcbn1cbiIsICIvKiogVGhlIExpbmsgaGVhZGVyIChSRkMgODI4OCBzZWN0aW9uIDMpLiAqL1xuXG5leHBvcnQgaW50ZXJmYWNlIEhlYWRlckxpbmsge1xuICAvKiogQXMgd3JpdHRlbiwgcmVsYXRpdmUgb3IgYWJzb2x1dGUuICovXG4gIHJlYWRvbmx5IHRhcmdldDogc3RyaW5nO1xuICAvKiogSW4gbG93ZXIgY2FzZS4gKi9cbiAgcmVhZG9ubHkgcmVsYXRpb25zOiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgdGl0bGU6IHN0cmluZyB8IHVuZGVmaW5lZDtcbn1cblxuLyoqIExpbmtzIG9mIGFsbCBpdHMgbGluZXMsIGluIG9yZGVyOyB3aGF0IGNhbm5vdCBiZSByZWFkIGlzIGxlZnQgb3V0LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGxpbmtzSW4oaGVhZGVyczogcmVhZG9ubHkgKHJlYWRvbmx5IFtuYW1lOiBzdHJpbmcsIHZhbHVlOiBzdHJpbmddKVtdKTogSGVhZGVyTGlua1tdIHtcbiAgcmV0dXJuIGhlYWRlcnNcbiAgICAuZmlsdGVyKChbbmFtZV0pID0+IG5hbWUudG9Mb3dlckNhc2UoKSA9PT0gJ2xpbmsnKVxuICAgIC5mbGF0TWFwKChbLCB2YWx1ZV0pID0+IFtcbiAgICAgIC4uLnZhbHVlLm1hdGNoQWxsKC88KFtePl0qKT4oKD86XFxzKjtcXHMqW15cXHM9OyxdKyg/Olxccyo9XFxzKig/OlwiKD86W15cIlxcXFxdfFxcXFwuKSpcInxbXlxcczssXSopKT8pKikvZyksXG4gICAgXSlcbiAgICAubWFwKChbLCB0YXJnZXQgPSAnJywgcGFyYW1ldGVycyA9ICcnXSkgPT4ge1xuICAgICAgY29uc3QgZ2l2ZW4gPSBuZXcgTWFwKFxuICAgICAgICBbLi4ucGFyYW1ldGVycy5tYXRjaEFsbCgvO1xccyooW15cXHM9OyxdKykoPzpcXHMqPVxccyooPzpcIigoPzpbXlwiXFxcXF18XFxcXC4pKilcInwoW15cXHM7LF0qKSkpPy9nKV0ubWFwKFxuICAgICAgICAgIChbLCBuYW1lID0gJycsIHF1b3RlZCwgYmFyZV0pID0+XG4gICAgICAgICAgICBbbmFtZS50b0xvd2VyQ2FzZSgpLCAocXVvdGVkPy5yZXBsYWNlKC9cXFxcKC4pL2csICckMScpID8/IGJhcmUgPz8gJycpLnRyaW0oKV0gYXMgY29uc3QsXG4gICAgICAgICksXG4gICAgICApO1xuICAgICAgcmV0dXJuIHtcbiAgICAgICAgdGFyZ2V0LFxuICAgICAgICByZWxhdGlvbnM6IChnaXZlbi5nZXQoJ3JlbCcpID8/ICcnKVxuICAgICAgICAgIC50b0xvd2VyQ2FzZSgpXG4gICAgICAgICAgLnNwbGl0KC9cXHMrLylcbiAgICAgICAgICAuZmlsdGVyKChvbmUpID0+IG9uZSAhPT0gJycpLFxuICAgICAgICB0aXRsZTogZ2l2ZW4uZ2V0KCd0aXRsZScpLFxuICAgICAgfTtcbiAgICB9KTtcbn1cbiIsICIvKiogYGxpbmsuUkVMYDogdGhlIGFkZHJlc3Mgb2YgYSBsaW5rIG9mIHRoZSBhbnN3ZXIncyBMaW5rIGhlYWRlciAoUkZDIDgyODgpLCBtYWRlIGFic29sdXRlLiAqL1xuaW1wb3J0IHsgbmVhcmVzdCB9IGZyb20gJy4uLy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBsaW5rc0luIH0gZnJvbSAnLi4vbGluay1oZWFkZXIuanMnO1xuaW1wb3J0IHR5cGUgeyBPYnNlcnZlZCB9IGZyb20gJy4uL29ic2VydmVkLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhY2VLaW5kIH0gZnJvbSAnLi4vcGxhY2UuanMnO1xuXG5leHBvcnQgY29uc3QgbGluazogUGxhY2VLaW5kID0ge1xuICBuYW1lOiAnbGluay5SRUwnLFxuICBhYm91dDogJ3RoZSBhZGRyZXNzIG9mIGEgbGluayBpbiB0aGUgTGluayBoZWFkZXIsIGJ5IGl0cyByZWxhdGlvbiwgbWFkZSBhYnNvbHV0ZScsXG4gIGV4YW1wbGU6ICdsaW5rLm5leHQnLFxuICByZWFkKHRleHQpIHtcbiAgICBjb25zdCByZWxhdGlvbiA9IC9ebGlua1xcLihcXFMrKSQvLmV4ZWModGV4dCk/LlsxXT8udG9Mb3dlckNhc2UoKTtcbiAgICBpZiAocmVsYXRpb24gPT09IHVuZGVmaW5lZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICByZXR1cm4ge1xuICAgICAgdGV4dCxcbiAgICAgIHN0cmljdDogZmFsc2UsXG4gICAgICBmaW5kKG9ic2VydmVkKSB7XG4gICAgICAgIGNvbnN0IGZvdW5kID0gbGlua3NJbihvYnNlcnZlZC5oZWFkZXJzKS5maW5kKCh7IHJlbGF0aW9ucyB9KSA9PiByZWxhdGlvbnMuaW5jbHVkZXMocmVsYXRpb24pKTtcbiAgICAgICAgcmV0dXJuIChcbiAgICAgICAgICBmb3VuZCAmJlxuICAgICAgICAgIChVUkwuY2FuUGFyc2UoZm91bmQudGFyZ2V0LCBvYnNlcnZlZC5maW5hbFVybCkgPyBuZXcgVVJMKGZvdW5kLnRhcmdldCwgb2JzZXJ2ZWQuZmluYWxVcmwpLmhyZWYgOiBmb3VuZC50YXJnZXQpXG4gICAgICAgICk7XG4gICAgICB9LFxuICAgICAgbmVhcihvYnNlcnZlZCkge1xuICAgICAgICBjb25zdCBuYW1lcyA9IHJlbGF0aW9uc09mKG9ic2VydmVkKTtcbiAgICAgICAgY29uc3QgbmVhciA9IG5lYXJlc3QocmVsYXRpb24sIG5hbWVzKTtcbiAgICAgICAgcmV0dXJuIG5lYXIgPT09IHVuZGVmaW5lZFxuICAgICAgICAgID8gYHRoZSBhbnN3ZXIgaGFzICR7bmFtZXMubWFwKChvbmUpID0+IGBsaW5rLiR7b25lfWApLmpvaW4oJywgJykgfHwgJ25vIExpbmsgaGVhZGVyJ31gXG4gICAgICAgICAgOiBgbGluay4ke25lYXJ9YDtcbiAgICAgIH0sXG4gICAgfTtcbiAgfSxcbn07XG5cbmNvbnN0IHJlbGF0aW9uc09mID0gKHsgaGVhZGVycyB9OiBPYnNlcnZlZCk6IHN0cmluZ1tdID0+IFtcbiAgLi4ubmV3IFNldChsaW5rc0luKGhlYWRlcnMpLmZsYXRNYXAoKHsgcmVsYXRpb25zIH0pID0+IHJlbGF0aW9ucykpLFxuXTtcbiIsICIvKiogYC9cdTIwMjZgIGFuZCBgLy9cdTIwMjZgOiBYUGF0aCAxLjAgYnkgYSB3ZWxsLWtub3duIGxpYnJhcnkuIE5vIG5vZGUgaXMgbWlzc2luZywgb25lIGlzIGl0cyB0ZXh0LCBzZXZlcmFsIGFyZSBhIGxpc3QuICovXG5pbXBvcnQgdHlwZSB7IERvY3VtZW50LCBOb2RlIH0gZnJvbSAnQHhtbGRvbS94bWxkb20nO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBoZWFkZXJWYWx1ZSwgdHlwZSBPYnNlcnZlZCB9IGZyb20gJy4uL29ic2VydmVkLmpzJztcbmltcG9ydCB0eXBlIHsgTmFtZXNwYWNlcywgUGxhY2UsIFBsYWNlS2luZCB9IGZyb20gJy4uL3BsYWNlLmpzJztcblxuLyoqIE9mIHRoZSBsaWJyYXJ5IHdoYXQgaXMgdXNlZCBoZXJlOyBpdHMgb3duIHR5cGVzIGxlYXZlIGl0IG91dC4gKi9cbmludGVyZmFjZSBMaWJyYXJ5IHtcbiAgcGFyc2UodGV4dDogc3RyaW5nKTogeyBldmFsdWF0ZShvcHRpb25zOiBvYmplY3QpOiBSZXN1bHQgfTtcbiAgcmVhZG9ubHkgTm9kZVRlc3Q6IHsgaGFzUHJlZml4KG5vZGU6IHVua25vd24pOiBib29sZWFuIH07XG59XG5cbi8qKiBBIHNldCBvZiBub2Rlcywgb3Igb25lIHZhbHVlLiAqL1xuaW50ZXJmYWNlIFJlc3VsdCB7XG4gIHJlYWRvbmx5IG5vZGVzPzogcmVhZG9ubHkgTm9kZVtdO1xuICByZWFkb25seSBudW0/OiBudW1iZXI7XG4gIHJlYWRvbmx5IGI/OiBib29sZWFuO1xuICB0b1N0cmluZygpOiBzdHJpbmc7XG59XG5cbmxldCBsaWJyYXJ5OiBMaWJyYXJ5IHwgdW5kZWZpbmVkO1xubGV0IHBhcnNlOiB0eXBlb2YgaW1wb3J0KCcuLi94bWwtZG9jdW1lbnQuanMnKS5wYXJzZVhtbDtcbmxldCBwYXJzZVBhZ2U6IHR5cGVvZiBpbXBvcnQoJy4uL2h0bWwtZG9jdW1lbnQuanMnKS5wYXJzZUh0bWw7XG5cbmFzeW5jIGZ1bmN0aW9uIGxvYWQoKTogUHJvbWlzZTx2b2lkPiB7XG4gIGxpYnJhcnkgPz89ICgoYXdhaXQgaW1wb3J0KCd4cGF0aCcpKSBhcyB1bmtub3duIGFzIHsgZGVmYXVsdDogTGlicmFyeSB9KS5kZWZhdWx0O1xuICAvLyBBIG5hbWUgd2l0aG91dCBwcmVmaXggaXMgb2YgYW55IG5hbWVzcGFjZSwgd3JpdHRlbiB3aXRoIGEgcHJlZml4IGluIHRoZSBkb2N1bWVudCBvciBub3QuXG4gIGxpYnJhcnkuTm9kZVRlc3QuaGFzUHJlZml4ID0gKCkgPT4gZmFsc2U7XG4gIHBhcnNlID0gKGF3YWl0IGltcG9ydCgnLi4veG1sLWRvY3VtZW50LmpzJykpLnBhcnNlWG1sO1xuICBwYXJzZVBhZ2UgPSAoYXdhaXQgaW1wb3J0KCcuLi9odG1sLWRvY3VtZW50LmpzJykpLnBhcnNlSHRtbDtcbn1cblxuY29uc3QgZG9jdW1lbnRzID0gbmV3IFdlYWtNYXA8T2JzZXJ2ZWQsIERvY3VtZW50PigpO1xuXG4vKiogRWFjaCBhbnN3ZXIgaXMgcGFyc2VkIG9uY2UuIEB0aHJvd3MgUHJvYmxlbSBhbnN3ZXItbm90LXhtbCAqL1xuZnVuY3Rpb24gZG9jdW1lbnRPZihvYnNlcnZlZDogT2JzZXJ2ZWQpOiBEb2N1bWVudCB7XG4gIGNvbnN0IGtub3duID0gZG9jdW1lbnRzLmdldChvYnNlcnZlZCk7XG4gIGlmIChrbm93bikgcmV0dXJuIGtub3duO1xuICBjb25zdCB0eXBlID0gaGVhZGVyVmFsdWUob2JzZXJ2ZWQuaGVhZGVycywgJ2NvbnRlbnQtdHlwZScpO1xuICBjb25zdCBtYWRlID0gL15cXHMqdGV4dFxcL2h0bWxcXGIvaS50ZXN0KHR5cGUgPz8gJycpID8gcGFyc2VQYWdlKG9ic2VydmVkLnRleHQpIDogcGFyc2Uob2JzZXJ2ZWQudGV4dCwgdHlwZSk7XG4gIGRvY3VtZW50cy5zZXQob2JzZXJ2ZWQsIG1hZGUpO1xuICByZXR1cm4gbWFkZTtcbn1cblxuZXhwb3J0IGNvbnN0IHhtbDogUGxhY2VLaW5kID0ge1xuICBuYW1lOiAnL1x1MjAyNiBvciAvL1x1MjAyNicsXG4gIGFib3V0OlxuICAgICdYUGF0aCAxLjAsIGluIFhNTCBhbmQgaW4gSFRNTDogbm8gbm9kZSBpcyBtaXNzaW5nLCBvbmUgaXMgaXRzIHRleHQsIHNldmVyYWwgYXJlIGEgbGlzdDsgYSBuYW1lIHdpdGhvdXQgcHJlZml4IGlzIG9mIGFueSBuYW1lc3BhY2UnLFxuICBleGFtcGxlOiAnLy9FbnZlbG9wZS9Cb2R5JyxcbiAgcmVhZCh0ZXh0LCBsb2FkcywgbmFtZXNwYWNlcykge1xuICAgIGlmICghdGV4dC5zdGFydHNXaXRoKCcvJykpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgY29uc3QgcGxhY2UgPSBuZXcgWG1sUGxhY2UodGV4dCwgbmFtZXNwYWNlcyk7XG4gICAgbG9hZHMucHVzaChsb2FkKCkudGhlbigoKSA9PiBwbGFjZS5jb21waWxlKCkpKTtcbiAgICByZXR1cm4gcGxhY2U7XG4gIH0sXG59O1xuXG5jbGFzcyBYbWxQbGFjZSBpbXBsZW1lbnRzIFBsYWNlIHtcbiAgcmVhZG9ubHkgc3RyaWN0ID0gZmFsc2U7XG4gIHByaXZhdGUgZXhwcmVzc2lvbjogUmV0dXJuVHlwZTxMaWJyYXJ5WydwYXJzZSddPiB8IHVuZGVmaW5lZDtcblxuICBjb25zdHJ1Y3RvcihcbiAgICByZWFkb25seSB0ZXh0OiBzdHJpbmcsXG4gICAgcHJpdmF0ZSByZWFkb25seSBuYW1lc3BhY2VzOiBOYW1lc3BhY2VzIHwgdW5kZWZpbmVkLFxuICApIHt9XG5cbiAgLyoqIEB0aHJvd3MgUHJvYmxlbSBwbGFjZS1zeW50YXggKi9cbiAgY29tcGlsZSgpOiB2b2lkIHtcbiAgICB0cnkge1xuICAgICAgdGhpcy5leHByZXNzaW9uID0gKGxpYnJhcnkgYXMgTGlicmFyeSkucGFyc2UodGhpcy50ZXh0KTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ3BsYWNlLXN5bnRheCcsIHtcbiAgICAgICAgd2hhdDogYCR7dGhpcy50ZXh0fSBpcyBub3QgYW4gWFBhdGhgLFxuICAgICAgICBjYXVzZTogKGVycm9yIGFzIEVycm9yKS5tZXNzYWdlLnNwbGl0KCdcXG4nKVswXSxcbiAgICAgICAgcmVtZWR5OiAnc3VjaCBhcyAvL0VudmVsb3BlL0JvZHksIC8vb3JkZXJbQGlkPVwiN1wiXS90b3RhbCwgb3IgL3Jzcy9jaGFubmVsL2l0ZW0vdGl0bGUnLFxuICAgICAgICBkYXRhOiB7IHBsYWNlOiB0aGlzLnRleHQgfSxcbiAgICAgIH0pO1xuICAgIH1cbiAgfVxuXG4gIGZpbmQob2JzZXJ2ZWQ6IE9ic2VydmVkKTogVmFsdWUgfCB1bmRlZmluZWQge1xuICAgIGNvbnN0IGRvY3VtZW50ID0gZG9jdW1lbnRPZihvYnNlcnZlZCk7XG4gICAgY29uc3QgeyBub2RlcywgbnVtLCBiLCAuLi5vdGhlciB9ID0gdGhpcy5ldmFsdWF0ZShkb2N1bWVudCk7XG4gICAgaWYgKCFub2RlcykgcmV0dXJuIG51bSA/PyBiID8/IFN0cmluZyhvdGhlcik7XG4gICAgY29uc3QgdGV4dHMgPSBub2Rlcy5tYXAodGV4dE9mTm9kZSk7XG4gICAgcmV0dXJuIHRleHRzLmxlbmd0aCA9PT0gMCA/IHVuZGVmaW5lZCA6IHRleHRzLmxlbmd0aCA9PT0gMSA/IHRleHRzWzBdIDogdGV4dHM7XG4gIH1cblxuICAvKiogQHRocm93cyBQcm9ibGVtIHBsYWNlLXN5bnRheDogYSBwcmVmaXggdGhhdCBub2JvZHkgZGVjbGFyZXMgKi9cbiAgcHJpdmF0ZSBldmFsdWF0ZShkb2N1bWVudDogRG9jdW1lbnQpOiBSZXN1bHQge1xuICAgIGNvbnN0IG5hbWVzcGFjZXMgPSB7IC4uLnByZWZpeGVzT2YoZG9jdW1lbnQpLCAuLi50aGlzLm5hbWVzcGFjZXMgfTtcbiAgICB0cnkge1xuICAgICAgcmV0dXJuICh0aGlzLmV4cHJlc3Npb24gYXMgUmV0dXJuVHlwZTxMaWJyYXJ5WydwYXJzZSddPikuZXZhbHVhdGUoe1xuICAgICAgICBub2RlOiBkb2N1bWVudCxcbiAgICAgICAgYWxsb3dBbnlOYW1lc3BhY2VGb3JOb1ByZWZpeDogdHJ1ZSxcbiAgICAgICAgbmFtZXNwYWNlcyxcbiAgICAgIH0pO1xuICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbSgncGxhY2Utc3ludGF4Jywge1xuICAgICAgICB3aGF0OiBgJHt0aGlzLnRleHR9IGNhbm5vdCBiZSBsb29rZWQgdXAgaW4gdGhpcyBhbnN3ZXJgLFxuICAgICAgICBjYXVzZTogKGVycm9yIGFzIEVycm9yKS5tZXNzYWdlLnNwbGl0KCdcXG4nKVswXSxcbiAgICAgICAgcmVtZWR5OiBgcHJlZml4ZXMga25vd24gaGVyZTogJHtPYmplY3Qua2V5cyhuYW1lc3BhY2VzKS5qb2luKCcsICcpIHx8ICdub25lJ307IG5hbWVzcGFjZXM6IHtQUkVGSVg6IFVSSX0gaW4gdGhlIHJlcXVlc3QgbmFtZXMgbW9yZWAsXG4gICAgICAgIGRhdGE6IHsgcGxhY2U6IHRoaXMudGV4dCB9LFxuICAgICAgfSk7XG4gICAgfVxuICB9XG5cbiAgbmVhcihvYnNlcnZlZDogT2JzZXJ2ZWQpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICAgIGxldCBkb2N1bWVudDogRG9jdW1lbnQ7XG4gICAgdHJ5IHtcbiAgICAgIGRvY3VtZW50ID0gZG9jdW1lbnRPZihvYnNlcnZlZCk7XG4gICAgfSBjYXRjaCB7XG4gICAgICByZXR1cm4gdW5kZWZpbmVkO1xuICAgIH1cbiAgICBjb25zdCBuYW1lcyA9IG5ldyBTZXQ8c3RyaW5nPigpO1xuICAgIGNvbnN0IHZpc2l0ID0gKG5vZGU6IE5vZGUpOiB2b2lkID0+IHtcbiAgICAgIGZvciAobGV0IGNoaWxkID0gbm9kZS5maXJzdENoaWxkOyBjaGlsZDsgY2hpbGQgPSBjaGlsZC5uZXh0U2libGluZykge1xuICAgICAgICBpZiAoY2hpbGQubm9kZVR5cGUgIT09IDEpIGNvbnRpbnVlO1xuICAgICAgICBpZiAobmFtZXMuc2l6ZSA8IDQwKSBuYW1lcy5hZGQoKGNoaWxkIGFzIHVua25vd24gYXMgeyBsb2NhbE5hbWU6IHN0cmluZyB9KS5sb2NhbE5hbWUpO1xuICAgICAgICB2aXNpdChjaGlsZCk7XG4gICAgICB9XG4gICAgfTtcbiAgICB2aXNpdChkb2N1bWVudCk7XG4gICAgcmV0dXJuIG5hbWVzLnNpemUgPT09IDAgPyB1bmRlZmluZWQgOiBgaXRzIGVsZW1lbnRzIGFyZSAke1suLi5uYW1lc10uc2xpY2UoMCwgMTIpLmpvaW4oJywgJyl9YDtcbiAgfVxufVxuXG5jb25zdCB0ZXh0T2ZOb2RlID0gKG5vZGU6IE5vZGUpOiBzdHJpbmcgPT4gbm9kZS50ZXh0Q29udGVudCA/PyBub2RlLm5vZGVWYWx1ZSA/PyAnJztcblxuLyoqIFRoZSBwcmVmaXhlcyB0aGF0IHRoZSBkb2N1bWVudCBpdHNlbGYgZGVjbGFyZXMsIHdoZXJldmVyIGl0IGRvZXMuICovXG5mdW5jdGlvbiBwcmVmaXhlc09mKGRvY3VtZW50OiBEb2N1bWVudCk6IFJlY29yZDxzdHJpbmcsIHN0cmluZz4ge1xuICBjb25zdCBmb3VuZDogUmVjb3JkPHN0cmluZywgc3RyaW5nPiA9IHt9O1xuICBjb25zdCB2aXNpdCA9IChub2RlOiBOb2RlKTogdm9pZCA9PiB7XG4gICAgY29uc3QgYXR0cmlidXRlcyA9IChub2RlIGFzIHVua25vd24gYXMgeyBhdHRyaWJ1dGVzPzogQXJyYXlMaWtlPHsgbmFtZTogc3RyaW5nOyB2YWx1ZTogc3RyaW5nIH0+IH0pLmF0dHJpYnV0ZXM7XG4gICAgZm9yIChjb25zdCB7IG5hbWUsIHZhbHVlIH0gb2YgQXJyYXkuZnJvbShhdHRyaWJ1dGVzID8/IFtdKSlcbiAgICAgIGlmIChuYW1lLnN0YXJ0c1dpdGgoJ3htbG5zOicpKSBmb3VuZFtuYW1lLnNsaWNlKDYpXSA/Pz0gdmFsdWU7XG4gICAgZm9yIChsZXQgY2hpbGQgPSBub2RlLmZpcnN0Q2hpbGQ7IGNoaWxkOyBjaGlsZCA9IGNoaWxkLm5leHRTaWJsaW5nKSBpZiAoY2hpbGQubm9kZVR5cGUgPT09IDEpIHZpc2l0KGNoaWxkKTtcbiAgfTtcbiAgdmlzaXQoZG9jdW1lbnQpO1xuICByZXR1cm4gZm91bmQ7XG59XG4iLCAiLyoqIEFsbCBraW5kcyBvZiBwbGFjZXMuIEEgbmV3IGtpbmQgaXMgb25lIGZpbGUgYW5kIG9uZSBsaW5lIGhlcmUuICovXG5pbXBvcnQgeyBuZWFyZXN0SGludCB9IGZyb20gJy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGNvb2tpZSB9IGZyb20gJy4va2luZHMvY29va2llLmpzJztcbmltcG9ydCB7IGVycm9ycyB9IGZyb20gJy4va2luZHMvZXJyb3JzLmpzJztcbmltcG9ydCB7IGZhY3RzIH0gZnJvbSAnLi9raW5kcy9mYWN0cy5qcyc7XG5pbXBvcnQgeyBoZWFkZXIgfSBmcm9tICcuL2tpbmRzL2hlYWRlci5qcyc7XG5pbXBvcnQgeyBqc29uIH0gZnJvbSAnLi9raW5kcy9qc29uLmpzJztcbmltcG9ydCB7IGxpbmsgfSBmcm9tICcuL2tpbmRzL2xpbmsuanMnO1xuaW1wb3J0IHsgeG1sIH0gZnJvbSAnLi9raW5kcy94bWwuanMnO1xuaW1wb3J0IHR5cGUgeyBOYW1lc3BhY2VzLCBQbGFjZSwgUGxhY2VLaW5kIH0gZnJvbSAnLi9wbGFjZS5qcyc7XG5cbmV4cG9ydCBjb25zdCBwbGFjZUtpbmRzOiByZWFkb25seSBQbGFjZUtpbmRbXSA9IFsuLi5mYWN0cywgaGVhZGVyLCBjb29raWUsIGxpbmssIGVycm9ycywganNvbiwgeG1sXTtcblxuLyoqIEBwYXJhbSBuYW1lc3BhY2VzIGJlc2lkZSB0aG9zZSB0aGF0IGEgZG9jdW1lbnQgZGVjbGFyZXMgaXRzZWxmIEB0aHJvd3MgUHJvYmxlbSBwbGFjZS1zeW50YXggKi9cbmV4cG9ydCBmdW5jdGlvbiByZWFkUGxhY2UodGV4dDogc3RyaW5nLCBsb2FkczogUHJvbWlzZTx1bmtub3duPltdLCBuYW1lc3BhY2VzPzogTmFtZXNwYWNlcyk6IFBsYWNlIHtcbiAgZm9yIChjb25zdCBraW5kIG9mIHBsYWNlS2luZHMpIHtcbiAgICBjb25zdCBwbGFjZSA9IGtpbmQucmVhZCh0ZXh0LCBsb2FkcywgbmFtZXNwYWNlcyk7XG4gICAgaWYgKHBsYWNlKSByZXR1cm4gcGxhY2U7XG4gIH1cbiAgdGhyb3cgbmV3IFByb2JsZW0oJ3BsYWNlLXN5bnRheCcsIHtcbiAgICB3aGF0OiBgJHt0ZXh0fSBpcyBub3QgYSBwbGFjZWAsXG4gICAgcmVtZWR5OiBgJHtuZWFyZXN0SGludCh0ZXh0LCBbJ3N0YXR1cycsICd0aW1lJywgJ3NpemUnLCAnZmluYWwtdXJsJywgJ2hvcHMnLCAnYm9keScsICdlcnJvcnMnXSl9OyBhbHNvIGhlYWRlci5OQU1FLCBjb29raWUuTkFNRSwgbGluay5SRUwsIEpTT05QYXRoIHN1Y2ggYXMgJC5pZCBhbmQgWFBhdGggc3VjaCBhcyAvL2lkYCxcbiAgICBkYXRhOiB7IHBsYWNlOiB0ZXh0IH0sXG4gIH0pO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUtPLElBQU0sU0FBb0I7QUFBQSxFQUMvQixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxLQUFLLE1BQU07QUFDVCxVQUFNLE9BQU8seUJBQXlCLEtBQUssSUFBSSxJQUFJLENBQUM7QUFDcEQsUUFBSSxTQUFTLE9BQVcsUUFBTztBQUMvQixXQUFPO0FBQUEsTUFDTDtBQUFBLE1BQ0EsUUFBUTtBQUFBO0FBQUEsTUFFUixNQUFNLENBQUMsYUFBYSxVQUFVLFFBQVEsRUFBRSxJQUFJLElBQUk7QUFBQSxNQUNoRCxLQUFLLFVBQVU7QUFDYixjQUFNLFFBQVEsQ0FBQyxHQUFHLFVBQVUsUUFBUSxFQUFFLEtBQUssQ0FBQztBQUM1QyxjQUFNLE9BQU8sUUFBUSxNQUFNLEtBQUs7QUFDaEMsZUFBTyxTQUFTLFNBQVksbUJBQW1CLE1BQU0sS0FBSyxJQUFJLEtBQUssV0FBVyxLQUFLLFVBQVUsSUFBSTtBQUFBLE1BQ25HO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLFNBQVMsVUFBVSxFQUFFLFFBQVEsR0FBa0M7QUFDN0QsUUFBTSxRQUFRLG9CQUFJLElBQW9CO0FBQ3RDLGFBQVcsQ0FBQyxLQUFLLElBQUksS0FBSyxTQUFTO0FBQ2pDLFFBQUksSUFBSSxZQUFZLE1BQU0sYUFBYztBQUN4QyxVQUFNLENBQUMsRUFBRSxPQUFPLElBQUksUUFBUSxFQUFFLElBQUkseUNBQXlDLEtBQUssSUFBSSxLQUFLLENBQUM7QUFDMUYsVUFBTSxJQUFJLE1BQU0sTUFBTSxRQUFRLFlBQVksSUFBSSxDQUFDO0FBQUEsRUFDakQ7QUFDQSxTQUFPO0FBQ1Q7OztBQzdCQSxTQUFTLEtBQUssTUFBYyxPQUFlLE1BQXFDLE1BQTZCO0FBQzNHLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQTtBQUFBLElBQ0EsU0FBUztBQUFBLElBQ1QsTUFBTSxDQUFDLFNBQ0wsU0FBUyxPQUFPLEVBQUUsTUFBTSxRQUFRLE9BQU8sR0FBSSxRQUFRLEVBQUUsS0FBSyxHQUFJLE1BQU0sTUFBTSxNQUFNLE9BQVUsSUFBSTtBQUFBLEVBQ2xHO0FBQ0Y7QUFFTyxJQUFNLFFBQThCO0FBQUEsRUFDekMsS0FBSyxVQUFVLG1CQUFtQixDQUFDLGFBQWEsU0FBUyxRQUFRLFFBQVE7QUFBQSxFQUN6RSxLQUFLLFFBQVEsK0RBQStELENBQUMsYUFBYSxTQUFTLE1BQU0sVUFBVTtBQUFBLEVBQ25ILEtBQUssUUFBUSw4QkFBOEIsQ0FBQyxhQUFhLFNBQVMsTUFBTSxNQUFNO0FBQUEsRUFDOUUsS0FBSyxhQUFhLG1EQUFtRCxDQUFDLGFBQWEsU0FBUyxRQUFRO0FBQUEsRUFDcEcsS0FBSyxRQUFRLG9DQUFvQyxDQUFDLGFBQWEsU0FBUyxRQUFRO0FBQUEsRUFDaEYsS0FBSyxRQUFRLG9CQUFvQixDQUFDLGFBQWEsU0FBUyxJQUFJO0FBQzlEOzs7QUNqQk8sSUFBTSxTQUFvQjtBQUFBLEVBQy9CLE1BQU07QUFBQSxFQUNOLE9BQU87QUFBQSxFQUNQLFNBQVM7QUFBQSxFQUNULEtBQUssTUFBTTtBQUNULFVBQU0sT0FBTywwQ0FBMEMsS0FBSyxJQUFJLElBQUksQ0FBQztBQUNyRSxRQUFJLFNBQVMsT0FBVyxRQUFPO0FBQy9CLFdBQU87QUFBQSxNQUNMO0FBQUEsTUFDQSxRQUFRO0FBQUEsTUFDUixNQUFNLENBQUMsYUFBYSxZQUFZLFNBQVMsU0FBUyxJQUFJO0FBQUEsTUFDdEQsS0FBSyxVQUFVO0FBQ2IsY0FBTSxRQUFRLENBQUMsR0FBRyxJQUFJLElBQUksU0FBUyxRQUFRLElBQUksQ0FBQyxDQUFDLEdBQUcsTUFBTSxJQUFJLFlBQVksQ0FBQyxDQUFDLENBQUM7QUFDN0UsY0FBTSxPQUFPLFFBQVEsTUFBTSxLQUFLO0FBQ2hDLGVBQU8sU0FBUyxTQUFZLGtCQUFrQixNQUFNLEtBQUssSUFBSSxDQUFDLEtBQUssVUFBVSxJQUFJO0FBQUEsTUFDbkY7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGOzs7QUNmTyxJQUFNLE9BQWtCO0FBQUEsRUFDN0IsTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsU0FBUztBQUFBLEVBQ1QsTUFBTSxDQUFDLE1BQU0sVUFBVyxLQUFLLFdBQVcsR0FBRyxJQUFJLFVBQVUsTUFBTSxLQUFLLElBQUk7QUFDMUU7QUFFQSxTQUFTLFVBQVUsTUFBYyxPQUFrQztBQUNqRSxRQUFNLE9BQU8sZ0JBQWdCLE1BQU0sS0FBSztBQUN4QyxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsUUFBUTtBQUFBLElBQ1IsTUFBTSxDQUFDLGFBQWMsS0FBSyxXQUFXLEtBQUssT0FBTyxTQUFTLEtBQUssQ0FBQyxFQUFFLENBQUMsSUFBSSxLQUFLLE9BQU8sU0FBUyxLQUFLLENBQUM7QUFBQSxJQUNsRyxNQUFNLENBQUMsYUFBYSxZQUFZLE1BQU0sUUFBUTtBQUFBLEVBQ2hEO0FBQ0Y7QUFHQSxTQUFTLFlBQVksTUFBZ0IsVUFBd0M7QUFDM0UsTUFBSTtBQUNKLE1BQUk7QUFDRixZQUFRLFNBQVMsS0FBSztBQUFBLEVBQ3hCLFFBQVE7QUFDTixXQUFPO0FBQUEsRUFDVDtBQUNBLE1BQUksTUFBTTtBQUNWLGFBQVcsRUFBRSxZQUFZLFVBQVUsS0FBSyxLQUFLLE1BQU0sVUFBVTtBQUMzRCxVQUFNLENBQUMsSUFBSSxJQUFJO0FBQ2YsUUFBSSxjQUFjLFVBQVUsV0FBVyxLQUFNLE1BQU0sU0FBUyxVQUFVLE1BQU0sU0FBUyxRQUFVLFFBQU87QUFDdEcsVUFBTSxNQUFNLEtBQUssU0FBUyxTQUFTLEtBQUssT0FBTyxLQUFLO0FBQ3BELFVBQU0sUUFBUSxNQUFNLE9BQU8sR0FBRztBQUM5QixRQUFJLFVBQVUsT0FBVyxRQUFPLFVBQVUsS0FBSyxPQUFnQixLQUFLLFNBQVMsU0FBUyxLQUFLLE9BQU8sTUFBUztBQUMzRyxVQUFNLFVBQVUsS0FBSyxHQUFHO0FBQ3hCLFlBQVE7QUFBQSxFQUNWO0FBQ0EsU0FBTztBQUNUO0FBRUEsU0FBUyxVQUFVLEtBQWEsT0FBYyxNQUFrQztBQUM5RSxNQUFJLE1BQU0sUUFBUSxLQUFLLEVBQUcsUUFBTyxHQUFHLEdBQUcsaUJBQWlCLE1BQU0sTUFBTTtBQUNwRSxNQUFJLE9BQU8sVUFBVSxZQUFZLFVBQVUsS0FBTSxRQUFPLEdBQUcsR0FBRyxPQUFPLEtBQUssVUFBVSxLQUFLLENBQUM7QUFDMUYsUUFBTSxPQUFPLE9BQU8sS0FBSyxLQUFLO0FBQzlCLFFBQU0sT0FBTyxTQUFTLFNBQVksU0FBWSxRQUFRLE1BQU0sSUFBSTtBQUNoRSxNQUFJLFNBQVMsT0FBVyxRQUFPLFVBQVUsS0FBSyxJQUFJO0FBQ2xELFNBQU8sS0FBSyxXQUFXLElBQ25CLEdBQUcsR0FBRyxjQUNOLEdBQUcsR0FBRyxRQUFRLEtBQUssTUFBTSxHQUFHLEVBQUUsRUFBRSxLQUFLLElBQUksQ0FBQyxHQUFHLEtBQUssU0FBUyxLQUFLLGFBQVEsRUFBRTtBQUNoRjs7O0FDNUNPLFNBQVMsUUFBUSxTQUE0RTtBQUNsRyxTQUFPLFFBQ0osT0FBTyxDQUFDLENBQUMsSUFBSSxNQUFNLEtBQUssWUFBWSxNQUFNLE1BQU0sRUFDaEQsUUFBUSxDQUFDLENBQUMsRUFBRSxLQUFLLE1BQU07QUFBQSxJQUN0QixHQUFHLE1BQU0sU0FBUyw2RUFBNkU7QUFBQSxFQUNqRyxDQUFDLEVBQ0EsSUFBSSxDQUFDLENBQUMsRUFBRSxTQUFTLElBQUksYUFBYSxFQUFFLE1BQU07QUFDekMsVUFBTSxRQUFRLElBQUk7QUFBQSxNQUNoQixDQUFDLEdBQUcsV0FBVyxTQUFTLGdFQUFnRSxDQUFDLEVBQUU7QUFBQSxRQUN6RixDQUFDLENBQUMsRUFBRSxPQUFPLElBQUksUUFBUSxJQUFJLE1BQ3pCLENBQUMsS0FBSyxZQUFZLElBQUksUUFBUSxRQUFRLFVBQVUsSUFBSSxLQUFLLFFBQVEsSUFBSSxLQUFLLENBQUM7QUFBQSxNQUMvRTtBQUFBLElBQ0Y7QUFDQSxXQUFPO0FBQUEsTUFDTDtBQUFBLE1BQ0EsWUFBWSxNQUFNLElBQUksS0FBSyxLQUFLLElBQzdCLFlBQVksRUFDWixNQUFNLEtBQUssRUFDWCxPQUFPLENBQUMsUUFBUSxRQUFRLEVBQUU7QUFBQSxNQUM3QixPQUFPLE1BQU0sSUFBSSxPQUFPO0FBQUEsSUFDMUI7QUFBQSxFQUNGLENBQUM7QUFDTDs7O0FDM0JPLElBQU0sT0FBa0I7QUFBQSxFQUM3QixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxLQUFLLE1BQU07QUFDVCxVQUFNLFdBQVcsZ0JBQWdCLEtBQUssSUFBSSxJQUFJLENBQUMsR0FBRyxZQUFZO0FBQzlELFFBQUksYUFBYSxPQUFXLFFBQU87QUFDbkMsV0FBTztBQUFBLE1BQ0w7QUFBQSxNQUNBLFFBQVE7QUFBQSxNQUNSLEtBQUssVUFBVTtBQUNiLGNBQU0sUUFBUSxRQUFRLFNBQVMsT0FBTyxFQUFFLEtBQUssQ0FBQyxFQUFFLFVBQVUsTUFBTSxVQUFVLFNBQVMsUUFBUSxDQUFDO0FBQzVGLGVBQ0UsVUFDQyxJQUFJLFNBQVMsTUFBTSxRQUFRLFNBQVMsUUFBUSxJQUFJLElBQUksSUFBSSxNQUFNLFFBQVEsU0FBUyxRQUFRLEVBQUUsT0FBTyxNQUFNO0FBQUEsTUFFM0c7QUFBQSxNQUNBLEtBQUssVUFBVTtBQUNiLGNBQU0sUUFBUSxZQUFZLFFBQVE7QUFDbEMsY0FBTSxPQUFPLFFBQVEsVUFBVSxLQUFLO0FBQ3BDLGVBQU8sU0FBUyxTQUNaLGtCQUFrQixNQUFNLElBQUksQ0FBQyxRQUFRLFFBQVEsR0FBRyxFQUFFLEVBQUUsS0FBSyxJQUFJLEtBQUssZ0JBQWdCLEtBQ2xGLFFBQVEsSUFBSTtBQUFBLE1BQ2xCO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLElBQU0sY0FBYyxDQUFDLEVBQUUsUUFBUSxNQUEwQjtBQUFBLEVBQ3ZELEdBQUcsSUFBSSxJQUFJLFFBQVEsT0FBTyxFQUFFLFFBQVEsQ0FBQyxFQUFFLFVBQVUsTUFBTSxTQUFTLENBQUM7QUFDbkU7OztBQ2ZBLElBQUk7QUFDSixJQUFJO0FBQ0osSUFBSTtBQUVKLGVBQWUsT0FBc0I7QUFDbkMsZUFBYyxNQUFNLE9BQU8sT0FBTyxHQUF1QztBQUV6RSxVQUFRLFNBQVMsWUFBWSxNQUFNO0FBQ25DLFdBQVMsTUFBTSxPQUFPLDRCQUFvQixHQUFHO0FBQzdDLGVBQWEsTUFBTSxPQUFPLDZCQUFxQixHQUFHO0FBQ3BEO0FBRUEsSUFBTSxZQUFZLG9CQUFJLFFBQTRCO0FBR2xELFNBQVMsV0FBVyxVQUE4QjtBQUNoRCxRQUFNLFFBQVEsVUFBVSxJQUFJLFFBQVE7QUFDcEMsTUFBSSxNQUFPLFFBQU87QUFDbEIsUUFBTSxPQUFPLFlBQVksU0FBUyxTQUFTLGNBQWM7QUFDekQsUUFBTSxPQUFPLG9CQUFvQixLQUFLLFFBQVEsRUFBRSxJQUFJLFVBQVUsU0FBUyxJQUFJLElBQUksTUFBTSxTQUFTLE1BQU0sSUFBSTtBQUN4RyxZQUFVLElBQUksVUFBVSxJQUFJO0FBQzVCLFNBQU87QUFDVDtBQUVPLElBQU0sTUFBaUI7QUFBQSxFQUM1QixNQUFNO0FBQUEsRUFDTixPQUNFO0FBQUEsRUFDRixTQUFTO0FBQUEsRUFDVCxLQUFLLE1BQU0sT0FBTyxZQUFZO0FBQzVCLFFBQUksQ0FBQyxLQUFLLFdBQVcsR0FBRyxFQUFHLFFBQU87QUFDbEMsVUFBTSxRQUFRLElBQUksU0FBUyxNQUFNLFVBQVU7QUFDM0MsVUFBTSxLQUFLLEtBQUssRUFBRSxLQUFLLE1BQU0sTUFBTSxRQUFRLENBQUMsQ0FBQztBQUM3QyxXQUFPO0FBQUEsRUFDVDtBQUNGO0FBRUEsSUFBTSxXQUFOLE1BQWdDO0FBQUEsRUFJOUIsWUFDVyxNQUNRLFlBQ2pCO0FBRlM7QUFDUTtBQUFBLEVBQ2hCO0FBQUEsRUFGUTtBQUFBLEVBQ1E7QUFBQSxFQUxWLFNBQVM7QUFBQSxFQUNWO0FBQUE7QUFBQSxFQVFSLFVBQWdCO0FBQ2QsUUFBSTtBQUNGLFdBQUssYUFBYyxRQUFvQixNQUFNLEtBQUssSUFBSTtBQUFBLElBQ3hELFNBQVMsT0FBTztBQUNkLFlBQU0sSUFBSSxRQUFRLGdCQUFnQjtBQUFBLFFBQ2hDLE1BQU0sR0FBRyxLQUFLLElBQUk7QUFBQSxRQUNsQixPQUFRLE1BQWdCLFFBQVEsTUFBTSxJQUFJLEVBQUUsQ0FBQztBQUFBLFFBQzdDLFFBQVE7QUFBQSxRQUNSLE1BQU0sRUFBRSxPQUFPLEtBQUssS0FBSztBQUFBLE1BQzNCLENBQUM7QUFBQSxJQUNIO0FBQUEsRUFDRjtBQUFBLEVBRUEsS0FBSyxVQUF1QztBQUMxQyxVQUFNLFdBQVcsV0FBVyxRQUFRO0FBQ3BDLFVBQU0sRUFBRSxPQUFPLEtBQUssR0FBRyxHQUFHLE1BQU0sSUFBSSxLQUFLLFNBQVMsUUFBUTtBQUMxRCxRQUFJLENBQUMsTUFBTyxRQUFPLE9BQU8sS0FBSyxPQUFPLEtBQUs7QUFDM0MsVUFBTSxRQUFRLE1BQU0sSUFBSSxVQUFVO0FBQ2xDLFdBQU8sTUFBTSxXQUFXLElBQUksU0FBWSxNQUFNLFdBQVcsSUFBSSxNQUFNLENBQUMsSUFBSTtBQUFBLEVBQzFFO0FBQUE7QUFBQSxFQUdRLFNBQVMsVUFBNEI7QUFDM0MsVUFBTSxhQUFhLEVBQUUsR0FBRyxXQUFXLFFBQVEsR0FBRyxHQUFHLEtBQUssV0FBVztBQUNqRSxRQUFJO0FBQ0YsYUFBUSxLQUFLLFdBQTRDLFNBQVM7QUFBQSxRQUNoRSxNQUFNO0FBQUEsUUFDTiw4QkFBOEI7QUFBQSxRQUM5QjtBQUFBLE1BQ0YsQ0FBQztBQUFBLElBQ0gsU0FBUyxPQUFPO0FBQ2QsWUFBTSxJQUFJLFFBQVEsZ0JBQWdCO0FBQUEsUUFDaEMsTUFBTSxHQUFHLEtBQUssSUFBSTtBQUFBLFFBQ2xCLE9BQVEsTUFBZ0IsUUFBUSxNQUFNLElBQUksRUFBRSxDQUFDO0FBQUEsUUFDN0MsUUFBUSx3QkFBd0IsT0FBTyxLQUFLLFVBQVUsRUFBRSxLQUFLLElBQUksS0FBSyxNQUFNO0FBQUEsUUFDNUUsTUFBTSxFQUFFLE9BQU8sS0FBSyxLQUFLO0FBQUEsTUFDM0IsQ0FBQztBQUFBLElBQ0g7QUFBQSxFQUNGO0FBQUEsRUFFQSxLQUFLLFVBQXdDO0FBQzNDLFFBQUk7QUFDSixRQUFJO0FBQ0YsaUJBQVcsV0FBVyxRQUFRO0FBQUEsSUFDaEMsUUFBUTtBQUNOLGFBQU87QUFBQSxJQUNUO0FBQ0EsVUFBTSxRQUFRLG9CQUFJLElBQVk7QUFDOUIsVUFBTSxRQUFRLENBQUMsU0FBcUI7QUFDbEMsZUFBU0EsU0FBUSxLQUFLLFlBQVlBLFFBQU9BLFNBQVFBLE9BQU0sYUFBYTtBQUNsRSxZQUFJQSxPQUFNLGFBQWEsRUFBRztBQUMxQixZQUFJLE1BQU0sT0FBTyxHQUFJLE9BQU0sSUFBS0EsT0FBMkMsU0FBUztBQUNwRixjQUFNQSxNQUFLO0FBQUEsTUFDYjtBQUFBLElBQ0Y7QUFDQSxVQUFNLFFBQVE7QUFDZCxXQUFPLE1BQU0sU0FBUyxJQUFJLFNBQVksb0JBQW9CLENBQUMsR0FBRyxLQUFLLEVBQUUsTUFBTSxHQUFHLEVBQUUsRUFBRSxLQUFLLElBQUksQ0FBQztBQUFBLEVBQzlGO0FBQ0Y7QUFFQSxJQUFNLGFBQWEsQ0FBQyxTQUF1QixLQUFLLGVBQWUsS0FBSyxhQUFhO0FBR2pGLFNBQVMsV0FBVyxVQUE0QztBQUM5RCxRQUFNLFFBQWdDLENBQUM7QUFDdkMsUUFBTSxRQUFRLENBQUMsU0FBcUI7QUFDbEMsVUFBTSxhQUFjLEtBQWdGO0FBQ3BHLGVBQVcsRUFBRSxNQUFNLE1BQU0sS0FBSyxNQUFNLEtBQUssY0FBYyxDQUFDLENBQUM7QUFDdkQsVUFBSSxLQUFLLFdBQVcsUUFBUSxFQUFHLE9BQU0sS0FBSyxNQUFNLENBQUMsQ0FBQyxNQUFNO0FBQzFELGFBQVNBLFNBQVEsS0FBSyxZQUFZQSxRQUFPQSxTQUFRQSxPQUFNLFlBQWEsS0FBSUEsT0FBTSxhQUFhLEVBQUcsT0FBTUEsTUFBSztBQUFBLEVBQzNHO0FBQ0EsUUFBTSxRQUFRO0FBQ2QsU0FBTztBQUNUOzs7QUNqSU8sSUFBTSxhQUFtQyxDQUFDLEdBQUcsT0FBTyxRQUFRLFFBQVEsTUFBTSxRQUFRLE1BQU0sR0FBRztBQUczRixTQUFTLFVBQVUsTUFBYyxPQUEyQixZQUFnQztBQUNqRyxhQUFXLFFBQVEsWUFBWTtBQUM3QixVQUFNLFFBQVEsS0FBSyxLQUFLLE1BQU0sT0FBTyxVQUFVO0FBQy9DLFFBQUksTUFBTyxRQUFPO0FBQUEsRUFDcEI7QUFDQSxRQUFNLElBQUksUUFBUSxnQkFBZ0I7QUFBQSxJQUNoQyxNQUFNLEdBQUcsSUFBSTtBQUFBLElBQ2IsUUFBUSxHQUFHLFlBQVksTUFBTSxDQUFDLFVBQVUsUUFBUSxRQUFRLGFBQWEsUUFBUSxRQUFRLFFBQVEsQ0FBQyxDQUFDO0FBQUEsSUFDL0YsTUFBTSxFQUFFLE9BQU8sS0FBSztBQUFBLEVBQ3RCLENBQUM7QUFDSDsiLAogICJuYW1lcyI6IFsiY2hpbGQiXQp9Cg==
