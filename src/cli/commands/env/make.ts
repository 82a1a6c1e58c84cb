/** `env make`: a new environment, its origin from the servers that the documentation names. */
import {
  makeEnvironment,
  type NewEnvironment,
  type OfferedServer,
  offeredServers,
  originOf,
  pathVariables,
  tokenOrigins,
} from '../../../core/collection/new-environment.js';
import { openDocumentation } from '../../../core/collection/sources/source-index.js';
import { Problem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import { type Context, settingsOf } from '../../context.js';
import { emit } from '../../documents/emit.js';

export const make: CommandModule = {
  configure(command, run) {
    command
      .argument('<name>', 'a name for it, such as live')
      .option('--origin <url>', 'scheme, host and port')
      .option('--server <number>', 'the server of that number among those that the documentation names')
      .action(
        run(async (context, [name = ''], { origin, server }) => {
          const { terminal, options } = context;
          const collection = await context.collection();
          const chosen = settingsOf(options.set ?? []);
          if (origin !== undefined && (server !== undefined || chosen.size > 0)) {
            throw new Problem('usage', {
              what: '--origin stands alone: --server and --set are for servers of the documentation',
            });
          }
          const made =
            origin === undefined
              ? await offered(context, server as string | undefined, chosen)
              : { origin: origin as string, about: undefined, hosts: undefined };
          const file = await makeEnvironment(collection, { name, ...made });
          if (terminal.json) return emit(terminal, 'env make', { name, file, origin: made.origin });
          terminal.print(`${file}  ${made.origin}`);
          terminal.note(`calls that change something are asked about there: changes in ${file} says so`);
          terminal.note(`next: echo-trail env use ${name}, or --env ${name} with any command`);
          return 0;
        }),
      );
    examples(command, [
      ['env make quay', 'from the servers of the documentation; where there are several, you are asked'],
      ['env make first --server 1', 'the first of them'],
      ['env make night --origin http://127.0.0.1:4810', 'where the documentation names none'],
    ]);
  },
};

async function offered(
  context: Context,
  number: string | undefined,
  chosen: ReadonlyMap<string, string>,
): Promise<Omit<NewEnvironment, 'name'>> {
  const shelf = await context.shelf();
  await openDocumentation(shelf);
  const servers = offeredServers(shelf);
  if (servers.length === 0) {
    throw new Problem('usage', {
      what: 'the documentation names no server',
      remedy: 'say where it is: --origin URL',
    });
  }
  const server = await oneOf(servers, number, context);
  const values = new Map(chosen);
  if (context.terminal.interactive) {
    for (const { name, allowed } of server.variables) {
      if (values.has(name) || allowed.length < 2) continue;
      const { askChoice } = await import('../../ask/choice.js');
      const choices = allowed.map((value) => ({ name: value, value }));
      const question = `${name} of ${server.template ?? server.url}:`;
      values.set(name, await context.terminal.asking(() => askChoice(question, choices)));
    }
  }
  return {
    origin: originOf(server, values),
    variables: pathVariables(server, values),
    about: server.description,
    hosts: tokenOrigins(shelf),
  };
}

async function oneOf(
  servers: readonly OfferedServer[],
  number: string | undefined,
  { terminal }: Context,
): Promise<OfferedServer> {
  const [only] = servers;
  if (number === undefined && only && servers.length === 1) return only;
  const lines = servers.map(({ template, url, description, source, variables }, index) => {
    const free = variables.map(({ name, allowed }) => `${name}: ${allowed.join(', ') || 'any'}`).join('; ');
    return `${index + 1}  ${template ?? new URL(url).origin}  ${[source, description, free].filter(Boolean).join(', ')}`;
  });
  if (number !== undefined) {
    const server = /^\d+$/.test(number) ? servers[Number(number) - 1] : undefined;
    if (server) return server;
    throw new Problem('usage', { what: `there is no server ${number}`, remedy: `there are:${below(lines)}` });
  }
  if (!terminal.interactive) {
    throw new Problem('usage', {
      what: 'the documentation names several servers',
      remedy: `--server NUMBER chooses one:${below(lines)}`,
    });
  }
  const { askChoice } = await import('../../ask/choice.js');
  return terminal.asking(() =>
    askChoice(
      'which server?',
      servers.map((value, index) => ({ name: (lines[index] as string).replace(/^\d+ +/, ''), value })),
    ),
  );
}

/** Under the label of a remedy. */
const below = (lines: readonly string[]): string => lines.map((line) => `\n       ${line}`).join('');
