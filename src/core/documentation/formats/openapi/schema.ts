/** Schemas as fields for people. */
import { ownMember } from '../../../value/own-member.js';
import type { Value } from '../../../value/written.js';
import { fullBudget } from '../../model/budget.js';
import type { Alternative, Definitions, Field, TypeDescription } from '../../model/model.js';
import {
  isMap,
  type Json,
  type JsonMap,
  references as makeReferences,
  type References,
  schemaName,
} from './references.js';
import { allowedOf, exampleOf, fact, limitsOf, shapesOf, text, typeText, xmlOf } from './schema-facts.js';

/** Beyond this nothing is listed any more: a person has stopped reading, and a document may be hostile. */
const deepest = 12;

export interface FieldReader {
  /** The members of an object schema, or of the items of a list schema. */
  fields(schema: Json | undefined, at: string): readonly Field[];
  field(name: string, schema: Json | undefined, required: boolean, at: string): Field;
  /** Whether the members of an object schema, or of the items of a list schema, may have names that are not documented. */
  open(schema: Json | undefined, at: string): boolean;
  /** The shapes of `oneOf` or `anyOf`, where the schema has several. */
  alternatives(schema: Json | undefined, at: string): readonly Alternative[] | undefined;
}

/**
 * @param references of the document that the schemas stand in
 * @param levels of members below members that are described
 */
export function fieldReader(references: References, levels = deepest): FieldReader {
  const last = Math.min(levels, deepest);
  let budget = fullBudget();

  /** The schema with references followed and `allOf` laid together. */
  function whole(schema: Json | undefined, at: string, depth = 0): JsonMap {
    const own = references.follow(schema, at);
    if (!isMap(own)) return {};
    const beside = isMap(schema) && schema.$ref !== undefined ? siblings(schema) : {};
    const base = { ...own, ...beside };
    if (!Array.isArray(base.allOf) || depth > deepest) return base;
    const parts = [...base.allOf.map((part: Json, index) => whole(part, `${at}/allOf/${index}`, depth + 1)), base];
    const merged: Record<string, Json> = {};
    for (const part of parts) {
      for (const [key, value] of Object.entries(part)) {
        if (key === 'allOf') continue;
        const before = ownMember(merged, key);
        if (key === 'properties' && isMap(before) && isMap(value)) merged[key] = { ...before, ...value };
        else if (key === 'required' && Array.isArray(before) && Array.isArray(value))
          merged[key] = [...before, ...value];
        else merged[key] = value;
      }
    }
    return merged;
  }

  /** @param passed lists and shapes on the way to them: a list may be one of itself */
  function members(
    schema: Json | undefined,
    at: string,
    above: readonly string[],
    depth: number,
    passed = 0,
  ): readonly Field[] {
    if (passed > deepest) return [];
    const own = whole(schema, at);
    if (own.items !== undefined) return members(own.items, `${at}/items`, above, depth, passed + 1);
    const first = shapesOf(own).find((shape) => isMap(whole(shape, at).properties));
    const common = ownMembers(own, at, above, depth);
    if (first === undefined) return common;
    const chosen = members(first, at, above, depth, passed + 1);
    return together(common, chosenFields(chosen, choiceOf(own, first, at)));
  }

  /** What says that a value has a shape: it stands beside the shapes, or in what all of them extend. */
  function choiceOf(own: JsonMap, shape: Json, at: string): Choice | undefined {
    const reference = referenceIn(shape);
    return chosenBy(own.discriminator ?? whole(shape, at).discriminator, reference, reference?.replace(/^.*\//, ''));
  }

  /** Without what its shapes have. */
  function ownMembers({ properties, required }: JsonMap, at: string, above: readonly string[], depth: number): Field[] {
    const needed = new Set(Array.isArray(required) ? required.filter((name) => typeof name === 'string') : []);
    const described = Object.entries(isMap(properties) ? properties : {});
    // Some are required, and nothing more is said of them.
    const bare = [...needed].filter((name) => !isMap(properties) || !Object.hasOwn(properties, name));
    return [
      ...described.map(([name, inner]) => one(name, inner, needed.has(name), `${at}/properties/${name}`, above, depth)),
      ...bare.map((name): Field => ({ name, type: 'any', required: true, undescribed: true })),
    ];
  }

  function one(
    name: string,
    schema: Json | undefined,
    required: boolean,
    at: string,
    above: readonly string[],
    depth: number,
  ): Field {
    const own = whole(schema, at);
    const reference = referenceIn(schema);
    const recursive = reference !== undefined && above.includes(reference) ? reference.replace(/^.*\//, '') : undefined;
    const inside = reference === undefined ? above : [...above, reference];
    budget.left -= 1;
    const stop = recursive !== undefined || depth >= last || budget.left <= 0;
    const { properties } = contentOf(own, at);
    const more = stop && recursive === undefined && isMap(properties) ? Object.keys(properties).length : 0;
    const fields = stop ? [] : members(own, at, inside, depth + 1);
    const alternatives = stop ? undefined : alternativesOf(own, at, inside, depth + 1);
    return {
      name,
      type: typeText(own, (inner) => whole(inner, at)),
      required,
      ...fact('description', text(own.description)),
      ...fact('default', own.default as Value | undefined),
      ...fact('example', exampleOf(own)),
      ...fact('allowed', allowedOf(own)),
      ...fact('limits', limitsOf(own)),
      ...(own.readOnly === true && { readOnly: true }),
      ...(own.writeOnly === true && { writeOnly: true }),
      ...(own.deprecated === true && { deprecated: true }),
      ...(isOpen(contentOf(own, at)) && { open: true }),
      ...(fields.length > 0 && { fields }),
      ...fact(
        'xml',
        xmlOf(own, (inner) => whole(inner, at)),
      ),
      ...fact('recursive', recursive),
      ...(more > 0 && {
        more: { fields: more, ...fact('type', reference === undefined ? undefined : schemaName(reference)) },
      }),
      ...fact('alternatives', alternatives),
    };
  }

  /** Of a list, its items. */
  const contentOf = (own: JsonMap, at: string): JsonMap =>
    own.items === undefined ? own : whole(own.items, `${at}/items`);

  function alternativesOf(
    own: JsonMap,
    at: string,
    above: readonly string[],
    depth: number,
  ): readonly Alternative[] | undefined {
    if (depth > last) return undefined;
    const shapes = shapesOf(own).filter((one) => whole(one, at).type !== 'null');
    if (shapes.length < 2 || !shapes.some((one) => isMap(whole(one, at).properties))) return undefined;
    const common = ownMembers(own, at, above, depth + 1);
    return shapes.map((one, index) => {
      const reference = referenceIn(one);
      const shape = whole(one, at);
      const name =
        reference?.replace(/^.*\//, '') ?? (typeof shape.title === 'string' ? shape.title : `shape ${index + 1}`);
      const chosen = choiceOf(own, one, at);
      const again = reference !== undefined && above.includes(reference);
      const inside = reference === undefined ? above : [...above, reference];
      const fields = again ? [] : together(common, members(one, `${at}/${index}`, inside, depth + 1));
      return {
        name,
        ...(chosen && { when: `${chosen.property}: ${chosen.value}` }),
        fields: chosenFields(fields, chosen),
      };
    });
  }

  return {
    alternatives(schema, at) {
      budget = fullBudget();
      const own = whole(schema, at);
      const reference = referenceIn(schema);
      const above = reference === undefined ? [] : [reference];
      return alternativesOf(own.items === undefined ? own : whole(own.items, at), at, above, 0);
    },
    fields(schema, at) {
      budget = fullBudget();
      const reference = referenceIn(schema);
      return members(schema, at, reference === undefined ? [] : [reference], 0);
    },
    field: (name, schema, required, at) => one(name, schema, required, at, [], 0),
    open: (schema, at) => isOpen(contentOf(whole(schema, at), at)),
  };
}

/** A named schema as a type. */
export function describeSchema(name: string, key: string, definitions: Definitions): TypeDescription {
  const links = makeReferences(definitions);
  const reader = fieldReader(links);
  const reference: Json = { $ref: key };
  const field = reader.field(name, reference, false, key);
  const alternatives = reader.alternatives(reference, key);
  return {
    name,
    kind: field.allowed ? 'enumeration' : field.type,
    ...fact('description', field.description),
    fields: reader.fields(reference, key),
    ...fact('allowed', field.allowed),
    ...fact('alternatives', alternatives),
  };
}

/** What is in both is described by the second. */
function together(some: readonly Field[], others: readonly Field[]): readonly Field[] {
  const names = new Set(others.map(({ name }) => name));
  return [...some.filter(({ name }) => !names.has(name)), ...others];
}

interface Choice {
  readonly property: string;
  readonly value: string;
}

function chosenFields(fields: readonly Field[], choice: Choice | undefined): readonly Field[] {
  return fields.map((field) =>
    choice && field.name === choice.property && !field.allowed ? { ...field, allowed: [choice.value] } : field,
  );
}

/** Discriminator Object: the value of a property that says which shape it is; without a mapping the schema's name. */
function chosenBy(
  discriminator: Json | undefined,
  reference: string | undefined,
  name: string | undefined,
): Choice | undefined {
  if (!isMap(discriminator) || typeof discriminator.propertyName !== 'string') return undefined;
  const mapping = isMap(discriminator.mapping) ? Object.entries(discriminator.mapping) : [];
  const value = mapping.find(([, target]) => target === reference || target === name)?.[0];
  const known = value ?? name;
  return known === undefined ? undefined : { property: discriminator.propertyName, value: known };
}

/** Whether names beyond the documented ones are said to be allowed; a schema that says nothing of it means those that it has. */
const isOpen = ({ additionalProperties, patternProperties }: JsonMap): boolean =>
  additionalProperties === true || isMap(additionalProperties) || isMap(patternProperties);

function siblings({ $ref: _, ...beside }: JsonMap): JsonMap {
  return beside;
}

function referenceIn(schema: Json | undefined): string | undefined {
  if (!isMap(schema)) return undefined;
  if (typeof schema.$ref === 'string') return schema.$ref;
  // One schema with something beside it, or with null in its place.
  const parts = [...(Array.isArray(schema.allOf) ? schema.allOf : shapesOf(schema))];
  const named = parts.filter((part: Json) => !(isMap(part) && part.type === 'null'));
  const [only] = named;
  if (named.length === 1 && isMap(only) && typeof only.$ref === 'string') return only.$ref;
  return isMap(schema.items) && typeof schema.items.$ref === 'string' ? schema.items.$ref : undefined;
}
