/** The GraphQL service: the pilot rota, with a connection, a union, an interface, a mutation and partial errors. */
import { buildSchema, GraphQLError, type GraphQLScalarType, Kind } from 'graphql';
import { createHandler } from 'graphql-http/lib/use/fastify';
import type { ServiceModule } from '../service.js';
import { pilotSchema } from './schema.js';

interface Pilot {
  readonly id: string;
  readonly name: string;
  readonly licence: string;
  readonly onDuty: boolean;
}

interface Boarding {
  readonly id: string;
  readonly day: string;
  readonly imo: string;
  readonly pilot: string;
}

const pilots: readonly Pilot[] = [
  { id: 'P1', name: 'Ansa Tolvik', licence: 'FIRST', onDuty: true },
  { id: 'P2', name: 'Berit Marlow', licence: 'SECOND', onDuty: false },
  { id: 'P3', name: 'Corin Ashdale', licence: 'THIRD', onDuty: true },
  { id: 'P4', name: 'Dagny Fenwright', licence: 'FIRST', onDuty: true },
  { id: 'P5', name: 'Eskil Rowanmoor', licence: 'SECOND', onDuty: true },
];

const dayPattern = /^\d{4}-\d\d-\d\d$/;

export const pilotsService: ServiceModule = {
  register(app, state) {
    const schema = buildSchema(pilotSchema);
    const day = schema.getType('Day') as GraphQLScalarType;
    const readDay = (value: unknown): string => {
      if (typeof value === 'string' && dayPattern.test(value)) return value;
      throw new GraphQLError(`a day is written 2026-11-24, not ${JSON.stringify(value)}`);
    };
    day.parseValue = readDay;
    day.parseLiteral = (node) => readDay(node.kind === Kind.STRING ? node.value : undefined);
    const boardings = new Map<string, Boarding>([['B1', { id: 'B1', day: '2026-11-24', imo: '9000003', pilot: 'P1' }]]);
    let count = 1;

    const shownPilot = (pilot: Pilot): object => ({
      __typename: 'Pilot',
      ...pilot,
      grade: pilot.licence.toLowerCase(),
      phone: () => {
        if (pilot.onDuty) return `+00 5550 ${pilot.id.slice(1).padStart(4, '0')}`;
        throw new GraphQLError(`${pilot.name} is not on duty`, { extensions: { code: 'OFF_DUTY' } });
      },
      rota: ({ day: wanted }: { day?: string }) => entries(wanted).filter((one) => one.of === pilot.id),
    });
    const pilotOf = (id: string): object | null => {
      const pilot = pilots.find((one) => one.id === id);
      return pilot ? shownPilot(pilot) : null;
    };
    const entries = (wanted: string | undefined): { of: string }[] => [
      ...[...boardings.values()]
        .filter((one) => wanted === undefined || one.day === wanted)
        .map((one) => ({ __typename: 'Boarding', ...one, of: one.pilot, pilot: () => pilotOf(one.pilot) })),
      ...pilots
        .filter(({ onDuty }) => !onDuty)
        .map(({ id }) => ({
          __typename: 'Rest',
          day: wanted ?? '2026-11-24',
          hours: 12,
          of: id,
          pilot: () => pilotOf(id),
        })),
    ];
    const requireToken = (authorization: string | undefined): void => {
      const session = state.sessions.get(/^Bearer (\S+)$/.exec(authorization ?? '')?.[1] ?? '');
      if (!session || session.ends <= state.now().getTime())
        throw new GraphQLError('a change of the rota wants a token of the harbour desk', {
          extensions: { code: 'NOT_LOGGED_IN' },
        });
    };

    type Given = { first: number; after?: string; filter?: { licence?: string; onDuty?: boolean; name?: string } };
    const root = {
      pilots({ first, after, filter = {} }: Given) {
        const fitting = pilots.filter(
          ({ licence, onDuty, name }) =>
            (filter.licence === undefined || licence === filter.licence) &&
            (filter.onDuty === undefined || onDuty === filter.onDuty) &&
            (filter.name === undefined || name.includes(filter.name)),
        );
        if (first < 1 || first > 100) throw new GraphQLError('first is between 1 and 100');
        const from = after === undefined ? 0 : fitting.findIndex(({ id }) => cursorOf(id) === after) + 1;
        if (after !== undefined && from === 0) throw new GraphQLError('after is no cursor of this list');
        const page = fitting.slice(from, from + first);
        const last = page.at(-1);
        return {
          edges: page.map((pilot) => ({ cursor: cursorOf(pilot.id), node: shownPilot(pilot) })),
          pageInfo: { hasNextPage: from + first < fitting.length, endCursor: last ? cursorOf(last.id) : null },
          totalCount: fitting.length,
        };
      },
      pilot: ({ id }: { id: string }) => pilotOf(id),
      staff: () => [
        ...pilots.map(shownPilot),
        { __typename: 'Dispatcher', id: 'D1', name: 'Ylva Saltmere', desk: 'north quay' },
      ],
      rota: ({ day: wanted }: { day: string }) => entries(wanted),
      bookPilot({ input }: { input: Omit<Boarding, 'id'> }, { authorization }: { authorization?: string }) {
        requireToken(authorization);
        const pilot = pilots.find(({ id }) => id === input.pilot);
        if (!pilot) return { boarding: null, refused: `there is no pilot ${input.pilot}` };
        if (!state.vessels.has(input.imo))
          return { boarding: null, refused: `no vessel has the IMO number ${input.imo}` };
        if (!pilot.onDuty) return { boarding: null, refused: `${pilot.name} is not on duty` };
        count += 1;
        const made: Boarding = { id: `B${count}`, ...input };
        boardings.set(made.id, made);
        return { boarding: { ...made, pilot: () => pilotOf(made.pilot) }, refused: null };
      },
      cancelBoarding({ id }: { id: string }, { authorization }: { authorization?: string }) {
        requireToken(authorization);
        return boardings.delete(id);
      },
    };
    const handler = createHandler({
      schema,
      rootValue: root,
      context: ({ headers }) => ({ authorization: (headers as Record<string, string | undefined>).authorization }),
    });
    app.route({ url: '/graphql', method: ['GET', 'POST'], handler });
    app.get('/graphql/schema', async (_request, reply) => reply.type('text/plain; charset=utf-8').send(pilotSchema));
  },
  services: (origin) => [
    {
      name: 'pilots',
      about: 'GraphQL: the pilot rota; the schema also at /graphql/schema',
      address: `${origin}/graphql`,
    },
  ],
};

const cursorOf = (id: string): string => Buffer.from(`pilot ${id}`).toString('base64url');
