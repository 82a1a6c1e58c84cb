/**
 * GraphQL: documents executed against the schema of a source, over HTTP, and subscriptions as server-sent events. What a
 * mutation is given is remembered by the type and the identifier of what it returns.
 */
import {
  type ExecutionResult,
  execute,
  type GraphQLFieldResolver,
  type GraphQLNamedType,
  type GraphQLOutputType,
  type GraphQLSchema,
  getNamedType,
  isAbstractType,
  isEnumType,
  isListType,
  isNonNullType,
  isObjectType,
  OperationTypeNode,
  parse,
  validate,
} from 'graphql';
import { readSource } from '../../collection/sources/indexing.js';
import type { SourceCatalogue } from '../../collection/sources/source-catalogue.js';
import { schemaOf } from '../../documentation/formats/graphql/read.js';
import { ownMember } from '../../value/own-member.js';
import { seedFor } from '../../value/seeded.js';
import { isValueMap, type Value } from '../../value/written.js';
import { inventedValue } from '../invent.js';
import type { RehearsedRequest, RehearsedResponse } from '../messages.js';
import { faultHeader, headerText } from '../refusal.js';
import { laidOver } from '../remembering/memory.js';

interface Asked {
  readonly query: string;
  readonly variables: Readonly<Record<string, unknown>>;
  readonly operationName: string | undefined;
}

/** @returns undefined where it is no call of GraphQL */
export function graphqlCall({ method, target, headers, body }: RehearsedRequest): Asked | undefined {
  if (method === 'GET') {
    const query = new URLSearchParams(target.split('?')[1] ?? '');
    return asked({
      query: query.get('query'),
      variables: parsed(query.get('variables') ?? '{}'),
      operationName: query.get('operationName'),
    });
  }
  if (method !== 'POST' || !/[/+]json\b/.test(headers.get('content-type') ?? '')) return undefined;
  return asked(parsed(Buffer.from(body).toString('utf8')));
}

function asked(given: unknown): Asked | undefined {
  if (!isValueMap(given as Value)) return undefined;
  const { query, variables, operationName } = given as {
    query?: unknown;
    variables?: unknown;
    operationName?: unknown;
  };
  if (typeof query !== 'string' || !/[{]/.test(query)) return undefined;
  return {
    query,
    variables: isValueMap((variables ?? {}) as Value) ? ((variables ?? {}) as Readonly<Record<string, unknown>>) : {},
    operationName: typeof operationName === 'string' ? operationName : undefined,
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** Events of a subscription, before it is complete. */
const events = 3;

/** One source of GraphQL. */
export class GraphqlRehearsal {
  private readonly known = new Map<string, Readonly<Record<string, Value>>>();

  private constructor(
    private readonly schema: GraphQLSchema,
    private readonly source: string,
    private readonly seed: number,
  ) {}

  /** @throws Problem document-unreadable */
  static async open(shelf: SourceCatalogue, source: string, seed: number): Promise<GraphqlRehearsal> {
    return new GraphqlRehearsal(schemaOf((await readSource(shelf, source)).main), source, seed);
  }

  /** Whether the document fits this schema. */
  fits({ query }: Asked): boolean {
    try {
      return validate(this.schema, parse(query)).length === 0;
    } catch {
      return false;
    }
  }

  async respond(call: Asked, request: RehearsedRequest): Promise<RehearsedResponse> {
    const made = (status: number, result: ExecutionResult, faults?: readonly string[]): RehearsedResponse => ({
      status,
      headers: {
        'content-type': 'application/json; charset=utf-8',
        ...(faults && {
          [faultHeader]: headerText(faults.join('; ')),
        }),
      },
      body: JSON.stringify(result),
      from: faults ? 'refusal' : 'made up',
      ...(faults && { faults }),
      operation: this.source,
    });
    let document: ReturnType<typeof parse>;
    try {
      document = parse(call.query);
    } catch (error) {
      const message = (error as Error).message;
      return made(400, { errors: [error] } as ExecutionResult, [message]);
    }
    const errors = validate(this.schema, document);
    if (errors.length > 0)
      return made(
        400,
        { errors },
        errors.map(({ message }) => message),
      );
    const operation = document.definitions.find(
      (one) =>
        one.kind === 'OperationDefinition' &&
        (call.operationName === undefined || one.name?.value === call.operationName),
    );
    const kind = operation?.kind === 'OperationDefinition' ? operation.operation : OperationTypeNode.QUERY;
    const run = async (turn: number): Promise<ExecutionResult> =>
      await execute({
        schema: this.schema,
        document,
        rootValue: {},
        variableValues: call.variables,
        operationName: call.operationName,
        fieldResolver: this.resolver(turn),
        typeResolver: (value) => (value as { __typename?: string }).__typename,
      });
    if (kind !== OperationTypeNode.SUBSCRIPTION) {
      const result = await run(0);
      return made(200, result, result.data ? undefined : result.errors?.map(({ message }) => message));
    }
    if (!/text\/event-stream/.test(request.headers.get('accept') ?? ''))
      return made(406, { errors: [] }, ['a subscription needs Accept: text/event-stream']);
    const stream: string[] = [];
    for (let turn = 1; turn <= events; turn += 1)
      stream.push(`event: next\ndata: ${JSON.stringify(await run(turn))}\n\n`);
    stream.push('event: complete\ndata:\n\n');
    return {
      status: 200,
      headers: { 'content-type': 'text/event-stream' },
      body: '',
      stream,
      from: 'made up',
      operation: this.source,
    };
  }

  private resolver(turn: number): GraphQLFieldResolver<unknown, unknown> {
    return (parent, given, _context, info) => {
      const above = parent as Readonly<Record<string, Value>>;
      const own = Object.hasOwn(above, info.fieldName) ? ownMember(above, info.fieldName) : undefined;
      if (own !== undefined) return own;
      const place = `${this.source} ${info.parentType.name} ${JSON.stringify(ownMember(above, 'id') ?? null)} ${info.fieldName} ${turn}`;
      return this.made(
        info.returnType,
        info.fieldName,
        given as Readonly<Record<string, Value>>,
        place,
        info.operation.operation === 'mutation',
      );
    };
  }

  private made(
    type: GraphQLOutputType,
    name: string,
    given: Readonly<Record<string, Value>>,
    place: string,
    changes: boolean,
  ): unknown {
    if (isNonNullType(type)) return this.made(type.ofType, name, given, place, changes);
    if (isListType(type)) {
      const asked = [given.first, given.limit, given.last].find((one) => typeof one === 'number');
      const count = typeof asked === 'number' ? Math.max(0, Math.min(asked, 3)) : 2;
      return Array.from({ length: count }, (_, index) =>
        this.made(type.ofType, name.replace(/s$/, ''), given, `${place} ${index}`, changes),
      );
    }
    const named = getNamedType(type);
    if (isAbstractType(named)) {
      const [first] = this.schema.getPossibleTypes(named);
      return first ? this.thing(first, given, place, changes) : null;
    }
    if (isObjectType(named)) return this.thing(named, given, place, changes);
    return this.leaf(named, name, place);
  }

  /** What is known of a thing: its type, its identifier, and what mutations said of it. */
  private thing(
    type: GraphQLNamedType,
    given: Readonly<Record<string, Value>>,
    place: string,
    changes: boolean,
  ): object {
    const input = inputOf(given);
    const chosen = ownMember(given, 'id') ?? ownMember(input, 'id');
    const id = chosen ?? this.leaf(this.schema.getType('ID') as GraphQLNamedType, 'id', place);
    const key = `${type.name} ${String(id)}`;
    const before = this.known.get(key) ?? {};
    const fields = isObjectType(type) ? type.getFields() : {};
    const scalars = Object.fromEntries(Object.entries(given).filter(([name]) => Object.hasOwn(fields, name)));
    const now = changes
      ? (laidOver(before, { ...scalars, ...input }, (name) => Object.hasOwn(fields, name)) as Readonly<
          Record<string, Value>
        >)
      : before;
    if (changes) this.known.set(key, now);
    const identity = Object.hasOwn(fields, 'id') ? { id } : {};
    return { __typename: type.name, ...(changes ? {} : scalars), ...now, ...identity };
  }

  private leaf(type: GraphQLNamedType, name: string, place: string): Value {
    const seed = seedFor(place, this.seed);
    if (isEnumType(type)) {
      const values = type.getValues();
      return values[seed % values.length]?.value as Value;
    }
    return inventedValue(ownMember(scalars, type.name) ?? scalarLike(type.name), seed, undefined, name);
  }
}

/** The one argument that is an object holds what is to be changed. */
function inputOf(given: Readonly<Record<string, Value>>): Readonly<Record<string, Value>> {
  const found = Object.values(given).find((one) => isValueMap(one));
  return found !== undefined && isValueMap(found) ? found : {};
}

const scalars: Readonly<Record<string, Value>> = {
  Int: { type: 'integer', minimum: 1, maximum: 200 },
  Float: { type: 'number', minimum: 1, maximum: 200 },
  Boolean: { type: 'boolean' },
  ID: { type: 'string' },
  String: { type: 'string' },
};

/** A scalar of the vendor's own, by its name. */
const scalarLike = (name: string): Value =>
  /date.?time|timestamp|instant/i.test(name)
    ? { type: 'string', format: 'date-time' }
    : /date/i.test(name)
      ? { type: 'string', format: 'date' }
      : /ur[il]/i.test(name)
        ? { type: 'string', format: 'uri' }
        : { type: 'string' };
