/** The REST service: vessels, berths, port calls, and the desk where one logs in. */
import type { FastifyInstance, FastifyRequest } from 'fastify';
import { AccessDenied, notFound } from '../problem.js';
import { parts, schemas } from './schemas.js';
import { clausesOf, fitsClauses, searchFields, searchOperators } from './search.js';
import {
  type Berth,
  berthTaken,
  type CallWish,
  flags,
  type HarbourState,
  type PortCall,
  quays,
  shownCall,
  tokenLastsS,
  type Vessel,
  vesselKinds,
} from './state.js';

export const credentials = { user: 'agent', password: 'tidewater-42' } as const;

const paging = {
  limit: { type: 'integer', minimum: 1, maximum: 100, default: 25 },
  offset: { type: 'integer', minimum: 0, default: 0 },
};
const strictQuery = (properties: object): object => ({ type: 'object', additionalProperties: false, properties });

/** The user whose token came along. @throws Refusal 401 */
function requireToken(request: FastifyRequest, { sessions, now }: HarbourState): string {
  const token = /^Bearer (\S+)$/.exec(request.headers.authorization ?? '')?.[1];
  const session = token === undefined ? undefined : sessions.get(token);
  if (token !== undefined && session && session.ends > now().getTime()) return token;
  const problem = token === undefined ? '' : ', error="invalid_token"';
  throw new AccessDenied(
    401,
    'no-token',
    'Not logged in',
    token === undefined ? 'this call wants a bearer token' : 'the token is not known or has ended',
    {
      headers: { 'WWW-Authenticate': `Bearer realm="larkhaven"${problem}` },
    },
  );
}

export function harbourRoutes(app: FastifyInstance, state: HarbourState): void {
  const guard = async (request: FastifyRequest): Promise<void> => {
    requireToken(request, state);
  };

  app.post<{ Body: { user: string; password: string } }>(
    '/v1/sessions',
    { schema: { body: schemas.LogIn } },
    async (request, reply) => {
      const { user, password } = request.body;
      if (user !== credentials.user || password !== credentials.password) {
        throw new AccessDenied(401, 'wrong-credentials', 'Not logged in', 'the user or the password is wrong', {
          headers: { 'WWW-Authenticate': 'Bearer realm="larkhaven"' },
        });
      }
      const token = state.newToken();
      state.sessions.set(token, { user, ends: state.now().getTime() + tokenLastsS * 1000 });
      return reply.code(201).send({ token, user, expiresIn: tokenLastsS });
    },
  );

  app.delete('/v1/sessions/current', { preValidation: guard }, async (request, reply) => {
    state.sessions.delete(requireToken(request, state));
    return reply.code(204).send();
  });

  app.get<{ Querystring: { name?: string; kind?: string; flag?: string; limit: number; offset: number } }>(
    '/v1/vessels',
    {
      preValidation: guard,
      schema: {
        querystring: strictQuery({
          name: { type: 'string', minLength: 2 },
          kind: { enum: vesselKinds },
          flag: { enum: flags },
          ...paging,
        }),
      },
    },
    async ({ query: { name, kind, flag, limit, offset } }) => {
      const fits = (vessel: Vessel): boolean =>
        (name === undefined || vessel.name.toLowerCase().includes(name.toLowerCase())) &&
        (kind === undefined || vessel.kind === kind) &&
        (flag === undefined || vessel.flag === flag);
      const found = [...state.vessels.values()].filter(fits).sort((a, b) => (a.name < b.name ? -1 : 1));
      return { items: found.slice(offset, offset + limit), total: found.length };
    },
  );

  app.get('/v1/register/terms', { preValidation: guard }, async () => ({
    fields: searchFields.map((name) => ({ name })),
    operators: Object.entries(searchOperators).map(([word, about]) => ({ word, about })),
  }));

  app.get<{ Querystring: { where: string } }>(
    '/v1/register',
    {
      preValidation: guard,
      schema: { querystring: { ...strictQuery({ where: { type: 'string', minLength: 1 } }), required: ['where'] } },
    },
    async ({ query: { where } }) => {
      const clauses = clausesOf(where);
      const items = [...state.vessels.values()].filter((vessel) => fitsClauses(vessel, clauses));
      return { items, total: items.length };
    },
  );

  app.get<{ Params: { imo: string } }>('/v1/vessels/:imo', { preValidation: guard }, async ({ params: { imo } }) =>
    vesselOf(imo),
  );

  app.get<{ Querystring: { free?: boolean; length?: number; quay?: string[] } }>(
    '/v1/berths',
    {
      preValidation: guard,
      schema: {
        querystring: strictQuery({
          free: { type: 'boolean' },
          length: { type: 'number', minimum: 0 },
          quay: { type: 'array', items: { enum: quays } },
        }),
      },
    },
    async ({ query: { free, length, quay } }) => {
      const items = [...state.berths.values()]
        .map(shownBerth)
        .filter(
          (berth) =>
            (free === undefined || berth.free === free) &&
            (length === undefined || berth.lengthM >= length) &&
            (quay === undefined || quay.includes(berth.quay)),
        )
        .sort((a, b) => (a.code < b.code ? -1 : 1));
      return { items, total: items.length };
    },
  );

  app.get<{ Params: { code: string } }>('/v1/berths/:code', { preValidation: guard }, async ({ params: { code } }) => {
    const berth = state.berths.get(code);
    if (!berth) throw notFound(`there is no berth ${code}`);
    return shownBerth(berth);
  });

  app.post<{ Params: { imo: string }; Body: CallWish }>(
    '/v1/vessels/:imo/calls',
    { preValidation: guard, schema: { body: schemas.NewPortCall } },
    async (request, reply) => {
      const { imo } = vesselOf(request.params.imo);
      const wish = completed(request.body);
      requireBerth(wish.berth, imo);
      const id = state.nextCallId();
      const now = state.now().toISOString();
      const call: PortCall = { ...wish, id, imo, created: now, updated: now };
      state.calls.set(id, call);
      return reply.code(201).header('Location', `/v1/calls/${id}`).send(shownCall(call, state));
    },
  );

  app.get<{ Querystring: { imo?: string; berth?: string; state?: string; limit: number; offset: number } }>(
    '/v1/calls',
    {
      preValidation: guard,
      schema: {
        querystring: strictQuery({
          imo: parts.imo,
          berth: parts.berthCode,
          state: { enum: ['requested', 'confirmed'] },
          ...paging,
        }),
      },
    },
    async ({ query }) => {
      const found = [...state.calls.values()]
        .filter(
          (call) =>
            (query.imo === undefined || call.imo === query.imo) &&
            (query.berth === undefined || call.berth === query.berth),
        )
        .map((call) => shownCall(call, state) as { state: string })
        .filter((call) => query.state === undefined || call.state === query.state);
      return { items: found.slice(query.offset, query.offset + query.limit), total: found.length };
    },
  );

  type WithCall = { Params: { id: string } };
  app.get<WithCall>('/v1/calls/:id', { preValidation: guard }, async ({ params: { id } }) =>
    shownCall(callOf(id), state),
  );

  app.put<WithCall & { Body: CallWish }>(
    '/v1/calls/:id',
    { preValidation: guard, schema: { body: schemas.PortCallReplacement } },
    async (request) => changed(callOf(request.params.id), completed(request.body)),
  );

  app.patch<WithCall & { Body: Partial<CallWish> }>(
    '/v1/calls/:id',
    { preValidation: guard, schema: { body: schemas.PortCallAmendment } },
    async (request) => changed(callOf(request.params.id), request.body),
  );

  app.delete<WithCall>('/v1/calls/:id', { preValidation: guard }, async (request, reply) => {
    state.calls.delete(callOf(request.params.id).id);
    return reply.code(204).send();
  });

  function vesselOf(imo: string): Vessel {
    const vessel = state.vessels.get(imo);
    if (!vessel) throw notFound(`there is no vessel ${imo} in the register`);
    return vessel;
  }

  function callOf(id: string): PortCall {
    const call = state.calls.get(id);
    if (!call) throw notFound(`there is no port call ${id}`);
    return call;
  }

  function shownBerth(berth: Berth): Berth & { free: boolean } {
    return { ...berth, free: !berthTaken(berth.code, state) };
  }

  function requireBerth(code: string, imo: string, besides?: string): void {
    const berth = state.berths.get(code);
    const fault = (detail: string): AccessDenied =>
      new AccessDenied(422, 'field', 'A field is at fault', detail, { errors: [{ pointer: '/berth', detail }] });
    if (!berth) throw fault(`there is no berth ${code}`);
    const vessel = vesselOf(imo);
    if (vessel.lengthM > berth.lengthM)
      throw fault(`${vessel.name} is ${vessel.lengthM} m long, berth ${code} takes ${berth.lengthM} m`);
    if (berthTaken(code, state, besides))
      throw new AccessDenied(409, 'berth-taken', 'The berth is taken', `berth ${code} is taken`);
  }

  function changed(call: PortCall, wish: Partial<CallWish>): object {
    if (wish.berth !== undefined) requireBerth(wish.berth, call.imo, call.id);
    const next: PortCall = { ...call, ...wish, updated: state.now().toISOString() };
    state.calls.set(call.id, next);
    return shownCall(next, state);
  }

  function completed({ arrival, ...wish }: CallWish): CallWish {
    const tomorrow = new Date(state.now().getTime() + 86_400_000);
    tomorrow.setUTCHours(6, 0, 0, 0);
    return { ...wish, arrival: arrival ?? tomorrow.toISOString() };
  }
}
