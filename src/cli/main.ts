/** The entry point. What needs no library is answered before one is loaded. */
import { version } from './version.js';

/** The help screen of the program, rendered by the program itself when it is built. */
declare const ECHO_TRAIL_HELP: string;

const args = process.argv.slice(2);
const only = args.length === 1 ? args[0] : undefined;

if (only === '--version' || only === '-V') process.stdout.write(`echo-trail ${version}\n`);
else if (args.length === 0 || only === '--help' || only === '-h') process.stdout.write(ECHO_TRAIL_HELP);
else {
  tuned().then(async () => (await import('./program.js')).runProgram(process.argv));
}

/** Sets the engine up for what is to come. */
async function tuned(): Promise<void> {
  const flag = args.includes('send')
    ? // One request: what passes through it dies young, and the engine would otherwise let 20 MB more of it pile up.
      '--semi-space-growth-factor=1'
    : args.includes('run')
      ? // A walk does the same thousands of times and is over in seconds: compiled sooner, it is over sooner.
        '--interrupt-budget=8000'
      : undefined;
  // The module takes a while to load, and few commands have a use for it.
  if (flag !== undefined) (await import('node:v8')).setFlagsFromString(flag);
}
