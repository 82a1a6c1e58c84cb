/** Searching the register by clauses: `flag is 'Merrow Isles' and lengthM above 80`. */
import { AccessDenied } from '../problem.js';
import type { Vessel } from './state.js';

export const searchFields = ['name', 'flag', 'kind', 'lengthM', 'draftM'] as const;

export const searchOperators = {
  is: 'the same',
  isnt: 'not the same',
  above: 'a larger number',
  below: 'a smaller number',
  has: 'a part of the text, in any case',
} as const;

type Field = (typeof searchFields)[number];
type Operator = keyof typeof searchOperators;

interface Clause {
  readonly field: Field;
  readonly operator: Operator;
  readonly value: string | number;
}

/** @throws Refusal 400: what cannot be read, and where */
export function clausesOf(text: string): readonly Clause[] {
  const tokens = [...text.matchAll(/\s*(?:('(?:[^']|'')*')|([^\s']+)|('))/g)].map((found) => ({
    text: found[1] ?? found[2] ?? (found[3] as string),
    at: found.index,
  }));
  const clauses: Clause[] = [];
  let next = 0;
  const take = (what: string): string => {
    const token = tokens[next];
    if (!token) throw refused(`${what} is missing at the end`);
    next += 1;
    if (token.text === "'") throw refused(`the quote at ${token.at} is never closed`);
    return token.text;
  };
  do {
    const field = take('a field');
    if (!(searchFields as readonly string[]).includes(field)) throw refused(`${field} is no field of the register`);
    const operator = take('an operator');
    if (!Object.hasOwn(searchOperators, operator)) throw refused(`${operator} is no operator`);
    const given = take('a value');
    const quoted = given.startsWith("'");
    if (!quoted && !/^\d+(?:\.\d+)?$/.test(given)) throw refused(`the value ${given} wants single quotes`);
    clauses.push({
      field: field as Field,
      operator: operator as Operator,
      value: quoted ? given.slice(1, -1).replaceAll("''", "'") : Number(given),
    });
    if (next < tokens.length && take('and') !== 'and') throw refused('clauses are joined by and');
  } while (next < tokens.length);
  return clauses;
}

const refused = (detail: string): AccessDenied =>
  new AccessDenied(400, 'bad-clause', 'The search cannot be read', detail, {
    errors: [{ parameter: 'where', detail }],
  });

export function fitsClauses(vessel: Vessel, clauses: readonly Clause[]): boolean {
  return clauses.every(({ field, operator, value }) => {
    const own = vessel[field];
    switch (operator) {
      case 'is':
        return String(own) === String(value);
      case 'isnt':
        return String(own) !== String(value);
      case 'above':
        return Number(own) > Number(value);
      case 'below':
        return Number(own) < Number(value);
      default:
        return String(own).toLowerCase().includes(String(value).toLowerCase());
    }
  });
}
