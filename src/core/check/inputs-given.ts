/** What a step gives to the request or the trail that it names: all that it needs, and nothing that it does not take. */

import type { Loaded } from '../collection/collection.js';
import type { Input } from '../collection/files/parts.js';
import { type RequestFile, sentParts } from '../collection/files/request-file.js';
import type { StepFile } from '../collection/files/trail-file.js';
import { keepersOf } from '../collection/usage/keepers.js';
import type { YamlFile } from '../collection/yaml.js';
import { addressNames, addressParts } from '../exchange/address/address-template.js';
import { namesUsed } from '../expression/names-used.js';
import { nearestHint } from '../problem/nearest.js';
import { ownMember } from '../value/own-member.js';
import type { Value } from '../value/written.js';
import type { Finding } from './finding.js';
import type { Checked } from './rule.js';
import { suppliedBy } from './supplied.js';
import { resolved } from './trail-steps.js';

type Path = readonly (string | number)[];

/** A request or a trail that a step names, with what it is given. */
interface Called {
  readonly name: string;
  readonly give: Readonly<Record<string, unknown>> | undefined;
  readonly inputs: Readonly<Record<string, Input>>;
  /** Without which it cannot be sent or walked, unless it has a default. */
  readonly needed: ReadonlySet<string>;
  /** Where it is named, and where its `give` stands. */
  readonly path: Path;
  readonly givePath: Path;
}

/** @param known names of the walk by then @param after those that the step itself leaves behind, for its undo part */
export function* inputsGiven(
  step: StepFile,
  at: Path,
  { known, after }: { readonly known: ReadonlySet<string>; readonly after: ReadonlySet<string> },
  checked: Checked,
  yaml: YamlFile,
): Generator<Omit<Finding, 'rule'>> {
  for (const { name, give = {}, inputs, needed, path, givePath } of calledBy(step, at, checked)) {
    for (const key of Object.keys(give)) {
      if (Object.hasOwn(inputs, key)) continue;
      yield {
        severity: 'error',
        where: yaml.position([...givePath, key], 'key'),
        what: `${name} takes no input ${key}`,
        remedy: nearestHint(key, Object.keys(inputs)) ?? `${name} has no inputs`,
      };
    }
    const there = path.includes('undo') ? after : known;
    for (const input of needed) {
      if (ownMember(inputs, input)?.default !== undefined || Object.hasOwn(give, input) || there.has(input)) continue;
      if (suppliedBy(checked.collection).includes(input)) continue;
      yield {
        severity: 'error',
        where: yaml.position(path),
        what: `${name} needs the input ${input}, and nothing gives it at this step`,
        remedy: `give: {${input}: …}, or keep a value of that name in a step before${keptBy(checked, input)}`,
      };
    }
  }
}

function keptBy({ collection }: Checked, input: string): string {
  const keepers = keepersOf(collection, input);
  return keepers.length === 0 ? '' : `, as ${keepers.join(' or ')} does`;
}

function calledBy(step: StepFile, at: Path, checked: Checked): Called[] {
  const called: (Called | undefined)[] = [];
  const request = (given: string, give: Called['give'], path: Path, givePath: Path): void => {
    const loaded = checked.requests.get(resolved(checked.collection, 'request', given));
    if (!loaded) return;
    const { name, content } = loaded;
    called.push({ name, give, inputs: content.inputs ?? {}, needed: neededBy(loaded), path, givePath });
  };
  if ('send' in step) {
    request(step.send, step.give, [...at, 'send'], [...at, 'give']);
    if (step.undo) request(step.undo.send, step.undo.give, [...at, 'undo', 'send'], [...at, 'undo', 'give']);
  }
  if ('poll' in step) request(step.poll, step.give, [...at, 'poll'], [...at, 'give']);
  if ('for-each' in step) {
    const members = step['for-each'];
    if (typeof members === 'object' && 'pages' in members)
      request(members.pages, undefined, [...at, 'for-each', 'pages'], at);
  }
  if ('compare' in step) {
    for (const [index, side] of step.compare.entries()) {
      const path = [...at, 'compare', index];
      if ('send' in side) request(side.send, side.give, [...path, 'send'], [...path, 'give']);
    }
  }
  if ('trail' in step) {
    const loaded = checked.trails.get(resolved(checked.collection, 'trail', step.trail));
    const inputs = loaded?.content.inputs ?? {};
    if (loaded)
      called.push({
        name: loaded.name,
        give: step.give,
        inputs,
        needed: new Set(Object.keys(inputs)),
        path: [...at, 'trail'],
        givePath: [...at, 'give'],
      });
  }
  return called.filter((one) => one !== undefined);
}

/** Inputs that are used where no other value stands for them. */
function neededBy({ content }: Loaded<RequestFile>): ReadonlySet<string> {
  const inputs = content.inputs ?? {};
  const used = ([...sentParts, 'expect', 'keep'] as const).flatMap((part) =>
    namesUsed((content[part] ?? null) as Value).flatMap(({ name, optional }) => (optional ? [] : [name])),
  );
  // What an operator writes may be left out (RFC 6570).
  const bare = addressParts(content.url)
    .filter((part) => !/^[+#./;?&]/.test(part))
    .flatMap((part) => addressNames(part).filter((name) => content.path?.[name] === undefined));
  return new Set([...used, ...bare].filter((name) => Object.hasOwn(inputs, name)));
}
