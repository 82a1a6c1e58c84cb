/** The server that both sides are measured against: one small JSON response, as fast as Node gives it. */
import { createServer } from 'node:http';

const piece = Buffer.alloc(1 << 18, 'tide ');

/** So many bytes, as fast as the other side takes them. */
function pour(response, size) {
  response.writeHead(200, { 'content-type': 'application/octet-stream', 'content-length': size });
  let left = size;
  const more = () => {
    while (left > 0) {
      const part = left < piece.length ? piece.subarray(0, left) : piece;
      left -= part.length;
      if (!response.write(part)) return;
    }
    response.end();
  };
  response.on('drain', more);
  more();
}

let rows;

/** A hundred thousand rows, made once. */
function table(response) {
  rows ??= Buffer.from(
    JSON.stringify({
      items: Array.from({ length: 100_000 }, (_, index) => ({
        imo: String(9000000 + index),
        name: `Vessel ${index}`,
        berth: { code: `N${index % 9}`, quay: 'north' },
        lengthM: 60 + (index % 200),
        free: index % 2 === 0,
      })),
    }),
  );
  response.writeHead(200, { 'content-type': 'application/json', 'content-length': rows.length });
  response.end(rows);
}

const server = createServer((request, response) => {
  const [, size] = /^\/pour\/(\d+)$/.exec(request.url ?? '') ?? [];
  if (size !== undefined) return pour(response, Number(size));
  if (request.url === '/table') return table(response);
  if (request.method === 'POST') {
    request.resume().on('end', () => response.writeHead(201, { 'content-type': 'application/json' }).end('{}'));
    return;
  }
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
