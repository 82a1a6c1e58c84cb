/** Rows that are not what an earlier command went through: told before the run is resumed. */
import { action } from '../problem/actions.js';
import { Problem } from '../problem/problem.js';
import type { Workspace } from '../sending/workspace.js';
import { fromCommandLine, inputScope } from '../trail/names/start-scope.js';
import { type RowChanges, RowNumbers } from '../trail/rows/row-numbers.js';
import { type PartOfRows, RowPart } from '../trail/rows/row-part.js';
import type { TrailPlan } from '../trail/step-kind.js';
import type { ValueMap } from '../value/written.js';
import type { RecordedRun } from './journal/recorded-run.js';

const shown = 5;

const listed = (rows: readonly number[]): string =>
  `${rows.length === 1 ? 'row' : 'rows'} ${rows.slice(0, shown).join(', ')}${rows.length > shown ? ` and ${rows.length - shown} more` : ''}`;

const textOf = ({ gone, moved, come }: RowChanges): string =>
  [
    gone.length > 0 && `${listed(gone)} ${gone.length === 1 ? 'was' : 'were'} removed or changed`,
    moved.length > 0 &&
      `${moved.length} ${moved.length === 1 ? 'row has' : 'rows have'} moved (row ${moved[0]?.from} is now row ${moved[0]?.to})`,
    come.length > 0 && `${listed(come)} ${come.length === 1 ? 'was' : 'were'} added`,
  ]
    .filter(Boolean)
    .join('; ');

/** The rows of a walk that are of use to an earlier command's journal, by their digests. */
type Known = ReadonlyMap<string, number>;

export interface WalkRows {
  readonly plan: TrailPlan;
  readonly known: Known;
  /** The digests of those that are walked; all by default. */
  readonly only: ReadonlySet<string> | undefined;
  readonly part?: PartOfRows | undefined;
  /** Rows between those that are known were not looked at: none of them has come. */
  readonly gaps?: boolean | undefined;
}

/**
 * Reads the rows once, and walks none.
 * @param known of each plan with the rows that are looked for
 * @returns what changed, in words; undefined where nothing did, or where it cannot be known: standard input is read once
 */
export async function rowsChanged(workspace: Workspace, plans: readonly WalkRows[]): Promise<string | undefined> {
  const told: string[] = [];
  for (const { plan, known, only, part, gaps } of plans) {
    const rows = known.size === 0 ? undefined : readable(plan, workspace);
    const changes = rows && (await new RowNumbers(known, only).changes(rows, part && new RowPart(part)));
    const text = changes ? textOf(gaps ? { ...changes, come: [] } : changes) : '';
    if (text !== '') told.push(`${plan.name}: ${text}`);
  }
  return told.length === 0 ? undefined : told.join('\n');
}

/** Rows that can be read more than once. */
function readable(plan: TrailPlan, workspace: Workspace): AsyncIterable<ValueMap> | undefined {
  if (!plan.rows || plan.rows.from === 'standard input') return undefined;
  return plan.rows.read(workspace, inputScope(plan, workspace, fromCommandLine(workspace)));
}

/**
 * Some rows of a run as they are now, by their digests: one that was mended stands where it stood, with a content that the run
 * has not met.
 * @param known all that the run has begun @param wanted their numbers
 * @returns `told`: which were mended, and which are gone, in words
 */
export async function rowsNow(
  workspace: Workspace,
  plan: TrailPlan,
  known: Known,
  wanted: ReadonlySet<number>,
): Promise<{ readonly rows: string[]; readonly told: string | undefined }> {
  const before = [...known].filter(([, number]) => wanted.has(number));
  const source = readable(plan, workspace);
  if (!source) return { rows: before.map(([digest]) => digest), told: undefined };
  const numbers = new RowNumbers(known);
  const rows: string[] = [];
  const missing = new Set(wanted);
  const unknown = new Map<number, string>();
  let place = 0;
  for await (const columns of source) {
    place += 1;
    const row = numbers.next(columns);
    if (!row.known && wanted.has(place)) unknown.set(place, row.digest);
    if (row.known && missing.delete(row.number)) rows.push(row.digest);
  }
  const mended = [...missing].filter((number) => unknown.has(number));
  for (const number of mended) rows.push(unknown.get(number) as string);
  const gone = [...missing].filter((number) => !unknown.has(number));
  const told = [
    mended.length > 0 && `${listed(mended)} ${mended.length === 1 ? 'has' : 'have'} changed since`,
    gone.length > 0 && `${listed(gone)} ${gone.length === 1 ? 'was' : 'were'} removed`,
  ]
    .filter(Boolean)
    .join('; ');
  return { rows, told: told === '' ? undefined : `${plan.name}: ${told}` };
}

/** The rows that each walk of the run has begun, where that walk has not come to its end. */
export const rowsOfRun = (plans: readonly TrailPlan[], { digests, walks, header }: RecordedRun): WalkRows[] =>
  [...digests]
    .filter(([walk]) => !walks.has(walk))
    .map(([walk, known]) => {
      const part = header.options.parts?.[walk % plans.length];
      return {
        plan: plans[walk % plans.length] as TrailPlan,
        known,
        only: Array.isArray(part) ? new Set(part) : undefined,
        part: header.options.part,
        gaps: header.options.joined,
      };
    });

export const changedRows = (run: string, changes: string): Problem =>
  new Problem('usage', {
    what: `the rows have changed since run ${run}`,
    cause: changes,
    remedy: `${action().resumeWithChangedRows()} resumes with the rows as they are now: each row is identified by its content, and finished rows stay finished`,
  });
