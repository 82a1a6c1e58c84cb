/**
 * A server that refuses three in ten and drops one in a hundred, the same ones in every run, and counts what it has done:
 * each changing call by its key. Asked for /counts it says how many were done, how many twice, how many were not.
 */
import { createServer } from 'node:http';

let state = 1;
const random = () => {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
  return state / 2 ** 32;
};
const done = new Map();
const keys = new Set();

const server = createServer((request, response) => {
  const subject = request.url?.split('/').at(-1) ?? '';
  if (subject === 'counts') {
    const twice = [...done.values()].filter((count) => count > 1).length;
    response.writeHead(200, { 'content-type': 'application/json' }).end(JSON.stringify({ done: done.size, twice }));
    done.clear();
    keys.clear();
    return;
  }
  request.resume().on('end', () => {
    const luck = random();
    const refuse = luck < 0.3;
    const drop = luck >= 0.3 && luck < 0.31;
    // What is dropped may have been done already.
    if (!refuse && (!drop || random() < 0.5)) {
      const key = request.headers['idempotency-key'];
      if (request.method === 'GET') done.set(subject, 1);
      else if (!keys.has(key)) {
        keys.add(key);
        done.set(subject, (done.get(subject) ?? 0) + 1);
      }
    }
    if (drop) request.socket.destroy();
    else if (refuse) response.writeHead(luck < 0.15 ? 429 : 503, { 'content-length': 2 }).end('{}');
    else response.writeHead(200, { 'content-type': 'application/json', 'content-length': 2 }).end('{}');
  });
});
server.keepAliveTimeout = 60_000;
server.listen(0, '127.0.0.1', () => process.send?.(server.address().port));
process.on('disconnect', () => process.exit(0));
