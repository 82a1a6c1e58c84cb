/** The floor of an upload: bare undici with a file as its body. */
import { createReadStream, statSync } from 'node:fs';
import { request } from 'undici';

const [url, file] = process.argv.slice(2);
const { body } = await request(url, {
  method: 'POST',
  headers: { 'content-length': String(statSync(file).size) },
  body: createReadStream(file, { highWaterMark: 1 << 18 }),
});
await body.text();
process.exit(0);
