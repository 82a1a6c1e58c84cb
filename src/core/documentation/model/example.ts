/** An example value made from fields, where the documentation gives none. */
import { ownMember } from '../../value/own-member.js';
import { isValueMap, type Value } from '../../value/written.js';
import type { Field, Limits } from './model.js';

/** Read-only fields are left out where the value is one to send. */
export function exampleFrom(fields: readonly Field[], { toSend }: { toSend: boolean }): Value {
  return Object.fromEntries(
    fields
      .filter((field) => !(toSend ? field.readOnly : field.writeOnly))
      // What holds itself would go on for ever.
      .filter((field) => field.recursive === undefined || field.required)
      .map((field) => [field.name, exampleValue(field, toSend)]),
  );
}

/** What an example of the whole says of its fields, where they have none of their own. */
export function withExamples(fields: readonly Field[], example: Value | undefined): readonly Field[] {
  const one = Array.isArray(example) ? (example[0] as Value | undefined) : example;
  if (one === undefined || !isValueMap(one)) return fields;
  return fields.map((field) => {
    const value = Object.hasOwn(one, field.name) ? ownMember(one, field.name) : undefined;
    if (value === undefined) return field;
    if (field.fields) return { ...field, fields: withExamples(field.fields, value) };
    return field.example !== undefined || typeof value === 'object' ? field : { ...field, example: value };
  });
}

export function exampleValue(field: Field, toSend = true): Value {
  if (field.example !== undefined) return field.example;
  if (field.default !== undefined) return field.default;
  const list = field.type.startsWith('array');
  const item =
    field.allowed?.[0] ??
    (field.fields
      ? exampleFrom(field.fields, { toSend })
      : invented(field.type.replace(/^array of /, ''), field.limits ?? {}));
  return list ? [item] : item;
}

/** Within its limits, as far as one can tell without a pattern. */
function invented(type: string, limits: Limits): Value {
  if (type.startsWith('integer') || type.startsWith('number')) return numberWithin(limits);
  if (type.startsWith('boolean')) return false;
  if (type.startsWith('array')) return [];
  if (type.startsWith('object')) return {};
  if (type.includes('(date-time)')) return '2026-11-24T09:00:00Z';
  if (type.includes('(date)')) return '2026-11-24';
  const format = /^string \(([\w-]+)\)/.exec(type)?.[1];
  if (format !== undefined && format in formats) return ownMember(formats, format) as string;
  const { 'least-length': least = 0, 'most-length': most = Number.POSITIVE_INFINITY } = limits;
  return 'text'
    .repeat(Math.max(1, Math.min(least, 1000) / 4))
    .padEnd(Math.min(least, 1000), 'x')
    .slice(0, most);
}

const formats: Readonly<Record<string, string>> = {
  uri: 'https://harbour.example/',
  url: 'https://harbour.example/',
  email: 'desk@harbour.example',
  uuid: '00000000-0000-4000-8000-000000000000',
  time: '09:00:00Z',
};

function numberWithin(limits: Limits): number {
  const step = limits['multiple-of'] ?? 1;
  let value = Math.max(0, limits['at-least'] ?? 0, limits.over === undefined ? 0 : limits.over + step);
  const most = limits['at-most'] ?? (limits.under === undefined ? undefined : limits.under - step);
  if (most !== undefined && value > most) value = most;
  return value;
}
