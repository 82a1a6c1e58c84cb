/** The question before a call that changes something. */
import { confirm } from '@inquirer/prompts';
import type { ChangeFacts } from '../../core/trail/workspace.js';

export function confirmChange({ environment, host, method, url }: ChangeFacts): Promise<boolean> {
  return confirm(
    {
      message: `environment ${environment}, host ${host}: ${method} ${url} changes something. Send it?`,
      default: false,
    },
    { output: process.stderr },
  );
}
