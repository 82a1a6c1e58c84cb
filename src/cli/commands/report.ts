/** `report`: what runs came to, from what is on disk. */
import { together } from '../../core/report/reporter.js';
import { runSummary } from '../../core/report/run-summary.js';
import { recordedRuns, recordsOf } from '../../core/run/journal/recorded-run.js';
import { type CommandModule, examples } from '../command.js';
import type { Documents } from '../documents/documents.js';
import { reporters } from '../reporters/registry.js';
import { runSummaryText } from '../view/run/run-summary.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument(
        '[runs...]',
        'runs by their names, several together as one; last for the last one, which is the default',
      )
      .option('--matrix', 'end with rows by checks, and every deviation')
      .action(
        run(async (context, names, options) => {
          const { terminal } = context;
          const { local } = await context.collection();
          const totals = runSummary();
          const told = together([reporters(terminal, { matrix: options.matrix === true, watched: false }), totals]);
          for (const name of recordedRuns(local, names.length === 0 ? ['last'] : names)) {
            let empty = true;
            for await (const record of recordsOf(local, name)) {
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
          if (terminal.json) terminal.document({ event: 'report', ...summary } satisfies Documents['report']);
          else for (const line of runSummaryText(summary, terminal)) terminal.print(line);
          return 0;
        }),
      );
    examples(command, [
      ['report', 'the last run, also where it was killed'],
      ['report last --json', 'its records, and what they come to as the last line'],
    ]);
  },
};
