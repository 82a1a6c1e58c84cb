/** Harbour lights: what is set is staged, and comes to life with a restart that takes a moment. */

import { AccessDenied, notFound } from '../problem.js';
import type { ServiceModule } from '../service.js';

interface Light {
  readonly id: string;
  readonly colour: string;
  readonly period: number;
  readonly brightness: number;
}

const colours = ['white', 'red', 'green'];
const restartMs = 300;

export const lightsService: ServiceModule = {
  register(app) {
    const staged = new Map<string, Light>([
      ['outer-mole', { id: 'outer-mole', colour: 'white', period: 5, brightness: 80 }],
      ['pool-entrance', { id: 'pool-entrance', colour: 'green', period: 3, brightness: 60 }],
      ['west-quay', { id: 'west-quay', colour: 'red', period: 3, brightness: 60 }],
    ]);
    let live = [...staged.values()];
    let [stagedAt, liveAt] = [new Date(), new Date()];
    let restarts = 0;
    let readyAt = 0;
    app.get('/lights/staged', async () => ({ lights: [...staged.values()], updatedAt: stagedAt.toISOString() }));
    app.get('/lights/live', async () => {
      const left = readyAt - Date.now();
      if (left > 0)
        throw new AccessDenied(503, 'restarting', 'Restarting', 'the lights are being restarted', {
          headers: { 'Retry-After': '1' },
        });
      return { lights: live, updatedAt: liveAt.toISOString() };
    });
    app.patch<{ Params: { id: string }; Body: Record<string, unknown> }>(
      '/lights/staged/:id',
      async ({ params, body }) => {
        const light = staged.get(params.id);
        if (!light) throw notFound(`there is no light ${params.id}`);
        const changed = { ...light, ...checked(body) };
        staged.set(params.id, changed);
        stagedAt = new Date();
        return changed;
      },
    );
    app.post('/lights/restart', async (_request, reply) => {
      restarts += 1;
      readyAt = Date.now() + restartMs;
      live = [...staged.values()];
      liveAt = new Date();
      return reply.code(202).send({ restart: restarts });
    });
  },
  services: (origin) => [
    {
      name: 'lights',
      about: 'staged and live settings of the harbour lights; POST /lights/restart brings the staged to life',
      address: `${origin}/lights/staged`,
    },
  ],
};

/** @throws Refusal */
function checked(body: Record<string, unknown> | null): Partial<Light> {
  const faults: { pointer: string; detail: string }[] = [];
  for (const [key, value] of Object.entries(body ?? {})) {
    if (key === 'brightness') {
      if (!Number.isInteger(value) || (value as number) < 0 || (value as number) > 100)
        faults.push({ pointer: '/brightness', detail: 'must be a whole number from 0 to 100' });
    } else if (key === 'period') {
      if (!Number.isInteger(value)) faults.push({ pointer: '/period', detail: 'must be a whole number of seconds' });
    } else if (key === 'colour') {
      if (!colours.includes(value as string))
        faults.push({ pointer: '/colour', detail: `must be one of ${colours.join(', ')}` });
    } else faults.push({ pointer: `/${key}`, detail: 'is not a field here' });
  }
  if (faults.length === 0) return body as Partial<Light>;
  throw new AccessDenied(
    422,
    'field',
    'A field is at fault',
    faults.map(({ pointer, detail }) => `${pointer} ${detail}`).join('; '),
    {
      errors: faults,
    },
  );
}
