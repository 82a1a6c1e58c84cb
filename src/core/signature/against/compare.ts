/** Comparing a value of a signature with the one that the vendor shows: where they part, and the likely cause. */

import { distance } from 'fastest-levenshtein';
import { action } from '../../problem/actions.js';
import { ownMember } from '../../value/own-member.js';
import type { SigningStep } from '../signature-kind.js';
import type { Cause } from './cause.js';
import { otherEncoding, sameBytes } from './encodings.js';
import { causesOfAll, causesOfOneLine } from './registry.js';

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
  /** Lines behind it that part too, as long as the texts have as many lines; not where one cause explains them all. */
  readonly further: readonly FurtherLine[];
}

export interface FurtherLine {
  /** From 1. */
  readonly line: number;
  readonly cause: string | undefined;
}

export interface Against {
  /** The value that theirs was compared with. */
  readonly name: string;
  readonly same: boolean;
  /** Of a secret value, which is not shown: what else is known. */
  readonly cause?: string | undefined;
  /** Not where the value is secret: then it is only said whether they are the same. */
  readonly difference: Difference | undefined;
}

/**
 * @param steps of our signature
 * @param name of the value that is meant; the most alike by default
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
  // What looks like a digest is held against digests, whatever other value has more letters in common with it.
  const alike = texts.filter(({ text }) => shapeOf(text) === shapeOf(theirs));
  const candidates = alike.length > 0 ? alike : visible.length > 0 ? visible : texts;
  const likest = candidates
    .map((one) => ({ ...one, apart: sameBytes(one.text, theirs) ? -1 : apart(one.text, theirs) }))
    .sort((a, b) => a.apart - b.apart)[0];
  if (!likest) return undefined;
  const cause = likest.step.secret ? otherEncoding(likest.text, theirs) : undefined;
  return {
    name: likest.step.name,
    same: false,
    ...(cause !== undefined && { cause }),
    difference: likest.step.secret ? undefined : hinted(differenceOf(likest.text, theirs), likest.apart, visible),
  };
}

type Shape = 'digest' | 'lines' | 'text';

function shapeOf(text: string): Shape {
  if (text.includes('\n')) return 'lines';
  return /^(?:[0-9a-f]{32,}|[A-Za-z0-9+/_-]{22,}={0,2})$/i.test(text) ? 'digest' : 'text';
}

/** Beyond this two texts have hardly more in common than any two have. */
const unlike = 0.7;

function hinted(
  difference: Difference,
  apart: number,
  candidates: readonly { readonly step: SigningStep }[],
): Difference {
  if (difference.cause !== undefined || apart < unlike || candidates.length < 2) return difference;
  const names = candidates.map(({ step }) => step.name).join(', ');
  return { ...difference, cause: `nothing here looks like theirs; ${action().nameValue()}: ${names}` };
}

/** From 0 to 1. Theirs may be the beginning of a long text, which counts a little less than the whole of a short one. */
function apart(ours: string, theirs: string): number {
  const whole = distance(ours, theirs) / Math.max(ours.length, theirs.length, 1);
  if (theirs.length >= ours.length || theirs.length < 8) return whole;
  return Math.min(whole, 0.1 + distance(ours.slice(0, theirs.length), theirs) / theirs.length);
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
  const [ourLines, theirLines] = [ours.split('\n'), theirs.split('\n')];
  const [ourLine, theirLine] = [ourLines[line - 1], theirLines[line - 1]];
  const ofAll = explained(causesOfAll, ours, theirs);
  return {
    line,
    column: [...(before.split('\n').at(-1) ?? '')].length + 1,
    ours: ourLine,
    theirs: theirLine,
    ourCharacter: named(own[at]),
    theirCharacter: named(other[at]),
    cause: ofAll ?? lineCause(ourLine, theirLine),
    further: ofAll === undefined ? furtherLines(ourLines, theirLines, line) : [],
  };
}

const explained = (among: readonly Cause[], ours: string, theirs: string): string | undefined =>
  among.map((one) => one.explain(ours, theirs)).find((one) => one !== undefined);

/** Who made several mistakes has no one cause for the whole, but one for each line. */
const lineCause = (ours: string | undefined, theirs: string | undefined): string | undefined =>
  ours === undefined || theirs === undefined ? undefined : explained(causesOfOneLine, ours, theirs);

/** So many are looked into: a body may have thousands. */
const mostFurther = 100;

function furtherLines(ours: readonly string[], theirs: readonly string[], first: number): FurtherLine[] {
  if (ours.length !== theirs.length) return [];
  const found: FurtherLine[] = [];
  for (let index = first; index < ours.length && found.length < mostFurther; index += 1)
    if (ours[index] !== theirs[index]) found.push({ line: index + 1, cause: lineCause(ours[index], theirs[index]) });
  return found;
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
  return `${ownMember(names, character) ?? JSON.stringify(character)} (${code})`;
}

/** A message inside JSON, or a line of a shell, has its line breaks written out. */
export function unescaped(theirs: string, ours: readonly string[]): string {
  const breaks = ours.some((text) => text.includes('\n'));
  return breaks && !theirs.includes('\n') && theirs.includes('\\n')
    ? theirs.replaceAll('\\r', '\r').replaceAll('\\n', '\n').replaceAll('\\t', '\t')
    : theirs;
}
