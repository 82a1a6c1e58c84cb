/** Steps, one after the other, until one fails. */
import { asProblem, interruption, type Problem } from '../../problem/problem.js';
import { moreSevere } from '../../problem/severity.js';
import type { ValueMap } from '../../value/written.js';
import type { StepEvent } from '../events.js';
import { walkEvaluation } from '../names/arguments.js';
import { namesOf } from '../names/kept-names.js';
import type { PlannedStep, StepResult, Walk } from '../step-kind.js';
import { placedCells } from '../table/table.js';

/** Reports each step. @returns the gravest problem of the one that failed */
export async function walkSteps(steps: readonly PlannedStep[], walk: Walk): Promise<Problem | undefined> {
  for (let index = 0; index < steps.length; index += 1) {
    if (walk.signal.aborted) return interruption();
    const step = steps[index] as PlannedStep;
    const at = `${walk.at}/${index}`;
    const before = restored(step, walk, at);
    if (before === alreadyDone) continue;
    if (before) return before;
    let skipped = false;
    let result = nothing;
    try {
      skipped = step.onlyIf !== undefined && !step.onlyIf(walkEvaluation(walk.workspace, walk.scope));
      if (!skipped) result = await step.walk(walk, at);
    } catch (error) {
      result = failedResult(asProblem(error), step, walk);
    }
    if (walk.workspace.dryRun) for (const name of step.gains) walk.assumed.add(name);
    const problem = ended(step, walk, at, result, skipped);
    if (problem) return problem;
  }
  return undefined;
}

const alreadyDone = Symbol('already done');

/** In a resumed run: what an earlier command did of a step is put in place; undefined where it is to be walked. */
function restored(step: PlannedStep, walk: Walk, at: string): Problem | typeof alreadyDone | undefined {
  const before = walk.journal?.known(at);
  if (!before || !step.restore || before.state === 'under way') return undefined;
  for (const { name, ...named } of before.kept) walk.scope.set(name, named);
  if (before.cells.length > 0)
    walk.last.cells = Object.fromEntries(before.cells.map(({ name, value }) => [name, value]));
  step.restore(walk, at);
  return before.problem ?? alreadyDone;
}

const nothing: StepResult = { sent: undefined, kept: [], problems: [] };

/** Writes down and tells how a step ended. @returns the gravest problem where it failed */
function ended(step: PlannedStep, walk: Walk, at: string, result: StepResult, skipped: boolean): Problem | undefined {
  const { sent, kept, problems } = result;
  const [first] = problems;
  const received = sent?.outcome.received;
  if (received && walk.table && walk.table.places.size > 0) {
    const cells = placedCells(walk.table, received);
    // A failed step keeps the cells of earlier steps, such as the id of what they created.
    walk.last.cells = first ? { ...walk.last.cells, ...withoutNulls(cells) } : cells;
  }
  // What was interrupted did not end: a resumed run takes the step again, or says that it is in doubt.
  if (walk.journal && step.restore && !skipped && !(first && walk.signal.aborted))
    walk.journal.step(
      at,
      namesOf(kept, (name) => walk.scope.lookup(name)),
      walk.table && walk.table.places.size > 0 ? walk.last.cells : undefined,
      sent?.echo,
      first,
    );
  // An interrupted row or iteration has not failed.
  if (first?.code === 'interrupted' && (walk.row !== undefined || walk.member !== undefined)) return first;
  walk.report(stepEvent(step, walk, first ? 'failed' : skipped ? 'skipped' : 'ok', result));
  if (result.table) walk.report(result.table);
  return first && problems.reduce(moreSevere);
}

const withoutNulls = (cells: ValueMap): ValueMap =>
  Object.fromEntries(Object.entries(cells).filter(([, value]) => value !== null));

const stepEvent = (
  { kind, label }: PlannedStep,
  { depth, row, rowLabel, member }: Walk,
  state: StepEvent['state'],
  { sent, kept, problems, told }: StepResult,
): StepEvent => ({ event: 'step', kind, label, state, depth, row, rowLabel, member, sent, kept, problems, told });

/** Where nothing is sent, what a response would have given is not known, and what needs it cannot be shown. */
function failedResult(problem: Problem, step: PlannedStep, walk: Walk): StepResult {
  return walk.workspace.dryRun && dependsOnResponse(problem, step, walk)
    ? { ...nothing, told: { unknown: problem.what } }
    : { ...nothing, problems: [problem] };
}

/** What a row or the command line gave wrongly is wrong without any response, and so is a name that no step leaves behind. */
function dependsOnResponse({ code, data }: Problem, step: PlannedStep, { assumed }: Walk): boolean {
  const about = (key: 'name' | 'input'): boolean => assumed.has(String(data[key]));
  switch (code) {
    case 'unknown-name':
      return about('name');
    case 'input-missing':
    case 'input-value':
      return (
        about('input') ||
        (assumed.size > 0 && step.gives?.has(String(data.input)) === true) ||
        // What a session supplies is known when it is open.
        String(data.origin).startsWith('session ')
      );
    case 'data-shape':
      return assumed.size > 0;
    default:
      return false;
  }
}
