/** `secret recipients`: whom secrets are shared with. */
import { manifestName } from '../../../core/collection/find-collection.js';
import { rewriteKey } from '../../../core/collection/rewrite.js';
import { nearestHint } from '../../../core/problem/nearest.js';
import { Problem } from '../../../core/problem/problem.js';
import { ownPublicKey } from '../../../core/session/shared-secrets/identity.js';
import { fingerprint, type Recipients, requireRecipient } from '../../../core/session/shared-secrets/recipients.js';
import { linesOf, renewShared, sharedEnvironments } from '../../../core/session/shared-secrets/shared-secrets.js';
import { ownMember } from '../../../core/value/own-member.js';
import { passPhraseAt } from '../../ask/pass-phrase.js';
import { type CommandModule, examples } from '../../command.js';
import type { Context } from '../../context.js';
import { emit } from '../../documents/emit.js';
import { table } from '../../view/table.js';
import { leftLines, renewedDocument, renewedLines } from './renewed.js';

const recipientsOf = async (context: Context) => {
  const collection = await context.collection();
  return { collection, recipients: collection.manifest.content.recipients ?? {} };
};

const add: CommandModule = {
  configure(command, run) {
    command
      .argument('<name>', 'the name of a person or a machine')
      .argument('<key>', 'its public key, age1…')
      .action(
        run(async (context, [name = '', key = '']) => {
          const { collection, recipients } = await recipientsOf(context);
          if (!/^[\p{L}\p{N}][\p{L}\p{N}._-]*$/u.test(name))
            throw new Problem('usage', {
              what: `${name} cannot be the name of a recipient`,
              remedy: 'letters, digits, dots, dashes and underscores',
            });
          await requireRecipient(key);
          const other = Object.entries(recipients).find(([own, known]) => known === key && own !== name);
          if (other)
            throw new Problem('usage', { what: `${other[0]} has that key already`, where: { file: manifestName } });
          return changed(context, { ...recipients, [name]: key }, async () => {
            await rewriteKey(collection.root, manifestName, ['recipients', name], key);
            return `added ${name} to the recipients in ${manifestName}`;
          });
        }),
      );
    examples(command, [
      [
        'secret recipients add ines age1g8cet6n3cwvl4lvl7qtx4x7nej3qpxrdks6zhes542h25zxh3vqs5l0fax',
        'and re-encrypt the shared secrets for her',
      ],
    ]);
  },
};

const remove: CommandModule = {
  configure(command, run) {
    command.argument('<name>', 'a recipient').action(
      run(async (context, [name = '']) => {
        const { collection, recipients } = await recipientsOf(context);
        const key = ownMember(recipients, name);
        if (key === undefined)
          throw new Problem('usage', {
            what: `there is no recipient ${name}`,
            remedy: nearestHint(name, Object.keys(recipients)),
          });
        const { [name]: _, ...others } = recipients;
        const known = sharedEnvironments(collection.root).flatMap((environment) =>
          linesOf(collection.root, environment).lines.flatMap((line) =>
            line.recipients.includes(fingerprint(key)) ? `${line.name} of ${environment}` : [],
          ),
        );
        return changed(
          context,
          others,
          async () => {
            await rewriteKey(
              collection.root,
              manifestName,
              Object.keys(others).length === 0 ? ['recipients'] : ['recipients', name],
              undefined,
            );
            return `removed ${name} from the recipients in ${manifestName}`;
          },
          [
            ...known.map((one) => `${name} still knows ${one}: replace it at the vendor, then share the new value`),
            ...(Object.keys(others).length === 0 && known.length > 0
              ? [`no recipient is left, so the files still hold these secrets encrypted for ${name}`]
              : []),
          ],
        );
      }),
    );
    examples(command, [['secret recipients remove ines', 'lists the secrets that the vendor has to replace']]);
  },
};

/** Writes the manifest first: a colleague can re-encrypt what cannot be decrypted here. */
async function changed(
  context: Context,
  recipients: Recipients,
  write: () => Promise<string>,
  more: readonly string[] = [],
): Promise<number> {
  const { terminal, home } = context;
  const { root } = await context.collection();
  const said = await write();
  const renewed =
    Object.keys(recipients).length === 0
      ? { renewed: [], left: [] }
      : await renewShared(root, recipients, {
          home,
          processEnvironment: process.env,
          passPhrase: passPhraseAt(terminal),
        });
  if (terminal.json)
    emit(terminal, 'secret recipients', {
      recipients: Object.entries(recipients).map(([name, key]) => ({ name, key })),
      ...renewedDocument(renewed),
    });
  else {
    terminal.print(said);
    if (renewed.renewed.length > 0) for (const line of renewedLines(renewed, recipients)) terminal.print(line);
  }
  for (const line of [...leftLines(renewed), ...more]) terminal.complain(`${terminal.err.yellow('warning')}  ${line}`);
  return 0;
}

const list: CommandModule = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal, home } = context;
        const { recipients } = await recipientsOf(context);
        const all = Object.entries(recipients);
        if (terminal.json)
          return emit(terminal, 'secret recipients', {
            recipients: all.map(([name, key]) => ({ name, key })),
            renewed: [],
            left: [],
          });
        if (all.length === 0) {
          terminal.note('no recipients: echo-trail secret recipients add NAME KEY');
          return 0;
        }
        const own = await ownPublicKey({ home, processEnvironment: process.env }).catch(() => undefined);
        terminal.print(
          table(
            all.map(([name, key]) => [terminal.out.bold(name), key, key === own ? 'you' : '']),
            terminal,
          ),
        );
        return 0;
      }),
    );
    examples(command, [['secret recipients list', 'names and public keys']]);
  },
};

export const recipients: CommandModule = {
  configure(command, run) {
    add.configure(command.command('add').description('add a recipient and re-encrypt the shared secrets'), run);
    remove.configure(
      command.command('remove').description('remove a recipient and re-encrypt the shared secrets'),
      run,
    );
    list.configure(command.command('list').description('list the recipients'), run);
  },
};
