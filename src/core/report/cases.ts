/** What a run tried, one case after the other, as test reports count it: each step that sends or judges something. */
import type { BriefProblem } from '../problem/brief.js';
import { familyOf } from '../problem/codes.js';
import type { RunRecord, StepRecord } from '../trail/record/run-record.js';

export interface Case {
  readonly run: string;
  /** ISO 8601: when the command began. */
  readonly at: string;
  readonly environment: string;
  readonly walked: string;
  /** Which of the walks of its run it belongs to. */
  readonly walk: number;
  /** The step, with its row and what it was taken for before it. */
  readonly name: string;
  readonly state: 'ok' | 'failed' | 'skipped';
  /** Nothing usable came back, so that nothing could be judged. */
  readonly silent: boolean;
  /** What failed, a line each. */
  readonly lines: readonly string[];
  readonly problem: BriefProblem | null;
  readonly record: StepRecord | undefined;
}

/** Steps that contain others are reported by those, unless they were judged themselves. */
const isHolder = ({ kind, expectations }: StepRecord): boolean =>
  (kind === 'trail' || kind === 'for-each') && expectations.failed.length === 0;

export async function* casesOf(records: AsyncIterable<RunRecord>): AsyncGenerator<Case> {
  let of = { run: '', at: '', environment: '' };
  let walked = '';
  let failures = 0;
  for await (const record of records) {
    const own = (parts: Pick<Case, 'name' | 'state' | 'lines' | 'problem' | 'record'> & { walk: number }): Case => ({
      ...of,
      walked,
      silent: parts.problem !== null && familyOf(parts.problem.code) === 'no-response',
      ...parts,
    });
    if (record.event === 'run') of = { run: record.run, at: record.at, environment: record.environment };
    else if (record.event === 'walk') {
      walked = record.walked;
      failures = 0;
    } else if (record.event === 'step' && !isHolder(record)) {
      const interrupted = record.problems[0]?.code === 'interrupted';
      const state = interrupted ? 'skipped' : record.state;
      if (state === 'failed') failures += 1;
      yield own({
        walk: record.walk,
        name: caseName(record),
        state,
        lines: state === 'failed' ? failureLines(record) : [],
        problem: record.problems[0] ?? null,
        record,
      });
    } else if (record.event === 'unreachable') {
      const { what, code } = record.problem;
      of = { ...of, environment: record.environment };
      yield own({
        walk: 0,
        name: 'reach its hosts',
        state: 'failed',
        lines: [what],
        problem: { code, what },
        record: undefined,
      });
    } else if (record.event === 'summary' && !record.ok && failures === 0 && record.problem) {
      // It failed outside of its steps, such as in its rows.
      const { problem, walk } = record;
      yield own({
        walk,
        name: record.walked,
        state: 'failed',
        lines: problemLines(problem),
        problem,
        record: undefined,
      });
    }
  }
}

const caseName = ({ row, label, member, step }: StepRecord): string =>
  [
    row === null ? '' : `row ${row}${label === undefined ? '' : ` ${label}`}: `,
    member === null ? '' : `${member}: `,
    step,
  ].join('');

/** What was expected and what came, then what else is known. */
function failureLines({ expectations, problems, differences = [], echo }: StepRecord): readonly string[] {
  const judged = expectations.failed.map(
    ({ place, expected, found, detail, near }) =>
      `${place}: expected ${expected ?? 'another value'}, found ${found ?? 'nothing'}${detail === undefined ? '' : `; ${detail}`}${near === undefined ? '' : `; ${near}`}`,
  );
  const differing = differences.map(({ at, kind }) => `${at}: ${kind}`);
  const [first, ...others] = problems;
  const rest = first && judged.length + differing.length > 0 ? others : problems;
  return [...judged, ...differing, ...rest.flatMap(problemLines), ...(echo === null ? [] : [`echo ${echo}`])];
}

const problemLines = ({ what, cause, remedy }: BriefProblem): readonly string[] => [
  what,
  ...(cause === undefined ? [] : [`cause: ${cause}`]),
  ...(remedy === undefined ? [] : [`try: ${remedy}`]),
];
