/** Sends through the gate of a host, and retries when the server throttles or the response is lost. */
import type { Outcome } from '../exchange/transfer/transport.js';
import { asProblem, interruption, type Problem } from '../problem/problem.js';
import { durationText } from '../value/measures.js';
import type { HostGate } from './host-gate.js';
import { ownWait, type RetryPolicy } from './retry-policy.js';
import { spent, waitAsked } from './server-waits.js';

/** The host throttles: everything for it waits. */
export interface Wait {
  readonly host: string;
  /** Milliseconds from now until the host is called again. */
  readonly wait: number;
  /** How many milliseconds were added to a wait that was already running. */
  readonly added: number;
  /** `status 429`, `too busy`, a problem's code, `quota spent`. */
  readonly why: string;
  /** Whether the server said how long. */
  readonly told: boolean;
}

/** Counters of a walk. */
export interface Patience {
  /** Throttled responses. */
  throttled: number;
  /** Requests that were retried. */
  triedAgain: number;
  /** Milliseconds during which hosts were left alone. */
  waited: number;
}

export interface RetryContext {
  readonly gate: HostGate;
  readonly host: string;
  readonly policy: RetryPolicy | undefined;
  /** A retry is safe: the call changes nothing, is idempotent (RFC 9110 section 9.2.2), or carries an idempotency key. */
  readonly repeatable: boolean;
  readonly signal: AbortSignal | undefined;
  readonly patience: Patience;
  /** An expected response is never retried. */
  readonly expected: (outcome: Outcome) => Promise<boolean>;
  /** The body says "too busy". */
  readonly busy: (outcome: Outcome) => Promise<boolean>;
  readonly onWait: (wait: Wait) => void;
}

export interface Tried<A> {
  readonly attempt: A;
  readonly tries: number;
  /** Why a retry that seemed worthwhile was not made. */
  readonly gaveUp: string | undefined;
}

const lostCodes = new Set<Problem['code']>([
  'connection-reset',
  'response-cut-short',
  'response-timeout',
  'connection-timeout',
  'response-malformed',
]);

/**
 * @param onTry told of each try that is to be followed by another; where that does not leave, it is the last all the same
 * @throws Problem interrupted: it waited, and has not left
 */
export async function inTries<A extends { readonly outcome: Outcome; readonly faults: Problem[] }>(
  room: RetryContext,
  once: () => Promise<A>,
  onTry: (attempt: A) => void,
): Promise<Tried<A>> {
  const { gate, policy, signal, patience, host } = room;
  const started = performance.now();
  let last: A | undefined;
  /** A problem that prevents a further try is reported beside the response of the last one. */
  const ended = (tries: number, problem: Problem): Tried<A> => {
    if (!last) throw problem;
    last.faults.push(problem);
    return { attempt: last, tries: tries - 1, gaveUp: undefined };
  };
  for (let tries = 1; ; tries += 1) {
    const entering = gate.enter(signal);
    const turn = entering instanceof Promise ? await entering : entering;
    // Interrupted while waiting: nothing is sent.
    if (!turn) return ended(tries, interruption());
    if (signal?.aborted) {
      gate.leave(false);
      return ended(tries, interruption());
    }
    let attempt: A;
    try {
      attempt = await once();
    } catch (error) {
      gate.leave(false);
      return ended(tries, asProblem(error));
    }
    last = attempt;
    let why: string | undefined;
    try {
      why = policy && mayBeAgain(attempt.outcome, policy) ? await whyAgain(attempt.outcome, policy, room) : undefined;
    } catch (error) {
      attempt.faults.push(asProblem(error));
    }
    const { received } = attempt.outcome;
    if (why === undefined || !policy || signal?.aborted) {
      if (received) waitAhead(received.headers, room);
      gate.leave(why === undefined);
      return { attempt, tries, gaveUp: undefined };
    }
    const told = received && waitAsked(received.headers, Date.now());
    const wait = told ?? ownWait(policy, tries, Math.random());
    if (received) patience.throttled += 1;
    const elapsed = performance.now() - started;
    const gaveUp =
      policy.onlyTold && told === undefined
        ? ''
        : wait > policy.ceiling
          ? `${host} asks to wait ${durationText(wait)}, and retry waits ${durationText(policy.ceiling)} at most`
          : tries >= policy.tries
            ? `tried ${tries} times in ${durationText(elapsed)}, as often as retry allows`
            : elapsed + wait > policy.within
              ? `tried ${tries} times in ${durationText(elapsed)}; another try would take longer than retry allows`
              : undefined;
    // Without a policy and without Retry-After, a throttled response is an ordinary result.
    if (gaveUp !== undefined) {
      gate.leave(false);
      return { attempt, tries, gaveUp: gaveUp === '' ? undefined : gaveUp };
    }
    if (tries === 1) patience.triedAgain += 1;
    // Shut the gate before the next request gets this place.
    const added = received ? gate.shut(wait, turn) : 0;
    gate.leave(false);
    patience.waited += added;
    // Requests that are throttled together extend one wait only a little: not worth a message.
    if (added > wait / 4 || !received) room.onWait({ host, wait, added, why, told: told !== undefined });
    onTry(attempt);
    // A lost response says nothing about the host: only this request waits.
    if (!received) await pause(wait, signal);
  }
}

/** The quota is used up: wait until it resets, before the host has to refuse. */
function waitAhead(
  lines: readonly (readonly [string, string])[],
  { gate, policy, host, patience, onWait }: RetryContext,
): void {
  if (!policy) return;
  const wait = spent(lines);
  if (wait === undefined || wait <= 0 || wait > policy.ceiling) return;
  const added = gate.shut(wait);
  patience.waited += added;
  if (added > 0) onWait({ host, wait, added, why: 'quota spent', told: true });
}

/** Most responses need no further look. */
const mayBeAgain = ({ received, trouble }: Outcome, { statuses, busy }: RetryPolicy): boolean =>
  trouble !== undefined || busy.length > 0 || (received !== undefined && statuses.has(received.status));

async function whyAgain(
  { received, trouble }: Outcome,
  policy: RetryPolicy,
  room: RetryContext,
): Promise<string | undefined> {
  if (received && !trouble) {
    const { status } = received;
    if (policy.statuses.has(status) && (status < 500 || room.repeatable)) {
      return (await room.expected({ received, trouble })) ? undefined : `status ${status}`;
    }
    if (policy.busy.length > 0 && (await room.busy({ received, trouble }))) return 'too busy';
    return undefined;
  }
  if (!trouble || policy.onlyTold || !room.repeatable || !lostCodes.has(trouble.code)) return undefined;
  return trouble.code;
}

/** Ends early when the signal aborts. */
export function pause(ms: number, signal: AbortSignal | undefined): Promise<void> {
  return new Promise((resolve) => {
    if (signal?.aborted) return resolve();
    const done = (): void => {
      clearTimeout(timer);
      signal?.removeEventListener('abort', done);
      resolve();
    };
    const timer = setTimeout(done, Math.ceil(ms));
    signal?.addEventListener('abort', done, { once: true });
  });
}
