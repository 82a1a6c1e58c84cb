/**
 * The notice board: a hundred notices, read one by one, and no more than so many in a second. How it refuses is the
 * caller's to choose, so that each way can be tried.
 */
import type { FastifyReply } from 'fastify';
import { AccessDenied, notFound } from '../problem.js';
import { seeded } from '../seeded.js';
import type { ServiceModule } from '../service.js';

/** Answers in a window at most, for each caller; and how long a window is, in milliseconds. */
const mostInAWindow = 50;
const windowMs = 1000;
const boardNotices = 100;

const subjects = ['Outer mole light', 'Pool entrance buoy', 'West quay crane', 'Ferry landing', 'Sluice gate'] as const;
const words = ['out until further notice', 'lit again', 'moved 20 m to the east', 'under repair', 'inspected'] as const;

interface Query {
  /** `seconds`, `date`, `silent`, `limits` or `body`. */
  readonly refusal?: string;
  /** Callers are counted each by themselves. */
  readonly caller?: string;
  /** Fewer answers in a window than there would be. */
  readonly quota?: string;
}

interface Window {
  began: number;
  answers: number;
}

export const boardService: ServiceModule = {
  register(app) {
    const windows = new Map<string, Window>();
    const made = seeded(7);
    const notices = Array.from({ length: boardNotices }, (_, index) => ({
      number: index + 1,
      subject: made.pick(subjects),
      text: made.pick(words),
      urgent: made.whole(1, 5) === 1,
    }));
    let refused = 0;
    app.get<{ Params: { number: string }; Querystring: Query }>(
      '/board/notices/:number',
      async ({ params, query }, reply) => {
        const quota = quotaOf(query);
        const window = windowOf(windows, query.caller ?? '');
        window.answers += 1;
        if (window.answers > quota) {
          refused += 1;
          return refuse(query.refusal ?? 'seconds', quota, window, reply);
        }
        if (query.refusal === 'limits') quotaHeaders(reply, quota, quota - window.answers, window);
        const found = notices[Number(params.number) - 1];
        if (!found) throw notFound(`there is no notice ${params.number}`);
        return found;
      },
    );
    app.get('/board/count', async () => ({ refused }));
  },
  services: (origin) => [
    {
      name: 'board',
      about: `${boardNotices} notices, ${mostInAWindow} a second; refusal=seconds | date | silent | limits | body says how it refuses`,
      address: `${origin}/board/notices/1`,
    },
  ],
};

/** @throws Refusal */
function quotaOf({ quota }: Query): number {
  if (quota === undefined) return mostInAWindow;
  const given = /^\d+$/.test(quota) ? Number(quota) : 0;
  if (given >= 1 && given <= mostInAWindow) return given;
  throw new AccessDenied(400, 'parameter', 'A parameter is at fault', `quota must be from 1 to ${mostInAWindow}`);
}

/** A window begins with the first call in it. */
function windowOf(windows: Map<string, Window>, caller: string): Window {
  const now = Date.now();
  const known = windows.get(caller);
  if (known && now - known.began < windowMs) return known;
  const fresh = { began: now, answers: 0 };
  windows.set(caller, fresh);
  return fresh;
}

function quotaHeaders(reply: FastifyReply, quota: number, remaining: number, { began }: Window): void {
  const reset = Math.max(1, Math.ceil((began + windowMs - Date.now()) / 1000));
  reply.header('RateLimit-Policy', `"second";q=${quota};w=1`).header('RateLimit', `"second";r=${remaining};t=${reset}`);
}

/** @throws Refusal, unless the refusal is in the body */
function refuse(way: string, quota: number, window: Window, reply: FastifyReply): object {
  if (way === 'body') return { state: 'busy', detail: 'the board is crowded, come again' };
  const headers: Record<string, string> = {};
  if (way === 'seconds') headers['Retry-After'] = '1';
  if (way === 'date') headers['Retry-After'] = new Date(Math.ceil(Date.now() / 1000) * 1000 + 1000).toUTCString();
  if (way === 'limits') quotaHeaders(reply, quota, 0, window);
  throw new AccessDenied(429, 'crowded', 'Too many requests', `no more than ${quota} notices a second`, { headers });
}
