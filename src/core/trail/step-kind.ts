/** A kind of step: read once from the file, walked once a row. */
import type { Collection } from '../collection/collection.js';
import type { StepFile } from '../collection/files/trail-file.js';
import type { YamlFile } from '../collection/yaml.js';
import type { Loads } from '../expression/compile.js';
import type { Problem } from '../problem/problem.js';
import type { Preparation } from '../sending/preparation.js';
import type { PreparedRequest } from '../sending/prepare.js';
import type { Workspace } from '../sending/workspace.js';
import type { ValueMap } from '../value/written.js';
import type { Condition } from './conditions.js';
import type { StepEvent, TableEvent, WalkEvent } from './events.js';
import type { Journal } from './journal.js';
import type { Scope } from './names/scope.js';
import type { Need } from './needs/need.js';
import type { RowsPlan } from './rows/rows-plan.js';
import type { SeenItem, SeenItems } from './seen-items.js';
import type { StepOutline } from './step-outline.js';
import type { TablePlan } from './table/table-plan.js';

/** What planning a step may ask for. */
export interface PlanContext {
  readonly preparation: Preparation;
  readonly collection: Collection;
  readonly yaml: YamlFile;
  /** Where the step is in the file. */
  readonly path: readonly (string | number)[];
  readonly loads: Loads;
  readonly request: (name: string, key: string) => Promise<PreparedRequest>;
  readonly trail: (name: string, key: string) => Promise<TrailPlan>;
  /** The step is taken many times: for each row, for each of many. */
  readonly many: boolean;
  /** Steps inside this one. @param many they are taken many times, whatever holds for this one */
  readonly steps: (
    files: readonly StepFile[],
    path: readonly (string | number)[],
    many: boolean,
  ) => Promise<readonly PlannedStep[]>;
}

export interface PlannedStep {
  readonly kind: StepEvent['kind'];
  readonly label: string;
  readonly onlyIf: Condition | undefined;
  /** How many of its calls change something. */
  readonly changes: number;
  /** Secrets and files that it needs, as far as its files name them. */
  readonly needs: readonly Need[];
  /** It, or a step inside it, passes over what was handled before. */
  readonly remembers?: boolean;
  /** Those that it, or a step inside it, may write to a file. */
  readonly tables?: readonly TablePlan[];
  /** Inputs that it gives to what it sends or walks. */
  readonly gives?: ReadonlyMap<string, unknown> | undefined;
  /** Names that it leaves behind. */
  readonly gains: readonly string[];
  /** Names that `--set` may give to it, beside the inputs of the trail. */
  readonly takes?: readonly string[];
  /** Requests that it sends, for a look ahead at their hosts. */
  readonly requests: readonly PreparedRequest[];
  /** @param at where it is in the run */
  walk(walk: Walk, at: string): Promise<StepResult>;
  /**
   * In a resumed run: puts in place what the step left behind, beside what it kept. Where it is missing the step is
   * walked again, and what is inside it knows what it did.
   */
  readonly restore?: (walk: Walk, at: string) => void;
}

export interface StepResult extends Pick<StepEvent, 'sent' | 'kept' | 'problems'> {
  readonly told?: StepEvent['told'];
  /** Reported behind the step. */
  readonly table?: TableEvent | undefined;
}

export interface TrailPlan {
  readonly name: string;
  /** The kind of file that it was made from. */
  readonly file: 'trail' | 'request';
  readonly inputs: readonly import('../collection/variables/inputs.js').InputPlan[];
  readonly steps: readonly PlannedStep[];
  /** The names that `--set` may give. */
  readonly takes: readonly string[];
  readonly rows: RowsPlan | undefined;
  readonly atOnce: number;
  readonly undo: 'failure' | 'always' | 'never';
  readonly table: TablePlan | undefined;
  /** The text of its files, and of those of the trails inside it: a run is resumed only with the same. */
  readonly text: string;
}

/** An undo part, armed: with the values as they were when its step ended. */
export interface ArmedUndo {
  /** Where its step is in the run. */
  readonly at: string;
  readonly step: string;
  readonly label: string;
  readonly run: (signal: AbortSignal | undefined) => Promise<StepResult>;
}

/** One walk along a trail: a row, an iteration has one of its own. */
export interface Walk {
  readonly workspace: Workspace;
  readonly scope: Scope;
  /** The session that this walk opens: nothing in it uses a session, and its cookies are those of that one. */
  readonly forSession?: string | undefined;
  readonly depth: number;
  readonly row: number | undefined;
  /** What the row is told apart by. */
  readonly rowLabel?: string | undefined;
  /** Which one of for-each it is: `notice 12`. */
  readonly member?: string | undefined;
  /** Which of the walks of the command it is, from 0. */
  readonly number: number;
  /** The way to it, by what is on it: the same when the run is repeated. */
  readonly way: string;
  /** Where it is in the run: `12`, row 12; `12/3:5`, the fifth iteration of its step 3. Empty where there are no rows. */
  readonly at: string;
  /** Ends what is under way. */
  readonly signal: AbortSignal;
  /** Begins nothing further: no row, no iteration. */
  readonly ending: AbortSignal;
  /** The newest last. */
  readonly undo: ArmedUndo[];
  /** Keeps what happens, and knows what has happened before. */
  readonly journal: Journal | undefined;
  /** The table that this walk leaves a line in. */
  readonly table: TablePlan | undefined;
  /**
   * Names that responses give, where nothing is sent: their values are those of the documentation, or missing, and nobody
   * knows what the vendor's would be.
   */
  readonly assumed: Set<string>;
  /** What the last response left in its columns. */
  readonly last: { cells: ValueMap };
  /** Files that tables of this walk, and of those beside it, have gone to. */
  readonly tableFiles: Set<string>;
  /** What was handled already. */
  readonly seen: SeenItems;
  /** Keeps it for the runs to come; undefined where nothing is kept. */
  readonly remember?: ((way: string, key: string, item: SeenItem) => void) | undefined;
  readonly report: (event: WalkEvent) => void;
  /** Walks steps in this walk; the gravest problem when one failed. */
  readonly steps: (steps: readonly PlannedStep[], walk: Walk) => Promise<Problem | undefined>;
}

export interface StepKind<File extends StepFile = StepFile> {
  readonly name: StepEvent['kind'];
  /** The key by which a step is of this kind. */
  fits(file: StepFile): file is File;
  outline(file: File): StepOutline;
  plan(file: File, room: PlanContext): Promise<Omit<PlannedStep, 'onlyIf'>>;
}
