import {
  usersOfOperations
} from "./chunk-227PWHAM.js";
import {
  addSource,
  fetchDocuments
} from "./chunk-2QPQWX2A.js";
import "./chunk-EQAVUN3A.js";
import "./chunk-3FKEU5VW.js";
import "./chunk-EHMCN4QA.js";
import "./chunk-W5QWK5N5.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  driftBetween
} from "./chunk-34QZO4KA.js";
import "./chunk-A3UYUOR3.js";
import {
  readFresh
} from "./chunk-SLY34PON.js";
import "./chunk-FSYFZ44W.js";
import "./chunk-VVIFMYK7.js";
import "./chunk-7DIEYAMQ.js";
import "./chunk-HJ67CAUM.js";
import "./chunk-EJ3MTJ5C.js";
import {
  openDocumentation,
  sourceIndex
} from "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import "./chunk-BNANEU6A.js";
import "./chunk-G6PY5PV3.js";
import "./chunk-U6MR4M5T.js";
import "./chunk-IBVRGXBJ.js";
import "./chunk-REWHJNK7.js";
import {
  printableLine
} from "./chunk-NAZM5QF7.js";
import "./chunk-77DFO3CW.js";
import "./chunk-UHUDVQF4.js";
import "./chunk-IQWA53IU.js";
import "./chunk-7JVJJYGZ.js";
import "./chunk-VVGKGSPN.js";
import "./chunk-ILBUWU7B.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import "./chunk-ELCQYB6S.js";
import "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/cli/commands/docs/refresh.ts
var { configure } = {
  configure(command, run) {
    command.argument("[source]", "only this documentation source").option("--accept", "put what was fetched in the place of the snapshot").option("--fetch-from <host...>", "other hosts from which documents that it refers to may be fetched").action(
      run(async (context, [only], { accept, fetchFrom }) => {
        const { terminal } = context;
        const collection = await context.collection();
        await openDocumentation(collection);
        const { docs } = collection;
        if (only !== void 0) sourceIndex(collection, only);
        const users = usersOfOperations(collection);
        const all = [];
        for (const [name, { source }] of Object.entries(docs)) {
          if (only !== void 0 && name !== only) continue;
          if (source === void 0 || source === "samples") {
            if (only !== void 0)
              throw new Problem("usage", {
                what: `nothing says where ${name} was fetched from`,
                remedy: "docs add FILE|URL --name NAME --replace"
              });
            continue;
          }
          const graphql = sourceIndex(collection, name).facts.version === "introspection" && /^https?:/i.test(source);
          const { documents } = await fetchDocuments(
            source,
            { hosts: fetchFrom ?? [], graphql },
            context
          );
          const fresh = await readFresh(collection, name, documents);
          const drift = driftBetween(sourceIndex(collection, name).operations(), fresh.operations());
          fresh.discard();
          all.push({
            source: name,
            operations: drift.map((one) => ({ ...one, ...users(`${name}/${one.operation}`) }))
          });
          if (accept === true) {
            const day = (/* @__PURE__ */ new Date()).toISOString().slice(0, 10);
            await addSource(collection, { documents, from: source, name, day, replace: true });
          }
        }
        const changed = all.some(({ operations }) => operations.length > 0);
        if (terminal.json)
          emit(terminal, "docs refresh", { accepted: accept === true, sources: all.map(sourceDriftDocument) });
        else for (const one of all) terminal.print(driftText(one, terminal));
        if (changed && accept !== true) terminal.note("nothing was overwritten; --accept keeps what was fetched");
        return changed && accept !== true ? 1 : 0;
      })
    );
    examples(command, [
      ["docs refresh", "fetch every source again, and tell what changed"],
      ["docs refresh harbour --accept", "and keep it"]
    ]);
  }
};
var sourceDriftDocument = ({ source, operations }) => ({
  source,
  operations: operations.map(({ operation, kind, fields, requests, trails }) => ({
    operation,
    kind,
    fields: fields.map((one) => ({ ...one })),
    requests: [...requests],
    trails: [...trails]
  }))
});
function driftText({ source, operations }, { out }) {
  if (operations.length === 0) return `${out.bold(source)}: as before`;
  const lines = operations.flatMap(({ operation, kind, fields, requests, trails }) => {
    const paint = kind === "added" ? out.green : kind === "removed" ? out.red : out.yellow;
    const users = [
      requests.length > 0 && `requests ${requests.join(", ")}`,
      trails.length > 0 && `trails ${trails.join(", ")}`
    ].filter(Boolean);
    return [
      `  ${paint(kind.padEnd(7))}  ${out.bold(operation)}${users.length > 0 ? `   ${out.dim(`affects ${users.join("; ")}`)}` : ""}`,
      ...fields.map(
        ({ at, kind: how, what, breaks }) => `           ${breaks ? out.red(how) : how}  ${out.cyan(printableLine(at))}  ${printableLine(what)}`
      )
    ];
  });
  return [
    `${out.bold(source)}: ${operations.length} ${operations.length === 1 ? "operation differs" : "operations differ"}`,
    ...lines
  ].join("\n");
}
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9kb2NzL3JlZnJlc2gudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBgZG9jcyByZWZyZXNoYDogd2hhdCBjaGFuZ2VkIGF0IHRoZSB2ZW5kb3Igc2luY2UgdGhlIHNuYXBzaG90LCBhbmQgd2hvbSBpdCBhZmZlY3RzLiAqL1xuaW1wb3J0IHsgdXNlcnNPZk9wZXJhdGlvbnMgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vYWZmZWN0ZWQuanMnO1xuaW1wb3J0IHsgcmVhZEZyZXNoIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9jb2xsZWN0aW9uL2luZGV4aW5nLmpzJztcbmltcG9ydCB7IG9wZW5Eb2N1bWVudGF0aW9uLCBzb3VyY2VJbmRleCB9IGZyb20gJy4uLy4uLy4uL2NvcmUvY29sbGVjdGlvbi9zb3VyY2UtaW5kZXguanMnO1xuaW1wb3J0IHsgYWRkU291cmNlIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9jb2xsZWN0aW9uL3NvdXJjZXMuanMnO1xuaW1wb3J0IHsgZHJpZnRCZXR3ZWVuLCB0eXBlIE9wZXJhdGlvbkRyaWZ0IH0gZnJvbSAnLi4vLi4vLi4vY29yZS9kb2N1bWVudGF0aW9uL2RyaWZ0LmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0eXBlIENvbW1hbmRNb2R1bGUsIGV4YW1wbGVzIH0gZnJvbSAnLi4vLi4vY29tbWFuZC5qcyc7XG5pbXBvcnQgeyBlbWl0IH0gZnJvbSAnLi4vLi4vZW1pdC5qcyc7XG5pbXBvcnQgdHlwZSB7IFRlcm1pbmFsIH0gZnJvbSAnLi4vLi4vdGVybWluYWwuanMnO1xuaW1wb3J0IHsgcHJpbnRhYmxlTGluZSB9IGZyb20gJy4uLy4uL3ZpZXcvcHJpbnRhYmxlLmpzJztcbmltcG9ydCB7IGZldGNoRG9jdW1lbnRzIH0gZnJvbSAnLi9mZXRjaC5qcyc7XG5cbmludGVyZmFjZSBTb3VyY2VEcmlmdCB7XG4gIHJlYWRvbmx5IHNvdXJjZTogc3RyaW5nO1xuICByZWFkb25seSBvcGVyYXRpb25zOiByZWFkb25seSAoT3BlcmF0aW9uRHJpZnQgJiB7XG4gICAgcmVhZG9ubHkgcmVxdWVzdHM6IHJlYWRvbmx5IHN0cmluZ1tdO1xuICAgIHJlYWRvbmx5IHRyYWlsczogcmVhZG9ubHkgc3RyaW5nW107XG4gIH0pW107XG59XG5cbmV4cG9ydCBjb25zdCB7IGNvbmZpZ3VyZSB9OiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZFxuICAgICAgLmFyZ3VtZW50KCdbc291cmNlXScsICdvbmx5IHRoaXMgZG9jdW1lbnRhdGlvbiBzb3VyY2UnKVxuICAgICAgLm9wdGlvbignLS1hY2NlcHQnLCAncHV0IHdoYXQgd2FzIGZldGNoZWQgaW4gdGhlIHBsYWNlIG9mIHRoZSBzbmFwc2hvdCcpXG4gICAgICAub3B0aW9uKCctLWZldGNoLWZyb20gPGhvc3QuLi4+JywgJ290aGVyIGhvc3RzIGZyb20gd2hpY2ggZG9jdW1lbnRzIHRoYXQgaXQgcmVmZXJzIHRvIG1heSBiZSBmZXRjaGVkJylcbiAgICAgIC5hY3Rpb24oXG4gICAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW29ubHldLCB7IGFjY2VwdCwgZmV0Y2hGcm9tIH0pID0+IHtcbiAgICAgICAgICBjb25zdCB7IHRlcm1pbmFsIH0gPSBjb250ZXh0O1xuICAgICAgICAgIGNvbnN0IGNvbGxlY3Rpb24gPSBhd2FpdCBjb250ZXh0LmNvbGxlY3Rpb24oKTtcbiAgICAgICAgICBhd2FpdCBvcGVuRG9jdW1lbnRhdGlvbihjb2xsZWN0aW9uKTtcbiAgICAgICAgICBjb25zdCB7IGRvY3MgfSA9IGNvbGxlY3Rpb247XG4gICAgICAgICAgaWYgKG9ubHkgIT09IHVuZGVmaW5lZCkgc291cmNlSW5kZXgoY29sbGVjdGlvbiwgb25seSk7XG4gICAgICAgICAgY29uc3QgdXNlcnMgPSB1c2Vyc09mT3BlcmF0aW9ucyhjb2xsZWN0aW9uKTtcbiAgICAgICAgICBjb25zdCBhbGw6IFNvdXJjZURyaWZ0W10gPSBbXTtcbiAgICAgICAgICBmb3IgKGNvbnN0IFtuYW1lLCB7IHNvdXJjZSB9XSBvZiBPYmplY3QuZW50cmllcyhkb2NzKSkge1xuICAgICAgICAgICAgaWYgKG9ubHkgIT09IHVuZGVmaW5lZCAmJiBuYW1lICE9PSBvbmx5KSBjb250aW51ZTtcbiAgICAgICAgICAgIGlmIChzb3VyY2UgPT09IHVuZGVmaW5lZCB8fCBzb3VyY2UgPT09ICdzYW1wbGVzJykge1xuICAgICAgICAgICAgICBpZiAob25seSAhPT0gdW5kZWZpbmVkKVxuICAgICAgICAgICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgICAgICAgICAgICAgIHdoYXQ6IGBub3RoaW5nIHNheXMgd2hlcmUgJHtuYW1lfSB3YXMgZmV0Y2hlZCBmcm9tYCxcbiAgICAgICAgICAgICAgICAgIHJlbWVkeTogJ2RvY3MgYWRkIEZJTEV8VVJMIC0tbmFtZSBOQU1FIC0tcmVwbGFjZScsXG4gICAgICAgICAgICAgICAgfSk7XG4gICAgICAgICAgICAgIGNvbnRpbnVlO1xuICAgICAgICAgICAgfVxuICAgICAgICAgICAgY29uc3QgZ3JhcGhxbCA9IHNvdXJjZUluZGV4KGNvbGxlY3Rpb24sIG5hbWUpLmZhY3RzLnZlcnNpb24gPT09ICdpbnRyb3NwZWN0aW9uJyAmJiAvXmh0dHBzPzovaS50ZXN0KHNvdXJjZSk7XG4gICAgICAgICAgICBjb25zdCB7IGRvY3VtZW50cyB9ID0gYXdhaXQgZmV0Y2hEb2N1bWVudHMoXG4gICAgICAgICAgICAgIHNvdXJjZSxcbiAgICAgICAgICAgICAgeyBob3N0czogKGZldGNoRnJvbSBhcyBzdHJpbmdbXSB8IHVuZGVmaW5lZCkgPz8gW10sIGdyYXBocWwgfSxcbiAgICAgICAgICAgICAgY29udGV4dCxcbiAgICAgICAgICAgICk7XG4gICAgICAgICAgICBjb25zdCBmcmVzaCA9IGF3YWl0IHJlYWRGcmVzaChjb2xsZWN0aW9uLCBuYW1lLCBkb2N1bWVudHMpO1xuICAgICAgICAgICAgY29uc3QgZHJpZnQgPSBkcmlmdEJldHdlZW4oc291cmNlSW5kZXgoY29sbGVjdGlvbiwgbmFtZSkub3BlcmF0aW9ucygpLCBmcmVzaC5vcGVyYXRpb25zKCkpO1xuICAgICAgICAgICAgZnJlc2guZGlzY2FyZCgpO1xuICAgICAgICAgICAgYWxsLnB1c2goe1xuICAgICAgICAgICAgICBzb3VyY2U6IG5hbWUsXG4gICAgICAgICAgICAgIG9wZXJhdGlvbnM6IGRyaWZ0Lm1hcCgob25lKSA9PiAoeyAuLi5vbmUsIC4uLnVzZXJzKGAke25hbWV9LyR7b25lLm9wZXJhdGlvbn1gKSB9KSksXG4gICAgICAgICAgICB9KTtcbiAgICAgICAgICAgIGlmIChhY2NlcHQgPT09IHRydWUpIHtcbiAgICAgICAgICAgICAgY29uc3QgZGF5ID0gbmV3IERhdGUoKS50b0lTT1N0cmluZygpLnNsaWNlKDAsIDEwKTtcbiAgICAgICAgICAgICAgYXdhaXQgYWRkU291cmNlKGNvbGxlY3Rpb24sIHsgZG9jdW1lbnRzLCBmcm9tOiBzb3VyY2UsIG5hbWUsIGRheSwgcmVwbGFjZTogdHJ1ZSB9KTtcbiAgICAgICAgICAgIH1cbiAgICAgICAgICB9XG4gICAgICAgICAgY29uc3QgY2hhbmdlZCA9IGFsbC5zb21lKCh7IG9wZXJhdGlvbnMgfSkgPT4gb3BlcmF0aW9ucy5sZW5ndGggPiAwKTtcbiAgICAgICAgICBpZiAodGVybWluYWwuanNvbilcbiAgICAgICAgICAgIGVtaXQodGVybWluYWwsICdkb2NzIHJlZnJlc2gnLCB7IGFjY2VwdGVkOiBhY2NlcHQgPT09IHRydWUsIHNvdXJjZXM6IGFsbC5tYXAoc291cmNlRHJpZnREb2N1bWVudCkgfSk7XG4gICAgICAgICAgZWxzZSBmb3IgKGNvbnN0IG9uZSBvZiBhbGwpIHRlcm1pbmFsLnByaW50KGRyaWZ0VGV4dChvbmUsIHRlcm1pbmFsKSk7XG4gICAgICAgICAgaWYgKGNoYW5nZWQgJiYgYWNjZXB0ICE9PSB0cnVlKSB0ZXJtaW5hbC5ub3RlKCdub3RoaW5nIHdhcyBvdmVyd3JpdHRlbjsgLS1hY2NlcHQga2VlcHMgd2hhdCB3YXMgZmV0Y2hlZCcpO1xuICAgICAgICAgIHJldHVybiBjaGFuZ2VkICYmIGFjY2VwdCAhPT0gdHJ1ZSA/IDEgOiAwO1xuICAgICAgICB9KSxcbiAgICAgICk7XG4gICAgZXhhbXBsZXMoY29tbWFuZCwgW1xuICAgICAgWydkb2NzIHJlZnJlc2gnLCAnZmV0Y2ggZXZlcnkgc291cmNlIGFnYWluLCBhbmQgdGVsbCB3aGF0IGNoYW5nZWQnXSxcbiAgICAgIFsnZG9jcyByZWZyZXNoIGhhcmJvdXIgLS1hY2NlcHQnLCAnYW5kIGtlZXAgaXQnXSxcbiAgICBdKTtcbiAgfSxcbn07XG5cbmNvbnN0IHNvdXJjZURyaWZ0RG9jdW1lbnQgPSAoeyBzb3VyY2UsIG9wZXJhdGlvbnMgfTogU291cmNlRHJpZnQpID0+ICh7XG4gIHNvdXJjZSxcbiAgb3BlcmF0aW9uczogb3BlcmF0aW9ucy5tYXAoKHsgb3BlcmF0aW9uLCBraW5kLCBmaWVsZHMsIHJlcXVlc3RzLCB0cmFpbHMgfSkgPT4gKHtcbiAgICBvcGVyYXRpb24sXG4gICAga2luZCxcbiAgICBmaWVsZHM6IGZpZWxkcy5tYXAoKG9uZSkgPT4gKHsgLi4ub25lIH0pKSxcbiAgICByZXF1ZXN0czogWy4uLnJlcXVlc3RzXSxcbiAgICB0cmFpbHM6IFsuLi50cmFpbHNdLFxuICB9KSksXG59KTtcblxuZnVuY3Rpb24gZHJpZnRUZXh0KHsgc291cmNlLCBvcGVyYXRpb25zIH06IFNvdXJjZURyaWZ0LCB7IG91dCB9OiBUZXJtaW5hbCk6IHN0cmluZyB7XG4gIGlmIChvcGVyYXRpb25zLmxlbmd0aCA9PT0gMCkgcmV0dXJuIGAke291dC5ib2xkKHNvdXJjZSl9OiBhcyBiZWZvcmVgO1xuICBjb25zdCBsaW5lcyA9IG9wZXJhdGlvbnMuZmxhdE1hcCgoeyBvcGVyYXRpb24sIGtpbmQsIGZpZWxkcywgcmVxdWVzdHMsIHRyYWlscyB9KSA9PiB7XG4gICAgY29uc3QgcGFpbnQgPSBraW5kID09PSAnYWRkZWQnID8gb3V0LmdyZWVuIDoga2luZCA9PT0gJ3JlbW92ZWQnID8gb3V0LnJlZCA6IG91dC55ZWxsb3c7XG4gICAgY29uc3QgdXNlcnMgPSBbXG4gICAgICByZXF1ZXN0cy5sZW5ndGggPiAwICYmIGByZXF1ZXN0cyAke3JlcXVlc3RzLmpvaW4oJywgJyl9YCxcbiAgICAgIHRyYWlscy5sZW5ndGggPiAwICYmIGB0cmFpbHMgJHt0cmFpbHMuam9pbignLCAnKX1gLFxuICAgIF0uZmlsdGVyKEJvb2xlYW4pO1xuICAgIHJldHVybiBbXG4gICAgICBgICAke3BhaW50KGtpbmQucGFkRW5kKDcpKX0gICR7b3V0LmJvbGQob3BlcmF0aW9uKX0ke3VzZXJzLmxlbmd0aCA+IDAgPyBgICAgJHtvdXQuZGltKGBhZmZlY3RzICR7dXNlcnMuam9pbignOyAnKX1gKX1gIDogJyd9YCxcbiAgICAgIC4uLmZpZWxkcy5tYXAoXG4gICAgICAgICh7IGF0LCBraW5kOiBob3csIHdoYXQsIGJyZWFrcyB9KSA9PlxuICAgICAgICAgIGAgICAgICAgICAgICR7YnJlYWtzID8gb3V0LnJlZChob3cpIDogaG93fSAgJHtvdXQuY3lhbihwcmludGFibGVMaW5lKGF0KSl9ICAke3ByaW50YWJsZUxpbmUod2hhdCl9YCxcbiAgICAgICksXG4gICAgXTtcbiAgfSk7XG4gIHJldHVybiBbXG4gICAgYCR7b3V0LmJvbGQoc291cmNlKX06ICR7b3BlcmF0aW9ucy5sZW5ndGh9ICR7b3BlcmF0aW9ucy5sZW5ndGggPT09IDEgPyAnb3BlcmF0aW9uIGRpZmZlcnMnIDogJ29wZXJhdGlvbnMgZGlmZmVyJ31gLFxuICAgIC4uLmxpbmVzLFxuICBdLmpvaW4oJ1xcbicpO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBcUJPLElBQU0sRUFBRSxVQUFVLElBQW1CO0FBQUEsRUFDMUMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsWUFDRyxTQUFTLFlBQVksZ0NBQWdDLEVBQ3JELE9BQU8sWUFBWSxtREFBbUQsRUFDdEUsT0FBTywwQkFBMEIsbUVBQW1FLEVBQ3BHO0FBQUEsTUFDQyxJQUFJLE9BQU8sU0FBUyxDQUFDLElBQUksR0FBRyxFQUFFLFFBQVEsVUFBVSxNQUFNO0FBQ3BELGNBQU0sRUFBRSxTQUFTLElBQUk7QUFDckIsY0FBTSxhQUFhLE1BQU0sUUFBUSxXQUFXO0FBQzVDLGNBQU0sa0JBQWtCLFVBQVU7QUFDbEMsY0FBTSxFQUFFLEtBQUssSUFBSTtBQUNqQixZQUFJLFNBQVMsT0FBVyxhQUFZLFlBQVksSUFBSTtBQUNwRCxjQUFNLFFBQVEsa0JBQWtCLFVBQVU7QUFDMUMsY0FBTSxNQUFxQixDQUFDO0FBQzVCLG1CQUFXLENBQUMsTUFBTSxFQUFFLE9BQU8sQ0FBQyxLQUFLLE9BQU8sUUFBUSxJQUFJLEdBQUc7QUFDckQsY0FBSSxTQUFTLFVBQWEsU0FBUyxLQUFNO0FBQ3pDLGNBQUksV0FBVyxVQUFhLFdBQVcsV0FBVztBQUNoRCxnQkFBSSxTQUFTO0FBQ1gsb0JBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxnQkFDekIsTUFBTSxzQkFBc0IsSUFBSTtBQUFBLGdCQUNoQyxRQUFRO0FBQUEsY0FDVixDQUFDO0FBQ0g7QUFBQSxVQUNGO0FBQ0EsZ0JBQU0sVUFBVSxZQUFZLFlBQVksSUFBSSxFQUFFLE1BQU0sWUFBWSxtQkFBbUIsWUFBWSxLQUFLLE1BQU07QUFDMUcsZ0JBQU0sRUFBRSxVQUFVLElBQUksTUFBTTtBQUFBLFlBQzFCO0FBQUEsWUFDQSxFQUFFLE9BQVEsYUFBc0MsQ0FBQyxHQUFHLFFBQVE7QUFBQSxZQUM1RDtBQUFBLFVBQ0Y7QUFDQSxnQkFBTSxRQUFRLE1BQU0sVUFBVSxZQUFZLE1BQU0sU0FBUztBQUN6RCxnQkFBTSxRQUFRLGFBQWEsWUFBWSxZQUFZLElBQUksRUFBRSxXQUFXLEdBQUcsTUFBTSxXQUFXLENBQUM7QUFDekYsZ0JBQU0sUUFBUTtBQUNkLGNBQUksS0FBSztBQUFBLFlBQ1AsUUFBUTtBQUFBLFlBQ1IsWUFBWSxNQUFNLElBQUksQ0FBQyxTQUFTLEVBQUUsR0FBRyxLQUFLLEdBQUcsTUFBTSxHQUFHLElBQUksSUFBSSxJQUFJLFNBQVMsRUFBRSxFQUFFLEVBQUU7QUFBQSxVQUNuRixDQUFDO0FBQ0QsY0FBSSxXQUFXLE1BQU07QUFDbkIsa0JBQU0sT0FBTSxvQkFBSSxLQUFLLEdBQUUsWUFBWSxFQUFFLE1BQU0sR0FBRyxFQUFFO0FBQ2hELGtCQUFNLFVBQVUsWUFBWSxFQUFFLFdBQVcsTUFBTSxRQUFRLE1BQU0sS0FBSyxTQUFTLEtBQUssQ0FBQztBQUFBLFVBQ25GO0FBQUEsUUFDRjtBQUNBLGNBQU0sVUFBVSxJQUFJLEtBQUssQ0FBQyxFQUFFLFdBQVcsTUFBTSxXQUFXLFNBQVMsQ0FBQztBQUNsRSxZQUFJLFNBQVM7QUFDWCxlQUFLLFVBQVUsZ0JBQWdCLEVBQUUsVUFBVSxXQUFXLE1BQU0sU0FBUyxJQUFJLElBQUksbUJBQW1CLEVBQUUsQ0FBQztBQUFBLFlBQ2hHLFlBQVcsT0FBTyxJQUFLLFVBQVMsTUFBTSxVQUFVLEtBQUssUUFBUSxDQUFDO0FBQ25FLFlBQUksV0FBVyxXQUFXLEtBQU0sVUFBUyxLQUFLLDBEQUEwRDtBQUN4RyxlQUFPLFdBQVcsV0FBVyxPQUFPLElBQUk7QUFBQSxNQUMxQyxDQUFDO0FBQUEsSUFDSDtBQUNGLGFBQVMsU0FBUztBQUFBLE1BQ2hCLENBQUMsZ0JBQWdCLGlEQUFpRDtBQUFBLE1BQ2xFLENBQUMsaUNBQWlDLGFBQWE7QUFBQSxJQUNqRCxDQUFDO0FBQUEsRUFDSDtBQUNGO0FBRUEsSUFBTSxzQkFBc0IsQ0FBQyxFQUFFLFFBQVEsV0FBVyxPQUFvQjtBQUFBLEVBQ3BFO0FBQUEsRUFDQSxZQUFZLFdBQVcsSUFBSSxDQUFDLEVBQUUsV0FBVyxNQUFNLFFBQVEsVUFBVSxPQUFPLE9BQU87QUFBQSxJQUM3RTtBQUFBLElBQ0E7QUFBQSxJQUNBLFFBQVEsT0FBTyxJQUFJLENBQUMsU0FBUyxFQUFFLEdBQUcsSUFBSSxFQUFFO0FBQUEsSUFDeEMsVUFBVSxDQUFDLEdBQUcsUUFBUTtBQUFBLElBQ3RCLFFBQVEsQ0FBQyxHQUFHLE1BQU07QUFBQSxFQUNwQixFQUFFO0FBQ0o7QUFFQSxTQUFTLFVBQVUsRUFBRSxRQUFRLFdBQVcsR0FBZ0IsRUFBRSxJQUFJLEdBQXFCO0FBQ2pGLE1BQUksV0FBVyxXQUFXLEVBQUcsUUFBTyxHQUFHLElBQUksS0FBSyxNQUFNLENBQUM7QUFDdkQsUUFBTSxRQUFRLFdBQVcsUUFBUSxDQUFDLEVBQUUsV0FBVyxNQUFNLFFBQVEsVUFBVSxPQUFPLE1BQU07QUFDbEYsVUFBTSxRQUFRLFNBQVMsVUFBVSxJQUFJLFFBQVEsU0FBUyxZQUFZLElBQUksTUFBTSxJQUFJO0FBQ2hGLFVBQU0sUUFBUTtBQUFBLE1BQ1osU0FBUyxTQUFTLEtBQUssWUFBWSxTQUFTLEtBQUssSUFBSSxDQUFDO0FBQUEsTUFDdEQsT0FBTyxTQUFTLEtBQUssVUFBVSxPQUFPLEtBQUssSUFBSSxDQUFDO0FBQUEsSUFDbEQsRUFBRSxPQUFPLE9BQU87QUFDaEIsV0FBTztBQUFBLE1BQ0wsS0FBSyxNQUFNLEtBQUssT0FBTyxDQUFDLENBQUMsQ0FBQyxLQUFLLElBQUksS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLFNBQVMsSUFBSSxNQUFNLElBQUksSUFBSSxXQUFXLE1BQU0sS0FBSyxJQUFJLENBQUMsRUFBRSxDQUFDLEtBQUssRUFBRTtBQUFBLE1BQzNILEdBQUcsT0FBTztBQUFBLFFBQ1IsQ0FBQyxFQUFFLElBQUksTUFBTSxLQUFLLE1BQU0sT0FBTyxNQUM3QixjQUFjLFNBQVMsSUFBSSxJQUFJLEdBQUcsSUFBSSxHQUFHLEtBQUssSUFBSSxLQUFLLGNBQWMsRUFBRSxDQUFDLENBQUMsS0FBSyxjQUFjLElBQUksQ0FBQztBQUFBLE1BQ3JHO0FBQUEsSUFDRjtBQUFBLEVBQ0YsQ0FBQztBQUNELFNBQU87QUFBQSxJQUNMLEdBQUcsSUFBSSxLQUFLLE1BQU0sQ0FBQyxLQUFLLFdBQVcsTUFBTSxJQUFJLFdBQVcsV0FBVyxJQUFJLHNCQUFzQixtQkFBbUI7QUFBQSxJQUNoSCxHQUFHO0FBQUEsRUFDTCxFQUFFLEtBQUssSUFBSTtBQUNiOyIsCiAgIm5hbWVzIjogW10KfQo=
