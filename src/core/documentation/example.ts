/** An example value made from fields, where the documentation gives none. */
import type { Value } from '../value/written.js';
import type { Field } from './model.js';

/** Read-only fields are left out where the value is one to send. */
export function exampleFrom(fields: readonly Field[], { toSend }: { toSend: boolean }): Value {
  return Object.fromEntries(
    fields
      .filter((field) => !(toSend ? field.readOnly : field.writeOnly))
      .map((field) => [field.name, exampleValue(field, toSend)]),
  );
}

export function exampleValue(field: Field, toSend = true): Value {
  if (field.example !== undefined) return field.example;
  if (field.default !== undefined) return field.default;
  const list = field.type.startsWith('array');
  const item =
    field.allowed?.[0] ??
    (field.fields ? exampleFrom(field.fields, { toSend }) : byType(field.type.replace(/^array of /, '')));
  return list ? [item] : item;
}

function byType(type: string): Value {
  if (type.startsWith('integer') || type.startsWith('number')) return 0;
  if (type.startsWith('boolean')) return false;
  if (type.startsWith('array')) return [];
  if (type.startsWith('object')) return {};
  if (type.includes('(date-time)')) return '2026-11-24T09:00:00Z';
  if (type.includes('(date)')) return '2026-11-24';
  return 'text';
}
