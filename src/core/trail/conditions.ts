/** `only-if`: whether a step is taken, by matchers over the names of the walk. */
import type { YamlFile } from '../collection/yaml.js';
import type { Loads } from '../expression/compile.js';
import { type Evaluation, omitted } from '../expression/evaluation.js';
import { parseExpression } from '../expression/parser.js';
import { compileTree } from '../expression/tree.js';
import { compileMatchers } from '../matcher/compile.js';
import type { Check } from '../matcher/matcher.js';
import { asProblem, Problem } from '../problem/problem.js';
import { isValueMap, type Value } from '../value/written.js';

export type Condition = (evaluation: Evaluation) => boolean;

interface Room {
  readonly yaml: YamlFile;
  readonly loads: Loads;
  readonly readText: (path: string) => string;
}

/**
 * All matchers of a set must hold; `any` is a list of sets, one of which must, and `not` a set that must not.
 * @throws Problem matcher-shape, expression-syntax, with its place in the file
 */
export function compileCondition(
  set: Readonly<Record<string, Value>>,
  path: readonly (string | number)[],
  room: Room,
): Condition {
  const parts = Object.entries(set).map(([name, value]): Condition => {
    const at = [...path, name];
    try {
      if (name === 'any' && Array.isArray(value)) {
        const sets = (value as readonly Value[]).map((one, index) =>
          compileCondition(asSet(one), [...at, index], room),
        );
        return (evaluation) => sets.some((holds) => holds(evaluation));
      }
      if (name === 'not' && isValueMap(value)) {
        const inner = compileCondition(asSet(value), at, room);
        return (evaluation) => !inner(evaluation);
      }
      return overName(name, value, at, room);
    } catch (error) {
      throw asProblem(error).at(room.yaml.position(at));
    }
  });
  return (evaluation) => parts.every((holds) => holds(evaluation));
}

function asSet(value: Value): Readonly<Record<string, Value>> {
  if (isValueMap(value)) return value as Readonly<Record<string, Value>>;
  throw new Problem('matcher-shape', { what: 'any takes a list of maps, each of names with their matchers' });
}

/** A name, or a member of one such as `vessel.kind`; what does not exist is nothing. */
function overName(
  name: string,
  value: Value,
  at: readonly (string | number)[],
  { yaml, loads, readText }: Room,
): Condition {
  // A column may be called whatever it likes; only what no name is may be a way into one.
  const way = /[.[]/.test(name) ? wayInto(name) : undefined;
  const tree = compileTree(value, (inner) => yaml.position([...at, ...inner]), loads);
  const remake = (expected: Value, more: Loads): Check =>
    compileMatchers(expected, { subject: { strict: false }, loads: more, readText });
  const fixed = tree.constant === undefined ? undefined : remake(tree.constant, loads);
  return (evaluation) => {
    const found = evaluation.names.lookup(name)?.value ?? way?.(evaluation);
    let check = fixed;
    if (!check) {
      const expected = tree.evaluate(evaluation);
      const more: Loads = [];
      check = remake(expected === omitted ? null : expected, more);
      if (more.length > 0) {
        throw new Problem('matcher-shape', {
          what: `the condition over ${name} needs a pattern or a schema that is written out`,
          remedy: 'name the value in a step with keep: before it',
        });
      }
    }
    return check.miss(found, {}) === undefined;
  };
}

/** What is at the end of a way such as `vessel.masts[1]`; undefined where it leads nowhere. */
function wayInto(text: string): (evaluation: Evaluation) => Value | undefined {
  const node = parseExpression(text);
  const keys = node.kind === 'path' ? node.steps.map((step) => ('key' in step ? step.key : undefined)) : [];
  if (node.kind !== 'path' || keys.includes(undefined)) {
    throw new Problem('matcher-shape', {
      what: `a condition is over a name, or a member of one, not over ${text}`,
      remedy: 'name the value in a step with keep: before it',
    });
  }
  return ({ names }) => {
    let value = names.lookup(node.name)?.value;
    for (const key of keys as (string | number)[]) {
      if (Array.isArray(value)) value = (value as readonly Value[]).at(Number(key));
      else value = isValueMap(value) && Object.hasOwn(value, key) ? value[key] : undefined;
    }
    return value;
  };
}
