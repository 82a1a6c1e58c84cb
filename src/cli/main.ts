/** The entry point. What needs no library is answered before one is loaded. */
import { version } from './version.js';

const [first, ...rest] = process.argv.slice(2);

if ((first === '--version' || first === '-V') && rest.length === 0) process.stdout.write(`echo-trail ${version}\n`);
else import('./program.js').then(({ runProgram }) => runProgram(process.argv));
