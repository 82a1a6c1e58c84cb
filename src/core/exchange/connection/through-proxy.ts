/**
 * Connections through a proxy: a tunnel for https (RFC 9110 section 9.3.6), the whole address for http (RFC 9112 section
 * 3.2.2). The credentials of the proxy go to the proxy alone, and what is behind a tunnel proves itself as it would without.
 */
import type { IncomingMessage } from 'node:http';
import type { Socket } from 'node:net';
import type { Dispatcher } from 'undici';
import Pool from 'undici/lib/dispatcher/pool.js';
import { mostHeaders } from '../transfer/trouble.js';
import { type ConnectTimes, noTimes } from './connect-times.js';
import type { Connection } from './connection.js';
import { timedConnector } from './connectors.js';
import type { Origin } from './origin.js';

type Connector = ReturnType<typeof timedConnector>;

/** @param name scheme, host and port behind the proxy */
export function throughProxy(name: string, proxy: URL, connectTimeout: number, { tls, http2 }: Connection): Origin {
  const origin: Origin = { name, pool: undefined as unknown as Dispatcher, newest: noTimes(), proxy: proxy.host };
  const made = (times: ConnectTimes): void => {
    origin.newest = times;
  };
  const pool = (to: string, connect: Connector): Dispatcher =>
    new Pool(to, {
      connect,
      maxHeaderSize: mostHeaders,
      headersTimeout: 0,
      bodyTimeout: 0,
      ...(http2 && { allowH2: true }),
    } as ConstructorParameters<typeof Pool>[1]);
  if (name.startsWith('https:')) {
    const end = timedConnector(made, connectTimeout, tls, http2);
    origin.pool = pool(name, (options, callback) => {
      tunnel(proxy, authority(name), connectTimeout).then(
        (httpSocket) => end({ ...options, httpSocket }, callback),
        (error: Error) => callback(error, null),
      );
    });
  } else origin.pool = asking(pool(proxy.origin, timedConnector(made, connectTimeout, undefined, false)), name, proxy);
  return origin;
}

const authority = (name: string): string => {
  const { hostname, port, protocol } = new URL(name);
  return `${hostname}:${port || (protocol === 'https:' ? '443' : '80')}`;
};

/** RFC 9110 section 11.7.1. */
function credentials({ username, password }: URL): string | undefined {
  if (username === '') return undefined;
  const text = `${decodeURIComponent(username)}:${decodeURIComponent(password)}`;
  return `Basic ${Buffer.from(text).toString('base64')}`;
}

async function tunnel(proxy: URL, target: string, timeout: number): Promise<Socket> {
  const { request } = await import(proxy.protocol === 'https:' ? 'node:https' : 'node:http');
  const own = credentials(proxy);
  return new Promise((resolve, reject) => {
    const asked = (request as typeof import('node:http').request)({
      method: 'CONNECT',
      host: proxy.hostname.replace(/^\[|\]$/g, ''),
      port: proxy.port || (proxy.protocol === 'https:' ? 443 : 80),
      path: target,
      headers: { host: target, ...(own !== undefined && { 'proxy-authorization': own }) },
      agent: false,
      timeout,
    });
    asked.on('connect', ({ statusCode }: IncomingMessage, socket: Socket) => {
      if (statusCode === 200) resolve(socket);
      else {
        socket.destroy();
        reject(new Error(`Proxy response (${statusCode}) !== 200 when HTTP Tunneling`));
      }
    });
    asked.on('timeout', () =>
      asked.destroy(Object.assign(new Error('the proxy is silent'), { code: 'UND_ERR_CONNECT_TIMEOUT' })),
    );
    asked.on('error', reject);
    asked.end();
  });
}

/** The pool of connections to a proxy, as the one of the origin behind it. */
function asking(pool: Dispatcher, name: string, proxy: URL): Dispatcher {
  const own = credentials(proxy);
  const lines = ['host', new URL(name).host, ...(own === undefined ? [] : ['proxy-authorization', own])];
  return {
    dispatch: (options: Dispatcher.DispatchOptions, handler: Dispatcher.DispatchHandler) =>
      pool.dispatch(
        {
          ...options,
          origin: proxy.origin,
          path: `${name}${options.path}`,
          headers: [...lines, ...(options.headers as string[])],
        },
        handler,
      ),
    destroy: () => pool.destroy(),
  } as unknown as Dispatcher;
}
