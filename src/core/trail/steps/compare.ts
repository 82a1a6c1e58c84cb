/** `compare`: fails where two responses or documents differ, or differ elsewhere than they should. */
import type { CompareStepFile, SideFile } from '../../collection/files/trail-file.js';
import { covering } from '../../comparison/counting.js';
import type { Difference } from '../../comparison/difference.js';
import type { ComparedResponse } from '../../comparison/responses.js';
import { compileTree } from '../../expression/tree.js';
import { compileMatchers } from '../../matcher/compile.js';
import type { Check } from '../../matcher/matcher.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { echoSide, fileSide, sentSide } from '../../sending/compare-side.js';
import type { PreparedRequest } from '../../sending/prepare.js';
import { sendRequest } from '../../sending/send.js';
import { durationText } from '../../value/measures.js';
import type { Value } from '../../value/written.js';
import { argumentsFor, evaluated, planArguments, walkEvaluation } from '../names/arguments.js';
import { fileNeed, needsIn } from '../needs/needs.js';
import type { PlanContext, StepKind, Walk } from '../step-kind.js';
import { partsOf, plainOutline } from '../step-outline.js';
import { requireUnchanging } from './unchanging.js';

interface Side {
  readonly label: string;
  readonly request: PreparedRequest | undefined;
  /** undefined where nothing is sent. */
  response(walk: Walk): Promise<ComparedResponse | undefined>;
}

export const compare: StepKind<CompareStepFile> = {
  name: 'compare',
  fits: (file): file is CompareStepFile => 'compare' in file,
  outline: (file) => ({
    ...plainOutline,
    sends: file.compare.flatMap((side, index) =>
      'send' in side
        ? [
            {
              name: side.send,
              path: ['compare', index, 'send'],
              give: side.give,
              givePath: ['compare', index, 'give'],
            },
          ]
        : [],
    ),
    keeps: [],
    before: partsOf(file),
    files: file.compare.flatMap((side, index) =>
      'file' in side ? [{ file: side.file, path: ['compare', index, 'file'] }] : [],
    ),
  }),
  async plan(file, room) {
    const { yaml, path, loads, preparation } = room;
    const sides: Side[] = [];
    for (const [index, side] of file.compare.entries()) sides.push(await planSide(side, index, room));
    const [one, other] = sides as [Side, Side];
    const label = file.name ?? `compare ${one.label} with ${other.label}`;
    const { ignoring, only, unordered, changed } = file;
    const ratio = file['time-ratio'] === undefined ? undefined : ratioCheck(file['time-ratio']);

    function ratioCheck(expected: Value): Check {
      try {
        return compileMatchers(expected, { subject: { strict: false }, loads, readText: preparation.readText });
      } catch (error) {
        throw asProblem(error).at(yaml.position([...path, 'time-ratio']));
      }
    }

    return {
      kind: 'compare',
      label,
      changes: 0,
      requests: sides.flatMap(({ request }) => request ?? []),
      gains: [],
      needs: [
        ...needsIn(file.compare, yaml, [...path, 'compare']),
        ...file.compare.flatMap((side, index) =>
          'file' in side ? [fileNeed({ file: side.file, path: [...path, 'compare', index, 'file'] }, yaml)] : [],
        ),
      ],
      async walk(walk) {
        // One after the other: the first may be what the second waits for.
        const left = await one.response(walk);
        const right = await other.response(walk);
        // Where nothing is sent, what is compared may be made of examples.
        if (!left || !right || walk.workspace.dryRun) return { sent: undefined, kept: [], problems: [] };
        const { responseDifferences } = await import('../../comparison/responses.js');
        const found = responseDifferences(left, right, { ignoring, only, unordered });
        const { wrong, missing } = changed ? asIntended(found, changed) : { wrong: found, missing: [] };
        const problems = [
          ...missing.map((place) => new Problem('step-failed', { what: `${place} should have changed, and did not` })),
          ...(wrong.length > 0 ? [differ(wrong)] : []),
          ...slow(ratio, left, right),
        ];
        return { sent: undefined, kept: [], problems, told: { differences: wrong } };
      },
      restore: () => undefined,
    };
  },
};

async function planSide(side: SideFile, index: number, room: PlanContext): Promise<Side> {
  const path = [...room.path, 'compare', index];
  if ('send' in side) {
    const prepared = await room.request(side.send, 'compare');
    requireUnchanging(prepared, 'compare', room);
    const gives = planArguments(side.give, room, [...path, 'give']);
    const { session } = side;
    const sessions = session === undefined ? undefined : session === 'none' ? [] : [session].flat();
    const { name } = prepared.plan;
    return {
      label: name,
      request: prepared,
      async response({ workspace, scope, signal, row }) {
        const given = argumentsFor(gives, workspace, scope, name);
        const caller = walkEvaluation(workspace, scope).names;
        const sent = await sendRequest(workspace, prepared, { given, caller, sessions, signal, step: name, row });
        return workspace.dryRun ? undefined : sentSide(sent);
      },
    };
  }
  if ('echo' in side) {
    const { echo } = side;
    return {
      label: `echo ${echo}`,
      request: undefined,
      response: ({ workspace }) => echoSide(workspace.collection.local, echo),
    };
  }
  if ('file' in side) {
    const { file } = side;
    return {
      label: file,
      request: undefined,
      response: async ({ workspace }) => fileSide(workspace.collection.root, file),
    };
  }
  const tree = compileTree(side.value, (inner) => room.yaml.position([...path, 'value', ...inner]), room.loads);
  const label = typeof side.value === 'string' ? side.value.replace(/^\$\{(.*)\}$/, '$1') : 'a value';
  return {
    label,
    request: undefined,
    async response({ workspace, scope }) {
      const value = evaluated(tree, walkEvaluation(workspace, scope), label)?.value ?? null;
      const text = typeof value === 'string' ? value : '';
      return { status: undefined, headers: [], text, ...(typeof value !== 'string' && { value }) };
    },
  };
}

/** Differences elsewhere than at the intended places, and those of them where there is none. */
function asIntended(
  found: readonly Difference[],
  changed: readonly string[],
): { readonly wrong: readonly Difference[]; readonly missing: readonly string[] } {
  const intended = changed.map((place) => ({ place, covers: covering(place) }));
  return {
    wrong: found.filter(({ at }) => !intended.some(({ covers }) => covers(at))),
    missing: intended.filter(({ covers }) => !found.some(({ at }) => covers(at))).map(({ place }) => place),
  };
}

/** What they are is told beside it. */
const differ = (found: readonly Difference[]): Problem =>
  new Problem('step-failed', {
    what:
      found.length === 1
        ? `1 difference, at ${found[0]?.at}`
        : `${found.length} differences, the first at ${found[0]?.at}`,
  });

function slow(check: Check | undefined, left: ComparedResponse, right: ComparedResponse): Problem[] {
  if (!check || left.time === undefined || right.time === undefined) return [];
  const ratio = Math.round((right.time / Math.max(left.time, 0.001)) * 100) / 100;
  if (check.miss(ratio, {}) === undefined) return [];
  return [
    new Problem('step-failed', {
      what: `the second response took ${ratio} times as long as the first, expected ${check.describe()}`,
      cause: `${durationText(left.time)}, and ${durationText(right.time)}`,
    }),
  ];
}
