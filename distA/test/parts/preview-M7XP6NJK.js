import {
  parseMoment
} from "./chunk-M2VASXJQ.js";
import {
  sessionsFrom,
  withInputs
} from "./chunk-IYVFZVMQ.js";
import "./chunk-TSTZ2E5O.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  shownValue
} from "./chunk-GXIBG2WU.js";
import {
  previewRequest
} from "./chunk-RCNXIKQJ.js";
import "./chunk-2IYWYRKP.js";
import "./chunk-33U4T2M5.js";
import "./chunk-3HNS4OKH.js";
import "./chunk-2P5QH4SA.js";
import "./chunk-M6H7XQX2.js";
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
import {
  isSecretName
} from "./chunk-BC36KCSM.js";
import {
  againstText,
  signatureText
} from "./chunk-TZNSI6KC.js";
import {
  compareAgainst,
  unescaped
} from "./chunk-ATVXI2VJ.js";
import {
  bodySize,
  hidden
} from "./chunk-KTFSZ6KS.js";
import {
  colouredJsonText
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
import "./chunk-77DFO3CW.js";
import "./chunk-J7IJ6DS5.js";
import "./chunk-4DNYAMDJ.js";
import "./chunk-UHUDVQF4.js";
import {
  durationText,
  sizeText
} from "./chunk-IQWA53IU.js";
import "./chunk-6FF7OQVK.js";
import "./chunk-7JVJJYGZ.js";
import "./chunk-VVGKGSPN.js";
import {
  noNames
} from "./chunk-ILBUWU7B.js";
import "./chunk-QF6HTAQS.js";
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import "./chunk-ELCQYB6S.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import {
  plain
} from "./chunk-XGDOGID3.js";

// src/cli/signing.ts
import { existsSync, readFileSync, statSync } from "node:fs";
function momentFrom(time, nonce) {
  if (time === void 0 && nonce === void 0) return void 0;
  return {
    ...time !== void 0 && { now: timeFrom(String(time)) },
    ...nonce !== void 0 && { nonce: String(nonce) }
  };
}
function timeFrom(text) {
  const date = parseMoment(text);
  if (date) return date;
  throw new Problem("usage", {
    what: `--time cannot read ${text}`,
    remedy: "write it as 2026-11-24T09:30:00Z, with its zone, or as seconds since 1970"
  });
}
function textOrFile(given) {
  if (given.includes("\n") || given.length > 1e3) return given;
  if (existsSync(given) && statSync(given).isFile()) return readFileSync(given, "utf8");
  if (/^[\w./-]+\.(?:txt|md|log|text)$/.test(given)) {
    throw new Problem("file-not-found", {
      what: `${given} does not exist`,
      remedy: "--against takes a text, or the name of a file with it, from this folder"
    });
  }
  return given;
}
function comparedWith({ signed }, given, value) {
  if (!signed) throw notSigned();
  const ours = signed.steps.map((step) => textOf(step.value));
  const theirs = unescaped(textOrFile(given), ours);
  const compared = compareAgainst(signed.steps, theirs, value);
  if (compared?.same === false && theirs.endsWith("\n")) {
    const without = compareAgainst(signed.steps, theirs.slice(0, -1), value);
    if (without && (without.same || !ours.some((text) => text.endsWith("\n")))) return without;
  }
  if (compared) return compared;
  const names = signed.steps.map((step) => step.name);
  throw new Problem("usage", {
    what: value === void 0 ? "the signature has no text to compare with" : `the signature has no text ${value}`,
    remedy: `${value === void 0 ? "" : `${nearestHint(value, names)}; `}there are ${names.join(", ")}`
  });
}
var notSigned = () => new Problem("usage", {
  what: "the request has no signature",
  remedy: "signature: NAME in its file, or --sign NAME, says which of signatures/ is used"
});

// src/cli/view/eyes.ts
var hiding = (hide) => ({
  url: ({ shownUrl }) => hide(shownUrl),
  header: ({ value, secret }) => secret ? hidden : hide(value),
  body: ({ shown }) => hide(shown),
  named: (name, { value, secret }) => secret || isSecretName(name) ? void 0 : value,
  text: hide,
  step: ({ shown }) => shown === void 0 ? void 0 : hide(shown)
});
var revealing = {
  url: ({ url }) => url.href,
  header: ({ value }) => value,
  // What is streamed from files is not read for a look.
  body: ({ bytes, streamed, shown }) => streamed ? shown : Buffer.from(bytes).toString("utf8"),
  named: (_, { value }) => value,
  text: (text) => text,
  step: ({ value }) => shownValue(value)
};

// src/cli/view/preview.ts
function signaturePreview({ wire, signed }, about, terminal, eyes) {
  if (!signed) throw notSigned();
  const { out } = terminal;
  return [
    `${out.cyan(wire.method)} ${out.bold(printableLine(eyes.url(wire)))}   ${out.dim(about)}`,
    `${out.dim("signature")} ${out.bold(signed.name)}`,
    "",
    signatureText(signed.steps, eyes.step, terminal)
  ].join("\n");
}
function previewDocument({ request, wire, notOpen, doubts, signed }, eyes, compared) {
  return {
    method: wire.method,
    url: eyes.url(wire),
    query: queryOf(eyes.url(wire)),
    headers: wire.headers.map((line) => ({ name: line.name, value: eyes.header(line), origin: line.origin })),
    body: wire.body ? { type: wire.body.type, size: bodySize(wire.body), text: eyes.body(wire.body) } : null,
    names: [...request.names].map(([name, named]) => ({
      name,
      value: plain(eyes.named(name, named) ?? hidden),
      origin: named.origin
    })),
    doubts: [...doubts],
    opens: [...notOpen],
    signature: signed ? {
      name: signed.name,
      steps: signed.steps.map((step) => ({
        name: step.name,
        part: step.part,
        secret: step.secret,
        value: eyes.step(step) ?? null
      }))
    } : null,
    ...compared && { against: againstDocument(compared, eyes.text) }
  };
}
function againstDocument({ name, same, difference }, hide) {
  const seen = (text) => text === void 0 ? null : hide(text);
  return {
    name,
    same,
    difference: difference ? {
      line: difference.line,
      column: difference.column,
      ours: seen(difference.ours),
      theirs: seen(difference.theirs),
      cause: seen(difference.cause)
    } : null
  };
}
function queryOf(url) {
  return [...new URL(url).searchParams].map(([name, value]) => ({ name, value }));
}
function previewText({ request, wire, signed }, about, terminal, eyes) {
  const { out } = terminal;
  const title = (text) => out.bold(text);
  const query = queryOf(eyes.url(wire));
  const blocks = [
    `${out.cyan(wire.method)} ${out.bold(printableLine(eyes.url(wire)))}   ${out.dim(about)}`,
    query.length > 0 && `${title("query")}
${table(
      query.map(({ name, value }) => [out.cyan(printableLine(name)), printableLine(eyes.text(value))]),
      terminal,
      { indent: 2 }
    )}`,
    `${title("headers")}
${table(
      wire.headers.map((line) => [out.cyan(line.name), printableLine(eyes.header(line)), out.dim(line.origin)]),
      terminal,
      { indent: 2, flexible: [1] }
    )}`,
    signed && `${title("signature")}  ${signed.name}   ${out.dim("--signature shows how it is made")}`,
    wire.body && `${title("body")}  ${wire.body.type}, ${sizeText(bodySize(wire.body))}
${bodyShown(wire.body.type, eyes.body(wire.body), terminal)}`,
    request.names.size > 0 && `${title("values")}
${table(
      [...request.names].map(([name, named]) => {
        const value = eyes.named(name, named);
        const text = value === void 0 ? hidden : printableLine(eyes.text(shortText(value)));
        return [out.cyan(name), text, out.dim(named.origin)];
      }),
      terminal,
      { indent: 2, flexible: [1, 2] }
    )}`
  ];
  return blocks.filter((block) => typeof block === "string").join("\n\n");
}
function bodyShown(type, shown, { out }) {
  const text = printable(shown);
  return `  ${type === "application/json" ? colouredJsonText(text, out) : text.replaceAll("\n", "\n  ")}`;
}

// src/cli/commands/preview.ts
var { configure } = {
  configure(command, run) {
    command.argument("<request>", "a request of the collection").option("--session <name>", "another session, or none").option("--ask", "ask for inputs that have a default, too").option("--reveal", "show secrets as they would leave; they are shown nowhere else").option("--sign <name>", "another signature, or none").option("--signature", "show how the signature is made, value by value").option("--against <text>", "compare with what the vendor shows: a text, or the name of a file with it").option("--value <name>", "the value that --against means; else the one that is most alike").option("--time <time>", "sign as at another time, such as 2026-11-24T09:30:00Z").option("--nonce <text>", "sign with this nonce").action(
      run(async (context, [name = ""], { session, ask, reveal, sign, signature, against, value, time, nonce }) => {
        const { terminal } = context;
        const workspace = await context.workspace({ moment: momentFrom(time, nonce) });
        const prepared = await workspace.prepare(name);
        const preview = await withInputs(
          workspace,
          prepared,
          terminal,
          ask === true,
          ({ given }) => previewRequest(workspace, prepared, {
            given,
            caller: noNames,
            sessions: sessionsFrom(session),
            signature: sign
          })
        );
        const eyes = reveal === true ? revealing : hiding(workspace.redactor.hide);
        if (reveal === true) terminal.note(`${terminal.err.yellow("warning")}  secrets are shown`);
        const compared = against === void 0 ? void 0 : comparedWith(preview, against, value);
        if (value !== void 0 && against === void 0)
          throw new Problem("usage", { what: "--value goes with --against" });
        if (terminal.json) return emit(terminal, "preview", previewDocument(preview, eyes, compared));
        for (const doubt of preview.doubts) terminal.note(`${terminal.err.yellow("warning")}  ${doubt}`);
        const about = `environment ${workspace.environment.name}; nothing is sent`;
        if (signature === true || compared) terminal.print(signaturePreview(preview, about, terminal, eyes));
        else terminal.print(previewText(preview, about, terminal, eyes));
        if (compared) terminal.print(`
${againstText(compared, eyes.text, terminal)}`);
        const missing = preview.signed?.missing;
        if (missing) {
          terminal.note(`${terminal.err.yellow("warning")}  ${missing.what}: what is made from it is left out`);
          if (missing.remedy !== void 0) terminal.note(`try      ${missing.remedy}`);
        }
        const { ahead = 0, followed = false } = preview.signed?.clock ?? {};
        if (ahead !== 0) {
          const apart = `the server's clock was ${durationText(Math.abs(ahead))} ${ahead > 0 ? "ahead of" : "behind"} this one`;
          terminal.note(
            `${terminal.err.dim("clock")}    ${apart}: ${followed ? "signed with its time" : "clock: follow-server in the environment signs with its time"}`
          );
        }
        for (const one of preview.notOpen) terminal.note(`the session ${one} is not open: send opens it first`);
        return compared && !compared.same ? 1 : 0;
      })
    );
    examples(command, [
      ["preview calls/book", "with the defaults of its inputs"],
      ["preview calls/book --set nights=3 --json", "for programs"],
      ["preview calls/book --session none", "without the session"],
      ["preview calls/book --reveal", "with its secrets, on purpose"],
      ["preview manifests/file --signature", "how its signature is made, value by value"],
      [
        "preview manifests/file --time 2026-03-02T09:30:00Z --against data/filing-guide.txt",
        "held against the example of the vendor's guide"
      ]
    ]);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9zaWduaW5nLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvdmlldy9leWVzLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvdmlldy9wcmV2aWV3LnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvcHJldmlldy50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFdoYXQgYHByZXZpZXdgIGlzIGFza2VkIG9mIGEgc2lnbmF0dXJlOiB0aGUgbW9tZW50IHRoYXQgaXQgaXMgbWFkZSBhdCwgYW5kIHdoYXQgaXQgaXMgaGVsZCBhZ2FpbnN0LiAqL1xuaW1wb3J0IHsgZXhpc3RzU3luYywgcmVhZEZpbGVTeW5jLCBzdGF0U3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHR5cGUgeyBNb21lbnQgfSBmcm9tICcuLi9jb3JlL2V4cHJlc3Npb24vd29ybGQuanMnO1xuaW1wb3J0IHsgbmVhcmVzdEhpbnQgfSBmcm9tICcuLi9jb3JlL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgdHlwZSBBZ2FpbnN0LCBjb21wYXJlQWdhaW5zdCwgdW5lc2NhcGVkIH0gZnJvbSAnLi4vY29yZS9zaWduYXR1cmUvYWdhaW5zdC9jb21wYXJlLmpzJztcbmltcG9ydCB0eXBlIHsgUHJldmlldyB9IGZyb20gJy4uL2NvcmUvdHJhaWwvc2VuZGluZy5qcyc7XG5pbXBvcnQgeyBwYXJzZU1vbWVudCB9IGZyb20gJy4uL2NvcmUvdmFsdWUvbW9tZW50LmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uL2NvcmUvdmFsdWUvdGV4dC5qcyc7XG5cbi8qKiBgLS10aW1lYCBhbmQgYC0tbm9uY2VgOiB3aGF0IGEgZG9jdW1lbnRlZCBleGFtcGxlIHdhcyBtYWRlIHdpdGguIEB0aHJvd3MgUHJvYmxlbSB1c2FnZSAqL1xuZXhwb3J0IGZ1bmN0aW9uIG1vbWVudEZyb20odGltZTogdW5rbm93biwgbm9uY2U6IHVua25vd24pOiBNb21lbnQgfCB1bmRlZmluZWQge1xuICBpZiAodGltZSA9PT0gdW5kZWZpbmVkICYmIG5vbmNlID09PSB1bmRlZmluZWQpIHJldHVybiB1bmRlZmluZWQ7XG4gIHJldHVybiB7XG4gICAgLi4uKHRpbWUgIT09IHVuZGVmaW5lZCAmJiB7IG5vdzogdGltZUZyb20oU3RyaW5nKHRpbWUpKSB9KSxcbiAgICAuLi4obm9uY2UgIT09IHVuZGVmaW5lZCAmJiB7IG5vbmNlOiBTdHJpbmcobm9uY2UpIH0pLFxuICB9O1xufVxuXG5mdW5jdGlvbiB0aW1lRnJvbSh0ZXh0OiBzdHJpbmcpOiBEYXRlIHtcbiAgY29uc3QgZGF0ZSA9IHBhcnNlTW9tZW50KHRleHQpO1xuICBpZiAoZGF0ZSkgcmV0dXJuIGRhdGU7XG4gIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICB3aGF0OiBgLS10aW1lIGNhbm5vdCByZWFkICR7dGV4dH1gLFxuICAgIHJlbWVkeTogJ3dyaXRlIGl0IGFzIDIwMjYtMTEtMjRUMDk6MzA6MDBaLCB3aXRoIGl0cyB6b25lLCBvciBhcyBzZWNvbmRzIHNpbmNlIDE5NzAnLFxuICB9KTtcbn1cblxuLyoqIEEgdGV4dCwgb3IgdGhlIGNvbnRlbnQgb2YgdGhlIGZpbGUgb2YgdGhhdCBuYW1lLiBAdGhyb3dzIFByb2JsZW0gZmlsZS1ub3QtZm91bmQ6IGl0IGNhbiBvbmx5IGJlIHRoZSBuYW1lIG9mIGEgZmlsZSAqL1xuZnVuY3Rpb24gdGV4dE9yRmlsZShnaXZlbjogc3RyaW5nKTogc3RyaW5nIHtcbiAgaWYgKGdpdmVuLmluY2x1ZGVzKCdcXG4nKSB8fCBnaXZlbi5sZW5ndGggPiAxMDAwKSByZXR1cm4gZ2l2ZW47XG4gIGlmIChleGlzdHNTeW5jKGdpdmVuKSAmJiBzdGF0U3luYyhnaXZlbikuaXNGaWxlKCkpIHJldHVybiByZWFkRmlsZVN5bmMoZ2l2ZW4sICd1dGY4Jyk7XG4gIGlmICgvXltcXHcuLy1dK1xcLig/OnR4dHxtZHxsb2d8dGV4dCkkLy50ZXN0KGdpdmVuKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdmaWxlLW5vdC1mb3VuZCcsIHtcbiAgICAgIHdoYXQ6IGAke2dpdmVufSBkb2VzIG5vdCBleGlzdGAsXG4gICAgICByZW1lZHk6ICctLWFnYWluc3QgdGFrZXMgYSB0ZXh0LCBvciB0aGUgbmFtZSBvZiBhIGZpbGUgd2l0aCBpdCwgZnJvbSB0aGlzIGZvbGRlcicsXG4gICAgfSk7XG4gIH1cbiAgcmV0dXJuIGdpdmVuO1xufVxuXG4vKipcbiAqIE91ciBzaWduYXR1cmUgaGVsZCBhZ2FpbnN0IHdoYXQgdGhlIHZlbmRvciBzaG93cy5cbiAqIEBwYXJhbSB2YWx1ZSB0aGUgbmFtZSBvZiB0aGUgdmFsdWUgdGhhdCBpcyBtZWFudDsgZWxzZSB0aGUgb25lIHRoYXQgaXMgbW9zdCBhbGlrZVxuICogQHRocm93cyBQcm9ibGVtIHVzYWdlOiB0aGUgcmVxdWVzdCBpcyBub3Qgc2lnbmVkLCBvciBoYXMgbm8gc3VjaCB2YWx1ZTsgZmlsZS1ub3QtZm91bmRcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvbXBhcmVkV2l0aCh7IHNpZ25lZCB9OiBQcmV2aWV3LCBnaXZlbjogc3RyaW5nLCB2YWx1ZTogc3RyaW5nIHwgdW5kZWZpbmVkKTogQWdhaW5zdCB7XG4gIGlmICghc2lnbmVkKSB0aHJvdyBub3RTaWduZWQoKTtcbiAgY29uc3Qgb3VycyA9IHNpZ25lZC5zdGVwcy5tYXAoKHN0ZXApID0+IHRleHRPZihzdGVwLnZhbHVlKSk7XG4gIGNvbnN0IHRoZWlycyA9IHVuZXNjYXBlZCh0ZXh0T3JGaWxlKGdpdmVuKSwgb3Vycyk7XG4gIGNvbnN0IGNvbXBhcmVkID0gY29tcGFyZUFnYWluc3Qoc2lnbmVkLnN0ZXBzLCB0aGVpcnMsIHZhbHVlKTtcbiAgaWYgKGNvbXBhcmVkPy5zYW1lID09PSBmYWxzZSAmJiB0aGVpcnMuZW5kc1dpdGgoJ1xcbicpKSB7XG4gICAgLy8gRWRpdG9ycyBlbmQgYSBmaWxlIHdpdGggYSBsaW5lIGJyZWFrIHRoYXQgaXMgbm8gcGFydCBvZiB0aGUgdGV4dC5cbiAgICBjb25zdCB3aXRob3V0ID0gY29tcGFyZUFnYWluc3Qoc2lnbmVkLnN0ZXBzLCB0aGVpcnMuc2xpY2UoMCwgLTEpLCB2YWx1ZSk7XG4gICAgaWYgKHdpdGhvdXQgJiYgKHdpdGhvdXQuc2FtZSB8fCAhb3Vycy5zb21lKCh0ZXh0KSA9PiB0ZXh0LmVuZHNXaXRoKCdcXG4nKSkpKSByZXR1cm4gd2l0aG91dDtcbiAgfVxuICBpZiAoY29tcGFyZWQpIHJldHVybiBjb21wYXJlZDtcbiAgY29uc3QgbmFtZXMgPSBzaWduZWQuc3RlcHMubWFwKChzdGVwKSA9PiBzdGVwLm5hbWUpO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgd2hhdDogdmFsdWUgPT09IHVuZGVmaW5lZCA/ICd0aGUgc2lnbmF0dXJlIGhhcyBubyB0ZXh0IHRvIGNvbXBhcmUgd2l0aCcgOiBgdGhlIHNpZ25hdHVyZSBoYXMgbm8gdGV4dCAke3ZhbHVlfWAsXG4gICAgcmVtZWR5OiBgJHt2YWx1ZSA9PT0gdW5kZWZpbmVkID8gJycgOiBgJHtuZWFyZXN0SGludCh2YWx1ZSwgbmFtZXMpfTsgYH10aGVyZSBhcmUgJHtuYW1lcy5qb2luKCcsICcpfWAsXG4gIH0pO1xufVxuXG5leHBvcnQgY29uc3Qgbm90U2lnbmVkID0gKCk6IFByb2JsZW0gPT5cbiAgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgIHdoYXQ6ICd0aGUgcmVxdWVzdCBoYXMgbm8gc2lnbmF0dXJlJyxcbiAgICByZW1lZHk6ICdzaWduYXR1cmU6IE5BTUUgaW4gaXRzIGZpbGUsIG9yIC0tc2lnbiBOQU1FLCBzYXlzIHdoaWNoIG9mIHNpZ25hdHVyZXMvIGlzIHVzZWQnLFxuICB9KTtcbiIsICIvKiogV2hhdCBvZiBhIHJlcXVlc3QgaXMgc2Vlbjogc2VjcmV0cyBoaWRkZW4sIG9yLCBvbiBwdXJwb3NlLCBzaG93bi4gKi9cbmltcG9ydCB7IGhpZGRlbiwgdHlwZSBXaXJlUmVxdWVzdCB9IGZyb20gJy4uLy4uL2NvcmUvZXhjaGFuZ2Uvd2lyZS5qcyc7XG5pbXBvcnQgdHlwZSB7IE5hbWVkIH0gZnJvbSAnLi4vLi4vY29yZS9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IHNob3duVmFsdWUgfSBmcm9tICcuLi8uLi9jb3JlL3NpZ25hdHVyZS9yZWNpcGUtcnVuLmpzJztcbmltcG9ydCB0eXBlIHsgU2lnbmluZ1N0ZXAgfSBmcm9tICcuLi8uLi9jb3JlL3NpZ25hdHVyZS9zaWduYXR1cmUta2luZC5qcyc7XG5pbXBvcnQgeyBpc1NlY3JldE5hbWUgfSBmcm9tICcuLi8uLi9jb3JlL3ZhbHVlL3NlY3JldC1maWVsZHMuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvd3JpdHRlbi5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgRXllcyB7XG4gIHVybCh3aXJlOiBXaXJlUmVxdWVzdCk6IHN0cmluZztcbiAgaGVhZGVyKGxpbmU6IFdpcmVSZXF1ZXN0WydoZWFkZXJzJ11bbnVtYmVyXSk6IHN0cmluZztcbiAgYm9keShib2R5OiBOb25OdWxsYWJsZTxXaXJlUmVxdWVzdFsnYm9keSddPik6IHN0cmluZztcbiAgLyoqIHVuZGVmaW5lZCB3aGVyZSBpdCBpcyBoaWRkZW4uICovXG4gIG5hbWVkKG5hbWU6IHN0cmluZywgbmFtZWQ6IE5hbWVkKTogVmFsdWUgfCB1bmRlZmluZWQ7XG4gIC8qKiBPZiB3aGF0IGlzIHNob3duIGFscmVhZHkuICovXG4gIHRleHQodGV4dDogc3RyaW5nKTogc3RyaW5nO1xuICAvKiogdW5kZWZpbmVkIHdoZXJlIG5vdGhpbmcgb2YgaXQgbWF5IGJlIHNlZW4uICovXG4gIHN0ZXAoc3RlcDogU2lnbmluZ1N0ZXApOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG59XG5cbmV4cG9ydCBjb25zdCBoaWRpbmcgPSAoaGlkZTogKHRleHQ6IHN0cmluZykgPT4gc3RyaW5nKTogRXllcyA9PiAoe1xuICB1cmw6ICh7IHNob3duVXJsIH0pID0+IGhpZGUoc2hvd25VcmwpLFxuICBoZWFkZXI6ICh7IHZhbHVlLCBzZWNyZXQgfSkgPT4gKHNlY3JldCA/IGhpZGRlbiA6IGhpZGUodmFsdWUpKSxcbiAgYm9keTogKHsgc2hvd24gfSkgPT4gaGlkZShzaG93biksXG4gIG5hbWVkOiAobmFtZSwgeyB2YWx1ZSwgc2VjcmV0IH0pID0+IChzZWNyZXQgfHwgaXNTZWNyZXROYW1lKG5hbWUpID8gdW5kZWZpbmVkIDogdmFsdWUpLFxuICB0ZXh0OiBoaWRlLFxuICBzdGVwOiAoeyBzaG93biB9KSA9PiAoc2hvd24gPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IGhpZGUoc2hvd24pKSxcbn0pO1xuXG5leHBvcnQgY29uc3QgcmV2ZWFsaW5nOiBFeWVzID0ge1xuICB1cmw6ICh7IHVybCB9KSA9PiB1cmwuaHJlZixcbiAgaGVhZGVyOiAoeyB2YWx1ZSB9KSA9PiB2YWx1ZSxcbiAgLy8gV2hhdCBpcyBzdHJlYW1lZCBmcm9tIGZpbGVzIGlzIG5vdCByZWFkIGZvciBhIGxvb2suXG4gIGJvZHk6ICh7IGJ5dGVzLCBzdHJlYW1lZCwgc2hvd24gfSkgPT4gKHN0cmVhbWVkID8gc2hvd24gOiBCdWZmZXIuZnJvbShieXRlcykudG9TdHJpbmcoJ3V0ZjgnKSksXG4gIG5hbWVkOiAoXywgeyB2YWx1ZSB9KSA9PiB2YWx1ZSxcbiAgdGV4dDogKHRleHQpID0+IHRleHQsXG4gIHN0ZXA6ICh7IHZhbHVlIH0pID0+IHNob3duVmFsdWUodmFsdWUpLFxufTtcbiIsICIvKiogQSByZXF1ZXN0IGFzIGl0IHdvdWxkIGxlYXZlLCBmb3IgcGVvcGxlIGFuZCBmb3IgcHJvZ3JhbXMuICovXG5pbXBvcnQgeyBib2R5U2l6ZSwgaGlkZGVuIH0gZnJvbSAnLi4vLi4vY29yZS9leGNoYW5nZS93aXJlLmpzJztcbmltcG9ydCB7IHNob3J0VGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvbWF0Y2hlci9yZWFkaW5nLmpzJztcbmltcG9ydCB0eXBlIHsgQWdhaW5zdCB9IGZyb20gJy4uLy4uL2NvcmUvc2lnbmF0dXJlL2FnYWluc3QvY29tcGFyZS5qcyc7XG5pbXBvcnQgdHlwZSB7IFByZXZpZXcgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3NlbmRpbmcuanMnO1xuaW1wb3J0IHsgc2l6ZVRleHQgfSBmcm9tICcuLi8uLi9jb3JlL3ZhbHVlL21lYXN1cmVzLmpzJztcbmltcG9ydCB7IHBsYWluIH0gZnJvbSAnLi4vLi4vY29yZS92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgRG9jdW1lbnRzIH0gZnJvbSAnLi4vZG9jdW1lbnRzLmpzJztcbmltcG9ydCB7IG5vdFNpZ25lZCB9IGZyb20gJy4uL3NpZ25pbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBUZXJtaW5hbCB9IGZyb20gJy4uL3Rlcm1pbmFsLmpzJztcbmltcG9ydCB0eXBlIHsgRXllcyB9IGZyb20gJy4vZXllcy5qcyc7XG5pbXBvcnQgeyBjb2xvdXJlZEpzb25UZXh0IH0gZnJvbSAnLi9qc29uLmpzJztcbmltcG9ydCB7IHByaW50YWJsZSwgcHJpbnRhYmxlTGluZSB9IGZyb20gJy4vcHJpbnRhYmxlLmpzJztcbmltcG9ydCB7IHNpZ25hdHVyZVRleHQgfSBmcm9tICcuL3NpZ25hdHVyZS5qcyc7XG5pbXBvcnQgeyB0YWJsZSB9IGZyb20gJy4vdGFibGUuanMnO1xuXG4vKiogT2YgYSBzaWduZWQgcmVxdWVzdCwgaG93IGl0cyBzaWduYXR1cmUgY29tZXMgYWJvdXQuIEB0aHJvd3MgUHJvYmxlbSB1c2FnZTogaXQgaXMgbm90IHNpZ25lZCAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNpZ25hdHVyZVByZXZpZXcoeyB3aXJlLCBzaWduZWQgfTogUHJldmlldywgYWJvdXQ6IHN0cmluZywgdGVybWluYWw6IFRlcm1pbmFsLCBleWVzOiBFeWVzKTogc3RyaW5nIHtcbiAgaWYgKCFzaWduZWQpIHRocm93IG5vdFNpZ25lZCgpO1xuICBjb25zdCB7IG91dCB9ID0gdGVybWluYWw7XG4gIHJldHVybiBbXG4gICAgYCR7b3V0LmN5YW4od2lyZS5tZXRob2QpfSAke291dC5ib2xkKHByaW50YWJsZUxpbmUoZXllcy51cmwod2lyZSkpKX0gICAke291dC5kaW0oYWJvdXQpfWAsXG4gICAgYCR7b3V0LmRpbSgnc2lnbmF0dXJlJyl9ICR7b3V0LmJvbGQoc2lnbmVkLm5hbWUpfWAsXG4gICAgJycsXG4gICAgc2lnbmF0dXJlVGV4dChzaWduZWQuc3RlcHMsIGV5ZXMuc3RlcCwgdGVybWluYWwpLFxuICBdLmpvaW4oJ1xcbicpO1xufVxuXG5leHBvcnQgZnVuY3Rpb24gcHJldmlld0RvY3VtZW50KFxuICB7IHJlcXVlc3QsIHdpcmUsIG5vdE9wZW4sIGRvdWJ0cywgc2lnbmVkIH06IFByZXZpZXcsXG4gIGV5ZXM6IEV5ZXMsXG4gIGNvbXBhcmVkOiBBZ2FpbnN0IHwgdW5kZWZpbmVkLFxuKTogRG9jdW1lbnRzWydwcmV2aWV3J10ge1xuICByZXR1cm4ge1xuICAgIG1ldGhvZDogd2lyZS5tZXRob2QsXG4gICAgdXJsOiBleWVzLnVybCh3aXJlKSxcbiAgICBxdWVyeTogcXVlcnlPZihleWVzLnVybCh3aXJlKSksXG4gICAgaGVhZGVyczogd2lyZS5oZWFkZXJzLm1hcCgobGluZSkgPT4gKHsgbmFtZTogbGluZS5uYW1lLCB2YWx1ZTogZXllcy5oZWFkZXIobGluZSksIG9yaWdpbjogbGluZS5vcmlnaW4gfSkpLFxuICAgIGJvZHk6IHdpcmUuYm9keSA/IHsgdHlwZTogd2lyZS5ib2R5LnR5cGUsIHNpemU6IGJvZHlTaXplKHdpcmUuYm9keSksIHRleHQ6IGV5ZXMuYm9keSh3aXJlLmJvZHkpIH0gOiBudWxsLFxuICAgIG5hbWVzOiBbLi4ucmVxdWVzdC5uYW1lc10ubWFwKChbbmFtZSwgbmFtZWRdKSA9PiAoe1xuICAgICAgbmFtZSxcbiAgICAgIHZhbHVlOiBwbGFpbihleWVzLm5hbWVkKG5hbWUsIG5hbWVkKSA/PyBoaWRkZW4pLFxuICAgICAgb3JpZ2luOiBuYW1lZC5vcmlnaW4sXG4gICAgfSkpLFxuICAgIGRvdWJ0czogWy4uLmRvdWJ0c10sXG4gICAgb3BlbnM6IFsuLi5ub3RPcGVuXSxcbiAgICBzaWduYXR1cmU6IHNpZ25lZFxuICAgICAgPyB7XG4gICAgICAgICAgbmFtZTogc2lnbmVkLm5hbWUsXG4gICAgICAgICAgc3RlcHM6IHNpZ25lZC5zdGVwcy5tYXAoKHN0ZXApID0+ICh7XG4gICAgICAgICAgICBuYW1lOiBzdGVwLm5hbWUsXG4gICAgICAgICAgICBwYXJ0OiBzdGVwLnBhcnQsXG4gICAgICAgICAgICBzZWNyZXQ6IHN0ZXAuc2VjcmV0LFxuICAgICAgICAgICAgdmFsdWU6IGV5ZXMuc3RlcChzdGVwKSA/PyBudWxsLFxuICAgICAgICAgIH0pKSxcbiAgICAgICAgfVxuICAgICAgOiBudWxsLFxuICAgIC4uLihjb21wYXJlZCAmJiB7IGFnYWluc3Q6IGFnYWluc3REb2N1bWVudChjb21wYXJlZCwgZXllcy50ZXh0KSB9KSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gYWdhaW5zdERvY3VtZW50KFxuICB7IG5hbWUsIHNhbWUsIGRpZmZlcmVuY2UgfTogQWdhaW5zdCxcbiAgaGlkZTogKHRleHQ6IHN0cmluZykgPT4gc3RyaW5nLFxuKTogTm9uTnVsbGFibGU8RG9jdW1lbnRzWydwcmV2aWV3J11bJ2FnYWluc3QnXT4ge1xuICBjb25zdCBzZWVuID0gKHRleHQ6IHN0cmluZyB8IHVuZGVmaW5lZCk6IHN0cmluZyB8IG51bGwgPT4gKHRleHQgPT09IHVuZGVmaW5lZCA/IG51bGwgOiBoaWRlKHRleHQpKTtcbiAgcmV0dXJuIHtcbiAgICBuYW1lLFxuICAgIHNhbWUsXG4gICAgZGlmZmVyZW5jZTogZGlmZmVyZW5jZVxuICAgICAgPyB7XG4gICAgICAgICAgbGluZTogZGlmZmVyZW5jZS5saW5lLFxuICAgICAgICAgIGNvbHVtbjogZGlmZmVyZW5jZS5jb2x1bW4sXG4gICAgICAgICAgb3Vyczogc2VlbihkaWZmZXJlbmNlLm91cnMpLFxuICAgICAgICAgIHRoZWlyczogc2VlbihkaWZmZXJlbmNlLnRoZWlycyksXG4gICAgICAgICAgY2F1c2U6IHNlZW4oZGlmZmVyZW5jZS5jYXVzZSksXG4gICAgICAgIH1cbiAgICAgIDogbnVsbCxcbiAgfTtcbn1cblxuLyoqIERlY29kZWQsIGluIHRoZSBvcmRlciBpbiB3aGljaCB0aGV5IGFyZSBzZW50LiAqL1xuZnVuY3Rpb24gcXVlcnlPZih1cmw6IHN0cmluZyk6IHsgbmFtZTogc3RyaW5nOyB2YWx1ZTogc3RyaW5nIH1bXSB7XG4gIHJldHVybiBbLi4ubmV3IFVSTCh1cmwpLnNlYXJjaFBhcmFtc10ubWFwKChbbmFtZSwgdmFsdWVdKSA9PiAoeyBuYW1lLCB2YWx1ZSB9KSk7XG59XG5cbi8qKiBAcGFyYW0gYWJvdXQgd2hlcmUgaXQgd291bGQgZ28sIGJlaGluZCB0aGUgYWRkcmVzcyAqL1xuZXhwb3J0IGZ1bmN0aW9uIHByZXZpZXdUZXh0KHsgcmVxdWVzdCwgd2lyZSwgc2lnbmVkIH06IFByZXZpZXcsIGFib3V0OiBzdHJpbmcsIHRlcm1pbmFsOiBUZXJtaW5hbCwgZXllczogRXllcyk6IHN0cmluZyB7XG4gIGNvbnN0IHsgb3V0IH0gPSB0ZXJtaW5hbDtcbiAgY29uc3QgdGl0bGUgPSAodGV4dDogc3RyaW5nKTogc3RyaW5nID0+IG91dC5ib2xkKHRleHQpO1xuICBjb25zdCBxdWVyeSA9IHF1ZXJ5T2YoZXllcy51cmwod2lyZSkpO1xuICBjb25zdCBibG9ja3MgPSBbXG4gICAgYCR7b3V0LmN5YW4od2lyZS5tZXRob2QpfSAke291dC5ib2xkKHByaW50YWJsZUxpbmUoZXllcy51cmwod2lyZSkpKX0gICAke291dC5kaW0oYWJvdXQpfWAsXG4gICAgcXVlcnkubGVuZ3RoID4gMCAmJlxuICAgICAgYCR7dGl0bGUoJ3F1ZXJ5Jyl9XFxuJHt0YWJsZShcbiAgICAgICAgcXVlcnkubWFwKCh7IG5hbWUsIHZhbHVlIH0pID0+IFtvdXQuY3lhbihwcmludGFibGVMaW5lKG5hbWUpKSwgcHJpbnRhYmxlTGluZShleWVzLnRleHQodmFsdWUpKV0pLFxuICAgICAgICB0ZXJtaW5hbCxcbiAgICAgICAgeyBpbmRlbnQ6IDIgfSxcbiAgICAgICl9YCxcbiAgICBgJHt0aXRsZSgnaGVhZGVycycpfVxcbiR7dGFibGUoXG4gICAgICB3aXJlLmhlYWRlcnMubWFwKChsaW5lKSA9PiBbb3V0LmN5YW4obGluZS5uYW1lKSwgcHJpbnRhYmxlTGluZShleWVzLmhlYWRlcihsaW5lKSksIG91dC5kaW0obGluZS5vcmlnaW4pXSksXG4gICAgICB0ZXJtaW5hbCxcbiAgICAgIHsgaW5kZW50OiAyLCBmbGV4aWJsZTogWzFdIH0sXG4gICAgKX1gLFxuICAgIHNpZ25lZCAmJiBgJHt0aXRsZSgnc2lnbmF0dXJlJyl9ICAke3NpZ25lZC5uYW1lfSAgICR7b3V0LmRpbSgnLS1zaWduYXR1cmUgc2hvd3MgaG93IGl0IGlzIG1hZGUnKX1gLFxuICAgIHdpcmUuYm9keSAmJlxuICAgICAgYCR7dGl0bGUoJ2JvZHknKX0gICR7d2lyZS5ib2R5LnR5cGV9LCAke3NpemVUZXh0KGJvZHlTaXplKHdpcmUuYm9keSkpfVxcbiR7Ym9keVNob3duKHdpcmUuYm9keS50eXBlLCBleWVzLmJvZHkod2lyZS5ib2R5KSwgdGVybWluYWwpfWAsXG4gICAgcmVxdWVzdC5uYW1lcy5zaXplID4gMCAmJlxuICAgICAgYCR7dGl0bGUoJ3ZhbHVlcycpfVxcbiR7dGFibGUoXG4gICAgICAgIFsuLi5yZXF1ZXN0Lm5hbWVzXS5tYXAoKFtuYW1lLCBuYW1lZF0pID0+IHtcbiAgICAgICAgICBjb25zdCB2YWx1ZSA9IGV5ZXMubmFtZWQobmFtZSwgbmFtZWQpO1xuICAgICAgICAgIGNvbnN0IHRleHQgPSB2YWx1ZSA9PT0gdW5kZWZpbmVkID8gaGlkZGVuIDogcHJpbnRhYmxlTGluZShleWVzLnRleHQoc2hvcnRUZXh0KHZhbHVlKSkpO1xuICAgICAgICAgIHJldHVybiBbb3V0LmN5YW4obmFtZSksIHRleHQsIG91dC5kaW0obmFtZWQub3JpZ2luKV07XG4gICAgICAgIH0pLFxuICAgICAgICB0ZXJtaW5hbCxcbiAgICAgICAgeyBpbmRlbnQ6IDIsIGZsZXhpYmxlOiBbMSwgMl0gfSxcbiAgICAgICl9YCxcbiAgXTtcbiAgcmV0dXJuIGJsb2Nrcy5maWx0ZXIoKGJsb2NrKSA9PiB0eXBlb2YgYmxvY2sgPT09ICdzdHJpbmcnKS5qb2luKCdcXG5cXG4nKTtcbn1cblxuLyoqIEFzIGl0IHdvdWxkIGxlYXZlLCBieXRlIGZvciBieXRlLiAqL1xuZnVuY3Rpb24gYm9keVNob3duKHR5cGU6IHN0cmluZywgc2hvd246IHN0cmluZywgeyBvdXQgfTogVGVybWluYWwpOiBzdHJpbmcge1xuICBjb25zdCB0ZXh0ID0gcHJpbnRhYmxlKHNob3duKTtcbiAgcmV0dXJuIGAgICR7dHlwZSA9PT0gJ2FwcGxpY2F0aW9uL2pzb24nID8gY29sb3VyZWRKc29uVGV4dCh0ZXh0LCBvdXQpIDogdGV4dC5yZXBsYWNlQWxsKCdcXG4nLCAnXFxuICAnKX1gO1xufVxuIiwgIi8qKiBgcHJldmlld2A6IGV4YWN0bHkgd2hhdCB3b3VsZCBiZSBzZW50LCB3aXRoIHRoZSBvcmlnaW4gb2YgZXZlcnkgdmFsdWU7IG5vdGhpbmcgaXMgc2VudC4gKi9cblxuaW1wb3J0IHsgbm9OYW1lcyB9IGZyb20gJy4uLy4uL2NvcmUvZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgcHJldmlld1JlcXVlc3QgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3NlbmQuanMnO1xuaW1wb3J0IHsgZHVyYXRpb25UZXh0IH0gZnJvbSAnLi4vLi4vY29yZS92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgeyB0eXBlIENvbW1hbmRNb2R1bGUsIGV4YW1wbGVzIH0gZnJvbSAnLi4vY29tbWFuZC5qcyc7XG5pbXBvcnQgeyBlbWl0IH0gZnJvbSAnLi4vZW1pdC5qcyc7XG5pbXBvcnQgeyBzZXNzaW9uc0Zyb20sIHdpdGhJbnB1dHMgfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHsgY29tcGFyZWRXaXRoLCBtb21lbnRGcm9tIH0gZnJvbSAnLi4vc2lnbmluZy5qcyc7XG5pbXBvcnQgeyBoaWRpbmcsIHJldmVhbGluZyB9IGZyb20gJy4uL3ZpZXcvZXllcy5qcyc7XG5pbXBvcnQgeyBwcmV2aWV3RG9jdW1lbnQsIHByZXZpZXdUZXh0LCBzaWduYXR1cmVQcmV2aWV3IH0gZnJvbSAnLi4vdmlldy9wcmV2aWV3LmpzJztcbmltcG9ydCB7IGFnYWluc3RUZXh0IH0gZnJvbSAnLi4vdmlldy9zaWduYXR1cmUuanMnO1xuXG5leHBvcnQgY29uc3QgeyBjb25maWd1cmUgfTogQ29tbWFuZE1vZHVsZSA9IHtcbiAgY29uZmlndXJlKGNvbW1hbmQsIHJ1bikge1xuICAgIGNvbW1hbmRcbiAgICAgIC5hcmd1bWVudCgnPHJlcXVlc3Q+JywgJ2EgcmVxdWVzdCBvZiB0aGUgY29sbGVjdGlvbicpXG4gICAgICAub3B0aW9uKCctLXNlc3Npb24gPG5hbWU+JywgJ2Fub3RoZXIgc2Vzc2lvbiwgb3Igbm9uZScpXG4gICAgICAub3B0aW9uKCctLWFzaycsICdhc2sgZm9yIGlucHV0cyB0aGF0IGhhdmUgYSBkZWZhdWx0LCB0b28nKVxuICAgICAgLm9wdGlvbignLS1yZXZlYWwnLCAnc2hvdyBzZWNyZXRzIGFzIHRoZXkgd291bGQgbGVhdmU7IHRoZXkgYXJlIHNob3duIG5vd2hlcmUgZWxzZScpXG4gICAgICAub3B0aW9uKCctLXNpZ24gPG5hbWU+JywgJ2Fub3RoZXIgc2lnbmF0dXJlLCBvciBub25lJylcbiAgICAgIC5vcHRpb24oJy0tc2lnbmF0dXJlJywgJ3Nob3cgaG93IHRoZSBzaWduYXR1cmUgaXMgbWFkZSwgdmFsdWUgYnkgdmFsdWUnKVxuICAgICAgLm9wdGlvbignLS1hZ2FpbnN0IDx0ZXh0PicsICdjb21wYXJlIHdpdGggd2hhdCB0aGUgdmVuZG9yIHNob3dzOiBhIHRleHQsIG9yIHRoZSBuYW1lIG9mIGEgZmlsZSB3aXRoIGl0JylcbiAgICAgIC5vcHRpb24oJy0tdmFsdWUgPG5hbWU+JywgJ3RoZSB2YWx1ZSB0aGF0IC0tYWdhaW5zdCBtZWFuczsgZWxzZSB0aGUgb25lIHRoYXQgaXMgbW9zdCBhbGlrZScpXG4gICAgICAub3B0aW9uKCctLXRpbWUgPHRpbWU+JywgJ3NpZ24gYXMgYXQgYW5vdGhlciB0aW1lLCBzdWNoIGFzIDIwMjYtMTEtMjRUMDk6MzA6MDBaJylcbiAgICAgIC5vcHRpb24oJy0tbm9uY2UgPHRleHQ+JywgJ3NpZ24gd2l0aCB0aGlzIG5vbmNlJylcbiAgICAgIC5hY3Rpb24oXG4gICAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW25hbWUgPSAnJ10sIHsgc2Vzc2lvbiwgYXNrLCByZXZlYWwsIHNpZ24sIHNpZ25hdHVyZSwgYWdhaW5zdCwgdmFsdWUsIHRpbWUsIG5vbmNlIH0pID0+IHtcbiAgICAgICAgICBjb25zdCB7IHRlcm1pbmFsIH0gPSBjb250ZXh0O1xuICAgICAgICAgIGNvbnN0IHdvcmtzcGFjZSA9IGF3YWl0IGNvbnRleHQud29ya3NwYWNlKHsgbW9tZW50OiBtb21lbnRGcm9tKHRpbWUsIG5vbmNlKSB9KTtcbiAgICAgICAgICBjb25zdCBwcmVwYXJlZCA9IGF3YWl0IHdvcmtzcGFjZS5wcmVwYXJlKG5hbWUpO1xuICAgICAgICAgIGNvbnN0IHByZXZpZXcgPSBhd2FpdCB3aXRoSW5wdXRzKHdvcmtzcGFjZSwgcHJlcGFyZWQsIHRlcm1pbmFsLCBhc2sgPT09IHRydWUsICh7IGdpdmVuIH0pID0+XG4gICAgICAgICAgICBwcmV2aWV3UmVxdWVzdCh3b3Jrc3BhY2UsIHByZXBhcmVkLCB7XG4gICAgICAgICAgICAgIGdpdmVuLFxuICAgICAgICAgICAgICBjYWxsZXI6IG5vTmFtZXMsXG4gICAgICAgICAgICAgIHNlc3Npb25zOiBzZXNzaW9uc0Zyb20oc2Vzc2lvbiksXG4gICAgICAgICAgICAgIHNpZ25hdHVyZTogc2lnbiBhcyBzdHJpbmcgfCB1bmRlZmluZWQsXG4gICAgICAgICAgICB9KSxcbiAgICAgICAgICApO1xuICAgICAgICAgIGNvbnN0IGV5ZXMgPSByZXZlYWwgPT09IHRydWUgPyByZXZlYWxpbmcgOiBoaWRpbmcod29ya3NwYWNlLnJlZGFjdG9yLmhpZGUpO1xuICAgICAgICAgIGlmIChyZXZlYWwgPT09IHRydWUpIHRlcm1pbmFsLm5vdGUoYCR7dGVybWluYWwuZXJyLnllbGxvdygnd2FybmluZycpfSAgc2VjcmV0cyBhcmUgc2hvd25gKTtcbiAgICAgICAgICBjb25zdCBjb21wYXJlZCA9XG4gICAgICAgICAgICBhZ2FpbnN0ID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBjb21wYXJlZFdpdGgocHJldmlldywgYWdhaW5zdCBhcyBzdHJpbmcsIHZhbHVlIGFzIHN0cmluZyB8IHVuZGVmaW5lZCk7XG4gICAgICAgICAgaWYgKHZhbHVlICE9PSB1bmRlZmluZWQgJiYgYWdhaW5zdCA9PT0gdW5kZWZpbmVkKVxuICAgICAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiAnLS12YWx1ZSBnb2VzIHdpdGggLS1hZ2FpbnN0JyB9KTtcbiAgICAgICAgICBpZiAodGVybWluYWwuanNvbikgcmV0dXJuIGVtaXQodGVybWluYWwsICdwcmV2aWV3JywgcHJldmlld0RvY3VtZW50KHByZXZpZXcsIGV5ZXMsIGNvbXBhcmVkKSk7XG4gICAgICAgICAgZm9yIChjb25zdCBkb3VidCBvZiBwcmV2aWV3LmRvdWJ0cykgdGVybWluYWwubm90ZShgJHt0ZXJtaW5hbC5lcnIueWVsbG93KCd3YXJuaW5nJyl9ICAke2RvdWJ0fWApO1xuICAgICAgICAgIGNvbnN0IGFib3V0ID0gYGVudmlyb25tZW50ICR7d29ya3NwYWNlLmVudmlyb25tZW50Lm5hbWV9OyBub3RoaW5nIGlzIHNlbnRgO1xuICAgICAgICAgIGlmIChzaWduYXR1cmUgPT09IHRydWUgfHwgY29tcGFyZWQpIHRlcm1pbmFsLnByaW50KHNpZ25hdHVyZVByZXZpZXcocHJldmlldywgYWJvdXQsIHRlcm1pbmFsLCBleWVzKSk7XG4gICAgICAgICAgZWxzZSB0ZXJtaW5hbC5wcmludChwcmV2aWV3VGV4dChwcmV2aWV3LCBhYm91dCwgdGVybWluYWwsIGV5ZXMpKTtcbiAgICAgICAgICBpZiAoY29tcGFyZWQpIHRlcm1pbmFsLnByaW50KGBcXG4ke2FnYWluc3RUZXh0KGNvbXBhcmVkLCBleWVzLnRleHQsIHRlcm1pbmFsKX1gKTtcbiAgICAgICAgICBjb25zdCBtaXNzaW5nID0gcHJldmlldy5zaWduZWQ/Lm1pc3Npbmc7XG4gICAgICAgICAgaWYgKG1pc3NpbmcpIHtcbiAgICAgICAgICAgIHRlcm1pbmFsLm5vdGUoYCR7dGVybWluYWwuZXJyLnllbGxvdygnd2FybmluZycpfSAgJHttaXNzaW5nLndoYXR9OiB3aGF0IGlzIG1hZGUgZnJvbSBpdCBpcyBsZWZ0IG91dGApO1xuICAgICAgICAgICAgaWYgKG1pc3NpbmcucmVtZWR5ICE9PSB1bmRlZmluZWQpIHRlcm1pbmFsLm5vdGUoYHRyeSAgICAgICR7bWlzc2luZy5yZW1lZHl9YCk7XG4gICAgICAgICAgfVxuICAgICAgICAgIGNvbnN0IHsgYWhlYWQgPSAwLCBmb2xsb3dlZCA9IGZhbHNlIH0gPSBwcmV2aWV3LnNpZ25lZD8uY2xvY2sgPz8ge307XG4gICAgICAgICAgaWYgKGFoZWFkICE9PSAwKSB7XG4gICAgICAgICAgICBjb25zdCBhcGFydCA9IGB0aGUgc2VydmVyJ3MgY2xvY2sgd2FzICR7ZHVyYXRpb25UZXh0KE1hdGguYWJzKGFoZWFkKSl9ICR7YWhlYWQgPiAwID8gJ2FoZWFkIG9mJyA6ICdiZWhpbmQnfSB0aGlzIG9uZWA7XG4gICAgICAgICAgICB0ZXJtaW5hbC5ub3RlKFxuICAgICAgICAgICAgICBgJHt0ZXJtaW5hbC5lcnIuZGltKCdjbG9jaycpfSAgICAke2FwYXJ0fTogJHtmb2xsb3dlZCA/ICdzaWduZWQgd2l0aCBpdHMgdGltZScgOiAnY2xvY2s6IGZvbGxvdy1zZXJ2ZXIgaW4gdGhlIGVudmlyb25tZW50IHNpZ25zIHdpdGggaXRzIHRpbWUnfWAsXG4gICAgICAgICAgICApO1xuICAgICAgICAgIH1cbiAgICAgICAgICBmb3IgKGNvbnN0IG9uZSBvZiBwcmV2aWV3Lm5vdE9wZW4pIHRlcm1pbmFsLm5vdGUoYHRoZSBzZXNzaW9uICR7b25lfSBpcyBub3Qgb3Blbjogc2VuZCBvcGVucyBpdCBmaXJzdGApO1xuICAgICAgICAgIHJldHVybiBjb21wYXJlZCAmJiAhY29tcGFyZWQuc2FtZSA/IDEgOiAwO1xuICAgICAgICB9KSxcbiAgICAgICk7XG4gICAgZXhhbXBsZXMoY29tbWFuZCwgW1xuICAgICAgWydwcmV2aWV3IGNhbGxzL2Jvb2snLCAnd2l0aCB0aGUgZGVmYXVsdHMgb2YgaXRzIGlucHV0cyddLFxuICAgICAgWydwcmV2aWV3IGNhbGxzL2Jvb2sgLS1zZXQgbmlnaHRzPTMgLS1qc29uJywgJ2ZvciBwcm9ncmFtcyddLFxuICAgICAgWydwcmV2aWV3IGNhbGxzL2Jvb2sgLS1zZXNzaW9uIG5vbmUnLCAnd2l0aG91dCB0aGUgc2Vzc2lvbiddLFxuICAgICAgWydwcmV2aWV3IGNhbGxzL2Jvb2sgLS1yZXZlYWwnLCAnd2l0aCBpdHMgc2VjcmV0cywgb24gcHVycG9zZSddLFxuICAgICAgWydwcmV2aWV3IG1hbmlmZXN0cy9maWxlIC0tc2lnbmF0dXJlJywgJ2hvdyBpdHMgc2lnbmF0dXJlIGlzIG1hZGUsIHZhbHVlIGJ5IHZhbHVlJ10sXG4gICAgICBbXG4gICAgICAgICdwcmV2aWV3IG1hbmlmZXN0cy9maWxlIC0tdGltZSAyMDI2LTAzLTAyVDA5OjMwOjAwWiAtLWFnYWluc3QgZGF0YS9maWxpbmctZ3VpZGUudHh0JyxcbiAgICAgICAgXCJoZWxkIGFnYWluc3QgdGhlIGV4YW1wbGUgb2YgdGhlIHZlbmRvcidzIGd1aWRlXCIsXG4gICAgICBdLFxuICAgIF0pO1xuICB9LFxufTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsU0FBUyxZQUFZLGNBQWMsZ0JBQWdCO0FBVTVDLFNBQVMsV0FBVyxNQUFlLE9BQW9DO0FBQzVFLE1BQUksU0FBUyxVQUFhLFVBQVUsT0FBVyxRQUFPO0FBQ3RELFNBQU87QUFBQSxJQUNMLEdBQUksU0FBUyxVQUFhLEVBQUUsS0FBSyxTQUFTLE9BQU8sSUFBSSxDQUFDLEVBQUU7QUFBQSxJQUN4RCxHQUFJLFVBQVUsVUFBYSxFQUFFLE9BQU8sT0FBTyxLQUFLLEVBQUU7QUFBQSxFQUNwRDtBQUNGO0FBRUEsU0FBUyxTQUFTLE1BQW9CO0FBQ3BDLFFBQU0sT0FBTyxZQUFZLElBQUk7QUFDN0IsTUFBSSxLQUFNLFFBQU87QUFDakIsUUFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLElBQ3pCLE1BQU0sc0JBQXNCLElBQUk7QUFBQSxJQUNoQyxRQUFRO0FBQUEsRUFDVixDQUFDO0FBQ0g7QUFHQSxTQUFTLFdBQVcsT0FBdUI7QUFDekMsTUFBSSxNQUFNLFNBQVMsSUFBSSxLQUFLLE1BQU0sU0FBUyxJQUFNLFFBQU87QUFDeEQsTUFBSSxXQUFXLEtBQUssS0FBSyxTQUFTLEtBQUssRUFBRSxPQUFPLEVBQUcsUUFBTyxhQUFhLE9BQU8sTUFBTTtBQUNwRixNQUFJLGtDQUFrQyxLQUFLLEtBQUssR0FBRztBQUNqRCxVQUFNLElBQUksUUFBUSxrQkFBa0I7QUFBQSxNQUNsQyxNQUFNLEdBQUcsS0FBSztBQUFBLE1BQ2QsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFPO0FBQ1Q7QUFPTyxTQUFTLGFBQWEsRUFBRSxPQUFPLEdBQVksT0FBZSxPQUFvQztBQUNuRyxNQUFJLENBQUMsT0FBUSxPQUFNLFVBQVU7QUFDN0IsUUFBTSxPQUFPLE9BQU8sTUFBTSxJQUFJLENBQUMsU0FBUyxPQUFPLEtBQUssS0FBSyxDQUFDO0FBQzFELFFBQU0sU0FBUyxVQUFVLFdBQVcsS0FBSyxHQUFHLElBQUk7QUFDaEQsUUFBTSxXQUFXLGVBQWUsT0FBTyxPQUFPLFFBQVEsS0FBSztBQUMzRCxNQUFJLFVBQVUsU0FBUyxTQUFTLE9BQU8sU0FBUyxJQUFJLEdBQUc7QUFFckQsVUFBTSxVQUFVLGVBQWUsT0FBTyxPQUFPLE9BQU8sTUFBTSxHQUFHLEVBQUUsR0FBRyxLQUFLO0FBQ3ZFLFFBQUksWUFBWSxRQUFRLFFBQVEsQ0FBQyxLQUFLLEtBQUssQ0FBQyxTQUFTLEtBQUssU0FBUyxJQUFJLENBQUMsR0FBSSxRQUFPO0FBQUEsRUFDckY7QUFDQSxNQUFJLFNBQVUsUUFBTztBQUNyQixRQUFNLFFBQVEsT0FBTyxNQUFNLElBQUksQ0FBQyxTQUFTLEtBQUssSUFBSTtBQUNsRCxRQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsSUFDekIsTUFBTSxVQUFVLFNBQVksOENBQThDLDZCQUE2QixLQUFLO0FBQUEsSUFDNUcsUUFBUSxHQUFHLFVBQVUsU0FBWSxLQUFLLEdBQUcsWUFBWSxPQUFPLEtBQUssQ0FBQyxJQUFJLGFBQWEsTUFBTSxLQUFLLElBQUksQ0FBQztBQUFBLEVBQ3JHLENBQUM7QUFDSDtBQUVPLElBQU0sWUFBWSxNQUN2QixJQUFJLFFBQVEsU0FBUztBQUFBLEVBQ25CLE1BQU07QUFBQSxFQUNOLFFBQVE7QUFDVixDQUFDOzs7QUNoREksSUFBTSxTQUFTLENBQUMsVUFBMEM7QUFBQSxFQUMvRCxLQUFLLENBQUMsRUFBRSxTQUFTLE1BQU0sS0FBSyxRQUFRO0FBQUEsRUFDcEMsUUFBUSxDQUFDLEVBQUUsT0FBTyxPQUFPLE1BQU8sU0FBUyxTQUFTLEtBQUssS0FBSztBQUFBLEVBQzVELE1BQU0sQ0FBQyxFQUFFLE1BQU0sTUFBTSxLQUFLLEtBQUs7QUFBQSxFQUMvQixPQUFPLENBQUMsTUFBTSxFQUFFLE9BQU8sT0FBTyxNQUFPLFVBQVUsYUFBYSxJQUFJLElBQUksU0FBWTtBQUFBLEVBQ2hGLE1BQU07QUFBQSxFQUNOLE1BQU0sQ0FBQyxFQUFFLE1BQU0sTUFBTyxVQUFVLFNBQVksU0FBWSxLQUFLLEtBQUs7QUFDcEU7QUFFTyxJQUFNLFlBQWtCO0FBQUEsRUFDN0IsS0FBSyxDQUFDLEVBQUUsSUFBSSxNQUFNLElBQUk7QUFBQSxFQUN0QixRQUFRLENBQUMsRUFBRSxNQUFNLE1BQU07QUFBQTtBQUFBLEVBRXZCLE1BQU0sQ0FBQyxFQUFFLE9BQU8sVUFBVSxNQUFNLE1BQU8sV0FBVyxRQUFRLE9BQU8sS0FBSyxLQUFLLEVBQUUsU0FBUyxNQUFNO0FBQUEsRUFDNUYsT0FBTyxDQUFDLEdBQUcsRUFBRSxNQUFNLE1BQU07QUFBQSxFQUN6QixNQUFNLENBQUMsU0FBUztBQUFBLEVBQ2hCLE1BQU0sQ0FBQyxFQUFFLE1BQU0sTUFBTSxXQUFXLEtBQUs7QUFDdkM7OztBQ3BCTyxTQUFTLGlCQUFpQixFQUFFLE1BQU0sT0FBTyxHQUFZLE9BQWUsVUFBb0IsTUFBb0I7QUFDakgsTUFBSSxDQUFDLE9BQVEsT0FBTSxVQUFVO0FBQzdCLFFBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsU0FBTztBQUFBLElBQ0wsR0FBRyxJQUFJLEtBQUssS0FBSyxNQUFNLENBQUMsSUFBSSxJQUFJLEtBQUssY0FBYyxLQUFLLElBQUksSUFBSSxDQUFDLENBQUMsQ0FBQyxNQUFNLElBQUksSUFBSSxLQUFLLENBQUM7QUFBQSxJQUN2RixHQUFHLElBQUksSUFBSSxXQUFXLENBQUMsSUFBSSxJQUFJLEtBQUssT0FBTyxJQUFJLENBQUM7QUFBQSxJQUNoRDtBQUFBLElBQ0EsY0FBYyxPQUFPLE9BQU8sS0FBSyxNQUFNLFFBQVE7QUFBQSxFQUNqRCxFQUFFLEtBQUssSUFBSTtBQUNiO0FBRU8sU0FBUyxnQkFDZCxFQUFFLFNBQVMsTUFBTSxTQUFTLFFBQVEsT0FBTyxHQUN6QyxNQUNBLFVBQ3NCO0FBQ3RCLFNBQU87QUFBQSxJQUNMLFFBQVEsS0FBSztBQUFBLElBQ2IsS0FBSyxLQUFLLElBQUksSUFBSTtBQUFBLElBQ2xCLE9BQU8sUUFBUSxLQUFLLElBQUksSUFBSSxDQUFDO0FBQUEsSUFDN0IsU0FBUyxLQUFLLFFBQVEsSUFBSSxDQUFDLFVBQVUsRUFBRSxNQUFNLEtBQUssTUFBTSxPQUFPLEtBQUssT0FBTyxJQUFJLEdBQUcsUUFBUSxLQUFLLE9BQU8sRUFBRTtBQUFBLElBQ3hHLE1BQU0sS0FBSyxPQUFPLEVBQUUsTUFBTSxLQUFLLEtBQUssTUFBTSxNQUFNLFNBQVMsS0FBSyxJQUFJLEdBQUcsTUFBTSxLQUFLLEtBQUssS0FBSyxJQUFJLEVBQUUsSUFBSTtBQUFBLElBQ3BHLE9BQU8sQ0FBQyxHQUFHLFFBQVEsS0FBSyxFQUFFLElBQUksQ0FBQyxDQUFDLE1BQU0sS0FBSyxPQUFPO0FBQUEsTUFDaEQ7QUFBQSxNQUNBLE9BQU8sTUFBTSxLQUFLLE1BQU0sTUFBTSxLQUFLLEtBQUssTUFBTTtBQUFBLE1BQzlDLFFBQVEsTUFBTTtBQUFBLElBQ2hCLEVBQUU7QUFBQSxJQUNGLFFBQVEsQ0FBQyxHQUFHLE1BQU07QUFBQSxJQUNsQixPQUFPLENBQUMsR0FBRyxPQUFPO0FBQUEsSUFDbEIsV0FBVyxTQUNQO0FBQUEsTUFDRSxNQUFNLE9BQU87QUFBQSxNQUNiLE9BQU8sT0FBTyxNQUFNLElBQUksQ0FBQyxVQUFVO0FBQUEsUUFDakMsTUFBTSxLQUFLO0FBQUEsUUFDWCxNQUFNLEtBQUs7QUFBQSxRQUNYLFFBQVEsS0FBSztBQUFBLFFBQ2IsT0FBTyxLQUFLLEtBQUssSUFBSSxLQUFLO0FBQUEsTUFDNUIsRUFBRTtBQUFBLElBQ0osSUFDQTtBQUFBLElBQ0osR0FBSSxZQUFZLEVBQUUsU0FBUyxnQkFBZ0IsVUFBVSxLQUFLLElBQUksRUFBRTtBQUFBLEVBQ2xFO0FBQ0Y7QUFFQSxTQUFTLGdCQUNQLEVBQUUsTUFBTSxNQUFNLFdBQVcsR0FDekIsTUFDOEM7QUFDOUMsUUFBTSxPQUFPLENBQUMsU0FBNkMsU0FBUyxTQUFZLE9BQU8sS0FBSyxJQUFJO0FBQ2hHLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQTtBQUFBLElBQ0EsWUFBWSxhQUNSO0FBQUEsTUFDRSxNQUFNLFdBQVc7QUFBQSxNQUNqQixRQUFRLFdBQVc7QUFBQSxNQUNuQixNQUFNLEtBQUssV0FBVyxJQUFJO0FBQUEsTUFDMUIsUUFBUSxLQUFLLFdBQVcsTUFBTTtBQUFBLE1BQzlCLE9BQU8sS0FBSyxXQUFXLEtBQUs7QUFBQSxJQUM5QixJQUNBO0FBQUEsRUFDTjtBQUNGO0FBR0EsU0FBUyxRQUFRLEtBQWdEO0FBQy9ELFNBQU8sQ0FBQyxHQUFHLElBQUksSUFBSSxHQUFHLEVBQUUsWUFBWSxFQUFFLElBQUksQ0FBQyxDQUFDLE1BQU0sS0FBSyxPQUFPLEVBQUUsTUFBTSxNQUFNLEVBQUU7QUFDaEY7QUFHTyxTQUFTLFlBQVksRUFBRSxTQUFTLE1BQU0sT0FBTyxHQUFZLE9BQWUsVUFBb0IsTUFBb0I7QUFDckgsUUFBTSxFQUFFLElBQUksSUFBSTtBQUNoQixRQUFNLFFBQVEsQ0FBQyxTQUF5QixJQUFJLEtBQUssSUFBSTtBQUNyRCxRQUFNLFFBQVEsUUFBUSxLQUFLLElBQUksSUFBSSxDQUFDO0FBQ3BDLFFBQU0sU0FBUztBQUFBLElBQ2IsR0FBRyxJQUFJLEtBQUssS0FBSyxNQUFNLENBQUMsSUFBSSxJQUFJLEtBQUssY0FBYyxLQUFLLElBQUksSUFBSSxDQUFDLENBQUMsQ0FBQyxNQUFNLElBQUksSUFBSSxLQUFLLENBQUM7QUFBQSxJQUN2RixNQUFNLFNBQVMsS0FDYixHQUFHLE1BQU0sT0FBTyxDQUFDO0FBQUEsRUFBSztBQUFBLE1BQ3BCLE1BQU0sSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQU0sQ0FBQyxJQUFJLEtBQUssY0FBYyxJQUFJLENBQUMsR0FBRyxjQUFjLEtBQUssS0FBSyxLQUFLLENBQUMsQ0FBQyxDQUFDO0FBQUEsTUFDL0Y7QUFBQSxNQUNBLEVBQUUsUUFBUSxFQUFFO0FBQUEsSUFDZCxDQUFDO0FBQUEsSUFDSCxHQUFHLE1BQU0sU0FBUyxDQUFDO0FBQUEsRUFBSztBQUFBLE1BQ3RCLEtBQUssUUFBUSxJQUFJLENBQUMsU0FBUyxDQUFDLElBQUksS0FBSyxLQUFLLElBQUksR0FBRyxjQUFjLEtBQUssT0FBTyxJQUFJLENBQUMsR0FBRyxJQUFJLElBQUksS0FBSyxNQUFNLENBQUMsQ0FBQztBQUFBLE1BQ3hHO0FBQUEsTUFDQSxFQUFFLFFBQVEsR0FBRyxVQUFVLENBQUMsQ0FBQyxFQUFFO0FBQUEsSUFDN0IsQ0FBQztBQUFBLElBQ0QsVUFBVSxHQUFHLE1BQU0sV0FBVyxDQUFDLEtBQUssT0FBTyxJQUFJLE1BQU0sSUFBSSxJQUFJLGtDQUFrQyxDQUFDO0FBQUEsSUFDaEcsS0FBSyxRQUNILEdBQUcsTUFBTSxNQUFNLENBQUMsS0FBSyxLQUFLLEtBQUssSUFBSSxLQUFLLFNBQVMsU0FBUyxLQUFLLElBQUksQ0FBQyxDQUFDO0FBQUEsRUFBSyxVQUFVLEtBQUssS0FBSyxNQUFNLEtBQUssS0FBSyxLQUFLLElBQUksR0FBRyxRQUFRLENBQUM7QUFBQSxJQUNySSxRQUFRLE1BQU0sT0FBTyxLQUNuQixHQUFHLE1BQU0sUUFBUSxDQUFDO0FBQUEsRUFBSztBQUFBLE1BQ3JCLENBQUMsR0FBRyxRQUFRLEtBQUssRUFBRSxJQUFJLENBQUMsQ0FBQyxNQUFNLEtBQUssTUFBTTtBQUN4QyxjQUFNLFFBQVEsS0FBSyxNQUFNLE1BQU0sS0FBSztBQUNwQyxjQUFNLE9BQU8sVUFBVSxTQUFZLFNBQVMsY0FBYyxLQUFLLEtBQUssVUFBVSxLQUFLLENBQUMsQ0FBQztBQUNyRixlQUFPLENBQUMsSUFBSSxLQUFLLElBQUksR0FBRyxNQUFNLElBQUksSUFBSSxNQUFNLE1BQU0sQ0FBQztBQUFBLE1BQ3JELENBQUM7QUFBQSxNQUNEO0FBQUEsTUFDQSxFQUFFLFFBQVEsR0FBRyxVQUFVLENBQUMsR0FBRyxDQUFDLEVBQUU7QUFBQSxJQUNoQyxDQUFDO0FBQUEsRUFDTDtBQUNBLFNBQU8sT0FBTyxPQUFPLENBQUMsVUFBVSxPQUFPLFVBQVUsUUFBUSxFQUFFLEtBQUssTUFBTTtBQUN4RTtBQUdBLFNBQVMsVUFBVSxNQUFjLE9BQWUsRUFBRSxJQUFJLEdBQXFCO0FBQ3pFLFFBQU0sT0FBTyxVQUFVLEtBQUs7QUFDNUIsU0FBTyxLQUFLLFNBQVMscUJBQXFCLGlCQUFpQixNQUFNLEdBQUcsSUFBSSxLQUFLLFdBQVcsTUFBTSxNQUFNLENBQUM7QUFDdkc7OztBQy9HTyxJQUFNLEVBQUUsVUFBVSxJQUFtQjtBQUFBLEVBQzFDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQ0csU0FBUyxhQUFhLDZCQUE2QixFQUNuRCxPQUFPLG9CQUFvQiwwQkFBMEIsRUFDckQsT0FBTyxTQUFTLHlDQUF5QyxFQUN6RCxPQUFPLFlBQVksK0RBQStELEVBQ2xGLE9BQU8saUJBQWlCLDRCQUE0QixFQUNwRCxPQUFPLGVBQWUsZ0RBQWdELEVBQ3RFLE9BQU8sb0JBQW9CLDJFQUEyRSxFQUN0RyxPQUFPLGtCQUFrQixpRUFBaUUsRUFDMUYsT0FBTyxpQkFBaUIsdURBQXVELEVBQy9FLE9BQU8sa0JBQWtCLHNCQUFzQixFQUMvQztBQUFBLE1BQ0MsSUFBSSxPQUFPLFNBQVMsQ0FBQyxPQUFPLEVBQUUsR0FBRyxFQUFFLFNBQVMsS0FBSyxRQUFRLE1BQU0sV0FBVyxTQUFTLE9BQU8sTUFBTSxNQUFNLE1BQU07QUFDMUcsY0FBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixjQUFNLFlBQVksTUFBTSxRQUFRLFVBQVUsRUFBRSxRQUFRLFdBQVcsTUFBTSxLQUFLLEVBQUUsQ0FBQztBQUM3RSxjQUFNLFdBQVcsTUFBTSxVQUFVLFFBQVEsSUFBSTtBQUM3QyxjQUFNLFVBQVUsTUFBTTtBQUFBLFVBQVc7QUFBQSxVQUFXO0FBQUEsVUFBVTtBQUFBLFVBQVUsUUFBUTtBQUFBLFVBQU0sQ0FBQyxFQUFFLE1BQU0sTUFDckYsZUFBZSxXQUFXLFVBQVU7QUFBQSxZQUNsQztBQUFBLFlBQ0EsUUFBUTtBQUFBLFlBQ1IsVUFBVSxhQUFhLE9BQU87QUFBQSxZQUM5QixXQUFXO0FBQUEsVUFDYixDQUFDO0FBQUEsUUFDSDtBQUNBLGNBQU0sT0FBTyxXQUFXLE9BQU8sWUFBWSxPQUFPLFVBQVUsU0FBUyxJQUFJO0FBQ3pFLFlBQUksV0FBVyxLQUFNLFVBQVMsS0FBSyxHQUFHLFNBQVMsSUFBSSxPQUFPLFNBQVMsQ0FBQyxxQkFBcUI7QUFDekYsY0FBTSxXQUNKLFlBQVksU0FBWSxTQUFZLGFBQWEsU0FBUyxTQUFtQixLQUEyQjtBQUMxRyxZQUFJLFVBQVUsVUFBYSxZQUFZO0FBQ3JDLGdCQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSw4QkFBOEIsQ0FBQztBQUNwRSxZQUFJLFNBQVMsS0FBTSxRQUFPLEtBQUssVUFBVSxXQUFXLGdCQUFnQixTQUFTLE1BQU0sUUFBUSxDQUFDO0FBQzVGLG1CQUFXLFNBQVMsUUFBUSxPQUFRLFVBQVMsS0FBSyxHQUFHLFNBQVMsSUFBSSxPQUFPLFNBQVMsQ0FBQyxLQUFLLEtBQUssRUFBRTtBQUMvRixjQUFNLFFBQVEsZUFBZSxVQUFVLFlBQVksSUFBSTtBQUN2RCxZQUFJLGNBQWMsUUFBUSxTQUFVLFVBQVMsTUFBTSxpQkFBaUIsU0FBUyxPQUFPLFVBQVUsSUFBSSxDQUFDO0FBQUEsWUFDOUYsVUFBUyxNQUFNLFlBQVksU0FBUyxPQUFPLFVBQVUsSUFBSSxDQUFDO0FBQy9ELFlBQUksU0FBVSxVQUFTLE1BQU07QUFBQSxFQUFLLFlBQVksVUFBVSxLQUFLLE1BQU0sUUFBUSxDQUFDLEVBQUU7QUFDOUUsY0FBTSxVQUFVLFFBQVEsUUFBUTtBQUNoQyxZQUFJLFNBQVM7QUFDWCxtQkFBUyxLQUFLLEdBQUcsU0FBUyxJQUFJLE9BQU8sU0FBUyxDQUFDLEtBQUssUUFBUSxJQUFJLG9DQUFvQztBQUNwRyxjQUFJLFFBQVEsV0FBVyxPQUFXLFVBQVMsS0FBSyxZQUFZLFFBQVEsTUFBTSxFQUFFO0FBQUEsUUFDOUU7QUFDQSxjQUFNLEVBQUUsUUFBUSxHQUFHLFdBQVcsTUFBTSxJQUFJLFFBQVEsUUFBUSxTQUFTLENBQUM7QUFDbEUsWUFBSSxVQUFVLEdBQUc7QUFDZixnQkFBTSxRQUFRLDBCQUEwQixhQUFhLEtBQUssSUFBSSxLQUFLLENBQUMsQ0FBQyxJQUFJLFFBQVEsSUFBSSxhQUFhLFFBQVE7QUFDMUcsbUJBQVM7QUFBQSxZQUNQLEdBQUcsU0FBUyxJQUFJLElBQUksT0FBTyxDQUFDLE9BQU8sS0FBSyxLQUFLLFdBQVcseUJBQXlCLDZEQUE2RDtBQUFBLFVBQ2hKO0FBQUEsUUFDRjtBQUNBLG1CQUFXLE9BQU8sUUFBUSxRQUFTLFVBQVMsS0FBSyxlQUFlLEdBQUcsbUNBQW1DO0FBQ3RHLGVBQU8sWUFBWSxDQUFDLFNBQVMsT0FBTyxJQUFJO0FBQUEsTUFDMUMsQ0FBQztBQUFBLElBQ0g7QUFDRixhQUFTLFNBQVM7QUFBQSxNQUNoQixDQUFDLHNCQUFzQixpQ0FBaUM7QUFBQSxNQUN4RCxDQUFDLDRDQUE0QyxjQUFjO0FBQUEsTUFDM0QsQ0FBQyxxQ0FBcUMscUJBQXFCO0FBQUEsTUFDM0QsQ0FBQywrQkFBK0IsOEJBQThCO0FBQUEsTUFDOUQsQ0FBQyxzQ0FBc0MsMkNBQTJDO0FBQUEsTUFDbEY7QUFBQSxRQUNFO0FBQUEsUUFDQTtBQUFBLE1BQ0Y7QUFBQSxJQUNGLENBQUM7QUFBQSxFQUNIO0FBQ0Y7IiwKICAibmFtZXMiOiBbXQp9Cg==
