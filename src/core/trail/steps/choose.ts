/** `choose`: a person picks one of a list; unattended, `--set` says which. */

import type { ChooseStepFile } from '../../collection/files/trail-file.js';
import { compileTree, type Tree } from '../../expression/tree.js';
import { action } from '../../problem/actions.js';
import { nearestHint } from '../../problem/nearest.js';
import { Problem } from '../../problem/problem.js';
import { equalValues } from '../../value/equal.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import { evaluated, walkEvaluation } from '../names/arguments.js';
import { Scope } from '../names/scope.js';
import { needsIn } from '../needs/needs.js';
import type { StepKind, Walk } from '../step-kind.js';
import { partsOf, plainOutline } from '../step-outline.js';

export interface Choice {
  readonly label: string;
  readonly value: Value;
  readonly secret: boolean;
}

export const choose: StepKind<ChooseStepFile> = {
  name: 'choose',
  fits: (file): file is ChooseStepFile => 'choose' in file,
  outline: (file) => ({
    ...plainOutline,
    keeps: [],
    leaves: [file.choose.as],
    before: [{ value: file.choose.from, path: ['choose', 'from'] }, ...partsOf(file, 'choose')],
    each: (['label', 'value'] as const).map((key) => ({ value: file.choose[key], path: ['choose', key] })),
  }),
  async plan({ choose: spec, name }, { yaml, path, loads }) {
    const at = (key: string) => (inner: readonly (string | number)[]) =>
      yaml.position([...path, 'choose', key, ...inner]);
    const from = compileTree(spec.from, at('from'), loads);
    const labels = spec.label === undefined ? undefined : compileTree(spec.label, at('label'), loads);
    const values = spec.value === undefined ? undefined : compileTree(spec.value, at('value'), loads);
    const label = name ?? `choose ${spec.as}`;
    return {
      kind: 'choose',
      label,
      changes: 0,
      requests: [],
      takes: [spec.as],
      gains: [spec.as],
      needs: needsIn(spec, yaml, [...path, 'choose']),
      async walk(walk) {
        const choices = choicesIn(from, labels, values, walk, label);
        const given = walk.workspace.settings.get(spec.as);
        const chosen = given === undefined ? await ask(spec.as, choices, walk) : fitting(spec.as, given, choices);
        const { value, secret } = chosen;
        walk.scope.set(spec.as, { value, secret, origin: `chosen by step ${label}` });
        return { sent: undefined, kept: [spec.as], problems: [], told: { chosen: chosen.label } };
      },
      restore: () => undefined,
    };
  },
};

/** @throws Problem data-shape: no list, or an empty one */
function choicesIn(
  from: Tree,
  labels: Tree | undefined,
  values: Tree | undefined,
  { workspace, scope }: Walk,
  label: string,
): readonly Choice[] {
  const list = evaluated(from, walkEvaluation(workspace, scope), label);
  if (!list || !Array.isArray(list.value) || list.value.length === 0) {
    throw new Problem('data-shape', {
      what: `${label}: there is nothing to choose from`,
      cause: Array.isArray(list?.value) ? 'the list is empty' : 'from is no list',
    });
  }
  return (list.value as readonly Value[]).map((item) => {
    const named = new Map([['item', { value: item, secret: list.secret, origin: label }]]);
    const own = walkEvaluation(workspace, new Scope(named, label, scope));
    const value = values ? evaluated(values, own, label) : undefined;
    const text = labels ? evaluated(labels, own, label)?.value : item;
    return {
      label: textOf(text ?? item),
      value: value?.value ?? item,
      secret: (value?.secret ?? list.secret) === true,
    };
  });
}

/** @throws Problem input-missing: nobody is there to ask */
async function ask(name: string, choices: readonly Choice[], { workspace }: Walk): Promise<Choice> {
  if (!workspace.choose) {
    throw new Problem('input-missing', {
      what: `${name} has to be chosen, which needs an interactive terminal`,
      remedy: `${action().giveInput(name, 'LABEL-OR-VALUE')}; there are: ${some(choices)}`,
      data: { input: name },
    });
  }
  return choices[
    await workspace.choose(
      name,
      choices.map(({ label }) => label),
    )
  ] as Choice;
}

/** By its whole value or label, else by a part of the label that only one has. @throws Problem input-value, name-ambiguous */
function fitting(name: string, given: string, choices: readonly Choice[]): Choice {
  const wanted = given.trim().toLowerCase();
  const whole = choices.filter(({ label, value }) => textOf(value) === given || label === given);
  const found =
    whole.length > 0 ? whole : choices.filter(({ label }) => wanted !== '' && label.toLowerCase().includes(wanted));
  const [first] = found;
  // Of those that are all the same, any is.
  if (first && found.every(({ value }) => equalValues(value, first.value))) return first;
  if (first) {
    throw new Problem('name-ambiguous', {
      what: `${given} for ${name} fits ${found.length} of them: ${some(found)}`,
      remedy: 'give the whole label, or the value',
      data: { input: name, fitting: found.map(({ label }) => label) },
    });
  }
  throw new Problem('input-value', {
    what: `${given} for ${name} matches none of ${choices.length} choices`,
    remedy:
      nearestHint(
        given,
        choices.map(({ label }) => label),
      ) ?? `there are: ${some(choices)}`,
    data: { input: name },
  });
}

function some(choices: readonly Choice[]): string {
  const labels = [...new Set(choices.map(({ label }) => label))];
  const shown = labels.slice(0, 8);
  return `${shown.join('; ')}${labels.length > shown.length ? `; and ${labels.length - shown.length} more` : ''}`;
}
