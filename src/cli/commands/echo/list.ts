/** `echo list`. */
import type { Echo } from '../../../core/echo/echo.js';
import { type EchoFilter, hasFailed } from '../../../core/echo/filter.js';
import { newestEchoes } from '../../../core/echo/read.js';
import { Problem } from '../../../core/problem/problem.js';
import { durationText, parseDuration } from '../../../core/value/measures.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { wholeNumber } from '../../options/whole-number.js';
import type { Colours } from '../../terminal/terminal.js';
import { printableLine } from '../../view/printable.js';
import { table } from '../../view/table.js';

export const list: CommandModule = {
  configure(command, run) {
    command
      .option('--limit <number>', 'show at most this many', '20')
      .option('--request <name>', 'only of this request, or of the step of that name')
      .option('--method <method>', 'only with this method')
      .option('--status <status>', 'only with this status, such as 404 or 4xx; none where no response came')
      .option('--failed', 'only what failed')
      .option('--run <run>', 'only of this run')
      .option('--since <duration>', 'only of the last 30m, 2h, 1d')
      .action(
        run(async (context, _args, options) => {
          const { terminal } = context;
          const limit = wholeNumber(options.limit, '--limit', { least: 1 });
          const { local } = await context.collection();
          const echoes = await newestEchoes(local, limit, filterOf(options, context.options.env));
          if (terminal.json) {
            return emit(terminal, 'echo list', {
              echoes: echoes.map((echo) => ({
                id: echo.id,
                at: echo.at,
                environment: echo.environment,
                request: echo.request ?? null,
                method: echo.sent.method,
                url: echo.sent.url,
                status: echo.received?.status ?? null,
                time: echo.phases?.total ?? null,
                ok: !hasFailed(echo),
              })),
            });
          }
          const { out } = terminal;
          if (echoes.length === 0) terminal.note('nothing of that kind is recorded');
          else {
            terminal.print(
              table(
                echoes.map((echo) => {
                  const { id, at, sent, received, phases, request, step } = echo;
                  return [
                    out.bold(id),
                    out.dim(at.slice(0, 19).replace('T', ' ')),
                    resultOf(echo, out),
                    received ? String(received.status) : out.red('none'),
                    phases?.total === undefined ? '' : durationText(phases.total),
                    `${out.cyan(sent.method)} ${printableLine(sent.url)}`,
                    step ?? request ?? '',
                  ];
                }),
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
      ['echo list --failed --since 2h', 'what went wrong in the last two hours'],
      ['echo list --limit 100 --json', 'more of them, for programs'],
    ]);
  },
};

/** What came of it; of a try that was followed by another, that it was not the last. */
const resultOf = (echo: Echo, out: Colours): string =>
  echo.unfinished
    ? out.red('in doubt')
    : hasFailed(echo)
      ? out.red('failed')
      : echo.again
        ? out.yellow('again')
        : out.green('ok');

function filterOf(options: Record<string, unknown>, environment: string | undefined): EchoFilter {
  const { request, method, status, failed, run, since } = options as Record<string, string | undefined>;
  if (status !== undefined && !/^(?:[1-5](?:\d\d|xx)|none)$/.test(status))
    throw new Problem('usage', {
      what: `--status takes a status such as 404, a class such as 4xx, or none, not ${status}`,
    });
  const past = since === undefined ? undefined : parseDuration(since);
  if (since !== undefined && past === undefined)
    throw new Problem('usage', { what: `--since takes a duration with its unit, such as 30m or 2h, not ${since}` });
  return {
    environment,
    request,
    method: method?.toUpperCase(),
    status,
    run,
    failed: failed !== undefined,
    since: past === undefined ? undefined : Date.now() - past,
  };
}
