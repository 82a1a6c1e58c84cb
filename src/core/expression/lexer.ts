/**
 * From the text of an expression to tokens.
 *
 *     name    = letter *( letter / digit / "_" / "-" )      ; a hyphen is part of a name: there is no arithmetic
 *     text    = DQUOTE *char DQUOTE / "'" *char "'"         ; \" \' \\ \n \r \t
 *     number  = [ "-" ] digits [ "." digits ]
 *     mark    = "." / "[" / "]" / "(" / ")" / "," / "|" / "??"
 */

import { Problem } from '../problem/problem.js';
import { ownMember } from '../value/own-member.js';

export type TokenKind = 'name' | 'text' | 'number' | 'mark' | 'end';
export interface Token {
  readonly kind: TokenKind;
  readonly text: string;
  readonly offset: number;
}

const pattern =
  /\s*(?:(?<name>[\p{L}_][\p{L}\p{N}_-]*)|(?<number>-?\d+(?:\.\d+)?)|(?<mark>\?\?|[.[\](),|])|(?<quote>["']))/uy;
const escapes: Record<string, string> = { n: '\n', r: '\r', t: '\t', '"': '"', "'": "'", '\\': '\\' };

/** @throws Problem expression-syntax */
export function tokenize(source: string): Token[] {
  const tokens: Token[] = [];
  pattern.lastIndex = 0;
  let offset = 0;
  while (source.slice(offset).trim() !== '') {
    pattern.lastIndex = offset;
    const found = pattern.exec(source)?.groups;
    const start = offset + (source.slice(offset).length - source.slice(offset).trimStart().length);
    if (!found) throw syntaxProblem(source, start, `${JSON.stringify(source[start])} has no meaning here`);
    if (found.quote) {
      const read = readText(source, start);
      tokens.push({ kind: 'text', text: read.text, offset: start });
      offset = read.end;
      continue;
    }
    const kind = found.name !== undefined ? 'name' : found.number !== undefined ? 'number' : 'mark';
    tokens.push({ kind, text: (found.name ?? found.number ?? found.mark) as string, offset: start });
    offset = pattern.lastIndex;
  }
  tokens.push({ kind: 'end', text: '', offset: source.length });
  return tokens;
}

/** Quoted text from its opening quote; `end` is behind the closing one. */
function readText(source: string, start: number): { text: string; end: number } {
  const quote = source[start];
  let text = '';
  for (let at = start + 1; at < source.length; at += 1) {
    const char = source[at] as string;
    if (char === quote) return { text, end: at + 1 };
    if (char !== '\\') {
      text += char;
      continue;
    }
    at += 1;
    const escaped = ownMember(escapes, source[at] ?? '');
    if (escaped === undefined) throw syntaxProblem(source, at - 1, `\\${source[at] ?? ''} is no escape`);
    text += escaped;
  }
  throw syntaxProblem(source, start, `the text that begins with ${quote} is not closed`);
}

export function syntaxProblem(source: string, offset: number, what: string): Problem {
  const whole = source.trim();
  const shown = whole.length > 120 ? `${whole.slice(0, 120)} …` : whole;
  return new Problem('expression-syntax', {
    what: `the expression \${${shown}} cannot be read: ${what}`,
    remedy: 'write ${name}, ${name | filter(argument)}, or $${ for a plain ${',
    excerpt: `${source}\n${' '.repeat(offset)}^`,
    data: { expression: source, offset },
  });
}
