/** A step with only `keep`: names for values that are computed. */
import type { KeepStepFile } from '../../collection/files/trail-file.js';
import { evaluated, planArguments, walkEvaluation } from '../names/arguments.js';
import { needsIn } from '../needs/needs.js';
import type { StepKind } from '../step-kind.js';
import { keysOf, partsOf, plainOutline } from '../step-outline.js';

export const keep: StepKind<KeepStepFile> = {
  name: 'keep',
  // Others may keep something too: they are asked before.
  fits: (file): file is KeepStepFile => 'keep' in file,
  outline: (file) => ({
    ...plainOutline,
    keeps: keysOf(file.keep),
    before: partsOf(file, 'keep'),
    // A value may use the one before it.
    after: [{ value: file.keep, path: ['keep'] }],
  }),
  async plan(file, room) {
    const values = planArguments(file.keep, room, [...room.path, 'keep']);
    const label = file.name ?? `keep ${[...values.keys()].join(', ')}`;
    return {
      kind: 'keep',
      label,
      changes: 0,
      requests: [],
      gains: [...values.keys()],
      needs: needsIn(file.keep, room.yaml, [...room.path, 'keep']),
      async walk({ workspace, scope }) {
        for (const [name, tree] of values) {
          // One after the other, so that a value may use the one before it.
          const named = evaluated(tree, walkEvaluation(workspace, scope), `kept by step ${label}`);
          if (named) scope.set(name, named);
        }
        return { sent: undefined, kept: [...values.keys()], problems: [] };
      },
      // A moment or a random number is the same when the run is resumed.
      restore: () => undefined,
    };
  },
};
