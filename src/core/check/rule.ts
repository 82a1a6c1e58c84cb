/** A rule: one thing that must hold in every collection. */

import type { Collection, Loaded } from '../collection/collection.js';
import type { RequestFile } from '../collection/files/request-file.js';
import type { TrailFile } from '../collection/files/trail-file.js';
import type { KnownSecret } from '../echo/known-secrets.js';
import type { Finding } from './finding.js';

/** The files that could be read; those that could not are findings already. */
export interface Checked {
  readonly collection: Collection;
  readonly requests: ReadonlyMap<string, Loaded<RequestFile>>;
  readonly trails: ReadonlyMap<string, Loaded<TrailFile>>;
  /** Names that every request sees: variables of the collection and of any environment. */
  readonly variables: ReadonlySet<string>;
  /** Those that are stored, where the store can be opened. */
  readonly secrets?: (() => Promise<readonly KnownSecret[]>) | undefined;
}

export interface Rule {
  readonly name: string;
  /** The sentence that must hold. */
  readonly must: string;
  check(checked: Checked): Iterable<Omit<Finding, 'rule'>> | AsyncIterable<Omit<Finding, 'rule'>>;
}
