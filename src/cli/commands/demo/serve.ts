/** `demo serve`: the stand-in vendor in the foreground. */
import { once } from 'node:events';
import { resolve } from 'node:path';
import { Problem } from '../../../core/problem/problem.js';
import type { Standin } from '../../../standin/server.js';
import { type CommandModule, examples } from '../../command.js';
import { wholeNumber } from '../../options/whole-number.js';
import { table } from '../../view/table.js';
import { copyCollection } from './copy.js';

export const usualPort = 4810;
/** The light controllers listen from so many ports further up. */
export const fleetOffset = 11;

export const serve: CommandModule = {
  configure(command, run) {
    command
      .option('--port <number>', 'the port to listen on; 0 for a free one', String(usualPort))
      .option('--copy <folder>', 'make a copy of the demo collection there, or let one that is there find the harbour')
      .option('--data-seed <number>', 'other made-up vessels and berths', '1')
      .action(
        run(async ({ terminal, signal }, _args, { port, dataSeed, copy }) => {
          const standin = await start(
            wholeNumber(port, '--port', { most: 65_535 }),
            wholeNumber(dataSeed, '--data-seed', { most: 2 ** 31 }),
          );
          const { origin, services, credentials } = standin;
          if (copy !== undefined) {
            await copyCollection(standin, resolve(copy as string)).catch(async (error: unknown) => {
              await standin.close();
              throw error;
            });
          }
          if (terminal.json) terminal.document({ origin, services, credentials });
          else {
            const { out } = terminal;
            terminal.print(`${out.bold('Larkhaven Harbour')}, a made-up vendor, listens on ${out.cyan(origin)}`);
            terminal.print(
              table(
                services.map(({ name, address, about }) => [out.bold(name), out.cyan(address), about]),
                terminal,
                { indent: 2 },
              ),
            );
            terminal.print(
              `  demo credentials: user ${out.bold(credentials.user)}, password ${out.bold(credentials.password)}`,
            );
            if (copy !== undefined) terminal.print(`  the demo collection is in ${out.cyan(copy as string)}`);
            else if (new URL(origin).port !== String(usualPort))
              terminal.note(
                '--copy FOLDER makes a copy of the demo collection that finds this port; or write it into environments/sandbox.yaml',
              );
            terminal.note('Ctrl-C ends it');
          }
          if (!signal.aborted) await once(signal, 'abort');
          await standin.close();
          return 0;
        }),
      );
    examples(command, [
      ['demo serve --copy harbour-agent', 'the harbour, and a copy of the demo collection to try'],
      ['demo serve --port 0 --json', 'on a free port, for programs'],
    ]);
  },
};

async function start(port: number, seed: number): Promise<Standin> {
  const { startStandin } = await import('../../../standin/server.js');
  try {
    return await startStandin({ port, seed, more: true, fleet: port === 0 ? 0 : port + fleetOffset });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    throw new Problem('usage', {
      what: `port ${port} is in use`,
      remedy: 'echo-trail demo serve --port 0 --copy FOLDER takes a free one, and makes a collection for it',
    });
  }
}
