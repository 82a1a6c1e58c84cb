/** `import collection`: a collection that somebody packed, in a folder of its own. */
import { existsSync, mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { sharedDotFile } from '../../../core/interchange/archive/pack.js';
import { unpackCollection } from '../../../core/interchange/archive/unpack.js';
import { writeNewFiles } from '../../../core/interchange/new-files.js';
import { asProblem } from '../../../core/problem/problem.js';
import { writeAtomically } from '../../../core/storage/atomic-write.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { inputBytes } from '../../options/input-text.js';
import { printableLine } from '../../view/printable.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<file>', 'a .tar.gz or .zip file, or - for standard input')
      .argument('[folder]', 'where to; else a folder named as the file is')
      .action(
        run(async ({ terminal }, [file = '', given]) => {
          const { bytes, name } = await inputBytes(file);
          const { files, left } = await unpackCollection(bytes, name);
          const folder = given ?? (file === '-' ? 'collection' : name.replace(/\.(?:tar\.gz|tgz|zip)$/i, ''));
          const root = resolve(folder);
          if (!existsSync(root)) mkdirSync(root, { recursive: true });
          const { written, unchanged } = await writeNewFiles(
            root,
            files.filter(({ file }) => file !== sharedDotFile),
          ).catch((error: unknown) => {
            const problem = asProblem(error);
            throw problem.code === 'file-exists' ? problem.orTry('name another folder behind the file') : error;
          });
          // What version control looks at: left as it is where there is one.
          const ignored = files.find(({ file }) => file === sharedDotFile);
          if (ignored && !existsSync(join(root, sharedDotFile)))
            await writeAtomically(join(root, sharedDotFile), ignored.text);
          if (terminal.json) {
            return emit(terminal, 'import collection', {
              folder: root,
              written: [...written],
              unchanged: [...unchanged],
              left: [...left],
            });
          }
          terminal.print(
            written.length === 0
              ? `nothing to write: ${folder} has all of it`
              : `wrote ${terminal.out.bold(folder)}  ${written.length} files`,
          );
          if (written.length > 0 && unchanged.length > 0)
            terminal.note(`${unchanged.length} were there already, with the same content`);
          for (const one of left) terminal.note(`${terminal.err.yellow('left out')}  ${printableLine(one)}`);
          terminal.note(
            `next: cd ${folder}, echo-trail check, and echo-trail secret list for the secrets that it needs`,
          );
          return 0;
        }),
      );
    examples(command, [['import collection harbour-agent.tar.gz', 'its files in ./harbour-agent']]);
  },
};
