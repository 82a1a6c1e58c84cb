/** What belongs to one sending, however often it is tried. */
import type { Resolution } from '../../exchange/request/resolve.js';
import type { WireRequest } from '../../exchange/request/wire.js';
import type { Sending } from '../sending.js';
import type { Workspace } from '../workspace.js';
import type { RequestSigner } from './request-signer.js';

export interface Conversation {
  readonly workspace: Workspace;
  readonly sessions: readonly string[];
  readonly sending: Sending;
  readonly signer: RequestSigner | undefined;
  /** Each time it leaves, that is on disk first. */
  readonly changing: boolean;
  /** Works the request out once more; undefined where no session supplies anything. */
  readonly anew: (() => Promise<Composed>) | undefined;
}

/** The request and its names as they are for one try: a renewed session may supply others for the next. */
export interface Composed extends Resolution {
  /** As it leaves, without what is attached to it. */
  readonly bare: WireRequest;
}
