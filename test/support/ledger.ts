/** A vendor that counts what it is asked to change, and commands that are killed while it does. */
import { createServer } from 'node:http';
import { after } from 'node:test';
import { type Ended, echoTrail } from './program.js';

/** A vendor that counts each changing call by what it is about, and each key once. */
export interface Ledger {
  readonly origin: string;
  /** How often each subject was changed. */
  readonly counts: Map<string, number>;
  readonly removed: string[];
  /** How often each subject was asked for, whatever came of it. */
  readonly asked: Map<string, number>;
  /** Told of each call that arrived. */
  onCall: ((subject: string) => void) | undefined;
}

export async function ledger(slow = 0): Promise<Ledger> {
  const counts = new Map<string, number>();
  const asked = new Map<string, number>();
  const keys = new Set<string>();
  const removed: string[] = [];
  const own: { -readonly [K in keyof Ledger]: Ledger[K] } = {
    origin: '',
    counts,
    asked,
    removed,
    onCall: undefined,
  };
  const server = createServer((request, response) => {
    const subject = decodeURIComponent(request.url?.split('/').at(-1) ?? '');
    asked.set(`${request.method} ${subject}`, (asked.get(`${request.method} ${subject}`) ?? 0) + 1);
    const reply = (status: number, body: string): void => {
      setTimeout(() => {
        response.writeHead(status, { 'content-type': 'application/json' }).end(body);
      }, slow);
    };
    own.onCall?.(subject);
    if (request.method === 'POST') {
      const key = request.headers['idempotency-key'] as string | undefined;
      if (key === undefined || !keys.has(key)) counts.set(subject, (counts.get(subject) ?? 0) + 1);
      if (key !== undefined) keys.add(key);
      reply(subject.startsWith('bad') ? 500 : 201, JSON.stringify({ id: `made-${subject}` }));
    } else if (request.method === 'DELETE') {
      removed.push(subject);
      reply(subject.includes('stuck') ? 500 : 204, '');
    } else reply(subject.startsWith('missing') ? 404 : 200, JSON.stringify({ id: subject }));
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  after(() => {
    server.closeAllConnections();
    server.close();
  });
  const address = server.address();
  own.origin = `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}`;
  return own;
}

/** Runs a command and kills it when a call arrives that says so. @param later milliseconds after that */
export async function killedAt(
  args: readonly string[],
  cwd: string,
  vendor: Ledger,
  isMoment: (subject: string) => boolean,
  later = 0,
): Promise<Ended> {
  const ended = await echoTrail(args, {
    cwd,
    meanwhile: (child) => {
      vendor.onCall = (subject) => {
        if (!isMoment(subject)) return;
        if (later === 0) child.kill('SIGKILL');
        else setTimeout(() => child.kill('SIGKILL'), later);
      };
    },
  });
  vendor.onCall = undefined;
  return ended;
}
