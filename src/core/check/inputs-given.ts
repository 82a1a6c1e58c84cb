/** What a step gives to the request or the trail that it names: all that it needs, and nothing that it does not take. */

import type { Loaded } from '../collection/collection.js';
import type { Input } from '../collection/files/parts.js';
import { type RequestFile, sentParts } from '../collection/files/request-file.js';
import type { YamlFile } from '../collection/yaml.js';
import { addressNames, addressParts } from '../exchange/address/address-template.js';
import { namesUsed } from '../expression/names-used.js';
import { nearestHint } from '../problem/nearest.js';
import type { StepCall, StepOutline } from '../trail/step-outline.js';
import { keepersOf } from '../usage/capturing-requests.js';
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
  /** It takes back what the step made. */
  readonly undoes: boolean;
  /** Where it is named, and where its `give` stands. */
  readonly path: Path;
  readonly givePath: Path;
}

/** @param known names of the walk by then @param after those that the step itself leaves behind, for its undo part */
export function* inputsGiven(
  outline: StepOutline,
  at: Path,
  { known, after }: { readonly known: ReadonlySet<string>; readonly after: ReadonlySet<string> },
  checked: Checked,
  yaml: YamlFile,
): Generator<Omit<Finding, 'rule'>> {
  for (const { name, give = {}, inputs, needed, undoes, path, givePath } of calledBy(outline, at, checked)) {
    for (const key of Object.keys(give)) {
      if (Object.hasOwn(inputs, key)) continue;
      yield {
        severity: 'error',
        where: yaml.position([...givePath, key], 'key'),
        what: `${name} takes no input ${key}`,
        remedy: nearestHint(key, Object.keys(inputs)) ?? `${name} has no inputs`,
      };
    }
    const there = undoes ? after : known;
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

function calledBy({ sends, walks }: StepOutline, at: Path, { collection, requests, trails }: Checked): Called[] {
  const called = (call: StepCall, own: Pick<Called, 'name' | 'inputs' | 'needed'>): Called => ({
    ...own,
    give: call.give,
    undoes: call.undoes !== undefined,
    path: [...at, ...call.path],
    givePath: [...at, ...call.givePath],
  });
  return [
    ...sends.flatMap((call) => {
      const loaded = requests.get(resolved(collection, 'request', call.name));
      const own = loaded && { name: loaded.name, inputs: loaded.content.inputs ?? {}, needed: neededBy(loaded) };
      return own ? called(call, own) : [];
    }),
    ...walks.flatMap((call) => {
      const loaded = trails.get(resolved(collection, 'trail', call.name));
      const inputs = loaded?.content.inputs ?? {};
      return loaded ? called(call, { name: loaded.name, inputs, needed: new Set(Object.keys(inputs)) }) : [];
    }),
  ];
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
