/** A rehearsed vendor as a server on this machine: it listens on 127.0.0.1 alone. */
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { setTimeout } from 'node:timers/promises';
import { makeRedactor } from '../echo/redactor.js';
import { Problem } from '../problem/problem.js';
import type { RehearsedExchange, RehearsedRequest, RehearsedResponse } from './messages.js';
import { refusal } from './refusal.js';
import { type TroubleWanted, troubleMaker } from './trouble.js';
import type { RehearsedVendor } from './vendor.js';

export interface RehearsalServer {
  readonly port: number;
  close(): Promise<void>;
}

export interface ServerSettings {
  /** 0 for any that is free. */
  readonly port: number;
  readonly trouble: TroubleWanted;
  readonly seed: number;
  /** Of each request, also of one whose connection is ended on purpose. */
  readonly onExchange?: (exchange: RehearsedExchange) => void;
  /**
   * Requests may name any host. Else only this machine: a page of a browser that has its host name lead here must not read what
   * the vendor once said.
   */
  readonly anyHost: boolean;
}

/** Bytes of a body; nothing that is documented takes more. */
const largest = 64e6;

/** @throws Problem usage: the port is taken */
export async function serveVendor(
  vendor: RehearsedVendor,
  { port, trouble, seed, anyHost, onExchange }: ServerSettings,
): Promise<RehearsalServer> {
  const next = troubleMaker(trouble, seed);
  const server = createServer((incoming, outgoing) => {
    respond(incoming, outgoing).catch((error: unknown) => {
      // A fault of ours is told in its response: the client shows it.
      if (!outgoing.headersSent) outgoing.writeHead(500, { 'content-type': 'text/plain' });
      outgoing.end(`the rehearsal failed: ${error instanceof Error ? error.message : String(error)}\n`);
    });
  });

  async function respond(incoming: IncomingMessage, outgoing: ServerResponse): Promise<void> {
    const request = await read(incoming);
    const { wait, drop, instead } = next();
    if (wait > 0) await setTimeout(wait);
    if (drop) {
      tell(request, undefined);
      incoming.socket.destroy();
      return;
    }
    const response =
      anyHost || isOwnHost(request.host) ? (instead ?? (await vendor.respond(request))) : otherHost(request);
    tell(request, response);
    const { status, headers, body, stream } = response;
    if (stream) {
      outgoing.writeHead(status, headers);
      for (const piece of stream) outgoing.write(piece);
      outgoing.end();
      return;
    }
    const bytes = typeof body === 'string' ? Buffer.from(body) : body;
    const own = request.method === 'HEAD' || status === 204 || status === 304 ? {} : { 'content-length': bytes.length };
    outgoing.writeHead(status, { ...headers, ...own });
    outgoing.end(request.method === 'HEAD' ? undefined : bytes);
  }

  function tell(request: RehearsedRequest, response: RehearsedResponse | undefined): void {
    if (!onExchange) return;
    const { method, target } = request;
    const redactor = makeRedactor();
    for (const value of vendor.credentials(request)) redactor.add(value);
    onExchange({
      method,
      target: redactor.hide(target),
      status: response?.status ?? null,
      from: response?.from ?? 'trouble',
      operation: response?.operation ?? null,
      faults: (response?.faults ?? []).map(redactor.hide),
    });
  }

  await new Promise<void>((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) =>
      reject(
        error.code === 'EADDRINUSE'
          ? new Problem('usage', { what: `port ${port} is taken`, remedy: 'choose another, or 0 for one that is free' })
          : error,
      ),
    );
    server.listen(port, '127.0.0.1', resolve);
  });
  return {
    port: (server.address() as AddressInfo).port,
    close: () =>
      new Promise((resolve) => {
        server.close(() => resolve());
        server.closeAllConnections();
      }),
  };
}

const isOwnHost = (host: string): boolean => /^(?:127\.0\.0\.1|localhost|\[::1\])(?::\d+)?$/i.test(host);

const otherHost = ({ host }: RehearsedRequest): RehearsedResponse =>
  refusal(
    { status: 421, title: 'another host', faults: [`the host is ${host}, and the rehearsal is at 127.0.0.1`] },
    undefined,
    () => undefined,
  );

async function read(incoming: IncomingMessage): Promise<RehearsedRequest> {
  const pieces: Uint8Array[] = [];
  let size = 0;
  for await (const piece of incoming as AsyncIterable<Uint8Array>) {
    size += piece.length;
    if (size <= largest) pieces.push(piece);
  }
  const headers = new Map<string, string>();
  for (const [name, value] of Object.entries(incoming.headers)) headers.set(name, [value ?? ''].flat().join(', '));
  return {
    method: incoming.method ?? 'GET',
    host: headers.get('host') ?? '',
    target: incoming.url ?? '/',
    headers,
    body: Buffer.concat(pieces),
  };
}
