import {
  sizeText
} from "./chunk-IQWA53IU.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/core/documentation/notation.ts
var largest = 64e6;
var deepest = 1e3;
function notationOf(text, file) {
  const start = text.slice(0, 4e3).trimStart();
  if (/^[{[]/.test(start)) return "json";
  if (/^<(?:!doctype html|html|head|body|h\d|main|article|section|div|p)\b/i.test(start)) return "html";
  if (start.startsWith("<")) return /<(?:html|body)[\s>]/i.test(start) ? "html" : "xml";
  if (/\.(?:md|markdown)$/i.test(file)) return "markdown";
  if (/\.html?$/i.test(file)) return "html";
  if (/\.(?:graphqls?|gql|sdl)$/i.test(file) || looksLikeSdl(text)) return "graphql";
  if (/^(?:#{1,6} \S|\S[^\n]*\n(?:={3,}|-{3,})\n)/.test(start) && !/^[\w-]+:(?:\s|$)/m.test(start)) return "markdown";
  return "yaml";
}
function looksLikeSdl(text) {
  const bare = text.slice(0, 2e4).replace(/"""[\s\S]*?"""|"(?:[^"\\\n]|\\.)*"/g, "").replace(/^\s*#.*$/gm, "").trimStart();
  return /^(?:extend\s+)?(?:schema\s*[@{]|(?:type|interface|input|enum)\s+\w+[^:\n]*\{|union\s+\w+|scalar\s+\w+|directive\s+@)/.test(
    bare
  );
}
function demandSize(text, file) {
  if (text.length <= largest) return;
  throw new Problem("document-too-large", {
    what: `${file} is larger than ${sizeText(largest)}`,
    where: { file },
    cause: `it has ${sizeText(text.length)}`,
    remedy: "many vendors publish a document for each part of their API"
  });
}
function fromJson(text, file) {
  try {
    return JSON.parse(text);
  } catch (error) {
    const { message } = error;
    const offset = Number(
      /position (\d+)/.exec(message)?.[1] ?? (/end of JSON/.test(message) ? text.length : Number.NaN)
    );
    throw new Problem("document-unreadable", {
      what: `${file} is not well-formed JSON`,
      where: placeAt(text, offset, file),
      cause: message.replace(/ in JSON at position.*$/, "")
    });
  }
}
function placeAt(text, offset, file) {
  if (Number.isNaN(offset)) return { file };
  const before = text.slice(0, offset).split("\n");
  return { file, line: before.length, column: (before.at(-1)?.length ?? 0) + 1 };
}
async function fromYaml(text, file) {
  const { default: yaml } = await import("js-yaml");
  try {
    return yaml.load(text, { schema: yaml.CORE_SCHEMA.extend(yaml.types.merge), json: true });
  } catch (error) {
    if (!(error instanceof yaml.YAMLException)) throw tooDeep(error, file);
    const { line, column } = error.mark ?? {};
    throw new Problem("document-unreadable", {
      what: `${file} is not well-formed YAML`,
      where: { file, ...line !== void 0 && column !== void 0 && { line: line + 1, column: column + 1 } },
      cause: error.reason
    });
  }
}
function demandShape(content, text, file) {
  let left = Math.max(1e3, text.length);
  const visit = (value, depth) => {
    if (typeof value !== "object" || value === null) return;
    if (depth > deepest) throw beyond(file, `more than ${deepest} levels`);
    if (Array.isArray(value)) {
      left -= value.length;
      for (const one of value) if (typeof one === "object") visit(one, depth + 1);
    } else {
      for (const key in value) {
        const inner = value[key];
        left -= 1;
        if (typeof inner === "object") visit(inner, depth + 1);
      }
    }
    if (left < 0) throw beyond(file, "its aliases multiply what it says");
  };
  visit(content, 0);
}
function beyond(file, cause) {
  return new Problem("document-too-large", {
    what: `${file} is nested or multiplied beyond what is read`,
    where: { file },
    cause
  });
}
function tooDeep(error, file) {
  return error instanceof RangeError ? beyond(file, error.message) : error;
}

export {
  notationOf,
  demandSize,
  fromJson,
  fromYaml,
  demandShape,
  tooDeep
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9ub3RhdGlvbi50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFRoZSBub3RhdGlvbnMgdGhhdCBkb2N1bWVudGF0aW9uIGlzIHdyaXR0ZW4gaW4sIHRvbGQgYXBhcnQgYnkgY29udGVudCwgYW5kIHRoZWlyIHBhcnNpbmcuICovXG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHNpemVUZXh0IH0gZnJvbSAnLi4vdmFsdWUvbWVhc3VyZXMuanMnO1xuXG5leHBvcnQgdHlwZSBOb3RhdGlvbiA9ICdqc29uJyB8ICd5YW1sJyB8ICd4bWwnIHwgJ2dyYXBocWwnIHwgJ2h0bWwnIHwgJ21hcmtkb3duJztcblxuY29uc3QgbGFyZ2VzdCA9IDY0ZTY7XG4vKiogRGVlcGVyIGRvY3VtZW50cyBhcmUgaG9zdGlsZTogbm8gcmVhZGVyIG9mIG91cnMgcmVjdXJzZXMgZnVydGhlci4gKi9cbmNvbnN0IGRlZXBlc3QgPSAxMDAwO1xuXG4vKiogV2hhdCBraW5kIG9mIHRleHQgaXQgaXMuIFRoZSBuYW1lIGRlY2lkZXMgb25seSB3aGVyZSB0aGUgY29udGVudCBkb2VzIG5vdC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBub3RhdGlvbk9mKHRleHQ6IHN0cmluZywgZmlsZTogc3RyaW5nKTogTm90YXRpb24ge1xuICBjb25zdCBzdGFydCA9IHRleHQuc2xpY2UoMCwgNDAwMCkudHJpbVN0YXJ0KCk7XG4gIGlmICgvXlt7W10vLnRlc3Qoc3RhcnQpKSByZXR1cm4gJ2pzb24nO1xuICBpZiAoL148KD86IWRvY3R5cGUgaHRtbHxodG1sfGhlYWR8Ym9keXxoXFxkfG1haW58YXJ0aWNsZXxzZWN0aW9ufGRpdnxwKVxcYi9pLnRlc3Qoc3RhcnQpKSByZXR1cm4gJ2h0bWwnO1xuICBpZiAoc3RhcnQuc3RhcnRzV2l0aCgnPCcpKSByZXR1cm4gLzwoPzpodG1sfGJvZHkpW1xccz5dL2kudGVzdChzdGFydCkgPyAnaHRtbCcgOiAneG1sJztcbiAgaWYgKC9cXC4oPzptZHxtYXJrZG93bikkL2kudGVzdChmaWxlKSkgcmV0dXJuICdtYXJrZG93bic7XG4gIGlmICgvXFwuaHRtbD8kL2kudGVzdChmaWxlKSkgcmV0dXJuICdodG1sJztcbiAgaWYgKC9cXC4oPzpncmFwaHFscz98Z3FsfHNkbCkkL2kudGVzdChmaWxlKSB8fCBsb29rc0xpa2VTZGwodGV4dCkpIHJldHVybiAnZ3JhcGhxbCc7XG4gIGlmICgvXig/OiN7MSw2fSBcXFN8XFxTW15cXG5dKlxcbig/Oj17Myx9fC17Myx9KVxcbikvLnRlc3Qoc3RhcnQpICYmICEvXltcXHctXSs6KD86XFxzfCQpL20udGVzdChzdGFydCkpIHJldHVybiAnbWFya2Rvd24nO1xuICByZXR1cm4gJ3lhbWwnO1xufVxuXG5mdW5jdGlvbiBsb29rc0xpa2VTZGwodGV4dDogc3RyaW5nKTogYm9vbGVhbiB7XG4gIGNvbnN0IGJhcmUgPSB0ZXh0XG4gICAgLnNsaWNlKDAsIDIwXzAwMClcbiAgICAucmVwbGFjZSgvXCJcIlwiW1xcc1xcU10qP1wiXCJcInxcIig/OlteXCJcXFxcXFxuXXxcXFxcLikqXCIvZywgJycpXG4gICAgLnJlcGxhY2UoL15cXHMqIy4qJC9nbSwgJycpXG4gICAgLnRyaW1TdGFydCgpO1xuICByZXR1cm4gL14oPzpleHRlbmRcXHMrKT8oPzpzY2hlbWFcXHMqW0B7XXwoPzp0eXBlfGludGVyZmFjZXxpbnB1dHxlbnVtKVxccytcXHcrW146XFxuXSpcXHt8dW5pb25cXHMrXFx3K3xzY2FsYXJcXHMrXFx3K3xkaXJlY3RpdmVcXHMrQCkvLnRlc3QoXG4gICAgYmFyZSxcbiAgKTtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBkb2N1bWVudC10b28tbGFyZ2UgKi9cbmV4cG9ydCBmdW5jdGlvbiBkZW1hbmRTaXplKHRleHQ6IHN0cmluZywgZmlsZTogc3RyaW5nKTogdm9pZCB7XG4gIGlmICh0ZXh0Lmxlbmd0aCA8PSBsYXJnZXN0KSByZXR1cm47XG4gIHRocm93IG5ldyBQcm9ibGVtKCdkb2N1bWVudC10b28tbGFyZ2UnLCB7XG4gICAgd2hhdDogYCR7ZmlsZX0gaXMgbGFyZ2VyIHRoYW4gJHtzaXplVGV4dChsYXJnZXN0KX1gLFxuICAgIHdoZXJlOiB7IGZpbGUgfSxcbiAgICBjYXVzZTogYGl0IGhhcyAke3NpemVUZXh0KHRleHQubGVuZ3RoKX1gLFxuICAgIHJlbWVkeTogJ21hbnkgdmVuZG9ycyBwdWJsaXNoIGEgZG9jdW1lbnQgZm9yIGVhY2ggcGFydCBvZiB0aGVpciBBUEknLFxuICB9KTtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBkb2N1bWVudC11bnJlYWRhYmxlICovXG5leHBvcnQgZnVuY3Rpb24gZnJvbUpzb24odGV4dDogc3RyaW5nLCBmaWxlOiBzdHJpbmcpOiB1bmtub3duIHtcbiAgdHJ5IHtcbiAgICByZXR1cm4gSlNPTi5wYXJzZSh0ZXh0KTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICBjb25zdCB7IG1lc3NhZ2UgfSA9IGVycm9yIGFzIEVycm9yO1xuICAgIGNvbnN0IG9mZnNldCA9IE51bWJlcihcbiAgICAgIC9wb3NpdGlvbiAoXFxkKykvLmV4ZWMobWVzc2FnZSk/LlsxXSA/PyAoL2VuZCBvZiBKU09OLy50ZXN0KG1lc3NhZ2UpID8gdGV4dC5sZW5ndGggOiBOdW1iZXIuTmFOKSxcbiAgICApO1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdkb2N1bWVudC11bnJlYWRhYmxlJywge1xuICAgICAgd2hhdDogYCR7ZmlsZX0gaXMgbm90IHdlbGwtZm9ybWVkIEpTT05gLFxuICAgICAgd2hlcmU6IHBsYWNlQXQodGV4dCwgb2Zmc2V0LCBmaWxlKSxcbiAgICAgIGNhdXNlOiBtZXNzYWdlLnJlcGxhY2UoLyBpbiBKU09OIGF0IHBvc2l0aW9uLiokLywgJycpLFxuICAgIH0pO1xuICB9XG59XG5cbmZ1bmN0aW9uIHBsYWNlQXQodGV4dDogc3RyaW5nLCBvZmZzZXQ6IG51bWJlciwgZmlsZTogc3RyaW5nKTogeyBmaWxlOiBzdHJpbmc7IGxpbmU/OiBudW1iZXI7IGNvbHVtbj86IG51bWJlciB9IHtcbiAgaWYgKE51bWJlci5pc05hTihvZmZzZXQpKSByZXR1cm4geyBmaWxlIH07XG4gIGNvbnN0IGJlZm9yZSA9IHRleHQuc2xpY2UoMCwgb2Zmc2V0KS5zcGxpdCgnXFxuJyk7XG4gIHJldHVybiB7IGZpbGUsIGxpbmU6IGJlZm9yZS5sZW5ndGgsIGNvbHVtbjogKGJlZm9yZS5hdCgtMSk/Lmxlbmd0aCA/PyAwKSArIDEgfTtcbn1cblxuLyoqIEl0cyB0eXBlcyBkbyBub3Qga25vdyBpdHMgb3duIHR5cGVzIG9mIG5vZGVzLiAqL1xudHlwZSBZYW1sID0gdHlwZW9mIGltcG9ydCgnanMteWFtbCcpICYgeyByZWFkb25seSB0eXBlczogeyByZWFkb25seSBtZXJnZTogaW1wb3J0KCdqcy15YW1sJykuVHlwZSB9IH07XG5cbi8qKiBZQU1MIGFzIHZlbmRvcnMgd3JpdGUgaXQ6IGFuY2hvcnMsIGFsaWFzZXMgYW5kIG1lcmdlIGtleXMgaW5jbHVkZWQuIEB0aHJvd3MgUHJvYmxlbSBkb2N1bWVudC11bnJlYWRhYmxlICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gZnJvbVlhbWwodGV4dDogc3RyaW5nLCBmaWxlOiBzdHJpbmcpOiBQcm9taXNlPHVua25vd24+IHtcbiAgY29uc3QgeyBkZWZhdWx0OiB5YW1sIH0gPSAoYXdhaXQgaW1wb3J0KCdqcy15YW1sJykpIGFzIHVua25vd24gYXMgeyBkZWZhdWx0OiBZYW1sIH07XG4gIHRyeSB7XG4gICAgLy8gVGhlIGNvcmUgc2NoZW1hIGhhcyBubyBkYXRlczogYSB2ZXJzaW9uIHN1Y2ggYXMgMjAyNi0xMS0yNCBzdGF5cyBhIHRleHQuXG4gICAgcmV0dXJuIHlhbWwubG9hZCh0ZXh0LCB7IHNjaGVtYTogeWFtbC5DT1JFX1NDSEVNQS5leHRlbmQoeWFtbC50eXBlcy5tZXJnZSksIGpzb246IHRydWUgfSk7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgaWYgKCEoZXJyb3IgaW5zdGFuY2VvZiB5YW1sLllBTUxFeGNlcHRpb24pKSB0aHJvdyB0b29EZWVwKGVycm9yLCBmaWxlKTtcbiAgICBjb25zdCB7IGxpbmUsIGNvbHVtbiB9ID0gKGVycm9yLm1hcmsgPz8ge30pIGFzIFBhcnRpYWw8eyBsaW5lOiBudW1iZXI7IGNvbHVtbjogbnVtYmVyIH0+O1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdkb2N1bWVudC11bnJlYWRhYmxlJywge1xuICAgICAgd2hhdDogYCR7ZmlsZX0gaXMgbm90IHdlbGwtZm9ybWVkIFlBTUxgLFxuICAgICAgd2hlcmU6IHsgZmlsZSwgLi4uKGxpbmUgIT09IHVuZGVmaW5lZCAmJiBjb2x1bW4gIT09IHVuZGVmaW5lZCAmJiB7IGxpbmU6IGxpbmUgKyAxLCBjb2x1bW46IGNvbHVtbiArIDEgfSkgfSxcbiAgICAgIGNhdXNlOiBlcnJvci5yZWFzb24sXG4gICAgfSk7XG4gIH1cbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBkb2N1bWVudC10b28tbGFyZ2U6IGRlZXBlciB0aGFuIGlzIHJlYWQsIG9yIG11bHRpcGxpZWQgYnkgaXRzIGFsaWFzZXMgKi9cbmV4cG9ydCBmdW5jdGlvbiBkZW1hbmRTaGFwZShjb250ZW50OiB1bmtub3duLCB0ZXh0OiBzdHJpbmcsIGZpbGU6IHN0cmluZyk6IHZvaWQge1xuICAvLyBXaXRob3V0IGFsaWFzZXMgZXZlcnkgdmFsdWUgdGFrZXMgYSBjaGFyYWN0ZXIgYXQgbGVhc3QuXG4gIGxldCBsZWZ0ID0gTWF0aC5tYXgoMTAwMCwgdGV4dC5sZW5ndGgpO1xuICBjb25zdCB2aXNpdCA9ICh2YWx1ZTogdW5rbm93biwgZGVwdGg6IG51bWJlcik6IHZvaWQgPT4ge1xuICAgIGlmICh0eXBlb2YgdmFsdWUgIT09ICdvYmplY3QnIHx8IHZhbHVlID09PSBudWxsKSByZXR1cm47XG4gICAgaWYgKGRlcHRoID4gZGVlcGVzdCkgdGhyb3cgYmV5b25kKGZpbGUsIGBtb3JlIHRoYW4gJHtkZWVwZXN0fSBsZXZlbHNgKTtcbiAgICBpZiAoQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHtcbiAgICAgIGxlZnQgLT0gdmFsdWUubGVuZ3RoO1xuICAgICAgZm9yIChjb25zdCBvbmUgb2YgdmFsdWUpIGlmICh0eXBlb2Ygb25lID09PSAnb2JqZWN0JykgdmlzaXQob25lLCBkZXB0aCArIDEpO1xuICAgIH0gZWxzZSB7XG4gICAgICBmb3IgKGNvbnN0IGtleSBpbiB2YWx1ZSkge1xuICAgICAgICBjb25zdCBpbm5lciA9ICh2YWx1ZSBhcyBSZWNvcmQ8c3RyaW5nLCB1bmtub3duPilba2V5XTtcbiAgICAgICAgbGVmdCAtPSAxO1xuICAgICAgICBpZiAodHlwZW9mIGlubmVyID09PSAnb2JqZWN0JykgdmlzaXQoaW5uZXIsIGRlcHRoICsgMSk7XG4gICAgICB9XG4gICAgfVxuICAgIGlmIChsZWZ0IDwgMCkgdGhyb3cgYmV5b25kKGZpbGUsICdpdHMgYWxpYXNlcyBtdWx0aXBseSB3aGF0IGl0IHNheXMnKTtcbiAgfTtcbiAgdmlzaXQoY29udGVudCwgMCk7XG59XG5cbmZ1bmN0aW9uIGJleW9uZChmaWxlOiBzdHJpbmcsIGNhdXNlOiBzdHJpbmcpOiBQcm9ibGVtIHtcbiAgcmV0dXJuIG5ldyBQcm9ibGVtKCdkb2N1bWVudC10b28tbGFyZ2UnLCB7XG4gICAgd2hhdDogYCR7ZmlsZX0gaXMgbmVzdGVkIG9yIG11bHRpcGxpZWQgYmV5b25kIHdoYXQgaXMgcmVhZGAsXG4gICAgd2hlcmU6IHsgZmlsZSB9LFxuICAgIGNhdXNlLFxuICB9KTtcbn1cblxuLyoqIFdoYXQgYSBwYXJzZXIgdGhyb3dzIHdoZXJlIGEgZG9jdW1lbnQgaXMgZGVlcGVyIHRoYW4gaXRzIHN0YWNrLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHRvb0RlZXAoZXJyb3I6IHVua25vd24sIGZpbGU6IHN0cmluZyk6IHVua25vd24ge1xuICByZXR1cm4gZXJyb3IgaW5zdGFuY2VvZiBSYW5nZUVycm9yID8gYmV5b25kKGZpbGUsIGVycm9yLm1lc3NhZ2UpIDogZXJyb3I7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7OztBQU1BLElBQU0sVUFBVTtBQUVoQixJQUFNLFVBQVU7QUFHVCxTQUFTLFdBQVcsTUFBYyxNQUF3QjtBQUMvRCxRQUFNLFFBQVEsS0FBSyxNQUFNLEdBQUcsR0FBSSxFQUFFLFVBQVU7QUFDNUMsTUFBSSxRQUFRLEtBQUssS0FBSyxFQUFHLFFBQU87QUFDaEMsTUFBSSx1RUFBdUUsS0FBSyxLQUFLLEVBQUcsUUFBTztBQUMvRixNQUFJLE1BQU0sV0FBVyxHQUFHLEVBQUcsUUFBTyx1QkFBdUIsS0FBSyxLQUFLLElBQUksU0FBUztBQUNoRixNQUFJLHNCQUFzQixLQUFLLElBQUksRUFBRyxRQUFPO0FBQzdDLE1BQUksWUFBWSxLQUFLLElBQUksRUFBRyxRQUFPO0FBQ25DLE1BQUksNEJBQTRCLEtBQUssSUFBSSxLQUFLLGFBQWEsSUFBSSxFQUFHLFFBQU87QUFDekUsTUFBSSw2Q0FBNkMsS0FBSyxLQUFLLEtBQUssQ0FBQyxvQkFBb0IsS0FBSyxLQUFLLEVBQUcsUUFBTztBQUN6RyxTQUFPO0FBQ1Q7QUFFQSxTQUFTLGFBQWEsTUFBdUI7QUFDM0MsUUFBTSxPQUFPLEtBQ1YsTUFBTSxHQUFHLEdBQU0sRUFDZixRQUFRLHVDQUF1QyxFQUFFLEVBQ2pELFFBQVEsY0FBYyxFQUFFLEVBQ3hCLFVBQVU7QUFDYixTQUFPLHVIQUF1SDtBQUFBLElBQzVIO0FBQUEsRUFDRjtBQUNGO0FBR08sU0FBUyxXQUFXLE1BQWMsTUFBb0I7QUFDM0QsTUFBSSxLQUFLLFVBQVUsUUFBUztBQUM1QixRQUFNLElBQUksUUFBUSxzQkFBc0I7QUFBQSxJQUN0QyxNQUFNLEdBQUcsSUFBSSxtQkFBbUIsU0FBUyxPQUFPLENBQUM7QUFBQSxJQUNqRCxPQUFPLEVBQUUsS0FBSztBQUFBLElBQ2QsT0FBTyxVQUFVLFNBQVMsS0FBSyxNQUFNLENBQUM7QUFBQSxJQUN0QyxRQUFRO0FBQUEsRUFDVixDQUFDO0FBQ0g7QUFHTyxTQUFTLFNBQVMsTUFBYyxNQUF1QjtBQUM1RCxNQUFJO0FBQ0YsV0FBTyxLQUFLLE1BQU0sSUFBSTtBQUFBLEVBQ3hCLFNBQVMsT0FBTztBQUNkLFVBQU0sRUFBRSxRQUFRLElBQUk7QUFDcEIsVUFBTSxTQUFTO0FBQUEsTUFDYixpQkFBaUIsS0FBSyxPQUFPLElBQUksQ0FBQyxNQUFNLGNBQWMsS0FBSyxPQUFPLElBQUksS0FBSyxTQUFTLE9BQU87QUFBQSxJQUM3RjtBQUNBLFVBQU0sSUFBSSxRQUFRLHVCQUF1QjtBQUFBLE1BQ3ZDLE1BQU0sR0FBRyxJQUFJO0FBQUEsTUFDYixPQUFPLFFBQVEsTUFBTSxRQUFRLElBQUk7QUFBQSxNQUNqQyxPQUFPLFFBQVEsUUFBUSwyQkFBMkIsRUFBRTtBQUFBLElBQ3RELENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFFQSxTQUFTLFFBQVEsTUFBYyxRQUFnQixNQUFnRTtBQUM3RyxNQUFJLE9BQU8sTUFBTSxNQUFNLEVBQUcsUUFBTyxFQUFFLEtBQUs7QUFDeEMsUUFBTSxTQUFTLEtBQUssTUFBTSxHQUFHLE1BQU0sRUFBRSxNQUFNLElBQUk7QUFDL0MsU0FBTyxFQUFFLE1BQU0sTUFBTSxPQUFPLFFBQVEsU0FBUyxPQUFPLEdBQUcsRUFBRSxHQUFHLFVBQVUsS0FBSyxFQUFFO0FBQy9FO0FBTUEsZUFBc0IsU0FBUyxNQUFjLE1BQWdDO0FBQzNFLFFBQU0sRUFBRSxTQUFTLEtBQUssSUFBSyxNQUFNLE9BQU8sU0FBUztBQUNqRCxNQUFJO0FBRUYsV0FBTyxLQUFLLEtBQUssTUFBTSxFQUFFLFFBQVEsS0FBSyxZQUFZLE9BQU8sS0FBSyxNQUFNLEtBQUssR0FBRyxNQUFNLEtBQUssQ0FBQztBQUFBLEVBQzFGLFNBQVMsT0FBTztBQUNkLFFBQUksRUFBRSxpQkFBaUIsS0FBSyxlQUFnQixPQUFNLFFBQVEsT0FBTyxJQUFJO0FBQ3JFLFVBQU0sRUFBRSxNQUFNLE9BQU8sSUFBSyxNQUFNLFFBQVEsQ0FBQztBQUN6QyxVQUFNLElBQUksUUFBUSx1QkFBdUI7QUFBQSxNQUN2QyxNQUFNLEdBQUcsSUFBSTtBQUFBLE1BQ2IsT0FBTyxFQUFFLE1BQU0sR0FBSSxTQUFTLFVBQWEsV0FBVyxVQUFhLEVBQUUsTUFBTSxPQUFPLEdBQUcsUUFBUSxTQUFTLEVBQUUsRUFBRztBQUFBLE1BQ3pHLE9BQU8sTUFBTTtBQUFBLElBQ2YsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUdPLFNBQVMsWUFBWSxTQUFrQixNQUFjLE1BQW9CO0FBRTlFLE1BQUksT0FBTyxLQUFLLElBQUksS0FBTSxLQUFLLE1BQU07QUFDckMsUUFBTSxRQUFRLENBQUMsT0FBZ0IsVUFBd0I7QUFDckQsUUFBSSxPQUFPLFVBQVUsWUFBWSxVQUFVLEtBQU07QUFDakQsUUFBSSxRQUFRLFFBQVMsT0FBTSxPQUFPLE1BQU0sYUFBYSxPQUFPLFNBQVM7QUFDckUsUUFBSSxNQUFNLFFBQVEsS0FBSyxHQUFHO0FBQ3hCLGNBQVEsTUFBTTtBQUNkLGlCQUFXLE9BQU8sTUFBTyxLQUFJLE9BQU8sUUFBUSxTQUFVLE9BQU0sS0FBSyxRQUFRLENBQUM7QUFBQSxJQUM1RSxPQUFPO0FBQ0wsaUJBQVcsT0FBTyxPQUFPO0FBQ3ZCLGNBQU0sUUFBUyxNQUFrQyxHQUFHO0FBQ3BELGdCQUFRO0FBQ1IsWUFBSSxPQUFPLFVBQVUsU0FBVSxPQUFNLE9BQU8sUUFBUSxDQUFDO0FBQUEsTUFDdkQ7QUFBQSxJQUNGO0FBQ0EsUUFBSSxPQUFPLEVBQUcsT0FBTSxPQUFPLE1BQU0sbUNBQW1DO0FBQUEsRUFDdEU7QUFDQSxRQUFNLFNBQVMsQ0FBQztBQUNsQjtBQUVBLFNBQVMsT0FBTyxNQUFjLE9BQXdCO0FBQ3BELFNBQU8sSUFBSSxRQUFRLHNCQUFzQjtBQUFBLElBQ3ZDLE1BQU0sR0FBRyxJQUFJO0FBQUEsSUFDYixPQUFPLEVBQUUsS0FBSztBQUFBLElBQ2Q7QUFBQSxFQUNGLENBQUM7QUFDSDtBQUdPLFNBQVMsUUFBUSxPQUFnQixNQUF1QjtBQUM3RCxTQUFPLGlCQUFpQixhQUFhLE9BQU8sTUFBTSxNQUFNLE9BQU8sSUFBSTtBQUNyRTsiLAogICJuYW1lcyI6IFtdCn0K
