import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  openSourceLists
} from "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import {
  printableLine
} from "./chunk-NAZM5QF7.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-FSPVDUAZ.js";

// src/core/documentation/tree.ts
var building = (part) => ({ part, operations: [], below: /* @__PURE__ */ new Map() });
function resourceTree(operations) {
  const root = building("");
  for (const operation of operations) {
    const parts = operation.path.startsWith("/") ? operation.path.split("/").filter((part) => part !== "") : [operation.group, operation.path];
    let node = root;
    for (const part of parts.length > 0 ? parts : ["/"]) {
      const next = node.below.get(part) ?? building(part);
      node.below.set(part, next);
      node = next;
    }
    node.operations.push(operation);
  }
  return folded(root).below;
}
function folded({ part, operations, below }) {
  const [only] = below.values();
  if (part !== "" && only && below.size === 1 && operations.length === 0)
    return folded({ ...only, part: `${part}/${only.part}` });
  return { part, operations, below: [...below.values()].map(folded) };
}

// src/cli/commands/docs/tree.ts
var { configure } = {
  configure(command, run) {
    command.argument("[source]", "only this documentation source").action(
      run(async (context, [only]) => {
        const { terminal } = context;
        const shelf = await context.shelf();
        const names = only === void 0 ? Object.keys(shelf.docs) : [only];
        const trees = [];
        for (const name of names) {
          const index = await openSourceLists(shelf, name);
          trees.push({ source: name, format: index.facts.format, nodes: resourceTree(index.listed()) });
        }
        if (terminal.json) {
          return emit(terminal, "docs tree", {
            sources: trees.map(({ source, nodes }) => ({ source, tree: nodes.map(nodeDocument) }))
          });
        }
        if (trees.length === 0) terminal.note("no documentation yet: echo-trail docs add FILE|URL");
        terminal.print(
          trees.map(
            ({ source, format, nodes }) => [`${terminal.out.bold(source)}  ${terminal.out.dim(format)}`, ...nodeLines(nodes, "", terminal)].join(
              "\n"
            )
          ).join("\n\n")
        );
        return 0;
      })
    );
    examples(command, [
      ["docs tree", "every source: its resources by path, with their methods"],
      ["docs tree harbour", "one source"]
    ]);
  }
};
function nodeDocument({ part, operations, below }) {
  return { part, operations: operations.map(({ id, method }) => ({ id, method })), below: below.map(nodeDocument) };
}
function nodeLines(nodes, margin, terminal) {
  const { out } = terminal;
  return nodes.flatMap(({ part, operations, below }, index) => {
    const last = index === nodes.length - 1;
    const methods = operations.map(({ id, method, deprecated }) => `${out.cyan(method)} ${out.dim(deprecated ? `${id}, deprecated` : id)}`).join("  ");
    const line = `${margin}${last ? "\u2514\u2500" : "\u251C\u2500"} ${printableLine(part)}${methods === "" ? "" : `  ${methods}`}`;
    return [line, ...nodeLines(below, `${margin}${last ? "   " : "\u2502  "}`, terminal)];
  });
}
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi90cmVlLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvZG9jcy90cmVlLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogVGhlIG9wZXJhdGlvbnMgb2YgYSBzb3VyY2UgYXMgYSB0cmVlOiBieSB0aGUgcGFydHMgb2YgdGhlaXIgcGF0aHMsIG9yIGJ5IGdyb3VwIHdoZXJlIHRoZXkgaGF2ZSBubyBwYXRoLiAqL1xuaW1wb3J0IHR5cGUgeyBMaXN0ZWRPcGVyYXRpb24gfSBmcm9tICcuL2luZGV4LWZpbGUuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFRyZWVOb2RlIHtcbiAgLyoqIGB2ZXNzZWxzYCwgYHtpbW99L2NhbGxzYCwgb3IgdGhlIG5hbWUgb2YgYSBncm91cC4gKi9cbiAgcmVhZG9ubHkgcGFydDogc3RyaW5nO1xuICByZWFkb25seSBvcGVyYXRpb25zOiByZWFkb25seSBMaXN0ZWRPcGVyYXRpb25bXTtcbiAgcmVhZG9ubHkgYmVsb3c6IHJlYWRvbmx5IFRyZWVOb2RlW107XG59XG5cbmludGVyZmFjZSBCdWlsZGluZyB7XG4gIHJlYWRvbmx5IHBhcnQ6IHN0cmluZztcbiAgcmVhZG9ubHkgb3BlcmF0aW9uczogTGlzdGVkT3BlcmF0aW9uW107XG4gIHJlYWRvbmx5IGJlbG93OiBNYXA8c3RyaW5nLCBCdWlsZGluZz47XG59XG5cbmNvbnN0IGJ1aWxkaW5nID0gKHBhcnQ6IHN0cmluZyk6IEJ1aWxkaW5nID0+ICh7IHBhcnQsIG9wZXJhdGlvbnM6IFtdLCBiZWxvdzogbmV3IE1hcCgpIH0pO1xuXG5leHBvcnQgZnVuY3Rpb24gcmVzb3VyY2VUcmVlKG9wZXJhdGlvbnM6IEl0ZXJhYmxlPExpc3RlZE9wZXJhdGlvbj4pOiByZWFkb25seSBUcmVlTm9kZVtdIHtcbiAgY29uc3Qgcm9vdCA9IGJ1aWxkaW5nKCcnKTtcbiAgZm9yIChjb25zdCBvcGVyYXRpb24gb2Ygb3BlcmF0aW9ucykge1xuICAgIGNvbnN0IHBhcnRzID0gb3BlcmF0aW9uLnBhdGguc3RhcnRzV2l0aCgnLycpXG4gICAgICA/IG9wZXJhdGlvbi5wYXRoLnNwbGl0KCcvJykuZmlsdGVyKChwYXJ0KSA9PiBwYXJ0ICE9PSAnJylcbiAgICAgIDogW29wZXJhdGlvbi5ncm91cCwgb3BlcmF0aW9uLnBhdGhdO1xuICAgIGxldCBub2RlID0gcm9vdDtcbiAgICBmb3IgKGNvbnN0IHBhcnQgb2YgcGFydHMubGVuZ3RoID4gMCA/IHBhcnRzIDogWycvJ10pIHtcbiAgICAgIGNvbnN0IG5leHQgPSBub2RlLmJlbG93LmdldChwYXJ0KSA/PyBidWlsZGluZyhwYXJ0KTtcbiAgICAgIG5vZGUuYmVsb3cuc2V0KHBhcnQsIG5leHQpO1xuICAgICAgbm9kZSA9IG5leHQ7XG4gICAgfVxuICAgIG5vZGUub3BlcmF0aW9ucy5wdXNoKG9wZXJhdGlvbik7XG4gIH1cbiAgcmV0dXJuIGZvbGRlZChyb290KS5iZWxvdztcbn1cblxuLyoqIEEgcGFydCB0aGF0IGhhcyBub3RoaW5nIG9mIGl0cyBvd24gYW5kIG9uZSBiZWxvdyBpdCBpcyB3cml0dGVuIG9uIG9uZSBsaW5lIHdpdGggdGhhdC4gKi9cbmZ1bmN0aW9uIGZvbGRlZCh7IHBhcnQsIG9wZXJhdGlvbnMsIGJlbG93IH06IEJ1aWxkaW5nKTogVHJlZU5vZGUge1xuICBjb25zdCBbb25seV0gPSBiZWxvdy52YWx1ZXMoKTtcbiAgaWYgKHBhcnQgIT09ICcnICYmIG9ubHkgJiYgYmVsb3cuc2l6ZSA9PT0gMSAmJiBvcGVyYXRpb25zLmxlbmd0aCA9PT0gMClcbiAgICByZXR1cm4gZm9sZGVkKHsgLi4ub25seSwgcGFydDogYCR7cGFydH0vJHtvbmx5LnBhcnR9YCB9KTtcbiAgcmV0dXJuIHsgcGFydCwgb3BlcmF0aW9ucywgYmVsb3c6IFsuLi5iZWxvdy52YWx1ZXMoKV0ubWFwKGZvbGRlZCkgfTtcbn1cbiIsICIvKiogYGRvY3MgdHJlZWA6IHRoZSBtYXAgb2Ygd2hhdCBhIHZlbmRvciBvZmZlcnMuICovXG5pbXBvcnQgeyBvcGVuU291cmNlTGlzdHMgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vc291cmNlLWluZGV4LmpzJztcbmltcG9ydCB7IHJlc291cmNlVHJlZSwgdHlwZSBUcmVlTm9kZSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvZG9jdW1lbnRhdGlvbi90cmVlLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi8uLi9lbWl0LmpzJztcbmltcG9ydCB0eXBlIHsgVGVybWluYWwgfSBmcm9tICcuLi8uLi90ZXJtaW5hbC5qcyc7XG5pbXBvcnQgeyBwcmludGFibGVMaW5lIH0gZnJvbSAnLi4vLi4vdmlldy9wcmludGFibGUuanMnO1xuXG5leHBvcnQgY29uc3QgeyBjb25maWd1cmUgfTogQ29tbWFuZE1vZHVsZSA9IHtcbiAgY29uZmlndXJlKGNvbW1hbmQsIHJ1bikge1xuICAgIGNvbW1hbmQuYXJndW1lbnQoJ1tzb3VyY2VdJywgJ29ubHkgdGhpcyBkb2N1bWVudGF0aW9uIHNvdXJjZScpLmFjdGlvbihcbiAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW29ubHldKSA9PiB7XG4gICAgICAgIGNvbnN0IHsgdGVybWluYWwgfSA9IGNvbnRleHQ7XG4gICAgICAgIGNvbnN0IHNoZWxmID0gYXdhaXQgY29udGV4dC5zaGVsZigpO1xuICAgICAgICBjb25zdCBuYW1lcyA9IG9ubHkgPT09IHVuZGVmaW5lZCA/IE9iamVjdC5rZXlzKHNoZWxmLmRvY3MpIDogW29ubHldO1xuICAgICAgICBjb25zdCB0cmVlczogeyBzb3VyY2U6IHN0cmluZzsgZm9ybWF0OiBzdHJpbmc7IG5vZGVzOiByZWFkb25seSBUcmVlTm9kZVtdIH1bXSA9IFtdO1xuICAgICAgICBmb3IgKGNvbnN0IG5hbWUgb2YgbmFtZXMpIHtcbiAgICAgICAgICBjb25zdCBpbmRleCA9IGF3YWl0IG9wZW5Tb3VyY2VMaXN0cyhzaGVsZiwgbmFtZSk7XG4gICAgICAgICAgdHJlZXMucHVzaCh7IHNvdXJjZTogbmFtZSwgZm9ybWF0OiBpbmRleC5mYWN0cy5mb3JtYXQsIG5vZGVzOiByZXNvdXJjZVRyZWUoaW5kZXgubGlzdGVkKCkpIH0pO1xuICAgICAgICB9XG4gICAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSB7XG4gICAgICAgICAgcmV0dXJuIGVtaXQodGVybWluYWwsICdkb2NzIHRyZWUnLCB7XG4gICAgICAgICAgICBzb3VyY2VzOiB0cmVlcy5tYXAoKHsgc291cmNlLCBub2RlcyB9KSA9PiAoeyBzb3VyY2UsIHRyZWU6IG5vZGVzLm1hcChub2RlRG9jdW1lbnQpIH0pKSxcbiAgICAgICAgICB9KTtcbiAgICAgICAgfVxuICAgICAgICBpZiAodHJlZXMubGVuZ3RoID09PSAwKSB0ZXJtaW5hbC5ub3RlKCdubyBkb2N1bWVudGF0aW9uIHlldDogZWNoby10cmFpbCBkb2NzIGFkZCBGSUxFfFVSTCcpO1xuICAgICAgICB0ZXJtaW5hbC5wcmludChcbiAgICAgICAgICB0cmVlc1xuICAgICAgICAgICAgLm1hcCgoeyBzb3VyY2UsIGZvcm1hdCwgbm9kZXMgfSkgPT5cbiAgICAgICAgICAgICAgW2Ake3Rlcm1pbmFsLm91dC5ib2xkKHNvdXJjZSl9ICAke3Rlcm1pbmFsLm91dC5kaW0oZm9ybWF0KX1gLCAuLi5ub2RlTGluZXMobm9kZXMsICcnLCB0ZXJtaW5hbCldLmpvaW4oXG4gICAgICAgICAgICAgICAgJ1xcbicsXG4gICAgICAgICAgICAgICksXG4gICAgICAgICAgICApXG4gICAgICAgICAgICAuam9pbignXFxuXFxuJyksXG4gICAgICAgICk7XG4gICAgICAgIHJldHVybiAwO1xuICAgICAgfSksXG4gICAgKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbXG4gICAgICBbJ2RvY3MgdHJlZScsICdldmVyeSBzb3VyY2U6IGl0cyByZXNvdXJjZXMgYnkgcGF0aCwgd2l0aCB0aGVpciBtZXRob2RzJ10sXG4gICAgICBbJ2RvY3MgdHJlZSBoYXJib3VyJywgJ29uZSBzb3VyY2UnXSxcbiAgICBdKTtcbiAgfSxcbn07XG5cbnR5cGUgTm9kZURvY3VtZW50ID0geyBwYXJ0OiBzdHJpbmc7IG9wZXJhdGlvbnM6IHsgaWQ6IHN0cmluZzsgbWV0aG9kOiBzdHJpbmcgfVtdOyBiZWxvdzogTm9kZURvY3VtZW50W10gfTtcblxuZnVuY3Rpb24gbm9kZURvY3VtZW50KHsgcGFydCwgb3BlcmF0aW9ucywgYmVsb3cgfTogVHJlZU5vZGUpOiBOb2RlRG9jdW1lbnQge1xuICByZXR1cm4geyBwYXJ0LCBvcGVyYXRpb25zOiBvcGVyYXRpb25zLm1hcCgoeyBpZCwgbWV0aG9kIH0pID0+ICh7IGlkLCBtZXRob2QgfSkpLCBiZWxvdzogYmVsb3cubWFwKG5vZGVEb2N1bWVudCkgfTtcbn1cblxuZnVuY3Rpb24gbm9kZUxpbmVzKG5vZGVzOiByZWFkb25seSBUcmVlTm9kZVtdLCBtYXJnaW46IHN0cmluZywgdGVybWluYWw6IFRlcm1pbmFsKTogc3RyaW5nW10ge1xuICBjb25zdCB7IG91dCB9ID0gdGVybWluYWw7XG4gIHJldHVybiBub2Rlcy5mbGF0TWFwKCh7IHBhcnQsIG9wZXJhdGlvbnMsIGJlbG93IH0sIGluZGV4KSA9PiB7XG4gICAgY29uc3QgbGFzdCA9IGluZGV4ID09PSBub2Rlcy5sZW5ndGggLSAxO1xuICAgIGNvbnN0IG1ldGhvZHMgPSBvcGVyYXRpb25zXG4gICAgICAubWFwKCh7IGlkLCBtZXRob2QsIGRlcHJlY2F0ZWQgfSkgPT4gYCR7b3V0LmN5YW4obWV0aG9kKX0gJHtvdXQuZGltKGRlcHJlY2F0ZWQgPyBgJHtpZH0sIGRlcHJlY2F0ZWRgIDogaWQpfWApXG4gICAgICAuam9pbignICAnKTtcbiAgICBjb25zdCBsaW5lID0gYCR7bWFyZ2lufSR7bGFzdCA/ICdcdTI1MTRcdTI1MDAnIDogJ1x1MjUxQ1x1MjUwMCd9ICR7cHJpbnRhYmxlTGluZShwYXJ0KX0ke21ldGhvZHMgPT09ICcnID8gJycgOiBgICAke21ldGhvZHN9YH1gO1xuICAgIHJldHVybiBbbGluZSwgLi4ubm9kZUxpbmVzKGJlbG93LCBgJHttYXJnaW59JHtsYXN0ID8gJyAgICcgOiAnXHUyNTAyICAnfWAsIHRlcm1pbmFsKV07XG4gIH0pO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBZ0JBLElBQU0sV0FBVyxDQUFDLFVBQTRCLEVBQUUsTUFBTSxZQUFZLENBQUMsR0FBRyxPQUFPLG9CQUFJLElBQUksRUFBRTtBQUVoRixTQUFTLGFBQWEsWUFBNEQ7QUFDdkYsUUFBTSxPQUFPLFNBQVMsRUFBRTtBQUN4QixhQUFXLGFBQWEsWUFBWTtBQUNsQyxVQUFNLFFBQVEsVUFBVSxLQUFLLFdBQVcsR0FBRyxJQUN2QyxVQUFVLEtBQUssTUFBTSxHQUFHLEVBQUUsT0FBTyxDQUFDLFNBQVMsU0FBUyxFQUFFLElBQ3RELENBQUMsVUFBVSxPQUFPLFVBQVUsSUFBSTtBQUNwQyxRQUFJLE9BQU87QUFDWCxlQUFXLFFBQVEsTUFBTSxTQUFTLElBQUksUUFBUSxDQUFDLEdBQUcsR0FBRztBQUNuRCxZQUFNLE9BQU8sS0FBSyxNQUFNLElBQUksSUFBSSxLQUFLLFNBQVMsSUFBSTtBQUNsRCxXQUFLLE1BQU0sSUFBSSxNQUFNLElBQUk7QUFDekIsYUFBTztBQUFBLElBQ1Q7QUFDQSxTQUFLLFdBQVcsS0FBSyxTQUFTO0FBQUEsRUFDaEM7QUFDQSxTQUFPLE9BQU8sSUFBSSxFQUFFO0FBQ3RCO0FBR0EsU0FBUyxPQUFPLEVBQUUsTUFBTSxZQUFZLE1BQU0sR0FBdUI7QUFDL0QsUUFBTSxDQUFDLElBQUksSUFBSSxNQUFNLE9BQU87QUFDNUIsTUFBSSxTQUFTLE1BQU0sUUFBUSxNQUFNLFNBQVMsS0FBSyxXQUFXLFdBQVc7QUFDbkUsV0FBTyxPQUFPLEVBQUUsR0FBRyxNQUFNLE1BQU0sR0FBRyxJQUFJLElBQUksS0FBSyxJQUFJLEdBQUcsQ0FBQztBQUN6RCxTQUFPLEVBQUUsTUFBTSxZQUFZLE9BQU8sQ0FBQyxHQUFHLE1BQU0sT0FBTyxDQUFDLEVBQUUsSUFBSSxNQUFNLEVBQUU7QUFDcEU7OztBQ2pDTyxJQUFNLEVBQUUsVUFBVSxJQUFtQjtBQUFBLEVBQzFDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQVEsU0FBUyxZQUFZLGdDQUFnQyxFQUFFO0FBQUEsTUFDN0QsSUFBSSxPQUFPLFNBQVMsQ0FBQyxJQUFJLE1BQU07QUFDN0IsY0FBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixjQUFNLFFBQVEsTUFBTSxRQUFRLE1BQU07QUFDbEMsY0FBTSxRQUFRLFNBQVMsU0FBWSxPQUFPLEtBQUssTUFBTSxJQUFJLElBQUksQ0FBQyxJQUFJO0FBQ2xFLGNBQU0sUUFBMEUsQ0FBQztBQUNqRixtQkFBVyxRQUFRLE9BQU87QUFDeEIsZ0JBQU0sUUFBUSxNQUFNLGdCQUFnQixPQUFPLElBQUk7QUFDL0MsZ0JBQU0sS0FBSyxFQUFFLFFBQVEsTUFBTSxRQUFRLE1BQU0sTUFBTSxRQUFRLE9BQU8sYUFBYSxNQUFNLE9BQU8sQ0FBQyxFQUFFLENBQUM7QUFBQSxRQUM5RjtBQUNBLFlBQUksU0FBUyxNQUFNO0FBQ2pCLGlCQUFPLEtBQUssVUFBVSxhQUFhO0FBQUEsWUFDakMsU0FBUyxNQUFNLElBQUksQ0FBQyxFQUFFLFFBQVEsTUFBTSxPQUFPLEVBQUUsUUFBUSxNQUFNLE1BQU0sSUFBSSxZQUFZLEVBQUUsRUFBRTtBQUFBLFVBQ3ZGLENBQUM7QUFBQSxRQUNIO0FBQ0EsWUFBSSxNQUFNLFdBQVcsRUFBRyxVQUFTLEtBQUssb0RBQW9EO0FBQzFGLGlCQUFTO0FBQUEsVUFDUCxNQUNHO0FBQUEsWUFBSSxDQUFDLEVBQUUsUUFBUSxRQUFRLE1BQU0sTUFDNUIsQ0FBQyxHQUFHLFNBQVMsSUFBSSxLQUFLLE1BQU0sQ0FBQyxLQUFLLFNBQVMsSUFBSSxJQUFJLE1BQU0sQ0FBQyxJQUFJLEdBQUcsVUFBVSxPQUFPLElBQUksUUFBUSxDQUFDLEVBQUU7QUFBQSxjQUMvRjtBQUFBLFlBQ0Y7QUFBQSxVQUNGLEVBQ0MsS0FBSyxNQUFNO0FBQUEsUUFDaEI7QUFDQSxlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUNBLGFBQVMsU0FBUztBQUFBLE1BQ2hCLENBQUMsYUFBYSx5REFBeUQ7QUFBQSxNQUN2RSxDQUFDLHFCQUFxQixZQUFZO0FBQUEsSUFDcEMsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUlBLFNBQVMsYUFBYSxFQUFFLE1BQU0sWUFBWSxNQUFNLEdBQTJCO0FBQ3pFLFNBQU8sRUFBRSxNQUFNLFlBQVksV0FBVyxJQUFJLENBQUMsRUFBRSxJQUFJLE9BQU8sT0FBTyxFQUFFLElBQUksT0FBTyxFQUFFLEdBQUcsT0FBTyxNQUFNLElBQUksWUFBWSxFQUFFO0FBQ2xIO0FBRUEsU0FBUyxVQUFVLE9BQTRCLFFBQWdCLFVBQThCO0FBQzNGLFFBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsU0FBTyxNQUFNLFFBQVEsQ0FBQyxFQUFFLE1BQU0sWUFBWSxNQUFNLEdBQUcsVUFBVTtBQUMzRCxVQUFNLE9BQU8sVUFBVSxNQUFNLFNBQVM7QUFDdEMsVUFBTSxVQUFVLFdBQ2IsSUFBSSxDQUFDLEVBQUUsSUFBSSxRQUFRLFdBQVcsTUFBTSxHQUFHLElBQUksS0FBSyxNQUFNLENBQUMsSUFBSSxJQUFJLElBQUksYUFBYSxHQUFHLEVBQUUsaUJBQWlCLEVBQUUsQ0FBQyxFQUFFLEVBQzNHLEtBQUssSUFBSTtBQUNaLFVBQU0sT0FBTyxHQUFHLE1BQU0sR0FBRyxPQUFPLGlCQUFPLGNBQUksSUFBSSxjQUFjLElBQUksQ0FBQyxHQUFHLFlBQVksS0FBSyxLQUFLLEtBQUssT0FBTyxFQUFFO0FBQ3pHLFdBQU8sQ0FBQyxNQUFNLEdBQUcsVUFBVSxPQUFPLEdBQUcsTUFBTSxHQUFHLE9BQU8sUUFBUSxVQUFLLElBQUksUUFBUSxDQUFDO0FBQUEsRUFDakYsQ0FBQztBQUNIOyIsCiAgIm5hbWVzIjogW10KfQo=
