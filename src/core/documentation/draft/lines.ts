/** Lines of a drafted file, active or as comments, and the YAML of what stands in them. */

import { stringify } from 'yaml';
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import { exampleValue } from '../model/example.js';
import { limitsText } from '../model/limits-text.js';
import type { Field } from '../model/model.js';

/** A line of the file; an inactive one is a comment. */
export interface Line {
  readonly active: boolean;
  readonly text: string;
}

/** The lines of a call before and behind its session. */
export interface CallLines {
  readonly address: readonly Line[][];
  readonly body: readonly Line[][];
}

export const active = (text: string): Line => ({ active: true, text });

export const commented = (text: string): string => text.replace(/^(\s*)/, '$1# ');

/** A key with lines below it; where none of them is active, the key is a comment too. */
export function block(name: string, lines: readonly Line[]): Line[] {
  if (lines.length === 0) return [];
  return [
    { active: lines.some((line) => line.active), text: `${name}:` },
    ...lines.map((line) => ({ ...line, text: `  ${line.text}` })),
  ];
}

export const reference = (name: string): string => `\${${name}}`;

export const oneLine = (text: string): string => (text.split(/\n/)[0] ?? '').trim();

export const key = (name: string): string => scalar(name);

/** A text as YAML, quoted where it has to be. */
export function scalar(text: string): string {
  return stringify(text, { lineWidth: 0, defaultStringType: 'PLAIN' }).trimEnd();
}

export function flow(value: Value): string {
  if (typeof value === 'string') return scalar(value);
  return stringify(value, { collectionStyle: 'flow', lineWidth: 0, flowCollectionPadding: false }).trimEnd();
}

/** `integer, 1 to 14, default 1: nights at the berth`, as a comment behind a value. */
export function remark(field: Field): string {
  const facts = [
    field.type,
    limitsText(field),
    field.default !== undefined && `default ${textOf(field.default) || '""'}`,
  ]
    .filter(Boolean)
    .join(', ');
  const about = field.description === undefined ? '' : `: ${oneLine(field.description)}`;
  return `   # ${facts}${about}${field.deprecated ? ' (deprecated)' : ''}`;
}

export function sample(field: Field): Value {
  if (field.example !== undefined) return field.example;
  if (field.default !== undefined) return field.default;
  if (field.fields || /^(?:array of )?object/.test(field.type)) return exampleValue(field);
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
