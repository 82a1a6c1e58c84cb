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
  linksOf
} from "./chunk-TNPKNSKC.js";
import {
  limitsText
} from "./chunk-CCGHMHEK.js";
import {
  findOperation,
  openDocumentation,
  sourceIndex
} from "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
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
import "./chunk-QF6HTAQS.js";
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/core/collection/find-type.ts
function findType(shelf, given) {
  const names = Object.keys(shelf.docs);
  const slash = given.indexOf("/");
  const found = names.flatMap((source) => {
    const name = given.slice(0, slash) === source ? given.slice(slash + 1) : given;
    const type = sourceIndex(shelf, source).type(name);
    return type ? [{ source, ...type }] : [];
  });
  const [only, other] = found;
  if (only && !other) return only;
  if (only) {
    throw new Problem("name-ambiguous", {
      what: `several sources have a type ${given}`,
      remedy: found.map(({ source, name }) => `${source}/${name}`).join(", ")
    });
  }
  const all = names.flatMap((source) => sourceIndex(shelf, source).types());
  throw new Problem("operation-not-found", {
    what: `no documentation source has a type ${given}`,
    remedy: nearestHint(given, all) ?? "echo-trail docs list counts the types of each source"
  });
}

// src/cli/view/operation.ts
function operationText(operation, links, terminal) {
  const {
    source,
    id,
    method,
    path,
    summary,
    description,
    parameters,
    body,
    answers,
    deprecated,
    changes,
    group,
    callbacks = [],
    graphql,
    soap,
    certainty,
    at
  } = operation;
  const { out } = terminal;
  const title = (text) => out.bold(text);
  const blocks = [
    [
      `${title(`${source}/${id}`)}${summary === void 0 ? "" : `  ${printableLine(summary)}`}${deprecated ? out.yellow("  deprecated") : ""}`,
      `${out.cyan(method)} ${path}   ${out.dim(`group ${group}, ${changes ? "changes something" : "changes nothing"}${certainty === void 0 ? "" : `, read from ${at}: ${certainty}`}`)}`,
      ...description !== void 0 && description !== summary ? [printable(description)] : []
    ].join("\n"),
    wantsText(operation, terminal),
    parameters.length > 0 && `${title("parameters")}
${fieldTable(parameters, terminal, true)}`,
    body && `${title("body")}  ${body.type}${body.required ? "" : ", optional"}${body.otherTypes.length > 0 ? `, also ${body.otherTypes.join(", ")}` : ""}
${contentText(body, terminal, true)}`,
    links.length > 0 && `${title("supplied by")}
${linkTable(links, operation.source, terminal)}`,
    graphql && `${title("answers with")}  ${graphql.returns}`,
    soap && `${title("action")}  "${soap.action}"
${title("address")}  ${soap.address}   ${out.dim(`SOAP ${soap.version}, ${soap.style}/${soap.use}, port ${soap.port}`)}`,
    `${title("answers")}
${answers.map((answer) => answerText(answer, terminal)).join("\n")}`,
    callbacks.length > 0 && `${title("calls back")}
${callbacks.map((one) => `  ${printableLine(one)}`).join("\n")}`,
    `${title("draft")}  echo-trail draft ${source}/${id}`
  ];
  return blocks.filter((block) => typeof block === "string").join("\n\n");
}
function linkTable(links, source, terminal) {
  const { out } = terminal;
  return table(
    links.map(({ name, operation, place, guess }) => [
      out.cyan(name),
      `${source}/${operation}`,
      place,
      guess ? out.dim("a guess") : ""
    ]),
    terminal,
    { indent: 2 }
  );
}
function wantsText(operation, { out }) {
  const { security } = operation;
  if (security.length === 0) return `${out.bold("wants")}  ${unsaid(operation)}`;
  const needs = security.map(({ schemes }) => schemes.map(({ name, about }) => `${name}: ${about}`).join(" and "));
  const prose = security.flatMap(({ schemes }) => schemes).flatMap(({ description }) => description?.includes("\n") ? printable(description).split("\n") : []);
  return [`${out.bold("wants")}  ${needs.join("; or ")}`, ...prose.map((line) => `  ${line}`.trimEnd())].join("\n");
}
var unsaid = ({ protocol, certainty }) => protocol === "http" && certainty === void 0 ? "no authentication" : "not documented whether it wants any authentication";
function contentText(content, terminal, toSend) {
  const parts = [
    content.alternatives ? alternativesText(content.alternatives, terminal) : content.fields.length > 0 && fieldTable(content.fields, terminal, false),
    content.example !== void 0 && `  ${terminal.out.dim(content.documentedExample ? "documented example" : toSend ? "example, made from the fields" : "made from the fields")}
${indent(exampleText(content, terminal), 2)}`
  ];
  return parts.filter((part) => typeof part === "string").join("\n\n");
}
var exampleText = ({ type, example }, { out }) => typeof example === "string" && !/[/+]json\b/.test(type) ? printable(example) : colouredJson(example, out);
function answerText({ status, description, content, headers }, terminal) {
  const { out } = terminal;
  const paint = /^2/.test(status) ? out.green : /^[45]/.test(status) ? out.red : out.yellow;
  const lines = [
    `  ${paint(status)}  ${printableLine(description ?? "")}${content ? out.dim(`  ${content.type}`) : ""}`
  ];
  if (headers.length > 0)
    lines.push(
      ...headers.map(
        ({ name, description: about }) => `       header ${out.cyan(name)}  ${printableLine(about ?? "")}`
      )
    );
  if (content?.example !== void 0 && (/^2/.test(status) || content.documentedExample))
    lines.push(indent(exampleText(content, terminal), 7));
  return lines.join("\n");
}
function alternativesText(alternatives, terminal) {
  return alternatives.map(({ name, when, fields }, index) => {
    const head = `  ${index === 0 ? "either" : "or"} ${terminal.out.bold(name)}${when === void 0 ? "" : terminal.out.dim(`  where ${when}`)}`;
    return fields.length === 0 ? head : `${head}
${fieldTable(fields, terminal, false)}`;
  }).join("\n\n");
}
function fieldTable(fields, terminal, where) {
  const { out } = terminal;
  const rows = [];
  const add = (list, depth) => {
    for (const field of list) {
      const notes = [
        field.readOnly && "read-only",
        field.writeOnly && "write-only",
        field.deprecated && "deprecated",
        field.recursive && `a ${field.recursive} again`,
        field.more !== void 0 && `more: --depth${field.more === "" ? "" : `, or --type ${field.more}`}`,
        "style" in field && field.style,
        "from" in field && field.from,
        field.certainty && field.certainty !== "sure" && field.certainty,
        field.at
      ].filter(Boolean).join(", ");
      rows.push([
        `${"  ".repeat(depth)}${out.cyan(field.name)}`,
        where && "in" in field ? field.in : "",
        field.type,
        field.required ? out.bold("required") : "",
        field.default === void 0 ? "" : textOf(field.default) || '""',
        "clauses" in field && field.clauses ? clausesText(field.clauses) : limitsText(field),
        notes,
        printableLine(shortened(field.description ?? ""))
      ]);
      if (field.alternatives) {
        for (const { name, when, fields: inner } of field.alternatives) {
          rows.push([
            `${"  ".repeat(depth + 1)}${out.dim(`as ${name}`)}`,
            "",
            when === void 0 ? "" : out.dim(`where ${when}`),
            "",
            "",
            "",
            "",
            ""
          ]);
          add(inner, depth + 2);
        }
      } else if (field.fields) add(field.fields, depth + 1);
    }
  };
  add(fields, 0);
  return table(rows, terminal, {
    indent: 2,
    head: ["name", "where", "type", "", "default", "allowed", "notes", "description"],
    flexible: [5, 7]
  });
}
var longestDescription = 300;
function shortened(text) {
  if (text.length <= longestDescription) return text;
  return `${text.slice(0, text.lastIndexOf(" ", longestDescription) + 1 || longestDescription).trimEnd()} \u2026`;
}
function clausesText({ fields, operators }) {
  const parts = [
    fields.length > 0 && `clauses of ${fields.join(", ")}`,
    operators.length > 0 && `with ${operators.join(", ")}`
  ];
  return parts.filter(Boolean).join(" ");
}
var indent = (text, by) => text.replace(/^/gm, " ".repeat(by));

// src/cli/view/type.ts
function typeText({ name, source, kind, description, fields, allowed, alternatives }, terminal) {
  const { out } = terminal;
  const blocks = [
    [`${out.bold(`${source}/${name}`)}  ${kind}`, ...description === void 0 ? [] : [printable(description)]].join(
      "\n"
    ),
    allowed && `${out.bold("allowed")}  ${limitsText({ allowed })}`,
    fields.length > 0 && `${out.bold("fields")}
${fieldTable(fields, terminal, false)}`,
    alternatives && alternativesText(alternatives, terminal)
  ];
  return blocks.filter((block) => typeof block === "string").join("\n\n");
}

// src/cli/commands/docs/show.ts
var { configure } = {
  configure(command, run) {
    command.argument("[operation]", "SOURCE/OPERATION, or the operation alone").option("--type <name>", "a type instead: SOURCE/TYPE, or the type alone").option("--depth <levels>", "levels of fields within fields", "2").action(
      run(async (context, [given], { type, depth }) => {
        const { terminal } = context;
        const shelf = await context.shelf();
        await openDocumentation(shelf);
        if (typeof type === "string") {
          const found = findType(shelf, type);
          if (terminal.json) return emit(terminal, "docs show", { type: { ...found } });
          terminal.print(typeText(found, terminal));
          return 0;
        }
        if (given === void 0)
          throw new Problem("usage", {
            what: "docs show wants an operation, or --type NAME",
            remedy: "echo-trail docs tree lists the operations"
          });
        const operation = findOperation(shelf, given, wholeNumber(depth, "--depth"));
        const links = linksOf(operation, sourceIndex(shelf, operation.source));
        if (terminal.json) return emit(terminal, "docs show", { operation: { ...operation, suppliedBy: links } });
        terminal.print(operationText(operation, links, terminal));
        return 0;
      })
    );
    examples(command, [
      ["docs show harbour/bookCall", "parameters, body fields, answers, and an example of each"],
      ["docs show --type Vessel", "a type, with its fields"],
      ["docs show amendCall --json", "the same for programs"]
    ]);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9maW5kLXR5cGUudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS92aWV3L29wZXJhdGlvbi50cyIsICIuLi8uLi8uLi9zcmMvY2xpL3ZpZXcvdHlwZS50cyIsICIuLi8uLi8uLi9zcmMvY2xpL2NvbW1hbmRzL2RvY3Mvc2hvdy50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIFR5cGVzIG9mIHRoZSBkb2N1bWVudGF0aW9uIGJ5IG5hbWUuICovXG5pbXBvcnQgdHlwZSB7IFR5cGVEZXNjcmlwdGlvbiB9IGZyb20gJy4uL2RvY3VtZW50YXRpb24vbW9kZWwuanMnO1xuaW1wb3J0IHsgbmVhcmVzdEhpbnQgfSBmcm9tICcuLi9wcm9ibGVtL25lYXJlc3QuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFNoZWxmIH0gZnJvbSAnLi9zaGVsZi5qcyc7XG5pbXBvcnQgeyBzb3VyY2VJbmRleCB9IGZyb20gJy4vc291cmNlLWluZGV4LmpzJztcblxuLyoqXG4gKiBBIHR5cGUgYnkgYFNPVVJDRS9UWVBFYCwgb3IgYnkgaXRzIG5hbWUgYWxvbmUgd2hlcmUgb25seSBvbmUgc291cmNlIGhhcyBpdC5cbiAqIEB0aHJvd3MgUHJvYmxlbSBvcGVyYXRpb24tbm90LWZvdW5kLCBuYW1lLWFtYmlndW91c1xuICovXG5leHBvcnQgZnVuY3Rpb24gZmluZFR5cGUoc2hlbGY6IFNoZWxmLCBnaXZlbjogc3RyaW5nKTogVHlwZURlc2NyaXB0aW9uICYgeyByZWFkb25seSBzb3VyY2U6IHN0cmluZyB9IHtcbiAgY29uc3QgbmFtZXMgPSBPYmplY3Qua2V5cyhzaGVsZi5kb2NzKTtcbiAgY29uc3Qgc2xhc2ggPSBnaXZlbi5pbmRleE9mKCcvJyk7XG4gIGNvbnN0IGZvdW5kID0gbmFtZXMuZmxhdE1hcCgoc291cmNlKSA9PiB7XG4gICAgY29uc3QgbmFtZSA9IGdpdmVuLnNsaWNlKDAsIHNsYXNoKSA9PT0gc291cmNlID8gZ2l2ZW4uc2xpY2Uoc2xhc2ggKyAxKSA6IGdpdmVuO1xuICAgIGNvbnN0IHR5cGUgPSBzb3VyY2VJbmRleChzaGVsZiwgc291cmNlKS50eXBlKG5hbWUpO1xuICAgIHJldHVybiB0eXBlID8gW3sgc291cmNlLCAuLi50eXBlIH1dIDogW107XG4gIH0pO1xuICBjb25zdCBbb25seSwgb3RoZXJdID0gZm91bmQ7XG4gIGlmIChvbmx5ICYmICFvdGhlcikgcmV0dXJuIG9ubHk7XG4gIGlmIChvbmx5KSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ25hbWUtYW1iaWd1b3VzJywge1xuICAgICAgd2hhdDogYHNldmVyYWwgc291cmNlcyBoYXZlIGEgdHlwZSAke2dpdmVufWAsXG4gICAgICByZW1lZHk6IGZvdW5kLm1hcCgoeyBzb3VyY2UsIG5hbWUgfSkgPT4gYCR7c291cmNlfS8ke25hbWV9YCkuam9pbignLCAnKSxcbiAgICB9KTtcbiAgfVxuICBjb25zdCBhbGwgPSBuYW1lcy5mbGF0TWFwKChzb3VyY2UpID0+IHNvdXJjZUluZGV4KHNoZWxmLCBzb3VyY2UpLnR5cGVzKCkpO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnb3BlcmF0aW9uLW5vdC1mb3VuZCcsIHtcbiAgICB3aGF0OiBgbm8gZG9jdW1lbnRhdGlvbiBzb3VyY2UgaGFzIGEgdHlwZSAke2dpdmVufWAsXG4gICAgcmVtZWR5OiBuZWFyZXN0SGludChnaXZlbiwgYWxsKSA/PyAnZWNoby10cmFpbCBkb2NzIGxpc3QgY291bnRzIHRoZSB0eXBlcyBvZiBlYWNoIHNvdXJjZScsXG4gIH0pO1xufVxuIiwgIi8qKiBPbmUgZG9jdW1lbnRlZCBvcGVyYXRpb24gaW4gd29yZHMgYW5kIHRhYmxlcy4gKi9cbmltcG9ydCB7IGxpbWl0c1RleHQgfSBmcm9tICcuLi8uLi9jb3JlL2RvY3VtZW50YXRpb24vbGltaXRzLXRleHQuanMnO1xuaW1wb3J0IHR5cGUgeyBMaW5rIH0gZnJvbSAnLi4vLi4vY29yZS9kb2N1bWVudGF0aW9uL2xpbmtzLmpzJztcbmltcG9ydCB0eXBlIHtcbiAgQWx0ZXJuYXRpdmUsXG4gIEFuc3dlcixcbiAgQ2xhdXNlVGVybXMsXG4gIENvbnRlbnQsXG4gIEZpZWxkLFxuICBPcGVyYXRpb24sXG4gIFBhcmFtZXRlcixcbn0gZnJvbSAnLi4vLi4vY29yZS9kb2N1bWVudGF0aW9uL21vZGVsLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vY29yZS92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgVGVybWluYWwgfSBmcm9tICcuLi90ZXJtaW5hbC5qcyc7XG5pbXBvcnQgeyBjb2xvdXJlZEpzb24gfSBmcm9tICcuL2pzb24uanMnO1xuaW1wb3J0IHsgcHJpbnRhYmxlLCBwcmludGFibGVMaW5lIH0gZnJvbSAnLi9wcmludGFibGUuanMnO1xuaW1wb3J0IHsgdGFibGUgfSBmcm9tICcuL3RhYmxlLmpzJztcblxuZXhwb3J0IGZ1bmN0aW9uIG9wZXJhdGlvblRleHQob3BlcmF0aW9uOiBPcGVyYXRpb24sIGxpbmtzOiByZWFkb25seSBMaW5rW10sIHRlcm1pbmFsOiBUZXJtaW5hbCk6IHN0cmluZyB7XG4gIGNvbnN0IHtcbiAgICBzb3VyY2UsXG4gICAgaWQsXG4gICAgbWV0aG9kLFxuICAgIHBhdGgsXG4gICAgc3VtbWFyeSxcbiAgICBkZXNjcmlwdGlvbixcbiAgICBwYXJhbWV0ZXJzLFxuICAgIGJvZHksXG4gICAgYW5zd2VycyxcbiAgICBkZXByZWNhdGVkLFxuICAgIGNoYW5nZXMsXG4gICAgZ3JvdXAsXG4gICAgY2FsbGJhY2tzID0gW10sXG4gICAgZ3JhcGhxbCxcbiAgICBzb2FwLFxuICAgIGNlcnRhaW50eSxcbiAgICBhdCxcbiAgfSA9IG9wZXJhdGlvbjtcbiAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICBjb25zdCB0aXRsZSA9ICh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcgPT4gb3V0LmJvbGQodGV4dCk7XG4gIGNvbnN0IGJsb2NrcyA9IFtcbiAgICBbXG4gICAgICBgJHt0aXRsZShgJHtzb3VyY2V9LyR7aWR9YCl9JHtzdW1tYXJ5ID09PSB1bmRlZmluZWQgPyAnJyA6IGAgICR7cHJpbnRhYmxlTGluZShzdW1tYXJ5KX1gfSR7ZGVwcmVjYXRlZCA/IG91dC55ZWxsb3coJyAgZGVwcmVjYXRlZCcpIDogJyd9YCxcbiAgICAgIGAke291dC5jeWFuKG1ldGhvZCl9ICR7cGF0aH0gICAke291dC5kaW0oYGdyb3VwICR7Z3JvdXB9LCAke2NoYW5nZXMgPyAnY2hhbmdlcyBzb21ldGhpbmcnIDogJ2NoYW5nZXMgbm90aGluZyd9JHtjZXJ0YWludHkgPT09IHVuZGVmaW5lZCA/ICcnIDogYCwgcmVhZCBmcm9tICR7YXR9OiAke2NlcnRhaW50eX1gfWApfWAsXG4gICAgICAuLi4oZGVzY3JpcHRpb24gIT09IHVuZGVmaW5lZCAmJiBkZXNjcmlwdGlvbiAhPT0gc3VtbWFyeSA/IFtwcmludGFibGUoZGVzY3JpcHRpb24pXSA6IFtdKSxcbiAgICBdLmpvaW4oJ1xcbicpLFxuICAgIHdhbnRzVGV4dChvcGVyYXRpb24sIHRlcm1pbmFsKSxcbiAgICBwYXJhbWV0ZXJzLmxlbmd0aCA+IDAgJiYgYCR7dGl0bGUoJ3BhcmFtZXRlcnMnKX1cXG4ke2ZpZWxkVGFibGUocGFyYW1ldGVycywgdGVybWluYWwsIHRydWUpfWAsXG4gICAgYm9keSAmJlxuICAgICAgYCR7dGl0bGUoJ2JvZHknKX0gICR7Ym9keS50eXBlfSR7Ym9keS5yZXF1aXJlZCA/ICcnIDogJywgb3B0aW9uYWwnfSR7Ym9keS5vdGhlclR5cGVzLmxlbmd0aCA+IDAgPyBgLCBhbHNvICR7Ym9keS5vdGhlclR5cGVzLmpvaW4oJywgJyl9YCA6ICcnfVxcbiR7Y29udGVudFRleHQoYm9keSwgdGVybWluYWwsIHRydWUpfWAsXG4gICAgbGlua3MubGVuZ3RoID4gMCAmJiBgJHt0aXRsZSgnc3VwcGxpZWQgYnknKX1cXG4ke2xpbmtUYWJsZShsaW5rcywgb3BlcmF0aW9uLnNvdXJjZSwgdGVybWluYWwpfWAsXG4gICAgZ3JhcGhxbCAmJiBgJHt0aXRsZSgnYW5zd2VycyB3aXRoJyl9ICAke2dyYXBocWwucmV0dXJuc31gLFxuICAgIHNvYXAgJiZcbiAgICAgIGAke3RpdGxlKCdhY3Rpb24nKX0gIFwiJHtzb2FwLmFjdGlvbn1cIlxcbiR7dGl0bGUoJ2FkZHJlc3MnKX0gICR7c29hcC5hZGRyZXNzfSAgICR7b3V0LmRpbShgU09BUCAke3NvYXAudmVyc2lvbn0sICR7c29hcC5zdHlsZX0vJHtzb2FwLnVzZX0sIHBvcnQgJHtzb2FwLnBvcnR9YCl9YCxcbiAgICBgJHt0aXRsZSgnYW5zd2VycycpfVxcbiR7YW5zd2Vycy5tYXAoKGFuc3dlcikgPT4gYW5zd2VyVGV4dChhbnN3ZXIsIHRlcm1pbmFsKSkuam9pbignXFxuJyl9YCxcbiAgICBjYWxsYmFja3MubGVuZ3RoID4gMCAmJiBgJHt0aXRsZSgnY2FsbHMgYmFjaycpfVxcbiR7Y2FsbGJhY2tzLm1hcCgob25lKSA9PiBgICAke3ByaW50YWJsZUxpbmUob25lKX1gKS5qb2luKCdcXG4nKX1gLFxuICAgIGAke3RpdGxlKCdkcmFmdCcpfSAgZWNoby10cmFpbCBkcmFmdCAke3NvdXJjZX0vJHtpZH1gLFxuICBdO1xuICByZXR1cm4gYmxvY2tzLmZpbHRlcigoYmxvY2spID0+IHR5cGVvZiBibG9jayA9PT0gJ3N0cmluZycpLmpvaW4oJ1xcblxcbicpO1xufVxuXG5mdW5jdGlvbiBsaW5rVGFibGUobGlua3M6IHJlYWRvbmx5IExpbmtbXSwgc291cmNlOiBzdHJpbmcsIHRlcm1pbmFsOiBUZXJtaW5hbCk6IHN0cmluZyB7XG4gIGNvbnN0IHsgb3V0IH0gPSB0ZXJtaW5hbDtcbiAgcmV0dXJuIHRhYmxlKFxuICAgIGxpbmtzLm1hcCgoeyBuYW1lLCBvcGVyYXRpb24sIHBsYWNlLCBndWVzcyB9KSA9PiBbXG4gICAgICBvdXQuY3lhbihuYW1lKSxcbiAgICAgIGAke3NvdXJjZX0vJHtvcGVyYXRpb259YCxcbiAgICAgIHBsYWNlLFxuICAgICAgZ3Vlc3MgPyBvdXQuZGltKCdhIGd1ZXNzJykgOiAnJyxcbiAgICBdKSxcbiAgICB0ZXJtaW5hbCxcbiAgICB7IGluZGVudDogMiB9LFxuICApO1xufVxuXG4vKiogSW4gYSBsaW5lOyBiZWhpbmQgaXQgdGhlIHByb3NlLCB3aGVyZSBhIHNjaGVtZSBpcyBtb3JlIHRoYW4gYSBsaW5lIGNhbiBzYXkuICovXG5mdW5jdGlvbiB3YW50c1RleHQob3BlcmF0aW9uOiBPcGVyYXRpb24sIHsgb3V0IH06IFRlcm1pbmFsKTogc3RyaW5nIHtcbiAgY29uc3QgeyBzZWN1cml0eSB9ID0gb3BlcmF0aW9uO1xuICBpZiAoc2VjdXJpdHkubGVuZ3RoID09PSAwKSByZXR1cm4gYCR7b3V0LmJvbGQoJ3dhbnRzJyl9ICAke3Vuc2FpZChvcGVyYXRpb24pfWA7XG4gIGNvbnN0IG5lZWRzID0gc2VjdXJpdHkubWFwKCh7IHNjaGVtZXMgfSkgPT4gc2NoZW1lcy5tYXAoKHsgbmFtZSwgYWJvdXQgfSkgPT4gYCR7bmFtZX06ICR7YWJvdXR9YCkuam9pbignIGFuZCAnKSk7XG4gIGNvbnN0IHByb3NlID0gc2VjdXJpdHlcbiAgICAuZmxhdE1hcCgoeyBzY2hlbWVzIH0pID0+IHNjaGVtZXMpXG4gICAgLmZsYXRNYXAoKHsgZGVzY3JpcHRpb24gfSkgPT4gKGRlc2NyaXB0aW9uPy5pbmNsdWRlcygnXFxuJykgPyBwcmludGFibGUoZGVzY3JpcHRpb24pLnNwbGl0KCdcXG4nKSA6IFtdKSk7XG4gIHJldHVybiBbYCR7b3V0LmJvbGQoJ3dhbnRzJyl9ICAke25lZWRzLmpvaW4oJzsgb3IgJyl9YCwgLi4ucHJvc2UubWFwKChsaW5lKSA9PiBgICAke2xpbmV9YC50cmltRW5kKCkpXS5qb2luKCdcXG4nKTtcbn1cblxuLyoqIE9ubHkgYW4gT3BlbkFQSSBkb2N1bWVudCBzYXlzIHRoYXQgbm90aGluZyBpcyB3YW50ZWQ7IG90aGVycyBkbyBub3Qgc3BlYWsgb2YgaXQuICovXG5jb25zdCB1bnNhaWQgPSAoeyBwcm90b2NvbCwgY2VydGFpbnR5IH06IE9wZXJhdGlvbik6IHN0cmluZyA9PlxuICBwcm90b2NvbCA9PT0gJ2h0dHAnICYmIGNlcnRhaW50eSA9PT0gdW5kZWZpbmVkXG4gICAgPyAnbm8gYXV0aGVudGljYXRpb24nXG4gICAgOiAnbm90IGRvY3VtZW50ZWQgd2hldGhlciBpdCB3YW50cyBhbnkgYXV0aGVudGljYXRpb24nO1xuXG5mdW5jdGlvbiBjb250ZW50VGV4dChjb250ZW50OiBDb250ZW50LCB0ZXJtaW5hbDogVGVybWluYWwsIHRvU2VuZDogYm9vbGVhbik6IHN0cmluZyB7XG4gIGNvbnN0IHBhcnRzID0gW1xuICAgIGNvbnRlbnQuYWx0ZXJuYXRpdmVzXG4gICAgICA/IGFsdGVybmF0aXZlc1RleHQoY29udGVudC5hbHRlcm5hdGl2ZXMsIHRlcm1pbmFsKVxuICAgICAgOiBjb250ZW50LmZpZWxkcy5sZW5ndGggPiAwICYmIGZpZWxkVGFibGUoY29udGVudC5maWVsZHMsIHRlcm1pbmFsLCBmYWxzZSksXG4gICAgY29udGVudC5leGFtcGxlICE9PSB1bmRlZmluZWQgJiZcbiAgICAgIGAgICR7dGVybWluYWwub3V0LmRpbShjb250ZW50LmRvY3VtZW50ZWRFeGFtcGxlID8gJ2RvY3VtZW50ZWQgZXhhbXBsZScgOiB0b1NlbmQgPyAnZXhhbXBsZSwgbWFkZSBmcm9tIHRoZSBmaWVsZHMnIDogJ21hZGUgZnJvbSB0aGUgZmllbGRzJyl9XFxuJHtpbmRlbnQoZXhhbXBsZVRleHQoY29udGVudCwgdGVybWluYWwpLCAyKX1gLFxuICBdO1xuICByZXR1cm4gcGFydHMuZmlsdGVyKChwYXJ0KSA9PiB0eXBlb2YgcGFydCA9PT0gJ3N0cmluZycpLmpvaW4oJ1xcblxcbicpO1xufVxuXG4vKiogQSB0ZXh0IHRoYXQgaXMgbm8gSlNPTiwgc3VjaCBhcyBYTUwsIGFzIGl0IHN0YW5kcy4gKi9cbmNvbnN0IGV4YW1wbGVUZXh0ID0gKHsgdHlwZSwgZXhhbXBsZSB9OiBDb250ZW50LCB7IG91dCB9OiBUZXJtaW5hbCk6IHN0cmluZyA9PlxuICB0eXBlb2YgZXhhbXBsZSA9PT0gJ3N0cmluZycgJiYgIS9bLytdanNvblxcYi8udGVzdCh0eXBlKSA/IHByaW50YWJsZShleGFtcGxlKSA6IGNvbG91cmVkSnNvbihleGFtcGxlIGFzIFZhbHVlLCBvdXQpO1xuXG5mdW5jdGlvbiBhbnN3ZXJUZXh0KHsgc3RhdHVzLCBkZXNjcmlwdGlvbiwgY29udGVudCwgaGVhZGVycyB9OiBBbnN3ZXIsIHRlcm1pbmFsOiBUZXJtaW5hbCk6IHN0cmluZyB7XG4gIGNvbnN0IHsgb3V0IH0gPSB0ZXJtaW5hbDtcbiAgY29uc3QgcGFpbnQgPSAvXjIvLnRlc3Qoc3RhdHVzKSA/IG91dC5ncmVlbiA6IC9eWzQ1XS8udGVzdChzdGF0dXMpID8gb3V0LnJlZCA6IG91dC55ZWxsb3c7XG4gIGNvbnN0IGxpbmVzID0gW1xuICAgIGAgICR7cGFpbnQoc3RhdHVzKX0gICR7cHJpbnRhYmxlTGluZShkZXNjcmlwdGlvbiA/PyAnJyl9JHtjb250ZW50ID8gb3V0LmRpbShgICAke2NvbnRlbnQudHlwZX1gKSA6ICcnfWAsXG4gIF07XG4gIGlmIChoZWFkZXJzLmxlbmd0aCA+IDApXG4gICAgbGluZXMucHVzaChcbiAgICAgIC4uLmhlYWRlcnMubWFwKFxuICAgICAgICAoeyBuYW1lLCBkZXNjcmlwdGlvbjogYWJvdXQgfSkgPT4gYCAgICAgICBoZWFkZXIgJHtvdXQuY3lhbihuYW1lKX0gICR7cHJpbnRhYmxlTGluZShhYm91dCA/PyAnJyl9YCxcbiAgICAgICksXG4gICAgKTtcbiAgLy8gT2YgYSByZWZ1c2FsIG9ubHkgd2hhdCB0aGUgdmVuZG9yIGdpdmVzIGFzIGFuIGV4YW1wbGU7IG9uZSBtYWRlIGZyb20gaXRzIGZpZWxkcyBzYXlzIG5vdGhpbmcgbmV3LlxuICBpZiAoY29udGVudD8uZXhhbXBsZSAhPT0gdW5kZWZpbmVkICYmICgvXjIvLnRlc3Qoc3RhdHVzKSB8fCBjb250ZW50LmRvY3VtZW50ZWRFeGFtcGxlKSlcbiAgICBsaW5lcy5wdXNoKGluZGVudChleGFtcGxlVGV4dChjb250ZW50LCB0ZXJtaW5hbCksIDcpKTtcbiAgcmV0dXJuIGxpbmVzLmpvaW4oJ1xcbicpO1xufVxuXG4vKiogT25lIG9mIHNldmVyYWwgc2hhcGVzOiBlYWNoIHdpdGggaXRzIG5hbWUsIGFuZCB3aGF0IGNob29zZXMgaXQuICovXG5leHBvcnQgZnVuY3Rpb24gYWx0ZXJuYXRpdmVzVGV4dChhbHRlcm5hdGl2ZXM6IHJlYWRvbmx5IEFsdGVybmF0aXZlW10sIHRlcm1pbmFsOiBUZXJtaW5hbCk6IHN0cmluZyB7XG4gIHJldHVybiBhbHRlcm5hdGl2ZXNcbiAgICAubWFwKCh7IG5hbWUsIHdoZW4sIGZpZWxkcyB9LCBpbmRleCkgPT4ge1xuICAgICAgY29uc3QgaGVhZCA9IGAgICR7aW5kZXggPT09IDAgPyAnZWl0aGVyJyA6ICdvcid9ICR7dGVybWluYWwub3V0LmJvbGQobmFtZSl9JHt3aGVuID09PSB1bmRlZmluZWQgPyAnJyA6IHRlcm1pbmFsLm91dC5kaW0oYCAgd2hlcmUgJHt3aGVufWApfWA7XG4gICAgICByZXR1cm4gZmllbGRzLmxlbmd0aCA9PT0gMCA/IGhlYWQgOiBgJHtoZWFkfVxcbiR7ZmllbGRUYWJsZShmaWVsZHMsIHRlcm1pbmFsLCBmYWxzZSl9YDtcbiAgICB9KVxuICAgIC5qb2luKCdcXG5cXG4nKTtcbn1cblxuLyoqIE5lc3RlZCBmaWVsZHMgc3RhbmQgYmVsb3cgdGhlaXIgaG9sZGVyLCBpbmRlbnRlZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBmaWVsZFRhYmxlKGZpZWxkczogcmVhZG9ubHkgKEZpZWxkIHwgUGFyYW1ldGVyKVtdLCB0ZXJtaW5hbDogVGVybWluYWwsIHdoZXJlOiBib29sZWFuKTogc3RyaW5nIHtcbiAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICBjb25zdCByb3dzOiBzdHJpbmdbXVtdID0gW107XG4gIGNvbnN0IGFkZCA9IChsaXN0OiByZWFkb25seSAoRmllbGQgfCBQYXJhbWV0ZXIpW10sIGRlcHRoOiBudW1iZXIpOiB2b2lkID0+IHtcbiAgICBmb3IgKGNvbnN0IGZpZWxkIG9mIGxpc3QpIHtcbiAgICAgIGNvbnN0IG5vdGVzID0gW1xuICAgICAgICBmaWVsZC5yZWFkT25seSAmJiAncmVhZC1vbmx5JyxcbiAgICAgICAgZmllbGQud3JpdGVPbmx5ICYmICd3cml0ZS1vbmx5JyxcbiAgICAgICAgZmllbGQuZGVwcmVjYXRlZCAmJiAnZGVwcmVjYXRlZCcsXG4gICAgICAgIGZpZWxkLnJlY3Vyc2l2ZSAmJiBgYSAke2ZpZWxkLnJlY3Vyc2l2ZX0gYWdhaW5gLFxuICAgICAgICBmaWVsZC5tb3JlICE9PSB1bmRlZmluZWQgJiYgYG1vcmU6IC0tZGVwdGgke2ZpZWxkLm1vcmUgPT09ICcnID8gJycgOiBgLCBvciAtLXR5cGUgJHtmaWVsZC5tb3JlfWB9YCxcbiAgICAgICAgJ3N0eWxlJyBpbiBmaWVsZCAmJiBmaWVsZC5zdHlsZSxcbiAgICAgICAgJ2Zyb20nIGluIGZpZWxkICYmIGZpZWxkLmZyb20sXG4gICAgICAgIGZpZWxkLmNlcnRhaW50eSAmJiBmaWVsZC5jZXJ0YWludHkgIT09ICdzdXJlJyAmJiBmaWVsZC5jZXJ0YWludHksXG4gICAgICAgIGZpZWxkLmF0LFxuICAgICAgXVxuICAgICAgICAuZmlsdGVyKEJvb2xlYW4pXG4gICAgICAgIC5qb2luKCcsICcpO1xuICAgICAgcm93cy5wdXNoKFtcbiAgICAgICAgYCR7JyAgJy5yZXBlYXQoZGVwdGgpfSR7b3V0LmN5YW4oZmllbGQubmFtZSl9YCxcbiAgICAgICAgd2hlcmUgJiYgJ2luJyBpbiBmaWVsZCA/IGZpZWxkLmluIDogJycsXG4gICAgICAgIGZpZWxkLnR5cGUsXG4gICAgICAgIGZpZWxkLnJlcXVpcmVkID8gb3V0LmJvbGQoJ3JlcXVpcmVkJykgOiAnJyxcbiAgICAgICAgZmllbGQuZGVmYXVsdCA9PT0gdW5kZWZpbmVkID8gJycgOiB0ZXh0T2YoZmllbGQuZGVmYXVsdCkgfHwgJ1wiXCInLFxuICAgICAgICAnY2xhdXNlcycgaW4gZmllbGQgJiYgZmllbGQuY2xhdXNlcyA/IGNsYXVzZXNUZXh0KGZpZWxkLmNsYXVzZXMpIDogbGltaXRzVGV4dChmaWVsZCksXG4gICAgICAgIG5vdGVzLFxuICAgICAgICBwcmludGFibGVMaW5lKHNob3J0ZW5lZChmaWVsZC5kZXNjcmlwdGlvbiA/PyAnJykpLFxuICAgICAgXSk7XG4gICAgICBpZiAoZmllbGQuYWx0ZXJuYXRpdmVzKSB7XG4gICAgICAgIGZvciAoY29uc3QgeyBuYW1lLCB3aGVuLCBmaWVsZHM6IGlubmVyIH0gb2YgZmllbGQuYWx0ZXJuYXRpdmVzKSB7XG4gICAgICAgICAgcm93cy5wdXNoKFtcbiAgICAgICAgICAgIGAkeycgICcucmVwZWF0KGRlcHRoICsgMSl9JHtvdXQuZGltKGBhcyAke25hbWV9YCl9YCxcbiAgICAgICAgICAgICcnLFxuICAgICAgICAgICAgd2hlbiA9PT0gdW5kZWZpbmVkID8gJycgOiBvdXQuZGltKGB3aGVyZSAke3doZW59YCksXG4gICAgICAgICAgICAnJyxcbiAgICAgICAgICAgICcnLFxuICAgICAgICAgICAgJycsXG4gICAgICAgICAgICAnJyxcbiAgICAgICAgICAgICcnLFxuICAgICAgICAgIF0pO1xuICAgICAgICAgIGFkZChpbm5lciwgZGVwdGggKyAyKTtcbiAgICAgICAgfVxuICAgICAgfSBlbHNlIGlmIChmaWVsZC5maWVsZHMpIGFkZChmaWVsZC5maWVsZHMsIGRlcHRoICsgMSk7XG4gICAgfVxuICB9O1xuICBhZGQoZmllbGRzLCAwKTtcbiAgcmV0dXJuIHRhYmxlKHJvd3MsIHRlcm1pbmFsLCB7XG4gICAgaW5kZW50OiAyLFxuICAgIGhlYWQ6IFsnbmFtZScsICd3aGVyZScsICd0eXBlJywgJycsICdkZWZhdWx0JywgJ2FsbG93ZWQnLCAnbm90ZXMnLCAnZGVzY3JpcHRpb24nXSxcbiAgICBmbGV4aWJsZTogWzUsIDddLFxuICB9KTtcbn1cblxuLyoqIEluIGEgdGFibGUgYSBsb25nIGRlc2NyaXB0aW9uIHB1c2hlcyBldmVyeXRoaW5nIGVsc2Ugb3V0IG9mIHNpZ2h0OyBgLS1qc29uYCBoYXMgaXQgd2hvbGUuICovXG5jb25zdCBsb25nZXN0RGVzY3JpcHRpb24gPSAzMDA7XG5cbmZ1bmN0aW9uIHNob3J0ZW5lZCh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcge1xuICBpZiAodGV4dC5sZW5ndGggPD0gbG9uZ2VzdERlc2NyaXB0aW9uKSByZXR1cm4gdGV4dDtcbiAgcmV0dXJuIGAke3RleHQuc2xpY2UoMCwgdGV4dC5sYXN0SW5kZXhPZignICcsIGxvbmdlc3REZXNjcmlwdGlvbikgKyAxIHx8IGxvbmdlc3REZXNjcmlwdGlvbikudHJpbUVuZCgpfSBcdTIwMjZgO1xufVxuXG4vKiogV2hhdCB0aGUgY2xhdXNlcyBvZiBhIGZpbHRlciBtYXkgbmFtZS4gKi9cbmZ1bmN0aW9uIGNsYXVzZXNUZXh0KHsgZmllbGRzLCBvcGVyYXRvcnMgfTogQ2xhdXNlVGVybXMpOiBzdHJpbmcge1xuICBjb25zdCBwYXJ0cyA9IFtcbiAgICBmaWVsZHMubGVuZ3RoID4gMCAmJiBgY2xhdXNlcyBvZiAke2ZpZWxkcy5qb2luKCcsICcpfWAsXG4gICAgb3BlcmF0b3JzLmxlbmd0aCA+IDAgJiYgYHdpdGggJHtvcGVyYXRvcnMuam9pbignLCAnKX1gLFxuICBdO1xuICByZXR1cm4gcGFydHMuZmlsdGVyKEJvb2xlYW4pLmpvaW4oJyAnKTtcbn1cblxuY29uc3QgaW5kZW50ID0gKHRleHQ6IHN0cmluZywgYnk6IG51bWJlcik6IHN0cmluZyA9PiB0ZXh0LnJlcGxhY2UoL14vZ20sICcgJy5yZXBlYXQoYnkpKTtcbiIsICIvKiogT25lIGRvY3VtZW50ZWQgdHlwZSBpbiB3b3JkcyBhbmQgdGFibGVzLiAqL1xuaW1wb3J0IHsgbGltaXRzVGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvZG9jdW1lbnRhdGlvbi9saW1pdHMtdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IFR5cGVEZXNjcmlwdGlvbiB9IGZyb20gJy4uLy4uL2NvcmUvZG9jdW1lbnRhdGlvbi9tb2RlbC5qcyc7XG5pbXBvcnQgdHlwZSB7IFRlcm1pbmFsIH0gZnJvbSAnLi4vdGVybWluYWwuanMnO1xuaW1wb3J0IHsgYWx0ZXJuYXRpdmVzVGV4dCwgZmllbGRUYWJsZSB9IGZyb20gJy4vb3BlcmF0aW9uLmpzJztcbmltcG9ydCB7IHByaW50YWJsZSB9IGZyb20gJy4vcHJpbnRhYmxlLmpzJztcblxuZXhwb3J0IGZ1bmN0aW9uIHR5cGVUZXh0KFxuICB7IG5hbWUsIHNvdXJjZSwga2luZCwgZGVzY3JpcHRpb24sIGZpZWxkcywgYWxsb3dlZCwgYWx0ZXJuYXRpdmVzIH06IFR5cGVEZXNjcmlwdGlvbiAmIHsgcmVhZG9ubHkgc291cmNlOiBzdHJpbmcgfSxcbiAgdGVybWluYWw6IFRlcm1pbmFsLFxuKTogc3RyaW5nIHtcbiAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICBjb25zdCBibG9ja3MgPSBbXG4gICAgW2Ake291dC5ib2xkKGAke3NvdXJjZX0vJHtuYW1lfWApfSAgJHtraW5kfWAsIC4uLihkZXNjcmlwdGlvbiA9PT0gdW5kZWZpbmVkID8gW10gOiBbcHJpbnRhYmxlKGRlc2NyaXB0aW9uKV0pXS5qb2luKFxuICAgICAgJ1xcbicsXG4gICAgKSxcbiAgICBhbGxvd2VkICYmIGAke291dC5ib2xkKCdhbGxvd2VkJyl9ICAke2xpbWl0c1RleHQoeyBhbGxvd2VkIH0pfWAsXG4gICAgZmllbGRzLmxlbmd0aCA+IDAgJiYgYCR7b3V0LmJvbGQoJ2ZpZWxkcycpfVxcbiR7ZmllbGRUYWJsZShmaWVsZHMsIHRlcm1pbmFsLCBmYWxzZSl9YCxcbiAgICBhbHRlcm5hdGl2ZXMgJiYgYWx0ZXJuYXRpdmVzVGV4dChhbHRlcm5hdGl2ZXMsIHRlcm1pbmFsKSxcbiAgXTtcbiAgcmV0dXJuIGJsb2Nrcy5maWx0ZXIoKGJsb2NrKSA9PiB0eXBlb2YgYmxvY2sgPT09ICdzdHJpbmcnKS5qb2luKCdcXG5cXG4nKTtcbn1cbiIsICIvKiogYGRvY3Mgc2hvd2A6IG9uZSBvcGVyYXRpb24gb3Igb25lIHR5cGUgaW4gZnVsbC4gKi9cbmltcG9ydCB7IGZpbmRUeXBlIH0gZnJvbSAnLi4vLi4vLi4vY29yZS9jb2xsZWN0aW9uL2ZpbmQtdHlwZS5qcyc7XG5pbXBvcnQgeyBmaW5kT3BlcmF0aW9uLCBvcGVuRG9jdW1lbnRhdGlvbiwgc291cmNlSW5kZXggfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vc291cmNlLWluZGV4LmpzJztcbmltcG9ydCB7IGxpbmtzT2YgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2RvY3VtZW50YXRpb24vbGlua3MuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uLy4uL2NvcmUvcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tbWFuZE1vZHVsZSwgZXhhbXBsZXMgfSBmcm9tICcuLi8uLi9jb21tYW5kLmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi8uLi9lbWl0LmpzJztcbmltcG9ydCB7IG9wZXJhdGlvblRleHQgfSBmcm9tICcuLi8uLi92aWV3L29wZXJhdGlvbi5qcyc7XG5pbXBvcnQgeyB0eXBlVGV4dCB9IGZyb20gJy4uLy4uL3ZpZXcvdHlwZS5qcyc7XG5pbXBvcnQgeyB3aG9sZU51bWJlciB9IGZyb20gJy4uLy4uL3dob2xlLW51bWJlci5qcyc7XG5cbmV4cG9ydCBjb25zdCB7IGNvbmZpZ3VyZSB9OiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZFxuICAgICAgLmFyZ3VtZW50KCdbb3BlcmF0aW9uXScsICdTT1VSQ0UvT1BFUkFUSU9OLCBvciB0aGUgb3BlcmF0aW9uIGFsb25lJylcbiAgICAgIC5vcHRpb24oJy0tdHlwZSA8bmFtZT4nLCAnYSB0eXBlIGluc3RlYWQ6IFNPVVJDRS9UWVBFLCBvciB0aGUgdHlwZSBhbG9uZScpXG4gICAgICAub3B0aW9uKCctLWRlcHRoIDxsZXZlbHM+JywgJ2xldmVscyBvZiBmaWVsZHMgd2l0aGluIGZpZWxkcycsICcyJylcbiAgICAgIC5hY3Rpb24oXG4gICAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW2dpdmVuXSwgeyB0eXBlLCBkZXB0aCB9KSA9PiB7XG4gICAgICAgICAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgICAgICAgICBjb25zdCBzaGVsZiA9IGF3YWl0IGNvbnRleHQuc2hlbGYoKTtcbiAgICAgICAgICBhd2FpdCBvcGVuRG9jdW1lbnRhdGlvbihzaGVsZik7XG4gICAgICAgICAgaWYgKHR5cGVvZiB0eXBlID09PSAnc3RyaW5nJykge1xuICAgICAgICAgICAgY29uc3QgZm91bmQgPSBmaW5kVHlwZShzaGVsZiwgdHlwZSk7XG4gICAgICAgICAgICBpZiAodGVybWluYWwuanNvbikgcmV0dXJuIGVtaXQodGVybWluYWwsICdkb2NzIHNob3cnLCB7IHR5cGU6IHsgLi4uZm91bmQgfSB9KTtcbiAgICAgICAgICAgIHRlcm1pbmFsLnByaW50KHR5cGVUZXh0KGZvdW5kLCB0ZXJtaW5hbCkpO1xuICAgICAgICAgICAgcmV0dXJuIDA7XG4gICAgICAgICAgfVxuICAgICAgICAgIGlmIChnaXZlbiA9PT0gdW5kZWZpbmVkKVxuICAgICAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgICAgICAgICB3aGF0OiAnZG9jcyBzaG93IHdhbnRzIGFuIG9wZXJhdGlvbiwgb3IgLS10eXBlIE5BTUUnLFxuICAgICAgICAgICAgICByZW1lZHk6ICdlY2hvLXRyYWlsIGRvY3MgdHJlZSBsaXN0cyB0aGUgb3BlcmF0aW9ucycsXG4gICAgICAgICAgICB9KTtcbiAgICAgICAgICBjb25zdCBvcGVyYXRpb24gPSBmaW5kT3BlcmF0aW9uKHNoZWxmLCBnaXZlbiwgd2hvbGVOdW1iZXIoZGVwdGgsICctLWRlcHRoJykpO1xuICAgICAgICAgIGNvbnN0IGxpbmtzID0gbGlua3NPZihvcGVyYXRpb24sIHNvdXJjZUluZGV4KHNoZWxmLCBvcGVyYXRpb24uc291cmNlKSk7XG4gICAgICAgICAgaWYgKHRlcm1pbmFsLmpzb24pIHJldHVybiBlbWl0KHRlcm1pbmFsLCAnZG9jcyBzaG93JywgeyBvcGVyYXRpb246IHsgLi4ub3BlcmF0aW9uLCBzdXBwbGllZEJ5OiBsaW5rcyB9IH0pO1xuICAgICAgICAgIHRlcm1pbmFsLnByaW50KG9wZXJhdGlvblRleHQob3BlcmF0aW9uLCBsaW5rcywgdGVybWluYWwpKTtcbiAgICAgICAgICByZXR1cm4gMDtcbiAgICAgICAgfSksXG4gICAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFsnZG9jcyBzaG93IGhhcmJvdXIvYm9va0NhbGwnLCAncGFyYW1ldGVycywgYm9keSBmaWVsZHMsIGFuc3dlcnMsIGFuZCBhbiBleGFtcGxlIG9mIGVhY2gnXSxcbiAgICAgIFsnZG9jcyBzaG93IC0tdHlwZSBWZXNzZWwnLCAnYSB0eXBlLCB3aXRoIGl0cyBmaWVsZHMnXSxcbiAgICAgIFsnZG9jcyBzaG93IGFtZW5kQ2FsbCAtLWpzb24nLCAndGhlIHNhbWUgZm9yIHByb2dyYW1zJ10sXG4gICAgXSk7XG4gIH0sXG59O1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBV08sU0FBUyxTQUFTLE9BQWMsT0FBOEQ7QUFDbkcsUUFBTSxRQUFRLE9BQU8sS0FBSyxNQUFNLElBQUk7QUFDcEMsUUFBTSxRQUFRLE1BQU0sUUFBUSxHQUFHO0FBQy9CLFFBQU0sUUFBUSxNQUFNLFFBQVEsQ0FBQyxXQUFXO0FBQ3RDLFVBQU0sT0FBTyxNQUFNLE1BQU0sR0FBRyxLQUFLLE1BQU0sU0FBUyxNQUFNLE1BQU0sUUFBUSxDQUFDLElBQUk7QUFDekUsVUFBTSxPQUFPLFlBQVksT0FBTyxNQUFNLEVBQUUsS0FBSyxJQUFJO0FBQ2pELFdBQU8sT0FBTyxDQUFDLEVBQUUsUUFBUSxHQUFHLEtBQUssQ0FBQyxJQUFJLENBQUM7QUFBQSxFQUN6QyxDQUFDO0FBQ0QsUUFBTSxDQUFDLE1BQU0sS0FBSyxJQUFJO0FBQ3RCLE1BQUksUUFBUSxDQUFDLE1BQU8sUUFBTztBQUMzQixNQUFJLE1BQU07QUFDUixVQUFNLElBQUksUUFBUSxrQkFBa0I7QUFBQSxNQUNsQyxNQUFNLCtCQUErQixLQUFLO0FBQUEsTUFDMUMsUUFBUSxNQUFNLElBQUksQ0FBQyxFQUFFLFFBQVEsS0FBSyxNQUFNLEdBQUcsTUFBTSxJQUFJLElBQUksRUFBRSxFQUFFLEtBQUssSUFBSTtBQUFBLElBQ3hFLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxNQUFNLE1BQU0sUUFBUSxDQUFDLFdBQVcsWUFBWSxPQUFPLE1BQU0sRUFBRSxNQUFNLENBQUM7QUFDeEUsUUFBTSxJQUFJLFFBQVEsdUJBQXVCO0FBQUEsSUFDdkMsTUFBTSxzQ0FBc0MsS0FBSztBQUFBLElBQ2pELFFBQVEsWUFBWSxPQUFPLEdBQUcsS0FBSztBQUFBLEVBQ3JDLENBQUM7QUFDSDs7O0FDYk8sU0FBUyxjQUFjLFdBQXNCLE9BQXdCLFVBQTRCO0FBQ3RHLFFBQU07QUFBQSxJQUNKO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBLFlBQVksQ0FBQztBQUFBLElBQ2I7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGLElBQUk7QUFDSixRQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFFBQU0sUUFBUSxDQUFDLFNBQXlCLElBQUksS0FBSyxJQUFJO0FBQ3JELFFBQU0sU0FBUztBQUFBLElBQ2I7QUFBQSxNQUNFLEdBQUcsTUFBTSxHQUFHLE1BQU0sSUFBSSxFQUFFLEVBQUUsQ0FBQyxHQUFHLFlBQVksU0FBWSxLQUFLLEtBQUssY0FBYyxPQUFPLENBQUMsRUFBRSxHQUFHLGFBQWEsSUFBSSxPQUFPLGNBQWMsSUFBSSxFQUFFO0FBQUEsTUFDdkksR0FBRyxJQUFJLEtBQUssTUFBTSxDQUFDLElBQUksSUFBSSxNQUFNLElBQUksSUFBSSxTQUFTLEtBQUssS0FBSyxVQUFVLHNCQUFzQixpQkFBaUIsR0FBRyxjQUFjLFNBQVksS0FBSyxlQUFlLEVBQUUsS0FBSyxTQUFTLEVBQUUsRUFBRSxDQUFDO0FBQUEsTUFDbkwsR0FBSSxnQkFBZ0IsVUFBYSxnQkFBZ0IsVUFBVSxDQUFDLFVBQVUsV0FBVyxDQUFDLElBQUksQ0FBQztBQUFBLElBQ3pGLEVBQUUsS0FBSyxJQUFJO0FBQUEsSUFDWCxVQUFVLFdBQVcsUUFBUTtBQUFBLElBQzdCLFdBQVcsU0FBUyxLQUFLLEdBQUcsTUFBTSxZQUFZLENBQUM7QUFBQSxFQUFLLFdBQVcsWUFBWSxVQUFVLElBQUksQ0FBQztBQUFBLElBQzFGLFFBQ0UsR0FBRyxNQUFNLE1BQU0sQ0FBQyxLQUFLLEtBQUssSUFBSSxHQUFHLEtBQUssV0FBVyxLQUFLLFlBQVksR0FBRyxLQUFLLFdBQVcsU0FBUyxJQUFJLFVBQVUsS0FBSyxXQUFXLEtBQUssSUFBSSxDQUFDLEtBQUssRUFBRTtBQUFBLEVBQUssWUFBWSxNQUFNLFVBQVUsSUFBSSxDQUFDO0FBQUEsSUFDckwsTUFBTSxTQUFTLEtBQUssR0FBRyxNQUFNLGFBQWEsQ0FBQztBQUFBLEVBQUssVUFBVSxPQUFPLFVBQVUsUUFBUSxRQUFRLENBQUM7QUFBQSxJQUM1RixXQUFXLEdBQUcsTUFBTSxjQUFjLENBQUMsS0FBSyxRQUFRLE9BQU87QUFBQSxJQUN2RCxRQUNFLEdBQUcsTUFBTSxRQUFRLENBQUMsTUFBTSxLQUFLLE1BQU07QUFBQSxFQUFNLE1BQU0sU0FBUyxDQUFDLEtBQUssS0FBSyxPQUFPLE1BQU0sSUFBSSxJQUFJLFFBQVEsS0FBSyxPQUFPLEtBQUssS0FBSyxLQUFLLElBQUksS0FBSyxHQUFHLFVBQVUsS0FBSyxJQUFJLEVBQUUsQ0FBQztBQUFBLElBQy9KLEdBQUcsTUFBTSxTQUFTLENBQUM7QUFBQSxFQUFLLFFBQVEsSUFBSSxDQUFDLFdBQVcsV0FBVyxRQUFRLFFBQVEsQ0FBQyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUEsSUFDeEYsVUFBVSxTQUFTLEtBQUssR0FBRyxNQUFNLFlBQVksQ0FBQztBQUFBLEVBQUssVUFBVSxJQUFJLENBQUMsUUFBUSxLQUFLLGNBQWMsR0FBRyxDQUFDLEVBQUUsRUFBRSxLQUFLLElBQUksQ0FBQztBQUFBLElBQy9HLEdBQUcsTUFBTSxPQUFPLENBQUMsc0JBQXNCLE1BQU0sSUFBSSxFQUFFO0FBQUEsRUFDckQ7QUFDQSxTQUFPLE9BQU8sT0FBTyxDQUFDLFVBQVUsT0FBTyxVQUFVLFFBQVEsRUFBRSxLQUFLLE1BQU07QUFDeEU7QUFFQSxTQUFTLFVBQVUsT0FBd0IsUUFBZ0IsVUFBNEI7QUFDckYsUUFBTSxFQUFFLElBQUksSUFBSTtBQUNoQixTQUFPO0FBQUEsSUFDTCxNQUFNLElBQUksQ0FBQyxFQUFFLE1BQU0sV0FBVyxPQUFPLE1BQU0sTUFBTTtBQUFBLE1BQy9DLElBQUksS0FBSyxJQUFJO0FBQUEsTUFDYixHQUFHLE1BQU0sSUFBSSxTQUFTO0FBQUEsTUFDdEI7QUFBQSxNQUNBLFFBQVEsSUFBSSxJQUFJLFNBQVMsSUFBSTtBQUFBLElBQy9CLENBQUM7QUFBQSxJQUNEO0FBQUEsSUFDQSxFQUFFLFFBQVEsRUFBRTtBQUFBLEVBQ2Q7QUFDRjtBQUdBLFNBQVMsVUFBVSxXQUFzQixFQUFFLElBQUksR0FBcUI7QUFDbEUsUUFBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixNQUFJLFNBQVMsV0FBVyxFQUFHLFFBQU8sR0FBRyxJQUFJLEtBQUssT0FBTyxDQUFDLEtBQUssT0FBTyxTQUFTLENBQUM7QUFDNUUsUUFBTSxRQUFRLFNBQVMsSUFBSSxDQUFDLEVBQUUsUUFBUSxNQUFNLFFBQVEsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBRyxJQUFJLEtBQUssS0FBSyxFQUFFLEVBQUUsS0FBSyxPQUFPLENBQUM7QUFDL0csUUFBTSxRQUFRLFNBQ1gsUUFBUSxDQUFDLEVBQUUsUUFBUSxNQUFNLE9BQU8sRUFDaEMsUUFBUSxDQUFDLEVBQUUsWUFBWSxNQUFPLGFBQWEsU0FBUyxJQUFJLElBQUksVUFBVSxXQUFXLEVBQUUsTUFBTSxJQUFJLElBQUksQ0FBQyxDQUFFO0FBQ3ZHLFNBQU8sQ0FBQyxHQUFHLElBQUksS0FBSyxPQUFPLENBQUMsS0FBSyxNQUFNLEtBQUssT0FBTyxDQUFDLElBQUksR0FBRyxNQUFNLElBQUksQ0FBQyxTQUFTLEtBQUssSUFBSSxHQUFHLFFBQVEsQ0FBQyxDQUFDLEVBQUUsS0FBSyxJQUFJO0FBQ2xIO0FBR0EsSUFBTSxTQUFTLENBQUMsRUFBRSxVQUFVLFVBQVUsTUFDcEMsYUFBYSxVQUFVLGNBQWMsU0FDakMsc0JBQ0E7QUFFTixTQUFTLFlBQVksU0FBa0IsVUFBb0IsUUFBeUI7QUFDbEYsUUFBTSxRQUFRO0FBQUEsSUFDWixRQUFRLGVBQ0osaUJBQWlCLFFBQVEsY0FBYyxRQUFRLElBQy9DLFFBQVEsT0FBTyxTQUFTLEtBQUssV0FBVyxRQUFRLFFBQVEsVUFBVSxLQUFLO0FBQUEsSUFDM0UsUUFBUSxZQUFZLFVBQ2xCLEtBQUssU0FBUyxJQUFJLElBQUksUUFBUSxvQkFBb0IsdUJBQXVCLFNBQVMsa0NBQWtDLHNCQUFzQixDQUFDO0FBQUEsRUFBSyxPQUFPLFlBQVksU0FBUyxRQUFRLEdBQUcsQ0FBQyxDQUFDO0FBQUEsRUFDN0w7QUFDQSxTQUFPLE1BQU0sT0FBTyxDQUFDLFNBQVMsT0FBTyxTQUFTLFFBQVEsRUFBRSxLQUFLLE1BQU07QUFDckU7QUFHQSxJQUFNLGNBQWMsQ0FBQyxFQUFFLE1BQU0sUUFBUSxHQUFZLEVBQUUsSUFBSSxNQUNyRCxPQUFPLFlBQVksWUFBWSxDQUFDLGFBQWEsS0FBSyxJQUFJLElBQUksVUFBVSxPQUFPLElBQUksYUFBYSxTQUFrQixHQUFHO0FBRW5ILFNBQVMsV0FBVyxFQUFFLFFBQVEsYUFBYSxTQUFTLFFBQVEsR0FBVyxVQUE0QjtBQUNqRyxRQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFFBQU0sUUFBUSxLQUFLLEtBQUssTUFBTSxJQUFJLElBQUksUUFBUSxRQUFRLEtBQUssTUFBTSxJQUFJLElBQUksTUFBTSxJQUFJO0FBQ25GLFFBQU0sUUFBUTtBQUFBLElBQ1osS0FBSyxNQUFNLE1BQU0sQ0FBQyxLQUFLLGNBQWMsZUFBZSxFQUFFLENBQUMsR0FBRyxVQUFVLElBQUksSUFBSSxLQUFLLFFBQVEsSUFBSSxFQUFFLElBQUksRUFBRTtBQUFBLEVBQ3ZHO0FBQ0EsTUFBSSxRQUFRLFNBQVM7QUFDbkIsVUFBTTtBQUFBLE1BQ0osR0FBRyxRQUFRO0FBQUEsUUFDVCxDQUFDLEVBQUUsTUFBTSxhQUFhLE1BQU0sTUFBTSxpQkFBaUIsSUFBSSxLQUFLLElBQUksQ0FBQyxLQUFLLGNBQWMsU0FBUyxFQUFFLENBQUM7QUFBQSxNQUNsRztBQUFBLElBQ0Y7QUFFRixNQUFJLFNBQVMsWUFBWSxXQUFjLEtBQUssS0FBSyxNQUFNLEtBQUssUUFBUTtBQUNsRSxVQUFNLEtBQUssT0FBTyxZQUFZLFNBQVMsUUFBUSxHQUFHLENBQUMsQ0FBQztBQUN0RCxTQUFPLE1BQU0sS0FBSyxJQUFJO0FBQ3hCO0FBR08sU0FBUyxpQkFBaUIsY0FBc0MsVUFBNEI7QUFDakcsU0FBTyxhQUNKLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTSxPQUFPLEdBQUcsVUFBVTtBQUN0QyxVQUFNLE9BQU8sS0FBSyxVQUFVLElBQUksV0FBVyxJQUFJLElBQUksU0FBUyxJQUFJLEtBQUssSUFBSSxDQUFDLEdBQUcsU0FBUyxTQUFZLEtBQUssU0FBUyxJQUFJLElBQUksV0FBVyxJQUFJLEVBQUUsQ0FBQztBQUMxSSxXQUFPLE9BQU8sV0FBVyxJQUFJLE9BQU8sR0FBRyxJQUFJO0FBQUEsRUFBSyxXQUFXLFFBQVEsVUFBVSxLQUFLLENBQUM7QUFBQSxFQUNyRixDQUFDLEVBQ0EsS0FBSyxNQUFNO0FBQ2hCO0FBR08sU0FBUyxXQUFXLFFBQXdDLFVBQW9CLE9BQXdCO0FBQzdHLFFBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsUUFBTSxPQUFtQixDQUFDO0FBQzFCLFFBQU0sTUFBTSxDQUFDLE1BQXNDLFVBQXdCO0FBQ3pFLGVBQVcsU0FBUyxNQUFNO0FBQ3hCLFlBQU0sUUFBUTtBQUFBLFFBQ1osTUFBTSxZQUFZO0FBQUEsUUFDbEIsTUFBTSxhQUFhO0FBQUEsUUFDbkIsTUFBTSxjQUFjO0FBQUEsUUFDcEIsTUFBTSxhQUFhLEtBQUssTUFBTSxTQUFTO0FBQUEsUUFDdkMsTUFBTSxTQUFTLFVBQWEsZ0JBQWdCLE1BQU0sU0FBUyxLQUFLLEtBQUssZUFBZSxNQUFNLElBQUksRUFBRTtBQUFBLFFBQ2hHLFdBQVcsU0FBUyxNQUFNO0FBQUEsUUFDMUIsVUFBVSxTQUFTLE1BQU07QUFBQSxRQUN6QixNQUFNLGFBQWEsTUFBTSxjQUFjLFVBQVUsTUFBTTtBQUFBLFFBQ3ZELE1BQU07QUFBQSxNQUNSLEVBQ0csT0FBTyxPQUFPLEVBQ2QsS0FBSyxJQUFJO0FBQ1osV0FBSyxLQUFLO0FBQUEsUUFDUixHQUFHLEtBQUssT0FBTyxLQUFLLENBQUMsR0FBRyxJQUFJLEtBQUssTUFBTSxJQUFJLENBQUM7QUFBQSxRQUM1QyxTQUFTLFFBQVEsUUFBUSxNQUFNLEtBQUs7QUFBQSxRQUNwQyxNQUFNO0FBQUEsUUFDTixNQUFNLFdBQVcsSUFBSSxLQUFLLFVBQVUsSUFBSTtBQUFBLFFBQ3hDLE1BQU0sWUFBWSxTQUFZLEtBQUssT0FBTyxNQUFNLE9BQU8sS0FBSztBQUFBLFFBQzVELGFBQWEsU0FBUyxNQUFNLFVBQVUsWUFBWSxNQUFNLE9BQU8sSUFBSSxXQUFXLEtBQUs7QUFBQSxRQUNuRjtBQUFBLFFBQ0EsY0FBYyxVQUFVLE1BQU0sZUFBZSxFQUFFLENBQUM7QUFBQSxNQUNsRCxDQUFDO0FBQ0QsVUFBSSxNQUFNLGNBQWM7QUFDdEIsbUJBQVcsRUFBRSxNQUFNLE1BQU0sUUFBUSxNQUFNLEtBQUssTUFBTSxjQUFjO0FBQzlELGVBQUssS0FBSztBQUFBLFlBQ1IsR0FBRyxLQUFLLE9BQU8sUUFBUSxDQUFDLENBQUMsR0FBRyxJQUFJLElBQUksTUFBTSxJQUFJLEVBQUUsQ0FBQztBQUFBLFlBQ2pEO0FBQUEsWUFDQSxTQUFTLFNBQVksS0FBSyxJQUFJLElBQUksU0FBUyxJQUFJLEVBQUU7QUFBQSxZQUNqRDtBQUFBLFlBQ0E7QUFBQSxZQUNBO0FBQUEsWUFDQTtBQUFBLFlBQ0E7QUFBQSxVQUNGLENBQUM7QUFDRCxjQUFJLE9BQU8sUUFBUSxDQUFDO0FBQUEsUUFDdEI7QUFBQSxNQUNGLFdBQVcsTUFBTSxPQUFRLEtBQUksTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUFBLElBQ3REO0FBQUEsRUFDRjtBQUNBLE1BQUksUUFBUSxDQUFDO0FBQ2IsU0FBTyxNQUFNLE1BQU0sVUFBVTtBQUFBLElBQzNCLFFBQVE7QUFBQSxJQUNSLE1BQU0sQ0FBQyxRQUFRLFNBQVMsUUFBUSxJQUFJLFdBQVcsV0FBVyxTQUFTLGFBQWE7QUFBQSxJQUNoRixVQUFVLENBQUMsR0FBRyxDQUFDO0FBQUEsRUFDakIsQ0FBQztBQUNIO0FBR0EsSUFBTSxxQkFBcUI7QUFFM0IsU0FBUyxVQUFVLE1BQXNCO0FBQ3ZDLE1BQUksS0FBSyxVQUFVLG1CQUFvQixRQUFPO0FBQzlDLFNBQU8sR0FBRyxLQUFLLE1BQU0sR0FBRyxLQUFLLFlBQVksS0FBSyxrQkFBa0IsSUFBSSxLQUFLLGtCQUFrQixFQUFFLFFBQVEsQ0FBQztBQUN4RztBQUdBLFNBQVMsWUFBWSxFQUFFLFFBQVEsVUFBVSxHQUF3QjtBQUMvRCxRQUFNLFFBQVE7QUFBQSxJQUNaLE9BQU8sU0FBUyxLQUFLLGNBQWMsT0FBTyxLQUFLLElBQUksQ0FBQztBQUFBLElBQ3BELFVBQVUsU0FBUyxLQUFLLFFBQVEsVUFBVSxLQUFLLElBQUksQ0FBQztBQUFBLEVBQ3REO0FBQ0EsU0FBTyxNQUFNLE9BQU8sT0FBTyxFQUFFLEtBQUssR0FBRztBQUN2QztBQUVBLElBQU0sU0FBUyxDQUFDLE1BQWMsT0FBdUIsS0FBSyxRQUFRLE9BQU8sSUFBSSxPQUFPLEVBQUUsQ0FBQzs7O0FDeE1oRixTQUFTLFNBQ2QsRUFBRSxNQUFNLFFBQVEsTUFBTSxhQUFhLFFBQVEsU0FBUyxhQUFhLEdBQ2pFLFVBQ1E7QUFDUixRQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFFBQU0sU0FBUztBQUFBLElBQ2IsQ0FBQyxHQUFHLElBQUksS0FBSyxHQUFHLE1BQU0sSUFBSSxJQUFJLEVBQUUsQ0FBQyxLQUFLLElBQUksSUFBSSxHQUFJLGdCQUFnQixTQUFZLENBQUMsSUFBSSxDQUFDLFVBQVUsV0FBVyxDQUFDLENBQUUsRUFBRTtBQUFBLE1BQzVHO0FBQUEsSUFDRjtBQUFBLElBQ0EsV0FBVyxHQUFHLElBQUksS0FBSyxTQUFTLENBQUMsS0FBSyxXQUFXLEVBQUUsUUFBUSxDQUFDLENBQUM7QUFBQSxJQUM3RCxPQUFPLFNBQVMsS0FBSyxHQUFHLElBQUksS0FBSyxRQUFRLENBQUM7QUFBQSxFQUFLLFdBQVcsUUFBUSxVQUFVLEtBQUssQ0FBQztBQUFBLElBQ2xGLGdCQUFnQixpQkFBaUIsY0FBYyxRQUFRO0FBQUEsRUFDekQ7QUFDQSxTQUFPLE9BQU8sT0FBTyxDQUFDLFVBQVUsT0FBTyxVQUFVLFFBQVEsRUFBRSxLQUFLLE1BQU07QUFDeEU7OztBQ1ZPLElBQU0sRUFBRSxVQUFVLElBQW1CO0FBQUEsRUFDMUMsVUFBVSxTQUFTLEtBQUs7QUFDdEIsWUFDRyxTQUFTLGVBQWUsMENBQTBDLEVBQ2xFLE9BQU8saUJBQWlCLGdEQUFnRCxFQUN4RSxPQUFPLG9CQUFvQixrQ0FBa0MsR0FBRyxFQUNoRTtBQUFBLE1BQ0MsSUFBSSxPQUFPLFNBQVMsQ0FBQyxLQUFLLEdBQUcsRUFBRSxNQUFNLE1BQU0sTUFBTTtBQUMvQyxjQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLGNBQU0sUUFBUSxNQUFNLFFBQVEsTUFBTTtBQUNsQyxjQUFNLGtCQUFrQixLQUFLO0FBQzdCLFlBQUksT0FBTyxTQUFTLFVBQVU7QUFDNUIsZ0JBQU0sUUFBUSxTQUFTLE9BQU8sSUFBSTtBQUNsQyxjQUFJLFNBQVMsS0FBTSxRQUFPLEtBQUssVUFBVSxhQUFhLEVBQUUsTUFBTSxFQUFFLEdBQUcsTUFBTSxFQUFFLENBQUM7QUFDNUUsbUJBQVMsTUFBTSxTQUFTLE9BQU8sUUFBUSxDQUFDO0FBQ3hDLGlCQUFPO0FBQUEsUUFDVDtBQUNBLFlBQUksVUFBVTtBQUNaLGdCQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsWUFDekIsTUFBTTtBQUFBLFlBQ04sUUFBUTtBQUFBLFVBQ1YsQ0FBQztBQUNILGNBQU0sWUFBWSxjQUFjLE9BQU8sT0FBTyxZQUFZLE9BQU8sU0FBUyxDQUFDO0FBQzNFLGNBQU0sUUFBUSxRQUFRLFdBQVcsWUFBWSxPQUFPLFVBQVUsTUFBTSxDQUFDO0FBQ3JFLFlBQUksU0FBUyxLQUFNLFFBQU8sS0FBSyxVQUFVLGFBQWEsRUFBRSxXQUFXLEVBQUUsR0FBRyxXQUFXLFlBQVksTUFBTSxFQUFFLENBQUM7QUFDeEcsaUJBQVMsTUFBTSxjQUFjLFdBQVcsT0FBTyxRQUFRLENBQUM7QUFDeEQsZUFBTztBQUFBLE1BQ1QsQ0FBQztBQUFBLElBQ0g7QUFDRixhQUFTLFNBQVM7QUFBQSxNQUNoQixDQUFDLDhCQUE4QiwwREFBMEQ7QUFBQSxNQUN6RixDQUFDLDJCQUEyQix5QkFBeUI7QUFBQSxNQUNyRCxDQUFDLDhCQUE4Qix1QkFBdUI7QUFBQSxJQUN4RCxDQUFDO0FBQUEsRUFDSDtBQUNGOyIsCiAgIm5hbWVzIjogW10KfQo=
