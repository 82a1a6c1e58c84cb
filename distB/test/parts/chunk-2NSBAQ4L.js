import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import {
  writtenScalar
} from "./chunk-XGDOGID3.js";

// src/core/collection/yaml.ts
import { readFileSync } from "node:fs";
import {
  isAlias,
  isCollection,
  isMap,
  isPair,
  isScalar,
  isSeq,
  LineCounter,
  parseDocument
} from "yaml";
function readYaml(path, file) {
  let text;
  try {
    text = readFileSync(path, "utf8");
  } catch (error) {
    const missing = error.code === "ENOENT";
    throw new Problem(missing ? "file-not-found" : "file-unreadable", {
      what: missing ? `${file} does not exist` : `${file} cannot be read`,
      where: { file },
      cause: missing ? void 0 : error.message
    });
  }
  return parseYaml(text, file);
}
function parseYaml(text, file) {
  const lines = new LineCounter();
  const document = parseDocument(text, { lineCounter: lines, version: "1.2", uniqueKeys: true, merge: false });
  const at = (offset) => {
    const { line, col } = lines.linePos(offset);
    return { file, line, column: col };
  };
  const lineText = (position) => position.line === void 0 ? void 0 : text.split("\n")[position.line - 1]?.trimEnd();
  const [error] = document.errors;
  if (error) throw syntaxProblem(error, at(error.pos[0]), text, lineText);
  return {
    file,
    text,
    value: convert(document.contents, at),
    position: (path, part) => positionOf(document.contents, path, part ?? "value", at),
    line: lineText
  };
}
function convert(node, at) {
  if (node === null || node === void 0) return null;
  const { anchor, tag, range } = node;
  const where = range ? at(range[0]) : void 0;
  if (isAlias(node)) throw refused("an alias", `*${node.source}`, where);
  if (anchor !== void 0) throw refused("an anchor", `&${anchor}`, where);
  if (isMap(node)) {
    const map = {};
    for (const pair of node.items) {
      const key = isScalar(pair.key) ? pair.key.source ?? String(pair.key.value) : void 0;
      if (key === void 0) {
        const position = pair.key?.range;
        throw new Problem("yaml-syntax", {
          what: "a key must be a text",
          where: position ? at(position[0]) : where,
          remedy: "a key or value that begins with { or [ needs quotes"
        });
      }
      convert(pair.key, at);
      Object.defineProperty(map, key, {
        value: convert(pair.value, at),
        enumerable: true,
        writable: true,
        configurable: true
      });
    }
    return map;
  }
  if (isSeq(node)) return node.items.map((item) => convert(item, at));
  if (!isScalar(node)) return null;
  if (tag?.startsWith("!")) throw refused("a tag", tag, where);
  const { value, source } = node;
  if (typeof value === "string") return value;
  if (typeof value === "number" || typeof value === "boolean") return writtenScalar(source ?? String(value), value);
  return null;
}
function refused(what, text, where) {
  return new Problem("yaml-refused", {
    what: `${what} (${text}) is not allowed in a collection`,
    where,
    cause: "collections are read by people in reviews: every value stands where it is used",
    remedy: `write the value out; if a text was meant, put it in quotes: "${text}"`
  });
}
function positionOf(root, path, part, at) {
  let node = root;
  let start = root?.range?.[0] ?? 0;
  for (const [depth, key] of path.entries()) {
    if (!isCollection(node)) break;
    const last = depth === path.length - 1;
    if (isSeq(node)) {
      const item = node.items[Number(key)];
      if (!item) break;
      node = item;
    } else {
      const pair = node.items.find(
        (item) => isPair(item) && isScalar(item.key) && String(item.key.source ?? item.key.value) === String(key)
      );
      if (!isPair(pair)) break;
      const keyStart = pair.key.range?.[0];
      if (last && part === "key" && keyStart !== void 0) return at(keyStart);
      node = pair.value ?? pair.key;
    }
    start = node.range?.[0] ?? start;
  }
  return at(start);
}
function syntaxProblem(error, where, text, line) {
  const excerpt = line(where) ?? "";
  const said = (error.message.split("\n")[0] ?? "").replace(/ at line \d+, column \d+:?$/, "");
  const [what, remedy] = reason(error.code, said, excerpt, text);
  const caret = `${excerpt}
${" ".repeat(Math.max(0, (where.column ?? 1) - 1))}^`;
  return new Problem("yaml-syntax", { what, where, remedy, excerpt: caret, data: { code: error.code } });
}
var colonInExpression = /^[^'"#\n]*\$\{[^}'\n]*"[^"\n]*: [^"\n]*"[^}\n]*\}/m;
function reason(code, said, line, text) {
  const value = /^\s*(?:- )?(?:[^:#"']+:\s+)?(.*)$/.exec(line)?.[1] ?? "";
  if (/^[{[].*\$\{[^}"']*\}/.test(value) || /[{,[:]\s*\$\{/.test(line)) {
    return ["the file is not well-formed YAML here", 'inside { } and [ ] a value with ${\u2026} needs quotes: "${name}"'];
  }
  if (colonInExpression.test(line) || code === "MISSING_CHAR" && colonInExpression.test(text)) {
    return [
      'an expression holds ": ", which YAML reads as the end of a key',
      `put the whole in single quotes: '\${\u2026 | header-lines(": ")}'`
    ];
  }
  if (/^\{[\w-]+\}/.test(value)) return ["a text begins with {", `put it in quotes: "${value}"`];
  if (/^[*&]/.test(value)) return [`a text begins with ${value[0]}`, `put it in quotes: "${value}"`];
  if (/^[@`%]/.test(value)) return [`a text begins with ${value[0]}`, `put it in quotes: "${value}"`];
  if (/\$\S*[*?[]/.test(line) && /[{,]/.test(line)) {
    return ["the file is not well-formed YAML here", "inside { } a place such as $.items[*].id needs quotes"];
  }
  if (code === "DUPLICATE_KEY") return ["a key stands twice", "keep one of the two"];
  if (code === "TAB_AS_INDENT" || /tab/i.test(said)) return ["a tab is used for indentation", "indent with spaces"];
  if (code === "MISSING_CHAR" && /quote/.test(said)) return ["a quote is not closed", void 0];
  if (code === "BAD_INDENT")
    return ["the indentation does not fit", "keys of one map begin in one column; is a closing } or ] missing above?"];
  if (code === "BLOCK_AS_IMPLICIT_KEY" || code === "MULTILINE_IMPLICIT_KEY") {
    return ['a second ": " stands in one line', 'put a text that holds ": " in quotes'];
  }
  return [
    `the file is not well-formed YAML: ${said}`,
    text.includes("	") ? "indent with spaces, not tabs" : void 0
  ];
}

export {
  readYaml,
  parseYaml
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi95YW1sLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogUmVhZGluZyBhIFlBTUwgMS4yIGZpbGUgb2YgYSBjb2xsZWN0aW9uOiB2YWx1ZXMgd2l0aCB0aGVpciBzb3VyY2UgdGV4dCwgcG9zaXRpb25zLCBhbmQgY2xlYXIgZXJyb3JzLiAqL1xuaW1wb3J0IHsgcmVhZEZpbGVTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQge1xuICBpc0FsaWFzLFxuICBpc0NvbGxlY3Rpb24sXG4gIGlzTWFwLFxuICBpc1BhaXIsXG4gIGlzU2NhbGFyLFxuICBpc1NlcSxcbiAgTGluZUNvdW50ZXIsXG4gIHR5cGUgTm9kZSxcbiAgcGFyc2VEb2N1bWVudCxcbiAgdHlwZSBZQU1MRXJyb3IsXG59IGZyb20gJ3lhbWwnO1xuaW1wb3J0IHsgdHlwZSBGaWxlUG9zaXRpb24sIFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgdHlwZSBWYWx1ZSwgd3JpdHRlblNjYWxhciB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuXG5leHBvcnQgdHlwZSBLZXlQYXRoID0gcmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXTtcblxuZXhwb3J0IGludGVyZmFjZSBZYW1sRmlsZSB7XG4gIC8qKiBBcyBpdCBpcyBuYW1lZCBpbiBtZXNzYWdlczogZnJvbSB0aGUgY29sbGVjdGlvbiBmb2xkZXIuICovXG4gIHJlYWRvbmx5IGZpbGU6IHN0cmluZztcbiAgcmVhZG9ubHkgdGV4dDogc3RyaW5nO1xuICByZWFkb25seSB2YWx1ZTogVmFsdWU7XG4gIC8qKiBXaGVyZSBhIHZhbHVlIHN0YW5kcywgb3IgaXRzIGtleTsgdGhlIG5lYXJlc3QgaG9sZGVyIHdoZXJlIHRoZSBwYXRoIGxlYWRzIG5vd2hlcmUuICovXG4gIHBvc2l0aW9uKHBhdGg6IEtleVBhdGgsIHBhcnQ/OiAna2V5JyB8ICd2YWx1ZScpOiBGaWxlUG9zaXRpb247XG4gIC8qKiBUaGUgd2hvbGUgbGluZSBvZiBhIHBvc2l0aW9uLiAqL1xuICBsaW5lKHBvc2l0aW9uOiBGaWxlUG9zaXRpb24pOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZmlsZS1ub3QtZm91bmQsIGZpbGUtdW5yZWFkYWJsZSwgeWFtbC1zeW50YXgsIHlhbWwtcmVmdXNlZCAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWRZYW1sKHBhdGg6IHN0cmluZywgZmlsZTogc3RyaW5nKTogWWFtbEZpbGUge1xuICBsZXQgdGV4dDogc3RyaW5nO1xuICB0cnkge1xuICAgIHRleHQgPSByZWFkRmlsZVN5bmMocGF0aCwgJ3V0ZjgnKTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICBjb25zdCBtaXNzaW5nID0gKGVycm9yIGFzIE5vZGVKUy5FcnJub0V4Y2VwdGlvbikuY29kZSA9PT0gJ0VOT0VOVCc7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0obWlzc2luZyA/ICdmaWxlLW5vdC1mb3VuZCcgOiAnZmlsZS11bnJlYWRhYmxlJywge1xuICAgICAgd2hhdDogbWlzc2luZyA/IGAke2ZpbGV9IGRvZXMgbm90IGV4aXN0YCA6IGAke2ZpbGV9IGNhbm5vdCBiZSByZWFkYCxcbiAgICAgIHdoZXJlOiB7IGZpbGUgfSxcbiAgICAgIGNhdXNlOiBtaXNzaW5nID8gdW5kZWZpbmVkIDogKGVycm9yIGFzIEVycm9yKS5tZXNzYWdlLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiBwYXJzZVlhbWwodGV4dCwgZmlsZSk7XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0geWFtbC1zeW50YXgsIHlhbWwtcmVmdXNlZCAqL1xuZXhwb3J0IGZ1bmN0aW9uIHBhcnNlWWFtbCh0ZXh0OiBzdHJpbmcsIGZpbGU6IHN0cmluZyk6IFlhbWxGaWxlIHtcbiAgY29uc3QgbGluZXMgPSBuZXcgTGluZUNvdW50ZXIoKTtcbiAgY29uc3QgZG9jdW1lbnQgPSBwYXJzZURvY3VtZW50KHRleHQsIHsgbGluZUNvdW50ZXI6IGxpbmVzLCB2ZXJzaW9uOiAnMS4yJywgdW5pcXVlS2V5czogdHJ1ZSwgbWVyZ2U6IGZhbHNlIH0pO1xuICBjb25zdCBhdCA9IChvZmZzZXQ6IG51bWJlcik6IEZpbGVQb3NpdGlvbiA9PiB7XG4gICAgY29uc3QgeyBsaW5lLCBjb2wgfSA9IGxpbmVzLmxpbmVQb3Mob2Zmc2V0KTtcbiAgICByZXR1cm4geyBmaWxlLCBsaW5lLCBjb2x1bW46IGNvbCB9O1xuICB9O1xuICBjb25zdCBsaW5lVGV4dCA9IChwb3NpdGlvbjogRmlsZVBvc2l0aW9uKTogc3RyaW5nIHwgdW5kZWZpbmVkID0+XG4gICAgcG9zaXRpb24ubGluZSA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogdGV4dC5zcGxpdCgnXFxuJylbcG9zaXRpb24ubGluZSAtIDFdPy50cmltRW5kKCk7XG4gIGNvbnN0IFtlcnJvcl0gPSBkb2N1bWVudC5lcnJvcnM7XG4gIGlmIChlcnJvcikgdGhyb3cgc3ludGF4UHJvYmxlbShlcnJvciwgYXQoZXJyb3IucG9zWzBdKSwgdGV4dCwgbGluZVRleHQpO1xuICByZXR1cm4ge1xuICAgIGZpbGUsXG4gICAgdGV4dCxcbiAgICB2YWx1ZTogY29udmVydChkb2N1bWVudC5jb250ZW50cywgYXQpLFxuICAgIHBvc2l0aW9uOiAocGF0aCwgcGFydCkgPT4gcG9zaXRpb25PZihkb2N1bWVudC5jb250ZW50cywgcGF0aCwgcGFydCA/PyAndmFsdWUnLCBhdCksXG4gICAgbGluZTogbGluZVRleHQsXG4gIH07XG59XG5cbmZ1bmN0aW9uIGNvbnZlcnQobm9kZTogdW5rbm93biwgYXQ6IChvZmZzZXQ6IG51bWJlcikgPT4gRmlsZVBvc2l0aW9uKTogVmFsdWUge1xuICBpZiAobm9kZSA9PT0gbnVsbCB8fCBub2RlID09PSB1bmRlZmluZWQpIHJldHVybiBudWxsO1xuICBjb25zdCB7IGFuY2hvciwgdGFnLCByYW5nZSB9ID0gbm9kZSBhcyB7IGFuY2hvcj86IHN0cmluZzsgdGFnPzogc3RyaW5nOyByYW5nZT86IFtudW1iZXIsIG51bWJlciwgbnVtYmVyXSB9O1xuICBjb25zdCB3aGVyZSA9IHJhbmdlID8gYXQocmFuZ2VbMF0pIDogdW5kZWZpbmVkO1xuICBpZiAoaXNBbGlhcyhub2RlKSkgdGhyb3cgcmVmdXNlZCgnYW4gYWxpYXMnLCBgKiR7bm9kZS5zb3VyY2V9YCwgd2hlcmUpO1xuICBpZiAoYW5jaG9yICE9PSB1bmRlZmluZWQpIHRocm93IHJlZnVzZWQoJ2FuIGFuY2hvcicsIGAmJHthbmNob3J9YCwgd2hlcmUpO1xuICBpZiAoaXNNYXAobm9kZSkpIHtcbiAgICBjb25zdCBtYXA6IFJlY29yZDxzdHJpbmcsIFZhbHVlPiA9IHt9O1xuICAgIGZvciAoY29uc3QgcGFpciBvZiBub2RlLml0ZW1zKSB7XG4gICAgICBjb25zdCBrZXkgPSBpc1NjYWxhcihwYWlyLmtleSkgPyAocGFpci5rZXkuc291cmNlID8/IFN0cmluZyhwYWlyLmtleS52YWx1ZSkpIDogdW5kZWZpbmVkO1xuICAgICAgaWYgKGtleSA9PT0gdW5kZWZpbmVkKSB7XG4gICAgICAgIGNvbnN0IHBvc2l0aW9uID0gKHBhaXIua2V5IGFzIE5vZGUgfCBudWxsKT8ucmFuZ2U7XG4gICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCd5YW1sLXN5bnRheCcsIHtcbiAgICAgICAgICB3aGF0OiAnYSBrZXkgbXVzdCBiZSBhIHRleHQnLFxuICAgICAgICAgIHdoZXJlOiBwb3NpdGlvbiA/IGF0KHBvc2l0aW9uWzBdKSA6IHdoZXJlLFxuICAgICAgICAgIHJlbWVkeTogJ2Ega2V5IG9yIHZhbHVlIHRoYXQgYmVnaW5zIHdpdGggeyBvciBbIG5lZWRzIHF1b3RlcycsXG4gICAgICAgIH0pO1xuICAgICAgfVxuICAgICAgY29udmVydChwYWlyLmtleSwgYXQpO1xuICAgICAgT2JqZWN0LmRlZmluZVByb3BlcnR5KG1hcCwga2V5LCB7XG4gICAgICAgIHZhbHVlOiBjb252ZXJ0KHBhaXIudmFsdWUsIGF0KSxcbiAgICAgICAgZW51bWVyYWJsZTogdHJ1ZSxcbiAgICAgICAgd3JpdGFibGU6IHRydWUsXG4gICAgICAgIGNvbmZpZ3VyYWJsZTogdHJ1ZSxcbiAgICAgIH0pO1xuICAgIH1cbiAgICByZXR1cm4gbWFwO1xuICB9XG4gIGlmIChpc1NlcShub2RlKSkgcmV0dXJuIG5vZGUuaXRlbXMubWFwKChpdGVtKSA9PiBjb252ZXJ0KGl0ZW0sIGF0KSk7XG4gIGlmICghaXNTY2FsYXIobm9kZSkpIHJldHVybiBudWxsO1xuICBpZiAodGFnPy5zdGFydHNXaXRoKCchJykpIHRocm93IHJlZnVzZWQoJ2EgdGFnJywgdGFnLCB3aGVyZSk7XG4gIGNvbnN0IHsgdmFsdWUsIHNvdXJjZSB9ID0gbm9kZTtcbiAgaWYgKHR5cGVvZiB2YWx1ZSA9PT0gJ3N0cmluZycpIHJldHVybiB2YWx1ZTtcbiAgaWYgKHR5cGVvZiB2YWx1ZSA9PT0gJ251bWJlcicgfHwgdHlwZW9mIHZhbHVlID09PSAnYm9vbGVhbicpIHJldHVybiB3cml0dGVuU2NhbGFyKHNvdXJjZSA/PyBTdHJpbmcodmFsdWUpLCB2YWx1ZSk7XG4gIHJldHVybiBudWxsO1xufVxuXG5mdW5jdGlvbiByZWZ1c2VkKHdoYXQ6IHN0cmluZywgdGV4dDogc3RyaW5nLCB3aGVyZTogRmlsZVBvc2l0aW9uIHwgdW5kZWZpbmVkKTogUHJvYmxlbSB7XG4gIHJldHVybiBuZXcgUHJvYmxlbSgneWFtbC1yZWZ1c2VkJywge1xuICAgIHdoYXQ6IGAke3doYXR9ICgke3RleHR9KSBpcyBub3QgYWxsb3dlZCBpbiBhIGNvbGxlY3Rpb25gLFxuICAgIHdoZXJlLFxuICAgIGNhdXNlOiAnY29sbGVjdGlvbnMgYXJlIHJlYWQgYnkgcGVvcGxlIGluIHJldmlld3M6IGV2ZXJ5IHZhbHVlIHN0YW5kcyB3aGVyZSBpdCBpcyB1c2VkJyxcbiAgICByZW1lZHk6IGB3cml0ZSB0aGUgdmFsdWUgb3V0OyBpZiBhIHRleHQgd2FzIG1lYW50LCBwdXQgaXQgaW4gcXVvdGVzOiBcIiR7dGV4dH1cImAsXG4gIH0pO1xufVxuXG5mdW5jdGlvbiBwb3NpdGlvbk9mKFxuICByb290OiB1bmtub3duLFxuICBwYXRoOiBLZXlQYXRoLFxuICBwYXJ0OiAna2V5JyB8ICd2YWx1ZScsXG4gIGF0OiAob2Zmc2V0OiBudW1iZXIpID0+IEZpbGVQb3NpdGlvbixcbik6IEZpbGVQb3NpdGlvbiB7XG4gIGxldCBub2RlOiB1bmtub3duID0gcm9vdDtcbiAgbGV0IHN0YXJ0ID0gKHJvb3QgYXMgTm9kZSB8IG51bGwpPy5yYW5nZT8uWzBdID8/IDA7XG4gIGZvciAoY29uc3QgW2RlcHRoLCBrZXldIG9mIHBhdGguZW50cmllcygpKSB7XG4gICAgaWYgKCFpc0NvbGxlY3Rpb24obm9kZSkpIGJyZWFrO1xuICAgIGNvbnN0IGxhc3QgPSBkZXB0aCA9PT0gcGF0aC5sZW5ndGggLSAxO1xuICAgIGlmIChpc1NlcShub2RlKSkge1xuICAgICAgY29uc3QgaXRlbSA9IG5vZGUuaXRlbXNbTnVtYmVyKGtleSldO1xuICAgICAgaWYgKCFpdGVtKSBicmVhaztcbiAgICAgIG5vZGUgPSBpdGVtO1xuICAgIH0gZWxzZSB7XG4gICAgICBjb25zdCBwYWlyID0gbm9kZS5pdGVtcy5maW5kKFxuICAgICAgICAoaXRlbSkgPT4gaXNQYWlyKGl0ZW0pICYmIGlzU2NhbGFyKGl0ZW0ua2V5KSAmJiBTdHJpbmcoaXRlbS5rZXkuc291cmNlID8/IGl0ZW0ua2V5LnZhbHVlKSA9PT0gU3RyaW5nKGtleSksXG4gICAgICApO1xuICAgICAgaWYgKCFpc1BhaXIocGFpcikpIGJyZWFrO1xuICAgICAgY29uc3Qga2V5U3RhcnQgPSAocGFpci5rZXkgYXMgTm9kZSkucmFuZ2U/LlswXTtcbiAgICAgIGlmIChsYXN0ICYmIHBhcnQgPT09ICdrZXknICYmIGtleVN0YXJ0ICE9PSB1bmRlZmluZWQpIHJldHVybiBhdChrZXlTdGFydCk7XG4gICAgICBub2RlID0gcGFpci52YWx1ZSA/PyBwYWlyLmtleTtcbiAgICB9XG4gICAgc3RhcnQgPSAobm9kZSBhcyBOb2RlKS5yYW5nZT8uWzBdID8/IHN0YXJ0O1xuICB9XG4gIHJldHVybiBhdChzdGFydCk7XG59XG5cbi8qKiBUaGUgbGlicmFyeSdzIG1lc3NhZ2UgaW4gb3VyIHdvcmRzLCB3aXRoIGEgaGludCB3aGVyZSBhIGNoYXJhY3RlciBuZWVkcyBxdW90ZXMuICovXG5mdW5jdGlvbiBzeW50YXhQcm9ibGVtKFxuICBlcnJvcjogWUFNTEVycm9yLFxuICB3aGVyZTogRmlsZVBvc2l0aW9uLFxuICB0ZXh0OiBzdHJpbmcsXG4gIGxpbmU6IChhdDogRmlsZVBvc2l0aW9uKSA9PiBzdHJpbmcgfCB1bmRlZmluZWQsXG4pOiBQcm9ibGVtIHtcbiAgY29uc3QgZXhjZXJwdCA9IGxpbmUod2hlcmUpID8/ICcnO1xuICBjb25zdCBzYWlkID0gKGVycm9yLm1lc3NhZ2Uuc3BsaXQoJ1xcbicpWzBdID8/ICcnKS5yZXBsYWNlKC8gYXQgbGluZSBcXGQrLCBjb2x1bW4gXFxkKzo/JC8sICcnKTtcbiAgY29uc3QgW3doYXQsIHJlbWVkeV0gPSByZWFzb24oZXJyb3IuY29kZSwgc2FpZCwgZXhjZXJwdCwgdGV4dCk7XG4gIGNvbnN0IGNhcmV0ID0gYCR7ZXhjZXJwdH1cXG4keycgJy5yZXBlYXQoTWF0aC5tYXgoMCwgKHdoZXJlLmNvbHVtbiA/PyAxKSAtIDEpKX1eYDtcbiAgcmV0dXJuIG5ldyBQcm9ibGVtKCd5YW1sLXN5bnRheCcsIHsgd2hhdCwgd2hlcmUsIHJlbWVkeSwgZXhjZXJwdDogY2FyZXQsIGRhdGE6IHsgY29kZTogZXJyb3IuY29kZSB9IH0pO1xufVxuXG4vKiogT3V0c2lkZSBvZiBxdW90ZXMsIFlBTUwgcmVhZHMgb24gYmVoaW5kIHRoZSBjb2xvbiBvZiBhbiBhcmd1bWVudCBzdWNoIGFzIGBoZWFkZXItbGluZXMoXCI6IFwiKWAuICovXG5jb25zdCBjb2xvbkluRXhwcmVzc2lvbiA9IC9eW14nXCIjXFxuXSpcXCRcXHtbXn0nXFxuXSpcIlteXCJcXG5dKjogW15cIlxcbl0qXCJbXn1cXG5dKlxcfS9tO1xuXG5mdW5jdGlvbiByZWFzb24oY29kZTogc3RyaW5nLCBzYWlkOiBzdHJpbmcsIGxpbmU6IHN0cmluZywgdGV4dDogc3RyaW5nKTogW3doYXQ6IHN0cmluZywgcmVtZWR5OiBzdHJpbmcgfCB1bmRlZmluZWRdIHtcbiAgY29uc3QgdmFsdWUgPSAvXlxccyooPzotICk/KD86W146I1wiJ10rOlxccyspPyguKikkLy5leGVjKGxpbmUpPy5bMV0gPz8gJyc7XG4gIGlmICgvXlt7W10uKlxcJFxce1tefVwiJ10qXFx9Ly50ZXN0KHZhbHVlKSB8fCAvW3ssWzpdXFxzKlxcJFxcey8udGVzdChsaW5lKSkge1xuICAgIHJldHVybiBbJ3RoZSBmaWxlIGlzIG5vdCB3ZWxsLWZvcm1lZCBZQU1MIGhlcmUnLCAnaW5zaWRlIHsgfSBhbmQgWyBdIGEgdmFsdWUgd2l0aCAke1x1MjAyNn0gbmVlZHMgcXVvdGVzOiBcIiR7bmFtZX1cIiddO1xuICB9XG4gIC8vIEEgY29sb24gYW5kIGEgc3BhY2UgaW4gYW4gYXJndW1lbnQsIHN1Y2ggYXMgaGVhZGVyLWxpbmVzKFwiOiBcIiksIGVuZCB0aGUgdGV4dCBmb3IgWUFNTC5cbiAgaWYgKGNvbG9uSW5FeHByZXNzaW9uLnRlc3QobGluZSkgfHwgKGNvZGUgPT09ICdNSVNTSU5HX0NIQVInICYmIGNvbG9uSW5FeHByZXNzaW9uLnRlc3QodGV4dCkpKSB7XG4gICAgcmV0dXJuIFtcbiAgICAgICdhbiBleHByZXNzaW9uIGhvbGRzIFwiOiBcIiwgd2hpY2ggWUFNTCByZWFkcyBhcyB0aGUgZW5kIG9mIGEga2V5JyxcbiAgICAgIGBwdXQgdGhlIHdob2xlIGluIHNpbmdsZSBxdW90ZXM6ICdcXCR7XHUyMDI2IHwgaGVhZGVyLWxpbmVzKFwiOiBcIil9J2AsXG4gICAgXTtcbiAgfVxuICBpZiAoL15cXHtbXFx3LV0rXFx9Ly50ZXN0KHZhbHVlKSkgcmV0dXJuIFsnYSB0ZXh0IGJlZ2lucyB3aXRoIHsnLCBgcHV0IGl0IGluIHF1b3RlczogXCIke3ZhbHVlfVwiYF07XG4gIGlmICgvXlsqJl0vLnRlc3QodmFsdWUpKSByZXR1cm4gW2BhIHRleHQgYmVnaW5zIHdpdGggJHt2YWx1ZVswXX1gLCBgcHV0IGl0IGluIHF1b3RlczogXCIke3ZhbHVlfVwiYF07XG4gIGlmICgvXltAYCVdLy50ZXN0KHZhbHVlKSkgcmV0dXJuIFtgYSB0ZXh0IGJlZ2lucyB3aXRoICR7dmFsdWVbMF19YCwgYHB1dCBpdCBpbiBxdW90ZXM6IFwiJHt2YWx1ZX1cImBdO1xuICBpZiAoL1xcJFxcUypbKj9bXS8udGVzdChsaW5lKSAmJiAvW3ssXS8udGVzdChsaW5lKSkge1xuICAgIHJldHVybiBbJ3RoZSBmaWxlIGlzIG5vdCB3ZWxsLWZvcm1lZCBZQU1MIGhlcmUnLCAnaW5zaWRlIHsgfSBhIHBsYWNlIHN1Y2ggYXMgJC5pdGVtc1sqXS5pZCBuZWVkcyBxdW90ZXMnXTtcbiAgfVxuICBpZiAoY29kZSA9PT0gJ0RVUExJQ0FURV9LRVknKSByZXR1cm4gWydhIGtleSBzdGFuZHMgdHdpY2UnLCAna2VlcCBvbmUgb2YgdGhlIHR3byddO1xuICBpZiAoY29kZSA9PT0gJ1RBQl9BU19JTkRFTlQnIHx8IC90YWIvaS50ZXN0KHNhaWQpKSByZXR1cm4gWydhIHRhYiBpcyB1c2VkIGZvciBpbmRlbnRhdGlvbicsICdpbmRlbnQgd2l0aCBzcGFjZXMnXTtcbiAgaWYgKGNvZGUgPT09ICdNSVNTSU5HX0NIQVInICYmIC9xdW90ZS8udGVzdChzYWlkKSkgcmV0dXJuIFsnYSBxdW90ZSBpcyBub3QgY2xvc2VkJywgdW5kZWZpbmVkXTtcbiAgaWYgKGNvZGUgPT09ICdCQURfSU5ERU5UJylcbiAgICByZXR1cm4gWyd0aGUgaW5kZW50YXRpb24gZG9lcyBub3QgZml0JywgJ2tleXMgb2Ygb25lIG1hcCBiZWdpbiBpbiBvbmUgY29sdW1uOyBpcyBhIGNsb3NpbmcgfSBvciBdIG1pc3NpbmcgYWJvdmU/J107XG4gIGlmIChjb2RlID09PSAnQkxPQ0tfQVNfSU1QTElDSVRfS0VZJyB8fCBjb2RlID09PSAnTVVMVElMSU5FX0lNUExJQ0lUX0tFWScpIHtcbiAgICByZXR1cm4gWydhIHNlY29uZCBcIjogXCIgc3RhbmRzIGluIG9uZSBsaW5lJywgJ3B1dCBhIHRleHQgdGhhdCBob2xkcyBcIjogXCIgaW4gcXVvdGVzJ107XG4gIH1cbiAgcmV0dXJuIFtcbiAgICBgdGhlIGZpbGUgaXMgbm90IHdlbGwtZm9ybWVkIFlBTUw6ICR7c2FpZH1gLFxuICAgIHRleHQuaW5jbHVkZXMoJ1xcdCcpID8gJ2luZGVudCB3aXRoIHNwYWNlcywgbm90IHRhYnMnIDogdW5kZWZpbmVkLFxuICBdO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7QUFDQSxTQUFTLG9CQUFvQjtBQUM3QjtBQUFBLEVBQ0U7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUVBO0FBQUEsT0FFSztBQWtCQSxTQUFTLFNBQVMsTUFBYyxNQUF3QjtBQUM3RCxNQUFJO0FBQ0osTUFBSTtBQUNGLFdBQU8sYUFBYSxNQUFNLE1BQU07QUFBQSxFQUNsQyxTQUFTLE9BQU87QUFDZCxVQUFNLFVBQVcsTUFBZ0MsU0FBUztBQUMxRCxVQUFNLElBQUksUUFBUSxVQUFVLG1CQUFtQixtQkFBbUI7QUFBQSxNQUNoRSxNQUFNLFVBQVUsR0FBRyxJQUFJLG9CQUFvQixHQUFHLElBQUk7QUFBQSxNQUNsRCxPQUFPLEVBQUUsS0FBSztBQUFBLE1BQ2QsT0FBTyxVQUFVLFNBQWEsTUFBZ0I7QUFBQSxJQUNoRCxDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sVUFBVSxNQUFNLElBQUk7QUFDN0I7QUFHTyxTQUFTLFVBQVUsTUFBYyxNQUF3QjtBQUM5RCxRQUFNLFFBQVEsSUFBSSxZQUFZO0FBQzlCLFFBQU0sV0FBVyxjQUFjLE1BQU0sRUFBRSxhQUFhLE9BQU8sU0FBUyxPQUFPLFlBQVksTUFBTSxPQUFPLE1BQU0sQ0FBQztBQUMzRyxRQUFNLEtBQUssQ0FBQyxXQUFpQztBQUMzQyxVQUFNLEVBQUUsTUFBTSxJQUFJLElBQUksTUFBTSxRQUFRLE1BQU07QUFDMUMsV0FBTyxFQUFFLE1BQU0sTUFBTSxRQUFRLElBQUk7QUFBQSxFQUNuQztBQUNBLFFBQU0sV0FBVyxDQUFDLGFBQ2hCLFNBQVMsU0FBUyxTQUFZLFNBQVksS0FBSyxNQUFNLElBQUksRUFBRSxTQUFTLE9BQU8sQ0FBQyxHQUFHLFFBQVE7QUFDekYsUUFBTSxDQUFDLEtBQUssSUFBSSxTQUFTO0FBQ3pCLE1BQUksTUFBTyxPQUFNLGNBQWMsT0FBTyxHQUFHLE1BQU0sSUFBSSxDQUFDLENBQUMsR0FBRyxNQUFNLFFBQVE7QUFDdEUsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBO0FBQUEsSUFDQSxPQUFPLFFBQVEsU0FBUyxVQUFVLEVBQUU7QUFBQSxJQUNwQyxVQUFVLENBQUMsTUFBTSxTQUFTLFdBQVcsU0FBUyxVQUFVLE1BQU0sUUFBUSxTQUFTLEVBQUU7QUFBQSxJQUNqRixNQUFNO0FBQUEsRUFDUjtBQUNGO0FBRUEsU0FBUyxRQUFRLE1BQWUsSUFBNkM7QUFDM0UsTUFBSSxTQUFTLFFBQVEsU0FBUyxPQUFXLFFBQU87QUFDaEQsUUFBTSxFQUFFLFFBQVEsS0FBSyxNQUFNLElBQUk7QUFDL0IsUUFBTSxRQUFRLFFBQVEsR0FBRyxNQUFNLENBQUMsQ0FBQyxJQUFJO0FBQ3JDLE1BQUksUUFBUSxJQUFJLEVBQUcsT0FBTSxRQUFRLFlBQVksSUFBSSxLQUFLLE1BQU0sSUFBSSxLQUFLO0FBQ3JFLE1BQUksV0FBVyxPQUFXLE9BQU0sUUFBUSxhQUFhLElBQUksTUFBTSxJQUFJLEtBQUs7QUFDeEUsTUFBSSxNQUFNLElBQUksR0FBRztBQUNmLFVBQU0sTUFBNkIsQ0FBQztBQUNwQyxlQUFXLFFBQVEsS0FBSyxPQUFPO0FBQzdCLFlBQU0sTUFBTSxTQUFTLEtBQUssR0FBRyxJQUFLLEtBQUssSUFBSSxVQUFVLE9BQU8sS0FBSyxJQUFJLEtBQUssSUFBSztBQUMvRSxVQUFJLFFBQVEsUUFBVztBQUNyQixjQUFNLFdBQVksS0FBSyxLQUFxQjtBQUM1QyxjQUFNLElBQUksUUFBUSxlQUFlO0FBQUEsVUFDL0IsTUFBTTtBQUFBLFVBQ04sT0FBTyxXQUFXLEdBQUcsU0FBUyxDQUFDLENBQUMsSUFBSTtBQUFBLFVBQ3BDLFFBQVE7QUFBQSxRQUNWLENBQUM7QUFBQSxNQUNIO0FBQ0EsY0FBUSxLQUFLLEtBQUssRUFBRTtBQUNwQixhQUFPLGVBQWUsS0FBSyxLQUFLO0FBQUEsUUFDOUIsT0FBTyxRQUFRLEtBQUssT0FBTyxFQUFFO0FBQUEsUUFDN0IsWUFBWTtBQUFBLFFBQ1osVUFBVTtBQUFBLFFBQ1YsY0FBYztBQUFBLE1BQ2hCLENBQUM7QUFBQSxJQUNIO0FBQ0EsV0FBTztBQUFBLEVBQ1Q7QUFDQSxNQUFJLE1BQU0sSUFBSSxFQUFHLFFBQU8sS0FBSyxNQUFNLElBQUksQ0FBQyxTQUFTLFFBQVEsTUFBTSxFQUFFLENBQUM7QUFDbEUsTUFBSSxDQUFDLFNBQVMsSUFBSSxFQUFHLFFBQU87QUFDNUIsTUFBSSxLQUFLLFdBQVcsR0FBRyxFQUFHLE9BQU0sUUFBUSxTQUFTLEtBQUssS0FBSztBQUMzRCxRQUFNLEVBQUUsT0FBTyxPQUFPLElBQUk7QUFDMUIsTUFBSSxPQUFPLFVBQVUsU0FBVSxRQUFPO0FBQ3RDLE1BQUksT0FBTyxVQUFVLFlBQVksT0FBTyxVQUFVLFVBQVcsUUFBTyxjQUFjLFVBQVUsT0FBTyxLQUFLLEdBQUcsS0FBSztBQUNoSCxTQUFPO0FBQ1Q7QUFFQSxTQUFTLFFBQVEsTUFBYyxNQUFjLE9BQTBDO0FBQ3JGLFNBQU8sSUFBSSxRQUFRLGdCQUFnQjtBQUFBLElBQ2pDLE1BQU0sR0FBRyxJQUFJLEtBQUssSUFBSTtBQUFBLElBQ3RCO0FBQUEsSUFDQSxPQUFPO0FBQUEsSUFDUCxRQUFRLGdFQUFnRSxJQUFJO0FBQUEsRUFDOUUsQ0FBQztBQUNIO0FBRUEsU0FBUyxXQUNQLE1BQ0EsTUFDQSxNQUNBLElBQ2M7QUFDZCxNQUFJLE9BQWdCO0FBQ3BCLE1BQUksUUFBUyxNQUFzQixRQUFRLENBQUMsS0FBSztBQUNqRCxhQUFXLENBQUMsT0FBTyxHQUFHLEtBQUssS0FBSyxRQUFRLEdBQUc7QUFDekMsUUFBSSxDQUFDLGFBQWEsSUFBSSxFQUFHO0FBQ3pCLFVBQU0sT0FBTyxVQUFVLEtBQUssU0FBUztBQUNyQyxRQUFJLE1BQU0sSUFBSSxHQUFHO0FBQ2YsWUFBTSxPQUFPLEtBQUssTUFBTSxPQUFPLEdBQUcsQ0FBQztBQUNuQyxVQUFJLENBQUMsS0FBTTtBQUNYLGFBQU87QUFBQSxJQUNULE9BQU87QUFDTCxZQUFNLE9BQU8sS0FBSyxNQUFNO0FBQUEsUUFDdEIsQ0FBQyxTQUFTLE9BQU8sSUFBSSxLQUFLLFNBQVMsS0FBSyxHQUFHLEtBQUssT0FBTyxLQUFLLElBQUksVUFBVSxLQUFLLElBQUksS0FBSyxNQUFNLE9BQU8sR0FBRztBQUFBLE1BQzFHO0FBQ0EsVUFBSSxDQUFDLE9BQU8sSUFBSSxFQUFHO0FBQ25CLFlBQU0sV0FBWSxLQUFLLElBQWEsUUFBUSxDQUFDO0FBQzdDLFVBQUksUUFBUSxTQUFTLFNBQVMsYUFBYSxPQUFXLFFBQU8sR0FBRyxRQUFRO0FBQ3hFLGFBQU8sS0FBSyxTQUFTLEtBQUs7QUFBQSxJQUM1QjtBQUNBLFlBQVMsS0FBYyxRQUFRLENBQUMsS0FBSztBQUFBLEVBQ3ZDO0FBQ0EsU0FBTyxHQUFHLEtBQUs7QUFDakI7QUFHQSxTQUFTLGNBQ1AsT0FDQSxPQUNBLE1BQ0EsTUFDUztBQUNULFFBQU0sVUFBVSxLQUFLLEtBQUssS0FBSztBQUMvQixRQUFNLFFBQVEsTUFBTSxRQUFRLE1BQU0sSUFBSSxFQUFFLENBQUMsS0FBSyxJQUFJLFFBQVEsK0JBQStCLEVBQUU7QUFDM0YsUUFBTSxDQUFDLE1BQU0sTUFBTSxJQUFJLE9BQU8sTUFBTSxNQUFNLE1BQU0sU0FBUyxJQUFJO0FBQzdELFFBQU0sUUFBUSxHQUFHLE9BQU87QUFBQSxFQUFLLElBQUksT0FBTyxLQUFLLElBQUksSUFBSSxNQUFNLFVBQVUsS0FBSyxDQUFDLENBQUMsQ0FBQztBQUM3RSxTQUFPLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxPQUFPLFFBQVEsU0FBUyxPQUFPLE1BQU0sRUFBRSxNQUFNLE1BQU0sS0FBSyxFQUFFLENBQUM7QUFDdkc7QUFHQSxJQUFNLG9CQUFvQjtBQUUxQixTQUFTLE9BQU8sTUFBYyxNQUFjLE1BQWMsTUFBMEQ7QUFDbEgsUUFBTSxRQUFRLG9DQUFvQyxLQUFLLElBQUksSUFBSSxDQUFDLEtBQUs7QUFDckUsTUFBSSx1QkFBdUIsS0FBSyxLQUFLLEtBQUssZ0JBQWdCLEtBQUssSUFBSSxHQUFHO0FBQ3BFLFdBQU8sQ0FBQyx5Q0FBeUMsbUVBQThEO0FBQUEsRUFDakg7QUFFQSxNQUFJLGtCQUFrQixLQUFLLElBQUksS0FBTSxTQUFTLGtCQUFrQixrQkFBa0IsS0FBSyxJQUFJLEdBQUk7QUFDN0YsV0FBTztBQUFBLE1BQ0w7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDQSxNQUFJLGNBQWMsS0FBSyxLQUFLLEVBQUcsUUFBTyxDQUFDLHdCQUF3QixzQkFBc0IsS0FBSyxHQUFHO0FBQzdGLE1BQUksUUFBUSxLQUFLLEtBQUssRUFBRyxRQUFPLENBQUMsc0JBQXNCLE1BQU0sQ0FBQyxDQUFDLElBQUksc0JBQXNCLEtBQUssR0FBRztBQUNqRyxNQUFJLFNBQVMsS0FBSyxLQUFLLEVBQUcsUUFBTyxDQUFDLHNCQUFzQixNQUFNLENBQUMsQ0FBQyxJQUFJLHNCQUFzQixLQUFLLEdBQUc7QUFDbEcsTUFBSSxhQUFhLEtBQUssSUFBSSxLQUFLLE9BQU8sS0FBSyxJQUFJLEdBQUc7QUFDaEQsV0FBTyxDQUFDLHlDQUF5Qyx1REFBdUQ7QUFBQSxFQUMxRztBQUNBLE1BQUksU0FBUyxnQkFBaUIsUUFBTyxDQUFDLHNCQUFzQixxQkFBcUI7QUFDakYsTUFBSSxTQUFTLG1CQUFtQixPQUFPLEtBQUssSUFBSSxFQUFHLFFBQU8sQ0FBQyxpQ0FBaUMsb0JBQW9CO0FBQ2hILE1BQUksU0FBUyxrQkFBa0IsUUFBUSxLQUFLLElBQUksRUFBRyxRQUFPLENBQUMseUJBQXlCLE1BQVM7QUFDN0YsTUFBSSxTQUFTO0FBQ1gsV0FBTyxDQUFDLGdDQUFnQyx5RUFBeUU7QUFDbkgsTUFBSSxTQUFTLDJCQUEyQixTQUFTLDBCQUEwQjtBQUN6RSxXQUFPLENBQUMsb0NBQW9DLHNDQUFzQztBQUFBLEVBQ3BGO0FBQ0EsU0FBTztBQUFBLElBQ0wscUNBQXFDLElBQUk7QUFBQSxJQUN6QyxLQUFLLFNBQVMsR0FBSSxJQUFJLGlDQUFpQztBQUFBLEVBQ3pEO0FBQ0Y7IiwKICAibmFtZXMiOiBbXQp9Cg==
