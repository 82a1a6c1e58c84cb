/** What can be browsed: a list of rows, some of which hold others, and what each leads to. Plain data, with no terminal in it. */

/** What a page is about: `operation` harbour/bookCall, `type` harbour/Vessel, `group` of a tree, `echo` xk3w.1, `output` 4. */
export interface Target {
  readonly kind: 'operation' | 'type' | 'group' | 'echo' | 'output';
  readonly name: string;
}

export interface Row {
  /** Unlike that of any other row. */
  readonly key: string;
  /** How many rows hold it. */
  readonly depth: number;
  /** A method, or a status. */
  readonly mark: string;
  readonly text: string;
  /** Shown at the right where there is room. */
  readonly aside: string;
  /** Whether what it holds is shown; undefined where it holds nothing. */
  readonly holds: 'open' | 'closed' | undefined;
  readonly target: Target;
}

export interface Outline {
  /** @param typed the rows that fit it, the best first; else those that are open, as a tree */
  rows(typed: string, opened: ReadonlySet<string>): readonly Row[];
  /** The keys of the rows that hold the row of a target, from the outermost, and its own; empty where it has none. */
  wayTo(target: Target): readonly string[];
}

export const sameTarget = (a: Target, b: Target): boolean => a.kind === b.kind && a.name === b.name;
