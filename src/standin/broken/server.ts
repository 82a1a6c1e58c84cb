/** A server that breaks in every way: plain sockets, since no HTTP library would let it. */
import { once } from 'node:events';
import { createServer, type Socket } from 'node:net';
import { gzipSync } from 'node:zlib';

export interface BrokenServer {
  readonly origin: string;
  close(): Promise<void>;
}

type Way = (socket: Socket) => void;

const head = (...lines: readonly string[]): string => `HTTP/1.1 200 OK\r\n${lines.join('\r\n')}\r\n\r\n`;

/** Each by its path. */
export const waysToBreak: Readonly<Record<string, { readonly about: string; readonly answer: Way }>> = {
  reset: { about: 'the connection is reset before an answer', answer: (socket) => socket.resetAndDestroy() },
  silent: { about: 'no answer ever comes', answer: () => undefined },
  closed: { about: 'the connection is closed before an answer', answer: (socket) => socket.end() },
  'cut-short': {
    about: 'the connection closes in the middle of the body',
    answer: (socket) => socket.end(`${head('Content-Length: 100', 'Content-Type: text/plain')}only this much`),
  },
  stalls: {
    about: 'the body stops half-way, and the connection stays open',
    answer: (socket) => socket.write(`${head('Content-Length: 100', 'Content-Type: text/plain')}and then`),
  },
  'wrong-length': {
    about: 'more comes than was announced',
    answer: (socket) => socket.end(`${head('Content-Length: 4', 'Content-Type: text/plain')}more than four`),
  },
  'two-lengths': {
    about: 'two lengths contradict each other',
    answer: (socket) =>
      socket.end(`${head('Content-Length: 4', 'Content-Length: 5', 'Content-Type: text/plain')}four!`),
  },
  'broken-gzip': {
    about: 'the body claims to be compressed, and is damaged',
    answer(socket) {
      const body = gzipSync('a notice to mariners');
      body[12] = (body[12] as number) ^ 0xff;
      socket.write(head('Content-Encoding: gzip', `Content-Length: ${body.length}`, 'Content-Type: text/plain'));
      socket.end(body);
    },
  },
  'broken-chunk': {
    about: 'the size of a chunk is no number',
    answer: (socket) =>
      socket.end(`${head('Transfer-Encoding: chunked', 'Content-Type: text/plain')}5\r\nabcde\r\nxyz\r\n`),
  },
  'half-chunk': {
    about: 'the last chunk never comes',
    answer: (socket) => socket.end(`${head('Transfer-Encoding: chunked', 'Content-Type: text/plain')}5\r\nabcde\r\n`),
  },
  'not-http': {
    about: 'another protocol answers',
    answer: (socket) => socket.end('220 mail.larkhaven.example ready\r\n'),
  },
  'wrong-type': {
    about: 'the body is not of the type it claims',
    answer: (socket) =>
      socket.end(
        `${head('Content-Type: application/json', 'Content-Length: 15')}<p>Be patient</p>`.replace('15', '17'),
      ),
  },
  endless: {
    about: 'the body never ends',
    answer(socket) {
      socket.write(head('Content-Type: application/octet-stream'));
      const piece = Buffer.alloc(1 << 16, 'x');
      const more = (): void => {
        while (!socket.destroyed && socket.write(piece));
      };
      socket.on('drain', more);
      more();
    },
  },
};

export async function startBroken(): Promise<BrokenServer> {
  const open = new Set<Socket>();
  const server = createServer((socket) => {
    open.add(socket);
    socket.on('close', () => open.delete(socket)).on('error', () => socket.destroy());
    let text = '';
    socket.on('data', (chunk) => {
      text += chunk.toString('latin1');
      if (!text.includes('\r\n\r\n')) return;
      const name = /^\S+ \/([^\s?]*)/.exec(text)?.[1] ?? '';
      text = '';
      const way = Object.hasOwn(waysToBreak, name) ? waysToBreak[name] : undefined;
      if (way) way.answer(socket);
      else {
        const list = Object.entries(waysToBreak)
          .map(([key, { about }]) => `/${key}: ${about}\n`)
          .join('');
        socket.end(
          `${head('Content-Type: text/plain; charset=utf-8', `Content-Length: ${Buffer.byteLength(list)}`, 'Connection: close')}${list}`,
        );
      }
    });
  });
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  return {
    origin: `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}`,
    close: () =>
      new Promise((resolve) => {
        for (const socket of open) socket.destroy();
        server.close(() => resolve());
      }),
  };
}
