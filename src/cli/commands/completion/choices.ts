/** `completion choices`: what a shell asks for while somebody types. */

import { shellCommands, wordText } from '../../../core/documentation/reading/shell-words.js';
import { type CommandModule, examples } from '../../command.js';
import { candidates } from '../../completing/candidates.js';
import { emit } from '../../documents/emit.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('[words...]', 'the words typed after echo-trail, the last one possibly incomplete; -- before them')
      .option('--line <text>', 'the whole line in place of the words, up to the cursor')
      .action(
        run(async ({ terminal }, words, { line }) => {
          const found = await candidates(line === undefined ? words : wordsOf(line as string));
          const all = found === 'files' ? [] : found.map(({ text, about }) => ({ text, about: about ?? null }));
          if (terminal.json) return emit(terminal, 'completion choices', { files: found === 'files', choices: all });
          if (found === 'files') terminal.print('@files');
          else if (all.length > 0)
            terminal.print(
              all
                .map(({ text, about }) =>
                  about === null || about === '' ? text : `${text}\t${about.replace(/\s+/g, ' ')}`,
                )
                .join('\n'),
            );
          return 0;
        }),
      );
    examples(command, [['completion choices -- send ca', 'the possible values: requests that begin so']]);
  },
};

/** Of the last command of a line, behind its name. */
function wordsOf(line: string): string[] {
  const last = shellCommands(line).at(-1);
  const words = last?.words.map(({ pieces }) => wordText(pieces)) ?? [];
  const behind = words.slice(words.findIndex((word) => /(?:^|\/)echo-trail$/.test(word)) + 1);
  return /\s$/.test(line) ? [...behind, ''] : behind;
}
