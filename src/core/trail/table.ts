/** `table`: what leaves the rows or the iterations of a walk, a line each, in their order. */
import type { TableFile } from '../collection/files/trail-file.js';
import type { YamlFile } from '../collection/yaml.js';
import type { Loads } from '../expression/compile.js';
import { omitted } from '../expression/evaluation.js';
import { compileTree, type Tree } from '../expression/tree.js';
import type { Place } from '../place/place.js';
import { readPlace } from '../place/registry.js';
import { asProblem, type Problem } from '../problem/problem.js';
import { placeInside } from '../storage/inside.js';
import type { Value, ValueMap } from '../value/written.js';
import { walkEvaluation } from './giving.js';
import type { Walk } from './step-kind.js';
import { demandTableFile, tableWriter } from './table-file.js';

type Column = { readonly tree: Tree } | { readonly place: Place };

export interface TablePlan {
  readonly columns: ReadonlyMap<string, Column>;
  readonly as: string | undefined;
  readonly to: string | undefined;
  readonly show: boolean;
}

/** The column that says why a line is not whole. */
export const errorColumn = 'error';

/** @throws Problem about a column, with its place in the file */
export function planTable(
  spec: TableFile,
  yaml: Pick<YamlFile, 'position'>,
  path: readonly (string | number)[],
  loads: Loads,
): TablePlan {
  const columns = Object.entries(spec.columns).map(([name, text]): [string, Column] => {
    const where = yaml.position([...path, 'columns', name]);
    try {
      return [
        name,
        text.includes('${') ? { tree: compileTree(text, () => where, loads) } : { place: readPlace(text, loads) },
      ];
    } catch (error) {
      throw asProblem(error).at(where);
    }
  });
  try {
    if (spec.to !== undefined) demandTableFile(spec.to);
  } catch (error) {
    throw asProblem(error).at(yaml.position([...path, 'to']));
  }
  return {
    columns: new Map(columns),
    as: spec.as,
    to: spec.to,
    show: spec.show ?? (spec.as === undefined && spec.to === undefined),
  };
}

/**
 * The line of a row or an iteration. One that failed has what it came to, and its error.
 * @throws Problem: of one that did not fail, a name that is not known
 */
export function cellsOf({ columns }: TablePlan, walk: Walk, failed: Problem | undefined): ValueMap {
  const cells: Record<string, Value> = {};
  const evaluation = walkEvaluation(walk.workspace, walk.scope);
  for (const [name, column] of columns) {
    try {
      const { received } = walk.last;
      const value = 'tree' in column ? column.tree.evaluate(evaluation) : received && column.place.find(received);
      cells[name] = value === undefined || value === omitted ? null : value;
    } catch (error) {
      if (!failed) throw error;
      cells[name] = null;
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
  const heads = [...plan.columns.keys(), errorColumn];
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
