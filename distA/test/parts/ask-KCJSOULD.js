import {
  withInputs
} from "./chunk-IYVFZVMQ.js";
import "./chunk-TSTZ2E5O.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  readAnswers,
  writeAnswers
} from "./chunk-MEFVM56I.js";
import {
  sendRequest
} from "./chunk-RCNXIKQJ.js";
import "./chunk-2IYWYRKP.js";
import "./chunk-33U4T2M5.js";
import "./chunk-3HNS4OKH.js";
import "./chunk-2P5QH4SA.js";
import "./chunk-M6H7XQX2.js";
import "./chunk-4THVOAEK.js";
import {
  openDocumentation,
  sourceIndex
} from "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-JTXRQ3DM.js";
import "./chunk-UFHSLVCM.js";
import "./chunk-2YNHSDXB.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import "./chunk-3GYCCOMC.js";
import "./chunk-7G6JQYYU.js";
import "./chunk-BNANEU6A.js";
import "./chunk-G6PY5PV3.js";
import "./chunk-YNHN5OI4.js";
import "./chunk-KDZI5FEM.js";
import "./chunk-REJVQWM4.js";
import "./chunk-WAHZOCQ7.js";
import {
  readPlace
} from "./chunk-V2NIP2IX.js";
import "./chunk-U6MR4M5T.js";
import "./chunk-TNGRBWFR.js";
import "./chunk-36BGEIU2.js";
import "./chunk-IBVRGXBJ.js";
import "./chunk-VV4FZXZN.js";
import "./chunk-ADLZ4E65.js";
import "./chunk-BC36KCSM.js";
import "./chunk-KTFSZ6KS.js";
import "./chunk-5DCQHAPP.js";
import "./chunk-MAL2YCX2.js";
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
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import "./chunk-ELCQYB6S.js";
import "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import {
  plain
} from "./chunk-XGDOGID3.js";

// src/cli/commands/docs/ask.ts
var lists = ["values", "fields", "operators"];
var { configure } = {
  configure(command, run) {
    command.argument("[source]", "only this documentation source").action(
      run(async (context, [only]) => {
        const { terminal, signal } = context;
        const workspace = await context.workspace();
        const { collection } = workspace;
        await openDocumentation(collection);
        if (only !== void 0) sourceIndex(collection, only);
        const told = [];
        const sent = /* @__PURE__ */ new Map();
        for (const [source, { asked = {} }] of Object.entries(collection.docs)) {
          if (only !== void 0 && source !== only) continue;
          const before = readAnswers(collection, source);
          const now = {};
          for (const [parameter, { from, ...places }] of Object.entries(asked)) {
            demandParameter(workspace, source, parameter);
            const name = collection.resolve("request", from);
            const answer = sent.get(name) ?? await sendFor(workspace, name, terminal, signal);
            sent.set(name, answer);
            now[parameter] = await saidIn(answer, name, places, parameter);
            told.push({ source, parameter, before: before[parameter], now: now[parameter] });
          }
          if (Object.keys(now).length > 0) await writeAnswers(collection, source, now);
        }
        if (terminal.json) {
          return emit(terminal, "docs ask", {
            parameters: told.map(({ source, parameter, now, before }) => ({
              parameter: `${source}/${parameter}`,
              ...now,
              changed: before !== void 0 && lists.some((list) => differ(before[list], now[list]))
            }))
          });
        }
        if (told.length === 0) {
          throw new Problem("usage", {
            what: "the manifest names no request to ask with",
            remedy: "under docs, SOURCE in echo-trail.yaml: asked: {OPERATION.PARAMETER: {from: REQUEST, values: PLACE}}"
          });
        }
        for (const one of told) terminal.print(toldText(one, terminal));
        return 0;
      })
    );
    examples(command, [
      ["docs ask", "asks the API for the fields and operators that its register search takes, and keeps them"]
    ]);
  }
};
function demandParameter({ collection }, source, given) {
  const dot = given.lastIndexOf(".");
  const operation = sourceIndex(collection, source).operation(given.slice(0, dot), 0);
  const names = operation?.parameters.map(({ name }) => name) ?? [];
  if (operation && names.includes(given.slice(dot + 1))) return;
  throw new Problem("operation-not-found", {
    what: operation ? `${source}/${operation.id} has no parameter ${given.slice(dot + 1)}` : `${source} describes no operation ${given.slice(0, dot)}`,
    where: { file: "echo-trail.yaml" },
    remedy: (operation && nearestHint(given.slice(dot + 1), names)) ?? "asked is by OPERATION.PARAMETER"
  });
}
async function sendFor(workspace, name, terminal, signal) {
  terminal.progress(`asking with ${name}`);
  const prepared = await workspace.prepare(name);
  const sent = await withInputs(
    workspace,
    prepared,
    terminal,
    false,
    ({ given }) => sendRequest(workspace, prepared, { given, caller: noNames, signal })
  );
  terminal.progress("");
  const [problem] = sent.problems;
  if (problem) throw problem;
  return sent;
}
async function saidIn({ outcome: { received } }, from, places, parameter) {
  const found = {};
  for (const list of lists) {
    const text = places[list];
    if (text === void 0) continue;
    const loads = [];
    const place = readPlace(text, loads);
    await Promise.all(loads);
    const value = received && place.find(received);
    const items = (Array.isArray(value) ? value : value === void 0 ? [] : [value]).map((one) => plain(one));
    if (items.length === 0 || items.some((one) => typeof one === "object")) {
      throw new Problem("keep-missing", {
        what: `the answer of ${from} has no list of texts at ${text}, for ${list} of ${parameter}`,
        where: { file: "echo-trail.yaml" },
        remedy: `echo-trail send ${from} --pick '${text}' shows what stands there`
      });
    }
    found[list] = list === "values" ? items : items.map(String);
  }
  return { from, asked: (/* @__PURE__ */ new Date()).toISOString().slice(0, 10), ...found };
}
var differ = (before = [], now = []) => JSON.stringify(before) !== JSON.stringify(now);
function toldText({ source, parameter, before, now }, { out }) {
  const lines = lists.flatMap((list) => {
    const own = now[list] ?? [];
    if (own.length === 0) return [];
    const old = before?.[list];
    const gone = (old ?? []).filter((one) => !own.includes(one));
    const shown = own.map((one) => old && !old.includes(one) ? out.green(`+${String(one)}`) : String(one));
    return [`  ${out.dim(list.padEnd(9))}  ${[...shown, ...gone.map((one) => out.red(`-${String(one)}`))].join(", ")}`];
  });
  return [`${out.bold(`${source}/${parameter}`)}   ${out.dim(`asked by ${now.from}`)}`, ...lines].join("\n");
}
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9kb2NzL2Fzay50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIGBkb2NzIGFza2A6IHdoYXQgdGhlIHZlbmRvcidzIEFQSSBpdHNlbGYgc2F5cyBvZiBpdHMgcGFyYW1ldGVycywgYnkgdGhlIHJlcXVlc3RzIHRoYXQgdGhlIG1hbmlmZXN0IG5hbWVzLiAqL1xuaW1wb3J0IHsgdHlwZSBBbnN3ZXJzLCByZWFkQW5zd2VycywgdHlwZSBTYWlkLCB3cml0ZUFuc3dlcnMgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vYXNrZWQuanMnO1xuaW1wb3J0IHsgb3BlbkRvY3VtZW50YXRpb24sIHNvdXJjZUluZGV4IH0gZnJvbSAnLi4vLi4vLi4vY29yZS9jb2xsZWN0aW9uL3NvdXJjZS1pbmRleC5qcyc7XG5pbXBvcnQgeyBub05hbWVzIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IHJlYWRQbGFjZSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvcGxhY2UvcmVnaXN0cnkuanMnO1xuaW1wb3J0IHsgbmVhcmVzdEhpbnQgfSBmcm9tICcuLi8uLi8uLi9jb3JlL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuLi8uLi8uLi9jb3JlL3RyYWlsL3NlbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBTZW50IH0gZnJvbSAnLi4vLi4vLi4vY29yZS90cmFpbC9zZW5kaW5nLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vLi4vLi4vY29yZS90cmFpbC93b3Jrc3BhY2UuanMnO1xuaW1wb3J0IHsgcGxhaW4sIHR5cGUgVmFsdWUgfSBmcm9tICcuLi8uLi8uLi9jb3JlL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgdHlwZSBDb21tYW5kTW9kdWxlLCBleGFtcGxlcyB9IGZyb20gJy4uLy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHsgZW1pdCB9IGZyb20gJy4uLy4uL2VtaXQuanMnO1xuaW1wb3J0IHsgd2l0aElucHV0cyB9IGZyb20gJy4uLy4uL2dpdmluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFRlcm1pbmFsIH0gZnJvbSAnLi4vLi4vdGVybWluYWwuanMnO1xuXG5jb25zdCBsaXN0cyA9IFsndmFsdWVzJywgJ2ZpZWxkcycsICdvcGVyYXRvcnMnXSBhcyBjb25zdDtcbnR5cGUgTGlzdE5hbWUgPSAodHlwZW9mIGxpc3RzKVtudW1iZXJdO1xuXG5pbnRlcmZhY2UgVG9sZCB7XG4gIHJlYWRvbmx5IHNvdXJjZTogc3RyaW5nO1xuICByZWFkb25seSBwYXJhbWV0ZXI6IHN0cmluZztcbiAgcmVhZG9ubHkgYmVmb3JlOiBTYWlkIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBub3c6IFNhaWQ7XG59XG5cbmV4cG9ydCBjb25zdCB7IGNvbmZpZ3VyZSB9OiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZC5hcmd1bWVudCgnW3NvdXJjZV0nLCAnb25seSB0aGlzIGRvY3VtZW50YXRpb24gc291cmNlJykuYWN0aW9uKFxuICAgICAgcnVuKGFzeW5jIChjb250ZXh0LCBbb25seV0pID0+IHtcbiAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCwgc2lnbmFsIH0gPSBjb250ZXh0O1xuICAgICAgICBjb25zdCB3b3Jrc3BhY2UgPSBhd2FpdCBjb250ZXh0LndvcmtzcGFjZSgpO1xuICAgICAgICBjb25zdCB7IGNvbGxlY3Rpb24gfSA9IHdvcmtzcGFjZTtcbiAgICAgICAgYXdhaXQgb3BlbkRvY3VtZW50YXRpb24oY29sbGVjdGlvbik7XG4gICAgICAgIGlmIChvbmx5ICE9PSB1bmRlZmluZWQpIHNvdXJjZUluZGV4KGNvbGxlY3Rpb24sIG9ubHkpO1xuICAgICAgICBjb25zdCB0b2xkOiBUb2xkW10gPSBbXTtcbiAgICAgICAgY29uc3Qgc2VudCA9IG5ldyBNYXA8c3RyaW5nLCBTZW50PigpO1xuICAgICAgICBmb3IgKGNvbnN0IFtzb3VyY2UsIHsgYXNrZWQgPSB7fSB9XSBvZiBPYmplY3QuZW50cmllcyhjb2xsZWN0aW9uLmRvY3MpKSB7XG4gICAgICAgICAgaWYgKG9ubHkgIT09IHVuZGVmaW5lZCAmJiBzb3VyY2UgIT09IG9ubHkpIGNvbnRpbnVlO1xuICAgICAgICAgIGNvbnN0IGJlZm9yZSA9IHJlYWRBbnN3ZXJzKGNvbGxlY3Rpb24sIHNvdXJjZSk7XG4gICAgICAgICAgY29uc3Qgbm93OiBSZWNvcmQ8c3RyaW5nLCBTYWlkPiA9IHt9O1xuICAgICAgICAgIGZvciAoY29uc3QgW3BhcmFtZXRlciwgeyBmcm9tLCAuLi5wbGFjZXMgfV0gb2YgT2JqZWN0LmVudHJpZXMoYXNrZWQpKSB7XG4gICAgICAgICAgICBkZW1hbmRQYXJhbWV0ZXIod29ya3NwYWNlLCBzb3VyY2UsIHBhcmFtZXRlcik7XG4gICAgICAgICAgICBjb25zdCBuYW1lID0gY29sbGVjdGlvbi5yZXNvbHZlKCdyZXF1ZXN0JywgZnJvbSk7XG4gICAgICAgICAgICBjb25zdCBhbnN3ZXIgPSBzZW50LmdldChuYW1lKSA/PyAoYXdhaXQgc2VuZEZvcih3b3Jrc3BhY2UsIG5hbWUsIHRlcm1pbmFsLCBzaWduYWwpKTtcbiAgICAgICAgICAgIHNlbnQuc2V0KG5hbWUsIGFuc3dlcik7XG4gICAgICAgICAgICBub3dbcGFyYW1ldGVyXSA9IGF3YWl0IHNhaWRJbihhbnN3ZXIsIG5hbWUsIHBsYWNlcywgcGFyYW1ldGVyKTtcbiAgICAgICAgICAgIHRvbGQucHVzaCh7IHNvdXJjZSwgcGFyYW1ldGVyLCBiZWZvcmU6IGJlZm9yZVtwYXJhbWV0ZXJdLCBub3c6IG5vd1twYXJhbWV0ZXJdIH0pO1xuICAgICAgICAgIH1cbiAgICAgICAgICBpZiAoT2JqZWN0LmtleXMobm93KS5sZW5ndGggPiAwKSBhd2FpdCB3cml0ZUFuc3dlcnMoY29sbGVjdGlvbiwgc291cmNlLCBub3cgc2F0aXNmaWVzIEFuc3dlcnMpO1xuICAgICAgICB9XG4gICAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSB7XG4gICAgICAgICAgcmV0dXJuIGVtaXQodGVybWluYWwsICdkb2NzIGFzaycsIHtcbiAgICAgICAgICAgIHBhcmFtZXRlcnM6IHRvbGQubWFwKCh7IHNvdXJjZSwgcGFyYW1ldGVyLCBub3csIGJlZm9yZSB9KSA9PiAoe1xuICAgICAgICAgICAgICBwYXJhbWV0ZXI6IGAke3NvdXJjZX0vJHtwYXJhbWV0ZXJ9YCxcbiAgICAgICAgICAgICAgLi4ubm93LFxuICAgICAgICAgICAgICBjaGFuZ2VkOiBiZWZvcmUgIT09IHVuZGVmaW5lZCAmJiBsaXN0cy5zb21lKChsaXN0KSA9PiBkaWZmZXIoYmVmb3JlW2xpc3RdLCBub3dbbGlzdF0pKSxcbiAgICAgICAgICAgIH0pKSxcbiAgICAgICAgICB9KTtcbiAgICAgICAgfVxuICAgICAgICBpZiAodG9sZC5sZW5ndGggPT09IDApIHtcbiAgICAgICAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICAgICAgICB3aGF0OiAndGhlIG1hbmlmZXN0IG5hbWVzIG5vIHJlcXVlc3QgdG8gYXNrIHdpdGgnLFxuICAgICAgICAgICAgcmVtZWR5OlxuICAgICAgICAgICAgICAndW5kZXIgZG9jcywgU09VUkNFIGluIGVjaG8tdHJhaWwueWFtbDogYXNrZWQ6IHtPUEVSQVRJT04uUEFSQU1FVEVSOiB7ZnJvbTogUkVRVUVTVCwgdmFsdWVzOiBQTEFDRX19JyxcbiAgICAgICAgICB9KTtcbiAgICAgICAgfVxuICAgICAgICBmb3IgKGNvbnN0IG9uZSBvZiB0b2xkKSB0ZXJtaW5hbC5wcmludCh0b2xkVGV4dChvbmUsIHRlcm1pbmFsKSk7XG4gICAgICAgIHJldHVybiAwO1xuICAgICAgfSksXG4gICAgKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbXG4gICAgICBbJ2RvY3MgYXNrJywgJ2Fza3MgdGhlIEFQSSBmb3IgdGhlIGZpZWxkcyBhbmQgb3BlcmF0b3JzIHRoYXQgaXRzIHJlZ2lzdGVyIHNlYXJjaCB0YWtlcywgYW5kIGtlZXBzIHRoZW0nXSxcbiAgICBdKTtcbiAgfSxcbn07XG5cbmZ1bmN0aW9uIGRlbWFuZFBhcmFtZXRlcih7IGNvbGxlY3Rpb24gfTogV29ya3NwYWNlLCBzb3VyY2U6IHN0cmluZywgZ2l2ZW46IHN0cmluZyk6IHZvaWQge1xuICBjb25zdCBkb3QgPSBnaXZlbi5sYXN0SW5kZXhPZignLicpO1xuICBjb25zdCBvcGVyYXRpb24gPSBzb3VyY2VJbmRleChjb2xsZWN0aW9uLCBzb3VyY2UpLm9wZXJhdGlvbihnaXZlbi5zbGljZSgwLCBkb3QpLCAwKTtcbiAgY29uc3QgbmFtZXMgPSBvcGVyYXRpb24/LnBhcmFtZXRlcnMubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSkgPz8gW107XG4gIGlmIChvcGVyYXRpb24gJiYgbmFtZXMuaW5jbHVkZXMoZ2l2ZW4uc2xpY2UoZG90ICsgMSkpKSByZXR1cm47XG4gIHRocm93IG5ldyBQcm9ibGVtKCdvcGVyYXRpb24tbm90LWZvdW5kJywge1xuICAgIHdoYXQ6IG9wZXJhdGlvblxuICAgICAgPyBgJHtzb3VyY2V9LyR7b3BlcmF0aW9uLmlkfSBoYXMgbm8gcGFyYW1ldGVyICR7Z2l2ZW4uc2xpY2UoZG90ICsgMSl9YFxuICAgICAgOiBgJHtzb3VyY2V9IGRlc2NyaWJlcyBubyBvcGVyYXRpb24gJHtnaXZlbi5zbGljZSgwLCBkb3QpfWAsXG4gICAgd2hlcmU6IHsgZmlsZTogJ2VjaG8tdHJhaWwueWFtbCcgfSxcbiAgICByZW1lZHk6IChvcGVyYXRpb24gJiYgbmVhcmVzdEhpbnQoZ2l2ZW4uc2xpY2UoZG90ICsgMSksIG5hbWVzKSkgPz8gJ2Fza2VkIGlzIGJ5IE9QRVJBVElPTi5QQVJBTUVURVInLFxuICB9KTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gc2VuZEZvcih3b3Jrc3BhY2U6IFdvcmtzcGFjZSwgbmFtZTogc3RyaW5nLCB0ZXJtaW5hbDogVGVybWluYWwsIHNpZ25hbDogQWJvcnRTaWduYWwpOiBQcm9taXNlPFNlbnQ+IHtcbiAgdGVybWluYWwucHJvZ3Jlc3MoYGFza2luZyB3aXRoICR7bmFtZX1gKTtcbiAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCB3b3Jrc3BhY2UucHJlcGFyZShuYW1lKTtcbiAgY29uc3Qgc2VudCA9IGF3YWl0IHdpdGhJbnB1dHMod29ya3NwYWNlLCBwcmVwYXJlZCwgdGVybWluYWwsIGZhbHNlLCAoeyBnaXZlbiB9KSA9PlxuICAgIHNlbmRSZXF1ZXN0KHdvcmtzcGFjZSwgcHJlcGFyZWQsIHsgZ2l2ZW4sIGNhbGxlcjogbm9OYW1lcywgc2lnbmFsIH0pLFxuICApO1xuICB0ZXJtaW5hbC5wcm9ncmVzcygnJyk7XG4gIGNvbnN0IFtwcm9ibGVtXSA9IHNlbnQucHJvYmxlbXM7XG4gIGlmIChwcm9ibGVtKSB0aHJvdyBwcm9ibGVtO1xuICByZXR1cm4gc2VudDtcbn1cblxuYXN5bmMgZnVuY3Rpb24gc2FpZEluKFxuICB7IG91dGNvbWU6IHsgcmVjZWl2ZWQgfSB9OiBTZW50LFxuICBmcm9tOiBzdHJpbmcsXG4gIHBsYWNlczogUGFydGlhbDxSZWNvcmQ8TGlzdE5hbWUsIHN0cmluZz4+LFxuICBwYXJhbWV0ZXI6IHN0cmluZyxcbik6IFByb21pc2U8U2FpZD4ge1xuICBjb25zdCBmb3VuZDogUmVjb3JkPHN0cmluZywgdW5rbm93bj4gPSB7fTtcbiAgZm9yIChjb25zdCBsaXN0IG9mIGxpc3RzKSB7XG4gICAgY29uc3QgdGV4dCA9IHBsYWNlc1tsaXN0XTtcbiAgICBpZiAodGV4dCA9PT0gdW5kZWZpbmVkKSBjb250aW51ZTtcbiAgICBjb25zdCBsb2FkczogUHJvbWlzZTx1bmtub3duPltdID0gW107XG4gICAgY29uc3QgcGxhY2UgPSByZWFkUGxhY2UodGV4dCwgbG9hZHMpO1xuICAgIGF3YWl0IFByb21pc2UuYWxsKGxvYWRzKTtcbiAgICBjb25zdCB2YWx1ZSA9IHJlY2VpdmVkICYmIHBsYWNlLmZpbmQocmVjZWl2ZWQpO1xuICAgIGNvbnN0IGl0ZW1zID0gKEFycmF5LmlzQXJyYXkodmFsdWUpID8gdmFsdWUgOiB2YWx1ZSA9PT0gdW5kZWZpbmVkID8gW10gOiBbdmFsdWVdKS5tYXAoKG9uZSkgPT4gcGxhaW4ob25lIGFzIFZhbHVlKSk7XG4gICAgaWYgKGl0ZW1zLmxlbmd0aCA9PT0gMCB8fCBpdGVtcy5zb21lKChvbmUpID0+IHR5cGVvZiBvbmUgPT09ICdvYmplY3QnKSkge1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2tlZXAtbWlzc2luZycsIHtcbiAgICAgICAgd2hhdDogYHRoZSBhbnN3ZXIgb2YgJHtmcm9tfSBoYXMgbm8gbGlzdCBvZiB0ZXh0cyBhdCAke3RleHR9LCBmb3IgJHtsaXN0fSBvZiAke3BhcmFtZXRlcn1gLFxuICAgICAgICB3aGVyZTogeyBmaWxlOiAnZWNoby10cmFpbC55YW1sJyB9LFxuICAgICAgICByZW1lZHk6IGBlY2hvLXRyYWlsIHNlbmQgJHtmcm9tfSAtLXBpY2sgJyR7dGV4dH0nIHNob3dzIHdoYXQgc3RhbmRzIHRoZXJlYCxcbiAgICAgIH0pO1xuICAgIH1cbiAgICBmb3VuZFtsaXN0XSA9IGxpc3QgPT09ICd2YWx1ZXMnID8gaXRlbXMgOiBpdGVtcy5tYXAoU3RyaW5nKTtcbiAgfVxuICByZXR1cm4geyBmcm9tLCBhc2tlZDogbmV3IERhdGUoKS50b0lTT1N0cmluZygpLnNsaWNlKDAsIDEwKSwgLi4uKGZvdW5kIGFzIFBhcnRpYWw8U2FpZD4pIH07XG59XG5cbmNvbnN0IGRpZmZlciA9IChiZWZvcmU6IHJlYWRvbmx5IHVua25vd25bXSA9IFtdLCBub3c6IHJlYWRvbmx5IHVua25vd25bXSA9IFtdKTogYm9vbGVhbiA9PlxuICBKU09OLnN0cmluZ2lmeShiZWZvcmUpICE9PSBKU09OLnN0cmluZ2lmeShub3cpO1xuXG5mdW5jdGlvbiB0b2xkVGV4dCh7IHNvdXJjZSwgcGFyYW1ldGVyLCBiZWZvcmUsIG5vdyB9OiBUb2xkLCB7IG91dCB9OiBUZXJtaW5hbCk6IHN0cmluZyB7XG4gIGNvbnN0IGxpbmVzID0gbGlzdHMuZmxhdE1hcCgobGlzdCkgPT4ge1xuICAgIGNvbnN0IG93bjogcmVhZG9ubHkgdW5rbm93bltdID0gbm93W2xpc3RdID8/IFtdO1xuICAgIGlmIChvd24ubGVuZ3RoID09PSAwKSByZXR1cm4gW107XG4gICAgY29uc3Qgb2xkOiByZWFkb25seSB1bmtub3duW10gfCB1bmRlZmluZWQgPSBiZWZvcmU/LltsaXN0XTtcbiAgICBjb25zdCBnb25lID0gKG9sZCA/PyBbXSkuZmlsdGVyKChvbmUpID0+ICFvd24uaW5jbHVkZXMob25lKSk7XG4gICAgY29uc3Qgc2hvd24gPSBvd24ubWFwKChvbmUpID0+IChvbGQgJiYgIW9sZC5pbmNsdWRlcyhvbmUpID8gb3V0LmdyZWVuKGArJHtTdHJpbmcob25lKX1gKSA6IFN0cmluZyhvbmUpKSk7XG4gICAgcmV0dXJuIFtgICAke291dC5kaW0obGlzdC5wYWRFbmQoOSkpfSAgJHtbLi4uc2hvd24sIC4uLmdvbmUubWFwKChvbmUpID0+IG91dC5yZWQoYC0ke1N0cmluZyhvbmUpfWApKV0uam9pbignLCAnKX1gXTtcbiAgfSk7XG4gIHJldHVybiBbYCR7b3V0LmJvbGQoYCR7c291cmNlfS8ke3BhcmFtZXRlcn1gKX0gICAke291dC5kaW0oYGFza2VkIGJ5ICR7bm93LmZyb219YCl9YCwgLi4ubGluZXNdLmpvaW4oJ1xcbicpO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQWdCQSxJQUFNLFFBQVEsQ0FBQyxVQUFVLFVBQVUsV0FBVztBQVV2QyxJQUFNLEVBQUUsVUFBVSxJQUFtQjtBQUFBLEVBQzFDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQVEsU0FBUyxZQUFZLGdDQUFnQyxFQUFFO0FBQUEsTUFDN0QsSUFBSSxPQUFPLFNBQVMsQ0FBQyxJQUFJLE1BQU07QUFDN0IsY0FBTSxFQUFFLFVBQVUsT0FBTyxJQUFJO0FBQzdCLGNBQU0sWUFBWSxNQUFNLFFBQVEsVUFBVTtBQUMxQyxjQUFNLEVBQUUsV0FBVyxJQUFJO0FBQ3ZCLGNBQU0sa0JBQWtCLFVBQVU7QUFDbEMsWUFBSSxTQUFTLE9BQVcsYUFBWSxZQUFZLElBQUk7QUFDcEQsY0FBTSxPQUFlLENBQUM7QUFDdEIsY0FBTSxPQUFPLG9CQUFJLElBQWtCO0FBQ25DLG1CQUFXLENBQUMsUUFBUSxFQUFFLFFBQVEsQ0FBQyxFQUFFLENBQUMsS0FBSyxPQUFPLFFBQVEsV0FBVyxJQUFJLEdBQUc7QUFDdEUsY0FBSSxTQUFTLFVBQWEsV0FBVyxLQUFNO0FBQzNDLGdCQUFNLFNBQVMsWUFBWSxZQUFZLE1BQU07QUFDN0MsZ0JBQU0sTUFBNEIsQ0FBQztBQUNuQyxxQkFBVyxDQUFDLFdBQVcsRUFBRSxNQUFNLEdBQUcsT0FBTyxDQUFDLEtBQUssT0FBTyxRQUFRLEtBQUssR0FBRztBQUNwRSw0QkFBZ0IsV0FBVyxRQUFRLFNBQVM7QUFDNUMsa0JBQU0sT0FBTyxXQUFXLFFBQVEsV0FBVyxJQUFJO0FBQy9DLGtCQUFNLFNBQVMsS0FBSyxJQUFJLElBQUksS0FBTSxNQUFNLFFBQVEsV0FBVyxNQUFNLFVBQVUsTUFBTTtBQUNqRixpQkFBSyxJQUFJLE1BQU0sTUFBTTtBQUNyQixnQkFBSSxTQUFTLElBQUksTUFBTSxPQUFPLFFBQVEsTUFBTSxRQUFRLFNBQVM7QUFDN0QsaUJBQUssS0FBSyxFQUFFLFFBQVEsV0FBVyxRQUFRLE9BQU8sU0FBUyxHQUFHLEtBQUssSUFBSSxTQUFTLEVBQUUsQ0FBQztBQUFBLFVBQ2pGO0FBQ0EsY0FBSSxPQUFPLEtBQUssR0FBRyxFQUFFLFNBQVMsRUFBRyxPQUFNLGFBQWEsWUFBWSxRQUFRLEdBQXFCO0FBQUEsUUFDL0Y7QUFDQSxZQUFJLFNBQVMsTUFBTTtBQUNqQixpQkFBTyxLQUFLLFVBQVUsWUFBWTtBQUFBLFlBQ2hDLFlBQVksS0FBSyxJQUFJLENBQUMsRUFBRSxRQUFRLFdBQVcsS0FBSyxPQUFPLE9BQU87QUFBQSxjQUM1RCxXQUFXLEdBQUcsTUFBTSxJQUFJLFNBQVM7QUFBQSxjQUNqQyxHQUFHO0FBQUEsY0FDSCxTQUFTLFdBQVcsVUFBYSxNQUFNLEtBQUssQ0FBQyxTQUFTLE9BQU8sT0FBTyxJQUFJLEdBQUcsSUFBSSxJQUFJLENBQUMsQ0FBQztBQUFBLFlBQ3ZGLEVBQUU7QUFBQSxVQUNKLENBQUM7QUFBQSxRQUNIO0FBQ0EsWUFBSSxLQUFLLFdBQVcsR0FBRztBQUNyQixnQkFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLFlBQ3pCLE1BQU07QUFBQSxZQUNOLFFBQ0U7QUFBQSxVQUNKLENBQUM7QUFBQSxRQUNIO0FBQ0EsbUJBQVcsT0FBTyxLQUFNLFVBQVMsTUFBTSxTQUFTLEtBQUssUUFBUSxDQUFDO0FBQzlELGVBQU87QUFBQSxNQUNULENBQUM7QUFBQSxJQUNIO0FBQ0EsYUFBUyxTQUFTO0FBQUEsTUFDaEIsQ0FBQyxZQUFZLDBGQUEwRjtBQUFBLElBQ3pHLENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFFQSxTQUFTLGdCQUFnQixFQUFFLFdBQVcsR0FBYyxRQUFnQixPQUFxQjtBQUN2RixRQUFNLE1BQU0sTUFBTSxZQUFZLEdBQUc7QUFDakMsUUFBTSxZQUFZLFlBQVksWUFBWSxNQUFNLEVBQUUsVUFBVSxNQUFNLE1BQU0sR0FBRyxHQUFHLEdBQUcsQ0FBQztBQUNsRixRQUFNLFFBQVEsV0FBVyxXQUFXLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJLEtBQUssQ0FBQztBQUNoRSxNQUFJLGFBQWEsTUFBTSxTQUFTLE1BQU0sTUFBTSxNQUFNLENBQUMsQ0FBQyxFQUFHO0FBQ3ZELFFBQU0sSUFBSSxRQUFRLHVCQUF1QjtBQUFBLElBQ3ZDLE1BQU0sWUFDRixHQUFHLE1BQU0sSUFBSSxVQUFVLEVBQUUscUJBQXFCLE1BQU0sTUFBTSxNQUFNLENBQUMsQ0FBQyxLQUNsRSxHQUFHLE1BQU0sMkJBQTJCLE1BQU0sTUFBTSxHQUFHLEdBQUcsQ0FBQztBQUFBLElBQzNELE9BQU8sRUFBRSxNQUFNLGtCQUFrQjtBQUFBLElBQ2pDLFNBQVMsYUFBYSxZQUFZLE1BQU0sTUFBTSxNQUFNLENBQUMsR0FBRyxLQUFLLE1BQU07QUFBQSxFQUNyRSxDQUFDO0FBQ0g7QUFFQSxlQUFlLFFBQVEsV0FBc0IsTUFBYyxVQUFvQixRQUFvQztBQUNqSCxXQUFTLFNBQVMsZUFBZSxJQUFJLEVBQUU7QUFDdkMsUUFBTSxXQUFXLE1BQU0sVUFBVSxRQUFRLElBQUk7QUFDN0MsUUFBTSxPQUFPLE1BQU07QUFBQSxJQUFXO0FBQUEsSUFBVztBQUFBLElBQVU7QUFBQSxJQUFVO0FBQUEsSUFBTyxDQUFDLEVBQUUsTUFBTSxNQUMzRSxZQUFZLFdBQVcsVUFBVSxFQUFFLE9BQU8sUUFBUSxTQUFTLE9BQU8sQ0FBQztBQUFBLEVBQ3JFO0FBQ0EsV0FBUyxTQUFTLEVBQUU7QUFDcEIsUUFBTSxDQUFDLE9BQU8sSUFBSSxLQUFLO0FBQ3ZCLE1BQUksUUFBUyxPQUFNO0FBQ25CLFNBQU87QUFDVDtBQUVBLGVBQWUsT0FDYixFQUFFLFNBQVMsRUFBRSxTQUFTLEVBQUUsR0FDeEIsTUFDQSxRQUNBLFdBQ2U7QUFDZixRQUFNLFFBQWlDLENBQUM7QUFDeEMsYUFBVyxRQUFRLE9BQU87QUFDeEIsVUFBTSxPQUFPLE9BQU8sSUFBSTtBQUN4QixRQUFJLFNBQVMsT0FBVztBQUN4QixVQUFNLFFBQTRCLENBQUM7QUFDbkMsVUFBTSxRQUFRLFVBQVUsTUFBTSxLQUFLO0FBQ25DLFVBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsVUFBTSxRQUFRLFlBQVksTUFBTSxLQUFLLFFBQVE7QUFDN0MsVUFBTSxTQUFTLE1BQU0sUUFBUSxLQUFLLElBQUksUUFBUSxVQUFVLFNBQVksQ0FBQyxJQUFJLENBQUMsS0FBSyxHQUFHLElBQUksQ0FBQyxRQUFRLE1BQU0sR0FBWSxDQUFDO0FBQ2xILFFBQUksTUFBTSxXQUFXLEtBQUssTUFBTSxLQUFLLENBQUMsUUFBUSxPQUFPLFFBQVEsUUFBUSxHQUFHO0FBQ3RFLFlBQU0sSUFBSSxRQUFRLGdCQUFnQjtBQUFBLFFBQ2hDLE1BQU0saUJBQWlCLElBQUksNEJBQTRCLElBQUksU0FBUyxJQUFJLE9BQU8sU0FBUztBQUFBLFFBQ3hGLE9BQU8sRUFBRSxNQUFNLGtCQUFrQjtBQUFBLFFBQ2pDLFFBQVEsbUJBQW1CLElBQUksWUFBWSxJQUFJO0FBQUEsTUFDakQsQ0FBQztBQUFBLElBQ0g7QUFDQSxVQUFNLElBQUksSUFBSSxTQUFTLFdBQVcsUUFBUSxNQUFNLElBQUksTUFBTTtBQUFBLEVBQzVEO0FBQ0EsU0FBTyxFQUFFLE1BQU0sUUFBTyxvQkFBSSxLQUFLLEdBQUUsWUFBWSxFQUFFLE1BQU0sR0FBRyxFQUFFLEdBQUcsR0FBSSxNQUF3QjtBQUMzRjtBQUVBLElBQU0sU0FBUyxDQUFDLFNBQTZCLENBQUMsR0FBRyxNQUEwQixDQUFDLE1BQzFFLEtBQUssVUFBVSxNQUFNLE1BQU0sS0FBSyxVQUFVLEdBQUc7QUFFL0MsU0FBUyxTQUFTLEVBQUUsUUFBUSxXQUFXLFFBQVEsSUFBSSxHQUFTLEVBQUUsSUFBSSxHQUFxQjtBQUNyRixRQUFNLFFBQVEsTUFBTSxRQUFRLENBQUMsU0FBUztBQUNwQyxVQUFNLE1BQTBCLElBQUksSUFBSSxLQUFLLENBQUM7QUFDOUMsUUFBSSxJQUFJLFdBQVcsRUFBRyxRQUFPLENBQUM7QUFDOUIsVUFBTSxNQUFzQyxTQUFTLElBQUk7QUFDekQsVUFBTSxRQUFRLE9BQU8sQ0FBQyxHQUFHLE9BQU8sQ0FBQyxRQUFRLENBQUMsSUFBSSxTQUFTLEdBQUcsQ0FBQztBQUMzRCxVQUFNLFFBQVEsSUFBSSxJQUFJLENBQUMsUUFBUyxPQUFPLENBQUMsSUFBSSxTQUFTLEdBQUcsSUFBSSxJQUFJLE1BQU0sSUFBSSxPQUFPLEdBQUcsQ0FBQyxFQUFFLElBQUksT0FBTyxHQUFHLENBQUU7QUFDdkcsV0FBTyxDQUFDLEtBQUssSUFBSSxJQUFJLEtBQUssT0FBTyxDQUFDLENBQUMsQ0FBQyxLQUFLLENBQUMsR0FBRyxPQUFPLEdBQUcsS0FBSyxJQUFJLENBQUMsUUFBUSxJQUFJLElBQUksSUFBSSxPQUFPLEdBQUcsQ0FBQyxFQUFFLENBQUMsQ0FBQyxFQUFFLEtBQUssSUFBSSxDQUFDLEVBQUU7QUFBQSxFQUNwSCxDQUFDO0FBQ0QsU0FBTyxDQUFDLEdBQUcsSUFBSSxLQUFLLEdBQUcsTUFBTSxJQUFJLFNBQVMsRUFBRSxDQUFDLE1BQU0sSUFBSSxJQUFJLFlBQVksSUFBSSxJQUFJLEVBQUUsQ0FBQyxJQUFJLEdBQUcsS0FBSyxFQUFFLEtBQUssSUFBSTtBQUMzRzsiLAogICJuYW1lcyI6IFtdCn0K
