/**
 * A default is a value that its input allows, and an input that is not asked for has one.
 *
 *     inputs: {nights: {type: integer, at-most: 14, default: 2}}      # holds
 *     inputs: {nights: {type: integer, at-most: 14, default: 30}}     # does not
 */
import type { Loaded } from '../../collection/collection.js';
import type { RequestFile } from '../../collection/files/request-file.js';
import type { TrailFile } from '../../collection/files/trail-file.js';
import { defaultFault, planInputs } from '../../collection/variables/inputs.js';
import type { Loads } from '../../expression/compile.js';
import type { Value } from '../../value/written.js';
import type { Finding } from '../finding.js';
import { namesMade } from '../names-made.js';
import { allReadable } from '../readable.js';
import type { Checked, Rule } from '../rule.js';
import { columnsOf } from './trail-names-resolve.js';

export const inputsSound: Rule = {
  name: 'inputs-sound',
  must: 'a default is a value that its input allows, and an input that is not asked for has one',
  async *check(checked) {
    const { requests, trails } = checked;
    const given = namesGiven(checked);
    for (const [kind, files] of [
      ['request', requests],
      ['trail', trails],
    ] as const) {
      for (const loaded of files.values()) {
        const loads: Loads = [];
        const plans = planInputs(loaded.content.inputs, loaded, `${kind} ${loaded.name}`, loads);
        await Promise.all(loads);
        for (const plan of plans) {
          const { prompt, default: fallback } = plan.declaration;
          if (prompt === 'never' && fallback === undefined && !given.has(plan.name))
            yield {
              severity: 'warning',
              where: loaded.yaml.position(['inputs', plan.name], 'key'),
              what: `the input ${plan.name} of ${loaded.name} is not asked for, and has no default`,
              remedy: 'default: VALUE, or prompt: always',
            };
          yield* wrongDefault(loaded, plan);
        }
      }
    }
  },
};

function* wrongDefault(
  { yaml }: Loaded<RequestFile | TrailFile>,
  plan: ReturnType<typeof planInputs>[number],
): Generator<Omit<Finding, 'rule'>> {
  const fault = defaultFault(plan);
  if (!fault) return;
  const { what, reason } = fault;
  yield {
    severity: 'error',
    where: yaml.position(['inputs', plan.name, 'default']),
    what: `${what}${reason === undefined ? '' : `: ${reason}`}`,
    remedy: 'the default must be a value that the input itself allows',
  };
}

/** Names that a trail or a session may bring along. */
function namesGiven(checked: Checked): ReadonlySet<string> {
  const { trails, collection } = checked;
  const files = [...trails.values(), ...allReadable(collection, 'session')];
  return new Set([
    ...files.flatMap(({ content }) => namesMade(content as unknown as Value)),
    ...[...trails.values()].flatMap((trail) => columnsOf(checked, trail) ?? []),
  ]);
}
