/** A secret, and where it may go. */
import type { WaysOut } from '../exchange/hosts/ways-out.js';

export interface FoundSecret {
  readonly value: string;
  /**
   * `store` and `shared`: bound to `ways`, undefined where it was not set for the environment. Others: bound to `hosts`, where
   * they are said.
   */
  readonly from: 'store' | 'process' | 'shared' | 'command';
  readonly ways?: WaysOut | undefined;
  readonly hosts?: readonly string[] | undefined;
}
