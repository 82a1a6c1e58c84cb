/** The inputs that a file declares, as they stand in it: to hold them against their schema would take longer than somebody waits. */
import { readFileSync } from 'node:fs';
import { parse } from 'yaml';

export interface Declared {
  readonly about?: string;
  readonly label?: string;
  readonly type?: string;
  readonly 'one-of'?: readonly unknown[];
  readonly suggest?: readonly unknown[];
}

/** None of a file that cannot be read: check says what is wrong with it. */
export function declaredInputs(path: string): readonly (readonly [name: string, declared: Declared])[] {
  try {
    const read = parse(readFileSync(path, 'utf8')) as { inputs?: Record<string, Declared | null> } | null;
    return Object.entries(read?.inputs ?? {}).map(([name, declared]) => [name, declared ?? {}]);
  } catch {
    return [];
  }
}
