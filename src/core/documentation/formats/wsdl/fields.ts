/** Elements and types of XML Schema as fields for people. */
import { type Budget, fullBudget } from '../../model/budget.js';
import type { Alternative, Definitions, Field, Limits } from '../../model/model.js';
import type { ClarkName, Particle, XsdElement } from './model.js';
import { elementOf, localName, particleOf, type ResolvedType, resolveType } from './resolve-type.js';

const deepest = 10;

export function elementField(
  given: XsdElement,
  definitions: Definitions,
  above: readonly ClarkName[] = [],
  depth = 0,
  budget: Budget = fullBudget(),
): Field {
  budget.left -= 1;
  const element = elementOf(given, definitions);
  const resolved = resolveType(element, definitions);
  const again = resolved.names.find((name) => above.includes(name));
  const inside = [...above, ...resolved.names];
  const stop = again !== undefined || depth >= deepest || budget.left <= 0;
  const fields = stop ? [] : membersOf(resolved, definitions, inside, depth + 1, budget);
  const alternatives = stop ? undefined : extensionsOf(resolved, definitions, inside, depth + 1, budget);
  const more = stop && again === undefined ? resolved.particles.length : 0;
  const [typeName] = resolved.names;
  const many = element.most === -1 || element.most > 1;
  const about = element.about ?? resolved.about;
  const allowed = element.fixed !== undefined ? [element.fixed] : resolved.allowed;
  const limits: Limits = {
    ...resolved.limits,
    ...(many && element.least > 1 && { 'least-items': element.least }),
    ...(element.most > 1 && { 'most-items': element.most }),
  };
  const text = `${resolved.text}${element.nillable ? ' or null' : ''}`;
  return {
    name: element.local,
    type: many ? `array of ${text}` : text,
    required: element.least > 0,
    ...(about !== undefined && { description: about }),
    ...(element.default !== undefined && { default: element.default }),
    ...(allowed && { allowed }),
    ...(Object.keys(limits).length > 0 && { limits }),
    ...(fields.length > 0 && { fields }),
    ...(alternatives && { alternatives }),
    ...(again !== undefined && { recursive: localName(again) }),
    ...(more > 0 && { more: { fields: more, ...(typeName !== undefined && { type: localName(typeName) }) } }),
  };
}

/** The types that a value of an abstract one may be of; undefined of any other. */
export function extensionsOf(
  { instead }: ResolvedType,
  definitions: Definitions,
  above: readonly ClarkName[],
  depth: number,
  budget: Budget = fullBudget(),
): readonly Alternative[] | undefined {
  return instead?.map((type) => {
    const own = resolveType({ type }, definitions);
    const name = localName(type);
    const fields = above.includes(type) ? [] : membersOf(own, definitions, [...above, type], depth, budget);
    return { name, when: `xsi:type: ${name}`, fields };
  });
}

export function membersOf(
  resolved: ResolvedType,
  definitions: Definitions,
  above: readonly ClarkName[],
  depth: number,
  budget: Budget = fullBudget(),
): readonly Field[] {
  const attributes = resolved.attributes.map((attribute): Field => {
    const { text, allowed, limits, about } = resolveType(attribute, definitions);
    const said = attribute.about ?? about;
    return {
      name: `@${attribute.name}`,
      type: text,
      required: attribute.required,
      ...(said !== undefined && { description: said }),
      ...(attribute.default !== undefined && { default: attribute.default }),
      ...(allowed && { allowed }),
      ...(limits && Object.keys(limits).length > 0 && { limits }),
    };
  });
  return [
    ...attributes,
    ...resolved.particles.flatMap((one) => particleFields(one, definitions, above, depth, budget)),
  ];
}

function particleFields(
  given: Particle,
  definitions: Definitions,
  above: readonly ClarkName[],
  depth: number,
  budget: Budget,
): Field[] {
  const particle = particleOf(given, definitions);
  if (particle.is === 'any') return [{ name: '(any element)', type: 'any', required: particle.least > 0 }];
  if (particle.is === 'element') return [elementField(particle.element, definitions, above, depth, budget)];
  const fields = particle.items.flatMap((one) => particleFields(one, definitions, above, depth, budget));
  const names = fields.map(({ name }) => name).join(', ');
  const repeats = particle.most === -1 || particle.most > 1;
  return fields.map((field) => {
    const one = particle.is === 'choice' && fields.length > 1 ? `One of ${names}.` : undefined;
    const about = [field.description, one].filter(Boolean).join(' ');
    return {
      ...field,
      required: field.required && particle.least > 0 && particle.is !== 'choice',
      ...(repeats && !field.type.startsWith('array') && { type: `array of ${field.type}` }),
      ...(about !== '' && { description: about }),
    };
  });
}
