#!/usr/bin/env node
"use strict";
var __create = Object.create;
var __defProp = Object.defineProperty;
var __getOwnPropDesc = Object.getOwnPropertyDescriptor;
var __getOwnPropNames = Object.getOwnPropertyNames;
var __getProtoOf = Object.getPrototypeOf;
var __hasOwnProp = Object.prototype.hasOwnProperty;
var __copyProps = (to, from, except, desc) => {
  if (from && typeof from === "object" || typeof from === "function") {
    for (let key of __getOwnPropNames(from))
      if (!__hasOwnProp.call(to, key) && key !== except)
        __defProp(to, key, { get: () => from[key], enumerable: !(desc = __getOwnPropDesc(from, key)) || desc.enumerable });
  }
  return to;
};
var __toESM = (mod, isNodeMode, target) => (target = mod != null ? __create(__getProtoOf(mod)) : {}, __copyProps(
  // If the importer is in node compatibility mode or this is not an ESM
  // file that has been converted to a CommonJS file using a Babel-
  // compatible transform (i.e. "__esModule" has not been set), then set
  // "default" to the CommonJS "module.exports" for node compatibility.
  isNodeMode || !mod || !mod.__esModule ? __defProp(target, "default", { value: mod, enumerable: true }) : target,
  mod
));

// <define:ECHO_TRAIL_COMMANDS>
var define_ECHO_TRAIL_COMMANDS_default = ["docs add", "docs list", "docs tree", "docs find", "docs show", "docs refresh", "docs ask", "init", "draft", "import address", "env", "secret", "session", "preview", "send", "follow", "echo", "run", "compare", "list", "check", "demo"];

// src/cli/launch/parts.ts
var import_node_fs2 = require("node:fs");
var import_node_path2 = require("node:path");
var import_node_vm = require("node:vm");

// src/cli/launch/compiled-code.ts
var import_node_fs = require("node:fs");
var import_node_os = require("node:os");
var import_node_path = require("node:path");
var monthMs = 30 * 24 * 36e5;
function cacheFolder(env) {
  const own = process.platform === "win32" ? env.LOCALAPPDATA : env.XDG_CACHE_HOME;
  return (0, import_node_path.join)(own || (0, import_node_path.join)((0, import_node_os.homedir)(), ".cache"), "echo-trail", "compiled");
}
function readCompiled(file) {
  const code = /* @__PURE__ */ new Map();
  try {
    const handle = (0, import_node_fs.openSync)(file, "r");
    if (process.getuid !== void 0 && (0, import_node_fs.fstatSync)(handle).uid !== process.getuid()) return code;
    const bytes = (0, import_node_fs.readFileSync)(handle);
    const headEnd = 4 + bytes.readUInt32LE(0);
    let at = headEnd;
    for (const [name, length] of JSON.parse(bytes.toString("utf8", 4, headEnd))) {
      code.set(name, bytes.subarray(at, at + length));
      at += length;
    }
    return at === bytes.length ? code : /* @__PURE__ */ new Map();
  } catch {
    return /* @__PURE__ */ new Map();
  }
}
var mostOthers = 2;
function letGo(folder, name) {
  const own = name.slice(0, name.lastIndexOf("-") + 1);
  const files = (0, import_node_fs.readdirSync)(folder).map((other) => ({ other, time: (0, import_node_fs.statSync)((0, import_node_path.join)(folder, other)).mtimeMs }));
  const older = files.filter(({ other }) => other.startsWith(own) && other !== name).sort((a, b) => b.time - a.time).slice(mostOthers);
  for (const { other } of [...older, ...files.filter(({ time }) => Date.now() - time > monthMs)])
    (0, import_node_fs.rmSync)((0, import_node_path.join)(folder, other), { force: true });
}
function writeCompiled(folder, name, code) {
  const head = Buffer.from(JSON.stringify([...code].map(([part, { length }]) => [part, length])));
  const size = Buffer.alloc(4);
  size.writeUInt32LE(head.length);
  const unfinished = (0, import_node_path.join)(folder, `${name}.${process.pid}.part`);
  try {
    (0, import_node_fs.mkdirSync)(folder, { recursive: true, mode: 448 });
    (0, import_node_fs.writeFileSync)(unfinished, Buffer.concat([size, head, ...code.values()]), { mode: 384 });
    (0, import_node_fs.renameSync)(unfinished, (0, import_node_path.join)(folder, name));
    letGo(folder, name);
  } catch {
    (0, import_node_fs.rmSync)(unfinished, { force: true });
  }
}

// src/cli/launch/parts.ts
var longestMs = 1e4;
function loadPart(entry, { folder, build, command }) {
  const cache = cacheFolder(process.env);
  const name = `${command.replace(" ", "-")}-${process.version}-${process.arch}-${build}`;
  const off = process.env.NODE_DISABLE_COMPILE_CACHE !== void 0;
  const known = off ? /* @__PURE__ */ new Map() : readCompiled((0, import_node_path2.join)(cache, name));
  const loaded = /* @__PURE__ */ new Map();
  const fresh = /* @__PURE__ */ new Map();
  const load = (id) => {
    const before = loaded.get(id);
    if (before) return before.exports;
    const module2 = { exports: {} };
    loaded.set(id, module2);
    const filename = (0, import_node_path2.join)(folder, id);
    const cachedData = known.get(id);
    const script = new import_node_vm.Script(
      `(function(exports,require,module,__filename,__dirname){${(0, import_node_fs2.readFileSync)(filename, "utf8")}
})`,
      { filename, ...cachedData && { cachedData } }
    );
    if (cachedData === void 0 || script.cachedDataRejected) fresh.set(id, script);
    const inner = import_node_path2.posix.dirname(id);
    const within = (wanted2) => wanted2.startsWith(".") ? load(import_node_path2.posix.join(inner, wanted2)) : require(wanted2);
    script.runInThisContext()(module2.exports, within, module2, filename, (0, import_node_path2.join)(folder, inner));
    return module2.exports;
  };
  if (!off) {
    process.once("exit", () => {
      const unusual = process.execArgv.length > 0 || process.env.NODE_OPTIONS;
      if (fresh.size === 0 || unusual || performance.now() > longestMs) return;
      const code = new Map(known);
      for (const [id, script] of fresh) code.set(id, script.createCachedData());
      writeCompiled(cache, name, code);
    });
  }
  return load(entry);
}

// src/cli/version.ts
var version = true ? "0.1.0" : "0.0.0-source";

// src/cli/main.ts
var args = process.argv.slice(2);
var only = args.length === 1 ? args[0] : void 0;
if (only === "--version" || only === "-V") process.stdout.write(`echo-trail ${version}
`);
else if (args.length === 0 || only === "--help" || only === "-h") process.stdout.write("Usage: echo-trail [options] [command]\n\nExplore a vendor's API from its documentation, build shared request collections, and run them with\nassertions and chained values.\n\nOptions:\n  -V, --version       print the version\n  --collection <dir>  the collection folder; else the nearest one upward\n  --env <name>        the environment, of run also several: a,b,c; else the one of the collection\n  --set <name=value>  a value for an input or a variable; may be repeated\n  --json              print one machine-readable document, or a line an item while streaming\n  --quiet             print results and errors only\n  --no-colour         no colours (NO_COLOR does the same)\n  --seed <number>     make random and made-up values repeat\n  --debug             add stack traces to errors\n  -h, --help          show help\n\nRead the documentation:\n  docs                add, list, search and show what the vendor documents\n\nDraft:\n  init                make a new collection\n  draft               write a request file from the documentation\n  import              make request files of what there is already\n\nConnect:\n  env                 list, make, choose, show and clear environments\n  secret              set, list and remove secrets\n  session             open, show, close and list sessions\n\nTry:\n  preview             show exactly what would be sent, and send nothing\n  send                send a request and show what came back\n  follow              list the links of the last answer, and send one of them\n  echo                list, show and send again what was exchanged\n\nWalk:\n  run                 walk trails and requests, assert, wait, resume, undo\n\nCompare:\n  compare             tell what differs between two answers\n\nShare:\n  list                list the files of the collection\n  check               check the collection without sending anything\n  demo                walk through everything against a made-up harbour\n\nCommands:\n  help [command]      show help for a command\n\necho-trail demo shows all of it against a made-up harbour; echo-trail COMMAND --help has examples.\n");
else {
  tuned().then(() => {
    const parts = { folder: __dirname, build: "588679f59560c85e", command: wanted() };
    return loadPart("program.cjs", parts).runProgram(process.argv);
  });
}
function wanted() {
  const names = args.flatMap((word, index) => [`${word} ${args[index + 1]}`, word]);
  return names.find((name) => define_ECHO_TRAIL_COMMANDS_default.includes(name)) ?? "none";
}
async function tuned() {
  const flag = args.includes("send") ? (
    // One request: what passes through it dies young, and the engine would otherwise let 20 MB more of it pile up.
    "--semi-space-growth-factor=1"
  ) : args.includes("run") ? (
    // A walk does the same thousands of times and is over in seconds: compiled sooner, it is over sooner.
    "--interrupt-budget=8000"
  ) : void 0;
  if (flag !== void 0) (await Promise.resolve().then(() => __toESM(require("node:v8"), 1))).setFlagsFromString(flag);
}
