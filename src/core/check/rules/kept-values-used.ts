/**
 * Every value that is kept is used.
 *
 *     keep: {callId: $.id}         # holds where another request has an input callId, or a trail uses it
 */
import type { StepFile } from '../../collection/files/trail-file.js';
import type { YamlFile } from '../../collection/yaml.js';
import { namesWritten } from '../../expression/names-used.js';
import type { FilePosition } from '../../problem/problem.js';
import { everyStep, outlineOf } from '../../trail/steps/registry.js';
import type { Value } from '../../value/written.js';
import type { Finding } from '../finding.js';
import type { Checked, Rule } from '../rule.js';
import { resolved } from '../trail-steps.js';

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
    const { keeps, inner } = outlineOf(step);
    for (const name of keeps) {
      if (mentions(table, name) || usedAfter(name, steps.slice(index), checked)) continue;
      yield unused(name, yaml.position([...path, index, 'keep', name], 'key'));
    }
    if (inner) yield* inSteps(inner.steps, [...path, index, 'steps'], inner.table, room);
  }
}

const unused = (name: string, where: FilePosition): Found => ({
  severity: 'warning',
  where,
  what: `${name} is kept, but nothing uses it`,
  remedy: 'remove it, or give the input that it is meant for the same name',
});

const mentions = (part: unknown, name: string): boolean => namesWritten((part ?? null) as Value).includes(name);

/** In an expression of a later step, or as an input of its request; of the step itself what sees what it gained counts. */
function usedAfter(name: string, [own, ...later]: readonly StepFile[], { requests, collection }: Checked): boolean {
  const takes = (request: string): boolean =>
    requests.get(resolved(collection, 'request', request))?.content.inputs?.[name] !== undefined;
  const { after, sends } = outlineOf(own as StepFile);
  if (after.some(({ value }) => mentions(value, name))) return true;
  if (sends.some((call) => call.undoes !== undefined && takes(call.name))) return true;
  if (later.some((step) => mentions(step, name))) return true;
  return [...everyStep(later)].some(
    ({ step, outline }) =>
      inCondition(step['only-if'] ?? step.when, name) ||
      outline.walks.length > 0 ||
      outline.sends.some((call) => takes(call.name)),
  );
}

/** A condition names what it looks at: the name itself, or a way into it. */
const inCondition = (set: unknown, name: string): boolean =>
  typeof set === 'object' &&
  set !== null &&
  Object.entries(set).some(
    ([key, value]) =>
      key.split(/[.[]/, 1)[0] === name ||
      (key === 'not' && inCondition(value, name)) ||
      (key === 'any' && Array.isArray(value) && value.some((one) => inCondition(one, name))),
  );
