/** `import address`: a pasted address as a request file. */
import { existsSync } from 'node:fs';
import { join, relative } from 'node:path';
import { importAddress } from '../../../core/interchange/address.js';
import { Problem } from '../../../core/problem/problem.js';
import { writeAtomically } from '../../../core/storage/atomic-write.js';
import { placeInside } from '../../../core/storage/inside.js';
import { type CommandModule, examples } from '../../command.js';
import { editorSchemas, installEditorSchemas } from '../../documents/editor-schemas.js';
import { emit } from '../../documents/emit.js';
import { originOf } from '../../options/origin.js';
import { requestPath } from '../../options/request-path.js';
import { printableLine } from '../../view/printable.js';
import { table } from '../../view/table.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<url>', 'the address, as it was copied')
      .option('--as <path>', 'the request file; else made from the path')
      .action(
        run(async (context, [url = ''], { as }) => {
          const { terminal } = context;
          const collection = await context.collection();
          const imported = importAddress(url, await originOf(context));
          const target = requestPath((as as string | undefined) ?? nameFrom(imported.path));
          if (existsSync(join(collection.root, target.file))) {
            throw new Problem('file-exists', {
              what: `there is a request ${target.name} already`,
              where: { file: target.file },
              remedy: '--as PATH takes another name',
            });
          }
          const up = relative(join(collection.root, target.file, '..'), collection.root) || '.';
          await writeAtomically(
            placeInside(collection.root, target.file),
            `# yaml-language-server: $schema=${up}/${editorSchemas}/request.json\n${imported.text}`,
          );
          await installEditorSchemas(collection.root);
          if (terminal.json) {
            return emit(terminal, 'import address', {
              file: target.file,
              path: imported.path,
              query: imported.query.map(([name, value]) => ({ name, value })),
              joined: imported.joined,
            });
          }
          const { out } = terminal;
          terminal.print(`${out.bold(target.file)}  ${imported.path}`);
          if (imported.query.length > 0) {
            terminal.print(
              table(
                imported.query.map(([name, value]) => [out.cyan(printableLine(name)), printableLine(value)]),
                terminal,
                { indent: 2 },
              ),
            );
          }
          if (imported.differs) terminal.note(`it is sent as ${imported.joined}: the same, written as RFC 3986 has it`);
          terminal.note(`next: echo-trail preview ${target.name}`);
          return 0;
        }),
      );
    examples(command, [
      [
        "import address 'http://127.0.0.1:4810/v1/berths?free=true&quay=north' --as berths/north",
        'a pasted address, made a request file',
      ],
    ]);
  },
};

/** `v1/vessels/9000017` becomes `vessels/9000017`. */
function nameFrom(path: string): string {
  const parts = path
    .split('/')
    .map((part) =>
      part
        .toLowerCase()
        .replace(/%[0-9a-f]{2}|[^a-z0-9]+/g, '-')
        .replace(/^-+|-+$/g, ''),
    )
    .filter((part) => part !== '' && !/^v\d+$/.test(part));
  return parts.length === 0 ? 'imported' : parts.slice(-3).join('/');
}
