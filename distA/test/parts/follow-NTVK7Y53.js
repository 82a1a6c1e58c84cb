import {
  adHocRequest,
  answerOptions,
  linksOf,
  sendAndShow
} from "./chunk-4BXF5NNY.js";
import "./chunk-2MTLLGSM.js";
import "./chunk-KTI4R62G.js";
import "./chunk-IYVFZVMQ.js";
import "./chunk-TSTZ2E5O.js";
import {
  editorSchemas
} from "./chunk-VSRGCJMR.js";
import "./chunk-E5WEDB6Y.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import "./chunk-EHQEYXN5.js";
import "./chunk-PBFMTA3I.js";
import "./chunk-RCNXIKQJ.js";
import "./chunk-2IYWYRKP.js";
import {
  plainRequest,
  planRequest
} from "./chunk-PTKJWRDQ.js";
import "./chunk-33U4T2M5.js";
import {
  findEcho
} from "./chunk-5LQRYHH4.js";
import "./chunk-GHHZ6UXC.js";
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
import "./chunk-WAHZOCQ7.js";
import "./chunk-V2NIP2IX.js";
import "./chunk-U6MR4M5T.js";
import "./chunk-TNGRBWFR.js";
import "./chunk-36BGEIU2.js";
import "./chunk-IBVRGXBJ.js";
import "./chunk-B5MWC56M.js";
import "./chunk-IIWAP3H3.js";
import "./chunk-VV4FZXZN.js";
import "./chunk-ADLZ4E65.js";
import "./chunk-2NSBAQ4L.js";
import "./chunk-BC36KCSM.js";
import {
  hidden
} from "./chunk-KTFSZ6KS.js";
import "./chunk-3RBKBAZJ.js";
import "./chunk-XSSAWHTI.js";
import {
  printableLine
} from "./chunk-NAZM5QF7.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import "./chunk-5DCQHAPP.js";
import "./chunk-MAL2YCX2.js";
import "./chunk-ZDSFE6MK.js";
import "./chunk-77DFO3CW.js";
import "./chunk-J7IJ6DS5.js";
import "./chunk-4DNYAMDJ.js";
import "./chunk-UHUDVQF4.js";
import "./chunk-IQWA53IU.js";
import "./chunk-6FF7OQVK.js";
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
import {
  parseJson
} from "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";
import "./chunk-QHCJ4YYR.js";

// src/cli/commands/follow.ts
var { configure } = {
  configure(command, run) {
    command.argument("[number]", "the link to send; without it they are listed").option("--of <echo>", "the links of another echo than the last", "last");
    answerOptions(command).action(
      run(async (context, [number], options) => {
        const { terminal } = context;
        const collection = await context.collection();
        const echo = await findEcho(collection.local, options.of);
        const links = linksIn(echo);
        if (number === void 0) {
          if (terminal.json) {
            return emit(terminal, "follow", {
              echo: echo.id,
              links: links.map(({ url: url2, at, about }, index) => ({ number: index + 1, url: url2, at, about: about ?? null }))
            });
          }
          if (links.length === 0) terminal.note(`the answer of ${echo.id} has no links`);
          else {
            terminal.print(
              table(
                links.map(({ url: url2, at, about }, index) => [
                  terminal.out.bold(String(index + 1)),
                  printableLine(url2),
                  terminal.out.dim(printableLine(at)),
                  printableLine(about ?? "")
                ]),
                terminal,
                { flexible: [1, 3] }
              )
            );
            terminal.note("next: echo-trail follow NUMBER");
          }
          return 0;
        }
        const { url } = chosen(links, number, echo);
        const workspace = await context.workspace({
          collection,
          environment: context.options.env ?? echo.environment,
          allowChanges: options.allowChanges === true
        });
        const { loaded } = adHocRequest(
          { method: "GET", url, headers: [], query: [], body: {}, session: void 0 },
          `../${editorSchemas}/request.json`
        );
        const loads = [];
        const plan = planRequest(collection, loaded, loads);
        await Promise.all(loads);
        const sessions = workspace.hosts.allows(new URL(url)) ? echo.sessions ?? [] : [];
        const prepared = plainRequest({ ...plan, sessions });
        return sendAndShow(context, workspace, prepared, options);
      })
    );
    examples(command, [
      ["follow", "the links of the last answer"],
      ["follow 1", "send the first, with the same session and environment"]
    ]);
  }
};
function linksIn(echo) {
  const { received, sent } = echo;
  if (!received) return [];
  const text = received.body?.encoding === "utf-8" ? received.body.text : "";
  let json;
  try {
    json = /^\s*[{[]/.test(text) ? parseJson(text) : void 0;
  } catch {
    json = void 0;
  }
  return linksOf({ headers: received.headers, finalUrl: received.finalUrl ?? sent.url, text }, json);
}
function chosen(links, number, { id, received }) {
  const link = /^[1-9]\d*$/.test(number) ? links[Number(number) - 1] : void 0;
  if (!link) {
    throw new Problem("usage", {
      what: links.length === 0 ? `the answer of ${id} has no links` : `there is no link ${number}: ${id} has ${links.length}`,
      remedy: received?.body?.cut ? "only the beginning of the answer is recorded" : "echo-trail follow lists them"
    });
  }
  if (link.url.includes(encodeURIComponent(hidden))) {
    throw new Problem("usage", {
      what: `the link ${number} holds a secret, which no echo records`,
      remedy: "write a request that keeps it from the answer: keep: {next: link.next}"
    });
  }
  return link;
}
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9mb2xsb3cudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBgZm9sbG93YDogdGhlIGxpbmtzIG9mIHRoZSBsYXN0IGFuc3dlciwgbnVtYmVyZWQ7IGFuZCBvbmUgb2YgdGhlbSBzZW50LiAqL1xuaW1wb3J0IHR5cGUgeyBFY2hvIH0gZnJvbSAnLi4vLi4vY29yZS9lY2hvL2VjaG8uanMnO1xuaW1wb3J0IHsgZmluZEVjaG8gfSBmcm9tICcuLi8uLi9jb3JlL2VjaG8vcmVhZC5qcyc7XG5pbXBvcnQgeyB0eXBlIEZvdW5kTGluaywgbGlua3NPZiB9IGZyb20gJy4uLy4uL2NvcmUvZXhjaGFuZ2UvbGlua3MuanMnO1xuaW1wb3J0IHsgcGxhblJlcXVlc3QgfSBmcm9tICcuLi8uLi9jb3JlL2V4Y2hhbmdlL3JlcXVlc3QtcGxhbi5qcyc7XG5pbXBvcnQgeyBoaWRkZW4gfSBmcm9tICcuLi8uLi9jb3JlL2V4Y2hhbmdlL3dpcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBMb2FkcyB9IGZyb20gJy4uLy4uL2NvcmUvZXhwcmVzc2lvbi9jb21waWxlLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwbGFpblJlcXVlc3QgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3ByZXBhcmUuanMnO1xuaW1wb3J0IHsgcGFyc2VKc29uIH0gZnJvbSAnLi4vLi4vY29yZS92YWx1ZS9qc29uLXRleHQuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBhZEhvY1JlcXVlc3QgfSBmcm9tICcuLi9hZC1ob2MuanMnO1xuaW1wb3J0IHsgdHlwZSBDb21tYW5kTW9kdWxlLCBleGFtcGxlcyB9IGZyb20gJy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHsgZWRpdG9yU2NoZW1hcyB9IGZyb20gJy4uL2VkaXRvci1zY2hlbWFzLmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi9lbWl0LmpzJztcbmltcG9ydCB7IGFuc3dlck9wdGlvbnMgfSBmcm9tICcuLi9zZW5kaW5nL29wdGlvbnMuanMnO1xuaW1wb3J0IHsgc2VuZEFuZFNob3cgfSBmcm9tICcuLi9zZW5kaW5nL3NlbmQtYW5kLXNob3cuanMnO1xuaW1wb3J0IHsgcHJpbnRhYmxlTGluZSB9IGZyb20gJy4uL3ZpZXcvcHJpbnRhYmxlLmpzJztcbmltcG9ydCB7IHRhYmxlIH0gZnJvbSAnLi4vdmlldy90YWJsZS5qcyc7XG5cbmV4cG9ydCBjb25zdCB7IGNvbmZpZ3VyZSB9OiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZFxuICAgICAgLmFyZ3VtZW50KCdbbnVtYmVyXScsICd0aGUgbGluayB0byBzZW5kOyB3aXRob3V0IGl0IHRoZXkgYXJlIGxpc3RlZCcpXG4gICAgICAub3B0aW9uKCctLW9mIDxlY2hvPicsICd0aGUgbGlua3Mgb2YgYW5vdGhlciBlY2hvIHRoYW4gdGhlIGxhc3QnLCAnbGFzdCcpO1xuICAgIGFuc3dlck9wdGlvbnMoY29tbWFuZCkuYWN0aW9uKFxuICAgICAgcnVuKGFzeW5jIChjb250ZXh0LCBbbnVtYmVyXSwgb3B0aW9ucykgPT4ge1xuICAgICAgICBjb25zdCB7IHRlcm1pbmFsIH0gPSBjb250ZXh0O1xuICAgICAgICBjb25zdCBjb2xsZWN0aW9uID0gYXdhaXQgY29udGV4dC5jb2xsZWN0aW9uKCk7XG4gICAgICAgIGNvbnN0IGVjaG8gPSBhd2FpdCBmaW5kRWNobyhjb2xsZWN0aW9uLmxvY2FsLCBvcHRpb25zLm9mIGFzIHN0cmluZyk7XG4gICAgICAgIGNvbnN0IGxpbmtzID0gbGlua3NJbihlY2hvKTtcbiAgICAgICAgaWYgKG51bWJlciA9PT0gdW5kZWZpbmVkKSB7XG4gICAgICAgICAgaWYgKHRlcm1pbmFsLmpzb24pIHtcbiAgICAgICAgICAgIHJldHVybiBlbWl0KHRlcm1pbmFsLCAnZm9sbG93Jywge1xuICAgICAgICAgICAgICBlY2hvOiBlY2hvLmlkLFxuICAgICAgICAgICAgICBsaW5rczogbGlua3MubWFwKCh7IHVybCwgYXQsIGFib3V0IH0sIGluZGV4KSA9PiAoeyBudW1iZXI6IGluZGV4ICsgMSwgdXJsLCBhdCwgYWJvdXQ6IGFib3V0ID8/IG51bGwgfSkpLFxuICAgICAgICAgICAgfSk7XG4gICAgICAgICAgfVxuICAgICAgICAgIGlmIChsaW5rcy5sZW5ndGggPT09IDApIHRlcm1pbmFsLm5vdGUoYHRoZSBhbnN3ZXIgb2YgJHtlY2hvLmlkfSBoYXMgbm8gbGlua3NgKTtcbiAgICAgICAgICBlbHNlIHtcbiAgICAgICAgICAgIHRlcm1pbmFsLnByaW50KFxuICAgICAgICAgICAgICB0YWJsZShcbiAgICAgICAgICAgICAgICBsaW5rcy5tYXAoKHsgdXJsLCBhdCwgYWJvdXQgfSwgaW5kZXgpID0+IFtcbiAgICAgICAgICAgICAgICAgIHRlcm1pbmFsLm91dC5ib2xkKFN0cmluZyhpbmRleCArIDEpKSxcbiAgICAgICAgICAgICAgICAgIHByaW50YWJsZUxpbmUodXJsKSxcbiAgICAgICAgICAgICAgICAgIHRlcm1pbmFsLm91dC5kaW0ocHJpbnRhYmxlTGluZShhdCkpLFxuICAgICAgICAgICAgICAgICAgcHJpbnRhYmxlTGluZShhYm91dCA/PyAnJyksXG4gICAgICAgICAgICAgICAgXSksXG4gICAgICAgICAgICAgICAgdGVybWluYWwsXG4gICAgICAgICAgICAgICAgeyBmbGV4aWJsZTogWzEsIDNdIH0sXG4gICAgICAgICAgICAgICksXG4gICAgICAgICAgICApO1xuICAgICAgICAgICAgdGVybWluYWwubm90ZSgnbmV4dDogZWNoby10cmFpbCBmb2xsb3cgTlVNQkVSJyk7XG4gICAgICAgICAgfVxuICAgICAgICAgIHJldHVybiAwO1xuICAgICAgICB9XG4gICAgICAgIGNvbnN0IHsgdXJsIH0gPSBjaG9zZW4obGlua3MsIG51bWJlciwgZWNobyk7XG4gICAgICAgIGNvbnN0IHdvcmtzcGFjZSA9IGF3YWl0IGNvbnRleHQud29ya3NwYWNlKHtcbiAgICAgICAgICBjb2xsZWN0aW9uLFxuICAgICAgICAgIGVudmlyb25tZW50OiBjb250ZXh0Lm9wdGlvbnMuZW52ID8/IGVjaG8uZW52aXJvbm1lbnQsXG4gICAgICAgICAgYWxsb3dDaGFuZ2VzOiBvcHRpb25zLmFsbG93Q2hhbmdlcyA9PT0gdHJ1ZSxcbiAgICAgICAgfSk7XG4gICAgICAgIGNvbnN0IHsgbG9hZGVkIH0gPSBhZEhvY1JlcXVlc3QoXG4gICAgICAgICAgeyBtZXRob2Q6ICdHRVQnLCB1cmwsIGhlYWRlcnM6IFtdLCBxdWVyeTogW10sIGJvZHk6IHt9LCBzZXNzaW9uOiB1bmRlZmluZWQgfSxcbiAgICAgICAgICBgLi4vJHtlZGl0b3JTY2hlbWFzfS9yZXF1ZXN0Lmpzb25gLFxuICAgICAgICApO1xuICAgICAgICBjb25zdCBsb2FkczogTG9hZHMgPSBbXTtcbiAgICAgICAgY29uc3QgcGxhbiA9IHBsYW5SZXF1ZXN0KGNvbGxlY3Rpb24sIGxvYWRlZCwgbG9hZHMpO1xuICAgICAgICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gICAgICAgIC8vIEFzIHRoZSBleGNoYW5nZSBiZWZvcmUsIHVubGVzcyB0aGUgaG9zdCBpcyBhbm90aGVyLlxuICAgICAgICBjb25zdCBzZXNzaW9ucyA9IHdvcmtzcGFjZS5ob3N0cy5hbGxvd3MobmV3IFVSTCh1cmwpKSA/IChlY2hvLnNlc3Npb25zID8/IFtdKSA6IFtdO1xuICAgICAgICBjb25zdCBwcmVwYXJlZCA9IHBsYWluUmVxdWVzdCh7IC4uLnBsYW4sIHNlc3Npb25zIH0pO1xuICAgICAgICByZXR1cm4gc2VuZEFuZFNob3coY29udGV4dCwgd29ya3NwYWNlLCBwcmVwYXJlZCwgb3B0aW9ucyk7XG4gICAgICB9KSxcbiAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFsnZm9sbG93JywgJ3RoZSBsaW5rcyBvZiB0aGUgbGFzdCBhbnN3ZXInXSxcbiAgICAgIFsnZm9sbG93IDEnLCAnc2VuZCB0aGUgZmlyc3QsIHdpdGggdGhlIHNhbWUgc2Vzc2lvbiBhbmQgZW52aXJvbm1lbnQnXSxcbiAgICBdKTtcbiAgfSxcbn07XG5cbmZ1bmN0aW9uIGxpbmtzSW4oZWNobzogRWNobyk6IHJlYWRvbmx5IEZvdW5kTGlua1tdIHtcbiAgY29uc3QgeyByZWNlaXZlZCwgc2VudCB9ID0gZWNobztcbiAgaWYgKCFyZWNlaXZlZCkgcmV0dXJuIFtdO1xuICBjb25zdCB0ZXh0ID0gcmVjZWl2ZWQuYm9keT8uZW5jb2RpbmcgPT09ICd1dGYtOCcgPyByZWNlaXZlZC5ib2R5LnRleHQgOiAnJztcbiAgbGV0IGpzb246IFZhbHVlIHwgdW5kZWZpbmVkO1xuICB0cnkge1xuICAgIGpzb24gPSAvXlxccypbe1tdLy50ZXN0KHRleHQpID8gcGFyc2VKc29uKHRleHQpIDogdW5kZWZpbmVkO1xuICB9IGNhdGNoIHtcbiAgICBqc29uID0gdW5kZWZpbmVkO1xuICB9XG4gIHJldHVybiBsaW5rc09mKHsgaGVhZGVyczogcmVjZWl2ZWQuaGVhZGVycywgZmluYWxVcmw6IHJlY2VpdmVkLmZpbmFsVXJsID8/IHNlbnQudXJsLCB0ZXh0IH0sIGpzb24pO1xufVxuXG5mdW5jdGlvbiBjaG9zZW4obGlua3M6IHJlYWRvbmx5IEZvdW5kTGlua1tdLCBudW1iZXI6IHN0cmluZywgeyBpZCwgcmVjZWl2ZWQgfTogRWNobyk6IEZvdW5kTGluayB7XG4gIGNvbnN0IGxpbmsgPSAvXlsxLTldXFxkKiQvLnRlc3QobnVtYmVyKSA/IGxpbmtzW051bWJlcihudW1iZXIpIC0gMV0gOiB1bmRlZmluZWQ7XG4gIGlmICghbGluaykge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgIHdoYXQ6XG4gICAgICAgIGxpbmtzLmxlbmd0aCA9PT0gMFxuICAgICAgICAgID8gYHRoZSBhbnN3ZXIgb2YgJHtpZH0gaGFzIG5vIGxpbmtzYFxuICAgICAgICAgIDogYHRoZXJlIGlzIG5vIGxpbmsgJHtudW1iZXJ9OiAke2lkfSBoYXMgJHtsaW5rcy5sZW5ndGh9YCxcbiAgICAgIHJlbWVkeTogcmVjZWl2ZWQ/LmJvZHk/LmN1dCA/ICdvbmx5IHRoZSBiZWdpbm5pbmcgb2YgdGhlIGFuc3dlciBpcyByZWNvcmRlZCcgOiAnZWNoby10cmFpbCBmb2xsb3cgbGlzdHMgdGhlbScsXG4gICAgfSk7XG4gIH1cbiAgaWYgKGxpbmsudXJsLmluY2x1ZGVzKGVuY29kZVVSSUNvbXBvbmVudChoaWRkZW4pKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgIHdoYXQ6IGB0aGUgbGluayAke251bWJlcn0gaG9sZHMgYSBzZWNyZXQsIHdoaWNoIG5vIGVjaG8gcmVjb3Jkc2AsXG4gICAgICByZW1lZHk6ICd3cml0ZSBhIHJlcXVlc3QgdGhhdCBrZWVwcyBpdCBmcm9tIHRoZSBhbnN3ZXI6IGtlZXA6IHtuZXh0OiBsaW5rLm5leHR9JyxcbiAgICB9KTtcbiAgfVxuICByZXR1cm4gbGluaztcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFvQk8sSUFBTSxFQUFFLFVBQVUsSUFBbUI7QUFBQSxFQUMxQyxVQUFVLFNBQVMsS0FBSztBQUN0QixZQUNHLFNBQVMsWUFBWSw4Q0FBOEMsRUFDbkUsT0FBTyxlQUFlLDJDQUEyQyxNQUFNO0FBQzFFLGtCQUFjLE9BQU8sRUFBRTtBQUFBLE1BQ3JCLElBQUksT0FBTyxTQUFTLENBQUMsTUFBTSxHQUFHLFlBQVk7QUFDeEMsY0FBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixjQUFNLGFBQWEsTUFBTSxRQUFRLFdBQVc7QUFDNUMsY0FBTSxPQUFPLE1BQU0sU0FBUyxXQUFXLE9BQU8sUUFBUSxFQUFZO0FBQ2xFLGNBQU0sUUFBUSxRQUFRLElBQUk7QUFDMUIsWUFBSSxXQUFXLFFBQVc7QUFDeEIsY0FBSSxTQUFTLE1BQU07QUFDakIsbUJBQU8sS0FBSyxVQUFVLFVBQVU7QUFBQSxjQUM5QixNQUFNLEtBQUs7QUFBQSxjQUNYLE9BQU8sTUFBTSxJQUFJLENBQUMsRUFBRSxLQUFBQSxNQUFLLElBQUksTUFBTSxHQUFHLFdBQVcsRUFBRSxRQUFRLFFBQVEsR0FBRyxLQUFBQSxNQUFLLElBQUksT0FBTyxTQUFTLEtBQUssRUFBRTtBQUFBLFlBQ3hHLENBQUM7QUFBQSxVQUNIO0FBQ0EsY0FBSSxNQUFNLFdBQVcsRUFBRyxVQUFTLEtBQUssaUJBQWlCLEtBQUssRUFBRSxlQUFlO0FBQUEsZUFDeEU7QUFDSCxxQkFBUztBQUFBLGNBQ1A7QUFBQSxnQkFDRSxNQUFNLElBQUksQ0FBQyxFQUFFLEtBQUFBLE1BQUssSUFBSSxNQUFNLEdBQUcsVUFBVTtBQUFBLGtCQUN2QyxTQUFTLElBQUksS0FBSyxPQUFPLFFBQVEsQ0FBQyxDQUFDO0FBQUEsa0JBQ25DLGNBQWNBLElBQUc7QUFBQSxrQkFDakIsU0FBUyxJQUFJLElBQUksY0FBYyxFQUFFLENBQUM7QUFBQSxrQkFDbEMsY0FBYyxTQUFTLEVBQUU7QUFBQSxnQkFDM0IsQ0FBQztBQUFBLGdCQUNEO0FBQUEsZ0JBQ0EsRUFBRSxVQUFVLENBQUMsR0FBRyxDQUFDLEVBQUU7QUFBQSxjQUNyQjtBQUFBLFlBQ0Y7QUFDQSxxQkFBUyxLQUFLLGdDQUFnQztBQUFBLFVBQ2hEO0FBQ0EsaUJBQU87QUFBQSxRQUNUO0FBQ0EsY0FBTSxFQUFFLElBQUksSUFBSSxPQUFPLE9BQU8sUUFBUSxJQUFJO0FBQzFDLGNBQU0sWUFBWSxNQUFNLFFBQVEsVUFBVTtBQUFBLFVBQ3hDO0FBQUEsVUFDQSxhQUFhLFFBQVEsUUFBUSxPQUFPLEtBQUs7QUFBQSxVQUN6QyxjQUFjLFFBQVEsaUJBQWlCO0FBQUEsUUFDekMsQ0FBQztBQUNELGNBQU0sRUFBRSxPQUFPLElBQUk7QUFBQSxVQUNqQixFQUFFLFFBQVEsT0FBTyxLQUFLLFNBQVMsQ0FBQyxHQUFHLE9BQU8sQ0FBQyxHQUFHLE1BQU0sQ0FBQyxHQUFHLFNBQVMsT0FBVTtBQUFBLFVBQzNFLE1BQU0sYUFBYTtBQUFBLFFBQ3JCO0FBQ0EsY0FBTSxRQUFlLENBQUM7QUFDdEIsY0FBTSxPQUFPLFlBQVksWUFBWSxRQUFRLEtBQUs7QUFDbEQsY0FBTSxRQUFRLElBQUksS0FBSztBQUV2QixjQUFNLFdBQVcsVUFBVSxNQUFNLE9BQU8sSUFBSSxJQUFJLEdBQUcsQ0FBQyxJQUFLLEtBQUssWUFBWSxDQUFDLElBQUssQ0FBQztBQUNqRixjQUFNLFdBQVcsYUFBYSxFQUFFLEdBQUcsTUFBTSxTQUFTLENBQUM7QUFDbkQsZUFBTyxZQUFZLFNBQVMsV0FBVyxVQUFVLE9BQU87QUFBQSxNQUMxRCxDQUFDO0FBQUEsSUFDSDtBQUNBLGFBQVMsU0FBUztBQUFBLE1BQ2hCLENBQUMsVUFBVSw4QkFBOEI7QUFBQSxNQUN6QyxDQUFDLFlBQVksdURBQXVEO0FBQUEsSUFDdEUsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUVBLFNBQVMsUUFBUSxNQUFrQztBQUNqRCxRQUFNLEVBQUUsVUFBVSxLQUFLLElBQUk7QUFDM0IsTUFBSSxDQUFDLFNBQVUsUUFBTyxDQUFDO0FBQ3ZCLFFBQU0sT0FBTyxTQUFTLE1BQU0sYUFBYSxVQUFVLFNBQVMsS0FBSyxPQUFPO0FBQ3hFLE1BQUk7QUFDSixNQUFJO0FBQ0YsV0FBTyxXQUFXLEtBQUssSUFBSSxJQUFJLFVBQVUsSUFBSSxJQUFJO0FBQUEsRUFDbkQsUUFBUTtBQUNOLFdBQU87QUFBQSxFQUNUO0FBQ0EsU0FBTyxRQUFRLEVBQUUsU0FBUyxTQUFTLFNBQVMsVUFBVSxTQUFTLFlBQVksS0FBSyxLQUFLLEtBQUssR0FBRyxJQUFJO0FBQ25HO0FBRUEsU0FBUyxPQUFPLE9BQTZCLFFBQWdCLEVBQUUsSUFBSSxTQUFTLEdBQW9CO0FBQzlGLFFBQU0sT0FBTyxhQUFhLEtBQUssTUFBTSxJQUFJLE1BQU0sT0FBTyxNQUFNLElBQUksQ0FBQyxJQUFJO0FBQ3JFLE1BQUksQ0FBQyxNQUFNO0FBQ1QsVUFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLE1BQ3pCLE1BQ0UsTUFBTSxXQUFXLElBQ2IsaUJBQWlCLEVBQUUsa0JBQ25CLG9CQUFvQixNQUFNLEtBQUssRUFBRSxRQUFRLE1BQU0sTUFBTTtBQUFBLE1BQzNELFFBQVEsVUFBVSxNQUFNLE1BQU0saURBQWlEO0FBQUEsSUFDakYsQ0FBQztBQUFBLEVBQ0g7QUFDQSxNQUFJLEtBQUssSUFBSSxTQUFTLG1CQUFtQixNQUFNLENBQUMsR0FBRztBQUNqRCxVQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsTUFDekIsTUFBTSxZQUFZLE1BQU07QUFBQSxNQUN4QixRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU87QUFDVDsiLAogICJuYW1lcyI6IFsidXJsIl0KfQo=
