/** `trail`: another trail, with inputs and a scope of its own; what it gives back is named by `keep`. */
import type { TrailStepFile } from '../../collection/files/trail-file.js';
import { argumentsFor, evaluated, planArguments, walkEvaluation } from '../names/arguments.js';
import { startScope } from '../names/start-scope.js';
import { needsIn } from '../needs/needs.js';
import { wayTo } from '../seen-items.js';
import type { StepKind } from '../step-kind.js';
import { keysOf, partsOf, plainOutline } from '../step-outline.js';

export const trail: StepKind<TrailStepFile> = {
  name: 'trail',
  fits: (file): file is TrailStepFile => 'trail' in file,
  outline: (file) => ({
    ...plainOutline,
    walks: [{ name: file.trail, path: ['trail'], give: file.give, givePath: ['give'] }],
    keeps: keysOf(file.keep),
    // What the other trail ends with is its own affair.
    before: partsOf(file, 'keep'),
  }),
  async plan(file, room) {
    const plan = await room.trail(file.trail, 'trail');
    const label = file.name ?? plan.name;
    const gives = planArguments(file.give, room, [...room.path, 'give']);
    const keeps = planArguments(file.keep, room, [...room.path, 'keep']);
    return {
      kind: 'trail',
      label,
      changes: plan.steps.reduce((sum, { changes }) => sum + changes, 0),
      requests: plan.steps.flatMap(({ requests }) => requests),
      gives,
      gains: [...keeps.keys()],
      takes: plan.steps.flatMap(({ takes }) => takes ?? []),
      needs: [
        ...needsIn(file.give, room.yaml, [...room.path, 'give']),
        ...plan.steps.flatMap(({ onlyIf, needs }) => (onlyIf ? [] : needs)),
      ],
      remembers: plan.steps.some(({ remembers }) => remembers),
      tables: [...(plan.table ? [plan.table] : []), ...plan.steps.flatMap(({ tables }) => tables ?? [])],
      async walk(walk, at) {
        const { workspace } = walk;
        const inner = startScope(plan, workspace, argumentsFor(gives, workspace, walk.scope, label));
        const problem = await walk.steps(plan.steps, {
          ...walk,
          at,
          way: wayTo(walk, at),
          scope: inner,
          depth: walk.depth + 1,
        });
        if (problem) return { sent: undefined, kept: [], problems: [problem] };
        for (const [name, tree] of keeps) {
          const named = evaluated(tree, walkEvaluation(workspace, inner), `kept by step ${label}`);
          if (named) walk.scope.set(name, named);
        }
        return { sent: undefined, kept: [...keeps.keys()], problems: [] };
      },
    };
  },
};
