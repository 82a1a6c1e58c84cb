import {
  differenceDocument
} from "./chunk-KTI4R62G.js";
import {
  withInputs
} from "./chunk-IYVFZVMQ.js";
import "./chunk-TSTZ2E5O.js";
import {
  wholeNumber
} from "./chunk-E5WEDB6Y.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  collect,
  examples
} from "./chunk-JVALCJ3H.js";
import {
  echoSide,
  sentSide
} from "./chunk-4F2HHAKH.js";
import {
  sendRequest
} from "./chunk-RCNXIKQJ.js";
import "./chunk-2IYWYRKP.js";
import "./chunk-33U4T2M5.js";
import "./chunk-5LQRYHH4.js";
import "./chunk-3HNS4OKH.js";
import "./chunk-2P5QH4SA.js";
import "./chunk-M6H7XQX2.js";
import "./chunk-7DROAWR7.js";
import "./chunk-4THVOAEK.js";
import "./chunk-KPXZDYPQ.js";
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
import {
  shortText
} from "./chunk-WAHZOCQ7.js";
import "./chunk-V2NIP2IX.js";
import "./chunk-U6MR4M5T.js";
import "./chunk-TNGRBWFR.js";
import "./chunk-36BGEIU2.js";
import "./chunk-IBVRGXBJ.js";
import "./chunk-VV4FZXZN.js";
import "./chunk-ADLZ4E65.js";
import "./chunk-BC36KCSM.js";
import "./chunk-KTFSZ6KS.js";
import {
  printableLine
} from "./chunk-NAZM5QF7.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import {
  answerDifferences
} from "./chunk-5DCQHAPP.js";
import "./chunk-MAL2YCX2.js";
import "./chunk-77DFO3CW.js";
import "./chunk-J7IJ6DS5.js";
import "./chunk-4DNYAMDJ.js";
import "./chunk-UHUDVQF4.js";
import {
  durationText
} from "./chunk-IQWA53IU.js";
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
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/cli/commands/compare.ts
import { existsSync, readFileSync } from "node:fs";
var { configure } = {
  configure(command, run) {
    command.argument("<a>", "an echo, a request, or a file").argument("<b>", "what it is compared with").option("--ignoring <place>", "a place that may differ, and all below it; may be repeated", collect).option("--only <place>", "only this place, and all below it; may be repeated", collect).option(
      "--unordered <place=key>",
      "a list whose order says nothing, and what tells its items apart: '$.items=$.code'; may be repeated",
      collect
    ).option("--time-ratio <number>", "fail where the second answer took over so many times as long as the first").option("--most <number>", "show at most so many differences", "40").action(
      run(async (context, [a = "", b = ""], options) => {
        const { most, timeRatio } = options;
        const { terminal } = context;
        const limit = wholeNumber(most, "--most", { least: 1 });
        const workspace = await context.workspace();
        const [left, right] = [await answerOf(a, workspace, context), await answerOf(b, workspace, context)];
        const found = [
          ...answerDifferences(left, right, {
            ignoring: options.ignoring,
            only: options.only,
            unordered: unorderedOf(options.unordered ?? [])
          }),
          ...slower(left, right, timeRatio === void 0 ? void 0 : Number(timeRatio))
        ];
        const { hideIn, hide } = workspace.redactor;
        if (terminal.json) {
          emit(terminal, "compare", {
            same: found.length === 0,
            differences: found.map(
              (one) => differenceDocument({
                ...one,
                left: one.left && hideIn(one.left),
                right: one.right && hideIn(one.right)
              })
            )
          });
          return found.length === 0 ? 0 : 1;
        }
        if (found.length === 0) {
          terminal.print("no difference");
          return 0;
        }
        const { out } = terminal;
        const shown = (value) => value === void 0 ? out.dim("nothing") : printableLine(hide(shortText(value)));
        const paint = { changed: out.yellow, added: out.green, removed: out.red };
        terminal.print(
          table(
            found.slice(0, limit).map(({ at, kind, left: one, right: other }) => [
              paint[kind](kind),
              out.cyan(printableLine(at)),
              shown(one),
              shown(other)
            ]),
            terminal,
            { head: ["", "at", a, b], flexible: [2, 3] }
          )
        );
        if (found.length > limit) terminal.note(`and ${found.length - limit} more: --most ${found.length}`);
        return 1;
      })
    );
    examples(command, [
      ["compare vessels/show data/expected-vessel.json", "what comes back now with a document that is expected"],
      ['compare last vessels/show --ignoring "$.draftM"', "the last answer with the same request now"]
    ]);
  }
};
async function answerOf(given, workspace, context) {
  const { collection } = workspace;
  if (given === "last" || /^[a-z0-9]{4}\.\d+$/.test(given)) return echoSide(collection.local, given);
  if (/\.\w+$/.test(given) && existsSync(given))
    return { status: void 0, headers: [], text: readFileSync(given, "utf8") };
  const prepared = await workspace.prepare(given);
  context.terminal.progress(`sending ${given}`);
  const sent = await withInputs(
    workspace,
    prepared,
    context.terminal,
    false,
    ({ given: values }) => sendRequest(workspace, prepared, { given: values, caller: noNames, signal: context.signal })
  );
  context.terminal.progress("");
  return sentSide(sent);
}
function unorderedOf(given) {
  return Object.fromEntries(
    given.map((text) => {
      const at = text.indexOf("=");
      if (at > 0) return [text.slice(0, at), text.slice(at + 1)];
      throw new Problem("usage", {
        what: `--unordered ${text} does not say what tells the items apart`,
        remedy: "--unordered '$.items=$.code'; $ is the item itself"
      });
    })
  );
}
function slower({ time: first }, { time: second }, most) {
  if (most === void 0) return [];
  if (!(most > 0)) throw new Problem("usage", { what: "--time-ratio takes a number over 0, such as 3" });
  if (first === void 0 || second === void 0 || second <= first * most) return [];
  return [{ at: "time", kind: "changed", left: durationText(first), right: durationText(second) }];
}
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9jb21wYXJlLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogYGNvbXBhcmVgOiB3aGF0IGRpZmZlcnMgYmV0d2VlbiB0d28gYW5zd2Vycywgb2YgZWNob2VzLCBvZiByZXF1ZXN0cyB0aGF0IGFyZSBzZW50IG5vdywgb3Igb2YgZmlsZXMuICovXG5pbXBvcnQgeyBleGlzdHNTeW5jLCByZWFkRmlsZVN5bmMgfSBmcm9tICdub2RlOmZzJztcbmltcG9ydCB7IGFuc3dlckRpZmZlcmVuY2VzLCB0eXBlIENvbXBhcmVkQW5zd2VyIH0gZnJvbSAnLi4vLi4vY29yZS9jb21wYXJpc29uL2Fuc3dlcnMuanMnO1xuaW1wb3J0IHR5cGUgeyBEaWZmZXJlbmNlLCBVbm9yZGVyZWQgfSBmcm9tICcuLi8uLi9jb3JlL2NvbXBhcmlzb24vZGlmZmVyZW5jZXMuanMnO1xuaW1wb3J0IHsgbm9OYW1lcyB9IGZyb20gJy4uLy4uL2NvcmUvZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBzaG9ydFRleHQgfSBmcm9tICcuLi8uLi9jb3JlL21hdGNoZXIvcmVhZGluZy5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgZWNob1NpZGUsIHNlbnRTaWRlIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9jb21wYXJlLXNpZGUuanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3NlbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3dvcmtzcGFjZS5qcyc7XG5pbXBvcnQgeyBkdXJhdGlvblRleHQgfSBmcm9tICcuLi8uLi9jb3JlL3ZhbHVlL21lYXN1cmVzLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi9jb3JlL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgdHlwZSBDb21tYW5kTW9kdWxlLCBjb2xsZWN0LCBleGFtcGxlcyB9IGZyb20gJy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBDb250ZXh0IH0gZnJvbSAnLi4vY29udGV4dC5qcyc7XG5pbXBvcnQgeyBlbWl0IH0gZnJvbSAnLi4vZW1pdC5qcyc7XG5pbXBvcnQgeyB3aXRoSW5wdXRzIH0gZnJvbSAnLi4vZ2l2aW5nLmpzJztcbmltcG9ydCB7IHByaW50YWJsZUxpbmUgfSBmcm9tICcuLi92aWV3L3ByaW50YWJsZS5qcyc7XG5pbXBvcnQgeyB0YWJsZSB9IGZyb20gJy4uL3ZpZXcvdGFibGUuanMnO1xuaW1wb3J0IHsgZGlmZmVyZW5jZURvY3VtZW50IH0gZnJvbSAnLi4vdmlldy92ZXJkaWN0LWRvY3VtZW50LmpzJztcbmltcG9ydCB7IHdob2xlTnVtYmVyIH0gZnJvbSAnLi4vd2hvbGUtbnVtYmVyLmpzJztcblxuZXhwb3J0IGNvbnN0IHsgY29uZmlndXJlIH06IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kXG4gICAgICAuYXJndW1lbnQoJzxhPicsICdhbiBlY2hvLCBhIHJlcXVlc3QsIG9yIGEgZmlsZScpXG4gICAgICAuYXJndW1lbnQoJzxiPicsICd3aGF0IGl0IGlzIGNvbXBhcmVkIHdpdGgnKVxuICAgICAgLm9wdGlvbignLS1pZ25vcmluZyA8cGxhY2U+JywgJ2EgcGxhY2UgdGhhdCBtYXkgZGlmZmVyLCBhbmQgYWxsIGJlbG93IGl0OyBtYXkgYmUgcmVwZWF0ZWQnLCBjb2xsZWN0KVxuICAgICAgLm9wdGlvbignLS1vbmx5IDxwbGFjZT4nLCAnb25seSB0aGlzIHBsYWNlLCBhbmQgYWxsIGJlbG93IGl0OyBtYXkgYmUgcmVwZWF0ZWQnLCBjb2xsZWN0KVxuICAgICAgLm9wdGlvbihcbiAgICAgICAgJy0tdW5vcmRlcmVkIDxwbGFjZT1rZXk+JyxcbiAgICAgICAgXCJhIGxpc3Qgd2hvc2Ugb3JkZXIgc2F5cyBub3RoaW5nLCBhbmQgd2hhdCB0ZWxscyBpdHMgaXRlbXMgYXBhcnQ6ICckLml0ZW1zPSQuY29kZSc7IG1heSBiZSByZXBlYXRlZFwiLFxuICAgICAgICBjb2xsZWN0LFxuICAgICAgKVxuICAgICAgLm9wdGlvbignLS10aW1lLXJhdGlvIDxudW1iZXI+JywgJ2ZhaWwgd2hlcmUgdGhlIHNlY29uZCBhbnN3ZXIgdG9vayBvdmVyIHNvIG1hbnkgdGltZXMgYXMgbG9uZyBhcyB0aGUgZmlyc3QnKVxuICAgICAgLm9wdGlvbignLS1tb3N0IDxudW1iZXI+JywgJ3Nob3cgYXQgbW9zdCBzbyBtYW55IGRpZmZlcmVuY2VzJywgJzQwJylcbiAgICAgIC5hY3Rpb24oXG4gICAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW2EgPSAnJywgYiA9ICcnXSwgb3B0aW9ucykgPT4ge1xuICAgICAgICAgIGNvbnN0IHsgbW9zdCwgdGltZVJhdGlvIH0gPSBvcHRpb25zO1xuICAgICAgICAgIGNvbnN0IHsgdGVybWluYWwgfSA9IGNvbnRleHQ7XG4gICAgICAgICAgY29uc3QgbGltaXQgPSB3aG9sZU51bWJlcihtb3N0LCAnLS1tb3N0JywgeyBsZWFzdDogMSB9KTtcbiAgICAgICAgICBjb25zdCB3b3Jrc3BhY2UgPSBhd2FpdCBjb250ZXh0LndvcmtzcGFjZSgpO1xuICAgICAgICAgIGNvbnN0IFtsZWZ0LCByaWdodF0gPSBbYXdhaXQgYW5zd2VyT2YoYSwgd29ya3NwYWNlLCBjb250ZXh0KSwgYXdhaXQgYW5zd2VyT2YoYiwgd29ya3NwYWNlLCBjb250ZXh0KV07XG4gICAgICAgICAgY29uc3QgZm91bmQgPSBbXG4gICAgICAgICAgICAuLi5hbnN3ZXJEaWZmZXJlbmNlcyhsZWZ0LCByaWdodCwge1xuICAgICAgICAgICAgICBpZ25vcmluZzogb3B0aW9ucy5pZ25vcmluZyBhcyBzdHJpbmdbXSB8IHVuZGVmaW5lZCxcbiAgICAgICAgICAgICAgb25seTogb3B0aW9ucy5vbmx5IGFzIHN0cmluZ1tdIHwgdW5kZWZpbmVkLFxuICAgICAgICAgICAgICB1bm9yZGVyZWQ6IHVub3JkZXJlZE9mKChvcHRpb25zLnVub3JkZXJlZCBhcyBzdHJpbmdbXSB8IHVuZGVmaW5lZCkgPz8gW10pLFxuICAgICAgICAgICAgfSksXG4gICAgICAgICAgICAuLi5zbG93ZXIobGVmdCwgcmlnaHQsIHRpbWVSYXRpbyA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogTnVtYmVyKHRpbWVSYXRpbykpLFxuICAgICAgICAgIF07XG4gICAgICAgICAgY29uc3QgeyBoaWRlSW4sIGhpZGUgfSA9IHdvcmtzcGFjZS5yZWRhY3RvcjtcbiAgICAgICAgICBpZiAodGVybWluYWwuanNvbikge1xuICAgICAgICAgICAgZW1pdCh0ZXJtaW5hbCwgJ2NvbXBhcmUnLCB7XG4gICAgICAgICAgICAgIHNhbWU6IGZvdW5kLmxlbmd0aCA9PT0gMCxcbiAgICAgICAgICAgICAgZGlmZmVyZW5jZXM6IGZvdW5kLm1hcCgob25lKSA9PlxuICAgICAgICAgICAgICAgIGRpZmZlcmVuY2VEb2N1bWVudCh7XG4gICAgICAgICAgICAgICAgICAuLi5vbmUsXG4gICAgICAgICAgICAgICAgICBsZWZ0OiBvbmUubGVmdCAmJiBoaWRlSW4ob25lLmxlZnQpLFxuICAgICAgICAgICAgICAgICAgcmlnaHQ6IG9uZS5yaWdodCAmJiBoaWRlSW4ob25lLnJpZ2h0KSxcbiAgICAgICAgICAgICAgICB9KSxcbiAgICAgICAgICAgICAgKSxcbiAgICAgICAgICAgIH0pO1xuICAgICAgICAgICAgcmV0dXJuIGZvdW5kLmxlbmd0aCA9PT0gMCA/IDAgOiAxO1xuICAgICAgICAgIH1cbiAgICAgICAgICBpZiAoZm91bmQubGVuZ3RoID09PSAwKSB7XG4gICAgICAgICAgICB0ZXJtaW5hbC5wcmludCgnbm8gZGlmZmVyZW5jZScpO1xuICAgICAgICAgICAgcmV0dXJuIDA7XG4gICAgICAgICAgfVxuICAgICAgICAgIGNvbnN0IHsgb3V0IH0gPSB0ZXJtaW5hbDtcbiAgICAgICAgICBjb25zdCBzaG93biA9ICh2YWx1ZTogVmFsdWUgfCB1bmRlZmluZWQpOiBzdHJpbmcgPT5cbiAgICAgICAgICAgIHZhbHVlID09PSB1bmRlZmluZWQgPyBvdXQuZGltKCdub3RoaW5nJykgOiBwcmludGFibGVMaW5lKGhpZGUoc2hvcnRUZXh0KHZhbHVlKSkpO1xuICAgICAgICAgIGNvbnN0IHBhaW50ID0geyBjaGFuZ2VkOiBvdXQueWVsbG93LCBhZGRlZDogb3V0LmdyZWVuLCByZW1vdmVkOiBvdXQucmVkIH07XG4gICAgICAgICAgdGVybWluYWwucHJpbnQoXG4gICAgICAgICAgICB0YWJsZShcbiAgICAgICAgICAgICAgZm91bmRcbiAgICAgICAgICAgICAgICAuc2xpY2UoMCwgbGltaXQpXG4gICAgICAgICAgICAgICAgLm1hcCgoeyBhdCwga2luZCwgbGVmdDogb25lLCByaWdodDogb3RoZXIgfTogRGlmZmVyZW5jZSkgPT4gW1xuICAgICAgICAgICAgICAgICAgcGFpbnRba2luZF0oa2luZCksXG4gICAgICAgICAgICAgICAgICBvdXQuY3lhbihwcmludGFibGVMaW5lKGF0KSksXG4gICAgICAgICAgICAgICAgICBzaG93bihvbmUpLFxuICAgICAgICAgICAgICAgICAgc2hvd24ob3RoZXIpLFxuICAgICAgICAgICAgICAgIF0pLFxuICAgICAgICAgICAgICB0ZXJtaW5hbCxcbiAgICAgICAgICAgICAgeyBoZWFkOiBbJycsICdhdCcsIGEsIGJdLCBmbGV4aWJsZTogWzIsIDNdIH0sXG4gICAgICAgICAgICApLFxuICAgICAgICAgICk7XG4gICAgICAgICAgaWYgKGZvdW5kLmxlbmd0aCA+IGxpbWl0KSB0ZXJtaW5hbC5ub3RlKGBhbmQgJHtmb3VuZC5sZW5ndGggLSBsaW1pdH0gbW9yZTogLS1tb3N0ICR7Zm91bmQubGVuZ3RofWApO1xuICAgICAgICAgIHJldHVybiAxO1xuICAgICAgICB9KSxcbiAgICAgICk7XG4gICAgZXhhbXBsZXMoY29tbWFuZCwgW1xuICAgICAgWydjb21wYXJlIHZlc3NlbHMvc2hvdyBkYXRhL2V4cGVjdGVkLXZlc3NlbC5qc29uJywgJ3doYXQgY29tZXMgYmFjayBub3cgd2l0aCBhIGRvY3VtZW50IHRoYXQgaXMgZXhwZWN0ZWQnXSxcbiAgICAgIFsnY29tcGFyZSBsYXN0IHZlc3NlbHMvc2hvdyAtLWlnbm9yaW5nIFwiJC5kcmFmdE1cIicsICd0aGUgbGFzdCBhbnN3ZXIgd2l0aCB0aGUgc2FtZSByZXF1ZXN0IG5vdyddLFxuICAgIF0pO1xuICB9LFxufTtcblxuLyoqIEFuIGVjaG8gYnkgaXRzIGlkLCBhIHJlcXVlc3QgYnkgaXRzIG5hbWUsIGVsc2UgYSBmaWxlLiBAdGhyb3dzIFByb2JsZW0gbmFtZS1ub3QtZm91bmQgKi9cbmFzeW5jIGZ1bmN0aW9uIGFuc3dlck9mKGdpdmVuOiBzdHJpbmcsIHdvcmtzcGFjZTogV29ya3NwYWNlLCBjb250ZXh0OiBDb250ZXh0KTogUHJvbWlzZTxDb21wYXJlZEFuc3dlcj4ge1xuICBjb25zdCB7IGNvbGxlY3Rpb24gfSA9IHdvcmtzcGFjZTtcbiAgaWYgKGdpdmVuID09PSAnbGFzdCcgfHwgL15bYS16MC05XXs0fVxcLlxcZCskLy50ZXN0KGdpdmVuKSkgcmV0dXJuIGVjaG9TaWRlKGNvbGxlY3Rpb24ubG9jYWwsIGdpdmVuKTtcbiAgaWYgKC9cXC5cXHcrJC8udGVzdChnaXZlbikgJiYgZXhpc3RzU3luYyhnaXZlbikpXG4gICAgcmV0dXJuIHsgc3RhdHVzOiB1bmRlZmluZWQsIGhlYWRlcnM6IFtdLCB0ZXh0OiByZWFkRmlsZVN5bmMoZ2l2ZW4sICd1dGY4JykgfTtcbiAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCB3b3Jrc3BhY2UucHJlcGFyZShnaXZlbik7XG4gIGNvbnRleHQudGVybWluYWwucHJvZ3Jlc3MoYHNlbmRpbmcgJHtnaXZlbn1gKTtcbiAgY29uc3Qgc2VudCA9IGF3YWl0IHdpdGhJbnB1dHMod29ya3NwYWNlLCBwcmVwYXJlZCwgY29udGV4dC50ZXJtaW5hbCwgZmFsc2UsICh7IGdpdmVuOiB2YWx1ZXMgfSkgPT5cbiAgICBzZW5kUmVxdWVzdCh3b3Jrc3BhY2UsIHByZXBhcmVkLCB7IGdpdmVuOiB2YWx1ZXMsIGNhbGxlcjogbm9OYW1lcywgc2lnbmFsOiBjb250ZXh0LnNpZ25hbCB9KSxcbiAgKTtcbiAgY29udGV4dC50ZXJtaW5hbC5wcm9ncmVzcygnJyk7XG4gIHJldHVybiBzZW50U2lkZShzZW50KTtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSB1c2FnZSAqL1xuZnVuY3Rpb24gdW5vcmRlcmVkT2YoZ2l2ZW46IHJlYWRvbmx5IHN0cmluZ1tdKTogVW5vcmRlcmVkIHtcbiAgcmV0dXJuIE9iamVjdC5mcm9tRW50cmllcyhcbiAgICBnaXZlbi5tYXAoKHRleHQpID0+IHtcbiAgICAgIGNvbnN0IGF0ID0gdGV4dC5pbmRleE9mKCc9Jyk7XG4gICAgICBpZiAoYXQgPiAwKSByZXR1cm4gW3RleHQuc2xpY2UoMCwgYXQpLCB0ZXh0LnNsaWNlKGF0ICsgMSldO1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgICB3aGF0OiBgLS11bm9yZGVyZWQgJHt0ZXh0fSBkb2VzIG5vdCBzYXkgd2hhdCB0ZWxscyB0aGUgaXRlbXMgYXBhcnRgLFxuICAgICAgICByZW1lZHk6IFwiLS11bm9yZGVyZWQgJyQuaXRlbXM9JC5jb2RlJzsgJCBpcyB0aGUgaXRlbSBpdHNlbGZcIixcbiAgICAgIH0pO1xuICAgIH0pLFxuICApO1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIHVzYWdlOiB0aGUgcmF0aW8gaXMgbm8gbnVtYmVyICovXG5mdW5jdGlvbiBzbG93ZXIoXG4gIHsgdGltZTogZmlyc3QgfTogQ29tcGFyZWRBbnN3ZXIsXG4gIHsgdGltZTogc2Vjb25kIH06IENvbXBhcmVkQW5zd2VyLFxuICBtb3N0OiBudW1iZXIgfCB1bmRlZmluZWQsXG4pOiBEaWZmZXJlbmNlW10ge1xuICBpZiAobW9zdCA9PT0gdW5kZWZpbmVkKSByZXR1cm4gW107XG4gIGlmICghKG1vc3QgPiAwKSkgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiAnLS10aW1lLXJhdGlvIHRha2VzIGEgbnVtYmVyIG92ZXIgMCwgc3VjaCBhcyAzJyB9KTtcbiAgaWYgKGZpcnN0ID09PSB1bmRlZmluZWQgfHwgc2Vjb25kID09PSB1bmRlZmluZWQgfHwgc2Vjb25kIDw9IGZpcnN0ICogbW9zdCkgcmV0dXJuIFtdO1xuICByZXR1cm4gW3sgYXQ6ICd0aW1lJywga2luZDogJ2NoYW5nZWQnLCBsZWZ0OiBkdXJhdGlvblRleHQoZmlyc3QpLCByaWdodDogZHVyYXRpb25UZXh0KHNlY29uZCkgfV07XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsU0FBUyxZQUFZLG9CQUFvQjtBQW9CbEMsSUFBTSxFQUFFLFVBQVUsSUFBbUI7QUFBQSxFQUMxQyxVQUFVLFNBQVMsS0FBSztBQUN0QixZQUNHLFNBQVMsT0FBTywrQkFBK0IsRUFDL0MsU0FBUyxPQUFPLDBCQUEwQixFQUMxQyxPQUFPLHNCQUFzQiw4REFBOEQsT0FBTyxFQUNsRyxPQUFPLGtCQUFrQixzREFBc0QsT0FBTyxFQUN0RjtBQUFBLE1BQ0M7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLElBQ0YsRUFDQyxPQUFPLHlCQUF5QiwyRUFBMkUsRUFDM0csT0FBTyxtQkFBbUIsb0NBQW9DLElBQUksRUFDbEU7QUFBQSxNQUNDLElBQUksT0FBTyxTQUFTLENBQUMsSUFBSSxJQUFJLElBQUksRUFBRSxHQUFHLFlBQVk7QUFDaEQsY0FBTSxFQUFFLE1BQU0sVUFBVSxJQUFJO0FBQzVCLGNBQU0sRUFBRSxTQUFTLElBQUk7QUFDckIsY0FBTSxRQUFRLFlBQVksTUFBTSxVQUFVLEVBQUUsT0FBTyxFQUFFLENBQUM7QUFDdEQsY0FBTSxZQUFZLE1BQU0sUUFBUSxVQUFVO0FBQzFDLGNBQU0sQ0FBQyxNQUFNLEtBQUssSUFBSSxDQUFDLE1BQU0sU0FBUyxHQUFHLFdBQVcsT0FBTyxHQUFHLE1BQU0sU0FBUyxHQUFHLFdBQVcsT0FBTyxDQUFDO0FBQ25HLGNBQU0sUUFBUTtBQUFBLFVBQ1osR0FBRyxrQkFBa0IsTUFBTSxPQUFPO0FBQUEsWUFDaEMsVUFBVSxRQUFRO0FBQUEsWUFDbEIsTUFBTSxRQUFRO0FBQUEsWUFDZCxXQUFXLFlBQWEsUUFBUSxhQUFzQyxDQUFDLENBQUM7QUFBQSxVQUMxRSxDQUFDO0FBQUEsVUFDRCxHQUFHLE9BQU8sTUFBTSxPQUFPLGNBQWMsU0FBWSxTQUFZLE9BQU8sU0FBUyxDQUFDO0FBQUEsUUFDaEY7QUFDQSxjQUFNLEVBQUUsUUFBUSxLQUFLLElBQUksVUFBVTtBQUNuQyxZQUFJLFNBQVMsTUFBTTtBQUNqQixlQUFLLFVBQVUsV0FBVztBQUFBLFlBQ3hCLE1BQU0sTUFBTSxXQUFXO0FBQUEsWUFDdkIsYUFBYSxNQUFNO0FBQUEsY0FBSSxDQUFDLFFBQ3RCLG1CQUFtQjtBQUFBLGdCQUNqQixHQUFHO0FBQUEsZ0JBQ0gsTUFBTSxJQUFJLFFBQVEsT0FBTyxJQUFJLElBQUk7QUFBQSxnQkFDakMsT0FBTyxJQUFJLFNBQVMsT0FBTyxJQUFJLEtBQUs7QUFBQSxjQUN0QyxDQUFDO0FBQUEsWUFDSDtBQUFBLFVBQ0YsQ0FBQztBQUNELGlCQUFPLE1BQU0sV0FBVyxJQUFJLElBQUk7QUFBQSxRQUNsQztBQUNBLFlBQUksTUFBTSxXQUFXLEdBQUc7QUFDdEIsbUJBQVMsTUFBTSxlQUFlO0FBQzlCLGlCQUFPO0FBQUEsUUFDVDtBQUNBLGNBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsY0FBTSxRQUFRLENBQUMsVUFDYixVQUFVLFNBQVksSUFBSSxJQUFJLFNBQVMsSUFBSSxjQUFjLEtBQUssVUFBVSxLQUFLLENBQUMsQ0FBQztBQUNqRixjQUFNLFFBQVEsRUFBRSxTQUFTLElBQUksUUFBUSxPQUFPLElBQUksT0FBTyxTQUFTLElBQUksSUFBSTtBQUN4RSxpQkFBUztBQUFBLFVBQ1A7QUFBQSxZQUNFLE1BQ0csTUFBTSxHQUFHLEtBQUssRUFDZCxJQUFJLENBQUMsRUFBRSxJQUFJLE1BQU0sTUFBTSxLQUFLLE9BQU8sTUFBTSxNQUFrQjtBQUFBLGNBQzFELE1BQU0sSUFBSSxFQUFFLElBQUk7QUFBQSxjQUNoQixJQUFJLEtBQUssY0FBYyxFQUFFLENBQUM7QUFBQSxjQUMxQixNQUFNLEdBQUc7QUFBQSxjQUNULE1BQU0sS0FBSztBQUFBLFlBQ2IsQ0FBQztBQUFBLFlBQ0g7QUFBQSxZQUNBLEVBQUUsTUFBTSxDQUFDLElBQUksTUFBTSxHQUFHLENBQUMsR0FBRyxVQUFVLENBQUMsR0FBRyxDQUFDLEVBQUU7QUFBQSxVQUM3QztBQUFBLFFBQ0Y7QUFDQSxZQUFJLE1BQU0sU0FBUyxNQUFPLFVBQVMsS0FBSyxPQUFPLE1BQU0sU0FBUyxLQUFLLGlCQUFpQixNQUFNLE1BQU0sRUFBRTtBQUNsRyxlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUNGLGFBQVMsU0FBUztBQUFBLE1BQ2hCLENBQUMsa0RBQWtELHNEQUFzRDtBQUFBLE1BQ3pHLENBQUMsbURBQW1ELDJDQUEyQztBQUFBLElBQ2pHLENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFHQSxlQUFlLFNBQVMsT0FBZSxXQUFzQixTQUEyQztBQUN0RyxRQUFNLEVBQUUsV0FBVyxJQUFJO0FBQ3ZCLE1BQUksVUFBVSxVQUFVLHFCQUFxQixLQUFLLEtBQUssRUFBRyxRQUFPLFNBQVMsV0FBVyxPQUFPLEtBQUs7QUFDakcsTUFBSSxTQUFTLEtBQUssS0FBSyxLQUFLLFdBQVcsS0FBSztBQUMxQyxXQUFPLEVBQUUsUUFBUSxRQUFXLFNBQVMsQ0FBQyxHQUFHLE1BQU0sYUFBYSxPQUFPLE1BQU0sRUFBRTtBQUM3RSxRQUFNLFdBQVcsTUFBTSxVQUFVLFFBQVEsS0FBSztBQUM5QyxVQUFRLFNBQVMsU0FBUyxXQUFXLEtBQUssRUFBRTtBQUM1QyxRQUFNLE9BQU8sTUFBTTtBQUFBLElBQVc7QUFBQSxJQUFXO0FBQUEsSUFBVSxRQUFRO0FBQUEsSUFBVTtBQUFBLElBQU8sQ0FBQyxFQUFFLE9BQU8sT0FBTyxNQUMzRixZQUFZLFdBQVcsVUFBVSxFQUFFLE9BQU8sUUFBUSxRQUFRLFNBQVMsUUFBUSxRQUFRLE9BQU8sQ0FBQztBQUFBLEVBQzdGO0FBQ0EsVUFBUSxTQUFTLFNBQVMsRUFBRTtBQUM1QixTQUFPLFNBQVMsSUFBSTtBQUN0QjtBQUdBLFNBQVMsWUFBWSxPQUFxQztBQUN4RCxTQUFPLE9BQU87QUFBQSxJQUNaLE1BQU0sSUFBSSxDQUFDLFNBQVM7QUFDbEIsWUFBTSxLQUFLLEtBQUssUUFBUSxHQUFHO0FBQzNCLFVBQUksS0FBSyxFQUFHLFFBQU8sQ0FBQyxLQUFLLE1BQU0sR0FBRyxFQUFFLEdBQUcsS0FBSyxNQUFNLEtBQUssQ0FBQyxDQUFDO0FBQ3pELFlBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxRQUN6QixNQUFNLGVBQWUsSUFBSTtBQUFBLFFBQ3pCLFFBQVE7QUFBQSxNQUNWLENBQUM7QUFBQSxJQUNILENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFHQSxTQUFTLE9BQ1AsRUFBRSxNQUFNLE1BQU0sR0FDZCxFQUFFLE1BQU0sT0FBTyxHQUNmLE1BQ2M7QUFDZCxNQUFJLFNBQVMsT0FBVyxRQUFPLENBQUM7QUFDaEMsTUFBSSxFQUFFLE9BQU8sR0FBSSxPQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSxnREFBZ0QsQ0FBQztBQUNyRyxNQUFJLFVBQVUsVUFBYSxXQUFXLFVBQWEsVUFBVSxRQUFRLEtBQU0sUUFBTyxDQUFDO0FBQ25GLFNBQU8sQ0FBQyxFQUFFLElBQUksUUFBUSxNQUFNLFdBQVcsTUFBTSxhQUFhLEtBQUssR0FBRyxPQUFPLGFBQWEsTUFBTSxFQUFFLENBQUM7QUFDakc7IiwKICAibmFtZXMiOiBbXQp9Cg==
