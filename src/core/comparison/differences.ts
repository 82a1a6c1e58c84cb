/** What differs between two values, place by place. */
import { equalValues } from '../value/equal.js';
import { pathBelow } from '../value/json-path-text.js';
import { isValueMap, plain, type Value } from '../value/written.js';

export interface Difference {
  /** JSONPath for data, `status`, `header.etag`; `line 4` for text. */
  readonly at: string;
  readonly kind: 'changed' | 'added' | 'removed';
  /** undefined where it is only on the other side. */
  readonly left: Value | undefined;
  readonly right: Value | undefined;
}

/** Lists are compared item by item, in order; maps by their keys, in whatever order. */
export function differencesBetween(left: Value, right: Value, at = '$'): Difference[] {
  if (isValueMap(left) && isValueMap(right)) {
    const keys = new Set([...Object.keys(left), ...Object.keys(right)]);
    return [...keys].flatMap((key) => {
      const here = pathBelow(at, key);
      if (!Object.hasOwn(right, key)) return [only(here, 'removed', left[key] as Value)];
      if (!Object.hasOwn(left, key)) return [only(here, 'added', right[key] as Value)];
      return differencesBetween(left[key] as Value, right[key] as Value, here);
    });
  }
  if (Array.isArray(left) && Array.isArray(right)) {
    const [a, b] = [left as readonly Value[], right as readonly Value[]];
    return Array.from({ length: Math.max(a.length, b.length) }, (_, index) => {
      const here = pathBelow(at, index);
      if (index >= b.length) return [only(here, 'removed', a[index] as Value)];
      if (index >= a.length) return [only(here, 'added', b[index] as Value)];
      return differencesBetween(a[index] as Value, b[index] as Value, here);
    }).flat();
  }
  // The type counts: 1 is not "1".
  const same = typeof plain(left) === typeof plain(right) && equalValues(left, right);
  return same ? [] : [{ at, kind: 'changed', left, right }];
}

const only = (at: string, kind: 'added' | 'removed', value: Value): Difference => ({
  at,
  kind,
  left: kind === 'removed' ? value : undefined,
  right: kind === 'added' ? value : undefined,
});

/**
 * Those that count. A place given stands for all below it too; `[*]` for any item.
 * @param onlyAt where it is given, nothing else counts
 */
export function counting(
  found: readonly Difference[],
  ignoring: readonly string[],
  onlyAt: readonly string[],
): readonly Difference[] {
  const [left, wanted] = [ignoring.map(covering), onlyAt.map(covering)];
  return found.filter(
    ({ at }) => !left.some((covers) => covers(at)) && (wanted.length === 0 || wanted.some((covers) => covers(at))),
  );
}

function covering(place: string): (at: string) => boolean {
  const escaped = place
    .trim()
    .replace(/[$()+./?\\^{|}[\]]/g, '\\$&')
    .replaceAll('\\[*\\]', '\\[\\d+\\]')
    .replaceAll('*', '\\*');
  const pattern = new RegExp(`^${escaped}(?:$|[.[])`, 'i');
  return (at) => pattern.test(at);
}
