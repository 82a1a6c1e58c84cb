/** Comparing a value of a signature with the one that the vendor shows: where they part, and the likely cause. */
import { distance } from 'fastest-levenshtein';
import type { SigningStep } from '../signature-kind.js';
import { causes } from './registry.js';

export interface Difference {
  /** From 1. */
  readonly line: number;
  /** In characters, from 1. */
  readonly column: number;
  /** The lines that part; undefined where one text has ended. */
  readonly ours: string | undefined;
  readonly theirs: string | undefined;
  /** The characters that part, as `"a" (U+0061)`; undefined where the text has ended. */
  readonly ourCharacter: string | undefined;
  readonly theirCharacter: string | undefined;
  readonly cause: string | undefined;
}

export interface Against {
  /** The value that theirs was compared with. */
  readonly name: string;
  readonly same: boolean;
  /** Not where the value is secret: then it is only said whether they are the same. */
  readonly difference: Difference | undefined;
}

/**
 * @param steps of our signature
 * @param name of the value that is meant; the most alike where nothing is said
 */
export function compareAgainst(steps: readonly SigningStep[], theirs: string, name?: string): Against | undefined {
  const texts = steps.flatMap((step) => {
    if (name !== undefined && step.name !== name) return [];
    const text = step.value instanceof Uint8Array ? undefined : stepText(step);
    return text === undefined || (name === undefined && text === '') ? [] : [{ step, text }];
  });
  const same = texts.find(({ text }) => text === theirs);
  if (same) return { name: same.step.name, same: true, difference: undefined };
  const visible = texts.filter(({ step }) => !step.secret);
  const candidates = visible.length > 0 ? visible : texts;
  const likest = candidates
    .map((one) => ({ ...one, apart: distance(one.text, theirs) / Math.max(one.text.length, theirs.length) }))
    .sort((a, b) => a.apart - b.apart)[0];
  if (!likest) return undefined;
  return {
    name: likest.step.name,
    same: false,
    difference: likest.step.secret ? undefined : differenceOf(likest.text, theirs),
  };
}

function stepText({ value }: SigningStep): string | undefined {
  return typeof value === 'string' ? value : undefined;
}

export function differenceOf(ours: string, theirs: string): Difference {
  const [own, other] = [[...ours], [...theirs]];
  let at = 0;
  while (at < own.length && own[at] === other[at]) at += 1;
  const before = own.slice(0, at).join('');
  const line = before.split('\n').length;
  const cause = causes.map((one) => one.explain(ours, theirs)).find((one) => one !== undefined);
  return {
    line,
    column: [...(before.split('\n').at(-1) ?? '')].length + 1,
    ours: ours.split('\n')[line - 1],
    theirs: theirs.split('\n')[line - 1],
    ourCharacter: named(own[at]),
    theirCharacter: named(other[at]),
    cause,
  };
}

const names: Readonly<Record<string, string>> = {
  '\n': 'line feed',
  '\r': 'carriage return',
  '\t': 'tab',
  ' ': 'space',
  '\u00a0': 'space that does not break',
  '\ufeff': 'byte order mark',
};

function named(character: string | undefined): string | undefined {
  if (character === undefined) return undefined;
  const code = `U+${(character.codePointAt(0) as number).toString(16).toUpperCase().padStart(4, '0')}`;
  return `${names[character] ?? JSON.stringify(character)} (${code})`;
}

/** A message inside JSON, or a line of a shell, has its line breaks written out. */
export function unescaped(theirs: string, ours: readonly string[]): string {
  const breaks = ours.some((text) => text.includes('\n'));
  return breaks && !theirs.includes('\n') && theirs.includes('\\n')
    ? theirs.replaceAll('\\r', '\r').replaceAll('\\n', '\n').replaceAll('\\t', '\t')
    : theirs;
}
