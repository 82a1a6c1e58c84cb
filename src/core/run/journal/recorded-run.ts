/** Reading the journal of a run: what is known of it by now. */

import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { action } from '../../problem/actions.js';
import type { BriefProblem } from '../../problem/brief.js';
import { nearestHint } from '../../problem/nearest.js';
import { Problem } from '../../problem/problem.js';
import { encryption } from '../../storage/encryption.js';
import { jsonLines } from '../../storage/json-lines.js';
import type { Armed, KnownStep, LeftCall } from '../../trail/journal.js';
import { type RunRecord, runRecord } from '../../trail/record/run-record.js';
import { type SeenItems, seenOn } from '../../trail/seen-items.js';
import { parseJson } from '../../value/json-text.js';
import type { Value, ValueMap } from '../../value/written.js';
import { journalFolder } from './folder.js';
import { type JournalLine, journalLine, sealedInputs } from './lines.js';
import { problemFrom, type Recorder } from './recorded.js';

export interface FailedRow {
  readonly row: number;
  readonly label: string;
  readonly problem: BriefProblem;
}

export interface RecordedRun {
  readonly path: string;
  /** How many bytes it had when it was read: whoever resumes the run adds to them. */
  readonly size: number;
  readonly header: Extract<JournalLine, { line: 'run' }>;
  /** The process that worked on it last, and since when, in milliseconds since 1970. */
  readonly worker: { readonly process: number; readonly since: number };
  /** Of rows that did not come to their end, by row and by where they stand. */
  readonly steps: ReadonlyMap<string, ReadonlyMap<string, KnownStep>>;
  readonly cells: ReadonlyMap<string, Value>;
  /** Whether each row that came to its end did so well, by walk. */
  readonly rows: ReadonlyMap<number, ReadonlyMap<number, boolean>>;
  readonly failed: readonly (FailedRow & { readonly walk: number })[];
  /** Changing calls whose response was lost. */
  readonly doubts: readonly { readonly walk: number; readonly call: string }[];
  readonly seen: SeenItems;
  readonly walks: ReadonlyMap<number, boolean>;
  /** What can be taken back, the oldest first. */
  readonly armed: ReadonlyMap<string, Armed>;
  readonly undone: ReadonlySet<string>;
  /** Calls that take something back and left, and of whose response nothing is known. */
  readonly undoing: ReadonlyMap<string, LeftCall>;
  /** Numbers of rows by their digests, by walk. */
  readonly digests: ReadonlyMap<number, ReadonlyMap<string, number>>;
  /** A command has begun to take back what it made. */
  readonly takenBack: boolean;
}

/** @throws Problem echo-not-found, data-shape */
export async function readJournal(folder: string, run: string, recorder: Recorder): Promise<RecordedRun> {
  const path = join(folder, journalOf(folder, run).file);
  const steps = new Map<string, Map<string, KnownStep>>();
  const cells = new Map<string, Value>();
  const rows = new Map<number, Map<number, boolean>>();
  const failed: (FailedRow & { walk: number })[] = [];
  const doubts: { walk: number; call: string }[] = [];
  const seen: SeenItems = new Map();
  const walks = new Map<number, boolean>();
  const armed = new Map<string, Armed>();
  const undone = new Set<string>();
  const undoing = new Map<string, LeftCall>();
  const digests = new Map<number, Map<string, number>>();
  let takenBack = false;
  let header: RecordedRun['header'] | undefined;
  let worker: RecordedRun['worker'] = { process: 0, since: 0 };
  const { size } = statSync(path);
  const digestOf = (walk: number, row: number, digest: string): void => {
    const ofWalk = digests.get(walk);
    if (ofWalk) ofWalk.set(digest, row);
    else digests.set(walk, new Map([[digest, row]]));
  };
  const step = (at: string, known: KnownStep): void => {
    const group = at.split('/', 1)[0] as string;
    const others = steps.get(group);
    if (others) others.set(at, known);
    else steps.set(group, new Map([[at, known]]));
  };
  for await (const given of jsonLines(path)) {
    if (isRecord(given)) {
      // Of what is told of the run, this alone is of use here.
      const record = given.event === 'in-doubt' ? runRecord.safeParse(given).data : undefined;
      if (record?.event === 'in-doubt') doubts.push({ walk: record.walk, call: record.call });
      continue;
    }
    const line = journalLine.safeParse(given).data;
    // What a kill cut off is no line.
    if (!line) continue;
    switch (line.line) {
      case 'run':
        header = line;
        worker = { process: line.process, since: Date.parse(line.at) };
        break;
      case 'undo':
      case 'resumed':
        takenBack ||= line.line === 'undo';
        worker = { process: line.process, since: Date.parse(line.at) };
        break;
      case 'leaving':
        step(line.at, { state: 'under way', kept: [], cells: [], problem: undefined, call: line.call, key: line.key });
        break;
      case 'step':
        step(line.at, {
          state: line.problem ? 'failed' : 'done',
          kept: recorder.read(line.kept ?? []),
          cells: recorder.read(line.cells ?? []),
          problem: line.problem && problemFrom(line.problem),
          call: '',
          key: undefined,
        });
        break;
      case 'cells':
        cells.set(line.at, line.cells as Value);
        break;
      case 'row-begun':
        digestOf(line.walk, line.row, line.digest);
        break;
      case 'row': {
        digestOf(line.walk, line.row, line.digest);
        const ok = line.problem === undefined;
        const ofWalk = rows.get(line.walk);
        if (ofWalk) ofWalk.set(line.row, ok);
        else rows.set(line.walk, new Map([[line.row, ok]]));
        if (line.problem)
          failed.push({ walk: line.walk, row: line.row, label: line.label ?? '', problem: line.problem });
        steps.delete(`${line.walk}.${line.row}`);
        break;
      }
      case 'armed': {
        const { at, step: name, request, row, given, names } = line;
        armed.set(at, { at, step: name, request, row, given: recorder.read(given), names: recorder.read(names) });
        break;
      }
      case 'undoing':
        undoing.set(line.at, { call: line.call, key: line.key });
        break;
      case 'undone':
        if (line.state === 'done' || line.state === 'not needed') undone.add(line.at);
        if (line.state !== 'in doubt') undoing.delete(line.at);
        break;
      case 'handled':
        seenOn(seen, line.way).set(line.key, {
          walk: line.walk,
          place: line.place,
          cells: line.cells as ValueMap | undefined,
        });
        break;
      case 'walk':
        walks.set(line.walk, line.ok);
    }
  }
  if (!header) {
    throw new Problem('data-shape', {
      what: `the journal of run ${run} has no beginning`,
      where: { file: path },
      remedy: 'the run was killed before its first step: run it again',
    });
  }
  const known = { steps, cells, rows, failed, doubts, seen, walks, armed, undone, undoing, digests, takenBack };
  return { path, size, header, worker, ...known };
}

/** The newest first. */
function recordedJournals(folder: string): { readonly run: string; readonly file: string }[] {
  let files: string[];
  try {
    files = readdirSync(folder);
  } catch {
    return [];
  }
  return files
    .filter((file) => file.endsWith('.jsonl'))
    .sort()
    .reverse()
    .map((file) => ({ file, run: file.replace(/^.*-|\.jsonl$/g, '') }));
}

/**
 * The names of runs, each once.
 * @param given names, or `last` @throws Problem echo-not-found
 */
export const recordedRuns = (local: string, given: readonly string[]): string[] => [
  ...new Set(given.map((run) => journalOf(journalFolder(local), run).run)),
];

/** @param run its name, or `last` @throws Problem echo-not-found */
export const journalFile = (local: string, run: string): string =>
  join(journalFolder(local), journalOf(journalFolder(local), run).file);

/** Of those runs that came to write one: a run that is killed before its first call has none. */
export function journalFiles(local: string, runs: readonly string[]): string[] {
  const folder = journalFolder(local);
  const known = recordedJournals(folder);
  return runs.flatMap((run) => known.filter((one) => one.run === run).map(({ file }) => join(folder, file)));
}

function journalOf(folder: string, run: string): ReturnType<typeof recordedJournals>[number] {
  const all = recordedJournals(folder);
  const found = run === 'last' ? all[0] : all.find((one) => one.run === run);
  if (found) return found;
  throw new Problem('echo-not-found', {
    what: run === 'last' ? 'no run is recorded yet' : `there is no run ${run}`,
    remedy:
      all.length === 0
        ? `${action().run()} records what it walks`
        : nearestHint(
            run,
            all.slice(0, 20).map((one) => one.run),
          ),
    data: { run },
  });
}

const isRecord = (line: unknown): line is { readonly event: unknown } =>
  typeof line === 'object' && line !== null && 'event' in line;

/**
 * The records of a run, as they were written down.
 * @param run its name, or `last`
 * @param home the user's own folder: without it, or with another's, what the walks were given is left out
 * @throws Problem echo-not-found
 */
export async function* recordsOf(local: string, run: string, home?: string): AsyncGenerator<RunRecord> {
  const folder = journalFolder(local);
  for await (const line of jsonLines(join(folder, journalOf(folder, run).file), parseJson)) {
    const plain = isRecord(line) ? line : await unsealed(line, home);
    const record = plain === undefined ? undefined : runRecord.safeParse(plain).data;
    if (record) yield record;
  }
}

async function unsealed(line: unknown, home: string | undefined): Promise<unknown> {
  if (home === undefined || (line as { line?: unknown } | null)?.line !== 'inputs') return undefined;
  try {
    const { record } = sealedInputs.parse(line);
    return parseJson((await encryption(home)).decrypt(record));
  } catch {
    return undefined;
  }
}
