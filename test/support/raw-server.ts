/** A plain socket server: records every byte that comes, responses with exactly the bytes given. */
import { createServer, type Socket } from 'node:net';

export interface RawServer {
  readonly origin: string;
  readonly port: number;
  /** What each connection sent, in the order in which they were made. */
  readonly received: string[];
  close(): Promise<void>;
}

/** @param response called with the head of each request; what it returns is written; it may end the socket itself */
export async function rawServer(
  response: (head: string, socket: Socket) => string | Buffer | undefined,
): Promise<RawServer> {
  const received: string[] = [];
  const open = new Set<Socket>();
  const server = createServer((socket) => {
    const index = received.push('') - 1;
    open.add(socket);
    socket.unref();
    socket.on('close', () => open.delete(socket));
    socket.on('error', () => undefined);
    let waiting = '';
    socket.on('data', (chunk) => {
      received[index] += chunk.toString('latin1');
      waiting += chunk.toString('latin1');
      const end = waiting.indexOf('\r\n\r\n');
      if (end === -1) return;
      const head = waiting.slice(0, end);
      const length = Number(/content-length: (\d+)/i.exec(head)?.[1] ?? 0);
      if (waiting.length < end + 4 + length) return;
      waiting = '';
      const reply = response(head, socket);
      if (reply !== undefined) socket.write(reply);
    });
  });
  // A test that fails leaves its server open; that must not keep the file from ending.
  server.unref();
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as { port: number };
  return {
    port,
    received,
    origin: `http://127.0.0.1:${port}`,
    close: () =>
      new Promise((resolve) => {
        for (const socket of open) socket.destroy();
        server.close(() => resolve());
      }),
  };
}

/** A whole response with its length. */
export function responseOf(
  body: string,
  { status = '200 OK', headers = [] as string[], type = 'application/json' } = {},
): string {
  return [
    `HTTP/1.1 ${status}`,
    `content-type: ${type}`,
    `content-length: ${Buffer.byteLength(body)}`,
    ...headers,
    '',
    body,
  ].join('\r\n');
}
