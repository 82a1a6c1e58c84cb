/** Light controllers: small servers on ports of their own, alike but for a few that somebody has tampered with. */
import fastify, { type FastifyInstance } from 'fastify';

export interface Controller {
  readonly name: string;
  /** Where it listens, or would. */
  readonly host: string;
}

export interface Fleet {
  readonly controllers: readonly Controller[];
  close(): Promise<void>;
}

interface Settings {
  firmware: string;
  zone: string;
  lamp: string;
  brightness: number;
  schedule: { from: string; to: string }[];
}

/** What is wrong with which of them; the last is not there at all. */
const tampered: Readonly<Record<number, (settings: Settings) => void>> = {
  4: (settings) => {
    settings.brightness = 60;
  },
  7: (settings) => {
    settings.firmware = '2.0.9';
  },
  10: (settings) => {
    settings.lamp = 'dark';
    settings.schedule = [{ from: '18:00', to: '05:30' }];
  },
};

const fleetSize = 12;

/** @param first port of the first one, 0 for free ones; where one is taken, a free one in its place */
export async function startFleet({
  size = fleetSize,
  first = 0,
}: {
  size?: number;
  first?: number;
} = {}): Promise<Fleet> {
  const running: FastifyInstance[] = [];
  const controllers: Controller[] = [];
  for (let number = 1; number <= size; number += 1) {
    const app = controller(number);
    await listen(app, first === 0 ? 0 : first + number - 1);
    const address = app.server.address();
    const port = typeof address === 'object' && address ? address.port : first;
    controllers.push({ name: `light-${String(number).padStart(2, '0')}`, host: `127.0.0.1:${port}` });
    // Its port is known, and nothing answers there.
    if (number === size) await app.close();
    else running.push(app);
  }
  return { controllers, close: async () => void (await Promise.all(running.map((app) => app.close()))) };
}

/** On that port, or on a free one where it is taken. */
async function listen(app: FastifyInstance, port: number): Promise<void> {
  try {
    await app.listen({ host: '127.0.0.1', port });
  } catch (error) {
    if (port === 0 || (error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    await app.listen({ host: '127.0.0.1', port: 0 });
  }
}

function controller(number: number): FastifyInstance {
  const app = fastify({ logger: false, forceCloseConnections: true });
  const settings: Settings = {
    firmware: '2.1.3',
    zone: 'UTC',
    lamp: 'lit',
    brightness: 80,
    schedule: [
      { from: '17:00', to: '23:59' },
      { from: '00:00', to: '07:00' },
    ],
  };
  tampered[number]?.(settings);
  const began = Date.now();
  app.get('/settings', async () => ({ ...settings, number, uptime: Date.now() - began }));
  app.get('/health', async () => ({ ok: settings.lamp === 'lit' }));
  app.put<{ Body: { brightness?: unknown } | null }>('/brightness', async ({ body }, reply) => {
    const wanted = body?.brightness;
    if (typeof wanted !== 'number' || wanted < 0 || wanted > 100)
      return reply.code(422).send({ detail: 'brightness is from 0 to 100' });
    settings.brightness = wanted;
    return { brightness: wanted };
  });
  return app;
}
