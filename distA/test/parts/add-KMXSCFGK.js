import {
  addSource,
  fetchDocuments
} from "./chunk-2QPQWX2A.js";
import "./chunk-EQAVUN3A.js";
import "./chunk-3FKEU5VW.js";
import "./chunk-EHMCN4QA.js";
import {
  sourceDocument
} from "./chunk-JA5AXTRS.js";
import "./chunk-W5QWK5N5.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import "./chunk-A3UYUOR3.js";
import {
  readSource
} from "./chunk-SLY34PON.js";
import "./chunk-FSYFZ44W.js";
import "./chunk-VVIFMYK7.js";
import "./chunk-7DIEYAMQ.js";
import "./chunk-HJ67CAUM.js";
import "./chunk-EJ3MTJ5C.js";
import "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import "./chunk-BNANEU6A.js";
import "./chunk-G6PY5PV3.js";
import "./chunk-U6MR4M5T.js";
import "./chunk-IBVRGXBJ.js";
import "./chunk-REWHJNK7.js";
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

// src/cli/commands/docs/add.ts
var { configure } = {
  configure(command, run) {
    command.argument("[file|url]", "the documentation: a file or an address").option("--name <name>", "a short name for the source").option("--replace", "put it in the place of a source of that name").option("--graphql", "the address is a GraphQL endpoint: ask it for its schema").option("--sample <echo|file...>", "learn operations from echoes, or from files with a request and its answer").option("--fetch-from <host...>", "other hosts from which documents that it refers to may be fetched").action(
      run(async (context, [given], { name, replace, fetchFrom, sample, graphql }) => {
        const { terminal } = context;
        const collection = await context.collection();
        const samples = sample;
        if (given === void 0 === (samples === void 0)) {
          throw new Problem("usage", {
            what: given === void 0 ? "docs add wants a file or an address" : "--sample stands alone: no file or address beside it",
            remedy: "echo-trail docs add FILE|URL, or echo-trail docs add --sample ECHO --name NAME"
          });
        }
        const from = given ?? "samples";
        const { documents, refused } = samples ? { refused: [], documents: await learnt(collection, samples, name ?? "samples") } : await fetchDocuments(
          from,
          { hosts: fetchFrom ?? [], graphql: graphql === true },
          context
        );
        const added = await addSource(collection, {
          documents,
          from,
          name,
          day: (/* @__PURE__ */ new Date()).toISOString().slice(0, 10),
          replace: replace === true || samples !== void 0
        });
        for (const { name: other, why } of refused)
          terminal.note(`${terminal.err.yellow("warning")}  ${other} was not read: ${why}`);
        if (terminal.json) return emit(terminal, "docs add", sourceDocument(added));
        const { out } = terminal;
        const parts = documents.parts.size > 1 ? ` with ${documents.parts.size - 1} more beside it` : "";
        terminal.print(
          `${out.bold(added.name)}: ${added.title}, ${added.format} ${added.version}, ${counted(added.operations, "operation")}, ${counted(added.types, "type")}, kept in ${added.file}${parts}`
        );
        for (const { at, what } of added.warnings.slice(0, 20))
          terminal.note(`${terminal.err.yellow("warning")}  ${what}
         at ${at}`);
        if (added.warnings.length > 20)
          terminal.note(`and ${added.warnings.length - 20} more warnings: echo-trail docs list --json`);
        terminal.note("next: echo-trail docs tree, or echo-trail docs find WORDS");
        return 0;
      })
    );
    examples(command, [
      ["docs add http://127.0.0.1:4810/openapi.yaml --name harbour --replace", "from the running stand-in"],
      ["docs add docs/harbour.yaml --name copy", "from a file"],
      ["docs add http://127.0.0.1:4810/customs.wsdl --name office", "a WSDL, with the schemas that it imports"],
      [
        "docs add http://127.0.0.1:4810/graphql --graphql --name rota",
        "a GraphQL endpoint, which is asked for its schema"
      ]
    ]);
  }
};
async function learnt(collection, given, name) {
  const { samplesFile } = await import("./samples-WRWH5ITW.js");
  const { sampleDocuments } = await import("./samples-QEBIXS5Z.js");
  const known = collection.docs[name];
  const before = known ? samplesFile.safeParse((await readSource(collection, name)).main.content) : void 0;
  if (before && !before.success) {
    throw new Problem("file-exists", {
      what: `the documentation source ${name} is not one of samples`,
      where: { file: known?.file ?? "" },
      remedy: "--name NAME keeps the samples under another name"
    });
  }
  return sampleDocuments(collection.local, given, before?.data.samples ?? []);
}
var counted = (count, what) => `${count} ${what}${count === 1 ? "" : "s"}`;
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9kb2NzL2FkZC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIGBkb2NzIGFkZGA6IGEgc25hcHNob3Qgb2YgdGhlIHZlbmRvcidzIGRvY3VtZW50YXRpb24sIGFuZCBpdHMgaW5kZXguICovXG5pbXBvcnQgdHlwZSB7IENvbGxlY3Rpb24gfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vY29sbGVjdGlvbi5qcyc7XG5pbXBvcnQgeyByZWFkU291cmNlIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9jb2xsZWN0aW9uL2luZGV4aW5nLmpzJztcbmltcG9ydCB7IGFkZFNvdXJjZSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvY29sbGVjdGlvbi9zb3VyY2VzLmpzJztcbmltcG9ydCB0eXBlIHsgRG9jdW1lbnRzIGFzIFNvdXJjZURvY3VtZW50cyB9IGZyb20gJy4uLy4uLy4uL2NvcmUvZG9jdW1lbnRhdGlvbi9kb2N1bWVudHMuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi8uLi9lbWl0LmpzJztcbmltcG9ydCB7IGZldGNoRG9jdW1lbnRzIH0gZnJvbSAnLi9mZXRjaC5qcyc7XG5pbXBvcnQgeyBzb3VyY2VEb2N1bWVudCB9IGZyb20gJy4vc291cmNlLWRvY3VtZW50LmpzJztcblxuZXhwb3J0IGNvbnN0IHsgY29uZmlndXJlIH06IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kXG4gICAgICAuYXJndW1lbnQoJ1tmaWxlfHVybF0nLCAndGhlIGRvY3VtZW50YXRpb246IGEgZmlsZSBvciBhbiBhZGRyZXNzJylcbiAgICAgIC5vcHRpb24oJy0tbmFtZSA8bmFtZT4nLCAnYSBzaG9ydCBuYW1lIGZvciB0aGUgc291cmNlJylcbiAgICAgIC5vcHRpb24oJy0tcmVwbGFjZScsICdwdXQgaXQgaW4gdGhlIHBsYWNlIG9mIGEgc291cmNlIG9mIHRoYXQgbmFtZScpXG4gICAgICAub3B0aW9uKCctLWdyYXBocWwnLCAndGhlIGFkZHJlc3MgaXMgYSBHcmFwaFFMIGVuZHBvaW50OiBhc2sgaXQgZm9yIGl0cyBzY2hlbWEnKVxuICAgICAgLm9wdGlvbignLS1zYW1wbGUgPGVjaG98ZmlsZS4uLj4nLCAnbGVhcm4gb3BlcmF0aW9ucyBmcm9tIGVjaG9lcywgb3IgZnJvbSBmaWxlcyB3aXRoIGEgcmVxdWVzdCBhbmQgaXRzIGFuc3dlcicpXG4gICAgICAub3B0aW9uKCctLWZldGNoLWZyb20gPGhvc3QuLi4+JywgJ290aGVyIGhvc3RzIGZyb20gd2hpY2ggZG9jdW1lbnRzIHRoYXQgaXQgcmVmZXJzIHRvIG1heSBiZSBmZXRjaGVkJylcbiAgICAgIC5hY3Rpb24oXG4gICAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW2dpdmVuXSwgeyBuYW1lLCByZXBsYWNlLCBmZXRjaEZyb20sIHNhbXBsZSwgZ3JhcGhxbCB9KSA9PiB7XG4gICAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgICAgICAgICBjb25zdCBjb2xsZWN0aW9uID0gYXdhaXQgY29udGV4dC5jb2xsZWN0aW9uKCk7XG4gICAgICAgICAgY29uc3Qgc2FtcGxlcyA9IHNhbXBsZSBhcyBzdHJpbmdbXSB8IHVuZGVmaW5lZDtcbiAgICAgICAgICBpZiAoKGdpdmVuID09PSB1bmRlZmluZWQpID09PSAoc2FtcGxlcyA9PT0gdW5kZWZpbmVkKSkge1xuICAgICAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgICAgICAgICB3aGF0OlxuICAgICAgICAgICAgICAgIGdpdmVuID09PSB1bmRlZmluZWRcbiAgICAgICAgICAgICAgICAgID8gJ2RvY3MgYWRkIHdhbnRzIGEgZmlsZSBvciBhbiBhZGRyZXNzJ1xuICAgICAgICAgICAgICAgICAgOiAnLS1zYW1wbGUgc3RhbmRzIGFsb25lOiBubyBmaWxlIG9yIGFkZHJlc3MgYmVzaWRlIGl0JyxcbiAgICAgICAgICAgICAgcmVtZWR5OiAnZWNoby10cmFpbCBkb2NzIGFkZCBGSUxFfFVSTCwgb3IgZWNoby10cmFpbCBkb2NzIGFkZCAtLXNhbXBsZSBFQ0hPIC0tbmFtZSBOQU1FJyxcbiAgICAgICAgICAgIH0pO1xuICAgICAgICAgIH1cbiAgICAgICAgICBjb25zdCBmcm9tID0gZ2l2ZW4gPz8gJ3NhbXBsZXMnO1xuICAgICAgICAgIGNvbnN0IHsgZG9jdW1lbnRzLCByZWZ1c2VkIH0gPSBzYW1wbGVzXG4gICAgICAgICAgICA/IHsgcmVmdXNlZDogW10sIGRvY3VtZW50czogYXdhaXQgbGVhcm50KGNvbGxlY3Rpb24sIHNhbXBsZXMsIChuYW1lIGFzIHN0cmluZyB8IHVuZGVmaW5lZCkgPz8gJ3NhbXBsZXMnKSB9XG4gICAgICAgICAgICA6IGF3YWl0IGZldGNoRG9jdW1lbnRzKFxuICAgICAgICAgICAgICAgIGZyb20sXG4gICAgICAgICAgICAgICAgeyBob3N0czogKGZldGNoRnJvbSBhcyBzdHJpbmdbXSB8IHVuZGVmaW5lZCkgPz8gW10sIGdyYXBocWw6IGdyYXBocWwgPT09IHRydWUgfSxcbiAgICAgICAgICAgICAgICBjb250ZXh0LFxuICAgICAgICAgICAgICApO1xuICAgICAgICAgIGNvbnN0IGFkZGVkID0gYXdhaXQgYWRkU291cmNlKGNvbGxlY3Rpb24sIHtcbiAgICAgICAgICAgIGRvY3VtZW50cyxcbiAgICAgICAgICAgIGZyb20sXG4gICAgICAgICAgICBuYW1lOiBuYW1lIGFzIHN0cmluZyB8IHVuZGVmaW5lZCxcbiAgICAgICAgICAgIGRheTogbmV3IERhdGUoKS50b0lTT1N0cmluZygpLnNsaWNlKDAsIDEwKSxcbiAgICAgICAgICAgIHJlcGxhY2U6IHJlcGxhY2UgPT09IHRydWUgfHwgc2FtcGxlcyAhPT0gdW5kZWZpbmVkLFxuICAgICAgICAgIH0pO1xuICAgICAgICAgIGZvciAoY29uc3QgeyBuYW1lOiBvdGhlciwgd2h5IH0gb2YgcmVmdXNlZClcbiAgICAgICAgICAgIHRlcm1pbmFsLm5vdGUoYCR7dGVybWluYWwuZXJyLnllbGxvdygnd2FybmluZycpfSAgJHtvdGhlcn0gd2FzIG5vdCByZWFkOiAke3doeX1gKTtcbiAgICAgICAgICBpZiAodGVybWluYWwuanNvbikgcmV0dXJuIGVtaXQodGVybWluYWwsICdkb2NzIGFkZCcsIHNvdXJjZURvY3VtZW50KGFkZGVkKSk7XG4gICAgICAgICAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICAgICAgICAgIGNvbnN0IHBhcnRzID0gZG9jdW1lbnRzLnBhcnRzLnNpemUgPiAxID8gYCB3aXRoICR7ZG9jdW1lbnRzLnBhcnRzLnNpemUgLSAxfSBtb3JlIGJlc2lkZSBpdGAgOiAnJztcbiAgICAgICAgICB0ZXJtaW5hbC5wcmludChcbiAgICAgICAgICAgIGAke291dC5ib2xkKGFkZGVkLm5hbWUpfTogJHthZGRlZC50aXRsZX0sICR7YWRkZWQuZm9ybWF0fSAke2FkZGVkLnZlcnNpb259LCAke2NvdW50ZWQoYWRkZWQub3BlcmF0aW9ucywgJ29wZXJhdGlvbicpfSwgJHtjb3VudGVkKGFkZGVkLnR5cGVzLCAndHlwZScpfSwga2VwdCBpbiAke2FkZGVkLmZpbGV9JHtwYXJ0c31gLFxuICAgICAgICAgICk7XG4gICAgICAgICAgZm9yIChjb25zdCB7IGF0LCB3aGF0IH0gb2YgYWRkZWQud2FybmluZ3Muc2xpY2UoMCwgMjApKVxuICAgICAgICAgICAgdGVybWluYWwubm90ZShgJHt0ZXJtaW5hbC5lcnIueWVsbG93KCd3YXJuaW5nJyl9ICAke3doYXR9XFxuICAgICAgICAgYXQgJHthdH1gKTtcbiAgICAgICAgICBpZiAoYWRkZWQud2FybmluZ3MubGVuZ3RoID4gMjApXG4gICAgICAgICAgICB0ZXJtaW5hbC5ub3RlKGBhbmQgJHthZGRlZC53YXJuaW5ncy5sZW5ndGggLSAyMH0gbW9yZSB3YXJuaW5nczogZWNoby10cmFpbCBkb2NzIGxpc3QgLS1qc29uYCk7XG4gICAgICAgICAgdGVybWluYWwubm90ZSgnbmV4dDogZWNoby10cmFpbCBkb2NzIHRyZWUsIG9yIGVjaG8tdHJhaWwgZG9jcyBmaW5kIFdPUkRTJyk7XG4gICAgICAgICAgcmV0dXJuIDA7XG4gICAgICAgIH0pLFxuICAgICAgKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbXG4gICAgICBbJ2RvY3MgYWRkIGh0dHA6Ly8xMjcuMC4wLjE6NDgxMC9vcGVuYXBpLnlhbWwgLS1uYW1lIGhhcmJvdXIgLS1yZXBsYWNlJywgJ2Zyb20gdGhlIHJ1bm5pbmcgc3RhbmQtaW4nXSxcbiAgICAgIFsnZG9jcyBhZGQgZG9jcy9oYXJib3VyLnlhbWwgLS1uYW1lIGNvcHknLCAnZnJvbSBhIGZpbGUnXSxcbiAgICAgIFsnZG9jcyBhZGQgaHR0cDovLzEyNy4wLjAuMTo0ODEwL2N1c3RvbXMud3NkbCAtLW5hbWUgb2ZmaWNlJywgJ2EgV1NETCwgd2l0aCB0aGUgc2NoZW1hcyB0aGF0IGl0IGltcG9ydHMnXSxcbiAgICAgIFtcbiAgICAgICAgJ2RvY3MgYWRkIGh0dHA6Ly8xMjcuMC4wLjE6NDgxMC9ncmFwaHFsIC0tZ3JhcGhxbCAtLW5hbWUgcm90YScsXG4gICAgICAgICdhIEdyYXBoUUwgZW5kcG9pbnQsIHdoaWNoIGlzIGFza2VkIGZvciBpdHMgc2NoZW1hJyxcbiAgICAgIF0sXG4gICAgXSk7XG4gIH0sXG59O1xuXG4vKiogTmV3IHNhbXBsZXMgYmVzaWRlIHRob3NlIHRoYXQgdGhlIHNvdXJjZSBoYXMuIEB0aHJvd3MgUHJvYmxlbSBmaWxlLWV4aXN0czogYSBzb3VyY2Ugb2YgdGhhdCBuYW1lIGlzIG5vIHNvdXJjZSBvZiBzYW1wbGVzICovXG5hc3luYyBmdW5jdGlvbiBsZWFybnQoY29sbGVjdGlvbjogQ29sbGVjdGlvbiwgZ2l2ZW46IHJlYWRvbmx5IHN0cmluZ1tdLCBuYW1lOiBzdHJpbmcpOiBQcm9taXNlPFNvdXJjZURvY3VtZW50cz4ge1xuICBjb25zdCB7IHNhbXBsZXNGaWxlIH0gPSBhd2FpdCBpbXBvcnQoJy4uLy4uLy4uL2NvcmUvZG9jdW1lbnRhdGlvbi9zYW1wbGUvc2FtcGxlcy5qcycpO1xuICBjb25zdCB7IHNhbXBsZURvY3VtZW50cyB9ID0gYXdhaXQgaW1wb3J0KCcuLi8uLi8uLi9jb3JlL2VjaG8vc2FtcGxlcy5qcycpO1xuICBjb25zdCBrbm93biA9IGNvbGxlY3Rpb24uZG9jc1tuYW1lXTtcbiAgY29uc3QgYmVmb3JlID0ga25vd24gPyBzYW1wbGVzRmlsZS5zYWZlUGFyc2UoKGF3YWl0IHJlYWRTb3VyY2UoY29sbGVjdGlvbiwgbmFtZSkpLm1haW4uY29udGVudCkgOiB1bmRlZmluZWQ7XG4gIGlmIChiZWZvcmUgJiYgIWJlZm9yZS5zdWNjZXNzKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2ZpbGUtZXhpc3RzJywge1xuICAgICAgd2hhdDogYHRoZSBkb2N1bWVudGF0aW9uIHNvdXJjZSAke25hbWV9IGlzIG5vdCBvbmUgb2Ygc2FtcGxlc2AsXG4gICAgICB3aGVyZTogeyBmaWxlOiBrbm93bj8uZmlsZSA/PyAnJyB9LFxuICAgICAgcmVtZWR5OiAnLS1uYW1lIE5BTUUga2VlcHMgdGhlIHNhbXBsZXMgdW5kZXIgYW5vdGhlciBuYW1lJyxcbiAgICB9KTtcbiAgfVxuICByZXR1cm4gc2FtcGxlRG9jdW1lbnRzKGNvbGxlY3Rpb24ubG9jYWwsIGdpdmVuLCBiZWZvcmU/LmRhdGEuc2FtcGxlcyA/PyBbXSk7XG59XG5cbmNvbnN0IGNvdW50ZWQgPSAoY291bnQ6IG51bWJlciwgd2hhdDogc3RyaW5nKTogc3RyaW5nID0+IGAke2NvdW50fSAke3doYXR9JHtjb3VudCA9PT0gMSA/ICcnIDogJ3MnfWA7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFXTyxJQUFNLEVBQUUsVUFBVSxJQUFtQjtBQUFBLEVBQzFDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQ0csU0FBUyxjQUFjLHlDQUF5QyxFQUNoRSxPQUFPLGlCQUFpQiw2QkFBNkIsRUFDckQsT0FBTyxhQUFhLDhDQUE4QyxFQUNsRSxPQUFPLGFBQWEsMERBQTBELEVBQzlFLE9BQU8sMkJBQTJCLDJFQUEyRSxFQUM3RyxPQUFPLDBCQUEwQixtRUFBbUUsRUFDcEc7QUFBQSxNQUNDLElBQUksT0FBTyxTQUFTLENBQUMsS0FBSyxHQUFHLEVBQUUsTUFBTSxTQUFTLFdBQVcsUUFBUSxRQUFRLE1BQU07QUFDN0UsY0FBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixjQUFNLGFBQWEsTUFBTSxRQUFRLFdBQVc7QUFDNUMsY0FBTSxVQUFVO0FBQ2hCLFlBQUssVUFBVSxZQUFnQixZQUFZLFNBQVk7QUFDckQsZ0JBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxZQUN6QixNQUNFLFVBQVUsU0FDTix3Q0FDQTtBQUFBLFlBQ04sUUFBUTtBQUFBLFVBQ1YsQ0FBQztBQUFBLFFBQ0g7QUFDQSxjQUFNLE9BQU8sU0FBUztBQUN0QixjQUFNLEVBQUUsV0FBVyxRQUFRLElBQUksVUFDM0IsRUFBRSxTQUFTLENBQUMsR0FBRyxXQUFXLE1BQU0sT0FBTyxZQUFZLFNBQVUsUUFBK0IsU0FBUyxFQUFFLElBQ3ZHLE1BQU07QUFBQSxVQUNKO0FBQUEsVUFDQSxFQUFFLE9BQVEsYUFBc0MsQ0FBQyxHQUFHLFNBQVMsWUFBWSxLQUFLO0FBQUEsVUFDOUU7QUFBQSxRQUNGO0FBQ0osY0FBTSxRQUFRLE1BQU0sVUFBVSxZQUFZO0FBQUEsVUFDeEM7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFVBQ0EsTUFBSyxvQkFBSSxLQUFLLEdBQUUsWUFBWSxFQUFFLE1BQU0sR0FBRyxFQUFFO0FBQUEsVUFDekMsU0FBUyxZQUFZLFFBQVEsWUFBWTtBQUFBLFFBQzNDLENBQUM7QUFDRCxtQkFBVyxFQUFFLE1BQU0sT0FBTyxJQUFJLEtBQUs7QUFDakMsbUJBQVMsS0FBSyxHQUFHLFNBQVMsSUFBSSxPQUFPLFNBQVMsQ0FBQyxLQUFLLEtBQUssa0JBQWtCLEdBQUcsRUFBRTtBQUNsRixZQUFJLFNBQVMsS0FBTSxRQUFPLEtBQUssVUFBVSxZQUFZLGVBQWUsS0FBSyxDQUFDO0FBQzFFLGNBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsY0FBTSxRQUFRLFVBQVUsTUFBTSxPQUFPLElBQUksU0FBUyxVQUFVLE1BQU0sT0FBTyxDQUFDLG9CQUFvQjtBQUM5RixpQkFBUztBQUFBLFVBQ1AsR0FBRyxJQUFJLEtBQUssTUFBTSxJQUFJLENBQUMsS0FBSyxNQUFNLEtBQUssS0FBSyxNQUFNLE1BQU0sSUFBSSxNQUFNLE9BQU8sS0FBSyxRQUFRLE1BQU0sWUFBWSxXQUFXLENBQUMsS0FBSyxRQUFRLE1BQU0sT0FBTyxNQUFNLENBQUMsYUFBYSxNQUFNLElBQUksR0FBRyxLQUFLO0FBQUEsUUFDdEw7QUFDQSxtQkFBVyxFQUFFLElBQUksS0FBSyxLQUFLLE1BQU0sU0FBUyxNQUFNLEdBQUcsRUFBRTtBQUNuRCxtQkFBUyxLQUFLLEdBQUcsU0FBUyxJQUFJLE9BQU8sU0FBUyxDQUFDLEtBQUssSUFBSTtBQUFBLGNBQWlCLEVBQUUsRUFBRTtBQUMvRSxZQUFJLE1BQU0sU0FBUyxTQUFTO0FBQzFCLG1CQUFTLEtBQUssT0FBTyxNQUFNLFNBQVMsU0FBUyxFQUFFLDZDQUE2QztBQUM5RixpQkFBUyxLQUFLLDJEQUEyRDtBQUN6RSxlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUNGLGFBQVMsU0FBUztBQUFBLE1BQ2hCLENBQUMsd0VBQXdFLDJCQUEyQjtBQUFBLE1BQ3BHLENBQUMsMENBQTBDLGFBQWE7QUFBQSxNQUN4RCxDQUFDLDZEQUE2RCwwQ0FBMEM7QUFBQSxNQUN4RztBQUFBLFFBQ0U7QUFBQSxRQUNBO0FBQUEsTUFDRjtBQUFBLElBQ0YsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUdBLGVBQWUsT0FBTyxZQUF3QixPQUEwQixNQUF3QztBQUM5RyxRQUFNLEVBQUUsWUFBWSxJQUFJLE1BQU0sT0FBTyx1QkFBK0M7QUFDcEYsUUFBTSxFQUFFLGdCQUFnQixJQUFJLE1BQU0sT0FBTyx1QkFBK0I7QUFDeEUsUUFBTSxRQUFRLFdBQVcsS0FBSyxJQUFJO0FBQ2xDLFFBQU0sU0FBUyxRQUFRLFlBQVksV0FBVyxNQUFNLFdBQVcsWUFBWSxJQUFJLEdBQUcsS0FBSyxPQUFPLElBQUk7QUFDbEcsTUFBSSxVQUFVLENBQUMsT0FBTyxTQUFTO0FBQzdCLFVBQU0sSUFBSSxRQUFRLGVBQWU7QUFBQSxNQUMvQixNQUFNLDRCQUE0QixJQUFJO0FBQUEsTUFDdEMsT0FBTyxFQUFFLE1BQU0sT0FBTyxRQUFRLEdBQUc7QUFBQSxNQUNqQyxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sZ0JBQWdCLFdBQVcsT0FBTyxPQUFPLFFBQVEsS0FBSyxXQUFXLENBQUMsQ0FBQztBQUM1RTtBQUVBLElBQU0sVUFBVSxDQUFDLE9BQWUsU0FBeUIsR0FBRyxLQUFLLElBQUksSUFBSSxHQUFHLFVBQVUsSUFBSSxLQUFLLEdBQUc7IiwKICAibmFtZXMiOiBbXQp9Cg==
