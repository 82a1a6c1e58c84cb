/** `echo`: recorded exchanges. */
import type { CommandModule } from '../../command.js';
import { browse } from './browse.js';
import { list } from './list.js';
import { prune } from './prune.js';
import { resend } from './resend.js';
import { show } from './show.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    list.configure(command.command('list').description('list recorded exchanges, the newest first'), run);
    browse.configure(command.command('browse').description('go through them on the whole screen'), run);
    resend.configure(command.command('resend').description('send a recorded request once more'), run);
    prune.configure(command.command('prune').description('delete old records'), run);
    show.configure(command.command('show').description('show what was sent and what came back'), run);
  },
};
