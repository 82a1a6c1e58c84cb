/** Steps, one after the other, until one fails. */
import { asProblem, Problem } from '../problem/problem.js';
import { walkEvaluation } from './giving.js';
import { graver } from './gravity.js';
import type { PlannedStep, StepResult, Walk } from './step-kind.js';

/** Reports each step. @returns the gravest problem of the one that failed */
export async function walkSteps(steps: readonly PlannedStep[], walk: Walk): Promise<Problem | undefined> {
  for (const [index, step] of steps.entries()) {
    if (walk.signal.aborted) return new Problem('interrupted', { what: 'interrupted' });
    const at = `${walk.at}/${index}`;
    const before = walk.journal?.known(at);
    if (before && step.restore && before.state !== 'under way') {
      const { problem, kept } = before;
      for (const { name, ...named } of kept) walk.scope.set(name, named);
      step.restore(walk, at);
      if (problem) return problem;
      continue;
    }
    const problem = await walkStep(step, walk, at);
    if (problem) return problem;
  }
  return undefined;
}

async function walkStep(step: PlannedStep, walk: Walk, at: string): Promise<Problem | undefined> {
  const { depth, row, rowLabel, member, journal } = walk;
  const base = { event: 'step', kind: step.kind, label: step.label, depth, row, rowLabel, member } as const;
  try {
    if (step.when && !step.when(walkEvaluation(walk.workspace, walk.scope))) {
      walk.report({ ...base, state: 'skipped', sent: undefined, kept: [], problems: [], told: undefined });
      return undefined;
    }
  } catch (error) {
    const problem = asProblem(error);
    walk.report({ ...base, state: 'failed', sent: undefined, kept: [], problems: [problem], told: undefined });
    return problem;
  }
  const { sent, kept, problems, told } = await stepResult(step, walk, at);
  if (sent?.outcome.received) walk.last.received = sent.outcome.received;
  const failed = problems.length > 0;
  // What was interrupted did not end: a resumed run takes the step again, or says that it is in doubt.
  if (journal && step.restore && !(failed && walk.signal.aborted))
    journal.step(at, walk, kept, sent?.echo, problems[0]);
  walk.report({ ...base, state: failed ? 'failed' : 'ok', sent, kept, problems, told });
  return failed ? problems.reduce(graver) : undefined;
}

async function stepResult(step: PlannedStep, walk: Walk, at: string): Promise<StepResult> {
  try {
    return await step.walk(walk, at);
  } catch (error) {
    // Where nothing is sent, what an answer would have given is not known, and what needs it cannot be shown.
    if (walk.workspace.dryRun && isUnknown(asProblem(error)))
      return { sent: undefined, kept: [], problems: [], told: { unknown: asProblem(error).what } };
    return { sent: undefined, kept: [], problems: [asProblem(error)] };
  }
}

const isUnknown = ({ code }: Problem): boolean =>
  code === 'unknown-name' || code === 'input-missing' || code === 'input-value' || code === 'data-shape';
