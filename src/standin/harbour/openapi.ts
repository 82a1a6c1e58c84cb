/** The harbour's own OpenAPI 3.1 document, in full. */
import { parts, schemas } from './schemas.js';
import { flags, quays, vesselKinds } from './state.js';

const ref = (name: keyof typeof schemas) => ({ $ref: `#/components/schemas/${name}` });
const json = (schema: object) => ({ 'application/json': { schema } });
const refusal = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: ref('Problem') } },
});
const path = (name: string, schema: object) => ({ name, in: 'path', required: true, schema });
const query = (name: string, description: string, schema: object, required = false) => ({
  name,
  in: 'query',
  required,
  description,
  schema,
});
const list = (name: keyof typeof schemas) => ({
  type: 'object',
  required: ['items', 'total'],
  properties: {
    items: { type: 'array', items: ref(name) },
    total: { type: 'integer', description: 'How many there are in all' },
  },
});

const usual = {
  401: refusal('No token, or one that has ended'),
};
const limit = query('limit', 'At most so many items', { type: 'integer', minimum: 1, maximum: 100, default: 25 });
const offset = query('offset', 'Leave out so many items first', { type: 'integer', minimum: 0, default: 0 });

/** @param origin where the document says that the server is */
export function harbourDocument(origin: string): object {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Larkhaven Harbour',
      version: '1.4.0',
      summary: 'Vessels, berths and port calls of a made-up harbour',
      description:
        'Log in, find a vessel and a free berth, and book a port call. Every call but the log-in wants a token.',
    },
    servers: [{ url: `${origin}/v1`, description: 'This stand-in' }],
    security: [{ deskToken: [] }],
    tags: [
      { name: 'desk', description: 'Logging in and out' },
      { name: 'vessels', description: 'The register of vessels' },
      { name: 'berths', description: 'Places at the quays' },
      { name: 'calls', description: 'Port calls' },
    ],
    paths: {
      '/sessions': {
        post: {
          operationId: 'logIn',
          tags: ['desk'],
          summary: 'Log in at the harbour desk',
          description:
            'Gives a token that is good for half an hour. It is sent with every other call as a bearer token.',
          security: [],
          requestBody: { required: true, content: json(ref('LogIn')) },
          responses: {
            201: { description: 'Logged in', content: json(ref('Session')) },
            401: refusal('Wrong user or password'),
            422: refusal('A field is at fault'),
          },
        },
      },
      '/sessions/current': {
        delete: {
          operationId: 'logOut',
          tags: ['desk'],
          summary: 'Log out',
          description: 'The token is good for nothing afterwards.',
          responses: { 204: { description: 'Logged out' }, ...usual },
        },
      },
      '/vessels': {
        get: {
          operationId: 'listVessels',
          tags: ['vessels'],
          summary: 'List the vessels in the register',
          parameters: [
            query('name', 'A part of the name, in any case', { type: 'string', minLength: 2 }),
            query('kind', 'Only this kind', { type: 'string', enum: [...vesselKinds] }),
            query('flag', 'Only this flag', { type: 'string', enum: [...flags] }),
            limit,
            offset,
          ],
          responses: {
            200: { description: 'Vessels by name', content: json(list('Vessel')) },
            400: refusal('A parameter is at fault'),
            ...usual,
          },
        },
      },
      '/register': {
        get: {
          operationId: 'searchRegister',
          tags: ['vessels'],
          summary: 'Search the register of vessels by clauses',
          description: 'Which fields and operators the clauses take is told by /register/terms.',
          parameters: [
            query(
              'where',
              "Clauses joined by and, texts in single quotes: flag is 'Merrow Isles' and lengthM above 80",
              { type: 'string', minLength: 1 },
              true,
            ),
          ],
          responses: {
            200: { description: 'Vessels that fit', content: json(list('Vessel')) },
            400: refusal('The clauses cannot be read'),
            ...usual,
          },
        },
      },
      '/register/terms': {
        get: {
          operationId: 'listSearchTerms',
          tags: ['vessels'],
          summary: 'List the fields and operators of the search',
          responses: {
            200: { description: 'What clauses may name', content: json(ref('SearchTerms')) },
            ...usual,
          },
        },
      },
      '/vessels/{imo}': {
        parameters: [path('imo', parts.imo)],
        get: {
          operationId: 'showVessel',
          tags: ['vessels'],
          summary: 'Show a vessel',
          responses: {
            200: { description: 'The vessel', content: json(ref('Vessel')) },
            404: refusal('No such vessel'),
            ...usual,
          },
        },
      },
      '/vessels/{imo}/calls': {
        parameters: [path('imo', parts.imo)],
        post: {
          operationId: 'bookCall',
          tags: ['calls'],
          summary: 'Book a port call for a vessel',
          description: 'The berth must be free and large enough. The harbour office confirms the call a moment later.',
          requestBody: { required: true, content: json(ref('NewPortCall')) },
          responses: {
            201: {
              description: 'Booked',
              headers: { Location: { description: 'The address of the port call', schema: { type: 'string' } } },
              content: json(ref('PortCall')),
            },
            404: refusal('No such vessel'),
            409: refusal('The berth is taken'),
            422: refusal('A field is at fault'),
            ...usual,
          },
        },
      },
      '/berths': {
        get: {
          operationId: 'listBerths',
          tags: ['berths'],
          summary: 'List the berths',
          parameters: [
            query('free', 'Only berths that are free, or only those that are not', { type: 'boolean' }),
            query('length', 'Only berths that take a vessel of so many metres', { type: 'number', minimum: 0 }),
            query('quay', 'Only these quays', { type: 'array', items: { type: 'string', enum: [...quays] } }),
          ],
          responses: {
            200: { description: 'Berths by code', content: json(list('Berth')) },
            400: refusal('A parameter is at fault'),
            ...usual,
          },
        },
      },
      '/berths/{code}': {
        parameters: [path('code', parts.berthCode)],
        get: {
          operationId: 'showBerth',
          tags: ['berths'],
          summary: 'Show a berth',
          responses: {
            200: { description: 'The berth', content: json(ref('Berth')) },
            404: refusal('No such berth'),
            ...usual,
          },
        },
      },
      '/calls': {
        get: {
          operationId: 'listCalls',
          tags: ['calls'],
          summary: 'List the port calls',
          parameters: [
            query('imo', 'Only calls of this vessel', parts.imo),
            query('berth', 'Only calls at this berth', parts.berthCode),
            query('state', 'Only calls in this state', { type: 'string', enum: ['requested', 'confirmed'] }),
            limit,
            offset,
          ],
          responses: {
            200: { description: 'Port calls, the oldest first', content: json(list('PortCall')) },
            400: refusal('A parameter is at fault'),
            ...usual,
          },
        },
      },
      '/calls/{id}': {
        parameters: [path('id', parts.id)],
        get: {
          operationId: 'showCall',
          tags: ['calls'],
          summary: 'Show a port call',
          responses: {
            200: { description: 'The port call', content: json(ref('PortCall')) },
            404: refusal('No such port call'),
            ...usual,
          },
        },
        put: {
          operationId: 'replaceCall',
          tags: ['calls'],
          summary: 'Replace a port call',
          requestBody: { required: true, content: json(ref('PortCallReplacement')) },
          responses: {
            200: { description: 'Replaced', content: json(ref('PortCall')) },
            404: refusal('No such port call'),
            409: refusal('The berth is taken'),
            422: refusal('A field is at fault'),
            ...usual,
          },
        },
        patch: {
          operationId: 'amendCall',
          tags: ['calls'],
          summary: 'Amend a port call in part',
          requestBody: { required: true, content: json(ref('PortCallAmendment')) },
          responses: {
            200: { description: 'Amended', content: json(ref('PortCall')) },
            404: refusal('No such port call'),
            409: refusal('The berth is taken'),
            422: refusal('A field is at fault'),
            ...usual,
          },
        },
        delete: {
          operationId: 'cancelCall',
          tags: ['calls'],
          summary: 'Cancel a port call',
          description: 'The berth is free again, and the call is gone.',
          responses: { 204: { description: 'Cancelled' }, 404: refusal('No such port call'), ...usual },
        },
      },
    },
    components: {
      schemas,
      securitySchemes: { deskToken: { type: 'http', scheme: 'bearer', description: 'The token of the log-in' } },
    },
  };
}
