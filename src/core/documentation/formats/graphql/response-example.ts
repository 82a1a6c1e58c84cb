/** A response to a drafted call, made from the types of the schema. */
import type { Value } from '../../../value/written.js';
import { type Budget, fullBudget } from '../../model/budget.js';
import type { Definitions } from '../../model/model.js';
import { bareName, type SchemaField, type SchemaType, typeOf } from './schema.js';
import { isAsked, levelsBelow, usualExtent } from './selection.js';

export function responseExample({ name, type }: SchemaField, definitions: Definitions): Value {
  return { data: { [name]: exampleOf(type, definitions, usualExtent(type, definitions).depth, [], fullBudget()) } };
}

function exampleOf(
  written: string,
  definitions: Definitions,
  depth: number,
  above: readonly string[],
  budget: Budget,
): Value {
  const type = typeOf(definitions, bareName(written));
  let value =
    type?.fields || type?.possible ? members(type, definitions, depth, above, budget) : leaf(type, bareName(written));
  for (const letter of written) if (letter === '[') value = [value];
  return value;
}

/** Of a union or an interface the first type that it may be. */
function members(
  type: SchemaType,
  definitions: Definitions,
  depth: number,
  above: readonly string[],
  budget: Budget,
): Value {
  const own = type.kind === 'object' ? type : (typeOf(definitions, type.possible?.[0] ?? '') ?? type);
  const inside = [...above, type.name, own.name];
  const found: Record<string, Value> = type.kind === 'object' ? {} : { __typename: own.name };
  for (const field of own.fields ?? []) {
    if (!isAsked(field)) continue;
    const inner = typeOf(definitions, bareName(field.type));
    const left = inner?.fields || inner?.possible ? levelsBelow(field, depth) : depth;
    budget.left -= 1;
    if (left >= 0 && budget.left > 0 && !(inner && inside.includes(inner.name)))
      found[field.name] = exampleOf(field.type, definitions, left, inside, budget);
  }
  return found;
}

/** Scalars of the vendor's own go by their names. */
function leaf(type: SchemaType | undefined, name: string): Value {
  if (type?.values) return type.values.find(({ deprecated }) => deprecated === undefined)?.name ?? null;
  if (name === 'Int' || name === 'Float') return 0;
  if (name === 'Boolean') return false;
  if (/time/i.test(name)) return '2026-11-24T09:00:00Z';
  return /date/i.test(name) ? '2026-11-24' : 'text';
}
