/** `undo:` of a step: the request that takes it back, armed with the values as they are when the step ends. */
import type { UndoFile } from '../../collection/files/trail-file.js';
import { argumentsFor, planArguments, walkEvaluation } from '../names/arguments.js';
import { namesOf } from '../names/kept-names.js';
import type { PlanContext, Walk } from '../step-kind.js';
import { takeBack } from '../walking/taking-back.js';

/** @returns what arms it, for the step that is there in the run */
export async function planUndo(
  file: UndoFile,
  step: string,
  room: PlanContext,
): Promise<(walk: Walk, at: string) => void> {
  const prepared = await room.request(file.send, 'undo');
  const { name: request } = prepared.plan;
  const gives = planArguments(file.give, room, [...room.path, 'undo', 'give']);
  const wanted = prepared.plan.inputs.map(({ name }) => name);
  return (walk, at) => {
    const { workspace, row, journal } = walk;
    if (journal?.undoneBefore(at)) return;
    const scope = walk.scope.snapshot();
    if (journal && !journal.armedBefore(at)) {
      const value = argumentsFor(gives, workspace, scope, request);
      const given = namesOf(wanted, (name) => quietly(() => value(name)));
      const names = namesOf(workspace.outsideNames, (name) => scope.lookup(name));
      journal.armed({ at, step, request, row, given, names });
    }
    walk.undo.push({
      at,
      step,
      label: request,
      run(signal) {
        const given = argumentsFor(gives, workspace, scope, request);
        const caller = walkEvaluation(workspace, scope).names;
        return takeBack(workspace, prepared, { given, caller, signal, step: `undo of ${step}`, row }, journal, at);
      },
    });
  };
}

/** What is missing is told when the undo part runs. */
function quietly<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch {
    return undefined;
  }
}
