import {
  LiveSink
} from "../parts/chunk-PBFMTA3I.js";
import {
  harbourForThisFile
} from "../parts/chunk-XS4PZGFO.js";
import "../parts/chunk-7VNSEZX4.js";
import "../parts/chunk-DQ7YWKYH.js";
import "../parts/chunk-PT2BEWRF.js";
import "../parts/chunk-V5NERUUT.js";
import "../parts/chunk-T4I6LV4Y.js";
import {
  startSecure
} from "../parts/chunk-Y4XV6NBT.js";
import {
  collectionOf,
  document,
  echoTrail,
  temporaryFolder,
  writeIn
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";
import {
  certificateOf
} from "../parts/chunk-J7IJ6DS5.js";

// test/program/exchange.test.ts
import assert from "node:assert/strict";
import { createHash } from "node:crypto";
import { once } from "node:events";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { createServer } from "node:http";
import { networkInterfaces } from "node:os";
import { join } from "node:path";
import { test } from "node:test";
import { brotliCompressSync, deflateRawSync, deflateSync, gzipSync } from "node:zlib";
var { origin } = await harbourForThisFile();
var noIpv6 = Object.values(networkInterfaces()).flat().some((one) => one?.address === "::1") ? false : "no IPv6 here";
async function mirrored(request, files = {}, ...args) {
  const cwd = collectionOf({ "requests/it.yaml": request, ...files }, origin);
  const ended = await echoTrail(["send", "it", "--json", ...args], { cwd });
  assert.equal(ended.status, 0, `${ended.err}
${ended.out}`);
  const { body: seen } = document(ended);
  return {
    ...seen,
    text: Buffer.from(seen.body.base64, "base64").toString(),
    header: (name) => seen.headers.find(([key]) => key.toLowerCase() === name)?.[1]
  };
}
var to = (more, method = "POST") => `method: ${method}
changes: false
url: \${origin}/mirror
${more}`;
test("parts: texts, lists, values, templates and files, each with its name and type, and the length in front", async () => {
  const seen = await mirrored(
    to(`inputs: {nights: {type: integer, default: 2}}
body:
  parts:
    note: "a \\"quoted\\" note"
    tag: [north, south]
    gone: \${omit}
    wish: {json: {nights: "\${nights}"}}
    plan: {file: data/plan.txt, type: text/x-plan, name: 'pl\xE4n "1".txt'}
    mole: {template: bodies/mole.xml}
`),
    { "data/plan.txt": "line 1\r\nline 2", "bodies/mole.xml": '<mole nights="${nights}"/>' }
  );
  const boundary = /^multipart\/form-data; boundary=(part-[0-9a-f]{24})$/.exec(seen.header("content-type") ?? "")?.[1];
  assert.ok(boundary);
  const part = (head, body) => `--${boundary}\r
${head}\r
\r
${body}\r
`;
  const expected = part('Content-Disposition: form-data; name="note"', 'a "quoted" note') + part('Content-Disposition: form-data; name="tag"', "north") + part('Content-Disposition: form-data; name="tag"', "south") + part('Content-Disposition: form-data; name="wish"\r\nContent-Type: application/json', '{"nights":2}') + part(
    'Content-Disposition: form-data; name="plan"; filename="pl\xE4n %221%22.txt"\r\nContent-Type: text/x-plan',
    "line 1\r\nline 2"
  ) + part(
    'Content-Disposition: form-data; name="mole"\r\nContent-Type: application/xml; charset=utf-8',
    '<mole nights="2"/>'
  ) + `--${boundary}--\r
`;
  assert.equal(seen.text, expected);
  assert.equal(seen.header("content-length"), String(Buffer.byteLength(expected)));
});
test("a real parser of multipart reads them, a large file by its digest", async () => {
  const cwd = collectionOf(
    {
      "requests/up.yaml": "method: POST\nurl: ${origin}/uploads\nbody: {parts: {about: cargo, plan: {file: data/large.bin}}}\n"
    },
    origin
  );
  const large = Buffer.alloc(3e6, "tide");
  writeIn(cwd, "data/large.bin", "");
  writeFileSync(join(cwd, "data/large.bin"), large);
  const { body } = document(await echoTrail(["send", "up", "--json"], { cwd }));
  assert.deepEqual(body.parts, [
    { name: "about", type: "text/plain", value: "cargo" },
    {
      name: "plan",
      fileName: "large.bin",
      type: "application/octet-stream",
      size: large.length,
      sha256: createHash("sha256").update(large).digest("hex")
    }
  ]);
});
test("a file is sent as it is, its type by its ending; preview tells its size and reads none of it", async () => {
  const request = to('body: {file: "data/${name}.pdf"}\ninputs: {name: {default: plan}}\n', "PUT");
  const seen = await mirrored(request, { "data/plan.pdf": "%PDF-1.7 made up" });
  assert.deepEqual(
    [seen.text, seen.header("content-type"), seen.header("content-length")],
    ["%PDF-1.7 made up", "application/pdf", "16"]
  );
  const cwd = collectionOf({ "requests/it.yaml": request, "data/plan.pdf": "%PDF-1.7 made up" }, origin);
  assert.match(
    (await echoTrail(["preview", "it"], { cwd })).out,
    /body {2}application\/pdf, 16 B\n {2}\(16 B of data\/plan\.pdf\)/
  );
  const outside = await echoTrail(["send", "it", "--set", "name=../../secret"], { cwd });
  assert.equal(outside.status, 2);
  assert.match(outside.err, /outside|does not exist/);
});
test("a template in JSON keeps types, in XML it escapes, drops what is omitted, and checks names of elements", async () => {
  const json = await mirrored(
    to('inputs: {nights: {type: integer, default: 2}, note: {default: "a\\"b"}}\nbody: {template: bodies/wish.json}\n'),
    {
      "bodies/wish.json": '{"nights": "${nights}", "note": "${note}", "gone": "${omit}"}'
    }
  );
  assert.deepEqual([json.text, json.header("content-type")], ['{"nights":2,"note":"a\\"b"}', "application/json"]);
  const xml = {
    "bodies/wish.xml": `<wish kind="\${kind ?? omit}" berth="N1">
  <\${what}>\${note}</\${what}>
  <remarks lang="en">\${remarks ?? omit}</remarks>
  <nights>2</nights>
</wish>
`
  };
  const request = to(
    'inputs: {kind: {}, remarks: {}, what: {default: berth}, note: {default: "a < b & c"}}\nbody: {template: bodies/wish.xml}\n'
  );
  const bare = await mirrored(request.replace("kind: {}, remarks: {}, ", ""), {
    "bodies/wish.xml": xml["bodies/wish.xml"]
  });
  assert.equal(bare.text, '<wish berth="N1">\n  <berth>a &lt; b &amp; c</berth>\n  <nights>2</nights>\n</wish>\n');
  const cwd = collectionOf({ "requests/it.yaml": request, ...xml }, origin);
  const wrong = await echoTrail(["send", "it", "--set", "what=a b", "--set", "kind=x", "--set", "remarks=y"], { cwd });
  assert.equal(wrong.status, 2);
  assert.match(wrong.err, /"a b" cannot be the name of an element/);
});
test("render and render-each put templates together, in a parameter or in another template", async () => {
  const seen = await mirrored(
    to(
      `inputs: {lines: {type: array, default: [{code: N1}, {code: "S&2"}]}}
query: {filing: '\${render("bodies/filing.xml")}'}
`,
      "GET"
    ),
    {
      "bodies/filing.xml": '<filing>${lines | render-each("bodies/line.xml")}</filing>',
      "bodies/line.xml": "<line>${code}</line>"
    }
  );
  assert.equal(
    new URL(seen.target, origin).searchParams.get("filing"),
    "<filing><line>N1</line><line>S&amp;2</line></filing>"
  );
  const cwd = collectionOf(
    { "requests/it.yaml": to("body: {template: bodies/a.txt}\n"), "bodies/a.txt": '${render("bodies/a.txt")}' },
    origin
  );
  assert.match((await echoTrail(["send", "it"], { cwd })).err, /renders itself/);
});
test("a form with nested keys and lists, URL-encoded", async () => {
  const seen = await mirrored(
    to('body: {form: {a: "x y&z", list: [1, 2], berth: {quay: north, ends: [{m: 1}, {m: 2}]}}}\n')
  );
  assert.equal(
    seen.text,
    "a=x+y%26z&list=1&list=2&berth%5Bquay%5D=north&berth%5Bends%5D%5B0%5D%5Bm%5D=1&berth%5Bends%5D%5B1%5D%5Bm%5D=2"
  );
});
test("GraphQL: a document in bodies/, by POST, by GET, and with a file as a variable", async () => {
  const files = { "bodies/rota.graphql": "query Rota($n: Int) { pilots(first: $n) { id } }", "data/plan.txt": "plan" };
  const body = "body: {graphql: {document: bodies/rota.graphql, variables: {n: 3}, operation: Rota}}\n";
  const posted = await mirrored(to(body), files);
  assert.deepEqual(JSON.parse(posted.text), {
    query: files["bodies/rota.graphql"],
    variables: { n: 3 },
    operationName: "Rota"
  });
  const got = await mirrored(to(body, "GET"), files);
  const parameters = new URL(got.target, origin).searchParams;
  assert.deepEqual(
    [parameters.get("query"), parameters.get("variables"), parameters.get("operationName"), got.body.size],
    [files["bodies/rota.graphql"], '{"n":3}', "Rota", 0]
  );
  const uploaded = await mirrored(
    to("body: {graphql: {document: bodies/rota.graphql, variables: {plans: [{upload: data/plan.txt}]}}}\n"),
    files
  );
  assert.match(uploaded.text, /name="operations"\r\n\r\n\{"query":[^\r]*"variables":\{"plans":\[null\]\}\}\r\n/);
  assert.match(uploaded.text, /name="map"\r\n\r\n\{"1":\["variables\.plans\.0"\]\}\r\n/);
  assert.match(uploaded.text, /name="1"; filename="plan\.txt"\r\nContent-Type: text\/plain\r\n\r\nplan\r\n/);
});
test("the ad-hoc forms of all this, and the file that does the same", async () => {
  const cwd = collectionOf({ "data/plan.txt": "plan" }, origin);
  const send = (...args) => echoTrail(["send", "POST", "/mirror", "--allow-changes", "--json", ...args], { cwd });
  const textOf = async (...args) => Buffer.from(document(await send(...args)).body.body.base64, "base64").toString();
  assert.equal(await textOf("--form", "a=1", "--form", "b=${x}"), "a=1&b=%24%7Bx%7D");
  assert.equal(await textOf("--body-text", "plain ${x}"), "plain ${x}");
  assert.equal(await textOf("--body-file", "data/plan.txt"), "plan");
  assert.match(
    await textOf("--part", "a=1", "--part-file", "plan=data/plan.txt", "--as", "kept"),
    /name="a"[\s\S]*filename="plan\.txt"/
  );
  const again = await echoTrail(["send", "kept", "--json"], { cwd });
  assert.match(
    Buffer.from(document(again).body.body.base64, "base64").toString(),
    /filename="plan\.txt"/
  );
  assert.match((await send("--form", "a=1", "--body-text", "b")).err, /one body/);
});
test("cookies: taken, sent again, kept sealed for the next command, and left out on request", async () => {
  const cwd = collectionOf(
    {
      "requests/gate.yaml": "url: ${origin}/visitors\nkeep: {seal: cookie.seal}\n",
      "requests/enter.yaml": 'method: POST\nurl: ${origin}/visitors\ninputs: {seal: {}}\nbody: {form: {seal: "${seal}", visitor: Ada Grey}}\nexpect: {status: 200, hops: 1, body: {contains: viewing deck}}\n',
      "trails/visit.yaml": "steps: [{send: gate}, {send: enter}]\n"
    },
    origin
  );
  const walked = await echoTrail(["run", "visit"], { cwd });
  assert.equal(walked.status, 0, walked.out + walked.err);
  const inside = await echoTrail(["send", "GET", "/visitors"], { cwd });
  assert.match(inside.out, /Welcome, Ada Grey/);
  assert.match((await echoTrail(["send", "GET", "/visitors", "--no-cookies"], { cwd })).out, /<form/);
  const sealed = readFileSync(join(cwd, ".echo-trail/cookies/sandbox.sealed"), "utf8");
  assert.doesNotMatch(sealed, /visit/);
  const headers = await echoTrail(["send", "GET", "/visitors", "--view", "headers"], { cwd });
  assert.match(headers.out, /Cookie +‹secret› +cookies/);
});
test("redirects by the standard: 303 and a POST of 302 become GET, 307 keeps method and body", async () => {
  for (const [status, method, body] of [
    [303, "GET", ""],
    [302, "GET", ""],
    [307, "POST", "a=1"],
    [308, "POST", "a=1"]
  ]) {
    const server = await rawServer(
      (head) => head.startsWith("POST /start") ? `HTTP/1.1 ${status} Elsewhere\r
location: /end\r
content-length: 0\r
\r
` : "HTTP/1.1 200 OK\r\ncontent-length: 2\r\n\r\nok"
    );
    const cwd = collectionOf(
      { "requests/it.yaml": "method: POST\nurl: ${origin}/start\nredirects: 3\nbody: {form: {a: 1}}\n" },
      server.origin
    );
    const ended = await echoTrail(["send", "it"], { cwd });
    assert.equal(ended.status, 0, ended.err);
    const second = server.received.join("").split(/(?=(?:GET|POST) \/end)/)[1] ?? "";
    assert.equal(/^(\w+) \/end/.exec(second)?.[1], method, String(status));
    assert.equal(second.split("\r\n\r\n")[1], body);
    assert.equal(/content-type/i.test(second), body !== "");
    await server.close();
  }
});
test("a view for every need: raw, outline, table, bytes, header lines", async () => {
  const cwd = collectionOf({}, origin);
  const view = async (...args) => (await echoTrail(["send", "GET", ...args], { cwd })).out;
  assert.equal(
    await view("/notices", "--header", "Accept: application/json", "--pick", "$.notices[0].number"),
    "NM-01\n"
  );
  assert.match(
    await view("/notices", "--view", "outline"),
    /notices {2}list of 3\n {4}each {2}3 members\n {6}number {2}string {2}"NM-01"/
  );
  assert.match(await view("/notices", "--view", "table"), /^number +light +text\nNM-01 +Outer mole/);
  assert.match(await view("/notices", "--view", "table", "--columns", "light", "--most", "1"), /^light\nOuter mole\n$/);
  assert.match(await view("/notices", "--header", "Accept: application/x-ndjson", "--view", "table"), /NM-03/);
  assert.match(
    await view("/notices", "--header", "Accept: application/xml", "--pick", "//notice[2]/light"),
    /^Pool entrance\n$/
  );
  assert.match(
    await view("/notices/archive"),
    /application\/octet-stream, 64\.0 kB, SHA-256 [0-9a-f]{64}\n00000000 {2}00 1f 3e/
  );
  assert.match(await view("/notices/events", "--live"), /event: notice[\s\S]*NM-03/);
  assert.equal(await view("/notices", "--view", "none"), "");
  const gzip = await echoTrail(
    ["send", "GET", "/notices", "--header", "Accept-Encoding: gzip", "--pick", "$.notices[2].number"],
    { cwd }
  );
  assert.equal(gzip.out, "NM-03\n");
  const sizes = await echoTrail(["send", "GET", "/notices", "--header", "Accept-Encoding: gzip"], { cwd });
  assert.match(sizes.err, /247 B \(\d+ B on the wire\)/);
  assert.match((await echoTrail(["send", "GET", "/notices", "--view", "pritty"], { cwd })).err, /did you mean pretty/);
  assert.match(
    (await echoTrail(["send", "GET", "/notices", "--rows", "$.nothing"], { cwd })).err,
    /no list stands at \$\.nothing[\s\S]*\$\.notices/
  );
});
test("a table of the request file is the view of its answer, and goes to CSV or JSON", async () => {
  const cwd = collectionOf(
    { "requests/it.yaml": "url: ${origin}/notices\ntable: {rows: $.notices, columns: {no: number, where: light}}\n" },
    origin
  );
  assert.match((await echoTrail(["send", "it"], { cwd })).out, /^no +where\nNM-01 +Outer mole\n/);
  await echoTrail(["send", "it", "--view", "table", "--to", "out.csv"], { cwd });
  assert.equal(readFileSync(join(cwd, "out.csv"), "utf8").split("\n")[1], "NM-01,Outer mole");
  await echoTrail(["send", "it", "--view", "table", "--to", "out.json"], { cwd });
  assert.deepEqual(JSON.parse(readFileSync(join(cwd, "out.json"), "utf8"))[2], { no: "NM-03", where: "West quay" });
});
test("an answer goes to a file whole, or not at all; a part is gone on with by a range", async () => {
  const cwd = collectionOf({}, origin);
  const file = join(temporaryFolder(), "archive.bin");
  const whole = await echoTrail(["send", "GET", "/notices/archive", "--to", file], { cwd });
  assert.match(whole.err, /saved 64\.0 kB to/);
  const bytes = readFileSync(file);
  assert.equal(bytes.length, 64e3);
  const part = join(temporaryFolder(), "part.bin");
  const tag = /etag +("[0-9a-f]+")/.exec(
    (await echoTrail(["send", "GET", "/notices/archive", "--view", "headers"], { cwd })).out
  )?.[1];
  writeFileSync(`${part}.part`, bytes.subarray(0, 2e4));
  writeFileSync(`${part}.part.json`, JSON.stringify({ tag }));
  const rest = await echoTrail(["send", "GET", "/notices/archive", "--to", part], { cwd });
  assert.match(rest.err, /206 Partial Content/);
  assert.ok(readFileSync(part).equals(bytes));
  assert.equal(existsSync(`${part}.part`) || existsSync(`${part}.part.json`), false);
  writeFileSync(`${part}.part`, "something else");
  writeFileSync(`${part}.part.json`, JSON.stringify({ tag: '"old"' }));
  await echoTrail(["send", "GET", "/notices/archive", "--to", part], { cwd });
  assert.ok(readFileSync(part).equals(bytes));
  const refused = await echoTrail(["send", "GET", "/nowhere", "--to", `${part}.no`], { cwd });
  assert.equal(refused.status, 1);
  assert.equal(existsSync(`${part}.no`), false);
  assert.match(refused.out, /Not found/);
});
test("an answer that is cut short stays as a part", async () => {
  const server = await rawServer((_head, socket) => {
    socket.end('HTTP/1.1 200 OK\r\ncontent-length: 100\r\netag: "7"\r\n\r\nonly this much');
    return void 0;
  });
  const cwd = collectionOf({}, server.origin);
  const { status, err } = await echoTrail(["send", "GET", "/", "--to", "it.bin"], { cwd });
  assert.equal(status, 3, err);
  assert.equal(readFileSync(join(cwd, "it.bin.part"), "utf8"), "only this much");
  assert.match(err, /goes on from there/);
  await server.close();
});
test("a compressed answer is saved decoded, and one that cannot be decoded is no file", async () => {
  const text = "NM-07 East quay light out\n".repeat(4e3);
  const bodies = {
    "/gzip": ["gzip", gzipSync(text)],
    "/deflate": ["deflate", deflateSync(text)],
    "/bare": ["deflate", deflateRawSync(text)],
    "/both": ["br, gzip", gzipSync(brotliCompressSync(text))],
    "/broken": ["gzip", Buffer.concat([gzipSync(text).subarray(0, 40), Buffer.alloc(4e3, 7)])],
    "/unknown": ["tar", Buffer.from(text)]
  };
  const server = await rawServer((head, socket) => {
    const [coding, body] = bodies[/^GET (\S+)/.exec(head)?.[1] ?? ""] ?? ["", Buffer.alloc(0)];
    socket.write(`HTTP/1.1 200 OK\r
content-encoding: ${coding}\r
content-length: ${body.length}\r
\r
`);
    socket.end(body);
    return void 0;
  });
  const cwd = collectionOf({}, server.origin);
  for (const path of ["/gzip", "/deflate", "/bare", "/both"]) {
    const { status, err } = await echoTrail(["send", "GET", path, "--to", `it${path.slice(1)}`], { cwd });
    assert.equal(status, 0, err);
    assert.equal(readFileSync(join(cwd, `it${path.slice(1)}`), "utf8"), text);
  }
  for (const [path, says] of [
    ["/broken", /says gzip, but cannot be decompressed/],
    ["/unknown", /says tar, but cannot be decompressed/]
  ]) {
    const { status, err } = await echoTrail(["send", "GET", path, "--to", "none"], { cwd });
    assert.notEqual(status, 0);
    assert.match(err, says);
    assert.equal(existsSync(join(cwd, "none")), false);
  }
  await server.close();
});
test("a stream that is shown as it comes is judged and recorded too; a refusal is shown as ever", async () => {
  const cwd = collectionOf(
    {
      "requests/events.yaml": "url: ${origin}/notices/events\nexpect: {body: {contains: NM-03}}\n"
    },
    origin
  );
  const { status, out, err } = await echoTrail(["send", "events", "--live"], { cwd });
  assert.equal(status, 0, err);
  assert.match(out, /NM-03/);
  const [, echo = ""] = /echo +(\S+)/.exec(err) ?? [];
  assert.match((await echoTrail(["echo", "show", echo, "--json"], { cwd })).out, /NM-03/);
  const refused = await echoTrail(["send", "GET", "/nowhere", "--live"], { cwd });
  assert.match(refused.out, /Not found/);
  for (const other of ["--json", "--pick=status", "--to=it.txt"]) {
    const both = await echoTrail(["send", "events", "--live", other], { cwd });
    assert.equal(both.status, 2);
    assert.match(both.err, /do not go together/);
  }
});
test("a piece of a stream may end within a character or a line", () => {
  const shown = [];
  const sink = new LiveSink((text) => shown.push(text));
  assert.equal(sink.begin(200, [["content-type", "text/event-stream"]]), "beside");
  const bytes = Buffer.from("quai \xE9lev\xE9\nword=tide-word\nrest");
  for (const at of bytes.keys()) sink.write(bytes.subarray(at, at + 1));
  sink.finish();
  assert.deepEqual(shown, ["quai \xE9lev\xE9", "word=tide-word", "rest"]);
  assert.equal(sink.begin(200, [["Content-Encoding", "gzip"]]), "nothing");
  assert.equal(sink.begin(404, []), "nothing");
});
test("an address that cannot be decoded is a link like any other", async () => {
  const server = await rawServer(
    (head) => answerOf(head.startsWith("GET /odd%zz ") ? "here" : "there", {
      type: "text/plain",
      headers: ['link: </odd%zz>; rel="next"']
    })
  );
  const cwd = collectionOf({}, server.origin);
  await echoTrail(["send", "GET", "/"], { cwd });
  const { out, err } = await echoTrail(["follow", "1"], { cwd });
  assert.equal(out, "here\n", err);
  await server.close();
});
test("links are numbered, and followed with the same environment down an undocumented tree", async () => {
  const cwd = collectionOf({}, origin);
  const first = await echoTrail(["send", "GET", "/chart"], { cwd });
  assert.match(first.err, /links {3}3: echo-trail follow lists them/);
  const listed = await echoTrail(["follow"], { cwd });
  assert.match(
    listed.out,
    /^1 {2}\S+layer=soundings +\$\.soundings +Larkhaven\n2 {2}\S+\/chart\/roads +\$\.places\[0\]\.href +Outer roads/
  );
  assert.match((await echoTrail(["follow", "3"], { cwd })).out, /"name": "Inner basin"/);
  assert.match((await echoTrail(["follow", "3"], { cwd })).out, /"name": "North quay"/);
  const links = document(await echoTrail(["follow", "--json"], { cwd }));
  assert.deepEqual([links.links[0]?.at, links.links[0]?.about], ["link.up", "Larkhaven"]);
  const none = await echoTrail(["follow", "9"], { cwd });
  assert.equal(none.status, 2);
  assert.match(none.err, /no link 9: \S+ has \d/);
});
var addresses = [
  [
    "ORIGIN/v1/berths?free=true&quay=north&quay=south",
    "${origin}/v1/berths",
    { free: "true", quay: ["north", "south"] }
  ],
  ["ORIGIN/v1/x?a=b%20c%26d%3D%C3%A9&plus=a%2Bb", "${origin}/v1/x", { a: "b c&d=\xE9", plus: "a+b" }],
  ["https://other.example:8443/a%2Fb/c?q=%24%7Bx%7D", "https://other.example:8443/a%2Fb/c", { q: "$${x}" }],
  ["ORIGIN/v1/x?a=1&b=2&a=3", "${origin}/v1/x?a=1&b=2&a=3", void 0],
  ["ORIGIN/v1/{x}", "${origin}/v1/%7Bx%7D", void 0]
];
for (const [given, url, query] of addresses) {
  test(`import address ${given} is split, and sent the same`, async () => {
    const cwd = collectionOf({}, origin);
    const whole = given.replace("ORIGIN", origin);
    const ended = await echoTrail(["import", "address", whole, "--as", "it", "--json"], { cwd });
    assert.equal(ended.status, 0, ended.err);
    const { parse } = await import("yaml");
    const file = parse(readFileSync(join(cwd, "requests/it.yaml"), "utf8"));
    assert.deepEqual([file.url, file.query], [url, query]);
    const previewed = document(await echoTrail(["preview", "it", "--json"], { cwd }));
    assert.equal(previewed.url, new URL(whole).href.replaceAll("{", "%7B").replaceAll("}", "%7D"));
  });
}
test("what is doubtful about an address is said: too long, encoded twice", async () => {
  const cwd = collectionOf(
    {
      "environments/sandbox.yaml": `variables: {origin: "${origin}"}
hosts: [127.0.0.1]
url-limit: 60
`,
      "requests/it.yaml": 'url: ${origin}/mirror\nquery: {a: "already%20encoded", b: "a long text that goes past the limit"}\n'
    },
    origin
  );
  const { err } = await echoTrail(["send", "it"], { cwd });
  assert.match(
    err,
    /has \d+ characters, the environment sandbox takes 60; where the vendor has a form of the call with a body/
  );
  assert.match(err, /percent-encoded before it came in/);
});
test("keys that stand twice are pointed out, long numbers stay exact, __proto__ is data", async () => {
  const server = await rawServer(() => {
    const body = '{"a": 1, "b": {"x": 1, "x": 2}, "n": 12345678901234567890, "__proto__": {"c": 3}}';
    return `HTTP/1.1 200 OK\r
content-type: application/json\r
content-length: ${body.length}\r
\r
${body}`;
  });
  const cwd = collectionOf({}, server.origin);
  const { out, err } = await echoTrail(["send", "GET", "/"], { cwd });
  assert.match(err, /\$\.b\.x stands twice/);
  assert.match(out, /12345678901234567890/);
  assert.match(out, /"__proto__": \{\n\s+"c": 3/);
  await server.close();
});
test("charsets by mark, header and declaration", async () => {
  const texts = [
    ["text/plain; charset=iso-8859-1", Buffer.from("Hafenmeister Gr\xFCn", "latin1"), /Grün/],
    ["text/plain", Buffer.from("\uFEFFGr\xFCn", "utf16le"), /Grün/],
    ["application/xml", Buffer.from('<?xml version="1.0" encoding="ISO-8859-1"?><a>Gr\xFCn</a>', "latin1"), /Grün/],
    ["text/html", Buffer.from('<html><meta charset="windows-1252">\x80', "latin1"), /€/]
  ];
  for (const [type, bytes, shown] of texts) {
    const server = await rawServer(
      () => Buffer.concat([
        Buffer.from(`HTTP/1.1 200 OK\r
content-type: ${type}\r
content-length: ${bytes.length}\r
\r
`),
        bytes
      ])
    );
    assert.match((await echoTrail(["send", "GET", "/"], { cwd: collectionOf({}, server.origin) })).out, shown, type);
    await server.close();
  }
});
test("deep objects and lists in a query, cookies of the request beside those of the jar", async () => {
  const seen = await mirrored(
    to(
      'path: {quay: "N 1"}\nquery: {filter: {quay: north, lengthM: {above: 80}}, tag: [a, b]}\ncookies: {desk: "7", gone: "${omit}"}\n',
      "GET"
    ).replace("/mirror", "/mirror{/quay}")
  );
  assert.equal(seen.target, "/mirror/N%201?filter%5Bquay%5D=north&filter%5BlengthM%5D%5Babove%5D=80&tag=a&tag=b");
  assert.equal(seen.header("cookie"), "desk=7");
});
test("HEAD has no body, a conditional request gets 304, hints and trailers are told", async () => {
  const cwd = collectionOf({}, origin);
  const head = await echoTrail(["send", "HEAD", "/notices"], { cwd });
  assert.match(head.err, /200 OK/);
  assert.equal(head.out, "");
  const tag = /etag +("\w+")/.exec((await echoTrail(["send", "GET", "/notices", "--view", "headers"], { cwd })).out)?.[1] ?? "";
  const same = await echoTrail(["send", "GET", "/notices", "--header", `If-None-Match: ${tag}`], { cwd });
  assert.match(same.err, /304 Not Modified/);
  const server = await rawServer(
    () => "HTTP/1.1 103 Early Hints\r\nLink: </a.css>; rel=preload\r\n\r\nHTTP/1.1 200 OK\r\nTransfer-Encoding: chunked\r\nTrailer: X-Sum\r\n\r\n2\r\nok\r\n0\r\nX-Sum: 7\r\n\r\n"
  );
  const told = await echoTrail(["send", "GET", "/", "--view", "headers"], { cwd: collectionOf({}, server.origin) });
  assert.match(told.out, /hint 103\n +Link +<\/a\.css>[\s\S]*trailers\n +X-Sum +7/);
  await server.close();
});
test("a certificate that nobody known signed is refused, and taken for a day when that is asked for", async () => {
  const secure = await startSecure();
  try {
    const cwd = collectionOf({}, secure.origins.selfSigned);
    const refused = await echoTrail(["send", "GET", "/"], { cwd });
    assert.equal(refused.status, 3);
    assert.match(refused.err, /signed by itself[\s\S]*--accept-certificate/);
    const taken = await echoTrail(["send", "GET", "/", "--accept-certificate"], { cwd });
    assert.equal(taken.status, 0, taken.err);
    assert.match(
      taken.err,
      /accepted {2}CN=Nobody in particular, until \d{4}-\d\d-\d\d [\d:]+ UTC\n +SHA-256 [0-9A-F:]{95}/
    );
    const again = await echoTrail(["send", "GET", "/", "--view", "headers"], { cwd });
    assert.match(
      again.out,
      /TLS\n +version +TLSv1[\s\S]*certificate +CN=Nobody in particular, for 127\.0\.0\.1, localhost/
    );
    const plain = await echoTrail(["send", "GET", `${origin}/`, "--accept-certificate"], { cwd });
    assert.match(plain.err, /shows no certificate to accept/);
  } finally {
    await secure.close();
  }
});
test("an environment with a root of its own and a client certificate from files and the secret store", async () => {
  const secure = await startSecure();
  try {
    const { root, client } = secure.certificates;
    const cwd = collectionOf({
      "environments/sandbox.yaml": `variables: {origin: "${secure.origins.client}"}
hosts: [127.0.0.1]
tls: {trust: [certs/root.pem], identity: {certificate: certs/agent.pem, key: "\${secret.agentKey}"}}
`,
      "certs/root.pem": root.certificate,
      "certs/agent.pem": client.certificate
    });
    const ended = await echoTrail(["send", "GET", "/", "--pick", "$.caller"], {
      cwd,
      env: { ECHO_TRAIL_SECRET_AGENT_KEY: client.key }
    });
    assert.equal(ended.out, "Agent at the desk\n", ended.err);
  } finally {
    await secure.close();
  }
});
test("a long body is recorded beside its echo, secrets hidden, and goes with its run", async () => {
  const long = `{"token": "a-secret-token-that-is-hidden", "text": "${"tide ".repeat(6e4)}end"}`;
  const server = await rawServer(
    () => `HTTP/1.1 200 OK\r
content-type: application/json\r
content-length: ${long.length}\r
\r
${long}`
  );
  const cwd = collectionOf(
    { "echo-trail.yaml": "name: test\nenvironment: sandbox\nechoes: {runs: 1}\n" },
    server.origin
  );
  await echoTrail(["send", "GET", "/", "--view", "none"], { cwd });
  const whole = await echoTrail(["echo", "show", "last", "--body"], { cwd });
  assert.match(whole.out, /tide end"\}$/);
  assert.doesNotMatch(whole.out, /a-secret-token/);
  assert.match(
    (await echoTrail(["echo", "show"], { cwd })).out,
    /the beginning of 300\.\d kB; --body prints all of it/
  );
  const echo = document(await echoTrail(["echo", "show", "--json"], { cwd }));
  const file = join(cwd, ".echo-trail/echoes", echo.received.body.file);
  assert.ok(existsSync(file));
  await echoTrail(["send", "GET", "/", "--view", "none"], { cwd });
  assert.equal(existsSync(file), false, "it is let go with its run");
  await server.close();
});
test("cookies, redirects and the time to wait of an ad-hoc request", async () => {
  const cwd = collectionOf({}, origin);
  const seen = document(
    await echoTrail(["send", "GET", "/mirror", "--cookie", "desk=7", "--json"], { cwd })
  );
  assert.ok(seen.body.headers.some(([name, value]) => name.toLowerCase() === "cookie" && value === "desk=7"));
  const server = await rawServer(
    (head) => head.includes("/slow") ? void 0 : "HTTP/1.1 302 Found\r\nlocation: /end\r\ncontent-length: 0\r\n\r\n"
  );
  const there = collectionOf({}, server.origin);
  assert.match((await echoTrail(["send", "GET", "/", "--redirects", "none"], { cwd: there })).err, /302 Found/);
  const slow = await echoTrail(["send", "GET", "/slow", "--timeout", "80ms"], { cwd: there });
  assert.equal(slow.status, 3);
  assert.match(slow.err, /no complete answer within 80 ms/);
  for (const [option, value] of [
    ["--redirects", "some"],
    ["--timeout", "5"]
  ])
    assert.equal((await echoTrail(["send", "GET", "/", option, value], { cwd: there })).status, 2);
  await server.close();
});
test("IPv6: the host of an address in brackets", { skip: noIpv6 }, async () => {
  const server = createServer((_request, response) => response.end("over six")).listen(0, "::1");
  await once(server, "listening");
  const { port } = server.address();
  const cwd = collectionOf({
    "environments/sandbox.yaml": `variables: {origin: "http://[::1]:${port}"}
hosts: ["::1"]
`
  });
  const { out, err } = await echoTrail(["send", "GET", "/", "--view", "headers"], { cwd });
  assert.match(out, /host +\[::1\]:\d+[\s\S]*from ::1/, err);
  server.close();
});
test("compare: what a cookie changes, what a document expects, and nothing where there is nothing", async () => {
  const cwd = collectionOf(
    {
      "requests/gate.yaml": "url: ${origin}/visitors\nkeep: {seal: cookie.seal}\n",
      "requests/enter.yaml": 'method: POST\nurl: ${origin}/visitors\ninputs: {seal: {}}\nbody: {form: {seal: "${seal}", visitor: Ada Grey}}\n',
      "requests/chart.yaml": "url: ${origin}/chart\n",
      "trails/visit.yaml": "steps: [{send: gate}, {send: enter}]\n",
      "data/chart.json": '{"name": "Larkhaven", "href": "/chart", "places": []}'
    },
    origin
  );
  await echoTrail(["run", "visit"], { cwd });
  const idOf = (ended) => /echo +(\S+)/.exec(ended.err)?.[1] ?? "";
  const inside = idOf(await echoTrail(["send", "GET", "/visitors", "--view", "none"], { cwd }));
  const outside = idOf(await echoTrail(["send", "GET", "/visitors", "--view", "none", "--no-cookies"], { cwd }));
  const differ = await echoTrail(["compare", inside, outside], { cwd });
  assert.equal(differ.status, 1);
  assert.match(differ.out, /changed +line 4 +\S*<p>Welcome, Ada Grey[\s\S]*<form method/);
  assert.equal((await echoTrail(["compare", inside, inside], { cwd })).out, "no difference\n");
  const expected = await echoTrail(["compare", "chart", "data/chart.json", "--ignoring", "$.places", "--json"], {
    cwd
  });
  assert.deepEqual(document(expected), {
    same: false,
    differences: [{ at: "$.soundings", kind: "removed", left: `${origin}/chart?layer=soundings` }]
  });
  assert.equal((await echoTrail(["compare", "chart", "data/chart.json", "--only", "$.name"], { cwd })).status, 0);
  assert.match((await echoTrail(["compare", "chart", "chrt"], { cwd })).err, /no request chrt[\s\S]*chart/);
});
test("each row of a run brings its own host and its own pinned certificate", async () => {
  const secure = await startSecure();
  try {
    const { selfSigned, trusted } = secure.origins;
    const pin = async (url) => (await certificateOf(new URL(url), void 0))?.fingerprint ?? "";
    const cwd = collectionOf({
      "environments/sandbox.yaml": 'variables: {origin: "${address}"}\nhosts: [127.0.0.1]\ntls: {pinned: "${pin}"}\n',
      "requests/it.yaml": "url: ${origin}/\nexpect: {status: 200}\n",
      "trails/fleet.yaml": "rows: data/fleet.csv\nsteps: [{send: it}]\n",
      "data/fleet.csv": `address,pin
${selfSigned},${await pin(selfSigned)}
${trusted},${await pin(trusted)}
${trusted},AB:CD
`
    });
    const { out, status } = await echoTrail(["run", "fleet"], { cwd });
    assert.equal(status, 3, out);
    assert.match(out, /another certificate than the one that is pinned/);
    const lines = await echoTrail(["run", "fleet", "--json"], { cwd });
    const sent = lines.out.split("\n").filter((line) => line.includes('"event":"step"'));
    assert.equal(sent.filter((line) => line.includes('"state":"ok"')).length, 2, lines.out);
  } finally {
    await secure.close();
  }
});
test("a file that cannot be written is told before anything is sent; one that claims to be JSON is saved unread", async () => {
  const cwd = collectionOf({}, origin);
  for (const [to2, says] of [
    ["no/such/folder/it.bin", /there is no folder/],
    [cwd, /that is a folder/]
  ]) {
    const { status, err } = await echoTrail(["send", "GET", "/notices", "--to", to2], { cwd });
    assert.equal(status, 2);
    assert.match(err, says);
  }
  assert.equal(existsSync(join(cwd, ".echo-trail/echoes")), false);
  const saved = await echoTrail(["send", "GET", "/notices", "--to", "notices.json"], { cwd });
  assert.equal(saved.status, 0, saved.err);
  assert.equal(
    JSON.parse(readFileSync(join(cwd, "notices.json"), "utf8")).notices.length,
    3
  );
});
test("a GraphQL call with a file goes by POST, and by GET it says so", async () => {
  const cwd = collectionOf(
    {
      "data/plan.txt": "a plan\n",
      "requests/it.yaml": 'url: ${origin}/mirror\nbody: {graphql: {document: "query($a: Upload) { b(a: $a) }", variables: {a: {upload: data/plan.txt}}}}\n'
    },
    origin
  );
  const { status, err } = await echoTrail(["send", "it"], { cwd });
  assert.equal(status, 2);
  assert.match(err, /a variable is a file, and a GET carries none[\s\S]*method: POST/);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL2V4Y2hhbmdlLnRlc3QudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBXaGF0IGdvZXMgb3ZlciB0aGUgd2lyZSwgYnl0ZSBmb3IgYnl0ZSwgYW5kIHdoYXQgY29tZXMgYmFjazogYm9kaWVzLCBjb29raWVzLCByZWRpcmVjdHMsIHZpZXdzLCBmaWxlcywgbGlua3MuICovXG5pbXBvcnQgYXNzZXJ0IGZyb20gJ25vZGU6YXNzZXJ0L3N0cmljdCc7XG5pbXBvcnQgeyBjcmVhdGVIYXNoIH0gZnJvbSAnbm9kZTpjcnlwdG8nO1xuaW1wb3J0IHsgb25jZSB9IGZyb20gJ25vZGU6ZXZlbnRzJztcbmltcG9ydCB7IGV4aXN0c1N5bmMsIHJlYWRGaWxlU3luYywgd3JpdGVGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgY3JlYXRlU2VydmVyIH0gZnJvbSAnbm9kZTpodHRwJztcbmltcG9ydCB0eXBlIHsgQWRkcmVzc0luZm8gfSBmcm9tICdub2RlOm5ldCc7XG5pbXBvcnQgeyBuZXR3b3JrSW50ZXJmYWNlcyB9IGZyb20gJ25vZGU6b3MnO1xuaW1wb3J0IHsgam9pbiB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyB0ZXN0IH0gZnJvbSAnbm9kZTp0ZXN0JztcbmltcG9ydCB7IGJyb3RsaUNvbXByZXNzU3luYywgZGVmbGF0ZVJhd1N5bmMsIGRlZmxhdGVTeW5jLCBnemlwU3luYyB9IGZyb20gJ25vZGU6emxpYic7XG5pbXBvcnQgeyBMaXZlU2luayB9IGZyb20gJy4uLy4uL3NyYy9jbGkvc2VuZGluZy9saXZlLXNpbmsuanMnO1xuaW1wb3J0IHsgY2VydGlmaWNhdGVPZiB9IGZyb20gJy4uLy4uL3NyYy9jb3JlL2V4Y2hhbmdlL2NlcnRpZmljYXRlLmpzJztcbmltcG9ydCB7IHN0YXJ0U2VjdXJlIH0gZnJvbSAnLi4vLi4vc3JjL3N0YW5kaW4vc2VjdXJlL3NlcnZlci5qcyc7XG5pbXBvcnQgeyBjb2xsZWN0aW9uT2YsIHRlbXBvcmFyeUZvbGRlciwgd3JpdGVJbiB9IGZyb20gJy4uL3N1cHBvcnQvZm9sZGVyLmpzJztcbmltcG9ydCB7IGRvY3VtZW50LCB0eXBlIEVuZGVkLCBlY2hvVHJhaWwgfSBmcm9tICcuLi9zdXBwb3J0L3Byb2dyYW0uanMnO1xuaW1wb3J0IHsgYW5zd2VyT2YsIHJhd1NlcnZlciB9IGZyb20gJy4uL3N1cHBvcnQvcmF3LXNlcnZlci5qcyc7XG5pbXBvcnQgeyBoYXJib3VyRm9yVGhpc0ZpbGUgfSBmcm9tICcuLi9zdXBwb3J0L3N0YW5kaW4uanMnO1xuXG5jb25zdCB7IG9yaWdpbiB9ID0gYXdhaXQgaGFyYm91ckZvclRoaXNGaWxlKCk7XG5cbmNvbnN0IG5vSXB2NiA9IE9iamVjdC52YWx1ZXMobmV0d29ya0ludGVyZmFjZXMoKSlcbiAgLmZsYXQoKVxuICAuc29tZSgob25lKSA9PiBvbmU/LmFkZHJlc3MgPT09ICc6OjEnKVxuICA/IGZhbHNlXG4gIDogJ25vIElQdjYgaGVyZSc7XG5cbmludGVyZmFjZSBNaXJyb3JlZCB7XG4gIHJlYWRvbmx5IG1ldGhvZDogc3RyaW5nO1xuICByZWFkb25seSB0YXJnZXQ6IHN0cmluZztcbiAgcmVhZG9ubHkgaGVhZGVyczogcmVhZG9ubHkgKHJlYWRvbmx5IFtzdHJpbmcsIHN0cmluZ10pW107XG4gIHJlYWRvbmx5IGJvZHk6IHsgcmVhZG9ubHkgc2l6ZTogbnVtYmVyOyByZWFkb25seSBzaGEyNTY6IHN0cmluZzsgcmVhZG9ubHkgYmFzZTY0OiBzdHJpbmcgfTtcbn1cblxuLyoqIFNlbmRzIGEgcmVxdWVzdCBmaWxlIHRvIHRoZSBtaXJyb3IsIGFuZCBnaXZlcyBiYWNrIHdoYXQgdGhlIG1pcnJvciByZWNlaXZlZC4gKi9cbmFzeW5jIGZ1bmN0aW9uIG1pcnJvcmVkKFxuICByZXF1ZXN0OiBzdHJpbmcsXG4gIGZpbGVzOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+PiA9IHt9LFxuICAuLi5hcmdzOiByZWFkb25seSBzdHJpbmdbXVxuKTogUHJvbWlzZTxNaXJyb3JlZCAmIHsgcmVhZG9ubHkgdGV4dDogc3RyaW5nOyBoZWFkZXIobmFtZTogc3RyaW5nKTogc3RyaW5nIHwgdW5kZWZpbmVkIH0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHsgJ3JlcXVlc3RzL2l0LnlhbWwnOiByZXF1ZXN0LCAuLi5maWxlcyB9LCBvcmlnaW4pO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnaXQnLCAnLS1qc29uJywgLi4uYXJnc10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwLCBgJHtlbmRlZC5lcnJ9XFxuJHtlbmRlZC5vdXR9YCk7XG4gIGNvbnN0IHsgYm9keTogc2VlbiB9ID0gZG9jdW1lbnQ8eyBib2R5OiBNaXJyb3JlZCB9PihlbmRlZCk7XG4gIHJldHVybiB7XG4gICAgLi4uc2VlbixcbiAgICB0ZXh0OiBCdWZmZXIuZnJvbShzZWVuLmJvZHkuYmFzZTY0LCAnYmFzZTY0JykudG9TdHJpbmcoKSxcbiAgICBoZWFkZXI6IChuYW1lKSA9PiBzZWVuLmhlYWRlcnMuZmluZCgoW2tleV0pID0+IGtleS50b0xvd2VyQ2FzZSgpID09PSBuYW1lKT8uWzFdLFxuICB9O1xufVxuXG5jb25zdCB0byA9IChtb3JlOiBzdHJpbmcsIG1ldGhvZCA9ICdQT1NUJyk6IHN0cmluZyA9PlxuICBgbWV0aG9kOiAke21ldGhvZH1cXG5jaGFuZ2VzOiBmYWxzZVxcbnVybDogXFwke29yaWdpbn0vbWlycm9yXFxuJHttb3JlfWA7XG5cbnRlc3QoJ3BhcnRzOiB0ZXh0cywgbGlzdHMsIHZhbHVlcywgdGVtcGxhdGVzIGFuZCBmaWxlcywgZWFjaCB3aXRoIGl0cyBuYW1lIGFuZCB0eXBlLCBhbmQgdGhlIGxlbmd0aCBpbiBmcm9udCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2VlbiA9IGF3YWl0IG1pcnJvcmVkKFxuICAgIHRvKGBpbnB1dHM6IHtuaWdodHM6IHt0eXBlOiBpbnRlZ2VyLCBkZWZhdWx0OiAyfX1cbmJvZHk6XG4gIHBhcnRzOlxuICAgIG5vdGU6IFwiYSBcXFxcXCJxdW90ZWRcXFxcXCIgbm90ZVwiXG4gICAgdGFnOiBbbm9ydGgsIHNvdXRoXVxuICAgIGdvbmU6IFxcJHtvbWl0fVxuICAgIHdpc2g6IHtqc29uOiB7bmlnaHRzOiBcIlxcJHtuaWdodHN9XCJ9fVxuICAgIHBsYW46IHtmaWxlOiBkYXRhL3BsYW4udHh0LCB0eXBlOiB0ZXh0L3gtcGxhbiwgbmFtZTogJ3BsXHUwMEU0biBcIjFcIi50eHQnfVxuICAgIG1vbGU6IHt0ZW1wbGF0ZTogYm9kaWVzL21vbGUueG1sfVxuYCksXG4gICAgeyAnZGF0YS9wbGFuLnR4dCc6ICdsaW5lIDFcXHJcXG5saW5lIDInLCAnYm9kaWVzL21vbGUueG1sJzogJzxtb2xlIG5pZ2h0cz1cIiR7bmlnaHRzfVwiLz4nIH0sXG4gICk7XG4gIGNvbnN0IGJvdW5kYXJ5ID0gL15tdWx0aXBhcnRcXC9mb3JtLWRhdGE7IGJvdW5kYXJ5PShwYXJ0LVswLTlhLWZdezI0fSkkLy5leGVjKHNlZW4uaGVhZGVyKCdjb250ZW50LXR5cGUnKSA/PyAnJyk/LlsxXTtcbiAgYXNzZXJ0Lm9rKGJvdW5kYXJ5KTtcbiAgY29uc3QgcGFydCA9IChoZWFkOiBzdHJpbmcsIGJvZHk6IHN0cmluZyk6IHN0cmluZyA9PiBgLS0ke2JvdW5kYXJ5fVxcclxcbiR7aGVhZH1cXHJcXG5cXHJcXG4ke2JvZHl9XFxyXFxuYDtcbiAgY29uc3QgZXhwZWN0ZWQgPVxuICAgIHBhcnQoJ0NvbnRlbnQtRGlzcG9zaXRpb246IGZvcm0tZGF0YTsgbmFtZT1cIm5vdGVcIicsICdhIFwicXVvdGVkXCIgbm90ZScpICtcbiAgICBwYXJ0KCdDb250ZW50LURpc3Bvc2l0aW9uOiBmb3JtLWRhdGE7IG5hbWU9XCJ0YWdcIicsICdub3J0aCcpICtcbiAgICBwYXJ0KCdDb250ZW50LURpc3Bvc2l0aW9uOiBmb3JtLWRhdGE7IG5hbWU9XCJ0YWdcIicsICdzb3V0aCcpICtcbiAgICBwYXJ0KCdDb250ZW50LURpc3Bvc2l0aW9uOiBmb3JtLWRhdGE7IG5hbWU9XCJ3aXNoXCJcXHJcXG5Db250ZW50LVR5cGU6IGFwcGxpY2F0aW9uL2pzb24nLCAne1wibmlnaHRzXCI6Mn0nKSArXG4gICAgcGFydChcbiAgICAgICdDb250ZW50LURpc3Bvc2l0aW9uOiBmb3JtLWRhdGE7IG5hbWU9XCJwbGFuXCI7IGZpbGVuYW1lPVwicGxcdTAwRTRuICUyMjElMjIudHh0XCJcXHJcXG5Db250ZW50LVR5cGU6IHRleHQveC1wbGFuJyxcbiAgICAgICdsaW5lIDFcXHJcXG5saW5lIDInLFxuICAgICkgK1xuICAgIHBhcnQoXG4gICAgICAnQ29udGVudC1EaXNwb3NpdGlvbjogZm9ybS1kYXRhOyBuYW1lPVwibW9sZVwiXFxyXFxuQ29udGVudC1UeXBlOiBhcHBsaWNhdGlvbi94bWw7IGNoYXJzZXQ9dXRmLTgnLFxuICAgICAgJzxtb2xlIG5pZ2h0cz1cIjJcIi8+JyxcbiAgICApICtcbiAgICBgLS0ke2JvdW5kYXJ5fS0tXFxyXFxuYDtcbiAgYXNzZXJ0LmVxdWFsKHNlZW4udGV4dCwgZXhwZWN0ZWQpO1xuICBhc3NlcnQuZXF1YWwoc2Vlbi5oZWFkZXIoJ2NvbnRlbnQtbGVuZ3RoJyksIFN0cmluZyhCdWZmZXIuYnl0ZUxlbmd0aChleHBlY3RlZCkpKTtcbn0pO1xuXG50ZXN0KCdhIHJlYWwgcGFyc2VyIG9mIG11bHRpcGFydCByZWFkcyB0aGVtLCBhIGxhcmdlIGZpbGUgYnkgaXRzIGRpZ2VzdCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgICdyZXF1ZXN0cy91cC55YW1sJzpcbiAgICAgICAgJ21ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L3VwbG9hZHNcXG5ib2R5OiB7cGFydHM6IHthYm91dDogY2FyZ28sIHBsYW46IHtmaWxlOiBkYXRhL2xhcmdlLmJpbn19fVxcbicsXG4gICAgfSxcbiAgICBvcmlnaW4sXG4gICk7XG4gIGNvbnN0IGxhcmdlID0gQnVmZmVyLmFsbG9jKDNfMDAwXzAwMCwgJ3RpZGUnKTtcbiAgd3JpdGVJbihjd2QsICdkYXRhL2xhcmdlLmJpbicsICcnKTtcbiAgd3JpdGVGaWxlU3luYyhqb2luKGN3ZCwgJ2RhdGEvbGFyZ2UuYmluJyksIGxhcmdlKTtcbiAgY29uc3QgeyBib2R5IH0gPSBkb2N1bWVudDx7IGJvZHk6IHsgcGFydHM6IG9iamVjdFtdIH0gfT4oYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICd1cCcsICctLWpzb24nXSwgeyBjd2QgfSkpO1xuICBhc3NlcnQuZGVlcEVxdWFsKGJvZHkucGFydHMsIFtcbiAgICB7IG5hbWU6ICdhYm91dCcsIHR5cGU6ICd0ZXh0L3BsYWluJywgdmFsdWU6ICdjYXJnbycgfSxcbiAgICB7XG4gICAgICBuYW1lOiAncGxhbicsXG4gICAgICBmaWxlTmFtZTogJ2xhcmdlLmJpbicsXG4gICAgICB0eXBlOiAnYXBwbGljYXRpb24vb2N0ZXQtc3RyZWFtJyxcbiAgICAgIHNpemU6IGxhcmdlLmxlbmd0aCxcbiAgICAgIHNoYTI1NjogY3JlYXRlSGFzaCgnc2hhMjU2JykudXBkYXRlKGxhcmdlKS5kaWdlc3QoJ2hleCcpLFxuICAgIH0sXG4gIF0pO1xufSk7XG5cbnRlc3QoJ2EgZmlsZSBpcyBzZW50IGFzIGl0IGlzLCBpdHMgdHlwZSBieSBpdHMgZW5kaW5nOyBwcmV2aWV3IHRlbGxzIGl0cyBzaXplIGFuZCByZWFkcyBub25lIG9mIGl0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCByZXF1ZXN0ID0gdG8oJ2JvZHk6IHtmaWxlOiBcImRhdGEvJHtuYW1lfS5wZGZcIn1cXG5pbnB1dHM6IHtuYW1lOiB7ZGVmYXVsdDogcGxhbn19XFxuJywgJ1BVVCcpO1xuICBjb25zdCBzZWVuID0gYXdhaXQgbWlycm9yZWQocmVxdWVzdCwgeyAnZGF0YS9wbGFuLnBkZic6ICclUERGLTEuNyBtYWRlIHVwJyB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChcbiAgICBbc2Vlbi50ZXh0LCBzZWVuLmhlYWRlcignY29udGVudC10eXBlJyksIHNlZW4uaGVhZGVyKCdjb250ZW50LWxlbmd0aCcpXSxcbiAgICBbJyVQREYtMS43IG1hZGUgdXAnLCAnYXBwbGljYXRpb24vcGRmJywgJzE2J10sXG4gICk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7ICdyZXF1ZXN0cy9pdC55YW1sJzogcmVxdWVzdCwgJ2RhdGEvcGxhbi5wZGYnOiAnJVBERi0xLjcgbWFkZSB1cCcgfSwgb3JpZ2luKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIChhd2FpdCBlY2hvVHJhaWwoWydwcmV2aWV3JywgJ2l0J10sIHsgY3dkIH0pKS5vdXQsXG4gICAgL2JvZHkgezJ9YXBwbGljYXRpb25cXC9wZGYsIDE2IEJcXG4gezJ9XFwoMTYgQiBvZiBkYXRhXFwvcGxhblxcLnBkZlxcKS8sXG4gICk7XG4gIGNvbnN0IG91dHNpZGUgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2l0JywgJy0tc2V0JywgJ25hbWU9Li4vLi4vc2VjcmV0J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwob3V0c2lkZS5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2gob3V0c2lkZS5lcnIsIC9vdXRzaWRlfGRvZXMgbm90IGV4aXN0Lyk7XG59KTtcblxudGVzdCgnYSB0ZW1wbGF0ZSBpbiBKU09OIGtlZXBzIHR5cGVzLCBpbiBYTUwgaXQgZXNjYXBlcywgZHJvcHMgd2hhdCBpcyBvbWl0dGVkLCBhbmQgY2hlY2tzIG5hbWVzIG9mIGVsZW1lbnRzJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBqc29uID0gYXdhaXQgbWlycm9yZWQoXG4gICAgdG8oJ2lucHV0czoge25pZ2h0czoge3R5cGU6IGludGVnZXIsIGRlZmF1bHQ6IDJ9LCBub3RlOiB7ZGVmYXVsdDogXCJhXFxcXFwiYlwifX1cXG5ib2R5OiB7dGVtcGxhdGU6IGJvZGllcy93aXNoLmpzb259XFxuJyksXG4gICAge1xuICAgICAgJ2JvZGllcy93aXNoLmpzb24nOiAne1wibmlnaHRzXCI6IFwiJHtuaWdodHN9XCIsIFwibm90ZVwiOiBcIiR7bm90ZX1cIiwgXCJnb25lXCI6IFwiJHtvbWl0fVwifScsXG4gICAgfSxcbiAgKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChbanNvbi50ZXh0LCBqc29uLmhlYWRlcignY29udGVudC10eXBlJyldLCBbJ3tcIm5pZ2h0c1wiOjIsXCJub3RlXCI6XCJhXFxcXFwiYlwifScsICdhcHBsaWNhdGlvbi9qc29uJ10pO1xuICBjb25zdCB4bWwgPSB7XG4gICAgJ2JvZGllcy93aXNoLnhtbCc6IGA8d2lzaCBraW5kPVwiXFwke2tpbmQgPz8gb21pdH1cIiBiZXJ0aD1cIk4xXCI+XG4gIDxcXCR7d2hhdH0+XFwke25vdGV9PC9cXCR7d2hhdH0+XG4gIDxyZW1hcmtzIGxhbmc9XCJlblwiPlxcJHtyZW1hcmtzID8/IG9taXR9PC9yZW1hcmtzPlxuICA8bmlnaHRzPjI8L25pZ2h0cz5cbjwvd2lzaD5cbmAsXG4gIH07XG4gIGNvbnN0IHJlcXVlc3QgPSB0byhcbiAgICAnaW5wdXRzOiB7a2luZDoge30sIHJlbWFya3M6IHt9LCB3aGF0OiB7ZGVmYXVsdDogYmVydGh9LCBub3RlOiB7ZGVmYXVsdDogXCJhIDwgYiAmIGNcIn19XFxuYm9keToge3RlbXBsYXRlOiBib2RpZXMvd2lzaC54bWx9XFxuJyxcbiAgKTtcbiAgY29uc3QgYmFyZSA9IGF3YWl0IG1pcnJvcmVkKHJlcXVlc3QucmVwbGFjZSgna2luZDoge30sIHJlbWFya3M6IHt9LCAnLCAnJyksIHtcbiAgICAnYm9kaWVzL3dpc2gueG1sJzogeG1sWydib2RpZXMvd2lzaC54bWwnXSxcbiAgfSk7XG4gIGFzc2VydC5lcXVhbChiYXJlLnRleHQsICc8d2lzaCBiZXJ0aD1cIk4xXCI+XFxuICA8YmVydGg+YSAmbHQ7IGIgJmFtcDsgYzwvYmVydGg+XFxuICA8bmlnaHRzPjI8L25pZ2h0cz5cXG48L3dpc2g+XFxuJyk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7ICdyZXF1ZXN0cy9pdC55YW1sJzogcmVxdWVzdCwgLi4ueG1sIH0sIG9yaWdpbik7XG4gIGNvbnN0IHdyb25nID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdpdCcsICctLXNldCcsICd3aGF0PWEgYicsICctLXNldCcsICdraW5kPXgnLCAnLS1zZXQnLCAncmVtYXJrcz15J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwod3Jvbmcuc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKHdyb25nLmVyciwgL1wiYSBiXCIgY2Fubm90IGJlIHRoZSBuYW1lIG9mIGFuIGVsZW1lbnQvKTtcbn0pO1xuXG50ZXN0KCdyZW5kZXIgYW5kIHJlbmRlci1lYWNoIHB1dCB0ZW1wbGF0ZXMgdG9nZXRoZXIsIGluIGEgcGFyYW1ldGVyIG9yIGluIGFub3RoZXIgdGVtcGxhdGUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlZW4gPSBhd2FpdCBtaXJyb3JlZChcbiAgICB0byhcbiAgICAgICdpbnB1dHM6IHtsaW5lczoge3R5cGU6IGFycmF5LCBkZWZhdWx0OiBbe2NvZGU6IE4xfSwge2NvZGU6IFwiUyYyXCJ9XX19XFxucXVlcnk6IHtmaWxpbmc6IFxcJyR7cmVuZGVyKFwiYm9kaWVzL2ZpbGluZy54bWxcIil9XFwnfVxcbicsXG4gICAgICAnR0VUJyxcbiAgICApLFxuICAgIHtcbiAgICAgICdib2RpZXMvZmlsaW5nLnhtbCc6ICc8ZmlsaW5nPiR7bGluZXMgfCByZW5kZXItZWFjaChcImJvZGllcy9saW5lLnhtbFwiKX08L2ZpbGluZz4nLFxuICAgICAgJ2JvZGllcy9saW5lLnhtbCc6ICc8bGluZT4ke2NvZGV9PC9saW5lPicsXG4gICAgfSxcbiAgKTtcbiAgYXNzZXJ0LmVxdWFsKFxuICAgIG5ldyBVUkwoc2Vlbi50YXJnZXQsIG9yaWdpbikuc2VhcmNoUGFyYW1zLmdldCgnZmlsaW5nJyksXG4gICAgJzxmaWxpbmc+PGxpbmU+TjE8L2xpbmU+PGxpbmU+UyZhbXA7MjwvbGluZT48L2ZpbGluZz4nLFxuICApO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAgeyAncmVxdWVzdHMvaXQueWFtbCc6IHRvKCdib2R5OiB7dGVtcGxhdGU6IGJvZGllcy9hLnR4dH1cXG4nKSwgJ2JvZGllcy9hLnR4dCc6ICcke3JlbmRlcihcImJvZGllcy9hLnR4dFwiKX0nIH0sXG4gICAgb3JpZ2luLFxuICApO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnaXQnXSwgeyBjd2QgfSkpLmVyciwgL3JlbmRlcnMgaXRzZWxmLyk7XG59KTtcblxudGVzdCgnYSBmb3JtIHdpdGggbmVzdGVkIGtleXMgYW5kIGxpc3RzLCBVUkwtZW5jb2RlZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2VlbiA9IGF3YWl0IG1pcnJvcmVkKFxuICAgIHRvKCdib2R5OiB7Zm9ybToge2E6IFwieCB5JnpcIiwgbGlzdDogWzEsIDJdLCBiZXJ0aDoge3F1YXk6IG5vcnRoLCBlbmRzOiBbe206IDF9LCB7bTogMn1dfX19XFxuJyksXG4gICk7XG4gIGFzc2VydC5lcXVhbChcbiAgICBzZWVuLnRleHQsXG4gICAgJ2E9eCt5JTI2eiZsaXN0PTEmbGlzdD0yJmJlcnRoJTVCcXVheSU1RD1ub3J0aCZiZXJ0aCU1QmVuZHMlNUQlNUIwJTVEJTVCbSU1RD0xJmJlcnRoJTVCZW5kcyU1RCU1QjElNUQlNUJtJTVEPTInLFxuICApO1xufSk7XG5cbnRlc3QoJ0dyYXBoUUw6IGEgZG9jdW1lbnQgaW4gYm9kaWVzLywgYnkgUE9TVCwgYnkgR0VULCBhbmQgd2l0aCBhIGZpbGUgYXMgYSB2YXJpYWJsZScsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgZmlsZXMgPSB7ICdib2RpZXMvcm90YS5ncmFwaHFsJzogJ3F1ZXJ5IFJvdGEoJG46IEludCkgeyBwaWxvdHMoZmlyc3Q6ICRuKSB7IGlkIH0gfScsICdkYXRhL3BsYW4udHh0JzogJ3BsYW4nIH07XG4gIGNvbnN0IGJvZHkgPSAnYm9keToge2dyYXBocWw6IHtkb2N1bWVudDogYm9kaWVzL3JvdGEuZ3JhcGhxbCwgdmFyaWFibGVzOiB7bjogM30sIG9wZXJhdGlvbjogUm90YX19XFxuJztcbiAgY29uc3QgcG9zdGVkID0gYXdhaXQgbWlycm9yZWQodG8oYm9keSksIGZpbGVzKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChKU09OLnBhcnNlKHBvc3RlZC50ZXh0KSwge1xuICAgIHF1ZXJ5OiBmaWxlc1snYm9kaWVzL3JvdGEuZ3JhcGhxbCddLFxuICAgIHZhcmlhYmxlczogeyBuOiAzIH0sXG4gICAgb3BlcmF0aW9uTmFtZTogJ1JvdGEnLFxuICB9KTtcbiAgY29uc3QgZ290ID0gYXdhaXQgbWlycm9yZWQodG8oYm9keSwgJ0dFVCcpLCBmaWxlcyk7XG4gIGNvbnN0IHBhcmFtZXRlcnMgPSBuZXcgVVJMKGdvdC50YXJnZXQsIG9yaWdpbikuc2VhcmNoUGFyYW1zO1xuICBhc3NlcnQuZGVlcEVxdWFsKFxuICAgIFtwYXJhbWV0ZXJzLmdldCgncXVlcnknKSwgcGFyYW1ldGVycy5nZXQoJ3ZhcmlhYmxlcycpLCBwYXJhbWV0ZXJzLmdldCgnb3BlcmF0aW9uTmFtZScpLCBnb3QuYm9keS5zaXplXSxcbiAgICBbZmlsZXNbJ2JvZGllcy9yb3RhLmdyYXBocWwnXSwgJ3tcIm5cIjozfScsICdSb3RhJywgMF0sXG4gICk7XG4gIGNvbnN0IHVwbG9hZGVkID0gYXdhaXQgbWlycm9yZWQoXG4gICAgdG8oJ2JvZHk6IHtncmFwaHFsOiB7ZG9jdW1lbnQ6IGJvZGllcy9yb3RhLmdyYXBocWwsIHZhcmlhYmxlczoge3BsYW5zOiBbe3VwbG9hZDogZGF0YS9wbGFuLnR4dH1dfX19XFxuJyksXG4gICAgZmlsZXMsXG4gICk7XG4gIGFzc2VydC5tYXRjaCh1cGxvYWRlZC50ZXh0LCAvbmFtZT1cIm9wZXJhdGlvbnNcIlxcclxcblxcclxcblxce1wicXVlcnlcIjpbXlxccl0qXCJ2YXJpYWJsZXNcIjpcXHtcInBsYW5zXCI6XFxbbnVsbFxcXVxcfVxcfVxcclxcbi8pO1xuICBhc3NlcnQubWF0Y2godXBsb2FkZWQudGV4dCwgL25hbWU9XCJtYXBcIlxcclxcblxcclxcblxce1wiMVwiOlxcW1widmFyaWFibGVzXFwucGxhbnNcXC4wXCJcXF1cXH1cXHJcXG4vKTtcbiAgYXNzZXJ0Lm1hdGNoKHVwbG9hZGVkLnRleHQsIC9uYW1lPVwiMVwiOyBmaWxlbmFtZT1cInBsYW5cXC50eHRcIlxcclxcbkNvbnRlbnQtVHlwZTogdGV4dFxcL3BsYWluXFxyXFxuXFxyXFxucGxhblxcclxcbi8pO1xufSk7XG5cbnRlc3QoJ3RoZSBhZC1ob2MgZm9ybXMgb2YgYWxsIHRoaXMsIGFuZCB0aGUgZmlsZSB0aGF0IGRvZXMgdGhlIHNhbWUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7ICdkYXRhL3BsYW4udHh0JzogJ3BsYW4nIH0sIG9yaWdpbik7XG4gIGNvbnN0IHNlbmQgPSAoLi4uYXJnczogc3RyaW5nW10pOiBQcm9taXNlPEVuZGVkPiA9PlxuICAgIGVjaG9UcmFpbChbJ3NlbmQnLCAnUE9TVCcsICcvbWlycm9yJywgJy0tYWxsb3ctY2hhbmdlcycsICctLWpzb24nLCAuLi5hcmdzXSwgeyBjd2QgfSk7XG4gIGNvbnN0IHRleHRPZiA9IGFzeW5jICguLi5hcmdzOiBzdHJpbmdbXSk6IFByb21pc2U8c3RyaW5nPiA9PlxuICAgIEJ1ZmZlci5mcm9tKGRvY3VtZW50PHsgYm9keTogTWlycm9yZWQgfT4oYXdhaXQgc2VuZCguLi5hcmdzKSkuYm9keS5ib2R5LmJhc2U2NCwgJ2Jhc2U2NCcpLnRvU3RyaW5nKCk7XG4gIGFzc2VydC5lcXVhbChhd2FpdCB0ZXh0T2YoJy0tZm9ybScsICdhPTEnLCAnLS1mb3JtJywgJ2I9JHt4fScpLCAnYT0xJmI9JTI0JTdCeCU3RCcpO1xuICBhc3NlcnQuZXF1YWwoYXdhaXQgdGV4dE9mKCctLWJvZHktdGV4dCcsICdwbGFpbiAke3h9JyksICdwbGFpbiAke3h9Jyk7XG4gIGFzc2VydC5lcXVhbChhd2FpdCB0ZXh0T2YoJy0tYm9keS1maWxlJywgJ2RhdGEvcGxhbi50eHQnKSwgJ3BsYW4nKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIGF3YWl0IHRleHRPZignLS1wYXJ0JywgJ2E9MScsICctLXBhcnQtZmlsZScsICdwbGFuPWRhdGEvcGxhbi50eHQnLCAnLS1hcycsICdrZXB0JyksXG4gICAgL25hbWU9XCJhXCJbXFxzXFxTXSpmaWxlbmFtZT1cInBsYW5cXC50eHRcIi8sXG4gICk7XG4gIGNvbnN0IGFnYWluID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdrZXB0JywgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIEJ1ZmZlci5mcm9tKGRvY3VtZW50PHsgYm9keTogTWlycm9yZWQgfT4oYWdhaW4pLmJvZHkuYm9keS5iYXNlNjQsICdiYXNlNjQnKS50b1N0cmluZygpLFxuICAgIC9maWxlbmFtZT1cInBsYW5cXC50eHRcIi8sXG4gICk7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgc2VuZCgnLS1mb3JtJywgJ2E9MScsICctLWJvZHktdGV4dCcsICdiJykpLmVyciwgL29uZSBib2R5Lyk7XG59KTtcblxudGVzdCgnY29va2llczogdGFrZW4sIHNlbnQgYWdhaW4sIGtlcHQgc2VhbGVkIGZvciB0aGUgbmV4dCBjb21tYW5kLCBhbmQgbGVmdCBvdXQgb24gcmVxdWVzdCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgICdyZXF1ZXN0cy9nYXRlLnlhbWwnOiAndXJsOiAke29yaWdpbn0vdmlzaXRvcnNcXG5rZWVwOiB7c2VhbDogY29va2llLnNlYWx9XFxuJyxcbiAgICAgICdyZXF1ZXN0cy9lbnRlci55YW1sJzpcbiAgICAgICAgJ21ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L3Zpc2l0b3JzXFxuaW5wdXRzOiB7c2VhbDoge319XFxuYm9keToge2Zvcm06IHtzZWFsOiBcIiR7c2VhbH1cIiwgdmlzaXRvcjogQWRhIEdyZXl9fVxcbmV4cGVjdDoge3N0YXR1czogMjAwLCBob3BzOiAxLCBib2R5OiB7Y29udGFpbnM6IHZpZXdpbmcgZGVja319XFxuJyxcbiAgICAgICd0cmFpbHMvdmlzaXQueWFtbCc6ICdzdGVwczogW3tzZW5kOiBnYXRlfSwge3NlbmQ6IGVudGVyfV1cXG4nLFxuICAgIH0sXG4gICAgb3JpZ2luLFxuICApO1xuICBjb25zdCB3YWxrZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAndmlzaXQnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbCh3YWxrZWQuc3RhdHVzLCAwLCB3YWxrZWQub3V0ICsgd2Fsa2VkLmVycik7XG4gIGNvbnN0IGluc2lkZSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy92aXNpdG9ycyddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKGluc2lkZS5vdXQsIC9XZWxjb21lLCBBZGEgR3JleS8pO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy92aXNpdG9ycycsICctLW5vLWNvb2tpZXMnXSwgeyBjd2QgfSkpLm91dCwgLzxmb3JtLyk7XG4gIGNvbnN0IHNlYWxlZCA9IHJlYWRGaWxlU3luYyhqb2luKGN3ZCwgJy5lY2hvLXRyYWlsL2Nvb2tpZXMvc2FuZGJveC5zZWFsZWQnKSwgJ3V0ZjgnKTtcbiAgYXNzZXJ0LmRvZXNOb3RNYXRjaChzZWFsZWQsIC92aXNpdC8pO1xuICBjb25zdCBoZWFkZXJzID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL3Zpc2l0b3JzJywgJy0tdmlldycsICdoZWFkZXJzJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2goaGVhZGVycy5vdXQsIC9Db29raWUgK1x1MjAzOXNlY3JldFx1MjAzQSArY29va2llcy8pO1xufSk7XG5cbnRlc3QoJ3JlZGlyZWN0cyBieSB0aGUgc3RhbmRhcmQ6IDMwMyBhbmQgYSBQT1NUIG9mIDMwMiBiZWNvbWUgR0VULCAzMDcga2VlcHMgbWV0aG9kIGFuZCBib2R5JywgYXN5bmMgKCkgPT4ge1xuICBmb3IgKGNvbnN0IFtzdGF0dXMsIG1ldGhvZCwgYm9keV0gb2YgW1xuICAgIFszMDMsICdHRVQnLCAnJ10sXG4gICAgWzMwMiwgJ0dFVCcsICcnXSxcbiAgICBbMzA3LCAnUE9TVCcsICdhPTEnXSxcbiAgICBbMzA4LCAnUE9TVCcsICdhPTEnXSxcbiAgXSBhcyBjb25zdCkge1xuICAgIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoaGVhZCkgPT5cbiAgICAgIGhlYWQuc3RhcnRzV2l0aCgnUE9TVCAvc3RhcnQnKVxuICAgICAgICA/IGBIVFRQLzEuMSAke3N0YXR1c30gRWxzZXdoZXJlXFxyXFxubG9jYXRpb246IC9lbmRcXHJcXG5jb250ZW50LWxlbmd0aDogMFxcclxcblxcclxcbmBcbiAgICAgICAgOiAnSFRUUC8xLjEgMjAwIE9LXFxyXFxuY29udGVudC1sZW5ndGg6IDJcXHJcXG5cXHJcXG5vaycsXG4gICAgKTtcbiAgICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAgICB7ICdyZXF1ZXN0cy9pdC55YW1sJzogJ21ldGhvZDogUE9TVFxcbnVybDogJHtvcmlnaW59L3N0YXJ0XFxucmVkaXJlY3RzOiAzXFxuYm9keToge2Zvcm06IHthOiAxfX1cXG4nIH0sXG4gICAgICBzZXJ2ZXIub3JpZ2luLFxuICAgICk7XG4gICAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2l0J10sIHsgY3dkIH0pO1xuICAgIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLmVycik7XG4gICAgY29uc3Qgc2Vjb25kID0gc2VydmVyLnJlY2VpdmVkLmpvaW4oJycpLnNwbGl0KC8oPz0oPzpHRVR8UE9TVCkgXFwvZW5kKS8pWzFdID8/ICcnO1xuICAgIGFzc2VydC5lcXVhbCgvXihcXHcrKSBcXC9lbmQvLmV4ZWMoc2Vjb25kKT8uWzFdLCBtZXRob2QsIFN0cmluZyhzdGF0dXMpKTtcbiAgICBhc3NlcnQuZXF1YWwoc2Vjb25kLnNwbGl0KCdcXHJcXG5cXHJcXG4nKVsxXSwgYm9keSk7XG4gICAgYXNzZXJ0LmVxdWFsKC9jb250ZW50LXR5cGUvaS50ZXN0KHNlY29uZCksIGJvZHkgIT09ICcnKTtcbiAgICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbiAgfVxufSk7XG5cbnRlc3QoJ2EgdmlldyBmb3IgZXZlcnkgbmVlZDogcmF3LCBvdXRsaW5lLCB0YWJsZSwgYnl0ZXMsIGhlYWRlciBsaW5lcycsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHt9LCBvcmlnaW4pO1xuICBjb25zdCB2aWV3ID0gYXN5bmMgKC4uLmFyZ3M6IHN0cmluZ1tdKTogUHJvbWlzZTxzdHJpbmc+ID0+IChhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsIC4uLmFyZ3NdLCB7IGN3ZCB9KSkub3V0O1xuICBhc3NlcnQuZXF1YWwoXG4gICAgYXdhaXQgdmlldygnL25vdGljZXMnLCAnLS1oZWFkZXInLCAnQWNjZXB0OiBhcHBsaWNhdGlvbi9qc29uJywgJy0tcGljaycsICckLm5vdGljZXNbMF0ubnVtYmVyJyksXG4gICAgJ05NLTAxXFxuJyxcbiAgKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIGF3YWl0IHZpZXcoJy9ub3RpY2VzJywgJy0tdmlldycsICdvdXRsaW5lJyksXG4gICAgL25vdGljZXMgezJ9bGlzdCBvZiAzXFxuIHs0fWVhY2ggezJ9MyBtZW1iZXJzXFxuIHs2fW51bWJlciB7Mn1zdHJpbmcgezJ9XCJOTS0wMVwiLyxcbiAgKTtcbiAgYXNzZXJ0Lm1hdGNoKGF3YWl0IHZpZXcoJy9ub3RpY2VzJywgJy0tdmlldycsICd0YWJsZScpLCAvXm51bWJlciArbGlnaHQgK3RleHRcXG5OTS0wMSArT3V0ZXIgbW9sZS8pO1xuICBhc3NlcnQubWF0Y2goYXdhaXQgdmlldygnL25vdGljZXMnLCAnLS12aWV3JywgJ3RhYmxlJywgJy0tY29sdW1ucycsICdsaWdodCcsICctLW1vc3QnLCAnMScpLCAvXmxpZ2h0XFxuT3V0ZXIgbW9sZVxcbiQvKTtcbiAgYXNzZXJ0Lm1hdGNoKGF3YWl0IHZpZXcoJy9ub3RpY2VzJywgJy0taGVhZGVyJywgJ0FjY2VwdDogYXBwbGljYXRpb24veC1uZGpzb24nLCAnLS12aWV3JywgJ3RhYmxlJyksIC9OTS0wMy8pO1xuICBhc3NlcnQubWF0Y2goXG4gICAgYXdhaXQgdmlldygnL25vdGljZXMnLCAnLS1oZWFkZXInLCAnQWNjZXB0OiBhcHBsaWNhdGlvbi94bWwnLCAnLS1waWNrJywgJy8vbm90aWNlWzJdL2xpZ2h0JyksXG4gICAgL15Qb29sIGVudHJhbmNlXFxuJC8sXG4gICk7XG4gIGFzc2VydC5tYXRjaChcbiAgICBhd2FpdCB2aWV3KCcvbm90aWNlcy9hcmNoaXZlJyksXG4gICAgL2FwcGxpY2F0aW9uXFwvb2N0ZXQtc3RyZWFtLCA2NFxcLjAga0IsIFNIQS0yNTYgWzAtOWEtZl17NjR9XFxuMDAwMDAwMDAgezJ9MDAgMWYgM2UvLFxuICApO1xuICBhc3NlcnQubWF0Y2goYXdhaXQgdmlldygnL25vdGljZXMvZXZlbnRzJywgJy0tbGl2ZScpLCAvZXZlbnQ6IG5vdGljZVtcXHNcXFNdKk5NLTAzLyk7XG4gIGFzc2VydC5lcXVhbChhd2FpdCB2aWV3KCcvbm90aWNlcycsICctLXZpZXcnLCAnbm9uZScpLCAnJyk7XG4gIGNvbnN0IGd6aXAgPSBhd2FpdCBlY2hvVHJhaWwoXG4gICAgWydzZW5kJywgJ0dFVCcsICcvbm90aWNlcycsICctLWhlYWRlcicsICdBY2NlcHQtRW5jb2Rpbmc6IGd6aXAnLCAnLS1waWNrJywgJyQubm90aWNlc1syXS5udW1iZXInXSxcbiAgICB7IGN3ZCB9LFxuICApO1xuICBhc3NlcnQuZXF1YWwoZ3ppcC5vdXQsICdOTS0wM1xcbicpO1xuICBjb25zdCBzaXplcyA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy9ub3RpY2VzJywgJy0taGVhZGVyJywgJ0FjY2VwdC1FbmNvZGluZzogZ3ppcCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKHNpemVzLmVyciwgLzI0NyBCIFxcKFxcZCsgQiBvbiB0aGUgd2lyZVxcKS8pO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy9ub3RpY2VzJywgJy0tdmlldycsICdwcml0dHknXSwgeyBjd2QgfSkpLmVyciwgL2RpZCB5b3UgbWVhbiBwcmV0dHkvKTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIChhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvbm90aWNlcycsICctLXJvd3MnLCAnJC5ub3RoaW5nJ10sIHsgY3dkIH0pKS5lcnIsXG4gICAgL25vIGxpc3Qgc3RhbmRzIGF0IFxcJFxcLm5vdGhpbmdbXFxzXFxTXSpcXCRcXC5ub3RpY2VzLyxcbiAgKTtcbn0pO1xuXG50ZXN0KCdhIHRhYmxlIG9mIHRoZSByZXF1ZXN0IGZpbGUgaXMgdGhlIHZpZXcgb2YgaXRzIGFuc3dlciwgYW5kIGdvZXMgdG8gQ1NWIG9yIEpTT04nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7ICdyZXF1ZXN0cy9pdC55YW1sJzogJ3VybDogJHtvcmlnaW59L25vdGljZXNcXG50YWJsZToge3Jvd3M6ICQubm90aWNlcywgY29sdW1uczoge25vOiBudW1iZXIsIHdoZXJlOiBsaWdodH19XFxuJyB9LFxuICAgIG9yaWdpbixcbiAgKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2l0J10sIHsgY3dkIH0pKS5vdXQsIC9ebm8gK3doZXJlXFxuTk0tMDEgK091dGVyIG1vbGVcXG4vKTtcbiAgYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdpdCcsICctLXZpZXcnLCAndGFibGUnLCAnLS10bycsICdvdXQuY3N2J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwocmVhZEZpbGVTeW5jKGpvaW4oY3dkLCAnb3V0LmNzdicpLCAndXRmOCcpLnNwbGl0KCdcXG4nKVsxXSwgJ05NLTAxLE91dGVyIG1vbGUnKTtcbiAgYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdpdCcsICctLXZpZXcnLCAndGFibGUnLCAnLS10bycsICdvdXQuanNvbiddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChKU09OLnBhcnNlKHJlYWRGaWxlU3luYyhqb2luKGN3ZCwgJ291dC5qc29uJyksICd1dGY4JykpWzJdLCB7IG5vOiAnTk0tMDMnLCB3aGVyZTogJ1dlc3QgcXVheScgfSk7XG59KTtcblxudGVzdCgnYW4gYW5zd2VyIGdvZXMgdG8gYSBmaWxlIHdob2xlLCBvciBub3QgYXQgYWxsOyBhIHBhcnQgaXMgZ29uZSBvbiB3aXRoIGJ5IGEgcmFuZ2UnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7fSwgb3JpZ2luKTtcbiAgY29uc3QgZmlsZSA9IGpvaW4odGVtcG9yYXJ5Rm9sZGVyKCksICdhcmNoaXZlLmJpbicpO1xuICBjb25zdCB3aG9sZSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy9ub3RpY2VzL2FyY2hpdmUnLCAnLS10bycsIGZpbGVdLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKHdob2xlLmVyciwgL3NhdmVkIDY0XFwuMCBrQiB0by8pO1xuICBjb25zdCBieXRlcyA9IHJlYWRGaWxlU3luYyhmaWxlKTtcbiAgYXNzZXJ0LmVxdWFsKGJ5dGVzLmxlbmd0aCwgNjRfMDAwKTtcbiAgLy8gQXMgaWYgaXQgaGFkIGJlZW4gY3V0IG9mZiBhZnRlciAyMCwwMDAgYnl0ZXMuXG4gIGNvbnN0IHBhcnQgPSBqb2luKHRlbXBvcmFyeUZvbGRlcigpLCAncGFydC5iaW4nKTtcbiAgY29uc3QgdGFnID0gL2V0YWcgKyhcIlswLTlhLWZdK1wiKS8uZXhlYyhcbiAgICAoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL25vdGljZXMvYXJjaGl2ZScsICctLXZpZXcnLCAnaGVhZGVycyddLCB7IGN3ZCB9KSkub3V0LFxuICApPy5bMV07XG4gIHdyaXRlRmlsZVN5bmMoYCR7cGFydH0ucGFydGAsIGJ5dGVzLnN1YmFycmF5KDAsIDIwXzAwMCkpO1xuICB3cml0ZUZpbGVTeW5jKGAke3BhcnR9LnBhcnQuanNvbmAsIEpTT04uc3RyaW5naWZ5KHsgdGFnIH0pKTtcbiAgY29uc3QgcmVzdCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy9ub3RpY2VzL2FyY2hpdmUnLCAnLS10bycsIHBhcnRdLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKHJlc3QuZXJyLCAvMjA2IFBhcnRpYWwgQ29udGVudC8pO1xuICBhc3NlcnQub2socmVhZEZpbGVTeW5jKHBhcnQpLmVxdWFscyhieXRlcykpO1xuICBhc3NlcnQuZXF1YWwoZXhpc3RzU3luYyhgJHtwYXJ0fS5wYXJ0YCkgfHwgZXhpc3RzU3luYyhgJHtwYXJ0fS5wYXJ0Lmpzb25gKSwgZmFsc2UpO1xuICAvLyBBbm90aGVyIHZlcnNpb24gYXQgdGhlIHZlbmRvcjogZnJvbSB0aGUgYmVnaW5uaW5nLlxuICB3cml0ZUZpbGVTeW5jKGAke3BhcnR9LnBhcnRgLCAnc29tZXRoaW5nIGVsc2UnKTtcbiAgd3JpdGVGaWxlU3luYyhgJHtwYXJ0fS5wYXJ0Lmpzb25gLCBKU09OLnN0cmluZ2lmeSh7IHRhZzogJ1wib2xkXCInIH0pKTtcbiAgYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL25vdGljZXMvYXJjaGl2ZScsICctLXRvJywgcGFydF0sIHsgY3dkIH0pO1xuICBhc3NlcnQub2socmVhZEZpbGVTeW5jKHBhcnQpLmVxdWFscyhieXRlcykpO1xuICBjb25zdCByZWZ1c2VkID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL25vd2hlcmUnLCAnLS10bycsIGAke3BhcnR9Lm5vYF0sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwocmVmdXNlZC5zdGF0dXMsIDEpO1xuICBhc3NlcnQuZXF1YWwoZXhpc3RzU3luYyhgJHtwYXJ0fS5ub2ApLCBmYWxzZSk7XG4gIGFzc2VydC5tYXRjaChyZWZ1c2VkLm91dCwgL05vdCBmb3VuZC8pO1xufSk7XG5cbnRlc3QoJ2FuIGFuc3dlciB0aGF0IGlzIGN1dCBzaG9ydCBzdGF5cyBhcyBhIHBhcnQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoX2hlYWQsIHNvY2tldCkgPT4ge1xuICAgIHNvY2tldC5lbmQoJ0hUVFAvMS4xIDIwMCBPS1xcclxcbmNvbnRlbnQtbGVuZ3RoOiAxMDBcXHJcXG5ldGFnOiBcIjdcIlxcclxcblxcclxcbm9ubHkgdGhpcyBtdWNoJyk7XG4gICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgfSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7fSwgc2VydmVyLm9yaWdpbik7XG4gIGNvbnN0IHsgc3RhdHVzLCBlcnIgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy8nLCAnLS10bycsICdpdC5iaW4nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChzdGF0dXMsIDMsIGVycik7XG4gIGFzc2VydC5lcXVhbChyZWFkRmlsZVN5bmMoam9pbihjd2QsICdpdC5iaW4ucGFydCcpLCAndXRmOCcpLCAnb25seSB0aGlzIG11Y2gnKTtcbiAgYXNzZXJ0Lm1hdGNoKGVyciwgL2dvZXMgb24gZnJvbSB0aGVyZS8pO1xuICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdhIGNvbXByZXNzZWQgYW5zd2VyIGlzIHNhdmVkIGRlY29kZWQsIGFuZCBvbmUgdGhhdCBjYW5ub3QgYmUgZGVjb2RlZCBpcyBubyBmaWxlJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCB0ZXh0ID0gJ05NLTA3IEVhc3QgcXVheSBsaWdodCBvdXRcXG4nLnJlcGVhdCg0MDAwKTtcbiAgY29uc3QgYm9kaWVzOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCByZWFkb25seSBbc3RyaW5nLCBCdWZmZXJdPj4gPSB7XG4gICAgJy9nemlwJzogWydnemlwJywgZ3ppcFN5bmModGV4dCldLFxuICAgICcvZGVmbGF0ZSc6IFsnZGVmbGF0ZScsIGRlZmxhdGVTeW5jKHRleHQpXSxcbiAgICAnL2JhcmUnOiBbJ2RlZmxhdGUnLCBkZWZsYXRlUmF3U3luYyh0ZXh0KV0sXG4gICAgJy9ib3RoJzogWydiciwgZ3ppcCcsIGd6aXBTeW5jKGJyb3RsaUNvbXByZXNzU3luYyh0ZXh0KSldLFxuICAgICcvYnJva2VuJzogWydnemlwJywgQnVmZmVyLmNvbmNhdChbZ3ppcFN5bmModGV4dCkuc3ViYXJyYXkoMCwgNDApLCBCdWZmZXIuYWxsb2MoNDAwMCwgNyldKV0sXG4gICAgJy91bmtub3duJzogWyd0YXInLCBCdWZmZXIuZnJvbSh0ZXh0KV0sXG4gIH07XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoaGVhZCwgc29ja2V0KSA9PiB7XG4gICAgY29uc3QgW2NvZGluZywgYm9keV0gPSBib2RpZXNbL15HRVQgKFxcUyspLy5leGVjKGhlYWQpPy5bMV0gPz8gJyddID8/IFsnJywgQnVmZmVyLmFsbG9jKDApXTtcbiAgICBzb2NrZXQud3JpdGUoYEhUVFAvMS4xIDIwMCBPS1xcclxcbmNvbnRlbnQtZW5jb2Rpbmc6ICR7Y29kaW5nfVxcclxcbmNvbnRlbnQtbGVuZ3RoOiAke2JvZHkubGVuZ3RofVxcclxcblxcclxcbmApO1xuICAgIHNvY2tldC5lbmQoYm9keSk7XG4gICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgfSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7fSwgc2VydmVyLm9yaWdpbik7XG4gIGZvciAoY29uc3QgcGF0aCBvZiBbJy9nemlwJywgJy9kZWZsYXRlJywgJy9iYXJlJywgJy9ib3RoJ10pIHtcbiAgICBjb25zdCB7IHN0YXR1cywgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsIHBhdGgsICctLXRvJywgYGl0JHtwYXRoLnNsaWNlKDEpfWBdLCB7IGN3ZCB9KTtcbiAgICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAwLCBlcnIpO1xuICAgIGFzc2VydC5lcXVhbChyZWFkRmlsZVN5bmMoam9pbihjd2QsIGBpdCR7cGF0aC5zbGljZSgxKX1gKSwgJ3V0ZjgnKSwgdGV4dCk7XG4gIH1cbiAgZm9yIChjb25zdCBbcGF0aCwgc2F5c10gb2YgW1xuICAgIFsnL2Jyb2tlbicsIC9zYXlzIGd6aXAsIGJ1dCBjYW5ub3QgYmUgZGVjb21wcmVzc2VkL10sXG4gICAgWycvdW5rbm93bicsIC9zYXlzIHRhciwgYnV0IGNhbm5vdCBiZSBkZWNvbXByZXNzZWQvXSxcbiAgXSBhcyBjb25zdCkge1xuICAgIGNvbnN0IHsgc3RhdHVzLCBlcnIgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgcGF0aCwgJy0tdG8nLCAnbm9uZSddLCB7IGN3ZCB9KTtcbiAgICBhc3NlcnQubm90RXF1YWwoc3RhdHVzLCAwKTtcbiAgICBhc3NlcnQubWF0Y2goZXJyLCBzYXlzKTtcbiAgICBhc3NlcnQuZXF1YWwoZXhpc3RzU3luYyhqb2luKGN3ZCwgJ25vbmUnKSksIGZhbHNlKTtcbiAgfVxuICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdhIHN0cmVhbSB0aGF0IGlzIHNob3duIGFzIGl0IGNvbWVzIGlzIGp1ZGdlZCBhbmQgcmVjb3JkZWQgdG9vOyBhIHJlZnVzYWwgaXMgc2hvd24gYXMgZXZlcicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKFxuICAgIHtcbiAgICAgICdyZXF1ZXN0cy9ldmVudHMueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9ub3RpY2VzL2V2ZW50c1xcbmV4cGVjdDoge2JvZHk6IHtjb250YWluczogTk0tMDN9fVxcbicsXG4gICAgfSxcbiAgICBvcmlnaW4sXG4gICk7XG4gIGNvbnN0IHsgc3RhdHVzLCBvdXQsIGVyciB9ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdldmVudHMnLCAnLS1saXZlJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAwLCBlcnIpO1xuICBhc3NlcnQubWF0Y2gob3V0LCAvTk0tMDMvKTtcbiAgY29uc3QgWywgZWNobyA9ICcnXSA9IC9lY2hvICsoXFxTKykvLmV4ZWMoZXJyKSA/PyBbXTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ3Nob3cnLCBlY2hvLCAnLS1qc29uJ10sIHsgY3dkIH0pKS5vdXQsIC9OTS0wMy8pO1xuICBjb25zdCByZWZ1c2VkID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL25vd2hlcmUnLCAnLS1saXZlJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2gocmVmdXNlZC5vdXQsIC9Ob3QgZm91bmQvKTtcbiAgZm9yIChjb25zdCBvdGhlciBvZiBbJy0tanNvbicsICctLXBpY2s9c3RhdHVzJywgJy0tdG89aXQudHh0J10pIHtcbiAgICBjb25zdCBib3RoID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdldmVudHMnLCAnLS1saXZlJywgb3RoZXJdLCB7IGN3ZCB9KTtcbiAgICBhc3NlcnQuZXF1YWwoYm90aC5zdGF0dXMsIDIpO1xuICAgIGFzc2VydC5tYXRjaChib3RoLmVyciwgL2RvIG5vdCBnbyB0b2dldGhlci8pO1xuICB9XG59KTtcblxudGVzdCgnYSBwaWVjZSBvZiBhIHN0cmVhbSBtYXkgZW5kIHdpdGhpbiBhIGNoYXJhY3RlciBvciBhIGxpbmUnLCAoKSA9PiB7XG4gIGNvbnN0IHNob3duOiBzdHJpbmdbXSA9IFtdO1xuICBjb25zdCBzaW5rID0gbmV3IExpdmVTaW5rKCh0ZXh0KSA9PiBzaG93bi5wdXNoKHRleHQpKTtcbiAgYXNzZXJ0LmVxdWFsKHNpbmsuYmVnaW4oMjAwLCBbWydjb250ZW50LXR5cGUnLCAndGV4dC9ldmVudC1zdHJlYW0nXV0pLCAnYmVzaWRlJyk7XG4gIGNvbnN0IGJ5dGVzID0gQnVmZmVyLmZyb20oJ3F1YWkgXHUwMEU5bGV2XHUwMEU5XFxud29yZD10aWRlLXdvcmRcXG5yZXN0Jyk7XG4gIGZvciAoY29uc3QgYXQgb2YgYnl0ZXMua2V5cygpKSBzaW5rLndyaXRlKGJ5dGVzLnN1YmFycmF5KGF0LCBhdCArIDEpKTtcbiAgc2luay5maW5pc2goKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChzaG93biwgWydxdWFpIFx1MDBFOWxldlx1MDBFOScsICd3b3JkPXRpZGUtd29yZCcsICdyZXN0J10pO1xuICBhc3NlcnQuZXF1YWwoc2luay5iZWdpbigyMDAsIFtbJ0NvbnRlbnQtRW5jb2RpbmcnLCAnZ3ppcCddXSksICdub3RoaW5nJyk7XG4gIGFzc2VydC5lcXVhbChzaW5rLmJlZ2luKDQwNCwgW10pLCAnbm90aGluZycpO1xufSk7XG5cbnRlc3QoJ2FuIGFkZHJlc3MgdGhhdCBjYW5ub3QgYmUgZGVjb2RlZCBpcyBhIGxpbmsgbGlrZSBhbnkgb3RoZXInLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoaGVhZCkgPT5cbiAgICBhbnN3ZXJPZihoZWFkLnN0YXJ0c1dpdGgoJ0dFVCAvb2RkJXp6ICcpID8gJ2hlcmUnIDogJ3RoZXJlJywge1xuICAgICAgdHlwZTogJ3RleHQvcGxhaW4nLFxuICAgICAgaGVhZGVyczogWydsaW5rOiA8L29kZCV6ej47IHJlbD1cIm5leHRcIiddLFxuICAgIH0pLFxuICApO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoe30sIHNlcnZlci5vcmlnaW4pO1xuICBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvJ10sIHsgY3dkIH0pO1xuICBjb25zdCB7IG91dCwgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoWydmb2xsb3cnLCAnMSddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKG91dCwgJ2hlcmVcXG4nLCBlcnIpO1xuICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdsaW5rcyBhcmUgbnVtYmVyZWQsIGFuZCBmb2xsb3dlZCB3aXRoIHRoZSBzYW1lIGVudmlyb25tZW50IGRvd24gYW4gdW5kb2N1bWVudGVkIHRyZWUnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7fSwgb3JpZ2luKTtcbiAgY29uc3QgZmlyc3QgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvY2hhcnQnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5tYXRjaChmaXJzdC5lcnIsIC9saW5rcyB7M30zOiBlY2hvLXRyYWlsIGZvbGxvdyBsaXN0cyB0aGVtLyk7XG4gIGNvbnN0IGxpc3RlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ2ZvbGxvdyddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIGxpc3RlZC5vdXQsXG4gICAgL14xIHsyfVxcUytsYXllcj1zb3VuZGluZ3MgK1xcJFxcLnNvdW5kaW5ncyArTGFya2hhdmVuXFxuMiB7Mn1cXFMrXFwvY2hhcnRcXC9yb2FkcyArXFwkXFwucGxhY2VzXFxbMFxcXVxcLmhyZWYgK091dGVyIHJvYWRzLyxcbiAgKTtcbiAgYXNzZXJ0Lm1hdGNoKChhd2FpdCBlY2hvVHJhaWwoWydmb2xsb3cnLCAnMyddLCB7IGN3ZCB9KSkub3V0LCAvXCJuYW1lXCI6IFwiSW5uZXIgYmFzaW5cIi8pO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IGVjaG9UcmFpbChbJ2ZvbGxvdycsICczJ10sIHsgY3dkIH0pKS5vdXQsIC9cIm5hbWVcIjogXCJOb3J0aCBxdWF5XCIvKTtcbiAgY29uc3QgbGlua3MgPSBkb2N1bWVudDx7IGxpbmtzOiB7IGF0OiBzdHJpbmc7IGFib3V0OiBzdHJpbmcgfVtdIH0+KGF3YWl0IGVjaG9UcmFpbChbJ2ZvbGxvdycsICctLWpzb24nXSwgeyBjd2QgfSkpO1xuICBhc3NlcnQuZGVlcEVxdWFsKFtsaW5rcy5saW5rc1swXT8uYXQsIGxpbmtzLmxpbmtzWzBdPy5hYm91dF0sIFsnbGluay51cCcsICdMYXJraGF2ZW4nXSk7XG4gIGNvbnN0IG5vbmUgPSBhd2FpdCBlY2hvVHJhaWwoWydmb2xsb3cnLCAnOSddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKG5vbmUuc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKG5vbmUuZXJyLCAvbm8gbGluayA5OiBcXFMrIGhhcyBcXGQvKTtcbn0pO1xuXG5jb25zdCBhZGRyZXNzZXM6IHJlYWRvbmx5IChyZWFkb25seSBbZ2l2ZW46IHN0cmluZywgdXJsOiBzdHJpbmcsIHF1ZXJ5OiBvYmplY3QgfCB1bmRlZmluZWRdKVtdID0gW1xuICBbXG4gICAgJ09SSUdJTi92MS9iZXJ0aHM/ZnJlZT10cnVlJnF1YXk9bm9ydGgmcXVheT1zb3V0aCcsXG4gICAgJyR7b3JpZ2lufS92MS9iZXJ0aHMnLFxuICAgIHsgZnJlZTogJ3RydWUnLCBxdWF5OiBbJ25vcnRoJywgJ3NvdXRoJ10gfSxcbiAgXSxcbiAgWydPUklHSU4vdjEveD9hPWIlMjBjJTI2ZCUzRCVDMyVBOSZwbHVzPWElMkJiJywgJyR7b3JpZ2lufS92MS94JywgeyBhOiAnYiBjJmQ9XHUwMEU5JywgcGx1czogJ2ErYicgfV0sXG4gIFsnaHR0cHM6Ly9vdGhlci5leGFtcGxlOjg0NDMvYSUyRmIvYz9xPSUyNCU3QnglN0QnLCAnaHR0cHM6Ly9vdGhlci5leGFtcGxlOjg0NDMvYSUyRmIvYycsIHsgcTogJyQke3h9JyB9XSxcbiAgWydPUklHSU4vdjEveD9hPTEmYj0yJmE9MycsICcke29yaWdpbn0vdjEveD9hPTEmYj0yJmE9MycsIHVuZGVmaW5lZF0sXG4gIFsnT1JJR0lOL3YxL3t4fScsICcke29yaWdpbn0vdjEvJTdCeCU3RCcsIHVuZGVmaW5lZF0sXG5dO1xuZm9yIChjb25zdCBbZ2l2ZW4sIHVybCwgcXVlcnldIG9mIGFkZHJlc3Nlcykge1xuICB0ZXN0KGBpbXBvcnQgYWRkcmVzcyAke2dpdmVufSBpcyBzcGxpdCwgYW5kIHNlbnQgdGhlIHNhbWVgLCBhc3luYyAoKSA9PiB7XG4gICAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHt9LCBvcmlnaW4pO1xuICAgIGNvbnN0IHdob2xlID0gZ2l2ZW4ucmVwbGFjZSgnT1JJR0lOJywgb3JpZ2luKTtcbiAgICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ2ltcG9ydCcsICdhZGRyZXNzJywgd2hvbGUsICctLWFzJywgJ2l0JywgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgICBhc3NlcnQuZXF1YWwoZW5kZWQuc3RhdHVzLCAwLCBlbmRlZC5lcnIpO1xuICAgIGNvbnN0IHsgcGFyc2UgfSA9IGF3YWl0IGltcG9ydCgneWFtbCcpO1xuICAgIGNvbnN0IGZpbGUgPSBwYXJzZShyZWFkRmlsZVN5bmMoam9pbihjd2QsICdyZXF1ZXN0cy9pdC55YW1sJyksICd1dGY4JykpIGFzIHsgdXJsOiBzdHJpbmc7IHF1ZXJ5Pzogb2JqZWN0IH07XG4gICAgYXNzZXJ0LmRlZXBFcXVhbChbZmlsZS51cmwsIGZpbGUucXVlcnldLCBbdXJsLCBxdWVyeV0pO1xuICAgIGNvbnN0IHByZXZpZXdlZCA9IGRvY3VtZW50PHsgdXJsOiBzdHJpbmcgfT4oYXdhaXQgZWNob1RyYWlsKFsncHJldmlldycsICdpdCcsICctLWpzb24nXSwgeyBjd2QgfSkpO1xuICAgIGFzc2VydC5lcXVhbChwcmV2aWV3ZWQudXJsLCBuZXcgVVJMKHdob2xlKS5ocmVmLnJlcGxhY2VBbGwoJ3snLCAnJTdCJykucmVwbGFjZUFsbCgnfScsICclN0QnKSk7XG4gIH0pO1xufVxuXG50ZXN0KCd3aGF0IGlzIGRvdWJ0ZnVsIGFib3V0IGFuIGFkZHJlc3MgaXMgc2FpZDogdG9vIGxvbmcsIGVuY29kZWQgdHdpY2UnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAnZW52aXJvbm1lbnRzL3NhbmRib3gueWFtbCc6IGB2YXJpYWJsZXM6IHtvcmlnaW46IFwiJHtvcmlnaW59XCJ9XFxuaG9zdHM6IFsxMjcuMC4wLjFdXFxudXJsLWxpbWl0OiA2MFxcbmAsXG4gICAgICAncmVxdWVzdHMvaXQueWFtbCc6XG4gICAgICAgICd1cmw6ICR7b3JpZ2lufS9taXJyb3JcXG5xdWVyeToge2E6IFwiYWxyZWFkeSUyMGVuY29kZWRcIiwgYjogXCJhIGxvbmcgdGV4dCB0aGF0IGdvZXMgcGFzdCB0aGUgbGltaXRcIn1cXG4nLFxuICAgIH0sXG4gICAgb3JpZ2luLFxuICApO1xuICBjb25zdCB7IGVyciB9ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdpdCddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKFxuICAgIGVycixcbiAgICAvaGFzIFxcZCsgY2hhcmFjdGVycywgdGhlIGVudmlyb25tZW50IHNhbmRib3ggdGFrZXMgNjA7IHdoZXJlIHRoZSB2ZW5kb3IgaGFzIGEgZm9ybSBvZiB0aGUgY2FsbCB3aXRoIGEgYm9keS8sXG4gICk7XG4gIGFzc2VydC5tYXRjaChlcnIsIC9wZXJjZW50LWVuY29kZWQgYmVmb3JlIGl0IGNhbWUgaW4vKTtcbn0pO1xuXG50ZXN0KCdrZXlzIHRoYXQgc3RhbmQgdHdpY2UgYXJlIHBvaW50ZWQgb3V0LCBsb25nIG51bWJlcnMgc3RheSBleGFjdCwgX19wcm90b19fIGlzIGRhdGEnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoKSA9PiB7XG4gICAgY29uc3QgYm9keSA9ICd7XCJhXCI6IDEsIFwiYlwiOiB7XCJ4XCI6IDEsIFwieFwiOiAyfSwgXCJuXCI6IDEyMzQ1Njc4OTAxMjM0NTY3ODkwLCBcIl9fcHJvdG9fX1wiOiB7XCJjXCI6IDN9fSc7XG4gICAgcmV0dXJuIGBIVFRQLzEuMSAyMDAgT0tcXHJcXG5jb250ZW50LXR5cGU6IGFwcGxpY2F0aW9uL2pzb25cXHJcXG5jb250ZW50LWxlbmd0aDogJHtib2R5Lmxlbmd0aH1cXHJcXG5cXHJcXG4ke2JvZHl9YDtcbiAgfSk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7fSwgc2VydmVyLm9yaWdpbik7XG4gIGNvbnN0IHsgb3V0LCBlcnIgfSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy8nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5tYXRjaChlcnIsIC9cXCRcXC5iXFwueCBzdGFuZHMgdHdpY2UvKTtcbiAgYXNzZXJ0Lm1hdGNoKG91dCwgLzEyMzQ1Njc4OTAxMjM0NTY3ODkwLyk7XG4gIGFzc2VydC5tYXRjaChvdXQsIC9cIl9fcHJvdG9fX1wiOiBcXHtcXG5cXHMrXCJjXCI6IDMvKTtcbiAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG59KTtcblxudGVzdCgnY2hhcnNldHMgYnkgbWFyaywgaGVhZGVyIGFuZCBkZWNsYXJhdGlvbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgdGV4dHM6IHJlYWRvbmx5IChyZWFkb25seSBbdHlwZTogc3RyaW5nLCBieXRlczogQnVmZmVyLCBzaG93bjogUmVnRXhwXSlbXSA9IFtcbiAgICBbJ3RleHQvcGxhaW47IGNoYXJzZXQ9aXNvLTg4NTktMScsIEJ1ZmZlci5mcm9tKCdIYWZlbm1laXN0ZXIgR3JcXHUwMGZjbicsICdsYXRpbjEnKSwgL0dyXHUwMEZDbi9dLFxuICAgIFsndGV4dC9wbGFpbicsIEJ1ZmZlci5mcm9tKCdcXHVmZWZmR3JcdTAwRkNuJywgJ3V0ZjE2bGUnKSwgL0dyXHUwMEZDbi9dLFxuICAgIFsnYXBwbGljYXRpb24veG1sJywgQnVmZmVyLmZyb20oJzw/eG1sIHZlcnNpb249XCIxLjBcIiBlbmNvZGluZz1cIklTTy04ODU5LTFcIj8+PGE+R3JcXHUwMGZjbjwvYT4nLCAnbGF0aW4xJyksIC9Hclx1MDBGQ24vXSxcbiAgICBbJ3RleHQvaHRtbCcsIEJ1ZmZlci5mcm9tKCc8aHRtbD48bWV0YSBjaGFyc2V0PVwid2luZG93cy0xMjUyXCI+XFx1MDA4MCcsICdsYXRpbjEnKSwgL1x1MjBBQy9dLFxuICBdO1xuICBmb3IgKGNvbnN0IFt0eXBlLCBieXRlcywgc2hvd25dIG9mIHRleHRzKSB7XG4gICAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKCgpID0+XG4gICAgICBCdWZmZXIuY29uY2F0KFtcbiAgICAgICAgQnVmZmVyLmZyb20oYEhUVFAvMS4xIDIwMCBPS1xcclxcbmNvbnRlbnQtdHlwZTogJHt0eXBlfVxcclxcbmNvbnRlbnQtbGVuZ3RoOiAke2J5dGVzLmxlbmd0aH1cXHJcXG5cXHJcXG5gKSxcbiAgICAgICAgYnl0ZXMsXG4gICAgICBdKSxcbiAgICApO1xuICAgIGFzc2VydC5tYXRjaCgoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnLyddLCB7IGN3ZDogY29sbGVjdGlvbk9mKHt9LCBzZXJ2ZXIub3JpZ2luKSB9KSkub3V0LCBzaG93biwgdHlwZSk7XG4gICAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG4gIH1cbn0pO1xuXG50ZXN0KCdkZWVwIG9iamVjdHMgYW5kIGxpc3RzIGluIGEgcXVlcnksIGNvb2tpZXMgb2YgdGhlIHJlcXVlc3QgYmVzaWRlIHRob3NlIG9mIHRoZSBqYXInLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IHNlZW4gPSBhd2FpdCBtaXJyb3JlZChcbiAgICB0byhcbiAgICAgICdwYXRoOiB7cXVheTogXCJOIDFcIn1cXG5xdWVyeToge2ZpbHRlcjoge3F1YXk6IG5vcnRoLCBsZW5ndGhNOiB7YWJvdmU6IDgwfX0sIHRhZzogW2EsIGJdfVxcbmNvb2tpZXM6IHtkZXNrOiBcIjdcIiwgZ29uZTogXCIke29taXR9XCJ9XFxuJyxcbiAgICAgICdHRVQnLFxuICAgICkucmVwbGFjZSgnL21pcnJvcicsICcvbWlycm9yey9xdWF5fScpLFxuICApO1xuICBhc3NlcnQuZXF1YWwoc2Vlbi50YXJnZXQsICcvbWlycm9yL04lMjAxP2ZpbHRlciU1QnF1YXklNUQ9bm9ydGgmZmlsdGVyJTVCbGVuZ3RoTSU1RCU1QmFib3ZlJTVEPTgwJnRhZz1hJnRhZz1iJyk7XG4gIGFzc2VydC5lcXVhbChzZWVuLmhlYWRlcignY29va2llJyksICdkZXNrPTcnKTtcbn0pO1xuXG50ZXN0KCdIRUFEIGhhcyBubyBib2R5LCBhIGNvbmRpdGlvbmFsIHJlcXVlc3QgZ2V0cyAzMDQsIGhpbnRzIGFuZCB0cmFpbGVycyBhcmUgdG9sZCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHt9LCBvcmlnaW4pO1xuICBjb25zdCBoZWFkID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdIRUFEJywgJy9ub3RpY2VzJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2goaGVhZC5lcnIsIC8yMDAgT0svKTtcbiAgYXNzZXJ0LmVxdWFsKGhlYWQub3V0LCAnJyk7XG4gIGNvbnN0IHRhZyA9XG4gICAgL2V0YWcgKyhcIlxcdytcIikvLmV4ZWMoKGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy9ub3RpY2VzJywgJy0tdmlldycsICdoZWFkZXJzJ10sIHsgY3dkIH0pKS5vdXQpPy5bMV0gPz8gJyc7XG4gIGNvbnN0IHNhbWUgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvbm90aWNlcycsICctLWhlYWRlcicsIGBJZi1Ob25lLU1hdGNoOiAke3RhZ31gXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5tYXRjaChzYW1lLmVyciwgLzMwNCBOb3QgTW9kaWZpZWQvKTtcbiAgY29uc3Qgc2VydmVyID0gYXdhaXQgcmF3U2VydmVyKFxuICAgICgpID0+XG4gICAgICAnSFRUUC8xLjEgMTAzIEVhcmx5IEhpbnRzXFxyXFxuTGluazogPC9hLmNzcz47IHJlbD1wcmVsb2FkXFxyXFxuXFxyXFxuSFRUUC8xLjEgMjAwIE9LXFxyXFxuVHJhbnNmZXItRW5jb2Rpbmc6IGNodW5rZWRcXHJcXG5UcmFpbGVyOiBYLVN1bVxcclxcblxcclxcbjJcXHJcXG5va1xcclxcbjBcXHJcXG5YLVN1bTogN1xcclxcblxcclxcbicsXG4gICk7XG4gIGNvbnN0IHRvbGQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvJywgJy0tdmlldycsICdoZWFkZXJzJ10sIHsgY3dkOiBjb2xsZWN0aW9uT2Yoe30sIHNlcnZlci5vcmlnaW4pIH0pO1xuICBhc3NlcnQubWF0Y2godG9sZC5vdXQsIC9oaW50IDEwM1xcbiArTGluayArPFxcL2FcXC5jc3M+W1xcc1xcU10qdHJhaWxlcnNcXG4gK1gtU3VtICs3Lyk7XG4gIGF3YWl0IHNlcnZlci5jbG9zZSgpO1xufSk7XG5cbnRlc3QoJ2EgY2VydGlmaWNhdGUgdGhhdCBub2JvZHkga25vd24gc2lnbmVkIGlzIHJlZnVzZWQsIGFuZCB0YWtlbiBmb3IgYSBkYXkgd2hlbiB0aGF0IGlzIGFza2VkIGZvcicsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2VjdXJlID0gYXdhaXQgc3RhcnRTZWN1cmUoKTtcbiAgdHJ5IHtcbiAgICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoe30sIHNlY3VyZS5vcmlnaW5zLnNlbGZTaWduZWQpO1xuICAgIGNvbnN0IHJlZnVzZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvJ10sIHsgY3dkIH0pO1xuICAgIGFzc2VydC5lcXVhbChyZWZ1c2VkLnN0YXR1cywgMyk7XG4gICAgYXNzZXJ0Lm1hdGNoKHJlZnVzZWQuZXJyLCAvc2lnbmVkIGJ5IGl0c2VsZltcXHNcXFNdKi0tYWNjZXB0LWNlcnRpZmljYXRlLyk7XG4gICAgY29uc3QgdGFrZW4gPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvJywgJy0tYWNjZXB0LWNlcnRpZmljYXRlJ10sIHsgY3dkIH0pO1xuICAgIGFzc2VydC5lcXVhbCh0YWtlbi5zdGF0dXMsIDAsIHRha2VuLmVycik7XG4gICAgYXNzZXJ0Lm1hdGNoKFxuICAgICAgdGFrZW4uZXJyLFxuICAgICAgL2FjY2VwdGVkIHsyfUNOPU5vYm9keSBpbiBwYXJ0aWN1bGFyLCB1bnRpbCBcXGR7NH0tXFxkXFxkLVxcZFxcZCBbXFxkOl0rIFVUQ1xcbiArU0hBLTI1NiBbMC05QS1GOl17OTV9LyxcbiAgICApO1xuICAgIGNvbnN0IGFnYWluID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnLycsICctLXZpZXcnLCAnaGVhZGVycyddLCB7IGN3ZCB9KTtcbiAgICBhc3NlcnQubWF0Y2goXG4gICAgICBhZ2Fpbi5vdXQsXG4gICAgICAvVExTXFxuICt2ZXJzaW9uICtUTFN2MVtcXHNcXFNdKmNlcnRpZmljYXRlICtDTj1Ob2JvZHkgaW4gcGFydGljdWxhciwgZm9yIDEyN1xcLjBcXC4wXFwuMSwgbG9jYWxob3N0LyxcbiAgICApO1xuICAgIGNvbnN0IHBsYWluID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCBgJHtvcmlnaW59L2AsICctLWFjY2VwdC1jZXJ0aWZpY2F0ZSddLCB7IGN3ZCB9KTtcbiAgICBhc3NlcnQubWF0Y2gocGxhaW4uZXJyLCAvc2hvd3Mgbm8gY2VydGlmaWNhdGUgdG8gYWNjZXB0Lyk7XG4gIH0gZmluYWxseSB7XG4gICAgYXdhaXQgc2VjdXJlLmNsb3NlKCk7XG4gIH1cbn0pO1xuXG50ZXN0KCdhbiBlbnZpcm9ubWVudCB3aXRoIGEgcm9vdCBvZiBpdHMgb3duIGFuZCBhIGNsaWVudCBjZXJ0aWZpY2F0ZSBmcm9tIGZpbGVzIGFuZCB0aGUgc2VjcmV0IHN0b3JlJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBzZWN1cmUgPSBhd2FpdCBzdGFydFNlY3VyZSgpO1xuICB0cnkge1xuICAgIGNvbnN0IHsgcm9vdCwgY2xpZW50IH0gPSBzZWN1cmUuY2VydGlmaWNhdGVzO1xuICAgIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7XG4gICAgICAnZW52aXJvbm1lbnRzL3NhbmRib3gueWFtbCc6IGB2YXJpYWJsZXM6IHtvcmlnaW46IFwiJHtzZWN1cmUub3JpZ2lucy5jbGllbnR9XCJ9XFxuaG9zdHM6IFsxMjcuMC4wLjFdXFxudGxzOiB7dHJ1c3Q6IFtjZXJ0cy9yb290LnBlbV0sIGlkZW50aXR5OiB7Y2VydGlmaWNhdGU6IGNlcnRzL2FnZW50LnBlbSwga2V5OiBcIlxcJHtzZWNyZXQuYWdlbnRLZXl9XCJ9fVxcbmAsXG4gICAgICAnY2VydHMvcm9vdC5wZW0nOiByb290LmNlcnRpZmljYXRlLFxuICAgICAgJ2NlcnRzL2FnZW50LnBlbSc6IGNsaWVudC5jZXJ0aWZpY2F0ZSxcbiAgICB9KTtcbiAgICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy8nLCAnLS1waWNrJywgJyQuY2FsbGVyJ10sIHtcbiAgICAgIGN3ZCxcbiAgICAgIGVudjogeyBFQ0hPX1RSQUlMX1NFQ1JFVF9BR0VOVF9LRVk6IGNsaWVudC5rZXkgfSxcbiAgICB9KTtcbiAgICBhc3NlcnQuZXF1YWwoZW5kZWQub3V0LCAnQWdlbnQgYXQgdGhlIGRlc2tcXG4nLCBlbmRlZC5lcnIpO1xuICB9IGZpbmFsbHkge1xuICAgIGF3YWl0IHNlY3VyZS5jbG9zZSgpO1xuICB9XG59KTtcblxudGVzdCgnYSBsb25nIGJvZHkgaXMgcmVjb3JkZWQgYmVzaWRlIGl0cyBlY2hvLCBzZWNyZXRzIGhpZGRlbiwgYW5kIGdvZXMgd2l0aCBpdHMgcnVuJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBsb25nID0gYHtcInRva2VuXCI6IFwiYS1zZWNyZXQtdG9rZW4tdGhhdC1pcy1oaWRkZW5cIiwgXCJ0ZXh0XCI6IFwiJHsndGlkZSAnLnJlcGVhdCg2MF8wMDApfWVuZFwifWA7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcihcbiAgICAoKSA9PiBgSFRUUC8xLjEgMjAwIE9LXFxyXFxuY29udGVudC10eXBlOiBhcHBsaWNhdGlvbi9qc29uXFxyXFxuY29udGVudC1sZW5ndGg6ICR7bG9uZy5sZW5ndGh9XFxyXFxuXFxyXFxuJHtsb25nfWAsXG4gICk7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7ICdlY2hvLXRyYWlsLnlhbWwnOiAnbmFtZTogdGVzdFxcbmVudmlyb25tZW50OiBzYW5kYm94XFxuZWNob2VzOiB7cnVuczogMX1cXG4nIH0sXG4gICAgc2VydmVyLm9yaWdpbixcbiAgKTtcbiAgYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnLycsICctLXZpZXcnLCAnbm9uZSddLCB7IGN3ZCB9KTtcbiAgY29uc3Qgd2hvbGUgPSBhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ3Nob3cnLCAnbGFzdCcsICctLWJvZHknXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5tYXRjaCh3aG9sZS5vdXQsIC90aWRlIGVuZFwiXFx9JC8pO1xuICBhc3NlcnQuZG9lc05vdE1hdGNoKHdob2xlLm91dCwgL2Etc2VjcmV0LXRva2VuLyk7XG4gIGFzc2VydC5tYXRjaChcbiAgICAoYXdhaXQgZWNob1RyYWlsKFsnZWNobycsICdzaG93J10sIHsgY3dkIH0pKS5vdXQsXG4gICAgL3RoZSBiZWdpbm5pbmcgb2YgMzAwXFwuXFxkIGtCOyAtLWJvZHkgcHJpbnRzIGFsbCBvZiBpdC8sXG4gICk7XG4gIGNvbnN0IGVjaG8gPSBkb2N1bWVudDx7IHJlY2VpdmVkOiB7IGJvZHk6IHsgZmlsZTogc3RyaW5nIH0gfSB9Pihhd2FpdCBlY2hvVHJhaWwoWydlY2hvJywgJ3Nob3cnLCAnLS1qc29uJ10sIHsgY3dkIH0pKTtcbiAgY29uc3QgZmlsZSA9IGpvaW4oY3dkLCAnLmVjaG8tdHJhaWwvZWNob2VzJywgZWNoby5yZWNlaXZlZC5ib2R5LmZpbGUpO1xuICBhc3NlcnQub2soZXhpc3RzU3luYyhmaWxlKSk7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy8nLCAnLS12aWV3JywgJ25vbmUnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChleGlzdHNTeW5jKGZpbGUpLCBmYWxzZSwgJ2l0IGlzIGxldCBnbyB3aXRoIGl0cyBydW4nKTtcbiAgYXdhaXQgc2VydmVyLmNsb3NlKCk7XG59KTtcblxudGVzdCgnY29va2llcywgcmVkaXJlY3RzIGFuZCB0aGUgdGltZSB0byB3YWl0IG9mIGFuIGFkLWhvYyByZXF1ZXN0JywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2Yoe30sIG9yaWdpbik7XG4gIGNvbnN0IHNlZW4gPSBkb2N1bWVudDx7IGJvZHk6IE1pcnJvcmVkIH0+KFxuICAgIGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy9taXJyb3InLCAnLS1jb29raWUnLCAnZGVzaz03JywgJy0tanNvbiddLCB7IGN3ZCB9KSxcbiAgKTtcbiAgYXNzZXJ0Lm9rKHNlZW4uYm9keS5oZWFkZXJzLnNvbWUoKFtuYW1lLCB2YWx1ZV0pID0+IG5hbWUudG9Mb3dlckNhc2UoKSA9PT0gJ2Nvb2tpZScgJiYgdmFsdWUgPT09ICdkZXNrPTcnKSk7XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IHJhd1NlcnZlcigoaGVhZCkgPT5cbiAgICBoZWFkLmluY2x1ZGVzKCcvc2xvdycpID8gdW5kZWZpbmVkIDogJ0hUVFAvMS4xIDMwMiBGb3VuZFxcclxcbmxvY2F0aW9uOiAvZW5kXFxyXFxuY29udGVudC1sZW5ndGg6IDBcXHJcXG5cXHJcXG4nLFxuICApO1xuICBjb25zdCB0aGVyZSA9IGNvbGxlY3Rpb25PZih7fSwgc2VydmVyLm9yaWdpbik7XG4gIGFzc2VydC5tYXRjaCgoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnLycsICctLXJlZGlyZWN0cycsICdub25lJ10sIHsgY3dkOiB0aGVyZSB9KSkuZXJyLCAvMzAyIEZvdW5kLyk7XG4gIGNvbnN0IHNsb3cgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvc2xvdycsICctLXRpbWVvdXQnLCAnODBtcyddLCB7IGN3ZDogdGhlcmUgfSk7XG4gIGFzc2VydC5lcXVhbChzbG93LnN0YXR1cywgMyk7XG4gIGFzc2VydC5tYXRjaChzbG93LmVyciwgL25vIGNvbXBsZXRlIGFuc3dlciB3aXRoaW4gODAgbXMvKTtcbiAgZm9yIChjb25zdCBbb3B0aW9uLCB2YWx1ZV0gb2YgW1xuICAgIFsnLS1yZWRpcmVjdHMnLCAnc29tZSddLFxuICAgIFsnLS10aW1lb3V0JywgJzUnXSxcbiAgXSBhcyBjb25zdClcbiAgICBhc3NlcnQuZXF1YWwoKGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnR0VUJywgJy8nLCBvcHRpb24sIHZhbHVlXSwgeyBjd2Q6IHRoZXJlIH0pKS5zdGF0dXMsIDIpO1xuICBhd2FpdCBzZXJ2ZXIuY2xvc2UoKTtcbn0pO1xuXG50ZXN0KCdJUHY2OiB0aGUgaG9zdCBvZiBhbiBhZGRyZXNzIGluIGJyYWNrZXRzJywgeyBza2lwOiBub0lwdjYgfSwgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBzZXJ2ZXIgPSBjcmVhdGVTZXJ2ZXIoKF9yZXF1ZXN0LCByZXNwb25zZSkgPT4gcmVzcG9uc2UuZW5kKCdvdmVyIHNpeCcpKS5saXN0ZW4oMCwgJzo6MScpO1xuICBhd2FpdCBvbmNlKHNlcnZlciwgJ2xpc3RlbmluZycpO1xuICBjb25zdCB7IHBvcnQgfSA9IHNlcnZlci5hZGRyZXNzKCkgYXMgQWRkcmVzc0luZm87XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7XG4gICAgJ2Vudmlyb25tZW50cy9zYW5kYm94LnlhbWwnOiBgdmFyaWFibGVzOiB7b3JpZ2luOiBcImh0dHA6Ly9bOjoxXToke3BvcnR9XCJ9XFxuaG9zdHM6IFtcIjo6MVwiXVxcbmAsXG4gIH0pO1xuICBjb25zdCB7IG91dCwgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvJywgJy0tdmlldycsICdoZWFkZXJzJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQubWF0Y2gob3V0LCAvaG9zdCArXFxbOjoxXFxdOlxcZCtbXFxzXFxTXSpmcm9tIDo6MS8sIGVycik7XG4gIHNlcnZlci5jbG9zZSgpO1xufSk7XG5cbnRlc3QoJ2NvbXBhcmU6IHdoYXQgYSBjb29raWUgY2hhbmdlcywgd2hhdCBhIGRvY3VtZW50IGV4cGVjdHMsIGFuZCBub3RoaW5nIHdoZXJlIHRoZXJlIGlzIG5vdGhpbmcnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvZ2F0ZS55YW1sJzogJ3VybDogJHtvcmlnaW59L3Zpc2l0b3JzXFxua2VlcDoge3NlYWw6IGNvb2tpZS5zZWFsfVxcbicsXG4gICAgICAncmVxdWVzdHMvZW50ZXIueWFtbCc6XG4gICAgICAgICdtZXRob2Q6IFBPU1RcXG51cmw6ICR7b3JpZ2lufS92aXNpdG9yc1xcbmlucHV0czoge3NlYWw6IHt9fVxcbmJvZHk6IHtmb3JtOiB7c2VhbDogXCIke3NlYWx9XCIsIHZpc2l0b3I6IEFkYSBHcmV5fX1cXG4nLFxuICAgICAgJ3JlcXVlc3RzL2NoYXJ0LnlhbWwnOiAndXJsOiAke29yaWdpbn0vY2hhcnRcXG4nLFxuICAgICAgJ3RyYWlscy92aXNpdC55YW1sJzogJ3N0ZXBzOiBbe3NlbmQ6IGdhdGV9LCB7c2VuZDogZW50ZXJ9XVxcbicsXG4gICAgICAnZGF0YS9jaGFydC5qc29uJzogJ3tcIm5hbWVcIjogXCJMYXJraGF2ZW5cIiwgXCJocmVmXCI6IFwiL2NoYXJ0XCIsIFwicGxhY2VzXCI6IFtdfScsXG4gICAgfSxcbiAgICBvcmlnaW4sXG4gICk7XG4gIGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsICd2aXNpdCddLCB7IGN3ZCB9KTtcbiAgY29uc3QgaWRPZiA9IChlbmRlZDogRW5kZWQpOiBzdHJpbmcgPT4gL2VjaG8gKyhcXFMrKS8uZXhlYyhlbmRlZC5lcnIpPy5bMV0gPz8gJyc7XG4gIGNvbnN0IGluc2lkZSA9IGlkT2YoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL3Zpc2l0b3JzJywgJy0tdmlldycsICdub25lJ10sIHsgY3dkIH0pKTtcbiAgY29uc3Qgb3V0c2lkZSA9IGlkT2YoYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL3Zpc2l0b3JzJywgJy0tdmlldycsICdub25lJywgJy0tbm8tY29va2llcyddLCB7IGN3ZCB9KSk7XG4gIGNvbnN0IGRpZmZlciA9IGF3YWl0IGVjaG9UcmFpbChbJ2NvbXBhcmUnLCBpbnNpZGUsIG91dHNpZGVdLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGRpZmZlci5zdGF0dXMsIDEpO1xuICBhc3NlcnQubWF0Y2goZGlmZmVyLm91dCwgL2NoYW5nZWQgK2xpbmUgNCArXFxTKjxwPldlbGNvbWUsIEFkYSBHcmV5W1xcc1xcU10qPGZvcm0gbWV0aG9kLyk7XG4gIGFzc2VydC5lcXVhbCgoYXdhaXQgZWNob1RyYWlsKFsnY29tcGFyZScsIGluc2lkZSwgaW5zaWRlXSwgeyBjd2QgfSkpLm91dCwgJ25vIGRpZmZlcmVuY2VcXG4nKTtcbiAgY29uc3QgZXhwZWN0ZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydjb21wYXJlJywgJ2NoYXJ0JywgJ2RhdGEvY2hhcnQuanNvbicsICctLWlnbm9yaW5nJywgJyQucGxhY2VzJywgJy0tanNvbiddLCB7XG4gICAgY3dkLFxuICB9KTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChkb2N1bWVudChleHBlY3RlZCksIHtcbiAgICBzYW1lOiBmYWxzZSxcbiAgICBkaWZmZXJlbmNlczogW3sgYXQ6ICckLnNvdW5kaW5ncycsIGtpbmQ6ICdyZW1vdmVkJywgbGVmdDogYCR7b3JpZ2lufS9jaGFydD9sYXllcj1zb3VuZGluZ3NgIH1dLFxuICB9KTtcbiAgYXNzZXJ0LmVxdWFsKChhd2FpdCBlY2hvVHJhaWwoWydjb21wYXJlJywgJ2NoYXJ0JywgJ2RhdGEvY2hhcnQuanNvbicsICctLW9ubHknLCAnJC5uYW1lJ10sIHsgY3dkIH0pKS5zdGF0dXMsIDApO1xuICBhc3NlcnQubWF0Y2goKGF3YWl0IGVjaG9UcmFpbChbJ2NvbXBhcmUnLCAnY2hhcnQnLCAnY2hydCddLCB7IGN3ZCB9KSkuZXJyLCAvbm8gcmVxdWVzdCBjaHJ0W1xcc1xcU10qY2hhcnQvKTtcbn0pO1xuXG50ZXN0KCdlYWNoIHJvdyBvZiBhIHJ1biBicmluZ3MgaXRzIG93biBob3N0IGFuZCBpdHMgb3duIHBpbm5lZCBjZXJ0aWZpY2F0ZScsIGFzeW5jICgpID0+IHtcbiAgY29uc3Qgc2VjdXJlID0gYXdhaXQgc3RhcnRTZWN1cmUoKTtcbiAgdHJ5IHtcbiAgICBjb25zdCB7IHNlbGZTaWduZWQsIHRydXN0ZWQgfSA9IHNlY3VyZS5vcmlnaW5zO1xuICAgIGNvbnN0IHBpbiA9IGFzeW5jICh1cmw6IHN0cmluZyk6IFByb21pc2U8c3RyaW5nPiA9PlxuICAgICAgKGF3YWl0IGNlcnRpZmljYXRlT2YobmV3IFVSTCh1cmwpLCB1bmRlZmluZWQpKT8uZmluZ2VycHJpbnQgPz8gJyc7XG4gICAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHtcbiAgICAgICdlbnZpcm9ubWVudHMvc2FuZGJveC55YW1sJzogJ3ZhcmlhYmxlczoge29yaWdpbjogXCIke2FkZHJlc3N9XCJ9XFxuaG9zdHM6IFsxMjcuMC4wLjFdXFxudGxzOiB7cGlubmVkOiBcIiR7cGlufVwifVxcbicsXG4gICAgICAncmVxdWVzdHMvaXQueWFtbCc6ICd1cmw6ICR7b3JpZ2lufS9cXG5leHBlY3Q6IHtzdGF0dXM6IDIwMH1cXG4nLFxuICAgICAgJ3RyYWlscy9mbGVldC55YW1sJzogJ3Jvd3M6IGRhdGEvZmxlZXQuY3N2XFxuc3RlcHM6IFt7c2VuZDogaXR9XVxcbicsXG4gICAgICAnZGF0YS9mbGVldC5jc3YnOiBgYWRkcmVzcyxwaW5cXG4ke3NlbGZTaWduZWR9LCR7YXdhaXQgcGluKHNlbGZTaWduZWQpfVxcbiR7dHJ1c3RlZH0sJHthd2FpdCBwaW4odHJ1c3RlZCl9XFxuJHt0cnVzdGVkfSxBQjpDRFxcbmAsXG4gICAgfSk7XG4gICAgY29uc3QgeyBvdXQsIHN0YXR1cyB9ID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ2ZsZWV0J10sIHsgY3dkIH0pO1xuICAgIGFzc2VydC5lcXVhbChzdGF0dXMsIDMsIG91dCk7XG4gICAgYXNzZXJ0Lm1hdGNoKG91dCwgL2Fub3RoZXIgY2VydGlmaWNhdGUgdGhhbiB0aGUgb25lIHRoYXQgaXMgcGlubmVkLyk7XG4gICAgY29uc3QgbGluZXMgPSBhd2FpdCBlY2hvVHJhaWwoWydydW4nLCAnZmxlZXQnLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICAgIGNvbnN0IHNlbnQgPSBsaW5lcy5vdXQuc3BsaXQoJ1xcbicpLmZpbHRlcigobGluZSkgPT4gbGluZS5pbmNsdWRlcygnXCJldmVudFwiOlwic3RlcFwiJykpO1xuICAgIGFzc2VydC5lcXVhbChzZW50LmZpbHRlcigobGluZSkgPT4gbGluZS5pbmNsdWRlcygnXCJzdGF0ZVwiOlwib2tcIicpKS5sZW5ndGgsIDIsIGxpbmVzLm91dCk7XG4gIH0gZmluYWxseSB7XG4gICAgYXdhaXQgc2VjdXJlLmNsb3NlKCk7XG4gIH1cbn0pO1xuXG50ZXN0KCdhIGZpbGUgdGhhdCBjYW5ub3QgYmUgd3JpdHRlbiBpcyB0b2xkIGJlZm9yZSBhbnl0aGluZyBpcyBzZW50OyBvbmUgdGhhdCBjbGFpbXMgdG8gYmUgSlNPTiBpcyBzYXZlZCB1bnJlYWQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZih7fSwgb3JpZ2luKTtcbiAgZm9yIChjb25zdCBbdG8sIHNheXNdIG9mIFtcbiAgICBbJ25vL3N1Y2gvZm9sZGVyL2l0LmJpbicsIC90aGVyZSBpcyBubyBmb2xkZXIvXSxcbiAgICBbY3dkLCAvdGhhdCBpcyBhIGZvbGRlci9dLFxuICBdIGFzIGNvbnN0KSB7XG4gICAgY29uc3QgeyBzdGF0dXMsIGVyciB9ID0gYXdhaXQgZWNob1RyYWlsKFsnc2VuZCcsICdHRVQnLCAnL25vdGljZXMnLCAnLS10bycsIHRvXSwgeyBjd2QgfSk7XG4gICAgYXNzZXJ0LmVxdWFsKHN0YXR1cywgMik7XG4gICAgYXNzZXJ0Lm1hdGNoKGVyciwgc2F5cyk7XG4gIH1cbiAgYXNzZXJ0LmVxdWFsKGV4aXN0c1N5bmMoam9pbihjd2QsICcuZWNoby10cmFpbC9lY2hvZXMnKSksIGZhbHNlKTtcbiAgY29uc3Qgc2F2ZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ0dFVCcsICcvbm90aWNlcycsICctLXRvJywgJ25vdGljZXMuanNvbiddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKHNhdmVkLnN0YXR1cywgMCwgc2F2ZWQuZXJyKTtcbiAgYXNzZXJ0LmVxdWFsKFxuICAgIChKU09OLnBhcnNlKHJlYWRGaWxlU3luYyhqb2luKGN3ZCwgJ25vdGljZXMuanNvbicpLCAndXRmOCcpKSBhcyB7IG5vdGljZXM6IG9iamVjdFtdIH0pLm5vdGljZXMubGVuZ3RoLFxuICAgIDMsXG4gICk7XG59KTtcblxudGVzdCgnYSBHcmFwaFFMIGNhbGwgd2l0aCBhIGZpbGUgZ29lcyBieSBQT1NULCBhbmQgYnkgR0VUIGl0IHNheXMgc28nLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAnZGF0YS9wbGFuLnR4dCc6ICdhIHBsYW5cXG4nLFxuICAgICAgJ3JlcXVlc3RzL2l0LnlhbWwnOlxuICAgICAgICAndXJsOiAke29yaWdpbn0vbWlycm9yXFxuYm9keToge2dyYXBocWw6IHtkb2N1bWVudDogXCJxdWVyeSgkYTogVXBsb2FkKSB7IGIoYTogJGEpIH1cIiwgdmFyaWFibGVzOiB7YToge3VwbG9hZDogZGF0YS9wbGFuLnR4dH19fX1cXG4nLFxuICAgIH0sXG4gICAgb3JpZ2luLFxuICApO1xuICBjb25zdCB7IHN0YXR1cywgZXJyIH0gPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2l0J10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoc3RhdHVzLCAyKTtcbiAgYXNzZXJ0Lm1hdGNoKGVyciwgL2EgdmFyaWFibGUgaXMgYSBmaWxlLCBhbmQgYSBHRVQgY2FycmllcyBub25lW1xcc1xcU10qbWV0aG9kOiBQT1NULyk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxrQkFBa0I7QUFDM0IsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsWUFBWSxjQUFjLHFCQUFxQjtBQUN4RCxTQUFTLG9CQUFvQjtBQUU3QixTQUFTLHlCQUF5QjtBQUNsQyxTQUFTLFlBQVk7QUFDckIsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsb0JBQW9CLGdCQUFnQixhQUFhLGdCQUFnQjtBQVMxRSxJQUFNLEVBQUUsT0FBTyxJQUFJLE1BQU0sbUJBQW1CO0FBRTVDLElBQU0sU0FBUyxPQUFPLE9BQU8sa0JBQWtCLENBQUMsRUFDN0MsS0FBSyxFQUNMLEtBQUssQ0FBQyxRQUFRLEtBQUssWUFBWSxLQUFLLElBQ25DLFFBQ0E7QUFVSixlQUFlLFNBQ2IsU0FDQSxRQUEwQyxDQUFDLE1BQ3hDLE1BQ3NGO0FBQ3pGLFFBQU0sTUFBTSxhQUFhLEVBQUUsb0JBQW9CLFNBQVMsR0FBRyxNQUFNLEdBQUcsTUFBTTtBQUMxRSxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxNQUFNLFVBQVUsR0FBRyxJQUFJLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDeEUsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLEdBQUcsTUFBTSxHQUFHO0FBQUEsRUFBSyxNQUFNLEdBQUcsRUFBRTtBQUMxRCxRQUFNLEVBQUUsTUFBTSxLQUFLLElBQUksU0FBNkIsS0FBSztBQUN6RCxTQUFPO0FBQUEsSUFDTCxHQUFHO0FBQUEsSUFDSCxNQUFNLE9BQU8sS0FBSyxLQUFLLEtBQUssUUFBUSxRQUFRLEVBQUUsU0FBUztBQUFBLElBQ3ZELFFBQVEsQ0FBQyxTQUFTLEtBQUssUUFBUSxLQUFLLENBQUMsQ0FBQyxHQUFHLE1BQU0sSUFBSSxZQUFZLE1BQU0sSUFBSSxJQUFJLENBQUM7QUFBQSxFQUNoRjtBQUNGO0FBRUEsSUFBTSxLQUFLLENBQUMsTUFBYyxTQUFTLFdBQ2pDLFdBQVcsTUFBTTtBQUFBO0FBQUE7QUFBQSxFQUE2QyxJQUFJO0FBRXBFLEtBQUssMEdBQTBHLFlBQVk7QUFDekgsUUFBTSxPQUFPLE1BQU07QUFBQSxJQUNqQixHQUFHO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBLENBU047QUFBQSxJQUNHLEVBQUUsaUJBQWlCLG9CQUFvQixtQkFBbUIsNkJBQTZCO0FBQUEsRUFDekY7QUFDQSxRQUFNLFdBQVcsdURBQXVELEtBQUssS0FBSyxPQUFPLGNBQWMsS0FBSyxFQUFFLElBQUksQ0FBQztBQUNuSCxTQUFPLEdBQUcsUUFBUTtBQUNsQixRQUFNLE9BQU8sQ0FBQyxNQUFjLFNBQXlCLEtBQUssUUFBUTtBQUFBLEVBQU8sSUFBSTtBQUFBO0FBQUEsRUFBVyxJQUFJO0FBQUE7QUFDNUYsUUFBTSxXQUNKLEtBQUssK0NBQStDLGlCQUFpQixJQUNyRSxLQUFLLDhDQUE4QyxPQUFPLElBQzFELEtBQUssOENBQThDLE9BQU8sSUFDMUQsS0FBSyxpRkFBaUYsY0FBYyxJQUNwRztBQUFBLElBQ0U7QUFBQSxJQUNBO0FBQUEsRUFDRixJQUNBO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxFQUNGLElBQ0EsS0FBSyxRQUFRO0FBQUE7QUFDZixTQUFPLE1BQU0sS0FBSyxNQUFNLFFBQVE7QUFDaEMsU0FBTyxNQUFNLEtBQUssT0FBTyxnQkFBZ0IsR0FBRyxPQUFPLE9BQU8sV0FBVyxRQUFRLENBQUMsQ0FBQztBQUNqRixDQUFDO0FBRUQsS0FBSyxxRUFBcUUsWUFBWTtBQUNwRixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxvQkFDRTtBQUFBLElBQ0o7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sUUFBUSxPQUFPLE1BQU0sS0FBVyxNQUFNO0FBQzVDLFVBQVEsS0FBSyxrQkFBa0IsRUFBRTtBQUNqQyxnQkFBYyxLQUFLLEtBQUssZ0JBQWdCLEdBQUcsS0FBSztBQUNoRCxRQUFNLEVBQUUsS0FBSyxJQUFJLFNBQXdDLE1BQU0sVUFBVSxDQUFDLFFBQVEsTUFBTSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUMsQ0FBQztBQUMzRyxTQUFPLFVBQVUsS0FBSyxPQUFPO0FBQUEsSUFDM0IsRUFBRSxNQUFNLFNBQVMsTUFBTSxjQUFjLE9BQU8sUUFBUTtBQUFBLElBQ3BEO0FBQUEsTUFDRSxNQUFNO0FBQUEsTUFDTixVQUFVO0FBQUEsTUFDVixNQUFNO0FBQUEsTUFDTixNQUFNLE1BQU07QUFBQSxNQUNaLFFBQVEsV0FBVyxRQUFRLEVBQUUsT0FBTyxLQUFLLEVBQUUsT0FBTyxLQUFLO0FBQUEsSUFDekQ7QUFBQSxFQUNGLENBQUM7QUFDSCxDQUFDO0FBRUQsS0FBSyxnR0FBZ0csWUFBWTtBQUMvRyxRQUFNLFVBQVUsR0FBRyx1RUFBdUUsS0FBSztBQUMvRixRQUFNLE9BQU8sTUFBTSxTQUFTLFNBQVMsRUFBRSxpQkFBaUIsbUJBQW1CLENBQUM7QUFDNUUsU0FBTztBQUFBLElBQ0wsQ0FBQyxLQUFLLE1BQU0sS0FBSyxPQUFPLGNBQWMsR0FBRyxLQUFLLE9BQU8sZ0JBQWdCLENBQUM7QUFBQSxJQUN0RSxDQUFDLG9CQUFvQixtQkFBbUIsSUFBSTtBQUFBLEVBQzlDO0FBQ0EsUUFBTSxNQUFNLGFBQWEsRUFBRSxvQkFBb0IsU0FBUyxpQkFBaUIsbUJBQW1CLEdBQUcsTUFBTTtBQUNyRyxTQUFPO0FBQUEsS0FDSixNQUFNLFVBQVUsQ0FBQyxXQUFXLElBQUksR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHO0FBQUEsSUFDOUM7QUFBQSxFQUNGO0FBQ0EsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLFFBQVEsTUFBTSxTQUFTLG1CQUFtQixHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3JGLFNBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixTQUFPLE1BQU0sUUFBUSxLQUFLLHdCQUF3QjtBQUNwRCxDQUFDO0FBRUQsS0FBSywwR0FBMEcsWUFBWTtBQUN6SCxRQUFNLE9BQU8sTUFBTTtBQUFBLElBQ2pCLEdBQUcsK0dBQStHO0FBQUEsSUFDbEg7QUFBQSxNQUNFLG9CQUFvQjtBQUFBLElBQ3RCO0FBQUEsRUFDRjtBQUNBLFNBQU8sVUFBVSxDQUFDLEtBQUssTUFBTSxLQUFLLE9BQU8sY0FBYyxDQUFDLEdBQUcsQ0FBQywrQkFBK0Isa0JBQWtCLENBQUM7QUFDOUcsUUFBTSxNQUFNO0FBQUEsSUFDVixtQkFBbUI7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUEsRUFNckI7QUFDQSxRQUFNLFVBQVU7QUFBQSxJQUNkO0FBQUEsRUFDRjtBQUNBLFFBQU0sT0FBTyxNQUFNLFNBQVMsUUFBUSxRQUFRLDJCQUEyQixFQUFFLEdBQUc7QUFBQSxJQUMxRSxtQkFBbUIsSUFBSSxpQkFBaUI7QUFBQSxFQUMxQyxDQUFDO0FBQ0QsU0FBTyxNQUFNLEtBQUssTUFBTSx1RkFBdUY7QUFDL0csUUFBTSxNQUFNLGFBQWEsRUFBRSxvQkFBb0IsU0FBUyxHQUFHLElBQUksR0FBRyxNQUFNO0FBQ3hFLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE1BQU0sU0FBUyxZQUFZLFNBQVMsVUFBVSxTQUFTLFdBQVcsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNuSCxTQUFPLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDNUIsU0FBTyxNQUFNLE1BQU0sS0FBSyx3Q0FBd0M7QUFDbEUsQ0FBQztBQUVELEtBQUssd0ZBQXdGLFlBQVk7QUFDdkcsUUFBTSxPQUFPLE1BQU07QUFBQSxJQUNqQjtBQUFBLE1BQ0U7QUFBQTtBQUFBO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFBQSxJQUNBO0FBQUEsTUFDRSxxQkFBcUI7QUFBQSxNQUNyQixtQkFBbUI7QUFBQSxJQUNyQjtBQUFBLEVBQ0Y7QUFDQSxTQUFPO0FBQUEsSUFDTCxJQUFJLElBQUksS0FBSyxRQUFRLE1BQU0sRUFBRSxhQUFhLElBQUksUUFBUTtBQUFBLElBQ3REO0FBQUEsRUFDRjtBQUNBLFFBQU0sTUFBTTtBQUFBLElBQ1YsRUFBRSxvQkFBb0IsR0FBRyxrQ0FBa0MsR0FBRyxnQkFBZ0IsNEJBQTRCO0FBQUEsSUFDMUc7QUFBQSxFQUNGO0FBQ0EsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsSUFBSSxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsS0FBSyxnQkFBZ0I7QUFDL0UsQ0FBQztBQUVELEtBQUssa0RBQWtELFlBQVk7QUFDakUsUUFBTSxPQUFPLE1BQU07QUFBQSxJQUNqQixHQUFHLDBGQUEwRjtBQUFBLEVBQy9GO0FBQ0EsU0FBTztBQUFBLElBQ0wsS0FBSztBQUFBLElBQ0w7QUFBQSxFQUNGO0FBQ0YsQ0FBQztBQUVELEtBQUssa0ZBQWtGLFlBQVk7QUFDakcsUUFBTSxRQUFRLEVBQUUsdUJBQXVCLG9EQUFvRCxpQkFBaUIsT0FBTztBQUNuSCxRQUFNLE9BQU87QUFDYixRQUFNLFNBQVMsTUFBTSxTQUFTLEdBQUcsSUFBSSxHQUFHLEtBQUs7QUFDN0MsU0FBTyxVQUFVLEtBQUssTUFBTSxPQUFPLElBQUksR0FBRztBQUFBLElBQ3hDLE9BQU8sTUFBTSxxQkFBcUI7QUFBQSxJQUNsQyxXQUFXLEVBQUUsR0FBRyxFQUFFO0FBQUEsSUFDbEIsZUFBZTtBQUFBLEVBQ2pCLENBQUM7QUFDRCxRQUFNLE1BQU0sTUFBTSxTQUFTLEdBQUcsTUFBTSxLQUFLLEdBQUcsS0FBSztBQUNqRCxRQUFNLGFBQWEsSUFBSSxJQUFJLElBQUksUUFBUSxNQUFNLEVBQUU7QUFDL0MsU0FBTztBQUFBLElBQ0wsQ0FBQyxXQUFXLElBQUksT0FBTyxHQUFHLFdBQVcsSUFBSSxXQUFXLEdBQUcsV0FBVyxJQUFJLGVBQWUsR0FBRyxJQUFJLEtBQUssSUFBSTtBQUFBLElBQ3JHLENBQUMsTUFBTSxxQkFBcUIsR0FBRyxXQUFXLFFBQVEsQ0FBQztBQUFBLEVBQ3JEO0FBQ0EsUUFBTSxXQUFXLE1BQU07QUFBQSxJQUNyQixHQUFHLG1HQUFtRztBQUFBLElBQ3RHO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxTQUFTLE1BQU0saUZBQWlGO0FBQzdHLFNBQU8sTUFBTSxTQUFTLE1BQU0seURBQXlEO0FBQ3JGLFNBQU8sTUFBTSxTQUFTLE1BQU0sNkVBQTZFO0FBQzNHLENBQUM7QUFFRCxLQUFLLGlFQUFpRSxZQUFZO0FBQ2hGLFFBQU0sTUFBTSxhQUFhLEVBQUUsaUJBQWlCLE9BQU8sR0FBRyxNQUFNO0FBQzVELFFBQU0sT0FBTyxJQUFJLFNBQ2YsVUFBVSxDQUFDLFFBQVEsUUFBUSxXQUFXLG1CQUFtQixVQUFVLEdBQUcsSUFBSSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3RGLFFBQU0sU0FBUyxVQUFVLFNBQ3ZCLE9BQU8sS0FBSyxTQUE2QixNQUFNLEtBQUssR0FBRyxJQUFJLENBQUMsRUFBRSxLQUFLLEtBQUssUUFBUSxRQUFRLEVBQUUsU0FBUztBQUNyRyxTQUFPLE1BQU0sTUFBTSxPQUFPLFVBQVUsT0FBTyxVQUFVLFFBQVEsR0FBRyxrQkFBa0I7QUFDbEYsU0FBTyxNQUFNLE1BQU0sT0FBTyxlQUFlLFlBQVksR0FBRyxZQUFZO0FBQ3BFLFNBQU8sTUFBTSxNQUFNLE9BQU8sZUFBZSxlQUFlLEdBQUcsTUFBTTtBQUNqRSxTQUFPO0FBQUEsSUFDTCxNQUFNLE9BQU8sVUFBVSxPQUFPLGVBQWUsc0JBQXNCLFFBQVEsTUFBTTtBQUFBLElBQ2pGO0FBQUEsRUFDRjtBQUNBLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxRQUFRLFFBQVEsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2pFLFNBQU87QUFBQSxJQUNMLE9BQU8sS0FBSyxTQUE2QixLQUFLLEVBQUUsS0FBSyxLQUFLLFFBQVEsUUFBUSxFQUFFLFNBQVM7QUFBQSxJQUNyRjtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE9BQU8sTUFBTSxLQUFLLFVBQVUsT0FBTyxlQUFlLEdBQUcsR0FBRyxLQUFLLFVBQVU7QUFDaEYsQ0FBQztBQUVELEtBQUsseUZBQXlGLFlBQVk7QUFDeEcsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0Usc0JBQXNCO0FBQUEsTUFDdEIsdUJBQ0U7QUFBQSxNQUNGLHFCQUFxQjtBQUFBLElBQ3ZCO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsT0FBTyxPQUFPLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDeEQsU0FBTyxNQUFNLE9BQU8sUUFBUSxHQUFHLE9BQU8sTUFBTSxPQUFPLEdBQUc7QUFDdEQsUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxXQUFXLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDcEUsU0FBTyxNQUFNLE9BQU8sS0FBSyxtQkFBbUI7QUFDNUMsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxhQUFhLGNBQWMsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUssT0FBTztBQUNsRyxRQUFNLFNBQVMsYUFBYSxLQUFLLEtBQUssb0NBQW9DLEdBQUcsTUFBTTtBQUNuRixTQUFPLGFBQWEsUUFBUSxPQUFPO0FBQ25DLFFBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sYUFBYSxVQUFVLFNBQVMsR0FBRyxFQUFFLElBQUksQ0FBQztBQUMxRixTQUFPLE1BQU0sUUFBUSxLQUFLLDJCQUEyQjtBQUN2RCxDQUFDO0FBRUQsS0FBSywwRkFBMEYsWUFBWTtBQUN6RyxhQUFXLENBQUMsUUFBUSxRQUFRLElBQUksS0FBSztBQUFBLElBQ25DLENBQUMsS0FBSyxPQUFPLEVBQUU7QUFBQSxJQUNmLENBQUMsS0FBSyxPQUFPLEVBQUU7QUFBQSxJQUNmLENBQUMsS0FBSyxRQUFRLEtBQUs7QUFBQSxJQUNuQixDQUFDLEtBQUssUUFBUSxLQUFLO0FBQUEsRUFDckIsR0FBWTtBQUNWLFVBQU0sU0FBUyxNQUFNO0FBQUEsTUFBVSxDQUFDLFNBQzlCLEtBQUssV0FBVyxhQUFhLElBQ3pCLFlBQVksTUFBTTtBQUFBO0FBQUE7QUFBQTtBQUFBLElBQ2xCO0FBQUEsSUFDTjtBQUNBLFVBQU0sTUFBTTtBQUFBLE1BQ1YsRUFBRSxvQkFBb0IsMkVBQTJFO0FBQUEsTUFDakcsT0FBTztBQUFBLElBQ1Q7QUFDQSxVQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxJQUFJLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDckQsV0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxVQUFNLFNBQVMsT0FBTyxTQUFTLEtBQUssRUFBRSxFQUFFLE1BQU0sd0JBQXdCLEVBQUUsQ0FBQyxLQUFLO0FBQzlFLFdBQU8sTUFBTSxlQUFlLEtBQUssTUFBTSxJQUFJLENBQUMsR0FBRyxRQUFRLE9BQU8sTUFBTSxDQUFDO0FBQ3JFLFdBQU8sTUFBTSxPQUFPLE1BQU0sVUFBVSxFQUFFLENBQUMsR0FBRyxJQUFJO0FBQzlDLFdBQU8sTUFBTSxnQkFBZ0IsS0FBSyxNQUFNLEdBQUcsU0FBUyxFQUFFO0FBQ3RELFVBQU0sT0FBTyxNQUFNO0FBQUEsRUFDckI7QUFDRixDQUFDO0FBRUQsS0FBSyxtRUFBbUUsWUFBWTtBQUNsRixRQUFNLE1BQU0sYUFBYSxDQUFDLEdBQUcsTUFBTTtBQUNuQyxRQUFNLE9BQU8sVUFBVSxVQUFxQyxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sR0FBRyxJQUFJLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRztBQUNoSCxTQUFPO0FBQUEsSUFDTCxNQUFNLEtBQUssWUFBWSxZQUFZLDRCQUE0QixVQUFVLHFCQUFxQjtBQUFBLElBQzlGO0FBQUEsRUFDRjtBQUNBLFNBQU87QUFBQSxJQUNMLE1BQU0sS0FBSyxZQUFZLFVBQVUsU0FBUztBQUFBLElBQzFDO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxNQUFNLEtBQUssWUFBWSxVQUFVLE9BQU8sR0FBRyx5Q0FBeUM7QUFDakcsU0FBTyxNQUFNLE1BQU0sS0FBSyxZQUFZLFVBQVUsU0FBUyxhQUFhLFNBQVMsVUFBVSxHQUFHLEdBQUcsdUJBQXVCO0FBQ3BILFNBQU8sTUFBTSxNQUFNLEtBQUssWUFBWSxZQUFZLGdDQUFnQyxVQUFVLE9BQU8sR0FBRyxPQUFPO0FBQzNHLFNBQU87QUFBQSxJQUNMLE1BQU0sS0FBSyxZQUFZLFlBQVksMkJBQTJCLFVBQVUsbUJBQW1CO0FBQUEsSUFDM0Y7QUFBQSxFQUNGO0FBQ0EsU0FBTztBQUFBLElBQ0wsTUFBTSxLQUFLLGtCQUFrQjtBQUFBLElBQzdCO0FBQUEsRUFDRjtBQUNBLFNBQU8sTUFBTSxNQUFNLEtBQUssbUJBQW1CLFFBQVEsR0FBRywyQkFBMkI7QUFDakYsU0FBTyxNQUFNLE1BQU0sS0FBSyxZQUFZLFVBQVUsTUFBTSxHQUFHLEVBQUU7QUFDekQsUUFBTSxPQUFPLE1BQU07QUFBQSxJQUNqQixDQUFDLFFBQVEsT0FBTyxZQUFZLFlBQVkseUJBQXlCLFVBQVUscUJBQXFCO0FBQUEsSUFDaEcsRUFBRSxJQUFJO0FBQUEsRUFDUjtBQUNBLFNBQU8sTUFBTSxLQUFLLEtBQUssU0FBUztBQUNoQyxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLFlBQVksWUFBWSx1QkFBdUIsR0FBRyxFQUFFLElBQUksQ0FBQztBQUN2RyxTQUFPLE1BQU0sTUFBTSxLQUFLLDZCQUE2QjtBQUNyRCxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLFlBQVksVUFBVSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxLQUFLLHFCQUFxQjtBQUNuSCxTQUFPO0FBQUEsS0FDSixNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sWUFBWSxVQUFVLFdBQVcsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHO0FBQUEsSUFDL0U7QUFBQSxFQUNGO0FBQ0YsQ0FBQztBQUVELEtBQUssa0ZBQWtGLFlBQVk7QUFDakcsUUFBTSxNQUFNO0FBQUEsSUFDVixFQUFFLG9CQUFvQiwwRkFBMEY7QUFBQSxJQUNoSDtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxJQUFJLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxLQUFLLGlDQUFpQztBQUM5RixRQUFNLFVBQVUsQ0FBQyxRQUFRLE1BQU0sVUFBVSxTQUFTLFFBQVEsU0FBUyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzdFLFNBQU8sTUFBTSxhQUFhLEtBQUssS0FBSyxTQUFTLEdBQUcsTUFBTSxFQUFFLE1BQU0sSUFBSSxFQUFFLENBQUMsR0FBRyxrQkFBa0I7QUFDMUYsUUFBTSxVQUFVLENBQUMsUUFBUSxNQUFNLFVBQVUsU0FBUyxRQUFRLFVBQVUsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM5RSxTQUFPLFVBQVUsS0FBSyxNQUFNLGFBQWEsS0FBSyxLQUFLLFVBQVUsR0FBRyxNQUFNLENBQUMsRUFBRSxDQUFDLEdBQUcsRUFBRSxJQUFJLFNBQVMsT0FBTyxZQUFZLENBQUM7QUFDbEgsQ0FBQztBQUVELEtBQUssb0ZBQW9GLFlBQVk7QUFDbkcsUUFBTSxNQUFNLGFBQWEsQ0FBQyxHQUFHLE1BQU07QUFDbkMsUUFBTSxPQUFPLEtBQUssZ0JBQWdCLEdBQUcsYUFBYTtBQUNsRCxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLG9CQUFvQixRQUFRLElBQUksR0FBRyxFQUFFLElBQUksQ0FBQztBQUN4RixTQUFPLE1BQU0sTUFBTSxLQUFLLG1CQUFtQjtBQUMzQyxRQUFNLFFBQVEsYUFBYSxJQUFJO0FBQy9CLFNBQU8sTUFBTSxNQUFNLFFBQVEsSUFBTTtBQUVqQyxRQUFNLE9BQU8sS0FBSyxnQkFBZ0IsR0FBRyxVQUFVO0FBQy9DLFFBQU0sTUFBTSxzQkFBc0I7QUFBQSxLQUMvQixNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sb0JBQW9CLFVBQVUsU0FBUyxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUc7QUFBQSxFQUN2RixJQUFJLENBQUM7QUFDTCxnQkFBYyxHQUFHLElBQUksU0FBUyxNQUFNLFNBQVMsR0FBRyxHQUFNLENBQUM7QUFDdkQsZ0JBQWMsR0FBRyxJQUFJLGNBQWMsS0FBSyxVQUFVLEVBQUUsSUFBSSxDQUFDLENBQUM7QUFDMUQsUUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxvQkFBb0IsUUFBUSxJQUFJLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDdkYsU0FBTyxNQUFNLEtBQUssS0FBSyxxQkFBcUI7QUFDNUMsU0FBTyxHQUFHLGFBQWEsSUFBSSxFQUFFLE9BQU8sS0FBSyxDQUFDO0FBQzFDLFNBQU8sTUFBTSxXQUFXLEdBQUcsSUFBSSxPQUFPLEtBQUssV0FBVyxHQUFHLElBQUksWUFBWSxHQUFHLEtBQUs7QUFFakYsZ0JBQWMsR0FBRyxJQUFJLFNBQVMsZ0JBQWdCO0FBQzlDLGdCQUFjLEdBQUcsSUFBSSxjQUFjLEtBQUssVUFBVSxFQUFFLEtBQUssUUFBUSxDQUFDLENBQUM7QUFDbkUsUUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLG9CQUFvQixRQUFRLElBQUksR0FBRyxFQUFFLElBQUksQ0FBQztBQUMxRSxTQUFPLEdBQUcsYUFBYSxJQUFJLEVBQUUsT0FBTyxLQUFLLENBQUM7QUFDMUMsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxZQUFZLFFBQVEsR0FBRyxJQUFJLEtBQUssR0FBRyxFQUFFLElBQUksQ0FBQztBQUMxRixTQUFPLE1BQU0sUUFBUSxRQUFRLENBQUM7QUFDOUIsU0FBTyxNQUFNLFdBQVcsR0FBRyxJQUFJLEtBQUssR0FBRyxLQUFLO0FBQzVDLFNBQU8sTUFBTSxRQUFRLEtBQUssV0FBVztBQUN2QyxDQUFDO0FBRUQsS0FBSywrQ0FBK0MsWUFBWTtBQUM5RCxRQUFNLFNBQVMsTUFBTSxVQUFVLENBQUMsT0FBTyxXQUFXO0FBQ2hELFdBQU8sSUFBSSwyRUFBMkU7QUFDdEYsV0FBTztBQUFBLEVBQ1QsQ0FBQztBQUNELFFBQU0sTUFBTSxhQUFhLENBQUMsR0FBRyxPQUFPLE1BQU07QUFDMUMsUUFBTSxFQUFFLFFBQVEsSUFBSSxJQUFJLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxLQUFLLFFBQVEsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3ZGLFNBQU8sTUFBTSxRQUFRLEdBQUcsR0FBRztBQUMzQixTQUFPLE1BQU0sYUFBYSxLQUFLLEtBQUssYUFBYSxHQUFHLE1BQU0sR0FBRyxnQkFBZ0I7QUFDN0UsU0FBTyxNQUFNLEtBQUssb0JBQW9CO0FBQ3RDLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLG1GQUFtRixZQUFZO0FBQ2xHLFFBQU0sT0FBTyw4QkFBOEIsT0FBTyxHQUFJO0FBQ3RELFFBQU0sU0FBOEQ7QUFBQSxJQUNsRSxTQUFTLENBQUMsUUFBUSxTQUFTLElBQUksQ0FBQztBQUFBLElBQ2hDLFlBQVksQ0FBQyxXQUFXLFlBQVksSUFBSSxDQUFDO0FBQUEsSUFDekMsU0FBUyxDQUFDLFdBQVcsZUFBZSxJQUFJLENBQUM7QUFBQSxJQUN6QyxTQUFTLENBQUMsWUFBWSxTQUFTLG1CQUFtQixJQUFJLENBQUMsQ0FBQztBQUFBLElBQ3hELFdBQVcsQ0FBQyxRQUFRLE9BQU8sT0FBTyxDQUFDLFNBQVMsSUFBSSxFQUFFLFNBQVMsR0FBRyxFQUFFLEdBQUcsT0FBTyxNQUFNLEtBQU0sQ0FBQyxDQUFDLENBQUMsQ0FBQztBQUFBLElBQzFGLFlBQVksQ0FBQyxPQUFPLE9BQU8sS0FBSyxJQUFJLENBQUM7QUFBQSxFQUN2QztBQUNBLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxNQUFNLFdBQVc7QUFDL0MsVUFBTSxDQUFDLFFBQVEsSUFBSSxJQUFJLE9BQU8sYUFBYSxLQUFLLElBQUksSUFBSSxDQUFDLEtBQUssRUFBRSxLQUFLLENBQUMsSUFBSSxPQUFPLE1BQU0sQ0FBQyxDQUFDO0FBQ3pGLFdBQU8sTUFBTTtBQUFBLG9CQUF3QyxNQUFNO0FBQUEsa0JBQXVCLEtBQUssTUFBTTtBQUFBO0FBQUEsQ0FBVTtBQUN2RyxXQUFPLElBQUksSUFBSTtBQUNmLFdBQU87QUFBQSxFQUNULENBQUM7QUFDRCxRQUFNLE1BQU0sYUFBYSxDQUFDLEdBQUcsT0FBTyxNQUFNO0FBQzFDLGFBQVcsUUFBUSxDQUFDLFNBQVMsWUFBWSxTQUFTLE9BQU8sR0FBRztBQUMxRCxVQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLE1BQU0sUUFBUSxLQUFLLEtBQUssTUFBTSxDQUFDLENBQUMsRUFBRSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3BHLFdBQU8sTUFBTSxRQUFRLEdBQUcsR0FBRztBQUMzQixXQUFPLE1BQU0sYUFBYSxLQUFLLEtBQUssS0FBSyxLQUFLLE1BQU0sQ0FBQyxDQUFDLEVBQUUsR0FBRyxNQUFNLEdBQUcsSUFBSTtBQUFBLEVBQzFFO0FBQ0EsYUFBVyxDQUFDLE1BQU0sSUFBSSxLQUFLO0FBQUEsSUFDekIsQ0FBQyxXQUFXLHVDQUF1QztBQUFBLElBQ25ELENBQUMsWUFBWSxzQ0FBc0M7QUFBQSxFQUNyRCxHQUFZO0FBQ1YsVUFBTSxFQUFFLFFBQVEsSUFBSSxJQUFJLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxNQUFNLFFBQVEsTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3RGLFdBQU8sU0FBUyxRQUFRLENBQUM7QUFDekIsV0FBTyxNQUFNLEtBQUssSUFBSTtBQUN0QixXQUFPLE1BQU0sV0FBVyxLQUFLLEtBQUssTUFBTSxDQUFDLEdBQUcsS0FBSztBQUFBLEVBQ25EO0FBQ0EsUUFBTSxPQUFPLE1BQU07QUFDckIsQ0FBQztBQUVELEtBQUssNkZBQTZGLFlBQVk7QUFDNUcsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0Usd0JBQXdCO0FBQUEsSUFDMUI7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sRUFBRSxRQUFRLEtBQUssSUFBSSxJQUFJLE1BQU0sVUFBVSxDQUFDLFFBQVEsVUFBVSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDbEYsU0FBTyxNQUFNLFFBQVEsR0FBRyxHQUFHO0FBQzNCLFNBQU8sTUFBTSxLQUFLLE9BQU87QUFDekIsUUFBTSxDQUFDLEVBQUUsT0FBTyxFQUFFLElBQUksY0FBYyxLQUFLLEdBQUcsS0FBSyxDQUFDO0FBQ2xELFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLFFBQVEsTUFBTSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUMsR0FBRyxLQUFLLE9BQU87QUFDdEYsUUFBTSxVQUFVLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxZQUFZLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM5RSxTQUFPLE1BQU0sUUFBUSxLQUFLLFdBQVc7QUFDckMsYUFBVyxTQUFTLENBQUMsVUFBVSxpQkFBaUIsYUFBYSxHQUFHO0FBQzlELFVBQU0sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLFVBQVUsVUFBVSxLQUFLLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDekUsV0FBTyxNQUFNLEtBQUssUUFBUSxDQUFDO0FBQzNCLFdBQU8sTUFBTSxLQUFLLEtBQUssb0JBQW9CO0FBQUEsRUFDN0M7QUFDRixDQUFDO0FBRUQsS0FBSyw0REFBNEQsTUFBTTtBQUNyRSxRQUFNLFFBQWtCLENBQUM7QUFDekIsUUFBTSxPQUFPLElBQUksU0FBUyxDQUFDLFNBQVMsTUFBTSxLQUFLLElBQUksQ0FBQztBQUNwRCxTQUFPLE1BQU0sS0FBSyxNQUFNLEtBQUssQ0FBQyxDQUFDLGdCQUFnQixtQkFBbUIsQ0FBQyxDQUFDLEdBQUcsUUFBUTtBQUMvRSxRQUFNLFFBQVEsT0FBTyxLQUFLLHdDQUFrQztBQUM1RCxhQUFXLE1BQU0sTUFBTSxLQUFLLEVBQUcsTUFBSyxNQUFNLE1BQU0sU0FBUyxJQUFJLEtBQUssQ0FBQyxDQUFDO0FBQ3BFLE9BQUssT0FBTztBQUNaLFNBQU8sVUFBVSxPQUFPLENBQUMsb0JBQWMsa0JBQWtCLE1BQU0sQ0FBQztBQUNoRSxTQUFPLE1BQU0sS0FBSyxNQUFNLEtBQUssQ0FBQyxDQUFDLG9CQUFvQixNQUFNLENBQUMsQ0FBQyxHQUFHLFNBQVM7QUFDdkUsU0FBTyxNQUFNLEtBQUssTUFBTSxLQUFLLENBQUMsQ0FBQyxHQUFHLFNBQVM7QUFDN0MsQ0FBQztBQUVELEtBQUssOERBQThELFlBQVk7QUFDN0UsUUFBTSxTQUFTLE1BQU07QUFBQSxJQUFVLENBQUMsU0FDOUIsU0FBUyxLQUFLLFdBQVcsY0FBYyxJQUFJLFNBQVMsU0FBUztBQUFBLE1BQzNELE1BQU07QUFBQSxNQUNOLFNBQVMsQ0FBQyw2QkFBNkI7QUFBQSxJQUN6QyxDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sTUFBTSxhQUFhLENBQUMsR0FBRyxPQUFPLE1BQU07QUFDMUMsUUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLEdBQUcsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM3QyxRQUFNLEVBQUUsS0FBSyxJQUFJLElBQUksTUFBTSxVQUFVLENBQUMsVUFBVSxHQUFHLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDN0QsU0FBTyxNQUFNLEtBQUssVUFBVSxHQUFHO0FBQy9CLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLHdGQUF3RixZQUFZO0FBQ3ZHLFFBQU0sTUFBTSxhQUFhLENBQUMsR0FBRyxNQUFNO0FBQ25DLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2hFLFNBQU8sTUFBTSxNQUFNLEtBQUssMENBQTBDO0FBQ2xFLFFBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDbEQsU0FBTztBQUFBLElBQ0wsT0FBTztBQUFBLElBQ1A7QUFBQSxFQUNGO0FBQ0EsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFVBQVUsR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsS0FBSyx1QkFBdUI7QUFDckYsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFVBQVUsR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsS0FBSyxzQkFBc0I7QUFDcEYsUUFBTSxRQUFRLFNBQXFELE1BQU0sVUFBVSxDQUFDLFVBQVUsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDLENBQUM7QUFDakgsU0FBTyxVQUFVLENBQUMsTUFBTSxNQUFNLENBQUMsR0FBRyxJQUFJLE1BQU0sTUFBTSxDQUFDLEdBQUcsS0FBSyxHQUFHLENBQUMsV0FBVyxXQUFXLENBQUM7QUFDdEYsUUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLFVBQVUsR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3JELFNBQU8sTUFBTSxLQUFLLFFBQVEsQ0FBQztBQUMzQixTQUFPLE1BQU0sS0FBSyxLQUFLLHVCQUF1QjtBQUNoRCxDQUFDO0FBRUQsSUFBTSxZQUEyRjtBQUFBLEVBQy9GO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBLEVBQUUsTUFBTSxRQUFRLE1BQU0sQ0FBQyxTQUFTLE9BQU8sRUFBRTtBQUFBLEVBQzNDO0FBQUEsRUFDQSxDQUFDLCtDQUErQyxrQkFBa0IsRUFBRSxHQUFHLGNBQVcsTUFBTSxNQUFNLENBQUM7QUFBQSxFQUMvRixDQUFDLG1EQUFtRCxzQ0FBc0MsRUFBRSxHQUFHLFFBQVEsQ0FBQztBQUFBLEVBQ3hHLENBQUMsMkJBQTJCLDhCQUE4QixNQUFTO0FBQUEsRUFDbkUsQ0FBQyxpQkFBaUIsd0JBQXdCLE1BQVM7QUFDckQ7QUFDQSxXQUFXLENBQUMsT0FBTyxLQUFLLEtBQUssS0FBSyxXQUFXO0FBQzNDLE9BQUssa0JBQWtCLEtBQUssZ0NBQWdDLFlBQVk7QUFDdEUsVUFBTSxNQUFNLGFBQWEsQ0FBQyxHQUFHLE1BQU07QUFDbkMsVUFBTSxRQUFRLE1BQU0sUUFBUSxVQUFVLE1BQU07QUFDNUMsVUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFVBQVUsV0FBVyxPQUFPLFFBQVEsTUFBTSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDM0YsV0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxVQUFNLEVBQUUsTUFBTSxJQUFJLE1BQU0sT0FBTyxNQUFNO0FBQ3JDLFVBQU0sT0FBTyxNQUFNLGFBQWEsS0FBSyxLQUFLLGtCQUFrQixHQUFHLE1BQU0sQ0FBQztBQUN0RSxXQUFPLFVBQVUsQ0FBQyxLQUFLLEtBQUssS0FBSyxLQUFLLEdBQUcsQ0FBQyxLQUFLLEtBQUssQ0FBQztBQUNyRCxVQUFNLFlBQVksU0FBMEIsTUFBTSxVQUFVLENBQUMsV0FBVyxNQUFNLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQyxDQUFDO0FBQ2pHLFdBQU8sTUFBTSxVQUFVLEtBQUssSUFBSSxJQUFJLEtBQUssRUFBRSxLQUFLLFdBQVcsS0FBSyxLQUFLLEVBQUUsV0FBVyxLQUFLLEtBQUssQ0FBQztBQUFBLEVBQy9GLENBQUM7QUFDSDtBQUVBLEtBQUssc0VBQXNFLFlBQVk7QUFDckYsUUFBTSxNQUFNO0FBQUEsSUFDVjtBQUFBLE1BQ0UsNkJBQTZCLHdCQUF3QixNQUFNO0FBQUE7QUFBQTtBQUFBO0FBQUEsTUFDM0Qsb0JBQ0U7QUFBQSxJQUNKO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLEVBQUUsSUFBSSxJQUFJLE1BQU0sVUFBVSxDQUFDLFFBQVEsSUFBSSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3ZELFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE1BQU0sS0FBSyxtQ0FBbUM7QUFDdkQsQ0FBQztBQUVELEtBQUsscUZBQXFGLFlBQVk7QUFDcEcsUUFBTSxTQUFTLE1BQU0sVUFBVSxNQUFNO0FBQ25DLFVBQU0sT0FBTztBQUNiLFdBQU87QUFBQTtBQUFBLGtCQUF3RSxLQUFLLE1BQU07QUFBQTtBQUFBLEVBQVcsSUFBSTtBQUFBLEVBQzNHLENBQUM7QUFDRCxRQUFNLE1BQU0sYUFBYSxDQUFDLEdBQUcsT0FBTyxNQUFNO0FBQzFDLFFBQU0sRUFBRSxLQUFLLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2xFLFNBQU8sTUFBTSxLQUFLLHVCQUF1QjtBQUN6QyxTQUFPLE1BQU0sS0FBSyxzQkFBc0I7QUFDeEMsU0FBTyxNQUFNLEtBQUssNEJBQTRCO0FBQzlDLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLDRDQUE0QyxZQUFZO0FBQzNELFFBQU0sUUFBNEU7QUFBQSxJQUNoRixDQUFDLGtDQUFrQyxPQUFPLEtBQUssd0JBQTBCLFFBQVEsR0FBRyxNQUFNO0FBQUEsSUFDMUYsQ0FBQyxjQUFjLE9BQU8sS0FBSyxpQkFBYyxTQUFTLEdBQUcsTUFBTTtBQUFBLElBQzNELENBQUMsbUJBQW1CLE9BQU8sS0FBSyw2REFBK0QsUUFBUSxHQUFHLE1BQU07QUFBQSxJQUNoSCxDQUFDLGFBQWEsT0FBTyxLQUFLLDJDQUE2QyxRQUFRLEdBQUcsR0FBRztBQUFBLEVBQ3ZGO0FBQ0EsYUFBVyxDQUFDLE1BQU0sT0FBTyxLQUFLLEtBQUssT0FBTztBQUN4QyxVQUFNLFNBQVMsTUFBTTtBQUFBLE1BQVUsTUFDN0IsT0FBTyxPQUFPO0FBQUEsUUFDWixPQUFPLEtBQUs7QUFBQSxnQkFBb0MsSUFBSTtBQUFBLGtCQUF1QixNQUFNLE1BQU07QUFBQTtBQUFBLENBQVU7QUFBQSxRQUNqRztBQUFBLE1BQ0YsQ0FBQztBQUFBLElBQ0g7QUFDQSxXQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLEdBQUcsR0FBRyxFQUFFLEtBQUssYUFBYSxDQUFDLEdBQUcsT0FBTyxNQUFNLEVBQUUsQ0FBQyxHQUFHLEtBQUssT0FBTyxJQUFJO0FBQy9HLFVBQU0sT0FBTyxNQUFNO0FBQUEsRUFDckI7QUFDRixDQUFDO0FBRUQsS0FBSyxxRkFBcUYsWUFBWTtBQUNwRyxRQUFNLE9BQU8sTUFBTTtBQUFBLElBQ2pCO0FBQUEsTUFDRTtBQUFBLE1BQ0E7QUFBQSxJQUNGLEVBQUUsUUFBUSxXQUFXLGdCQUFnQjtBQUFBLEVBQ3ZDO0FBQ0EsU0FBTyxNQUFNLEtBQUssUUFBUSxvRkFBb0Y7QUFDOUcsU0FBTyxNQUFNLEtBQUssT0FBTyxRQUFRLEdBQUcsUUFBUTtBQUM5QyxDQUFDO0FBRUQsS0FBSyxpRkFBaUYsWUFBWTtBQUNoRyxRQUFNLE1BQU0sYUFBYSxDQUFDLEdBQUcsTUFBTTtBQUNuQyxRQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFVBQVUsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNsRSxTQUFPLE1BQU0sS0FBSyxLQUFLLFFBQVE7QUFDL0IsU0FBTyxNQUFNLEtBQUssS0FBSyxFQUFFO0FBQ3pCLFFBQU0sTUFDSixnQkFBZ0IsTUFBTSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sWUFBWSxVQUFVLFNBQVMsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEdBQUcsSUFBSSxDQUFDLEtBQUs7QUFDakgsUUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxZQUFZLFlBQVksa0JBQWtCLEdBQUcsRUFBRSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3RHLFNBQU8sTUFBTSxLQUFLLEtBQUssa0JBQWtCO0FBQ3pDLFFBQU0sU0FBUyxNQUFNO0FBQUEsSUFDbkIsTUFDRTtBQUFBLEVBQ0o7QUFDQSxRQUFNLE9BQU8sTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLEtBQUssVUFBVSxTQUFTLEdBQUcsRUFBRSxLQUFLLGFBQWEsQ0FBQyxHQUFHLE9BQU8sTUFBTSxFQUFFLENBQUM7QUFDaEgsU0FBTyxNQUFNLEtBQUssS0FBSyx5REFBeUQ7QUFDaEYsUUFBTSxPQUFPLE1BQU07QUFDckIsQ0FBQztBQUVELEtBQUssaUdBQWlHLFlBQVk7QUFDaEgsUUFBTSxTQUFTLE1BQU0sWUFBWTtBQUNqQyxNQUFJO0FBQ0YsVUFBTSxNQUFNLGFBQWEsQ0FBQyxHQUFHLE9BQU8sUUFBUSxVQUFVO0FBQ3RELFVBQU0sVUFBVSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQzdELFdBQU8sTUFBTSxRQUFRLFFBQVEsQ0FBQztBQUM5QixXQUFPLE1BQU0sUUFBUSxLQUFLLDZDQUE2QztBQUN2RSxVQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLEtBQUssc0JBQXNCLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDbkYsV0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sR0FBRztBQUN2QyxXQUFPO0FBQUEsTUFDTCxNQUFNO0FBQUEsTUFDTjtBQUFBLElBQ0Y7QUFDQSxVQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLEtBQUssVUFBVSxTQUFTLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDaEYsV0FBTztBQUFBLE1BQ0wsTUFBTTtBQUFBLE1BQ047QUFBQSxJQUNGO0FBQ0EsVUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxHQUFHLE1BQU0sS0FBSyxzQkFBc0IsR0FBRyxFQUFFLElBQUksQ0FBQztBQUM1RixXQUFPLE1BQU0sTUFBTSxLQUFLLGdDQUFnQztBQUFBLEVBQzFELFVBQUU7QUFDQSxVQUFNLE9BQU8sTUFBTTtBQUFBLEVBQ3JCO0FBQ0YsQ0FBQztBQUVELEtBQUssa0dBQWtHLFlBQVk7QUFDakgsUUFBTSxTQUFTLE1BQU0sWUFBWTtBQUNqQyxNQUFJO0FBQ0YsVUFBTSxFQUFFLE1BQU0sT0FBTyxJQUFJLE9BQU87QUFDaEMsVUFBTSxNQUFNLGFBQWE7QUFBQSxNQUN2Qiw2QkFBNkIsd0JBQXdCLE9BQU8sUUFBUSxNQUFNO0FBQUE7QUFBQTtBQUFBO0FBQUEsTUFDMUUsa0JBQWtCLEtBQUs7QUFBQSxNQUN2QixtQkFBbUIsT0FBTztBQUFBLElBQzVCLENBQUM7QUFDRCxVQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLEtBQUssVUFBVSxVQUFVLEdBQUc7QUFBQSxNQUN4RTtBQUFBLE1BQ0EsS0FBSyxFQUFFLDZCQUE2QixPQUFPLElBQUk7QUFBQSxJQUNqRCxDQUFDO0FBQ0QsV0FBTyxNQUFNLE1BQU0sS0FBSyx1QkFBdUIsTUFBTSxHQUFHO0FBQUEsRUFDMUQsVUFBRTtBQUNBLFVBQU0sT0FBTyxNQUFNO0FBQUEsRUFDckI7QUFDRixDQUFDO0FBRUQsS0FBSyxrRkFBa0YsWUFBWTtBQUNqRyxRQUFNLE9BQU8sdURBQXVELFFBQVEsT0FBTyxHQUFNLENBQUM7QUFDMUYsUUFBTSxTQUFTLE1BQU07QUFBQSxJQUNuQixNQUFNO0FBQUE7QUFBQSxrQkFBd0UsS0FBSyxNQUFNO0FBQUE7QUFBQSxFQUFXLElBQUk7QUFBQSxFQUMxRztBQUNBLFFBQU0sTUFBTTtBQUFBLElBQ1YsRUFBRSxtQkFBbUIsd0RBQXdEO0FBQUEsSUFDN0UsT0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sS0FBSyxVQUFVLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQztBQUMvRCxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxRQUFRLFFBQVEsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3pFLFNBQU8sTUFBTSxNQUFNLEtBQUssY0FBYztBQUN0QyxTQUFPLGFBQWEsTUFBTSxLQUFLLGdCQUFnQjtBQUMvQyxTQUFPO0FBQUEsS0FDSixNQUFNLFVBQVUsQ0FBQyxRQUFRLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHO0FBQUEsSUFDN0M7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLFNBQW1ELE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUMsQ0FBQztBQUNwSCxRQUFNLE9BQU8sS0FBSyxLQUFLLHNCQUFzQixLQUFLLFNBQVMsS0FBSyxJQUFJO0FBQ3BFLFNBQU8sR0FBRyxXQUFXLElBQUksQ0FBQztBQUMxQixRQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sS0FBSyxVQUFVLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQztBQUMvRCxTQUFPLE1BQU0sV0FBVyxJQUFJLEdBQUcsT0FBTywyQkFBMkI7QUFDakUsUUFBTSxPQUFPLE1BQU07QUFDckIsQ0FBQztBQUVELEtBQUssZ0VBQWdFLFlBQVk7QUFDL0UsUUFBTSxNQUFNLGFBQWEsQ0FBQyxHQUFHLE1BQU07QUFDbkMsUUFBTSxPQUFPO0FBQUEsSUFDWCxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sV0FBVyxZQUFZLFVBQVUsUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQUEsRUFDckY7QUFDQSxTQUFPLEdBQUcsS0FBSyxLQUFLLFFBQVEsS0FBSyxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU0sS0FBSyxZQUFZLE1BQU0sWUFBWSxVQUFVLFFBQVEsQ0FBQztBQUMxRyxRQUFNLFNBQVMsTUFBTTtBQUFBLElBQVUsQ0FBQyxTQUM5QixLQUFLLFNBQVMsT0FBTyxJQUFJLFNBQVk7QUFBQSxFQUN2QztBQUNBLFFBQU0sUUFBUSxhQUFhLENBQUMsR0FBRyxPQUFPLE1BQU07QUFDNUMsU0FBTyxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxLQUFLLGVBQWUsTUFBTSxHQUFHLEVBQUUsS0FBSyxNQUFNLENBQUMsR0FBRyxLQUFLLFdBQVc7QUFDNUcsUUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsT0FBTyxTQUFTLGFBQWEsTUFBTSxHQUFHLEVBQUUsS0FBSyxNQUFNLENBQUM7QUFDMUYsU0FBTyxNQUFNLEtBQUssUUFBUSxDQUFDO0FBQzNCLFNBQU8sTUFBTSxLQUFLLEtBQUssaUNBQWlDO0FBQ3hELGFBQVcsQ0FBQyxRQUFRLEtBQUssS0FBSztBQUFBLElBQzVCLENBQUMsZUFBZSxNQUFNO0FBQUEsSUFDdEIsQ0FBQyxhQUFhLEdBQUc7QUFBQSxFQUNuQjtBQUNFLFdBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sS0FBSyxRQUFRLEtBQUssR0FBRyxFQUFFLEtBQUssTUFBTSxDQUFDLEdBQUcsUUFBUSxDQUFDO0FBQy9GLFFBQU0sT0FBTyxNQUFNO0FBQ3JCLENBQUM7QUFFRCxLQUFLLDRDQUE0QyxFQUFFLE1BQU0sT0FBTyxHQUFHLFlBQVk7QUFDN0UsUUFBTSxTQUFTLGFBQWEsQ0FBQyxVQUFVLGFBQWEsU0FBUyxJQUFJLFVBQVUsQ0FBQyxFQUFFLE9BQU8sR0FBRyxLQUFLO0FBQzdGLFFBQU0sS0FBSyxRQUFRLFdBQVc7QUFDOUIsUUFBTSxFQUFFLEtBQUssSUFBSSxPQUFPLFFBQVE7QUFDaEMsUUFBTSxNQUFNLGFBQWE7QUFBQSxJQUN2Qiw2QkFBNkIscUNBQXFDLElBQUk7QUFBQTtBQUFBO0FBQUEsRUFDeEUsQ0FBQztBQUNELFFBQU0sRUFBRSxLQUFLLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sS0FBSyxVQUFVLFNBQVMsR0FBRyxFQUFFLElBQUksQ0FBQztBQUN2RixTQUFPLE1BQU0sS0FBSyxvQ0FBb0MsR0FBRztBQUN6RCxTQUFPLE1BQU07QUFDZixDQUFDO0FBRUQsS0FBSywrRkFBK0YsWUFBWTtBQUM5RyxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxzQkFBc0I7QUFBQSxNQUN0Qix1QkFDRTtBQUFBLE1BQ0YsdUJBQXVCO0FBQUEsTUFDdkIscUJBQXFCO0FBQUEsTUFDckIsbUJBQW1CO0FBQUEsSUFDckI7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sVUFBVSxDQUFDLE9BQU8sT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ3pDLFFBQU0sT0FBTyxDQUFDLFVBQXlCLGNBQWMsS0FBSyxNQUFNLEdBQUcsSUFBSSxDQUFDLEtBQUs7QUFDN0UsUUFBTSxTQUFTLEtBQUssTUFBTSxVQUFVLENBQUMsUUFBUSxPQUFPLGFBQWEsVUFBVSxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUMsQ0FBQztBQUM1RixRQUFNLFVBQVUsS0FBSyxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sYUFBYSxVQUFVLFFBQVEsY0FBYyxHQUFHLEVBQUUsSUFBSSxDQUFDLENBQUM7QUFDN0csUUFBTSxTQUFTLE1BQU0sVUFBVSxDQUFDLFdBQVcsUUFBUSxPQUFPLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDcEUsU0FBTyxNQUFNLE9BQU8sUUFBUSxDQUFDO0FBQzdCLFNBQU8sTUFBTSxPQUFPLEtBQUssNkRBQTZEO0FBQ3RGLFNBQU8sT0FBTyxNQUFNLFVBQVUsQ0FBQyxXQUFXLFFBQVEsTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDLEdBQUcsS0FBSyxpQkFBaUI7QUFDM0YsUUFBTSxXQUFXLE1BQU0sVUFBVSxDQUFDLFdBQVcsU0FBUyxtQkFBbUIsY0FBYyxZQUFZLFFBQVEsR0FBRztBQUFBLElBQzVHO0FBQUEsRUFDRixDQUFDO0FBQ0QsU0FBTyxVQUFVLFNBQVMsUUFBUSxHQUFHO0FBQUEsSUFDbkMsTUFBTTtBQUFBLElBQ04sYUFBYSxDQUFDLEVBQUUsSUFBSSxlQUFlLE1BQU0sV0FBVyxNQUFNLEdBQUcsTUFBTSx5QkFBeUIsQ0FBQztBQUFBLEVBQy9GLENBQUM7QUFDRCxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsV0FBVyxTQUFTLG1CQUFtQixVQUFVLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLFFBQVEsQ0FBQztBQUM5RyxTQUFPLE9BQU8sTUFBTSxVQUFVLENBQUMsV0FBVyxTQUFTLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxHQUFHLEtBQUssNkJBQTZCO0FBQzFHLENBQUM7QUFFRCxLQUFLLHdFQUF3RSxZQUFZO0FBQ3ZGLFFBQU0sU0FBUyxNQUFNLFlBQVk7QUFDakMsTUFBSTtBQUNGLFVBQU0sRUFBRSxZQUFZLFFBQVEsSUFBSSxPQUFPO0FBQ3ZDLFVBQU0sTUFBTSxPQUFPLFNBQ2hCLE1BQU0sY0FBYyxJQUFJLElBQUksR0FBRyxHQUFHLE1BQVMsSUFBSSxlQUFlO0FBQ2pFLFVBQU0sTUFBTSxhQUFhO0FBQUEsTUFDdkIsNkJBQTZCO0FBQUEsTUFDN0Isb0JBQW9CO0FBQUEsTUFDcEIscUJBQXFCO0FBQUEsTUFDckIsa0JBQWtCO0FBQUEsRUFBZ0IsVUFBVSxJQUFJLE1BQU0sSUFBSSxVQUFVLENBQUM7QUFBQSxFQUFLLE9BQU8sSUFBSSxNQUFNLElBQUksT0FBTyxDQUFDO0FBQUEsRUFBSyxPQUFPO0FBQUE7QUFBQSxJQUNySCxDQUFDO0FBQ0QsVUFBTSxFQUFFLEtBQUssT0FBTyxJQUFJLE1BQU0sVUFBVSxDQUFDLE9BQU8sT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ2pFLFdBQU8sTUFBTSxRQUFRLEdBQUcsR0FBRztBQUMzQixXQUFPLE1BQU0sS0FBSyxpREFBaUQ7QUFDbkUsVUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sU0FBUyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDakUsVUFBTSxPQUFPLE1BQU0sSUFBSSxNQUFNLElBQUksRUFBRSxPQUFPLENBQUMsU0FBUyxLQUFLLFNBQVMsZ0JBQWdCLENBQUM7QUFDbkYsV0FBTyxNQUFNLEtBQUssT0FBTyxDQUFDLFNBQVMsS0FBSyxTQUFTLGNBQWMsQ0FBQyxFQUFFLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFBQSxFQUN4RixVQUFFO0FBQ0EsVUFBTSxPQUFPLE1BQU07QUFBQSxFQUNyQjtBQUNGLENBQUM7QUFFRCxLQUFLLDZHQUE2RyxZQUFZO0FBQzVILFFBQU0sTUFBTSxhQUFhLENBQUMsR0FBRyxNQUFNO0FBQ25DLGFBQVcsQ0FBQ0EsS0FBSSxJQUFJLEtBQUs7QUFBQSxJQUN2QixDQUFDLHlCQUF5QixvQkFBb0I7QUFBQSxJQUM5QyxDQUFDLEtBQUssa0JBQWtCO0FBQUEsRUFDMUIsR0FBWTtBQUNWLFVBQU0sRUFBRSxRQUFRLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sWUFBWSxRQUFRQSxHQUFFLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDeEYsV0FBTyxNQUFNLFFBQVEsQ0FBQztBQUN0QixXQUFPLE1BQU0sS0FBSyxJQUFJO0FBQUEsRUFDeEI7QUFDQSxTQUFPLE1BQU0sV0FBVyxLQUFLLEtBQUssb0JBQW9CLENBQUMsR0FBRyxLQUFLO0FBQy9ELFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxRQUFRLE9BQU8sWUFBWSxRQUFRLGNBQWMsR0FBRyxFQUFFLElBQUksQ0FBQztBQUMxRixTQUFPLE1BQU0sTUFBTSxRQUFRLEdBQUcsTUFBTSxHQUFHO0FBQ3ZDLFNBQU87QUFBQSxJQUNKLEtBQUssTUFBTSxhQUFhLEtBQUssS0FBSyxjQUFjLEdBQUcsTUFBTSxDQUFDLEVBQTRCLFFBQVE7QUFBQSxJQUMvRjtBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsS0FBSyxrRUFBa0UsWUFBWTtBQUNqRixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxpQkFBaUI7QUFBQSxNQUNqQixvQkFDRTtBQUFBLElBQ0o7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sRUFBRSxRQUFRLElBQUksSUFBSSxNQUFNLFVBQVUsQ0FBQyxRQUFRLElBQUksR0FBRyxFQUFFLElBQUksQ0FBQztBQUMvRCxTQUFPLE1BQU0sUUFBUSxDQUFDO0FBQ3RCLFNBQU8sTUFBTSxLQUFLLGlFQUFpRTtBQUNyRixDQUFDOyIsCiAgIm5hbWVzIjogWyJ0byJdCn0K
