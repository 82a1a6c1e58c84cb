/** Who watches over the waiting for locks: known to every command from its start, also to those that never take one. */

/** Of the whole program: who is told where it has to wait, and may give up. */
export interface LockWatcher {
  /** Ends the waiting. */
  readonly signal: AbortSignal;
  /** @param holder the number of the process that has it; undefined where it is not known */
  readonly onWait: (path: string, holder: number | undefined) => void;
}

/** Where nobody watches, locks are waited for in silence. */
let watcher: LockWatcher | undefined;

export function watchLocks(given: LockWatcher): void {
  watcher = given;
}

export const lockWatcher = (): LockWatcher | undefined => watcher;
