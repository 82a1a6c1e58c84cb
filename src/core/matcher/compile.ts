/** A value or a map of matchers, as written in a file, made into one check. */
import { nearestHint } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { isValueMap, type Value } from '../value/written.js';
import { equals } from './kinds/equals.js';
import type { Check, CompileContext, Nested } from './matcher.js';
import { matchers } from './registry.js';

/**
 * A plain value or a list means equality; a map is always matchers, all of which must hold.
 * @throws Problem matcher-shape
 */
export function compileMatchers(expected: Value, workshop: CompileContext): Check {
  const nested: Nested = (inner, subject) => compileMatchers(inner, { ...workshop, subject });
  if (!isValueMap(expected)) return equals.compile(expected, workshop, nested);
  const checks = Object.entries(expected).map(([name, value]) => {
    const kind = matchers.get(name);
    if (!kind) {
      throw new Problem('matcher-shape', {
        what: `there is no matcher ${name}`,
        remedy: `${nearestHint(name, matchers.keys())}; to compare with a whole object write {equals: {…}}`,
        data: { matcher: name },
      });
    }
    return kind.compile(value, workshop, nested);
  });
  const [only] = checks;
  if (checks.length === 1 && only) return only;
  if (checks.length === 0)
    throw new Problem('matcher-shape', {
      what: 'an empty { } matches nothing',
      remedy: 'write {exists: true}, or {equals: {}}',
    });
  return {
    describe: () => checks.map((check) => check.describe()).join(' and '),
    miss(found, situation) {
      for (const check of checks) {
        const miss = check.miss(found, situation);
        if (miss !== undefined) return miss;
      }
      return undefined;
    },
  };
}
