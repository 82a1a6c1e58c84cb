/** What sessions add to one request, and from which tokens. */
import type { TlsIdentity } from '../exchange/connection/connection.js';
import type { EnvelopeBlock } from '../exchange/request/envelope.js';
import type { HeaderLine, QueryPair } from '../exchange/request/wire.js';
import type { Names } from '../expression/names.js';
import type { OpenSession } from './session-kind.js';

export interface Attachment {
  readonly lines: readonly HeaderLine[];
  readonly query: readonly QueryPair[];
  readonly blocks: readonly EnvelopeBlock[];
  readonly identity: TlsIdentity | undefined;
  /** Where they were sent. */
  readonly host: string;
  /** The sessions, by their whole names. */
  readonly names: readonly string[];
  readonly tokens: readonly { readonly name: string; readonly session: OpenSession }[];
  /** The names of whoever sent it. */
  readonly caller: Names;
  /** A session was opened for this very request: its refusal is not a matter of age. */
  readonly openedNow: boolean;
}
