/**
 * Every name that a session or a signature uses is a variable, a value of its own, or one that a request or a trail may have.
 *
 *     define: {stamp: "${now | iso}"}
 *     headers: {X-Date: "${stamp}"}     # holds
 *     headers: {X-Date: "${stmp}"}      # does not
 */
import { namesUsed } from '../../expression/names-used.js';
import { writtenAs } from '../../expression/sources/registry.js';
import { nearestHint } from '../../problem/nearest.js';
import type { Value } from '../../value/written.js';
import type { Finding } from '../finding.js';
import { namesMade } from '../names-made.js';
import { readable } from '../readable.js';
import type { Checked, Rule } from '../rule.js';
import { suppliedBy } from '../supplied.js';
import { columnsOf } from './trail-names-resolve.js';

type Found = Omit<Finding, 'rule'>;
type Kind = 'session' | 'signature';

export const sessionNamesResolve = {
  name: 'session-names-resolve',
  must: 'every name that a session or a signature uses is a variable, a value of its own, or one that a request or a trail may have',
  *check(checked) {
    for (const kind of ['session', 'signature'] as const)
      yield* unknownNames(checked, kind, checked.collection.names(kind));
  },
} satisfies Rule;

/** @param given names of files of that kind; one that cannot be read is told when it is used */
export function* unknownNames(checked: Checked, kind: Kind, given: Iterable<string>): Generator<Found> {
  const callers = namesOfCallers(checked);
  for (const name of given) {
    const file = readable(checked.collection, kind, name);
    if (!file) continue;
    const { about: _, examples: __, ...content } = file.content as Readonly<Record<string, Value>>;
    const known = new Set([...callers, ...namesMade(content), 'token', 'sent']);
    for (const use of namesUsed(content)) {
      if (use.name === 'secret' || use.optional || known.has(use.name)) continue;
      yield {
        severity: 'error',
        where: file.yaml.position([...use.path]),
        what: `the ${kind} ${file.name} uses ${use.name}, which is no variable, none of its own values, and nothing that a request or a trail has`,
        remedy: writtenAs(use.name) ?? nearestHint(use.name, known),
      };
    }
  }
}

/** Whatever whoever needs the session may bring along. */
function namesOfCallers(checked: Checked): ReadonlySet<string> {
  const files = [...checked.requests.values(), ...checked.trails.values()];
  return new Set([
    ...checked.variables,
    ...suppliedBy(checked.collection),
    ...files.flatMap(({ content }) => namesMade(content as unknown as Value)),
    ...[...checked.trails.values()].flatMap((trail) => columnsOf(checked, trail) ?? []),
  ]);
}
