/**
 * Each exchange is an echo: of a call that changes something a first line is on disk before it leaves, and what became of it
 * takes the place of that line, whatever goes wrong in between.
 */
import { faultyEcho, type Occasion, recordEcho } from '../../echo/record.js';
import type { WireRequest } from '../../exchange/request/wire.js';
import type { Outcome } from '../../exchange/transfer/transport.js';
import type { Sent } from '../sending.js';
import type { Composed, Conversation } from './conversation.js';

export interface Exchanged {
  readonly echo: string;
  readonly at: Date;
  /** As it leaves. */
  readonly wire: WireRequest;
}

type Concluded = Pick<Sent, 'outcome' | 'verdicts' | 'kept'>;

/** Of what is no response yet nothing is expected, and nothing is kept. */
export const unjudged = (outcome: Outcome): Concluded => ({ outcome, verdicts: [], kept: [] });

const nothingYet: Outcome = { received: undefined, trouble: undefined };

export const exchanged = ({ workspace: { log } }: Conversation, wire: WireRequest): Exchanged => ({
  echo: log.nextId(),
  at: new Date(),
  wire,
});

/** What was tried, and an exchange of it. */
interface Tried {
  readonly composed: Composed;
  readonly exchanged: Exchanged;
}

const occasionOf = (
  { workspace: { environment }, sessions, sending }: Conversation,
  { composed: { request, inputs }, exchanged: { echo: id, at } }: Tried,
  state: Occasion['state'],
): Occasion => ({
  id,
  at,
  environment: environment.name,
  request: request.name,
  operation: request.operation,
  sessions,
  inputs,
  step: sending.step,
  row: sending.row,
  state,
});

/** Settles when it is on disk that it leaves. @throws Problem file-unreadable: then it may not leave */
export function recordLeaving(conversation: Conversation, tried: Tried): Promise<void> {
  const { log, redactor } = conversation.workspace;
  const { wire } = tried.exchanged;
  const { outcome, verdicts, kept } = unjudged(nothingYet);
  log.append(
    () => recordEcho(occasionOf(conversation, tried, 'leaving'), wire, outcome, verdicts, kept, redactor, log.beside),
    wire.body?.shown.length ?? 0,
  );
  return log.written();
}

/** @param again something more was sent because of it: another try, or where a redirect leads */
export function record(
  conversation: Conversation,
  tried: Tried,
  { outcome, verdicts, kept }: Concluded,
  again = false,
): void {
  const { log, redactor, listeners } = conversation.workspace;
  const { wire, echo } = tried.exchanged;
  if (listeners.wantsExchanges) {
    const { received, trouble } = outcome;
    listeners.exchanged({
      echo,
      request: tried.composed.request.name,
      method: wire.method,
      url: redactor.hide(wire.shownUrl),
      status: received?.status,
      milliseconds: received?.parts.phases.total,
      code: trouble?.code,
      again,
    });
  }
  const occasion = occasionOf(conversation, tried, again ? 'again' : undefined);
  log.append(
    () => {
      try {
        return recordEcho(occasion, wire, outcome, verdicts, kept, redactor, log.beside);
      } catch (error) {
        return faultyEcho(occasion, wire, outcome, error, redactor);
      }
    },
    (wire.body?.shown.length ?? 0) + (outcome.received?.parts.body.length ?? 0),
  );
}
