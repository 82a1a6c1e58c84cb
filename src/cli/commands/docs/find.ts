/** `docs find`: operations by words. */
import { openSourceLists } from '../../../core/collection/sources/source-index.js';
import { findOperations } from '../../../core/documentation/explore/search.js';
import type { SourceLists } from '../../../core/documentation/index/index-file.js';
import { Problem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { wholeNumber } from '../../options/whole-number.js';
import { proseLine } from '../../view/printable.js';
import { table } from '../../view/table.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<words...>', 'words from names, paths, descriptions or fields')
      .option('--limit <number>', 'show at most this many', '12')
      .action(
        run(async (context, words, options) => {
          const { terminal } = context;
          const limit = wholeNumber(options.limit, '--limit', { least: 1 });
          const shelf = await context.shelf();
          const sources = new Map<string, SourceLists>();
          for (const name of Object.keys(shelf.docs)) sources.set(name, await openSourceLists(shelf, name));
          const { matches: shown, total, complete, read } = findOperations(sources, words, limit);
          if (terminal.json) {
            return emit(terminal, 'docs find', {
              words: [...words],
              complete,
              read: Object.fromEntries(read),
              operations: shown.map(({ source, id, method, path, summary, score, in: where }) => ({
                operation: `${source}/${id}`,
                method,
                path,
                summary: summary === '' ? null : summary,
                score: Math.round(score * 10) / 10,
                in: [...where],
              })),
            });
          }
          if (shown.length === 0) {
            throw new Problem('operation-not-found', {
              what: `nothing documented has any of: ${words.join(' ')}`,
              remedy: 'echo-trail docs list shows what there is',
            });
          }
          const { out } = terminal;
          for (const [word, other] of read)
            terminal.note(`${word} stands nowhere; ${other} was looked for in its place`);
          if (!complete) terminal.note('no operation has all of these words; these have some');
          terminal.print(
            table(
              shown.map(({ source, id, method, path, summary, deprecated, in: where }) => [
                out.bold(`${source}/${id}`),
                `${out.cyan(method)} ${path}`,
                `${proseLine(summary)}${deprecated ? out.yellow(' (deprecated)') : ''}`,
                out.dim(`found in ${where.join(', ')}`),
              ]),
              terminal,
              { flexible: [2, 3] },
            ),
          );
          if (total > shown.length) terminal.note(`and ${total - shown.length} more: --limit ${total}`);
          terminal.note(`next: echo-trail docs show ${shown[0]?.source}/${shown[0]?.id}`);
          return 0;
        }),
      );
    examples(command, [
      ['docs find book a call', 'best first, with where the words were found'],
      ['docs find berth --limit 3', 'only the best three'],
    ]);
  },
};
