/** The plan drawer: a harbour plan behind an address that is sealed beforehand and good for a while. */
import { createHmac } from 'node:crypto';
import type { ServiceModule } from '../service.js';
import { refusal, sameText, targetOf } from '../signing/desk.js';
import { signingKeys } from '../signing/keys.js';

/** Seconds. */
const longest = 3600;

export const plansService: ServiceModule = {
  register(app) {
    app.get<{ Params: { name: string } }>('/plans/:name', async (request, reply) => {
      const { path, query } = targetOf(request);
      const [, before = '', seal = ''] = /^(.*)&seal=([A-Za-z0-9_-]+)$/.exec(query) ?? [];
      const base = `${request.method}\n${path}?${before}`;
      const given = new URLSearchParams(before);
      const until = Number(given.get('until') ?? Number.NaN);
      const now = Date.now() / 1000;
      if (seal === '') throw refusal(request, 'not for everybody', base, 403);
      if (given.get('key') !== signingKeys.plans.id) throw refusal(request, 'unknown key', undefined, 403);
      if (!(until >= now && until <= now + longest)) throw refusal(request, 'address has expired', undefined, 403);
      if (!sameText(seal, createHmac('sha256', signingKeys.plans.secret).update(base).digest('base64url')))
        throw refusal(request, 'not for you', base, 403);
      return reply.type('text/plain').send(`Plan of the ${request.params.name} quay of Larkhaven\n`);
    });
  },
  services: (origin) => [
    {
      name: 'plans',
      about: `plans behind sealed addresses; the key ${signingKeys.plans.id} is ${signingKeys.plans.secret}`,
      address: `${origin}/plans/north`,
    },
  ],
};
