/** `env`: where requests go. */
import type { CommandModule } from '../../command.js';
import { clear } from './clear.js';
import { list } from './list.js';
import { make } from './make.js';
import { show } from './show.js';
import { use } from './use.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    list.configure(command.command('list').description('list the environments'), run);
    use.configure(
      command.command('use').description('choose the environment that is used where --env is not given'),
      run,
    );
    make.configure(
      command.command('make').description('make a new environment, from the servers of the documentation'),
      run,
    );
    show.configure(command.command('show').description('show every name, its value and where it comes from'), run);
    clear.configure(command.command('clear').description('delete the values that send has saved'), run);
  },
};
