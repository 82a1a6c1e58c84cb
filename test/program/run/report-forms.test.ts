/** Reports in the forms that other programs read: written by a run, or later from disk, and read by programs that others wrote. */
import assert from 'node:assert/strict';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { DOMParser, type Element, onErrorStopParsing } from '@xmldom/xmldom';
import { parse } from 'csv-parse/sync';
import { fromMarkdown } from 'mdast-util-from-markdown';
import { gfmTableFromMarkdown } from 'mdast-util-gfm-table';
import { gfmTable } from 'micromark-extension-gfm-table';
import { parse as parseHtml } from 'parse5';
import { Parser } from 'tap-parser';
import { reportFormats } from '../../../src/core/report/formats/registry.js';
import type { RunRecord } from '../../../src/core/trail/record/run-record.js';
import { collectionOf, temporaryFolder } from '../../support/folder.js';
import { type Ended, echoTrail } from '../../support/program.js';
import { junitFaults } from '../../support/published-schemas.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const odd = 'two | words <b>&amp; a "quote" # \u0001 and \u{1f6a2}';
const server = await rawServer((head, socket) => {
  if (head.includes('/lost')) {
    socket.destroy();
    return undefined;
  }
  const code = /\/berths\/(\w+)/.exec(head)?.[1] ?? '';
  return responseOf(JSON.stringify({ code, note: odd }), { status: code === 'N2' ? '404 Not Found' : '200 OK' });
});

const files = {
  'requests/show.yaml':
    'inputs: {code: {}}\nurl: ${origin}/berths/{code}\nexpect: {status: 200, $.note: {starts-with: two}, $.code: {not: N3}}\n',
  'requests/lost.yaml': 'url: ${origin}/lost\n',
  'trails/berths.yaml':
    'rows: data/codes.csv\nsteps:\n  - send: show\n    name: "show # it"\n  - send: show\n    name: never\n    only-if: {code: none}\n',
  'data/codes.csv': 'code\nN1\nN2\nN3\n',
};

async function ran(...more: string[]): Promise<{ cwd: string; ended: Ended }> {
  const cwd = collectionOf(files, server.origin);
  return { cwd, ended: await echoTrail(['run', 'berths', 'lost', ...more], { cwd }) };
}

const { cwd, ended } = await ran(
  ...['junit.xml', 'run.tap', 'run.md', 'run.csv', 'run.json', 'run.html'].flatMap((file) => ['--report', file]),
);
const written = (file: string): string => readFileSync(join(cwd, file), 'utf8');

/** What a report is made of: three rows of two steps, and one call that is lost. */
const states = ['ok', 'skipped', 'failed', 'failed', 'failed'];

test('a run writes its reports, whatever it came to, and says so', () => {
  assert.equal(ended.status, 3, ended.err);
  for (const file of ['junit.xml', 'run.tap', 'run.md', 'run.csv', 'run.json', 'run.html'])
    assert.match(ended.err, new RegExp(`wrote ${file}`));
});

test('JUnit: suites with their counts, failures and errors apart, text that is safe in XML', () => {
  const root = new DOMParser({ onError: onErrorStopParsing }).parseFromString(written('junit.xml'), 'text/xml')
    .documentElement as Element;
  const named = (parent: Element, name: string): Element[] => [...parent.getElementsByTagName(name)];
  const counts = (one: Element): string[] =>
    ['tests', 'failures', 'errors', 'skipped'].map((name) => one.getAttribute(name) ?? '');
  assert.equal(root.tagName, 'testsuites');
  const suites = named(root, 'testsuite');
  assert.deepEqual(
    suites.map((one) => [one.getAttribute('name'), ...counts(one)]),
    [
      ['berths', '4', '2', '0', '1'],
      ['lost', '1', '0', '1', '0'],
    ],
  );
  for (const suite of suites) {
    // In this order, as the schema of the format wants it.
    const parts = [...suite.childNodes].filter(({ nodeType }) => nodeType === 1).map(({ nodeName }) => nodeName);
    assert.match(parts.join(' '), /^properties (?:testcase )+system-out system-err$/);
    assert.match(suite.getAttribute('timestamp') ?? '', /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d$/);
    assert.match(suite.getAttribute('time') ?? '', /^\d+\.\d{3}$/);
    assert.equal(named(suite, 'testcase').length, Number(suite.getAttribute('tests')));
  }
  const [missing, other] = named(root, 'failure');
  assert.match(missing?.getAttribute('message') ?? '', /^status: expected 200, found 404/);
  assert.match(other?.textContent ?? '', /\$\.code: expected not "?N3"?, found "?N3"?/);
  assert.match(named(root, 'error')[0]?.getAttribute('type') ?? '', /^connection-reset|response-cut-short$/);
  assert.equal(named(root, 'testcase')[0]?.getAttribute('name'), 'row 1 N1: show # it');
});

test('JUnit: the published schema is met', async () => {
  assert.deepEqual(await junitFaults(written('junit.xml')), []);
  assert.notDeepEqual(await junitFaults(written('junit.xml').replace(/ tests="4"/, '')), []);
});

test('TAP 14: read by another parser, each point and its plan', () => {
  const results = Parser.parse(written('run.tap'));
  const points = results.flatMap((one: unknown) =>
    Array.isArray(one) && one[0] === 'assert'
      ? [one[1] as { ok: boolean; name: string; skip?: unknown; diag?: { message: string } }]
      : [],
  );
  assert.deepEqual(
    points.map(({ ok, skip }) => (skip ? 'skipped' : ok ? 'ok' : 'failed')),
    states,
  );
  assert.equal(points[0]?.name, 'berths (sandbox): row 1 N1: show # it');
  assert.match(points[2]?.diag?.message ?? '', /status: expected 200, found 404/);
  const complete = results.find((one: unknown) => Array.isArray(one) && one[0] === 'complete') as unknown as [
    string,
    { count: number; fail: number; plan: { end: number } },
  ];
  assert.deepEqual([complete[1].count, complete[1].fail, complete[1].plan.end], [5, 3, 5]);
});

test('CSV and JSON have each step; a cell that a spreadsheet would calculate is text', async () => {
  const rows = parse(written('run.csv'), { columns: true }) as Record<string, string>[];
  assert.deepEqual(
    rows.map(({ state }) => state),
    states,
  );
  assert.deepEqual([rows[2]?.label, rows[2]?.status, rows[2]?.['expectations failed']], ['N2', '404', '1']);
  const events = written('run.json')
    .trim()
    .split('\n')
    .map((line) => (JSON.parse(line) as { event: string }).event);
  assert.equal(events.filter((event) => event === 'step').length, 5);
  const risky = collectionOf(
    {
      'requests/a.yaml': 'inputs: {code: {}}\nurl: ${origin}/berths/{code}\n',
      'trails/a.yaml': 'rows: [{code: "=1+1"}]\nsteps: [{send: a}]\n',
    },
    server.origin,
  );
  await echoTrail(['run', 'a'], { cwd: risky });
  assert.match((await echoTrail(['report', '--as', 'csv'], { cwd: risky })).out, /,'=1\+1,/);
});

test('Markdown: tables that stay tables, whatever stands in their cells', () => {
  const tree = fromMarkdown(written('run.md'), { extensions: [gfmTable()], mdastExtensions: [gfmTableFromMarkdown()] });
  const tables = tree.children.filter(({ type }) => type === 'table') as unknown as {
    children: { children: unknown[] }[];
  }[];
  assert.deepEqual(
    tables.map(({ children }) => children.map((row) => row.children.length)),
    [
      [6, 6, 6],
      [3, 3, 3, 3],
    ],
  );
  assert.match(written('run.md'), /^## Run \S+: failed/);
  assert.doesNotMatch(written('run.md'), /<b>/);
});

test('HTML: one file that fetches and runs nothing, in which what a vendor sent is text', () => {
  const page = written('run.html');
  const style = /<style>([\s\S]*?)<\/style>/.exec(page)?.[1] ?? '';
  const policy = /http-equiv="Content-Security-Policy" content="([^"]*)"/.exec(page)?.[1] ?? '';
  assert.equal(
    policy,
    `default-src 'none'; style-src 'sha256-${createHash('sha256').update(style).digest('base64')}'; base-uri 'none'; form-action 'none'`,
  );
  assert.doesNotMatch(style, /url\(|@import/);
  const errors: string[] = [];
  const tree = parseHtml(page, { onParseError: ({ code }) => errors.push(code) });
  assert.deepEqual(errors, []);
  const elements: { name: string; attrs: { name: string; value: string }[] }[] = [];
  const visit = (node: {
    nodeName: string;
    attrs?: { name: string; value: string }[];
    childNodes?: unknown[];
  }): void => {
    elements.push({ name: node.nodeName, attrs: node.attrs ?? [] });
    for (const one of node.childNodes ?? []) visit(one as never);
  };
  visit(tree as never);
  const names = new Set(elements.map(({ name }) => name));
  for (const name of ['script', 'link', 'img', 'iframe', 'object', 'form', 'b']) assert.ok(!names.has(name), name);
  for (const { name, value } of elements.flatMap(({ attrs }) => attrs)) {
    assert.doesNotMatch(name, /^(?:style|src|on.*)$/);
    if (name === 'href') assert.equal(value, '#failures');
  }
  // Whoever sees no figures and no colours is told the same.
  assert.equal(
    elements.filter(({ name }) => name === 'svg').every(({ attrs }) => attrs.some((one) => one.name === 'aria-label')),
    true,
  );
  assert.match(page, /<h1>berths, lost: <span class="bad">failed<\/span><\/h1>/);
  for (const failure of [/status: expected 200, found 404/, /\$\.code: expected/, /row 2 N2/])
    assert.match(page, failure);
  assert.equal(page.split('<details').length - 1 >= 3, true);
});

test('HTML of a run that failed ten thousand times: each is there, and the page is small', async () => {
  const records = async function* (): AsyncGenerator<RunRecord> {
    yield {
      event: 'run',
      version: 1,
      run: 'abcd',
      at: '2026-11-24T09:00:00.000Z',
      environment: 'quay',
      environments: ['quay'],
      names: ['t'],
      resumed: false,
      dryRun: false,
    };
    yield { event: 'walk', walk: 0, walked: 't', rows: 'data/r.csv', steps: ['a'] };
    for (let row = 1; row <= 10_000; row += 1)
      yield {
        event: 'step',
        walk: 0,
        step: 'a',
        kind: 'send',
        state: 'failed',
        depth: 0,
        row,
        label: `V-${row}`,
        member: null,
        method: 'GET',
        url: `https://api.larkhaven.example/a/${row}`,
        tries: 1,
        status: 500,
        time: row / 10,
        phases: { waiting: row / 10, total: row / 10 },
        expectations: { met: 0, failed: [{ place: 'status', ok: false, expected: '200', found: '500' }] },
        kept: [],
        problems: [{ code: 'expectation-failed', what: 'status: expected 200, found 500' }],
        echo: `abcd.${row}`,
      };
  };
  let page = '';
  for await (const piece of reportFormats.get('html')?.write(records) ?? []) page += piece;
  for (const row of [1, 5000, 10_000]) assert.ok(page.includes(`row ${row} V-${row}`), String(row));
  assert.ok(page.length < 5_000_000, String(page.length));
  const [, p50 = '', p95 = ''] = /p50 ([\d.]+) ms, p95 ([\d.]+) ms/.exec(page) ?? [];
  // Bands are two of a hundred wide.
  for (const [found, exact] of [
    [p50, 500],
    [p95, 950],
  ] as const)
    assert.ok(Math.abs(Number(found) - exact) / exact < 0.021, `${found} ${exact}`);
});

test('HTML: what a trail was given, where it could go, and when each exchange left; nothing secret', async () => {
  const folder = collectionOf(
    {
      'requests/show.yaml': 'inputs: {code: {}}\nurl: ${origin}/berths/{code}\nheaders: {X-Key: "${secret.light}"}\n',
      'trails/one.yaml':
        'inputs: {code: {default: N1}, password: {}, light: {default: "is ${secret.light}"}}\nsteps: [{send: show}, {send: show, give: {code: N4}}]\n',
    },
    server.origin,
  );
  const env = { ECHO_TRAIL_SECRET_LIGHT: 'lantern-room-77' };
  const made = await echoTrail(
    ['run', 'one', '--set', 'password=kelp-4471', '--report', 'a.html', '--report', 'a.json'],
    {
      cwd: folder,
      env,
    },
  );
  assert.equal(made.status, 0, made.err);
  const page = readFileSync(join(folder, 'a.html'), 'utf8');
  const part = page.slice(page.indexOf('Inputs and environment'));
  await echoTrail(['report', '--to', 'later.html'], { cwd: folder });
  assert.equal(readFileSync(join(folder, 'later.html'), 'utf8'), page);
  // What was given is sealed, so that a colleague's report of the same record is without it.
  const others = await echoTrail(['report', '--as', 'html'], {
    cwd: folder,
    env: { ECHO_TRAIL_HOME: temporaryFolder() },
  });
  assert.match(others.out, /environment sandbox/);
  assert.doesNotMatch(others.out, /code<\/td>/);
  assert.match(part, new RegExp(`environment sandbox: <code>${new URL(server.origin).host}</code>`));
  assert.match(part, /code<\/td><td><code>N1</);
  for (const name of ['password', 'light']) assert.match(part, new RegExp(`>${name}</td><td><code>[^<]*‹secret›`));
  for (const secret of [/kelp-4471/, /lantern-room/])
    assert.doesNotMatch(page + readFileSync(join(folder, 'a.json'), 'utf8'), secret);
  const steps = readFileSync(join(folder, 'a.json'), 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as { event: string; at?: string })
    .filter(({ event }) => event === 'step');
  assert.equal(steps.length, 2);
  for (const { at = '' } of steps) assert.match(at, /^\d{4}-\d\d-\d\dT[\d:.]+Z$/);
  assert.match(page, /<h3>Timeline<\/h3>/);
});

test('the same later from disk, to standard output or to a file', async () => {
  const later = await echoTrail(['report', '--as', 'junit'], { cwd });
  assert.equal(later.status, 0, later.err);
  assert.equal(later.out, written('junit.xml'));
  const filed = await echoTrail(['report', 'last', '--to', 'later.tap'], { cwd });
  assert.match(filed.err, /wrote later\.tap/);
  assert.equal(written('later.tap'), written('run.tap'));
});

for (const [args, wrong] of [
  [['run', 'berths', '--report', 'run.doc'], /unknown report format[\s\S]*\.xml for junit/],
  [['run', 'berths', '--report', 'no/run.xml'], /there is no folder .*no/],
  [['run', 'berths', '--report', 'folder'], /that is a folder/],
  [['run', 'berths', '--dry-run', '--report', 'a.xml'], /--dry-run keeps no record/],
  [['report', '--as', 'junti'], /unknown report format[\s\S]*did you mean junit/],
  [['report', '--as', 'junit', '--matrix'], /--matrix is for the report as text/],
  [['report', 'nothing', '--as', 'tap'], /nothing/],
] as const)
  test(`${args.join(' ')} is refused, and nothing is sent or written`, async () => {
    const folder = collectionOf(files, server.origin);
    mkdirSync(join(folder, 'folder'));
    const before = server.received.length;
    const refused = await echoTrail(args, { cwd: folder });
    assert.equal(refused.status, 2, refused.out);
    assert.match(refused.err, wrong);
    assert.equal(server.received.length, before);
    for (const file of ['run.doc', 'a.xml']) assert.equal(existsSync(join(folder, file)), false);
  });
