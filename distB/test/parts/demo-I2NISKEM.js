import {
  installEditorSchemas,
  packageFolder
} from "./chunk-VSRGCJMR.js";
import {
  wholeNumber
} from "./chunk-E5WEDB6Y.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  startStandin
} from "./chunk-7VNSEZX4.js";
import "./chunk-DQ7YWKYH.js";
import "./chunk-PT2BEWRF.js";
import "./chunk-V5NERUUT.js";
import "./chunk-T4I6LV4Y.js";
import "./chunk-Y4XV6NBT.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import "./chunk-TZ2EJF72.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/cli/commands/demo/serve.ts
import { once } from "node:events";
var usualPort = 4810;
var fleetOffset = 11;
var serve = {
  configure(command, run) {
    command.option("--port <number>", "the port to listen on; 0 for a free one", String(usualPort)).option("--data-seed <number>", "other made-up vessels and berths", "1").action(
      run(async ({ terminal, signal }, _args, { port, dataSeed }) => {
        const standin = await start(
          wholeNumber(port, "--port", { most: 65535 }),
          wholeNumber(dataSeed, "--data-seed", { most: 2 ** 31 })
        );
        const { origin, faces, credentials } = standin;
        if (terminal.json) terminal.print(JSON.stringify({ origin, faces, credentials }));
        else {
          const { out } = terminal;
          terminal.print(`${out.bold("Larkhaven Harbour")}, a made-up vendor, listens on ${out.cyan(origin)}`);
          terminal.print(
            table(
              faces.map(({ name, address, about }) => [out.bold(name), out.cyan(address), about]),
              terminal,
              { indent: 2 }
            )
          );
          terminal.print(
            `  demo credentials: user ${out.bold(credentials.user)}, password ${out.bold(credentials.password)}`
          );
          terminal.note("Ctrl-C ends it");
        }
        if (!signal.aborted) await once(signal, "abort");
        await standin.close();
        return 0;
      })
    );
  }
};
async function start(port, seed) {
  const { startStandin: startStandin2 } = await import("./server-EU4SSJPW.js");
  try {
    return await startStandin2({ port, seed, more: true, fleet: port === 0 ? 0 : port + fleetOffset });
  } catch (error) {
    if (error.code !== "EADDRINUSE") throw error;
    throw new Problem("usage", {
      what: `port ${port} is in use`,
      remedy: "echo-trail demo serve --port 0 takes a free one"
    });
  }
}

// src/cli/commands/demo/walk.ts
import { spawn } from "node:child_process";
import { cp, mkdtemp, readFile, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
var chapters = [
  {
    title: "Read: what does the vendor offer?",
    commands: [
      { args: ["docs", "add", "{origin}/openapi.yaml", "--name", "harbour", "--replace"] },
      { args: ["docs", "find", "book", "berth"] },
      { args: ["docs", "show", "harbour/bookCall"] }
    ]
  },
  {
    title: "Draft: a request file from the documentation",
    commands: [{ args: ["draft", "harbour/showBerth", "--as", "berths/show"] }]
  },
  {
    title: "Connect: an environment, a secret, a session",
    commands: [
      { args: ["env", "show"] },
      { args: ["secret", "set", "deskPassword"], input: "{password}" },
      { args: ["session", "open", "agent"] },
      { args: ["docs", "ask"] }
    ]
  },
  {
    title: "Try: look at what would go out, send it, read what came back",
    commands: [
      { args: ["preview", "calls/book", "--set", "nights=2"] },
      { args: ["send", "berths/show", "--set", "code=N1"] },
      { args: ["send", "calls/book", "--set", "nights=2"] },
      { args: ["send", "calls/cancel"] }
    ]
  },
  {
    title: "Look: the answer as it suits, and where it leads",
    commands: [
      { args: ["send", "berths/free", "--view", "table", "--columns", "code,quay,lengthM", "--most", "4"] },
      { args: ["send", "GET", "/notices", "--header", "Accept: application/xml", "--pick", "//notice/light"] },
      { args: ["send", "GET", "/chart"] },
      { args: ["follow", "2"] },
      { args: ["send", "uploads/cargo-plan"] },
      { args: ["compare", "vessels/show", "data/expected-vessel.json"], fails: true }
    ]
  },
  {
    title: "Explore: the same vendor in GraphQL, SOAP, an older version, and a page for people",
    commands: [
      { args: ["docs", "add", "{origin}/graphql/schema", "--name", "pilots"] },
      { args: ["docs", "add", "{origin}/customs.wsdl", "--name", "customs"] },
      { args: ["docs", "add", "{origin}/v0/openapi.json", "--name", "older"] },
      { args: ["docs", "add", "{origin}/tides/reference.html", "--name", "tides"] },
      { args: ["docs", "tree"] },
      { args: ["docs", "show", "tides/get-tides-station-levels"] },
      { args: ["draft", "pilots/pilot", "--fields", "name,licence,onDuty"] },
      { args: ["send", "queries/pilot", "--set", "id=P1"] },
      { args: ["draft", "customs/Soap11.ReadDeclaration"] },
      { args: ["preview", "customs/soap11-read-declaration", "--set", "number=CD-0001"] }
    ]
  },
  {
    title: "Sign: a seal that the vendor's guide describes in prose, made visible, compared, and taken",
    commands: [
      { args: ["secret", "set", "filingKey"], input: "{filingKey}" },
      { args: ["preview", "manifests/file", "--signature"] },
      {
        args: [
          "preview",
          "manifests/file",
          "--time",
          "2026-03-02T09:30:00Z",
          "--against",
          "/filing/manifests\\nPOST\\nx-office-desk:7\\nx-office-time:20260302T093000Z\\n0e9238a93ecf19d3d56df512d4300b4979232b47d6f321f7cbd1a50f5963d132"
        ],
        fails: true
      },
      { args: ["send", "manifests/file"] }
    ]
  },
  { title: "Check: the whole collection, without sending anything", commands: [{ args: ["check"] }] },
  {
    title: "Walk: from login to clean-up, every step asserted",
    commands: [{ args: ["session", "close", "agent"] }, { args: ["run", "berth-stay"] }]
  },
  {
    title: "Undo: the same trail, made to fail half-way",
    commands: [{ args: ["run", "berth-stay", "--set", "new-nights=40"], fails: true }]
  },
  {
    title: "Harvest: a hundred notices from a board that refuses when it is crowded",
    commands: [{ args: ["run", "notices-harvest"] }]
  },
  {
    title: "Audit: a fleet of light controllers against the settings that they should have",
    commands: [{ args: ["run", "lights-audit", "--env", "fleet", "--matrix"], fails: true }]
  },
  {
    title: "Look back: what was recorded",
    commands: [{ args: ["send", "calls/list", "--pick", "$.total"] }, { args: ["echo", "list", "--most", "8"] }]
  }
];
var walk = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal } = context;
        const standin = await startNearUsual();
        try {
          const folder = await copyCollection(standin);
          const { out } = terminal;
          terminal.print(`${out.bold("Larkhaven Harbour")}, a made-up vendor, listens on ${out.cyan(standin.origin)}`);
          terminal.print(`The demo collection is in ${out.cyan(folder)}`);
          for (const { title, commands } of chapters) {
            terminal.print(`
${out.bold(out.yellow(`\u2500\u2500 ${title}`))}`);
            for (const one of commands) await show(one, folder, standin, context);
          }
          terminal.print(`
${out.bold(out.yellow("\u2500\u2500 Your turn"))}`);
          const port = new URL(standin.origin).port;
          terminal.print(
            [
              `  echo-trail demo serve${port === String(usualPort) ? "" : ` --port ${port}`}      in one terminal`,
              `  cd ${folder}      in another, then:`,
              "  echo-trail list",
              "  echo-trail run register-check",
              "  echo-trail run lights-change",
              "  echo-trail send vessels/list --set name=amber",
              "  echo-trail send vessels/show --set imo=900001"
            ].join("\n")
          );
          return 0;
        } finally {
          await standin.close();
        }
      })
    );
  }
};
async function startNearUsual() {
  try {
    return await startStandin({ port: usualPort, fleet: usualPort + fleetOffset });
  } catch {
    return startStandin({ port: 0, fleet: 0 });
  }
}
async function copyCollection({ origin, controllers }) {
  const folder = join(await mkdtemp(join(tmpdir(), "echo-trail-")), "harbour-agent");
  await cp(join(packageFolder(), "demo/harbour-agent"), folder, { recursive: true });
  const environment = join(folder, "environments/sandbox.yaml");
  await writeFile(environment, (await readFile(environment, "utf8")).replace(`http://127.0.0.1:${usualPort}`, origin));
  const rows = controllers.map(({ name, host }) => `${name},${host},http://${host}
`);
  await writeFile(join(folder, "data/controllers.csv"), `name,host,origin
${rows.join("")}`);
  await writeFile(join(folder, ".gitignore"), ".echo-trail/\n");
  await installEditorSchemas(folder);
  return folder;
}
async function show({ args, input, fails = false }, folder, standin, { terminal, signal }) {
  const fill = (text) => text.replace("{origin}", standin.origin).replace("{password}", standin.credentials.password).replace("{filingKey}", standin.filingKey);
  const words = args.map(fill);
  const typed = words.map((word) => /^[\w./:=-]+$/.test(word) ? word : `'${word}'`).join(" ");
  terminal.print(
    `
${terminal.out.dim("$")} ${terminal.out.bold(`echo-trail ${typed}`)}${input === void 0 ? "" : terminal.out.dim("   # it is typed at a hidden prompt")}`
  );
  const status = await new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [process.argv[1], ...words], {
      cwd: folder,
      stdio: [input === void 0 ? "ignore" : "pipe", "inherit", "inherit"],
      env: {
        ...process.env,
        COLUMNS: String(terminal.width),
        ...terminal.out.isColorSupported && { FORCE_COLOR: "1" }
      },
      signal
    });
    child.stdin?.end(input === void 0 ? "" : fill(input));
    child.on("error", reject);
    child.on("close", (code) => resolve(code ?? 1));
  });
  if (signal.aborted) throw new Problem("interrupted", { what: "interrupted" });
  if (fails !== (status !== 0)) throw new Problem("fault", { what: `echo-trail ${typed} ended with status ${status}` });
}

// src/cli/commands/demo/demo.ts
var { configure } = {
  configure(command, run) {
    walk.configure(command, run);
    serve.configure(command.command("serve").description("run the made-up harbour until Ctrl-C"), run);
    examples(command, [
      ["demo", "reads, drafts, sends, asserts, chains and undoes, with the real commands"],
      ["demo serve --port 4810", "the harbour alone, to try things by hand"]
    ]);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9kZW1vL3NlcnZlLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvZGVtby93YWxrLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvZGVtby9kZW1vLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogYGRlbW8gc2VydmVgOiB0aGUgc3RhbmQtaW4gdmVuZG9yIGluIHRoZSBmb3JlZ3JvdW5kLiAqL1xuaW1wb3J0IHsgb25jZSB9IGZyb20gJ25vZGU6ZXZlbnRzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFN0YW5kaW4gfSBmcm9tICcuLi8uLi8uLi9zdGFuZGluL3NlcnZlci5qcyc7XG5pbXBvcnQgdHlwZSB7IENvbW1hbmRNb2R1bGUgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IHRhYmxlIH0gZnJvbSAnLi4vLi4vdmlldy90YWJsZS5qcyc7XG5pbXBvcnQgeyB3aG9sZU51bWJlciB9IGZyb20gJy4uLy4uL3dob2xlLW51bWJlci5qcyc7XG5cbmV4cG9ydCBjb25zdCB1c3VhbFBvcnQgPSA0ODEwO1xuLyoqIFRoZSBsaWdodCBjb250cm9sbGVycyBsaXN0ZW4gZnJvbSBzbyBtYW55IHBvcnRzIGZ1cnRoZXIgdXAuICovXG5leHBvcnQgY29uc3QgZmxlZXRPZmZzZXQgPSAxMTtcblxuZXhwb3J0IGNvbnN0IHNlcnZlOiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZFxuICAgICAgLm9wdGlvbignLS1wb3J0IDxudW1iZXI+JywgJ3RoZSBwb3J0IHRvIGxpc3RlbiBvbjsgMCBmb3IgYSBmcmVlIG9uZScsIFN0cmluZyh1c3VhbFBvcnQpKVxuICAgICAgLm9wdGlvbignLS1kYXRhLXNlZWQgPG51bWJlcj4nLCAnb3RoZXIgbWFkZS11cCB2ZXNzZWxzIGFuZCBiZXJ0aHMnLCAnMScpXG4gICAgICAuYWN0aW9uKFxuICAgICAgICBydW4oYXN5bmMgKHsgdGVybWluYWwsIHNpZ25hbCB9LCBfYXJncywgeyBwb3J0LCBkYXRhU2VlZCB9KSA9PiB7XG4gICAgICAgICAgY29uc3Qgc3RhbmRpbiA9IGF3YWl0IHN0YXJ0KFxuICAgICAgICAgICAgd2hvbGVOdW1iZXIocG9ydCwgJy0tcG9ydCcsIHsgbW9zdDogNjVfNTM1IH0pLFxuICAgICAgICAgICAgd2hvbGVOdW1iZXIoZGF0YVNlZWQsICctLWRhdGEtc2VlZCcsIHsgbW9zdDogMiAqKiAzMSB9KSxcbiAgICAgICAgICApO1xuICAgICAgICAgIGNvbnN0IHsgb3JpZ2luLCBmYWNlcywgY3JlZGVudGlhbHMgfSA9IHN0YW5kaW47XG4gICAgICAgICAgaWYgKHRlcm1pbmFsLmpzb24pIHRlcm1pbmFsLnByaW50KEpTT04uc3RyaW5naWZ5KHsgb3JpZ2luLCBmYWNlcywgY3JlZGVudGlhbHMgfSkpO1xuICAgICAgICAgIGVsc2Uge1xuICAgICAgICAgICAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICAgICAgICAgICAgdGVybWluYWwucHJpbnQoYCR7b3V0LmJvbGQoJ0xhcmtoYXZlbiBIYXJib3VyJyl9LCBhIG1hZGUtdXAgdmVuZG9yLCBsaXN0ZW5zIG9uICR7b3V0LmN5YW4ob3JpZ2luKX1gKTtcbiAgICAgICAgICAgIHRlcm1pbmFsLnByaW50KFxuICAgICAgICAgICAgICB0YWJsZShcbiAgICAgICAgICAgICAgICBmYWNlcy5tYXAoKHsgbmFtZSwgYWRkcmVzcywgYWJvdXQgfSkgPT4gW291dC5ib2xkKG5hbWUpLCBvdXQuY3lhbihhZGRyZXNzKSwgYWJvdXRdKSxcbiAgICAgICAgICAgICAgICB0ZXJtaW5hbCxcbiAgICAgICAgICAgICAgICB7IGluZGVudDogMiB9LFxuICAgICAgICAgICAgICApLFxuICAgICAgICAgICAgKTtcbiAgICAgICAgICAgIHRlcm1pbmFsLnByaW50KFxuICAgICAgICAgICAgICBgICBkZW1vIGNyZWRlbnRpYWxzOiB1c2VyICR7b3V0LmJvbGQoY3JlZGVudGlhbHMudXNlcil9LCBwYXNzd29yZCAke291dC5ib2xkKGNyZWRlbnRpYWxzLnBhc3N3b3JkKX1gLFxuICAgICAgICAgICAgKTtcbiAgICAgICAgICAgIHRlcm1pbmFsLm5vdGUoJ0N0cmwtQyBlbmRzIGl0Jyk7XG4gICAgICAgICAgfVxuICAgICAgICAgIGlmICghc2lnbmFsLmFib3J0ZWQpIGF3YWl0IG9uY2Uoc2lnbmFsLCAnYWJvcnQnKTtcbiAgICAgICAgICBhd2FpdCBzdGFuZGluLmNsb3NlKCk7XG4gICAgICAgICAgcmV0dXJuIDA7XG4gICAgICAgIH0pLFxuICAgICAgKTtcbiAgfSxcbn07XG5cbmFzeW5jIGZ1bmN0aW9uIHN0YXJ0KHBvcnQ6IG51bWJlciwgc2VlZDogbnVtYmVyKTogUHJvbWlzZTxTdGFuZGluPiB7XG4gIGNvbnN0IHsgc3RhcnRTdGFuZGluIH0gPSBhd2FpdCBpbXBvcnQoJy4uLy4uLy4uL3N0YW5kaW4vc2VydmVyLmpzJyk7XG4gIHRyeSB7XG4gICAgcmV0dXJuIGF3YWl0IHN0YXJ0U3RhbmRpbih7IHBvcnQsIHNlZWQsIG1vcmU6IHRydWUsIGZsZWV0OiBwb3J0ID09PSAwID8gMCA6IHBvcnQgKyBmbGVldE9mZnNldCB9KTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICBpZiAoKGVycm9yIGFzIE5vZGVKUy5FcnJub0V4Y2VwdGlvbikuY29kZSAhPT0gJ0VBRERSSU5VU0UnKSB0aHJvdyBlcnJvcjtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICB3aGF0OiBgcG9ydCAke3BvcnR9IGlzIGluIHVzZWAsXG4gICAgICByZW1lZHk6ICdlY2hvLXRyYWlsIGRlbW8gc2VydmUgLS1wb3J0IDAgdGFrZXMgYSBmcmVlIG9uZScsXG4gICAgfSk7XG4gIH1cbn1cbiIsICIvKiogYGRlbW9gOiB0aGUgd2hvbGUgcGF0aCwgd2l0aCB0aGUgcmVhbCBjb21tYW5kcywgb24gYSBjb3B5IG9mIHRoZSBkZW1vIGNvbGxlY3Rpb24uICovXG5pbXBvcnQgeyBzcGF3biB9IGZyb20gJ25vZGU6Y2hpbGRfcHJvY2Vzcyc7XG5pbXBvcnQgeyBjcCwgbWtkdGVtcCwgcmVhZEZpbGUsIHdyaXRlRmlsZSB9IGZyb20gJ25vZGU6ZnMvcHJvbWlzZXMnO1xuaW1wb3J0IHsgdG1wZGlyIH0gZnJvbSAnbm9kZTpvcyc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0eXBlIFN0YW5kaW4sIHN0YXJ0U3RhbmRpbiB9IGZyb20gJy4uLy4uLy4uL3N0YW5kaW4vc2VydmVyLmpzJztcbmltcG9ydCB0eXBlIHsgQ29tbWFuZE1vZHVsZSB9IGZyb20gJy4uLy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBDb250ZXh0IH0gZnJvbSAnLi4vLi4vY29udGV4dC5qcyc7XG5pbXBvcnQgeyBpbnN0YWxsRWRpdG9yU2NoZW1hcyB9IGZyb20gJy4uLy4uL2VkaXRvci1zY2hlbWFzLmpzJztcbmltcG9ydCB7IHBhY2thZ2VGb2xkZXIgfSBmcm9tICcuLi8uLi9wYWNrYWdlLWZvbGRlci5qcyc7XG5pbXBvcnQgeyBmbGVldE9mZnNldCwgdXN1YWxQb3J0IH0gZnJvbSAnLi9zZXJ2ZS5qcyc7XG5cbi8qKiBXaGF0IGlzIHNob3duLCBpbiB0aGUgb3JkZXIgaW4gd2hpY2ggYW4gZW5naW5lZXIgd29ya3MuICovXG5jb25zdCBjaGFwdGVyczogcmVhZG9ubHkge1xuICByZWFkb25seSB0aXRsZTogc3RyaW5nO1xuICByZWFkb25seSBjb21tYW5kczogcmVhZG9ubHkgeyByZWFkb25seSBhcmdzOiByZWFkb25seSBzdHJpbmdbXTsgcmVhZG9ubHkgaW5wdXQ/OiBzdHJpbmc7IHJlYWRvbmx5IGZhaWxzPzogYm9vbGVhbiB9W107XG59W10gPSBbXG4gIHtcbiAgICB0aXRsZTogJ1JlYWQ6IHdoYXQgZG9lcyB0aGUgdmVuZG9yIG9mZmVyPycsXG4gICAgY29tbWFuZHM6IFtcbiAgICAgIHsgYXJnczogWydkb2NzJywgJ2FkZCcsICd7b3JpZ2lufS9vcGVuYXBpLnlhbWwnLCAnLS1uYW1lJywgJ2hhcmJvdXInLCAnLS1yZXBsYWNlJ10gfSxcbiAgICAgIHsgYXJnczogWydkb2NzJywgJ2ZpbmQnLCAnYm9vaycsICdiZXJ0aCddIH0sXG4gICAgICB7IGFyZ3M6IFsnZG9jcycsICdzaG93JywgJ2hhcmJvdXIvYm9va0NhbGwnXSB9LFxuICAgIF0sXG4gIH0sXG4gIHtcbiAgICB0aXRsZTogJ0RyYWZ0OiBhIHJlcXVlc3QgZmlsZSBmcm9tIHRoZSBkb2N1bWVudGF0aW9uJyxcbiAgICBjb21tYW5kczogW3sgYXJnczogWydkcmFmdCcsICdoYXJib3VyL3Nob3dCZXJ0aCcsICctLWFzJywgJ2JlcnRocy9zaG93J10gfV0sXG4gIH0sXG4gIHtcbiAgICB0aXRsZTogJ0Nvbm5lY3Q6IGFuIGVudmlyb25tZW50LCBhIHNlY3JldCwgYSBzZXNzaW9uJyxcbiAgICBjb21tYW5kczogW1xuICAgICAgeyBhcmdzOiBbJ2VudicsICdzaG93J10gfSxcbiAgICAgIHsgYXJnczogWydzZWNyZXQnLCAnc2V0JywgJ2Rlc2tQYXNzd29yZCddLCBpbnB1dDogJ3twYXNzd29yZH0nIH0sXG4gICAgICB7IGFyZ3M6IFsnc2Vzc2lvbicsICdvcGVuJywgJ2FnZW50J10gfSxcbiAgICAgIHsgYXJnczogWydkb2NzJywgJ2FzayddIH0sXG4gICAgXSxcbiAgfSxcbiAge1xuICAgIHRpdGxlOiAnVHJ5OiBsb29rIGF0IHdoYXQgd291bGQgZ28gb3V0LCBzZW5kIGl0LCByZWFkIHdoYXQgY2FtZSBiYWNrJyxcbiAgICBjb21tYW5kczogW1xuICAgICAgeyBhcmdzOiBbJ3ByZXZpZXcnLCAnY2FsbHMvYm9vaycsICctLXNldCcsICduaWdodHM9MiddIH0sXG4gICAgICB7IGFyZ3M6IFsnc2VuZCcsICdiZXJ0aHMvc2hvdycsICctLXNldCcsICdjb2RlPU4xJ10gfSxcbiAgICAgIHsgYXJnczogWydzZW5kJywgJ2NhbGxzL2Jvb2snLCAnLS1zZXQnLCAnbmlnaHRzPTInXSB9LFxuICAgICAgeyBhcmdzOiBbJ3NlbmQnLCAnY2FsbHMvY2FuY2VsJ10gfSxcbiAgICBdLFxuICB9LFxuICB7XG4gICAgdGl0bGU6ICdMb29rOiB0aGUgYW5zd2VyIGFzIGl0IHN1aXRzLCBhbmQgd2hlcmUgaXQgbGVhZHMnLFxuICAgIGNvbW1hbmRzOiBbXG4gICAgICB7IGFyZ3M6IFsnc2VuZCcsICdiZXJ0aHMvZnJlZScsICctLXZpZXcnLCAndGFibGUnLCAnLS1jb2x1bW5zJywgJ2NvZGUscXVheSxsZW5ndGhNJywgJy0tbW9zdCcsICc0J10gfSxcbiAgICAgIHsgYXJnczogWydzZW5kJywgJ0dFVCcsICcvbm90aWNlcycsICctLWhlYWRlcicsICdBY2NlcHQ6IGFwcGxpY2F0aW9uL3htbCcsICctLXBpY2snLCAnLy9ub3RpY2UvbGlnaHQnXSB9LFxuICAgICAgeyBhcmdzOiBbJ3NlbmQnLCAnR0VUJywgJy9jaGFydCddIH0sXG4gICAgICB7IGFyZ3M6IFsnZm9sbG93JywgJzInXSB9LFxuICAgICAgeyBhcmdzOiBbJ3NlbmQnLCAndXBsb2Fkcy9jYXJnby1wbGFuJ10gfSxcbiAgICAgIHsgYXJnczogWydjb21wYXJlJywgJ3Zlc3NlbHMvc2hvdycsICdkYXRhL2V4cGVjdGVkLXZlc3NlbC5qc29uJ10sIGZhaWxzOiB0cnVlIH0sXG4gICAgXSxcbiAgfSxcbiAge1xuICAgIHRpdGxlOiAnRXhwbG9yZTogdGhlIHNhbWUgdmVuZG9yIGluIEdyYXBoUUwsIFNPQVAsIGFuIG9sZGVyIHZlcnNpb24sIGFuZCBhIHBhZ2UgZm9yIHBlb3BsZScsXG4gICAgY29tbWFuZHM6IFtcbiAgICAgIHsgYXJnczogWydkb2NzJywgJ2FkZCcsICd7b3JpZ2lufS9ncmFwaHFsL3NjaGVtYScsICctLW5hbWUnLCAncGlsb3RzJ10gfSxcbiAgICAgIHsgYXJnczogWydkb2NzJywgJ2FkZCcsICd7b3JpZ2lufS9jdXN0b21zLndzZGwnLCAnLS1uYW1lJywgJ2N1c3RvbXMnXSB9LFxuICAgICAgeyBhcmdzOiBbJ2RvY3MnLCAnYWRkJywgJ3tvcmlnaW59L3YwL29wZW5hcGkuanNvbicsICctLW5hbWUnLCAnb2xkZXInXSB9LFxuICAgICAgeyBhcmdzOiBbJ2RvY3MnLCAnYWRkJywgJ3tvcmlnaW59L3RpZGVzL3JlZmVyZW5jZS5odG1sJywgJy0tbmFtZScsICd0aWRlcyddIH0sXG4gICAgICB7IGFyZ3M6IFsnZG9jcycsICd0cmVlJ10gfSxcbiAgICAgIHsgYXJnczogWydkb2NzJywgJ3Nob3cnLCAndGlkZXMvZ2V0LXRpZGVzLXN0YXRpb24tbGV2ZWxzJ10gfSxcbiAgICAgIHsgYXJnczogWydkcmFmdCcsICdwaWxvdHMvcGlsb3QnLCAnLS1maWVsZHMnLCAnbmFtZSxsaWNlbmNlLG9uRHV0eSddIH0sXG4gICAgICB7IGFyZ3M6IFsnc2VuZCcsICdxdWVyaWVzL3BpbG90JywgJy0tc2V0JywgJ2lkPVAxJ10gfSxcbiAgICAgIHsgYXJnczogWydkcmFmdCcsICdjdXN0b21zL1NvYXAxMS5SZWFkRGVjbGFyYXRpb24nXSB9LFxuICAgICAgeyBhcmdzOiBbJ3ByZXZpZXcnLCAnY3VzdG9tcy9zb2FwMTEtcmVhZC1kZWNsYXJhdGlvbicsICctLXNldCcsICdudW1iZXI9Q0QtMDAwMSddIH0sXG4gICAgXSxcbiAgfSxcbiAge1xuICAgIHRpdGxlOiBcIlNpZ246IGEgc2VhbCB0aGF0IHRoZSB2ZW5kb3IncyBndWlkZSBkZXNjcmliZXMgaW4gcHJvc2UsIG1hZGUgdmlzaWJsZSwgY29tcGFyZWQsIGFuZCB0YWtlblwiLFxuICAgIGNvbW1hbmRzOiBbXG4gICAgICB7IGFyZ3M6IFsnc2VjcmV0JywgJ3NldCcsICdmaWxpbmdLZXknXSwgaW5wdXQ6ICd7ZmlsaW5nS2V5fScgfSxcbiAgICAgIHsgYXJnczogWydwcmV2aWV3JywgJ21hbmlmZXN0cy9maWxlJywgJy0tc2lnbmF0dXJlJ10gfSxcbiAgICAgIHtcbiAgICAgICAgYXJnczogW1xuICAgICAgICAgICdwcmV2aWV3JyxcbiAgICAgICAgICAnbWFuaWZlc3RzL2ZpbGUnLFxuICAgICAgICAgICctLXRpbWUnLFxuICAgICAgICAgICcyMDI2LTAzLTAyVDA5OjMwOjAwWicsXG4gICAgICAgICAgJy0tYWdhaW5zdCcsXG4gICAgICAgICAgJy9maWxpbmcvbWFuaWZlc3RzXFxcXG5QT1NUXFxcXG54LW9mZmljZS1kZXNrOjdcXFxcbngtb2ZmaWNlLXRpbWU6MjAyNjAzMDJUMDkzMDAwWlxcXFxuMGU5MjM4YTkzZWNmMTlkM2Q1NmRmNTEyZDQzMDBiNDk3OTIzMmI0N2Q2ZjMyMWY3Y2JkMWE1MGY1OTYzZDEzMicsXG4gICAgICAgIF0sXG4gICAgICAgIGZhaWxzOiB0cnVlLFxuICAgICAgfSxcbiAgICAgIHsgYXJnczogWydzZW5kJywgJ21hbmlmZXN0cy9maWxlJ10gfSxcbiAgICBdLFxuICB9LFxuICB7IHRpdGxlOiAnQ2hlY2s6IHRoZSB3aG9sZSBjb2xsZWN0aW9uLCB3aXRob3V0IHNlbmRpbmcgYW55dGhpbmcnLCBjb21tYW5kczogW3sgYXJnczogWydjaGVjayddIH1dIH0sXG4gIHtcbiAgICB0aXRsZTogJ1dhbGs6IGZyb20gbG9naW4gdG8gY2xlYW4tdXAsIGV2ZXJ5IHN0ZXAgYXNzZXJ0ZWQnLFxuICAgIGNvbW1hbmRzOiBbeyBhcmdzOiBbJ3Nlc3Npb24nLCAnY2xvc2UnLCAnYWdlbnQnXSB9LCB7IGFyZ3M6IFsncnVuJywgJ2JlcnRoLXN0YXknXSB9XSxcbiAgfSxcbiAge1xuICAgIHRpdGxlOiAnVW5kbzogdGhlIHNhbWUgdHJhaWwsIG1hZGUgdG8gZmFpbCBoYWxmLXdheScsXG4gICAgY29tbWFuZHM6IFt7IGFyZ3M6IFsncnVuJywgJ2JlcnRoLXN0YXknLCAnLS1zZXQnLCAnbmV3LW5pZ2h0cz00MCddLCBmYWlsczogdHJ1ZSB9XSxcbiAgfSxcbiAge1xuICAgIHRpdGxlOiAnSGFydmVzdDogYSBodW5kcmVkIG5vdGljZXMgZnJvbSBhIGJvYXJkIHRoYXQgcmVmdXNlcyB3aGVuIGl0IGlzIGNyb3dkZWQnLFxuICAgIGNvbW1hbmRzOiBbeyBhcmdzOiBbJ3J1bicsICdub3RpY2VzLWhhcnZlc3QnXSB9XSxcbiAgfSxcbiAge1xuICAgIHRpdGxlOiAnQXVkaXQ6IGEgZmxlZXQgb2YgbGlnaHQgY29udHJvbGxlcnMgYWdhaW5zdCB0aGUgc2V0dGluZ3MgdGhhdCB0aGV5IHNob3VsZCBoYXZlJyxcbiAgICBjb21tYW5kczogW3sgYXJnczogWydydW4nLCAnbGlnaHRzLWF1ZGl0JywgJy0tZW52JywgJ2ZsZWV0JywgJy0tbWF0cml4J10sIGZhaWxzOiB0cnVlIH1dLFxuICB9LFxuICB7XG4gICAgdGl0bGU6ICdMb29rIGJhY2s6IHdoYXQgd2FzIHJlY29yZGVkJyxcbiAgICBjb21tYW5kczogW3sgYXJnczogWydzZW5kJywgJ2NhbGxzL2xpc3QnLCAnLS1waWNrJywgJyQudG90YWwnXSB9LCB7IGFyZ3M6IFsnZWNobycsICdsaXN0JywgJy0tbW9zdCcsICc4J10gfV0sXG4gIH0sXG5dO1xuXG5leHBvcnQgY29uc3Qgd2FsazogQ29tbWFuZE1vZHVsZSA9IHtcbiAgY29uZmlndXJlKGNvbW1hbmQsIHJ1bikge1xuICAgIGNvbW1hbmQuYWN0aW9uKFxuICAgICAgcnVuKGFzeW5jIChjb250ZXh0KSA9PiB7XG4gICAgICAgIGNvbnN0IHsgdGVybWluYWwgfSA9IGNvbnRleHQ7XG4gICAgICAgIGNvbnN0IHN0YW5kaW4gPSBhd2FpdCBzdGFydE5lYXJVc3VhbCgpO1xuICAgICAgICB0cnkge1xuICAgICAgICAgIGNvbnN0IGZvbGRlciA9IGF3YWl0IGNvcHlDb2xsZWN0aW9uKHN0YW5kaW4pO1xuICAgICAgICAgIGNvbnN0IHsgb3V0IH0gPSB0ZXJtaW5hbDtcbiAgICAgICAgICB0ZXJtaW5hbC5wcmludChgJHtvdXQuYm9sZCgnTGFya2hhdmVuIEhhcmJvdXInKX0sIGEgbWFkZS11cCB2ZW5kb3IsIGxpc3RlbnMgb24gJHtvdXQuY3lhbihzdGFuZGluLm9yaWdpbil9YCk7XG4gICAgICAgICAgdGVybWluYWwucHJpbnQoYFRoZSBkZW1vIGNvbGxlY3Rpb24gaXMgaW4gJHtvdXQuY3lhbihmb2xkZXIpfWApO1xuICAgICAgICAgIGZvciAoY29uc3QgeyB0aXRsZSwgY29tbWFuZHMgfSBvZiBjaGFwdGVycykge1xuICAgICAgICAgICAgdGVybWluYWwucHJpbnQoYFxcbiR7b3V0LmJvbGQob3V0LnllbGxvdyhgXHUyNTAwXHUyNTAwICR7dGl0bGV9YCkpfWApO1xuICAgICAgICAgICAgZm9yIChjb25zdCBvbmUgb2YgY29tbWFuZHMpIGF3YWl0IHNob3cob25lLCBmb2xkZXIsIHN0YW5kaW4sIGNvbnRleHQpO1xuICAgICAgICAgIH1cbiAgICAgICAgICB0ZXJtaW5hbC5wcmludChgXFxuJHtvdXQuYm9sZChvdXQueWVsbG93KCdcdTI1MDBcdTI1MDAgWW91ciB0dXJuJykpfWApO1xuICAgICAgICAgIGNvbnN0IHBvcnQgPSBuZXcgVVJMKHN0YW5kaW4ub3JpZ2luKS5wb3J0O1xuICAgICAgICAgIHRlcm1pbmFsLnByaW50KFxuICAgICAgICAgICAgW1xuICAgICAgICAgICAgICBgICBlY2hvLXRyYWlsIGRlbW8gc2VydmUke3BvcnQgPT09IFN0cmluZyh1c3VhbFBvcnQpID8gJycgOiBgIC0tcG9ydCAke3BvcnR9YH0gICAgICBpbiBvbmUgdGVybWluYWxgLFxuICAgICAgICAgICAgICBgICBjZCAke2ZvbGRlcn0gICAgICBpbiBhbm90aGVyLCB0aGVuOmAsXG4gICAgICAgICAgICAgICcgIGVjaG8tdHJhaWwgbGlzdCcsXG4gICAgICAgICAgICAgICcgIGVjaG8tdHJhaWwgcnVuIHJlZ2lzdGVyLWNoZWNrJyxcbiAgICAgICAgICAgICAgJyAgZWNoby10cmFpbCBydW4gbGlnaHRzLWNoYW5nZScsXG4gICAgICAgICAgICAgICcgIGVjaG8tdHJhaWwgc2VuZCB2ZXNzZWxzL2xpc3QgLS1zZXQgbmFtZT1hbWJlcicsXG4gICAgICAgICAgICAgICcgIGVjaG8tdHJhaWwgc2VuZCB2ZXNzZWxzL3Nob3cgLS1zZXQgaW1vPTkwMDAwMScsXG4gICAgICAgICAgICBdLmpvaW4oJ1xcbicpLFxuICAgICAgICAgICk7XG4gICAgICAgICAgcmV0dXJuIDA7XG4gICAgICAgIH0gZmluYWxseSB7XG4gICAgICAgICAgYXdhaXQgc3RhbmRpbi5jbG9zZSgpO1xuICAgICAgICB9XG4gICAgICB9KSxcbiAgICApO1xuICB9LFxufTtcblxuLyoqIE9uIHRoZSB1c3VhbCBwb3J0LCBzbyB0aGF0IHdoYXQgaXMgdHJpZWQgYWZ0ZXJ3YXJkcyBuZWVkcyBubyBvcHRpb247IGVsc2Ugb24gYSBmcmVlIG9uZS4gKi9cbmFzeW5jIGZ1bmN0aW9uIHN0YXJ0TmVhclVzdWFsKCk6IFByb21pc2U8U3RhbmRpbj4ge1xuICB0cnkge1xuICAgIHJldHVybiBhd2FpdCBzdGFydFN0YW5kaW4oeyBwb3J0OiB1c3VhbFBvcnQsIGZsZWV0OiB1c3VhbFBvcnQgKyBmbGVldE9mZnNldCB9KTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIHN0YXJ0U3RhbmRpbih7IHBvcnQ6IDAsIGZsZWV0OiAwIH0pO1xuICB9XG59XG5cbmFzeW5jIGZ1bmN0aW9uIGNvcHlDb2xsZWN0aW9uKHsgb3JpZ2luLCBjb250cm9sbGVycyB9OiBTdGFuZGluKTogUHJvbWlzZTxzdHJpbmc+IHtcbiAgY29uc3QgZm9sZGVyID0gam9pbihhd2FpdCBta2R0ZW1wKGpvaW4odG1wZGlyKCksICdlY2hvLXRyYWlsLScpKSwgJ2hhcmJvdXItYWdlbnQnKTtcbiAgYXdhaXQgY3Aoam9pbihwYWNrYWdlRm9sZGVyKCksICdkZW1vL2hhcmJvdXItYWdlbnQnKSwgZm9sZGVyLCB7IHJlY3Vyc2l2ZTogdHJ1ZSB9KTtcbiAgY29uc3QgZW52aXJvbm1lbnQgPSBqb2luKGZvbGRlciwgJ2Vudmlyb25tZW50cy9zYW5kYm94LnlhbWwnKTtcbiAgYXdhaXQgd3JpdGVGaWxlKGVudmlyb25tZW50LCAoYXdhaXQgcmVhZEZpbGUoZW52aXJvbm1lbnQsICd1dGY4JykpLnJlcGxhY2UoYGh0dHA6Ly8xMjcuMC4wLjE6JHt1c3VhbFBvcnR9YCwgb3JpZ2luKSk7XG4gIGNvbnN0IHJvd3MgPSBjb250cm9sbGVycy5tYXAoKHsgbmFtZSwgaG9zdCB9KSA9PiBgJHtuYW1lfSwke2hvc3R9LGh0dHA6Ly8ke2hvc3R9XFxuYCk7XG4gIGF3YWl0IHdyaXRlRmlsZShqb2luKGZvbGRlciwgJ2RhdGEvY29udHJvbGxlcnMuY3N2JyksIGBuYW1lLGhvc3Qsb3JpZ2luXFxuJHtyb3dzLmpvaW4oJycpfWApO1xuICBhd2FpdCB3cml0ZUZpbGUoam9pbihmb2xkZXIsICcuZ2l0aWdub3JlJyksICcuZWNoby10cmFpbC9cXG4nKTtcbiAgYXdhaXQgaW5zdGFsbEVkaXRvclNjaGVtYXMoZm9sZGVyKTtcbiAgcmV0dXJuIGZvbGRlcjtcbn1cblxudHlwZSBTaG93biA9ICh0eXBlb2YgY2hhcHRlcnMpW251bWJlcl1bJ2NvbW1hbmRzJ11bbnVtYmVyXTtcblxuLyoqIFByaW50cyBhIGNvbW1hbmQgYXMgb25lIHdvdWxkIHR5cGUgaXQsIHRoZW4gcnVucyBpdC4gKi9cbmFzeW5jIGZ1bmN0aW9uIHNob3coXG4gIHsgYXJncywgaW5wdXQsIGZhaWxzID0gZmFsc2UgfTogU2hvd24sXG4gIGZvbGRlcjogc3RyaW5nLFxuICBzdGFuZGluOiBTdGFuZGluLFxuICB7IHRlcm1pbmFsLCBzaWduYWwgfTogQ29udGV4dCxcbik6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCBmaWxsID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PlxuICAgIHRleHRcbiAgICAgIC5yZXBsYWNlKCd7b3JpZ2lufScsIHN0YW5kaW4ub3JpZ2luKVxuICAgICAgLnJlcGxhY2UoJ3twYXNzd29yZH0nLCBzdGFuZGluLmNyZWRlbnRpYWxzLnBhc3N3b3JkKVxuICAgICAgLnJlcGxhY2UoJ3tmaWxpbmdLZXl9Jywgc3RhbmRpbi5maWxpbmdLZXkpO1xuICBjb25zdCB3b3JkcyA9IGFyZ3MubWFwKGZpbGwpO1xuICBjb25zdCB0eXBlZCA9IHdvcmRzLm1hcCgod29yZCkgPT4gKC9eW1xcdy4vOj0tXSskLy50ZXN0KHdvcmQpID8gd29yZCA6IGAnJHt3b3JkfSdgKSkuam9pbignICcpO1xuICB0ZXJtaW5hbC5wcmludChcbiAgICBgXFxuJHt0ZXJtaW5hbC5vdXQuZGltKCckJyl9ICR7dGVybWluYWwub3V0LmJvbGQoYGVjaG8tdHJhaWwgJHt0eXBlZH1gKX0ke2lucHV0ID09PSB1bmRlZmluZWQgPyAnJyA6IHRlcm1pbmFsLm91dC5kaW0oJyAgICMgaXQgaXMgdHlwZWQgYXQgYSBoaWRkZW4gcHJvbXB0Jyl9YCxcbiAgKTtcbiAgY29uc3Qgc3RhdHVzID0gYXdhaXQgbmV3IFByb21pc2U8bnVtYmVyPigocmVzb2x2ZSwgcmVqZWN0KSA9PiB7XG4gICAgY29uc3QgY2hpbGQgPSBzcGF3bihwcm9jZXNzLmV4ZWNQYXRoLCBbcHJvY2Vzcy5hcmd2WzFdIGFzIHN0cmluZywgLi4ud29yZHNdLCB7XG4gICAgICBjd2Q6IGZvbGRlcixcbiAgICAgIHN0ZGlvOiBbaW5wdXQgPT09IHVuZGVmaW5lZCA/ICdpZ25vcmUnIDogJ3BpcGUnLCAnaW5oZXJpdCcsICdpbmhlcml0J10sXG4gICAgICBlbnY6IHtcbiAgICAgICAgLi4ucHJvY2Vzcy5lbnYsXG4gICAgICAgIENPTFVNTlM6IFN0cmluZyh0ZXJtaW5hbC53aWR0aCksXG4gICAgICAgIC4uLih0ZXJtaW5hbC5vdXQuaXNDb2xvclN1cHBvcnRlZCAmJiB7IEZPUkNFX0NPTE9SOiAnMScgfSksXG4gICAgICB9LFxuICAgICAgc2lnbmFsLFxuICAgIH0pO1xuICAgIGNoaWxkLnN0ZGluPy5lbmQoaW5wdXQgPT09IHVuZGVmaW5lZCA/ICcnIDogZmlsbChpbnB1dCkpO1xuICAgIGNoaWxkLm9uKCdlcnJvcicsIHJlamVjdCk7XG4gICAgY2hpbGQub24oJ2Nsb3NlJywgKGNvZGUpID0+IHJlc29sdmUoY29kZSA/PyAxKSk7XG4gIH0pO1xuICBpZiAoc2lnbmFsLmFib3J0ZWQpIHRocm93IG5ldyBQcm9ibGVtKCdpbnRlcnJ1cHRlZCcsIHsgd2hhdDogJ2ludGVycnVwdGVkJyB9KTtcbiAgaWYgKGZhaWxzICE9PSAoc3RhdHVzICE9PSAwKSkgdGhyb3cgbmV3IFByb2JsZW0oJ2ZhdWx0JywgeyB3aGF0OiBgZWNoby10cmFpbCAke3R5cGVkfSBlbmRlZCB3aXRoIHN0YXR1cyAke3N0YXR1c31gIH0pO1xufVxuIiwgIi8qKiBgZGVtb2A6IGV2ZXJ5dGhpbmcsIGFnYWluc3QgYSBtYWRlLXVwIGhhcmJvdXIuICovXG5pbXBvcnQgdHlwZSB7IENvbW1hbmRNb2R1bGUgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGV4YW1wbGVzIH0gZnJvbSAnLi4vLi4vY29tbWFuZC5qcyc7XG5pbXBvcnQgeyBzZXJ2ZSB9IGZyb20gJy4vc2VydmUuanMnO1xuaW1wb3J0IHsgd2FsayB9IGZyb20gJy4vd2Fsay5qcyc7XG5cbmV4cG9ydCBjb25zdCB7IGNvbmZpZ3VyZSB9OiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgd2Fsay5jb25maWd1cmUoY29tbWFuZCwgcnVuKTtcbiAgICBzZXJ2ZS5jb25maWd1cmUoY29tbWFuZC5jb21tYW5kKCdzZXJ2ZScpLmRlc2NyaXB0aW9uKCdydW4gdGhlIG1hZGUtdXAgaGFyYm91ciB1bnRpbCBDdHJsLUMnKSwgcnVuKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbXG4gICAgICBbJ2RlbW8nLCAncmVhZHMsIGRyYWZ0cywgc2VuZHMsIGFzc2VydHMsIGNoYWlucyBhbmQgdW5kb2VzLCB3aXRoIHRoZSByZWFsIGNvbW1hbmRzJ10sXG4gICAgICBbJ2RlbW8gc2VydmUgLS1wb3J0IDQ4MTAnLCAndGhlIGhhcmJvdXIgYWxvbmUsIHRvIHRyeSB0aGluZ3MgYnkgaGFuZCddLFxuICAgIF0pO1xuICB9LFxufTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLFNBQVMsWUFBWTtBQU9kLElBQU0sWUFBWTtBQUVsQixJQUFNLGNBQWM7QUFFcEIsSUFBTSxRQUF1QjtBQUFBLEVBQ2xDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQ0csT0FBTyxtQkFBbUIsMkNBQTJDLE9BQU8sU0FBUyxDQUFDLEVBQ3RGLE9BQU8sd0JBQXdCLG9DQUFvQyxHQUFHLEVBQ3RFO0FBQUEsTUFDQyxJQUFJLE9BQU8sRUFBRSxVQUFVLE9BQU8sR0FBRyxPQUFPLEVBQUUsTUFBTSxTQUFTLE1BQU07QUFDN0QsY0FBTSxVQUFVLE1BQU07QUFBQSxVQUNwQixZQUFZLE1BQU0sVUFBVSxFQUFFLE1BQU0sTUFBTyxDQUFDO0FBQUEsVUFDNUMsWUFBWSxVQUFVLGVBQWUsRUFBRSxNQUFNLEtBQUssR0FBRyxDQUFDO0FBQUEsUUFDeEQ7QUFDQSxjQUFNLEVBQUUsUUFBUSxPQUFPLFlBQVksSUFBSTtBQUN2QyxZQUFJLFNBQVMsS0FBTSxVQUFTLE1BQU0sS0FBSyxVQUFVLEVBQUUsUUFBUSxPQUFPLFlBQVksQ0FBQyxDQUFDO0FBQUEsYUFDM0U7QUFDSCxnQkFBTSxFQUFFLElBQUksSUFBSTtBQUNoQixtQkFBUyxNQUFNLEdBQUcsSUFBSSxLQUFLLG1CQUFtQixDQUFDLGtDQUFrQyxJQUFJLEtBQUssTUFBTSxDQUFDLEVBQUU7QUFDbkcsbUJBQVM7QUFBQSxZQUNQO0FBQUEsY0FDRSxNQUFNLElBQUksQ0FBQyxFQUFFLE1BQU0sU0FBUyxNQUFNLE1BQU0sQ0FBQyxJQUFJLEtBQUssSUFBSSxHQUFHLElBQUksS0FBSyxPQUFPLEdBQUcsS0FBSyxDQUFDO0FBQUEsY0FDbEY7QUFBQSxjQUNBLEVBQUUsUUFBUSxFQUFFO0FBQUEsWUFDZDtBQUFBLFVBQ0Y7QUFDQSxtQkFBUztBQUFBLFlBQ1AsNEJBQTRCLElBQUksS0FBSyxZQUFZLElBQUksQ0FBQyxjQUFjLElBQUksS0FBSyxZQUFZLFFBQVEsQ0FBQztBQUFBLFVBQ3BHO0FBQ0EsbUJBQVMsS0FBSyxnQkFBZ0I7QUFBQSxRQUNoQztBQUNBLFlBQUksQ0FBQyxPQUFPLFFBQVMsT0FBTSxLQUFLLFFBQVEsT0FBTztBQUMvQyxjQUFNLFFBQVEsTUFBTTtBQUNwQixlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUFBLEVBQ0o7QUFDRjtBQUVBLGVBQWUsTUFBTSxNQUFjLE1BQWdDO0FBQ2pFLFFBQU0sRUFBRSxjQUFBQSxjQUFhLElBQUksTUFBTSxPQUFPLHNCQUE0QjtBQUNsRSxNQUFJO0FBQ0YsV0FBTyxNQUFNQSxjQUFhLEVBQUUsTUFBTSxNQUFNLE1BQU0sTUFBTSxPQUFPLFNBQVMsSUFBSSxJQUFJLE9BQU8sWUFBWSxDQUFDO0FBQUEsRUFDbEcsU0FBUyxPQUFPO0FBQ2QsUUFBSyxNQUFnQyxTQUFTLGFBQWMsT0FBTTtBQUNsRSxVQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsTUFDekIsTUFBTSxRQUFRLElBQUk7QUFBQSxNQUNsQixRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNGOzs7QUMxREEsU0FBUyxhQUFhO0FBQ3RCLFNBQVMsSUFBSSxTQUFTLFVBQVUsaUJBQWlCO0FBQ2pELFNBQVMsY0FBYztBQUN2QixTQUFTLFlBQVk7QUFVckIsSUFBTSxXQUdBO0FBQUEsRUFDSjtBQUFBLElBQ0UsT0FBTztBQUFBLElBQ1AsVUFBVTtBQUFBLE1BQ1IsRUFBRSxNQUFNLENBQUMsUUFBUSxPQUFPLHlCQUF5QixVQUFVLFdBQVcsV0FBVyxFQUFFO0FBQUEsTUFDbkYsRUFBRSxNQUFNLENBQUMsUUFBUSxRQUFRLFFBQVEsT0FBTyxFQUFFO0FBQUEsTUFDMUMsRUFBRSxNQUFNLENBQUMsUUFBUSxRQUFRLGtCQUFrQixFQUFFO0FBQUEsSUFDL0M7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0UsT0FBTztBQUFBLElBQ1AsVUFBVSxDQUFDLEVBQUUsTUFBTSxDQUFDLFNBQVMscUJBQXFCLFFBQVEsYUFBYSxFQUFFLENBQUM7QUFBQSxFQUM1RTtBQUFBLEVBQ0E7QUFBQSxJQUNFLE9BQU87QUFBQSxJQUNQLFVBQVU7QUFBQSxNQUNSLEVBQUUsTUFBTSxDQUFDLE9BQU8sTUFBTSxFQUFFO0FBQUEsTUFDeEIsRUFBRSxNQUFNLENBQUMsVUFBVSxPQUFPLGNBQWMsR0FBRyxPQUFPLGFBQWE7QUFBQSxNQUMvRCxFQUFFLE1BQU0sQ0FBQyxXQUFXLFFBQVEsT0FBTyxFQUFFO0FBQUEsTUFDckMsRUFBRSxNQUFNLENBQUMsUUFBUSxLQUFLLEVBQUU7QUFBQSxJQUMxQjtBQUFBLEVBQ0Y7QUFBQSxFQUNBO0FBQUEsSUFDRSxPQUFPO0FBQUEsSUFDUCxVQUFVO0FBQUEsTUFDUixFQUFFLE1BQU0sQ0FBQyxXQUFXLGNBQWMsU0FBUyxVQUFVLEVBQUU7QUFBQSxNQUN2RCxFQUFFLE1BQU0sQ0FBQyxRQUFRLGVBQWUsU0FBUyxTQUFTLEVBQUU7QUFBQSxNQUNwRCxFQUFFLE1BQU0sQ0FBQyxRQUFRLGNBQWMsU0FBUyxVQUFVLEVBQUU7QUFBQSxNQUNwRCxFQUFFLE1BQU0sQ0FBQyxRQUFRLGNBQWMsRUFBRTtBQUFBLElBQ25DO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE9BQU87QUFBQSxJQUNQLFVBQVU7QUFBQSxNQUNSLEVBQUUsTUFBTSxDQUFDLFFBQVEsZUFBZSxVQUFVLFNBQVMsYUFBYSxxQkFBcUIsVUFBVSxHQUFHLEVBQUU7QUFBQSxNQUNwRyxFQUFFLE1BQU0sQ0FBQyxRQUFRLE9BQU8sWUFBWSxZQUFZLDJCQUEyQixVQUFVLGdCQUFnQixFQUFFO0FBQUEsTUFDdkcsRUFBRSxNQUFNLENBQUMsUUFBUSxPQUFPLFFBQVEsRUFBRTtBQUFBLE1BQ2xDLEVBQUUsTUFBTSxDQUFDLFVBQVUsR0FBRyxFQUFFO0FBQUEsTUFDeEIsRUFBRSxNQUFNLENBQUMsUUFBUSxvQkFBb0IsRUFBRTtBQUFBLE1BQ3ZDLEVBQUUsTUFBTSxDQUFDLFdBQVcsZ0JBQWdCLDJCQUEyQixHQUFHLE9BQU8sS0FBSztBQUFBLElBQ2hGO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE9BQU87QUFBQSxJQUNQLFVBQVU7QUFBQSxNQUNSLEVBQUUsTUFBTSxDQUFDLFFBQVEsT0FBTywyQkFBMkIsVUFBVSxRQUFRLEVBQUU7QUFBQSxNQUN2RSxFQUFFLE1BQU0sQ0FBQyxRQUFRLE9BQU8seUJBQXlCLFVBQVUsU0FBUyxFQUFFO0FBQUEsTUFDdEUsRUFBRSxNQUFNLENBQUMsUUFBUSxPQUFPLDRCQUE0QixVQUFVLE9BQU8sRUFBRTtBQUFBLE1BQ3ZFLEVBQUUsTUFBTSxDQUFDLFFBQVEsT0FBTyxpQ0FBaUMsVUFBVSxPQUFPLEVBQUU7QUFBQSxNQUM1RSxFQUFFLE1BQU0sQ0FBQyxRQUFRLE1BQU0sRUFBRTtBQUFBLE1BQ3pCLEVBQUUsTUFBTSxDQUFDLFFBQVEsUUFBUSxnQ0FBZ0MsRUFBRTtBQUFBLE1BQzNELEVBQUUsTUFBTSxDQUFDLFNBQVMsZ0JBQWdCLFlBQVkscUJBQXFCLEVBQUU7QUFBQSxNQUNyRSxFQUFFLE1BQU0sQ0FBQyxRQUFRLGlCQUFpQixTQUFTLE9BQU8sRUFBRTtBQUFBLE1BQ3BELEVBQUUsTUFBTSxDQUFDLFNBQVMsZ0NBQWdDLEVBQUU7QUFBQSxNQUNwRCxFQUFFLE1BQU0sQ0FBQyxXQUFXLG1DQUFtQyxTQUFTLGdCQUFnQixFQUFFO0FBQUEsSUFDcEY7QUFBQSxFQUNGO0FBQUEsRUFDQTtBQUFBLElBQ0UsT0FBTztBQUFBLElBQ1AsVUFBVTtBQUFBLE1BQ1IsRUFBRSxNQUFNLENBQUMsVUFBVSxPQUFPLFdBQVcsR0FBRyxPQUFPLGNBQWM7QUFBQSxNQUM3RCxFQUFFLE1BQU0sQ0FBQyxXQUFXLGtCQUFrQixhQUFhLEVBQUU7QUFBQSxNQUNyRDtBQUFBLFFBQ0UsTUFBTTtBQUFBLFVBQ0o7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFVBQ0E7QUFBQSxVQUNBO0FBQUEsVUFDQTtBQUFBLFFBQ0Y7QUFBQSxRQUNBLE9BQU87QUFBQSxNQUNUO0FBQUEsTUFDQSxFQUFFLE1BQU0sQ0FBQyxRQUFRLGdCQUFnQixFQUFFO0FBQUEsSUFDckM7QUFBQSxFQUNGO0FBQUEsRUFDQSxFQUFFLE9BQU8seURBQXlELFVBQVUsQ0FBQyxFQUFFLE1BQU0sQ0FBQyxPQUFPLEVBQUUsQ0FBQyxFQUFFO0FBQUEsRUFDbEc7QUFBQSxJQUNFLE9BQU87QUFBQSxJQUNQLFVBQVUsQ0FBQyxFQUFFLE1BQU0sQ0FBQyxXQUFXLFNBQVMsT0FBTyxFQUFFLEdBQUcsRUFBRSxNQUFNLENBQUMsT0FBTyxZQUFZLEVBQUUsQ0FBQztBQUFBLEVBQ3JGO0FBQUEsRUFDQTtBQUFBLElBQ0UsT0FBTztBQUFBLElBQ1AsVUFBVSxDQUFDLEVBQUUsTUFBTSxDQUFDLE9BQU8sY0FBYyxTQUFTLGVBQWUsR0FBRyxPQUFPLEtBQUssQ0FBQztBQUFBLEVBQ25GO0FBQUEsRUFDQTtBQUFBLElBQ0UsT0FBTztBQUFBLElBQ1AsVUFBVSxDQUFDLEVBQUUsTUFBTSxDQUFDLE9BQU8saUJBQWlCLEVBQUUsQ0FBQztBQUFBLEVBQ2pEO0FBQUEsRUFDQTtBQUFBLElBQ0UsT0FBTztBQUFBLElBQ1AsVUFBVSxDQUFDLEVBQUUsTUFBTSxDQUFDLE9BQU8sZ0JBQWdCLFNBQVMsU0FBUyxVQUFVLEdBQUcsT0FBTyxLQUFLLENBQUM7QUFBQSxFQUN6RjtBQUFBLEVBQ0E7QUFBQSxJQUNFLE9BQU87QUFBQSxJQUNQLFVBQVUsQ0FBQyxFQUFFLE1BQU0sQ0FBQyxRQUFRLGNBQWMsVUFBVSxTQUFTLEVBQUUsR0FBRyxFQUFFLE1BQU0sQ0FBQyxRQUFRLFFBQVEsVUFBVSxHQUFHLEVBQUUsQ0FBQztBQUFBLEVBQzdHO0FBQ0Y7QUFFTyxJQUFNLE9BQXNCO0FBQUEsRUFDakMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsWUFBUTtBQUFBLE1BQ04sSUFBSSxPQUFPLFlBQVk7QUFDckIsY0FBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixjQUFNLFVBQVUsTUFBTSxlQUFlO0FBQ3JDLFlBQUk7QUFDRixnQkFBTSxTQUFTLE1BQU0sZUFBZSxPQUFPO0FBQzNDLGdCQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLG1CQUFTLE1BQU0sR0FBRyxJQUFJLEtBQUssbUJBQW1CLENBQUMsa0NBQWtDLElBQUksS0FBSyxRQUFRLE1BQU0sQ0FBQyxFQUFFO0FBQzNHLG1CQUFTLE1BQU0sNkJBQTZCLElBQUksS0FBSyxNQUFNLENBQUMsRUFBRTtBQUM5RCxxQkFBVyxFQUFFLE9BQU8sU0FBUyxLQUFLLFVBQVU7QUFDMUMscUJBQVMsTUFBTTtBQUFBLEVBQUssSUFBSSxLQUFLLElBQUksT0FBTyxnQkFBTSxLQUFLLEVBQUUsQ0FBQyxDQUFDLEVBQUU7QUFDekQsdUJBQVcsT0FBTyxTQUFVLE9BQU0sS0FBSyxLQUFLLFFBQVEsU0FBUyxPQUFPO0FBQUEsVUFDdEU7QUFDQSxtQkFBUyxNQUFNO0FBQUEsRUFBSyxJQUFJLEtBQUssSUFBSSxPQUFPLHdCQUFjLENBQUMsQ0FBQyxFQUFFO0FBQzFELGdCQUFNLE9BQU8sSUFBSSxJQUFJLFFBQVEsTUFBTSxFQUFFO0FBQ3JDLG1CQUFTO0FBQUEsWUFDUDtBQUFBLGNBQ0UsMEJBQTBCLFNBQVMsT0FBTyxTQUFTLElBQUksS0FBSyxXQUFXLElBQUksRUFBRTtBQUFBLGNBQzdFLFFBQVEsTUFBTTtBQUFBLGNBQ2Q7QUFBQSxjQUNBO0FBQUEsY0FDQTtBQUFBLGNBQ0E7QUFBQSxjQUNBO0FBQUEsWUFDRixFQUFFLEtBQUssSUFBSTtBQUFBLFVBQ2I7QUFDQSxpQkFBTztBQUFBLFFBQ1QsVUFBRTtBQUNBLGdCQUFNLFFBQVEsTUFBTTtBQUFBLFFBQ3RCO0FBQUEsTUFDRixDQUFDO0FBQUEsSUFDSDtBQUFBLEVBQ0Y7QUFDRjtBQUdBLGVBQWUsaUJBQW1DO0FBQ2hELE1BQUk7QUFDRixXQUFPLE1BQU0sYUFBYSxFQUFFLE1BQU0sV0FBVyxPQUFPLFlBQVksWUFBWSxDQUFDO0FBQUEsRUFDL0UsUUFBUTtBQUNOLFdBQU8sYUFBYSxFQUFFLE1BQU0sR0FBRyxPQUFPLEVBQUUsQ0FBQztBQUFBLEVBQzNDO0FBQ0Y7QUFFQSxlQUFlLGVBQWUsRUFBRSxRQUFRLFlBQVksR0FBNkI7QUFDL0UsUUFBTSxTQUFTLEtBQUssTUFBTSxRQUFRLEtBQUssT0FBTyxHQUFHLGFBQWEsQ0FBQyxHQUFHLGVBQWU7QUFDakYsUUFBTSxHQUFHLEtBQUssY0FBYyxHQUFHLG9CQUFvQixHQUFHLFFBQVEsRUFBRSxXQUFXLEtBQUssQ0FBQztBQUNqRixRQUFNLGNBQWMsS0FBSyxRQUFRLDJCQUEyQjtBQUM1RCxRQUFNLFVBQVUsY0FBYyxNQUFNLFNBQVMsYUFBYSxNQUFNLEdBQUcsUUFBUSxvQkFBb0IsU0FBUyxJQUFJLE1BQU0sQ0FBQztBQUNuSCxRQUFNLE9BQU8sWUFBWSxJQUFJLENBQUMsRUFBRSxNQUFNLEtBQUssTUFBTSxHQUFHLElBQUksSUFBSSxJQUFJLFdBQVcsSUFBSTtBQUFBLENBQUk7QUFDbkYsUUFBTSxVQUFVLEtBQUssUUFBUSxzQkFBc0IsR0FBRztBQUFBLEVBQXFCLEtBQUssS0FBSyxFQUFFLENBQUMsRUFBRTtBQUMxRixRQUFNLFVBQVUsS0FBSyxRQUFRLFlBQVksR0FBRyxnQkFBZ0I7QUFDNUQsUUFBTSxxQkFBcUIsTUFBTTtBQUNqQyxTQUFPO0FBQ1Q7QUFLQSxlQUFlLEtBQ2IsRUFBRSxNQUFNLE9BQU8sUUFBUSxNQUFNLEdBQzdCLFFBQ0EsU0FDQSxFQUFFLFVBQVUsT0FBTyxHQUNKO0FBQ2YsUUFBTSxPQUFPLENBQUMsU0FDWixLQUNHLFFBQVEsWUFBWSxRQUFRLE1BQU0sRUFDbEMsUUFBUSxjQUFjLFFBQVEsWUFBWSxRQUFRLEVBQ2xELFFBQVEsZUFBZSxRQUFRLFNBQVM7QUFDN0MsUUFBTSxRQUFRLEtBQUssSUFBSSxJQUFJO0FBQzNCLFFBQU0sUUFBUSxNQUFNLElBQUksQ0FBQyxTQUFVLGVBQWUsS0FBSyxJQUFJLElBQUksT0FBTyxJQUFJLElBQUksR0FBSSxFQUFFLEtBQUssR0FBRztBQUM1RixXQUFTO0FBQUEsSUFDUDtBQUFBLEVBQUssU0FBUyxJQUFJLElBQUksR0FBRyxDQUFDLElBQUksU0FBUyxJQUFJLEtBQUssY0FBYyxLQUFLLEVBQUUsQ0FBQyxHQUFHLFVBQVUsU0FBWSxLQUFLLFNBQVMsSUFBSSxJQUFJLHFDQUFxQyxDQUFDO0FBQUEsRUFDN0o7QUFDQSxRQUFNLFNBQVMsTUFBTSxJQUFJLFFBQWdCLENBQUMsU0FBUyxXQUFXO0FBQzVELFVBQU0sUUFBUSxNQUFNLFFBQVEsVUFBVSxDQUFDLFFBQVEsS0FBSyxDQUFDLEdBQWEsR0FBRyxLQUFLLEdBQUc7QUFBQSxNQUMzRSxLQUFLO0FBQUEsTUFDTCxPQUFPLENBQUMsVUFBVSxTQUFZLFdBQVcsUUFBUSxXQUFXLFNBQVM7QUFBQSxNQUNyRSxLQUFLO0FBQUEsUUFDSCxHQUFHLFFBQVE7QUFBQSxRQUNYLFNBQVMsT0FBTyxTQUFTLEtBQUs7QUFBQSxRQUM5QixHQUFJLFNBQVMsSUFBSSxvQkFBb0IsRUFBRSxhQUFhLElBQUk7QUFBQSxNQUMxRDtBQUFBLE1BQ0E7QUFBQSxJQUNGLENBQUM7QUFDRCxVQUFNLE9BQU8sSUFBSSxVQUFVLFNBQVksS0FBSyxLQUFLLEtBQUssQ0FBQztBQUN2RCxVQUFNLEdBQUcsU0FBUyxNQUFNO0FBQ3hCLFVBQU0sR0FBRyxTQUFTLENBQUMsU0FBUyxRQUFRLFFBQVEsQ0FBQyxDQUFDO0FBQUEsRUFDaEQsQ0FBQztBQUNELE1BQUksT0FBTyxRQUFTLE9BQU0sSUFBSSxRQUFRLGVBQWUsRUFBRSxNQUFNLGNBQWMsQ0FBQztBQUM1RSxNQUFJLFdBQVcsV0FBVyxHQUFJLE9BQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLGNBQWMsS0FBSyxzQkFBc0IsTUFBTSxHQUFHLENBQUM7QUFDdEg7OztBQzVNTyxJQUFNLEVBQUUsVUFBVSxJQUFtQjtBQUFBLEVBQzFDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFNBQUssVUFBVSxTQUFTLEdBQUc7QUFDM0IsVUFBTSxVQUFVLFFBQVEsUUFBUSxPQUFPLEVBQUUsWUFBWSxzQ0FBc0MsR0FBRyxHQUFHO0FBQ2pHLGFBQVMsU0FBUztBQUFBLE1BQ2hCLENBQUMsUUFBUSwwRUFBMEU7QUFBQSxNQUNuRixDQUFDLDBCQUEwQiwwQ0FBMEM7QUFBQSxJQUN2RSxDQUFDO0FBQUEsRUFDSDtBQUNGOyIsCiAgIm5hbWVzIjogWyJzdGFydFN0YW5kaW4iXQp9Cg==
