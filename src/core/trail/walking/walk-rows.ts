/** A trail once a row. */

import { shortText } from '../../matcher/reading.js';
import { Problem } from '../../problem/problem.js';
import { moreSevere } from '../../problem/severity.js';
import type { Workspace } from '../../sending/workspace.js';
import { ownMember } from '../../value/own-member.js';
import type { ValueMap } from '../../value/written.js';
import type { Journal } from '../journal.js';
import type { Scope } from '../names/scope.js';
import { fromCommandLine, inputScope, startScope } from '../names/start-scope.js';
import type { WalkTotals } from '../record/totals.js';
import { RowNumbers } from '../rows/row-numbers.js';
import { RowPart } from '../rows/row-part.js';
import type { Row } from '../rows/row-source.js';
import type { RowsPlan } from '../rows/rows-plan.js';
import type { TrailPlan, Walk } from '../step-kind.js';
import type { Table } from '../table/ordered-table.js';
import { lineOf, openTable, settleTable } from '../table/table.js';
import { concurrently } from './concurrently.js';
import { type Walked, walkWithUndo } from './undoing.js';
import type { WalkSettings } from './walk-settings.js';

type RowsSettings = Omit<WalkSettings, 'report'> & Pick<Walk, 'report'>;

export interface WalkedRows {
  readonly problem: Problem | undefined;
  /** What ended the rows early. */
  readonly ended: Problem | undefined;
  /** Of a part, where it came to its end. */
  readonly part: { readonly all: number; readonly own: number; readonly source: string } | undefined;
}

/** So many at once, as they come; memory holds only those. */
export async function walkRows(
  plan: TrailPlan,
  rows: RowsPlan,
  workspace: Workspace,
  walkOf: (scope: Scope, row: number, label: string) => Walk,
  totals: WalkTotals,
  { journal, number = 0, rows: only, part: wanted, gaps, signal, undoSignal, report }: RowsSettings,
  ending: AbortSignal,
  tableFiles: Set<string>,
): Promise<WalkedRows> {
  let problem: Problem | undefined;
  const given = fromCommandLine(workspace);
  // Where nothing is sent, there are no responses to make lines of.
  const lines = workspace.dryRun ? undefined : plan.table;
  const scope = inputScope(plan, workspace, given);
  const table = lines && (await openTable(lines, { workspace, scope, tableFiles, part: wanted }));
  const source = rows.read(workspace, scope);
  // Only what is written down, or looked for, has to be known again.
  const known = journal || only ? new RowNumbers(journal?.digestsBefore(number), only, gaps) : undefined;
  const part = wanted && new RowPart(wanted);
  const ended = await concurrently(
    source[Symbol.asyncIterator](),
    plan.atOnce,
    async (columns, place) => {
      if (part?.takes(columns) === false) {
        known?.pass();
        return;
      }
      // The table of a part has no gaps.
      const line = part?.own;
      const { number: own, digest } = known?.next(columns) ?? { number: place, digest: '' };
      if (only && !only.has(digest)) return;
      const row: Row = { number: own, columns };
      const before = journal?.rowBefore(number, row.number);
      if (before !== undefined) {
        await keptLine(table, line ?? row.number, journal, `${number}.${row.number}`);
        totals.rowBefore(before);
        if (!before) problem = moreSevere(problem, failedBefore(row));
        return;
      }
      const label = labelOf(row);
      journal?.rowBegun(number, row.number, digest);
      const walk = walkOf(startScope(plan, workspace, given, row), row.number, label);
      const walked = await walkWithUndo(plan, walk, undoSignal);
      const came = table ? await withLine(plan, walk, line ?? row.number, table, walked) : walked;
      // A row that was interrupted is resumed when the run is resumed, unless it was taken back.
      if (signal.aborted && came.problem && !came.takenBack) return;
      report({ event: 'row', row: row.number, ok: !came.problem, label, problem: came.problem });
      journal?.row(number, row.number, digest, label, came.problem);
      if (came.problem) problem = moreSevere(problem, came.problem);
    },
    ending,
  );
  if (ended) problem = moreSevere(problem, ended);
  // Which rows there were is known where all were read.
  const facts = part && !ended && !ending.aborted ? { all: part.all, own: part.own, source: part.digest() } : undefined;
  if (lines && table) {
    if (ending.aborted) await table.abandon();
    else report(await settleTable(lines, table, plan.name, undefined));
  }
  return { problem, ended, part: facts };
}

/** What a row came to, with its line in the table: a column that cannot be computed is a failure. */
async function withLine(plan: TrailPlan, walk: Walk, line: number, table: Table, walked: Walked): Promise<Walked> {
  if (!plan.table) return walked;
  const { cells, problem } = lineOf(plan.table, walk, walked.problem);
  walk.journal?.cells(walk.at, cells);
  await table.add(line, cells);
  return { ...walked, problem };
}

/** The line that a row left in an earlier command. */
async function keptLine(
  table: Table | undefined,
  number: number,
  journal: Journal | undefined,
  at: string,
): Promise<void> {
  const cells = journal?.cellsBefore(at) as ValueMap | undefined;
  if (table && cells) await table.add(number, cells);
}

const failedBefore = ({ number }: Row): Problem =>
  new Problem('step-failed', { what: `row ${number} failed before the run was resumed` });

/** Needs no quoting and no cutting. */
const plainWord = /^[\w .:-]{1,100}$/;

/** What a row is told apart by: the value of its first column. */
function labelOf({ columns }: Row): string {
  for (const name in columns) {
    const value = ownMember(columns, name);
    return typeof value === 'string' && plainWord.test(value) ? value : shortText(value).replace(/^"|"$/g, '');
  }
  return '';
}
