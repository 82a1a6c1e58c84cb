/** From the syntax tree to a closure, so that a request sent ten thousand times is parsed once. */
import { action } from '../problem/actions.js';
import { nearestHint } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { ownMember } from '../value/own-member.js';
import { StreamedBytes } from '../value/streamed.js';
import { plain, SourceScalar, type Value } from '../value/written.js';
import { type Evaluation, omitted, type Program, type Result } from './evaluation.js';
import { filterMeant } from './filters/other-words.js';
import { filters } from './filters/registry.js';
import { syntaxProblem } from './lexer.js';
import { parseExpression } from './parser.js';
import { sourceOf, sources, writtenAs } from './sources/registry.js';
import type { Expression, PathStep } from './syntax.js';

/** What must be loaded before the program can run (a date library, a list of made-up names). */
export type Loads = Promise<unknown>[];

/** @throws Problem expression-syntax: unreadable, or an unknown filter or source */
export function compileExpression(source: string, loads: Loads): Program {
  const compile = (node: Expression): Program => {
    switch (node.kind) {
      case 'literal': {
        const { value } = node;
        return () => value;
      }
      case 'path':
        return node.name === 'secret' ? secretProgram(node.steps) : pathProgram(node.name, node.steps);
      case 'fallback': {
        const { first: wanted } = node;
        // A secret that is not set is missing like any other name, where something else is said for that case.
        const first =
          wanted.kind === 'path' && wanted.name === 'secret' ? secretProgram(wanted.steps, true) : compile(wanted);
        const otherwise = compile(node.otherwise);
        return (e) => {
          const value = first(e);
          return value === undefined || (value !== omitted && plain(value) === null) ? otherwise(e) : value;
        };
      }
      case 'call':
        return callProgram(node.name, node.args, node.offset);
      case 'filter':
        return filterProgram(node);
    }
  };

  function pathProgram(name: string, steps: readonly PathStep[]): Program {
    const bare = sourceOf(name);
    if (bare?.bare && steps.length === 0) {
      if (bare.load) loads.push(bare.load());
      // A name of the collection wins over a source of the same name.
      return (e) => named(name, e) ?? bare.value([], e);
    }
    if (steps.length === 0) return (e) => named(name, e);
    const keys = steps.map(keyProgram);
    return (e) => {
      let value: Result | undefined = named(name, e);
      for (const key of keys) value = member(value, key(e));
      return value;
    };
  }

  function keyProgram(step: PathStep): (e: Evaluation) => string | number {
    if ('key' in step) return () => step.key;
    const program = compile(step.computed);
    return (e) => keyFrom(required(program(e), step.computed, e));
  }

  function secretProgram(steps: readonly PathStep[], optional = false): Program {
    const [first, second, ...rest] = steps;
    if (!first || rest.length > 0)
      throw syntaxProblem(source, 0, 'a secret is written secret.NAME or secret.NAME[key]');
    const name = keyProgram(first);
    const key = second ? keyProgram(second) : undefined;
    return (e) => {
      const wanted = String(name(e));
      const part = key ? String(key(e)) : undefined;
      const value = e.runtime.secret(wanted, part);
      if (value === undefined) {
        if (optional) return undefined;
        throw missingSecret(wanted, part);
      }
      e.touchedSecret = true;
      e.onSecret(value);
      return value;
    };
  }

  function callProgram(name: string, args: readonly Expression[], offset: number): Program {
    const kind = sourceOf(name);
    if (!kind || kind.bare) throw syntaxProblem(source, offset, unknownText('source', name, callable()));
    if (kind.load) loads.push(kind.load());
    const programs = args.map((arg) => argument(arg));
    return (e) =>
      kind.value(
        programs.map((program) => program(e)),
        e,
      );
  }

  function filterProgram(node: Extract<Expression, { kind: 'filter' }>): Program {
    const kind = filters.get(node.name);
    if (!kind) throw syntaxProblem(source, node.offset, unknownFilter(node.name));
    if (kind.load) loads.push(kind.load());
    const [least, most] = kind.arguments;
    if (node.args.length < least || node.args.length > most) {
      throw syntaxProblem(source, node.offset, `${kind.name} is written ${kind.example}`);
    }
    const input = compile(node.input);
    const args = node.args.map((arg) => argument(arg));
    // Most arguments are written out: the same for every time.
    const fixed = node.args.every((arg) => arg.kind === 'literal')
      ? node.args.map((arg) => (arg as Extract<Expression, { kind: 'literal' }>).value)
      : undefined;
    let last: { readonly given: Value; readonly others: readonly Value[]; readonly value: Value } | undefined;
    return (e) => {
      const given = required(input(e), node.input, e);
      if (given === omitted) return omitted;
      if (given instanceof StreamedBytes && !kind.streams) throw streamedHere(kind.name);
      const others = fixed ?? args.map((arg) => arg(e));
      let value: Value;
      const { through } = e.runtime;
      if (through) value = through(kind.name, given, others, (input = given) => kind.apply(input, others, e));
      else if (last !== undefined && last.given === given && sameValues(last.others, others)) value = last.value;
      else {
        value = kind.apply(given, others, e);
        last = kind.varies || !isSmall(given) ? undefined : { given, others, value };
      }
      if (kind.leavesOut && value === null) return omitted;
      if (e.touchedSecret) e.onSecret(value);
      return value;
    };
  }

  function argument(node: Expression): (e: Evaluation) => Value {
    const program = compile(node);
    return (e) => {
      const value = required(program(e), node, e);
      if (value === omitted) throw new Problem('expression-value', { what: 'absent cannot be an argument' });
      if (value instanceof StreamedBytes) throw streamedHere('an argument');
      return value;
    };
  }

  const tree = parseExpression(source);
  const program = compile(tree);
  return (e) => {
    const value = program(e);
    return value === undefined ? required(value, tree, e) : value;
  };
}

/**
 * Worth remembering with what a filter made of it: a run gives the same chains the same headers, the same key of the day
 * and the same empty body thousands of times. Values are never changed in place.
 */
const isSmall = (given: Value): boolean =>
  (typeof given === 'string' || given instanceof Uint8Array || Array.isArray(given)) && given.length <= 200;

const sameValues = (left: readonly Value[], right: readonly Value[]): boolean =>
  left === right || left.every((one, index) => one === right[index]);

const streamedHere = (user: string): Problem =>
  new Problem('expression-value', {
    what: `${user} would need the whole body in memory, and it is streamed from files`,
    remedy: 'a digest of it can be used: ${sent.body | sha-256 | hex}',
  });

function named(name: string, e: Evaluation): Value | undefined {
  const found = e.names.lookup(name);
  if (!found) return undefined;
  if (found.secret) {
    e.touchedSecret = true;
    e.onSecret(found.value);
  }
  e.onName?.(name, found);
  return found.value;
}

/** A member of a map or list; undefined where there is none. Never what a prototype supplies. */
function member(value: Result | undefined, key: string | number): Value | undefined {
  if (value === undefined || value === omitted || typeof value !== 'object' || value === null) return undefined;
  if (value instanceof SourceScalar || value instanceof Uint8Array) return undefined;
  if (Array.isArray(value)) {
    const index = Number(key);
    return Number.isInteger(index) ? (value.at(index) as Value | undefined) : undefined;
  }
  return ownMember(value as Record<string, Value>, String(key));
}

function keyFrom(value: Result): string | number {
  if (typeof value === 'string' || typeof value === 'number') return value;
  if (value instanceof SourceScalar) return value.text;
  throw new Problem('expression-value', { what: 'a key in [ ] must be text or a number' });
}

function required(value: Result | undefined, node: Expression, e: Evaluation): Result {
  if (value !== undefined) return value;
  throw missingName(node, e);
}

/** Why a value is missing: an unknown name, or a known one without that member. */
function missingName(node: Expression, e: Evaluation): Problem {
  if (node.kind === 'fallback') return missingName(node.otherwise, e);
  if (node.kind !== 'path') return new Problem('expression-value', { what: 'the expression has no value' });
  const found = e.names.lookup(node.name);
  // The caller's names may have the same variables behind them.
  const layers = [...new Set(e.names.layers)].join(', ') || 'nothing';
  if (!found) {
    return new Problem('unknown-name', {
      what: `the name ${node.name} is not known here`,
      cause: `searched: ${layers}`,
      remedy: writtenAs(node.name) ?? nearestHint(node.name, new Set(e.names.known())),
      data: { name: node.name, searched: e.names.layers },
    });
  }
  let value: Result | undefined = found.value;
  let way = node.name;
  for (const step of node.steps) {
    if (!('key' in step)) break;
    const inner = member(value, step.key);
    if (inner === undefined) {
      const holds = typeof value === 'object' && value !== null ? Object.keys(plain(value) as object) : [];
      return new Problem('unknown-name', {
        what: `${way} (${found.origin}) has no member ${step.key}`,
        remedy: nearestHint(String(step.key), holds) ?? 'write ?? and another value for the case that it is missing',
        data: { name: node.name, member: step.key },
      });
    }
    way += typeof step.key === 'number' ? `[${step.key}]` : `.${step.key}`;
    value = inner;
  }
  return new Problem('unknown-name', { what: `${way} has no such member`, data: { name: node.name } });
}

function missingSecret(name: string, key: string | undefined): Problem {
  const full = key === undefined ? name : `${name}[${key}]`;
  return new Problem('secret-missing', {
    what: `the secret ${full} is not set`,
    remedy: `${action().setSecret([full])}, or set ${secretVariable(name, key)} in the process environment`,
    data: { name: full },
  });
}

/** The process environment's name of a secret: `ECHO_TRAIL_SECRET_API_TOKEN` also serves `apiToken`. */
export function secretVariable(name: string, key?: string): string {
  const words = (key === undefined ? name : `${name}_${key}`).replace(/([a-z0-9])([A-Z])/g, '$1_$2');
  return `ECHO_TRAIL_SECRET_${words.replace(/[^A-Za-z0-9]+/g, '_').toUpperCase()}`;
}

/** A value for nothing is no filter here: it is part of the grammar. */
const insteadOfNothing = new Set(['default', 'default-value', 'or', 'if-empty', 'coalesce']);

function unknownFilter(name: string): string {
  if (insteadOfNothing.has(name.toLowerCase()))
    return `there is no filter ${name}; another value where the first is missing is written \${name ?? "N1"}`;
  const hint = filterMeant(name);
  return hint === undefined
    ? unknownText('filter', name, filters.keys())
    : `there is no filter ${name}; did you mean ${hint}?`;
}

function unknownText(kind: string, name: string, known: Iterable<string>): string {
  return `there is no ${kind} ${name}; ${nearestHint(name, known)}`;
}

function callable(): string[] {
  return [...sources.values()].filter((source) => !source.bare).map((source) => source.name);
}
