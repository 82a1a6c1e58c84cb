/** `secret list`: names only. */
import { resolve } from 'node:path';
import { waysText } from '../../../core/exchange/hosts/ways-out.js';
import { secretVariable } from '../../../core/expression/compile.js';
import { secretStore } from '../../../core/session/secrets.js';
import { fingerprint } from '../../../core/session/shared-secrets/recipients.js';
import { linesOf, sharedEnvironments } from '../../../core/session/shared-secrets/shared-secrets.js';
import { readUserSettings } from '../../../core/session/user-settings.js';
import { secretsUsed } from '../../../core/usage/secrets-used.js';
import { ownMember } from '../../../core/value/own-member.js';
import { type CommandModule, examples } from '../../command.js';
import type { Documents } from '../../documents/documents.js';
import { emit } from '../../documents/emit.js';
import { waysDocument } from '../../view/preview.js';
import { printableLine } from '../../view/printable.js';
import { table } from '../../view/table.js';

export const list: CommandModule = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal, home } = context;
        const collection = await context.collection();
        const store = secretStore(collection.local, home, process.env);
        const secrets = await store.list();
        const commands = (readUserSettings(home).secrets ?? []).filter(
          (one) => resolve(one.collection) === collection.root,
        );
        const known = new Map(
          Object.entries(collection.manifest.content.recipients ?? {}).map(([who, key]) => [fingerprint(key), who]),
        );
        /** Nothing is opened for a list. */
        const sharedOnes = sharedEnvironments(collection.root).flatMap((environment) =>
          [...linesOf(collection.root, environment).lines]
            .sort((a, b) => a.name.localeCompare(b.name))
            .map(({ name, recipients }) => ({
              name,
              environment,
              recipients: recipients.map((one) => known.get(one) ?? `unknown ${one}`).sort(),
            })),
        );
        /** No command is run for a list. */
        const sourceOf = (name: string, stored: boolean): Documents['secret list']['used'][number]['from'] => {
          if (ownMember(process.env, secretVariable(name)) !== undefined) return 'process environment';
          if (stored) return 'store';
          if (sharedOnes.some((one) => one.name === name)) return 'shared';
          return commands.some(({ names }) => names === undefined || names.includes(name)) ? 'command' : 'missing';
        };
        const used = [...secretsUsed(collection)].map(([name, files]) => ({
          name,
          files: [...files],
          from: sourceOf(
            name,
            secrets.some((one) => one.name === name),
          ),
        }));
        if (terminal.json)
          return emit(terminal, 'secret list', {
            secrets: secrets.map(({ name, environment, ways }) => ({
              name,
              environment: environment ?? null,
              ways: Object.entries(ways).map(([one, own]) => ({ environment: one, ...waysDocument(own) })),
            })),
            shared: sharedOnes,
            used,
          });
        if (secrets.length === 0) terminal.note('no secrets are stored: echo-trail secret set NAME');
        else
          terminal.print(
            table(
              secrets.map(({ name, environment, ways }) => [
                terminal.out.bold(name),
                environment ?? 'all environments',
                printableLine(
                  Object.entries(ways)
                    .map(([one, own]) => `${one} ${waysText(own)}`)
                    .join('; '),
                ),
              ]),
              terminal,
              { flexible: [2] },
            ),
          );
        if (sharedOnes.length > 0) {
          const { out } = terminal;
          terminal.print(`\n${out.bold('shared')}`);
          terminal.print(
            table(
              sharedOnes.map(({ name, environment, recipients }) => [
                out.bold(name),
                environment,
                recipients.join(', '),
              ]),
              terminal,
              { indent: 2, flexible: [2] },
            ),
          );
        }
        if (used.length > 0) {
          const { out } = terminal;
          terminal.print(`\n${out.bold('used by the collection')}`);
          terminal.print(
            table(
              used.map(({ name, files, from }) => [
                out.bold(name),
                from === 'missing'
                  ? out.yellow('missing')
                  : from === 'store'
                    ? out.green('stored')
                    : from === 'shared'
                      ? out.green('shared')
                      : from,
                `${files.slice(0, 3).join(', ')}${files.length > 3 ? ` and ${files.length - 3} more` : ''}`,
              ]),
              terminal,
              { indent: 2, flexible: [2] },
            ),
          );
          const missing = used.filter(({ from }) => from === 'missing').map(({ name }) => name);
          if (missing.length > 0)
            terminal.note(`to set: ${missing.map((name) => `echo-trail secret set ${name}`).join('; ')}`);
        }
        return 0;
      }),
    );
    examples(command, [['secret list', 'what is stored, and what the collection needs; names, never values']]);
  },
};
