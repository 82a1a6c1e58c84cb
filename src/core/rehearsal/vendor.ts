/** A vendor that is not there: responds to the operations of documentation sources as they are documented. */
import type { SourceCatalogue } from '../collection/sources/source-catalogue.js';
import { openSource, sourceIndex } from '../collection/sources/source-index.js';
import { loadSchemaChecks } from '../documentation/changes/schema-mismatch.js';
import { asJsonSchema } from '../documentation/formats/openapi/json-schema.js';
import type { Operation } from '../documentation/model/model.js';
import { nearest } from '../problem/nearest.js';
import type { Value } from '../value/written.js';
import { credentialsOf } from './credentials.js';
import type { Referred } from './invent.js';
import type { RehearsedRequest, RehearsedResponse } from './messages.js';
import type { GraphqlRehearsal } from './protocols/graphql.js';
import { type HttpRehearsal, httpResponse } from './protocols/http.js';
import { tokenResponse } from './protocols/tokens.js';
import type { Recorded } from './recorded.js';
import { refusal } from './refusal.js';
import { Memory } from './remembering/memory.js';
import { Routes } from './remembering/routes.js';

export interface VendorSettings {
  readonly shelf: SourceCatalogue;
  /** Names of documentation sources. */
  readonly sources: readonly string[];
  readonly seed: number;
  /** Undefined where echoes are not wanted. */
  readonly recorded: Recorded | undefined;
  /** Whether to respond from the documentation where nothing was recorded. */
  readonly documented: boolean;
}

export interface RehearsedVendor {
  /** How many operations it has. */
  readonly operations: number;
  respond(request: RehearsedRequest): Promise<RehearsedResponse>;
  /** Values in a request that nobody but its sender is to see. */
  credentials(request: RehearsedRequest): readonly string[];
}

/** @throws Problem operation-not-found: there is no such source; document-unreadable */
export async function openVendor({
  shelf,
  sources,
  seed,
  recorded,
  documented,
}: VendorSettings): Promise<RehearsedVendor> {
  const routes = new Routes();
  const tokens = new Set<string>();
  const schemes: Value[] = [];
  const soap: string[] = [];
  const graphql: GraphqlRehearsal[] = [];
  let operations = 0;
  for (const source of sources) {
    const { facts, listed, definitions } = await openSource(shelf, source);
    operations += facts.operations;
    for (const name of facts.schemes ?? [])
      schemes.push(definitions.get(`#/components/securitySchemes/${name}`) ?? null);
    for (const address of facts.tokenAddresses ?? []) tokens.add(pathOf(address));
    if (facts.format === 'GraphQL')
      graphql.push(await (await import('./protocols/graphql.js')).GraphqlRehearsal.open(shelf, source, seed));
    else if (facts.format === 'WSDL') soap.push(source);
    else for (const { method, path, id } of listed()) routes.add(method, path, source, id);
  }
  await loadSchemaChecks();
  let issued = 0;
  const http: HttpRehearsal = {
    shelf,
    routes,
    memory: new Memory(),
    operation: describedIn(shelf),
    referred: referredIn(shelf),
    seed,
    recorded: recorded ?? (() => undefined),
    documented,
  };
  const respond = async (request: RehearsedRequest): Promise<RehearsedResponse> => {
    const path = pathOf(request.target);
    const found = routes.find(path);
    if (found) return httpResponse(request, found, http);
    if (tokens.has(path)) {
      issued += 1;
      return tokenResponse(request, issued);
    }
    const seen = recorded?.(request);
    if (seen) return seen;
    if (soap.length > 0) {
      const { soapResponse, isEnvelope } = await import('./protocols/soap.js');
      const response = isEnvelope(request) ? await soapResponse(request, shelf, soap) : undefined;
      if (response) return response;
    }
    const [first] = graphql;
    if (first) {
      const { graphqlCall } = await import('./protocols/graphql.js');
      const call = graphqlCall(request);
      if (call)
        return (graphql.length === 1 ? first : (graphql.find((one) => one.fits(call)) ?? first)).respond(call, request);
    }
    return refusal(
      { status: 404, title: 'no such path', faults: [notDocumented(request, path)] },
      undefined,
      () => undefined,
    );
  };
  const notDocumented = ({ method }: RehearsedRequest, path: string): string => {
    const near = nearest(path, sources.flatMap((source) => documentedPaths(shelf, source)).slice(0, 2000));
    return `no documented operation is ${method} ${path}${near === undefined ? '' : `; did you mean ${near}?`}`;
  };
  return { operations, respond, credentials: (request) => credentialsOf(request, schemes) };
}

/** So many operations are kept as they were described: a client asks for the same ones again and again. */
const mostDescribed = 5000;

function describedIn(shelf: SourceCatalogue): HttpRehearsal['operation'] {
  const known = new Map<string, Operation | undefined>();
  return (source, id) => {
    const key = `${source}/${id}`;
    if (!known.has(key)) {
      if (known.size >= mostDescribed) known.clear();
      known.set(key, sourceIndex(shelf, source).operation(id));
    }
    return known.get(key);
  };
}

/** Each reference is followed once. */
function referredIn(shelf: SourceCatalogue): (source: string) => Referred {
  const known = new Map<string, Referred>();
  return (source) => {
    const before = known.get(source);
    if (before) return before;
    const schemas = new Map<string, Value | undefined>();
    const { definitions } = sourceIndex(shelf, source);
    const referred: Referred = (reference) => {
      if (!schemas.has(reference)) {
        const found = definitions.get(reference);
        schemas.set(reference, found === undefined ? undefined : asJsonSchema(found));
      }
      return schemas.get(reference);
    };
    known.set(source, referred);
    return referred;
  };
}

function documentedPaths(shelf: SourceCatalogue, source: string): string[] {
  return [...new Set([...sourceIndex(shelf, source).listed()].map(({ path }) => path))];
}

/** Of an address, or of what came after it. */
function pathOf(address: string): string {
  const base = 'http://vendor.example';
  return URL.canParse(address, base) ? new URL(address, base).pathname : (address.split('?', 1)[0] ?? '');
}
