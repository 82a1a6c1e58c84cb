/** The documented operation of a call that is known by its method and address alone. */
import type { Collection } from '../../collection/collection.js';
import { openSourceLists } from '../../collection/sources/source-index.js';
import type { Documented } from './take-over.js';

interface Known {
  readonly operation: string;
  /** Segments, `{name}` where a parameter stands. */
  readonly segments: readonly string[];
  /** Those that are no parameter. */
  readonly fixed: number;
}

/** @returns what finds it; of several that fit, the one with the most words of its own */
export async function documentedCalls(
  collection: Collection,
): Promise<(method: string, segments: readonly string[]) => Documented | undefined> {
  const known = new Map<string, Known[]>();
  for (const source of Object.keys(collection.docs)) {
    const lists = await openSourceLists(collection, source).catch(() => undefined);
    for (const { method, path, id } of lists?.listed() ?? []) {
      if (!path.startsWith('/')) continue;
      const segments = path.split('/').slice(1);
      const fixed = segments.filter((one) => !one.includes('{')).length;
      // A path of parameters alone fits everything.
      if (fixed === 0) continue;
      const key = `${method.toUpperCase()} ${segments.at(-1)?.includes('{') ? '{}' : segments.at(-1)}`;
      known.set(key, [...(known.get(key) ?? []), { operation: `${source}/${id}`, segments, fixed }]);
    }
  }
  return (method, all) => {
    const candidates = [...(known.get(`${method} ${all.at(-1)}`) ?? []), ...(known.get(`${method} {}`) ?? [])];
    const fitting = candidates
      .filter(({ segments }) => fits(segments, all))
      .sort((a, b) => b.fixed - a.fixed || b.segments.length - a.segments.length);
    const [best] = fitting;
    if (!best) return undefined;
    const first = all.length - best.segments.length;
    const names = best.segments.flatMap((one, index) => {
      const [, name] = /^\{([\w-]+)\}$/.exec(one) ?? [];
      return name === undefined ? [] : [[first + index, name] as const];
    });
    return { operation: best.operation, segmentNames: new Map(names) };
  };
}

/** The end of a path: what stands before it is of the server. */
function fits(segments: readonly string[], all: readonly string[]): boolean {
  const first = all.length - segments.length;
  return (
    first >= 1 &&
    segments.every((one, index) => {
      const given = all[first + index] as string;
      return one.includes('{') ? given !== '' : one === given;
    })
  );
}
