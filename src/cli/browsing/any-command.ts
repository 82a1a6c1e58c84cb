/** A command of the program, typed while browsing. */
import { input } from '@inquirer/prompts';
import { shellCommands, wordText } from '../../core/documentation/reading/shell-words.js';
import type { Started } from './subject.js';

/** Commands that need the whole screen, or go on for ever. */
const apart = /^(?:docs browse|echo browse|demo)\b/;

/** @param likely what is there already */
export async function askCommand(likely: string): Promise<Started> {
  try {
    const typed = await input(
      { message: 'echo-trail', ...(likely !== '' && { default: likely, prefill: 'editable' }) },
      { output: process.stderr },
    );
    const words = (shellCommands(typed)[0]?.words ?? []).map(({ pieces }) => wordText(pieces));
    if (words[0] === 'echo-trail') words.shift();
    if (words.length === 0) return { say: 'nothing was typed' };
    if (apart.test(words.join(' '))) return { say: `${words.join(' ')} needs a screen of its own` };
    return { command: words };
  } catch (error) {
    if (error instanceof Error && error.name === 'ExitPromptError') return { say: '' };
    throw error;
  }
}
