/** Lists of fields, as pages without tables have them, brought into the form of a table. */
import type { Table } from './blocks.js';

export interface ListItem {
  /** What it begins with, where that stands out: as code, in bold, or as a term. */
  readonly term: string;
  /** What stands behind it, else all of it; what is code between backticks. */
  readonly rest: string;
  readonly line: number;
}

const fieldName = /^[\p{L}_$@][\p{L}\w.$@[\]-]*[*†]?$/u;
const head = ['name', 'type', 'required', 'default', 'description'];

/** Undefined where most items do not begin with the name of a field. */
export function listAsTable(items: readonly ListItem[], line: number): Table | undefined {
  const fields = items.filter(({ term }) => fieldName.test(term));
  const others = items.filter(({ term }) => !fieldName.test(term));
  if (fields.length <= others.length) return undefined;
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
