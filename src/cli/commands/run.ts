/** `run`: trails and requests, walked. */
import { type CommandModule, examples } from '../command.js';
import { undoEarlier, walkEarlier } from '../walking/earlier.js';
import { runOptions, runWishes } from '../walking/options.js';
import { walkNames } from '../walking/walk-names.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command.argument('[names...]', 'trails, requests, or folders of them, walked one after the other');
    runOptions(command).action(
      run(async (context, names, options) => {
        const wishes = runWishes(options, names);
        if (wishes.undo !== undefined) return undoEarlier(context, wishes.undo, wishes);
        const earlier = wishes.resume ?? wishes.failedOf;
        if (earlier !== undefined) return walkEarlier(context, earlier, wishes);
        return walkNames(context, names, wishes);
      }),
    );
    examples(command, [
      ['run berth-stay', 'a trail of the collection'],
      ['run berth-stay --set imo=9000031 --json', 'for another vessel, a line of JSON an event'],
      ['run vessels/show berths/free', 'two requests, with their expectations'],
      ['run lights-audit --env fleet --matrix', 'many hosts by what is checked, and every deviation'],
      ['run --resume last', 'go on with the last run, where it was interrupted or killed'],
    ]);
  },
};
