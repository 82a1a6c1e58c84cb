/** Holding values against what is documented for them: where a value differs, what is there, what is documented. */

import { nearest } from '../../problem/nearest.js';
import { pathBelow } from '../../value/json-path-text.js';
import { ownMember } from '../../value/own-member.js';
import { typeOf } from '../../value/written.js';
import { clauseFault } from '../model/filter-clause.js';
import type { ClauseTerms, Field, Limits } from '../model/model.js';

export interface Mismatch {
  /** `$.fees[0].amount`, `query quay`. */
  readonly at: string;
  readonly what: string;
  /** Keys and indexes from the root of the value. */
  readonly path: readonly (string | number)[];
}

export interface MismatchSettings {
  /** A value that is not known yet, such as `${name}`: only its presence counts. */
  readonly unknown?: (value: unknown) => boolean;
  /** Of a response: read-only fields belong there, and what is missing is told too. */
  readonly response?: boolean;
  /** Values are judged by the documented schema: here only names that it does not know, and what is not to be sent. */
  readonly namesOnly?: boolean;
  /** Names beyond the documented ones are allowed at the root. */
  readonly open?: boolean;
}

const most = 50;

/** @param fields members of the object, or of the items where the value is a list */
export function mismatches(
  value: unknown,
  fields: readonly Field[],
  settings: MismatchSettings = {},
): readonly Mismatch[] {
  const found: Mismatch[] = [];
  if (Array.isArray(value)) {
    for (const [index, item] of value.entries()) inObject(item, fields, [index], settings, found, settings.open);
  } else inObject(value, fields, [], settings, found, settings.open);
  return found.slice(0, most);
}

type Path = readonly (string | number)[];

function inObject(
  value: unknown,
  fields: readonly Field[],
  path: Path,
  settings: MismatchSettings,
  found: Mismatch[],
  open = false,
): void {
  if (typeof value !== 'object' || value === null || fields.length === 0 || found.length >= most) return;
  const known = new Map(fields.map((field) => [field.name, field]));
  for (const [key, inner] of Object.entries(value)) {
    const field = known.get(key);
    const here = [...path, key];
    if (!field) {
      if (open) continue;
      const near = nearest(key, [...known.keys()]);
      add(found, here, `is not documented${near === undefined ? '' : `; documented is ${near}`}`);
    } else if (field.readOnly && !settings.response)
      add(found, here, 'is set by the vendor (read-only), and the request sends it');
    else ofField(inner, field, here, settings, found);
  }
  for (const field of fields) {
    if (settings.namesOnly || !field.required || field.name in value) continue;
    if (settings.response ? field.writeOnly : field.readOnly) continue;
    add(found, [...path, field.name], 'is documented as required, and missing');
  }
}

function ofField(value: unknown, field: Field, path: Path, settings: MismatchSettings, found: Mismatch[]): void {
  if (settings.unknown?.(value)) return;
  if (!settings.namesOnly && !fits(value, field.type)) {
    add(found, path, `is ${withArticle(value)}, documented as ${field.type}`);
    return;
  }
  for (const [item, at] of itemsOf(value, path)) {
    if (settings.unknown?.(item)) continue;
    if (
      !settings.namesOnly &&
      field.allowed &&
      item !== null &&
      !field.allowed.some((one) => String(one) === String(item))
    )
      add(found, at, `is ${valueShown(item)}, documented are ${field.allowed.map(String).join(', ')}`);
    const beyond = settings.namesOnly ? undefined : field.limits && limitBroken(item, field.limits);
    if (beyond !== undefined) add(found, at, `is ${valueShown(item)}, documented is ${beyond}`);
    if (field.recursive !== undefined) continue;
    if (field.alternatives)
      nearestShape(
        item,
        field.alternatives.map(({ fields }) => fields),
        at,
        settings,
        found,
        field.open,
      );
    else if (field.fields) inObject(item, field.fields, at, settings, found, field.open);
  }
}

/** Of several shapes the one that fits best is meant. */
function nearestShape(
  value: unknown,
  shapes: readonly (readonly Field[])[],
  path: Path,
  settings: MismatchSettings,
  found: Mismatch[],
  open: boolean | undefined,
): void {
  const tried = shapes.map((fields) => {
    const own: Mismatch[] = [];
    inObject(value, fields, path, settings, own, open);
    return own;
  });
  const best = tried.sort((a, b) => a.length - b.length)[0] ?? [];
  for (const one of best) found.push(one);
}

function itemsOf(value: unknown, path: Path): [unknown, Path][] {
  return Array.isArray(value) ? value.map((item, index) => [item, [...path, index]]) : [[value, path]];
}

function add(found: Mismatch[], path: Path, what: string): void {
  found.push({ at: placeText(path), what, path });
}

/** As a JSONPath. */
const placeText = (path: Path): string => path.reduce<string>(pathBelow, '$');

/** `a string`, `an object`. */
export const withArticle = (value: unknown): string => {
  const type = typeOf(value);
  return type === 'null' ? 'null' : `${/^[aeio]/.test(type) ? 'an' : 'a'} ${type}`;
};

const graphqlNames: Readonly<Record<string, string>> = {
  Int: 'integer',
  Float: 'number',
  Boolean: 'boolean',
  String: 'string',
};

/** Whether a value is of a documented type, in our words or in those of GraphQL. */
function fits(value: unknown, type: string): boolean {
  if (/^[[A-Z]/.test(type)) return fitsGraphql(value, type);
  const own = typeOf(value);
  return type.split(' or ').some((one) => {
    const word = /^[a-z]+/.exec(one)?.[0];
    if (word === 'array') return own === 'array';
    if (word === 'number') return own === 'number' || own === 'integer';
    if (word === 'object' || word === 'string' || word === 'integer' || word === 'boolean' || word === 'null')
      return own === word;
    return true;
  });
}

function fitsGraphql(value: unknown, type: string): boolean {
  const own = typeOf(value);
  if (own === 'null') return !type.endsWith('!');
  // A single value stands for a list of one (GraphQL, section 3.12).
  if (type.startsWith('[')) return true;
  const wanted = ownMember(graphqlNames, type.replace(/!$/, ''));
  if (wanted === undefined) return true;
  return own === wanted || (wanted === 'number' && own === 'integer');
}

/** The limit that a number or a text breaks, in words. */
export function limitBroken(value: unknown, limits: Limits): string | undefined {
  if (typeof value === 'number') {
    const { 'at-least': least, 'at-most': greatest, over, under, 'multiple-of': step } = limits;
    if (least !== undefined && value < least) return `at least ${least}`;
    if (greatest !== undefined && value > greatest) return `at most ${greatest}`;
    if (over !== undefined && value <= over) return `over ${over}`;
    if (under !== undefined && value >= under) return `under ${under}`;
    if (step !== undefined && Math.abs(value / step - Math.round(value / step)) > 1e-9) return `a multiple of ${step}`;
  }
  if (typeof value === 'string') {
    const length = [...value].length;
    const { 'least-length': least, 'most-length': greatest } = limits;
    if (least !== undefined && length < least) return `at least ${least} characters`;
    if (greatest !== undefined && length > greatest) return `at most ${greatest} characters`;
  }
  return undefined;
}

/** Texts of query parameters, which have no types of their own. */
export function textMismatch(value: string, field: Field & { readonly clauses?: ClauseTerms }): string | undefined {
  if (field.clauses) return clauseFault(value, field.clauses);
  const single = field.type.replace(/^array of /, '');
  if (field.allowed && !field.allowed.some((one) => String(one) === value))
    return `is ${valueShown(value)}, documented are ${field.allowed.map(String).join(', ')}`;
  const number = /^(?:integer|number)/.test(single);
  if (number && !(single.startsWith('integer') ? /^-?\d+$/ : /^-?\d+(?:\.\d+)?(?:[eE][-+]?\d+)?$/).test(value))
    return `is ${valueShown(value)}, documented as ${single}`;
  if (single.startsWith('boolean') && value !== 'true' && value !== 'false')
    return `is ${valueShown(value)}, documented as boolean`;
  const beyond = field.limits && limitBroken(number ? Number(value) : value, field.limits);
  return beyond === undefined ? undefined : `is ${value}, documented is ${beyond}`;
}

/** Whole, or not at all: the beginning of a secret is not known to be one. */
export function valueShown(value: unknown): string {
  const text = JSON.stringify(value) ?? 'nothing';
  return text.length <= longestShown ? text : `${withArticle(value)} of ${text.length} characters`;
}

/** Characters. */
const longestShown = 80;
