/** `report`: what runs came to, from what is on disk. */
import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { Problem } from '../../core/problem/problem.js';
import { compareRuns } from '../../core/report/compare-runs.js';
import { reportFormats } from '../../core/report/formats/registry.js';
import type { ReportFormat } from '../../core/report/formats/report-format.js';
import { together } from '../../core/report/reporter.js';
import { runSummary } from '../../core/report/run-summary.js';
import { journalFile, recordedRuns, recordsOf } from '../../core/run/journal/recorded-run.js';
import { type PartsProof, partsProof } from '../../core/trail/record/parts-proof.js';
import { type CommandModule, examples } from '../command.js';
import type { Context } from '../context.js';
import type { Documents } from '../documents/documents.js';
import { emit } from '../documents/emit.js';
import { formNames, formWanted } from '../options/forms.js';
import { reporters } from '../reporters/registry.js';
import { proofText } from '../view/run/parts.js';
import { runComparisonText } from '../view/run/run-comparison.js';
import { runSummaryText } from '../view/run/run-summary.js';
import { recordsOfAll, writeReport } from '../walking/report-files.js';

/** @param asReport a form was asked for that a comparison has not */
async function compared(
  names: readonly string[],
  local: string,
  { terminal }: Context,
  asReport: boolean,
): Promise<number> {
  const [before, after] = names.length === 2 ? recordedRuns(local, names) : [];
  if (before === undefined || after === undefined || asReport) {
    throw new Problem('usage', {
      what: asReport
        ? '--compare cannot be combined with --as, --to or --matrix'
        : '--compare takes two runs that are not the same',
      remedy: 'echo-trail report RUN last --compare; --json is for programs',
    });
  }
  const found = await compareRuns(recordsOf(local, before), recordsOf(local, after));
  if (terminal.json) emit(terminal, 'report compare', { before, after, ...found });
  else for (const line of runComparisonText(found, [before, after], terminal)) terminal.print(line);
  return found.broke.length > 0 ? 1 : 0;
}

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument(
        '[runs...]',
        'runs by their names, several together as one; last for the last one, which is the default',
      )
      .option('--matrix', 'end with rows by checks, and every deviation')
      .option('--join', 'join the runs of parts into one run; also takes a folder with their records')
      .option('--compare', 'of two runs, the earlier one first: what broke, what was fixed, what became slower')
      .option('--as <form>', `the form: ${formNames(reportFormats)}`)
      .option('-t, --to <file>', 'write it to this file; its ending says the form where --as does not')
      .action(
        run(async (context, names, options) => {
          const { terminal, home } = context;
          const { as, to } = options as { as?: string; to?: string };
          const format = formWanted(reportFormats, { as, to });
          const { local } = await context.collection();
          if (options.compare && options.join)
            throw new Problem('usage', { what: '--compare and --join cannot be combined' });
          if (options.compare) return await compared(names, local, context, Boolean(format || options.matrix));
          if (format && options.matrix)
            throw new Problem('usage', { what: '--matrix is for the report as text or with --json' });
          if (options.join) return await joined(context, names, { format, to, matrix: options.matrix === true });
          if (format) {
            const runs = recordedRuns(local, names.length === 0 ? ['last'] : names);
            await writeReport(format, recordsOfAll(local, home, runs), to, terminal);
            if (to !== undefined && to !== '-') terminal.note(`wrote ${to}`);
            return 0;
          }
          return tellRuns(
            context,
            local,
            recordedRuns(local, names.length === 0 ? ['last'] : names),
            options.matrix === true,
          );
        }),
      );
    examples(command, [
      ['report', 'the last run, also where it was killed'],
      ['report last --json', 'its records, and what they come to as the last line'],
      ['report --as markdown', 'for the comment of a pull request'],
      ['report --join last', 'join the runs of parts; usually RUN RUN …'],
      ['report --to report.html', 'a page in one file; junit.xml for a CI server'],
    ]);
  },
};

/** As text, or with --json. @returns the exit status: 1 where parts are incomplete */
async function tellRuns(
  { terminal, home }: Context,
  local: string,
  runs: readonly string[],
  matrix: boolean,
  joined?: readonly PartsProof[],
): Promise<number> {
  const totals = runSummary();
  const parts = partsProof();
  const told = together([reporters(terminal, { matrix, watched: false }), totals, parts]);
  for (const name of runs) {
    let empty = true;
    for await (const record of recordsOf(local, name, home)) {
      told.take(record);
      empty = false;
    }
    if (empty)
      terminal.note(`run ${name} has no record: it was killed before its first step, or an earlier version made it`);
  }
  told.end();
  const summary = totals.summary();
  const proofs = joined ?? parts.proofs();
  if (terminal.json)
    terminal.document({
      event: 'report',
      ...summary,
      ...(proofs.length > 0 && { parts: [...proofs] }),
    } satisfies Documents['report']);
  else {
    for (const line of runSummaryText(summary, terminal)) terminal.print(line);
    for (const line of proofs.flatMap((proof) => proofText(proof, terminal))) terminal.print(line);
  }
  return proofs.every(({ complete }) => complete) ? 0 : 1;
}

/** `--join`: the journals of parts, by their runs or in a folder, as one run. */
async function joined(
  context: Context,
  names: readonly string[],
  { format, to, matrix }: { format: ReportFormat | undefined; to: string | undefined; matrix: boolean },
): Promise<number> {
  const { terminal, home } = context;
  const { root, local } = await context.collection();
  if (names.length === 0)
    throw new Problem('usage', {
      what: '--join needs the runs of parts, or a folder with their records',
      remedy: 'echo-trail report --join RUN RUN …',
    });
  const files = names.flatMap((name) =>
    statSync(name, { throwIfNoEntry: false })?.isDirectory() ? journalsIn(name) : [journalFile(local, name)],
  );
  const { joinParts } = await import('../../core/run/join-parts.js');
  const { run, proofs } = await joinParts({ root, local }, files);
  const status = proofs.length > 0 && proofs.every(({ complete }) => complete) ? 0 : 1;
  terminal.note(`joined ${files.length} ${files.length === 1 ? 'run' : 'runs'}: run ${run}`);
  if (format) {
    await writeReport(format, recordsOfAll(local, home, [run]), to, terminal);
    if (to !== undefined && to !== '-') terminal.note(`wrote ${to}`);
    for (const line of proofs.flatMap((proof) => proofText(proof, terminal))) terminal.note(line);
    return status;
  }
  return tellRuns(context, local, [run], matrix, proofs);
}

/** @throws Problem usage: there is none */
function journalsIn(folder: string): string[] {
  const found = readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.jsonl'))
    .sort()
    .map((name) => join(folder, name));
  if (found.length > 0) return found;
  throw new Problem('usage', {
    what: `${folder} has no record of a run`,
    remedy: 'name a copy of .echo-trail/runs',
  });
}
