/**
 * Filter clauses such as `flag is 'Merrow Isles' and lengthM above 80`: quotes that are never closed, values with
 * spaces and no quotes, operators and fields that the vendor does not document. What joins clauses, and what is in
 * brackets, differs from vendor to vendor: only `and`, `or`, `not`, commas, semicolons and brackets are taken for it.
 */
import { nearest } from '../../problem/nearest.js';
import type { ClauseTerms } from './model.js';

/** What is wrong with a filter, in words behind its name; undefined where nothing is known to be. */
export function clauseFault(text: string, { fields, operators, quotes }: ClauseTerms): string | undefined {
  const { clauses, open } = clausesIn(text);
  if (open !== undefined) return `opens a quote that is never closed: ${open}`;
  if (operators.length === 0) return undefined;
  for (const clause of clauses) {
    const fault = oneFault(clause, fields, operators) ?? quoteFault(clause, operators, quotes);
    if (fault !== undefined) return fault;
  }
  return undefined;
}

function oneFault(clause: string, fields: readonly string[], operators: readonly string[]): string | undefined {
  const found = splitClause(clause, operators);
  if (!found) {
    const [, word = ''] = /^\S+\s+(\S+)/.exec(clause) ?? [];
    const near = nearest(word, [...operators]);
    return `has no documented operator in "${clause}": ${near === undefined ? `documented are ${operators.join(', ')}` : `did you mean ${near}?`}`;
  }
  const { field, value } = found;
  if (fields.length > 0 && !fields.includes(field)) {
    const near = nearest(field, [...fields]);
    return `names ${field}, which is not documented: ${near === undefined ? `documented are ${fields.join(', ')}` : `did you mean ${near}?`}`;
  }
  if (value === '') return `has no value in "${clause}"`;
  if (/\s/.test(value) && !/^(['"]).*\1$/.test(value)) return `has a value with spaces and no quotes: ${value}`;
  return undefined;
}

/** A text in other quotes than the vendor demands, or in none; numbers, dates, lists and what a language has names for need none. */
function quoteFault(clause: string, operators: readonly string[], quotes: ClauseTerms['quotes']): string | undefined {
  const value = quotes && splitClause(clause, operators)?.value;
  if (!value || /^[\d(+.-]|^(?:true|false|null|now|today)\b/i.test(value)) return undefined;
  const sign = quotes === 'single' ? "'" : '"';
  if (value.startsWith(sign)) return undefined;
  const bare = value.replace(/^["']|["']$/g, '');
  return `has a text ${bare === value ? 'without quotes' : 'in other quotes'}: ${value}; documented is ${sign}${bare}${sign}`;
}

/** Field, operator and value; a word stands apart from both, a sign may stand close. */
function splitClause(clause: string, operators: readonly string[]): { field: string; value: string } | undefined {
  // The longest first: >= is not >.
  for (const operator of [...operators].sort((a, b) => b.length - a.length)) {
    const sign = operator.replace(/[^\p{L}\p{N}\s]/gu, '\\$&');
    const between = /^[\p{L}\p{N}_-]+$/u.test(operator) ? `[\\s:]+${sign}(?:[\\s:]+|$)` : `\\s*${sign}\\s*`;
    const found = new RegExp(`^([^\\s'":=<>!~(]+)${between}(.*)$`, 's').exec(clause);
    if (found) return { field: found[1] as string, value: (found[2] as string).trim() };
    // A function of a field and a value: has(name, 'x').
    const call = new RegExp(`^${sign}\\(\\s*([^,)\\s]+)\\s*,\\s*(.*)\\)$`, 's').exec(clause);
    if (call) return { field: call[1] as string, value: (call[2] as string).trim() };
  }
  return undefined;
}

/** The clauses of a filter, and the rest of it from a quote that is never closed. A doubled quote is one in the text. */
function clausesIn(text: string): { readonly clauses: readonly string[]; readonly open?: string } {
  const clauses: string[] = [];
  let current = '';
  let inCall = 0;
  const end = (): void => {
    if (current.trim() !== '') clauses.push(current.trim());
    current = '';
  };
  for (let at = 0; at < text.length; at += 1) {
    const char = text[at] as string;
    if (char === "'" || char === '"') {
      const close = closingQuote(text, at);
      if (close === -1) return { clauses, open: text.slice(at) };
      current += text.slice(at, close + 1);
      at = close;
      continue;
    }
    const joined = /^(?:and|or|not)(?=[\s(]|$)/i.exec(text.slice(at, at + 4));
    if (joined && inCall === 0 && /(?:^|[\s)])$/.test(current === '' ? '' : (current.at(-1) ?? ''))) {
      end();
      at += joined[0].length - 1;
    } else if (char === '(' && /\w$/.test(current)) {
      inCall += 1;
      current += char;
    } else if (char === ')' && inCall > 0) {
      inCall -= 1;
      current += char;
    } else if ((char === ',' && inCall === 0) || char === ';' || char === '(' || char === ')') end();
    else current += char;
  }
  end();
  return { clauses };
}

function closingQuote(text: string, open: number): number {
  const quote = text[open] as string;
  for (let at = open + 1; at < text.length; at += 1) {
    if (text[at] === '\\') at += 1;
    else if (text[at] === quote) {
      if (text[at + 1] !== quote) return at;
      at += 1;
    }
  }
  return -1;
}

/** What a description says of clauses: `Operators: is, isnt, above; texts in single quotes`. Undefined where it names no operator. */
export function clausesSaid(description = ''): ClauseTerms | undefined {
  const [, list = ''] = /\boperators?\b[^:.]{0,30}:\s*([^.;\n]+)/i.exec(description) ?? [];
  const operators = list
    .split(/,|\band\b|\bor\b|\s\|\s/)
    .map((one) => one.trim().replace(/^[`'"]|[`'"]$/g, ''))
    .filter((one) => one !== '' && !/\s/.test(one));
  return operators.length === 0 ? undefined : { fields: [], operators, ...quotesSaid(description) };
}

/** `texts in single quotes` */
export function quotesSaid(description = ''): Pick<ClauseTerms, 'quotes'> {
  const quotes = /\b(single|double)[ -]quot/i.exec(description)?.[1]?.toLowerCase() as ClauseTerms['quotes'];
  return quotes ? { quotes } : {};
}
