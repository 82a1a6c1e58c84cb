/** The dredging office: orders that take a while, and that are taken once however often they are sent with one key. */
import { randomUUID } from 'node:crypto';
import { AccessDenied, notFound } from '../problem.js';
import type { ServiceModule } from '../service.js';

interface Order {
  readonly id: string;
  readonly basin: string;
  readonly began: number;
  /** How often its state was asked for: each stage is seen once, however slow whoever asks is. */
  asked: number;
  /** Fails half-way. */
  readonly rocky: boolean;
}

const basins = ['north pool', 'south pool', 'ferry basin', 'rock basin'];
const queuedMs = 150;
const doneMs = 450;

export const dredgingService: ServiceModule = {
  register(app) {
    const orders = new Map<string, Order>();
    const byKey = new Map<string, Order>();
    let received = 0;
    app.post<{ Body: { basin?: unknown } | null }>('/dredging', async ({ body, headers }, reply) => {
      received += 1;
      const basin = body?.basin;
      if (typeof basin !== 'string' || !basins.includes(basin))
        throw new AccessDenied(422, 'field', 'A field is at fault', `/basin must be one of ${basins.join(', ')}`, {
          errors: [{ pointer: '/basin', detail: `must be one of ${basins.join(', ')}` }],
        });
      const key = headers['idempotency-key'] as string | undefined;
      const known = key === undefined ? undefined : byKey.get(key);
      if (known && known.basin !== basin)
        throw new AccessDenied(422, 'key', 'The key is taken', 'this idempotency key came with another order');
      const order = known ?? {
        id: randomUUID().slice(0, 8),
        basin,
        began: Date.now(),
        asked: 0,
        rocky: basin === 'rock basin',
      };
      orders.set(order.id, order);
      if (key !== undefined) byKey.set(key, order);
      return reply
        .code(202)
        .header('Location', `/dredging/${order.id}`)
        .send({ id: order.id, state: stateAt(ageOf(order), order) });
    });
    app.get<{ Params: { id: string } }>('/dredging/:id', async ({ params }) => {
      const order = orders.get(params.id);
      if (!order) throw notFound(`there is no order ${params.id}`);
      const age = ageOf(order);
      order.asked += 1;
      const done = Math.min(100, Math.max(0, Math.round(((age - queuedMs) / (doneMs - queuedMs)) * 100)));
      return { id: order.id, basin: order.basin, state: stateAt(age, order), percent: done };
    });
    app.delete<{ Params: { id: string } }>('/dredging/:id', async ({ params }, reply) => {
      if (!orders.delete(params.id)) throw notFound(`there is no order ${params.id}`);
      return reply.code(204).send();
    });
    app.get('/dredging', async () => ({ orders: orders.size, received }));
  },
  services: (origin) => [
    {
      name: 'dredging',
      about: 'orders that are queued, running, then done or failed; takes idempotency keys',
      address: `${origin}/dredging`,
    },
  ],
};

/** In milliseconds; held back in a stage that nobody has seen yet. */
const ageOf = ({ began, asked }: Order): number =>
  Math.min(Date.now() - began, asked === 0 ? queuedMs - 1 : asked === 1 ? doneMs - 1 : Number.POSITIVE_INFINITY);

function stateAt(age: number, { rocky }: Order): string {
  if (age < queuedMs) return 'queued';
  if (age < doneMs) return 'running';
  return rocky ? 'failed' : 'done';
}
