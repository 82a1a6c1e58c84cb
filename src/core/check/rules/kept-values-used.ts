/**
 * Every value that is kept is used.
 *
 *     keep: {callId: $.id}         # holds where another request has an input callId, or a trail uses it
 */
import type { StepFile } from '../../collection/files/trail-file.js';
import type { YamlFile } from '../../collection/yaml.js';
import { namesWritten } from '../../expression/names-used.js';
import type { FilePosition } from '../../problem/problem.js';
import type { Value } from '../../value/written.js';
import type { Finding } from '../finding.js';
import type { Checked, Rule } from '../rule.js';
import { resolved, sentBy } from '../trail-steps.js';

type Path = readonly (string | number)[];
type Found = Omit<Finding, 'rule'>;

export const keptValuesUsed: Rule = {
  name: 'kept-values-used',
  must: 'every value that is kept is used',
  *check(checked) {
    const { requests, trails } = checked;
    const inputs = new Set([...requests.values()].flatMap(({ content }) => Object.keys(content.inputs ?? {})));
    const inTrails = new Set([...trails.values()].flatMap(({ content }) => namesWritten(content as unknown as Value)));
    for (const { content, yaml } of requests.values()) {
      for (const name of Object.keys(content.keep ?? {})) {
        if (!inputs.has(name) && !inTrails.has(name)) yield unused(name, yaml.position(['keep', name], 'key'));
      }
    }
    for (const { content, yaml } of trails.values()) {
      yield* inSteps(content.steps, ['steps'], content.table, { checked, yaml });
    }
  },
};

/** @param table what the values of these steps may leave in */
function* inSteps(
  steps: readonly StepFile[],
  path: Path,
  table: unknown,
  room: { readonly checked: Checked; readonly yaml: YamlFile },
): Generator<Found> {
  const { checked, yaml } = room;
  for (const [index, step] of steps.entries()) {
    const kept = 'keep' in step ? Object.keys(step.keep ?? {}) : [];
    for (const name of kept) {
      if (mentions(table, name) || usedAfter(name, steps.slice(index), checked)) continue;
      yield unused(name, yaml.position([...path, index, 'keep', name], 'key'));
    }
    if ('for-each' in step) yield* inSteps(step.steps, [...path, index, 'steps'], step.table, room);
  }
}

const unused = (name: string, where: FilePosition): Found => ({
  severity: 'warning',
  where,
  what: `${name} is kept, but nothing uses it`,
  remedy: 'remove it, or give the input that it is meant for the same name',
});

const mentions = (part: unknown, name: string): boolean => namesWritten((part ?? null) as Value).includes(name);

/** In an expression of a later step, or as an input of its request; the step itself counts for its undo part. */
function usedAfter(name: string, [own, ...later]: readonly StepFile[], { requests, collection }: Checked): boolean {
  const takes = (request: string): boolean =>
    requests.get(resolved(collection, 'request', request))?.content.inputs?.[name] !== undefined;
  if (own && 'undo' in own && own.undo && (mentions(own.undo, name) || takes(own.undo.send))) return true;
  if (own && 'keep' in own && !('send' in own || 'trail' in own || 'poll' in own) && mentions(own.keep, name))
    return true;
  return later.some(
    (step) => mentions(step, name) || inCondition(step, name) || sentBy(step).some(takes) || 'trail' in step,
  );
}

/** A condition names what it looks at: the name itself, or a way into it. */
function inCondition(step: StepFile, name: string): boolean {
  const inSet = (set: unknown): boolean =>
    typeof set === 'object' &&
    set !== null &&
    Object.entries(set).some(
      ([key, value]) =>
        key.split(/[.[]/, 1)[0] === name ||
        (key === 'not' && inSet(value)) ||
        (key === 'any' && Array.isArray(value) && value.some(inSet)),
    );
  return (
    inSet(step['only-if'] ?? step.when) || ('for-each' in step && step.steps.some((inner) => inCondition(inner, name)))
  );
}
