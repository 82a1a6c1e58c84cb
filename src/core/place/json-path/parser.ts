/** From the text of a query to its syntax tree, with the well-typedness rules of RFC 9535 section 2.4.3. */

import { ownMember } from '../../value/own-member.js';
import type { Value } from '../../value/written.js';
import { type FunctionType, functionExtensions } from './functions.js';
import { Scanner } from './scanner.js';
import {
  type Argument,
  type Call,
  type Comparable,
  isSingular,
  type Logical,
  type Operator,
  type Query,
  type Segment,
  type Selector,
} from './syntax.js';

/** @returns the query, and the expressions of its `${…}` @throws Problem place-syntax */
export function parseQuery(source: string): { readonly query: Query; readonly slots: readonly string[] } {
  const scan = new Scanner(source);
  scan.expect('$');
  const query = { root: '$' as const, segments: segments(scan) };
  if (!scan.ended) scan.fail('nothing more can follow here');
  return { query, slots: scan.slots };
}

function segments(scan: Scanner): Segment[] {
  const found: Segment[] = [];
  for (;;) {
    const before = scan.at;
    scan.blanks();
    const next = segment(scan);
    if (!next) {
      scan.at = before;
      return found;
    }
    found.push(next);
  }
}

function segment(scan: Scanner): Segment | undefined {
  if (scan.accept('..')) {
    const selectors = bracketed(scan) ?? [shorthand(scan)];
    return { descendant: true, selectors };
  }
  if (scan.accept('.')) return { descendant: false, selectors: [shorthand(scan)] };
  const selectors = bracketed(scan);
  return selectors && { descendant: false, selectors };
}

function shorthand(scan: Scanner): Selector {
  if (scan.accept('*')) return { kind: 'wildcard' };
  const name = scan.shorthandName();
  return name === undefined ? scan.fail('expected a name or *') : { kind: 'name', name };
}

function bracketed(scan: Scanner): Selector[] | undefined {
  if (!scan.accept('[')) return undefined;
  const found: Selector[] = [];
  do {
    scan.blanks();
    found.push(selector(scan));
    scan.blanks();
  } while (scan.accept(','));
  scan.expect(']');
  return found;
}

function selector(scan: Scanner): Selector {
  if (scan.accept('*')) return { kind: 'wildcard' };
  if (scan.accept('?')) {
    scan.blanks();
    return { kind: 'filter', test: logicalOr(scan) };
  }
  const name = scan.text();
  if (name !== undefined) return { kind: 'name', name };
  const slot = scan.slot();
  if (slot !== undefined) return { kind: 'slot', slot };
  return indexOrSlice(scan);
}

function indexOrSlice(scan: Scanner): Selector {
  const start = scan.integer();
  const afterStart = scan.at;
  scan.blanks();
  if (!scan.accept(':')) {
    scan.at = afterStart;
    return start === undefined
      ? scan.fail('expected a name in quotes, a number, * or ?')
      : { kind: 'index', index: start };
  }
  scan.blanks();
  const end = scan.integer();
  const beforeColon = scan.at;
  scan.blanks();
  let step: number | undefined;
  if (scan.accept(':')) {
    const afterColon = scan.at;
    scan.blanks();
    step = scan.integer();
    if (step === undefined) scan.at = afterColon;
  } else scan.at = beforeColon;
  return { kind: 'slice', start, end, step: step ?? 1 };
}

function logicalOr(scan: Scanner): Logical {
  return chain(scan, '||', 'or', logicalAnd);
}

function logicalAnd(scan: Scanner): Logical {
  return chain(scan, '&&', 'and', basic);
}

function chain(scan: Scanner, mark: string, kind: 'or' | 'and', part: (scan: Scanner) => Logical): Logical {
  const parts = [part(scan)];
  for (;;) {
    const before = scan.at;
    scan.blanks();
    if (!scan.accept(mark)) {
      scan.at = before;
      return parts.length === 1 ? (parts[0] as Logical) : { kind, parts };
    }
    scan.blanks();
    parts.push(part(scan));
  }
}

function basic(scan: Scanner): Logical {
  if (scan.startsWith('!') && !scan.startsWith('!=')) {
    scan.accept('!');
    scan.blanks();
    const part = scan.startsWith('(') ? parenthesis(scan) : test(scan, comparable(scan));
    return { kind: 'not', part };
  }
  if (scan.startsWith('(')) return parenthesis(scan);
  const left = comparable(scan);
  const before = scan.at;
  scan.blanks();
  const operator = scan.take(/==|!=|<=|>=|<|>/y) as Operator | undefined;
  if (operator === undefined) {
    scan.at = before;
    return test(scan, left);
  }
  scan.blanks();
  return { kind: 'compare', operator, left: operand(scan, left), right: operand(scan, comparable(scan)) };
}

function parenthesis(scan: Scanner): Logical {
  scan.expect('(');
  scan.blanks();
  const inner = logicalOr(scan);
  scan.blanks();
  scan.expect(')');
  return inner;
}

/** Something that stands alone as a test: a query or a function that gives a logical result. */
function test(scan: Scanner, given: Comparable): Logical {
  if (given.kind === 'query') return { kind: 'exists', query: given.query };
  if (given.kind === 'literal' || given.kind === 'slot') return scan.fail('a literal must be compared with something');
  if (givenType(given.call) === 'value')
    return scan.fail(`the result of ${given.call.name} must be compared with something`);
  return { kind: 'call', call: given.call };
}

/** Something on one side of a comparison: a value, so a query must be singular. */
function operand(scan: Scanner, given: Comparable): Comparable {
  if (given.kind === 'query' && !isSingular(given.query))
    return scan.fail('a query that is compared must yield one node at most');
  if (given.kind === 'call' && givenType(given.call) !== 'value')
    return scan.fail(`the result of ${given.call.name} cannot be compared`);
  return given;
}

function comparable(scan: Scanner): Comparable {
  const slot = scan.slot();
  if (slot !== undefined) return { kind: 'slot', slot };
  const root = scan.startsWith('$') ? '$' : scan.startsWith('@') ? '@' : undefined;
  if (root) {
    scan.accept(root);
    return { kind: 'query', query: { root, segments: segments(scan) } };
  }
  const text = scan.text();
  if (text !== undefined) return { kind: 'literal', value: text };
  const number = scan.take(/-?\d+(?:\.\d+)?(?:[eE][+-]?\d+)?/y);
  if (number !== undefined) {
    if (!/^-?(?:0|[1-9]\d*)(?!\d)/.test(number)) scan.fail(`${number} is no number`);
    return { kind: 'literal', value: Number(number) };
  }
  const word = scan.take(/[a-z][a-z0-9_]*/y);
  if (word === undefined) return scan.fail('expected a query, a value or a function');
  if (scan.startsWith('(')) return { kind: 'call', call: call(scan, word) };
  const constants: Record<string, Value> = { true: true, false: false, null: null };
  const value = ownMember(constants, word);
  return value === undefined ? scan.fail(`${word} is not a value`) : { kind: 'literal', value };
}

const givenType = (call: Call): FunctionType => functionExtensions.get(call.name)?.gives ?? 'value';

function call(scan: Scanner, name: string): Call {
  const extension = functionExtensions.get(name);
  if (!extension) return scan.fail(`there is no function ${name}; known: ${[...functionExtensions.keys()].join(', ')}`);
  scan.expect('(');
  scan.blanks();
  const args: Argument[] = [];
  if (!scan.startsWith(')')) {
    do {
      scan.blanks();
      args.push(comparable(scan));
      scan.blanks();
    } while (scan.accept(','));
  }
  scan.expect(')');
  if (args.length !== extension.takes.length) scan.fail(`${name} takes ${extension.takes.length} argument(s)`);
  args.forEach((arg, index) => {
    const wanted = extension.takes[index];
    if (wanted === 'nodes' && arg.kind !== 'query') scan.fail(`${name} takes a query`);
    if (wanted === 'value') operand(scan, arg);
  });
  return { name, args };
}
