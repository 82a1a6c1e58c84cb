// src/core/documentation/page/messages.ts
var methods = "GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS";
function rawRequest(text) {
  const found = new RegExp(`^(${methods})\\s+(\\S+)\\s+HTTP/[\\d.]+[^\\n]*\\n?([\\s\\S]*)$`).exec(text.trim());
  if (!found) return void 0;
  const [, method = "", address = "", rest = ""] = found;
  return { method, address, ...messageParts(rest) };
}
function rawAnswer(text) {
  const found = /^HTTP\/[\d.]+\s+(\d{3})[^\n]*\n?([\s\S]*)$/.exec(text.trim());
  if (!found) return void 0;
  const { headers, body } = messageParts(found[2] ?? "");
  return {
    status: Number(found[1]),
    type: headers.get("content-type")?.split(";")[0]?.trim() ?? typeOfBody(body) ?? "text/plain",
    body
  };
}
function messageParts(text) {
  const [head = "", ...rest] = text.split(/\r?\n\r?\n/);
  const headers = new Map(
    head.split(/\r?\n/).flatMap((line) => {
      const pair = /^([\w-]+):\s*(.*)$/.exec(line.trim());
      return pair ? [[(pair[1] ?? "").toLowerCase(), pair[2] ?? ""]] : [];
    })
  );
  return { headers, body: rest.join("\n\n").trim() };
}
function commandLine(text) {
  const words = shellWords(text.replace(/^\s*[$>#]\s+/, "").replace(/\\\r?\n/g, " "));
  const address = words.find((word) => /^https?:\/\//i.test(word));
  if (address === void 0 || words.length < 2 || words[0] === address || !/^[\w./-]+$/.test(words[0] ?? ""))
    return void 0;
  const headers = /* @__PURE__ */ new Map();
  let method;
  let body = "";
  for (const [index, word] of words.entries()) {
    const value = words[index + 1] ?? "";
    if (word === "-X" || word === "--request" || word === "--method") method = value.toUpperCase();
    else if (word === "-H" || word === "--header") {
      const pair = /^([\w-]+):\s*(.*)$/.exec(value);
      if (pair) headers.set((pair[1] ?? "").toLowerCase(), pair[2] ?? "");
    } else if (/^(?:-d|--data(?:-\w+)?|--body)$/.test(word)) body = value;
  }
  const used = method ?? words.find((word) => new RegExp(`^(?:${methods})$`).test(word)) ?? (body === "" ? "GET" : "POST");
  return { method: used, address, headers, body };
}
function shellWords(text) {
  const words = [];
  for (const [, single, double, bare] of text.matchAll(/'([^']*)'|"((?:[^"\\]|\\.)*)"|((?:[^\s'"\\]|\\.)+)/g))
    words.push(single ?? double?.replace(/\\(["\\$`])/g, "$1") ?? (bare ?? "").replace(/\\(.)/g, "$1"));
  return words;
}
function jsonIn(text) {
  if (!/^\s*[{[]/.test(text)) return void 0;
  try {
    return { value: JSON.parse(text) };
  } catch {
    return void 0;
  }
}
function typeOfBody(text) {
  if (jsonIn(text)) return "application/json";
  return /^\s*<[?\w]/.test(text) ? "application/xml" : void 0;
}

export {
  rawRequest,
  rawAnswer,
  commandLine,
  jsonIn,
  typeOfBody
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9wYWdlL21lc3NhZ2VzLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogRXhhbXBsZXMgb24gYSBwYWdlOiByYXcgSFRUUCBtZXNzYWdlcywgY29tbWFuZCBsaW5lcywgSlNPTiBhbmQgWE1MLiAqL1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIEV4YW1wbGVSZXF1ZXN0IHtcbiAgcmVhZG9ubHkgbWV0aG9kOiBzdHJpbmc7XG4gIC8qKiBXaXRoIGl0cyBxdWVyeTsgYWJzb2x1dGUgb3IgZnJvbSB0aGUgcm9vdC4gKi9cbiAgcmVhZG9ubHkgYWRkcmVzczogc3RyaW5nO1xuICByZWFkb25seSBoZWFkZXJzOiBSZWFkb25seU1hcDxzdHJpbmcsIHN0cmluZz47XG4gIHJlYWRvbmx5IGJvZHk6IHN0cmluZztcbn1cblxuZXhwb3J0IGludGVyZmFjZSBFeGFtcGxlQW5zd2VyIHtcbiAgcmVhZG9ubHkgc3RhdHVzOiBudW1iZXI7XG4gIHJlYWRvbmx5IHR5cGU6IHN0cmluZztcbiAgcmVhZG9ubHkgYm9keTogc3RyaW5nO1xufVxuXG5jb25zdCBtZXRob2RzID0gJ0dFVHxQT1NUfFBVVHxQQVRDSHxERUxFVEV8SEVBRHxPUFRJT05TJztcblxuLyoqIFJGQyA5MTEyOiBgUE9TVCAvY2FsbHMgSFRUUC8xLjFgLCBoZWFkZXIgbGluZXMsIGEgYmxhbmsgbGluZSwgdGhlIGJvZHkuICovXG5leHBvcnQgZnVuY3Rpb24gcmF3UmVxdWVzdCh0ZXh0OiBzdHJpbmcpOiBFeGFtcGxlUmVxdWVzdCB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IGZvdW5kID0gbmV3IFJlZ0V4cChgXigke21ldGhvZHN9KVxcXFxzKyhcXFxcUyspXFxcXHMrSFRUUC9bXFxcXGQuXStbXlxcXFxuXSpcXFxcbj8oW1xcXFxzXFxcXFNdKikkYCkuZXhlYyh0ZXh0LnRyaW0oKSk7XG4gIGlmICghZm91bmQpIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IFssIG1ldGhvZCA9ICcnLCBhZGRyZXNzID0gJycsIHJlc3QgPSAnJ10gPSBmb3VuZDtcbiAgcmV0dXJuIHsgbWV0aG9kLCBhZGRyZXNzLCAuLi5tZXNzYWdlUGFydHMocmVzdCkgfTtcbn1cblxuLyoqIGBIVFRQLzEuMSAyMDAgT0tgLCBoZWFkZXIgbGluZXMsIGEgYmxhbmsgbGluZSwgdGhlIGJvZHkuICovXG5leHBvcnQgZnVuY3Rpb24gcmF3QW5zd2VyKHRleHQ6IHN0cmluZyk6IEV4YW1wbGVBbnN3ZXIgfCB1bmRlZmluZWQge1xuICBjb25zdCBmb3VuZCA9IC9eSFRUUFxcL1tcXGQuXStcXHMrKFxcZHszfSlbXlxcbl0qXFxuPyhbXFxzXFxTXSopJC8uZXhlYyh0ZXh0LnRyaW0oKSk7XG4gIGlmICghZm91bmQpIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IHsgaGVhZGVycywgYm9keSB9ID0gbWVzc2FnZVBhcnRzKGZvdW5kWzJdID8/ICcnKTtcbiAgcmV0dXJuIHtcbiAgICBzdGF0dXM6IE51bWJlcihmb3VuZFsxXSksXG4gICAgdHlwZTogaGVhZGVycy5nZXQoJ2NvbnRlbnQtdHlwZScpPy5zcGxpdCgnOycpWzBdPy50cmltKCkgPz8gdHlwZU9mQm9keShib2R5KSA/PyAndGV4dC9wbGFpbicsXG4gICAgYm9keSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gbWVzc2FnZVBhcnRzKHRleHQ6IHN0cmluZyk6IFBpY2s8RXhhbXBsZVJlcXVlc3QsICdoZWFkZXJzJyB8ICdib2R5Jz4ge1xuICBjb25zdCBbaGVhZCA9ICcnLCAuLi5yZXN0XSA9IHRleHQuc3BsaXQoL1xccj9cXG5cXHI/XFxuLyk7XG4gIGNvbnN0IGhlYWRlcnMgPSBuZXcgTWFwKFxuICAgIGhlYWQuc3BsaXQoL1xccj9cXG4vKS5mbGF0TWFwKChsaW5lKSA9PiB7XG4gICAgICBjb25zdCBwYWlyID0gL14oW1xcdy1dKyk6XFxzKiguKikkLy5leGVjKGxpbmUudHJpbSgpKTtcbiAgICAgIHJldHVybiBwYWlyID8gW1socGFpclsxXSA/PyAnJykudG9Mb3dlckNhc2UoKSwgcGFpclsyXSA/PyAnJ10gYXMgY29uc3RdIDogW107XG4gICAgfSksXG4gICk7XG4gIHJldHVybiB7IGhlYWRlcnMsIGJvZHk6IHJlc3Quam9pbignXFxuXFxuJykudHJpbSgpIH07XG59XG5cbi8qKiBBIGNvbW1hbmQgb2YgYSBzaGVsbCB0aGF0IG5hbWVzIGFuIGFkZHJlc3MsIHdpdGggdGhlIG9wdGlvbnMgdGhhdCBzdWNoIGNvbW1hbmRzIHNoYXJlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvbW1hbmRMaW5lKHRleHQ6IHN0cmluZyk6IEV4YW1wbGVSZXF1ZXN0IHwgdW5kZWZpbmVkIHtcbiAgY29uc3Qgd29yZHMgPSBzaGVsbFdvcmRzKHRleHQucmVwbGFjZSgvXlxccypbJD4jXVxccysvLCAnJykucmVwbGFjZSgvXFxcXFxccj9cXG4vZywgJyAnKSk7XG4gIGNvbnN0IGFkZHJlc3MgPSB3b3Jkcy5maW5kKCh3b3JkKSA9PiAvXmh0dHBzPzpcXC9cXC8vaS50ZXN0KHdvcmQpKTtcbiAgaWYgKGFkZHJlc3MgPT09IHVuZGVmaW5lZCB8fCB3b3Jkcy5sZW5ndGggPCAyIHx8IHdvcmRzWzBdID09PSBhZGRyZXNzIHx8ICEvXltcXHcuLy1dKyQvLnRlc3Qod29yZHNbMF0gPz8gJycpKVxuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IGhlYWRlcnMgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuICBsZXQgbWV0aG9kOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIGxldCBib2R5ID0gJyc7XG4gIGZvciAoY29uc3QgW2luZGV4LCB3b3JkXSBvZiB3b3Jkcy5lbnRyaWVzKCkpIHtcbiAgICBjb25zdCB2YWx1ZSA9IHdvcmRzW2luZGV4ICsgMV0gPz8gJyc7XG4gICAgaWYgKHdvcmQgPT09ICctWCcgfHwgd29yZCA9PT0gJy0tcmVxdWVzdCcgfHwgd29yZCA9PT0gJy0tbWV0aG9kJykgbWV0aG9kID0gdmFsdWUudG9VcHBlckNhc2UoKTtcbiAgICBlbHNlIGlmICh3b3JkID09PSAnLUgnIHx8IHdvcmQgPT09ICctLWhlYWRlcicpIHtcbiAgICAgIGNvbnN0IHBhaXIgPSAvXihbXFx3LV0rKTpcXHMqKC4qKSQvLmV4ZWModmFsdWUpO1xuICAgICAgaWYgKHBhaXIpIGhlYWRlcnMuc2V0KChwYWlyWzFdID8/ICcnKS50b0xvd2VyQ2FzZSgpLCBwYWlyWzJdID8/ICcnKTtcbiAgICB9IGVsc2UgaWYgKC9eKD86LWR8LS1kYXRhKD86LVxcdyspP3wtLWJvZHkpJC8udGVzdCh3b3JkKSkgYm9keSA9IHZhbHVlO1xuICB9XG4gIGNvbnN0IHVzZWQgPVxuICAgIG1ldGhvZCA/PyB3b3Jkcy5maW5kKCh3b3JkKSA9PiBuZXcgUmVnRXhwKGBeKD86JHttZXRob2RzfSkkYCkudGVzdCh3b3JkKSkgPz8gKGJvZHkgPT09ICcnID8gJ0dFVCcgOiAnUE9TVCcpO1xuICByZXR1cm4geyBtZXRob2Q6IHVzZWQsIGFkZHJlc3MsIGhlYWRlcnMsIGJvZHkgfTtcbn1cblxuLyoqIFdvcmRzIGFzIGEgUE9TSVggc2hlbGwgc3BsaXRzIHRoZW0sIHdpdGhvdXQgZXhwYW5zaW9uLiAqL1xuZnVuY3Rpb24gc2hlbGxXb3Jkcyh0ZXh0OiBzdHJpbmcpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHdvcmRzOiBzdHJpbmdbXSA9IFtdO1xuICBmb3IgKGNvbnN0IFssIHNpbmdsZSwgZG91YmxlLCBiYXJlXSBvZiB0ZXh0Lm1hdGNoQWxsKC8nKFteJ10qKSd8XCIoKD86W15cIlxcXFxdfFxcXFwuKSopXCJ8KCg/OlteXFxzJ1wiXFxcXF18XFxcXC4pKykvZykpXG4gICAgd29yZHMucHVzaChzaW5nbGUgPz8gZG91YmxlPy5yZXBsYWNlKC9cXFxcKFtcIlxcXFwkYF0pL2csICckMScpID8/IChiYXJlID8/ICcnKS5yZXBsYWNlKC9cXFxcKC4pL2csICckMScpKTtcbiAgcmV0dXJuIHdvcmRzO1xufVxuXG5leHBvcnQgZnVuY3Rpb24ganNvbkluKHRleHQ6IHN0cmluZyk6IHsgcmVhZG9ubHkgdmFsdWU6IFZhbHVlIH0gfCB1bmRlZmluZWQge1xuICBpZiAoIS9eXFxzKlt7W10vLnRlc3QodGV4dCkpIHJldHVybiB1bmRlZmluZWQ7XG4gIHRyeSB7XG4gICAgcmV0dXJuIHsgdmFsdWU6IEpTT04ucGFyc2UodGV4dCkgYXMgVmFsdWUgfTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgfVxufVxuXG5leHBvcnQgZnVuY3Rpb24gdHlwZU9mQm9keSh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICBpZiAoanNvbkluKHRleHQpKSByZXR1cm4gJ2FwcGxpY2F0aW9uL2pzb24nO1xuICByZXR1cm4gL15cXHMqPFs/XFx3XS8udGVzdCh0ZXh0KSA/ICdhcHBsaWNhdGlvbi94bWwnIDogdW5kZWZpbmVkO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjtBQWlCQSxJQUFNLFVBQVU7QUFHVCxTQUFTLFdBQVcsTUFBMEM7QUFDbkUsUUFBTSxRQUFRLElBQUksT0FBTyxLQUFLLE9BQU8sb0RBQW9ELEVBQUUsS0FBSyxLQUFLLEtBQUssQ0FBQztBQUMzRyxNQUFJLENBQUMsTUFBTyxRQUFPO0FBQ25CLFFBQU0sQ0FBQyxFQUFFLFNBQVMsSUFBSSxVQUFVLElBQUksT0FBTyxFQUFFLElBQUk7QUFDakQsU0FBTyxFQUFFLFFBQVEsU0FBUyxHQUFHLGFBQWEsSUFBSSxFQUFFO0FBQ2xEO0FBR08sU0FBUyxVQUFVLE1BQXlDO0FBQ2pFLFFBQU0sUUFBUSw2Q0FBNkMsS0FBSyxLQUFLLEtBQUssQ0FBQztBQUMzRSxNQUFJLENBQUMsTUFBTyxRQUFPO0FBQ25CLFFBQU0sRUFBRSxTQUFTLEtBQUssSUFBSSxhQUFhLE1BQU0sQ0FBQyxLQUFLLEVBQUU7QUFDckQsU0FBTztBQUFBLElBQ0wsUUFBUSxPQUFPLE1BQU0sQ0FBQyxDQUFDO0FBQUEsSUFDdkIsTUFBTSxRQUFRLElBQUksY0FBYyxHQUFHLE1BQU0sR0FBRyxFQUFFLENBQUMsR0FBRyxLQUFLLEtBQUssV0FBVyxJQUFJLEtBQUs7QUFBQSxJQUNoRjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLFNBQVMsYUFBYSxNQUF3RDtBQUM1RSxRQUFNLENBQUMsT0FBTyxJQUFJLEdBQUcsSUFBSSxJQUFJLEtBQUssTUFBTSxZQUFZO0FBQ3BELFFBQU0sVUFBVSxJQUFJO0FBQUEsSUFDbEIsS0FBSyxNQUFNLE9BQU8sRUFBRSxRQUFRLENBQUMsU0FBUztBQUNwQyxZQUFNLE9BQU8scUJBQXFCLEtBQUssS0FBSyxLQUFLLENBQUM7QUFDbEQsYUFBTyxPQUFPLENBQUMsRUFBRSxLQUFLLENBQUMsS0FBSyxJQUFJLFlBQVksR0FBRyxLQUFLLENBQUMsS0FBSyxFQUFFLENBQVUsSUFBSSxDQUFDO0FBQUEsSUFDN0UsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFPLEVBQUUsU0FBUyxNQUFNLEtBQUssS0FBSyxNQUFNLEVBQUUsS0FBSyxFQUFFO0FBQ25EO0FBR08sU0FBUyxZQUFZLE1BQTBDO0FBQ3BFLFFBQU0sUUFBUSxXQUFXLEtBQUssUUFBUSxnQkFBZ0IsRUFBRSxFQUFFLFFBQVEsWUFBWSxHQUFHLENBQUM7QUFDbEYsUUFBTSxVQUFVLE1BQU0sS0FBSyxDQUFDLFNBQVMsZ0JBQWdCLEtBQUssSUFBSSxDQUFDO0FBQy9ELE1BQUksWUFBWSxVQUFhLE1BQU0sU0FBUyxLQUFLLE1BQU0sQ0FBQyxNQUFNLFdBQVcsQ0FBQyxhQUFhLEtBQUssTUFBTSxDQUFDLEtBQUssRUFBRTtBQUN4RyxXQUFPO0FBQ1QsUUFBTSxVQUFVLG9CQUFJLElBQW9CO0FBQ3hDLE1BQUk7QUFDSixNQUFJLE9BQU87QUFDWCxhQUFXLENBQUMsT0FBTyxJQUFJLEtBQUssTUFBTSxRQUFRLEdBQUc7QUFDM0MsVUFBTSxRQUFRLE1BQU0sUUFBUSxDQUFDLEtBQUs7QUFDbEMsUUFBSSxTQUFTLFFBQVEsU0FBUyxlQUFlLFNBQVMsV0FBWSxVQUFTLE1BQU0sWUFBWTtBQUFBLGFBQ3BGLFNBQVMsUUFBUSxTQUFTLFlBQVk7QUFDN0MsWUFBTSxPQUFPLHFCQUFxQixLQUFLLEtBQUs7QUFDNUMsVUFBSSxLQUFNLFNBQVEsS0FBSyxLQUFLLENBQUMsS0FBSyxJQUFJLFlBQVksR0FBRyxLQUFLLENBQUMsS0FBSyxFQUFFO0FBQUEsSUFDcEUsV0FBVyxrQ0FBa0MsS0FBSyxJQUFJLEVBQUcsUUFBTztBQUFBLEVBQ2xFO0FBQ0EsUUFBTSxPQUNKLFVBQVUsTUFBTSxLQUFLLENBQUMsU0FBUyxJQUFJLE9BQU8sT0FBTyxPQUFPLElBQUksRUFBRSxLQUFLLElBQUksQ0FBQyxNQUFNLFNBQVMsS0FBSyxRQUFRO0FBQ3RHLFNBQU8sRUFBRSxRQUFRLE1BQU0sU0FBUyxTQUFTLEtBQUs7QUFDaEQ7QUFHQSxTQUFTLFdBQVcsTUFBd0I7QUFDMUMsUUFBTSxRQUFrQixDQUFDO0FBQ3pCLGFBQVcsQ0FBQyxFQUFFLFFBQVEsUUFBUSxJQUFJLEtBQUssS0FBSyxTQUFTLHFEQUFxRDtBQUN4RyxVQUFNLEtBQUssVUFBVSxRQUFRLFFBQVEsZ0JBQWdCLElBQUksTUFBTSxRQUFRLElBQUksUUFBUSxVQUFVLElBQUksQ0FBQztBQUNwRyxTQUFPO0FBQ1Q7QUFFTyxTQUFTLE9BQU8sTUFBcUQ7QUFDMUUsTUFBSSxDQUFDLFdBQVcsS0FBSyxJQUFJLEVBQUcsUUFBTztBQUNuQyxNQUFJO0FBQ0YsV0FBTyxFQUFFLE9BQU8sS0FBSyxNQUFNLElBQUksRUFBVztBQUFBLEVBQzVDLFFBQVE7QUFDTixXQUFPO0FBQUEsRUFDVDtBQUNGO0FBRU8sU0FBUyxXQUFXLE1BQWtDO0FBQzNELE1BQUksT0FBTyxJQUFJLEVBQUcsUUFBTztBQUN6QixTQUFPLGFBQWEsS0FBSyxJQUFJLElBQUksb0JBQW9CO0FBQ3ZEOyIsCiAgIm5hbWVzIjogW10KfQo=
