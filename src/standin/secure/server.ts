/** TLS listeners, each with another certificate; one of them wants the caller's too, one speaks HTTP/2. */
import { once } from 'node:events';
import { createSecureServer } from 'node:http2';
import { createServer, type ServerOptions } from 'node:https';
import type { AddressInfo, Server, Socket } from 'node:net';
import type { TLSSocket } from 'node:tls';
import { type Certificates, type Issued, makeCertificates } from './certificates.js';

export interface SecureServers {
  readonly certificates: Certificates;
  /** By name: `trusted`, `expired`, `otherHost`, `selfSigned`, `client`, `http2`. */
  readonly origins: Readonly<Record<SecureName, string>>;
  close(): Promise<void>;
}

export type SecureName = 'trusted' | 'expired' | 'otherHost' | 'selfSigned' | 'client' | 'http2';

export async function startSecure(): Promise<SecureServers> {
  const certificates = makeCertificates(new Date());
  const { server, expired, otherHost, selfSigned, root } = certificates;
  const sockets = new Set<Socket>();
  const listening: Server[] = [];

  const listen = async (made: Server): Promise<string> => {
    made.on('connection', (socket: Socket) => {
      sockets.add(socket);
      socket.on('close', () => sockets.delete(socket)).on('error', () => socket.destroy());
    });
    made.listen(0, '127.0.0.1');
    await once(made, 'listening');
    listening.push(made);
    return `https://127.0.0.1:${(made.address() as AddressInfo).port}`;
  };
  const https = (issued: Issued, more: ServerOptions = {}): Promise<string> =>
    listen(
      createServer({ cert: issued.certificate, key: issued.key, ...more }, (request, response) => {
        const peer = (request.socket as TLSSocket).getPeerCertificate();
        const caller = peer?.subject?.CN;
        response.setHeader('Content-Type', 'application/json');
        response.end(JSON.stringify({ harbour: 'Larkhaven', caller: caller ?? null, host: request.headers.host }));
      }).on('tlsClientError', (_error, socket) => socket.destroy()),
    );

  const http2 = createSecureServer({ cert: server.certificate, key: server.key, allowHTTP1: true });
  http2.on('request', (request, response) => {
    response.setHeader('Content-Type', 'application/json');
    response.end(JSON.stringify({ harbour: 'Larkhaven', version: request.httpVersion }));
  });
  const origins = {
    trusted: await https(server),
    expired: await https(expired),
    otherHost: await https(otherHost),
    selfSigned: await https(selfSigned),
    client: await https(server, { requestCert: true, rejectUnauthorized: true, ca: root.certificate }),
    http2: await listen(http2 as unknown as Server),
  };
  return {
    certificates,
    origins,
    async close() {
      for (const socket of sockets) socket.destroy();
      await Promise.all(listening.map((one) => new Promise((resolve) => one.close(resolve))));
    },
  };
}
