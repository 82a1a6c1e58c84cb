import {
  adHocRequest,
  answerOptions,
  sendAndShow
} from "./chunk-4BXF5NNY.js";
import {
  headerLines,
  statusText
} from "./chunk-2MTLLGSM.js";
import "./chunk-KTI4R62G.js";
import "./chunk-IYVFZVMQ.js";
import "./chunk-TSTZ2E5O.js";
import {
  editorSchemas
} from "./chunk-VSRGCJMR.js";
import {
  wholeNumber
} from "./chunk-E5WEDB6Y.js";
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
  retainJournals
} from "./chunk-PZED2WGY.js";
import "./chunk-GPEMP43C.js";
import {
  plainRequest,
  planRequest
} from "./chunk-PTKJWRDQ.js";
import "./chunk-WVOF6Q2Z.js";
import "./chunk-33U4T2M5.js";
import {
  findEcho,
  hasFailed,
  newestEchoes,
  recordedBytes,
  retain
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
import {
  colouredJson
} from "./chunk-XSSAWHTI.js";
import {
  printable,
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
import {
  durationText,
  parseDuration,
  parseSize,
  sizeText
} from "./chunk-IQWA53IU.js";
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

// src/cli/commands/echo/list.ts
var list = {
  configure(command, run) {
    command.option("--most <number>", "show at most so many", "20").option("--request <name>", "only of this request, or of the step of that name").option("--method <method>", "only with this method").option("--status <status>", "only with this status, such as 404 or 4xx; none where no answer came").option("--failed", "only what failed").option("--run <run>", "only of this run").option("--since <duration>", "only of the last 30m, 2h, 1d").action(
      run(async (context, _args, options) => {
        const { most } = options;
        const { terminal } = context;
        const limit = wholeNumber(most, "--most", { least: 1 });
        const { local } = await context.collection();
        const echoes = await newestEchoes(local, limit, filterOf(options, context.options.env));
        if (terminal.json) {
          return emit(terminal, "echo list", {
            echoes: echoes.map((echo) => ({
              id: echo.id,
              at: echo.at,
              environment: echo.environment,
              request: echo.request ?? null,
              method: echo.sent.method,
              url: echo.sent.url,
              status: echo.received?.status ?? null,
              time: echo.phases?.total ?? null,
              ok: !hasFailed(echo)
            }))
          });
        }
        const { out } = terminal;
        if (echoes.length === 0) terminal.note("nothing of that kind is recorded");
        else {
          terminal.print(
            table(
              echoes.map((echo) => {
                const { id, at, sent, received, phases, request, step } = echo;
                return [
                  out.bold(id),
                  out.dim(at.slice(0, 19).replace("T", " ")),
                  resultOf(echo, out),
                  received ? String(received.status) : out.red("none"),
                  phases?.total === void 0 ? "" : durationText(phases.total),
                  `${out.cyan(sent.method)} ${printableLine(sent.url)}`,
                  step ?? request ?? ""
                ];
              }),
              terminal,
              { head: ["echo", "at (UTC)", "result", "status", "time", "call", "request or step"], flexible: [5, 6] }
            )
          );
        }
        return 0;
      })
    );
    examples(command, [
      ["echo list", "the last twenty"],
      ["echo list --failed --since 2h", "what went wrong in the last two hours"],
      ["echo list --most 100 --json", "more of them, for programs"]
    ]);
  }
};
var resultOf = (echo, out) => hasFailed(echo) ? out.red("failed") : echo.again ? out.yellow("again") : out.green("ok");
function filterOf(options, environment) {
  const { request, method, status, failed, run, since } = options;
  if (status !== void 0 && !/^(?:[1-5](?:\d\d|xx)|none)$/.test(status))
    throw new Problem("usage", {
      what: `--status takes a status such as 404, a class such as 4xx, or none, not ${status}`
    });
  const past = since === void 0 ? void 0 : parseDuration(since);
  if (since !== void 0 && past === void 0)
    throw new Problem("usage", { what: `--since takes a duration with its unit, such as 30m or 2h, not ${since}` });
  return {
    environment,
    request,
    method: method?.toUpperCase(),
    status,
    run,
    failed: failed !== void 0,
    since: past === void 0 ? void 0 : Date.now() - past
  };
}

// src/cli/commands/echo/prune.ts
var prune = {
  configure(command, run) {
    command.option("--keep <number>", "keep so many of the newest runs").option("--size <size>", "keep the newest runs that fit into so much, such as 50MB").option("--older-than <duration>", "let go what is older, such as 7d or 12h").option("--all", "let everything go").action(
      run(async (context, _args, options) => {
        const { terminal } = context;
        const { local } = await context.collection();
        const { keep, size, olderThan, all } = options;
        if ([keep, size, olderThan, all].every((one) => one === void 0)) {
          throw new Problem("usage", {
            what: "nothing is said of what is to go",
            remedy: "--keep NUMBER, --size SIZE, --older-than DURATION, or --all"
          });
        }
        const now = Date.now();
        const runs = all === void 0 ? keep === void 0 ? Number.POSITIVE_INFINITY : wholeNumber(keep, "--keep", { least: 1 }) : 0;
        const since = olderThan === void 0 ? 0 : now - measured(olderThan, "--older-than", parseDuration);
        const bytes = size === void 0 ? Number.POSITIVE_INFINITY : measured(size, "--size", parseSize);
        const gone = await retain(local, { runs, size: bytes, since });
        const journals = await retainJournals(local, { runs, since });
        if (terminal.json) return emit(terminal, "echo prune", { echoes: gone, journals });
        terminal.print(`${gone} ${gone === 1 ? "record" : "records"} of exchanges and ${journals} of runs let go`);
        return 0;
      })
    );
    examples(command, [
      ["echo prune --older-than 7d", "what is older than a week"],
      ["echo prune --keep 20", "all but the last twenty runs"]
    ]);
  }
};
function measured(text, option, read) {
  const found = read(text);
  if (found !== void 0) return found;
  throw new Problem("usage", { what: `${option} ${text} has no unit that is known`, remedy: "such as 7d, 12h, 50MB" });
}

// src/cli/commands/echo/resend.ts
var resend = {
  configure(command, run) {
    command.argument("[echo]", "the id of an echo; else the last one", "last");
    answerOptions(command).action(
      run(async (context, [id = "last"], options) => {
        const collection = await context.collection();
        const echo = await findEcho(collection.local, id);
        const workspace = await context.workspace({
          collection,
          environment: context.options.env ?? echo.environment,
          allowChanges: options.allowChanges === true
        });
        const prepared = await requestOf(echo, workspace);
        context.terminal.note(context.terminal.err.dim(`as echo ${echo.id}`));
        return sendAndShow(context, workspace, prepared, options, recordedInputs(echo));
      })
    );
    examples(command, [
      ["echo resend", "the last request once more"],
      ["echo resend last --set imo=9000031", "the same for another vessel"]
    ]);
  }
};
function recordedInputs({ inputs = {}, id }) {
  const found = /* @__PURE__ */ new Map();
  for (const [name, value] of Object.entries(inputs)) {
    if (value !== hidden) found.set(name, { value, origin: `echo ${id}` });
  }
  return found;
}
async function requestOf(echo, workspace) {
  const { request } = echo;
  if (request !== void 0 && workspace.collection.names("request").includes(request))
    return workspace.prepare(request);
  if (request !== void 0 && request !== "command line") {
    throw new Problem("name-not-found", {
      what: `the request ${request} of echo ${echo.id} is not in the collection any more`,
      remedy: `echo-trail echo show ${echo.id} shows what was sent`
    });
  }
  const { loaded } = adHocRequest(
    { ...leftOf(echo), query: [], session: void 0 },
    `../${editorSchemas}/request.json`
  );
  const loads = [];
  const plan = planRequest(workspace.collection, loaded, loads);
  await Promise.all(loads);
  return plainRequest({ ...plan, sessions: echo.sessions ?? [] });
}
var automatic = /^(?:host|connection|user-agent|accept-encoding|content-length|content-type|cookie)$/i;
function leftOf({ id, sent, sessions }) {
  const { method, url, headers, body } = sent;
  const own = headers.filter(([name, value]) => {
    if (automatic.test(name)) return false;
    return !(value === hidden && (sessions ?? []).length > 0);
  });
  const secret = [url, ...own.map(([, value]) => value), body?.text ?? ""].some((text) => text.includes(hidden));
  if (secret || body?.cut || body?.encoding === "base64") {
    throw new Problem("usage", {
      what: `echo ${id} is of a request from the command line, and ${secret ? "a secret in it was not recorded" : "its body was not recorded in full"}`,
      remedy: "keep such a request as a file: echo-trail send METHOD URL \u2026 --as PATH"
    });
  }
  const type = headers.find(([name]) => name.toLowerCase() === "content-type");
  return {
    method,
    url,
    headers: [...own, ...type ? [type] : []].map(([name, value]) => `${name}: ${value}`),
    query: [],
    session: void 0,
    body: body === void 0 ? {} : { text: body.text }
  };
}

// src/cli/commands/echo/show.ts
var show = {
  configure(command, run) {
    command.argument("[id]", "an echo as echo list names it, or last", "last").option("--body", "print the body of the answer and nothing else, all of it").action(
      run(async (context, [id = "last"], { body }) => {
        const { terminal } = context;
        const { local } = await context.collection();
        const echo = await findEcho(local, id);
        if (body === true) {
          process.stdout.write(wholeBody(echo, local));
          return 0;
        }
        if (terminal.json) return emit(terminal, "echo show", echo);
        terminal.print(echoText(echo, terminal));
        return 0;
      })
    );
    examples(command, [
      ["echo show", "the last exchange, both directions"],
      ["echo show last --json", "the same for programs"],
      ["echo show last --body", "the body that came, all of it"]
    ]);
  }
};
function wholeBody({ id, received }, local) {
  const recorded = received?.body;
  const beside = recorded?.file === void 0 ? void 0 : recordedBytes(local, recorded.file);
  if (beside) return beside;
  if (recorded?.cut) {
    throw new Problem("echo-not-found", {
      what: `only the beginning of the answer of ${id} is recorded`,
      remedy: "send \u2026 --to FILE saves an answer of any length"
    });
  }
  return Buffer.from(recorded?.text ?? "", recorded?.encoding === "base64" ? "base64" : "utf8");
}
var plainly = (text) => text;
function echoText({ id, at, environment, request, step, sent, received, phases, trouble, met, failed, kept }, terminal) {
  const { out } = terminal;
  const phase = Object.entries(phases ?? {}).filter(([name]) => name !== "total").map(([name, ms]) => `${name} ${durationText(ms ?? 0)}`).join(", ");
  const blocks = [
    `${out.bold(id)}   ${at}   environment ${environment}${request === void 0 ? "" : `   request ${request}`}${step === void 0 || step === request ? "" : `   step ${step}`}`,
    `${out.bold("sent")}
  ${out.cyan(sent.method)} ${printableLine(sent.url)}
${headerLines(sent.headers, terminal, plainly)}${bodyBlock(sent.body, terminal)}`,
    received && `${out.bold("received")}
  ${statusText(received.status, received.reason, out)}   ${phases ? `${durationText(phases.total ?? 0)} (${phase})` : ""}
${headerLines(received.headers, terminal, plainly)}${bodyBlock(received.body, terminal)}`,
    trouble && `${out.red(out.bold("trouble"))}  ${printableLine(trouble.what)}${trouble.cause === void 0 ? "" : `
  ${printableLine(trouble.cause)}`}`,
    failed && `${out.red(out.bold("failed"))}
${failed.map(({ place, expected, found, detail, near }) => `  ${place}: expected ${expected}, found ${printableLine(found ?? "")}${detail ? `; ${printableLine(detail)}` : ""}${near ? `; nearest: ${near}` : ""}`).join("\n")}`,
    met > 0 && `${out.bold("met")}  ${met} expectation${met === 1 ? "" : "s"}`,
    kept && `${out.bold("kept")}
${Object.entries(kept).map(([name, value]) => `  ${name} = ${printableLine(JSON.stringify(value))}`).join("\n")}`
  ];
  return blocks.filter((block) => typeof block === "string").join("\n\n");
}
function bodyBlock(body, { out }) {
  if (!body) return "";
  const cut = body.cut ? out.dim(
    `
  the beginning of ${sizeText(body.size)}${body.file === void 0 ? "" : "; --body prints all of it"}`
  ) : "";
  if (body.encoding === "base64") return `

  ${out.dim(`${sizeText(body.size)} of bytes`)}`;
  let text = printable(body.text);
  if (/^\s*[{[]/.test(body.text) && !body.cut) {
    try {
      text = colouredJson(parseJson(body.text), out);
    } catch {
    }
  }
  return `

${text.replace(/^/gm, "  ")}${cut}`;
}

// src/cli/commands/echo/echo.ts
var { configure } = {
  configure(command, run) {
    list.configure(command.command("list").description("list recorded exchanges, the newest first"), run);
    resend.configure(command.command("resend").description("send a recorded request once more"), run);
    prune.configure(command.command("prune").description("let old records go"), run);
    show.configure(command.command("show").description("show what was sent and what came back"), run);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9lY2hvL2xpc3QudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9lY2hvL3BydW5lLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvZWNoby9yZXNlbmQudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9lY2hvL3Nob3cudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9lY2hvL2VjaG8udHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBgZWNobyBsaXN0YC4gKi9cbmltcG9ydCB0eXBlIHsgRWNobyB9IGZyb20gJy4uLy4uLy4uL2NvcmUvZWNoby9lY2hvLmpzJztcbmltcG9ydCB7IHR5cGUgRWNob0ZpbHRlciwgaGFzRmFpbGVkIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9lY2hvL2ZpbHRlci5qcyc7XG5pbXBvcnQgeyBuZXdlc3RFY2hvZXMgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2VjaG8vcmVhZC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgZHVyYXRpb25UZXh0LCBwYXJzZUR1cmF0aW9uIH0gZnJvbSAnLi4vLi4vLi4vY29yZS92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgeyB0eXBlIENvbW1hbmRNb2R1bGUsIGV4YW1wbGVzIH0gZnJvbSAnLi4vLi4vY29tbWFuZC5qcyc7XG5pbXBvcnQgeyBlbWl0IH0gZnJvbSAnLi4vLi4vZW1pdC5qcyc7XG5pbXBvcnQgdHlwZSB7IENvbG91cnMgfSBmcm9tICcuLi8uLi90ZXJtaW5hbC5qcyc7XG5pbXBvcnQgeyBwcmludGFibGVMaW5lIH0gZnJvbSAnLi4vLi4vdmlldy9wcmludGFibGUuanMnO1xuaW1wb3J0IHsgdGFibGUgfSBmcm9tICcuLi8uLi92aWV3L3RhYmxlLmpzJztcbmltcG9ydCB7IHdob2xlTnVtYmVyIH0gZnJvbSAnLi4vLi4vd2hvbGUtbnVtYmVyLmpzJztcblxuZXhwb3J0IGNvbnN0IGxpc3Q6IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kXG4gICAgICAub3B0aW9uKCctLW1vc3QgPG51bWJlcj4nLCAnc2hvdyBhdCBtb3N0IHNvIG1hbnknLCAnMjAnKVxuICAgICAgLm9wdGlvbignLS1yZXF1ZXN0IDxuYW1lPicsICdvbmx5IG9mIHRoaXMgcmVxdWVzdCwgb3Igb2YgdGhlIHN0ZXAgb2YgdGhhdCBuYW1lJylcbiAgICAgIC5vcHRpb24oJy0tbWV0aG9kIDxtZXRob2Q+JywgJ29ubHkgd2l0aCB0aGlzIG1ldGhvZCcpXG4gICAgICAub3B0aW9uKCctLXN0YXR1cyA8c3RhdHVzPicsICdvbmx5IHdpdGggdGhpcyBzdGF0dXMsIHN1Y2ggYXMgNDA0IG9yIDR4eDsgbm9uZSB3aGVyZSBubyBhbnN3ZXIgY2FtZScpXG4gICAgICAub3B0aW9uKCctLWZhaWxlZCcsICdvbmx5IHdoYXQgZmFpbGVkJylcbiAgICAgIC5vcHRpb24oJy0tcnVuIDxydW4+JywgJ29ubHkgb2YgdGhpcyBydW4nKVxuICAgICAgLm9wdGlvbignLS1zaW5jZSA8ZHVyYXRpb24+JywgJ29ubHkgb2YgdGhlIGxhc3QgMzBtLCAyaCwgMWQnKVxuICAgICAgLmFjdGlvbihcbiAgICAgICAgcnVuKGFzeW5jIChjb250ZXh0LCBfYXJncywgb3B0aW9ucykgPT4ge1xuICAgICAgICAgIGNvbnN0IHsgbW9zdCB9ID0gb3B0aW9ucztcbiAgICAgICAgICBjb25zdCB7IHRlcm1pbmFsIH0gPSBjb250ZXh0O1xuICAgICAgICAgIGNvbnN0IGxpbWl0ID0gd2hvbGVOdW1iZXIobW9zdCwgJy0tbW9zdCcsIHsgbGVhc3Q6IDEgfSk7XG4gICAgICAgICAgY29uc3QgeyBsb2NhbCB9ID0gYXdhaXQgY29udGV4dC5jb2xsZWN0aW9uKCk7XG4gICAgICAgICAgY29uc3QgZWNob2VzID0gYXdhaXQgbmV3ZXN0RWNob2VzKGxvY2FsLCBsaW1pdCwgZmlsdGVyT2Yob3B0aW9ucywgY29udGV4dC5vcHRpb25zLmVudikpO1xuICAgICAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSB7XG4gICAgICAgICAgICByZXR1cm4gZW1pdCh0ZXJtaW5hbCwgJ2VjaG8gbGlzdCcsIHtcbiAgICAgICAgICAgICAgZWNob2VzOiBlY2hvZXMubWFwKChlY2hvKSA9PiAoe1xuICAgICAgICAgICAgICAgIGlkOiBlY2hvLmlkLFxuICAgICAgICAgICAgICAgIGF0OiBlY2hvLmF0LFxuICAgICAgICAgICAgICAgIGVudmlyb25tZW50OiBlY2hvLmVudmlyb25tZW50LFxuICAgICAgICAgICAgICAgIHJlcXVlc3Q6IGVjaG8ucmVxdWVzdCA/PyBudWxsLFxuICAgICAgICAgICAgICAgIG1ldGhvZDogZWNoby5zZW50Lm1ldGhvZCxcbiAgICAgICAgICAgICAgICB1cmw6IGVjaG8uc2VudC51cmwsXG4gICAgICAgICAgICAgICAgc3RhdHVzOiBlY2hvLnJlY2VpdmVkPy5zdGF0dXMgPz8gbnVsbCxcbiAgICAgICAgICAgICAgICB0aW1lOiBlY2hvLnBoYXNlcz8udG90YWwgPz8gbnVsbCxcbiAgICAgICAgICAgICAgICBvazogIWhhc0ZhaWxlZChlY2hvKSxcbiAgICAgICAgICAgICAgfSkpLFxuICAgICAgICAgICAgfSk7XG4gICAgICAgICAgfVxuICAgICAgICAgIGNvbnN0IHsgb3V0IH0gPSB0ZXJtaW5hbDtcbiAgICAgICAgICBpZiAoZWNob2VzLmxlbmd0aCA9PT0gMCkgdGVybWluYWwubm90ZSgnbm90aGluZyBvZiB0aGF0IGtpbmQgaXMgcmVjb3JkZWQnKTtcbiAgICAgICAgICBlbHNlIHtcbiAgICAgICAgICAgIHRlcm1pbmFsLnByaW50KFxuICAgICAgICAgICAgICB0YWJsZShcbiAgICAgICAgICAgICAgICBlY2hvZXMubWFwKChlY2hvKSA9PiB7XG4gICAgICAgICAgICAgICAgICBjb25zdCB7IGlkLCBhdCwgc2VudCwgcmVjZWl2ZWQsIHBoYXNlcywgcmVxdWVzdCwgc3RlcCB9ID0gZWNobztcbiAgICAgICAgICAgICAgICAgIHJldHVybiBbXG4gICAgICAgICAgICAgICAgICAgIG91dC5ib2xkKGlkKSxcbiAgICAgICAgICAgICAgICAgICAgb3V0LmRpbShhdC5zbGljZSgwLCAxOSkucmVwbGFjZSgnVCcsICcgJykpLFxuICAgICAgICAgICAgICAgICAgICByZXN1bHRPZihlY2hvLCBvdXQpLFxuICAgICAgICAgICAgICAgICAgICByZWNlaXZlZCA/IFN0cmluZyhyZWNlaXZlZC5zdGF0dXMpIDogb3V0LnJlZCgnbm9uZScpLFxuICAgICAgICAgICAgICAgICAgICBwaGFzZXM/LnRvdGFsID09PSB1bmRlZmluZWQgPyAnJyA6IGR1cmF0aW9uVGV4dChwaGFzZXMudG90YWwpLFxuICAgICAgICAgICAgICAgICAgICBgJHtvdXQuY3lhbihzZW50Lm1ldGhvZCl9ICR7cHJpbnRhYmxlTGluZShzZW50LnVybCl9YCxcbiAgICAgICAgICAgICAgICAgICAgc3RlcCA/PyByZXF1ZXN0ID8/ICcnLFxuICAgICAgICAgICAgICAgICAgXTtcbiAgICAgICAgICAgICAgICB9KSxcbiAgICAgICAgICAgICAgICB0ZXJtaW5hbCxcbiAgICAgICAgICAgICAgICB7IGhlYWQ6IFsnZWNobycsICdhdCAoVVRDKScsICdyZXN1bHQnLCAnc3RhdHVzJywgJ3RpbWUnLCAnY2FsbCcsICdyZXF1ZXN0IG9yIHN0ZXAnXSwgZmxleGlibGU6IFs1LCA2XSB9LFxuICAgICAgICAgICAgICApLFxuICAgICAgICAgICAgKTtcbiAgICAgICAgICB9XG4gICAgICAgICAgcmV0dXJuIDA7XG4gICAgICAgIH0pLFxuICAgICAgKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbXG4gICAgICBbJ2VjaG8gbGlzdCcsICd0aGUgbGFzdCB0d2VudHknXSxcbiAgICAgIFsnZWNobyBsaXN0IC0tZmFpbGVkIC0tc2luY2UgMmgnLCAnd2hhdCB3ZW50IHdyb25nIGluIHRoZSBsYXN0IHR3byBob3VycyddLFxuICAgICAgWydlY2hvIGxpc3QgLS1tb3N0IDEwMCAtLWpzb24nLCAnbW9yZSBvZiB0aGVtLCBmb3IgcHJvZ3JhbXMnXSxcbiAgICBdKTtcbiAgfSxcbn07XG5cbi8qKiBXaGF0IGNhbWUgb2YgaXQ7IG9mIGEgdHJ5IHRoYXQgd2FzIGZvbGxvd2VkIGJ5IGFub3RoZXIsIHRoYXQgaXQgd2FzIG5vdCB0aGUgbGFzdC4gKi9cbmNvbnN0IHJlc3VsdE9mID0gKGVjaG86IEVjaG8sIG91dDogQ29sb3Vycyk6IHN0cmluZyA9PlxuICBoYXNGYWlsZWQoZWNobykgPyBvdXQucmVkKCdmYWlsZWQnKSA6IGVjaG8uYWdhaW4gPyBvdXQueWVsbG93KCdhZ2FpbicpIDogb3V0LmdyZWVuKCdvaycpO1xuXG5mdW5jdGlvbiBmaWx0ZXJPZihvcHRpb25zOiBSZWNvcmQ8c3RyaW5nLCB1bmtub3duPiwgZW52aXJvbm1lbnQ6IHN0cmluZyB8IHVuZGVmaW5lZCk6IEVjaG9GaWx0ZXIge1xuICBjb25zdCB7IHJlcXVlc3QsIG1ldGhvZCwgc3RhdHVzLCBmYWlsZWQsIHJ1biwgc2luY2UgfSA9IG9wdGlvbnMgYXMgUmVjb3JkPHN0cmluZywgc3RyaW5nIHwgdW5kZWZpbmVkPjtcbiAgaWYgKHN0YXR1cyAhPT0gdW5kZWZpbmVkICYmICEvXig/OlsxLTVdKD86XFxkXFxkfHh4KXxub25lKSQvLnRlc3Qoc3RhdHVzKSlcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICB3aGF0OiBgLS1zdGF0dXMgdGFrZXMgYSBzdGF0dXMgc3VjaCBhcyA0MDQsIGEgY2xhc3Mgc3VjaCBhcyA0eHgsIG9yIG5vbmUsIG5vdCAke3N0YXR1c31gLFxuICAgIH0pO1xuICBjb25zdCBwYXN0ID0gc2luY2UgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHBhcnNlRHVyYXRpb24oc2luY2UpO1xuICBpZiAoc2luY2UgIT09IHVuZGVmaW5lZCAmJiBwYXN0ID09PSB1bmRlZmluZWQpXG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiBgLS1zaW5jZSB0YWtlcyBhIGR1cmF0aW9uIHdpdGggaXRzIHVuaXQsIHN1Y2ggYXMgMzBtIG9yIDJoLCBub3QgJHtzaW5jZX1gIH0pO1xuICByZXR1cm4ge1xuICAgIGVudmlyb25tZW50LFxuICAgIHJlcXVlc3QsXG4gICAgbWV0aG9kOiBtZXRob2Q/LnRvVXBwZXJDYXNlKCksXG4gICAgc3RhdHVzLFxuICAgIHJ1bixcbiAgICBmYWlsZWQ6IGZhaWxlZCAhPT0gdW5kZWZpbmVkLFxuICAgIHNpbmNlOiBwYXN0ID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBEYXRlLm5vdygpIC0gcGFzdCxcbiAgfTtcbn1cbiIsICIvKiogYGVjaG8gcHJ1bmVgOiBsZXRzIHJlY29yZGVkIHJ1bnMgZ28sIHdpdGggYWxsIHRoZXkgcmVjb3JkZWQuICovXG5pbXBvcnQgeyByZXRhaW4gfSBmcm9tICcuLi8uLi8uLi9jb3JlL2VjaG8vcmVhZC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgcmV0YWluSm91cm5hbHMgfSBmcm9tICcuLi8uLi8uLi9jb3JlL3RyYWlsL2pvdXJuYWwvcmV0YWluLmpzJztcbmltcG9ydCB7IHBhcnNlRHVyYXRpb24sIHBhcnNlU2l6ZSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHsgdHlwZSBDb21tYW5kTW9kdWxlLCBleGFtcGxlcyB9IGZyb20gJy4uLy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHsgZW1pdCB9IGZyb20gJy4uLy4uL2VtaXQuanMnO1xuaW1wb3J0IHsgd2hvbGVOdW1iZXIgfSBmcm9tICcuLi8uLi93aG9sZS1udW1iZXIuanMnO1xuXG5leHBvcnQgY29uc3QgcHJ1bmU6IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kXG4gICAgICAub3B0aW9uKCctLWtlZXAgPG51bWJlcj4nLCAna2VlcCBzbyBtYW55IG9mIHRoZSBuZXdlc3QgcnVucycpXG4gICAgICAub3B0aW9uKCctLXNpemUgPHNpemU+JywgJ2tlZXAgdGhlIG5ld2VzdCBydW5zIHRoYXQgZml0IGludG8gc28gbXVjaCwgc3VjaCBhcyA1ME1CJylcbiAgICAgIC5vcHRpb24oJy0tb2xkZXItdGhhbiA8ZHVyYXRpb24+JywgJ2xldCBnbyB3aGF0IGlzIG9sZGVyLCBzdWNoIGFzIDdkIG9yIDEyaCcpXG4gICAgICAub3B0aW9uKCctLWFsbCcsICdsZXQgZXZlcnl0aGluZyBnbycpXG4gICAgICAuYWN0aW9uKFxuICAgICAgICBydW4oYXN5bmMgKGNvbnRleHQsIF9hcmdzLCBvcHRpb25zKSA9PiB7XG4gICAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgICAgICAgICBjb25zdCB7IGxvY2FsIH0gPSBhd2FpdCBjb250ZXh0LmNvbGxlY3Rpb24oKTtcbiAgICAgICAgICBjb25zdCB7IGtlZXAsIHNpemUsIG9sZGVyVGhhbiwgYWxsIH0gPSBvcHRpb25zIGFzIFJlY29yZDxzdHJpbmcsIHN0cmluZyB8IHVuZGVmaW5lZD47XG4gICAgICAgICAgaWYgKFtrZWVwLCBzaXplLCBvbGRlclRoYW4sIGFsbF0uZXZlcnkoKG9uZSkgPT4gb25lID09PSB1bmRlZmluZWQpKSB7XG4gICAgICAgICAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICAgICAgICAgIHdoYXQ6ICdub3RoaW5nIGlzIHNhaWQgb2Ygd2hhdCBpcyB0byBnbycsXG4gICAgICAgICAgICAgIHJlbWVkeTogJy0ta2VlcCBOVU1CRVIsIC0tc2l6ZSBTSVpFLCAtLW9sZGVyLXRoYW4gRFVSQVRJT04sIG9yIC0tYWxsJyxcbiAgICAgICAgICAgIH0pO1xuICAgICAgICAgIH1cbiAgICAgICAgICBjb25zdCBub3cgPSBEYXRlLm5vdygpO1xuICAgICAgICAgIGNvbnN0IHJ1bnMgPVxuICAgICAgICAgICAgYWxsID09PSB1bmRlZmluZWRcbiAgICAgICAgICAgICAgPyBrZWVwID09PSB1bmRlZmluZWRcbiAgICAgICAgICAgICAgICA/IE51bWJlci5QT1NJVElWRV9JTkZJTklUWVxuICAgICAgICAgICAgICAgIDogd2hvbGVOdW1iZXIoa2VlcCwgJy0ta2VlcCcsIHsgbGVhc3Q6IDEgfSlcbiAgICAgICAgICAgICAgOiAwO1xuICAgICAgICAgIGNvbnN0IHNpbmNlID0gb2xkZXJUaGFuID09PSB1bmRlZmluZWQgPyAwIDogbm93IC0gbWVhc3VyZWQob2xkZXJUaGFuLCAnLS1vbGRlci10aGFuJywgcGFyc2VEdXJhdGlvbik7XG4gICAgICAgICAgY29uc3QgYnl0ZXMgPSBzaXplID09PSB1bmRlZmluZWQgPyBOdW1iZXIuUE9TSVRJVkVfSU5GSU5JVFkgOiBtZWFzdXJlZChzaXplLCAnLS1zaXplJywgcGFyc2VTaXplKTtcbiAgICAgICAgICBjb25zdCBnb25lID0gYXdhaXQgcmV0YWluKGxvY2FsLCB7IHJ1bnMsIHNpemU6IGJ5dGVzLCBzaW5jZSB9KTtcbiAgICAgICAgICBjb25zdCBqb3VybmFscyA9IGF3YWl0IHJldGFpbkpvdXJuYWxzKGxvY2FsLCB7IHJ1bnMsIHNpbmNlIH0pO1xuICAgICAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSByZXR1cm4gZW1pdCh0ZXJtaW5hbCwgJ2VjaG8gcHJ1bmUnLCB7IGVjaG9lczogZ29uZSwgam91cm5hbHMgfSk7XG4gICAgICAgICAgdGVybWluYWwucHJpbnQoYCR7Z29uZX0gJHtnb25lID09PSAxID8gJ3JlY29yZCcgOiAncmVjb3Jkcyd9IG9mIGV4Y2hhbmdlcyBhbmQgJHtqb3VybmFsc30gb2YgcnVucyBsZXQgZ29gKTtcbiAgICAgICAgICByZXR1cm4gMDtcbiAgICAgICAgfSksXG4gICAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFsnZWNobyBwcnVuZSAtLW9sZGVyLXRoYW4gN2QnLCAnd2hhdCBpcyBvbGRlciB0aGFuIGEgd2VlayddLFxuICAgICAgWydlY2hvIHBydW5lIC0ta2VlcCAyMCcsICdhbGwgYnV0IHRoZSBsYXN0IHR3ZW50eSBydW5zJ10sXG4gICAgXSk7XG4gIH0sXG59O1xuXG5mdW5jdGlvbiBtZWFzdXJlZCh0ZXh0OiBzdHJpbmcsIG9wdGlvbjogc3RyaW5nLCByZWFkOiAodGV4dDogc3RyaW5nKSA9PiBudW1iZXIgfCB1bmRlZmluZWQpOiBudW1iZXIge1xuICBjb25zdCBmb3VuZCA9IHJlYWQodGV4dCk7XG4gIGlmIChmb3VuZCAhPT0gdW5kZWZpbmVkKSByZXR1cm4gZm91bmQ7XG4gIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHsgd2hhdDogYCR7b3B0aW9ufSAke3RleHR9IGhhcyBubyB1bml0IHRoYXQgaXMga25vd25gLCByZW1lZHk6ICdzdWNoIGFzIDdkLCAxMmgsIDUwTUInIH0pO1xufVxuIiwgIi8qKiBgZWNobyByZXNlbmRgOiB0aGUgc2FtZSByZXF1ZXN0IG9uY2UgbW9yZSwgd2l0aCBmcmVzaCBjcmVkZW50aWFscyBhbmQgc2lnbmF0dXJlcywgb3Igd2l0aCBvdGhlciB2YWx1ZXMuICovXG5pbXBvcnQgdHlwZSB7IEVjaG8gfSBmcm9tICcuLi8uLi8uLi9jb3JlL2VjaG8vZWNoby5qcyc7XG5pbXBvcnQgeyBmaW5kRWNobyB9IGZyb20gJy4uLy4uLy4uL2NvcmUvZWNoby9yZWFkLmpzJztcbmltcG9ydCB7IHBsYW5SZXF1ZXN0IH0gZnJvbSAnLi4vLi4vLi4vY29yZS9leGNoYW5nZS9yZXF1ZXN0LXBsYW4uanMnO1xuaW1wb3J0IHsgaGlkZGVuIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9leGNoYW5nZS93aXJlLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2V4cHJlc3Npb24vY29tcGlsZS5qcyc7XG5pbXBvcnQgdHlwZSB7IE5hbWVkIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0eXBlIFByZXBhcmVkUmVxdWVzdCwgcGxhaW5SZXF1ZXN0IH0gZnJvbSAnLi4vLi4vLi4vY29yZS90cmFpbC9wcmVwYXJlLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vLi4vLi4vY29yZS90cmFpbC93b3Jrc3BhY2UuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBhZEhvY1JlcXVlc3QgfSBmcm9tICcuLi8uLi9hZC1ob2MuanMnO1xuaW1wb3J0IHsgdHlwZSBDb21tYW5kTW9kdWxlLCBleGFtcGxlcyB9IGZyb20gJy4uLy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHsgZWRpdG9yU2NoZW1hcyB9IGZyb20gJy4uLy4uL2VkaXRvci1zY2hlbWFzLmpzJztcbmltcG9ydCB7IGFuc3dlck9wdGlvbnMgfSBmcm9tICcuLi8uLi9zZW5kaW5nL29wdGlvbnMuanMnO1xuaW1wb3J0IHsgc2VuZEFuZFNob3cgfSBmcm9tICcuLi8uLi9zZW5kaW5nL3NlbmQtYW5kLXNob3cuanMnO1xuXG5leHBvcnQgY29uc3QgcmVzZW5kOiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZC5hcmd1bWVudCgnW2VjaG9dJywgJ3RoZSBpZCBvZiBhbiBlY2hvOyBlbHNlIHRoZSBsYXN0IG9uZScsICdsYXN0Jyk7XG4gICAgYW5zd2VyT3B0aW9ucyhjb21tYW5kKS5hY3Rpb24oXG4gICAgICBydW4oYXN5bmMgKGNvbnRleHQsIFtpZCA9ICdsYXN0J10sIG9wdGlvbnMpID0+IHtcbiAgICAgICAgY29uc3QgY29sbGVjdGlvbiA9IGF3YWl0IGNvbnRleHQuY29sbGVjdGlvbigpO1xuICAgICAgICBjb25zdCBlY2hvID0gYXdhaXQgZmluZEVjaG8oY29sbGVjdGlvbi5sb2NhbCwgaWQpO1xuICAgICAgICBjb25zdCB3b3Jrc3BhY2UgPSBhd2FpdCBjb250ZXh0LndvcmtzcGFjZSh7XG4gICAgICAgICAgY29sbGVjdGlvbixcbiAgICAgICAgICBlbnZpcm9ubWVudDogY29udGV4dC5vcHRpb25zLmVudiA/PyBlY2hvLmVudmlyb25tZW50LFxuICAgICAgICAgIGFsbG93Q2hhbmdlczogb3B0aW9ucy5hbGxvd0NoYW5nZXMgPT09IHRydWUsXG4gICAgICAgIH0pO1xuICAgICAgICBjb25zdCBwcmVwYXJlZCA9IGF3YWl0IHJlcXVlc3RPZihlY2hvLCB3b3Jrc3BhY2UpO1xuICAgICAgICBjb250ZXh0LnRlcm1pbmFsLm5vdGUoY29udGV4dC50ZXJtaW5hbC5lcnIuZGltKGBhcyBlY2hvICR7ZWNoby5pZH1gKSk7XG4gICAgICAgIHJldHVybiBzZW5kQW5kU2hvdyhjb250ZXh0LCB3b3Jrc3BhY2UsIHByZXBhcmVkLCBvcHRpb25zLCByZWNvcmRlZElucHV0cyhlY2hvKSk7XG4gICAgICB9KSxcbiAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFsnZWNobyByZXNlbmQnLCAndGhlIGxhc3QgcmVxdWVzdCBvbmNlIG1vcmUnXSxcbiAgICAgIFsnZWNobyByZXNlbmQgbGFzdCAtLXNldCBpbW89OTAwMDAzMScsICd0aGUgc2FtZSBmb3IgYW5vdGhlciB2ZXNzZWwnXSxcbiAgICBdKTtcbiAgfSxcbn07XG5cbi8qKiBXaGF0IGl0IHdhcyBnaXZlbiB0aGVuOyB3aGF0IHdhcyBzZWNyZXQgaXMgd29ya2VkIG91dCBhbmV3LiAqL1xuZnVuY3Rpb24gcmVjb3JkZWRJbnB1dHMoeyBpbnB1dHMgPSB7fSwgaWQgfTogRWNobyk6IFJlYWRvbmx5TWFwPHN0cmluZywgTmFtZWQ+IHtcbiAgY29uc3QgZm91bmQgPSBuZXcgTWFwPHN0cmluZywgTmFtZWQ+KCk7XG4gIGZvciAoY29uc3QgW25hbWUsIHZhbHVlXSBvZiBPYmplY3QuZW50cmllcyhpbnB1dHMpKSB7XG4gICAgaWYgKHZhbHVlICE9PSBoaWRkZW4pIGZvdW5kLnNldChuYW1lLCB7IHZhbHVlOiB2YWx1ZSBhcyBWYWx1ZSwgb3JpZ2luOiBgZWNobyAke2lkfWAgfSk7XG4gIH1cbiAgcmV0dXJuIGZvdW5kO1xufVxuXG4vKiogVGhlIHJlcXVlc3QgZmlsZSBhcyBpdCBpcyBub3c7IG9mIGEgcmVxdWVzdCBmcm9tIHRoZSBjb21tYW5kIGxpbmUsIHdoYXQgbGVmdCB0aGVuLiAqL1xuYXN5bmMgZnVuY3Rpb24gcmVxdWVzdE9mKGVjaG86IEVjaG8sIHdvcmtzcGFjZTogV29ya3NwYWNlKTogUHJvbWlzZTxQcmVwYXJlZFJlcXVlc3Q+IHtcbiAgY29uc3QgeyByZXF1ZXN0IH0gPSBlY2hvO1xuICBpZiAocmVxdWVzdCAhPT0gdW5kZWZpbmVkICYmIHdvcmtzcGFjZS5jb2xsZWN0aW9uLm5hbWVzKCdyZXF1ZXN0JykuaW5jbHVkZXMocmVxdWVzdCkpXG4gICAgcmV0dXJuIHdvcmtzcGFjZS5wcmVwYXJlKHJlcXVlc3QpO1xuICBpZiAocmVxdWVzdCAhPT0gdW5kZWZpbmVkICYmIHJlcXVlc3QgIT09ICdjb21tYW5kIGxpbmUnKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ25hbWUtbm90LWZvdW5kJywge1xuICAgICAgd2hhdDogYHRoZSByZXF1ZXN0ICR7cmVxdWVzdH0gb2YgZWNobyAke2VjaG8uaWR9IGlzIG5vdCBpbiB0aGUgY29sbGVjdGlvbiBhbnkgbW9yZWAsXG4gICAgICByZW1lZHk6IGBlY2hvLXRyYWlsIGVjaG8gc2hvdyAke2VjaG8uaWR9IHNob3dzIHdoYXQgd2FzIHNlbnRgLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IHsgbG9hZGVkIH0gPSBhZEhvY1JlcXVlc3QoXG4gICAgeyAuLi5sZWZ0T2YoZWNobyksIHF1ZXJ5OiBbXSwgc2Vzc2lvbjogdW5kZWZpbmVkIH0sXG4gICAgYC4uLyR7ZWRpdG9yU2NoZW1hc30vcmVxdWVzdC5qc29uYCxcbiAgKTtcbiAgY29uc3QgbG9hZHM6IExvYWRzID0gW107XG4gIGNvbnN0IHBsYW4gPSBwbGFuUmVxdWVzdCh3b3Jrc3BhY2UuY29sbGVjdGlvbiwgbG9hZGVkLCBsb2Fkcyk7XG4gIGF3YWl0IFByb21pc2UuYWxsKGxvYWRzKTtcbiAgcmV0dXJuIHBsYWluUmVxdWVzdCh7IC4uLnBsYW4sIHNlc3Npb25zOiBlY2hvLnNlc3Npb25zID8/IFtdIH0pO1xufVxuXG4vKiogV3JpdHRlbiBhbmV3IGZvciBldmVyeSByZXF1ZXN0LiAqL1xuY29uc3QgYXV0b21hdGljID0gL14oPzpob3N0fGNvbm5lY3Rpb258dXNlci1hZ2VudHxhY2NlcHQtZW5jb2Rpbmd8Y29udGVudC1sZW5ndGh8Y29udGVudC10eXBlfGNvb2tpZSkkL2k7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gdXNhZ2U6IHNvbWV0aGluZyBpbiBpdCBpcyBoaWRkZW4sIG9yIHdhcyBub3QgcmVjb3JkZWQgaW4gZnVsbCAqL1xuZnVuY3Rpb24gbGVmdE9mKHsgaWQsIHNlbnQsIHNlc3Npb25zIH06IEVjaG8pOiBQYXJhbWV0ZXJzPHR5cGVvZiBhZEhvY1JlcXVlc3Q+WzBdIHtcbiAgY29uc3QgeyBtZXRob2QsIHVybCwgaGVhZGVycywgYm9keSB9ID0gc2VudDtcbiAgY29uc3Qgb3duID0gaGVhZGVycy5maWx0ZXIoKFtuYW1lLCB2YWx1ZV0pID0+IHtcbiAgICBpZiAoYXV0b21hdGljLnRlc3QobmFtZSkpIHJldHVybiBmYWxzZTtcbiAgICAvLyBXaGF0IGEgc2Vzc2lvbiBhZGRzLCBpdCBhZGRzIGFnYWluLlxuICAgIHJldHVybiAhKHZhbHVlID09PSBoaWRkZW4gJiYgKHNlc3Npb25zID8/IFtdKS5sZW5ndGggPiAwKTtcbiAgfSk7XG4gIGNvbnN0IHNlY3JldCA9IFt1cmwsIC4uLm93bi5tYXAoKFssIHZhbHVlXSkgPT4gdmFsdWUpLCBib2R5Py50ZXh0ID8/ICcnXS5zb21lKCh0ZXh0KSA9PiB0ZXh0LmluY2x1ZGVzKGhpZGRlbikpO1xuICBpZiAoc2VjcmV0IHx8IGJvZHk/LmN1dCB8fCBib2R5Py5lbmNvZGluZyA9PT0gJ2Jhc2U2NCcpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICB3aGF0OiBgZWNobyAke2lkfSBpcyBvZiBhIHJlcXVlc3QgZnJvbSB0aGUgY29tbWFuZCBsaW5lLCBhbmQgJHtzZWNyZXQgPyAnYSBzZWNyZXQgaW4gaXQgd2FzIG5vdCByZWNvcmRlZCcgOiAnaXRzIGJvZHkgd2FzIG5vdCByZWNvcmRlZCBpbiBmdWxsJ31gLFxuICAgICAgcmVtZWR5OiAna2VlcCBzdWNoIGEgcmVxdWVzdCBhcyBhIGZpbGU6IGVjaG8tdHJhaWwgc2VuZCBNRVRIT0QgVVJMIFx1MjAyNiAtLWFzIFBBVEgnLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IHR5cGUgPSBoZWFkZXJzLmZpbmQoKFtuYW1lXSkgPT4gbmFtZS50b0xvd2VyQ2FzZSgpID09PSAnY29udGVudC10eXBlJyk7XG4gIHJldHVybiB7XG4gICAgbWV0aG9kLFxuICAgIHVybCxcbiAgICBoZWFkZXJzOiBbLi4ub3duLCAuLi4odHlwZSA/IFt0eXBlXSA6IFtdKV0ubWFwKChbbmFtZSwgdmFsdWVdKSA9PiBgJHtuYW1lfTogJHt2YWx1ZX1gKSxcbiAgICBxdWVyeTogW10sXG4gICAgc2Vzc2lvbjogdW5kZWZpbmVkLFxuICAgIGJvZHk6IGJvZHkgPT09IHVuZGVmaW5lZCA/IHt9IDogeyB0ZXh0OiBib2R5LnRleHQgfSxcbiAgfTtcbn1cbiIsICIvKiogYGVjaG8gc2hvd2AuICovXG5pbXBvcnQgdHlwZSB7IEVjaG8sIFJlY29yZGVkQm9keSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvZWNoby9lY2hvLmpzJztcbmltcG9ydCB7IGZpbmRFY2hvLCByZWNvcmRlZEJ5dGVzIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9lY2hvL3JlYWQuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHBhcnNlSnNvbiB9IGZyb20gJy4uLy4uLy4uL2NvcmUvdmFsdWUvanNvbi10ZXh0LmpzJztcbmltcG9ydCB7IGR1cmF0aW9uVGV4dCwgc2l6ZVRleHQgfSBmcm9tICcuLi8uLi8uLi9jb3JlL3ZhbHVlL21lYXN1cmVzLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi8uLi9lbWl0LmpzJztcbmltcG9ydCB0eXBlIHsgVGVybWluYWwgfSBmcm9tICcuLi8uLi90ZXJtaW5hbC5qcyc7XG5pbXBvcnQgeyBoZWFkZXJMaW5lcywgc3RhdHVzVGV4dCB9IGZyb20gJy4uLy4uL3ZpZXcvZXhjaGFuZ2UuanMnO1xuaW1wb3J0IHsgY29sb3VyZWRKc29uIH0gZnJvbSAnLi4vLi4vdmlldy9qc29uLmpzJztcbmltcG9ydCB7IHByaW50YWJsZSwgcHJpbnRhYmxlTGluZSB9IGZyb20gJy4uLy4uL3ZpZXcvcHJpbnRhYmxlLmpzJztcblxuZXhwb3J0IGNvbnN0IHNob3c6IENvbW1hbmRNb2R1bGUgPSB7XG4gIGNvbmZpZ3VyZShjb21tYW5kLCBydW4pIHtcbiAgICBjb21tYW5kXG4gICAgICAuYXJndW1lbnQoJ1tpZF0nLCAnYW4gZWNobyBhcyBlY2hvIGxpc3QgbmFtZXMgaXQsIG9yIGxhc3QnLCAnbGFzdCcpXG4gICAgICAub3B0aW9uKCctLWJvZHknLCAncHJpbnQgdGhlIGJvZHkgb2YgdGhlIGFuc3dlciBhbmQgbm90aGluZyBlbHNlLCBhbGwgb2YgaXQnKVxuICAgICAgLmFjdGlvbihcbiAgICAgICAgcnVuKGFzeW5jIChjb250ZXh0LCBbaWQgPSAnbGFzdCddLCB7IGJvZHkgfSkgPT4ge1xuICAgICAgICAgIGNvbnN0IHsgdGVybWluYWwgfSA9IGNvbnRleHQ7XG4gICAgICAgICAgY29uc3QgeyBsb2NhbCB9ID0gYXdhaXQgY29udGV4dC5jb2xsZWN0aW9uKCk7XG4gICAgICAgICAgY29uc3QgZWNobyA9IGF3YWl0IGZpbmRFY2hvKGxvY2FsLCBpZCk7XG4gICAgICAgICAgaWYgKGJvZHkgPT09IHRydWUpIHtcbiAgICAgICAgICAgIHByb2Nlc3Muc3Rkb3V0LndyaXRlKHdob2xlQm9keShlY2hvLCBsb2NhbCkpO1xuICAgICAgICAgICAgcmV0dXJuIDA7XG4gICAgICAgICAgfVxuICAgICAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSByZXR1cm4gZW1pdCh0ZXJtaW5hbCwgJ2VjaG8gc2hvdycsIGVjaG8pO1xuICAgICAgICAgIHRlcm1pbmFsLnByaW50KGVjaG9UZXh0KGVjaG8sIHRlcm1pbmFsKSk7XG4gICAgICAgICAgcmV0dXJuIDA7XG4gICAgICAgIH0pLFxuICAgICAgKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbXG4gICAgICBbJ2VjaG8gc2hvdycsICd0aGUgbGFzdCBleGNoYW5nZSwgYm90aCBkaXJlY3Rpb25zJ10sXG4gICAgICBbJ2VjaG8gc2hvdyBsYXN0IC0tanNvbicsICd0aGUgc2FtZSBmb3IgcHJvZ3JhbXMnXSxcbiAgICAgIFsnZWNobyBzaG93IGxhc3QgLS1ib2R5JywgJ3RoZSBib2R5IHRoYXQgY2FtZSwgYWxsIG9mIGl0J10sXG4gICAgXSk7XG4gIH0sXG59O1xuXG4vKiogRnJvbSB0aGUgZmlsZSBiZXNpZGUgdGhlIGVjaG8gd2hlcmUgaXQgaXMgYSBsb25nIG9uZS4gQHRocm93cyBQcm9ibGVtIGVjaG8tbm90LWZvdW5kICovXG5mdW5jdGlvbiB3aG9sZUJvZHkoeyBpZCwgcmVjZWl2ZWQgfTogRWNobywgbG9jYWw6IHN0cmluZyk6IFVpbnQ4QXJyYXkge1xuICBjb25zdCByZWNvcmRlZCA9IHJlY2VpdmVkPy5ib2R5O1xuICBjb25zdCBiZXNpZGUgPSByZWNvcmRlZD8uZmlsZSA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcmVjb3JkZWRCeXRlcyhsb2NhbCwgcmVjb3JkZWQuZmlsZSk7XG4gIGlmIChiZXNpZGUpIHJldHVybiBiZXNpZGU7XG4gIGlmIChyZWNvcmRlZD8uY3V0KSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2VjaG8tbm90LWZvdW5kJywge1xuICAgICAgd2hhdDogYG9ubHkgdGhlIGJlZ2lubmluZyBvZiB0aGUgYW5zd2VyIG9mICR7aWR9IGlzIHJlY29yZGVkYCxcbiAgICAgIHJlbWVkeTogJ3NlbmQgXHUyMDI2IC0tdG8gRklMRSBzYXZlcyBhbiBhbnN3ZXIgb2YgYW55IGxlbmd0aCcsXG4gICAgfSk7XG4gIH1cbiAgcmV0dXJuIEJ1ZmZlci5mcm9tKHJlY29yZGVkPy50ZXh0ID8/ICcnLCByZWNvcmRlZD8uZW5jb2RpbmcgPT09ICdiYXNlNjQnID8gJ2Jhc2U2NCcgOiAndXRmOCcpO1xufVxuXG5jb25zdCBwbGFpbmx5ID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PiB0ZXh0O1xuXG5mdW5jdGlvbiBlY2hvVGV4dChcbiAgeyBpZCwgYXQsIGVudmlyb25tZW50LCByZXF1ZXN0LCBzdGVwLCBzZW50LCByZWNlaXZlZCwgcGhhc2VzLCB0cm91YmxlLCBtZXQsIGZhaWxlZCwga2VwdCB9OiBFY2hvLFxuICB0ZXJtaW5hbDogVGVybWluYWwsXG4pOiBzdHJpbmcge1xuICBjb25zdCB7IG91dCB9ID0gdGVybWluYWw7XG4gIGNvbnN0IHBoYXNlID0gT2JqZWN0LmVudHJpZXMocGhhc2VzID8/IHt9KVxuICAgIC5maWx0ZXIoKFtuYW1lXSkgPT4gbmFtZSAhPT0gJ3RvdGFsJylcbiAgICAubWFwKChbbmFtZSwgbXNdKSA9PiBgJHtuYW1lfSAke2R1cmF0aW9uVGV4dChtcyA/PyAwKX1gKVxuICAgIC5qb2luKCcsICcpO1xuICBjb25zdCBibG9ja3MgPSBbXG4gICAgYCR7b3V0LmJvbGQoaWQpfSAgICR7YXR9ICAgZW52aXJvbm1lbnQgJHtlbnZpcm9ubWVudH0ke3JlcXVlc3QgPT09IHVuZGVmaW5lZCA/ICcnIDogYCAgIHJlcXVlc3QgJHtyZXF1ZXN0fWB9JHtzdGVwID09PSB1bmRlZmluZWQgfHwgc3RlcCA9PT0gcmVxdWVzdCA/ICcnIDogYCAgIHN0ZXAgJHtzdGVwfWB9YCxcbiAgICBgJHtvdXQuYm9sZCgnc2VudCcpfVxcbiAgJHtvdXQuY3lhbihzZW50Lm1ldGhvZCl9ICR7cHJpbnRhYmxlTGluZShzZW50LnVybCl9XFxuJHtoZWFkZXJMaW5lcyhzZW50LmhlYWRlcnMsIHRlcm1pbmFsLCBwbGFpbmx5KX0ke2JvZHlCbG9jayhzZW50LmJvZHksIHRlcm1pbmFsKX1gLFxuICAgIHJlY2VpdmVkICYmXG4gICAgICBgJHtvdXQuYm9sZCgncmVjZWl2ZWQnKX1cXG4gICR7c3RhdHVzVGV4dChyZWNlaXZlZC5zdGF0dXMsIHJlY2VpdmVkLnJlYXNvbiwgb3V0KX0gICAke3BoYXNlcyA/IGAke2R1cmF0aW9uVGV4dChwaGFzZXMudG90YWwgPz8gMCl9ICgke3BoYXNlfSlgIDogJyd9XFxuJHtoZWFkZXJMaW5lcyhyZWNlaXZlZC5oZWFkZXJzLCB0ZXJtaW5hbCwgcGxhaW5seSl9JHtib2R5QmxvY2socmVjZWl2ZWQuYm9keSwgdGVybWluYWwpfWAsXG4gICAgdHJvdWJsZSAmJlxuICAgICAgYCR7b3V0LnJlZChvdXQuYm9sZCgndHJvdWJsZScpKX0gICR7cHJpbnRhYmxlTGluZSh0cm91YmxlLndoYXQpfSR7dHJvdWJsZS5jYXVzZSA9PT0gdW5kZWZpbmVkID8gJycgOiBgXFxuICAke3ByaW50YWJsZUxpbmUodHJvdWJsZS5jYXVzZSl9YH1gLFxuICAgIGZhaWxlZCAmJlxuICAgICAgYCR7b3V0LnJlZChvdXQuYm9sZCgnZmFpbGVkJykpfVxcbiR7ZmFpbGVkLm1hcCgoeyBwbGFjZSwgZXhwZWN0ZWQsIGZvdW5kLCBkZXRhaWwsIG5lYXIgfSkgPT4gYCAgJHtwbGFjZX06IGV4cGVjdGVkICR7ZXhwZWN0ZWR9LCBmb3VuZCAke3ByaW50YWJsZUxpbmUoZm91bmQgPz8gJycpfSR7ZGV0YWlsID8gYDsgJHtwcmludGFibGVMaW5lKGRldGFpbCl9YCA6ICcnfSR7bmVhciA/IGA7IG5lYXJlc3Q6ICR7bmVhcn1gIDogJyd9YCkuam9pbignXFxuJyl9YCxcbiAgICBtZXQgPiAwICYmIGAke291dC5ib2xkKCdtZXQnKX0gICR7bWV0fSBleHBlY3RhdGlvbiR7bWV0ID09PSAxID8gJycgOiAncyd9YCxcbiAgICBrZXB0ICYmXG4gICAgICBgJHtvdXQuYm9sZCgna2VwdCcpfVxcbiR7T2JqZWN0LmVudHJpZXMoa2VwdClcbiAgICAgICAgLm1hcCgoW25hbWUsIHZhbHVlXSkgPT4gYCAgJHtuYW1lfSA9ICR7cHJpbnRhYmxlTGluZShKU09OLnN0cmluZ2lmeSh2YWx1ZSkpfWApXG4gICAgICAgIC5qb2luKCdcXG4nKX1gLFxuICBdO1xuICByZXR1cm4gYmxvY2tzLmZpbHRlcigoYmxvY2spID0+IHR5cGVvZiBibG9jayA9PT0gJ3N0cmluZycpLmpvaW4oJ1xcblxcbicpO1xufVxuXG5mdW5jdGlvbiBib2R5QmxvY2soYm9keTogUmVjb3JkZWRCb2R5IHwgdW5kZWZpbmVkLCB7IG91dCB9OiBUZXJtaW5hbCk6IHN0cmluZyB7XG4gIGlmICghYm9keSkgcmV0dXJuICcnO1xuICBjb25zdCBjdXQgPSBib2R5LmN1dFxuICAgID8gb3V0LmRpbShcbiAgICAgICAgYFxcbiAgdGhlIGJlZ2lubmluZyBvZiAke3NpemVUZXh0KGJvZHkuc2l6ZSl9JHtib2R5LmZpbGUgPT09IHVuZGVmaW5lZCA/ICcnIDogJzsgLS1ib2R5IHByaW50cyBhbGwgb2YgaXQnfWAsXG4gICAgICApXG4gICAgOiAnJztcbiAgaWYgKGJvZHkuZW5jb2RpbmcgPT09ICdiYXNlNjQnKSByZXR1cm4gYFxcblxcbiAgJHtvdXQuZGltKGAke3NpemVUZXh0KGJvZHkuc2l6ZSl9IG9mIGJ5dGVzYCl9YDtcbiAgbGV0IHRleHQgPSBwcmludGFibGUoYm9keS50ZXh0KTtcbiAgaWYgKC9eXFxzKlt7W10vLnRlc3QoYm9keS50ZXh0KSAmJiAhYm9keS5jdXQpIHtcbiAgICB0cnkge1xuICAgICAgdGV4dCA9IGNvbG91cmVkSnNvbihwYXJzZUpzb24oYm9keS50ZXh0KSwgb3V0KTtcbiAgICB9IGNhdGNoIHtcbiAgICAgIC8vIFNob3duIGFzIGl0IHdhcyByZWNvcmRlZC5cbiAgICB9XG4gIH1cbiAgcmV0dXJuIGBcXG5cXG4ke3RleHQucmVwbGFjZSgvXi9nbSwgJyAgJyl9JHtjdXR9YDtcbn1cbiIsICIvKiogYGVjaG9gOiByZWNvcmRlZCBleGNoYW5nZXMuICovXG5pbXBvcnQgdHlwZSB7IENvbW1hbmRNb2R1bGUgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGxpc3QgfSBmcm9tICcuL2xpc3QuanMnO1xuaW1wb3J0IHsgcHJ1bmUgfSBmcm9tICcuL3BydW5lLmpzJztcbmltcG9ydCB7IHJlc2VuZCB9IGZyb20gJy4vcmVzZW5kLmpzJztcbmltcG9ydCB7IHNob3cgfSBmcm9tICcuL3Nob3cuanMnO1xuXG5leHBvcnQgY29uc3QgeyBjb25maWd1cmUgfTogQ29tbWFuZE1vZHVsZSA9IHtcbiAgY29uZmlndXJlKGNvbW1hbmQsIHJ1bikge1xuICAgIGxpc3QuY29uZmlndXJlKGNvbW1hbmQuY29tbWFuZCgnbGlzdCcpLmRlc2NyaXB0aW9uKCdsaXN0IHJlY29yZGVkIGV4Y2hhbmdlcywgdGhlIG5ld2VzdCBmaXJzdCcpLCBydW4pO1xuICAgIHJlc2VuZC5jb25maWd1cmUoY29tbWFuZC5jb21tYW5kKCdyZXNlbmQnKS5kZXNjcmlwdGlvbignc2VuZCBhIHJlY29yZGVkIHJlcXVlc3Qgb25jZSBtb3JlJyksIHJ1bik7XG4gICAgcHJ1bmUuY29uZmlndXJlKGNvbW1hbmQuY29tbWFuZCgncHJ1bmUnKS5kZXNjcmlwdGlvbignbGV0IG9sZCByZWNvcmRzIGdvJyksIHJ1bik7XG4gICAgc2hvdy5jb25maWd1cmUoY29tbWFuZC5jb21tYW5kKCdzaG93JykuZGVzY3JpcHRpb24oJ3Nob3cgd2hhdCB3YXMgc2VudCBhbmQgd2hhdCBjYW1lIGJhY2snKSwgcnVuKTtcbiAgfSxcbn07XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBYU8sSUFBTSxPQUFzQjtBQUFBLEVBQ2pDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQ0csT0FBTyxtQkFBbUIsd0JBQXdCLElBQUksRUFDdEQsT0FBTyxvQkFBb0IsbURBQW1ELEVBQzlFLE9BQU8scUJBQXFCLHVCQUF1QixFQUNuRCxPQUFPLHFCQUFxQixzRUFBc0UsRUFDbEcsT0FBTyxZQUFZLGtCQUFrQixFQUNyQyxPQUFPLGVBQWUsa0JBQWtCLEVBQ3hDLE9BQU8sc0JBQXNCLDhCQUE4QixFQUMzRDtBQUFBLE1BQ0MsSUFBSSxPQUFPLFNBQVMsT0FBTyxZQUFZO0FBQ3JDLGNBQU0sRUFBRSxLQUFLLElBQUk7QUFDakIsY0FBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixjQUFNLFFBQVEsWUFBWSxNQUFNLFVBQVUsRUFBRSxPQUFPLEVBQUUsQ0FBQztBQUN0RCxjQUFNLEVBQUUsTUFBTSxJQUFJLE1BQU0sUUFBUSxXQUFXO0FBQzNDLGNBQU0sU0FBUyxNQUFNLGFBQWEsT0FBTyxPQUFPLFNBQVMsU0FBUyxRQUFRLFFBQVEsR0FBRyxDQUFDO0FBQ3RGLFlBQUksU0FBUyxNQUFNO0FBQ2pCLGlCQUFPLEtBQUssVUFBVSxhQUFhO0FBQUEsWUFDakMsUUFBUSxPQUFPLElBQUksQ0FBQyxVQUFVO0FBQUEsY0FDNUIsSUFBSSxLQUFLO0FBQUEsY0FDVCxJQUFJLEtBQUs7QUFBQSxjQUNULGFBQWEsS0FBSztBQUFBLGNBQ2xCLFNBQVMsS0FBSyxXQUFXO0FBQUEsY0FDekIsUUFBUSxLQUFLLEtBQUs7QUFBQSxjQUNsQixLQUFLLEtBQUssS0FBSztBQUFBLGNBQ2YsUUFBUSxLQUFLLFVBQVUsVUFBVTtBQUFBLGNBQ2pDLE1BQU0sS0FBSyxRQUFRLFNBQVM7QUFBQSxjQUM1QixJQUFJLENBQUMsVUFBVSxJQUFJO0FBQUEsWUFDckIsRUFBRTtBQUFBLFVBQ0osQ0FBQztBQUFBLFFBQ0g7QUFDQSxjQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFlBQUksT0FBTyxXQUFXLEVBQUcsVUFBUyxLQUFLLGtDQUFrQztBQUFBLGFBQ3BFO0FBQ0gsbUJBQVM7QUFBQSxZQUNQO0FBQUEsY0FDRSxPQUFPLElBQUksQ0FBQyxTQUFTO0FBQ25CLHNCQUFNLEVBQUUsSUFBSSxJQUFJLE1BQU0sVUFBVSxRQUFRLFNBQVMsS0FBSyxJQUFJO0FBQzFELHVCQUFPO0FBQUEsa0JBQ0wsSUFBSSxLQUFLLEVBQUU7QUFBQSxrQkFDWCxJQUFJLElBQUksR0FBRyxNQUFNLEdBQUcsRUFBRSxFQUFFLFFBQVEsS0FBSyxHQUFHLENBQUM7QUFBQSxrQkFDekMsU0FBUyxNQUFNLEdBQUc7QUFBQSxrQkFDbEIsV0FBVyxPQUFPLFNBQVMsTUFBTSxJQUFJLElBQUksSUFBSSxNQUFNO0FBQUEsa0JBQ25ELFFBQVEsVUFBVSxTQUFZLEtBQUssYUFBYSxPQUFPLEtBQUs7QUFBQSxrQkFDNUQsR0FBRyxJQUFJLEtBQUssS0FBSyxNQUFNLENBQUMsSUFBSSxjQUFjLEtBQUssR0FBRyxDQUFDO0FBQUEsa0JBQ25ELFFBQVEsV0FBVztBQUFBLGdCQUNyQjtBQUFBLGNBQ0YsQ0FBQztBQUFBLGNBQ0Q7QUFBQSxjQUNBLEVBQUUsTUFBTSxDQUFDLFFBQVEsWUFBWSxVQUFVLFVBQVUsUUFBUSxRQUFRLGlCQUFpQixHQUFHLFVBQVUsQ0FBQyxHQUFHLENBQUMsRUFBRTtBQUFBLFlBQ3hHO0FBQUEsVUFDRjtBQUFBLFFBQ0Y7QUFDQSxlQUFPO0FBQUEsTUFDVCxDQUFDO0FBQUEsSUFDSDtBQUNGLGFBQVMsU0FBUztBQUFBLE1BQ2hCLENBQUMsYUFBYSxpQkFBaUI7QUFBQSxNQUMvQixDQUFDLGlDQUFpQyx1Q0FBdUM7QUFBQSxNQUN6RSxDQUFDLCtCQUErQiw0QkFBNEI7QUFBQSxJQUM5RCxDQUFDO0FBQUEsRUFDSDtBQUNGO0FBR0EsSUFBTSxXQUFXLENBQUMsTUFBWSxRQUM1QixVQUFVLElBQUksSUFBSSxJQUFJLElBQUksUUFBUSxJQUFJLEtBQUssUUFBUSxJQUFJLE9BQU8sT0FBTyxJQUFJLElBQUksTUFBTSxJQUFJO0FBRXpGLFNBQVMsU0FBUyxTQUFrQyxhQUE2QztBQUMvRixRQUFNLEVBQUUsU0FBUyxRQUFRLFFBQVEsUUFBUSxLQUFLLE1BQU0sSUFBSTtBQUN4RCxNQUFJLFdBQVcsVUFBYSxDQUFDLDhCQUE4QixLQUFLLE1BQU07QUFDcEUsVUFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLE1BQ3pCLE1BQU0sMEVBQTBFLE1BQU07QUFBQSxJQUN4RixDQUFDO0FBQ0gsUUFBTSxPQUFPLFVBQVUsU0FBWSxTQUFZLGNBQWMsS0FBSztBQUNsRSxNQUFJLFVBQVUsVUFBYSxTQUFTO0FBQ2xDLFVBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLGtFQUFrRSxLQUFLLEdBQUcsQ0FBQztBQUNoSCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0E7QUFBQSxJQUNBLFFBQVEsUUFBUSxZQUFZO0FBQUEsSUFDNUI7QUFBQSxJQUNBO0FBQUEsSUFDQSxRQUFRLFdBQVc7QUFBQSxJQUNuQixPQUFPLFNBQVMsU0FBWSxTQUFZLEtBQUssSUFBSSxJQUFJO0FBQUEsRUFDdkQ7QUFDRjs7O0FDM0ZPLElBQU0sUUFBdUI7QUFBQSxFQUNsQyxVQUFVLFNBQVMsS0FBSztBQUN0QixZQUNHLE9BQU8sbUJBQW1CLGlDQUFpQyxFQUMzRCxPQUFPLGlCQUFpQiwwREFBMEQsRUFDbEYsT0FBTywyQkFBMkIseUNBQXlDLEVBQzNFLE9BQU8sU0FBUyxtQkFBbUIsRUFDbkM7QUFBQSxNQUNDLElBQUksT0FBTyxTQUFTLE9BQU8sWUFBWTtBQUNyQyxjQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLGNBQU0sRUFBRSxNQUFNLElBQUksTUFBTSxRQUFRLFdBQVc7QUFDM0MsY0FBTSxFQUFFLE1BQU0sTUFBTSxXQUFXLElBQUksSUFBSTtBQUN2QyxZQUFJLENBQUMsTUFBTSxNQUFNLFdBQVcsR0FBRyxFQUFFLE1BQU0sQ0FBQyxRQUFRLFFBQVEsTUFBUyxHQUFHO0FBQ2xFLGdCQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsWUFDekIsTUFBTTtBQUFBLFlBQ04sUUFBUTtBQUFBLFVBQ1YsQ0FBQztBQUFBLFFBQ0g7QUFDQSxjQUFNLE1BQU0sS0FBSyxJQUFJO0FBQ3JCLGNBQU0sT0FDSixRQUFRLFNBQ0osU0FBUyxTQUNQLE9BQU8sb0JBQ1AsWUFBWSxNQUFNLFVBQVUsRUFBRSxPQUFPLEVBQUUsQ0FBQyxJQUMxQztBQUNOLGNBQU0sUUFBUSxjQUFjLFNBQVksSUFBSSxNQUFNLFNBQVMsV0FBVyxnQkFBZ0IsYUFBYTtBQUNuRyxjQUFNLFFBQVEsU0FBUyxTQUFZLE9BQU8sb0JBQW9CLFNBQVMsTUFBTSxVQUFVLFNBQVM7QUFDaEcsY0FBTSxPQUFPLE1BQU0sT0FBTyxPQUFPLEVBQUUsTUFBTSxNQUFNLE9BQU8sTUFBTSxDQUFDO0FBQzdELGNBQU0sV0FBVyxNQUFNLGVBQWUsT0FBTyxFQUFFLE1BQU0sTUFBTSxDQUFDO0FBQzVELFlBQUksU0FBUyxLQUFNLFFBQU8sS0FBSyxVQUFVLGNBQWMsRUFBRSxRQUFRLE1BQU0sU0FBUyxDQUFDO0FBQ2pGLGlCQUFTLE1BQU0sR0FBRyxJQUFJLElBQUksU0FBUyxJQUFJLFdBQVcsU0FBUyxxQkFBcUIsUUFBUSxpQkFBaUI7QUFDekcsZUFBTztBQUFBLE1BQ1QsQ0FBQztBQUFBLElBQ0g7QUFDRixhQUFTLFNBQVM7QUFBQSxNQUNoQixDQUFDLDhCQUE4QiwyQkFBMkI7QUFBQSxNQUMxRCxDQUFDLHdCQUF3Qiw4QkFBOEI7QUFBQSxJQUN6RCxDQUFDO0FBQUEsRUFDSDtBQUNGO0FBRUEsU0FBUyxTQUFTLE1BQWMsUUFBZ0IsTUFBb0Q7QUFDbEcsUUFBTSxRQUFRLEtBQUssSUFBSTtBQUN2QixNQUFJLFVBQVUsT0FBVyxRQUFPO0FBQ2hDLFFBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLEdBQUcsTUFBTSxJQUFJLElBQUksOEJBQThCLFFBQVEsd0JBQXdCLENBQUM7QUFDckg7OztBQ3JDTyxJQUFNLFNBQXdCO0FBQUEsRUFDbkMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsWUFBUSxTQUFTLFVBQVUsd0NBQXdDLE1BQU07QUFDekUsa0JBQWMsT0FBTyxFQUFFO0FBQUEsTUFDckIsSUFBSSxPQUFPLFNBQVMsQ0FBQyxLQUFLLE1BQU0sR0FBRyxZQUFZO0FBQzdDLGNBQU0sYUFBYSxNQUFNLFFBQVEsV0FBVztBQUM1QyxjQUFNLE9BQU8sTUFBTSxTQUFTLFdBQVcsT0FBTyxFQUFFO0FBQ2hELGNBQU0sWUFBWSxNQUFNLFFBQVEsVUFBVTtBQUFBLFVBQ3hDO0FBQUEsVUFDQSxhQUFhLFFBQVEsUUFBUSxPQUFPLEtBQUs7QUFBQSxVQUN6QyxjQUFjLFFBQVEsaUJBQWlCO0FBQUEsUUFDekMsQ0FBQztBQUNELGNBQU0sV0FBVyxNQUFNLFVBQVUsTUFBTSxTQUFTO0FBQ2hELGdCQUFRLFNBQVMsS0FBSyxRQUFRLFNBQVMsSUFBSSxJQUFJLFdBQVcsS0FBSyxFQUFFLEVBQUUsQ0FBQztBQUNwRSxlQUFPLFlBQVksU0FBUyxXQUFXLFVBQVUsU0FBUyxlQUFlLElBQUksQ0FBQztBQUFBLE1BQ2hGLENBQUM7QUFBQSxJQUNIO0FBQ0EsYUFBUyxTQUFTO0FBQUEsTUFDaEIsQ0FBQyxlQUFlLDRCQUE0QjtBQUFBLE1BQzVDLENBQUMsc0NBQXNDLDZCQUE2QjtBQUFBLElBQ3RFLENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFHQSxTQUFTLGVBQWUsRUFBRSxTQUFTLENBQUMsR0FBRyxHQUFHLEdBQXFDO0FBQzdFLFFBQU0sUUFBUSxvQkFBSSxJQUFtQjtBQUNyQyxhQUFXLENBQUMsTUFBTSxLQUFLLEtBQUssT0FBTyxRQUFRLE1BQU0sR0FBRztBQUNsRCxRQUFJLFVBQVUsT0FBUSxPQUFNLElBQUksTUFBTSxFQUFFLE9BQXVCLFFBQVEsUUFBUSxFQUFFLEdBQUcsQ0FBQztBQUFBLEVBQ3ZGO0FBQ0EsU0FBTztBQUNUO0FBR0EsZUFBZSxVQUFVLE1BQVksV0FBZ0Q7QUFDbkYsUUFBTSxFQUFFLFFBQVEsSUFBSTtBQUNwQixNQUFJLFlBQVksVUFBYSxVQUFVLFdBQVcsTUFBTSxTQUFTLEVBQUUsU0FBUyxPQUFPO0FBQ2pGLFdBQU8sVUFBVSxRQUFRLE9BQU87QUFDbEMsTUFBSSxZQUFZLFVBQWEsWUFBWSxnQkFBZ0I7QUFDdkQsVUFBTSxJQUFJLFFBQVEsa0JBQWtCO0FBQUEsTUFDbEMsTUFBTSxlQUFlLE9BQU8sWUFBWSxLQUFLLEVBQUU7QUFBQSxNQUMvQyxRQUFRLHdCQUF3QixLQUFLLEVBQUU7QUFBQSxJQUN6QyxDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sRUFBRSxPQUFPLElBQUk7QUFBQSxJQUNqQixFQUFFLEdBQUcsT0FBTyxJQUFJLEdBQUcsT0FBTyxDQUFDLEdBQUcsU0FBUyxPQUFVO0FBQUEsSUFDakQsTUFBTSxhQUFhO0FBQUEsRUFDckI7QUFDQSxRQUFNLFFBQWUsQ0FBQztBQUN0QixRQUFNLE9BQU8sWUFBWSxVQUFVLFlBQVksUUFBUSxLQUFLO0FBQzVELFFBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsU0FBTyxhQUFhLEVBQUUsR0FBRyxNQUFNLFVBQVUsS0FBSyxZQUFZLENBQUMsRUFBRSxDQUFDO0FBQ2hFO0FBR0EsSUFBTSxZQUFZO0FBR2xCLFNBQVMsT0FBTyxFQUFFLElBQUksTUFBTSxTQUFTLEdBQTZDO0FBQ2hGLFFBQU0sRUFBRSxRQUFRLEtBQUssU0FBUyxLQUFLLElBQUk7QUFDdkMsUUFBTSxNQUFNLFFBQVEsT0FBTyxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU07QUFDNUMsUUFBSSxVQUFVLEtBQUssSUFBSSxFQUFHLFFBQU87QUFFakMsV0FBTyxFQUFFLFVBQVUsV0FBVyxZQUFZLENBQUMsR0FBRyxTQUFTO0FBQUEsRUFDekQsQ0FBQztBQUNELFFBQU0sU0FBUyxDQUFDLEtBQUssR0FBRyxJQUFJLElBQUksQ0FBQyxDQUFDLEVBQUUsS0FBSyxNQUFNLEtBQUssR0FBRyxNQUFNLFFBQVEsRUFBRSxFQUFFLEtBQUssQ0FBQyxTQUFTLEtBQUssU0FBUyxNQUFNLENBQUM7QUFDN0csTUFBSSxVQUFVLE1BQU0sT0FBTyxNQUFNLGFBQWEsVUFBVTtBQUN0RCxVQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsTUFDekIsTUFBTSxRQUFRLEVBQUUsK0NBQStDLFNBQVMsb0NBQW9DLG1DQUFtQztBQUFBLE1BQy9JLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxPQUFPLFFBQVEsS0FBSyxDQUFDLENBQUMsSUFBSSxNQUFNLEtBQUssWUFBWSxNQUFNLGNBQWM7QUFDM0UsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBO0FBQUEsSUFDQSxTQUFTLENBQUMsR0FBRyxLQUFLLEdBQUksT0FBTyxDQUFDLElBQUksSUFBSSxDQUFDLENBQUUsRUFBRSxJQUFJLENBQUMsQ0FBQyxNQUFNLEtBQUssTUFBTSxHQUFHLElBQUksS0FBSyxLQUFLLEVBQUU7QUFBQSxJQUNyRixPQUFPLENBQUM7QUFBQSxJQUNSLFNBQVM7QUFBQSxJQUNULE1BQU0sU0FBUyxTQUFZLENBQUMsSUFBSSxFQUFFLE1BQU0sS0FBSyxLQUFLO0FBQUEsRUFDcEQ7QUFDRjs7O0FDckZPLElBQU0sT0FBc0I7QUFBQSxFQUNqQyxVQUFVLFNBQVMsS0FBSztBQUN0QixZQUNHLFNBQVMsUUFBUSwwQ0FBMEMsTUFBTSxFQUNqRSxPQUFPLFVBQVUsMERBQTBELEVBQzNFO0FBQUEsTUFDQyxJQUFJLE9BQU8sU0FBUyxDQUFDLEtBQUssTUFBTSxHQUFHLEVBQUUsS0FBSyxNQUFNO0FBQzlDLGNBQU0sRUFBRSxTQUFTLElBQUk7QUFDckIsY0FBTSxFQUFFLE1BQU0sSUFBSSxNQUFNLFFBQVEsV0FBVztBQUMzQyxjQUFNLE9BQU8sTUFBTSxTQUFTLE9BQU8sRUFBRTtBQUNyQyxZQUFJLFNBQVMsTUFBTTtBQUNqQixrQkFBUSxPQUFPLE1BQU0sVUFBVSxNQUFNLEtBQUssQ0FBQztBQUMzQyxpQkFBTztBQUFBLFFBQ1Q7QUFDQSxZQUFJLFNBQVMsS0FBTSxRQUFPLEtBQUssVUFBVSxhQUFhLElBQUk7QUFDMUQsaUJBQVMsTUFBTSxTQUFTLE1BQU0sUUFBUSxDQUFDO0FBQ3ZDLGVBQU87QUFBQSxNQUNULENBQUM7QUFBQSxJQUNIO0FBQ0YsYUFBUyxTQUFTO0FBQUEsTUFDaEIsQ0FBQyxhQUFhLG9DQUFvQztBQUFBLE1BQ2xELENBQUMseUJBQXlCLHVCQUF1QjtBQUFBLE1BQ2pELENBQUMseUJBQXlCLCtCQUErQjtBQUFBLElBQzNELENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFHQSxTQUFTLFVBQVUsRUFBRSxJQUFJLFNBQVMsR0FBUyxPQUEyQjtBQUNwRSxRQUFNLFdBQVcsVUFBVTtBQUMzQixRQUFNLFNBQVMsVUFBVSxTQUFTLFNBQVksU0FBWSxjQUFjLE9BQU8sU0FBUyxJQUFJO0FBQzVGLE1BQUksT0FBUSxRQUFPO0FBQ25CLE1BQUksVUFBVSxLQUFLO0FBQ2pCLFVBQU0sSUFBSSxRQUFRLGtCQUFrQjtBQUFBLE1BQ2xDLE1BQU0sdUNBQXVDLEVBQUU7QUFBQSxNQUMvQyxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sT0FBTyxLQUFLLFVBQVUsUUFBUSxJQUFJLFVBQVUsYUFBYSxXQUFXLFdBQVcsTUFBTTtBQUM5RjtBQUVBLElBQU0sVUFBVSxDQUFDLFNBQXlCO0FBRTFDLFNBQVMsU0FDUCxFQUFFLElBQUksSUFBSSxhQUFhLFNBQVMsTUFBTSxNQUFNLFVBQVUsUUFBUSxTQUFTLEtBQUssUUFBUSxLQUFLLEdBQ3pGLFVBQ1E7QUFDUixRQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFFBQU0sUUFBUSxPQUFPLFFBQVEsVUFBVSxDQUFDLENBQUMsRUFDdEMsT0FBTyxDQUFDLENBQUMsSUFBSSxNQUFNLFNBQVMsT0FBTyxFQUNuQyxJQUFJLENBQUMsQ0FBQyxNQUFNLEVBQUUsTUFBTSxHQUFHLElBQUksSUFBSSxhQUFhLE1BQU0sQ0FBQyxDQUFDLEVBQUUsRUFDdEQsS0FBSyxJQUFJO0FBQ1osUUFBTSxTQUFTO0FBQUEsSUFDYixHQUFHLElBQUksS0FBSyxFQUFFLENBQUMsTUFBTSxFQUFFLGtCQUFrQixXQUFXLEdBQUcsWUFBWSxTQUFZLEtBQUssY0FBYyxPQUFPLEVBQUUsR0FBRyxTQUFTLFVBQWEsU0FBUyxVQUFVLEtBQUssV0FBVyxJQUFJLEVBQUU7QUFBQSxJQUM3SyxHQUFHLElBQUksS0FBSyxNQUFNLENBQUM7QUFBQSxJQUFPLElBQUksS0FBSyxLQUFLLE1BQU0sQ0FBQyxJQUFJLGNBQWMsS0FBSyxHQUFHLENBQUM7QUFBQSxFQUFLLFlBQVksS0FBSyxTQUFTLFVBQVUsT0FBTyxDQUFDLEdBQUcsVUFBVSxLQUFLLE1BQU0sUUFBUSxDQUFDO0FBQUEsSUFDNUosWUFDRSxHQUFHLElBQUksS0FBSyxVQUFVLENBQUM7QUFBQSxJQUFPLFdBQVcsU0FBUyxRQUFRLFNBQVMsUUFBUSxHQUFHLENBQUMsTUFBTSxTQUFTLEdBQUcsYUFBYSxPQUFPLFNBQVMsQ0FBQyxDQUFDLEtBQUssS0FBSyxNQUFNLEVBQUU7QUFBQSxFQUFLLFlBQVksU0FBUyxTQUFTLFVBQVUsT0FBTyxDQUFDLEdBQUcsVUFBVSxTQUFTLE1BQU0sUUFBUSxDQUFDO0FBQUEsSUFDOU8sV0FDRSxHQUFHLElBQUksSUFBSSxJQUFJLEtBQUssU0FBUyxDQUFDLENBQUMsS0FBSyxjQUFjLFFBQVEsSUFBSSxDQUFDLEdBQUcsUUFBUSxVQUFVLFNBQVksS0FBSztBQUFBLElBQU8sY0FBYyxRQUFRLEtBQUssQ0FBQyxFQUFFO0FBQUEsSUFDNUksVUFDRSxHQUFHLElBQUksSUFBSSxJQUFJLEtBQUssUUFBUSxDQUFDLENBQUM7QUFBQSxFQUFLLE9BQU8sSUFBSSxDQUFDLEVBQUUsT0FBTyxVQUFVLE9BQU8sUUFBUSxLQUFLLE1BQU0sS0FBSyxLQUFLLGNBQWMsUUFBUSxXQUFXLGNBQWMsU0FBUyxFQUFFLENBQUMsR0FBRyxTQUFTLEtBQUssY0FBYyxNQUFNLENBQUMsS0FBSyxFQUFFLEdBQUcsT0FBTyxjQUFjLElBQUksS0FBSyxFQUFFLEVBQUUsRUFBRSxLQUFLLElBQUksQ0FBQztBQUFBLElBQ2pRLE1BQU0sS0FBSyxHQUFHLElBQUksS0FBSyxLQUFLLENBQUMsS0FBSyxHQUFHLGVBQWUsUUFBUSxJQUFJLEtBQUssR0FBRztBQUFBLElBQ3hFLFFBQ0UsR0FBRyxJQUFJLEtBQUssTUFBTSxDQUFDO0FBQUEsRUFBSyxPQUFPLFFBQVEsSUFBSSxFQUN4QyxJQUFJLENBQUMsQ0FBQyxNQUFNLEtBQUssTUFBTSxLQUFLLElBQUksTUFBTSxjQUFjLEtBQUssVUFBVSxLQUFLLENBQUMsQ0FBQyxFQUFFLEVBQzVFLEtBQUssSUFBSSxDQUFDO0FBQUEsRUFDakI7QUFDQSxTQUFPLE9BQU8sT0FBTyxDQUFDLFVBQVUsT0FBTyxVQUFVLFFBQVEsRUFBRSxLQUFLLE1BQU07QUFDeEU7QUFFQSxTQUFTLFVBQVUsTUFBZ0MsRUFBRSxJQUFJLEdBQXFCO0FBQzVFLE1BQUksQ0FBQyxLQUFNLFFBQU87QUFDbEIsUUFBTSxNQUFNLEtBQUssTUFDYixJQUFJO0FBQUEsSUFDRjtBQUFBLHFCQUF3QixTQUFTLEtBQUssSUFBSSxDQUFDLEdBQUcsS0FBSyxTQUFTLFNBQVksS0FBSywyQkFBMkI7QUFBQSxFQUMxRyxJQUNBO0FBQ0osTUFBSSxLQUFLLGFBQWEsU0FBVSxRQUFPO0FBQUE7QUFBQSxJQUFTLElBQUksSUFBSSxHQUFHLFNBQVMsS0FBSyxJQUFJLENBQUMsV0FBVyxDQUFDO0FBQzFGLE1BQUksT0FBTyxVQUFVLEtBQUssSUFBSTtBQUM5QixNQUFJLFdBQVcsS0FBSyxLQUFLLElBQUksS0FBSyxDQUFDLEtBQUssS0FBSztBQUMzQyxRQUFJO0FBQ0YsYUFBTyxhQUFhLFVBQVUsS0FBSyxJQUFJLEdBQUcsR0FBRztBQUFBLElBQy9DLFFBQVE7QUFBQSxJQUVSO0FBQUEsRUFDRjtBQUNBLFNBQU87QUFBQTtBQUFBLEVBQU8sS0FBSyxRQUFRLE9BQU8sSUFBSSxDQUFDLEdBQUcsR0FBRztBQUMvQzs7O0FDN0ZPLElBQU0sRUFBRSxVQUFVLElBQW1CO0FBQUEsRUFDMUMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsU0FBSyxVQUFVLFFBQVEsUUFBUSxNQUFNLEVBQUUsWUFBWSwyQ0FBMkMsR0FBRyxHQUFHO0FBQ3BHLFdBQU8sVUFBVSxRQUFRLFFBQVEsUUFBUSxFQUFFLFlBQVksbUNBQW1DLEdBQUcsR0FBRztBQUNoRyxVQUFNLFVBQVUsUUFBUSxRQUFRLE9BQU8sRUFBRSxZQUFZLG9CQUFvQixHQUFHLEdBQUc7QUFDL0UsU0FBSyxVQUFVLFFBQVEsUUFBUSxNQUFNLEVBQUUsWUFBWSx1Q0FBdUMsR0FBRyxHQUFHO0FBQUEsRUFDbEc7QUFDRjsiLAogICJuYW1lcyI6IFtdCn0K
