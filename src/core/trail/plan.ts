/** A trail file made ready: every request and trail in it is read before the first step is taken. */
import type { StepFile, TrailFile } from '../collection/files/trail-file.js';
import { planInputs } from '../collection/variables/inputs.js';
import type { YamlFile } from '../collection/yaml.js';
import type { Loads } from '../expression/compile.js';
import { asProblem, Problem } from '../problem/problem.js';
import type { Preparation } from '../sending/preparation.js';
import type { PreparedRequest } from '../sending/prepare.js';
import type { Workspace } from '../sending/workspace.js';
import type { Value } from '../value/written.js';
import { compileCondition } from './conditions.js';
import { planRows } from './rows/rows-plan.js';
import type { PlanContext, PlannedStep, TrailPlan } from './step-kind.js';
import { stepKindOf } from './steps/registry.js';
import { send } from './steps/send.js';
import { planTable } from './table/table.js';

/** What the command line says in place of the file. */
export interface PlanWishes {
  readonly rows?: string | undefined;
  readonly atOnce?: number | undefined;
  /** It is walked in several environments. */
  readonly several?: boolean | undefined;
}

/**
 * @param above the trails that lead here, so that a circle is seen
 * @throws Problem about anything in the trail or in what it names
 */
export async function planTrail(
  preparation: Preparation,
  given: string,
  wishes: PlanWishes = {},
  above: readonly string[] = [],
  many = wishes.several ?? false,
): Promise<TrailPlan> {
  const { collection } = preparation;
  const { name, content, yaml } = collection.read('trail', given);
  if (above.includes(name)) {
    throw new Problem('circle', {
      what: `the trails ${[...above, name].join(', ')} lead to each other in a circle`,
      where: { file: yaml.file },
    });
  }
  const loads: Loads = [];
  const texts = [yaml.text];
  const placed = async <T>(path: readonly (string | number)[], work: () => Promise<T>): Promise<T> => {
    try {
      return await work();
    } catch (error) {
      throw asProblem(error).at(yaml.position(path));
    }
  };
  const planSteps = async (
    files: readonly StepFile[],
    path: readonly (string | number)[],
    ofMany: boolean,
  ): Promise<readonly PlannedStep[]> => {
    const steps: PlannedStep[] = [];
    for (const [index, file] of files.entries()) {
      const at = [...path, index];
      const room: PlanContext = {
        preparation,
        collection,
        yaml,
        path: at,
        loads,
        request: (request, key) => placed([...at, key], async () => preparation.prepare(request)),
        trail: (trail, key) =>
          placed([...at, key], async () => {
            const inner = await planTrail(preparation, trail, {}, [...above, name], ofMany);
            texts.push(inner.text);
            return inner;
          }),
        many: ofMany,
        steps: (inner, below, innerMany) => planSteps(inner, below, ofMany || innerMany),
      };
      steps.push(await planStep(file, room));
    }
    return steps;
  };
  const rows = rowsOf(content, wishes, yaml, loads, collection.root);
  const steps = await planSteps(content.steps, ['steps'], many || rows !== undefined);
  const plan: TrailPlan = {
    name,
    file: 'trail',
    steps,
    takes: [...Object.keys(content.inputs ?? {}), ...steps.flatMap(({ takes }) => takes ?? [])],
    inputs: planInputs(content.inputs, { yaml }, `trail ${name}`, loads),
    rows,
    atOnce: wishes.atOnce ?? content['at-once'] ?? 1,
    undo: content.undo ?? 'failure',
    table: content.table && planTable(content.table, { yaml, loads, many }, ['table']),
    text: texts.join('\n'),
  };
  await Promise.all(loads);
  return plan;
}

const onCommandLine = (): undefined => undefined;

function rowsOf(
  { rows }: TrailFile,
  wishes: PlanWishes,
  yaml: YamlFile,
  loads: Loads,
  root: string,
): TrailPlan['rows'] {
  if (wishes.rows !== undefined) return planRows(wishes.rows, onCommandLine, loads, root);
  return rows === undefined ? undefined : planRows(rows as string | Value[], yaml.position, loads, root);
}

async function planStep(file: StepFile, room: PlanContext): Promise<PlannedStep> {
  const { yaml, loads, preparation, path } = room;
  const kind = stepKindOf(file);
  if (!kind) throw new Problem('file-shape', { what: 'the step is of an unknown kind', where: yaml.position(path) });
  const planned = await kind.plan(file, room);
  const { readText } = preparation;
  // The second is what the key was called before.
  const [key, another] = (['only-if', 'when'] as const).filter((name) => file[name] !== undefined);
  if (another !== undefined)
    throw new Problem('file-shape', {
      what: '`only-if` and its former name `when` cannot be combined',
      where: yaml.position([...path, another], 'key'),
      remedy: 'write all of it under only-if',
    });
  const set = key && file[key];
  const onlyIf = set && compileCondition(set, [...path, key], { yaml, loads, readText });
  return { ...planned, onlyIf };
}

/** A request walked as a trail of one step, so that `run` takes both. */
export async function requestAsTrail(
  workspace: Workspace,
  prepared: PreparedRequest,
  wishes: PlanWishes = {},
): Promise<TrailPlan> {
  const { yaml, name } = prepared.plan;
  const loads: Loads = [];
  const nothingInside = (): Promise<never> =>
    Promise.reject(new Problem('circle', { what: 'a request has neither trails nor steps' }));
  const room: PlanContext = {
    preparation: workspace,
    collection: workspace.collection,
    yaml,
    path: [],
    loads,
    request: async () => prepared,
    trail: nothingInside,
    many: false,
    steps: nothingInside,
  };
  const step = await send.plan({ send: name }, room);
  const rows =
    wishes.rows === undefined ? undefined : planRows(wishes.rows, onCommandLine, loads, workspace.collection.root);
  await Promise.all(loads);
  return {
    name,
    file: 'request',
    steps: [{ ...step, onlyIf: undefined }],
    takes: prepared.plan.inputs.map((input) => input.name),
    // Only what the command line names; the request has its defaults itself.
    inputs: prepared.plan.inputs.filter((input) => workspace.settings.has(input.name)),
    rows,
    atOnce: wishes.atOnce ?? 1,
    undo: 'never',
    table: undefined,
    text: yaml.text,
  };
}
