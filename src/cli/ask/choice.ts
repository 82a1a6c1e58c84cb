/** Asking for one of several. */
import { search, select } from '@inquirer/prompts';

export function askChoice<T>(message: string, choices: readonly { name: string; value: T }[]): Promise<T> {
  return select({ message, choices: [...choices] }, { output: process.stderr });
}

/** One of a list that may be long: what is typed narrows it. @returns its index */
export function askLabel(name: string, labels: readonly string[]): Promise<number> {
  const choices = labels.map((label, value) => ({ name: label, value }));
  return search(
    {
      message: `${name}:`,
      source: (typed = '') =>
        choices.filter((choice) => choice.name.toLowerCase().includes(typed.trim().toLowerCase())),
    },
    { output: process.stderr },
  );
}
