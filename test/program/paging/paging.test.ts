/** Every style of paging, its limits and its faults. */
import assert from 'node:assert/strict';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf } from '../../support/folder.js';
import { document, documentLines, type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();

interface PagesDocument {
  readonly pages: number;
  readonly items: number;
  readonly total: number | null;
  readonly partial: string | null;
}
const styles: readonly (readonly [name: string, request: string, pages: number, total: number | null])[] = [
  ['a link header', 'url: ${origin}/logbook/links\npages: {items: $, next: link.next}\n', 5, null],
  [
    'the next address in the body',
    'url: ${origin}/logbook/next\npages: {items: $.items, next: $.next, total: $.total}\n',
    5,
    95,
  ],
  [
    'page numbers until one is empty',
    'inputs: {page: {default: 1}}\nurl: ${origin}/logbook/numbers\nquery: {page: "${page}", size: 19}\npages: {items: $.items, number: {input: page}}\n',
    6,
    null,
  ],
  [
    'page numbers until one is short',
    'inputs: {page: {default: 1}}\nurl: ${origin}/logbook/numbers\nquery: {page: "${page}"}\npages: {items: $.items, number: {input: page}, size: 20}\n',
    5,
    null,
  ],
  [
    'offsets until the total',
    'inputs: {offset: {default: 0}}\nurl: ${origin}/logbook/offsets\nquery: {offset: "${offset}", size: 19}\npages: {items: $.items, offset: {input: offset}, total: $.total}\n',
    5,
    95,
  ],
  [
    'a cursor as long as there is more',
    'inputs: {after: {}}\nurl: ${origin}/logbook/cursors\nquery: {after: "${after ?? absent}"}\npages: {items: $.items, cursor: {input: after, from: $.cursor}, while: {$.more: true}}\n',
    5,
    null,
  ],
  [
    'page numbers of XML',
    'inputs: {page: {default: 1}}\nurl: ${origin}/logbook/xml\nquery: {page: "${page}"}\npages: {items: //entry/@id, number: {input: page}, total: /log/@total}\n',
    5,
    95,
  ],
];
test('every style of paging gives all 95 entries, once each, in order', async () => {
  const files: Record<string, string> = {};
  for (const [at, [, request]] of styles.entries()) {
    files[`requests/r${at}.yaml`] = `${request}expect: {status: 200}\n`;
    files[`trails/t${at}.yaml`] =
      `steps:\n  - for-each: {pages: r${at}}\n    as: entry\n    steps: [{keep: {id: "\${entry.id ?? entry}"}}]\n    table: {columns: {id: "\${id}"}, to: data/ids${at}.jsonl, as: ids}\n  - {keep: {n: "\${ids | count}"}}\n`;
  }
  const cwd = collectionOf(files, origin);
  const ended = await echoTrail(['run', ...styles.map((_, at) => `t${at}`), '--json'], { cwd });
  assert.equal(ended.status, 0, ended.out.slice(-3000) + ended.err);
  const steps = documentLines(ended).filter(({ kind }) => kind === 'for-each') as unknown as { pages: PagesDocument }[];
  for (const [at, [name, , pages, total]] of styles.entries()) {
    assert.deepEqual(steps[at]?.pages, { pages, items: 95, total, partial: null }, name);
    const ids = readFileSync(join(cwd, `data/ids${at}.jsonl`), 'utf8')
      .trim()
      .split('\n');
    const wanted = Array.from({ length: 95 }, (_, index) => `{"id":"E-${String(index + 1).padStart(3, '0')}"}`);
    assert.deepEqual(ids, wanted, name);
  }
});

const cursors = (pages: string): string =>
  `inputs: {after: {}}\nurl: \${origin}/logbook/cursors\nquery: {after: "\${after ?? absent}"}\npages: {items: $.items, ${pages}}\n`;

const ended: readonly (readonly [name: string, request: string, says: RegExp])[] = [
  [
    'the place of the cursor is not there, although more is announced',
    cursors('cursor: {input: after, from: $.curser}, while: {$.more: true}'),
    /partial: 1 page, 20 items \(while: says that there is more, and there is nothing at \$\.curser \(nearest: \$\.cursor\)\)/,
  ],
  [
    'the place of the cursor is not there',
    cursors('cursor: {input: after, from: $.curser}'),
    /1 page, 20 items: there is nothing at \$\.curser \(nearest: \$\.cursor\)/,
  ],
  ['the place is there', cursors('cursor: {input: after, from: $.cursor}'), /6 pages, 95 items\n/],
  [
    'the address of the next page is not there, and fewer came than were announced',
    'url: ${origin}/logbook/next\npages: {items: $.items, next: $.following, total: $.total}\n',
    /partial: 1 page, 20 of 95 items \(there is nothing at \$\.following/,
  ],
];

test('a first page that leads nowhere is told with the place at which nothing stands', async () => {
  const cwd = collectionOf(Object.fromEntries(ended.map(([, text], at) => [`requests/r${at}.yaml`, text])), origin);
  for (const [at, [name, , says]] of ended.entries()) {
    const { out, err } = await echoTrail(['run', `r${at}`], { cwd });
    assert.match(out + err, says, name);
  }
  const told = await echoTrail(['run', 'r1', '--json'], { cwd });
  const step = documentLines(told).find(({ event }) => event === 'step') as { pages: Record<string, unknown> };
  assert.deepEqual(step.pages, {
    pages: 1,
    items: 20,
    total: null,
    partial: null,
    doubt: 'there is nothing at $.curser (nearest: $.cursor)',
  });
});

test('GraphQL connections are paged by their cursor, in the variables of the document', async () => {
  const document =
    'query ($after: String) { pilots(first: 2, after: $after) { edges { node { ... on Person { name } } } pageInfo { endCursor hasNextPage } } }';
  const cwd = collectionOf(
    {
      'requests/pilots.yaml': `inputs: {after: {}}\nmethod: POST\nurl: \${origin}/graphql\nbody:\n  graphql:\n    document: "${document}"\n    variables: {after: "\${after ?? absent}"}\npages:\n  items: $.data.pilots.edges\n  cursor: {input: after, from: $.data.pilots.pageInfo.endCursor}\n  while: {$.data.pilots.pageInfo.hasNextPage: true}\n`,
    },
    origin,
  );
  const ended = await echoTrail(['send', 'pilots', '--pages', 'all', '--json'], { cwd });
  assert.equal(ended.status, 0, ended.out + ended.err);
  const { pages, body } = document0(ended);
  assert.ok(pages.pages > 1, JSON.stringify(pages));
  assert.deepEqual([pages.partial, body.length], [null, pages.items]);
});

const document0 = (ended: Ended): { pages: PagesDocument; body: unknown[] } => document(ended) as never;

const next =
  'url: ${origin}/logbook/next\npages: {items: $.items, next: $.next, total: $.total, most: 3}\nkeep: {ids: "$.items[*].id", total: $.total}\n';

test('a limit makes the result partial, and says what is missing', async () => {
  const cwd = collectionOf(
    {
      'requests/entries.yaml': next,
      'trails/t.yaml': 'steps: [{send: entries}, {keep: {n: "${ids | count}", t: "${total}"}}]\n',
    },
    origin,
  );
  const ended = await echoTrail(['run', 't'], { cwd });
  assert.equal(ended.status, 0, ended.err);
  assert.match(ended.out, /partial: 3 pages, 60 of 95 items \(no more than 3 pages were asked for\)/);
  const kept = await echoTrail(['echo', 'show', 'last', '--json'], { cwd });
  assert.equal((document(kept) as { kept: { total: number } }).kept.total, 95);
});

test('what is kept of pages is joined where it is a list, and of the last page where it is not', async () => {
  const cwd = collectionOf(
    {
      'requests/entries.yaml': next.replace(', most: 3', '').replace('keep: {', 'keep: {last: "$.items[0].id", '),
      'requests/mirror.yaml':
        'inputs: {ids: {}, last: {}}\nmethod: POST\nchanges: false\nurl: ${origin}/mirror\nbody: {json: {count: "${ids | count}", first: "${ids | first}", last: "${last}"}}\n',
      'trails/t.yaml': 'steps: [{send: entries}, {send: mirror, keep: {seen: $}}]\n',
    },
    origin,
  );
  const ended = await echoTrail(['run', 't'], { cwd });
  assert.equal(ended.status, 0, ended.out + ended.err);
  const { sent } = document(await echoTrail(['echo', 'show', 'last', '--json'], { cwd })) as {
    sent: { body: { text: string } };
  };
  assert.deepEqual(JSON.parse(sent.body.text), { count: 95, first: 'E-001', last: 'E-081' });
});

const faults: readonly (readonly [name: string, request: string, code: string, says: RegExp])[] = [
  [
    'a vendor that does not take the page',
    'inputs: {page: {default: 1}}\nurl: ${origin}/logbook/stuck\nquery: {page: "${page}"}\npages: {items: $.items, number: {input: page}}\n',
    'pages-loop',
    /page 2 of r0 is the same as the page before it/,
  ],
  [
    'pages that lead round',
    'url: ${origin}/logbook/round\npages: {items: $.items, next: $.next}\n',
    'pages-loop',
    /page \d of r1 leads to one that was read already/,
  ],
  [
    'a page that fails',
    'url: ${origin}/logbook/torn\npages: {items: $.items, next: $.next, total: $.total}\n',
    'step-failed',
    /partial: 40 of 95 items came before/,
  ],
  [
    'no list at the place',
    'url: ${origin}/logbook/next\npages: {items: $.rows, next: $.next}\n',
    'place-not-found',
    /there is no list of items at \$\.rows/,
  ],
];
test('faulty pages end the list, and say so', async () => {
  const files: Record<string, string> = {};
  for (const [at, [, request]] of faults.entries()) {
    files[`requests/r${at}.yaml`] = request;
    files[`trails/t${at}.yaml`] = `steps:\n  - for-each: {pages: r${at}}\n    steps: [{keep: {x: "\${item}"}}]\n`;
  }
  const ended = await echoTrail(['run', ...faults.map((_, at) => `t${at}`), '--json'], {
    cwd: collectionOf(files, origin),
  });
  assert.notEqual(ended.status, 0);
  const steps = documentLines(ended).filter(({ kind }) => kind === 'for-each') as unknown as {
    problems: { code: string; what: string }[];
  }[];
  for (const [at, [name, , code, says]] of faults.entries()) {
    assert.equal(steps[at]?.problems[0]?.code, code, name);
    assert.match(steps[at]?.problems[0]?.what ?? '', says);
  }
});

test('send reads one page and says that it is not all; --pages reads on', async () => {
  const cwd = collectionOf({ 'requests/entries.yaml': next.replace(', most: 3', '') }, origin);
  const one = await echoTrail(['send', 'entries'], { cwd });
  assert.match(one.err, /20 of 95 items on 1 page; --pages all reads the rest/);
  const all = await echoTrail(['send', 'entries', '--pages', 'all', '--pick', '$[94].id'], { cwd });
  assert.equal(all.out, 'E-095\n');
  const two = document0(await echoTrail(['send', 'entries', '--pages', '2', '--json'], { cwd }));
  assert.deepEqual([two.body.length, two.pages.pages, two.pages.items, two.pages.total], [40, 2, 40, 95]);
  const none = collectionOf({ 'requests/entries.yaml': 'url: ${origin}/logbook/links\n' }, origin);
  const wrong = await echoTrail(['send', 'entries', '--pages', 'all'], { cwd: none });
  assert.equal(wrong.status, 2);
  assert.match(wrong.err, /does not say how its pages are asked for/);
});

const unusable: readonly (readonly [pages: string, says: RegExp])[] = [
  ['{items: $.items}', /needs one way to ask for the next page, and has none/],
  ['{items: $.items, next: $.next, number: {input: page}}', /has next and number/],
  ['{items: $.items, number: {input: page}}', /gives the next page to the input page, which the request does not have/],
  ['{items: items, next: $.next}', /items is not a place/],
  ['{next: $.next}', /pages\.items is missing/],
];
test('pages that cannot be asked for are told before anything is sent', async () => {
  const files = Object.fromEntries(
    unusable.map(([pages], at) => [`requests/r${at}.yaml`, `url: \${origin}/logbook/next\npages: ${pages}\n`]),
  );
  const { findings } = document(await echoTrail(['check', '--json'], { cwd: collectionOf(files) })) as {
    findings: { file: string; what: string }[];
  };
  for (const [at, [pages, says]] of unusable.entries()) {
    const own = findings.filter(({ file }) => file === `requests/r${at}.yaml`);
    assert.ok(
      own.some(({ what }) => says.test(what)),
      `${pages}: ${JSON.stringify(own)}`,
    );
  }
});

test('a next page on another host gets no credential', async () => {
  const heads: string[] = [];
  const other = await rawServer((head) => {
    heads.push(head);
    return responseOf('{"items": []}');
  });
  const elsewhere = other.origin.replace('127.0.0.1', 'localhost');
  const vendor = await rawServer(() => responseOf(`{"items": [1], "next": "${elsewhere}/2"}`));
  const cwd = collectionOf(
    {
      'sessions/key.yaml': 'kind: bearer\ntoken: ${secret.key}\n',
      'requests/entries.yaml': 'url: ${origin}/\nsession: key\npages: {items: $.items, next: $.next}\n',
    },
    vendor.origin,
  );
  const ended = await echoTrail(['send', 'entries', '--pages', 'all'], {
    cwd,
    env: { ECHO_TRAIL_SECRET_KEY: 'signal-lantern-90' },
  });
  assert.equal(ended.status, 0, ended.out + ended.err);
  assert.equal(heads.length, 1);
  assert.doesNotMatch(heads.join(''), /authorization/i);
  await Promise.all([other.close(), vendor.close()]);
});

test('of a request that knows of no pages, more is noticed, and the lines it lacks are told and hold', async () => {
  const bare = 'url: ${origin}/logbook/next\nexpect: {status: 200}\n';
  const cwd = collectionOf(
    {
      'requests/entries.yaml': bare,
      'trails/all.yaml': 'steps: [{send: entries, keep: {all: $.items}}]\n',
      'trails/one.yaml': 'steps: [{send: entries, keep: {first: "$.items[0].id"}}]\n',
    },
    origin,
  );
  const sent = document(await echoTrail(['send', 'entries', '--json'], { cwd })) as { furtherPages: { block: string } };
  const block = 'pages: {items: $.items, next: $.next, total: $.total}';
  assert.deepEqual(sent.furtherPages, { items: '$.items', count: 20, total: 95, block });
  const picked = await echoTrail(['send', 'entries', '--pick', '$.items[*].id'], { cwd });
  assert.ok(
    picked.err.includes(`showing 20 of 95 items at $.items; add ${block} to the request to read the rest`),
    picked.err,
  );
  const single = await echoTrail(['send', 'entries', '--pick', '$.items[0].id'], { cwd });
  assert.ok(!single.err.includes('of 95'), single.err);

  // Who keeps the list of one page takes it for everything; who keeps its first item does not.
  const [, , step] = documentLines(await echoTrail(['run', 'all', '--json'], { cwd }));
  assert.deepEqual(step?.furtherPages, sent.furtherPages);
  const text = await echoTrail(['run', 'all'], { cwd });
  assert.ok(text.out.includes(`showing 20 of 95 items at $.items; add ${block}`), text.out);
  const [, , first] = documentLines(await echoTrail(['run', 'one', '--json'], { cwd }));
  assert.equal(first?.event, 'step');
  assert.equal(first?.furtherPages, undefined);

  writeFileSync(join(cwd, 'requests/entries.yaml'), `${bare}${sent.furtherPages.block}\n`);
  const whole = document(await echoTrail(['send', 'entries', '--pages', 'all', '--json'], { cwd })) as {
    pages: PagesDocument;
    furtherPages?: unknown;
  };
  assert.deepEqual(whole.pages, { pages: 5, items: 95, total: 95, partial: null });
  assert.equal(whole.furtherPages, undefined);
});
