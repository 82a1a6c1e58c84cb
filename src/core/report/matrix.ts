/** Many hosts by many checks: what each step came to for each, and where a response was not as expected. */
import { shortText } from '../matcher/reading.js';
import type { BriefProblem } from '../problem/brief.js';
import { familyOf } from '../problem/codes.js';
import type { StepRecord } from '../trail/record/run-record.js';
import type { Value } from '../value/written.js';
import type { Reporter } from './reporter.js';

export type CellState = 'ok' | 'failed' | 'unreachable' | 'skipped' | '';

export interface Subject {
  /** The host: a row's label, or an environment. */
  readonly name: string;
  readonly cells: ReadonlyMap<string, CellState>;
}

export interface Deviation {
  readonly subject: string;
  readonly check: string;
  readonly place: string;
  readonly expected: string;
  readonly found: string;
  /** The exchange in which it was found; empty where there was none. */
  readonly echo: string;
}

export interface Matrix {
  /** Names of steps, in the order in which they first came. */
  readonly checks: readonly string[];
  readonly subjects: readonly Subject[];
  readonly deviations: readonly Deviation[];
}

/** Deviations beyond these are counted only by the steps that failed. */
const mostDeviations = 5000;

interface OpenSubject {
  readonly cells: Map<string, CellState>;
  readonly deviations: Omit<Deviation, 'subject'>[];
}

/** Rows are subjects; of walks without rows each is one, or, of several environments, each environment. */
export function makeMatrix(): Reporter & { matrix(): Matrix } {
  const checks = new Set<string>();
  const environments: string[] = [];
  const subjects: (OpenSubject & {
    readonly environment: number;
    readonly row: number;
    readonly name: string;
  })[] = [];
  const open = new Map<number, OpenSubject>();
  let several: string | undefined;
  let told = 0;

  const openSubject = (row: number): OpenSubject => {
    const own = open.get(row) ?? { cells: new Map(), deviations: [] };
    open.set(row, own);
    return own;
  };

  function step(record: StepRecord): void {
    const own = openSubject(record.row ?? 0);
    // Steps inside others are told by those.
    if (record.depth === 0) {
      checks.add(record.step);
      own.cells.set(record.step, stateOf(record));
    }
    for (const deviation of deviationsOf(record)) {
      if (told >= mostDeviations) return;
      told += 1;
      own.deviations.push(deviation);
    }
  }

  function close(row: number, name: string): void {
    const own = open.get(row);
    if (!own) return;
    const environment = several ?? '';
    if (!environments.includes(environment)) environments.push(environment);
    open.delete(row);
    subjects.push({ ...own, environment: environments.indexOf(environment), row, name });
  }

  return {
    take(record) {
      switch (record.event) {
        case 'run':
          if (several !== undefined) close(0, several);
          several = record.environments.length > 1 ? record.environment : undefined;
          break;
        case 'step':
          step(record);
          break;
        case 'row':
          openSubject(record.row);
          close(record.row, [several, record.label].filter(Boolean).join(' '));
          break;
        case 'summary':
          if (several === undefined) close(0, record.walked);
          break;
        case 'unreachable':
          openSubject(0).deviations.push(silence('', record.problem));
          break;
      }
    },
    matrix() {
      if (several !== undefined) close(0, several);
      const sorted = [...subjects].sort((a, b) => a.environment - b.environment || a.row - b.row);
      return {
        checks: [...checks],
        subjects: sorted.map(({ name, cells }) => ({ name, cells })),
        deviations: sorted.flatMap(({ name, deviations }) => deviations.map((one) => ({ subject: name, ...one }))),
      };
    },
  };
}

const isSilence = ({ code }: BriefProblem): boolean => familyOf(code) === 'no-response';

const stateOf = ({ state, problems }: StepRecord): CellState =>
  state !== 'failed' ? state : problems.some(isSilence) ? 'unreachable' : 'failed';

function* deviationsOf({
  step: check,
  echo: own,
  expectations,
  differences = [],
  problems,
}: StepRecord): Generator<Omit<Deviation, 'subject'>> {
  const echo = own ?? '';
  for (const { place, expected = '', found = '', deviations } of expectations.failed) {
    if (!deviations || deviations.length === 0) yield { check, place, expected, found, echo };
    else yield* deviations.map(deviationOf);
  }
  yield* differences.map(deviationOf);
  const silent = problems.find(isSilence);
  if (silent) yield { ...silence(check, silent), echo };

  function deviationOf({ at, left, right }: (typeof differences)[number]): Omit<Deviation, 'subject'> {
    return { check, place: at, expected: shortText(left as Value), found: shortText(right as Value), echo };
  }
}

const silence = (check: string, { what }: BriefProblem): Omit<Deviation, 'subject'> => ({
  check,
  place: 'response',
  expected: 'a response',
  found: what,
  echo: '',
});
