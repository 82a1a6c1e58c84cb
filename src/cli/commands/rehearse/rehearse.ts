/** `rehearse`: the documented vendor on this machine, in the foreground. */
import { once } from 'node:events';
import type { RehearsedExchange } from '../../../core/rehearsal/messages.js';
import { type CommandModule, examples } from '../../command.js';
import type { Context } from '../../context.js';
import { emit } from '../../documents/emit.js';
import { documentVersion } from '../../documents/version.js';
import { wholeNumber } from '../../options/whole-number.js';
import { openRehearsal, rehearsalOptions } from '../../rehearsing/rehearsal.js';
import type { Terminal } from '../../terminal/terminal.js';
import { printableLine } from '../../view/printable.js';
import { record } from './record.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    rehearsalOptions(command.argument('[sources...]', 'documentation sources; all of the collection by default'))
      .option('--port <number>', 'the port to listen on; 0 for a free one', '4880')
      .action(run((context, sources, options) => rehearse(context, sources, options)));
    record.configure(
      command.command('record').description('write the exchanges of a run to a file that rehearsals of everybody use'),
      run,
    );
    examples(command, [
      ['rehearse harbour', 'the operations of one source'],
      ['rehearse --throttle 30% --drop 1%', 'with trouble on purpose'],
      ['run berth-stay', 'against the vendor'],
      ['rehearse record last --to rehearsal/stay.jsonl', 'what it responded, for rehearsals of everybody'],
      ['run berth-stay --rehearse', 'the same against a vendor that is not there'],
    ]);
  },
};

async function rehearse(
  context: Context,
  sources: readonly string[],
  options: Readonly<Record<string, unknown>>,
): Promise<number> {
  const { terminal, signal } = context;
  const port = wholeNumber(String(options.port), '--port', { most: 65_535 });
  const { server, operations, names } = await openRehearsal(context, {
    sources,
    options,
    port,
    anyHost: false,
    onExchange: (exchange) => {
      if (terminal.json) emit(terminal, 'rehearse', { event: 'rehearsed', ...exchange, faults: [...exchange.faults] });
      else terminal.print(exchangeLine(exchange, terminal));
    },
  });
  const origin = `http://127.0.0.1:${server.port}`;
  if (terminal.json)
    emit(terminal, 'rehearse', {
      event: 'rehearsing',
      version: documentVersion,
      origin,
      sources: [...names],
      operations,
    });
  else {
    const { out } = terminal;
    terminal.print(
      `${names.join(', ')}: ${operations} ${operations === 1 ? 'operation' : 'operations'}, rehearsed at ${out.cyan(origin)}`,
    );
    terminal.note('Ctrl-C ends it, and forgets what was made');
  }
  if (!signal.aborted) await once(signal, 'abort');
  await server.close();
  return 0;
}

function exchangeLine(
  { method, target, status, from, operation, faults }: RehearsedExchange,
  { out }: Terminal,
): string {
  const asked = `${out.cyan(method)} ${printableLine(target)}`;
  if (status === null) return `${out.yellow('dropped')}  ${asked}`;
  const shown = status < 400 ? out.green(String(status)) : out.red(String(status));
  return [
    `${shown}      ${asked}   ${out.dim([operation, from].filter(Boolean).join('   '))}`,
    ...faults.map((one) => `         ${printableLine(one)}`),
  ].join('\n');
}
