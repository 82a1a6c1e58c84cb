/** One SOAP operation in full, and one type of its schemas. */

import type {
  Content,
  Definitions,
  DocumentedResponse,
  Field,
  Operation,
  OperationEntry,
  TypeDescription,
} from '../../model/model.js';
import type { Searchable } from '../format.js';
import { sampleEnvelope, sampleResponse } from './envelope.js';
import { elementField, extensionsOf, membersOf } from './fields.js';
import type { MessagePart, OwnSoapOperation } from './model.js';
import { globalElement, resolveType } from './resolve-type.js';

export function describeSoapOperation(entry: OperationEntry, source: string, definitions: Definitions): Operation {
  const own = entry.own as unknown as OwnSoapOperation;
  const { service, port, operation, version, style, use, action, address, input, output, faults, about } = own;
  const type = version === '1.1' ? 'text/xml' : 'application/soap+xml';
  const content = (parts: readonly MessagePart[]): Content => ({
    type,
    fields: partFields(parts, definitions),
    documentedExample: false,
  });
  const responses: DocumentedResponse[] = [
    ...(output
      ? [
          {
            status: '200',
            description: 'The response',
            content: { ...content(output.parts), example: sampleResponse(own, output.parts, definitions) },
            headers: [],
          },
        ]
      : [{ status: '202', description: 'Taken; there is no response', headers: [] }]),
    ...faults.map((fault) => ({
      status: '500',
      description: `Fault ${fault.name}`,
      content: content(fault.parts),
      headers: [],
    })),
  ];
  return {
    id: entry.id,
    source,
    protocol: 'soap',
    group: entry.group,
    ...(entry.summary !== undefined && { summary: entry.summary }),
    ...(about !== undefined && { description: about }),
    method: entry.method,
    path: operation,
    deprecated: false,
    changes: !/^(?:get|list|find|show|search|read|query|check|count|status|lookup)/i.test(operation),
    soap: {
      service,
      port,
      operation,
      version,
      style,
      use,
      action,
      address,
      envelope: sampleEnvelope(own, definitions),
    },
    parameters: partFields(input.headers, definitions).map((field) => ({ ...field, in: 'envelope' as const })),
    body: { ...content(input.parts), required: true, otherTypes: [] },
    responses,
    security: [],
  };
}

/** The members of a wrapper element stand for themselves; every other part is a field of its own. */
function partFields(parts: readonly MessagePart[], definitions: Definitions): readonly Field[] {
  return parts.map((part) => {
    const element = part.element === undefined ? undefined : globalElement(part.element, definitions);
    if (element) return { ...elementField(element, definitions), required: true };
    const known = part.type === undefined ? {} : { type: part.type };
    return elementField({ local: part.name, namespace: '', least: 1, most: 1, ...known }, definitions);
  });
}

export function describeXsdType(name: string, key: string, definitions: Definitions): TypeDescription {
  const clark = key.slice('type '.length);
  const resolved = resolveType({ type: clark }, definitions);
  return {
    name,
    kind: resolved.allowed ? 'enumeration' : resolved.text,
    ...(resolved.about !== undefined && { description: resolved.about }),
    fields: membersOf(resolved, definitions, resolved.names, 1),
    ...(resolved.allowed && { allowed: resolved.allowed }),
    ...(resolved.instead && { alternatives: extensionsOf(resolved, definitions, resolved.names, 1) ?? [] }),
  };
}

export function searchableSoap(entry: OperationEntry, definitions: Definitions): Searchable {
  const { input, output, about = '', action } = entry.own as unknown as OwnSoapOperation;
  const fields: string[] = [];
  const texts = [about, action];
  const add = (list: readonly Field[], above: string): void => {
    for (const field of list) {
      if (fields.length > 120) return;
      fields.push(`${above}${field.name}`);
      if (field.description !== undefined) texts.push(field.description);
      add(field.fields ?? [], `${field.name}.`);
    }
  };
  add(partFields([...input.headers, ...input.parts, ...(output?.parts ?? [])], definitions), '');
  return { fields, description: texts.join(' ') };
}
