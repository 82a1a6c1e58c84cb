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
    command
      .option('--pass-phrase', 'protect it with a pass phrase, which each command that opens a secret asks for')
      .action(
        run(async (context, _, options) => {
          const { terminal, home } = context;
          if (options.passPhrase && !terminal.interactive)
            throw new Problem('usage', {
              what: 'a pass phrase is asked for, and nobody is at a terminal here',
              remedy: 'echo-trail secret key make makes one without',
            });
          const phrase = options.passPhrase ? await (await import('../../ask/secret.js')).askNewPassPhrase() : '';
          return told(context, await makeIdentity(home, phrase), identityFile(home), true);
        }),
      );
    examples(command, [['secret key make', 'in your own folder; the public key is printed']]);
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
            remedy: `echo-trail secret key make makes one; ${identityVariable} in the process environment holds one for a machine`,
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
      ? `your private key is in ${from}: keep a copy, since nothing else opens what is shared with you`
      : `its private key is in ${from}`,
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
