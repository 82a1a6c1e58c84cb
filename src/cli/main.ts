/** The entry point. What needs no library is answered before one is loaded. */
import { loadPart } from './launch/parts.js';
import { version } from './version.js';

/** Of the program, told by the program itself when it is built: its help screen, the names of its commands, what it is built of. */
declare const ECHO_TRAIL_HELP: string;
declare const ECHO_TRAIL_COMMANDS: readonly string[];
declare const ECHO_TRAIL_BUILD: string;

/** Commands that wait for a response of a server. */
const sending = new Set([
  'send',
  'follow',
  'run',
  'compare',
  'session',
  'echo',
  'docs add',
  'docs refresh',
  'docs ask',
]);

/**
 * The reader of HTTP is WebAssembly. After a first response the engine would compile it once more in the background, better,
 * and the program could not end before: of a single request that is a third. A longer walk still gets there.
 */
const oneResponse = '--wasm-tiering-budget=20000000';

/**
 * The heap of these commands outgrows its first limit, at which the engine starts to mark garbage beside the work. A short command
 * ends before that is of any use, and spends up to a fifth of its CPU time on it.
 */
const large = new Set([...sending, 'preview', 'check']);
/** Milliseconds after which a command no longer counts as short. */
const short = 1500;

const args = process.argv.slice(2);
const only = args.length === 1 ? args[0] : undefined;

if (only === '--version' || only === '-V') process.stdout.write(`echo-trail ${version}\n`);
else if (args.length === 0 || only === '--help' || only === '-h') process.stdout.write(ECHO_TRAIL_HELP);
else {
  tuned().then(() => {
    const parts = { folder: __dirname, build: ECHO_TRAIL_BUILD, command: wanted() };
    return (loadPart('program.cjs', parts) as typeof import('./program.js')).runProgram(process.argv);
  });
}

/** The command's name as near as it can be told before arguments are parsed. */
function wanted(): string {
  const names = args.flatMap((word, index) => [`${word} ${args[index + 1]}`, word]);
  return names.find((name) => ECHO_TRAIL_COMMANDS.includes(name)) ?? 'none';
}

/** Sets the engine up for what is to come. */
async function tuned(): Promise<void> {
  const command = wanted();
  // An engine that does not know a setting says so aloud: these are the ones that it was tried with.
  const engine = Number.parseInt(process.versions.v8, 10);
  if (!large.has(command) || engine < 11 || engine > 13) return;
  const flags = ['--no-incremental-marking'];
  if (sending.has(command)) flags.push(oneResponse);
  // What passes through one request dies young, and the engine would otherwise let 20 MB more of it pile up.
  if (command === 'send') flags.push('--semi-space-growth-factor=1');
  // A walk does the same thousands of times and is over in seconds: compiled sooner, it is over sooner.
  if (command === 'run' && engine === 11) flags.push('--interrupt-budget=8000');
  const { setFlagsFromString } = await import('node:v8');
  for (const flag of flags) setFlagsFromString(flag);
  setTimeout(() => setFlagsFromString('--incremental-marking'), short).unref();
}
