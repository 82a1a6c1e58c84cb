/** Simple conditions of Arazzo 1.0.1 (section 4.6.8.1) as expectations of a collection. */
import { ownMember } from '../../value/own-member.js';
import { placeOf } from './expressions.js';

export interface ReadCondition {
  readonly place: string;
  readonly matchers: Readonly<Record<string, unknown>>;
}

const operators: Readonly<Record<string, string>> = {
  '==': 'equals',
  '!=': 'not',
  '>': 'over',
  '>=': 'at-least',
  '<': 'under',
  '<=': 'at-most',
};

const comparison =
  /^\s*(\$[^\s=!<>]+)\s*(==|!=|>=|<=|>|<)\s*('(?:[^']|'')*'|"[^"]*"|-?\d+(?:\.\d+)?|true|false|null|\$[\w.-]+)\s*$/;

/**
 * @param value what a runtime expression of the right side is here
 * @returns undefined where it is not understood
 */
export function readCondition(
  text: string,
  value: (runtime: string) => string | undefined,
): readonly ReadCondition[] | undefined {
  const all: ReadCondition[] = [];
  for (const part of outside(text, '&&')) {
    const read = readChoice(part, value);
    if (!read) return undefined;
    all.push(read);
  }
  return all;
}

/** `a == 1 || a == 2` of one place. */
function readChoice(text: string, value: (runtime: string) => string | undefined): ReadCondition | undefined {
  const parts = outside(text.trim().replace(/^\((.*)\)$/s, '$1'), '||').map((one) => readOne(one, value));
  const [first, ...others] = parts;
  if (!first || others.length === 0) return first;
  const wanted = parts.map((one) => (one?.place === first.place ? one.matchers.equals : undefined));
  return wanted.some((one) => one === undefined) ? undefined : { place: first.place, matchers: { 'one-of': wanted } };
}

function readOne(text: string, value: (runtime: string) => string | undefined): ReadCondition | undefined {
  const [, left = '', operator = '', right = ''] = comparison.exec(text) ?? [];
  const place = placeOf(left);
  const matcher = ownMember(operators, operator);
  if (place === undefined || matcher === undefined) return undefined;
  const literal = right.startsWith('$') ? value(right) : literalIn(right);
  return literal === undefined ? undefined : { place, matchers: { [matcher]: literal } };
}

function literalIn(text: string): unknown {
  if (text.startsWith("'"))
    return text
      .slice(1, -1)
      .replaceAll("''", "'")
      .replaceAll('${', () => '$${');
  if (text.startsWith('"')) return text.slice(1, -1).replaceAll('${', () => '$${');
  return JSON.parse(text) as unknown;
}

/** Apart at a sign that is in no text. */
function outside(text: string, sign: string): string[] {
  const parts: string[] = [''];
  for (const [piece] of text.matchAll(/'(?:[^']|'')*'|"[^"]*"|&&|\|\||[\s\S]/g)) {
    if (piece === sign) parts.push('');
    else parts[parts.length - 1] += piece;
  }
  return parts;
}
