/** XML Schema 1.0 (structures and datatypes): from its elements to plain data. */
import type { Limits, Warning } from '../../model/model.js';
import { attribute, child, children, clark, type Element, expanded, textIn } from './dom.js';
import {
  type ClarkName,
  encoding,
  type Particle,
  type XsdAttribute,
  type XsdElement,
  type XsdType,
  xsd,
} from './model.js';

export interface SchemaSet {
  readonly elements: Map<ClarkName, XsdElement>;
  readonly types: Map<ClarkName, XsdType>;
}

interface Global {
  readonly node: Element;
  readonly schema: SchemaContext;
}

interface SchemaContext {
  readonly namespace: string;
  readonly qualified: boolean;
  readonly qualifiedAttributes: boolean;
}

const deepest = 50;

const wsdl = 'http://schemas.xmlsoap.org/wsdl/';

/** @param schemas `xsd:schema` elements; `chameleon` is the namespace of an included schema that has none of its own */
export function readSchemas(
  schemas: readonly { readonly node: Element; readonly chameleon?: string | undefined }[],
  warnings: Warning[],
): SchemaSet {
  const groups = new Map<ClarkName, Global>();
  const attributeGroups = new Map<ClarkName, Global>();
  const globalAttributes = new Map<ClarkName, Global>();
  const members = new Map<ClarkName, ClarkName[]>();
  const set: SchemaSet = { elements: new Map(), types: new Map() };
  const contexts = schemas.map(({ node, chameleon }) => ({
    node,
    schema: {
      namespace: attribute(node, 'targetNamespace') ?? chameleon ?? '',
      qualified: attribute(node, 'elementFormDefault') === 'qualified',
      qualifiedAttributes: attribute(node, 'attributeFormDefault') === 'qualified',
    },
  }));
  for (const { node, schema } of contexts) {
    for (const [name, into] of [
      ['group', groups],
      ['attributeGroup', attributeGroups],
      ['attribute', globalAttributes],
    ] as const)
      for (const one of children(node, xsd, name))
        into.set(clark(schema.namespace, attribute(one, 'name') ?? ''), { node: one, schema });
  }
  for (const { node, schema } of contexts) {
    for (const one of children(node, xsd, 'element')) {
      const name = clark(schema.namespace, attribute(one, 'name') ?? '');
      set.elements.set(name, element(one, schema, 0, true));
      // A list of heads is of version 1.1.
      for (const head of attribute(one, 'substitutionGroup')?.trim().split(/\s+/) ?? [])
        members.set(expanded(one, head), [...(members.get(expanded(one, head)) ?? []), name]);
    }
    for (const kind of ['complexType', 'simpleType'])
      for (const one of children(node, xsd, kind))
        set.types.set(clark(schema.namespace, attribute(one, 'name') ?? ''), type(one, schema, 0));
  }
  for (const [name, element] of set.elements) {
    const instead = members.get(name);
    if (instead) set.elements.set(name, { ...element, instead });
  }
  for (const [name, instead] of extended(set.types))
    set.types.set(name, { ...(set.types.get(name) as XsdType), instead });
  return set;

  function element(node: Element, schema: SchemaContext, depth: number, global = false): XsdElement {
    const least = Number(attribute(node, 'minOccurs') ?? 1);
    const most = attribute(node, 'maxOccurs') === 'unbounded' ? -1 : Number(attribute(node, 'maxOccurs') ?? 1);
    const ref = attribute(node, 'ref');
    if (ref !== undefined) {
      const name = expanded(node, ref);
      return {
        local: name.slice(name.indexOf('}') + 1),
        namespace: name.slice(1, name.indexOf('}')),
        ref: name,
        least,
        most,
      };
    }
    const qualified = global || (attribute(node, 'form') ?? (schema.qualified ? 'qualified' : '')) === 'qualified';
    const named = attribute(node, 'type');
    const inner = child(node, xsd, 'complexType') ?? child(node, xsd, 'simpleType');
    return {
      local: attribute(node, 'name') ?? '',
      namespace: qualified ? schema.namespace : '',
      ...(named !== undefined && { type: expanded(node, named) }),
      ...(inner && depth < deepest && { inline: type(inner, schema, depth + 1) }),
      least,
      most,
      ...(attribute(node, 'nillable') === 'true' && { nillable: true as const }),
      ...isAbstract(node),
      ...present('default', attribute(node, 'default')),
      ...present('fixed', attribute(node, 'fixed')),
      ...present('about', aboutOf(node)),
    };
  }

  function type(node: Element, schema: SchemaContext, depth: number): XsdType {
    const about = present('about', aboutOf(node));
    if (node.localName === 'simpleType') return { ...about, ...simple(node, schema, depth) };
    const simpleContent = child(node, xsd, 'simpleContent');
    const complexContent = child(node, xsd, 'complexContent');
    const holder = simpleContent ?? complexContent;
    const derived = holder && (child(holder, xsd, 'extension') ?? child(holder, xsd, 'restriction'));
    const from = derived ?? node;
    const content = particleIn(from, schema, depth);
    const attributes = attributesIn(from, schema, depth);
    const base = derived && attribute(derived, 'base');
    if (derived && base !== undefined && expanded(derived, base) === clark(encoding, 'Array'))
      return { ...about, simple: false, ...array(derived, content) };
    return {
      ...about,
      ...isAbstract(node),
      simple: false,
      ...(derived &&
        base !== undefined && {
          base: expanded(derived, base),
          derivation: derived.localName === 'extension' ? ('extension' as const) : ('restriction' as const),
        }),
      ...(content && { content }),
      ...(attributes.length > 0 && { attributes }),
    };
  }

  /** What it holds is said by an attribute of WSDL (WSDL 1.1, section 2.2); its items may have any name. */
  function array(derived: Element, content: Particle | undefined): Pick<XsdType, 'arrayOf' | 'content'> {
    const named = children(derived, xsd, 'attribute').flatMap((one) => one.getAttributeNS(wsdl, 'arrayType') ?? []);
    const [given = ''] = named;
    const arrayOf = given === '' ? clark(xsd, 'anyType') : expanded(derived, given.replace(/\[.*$/, ''));
    const item: XsdElement = { local: 'item', namespace: '', type: arrayOf, least: 1, most: -1 };
    return { arrayOf, content: content ?? { is: 'element', element: item } };
  }

  function simple(node: Element, schema: SchemaContext, depth: number): XsdType {
    const restriction = child(node, xsd, 'restriction');
    const list = child(node, xsd, 'list');
    if (list) {
      const item = attribute(list, 'itemType');
      return {
        simple: true,
        derivation: 'list',
        base: item === undefined ? clark(xsd, 'string') : expanded(list, item),
      };
    }
    if (!restriction) {
      const members = child(node, xsd, 'union');
      const allowed = members
        ? children(members, xsd, 'simpleType').flatMap((one) => simple(one, schema, depth + 1).allowed ?? [])
        : [];
      return { simple: true, derivation: 'union', base: clark(xsd, 'string'), ...(allowed.length > 0 && { allowed }) };
    }
    const base = attribute(restriction, 'base');
    const inner = child(restriction, xsd, 'simpleType');
    const allowed = children(restriction, xsd, 'enumeration').map((one) => attribute(one, 'value') ?? '');
    const limits = facets(restriction);
    const nested = inner && depth < deepest ? simple(inner, schema, depth + 1) : undefined;
    return {
      simple: true,
      derivation: 'restriction',
      base: base === undefined ? (nested?.base ?? clark(xsd, 'string')) : expanded(restriction, base),
      ...(allowed.length > 0 && { allowed }),
      ...(Object.keys(limits).length > 0 && { limits }),
    };
  }

  function particleIn(node: Element, schema: SchemaContext, depth: number): Particle | undefined {
    for (const one of children(node, xsd)) {
      const found = particle(one, schema, depth);
      if (found) return found;
    }
    return undefined;
  }

  function particle(node: Element, schema: SchemaContext, depth: number): Particle | undefined {
    if (depth > deepest) return undefined;
    const least = Number(attribute(node, 'minOccurs') ?? 1);
    const most = attribute(node, 'maxOccurs') === 'unbounded' ? -1 : Number(attribute(node, 'maxOccurs') ?? 1);
    switch (node.localName) {
      case 'element':
        return { is: 'element', element: element(node, schema, depth) };
      case 'any':
        return { is: 'any', least };
      case 'sequence':
      case 'choice':
      case 'all':
        return {
          is: node.localName,
          least,
          most,
          items: children(node, xsd).flatMap((one) => particle(one, schema, depth + 1) ?? []),
        };
      case 'group': {
        const ref = attribute(node, 'ref');
        const group = ref === undefined ? undefined : groups.get(expanded(node, ref));
        if (group) return particleIn(group.node, group.schema, depth + 1);
        if (ref !== undefined) warnings.push({ at: `group ${ref}`, what: 'the group is not described' });
        return undefined;
      }
      default:
        return undefined;
    }
  }

  function attributesIn(node: Element, schema: SchemaContext, depth: number): XsdAttribute[] {
    return children(node, xsd).flatMap((one) => {
      if (one.localName === 'attributeGroup') {
        const group = attributeGroups.get(expanded(one, attribute(one, 'ref') ?? ''));
        return group && depth < deepest ? attributesIn(group.node, group.schema, depth + 1) : [];
      }
      if (one.localName !== 'attribute' || attribute(one, 'use') === 'prohibited') return [];
      const ref = attribute(one, 'ref');
      const global = ref === undefined ? undefined : globalAttributes.get(expanded(one, ref));
      const described = global?.node ?? one;
      const named = attribute(described, 'type');
      const inner = child(described, xsd, 'simpleType');
      const qualified =
        global !== undefined ||
        (attribute(one, 'form') ?? (schema.qualifiedAttributes ? 'qualified' : '')) === 'qualified';
      return [
        {
          name: attribute(described, 'name') ?? ref ?? '',
          ...(qualified && { namespace: (global?.schema ?? schema).namespace }),
          ...(named !== undefined && { type: expanded(described, named) }),
          ...(inner && { inline: simple(inner, schema, depth + 1) }),
          required: attribute(one, 'use') === 'required',
          ...present('default', attribute(one, 'default')),
          ...present('fixed', attribute(one, 'fixed')),
          ...present('about', aboutOf(described)),
        },
      ];
    });
  }
}

const isAbstract = (node: Element): { abstract?: true } =>
  attribute(node, 'abstract') === 'true' ? { abstract: true } : {};

/** Abstract types, each with those that come from it and are not. */
function extended(types: ReadonlyMap<ClarkName, XsdType>): Map<ClarkName, ClarkName[]> {
  const found = new Map<ClarkName, ClarkName[]>();
  for (const [name, type] of types) {
    if (type.abstract) continue;
    let base = type.base;
    for (let steps = 0; base !== undefined && steps < deepest; steps += 1) {
      const above = types.get(base);
      if (above?.abstract) found.set(base, [...(found.get(base) ?? []), name]);
      base = above?.base;
    }
  }
  return found;
}

function aboutOf(node: Element): string | undefined {
  const annotation = child(node, xsd, 'annotation');
  return annotation && textIn(child(annotation, xsd, 'documentation'));
}

function present<K extends string>(key: K, value: string | undefined): { [P in K]?: string } {
  return value === undefined ? {} : ({ [key]: value } as { [P in K]?: string });
}

/** Facets and our names for them. */
const facetNames = {
  minInclusive: 'at-least',
  maxInclusive: 'at-most',
  minExclusive: 'over',
  maxExclusive: 'under',
  minLength: 'least-length',
  maxLength: 'most-length',
} as const;

function facets(restriction: Element): Limits {
  const limits: Record<string, number | string> = {};
  for (const [facet, name] of Object.entries(facetNames)) {
    const value = Number(attributeOf(restriction, facet));
    if (attributeOf(restriction, facet) !== undefined && !Number.isNaN(value)) limits[name] = value;
  }
  const length = attributeOf(restriction, 'length');
  if (length !== undefined) limits['least-length'] = limits['most-length'] = Number(length);
  const pattern = attributeOf(restriction, 'pattern');
  if (pattern !== undefined) limits.matches = `^(?:${pattern})$`;
  return limits;
}

const attributeOf = (restriction: Element, facet: string): string | undefined => {
  const node = child(restriction, xsd, facet);
  return node && attribute(node, 'value');
};
