/**
 * From tokens to the syntax tree.
 *
 *     expression = fallback *( "|" name [ arguments ] )
 *     fallback   = primary *( "??" primary )
 *     primary    = text / number / "true" / "false" / "null" / "(" expression ")"
 *                / name arguments / name *( "." name / "[" ( number / text / name ) "]" )
 *     arguments  = "(" [ fallback *( "," fallback ) ] ")"
 */
import { syntaxProblem, type Token, tokenize } from './lexer.js';
import type { Expression, PathStep } from './syntax.js';

const constants = new Map<string, boolean | null>([
  ['true', true],
  ['false', false],
  ['null', null],
]);

/** More filters, or deeper brackets, are no expression that somebody means. */
const most = 200;

/** @throws Problem expression-syntax */
export function parseExpression(source: string): Expression {
  const tokens = tokenize(source);
  let at = 0;
  let depth = 0;

  const peek = (): Token => tokens[at] as Token;
  const next = (): Token => tokens[at++] as Token;
  const isMark = (text: string): boolean => peek().kind === 'mark' && peek().text === text;
  const accept = (text: string): boolean => {
    if (!isMark(text)) return false;
    at += 1;
    return true;
  };
  const fail = (expected: string): never => {
    const { kind, text, offset } = peek();
    throw syntaxProblem(source, offset, `expected ${expected}, found ${kind === 'end' ? 'the end' : text}`);
  };
  const expect = (text: string): void => {
    if (!accept(text)) fail(text);
  };

  function expression(): Expression {
    let input = fallback();
    let filters = 0;
    while (accept('|')) {
      const { kind, text, offset } = peek();
      filters += 1;
      if (filters > most) throw syntaxProblem(source, offset, `an expression has ${most} filters at most`);
      if (kind !== 'name') fail('the name of a filter');
      at += 1;
      input = { kind: 'filter', input, name: text, args: isMark('(') ? args() : [], offset };
    }
    return input;
  }

  function fallback(): Expression {
    const first = primary();
    return accept('??') ? { kind: 'fallback', first, otherwise: deeper(fallback) } : first;
  }

  function deeper(read: () => Expression): Expression {
    depth += 1;
    if (depth > most) throw syntaxProblem(source, peek().offset, `an expression is nested ${most} deep at most`);
    const found = read();
    depth -= 1;
    return found;
  }

  const primary = (): Expression => deeper(bare);

  function bare(): Expression {
    if (accept('(')) {
      const inner = expression();
      expect(')');
      return inner;
    }
    const token = peek();
    if (token.kind === 'mark' || token.kind === 'end') fail('a name or a value');
    at += 1;
    if (token.kind === 'text') return { kind: 'literal', value: token.text };
    if (token.kind === 'number') return { kind: 'literal', value: Number(token.text) };
    const constant = constants.get(token.text);
    if (constant !== undefined) return { kind: 'literal', value: constant };
    if (isMark('(')) return { kind: 'call', name: token.text, args: args(), offset: token.offset };
    return { kind: 'path', name: token.text, steps: steps(), offset: token.offset };
  }

  function steps(): PathStep[] {
    const found: PathStep[] = [];
    for (;;) {
      if (accept('.')) {
        if (peek().kind !== 'name' && peek().kind !== 'number') fail('a key behind the dot');
        found.push({ key: next().text });
      } else if (accept('[')) {
        found.push(bracket());
        expect(']');
      } else return found;
    }
  }

  function bracket(): PathStep {
    const token = peek();
    if (token.kind === 'number') {
      at += 1;
      return { key: Number(token.text) };
    }
    if (token.kind === 'text') {
      at += 1;
      return { key: token.text };
    }
    return { computed: fallback() };
  }

  function args(): Expression[] {
    expect('(');
    const found: Expression[] = [];
    if (accept(')')) return found;
    do found.push(fallback());
    while (accept(','));
    expect(')');
    return found;
  }

  const tree = expression();
  if (peek().kind !== 'end') fail('| or the end');
  return tree;
}
