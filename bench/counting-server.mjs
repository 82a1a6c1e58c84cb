/** A server that counts how often each row is asked for; asked over its channel, it says how many rows came how often. */
import { createServer } from 'node:http';

let seen = new Uint8Array(1 << 16);
const server = createServer((request, response) => {
  const row = Number(request.url?.split('/').at(-1));
  if (row >= seen.length) {
    const more = new Uint8Array(Math.max(row + 1, seen.length * 2));
    more.set(seen);
    seen = more;
  }
  seen[row] += 1;
  response.writeHead(200, { 'content-type': 'application/json', 'content-length': 2 }).end('{}');
});
server.keepAliveTimeout = 60_000;
server.listen(0, '127.0.0.1', () => process.send?.(server.address().port));
process.on('message', () => {
  const times = {};
  let rows = 0;
  for (const count of seen)
    if (count > 0) {
      rows += 1;
      times[count] = (times[count] ?? 0) + 1;
    }
  process.send?.({ rows, times });
});
process.on('disconnect', () => process.exit(0));
