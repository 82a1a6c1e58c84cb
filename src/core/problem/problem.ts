/** The one error type of the core: a code, what happened, where, why, and what to do about it. */

import { action } from './actions.js';
import { type ProblemCode, type ProblemFamily, problemCodes } from './codes.js';
import { systemWords } from './system-errors.js';

export type { ProblemCode } from './codes.js';

/** A position in a file; line and column count from 1. */
export interface FilePosition {
  readonly file: string;
  readonly line?: number | undefined;
  readonly column?: number | undefined;
}

export interface ProblemParts {
  /** What happened, one sentence without a closing full stop. */
  readonly what: string;
  /** A position in a file, or the phase of an exchange ("connecting", "receiving"). */
  readonly where?: FilePosition | string | undefined;
  readonly cause?: string | undefined;
  readonly remedy?: string | undefined;
  /** The line of the file that is meant, for an excerpt under the message. */
  readonly excerpt?: string | undefined;
  /** Facts for programs, such as `{name, nearest}`. Never a secret. */
  readonly data?: Readonly<Record<string, unknown>> | undefined;
}

export class Problem extends Error {
  override readonly name = 'Problem';
  readonly what: string;
  readonly where: FilePosition | string | undefined;
  readonly reason: string | undefined;
  readonly remedy: string | undefined;
  readonly excerpt: string | undefined;
  readonly data: Readonly<Record<string, unknown>>;

  constructor(
    readonly code: ProblemCode,
    parts: ProblemParts,
    options?: { cause?: unknown },
  ) {
    super(parts.what, options);
    this.what = parts.what;
    this.where = parts.where;
    this.reason = parts.cause;
    this.remedy = parts.remedy;
    this.excerpt = parts.excerpt;
    this.data = parts.data ?? {};
  }

  get family(): ProblemFamily {
    return problemCodes[this.code].family;
  }

  /** The same problem, placed in a file unless it already has a place. */
  at(where: FilePosition | string | undefined): Problem {
    return this.where !== undefined || where === undefined ? this : this.with({ where });
  }

  /** The same problem, with one more thing to do about it. */
  orTry(remedy: string): Problem {
    return this.with({ remedy: this.remedy === undefined ? remedy : `${this.remedy}; ${remedy}` });
  }

  private with(other: Partial<ProblemParts>): Problem {
    const { what, where, reason, remedy, excerpt, data } = this;
    return new Problem(
      this.code,
      { what, where, cause: reason, remedy, excerpt, data, ...other },
      { cause: this.cause },
    );
  }
}

/** A signal came, or somebody pressed Ctrl-C. */
export const interruption = (): Problem => new Problem('interrupted', { what: 'interrupted' });

/** `file:line:column`, as editors and terminals make it clickable. */
export function positionText(position: FilePosition): string {
  const { file, line, column } = position;
  return line === undefined ? file : column === undefined ? `${file}:${line}` : `${file}:${line}:${column}`;
}

/** Any thrown value as a Problem; what is not one is a fault of ours. */
/** @param path of the file that was read or written, where the system does not say it */
export function asProblem(error: unknown, path?: string): Problem {
  if (error instanceof Problem) return error;
  // The engine's own limit is the one that every reader here has.
  if (error instanceof RangeError && /call stack/i.test(error.message))
    return new Problem(
      'nested-too-deeply',
      { what: 'something is nested more deeply than can be read' },
      { cause: error },
    );
  const system = error instanceof Error ? systemWords(error, path) : undefined;
  if (system) return new Problem('file-unreadable', system, { cause: error });
  const what = error instanceof Error ? error.message : String(error);
  return new Problem('fault', { what, remedy: action().reportFault() }, { cause: error });
}
