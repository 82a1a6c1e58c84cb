/** A cause: one way in which a text that is signed comes to differ from the one that the server has. */
export interface Cause {
  readonly name: string;
  /** What to say where it is the cause; undefined where it is not. `ours` and `theirs` differ. */
  explain(ours: string, theirs: string): string | undefined;
}
