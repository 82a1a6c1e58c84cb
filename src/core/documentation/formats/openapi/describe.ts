/** One operation in full, from what the index keeps of it. */

import { ownMember } from '../../../value/own-member.js';
import { textOf } from '../../../value/text.js';
import type { Value } from '../../../value/written.js';
import { escaped } from '../../model/escape-xml.js';
import { exampleFrom, exampleValue, withExamples } from '../../model/example.js';
import { clausesSaid } from '../../model/filter-clause.js';
import type {
  Body,
  Content,
  Definitions,
  DocumentedLink,
  DocumentedResponse,
  Field,
  Operation,
  OperationEntry,
  Parameter,
  ParameterLocation,
  ServerVariable,
  XmlWriting,
} from '../../model/model.js';
import { safeMethods } from '../../model/safe-methods.js';
import { xmlText } from '../../model/xml-text.js';
import { below, isMap, type Json, type JsonMap, type References, references } from './references.js';
import { type FieldReader, fieldReader } from './schema.js';
import { exampleOf, xmlOf } from './schema-facts.js';
import { securityNeeds } from './security.js';

const locations = new Set(['path', 'query', 'header', 'cookie']);
/** Headers that the tool itself answers for; as parameters they mean nothing (OpenAPI 3.1, Parameter Object). */
const ownHeaders = new Set(['accept', 'content-type', 'authorization']);

const usualStyles = new Set(['form', 'simple']);

/** What the index keeps of an operation. */
export type OwnOperation = {
  /** JSON pointer to it. */
  readonly at: string;
  /** In the form of version 3. */
  readonly operation: JsonMap;
  /** Parameters of its path. */
  readonly shared?: Json;
  /** Where the document or the operation wants any. */
  readonly security?: Json;
  /** Variables of its server that stand in its path. */
  readonly server?: readonly ServerVariable[];
};

export function describeOperation(
  entry: OperationEntry,
  source: string,
  definitions: Definitions,
  depth?: number,
): Operation {
  const links = references(definitions);
  return new Description(entry, source, links, fieldReader(links, depth)).operation();
}

/** Whether it is one: with a name, and in a known place. */
export const isParameter = (given: Json): given is JsonMap & { readonly name: string } =>
  isMap(given) && typeof given.name === 'string' && locations.has(String(given.in));

class Description {
  private readonly own: OwnOperation;

  constructor(
    private readonly entry: OperationEntry,
    private readonly source: string,
    private readonly references: References,
    private readonly reader: FieldReader,
  ) {
    this.own = entry.own as unknown as OwnOperation;
  }

  operation(): Operation {
    const { entry, source } = this;
    const { operation: own, at, shared, security } = this.own;
    const body = this.body(own.requestBody, below(at, 'requestBody'));
    const extensions = Object.entries(own).filter(([key]) => key.startsWith('x-'));
    const callbacks = isMap(own.callbacks) ? callbackNames(own.callbacks) : [];
    return {
      id: entry.id,
      source,
      protocol: 'http',
      group: entry.group,
      ...(entry.summary !== undefined && { summary: entry.summary }),
      ...(typeof own.description === 'string' && { description: own.description.trim() }),
      method: entry.method,
      path: entry.path,
      deprecated: own.deprecated === true,
      changes: !safeMethods.has(entry.method),
      ...(callbacks.length > 0 && { callbacks }),
      ...(extensions.length > 0 && { extensions: Object.fromEntries(extensions) as Record<string, Value> }),
      ...(entry.links && { links: entry.links }),
      parameters: this.parameters(shared, own.parameters, entry.path, at),
      ...(body && { body }),
      responses: this.responses(own.responses, below(at, 'responses')),
      security: securityNeeds(security, this.references, at),
    };
  }

  private parameters(shared: Json | undefined, own: Json | undefined, path: string, at: string): Parameter[] {
    const found = new Map<string, Parameter>();
    for (const list of [shared, own]) {
      const listAt = below(at, 'parameters');
      for (const [index, given] of (Array.isArray(list) ? list : []).entries()) {
        const parameter = this.parameter(given as Json, below(listAt, index));
        if (parameter) found.set(`${parameter.in} ${parameter.name}`, parameter);
      }
    }
    for (const [, name] of path.matchAll(/\{([^}]+)\}/g)) {
      if (name === undefined || found.has(`path ${name}`)) continue;
      const variable = this.own.server?.find((one) => one.name === name);
      found.set(`path ${name}`, {
        name,
        in: 'path',
        type: 'string',
        required: true,
        ...(variable && {
          default: variable.default,
          ofServer: true,
          description: 'Of the server: each environment has one.',
        }),
        ...(variable && variable.allowed.length > 0 && { allowed: variable.allowed }),
      });
    }
    return [...found.values()];
  }

  private parameter(given: Json, at: string): Parameter | undefined {
    const own = this.references.follow(given, at);
    if (own === undefined) return undefined;
    if (!isParameter(own)) return undefined;
    if (own.in === 'header' && ownHeaders.has(own.name.toLowerCase())) return undefined;
    const [media, content] = Object.entries(isMap(own.content) ? own.content : {})[0] ?? [];
    const schema = own.schema ?? (isMap(content) ? content.schema : undefined);
    const field = this.reader.field(own.name, schema, own.required === true || own.in === 'path', at);
    const example = own.example ?? this.firstExample(own.examples, at);
    const clauses = field.type === 'string' ? clausesSaid(text(own.description)) : undefined;
    return {
      ...field,
      ...(clauses && { clauses }),
      in: own.in as ParameterLocation,
      ...(typeof own.description === 'string' && { description: own.description }),
      ...(example !== undefined && { example: example as Value }),
      ...(own.deprecated === true && { deprecated: true }),
      ...(field.type.startsWith('array') && {
        // By default, only the usual style repeats the name.
        lists:
          own.explode === true || (own.explode === undefined && (own.style ?? 'form') === 'form')
            ? ('repeated' as const)
            : ('joined' as const),
      }),
      ...(media !== undefined && { media }),
      ...(typeof own.style === 'string' && !usualStyles.has(own.style) && { style: own.style }),
    };
  }

  private body(given: Json | undefined, at: string): Body | undefined {
    if (given === undefined) return undefined;
    const own = this.references.follow(given, at);
    if (!isMap(own) || !isMap(own.content)) return undefined;
    const content = this.content(own.content, below(at, 'content'), true);
    return (
      content && {
        ...content,
        required: own.required === true,
        otherTypes: Object.keys(own.content).filter((type) => type !== content.type),
      }
    );
  }

  private responses(given: Json | undefined, at: string): DocumentedResponse[] {
    return Object.entries(isMap(given) ? given : {}).flatMap(([status, one]) => {
      const where = below(at, status);
      const own = isStatus(status) ? this.references.follow(one, where) : undefined;
      if (!isMap(own)) return [];
      const content = isMap(own.content) ? this.content(own.content, below(where, 'content'), false) : undefined;
      return [
        {
          status,
          ...(typeof own.description === 'string' && { description: own.description }),
          ...(content && { content }),
          headers: this.headers(own.headers, below(where, 'headers')),
        },
      ];
    });
  }

  private headers(given: Json | undefined, at: string): Field[] {
    return Object.entries(isMap(given) ? given : {}).flatMap(([name, one]) => {
      const own = this.references.follow(one, below(at, name));
      if (!isMap(own)) return [];
      const field = this.reader.field(name, own.schema, own.required === true, below(at, name));
      return [typeof own.description === 'string' ? { ...field, description: own.description } : field];
    });
  }

  /** The value of the first of several named examples that has one; an example may be referred to. */
  private firstExample(examples: Json | undefined, at: string): Json | undefined {
    for (const [name, one] of Object.entries(isMap(examples) ? examples : {})) {
      const example = this.references.follow(one, below(below(at, 'examples'), name));
      if (isMap(example) && example.value !== undefined) return example.value;
    }
    return undefined;
  }

  /** The JSON content where there is one, else the first. */
  private content(content: JsonMap, at: string, toSend: boolean): Content | undefined {
    const types = Object.keys(content);
    const type = types.find((one) => /^application\/(?:[\w.-]+\+)?json\b/.test(one)) ?? types[0];
    if (type === undefined) return undefined;
    const own = ownMember(content, type);
    if (!isMap(own)) return undefined;
    const where = below(below(at, type), 'schema');
    const described = this.reader.fields(own.schema, where);
    const alternatives = this.reader.alternatives(own.schema, where);
    const schema = this.references.follow(own.schema, where);
    const documented =
      own.example ??
      this.firstExample(own.examples, below(at, type)) ??
      (isMap(schema) ? exampleOf(schema) : undefined);
    const fields = withExamples(described, documented as Value | undefined);
    const list = isMap(schema) && schema.type === 'array';
    const made = fields.length === 0 ? undefined : exampleFrom(fields, { toSend });
    const xml = /[/+]xml\b/.test(type) ? this.root(own.schema, schema) : undefined;
    const written = xml && made !== undefined ? xmlExample(fields, xml, toSend) : undefined;
    const example = documented ?? written ?? (list && made !== undefined ? [made] : made);
    return {
      type,
      fields,
      ...(example !== undefined && { example: example as Value }),
      documentedExample: documented !== undefined,
      ...(own.schema !== undefined && { schema: own.schema as Value }),
      ...((list || described.length === 0) &&
        own.schema !== undefined && { whole: this.reader.field('body', own.schema, true, where) }),
      ...(this.reader.open(own.schema, where) && { open: true }),
      ...(alternatives && { alternatives }),
      ...(xml && { xml }),
    };
  }

  /** The root element: named by the schema, else by the name that the schema has in the document. */
  private root(given: Json | undefined, schema: Json | undefined): XmlWriting {
    const own = isMap(schema) ? xmlOf(schema, () => ({})) : undefined;
    const reference = isMap(given) && typeof given.$ref === 'string' ? given.$ref.replace(/^.*\//, '') : undefined;
    return { ...(reference !== undefined && { name: reference }), ...own };
  }
}

/** Every element is there, the optional ones too. */
function xmlExample(fields: readonly Field[], xml: XmlWriting, toSend: boolean): string {
  const lines = xmlText(
    { fields, xml },
    {
      takes: ({ readOnly, writeOnly }) => !(toSend ? readOnly : writeOnly),
      value: (field) => escaped(textOf(firstOf(exampleValue(field)))),
      optional: (own) => own,
      repeats: () => [],
    },
  );
  return lines.join('\n');
}

/** `404`, `4XX`, `default`. */
export const isStatus = (key: string): boolean => /^(?:[1-5](?:\d\d|XX)|default)$/i.test(key);

const firstOf = (value: Value): Value => (Array.isArray(value) ? ((value[0] as Value | undefined) ?? '') : value);

const text = (given: Json | undefined): string | undefined => (typeof given === 'string' ? given : undefined);

/** `onMoored: POST {$request.body#/callback}`. */
function callbackNames(callbacks: JsonMap): string[] {
  return Object.entries(callbacks).flatMap(([name, one]) =>
    isMap(one)
      ? Object.entries(one).flatMap(([address, item]) =>
          isMap(item)
            ? Object.keys(item)
                .filter(isMethod)
                .map((method) => `${name}: ${method.toUpperCase()} ${address}`)
            : [],
        )
      : [],
  );
}

const isMethod = (key: string): boolean => /^(?:get|put|post|delete|options|head|patch|trace)$/.test(key);

/** OpenAPI 3, Link Object: only what is in the body of a response, and is named by operationId. */
export function documentedLinks(responses: Json | undefined, references: References, at: string): DocumentedLink[] {
  const found: DocumentedLink[] = [];
  if (!isMap(responses)) return found;
  for (const status in responses) {
    const response = references.follow(ownMember(responses, status), at);
    if (!isMap(response) || !isMap(response.links)) continue;
    for (const given of Object.values(response.links)) {
      const link = references.follow(given, at);
      if (!isMap(link) || typeof link.operationId !== 'string' || !isMap(link.parameters)) continue;
      for (const [parameter, from] of Object.entries(link.parameters)) {
        const place = /^\$response\.body#(\/.*)$/.exec(String(from))?.[1];
        if (place !== undefined)
          found.push({
            operation: link.operationId,
            parameter: parameter.replace(/^(?:path|query|header)\./, ''),
            from: `$${place.replaceAll('/', '.')}`,
          });
      }
    }
  }
  return found;
}
