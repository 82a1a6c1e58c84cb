import {
  nearest
} from "./chunk-PACVB44P.js";

// src/core/documentation/filter-clause.ts
function clauseFault(text, { fields, operators }) {
  const { clauses, open } = clausesIn(text);
  if (open !== void 0) return `opens a quote that is never closed: ${open}`;
  if (operators.length === 0) return void 0;
  for (const clause of clauses) {
    const fault = oneFault(clause, fields, operators);
    if (fault !== void 0) return fault;
  }
  return void 0;
}
function oneFault(clause, fields, operators) {
  const found = splitClause(clause, operators);
  if (!found) {
    const [, word = ""] = /^\S+\s+(\S+)/.exec(clause) ?? [];
    const near = nearest(word, [...operators]);
    return `has no documented operator in "${clause}": ${near === void 0 ? `documented are ${operators.join(", ")}` : `did you mean ${near}?`}`;
  }
  const { field, value } = found;
  if (fields.length > 0 && !fields.includes(field)) {
    const near = nearest(field, [...fields]);
    return `names ${field}, which is not documented: ${near === void 0 ? `documented are ${fields.join(", ")}` : `did you mean ${near}?`}`;
  }
  if (value === "") return `has no value in "${clause}"`;
  if (/\s/.test(value) && !/^(['"]).*\1$/.test(value)) return `has a value with spaces and no quotes: ${value}`;
  return void 0;
}
function splitClause(clause, operators) {
  for (const operator of [...operators].sort((a, b) => b.length - a.length)) {
    const sign = operator.replace(/[^\p{L}\p{N}\s]/gu, "\\$&");
    const between = /^[\p{L}\p{N}_-]+$/u.test(operator) ? `[\\s:]+${sign}(?:[\\s:]+|$)` : `\\s*${sign}\\s*`;
    const found = new RegExp(`^([^\\s'":=<>!~(]+)${between}(.*)$`, "s").exec(clause);
    if (found) return { field: found[1], value: found[2].trim() };
    const call = new RegExp(`^${sign}\\(\\s*([^,)\\s]+)\\s*,\\s*(.*)\\)$`, "s").exec(clause);
    if (call) return { field: call[1], value: call[2].trim() };
  }
  return void 0;
}
function clausesIn(text) {
  const clauses = [];
  let current = "";
  let inCall = 0;
  const end = () => {
    if (current.trim() !== "") clauses.push(current.trim());
    current = "";
  };
  for (let at = 0; at < text.length; at += 1) {
    const char = text[at];
    if (char === "'" || char === '"') {
      const close = closingQuote(text, at);
      if (close === -1) return { clauses, open: text.slice(at) };
      current += text.slice(at, close + 1);
      at = close;
      continue;
    }
    const joined = /^(?:and|or|not)(?=[\s(]|$)/i.exec(text.slice(at, at + 4));
    if (joined && inCall === 0 && /(?:^|[\s)])$/.test(current === "" ? "" : current.at(-1) ?? "")) {
      end();
      at += joined[0].length - 1;
    } else if (char === "(" && /\w$/.test(current)) {
      inCall += 1;
      current += char;
    } else if (char === ")" && inCall > 0) {
      inCall -= 1;
      current += char;
    } else if (char === "," && inCall === 0 || char === ";" || char === "(" || char === ")") end();
    else current += char;
  }
  end();
  return { clauses };
}
function closingQuote(text, open) {
  const quote = text[open];
  for (let at = open + 1; at < text.length; at += 1) {
    if (text[at] === "\\") at += 1;
    else if (text[at] === quote) {
      if (text[at + 1] !== quote) return at;
      at += 1;
    }
  }
  return -1;
}
function operatorsSaid(description) {
  const [, list = ""] = /\boperators?\b[^:.]{0,30}:\s*([^.\n]+)/i.exec(description ?? "") ?? [];
  return list.split(/,|\band\b|\bor\b|\s\|\s/).map((one) => one.trim().replace(/^[`'"]|[`'"]$/g, "")).filter((one) => one !== "" && !/\s/.test(one));
}

export {
  clauseFault,
  operatorsSaid
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9maWx0ZXItY2xhdXNlLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKipcbiAqIEZpbHRlciBjbGF1c2VzIHN1Y2ggYXMgYGZsYWcgaXMgJ01lcnJvdyBJc2xlcycgYW5kIGxlbmd0aE0gYWJvdmUgODBgOiBxdW90ZXMgdGhhdCBhcmUgbmV2ZXIgY2xvc2VkLCB2YWx1ZXMgd2l0aFxuICogc3BhY2VzIGFuZCBubyBxdW90ZXMsIG9wZXJhdG9ycyBhbmQgZmllbGRzIHRoYXQgdGhlIHZlbmRvciBkb2VzIG5vdCBkb2N1bWVudC4gV2hhdCBqb2lucyBjbGF1c2VzLCBhbmQgd2hhdCBzdGFuZHMgaW5cbiAqIGJyYWNrZXRzLCBkaWZmZXJzIGZyb20gdmVuZG9yIHRvIHZlbmRvcjogb25seSBgYW5kYCwgYG9yYCwgYG5vdGAsIGNvbW1hcywgc2VtaWNvbG9ucyBhbmQgYnJhY2tldHMgYXJlIHRha2VuIGZvciBpdC5cbiAqL1xuaW1wb3J0IHsgbmVhcmVzdCB9IGZyb20gJy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgdHlwZSB7IENsYXVzZVRlcm1zIH0gZnJvbSAnLi9tb2RlbC5qcyc7XG5cbi8qKiBXaGF0IGlzIHdyb25nIHdpdGggYSBmaWx0ZXIsIGluIHdvcmRzIGJlaGluZCBpdHMgbmFtZTsgdW5kZWZpbmVkIHdoZXJlIG5vdGhpbmcgaXMga25vd24gdG8gYmUuICovXG5leHBvcnQgZnVuY3Rpb24gY2xhdXNlRmF1bHQodGV4dDogc3RyaW5nLCB7IGZpZWxkcywgb3BlcmF0b3JzIH06IENsYXVzZVRlcm1zKTogc3RyaW5nIHwgdW5kZWZpbmVkIHtcbiAgY29uc3QgeyBjbGF1c2VzLCBvcGVuIH0gPSBjbGF1c2VzSW4odGV4dCk7XG4gIGlmIChvcGVuICE9PSB1bmRlZmluZWQpIHJldHVybiBgb3BlbnMgYSBxdW90ZSB0aGF0IGlzIG5ldmVyIGNsb3NlZDogJHtvcGVufWA7XG4gIGlmIChvcGVyYXRvcnMubGVuZ3RoID09PSAwKSByZXR1cm4gdW5kZWZpbmVkO1xuICBmb3IgKGNvbnN0IGNsYXVzZSBvZiBjbGF1c2VzKSB7XG4gICAgY29uc3QgZmF1bHQgPSBvbmVGYXVsdChjbGF1c2UsIGZpZWxkcywgb3BlcmF0b3JzKTtcbiAgICBpZiAoZmF1bHQgIT09IHVuZGVmaW5lZCkgcmV0dXJuIGZhdWx0O1xuICB9XG4gIHJldHVybiB1bmRlZmluZWQ7XG59XG5cbmZ1bmN0aW9uIG9uZUZhdWx0KGNsYXVzZTogc3RyaW5nLCBmaWVsZHM6IHJlYWRvbmx5IHN0cmluZ1tdLCBvcGVyYXRvcnM6IHJlYWRvbmx5IHN0cmluZ1tdKTogc3RyaW5nIHwgdW5kZWZpbmVkIHtcbiAgY29uc3QgZm91bmQgPSBzcGxpdENsYXVzZShjbGF1c2UsIG9wZXJhdG9ycyk7XG4gIGlmICghZm91bmQpIHtcbiAgICBjb25zdCBbLCB3b3JkID0gJyddID0gL15cXFMrXFxzKyhcXFMrKS8uZXhlYyhjbGF1c2UpID8/IFtdO1xuICAgIGNvbnN0IG5lYXIgPSBuZWFyZXN0KHdvcmQsIFsuLi5vcGVyYXRvcnNdKTtcbiAgICByZXR1cm4gYGhhcyBubyBkb2N1bWVudGVkIG9wZXJhdG9yIGluIFwiJHtjbGF1c2V9XCI6ICR7bmVhciA9PT0gdW5kZWZpbmVkID8gYGRvY3VtZW50ZWQgYXJlICR7b3BlcmF0b3JzLmpvaW4oJywgJyl9YCA6IGBkaWQgeW91IG1lYW4gJHtuZWFyfT9gfWA7XG4gIH1cbiAgY29uc3QgeyBmaWVsZCwgdmFsdWUgfSA9IGZvdW5kO1xuICBpZiAoZmllbGRzLmxlbmd0aCA+IDAgJiYgIWZpZWxkcy5pbmNsdWRlcyhmaWVsZCkpIHtcbiAgICBjb25zdCBuZWFyID0gbmVhcmVzdChmaWVsZCwgWy4uLmZpZWxkc10pO1xuICAgIHJldHVybiBgbmFtZXMgJHtmaWVsZH0sIHdoaWNoIGlzIG5vdCBkb2N1bWVudGVkOiAke25lYXIgPT09IHVuZGVmaW5lZCA/IGBkb2N1bWVudGVkIGFyZSAke2ZpZWxkcy5qb2luKCcsICcpfWAgOiBgZGlkIHlvdSBtZWFuICR7bmVhcn0/YH1gO1xuICB9XG4gIGlmICh2YWx1ZSA9PT0gJycpIHJldHVybiBgaGFzIG5vIHZhbHVlIGluIFwiJHtjbGF1c2V9XCJgO1xuICBpZiAoL1xccy8udGVzdCh2YWx1ZSkgJiYgIS9eKFsnXCJdKS4qXFwxJC8udGVzdCh2YWx1ZSkpIHJldHVybiBgaGFzIGEgdmFsdWUgd2l0aCBzcGFjZXMgYW5kIG5vIHF1b3RlczogJHt2YWx1ZX1gO1xuICByZXR1cm4gdW5kZWZpbmVkO1xufVxuXG4vKiogRmllbGQsIG9wZXJhdG9yIGFuZCB2YWx1ZTsgYSB3b3JkIHN0YW5kcyBhcGFydCBmcm9tIGJvdGgsIGEgc2lnbiBtYXkgc3RhbmQgY2xvc2UuICovXG5mdW5jdGlvbiBzcGxpdENsYXVzZShjbGF1c2U6IHN0cmluZywgb3BlcmF0b3JzOiByZWFkb25seSBzdHJpbmdbXSk6IHsgZmllbGQ6IHN0cmluZzsgdmFsdWU6IHN0cmluZyB9IHwgdW5kZWZpbmVkIHtcbiAgLy8gVGhlIGxvbmdlc3QgZmlyc3Q6ID49IGlzIG5vdCA+LlxuICBmb3IgKGNvbnN0IG9wZXJhdG9yIG9mIFsuLi5vcGVyYXRvcnNdLnNvcnQoKGEsIGIpID0+IGIubGVuZ3RoIC0gYS5sZW5ndGgpKSB7XG4gICAgY29uc3Qgc2lnbiA9IG9wZXJhdG9yLnJlcGxhY2UoL1teXFxwe0x9XFxwe059XFxzXS9ndSwgJ1xcXFwkJicpO1xuICAgIGNvbnN0IGJldHdlZW4gPSAvXltcXHB7TH1cXHB7Tn1fLV0rJC91LnRlc3Qob3BlcmF0b3IpID8gYFtcXFxcczpdKyR7c2lnbn0oPzpbXFxcXHM6XSt8JClgIDogYFxcXFxzKiR7c2lnbn1cXFxccypgO1xuICAgIGNvbnN0IGZvdW5kID0gbmV3IFJlZ0V4cChgXihbXlxcXFxzJ1wiOj08PiF+KF0rKSR7YmV0d2Vlbn0oLiopJGAsICdzJykuZXhlYyhjbGF1c2UpO1xuICAgIGlmIChmb3VuZCkgcmV0dXJuIHsgZmllbGQ6IGZvdW5kWzFdIGFzIHN0cmluZywgdmFsdWU6IChmb3VuZFsyXSBhcyBzdHJpbmcpLnRyaW0oKSB9O1xuICAgIC8vIEEgZnVuY3Rpb24gb2YgYSBmaWVsZCBhbmQgYSB2YWx1ZTogaGFzKG5hbWUsICd4JykuXG4gICAgY29uc3QgY2FsbCA9IG5ldyBSZWdFeHAoYF4ke3NpZ259XFxcXChcXFxccyooW14sKVxcXFxzXSspXFxcXHMqLFxcXFxzKiguKilcXFxcKSRgLCAncycpLmV4ZWMoY2xhdXNlKTtcbiAgICBpZiAoY2FsbCkgcmV0dXJuIHsgZmllbGQ6IGNhbGxbMV0gYXMgc3RyaW5nLCB2YWx1ZTogKGNhbGxbMl0gYXMgc3RyaW5nKS50cmltKCkgfTtcbiAgfVxuICByZXR1cm4gdW5kZWZpbmVkO1xufVxuXG4vKiogVGhlIGNsYXVzZXMgb2YgYSBmaWx0ZXIsIGFuZCB0aGUgcmVzdCBvZiBpdCBmcm9tIGEgcXVvdGUgdGhhdCBpcyBuZXZlciBjbG9zZWQuIEEgZG91YmxlZCBxdW90ZSBpcyBvbmUgaW4gdGhlIHRleHQuICovXG5mdW5jdGlvbiBjbGF1c2VzSW4odGV4dDogc3RyaW5nKTogeyByZWFkb25seSBjbGF1c2VzOiByZWFkb25seSBzdHJpbmdbXTsgcmVhZG9ubHkgb3Blbj86IHN0cmluZyB9IHtcbiAgY29uc3QgY2xhdXNlczogc3RyaW5nW10gPSBbXTtcbiAgbGV0IGN1cnJlbnQgPSAnJztcbiAgbGV0IGluQ2FsbCA9IDA7XG4gIGNvbnN0IGVuZCA9ICgpOiB2b2lkID0+IHtcbiAgICBpZiAoY3VycmVudC50cmltKCkgIT09ICcnKSBjbGF1c2VzLnB1c2goY3VycmVudC50cmltKCkpO1xuICAgIGN1cnJlbnQgPSAnJztcbiAgfTtcbiAgZm9yIChsZXQgYXQgPSAwOyBhdCA8IHRleHQubGVuZ3RoOyBhdCArPSAxKSB7XG4gICAgY29uc3QgY2hhciA9IHRleHRbYXRdIGFzIHN0cmluZztcbiAgICBpZiAoY2hhciA9PT0gXCInXCIgfHwgY2hhciA9PT0gJ1wiJykge1xuICAgICAgY29uc3QgY2xvc2UgPSBjbG9zaW5nUXVvdGUodGV4dCwgYXQpO1xuICAgICAgaWYgKGNsb3NlID09PSAtMSkgcmV0dXJuIHsgY2xhdXNlcywgb3BlbjogdGV4dC5zbGljZShhdCkgfTtcbiAgICAgIGN1cnJlbnQgKz0gdGV4dC5zbGljZShhdCwgY2xvc2UgKyAxKTtcbiAgICAgIGF0ID0gY2xvc2U7XG4gICAgICBjb250aW51ZTtcbiAgICB9XG4gICAgY29uc3Qgam9pbmVkID0gL14oPzphbmR8b3J8bm90KSg/PVtcXHMoXXwkKS9pLmV4ZWModGV4dC5zbGljZShhdCwgYXQgKyA0KSk7XG4gICAgaWYgKGpvaW5lZCAmJiBpbkNhbGwgPT09IDAgJiYgLyg/Ol58W1xccyldKSQvLnRlc3QoY3VycmVudCA9PT0gJycgPyAnJyA6IChjdXJyZW50LmF0KC0xKSA/PyAnJykpKSB7XG4gICAgICBlbmQoKTtcbiAgICAgIGF0ICs9IGpvaW5lZFswXS5sZW5ndGggLSAxO1xuICAgIH0gZWxzZSBpZiAoY2hhciA9PT0gJygnICYmIC9cXHckLy50ZXN0KGN1cnJlbnQpKSB7XG4gICAgICBpbkNhbGwgKz0gMTtcbiAgICAgIGN1cnJlbnQgKz0gY2hhcjtcbiAgICB9IGVsc2UgaWYgKGNoYXIgPT09ICcpJyAmJiBpbkNhbGwgPiAwKSB7XG4gICAgICBpbkNhbGwgLT0gMTtcbiAgICAgIGN1cnJlbnQgKz0gY2hhcjtcbiAgICB9IGVsc2UgaWYgKChjaGFyID09PSAnLCcgJiYgaW5DYWxsID09PSAwKSB8fCBjaGFyID09PSAnOycgfHwgY2hhciA9PT0gJygnIHx8IGNoYXIgPT09ICcpJykgZW5kKCk7XG4gICAgZWxzZSBjdXJyZW50ICs9IGNoYXI7XG4gIH1cbiAgZW5kKCk7XG4gIHJldHVybiB7IGNsYXVzZXMgfTtcbn1cblxuZnVuY3Rpb24gY2xvc2luZ1F1b3RlKHRleHQ6IHN0cmluZywgb3BlbjogbnVtYmVyKTogbnVtYmVyIHtcbiAgY29uc3QgcXVvdGUgPSB0ZXh0W29wZW5dIGFzIHN0cmluZztcbiAgZm9yIChsZXQgYXQgPSBvcGVuICsgMTsgYXQgPCB0ZXh0Lmxlbmd0aDsgYXQgKz0gMSkge1xuICAgIGlmICh0ZXh0W2F0XSA9PT0gJ1xcXFwnKSBhdCArPSAxO1xuICAgIGVsc2UgaWYgKHRleHRbYXRdID09PSBxdW90ZSkge1xuICAgICAgaWYgKHRleHRbYXQgKyAxXSAhPT0gcXVvdGUpIHJldHVybiBhdDtcbiAgICAgIGF0ICs9IDE7XG4gICAgfVxuICB9XG4gIHJldHVybiAtMTtcbn1cblxuLyoqIE9wZXJhdG9ycyB0aGF0IGEgZGVzY3JpcHRpb24gbGlzdHM6IGBPcGVyYXRvcnM6IGlzLCBpc250LCBhYm92ZWAuICovXG5leHBvcnQgZnVuY3Rpb24gb3BlcmF0b3JzU2FpZChkZXNjcmlwdGlvbjogc3RyaW5nIHwgdW5kZWZpbmVkKTogcmVhZG9ubHkgc3RyaW5nW10ge1xuICBjb25zdCBbLCBsaXN0ID0gJyddID0gL1xcYm9wZXJhdG9ycz9cXGJbXjouXXswLDMwfTpcXHMqKFteLlxcbl0rKS9pLmV4ZWMoZGVzY3JpcHRpb24gPz8gJycpID8/IFtdO1xuICByZXR1cm4gbGlzdFxuICAgIC5zcGxpdCgvLHxcXGJhbmRcXGJ8XFxib3JcXGJ8XFxzXFx8XFxzLylcbiAgICAubWFwKChvbmUpID0+IG9uZS50cmltKCkucmVwbGFjZSgvXltgJ1wiXXxbYCdcIl0kL2csICcnKSlcbiAgICAuZmlsdGVyKChvbmUpID0+IG9uZSAhPT0gJycgJiYgIS9cXHMvLnRlc3Qob25lKSk7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7OztBQVNPLFNBQVMsWUFBWSxNQUFjLEVBQUUsUUFBUSxVQUFVLEdBQW9DO0FBQ2hHLFFBQU0sRUFBRSxTQUFTLEtBQUssSUFBSSxVQUFVLElBQUk7QUFDeEMsTUFBSSxTQUFTLE9BQVcsUUFBTyx1Q0FBdUMsSUFBSTtBQUMxRSxNQUFJLFVBQVUsV0FBVyxFQUFHLFFBQU87QUFDbkMsYUFBVyxVQUFVLFNBQVM7QUFDNUIsVUFBTSxRQUFRLFNBQVMsUUFBUSxRQUFRLFNBQVM7QUFDaEQsUUFBSSxVQUFVLE9BQVcsUUFBTztBQUFBLEVBQ2xDO0FBQ0EsU0FBTztBQUNUO0FBRUEsU0FBUyxTQUFTLFFBQWdCLFFBQTJCLFdBQWtEO0FBQzdHLFFBQU0sUUFBUSxZQUFZLFFBQVEsU0FBUztBQUMzQyxNQUFJLENBQUMsT0FBTztBQUNWLFVBQU0sQ0FBQyxFQUFFLE9BQU8sRUFBRSxJQUFJLGVBQWUsS0FBSyxNQUFNLEtBQUssQ0FBQztBQUN0RCxVQUFNLE9BQU8sUUFBUSxNQUFNLENBQUMsR0FBRyxTQUFTLENBQUM7QUFDekMsV0FBTyxrQ0FBa0MsTUFBTSxNQUFNLFNBQVMsU0FBWSxrQkFBa0IsVUFBVSxLQUFLLElBQUksQ0FBQyxLQUFLLGdCQUFnQixJQUFJLEdBQUc7QUFBQSxFQUM5STtBQUNBLFFBQU0sRUFBRSxPQUFPLE1BQU0sSUFBSTtBQUN6QixNQUFJLE9BQU8sU0FBUyxLQUFLLENBQUMsT0FBTyxTQUFTLEtBQUssR0FBRztBQUNoRCxVQUFNLE9BQU8sUUFBUSxPQUFPLENBQUMsR0FBRyxNQUFNLENBQUM7QUFDdkMsV0FBTyxTQUFTLEtBQUssOEJBQThCLFNBQVMsU0FBWSxrQkFBa0IsT0FBTyxLQUFLLElBQUksQ0FBQyxLQUFLLGdCQUFnQixJQUFJLEdBQUc7QUFBQSxFQUN6STtBQUNBLE1BQUksVUFBVSxHQUFJLFFBQU8sb0JBQW9CLE1BQU07QUFDbkQsTUFBSSxLQUFLLEtBQUssS0FBSyxLQUFLLENBQUMsZUFBZSxLQUFLLEtBQUssRUFBRyxRQUFPLDBDQUEwQyxLQUFLO0FBQzNHLFNBQU87QUFDVDtBQUdBLFNBQVMsWUFBWSxRQUFnQixXQUE0RTtBQUUvRyxhQUFXLFlBQVksQ0FBQyxHQUFHLFNBQVMsRUFBRSxLQUFLLENBQUMsR0FBRyxNQUFNLEVBQUUsU0FBUyxFQUFFLE1BQU0sR0FBRztBQUN6RSxVQUFNLE9BQU8sU0FBUyxRQUFRLHFCQUFxQixNQUFNO0FBQ3pELFVBQU0sVUFBVSxxQkFBcUIsS0FBSyxRQUFRLElBQUksVUFBVSxJQUFJLGtCQUFrQixPQUFPLElBQUk7QUFDakcsVUFBTSxRQUFRLElBQUksT0FBTyxzQkFBc0IsT0FBTyxTQUFTLEdBQUcsRUFBRSxLQUFLLE1BQU07QUFDL0UsUUFBSSxNQUFPLFFBQU8sRUFBRSxPQUFPLE1BQU0sQ0FBQyxHQUFhLE9BQVEsTUFBTSxDQUFDLEVBQWEsS0FBSyxFQUFFO0FBRWxGLFVBQU0sT0FBTyxJQUFJLE9BQU8sSUFBSSxJQUFJLHVDQUF1QyxHQUFHLEVBQUUsS0FBSyxNQUFNO0FBQ3ZGLFFBQUksS0FBTSxRQUFPLEVBQUUsT0FBTyxLQUFLLENBQUMsR0FBYSxPQUFRLEtBQUssQ0FBQyxFQUFhLEtBQUssRUFBRTtBQUFBLEVBQ2pGO0FBQ0EsU0FBTztBQUNUO0FBR0EsU0FBUyxVQUFVLE1BQStFO0FBQ2hHLFFBQU0sVUFBb0IsQ0FBQztBQUMzQixNQUFJLFVBQVU7QUFDZCxNQUFJLFNBQVM7QUFDYixRQUFNLE1BQU0sTUFBWTtBQUN0QixRQUFJLFFBQVEsS0FBSyxNQUFNLEdBQUksU0FBUSxLQUFLLFFBQVEsS0FBSyxDQUFDO0FBQ3RELGNBQVU7QUFBQSxFQUNaO0FBQ0EsV0FBUyxLQUFLLEdBQUcsS0FBSyxLQUFLLFFBQVEsTUFBTSxHQUFHO0FBQzFDLFVBQU0sT0FBTyxLQUFLLEVBQUU7QUFDcEIsUUFBSSxTQUFTLE9BQU8sU0FBUyxLQUFLO0FBQ2hDLFlBQU0sUUFBUSxhQUFhLE1BQU0sRUFBRTtBQUNuQyxVQUFJLFVBQVUsR0FBSSxRQUFPLEVBQUUsU0FBUyxNQUFNLEtBQUssTUFBTSxFQUFFLEVBQUU7QUFDekQsaUJBQVcsS0FBSyxNQUFNLElBQUksUUFBUSxDQUFDO0FBQ25DLFdBQUs7QUFDTDtBQUFBLElBQ0Y7QUFDQSxVQUFNLFNBQVMsOEJBQThCLEtBQUssS0FBSyxNQUFNLElBQUksS0FBSyxDQUFDLENBQUM7QUFDeEUsUUFBSSxVQUFVLFdBQVcsS0FBSyxlQUFlLEtBQUssWUFBWSxLQUFLLEtBQU0sUUFBUSxHQUFHLEVBQUUsS0FBSyxFQUFHLEdBQUc7QUFDL0YsVUFBSTtBQUNKLFlBQU0sT0FBTyxDQUFDLEVBQUUsU0FBUztBQUFBLElBQzNCLFdBQVcsU0FBUyxPQUFPLE1BQU0sS0FBSyxPQUFPLEdBQUc7QUFDOUMsZ0JBQVU7QUFDVixpQkFBVztBQUFBLElBQ2IsV0FBVyxTQUFTLE9BQU8sU0FBUyxHQUFHO0FBQ3JDLGdCQUFVO0FBQ1YsaUJBQVc7QUFBQSxJQUNiLFdBQVksU0FBUyxPQUFPLFdBQVcsS0FBTSxTQUFTLE9BQU8sU0FBUyxPQUFPLFNBQVMsSUFBSyxLQUFJO0FBQUEsUUFDMUYsWUFBVztBQUFBLEVBQ2xCO0FBQ0EsTUFBSTtBQUNKLFNBQU8sRUFBRSxRQUFRO0FBQ25CO0FBRUEsU0FBUyxhQUFhLE1BQWMsTUFBc0I7QUFDeEQsUUFBTSxRQUFRLEtBQUssSUFBSTtBQUN2QixXQUFTLEtBQUssT0FBTyxHQUFHLEtBQUssS0FBSyxRQUFRLE1BQU0sR0FBRztBQUNqRCxRQUFJLEtBQUssRUFBRSxNQUFNLEtBQU0sT0FBTTtBQUFBLGFBQ3BCLEtBQUssRUFBRSxNQUFNLE9BQU87QUFDM0IsVUFBSSxLQUFLLEtBQUssQ0FBQyxNQUFNLE1BQU8sUUFBTztBQUNuQyxZQUFNO0FBQUEsSUFDUjtBQUFBLEVBQ0Y7QUFDQSxTQUFPO0FBQ1Q7QUFHTyxTQUFTLGNBQWMsYUFBb0Q7QUFDaEYsUUFBTSxDQUFDLEVBQUUsT0FBTyxFQUFFLElBQUksMENBQTBDLEtBQUssZUFBZSxFQUFFLEtBQUssQ0FBQztBQUM1RixTQUFPLEtBQ0osTUFBTSx5QkFBeUIsRUFDL0IsSUFBSSxDQUFDLFFBQVEsSUFBSSxLQUFLLEVBQUUsUUFBUSxrQkFBa0IsRUFBRSxDQUFDLEVBQ3JELE9BQU8sQ0FBQyxRQUFRLFFBQVEsTUFBTSxDQUFDLEtBQUssS0FBSyxHQUFHLENBQUM7QUFDbEQ7IiwKICAibmFtZXMiOiBbXQp9Cg==
