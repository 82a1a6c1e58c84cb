import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  secretStore
} from "./chunk-2LOVFGJG.js";
import "./chunk-X57I3BEN.js";
import {
  readEnvironment
} from "./chunk-7G6JQYYU.js";
import "./chunk-JGR34Z6O.js";
import "./chunk-KABWP7ZN.js";
import {
  pastedWrongly
} from "./chunk-AJOWUZTK.js";
import "./chunk-IBVRGXBJ.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import "./chunk-6FF7OQVK.js";
import {
  secretVariable
} from "./chunk-7JVJJYGZ.js";
import "./chunk-VVGKGSPN.js";
import "./chunk-ILBUWU7B.js";
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
import "./chunk-XGDOGID3.js";

// src/cli/commands/secret/list.ts
var list = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal, home } = context;
        const collection = await context.collection();
        const secrets = await secretStore(collection.local, home, process.env).list();
        if (terminal.json)
          return emit(terminal, "secret list", {
            secrets: secrets.map(({ name, environment }) => ({ name, environment: environment ?? null }))
          });
        if (secrets.length === 0) terminal.note("no secrets are stored: echo-trail secret set NAME");
        else
          terminal.print(
            table(
              secrets.map(({ name, environment }) => [terminal.out.bold(name), environment ?? "all environments"]),
              terminal
            )
          );
        return 0;
      })
    );
    examples(command, [["secret list", "the names, never the values"]]);
  }
};

// src/cli/commands/secret/remove.ts
var remove = {
  configure(command, run) {
    command.argument("<name>", "a stored secret").action(
      run(async (context, [name = ""]) => {
        const { terminal, options, home } = context;
        const collection = await context.collection();
        const environment = options.env === void 0 ? void 0 : readEnvironment(collection, options.env, []).name;
        const store = secretStore(collection.local, home, process.env);
        if (!await store.remove(name, environment)) {
          const known = (await store.list()).map(
            (one) => one.environment === void 0 ? one.name : `${one.name} --env ${one.environment}`
          );
          throw new Problem("secret-missing", {
            what: `no secret ${name} is stored for ${environment ?? "all environments"}`,
            remedy: nearestHint(name, known)
          });
        }
        terminal.note(`removed ${name}`);
        return 0;
      })
    );
    examples(command, [["secret remove deskPassword", "the next use asks for it again"]]);
  }
};

// src/cli/commands/secret/set.ts
var set = {
  configure(command, run) {
    command.argument("<name>", "as in ${secret.NAME}").action(
      run(async (context, [name = ""]) => {
        const { terminal, options, home } = context;
        if (!/^[\p{L}_][\p{L}\p{N}_-]*(?:\[[^\]]+\])?$/u.test(name)) {
          throw new Problem("usage", {
            what: `${name} is not a name for a secret`,
            remedy: "letters, digits, - and _, with a letter first"
          });
        }
        const collection = await context.collection();
        const environment = options.env === void 0 ? void 0 : readEnvironment(collection, options.env, []).name;
        const value = terminal.interactive ? await (await import("./secret-4UBXO2QB.js")).askSecret(name) : await fromInput();
        if (value === "")
          throw new Problem("usage", {
            what: "the secret is empty",
            remedy: `printf %s VALUE | echo-trail secret set ${name}`
          });
        const wrong = pastedWrongly(value);
        if (wrong) terminal.complain(`${terminal.err.yellow("warning")}  the value of ${name} looks wrong: ${wrong}`);
        await secretStore(collection.local, home, process.env).set(name, value, environment);
        terminal.note(
          `stored ${name} for ${environment === void 0 ? "all environments" : `the environment ${environment}`}`
        );
        const variable = secretVariable(name);
        if (process.env[variable] !== void 0)
          terminal.complain(
            `${terminal.err.yellow("warning")}  ${variable} is set in the process environment, and comes first`
          );
        return 0;
      })
    );
    examples(command, [
      ["secret set deskPassword", "asks; nothing of it is shown"],
      ["secret set deskPassword --env sandbox < password.txt", "from standard input, for one environment"]
    ]);
  }
};
async function fromInput() {
  const chunks = [];
  for await (const chunk of process.stdin) chunks.push(chunk);
  return Buffer.concat(chunks).toString("utf8").replace(/\r?\n$/, "");
}

// src/cli/commands/secret/secret.ts
var { configure } = {
  configure(command, run) {
    set.configure(
      command.command("set").description("store a secret: from a hidden prompt, or from standard input"),
      run
    );
    list.configure(command.command("list").description("list the names of the stored secrets"), run);
    remove.configure(command.command("remove").description("remove a secret"), run);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9zZWNyZXQvbGlzdC50cyIsICIuLi8uLi8uLi9zcmMvY2xpL2NvbW1hbmRzL3NlY3JldC9yZW1vdmUudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9zZWNyZXQvc2V0LnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvc2VjcmV0L3NlY3JldC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIGBzZWNyZXQgbGlzdGA6IG5hbWVzIG9ubHkuICovXG5pbXBvcnQgeyBzZWNyZXRTdG9yZSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvc2Vzc2lvbi9zZWNyZXRzLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi8uLi9lbWl0LmpzJztcbmltcG9ydCB7IHRhYmxlIH0gZnJvbSAnLi4vLi4vdmlldy90YWJsZS5qcyc7XG5cbmV4cG9ydCBjb25zdCBsaXN0OiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZC5hY3Rpb24oXG4gICAgICBydW4oYXN5bmMgKGNvbnRleHQpID0+IHtcbiAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCwgaG9tZSB9ID0gY29udGV4dDtcbiAgICAgICAgY29uc3QgY29sbGVjdGlvbiA9IGF3YWl0IGNvbnRleHQuY29sbGVjdGlvbigpO1xuICAgICAgICBjb25zdCBzZWNyZXRzID0gYXdhaXQgc2VjcmV0U3RvcmUoY29sbGVjdGlvbi5sb2NhbCwgaG9tZSwgcHJvY2Vzcy5lbnYpLmxpc3QoKTtcbiAgICAgICAgaWYgKHRlcm1pbmFsLmpzb24pXG4gICAgICAgICAgcmV0dXJuIGVtaXQodGVybWluYWwsICdzZWNyZXQgbGlzdCcsIHtcbiAgICAgICAgICAgIHNlY3JldHM6IHNlY3JldHMubWFwKCh7IG5hbWUsIGVudmlyb25tZW50IH0pID0+ICh7IG5hbWUsIGVudmlyb25tZW50OiBlbnZpcm9ubWVudCA/PyBudWxsIH0pKSxcbiAgICAgICAgICB9KTtcbiAgICAgICAgaWYgKHNlY3JldHMubGVuZ3RoID09PSAwKSB0ZXJtaW5hbC5ub3RlKCdubyBzZWNyZXRzIGFyZSBzdG9yZWQ6IGVjaG8tdHJhaWwgc2VjcmV0IHNldCBOQU1FJyk7XG4gICAgICAgIGVsc2VcbiAgICAgICAgICB0ZXJtaW5hbC5wcmludChcbiAgICAgICAgICAgIHRhYmxlKFxuICAgICAgICAgICAgICBzZWNyZXRzLm1hcCgoeyBuYW1lLCBlbnZpcm9ubWVudCB9KSA9PiBbdGVybWluYWwub3V0LmJvbGQobmFtZSksIGVudmlyb25tZW50ID8/ICdhbGwgZW52aXJvbm1lbnRzJ10pLFxuICAgICAgICAgICAgICB0ZXJtaW5hbCxcbiAgICAgICAgICAgICksXG4gICAgICAgICAgKTtcbiAgICAgICAgcmV0dXJuIDA7XG4gICAgICB9KSxcbiAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtbJ3NlY3JldCBsaXN0JywgJ3RoZSBuYW1lcywgbmV2ZXIgdGhlIHZhbHVlcyddXSk7XG4gIH0sXG59O1xuIiwgIi8qKiBgc2VjcmV0IHJlbW92ZWAuICovXG5pbXBvcnQgeyByZWFkRW52aXJvbm1lbnQgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vbGF5ZXJzLmpzJztcbmltcG9ydCB7IG5lYXJlc3RIaW50IH0gZnJvbSAnLi4vLi4vLi4vY29yZS9wcm9ibGVtL25lYXJlc3QuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHNlY3JldFN0b3JlIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9zZXNzaW9uL3NlY3JldHMuanMnO1xuaW1wb3J0IHsgdHlwZSBDb21tYW5kTW9kdWxlLCBleGFtcGxlcyB9IGZyb20gJy4uLy4uL2NvbW1hbmQuanMnO1xuXG5leHBvcnQgY29uc3QgcmVtb3ZlOiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZC5hcmd1bWVudCgnPG5hbWU+JywgJ2Egc3RvcmVkIHNlY3JldCcpLmFjdGlvbihcbiAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW25hbWUgPSAnJ10pID0+IHtcbiAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCwgb3B0aW9ucywgaG9tZSB9ID0gY29udGV4dDtcbiAgICAgICAgY29uc3QgY29sbGVjdGlvbiA9IGF3YWl0IGNvbnRleHQuY29sbGVjdGlvbigpO1xuICAgICAgICBjb25zdCBlbnZpcm9ubWVudCA9IG9wdGlvbnMuZW52ID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiByZWFkRW52aXJvbm1lbnQoY29sbGVjdGlvbiwgb3B0aW9ucy5lbnYsIFtdKS5uYW1lO1xuICAgICAgICBjb25zdCBzdG9yZSA9IHNlY3JldFN0b3JlKGNvbGxlY3Rpb24ubG9jYWwsIGhvbWUsIHByb2Nlc3MuZW52KTtcbiAgICAgICAgaWYgKCEoYXdhaXQgc3RvcmUucmVtb3ZlKG5hbWUsIGVudmlyb25tZW50KSkpIHtcbiAgICAgICAgICBjb25zdCBrbm93biA9IChhd2FpdCBzdG9yZS5saXN0KCkpLm1hcCgob25lKSA9PlxuICAgICAgICAgICAgb25lLmVudmlyb25tZW50ID09PSB1bmRlZmluZWQgPyBvbmUubmFtZSA6IGAke29uZS5uYW1lfSAtLWVudiAke29uZS5lbnZpcm9ubWVudH1gLFxuICAgICAgICAgICk7XG4gICAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ3NlY3JldC1taXNzaW5nJywge1xuICAgICAgICAgICAgd2hhdDogYG5vIHNlY3JldCAke25hbWV9IGlzIHN0b3JlZCBmb3IgJHtlbnZpcm9ubWVudCA/PyAnYWxsIGVudmlyb25tZW50cyd9YCxcbiAgICAgICAgICAgIHJlbWVkeTogbmVhcmVzdEhpbnQobmFtZSwga25vd24pLFxuICAgICAgICAgIH0pO1xuICAgICAgICB9XG4gICAgICAgIHRlcm1pbmFsLm5vdGUoYHJlbW92ZWQgJHtuYW1lfWApO1xuICAgICAgICByZXR1cm4gMDtcbiAgICAgIH0pLFxuICAgICk7XG4gICAgZXhhbXBsZXMoY29tbWFuZCwgW1snc2VjcmV0IHJlbW92ZSBkZXNrUGFzc3dvcmQnLCAndGhlIG5leHQgdXNlIGFza3MgZm9yIGl0IGFnYWluJ11dKTtcbiAgfSxcbn07XG4iLCAiLyoqIGBzZWNyZXQgc2V0YC4gKi9cbmltcG9ydCB7IHJlYWRFbnZpcm9ubWVudCB9IGZyb20gJy4uLy4uLy4uL2NvcmUvY29sbGVjdGlvbi9sYXllcnMuanMnO1xuaW1wb3J0IHsgc2VjcmV0VmFyaWFibGUgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2V4cHJlc3Npb24vY29tcGlsZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgcGFzdGVkV3JvbmdseSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvc2Vzc2lvbi9jcmVkZW50aWFscy5qcyc7XG5pbXBvcnQgeyBzZWNyZXRTdG9yZSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvc2Vzc2lvbi9zZWNyZXRzLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcblxuZXhwb3J0IGNvbnN0IHNldDogQ29tbWFuZE1vZHVsZSA9IHtcbiAgY29uZmlndXJlKGNvbW1hbmQsIHJ1bikge1xuICAgIGNvbW1hbmQuYXJndW1lbnQoJzxuYW1lPicsICdhcyBpbiAke3NlY3JldC5OQU1FfScpLmFjdGlvbihcbiAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW25hbWUgPSAnJ10pID0+IHtcbiAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCwgb3B0aW9ucywgaG9tZSB9ID0gY29udGV4dDtcbiAgICAgICAgaWYgKCEvXltcXHB7TH1fXVtcXHB7TH1cXHB7Tn1fLV0qKD86XFxbW15cXF1dK1xcXSk/JC91LnRlc3QobmFtZSkpIHtcbiAgICAgICAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICAgICAgICB3aGF0OiBgJHtuYW1lfSBpcyBub3QgYSBuYW1lIGZvciBhIHNlY3JldGAsXG4gICAgICAgICAgICByZW1lZHk6ICdsZXR0ZXJzLCBkaWdpdHMsIC0gYW5kIF8sIHdpdGggYSBsZXR0ZXIgZmlyc3QnLFxuICAgICAgICAgIH0pO1xuICAgICAgICB9XG4gICAgICAgIGNvbnN0IGNvbGxlY3Rpb24gPSBhd2FpdCBjb250ZXh0LmNvbGxlY3Rpb24oKTtcbiAgICAgICAgY29uc3QgZW52aXJvbm1lbnQgPSBvcHRpb25zLmVudiA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcmVhZEVudmlyb25tZW50KGNvbGxlY3Rpb24sIG9wdGlvbnMuZW52LCBbXSkubmFtZTtcbiAgICAgICAgY29uc3QgdmFsdWUgPSB0ZXJtaW5hbC5pbnRlcmFjdGl2ZVxuICAgICAgICAgID8gYXdhaXQgKGF3YWl0IGltcG9ydCgnLi4vLi4vYXNrL3NlY3JldC5qcycpKS5hc2tTZWNyZXQobmFtZSlcbiAgICAgICAgICA6IGF3YWl0IGZyb21JbnB1dCgpO1xuICAgICAgICBpZiAodmFsdWUgPT09ICcnKVxuICAgICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgICAgICAgIHdoYXQ6ICd0aGUgc2VjcmV0IGlzIGVtcHR5JyxcbiAgICAgICAgICAgIHJlbWVkeTogYHByaW50ZiAlcyBWQUxVRSB8IGVjaG8tdHJhaWwgc2VjcmV0IHNldCAke25hbWV9YCxcbiAgICAgICAgICB9KTtcbiAgICAgICAgY29uc3Qgd3JvbmcgPSBwYXN0ZWRXcm9uZ2x5KHZhbHVlKTtcbiAgICAgICAgaWYgKHdyb25nKSB0ZXJtaW5hbC5jb21wbGFpbihgJHt0ZXJtaW5hbC5lcnIueWVsbG93KCd3YXJuaW5nJyl9ICB0aGUgdmFsdWUgb2YgJHtuYW1lfSBsb29rcyB3cm9uZzogJHt3cm9uZ31gKTtcbiAgICAgICAgYXdhaXQgc2VjcmV0U3RvcmUoY29sbGVjdGlvbi5sb2NhbCwgaG9tZSwgcHJvY2Vzcy5lbnYpLnNldChuYW1lLCB2YWx1ZSwgZW52aXJvbm1lbnQpO1xuICAgICAgICB0ZXJtaW5hbC5ub3RlKFxuICAgICAgICAgIGBzdG9yZWQgJHtuYW1lfSBmb3IgJHtlbnZpcm9ubWVudCA9PT0gdW5kZWZpbmVkID8gJ2FsbCBlbnZpcm9ubWVudHMnIDogYHRoZSBlbnZpcm9ubWVudCAke2Vudmlyb25tZW50fWB9YCxcbiAgICAgICAgKTtcbiAgICAgICAgY29uc3QgdmFyaWFibGUgPSBzZWNyZXRWYXJpYWJsZShuYW1lKTtcbiAgICAgICAgaWYgKHByb2Nlc3MuZW52W3ZhcmlhYmxlXSAhPT0gdW5kZWZpbmVkKVxuICAgICAgICAgIHRlcm1pbmFsLmNvbXBsYWluKFxuICAgICAgICAgICAgYCR7dGVybWluYWwuZXJyLnllbGxvdygnd2FybmluZycpfSAgJHt2YXJpYWJsZX0gaXMgc2V0IGluIHRoZSBwcm9jZXNzIGVudmlyb25tZW50LCBhbmQgY29tZXMgZmlyc3RgLFxuICAgICAgICAgICk7XG4gICAgICAgIHJldHVybiAwO1xuICAgICAgfSksXG4gICAgKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbXG4gICAgICBbJ3NlY3JldCBzZXQgZGVza1Bhc3N3b3JkJywgJ2Fza3M7IG5vdGhpbmcgb2YgaXQgaXMgc2hvd24nXSxcbiAgICAgIFsnc2VjcmV0IHNldCBkZXNrUGFzc3dvcmQgLS1lbnYgc2FuZGJveCA8IHBhc3N3b3JkLnR4dCcsICdmcm9tIHN0YW5kYXJkIGlucHV0LCBmb3Igb25lIGVudmlyb25tZW50J10sXG4gICAgXSk7XG4gIH0sXG59O1xuXG4vKiogU3RhbmRhcmQgaW5wdXQsIHdpdGhvdXQgdGhlIGxpbmUgYnJlYWsgdGhhdCBlY2hvIGFuZCBlZGl0b3JzIHB1dCBhdCB0aGUgZW5kLiAqL1xuYXN5bmMgZnVuY3Rpb24gZnJvbUlucHV0KCk6IFByb21pc2U8c3RyaW5nPiB7XG4gIGNvbnN0IGNodW5rczogQnVmZmVyW10gPSBbXTtcbiAgZm9yIGF3YWl0IChjb25zdCBjaHVuayBvZiBwcm9jZXNzLnN0ZGluKSBjaHVua3MucHVzaChjaHVuayBhcyBCdWZmZXIpO1xuICByZXR1cm4gQnVmZmVyLmNvbmNhdChjaHVua3MpXG4gICAgLnRvU3RyaW5nKCd1dGY4JylcbiAgICAucmVwbGFjZSgvXFxyP1xcbiQvLCAnJyk7XG59XG4iLCAiLyoqIGBzZWNyZXRgOiB2YWx1ZXMgdGhhdCBhcmUgbmV2ZXIgcHJpbnRlZCBvciBzaGFyZWQuICovXG5pbXBvcnQgdHlwZSB7IENvbW1hbmRNb2R1bGUgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGxpc3QgfSBmcm9tICcuL2xpc3QuanMnO1xuaW1wb3J0IHsgcmVtb3ZlIH0gZnJvbSAnLi9yZW1vdmUuanMnO1xuaW1wb3J0IHsgc2V0IH0gZnJvbSAnLi9zZXQuanMnO1xuXG5leHBvcnQgY29uc3QgeyBjb25maWd1cmUgfTogQ29tbWFuZE1vZHVsZSA9IHtcbiAgY29uZmlndXJlKGNvbW1hbmQsIHJ1bikge1xuICAgIHNldC5jb25maWd1cmUoXG4gICAgICBjb21tYW5kLmNvbW1hbmQoJ3NldCcpLmRlc2NyaXB0aW9uKCdzdG9yZSBhIHNlY3JldDogZnJvbSBhIGhpZGRlbiBwcm9tcHQsIG9yIGZyb20gc3RhbmRhcmQgaW5wdXQnKSxcbiAgICAgIHJ1bixcbiAgICApO1xuICAgIGxpc3QuY29uZmlndXJlKGNvbW1hbmQuY29tbWFuZCgnbGlzdCcpLmRlc2NyaXB0aW9uKCdsaXN0IHRoZSBuYW1lcyBvZiB0aGUgc3RvcmVkIHNlY3JldHMnKSwgcnVuKTtcbiAgICByZW1vdmUuY29uZmlndXJlKGNvbW1hbmQuY29tbWFuZCgncmVtb3ZlJykuZGVzY3JpcHRpb24oJ3JlbW92ZSBhIHNlY3JldCcpLCBydW4pO1xuICB9LFxufTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQU1PLElBQU0sT0FBc0I7QUFBQSxFQUNqQyxVQUFVLFNBQVMsS0FBSztBQUN0QixZQUFRO0FBQUEsTUFDTixJQUFJLE9BQU8sWUFBWTtBQUNyQixjQUFNLEVBQUUsVUFBVSxLQUFLLElBQUk7QUFDM0IsY0FBTSxhQUFhLE1BQU0sUUFBUSxXQUFXO0FBQzVDLGNBQU0sVUFBVSxNQUFNLFlBQVksV0FBVyxPQUFPLE1BQU0sUUFBUSxHQUFHLEVBQUUsS0FBSztBQUM1RSxZQUFJLFNBQVM7QUFDWCxpQkFBTyxLQUFLLFVBQVUsZUFBZTtBQUFBLFlBQ25DLFNBQVMsUUFBUSxJQUFJLENBQUMsRUFBRSxNQUFNLFlBQVksT0FBTyxFQUFFLE1BQU0sYUFBYSxlQUFlLEtBQUssRUFBRTtBQUFBLFVBQzlGLENBQUM7QUFDSCxZQUFJLFFBQVEsV0FBVyxFQUFHLFVBQVMsS0FBSyxtREFBbUQ7QUFBQTtBQUV6RixtQkFBUztBQUFBLFlBQ1A7QUFBQSxjQUNFLFFBQVEsSUFBSSxDQUFDLEVBQUUsTUFBTSxZQUFZLE1BQU0sQ0FBQyxTQUFTLElBQUksS0FBSyxJQUFJLEdBQUcsZUFBZSxrQkFBa0IsQ0FBQztBQUFBLGNBQ25HO0FBQUEsWUFDRjtBQUFBLFVBQ0Y7QUFDRixlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUNBLGFBQVMsU0FBUyxDQUFDLENBQUMsZUFBZSw2QkFBNkIsQ0FBQyxDQUFDO0FBQUEsRUFDcEU7QUFDRjs7O0FDdkJPLElBQU0sU0FBd0I7QUFBQSxFQUNuQyxVQUFVLFNBQVMsS0FBSztBQUN0QixZQUFRLFNBQVMsVUFBVSxpQkFBaUIsRUFBRTtBQUFBLE1BQzVDLElBQUksT0FBTyxTQUFTLENBQUMsT0FBTyxFQUFFLE1BQU07QUFDbEMsY0FBTSxFQUFFLFVBQVUsU0FBUyxLQUFLLElBQUk7QUFDcEMsY0FBTSxhQUFhLE1BQU0sUUFBUSxXQUFXO0FBQzVDLGNBQU0sY0FBYyxRQUFRLFFBQVEsU0FBWSxTQUFZLGdCQUFnQixZQUFZLFFBQVEsS0FBSyxDQUFDLENBQUMsRUFBRTtBQUN6RyxjQUFNLFFBQVEsWUFBWSxXQUFXLE9BQU8sTUFBTSxRQUFRLEdBQUc7QUFDN0QsWUFBSSxDQUFFLE1BQU0sTUFBTSxPQUFPLE1BQU0sV0FBVyxHQUFJO0FBQzVDLGdCQUFNLFNBQVMsTUFBTSxNQUFNLEtBQUssR0FBRztBQUFBLFlBQUksQ0FBQyxRQUN0QyxJQUFJLGdCQUFnQixTQUFZLElBQUksT0FBTyxHQUFHLElBQUksSUFBSSxVQUFVLElBQUksV0FBVztBQUFBLFVBQ2pGO0FBQ0EsZ0JBQU0sSUFBSSxRQUFRLGtCQUFrQjtBQUFBLFlBQ2xDLE1BQU0sYUFBYSxJQUFJLGtCQUFrQixlQUFlLGtCQUFrQjtBQUFBLFlBQzFFLFFBQVEsWUFBWSxNQUFNLEtBQUs7QUFBQSxVQUNqQyxDQUFDO0FBQUEsUUFDSDtBQUNBLGlCQUFTLEtBQUssV0FBVyxJQUFJLEVBQUU7QUFDL0IsZUFBTztBQUFBLE1BQ1QsQ0FBQztBQUFBLElBQ0g7QUFDQSxhQUFTLFNBQVMsQ0FBQyxDQUFDLDhCQUE4QixnQ0FBZ0MsQ0FBQyxDQUFDO0FBQUEsRUFDdEY7QUFDRjs7O0FDdEJPLElBQU0sTUFBcUI7QUFBQSxFQUNoQyxVQUFVLFNBQVMsS0FBSztBQUN0QixZQUFRLFNBQVMsVUFBVSxzQkFBc0IsRUFBRTtBQUFBLE1BQ2pELElBQUksT0FBTyxTQUFTLENBQUMsT0FBTyxFQUFFLE1BQU07QUFDbEMsY0FBTSxFQUFFLFVBQVUsU0FBUyxLQUFLLElBQUk7QUFDcEMsWUFBSSxDQUFDLDRDQUE0QyxLQUFLLElBQUksR0FBRztBQUMzRCxnQkFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLFlBQ3pCLE1BQU0sR0FBRyxJQUFJO0FBQUEsWUFDYixRQUFRO0FBQUEsVUFDVixDQUFDO0FBQUEsUUFDSDtBQUNBLGNBQU0sYUFBYSxNQUFNLFFBQVEsV0FBVztBQUM1QyxjQUFNLGNBQWMsUUFBUSxRQUFRLFNBQVksU0FBWSxnQkFBZ0IsWUFBWSxRQUFRLEtBQUssQ0FBQyxDQUFDLEVBQUU7QUFDekcsY0FBTSxRQUFRLFNBQVMsY0FDbkIsT0FBTyxNQUFNLE9BQU8sc0JBQXFCLEdBQUcsVUFBVSxJQUFJLElBQzFELE1BQU0sVUFBVTtBQUNwQixZQUFJLFVBQVU7QUFDWixnQkFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLFlBQ3pCLE1BQU07QUFBQSxZQUNOLFFBQVEsMkNBQTJDLElBQUk7QUFBQSxVQUN6RCxDQUFDO0FBQ0gsY0FBTSxRQUFRLGNBQWMsS0FBSztBQUNqQyxZQUFJLE1BQU8sVUFBUyxTQUFTLEdBQUcsU0FBUyxJQUFJLE9BQU8sU0FBUyxDQUFDLGtCQUFrQixJQUFJLGlCQUFpQixLQUFLLEVBQUU7QUFDNUcsY0FBTSxZQUFZLFdBQVcsT0FBTyxNQUFNLFFBQVEsR0FBRyxFQUFFLElBQUksTUFBTSxPQUFPLFdBQVc7QUFDbkYsaUJBQVM7QUFBQSxVQUNQLFVBQVUsSUFBSSxRQUFRLGdCQUFnQixTQUFZLHFCQUFxQixtQkFBbUIsV0FBVyxFQUFFO0FBQUEsUUFDekc7QUFDQSxjQUFNLFdBQVcsZUFBZSxJQUFJO0FBQ3BDLFlBQUksUUFBUSxJQUFJLFFBQVEsTUFBTTtBQUM1QixtQkFBUztBQUFBLFlBQ1AsR0FBRyxTQUFTLElBQUksT0FBTyxTQUFTLENBQUMsS0FBSyxRQUFRO0FBQUEsVUFDaEQ7QUFDRixlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUNBLGFBQVMsU0FBUztBQUFBLE1BQ2hCLENBQUMsMkJBQTJCLDhCQUE4QjtBQUFBLE1BQzFELENBQUMsd0RBQXdELDBDQUEwQztBQUFBLElBQ3JHLENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFHQSxlQUFlLFlBQTZCO0FBQzFDLFFBQU0sU0FBbUIsQ0FBQztBQUMxQixtQkFBaUIsU0FBUyxRQUFRLE1BQU8sUUFBTyxLQUFLLEtBQWU7QUFDcEUsU0FBTyxPQUFPLE9BQU8sTUFBTSxFQUN4QixTQUFTLE1BQU0sRUFDZixRQUFRLFVBQVUsRUFBRTtBQUN6Qjs7O0FDbkRPLElBQU0sRUFBRSxVQUFVLElBQW1CO0FBQUEsRUFDMUMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsUUFBSTtBQUFBLE1BQ0YsUUFBUSxRQUFRLEtBQUssRUFBRSxZQUFZLDhEQUE4RDtBQUFBLE1BQ2pHO0FBQUEsSUFDRjtBQUNBLFNBQUssVUFBVSxRQUFRLFFBQVEsTUFBTSxFQUFFLFlBQVksc0NBQXNDLEdBQUcsR0FBRztBQUMvRixXQUFPLFVBQVUsUUFBUSxRQUFRLFFBQVEsRUFBRSxZQUFZLGlCQUFpQixHQUFHLEdBQUc7QUFBQSxFQUNoRjtBQUNGOyIsCiAgIm5hbWVzIjogW10KfQo=
