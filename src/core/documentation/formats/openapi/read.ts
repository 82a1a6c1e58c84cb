/** OpenAPI 2.0, 3.0 and 3.1: from the documents to what the index keeps. Faulty parts are lost alone, with a warning. */
import { Problem } from '../../../problem/problem.js';
import type { Value } from '../../../value/written.js';
import type { Documentation, OperationEntry, Server, Warning } from '../../model/model.js';
import { type ServerPath, serverPath } from '../../model/server-path.js';
import type { Documents } from '../../reading/documents.js';
import { collectDefinitions, namedSchemas, schemasBeside } from './definitions.js';
import { documentedLinks, type OwnOperation } from './describe.js';
import { warnOfFaults } from './faults.js';
import { below, isMap, type Json, type JsonMap, pointer, type References, references } from './references.js';
import { tokenAddresses } from './security.js';
import { operation3, securitySchemes3, server2, type Version2, version2Of } from './version2.js';

const methods = ['get', 'put', 'post', 'delete', 'options', 'head', 'patch', 'trace'] as const;
const mostWarnings = 5000;

/** @throws Problem document-unreadable */
export function readOpenApi(documents: Documents, source: string): Documentation {
  const root = documents.main.content as JsonMap;
  const version = versionOf(root);
  if (root.paths !== undefined && !isMap(root.paths)) {
    throw new Problem('document-unreadable', {
      what: 'the document claims to be OpenAPI, but its paths are not a map',
      where: '/paths',
    });
  }
  return new Reading(root, source, version, documents).documentation();
}

function versionOf(root: JsonMap): string {
  const given = root.openapi ?? root.swagger;
  const version = typeof given === 'string' || typeof given === 'number' ? String(given) : 'without a version';
  if (/^3\.[01](?:\.|$)/.test(version) && root.openapi !== undefined) return version;
  if (/^2(?:\.0)?$/.test(version)) return '2.0';
  throw new Problem('document-unreadable', {
    what: `OpenAPI ${version} is not supported`,
    remedy: 'versions 2.0, 3.0 and 3.1 are; many vendors publish several versions',
    data: { version },
  });
}

class Reading {
  private readonly definitions: Map<string, Value>;
  private readonly warnings: Warning[];
  private readonly references: References;
  private readonly ids = new Set<string>();
  private readonly version2: Version2 | undefined;
  private readonly servers: readonly Server[];
  /** Of operations that have no servers of their own. */
  private readonly base: ServerPath;

  constructor(
    private readonly root: JsonMap,
    private readonly source: string,
    private readonly version: string,
    { main, parts }: Documents,
  ) {
    const { definitions, warnings } = collectDefinitions({ main, parts });
    this.definitions = definitions;
    this.warnings = warnings;
    this.references = references(definitions);
    this.version2 = version === '2.0' ? version2Of(root) : undefined;
    const fetched = /^https?:/.test(main.uri) ? new URL(main.uri).origin : undefined;
    this.servers = serversOf(this.version2 ? server2(root, fetched) : root.servers);
    this.base = basePath(this.servers);
  }

  documentation(): Documentation {
    const { root } = this;
    const info = isMap(root.info) ? root.info : {};
    const types = new Map<string, string>();
    for (const [name, { key, schema }] of namedSchemas(root)) {
      types.set(name, key);
      this.definitions.set(key, schema as Value);
    }
    for (const [name, key] of schemasBeside(this.definitions)) if (!types.has(name)) types.set(name, key);
    const components = isMap(root.components) ? root.components : {};
    const schemes = this.version2 ? securitySchemes3(root.securityDefinitions) : components.securitySchemes;
    for (const [name, scheme] of Object.entries(isMap(schemes) ? schemes : {}))
      this.definitions.set(`#/components/securitySchemes/${name}`, scheme as Value);
    const operations: OperationEntry[] = [];
    // Some split a document so far that all its paths stand in another.
    const paths = this.references.follow(root.paths, '/paths');
    for (const [path, item] of Object.entries(isMap(paths) ? paths : {}))
      if (!path.startsWith('x-')) this.pathItem(path, item, operations);
    if (operations.length === 0) this.references.warn('/paths', 'the document describes no operation');
    return {
      format: 'OpenAPI',
      version: this.version,
      title: typeof info.title === 'string' ? info.title : this.source,
      servers: this.servers,
      tokenAddresses: tokenAddresses(isMap(schemes) ? schemes : {}),
      schemes: Object.keys(isMap(schemes) ? schemes : {}),
      operations,
      definitions: this.definitions,
      types,
      webhooks: webhookNames(root),
      warnings: dedupe([...this.warnings, ...this.references.warnings]).slice(0, mostWarnings),
    };
  }

  private pathItem(path: string, given: Json, found: OperationEntry[]): void {
    const at = pointer('paths', path);
    const item = this.references.follow(given, at);
    if (!isMap(item)) {
      this.references.warn(at, 'the path is not a map of methods');
      return;
    }
    for (const method of methods) {
      const described = item[method];
      if (described === undefined) continue;
      const where = below(at, method);
      if (!isMap(described)) {
        this.references.warn(where, 'the operation is not a map');
        continue;
      }
      const entry = this.operation(method, path, described, item, where);
      warnOfFaults(entry, this.references);
      found.push(entry);
    }
  }

  private operation(method: string, path: string, own: JsonMap, item: JsonMap, at: string): OperationEntry {
    const { version2, root } = this;
    const servers = own.servers ?? item.servers;
    const tags = Array.isArray(own.tags) ? own.tags.filter((tag) => typeof tag === 'string') : [];
    const security = own.security ?? root.security;
    const base = servers === undefined ? this.base : basePath(serversOf(servers));
    const kept: OwnOperation = {
      at,
      operation: version2 ? operation3(own, item.parameters, version2, this.references, at) : own,
      ...(version2 === undefined && item.parameters !== undefined && { shared: item.parameters }),
      ...(security !== undefined && { security }),
      ...(base.variables.length > 0 && { server: base.variables }),
    };
    const links = documentedLinks(own.responses, this.references, at);
    return {
      id: this.id(own.operationId, method, path, at),
      group:
        tags[0] ??
        path.split('/').find((part) => part !== '' && !part.startsWith('{') && !/^v\d/.test(part)) ??
        'operations',
      ...(typeof own.summary === 'string' && { summary: own.summary }),
      method: method.toUpperCase(),
      path: base.path + path,
      ...(own.deprecated === true && { deprecated: true }),
      ...(links.length > 0 && { links }),
      own: kept as unknown as Value,
    };
  }

  private id(given: Json | undefined, method: string, path: string, at: string): string {
    let id = typeof given === 'string' && given.trim() !== '' ? given.trim().replace(/[\s/]+/g, '-') : '';
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
}

function webhookNames(root: JsonMap): string[] {
  const given = isMap(root.webhooks) ? root.webhooks : isMap(root['x-webhooks']) ? root['x-webhooks'] : {};
  return Object.entries(given).flatMap(([name, item]) =>
    isMap(item)
      ? methods.filter((method) => item[method] !== undefined).map((method) => `${method.toUpperCase()} ${name}`)
      : [],
  );
}

/** What should be a text; anything with members is none. */
const scalarText = (value: Json | undefined): string =>
  value === undefined || value === null || typeof value === 'object' ? '' : String(value);

/** Server addresses with their variables at the default. */
function serversOf(given: Json | undefined): Server[] {
  if (!Array.isArray(given)) return [];
  return given.filter(isMap).flatMap(({ url, variables, description }) => {
    if (typeof url !== 'string') return [];
    const all = Object.entries(isMap(variables) ? variables : {}).filter((entry): entry is [string, JsonMap] =>
      isMap(entry[1]),
    );
    return [
      {
        url: url.replace(/\{([^}]+)\}/g, (whole, name: string) => {
          const variable = all.find(([key]) => key === name)?.[1];
          return variable?.default === undefined ? whole : scalarText(variable.default);
        }),
        ...(all.length > 0 && { template: url }),
        ...(typeof description === 'string' && { description }),
        variables: all.map(([name, one]) => ({
          name,
          default: scalarText(one.default),
          allowed: Array.isArray(one.enum) ? one.enum.map(scalarText).filter((text) => text !== '') : [],
        })),
      },
    ];
  });
}

/** What the address of the first has behind its origin. */
const basePath = ([server]: readonly Server[]): ServerPath =>
  server ? serverPath(server) : { path: '', variables: [] };

function dedupe(warnings: readonly Warning[]): Warning[] {
  return [...new Map(warnings.map((warning) => [`${warning.at} ${warning.what}`, warning])).values()];
}
