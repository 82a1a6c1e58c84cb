/** `secret set`. */

import { readEnvironment } from '../../../core/collection/variables/variable-scopes.js';
import { Problem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import { storeSecret } from './store-secret.js';

export const set: CommandModule = {
  configure(command, run) {
    command.argument('<name>', 'as in ${secret.NAME}').action(
      run(async (context, [name = '']) => {
        const { terminal, options } = context;
        if (!/^[\p{L}_][\p{L}\p{N}_-]*(?:\[[^\]]+\])?$/u.test(name)) {
          throw new Problem('usage', {
            what: `${name} is not a name for a secret`,
            remedy: 'letters, digits, - and _, with a letter first',
          });
        }
        const collection = await context.collection();
        const environment = options.env === undefined ? undefined : readEnvironment(collection, options.env, []).name;
        const value = terminal.interactive
          ? await terminal.asking(async () => (await import('../../ask/secret.js')).askSecret(name))
          : await fromInput();
        if (value === '')
          throw new Problem('usage', {
            what: 'the secret is empty',
            remedy: `printf %s VALUE | echo-trail secret set ${name}`,
          });
        await storeSecret(context, collection, { name, value, environment });
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
