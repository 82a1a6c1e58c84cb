/** A plain question; whoever only presses Enter says no. */
import { confirm } from '@inquirer/prompts';

export const confirmed = (message: string): Promise<boolean> =>
  confirm({ message, default: false }, { output: process.stderr });
