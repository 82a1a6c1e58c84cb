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
  readonly seal: RequestSigner | undefined;
  /** Each time it leaves, that is on disk first. */
  readonly changing: boolean;
  /** The request and its names as they are now: a renewed session may have supplied others. */
  resolved: Resolution;
  bare: WireRequest;
  /** Works the request out once more; undefined where no session supplies anything. */
  readonly anew: (() => Promise<Resolution>) | undefined;
}
