/** One field of a root type in full, and one type. */
import { type Budget, fullBudget } from '../budget.js';
import type { Searchable } from '../format.js';
import type {
  Alternative,
  Definitions,
  Field,
  Operation,
  OperationEntry,
  Parameter,
  TypeDescription,
} from '../model.js';
import { answerExample } from './answer-example.js';
import { bareName, isRequired, type OwnField, type SchemaArgument, type SchemaField, typeOf } from './schema.js';

/** Levels of an answer that are listed; a type has its own page. */
const answerDepth = 3;
const inputDepth = 6;

export function describeField(entry: OperationEntry, source: string, definitions: Definitions): Operation {
  const { root, field, endpoint } = entry.own as unknown as OwnField;
  const args = field.args ?? [];
  const answer = membersOf(field.type, definitions, answerDepth, [], fullBudget());
  const budget = fullBudget();
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
      arguments: args.map(({ name, type }) => ({ name, type })),
      ...(endpoint !== undefined && { endpoint }),
    },
    parameters: args.map(
      (one): Parameter => ({ ...inputField(one, definitions, inputDepth, [], budget), in: 'argument' }),
    ),
    answers: [
      {
        status: '200',
        description: `${field.name}: ${field.type}`,
        content: {
          type: 'application/json',
          fields: answer.fields,
          example: answerExample(field, definitions),
          documentedExample: false,
          ...(answer.alternatives && { alternatives: answer.alternatives }),
        },
        headers: [],
      },
    ],
    security: [],
  };
}

/** An argument, or a member of an input object. */
function inputField(
  one: SchemaArgument,
  definitions: Definitions,
  depth: number,
  above: readonly string[],
  budget: Budget,
): Field {
  budget.left -= 1;
  const type = typeOf(definitions, bareName(one.type));
  const again = type?.kind === 'input' && above.includes(type.name);
  const inner =
    type?.kind === 'input' && !again && depth > 0 && budget.left > 0
      ? (type.fields ?? []).map((field) => inputField(field, definitions, depth - 1, [...above, type.name], budget))
      : [];
  return {
    ...common(one, definitions),
    required: isRequired(one),
    ...(one.default !== undefined && { default: one.default }),
    ...(inner.length > 0 && { fields: inner }),
    ...(again && { recursive: type.name }),
  };
}

function outputField(
  one: SchemaField,
  definitions: Definitions,
  depth: number,
  above: readonly string[],
  budget: Budget,
): Field {
  budget.left -= 1;
  const name = bareName(one.type);
  const again = above.includes(name) && typeOf(definitions, name)?.fields !== undefined;
  const { fields, alternatives } =
    again || depth === 0 || budget.left <= 0
      ? { fields: [] }
      : membersOf(one.type, definitions, depth - 1, above, budget);
  return {
    ...common(one, definitions),
    required: one.type.endsWith('!'),
    ...(fields.length > 0 && { fields }),
    ...(alternatives && { alternatives }),
    ...(again && { recursive: name }),
  };
}

function common(one: SchemaArgument, definitions: Definitions): Omit<Field, 'required'> {
  const type = typeOf(definitions, bareName(one.type));
  const about = [one.description, one.deprecated !== undefined && `deprecated: ${one.deprecated}`]
    .filter(Boolean)
    .join(' ');
  return {
    name: one.name,
    type: one.type,
    ...(about !== '' && { description: about }),
    ...(type?.kind === 'enumeration' && { allowed: (type.values ?? []).map(({ name }) => name) }),
    ...(one.deprecated !== undefined && { deprecated: true }),
  };
}

function membersOf(
  written: string,
  definitions: Definitions,
  depth: number,
  above: readonly string[],
  budget: Budget,
): { fields: readonly Field[]; alternatives?: readonly Alternative[] } {
  const type = typeOf(definitions, bareName(written));
  if (!type) return { fields: [] };
  const inside = [...above, type.name];
  const fields = (type.kind === 'input' ? [] : (type.fields ?? [])).map((field) =>
    outputField(field, definitions, depth, inside, budget),
  );
  if (type.kind !== 'union') return { fields };
  return {
    fields,
    alternatives: (type.possible ?? []).map((name) => ({
      name,
      when: `__typename: ${name}`,
      fields: (typeOf(definitions, name)?.fields ?? []).map((field) =>
        outputField(field, definitions, Math.max(0, depth - 1), inside, budget),
      ),
    })),
  };
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
  const budget = fullBudget();
  const fields =
    type.kind === 'input'
      ? (type.fields ?? []).map((field) => inputField(field, definitions, inputDepth, [type.name], budget))
      : (type.fields ?? []).map((field) => outputField(field, definitions, 0, [type.name], budget));
  const { alternatives } = membersOf(name, definitions, 1, [], budget);
  return {
    name,
    kind: type.kind,
    ...(about.length > 0 && { description: about.join('\n') }),
    fields,
    ...(type.values && { allowed: type.values.map((one) => one.name) }),
    ...(alternatives && { alternatives }),
  };
}

/** The fields of the answer are those of its type, and shared. */
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
