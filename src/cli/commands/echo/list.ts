/** `echo list`. */
import { newestEchoes } from '../../../core/echo/read.js';
import { durationText } from '../../../core/value/measures.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../emit.js';
import { printableLine } from '../../view/printable.js';
import { table } from '../../view/table.js';
import { wholeNumber } from '../../whole-number.js';

export const list: CommandModule = {
  configure(command, run) {
    command.option('--most <number>', 'show at most so many', '20').action(
      run(async (context, _args, { most }) => {
        const { terminal } = context;
        const limit = wholeNumber(most, '--most', { least: 1 });
        const { local } = await context.collection();
        const echoes = await newestEchoes(local, limit);
        if (terminal.json) {
          return emit(terminal, 'echo list', {
            echoes: echoes.map(({ id, at, environment, request, sent, received, phases, failed, trouble }) => ({
              id,
              at,
              environment,
              request: request ?? null,
              method: sent.method,
              url: sent.url,
              status: received?.status ?? null,
              time: phases?.total ?? null,
              ok: failed === undefined && trouble === undefined,
            })),
          });
        }
        const { out } = terminal;
        if (echoes.length === 0) terminal.note('nothing is recorded yet');
        else {
          terminal.print(
            table(
              echoes.map(({ id, at, sent, received, phases, failed, trouble, request, step }) => [
                out.bold(id),
                out.dim(at.slice(0, 19).replace('T', ' ')),
                failed || trouble ? out.red('failed') : out.green('ok'),
                received ? String(received.status) : out.red('none'),
                phases?.total === undefined ? '' : durationText(phases.total),
                `${out.cyan(sent.method)} ${printableLine(sent.url)}`,
                step ?? request ?? '',
              ]),
              terminal,
              { head: ['echo', 'at (UTC)', 'result', 'status', 'time', 'call', 'request or step'], flexible: [5, 6] },
            ),
          );
        }
        return 0;
      }),
    );
    examples(command, [
      ['echo list', 'the last twenty'],
      ['echo list --most 100 --json', 'more of them, for programs'],
    ]);
  },
};
