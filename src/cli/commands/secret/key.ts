/** `secret key`: one's own identity, which opens shared secrets. */
import { Problem } from '../../../core/problem/problem.js';
import {
  identityFile,
  identityVariable,
  makeIdentity,
  ownPublicKey,
} from '../../../core/session/shared-secrets/identity.js';
import { type CommandModule, examples } from '../../command.js';
import type { Context } from '../../context.js';
import { emit } from '../../documents/emit.js';

const make: CommandModule = {
  configure(command, run) {
    command.option('--pass-phrase', 'protect it with a pass phrase; commands that decrypt a secret ask for it').action(
      run(async (context, _, options) => {
        const { terminal, home } = context;
        if (options.passPhrase && !terminal.interactive)
          throw new Problem('usage', {
            what: '--pass-phrase needs an interactive terminal',
            remedy: 'leave it out, or run the command at a terminal',
          });
        const phrase = options.passPhrase
          ? await terminal.asking(async () => (await import('../../ask/secret.js')).askNewPassPhrase())
          : '';
        return told(context, await makeIdentity(home, phrase), identityFile(home), true);
      }),
    );
    examples(command, [['secret key make', 'prints the public key']]);
  },
};

const show: CommandModule = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { home } = context;
        const key = await ownPublicKey({ home, processEnvironment: process.env });
        if (key === undefined)
          throw new Problem('secret-unreadable', {
            what: 'you have no identity',
            remedy: `echo-trail secret key make; a machine takes ${identityVariable} from the process environment`,
          });
        const from = process.env[identityVariable] ? identityVariable : identityFile(home);
        return told(context, key, from, false);
      }),
    );
    examples(command, [['secret key show', 'your public key, for a colleague to add']]);
  },
};

function told({ terminal }: Context, key: string, from: string, isNew: boolean): number {
  if (terminal.json) return emit(terminal, 'secret key', { key, from });
  terminal.print(key);
  terminal.note(
    isNew
      ? `the private key is in ${from}; keep a copy, because nothing else decrypts what is shared with you`
      : `the private key is in ${from}`,
  );
  terminal.note(`next: echo-trail secret recipients add NAME ${key}`);
  return 0;
}

export const key: CommandModule = {
  configure(command, run) {
    make.configure(command.command('make').description('make your identity'), run);
    show.configure(command.command('show').description('print your public key'), run);
  },
};
