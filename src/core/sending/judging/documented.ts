/** What the documentation says of a request that is about to be sent. */

import { documentedEnvelope } from '../../collection/sources/documented-envelope.js';
import { documentedBody, documentedSchema } from '../../collection/sources/documented-schema.js';
import { readSource } from '../../collection/sources/indexing.js';
import { findOperation } from '../../collection/sources/source-index.js';
import type { Mismatch } from '../../documentation/changes/mismatch.js';
import { loadSchemaChecks } from '../../documentation/changes/schema-mismatch.js';
import type { Operation } from '../../documentation/model/model.js';
import { requestMismatches, responseMismatches } from '../../exchange/request/against-documentation.js';
import type { ResolvedRequest, WireBody, WireRequest } from '../../exchange/request/wire.js';
import type { Received } from '../../exchange/response/received.js';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';
import type { Value } from '../../value/written.js';
import type { PreparedRequest } from '../prepare.js';
import type { Workspace } from '../workspace.js';

/**
 * @param wire undefined where it is not whole yet: what is missing from it may still come
 * @throws Problem not-documented: the request differs, and that is refused
 */
export async function undocumentedParts(
  workspace: Workspace,
  request: ResolvedRequest,
  how: 'tell' | 'refuse',
  wire: WireRequest | undefined,
): Promise<readonly Mismatch[]> {
  if (request.operation === undefined) return [];
  const operation = findOperation(workspace.collection, request.operation);
  const schema = request.body && documentedBody(workspace.collection, operation);
  if (schema) await loadSchemaChecks();
  const found = [
    ...requestMismatches(request, operation, wire, schema),
    ...(await documentMismatches(workspace, request, operation)),
    ...(await documentedEnvelope(workspace.collection, operation, textOf(request.body), 'input')),
  ];
  if (how === 'tell' || found.length === 0) return found;
  throw new Problem('not-documented', {
    what: `the request differs from ${request.operation}: ${found.map(({ at, what }) => `${at} ${what}`).join('; ')}`,
    remedy: `${action().showOperation(request.operation)}; ${action().sendAllTheSame()}`,
    data: { operation: request.operation },
  });
}

/** What the documentation does not know of a response that came. */
export async function undocumentedResponse(
  { collection }: Workspace,
  name: string,
  received: Received,
): Promise<readonly Mismatch[]> {
  const operation = findOperation(collection, name);
  const schema = received.claimsJson ? documentedSchema(collection, operation, received.status) : undefined;
  if (schema) await loadSchemaChecks();
  const envelope = operation.soap && received.textual ? received.shown : '';
  return [
    ...responseMismatches(received, operation, schema),
    ...(await documentedEnvelope(collection, operation, envelope, 'output')),
  ];
}

const textOf = (body: WireBody | undefined): string =>
  body && !body.streamed ? Buffer.from(body.bytes).toString('utf8') : '';

/** A GraphQL document held against the schema of its source. */
async function documentMismatches(
  { collection }: Workspace,
  { body, query }: ResolvedRequest,
  { graphql, source }: Operation,
): Promise<readonly Mismatch[]> {
  const document = graphql && (body ? documentIn(body.bytes) : query.find(({ name }) => name === 'query')?.value);
  if (document === undefined) return [];
  const [{ documentFaults }, { main }] = await Promise.all([
    import('../../documentation/formats/graphql/validate.js'),
    readSource(collection, source),
  ]);
  return documentFaults(document, main).map(({ what, line }) => ({ at: `document, line ${line}:`, path: [], what }));
}

function documentIn(bytes: Uint8Array): string | undefined {
  try {
    const { query } = JSON.parse(Buffer.from(bytes).toString('utf8')) as { query?: unknown };
    return typeof query === 'string' ? query : undefined;
  } catch {
    // With files it goes as parts.
    return undefined;
  }
}

/** The operation that a request names, where there is one: what is wrong with its name is told by check. */
function knownOperation({ collection }: Workspace, operation: string | undefined): Operation | undefined {
  if (operation === undefined) return undefined;
  try {
    return findOperation(collection, operation);
  } catch {
    return undefined;
  }
}

/** Looked up only where it matters: the documentation may know of a GET that changes something. */
export function changesByDocumentation(workspace: Workspace, { plan }: PreparedRequest): boolean {
  const { changes, operation } = plan.content;
  if (workspace.environment.changes === 'allow' || changes !== undefined) return false;
  return knownOperation(workspace, operation)?.changes ?? false;
}

/** Names of the query parameters that are documented. */
export const documentedQuery = (workspace: Workspace, operation: string | undefined): readonly string[] =>
  (knownOperation(workspace, operation)?.parameters ?? []).filter((one) => one.in === 'query').map(({ name }) => name);

/** The first documented response that is no error; null where there is none. */
export function documentedExample(workspace: Workspace, operation: string | undefined): Value {
  const good = knownOperation(workspace, operation)?.responses.find(
    ({ status, content }) => /^(?:2|default)/i.test(status) && content?.example !== undefined,
  );
  return good?.content?.example ?? null;
}
