/** What the rules about trails want to know of a step: the names it leaves behind, and which of its parts see what. */
import type { StepFile } from '../collection/files/trail-file.js';
import type { Checked } from './rule.js';

interface Part {
  readonly value: unknown;
  readonly path: readonly (string | number)[];
}

/** What a step leaves behind: what it keeps, and what its request keeps. */
export function gains(step: StepFile, { requests, collection }: Checked): string[] {
  if ('choose' in step) return [step.choose.as];
  if ('for-each' in step) return step.table?.as === undefined ? [] : [step.table.as];
  if ('compare' in step) return [];
  const own = Object.keys(step.keep ?? {});
  const sent = 'send' in step ? step.send : 'poll' in step ? step.poll : undefined;
  if (sent === undefined) return own;
  return [...own, ...Object.keys(requests.get(resolved(collection, 'request', sent))?.content.keep ?? {})];
}

/** The whole name of a file, or the given one where there is none. */
export function resolved(collection: Checked['collection'], kind: 'request' | 'trail', given: string): string {
  try {
    return collection.resolve(kind, given);
  } catch {
    return given;
  }
}

/**
 * The parts of a step by what they see: what was known before it; beside that what it gained; beside that each item.
 * What is inside for-each is not among them.
 */
export function ownParts(
  step: StepFile,
  path: readonly (string | number)[],
): { readonly own: readonly Part[]; readonly withGained: readonly Part[]; readonly withItem: readonly Part[] } {
  const own: Part[] = [];
  const withGained: Part[] = [];
  const withItem: Part[] = [];
  const isKeep = !['send', 'trail', 'poll', 'for-each', 'choose', 'compare'].some((key) => key in step);
  for (const [key, value] of Object.entries(step)) {
    const part = { value, path: [...path, key] };
    if (key === 'choose') {
      const { from, label, value: kept } = value as { from: unknown; label?: unknown; value?: unknown };
      own.push({ value: from, path: [...part.path, 'from'] });
      withItem.push({ value: label, path: [...part.path, 'label'] }, { value: kept, path: [...part.path, 'value'] });
    } else if (key === 'steps' || key === 'table') continue;
    // What another trail ends with is its own affair.
    else if (key === 'keep' && 'trail' in step) continue;
    else if (key === 'undo' || (key === 'keep' && isKeep)) withGained.push(part);
    else own.push(part);
  }
  return { own, withGained, withItem };
}

/** The requests that a step sends, those inside it and its undo parts included, as they are named. */
export function sentBy(step: StepFile): string[] {
  const named: string[] = [];
  if ('send' in step) named.push(step.send, ...(step.undo ? [step.undo.send] : []));
  if ('poll' in step) named.push(step.poll);
  if ('compare' in step) named.push(...step.compare.flatMap((side) => ('send' in side ? side.send : [])));
  if ('for-each' in step) {
    const members = step['for-each'];
    if (typeof members === 'object' && 'pages' in members) named.push(members.pages);
    named.push(...step.steps.flatMap(sentBy));
  }
  return named;
}
