/** Asking for one of several. */
import { select } from '@inquirer/prompts';

export function askChoice<T>(message: string, choices: readonly { name: string; value: T }[]): Promise<T> {
  return select({ message, choices: [...choices] }, { output: process.stderr });
}
