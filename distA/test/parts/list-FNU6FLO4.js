import {
  sourceDocument
} from "./chunk-JA5AXTRS.js";
import {
  sources
} from "./chunk-W5QWK5N5.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-FSPVDUAZ.js";

// src/cli/commands/docs/list.ts
var { configure } = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal } = context;
        const shelf = await context.shelf();
        const all = await sources(shelf);
        if (terminal.json) return emit(terminal, "docs list", { sources: all.map(sourceDocument) });
        if (all.length === 0) terminal.note("no documentation yet: echo-trail docs add FILE|URL");
        else {
          const rows = all.map(({ name, format, version, operations, warnings, title, source, fetched }) => [
            terminal.out.bold(name),
            `${format} ${version}`,
            String(operations),
            warnings.length === 0 ? "" : terminal.out.yellow(String(warnings.length)),
            fetched ?? "",
            title,
            source ?? ""
          ]);
          terminal.print(
            table(rows, terminal, {
              head: ["source", "format", "operations", "warnings", "fetched", "title", "from"],
              flexible: [5, 6]
            })
          );
        }
        return 0;
      })
    );
    examples(command, [
      ["docs list", "each source with its format and the number of its operations"],
      ["docs list --json", "the same for programs, warnings included"]
    ]);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9kb2NzL2xpc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBgZG9jcyBsaXN0YDogdGhlIGRvY3VtZW50YXRpb24gc291cmNlcyBvZiB0aGUgY29sbGVjdGlvbi4gKi9cbmltcG9ydCB7IHNvdXJjZXMgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vc291cmNlLWZhY3RzLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi8uLi9lbWl0LmpzJztcbmltcG9ydCB7IHRhYmxlIH0gZnJvbSAnLi4vLi4vdmlldy90YWJsZS5qcyc7XG5pbXBvcnQgeyBzb3VyY2VEb2N1bWVudCB9IGZyb20gJy4vc291cmNlLWRvY3VtZW50LmpzJztcblxuZXhwb3J0IGNvbnN0IHsgY29uZmlndXJlIH06IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kLmFjdGlvbihcbiAgICAgIHJ1bihhc3luYyAoY29udGV4dCkgPT4ge1xuICAgICAgICBjb25zdCB7IHRlcm1pbmFsIH0gPSBjb250ZXh0O1xuICAgICAgICBjb25zdCBzaGVsZiA9IGF3YWl0IGNvbnRleHQuc2hlbGYoKTtcbiAgICAgICAgY29uc3QgYWxsID0gYXdhaXQgc291cmNlcyhzaGVsZik7XG4gICAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSByZXR1cm4gZW1pdCh0ZXJtaW5hbCwgJ2RvY3MgbGlzdCcsIHsgc291cmNlczogYWxsLm1hcChzb3VyY2VEb2N1bWVudCkgfSk7XG4gICAgICAgIGlmIChhbGwubGVuZ3RoID09PSAwKSB0ZXJtaW5hbC5ub3RlKCdubyBkb2N1bWVudGF0aW9uIHlldDogZWNoby10cmFpbCBkb2NzIGFkZCBGSUxFfFVSTCcpO1xuICAgICAgICBlbHNlIHtcbiAgICAgICAgICBjb25zdCByb3dzID0gYWxsLm1hcCgoeyBuYW1lLCBmb3JtYXQsIHZlcnNpb24sIG9wZXJhdGlvbnMsIHdhcm5pbmdzLCB0aXRsZSwgc291cmNlLCBmZXRjaGVkIH0pID0+IFtcbiAgICAgICAgICAgIHRlcm1pbmFsLm91dC5ib2xkKG5hbWUpLFxuICAgICAgICAgICAgYCR7Zm9ybWF0fSAke3ZlcnNpb259YCxcbiAgICAgICAgICAgIFN0cmluZyhvcGVyYXRpb25zKSxcbiAgICAgICAgICAgIHdhcm5pbmdzLmxlbmd0aCA9PT0gMCA/ICcnIDogdGVybWluYWwub3V0LnllbGxvdyhTdHJpbmcod2FybmluZ3MubGVuZ3RoKSksXG4gICAgICAgICAgICBmZXRjaGVkID8/ICcnLFxuICAgICAgICAgICAgdGl0bGUsXG4gICAgICAgICAgICBzb3VyY2UgPz8gJycsXG4gICAgICAgICAgXSk7XG4gICAgICAgICAgdGVybWluYWwucHJpbnQoXG4gICAgICAgICAgICB0YWJsZShyb3dzLCB0ZXJtaW5hbCwge1xuICAgICAgICAgICAgICBoZWFkOiBbJ3NvdXJjZScsICdmb3JtYXQnLCAnb3BlcmF0aW9ucycsICd3YXJuaW5ncycsICdmZXRjaGVkJywgJ3RpdGxlJywgJ2Zyb20nXSxcbiAgICAgICAgICAgICAgZmxleGlibGU6IFs1LCA2XSxcbiAgICAgICAgICAgIH0pLFxuICAgICAgICAgICk7XG4gICAgICAgIH1cbiAgICAgICAgcmV0dXJuIDA7XG4gICAgICB9KSxcbiAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFsnZG9jcyBsaXN0JywgJ2VhY2ggc291cmNlIHdpdGggaXRzIGZvcm1hdCBhbmQgdGhlIG51bWJlciBvZiBpdHMgb3BlcmF0aW9ucyddLFxuICAgICAgWydkb2NzIGxpc3QgLS1qc29uJywgJ3RoZSBzYW1lIGZvciBwcm9ncmFtcywgd2FybmluZ3MgaW5jbHVkZWQnXSxcbiAgICBdKTtcbiAgfSxcbn07XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBT08sSUFBTSxFQUFFLFVBQVUsSUFBbUI7QUFBQSxFQUMxQyxVQUFVLFNBQVMsS0FBSztBQUN0QixZQUFRO0FBQUEsTUFDTixJQUFJLE9BQU8sWUFBWTtBQUNyQixjQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLGNBQU0sUUFBUSxNQUFNLFFBQVEsTUFBTTtBQUNsQyxjQUFNLE1BQU0sTUFBTSxRQUFRLEtBQUs7QUFDL0IsWUFBSSxTQUFTLEtBQU0sUUFBTyxLQUFLLFVBQVUsYUFBYSxFQUFFLFNBQVMsSUFBSSxJQUFJLGNBQWMsRUFBRSxDQUFDO0FBQzFGLFlBQUksSUFBSSxXQUFXLEVBQUcsVUFBUyxLQUFLLG9EQUFvRDtBQUFBLGFBQ25GO0FBQ0gsZ0JBQU0sT0FBTyxJQUFJLElBQUksQ0FBQyxFQUFFLE1BQU0sUUFBUSxTQUFTLFlBQVksVUFBVSxPQUFPLFFBQVEsUUFBUSxNQUFNO0FBQUEsWUFDaEcsU0FBUyxJQUFJLEtBQUssSUFBSTtBQUFBLFlBQ3RCLEdBQUcsTUFBTSxJQUFJLE9BQU87QUFBQSxZQUNwQixPQUFPLFVBQVU7QUFBQSxZQUNqQixTQUFTLFdBQVcsSUFBSSxLQUFLLFNBQVMsSUFBSSxPQUFPLE9BQU8sU0FBUyxNQUFNLENBQUM7QUFBQSxZQUN4RSxXQUFXO0FBQUEsWUFDWDtBQUFBLFlBQ0EsVUFBVTtBQUFBLFVBQ1osQ0FBQztBQUNELG1CQUFTO0FBQUEsWUFDUCxNQUFNLE1BQU0sVUFBVTtBQUFBLGNBQ3BCLE1BQU0sQ0FBQyxVQUFVLFVBQVUsY0FBYyxZQUFZLFdBQVcsU0FBUyxNQUFNO0FBQUEsY0FDL0UsVUFBVSxDQUFDLEdBQUcsQ0FBQztBQUFBLFlBQ2pCLENBQUM7QUFBQSxVQUNIO0FBQUEsUUFDRjtBQUNBLGVBQU87QUFBQSxNQUNULENBQUM7QUFBQSxJQUNIO0FBQ0EsYUFBUyxTQUFTO0FBQUEsTUFDaEIsQ0FBQyxhQUFhLDhEQUE4RDtBQUFBLE1BQzVFLENBQUMsb0JBQW9CLDBDQUEwQztBQUFBLElBQ2pFLENBQUM7QUFBQSxFQUNIO0FBQ0Y7IiwKICAibmFtZXMiOiBbXQp9Cg==
