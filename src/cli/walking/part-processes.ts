/** `--parts 4`: each part of the rows in a process of its own, shown as one walk, and joined into one run. */
import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import type { Readable } from 'node:stream';
import * as z from 'zod/mini';
import { shortName } from '../../core/echo/log.js';
import type { Problem } from '../../core/problem/problem.js';
import type { Reporter } from '../../core/report/reporter.js';
import { runSummary } from '../../core/report/run-summary.js';
import { journalFiles, recordsOf } from '../../core/run/journal/recorded-run.js';
import { jsonLines } from '../../core/storage/json-lines.js';
import { recordsOfOne } from '../../core/trail/record/records-of-one.js';
import { type RunRecord, runRecord } from '../../core/trail/record/run-record.js';
import type { Context } from '../context.js';
import type { Documents } from '../documents/documents.js';
import { exitStatuses, graverStatus } from '../exit-status.js';
import { interruptedNote } from '../terminal/interrupts.js';
import { problemLines } from '../view/problem.js';
import { proofText } from '../view/run/parts.js';
import { summaryFile } from './ci-server.js';
import { flagOf } from './options.js';

/** Options that the process of a part has too. Reports, and how it is shown, are the business of the one that joins. */
const handedOn = [
  'collection',
  'env',
  'set',
  'seed',
  'log',
  'debug',
  'rows',
  'atOnce',
  'partBy',
  'allowChanges',
  'stopAtFirstFailure',
  'anew',
  'rehearse',
  'trouble',
] as const;

/** @param reporter told the records of all parts as those of one run @returns the exit status */
export async function walkInProcesses(
  context: Context,
  parts: number,
  names: readonly string[],
  given: Readonly<Record<string, unknown>>,
  reporter: Required<Reporter>,
): Promise<number> {
  const { terminal, signal, secondSignal, home } = context;
  const { root, local } = await context.collection();
  const run = shortName();
  const began = performance.now();
  const ofOne = recordsOfOne(run);
  const runs: string[] = [];
  const tables: string[] = [];
  const take = (record: RunRecord): void => {
    if (record.event === 'run') runs.push(record.run);
    else if (record.event === 'table' && record.row === null && record.to !== null) tables.push(record.to);
    const kept = ofOne(record);
    if (kept) reporter.take(kept);
  };
  const told = toldOnce(terminal);
  const walked = Array.from({ length: parts }, (_, index) =>
    walkPart([...names, '--part', `${index + 1}/${parts}`, ...optionsHandedOn(given)], { take, complain: told }),
  );
  const stop = (): void => {
    for (const { child } of walked) child.kill('SIGINT');
  };
  signal.addEventListener('abort', stop);
  secondSignal.addEventListener('abort', stop);
  const statuses = await Promise.all(walked.map(({ ended }) => ended));
  const status = graverStatus(...statuses);
  const files = journalFiles(local, runs);
  if (files.length === 0) return status;
  const { joinParts } = await import('../../core/run/join-parts.js');
  const { proofs } = await joinParts({ root, local }, files, run);
  const complete = proofs.length > 0 && proofs.every((proof) => proof.complete);
  const summary = runSummary();
  for await (const record of recordsOf(local, run, home)) {
    summary.take(record);
    if ((record.event === 'table' && record.row === null) || record.event === 'summary') reporter.take(record);
  }
  // Their lines are in the one table now.
  if (complete) for (const table of tables) rmSync(join(root, table), { force: true });
  else {
    for (const [walk, { environment: _, finished, ...rest }] of summary.summary().walks.entries())
      reporter.take({
        event: 'summary',
        ...rest,
        walk,
        ok: false,
        interrupted: !finished,
        time: performance.now() - began,
      });
    reporter.take({ event: 'unfinished', run });
  }
  if (terminal.json)
    terminal.document({ event: 'report', ...summary.summary(), parts: [...proofs] } satisfies Documents['report']);
  else for (const line of proofs.flatMap((proof) => proofText(proof, terminal))) terminal.print(line);
  return complete ? status : graverStatus(status, exitStatuses['failed-expectation']);
}

/** An error as `--json` prints it. */
const errorDocument = z.object({
  error: z.object({
    code: z.string(),
    what: z.string(),
    where: z.optional(
      z.union([
        z.object({ phase: z.string() }),
        z.object({ file: z.string(), line: z.optional(z.number()), column: z.optional(z.number()) }),
      ]),
    ),
    cause: z.optional(z.string()),
    remedy: z.optional(z.string()),
  }),
});

/** What all processes have to say is said once. @returns takes a line of a process's standard error */
function toldOnce(terminal: Context['terminal']): (line: string) => void {
  const said = new Set(['', interruptedNote]);
  return (line) => {
    const error = errorIn(line);
    const key = error?.what ?? line;
    if (said.has(key) || error?.code === 'interrupted') return;
    said.add(key);
    if (error === undefined) terminal.complain(line);
    else if (terminal.json) terminal.complainDocument({ error });
    else {
      const { where, cause, remedy, what } = error;
      const place = where && 'phase' in where ? where.phase : where;
      const code = error.code as Problem['code'];
      const problem = { code, what, where: place, reason: cause, remedy, excerpt: undefined };
      terminal.complain(problemLines(problem, terminal.err));
    }
  };
}

function errorIn(line: string): z.infer<typeof errorDocument>['error'] | undefined {
  if (!line.startsWith('{')) return undefined;
  try {
    return errorDocument.safeParse(JSON.parse(line)).data?.error;
  } catch {
    return undefined;
  }
}

function optionsHandedOn(given: Readonly<Record<string, unknown>>): string[] {
  return handedOn.flatMap((name) => {
    const value = given[name];
    const flag = flagOf(name);
    if (value === undefined || value === false) return [];
    return value === true ? [flag] : [value].flat().flatMap((one) => [flag, String(one)]);
  });
}

interface Told {
  take(record: RunRecord): void;
  complain(line: string): void;
}

function walkPart(
  args: readonly string[],
  { take, complain }: Told,
): { readonly child: ChildProcess; readonly ended: Promise<number> } {
  // The summary for a CI server is written once, of all.
  const env = Object.fromEntries(
    Object.entries(process.env).filter(([name, path]) => summaryFile({ [name]: path }) === undefined),
  );
  const child = spawn(
    process.execPath,
    [...process.execArgv, process.argv[1] ?? '', 'run', ...args, '--json', '--no-colour'],
    {
      env,
      // In its own group: Ctrl-C at the terminal reaches this process, which hands it on, once.
      detached: true,
      stdio: ['ignore', 'pipe', 'pipe'],
    },
  );
  const ended = async (): Promise<number> => {
    const closed = once(child, 'close') as Promise<[number | null]>;
    const [[code]] = await Promise.all([closed, readRecords(child.stdout, take), readLines(child.stderr, complain)]);
    return code ?? exitStatuses.interrupted;
  };
  return { child, ended: ended() };
}

async function readRecords(output: Readable, take: Told['take']): Promise<void> {
  for await (const line of jsonLines(output)) {
    const record = runRecord.safeParse(line).data;
    if (record) take(record);
  }
}

async function readLines(output: Readable, take: (line: string) => void): Promise<void> {
  for await (const line of createInterface({ input: output })) take(line);
}
