/** The pilotage desk: a key is derived for the day and the desk, and seals the digest of the whole request. */
import { createHmac } from 'node:crypto';
import type { FastifyRequest } from 'fastify';
import type { ServiceModule } from '../service.js';
import {
  bodyOf,
  isFresh,
  onlyOnce,
  refusal,
  sameText,
  sha256,
  sortedQuery,
  stampSeconds,
  takesBytes,
  targetOf,
} from '../signing/desk.js';
import { signingKeys } from '../signing/keys.js';

export const pilotageService: ServiceModule = {
  register(app) {
    const once = onlyOnce();
    app.register(async (scope) => {
      takesBytes(scope);
      scope.addHook('preHandler', async (request) => requireSeal(request, once));
      scope.get('/pilotage/orders', async () => ({ items: [{ pilot: 'P1', vessel: 'Amber Tern', at: 'North mole' }] }));
      scope.post('/pilotage/orders', async (request, reply) =>
        reply.code(201).send({ order: 'O-0001', received: bodyOf(request).length }),
      );
    });
  },
  services: (origin) => [
    {
      name: 'pilotage',
      about: `pilots on order, under a seal with a key of the day; the key ${signingKeys.pilotage.id} is ${signingKeys.pilotage.secret}`,
      address: `${origin}/pilotage/orders`,
    },
  ],
};

/** @throws Refusal */
function requireSeal(request: FastifyRequest, once: (seal: string) => boolean): void {
  const [, id = '', names = '', seal = ''] =
    /^Larkhaven key=([^,]*), covers=([^,]*), seal=([0-9a-f]{64})$/.exec(request.headers.authorization ?? '') ?? [];
  const time = String(request.headers['x-pilotage-time'] ?? '');
  const covered = names.split(' ');
  const { path, query } = targetOf(request);
  const account = [
    request.method,
    path,
    sortedQuery(query),
    ...covered.map(
      (name) =>
        `${name}=${String(request.headers[name] ?? '')
          .trim()
          .replace(/\s+/g, ' ')}`,
    ),
    '',
    sha256(bodyOf(request)),
  ].join('\n');
  const day = time.slice(0, 8);
  const base = `pilotage ${time}\n${sha256(account)}`;
  const explained = `${account}\n\n${base}`;
  if (seal === '') throw refusal(request, 'no seal', explained);
  if (id !== signingKeys.pilotage.id) throw refusal(request, 'unknown key');
  if (!covered.includes('host') || !covered.includes('x-pilotage-time'))
    throw refusal(request, 'too little is covered');
  if (!isFresh(stampSeconds(time))) throw refusal(request, 'out of time', explained);
  const dayKey = createHmac('sha256', `day ${signingKeys.pilotage.secret}`).update(day).digest();
  const deskKey = createHmac('sha256', dayKey).update('pilotage').digest();
  if (!sameText(seal, createHmac('sha256', deskKey).update(base).digest('hex')))
    throw refusal(request, 'forbidden', explained, 403);
  if (!once(seal)) throw refusal(request, 'used before');
}
