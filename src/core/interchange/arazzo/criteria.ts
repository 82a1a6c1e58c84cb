/** Expectations of a collection as conditions of Arazzo 1.0.1 (section 4.6.8). */
import { ownMember } from '../../value/own-member.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { runtimePlace } from './expressions.js';

export interface Criterion {
  readonly condition: string;
  readonly context?: string;
  readonly type?: 'jsonpath' | 'regex';
}

const operators: Readonly<Record<string, string>> = {
  equals: '==',
  over: '>',
  'at-least': '>=',
  under: '<',
  'at-most': '<=',
  not: '!=',
};

/**
 * What must be so at a place.
 * @param literal of a value, as a condition writes it; undefined where none can
 * @returns `complete` is false where no condition says some of it
 */
export function criteriaOf(
  place: string,
  wanted: Value,
  literal: (value: Value) => string | undefined,
): { readonly criteria: readonly Criterion[]; readonly complete: boolean } {
  if (place === 'status' && typeof wanted === 'string' && /^[1-5]xx$/.test(wanted)) {
    const from = Number(wanted[0]) * 100;
    const criteria = [{ condition: `$statusCode >= ${from}` }, { condition: `$statusCode < ${from + 100}` }];
    return { criteria, complete: true };
  }
  const matchers = isValueMap(wanted) ? Object.entries(wanted) : [['equals', wanted] as const];
  const all = matchers.map(([matcher, value]) => criterionOf(place, matcher, value as Value, literal));
  const criteria = all.filter((one) => one !== undefined);
  return { criteria, complete: criteria.length === all.length };
}

function criterionOf(
  place: string,
  matcher: string,
  value: Value,
  literal: (value: Value) => string | undefined,
): Criterion | undefined {
  if (matcher === 'exists' && value === true && place.startsWith('$'))
    return { context: '$response.body', condition: place, type: 'jsonpath' };
  const runtime = runtimePlace(place);
  if (runtime === undefined) return undefined;
  const operator = ownMember(operators, matcher);
  if (operator !== undefined) {
    const right = isValueMap(value) || Array.isArray(value) ? undefined : literal(value);
    return right === undefined ? undefined : { condition: `${runtime} ${operator} ${right}` };
  }
  if (matcher === 'matches') return { context: runtime, condition: String(value), type: 'regex' };
  if (matcher !== 'one-of' || !Array.isArray(value)) return undefined;
  const choices = (value as readonly Value[]).map((one) => literalOf(plain(one)));
  return choices.every((one) => one !== undefined)
    ? { condition: choices.map((one) => `${runtime} == ${one}`).join(' || ') }
    : undefined;
}

/** A literal of a condition; a runtime expression stands as it is. */
export function literalOf(value: unknown): string | undefined {
  if (typeof value === 'string')
    return /^\$(?:inputs|steps)\./.test(value) ? value : `'${value.replaceAll("'", "''")}'`;
  return value === null || typeof value === 'number' || typeof value === 'boolean' ? String(value) : undefined;
}
