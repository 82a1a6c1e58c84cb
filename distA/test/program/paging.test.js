import {
  harbourForThisFile
} from "../parts/chunk-XS4PZGFO.js";
import "../parts/chunk-7VNSEZX4.js";
import "../parts/chunk-DQ7YWKYH.js";
import "../parts/chunk-PT2BEWRF.js";
import "../parts/chunk-V5NERUUT.js";
import "../parts/chunk-T4I6LV4Y.js";
import "../parts/chunk-Y4XV6NBT.js";
import {
  collectionOf,
  document,
  documentLines,
  echoTrail
} from "../parts/chunk-JFRZJ6A5.js";
import "../parts/chunk-TZ2EJF72.js";
import {
  answerOf,
  rawServer
} from "../parts/chunk-GRDGCU7E.js";

// test/program/paging.test.ts
import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
var { origin } = await harbourForThisFile();
var styles = [
  ["a link header", "url: ${origin}/logbook/links\npages: {items: $, next: link.next}\n", 5, null],
  [
    "the next address in the body",
    "url: ${origin}/logbook/next\npages: {items: $.items, next: $.next, total: $.total}\n",
    5,
    95
  ],
  [
    "page numbers until one is empty",
    'inputs: {page: {default: 1}}\nurl: ${origin}/logbook/numbers\nquery: {page: "${page}", size: 19}\npages: {items: $.items, number: {input: page}}\n',
    6,
    null
  ],
  [
    "page numbers until one is short",
    'inputs: {page: {default: 1}}\nurl: ${origin}/logbook/numbers\nquery: {page: "${page}"}\npages: {items: $.items, number: {input: page}, size: 20}\n',
    5,
    null
  ],
  [
    "offsets until the total",
    'inputs: {offset: {default: 0}}\nurl: ${origin}/logbook/offsets\nquery: {offset: "${offset}", size: 19}\npages: {items: $.items, offset: {input: offset}, total: $.total}\n',
    5,
    95
  ],
  [
    "a cursor as long as there is more",
    'inputs: {after: {}}\nurl: ${origin}/logbook/cursors\nquery: {after: "${after ?? omit}"}\npages: {items: $.items, cursor: {input: after, from: $.cursor}, while: {$.more: true}}\n',
    5,
    null
  ],
  [
    "page numbers of XML",
    'inputs: {page: {default: 1}}\nurl: ${origin}/logbook/xml\nquery: {page: "${page}"}\npages: {items: //entry/@id, number: {input: page}, total: /log/@total}\n',
    5,
    95
  ]
];
test("every style of paging gives all 95 entries, once each, in order", async () => {
  const files = {};
  for (const [at, [, request]] of styles.entries()) {
    files[`requests/r${at}.yaml`] = `${request}expect: {status: 200}
`;
    files[`trails/t${at}.yaml`] = `steps:
  - for-each: {pages: r${at}}
    as: entry
    steps: [{keep: {id: "\${entry.id ?? entry}"}}]
    table: {columns: {id: "\${id}"}, to: data/ids${at}.jsonl, as: ids}
  - {keep: {n: "\${ids | count}"}}
`;
  }
  const cwd = collectionOf(files, origin);
  const ended = await echoTrail(["run", ...styles.map((_, at) => `t${at}`), "--json"], { cwd });
  assert.equal(ended.status, 0, ended.out.slice(-3e3) + ended.err);
  const steps = documentLines(ended).filter(({ kind }) => kind === "for-each");
  for (const [at, [name, , pages, total]] of styles.entries()) {
    assert.deepEqual(steps[at]?.pages, { pages, items: 95, total, partial: null }, name);
    const ids = readFileSync(join(cwd, `data/ids${at}.jsonl`), "utf8").trim().split("\n");
    const wanted = Array.from({ length: 95 }, (_, index) => `{"id":"E-${String(index + 1).padStart(3, "0")}"}`);
    assert.deepEqual(ids, wanted, name);
  }
});
test("GraphQL connections are paged by their cursor, in the variables of the document", async () => {
  const document2 = "query ($after: String) { pilots(first: 2, after: $after) { edges { node { ... on Person { name } } } pageInfo { endCursor hasNextPage } } }";
  const cwd = collectionOf(
    {
      "requests/pilots.yaml": `inputs: {after: {}}
method: POST
url: \${origin}/graphql
body:
  graphql:
    document: "${document2}"
    variables: {after: "\${after ?? omit}"}
pages:
  items: $.data.pilots.edges
  cursor: {input: after, from: $.data.pilots.pageInfo.endCursor}
  while: {$.data.pilots.pageInfo.hasNextPage: true}
`
    },
    origin
  );
  const ended = await echoTrail(["send", "pilots", "--pages", "all", "--json"], { cwd });
  assert.equal(ended.status, 0, ended.out + ended.err);
  const { pages, body } = document0(ended);
  assert.ok(pages.pages > 1, JSON.stringify(pages));
  assert.deepEqual([pages.partial, body.length], [null, pages.items]);
});
var document0 = (ended) => document(ended);
var next = 'url: ${origin}/logbook/next\npages: {items: $.items, next: $.next, total: $.total, most: 3}\nkeep: {ids: "$.items[*].id", total: $.total}\n';
test("a limit makes the result partial, and says what is missing", async () => {
  const cwd = collectionOf(
    {
      "requests/entries.yaml": next,
      "trails/t.yaml": 'steps: [{send: entries}, {keep: {n: "${ids | count}", t: "${total}"}}]\n'
    },
    origin
  );
  const ended = await echoTrail(["run", "t"], { cwd });
  assert.equal(ended.status, 0, ended.err);
  assert.match(ended.out, /partial: 3 pages, 60 of 95 items \(no more than 3 pages were asked for\)/);
  const kept = await echoTrail(["echo", "show", "last", "--json"], { cwd });
  assert.equal(document(kept).kept.total, 95);
});
test("what is kept of pages is joined where it is a list, and of the last page where it is not", async () => {
  const cwd = collectionOf(
    {
      "requests/entries.yaml": next.replace(", most: 3", "").replace("keep: {", 'keep: {last: "$.items[0].id", '),
      "requests/mirror.yaml": 'inputs: {ids: {}, last: {}}\nmethod: POST\nchanges: false\nurl: ${origin}/mirror\nbody: {json: {count: "${ids | count}", first: "${ids | first}", last: "${last}"}}\n',
      "trails/t.yaml": "steps: [{send: entries}, {send: mirror, keep: {seen: $}}]\n"
    },
    origin
  );
  const ended = await echoTrail(["run", "t"], { cwd });
  assert.equal(ended.status, 0, ended.out + ended.err);
  const { sent } = document(await echoTrail(["echo", "show", "last", "--json"], { cwd }));
  assert.deepEqual(JSON.parse(sent.body.text), { count: 95, first: "E-001", last: "E-081" });
});
var faults = [
  [
    "a vendor that does not take the page",
    'inputs: {page: {default: 1}}\nurl: ${origin}/logbook/stuck\nquery: {page: "${page}"}\npages: {items: $.items, number: {input: page}}\n',
    "pages-loop",
    /page 2 of r0 is the same as the page before it/
  ],
  [
    "pages that lead round",
    "url: ${origin}/logbook/round\npages: {items: $.items, next: $.next}\n",
    "pages-loop",
    /page \d of r1 leads to one that was read already/
  ],
  [
    "a page that fails",
    "url: ${origin}/logbook/torn\npages: {items: $.items, next: $.next, total: $.total}\n",
    "step-failed",
    /partial: 40 of 95 items came before/
  ],
  [
    "no list at the place",
    "url: ${origin}/logbook/next\npages: {items: $.rows, next: $.next}\n",
    "place-not-found",
    /no list of items stands at \$\.rows/
  ]
];
test("faulty pages end the list, and say so", async () => {
  const files = {};
  for (const [at, [, request]] of faults.entries()) {
    files[`requests/r${at}.yaml`] = request;
    files[`trails/t${at}.yaml`] = `steps:
  - for-each: {pages: r${at}}
    steps: [{keep: {x: "\${item}"}}]
`;
  }
  const ended = await echoTrail(["run", ...faults.map((_, at) => `t${at}`), "--json"], {
    cwd: collectionOf(files, origin)
  });
  assert.notEqual(ended.status, 0);
  const steps = documentLines(ended).filter(({ kind }) => kind === "for-each");
  for (const [at, [name, , code, says]] of faults.entries()) {
    assert.equal(steps[at]?.problems[0]?.code, code, name);
    assert.match(steps[at]?.problems[0]?.what ?? "", says);
  }
});
test("send reads one page and says that it is not all; --pages reads on", async () => {
  const cwd = collectionOf({ "requests/entries.yaml": next.replace(", most: 3", "") }, origin);
  const one = await echoTrail(["send", "entries"], { cwd });
  assert.match(one.err, /20 of 95 items on 1 page: --pages all reads on/);
  const all = await echoTrail(["send", "entries", "--pages", "all", "--pick", "$[94].id"], { cwd });
  assert.equal(all.out, "E-095\n");
  const two = document0(await echoTrail(["send", "entries", "--pages", "2", "--json"], { cwd }));
  assert.deepEqual([two.body.length, two.pages.pages, two.pages.items, two.pages.total], [40, 2, 40, 95]);
  const none = collectionOf({ "requests/entries.yaml": "url: ${origin}/logbook/links\n" }, origin);
  const wrong = await echoTrail(["send", "entries", "--pages", "all"], { cwd: none });
  assert.equal(wrong.status, 2);
  assert.match(wrong.err, /does not say how its pages are asked for/);
});
var unusable = [
  ["{items: $.items}", /needs one way to ask for the next page, and has none/],
  ["{items: $.items, next: $.next, number: {input: page}}", /has next and number/],
  ["{items: $.items, number: {input: page}}", /gives the next page to the input page, which the request does not have/],
  ["{items: items, next: $.next}", /items is not a place/],
  ["{next: $.next}", /pages\.items is missing/]
];
test("pages that cannot be asked for are told before anything is sent", async () => {
  const files = Object.fromEntries(
    unusable.map(([pages], at) => [`requests/r${at}.yaml`, `url: \${origin}/logbook/next
pages: ${pages}
`])
  );
  const { findings } = document(await echoTrail(["check", "--json"], { cwd: collectionOf(files) }));
  for (const [at, [pages, says]] of unusable.entries()) {
    const own = findings.filter(({ file }) => file === `requests/r${at}.yaml`);
    assert.ok(
      own.some(({ what }) => says.test(what)),
      `${pages}: ${JSON.stringify(own)}`
    );
  }
});
test("a next page on another host gets no credential", async () => {
  const heads = [];
  const other = await rawServer((head) => {
    heads.push(head);
    return answerOf('{"items": []}');
  });
  const elsewhere = other.origin.replace("127.0.0.1", "localhost");
  const vendor = await rawServer(() => answerOf(`{"items": [1], "next": "${elsewhere}/2"}`));
  const cwd = collectionOf(
    {
      "sessions/key.yaml": "kind: bearer\ntoken: ${secret.key}\n",
      "requests/entries.yaml": "url: ${origin}/\nsession: key\npages: {items: $.items, next: $.next}\n"
    },
    vendor.origin
  );
  const ended = await echoTrail(["send", "entries", "--pages", "all"], {
    cwd,
    env: { ECHO_TRAIL_SECRET_KEY: "signal-lantern-90" }
  });
  assert.equal(ended.status, 4, ended.out + ended.err);
  assert.deepEqual(heads, []);
  await Promise.all([other.close(), vendor.close()]);
});
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vdGVzdC9wcm9ncmFtL3BhZ2luZy50ZXN0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogRXZlcnkgc3R5bGUgb2YgcGFnaW5nLCBpdHMgbGltaXRzIGFuZCBpdHMgZmF1bHRzLiAqL1xuaW1wb3J0IGFzc2VydCBmcm9tICdub2RlOmFzc2VydC9zdHJpY3QnO1xuaW1wb3J0IHsgcmVhZEZpbGVTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB7IHRlc3QgfSBmcm9tICdub2RlOnRlc3QnO1xuaW1wb3J0IHsgY29sbGVjdGlvbk9mIH0gZnJvbSAnLi4vc3VwcG9ydC9mb2xkZXIuanMnO1xuaW1wb3J0IHsgZG9jdW1lbnQsIGRvY3VtZW50TGluZXMsIHR5cGUgRW5kZWQsIGVjaG9UcmFpbCB9IGZyb20gJy4uL3N1cHBvcnQvcHJvZ3JhbS5qcyc7XG5pbXBvcnQgeyBhbnN3ZXJPZiwgcmF3U2VydmVyIH0gZnJvbSAnLi4vc3VwcG9ydC9yYXctc2VydmVyLmpzJztcbmltcG9ydCB7IGhhcmJvdXJGb3JUaGlzRmlsZSB9IGZyb20gJy4uL3N1cHBvcnQvc3RhbmRpbi5qcyc7XG5cbmNvbnN0IHsgb3JpZ2luIH0gPSBhd2FpdCBoYXJib3VyRm9yVGhpc0ZpbGUoKTtcblxuaW50ZXJmYWNlIFBhZ2VzRG9jdW1lbnQge1xuICByZWFkb25seSBwYWdlczogbnVtYmVyO1xuICByZWFkb25seSBpdGVtczogbnVtYmVyO1xuICByZWFkb25seSB0b3RhbDogbnVtYmVyIHwgbnVsbDtcbiAgcmVhZG9ubHkgcGFydGlhbDogc3RyaW5nIHwgbnVsbDtcbn1cbmNvbnN0IHN0eWxlczogcmVhZG9ubHkgKHJlYWRvbmx5IFtuYW1lOiBzdHJpbmcsIHJlcXVlc3Q6IHN0cmluZywgcGFnZXM6IG51bWJlciwgdG90YWw6IG51bWJlciB8IG51bGxdKVtdID0gW1xuICBbJ2EgbGluayBoZWFkZXInLCAndXJsOiAke29yaWdpbn0vbG9nYm9vay9saW5rc1xcbnBhZ2VzOiB7aXRlbXM6ICQsIG5leHQ6IGxpbmsubmV4dH1cXG4nLCA1LCBudWxsXSxcbiAgW1xuICAgICd0aGUgbmV4dCBhZGRyZXNzIGluIHRoZSBib2R5JyxcbiAgICAndXJsOiAke29yaWdpbn0vbG9nYm9vay9uZXh0XFxucGFnZXM6IHtpdGVtczogJC5pdGVtcywgbmV4dDogJC5uZXh0LCB0b3RhbDogJC50b3RhbH1cXG4nLFxuICAgIDUsXG4gICAgOTUsXG4gIF0sXG4gIFtcbiAgICAncGFnZSBudW1iZXJzIHVudGlsIG9uZSBpcyBlbXB0eScsXG4gICAgJ2lucHV0czoge3BhZ2U6IHtkZWZhdWx0OiAxfX1cXG51cmw6ICR7b3JpZ2lufS9sb2dib29rL251bWJlcnNcXG5xdWVyeToge3BhZ2U6IFwiJHtwYWdlfVwiLCBzaXplOiAxOX1cXG5wYWdlczoge2l0ZW1zOiAkLml0ZW1zLCBudW1iZXI6IHtpbnB1dDogcGFnZX19XFxuJyxcbiAgICA2LFxuICAgIG51bGwsXG4gIF0sXG4gIFtcbiAgICAncGFnZSBudW1iZXJzIHVudGlsIG9uZSBpcyBzaG9ydCcsXG4gICAgJ2lucHV0czoge3BhZ2U6IHtkZWZhdWx0OiAxfX1cXG51cmw6ICR7b3JpZ2lufS9sb2dib29rL251bWJlcnNcXG5xdWVyeToge3BhZ2U6IFwiJHtwYWdlfVwifVxcbnBhZ2VzOiB7aXRlbXM6ICQuaXRlbXMsIG51bWJlcjoge2lucHV0OiBwYWdlfSwgc2l6ZTogMjB9XFxuJyxcbiAgICA1LFxuICAgIG51bGwsXG4gIF0sXG4gIFtcbiAgICAnb2Zmc2V0cyB1bnRpbCB0aGUgdG90YWwnLFxuICAgICdpbnB1dHM6IHtvZmZzZXQ6IHtkZWZhdWx0OiAwfX1cXG51cmw6ICR7b3JpZ2lufS9sb2dib29rL29mZnNldHNcXG5xdWVyeToge29mZnNldDogXCIke29mZnNldH1cIiwgc2l6ZTogMTl9XFxucGFnZXM6IHtpdGVtczogJC5pdGVtcywgb2Zmc2V0OiB7aW5wdXQ6IG9mZnNldH0sIHRvdGFsOiAkLnRvdGFsfVxcbicsXG4gICAgNSxcbiAgICA5NSxcbiAgXSxcbiAgW1xuICAgICdhIGN1cnNvciBhcyBsb25nIGFzIHRoZXJlIGlzIG1vcmUnLFxuICAgICdpbnB1dHM6IHthZnRlcjoge319XFxudXJsOiAke29yaWdpbn0vbG9nYm9vay9jdXJzb3JzXFxucXVlcnk6IHthZnRlcjogXCIke2FmdGVyID8/IG9taXR9XCJ9XFxucGFnZXM6IHtpdGVtczogJC5pdGVtcywgY3Vyc29yOiB7aW5wdXQ6IGFmdGVyLCBmcm9tOiAkLmN1cnNvcn0sIHdoaWxlOiB7JC5tb3JlOiB0cnVlfX1cXG4nLFxuICAgIDUsXG4gICAgbnVsbCxcbiAgXSxcbiAgW1xuICAgICdwYWdlIG51bWJlcnMgb2YgWE1MJyxcbiAgICAnaW5wdXRzOiB7cGFnZToge2RlZmF1bHQ6IDF9fVxcbnVybDogJHtvcmlnaW59L2xvZ2Jvb2sveG1sXFxucXVlcnk6IHtwYWdlOiBcIiR7cGFnZX1cIn1cXG5wYWdlczoge2l0ZW1zOiAvL2VudHJ5L0BpZCwgbnVtYmVyOiB7aW5wdXQ6IHBhZ2V9LCB0b3RhbDogL2xvZy9AdG90YWx9XFxuJyxcbiAgICA1LFxuICAgIDk1LFxuICBdLFxuXTtcbnRlc3QoJ2V2ZXJ5IHN0eWxlIG9mIHBhZ2luZyBnaXZlcyBhbGwgOTUgZW50cmllcywgb25jZSBlYWNoLCBpbiBvcmRlcicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgZmlsZXM6IFJlY29yZDxzdHJpbmcsIHN0cmluZz4gPSB7fTtcbiAgZm9yIChjb25zdCBbYXQsIFssIHJlcXVlc3RdXSBvZiBzdHlsZXMuZW50cmllcygpKSB7XG4gICAgZmlsZXNbYHJlcXVlc3RzL3Ike2F0fS55YW1sYF0gPSBgJHtyZXF1ZXN0fWV4cGVjdDoge3N0YXR1czogMjAwfVxcbmA7XG4gICAgZmlsZXNbYHRyYWlscy90JHthdH0ueWFtbGBdID1cbiAgICAgIGBzdGVwczpcXG4gIC0gZm9yLWVhY2g6IHtwYWdlczogciR7YXR9fVxcbiAgICBhczogZW50cnlcXG4gICAgc3RlcHM6IFt7a2VlcDoge2lkOiBcIlxcJHtlbnRyeS5pZCA/PyBlbnRyeX1cIn19XVxcbiAgICB0YWJsZToge2NvbHVtbnM6IHtpZDogXCJcXCR7aWR9XCJ9LCB0bzogZGF0YS9pZHMke2F0fS5qc29ubCwgYXM6IGlkc31cXG4gIC0ge2tlZXA6IHtuOiBcIlxcJHtpZHMgfCBjb3VudH1cIn19XFxuYDtcbiAgfVxuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoZmlsZXMsIG9yaWdpbik7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgLi4uc3R5bGVzLm1hcCgoXywgYXQpID0+IGB0JHthdH1gKSwgJy0tanNvbiddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0LmVxdWFsKGVuZGVkLnN0YXR1cywgMCwgZW5kZWQub3V0LnNsaWNlKC0zMDAwKSArIGVuZGVkLmVycik7XG4gIGNvbnN0IHN0ZXBzID0gZG9jdW1lbnRMaW5lcyhlbmRlZCkuZmlsdGVyKCh7IGtpbmQgfSkgPT4ga2luZCA9PT0gJ2Zvci1lYWNoJykgYXMgdW5rbm93biBhcyB7IHBhZ2VzOiBQYWdlc0RvY3VtZW50IH1bXTtcbiAgZm9yIChjb25zdCBbYXQsIFtuYW1lLCAsIHBhZ2VzLCB0b3RhbF1dIG9mIHN0eWxlcy5lbnRyaWVzKCkpIHtcbiAgICBhc3NlcnQuZGVlcEVxdWFsKHN0ZXBzW2F0XT8ucGFnZXMsIHsgcGFnZXMsIGl0ZW1zOiA5NSwgdG90YWwsIHBhcnRpYWw6IG51bGwgfSwgbmFtZSk7XG4gICAgY29uc3QgaWRzID0gcmVhZEZpbGVTeW5jKGpvaW4oY3dkLCBgZGF0YS9pZHMke2F0fS5qc29ubGApLCAndXRmOCcpXG4gICAgICAudHJpbSgpXG4gICAgICAuc3BsaXQoJ1xcbicpO1xuICAgIGNvbnN0IHdhbnRlZCA9IEFycmF5LmZyb20oeyBsZW5ndGg6IDk1IH0sIChfLCBpbmRleCkgPT4gYHtcImlkXCI6XCJFLSR7U3RyaW5nKGluZGV4ICsgMSkucGFkU3RhcnQoMywgJzAnKX1cIn1gKTtcbiAgICBhc3NlcnQuZGVlcEVxdWFsKGlkcywgd2FudGVkLCBuYW1lKTtcbiAgfVxufSk7XG5cbnRlc3QoJ0dyYXBoUUwgY29ubmVjdGlvbnMgYXJlIHBhZ2VkIGJ5IHRoZWlyIGN1cnNvciwgaW4gdGhlIHZhcmlhYmxlcyBvZiB0aGUgZG9jdW1lbnQnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGRvY3VtZW50ID1cbiAgICAncXVlcnkgKCRhZnRlcjogU3RyaW5nKSB7IHBpbG90cyhmaXJzdDogMiwgYWZ0ZXI6ICRhZnRlcikgeyBlZGdlcyB7IG5vZGUgeyAuLi4gb24gUGVyc29uIHsgbmFtZSB9IH0gfSBwYWdlSW5mbyB7IGVuZEN1cnNvciBoYXNOZXh0UGFnZSB9IH0gfSc7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvcGlsb3RzLnlhbWwnOiBgaW5wdXRzOiB7YWZ0ZXI6IHt9fVxcbm1ldGhvZDogUE9TVFxcbnVybDogXFwke29yaWdpbn0vZ3JhcGhxbFxcbmJvZHk6XFxuICBncmFwaHFsOlxcbiAgICBkb2N1bWVudDogXCIke2RvY3VtZW50fVwiXFxuICAgIHZhcmlhYmxlczoge2FmdGVyOiBcIlxcJHthZnRlciA/PyBvbWl0fVwifVxcbnBhZ2VzOlxcbiAgaXRlbXM6ICQuZGF0YS5waWxvdHMuZWRnZXNcXG4gIGN1cnNvcjoge2lucHV0OiBhZnRlciwgZnJvbTogJC5kYXRhLnBpbG90cy5wYWdlSW5mby5lbmRDdXJzb3J9XFxuICB3aGlsZTogeyQuZGF0YS5waWxvdHMucGFnZUluZm8uaGFzTmV4dFBhZ2U6IHRydWV9XFxuYCxcbiAgICB9LFxuICAgIG9yaWdpbixcbiAgKTtcbiAgY29uc3QgZW5kZWQgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ3BpbG90cycsICctLXBhZ2VzJywgJ2FsbCcsICctLWpzb24nXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLm91dCArIGVuZGVkLmVycik7XG4gIGNvbnN0IHsgcGFnZXMsIGJvZHkgfSA9IGRvY3VtZW50MChlbmRlZCk7XG4gIGFzc2VydC5vayhwYWdlcy5wYWdlcyA+IDEsIEpTT04uc3RyaW5naWZ5KHBhZ2VzKSk7XG4gIGFzc2VydC5kZWVwRXF1YWwoW3BhZ2VzLnBhcnRpYWwsIGJvZHkubGVuZ3RoXSwgW251bGwsIHBhZ2VzLml0ZW1zXSk7XG59KTtcblxuY29uc3QgZG9jdW1lbnQwID0gKGVuZGVkOiBFbmRlZCk6IHsgcGFnZXM6IFBhZ2VzRG9jdW1lbnQ7IGJvZHk6IHVua25vd25bXSB9ID0+IGRvY3VtZW50KGVuZGVkKSBhcyBuZXZlcjtcblxuY29uc3QgbmV4dCA9XG4gICd1cmw6ICR7b3JpZ2lufS9sb2dib29rL25leHRcXG5wYWdlczoge2l0ZW1zOiAkLml0ZW1zLCBuZXh0OiAkLm5leHQsIHRvdGFsOiAkLnRvdGFsLCBtb3N0OiAzfVxcbmtlZXA6IHtpZHM6IFwiJC5pdGVtc1sqXS5pZFwiLCB0b3RhbDogJC50b3RhbH1cXG4nO1xuXG50ZXN0KCdhIGxpbWl0IG1ha2VzIHRoZSByZXN1bHQgcGFydGlhbCwgYW5kIHNheXMgd2hhdCBpcyBtaXNzaW5nJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ3JlcXVlc3RzL2VudHJpZXMueWFtbCc6IG5leHQsXG4gICAgICAndHJhaWxzL3QueWFtbCc6ICdzdGVwczogW3tzZW5kOiBlbnRyaWVzfSwge2tlZXA6IHtuOiBcIiR7aWRzIHwgY291bnR9XCIsIHQ6IFwiJHt0b3RhbH1cIn19XVxcbicsXG4gICAgfSxcbiAgICBvcmlnaW4sXG4gICk7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLmVycik7XG4gIGFzc2VydC5tYXRjaChlbmRlZC5vdXQsIC9wYXJ0aWFsOiAzIHBhZ2VzLCA2MCBvZiA5NSBpdGVtcyBcXChubyBtb3JlIHRoYW4gMyBwYWdlcyB3ZXJlIGFza2VkIGZvclxcKS8pO1xuICBjb25zdCBrZXB0ID0gYXdhaXQgZWNob1RyYWlsKFsnZWNobycsICdzaG93JywgJ2xhc3QnLCAnLS1qc29uJ10sIHsgY3dkIH0pO1xuICBhc3NlcnQuZXF1YWwoKGRvY3VtZW50KGtlcHQpIGFzIHsga2VwdDogeyB0b3RhbDogbnVtYmVyIH0gfSkua2VwdC50b3RhbCwgOTUpO1xufSk7XG5cbnRlc3QoJ3doYXQgaXMga2VwdCBvZiBwYWdlcyBpcyBqb2luZWQgd2hlcmUgaXQgaXMgYSBsaXN0LCBhbmQgb2YgdGhlIGxhc3QgcGFnZSB3aGVyZSBpdCBpcyBub3QnLCBhc3luYyAoKSA9PiB7XG4gIGNvbnN0IGN3ZCA9IGNvbGxlY3Rpb25PZihcbiAgICB7XG4gICAgICAncmVxdWVzdHMvZW50cmllcy55YW1sJzogbmV4dC5yZXBsYWNlKCcsIG1vc3Q6IDMnLCAnJykucmVwbGFjZSgna2VlcDogeycsICdrZWVwOiB7bGFzdDogXCIkLml0ZW1zWzBdLmlkXCIsICcpLFxuICAgICAgJ3JlcXVlc3RzL21pcnJvci55YW1sJzpcbiAgICAgICAgJ2lucHV0czoge2lkczoge30sIGxhc3Q6IHt9fVxcbm1ldGhvZDogUE9TVFxcbmNoYW5nZXM6IGZhbHNlXFxudXJsOiAke29yaWdpbn0vbWlycm9yXFxuYm9keToge2pzb246IHtjb3VudDogXCIke2lkcyB8IGNvdW50fVwiLCBmaXJzdDogXCIke2lkcyB8IGZpcnN0fVwiLCBsYXN0OiBcIiR7bGFzdH1cIn19XFxuJyxcbiAgICAgICd0cmFpbHMvdC55YW1sJzogJ3N0ZXBzOiBbe3NlbmQ6IGVudHJpZXN9LCB7c2VuZDogbWlycm9yLCBrZWVwOiB7c2VlbjogJH19XVxcbicsXG4gICAgfSxcbiAgICBvcmlnaW4sXG4gICk7XG4gIGNvbnN0IGVuZGVkID0gYXdhaXQgZWNob1RyYWlsKFsncnVuJywgJ3QnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDAsIGVuZGVkLm91dCArIGVuZGVkLmVycik7XG4gIGNvbnN0IHsgc2VudCB9ID0gZG9jdW1lbnQoYXdhaXQgZWNob1RyYWlsKFsnZWNobycsICdzaG93JywgJ2xhc3QnLCAnLS1qc29uJ10sIHsgY3dkIH0pKSBhcyB7XG4gICAgc2VudDogeyBib2R5OiB7IHRleHQ6IHN0cmluZyB9IH07XG4gIH07XG4gIGFzc2VydC5kZWVwRXF1YWwoSlNPTi5wYXJzZShzZW50LmJvZHkudGV4dCksIHsgY291bnQ6IDk1LCBmaXJzdDogJ0UtMDAxJywgbGFzdDogJ0UtMDgxJyB9KTtcbn0pO1xuXG5jb25zdCBmYXVsdHM6IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZTogc3RyaW5nLCByZXF1ZXN0OiBzdHJpbmcsIGNvZGU6IHN0cmluZywgc2F5czogUmVnRXhwXSlbXSA9IFtcbiAgW1xuICAgICdhIHZlbmRvciB0aGF0IGRvZXMgbm90IHRha2UgdGhlIHBhZ2UnLFxuICAgICdpbnB1dHM6IHtwYWdlOiB7ZGVmYXVsdDogMX19XFxudXJsOiAke29yaWdpbn0vbG9nYm9vay9zdHVja1xcbnF1ZXJ5OiB7cGFnZTogXCIke3BhZ2V9XCJ9XFxucGFnZXM6IHtpdGVtczogJC5pdGVtcywgbnVtYmVyOiB7aW5wdXQ6IHBhZ2V9fVxcbicsXG4gICAgJ3BhZ2VzLWxvb3AnLFxuICAgIC9wYWdlIDIgb2YgcjAgaXMgdGhlIHNhbWUgYXMgdGhlIHBhZ2UgYmVmb3JlIGl0LyxcbiAgXSxcbiAgW1xuICAgICdwYWdlcyB0aGF0IGxlYWQgcm91bmQnLFxuICAgICd1cmw6ICR7b3JpZ2lufS9sb2dib29rL3JvdW5kXFxucGFnZXM6IHtpdGVtczogJC5pdGVtcywgbmV4dDogJC5uZXh0fVxcbicsXG4gICAgJ3BhZ2VzLWxvb3AnLFxuICAgIC9wYWdlIFxcZCBvZiByMSBsZWFkcyB0byBvbmUgdGhhdCB3YXMgcmVhZCBhbHJlYWR5LyxcbiAgXSxcbiAgW1xuICAgICdhIHBhZ2UgdGhhdCBmYWlscycsXG4gICAgJ3VybDogJHtvcmlnaW59L2xvZ2Jvb2svdG9yblxcbnBhZ2VzOiB7aXRlbXM6ICQuaXRlbXMsIG5leHQ6ICQubmV4dCwgdG90YWw6ICQudG90YWx9XFxuJyxcbiAgICAnc3RlcC1mYWlsZWQnLFxuICAgIC9wYXJ0aWFsOiA0MCBvZiA5NSBpdGVtcyBjYW1lIGJlZm9yZS8sXG4gIF0sXG4gIFtcbiAgICAnbm8gbGlzdCBhdCB0aGUgcGxhY2UnLFxuICAgICd1cmw6ICR7b3JpZ2lufS9sb2dib29rL25leHRcXG5wYWdlczoge2l0ZW1zOiAkLnJvd3MsIG5leHQ6ICQubmV4dH1cXG4nLFxuICAgICdwbGFjZS1ub3QtZm91bmQnLFxuICAgIC9ubyBsaXN0IG9mIGl0ZW1zIHN0YW5kcyBhdCBcXCRcXC5yb3dzLyxcbiAgXSxcbl07XG50ZXN0KCdmYXVsdHkgcGFnZXMgZW5kIHRoZSBsaXN0LCBhbmQgc2F5IHNvJywgYXN5bmMgKCkgPT4ge1xuICBjb25zdCBmaWxlczogUmVjb3JkPHN0cmluZywgc3RyaW5nPiA9IHt9O1xuICBmb3IgKGNvbnN0IFthdCwgWywgcmVxdWVzdF1dIG9mIGZhdWx0cy5lbnRyaWVzKCkpIHtcbiAgICBmaWxlc1tgcmVxdWVzdHMvciR7YXR9LnlhbWxgXSA9IHJlcXVlc3Q7XG4gICAgZmlsZXNbYHRyYWlscy90JHthdH0ueWFtbGBdID0gYHN0ZXBzOlxcbiAgLSBmb3ItZWFjaDoge3BhZ2VzOiByJHthdH19XFxuICAgIHN0ZXBzOiBbe2tlZXA6IHt4OiBcIlxcJHtpdGVtfVwifX1dXFxuYDtcbiAgfVxuICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3J1bicsIC4uLmZhdWx0cy5tYXAoKF8sIGF0KSA9PiBgdCR7YXR9YCksICctLWpzb24nXSwge1xuICAgIGN3ZDogY29sbGVjdGlvbk9mKGZpbGVzLCBvcmlnaW4pLFxuICB9KTtcbiAgYXNzZXJ0Lm5vdEVxdWFsKGVuZGVkLnN0YXR1cywgMCk7XG4gIGNvbnN0IHN0ZXBzID0gZG9jdW1lbnRMaW5lcyhlbmRlZCkuZmlsdGVyKCh7IGtpbmQgfSkgPT4ga2luZCA9PT0gJ2Zvci1lYWNoJykgYXMgdW5rbm93biBhcyB7XG4gICAgcHJvYmxlbXM6IHsgY29kZTogc3RyaW5nOyB3aGF0OiBzdHJpbmcgfVtdO1xuICB9W107XG4gIGZvciAoY29uc3QgW2F0LCBbbmFtZSwgLCBjb2RlLCBzYXlzXV0gb2YgZmF1bHRzLmVudHJpZXMoKSkge1xuICAgIGFzc2VydC5lcXVhbChzdGVwc1thdF0/LnByb2JsZW1zWzBdPy5jb2RlLCBjb2RlLCBuYW1lKTtcbiAgICBhc3NlcnQubWF0Y2goc3RlcHNbYXRdPy5wcm9ibGVtc1swXT8ud2hhdCA/PyAnJywgc2F5cyk7XG4gIH1cbn0pO1xuXG50ZXN0KCdzZW5kIHJlYWRzIG9uZSBwYWdlIGFuZCBzYXlzIHRoYXQgaXQgaXMgbm90IGFsbDsgLS1wYWdlcyByZWFkcyBvbicsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgY3dkID0gY29sbGVjdGlvbk9mKHsgJ3JlcXVlc3RzL2VudHJpZXMueWFtbCc6IG5leHQucmVwbGFjZSgnLCBtb3N0OiAzJywgJycpIH0sIG9yaWdpbik7XG4gIGNvbnN0IG9uZSA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnZW50cmllcyddLCB7IGN3ZCB9KTtcbiAgYXNzZXJ0Lm1hdGNoKG9uZS5lcnIsIC8yMCBvZiA5NSBpdGVtcyBvbiAxIHBhZ2U6IC0tcGFnZXMgYWxsIHJlYWRzIG9uLyk7XG4gIGNvbnN0IGFsbCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnZW50cmllcycsICctLXBhZ2VzJywgJ2FsbCcsICctLXBpY2snLCAnJFs5NF0uaWQnXSwgeyBjd2QgfSk7XG4gIGFzc2VydC5lcXVhbChhbGwub3V0LCAnRS0wOTVcXG4nKTtcbiAgY29uc3QgdHdvID0gZG9jdW1lbnQwKGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnZW50cmllcycsICctLXBhZ2VzJywgJzInLCAnLS1qc29uJ10sIHsgY3dkIH0pKTtcbiAgYXNzZXJ0LmRlZXBFcXVhbChbdHdvLmJvZHkubGVuZ3RoLCB0d28ucGFnZXMucGFnZXMsIHR3by5wYWdlcy5pdGVtcywgdHdvLnBhZ2VzLnRvdGFsXSwgWzQwLCAyLCA0MCwgOTVdKTtcbiAgY29uc3Qgbm9uZSA9IGNvbGxlY3Rpb25PZih7ICdyZXF1ZXN0cy9lbnRyaWVzLnlhbWwnOiAndXJsOiAke29yaWdpbn0vbG9nYm9vay9saW5rc1xcbicgfSwgb3JpZ2luKTtcbiAgY29uc3Qgd3JvbmcgPSBhd2FpdCBlY2hvVHJhaWwoWydzZW5kJywgJ2VudHJpZXMnLCAnLS1wYWdlcycsICdhbGwnXSwgeyBjd2Q6IG5vbmUgfSk7XG4gIGFzc2VydC5lcXVhbCh3cm9uZy5zdGF0dXMsIDIpO1xuICBhc3NlcnQubWF0Y2god3JvbmcuZXJyLCAvZG9lcyBub3Qgc2F5IGhvdyBpdHMgcGFnZXMgYXJlIGFza2VkIGZvci8pO1xufSk7XG5cbmNvbnN0IHVudXNhYmxlOiByZWFkb25seSAocmVhZG9ubHkgW3BhZ2VzOiBzdHJpbmcsIHNheXM6IFJlZ0V4cF0pW10gPSBbXG4gIFsne2l0ZW1zOiAkLml0ZW1zfScsIC9uZWVkcyBvbmUgd2F5IHRvIGFzayBmb3IgdGhlIG5leHQgcGFnZSwgYW5kIGhhcyBub25lL10sXG4gIFsne2l0ZW1zOiAkLml0ZW1zLCBuZXh0OiAkLm5leHQsIG51bWJlcjoge2lucHV0OiBwYWdlfX0nLCAvaGFzIG5leHQgYW5kIG51bWJlci9dLFxuICBbJ3tpdGVtczogJC5pdGVtcywgbnVtYmVyOiB7aW5wdXQ6IHBhZ2V9fScsIC9naXZlcyB0aGUgbmV4dCBwYWdlIHRvIHRoZSBpbnB1dCBwYWdlLCB3aGljaCB0aGUgcmVxdWVzdCBkb2VzIG5vdCBoYXZlL10sXG4gIFsne2l0ZW1zOiBpdGVtcywgbmV4dDogJC5uZXh0fScsIC9pdGVtcyBpcyBub3QgYSBwbGFjZS9dLFxuICBbJ3tuZXh0OiAkLm5leHR9JywgL3BhZ2VzXFwuaXRlbXMgaXMgbWlzc2luZy9dLFxuXTtcbnRlc3QoJ3BhZ2VzIHRoYXQgY2Fubm90IGJlIGFza2VkIGZvciBhcmUgdG9sZCBiZWZvcmUgYW55dGhpbmcgaXMgc2VudCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgZmlsZXMgPSBPYmplY3QuZnJvbUVudHJpZXMoXG4gICAgdW51c2FibGUubWFwKChbcGFnZXNdLCBhdCkgPT4gW2ByZXF1ZXN0cy9yJHthdH0ueWFtbGAsIGB1cmw6IFxcJHtvcmlnaW59L2xvZ2Jvb2svbmV4dFxcbnBhZ2VzOiAke3BhZ2VzfVxcbmBdKSxcbiAgKTtcbiAgY29uc3QgeyBmaW5kaW5ncyB9ID0gZG9jdW1lbnQoYXdhaXQgZWNob1RyYWlsKFsnY2hlY2snLCAnLS1qc29uJ10sIHsgY3dkOiBjb2xsZWN0aW9uT2YoZmlsZXMpIH0pKSBhcyB7XG4gICAgZmluZGluZ3M6IHsgZmlsZTogc3RyaW5nOyB3aGF0OiBzdHJpbmcgfVtdO1xuICB9O1xuICBmb3IgKGNvbnN0IFthdCwgW3BhZ2VzLCBzYXlzXV0gb2YgdW51c2FibGUuZW50cmllcygpKSB7XG4gICAgY29uc3Qgb3duID0gZmluZGluZ3MuZmlsdGVyKCh7IGZpbGUgfSkgPT4gZmlsZSA9PT0gYHJlcXVlc3RzL3Ike2F0fS55YW1sYCk7XG4gICAgYXNzZXJ0Lm9rKFxuICAgICAgb3duLnNvbWUoKHsgd2hhdCB9KSA9PiBzYXlzLnRlc3Qod2hhdCkpLFxuICAgICAgYCR7cGFnZXN9OiAke0pTT04uc3RyaW5naWZ5KG93bil9YCxcbiAgICApO1xuICB9XG59KTtcblxudGVzdCgnYSBuZXh0IHBhZ2Ugb24gYW5vdGhlciBob3N0IGdldHMgbm8gY3JlZGVudGlhbCcsIGFzeW5jICgpID0+IHtcbiAgY29uc3QgaGVhZHM6IHN0cmluZ1tdID0gW107XG4gIGNvbnN0IG90aGVyID0gYXdhaXQgcmF3U2VydmVyKChoZWFkKSA9PiB7XG4gICAgaGVhZHMucHVzaChoZWFkKTtcbiAgICByZXR1cm4gYW5zd2VyT2YoJ3tcIml0ZW1zXCI6IFtdfScpO1xuICB9KTtcbiAgY29uc3QgZWxzZXdoZXJlID0gb3RoZXIub3JpZ2luLnJlcGxhY2UoJzEyNy4wLjAuMScsICdsb2NhbGhvc3QnKTtcbiAgY29uc3QgdmVuZG9yID0gYXdhaXQgcmF3U2VydmVyKCgpID0+IGFuc3dlck9mKGB7XCJpdGVtc1wiOiBbMV0sIFwibmV4dFwiOiBcIiR7ZWxzZXdoZXJlfS8yXCJ9YCkpO1xuICBjb25zdCBjd2QgPSBjb2xsZWN0aW9uT2YoXG4gICAge1xuICAgICAgJ3Nlc3Npb25zL2tleS55YW1sJzogJ2tpbmQ6IGJlYXJlclxcbnRva2VuOiAke3NlY3JldC5rZXl9XFxuJyxcbiAgICAgICdyZXF1ZXN0cy9lbnRyaWVzLnlhbWwnOiAndXJsOiAke29yaWdpbn0vXFxuc2Vzc2lvbjoga2V5XFxucGFnZXM6IHtpdGVtczogJC5pdGVtcywgbmV4dDogJC5uZXh0fVxcbicsXG4gICAgfSxcbiAgICB2ZW5kb3Iub3JpZ2luLFxuICApO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IGVjaG9UcmFpbChbJ3NlbmQnLCAnZW50cmllcycsICctLXBhZ2VzJywgJ2FsbCddLCB7XG4gICAgY3dkLFxuICAgIGVudjogeyBFQ0hPX1RSQUlMX1NFQ1JFVF9LRVk6ICdzaWduYWwtbGFudGVybi05MCcgfSxcbiAgfSk7XG4gIGFzc2VydC5lcXVhbChlbmRlZC5zdGF0dXMsIDQsIGVuZGVkLm91dCArIGVuZGVkLmVycik7XG4gIGFzc2VydC5kZWVwRXF1YWwoaGVhZHMsIFtdKTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwoW290aGVyLmNsb3NlKCksIHZlbmRvci5jbG9zZSgpXSk7XG59KTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxPQUFPLFlBQVk7QUFDbkIsU0FBUyxvQkFBb0I7QUFDN0IsU0FBUyxZQUFZO0FBQ3JCLFNBQVMsWUFBWTtBQU1yQixJQUFNLEVBQUUsT0FBTyxJQUFJLE1BQU0sbUJBQW1CO0FBUTVDLElBQU0sU0FBcUc7QUFBQSxFQUN6RyxDQUFDLGlCQUFpQixzRUFBc0UsR0FBRyxJQUFJO0FBQUEsRUFDL0Y7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNGO0FBQ0EsS0FBSyxtRUFBbUUsWUFBWTtBQUNsRixRQUFNLFFBQWdDLENBQUM7QUFDdkMsYUFBVyxDQUFDLElBQUksQ0FBQyxFQUFFLE9BQU8sQ0FBQyxLQUFLLE9BQU8sUUFBUSxHQUFHO0FBQ2hELFVBQU0sYUFBYSxFQUFFLE9BQU8sSUFBSSxHQUFHLE9BQU87QUFBQTtBQUMxQyxVQUFNLFdBQVcsRUFBRSxPQUFPLElBQ3hCO0FBQUEseUJBQWtDLEVBQUU7QUFBQTtBQUFBO0FBQUEsbURBQTBILEVBQUU7QUFBQTtBQUFBO0FBQUEsRUFDcEs7QUFDQSxRQUFNLE1BQU0sYUFBYSxPQUFPLE1BQU07QUFDdEMsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxPQUFPLElBQUksQ0FBQyxHQUFHLE9BQU8sSUFBSSxFQUFFLEVBQUUsR0FBRyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDNUYsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sSUFBSSxNQUFNLElBQUssSUFBSSxNQUFNLEdBQUc7QUFDaEUsUUFBTSxRQUFRLGNBQWMsS0FBSyxFQUFFLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLFVBQVU7QUFDM0UsYUFBVyxDQUFDLElBQUksQ0FBQyxNQUFNLEVBQUUsT0FBTyxLQUFLLENBQUMsS0FBSyxPQUFPLFFBQVEsR0FBRztBQUMzRCxXQUFPLFVBQVUsTUFBTSxFQUFFLEdBQUcsT0FBTyxFQUFFLE9BQU8sT0FBTyxJQUFJLE9BQU8sU0FBUyxLQUFLLEdBQUcsSUFBSTtBQUNuRixVQUFNLE1BQU0sYUFBYSxLQUFLLEtBQUssV0FBVyxFQUFFLFFBQVEsR0FBRyxNQUFNLEVBQzlELEtBQUssRUFDTCxNQUFNLElBQUk7QUFDYixVQUFNLFNBQVMsTUFBTSxLQUFLLEVBQUUsUUFBUSxHQUFHLEdBQUcsQ0FBQyxHQUFHLFVBQVUsWUFBWSxPQUFPLFFBQVEsQ0FBQyxFQUFFLFNBQVMsR0FBRyxHQUFHLENBQUMsSUFBSTtBQUMxRyxXQUFPLFVBQVUsS0FBSyxRQUFRLElBQUk7QUFBQSxFQUNwQztBQUNGLENBQUM7QUFFRCxLQUFLLG1GQUFtRixZQUFZO0FBQ2xHLFFBQU1BLFlBQ0o7QUFDRixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSx3QkFBd0I7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBLGlCQUFpR0EsU0FBUTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBLElBQ25JO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxVQUFVLFdBQVcsT0FBTyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFDckYsU0FBTyxNQUFNLE1BQU0sUUFBUSxHQUFHLE1BQU0sTUFBTSxNQUFNLEdBQUc7QUFDbkQsUUFBTSxFQUFFLE9BQU8sS0FBSyxJQUFJLFVBQVUsS0FBSztBQUN2QyxTQUFPLEdBQUcsTUFBTSxRQUFRLEdBQUcsS0FBSyxVQUFVLEtBQUssQ0FBQztBQUNoRCxTQUFPLFVBQVUsQ0FBQyxNQUFNLFNBQVMsS0FBSyxNQUFNLEdBQUcsQ0FBQyxNQUFNLE1BQU0sS0FBSyxDQUFDO0FBQ3BFLENBQUM7QUFFRCxJQUFNLFlBQVksQ0FBQyxVQUE0RCxTQUFTLEtBQUs7QUFFN0YsSUFBTSxPQUNKO0FBRUYsS0FBSyw4REFBOEQsWUFBWTtBQUM3RSxRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSx5QkFBeUI7QUFBQSxNQUN6QixpQkFBaUI7QUFBQSxJQUNuQjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ25ELFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLEdBQUc7QUFDdkMsU0FBTyxNQUFNLE1BQU0sS0FBSywwRUFBMEU7QUFDbEcsUUFBTSxPQUFPLE1BQU0sVUFBVSxDQUFDLFFBQVEsUUFBUSxRQUFRLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQztBQUN4RSxTQUFPLE1BQU8sU0FBUyxJQUFJLEVBQWtDLEtBQUssT0FBTyxFQUFFO0FBQzdFLENBQUM7QUFFRCxLQUFLLDRGQUE0RixZQUFZO0FBQzNHLFFBQU0sTUFBTTtBQUFBLElBQ1Y7QUFBQSxNQUNFLHlCQUF5QixLQUFLLFFBQVEsYUFBYSxFQUFFLEVBQUUsUUFBUSxXQUFXLGdDQUFnQztBQUFBLE1BQzFHLHdCQUNFO0FBQUEsTUFDRixpQkFBaUI7QUFBQSxJQUNuQjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLE9BQU8sR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDO0FBQ25ELFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLE1BQU0sTUFBTSxHQUFHO0FBQ25ELFFBQU0sRUFBRSxLQUFLLElBQUksU0FBUyxNQUFNLFVBQVUsQ0FBQyxRQUFRLFFBQVEsUUFBUSxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUMsQ0FBQztBQUd0RixTQUFPLFVBQVUsS0FBSyxNQUFNLEtBQUssS0FBSyxJQUFJLEdBQUcsRUFBRSxPQUFPLElBQUksT0FBTyxTQUFTLE1BQU0sUUFBUSxDQUFDO0FBQzNGLENBQUM7QUFFRCxJQUFNLFNBQTRGO0FBQUEsRUFDaEc7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUFBLEVBQ0E7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNGO0FBQ0EsS0FBSyx5Q0FBeUMsWUFBWTtBQUN4RCxRQUFNLFFBQWdDLENBQUM7QUFDdkMsYUFBVyxDQUFDLElBQUksQ0FBQyxFQUFFLE9BQU8sQ0FBQyxLQUFLLE9BQU8sUUFBUSxHQUFHO0FBQ2hELFVBQU0sYUFBYSxFQUFFLE9BQU8sSUFBSTtBQUNoQyxVQUFNLFdBQVcsRUFBRSxPQUFPLElBQUk7QUFBQSx5QkFBa0MsRUFBRTtBQUFBO0FBQUE7QUFBQSxFQUNwRTtBQUNBLFFBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxPQUFPLEdBQUcsT0FBTyxJQUFJLENBQUMsR0FBRyxPQUFPLElBQUksRUFBRSxFQUFFLEdBQUcsUUFBUSxHQUFHO0FBQUEsSUFDbkYsS0FBSyxhQUFhLE9BQU8sTUFBTTtBQUFBLEVBQ2pDLENBQUM7QUFDRCxTQUFPLFNBQVMsTUFBTSxRQUFRLENBQUM7QUFDL0IsUUFBTSxRQUFRLGNBQWMsS0FBSyxFQUFFLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLFVBQVU7QUFHM0UsYUFBVyxDQUFDLElBQUksQ0FBQyxNQUFNLEVBQUUsTUFBTSxJQUFJLENBQUMsS0FBSyxPQUFPLFFBQVEsR0FBRztBQUN6RCxXQUFPLE1BQU0sTUFBTSxFQUFFLEdBQUcsU0FBUyxDQUFDLEdBQUcsTUFBTSxNQUFNLElBQUk7QUFDckQsV0FBTyxNQUFNLE1BQU0sRUFBRSxHQUFHLFNBQVMsQ0FBQyxHQUFHLFFBQVEsSUFBSSxJQUFJO0FBQUEsRUFDdkQ7QUFDRixDQUFDO0FBRUQsS0FBSyxxRUFBcUUsWUFBWTtBQUNwRixRQUFNLE1BQU0sYUFBYSxFQUFFLHlCQUF5QixLQUFLLFFBQVEsYUFBYSxFQUFFLEVBQUUsR0FBRyxNQUFNO0FBQzNGLFFBQU0sTUFBTSxNQUFNLFVBQVUsQ0FBQyxRQUFRLFNBQVMsR0FBRyxFQUFFLElBQUksQ0FBQztBQUN4RCxTQUFPLE1BQU0sSUFBSSxLQUFLLGdEQUFnRDtBQUN0RSxRQUFNLE1BQU0sTUFBTSxVQUFVLENBQUMsUUFBUSxXQUFXLFdBQVcsT0FBTyxVQUFVLFVBQVUsR0FBRyxFQUFFLElBQUksQ0FBQztBQUNoRyxTQUFPLE1BQU0sSUFBSSxLQUFLLFNBQVM7QUFDL0IsUUFBTSxNQUFNLFVBQVUsTUFBTSxVQUFVLENBQUMsUUFBUSxXQUFXLFdBQVcsS0FBSyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUMsQ0FBQztBQUM3RixTQUFPLFVBQVUsQ0FBQyxJQUFJLEtBQUssUUFBUSxJQUFJLE1BQU0sT0FBTyxJQUFJLE1BQU0sT0FBTyxJQUFJLE1BQU0sS0FBSyxHQUFHLENBQUMsSUFBSSxHQUFHLElBQUksRUFBRSxDQUFDO0FBQ3RHLFFBQU0sT0FBTyxhQUFhLEVBQUUseUJBQXlCLGlDQUFpQyxHQUFHLE1BQU07QUFDL0YsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFFBQVEsV0FBVyxXQUFXLEtBQUssR0FBRyxFQUFFLEtBQUssS0FBSyxDQUFDO0FBQ2xGLFNBQU8sTUFBTSxNQUFNLFFBQVEsQ0FBQztBQUM1QixTQUFPLE1BQU0sTUFBTSxLQUFLLDBDQUEwQztBQUNwRSxDQUFDO0FBRUQsSUFBTSxXQUFnRTtBQUFBLEVBQ3BFLENBQUMsb0JBQW9CLHNEQUFzRDtBQUFBLEVBQzNFLENBQUMseURBQXlELHFCQUFxQjtBQUFBLEVBQy9FLENBQUMsMkNBQTJDLHdFQUF3RTtBQUFBLEVBQ3BILENBQUMsZ0NBQWdDLHNCQUFzQjtBQUFBLEVBQ3ZELENBQUMsa0JBQWtCLHlCQUF5QjtBQUM5QztBQUNBLEtBQUssbUVBQW1FLFlBQVk7QUFDbEYsUUFBTSxRQUFRLE9BQU87QUFBQSxJQUNuQixTQUFTLElBQUksQ0FBQyxDQUFDLEtBQUssR0FBRyxPQUFPLENBQUMsYUFBYSxFQUFFLFNBQVM7QUFBQSxTQUF3QyxLQUFLO0FBQUEsQ0FBSSxDQUFDO0FBQUEsRUFDM0c7QUFDQSxRQUFNLEVBQUUsU0FBUyxJQUFJLFNBQVMsTUFBTSxVQUFVLENBQUMsU0FBUyxRQUFRLEdBQUcsRUFBRSxLQUFLLGFBQWEsS0FBSyxFQUFFLENBQUMsQ0FBQztBQUdoRyxhQUFXLENBQUMsSUFBSSxDQUFDLE9BQU8sSUFBSSxDQUFDLEtBQUssU0FBUyxRQUFRLEdBQUc7QUFDcEQsVUFBTSxNQUFNLFNBQVMsT0FBTyxDQUFDLEVBQUUsS0FBSyxNQUFNLFNBQVMsYUFBYSxFQUFFLE9BQU87QUFDekUsV0FBTztBQUFBLE1BQ0wsSUFBSSxLQUFLLENBQUMsRUFBRSxLQUFLLE1BQU0sS0FBSyxLQUFLLElBQUksQ0FBQztBQUFBLE1BQ3RDLEdBQUcsS0FBSyxLQUFLLEtBQUssVUFBVSxHQUFHLENBQUM7QUFBQSxJQUNsQztBQUFBLEVBQ0Y7QUFDRixDQUFDO0FBRUQsS0FBSyxrREFBa0QsWUFBWTtBQUNqRSxRQUFNLFFBQWtCLENBQUM7QUFDekIsUUFBTSxRQUFRLE1BQU0sVUFBVSxDQUFDLFNBQVM7QUFDdEMsVUFBTSxLQUFLLElBQUk7QUFDZixXQUFPLFNBQVMsZUFBZTtBQUFBLEVBQ2pDLENBQUM7QUFDRCxRQUFNLFlBQVksTUFBTSxPQUFPLFFBQVEsYUFBYSxXQUFXO0FBQy9ELFFBQU0sU0FBUyxNQUFNLFVBQVUsTUFBTSxTQUFTLDJCQUEyQixTQUFTLE1BQU0sQ0FBQztBQUN6RixRQUFNLE1BQU07QUFBQSxJQUNWO0FBQUEsTUFDRSxxQkFBcUI7QUFBQSxNQUNyQix5QkFBeUI7QUFBQSxJQUMzQjtBQUFBLElBQ0EsT0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLFFBQVEsTUFBTSxVQUFVLENBQUMsUUFBUSxXQUFXLFdBQVcsS0FBSyxHQUFHO0FBQUEsSUFDbkU7QUFBQSxJQUNBLEtBQUssRUFBRSx1QkFBdUIsb0JBQW9CO0FBQUEsRUFDcEQsQ0FBQztBQUNELFNBQU8sTUFBTSxNQUFNLFFBQVEsR0FBRyxNQUFNLE1BQU0sTUFBTSxHQUFHO0FBQ25ELFNBQU8sVUFBVSxPQUFPLENBQUMsQ0FBQztBQUMxQixRQUFNLFFBQVEsSUFBSSxDQUFDLE1BQU0sTUFBTSxHQUFHLE9BQU8sTUFBTSxDQUFDLENBQUM7QUFDbkQsQ0FBQzsiLAogICJuYW1lcyI6IFsiZG9jdW1lbnQiXQp9Cg==
