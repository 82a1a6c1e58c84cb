/** Tables of parameters and fields, in whatever order and wording their columns have. */
import type { Value } from '../../../value/written.js';
import type { Certainty, Field, Limits, ParameterLocation } from '../../model/model.js';
import type { Table, Unread } from './notation/blocks.js';

type Column = 'name' | 'in' | 'type' | 'required' | 'default' | 'allowed' | 'example' | 'description';

/** What vendors call their columns; the first that fits a head wins. */
const columnNames: readonly (readonly [Column, RegExp])[] = [
  ['required', /\b(?:required|mandatory|optional|req\.?|presence|obligat\w+)\b|required\?/i],
  ['default', /\bdefault/i],
  ['in', /^(?:in|where|location|place|position|sent in|passed in|parameter type|param type|kind of parameter)$/i],
  ['example', /\b(?:example|sample)s?\b/i],
  ['allowed', /\b(?:values|allowed|options|choices|range|limits?|constraints?|enum)\b/i],
  ['type', /\b(?:type|format|data ?type)\b/i],
  [
    'name',
    /^(?:name|(?:query |path |body |header |request )?(?:parameter|param|field|key|attribute|property|argument|element|tag|header|member|variable)s?(?: name)?)$/i,
  ],
  ['description', /\b(?:descriptions?|meaning|notes?|comments?|explanation|details|purpose|about|what)\b/i],
];

export interface ReadField {
  readonly field: Field;
  readonly in: ParameterLocation | 'body' | undefined;
}

export interface ReadFields {
  readonly fields: readonly ReadField[];
  /** The names are those of elements: `<berth>`. */
  readonly elements: boolean;
  readonly unread: readonly Unread[];
}

/** Undefined where the table is not one of fields. */
export function fieldsIn({ head, rows, marked, line, lines, others = [] }: Table): ReadFields | undefined {
  const columns = columnsOf(head);
  if (!columns.has('name') || columns.size < 2) return undefined;
  const unread = [...others];
  let elements = /^(?:xml )?(?:tag|element)s?\b/i.test(head[columns.get('name') ?? 0]?.trim() ?? '');
  const fields = rows.flatMap((cells, index): ReadField[] => {
    const cell = (column: Column): string =>
      columns.has(column) ? (cells[columns.get(column) as number] ?? '').trim() : '';
    const written = cell('name');
    const element = /^<([\p{L}_][\p{L}\w.:-]*)\s*\/?>([*†]?)$/u.exec(written);
    if (element) elements = true;
    const bare = (element?.[1] ?? written)
      .replace(/[*†]+$/, '')
      .replace(/^[`"']|[`"']$/g, '')
      .trim();
    const [, name = '', beside = ''] = /^(\S*)\s*(.*)$/s.exec(bare) ?? [];
    // An empty table, as generators write it.
    if (/^(?:none|n\/a)$/i.test(bare)) return [];
    if (!/^[\p{L}_$@.[\]{}\w-]+$/u.test(name) || !mayStandBeside.test(beside)) {
      const text = cells.filter((one) => one.trim() !== '').join(' ');
      if (text !== '') unread.push({ text, line: lines[index] ?? line });
      return [];
    }
    const description = cell('description') || (columns.has('description') ? '' : (cells.at(-1) ?? ''));
    const place = placeOf(cell('in'));
    const codes = codesIn(
      (marked[index]?.[columns.get('description') ?? cells.length - 1] ?? '').slice(0, longestSaid),
    );
    return [{ in: place, field: oneField(name, written, cell, description, codes, lines[index] ?? line) }];
  });
  return { fields, unread, elements };
}

/** Behind a name in its own cell: what it is. Other words make it a phrase. */
const mayStandBeside =
  /^$|^[([*†,/|:–—-]|^(?:required|mandatory|optional|deprecated|conditional|new|beta|read|write|string|text|int|number|float|decimal|bool|array|list|object|date|time|uuid|enum|path|query|header|body)/i;

/** Characters. */
const longestSaid = 2000;

function oneField(
  name: string,
  written: string,
  cell: (column: Column) => string,
  description: string,
  codes: readonly Value[] | undefined,
  line: number,
): Field {
  // What says something of a field says it soon; the patterns take the square of a text that is one long word.
  const said = description.slice(0, longestSaid);
  const required = requiredBy(cell('required'), said, written);
  const type = typeIn(cell('type'));
  const allowed =
    allowedIn(cell('allowed').slice(0, longestSaid)) ??
    allowedIn(said) ??
    (type === undefined || type === 'string' ? codes : undefined);
  const limits = limitsIn(`${cell('allowed').slice(0, longestSaid)} ${said}`);
  const fallback =
    cell('default') ||
    /\bdefaults?(?:\s+(?:is|to|value))?\s*:?\s*["'`]?([\w.-]+)/i.exec(said)?.[1] ||
    /([\w.-]+)["'`]? by default\b/i.exec(said)?.[1];
  const certainty: Certainty = cell('type') !== '' && required.certain ? 'sure' : 'likely';
  return {
    name: name.replace(/[{}]/g, ''),
    type: type ?? 'string',
    required: required.value,
    ...(description !== '' && { description }),
    ...(fallback !== undefined &&
      !/^(?:none|-|–|—|n\/a|null)$/i.test(fallback) && { default: asTyped(fallback, type) }),
    ...(cell('example') !== '' && { example: asTyped(cell('example').replace(/^[`"']|[`"']$/g, ''), type) }),
    ...(allowed && { allowed }),
    ...(limits && { limits }),
    certainty,
    at: `line ${line}`,
  };
}

function columnsOf(head: readonly string[]): Map<Column, number> {
  const found = new Map<Column, number>();
  for (const [index, text] of head.entries()) {
    const column = columnNames.find(([name, pattern]) => !found.has(name) && pattern.test(text.trim()))?.[0];
    if (column) found.set(column, index);
  }
  return found;
}

const yes = /^(?:yes|y|true|required|mandatory|always|x|1|must)\b|^[✓✔☑✅●]/i;
const no = /^(?:no|n|false|optional|-|–|—|0|may|[✗✘❌☐○]\ufe0f?)?$|^(?:no|optional|conditional)\b/i;

function requiredBy(cell: string, description: string, name: string): { value: boolean; certain: boolean } {
  if (cell !== '' && yes.test(cell)) return { value: true, certain: true };
  if (cell !== '' && no.test(cell)) return { value: false, certain: true };
  const beside = /\b(required|mandatory|optional)\b/i.exec(name)?.[1];
  if (beside) return { value: !/optional/i.test(beside), certain: true };
  if (/\*$/.test(name)) return { value: true, certain: false };
  if (/\b(?:not required|optional)\b/i.test(description)) return { value: false, certain: true };
  if (/\b(?:required|mandatory)\b/i.test(description)) return { value: true, certain: true };
  return { value: false, certain: false };
}

function placeOf(text: string): ReadField['in'] {
  const word = /\b(path|url|query|header|cookie|body|form|json)\b/i.exec(text)?.[1]?.toLowerCase();
  if (word === 'url') return 'path';
  if (word === 'form' || word === 'json') return 'body';
  return word as ReadField['in'];
}

const typeWords: readonly (readonly [RegExp, string])[] = [
  [/^(?:array|list)s?\b|\[\]$/i, 'array'],
  [/\b(?:date-?time|timestamp|datetime)\b/i, 'string (date-time)'],
  [/\bdate\b/i, 'string (date)'],
  [/\b(?:integer|int|int32|int64|long|whole number)\b/i, 'integer'],
  [/\b(?:number|float|double|decimal|numeric)\b/i, 'number'],
  [/\b(?:bool|boolean|flag)\b/i, 'boolean'],
  [/\b(?:object|map|hash|dict|dictionary|structure)\b/i, 'object'],
  [/\b(?:string|str|text|char|varchar|uuid|enum|url|uri|id|code)\b/i, 'string'],
];

function typeIn(text: string): string | undefined {
  if (text === '') return undefined;
  const type = typeWords.find(([pattern]) => pattern.test(text))?.[1];
  if (type !== 'array') return type ?? 'string';
  const inner = /(?:of|<)\s*([\w-]+)/i.exec(text)?.[1] ?? /^([\w-]+)\[\]$/.exec(text)?.[1];
  const item = inner === undefined ? undefined : typeIn(inner.replace(/s$/, ''));
  return item === undefined ? 'array' : `array of ${item}`;
}

/** `One of a, b`, `a | b | c`; more than a few words are a sentence. */
function allowedIn(text: string): readonly Value[] | undefined {
  const listed =
    /\b(?:one of|allowed values?(?: are)?|possible values?(?: are)?|values?)\s*:?\s+([^.;]+)/i.exec(text)?.[1] ??
    (/^[\w-]+(?:\s*[|/]\s*[\w-]+)+$/.test(text.trim()) ? text : undefined);
  if (listed === undefined) return undefined;
  const values = listed.split(/\s*(?:,|\||\bor\b|\/)\s*/).map((one) =>
    one
      .replace(/^(?:or|and)\s+/, '')
      .replace(/^[`"']|[`"']$/g, '')
      .trim(),
  );
  const found = values.filter((one) => one !== '');
  return found.length > 1 && found.every((one) => /^[\w.-]+$/.test(one)) ? found : undefined;
}

/** Of words that are written as code: `north`, `south` or `all`. */
function codesIn(marked: string): readonly Value[] | undefined {
  const listed = /`[\w.-]+`(?:\s*(?:,\s*or\b|,|\bor\b|\||\/)\s*`[\w.-]+`)+/.exec(marked)?.[0];
  return listed === undefined ? undefined : [...listed.matchAll(/`([^`]+)`/g)].map(([, value = '']) => value);
}

function limitsIn(text: string): Limits | undefined {
  const number = '(-?\\d+(?:\\.\\d+)?)';
  const between = new RegExp(`\\b(?:between|from)\\s+${number}\\s+(?:and|to)\\s+${number}`, 'i').exec(text);
  const most = new RegExp(`\\b(?:at most|max(?:imum)?\\.?|no more than|up to)\\s*:?\\s*${number}`, 'i').exec(text)?.[1];
  const least = new RegExp(`\\b(?:at least|min(?:imum)?\\.?|no less than)\\s*:?\\s*${number}`, 'i').exec(text)?.[1];
  const found: { 'at-least'?: number; 'at-most'?: number } = {};
  const low = between?.[1] ?? least;
  const high = between?.[2] ?? most;
  if (low !== undefined) found['at-least'] = Number(low);
  if (high !== undefined) found['at-most'] = Number(high);
  return low === undefined && high === undefined ? undefined : found;
}

function asTyped(text: string, type: string | undefined): Value {
  if (type === 'integer' || type === 'number') return Number.isNaN(Number(text)) ? text : Number(text);
  return type === 'boolean' ? text === 'true' : text;
}
