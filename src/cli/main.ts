/** The entry point. What needs no library is answered before one is loaded. */
import { setFlagsFromString } from 'node:v8';
import { version } from './version.js';

/** The help screen of the program, rendered by the program itself when it is built. */
declare const ECHO_TRAIL_HELP: string;

const args = process.argv.slice(2);
const only = args.length === 1 ? args[0] : undefined;

if (only === '--version' || only === '-V') process.stdout.write(`echo-trail ${version}\n`);
else if (args.length === 0 || only === '--help' || only === '-h') process.stdout.write(ECHO_TRAIL_HELP);
else {
  // One request: what passes through it dies young, and the engine would otherwise let 20 MB more of it pile up.
  if (args.includes('send')) setFlagsFromString('--semi-space-growth-factor=1');
  // A walk does the same thousands of times and is over in seconds: the engine compiles sooner what it does often.
  else if (args.includes('run')) setFlagsFromString('--interrupt-budget=8000');
  import('./program.js').then(({ runProgram }) => runProgram(process.argv));
}
