/** What a collection has of documentation: enough to look things up in it without reading the manifest again. */
import { action } from '../../problem/actions.js';
import { nearestHint } from '../../problem/nearest.js';
import { Problem } from '../../problem/problem.js';
import { ownMember } from '../../value/own-member.js';
import type { ManifestFile } from '../files/manifest-file.js';

export type SourceEntry = NonNullable<ManifestFile['docs']>[string];

/** A collection is one. */
export interface SourceCatalogue {
  /** The folder of the collection, absolute. */
  readonly root: string;
  /** Its local state. */
  readonly local: string;
  /** The sources that the manifest names. */
  readonly docs: Readonly<Record<string, SourceEntry>>;
}

/** @throws Problem operation-not-found: there is no such source */
export function entryOf({ docs }: SourceCatalogue, name: string): SourceEntry {
  const entry = ownMember(docs, name);
  if (entry) return entry;
  throw new Problem('operation-not-found', {
    what: `there is no documentation source ${name}`,
    remedy: nearestHint(name, Object.keys(docs)) ?? action().addSource(),
  });
}
