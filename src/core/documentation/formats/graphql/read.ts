/** GraphQL schemas (October 2021): from SDL or an introspection result to what the index keeps. */
import {
  astFromValue,
  buildASTSchema,
  buildClientSchema,
  type GraphQLArgument,
  GraphQLError,
  type GraphQLField,
  type GraphQLInputField,
  type GraphQLNamedType,
  type GraphQLSchema,
  isEnumType,
  isInputObjectType,
  isInterfaceType,
  isObjectType,
  isSpecifiedScalarType,
  isUnionType,
  parse,
  validateSchema,
  valueFromASTUntyped,
} from 'graphql';
import { Problem } from '../../../problem/problem.js';
import type { Value } from '../../../value/written.js';
import type { Documentation, OperationEntry, Warning } from '../../model/model.js';
import type { Documents, Part } from '../../reading/documents.js';
import type { OwnField, SchemaArgument, SchemaField, SchemaType } from './schema.js';

/** @throws Problem document-unreadable */
export function readGraphql({ main }: Documents, source: string): Documentation {
  const schema = schemaOf(main);
  const warnings: Warning[] = validateSchema(schema).map(({ message, locations }) => ({
    what: message,
    at: locations?.[0] ? `line ${locations[0].line}` : 'schema',
  }));
  const endpoint = /^https?:/.test(main.uri) && main.notation === 'json' ? main.uri : undefined;
  const operations = rootFields(schema, endpoint);
  if (operations.length === 0)
    warnings.push({ at: 'schema', what: 'the schema has no query, mutation or subscription' });
  const named = Object.values(schema.getTypeMap()).filter((type) => !type.name.startsWith('__'));
  const definitions = new Map(named.map((type) => [type.name, plainType(type, schema) as unknown as Value]));
  const shown = named.filter((type) => !isSpecifiedScalarType(type));
  return {
    format: 'GraphQL',
    version: main.notation === 'graphql' ? 'schema' : 'introspection',
    title: schema.description ?? source,
    servers: endpoint === undefined ? [] : [{ url: endpoint, variables: [] }],
    operations,
    definitions,
    types: new Map(shown.map(({ name }) => [name, name])),
    webhooks: [],
    warnings,
  };
}

/** @throws Problem document-unreadable, with line and column */
export function schemaOf({ text, content, notation, file }: Part): GraphQLSchema {
  try {
    if (notation === 'graphql') return buildASTSchema(parse(text, { maxTokens: 5_000_000 }), { assumeValidSDL: true });
    const result = content as { data?: unknown };
    return buildClientSchema((result.data ?? result) as Parameters<typeof buildClientSchema>[0], { assumeValid: true });
  } catch (error) {
    const [place] = error instanceof GraphQLError ? (error.locations ?? []) : [];
    throw new Problem('document-unreadable', {
      what: `${file} is not a GraphQL schema`,
      where: { file, ...(place && { line: place.line, column: place.column }) },
      cause: (error as Error).message,
    });
  }
}

function rootFields(schema: GraphQLSchema, endpoint: string | undefined): OperationEntry[] {
  const taken = new Set<string>();
  const roots = [
    ['query', schema.getQueryType(), 'queries'],
    ['mutation', schema.getMutationType(), 'mutations'],
    ['subscription', schema.getSubscriptionType(), 'subscriptions'],
  ] as const;
  return roots.flatMap(([root, type, group]) =>
    Object.values(type?.getFields() ?? {}).map((field) => {
      const id = taken.has(field.name) ? `${root}.${field.name}` : field.name;
      taken.add(id);
      const own: OwnField = { root, field: plainField(field), ...(endpoint !== undefined && { endpoint }) };
      const [summary] = (field.description ?? '').split('\n');
      return {
        id,
        group,
        ...(summary !== undefined && summary !== '' && { summary: summary.trim() }),
        method: root,
        path: field.name,
        ...(field.deprecationReason != null && { deprecated: true as const }),
        own: own as unknown as Value,
      };
    }),
  );
}

function plainType(type: GraphQLNamedType, schema: GraphQLSchema): SchemaType {
  const base = { name: type.name, ...(type.description != null && { description: type.description }) };
  if (isObjectType(type)) {
    const interfaces = type.getInterfaces().map(({ name }) => name);
    return {
      kind: 'object',
      ...base,
      fields: Object.values(type.getFields()).map(plainField),
      ...(interfaces.length > 0 && { interfaces }),
    };
  }
  if (isInterfaceType(type)) {
    const possible = schema.getPossibleTypes(type).map(({ name }) => name);
    return { kind: 'interface', ...base, fields: Object.values(type.getFields()).map(plainField), possible };
  }
  if (isUnionType(type)) return { kind: 'union', ...base, possible: type.getTypes().map(({ name }) => name) };
  if (isEnumType(type)) {
    const values = type.getValues().map(({ name, description, deprecationReason }) => ({
      name,
      ...(description != null && { description }),
      ...(deprecationReason != null && { deprecated: deprecationReason }),
    }));
    return { kind: 'enumeration', ...base, values };
  }
  if (isInputObjectType(type))
    return { kind: 'input', ...base, fields: Object.values(type.getFields()).map(plainArgument) };
  return {
    kind: 'scalar',
    ...base,
    ...('specifiedByURL' in type && type.specifiedByURL != null && { specifiedBy: type.specifiedByURL }),
  };
}

function plainField(field: GraphQLField<unknown, unknown>): SchemaField {
  const args = field.args.map(plainArgument);
  return {
    name: field.name,
    type: String(field.type),
    ...(field.description != null && { description: field.description }),
    ...(field.deprecationReason != null && { deprecated: field.deprecationReason }),
    ...(args.length > 0 && { args }),
  };
}

function plainArgument(argument: GraphQLArgument | GraphQLInputField): SchemaArgument {
  const { name, type, description, defaultValue, deprecationReason } = argument;
  const node = defaultValue === undefined ? undefined : astFromValue(defaultValue, type);
  return {
    name,
    type: String(type),
    ...(description != null && { description }),
    ...(node && { default: valueFromASTUntyped(node) as Value }),
    ...(deprecationReason != null && { deprecated: deprecationReason }),
  };
}
