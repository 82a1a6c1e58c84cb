/** A trail file made ready: every request and trail in it is read before the first step is taken. */
import type { StepFile } from '../collection/files/trail-file.js';
import { planInputs } from '../collection/inputs.js';
import type { YamlFile } from '../collection/yaml.js';
import type { Loads } from '../expression/compile.js';
import { compileTree } from '../expression/tree.js';
import { compileMatchers } from '../matcher/compile.js';
import { asProblem, Problem } from '../problem/problem.js';
import type { Value } from '../value/written.js';
import { loadRowReader } from './rows.js';
import type { Condition, PlannedStep, PlanRoom, TrailPlan } from './step-kind.js';
import { stepKinds } from './steps/registry.js';
import type { Workspace } from './workspace.js';

/**
 * @param above the trails that lead here, so that a circle is seen
 * @throws Problem about anything in the trail or in what it names
 */
export async function planTrail(
  workspace: Workspace,
  given: string,
  above: readonly string[] = [],
): Promise<TrailPlan> {
  const { collection } = workspace;
  const { name, content, yaml } = collection.read('trail', given);
  if (above.includes(name)) {
    throw new Problem('circle', {
      what: `the trails ${[...above, name].join(', ')} lead to each other in a circle`,
      where: { file: yaml.file },
    });
  }
  const loads: Loads = [];
  const steps: PlannedStep[] = [];
  for (const [index, file] of content.steps.entries()) {
    const path = ['steps', index];
    const placed = async <T>(key: string, work: Promise<T>): Promise<T> => {
      try {
        return await work;
      } catch (error) {
        throw asProblem(error).at(yaml.position([...path, key]));
      }
    };
    steps.push(
      await planStep(file, {
        workspace,
        collection,
        yaml,
        path,
        loads,
        request: (request, key) =>
          placed(
            key,
            Promise.resolve().then(() => workspace.prepare(request)),
          ),
        trail: (trail, key) => placed(key, planTrail(workspace, trail, [...above, name])),
      }),
    );
  }
  const plan: TrailPlan = {
    name,
    steps,
    takes: Object.keys(content.inputs ?? {}),
    inputs: planInputs(content.inputs, { yaml }, `trail ${name}`, loads),
    rows: content.rows,
    atOnce: content['at-once'] ?? 1,
    undo: content.undo ?? 'failure',
  };
  if (plan.rows !== undefined) loads.push(loadRowReader());
  await Promise.all(loads);
  return plan;
}

async function planStep(file: StepFile, room: PlanRoom): Promise<PlannedStep> {
  const kind = stepKinds.find((one) => one.fits(file));
  if (!kind)
    throw new Problem('file-shape', { what: 'the step is of no known kind', where: room.yaml.position(room.path) });
  const planned = await kind.plan(file, room);
  return { ...planned, when: conditions(file.when, room.yaml, [...room.path, 'when'], room) };
}

function conditions(
  when: Readonly<Record<string, Value>> | undefined,
  yaml: YamlFile,
  path: readonly (string | number)[],
  { loads, workspace }: PlanRoom,
): Condition[] {
  return Object.entries(when ?? {}).map(([name, value]) => {
    const where = yaml.position([...path, name]);
    try {
      const tree = compileTree(value, (inner) => yaml.position([...path, name, ...inner]), loads);
      if (tree.constant === undefined) {
        throw new Problem('matcher-shape', {
          what: 'a condition compares with values that are written there',
          remedy: 'name the value in a step with keep: before it',
        });
      }
      return {
        name,
        tree,
        check: compileMatchers(tree.constant, { subject: { strict: false }, loads, readText: workspace.readText }),
      };
    } catch (error) {
      throw asProblem(error).at(where);
    }
  });
}
