/** `table`: what leaves the rows or the iterations of a walk, a line each, in their order. */
import type { TableFile } from '../collection/files/trail-file.js';
import type { YamlFile } from '../collection/yaml.js';
import type { Received } from '../exchange/received.js';
import type { Loads } from '../expression/compile.js';
import { omitted } from '../expression/evaluation.js';
import { compileTree, type Tree } from '../expression/tree.js';
import type { Place } from '../place/place.js';
import { readPlace } from '../place/registry.js';
import { asProblem, type Problem } from '../problem/problem.js';
import { placeInside } from '../storage/inside.js';
import type { Value, ValueMap } from '../value/written.js';
import type { TableEvent } from './events.js';
import { walkEvaluation } from './giving.js';
import type { Walk } from './step-kind.js';
import { demandTableFile, tableWriter } from './table-file.js';

export interface TablePlan {
  /** In order. */
  readonly columns: readonly string[];
  /** Columns that are worked out. */
  readonly trees: ReadonlyMap<string, Tree>;
  /** Columns that stand at a place of the last answer. */
  readonly places: ReadonlyMap<string, Place>;
  readonly as: string | undefined;
  readonly to: string | undefined;
  readonly show: boolean;
}

/** The column that says why a line is not whole. */
const errorColumn = 'error';

/** @throws Problem about a column, with its place in the file */
export function planTable(
  spec: TableFile,
  yaml: Pick<YamlFile, 'position'>,
  path: readonly (string | number)[],
  loads: Loads,
): TablePlan {
  const trees = new Map<string, Tree>();
  const places = new Map<string, Place>();
  for (const [name, text] of Object.entries(spec.columns)) {
    const where = yaml.position([...path, 'columns', name]);
    try {
      if (text.includes('${'))
        trees.set(
          name,
          compileTree(text, () => where, loads),
        );
      else places.set(name, readPlace(text, loads));
    } catch (error) {
      throw asProblem(error).at(where);
    }
  }
  try {
    if (spec.to !== undefined) demandTableFile(spec.to);
  } catch (error) {
    throw asProblem(error).at(yaml.position([...path, 'to']));
  }
  return {
    columns: Object.keys(spec.columns),
    trees,
    places,
    as: spec.as,
    to: spec.to,
    show: spec.show ?? (spec.as === undefined && spec.to === undefined),
  };
}

/** What an answer leaves in the columns that are places; the next answer takes its place. */
export function placedCells({ places }: TablePlan, received: Received): ValueMap {
  const cells: Record<string, Value> = {};
  for (const [name, place] of places) {
    try {
      cells[name] = place.find(received) ?? null;
    } catch {
      // An answer of another kind has nothing there.
      cells[name] = null;
    }
  }
  return cells;
}

/** The line of a row or an iteration, and what it came to by that: a column that cannot be worked out is a failure. */
export function lineOf(
  plan: TablePlan,
  walk: Walk,
  problem: Problem | undefined,
): { readonly cells: ValueMap; readonly problem: Problem | undefined } {
  try {
    return { cells: cellsOf(plan, walk, problem), problem };
  } catch (error) {
    const unknown = asProblem(error);
    return { cells: cellsOf(plan, walk, unknown), problem: unknown };
  }
}

/** One that failed has what it came to, and its error. @throws Problem: of one that did not fail, a name that is not known */
function cellsOf({ columns, trees }: TablePlan, walk: Walk, failed: Problem | undefined): ValueMap {
  const cells: Record<string, Value> = {};
  const evaluation = walkEvaluation(walk.workspace, walk.scope);
  for (const name of columns) {
    const tree = trees.get(name);
    cells[name] = walk.last.cells[name] ?? null;
    try {
      const value = tree?.evaluate(evaluation);
      if (value !== undefined && value !== omitted) cells[name] = value;
    } catch (error) {
      if (!failed) throw error;
    }
  }
  if (failed) cells[errorColumn] = walk.workspace.redactor.hide(failed.what);
  // A table is read by others: what is secret is not in it.
  return walk.workspace.redactor.hideIn(cells) as ValueMap;
}

/** Lines that come in any order are put into theirs; a file of them is in its place when all are there. */
export interface Table {
  /** @param number from 1 */
  add(number: number, cells: ValueMap): Promise<void>;
  /** @returns how many lines there are, and those that are to be shown or named */
  finish(): Promise<{ readonly count: number; readonly lines: readonly ValueMap[] }>;
  /** Leaves what was in its place before. */
  abandon(): Promise<void>;
}

/** So many lines are kept for the terminal where nothing else wants them. */
const shownLines = 200;

/** @param root of the collection, where its file goes @throws Problem file-unreadable, file-outside, usage */
export async function openTable(plan: TablePlan, root: string): Promise<Table> {
  const heads = [...plan.columns, errorColumn];
  const writer = plan.to === undefined ? undefined : await tableWriter(placeInside(root, plan.to), heads);
  const early = new Map<number, ValueMap>();
  const lines: ValueMap[] = [];
  let next = 1;
  return {
    async add(number, cells) {
      early.set(number, cells);
      for (let line = early.get(next); line; line = early.get(next)) {
        early.delete(next);
        next += 1;
        if (plan.as !== undefined || lines.length < shownLines) lines.push(line);
        await writer?.add(line);
      }
    },
    async finish() {
      // What was passed over leaves a gap.
      for (const [, line] of [...early].sort(([a], [b]) => a - b)) {
        next += 1;
        if (plan.as !== undefined || lines.length < shownLines) lines.push(line);
        await writer?.add(line);
      }
      await writer?.finish();
      return { count: next - 1, lines };
    },
    abandon: async () => writer?.abandon(),
  };
}

/** Puts a table that is whole in its place. @returns what is told of it, and its lines where they are to be named */
export async function settleTable(
  plan: TablePlan,
  table: Table,
  label: string,
  row: number | undefined,
): Promise<TableEvent> {
  const { count, lines } = await table.finish();
  const { columns, to, show } = plan;
  return { event: 'table', label, row, columns, lines, count, to, show };
}
