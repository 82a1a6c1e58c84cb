/** `init`: a new collection folder. */
import { relative } from 'node:path';
import { initCollection } from '../../core/collection/init.js';
import { absoluteUrl } from '../../core/exchange/address/address.js';
import { type CommandModule, examples } from '../command.js';
import { installEditorSchemas } from '../documents/editor-schemas.js';
import { emit } from '../documents/emit.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('[folder]', 'the folder of the new collection', '.')
      .option('--origin <url>', "the vendor's address for the first environment", 'http://127.0.0.1:4810')
      .action(
        run(async ({ terminal }, [folder = '.'], { origin }) => {
          const { origin: address } = absoluteUrl(origin as string);
          const files = await initCollection({ folder, origin: address });
          await installEditorSchemas(folder);
          if (terminal.json) return emit(terminal, 'init', { folder, files: [...files] });
          terminal.print(`made a collection in ${relative(process.cwd(), folder) || '.'}`);
          for (const file of files) terminal.print(`  ${file}`);
          terminal.note(`next: ${folder === '.' ? '' : `cd ${folder} && `}echo-trail docs add FILE|URL`);
          return 0;
        }),
      );
    examples(command, [
      ['init harbour-agent', 'a collection in a new folder'],
      ['init --origin https://api.larkhaven.example', 'in this folder, for that vendor'],
    ]);
  },
};
