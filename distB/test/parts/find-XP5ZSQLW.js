import {
  wholeNumber
} from "./chunk-E5WEDB6Y.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  findOperations
} from "./chunk-YVTQULGW.js";
import "./chunk-EJ3MTJ5C.js";
import {
  openSourceLists
} from "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/cli/commands/docs/find.ts
var { configure } = {
  configure(command, run) {
    command.argument("<words...>", "words from names, paths, descriptions or fields").option("--most <number>", "show at most so many", "12").action(
      run(async (context, words, { most }) => {
        const { terminal } = context;
        const limit = wholeNumber(most, "--most", { least: 1 });
        const shelf = await context.shelf();
        const sources = /* @__PURE__ */ new Map();
        for (const name of Object.keys(shelf.docs)) sources.set(name, await openSourceLists(shelf, name));
        const { matches: shown, total, complete, read } = findOperations(sources, words, limit);
        if (terminal.json) {
          return emit(terminal, "docs find", {
            words: [...words],
            complete,
            read: Object.fromEntries(read),
            operations: shown.map(({ source, id, method, path, summary, score, in: where }) => ({
              operation: `${source}/${id}`,
              method,
              path,
              summary: summary === "" ? null : summary,
              score: Math.round(score * 10) / 10,
              in: [...where]
            }))
          });
        }
        if (shown.length === 0) {
          throw new Problem("operation-not-found", {
            what: `nothing documented has any of: ${words.join(" ")}`,
            remedy: "echo-trail docs list shows what there is"
          });
        }
        const { out } = terminal;
        for (const [word, other] of read)
          terminal.note(`${word} stands nowhere; ${other} was looked for in its place`);
        if (!complete) terminal.note("no operation has all of these words; these have some");
        terminal.print(
          table(
            shown.map(({ source, id, method, path, summary, deprecated, in: where }) => [
              out.bold(`${source}/${id}`),
              `${out.cyan(method)} ${path}`,
              `${summary}${deprecated ? out.yellow(" (deprecated)") : ""}`,
              out.dim(`found in ${where.join(", ")}`)
            ]),
            terminal,
            { flexible: [2, 3] }
          )
        );
        if (total > shown.length) terminal.note(`and ${total - shown.length} more: --most ${total}`);
        terminal.note(`next: echo-trail docs show ${shown[0]?.source}/${shown[0]?.id}`);
        return 0;
      })
    );
    examples(command, [
      ["docs find book a call", "best first, with where the words were found"],
      ["docs find berth --most 3", "only the best three"]
    ]);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9kb2NzL2ZpbmQudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBgZG9jcyBmaW5kYDogb3BlcmF0aW9ucyBieSB3b3Jkcy4gKi9cbmltcG9ydCB7IG9wZW5Tb3VyY2VMaXN0cyB9IGZyb20gJy4uLy4uLy4uL2NvcmUvY29sbGVjdGlvbi9zb3VyY2UtaW5kZXguanMnO1xuaW1wb3J0IHR5cGUgeyBTb3VyY2VMaXN0cyB9IGZyb20gJy4uLy4uLy4uL2NvcmUvZG9jdW1lbnRhdGlvbi9pbmRleC1maWxlLmpzJztcbmltcG9ydCB7IGZpbmRPcGVyYXRpb25zIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9kb2N1bWVudGF0aW9uL3NlYXJjaC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgdHlwZSBDb21tYW5kTW9kdWxlLCBleGFtcGxlcyB9IGZyb20gJy4uLy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHsgZW1pdCB9IGZyb20gJy4uLy4uL2VtaXQuanMnO1xuaW1wb3J0IHsgdGFibGUgfSBmcm9tICcuLi8uLi92aWV3L3RhYmxlLmpzJztcbmltcG9ydCB7IHdob2xlTnVtYmVyIH0gZnJvbSAnLi4vLi4vd2hvbGUtbnVtYmVyLmpzJztcblxuZXhwb3J0IGNvbnN0IHsgY29uZmlndXJlIH06IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kXG4gICAgICAuYXJndW1lbnQoJzx3b3Jkcy4uLj4nLCAnd29yZHMgZnJvbSBuYW1lcywgcGF0aHMsIGRlc2NyaXB0aW9ucyBvciBmaWVsZHMnKVxuICAgICAgLm9wdGlvbignLS1tb3N0IDxudW1iZXI+JywgJ3Nob3cgYXQgbW9zdCBzbyBtYW55JywgJzEyJylcbiAgICAgIC5hY3Rpb24oXG4gICAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgd29yZHMsIHsgbW9zdCB9KSA9PiB7XG4gICAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgICAgICAgICBjb25zdCBsaW1pdCA9IHdob2xlTnVtYmVyKG1vc3QsICctLW1vc3QnLCB7IGxlYXN0OiAxIH0pO1xuICAgICAgICAgIGNvbnN0IHNoZWxmID0gYXdhaXQgY29udGV4dC5zaGVsZigpO1xuICAgICAgICAgIGNvbnN0IHNvdXJjZXMgPSBuZXcgTWFwPHN0cmluZywgU291cmNlTGlzdHM+KCk7XG4gICAgICAgICAgZm9yIChjb25zdCBuYW1lIG9mIE9iamVjdC5rZXlzKHNoZWxmLmRvY3MpKSBzb3VyY2VzLnNldChuYW1lLCBhd2FpdCBvcGVuU291cmNlTGlzdHMoc2hlbGYsIG5hbWUpKTtcbiAgICAgICAgICBjb25zdCB7IG1hdGNoZXM6IHNob3duLCB0b3RhbCwgY29tcGxldGUsIHJlYWQgfSA9IGZpbmRPcGVyYXRpb25zKHNvdXJjZXMsIHdvcmRzLCBsaW1pdCk7XG4gICAgICAgICAgaWYgKHRlcm1pbmFsLmpzb24pIHtcbiAgICAgICAgICAgIHJldHVybiBlbWl0KHRlcm1pbmFsLCAnZG9jcyBmaW5kJywge1xuICAgICAgICAgICAgICB3b3JkczogWy4uLndvcmRzXSxcbiAgICAgICAgICAgICAgY29tcGxldGUsXG4gICAgICAgICAgICAgIHJlYWQ6IE9iamVjdC5mcm9tRW50cmllcyhyZWFkKSxcbiAgICAgICAgICAgICAgb3BlcmF0aW9uczogc2hvd24ubWFwKCh7IHNvdXJjZSwgaWQsIG1ldGhvZCwgcGF0aCwgc3VtbWFyeSwgc2NvcmUsIGluOiB3aGVyZSB9KSA9PiAoe1xuICAgICAgICAgICAgICAgIG9wZXJhdGlvbjogYCR7c291cmNlfS8ke2lkfWAsXG4gICAgICAgICAgICAgICAgbWV0aG9kLFxuICAgICAgICAgICAgICAgIHBhdGgsXG4gICAgICAgICAgICAgICAgc3VtbWFyeTogc3VtbWFyeSA9PT0gJycgPyBudWxsIDogc3VtbWFyeSxcbiAgICAgICAgICAgICAgICBzY29yZTogTWF0aC5yb3VuZChzY29yZSAqIDEwKSAvIDEwLFxuICAgICAgICAgICAgICAgIGluOiBbLi4ud2hlcmVdLFxuICAgICAgICAgICAgICB9KSksXG4gICAgICAgICAgICB9KTtcbiAgICAgICAgICB9XG4gICAgICAgICAgaWYgKHNob3duLmxlbmd0aCA9PT0gMCkge1xuICAgICAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ29wZXJhdGlvbi1ub3QtZm91bmQnLCB7XG4gICAgICAgICAgICAgIHdoYXQ6IGBub3RoaW5nIGRvY3VtZW50ZWQgaGFzIGFueSBvZjogJHt3b3Jkcy5qb2luKCcgJyl9YCxcbiAgICAgICAgICAgICAgcmVtZWR5OiAnZWNoby10cmFpbCBkb2NzIGxpc3Qgc2hvd3Mgd2hhdCB0aGVyZSBpcycsXG4gICAgICAgICAgICB9KTtcbiAgICAgICAgICB9XG4gICAgICAgICAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICAgICAgICAgIGZvciAoY29uc3QgW3dvcmQsIG90aGVyXSBvZiByZWFkKVxuICAgICAgICAgICAgdGVybWluYWwubm90ZShgJHt3b3JkfSBzdGFuZHMgbm93aGVyZTsgJHtvdGhlcn0gd2FzIGxvb2tlZCBmb3IgaW4gaXRzIHBsYWNlYCk7XG4gICAgICAgICAgaWYgKCFjb21wbGV0ZSkgdGVybWluYWwubm90ZSgnbm8gb3BlcmF0aW9uIGhhcyBhbGwgb2YgdGhlc2Ugd29yZHM7IHRoZXNlIGhhdmUgc29tZScpO1xuICAgICAgICAgIHRlcm1pbmFsLnByaW50KFxuICAgICAgICAgICAgdGFibGUoXG4gICAgICAgICAgICAgIHNob3duLm1hcCgoeyBzb3VyY2UsIGlkLCBtZXRob2QsIHBhdGgsIHN1bW1hcnksIGRlcHJlY2F0ZWQsIGluOiB3aGVyZSB9KSA9PiBbXG4gICAgICAgICAgICAgICAgb3V0LmJvbGQoYCR7c291cmNlfS8ke2lkfWApLFxuICAgICAgICAgICAgICAgIGAke291dC5jeWFuKG1ldGhvZCl9ICR7cGF0aH1gLFxuICAgICAgICAgICAgICAgIGAke3N1bW1hcnl9JHtkZXByZWNhdGVkID8gb3V0LnllbGxvdygnIChkZXByZWNhdGVkKScpIDogJyd9YCxcbiAgICAgICAgICAgICAgICBvdXQuZGltKGBmb3VuZCBpbiAke3doZXJlLmpvaW4oJywgJyl9YCksXG4gICAgICAgICAgICAgIF0pLFxuICAgICAgICAgICAgICB0ZXJtaW5hbCxcbiAgICAgICAgICAgICAgeyBmbGV4aWJsZTogWzIsIDNdIH0sXG4gICAgICAgICAgICApLFxuICAgICAgICAgICk7XG4gICAgICAgICAgaWYgKHRvdGFsID4gc2hvd24ubGVuZ3RoKSB0ZXJtaW5hbC5ub3RlKGBhbmQgJHt0b3RhbCAtIHNob3duLmxlbmd0aH0gbW9yZTogLS1tb3N0ICR7dG90YWx9YCk7XG4gICAgICAgICAgdGVybWluYWwubm90ZShgbmV4dDogZWNoby10cmFpbCBkb2NzIHNob3cgJHtzaG93blswXT8uc291cmNlfS8ke3Nob3duWzBdPy5pZH1gKTtcbiAgICAgICAgICByZXR1cm4gMDtcbiAgICAgICAgfSksXG4gICAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFsnZG9jcyBmaW5kIGJvb2sgYSBjYWxsJywgJ2Jlc3QgZmlyc3QsIHdpdGggd2hlcmUgdGhlIHdvcmRzIHdlcmUgZm91bmQnXSxcbiAgICAgIFsnZG9jcyBmaW5kIGJlcnRoIC0tbW9zdCAzJywgJ29ubHkgdGhlIGJlc3QgdGhyZWUnXSxcbiAgICBdKTtcbiAgfSxcbn07XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFVTyxJQUFNLEVBQUUsVUFBVSxJQUFtQjtBQUFBLEVBQzFDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQ0csU0FBUyxjQUFjLGlEQUFpRCxFQUN4RSxPQUFPLG1CQUFtQix3QkFBd0IsSUFBSSxFQUN0RDtBQUFBLE1BQ0MsSUFBSSxPQUFPLFNBQVMsT0FBTyxFQUFFLEtBQUssTUFBTTtBQUN0QyxjQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLGNBQU0sUUFBUSxZQUFZLE1BQU0sVUFBVSxFQUFFLE9BQU8sRUFBRSxDQUFDO0FBQ3RELGNBQU0sUUFBUSxNQUFNLFFBQVEsTUFBTTtBQUNsQyxjQUFNLFVBQVUsb0JBQUksSUFBeUI7QUFDN0MsbUJBQVcsUUFBUSxPQUFPLEtBQUssTUFBTSxJQUFJLEVBQUcsU0FBUSxJQUFJLE1BQU0sTUFBTSxnQkFBZ0IsT0FBTyxJQUFJLENBQUM7QUFDaEcsY0FBTSxFQUFFLFNBQVMsT0FBTyxPQUFPLFVBQVUsS0FBSyxJQUFJLGVBQWUsU0FBUyxPQUFPLEtBQUs7QUFDdEYsWUFBSSxTQUFTLE1BQU07QUFDakIsaUJBQU8sS0FBSyxVQUFVLGFBQWE7QUFBQSxZQUNqQyxPQUFPLENBQUMsR0FBRyxLQUFLO0FBQUEsWUFDaEI7QUFBQSxZQUNBLE1BQU0sT0FBTyxZQUFZLElBQUk7QUFBQSxZQUM3QixZQUFZLE1BQU0sSUFBSSxDQUFDLEVBQUUsUUFBUSxJQUFJLFFBQVEsTUFBTSxTQUFTLE9BQU8sSUFBSSxNQUFNLE9BQU87QUFBQSxjQUNsRixXQUFXLEdBQUcsTUFBTSxJQUFJLEVBQUU7QUFBQSxjQUMxQjtBQUFBLGNBQ0E7QUFBQSxjQUNBLFNBQVMsWUFBWSxLQUFLLE9BQU87QUFBQSxjQUNqQyxPQUFPLEtBQUssTUFBTSxRQUFRLEVBQUUsSUFBSTtBQUFBLGNBQ2hDLElBQUksQ0FBQyxHQUFHLEtBQUs7QUFBQSxZQUNmLEVBQUU7QUFBQSxVQUNKLENBQUM7QUFBQSxRQUNIO0FBQ0EsWUFBSSxNQUFNLFdBQVcsR0FBRztBQUN0QixnQkFBTSxJQUFJLFFBQVEsdUJBQXVCO0FBQUEsWUFDdkMsTUFBTSxrQ0FBa0MsTUFBTSxLQUFLLEdBQUcsQ0FBQztBQUFBLFlBQ3ZELFFBQVE7QUFBQSxVQUNWLENBQUM7QUFBQSxRQUNIO0FBQ0EsY0FBTSxFQUFFLElBQUksSUFBSTtBQUNoQixtQkFBVyxDQUFDLE1BQU0sS0FBSyxLQUFLO0FBQzFCLG1CQUFTLEtBQUssR0FBRyxJQUFJLG9CQUFvQixLQUFLLDhCQUE4QjtBQUM5RSxZQUFJLENBQUMsU0FBVSxVQUFTLEtBQUssc0RBQXNEO0FBQ25GLGlCQUFTO0FBQUEsVUFDUDtBQUFBLFlBQ0UsTUFBTSxJQUFJLENBQUMsRUFBRSxRQUFRLElBQUksUUFBUSxNQUFNLFNBQVMsWUFBWSxJQUFJLE1BQU0sTUFBTTtBQUFBLGNBQzFFLElBQUksS0FBSyxHQUFHLE1BQU0sSUFBSSxFQUFFLEVBQUU7QUFBQSxjQUMxQixHQUFHLElBQUksS0FBSyxNQUFNLENBQUMsSUFBSSxJQUFJO0FBQUEsY0FDM0IsR0FBRyxPQUFPLEdBQUcsYUFBYSxJQUFJLE9BQU8sZUFBZSxJQUFJLEVBQUU7QUFBQSxjQUMxRCxJQUFJLElBQUksWUFBWSxNQUFNLEtBQUssSUFBSSxDQUFDLEVBQUU7QUFBQSxZQUN4QyxDQUFDO0FBQUEsWUFDRDtBQUFBLFlBQ0EsRUFBRSxVQUFVLENBQUMsR0FBRyxDQUFDLEVBQUU7QUFBQSxVQUNyQjtBQUFBLFFBQ0Y7QUFDQSxZQUFJLFFBQVEsTUFBTSxPQUFRLFVBQVMsS0FBSyxPQUFPLFFBQVEsTUFBTSxNQUFNLGlCQUFpQixLQUFLLEVBQUU7QUFDM0YsaUJBQVMsS0FBSyw4QkFBOEIsTUFBTSxDQUFDLEdBQUcsTUFBTSxJQUFJLE1BQU0sQ0FBQyxHQUFHLEVBQUUsRUFBRTtBQUM5RSxlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUNGLGFBQVMsU0FBUztBQUFBLE1BQ2hCLENBQUMseUJBQXlCLDZDQUE2QztBQUFBLE1BQ3ZFLENBQUMsNEJBQTRCLHFCQUFxQjtBQUFBLElBQ3BELENBQUM7QUFBQSxFQUNIO0FBQ0Y7IiwKICAibmFtZXMiOiBbXQp9Cg==
