export interface Promises {
  readonly version: string;
  /** JSON Schemas by name. */
  readonly files: Readonly<Record<string, unknown>>;
  readonly documents: Readonly<Record<string, unknown>>;
  /** Exit statuses by error code. */
  readonly statuses: Readonly<Record<string, number>>;
  readonly exports: readonly string[];
}
export function promisesOf(root: string): Promises;
export function brokenPromises(before: Promises, after: Promises): string[];
