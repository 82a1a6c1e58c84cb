/** What the rules about trails want to know of a step. */
import type { StepOutline } from '../trail/step-outline.js';
import type { Checked } from './rule.js';

/** What a step leaves behind: what it keeps, and what its request keeps. */
export const gains = ({ keeps, leaves, leavesKeptBy }: StepOutline, { requests, collection }: Checked): string[] => [
  ...keeps,
  ...leaves,
  ...leavesKeptBy.flatMap((sent) =>
    Object.keys(requests.get(resolved(collection, 'request', sent))?.content.keep ?? {}),
  ),
];

/** The whole name of a file, or the given one where there is none. */
export function resolved(collection: Checked['collection'], kind: 'request' | 'trail', given: string): string {
  try {
    return collection.resolve(kind, given);
  } catch {
    return given;
  }
}
