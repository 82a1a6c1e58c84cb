import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  planTrail
} from "./chunk-RVJNCWXC.js";
import "./chunk-4F2HHAKH.js";
import "./chunk-EHQEYXN5.js";
import {
  rules
} from "./chunk-76Y4LLP3.js";
import "./chunk-SLY34PON.js";
import "./chunk-FSYFZ44W.js";
import "./chunk-VVIFMYK7.js";
import "./chunk-7DIEYAMQ.js";
import "./chunk-HJ67CAUM.js";
import "./chunk-EJ3MTJ5C.js";
import "./chunk-7BJX3LSQ.js";
import "./chunk-RCNXIKQJ.js";
import "./chunk-2IYWYRKP.js";
import "./chunk-HXYVL4WF.js";
import "./chunk-WVOF6Q2Z.js";
import "./chunk-33U4T2M5.js";
import "./chunk-5LQRYHH4.js";
import "./chunk-3HNS4OKH.js";
import "./chunk-2P5QH4SA.js";
import "./chunk-M6H7XQX2.js";
import "./chunk-7DROAWR7.js";
import "./chunk-4THVOAEK.js";
import {
  openSource
} from "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-JTXRQ3DM.js";
import "./chunk-UFHSLVCM.js";
import "./chunk-2YNHSDXB.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import "./chunk-3GYCCOMC.js";
import {
  variableNames
} from "./chunk-7G6JQYYU.js";
import "./chunk-BNANEU6A.js";
import "./chunk-G6PY5PV3.js";
import "./chunk-YNHN5OI4.js";
import "./chunk-KDZI5FEM.js";
import "./chunk-REJVQWM4.js";
import "./chunk-WAHZOCQ7.js";
import "./chunk-V2NIP2IX.js";
import "./chunk-U6MR4M5T.js";
import "./chunk-TNGRBWFR.js";
import "./chunk-36BGEIU2.js";
import "./chunk-AJOWUZTK.js";
import "./chunk-IBVRGXBJ.js";
import {
  defaultsKind,
  fileKinds,
  manifestFile
} from "./chunk-XHTX6VQM.js";
import {
  manifestName
} from "./chunk-REWHJNK7.js";
import "./chunk-CFOFBHOV.js";
import "./chunk-B5MWC56M.js";
import {
  shapeProblems
} from "./chunk-IIWAP3H3.js";
import "./chunk-VV4FZXZN.js";
import "./chunk-ADLZ4E65.js";
import {
  readYaml
} from "./chunk-2NSBAQ4L.js";
import "./chunk-BC36KCSM.js";
import "./chunk-KTFSZ6KS.js";
import "./chunk-5DCQHAPP.js";
import "./chunk-MAL2YCX2.js";
import "./chunk-M2U6DOQ3.js";
import "./chunk-77DFO3CW.js";
import "./chunk-J7IJ6DS5.js";
import "./chunk-4DNYAMDJ.js";
import "./chunk-UHUDVQF4.js";
import "./chunk-IQWA53IU.js";
import "./chunk-6FF7OQVK.js";
import "./chunk-7JVJJYGZ.js";
import "./chunk-VVGKGSPN.js";
import {
  noNames
} from "./chunk-ILBUWU7B.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import "./chunk-ELCQYB6S.js";
import "./chunk-ZC7SUIQQ.js";
import {
  asProblem,
  positionText
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/core/check/check.ts
import { join } from "node:path";

// src/core/check/signature-examples.ts
var rule = "signature-examples-hold";
async function exampleFindings(workspace, { name, content, yaml }) {
  const { examples: examples2 = [] } = content;
  if (examples2.length === 0) return [];
  const [{ exampleMismatches }, signer] = await Promise.all([
    import("./examples-4X7WHU4C.js"),
    workspace.signer(name)
  ]);
  return examples2.flatMap((example, index) => {
    const world = workspace.world();
    const variables = variableNames(workspace.layers, noNames, { world, onSecret: workspace.redactor.add });
    const path = ["examples", index];
    try {
      return exampleMismatches(signer, example, { world, variables }).map((mismatch) => ({
        rule,
        severity: "error",
        where: yaml.position([...path, "expect", ...mismatch.path]),
        ...told(mismatch)
      }));
    } catch (error) {
      const { what, remedy } = asProblem(error);
      return [
        { rule, severity: "error", where: yaml.position(path), what: `the example cannot be made: ${what}`, remedy }
      ];
    }
  });
}
function told({
  name,
  difference,
  secret,
  lengths: [ours, theirs] = [0, 0]
}) {
  if (!difference) return { what: `the signature makes no ${name}`, remedy: "is it called otherwise in the recipe?" };
  if (secret) {
    return {
      what: `${name} is not what the example says`,
      remedy: ours === theirs ? "it is as long as theirs: where the base fits, the key is another, or what is signed with it" : `ours has ${ours} characters, theirs ${theirs}: another digest, or written otherwise (| hex, | base64)`
    };
  }
  const { line, column, ourCharacter = "nothing", theirCharacter = "nothing", cause } = difference;
  return {
    what: `${name} parts from the example at ${line}:${column}: ours has ${ourCharacter}, theirs ${theirCharacter}`,
    remedy: cause
  };
}

// src/core/check/check.ts
async function checkCollection(collection, workspace) {
  const findings = [];
  const add = (rule2, problem, file) => {
    const where = typeof problem.where === "object" ? problem.where : { file };
    const remedy = [problem.reason, problem.remedy].filter(Boolean).join("; ") || void 0;
    findings.push({ rule: rule2, severity: "error", where, what: problem.what, remedy });
  };
  const names = Object.keys(fileKinds).flatMap(
    (kind) => collection.names(kind).map((name) => ({ kind, name, file: `${fileKinds[kind].folder}/${name}.yaml` }))
  );
  const sound = /* @__PURE__ */ new Set();
  const shape = (file, schema) => {
    try {
      const problems = shapeProblems(schema, readYaml(join(collection.root, file), file));
      for (const problem of problems) add("file-valid", problem, file);
      if (problems.length === 0) sound.add(file);
    } catch (error) {
      add("file-valid", asProblem(error), file);
    }
  };
  shape(manifestName, manifestFile);
  for (const { kind, file } of names) shape(file, fileKinds[kind].schema);
  const defaults = new Set(
    collection.names("request").flatMap((name) => safely(() => collection.defaults(name).map(({ yaml }) => yaml.file)) ?? [])
  );
  for (const file of defaults) shape(file, defaultsKind.schema);
  const read = (kind) => new Map(
    names.filter((one) => one.kind === kind && sound.has(one.file)).map(({ name }) => [name, collection.read(kind, name)])
  );
  const requests = read("request");
  const trails = read("trail");
  for (const name of Object.keys(collection.docs)) {
    try {
      await openSource(collection, name);
    } catch (error) {
      add("documentation-readable", asProblem(error), manifestName);
    }
  }
  if (workspace) {
    for (const [name, loaded] of read("signature")) {
      const { file } = loaded.yaml;
      await ready(() => workspace.signer(name), file, add, sound);
      if (sound.has(file)) findings.push(...await exampleFindings(workspace, loaded));
    }
    for (const [name, { yaml }] of requests) await ready(() => workspace.prepare(name), yaml.file, add, sound);
    for (const [name, { yaml }] of trails) await ready(() => planTrail(workspace, name), yaml.file, add, sound);
    for (const [, { yaml, content }] of read("session")) {
      if (content.kind !== "login") continue;
      for (const [key, call] of [
        ["open", content.open],
        ["close", content.close]
      ]) {
        if (!call) continue;
        const used = async () => {
          try {
            return await ("trail" in call ? planTrail(workspace, call.trail) : workspace.prepare(call.send));
          } catch (error) {
            throw asProblem(error).at(yaml.position([key, "trail" in call ? "trail" : "send"]));
          }
        };
        await ready(used, yaml.file, add, sound);
      }
    }
  }
  const variables = /* @__PURE__ */ new Set([
    ...Object.keys(collection.manifest.content.variables ?? {}),
    ...[...read("environment").values()].flatMap(({ content }) => Object.keys(content.variables ?? {}))
  ]);
  const usable = (files) => new Map([...files].filter(([, { yaml }]) => sound.has(yaml.file)));
  const checked = { collection, variables, requests: usable(requests), trails: usable(trails) };
  for (const rule2 of rules)
    for await (const finding of rule2.check(checked)) findings.push({ rule: rule2.name, ...finding });
  const order = (finding) => `${finding.where.file} ${String(finding.where.line ?? 0).padStart(6, "0")}`;
  const unique = /* @__PURE__ */ new Map();
  for (const finding of findings) {
    const key = `${order(finding)} ${finding.what}`;
    if (!unique.has(key)) unique.set(key, finding);
  }
  return {
    findings: [...unique.values()].sort((a, b) => order(a) < order(b) ? -1 : 1),
    files: names.length + 1 + defaults.size
  };
}
async function ready(work, file, add, sound) {
  try {
    await work();
  } catch (error) {
    add("file-ready", asProblem(error), file);
    sound.delete(file);
  }
}
function safely(work) {
  try {
    return work();
  } catch {
    return void 0;
  }
}

// src/cli/commands/check.ts
var { configure } = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal } = context;
        const collection = await context.collection();
        const { findings, files } = await checkCollection(collection, await anyWorkspace(context));
        const errors = findings.filter(({ severity }) => severity === "error").length;
        const status = errors > 0 ? 2 : 0;
        if (terminal.json) {
          emit(terminal, "check", {
            files,
            errors,
            warnings: findings.length - errors,
            findings: findings.map(({ rule: rule2, severity, where, what, remedy }) => ({
              rule: rule2,
              severity,
              file: where.file,
              line: where.line ?? null,
              column: where.column ?? null,
              what,
              remedy: remedy ?? null
            }))
          });
          return status;
        }
        const { out } = terminal;
        for (const { severity, where, what, remedy, rule: rule2 } of findings) {
          const paint = severity === "error" ? out.red : out.yellow;
          terminal.print(`${out.cyan(positionText(where))}  ${paint(severity)}  ${what}  ${out.dim(rule2)}`);
          if (remedy !== void 0) terminal.print(`    ${out.dim("try")} ${remedy}`);
        }
        const count = (number, word) => `${number} ${word}${number === 1 ? "" : "s"}`;
        terminal.print(
          `${count(files, "file")}: ${findings.length === 0 ? out.green("all well") : `${count(errors, "error")}, ${count(findings.length - errors, "warning")}`}`
        );
        return status;
      })
    );
    examples(command, [
      ["check", "every finding with file, line and column"],
      ["check --json", "the same for programs; the exit status is 2 where there is an error"]
    ]);
  }
};
async function anyWorkspace(context) {
  const collection = await context.collection();
  const { environment } = collection.manifest.content;
  for (const name of [context.options.env ?? environment, ...collection.names("environment")]) {
    if (name === void 0) continue;
    try {
      return await context.workspace({ environment: name });
    } catch {
    }
  }
  return void 0;
}
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY2hlY2svY2hlY2sudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvY2hlY2svc2lnbmF0dXJlLWV4YW1wbGVzLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvY2hlY2sudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBDaGVja2luZyBhIGNvbGxlY3Rpb24gd2l0aG91dCBzZW5kaW5nIGFueXRoaW5nOiBldmVyeSBmaWxlIGJ5IGl0c2VsZiwgdGhlbiBhbGwgb2YgdGhlbSB0b2dldGhlci4gKi9cbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHR5cGUgeyBDb2xsZWN0aW9uLCBMb2FkZWQgfSBmcm9tICcuLi9jb2xsZWN0aW9uL2NvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHsgbWFuaWZlc3RGaWxlIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9maWxlcy9tYW5pZmVzdC1maWxlLmpzJztcbmltcG9ydCB7IGRlZmF1bHRzS2luZCwgdHlwZSBGaWxlQ29udGVudHMsIHR5cGUgRmlsZUtpbmQsIGZpbGVLaW5kcyB9IGZyb20gJy4uL2NvbGxlY3Rpb24vZmlsZXMvcmVnaXN0cnkuanMnO1xuaW1wb3J0IHsgbWFuaWZlc3ROYW1lIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9maW5kLWNvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHsgc2hhcGVQcm9ibGVtcyB9IGZyb20gJy4uL2NvbGxlY3Rpb24vc2hhcGUuanMnO1xuaW1wb3J0IHsgb3BlblNvdXJjZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24vc291cmNlLWluZGV4LmpzJztcbmltcG9ydCB7IHJlYWRZYW1sIH0gZnJvbSAnLi4vY29sbGVjdGlvbi95YW1sLmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgdHlwZSBGaWxlUG9zaXRpb24sIHR5cGUgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwbGFuVHJhaWwgfSBmcm9tICcuLi90cmFpbC9wbGFuLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vdHJhaWwvd29ya3NwYWNlLmpzJztcbmltcG9ydCB0eXBlIHsgRmluZGluZyB9IGZyb20gJy4vZmluZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IENoZWNrZWQgfSBmcm9tICcuL3J1bGUuanMnO1xuaW1wb3J0IHsgcnVsZXMgfSBmcm9tICcuL3J1bGVzL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IGV4YW1wbGVGaW5kaW5ncyB9IGZyb20gJy4vc2lnbmF0dXJlLWV4YW1wbGVzLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBDaGVja1Jlc3VsdCB7XG4gIHJlYWRvbmx5IGZpbmRpbmdzOiByZWFkb25seSBGaW5kaW5nW107XG4gIC8qKiBIb3cgbWFueSBmaWxlcyB3ZXJlIGxvb2tlZCBhdC4gKi9cbiAgcmVhZG9ubHkgZmlsZXM6IG51bWJlcjtcbn1cblxuLyoqIEBwYXJhbSB3b3Jrc3BhY2Ugb2YgYW55IGVudmlyb25tZW50OyB1bmRlZmluZWQgd2hlcmUgbm9uZSBjYW4gYmUgb3BlbmVkLCBhbmQgdGhlbiBubyBmaWxlIGlzIG1hZGUgcmVhZHkgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBjaGVja0NvbGxlY3Rpb24oY29sbGVjdGlvbjogQ29sbGVjdGlvbiwgd29ya3NwYWNlOiBXb3Jrc3BhY2UgfCB1bmRlZmluZWQpOiBQcm9taXNlPENoZWNrUmVzdWx0PiB7XG4gIGNvbnN0IGZpbmRpbmdzOiBGaW5kaW5nW10gPSBbXTtcbiAgY29uc3QgYWRkID0gKHJ1bGU6IHN0cmluZywgcHJvYmxlbTogUHJvYmxlbSwgZmlsZTogc3RyaW5nKTogdm9pZCA9PiB7XG4gICAgY29uc3Qgd2hlcmU6IEZpbGVQb3NpdGlvbiA9IHR5cGVvZiBwcm9ibGVtLndoZXJlID09PSAnb2JqZWN0JyA/IHByb2JsZW0ud2hlcmUgOiB7IGZpbGUgfTtcbiAgICBjb25zdCByZW1lZHkgPSBbcHJvYmxlbS5yZWFzb24sIHByb2JsZW0ucmVtZWR5XS5maWx0ZXIoQm9vbGVhbikuam9pbignOyAnKSB8fCB1bmRlZmluZWQ7XG4gICAgZmluZGluZ3MucHVzaCh7IHJ1bGUsIHNldmVyaXR5OiAnZXJyb3InLCB3aGVyZSwgd2hhdDogcHJvYmxlbS53aGF0LCByZW1lZHkgfSk7XG4gIH07XG4gIGNvbnN0IG5hbWVzID0gKE9iamVjdC5rZXlzKGZpbGVLaW5kcykgYXMgRmlsZUtpbmRbXSkuZmxhdE1hcCgoa2luZCkgPT5cbiAgICBjb2xsZWN0aW9uLm5hbWVzKGtpbmQpLm1hcCgobmFtZSkgPT4gKHsga2luZCwgbmFtZSwgZmlsZTogYCR7ZmlsZUtpbmRzW2tpbmRdLmZvbGRlcn0vJHtuYW1lfS55YW1sYCB9KSksXG4gICk7XG4gIGNvbnN0IHNvdW5kID0gbmV3IFNldDxzdHJpbmc+KCk7XG4gIGNvbnN0IHNoYXBlID0gKGZpbGU6IHN0cmluZywgc2NoZW1hOiBQYXJhbWV0ZXJzPHR5cGVvZiBzaGFwZVByb2JsZW1zPlswXSk6IHZvaWQgPT4ge1xuICAgIHRyeSB7XG4gICAgICBjb25zdCBwcm9ibGVtcyA9IHNoYXBlUHJvYmxlbXMoc2NoZW1hLCByZWFkWWFtbChqb2luKGNvbGxlY3Rpb24ucm9vdCwgZmlsZSksIGZpbGUpKTtcbiAgICAgIGZvciAoY29uc3QgcHJvYmxlbSBvZiBwcm9ibGVtcykgYWRkKCdmaWxlLXZhbGlkJywgcHJvYmxlbSwgZmlsZSk7XG4gICAgICBpZiAocHJvYmxlbXMubGVuZ3RoID09PSAwKSBzb3VuZC5hZGQoZmlsZSk7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIGFkZCgnZmlsZS12YWxpZCcsIGFzUHJvYmxlbShlcnJvciksIGZpbGUpO1xuICAgIH1cbiAgfTtcbiAgc2hhcGUobWFuaWZlc3ROYW1lLCBtYW5pZmVzdEZpbGUpO1xuICBmb3IgKGNvbnN0IHsga2luZCwgZmlsZSB9IG9mIG5hbWVzKSBzaGFwZShmaWxlLCBmaWxlS2luZHNba2luZF0uc2NoZW1hKTtcbiAgY29uc3QgZGVmYXVsdHMgPSBuZXcgU2V0KFxuICAgIGNvbGxlY3Rpb25cbiAgICAgIC5uYW1lcygncmVxdWVzdCcpXG4gICAgICAuZmxhdE1hcCgobmFtZSkgPT4gc2FmZWx5KCgpID0+IGNvbGxlY3Rpb24uZGVmYXVsdHMobmFtZSkubWFwKCh7IHlhbWwgfSkgPT4geWFtbC5maWxlKSkgPz8gW10pLFxuICApO1xuICBmb3IgKGNvbnN0IGZpbGUgb2YgZGVmYXVsdHMpIHNoYXBlKGZpbGUsIGRlZmF1bHRzS2luZC5zY2hlbWEpO1xuXG4gIGNvbnN0IHJlYWQgPSA8SyBleHRlbmRzIEZpbGVLaW5kPihraW5kOiBLKTogTWFwPHN0cmluZywgTG9hZGVkPEZpbGVDb250ZW50c1tLXT4+ID0+XG4gICAgbmV3IE1hcChcbiAgICAgIG5hbWVzXG4gICAgICAgIC5maWx0ZXIoKG9uZSkgPT4gb25lLmtpbmQgPT09IGtpbmQgJiYgc291bmQuaGFzKG9uZS5maWxlKSlcbiAgICAgICAgLm1hcCgoeyBuYW1lIH0pID0+IFtuYW1lLCBjb2xsZWN0aW9uLnJlYWQoa2luZCwgbmFtZSldKSxcbiAgICApO1xuICBjb25zdCByZXF1ZXN0cyA9IHJlYWQoJ3JlcXVlc3QnKTtcbiAgY29uc3QgdHJhaWxzID0gcmVhZCgndHJhaWwnKTtcblxuICBmb3IgKGNvbnN0IG5hbWUgb2YgT2JqZWN0LmtleXMoY29sbGVjdGlvbi5kb2NzKSkge1xuICAgIHRyeSB7XG4gICAgICBhd2FpdCBvcGVuU291cmNlKGNvbGxlY3Rpb24sIG5hbWUpO1xuICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICBhZGQoJ2RvY3VtZW50YXRpb24tcmVhZGFibGUnLCBhc1Byb2JsZW0oZXJyb3IpLCBtYW5pZmVzdE5hbWUpO1xuICAgIH1cbiAgfVxuICBpZiAod29ya3NwYWNlKSB7XG4gICAgZm9yIChjb25zdCBbbmFtZSwgbG9hZGVkXSBvZiByZWFkKCdzaWduYXR1cmUnKSkge1xuICAgICAgY29uc3QgeyBmaWxlIH0gPSBsb2FkZWQueWFtbDtcbiAgICAgIGF3YWl0IHJlYWR5KCgpID0+IHdvcmtzcGFjZS5zaWduZXIobmFtZSksIGZpbGUsIGFkZCwgc291bmQpO1xuICAgICAgaWYgKHNvdW5kLmhhcyhmaWxlKSkgZmluZGluZ3MucHVzaCguLi4oYXdhaXQgZXhhbXBsZUZpbmRpbmdzKHdvcmtzcGFjZSwgbG9hZGVkKSkpO1xuICAgIH1cbiAgICBmb3IgKGNvbnN0IFtuYW1lLCB7IHlhbWwgfV0gb2YgcmVxdWVzdHMpIGF3YWl0IHJlYWR5KCgpID0+IHdvcmtzcGFjZS5wcmVwYXJlKG5hbWUpLCB5YW1sLmZpbGUsIGFkZCwgc291bmQpO1xuICAgIGZvciAoY29uc3QgW25hbWUsIHsgeWFtbCB9XSBvZiB0cmFpbHMpIGF3YWl0IHJlYWR5KCgpID0+IHBsYW5UcmFpbCh3b3Jrc3BhY2UsIG5hbWUpLCB5YW1sLmZpbGUsIGFkZCwgc291bmQpO1xuICAgIGZvciAoY29uc3QgWywgeyB5YW1sLCBjb250ZW50IH1dIG9mIHJlYWQoJ3Nlc3Npb24nKSkge1xuICAgICAgaWYgKGNvbnRlbnQua2luZCAhPT0gJ2xvZ2luJykgY29udGludWU7XG4gICAgICBmb3IgKGNvbnN0IFtrZXksIGNhbGxdIG9mIFtcbiAgICAgICAgWydvcGVuJywgY29udGVudC5vcGVuXSxcbiAgICAgICAgWydjbG9zZScsIGNvbnRlbnQuY2xvc2VdLFxuICAgICAgXSBhcyBjb25zdCkge1xuICAgICAgICBpZiAoIWNhbGwpIGNvbnRpbnVlO1xuICAgICAgICBjb25zdCB1c2VkID0gYXN5bmMgKCk6IFByb21pc2U8dW5rbm93bj4gPT4ge1xuICAgICAgICAgIHRyeSB7XG4gICAgICAgICAgICByZXR1cm4gYXdhaXQgKCd0cmFpbCcgaW4gY2FsbCA/IHBsYW5UcmFpbCh3b3Jrc3BhY2UsIGNhbGwudHJhaWwpIDogd29ya3NwYWNlLnByZXBhcmUoY2FsbC5zZW5kKSk7XG4gICAgICAgICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgICAgICAgIHRocm93IGFzUHJvYmxlbShlcnJvcikuYXQoeWFtbC5wb3NpdGlvbihba2V5LCAndHJhaWwnIGluIGNhbGwgPyAndHJhaWwnIDogJ3NlbmQnXSkpO1xuICAgICAgICAgIH1cbiAgICAgICAgfTtcbiAgICAgICAgYXdhaXQgcmVhZHkodXNlZCwgeWFtbC5maWxlLCBhZGQsIHNvdW5kKTtcbiAgICAgIH1cbiAgICB9XG4gIH1cbiAgY29uc3QgdmFyaWFibGVzID0gbmV3IFNldChbXG4gICAgLi4uT2JqZWN0LmtleXMoY29sbGVjdGlvbi5tYW5pZmVzdC5jb250ZW50LnZhcmlhYmxlcyA/PyB7fSksXG4gICAgLi4uWy4uLnJlYWQoJ2Vudmlyb25tZW50JykudmFsdWVzKCldLmZsYXRNYXAoKHsgY29udGVudCB9KSA9PiBPYmplY3Qua2V5cyhjb250ZW50LnZhcmlhYmxlcyA/PyB7fSkpLFxuICBdKTtcbiAgY29uc3QgdXNhYmxlID0gPFQ+KGZpbGVzOiBNYXA8c3RyaW5nLCBMb2FkZWQ8VD4+KTogTWFwPHN0cmluZywgTG9hZGVkPFQ+PiA9PlxuICAgIG5ldyBNYXAoWy4uLmZpbGVzXS5maWx0ZXIoKFssIHsgeWFtbCB9XSkgPT4gc291bmQuaGFzKHlhbWwuZmlsZSkpKTtcbiAgY29uc3QgY2hlY2tlZDogQ2hlY2tlZCA9IHsgY29sbGVjdGlvbiwgdmFyaWFibGVzLCByZXF1ZXN0czogdXNhYmxlKHJlcXVlc3RzKSwgdHJhaWxzOiB1c2FibGUodHJhaWxzKSB9O1xuICBmb3IgKGNvbnN0IHJ1bGUgb2YgcnVsZXMpXG4gICAgZm9yIGF3YWl0IChjb25zdCBmaW5kaW5nIG9mIHJ1bGUuY2hlY2soY2hlY2tlZCkpIGZpbmRpbmdzLnB1c2goeyBydWxlOiBydWxlLm5hbWUsIC4uLmZpbmRpbmcgfSk7XG5cbiAgY29uc3Qgb3JkZXIgPSAoZmluZGluZzogRmluZGluZyk6IHN0cmluZyA9PlxuICAgIGAke2ZpbmRpbmcud2hlcmUuZmlsZX0gJHtTdHJpbmcoZmluZGluZy53aGVyZS5saW5lID8/IDApLnBhZFN0YXJ0KDYsICcwJyl9YDtcbiAgLy8gQSBmaWxlIHRoYXQgaXMgbm90IHZhbGlkIGlzIG5vdCByZWFkeSBlaXRoZXI6IHdoYXQgaXMgc2FpZCB0d2ljZSBpcyBzYWlkIGJ5IHRoZSBmaXJzdC5cbiAgY29uc3QgdW5pcXVlID0gbmV3IE1hcDxzdHJpbmcsIEZpbmRpbmc+KCk7XG4gIGZvciAoY29uc3QgZmluZGluZyBvZiBmaW5kaW5ncykge1xuICAgIGNvbnN0IGtleSA9IGAke29yZGVyKGZpbmRpbmcpfSAke2ZpbmRpbmcud2hhdH1gO1xuICAgIGlmICghdW5pcXVlLmhhcyhrZXkpKSB1bmlxdWUuc2V0KGtleSwgZmluZGluZyk7XG4gIH1cbiAgcmV0dXJuIHtcbiAgICBmaW5kaW5nczogWy4uLnVuaXF1ZS52YWx1ZXMoKV0uc29ydCgoYSwgYikgPT4gKG9yZGVyKGEpIDwgb3JkZXIoYikgPyAtMSA6IDEpKSxcbiAgICBmaWxlczogbmFtZXMubGVuZ3RoICsgMSArIGRlZmF1bHRzLnNpemUsXG4gIH07XG59XG5cbi8qKiBNYWtlcyBhIGZpbGUgcmVhZHksIHdoaWNoIHBhcnNlcyBpdHMgZXhwcmVzc2lvbnMsIHBsYWNlcyBhbmQgbWF0Y2hlcnM7IGEgZmlsZSB0aGF0IGZhaWxzIGlzIGxlZnQgb3V0IG9mIHdoYXQgZm9sbG93cy4gKi9cbmFzeW5jIGZ1bmN0aW9uIHJlYWR5KFxuICB3b3JrOiAoKSA9PiBQcm9taXNlPHVua25vd24+LFxuICBmaWxlOiBzdHJpbmcsXG4gIGFkZDogKHJ1bGU6IHN0cmluZywgcHJvYmxlbTogUHJvYmxlbSwgZmlsZTogc3RyaW5nKSA9PiB2b2lkLFxuICBzb3VuZDogU2V0PHN0cmluZz4sXG4pOiBQcm9taXNlPHZvaWQ+IHtcbiAgdHJ5IHtcbiAgICBhd2FpdCB3b3JrKCk7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgYWRkKCdmaWxlLXJlYWR5JywgYXNQcm9ibGVtKGVycm9yKSwgZmlsZSk7XG4gICAgc291bmQuZGVsZXRlKGZpbGUpO1xuICB9XG59XG5cbmZ1bmN0aW9uIHNhZmVseTxUPih3b3JrOiAoKSA9PiBUKTogVCB8IHVuZGVmaW5lZCB7XG4gIHRyeSB7XG4gICAgcmV0dXJuIHdvcmsoKTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgfVxufVxuIiwgIi8qKiBTaWduYXR1cmVzIHByb3ZlIHRoZW1zZWx2ZXM6IGVhY2ggZG9jdW1lbnRlZCBleGFtcGxlIGlzIHJlcHJvZHVjZWQsIGFuZCBub3RoaW5nIGlzIHNlbnQuICovXG5pbXBvcnQgdHlwZSB7IExvYWRlZCB9IGZyb20gJy4uL2NvbGxlY3Rpb24vY29sbGVjdGlvbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFNpZ25hdHVyZUZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL2ZpbGVzL3NpZ25hdHVyZS1maWxlLmpzJztcbmltcG9ydCB7IHZhcmlhYmxlTmFtZXMgfSBmcm9tICcuLi9jb2xsZWN0aW9uL2xheWVycy5qcyc7XG5pbXBvcnQgeyBub05hbWVzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBNaXNtYXRjaCB9IGZyb20gJy4uL3NpZ25hdHVyZS9leGFtcGxlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4uL3RyYWlsL3dvcmtzcGFjZS5qcyc7XG5pbXBvcnQgdHlwZSB7IEZpbmRpbmcgfSBmcm9tICcuL2ZpbmRpbmcuanMnO1xuXG5jb25zdCBydWxlID0gJ3NpZ25hdHVyZS1leGFtcGxlcy1ob2xkJztcblxuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIGV4YW1wbGVGaW5kaW5ncyhcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHsgbmFtZSwgY29udGVudCwgeWFtbCB9OiBMb2FkZWQ8U2lnbmF0dXJlRmlsZT4sXG4pOiBQcm9taXNlPEZpbmRpbmdbXT4ge1xuICBjb25zdCB7IGV4YW1wbGVzID0gW10gfSA9IGNvbnRlbnQ7XG4gIGlmIChleGFtcGxlcy5sZW5ndGggPT09IDApIHJldHVybiBbXTtcbiAgY29uc3QgW3sgZXhhbXBsZU1pc21hdGNoZXMgfSwgc2lnbmVyXSA9IGF3YWl0IFByb21pc2UuYWxsKFtcbiAgICBpbXBvcnQoJy4uL3NpZ25hdHVyZS9leGFtcGxlcy5qcycpLFxuICAgIHdvcmtzcGFjZS5zaWduZXIobmFtZSksXG4gIF0pO1xuICByZXR1cm4gZXhhbXBsZXMuZmxhdE1hcCgoZXhhbXBsZSwgaW5kZXgpOiBGaW5kaW5nW10gPT4ge1xuICAgIGNvbnN0IHdvcmxkID0gd29ya3NwYWNlLndvcmxkKCk7XG4gICAgY29uc3QgdmFyaWFibGVzID0gdmFyaWFibGVOYW1lcyh3b3Jrc3BhY2UubGF5ZXJzLCBub05hbWVzLCB7IHdvcmxkLCBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCB9KTtcbiAgICBjb25zdCBwYXRoID0gWydleGFtcGxlcycsIGluZGV4XTtcbiAgICB0cnkge1xuICAgICAgcmV0dXJuIGV4YW1wbGVNaXNtYXRjaGVzKHNpZ25lciwgZXhhbXBsZSwgeyB3b3JsZCwgdmFyaWFibGVzIH0pLm1hcCgobWlzbWF0Y2gpID0+ICh7XG4gICAgICAgIHJ1bGUsXG4gICAgICAgIHNldmVyaXR5OiAnZXJyb3InLFxuICAgICAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgJ2V4cGVjdCcsIC4uLm1pc21hdGNoLnBhdGhdKSxcbiAgICAgICAgLi4udG9sZChtaXNtYXRjaCksXG4gICAgICB9KSk7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIGNvbnN0IHsgd2hhdCwgcmVtZWR5IH0gPSBhc1Byb2JsZW0oZXJyb3IpO1xuICAgICAgcmV0dXJuIFtcbiAgICAgICAgeyBydWxlLCBzZXZlcml0eTogJ2Vycm9yJywgd2hlcmU6IHlhbWwucG9zaXRpb24ocGF0aCksIHdoYXQ6IGB0aGUgZXhhbXBsZSBjYW5ub3QgYmUgbWFkZTogJHt3aGF0fWAsIHJlbWVkeSB9LFxuICAgICAgXTtcbiAgICB9XG4gIH0pO1xufVxuXG5mdW5jdGlvbiB0b2xkKHtcbiAgbmFtZSxcbiAgZGlmZmVyZW5jZSxcbiAgc2VjcmV0LFxuICBsZW5ndGhzOiBbb3VycywgdGhlaXJzXSA9IFswLCAwXSxcbn06IE1pc21hdGNoKTogUGljazxGaW5kaW5nLCAnd2hhdCcgfCAncmVtZWR5Jz4ge1xuICBpZiAoIWRpZmZlcmVuY2UpIHJldHVybiB7IHdoYXQ6IGB0aGUgc2lnbmF0dXJlIG1ha2VzIG5vICR7bmFtZX1gLCByZW1lZHk6ICdpcyBpdCBjYWxsZWQgb3RoZXJ3aXNlIGluIHRoZSByZWNpcGU/JyB9O1xuICBpZiAoc2VjcmV0KSB7XG4gICAgcmV0dXJuIHtcbiAgICAgIHdoYXQ6IGAke25hbWV9IGlzIG5vdCB3aGF0IHRoZSBleGFtcGxlIHNheXNgLFxuICAgICAgcmVtZWR5OlxuICAgICAgICBvdXJzID09PSB0aGVpcnNcbiAgICAgICAgICA/ICdpdCBpcyBhcyBsb25nIGFzIHRoZWlyczogd2hlcmUgdGhlIGJhc2UgZml0cywgdGhlIGtleSBpcyBhbm90aGVyLCBvciB3aGF0IGlzIHNpZ25lZCB3aXRoIGl0J1xuICAgICAgICAgIDogYG91cnMgaGFzICR7b3Vyc30gY2hhcmFjdGVycywgdGhlaXJzICR7dGhlaXJzfTogYW5vdGhlciBkaWdlc3QsIG9yIHdyaXR0ZW4gb3RoZXJ3aXNlICh8IGhleCwgfCBiYXNlNjQpYCxcbiAgICB9O1xuICB9XG4gIGNvbnN0IHsgbGluZSwgY29sdW1uLCBvdXJDaGFyYWN0ZXIgPSAnbm90aGluZycsIHRoZWlyQ2hhcmFjdGVyID0gJ25vdGhpbmcnLCBjYXVzZSB9ID0gZGlmZmVyZW5jZTtcbiAgcmV0dXJuIHtcbiAgICB3aGF0OiBgJHtuYW1lfSBwYXJ0cyBmcm9tIHRoZSBleGFtcGxlIGF0ICR7bGluZX06JHtjb2x1bW59OiBvdXJzIGhhcyAke291ckNoYXJhY3Rlcn0sIHRoZWlycyAke3RoZWlyQ2hhcmFjdGVyfWAsXG4gICAgcmVtZWR5OiBjYXVzZSxcbiAgfTtcbn1cbiIsICIvKiogYGNoZWNrYDogd2hhdCBpcyB3cm9uZyB3aXRoIHRoZSBjb2xsZWN0aW9uLCBiZWZvcmUgYW55dGhpbmcgaXMgc2VudC4gKi9cbmltcG9ydCB7IGNoZWNrQ29sbGVjdGlvbiB9IGZyb20gJy4uLy4uL2NvcmUvY2hlY2svY2hlY2suanMnO1xuaW1wb3J0IHsgcG9zaXRpb25UZXh0IH0gZnJvbSAnLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3dvcmtzcGFjZS5qcyc7XG5pbXBvcnQgeyB0eXBlIENvbW1hbmRNb2R1bGUsIGV4YW1wbGVzIH0gZnJvbSAnLi4vY29tbWFuZC5qcyc7XG5pbXBvcnQgdHlwZSB7IENvbnRleHQgfSBmcm9tICcuLi9jb250ZXh0LmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi9lbWl0LmpzJztcblxuZXhwb3J0IGNvbnN0IHsgY29uZmlndXJlIH06IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kLmFjdGlvbihcbiAgICAgIHJ1bihhc3luYyAoY29udGV4dCkgPT4ge1xuICAgICAgICBjb25zdCB7IHRlcm1pbmFsIH0gPSBjb250ZXh0O1xuICAgICAgICBjb25zdCBjb2xsZWN0aW9uID0gYXdhaXQgY29udGV4dC5jb2xsZWN0aW9uKCk7XG4gICAgICAgIGNvbnN0IHsgZmluZGluZ3MsIGZpbGVzIH0gPSBhd2FpdCBjaGVja0NvbGxlY3Rpb24oY29sbGVjdGlvbiwgYXdhaXQgYW55V29ya3NwYWNlKGNvbnRleHQpKTtcbiAgICAgICAgY29uc3QgZXJyb3JzID0gZmluZGluZ3MuZmlsdGVyKCh7IHNldmVyaXR5IH0pID0+IHNldmVyaXR5ID09PSAnZXJyb3InKS5sZW5ndGg7XG4gICAgICAgIGNvbnN0IHN0YXR1cyA9IGVycm9ycyA+IDAgPyAyIDogMDtcbiAgICAgICAgaWYgKHRlcm1pbmFsLmpzb24pIHtcbiAgICAgICAgICBlbWl0KHRlcm1pbmFsLCAnY2hlY2snLCB7XG4gICAgICAgICAgICBmaWxlcyxcbiAgICAgICAgICAgIGVycm9ycyxcbiAgICAgICAgICAgIHdhcm5pbmdzOiBmaW5kaW5ncy5sZW5ndGggLSBlcnJvcnMsXG4gICAgICAgICAgICBmaW5kaW5nczogZmluZGluZ3MubWFwKCh7IHJ1bGUsIHNldmVyaXR5LCB3aGVyZSwgd2hhdCwgcmVtZWR5IH0pID0+ICh7XG4gICAgICAgICAgICAgIHJ1bGUsXG4gICAgICAgICAgICAgIHNldmVyaXR5LFxuICAgICAgICAgICAgICBmaWxlOiB3aGVyZS5maWxlLFxuICAgICAgICAgICAgICBsaW5lOiB3aGVyZS5saW5lID8/IG51bGwsXG4gICAgICAgICAgICAgIGNvbHVtbjogd2hlcmUuY29sdW1uID8/IG51bGwsXG4gICAgICAgICAgICAgIHdoYXQsXG4gICAgICAgICAgICAgIHJlbWVkeTogcmVtZWR5ID8/IG51bGwsXG4gICAgICAgICAgICB9KSksXG4gICAgICAgICAgfSk7XG4gICAgICAgICAgcmV0dXJuIHN0YXR1cztcbiAgICAgICAgfVxuICAgICAgICBjb25zdCB7IG91dCB9ID0gdGVybWluYWw7XG4gICAgICAgIGZvciAoY29uc3QgeyBzZXZlcml0eSwgd2hlcmUsIHdoYXQsIHJlbWVkeSwgcnVsZSB9IG9mIGZpbmRpbmdzKSB7XG4gICAgICAgICAgY29uc3QgcGFpbnQgPSBzZXZlcml0eSA9PT0gJ2Vycm9yJyA/IG91dC5yZWQgOiBvdXQueWVsbG93O1xuICAgICAgICAgIHRlcm1pbmFsLnByaW50KGAke291dC5jeWFuKHBvc2l0aW9uVGV4dCh3aGVyZSkpfSAgJHtwYWludChzZXZlcml0eSl9ICAke3doYXR9ICAke291dC5kaW0ocnVsZSl9YCk7XG4gICAgICAgICAgaWYgKHJlbWVkeSAhPT0gdW5kZWZpbmVkKSB0ZXJtaW5hbC5wcmludChgICAgICR7b3V0LmRpbSgndHJ5Jyl9ICR7cmVtZWR5fWApO1xuICAgICAgICB9XG4gICAgICAgIGNvbnN0IGNvdW50ID0gKG51bWJlcjogbnVtYmVyLCB3b3JkOiBzdHJpbmcpOiBzdHJpbmcgPT4gYCR7bnVtYmVyfSAke3dvcmR9JHtudW1iZXIgPT09IDEgPyAnJyA6ICdzJ31gO1xuICAgICAgICB0ZXJtaW5hbC5wcmludChcbiAgICAgICAgICBgJHtjb3VudChmaWxlcywgJ2ZpbGUnKX06ICR7ZmluZGluZ3MubGVuZ3RoID09PSAwID8gb3V0LmdyZWVuKCdhbGwgd2VsbCcpIDogYCR7Y291bnQoZXJyb3JzLCAnZXJyb3InKX0sICR7Y291bnQoZmluZGluZ3MubGVuZ3RoIC0gZXJyb3JzLCAnd2FybmluZycpfWB9YCxcbiAgICAgICAgKTtcbiAgICAgICAgcmV0dXJuIHN0YXR1cztcbiAgICAgIH0pLFxuICAgICk7XG4gICAgZXhhbXBsZXMoY29tbWFuZCwgW1xuICAgICAgWydjaGVjaycsICdldmVyeSBmaW5kaW5nIHdpdGggZmlsZSwgbGluZSBhbmQgY29sdW1uJ10sXG4gICAgICBbJ2NoZWNrIC0tanNvbicsICd0aGUgc2FtZSBmb3IgcHJvZ3JhbXM7IHRoZSBleGl0IHN0YXR1cyBpcyAyIHdoZXJlIHRoZXJlIGlzIGFuIGVycm9yJ10sXG4gICAgXSk7XG4gIH0sXG59O1xuXG4vKiogT2YgdGhlIGNob3NlbiBlbnZpcm9ubWVudCwgb3Igb2YgdGhlIGZpcnN0IHRoYXQgY2FuIGJlIG9wZW5lZDogZmlsZXMgYXJlIG1hZGUgcmVhZHkgaW4gb25lIGFzIGluIHRoZSBvdGhlci4gKi9cbmFzeW5jIGZ1bmN0aW9uIGFueVdvcmtzcGFjZShjb250ZXh0OiBDb250ZXh0KTogUHJvbWlzZTxXb3Jrc3BhY2UgfCB1bmRlZmluZWQ+IHtcbiAgY29uc3QgY29sbGVjdGlvbiA9IGF3YWl0IGNvbnRleHQuY29sbGVjdGlvbigpO1xuICBjb25zdCB7IGVudmlyb25tZW50IH0gPSBjb2xsZWN0aW9uLm1hbmlmZXN0LmNvbnRlbnQ7XG4gIGZvciAoY29uc3QgbmFtZSBvZiBbY29udGV4dC5vcHRpb25zLmVudiA/PyBlbnZpcm9ubWVudCwgLi4uY29sbGVjdGlvbi5uYW1lcygnZW52aXJvbm1lbnQnKV0pIHtcbiAgICBpZiAobmFtZSA9PT0gdW5kZWZpbmVkKSBjb250aW51ZTtcbiAgICB0cnkge1xuICAgICAgcmV0dXJuIGF3YWl0IGNvbnRleHQud29ya3NwYWNlKHsgZW52aXJvbm1lbnQ6IG5hbWUgfSk7XG4gICAgfSBjYXRjaCB7XG4gICAgICAvLyBJdHMgb3duIGZpbGUgaXMgY2hlY2tlZCBieSBpdHNlbGYuXG4gICAgfVxuICB9XG4gIHJldHVybiB1bmRlZmluZWQ7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxTQUFTLFlBQVk7OztBQ1NyQixJQUFNLE9BQU87QUFFYixlQUFzQixnQkFDcEIsV0FDQSxFQUFFLE1BQU0sU0FBUyxLQUFLLEdBQ0Y7QUFDcEIsUUFBTSxFQUFFLFVBQUFBLFlBQVcsQ0FBQyxFQUFFLElBQUk7QUFDMUIsTUFBSUEsVUFBUyxXQUFXLEVBQUcsUUFBTyxDQUFDO0FBQ25DLFFBQU0sQ0FBQyxFQUFFLGtCQUFrQixHQUFHLE1BQU0sSUFBSSxNQUFNLFFBQVEsSUFBSTtBQUFBLElBQ3hELE9BQU8sd0JBQTBCO0FBQUEsSUFDakMsVUFBVSxPQUFPLElBQUk7QUFBQSxFQUN2QixDQUFDO0FBQ0QsU0FBT0EsVUFBUyxRQUFRLENBQUMsU0FBUyxVQUFxQjtBQUNyRCxVQUFNLFFBQVEsVUFBVSxNQUFNO0FBQzlCLFVBQU0sWUFBWSxjQUFjLFVBQVUsUUFBUSxTQUFTLEVBQUUsT0FBTyxVQUFVLFVBQVUsU0FBUyxJQUFJLENBQUM7QUFDdEcsVUFBTSxPQUFPLENBQUMsWUFBWSxLQUFLO0FBQy9CLFFBQUk7QUFDRixhQUFPLGtCQUFrQixRQUFRLFNBQVMsRUFBRSxPQUFPLFVBQVUsQ0FBQyxFQUFFLElBQUksQ0FBQyxjQUFjO0FBQUEsUUFDakY7QUFBQSxRQUNBLFVBQVU7QUFBQSxRQUNWLE9BQU8sS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLFVBQVUsR0FBRyxTQUFTLElBQUksQ0FBQztBQUFBLFFBQzFELEdBQUcsS0FBSyxRQUFRO0FBQUEsTUFDbEIsRUFBRTtBQUFBLElBQ0osU0FBUyxPQUFPO0FBQ2QsWUFBTSxFQUFFLE1BQU0sT0FBTyxJQUFJLFVBQVUsS0FBSztBQUN4QyxhQUFPO0FBQUEsUUFDTCxFQUFFLE1BQU0sVUFBVSxTQUFTLE9BQU8sS0FBSyxTQUFTLElBQUksR0FBRyxNQUFNLCtCQUErQixJQUFJLElBQUksT0FBTztBQUFBLE1BQzdHO0FBQUEsSUFDRjtBQUFBLEVBQ0YsQ0FBQztBQUNIO0FBRUEsU0FBUyxLQUFLO0FBQUEsRUFDWjtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQSxTQUFTLENBQUMsTUFBTSxNQUFNLElBQUksQ0FBQyxHQUFHLENBQUM7QUFDakMsR0FBK0M7QUFDN0MsTUFBSSxDQUFDLFdBQVksUUFBTyxFQUFFLE1BQU0sMEJBQTBCLElBQUksSUFBSSxRQUFRLHdDQUF3QztBQUNsSCxNQUFJLFFBQVE7QUFDVixXQUFPO0FBQUEsTUFDTCxNQUFNLEdBQUcsSUFBSTtBQUFBLE1BQ2IsUUFDRSxTQUFTLFNBQ0wsZ0dBQ0EsWUFBWSxJQUFJLHVCQUF1QixNQUFNO0FBQUEsSUFDckQ7QUFBQSxFQUNGO0FBQ0EsUUFBTSxFQUFFLE1BQU0sUUFBUSxlQUFlLFdBQVcsaUJBQWlCLFdBQVcsTUFBTSxJQUFJO0FBQ3RGLFNBQU87QUFBQSxJQUNMLE1BQU0sR0FBRyxJQUFJLDhCQUE4QixJQUFJLElBQUksTUFBTSxjQUFjLFlBQVksWUFBWSxjQUFjO0FBQUEsSUFDN0csUUFBUTtBQUFBLEVBQ1Y7QUFDRjs7O0FEdkNBLGVBQXNCLGdCQUFnQixZQUF3QixXQUF3RDtBQUNwSCxRQUFNLFdBQXNCLENBQUM7QUFDN0IsUUFBTSxNQUFNLENBQUNDLE9BQWMsU0FBa0IsU0FBdUI7QUFDbEUsVUFBTSxRQUFzQixPQUFPLFFBQVEsVUFBVSxXQUFXLFFBQVEsUUFBUSxFQUFFLEtBQUs7QUFDdkYsVUFBTSxTQUFTLENBQUMsUUFBUSxRQUFRLFFBQVEsTUFBTSxFQUFFLE9BQU8sT0FBTyxFQUFFLEtBQUssSUFBSSxLQUFLO0FBQzlFLGFBQVMsS0FBSyxFQUFFLE1BQUFBLE9BQU0sVUFBVSxTQUFTLE9BQU8sTUFBTSxRQUFRLE1BQU0sT0FBTyxDQUFDO0FBQUEsRUFDOUU7QUFDQSxRQUFNLFFBQVMsT0FBTyxLQUFLLFNBQVMsRUFBaUI7QUFBQSxJQUFRLENBQUMsU0FDNUQsV0FBVyxNQUFNLElBQUksRUFBRSxJQUFJLENBQUMsVUFBVSxFQUFFLE1BQU0sTUFBTSxNQUFNLEdBQUcsVUFBVSxJQUFJLEVBQUUsTUFBTSxJQUFJLElBQUksUUFBUSxFQUFFO0FBQUEsRUFDdkc7QUFDQSxRQUFNLFFBQVEsb0JBQUksSUFBWTtBQUM5QixRQUFNLFFBQVEsQ0FBQyxNQUFjLFdBQXNEO0FBQ2pGLFFBQUk7QUFDRixZQUFNLFdBQVcsY0FBYyxRQUFRLFNBQVMsS0FBSyxXQUFXLE1BQU0sSUFBSSxHQUFHLElBQUksQ0FBQztBQUNsRixpQkFBVyxXQUFXLFNBQVUsS0FBSSxjQUFjLFNBQVMsSUFBSTtBQUMvRCxVQUFJLFNBQVMsV0FBVyxFQUFHLE9BQU0sSUFBSSxJQUFJO0FBQUEsSUFDM0MsU0FBUyxPQUFPO0FBQ2QsVUFBSSxjQUFjLFVBQVUsS0FBSyxHQUFHLElBQUk7QUFBQSxJQUMxQztBQUFBLEVBQ0Y7QUFDQSxRQUFNLGNBQWMsWUFBWTtBQUNoQyxhQUFXLEVBQUUsTUFBTSxLQUFLLEtBQUssTUFBTyxPQUFNLE1BQU0sVUFBVSxJQUFJLEVBQUUsTUFBTTtBQUN0RSxRQUFNLFdBQVcsSUFBSTtBQUFBLElBQ25CLFdBQ0csTUFBTSxTQUFTLEVBQ2YsUUFBUSxDQUFDLFNBQVMsT0FBTyxNQUFNLFdBQVcsU0FBUyxJQUFJLEVBQUUsSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLEtBQUssSUFBSSxDQUFDLEtBQUssQ0FBQyxDQUFDO0FBQUEsRUFDakc7QUFDQSxhQUFXLFFBQVEsU0FBVSxPQUFNLE1BQU0sYUFBYSxNQUFNO0FBRTVELFFBQU0sT0FBTyxDQUFxQixTQUNoQyxJQUFJO0FBQUEsSUFDRixNQUNHLE9BQU8sQ0FBQyxRQUFRLElBQUksU0FBUyxRQUFRLE1BQU0sSUFBSSxJQUFJLElBQUksQ0FBQyxFQUN4RCxJQUFJLENBQUMsRUFBRSxLQUFLLE1BQU0sQ0FBQyxNQUFNLFdBQVcsS0FBSyxNQUFNLElBQUksQ0FBQyxDQUFDO0FBQUEsRUFDMUQ7QUFDRixRQUFNLFdBQVcsS0FBSyxTQUFTO0FBQy9CLFFBQU0sU0FBUyxLQUFLLE9BQU87QUFFM0IsYUFBVyxRQUFRLE9BQU8sS0FBSyxXQUFXLElBQUksR0FBRztBQUMvQyxRQUFJO0FBQ0YsWUFBTSxXQUFXLFlBQVksSUFBSTtBQUFBLElBQ25DLFNBQVMsT0FBTztBQUNkLFVBQUksMEJBQTBCLFVBQVUsS0FBSyxHQUFHLFlBQVk7QUFBQSxJQUM5RDtBQUFBLEVBQ0Y7QUFDQSxNQUFJLFdBQVc7QUFDYixlQUFXLENBQUMsTUFBTSxNQUFNLEtBQUssS0FBSyxXQUFXLEdBQUc7QUFDOUMsWUFBTSxFQUFFLEtBQUssSUFBSSxPQUFPO0FBQ3hCLFlBQU0sTUFBTSxNQUFNLFVBQVUsT0FBTyxJQUFJLEdBQUcsTUFBTSxLQUFLLEtBQUs7QUFDMUQsVUFBSSxNQUFNLElBQUksSUFBSSxFQUFHLFVBQVMsS0FBSyxHQUFJLE1BQU0sZ0JBQWdCLFdBQVcsTUFBTSxDQUFFO0FBQUEsSUFDbEY7QUFDQSxlQUFXLENBQUMsTUFBTSxFQUFFLEtBQUssQ0FBQyxLQUFLLFNBQVUsT0FBTSxNQUFNLE1BQU0sVUFBVSxRQUFRLElBQUksR0FBRyxLQUFLLE1BQU0sS0FBSyxLQUFLO0FBQ3pHLGVBQVcsQ0FBQyxNQUFNLEVBQUUsS0FBSyxDQUFDLEtBQUssT0FBUSxPQUFNLE1BQU0sTUFBTSxVQUFVLFdBQVcsSUFBSSxHQUFHLEtBQUssTUFBTSxLQUFLLEtBQUs7QUFDMUcsZUFBVyxDQUFDLEVBQUUsRUFBRSxNQUFNLFFBQVEsQ0FBQyxLQUFLLEtBQUssU0FBUyxHQUFHO0FBQ25ELFVBQUksUUFBUSxTQUFTLFFBQVM7QUFDOUIsaUJBQVcsQ0FBQyxLQUFLLElBQUksS0FBSztBQUFBLFFBQ3hCLENBQUMsUUFBUSxRQUFRLElBQUk7QUFBQSxRQUNyQixDQUFDLFNBQVMsUUFBUSxLQUFLO0FBQUEsTUFDekIsR0FBWTtBQUNWLFlBQUksQ0FBQyxLQUFNO0FBQ1gsY0FBTSxPQUFPLFlBQThCO0FBQ3pDLGNBQUk7QUFDRixtQkFBTyxPQUFPLFdBQVcsT0FBTyxVQUFVLFdBQVcsS0FBSyxLQUFLLElBQUksVUFBVSxRQUFRLEtBQUssSUFBSTtBQUFBLFVBQ2hHLFNBQVMsT0FBTztBQUNkLGtCQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSyxTQUFTLENBQUMsS0FBSyxXQUFXLE9BQU8sVUFBVSxNQUFNLENBQUMsQ0FBQztBQUFBLFVBQ3BGO0FBQUEsUUFDRjtBQUNBLGNBQU0sTUFBTSxNQUFNLEtBQUssTUFBTSxLQUFLLEtBQUs7QUFBQSxNQUN6QztBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsUUFBTSxZQUFZLG9CQUFJLElBQUk7QUFBQSxJQUN4QixHQUFHLE9BQU8sS0FBSyxXQUFXLFNBQVMsUUFBUSxhQUFhLENBQUMsQ0FBQztBQUFBLElBQzFELEdBQUcsQ0FBQyxHQUFHLEtBQUssYUFBYSxFQUFFLE9BQU8sQ0FBQyxFQUFFLFFBQVEsQ0FBQyxFQUFFLFFBQVEsTUFBTSxPQUFPLEtBQUssUUFBUSxhQUFhLENBQUMsQ0FBQyxDQUFDO0FBQUEsRUFDcEcsQ0FBQztBQUNELFFBQU0sU0FBUyxDQUFJLFVBQ2pCLElBQUksSUFBSSxDQUFDLEdBQUcsS0FBSyxFQUFFLE9BQU8sQ0FBQyxDQUFDLEVBQUUsRUFBRSxLQUFLLENBQUMsTUFBTSxNQUFNLElBQUksS0FBSyxJQUFJLENBQUMsQ0FBQztBQUNuRSxRQUFNLFVBQW1CLEVBQUUsWUFBWSxXQUFXLFVBQVUsT0FBTyxRQUFRLEdBQUcsUUFBUSxPQUFPLE1BQU0sRUFBRTtBQUNyRyxhQUFXQSxTQUFRO0FBQ2pCLHFCQUFpQixXQUFXQSxNQUFLLE1BQU0sT0FBTyxFQUFHLFVBQVMsS0FBSyxFQUFFLE1BQU1BLE1BQUssTUFBTSxHQUFHLFFBQVEsQ0FBQztBQUVoRyxRQUFNLFFBQVEsQ0FBQyxZQUNiLEdBQUcsUUFBUSxNQUFNLElBQUksSUFBSSxPQUFPLFFBQVEsTUFBTSxRQUFRLENBQUMsRUFBRSxTQUFTLEdBQUcsR0FBRyxDQUFDO0FBRTNFLFFBQU0sU0FBUyxvQkFBSSxJQUFxQjtBQUN4QyxhQUFXLFdBQVcsVUFBVTtBQUM5QixVQUFNLE1BQU0sR0FBRyxNQUFNLE9BQU8sQ0FBQyxJQUFJLFFBQVEsSUFBSTtBQUM3QyxRQUFJLENBQUMsT0FBTyxJQUFJLEdBQUcsRUFBRyxRQUFPLElBQUksS0FBSyxPQUFPO0FBQUEsRUFDL0M7QUFDQSxTQUFPO0FBQUEsSUFDTCxVQUFVLENBQUMsR0FBRyxPQUFPLE9BQU8sQ0FBQyxFQUFFLEtBQUssQ0FBQyxHQUFHLE1BQU8sTUFBTSxDQUFDLElBQUksTUFBTSxDQUFDLElBQUksS0FBSyxDQUFFO0FBQUEsSUFDNUUsT0FBTyxNQUFNLFNBQVMsSUFBSSxTQUFTO0FBQUEsRUFDckM7QUFDRjtBQUdBLGVBQWUsTUFDYixNQUNBLE1BQ0EsS0FDQSxPQUNlO0FBQ2YsTUFBSTtBQUNGLFVBQU0sS0FBSztBQUFBLEVBQ2IsU0FBUyxPQUFPO0FBQ2QsUUFBSSxjQUFjLFVBQVUsS0FBSyxHQUFHLElBQUk7QUFDeEMsVUFBTSxPQUFPLElBQUk7QUFBQSxFQUNuQjtBQUNGO0FBRUEsU0FBUyxPQUFVLE1BQThCO0FBQy9DLE1BQUk7QUFDRixXQUFPLEtBQUs7QUFBQSxFQUNkLFFBQVE7QUFDTixXQUFPO0FBQUEsRUFDVDtBQUNGOzs7QUVwSU8sSUFBTSxFQUFFLFVBQVUsSUFBbUI7QUFBQSxFQUMxQyxVQUFVLFNBQVMsS0FBSztBQUN0QixZQUFRO0FBQUEsTUFDTixJQUFJLE9BQU8sWUFBWTtBQUNyQixjQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLGNBQU0sYUFBYSxNQUFNLFFBQVEsV0FBVztBQUM1QyxjQUFNLEVBQUUsVUFBVSxNQUFNLElBQUksTUFBTSxnQkFBZ0IsWUFBWSxNQUFNLGFBQWEsT0FBTyxDQUFDO0FBQ3pGLGNBQU0sU0FBUyxTQUFTLE9BQU8sQ0FBQyxFQUFFLFNBQVMsTUFBTSxhQUFhLE9BQU8sRUFBRTtBQUN2RSxjQUFNLFNBQVMsU0FBUyxJQUFJLElBQUk7QUFDaEMsWUFBSSxTQUFTLE1BQU07QUFDakIsZUFBSyxVQUFVLFNBQVM7QUFBQSxZQUN0QjtBQUFBLFlBQ0E7QUFBQSxZQUNBLFVBQVUsU0FBUyxTQUFTO0FBQUEsWUFDNUIsVUFBVSxTQUFTLElBQUksQ0FBQyxFQUFFLE1BQUFDLE9BQU0sVUFBVSxPQUFPLE1BQU0sT0FBTyxPQUFPO0FBQUEsY0FDbkUsTUFBQUE7QUFBQSxjQUNBO0FBQUEsY0FDQSxNQUFNLE1BQU07QUFBQSxjQUNaLE1BQU0sTUFBTSxRQUFRO0FBQUEsY0FDcEIsUUFBUSxNQUFNLFVBQVU7QUFBQSxjQUN4QjtBQUFBLGNBQ0EsUUFBUSxVQUFVO0FBQUEsWUFDcEIsRUFBRTtBQUFBLFVBQ0osQ0FBQztBQUNELGlCQUFPO0FBQUEsUUFDVDtBQUNBLGNBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsbUJBQVcsRUFBRSxVQUFVLE9BQU8sTUFBTSxRQUFRLE1BQUFBLE1BQUssS0FBSyxVQUFVO0FBQzlELGdCQUFNLFFBQVEsYUFBYSxVQUFVLElBQUksTUFBTSxJQUFJO0FBQ25ELG1CQUFTLE1BQU0sR0FBRyxJQUFJLEtBQUssYUFBYSxLQUFLLENBQUMsQ0FBQyxLQUFLLE1BQU0sUUFBUSxDQUFDLEtBQUssSUFBSSxLQUFLLElBQUksSUFBSUEsS0FBSSxDQUFDLEVBQUU7QUFDaEcsY0FBSSxXQUFXLE9BQVcsVUFBUyxNQUFNLE9BQU8sSUFBSSxJQUFJLEtBQUssQ0FBQyxJQUFJLE1BQU0sRUFBRTtBQUFBLFFBQzVFO0FBQ0EsY0FBTSxRQUFRLENBQUMsUUFBZ0IsU0FBeUIsR0FBRyxNQUFNLElBQUksSUFBSSxHQUFHLFdBQVcsSUFBSSxLQUFLLEdBQUc7QUFDbkcsaUJBQVM7QUFBQSxVQUNQLEdBQUcsTUFBTSxPQUFPLE1BQU0sQ0FBQyxLQUFLLFNBQVMsV0FBVyxJQUFJLElBQUksTUFBTSxVQUFVLElBQUksR0FBRyxNQUFNLFFBQVEsT0FBTyxDQUFDLEtBQUssTUFBTSxTQUFTLFNBQVMsUUFBUSxTQUFTLENBQUMsRUFBRTtBQUFBLFFBQ3hKO0FBQ0EsZUFBTztBQUFBLE1BQ1QsQ0FBQztBQUFBLElBQ0g7QUFDQSxhQUFTLFNBQVM7QUFBQSxNQUNoQixDQUFDLFNBQVMsMENBQTBDO0FBQUEsTUFDcEQsQ0FBQyxnQkFBZ0IscUVBQXFFO0FBQUEsSUFDeEYsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUdBLGVBQWUsYUFBYSxTQUFrRDtBQUM1RSxRQUFNLGFBQWEsTUFBTSxRQUFRLFdBQVc7QUFDNUMsUUFBTSxFQUFFLFlBQVksSUFBSSxXQUFXLFNBQVM7QUFDNUMsYUFBVyxRQUFRLENBQUMsUUFBUSxRQUFRLE9BQU8sYUFBYSxHQUFHLFdBQVcsTUFBTSxhQUFhLENBQUMsR0FBRztBQUMzRixRQUFJLFNBQVMsT0FBVztBQUN4QixRQUFJO0FBQ0YsYUFBTyxNQUFNLFFBQVEsVUFBVSxFQUFFLGFBQWEsS0FBSyxDQUFDO0FBQUEsSUFDdEQsUUFBUTtBQUFBLElBRVI7QUFBQSxFQUNGO0FBQ0EsU0FBTztBQUNUOyIsCiAgIm5hbWVzIjogWyJleGFtcGxlcyIsICJydWxlIiwgInJ1bGUiXQp9Cg==
