/** `secret set`. */

import { readEnvironment } from '../../../core/collection/variables/variable-scopes.js';
import { waysText } from '../../../core/exchange/hosts/ways-out.js';
import { secretVariable } from '../../../core/expression/compile.js';
import { Problem } from '../../../core/problem/problem.js';
import { pastedWrongly } from '../../../core/session/credentials.js';
import { secretStore } from '../../../core/session/secrets.js';
import { ownMember } from '../../../core/value/own-member.js';
import { type CommandModule, examples } from '../../command.js';
import { settingsOf } from '../../context.js';
import { printableLine } from '../../view/printable.js';
import { boundWays } from './bound-ways.js';

export const set: CommandModule = {
  configure(command, run) {
    command.argument('<name>', 'as in ${secret.NAME}').action(
      run(async (context, [name = '']) => {
        const { terminal, options, home } = context;
        if (!/^[\p{L}_][\p{L}\p{N}_-]*(?:\[[^\]]+\])?$/u.test(name)) {
          throw new Problem('usage', {
            what: `${name} is not a name for a secret`,
            remedy: 'letters, digits, - and _, with a letter first',
          });
        }
        const collection = await context.collection();
        const environment = options.env === undefined ? undefined : readEnvironment(collection, options.env, []).name;
        const value = terminal.interactive
          ? await (await import('../../ask/secret.js')).askSecret(name)
          : await fromInput();
        if (value === '')
          throw new Problem('usage', {
            what: 'the secret is empty',
            remedy: `printf %s VALUE | echo-trail secret set ${name}`,
          });
        const wrong = pastedWrongly(value);
        if (wrong) terminal.complain(`${terminal.err.yellow('warning')}  the value of ${name} looks wrong: ${wrong}`);
        if (value.length < 8)
          terminal.complain(
            `${terminal.err.yellow('warning')}  the value of ${name} has fewer than 8 characters: it is hidden where it is known to stand, but not wherever it appears`,
          );
        const ways = await boundWays(collection, environment, settingsOf(options.set ?? []));
        await secretStore(collection.local, home, process.env).set(name, value, environment, ways);
        terminal.note(
          `stored ${name} for ${environment === undefined ? 'all environments' : `the environment ${environment}`}; ${Object.keys(ways).length > 0 ? 'where it may go:' : 'no environment can use it yet'}`,
        );
        for (const [one, own] of Object.entries(ways)) terminal.note(printableLine(`  ${one} ${waysText(own)}`));
        const variable = secretVariable(name);
        if (ownMember(process.env, variable) !== undefined)
          terminal.complain(
            `${terminal.err.yellow('warning')}  ${variable} is set in the process environment, and comes first`,
          );
        return 0;
      }),
    );
    examples(command, [
      ['secret set deskPassword', 'asks; nothing of it is shown'],
      ['secret set deskPassword --env sandbox < password.txt', 'from standard input, for one environment'],
    ]);
  },
};

/** Standard input, without the line break that echo and editors put at the end. */
async function fromInput(): Promise<string> {
  const chunks: Buffer[] = [];
  for await (const chunk of process.stdin) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks)
    .toString('utf8')
    .replace(/\r?\n$/, '');
}
