/** A form in which findings are handed on. */
import type { Finding } from '../finding.js';

export interface Found {
  readonly findings: readonly Finding[];
  /** The path of a file of the collection as others know it: from the folder where they look. */
  readonly pathOf: (file: string) => string;
  /** Of the program. */
  readonly version: string;
}

export interface CheckFormat {
  readonly name: string;
  readonly about: string;
  /** Of files that are written in it. */
  readonly endings: readonly string[];
  write(found: Found): string;
}
