/** A kind of step: read once from the file, walked once a row. */
import type { Collection } from '../collection/collection.js';
import type { StepFile } from '../collection/files/trail-file.js';
import type { YamlFile } from '../collection/yaml.js';
import type { Loads } from '../expression/compile.js';
import type { Tree } from '../expression/tree.js';
import type { Check } from '../matcher/matcher.js';
import type { Problem } from '../problem/problem.js';
import type { StepEvent, WalkEvent } from './events.js';
import type { PreparedRequest } from './prepare.js';
import type { Scope } from './scope.js';
import type { SecretUse } from './secrets-ahead.js';
import type { Workspace } from './workspace.js';

/** What planning a step may ask for. */
export interface PlanRoom {
  readonly workspace: Workspace;
  readonly collection: Collection;
  readonly yaml: YamlFile;
  /** Where the step stands in the file. */
  readonly path: readonly (string | number)[];
  readonly loads: Loads;
  readonly request: (name: string, key: string) => Promise<PreparedRequest>;
  readonly trail: (name: string, key: string) => Promise<TrailPlan>;
}

/** A matcher over a name. */
export interface Condition {
  readonly name: string;
  readonly tree: Tree;
  readonly check: Check;
}

export interface PlannedStep {
  readonly kind: StepEvent['kind'];
  readonly label: string;
  readonly when: readonly Condition[];
  /** How many of its calls change something. */
  readonly changes: number;
  /** Secrets that it needs, as far as its files say so. */
  readonly secrets: readonly SecretUse[];
  walk(walk: Walk): Promise<StepResult>;
}

export type StepResult = Pick<StepEvent, 'sent' | 'kept' | 'problems'>;

export interface TrailPlan {
  readonly name: string;
  readonly inputs: readonly import('../collection/inputs.js').InputPlan[];
  readonly steps: readonly PlannedStep[];
  /** The names that `--set` may give. */
  readonly takes: readonly string[];
  readonly rows: string | undefined;
  readonly atOnce: number;
  readonly undo: 'failure' | 'always' | 'never';
}

/** An undo part, armed: with the values as they were when its step ended. */
export interface ArmedUndo {
  readonly step: string;
  readonly label: string;
  readonly run: (signal: AbortSignal | undefined) => Promise<StepResult>;
}

/** One walk along a trail: a row has one of its own. */
export interface Walk {
  readonly workspace: Workspace;
  readonly scope: Scope;
  /** The session that this walk opens: nothing in it uses a session, and its cookies are those of that one. */
  readonly forSession?: string | undefined;
  readonly depth: number;
  readonly row: number | undefined;
  readonly signal: AbortSignal;
  /** The newest last. */
  readonly undo: ArmedUndo[];
  /** Changing calls whose answer was lost. */
  readonly inDoubt: string[];
  readonly report: (event: WalkEvent) => void;
  /** Walks the steps of a trail in a walk of its own; false when one failed. */
  readonly steps: (plan: TrailPlan, walk: Walk) => Promise<Problem | undefined>;
}

export interface StepKind<File extends StepFile = StepFile> {
  readonly name: StepEvent['kind'];
  /** The key by which a step is of this kind. */
  fits(file: StepFile): file is File;
  plan(file: File, room: PlanRoom): Promise<PlannedStep>;
}
