/**
 * No file has a word that is on its way out: what it was called before is read until the next release.
 *
 *     query: {name: "${name ?? absent}"}     # holds
 *     query: {name: "${name ?? omit}"}       # does not
 */
import type { Loaded } from '../../collection/collection.js';
import { type FileKind, fileKinds } from '../../collection/files/registry.js';
import type { StepFile } from '../../collection/files/trail-file.js';
import { type PartUse, partsUsed } from '../../expression/parts-used.js';
import { formerSources } from '../../expression/sources/registry.js';
import type { FilePosition } from '../../problem/problem.js';
import type { Value } from '../../value/written.js';
import type { Finding } from '../finding.js';
import type { Checked, Rule } from '../rule.js';
import { templatesOf, usedInTemplate } from '../template-names.js';

type Found = Omit<Finding, 'rule'>;
type Path = readonly (string | number)[];

export const formerWords: Rule = {
  name: 'former-words',
  must: 'no file has a word that is read only until the next release',
  *check(checked) {
    const { collection, requests, trails } = checked;
    for (const kind of Object.keys(fileKinds) as FileKind[]) {
      for (const { content, yaml } of filesOf(checked, kind)) {
        for (const use of partsUsed(content as Value)) yield* inPart(use, yaml.position([...use.path]));
      }
    }
    const templates = new Set([...requests.values()].flatMap(({ content }) => templatesOf(content)));
    for (const file of templates)
      for (const use of usedInTemplate(collection, file, partsUsed)) yield* inPart(use, { file });
    for (const { content, yaml } of trails.values())
      for (const path of stepsWithWhen(content.steps, ['steps']))
        yield found('when', 'only-if', yaml.position([...path, 'when'], 'key'));
  },
};

/** What cannot be read is told when it is used. */
function* filesOf({ collection, requests, trails }: Checked, kind: FileKind): Generator<Loaded<unknown>> {
  if (kind === 'request') yield* requests.values();
  else if (kind === 'trail') yield* trails.values();
  else {
    for (const name of collection.names(kind)) {
      try {
        yield collection.read(kind, name);
      } catch {}
    }
  }
}

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

const stepsWithWhen = (steps: readonly StepFile[], path: Path): Path[] =>
  steps.flatMap((step, index) => [
    ...(step.when === undefined ? [] : [[...path, index]]),
    ...('for-each' in step ? stepsWithWhen(step.steps, [...path, index, 'steps']) : []),
  ]);
