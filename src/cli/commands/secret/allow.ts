/** `secret allow`: a stored secret may go the ways that an environment has now. */

import { addedWays, waysText } from '../../../core/exchange/hosts/ways-out.js';
import { nearestHint } from '../../../core/problem/nearest.js';
import { Problem } from '../../../core/problem/problem.js';
import { secretStore } from '../../../core/session/secrets.js';
import { ownMember } from '../../../core/value/own-member.js';
import { type CommandModule, examples } from '../../command.js';
import { settingsOf } from '../../context.js';
import { printableLine } from '../../view/printable.js';
import { boundWays } from './bound-ways.js';

export const allow: CommandModule = {
  configure(command, run) {
    command.argument('<name>', 'a stored secret').action(
      run(async (context, [name = '']) => {
        const { terminal, options, home } = context;
        const collection = await context.collection();
        const store = secretStore(collection.local, home, process.env);
        const stored = (await store.list()).filter((one) => one.name === name);
        const chosen = options.env === undefined ? undefined : collection.resolve('environment', options.env);
        const here = stored.filter(
          ({ environment }) => environment === undefined || chosen === undefined || environment === chosen,
        );
        if (here.length === 0) {
          throw new Problem('secret-missing', {
            what: `no secret ${name} is stored${chosen === undefined ? '' : ` for the environment ${chosen}`}`,
            remedy:
              nearestHint(
                name,
                (await store.list()).map((one) => one.name),
              ) ?? `echo-trail secret set ${name}`,
          });
        }
        const everywhere = here.some(({ environment }) => environment === undefined);
        const ways = await boundWays(collection, chosen, settingsOf(options.set ?? []));
        const wanted = Object.entries(ways).filter(
          ([environment]) => everywhere || here.some((one) => one.environment === environment),
        );
        let changed = 0;
        for (const [environment, now] of wanted) {
          const before = here.flatMap((one) => ownMember(one.ways, environment) ?? []).at(0);
          const added = addedWays(before, now);
          if (added.length === 0 && before) continue;
          changed += 1;
          terminal.note(printableLine(`${environment} ${waysText(now)}`));
          for (const one of before ? added : []) terminal.note(printableLine(`  new: it ${one}`));
          if (terminal.interactive && !(await terminal.asking(() => agreed(name, environment)))) {
            terminal.note(`left as it was for ${environment}`);
            continue;
          }
          await store.allow(name, environment, now);
          terminal.note(`${name} may be used in ${environment}`);
        }
        if (changed === 0) terminal.note(`${name} may already be used wherever these environments go`);
        return 0;
      }),
    );
    examples(command, [
      ['secret allow deskPassword', 'in every environment, as it is now'],
      ['secret allow deskPassword --env sandbox', 'in one of them'],
    ]);
  },
};

async function agreed(name: string, environment: string): Promise<boolean> {
  const { confirm } = await import('@inquirer/prompts');
  return confirm({ message: `may ${name} go there from ${environment}?`, default: false }, { output: process.stderr });
}
