/** The nearest known name to a misspelt one. */
import { distance } from 'fastest-levenshtein';

/** The closest of `known` if it is close enough to be meant, else undefined. */
export function nearest(name: string, known: Iterable<string>): string | undefined {
  const wanted = name.toLowerCase();
  let best: string | undefined;
  let least = Math.max(1, Math.floor(name.length / 3)) + 1;
  for (const candidate of known) {
    const lower = candidate.toLowerCase();
    // Letters that changed places are one mistake, not two.
    const far = lower === wanted ? 0 : sameLetters(lower, wanted) ? 1 : distance(wanted, lower);
    if (far < least) {
      least = far;
      best = candidate;
    }
  }
  return best;
}

function sameLetters(one: string, other: string): boolean {
  return one.length === other.length && [...one].sort().join('') === [...other].sort().join('');
}

/**
 * `"did you mean X?"` or, where nothing is near, the first few that exist.
 * @param others may be meant too, and are not listed, such as the ends of names
 */
export function nearestHint(name: string, known: Iterable<string>, others: Iterable<string> = []): string | undefined {
  const all = [...new Set(known)];
  const near = nearest(name, [...all, ...others]);
  if (near !== undefined) return `did you mean ${near}?`;
  if (all.length === 0) return undefined;
  const shown = all.slice(0, 8).join(', ');
  return all.length > 8 ? `known are ${shown} and ${all.length - 8} more` : `known: ${shown}`;
}
