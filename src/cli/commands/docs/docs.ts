/** `docs`: what the vendor documents. */
import type { CommandModule } from '../../command.js';
import { add } from './add.js';
import { find } from './find.js';
import { list } from './list.js';
import { show } from './show.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    add.configure(
      command.command('add').description('read a documentation file and keep a snapshot in the collection'),
      run,
    );
    list.configure(command.command('list').description('list the documentation sources'), run);
    find.configure(command.command('find').description('find operations by words, the best first'), run);
    show.configure(command.command('show').description('show one operation in full'), run);
  },
};
