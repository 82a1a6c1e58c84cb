/** `send`: a request of the collection. */
import type { SendStepFile, UndoFile } from '../../collection/files/trail-file.js';
import { compileExpectations } from '../../expectation/expectations.js';
import { compileKeeps } from '../../expectation/keeps.js';
import { lazily, type Names } from '../../expression/names.js';
import type { Problem } from '../../problem/problem.js';
import { giver, planGives, walkEvaluation } from '../giving.js';
import type { Scope } from '../scope.js';
import { secretsIn, secretsOf } from '../secrets-ahead.js';
import { sendRequest } from '../send.js';
import type { Sent } from '../sending.js';
import type { ArmedUndo, PlanRoom, StepKind, StepResult, Walk } from '../step-kind.js';

export const send: StepKind<SendStepFile> = {
  name: 'send',
  fits: (file): file is SendStepFile => 'send' in file,
  async plan(file, room) {
    const { yaml, path, loads, workspace } = room;
    const prepared = await room.request(file.send, 'send');
    const label = file.name ?? prepared.plan.name;
    const gives = planGives(file.give, room, [...path, 'give']);
    const { namespaces } = prepared.plan.content;
    const { readText } = workspace;
    const expectations = compileExpectations(file.expect, yaml, [...path, 'expect'], readText, loads, namespaces);
    const keeps = compileKeeps(file.keep, yaml, [...path, 'keep'], loads, namespaces);
    const sessions = file.session === undefined ? undefined : file.session === 'none' ? [] : [file.session].flat();
    const undo = file.undo && (await planUndo(file.undo, label, room));

    return {
      kind: 'send',
      label,
      when: [],
      changes: prepared.plan.changes ? 1 : 0,
      secrets: [
        ...secretsIn(file.give, yaml, [...path, 'give']),
        ...secretsOf(
          workspace,
          workspace.collection.read('request', prepared.plan.name),
          sessions ?? prepared.plan.sessions,
          prepared.signer?.name,
        ),
      ],
      async walk(walk) {
        let left = false;
        try {
          const sent = await sendRequest(walk.workspace, prepared, {
            given: giver(gives, walk.workspace, walk.scope, label),
            caller: callerNames(walk),
            sessions: walk.forSession === undefined ? sessions : [],
            cookiesOf: walk.forSession === undefined ? undefined : [walk.forSession],
            expectations,
            keeps,
            signal: walk.signal,
            step: label,
            row: walk.row,
            onSent: () => {
              left = true;
            },
          });
          for (const { name, value, secret, place } of sent.kept)
            walk.scope.set(name, { value, secret, origin: `kept by step ${label} from ${place}` });
          if (lost(sent))
            walk.inDoubt.push(
              `${sent.wire.method} ${walk.workspace.redactor.hide(sent.wire.shownUrl)} (echo ${sent.echo})`,
            );
          if (undo && !refused(sent)) walk.undo.push(undo(walk.scope.snapshot(), walk));
          return { sent, kept: sent.kept.map(({ name }) => name), problems: sent.problems };
        } catch (error) {
          if (undo && left) walk.undo.push(undo(walk.scope.snapshot(), walk));
          throw error;
        }
      },
    };
  },
};

/** The names that expectations and keeps of the step see. */
function callerNames({ workspace, scope }: Walk): Names {
  return lazily(() => walkEvaluation(workspace, scope).names);
}

/** A 4xx says that nothing was done, so there is nothing to take back. */
function refused({ outcome: { received, trouble } }: Sent): boolean {
  return received !== undefined && trouble === undefined && received.status >= 400 && received.status < 500;
}

/** A changing call that left, and whose answer did not come. */
function lost({ request, outcome: { received, trouble } }: Sent): boolean {
  const never = new Set<Problem['code']>(['name-lookup', 'connection-refused', 'connection-timeout', 'tls-failed']);
  return request.changes && received === undefined && trouble !== undefined && !never.has(trouble.code);
}

async function planUndo(
  file: UndoFile,
  step: string,
  room: PlanRoom,
): Promise<(scope: Scope, walk: Walk) => ArmedUndo> {
  const prepared = await room.request(file.send, 'undo');
  const label = prepared.plan.name;
  const gives = planGives(file.give, room, [...room.path, 'undo', 'give']);
  return (scope, { workspace, row }) => ({
    step,
    label,
    async run(signal): Promise<StepResult> {
      const sent = await sendRequest(workspace, prepared, {
        given: giver(gives, workspace, scope, label),
        caller: walkEvaluation(workspace, scope).names,
        signal,
        step: `undo of ${step}`,
        row,
      });
      return { sent, kept: [], problems: sent.problems };
    },
  });
}
