/** Many hosts by many checks: what each step came to for each, and where an answer was not as expected. */
import type { Problem } from '../problem/problem.js';
import type { StepEvent, WalkEvent } from '../trail/events.js';
import type { Value } from '../value/written.js';

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

export interface MatrixMaker {
  /** @param environment in front of what happens, where there are several */
  take(event: WalkEvent, environment: string | undefined): void;
  /** The walk of an environment without rows has ended. */
  ended(environment: string): void;
  /** An environment whose host is not there. */
  missing(environment: string, problem: Problem): void;
  matrix(): Matrix;
}

/** @param shown writes a value as it is told */
export function makeMatrix(shown: (value: Value | undefined) => string): MatrixMaker {
  const checks = new Set<string>();
  const environments: string[] = [];
  const subjects: {
    environment: number;
    row: number;
    name: string;
    cells: Map<string, CellState>;
    deviations: Deviation[];
  }[] = [];
  const open = new Map<number, { cells: Map<string, CellState>; deviations: Omit<Deviation, 'subject'>[] }>();
  let told = 0;

  function step(event: StepEvent): void {
    const row = event.row ?? 0;
    let own = open.get(row);
    if (!own) {
      own = { cells: new Map(), deviations: [] };
      open.set(row, own);
    }
    // Steps inside others are told by those.
    if (event.depth === 0) {
      checks.add(event.label);
      own.cells.set(event.label, stateOf(event));
    }
    for (const deviation of deviationsOf(event, shown)) {
      if (told >= mostDeviations) return;
      told += 1;
      own.deviations.push(deviation);
    }
  }

  function close(row: number, name: string, environment: string): void {
    if (!environments.includes(environment)) environments.push(environment);
    const own = open.get(row) ?? { cells: new Map(), deviations: [] };
    open.delete(row);
    const deviations = own.deviations.map((one) => ({ subject: name, ...one }));
    subjects.push({ environment: environments.indexOf(environment), row, name, cells: own.cells, deviations });
  }

  return {
    take(event, environment) {
      if (event.event === 'step') step(event);
      else if (event.event === 'row')
        close(event.row, [environment, event.label].filter(Boolean).join(' '), environment ?? '');
    },
    ended(environment) {
      if (open.has(0)) close(0, environment, environment);
    },
    missing(environment, problem) {
      open.set(0, { cells: new Map(), deviations: [silence('', problem)] });
      close(0, environment, environment);
    },
    matrix() {
      const sorted = [...subjects].sort((a, b) => a.environment - b.environment || a.row - b.row);
      return {
        checks: [...checks],
        subjects: sorted.map(({ name, cells }) => ({ name, cells })),
        deviations: sorted.flatMap(({ deviations }) => deviations),
      };
    },
  };
}

function stateOf({ state, problems }: StepEvent): CellState {
  if (state !== 'failed') return state;
  return problems.some(({ family }) => family === 'no-answer') ? 'unreachable' : 'failed';
}

function* deviationsOf(
  { label: check, sent, told, problems }: StepEvent,
  shown: (value: Value | undefined) => string,
): Generator<Omit<Deviation, 'subject'>> {
  const echo = sent?.echo ?? '';
  for (const { place, expected = '', found = '', deviations } of (sent?.verdicts ?? []).filter(({ ok }) => !ok)) {
    if (!deviations || deviations.length === 0) yield { check, place, expected, found, echo };
    else {
      for (const { at, left, right } of deviations)
        yield { check, place: at, expected: shown(left), found: shown(right), echo };
    }
  }
  for (const { at, left, right } of told?.differences ?? [])
    yield { check, place: at, expected: shown(left), found: shown(right), echo };
  const [silent] = problems.filter(({ family }) => family === 'no-answer');
  if (silent) yield { ...silence(check, silent), echo };
}

const silence = (check: string, { what }: Problem): Omit<Deviation, 'subject'> => ({
  check,
  place: 'answer',
  expected: 'an answer',
  found: what,
  echo: '',
});
