import {
  addressPart
} from "./chunk-G6PY5PV3.js";
import {
  compileTemplate
} from "./chunk-7JVJJYGZ.js";
import {
  percentEncode
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

// src/core/exchange/address.ts
function compileAddress(source, where, loads) {
  const opening = /^\$\{[^}]*\}/.exec(source)?.[0] ?? "";
  const rest = source.slice(opening.length);
  if (rest.includes("${")) {
    throw new Problem("address-shape", {
      what: "an expression may only open the address",
      where,
      remedy: "write {name} for a part of the path, and parameters under query:; both are encoded as they must be"
    });
  }
  const origin = opening === "" ? void 0 : compileTemplate(opening, where, loads);
  const pieces = rest.split(/\{([^{}]*)\}/);
  const parts = [];
  const written = pieces.map((piece, index) => index % 2 === 1 ? placedPart(piece, parts, where) : void 0);
  parts.push(...written.flatMap((one) => one?.names ?? []));
  return {
    parts,
    origin(evaluation) {
      if (!origin) return /^https?:\/\/[^/?#{]+/i.exec(rest)?.[0];
      const opened = origin.evaluate(evaluation);
      return opened === omitted ? void 0 : textOf(opened);
    },
    evaluate(evaluation, part) {
      const opened = origin?.evaluate(evaluation);
      if (opened === omitted) throw new Problem("address-shape", { what: "the address cannot be omitted", where });
      let address = opened === void 0 ? "" : textOf(opened);
      for (const [index, piece] of pieces.entries()) {
        const own = written[index];
        if (own) {
          try {
            address += own.write(part);
          } catch (error) {
            throw asProblem(error).at(where);
          }
        } else address = index === 0 && origin && piece.startsWith("/") ? joined(address, piece) : address + piece;
      }
      return address;
    }
  };
}
var joined = (opening, path) => `${opening.replace(/\/+$/, "")}/${path.replace(/^\/+/, "")}`;
function placedPart(source, parts, where) {
  try {
    return addressPart(
      source,
      (name) => new Problem("unknown-name", {
        what: `the address needs a value for {${name}}`,
        where,
        remedy: `declare it under inputs: or give it under path:${parts.length > 1 ? `; ${nearestHint(name, parts)}` : ""}`,
        data: { name }
      })
    );
  } catch (error) {
    throw asProblem(error).at(where);
  }
}
function absoluteUrl(address) {
  let url;
  try {
    url = new URL(address);
  } catch {
    url = void 0;
  }
  if (url && (url.protocol === "http:" || url.protocol === "https:")) return url;
  throw new Problem("address-shape", {
    what: `${JSON.stringify(address)} is not an absolute address`,
    cause: /^[\w.-]+:\d+|^[\w.-]+\.[a-z]+\//i.test(address) ? "it begins with a host, without http:// or https://" : void 0,
    remedy: "an address begins with http:// or https://; in a request file with ${origin}"
  });
}
function withQuery(address, pairs, shown) {
  if (pairs.length === 0) return address;
  const query = pairs.map((pair) => `${percentEncode(pair.name)}=${shown(pair)}`).join("&");
  const [before, fragment] = splitOnce(address, "#");
  const joint = !before.includes("?") ? "?" : /[?&]$/.test(before) ? "" : "&";
  return `${before}${joint}${query}${fragment}`;
}
function splitOnce(text, mark) {
  const at = text.indexOf(mark);
  return at === -1 ? [text, ""] : [text.slice(0, at), text.slice(at)];
}

export {
  compileAddress,
  absoluteUrl,
  withQuery
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvYWRkcmVzcy50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEFkZHJlc3NlczogYCR7XHUyMDI2fWAgbWF5IG9ubHkgb3BlbiBvbmU7IGl0cyBge1x1MjAyNn1gIHBhcnRzIGFyZSB0aG9zZSBvZiBSRkMgNjU3MC4gKi9cbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgdHlwZSBFdmFsdWF0aW9uLCBvbWl0dGVkIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB7IHBlcmNlbnRFbmNvZGUgfSBmcm9tICcuLi9leHByZXNzaW9uL2ZpbHRlcnMvdGV4dC5qcyc7XG5pbXBvcnQgeyBjb21waWxlVGVtcGxhdGUgfSBmcm9tICcuLi9leHByZXNzaW9uL3RlbXBsYXRlLmpzJztcbmltcG9ydCB7IG5lYXJlc3RIaW50IH0gZnJvbSAnLi4vcHJvYmxlbS9uZWFyZXN0LmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgdHlwZSBGaWxlUG9zaXRpb24sIFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyB0eXBlIEFkZHJlc3NQYXJ0LCBhZGRyZXNzUGFydCB9IGZyb20gJy4vYWRkcmVzcy10ZW1wbGF0ZS5qcyc7XG5pbXBvcnQgdHlwZSB7IFF1ZXJ5UGFpciB9IGZyb20gJy4vd2lyZS5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgQWRkcmVzc1BsYW4ge1xuICAvKiogVGhlIG5hbWVzIGluIGB7XHUyMDI2fWAsIGluIG9yZGVyLiAqL1xuICByZWFkb25seSBwYXJ0czogcmVhZG9ubHkgc3RyaW5nW107XG4gIC8qKiBXaGF0IGl0IGJlZ2lucyB3aXRoLCB1cCB0byBpdHMgcGF0aDsgdW5kZWZpbmVkIHdoZXJlIG5vYm9keSBjYW4gc2F5LiAqL1xuICBvcmlnaW4oZXZhbHVhdGlvbjogRXZhbHVhdGlvbik6IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgZXZhbHVhdGUoZXZhbHVhdGlvbjogRXZhbHVhdGlvbiwgcGFydDogKG5hbWU6IHN0cmluZykgPT4gVmFsdWUgfCB1bmRlZmluZWQpOiBzdHJpbmc7XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gYWRkcmVzcy1zaGFwZTogYW4gZXhwcmVzc2lvbiB0aGF0IGRvZXMgbm90IG9wZW4gdGhlIGFkZHJlc3MgKi9cbmV4cG9ydCBmdW5jdGlvbiBjb21waWxlQWRkcmVzcyhzb3VyY2U6IHN0cmluZywgd2hlcmU6IEZpbGVQb3NpdGlvbiB8IHVuZGVmaW5lZCwgbG9hZHM6IExvYWRzKTogQWRkcmVzc1BsYW4ge1xuICBjb25zdCBvcGVuaW5nID0gL15cXCRcXHtbXn1dKlxcfS8uZXhlYyhzb3VyY2UpPy5bMF0gPz8gJyc7XG4gIGNvbnN0IHJlc3QgPSBzb3VyY2Uuc2xpY2Uob3BlbmluZy5sZW5ndGgpO1xuICBpZiAocmVzdC5pbmNsdWRlcygnJHsnKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdhZGRyZXNzLXNoYXBlJywge1xuICAgICAgd2hhdDogJ2FuIGV4cHJlc3Npb24gbWF5IG9ubHkgb3BlbiB0aGUgYWRkcmVzcycsXG4gICAgICB3aGVyZSxcbiAgICAgIHJlbWVkeTogJ3dyaXRlIHtuYW1lfSBmb3IgYSBwYXJ0IG9mIHRoZSBwYXRoLCBhbmQgcGFyYW1ldGVycyB1bmRlciBxdWVyeTo7IGJvdGggYXJlIGVuY29kZWQgYXMgdGhleSBtdXN0IGJlJyxcbiAgICB9KTtcbiAgfVxuICBjb25zdCBvcmlnaW4gPSBvcGVuaW5nID09PSAnJyA/IHVuZGVmaW5lZCA6IGNvbXBpbGVUZW1wbGF0ZShvcGVuaW5nLCB3aGVyZSwgbG9hZHMpO1xuICBjb25zdCBwaWVjZXMgPSByZXN0LnNwbGl0KC9cXHsoW157fV0qKVxcfS8pO1xuICBjb25zdCBwYXJ0czogc3RyaW5nW10gPSBbXTtcbiAgY29uc3Qgd3JpdHRlbiA9IHBpZWNlcy5tYXAoKHBpZWNlLCBpbmRleCkgPT4gKGluZGV4ICUgMiA9PT0gMSA/IHBsYWNlZFBhcnQocGllY2UsIHBhcnRzLCB3aGVyZSkgOiB1bmRlZmluZWQpKTtcbiAgcGFydHMucHVzaCguLi53cml0dGVuLmZsYXRNYXAoKG9uZSkgPT4gb25lPy5uYW1lcyA/PyBbXSkpO1xuICByZXR1cm4ge1xuICAgIHBhcnRzLFxuICAgIG9yaWdpbihldmFsdWF0aW9uKSB7XG4gICAgICBpZiAoIW9yaWdpbikgcmV0dXJuIC9eaHR0cHM/OlxcL1xcL1teLz8je10rL2kuZXhlYyhyZXN0KT8uWzBdO1xuICAgICAgY29uc3Qgb3BlbmVkID0gb3JpZ2luLmV2YWx1YXRlKGV2YWx1YXRpb24pO1xuICAgICAgcmV0dXJuIG9wZW5lZCA9PT0gb21pdHRlZCA/IHVuZGVmaW5lZCA6IHRleHRPZihvcGVuZWQpO1xuICAgIH0sXG4gICAgZXZhbHVhdGUoZXZhbHVhdGlvbiwgcGFydCkge1xuICAgICAgY29uc3Qgb3BlbmVkID0gb3JpZ2luPy5ldmFsdWF0ZShldmFsdWF0aW9uKTtcbiAgICAgIGlmIChvcGVuZWQgPT09IG9taXR0ZWQpIHRocm93IG5ldyBQcm9ibGVtKCdhZGRyZXNzLXNoYXBlJywgeyB3aGF0OiAndGhlIGFkZHJlc3MgY2Fubm90IGJlIG9taXR0ZWQnLCB3aGVyZSB9KTtcbiAgICAgIGxldCBhZGRyZXNzID0gb3BlbmVkID09PSB1bmRlZmluZWQgPyAnJyA6IHRleHRPZihvcGVuZWQpO1xuICAgICAgZm9yIChjb25zdCBbaW5kZXgsIHBpZWNlXSBvZiBwaWVjZXMuZW50cmllcygpKSB7XG4gICAgICAgIGNvbnN0IG93biA9IHdyaXR0ZW5baW5kZXhdO1xuICAgICAgICBpZiAob3duKSB7XG4gICAgICAgICAgdHJ5IHtcbiAgICAgICAgICAgIGFkZHJlc3MgKz0gb3duLndyaXRlKHBhcnQpO1xuICAgICAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgICAgICB0aHJvdyBhc1Byb2JsZW0oZXJyb3IpLmF0KHdoZXJlKTtcbiAgICAgICAgICB9XG4gICAgICAgIH0gZWxzZSBhZGRyZXNzID0gaW5kZXggPT09IDAgJiYgb3JpZ2luICYmIHBpZWNlLnN0YXJ0c1dpdGgoJy8nKSA/IGpvaW5lZChhZGRyZXNzLCBwaWVjZSkgOiBhZGRyZXNzICsgcGllY2U7XG4gICAgICB9XG4gICAgICByZXR1cm4gYWRkcmVzcztcbiAgICB9LFxuICB9O1xufVxuXG4vKiogQW4gb3BlbmluZyBhbmQgYSBwYXRoIHdpdGggb25lIHNsYXNoIGJldHdlZW4gdGhlbS4gKi9cbmNvbnN0IGpvaW5lZCA9IChvcGVuaW5nOiBzdHJpbmcsIHBhdGg6IHN0cmluZyk6IHN0cmluZyA9PiBgJHtvcGVuaW5nLnJlcGxhY2UoL1xcLyskLywgJycpfS8ke3BhdGgucmVwbGFjZSgvXlxcLysvLCAnJyl9YDtcblxuZnVuY3Rpb24gcGxhY2VkUGFydChzb3VyY2U6IHN0cmluZywgcGFydHM6IHJlYWRvbmx5IHN0cmluZ1tdLCB3aGVyZTogRmlsZVBvc2l0aW9uIHwgdW5kZWZpbmVkKTogQWRkcmVzc1BhcnQge1xuICB0cnkge1xuICAgIHJldHVybiBhZGRyZXNzUGFydChcbiAgICAgIHNvdXJjZSxcbiAgICAgIChuYW1lKSA9PlxuICAgICAgICBuZXcgUHJvYmxlbSgndW5rbm93bi1uYW1lJywge1xuICAgICAgICAgIHdoYXQ6IGB0aGUgYWRkcmVzcyBuZWVkcyBhIHZhbHVlIGZvciB7JHtuYW1lfX1gLFxuICAgICAgICAgIHdoZXJlLFxuICAgICAgICAgIHJlbWVkeTogYGRlY2xhcmUgaXQgdW5kZXIgaW5wdXRzOiBvciBnaXZlIGl0IHVuZGVyIHBhdGg6JHtwYXJ0cy5sZW5ndGggPiAxID8gYDsgJHtuZWFyZXN0SGludChuYW1lLCBwYXJ0cyl9YCA6ICcnfWAsXG4gICAgICAgICAgZGF0YTogeyBuYW1lIH0sXG4gICAgICAgIH0pLFxuICAgICk7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh3aGVyZSk7XG4gIH1cbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBhZGRyZXNzLXNoYXBlICovXG5leHBvcnQgZnVuY3Rpb24gYWJzb2x1dGVVcmwoYWRkcmVzczogc3RyaW5nKTogVVJMIHtcbiAgbGV0IHVybDogVVJMIHwgdW5kZWZpbmVkO1xuICB0cnkge1xuICAgIHVybCA9IG5ldyBVUkwoYWRkcmVzcyk7XG4gIH0gY2F0Y2gge1xuICAgIHVybCA9IHVuZGVmaW5lZDtcbiAgfVxuICBpZiAodXJsICYmICh1cmwucHJvdG9jb2wgPT09ICdodHRwOicgfHwgdXJsLnByb3RvY29sID09PSAnaHR0cHM6JykpIHJldHVybiB1cmw7XG4gIHRocm93IG5ldyBQcm9ibGVtKCdhZGRyZXNzLXNoYXBlJywge1xuICAgIHdoYXQ6IGAke0pTT04uc3RyaW5naWZ5KGFkZHJlc3MpfSBpcyBub3QgYW4gYWJzb2x1dGUgYWRkcmVzc2AsXG4gICAgY2F1c2U6IC9eW1xcdy4tXSs6XFxkK3xeW1xcdy4tXStcXC5bYS16XStcXC8vaS50ZXN0KGFkZHJlc3MpXG4gICAgICA/ICdpdCBiZWdpbnMgd2l0aCBhIGhvc3QsIHdpdGhvdXQgaHR0cDovLyBvciBodHRwczovLydcbiAgICAgIDogdW5kZWZpbmVkLFxuICAgIHJlbWVkeTogJ2FuIGFkZHJlc3MgYmVnaW5zIHdpdGggaHR0cDovLyBvciBodHRwczovLzsgaW4gYSByZXF1ZXN0IGZpbGUgd2l0aCAke29yaWdpbn0nLFxuICB9KTtcbn1cblxuLyoqIEVuY29kZWQgcGFyYW1ldGVycyBiZWhpbmQgYW4gYWRkcmVzcyB0aGF0IG1heSBoYXZlIHNvbWUgYWxyZWFkeS4gKi9cbmV4cG9ydCBmdW5jdGlvbiB3aXRoUXVlcnkoYWRkcmVzczogc3RyaW5nLCBwYWlyczogcmVhZG9ubHkgUXVlcnlQYWlyW10sIHNob3duOiAocGFpcjogUXVlcnlQYWlyKSA9PiBzdHJpbmcpOiBzdHJpbmcge1xuICBpZiAocGFpcnMubGVuZ3RoID09PSAwKSByZXR1cm4gYWRkcmVzcztcbiAgY29uc3QgcXVlcnkgPSBwYWlycy5tYXAoKHBhaXIpID0+IGAke3BlcmNlbnRFbmNvZGUocGFpci5uYW1lKX09JHtzaG93bihwYWlyKX1gKS5qb2luKCcmJyk7XG4gIGNvbnN0IFtiZWZvcmUsIGZyYWdtZW50XSA9IHNwbGl0T25jZShhZGRyZXNzLCAnIycpO1xuICBjb25zdCBqb2ludCA9ICFiZWZvcmUuaW5jbHVkZXMoJz8nKSA/ICc/JyA6IC9bPyZdJC8udGVzdChiZWZvcmUpID8gJycgOiAnJic7XG4gIHJldHVybiBgJHtiZWZvcmV9JHtqb2ludH0ke3F1ZXJ5fSR7ZnJhZ21lbnR9YDtcbn1cblxuZnVuY3Rpb24gc3BsaXRPbmNlKHRleHQ6IHN0cmluZywgbWFyazogc3RyaW5nKTogW3N0cmluZywgc3RyaW5nXSB7XG4gIGNvbnN0IGF0ID0gdGV4dC5pbmRleE9mKG1hcmspO1xuICByZXR1cm4gYXQgPT09IC0xID8gW3RleHQsICcnXSA6IFt0ZXh0LnNsaWNlKDAsIGF0KSwgdGV4dC5zbGljZShhdCldO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBcUJPLFNBQVMsZUFBZSxRQUFnQixPQUFpQyxPQUEyQjtBQUN6RyxRQUFNLFVBQVUsZUFBZSxLQUFLLE1BQU0sSUFBSSxDQUFDLEtBQUs7QUFDcEQsUUFBTSxPQUFPLE9BQU8sTUFBTSxRQUFRLE1BQU07QUFDeEMsTUFBSSxLQUFLLFNBQVMsSUFBSSxHQUFHO0FBQ3ZCLFVBQU0sSUFBSSxRQUFRLGlCQUFpQjtBQUFBLE1BQ2pDLE1BQU07QUFBQSxNQUNOO0FBQUEsTUFDQSxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sU0FBUyxZQUFZLEtBQUssU0FBWSxnQkFBZ0IsU0FBUyxPQUFPLEtBQUs7QUFDakYsUUFBTSxTQUFTLEtBQUssTUFBTSxjQUFjO0FBQ3hDLFFBQU0sUUFBa0IsQ0FBQztBQUN6QixRQUFNLFVBQVUsT0FBTyxJQUFJLENBQUMsT0FBTyxVQUFXLFFBQVEsTUFBTSxJQUFJLFdBQVcsT0FBTyxPQUFPLEtBQUssSUFBSSxNQUFVO0FBQzVHLFFBQU0sS0FBSyxHQUFHLFFBQVEsUUFBUSxDQUFDLFFBQVEsS0FBSyxTQUFTLENBQUMsQ0FBQyxDQUFDO0FBQ3hELFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxPQUFPLFlBQVk7QUFDakIsVUFBSSxDQUFDLE9BQVEsUUFBTyx3QkFBd0IsS0FBSyxJQUFJLElBQUksQ0FBQztBQUMxRCxZQUFNLFNBQVMsT0FBTyxTQUFTLFVBQVU7QUFDekMsYUFBTyxXQUFXLFVBQVUsU0FBWSxPQUFPLE1BQU07QUFBQSxJQUN2RDtBQUFBLElBQ0EsU0FBUyxZQUFZLE1BQU07QUFDekIsWUFBTSxTQUFTLFFBQVEsU0FBUyxVQUFVO0FBQzFDLFVBQUksV0FBVyxRQUFTLE9BQU0sSUFBSSxRQUFRLGlCQUFpQixFQUFFLE1BQU0saUNBQWlDLE1BQU0sQ0FBQztBQUMzRyxVQUFJLFVBQVUsV0FBVyxTQUFZLEtBQUssT0FBTyxNQUFNO0FBQ3ZELGlCQUFXLENBQUMsT0FBTyxLQUFLLEtBQUssT0FBTyxRQUFRLEdBQUc7QUFDN0MsY0FBTSxNQUFNLFFBQVEsS0FBSztBQUN6QixZQUFJLEtBQUs7QUFDUCxjQUFJO0FBQ0YsdUJBQVcsSUFBSSxNQUFNLElBQUk7QUFBQSxVQUMzQixTQUFTLE9BQU87QUFDZCxrQkFBTSxVQUFVLEtBQUssRUFBRSxHQUFHLEtBQUs7QUFBQSxVQUNqQztBQUFBLFFBQ0YsTUFBTyxXQUFVLFVBQVUsS0FBSyxVQUFVLE1BQU0sV0FBVyxHQUFHLElBQUksT0FBTyxTQUFTLEtBQUssSUFBSSxVQUFVO0FBQUEsTUFDdkc7QUFDQSxhQUFPO0FBQUEsSUFDVDtBQUFBLEVBQ0Y7QUFDRjtBQUdBLElBQU0sU0FBUyxDQUFDLFNBQWlCLFNBQXlCLEdBQUcsUUFBUSxRQUFRLFFBQVEsRUFBRSxDQUFDLElBQUksS0FBSyxRQUFRLFFBQVEsRUFBRSxDQUFDO0FBRXBILFNBQVMsV0FBVyxRQUFnQixPQUEwQixPQUE4QztBQUMxRyxNQUFJO0FBQ0YsV0FBTztBQUFBLE1BQ0w7QUFBQSxNQUNBLENBQUMsU0FDQyxJQUFJLFFBQVEsZ0JBQWdCO0FBQUEsUUFDMUIsTUFBTSxrQ0FBa0MsSUFBSTtBQUFBLFFBQzVDO0FBQUEsUUFDQSxRQUFRLGtEQUFrRCxNQUFNLFNBQVMsSUFBSSxLQUFLLFlBQVksTUFBTSxLQUFLLENBQUMsS0FBSyxFQUFFO0FBQUEsUUFDakgsTUFBTSxFQUFFLEtBQUs7QUFBQSxNQUNmLENBQUM7QUFBQSxJQUNMO0FBQUEsRUFDRixTQUFTLE9BQU87QUFDZCxVQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSztBQUFBLEVBQ2pDO0FBQ0Y7QUFHTyxTQUFTLFlBQVksU0FBc0I7QUFDaEQsTUFBSTtBQUNKLE1BQUk7QUFDRixVQUFNLElBQUksSUFBSSxPQUFPO0FBQUEsRUFDdkIsUUFBUTtBQUNOLFVBQU07QUFBQSxFQUNSO0FBQ0EsTUFBSSxRQUFRLElBQUksYUFBYSxXQUFXLElBQUksYUFBYSxVQUFXLFFBQU87QUFDM0UsUUFBTSxJQUFJLFFBQVEsaUJBQWlCO0FBQUEsSUFDakMsTUFBTSxHQUFHLEtBQUssVUFBVSxPQUFPLENBQUM7QUFBQSxJQUNoQyxPQUFPLG1DQUFtQyxLQUFLLE9BQU8sSUFDbEQsdURBQ0E7QUFBQSxJQUNKLFFBQVE7QUFBQSxFQUNWLENBQUM7QUFDSDtBQUdPLFNBQVMsVUFBVSxTQUFpQixPQUE2QixPQUE0QztBQUNsSCxNQUFJLE1BQU0sV0FBVyxFQUFHLFFBQU87QUFDL0IsUUFBTSxRQUFRLE1BQU0sSUFBSSxDQUFDLFNBQVMsR0FBRyxjQUFjLEtBQUssSUFBSSxDQUFDLElBQUksTUFBTSxJQUFJLENBQUMsRUFBRSxFQUFFLEtBQUssR0FBRztBQUN4RixRQUFNLENBQUMsUUFBUSxRQUFRLElBQUksVUFBVSxTQUFTLEdBQUc7QUFDakQsUUFBTSxRQUFRLENBQUMsT0FBTyxTQUFTLEdBQUcsSUFBSSxNQUFNLFFBQVEsS0FBSyxNQUFNLElBQUksS0FBSztBQUN4RSxTQUFPLEdBQUcsTUFBTSxHQUFHLEtBQUssR0FBRyxLQUFLLEdBQUcsUUFBUTtBQUM3QztBQUVBLFNBQVMsVUFBVSxNQUFjLE1BQWdDO0FBQy9ELFFBQU0sS0FBSyxLQUFLLFFBQVEsSUFBSTtBQUM1QixTQUFPLE9BQU8sS0FBSyxDQUFDLE1BQU0sRUFBRSxJQUFJLENBQUMsS0FBSyxNQUFNLEdBQUcsRUFBRSxHQUFHLEtBQUssTUFBTSxFQUFFLENBQUM7QUFDcEU7IiwKICAibmFtZXMiOiBbXQp9Cg==
