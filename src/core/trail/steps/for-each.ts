/** `for-each`: steps for each of many, each in a scope of its own, so many at once. */
import type { ForEachStepFile } from '../../collection/files/trail-file.js';
import { asResponse } from '../../place/observed.js';
import { readPlace } from '../../place/registry.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { moreSevere } from '../../problem/severity.js';
import { textOf } from '../../value/text.js';
import type { Value, ValueMap } from '../../value/written.js';
import type { TableEvent } from '../events.js';
import { Scope } from '../names/scope.js';
import { needsIn } from '../needs/needs.js';
import { itemOnWay, keyDigest, OnceEach, seenOn, wayTo } from '../seen-items.js';
import type { PlannedStep, StepKind, StepResult, Walk } from '../step-kind.js';
import { partsOf, plainOutline } from '../step-outline.js';
import type { Table } from '../table/ordered-table.js';
import { lineOf, openTable, planTable, settleTable } from '../table/table.js';
import type { TablePlan } from '../table/table-plan.js';
import { concurrently } from '../walking/concurrently.js';
import { type Member, type PagesTold, planMembers } from './members.js';

interface Counts {
  ok: number;
  failed: number;
  passed: number;
  problem: Problem | undefined;
}

export const forEach: StepKind<ForEachStepFile> = {
  name: 'for-each',
  fits: (file): file is ForEachStepFile => 'for-each' in file,
  outline(file) {
    const { 'for-each': members, table, steps, as = 'item' } = file;
    const pages = typeof members === 'object' && 'pages' in members ? members : undefined;
    return {
      ...plainOutline,
      sends: pages
        ? [
            {
              name: pages.pages,
              path: ['for-each', 'pages'],
              give: pages.give,
              givePath: ['for-each', 'give'],
            },
          ]
        : [],
      keeps: [],
      leaves: table?.as === undefined ? [] : [table.as],
      before: partsOf(file, 'steps', 'table'),
      inner: { steps, item: as, table },
    };
  },
  async plan(file, room) {
    const { yaml, path, loads } = room;
    const name = file.as ?? 'item';
    const label = file.name ?? `for each ${name}`;
    const members = await planMembers(file['for-each'], label, room);
    const steps = await room.steps(file.steps, [...path, 'steps'], true);
    const table = file.table && planTable(file.table, room, [...path, 'table']);
    const keyPlace = file['once-by'] === undefined ? undefined : placeAt(file['once-by']);
    const atOnce = file['at-once'] ?? 1;
    const remembersInside = steps.some(({ remembers }) => remembers);

    function placeAt(text: string): ReturnType<typeof readPlace> {
      try {
        return readPlace(text, loads);
      } catch (error) {
        throw asProblem(error).at(yaml.position([...path, 'once-by']));
      }
    }

    return {
      kind: 'for-each',
      label,
      changes: steps.reduce((sum, { changes }) => sum + changes, 0),
      requests: [...(members.request ? [members.request] : []), ...steps.flatMap(({ requests }) => requests)],
      gains: table?.as === undefined ? [] : [table.as],
      takes: steps.flatMap(({ takes }) => takes ?? []),
      needs: [
        ...needsIn(file['for-each'], yaml, [...path, 'for-each']),
        ...steps.flatMap(({ onlyIf, needs }) => (onlyIf ? [] : needs)),
      ],
      remembers: keyPlace !== undefined || remembersInside,
      tables: [...(table ? [table] : []), ...steps.flatMap(({ tables }) => tables ?? [])],
      async walk(walk, at): Promise<StepResult> {
        const told: PagesTold = {};
        const counts: Counts = { ok: 0, failed: 0, passed: 0, problem: undefined };
        const way = wayTo(walk, at);
        const { number } = walk;
        const once = keyPlace && new OnceEach(seenOn(walk.seen, way), number);
        // Where nothing is sent, there are no responses to make lines of.
        const lines = walk.workspace.dryRun ? undefined : table;
        const open = lines && (await openTable(lines, walk, once?.linesBefore()));
        let last = 0;
        const met = new Map<string, number>();
        /** By what it is, and of those that are alike by which of them; nobody asks for it where nothing is written down. */
        const alike = (value: Value, place: number): string => {
          if (!walk.journal) return String(place);
          const item = itemOnWay(value, undefined);
          const count = met.get(item) ?? 0;
          met.set(item, count + 1);
          return count === 0 ? item : `${item}.${count}`;
        };
        const work = async ({ value, secret }: Member, place: number): Promise<void> => {
          last = Math.max(last, place);
          const key = keyPlace && keyDigest(keyOf(keyPlace.find(asResponse(value)), keyPlace.text));
          const before = key === undefined ? undefined : once?.before(key);
          if (before) {
            counts.passed += 1;
            // A resumed run keeps its complete table.
            if (before.cells) await open?.add(place, before.cells);
            return;
          }
          const scope = new Scope(new Map([[name, { value, secret, origin: `${label} ${place}` }]]), label, walk.scope);
          // Where responses have been assumed, what is gone through may be made of them.
          const assumed = walk.workspace.dryRun ? new Set(walk.assumed) : walk.assumed;
          if (assumed.size > 0 || (walk.workspace.dryRun && members.request)) assumed.add(name);
          const inner = {
            ...walk,
            // What an earlier command did is known of the item, wherever it stands by now.
            at: `${at}:${key === undefined ? alike(value, place) : itemOnWay(value, key)}`,
            // To tell one without a key by what it is takes longer than most steps do by themselves.
            way: remembersInside ? `${way}:${itemOnWay(value, key)}` : way,
            scope,
            depth: walk.depth + 1,
            member: `${name} ${place}`,
            table: lines,
            assumed,
            last: { cells: {} },
          };
          const { problem, cells } = await memberOf(steps, inner, lines);
          if (cells && open) await open.add(place, cells);
          counts[problem ? 'failed' : 'ok'] += 1;
          if (problem) counts.problem = moreSevere(counts.problem, problem);
          else if (key !== undefined && !walk.signal.aborted) {
            once?.add(key, place, cells);
            const item = { walk: number, place, cells };
            walk.journal?.seen(way, key, item);
            walk.remember?.(way, key, item);
          }
        };
        let ended: Problem | undefined;
        try {
          ended = await concurrently(members.read(walk, told)[Symbol.asyncIterator](), atOnce, work, walk.ending);
        } catch (error) {
          await open?.abandon();
          throw error;
        }
        // Nor does it lose what is not in the list any more.
        for (const cells of once?.left() ?? []) {
          last += 1;
          await open?.add(last, cells);
        }
        let settled: TableEvent | undefined;
        if (walk.ending.aborted) await open?.abandon();
        else if (lines && open) settled = await settle(lines, open, label, walk);
        const came = result(counts, told, walk.signal.aborted ? undefined : ended, lines);
        return settled ? { ...came, table: settled } : came;
      },
    };
  },
};

/** Walks the steps for one of many, and works out its line of the table. */
async function memberOf(
  steps: readonly PlannedStep[],
  walk: Walk,
  table: TablePlan | undefined,
): Promise<{ readonly problem: Problem | undefined; readonly cells: ValueMap | undefined }> {
  const problem = await walk.steps(steps, walk);
  return table ? lineOf(table, walk, problem) : { problem, cells: undefined };
}

/** Puts the table where it is wanted. @returns what is told of it */
async function settle(plan: TablePlan, table: Table, label: string, walk: Walk): Promise<TableEvent> {
  const event = await settleTable(plan, table, label, walk.row);
  if (plan.as !== undefined) walk.scope.set(plan.as, { value: event.lines, origin: `table of step ${label}` });
  return event;
}

function result(
  { ok, failed, passed, problem }: Counts,
  { sent, pages }: PagesTold,
  ended: Problem | undefined,
  table: TablePlan | undefined,
): StepResult {
  const problems: Problem[] = [];
  if (ended) problems.push(ended);
  if (failed > 0 && problem) {
    problems.push(new Problem(problem.code, { what: `${failed} of ${ok + failed} failed`, cause: problem.what }));
  }
  return {
    sent,
    kept: table?.as === undefined ? [] : [table.as],
    problems,
    told: { members: { ok, failed, passed }, pages },
  };
}

function keyOf(found: Value | undefined, place: string): string {
  if (found !== undefined) return textOf(found);
  throw new Problem('place-not-found', {
    what: `an item has nothing at ${place}, which identifies it`,
    remedy: 'correct once-by',
  });
}
