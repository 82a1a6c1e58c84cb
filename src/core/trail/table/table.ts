/** `table`: what leaves the rows or the iterations of a walk, a line each, in their order. */
import { normalize } from 'node:path';
import type { TableFile } from '../../collection/files/trail-file.js';
import type { Received } from '../../exchange/response/received.js';
import { omitted } from '../../expression/evaluation.js';
import { compileTree, type Tree } from '../../expression/tree.js';
import type { Place } from '../../place/place.js';
import { readPlace } from '../../place/registry.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { placeInside } from '../../storage/inside.js';
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import type { Value, ValueMap } from '../../value/written.js';
import type { TableEvent } from '../events.js';
import { walkEvaluation } from '../names/arguments.js';
import { fileOfPart, type PartOfRows } from '../rows/row-part.js';
import type { PlanContext, Walk } from '../step-kind.js';
import { errorColumn, orderedTable, type Table } from './ordered-table.js';
import { requireTableFile } from './table-file.js';
import type { TablePlan } from './table-plan.js';

/** @throws Problem about a column or the file, with its place in the trail */
export function planTable(
  spec: TableFile,
  { yaml, loads, many }: Pick<PlanContext, 'yaml' | 'loads' | 'many'>,
  path: readonly (string | number)[],
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
  const where = yaml.position([...path, 'to']);
  let to: Tree | undefined;
  try {
    if (spec.to !== undefined) {
      requireTableFile(spec.to);
      to = compileTree(spec.to, () => where, loads);
    }
  } catch (error) {
    throw asProblem(error).at(where);
  }
  if (many && to?.constant !== undefined) {
    throw new Problem('file-shape', {
      what: `every row or iteration would overwrite ${spec.to}`,
      where,
      cause: 'its trail is walked for several rows, iterations or environments',
      remedy: `put what distinguishes them into its name: ${spec.to?.replace(/(\.\w+)$/, '-${NAME}$1')}`,
    });
  }
  return {
    columns: Object.keys(spec.columns),
    trees,
    places,
    as: spec.as,
    to,
    mayWrite: spec.to === undefined ? () => false : writing(spec.to),
    show: spec.show ?? (spec.as === undefined && spec.to === undefined),
  };
}

/** @param to the name of the file as the trail has it */
export function writing(to: string): (file: string) => boolean {
  const parts = normalize(to).split(/\$\{[^}]*\}/);
  const pattern = new RegExp(`^${parts.map((part) => part.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&')).join('.*')}$`, 's');
  return (file) => pattern.test(normalize(file));
}

/** What a response leaves in the columns that are places; the next response takes its place. */
export function placedCells({ places }: TablePlan, received: Received): ValueMap {
  const cells: Record<string, Value> = {};
  for (const [name, place] of places) {
    try {
      cells[name] = place.find(received) ?? null;
    } catch {
      // A response of another kind has nothing there.
      cells[name] = null;
    }
  }
  return cells;
}

/** The line of a row or an iteration, and what it came to by that: a column that cannot be computed is a failure. */
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
    cells[name] = ownMember(walk.last.cells, name) ?? null;
    try {
      const value = tree?.evaluate(evaluation);
      if (value !== undefined && value !== omitted) cells[name] = value;
    } catch (error) {
      if (!failed) throw ofColumn(name, asProblem(error));
    }
  }
  if (failed) cells[errorColumn] = walk.workspace.redactor.hide(failed.what);
  // A table is read by others: what is secret is not in it.
  return walk.workspace.redactor.hideIn(cells) as ValueMap;
}

function ofColumn(name: string, { code, what, where, reason, remedy, data }: Problem): Problem {
  return new Problem(code, {
    what: `column ${name}: ${what}`,
    where,
    cause: reason,
    remedy:
      remedy ??
      (code === 'unknown-name' ? 'a name that is not there in every line is written ${name ?? ""}' : undefined),
    data,
  });
}

/**
 * @param before lines that stand in its file ahead of those that are added
 * @throws Problem file-unreadable, file-outside, file-exists: another table of this walk went there
 */
export function openTable(plan: TablePlan, at: TableRoom, before: readonly ValueMap[] = []): Promise<Table> {
  const to = plan.to && tableFile(plan.to, at);
  const file = to === undefined ? undefined : { to, path: placeInside(at.workspace.collection.root, to) };
  return orderedTable({ columns: plan.columns, file, all: plan.as !== undefined, before });
}

type TableRoom = Pick<Walk, 'workspace' | 'scope' | 'tableFiles'> & { readonly part?: PartOfRows | undefined };

/** Where a table goes: a file for each, so that none takes the place of another. */
function tableFile(to: Tree, { workspace, scope, tableFiles, part }: TableRoom): string {
  const evaluation = walkEvaluation(workspace, scope);
  const value = to.evaluate(evaluation);
  const named = value === omitted ? '' : textOf(value);
  const file = part && named !== '' ? fileOfPart(named, part) : named;
  if (evaluation.touchedSecret) {
    throw new Problem('expression-value', {
      what: `the name of the table's file ${to.text} would hold a secret`,
      remedy: 'name it by something that anybody may read',
    });
  }
  if (tableFiles.has(file)) {
    throw new Problem('file-exists', {
      what: `another table of this run was written to ${file}`,
      remedy: `put what distinguishes them into its name; it is written ${to.text}`,
    });
  }
  tableFiles.add(file);
  return file;
}

/** Puts a table that is whole in its place. @returns what is told of it, and its lines where they are to be named */
export async function settleTable(
  plan: TablePlan,
  table: Table,
  label: string,
  row: number | undefined,
): Promise<TableEvent> {
  const { count, lines } = await table.finish();
  const { columns, show } = plan;
  return { event: 'table', label, row, columns, lines, count, before: table.before, to: table.to, show };
}
