/** `export collection`: everything that is shared, as one file. */
import { relative, resolve, sep } from 'node:path';
import { knownSecret } from '../../../core/echo/known-secrets.js';
import { type ArchiveForm, packCollection } from '../../../core/interchange/archive/pack.js';
import { Problem } from '../../../core/problem/problem.js';
import { secretStore } from '../../../core/session/secrets.js';
import { sizeText } from '../../../core/value/measures.js';
import { type CommandModule, examples } from '../../command.js';
import { handOut } from '../../exporting/hand-out.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command.argument('<file>', 'a .tar.gz or .zip file; - for a .tar.gz on standard output').action(
      run(async (context, [file = '']) => {
        const { terminal, home } = context;
        const form = formOf(file);
        if (file === '-' && terminal.json) {
          throw new Problem('usage', {
            what: '--json cannot print an archive',
            remedy: 'name a file, or leave --json out',
          });
        }
        const { root, local } = await context.collection();
        const values = await secretStore(local, home, process.env).values();
        const secrets = values.map(({ name, value }) => knownSecret(name, value));
        const inside = relative(root, resolve(file)).split(sep).join('/');
        const { bytes, files, left } = await packCollection(root, form, secrets, inside);
        const status = await handOut(context, { kind: 'collection', content: bytes, left }, file);
        terminal.note(`${files.length} files, ${sizeText(bytes.length)}; no secret and no local state is in it`);
        return status;
      }),
    );
    examples(command, [['export collection harbour-agent.tar.gz', 'for a colleague without version control']]);
  },
};

function formOf(file: string): ArchiveForm {
  if (file === '-' || /\.(?:tar\.gz|tgz)$/i.test(file)) return 'tar.gz';
  if (/\.zip$/i.test(file)) return 'zip';
  throw new Problem('usage', {
    what: `${file}: unknown archive format`,
    remedy: 'the endings are .tar.gz and .zip',
  });
}
