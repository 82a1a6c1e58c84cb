/** Asking for a secret: nothing of it is shown. */
import { password } from '@inquirer/prompts';

export function askSecret(name: string): Promise<string> {
  return password({ message: `value of ${name} (nothing is shown):`, mask: false }, { output: process.stderr });
}
