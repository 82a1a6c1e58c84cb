/**
 * A default is a value that its input allows, and an input that nobody is asked for has one.
 *
 *     inputs: {nights: {type: integer, at-most: 14, default: 2}}      # holds
 *     inputs: {nights: {type: integer, at-most: 14, default: 30}}     # does not
 */
import type { Loaded } from '../../collection/collection.js';
import type { RequestFile } from '../../collection/files/request-file.js';
import type { TrailFile } from '../../collection/files/trail-file.js';
import { defaultFault, planInputs } from '../../collection/inputs.js';
import type { Loads } from '../../expression/compile.js';
import type { Finding } from '../finding.js';
import type { Rule } from '../rule.js';

export const inputsSound: Rule = {
  name: 'inputs-sound',
  must: 'a default is a value that its input allows, and an input that nobody is asked for has one',
  async *check({ requests, trails }) {
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
          if (prompt === 'never' && fallback === undefined && !isGiven(plan.name, [...trails.values()]))
            yield {
              severity: 'warning',
              where: loaded.yaml.position(['inputs', plan.name], 'key'),
              what: `nobody is asked for the input ${plan.name} of ${loaded.name}, and it has no default`,
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

/** Any step may be what sends it. */
const isGiven = (input: string, trails: readonly Loaded<TrailFile>[]): boolean =>
  trails.some(({ yaml }) => new RegExp(`\\b${input.replace(/[^\w-]/g, '')}\\b`).test(yaml.text));
