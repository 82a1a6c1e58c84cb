/** `rehearse record`: the exchanges of a run in a file of the collection, which rehearsals of everybody respond from. */
import { Problem } from '../../../core/problem/problem.js';
import { sharedEchoes } from '../../../core/rehearsal/recorded.js';
import { sharedSet } from '../../../core/rehearsal/shared-set.js';
import { writeAtomically } from '../../../core/storage/atomic-write.js';
import { placeInside } from '../../../core/storage/inside.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';

export const record: CommandModule = {
  configure(command, run) {
    command
      .argument('[run]', 'a run, by the first part of the ids of its echoes; last for the last one', 'last')
      .requiredOption('-t, --to <file>', `a file of the collection: ${sharedEchoes}/NAME.jsonl`)
      .action(
        run(async ({ terminal, collection }, args, options) => {
          const { root, local } = await collection();
          const to = String(options.to);
          if (!new RegExp(`^${sharedEchoes}/[^/]+\\.jsonl$`).test(to))
            throw new Problem('usage', {
              what: `--to is ${to}`,
              cause: `rehearsals read ${sharedEchoes}/*.jsonl of the collection`,
              remedy: `--to ${sharedEchoes}/NAME.jsonl`,
            });
          const { lines, run: name, leftOut } = await sharedSet(local, args[0] ?? 'last');
          await writeAtomically(placeInside(root, to), lines.map((line) => `${line}\n`).join(''));
          if (terminal.json)
            emit(terminal, 'rehearse record', { file: to, run: name, exchanges: lines.length, leftOut });
          else {
            terminal.print(
              `wrote ${to}: ${lines.length} ${lines.length === 1 ? 'exchange' : 'exchanges'} of run ${name}`,
            );
            if (leftOut > 0)
              terminal.note(`left out ${leftOut}: no response, or one of which only the beginning was recorded`);
            terminal.note('known secrets and credentials are left out; look at the rest before you share it');
          }
          return 0;
        }),
      );
    examples(command, [
      ['run berth-stay', 'against the vendor'],
      ['rehearse record last --to rehearsal/stay.jsonl', 'what it responded'],
    ]);
  },
};
