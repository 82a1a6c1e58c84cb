/** What files and locks say of the process that makes them, so that others can tell whether it is still there. */

export interface Processes {
  /** The number of this one; 0 where nobody has said it. */
  readonly own: number;
  /** No process of that number is there any more. */
  readonly isGone: (process: number) => boolean;
}

let known: Processes = { own: 0, isGone: () => false };

export const processes = (): Processes => known;

/** Said once by the program: the core does not know the process. */
export function setProcesses(given: Processes): void {
  known = given;
}
