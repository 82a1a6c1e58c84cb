/** What a caller says of a sending, and what it gets. */
import type { Mismatch } from '../documentation/changes/mismatch.js';
import type { CertificateFacts } from '../exchange/connection/certificate.js';
import type { HeaderLine, ResolvedRequest, WireRequest } from '../exchange/request/wire.js';
import type { Received } from '../exchange/response/received.js';
import type { Sink } from '../exchange/response/sink.js';
import type { Outcome } from '../exchange/transfer/transport.js';
import type { Expectation, Verdict } from '../expectation/expectations.js';
import type { Keep, Kept } from '../expectation/keeps.js';
import type { Named, Names } from '../expression/names.js';
import type { Contradiction } from '../place/contradiction.js';
import type { Problem } from '../problem/problem.js';
import type { SigningStep } from '../signature/signature-kind.js';
import type { AccessDenied } from './judging/access-denied.js';

/** `typed`: by the person who runs the command, and so are its header lines and its body. `link`: by a server. */
export type Outside = 'typed' | 'link';

export interface Sending {
  /** A value that the caller has for an input. */
  readonly given: (input: string) => Named | undefined;
  /** The names of the caller, for the environment's values and the step's expectations. */
  readonly caller: Names;
  /** In place of the request's own. */
  readonly sessions?: readonly string[] | undefined;
  /** In place of the request's own, or `none`. */
  readonly signature?: string | undefined;
  readonly signal?: AbortSignal | undefined;
  /** What a step adds to the request's own. */
  readonly expectations?: readonly Expectation[];
  readonly keeps?: readonly Keep[];
  readonly step?: string | undefined;
  readonly row?: number | undefined;
  /** Holds the request against its documented operation: `refuse` sends nothing that differs. */
  readonly documented?: 'tell' | 'refuse' | undefined;
  /** Header lines beside those of the request, such as a range. */
  readonly lines?: readonly HeaderLine[] | undefined;
  /** Takes the certificate of the host, whoever signed it, and pins it for a day; told which, and until when. */
  readonly onAccepted?: ((facts: CertificateFacts, until: string) => void) | undefined;
  /** Sessions whose cookies are used, where they are not those in force: a session that is being opened. */
  readonly cookiesOf?: readonly string[] | undefined;
  /** Cookies neither go along nor are taken. */
  readonly noCookies?: boolean | undefined;
  /** Takes the body of the response in place of memory. */
  readonly sink?: Sink | undefined;
  /** In place of the request's own, its query included: that of a further page. */
  readonly address?: string | undefined;
  /** Its address was typed, or is in a response, and the environment does not list its origin. */
  readonly outside?: Outside | undefined;
  /** It opens or closes a session: by definition that changes nothing, and nobody has to agree to it. */
  readonly changesNothing?: boolean | undefined;
  /** In place of a new one. */
  readonly idempotencyKey?: string | undefined;
  /** Whether it is asked again where an expectation is missed: that is no failure then. */
  readonly asksAgain?: ((received: Received | undefined) => boolean) | undefined;
  /** Told of each try that is about to leave; it leaves when that has settled. @param call its method and address */
  readonly onLeaving?: ((request: ResolvedRequest, call: () => string) => Promise<void> | undefined) | undefined;
}

export interface Sent {
  /** The id of its echo. */
  readonly echo: string;
  /** When it left; of several tries, the last. */
  readonly at: Date;
  /** How often it was sent; each time has an echo. */
  readonly tries: number;
  readonly request: ResolvedRequest;
  readonly wire: WireRequest;
  readonly outcome: Outcome;
  readonly verdicts: readonly Verdict[];
  readonly kept: readonly Kept[];
  /** Where the request differs from its documented operation; only where that was asked for. */
  readonly undocumented: readonly Mismatch[];
  /** What is doubtful about the request as it left, and about the response. */
  readonly warnings: readonly string[];
  /** What the body says against the good status, where nothing is expected of it. */
  readonly contradiction: Contradiction | undefined;
  /** Why who calls was not let in, where that is so. */
  readonly accessDenied: AccessDenied | undefined;
  /** Everything that makes it a failure; empty where all is well. */
  readonly problems: readonly Problem[];
}

/** The request as it would leave, and nothing sent. */
export interface Preview {
  readonly request: ResolvedRequest;
  readonly wire: WireRequest;
  readonly warnings: readonly string[];
  /** Where the request differs from its documented operation; only where that was asked for. */
  readonly undocumented: readonly Mismatch[];
  /** Sessions that sending would open first. */
  readonly notOpen: readonly string[];
  /** How its signature is made, step by step. */
  readonly signed:
    | {
        readonly name: string;
        readonly steps: readonly SigningStep[];
        /** Why something of it was left out: a secret that is not set. */
        readonly missing: Problem | undefined;
        /** How many milliseconds the server was ahead when it last responded, and whether that was reckoned with. */
        readonly clock: { readonly ahead: number; readonly followed: boolean };
      }
    | undefined;
}
