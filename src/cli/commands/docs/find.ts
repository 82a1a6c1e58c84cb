/** `docs find`: operations by words. */
import { allOperations } from '../../../core/collection/sources.js';
import { findOperations } from '../../../core/documentation/search.js';
import { Problem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../emit.js';
import { table } from '../../view/table.js';

export const find: CommandModule = {
  configure(command, run) {
    command
      .argument('<words...>', 'words from names, paths, descriptions or fields')
      .option('--most <number>', 'show at most so many', '12')
      .action(
        run(async (context, words, { most }) => {
          const { terminal } = context;
          if (!/^[1-9]\d*$/.test(most as string))
            throw new Problem('usage', { what: `--most takes a whole number, not ${most}` });
          const { matches, complete } = findOperations(allOperations(await context.collection()), words);
          const shown = matches.slice(0, Number(most));
          if (terminal.json) {
            return emit(terminal, 'docs find', {
              words: [...words],
              complete,
              operations: shown.map(({ operation: { source, id, method, path, summary }, score, in: where }) => ({
                operation: `${source}/${id}`,
                method,
                path,
                summary: summary ?? null,
                score: Math.round(score * 10) / 10,
                in: [...where],
              })),
            });
          }
          if (matches.length === 0) {
            throw new Problem('operation-not-found', {
              what: `nothing documented has any of: ${words.join(' ')}`,
              remedy: 'echo-trail docs list shows what there is',
            });
          }
          const { out } = terminal;
          if (!complete) terminal.note('no operation has all of these words; these have some');
          terminal.print(
            table(
              shown.map(({ operation: { source, id, method, path, summary, deprecated }, in: where }) => [
                out.bold(`${source}/${id}`),
                `${out.cyan(method)} ${path}`,
                `${summary ?? ''}${deprecated ? out.yellow(' (deprecated)') : ''}`,
                out.dim(`found in ${where.join(', ')}`),
              ]),
              terminal,
              { flexible: [2, 3] },
            ),
          );
          if (matches.length > shown.length)
            terminal.note(`and ${matches.length - shown.length} more: --most ${matches.length}`);
          terminal.note(`next: echo-trail docs show ${shown[0]?.operation.source}/${shown[0]?.operation.id}`);
          return 0;
        }),
      );
    examples(command, [
      ['docs find book a call', 'best first, with where the words were found'],
      ['docs find berth --most 3', 'only the best three'],
    ]);
  },
};
