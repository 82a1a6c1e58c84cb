/** `run`: trails and requests, walked. */
import { join, resolve } from 'node:path';
import { Problem } from '../../core/problem/problem.js';
import { reportFormats } from '../../core/report/formats/registry.js';
import type { ReportFormat } from '../../core/report/formats/report-format.js';
import { type Reporter, together } from '../../core/report/reporter.js';
import type { RunHost } from '../../core/run/run-host.js';
import { type CommandModule, examples } from '../command.js';
import { type Context, settingsOf } from '../context.js';
import { exitStatus } from '../exit-status.js';
import { formForFile } from '../options/forms.js';
import { rehearseIfWanted } from '../rehearsing/rehearsal.js';
import { summaryFile, tellServer } from '../walking/ci-server.js';
import { runHost } from '../walking/host.js';
import { type RunOptions, requireOwnEnvironment, runOptions, runWishes } from '../walking/options.js';
import { namesOfRuns, recordsOfAll, writeReport } from '../walking/report-files.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command.argument('[names...]', 'trails, requests, or folders of them, walked one after the other');
    runOptions(command).action(
      run((context, names, given) => {
        const options = runWishes(given, names);
        const order = { names, given, options };
        if (!options.watch) return walk(context, order);
        return watchRun(context, order);
      }),
    );
    examples(command, [
      ['run berth-stay', 'a trail of the collection'],
      ['run berth-stay --set imo=9000031 --json', 'for another vessel, a line of JSON an event'],
      ['run vessels/show berths/free', 'two requests, with their expectations'],
      ['run triage --parts 2', 'its rows in two processes; --part 1/2 for one of two machines'],
      ['run lights-audit --env fleet --matrix', 'many hosts by what is checked, and every deviation'],
      ['run --resume last', 'resume the last run, where it was interrupted or killed'],
      ['run berth-stay --rehearse', 'against the documented vendor, rehearsed on this machine'],
    ]);
  },
};

interface Order {
  readonly names: readonly string[];
  readonly given: Readonly<Record<string, unknown>>;
  readonly options: RunOptions;
}

async function watchRun(context: Context, order: Order): Promise<number> {
  const [{ watching }, { touchedNames }] = await Promise.all([
    import('../watching/watching.js'),
    import('../../core/usage/touched.js'),
  ]);
  return watching(context, async (own, { changed, wrote }) => {
    const collection = await own.collection();
    const names = changed ? touchedNames(collection, order.names, changed) : order.names;
    for (const file of order.options.report) wrote(resolve(file));
    const writes: Reporter = {
      take(record) {
        if (record.event === 'table' && record.to !== null) wrote(join(collection.root, record.to));
      },
    };
    return walk(own, { ...order, names }, writes);
  });
}

/** @param also told of every record */
async function walk(
  context: Context,
  { names, given, options }: Order,
  also: Reporter = { take: () => undefined },
): Promise<number> {
  const reports = options.report.map((file) => ({ file, format: formForFile(reportFormats, file, '--report') }));
  const environments = context.options.env?.split(',').map((name) => name.trim()) ?? [undefined];
  const host = runHost(context, options, names.length > 0 && environments.length > 1);
  const runs = namesOfRuns();
  const told = together([host.reporter, runs, also]);
  try {
    if (options.parts !== undefined) {
      if (environments.length > 1)
        throw new Problem('usage', { what: '--parts takes one environment', remedy: 'run them one after the other' });
      const { walkInProcesses } = await import('../walking/part-processes.js');
      return await walkInProcesses(context, options.parts, names, given, told);
    }
    await rehearseIfWanted(context, given);
    const problem =
      names.length > 0
        ? await (await import('../../core/run/run-names.js')).runNames(
            { ...host, report: told.take },
            names,
            options,
            environments,
          )
        : await goneOnWith(context, { ...host, report: told.take }, options);
    return exitStatus(problem);
  } finally {
    told.end();
    for (const { file, format } of reports) await reported(context, runs.names, file, format);
    const summary = summaryFile(process.env);
    if (summary !== undefined && runs.names.length > 0) {
      const collection = await context.collection();
      await tellServer(summary, recordsOfAll(collection.local, context.home, runs.names), collection, context.terminal);
    }
  }
}

/** From what is on disk, so that a run that was interrupted has its report too. */
async function reported(context: Context, runs: readonly string[], file: string, format: ReportFormat): Promise<void> {
  if (runs.length === 0) return;
  const { local } = await context.collection();
  await writeReport(format, recordsOfAll(local, context.home, runs), file, context.terminal);
  context.terminal.note(`wrote ${file}`);
}

/** `--resume`, `--failed-of` and `--undo`. */
async function goneOnWith(context: Context, host: RunHost, options: RunOptions): Promise<Problem | undefined> {
  requireOwnEnvironment(context.options.env);
  const { resumeRun, runFailedOf, undoEarlier } = await import('../../core/run/earlier-run.js');
  const collection = await context.collection();
  const wishes = { ...options, settings: settingsOf(context.options.set ?? []) };
  if (options.undo !== undefined) return undoEarlier(host, collection, options.undo, wishes);
  if (options.resume !== undefined) return resumeRun(host, collection, options.resume, wishes);
  return runFailedOf(host, collection, options.failedOf as string, wishes);
}
