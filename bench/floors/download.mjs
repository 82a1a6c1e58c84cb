/** The floor of `send --to`: bare undici into a file. */
import { createWriteStream } from 'node:fs';
import { stream } from 'undici';

const [url, file] = process.argv.slice(2);
await stream(url, { method: 'GET' }, () => createWriteStream(file));
process.exit(0);
