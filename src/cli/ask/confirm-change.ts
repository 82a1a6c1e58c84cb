/** The question before a call that changes something. */
import { confirm } from '@inquirer/prompts';
import type { ChangeFacts } from '../../core/sending/workspace.js';

export function confirmChange({ environment, host, method, url, calls, rows }: ChangeFacts): Promise<boolean> {
  const each = rows ? ' for each row' : '';
  const count = calls > 1 || rows ? `, the first of ${calls} changing call${calls === 1 ? '' : 's'}${each}` : '';
  return confirm(
    {
      message: `environment ${environment}, host ${host}: ${method} ${url} changes something${count}. Send ${count === '' ? 'it' : 'them'}?`,
      default: false,
    },
    { output: process.stderr },
  );
}
