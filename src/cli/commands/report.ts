/** `report`: what runs came to, from what is on disk. */
import { Problem } from '../../core/problem/problem.js';
import { compareRuns } from '../../core/report/compare-runs.js';
import { reportFormats } from '../../core/report/formats/registry.js';
import { partsProof } from '../../core/report/parts.js';
import { together } from '../../core/report/reporter.js';
import { runSummary } from '../../core/report/run-summary.js';
import { recordedRuns, recordsOf } from '../../core/run/journal/recorded-run.js';
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
        ? '--compare goes with neither --as, --to nor --matrix'
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
      .option('--compare', 'of two runs, the earlier one first: what broke, what was fixed, what became slower')
      .option('--as <form>', `the form: ${formNames(reportFormats)}`)
      .option('-t, --to <file>', 'write it to this file; its ending says the form where --as does not')
      .action(
        run(async (context, names, options) => {
          const { terminal, home } = context;
          const { as, to } = options as { as?: string; to?: string };
          const format = formWanted(reportFormats, { as, to });
          const { local } = await context.collection();
          if (options.compare) return await compared(names, local, context, Boolean(format || options.matrix));
          if (format) {
            if (options.matrix)
              throw new Problem('usage', { what: '--matrix goes with the report as text or with --json' });
            const runs = recordedRuns(local, names.length === 0 ? ['last'] : names);
            await writeReport(format, recordsOfAll(local, home, runs), to, terminal);
            if (to !== undefined && to !== '-') terminal.note(`wrote ${to}`);
            return 0;
          }
          const totals = runSummary();
          const parts = partsProof();
          const told = together([
            reporters(terminal, { matrix: options.matrix === true, watched: false }),
            totals,
            parts,
          ]);
          for (const name of recordedRuns(local, names.length === 0 ? ['last'] : names)) {
            let empty = true;
            for await (const record of recordsOf(local, name, home)) {
              told.take(record);
              empty = false;
            }
            if (empty)
              terminal.note(
                `run ${name} has no record: it was killed before its first step, or an earlier version made it`,
              );
          }
          told.end();
          const summary = totals.summary();
          const proofs = parts.proofs();
          if (terminal.json)
            terminal.document({
              event: 'report',
              ...summary,
              ...(proofs.length > 0 && { parts: proofs }),
            } satisfies Documents['report']);
          else {
            for (const line of runSummaryText(summary, terminal)) terminal.print(line);
            for (const line of proofs.flatMap((proof) => proofText(proof, terminal))) terminal.print(line);
          }
          return proofs.every(({ whole }) => whole) ? 0 : 1;
        }),
      );
    examples(command, [
      ['report', 'the last run, also where it was killed'],
      ['report last --json', 'its records, and what they come to as the last line'],
      ['report --as markdown', 'for the comment of a pull request'],
      ['report --to report.html', 'a page in one file; junit.xml for a CI server'],
    ]);
  },
};
