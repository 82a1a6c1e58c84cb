import {
  requestPath
} from "./chunk-5LHUEJTR.js";
import {
  editorSchemas,
  installEditorSchemas
} from "./chunk-VSRGCJMR.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  variableNames
} from "./chunk-7G6JQYYU.js";
import {
  absoluteUrl,
  withQuery
} from "./chunk-BNANEU6A.js";
import "./chunk-G6PY5PV3.js";
import {
  writeAtomically
} from "./chunk-IBVRGXBJ.js";
import {
  printableLine
} from "./chunk-NAZM5QF7.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import "./chunk-6FF7OQVK.js";
import "./chunk-7JVJJYGZ.js";
import {
  percentEncode
} from "./chunk-VVGKGSPN.js";
import {
  noNames
} from "./chunk-ILBUWU7B.js";
import {
  placeInside
} from "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import "./chunk-ELCQYB6S.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/cli/commands/import/address.ts
import { existsSync } from "node:fs";
import { join, relative } from "node:path";

// src/core/interchange/address.ts
import { stringify } from "yaml";
function importAddress(given, origin) {
  const url = absoluteUrl(given.trim());
  if (url.username !== "" || url.password !== "") {
    throw new Problem("address-shape", {
      what: "the address holds a user and a password",
      remedy: "leave them out, and use a session of the kind basic"
    });
  }
  const own = origin !== void 0 && URL.canParse(origin) && new URL(origin).origin === url.origin;
  const path = url.pathname.replaceAll("{", "%7B").replaceAll("}", "%7D");
  const query = pairsIn(url.search);
  const names = new Set(query.map(([name]) => name));
  const interleaved = [...names].some((name) => {
    const places = query.flatMap(([one], index) => one === name ? [index] : []);
    return places.at(-1) - places[0] + 1 !== places.length;
  });
  const bare = `${own ? "${origin}" : url.origin}${path}`;
  const content = {
    about: `Imported from an address of ${url.host}`,
    url: interleaved ? `${bare}${url.search.replaceAll("{", "%7B").replaceAll("}", "%7D")}` : bare,
    ...!interleaved && query.length > 0 && { query: asMap(query) }
  };
  const joined = interleaved ? url.origin + path + url.search : withQuery(
    url.origin + path,
    query.map(([name, value]) => ({ name, value, secret: false })),
    ({ value }) => percentEncode(value)
  );
  return {
    text: stringify(content, { lineWidth: 0 }),
    path: url.pathname,
    query,
    joined,
    differs: joined !== given.trim().replace(/#.*$/, "")
  };
}
function pairsIn(search) {
  return search.replace(/^\?/, "").split("&").filter((pair) => pair !== "").map((pair) => {
    const at = pair.indexOf("=");
    const [name, value] = at === -1 ? [pair, ""] : [pair.slice(0, at), pair.slice(at + 1)];
    return [decodedOnce(name), decodedOnce(value)];
  });
}
function decodedOnce(text) {
  try {
    return decodeURIComponent(text.replaceAll("+", " "));
  } catch {
    return text;
  }
}
function asMap(query) {
  const map = {};
  for (const [name, value] of query) {
    const literal = value.replaceAll("${", () => "$${");
    const before = map[name];
    map[name] = before === void 0 ? literal : [before, literal].flat();
  }
  return map;
}

// src/cli/commands/import/address.ts
var { configure } = {
  configure(command, run) {
    command.argument("<url>", "the address, as it was copied").option("--as <path>", "the request file; else made from the path").action(
      run(async (context, [url = ""], { as }) => {
        const { terminal } = context;
        const collection = await context.collection();
        const imported = importAddress(url, await originOf(context));
        const target = requestPath(as ?? nameFrom(imported.path));
        if (existsSync(join(collection.root, target.file))) {
          throw new Problem("file-exists", {
            what: `there is a request ${target.name} already`,
            where: { file: target.file },
            remedy: "--as PATH takes another name"
          });
        }
        const up = relative(join(collection.root, target.file, ".."), collection.root) || ".";
        await writeAtomically(
          placeInside(collection.root, target.file),
          `# yaml-language-server: $schema=${up}/${editorSchemas}/request.json
${imported.text}`
        );
        await installEditorSchemas(collection.root);
        if (terminal.json) {
          return emit(terminal, "import address", {
            file: target.file,
            path: imported.path,
            query: imported.query.map(([name, value]) => ({ name, value })),
            joined: imported.joined
          });
        }
        const { out } = terminal;
        terminal.print(`${out.bold(target.file)}  ${imported.path}`);
        if (imported.query.length > 0) {
          terminal.print(
            table(
              imported.query.map(([name, value]) => [out.cyan(printableLine(name)), printableLine(value)]),
              terminal,
              { indent: 2 }
            )
          );
        }
        if (imported.differs) terminal.note(`it is sent as ${imported.joined}: the same, written as RFC 3986 has it`);
        terminal.note(`next: echo-trail preview ${target.name}`);
        return 0;
      })
    );
    examples(command, [
      [
        "import address 'http://127.0.0.1:4810/v1/berths?free=true&quay=north' --as berths/north",
        "a pasted address, made a request file"
      ]
    ]);
  }
};
async function originOf(context) {
  try {
    const { layers, world, redactor } = await context.workspace();
    const found = variableNames(layers, noNames, { world: world(), onSecret: redactor.add }).lookup("origin");
    return found && textOf(found.value);
  } catch {
    return void 0;
  }
}
function nameFrom(path) {
  const parts = path.split("/").map(
    (part) => part.toLowerCase().replace(/%[0-9a-f]{2}|[^a-z0-9]+/g, "-").replace(/^-+|-+$/g, "")
  ).filter((part) => part !== "" && !/^v\d+$/.test(part));
  return parts.length === 0 ? "imported" : parts.slice(-3).join("/");
}
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9pbXBvcnQvYWRkcmVzcy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9pbnRlcmNoYW5nZS9hZGRyZXNzLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogYGltcG9ydCBhZGRyZXNzYDogYSBwYXN0ZWQgYWRkcmVzcyBhcyBhIHJlcXVlc3QgZmlsZS4gKi9cbmltcG9ydCB7IGV4aXN0c1N5bmMgfSBmcm9tICdub2RlOmZzJztcbmltcG9ydCB7IGpvaW4sIHJlbGF0aXZlIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB7IHZhcmlhYmxlTmFtZXMgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vbGF5ZXJzLmpzJztcbmltcG9ydCB7IG5vTmFtZXMgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuaW1wb3J0IHsgaW1wb3J0QWRkcmVzcyB9IGZyb20gJy4uLy4uLy4uL2NvcmUvaW50ZXJjaGFuZ2UvYWRkcmVzcy5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgd3JpdGVBdG9taWNhbGx5IH0gZnJvbSAnLi4vLi4vLi4vY29yZS9zdG9yYWdlL2F0b21pYy13cml0ZS5qcyc7XG5pbXBvcnQgeyBwbGFjZUluc2lkZSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvc3RvcmFnZS9pbnNpZGUuanMnO1xuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vLi4vLi4vY29yZS92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB0eXBlIHsgQ29udGV4dCB9IGZyb20gJy4uLy4uL2NvbnRleHQuanMnO1xuaW1wb3J0IHsgZWRpdG9yU2NoZW1hcywgaW5zdGFsbEVkaXRvclNjaGVtYXMgfSBmcm9tICcuLi8uLi9lZGl0b3Itc2NoZW1hcy5qcyc7XG5pbXBvcnQgeyBlbWl0IH0gZnJvbSAnLi4vLi4vZW1pdC5qcyc7XG5pbXBvcnQgeyByZXF1ZXN0UGF0aCB9IGZyb20gJy4uLy4uL3JlcXVlc3QtcGF0aC5qcyc7XG5pbXBvcnQgeyBwcmludGFibGVMaW5lIH0gZnJvbSAnLi4vLi4vdmlldy9wcmludGFibGUuanMnO1xuaW1wb3J0IHsgdGFibGUgfSBmcm9tICcuLi8uLi92aWV3L3RhYmxlLmpzJztcblxuZXhwb3J0IGNvbnN0IHsgY29uZmlndXJlIH06IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kXG4gICAgICAuYXJndW1lbnQoJzx1cmw+JywgJ3RoZSBhZGRyZXNzLCBhcyBpdCB3YXMgY29waWVkJylcbiAgICAgIC5vcHRpb24oJy0tYXMgPHBhdGg+JywgJ3RoZSByZXF1ZXN0IGZpbGU7IGVsc2UgbWFkZSBmcm9tIHRoZSBwYXRoJylcbiAgICAgIC5hY3Rpb24oXG4gICAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW3VybCA9ICcnXSwgeyBhcyB9KSA9PiB7XG4gICAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgICAgICAgICBjb25zdCBjb2xsZWN0aW9uID0gYXdhaXQgY29udGV4dC5jb2xsZWN0aW9uKCk7XG4gICAgICAgICAgY29uc3QgaW1wb3J0ZWQgPSBpbXBvcnRBZGRyZXNzKHVybCwgYXdhaXQgb3JpZ2luT2YoY29udGV4dCkpO1xuICAgICAgICAgIGNvbnN0IHRhcmdldCA9IHJlcXVlc3RQYXRoKChhcyBhcyBzdHJpbmcgfCB1bmRlZmluZWQpID8/IG5hbWVGcm9tKGltcG9ydGVkLnBhdGgpKTtcbiAgICAgICAgICBpZiAoZXhpc3RzU3luYyhqb2luKGNvbGxlY3Rpb24ucm9vdCwgdGFyZ2V0LmZpbGUpKSkge1xuICAgICAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2ZpbGUtZXhpc3RzJywge1xuICAgICAgICAgICAgICB3aGF0OiBgdGhlcmUgaXMgYSByZXF1ZXN0ICR7dGFyZ2V0Lm5hbWV9IGFscmVhZHlgLFxuICAgICAgICAgICAgICB3aGVyZTogeyBmaWxlOiB0YXJnZXQuZmlsZSB9LFxuICAgICAgICAgICAgICByZW1lZHk6ICctLWFzIFBBVEggdGFrZXMgYW5vdGhlciBuYW1lJyxcbiAgICAgICAgICAgIH0pO1xuICAgICAgICAgIH1cbiAgICAgICAgICBjb25zdCB1cCA9IHJlbGF0aXZlKGpvaW4oY29sbGVjdGlvbi5yb290LCB0YXJnZXQuZmlsZSwgJy4uJyksIGNvbGxlY3Rpb24ucm9vdCkgfHwgJy4nO1xuICAgICAgICAgIGF3YWl0IHdyaXRlQXRvbWljYWxseShcbiAgICAgICAgICAgIHBsYWNlSW5zaWRlKGNvbGxlY3Rpb24ucm9vdCwgdGFyZ2V0LmZpbGUpLFxuICAgICAgICAgICAgYCMgeWFtbC1sYW5ndWFnZS1zZXJ2ZXI6ICRzY2hlbWE9JHt1cH0vJHtlZGl0b3JTY2hlbWFzfS9yZXF1ZXN0Lmpzb25cXG4ke2ltcG9ydGVkLnRleHR9YCxcbiAgICAgICAgICApO1xuICAgICAgICAgIGF3YWl0IGluc3RhbGxFZGl0b3JTY2hlbWFzKGNvbGxlY3Rpb24ucm9vdCk7XG4gICAgICAgICAgaWYgKHRlcm1pbmFsLmpzb24pIHtcbiAgICAgICAgICAgIHJldHVybiBlbWl0KHRlcm1pbmFsLCAnaW1wb3J0IGFkZHJlc3MnLCB7XG4gICAgICAgICAgICAgIGZpbGU6IHRhcmdldC5maWxlLFxuICAgICAgICAgICAgICBwYXRoOiBpbXBvcnRlZC5wYXRoLFxuICAgICAgICAgICAgICBxdWVyeTogaW1wb3J0ZWQucXVlcnkubWFwKChbbmFtZSwgdmFsdWVdKSA9PiAoeyBuYW1lLCB2YWx1ZSB9KSksXG4gICAgICAgICAgICAgIGpvaW5lZDogaW1wb3J0ZWQuam9pbmVkLFxuICAgICAgICAgICAgfSk7XG4gICAgICAgICAgfVxuICAgICAgICAgIGNvbnN0IHsgb3V0IH0gPSB0ZXJtaW5hbDtcbiAgICAgICAgICB0ZXJtaW5hbC5wcmludChgJHtvdXQuYm9sZCh0YXJnZXQuZmlsZSl9ICAke2ltcG9ydGVkLnBhdGh9YCk7XG4gICAgICAgICAgaWYgKGltcG9ydGVkLnF1ZXJ5Lmxlbmd0aCA+IDApIHtcbiAgICAgICAgICAgIHRlcm1pbmFsLnByaW50KFxuICAgICAgICAgICAgICB0YWJsZShcbiAgICAgICAgICAgICAgICBpbXBvcnRlZC5xdWVyeS5tYXAoKFtuYW1lLCB2YWx1ZV0pID0+IFtvdXQuY3lhbihwcmludGFibGVMaW5lKG5hbWUpKSwgcHJpbnRhYmxlTGluZSh2YWx1ZSldKSxcbiAgICAgICAgICAgICAgICB0ZXJtaW5hbCxcbiAgICAgICAgICAgICAgICB7IGluZGVudDogMiB9LFxuICAgICAgICAgICAgICApLFxuICAgICAgICAgICAgKTtcbiAgICAgICAgICB9XG4gICAgICAgICAgaWYgKGltcG9ydGVkLmRpZmZlcnMpIHRlcm1pbmFsLm5vdGUoYGl0IGlzIHNlbnQgYXMgJHtpbXBvcnRlZC5qb2luZWR9OiB0aGUgc2FtZSwgd3JpdHRlbiBhcyBSRkMgMzk4NiBoYXMgaXRgKTtcbiAgICAgICAgICB0ZXJtaW5hbC5ub3RlKGBuZXh0OiBlY2hvLXRyYWlsIHByZXZpZXcgJHt0YXJnZXQubmFtZX1gKTtcbiAgICAgICAgICByZXR1cm4gMDtcbiAgICAgICAgfSksXG4gICAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFtcbiAgICAgICAgXCJpbXBvcnQgYWRkcmVzcyAnaHR0cDovLzEyNy4wLjAuMTo0ODEwL3YxL2JlcnRocz9mcmVlPXRydWUmcXVheT1ub3J0aCcgLS1hcyBiZXJ0aHMvbm9ydGhcIixcbiAgICAgICAgJ2EgcGFzdGVkIGFkZHJlc3MsIG1hZGUgYSByZXF1ZXN0IGZpbGUnLFxuICAgICAgXSxcbiAgICBdKTtcbiAgfSxcbn07XG5cbi8qKiBPZiB0aGUgZW52aXJvbm1lbnQgdGhhdCBpcyBjaG9zZW4sIHdoZXJlIHRoZXJlIGlzIG9uZS4gKi9cbmFzeW5jIGZ1bmN0aW9uIG9yaWdpbk9mKGNvbnRleHQ6IENvbnRleHQpOiBQcm9taXNlPHN0cmluZyB8IHVuZGVmaW5lZD4ge1xuICB0cnkge1xuICAgIGNvbnN0IHsgbGF5ZXJzLCB3b3JsZCwgcmVkYWN0b3IgfSA9IGF3YWl0IGNvbnRleHQud29ya3NwYWNlKCk7XG4gICAgY29uc3QgZm91bmQgPSB2YXJpYWJsZU5hbWVzKGxheWVycywgbm9OYW1lcywgeyB3b3JsZDogd29ybGQoKSwgb25TZWNyZXQ6IHJlZGFjdG9yLmFkZCB9KS5sb29rdXAoJ29yaWdpbicpO1xuICAgIHJldHVybiBmb3VuZCAmJiB0ZXh0T2YoZm91bmQudmFsdWUpO1xuICB9IGNhdGNoIHtcbiAgICByZXR1cm4gdW5kZWZpbmVkO1xuICB9XG59XG5cbi8qKiBgdjEvdmVzc2Vscy85MDAwMDE3YCBiZWNvbWVzIGB2ZXNzZWxzLzkwMDAwMTdgLiAqL1xuZnVuY3Rpb24gbmFtZUZyb20ocGF0aDogc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3QgcGFydHMgPSBwYXRoXG4gICAgLnNwbGl0KCcvJylcbiAgICAubWFwKChwYXJ0KSA9PlxuICAgICAgcGFydFxuICAgICAgICAudG9Mb3dlckNhc2UoKVxuICAgICAgICAucmVwbGFjZSgvJVswLTlhLWZdezJ9fFteYS16MC05XSsvZywgJy0nKVxuICAgICAgICAucmVwbGFjZSgvXi0rfC0rJC9nLCAnJyksXG4gICAgKVxuICAgIC5maWx0ZXIoKHBhcnQpID0+IHBhcnQgIT09ICcnICYmICEvXnZcXGQrJC8udGVzdChwYXJ0KSk7XG4gIHJldHVybiBwYXJ0cy5sZW5ndGggPT09IDAgPyAnaW1wb3J0ZWQnIDogcGFydHMuc2xpY2UoLTMpLmpvaW4oJy8nKTtcbn1cbiIsICIvKiogQSBwYXN0ZWQgYWRkcmVzcyBhcyBhIHJlcXVlc3QgZmlsZTogaXRzIG9yaWdpbiwgaXRzIHBhdGgsIGFuZCBpdHMgcGFyYW1ldGVycyBkZWNvZGVkIChXSEFUV0cgVVJMIFN0YW5kYXJkLCBzZWN0aW9uIDUuMSkuICovXG5pbXBvcnQgeyBzdHJpbmdpZnkgfSBmcm9tICd5YW1sJztcbmltcG9ydCB7IGFic29sdXRlVXJsLCB3aXRoUXVlcnkgfSBmcm9tICcuLi9leGNoYW5nZS9hZGRyZXNzLmpzJztcbmltcG9ydCB7IHBlcmNlbnRFbmNvZGUgfSBmcm9tICcuLi9leHByZXNzaW9uL2ZpbHRlcnMvdGV4dC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBJbXBvcnRlZEFkZHJlc3Mge1xuICAvKiogVGhlIHRleHQgb2YgdGhlIHJlcXVlc3QgZmlsZSwgZnJvbSBpdHMgc2Vjb25kIGxpbmUuICovXG4gIHJlYWRvbmx5IHRleHQ6IHN0cmluZztcbiAgcmVhZG9ubHkgcGF0aDogc3RyaW5nO1xuICByZWFkb25seSBxdWVyeTogcmVhZG9ubHkgKHJlYWRvbmx5IFtuYW1lOiBzdHJpbmcsIHZhbHVlOiBzdHJpbmddKVtdO1xuICAvKiogVGhlIGFkZHJlc3MgdGhhdCB0aGUgZmlsZSBtYWtlcy4gKi9cbiAgcmVhZG9ubHkgam9pbmVkOiBzdHJpbmc7XG4gIC8qKiBXaGVyZSBpdCBpcyBub3QsIGxldHRlciBieSBsZXR0ZXIsIHRoZSBvbmUgdGhhdCB3YXMgZ2l2ZW4uICovXG4gIHJlYWRvbmx5IGRpZmZlcnM6IGJvb2xlYW47XG59XG5cbi8qKlxuICogQHBhcmFtIG9yaWdpbiB0aGUgZW52aXJvbm1lbnQnczsgYW4gYWRkcmVzcyB0aGVyZSBpcyB3cml0dGVuIGJlaGluZCBgJHtvcmlnaW59YFxuICogQHRocm93cyBQcm9ibGVtIGFkZHJlc3Mtc2hhcGVcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGltcG9ydEFkZHJlc3MoZ2l2ZW46IHN0cmluZywgb3JpZ2luOiBzdHJpbmcgfCB1bmRlZmluZWQpOiBJbXBvcnRlZEFkZHJlc3Mge1xuICBjb25zdCB1cmwgPSBhYnNvbHV0ZVVybChnaXZlbi50cmltKCkpO1xuICBpZiAodXJsLnVzZXJuYW1lICE9PSAnJyB8fCB1cmwucGFzc3dvcmQgIT09ICcnKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2FkZHJlc3Mtc2hhcGUnLCB7XG4gICAgICB3aGF0OiAndGhlIGFkZHJlc3MgaG9sZHMgYSB1c2VyIGFuZCBhIHBhc3N3b3JkJyxcbiAgICAgIHJlbWVkeTogJ2xlYXZlIHRoZW0gb3V0LCBhbmQgdXNlIGEgc2Vzc2lvbiBvZiB0aGUga2luZCBiYXNpYycsXG4gICAgfSk7XG4gIH1cbiAgY29uc3Qgb3duID0gb3JpZ2luICE9PSB1bmRlZmluZWQgJiYgVVJMLmNhblBhcnNlKG9yaWdpbikgJiYgbmV3IFVSTChvcmlnaW4pLm9yaWdpbiA9PT0gdXJsLm9yaWdpbjtcbiAgLy8gQnJhY2VzIHdvdWxkIGJlIHBhcnRzIG9mIHRoZSBwYXRoLCBhbmQgYSBkb2xsYXIgd2l0aCBvbmUgYW4gZXhwcmVzc2lvbi5cbiAgY29uc3QgcGF0aCA9IHVybC5wYXRobmFtZS5yZXBsYWNlQWxsKCd7JywgJyU3QicpLnJlcGxhY2VBbGwoJ30nLCAnJTdEJyk7XG4gIGNvbnN0IHF1ZXJ5ID0gcGFpcnNJbih1cmwuc2VhcmNoKTtcbiAgY29uc3QgbmFtZXMgPSBuZXcgU2V0KHF1ZXJ5Lm1hcCgoW25hbWVdKSA9PiBuYW1lKSk7XG4gIC8vIEEgbWFwIGNhbm5vdCBob2xkIGEsIGIsIGE6IHRoZW4gdGhlIG9yZGVyIG9mIHRoZSBwYXJhbWV0ZXJzIHdvdWxkIGNoYW5nZSwgYW5kIHNvbWUgdmVuZG9ycyBzaWduIGl0LlxuICBjb25zdCBpbnRlcmxlYXZlZCA9IFsuLi5uYW1lc10uc29tZSgobmFtZSkgPT4ge1xuICAgIGNvbnN0IHBsYWNlcyA9IHF1ZXJ5LmZsYXRNYXAoKFtvbmVdLCBpbmRleCkgPT4gKG9uZSA9PT0gbmFtZSA/IFtpbmRleF0gOiBbXSkpO1xuICAgIHJldHVybiAocGxhY2VzLmF0KC0xKSBhcyBudW1iZXIpIC0gKHBsYWNlc1swXSBhcyBudW1iZXIpICsgMSAhPT0gcGxhY2VzLmxlbmd0aDtcbiAgfSk7XG4gIGNvbnN0IGJhcmUgPSBgJHtvd24gPyAnJHtvcmlnaW59JyA6IHVybC5vcmlnaW59JHtwYXRofWA7XG4gIGNvbnN0IGNvbnRlbnQgPSB7XG4gICAgYWJvdXQ6IGBJbXBvcnRlZCBmcm9tIGFuIGFkZHJlc3Mgb2YgJHt1cmwuaG9zdH1gLFxuICAgIHVybDogaW50ZXJsZWF2ZWQgPyBgJHtiYXJlfSR7dXJsLnNlYXJjaC5yZXBsYWNlQWxsKCd7JywgJyU3QicpLnJlcGxhY2VBbGwoJ30nLCAnJTdEJyl9YCA6IGJhcmUsXG4gICAgLi4uKCFpbnRlcmxlYXZlZCAmJiBxdWVyeS5sZW5ndGggPiAwICYmIHsgcXVlcnk6IGFzTWFwKHF1ZXJ5KSB9KSxcbiAgfTtcbiAgY29uc3Qgam9pbmVkID0gaW50ZXJsZWF2ZWRcbiAgICA/IHVybC5vcmlnaW4gKyBwYXRoICsgdXJsLnNlYXJjaFxuICAgIDogd2l0aFF1ZXJ5KFxuICAgICAgICB1cmwub3JpZ2luICsgcGF0aCxcbiAgICAgICAgcXVlcnkubWFwKChbbmFtZSwgdmFsdWVdKSA9PiAoeyBuYW1lLCB2YWx1ZSwgc2VjcmV0OiBmYWxzZSB9KSksXG4gICAgICAgICh7IHZhbHVlIH0pID0+IHBlcmNlbnRFbmNvZGUodmFsdWUpLFxuICAgICAgKTtcbiAgcmV0dXJuIHtcbiAgICB0ZXh0OiBzdHJpbmdpZnkoY29udGVudCwgeyBsaW5lV2lkdGg6IDAgfSksXG4gICAgcGF0aDogdXJsLnBhdGhuYW1lLFxuICAgIHF1ZXJ5LFxuICAgIGpvaW5lZCxcbiAgICBkaWZmZXJzOiBqb2luZWQgIT09IGdpdmVuLnRyaW0oKS5yZXBsYWNlKC8jLiokLywgJycpLFxuICB9O1xufVxuXG4vKiogRGVjb2RlZCBvbmNlOyB3aGF0IGNhbm5vdCBiZSBkZWNvZGVkIHN0YXlzIGFzIGl0IGlzLiAqL1xuZnVuY3Rpb24gcGFpcnNJbihzZWFyY2g6IHN0cmluZyk6IFtzdHJpbmcsIHN0cmluZ11bXSB7XG4gIHJldHVybiBzZWFyY2hcbiAgICAucmVwbGFjZSgvXlxcPy8sICcnKVxuICAgIC5zcGxpdCgnJicpXG4gICAgLmZpbHRlcigocGFpcikgPT4gcGFpciAhPT0gJycpXG4gICAgLm1hcCgocGFpcikgPT4ge1xuICAgICAgY29uc3QgYXQgPSBwYWlyLmluZGV4T2YoJz0nKTtcbiAgICAgIGNvbnN0IFtuYW1lLCB2YWx1ZV0gPSBhdCA9PT0gLTEgPyBbcGFpciwgJyddIDogW3BhaXIuc2xpY2UoMCwgYXQpLCBwYWlyLnNsaWNlKGF0ICsgMSldO1xuICAgICAgcmV0dXJuIFtkZWNvZGVkT25jZShuYW1lKSwgZGVjb2RlZE9uY2UodmFsdWUpXTtcbiAgICB9KTtcbn1cblxuZnVuY3Rpb24gZGVjb2RlZE9uY2UodGV4dDogc3RyaW5nKTogc3RyaW5nIHtcbiAgdHJ5IHtcbiAgICByZXR1cm4gZGVjb2RlVVJJQ29tcG9uZW50KHRleHQucmVwbGFjZUFsbCgnKycsICcgJykpO1xuICB9IGNhdGNoIHtcbiAgICByZXR1cm4gdGV4dDtcbiAgfVxufVxuXG5mdW5jdGlvbiBhc01hcChxdWVyeTogcmVhZG9ubHkgKHJlYWRvbmx5IFtzdHJpbmcsIHN0cmluZ10pW10pOiBSZWNvcmQ8c3RyaW5nLCBzdHJpbmcgfCBzdHJpbmdbXT4ge1xuICBjb25zdCBtYXA6IFJlY29yZDxzdHJpbmcsIHN0cmluZyB8IHN0cmluZ1tdPiA9IHt9O1xuICBmb3IgKGNvbnN0IFtuYW1lLCB2YWx1ZV0gb2YgcXVlcnkpIHtcbiAgICBjb25zdCBsaXRlcmFsID0gdmFsdWUucmVwbGFjZUFsbCgnJHsnLCAoKSA9PiAnJCR7Jyk7XG4gICAgY29uc3QgYmVmb3JlID0gbWFwW25hbWVdO1xuICAgIG1hcFtuYW1lXSA9IGJlZm9yZSA9PT0gdW5kZWZpbmVkID8gbGl0ZXJhbCA6IFtiZWZvcmUsIGxpdGVyYWxdLmZsYXQoKTtcbiAgfVxuICByZXR1cm4gbWFwO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsU0FBUyxrQkFBa0I7QUFDM0IsU0FBUyxNQUFNLGdCQUFnQjs7O0FDRC9CLFNBQVMsaUJBQWlCO0FBb0JuQixTQUFTLGNBQWMsT0FBZSxRQUE2QztBQUN4RixRQUFNLE1BQU0sWUFBWSxNQUFNLEtBQUssQ0FBQztBQUNwQyxNQUFJLElBQUksYUFBYSxNQUFNLElBQUksYUFBYSxJQUFJO0FBQzlDLFVBQU0sSUFBSSxRQUFRLGlCQUFpQjtBQUFBLE1BQ2pDLE1BQU07QUFBQSxNQUNOLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxNQUFNLFdBQVcsVUFBYSxJQUFJLFNBQVMsTUFBTSxLQUFLLElBQUksSUFBSSxNQUFNLEVBQUUsV0FBVyxJQUFJO0FBRTNGLFFBQU0sT0FBTyxJQUFJLFNBQVMsV0FBVyxLQUFLLEtBQUssRUFBRSxXQUFXLEtBQUssS0FBSztBQUN0RSxRQUFNLFFBQVEsUUFBUSxJQUFJLE1BQU07QUFDaEMsUUFBTSxRQUFRLElBQUksSUFBSSxNQUFNLElBQUksQ0FBQyxDQUFDLElBQUksTUFBTSxJQUFJLENBQUM7QUFFakQsUUFBTSxjQUFjLENBQUMsR0FBRyxLQUFLLEVBQUUsS0FBSyxDQUFDLFNBQVM7QUFDNUMsVUFBTSxTQUFTLE1BQU0sUUFBUSxDQUFDLENBQUMsR0FBRyxHQUFHLFVBQVcsUUFBUSxPQUFPLENBQUMsS0FBSyxJQUFJLENBQUMsQ0FBRTtBQUM1RSxXQUFRLE9BQU8sR0FBRyxFQUFFLElBQWdCLE9BQU8sQ0FBQyxJQUFlLE1BQU0sT0FBTztBQUFBLEVBQzFFLENBQUM7QUFDRCxRQUFNLE9BQU8sR0FBRyxNQUFNLGNBQWMsSUFBSSxNQUFNLEdBQUcsSUFBSTtBQUNyRCxRQUFNLFVBQVU7QUFBQSxJQUNkLE9BQU8sK0JBQStCLElBQUksSUFBSTtBQUFBLElBQzlDLEtBQUssY0FBYyxHQUFHLElBQUksR0FBRyxJQUFJLE9BQU8sV0FBVyxLQUFLLEtBQUssRUFBRSxXQUFXLEtBQUssS0FBSyxDQUFDLEtBQUs7QUFBQSxJQUMxRixHQUFJLENBQUMsZUFBZSxNQUFNLFNBQVMsS0FBSyxFQUFFLE9BQU8sTUFBTSxLQUFLLEVBQUU7QUFBQSxFQUNoRTtBQUNBLFFBQU0sU0FBUyxjQUNYLElBQUksU0FBUyxPQUFPLElBQUksU0FDeEI7QUFBQSxJQUNFLElBQUksU0FBUztBQUFBLElBQ2IsTUFBTSxJQUFJLENBQUMsQ0FBQyxNQUFNLEtBQUssT0FBTyxFQUFFLE1BQU0sT0FBTyxRQUFRLE1BQU0sRUFBRTtBQUFBLElBQzdELENBQUMsRUFBRSxNQUFNLE1BQU0sY0FBYyxLQUFLO0FBQUEsRUFDcEM7QUFDSixTQUFPO0FBQUEsSUFDTCxNQUFNLFVBQVUsU0FBUyxFQUFFLFdBQVcsRUFBRSxDQUFDO0FBQUEsSUFDekMsTUFBTSxJQUFJO0FBQUEsSUFDVjtBQUFBLElBQ0E7QUFBQSxJQUNBLFNBQVMsV0FBVyxNQUFNLEtBQUssRUFBRSxRQUFRLFFBQVEsRUFBRTtBQUFBLEVBQ3JEO0FBQ0Y7QUFHQSxTQUFTLFFBQVEsUUFBb0M7QUFDbkQsU0FBTyxPQUNKLFFBQVEsT0FBTyxFQUFFLEVBQ2pCLE1BQU0sR0FBRyxFQUNULE9BQU8sQ0FBQyxTQUFTLFNBQVMsRUFBRSxFQUM1QixJQUFJLENBQUMsU0FBUztBQUNiLFVBQU0sS0FBSyxLQUFLLFFBQVEsR0FBRztBQUMzQixVQUFNLENBQUMsTUFBTSxLQUFLLElBQUksT0FBTyxLQUFLLENBQUMsTUFBTSxFQUFFLElBQUksQ0FBQyxLQUFLLE1BQU0sR0FBRyxFQUFFLEdBQUcsS0FBSyxNQUFNLEtBQUssQ0FBQyxDQUFDO0FBQ3JGLFdBQU8sQ0FBQyxZQUFZLElBQUksR0FBRyxZQUFZLEtBQUssQ0FBQztBQUFBLEVBQy9DLENBQUM7QUFDTDtBQUVBLFNBQVMsWUFBWSxNQUFzQjtBQUN6QyxNQUFJO0FBQ0YsV0FBTyxtQkFBbUIsS0FBSyxXQUFXLEtBQUssR0FBRyxDQUFDO0FBQUEsRUFDckQsUUFBUTtBQUNOLFdBQU87QUFBQSxFQUNUO0FBQ0Y7QUFFQSxTQUFTLE1BQU0sT0FBa0Y7QUFDL0YsUUFBTSxNQUF5QyxDQUFDO0FBQ2hELGFBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSyxPQUFPO0FBQ2pDLFVBQU0sVUFBVSxNQUFNLFdBQVcsTUFBTSxNQUFNLEtBQUs7QUFDbEQsVUFBTSxTQUFTLElBQUksSUFBSTtBQUN2QixRQUFJLElBQUksSUFBSSxXQUFXLFNBQVksVUFBVSxDQUFDLFFBQVEsT0FBTyxFQUFFLEtBQUs7QUFBQSxFQUN0RTtBQUNBLFNBQU87QUFDVDs7O0FEeEVPLElBQU0sRUFBRSxVQUFVLElBQW1CO0FBQUEsRUFDMUMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsWUFDRyxTQUFTLFNBQVMsK0JBQStCLEVBQ2pELE9BQU8sZUFBZSwyQ0FBMkMsRUFDakU7QUFBQSxNQUNDLElBQUksT0FBTyxTQUFTLENBQUMsTUFBTSxFQUFFLEdBQUcsRUFBRSxHQUFHLE1BQU07QUFDekMsY0FBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixjQUFNLGFBQWEsTUFBTSxRQUFRLFdBQVc7QUFDNUMsY0FBTSxXQUFXLGNBQWMsS0FBSyxNQUFNLFNBQVMsT0FBTyxDQUFDO0FBQzNELGNBQU0sU0FBUyxZQUFhLE1BQTZCLFNBQVMsU0FBUyxJQUFJLENBQUM7QUFDaEYsWUFBSSxXQUFXLEtBQUssV0FBVyxNQUFNLE9BQU8sSUFBSSxDQUFDLEdBQUc7QUFDbEQsZ0JBQU0sSUFBSSxRQUFRLGVBQWU7QUFBQSxZQUMvQixNQUFNLHNCQUFzQixPQUFPLElBQUk7QUFBQSxZQUN2QyxPQUFPLEVBQUUsTUFBTSxPQUFPLEtBQUs7QUFBQSxZQUMzQixRQUFRO0FBQUEsVUFDVixDQUFDO0FBQUEsUUFDSDtBQUNBLGNBQU0sS0FBSyxTQUFTLEtBQUssV0FBVyxNQUFNLE9BQU8sTUFBTSxJQUFJLEdBQUcsV0FBVyxJQUFJLEtBQUs7QUFDbEYsY0FBTTtBQUFBLFVBQ0osWUFBWSxXQUFXLE1BQU0sT0FBTyxJQUFJO0FBQUEsVUFDeEMsbUNBQW1DLEVBQUUsSUFBSSxhQUFhO0FBQUEsRUFBa0IsU0FBUyxJQUFJO0FBQUEsUUFDdkY7QUFDQSxjQUFNLHFCQUFxQixXQUFXLElBQUk7QUFDMUMsWUFBSSxTQUFTLE1BQU07QUFDakIsaUJBQU8sS0FBSyxVQUFVLGtCQUFrQjtBQUFBLFlBQ3RDLE1BQU0sT0FBTztBQUFBLFlBQ2IsTUFBTSxTQUFTO0FBQUEsWUFDZixPQUFPLFNBQVMsTUFBTSxJQUFJLENBQUMsQ0FBQyxNQUFNLEtBQUssT0FBTyxFQUFFLE1BQU0sTUFBTSxFQUFFO0FBQUEsWUFDOUQsUUFBUSxTQUFTO0FBQUEsVUFDbkIsQ0FBQztBQUFBLFFBQ0g7QUFDQSxjQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLGlCQUFTLE1BQU0sR0FBRyxJQUFJLEtBQUssT0FBTyxJQUFJLENBQUMsS0FBSyxTQUFTLElBQUksRUFBRTtBQUMzRCxZQUFJLFNBQVMsTUFBTSxTQUFTLEdBQUc7QUFDN0IsbUJBQVM7QUFBQSxZQUNQO0FBQUEsY0FDRSxTQUFTLE1BQU0sSUFBSSxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU0sQ0FBQyxJQUFJLEtBQUssY0FBYyxJQUFJLENBQUMsR0FBRyxjQUFjLEtBQUssQ0FBQyxDQUFDO0FBQUEsY0FDM0Y7QUFBQSxjQUNBLEVBQUUsUUFBUSxFQUFFO0FBQUEsWUFDZDtBQUFBLFVBQ0Y7QUFBQSxRQUNGO0FBQ0EsWUFBSSxTQUFTLFFBQVMsVUFBUyxLQUFLLGlCQUFpQixTQUFTLE1BQU0sd0NBQXdDO0FBQzVHLGlCQUFTLEtBQUssNEJBQTRCLE9BQU8sSUFBSSxFQUFFO0FBQ3ZELGVBQU87QUFBQSxNQUNULENBQUM7QUFBQSxJQUNIO0FBQ0YsYUFBUyxTQUFTO0FBQUEsTUFDaEI7QUFBQSxRQUNFO0FBQUEsUUFDQTtBQUFBLE1BQ0Y7QUFBQSxJQUNGLENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFHQSxlQUFlLFNBQVMsU0FBK0M7QUFDckUsTUFBSTtBQUNGLFVBQU0sRUFBRSxRQUFRLE9BQU8sU0FBUyxJQUFJLE1BQU0sUUFBUSxVQUFVO0FBQzVELFVBQU0sUUFBUSxjQUFjLFFBQVEsU0FBUyxFQUFFLE9BQU8sTUFBTSxHQUFHLFVBQVUsU0FBUyxJQUFJLENBQUMsRUFBRSxPQUFPLFFBQVE7QUFDeEcsV0FBTyxTQUFTLE9BQU8sTUFBTSxLQUFLO0FBQUEsRUFDcEMsUUFBUTtBQUNOLFdBQU87QUFBQSxFQUNUO0FBQ0Y7QUFHQSxTQUFTLFNBQVMsTUFBc0I7QUFDdEMsUUFBTSxRQUFRLEtBQ1gsTUFBTSxHQUFHLEVBQ1Q7QUFBQSxJQUFJLENBQUMsU0FDSixLQUNHLFlBQVksRUFDWixRQUFRLDRCQUE0QixHQUFHLEVBQ3ZDLFFBQVEsWUFBWSxFQUFFO0FBQUEsRUFDM0IsRUFDQyxPQUFPLENBQUMsU0FBUyxTQUFTLE1BQU0sQ0FBQyxTQUFTLEtBQUssSUFBSSxDQUFDO0FBQ3ZELFNBQU8sTUFBTSxXQUFXLElBQUksYUFBYSxNQUFNLE1BQU0sRUFBRSxFQUFFLEtBQUssR0FBRztBQUNuRTsiLAogICJuYW1lcyI6IFtdCn0K
