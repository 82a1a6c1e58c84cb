/** OpenAPI 3.0 and 3.1: from the document to operations. Faulty parts are lost alone, with a warning. */
import { Problem } from '../../problem/problem.js';
import type { Value } from '../../value/written.js';
import { exampleFrom } from '../example.js';
import type { DocumentationFormat } from '../format.js';
import type { Answer, Body, Content, Documentation, Field, Operation, Parameter, ParameterLocation } from '../model.js';
import { isMap, type Json, type JsonMap, pointer, type References, references } from './references.js';
import { asJsonSchema, exampleOf, type FieldReader, fieldReader } from './schema.js';
import { securityReader } from './security.js';

const methods = ['get', 'put', 'post', 'delete', 'options', 'head', 'patch', 'trace'] as const;
const safeMethods = new Set(['get', 'head', 'options', 'trace']);
const locations = new Set(['path', 'query', 'header', 'cookie']);
/** Headers that the tool itself answers for; as parameters they mean nothing (OpenAPI 3.1, Parameter Object). */
const ownHeaders = new Set(['accept', 'content-type', 'authorization']);

export const openapi: DocumentationFormat = {
  name: 'OpenAPI',
  claims: (document) => isMap(document) && ('openapi' in document || 'swagger' in document),
  read(document, source) {
    const root = document as JsonMap;
    const version = String(root.openapi ?? root.swagger);
    if (!/^3\.[01](?:\.|$)/.test(version)) {
      throw new Problem('document-unreadable', {
        what: `OpenAPI ${version} is not read`,
        remedy: 'versions 3.0 and 3.1 are; many vendors publish one of them beside the older',
        data: { version },
      });
    }
    if (root.paths !== undefined && !isMap(root.paths)) {
      throw new Problem('document-unreadable', {
        what: 'the document claims to be OpenAPI, but its paths are not a map',
        where: '/paths',
      });
    }
    return new Reading(root, source, version).documentation();
  },
};

class Reading {
  private readonly references: References;
  private readonly reader: FieldReader;
  private readonly security: ReturnType<typeof securityReader>;
  private readonly ids = new Set<string>();

  constructor(
    private readonly root: JsonMap,
    private readonly source: string,
    private readonly version: string,
  ) {
    this.references = references(root);
    this.reader = fieldReader(this.references);
    this.security = securityReader(root, this.references);
  }

  documentation(): Documentation {
    const info = isMap(this.root.info) ? this.root.info : {};
    const operations = Object.entries(isMap(this.root.paths) ? this.root.paths : {}).flatMap(([path, item]) =>
      this.pathItem(path, item),
    );
    if (operations.length === 0) this.references.warn('/paths', 'the document describes no operation');
    const components = isMap(this.root.components) ? this.root.components : {};
    const schemas = isMap(components.schemas) ? components.schemas : {};
    return {
      format: 'OpenAPI',
      version: this.version,
      title: typeof info.title === 'string' ? info.title : this.source,
      servers: serverUrls(this.root.servers),
      operations,
      definitions: Object.fromEntries(Object.entries(schemas).map(([name, schema]) => [name, asJsonSchema(schema)])),
      warnings: dedupe(this.references.warnings),
    };
  }

  private pathItem(path: string, given: Json): Operation[] {
    const at = pointer('paths', path);
    const item = this.references.follow(given, at);
    if (!isMap(item)) {
      this.references.warn(at, 'the path is not a map of methods');
      return [];
    }
    return methods.flatMap((method) => {
      if (item[method] === undefined) return [];
      const where = at + pointer(method);
      const described = item[method];
      if (!isMap(described)) {
        this.references.warn(where, 'the operation is not a map');
        return [];
      }
      return [this.operation(method, path, described, item, where)];
    });
  }

  private operation(method: string, path: string, own: JsonMap, item: JsonMap, at: string): Operation {
    const [server] = serverUrls(own.servers ?? item.servers ?? this.root.servers);
    const tags = Array.isArray(own.tags) ? own.tags.filter((tag) => typeof tag === 'string') : [];
    const body = this.body(own.requestBody, at + pointer('requestBody'));
    return {
      id: this.id(own.operationId, method, path, at),
      source: this.source,
      group:
        tags[0] ??
        path.split('/').find((part) => part !== '' && !part.startsWith('{') && !/^v\d/.test(part)) ??
        'operations',
      ...(typeof own.summary === 'string' && { summary: own.summary }),
      ...(typeof own.description === 'string' && { description: own.description.trim() }),
      method: method.toUpperCase(),
      path: basePath(server) + path,
      deprecated: own.deprecated === true,
      changes: !safeMethods.has(method),
      parameters: this.parameters(item.parameters, own.parameters, path, at),
      ...(body && { body }),
      answers: this.answers(own.responses, at + pointer('responses')),
      security: this.security(own.security, at),
    };
  }

  private id(given: Json | undefined, method: string, path: string, at: string): string {
    let id = typeof given === 'string' && given.trim() !== '' ? given.trim().replace(/\s+/g, '-') : '';
    if (id === '') {
      id = `${method}${path}`
        .replace(/[{}]/g, '')
        .replace(/[^A-Za-z0-9]+/g, '-')
        .replace(/-$/, '');
      if (given !== undefined) this.references.warn(at, 'operationId is not a text');
    }
    let unique = id;
    for (let count = 2; this.ids.has(unique); count += 1) unique = `${id}-${count}`;
    if (unique !== id) this.references.warn(at, `the operationId ${id} stands twice; this one is called ${unique}`);
    this.ids.add(unique);
    return unique;
  }

  private parameters(shared: Json | undefined, own: Json | undefined, path: string, at: string): Parameter[] {
    const found = new Map<string, Parameter>();
    for (const list of [shared, own]) {
      if (list !== undefined && !Array.isArray(list)) this.references.warn(at, 'parameters is not a list');
      for (const [index, given] of (Array.isArray(list) ? list : []).entries()) {
        const parameter = this.parameter(given as Json, at + pointer('parameters', index));
        if (parameter) found.set(`${parameter.in} ${parameter.name}`, parameter);
      }
    }
    for (const [, name] of path.matchAll(/\{([^}]+)\}/g)) {
      if (name === undefined || found.has(`path ${name}`)) continue;
      this.references.warn(at, `the path parameter ${name} is not described`);
      found.set(`path ${name}`, { name, in: 'path', type: 'string', required: true });
    }
    return [...found.values()];
  }

  private parameter(given: Json, at: string): Parameter | undefined {
    const own = this.references.follow(given, at);
    if (own === undefined) return undefined;
    if (!isMap(own) || typeof own.name !== 'string' || !locations.has(String(own.in))) {
      this.references.warn(at, 'the parameter has no name, or stands in no known place');
      return undefined;
    }
    if (own.in === 'header' && ownHeaders.has(own.name.toLowerCase())) return undefined;
    const content = isMap(own.content) ? Object.values(own.content)[0] : undefined;
    const schema = own.schema ?? (isMap(content) ? content.schema : undefined);
    const field = this.reader.field(own.name, schema, own.required === true || own.in === 'path', at);
    const example = own.example ?? firstExample(own.examples);
    return {
      ...field,
      in: own.in as ParameterLocation,
      ...(typeof own.description === 'string' && { description: own.description }),
      ...(example !== undefined && { example: example as Value }),
      ...(own.deprecated === true && { deprecated: true }),
      ...(field.type.startsWith('array') && {
        lists: own.explode === false ? ('joined' as const) : ('repeated' as const),
      }),
    };
  }

  private body(given: Json | undefined, at: string): Body | undefined {
    if (given === undefined) return undefined;
    const own = this.references.follow(given, at);
    if (!isMap(own) || !isMap(own.content) || Object.keys(own.content).length === 0) {
      this.references.warn(at, 'the request body has no content');
      return undefined;
    }
    const content = this.content(own.content, at + pointer('content'), true);
    return (
      content && {
        ...content,
        required: own.required === true,
        otherTypes: Object.keys(own.content).filter((type) => type !== content.type),
      }
    );
  }

  private answers(given: Json | undefined, at: string): Answer[] {
    if (given !== undefined && !isMap(given)) this.references.warn(at, 'the answers are not a map');
    return Object.entries(isMap(given) ? given : {}).flatMap(([status, one]) => {
      const where = at + pointer(status);
      const own = this.references.follow(one, where);
      if (!isMap(own)) {
        if (own !== undefined) this.references.warn(where, 'the answer is not a map');
        return [];
      }
      const content = isMap(own.content) ? this.content(own.content, where + pointer('content'), false) : undefined;
      return [
        {
          status,
          ...(typeof own.description === 'string' && { description: own.description }),
          ...(content && { content }),
          headers: this.headers(own.headers, where + pointer('headers')),
        },
      ];
    });
  }

  private headers(given: Json | undefined, at: string): Field[] {
    return Object.entries(isMap(given) ? given : {}).flatMap(([name, one]) => {
      const own = this.references.follow(one, at + pointer(name));
      if (!isMap(own)) return [];
      const field = this.reader.field(name, own.schema, own.required === true, at + pointer(name));
      return [typeof own.description === 'string' ? { ...field, description: own.description } : field];
    });
  }

  /** The JSON content where there is one, else the first. */
  private content(content: JsonMap, at: string, toSend: boolean): Content | undefined {
    const types = Object.keys(content);
    const type = types.find((one) => /^application\/(?:[\w.-]+\+)?json\b/.test(one)) ?? types[0];
    if (type === undefined) return undefined;
    const own = content[type];
    if (!isMap(own)) {
      this.references.warn(at + pointer(type), 'the content is not a map');
      return undefined;
    }
    const where = at + pointer(type, 'schema');
    const fields = this.reader.fields(own.schema, where);
    const schema = this.references.follow(own.schema, where);
    const documented = own.example ?? firstExample(own.examples) ?? (isMap(schema) ? exampleOf(schema) : undefined);
    const list = isMap(schema) && schema.type === 'array';
    const made = fields.length === 0 ? undefined : exampleFrom(fields, { toSend });
    const example = documented ?? (list && made !== undefined ? [made] : made);
    return {
      type,
      fields,
      ...(example !== undefined && { example: example as Value }),
      documentedExample: documented !== undefined,
      ...(own.schema !== undefined && { schema: asJsonSchema(own.schema) }),
    };
  }
}

/** The value of the first of several named examples. */
function firstExample(examples: Json | undefined): Json | undefined {
  const first = isMap(examples) ? Object.values(examples)[0] : undefined;
  return isMap(first) ? first.value : undefined;
}

/** Server addresses with their variables at the default. */
function serverUrls(given: Json | undefined): string[] {
  if (!Array.isArray(given)) return [];
  return given.filter(isMap).flatMap(({ url, variables }) => {
    if (typeof url !== 'string') return [];
    return [
      url.replace(/\{([^}]+)\}/g, (whole, name: string) => {
        const variable = isMap(variables) ? variables[name] : undefined;
        return isMap(variable) && variable.default !== undefined ? String(variable.default) : whole;
      }),
    ];
  });
}

/** What a server's address has behind its origin, without a closing slash. */
function basePath(server: string | undefined): string {
  if (server === undefined) return '';
  return server.replace(/^[a-z][a-z0-9+.-]*:\/\/[^/]*/i, '').replace(/\/+$/, '');
}

function dedupe<T extends { at: string; what: string }>(warnings: readonly T[]): T[] {
  return [...new Map(warnings.map((warning) => [`${warning.at} ${warning.what}`, warning])).values()];
}
