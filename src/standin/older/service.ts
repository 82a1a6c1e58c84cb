/** The version of the harbour's API before this one, still there for reading, described in OpenAPI 2.0. */

import { quays } from '../harbour/state.js';
import { AccessDenied, notFound } from '../problem.js';
import type { ServiceModule } from '../service.js';

export const olderService: ServiceModule = {
  register(app, { vessels, berths }, origin) {
    app.get('/v0/openapi.json', async () => document(origin()));
    app.get<{ Querystring: { quay?: string | string[] } }>('/v0/berths', async ({ query }) => {
      const wanted = [query.quay ?? []].flat().flatMap((one) => one.split(','));
      const unknown = wanted.find((one) => !quays.includes(one as (typeof quays)[number]));
      if (unknown !== undefined)
        throw new AccessDenied(400, 'parameter', 'A parameter is at fault', `there is no quay ${unknown}`);
      return [...berths.values()]
        .filter(({ quay }) => wanted.length === 0 || wanted.includes(quay))
        .map(({ code, quay }) => ({ code, quay }));
    });
    app.get<{ Params: { imo: string } }>('/v0/vessels/:imo', async ({ params }) => {
      const vessel = vessels.get(params.imo);
      if (!vessel) throw notFound(`no vessel has the IMO number ${params.imo}`);
      return { imo: Number(vessel.imo), name: vessel.name, kind: vessel.kind };
    });
    app.post<{ Body: { text?: unknown; until?: unknown } }>('/v0/notices', async ({ body }, reply) => {
      if (typeof body?.text !== 'string' || body.text === '')
        throw new AccessDenied(422, 'field', 'A field is at fault', '/text is missing');
      return reply.code(201).send({ id: 1, text: body.text, until: body.until ?? null });
    });
  },
  services: (origin) => [
    { name: 'older', about: 'the version before, described in OpenAPI 2.0', address: `${origin}/v0/openapi.json` },
  ],
};

function document(origin: string): object {
  const { host, protocol } = new URL(origin);
  return {
    swagger: '2.0',
    info: {
      title: 'Larkhaven Harbour, the older version',
      version: '0.9',
      description: 'For reading only; ends in 2027.',
    },
    host,
    basePath: '/v0',
    schemes: [protocol.replace(':', '')],
    consumes: ['application/json'],
    produces: ['application/json'],
    paths: {
      '/berths': {
        get: {
          operationId: 'oldBerths',
          tags: ['berths'],
          summary: 'List the berths of some quays',
          deprecated: true,
          parameters: [
            {
              name: 'quay',
              in: 'query',
              type: 'array',
              collectionFormat: 'csv',
              items: { type: 'string', enum: [...quays] },
              description: 'Only these quays',
            },
          ],
          responses: {
            200: { description: 'The berths', schema: { type: 'array', items: { $ref: '#/definitions/Place' } } },
          },
        },
      },
      '/vessels/{imo}': {
        get: {
          operationId: 'oldVessel',
          tags: ['vessels'],
          summary: 'Show a vessel, its number as a number',
          parameters: [{ name: 'imo', in: 'path', required: true, type: 'integer' }],
          responses: {
            200: { description: 'The vessel', schema: { $ref: '#/definitions/OldVessel' } },
            404: { description: 'There is none' },
          },
        },
      },
      '/notices': {
        post: {
          operationId: 'postNotice',
          tags: ['notices'],
          summary: 'Put a notice on the board',
          parameters: [{ name: 'notice', in: 'body', required: true, schema: { $ref: '#/definitions/Notice' } }],
          responses: { 201: { description: 'It hangs there', schema: { $ref: '#/definitions/Notice' } } },
        },
      },
    },
    definitions: {
      Place: {
        type: 'object',
        required: ['code', 'quay'],
        properties: { code: { type: 'string', example: 'N1' }, quay: { type: 'string', enum: [...quays] } },
      },
      OldVessel: {
        type: 'object',
        required: ['imo', 'name'],
        properties: {
          imo: { type: 'integer', example: 9000017 },
          name: { type: 'string', example: 'Amber Tern' },
          kind: { type: 'string' },
        },
      },
      Notice: {
        type: 'object',
        required: ['text'],
        properties: {
          id: { type: 'integer', readOnly: true },
          text: { type: 'string', maxLength: 200, example: 'Mole closed at noon' },
          until: { type: 'string', format: 'date' },
        },
      },
    },
  };
}
