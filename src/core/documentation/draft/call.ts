/** What each protocol drafts of a call. */
import type { DraftMap } from './yaml.js';

/** The parts of a call: before its session, what it sends, and what is expected of its response. */
export interface DraftedCall {
  readonly address: DraftMap;
  readonly body: DraftMap;
  readonly result: DraftMap;
}
