/** Ways in which a network or a server can fail, told apart, with the likely cause and what to try. */
import { Problem, type ProblemCode } from '../problem/problem.js';
import { durationText } from '../value/measures.js';
import type { Timeout } from './wire.js';

/** How far the exchange had come. */
export interface Progress {
  readonly url: URL;
  readonly timeout: Timeout;
  readonly connected: boolean;
  readonly answered: boolean;
  readonly received: number;
  readonly announced: number | undefined;
}

/** A reason for which our own side ended an exchange. */
export class Ended extends Error {
  constructor(readonly by: 'timeout' | 'size' | 'interrupt') {
    super(by);
  }
}

export function explainTrouble(error: unknown, progress: Progress): Problem {
  const { url, timeout, connected, answered, received, announced } = progress;
  const port = url.port || (url.protocol === 'https:' ? '443' : '80');
  const host = url.hostname;
  const { code = '', message = String(error), name } = (innermost(error) ?? {}) as Partial<Error> & { code?: string };
  const phase = answered ? 'receiving the answer' : connected ? 'waiting for the answer' : 'connecting';
  const make = (kind: ProblemCode, what: string, cause?: string, remedy?: string): Problem =>
    new Problem(kind, { what, where: phase, cause, remedy, data: { host, phase } }, { cause: error });

  if (error instanceof Ended) {
    if (error.by === 'interrupt') return new Problem('interrupted', { what: 'interrupted', where: phase });
    if (error.by === 'size')
      return make('answer-too-large', 'the answer is larger than what is read', undefined, 'ask for less, or in pages');
    const so = answered
      ? `after ${received} bytes${announced === undefined ? '' : ` of ${announced}`}`
      : 'nothing came back';
    return make(
      connected ? 'answer-timeout' : 'connection-timeout',
      `no complete answer within ${durationText(timeout.total)}: ${so}`,
      undefined,
      'timeout: {total: 2m} in the request or the environment waits longer',
    );
  }
  switch (code) {
    case 'ENOTFOUND':
    case 'EAI_AGAIN':
      return make(
        'name-lookup',
        `the host name ${host} could not be looked up`,
        code === 'EAI_AGAIN' ? 'the name server did not answer' : 'no such name is known',
        'is the name spelt right, and are you in the network (or VPN) that knows it?',
      );
    case 'ECONNREFUSED':
      return make(
        'connection-refused',
        `${host} refused the connection on port ${port}`,
        'the host is there, but nothing listens on that port',
        'is the service running, and is this its port?',
      );
    case 'EHOSTUNREACH':
    case 'ENETUNREACH':
      return make(
        'connection-refused',
        `${host} cannot be reached`,
        'no route leads there from this machine',
        'is a VPN needed?',
      );
    case 'UND_ERR_CONNECT_TIMEOUT':
    case 'ETIMEDOUT':
      return make(
        'connection-timeout',
        `${host} did not answer on port ${port} within ${durationText(timeout.connect)}`,
        'a firewall that drops packets looks like this',
        'ask whether the caller address of this machine is allowed there',
      );
    case 'UND_ERR_HEADERS_TIMEOUT':
    case 'UND_ERR_BODY_TIMEOUT':
      return make('answer-timeout', `${host} sent nothing for too long`);
    case 'UND_ERR_RES_CONTENT_LENGTH_MISMATCH':
    case 'UND_ERR_SOCKET':
    case 'ECONNRESET':
    case 'EPIPE':
      if (answered) {
        return make(
          'answer-cut-short',
          `the answer was cut short: ${received} bytes came${announced === undefined ? '' : ` of ${announced} announced`}`,
          'the other side closed the connection in the middle',
          'what did arrive is in the echo; send again, or ask the vendor about a proxy in between',
        );
      }
      return make(
        'connection-reset',
        `${host} closed the connection without an answer`,
        message === 'other side closed' ? undefined : message,
        url.protocol === 'http:' ? 'does the port speak https?' : undefined,
      );
    default:
  }
  if (name === 'HTTPParserError') {
    return answered
      ? make('answer-cut-short', `the answer broke off after ${received} bytes`, message)
      : make(
          'answer-malformed',
          'what came back is not HTTP',
          message,
          url.protocol === 'http:' ? 'does the port speak https, or another protocol?' : undefined,
        );
  }
  if (/^(?:ERR_TLS|ERR_SSL|CERT_|DEPTH_ZERO|SELF_SIGNED|UNABLE_TO|EPROTO)/.test(code)) {
    return make(
      'tls-failed',
      `no trusted TLS connection to ${host}`,
      message,
      url.protocol === 'https:' ? 'does the port speak plain http?' : undefined,
    );
  }
  return make('exchange-failed', `the exchange with ${host} failed`, message);
}

/** The library wraps causes; several addresses of one host give a list of errors. */
function innermost(error: unknown): unknown {
  let inner = error;
  for (let depth = 0; depth < 5; depth += 1) {
    if (inner instanceof AggregateError && inner.errors.length > 0) inner = inner.errors[0];
    else if (inner instanceof Error && inner.cause !== undefined && (inner as { code?: string }).code === undefined)
      inner = inner.cause;
    else break;
  }
  return inner;
}
