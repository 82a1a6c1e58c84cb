/** `secret share`: encrypts secrets for the recipients into a file under version control. */
import { readEnvironment } from '../../../core/collection/variables/variable-scopes.js';
import { waysOfEnvironment, waysText } from '../../../core/exchange/hosts/ways-out.js';
import { Problem } from '../../../core/problem/problem.js';
import { heldBack, unseenWays } from '../../../core/session/bound-secret.js';
import { secretParts, secretStore } from '../../../core/session/secrets.js';
import type { SharedSecret } from '../../../core/session/shared-secrets/encrypted-secret.js';
import { ownPublicKey } from '../../../core/session/shared-secrets/identity.js';
import { sharedFile } from '../../../core/session/shared-secrets/lines.js';
import { renewShared, share as shareSecrets } from '../../../core/session/shared-secrets/shared-secrets.js';
import { passPhraseAt } from '../../ask/pass-phrase.js';
import { type CommandModule, examples } from '../../command.js';
import { settingsOf } from '../../context.js';
import { emit } from '../../documents/emit.js';
import { printableLine } from '../../view/printable.js';
import { tellRenewed } from './renewed.js';

export const share: CommandModule = {
  configure(command, run) {
    command
      .argument('[name...]', 'secrets that are set on this machine, for the environment in use or --env')
      .option('--all', 're-encrypt every shared secret for the current recipients')
      .action(
        run(async (context, names, { all }) => {
          const { terminal, options, home } = context;
          const collection = await context.collection();
          const { recipients = {} } = collection.manifest.content;
          if (Object.keys(recipients).length === 0)
            throw new Problem('usage', {
              what: 'the collection has no recipients',
              remedy: 'echo-trail secret recipients add NAME KEY; echo-trail secret key show shows your own key',
            });
          if ((all === true) === names.length > 0)
            throw new Problem('usage', {
              what: all === true ? '--all takes no names' : 'secret share needs a name, or --all',
              remedy: 'echo-trail secret list shows which secrets are set',
            });
          if (all === true) {
            const sources = { home, processEnvironment: process.env, passPhrase: passPhraseAt(terminal) };
            const renewed = await renewShared(collection.root, recipients, sources);
            return tellRenewed(context, renewed, recipients);
          }
          const { name: environment } = readEnvironment(collection, options.env, []);
          const { ways, origins } = await waysOfEnvironment(collection, environment, settingsOf(options.set ?? []));
          if (origins.any)
            throw new Problem('usage', {
              what: `the environment ${environment} permits any host, so it cannot use secrets`,
              remedy: `list its hosts in environments/${environment}.yaml`,
            });
          const find = await secretStore(collection.local, home, process.env, passPhraseAt(terminal)).open(environment);
          const shared: SharedSecret[] = [];
          for (const name of names) {
            const found = find(...secretParts(name));
            if (!found)
              throw new Problem('secret-missing', {
                what: `the secret ${name} is not set for the environment ${environment}`,
                remedy: `echo-trail secret set ${name}`,
              });
            // Who shares a secret says where it may go; one that was bound before is first allowed to go there.
            const unseen = found.from === 'shared' ? [] : unseenWays(found, ways);
            if (unseen.length > 0) throw heldBack(name, environment, found, unseen);
            shared.push({ secret: name, environment, value: found.value, ways, shared: new Date().toISOString() });
          }
          await shareSecrets(collection.root, environment, shared, recipients);
          const file = sharedFile(environment);
          const own = await ownPublicKey({ home, processEnvironment: process.env }).catch(() => undefined);
          if (terminal.json)
            return emit(terminal, 'secret share', {
              environment,
              file,
              names: [...names],
              recipients: Object.keys(recipients),
            });
          terminal.print(
            `wrote ${terminal.out.bold(file)}: ${names.join(', ')} for ${Object.keys(recipients).join(', ')}`,
          );
          terminal.note(
            printableLine(`where ${names.length === 1 ? 'it' : 'they'} may go: ${environment} ${waysText(ways)}`),
          );
          if (own === undefined || !Object.values(recipients).includes(own))
            terminal.complain(
              `${terminal.err.yellow('warning')}  you are not a recipient, so you cannot decrypt ${names.length === 1 ? 'it' : 'them'}`,
            );
          return 0;
        }),
      );
    examples(command, [
      ['secret share deskPassword --env sandbox', 'encrypted for all recipients, in secrets/sandbox.age'],
      ['secret share --all', 'after a colleague added herself as a recipient'],
    ]);
  },
};
