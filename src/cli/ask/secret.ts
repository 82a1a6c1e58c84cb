/** Asking for a secret: nothing of it is shown. */
import { password } from '@inquirer/prompts';

export function askSecret(name: string): Promise<string> {
  return password({ message: `value of ${name} (nothing is shown):`, mask: false }, { output: process.stderr });
}

export const askPassPhrase = (): Promise<string> =>
  password({ message: 'pass phrase of your identity (nothing is shown):', mask: false }, { output: process.stderr });

/** Twice, since nobody sees it. @returns empty for none */
export async function askNewPassPhrase(): Promise<string> {
  const output = { output: process.stderr };
  for (;;) {
    const first = await password({ message: 'pass phrase, or Enter for none:', mask: false }, output);
    if (first === '' || first === (await password({ message: 'repeat the pass phrase:', mask: false }, output)))
      return first;
    process.stderr.write('the pass phrases differ\n');
  }
}
