/**
 * No file has a word that is on its way out: what it was called before is read until the next release.
 *
 *     query: {name: "${name ?? absent}"}     # holds
 *     query: {name: "${name ?? omit}"}       # does not
 */
import { type PartUse, partsUsed } from '../../expression/parts-used.js';
import { formerSources } from '../../expression/sources/registry.js';
import type { FilePosition } from '../../problem/problem.js';
import { everyStep } from '../../trail/steps/registry.js';
import type { Value } from '../../value/written.js';
import type { Finding } from '../finding.js';
import { namesMade } from '../names-made.js';
import { allReadable } from '../readable.js';
import type { Rule } from '../rule.js';
import { templatesOf, usedInTemplate } from '../template-names.js';

type Found = Omit<Finding, 'rule'>;

export const formerWords: Rule = {
  name: 'former-words',
  must: 'no file has a word that is read only until the next release',
  *check({ collection, requests, trails, variables }) {
    const others = (['session', 'signature', 'environment'] as const).flatMap((kind) => allReadable(collection, kind));
    for (const { content, yaml } of [...requests.values(), ...trails.values(), ...others]) {
      const own = new Set(namesMade(content as unknown as Value));
      for (const use of partsUsed(content as unknown as Value))
        if (!isName(use, own, variables)) yield* inPart(use, yaml.position([...use.path]));
    }
    const templates = new Set([...requests.values()].flatMap(({ content }) => templatesOf(content)));
    for (const file of templates)
      for (const use of usedInTemplate(collection, file, partsUsed)) yield* inPart(use, { file });
    for (const { content, yaml } of allReadable(collection, 'signature'))
      if ('answers' in content) yield found('answers', 'responses', yaml.position(['answers'], 'key'));
    for (const { content, yaml } of trails.values())
      for (const { step, path } of everyStep(content.steps))
        if (step.when !== undefined) yield found('when', 'only-if', yaml.position([...path, 'when'], 'key'));
  },
};

/** A name of the collection wins over a source of the same name. */
const isName = ({ node }: PartUse, ...known: readonly ReadonlySet<string>[]): boolean =>
  node.kind === 'path' && known.some((names) => names.has(node.name));

function* inPart({ node }: PartUse, where: FilePosition): Generator<Found> {
  if (node.kind !== 'call' && (node.kind !== 'path' || node.steps.length > 0)) return;
  const meant = formerSources.get(node.name);
  if (meant && meant.bare === (node.kind === 'path')) yield found(node.name, meant.name, where);
}

const found = (former: string, today: string, where: FilePosition): Found => ({
  severity: 'warning',
  where,
  what: `${former} is called ${today} now`,
  remedy: `write ${today}; the next release no longer reads ${former}`,
});
