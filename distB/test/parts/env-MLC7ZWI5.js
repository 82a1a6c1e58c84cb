import {
  settingsOf
} from "./chunk-ANBTGI7E.js";
import {
  clearHeld,
  readHeld
} from "./chunk-TSTZ2E5O.js";
import {
  environmentText
} from "./chunk-YJ5KHMHN.js";
import {
  rewriteKey
} from "./chunk-EQAVUN3A.js";
import "./chunk-3FKEU5VW.js";
import "./chunk-E5WEDB6Y.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  openDocumentation,
  sourceIndex
} from "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import {
  readEnvironment,
  variableNames
} from "./chunk-7G6JQYYU.js";
import {
  shortText
} from "./chunk-WAHZOCQ7.js";
import {
  writeAtomically
} from "./chunk-IBVRGXBJ.js";
import {
  manifestName
} from "./chunk-REWHJNK7.js";
import {
  hidden
} from "./chunk-KTFSZ6KS.js";
import {
  printableLine
} from "./chunk-NAZM5QF7.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import "./chunk-IQWA53IU.js";
import "./chunk-6FF7OQVK.js";
import "./chunk-7JVJJYGZ.js";
import "./chunk-VVGKGSPN.js";
import {
  noNames
} from "./chunk-ILBUWU7B.js";
import {
  placeInside
} from "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import "./chunk-ELCQYB6S.js";
import "./chunk-ZC7SUIQQ.js";
import {
  Problem,
  asProblem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import {
  plain
} from "./chunk-XGDOGID3.js";

// src/cli/commands/env/clear.ts
var clear = {
  configure(command, run) {
    command.argument("[name]", "an environment; else the chosen one").action(
      run(async (context, [given]) => {
        const collection = await context.collection();
        const { name } = readEnvironment(collection, given ?? context.options.env, []);
        const names = await clearHeld(collection.local, name);
        context.terminal.note(
          names.length === 0 ? `nothing is held in ${name}` : `let go in ${name}: ${names.join(", ")}`
        );
        return 0;
      })
    );
    examples(command, [["env clear", "the next send starts with the defaults again"]]);
  }
};

// src/cli/commands/env/list.ts
var list = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal } = context;
        const collection = await context.collection();
        const chosen = collection.manifest.content.environment;
        const all = collection.names("environment").map((name) => {
          const { about, changes, variables } = readEnvironment(collection, name, []);
          return {
            name,
            about: about ?? null,
            chosen: name === chosen,
            changes,
            origin: variables.get("origin")?.text ?? null
          };
        });
        if (terminal.json) return emit(terminal, "env list", { environments: all });
        const { out } = terminal;
        if (all.length === 0) terminal.note("no environments yet: write environments/NAME.yaml");
        else {
          terminal.print(
            table(
              all.map(({ name, about, chosen: own, changes, origin }) => [
                out.bold(name),
                own ? out.green("chosen") : "",
                `changes: ${changes}`,
                origin ?? "",
                about ?? ""
              ]),
              terminal
            )
          );
        }
        return 0;
      })
    );
    examples(command, [["env list", "all of them, and which one is chosen"]]);
  }
};

// src/core/collection/new-environment.ts
import { existsSync } from "node:fs";
import { join } from "node:path";
function offeredServers(shelf) {
  const offered2 = /* @__PURE__ */ new Map();
  for (const [source, { source: from }] of Object.entries(shelf.docs)) {
    const base = from !== void 0 && /^https?:/i.test(from) ? from : void 0;
    const servers = sourceIndex(shelf, source).facts.servers;
    for (const server of servers.length > 0 || base === void 0 ? servers : [{ url: "/", variables: [] }]) {
      if (!URL.canParse(server.url, base)) continue;
      const url = new URL(server.url, base);
      if (!/^https?:$/.test(url.protocol)) continue;
      const key = server.variables.length > 0 ? server.url : url.origin;
      if (!offered2.has(key)) offered2.set(key, { ...server, url: url.href, source });
    }
  }
  return [...offered2.values()];
}
function originOf({ url, template, variables }, chosen) {
  for (const [name, value] of chosen) {
    const variable = variables.find((one) => one.name === name);
    const names = variables.map((one) => one.name).join(", ");
    if (!variable) {
      throw new Problem("usage", {
        what: `the server ${template ?? url} has no variable ${name}`,
        remedy: names === "" ? "it has none" : `it has: ${names}`
      });
    }
    if (variable.allowed.length > 0 && !variable.allowed.includes(value)) {
      throw new Problem("usage", {
        what: `${name} of ${template ?? url} cannot be ${value}`,
        remedy: `documented: ${variable.allowed.join(", ")}`
      });
    }
  }
  if (template === void 0) return new URL(url).origin;
  const values = new Map([...variables.map((one) => [one.name, one.default]), ...chosen]);
  const whole = template.replace(/\{([^}]+)\}/g, (written, name) => values.get(name) ?? written);
  return new URL(whole, url).origin;
}
async function makeEnvironment({ root }, { name, origin, about }) {
  if (!/^[\p{L}\p{N}][\p{L}\p{N}._/-]*$/u.test(name) || name.includes("..")) {
    throw new Problem("usage", {
      what: `${JSON.stringify(name)} cannot be the name of an environment`,
      remedy: "letters, digits, dots, dashes and underscores"
    });
  }
  const url = URL.canParse(origin) ? new URL(origin) : void 0;
  if (!url || !/^https?:$/.test(url.protocol) || url.origin !== origin.replace(/\/$/, "")) {
    throw new Problem("usage", {
      what: `${origin} is not an origin`,
      remedy: "scheme, host and port alone, such as https://api.harbour.example; the path stands in the requests"
    });
  }
  const file = `environments/${name}.yaml`;
  if (existsSync(join(root, file))) {
    throw new Problem("file-exists", { what: `there is an environment ${name} already`, where: { file } });
  }
  await writeAtomically(placeInside(root, file), environmentText({ file, origin: url.origin, about, changes: "ask" }));
  return file;
}

// src/cli/commands/env/make.ts
var make = {
  configure(command, run) {
    command.argument("<name>", "a name for it, such as live").option("--origin <url>", "scheme, host and port").option("--server <number>", "the server of that number among those that the documentation names").action(
      run(async (context, [name = ""], { origin, server }) => {
        const { terminal, options } = context;
        const collection = await context.collection();
        const chosen = settingsOf(options.set ?? []);
        if (origin !== void 0 && (server !== void 0 || chosen.size > 0)) {
          throw new Problem("usage", {
            what: "--origin stands alone: --server and --set are for servers of the documentation"
          });
        }
        const made = origin === void 0 ? await offered(context, server, chosen) : { origin, about: void 0 };
        const file = await makeEnvironment(collection, { name, ...made });
        if (terminal.json) return emit(terminal, "env make", { name, file, origin: made.origin });
        terminal.print(`${file}  ${made.origin}`);
        terminal.note(`calls that change something are asked about there: changes in ${file} says so`);
        terminal.note(`next: echo-trail env use ${name}, or --env ${name} with any command`);
        return 0;
      })
    );
    examples(command, [
      ["env make quay", "from the servers of the documentation; where there are several, you are asked"],
      ["env make quay --server 1", "the first of them"],
      ["env make night --origin http://127.0.0.1:4810", "where the documentation names none"]
    ]);
  }
};
async function offered(context, number, chosen) {
  const shelf = await context.shelf();
  await openDocumentation(shelf);
  const servers = offeredServers(shelf);
  if (servers.length === 0) {
    throw new Problem("usage", {
      what: "the documentation names no server",
      remedy: "say where it is: --origin URL"
    });
  }
  const server = await oneOf(servers, number, context);
  const values = new Map(chosen);
  if (context.terminal.interactive) {
    for (const { name, allowed } of server.variables) {
      if (values.has(name) || allowed.length < 2) continue;
      const { askChoice } = await import("./choice-4YFNBPKJ.js");
      const choices = allowed.map((value) => ({ name: value, value }));
      values.set(name, await askChoice(`${name} of ${server.template ?? server.url}:`, choices));
    }
  }
  return { origin: originOf(server, values), about: server.description };
}
async function oneOf(servers, number, { terminal }) {
  const [only] = servers;
  if (number === void 0 && only && servers.length === 1) return only;
  const lines = servers.map(({ template, url, description, source, variables }, index) => {
    const free = variables.map(({ name, allowed }) => `${name}: ${allowed.join(", ") || "any"}`).join("; ");
    return `${index + 1}  ${template ?? new URL(url).origin}  ${[source, description, free].filter(Boolean).join(", ")}`;
  });
  if (number !== void 0) {
    const server = /^\d+$/.test(number) ? servers[Number(number) - 1] : void 0;
    if (server) return server;
    throw new Problem("usage", { what: `there is no server ${number}`, remedy: `there are:${below(lines)}` });
  }
  if (!terminal.interactive) {
    throw new Problem("usage", {
      what: "the documentation names several servers",
      remedy: `--server NUMBER chooses one:${below(lines)}`
    });
  }
  const { askChoice } = await import("./choice-4YFNBPKJ.js");
  return askChoice(
    "which server?",
    servers.map((value, index) => ({ name: lines[index].replace(/^\d+ +/, ""), value }))
  );
}
var below = (lines) => lines.map((line) => `
       ${line}`).join("");

// src/cli/commands/env/show.ts
var show = {
  configure(command, run) {
    command.argument("[name]", "an environment; else the chosen one").action(
      run(async (context, [given]) => {
        const { terminal } = context;
        const workspace = await context.workspace({ environment: given });
        workspace.checkSettings([]);
        const { environment, collection, redactor } = workspace;
        const variables = variableNames(workspace.layers, noNames, {
          world: workspace.world(),
          onSecret: redactor.add
        });
        const names = [...new Set(variables.known())].map((name) => {
          try {
            const found = variables.lookup(name);
            if (!found) return { name, value: null, origin: "omitted" };
            return { name, value: found.secret ? hidden : redactor.hideIn(plain(found.value)), origin: found.origin };
          } catch (error) {
            return { name, value: null, origin: `not to be had alone: ${asProblem(error).what}` };
          }
        });
        const held = Object.entries(await readHeld(collection.local, environment.name)).map(
          ([name, { value, from }]) => ({
            name,
            value: redactor.hideIn(plain(value)),
            origin: `held from ${from}`
          })
        );
        const hosts = [...environment.hosts ?? []];
        if (terminal.json)
          return emit(terminal, "env show", {
            name: environment.name,
            changes: environment.changes,
            hosts,
            names,
            held
          });
        const { out } = terminal;
        terminal.print(
          `${out.bold(environment.name)}${environment.about === void 0 ? "" : `  ${environment.about}`}`
        );
        terminal.print(
          `changes: ${environment.changes}   credentials go to: ${hosts.length > 0 ? hosts.join(", ") : "the host of origin"}`
        );
        const rows = [...names, ...held].map(({ name, value, origin }) => [
          out.cyan(name),
          printableLine(shortText(value)),
          out.dim(origin)
        ]);
        if (rows.length > 0) terminal.print(table(rows, terminal, { indent: 2, flexible: [1, 2] }));
        return 0;
      })
    );
    examples(command, [
      ["env show", "the chosen environment"],
      ["env show live", "another one"]
    ]);
  }
};

// src/cli/commands/env/use.ts
var use = {
  configure(command, run) {
    command.argument("<name>", "an environment").action(
      run(async (context, [given = ""]) => {
        const collection = await context.collection();
        const name = collection.resolve("environment", given);
        await rewriteKey(collection.root, manifestName, ["environment"], name);
        context.terminal.note(`${name} is used where --env is not given`);
        return 0;
      })
    );
    examples(command, [["env use live", "from now on, for everybody who has the collection"]]);
  }
};

// src/cli/commands/env/env.ts
var { configure } = {
  configure(command, run) {
    list.configure(command.command("list").description("list the environments"), run);
    use.configure(
      command.command("use").description("choose the environment that is used where --env is not given"),
      run
    );
    make.configure(
      command.command("make").description("make a new environment, from the servers of the documentation"),
      run
    );
    show.configure(command.command("show").description("show every name, its value and where it comes from"), run);
    clear.configure(command.command("clear").description("let go the values that send has kept"), run);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9lbnYvY2xlYXIudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9lbnYvbGlzdC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9jb2xsZWN0aW9uL25ldy1lbnZpcm9ubWVudC50cyIsICIuLi8uLi8uLi9zcmMvY2xpL2NvbW1hbmRzL2Vudi9tYWtlLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvZW52L3Nob3cudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9lbnYvdXNlLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvZW52L2Vudi50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIGBlbnYgY2xlYXJgOiBsZXRzIHRoZSB2YWx1ZXMgZ28gdGhhdCBgc2VuZGAgaGFzIGtlcHQgZm9yIHRoZSBuZXh0IGBzZW5kYC4gKi9cbmltcG9ydCB7IHJlYWRFbnZpcm9ubWVudCB9IGZyb20gJy4uLy4uLy4uL2NvcmUvY29sbGVjdGlvbi9sYXllcnMuanMnO1xuaW1wb3J0IHsgY2xlYXJIZWxkIH0gZnJvbSAnLi4vLi4vLi4vY29yZS90cmFpbC9oZWxkLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcblxuZXhwb3J0IGNvbnN0IGNsZWFyOiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZC5hcmd1bWVudCgnW25hbWVdJywgJ2FuIGVudmlyb25tZW50OyBlbHNlIHRoZSBjaG9zZW4gb25lJykuYWN0aW9uKFxuICAgICAgcnVuKGFzeW5jIChjb250ZXh0LCBbZ2l2ZW5dKSA9PiB7XG4gICAgICAgIGNvbnN0IGNvbGxlY3Rpb24gPSBhd2FpdCBjb250ZXh0LmNvbGxlY3Rpb24oKTtcbiAgICAgICAgY29uc3QgeyBuYW1lIH0gPSByZWFkRW52aXJvbm1lbnQoY29sbGVjdGlvbiwgZ2l2ZW4gPz8gY29udGV4dC5vcHRpb25zLmVudiwgW10pO1xuICAgICAgICBjb25zdCBuYW1lcyA9IGF3YWl0IGNsZWFySGVsZChjb2xsZWN0aW9uLmxvY2FsLCBuYW1lKTtcbiAgICAgICAgY29udGV4dC50ZXJtaW5hbC5ub3RlKFxuICAgICAgICAgIG5hbWVzLmxlbmd0aCA9PT0gMCA/IGBub3RoaW5nIGlzIGhlbGQgaW4gJHtuYW1lfWAgOiBgbGV0IGdvIGluICR7bmFtZX06ICR7bmFtZXMuam9pbignLCAnKX1gLFxuICAgICAgICApO1xuICAgICAgICByZXR1cm4gMDtcbiAgICAgIH0pLFxuICAgICk7XG4gICAgZXhhbXBsZXMoY29tbWFuZCwgW1snZW52IGNsZWFyJywgJ3RoZSBuZXh0IHNlbmQgc3RhcnRzIHdpdGggdGhlIGRlZmF1bHRzIGFnYWluJ11dKTtcbiAgfSxcbn07XG4iLCAiLyoqIGBlbnYgbGlzdGAuICovXG5pbXBvcnQgeyByZWFkRW52aXJvbm1lbnQgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vbGF5ZXJzLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi8uLi9lbWl0LmpzJztcbmltcG9ydCB7IHRhYmxlIH0gZnJvbSAnLi4vLi4vdmlldy90YWJsZS5qcyc7XG5cbmV4cG9ydCBjb25zdCBsaXN0OiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZC5hY3Rpb24oXG4gICAgICBydW4oYXN5bmMgKGNvbnRleHQpID0+IHtcbiAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgICAgICAgY29uc3QgY29sbGVjdGlvbiA9IGF3YWl0IGNvbnRleHQuY29sbGVjdGlvbigpO1xuICAgICAgICBjb25zdCBjaG9zZW4gPSBjb2xsZWN0aW9uLm1hbmlmZXN0LmNvbnRlbnQuZW52aXJvbm1lbnQ7XG4gICAgICAgIGNvbnN0IGFsbCA9IGNvbGxlY3Rpb24ubmFtZXMoJ2Vudmlyb25tZW50JykubWFwKChuYW1lKSA9PiB7XG4gICAgICAgICAgY29uc3QgeyBhYm91dCwgY2hhbmdlcywgdmFyaWFibGVzIH0gPSByZWFkRW52aXJvbm1lbnQoY29sbGVjdGlvbiwgbmFtZSwgW10pO1xuICAgICAgICAgIHJldHVybiB7XG4gICAgICAgICAgICBuYW1lLFxuICAgICAgICAgICAgYWJvdXQ6IGFib3V0ID8/IG51bGwsXG4gICAgICAgICAgICBjaG9zZW46IG5hbWUgPT09IGNob3NlbixcbiAgICAgICAgICAgIGNoYW5nZXMsXG4gICAgICAgICAgICBvcmlnaW46IHZhcmlhYmxlcy5nZXQoJ29yaWdpbicpPy50ZXh0ID8/IG51bGwsXG4gICAgICAgICAgfTtcbiAgICAgICAgfSk7XG4gICAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSByZXR1cm4gZW1pdCh0ZXJtaW5hbCwgJ2VudiBsaXN0JywgeyBlbnZpcm9ubWVudHM6IGFsbCB9KTtcbiAgICAgICAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICAgICAgICBpZiAoYWxsLmxlbmd0aCA9PT0gMCkgdGVybWluYWwubm90ZSgnbm8gZW52aXJvbm1lbnRzIHlldDogd3JpdGUgZW52aXJvbm1lbnRzL05BTUUueWFtbCcpO1xuICAgICAgICBlbHNlIHtcbiAgICAgICAgICB0ZXJtaW5hbC5wcmludChcbiAgICAgICAgICAgIHRhYmxlKFxuICAgICAgICAgICAgICBhbGwubWFwKCh7IG5hbWUsIGFib3V0LCBjaG9zZW46IG93biwgY2hhbmdlcywgb3JpZ2luIH0pID0+IFtcbiAgICAgICAgICAgICAgICBvdXQuYm9sZChuYW1lKSxcbiAgICAgICAgICAgICAgICBvd24gPyBvdXQuZ3JlZW4oJ2Nob3NlbicpIDogJycsXG4gICAgICAgICAgICAgICAgYGNoYW5nZXM6ICR7Y2hhbmdlc31gLFxuICAgICAgICAgICAgICAgIG9yaWdpbiA/PyAnJyxcbiAgICAgICAgICAgICAgICBhYm91dCA/PyAnJyxcbiAgICAgICAgICAgICAgXSksXG4gICAgICAgICAgICAgIHRlcm1pbmFsLFxuICAgICAgICAgICAgKSxcbiAgICAgICAgICApO1xuICAgICAgICB9XG4gICAgICAgIHJldHVybiAwO1xuICAgICAgfSksXG4gICAgKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbWydlbnYgbGlzdCcsICdhbGwgb2YgdGhlbSwgYW5kIHdoaWNoIG9uZSBpcyBjaG9zZW4nXV0pO1xuICB9LFxufTtcbiIsICIvKiogQSBuZXcgZW52aXJvbm1lbnQsIGl0cyBvcmlnaW4gb2ZmZXJlZCBmcm9tIHRoZSBzZXJ2ZXJzIHRoYXQgdGhlIGRvY3VtZW50YXRpb24gbmFtZXMuICovXG5pbXBvcnQgeyBleGlzdHNTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB0eXBlIHsgU2VydmVyIH0gZnJvbSAnLi4vZG9jdW1lbnRhdGlvbi9tb2RlbC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHdyaXRlQXRvbWljYWxseSB9IGZyb20gJy4uL3N0b3JhZ2UvYXRvbWljLXdyaXRlLmpzJztcbmltcG9ydCB7IHBsYWNlSW5zaWRlIH0gZnJvbSAnLi4vc3RvcmFnZS9pbnNpZGUuanMnO1xuaW1wb3J0IHR5cGUgeyBDb2xsZWN0aW9uIH0gZnJvbSAnLi9jb2xsZWN0aW9uLmpzJztcbmltcG9ydCB7IGVudmlyb25tZW50VGV4dCB9IGZyb20gJy4vZW52aXJvbm1lbnQtdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IFNoZWxmIH0gZnJvbSAnLi9zaGVsZi5qcyc7XG5pbXBvcnQgeyBzb3VyY2VJbmRleCB9IGZyb20gJy4vc291cmNlLWluZGV4LmpzJztcblxuLyoqIEEgc2VydmVyIHRoYXQgYSBzb3VyY2UgbmFtZXMsIGl0cyBhZGRyZXNzIHdob2xlLiAqL1xuZXhwb3J0IGludGVyZmFjZSBPZmZlcmVkU2VydmVyIGV4dGVuZHMgU2VydmVyIHtcbiAgcmVhZG9ubHkgc291cmNlOiBzdHJpbmc7XG59XG5cbi8qKiBUaGUgc2VydmVycyBvZiBhbGwgc291cmNlcywgZWFjaCBvcmlnaW4gb25jZTsgYW4gYWRkcmVzcyB3aXRob3V0IGEgaG9zdCBpcyBhdCB0aGUgaG9zdCB0aGF0IHRoZSBzb3VyY2UgY2FtZSBmcm9tLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIG9mZmVyZWRTZXJ2ZXJzKHNoZWxmOiBTaGVsZik6IHJlYWRvbmx5IE9mZmVyZWRTZXJ2ZXJbXSB7XG4gIGNvbnN0IG9mZmVyZWQgPSBuZXcgTWFwPHN0cmluZywgT2ZmZXJlZFNlcnZlcj4oKTtcbiAgZm9yIChjb25zdCBbc291cmNlLCB7IHNvdXJjZTogZnJvbSB9XSBvZiBPYmplY3QuZW50cmllcyhzaGVsZi5kb2NzKSkge1xuICAgIGNvbnN0IGJhc2UgPSBmcm9tICE9PSB1bmRlZmluZWQgJiYgL15odHRwcz86L2kudGVzdChmcm9tKSA/IGZyb20gOiB1bmRlZmluZWQ7XG4gICAgY29uc3Qgc2VydmVycyA9IHNvdXJjZUluZGV4KHNoZWxmLCBzb3VyY2UpLmZhY3RzLnNlcnZlcnM7XG4gICAgZm9yIChjb25zdCBzZXJ2ZXIgb2Ygc2VydmVycy5sZW5ndGggPiAwIHx8IGJhc2UgPT09IHVuZGVmaW5lZCA/IHNlcnZlcnMgOiBbeyB1cmw6ICcvJywgdmFyaWFibGVzOiBbXSB9XSkge1xuICAgICAgaWYgKCFVUkwuY2FuUGFyc2Uoc2VydmVyLnVybCwgYmFzZSkpIGNvbnRpbnVlO1xuICAgICAgY29uc3QgdXJsID0gbmV3IFVSTChzZXJ2ZXIudXJsLCBiYXNlKTtcbiAgICAgIGlmICghL15odHRwcz86JC8udGVzdCh1cmwucHJvdG9jb2wpKSBjb250aW51ZTtcbiAgICAgIGNvbnN0IGtleSA9IHNlcnZlci52YXJpYWJsZXMubGVuZ3RoID4gMCA/IHNlcnZlci51cmwgOiB1cmwub3JpZ2luO1xuICAgICAgaWYgKCFvZmZlcmVkLmhhcyhrZXkpKSBvZmZlcmVkLnNldChrZXksIHsgLi4uc2VydmVyLCB1cmw6IHVybC5ocmVmLCBzb3VyY2UgfSk7XG4gICAgfVxuICB9XG4gIHJldHVybiBbLi4ub2ZmZXJlZC52YWx1ZXMoKV07XG59XG5cbi8qKlxuICogVGhlIG9yaWdpbiBvZiBhIHNlcnZlciwgaXRzIHZhcmlhYmxlcyBhdCB3aGF0IHdhcyBjaG9zZW4gb3IgZWxzZSBhdCB0aGVpciBkZWZhdWx0cy5cbiAqIEBwYXJhbSBjaG9zZW4gYnkgdGhlIG5hbWUgb2YgdGhlIHZhcmlhYmxlXG4gKiBAdGhyb3dzIFByb2JsZW0gdXNhZ2U6IGEgdmFsdWUgdGhhdCB0aGUgZG9jdW1lbnRhdGlvbiBkb2VzIG5vdCBhbGxvdywgb3Igb25lIG9mIG5vIHZhcmlhYmxlXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBvcmlnaW5PZih7IHVybCwgdGVtcGxhdGUsIHZhcmlhYmxlcyB9OiBPZmZlcmVkU2VydmVyLCBjaG9zZW46IFJlYWRvbmx5TWFwPHN0cmluZywgc3RyaW5nPik6IHN0cmluZyB7XG4gIGZvciAoY29uc3QgW25hbWUsIHZhbHVlXSBvZiBjaG9zZW4pIHtcbiAgICBjb25zdCB2YXJpYWJsZSA9IHZhcmlhYmxlcy5maW5kKChvbmUpID0+IG9uZS5uYW1lID09PSBuYW1lKTtcbiAgICBjb25zdCBuYW1lcyA9IHZhcmlhYmxlcy5tYXAoKG9uZSkgPT4gb25lLm5hbWUpLmpvaW4oJywgJyk7XG4gICAgaWYgKCF2YXJpYWJsZSkge1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgICB3aGF0OiBgdGhlIHNlcnZlciAke3RlbXBsYXRlID8/IHVybH0gaGFzIG5vIHZhcmlhYmxlICR7bmFtZX1gLFxuICAgICAgICByZW1lZHk6IG5hbWVzID09PSAnJyA/ICdpdCBoYXMgbm9uZScgOiBgaXQgaGFzOiAke25hbWVzfWAsXG4gICAgICB9KTtcbiAgICB9XG4gICAgaWYgKHZhcmlhYmxlLmFsbG93ZWQubGVuZ3RoID4gMCAmJiAhdmFyaWFibGUuYWxsb3dlZC5pbmNsdWRlcyh2YWx1ZSkpIHtcbiAgICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgICAgd2hhdDogYCR7bmFtZX0gb2YgJHt0ZW1wbGF0ZSA/PyB1cmx9IGNhbm5vdCBiZSAke3ZhbHVlfWAsXG4gICAgICAgIHJlbWVkeTogYGRvY3VtZW50ZWQ6ICR7dmFyaWFibGUuYWxsb3dlZC5qb2luKCcsICcpfWAsXG4gICAgICB9KTtcbiAgICB9XG4gIH1cbiAgaWYgKHRlbXBsYXRlID09PSB1bmRlZmluZWQpIHJldHVybiBuZXcgVVJMKHVybCkub3JpZ2luO1xuICBjb25zdCB2YWx1ZXMgPSBuZXcgTWFwKFsuLi52YXJpYWJsZXMubWFwKChvbmUpID0+IFtvbmUubmFtZSwgb25lLmRlZmF1bHRdIGFzIGNvbnN0KSwgLi4uY2hvc2VuXSk7XG4gIGNvbnN0IHdob2xlID0gdGVtcGxhdGUucmVwbGFjZSgvXFx7KFtefV0rKVxcfS9nLCAod3JpdHRlbiwgbmFtZTogc3RyaW5nKSA9PiB2YWx1ZXMuZ2V0KG5hbWUpID8/IHdyaXR0ZW4pO1xuICByZXR1cm4gbmV3IFVSTCh3aG9sZSwgdXJsKS5vcmlnaW47XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgTmV3RW52aXJvbm1lbnQge1xuICByZWFkb25seSBuYW1lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IG9yaWdpbjogc3RyaW5nO1xuICByZWFkb25seSBhYm91dDogc3RyaW5nIHwgdW5kZWZpbmVkO1xufVxuXG4vKipcbiAqIFdyaXRlcyBgZW52aXJvbm1lbnRzL05BTUUueWFtbGAuIEl0cyBjYWxscyB0aGF0IGNoYW5nZSBzb21ldGhpbmcgYXJlIGFza2VkIGFib3V0OiBub2JvZHkgaGFzIHNhaWQgeWV0IHdoYXQgaXQgaXMuXG4gKiBAcmV0dXJucyB0aGUgZmlsZSwgZnJvbSB0aGUgY29sbGVjdGlvbiBAdGhyb3dzIFByb2JsZW0gdXNhZ2UsIGZpbGUtZXhpc3RzOyB0aGVuIG5vdGhpbmcgaXMgd3JpdHRlblxuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gbWFrZUVudmlyb25tZW50KHsgcm9vdCB9OiBDb2xsZWN0aW9uLCB7IG5hbWUsIG9yaWdpbiwgYWJvdXQgfTogTmV3RW52aXJvbm1lbnQpOiBQcm9taXNlPHN0cmluZz4ge1xuICBpZiAoIS9eW1xccHtMfVxccHtOfV1bXFxwe0x9XFxwe059Ll8vLV0qJC91LnRlc3QobmFtZSkgfHwgbmFtZS5pbmNsdWRlcygnLi4nKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgIHdoYXQ6IGAke0pTT04uc3RyaW5naWZ5KG5hbWUpfSBjYW5ub3QgYmUgdGhlIG5hbWUgb2YgYW4gZW52aXJvbm1lbnRgLFxuICAgICAgcmVtZWR5OiAnbGV0dGVycywgZGlnaXRzLCBkb3RzLCBkYXNoZXMgYW5kIHVuZGVyc2NvcmVzJyxcbiAgICB9KTtcbiAgfVxuICBjb25zdCB1cmwgPSBVUkwuY2FuUGFyc2Uob3JpZ2luKSA/IG5ldyBVUkwob3JpZ2luKSA6IHVuZGVmaW5lZDtcbiAgaWYgKCF1cmwgfHwgIS9eaHR0cHM/OiQvLnRlc3QodXJsLnByb3RvY29sKSB8fCB1cmwub3JpZ2luICE9PSBvcmlnaW4ucmVwbGFjZSgvXFwvJC8sICcnKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgIHdoYXQ6IGAke29yaWdpbn0gaXMgbm90IGFuIG9yaWdpbmAsXG4gICAgICByZW1lZHk6ICdzY2hlbWUsIGhvc3QgYW5kIHBvcnQgYWxvbmUsIHN1Y2ggYXMgaHR0cHM6Ly9hcGkuaGFyYm91ci5leGFtcGxlOyB0aGUgcGF0aCBzdGFuZHMgaW4gdGhlIHJlcXVlc3RzJyxcbiAgICB9KTtcbiAgfVxuICBjb25zdCBmaWxlID0gYGVudmlyb25tZW50cy8ke25hbWV9LnlhbWxgO1xuICBpZiAoZXhpc3RzU3luYyhqb2luKHJvb3QsIGZpbGUpKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdmaWxlLWV4aXN0cycsIHsgd2hhdDogYHRoZXJlIGlzIGFuIGVudmlyb25tZW50ICR7bmFtZX0gYWxyZWFkeWAsIHdoZXJlOiB7IGZpbGUgfSB9KTtcbiAgfVxuICBhd2FpdCB3cml0ZUF0b21pY2FsbHkocGxhY2VJbnNpZGUocm9vdCwgZmlsZSksIGVudmlyb25tZW50VGV4dCh7IGZpbGUsIG9yaWdpbjogdXJsLm9yaWdpbiwgYWJvdXQsIGNoYW5nZXM6ICdhc2snIH0pKTtcbiAgcmV0dXJuIGZpbGU7XG59XG4iLCAiLyoqIGBlbnYgbWFrZWA6IGEgbmV3IGVudmlyb25tZW50LCBpdHMgb3JpZ2luIGZyb20gdGhlIHNlcnZlcnMgdGhhdCB0aGUgZG9jdW1lbnRhdGlvbiBuYW1lcy4gKi9cbmltcG9ydCB7XG4gIG1ha2VFbnZpcm9ubWVudCxcbiAgdHlwZSBPZmZlcmVkU2VydmVyLFxuICBvZmZlcmVkU2VydmVycyxcbiAgb3JpZ2luT2YsXG59IGZyb20gJy4uLy4uLy4uL2NvcmUvY29sbGVjdGlvbi9uZXctZW52aXJvbm1lbnQuanMnO1xuaW1wb3J0IHsgb3BlbkRvY3VtZW50YXRpb24gfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vc291cmNlLWluZGV4LmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0eXBlIENvbW1hbmRNb2R1bGUsIGV4YW1wbGVzIH0gZnJvbSAnLi4vLi4vY29tbWFuZC5qcyc7XG5pbXBvcnQgeyB0eXBlIENvbnRleHQsIHNldHRpbmdzT2YgfSBmcm9tICcuLi8uLi9jb250ZXh0LmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi8uLi9lbWl0LmpzJztcblxuZXhwb3J0IGNvbnN0IG1ha2U6IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kXG4gICAgICAuYXJndW1lbnQoJzxuYW1lPicsICdhIG5hbWUgZm9yIGl0LCBzdWNoIGFzIGxpdmUnKVxuICAgICAgLm9wdGlvbignLS1vcmlnaW4gPHVybD4nLCAnc2NoZW1lLCBob3N0IGFuZCBwb3J0JylcbiAgICAgIC5vcHRpb24oJy0tc2VydmVyIDxudW1iZXI+JywgJ3RoZSBzZXJ2ZXIgb2YgdGhhdCBudW1iZXIgYW1vbmcgdGhvc2UgdGhhdCB0aGUgZG9jdW1lbnRhdGlvbiBuYW1lcycpXG4gICAgICAuYWN0aW9uKFxuICAgICAgICBydW4oYXN5bmMgKGNvbnRleHQsIFtuYW1lID0gJyddLCB7IG9yaWdpbiwgc2VydmVyIH0pID0+IHtcbiAgICAgICAgICBjb25zdCB7IHRlcm1pbmFsLCBvcHRpb25zIH0gPSBjb250ZXh0O1xuICAgICAgICAgIGNvbnN0IGNvbGxlY3Rpb24gPSBhd2FpdCBjb250ZXh0LmNvbGxlY3Rpb24oKTtcbiAgICAgICAgICBjb25zdCBjaG9zZW4gPSBzZXR0aW5nc09mKG9wdGlvbnMuc2V0ID8/IFtdKTtcbiAgICAgICAgICBpZiAob3JpZ2luICE9PSB1bmRlZmluZWQgJiYgKHNlcnZlciAhPT0gdW5kZWZpbmVkIHx8IGNob3Nlbi5zaXplID4gMCkpIHtcbiAgICAgICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgICAgICAgICAgd2hhdDogJy0tb3JpZ2luIHN0YW5kcyBhbG9uZTogLS1zZXJ2ZXIgYW5kIC0tc2V0IGFyZSBmb3Igc2VydmVycyBvZiB0aGUgZG9jdW1lbnRhdGlvbicsXG4gICAgICAgICAgICB9KTtcbiAgICAgICAgICB9XG4gICAgICAgICAgY29uc3QgbWFkZSA9XG4gICAgICAgICAgICBvcmlnaW4gPT09IHVuZGVmaW5lZFxuICAgICAgICAgICAgICA/IGF3YWl0IG9mZmVyZWQoY29udGV4dCwgc2VydmVyIGFzIHN0cmluZyB8IHVuZGVmaW5lZCwgY2hvc2VuKVxuICAgICAgICAgICAgICA6IHsgb3JpZ2luOiBvcmlnaW4gYXMgc3RyaW5nLCBhYm91dDogdW5kZWZpbmVkIH07XG4gICAgICAgICAgY29uc3QgZmlsZSA9IGF3YWl0IG1ha2VFbnZpcm9ubWVudChjb2xsZWN0aW9uLCB7IG5hbWUsIC4uLm1hZGUgfSk7XG4gICAgICAgICAgaWYgKHRlcm1pbmFsLmpzb24pIHJldHVybiBlbWl0KHRlcm1pbmFsLCAnZW52IG1ha2UnLCB7IG5hbWUsIGZpbGUsIG9yaWdpbjogbWFkZS5vcmlnaW4gfSk7XG4gICAgICAgICAgdGVybWluYWwucHJpbnQoYCR7ZmlsZX0gICR7bWFkZS5vcmlnaW59YCk7XG4gICAgICAgICAgdGVybWluYWwubm90ZShgY2FsbHMgdGhhdCBjaGFuZ2Ugc29tZXRoaW5nIGFyZSBhc2tlZCBhYm91dCB0aGVyZTogY2hhbmdlcyBpbiAke2ZpbGV9IHNheXMgc29gKTtcbiAgICAgICAgICB0ZXJtaW5hbC5ub3RlKGBuZXh0OiBlY2hvLXRyYWlsIGVudiB1c2UgJHtuYW1lfSwgb3IgLS1lbnYgJHtuYW1lfSB3aXRoIGFueSBjb21tYW5kYCk7XG4gICAgICAgICAgcmV0dXJuIDA7XG4gICAgICAgIH0pLFxuICAgICAgKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbXG4gICAgICBbJ2VudiBtYWtlIHF1YXknLCAnZnJvbSB0aGUgc2VydmVycyBvZiB0aGUgZG9jdW1lbnRhdGlvbjsgd2hlcmUgdGhlcmUgYXJlIHNldmVyYWwsIHlvdSBhcmUgYXNrZWQnXSxcbiAgICAgIFsnZW52IG1ha2UgcXVheSAtLXNlcnZlciAxJywgJ3RoZSBmaXJzdCBvZiB0aGVtJ10sXG4gICAgICBbJ2VudiBtYWtlIG5pZ2h0IC0tb3JpZ2luIGh0dHA6Ly8xMjcuMC4wLjE6NDgxMCcsICd3aGVyZSB0aGUgZG9jdW1lbnRhdGlvbiBuYW1lcyBub25lJ10sXG4gICAgXSk7XG4gIH0sXG59O1xuXG5hc3luYyBmdW5jdGlvbiBvZmZlcmVkKFxuICBjb250ZXh0OiBDb250ZXh0LFxuICBudW1iZXI6IHN0cmluZyB8IHVuZGVmaW5lZCxcbiAgY2hvc2VuOiBSZWFkb25seU1hcDxzdHJpbmcsIHN0cmluZz4sXG4pOiBQcm9taXNlPHsgb3JpZ2luOiBzdHJpbmc7IGFib3V0OiBzdHJpbmcgfCB1bmRlZmluZWQgfT4ge1xuICBjb25zdCBzaGVsZiA9IGF3YWl0IGNvbnRleHQuc2hlbGYoKTtcbiAgYXdhaXQgb3BlbkRvY3VtZW50YXRpb24oc2hlbGYpO1xuICBjb25zdCBzZXJ2ZXJzID0gb2ZmZXJlZFNlcnZlcnMoc2hlbGYpO1xuICBpZiAoc2VydmVycy5sZW5ndGggPT09IDApIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICB3aGF0OiAndGhlIGRvY3VtZW50YXRpb24gbmFtZXMgbm8gc2VydmVyJyxcbiAgICAgIHJlbWVkeTogJ3NheSB3aGVyZSBpdCBpczogLS1vcmlnaW4gVVJMJyxcbiAgICB9KTtcbiAgfVxuICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCBvbmVPZihzZXJ2ZXJzLCBudW1iZXIsIGNvbnRleHQpO1xuICBjb25zdCB2YWx1ZXMgPSBuZXcgTWFwKGNob3Nlbik7XG4gIGlmIChjb250ZXh0LnRlcm1pbmFsLmludGVyYWN0aXZlKSB7XG4gICAgZm9yIChjb25zdCB7IG5hbWUsIGFsbG93ZWQgfSBvZiBzZXJ2ZXIudmFyaWFibGVzKSB7XG4gICAgICBpZiAodmFsdWVzLmhhcyhuYW1lKSB8fCBhbGxvd2VkLmxlbmd0aCA8IDIpIGNvbnRpbnVlO1xuICAgICAgY29uc3QgeyBhc2tDaG9pY2UgfSA9IGF3YWl0IGltcG9ydCgnLi4vLi4vYXNrL2Nob2ljZS5qcycpO1xuICAgICAgY29uc3QgY2hvaWNlcyA9IGFsbG93ZWQubWFwKCh2YWx1ZSkgPT4gKHsgbmFtZTogdmFsdWUsIHZhbHVlIH0pKTtcbiAgICAgIHZhbHVlcy5zZXQobmFtZSwgYXdhaXQgYXNrQ2hvaWNlKGAke25hbWV9IG9mICR7c2VydmVyLnRlbXBsYXRlID8/IHNlcnZlci51cmx9OmAsIGNob2ljZXMpKTtcbiAgICB9XG4gIH1cbiAgcmV0dXJuIHsgb3JpZ2luOiBvcmlnaW5PZihzZXJ2ZXIsIHZhbHVlcyksIGFib3V0OiBzZXJ2ZXIuZGVzY3JpcHRpb24gfTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gb25lT2YoXG4gIHNlcnZlcnM6IHJlYWRvbmx5IE9mZmVyZWRTZXJ2ZXJbXSxcbiAgbnVtYmVyOiBzdHJpbmcgfCB1bmRlZmluZWQsXG4gIHsgdGVybWluYWwgfTogQ29udGV4dCxcbik6IFByb21pc2U8T2ZmZXJlZFNlcnZlcj4ge1xuICBjb25zdCBbb25seV0gPSBzZXJ2ZXJzO1xuICBpZiAobnVtYmVyID09PSB1bmRlZmluZWQgJiYgb25seSAmJiBzZXJ2ZXJzLmxlbmd0aCA9PT0gMSkgcmV0dXJuIG9ubHk7XG4gIGNvbnN0IGxpbmVzID0gc2VydmVycy5tYXAoKHsgdGVtcGxhdGUsIHVybCwgZGVzY3JpcHRpb24sIHNvdXJjZSwgdmFyaWFibGVzIH0sIGluZGV4KSA9PiB7XG4gICAgY29uc3QgZnJlZSA9IHZhcmlhYmxlcy5tYXAoKHsgbmFtZSwgYWxsb3dlZCB9KSA9PiBgJHtuYW1lfTogJHthbGxvd2VkLmpvaW4oJywgJykgfHwgJ2FueSd9YCkuam9pbignOyAnKTtcbiAgICByZXR1cm4gYCR7aW5kZXggKyAxfSAgJHt0ZW1wbGF0ZSA/PyBuZXcgVVJMKHVybCkub3JpZ2lufSAgJHtbc291cmNlLCBkZXNjcmlwdGlvbiwgZnJlZV0uZmlsdGVyKEJvb2xlYW4pLmpvaW4oJywgJyl9YDtcbiAgfSk7XG4gIGlmIChudW1iZXIgIT09IHVuZGVmaW5lZCkge1xuICAgIGNvbnN0IHNlcnZlciA9IC9eXFxkKyQvLnRlc3QobnVtYmVyKSA/IHNlcnZlcnNbTnVtYmVyKG51bWJlcikgLSAxXSA6IHVuZGVmaW5lZDtcbiAgICBpZiAoc2VydmVyKSByZXR1cm4gc2VydmVyO1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHsgd2hhdDogYHRoZXJlIGlzIG5vIHNlcnZlciAke251bWJlcn1gLCByZW1lZHk6IGB0aGVyZSBhcmU6JHtiZWxvdyhsaW5lcyl9YCB9KTtcbiAgfVxuICBpZiAoIXRlcm1pbmFsLmludGVyYWN0aXZlKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgd2hhdDogJ3RoZSBkb2N1bWVudGF0aW9uIG5hbWVzIHNldmVyYWwgc2VydmVycycsXG4gICAgICByZW1lZHk6IGAtLXNlcnZlciBOVU1CRVIgY2hvb3NlcyBvbmU6JHtiZWxvdyhsaW5lcyl9YCxcbiAgICB9KTtcbiAgfVxuICBjb25zdCB7IGFza0Nob2ljZSB9ID0gYXdhaXQgaW1wb3J0KCcuLi8uLi9hc2svY2hvaWNlLmpzJyk7XG4gIHJldHVybiBhc2tDaG9pY2UoXG4gICAgJ3doaWNoIHNlcnZlcj8nLFxuICAgIHNlcnZlcnMubWFwKCh2YWx1ZSwgaW5kZXgpID0+ICh7IG5hbWU6IChsaW5lc1tpbmRleF0gYXMgc3RyaW5nKS5yZXBsYWNlKC9eXFxkKyArLywgJycpLCB2YWx1ZSB9KSksXG4gICk7XG59XG5cbi8qKiBVbmRlciB0aGUgbGFiZWwgb2YgYSByZW1lZHkuICovXG5jb25zdCBiZWxvdyA9IChsaW5lczogcmVhZG9ubHkgc3RyaW5nW10pOiBzdHJpbmcgPT4gbGluZXMubWFwKChsaW5lKSA9PiBgXFxuICAgICAgICR7bGluZX1gKS5qb2luKCcnKTtcbiIsICIvKiogYGVudiBzaG93YDogZXZlcnkgbmFtZSB3aXRoIGl0cyB2YWx1ZSBhbmQgaXRzIG9yaWdpbiwgaGVsZCB2YWx1ZXMgaW5jbHVkZWQuICovXG5pbXBvcnQgeyB2YXJpYWJsZU5hbWVzIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9jb2xsZWN0aW9uL2xheWVycy5qcyc7XG5pbXBvcnQgeyBoaWRkZW4gfSBmcm9tICcuLi8uLi8uLi9jb3JlL2V4Y2hhbmdlL3dpcmUuanMnO1xuaW1wb3J0IHsgbm9OYW1lcyB9IGZyb20gJy4uLy4uLy4uL2NvcmUvZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBzaG9ydFRleHQgfSBmcm9tICcuLi8uLi8uLi9jb3JlL21hdGNoZXIvcmVhZGluZy5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0gfSBmcm9tICcuLi8uLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyByZWFkSGVsZCB9IGZyb20gJy4uLy4uLy4uL2NvcmUvdHJhaWwvaGVsZC5qcyc7XG5pbXBvcnQgeyBwbGFpbiB9IGZyb20gJy4uLy4uLy4uL2NvcmUvdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyB0eXBlIENvbW1hbmRNb2R1bGUsIGV4YW1wbGVzIH0gZnJvbSAnLi4vLi4vY29tbWFuZC5qcyc7XG5pbXBvcnQgeyBlbWl0IH0gZnJvbSAnLi4vLi4vZW1pdC5qcyc7XG5pbXBvcnQgeyBwcmludGFibGVMaW5lIH0gZnJvbSAnLi4vLi4vdmlldy9wcmludGFibGUuanMnO1xuaW1wb3J0IHsgdGFibGUgfSBmcm9tICcuLi8uLi92aWV3L3RhYmxlLmpzJztcblxuZXhwb3J0IGNvbnN0IHNob3c6IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kLmFyZ3VtZW50KCdbbmFtZV0nLCAnYW4gZW52aXJvbm1lbnQ7IGVsc2UgdGhlIGNob3NlbiBvbmUnKS5hY3Rpb24oXG4gICAgICBydW4oYXN5bmMgKGNvbnRleHQsIFtnaXZlbl0pID0+IHtcbiAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgICAgICAgY29uc3Qgd29ya3NwYWNlID0gYXdhaXQgY29udGV4dC53b3Jrc3BhY2UoeyBlbnZpcm9ubWVudDogZ2l2ZW4gfSk7XG4gICAgICAgIHdvcmtzcGFjZS5jaGVja1NldHRpbmdzKFtdKTtcbiAgICAgICAgY29uc3QgeyBlbnZpcm9ubWVudCwgY29sbGVjdGlvbiwgcmVkYWN0b3IgfSA9IHdvcmtzcGFjZTtcbiAgICAgICAgY29uc3QgdmFyaWFibGVzID0gdmFyaWFibGVOYW1lcyh3b3Jrc3BhY2UubGF5ZXJzLCBub05hbWVzLCB7XG4gICAgICAgICAgd29ybGQ6IHdvcmtzcGFjZS53b3JsZCgpLFxuICAgICAgICAgIG9uU2VjcmV0OiByZWRhY3Rvci5hZGQsXG4gICAgICAgIH0pO1xuICAgICAgICBjb25zdCBuYW1lcyA9IFsuLi5uZXcgU2V0KHZhcmlhYmxlcy5rbm93bigpKV0ubWFwKChuYW1lKSA9PiB7XG4gICAgICAgICAgdHJ5IHtcbiAgICAgICAgICAgIGNvbnN0IGZvdW5kID0gdmFyaWFibGVzLmxvb2t1cChuYW1lKTtcbiAgICAgICAgICAgIGlmICghZm91bmQpIHJldHVybiB7IG5hbWUsIHZhbHVlOiBudWxsLCBvcmlnaW46ICdvbWl0dGVkJyB9O1xuICAgICAgICAgICAgcmV0dXJuIHsgbmFtZSwgdmFsdWU6IGZvdW5kLnNlY3JldCA/IGhpZGRlbiA6IHJlZGFjdG9yLmhpZGVJbihwbGFpbihmb3VuZC52YWx1ZSkpLCBvcmlnaW46IGZvdW5kLm9yaWdpbiB9O1xuICAgICAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgICAgICByZXR1cm4geyBuYW1lLCB2YWx1ZTogbnVsbCwgb3JpZ2luOiBgbm90IHRvIGJlIGhhZCBhbG9uZTogJHthc1Byb2JsZW0oZXJyb3IpLndoYXR9YCB9O1xuICAgICAgICAgIH1cbiAgICAgICAgfSk7XG4gICAgICAgIGNvbnN0IGhlbGQgPSBPYmplY3QuZW50cmllcyhhd2FpdCByZWFkSGVsZChjb2xsZWN0aW9uLmxvY2FsLCBlbnZpcm9ubWVudC5uYW1lKSkubWFwKFxuICAgICAgICAgIChbbmFtZSwgeyB2YWx1ZSwgZnJvbSB9XSkgPT4gKHtcbiAgICAgICAgICAgIG5hbWUsXG4gICAgICAgICAgICB2YWx1ZTogcmVkYWN0b3IuaGlkZUluKHBsYWluKHZhbHVlKSksXG4gICAgICAgICAgICBvcmlnaW46IGBoZWxkIGZyb20gJHtmcm9tfWAsXG4gICAgICAgICAgfSksXG4gICAgICAgICk7XG4gICAgICAgIGNvbnN0IGhvc3RzID0gWy4uLihlbnZpcm9ubWVudC5ob3N0cyA/PyBbXSldO1xuICAgICAgICBpZiAodGVybWluYWwuanNvbilcbiAgICAgICAgICByZXR1cm4gZW1pdCh0ZXJtaW5hbCwgJ2VudiBzaG93Jywge1xuICAgICAgICAgICAgbmFtZTogZW52aXJvbm1lbnQubmFtZSxcbiAgICAgICAgICAgIGNoYW5nZXM6IGVudmlyb25tZW50LmNoYW5nZXMsXG4gICAgICAgICAgICBob3N0cyxcbiAgICAgICAgICAgIG5hbWVzLFxuICAgICAgICAgICAgaGVsZCxcbiAgICAgICAgICB9KTtcbiAgICAgICAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICAgICAgICB0ZXJtaW5hbC5wcmludChcbiAgICAgICAgICBgJHtvdXQuYm9sZChlbnZpcm9ubWVudC5uYW1lKX0ke2Vudmlyb25tZW50LmFib3V0ID09PSB1bmRlZmluZWQgPyAnJyA6IGAgICR7ZW52aXJvbm1lbnQuYWJvdXR9YH1gLFxuICAgICAgICApO1xuICAgICAgICB0ZXJtaW5hbC5wcmludChcbiAgICAgICAgICBgY2hhbmdlczogJHtlbnZpcm9ubWVudC5jaGFuZ2VzfSAgIGNyZWRlbnRpYWxzIGdvIHRvOiAke2hvc3RzLmxlbmd0aCA+IDAgPyBob3N0cy5qb2luKCcsICcpIDogJ3RoZSBob3N0IG9mIG9yaWdpbid9YCxcbiAgICAgICAgKTtcbiAgICAgICAgY29uc3Qgcm93cyA9IFsuLi5uYW1lcywgLi4uaGVsZF0ubWFwKCh7IG5hbWUsIHZhbHVlLCBvcmlnaW4gfSkgPT4gW1xuICAgICAgICAgIG91dC5jeWFuKG5hbWUpLFxuICAgICAgICAgIHByaW50YWJsZUxpbmUoc2hvcnRUZXh0KHZhbHVlKSksXG4gICAgICAgICAgb3V0LmRpbShvcmlnaW4pLFxuICAgICAgICBdKTtcbiAgICAgICAgaWYgKHJvd3MubGVuZ3RoID4gMCkgdGVybWluYWwucHJpbnQodGFibGUocm93cywgdGVybWluYWwsIHsgaW5kZW50OiAyLCBmbGV4aWJsZTogWzEsIDJdIH0pKTtcbiAgICAgICAgcmV0dXJuIDA7XG4gICAgICB9KSxcbiAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFsnZW52IHNob3cnLCAndGhlIGNob3NlbiBlbnZpcm9ubWVudCddLFxuICAgICAgWydlbnYgc2hvdyBsaXZlJywgJ2Fub3RoZXIgb25lJ10sXG4gICAgXSk7XG4gIH0sXG59O1xuIiwgIi8qKiBgZW52IHVzZWA6IHdyaXRlcyB0aGUgbWFuaWZlc3QuICovXG5pbXBvcnQgeyBtYW5pZmVzdE5hbWUgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vZmluZC1jb2xsZWN0aW9uLmpzJztcbmltcG9ydCB7IHJld3JpdGVLZXkgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vcmV3cml0ZS5qcyc7XG5pbXBvcnQgeyB0eXBlIENvbW1hbmRNb2R1bGUsIGV4YW1wbGVzIH0gZnJvbSAnLi4vLi4vY29tbWFuZC5qcyc7XG5cbmV4cG9ydCBjb25zdCB1c2U6IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kLmFyZ3VtZW50KCc8bmFtZT4nLCAnYW4gZW52aXJvbm1lbnQnKS5hY3Rpb24oXG4gICAgICBydW4oYXN5bmMgKGNvbnRleHQsIFtnaXZlbiA9ICcnXSkgPT4ge1xuICAgICAgICBjb25zdCBjb2xsZWN0aW9uID0gYXdhaXQgY29udGV4dC5jb2xsZWN0aW9uKCk7XG4gICAgICAgIGNvbnN0IG5hbWUgPSBjb2xsZWN0aW9uLnJlc29sdmUoJ2Vudmlyb25tZW50JywgZ2l2ZW4pO1xuICAgICAgICBhd2FpdCByZXdyaXRlS2V5KGNvbGxlY3Rpb24ucm9vdCwgbWFuaWZlc3ROYW1lLCBbJ2Vudmlyb25tZW50J10sIG5hbWUpO1xuICAgICAgICBjb250ZXh0LnRlcm1pbmFsLm5vdGUoYCR7bmFtZX0gaXMgdXNlZCB3aGVyZSAtLWVudiBpcyBub3QgZ2l2ZW5gKTtcbiAgICAgICAgcmV0dXJuIDA7XG4gICAgICB9KSxcbiAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtbJ2VudiB1c2UgbGl2ZScsICdmcm9tIG5vdyBvbiwgZm9yIGV2ZXJ5Ym9keSB3aG8gaGFzIHRoZSBjb2xsZWN0aW9uJ11dKTtcbiAgfSxcbn07XG4iLCAiLyoqIGBlbnZgOiB3aGVyZSByZXF1ZXN0cyBnby4gKi9cbmltcG9ydCB0eXBlIHsgQ29tbWFuZE1vZHVsZSB9IGZyb20gJy4uLy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHsgY2xlYXIgfSBmcm9tICcuL2NsZWFyLmpzJztcbmltcG9ydCB7IGxpc3QgfSBmcm9tICcuL2xpc3QuanMnO1xuaW1wb3J0IHsgbWFrZSB9IGZyb20gJy4vbWFrZS5qcyc7XG5pbXBvcnQgeyBzaG93IH0gZnJvbSAnLi9zaG93LmpzJztcbmltcG9ydCB7IHVzZSB9IGZyb20gJy4vdXNlLmpzJztcblxuZXhwb3J0IGNvbnN0IHsgY29uZmlndXJlIH06IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBsaXN0LmNvbmZpZ3VyZShjb21tYW5kLmNvbW1hbmQoJ2xpc3QnKS5kZXNjcmlwdGlvbignbGlzdCB0aGUgZW52aXJvbm1lbnRzJyksIHJ1bik7XG4gICAgdXNlLmNvbmZpZ3VyZShcbiAgICAgIGNvbW1hbmQuY29tbWFuZCgndXNlJykuZGVzY3JpcHRpb24oJ2Nob29zZSB0aGUgZW52aXJvbm1lbnQgdGhhdCBpcyB1c2VkIHdoZXJlIC0tZW52IGlzIG5vdCBnaXZlbicpLFxuICAgICAgcnVuLFxuICAgICk7XG4gICAgbWFrZS5jb25maWd1cmUoXG4gICAgICBjb21tYW5kLmNvbW1hbmQoJ21ha2UnKS5kZXNjcmlwdGlvbignbWFrZSBhIG5ldyBlbnZpcm9ubWVudCwgZnJvbSB0aGUgc2VydmVycyBvZiB0aGUgZG9jdW1lbnRhdGlvbicpLFxuICAgICAgcnVuLFxuICAgICk7XG4gICAgc2hvdy5jb25maWd1cmUoY29tbWFuZC5jb21tYW5kKCdzaG93JykuZGVzY3JpcHRpb24oJ3Nob3cgZXZlcnkgbmFtZSwgaXRzIHZhbHVlIGFuZCB3aGVyZSBpdCBjb21lcyBmcm9tJyksIHJ1bik7XG4gICAgY2xlYXIuY29uZmlndXJlKGNvbW1hbmQuY29tbWFuZCgnY2xlYXInKS5kZXNjcmlwdGlvbignbGV0IGdvIHRoZSB2YWx1ZXMgdGhhdCBzZW5kIGhhcyBrZXB0JyksIHJ1bik7XG4gIH0sXG59O1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBS08sSUFBTSxRQUF1QjtBQUFBLEVBQ2xDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQVEsU0FBUyxVQUFVLHFDQUFxQyxFQUFFO0FBQUEsTUFDaEUsSUFBSSxPQUFPLFNBQVMsQ0FBQyxLQUFLLE1BQU07QUFDOUIsY0FBTSxhQUFhLE1BQU0sUUFBUSxXQUFXO0FBQzVDLGNBQU0sRUFBRSxLQUFLLElBQUksZ0JBQWdCLFlBQVksU0FBUyxRQUFRLFFBQVEsS0FBSyxDQUFDLENBQUM7QUFDN0UsY0FBTSxRQUFRLE1BQU0sVUFBVSxXQUFXLE9BQU8sSUFBSTtBQUNwRCxnQkFBUSxTQUFTO0FBQUEsVUFDZixNQUFNLFdBQVcsSUFBSSxzQkFBc0IsSUFBSSxLQUFLLGFBQWEsSUFBSSxLQUFLLE1BQU0sS0FBSyxJQUFJLENBQUM7QUFBQSxRQUM1RjtBQUNBLGVBQU87QUFBQSxNQUNULENBQUM7QUFBQSxJQUNIO0FBQ0EsYUFBUyxTQUFTLENBQUMsQ0FBQyxhQUFhLDhDQUE4QyxDQUFDLENBQUM7QUFBQSxFQUNuRjtBQUNGOzs7QUNkTyxJQUFNLE9BQXNCO0FBQUEsRUFDakMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsWUFBUTtBQUFBLE1BQ04sSUFBSSxPQUFPLFlBQVk7QUFDckIsY0FBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixjQUFNLGFBQWEsTUFBTSxRQUFRLFdBQVc7QUFDNUMsY0FBTSxTQUFTLFdBQVcsU0FBUyxRQUFRO0FBQzNDLGNBQU0sTUFBTSxXQUFXLE1BQU0sYUFBYSxFQUFFLElBQUksQ0FBQyxTQUFTO0FBQ3hELGdCQUFNLEVBQUUsT0FBTyxTQUFTLFVBQVUsSUFBSSxnQkFBZ0IsWUFBWSxNQUFNLENBQUMsQ0FBQztBQUMxRSxpQkFBTztBQUFBLFlBQ0w7QUFBQSxZQUNBLE9BQU8sU0FBUztBQUFBLFlBQ2hCLFFBQVEsU0FBUztBQUFBLFlBQ2pCO0FBQUEsWUFDQSxRQUFRLFVBQVUsSUFBSSxRQUFRLEdBQUcsUUFBUTtBQUFBLFVBQzNDO0FBQUEsUUFDRixDQUFDO0FBQ0QsWUFBSSxTQUFTLEtBQU0sUUFBTyxLQUFLLFVBQVUsWUFBWSxFQUFFLGNBQWMsSUFBSSxDQUFDO0FBQzFFLGNBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsWUFBSSxJQUFJLFdBQVcsRUFBRyxVQUFTLEtBQUssbURBQW1EO0FBQUEsYUFDbEY7QUFDSCxtQkFBUztBQUFBLFlBQ1A7QUFBQSxjQUNFLElBQUksSUFBSSxDQUFDLEVBQUUsTUFBTSxPQUFPLFFBQVEsS0FBSyxTQUFTLE9BQU8sTUFBTTtBQUFBLGdCQUN6RCxJQUFJLEtBQUssSUFBSTtBQUFBLGdCQUNiLE1BQU0sSUFBSSxNQUFNLFFBQVEsSUFBSTtBQUFBLGdCQUM1QixZQUFZLE9BQU87QUFBQSxnQkFDbkIsVUFBVTtBQUFBLGdCQUNWLFNBQVM7QUFBQSxjQUNYLENBQUM7QUFBQSxjQUNEO0FBQUEsWUFDRjtBQUFBLFVBQ0Y7QUFBQSxRQUNGO0FBQ0EsZUFBTztBQUFBLE1BQ1QsQ0FBQztBQUFBLElBQ0g7QUFDQSxhQUFTLFNBQVMsQ0FBQyxDQUFDLFlBQVksc0NBQXNDLENBQUMsQ0FBQztBQUFBLEVBQzFFO0FBQ0Y7OztBQzVDQSxTQUFTLGtCQUFrQjtBQUMzQixTQUFTLFlBQVk7QUFnQmQsU0FBUyxlQUFlLE9BQXdDO0FBQ3JFLFFBQU1BLFdBQVUsb0JBQUksSUFBMkI7QUFDL0MsYUFBVyxDQUFDLFFBQVEsRUFBRSxRQUFRLEtBQUssQ0FBQyxLQUFLLE9BQU8sUUFBUSxNQUFNLElBQUksR0FBRztBQUNuRSxVQUFNLE9BQU8sU0FBUyxVQUFhLFlBQVksS0FBSyxJQUFJLElBQUksT0FBTztBQUNuRSxVQUFNLFVBQVUsWUFBWSxPQUFPLE1BQU0sRUFBRSxNQUFNO0FBQ2pELGVBQVcsVUFBVSxRQUFRLFNBQVMsS0FBSyxTQUFTLFNBQVksVUFBVSxDQUFDLEVBQUUsS0FBSyxLQUFLLFdBQVcsQ0FBQyxFQUFFLENBQUMsR0FBRztBQUN2RyxVQUFJLENBQUMsSUFBSSxTQUFTLE9BQU8sS0FBSyxJQUFJLEVBQUc7QUFDckMsWUFBTSxNQUFNLElBQUksSUFBSSxPQUFPLEtBQUssSUFBSTtBQUNwQyxVQUFJLENBQUMsWUFBWSxLQUFLLElBQUksUUFBUSxFQUFHO0FBQ3JDLFlBQU0sTUFBTSxPQUFPLFVBQVUsU0FBUyxJQUFJLE9BQU8sTUFBTSxJQUFJO0FBQzNELFVBQUksQ0FBQ0EsU0FBUSxJQUFJLEdBQUcsRUFBRyxDQUFBQSxTQUFRLElBQUksS0FBSyxFQUFFLEdBQUcsUUFBUSxLQUFLLElBQUksTUFBTSxPQUFPLENBQUM7QUFBQSxJQUM5RTtBQUFBLEVBQ0Y7QUFDQSxTQUFPLENBQUMsR0FBR0EsU0FBUSxPQUFPLENBQUM7QUFDN0I7QUFPTyxTQUFTLFNBQVMsRUFBRSxLQUFLLFVBQVUsVUFBVSxHQUFrQixRQUE2QztBQUNqSCxhQUFXLENBQUMsTUFBTSxLQUFLLEtBQUssUUFBUTtBQUNsQyxVQUFNLFdBQVcsVUFBVSxLQUFLLENBQUMsUUFBUSxJQUFJLFNBQVMsSUFBSTtBQUMxRCxVQUFNLFFBQVEsVUFBVSxJQUFJLENBQUMsUUFBUSxJQUFJLElBQUksRUFBRSxLQUFLLElBQUk7QUFDeEQsUUFBSSxDQUFDLFVBQVU7QUFDYixZQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsUUFDekIsTUFBTSxjQUFjLFlBQVksR0FBRyxvQkFBb0IsSUFBSTtBQUFBLFFBQzNELFFBQVEsVUFBVSxLQUFLLGdCQUFnQixXQUFXLEtBQUs7QUFBQSxNQUN6RCxDQUFDO0FBQUEsSUFDSDtBQUNBLFFBQUksU0FBUyxRQUFRLFNBQVMsS0FBSyxDQUFDLFNBQVMsUUFBUSxTQUFTLEtBQUssR0FBRztBQUNwRSxZQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsUUFDekIsTUFBTSxHQUFHLElBQUksT0FBTyxZQUFZLEdBQUcsY0FBYyxLQUFLO0FBQUEsUUFDdEQsUUFBUSxlQUFlLFNBQVMsUUFBUSxLQUFLLElBQUksQ0FBQztBQUFBLE1BQ3BELENBQUM7QUFBQSxJQUNIO0FBQUEsRUFDRjtBQUNBLE1BQUksYUFBYSxPQUFXLFFBQU8sSUFBSSxJQUFJLEdBQUcsRUFBRTtBQUNoRCxRQUFNLFNBQVMsSUFBSSxJQUFJLENBQUMsR0FBRyxVQUFVLElBQUksQ0FBQyxRQUFRLENBQUMsSUFBSSxNQUFNLElBQUksT0FBTyxDQUFVLEdBQUcsR0FBRyxNQUFNLENBQUM7QUFDL0YsUUFBTSxRQUFRLFNBQVMsUUFBUSxnQkFBZ0IsQ0FBQyxTQUFTLFNBQWlCLE9BQU8sSUFBSSxJQUFJLEtBQUssT0FBTztBQUNyRyxTQUFPLElBQUksSUFBSSxPQUFPLEdBQUcsRUFBRTtBQUM3QjtBQVlBLGVBQXNCLGdCQUFnQixFQUFFLEtBQUssR0FBZSxFQUFFLE1BQU0sUUFBUSxNQUFNLEdBQW9DO0FBQ3BILE1BQUksQ0FBQyxtQ0FBbUMsS0FBSyxJQUFJLEtBQUssS0FBSyxTQUFTLElBQUksR0FBRztBQUN6RSxVQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsTUFDekIsTUFBTSxHQUFHLEtBQUssVUFBVSxJQUFJLENBQUM7QUFBQSxNQUM3QixRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sTUFBTSxJQUFJLFNBQVMsTUFBTSxJQUFJLElBQUksSUFBSSxNQUFNLElBQUk7QUFDckQsTUFBSSxDQUFDLE9BQU8sQ0FBQyxZQUFZLEtBQUssSUFBSSxRQUFRLEtBQUssSUFBSSxXQUFXLE9BQU8sUUFBUSxPQUFPLEVBQUUsR0FBRztBQUN2RixVQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsTUFDekIsTUFBTSxHQUFHLE1BQU07QUFBQSxNQUNmLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxPQUFPLGdCQUFnQixJQUFJO0FBQ2pDLE1BQUksV0FBVyxLQUFLLE1BQU0sSUFBSSxDQUFDLEdBQUc7QUFDaEMsVUFBTSxJQUFJLFFBQVEsZUFBZSxFQUFFLE1BQU0sMkJBQTJCLElBQUksWUFBWSxPQUFPLEVBQUUsS0FBSyxFQUFFLENBQUM7QUFBQSxFQUN2RztBQUNBLFFBQU0sZ0JBQWdCLFlBQVksTUFBTSxJQUFJLEdBQUcsZ0JBQWdCLEVBQUUsTUFBTSxRQUFRLElBQUksUUFBUSxPQUFPLFNBQVMsTUFBTSxDQUFDLENBQUM7QUFDbkgsU0FBTztBQUNUOzs7QUMvRU8sSUFBTSxPQUFzQjtBQUFBLEVBQ2pDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQ0csU0FBUyxVQUFVLDZCQUE2QixFQUNoRCxPQUFPLGtCQUFrQix1QkFBdUIsRUFDaEQsT0FBTyxxQkFBcUIsb0VBQW9FLEVBQ2hHO0FBQUEsTUFDQyxJQUFJLE9BQU8sU0FBUyxDQUFDLE9BQU8sRUFBRSxHQUFHLEVBQUUsUUFBUSxPQUFPLE1BQU07QUFDdEQsY0FBTSxFQUFFLFVBQVUsUUFBUSxJQUFJO0FBQzlCLGNBQU0sYUFBYSxNQUFNLFFBQVEsV0FBVztBQUM1QyxjQUFNLFNBQVMsV0FBVyxRQUFRLE9BQU8sQ0FBQyxDQUFDO0FBQzNDLFlBQUksV0FBVyxXQUFjLFdBQVcsVUFBYSxPQUFPLE9BQU8sSUFBSTtBQUNyRSxnQkFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLFlBQ3pCLE1BQU07QUFBQSxVQUNSLENBQUM7QUFBQSxRQUNIO0FBQ0EsY0FBTSxPQUNKLFdBQVcsU0FDUCxNQUFNLFFBQVEsU0FBUyxRQUE4QixNQUFNLElBQzNELEVBQUUsUUFBMEIsT0FBTyxPQUFVO0FBQ25ELGNBQU0sT0FBTyxNQUFNLGdCQUFnQixZQUFZLEVBQUUsTUFBTSxHQUFHLEtBQUssQ0FBQztBQUNoRSxZQUFJLFNBQVMsS0FBTSxRQUFPLEtBQUssVUFBVSxZQUFZLEVBQUUsTUFBTSxNQUFNLFFBQVEsS0FBSyxPQUFPLENBQUM7QUFDeEYsaUJBQVMsTUFBTSxHQUFHLElBQUksS0FBSyxLQUFLLE1BQU0sRUFBRTtBQUN4QyxpQkFBUyxLQUFLLGlFQUFpRSxJQUFJLFVBQVU7QUFDN0YsaUJBQVMsS0FBSyw0QkFBNEIsSUFBSSxjQUFjLElBQUksbUJBQW1CO0FBQ25GLGVBQU87QUFBQSxNQUNULENBQUM7QUFBQSxJQUNIO0FBQ0YsYUFBUyxTQUFTO0FBQUEsTUFDaEIsQ0FBQyxpQkFBaUIsK0VBQStFO0FBQUEsTUFDakcsQ0FBQyw0QkFBNEIsbUJBQW1CO0FBQUEsTUFDaEQsQ0FBQyxpREFBaUQsb0NBQW9DO0FBQUEsSUFDeEYsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUVBLGVBQWUsUUFDYixTQUNBLFFBQ0EsUUFDd0Q7QUFDeEQsUUFBTSxRQUFRLE1BQU0sUUFBUSxNQUFNO0FBQ2xDLFFBQU0sa0JBQWtCLEtBQUs7QUFDN0IsUUFBTSxVQUFVLGVBQWUsS0FBSztBQUNwQyxNQUFJLFFBQVEsV0FBVyxHQUFHO0FBQ3hCLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNO0FBQUEsTUFDTixRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sU0FBUyxNQUFNLE1BQU0sU0FBUyxRQUFRLE9BQU87QUFDbkQsUUFBTSxTQUFTLElBQUksSUFBSSxNQUFNO0FBQzdCLE1BQUksUUFBUSxTQUFTLGFBQWE7QUFDaEMsZUFBVyxFQUFFLE1BQU0sUUFBUSxLQUFLLE9BQU8sV0FBVztBQUNoRCxVQUFJLE9BQU8sSUFBSSxJQUFJLEtBQUssUUFBUSxTQUFTLEVBQUc7QUFDNUMsWUFBTSxFQUFFLFVBQVUsSUFBSSxNQUFNLE9BQU8sc0JBQXFCO0FBQ3hELFlBQU0sVUFBVSxRQUFRLElBQUksQ0FBQyxXQUFXLEVBQUUsTUFBTSxPQUFPLE1BQU0sRUFBRTtBQUMvRCxhQUFPLElBQUksTUFBTSxNQUFNLFVBQVUsR0FBRyxJQUFJLE9BQU8sT0FBTyxZQUFZLE9BQU8sR0FBRyxLQUFLLE9BQU8sQ0FBQztBQUFBLElBQzNGO0FBQUEsRUFDRjtBQUNBLFNBQU8sRUFBRSxRQUFRLFNBQVMsUUFBUSxNQUFNLEdBQUcsT0FBTyxPQUFPLFlBQVk7QUFDdkU7QUFFQSxlQUFlLE1BQ2IsU0FDQSxRQUNBLEVBQUUsU0FBUyxHQUNhO0FBQ3hCLFFBQU0sQ0FBQyxJQUFJLElBQUk7QUFDZixNQUFJLFdBQVcsVUFBYSxRQUFRLFFBQVEsV0FBVyxFQUFHLFFBQU87QUFDakUsUUFBTSxRQUFRLFFBQVEsSUFBSSxDQUFDLEVBQUUsVUFBVSxLQUFLLGFBQWEsUUFBUSxVQUFVLEdBQUcsVUFBVTtBQUN0RixVQUFNLE9BQU8sVUFBVSxJQUFJLENBQUMsRUFBRSxNQUFNLFFBQVEsTUFBTSxHQUFHLElBQUksS0FBSyxRQUFRLEtBQUssSUFBSSxLQUFLLEtBQUssRUFBRSxFQUFFLEtBQUssSUFBSTtBQUN0RyxXQUFPLEdBQUcsUUFBUSxDQUFDLEtBQUssWUFBWSxJQUFJLElBQUksR0FBRyxFQUFFLE1BQU0sS0FBSyxDQUFDLFFBQVEsYUFBYSxJQUFJLEVBQUUsT0FBTyxPQUFPLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFBQSxFQUNwSCxDQUFDO0FBQ0QsTUFBSSxXQUFXLFFBQVc7QUFDeEIsVUFBTSxTQUFTLFFBQVEsS0FBSyxNQUFNLElBQUksUUFBUSxPQUFPLE1BQU0sSUFBSSxDQUFDLElBQUk7QUFDcEUsUUFBSSxPQUFRLFFBQU87QUFDbkIsVUFBTSxJQUFJLFFBQVEsU0FBUyxFQUFFLE1BQU0sc0JBQXNCLE1BQU0sSUFBSSxRQUFRLGFBQWEsTUFBTSxLQUFLLENBQUMsR0FBRyxDQUFDO0FBQUEsRUFDMUc7QUFDQSxNQUFJLENBQUMsU0FBUyxhQUFhO0FBQ3pCLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNO0FBQUEsTUFDTixRQUFRLCtCQUErQixNQUFNLEtBQUssQ0FBQztBQUFBLElBQ3JELENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxFQUFFLFVBQVUsSUFBSSxNQUFNLE9BQU8sc0JBQXFCO0FBQ3hELFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxRQUFRLElBQUksQ0FBQyxPQUFPLFdBQVcsRUFBRSxNQUFPLE1BQU0sS0FBSyxFQUFhLFFBQVEsVUFBVSxFQUFFLEdBQUcsTUFBTSxFQUFFO0FBQUEsRUFDakc7QUFDRjtBQUdBLElBQU0sUUFBUSxDQUFDLFVBQXFDLE1BQU0sSUFBSSxDQUFDLFNBQVM7QUFBQSxTQUFZLElBQUksRUFBRSxFQUFFLEtBQUssRUFBRTs7O0FDN0Y1RixJQUFNLE9BQXNCO0FBQUEsRUFDakMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsWUFBUSxTQUFTLFVBQVUscUNBQXFDLEVBQUU7QUFBQSxNQUNoRSxJQUFJLE9BQU8sU0FBUyxDQUFDLEtBQUssTUFBTTtBQUM5QixjQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLGNBQU0sWUFBWSxNQUFNLFFBQVEsVUFBVSxFQUFFLGFBQWEsTUFBTSxDQUFDO0FBQ2hFLGtCQUFVLGNBQWMsQ0FBQyxDQUFDO0FBQzFCLGNBQU0sRUFBRSxhQUFhLFlBQVksU0FBUyxJQUFJO0FBQzlDLGNBQU0sWUFBWSxjQUFjLFVBQVUsUUFBUSxTQUFTO0FBQUEsVUFDekQsT0FBTyxVQUFVLE1BQU07QUFBQSxVQUN2QixVQUFVLFNBQVM7QUFBQSxRQUNyQixDQUFDO0FBQ0QsY0FBTSxRQUFRLENBQUMsR0FBRyxJQUFJLElBQUksVUFBVSxNQUFNLENBQUMsQ0FBQyxFQUFFLElBQUksQ0FBQyxTQUFTO0FBQzFELGNBQUk7QUFDRixrQkFBTSxRQUFRLFVBQVUsT0FBTyxJQUFJO0FBQ25DLGdCQUFJLENBQUMsTUFBTyxRQUFPLEVBQUUsTUFBTSxPQUFPLE1BQU0sUUFBUSxVQUFVO0FBQzFELG1CQUFPLEVBQUUsTUFBTSxPQUFPLE1BQU0sU0FBUyxTQUFTLFNBQVMsT0FBTyxNQUFNLE1BQU0sS0FBSyxDQUFDLEdBQUcsUUFBUSxNQUFNLE9BQU87QUFBQSxVQUMxRyxTQUFTLE9BQU87QUFDZCxtQkFBTyxFQUFFLE1BQU0sT0FBTyxNQUFNLFFBQVEsd0JBQXdCLFVBQVUsS0FBSyxFQUFFLElBQUksR0FBRztBQUFBLFVBQ3RGO0FBQUEsUUFDRixDQUFDO0FBQ0QsY0FBTSxPQUFPLE9BQU8sUUFBUSxNQUFNLFNBQVMsV0FBVyxPQUFPLFlBQVksSUFBSSxDQUFDLEVBQUU7QUFBQSxVQUM5RSxDQUFDLENBQUMsTUFBTSxFQUFFLE9BQU8sS0FBSyxDQUFDLE9BQU87QUFBQSxZQUM1QjtBQUFBLFlBQ0EsT0FBTyxTQUFTLE9BQU8sTUFBTSxLQUFLLENBQUM7QUFBQSxZQUNuQyxRQUFRLGFBQWEsSUFBSTtBQUFBLFVBQzNCO0FBQUEsUUFDRjtBQUNBLGNBQU0sUUFBUSxDQUFDLEdBQUksWUFBWSxTQUFTLENBQUMsQ0FBRTtBQUMzQyxZQUFJLFNBQVM7QUFDWCxpQkFBTyxLQUFLLFVBQVUsWUFBWTtBQUFBLFlBQ2hDLE1BQU0sWUFBWTtBQUFBLFlBQ2xCLFNBQVMsWUFBWTtBQUFBLFlBQ3JCO0FBQUEsWUFDQTtBQUFBLFlBQ0E7QUFBQSxVQUNGLENBQUM7QUFDSCxjQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLGlCQUFTO0FBQUEsVUFDUCxHQUFHLElBQUksS0FBSyxZQUFZLElBQUksQ0FBQyxHQUFHLFlBQVksVUFBVSxTQUFZLEtBQUssS0FBSyxZQUFZLEtBQUssRUFBRTtBQUFBLFFBQ2pHO0FBQ0EsaUJBQVM7QUFBQSxVQUNQLFlBQVksWUFBWSxPQUFPLHlCQUF5QixNQUFNLFNBQVMsSUFBSSxNQUFNLEtBQUssSUFBSSxJQUFJLG9CQUFvQjtBQUFBLFFBQ3BIO0FBQ0EsY0FBTSxPQUFPLENBQUMsR0FBRyxPQUFPLEdBQUcsSUFBSSxFQUFFLElBQUksQ0FBQyxFQUFFLE1BQU0sT0FBTyxPQUFPLE1BQU07QUFBQSxVQUNoRSxJQUFJLEtBQUssSUFBSTtBQUFBLFVBQ2IsY0FBYyxVQUFVLEtBQUssQ0FBQztBQUFBLFVBQzlCLElBQUksSUFBSSxNQUFNO0FBQUEsUUFDaEIsQ0FBQztBQUNELFlBQUksS0FBSyxTQUFTLEVBQUcsVUFBUyxNQUFNLE1BQU0sTUFBTSxVQUFVLEVBQUUsUUFBUSxHQUFHLFVBQVUsQ0FBQyxHQUFHLENBQUMsRUFBRSxDQUFDLENBQUM7QUFDMUYsZUFBTztBQUFBLE1BQ1QsQ0FBQztBQUFBLElBQ0g7QUFDQSxhQUFTLFNBQVM7QUFBQSxNQUNoQixDQUFDLFlBQVksd0JBQXdCO0FBQUEsTUFDckMsQ0FBQyxpQkFBaUIsYUFBYTtBQUFBLElBQ2pDLENBQUM7QUFBQSxFQUNIO0FBQ0Y7OztBQ2xFTyxJQUFNLE1BQXFCO0FBQUEsRUFDaEMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsWUFBUSxTQUFTLFVBQVUsZ0JBQWdCLEVBQUU7QUFBQSxNQUMzQyxJQUFJLE9BQU8sU0FBUyxDQUFDLFFBQVEsRUFBRSxNQUFNO0FBQ25DLGNBQU0sYUFBYSxNQUFNLFFBQVEsV0FBVztBQUM1QyxjQUFNLE9BQU8sV0FBVyxRQUFRLGVBQWUsS0FBSztBQUNwRCxjQUFNLFdBQVcsV0FBVyxNQUFNLGNBQWMsQ0FBQyxhQUFhLEdBQUcsSUFBSTtBQUNyRSxnQkFBUSxTQUFTLEtBQUssR0FBRyxJQUFJLG1DQUFtQztBQUNoRSxlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUNBLGFBQVMsU0FBUyxDQUFDLENBQUMsZ0JBQWdCLG1EQUFtRCxDQUFDLENBQUM7QUFBQSxFQUMzRjtBQUNGOzs7QUNWTyxJQUFNLEVBQUUsVUFBVSxJQUFtQjtBQUFBLEVBQzFDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFNBQUssVUFBVSxRQUFRLFFBQVEsTUFBTSxFQUFFLFlBQVksdUJBQXVCLEdBQUcsR0FBRztBQUNoRixRQUFJO0FBQUEsTUFDRixRQUFRLFFBQVEsS0FBSyxFQUFFLFlBQVksOERBQThEO0FBQUEsTUFDakc7QUFBQSxJQUNGO0FBQ0EsU0FBSztBQUFBLE1BQ0gsUUFBUSxRQUFRLE1BQU0sRUFBRSxZQUFZLCtEQUErRDtBQUFBLE1BQ25HO0FBQUEsSUFDRjtBQUNBLFNBQUssVUFBVSxRQUFRLFFBQVEsTUFBTSxFQUFFLFlBQVksb0RBQW9ELEdBQUcsR0FBRztBQUM3RyxVQUFNLFVBQVUsUUFBUSxRQUFRLE9BQU8sRUFBRSxZQUFZLHNDQUFzQyxHQUFHLEdBQUc7QUFBQSxFQUNuRztBQUNGOyIsCiAgIm5hbWVzIjogWyJvZmZlcmVkIl0KfQo=
