/** `echo prune`: deletes recorded runs with their echoes. */
import { retain } from '../../../core/echo/retain.js';
import { Problem } from '../../../core/problem/problem.js';
import { retainJournals } from '../../../core/run/journal/retain.js';
import { parseDuration, parseSize } from '../../../core/value/measures.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { wholeNumber } from '../../options/whole-number.js';

export const prune: CommandModule = {
  configure(command, run) {
    command
      .option('--keep <number>', 'keep this many of the newest runs')
      .option('--size <size>', 'keep the newest runs that fit into so much, such as 50MB')
      .option('--older-than <duration>', 'delete what is older, such as 7d or 12h')
      .option('--all', 'delete everything')
      .action(
        run(async (context, _args, options) => {
          const { terminal } = context;
          const { local } = await context.collection();
          const { keep, size, olderThan, all } = options as Record<string, string | undefined>;
          if ([keep, size, olderThan, all].every((one) => one === undefined)) {
            throw new Problem('usage', {
              what: 'say what to delete',
              remedy: '--keep NUMBER, --size SIZE, --older-than DURATION, or --all',
            });
          }
          const now = Date.now();
          const runs =
            all === undefined
              ? keep === undefined
                ? Number.POSITIVE_INFINITY
                : wholeNumber(keep, '--keep', { least: 1 })
              : 0;
          const since = olderThan === undefined ? 0 : now - measured(olderThan, '--older-than', parseDuration);
          const bytes = size === undefined ? Number.POSITIVE_INFINITY : measured(size, '--size', parseSize);
          const gone = await retain(local, { runs, size: bytes, since });
          const journals = await retainJournals(local, { runs, since });
          if (terminal.json) return emit(terminal, 'echo prune', { echoes: gone, journals });
          terminal.print(
            `deleted ${gone} ${gone === 1 ? 'echo' : 'echoes'} and ${journals} ${journals === 1 ? 'run' : 'runs'}`,
          );
          return 0;
        }),
      );
    examples(command, [
      ['echo prune --older-than 7d', 'what is older than a week'],
      ['echo prune --keep 20', 'all but the last twenty runs'],
    ]);
  },
};

function measured(text: string, option: string, read: (text: string) => number | undefined): number {
  const found = read(text);
  if (found !== undefined) return found;
  throw new Problem('usage', { what: `${option} ${text} has no unit that is known`, remedy: 'such as 7d, 12h, 50MB' });
}
