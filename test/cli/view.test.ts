/** What is printed: harmless, laid out, and in the right words. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { exitStatus } from '../../src/cli/exit-status.js';
import { makeColours, withOwnColours } from '../../src/cli/terminal/colours.js';
import type { Terminal } from '../../src/cli/terminal/terminal.js';
import { colouredJson } from '../../src/cli/view/json.js';
import { printable, printableLine } from '../../src/cli/view/printable.js';
import { problemDocument, problemLines } from '../../src/cli/view/problem.js';
import { table } from '../../src/cli/view/table.js';
import { colouredXml } from '../../src/cli/view/xml.js';
import { problemCodes } from '../../src/core/problem/codes.js';
import { Problem } from '../../src/core/problem/problem.js';

const plain = makeColours(false);
const terminal = { width: 60, out: plain, err: plain } as Terminal;

const texts: readonly (readonly [given: string, shown: string])[] = [
  ['plain\ttext\n', 'plain\ttext\n'],
  ['a\r\nb', 'a\nb'],
  ['\u001b[2J', '\\u001b[2J'],
  ['\u009b31m', '\\u009b31m'],
  ['\u0007\u0000', '\\u0007\\u0000'],
  ['abc\u202egnp.exe', 'abc\\u202egnp.exe'],
  ['grüße 🚢', 'grüße 🚢'],
];
for (const [given, shown] of texts)
  test(`${JSON.stringify(given)} is shown as ${JSON.stringify(shown)}`, () => assert.equal(printable(given), shown));

test('on one line, line breaks are shown too', () => assert.equal(printableLine('a\nb\tc'), 'a\\nb c'));

test('a table has columns in line, leaves out empty ones, and wraps between words where it can', () => {
  assert.equal(
    table(
      [
        ['a', '', 'one'],
        ['bbb', '', 'two'],
      ],
      terminal,
      { head: ['x', 'y', 'z'] },
    ),
    'x    z\na    one\nbbb  two',
  );
  const wrapped = table(
    [['name', 'a description that is much longer than the sixty columns of this terminal']],
    terminal,
  );
  for (const line of wrapped.split('\n')) assert.ok(line.length <= 60, line);
  assert.match(wrapped, /^name {2}a description that/);
  assert.doesNotMatch(wrapped, /\bterm$/m);
  const address = table([['GET', `http://harbour.example/${'x'.repeat(90)}`]], terminal);
  assert.equal(address.replace(/\s/g, ''), `GEThttp://harbour.example/${'x'.repeat(90)}`);
});

test('JSON is laid out, and coloured by what a thing is', () => {
  const value = { a: 'x "y": 1', n: -1.5, t: true, list: [null] };
  assert.equal(colouredJson(value, plain), JSON.stringify(value, null, 2));
  const coloured = withOwnColours(colouredJson(value, makeColours(true)), String);
  assert.ok(coloured.includes('\u001b[36m"a"\u001b[39m: \u001b[32m"x \\"y\\": 1"\u001b[39m'), coloured);
  assert.ok(coloured.includes('\u001b[33m-1.5\u001b[39m') && coloured.includes('\u001b[35mnull\u001b[39m'));
});

const bill = { port: 'Larkhaven', calls: [{ id: 'PC-1' }, { id: 'PC-2' }], fees: {}, note: 'a { b [', one: { x: [] } };
const folds: readonly (readonly [levels: number, text: string])[] = [
  [
    1,
    '{\n  "port": "Larkhaven",\n  "calls": [ 2 items ],\n  "fees": {},\n  "note": "a { b [",\n  "one": { 1 member }\n}',
  ],
  [
    2,
    '{\n  "port": "Larkhaven",\n  "calls": [\n    { 1 member },\n    { 1 member }\n  ],\n  "fees": {},\n  "note": "a { b [",\n  "one": {\n    "x": []\n  }\n}',
  ],
  [9, JSON.stringify(bill, null, 2)],
];
test('JSON is folded below so many levels', () => {
  for (const [levels, text] of folds) assert.equal(colouredJson(bill, plain, undefined, levels), text);
});

const log =
  '<?xml version="1.0"?><log\n   total="2"><!-- <all> --><entry id="a"><berth>N1</berth>\n</entry><entry id="b"/><w:note>x\ny</w:note></log>';
const laidOut = [
  '<?xml version="1.0"?>',
  '<log total="2">',
  '  <!-- <all> -->',
  '  <entry id="a">',
  '    <berth>N1</berth>',
  '  </entry>',
  '  <entry id="b"/>',
  '  <w:note>x\ny</w:note>',
  '</log>',
];
test('XML is laid out an element a line, folded below so many levels, and coloured by what a thing is', () => {
  assert.equal(colouredXml(log.replaceAll('>\n<', '><'), plain), laidOut.join('\n'));
  assert.equal(
    colouredXml(log, plain, 1),
    [...laidOut.slice(0, 3), '  <entry id="a"> 1 element </entry>', ...laidOut.slice(6)].join('\n'),
  );
  // What the vendor has laid out stays so, and what is no such text stays whole.
  const own = '<log>\n      <entry/>\n</log>';
  assert.equal(colouredXml(own, plain), own);
  assert.equal(colouredXml('<log><entry>', plain, 1), '<log>\n  <entry>');
  const colours = makeColours(true);
  assert.equal(
    colouredXml('<a:log x="1">N<b/></a:log>', colours, 3),
    `<${colours.cyan('a:log')} x=${colours.green('"1"')}>N<${colours.cyan('b')}/></${colours.cyan('a:log')}>`,
  );
});

test('XML that holds text beside elements, or > in a value, keeps its lines and its depth', () => {
  const of = (xml: string): string => colouredXml(xml, plain);
  assert.equal(of('<d><p><b>two</b> three</p><q/></d>'), '<d>\n  <p><b>two</b> three</p>\n  <q/>\n</d>');
  assert.equal(of('<d><a b="x> <y"><c> </c></a></d>'), '<d>\n  <a b="x> <y">\n    <c> </c>\n  </a>\n</d>');
  assert.equal(of('<d><a>1</a></b></d><e>'), '<d>\n  <a>1</a>\n</b>\n</d>\n<e>');
  const levels = 100_000;
  assert.ok(of(`${'<a>'.repeat(levels)}<b/>${'</a>'.repeat(levels)}`).includes('<b/>'));
});

test('an error says what, where, why and what to do, and hides what it must', () => {
  const problem = new Problem('unknown-name', {
    what: 'the name x tide-secret',
    where: { file: 'a.yaml', line: 3, column: 7 },
    cause: 'searched',
    remedy: 'did you mean y?',
    excerpt: 'q: ${x}\n   ^',
  });
  const text = problemLines(problem, plain, (line) => line.replace('tide-secret', '‹secret›'));
  assert.equal(
    text,
    'error  the name x ‹secret›\nat     a.yaml:3:7\n       | q: ${x}\n       |    ^\ncause  searched\ntry    did you mean y?',
  );
  assert.deepEqual(problemDocument(problem, String), {
    error: {
      code: 'unknown-name',
      family: 'wrong-input',
      what: 'the name x tide-secret',
      where: { file: 'a.yaml', line: 3, column: 7 },
      cause: 'searched',
      remedy: 'did you mean y?',
      data: {},
    },
  });
});

test('facts for programs hide what must be hidden, however deep it lies', () => {
  const place = '$[?@.mark == "tide-secret"].id';
  const problem = new Problem('keep-missing', {
    what: 'x is not kept',
    where: { file: 'requests/tide-secret.yaml', line: 3 },
    data: { place, fitting: [place, 7], of: { 'tide-secret': place } },
  });
  const document = JSON.stringify(problemDocument(problem, (text) => text.replaceAll('tide-secret', '‹secret›')));
  assert.doesNotMatch(document, /tide-secret/);
  assert.equal(document.match(/‹secret›/g)?.length, 5);
});

test('every code has an exit status, by the table of the manual', () => {
  const status = (code: keyof typeof problemCodes): number => exitStatus(new Problem(code, { what: '' }));
  assert.deepEqual(
    [
      status('interrupted'),
      status('usage'),
      status('change-refused'),
      status('secret-missing'),
      status('connection-refused'),
      status('step-failed'),
    ],
    [130, 2, 4, 4, 3, 1],
  );
  for (const code of Object.keys(problemCodes) as (keyof typeof problemCodes)[]) assert.ok(status(code) > 0, code);
  assert.equal(exitStatus(undefined), 0);
});

test('sections and comments of XML stay as they are, and a prolog is no layout', () => {
  const xml = '<?xml version="1.0"?>\n<a><b><![CDATA[ <c> ]] <d>\n ]]></b><!-- <e> --><f/></a>';
  assert.equal(
    colouredXml(xml, plain),
    '<?xml version="1.0"?>\n<a>\n  <b><![CDATA[ <c> ]] <d>\n ]]></b>\n  <!-- <e> -->\n  <f/>\n</a>',
  );
  assert.equal(colouredXml('<a><b x="1"></b><c> </c></a>', plain), '<a>\n  <b x="1"></b>\n  <c> </c>\n</a>');
  const own = '<?xml version="1.0"?>\n<a>\n   <b/>\n</a>';
  assert.equal(colouredXml(own, plain), own);
});
