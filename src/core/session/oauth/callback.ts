/** The loopback address that a browser comes back to (RFC 8252, section 7.3). */

import { once } from 'node:events';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';

export interface Callback {
  readonly address: string;
  /** The address with which the browser came back. */
  arrival(signal: AbortSignal): Promise<URL>;
  close(): void;
}

/** @param state of this try; a call with another is not heard @throws Problem session-missing: the port is taken */
export async function listenForCallback(
  { port = 0, path = '/callback' }: { readonly port?: number | undefined; readonly path?: string | undefined },
  session: string,
  state: string,
): Promise<Callback> {
  const place = path.startsWith('/') ? path : `/${path}`;
  let arrived: (url: URL) => void = () => undefined;
  const first = new Promise<URL>((resolve) => {
    arrived = resolve;
  });
  const server = createServer((request, response) => {
    const url = new URL(request.url ?? '/', 'http://127.0.0.1');
    const query = url.searchParams;
    // Anybody on this machine can call: who does not know the state is not who is waited for (RFC 6749, section 10.12).
    const ours = url.pathname === place && (query.has('code') || query.has('error')) && query.get('state') === state;
    response.writeHead(ours ? 200 : 404, { 'Content-Type': 'text/plain; charset=utf-8', Connection: 'close' });
    response.end(ours ? 'Echo Trail has it. You can close this page.\n' : 'Nothing is here.\n');
    if (ours) arrived(url);
  });
  server.listen(port, '127.0.0.1');
  try {
    await once(server, 'listening');
  } catch (error) {
    throw new Problem('session-missing', {
      what: `the session ${session} cannot listen on port ${port} of 127.0.0.1`,
      cause: (error as NodeJS.ErrnoException).code === 'EADDRINUSE' ? 'another program does' : (error as Error).message,
      remedy: 'callback: {port: …} names another; the vendor has to know it',
    });
  }
  return {
    address: `http://127.0.0.1:${(server.address() as AddressInfo).port}${place}`,
    arrival: (signal) =>
      Promise.race([
        first,
        new Promise<never>((_, reject) => {
          signal.addEventListener('abort', () =>
            reject(
              new Problem('session-missing', {
                what: `nobody approved the session ${session} within five minutes`,
                remedy: `${action().openSession(session)} asks again`,
              }),
            ),
          );
        }),
      ]),
    close: () => {
      server.close();
      server.closeAllConnections();
    },
  };
}
