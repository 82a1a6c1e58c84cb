/** Lists of fields, as pages without tables have them, brought into the form of a table. */

import { leadsWithCall } from './call.js';
import type { Block, Table } from './notation/blocks.js';

export interface ListItem {
  /** What it begins with, where that stands out: as code, in bold, or as a term. */
  readonly term: string;
  /** What stands behind it, else all of it; what is code between backticks. */
  readonly rest: string;
  readonly line: number;
}

const fieldName = /^[\p{L}_$@][\p{L}\w.$@[\]-]*[*†]?$/u;
const head = ['name', 'type', 'required', 'default', 'description'];

/** `Returns`, `Body keys:`: what stands before fields. */
const isLabel = (term: string): boolean => /^[A-Z].*:$|^returns?:?$/.test(term);

/** Undefined where most items do not begin with the name of a field. */
export function listAsTable(items: readonly ListItem[], line: number): Table | undefined {
  const isField = ({ term }: ListItem): boolean => fieldName.test(term) && !isLabel(term);
  const fields = items.filter(isField);
  const others = items.filter((item) => !isField(item));
  if (fields.length <= others.length) return undefined;
  if (items.some(({ term, rest }) => leadsWithCall(`${term} ${rest}`))) return undefined;
  const marked = fields.map(({ term, rest }) => {
    const [facts, description] = partsOf(rest);
    const required = /\b(?:required|mandatory)\b/i.test(facts) ? 'yes' : /\boptional\b/i.test(facts) ? 'no' : '';
    const fallback = /\bdefaults?(?:\s+(?:is|to|value))?\s*[:=]?\s*["'`]?([\w.-]+)/i.exec(facts)?.[1] ?? '';
    const others = facts
      .split(/[,;]/)
      .map((fact) => fact.trim())
      .filter((fact) => fact !== '' && !speaksOfType.test(fact) && !/\bdefault/i.test(fact));
    return [term, facts, required, fallback, [...others, description].filter((one) => one !== '').join('; ')];
  });
  const rows = marked.map((cells) => cells.map((cell) => cell.replaceAll('`', '')));
  return {
    is: 'table',
    head,
    rows,
    marked,
    line,
    lines: fields.map((item) => item.line),
    others: others.map((item) => ({ text: `${item.term} ${item.rest}`.trim(), line: item.line })),
  };
}

/** `(string, required): why it is closed`, `integer, optional – at most 100`: the facts, and the description. */
function partsOf(rest: string): readonly [facts: string, description: string] {
  const text = rest.trim().replace(/^[:–—-]\s*/, '');
  const [, within, behind] = /^\(([^)]*)\)\s*[:–—-]?\s*([\s\S]*)$/.exec(text) ?? [];
  if (within !== undefined) return [within, behind ?? ''];
  const [, before, after] =
    /^([\w<>[\]-]+(?:[\s,]+[\w<>[\]-]+){0,4}?)\s*(?:[:–—]|\s-\s|\. )\s*([\s\S]*)$/.exec(text) ?? [];
  if (before !== undefined && speaksOfType.test(before)) return [before, after ?? ''];
  if (text.split(/\s+/).length <= 4 && speaksOfType.test(text)) return [text, ''];
  return ['', text];
}

const speaksOfType =
  /\b(?:string|text|integer|int|number|float|decimal|bool(?:ean)?|array|list|object|date(?:-?time)?|timestamp|uuid|required|optional|mandatory)\b/i;

const namedField = /^([\p{L}_$@][\p{L}\w.$@[\]-]*)\s+(?:(\S.{0,60}?)\s+)?\((required|optional)\)$/u;

/** `code (string) – the code of the berth`. */
const wholeField = /^([\p{L}_$@][\p{L}\w.$@[\]-]*)\s+\(([^()]{1,60})\)\s+[–—-]\s+(\S.*)$/u;

/** Fields whose names and descriptions are texts of their own: `code (required)`, then what it is. */
export function textsAsTables(blocks: readonly Block[]): readonly Block[] {
  const out: Block[] = [];
  let items: ListItem[] = [];
  const flush = (): void => {
    const table = items[0] && listAsTable(items, items[0].line);
    if (table) out.push(table);
    items = [];
  };
  for (const block of blocks) {
    const [, term, type = '', presence = ''] = (block.is === 'text' && namedField.exec(block.text)) || [];
    const last = items.at(-1);
    const [, name, facts = '', description = ''] = (block.is === 'text' && wholeField.exec(block.text)) || [];
    if (name !== undefined && speaksOfType.test(facts))
      items.push({ term: name, rest: `(${facts}) – ${description}`, line: block.line });
    else if (term !== undefined)
      items.push({ term, rest: `(${type === '' ? '' : `${type}, `}${presence})`, line: block.line });
    else if (block.is === 'text' && last?.rest.endsWith(')'))
      items[items.length - 1] = { ...last, rest: `${last.rest} – ${block.marked}` };
    else {
      flush();
      out.push(block);
    }
  }
  flush();
  return out;
}
