/** What a step says of itself by its file alone, for whoever looks at trails without walking them. */
import type { StepFile, TableFile } from '../collection/files/trail-file.js';
import type { NamedFile } from '../expression/files-used.js';

/** A way into the step: the keys below it. */
export type StepPath = readonly (string | number)[];

export interface StepPart {
  readonly value: unknown;
  readonly path: StepPath;
}

/** A request or a trail that the step names, with what it gives to its inputs. */
export interface StepCall {
  readonly name: string;
  /** Where it is named. */
  readonly path: StepPath;
  readonly give?: Readonly<Record<string, unknown>> | undefined;
  /** Where that stands, or would stand. */
  readonly givePath: StepPath;
  /** It takes back what this request made. */
  readonly undoes?: string | undefined;
}

export interface StepOutline {
  /** Requests, those that take something back included; not those of the steps inside it. */
  readonly sends: readonly StepCall[];
  /** Trails. */
  readonly walks: readonly StepCall[];
  /** Names that it gives with `keep`. */
  readonly keeps: readonly string[];
  /** Other names that it leaves behind. */
  readonly leaves: readonly string[];
  /** What these requests keep stays too. */
  readonly leavesKeptBy: readonly string[];
  /** Parts that see what was known before the step. */
  readonly before: readonly StepPart[];
  /** Parts that see beside that what it gained. */
  readonly after: readonly StepPart[];
  /** Parts that see beside that each `item`. */
  readonly each: readonly StepPart[];
  /** Files that it names outright, where no expression does. */
  readonly files: readonly NamedFile[];
  /** Steps inside it, taken for each of many, and the name that each one has there. */
  readonly inner:
    | { readonly steps: readonly StepFile[]; readonly item: string; readonly table: TableFile | undefined }
    | undefined;
}

/** What most steps have none of. */
export const plainOutline = {
  sends: [],
  walks: [],
  leaves: [],
  leavesKeptBy: [],
  after: [],
  each: [],
  files: [],
  inner: undefined,
} as const satisfies Partial<StepOutline>;

/** The parts of a step, but for these. */
export const partsOf = (file: StepFile, ...except: readonly string[]): StepPart[] =>
  Object.entries(file).flatMap(([key, value]) => (except.includes(key) ? [] : [{ value, path: [key] }]));

export const keysOf = (map: Readonly<Record<string, unknown>> | undefined): string[] => Object.keys(map ?? {});
