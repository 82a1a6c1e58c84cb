/**
 * Larkhaven Harbour: a made-up port authority as a vendor to practise on. It is a strict peer that
 * shares nothing with the tool.
 */
import { Ajv2020, type ErrorObject } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import fastify, { type FastifyInstance } from 'fastify';
import { stringify } from 'yaml';
import { boardService } from './board/service.js';
import { startBroken } from './broken/server.js';
import { chartService } from './chart/service.js';
import { customsService } from './customs/service.js';
import { dredgingService } from './dredging/service.js';
import { filingService } from './filing/service.js';
import { type Controller, startFleet } from './fleet/fleet.js';
import { gatewayService } from './gateway/service.js';
import { harbourDocument } from './harbour/openapi.js';
import { credentials, harbourRoutes } from './harbour/routes.js';
import { harbourState } from './harbour/state.js';
import { lightsService } from './lights/service.js';
import { locksService } from './locks/service.js';
import { logbookService } from './logbook/service.js';
import { mirrorService } from './mirror/service.js';
import { noticesService } from './notices/service.js';
import { olderService } from './older/service.js';
import { passesService } from './passes/service.js';
import { pilotageService } from './pilotage/service.js';
import { pilotsService } from './pilots/service.js';
import { plansService } from './plans/service.js';
import { AccessDenied, type FieldFault, notFound, sendRefusal } from './problem.js';
import { startSecure } from './secure/server.js';
import type { Service, ServiceModule } from './service.js';
import { signingKeys } from './signing/keys.js';
import { tidesService } from './tides/service.js';
import { triageService } from './triage/service.js';
import { uploadsService } from './uploads/service.js';
import { vaultService } from './vault/service.js';
import { visitorsService } from './visitors/service.js';

/** Beside the harbour's own, each a folder. */
const others: readonly ServiceModule[] = [
  pilotsService,
  customsService,
  olderService,
  tidesService,
  noticesService,
  chartService,
  visitorsService,
  uploadsService,
  vaultService,
  passesService,
  gatewayService,
  filingService,
  pilotageService,
  locksService,
  plansService,
  boardService,
  logbookService,
  lightsService,
  dredgingService,
  triageService,
  mirrorService,
];

export interface StandinSettings {
  /** 0 for a free one. */
  readonly port: number;
  readonly seed?: number | undefined;
  /** The TLS listeners and the server that breaks, too. */
  readonly more?: boolean;
  /** The light controllers, too: the port of the first, or 0 for free ones. */
  readonly fleet?: number | undefined;
}

export interface Standin {
  readonly origin: string;
  readonly services: readonly Service[];
  readonly credentials: { readonly user: string; readonly password: string };
  /** What the filing office gave the agent to sign with. */
  readonly filingKey: string;
  /** The light controllers; none unless they were asked for. */
  readonly controllers: readonly Controller[];
  close(): Promise<void>;
}

/** @throws the listening error, such as EADDRINUSE */
export async function startStandin({
  port,
  seed = 1,
  more = false,
  fleet: firstPort,
}: StandinSettings): Promise<Standin> {
  const app = fastify({
    logger: false,
    forceCloseConnections: true,
    exposeHeadRoutes: false,
    routerOptions: { ignoreTrailingSlash: false },
  });
  const body = new Ajv2020({ allErrors: true, useDefaults: true, strict: false });
  const query = new Ajv2020({ allErrors: true, useDefaults: true, coerceTypes: 'array', strict: false });
  for (const ajv of [body, query]) (addFormats as unknown as (to: Ajv2020) => void)(ajv);
  app.setValidatorCompiler(({ schema, httpPart }) => (httpPart === 'body' ? body : query).compile(schema as object));
  app.setErrorHandler((error, request, reply) => sendRefusal(reply, request.url, asRefusal(error)));

  const allowed = new Map<string, string[]>();
  app.addHook('onRoute', ({ url, method }) => {
    allowed.set(url, [...(allowed.get(url) ?? []), ...[method].flat()]);
  });
  const state = harbourState(seed);
  harbourRoutes(app, state);
  let origin = '';
  app.get('/openapi.json', async (_request, reply) =>
    reply.type('application/json').send(JSON.stringify(harbourDocument(origin), null, 2)),
  );
  app.get('/openapi.yaml', async (_request, reply) =>
    reply.type('application/yaml').send(stringify(harbourDocument(origin), { aliasDuplicateObjects: false })),
  );
  app.get('/', async () => ({ name: 'Larkhaven Harbour', documentation: `${origin}/openapi.yaml` }));
  for (const service of others) service.register(app, state, () => origin);
  const secure = more ? await startSecure() : undefined;
  const broken = more ? await startBroken() : undefined;
  if (secure) {
    app.get('/secure/root.pem', async (_request, reply) =>
      reply.type('application/x-pem-file').send(secure.certificates.root.certificate),
    );
  }
  refuseOtherMethods(app, allowed);

  try {
    await app.listen({ port, host: '127.0.0.1' });
  } catch (error) {
    await Promise.all([app.close(), secure?.close(), broken?.close()]);
    throw error;
  }
  const fleet = firstPort === undefined ? undefined : await startFleet({ first: firstPort });
  const address = app.server.address();
  origin = `http://127.0.0.1:${typeof address === 'object' && address ? address.port : port}`;
  return {
    origin,
    credentials,
    filingKey: signingKeys.filing.secret,
    controllers: fleet?.controllers ?? [],
    services: [
      { name: 'harbour', about: 'REST: vessels, berths, port calls; log in at /v1/sessions', address: `${origin}/v1` },
      {
        name: 'documentation',
        about: 'its OpenAPI 3.1 document, also as openapi.json',
        address: `${origin}/openapi.yaml`,
      },
      ...others.flatMap((service) => service.services(origin)),
      ...(broken
        ? [{ name: 'broken', about: 'breaks in every way; its front page lists them', address: broken.origin }]
        : []),
      ...(fleet
        ? [
            {
              name: 'controllers',
              about: `${fleet.controllers.length} light controllers, from here to ${fleet.controllers.at(-1)?.host}; one is not there`,
              address: `http://${fleet.controllers[0]?.host}/settings`,
            },
          ]
        : []),
      ...(secure
        ? [
            { name: 'secure', about: 'TLS; its root is at /secure/root.pem', address: secure.origins.trusted },
            ...(['expired', 'otherHost', 'selfSigned', 'client', 'http2'] as const).map((name) => ({
              name: '',
              about: secureAbout[name],
              address: secure.origins[name],
            })),
          ]
        : []),
    ],
    async close() {
      await Promise.all([app.close(), secure?.close(), broken?.close(), fleet?.close()]);
    },
  };
}

const secureAbout = {
  expired: 'its certificate has ended',
  otherHost: 'its certificate is for another host',
  selfSigned: 'its certificate is self-signed',
  client: 'wants a client certificate',
  http2: 'speaks HTTP/2',
} as const;

/** RFC 9110 section 15.5.6: a known address with a method that it does not have is 405 with `Allow`. */
function refuseOtherMethods(app: FastifyInstance, allowed: ReadonlyMap<string, readonly string[]>): void {
  const all = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];
  for (const [url, methods] of new Map(allowed)) {
    app.route({
      url,
      method: all.filter((method) => !methods.includes(method)),
      handler: async (request) => {
        throw new AccessDenied(
          405,
          'method',
          'Method not allowed',
          `${request.method} is not a method of ${request.url}`,
          {
            headers: { Allow: methods.join(', ') },
          },
        );
      },
    });
  }
  app.setNotFoundHandler((request, reply) => sendRefusal(reply, request.url, notFound(`nothing is at ${request.url}`)));
}

interface Failure extends Error {
  readonly statusCode?: number;
  readonly validation?: readonly ErrorObject[];
  readonly validationContext?: string;
}

function asRefusal(error: unknown): AccessDenied {
  if (error instanceof AccessDenied) return error;
  const { statusCode = 500, validation, validationContext, message } = error as Failure;
  if (validation && validationContext === 'body') {
    const errors = validation.map((fault): FieldFault => ({ pointer: pointerOf(fault), detail: wording(fault) }));
    return new AccessDenied(
      422,
      'field',
      'A field is at fault',
      errors.map(({ pointer, detail }) => `${pointer} ${detail}`).join('; '),
      { errors },
    );
  }
  if (validation) {
    const errors = validation.map(
      (fault): FieldFault => ({ parameter: pointerOf(fault).replace(/^\//, ''), detail: wording(fault) }),
    );
    return new AccessDenied(
      400,
      'parameter',
      'A parameter is at fault',
      errors.map(({ parameter, detail }) => `${parameter} ${detail}`).join('; '),
      { errors },
    );
  }
  if (statusCode === 415) return new AccessDenied(415, 'type', 'Unsupported media type', 'send application/json');
  if (statusCode >= 400 && statusCode < 500)
    return new AccessDenied(statusCode, 'malformed', 'Malformed request', message);
  return new AccessDenied(500, 'fault', 'Internal error', 'something went wrong in the harbour office');
}

function pointerOf({ instancePath, params }: ErrorObject): string {
  const own = (params.missingProperty ?? params.additionalProperty) as string | undefined;
  return own === undefined ? instancePath || '/' : `${instancePath}/${own}`;
}

function wording({ keyword, message = 'is wrong', params }: ErrorObject): string {
  if (keyword === 'required') return 'is missing';
  if (keyword === 'additionalProperties') return 'is not a field here';
  if (keyword === 'enum') return `must be one of ${(params.allowedValues as unknown[]).join(', ')}`;
  return message;
}
