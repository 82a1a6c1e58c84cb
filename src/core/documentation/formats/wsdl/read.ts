/** WSDL 1.1 with its SOAP 1.1 and 1.2 bindings, and the XML Schemas it holds, imports and includes. */
import { Problem } from '../../../problem/problem.js';
import type { Value } from '../../../value/written.js';
import type { Documentation, OperationEntry, Warning } from '../../model/model.js';
import { addressOf, type Documents, type Part } from '../../reading/documents.js';
import { attribute, child, children, clark, type Element, expanded, localOf, rootOf, textIn } from './dom.js';
import {
  type ClarkName,
  elementKey,
  type MessagePart,
  type OwnSoapOperation,
  type SoapMessage,
  typeKey,
  xsd,
} from './model.js';
import { readSchemas } from './xsd.js';

const wsdl = 'http://schemas.xmlsoap.org/wsdl/';
const soapVersions: Readonly<Record<string, '1.1' | '1.2'>> = {
  'http://schemas.xmlsoap.org/wsdl/soap/': '1.1',
  'http://schemas.xmlsoap.org/wsdl/soap12/': '1.2',
};

/** `location` and `schemaLocation` of imports and includes, as they stand. */
export function xmlReferences(part: Part): string[] {
  const root = rootOf(part);
  const schemas = root.namespaceURI === xsd ? [root] : schemasIn(root);
  const locations = [
    ...children(root, wsdl, 'import').map((one) => attribute(one, 'location')),
    ...schemas.flatMap((schema) =>
      ['import', 'include', 'redefine'].flatMap((name) =>
        children(schema, xsd, name).map((one) => attribute(one, 'schemaLocation')),
      ),
    ),
  ];
  return [...new Set(locations.filter((one) => one !== undefined))];
}

const schemasIn = (definitions: Element): Element[] =>
  children(definitions, wsdl, 'types').flatMap((types) => children(types, xsd, 'schema'));

/** @throws Problem document-unreadable */
export function readWsdl(documents: Documents, source: string): Documentation {
  const reading = new Reading(documents);
  const root = rootOf(documents.main);
  if (root.namespaceURI !== wsdl) {
    throw new Problem('document-unreadable', {
      what: `${documents.main.file} is an XML Schema, and describes no operation`,
      remedy: 'add the WSDL that imports it',
    });
  }
  const operations = reading.operations();
  const { warnings, schemas } = reading;
  if (operations.length === 0) warnings.push({ at: 'definitions', what: 'the document describes no SOAP operation' });
  const definitions = new Map<string, Value>();
  const types = new Map<string, string>();
  for (const [name, type] of schemas.types) {
    definitions.set(typeKey(name), type as unknown as Value);
    types.set(localOf(name), typeKey(name));
  }
  for (const [name, element] of schemas.elements) definitions.set(elementKey(name), element as unknown as Value);
  return {
    format: 'WSDL',
    version: '1.1',
    title: textIn(child(root, wsdl, 'documentation')) ?? attribute(root, 'name') ?? source,
    servers: [...new Set(operations.map(({ own }) => (own as unknown as OwnSoapOperation).address))].map((url) => ({
      url,
      variables: [],
    })),
    operations,
    definitions,
    types,
    webhooks: [],
    warnings,
  };
}

class Reading {
  readonly warnings: Warning[] = [];
  readonly schemas: ReturnType<typeof readSchemas>;
  private readonly roots: readonly Element[];
  private readonly messages: ReadonlyMap<ClarkName, readonly MessagePart[]>;

  constructor(documents: Documents) {
    const parts = [...documents.parts.values()].filter(({ notation }) => notation === 'xml');
    const read = parts.map((part) => ({ part, root: rootOf(part) }));
    this.roots = read.map(({ root }) => root).filter((root) => root.namespaceURI === wsdl);
    this.requireParts(documents);
    const chameleons = chameleonsOf(read);
    const schemas = read.flatMap(({ part, root }) =>
      root.namespaceURI === xsd
        ? [{ node: root, chameleon: chameleons.get(part.uri) }]
        : schemasIn(root).map((node) => ({ node })),
    );
    this.schemas = readSchemas(schemas, this.warnings);
    this.messages = new Map(
      this.all('message').map((message) => [
        this.nameOf(message),
        children(message, wsdl, 'part').map((part) => {
          const [element, type] = [attribute(part, 'element'), attribute(part, 'type')];
          return {
            name: attribute(part, 'name') ?? '',
            ...(element !== undefined && { element: expanded(part, element) }),
            ...(type !== undefined && { type: expanded(part, type) }),
          };
        }),
      ]),
    );
  }

  private requireParts({ parts }: Documents): void {
    for (const part of parts.values()) {
      if (part.notation !== 'xml') continue;
      for (const reference of xmlReferences(part)) {
        const address = addressOf(reference, part.uri);
        if (address === undefined || !parts.has(address))
          this.warnings.push({ at: part.file, what: `${reference} was not read; what it describes is missing` });
      }
    }
  }

  private all(name: string): Element[] {
    return this.roots.flatMap((root) => children(root, wsdl, name));
  }

  private nameOf(node: Element): ClarkName {
    const root = node.parentNode as Element;
    return clark(attribute(root, 'targetNamespace') ?? '', attribute(node, 'name') ?? '');
  }

  operations(): OperationEntry[] {
    const bindings = new Map(this.all('binding').map((one) => [this.nameOf(one), one]));
    const portTypes = new Map(this.all('portType').map((one) => [this.nameOf(one), one]));
    const found = this.all('service').flatMap((service) =>
      children(service, wsdl, 'port').flatMap((port) => {
        const binding = bindings.get(expanded(port, attribute(port, 'binding') ?? ''));
        const at = `service ${attribute(service, 'name')}, port ${attribute(port, 'name')}`;
        if (!binding) {
          this.warnings.push({ at, what: `the binding ${attribute(port, 'binding')} is not described` });
          return [];
        }
        const portType = portTypes.get(expanded(binding, attribute(binding, 'type') ?? ''));
        if (!portType) {
          this.warnings.push({ at, what: `the port type ${attribute(binding, 'type')} is not described` });
          return [];
        }
        return this.portOperations(service, port, binding, portType, at);
      }),
    );
    return named(found);
  }

  private portOperations(
    service: Element,
    port: Element,
    binding: Element,
    portType: Element,
    at: string,
  ): OwnSoapOperation[] {
    const [namespace, version] = Object.entries(soapVersions).find(([one]) => child(binding, one, 'binding')) ?? [];
    if (namespace === undefined || version === undefined) {
      this.warnings.push({ at, what: 'the binding is not one of SOAP' });
      return [];
    }
    const style = attribute(child(binding, namespace, 'binding') as Element, 'style') ?? 'document';
    const address = child(port, namespace, 'address');
    return children(portType, wsdl, 'operation').flatMap((operation): OwnSoapOperation[] => {
      const name = attribute(operation, 'name') ?? '';
      const bound = children(binding, wsdl, 'operation').find((one) => attribute(one, 'name') === name);
      const soap = bound && child(bound, namespace, 'operation');
      const input = child(operation, wsdl, 'input');
      if (!bound || !input) {
        this.warnings.push({
          at: `${at}, operation ${name}`,
          what: bound ? 'the operation takes nothing' : 'the binding leaves the operation out',
        });
        return [];
      }
      const output = child(operation, wsdl, 'output');
      const inputBody = soapBody(child(bound, wsdl, 'input'), namespace);
      const about = textIn(child(operation, wsdl, 'documentation'));
      return [
        {
          service: attribute(service, 'name') ?? '',
          port: attribute(port, 'name') ?? '',
          operation: name,
          version,
          style:
            (soap && attribute(soap, 'style')) === 'rpc' ||
            (style === 'rpc' && (soap && attribute(soap, 'style')) !== 'document')
              ? 'rpc'
              : 'document',
          use: inputBody && attribute(inputBody, 'use') === 'encoded' ? 'encoded' : 'literal',
          action: (soap && attribute(soap, 'soapAction')) ?? '',
          address: (address && attribute(address, 'location')) ?? '',
          ...(about !== undefined && { about }),
          namespace: (inputBody && attribute(inputBody, 'namespace')) ?? '',
          input: this.message(input, child(bound, wsdl, 'input'), namespace),
          ...(output && { output: this.message(output, child(bound, wsdl, 'output'), namespace) }),
          faults: children(operation, wsdl, 'fault').map((fault) => ({
            name: attribute(fault, 'name') ?? '',
            parts: this.partsOf(fault, attribute(fault, 'message') ?? ''),
          })),
        },
      ];
    });
  }

  private partsOf(node: Element, message: string): readonly MessagePart[] {
    const parts = this.messages.get(expanded(node, message));
    if (!parts) this.warnings.push({ at: `message ${message}`, what: 'the message is not described' });
    return parts ?? [];
  }

  /** Parts that the binding sends as headers are not in the body. */
  private message(abstract: Element, bound: Element | undefined, namespace: string): SoapMessage {
    const all = this.partsOf(abstract, attribute(abstract, 'message') ?? '');
    const body = soapBody(bound, namespace);
    const listed = body && attribute(body, 'parts')?.split(/\s+/);
    const headers = (bound ? children(bound, namespace, 'header') : []).flatMap((header) =>
      this.partsOf(header, attribute(header, 'message') ?? '').filter(({ name }) => name === attribute(header, 'part')),
    );
    const own = all.filter(({ name }) =>
      listed ? listed.includes(name) : !headers.some((header) => header.name === name && all.includes(header)),
    );
    return { parts: own, headers };
  }
}

const soapBody = (bound: Element | undefined, namespace: string): Element | undefined =>
  bound && child(bound, namespace, 'body');

/** A schema without a namespace takes that of the schema that includes it (XML Schema Part 1, section 4.2.1). */
function chameleonsOf(read: readonly { readonly part: Part; readonly root: Element }[]): Map<string, string> {
  const found = new Map<string, string>();
  for (const { part, root } of read) {
    for (const schema of root.namespaceURI === xsd ? [root] : schemasIn(root)) {
      for (const include of children(schema, xsd, 'include')) {
        const address = addressOf(attribute(include, 'schemaLocation') ?? '', part.uri);
        const namespace = attribute(schema, 'targetNamespace');
        if (address !== undefined && namespace !== undefined) found.set(address, namespace);
      }
    }
  }
  return found;
}

/** By its own name where only one port has it, else behind the name of its port. */
function named(operations: readonly OwnSoapOperation[]): OperationEntry[] {
  const count = new Map<string, number>();
  for (const { operation } of operations) count.set(operation, (count.get(operation) ?? 0) + 1);
  const taken = new Set<string>();
  return operations.map((own) => {
    const base = count.get(own.operation) === 1 ? own.operation : `${own.port}.${own.operation}`;
    let id = base;
    for (let again = 2; taken.has(id); again += 1) id = `${base}-${again}`;
    taken.add(id);
    return {
      id,
      group: own.service,
      ...(own.about !== undefined && { summary: own.about.split(/(?<=\.)\s/)[0] ?? own.about }),
      method: `SOAP ${own.version}`,
      path: own.operation,
      own: own as unknown as Value,
    };
  });
}
