/** `secret`: values that are never printed or shared. */
import type { CommandModule } from '../../command.js';
import { allow } from './allow.js';
import { key } from './key.js';
import { list } from './list.js';
import { recipients } from './recipients.js';
import { remove } from './remove.js';
import { set } from './set.js';
import { share } from './share.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    set.configure(
      command.command('set').description('store a secret: from a hidden prompt, or from standard input'),
      run,
    );
    allow.configure(
      command.command('allow').description('let a stored secret go the ways that an environment has now'),
      run,
    );
    list.configure(command.command('list').description('list the names of the stored secrets'), run);
    share.configure(
      command.command('share').description('encrypt a secret for the recipients, under version control'),
      run,
    );
    recipients.configure(command.command('recipients').description('the people and machines that share secrets'), run);
    key.configure(command.command('key').description('your identity, which decrypts shared secrets'), run);
    remove.configure(command.command('remove').description('remove a stored or a shared secret'), run);
  },
};
