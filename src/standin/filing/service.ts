/** The filing office: manifests are filed under its own seal, a keyed digest over a few lines. */
import { createHmac } from 'node:crypto';
import type { FastifyRequest } from 'fastify';
import { stringify } from 'yaml';
import { AccessDenied } from '../problem.js';
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
import { filingDocument } from './openapi.js';

export const filingService: ServiceModule = {
  register(app, _state, origin) {
    const once = onlyOnce();
    const manifests: { number: string; desk: string; vessel: string; cargo: string; tonnes: number }[] = [];
    const counts = { sealed: 0, refused: 0 };
    app.get('/filing/openapi.yaml', async (_request, reply) =>
      reply.type('application/yaml').send(stringify(filingDocument(origin()))),
    );
    app.get('/filing/counts', async () => counts);
    app.register(async (scope) => {
      takesBytes(scope);
      scope.addHook('preHandler', async (request) => {
        try {
          requireSeal(request, once);
          counts.sealed += 1;
        } catch (error) {
          counts.refused += 1;
          throw error;
        }
      });
      scope.get<{ Querystring: { vessel?: string } }>('/filing/manifests', async ({ query: { vessel } }) => ({
        items: manifests.filter((one) => vessel === undefined || one.vessel === vessel),
      }));
      scope.put<{ Params: { name: string } }>('/filing/plans/:name', async (request, reply) =>
        reply
          .code(201)
          .send({ name: request.params.name, size: bodyOf(request).length, sha256: sha256(bodyOf(request)) }),
      );
      scope.post('/filing/manifests', async (request, reply) => {
        const given = manifestIn(bodyOf(request));
        const filed = {
          number: `M-${String(manifests.length + 1).padStart(4, '0')}`,
          desk: String(request.headers['x-office-desk']),
          ...given,
        };
        manifests.push(filed);
        return reply.code(201).header('Location', `/filing/manifests/${filed.number}`).send(filed);
      });
    });
  },
  services: (origin) => [
    {
      name: 'filing',
      about: `manifests under the office's own seal; the key ${signingKeys.filing.id} is ${signingKeys.filing.secret}`,
      address: `${origin}/filing/openapi.yaml`,
    },
  ],
};

function manifestIn(bytes: Buffer): { vessel: string; cargo: string; tonnes: number } {
  try {
    const { vessel, cargo, tonnes, ...rest } = JSON.parse(bytes.toString('utf8')) as Record<string, unknown>;
    if (
      typeof vessel === 'string' &&
      typeof cargo === 'string' &&
      typeof tonnes === 'number' &&
      Object.keys(rest).length === 0
    )
      return { vessel, cargo, tonnes };
  } catch {
    // Said below.
  }
  throw new AccessDenied(422, 'field', 'A field is at fault', 'a manifest has vessel, cargo and tonnes, a number');
}

/** @throws Refusal */
function requireSeal(request: FastifyRequest, once: (seal: string) => boolean): void {
  const header = (name: string): string => String(request.headers[name] ?? '');
  const [, id = '', seal = ''] = /^id=([^;]*); seal=([A-Za-z0-9+/=]+)$/.exec(header('x-office-seal')) ?? [];
  const { path, query } = targetOf(request);
  const base = [
    path,
    request.method,
    sortedQuery(query),
    `x-office-desk:${header('x-office-desk')}`,
    `x-office-time:${header('x-office-time')}`,
    sha256(bodyOf(request)),
  ].join('\n');
  if (seal === '') throw refusal(request, 'no seal', base);
  if (id !== signingKeys.filing.id) throw refusal(request, 'unknown key');
  if (!isFresh(stampSeconds(header('x-office-time')))) throw refusal(request, 'stale', base);
  const expected = createHmac('sha256', signingKeys.filing.secret).update(base).digest('base64');
  if (!sameText(seal, expected)) throw refusal(request, 'seal does not fit', base);
  if (!once(seal)) throw refusal(request, 'used before');
}
