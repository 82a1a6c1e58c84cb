import {
  adHocRequest,
  answerOptions,
  sendAndShow
} from "./chunk-4BXF5NNY.js";
import "./chunk-2MTLLGSM.js";
import "./chunk-KTI4R62G.js";
import "./chunk-IYVFZVMQ.js";
import "./chunk-TSTZ2E5O.js";
import {
  requestPath
} from "./chunk-5LHUEJTR.js";
import {
  editorSchemas,
  installEditorSchemas
} from "./chunk-VSRGCJMR.js";
import "./chunk-E5WEDB6Y.js";
import "./chunk-TR4WUM2M.js";
import {
  collect,
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
import "./chunk-GHHZ6UXC.js";
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
import "./chunk-WAHZOCQ7.js";
import "./chunk-V2NIP2IX.js";
import "./chunk-U6MR4M5T.js";
import "./chunk-TNGRBWFR.js";
import "./chunk-36BGEIU2.js";
import {
  writeAtomically
} from "./chunk-IBVRGXBJ.js";
import "./chunk-B5MWC56M.js";
import "./chunk-IIWAP3H3.js";
import "./chunk-VV4FZXZN.js";
import "./chunk-ADLZ4E65.js";
import "./chunk-2NSBAQ4L.js";
import "./chunk-BC36KCSM.js";
import "./chunk-KTFSZ6KS.js";
import "./chunk-3RBKBAZJ.js";
import "./chunk-XSSAWHTI.js";
import "./chunk-NAZM5QF7.js";
import "./chunk-36MCF5ZC.js";
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
import {
  placeInside
} from "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import "./chunk-ELCQYB6S.js";
import "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";
import "./chunk-QHCJ4YYR.js";

// src/cli/commands/send.ts
import { existsSync } from "node:fs";
import { join, relative } from "node:path";

// src/cli/sending/connection-options.ts
function connectionOptions(command) {
  return command.option("--trust <file>", "a certificate in PEM that is trusted too; may be repeated", collect).option("--identity <files>", "the client certificate: CERTIFICATE,KEY in PEM, or one PKCS#12 file").option("--server-name <name>", "the name that the server must prove, in place of the host").option("--proxy <url>", "the proxy, or none").option("--http <version>", "the version of HTTP: 1 or 2");
}
var names = ["trust", "identity", "serverName", "proxy", "http"];
function connectionSettings(options) {
  if (names.every((name) => options[name] === void 0)) return void 0;
  const tls = {
    ...options.trust !== void 0 && { trust: options.trust },
    ...options.identity !== void 0 && { identity: identityFrom(options.identity) },
    ...options.serverName !== void 0 && { name: options.serverName }
  };
  return {
    ...Object.keys(tls).length > 0 && { tls },
    ...options.proxy !== void 0 && { proxy: options.proxy },
    ...options.http !== void 0 && { http: versionFrom(options.http) }
  };
}
function demandNoConnection(options) {
  const said = names.find((name) => options[name] !== void 0);
  if (said === void 0) return;
  throw new Problem("usage", {
    what: `--as cannot keep --${said.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`,
    cause: "how connections are made belongs to the environment",
    remedy: "write it there, under tls:, proxy: or http:, and send with --as and without the option"
  });
}
function identityFrom(text) {
  const [first = "", key, ...more] = text.split(",").map((part) => part.trim());
  if (first === "" || key === "" || more.length > 0) {
    throw new Problem("usage", {
      what: `--identity takes CERTIFICATE,KEY or one PKCS#12 file, not ${text}`,
      remedy: "--identity certs/agent.pem,certs/agent-key.pem; a pass phrase belongs to the environment"
    });
  }
  return key === void 0 ? { bundle: first } : { certificate: first, key };
}
function versionFrom(text) {
  if (text === "1" || text === "2") return text === "1" ? 1 : 2;
  throw new Problem("usage", { what: `--http takes 1 or 2, not ${text}` });
}

// src/cli/commands/send.ts
var { configure } = {
  configure(command, run) {
    command.argument("<request|method>", "a request of the collection, or a method").argument("[url]", "behind a method: an address, or a path of the environment's origin");
    answerOptions(command).option("--strict", "send nothing that differs from the documentation").option("--against-docs", "tell where the answer differs from the documentation").option("--ask", "ask for inputs that have a default, too").option("--header <line>", "with METHOD URL: a header line 'NAME: VALUE'; may be repeated", collect).option("--query <name=value>", "with METHOD URL: a query parameter; may be repeated", collect).option("--body-json <json>", "with METHOD URL: a JSON body").option("--body-text <text>", "with METHOD URL: a body of text").option("--body-file <path>", "with METHOD URL: the bytes of a file in the collection").option("--body-template <path>", "with METHOD URL: a file in bodies/, with values put in").option("--body-xml <xml>", "with METHOD URL: a body of XML").option("--graphql <document>", "with METHOD URL: a GraphQL document, or the path of one").option("--variable <name=value>", "with --graphql: a variable, in JSON or as text; may be repeated", collect).option("--soap <envelope>", "with METHOD URL: a SOAP envelope, or the path of one").option("--soap-action <action>", "with --soap: the action").option("--form <name=value>", "with METHOD URL: a field of a form; may be repeated", collect).option("--part <name=value>", "with METHOD URL: a part of a multipart body; may be repeated", collect).option("--part-file <name=path>", "with METHOD URL: a file as a part; may be repeated", collect).option("--cookie <name=value>", "with METHOD URL: a cookie; may be repeated", collect).option("--redirects <number>", "with METHOD URL: how many redirects are followed, or none").option("--timeout <duration>", "with METHOD URL: how long the whole answer may take, such as 5s").option("--as <path>", "keep METHOD URL as a request file");
    connectionOptions(command).action(run(send));
    examples(command, [
      ["send vessels/show --set imo=9000017", "a request of the collection"],
      ['send berths/free --pick "$.items[0].code"', "one value, for a shell script"],
      ["send berths/free --view table --columns code,quay", "its list as a table"],
      ["send GET /notices/archive --to archive.bin", "the answer to a file, as it comes"],
      ["send GET /v1/berths --session agent --query quay=north", "without a file"],
      ['send POST /graphql --graphql "{ pilots { __typename } }" --allow-changes', "a GraphQL document"],
      ["send GET /v1/berths --query free=true --as berths/mine", "and keep it as a file"]
    ]);
  }
};
var fileless = [
  "header",
  "query",
  "bodyJson",
  "bodyText",
  "bodyFile",
  "bodyTemplate",
  "bodyXml",
  "graphql",
  "variable",
  "soap",
  "soapAction",
  "form",
  "part",
  "partFile",
  "cookie",
  "redirects",
  "timeout",
  "as"
];
async function send(context, [first = "", url], options) {
  const { terminal } = context;
  if (options.as !== void 0) demandNoConnection(options);
  const workspace = await context.workspace({
    allowChanges: options.allowChanges === true,
    connection: connectionSettings(options)
  });
  if (options.pick === void 0) {
    workspace.onSessionOpened = (name) => terminal.note(terminal.err.dim(`opened  session ${name}`));
  }
  const prepared = url === void 0 ? await fromFile(workspace, first, options) : await fromCommandLine(workspace, first, url, options);
  return sendAndShow(context, workspace, prepared, options);
}
async function fromFile(workspace, name, options) {
  const wrong = fileless.find((option) => options[option] !== void 0);
  if (wrong !== void 0) {
    const flag = wrong.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
    throw new Problem("usage", {
      what: `--${flag} goes with METHOD URL, not with a request file`,
      remedy: /^(?:get|head|post|put|patch|delete|options)$/i.test(name) ? `the address is missing: echo-trail send ${name} URL` : "change the file, or give its inputs with --set"
    });
  }
  return workspace.prepare(name);
}
async function fromCommandLine(workspace, method, url, options) {
  if (!/^[A-Za-z]+$/.test(method))
    throw new Problem("usage", {
      what: `${method} is not a method`,
      remedy: "echo-trail send REQUEST, or echo-trail send METHOD URL"
    });
  const { collection } = workspace;
  const target = options.as === void 0 ? void 0 : requestPath(options.as);
  if (target && existsSync(join(collection.root, target.file))) {
    throw new Problem("file-exists", {
      what: `there is a request ${target.name} already`,
      where: { file: target.file },
      remedy: "nothing was sent; --as takes another name"
    });
  }
  const up = target ? relative(join(collection.root, target.file, ".."), collection.root) : "..";
  const { text, loaded } = adHocRequest(
    {
      method,
      url,
      headers: options.header ?? [],
      query: options.query ?? [],
      body: {
        json: options.bodyJson,
        text: options.bodyText,
        file: options.bodyFile,
        template: options.bodyTemplate,
        xml: options.bodyXml,
        graphql: options.graphql,
        variables: options.variable,
        soap: options.soap,
        soapAction: options.soapAction,
        form: options.form,
        parts: options.part,
        partFiles: options.partFile
      },
      session: options.session,
      cookies: options.cookie,
      redirects: options.redirects,
      timeout: options.timeout
    },
    `${up}/${editorSchemas}/request.json`
  );
  const loads = [];
  const plan = planRequest(collection, target ? { ...loaded, name: target.name } : loaded, loads);
  await Promise.all(loads);
  if (target) {
    await writeAtomically(placeInside(collection.root, target.file), text);
    await installEditorSchemas(collection.root);
  }
  return plainRequest(plan);
}
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9zZW5kLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvc2VuZGluZy9jb25uZWN0aW9uLW9wdGlvbnMudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBgc2VuZGA6IG9uZSByZXF1ZXN0LCBhbmQgYWxsIHRoYXQgY2FtZSBiYWNrLiAqL1xuaW1wb3J0IHsgZXhpc3RzU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgam9pbiwgcmVsYXRpdmUgfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHsgcGxhblJlcXVlc3QgfSBmcm9tICcuLi8uLi9jb3JlL2V4Y2hhbmdlL3JlcXVlc3QtcGxhbi5qcyc7XG5pbXBvcnQgdHlwZSB7IExvYWRzIH0gZnJvbSAnLi4vLi4vY29yZS9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL2NvcmUvcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHdyaXRlQXRvbWljYWxseSB9IGZyb20gJy4uLy4uL2NvcmUvc3RvcmFnZS9hdG9taWMtd3JpdGUuanMnO1xuaW1wb3J0IHsgcGxhY2VJbnNpZGUgfSBmcm9tICcuLi8uLi9jb3JlL3N0b3JhZ2UvaW5zaWRlLmpzJztcbmltcG9ydCB7IHR5cGUgUHJlcGFyZWRSZXF1ZXN0LCBwbGFpblJlcXVlc3QgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3ByZXBhcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3dvcmtzcGFjZS5qcyc7XG5pbXBvcnQgeyBhZEhvY1JlcXVlc3QgfSBmcm9tICcuLi9hZC1ob2MuanMnO1xuaW1wb3J0IHsgdHlwZSBDb21tYW5kTW9kdWxlLCBjb2xsZWN0LCBleGFtcGxlcyB9IGZyb20gJy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBDb250ZXh0IH0gZnJvbSAnLi4vY29udGV4dC5qcyc7XG5pbXBvcnQgeyBlZGl0b3JTY2hlbWFzLCBpbnN0YWxsRWRpdG9yU2NoZW1hcyB9IGZyb20gJy4uL2VkaXRvci1zY2hlbWFzLmpzJztcbmltcG9ydCB7IHJlcXVlc3RQYXRoIH0gZnJvbSAnLi4vcmVxdWVzdC1wYXRoLmpzJztcbmltcG9ydCB7IGNvbm5lY3Rpb25PcHRpb25zLCBjb25uZWN0aW9uU2V0dGluZ3MsIGRlbWFuZE5vQ29ubmVjdGlvbiB9IGZyb20gJy4uL3NlbmRpbmcvY29ubmVjdGlvbi1vcHRpb25zLmpzJztcbmltcG9ydCB7IGFuc3dlck9wdGlvbnMgfSBmcm9tICcuLi9zZW5kaW5nL29wdGlvbnMuanMnO1xuaW1wb3J0IHsgc2VuZEFuZFNob3cgfSBmcm9tICcuLi9zZW5kaW5nL3NlbmQtYW5kLXNob3cuanMnO1xuXG5leHBvcnQgY29uc3QgeyBjb25maWd1cmUgfTogQ29tbWFuZE1vZHVsZSA9IHtcbiAgY29uZmlndXJlKGNvbW1hbmQsIHJ1bikge1xuICAgIGNvbW1hbmRcbiAgICAgIC5hcmd1bWVudCgnPHJlcXVlc3R8bWV0aG9kPicsICdhIHJlcXVlc3Qgb2YgdGhlIGNvbGxlY3Rpb24sIG9yIGEgbWV0aG9kJylcbiAgICAgIC5hcmd1bWVudCgnW3VybF0nLCBcImJlaGluZCBhIG1ldGhvZDogYW4gYWRkcmVzcywgb3IgYSBwYXRoIG9mIHRoZSBlbnZpcm9ubWVudCdzIG9yaWdpblwiKTtcbiAgICBhbnN3ZXJPcHRpb25zKGNvbW1hbmQpXG4gICAgICAub3B0aW9uKCctLXN0cmljdCcsICdzZW5kIG5vdGhpbmcgdGhhdCBkaWZmZXJzIGZyb20gdGhlIGRvY3VtZW50YXRpb24nKVxuICAgICAgLm9wdGlvbignLS1hZ2FpbnN0LWRvY3MnLCAndGVsbCB3aGVyZSB0aGUgYW5zd2VyIGRpZmZlcnMgZnJvbSB0aGUgZG9jdW1lbnRhdGlvbicpXG4gICAgICAub3B0aW9uKCctLWFzaycsICdhc2sgZm9yIGlucHV0cyB0aGF0IGhhdmUgYSBkZWZhdWx0LCB0b28nKVxuICAgICAgLm9wdGlvbignLS1oZWFkZXIgPGxpbmU+JywgXCJ3aXRoIE1FVEhPRCBVUkw6IGEgaGVhZGVyIGxpbmUgJ05BTUU6IFZBTFVFJzsgbWF5IGJlIHJlcGVhdGVkXCIsIGNvbGxlY3QpXG4gICAgICAub3B0aW9uKCctLXF1ZXJ5IDxuYW1lPXZhbHVlPicsICd3aXRoIE1FVEhPRCBVUkw6IGEgcXVlcnkgcGFyYW1ldGVyOyBtYXkgYmUgcmVwZWF0ZWQnLCBjb2xsZWN0KVxuICAgICAgLm9wdGlvbignLS1ib2R5LWpzb24gPGpzb24+JywgJ3dpdGggTUVUSE9EIFVSTDogYSBKU09OIGJvZHknKVxuICAgICAgLm9wdGlvbignLS1ib2R5LXRleHQgPHRleHQ+JywgJ3dpdGggTUVUSE9EIFVSTDogYSBib2R5IG9mIHRleHQnKVxuICAgICAgLm9wdGlvbignLS1ib2R5LWZpbGUgPHBhdGg+JywgJ3dpdGggTUVUSE9EIFVSTDogdGhlIGJ5dGVzIG9mIGEgZmlsZSBpbiB0aGUgY29sbGVjdGlvbicpXG4gICAgICAub3B0aW9uKCctLWJvZHktdGVtcGxhdGUgPHBhdGg+JywgJ3dpdGggTUVUSE9EIFVSTDogYSBmaWxlIGluIGJvZGllcy8sIHdpdGggdmFsdWVzIHB1dCBpbicpXG4gICAgICAub3B0aW9uKCctLWJvZHkteG1sIDx4bWw+JywgJ3dpdGggTUVUSE9EIFVSTDogYSBib2R5IG9mIFhNTCcpXG4gICAgICAub3B0aW9uKCctLWdyYXBocWwgPGRvY3VtZW50PicsICd3aXRoIE1FVEhPRCBVUkw6IGEgR3JhcGhRTCBkb2N1bWVudCwgb3IgdGhlIHBhdGggb2Ygb25lJylcbiAgICAgIC5vcHRpb24oJy0tdmFyaWFibGUgPG5hbWU9dmFsdWU+JywgJ3dpdGggLS1ncmFwaHFsOiBhIHZhcmlhYmxlLCBpbiBKU09OIG9yIGFzIHRleHQ7IG1heSBiZSByZXBlYXRlZCcsIGNvbGxlY3QpXG4gICAgICAub3B0aW9uKCctLXNvYXAgPGVudmVsb3BlPicsICd3aXRoIE1FVEhPRCBVUkw6IGEgU09BUCBlbnZlbG9wZSwgb3IgdGhlIHBhdGggb2Ygb25lJylcbiAgICAgIC5vcHRpb24oJy0tc29hcC1hY3Rpb24gPGFjdGlvbj4nLCAnd2l0aCAtLXNvYXA6IHRoZSBhY3Rpb24nKVxuICAgICAgLm9wdGlvbignLS1mb3JtIDxuYW1lPXZhbHVlPicsICd3aXRoIE1FVEhPRCBVUkw6IGEgZmllbGQgb2YgYSBmb3JtOyBtYXkgYmUgcmVwZWF0ZWQnLCBjb2xsZWN0KVxuICAgICAgLm9wdGlvbignLS1wYXJ0IDxuYW1lPXZhbHVlPicsICd3aXRoIE1FVEhPRCBVUkw6IGEgcGFydCBvZiBhIG11bHRpcGFydCBib2R5OyBtYXkgYmUgcmVwZWF0ZWQnLCBjb2xsZWN0KVxuICAgICAgLm9wdGlvbignLS1wYXJ0LWZpbGUgPG5hbWU9cGF0aD4nLCAnd2l0aCBNRVRIT0QgVVJMOiBhIGZpbGUgYXMgYSBwYXJ0OyBtYXkgYmUgcmVwZWF0ZWQnLCBjb2xsZWN0KVxuICAgICAgLm9wdGlvbignLS1jb29raWUgPG5hbWU9dmFsdWU+JywgJ3dpdGggTUVUSE9EIFVSTDogYSBjb29raWU7IG1heSBiZSByZXBlYXRlZCcsIGNvbGxlY3QpXG4gICAgICAub3B0aW9uKCctLXJlZGlyZWN0cyA8bnVtYmVyPicsICd3aXRoIE1FVEhPRCBVUkw6IGhvdyBtYW55IHJlZGlyZWN0cyBhcmUgZm9sbG93ZWQsIG9yIG5vbmUnKVxuICAgICAgLm9wdGlvbignLS10aW1lb3V0IDxkdXJhdGlvbj4nLCAnd2l0aCBNRVRIT0QgVVJMOiBob3cgbG9uZyB0aGUgd2hvbGUgYW5zd2VyIG1heSB0YWtlLCBzdWNoIGFzIDVzJylcbiAgICAgIC5vcHRpb24oJy0tYXMgPHBhdGg+JywgJ2tlZXAgTUVUSE9EIFVSTCBhcyBhIHJlcXVlc3QgZmlsZScpO1xuICAgIGNvbm5lY3Rpb25PcHRpb25zKGNvbW1hbmQpLmFjdGlvbihydW4oc2VuZCkpO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFsnc2VuZCB2ZXNzZWxzL3Nob3cgLS1zZXQgaW1vPTkwMDAwMTcnLCAnYSByZXF1ZXN0IG9mIHRoZSBjb2xsZWN0aW9uJ10sXG4gICAgICBbJ3NlbmQgYmVydGhzL2ZyZWUgLS1waWNrIFwiJC5pdGVtc1swXS5jb2RlXCInLCAnb25lIHZhbHVlLCBmb3IgYSBzaGVsbCBzY3JpcHQnXSxcbiAgICAgIFsnc2VuZCBiZXJ0aHMvZnJlZSAtLXZpZXcgdGFibGUgLS1jb2x1bW5zIGNvZGUscXVheScsICdpdHMgbGlzdCBhcyBhIHRhYmxlJ10sXG4gICAgICBbJ3NlbmQgR0VUIC9ub3RpY2VzL2FyY2hpdmUgLS10byBhcmNoaXZlLmJpbicsICd0aGUgYW5zd2VyIHRvIGEgZmlsZSwgYXMgaXQgY29tZXMnXSxcbiAgICAgIFsnc2VuZCBHRVQgL3YxL2JlcnRocyAtLXNlc3Npb24gYWdlbnQgLS1xdWVyeSBxdWF5PW5vcnRoJywgJ3dpdGhvdXQgYSBmaWxlJ10sXG4gICAgICBbJ3NlbmQgUE9TVCAvZ3JhcGhxbCAtLWdyYXBocWwgXCJ7IHBpbG90cyB7IF9fdHlwZW5hbWUgfSB9XCIgLS1hbGxvdy1jaGFuZ2VzJywgJ2EgR3JhcGhRTCBkb2N1bWVudCddLFxuICAgICAgWydzZW5kIEdFVCAvdjEvYmVydGhzIC0tcXVlcnkgZnJlZT10cnVlIC0tYXMgYmVydGhzL21pbmUnLCAnYW5kIGtlZXAgaXQgYXMgYSBmaWxlJ10sXG4gICAgXSk7XG4gIH0sXG59O1xuXG5jb25zdCBmaWxlbGVzcyA9IFtcbiAgJ2hlYWRlcicsXG4gICdxdWVyeScsXG4gICdib2R5SnNvbicsXG4gICdib2R5VGV4dCcsXG4gICdib2R5RmlsZScsXG4gICdib2R5VGVtcGxhdGUnLFxuICAnYm9keVhtbCcsXG4gICdncmFwaHFsJyxcbiAgJ3ZhcmlhYmxlJyxcbiAgJ3NvYXAnLFxuICAnc29hcEFjdGlvbicsXG4gICdmb3JtJyxcbiAgJ3BhcnQnLFxuICAncGFydEZpbGUnLFxuICAnY29va2llJyxcbiAgJ3JlZGlyZWN0cycsXG4gICd0aW1lb3V0JyxcbiAgJ2FzJyxcbl0gYXMgY29uc3Q7XG5cbmFzeW5jIGZ1bmN0aW9uIHNlbmQoXG4gIGNvbnRleHQ6IENvbnRleHQsXG4gIFtmaXJzdCA9ICcnLCB1cmxdOiByZWFkb25seSBzdHJpbmdbXSxcbiAgb3B0aW9uczogUmVjb3JkPHN0cmluZywgdW5rbm93bj4sXG4pOiBQcm9taXNlPG51bWJlcj4ge1xuICBjb25zdCB7IHRlcm1pbmFsIH0gPSBjb250ZXh0O1xuICBpZiAob3B0aW9ucy5hcyAhPT0gdW5kZWZpbmVkKSBkZW1hbmROb0Nvbm5lY3Rpb24ob3B0aW9ucyk7XG4gIGNvbnN0IHdvcmtzcGFjZSA9IGF3YWl0IGNvbnRleHQud29ya3NwYWNlKHtcbiAgICBhbGxvd0NoYW5nZXM6IG9wdGlvbnMuYWxsb3dDaGFuZ2VzID09PSB0cnVlLFxuICAgIGNvbm5lY3Rpb246IGNvbm5lY3Rpb25TZXR0aW5ncyhvcHRpb25zKSxcbiAgfSk7XG4gIGlmIChvcHRpb25zLnBpY2sgPT09IHVuZGVmaW5lZCkge1xuICAgIHdvcmtzcGFjZS5vblNlc3Npb25PcGVuZWQgPSAobmFtZSkgPT4gdGVybWluYWwubm90ZSh0ZXJtaW5hbC5lcnIuZGltKGBvcGVuZWQgIHNlc3Npb24gJHtuYW1lfWApKTtcbiAgfVxuICBjb25zdCBwcmVwYXJlZCA9XG4gICAgdXJsID09PSB1bmRlZmluZWRcbiAgICAgID8gYXdhaXQgZnJvbUZpbGUod29ya3NwYWNlLCBmaXJzdCwgb3B0aW9ucylcbiAgICAgIDogYXdhaXQgZnJvbUNvbW1hbmRMaW5lKHdvcmtzcGFjZSwgZmlyc3QsIHVybCwgb3B0aW9ucyk7XG4gIHJldHVybiBzZW5kQW5kU2hvdyhjb250ZXh0LCB3b3Jrc3BhY2UsIHByZXBhcmVkLCBvcHRpb25zKTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gZnJvbUZpbGUoXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBuYW1lOiBzdHJpbmcsXG4gIG9wdGlvbnM6IFJlY29yZDxzdHJpbmcsIHVua25vd24+LFxuKTogUHJvbWlzZTxQcmVwYXJlZFJlcXVlc3Q+IHtcbiAgY29uc3Qgd3JvbmcgPSBmaWxlbGVzcy5maW5kKChvcHRpb24pID0+IG9wdGlvbnNbb3B0aW9uXSAhPT0gdW5kZWZpbmVkKTtcbiAgaWYgKHdyb25nICE9PSB1bmRlZmluZWQpIHtcbiAgICBjb25zdCBmbGFnID0gd3JvbmcucmVwbGFjZSgvW0EtWl0vZywgKGxldHRlcikgPT4gYC0ke2xldHRlci50b0xvd2VyQ2FzZSgpfWApO1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgIHdoYXQ6IGAtLSR7ZmxhZ30gZ29lcyB3aXRoIE1FVEhPRCBVUkwsIG5vdCB3aXRoIGEgcmVxdWVzdCBmaWxlYCxcbiAgICAgIHJlbWVkeTogL14oPzpnZXR8aGVhZHxwb3N0fHB1dHxwYXRjaHxkZWxldGV8b3B0aW9ucykkL2kudGVzdChuYW1lKVxuICAgICAgICA/IGB0aGUgYWRkcmVzcyBpcyBtaXNzaW5nOiBlY2hvLXRyYWlsIHNlbmQgJHtuYW1lfSBVUkxgXG4gICAgICAgIDogJ2NoYW5nZSB0aGUgZmlsZSwgb3IgZ2l2ZSBpdHMgaW5wdXRzIHdpdGggLS1zZXQnLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiB3b3Jrc3BhY2UucHJlcGFyZShuYW1lKTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gZnJvbUNvbW1hbmRMaW5lKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgbWV0aG9kOiBzdHJpbmcsXG4gIHVybDogc3RyaW5nLFxuICBvcHRpb25zOiBSZWNvcmQ8c3RyaW5nLCB1bmtub3duPixcbik6IFByb21pc2U8UHJlcGFyZWRSZXF1ZXN0PiB7XG4gIGlmICghL15bQS1aYS16XSskLy50ZXN0KG1ldGhvZCkpXG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgd2hhdDogYCR7bWV0aG9kfSBpcyBub3QgYSBtZXRob2RgLFxuICAgICAgcmVtZWR5OiAnZWNoby10cmFpbCBzZW5kIFJFUVVFU1QsIG9yIGVjaG8tdHJhaWwgc2VuZCBNRVRIT0QgVVJMJyxcbiAgICB9KTtcbiAgY29uc3QgeyBjb2xsZWN0aW9uIH0gPSB3b3Jrc3BhY2U7XG4gIGNvbnN0IHRhcmdldCA9IG9wdGlvbnMuYXMgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHJlcXVlc3RQYXRoKG9wdGlvbnMuYXMgYXMgc3RyaW5nKTtcbiAgaWYgKHRhcmdldCAmJiBleGlzdHNTeW5jKGpvaW4oY29sbGVjdGlvbi5yb290LCB0YXJnZXQuZmlsZSkpKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2ZpbGUtZXhpc3RzJywge1xuICAgICAgd2hhdDogYHRoZXJlIGlzIGEgcmVxdWVzdCAke3RhcmdldC5uYW1lfSBhbHJlYWR5YCxcbiAgICAgIHdoZXJlOiB7IGZpbGU6IHRhcmdldC5maWxlIH0sXG4gICAgICByZW1lZHk6ICdub3RoaW5nIHdhcyBzZW50OyAtLWFzIHRha2VzIGFub3RoZXIgbmFtZScsXG4gICAgfSk7XG4gIH1cbiAgY29uc3QgdXAgPSB0YXJnZXQgPyByZWxhdGl2ZShqb2luKGNvbGxlY3Rpb24ucm9vdCwgdGFyZ2V0LmZpbGUsICcuLicpLCBjb2xsZWN0aW9uLnJvb3QpIDogJy4uJztcbiAgY29uc3QgeyB0ZXh0LCBsb2FkZWQgfSA9IGFkSG9jUmVxdWVzdChcbiAgICB7XG4gICAgICBtZXRob2QsXG4gICAgICB1cmwsXG4gICAgICBoZWFkZXJzOiAob3B0aW9ucy5oZWFkZXIgYXMgc3RyaW5nW10gfCB1bmRlZmluZWQpID8/IFtdLFxuICAgICAgcXVlcnk6IChvcHRpb25zLnF1ZXJ5IGFzIHN0cmluZ1tdIHwgdW5kZWZpbmVkKSA/PyBbXSxcbiAgICAgIGJvZHk6IHtcbiAgICAgICAganNvbjogb3B0aW9ucy5ib2R5SnNvbiBhcyBzdHJpbmcgfCB1bmRlZmluZWQsXG4gICAgICAgIHRleHQ6IG9wdGlvbnMuYm9keVRleHQgYXMgc3RyaW5nIHwgdW5kZWZpbmVkLFxuICAgICAgICBmaWxlOiBvcHRpb25zLmJvZHlGaWxlIGFzIHN0cmluZyB8IHVuZGVmaW5lZCxcbiAgICAgICAgdGVtcGxhdGU6IG9wdGlvbnMuYm9keVRlbXBsYXRlIGFzIHN0cmluZyB8IHVuZGVmaW5lZCxcbiAgICAgICAgeG1sOiBvcHRpb25zLmJvZHlYbWwgYXMgc3RyaW5nIHwgdW5kZWZpbmVkLFxuICAgICAgICBncmFwaHFsOiBvcHRpb25zLmdyYXBocWwgYXMgc3RyaW5nIHwgdW5kZWZpbmVkLFxuICAgICAgICB2YXJpYWJsZXM6IG9wdGlvbnMudmFyaWFibGUgYXMgc3RyaW5nW10gfCB1bmRlZmluZWQsXG4gICAgICAgIHNvYXA6IG9wdGlvbnMuc29hcCBhcyBzdHJpbmcgfCB1bmRlZmluZWQsXG4gICAgICAgIHNvYXBBY3Rpb246IG9wdGlvbnMuc29hcEFjdGlvbiBhcyBzdHJpbmcgfCB1bmRlZmluZWQsXG4gICAgICAgIGZvcm06IG9wdGlvbnMuZm9ybSBhcyBzdHJpbmdbXSB8IHVuZGVmaW5lZCxcbiAgICAgICAgcGFydHM6IG9wdGlvbnMucGFydCBhcyBzdHJpbmdbXSB8IHVuZGVmaW5lZCxcbiAgICAgICAgcGFydEZpbGVzOiBvcHRpb25zLnBhcnRGaWxlIGFzIHN0cmluZ1tdIHwgdW5kZWZpbmVkLFxuICAgICAgfSxcbiAgICAgIHNlc3Npb246IG9wdGlvbnMuc2Vzc2lvbiBhcyBzdHJpbmcgfCB1bmRlZmluZWQsXG4gICAgICBjb29raWVzOiBvcHRpb25zLmNvb2tpZSBhcyBzdHJpbmdbXSB8IHVuZGVmaW5lZCxcbiAgICAgIHJlZGlyZWN0czogb3B0aW9ucy5yZWRpcmVjdHMgYXMgc3RyaW5nIHwgdW5kZWZpbmVkLFxuICAgICAgdGltZW91dDogb3B0aW9ucy50aW1lb3V0IGFzIHN0cmluZyB8IHVuZGVmaW5lZCxcbiAgICB9LFxuICAgIGAke3VwfS8ke2VkaXRvclNjaGVtYXN9L3JlcXVlc3QuanNvbmAsXG4gICk7XG4gIGNvbnN0IGxvYWRzOiBMb2FkcyA9IFtdO1xuICBjb25zdCBwbGFuID0gcGxhblJlcXVlc3QoY29sbGVjdGlvbiwgdGFyZ2V0ID8geyAuLi5sb2FkZWQsIG5hbWU6IHRhcmdldC5uYW1lIH0gOiBsb2FkZWQsIGxvYWRzKTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwobG9hZHMpO1xuICBpZiAodGFyZ2V0KSB7XG4gICAgYXdhaXQgd3JpdGVBdG9taWNhbGx5KHBsYWNlSW5zaWRlKGNvbGxlY3Rpb24ucm9vdCwgdGFyZ2V0LmZpbGUpLCB0ZXh0KTtcbiAgICBhd2FpdCBpbnN0YWxsRWRpdG9yU2NoZW1hcyhjb2xsZWN0aW9uLnJvb3QpO1xuICB9XG4gIHJldHVybiBwbGFpblJlcXVlc3QocGxhbik7XG59XG4iLCAiLyoqIE9wdGlvbnMgdGhhdCBzYXkgaG93IGEgY29tbWFuZCBjb25uZWN0cywgaW4gcGxhY2Ugb2YgdGhlIGVudmlyb25tZW50LiAqL1xuaW1wb3J0IHR5cGUgeyBDb21tYW5kIH0gZnJvbSAnY29tbWFuZGVyJztcbmltcG9ydCB0eXBlIHsgQ29ubmVjdGlvblNldHRpbmdzIH0gZnJvbSAnLi4vLi4vY29yZS9leGNoYW5nZS9jb25uZWN0aW9uLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBjb2xsZWN0IH0gZnJvbSAnLi4vY29tbWFuZC5qcyc7XG5cbmV4cG9ydCBmdW5jdGlvbiBjb25uZWN0aW9uT3B0aW9ucyhjb21tYW5kOiBDb21tYW5kKTogQ29tbWFuZCB7XG4gIHJldHVybiBjb21tYW5kXG4gICAgLm9wdGlvbignLS10cnVzdCA8ZmlsZT4nLCAnYSBjZXJ0aWZpY2F0ZSBpbiBQRU0gdGhhdCBpcyB0cnVzdGVkIHRvbzsgbWF5IGJlIHJlcGVhdGVkJywgY29sbGVjdClcbiAgICAub3B0aW9uKCctLWlkZW50aXR5IDxmaWxlcz4nLCAndGhlIGNsaWVudCBjZXJ0aWZpY2F0ZTogQ0VSVElGSUNBVEUsS0VZIGluIFBFTSwgb3Igb25lIFBLQ1MjMTIgZmlsZScpXG4gICAgLm9wdGlvbignLS1zZXJ2ZXItbmFtZSA8bmFtZT4nLCAndGhlIG5hbWUgdGhhdCB0aGUgc2VydmVyIG11c3QgcHJvdmUsIGluIHBsYWNlIG9mIHRoZSBob3N0JylcbiAgICAub3B0aW9uKCctLXByb3h5IDx1cmw+JywgJ3RoZSBwcm94eSwgb3Igbm9uZScpXG4gICAgLm9wdGlvbignLS1odHRwIDx2ZXJzaW9uPicsICd0aGUgdmVyc2lvbiBvZiBIVFRQOiAxIG9yIDInKTtcbn1cblxuY29uc3QgbmFtZXMgPSBbJ3RydXN0JywgJ2lkZW50aXR5JywgJ3NlcnZlck5hbWUnLCAncHJveHknLCAnaHR0cCddIGFzIGNvbnN0O1xuXG4vKiogVW5kZWZpbmVkIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4gQHRocm93cyBQcm9ibGVtIHVzYWdlICovXG5leHBvcnQgZnVuY3Rpb24gY29ubmVjdGlvblNldHRpbmdzKG9wdGlvbnM6IFJlY29yZDxzdHJpbmcsIHVua25vd24+KTogQ29ubmVjdGlvblNldHRpbmdzIHwgdW5kZWZpbmVkIHtcbiAgaWYgKG5hbWVzLmV2ZXJ5KChuYW1lKSA9PiBvcHRpb25zW25hbWVdID09PSB1bmRlZmluZWQpKSByZXR1cm4gdW5kZWZpbmVkO1xuICBjb25zdCB0bHMgPSB7XG4gICAgLi4uKG9wdGlvbnMudHJ1c3QgIT09IHVuZGVmaW5lZCAmJiB7IHRydXN0OiBvcHRpb25zLnRydXN0IGFzIHN0cmluZ1tdIH0pLFxuICAgIC4uLihvcHRpb25zLmlkZW50aXR5ICE9PSB1bmRlZmluZWQgJiYgeyBpZGVudGl0eTogaWRlbnRpdHlGcm9tKG9wdGlvbnMuaWRlbnRpdHkgYXMgc3RyaW5nKSB9KSxcbiAgICAuLi4ob3B0aW9ucy5zZXJ2ZXJOYW1lICE9PSB1bmRlZmluZWQgJiYgeyBuYW1lOiBvcHRpb25zLnNlcnZlck5hbWUgYXMgc3RyaW5nIH0pLFxuICB9O1xuICByZXR1cm4ge1xuICAgIC4uLihPYmplY3Qua2V5cyh0bHMpLmxlbmd0aCA+IDAgJiYgeyB0bHMgfSksXG4gICAgLi4uKG9wdGlvbnMucHJveHkgIT09IHVuZGVmaW5lZCAmJiB7IHByb3h5OiBvcHRpb25zLnByb3h5IGFzIHN0cmluZyB9KSxcbiAgICAuLi4ob3B0aW9ucy5odHRwICE9PSB1bmRlZmluZWQgJiYgeyBodHRwOiB2ZXJzaW9uRnJvbShvcHRpb25zLmh0dHAgYXMgc3RyaW5nKSB9KSxcbiAgfTtcbn1cblxuLyoqIEEgcmVxdWVzdCBmaWxlIGhhcyBubyBwbGFjZSBmb3IgdGhlbS4gQHRocm93cyBQcm9ibGVtIHVzYWdlICovXG5leHBvcnQgZnVuY3Rpb24gZGVtYW5kTm9Db25uZWN0aW9uKG9wdGlvbnM6IFJlY29yZDxzdHJpbmcsIHVua25vd24+KTogdm9pZCB7XG4gIGNvbnN0IHNhaWQgPSBuYW1lcy5maW5kKChuYW1lKSA9PiBvcHRpb25zW25hbWVdICE9PSB1bmRlZmluZWQpO1xuICBpZiAoc2FpZCA9PT0gdW5kZWZpbmVkKSByZXR1cm47XG4gIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICB3aGF0OiBgLS1hcyBjYW5ub3Qga2VlcCAtLSR7c2FpZC5yZXBsYWNlKC9bQS1aXS9nLCAobGV0dGVyKSA9PiBgLSR7bGV0dGVyLnRvTG93ZXJDYXNlKCl9YCl9YCxcbiAgICBjYXVzZTogJ2hvdyBjb25uZWN0aW9ucyBhcmUgbWFkZSBiZWxvbmdzIHRvIHRoZSBlbnZpcm9ubWVudCcsXG4gICAgcmVtZWR5OiAnd3JpdGUgaXQgdGhlcmUsIHVuZGVyIHRsczosIHByb3h5OiBvciBodHRwOiwgYW5kIHNlbmQgd2l0aCAtLWFzIGFuZCB3aXRob3V0IHRoZSBvcHRpb24nLFxuICB9KTtcbn1cblxuZnVuY3Rpb24gaWRlbnRpdHlGcm9tKHRleHQ6IHN0cmluZyk6IE5vbk51bGxhYmxlPE5vbk51bGxhYmxlPENvbm5lY3Rpb25TZXR0aW5nc1sndGxzJ10+WydpZGVudGl0eSddPiB7XG4gIGNvbnN0IFtmaXJzdCA9ICcnLCBrZXksIC4uLm1vcmVdID0gdGV4dC5zcGxpdCgnLCcpLm1hcCgocGFydCkgPT4gcGFydC50cmltKCkpO1xuICBpZiAoZmlyc3QgPT09ICcnIHx8IGtleSA9PT0gJycgfHwgbW9yZS5sZW5ndGggPiAwKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgd2hhdDogYC0taWRlbnRpdHkgdGFrZXMgQ0VSVElGSUNBVEUsS0VZIG9yIG9uZSBQS0NTIzEyIGZpbGUsIG5vdCAke3RleHR9YCxcbiAgICAgIHJlbWVkeTogJy0taWRlbnRpdHkgY2VydHMvYWdlbnQucGVtLGNlcnRzL2FnZW50LWtleS5wZW07IGEgcGFzcyBwaHJhc2UgYmVsb25ncyB0byB0aGUgZW52aXJvbm1lbnQnLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiBrZXkgPT09IHVuZGVmaW5lZCA/IHsgYnVuZGxlOiBmaXJzdCB9IDogeyBjZXJ0aWZpY2F0ZTogZmlyc3QsIGtleSB9O1xufVxuXG5mdW5jdGlvbiB2ZXJzaW9uRnJvbSh0ZXh0OiBzdHJpbmcpOiAxIHwgMiB7XG4gIGlmICh0ZXh0ID09PSAnMScgfHwgdGV4dCA9PT0gJzInKSByZXR1cm4gdGV4dCA9PT0gJzEnID8gMSA6IDI7XG4gIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHsgd2hhdDogYC0taHR0cCB0YWtlcyAxIG9yIDIsIG5vdCAke3RleHR9YCB9KTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxTQUFTLGtCQUFrQjtBQUMzQixTQUFTLE1BQU0sZ0JBQWdCOzs7QUNJeEIsU0FBUyxrQkFBa0IsU0FBMkI7QUFDM0QsU0FBTyxRQUNKLE9BQU8sa0JBQWtCLDZEQUE2RCxPQUFPLEVBQzdGLE9BQU8sc0JBQXNCLHFFQUFxRSxFQUNsRyxPQUFPLHdCQUF3QiwyREFBMkQsRUFDMUYsT0FBTyxpQkFBaUIsb0JBQW9CLEVBQzVDLE9BQU8sb0JBQW9CLDZCQUE2QjtBQUM3RDtBQUVBLElBQU0sUUFBUSxDQUFDLFNBQVMsWUFBWSxjQUFjLFNBQVMsTUFBTTtBQUcxRCxTQUFTLG1CQUFtQixTQUFrRTtBQUNuRyxNQUFJLE1BQU0sTUFBTSxDQUFDLFNBQVMsUUFBUSxJQUFJLE1BQU0sTUFBUyxFQUFHLFFBQU87QUFDL0QsUUFBTSxNQUFNO0FBQUEsSUFDVixHQUFJLFFBQVEsVUFBVSxVQUFhLEVBQUUsT0FBTyxRQUFRLE1BQWtCO0FBQUEsSUFDdEUsR0FBSSxRQUFRLGFBQWEsVUFBYSxFQUFFLFVBQVUsYUFBYSxRQUFRLFFBQWtCLEVBQUU7QUFBQSxJQUMzRixHQUFJLFFBQVEsZUFBZSxVQUFhLEVBQUUsTUFBTSxRQUFRLFdBQXFCO0FBQUEsRUFDL0U7QUFDQSxTQUFPO0FBQUEsSUFDTCxHQUFJLE9BQU8sS0FBSyxHQUFHLEVBQUUsU0FBUyxLQUFLLEVBQUUsSUFBSTtBQUFBLElBQ3pDLEdBQUksUUFBUSxVQUFVLFVBQWEsRUFBRSxPQUFPLFFBQVEsTUFBZ0I7QUFBQSxJQUNwRSxHQUFJLFFBQVEsU0FBUyxVQUFhLEVBQUUsTUFBTSxZQUFZLFFBQVEsSUFBYyxFQUFFO0FBQUEsRUFDaEY7QUFDRjtBQUdPLFNBQVMsbUJBQW1CLFNBQXdDO0FBQ3pFLFFBQU0sT0FBTyxNQUFNLEtBQUssQ0FBQyxTQUFTLFFBQVEsSUFBSSxNQUFNLE1BQVM7QUFDN0QsTUFBSSxTQUFTLE9BQVc7QUFDeEIsUUFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLElBQ3pCLE1BQU0sc0JBQXNCLEtBQUssUUFBUSxVQUFVLENBQUMsV0FBVyxJQUFJLE9BQU8sWUFBWSxDQUFDLEVBQUUsQ0FBQztBQUFBLElBQzFGLE9BQU87QUFBQSxJQUNQLFFBQVE7QUFBQSxFQUNWLENBQUM7QUFDSDtBQUVBLFNBQVMsYUFBYSxNQUErRTtBQUNuRyxRQUFNLENBQUMsUUFBUSxJQUFJLEtBQUssR0FBRyxJQUFJLElBQUksS0FBSyxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUMsU0FBUyxLQUFLLEtBQUssQ0FBQztBQUM1RSxNQUFJLFVBQVUsTUFBTSxRQUFRLE1BQU0sS0FBSyxTQUFTLEdBQUc7QUFDakQsVUFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLE1BQ3pCLE1BQU0sNkRBQTZELElBQUk7QUFBQSxNQUN2RSxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sUUFBUSxTQUFZLEVBQUUsUUFBUSxNQUFNLElBQUksRUFBRSxhQUFhLE9BQU8sSUFBSTtBQUMzRTtBQUVBLFNBQVMsWUFBWSxNQUFxQjtBQUN4QyxNQUFJLFNBQVMsT0FBTyxTQUFTLElBQUssUUFBTyxTQUFTLE1BQU0sSUFBSTtBQUM1RCxRQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSw0QkFBNEIsSUFBSSxHQUFHLENBQUM7QUFDekU7OztBRHRDTyxJQUFNLEVBQUUsVUFBVSxJQUFtQjtBQUFBLEVBQzFDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQ0csU0FBUyxvQkFBb0IsMENBQTBDLEVBQ3ZFLFNBQVMsU0FBUyxvRUFBb0U7QUFDekYsa0JBQWMsT0FBTyxFQUNsQixPQUFPLFlBQVksa0RBQWtELEVBQ3JFLE9BQU8sa0JBQWtCLHNEQUFzRCxFQUMvRSxPQUFPLFNBQVMseUNBQXlDLEVBQ3pELE9BQU8sbUJBQW1CLGlFQUFpRSxPQUFPLEVBQ2xHLE9BQU8sd0JBQXdCLHVEQUF1RCxPQUFPLEVBQzdGLE9BQU8sc0JBQXNCLDhCQUE4QixFQUMzRCxPQUFPLHNCQUFzQixpQ0FBaUMsRUFDOUQsT0FBTyxzQkFBc0Isd0RBQXdELEVBQ3JGLE9BQU8sMEJBQTBCLHdEQUF3RCxFQUN6RixPQUFPLG9CQUFvQixnQ0FBZ0MsRUFDM0QsT0FBTyx3QkFBd0IseURBQXlELEVBQ3hGLE9BQU8sMkJBQTJCLG1FQUFtRSxPQUFPLEVBQzVHLE9BQU8scUJBQXFCLHNEQUFzRCxFQUNsRixPQUFPLDBCQUEwQix5QkFBeUIsRUFDMUQsT0FBTyx1QkFBdUIsdURBQXVELE9BQU8sRUFDNUYsT0FBTyx1QkFBdUIsZ0VBQWdFLE9BQU8sRUFDckcsT0FBTywyQkFBMkIsc0RBQXNELE9BQU8sRUFDL0YsT0FBTyx5QkFBeUIsOENBQThDLE9BQU8sRUFDckYsT0FBTyx3QkFBd0IsMkRBQTJELEVBQzFGLE9BQU8sd0JBQXdCLGlFQUFpRSxFQUNoRyxPQUFPLGVBQWUsbUNBQW1DO0FBQzVELHNCQUFrQixPQUFPLEVBQUUsT0FBTyxJQUFJLElBQUksQ0FBQztBQUMzQyxhQUFTLFNBQVM7QUFBQSxNQUNoQixDQUFDLHVDQUF1Qyw2QkFBNkI7QUFBQSxNQUNyRSxDQUFDLDZDQUE2QywrQkFBK0I7QUFBQSxNQUM3RSxDQUFDLHFEQUFxRCxxQkFBcUI7QUFBQSxNQUMzRSxDQUFDLDhDQUE4QyxtQ0FBbUM7QUFBQSxNQUNsRixDQUFDLDBEQUEwRCxnQkFBZ0I7QUFBQSxNQUMzRSxDQUFDLDRFQUE0RSxvQkFBb0I7QUFBQSxNQUNqRyxDQUFDLDBEQUEwRCx1QkFBdUI7QUFBQSxJQUNwRixDQUFDO0FBQUEsRUFDSDtBQUNGO0FBRUEsSUFBTSxXQUFXO0FBQUEsRUFDZjtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0Y7QUFFQSxlQUFlLEtBQ2IsU0FDQSxDQUFDLFFBQVEsSUFBSSxHQUFHLEdBQ2hCLFNBQ2lCO0FBQ2pCLFFBQU0sRUFBRSxTQUFTLElBQUk7QUFDckIsTUFBSSxRQUFRLE9BQU8sT0FBVyxvQkFBbUIsT0FBTztBQUN4RCxRQUFNLFlBQVksTUFBTSxRQUFRLFVBQVU7QUFBQSxJQUN4QyxjQUFjLFFBQVEsaUJBQWlCO0FBQUEsSUFDdkMsWUFBWSxtQkFBbUIsT0FBTztBQUFBLEVBQ3hDLENBQUM7QUFDRCxNQUFJLFFBQVEsU0FBUyxRQUFXO0FBQzlCLGNBQVUsa0JBQWtCLENBQUMsU0FBUyxTQUFTLEtBQUssU0FBUyxJQUFJLElBQUksbUJBQW1CLElBQUksRUFBRSxDQUFDO0FBQUEsRUFDakc7QUFDQSxRQUFNLFdBQ0osUUFBUSxTQUNKLE1BQU0sU0FBUyxXQUFXLE9BQU8sT0FBTyxJQUN4QyxNQUFNLGdCQUFnQixXQUFXLE9BQU8sS0FBSyxPQUFPO0FBQzFELFNBQU8sWUFBWSxTQUFTLFdBQVcsVUFBVSxPQUFPO0FBQzFEO0FBRUEsZUFBZSxTQUNiLFdBQ0EsTUFDQSxTQUMwQjtBQUMxQixRQUFNLFFBQVEsU0FBUyxLQUFLLENBQUMsV0FBVyxRQUFRLE1BQU0sTUFBTSxNQUFTO0FBQ3JFLE1BQUksVUFBVSxRQUFXO0FBQ3ZCLFVBQU0sT0FBTyxNQUFNLFFBQVEsVUFBVSxDQUFDLFdBQVcsSUFBSSxPQUFPLFlBQVksQ0FBQyxFQUFFO0FBQzNFLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNLEtBQUssSUFBSTtBQUFBLE1BQ2YsUUFBUSxnREFBZ0QsS0FBSyxJQUFJLElBQzdELDJDQUEyQyxJQUFJLFNBQy9DO0FBQUEsSUFDTixDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sVUFBVSxRQUFRLElBQUk7QUFDL0I7QUFFQSxlQUFlLGdCQUNiLFdBQ0EsUUFDQSxLQUNBLFNBQzBCO0FBQzFCLE1BQUksQ0FBQyxjQUFjLEtBQUssTUFBTTtBQUM1QixVQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsTUFDekIsTUFBTSxHQUFHLE1BQU07QUFBQSxNQUNmLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFDSCxRQUFNLEVBQUUsV0FBVyxJQUFJO0FBQ3ZCLFFBQU0sU0FBUyxRQUFRLE9BQU8sU0FBWSxTQUFZLFlBQVksUUFBUSxFQUFZO0FBQ3RGLE1BQUksVUFBVSxXQUFXLEtBQUssV0FBVyxNQUFNLE9BQU8sSUFBSSxDQUFDLEdBQUc7QUFDNUQsVUFBTSxJQUFJLFFBQVEsZUFBZTtBQUFBLE1BQy9CLE1BQU0sc0JBQXNCLE9BQU8sSUFBSTtBQUFBLE1BQ3ZDLE9BQU8sRUFBRSxNQUFNLE9BQU8sS0FBSztBQUFBLE1BQzNCLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxLQUFLLFNBQVMsU0FBUyxLQUFLLFdBQVcsTUFBTSxPQUFPLE1BQU0sSUFBSSxHQUFHLFdBQVcsSUFBSSxJQUFJO0FBQzFGLFFBQU0sRUFBRSxNQUFNLE9BQU8sSUFBSTtBQUFBLElBQ3ZCO0FBQUEsTUFDRTtBQUFBLE1BQ0E7QUFBQSxNQUNBLFNBQVUsUUFBUSxVQUFtQyxDQUFDO0FBQUEsTUFDdEQsT0FBUSxRQUFRLFNBQWtDLENBQUM7QUFBQSxNQUNuRCxNQUFNO0FBQUEsUUFDSixNQUFNLFFBQVE7QUFBQSxRQUNkLE1BQU0sUUFBUTtBQUFBLFFBQ2QsTUFBTSxRQUFRO0FBQUEsUUFDZCxVQUFVLFFBQVE7QUFBQSxRQUNsQixLQUFLLFFBQVE7QUFBQSxRQUNiLFNBQVMsUUFBUTtBQUFBLFFBQ2pCLFdBQVcsUUFBUTtBQUFBLFFBQ25CLE1BQU0sUUFBUTtBQUFBLFFBQ2QsWUFBWSxRQUFRO0FBQUEsUUFDcEIsTUFBTSxRQUFRO0FBQUEsUUFDZCxPQUFPLFFBQVE7QUFBQSxRQUNmLFdBQVcsUUFBUTtBQUFBLE1BQ3JCO0FBQUEsTUFDQSxTQUFTLFFBQVE7QUFBQSxNQUNqQixTQUFTLFFBQVE7QUFBQSxNQUNqQixXQUFXLFFBQVE7QUFBQSxNQUNuQixTQUFTLFFBQVE7QUFBQSxJQUNuQjtBQUFBLElBQ0EsR0FBRyxFQUFFLElBQUksYUFBYTtBQUFBLEVBQ3hCO0FBQ0EsUUFBTSxRQUFlLENBQUM7QUFDdEIsUUFBTSxPQUFPLFlBQVksWUFBWSxTQUFTLEVBQUUsR0FBRyxRQUFRLE1BQU0sT0FBTyxLQUFLLElBQUksUUFBUSxLQUFLO0FBQzlGLFFBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsTUFBSSxRQUFRO0FBQ1YsVUFBTSxnQkFBZ0IsWUFBWSxXQUFXLE1BQU0sT0FBTyxJQUFJLEdBQUcsSUFBSTtBQUNyRSxVQUFNLHFCQUFxQixXQUFXLElBQUk7QUFBQSxFQUM1QztBQUNBLFNBQU8sYUFBYSxJQUFJO0FBQzFCOyIsCiAgIm5hbWVzIjogW10KfQo=
