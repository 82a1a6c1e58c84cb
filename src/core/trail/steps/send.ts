/** `send`: a request of the collection; where it has pages, all of them. */
import type { SendStepFile } from '../../collection/files/trail-file.js';
import { compileExpectations } from '../../expectation/expectations.js';
import type { Kept } from '../../expectation/keeps.js';
import { callInDoubt, isRepeatable } from '../../pacing/repeatable.js';
import { Problem } from '../../problem/problem.js';
import { isLost } from '../../sending/lost-calls.js';
import { gathered, type PageCount, pagesOf } from '../../sending/pages.js';
import { documentedAhead, type PreparedRequest } from '../../sending/prepare.js';
import { sendRequest } from '../../sending/send.js';
import type { Sending, Sent } from '../../sending/sending.js';
import { unreadPages } from '../../sending/unread.js';
import type { StepDetails } from '../events.js';
import type { StepKind, Walk } from '../step-kind.js';
import { keysOf, partsOf, plainOutline } from '../step-outline.js';
import { planSent } from './sent-step.js';
import { planUndo } from './undo-part.js';

export const send: StepKind<SendStepFile> = {
  name: 'send',
  fits: (file): file is SendStepFile => 'send' in file,
  outline({ undo, ...file }) {
    const own = { name: file.send, path: ['send'], give: file.give, givePath: ['give'] };
    const back = undo && {
      name: undo.send,
      path: ['undo', 'send'],
      give: undo.give,
      givePath: ['undo', 'give'],
      undoes: file.send,
    };
    return {
      ...plainOutline,
      sends: back ? [own, back] : [own],
      keeps: keysOf(file.keep),
      leavesKeptBy: [file.send],
      before: partsOf(file),
      after: undo ? [{ value: undo, path: ['undo'] }] : [],
    };
  },
  async plan(file, room) {
    const { yaml, path, loads, preparation } = room;
    const step = await planSent(file, file.send, 'send', room);
    const { prepared, label } = step;
    const { namespaces } = prepared.plan.content;
    const expectations = compileExpectations(
      file.expect,
      yaml,
      [...path, 'expect'],
      preparation.readText,
      loads,
      namespaces,
      documentedAhead(room.collection, prepared.plan),
    );
    const undo = file.undo && (await planUndo(file.undo, label, room));

    return {
      kind: 'send',
      label,
      changes: prepared.plan.changes ? 1 : 0,
      requests: [prepared],
      gives: step.gives,
      gains: step.gains,
      needs: step.needs,
      async walk(walk, at) {
        const before = walk.journal?.known(at);
        const { method, changes } = prepared.plan;
        if (before?.state === 'under way' && !isRepeatable({ method, changes, idempotencyKey: before.key })) {
          // What its undo part would take back may be there.
          walk.report({ event: 'in-doubt', call: before.call });
          throw callInDoubt(before.call);
        }
        let left = false;
        try {
          const sending = step.sending(walk, {
            expectations,
            idempotencyKey: before?.key,
            onLeaving: ({ changes, idempotencyKey }, call) => {
              // Each further try carries the same key.
              const first = !left;
              left = true;
              return first && changes ? walk.journal?.leaving(at, walk.row, call(), idempotencyKey) : undefined;
            },
          });
          const paged = prepared.pages && (await allPages(prepared, sending, walk));
          const sent = paged?.sent ?? (await sendRequest(walk.workspace, prepared, sending));
          const names = step.keep(walk, paged?.kept ?? sent.kept);
          if (isLost(sent)) {
            const { wire, echo } = sent;
            walk.report({ event: 'in-doubt', call: `${wire.method} ${wire.shownUrl} (echo ${echo})` });
          }
          if (undo && !refused(sent)) undo(walk, at);
          return {
            sent,
            kept: names,
            problems: sent.problems,
            told: paged ? { pages: paged.pages } : unread(walk, sent),
          };
        } catch (error) {
          if (undo && left) undo(walk, at);
          throw error;
        }
      },
      restore(walk, at) {
        undo?.(walk, at);
      },
    };
  },
};

/** What is kept of pages is put together; the last page stands for all. */
async function allPages(
  prepared: PreparedRequest,
  sending: Sending,
  { workspace }: Walk,
): Promise<{ readonly sent: Sent; readonly kept: readonly Kept[]; readonly pages: PageCount }> {
  let kept = new Map<string, Kept>();
  for await (const page of pagesOf(workspace, prepared, sending)) {
    kept = gathered(kept, page.sent.kept);
    if (page.last) return { sent: page.sent, kept: [...kept.values()], pages: page.count };
  }
  throw new Problem('fault', { what: 'pages ended without a last one' });
}

/** A list that is kept of one response is taken for all there is. */
function unread({ workspace }: Walk, sent: Sent): StepDetails | undefined {
  const further = sent.kept.some(({ value }) => Array.isArray(value)) ? unreadPages(workspace, sent) : undefined;
  return further && { further };
}

/** A 4xx says that nothing was done, so there is nothing to take back. */
function refused({ outcome: { received, trouble } }: Sent): boolean {
  return received !== undefined && trouble === undefined && received.status >= 400 && received.status < 500;
}
