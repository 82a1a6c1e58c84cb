/** The server that both sides are measured against: one small JSON answer, as fast as Node gives it. */
import { createServer } from 'node:http';

const server = createServer((request, response) => {
  const imo = request.url?.split('/').at(-1) ?? '';
  const body = JSON.stringify({
    imo,
    name: 'Amber Tern',
    flag: 'Larkhaven',
    kind: 'coaster',
    lengthM: 82,
    draftM: 4.1,
  });
  response.writeHead(200, { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) });
  response.end(body);
});
server.keepAliveTimeout = 60_000;
server.listen(0, '127.0.0.1', () => process.send?.(server.address().port));
process.on('disconnect', () => process.exit(0));
