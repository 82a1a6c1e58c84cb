/** What sending again needs to know of a request, its step and its environment. */
import type { Outcome } from '../../exchange/transfer/transport.js';
import { type Expectation, judge } from '../../expectation/expectations.js';
import type { Evaluation } from '../../expression/evaluation.js';
import type { Names } from '../../expression/names.js';
import { isRepeatable } from '../../pacing/repeatable.js';
import type { RetryContext } from '../../pacing/tries.js';
import type { PreparedRequest } from '../prepare.js';
import type { Sending } from '../sending.js';
import type { Workspace } from '../workspace.js';
import type { Composed } from './conversation.js';

export function retryContext(
  workspace: Workspace,
  prepared: PreparedRequest,
  { expectations = [], caller, signal }: Sending,
  { request, bare }: Composed,
  evaluation: (names?: Names) => Evaluation,
): RetryContext {
  const { host } = bare.url;
  const policy = prepared.retry ? prepared.retry.policy : workspace.retry;
  const holds = async (wanted: readonly Expectation[], { received }: Outcome, own: Evaluation): Promise<boolean> =>
    received !== undefined &&
    (await judge(wanted, received, own, { documented: () => undefined })).every(({ ok }) => ok);
  const onStatus = (of: readonly Expectation[]): Expectation[] => of.filter(({ place }) => place.text === 'status');
  return {
    gate: workspace.gate(host),
    host,
    policy,
    repeatable: isRepeatable(request),
    signal,
    patience: workspace.patience,
    onWait: workspace.listeners.waiting,
    async expected(outcome) {
      const [ofStep, own] = [onStatus(expectations), onStatus(prepared.expectations)];
      // What a step says of the status is in place of what its request says.
      if (ofStep.length > 0) return holds(ofStep, outcome, evaluation(caller));
      return own.length > 0 && holds(own, outcome, evaluation());
    },
    busy: (outcome) => holds(policy?.busy ?? [], outcome, evaluation()),
  };
}
