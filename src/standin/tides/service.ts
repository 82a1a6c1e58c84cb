/** The tide tables, which nothing but a page describes. */

import { AccessDenied, notFound } from '../problem.js';
import type { ServiceModule } from '../service.js';
import { tidesPage } from './page.js';

const stations = [
  { code: 'bar', name: 'Outer bar', depthM: 12.5 },
  { code: 'pool', name: 'Inner pool', depthM: 7.2 },
] as const;
const metresInFoot = 0.3048;

export const tidesService: ServiceModule = {
  register(app, _state, origin) {
    app.get('/tides/reference.html', async (_request, reply) =>
      reply.type('text/html; charset=utf-8').send(tidesPage(origin())),
    );
    app.get('/tides/stations', async () => stations);
    app.get<{ Params: { station: string }; Querystring: { from?: string; days?: string; unit?: string } }>(
      '/tides/:station/levels',
      async ({ params, query }) => {
        requireStation(params.station);
        const { from, days = '1', unit = 'metre' } = query;
        if (from === undefined || !/^\d{4}-\d\d-\d\d$/.test(from)) throw parameter('from is a day, such as 2026-11-24');
        if (!/^[1-7]$/.test(days)) throw parameter('days is between 1 and 7');
        if (unit !== 'metre' && unit !== 'foot') throw parameter('unit is metre or foot');
        const start = Date.parse(`${from}T00:00:00Z`);
        const levels = Array.from({ length: Number(days) * 24 }, (_, hour) => {
          const at = start + hour * 3_600_000;
          const metres = levelAt(at);
          const level = unit === 'metre' ? metres : metres / metresInFoot;
          return {
            at: new Date(at).toISOString().replace('.000', ''),
            level: Math.round(level * 10) / 10,
            rising: levelAt(at + 60_000) > metres,
          };
        });
        return { station: params.station, unit, levels };
      },
    );
    let count = 16;
    app.post<{ Params: { station: string }; Body: { at?: unknown; level?: unknown } }>(
      '/tides/:station/reports',
      async ({ params, body, headers }, reply) => {
        requireStation(params.station);
        if (headers['x-tide-key'] === undefined)
          throw new AccessDenied(401, 'no-key', 'No key', 'the header X-Tide-Key is missing');
        if (typeof body?.at !== 'string') throw new AccessDenied(422, 'field', 'A field is at fault', '/at is missing');
        if (typeof body.level !== 'number' || body.level < 0 || body.level > 12)
          throw new AccessDenied(422, 'field', 'A field is at fault', '/level is a number between 0 and 12');
        count += 1;
        return reply.code(201).send({ id: count, at: body.at, level: body.level });
      },
    );
  },
  services: (origin) => [
    {
      name: 'tides',
      about: 'REST without a description, but a reference page',
      address: `${origin}/tides/reference.html`,
    },
  ],
};

function requireStation(code: string): void {
  if (!stations.some((one) => one.code === code)) throw notFound(`there is no station ${code}`);
}

const parameter = (detail: string): AccessDenied =>
  new AccessDenied(400, 'parameter', 'A parameter is at fault', detail);

/** Two high waters a day, and a little more for the sun. */
function levelAt(time: number): number {
  const hours = time / 3_600_000;
  return 3.4 + 2.1 * Math.sin((hours / 12.42) * 2 * Math.PI) + 0.6 * Math.sin((hours / 12) * 2 * Math.PI);
}
