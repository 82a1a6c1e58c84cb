import {
  personAt
} from "./chunk-WTGUDCSM.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import {
  durationText
} from "./chunk-IQWA53IU.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/cli/commands/session/session.ts
var { configure } = {
  configure(command, run) {
    const one = (name, about) => command.command(name).description(about).argument("<session>", "a session of the collection");
    const open = one("open", "open a session now, anew if it is open").option("--no-browser", "only print the address that a person has to open").action(
      run(async (context, [name = ""], options) => {
        const person = personAt(context.terminal, options.browser !== false && context.terminal.interactive);
        const { sessions } = await context.workspace({ allowChanges: true, person });
        return print(context.terminal, await sessions.open(name));
      })
    );
    examples(open, [
      ["session open agent", "logs in; sends that use it need not"],
      ["session open boarding --no-browser", "prints the address to agree at; the browser may be on another machine"]
    ]);
    const show = one("show", "show whether a session is open, and until when").option("--reveal", "print its token and nothing else").action(
      run(async (context, [name = ""], { reveal }) => {
        const { sessions, collection } = await context.workspace();
        const full = collection.resolve("session", name);
        const facts = (await sessions.list()).find((each) => each.name === full);
        if (!facts) throw new Problem("session-missing", { what: `there is no session ${name}` });
        if (reveal === true) {
          const token = (await sessions.openOf(full, false))?.token ?? "";
          if (token === "")
            throw new Problem("session-missing", {
              what: `the session ${full} has no token to show`,
              remedy: facts.opens ? `echo-trail session open ${full}` : "its kind has none"
            });
          context.terminal.print(token);
          return 0;
        }
        print(context.terminal, facts);
        if (!context.terminal.json && facts.claims)
          context.terminal.print(claimsText(facts.claims, context.terminal));
        return 0;
      })
    );
    examples(show, [
      ["session show agent", "open since when, and for how long"],
      ["session show agent --reveal", "its token, for another program, on purpose"]
    ]);
    const close = one("close", "close a session").action(
      run(async (context, [name = ""]) => {
        const { sessions } = await context.workspace({ allowChanges: true });
        const was = await sessions.close(name);
        context.terminal.note(was ? `closed ${name}` : `${name} was not open`);
        return 0;
      })
    );
    examples(close, [["session close agent", "logs out"]]);
    const list = command.command("list").description("list the sessions of the collection").action(
      run(async (context) => {
        const { terminal } = context;
        const all = await (await context.workspace()).sessions.list();
        if (terminal.json) return emit(terminal, "session list", { sessions: all.map(documentOf) });
        if (all.length === 0) terminal.note("no sessions yet: write sessions/NAME.yaml");
        else
          terminal.print(
            table(
              all.map((facts) => row(facts, terminal)),
              terminal
            )
          );
        return 0;
      })
    );
    examples(list, [["session list", "each with its kind, and whether it is open"]]);
  }
};
function documentOf({ name, kind, open, opened, expires, renewable, claims }) {
  return {
    name,
    kind,
    open,
    opened: opened ?? null,
    expires: expires === void 0 ? null : new Date(expires).toISOString(),
    renewable,
    claims: claims ?? null
  };
}
var times = /* @__PURE__ */ new Set(["exp", "iat", "nbf", "auth_time"]);
function claimsText(claims, terminal) {
  const rows = Object.entries(claims).map(([name, value]) => [
    name,
    times.has(name) && typeof value === "number" ? `${new Date(value * 1e3).toISOString().replace(".000Z", "Z")}` : typeof value === "string" ? value : JSON.stringify(value)
  ]);
  return `
its token says
${table(rows, terminal)}`;
}
function row({ name, kind, about, opens, open, expires, renewable }, { out }) {
  const left = expires === void 0 ? void 0 : expires - Date.now();
  const state = !opens ? "always ready" : !open ? "not open" : left === void 0 ? "open" : left > 0 ? `open, ends in ${durationText(left)}${renewable ? ", renewed by itself" : ""}` : renewable ? "ended, renewed when it is needed" : "ended";
  return [out.bold(name), kind, open ? out.green(state) : out.dim(state), about ?? ""];
}
function print(terminal, facts) {
  if (terminal.json) return emit(terminal, "session show", documentOf(facts));
  terminal.print(table([row(facts, terminal)], terminal));
  return 0;
}
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9zZXNzaW9uL3Nlc3Npb24udHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBgc2Vzc2lvbmA6IG9wZW4sIHNob3csIGNsb3NlIGFuZCBsaXN0IGF1dGhlbnRpY2F0aW9uIHNlc3Npb25zLiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgU2Vzc2lvbkZhY3RzIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9zZXNzaW9uL3Nlc3Npb25zLmpzJztcbmltcG9ydCB7IGR1cmF0aW9uVGV4dCB9IGZyb20gJy4uLy4uLy4uL2NvcmUvdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHsgcGVyc29uQXQgfSBmcm9tICcuLi8uLi9hc2svcGVyc29uLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB0eXBlIHsgRG9jdW1lbnRzIH0gZnJvbSAnLi4vLi4vZG9jdW1lbnRzLmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi8uLi9lbWl0LmpzJztcbmltcG9ydCB0eXBlIHsgVGVybWluYWwgfSBmcm9tICcuLi8uLi90ZXJtaW5hbC5qcyc7XG5pbXBvcnQgeyB0YWJsZSB9IGZyb20gJy4uLy4uL3ZpZXcvdGFibGUuanMnO1xuXG5leHBvcnQgY29uc3QgeyBjb25maWd1cmUgfTogQ29tbWFuZE1vZHVsZSA9IHtcbiAgY29uZmlndXJlKGNvbW1hbmQsIHJ1bikge1xuICAgIGNvbnN0IG9uZSA9IChuYW1lOiBzdHJpbmcsIGFib3V0OiBzdHJpbmcpID0+XG4gICAgICBjb21tYW5kLmNvbW1hbmQobmFtZSkuZGVzY3JpcHRpb24oYWJvdXQpLmFyZ3VtZW50KCc8c2Vzc2lvbj4nLCAnYSBzZXNzaW9uIG9mIHRoZSBjb2xsZWN0aW9uJyk7XG4gICAgY29uc3Qgb3BlbiA9IG9uZSgnb3BlbicsICdvcGVuIGEgc2Vzc2lvbiBub3csIGFuZXcgaWYgaXQgaXMgb3BlbicpXG4gICAgICAub3B0aW9uKCctLW5vLWJyb3dzZXInLCAnb25seSBwcmludCB0aGUgYWRkcmVzcyB0aGF0IGEgcGVyc29uIGhhcyB0byBvcGVuJylcbiAgICAgIC5hY3Rpb24oXG4gICAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW25hbWUgPSAnJ10sIG9wdGlvbnMpID0+IHtcbiAgICAgICAgICBjb25zdCBwZXJzb24gPSBwZXJzb25BdChjb250ZXh0LnRlcm1pbmFsLCBvcHRpb25zLmJyb3dzZXIgIT09IGZhbHNlICYmIGNvbnRleHQudGVybWluYWwuaW50ZXJhY3RpdmUpO1xuICAgICAgICAgIGNvbnN0IHsgc2Vzc2lvbnMgfSA9IGF3YWl0IGNvbnRleHQud29ya3NwYWNlKHsgYWxsb3dDaGFuZ2VzOiB0cnVlLCBwZXJzb24gfSk7XG4gICAgICAgICAgcmV0dXJuIHByaW50KGNvbnRleHQudGVybWluYWwsIGF3YWl0IHNlc3Npb25zLm9wZW4obmFtZSkpO1xuICAgICAgICB9KSxcbiAgICAgICk7XG4gICAgZXhhbXBsZXMob3BlbiwgW1xuICAgICAgWydzZXNzaW9uIG9wZW4gYWdlbnQnLCAnbG9ncyBpbjsgc2VuZHMgdGhhdCB1c2UgaXQgbmVlZCBub3QnXSxcbiAgICAgIFsnc2Vzc2lvbiBvcGVuIGJvYXJkaW5nIC0tbm8tYnJvd3NlcicsICdwcmludHMgdGhlIGFkZHJlc3MgdG8gYWdyZWUgYXQ7IHRoZSBicm93c2VyIG1heSBiZSBvbiBhbm90aGVyIG1hY2hpbmUnXSxcbiAgICBdKTtcbiAgICBjb25zdCBzaG93ID0gb25lKCdzaG93JywgJ3Nob3cgd2hldGhlciBhIHNlc3Npb24gaXMgb3BlbiwgYW5kIHVudGlsIHdoZW4nKVxuICAgICAgLm9wdGlvbignLS1yZXZlYWwnLCAncHJpbnQgaXRzIHRva2VuIGFuZCBub3RoaW5nIGVsc2UnKVxuICAgICAgLmFjdGlvbihcbiAgICAgICAgcnVuKGFzeW5jIChjb250ZXh0LCBbbmFtZSA9ICcnXSwgeyByZXZlYWwgfSkgPT4ge1xuICAgICAgICAgIGNvbnN0IHsgc2Vzc2lvbnMsIGNvbGxlY3Rpb24gfSA9IGF3YWl0IGNvbnRleHQud29ya3NwYWNlKCk7XG4gICAgICAgICAgY29uc3QgZnVsbCA9IGNvbGxlY3Rpb24ucmVzb2x2ZSgnc2Vzc2lvbicsIG5hbWUpO1xuICAgICAgICAgIGNvbnN0IGZhY3RzID0gKGF3YWl0IHNlc3Npb25zLmxpc3QoKSkuZmluZCgoZWFjaCkgPT4gZWFjaC5uYW1lID09PSBmdWxsKTtcbiAgICAgICAgICBpZiAoIWZhY3RzKSB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywgeyB3aGF0OiBgdGhlcmUgaXMgbm8gc2Vzc2lvbiAke25hbWV9YCB9KTtcbiAgICAgICAgICBpZiAocmV2ZWFsID09PSB0cnVlKSB7XG4gICAgICAgICAgICBjb25zdCB0b2tlbiA9IChhd2FpdCBzZXNzaW9ucy5vcGVuT2YoZnVsbCwgZmFsc2UpKT8udG9rZW4gPz8gJyc7XG4gICAgICAgICAgICBpZiAodG9rZW4gPT09ICcnKVxuICAgICAgICAgICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywge1xuICAgICAgICAgICAgICAgIHdoYXQ6IGB0aGUgc2Vzc2lvbiAke2Z1bGx9IGhhcyBubyB0b2tlbiB0byBzaG93YCxcbiAgICAgICAgICAgICAgICByZW1lZHk6IGZhY3RzLm9wZW5zID8gYGVjaG8tdHJhaWwgc2Vzc2lvbiBvcGVuICR7ZnVsbH1gIDogJ2l0cyBraW5kIGhhcyBub25lJyxcbiAgICAgICAgICAgICAgfSk7XG4gICAgICAgICAgICBjb250ZXh0LnRlcm1pbmFsLnByaW50KHRva2VuKTtcbiAgICAgICAgICAgIHJldHVybiAwO1xuICAgICAgICAgIH1cbiAgICAgICAgICBwcmludChjb250ZXh0LnRlcm1pbmFsLCBmYWN0cyk7XG4gICAgICAgICAgaWYgKCFjb250ZXh0LnRlcm1pbmFsLmpzb24gJiYgZmFjdHMuY2xhaW1zKVxuICAgICAgICAgICAgY29udGV4dC50ZXJtaW5hbC5wcmludChjbGFpbXNUZXh0KGZhY3RzLmNsYWltcywgY29udGV4dC50ZXJtaW5hbCkpO1xuICAgICAgICAgIHJldHVybiAwO1xuICAgICAgICB9KSxcbiAgICAgICk7XG4gICAgZXhhbXBsZXMoc2hvdywgW1xuICAgICAgWydzZXNzaW9uIHNob3cgYWdlbnQnLCAnb3BlbiBzaW5jZSB3aGVuLCBhbmQgZm9yIGhvdyBsb25nJ10sXG4gICAgICBbJ3Nlc3Npb24gc2hvdyBhZ2VudCAtLXJldmVhbCcsICdpdHMgdG9rZW4sIGZvciBhbm90aGVyIHByb2dyYW0sIG9uIHB1cnBvc2UnXSxcbiAgICBdKTtcbiAgICBjb25zdCBjbG9zZSA9IG9uZSgnY2xvc2UnLCAnY2xvc2UgYSBzZXNzaW9uJykuYWN0aW9uKFxuICAgICAgcnVuKGFzeW5jIChjb250ZXh0LCBbbmFtZSA9ICcnXSkgPT4ge1xuICAgICAgICBjb25zdCB7IHNlc3Npb25zIH0gPSBhd2FpdCBjb250ZXh0LndvcmtzcGFjZSh7IGFsbG93Q2hhbmdlczogdHJ1ZSB9KTtcbiAgICAgICAgY29uc3Qgd2FzID0gYXdhaXQgc2Vzc2lvbnMuY2xvc2UobmFtZSk7XG4gICAgICAgIGNvbnRleHQudGVybWluYWwubm90ZSh3YXMgPyBgY2xvc2VkICR7bmFtZX1gIDogYCR7bmFtZX0gd2FzIG5vdCBvcGVuYCk7XG4gICAgICAgIHJldHVybiAwO1xuICAgICAgfSksXG4gICAgKTtcbiAgICBleGFtcGxlcyhjbG9zZSwgW1snc2Vzc2lvbiBjbG9zZSBhZ2VudCcsICdsb2dzIG91dCddXSk7XG4gICAgY29uc3QgbGlzdCA9IGNvbW1hbmRcbiAgICAgIC5jb21tYW5kKCdsaXN0JylcbiAgICAgIC5kZXNjcmlwdGlvbignbGlzdCB0aGUgc2Vzc2lvbnMgb2YgdGhlIGNvbGxlY3Rpb24nKVxuICAgICAgLmFjdGlvbihcbiAgICAgICAgcnVuKGFzeW5jIChjb250ZXh0KSA9PiB7XG4gICAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgICAgICAgICBjb25zdCBhbGwgPSBhd2FpdCAoYXdhaXQgY29udGV4dC53b3Jrc3BhY2UoKSkuc2Vzc2lvbnMubGlzdCgpO1xuICAgICAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSByZXR1cm4gZW1pdCh0ZXJtaW5hbCwgJ3Nlc3Npb24gbGlzdCcsIHsgc2Vzc2lvbnM6IGFsbC5tYXAoZG9jdW1lbnRPZikgfSk7XG4gICAgICAgICAgaWYgKGFsbC5sZW5ndGggPT09IDApIHRlcm1pbmFsLm5vdGUoJ25vIHNlc3Npb25zIHlldDogd3JpdGUgc2Vzc2lvbnMvTkFNRS55YW1sJyk7XG4gICAgICAgICAgZWxzZVxuICAgICAgICAgICAgdGVybWluYWwucHJpbnQoXG4gICAgICAgICAgICAgIHRhYmxlKFxuICAgICAgICAgICAgICAgIGFsbC5tYXAoKGZhY3RzKSA9PiByb3coZmFjdHMsIHRlcm1pbmFsKSksXG4gICAgICAgICAgICAgICAgdGVybWluYWwsXG4gICAgICAgICAgICAgICksXG4gICAgICAgICAgICApO1xuICAgICAgICAgIHJldHVybiAwO1xuICAgICAgICB9KSxcbiAgICAgICk7XG4gICAgZXhhbXBsZXMobGlzdCwgW1snc2Vzc2lvbiBsaXN0JywgJ2VhY2ggd2l0aCBpdHMga2luZCwgYW5kIHdoZXRoZXIgaXQgaXMgb3BlbiddXSk7XG4gIH0sXG59O1xuXG5mdW5jdGlvbiBkb2N1bWVudE9mKHsgbmFtZSwga2luZCwgb3Blbiwgb3BlbmVkLCBleHBpcmVzLCByZW5ld2FibGUsIGNsYWltcyB9OiBTZXNzaW9uRmFjdHMpOiBEb2N1bWVudHNbJ3Nlc3Npb24gc2hvdyddIHtcbiAgcmV0dXJuIHtcbiAgICBuYW1lLFxuICAgIGtpbmQsXG4gICAgb3BlbixcbiAgICBvcGVuZWQ6IG9wZW5lZCA/PyBudWxsLFxuICAgIGV4cGlyZXM6IGV4cGlyZXMgPT09IHVuZGVmaW5lZCA/IG51bGwgOiBuZXcgRGF0ZShleHBpcmVzKS50b0lTT1N0cmluZygpLFxuICAgIHJlbmV3YWJsZSxcbiAgICBjbGFpbXM6IGNsYWltcyA/PyBudWxsLFxuICB9O1xufVxuXG4vKiogVGltZXMgb2YgUkZDIDc1MTksIHNlY3Rpb24gNC4xLCBpbiBzZWNvbmRzIHNpbmNlIDE5NzAuICovXG5jb25zdCB0aW1lcyA9IG5ldyBTZXQoWydleHAnLCAnaWF0JywgJ25iZicsICdhdXRoX3RpbWUnXSk7XG5cbmZ1bmN0aW9uIGNsYWltc1RleHQoY2xhaW1zOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCB1bmtub3duPj4sIHRlcm1pbmFsOiBUZXJtaW5hbCk6IHN0cmluZyB7XG4gIGNvbnN0IHJvd3MgPSBPYmplY3QuZW50cmllcyhjbGFpbXMpLm1hcCgoW25hbWUsIHZhbHVlXSkgPT4gW1xuICAgIG5hbWUsXG4gICAgdGltZXMuaGFzKG5hbWUpICYmIHR5cGVvZiB2YWx1ZSA9PT0gJ251bWJlcidcbiAgICAgID8gYCR7bmV3IERhdGUodmFsdWUgKiAxMDAwKS50b0lTT1N0cmluZygpLnJlcGxhY2UoJy4wMDBaJywgJ1onKX1gXG4gICAgICA6IHR5cGVvZiB2YWx1ZSA9PT0gJ3N0cmluZydcbiAgICAgICAgPyB2YWx1ZVxuICAgICAgICA6IEpTT04uc3RyaW5naWZ5KHZhbHVlKSxcbiAgXSk7XG4gIHJldHVybiBgXFxuaXRzIHRva2VuIHNheXNcXG4ke3RhYmxlKHJvd3MsIHRlcm1pbmFsKX1gO1xufVxuXG5mdW5jdGlvbiByb3coeyBuYW1lLCBraW5kLCBhYm91dCwgb3BlbnMsIG9wZW4sIGV4cGlyZXMsIHJlbmV3YWJsZSB9OiBTZXNzaW9uRmFjdHMsIHsgb3V0IH06IFRlcm1pbmFsKTogc3RyaW5nW10ge1xuICBjb25zdCBsZWZ0ID0gZXhwaXJlcyA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogZXhwaXJlcyAtIERhdGUubm93KCk7XG4gIGNvbnN0IHN0YXRlID0gIW9wZW5zXG4gICAgPyAnYWx3YXlzIHJlYWR5J1xuICAgIDogIW9wZW5cbiAgICAgID8gJ25vdCBvcGVuJ1xuICAgICAgOiBsZWZ0ID09PSB1bmRlZmluZWRcbiAgICAgICAgPyAnb3BlbidcbiAgICAgICAgOiBsZWZ0ID4gMFxuICAgICAgICAgID8gYG9wZW4sIGVuZHMgaW4gJHtkdXJhdGlvblRleHQobGVmdCl9JHtyZW5ld2FibGUgPyAnLCByZW5ld2VkIGJ5IGl0c2VsZicgOiAnJ31gXG4gICAgICAgICAgOiByZW5ld2FibGVcbiAgICAgICAgICAgID8gJ2VuZGVkLCByZW5ld2VkIHdoZW4gaXQgaXMgbmVlZGVkJ1xuICAgICAgICAgICAgOiAnZW5kZWQnO1xuICByZXR1cm4gW291dC5ib2xkKG5hbWUpLCBraW5kLCBvcGVuID8gb3V0LmdyZWVuKHN0YXRlKSA6IG91dC5kaW0oc3RhdGUpLCBhYm91dCA/PyAnJ107XG59XG5cbmZ1bmN0aW9uIHByaW50KHRlcm1pbmFsOiBUZXJtaW5hbCwgZmFjdHM6IFNlc3Npb25GYWN0cyk6IG51bWJlciB7XG4gIGlmICh0ZXJtaW5hbC5qc29uKSByZXR1cm4gZW1pdCh0ZXJtaW5hbCwgJ3Nlc3Npb24gc2hvdycsIGRvY3VtZW50T2YoZmFjdHMpKTtcbiAgdGVybWluYWwucHJpbnQodGFibGUoW3JvdyhmYWN0cywgdGVybWluYWwpXSwgdGVybWluYWwpKTtcbiAgcmV0dXJuIDA7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQVdPLElBQU0sRUFBRSxVQUFVLElBQW1CO0FBQUEsRUFDMUMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsVUFBTSxNQUFNLENBQUMsTUFBYyxVQUN6QixRQUFRLFFBQVEsSUFBSSxFQUFFLFlBQVksS0FBSyxFQUFFLFNBQVMsYUFBYSw2QkFBNkI7QUFDOUYsVUFBTSxPQUFPLElBQUksUUFBUSx3Q0FBd0MsRUFDOUQsT0FBTyxnQkFBZ0Isa0RBQWtELEVBQ3pFO0FBQUEsTUFDQyxJQUFJLE9BQU8sU0FBUyxDQUFDLE9BQU8sRUFBRSxHQUFHLFlBQVk7QUFDM0MsY0FBTSxTQUFTLFNBQVMsUUFBUSxVQUFVLFFBQVEsWUFBWSxTQUFTLFFBQVEsU0FBUyxXQUFXO0FBQ25HLGNBQU0sRUFBRSxTQUFTLElBQUksTUFBTSxRQUFRLFVBQVUsRUFBRSxjQUFjLE1BQU0sT0FBTyxDQUFDO0FBQzNFLGVBQU8sTUFBTSxRQUFRLFVBQVUsTUFBTSxTQUFTLEtBQUssSUFBSSxDQUFDO0FBQUEsTUFDMUQsQ0FBQztBQUFBLElBQ0g7QUFDRixhQUFTLE1BQU07QUFBQSxNQUNiLENBQUMsc0JBQXNCLHFDQUFxQztBQUFBLE1BQzVELENBQUMsc0NBQXNDLHVFQUF1RTtBQUFBLElBQ2hILENBQUM7QUFDRCxVQUFNLE9BQU8sSUFBSSxRQUFRLGdEQUFnRCxFQUN0RSxPQUFPLFlBQVksa0NBQWtDLEVBQ3JEO0FBQUEsTUFDQyxJQUFJLE9BQU8sU0FBUyxDQUFDLE9BQU8sRUFBRSxHQUFHLEVBQUUsT0FBTyxNQUFNO0FBQzlDLGNBQU0sRUFBRSxVQUFVLFdBQVcsSUFBSSxNQUFNLFFBQVEsVUFBVTtBQUN6RCxjQUFNLE9BQU8sV0FBVyxRQUFRLFdBQVcsSUFBSTtBQUMvQyxjQUFNLFNBQVMsTUFBTSxTQUFTLEtBQUssR0FBRyxLQUFLLENBQUMsU0FBUyxLQUFLLFNBQVMsSUFBSTtBQUN2RSxZQUFJLENBQUMsTUFBTyxPQUFNLElBQUksUUFBUSxtQkFBbUIsRUFBRSxNQUFNLHVCQUF1QixJQUFJLEdBQUcsQ0FBQztBQUN4RixZQUFJLFdBQVcsTUFBTTtBQUNuQixnQkFBTSxTQUFTLE1BQU0sU0FBUyxPQUFPLE1BQU0sS0FBSyxJQUFJLFNBQVM7QUFDN0QsY0FBSSxVQUFVO0FBQ1osa0JBQU0sSUFBSSxRQUFRLG1CQUFtQjtBQUFBLGNBQ25DLE1BQU0sZUFBZSxJQUFJO0FBQUEsY0FDekIsUUFBUSxNQUFNLFFBQVEsMkJBQTJCLElBQUksS0FBSztBQUFBLFlBQzVELENBQUM7QUFDSCxrQkFBUSxTQUFTLE1BQU0sS0FBSztBQUM1QixpQkFBTztBQUFBLFFBQ1Q7QUFDQSxjQUFNLFFBQVEsVUFBVSxLQUFLO0FBQzdCLFlBQUksQ0FBQyxRQUFRLFNBQVMsUUFBUSxNQUFNO0FBQ2xDLGtCQUFRLFNBQVMsTUFBTSxXQUFXLE1BQU0sUUFBUSxRQUFRLFFBQVEsQ0FBQztBQUNuRSxlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUNGLGFBQVMsTUFBTTtBQUFBLE1BQ2IsQ0FBQyxzQkFBc0IsbUNBQW1DO0FBQUEsTUFDMUQsQ0FBQywrQkFBK0IsNENBQTRDO0FBQUEsSUFDOUUsQ0FBQztBQUNELFVBQU0sUUFBUSxJQUFJLFNBQVMsaUJBQWlCLEVBQUU7QUFBQSxNQUM1QyxJQUFJLE9BQU8sU0FBUyxDQUFDLE9BQU8sRUFBRSxNQUFNO0FBQ2xDLGNBQU0sRUFBRSxTQUFTLElBQUksTUFBTSxRQUFRLFVBQVUsRUFBRSxjQUFjLEtBQUssQ0FBQztBQUNuRSxjQUFNLE1BQU0sTUFBTSxTQUFTLE1BQU0sSUFBSTtBQUNyQyxnQkFBUSxTQUFTLEtBQUssTUFBTSxVQUFVLElBQUksS0FBSyxHQUFHLElBQUksZUFBZTtBQUNyRSxlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUNBLGFBQVMsT0FBTyxDQUFDLENBQUMsdUJBQXVCLFVBQVUsQ0FBQyxDQUFDO0FBQ3JELFVBQU0sT0FBTyxRQUNWLFFBQVEsTUFBTSxFQUNkLFlBQVkscUNBQXFDLEVBQ2pEO0FBQUEsTUFDQyxJQUFJLE9BQU8sWUFBWTtBQUNyQixjQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLGNBQU0sTUFBTSxPQUFPLE1BQU0sUUFBUSxVQUFVLEdBQUcsU0FBUyxLQUFLO0FBQzVELFlBQUksU0FBUyxLQUFNLFFBQU8sS0FBSyxVQUFVLGdCQUFnQixFQUFFLFVBQVUsSUFBSSxJQUFJLFVBQVUsRUFBRSxDQUFDO0FBQzFGLFlBQUksSUFBSSxXQUFXLEVBQUcsVUFBUyxLQUFLLDJDQUEyQztBQUFBO0FBRTdFLG1CQUFTO0FBQUEsWUFDUDtBQUFBLGNBQ0UsSUFBSSxJQUFJLENBQUMsVUFBVSxJQUFJLE9BQU8sUUFBUSxDQUFDO0FBQUEsY0FDdkM7QUFBQSxZQUNGO0FBQUEsVUFDRjtBQUNGLGVBQU87QUFBQSxNQUNULENBQUM7QUFBQSxJQUNIO0FBQ0YsYUFBUyxNQUFNLENBQUMsQ0FBQyxnQkFBZ0IsNENBQTRDLENBQUMsQ0FBQztBQUFBLEVBQ2pGO0FBQ0Y7QUFFQSxTQUFTLFdBQVcsRUFBRSxNQUFNLE1BQU0sTUFBTSxRQUFRLFNBQVMsV0FBVyxPQUFPLEdBQTRDO0FBQ3JILFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBLFFBQVEsVUFBVTtBQUFBLElBQ2xCLFNBQVMsWUFBWSxTQUFZLE9BQU8sSUFBSSxLQUFLLE9BQU8sRUFBRSxZQUFZO0FBQUEsSUFDdEU7QUFBQSxJQUNBLFFBQVEsVUFBVTtBQUFBLEVBQ3BCO0FBQ0Y7QUFHQSxJQUFNLFFBQVEsb0JBQUksSUFBSSxDQUFDLE9BQU8sT0FBTyxPQUFPLFdBQVcsQ0FBQztBQUV4RCxTQUFTLFdBQVcsUUFBMkMsVUFBNEI7QUFDekYsUUFBTSxPQUFPLE9BQU8sUUFBUSxNQUFNLEVBQUUsSUFBSSxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU07QUFBQSxJQUN6RDtBQUFBLElBQ0EsTUFBTSxJQUFJLElBQUksS0FBSyxPQUFPLFVBQVUsV0FDaEMsR0FBRyxJQUFJLEtBQUssUUFBUSxHQUFJLEVBQUUsWUFBWSxFQUFFLFFBQVEsU0FBUyxHQUFHLENBQUMsS0FDN0QsT0FBTyxVQUFVLFdBQ2YsUUFDQSxLQUFLLFVBQVUsS0FBSztBQUFBLEVBQzVCLENBQUM7QUFDRCxTQUFPO0FBQUE7QUFBQSxFQUFxQixNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQ25EO0FBRUEsU0FBUyxJQUFJLEVBQUUsTUFBTSxNQUFNLE9BQU8sT0FBTyxNQUFNLFNBQVMsVUFBVSxHQUFpQixFQUFFLElBQUksR0FBdUI7QUFDOUcsUUFBTSxPQUFPLFlBQVksU0FBWSxTQUFZLFVBQVUsS0FBSyxJQUFJO0FBQ3BFLFFBQU0sUUFBUSxDQUFDLFFBQ1gsaUJBQ0EsQ0FBQyxPQUNDLGFBQ0EsU0FBUyxTQUNQLFNBQ0EsT0FBTyxJQUNMLGlCQUFpQixhQUFhLElBQUksQ0FBQyxHQUFHLFlBQVksd0JBQXdCLEVBQUUsS0FDNUUsWUFDRSxxQ0FDQTtBQUNaLFNBQU8sQ0FBQyxJQUFJLEtBQUssSUFBSSxHQUFHLE1BQU0sT0FBTyxJQUFJLE1BQU0sS0FBSyxJQUFJLElBQUksSUFBSSxLQUFLLEdBQUcsU0FBUyxFQUFFO0FBQ3JGO0FBRUEsU0FBUyxNQUFNLFVBQW9CLE9BQTZCO0FBQzlELE1BQUksU0FBUyxLQUFNLFFBQU8sS0FBSyxVQUFVLGdCQUFnQixXQUFXLEtBQUssQ0FBQztBQUMxRSxXQUFTLE1BQU0sTUFBTSxDQUFDLElBQUksT0FBTyxRQUFRLENBQUMsR0FBRyxRQUFRLENBQUM7QUFDdEQsU0FBTztBQUNUOyIsCiAgIm5hbWVzIjogW10KfQo=
