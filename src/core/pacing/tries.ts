/** Sending through the gate of a host, and again where the server is too busy or the response was lost. */
import type { Outcome } from '../exchange/transfer/transport.js';
import { asProblem, interruption, type Problem } from '../problem/problem.js';
import { durationText } from '../value/measures.js';
import type { HostGate } from './host-gate.js';
import { ownWait, type RetryPolicy } from './retry-policy.js';
import { spent, waitAsked } from './server-waits.js';

/** The host asked for patience, and all that is sent to it waits. */
export interface Wait {
  readonly host: string;
  /** Milliseconds from now until the host is called again. */
  readonly wait: number;
  /** By how many of them the wait of before was lengthened. */
  readonly added: number;
  /** `status 429`, `too busy`, a problem's code, `quota spent`. */
  readonly why: string;
  /** Whether the server said how long. */
  readonly told: boolean;
}

/** What a walk counts of it. */
export interface Patience {
  /** Responses that said "too busy". */
  throttled: number;
  /** Requests that were sent more than once. */
  triedAgain: number;
  /** Milliseconds that hosts were not called for. */
  waited: number;
}

export interface RetryContext {
  readonly gate: HostGate;
  readonly host: string;
  readonly policy: RetryPolicy | undefined;
  /** A second sending does no harm: nothing is changed, the method is idempotent (RFC 9110 section 9.2.2), or it carries a key. */
  readonly repeatable: boolean;
  readonly signal: AbortSignal | undefined;
  readonly patience: Patience;
  /** A response that is expected is never asked for again. */
  readonly expected: (outcome: Outcome) => Promise<boolean>;
  /** The body says "too busy". */
  readonly busy: (outcome: Outcome) => Promise<boolean>;
  readonly onWait: (wait: Wait) => void;
}

export interface Tried<A> {
  readonly attempt: A;
  readonly tries: number;
  /** Why it was not retried, although it would have been worth it. */
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
  /** What keeps a further try from leaving is told beside the response that there is. */
  const ended = (tries: number, problem: Problem): Tried<A> => {
    if (!last) throw problem;
    last.faults.push(problem);
    return { attempt: last, tries: tries - 1, gaveUp: undefined };
  };
  for (let tries = 1; ; tries += 1) {
    const entering = gate.enter(signal);
    const turn = entering instanceof Promise ? await entering : entering;
    // Interrupted while it waited: it does not leave.
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
    // Where nobody said how long, and nobody asked for patience, the refusal is a response like any other.
    if (gaveUp !== undefined) {
      gate.leave(false);
      return { attempt, tries, gaveUp: gaveUp === '' ? undefined : gaveUp };
    }
    if (tries === 1) patience.triedAgain += 1;
    // Shut before its place is given to the next.
    const added = received ? gate.shut(wait, turn) : 0;
    gate.leave(false);
    patience.waited += added;
    // Those that were refused together lengthen one wait by a little each, which is no news.
    if (added > wait / 4 || !received) room.onWait({ host, wait, added, why, told: told !== undefined });
    onTry(attempt);
    // A lost response is no word of the host: only this request waits.
    if (!received) await pause(wait, signal);
  }
}

/** A quota that is spent: the host is left alone until it is filled, ahead of a refusal. */
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

/** Most responses are what was wanted, and nobody need be asked. */
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

/** Ends early where the signal comes first. */
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
