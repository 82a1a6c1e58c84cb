/**
 * A file that is named outright is there, unless a table of some trail may write it.
 *
 *     body: {parts: {plan: {file: data/cargo-plan.txt}}}      # holds
 *     body: {file: data/cargo-plam.txt}                       # does not
 */
import type { Collection } from '../../collection/collection.js';
import type { StepFile } from '../../collection/files/trail-file.js';
import { filesNamed } from '../../exchange/request/named-files.js';
import { filesUsed, type NamedFile } from '../../expression/files-used.js';
import { asProblem } from '../../problem/problem.js';
import { pathInside } from '../../storage/inside.js';
import { everyStep } from '../../trail/steps/registry.js';
import { writing } from '../../trail/table/table.js';
import type { Value } from '../../value/written.js';
import type { Rule } from '../rule.js';

export const filesExist: Rule = {
  name: 'files-exist',
  must: 'a file that is named outright is there, unless a table of some trail may write it',
  *check({ collection, requests, trails }) {
    const made = [...trails.values()].flatMap(({ content }) => [
      ...(content.table?.to === undefined ? [] : [writing(content.table.to)]),
      ...tablesIn(content.steps),
    ]);
    const named = [
      ...[...requests.values()].map(({ content, yaml }) => ({ yaml, files: filesNamed(content) })),
      ...[...trails.values()].map(({ content, yaml }) => ({
        yaml,
        files: [...filesUsed(content as unknown as Value), ...comparedIn(content.steps)],
      })),
    ];
    for (const { yaml, files } of named) {
      for (const { file, path } of files) {
        const found = made.some((mayBe) => mayBe(file)) ? undefined : missing(collection, file);
        if (found) yield { severity: 'error', where: yaml.position([...path]), ...found };
      }
    }
  },
};

function missing({ root }: Collection, file: string): { what: string; remedy: string | undefined } | undefined {
  try {
    pathInside(root, file);
    return undefined;
  } catch (error) {
    const { what, remedy } = asProblem(error);
    return { what, remedy };
  }
}

const tablesIn = (steps: readonly StepFile[]): ((file: string) => boolean)[] =>
  [...everyStep(steps)].flatMap(({ outline: { inner } }) =>
    inner?.table?.to === undefined ? [] : [writing(inner.table.to)],
  );

const comparedIn = (steps: readonly StepFile[]): NamedFile[] =>
  [...everyStep(steps)].flatMap(({ outline, path }) =>
    outline.files.map(({ file, path: below }) => ({ file, path: [...path, ...below] })),
  );
