/** How a signature is made: each value in order, with what cannot be seen in a text made visible. */

import stringWidth from 'fast-string-width';
import { hidden } from '../../core/exchange/request/wire.js';
import type { Against, Difference } from '../../core/signature/against/compare.js';
import type { SigningStep } from '../../core/signature/signature-kind.js';
import { ownMember } from '../../core/value/own-member.js';
import { textOf } from '../../core/value/text.js';
import type { Colours, Terminal } from '../terminal/terminal.js';

/** What of a step is seen: its text, or undefined where nothing of it may be. */
export type StepEyes = (step: SigningStep) => string | undefined;

/** Characters that are not seen, or not told from others, each with its mark. */
const marks: Readonly<Record<string, string>> = {
  '\t': '⇥',
  '\r': '␍',
  '\u00a0': '⍽',
  '\u200b': '␣',
  '\ufeff': '‹BOM›',
};

/** A line of a text; its break is a mark at its end. Spaces are marked where they would not be seen. */
function visibleLine(line: string, last: boolean, colours: Colours): string {
  const text = line.replace(/ {2,}| +$|[^ ]/gu, (run) =>
    run.startsWith(' ') ? colours.yellow('·'.repeat(run.length)) : visibleCharacter(run, colours),
  );
  return `${text}${last ? '' : colours.dim('⏎')}`;
}

function visibleCharacter(character: string, colours: Colours): string {
  const mark = ownMember(marks, character);
  if (mark !== undefined) return colours.yellow(mark);
  const code = character.codePointAt(0) as number;
  // What is hidden stands between such marks.
  if ((code >= 0x20 && code < 0x7f) || character === '‹' || character === '›') return character;
  const number = colours.yellow(`‹U+${code.toString(16).toUpperCase().padStart(4, '0')}›`);
  return `${code > 0x9f ? character : ''}${number}`;
}

function stepLines(step: SigningStep, width: number, eyes: StepEyes, colours: Colours): string[] {
  const label = colours.cyan(step.name.padEnd(width));
  const text = eyes(step);
  if (text === undefined) return [`  ${label}  ${hidden}  ${colours.dim(sizeOf(step))}`];
  const lines = text.split('\n');
  if (lines.length === 1) {
    const empty = text === '' ? colours.dim('(empty)') : visibleLine(text, true, colours);
    const bytes = step.value instanceof Uint8Array ? `  ${colours.dim(`${step.value.length} bytes, as hex`)}` : '';
    return [`  ${label}  ${empty}${bytes}`];
  }
  const digits = String(lines.length).length;
  const list = Array.isArray(step.value);
  return [
    `  ${label}  ${colours.dim(list ? `${lines.length} items` : `${lines.length} lines, ${Buffer.byteLength(text)} bytes`)}`,
    ...lines.map((line, index) => {
      const last = list || index === lines.length - 1;
      const blank = line === '' ? colours.dim(last ? '(empty, the text ends with a line break)' : '(empty)') : '';
      return `    ${colours.dim(String(index + 1).padStart(digits))}  ${blank}${visibleLine(line, last, colours)}`;
    }),
  ];
}

/** Of a value that is not seen. */
function sizeOf({ value }: SigningStep): string {
  if (value instanceof Uint8Array) return `${value.length} bytes`;
  return `${[...textOf(value)].length} characters`;
}

const titles = { value: 'values', query: 'query', body: 'body', header: 'headers' } as const;

/** The values in order, then what is added to the request. */
export function signatureText(steps: readonly SigningStep[], eyes: StepEyes, { out }: Terminal): string {
  const width = Math.min(30, Math.max(...steps.map(({ name }) => name.length)));
  return (['value', 'query', 'body', 'header'] as const)
    .flatMap((part) => {
      const own = steps.filter((step) => step.part === part);
      if (own.length === 0) return [];
      const title = part === 'value' ? titles.value : `${titles[part]} that the signature adds`;
      return [[out.bold(title), ...own.flatMap((step) => stepLines(step, width, eyes, out))].join('\n')];
    })
    .join('\n\n');
}

/** What the vendor shows, beside ours: the place where they part under a mark. */
export function againstText(
  { name, same, cause, difference }: Against,
  hide: (text: string) => string,
  { out }: Terminal,
): string {
  if (same)
    return [
      `${out.green('same')}   ${name} is what the vendor shows, character for character`,
      `${out.dim('then'.padEnd(7))}if the vendor still refuses it, the key, the algorithm, or the encoding of the signature is left`,
    ].join('\n');
  if (!difference)
    return `${out.red('differs')}  ${name} is secret and is not shown; it is not what the vendor shows${cause === undefined ? '' : `; ${cause}`}`;
  return [
    `${out.red('differs')}  ${name} parts from what the vendor shows at line ${difference.line}, character ${difference.column}`,
    ...partingLines(difference, hide, out),
    ...(difference.cause === undefined ? [] : [`${out.dim('likely'.padEnd(7))}  ${hide(difference.cause)}`]),
    ...difference.further.slice(0, mostFurther).map(({ line, cause }) => {
      const said =
        cause === undefined ? ' differs too' : cause === difference.cause ? ': likewise' : `: ${hide(cause)}`;
      return `${out.dim('then'.padEnd(7))}  line ${line}${said}`;
    }),
    ...(difference.further.length > mostFurther ? [`${out.dim('then'.padEnd(7))}  further lines`] : []),
  ].join('\n');
}

/** So many lines behind the first that differs are told. */
const mostFurther = 5;

function partingLines(
  { ours = '', theirs = '', column, ourCharacter, theirCharacter }: Difference,
  hide: (text: string) => string,
  colours: Colours,
): string[] {
  const labelled = (word: string, text: string): string => `${colours.dim(word.padEnd(7))}  ${text}`;
  const shown = (line: string): string => (line === '' ? colours.dim('(empty)') : visibleLine(line, true, colours));
  // Where something in them is hidden, neither a piece of the lines nor the characters that differ may be shown.
  if (hide(ours) !== ours || hide(theirs) !== theirs)
    return [labelled('ours', shown(hide(ours))), labelled('theirs', shown(hide(theirs)))];
  // A long line is shown around the place where it parts.
  const from = Math.max(0, column - 1 - 50);
  const cut = (line: string): string => {
    const characters = [...line];
    const piece = characters.slice(from, from + 100).join('');
    return `${from > 0 ? '…' : ''}${shown(piece)}${characters.length > from + 100 ? '…' : ''}`;
  };
  const said = [`ours has ${ourCharacter ?? 'ended'}`, `theirs has ${theirCharacter ?? 'ended'}`].join(', ');
  // What is in front may be wider than it is long.
  const before = visibleLine([...ours].slice(from, column - 1).join(''), true, colours);
  const mark = ' '.repeat(stringWidth(before) + (from > 0 ? 1 : 0));
  return [
    labelled('ours', cut(ours)),
    labelled('theirs', cut(theirs)),
    `${' '.repeat(9)}${mark}${colours.yellow('^')} ${said}`,
  ];
}
