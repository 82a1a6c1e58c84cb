/** One field of a root type in full, and one type. */
import { type Budget, fullBudget } from '../../model/budget.js';
import type {
  Alternative,
  Definitions,
  Field,
  Operation,
  OperationEntry,
  Parameter,
  TypeDescription,
} from '../../model/model.js';
import type { Searchable } from '../format.js';
import { responseExample } from './response-example.js';
import {
  bareName,
  isRequired,
  type OwnField,
  type SchemaArgument,
  type SchemaField,
  type SchemaType,
  typeOf,
} from './schema.js';

/** Levels of a response that are listed; a type has its own page. */
const responseDepth = 3;
const inputDepth = 6;

export function describeField(entry: OperationEntry, source: string, definitions: Definitions): Operation {
  const { root, field, endpoint } = entry.own as unknown as OwnField;
  const args = field.args ?? [];
  const response = new Members(definitions).of(field.type, responseDepth);
  const members = new Members(definitions);
  return {
    id: entry.id,
    source,
    protocol: 'graphql',
    group: entry.group,
    ...(entry.summary !== undefined && { summary: entry.summary }),
    ...(field.description !== undefined && { description: field.description }),
    method: root,
    path: field.name,
    deprecated: field.deprecated !== undefined,
    changes: root === 'mutation',
    graphql: {
      root,
      field: field.name,
      returns: field.type,
      arguments: args.map(({ name, type, default: fallback }) => ({
        name,
        type,
        ...(fallback !== undefined && { optional: true }),
      })),
      ...(endpoint !== undefined && { endpoint }),
    },
    parameters: args.map((one): Parameter => ({ ...members.input(one), in: 'argument' })),
    responses: [
      {
        status: '200',
        description: `${field.name}: ${field.type}`,
        content: {
          type: 'application/json',
          fields: response.fields,
          example: responseExample(field, definitions),
          documentedExample: false,
          ...(response.alternatives && { alternatives: response.alternatives }),
        },
        headers: [],
      },
    ],
    security: [],
  };
}

/** Fields with their members, as far as one budget for all of them goes. */
class Members {
  private readonly budget: Budget = fullBudget();

  constructor(private readonly definitions: Definitions) {}

  /** An argument, or a member of an input object. @param above the types that it is within */
  input(one: SchemaArgument, depth = inputDepth, above: readonly string[] = []): Field {
    this.budget.left -= 1;
    const type = this.typeOf(one.type);
    const again = type?.kind === 'input' && above.includes(type.name);
    const inner =
      type?.kind === 'input' && !again && depth > 0 && this.budget.left > 0
        ? (type.fields ?? []).map((field) => this.input(field, depth - 1, [...above, type.name]))
        : [];
    return {
      ...this.common(one),
      required: isRequired(one),
      ...(one.default !== undefined && { default: one.default }),
      ...(inner.length > 0 && { fields: inner }),
      ...(again && { recursive: type.name }),
    };
  }

  output(one: SchemaField, depth: number, above: readonly string[]): Field {
    this.budget.left -= 1;
    const name = bareName(one.type);
    const again = above.includes(name) && this.typeOf(name)?.fields !== undefined;
    const { fields, alternatives } =
      again || depth === 0 || this.budget.left <= 0 ? { fields: [] } : this.of(one.type, depth - 1, above);
    return {
      ...this.common(one),
      required: one.type.endsWith('!'),
      ...(fields.length > 0 && { fields }),
      ...(alternatives && { alternatives }),
      ...(again && { recursive: name }),
    };
  }

  /** Those of a type. @param written in the notation of GraphQL: `[Pilot!]!` */
  of(
    written: string,
    depth: number,
    above: readonly string[] = [],
  ): { fields: readonly Field[]; alternatives?: readonly Alternative[] } {
    const type = this.typeOf(written);
    if (!type) return { fields: [] };
    const inside = [...above, type.name];
    const fields = (type.kind === 'input' ? [] : (type.fields ?? [])).map((field) => this.output(field, depth, inside));
    if (type.kind !== 'union') return { fields };
    return {
      fields,
      alternatives: (type.possible ?? []).map((name) => ({
        name,
        when: `__typename: ${name}`,
        fields: (this.typeOf(name)?.fields ?? []).map((field) => this.output(field, Math.max(0, depth - 1), inside)),
      })),
    };
  }

  private common(one: SchemaArgument): Omit<Field, 'required'> {
    const values = this.typeOf(one.type)?.values;
    const about = [
      one.description,
      one.deprecated !== undefined && `deprecated: ${one.deprecated}`,
      ...(values ?? []).map(
        ({ name, deprecated }) => deprecated !== undefined && `${name} is deprecated: ${deprecated}`,
      ),
    ]
      .filter(Boolean)
      .join(' ');
    return {
      name: one.name,
      type: one.type,
      ...(about !== '' && { description: about }),
      ...(values && { allowed: currentFirst(values) }),
      ...(one.deprecated !== undefined && { deprecated: true }),
    };
  }

  private readonly typeOf = (written: string): SchemaType | undefined => typeOf(this.definitions, bareName(written));
}

export function describeGraphqlType(name: string, key: string, definitions: Definitions): TypeDescription {
  const type = typeOf(definitions, key);
  if (!type) return { name, kind: 'unknown', fields: [] };
  const about = [
    type.description,
    type.interfaces && `Is a ${type.interfaces.join(', a ')}.`,
    type.kind === 'interface' && `Types: ${(type.possible ?? []).join(', ')}.`,
    type.specifiedBy && `Specified by ${type.specifiedBy}`,
    ...(type.values ?? []).flatMap((one) =>
      one.description || one.deprecated
        ? [
            `${one.name}: ${one.deprecated === undefined ? '' : `deprecated, ${one.deprecated}. `}${one.description ?? ''}`,
          ]
        : [],
    ),
  ].filter((text) => typeof text === 'string');
  const members = new Members(definitions);
  const fields = (type.fields ?? []).map((field) =>
    type.kind === 'input' ? members.input(field, inputDepth, [type.name]) : members.output(field, 0, [type.name]),
  );
  const { alternatives } = members.of(name, 1);
  return {
    name,
    kind: type.kind,
    ...(about.length > 0 && { description: about.join('\n') }),
    fields,
    ...(type.values && { allowed: type.values.map((one) => one.name) }),
    ...(alternatives && { alternatives }),
  };
}

/** What is drafted takes the first. */
const currentFirst = (values: NonNullable<SchemaType['values']>): string[] =>
  [...values]
    .sort((left, right) => Number(left.deprecated !== undefined) - Number(right.deprecated !== undefined))
    .map(({ name }) => name);

/** The fields of the response are those of its type, and shared. */
export function searchableField(
  entry: OperationEntry,
  definitions: Definitions,
): Searchable & { readonly shared: readonly string[] } {
  const { field } = entry.own as unknown as OwnField;
  const args = (field.args ?? []).map((one) => ({ ...one, depth: 2 }));
  const returned = bareName(field.type);
  const { fields, description } = membersSaid(args, definitions);
  return {
    fields,
    description: [field.description ?? '', returned, description].join(' '),
    shared: typeOf(definitions, returned)?.fields ? [returned] : [],
  };
}

export function searchableType(name: string, definitions: Definitions): Searchable {
  const fields = typeOf(definitions, name)?.fields ?? [];
  return membersSaid(
    fields.map((one) => ({ ...one, depth: 2 })),
    definitions,
  );
}

function membersSaid(
  given: readonly (SchemaArgument & { readonly depth: number })[],
  definitions: Definitions,
): Searchable {
  const names: string[] = [];
  const texts: string[] = [];
  const add = (written: string, above: string, depth: number): void => {
    const type = typeOf(definitions, bareName(written));
    if (depth === 0 || names.length > 120) return;
    for (const inner of type?.fields ?? []) {
      names.push(`${above}${inner.name}`);
      if (inner.description !== undefined && texts.length < 60) texts.push(inner.description);
      add(inner.type, `${above}${inner.name}.`, depth - 1);
    }
  };
  for (const one of given) {
    names.push(one.name);
    texts.push(one.description ?? '');
    add(one.type, `${one.name}.`, one.depth);
  }
  return { fields: names.slice(0, 120), description: texts.join(' ') };
}
