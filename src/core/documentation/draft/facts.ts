/** What a draft says of a field: its type, its limits, what it is about, and a sample of its values. */
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import { exampleValue } from '../model/example.js';
import { limitsText } from '../model/limits-text.js';
import type { Field } from '../model/model.js';

/** The first line of a text. */
export const oneLine = (text: string): string => (text.trim().split(/[\n\r]/)[0] ?? '').trim();

/** `integer, 1 to 14, default 1: nights at the berth`, as a comment. */
export function remark(field: Field): string {
  const facts = [
    field.type,
    limitsText(field),
    field.default !== undefined && `default ${textOf(field.default) || '""'}`,
  ]
    .filter(Boolean)
    .join(', ');
  const about = field.description === undefined ? '' : `: ${oneLine(field.description)}`;
  return `${facts}${about}${field.deprecated ? ' (deprecated)' : ''}`;
}

export function sample(field: Field): Value {
  if (field.example !== undefined) return field.example;
  if (field.default !== undefined) return field.default;
  if (field.fields || /^(?:array of )?object|\(/.test(field.type)) return exampleValue(field);
  const item =
    field.allowed?.[0] ?? { integer: 1, number: 1, boolean: true }[plainType(itemType(field.type))] ?? 'text';
  return isList(field.type) ? [item] : item;
}

export const isList = (type: string): boolean => type.startsWith('array') || type.startsWith('[');

const graphqlTypes: Readonly<Record<string, string>> = { Int: 'integer', Float: 'number', Boolean: 'boolean' };

/** One of the types that an input may have. */
export function plainType(type: string): string {
  if (isList(type)) return 'array';
  const named = ownMember(graphqlTypes, type.replace(/!$/, ''));
  if (named !== undefined) return named;
  const word = /^[a-z]+/.exec(type)?.[0] ?? 'string';
  return ['string', 'number', 'integer', 'boolean', 'array', 'object'].includes(word) ? word : 'string';
}

/** The type of the items of a list, else the type itself. */
const itemType = (type: string): string => type.replace(/^array of /, '').replace(/^\[(.*)\]!?$/, '$1');
