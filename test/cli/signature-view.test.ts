/** What cannot be seen in a text is made visible, and told from what looks alike. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { openTerminal } from '../../src/cli/terminal/terminal.js';
import { againstText, signatureText } from '../../src/cli/view/signature.js';
import { differenceOf } from '../../src/core/signature/against/compare.js';

const terminal = openTerminal({ colour: false });
const shown = (value: string): string =>
  signatureText(
    [{ name: 'base', part: 'value', value, secret: false, shown: value }],
    ({ shown: text }) => text,
    terminal,
  );

test('spaces, tabs, line breaks and characters beyond ASCII have marks of their own', () => {
  for (const [value, line] of [
    ['a b', 'a b'],
    ['a  b', 'a··b'],
    ['a ', 'a·'],
    ['a\tb\r', 'a⇥b␍'],
    ['caf\u00e9', 'caf\u00e9‹U+00E9›'],
    ['a\u00b7b', 'a\u00b7‹U+00B7›b'],
    ['a\u00a0b\u200b', 'a⍽b␣'],
    ['', '(empty)'],
  ] as const)
    assert.equal(shown(value), `values\n  base  ${line}`, JSON.stringify(value));
  assert.match(
    shown('a\n\nb\n'),
    /4 lines, 5 bytes\n {4}1 {2}a⏎\n {4}2 {2}\(empty\)⏎\n {4}3 {2}b⏎\n {4}4 {2}\(empty, the text ends with a line break\)/,
  );
});

test('the mark stands below the character that differs, also behind wide marks and in a long line', () => {
  const caret = (ours: string, theirs: string): string[] =>
    againstText({ name: 'base', same: false, difference: differenceOf(ours, theirs) }, (text) => text, terminal)
      .split('\n')
      .slice(1, 4);
  const [own = '', , mark = ''] = caret('caf\u00e9 x', 'caf\u00e9 y');
  assert.equal(mark.indexOf('^'), own.indexOf('x'));
  const long = caret(`${'a'.repeat(200)}x${'b'.repeat(100)}`, `${'a'.repeat(200)}y${'b'.repeat(100)}`);
  assert.equal(long[2]?.indexOf('^'), long[0]?.indexOf('x'));
  assert.match(long[0] ?? '', /…a{50}xb{49}…$/);
});

test('further lines that differ are told with their cause, a few of them', () => {
  const told = (ours: string, theirs: string): string[] =>
    againstText({ name: 'base', same: false, difference: differenceOf(ours, theirs) }, (text) => text, terminal)
      .split('\n')
      .slice(4);
  assert.deepEqual(told('a:1\nb:2\n/c\nd', 'a: 1\nb: 2\n/c/\ne'), [
    'likely   theirs has a space behind the colon: header-lines(": "), the whole line in single quotes, writes one',
    'then     line 2: likewise',
    'then     line 3: a slash at the end of the path',
    'then     line 4 differs too',
  ]);
  const many = Array.from({ length: 9 }, (_, index) => `${index}`).join('\n');
  assert.deepEqual(told(many, many.replaceAll(/\d/g, 'x')).slice(-2), [
    'then     line 6 differs too',
    'then     further lines',
  ]);
});
