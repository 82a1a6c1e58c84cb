/** `echo`: recorded exchanges. */
import type { CommandModule } from '../../command.js';
import { list } from './list.js';
import { show } from './show.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    list.configure(command.command('list').description('list recorded exchanges, the newest first'), run);
    show.configure(command.command('show').description('show what was sent and what came back'), run);
  },
};
