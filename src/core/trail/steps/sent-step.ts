/** What steps that send one request have in common: its inputs, its sessions, what is kept of its response. */
import type { PollStepFile, SendStepFile } from '../../collection/files/trail-file.js';
import { compileKeeps, type Keep, type Kept } from '../../expectation/keeps.js';
import { lazily } from '../../expression/names.js';
import type { PreparedRequest } from '../../sending/prepare.js';
import type { Sending } from '../../sending/sending.js';
import { type Arguments, argumentsFor, planArguments, walkEvaluation } from '../names/arguments.js';
import type { Need } from '../needs/need.js';
import { needsIn, needsOf } from '../needs/needs.js';
import type { PlanContext, Walk } from '../step-kind.js';

export interface SentStep {
  readonly prepared: PreparedRequest;
  readonly label: string;
  readonly needs: readonly Need[];
  readonly gives: Arguments;
  /** What is kept of its response. */
  readonly gains: readonly string[];
  /** What every sending of it brings along. @param own what its kind of step adds */
  sending(walk: Walk, own?: Pick<Sending, 'expectations' | 'idempotencyKey' | 'onLeaving'>): Sending;
  /** Puts what was kept where the steps behind it find it. @returns the names */
  keep(walk: Walk, kept: readonly Kept[]): string[];
}

/** @param key the key of the step under which the request stands */
export async function planSent(
  file: Pick<SendStepFile & PollStepFile, 'name' | 'give' | 'session' | 'keep'>,
  request: string,
  key: 'send' | 'poll',
  room: PlanContext,
): Promise<SentStep> {
  const { yaml, path, loads, collection } = room;
  const prepared = await room.request(request, key);
  const { name, content, sessions: usual } = prepared.plan;
  const label = file.name ?? name;
  const gives: Arguments = planArguments(file.give, room, [...path, 'give']);
  const keeps: readonly Keep[] = compileKeeps(file.keep, yaml, [...path, 'keep'], loads, content.namespaces);
  const sessions = file.session === undefined ? undefined : file.session === 'none' ? [] : [file.session].flat();
  const own = collection.read('request', name);
  return {
    prepared,
    label,
    gives,
    gains: [...prepared.keeps, ...keeps].map((one) => one.name),
    needs: [
      ...needsIn(file.give, yaml, [...path, 'give']),
      ...needsOf(collection, own, sessions ?? usual, prepared.signer?.name),
    ],
    // One literal, nothing spread: a run makes thousands of them.
    sending: ({ workspace: at, scope, signal, row, forSession }, own) => ({
      given: argumentsFor(gives, at, scope, label),
      // Most sendings never look at the names of the walk.
      caller: lazily(() => walkEvaluation(at, scope).names),
      sessions: forSession === undefined ? sessions : [],
      cookiesOf: forSession === undefined ? undefined : [forSession],
      changesNothing: forSession !== undefined,
      keeps,
      signal,
      step: label,
      row,
      expectations: own?.expectations ?? [],
      idempotencyKey: own?.idempotencyKey,
      onLeaving: own?.onLeaving,
    }),
    keep({ scope }, kept) {
      const names: string[] = [];
      for (const { name: as, value, secret, place } of kept) {
        scope.set(as, { value, secret, origin: `kept by step ${label} from ${place}` });
        names.push(as);
      }
      return names;
    },
  };
}
