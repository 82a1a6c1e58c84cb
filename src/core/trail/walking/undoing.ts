/** Undo parts: armed when their step is sent, run newest first once the steps have come to their end. */

import { callInDoubt, isRepeatable } from '../../pacing/repeatable.js';
import { asProblem, type Problem } from '../../problem/problem.js';
import { isLost } from '../../sending/lost-calls.js';
import type { UndoState } from '../events.js';
import type { ArmedUndo, StepResult, TrailPlan, Walk } from '../step-kind.js';
import { walkSteps } from './walk-steps.js';

/** @param signal ends it early: a second Ctrl-C */
async function undoAll(walk: Walk, signal: AbortSignal | undefined): Promise<void> {
  for (const armed of walk.undo.reverse()) await undoOne(armed, walk, signal);
}

async function undoOne(armed: ArmedUndo, walk: Walk, signal: AbortSignal | undefined): Promise<void> {
  const { step, label, at, run } = armed;
  const { state, sent, problem } = await undoState(run, signal);
  walk.report({ event: 'undo', label, step, state, row: walk.row, sent, problem });
  walk.journal?.undone(at, state, problem);
}

export interface Undone {
  readonly state: UndoState;
  readonly sent: StepResult['sent'];
  readonly problem: StepResult['problems'][number] | undefined;
}

export async function undoState(run: ArmedUndo['run'], signal: AbortSignal | undefined): Promise<Undone> {
  try {
    const { sent, problems } = await run(signal);
    const [problem] = problems;
    // Sent again on its own it might take back more than was made.
    if (sent && isLost(sent) && !isRepeatable(sent.request))
      return { state: 'in doubt', sent, problem: callInDoubt(`${sent.wire.method} ${sent.wire.shownUrl}`) };
    // What is gone already need not be taken back.
    const gone = sent?.outcome.received?.status === 404 || sent?.outcome.received?.status === 410;
    return { state: problem ? (gone ? 'not needed' : 'failed') : 'done', sent, problem: gone ? undefined : problem };
  } catch (error) {
    const problem = asProblem(error);
    const missing = problem.code === 'input-missing' || problem.code === 'unknown-name';
    const state = problem.code === 'in-doubt' ? 'in doubt' : missing ? 'impossible' : 'failed';
    return { state, sent: undefined, problem };
  }
}

/** What a walk came to, and whether anything of it was taken back. */
export interface Walked {
  readonly problem: Problem | undefined;
  readonly takenBack: boolean;
}

export async function walkWithUndo(plan: TrailPlan, walk: Walk, undoSignal: AbortSignal | undefined): Promise<Walked> {
  const problem = await walkSteps(plan.steps, walk);
  const due = plan.undo === 'always' || (plan.undo === 'failure' && problem !== undefined);
  // Where nothing was sent, there is nothing to take back.
  const takenBack = due && walk.undo.length > 0 && !walk.workspace.dryRun;
  if (takenBack) await undoAll(walk, undoSignal);
  return { problem, takenBack };
}
