/** A call of a protocol that a session speaks, such as OAuth 2.0: sent and recorded like any other. */

import { variableNames } from '../../collection/variables/variable-scopes.js';
import { recordEcho } from '../../echo/record.js';
import { plainConnection } from '../../exchange/connection/connection.js';
import { Evaluation } from '../../expression/evaluation.js';
import type { Names } from '../../expression/names.js';
import { Problem } from '../../problem/problem.js';
import type { ProtocolCall } from '../../session/session-kind.js';
import { secretFieldValues } from '../../value/secret-fields.js';
import { composed } from '../trying/attempt.js';
import type { Workspace } from '../workspace.js';

/** Of the forms of OAuth 2.0, what is no secret; codes, assertions and tokens are. */
const openParameters = new Set([
  'grant_type',
  'response_type',
  'scope',
  'audience',
  'resource',
  'client_id',
  'client_assertion_type',
  'redirect_uri',
  'token_type_hint',
  'username',
  'code_challenge_method',
]);

/** @throws Problem: nothing came back, or the host may not have credentials */
export async function sendProtocolCall(
  workspace: Workspace,
  session: string,
  call: ProtocolCall,
  caller: Names,
): Promise<Response> {
  const { redactor, log, environment } = workspace;
  const evaluationContext = workspace.evaluationContext();
  const names = variableNames(workspace.layers, caller, evaluationContext);
  const content = call.body === undefined ? undefined : Buffer.from(call.body);
  for (const [name, value] of new URLSearchParams(call.body ?? '')) if (!openParameters.has(name)) redactor.add(value);
  // Who calls is said by us, not by the library of the protocol.
  const headers = Object.entries(call.headers)
    .filter(([name]) => name.toLowerCase() !== 'user-agent')
    .map(([name, value]) => ({
      name,
      value,
      origin: `session ${session}`,
      secret: name.toLowerCase() === 'authorization',
    }));
  const wire = composed(workspace, {
    name: `session ${session}`,
    operation: undefined,
    method: call.method,
    address: call.url,
    query: [],
    headers,
    body: content && {
      bytes: content,
      type: 'application/x-www-form-urlencoded',
      shown: redactor.hide(call.body ?? ''),
      secret: true,
    },
    sessions: [],
    changes: false,
    idempotencyKey: undefined,
    redirects: 0,
    connection: workspace.connection(() => new Evaluation(names, evaluationContext)) ?? plainConnection,
    timeout: { connect: 10_000, total: 60_000, ...workspace.timeout },
    names: new Map(),
    addressSecret: false,
  });
  const at = new Date();
  const outcome = await workspace.transport.send(wire, undefined);
  const { received, trouble } = outcome;
  if (received?.textual) for (const value of secretFieldValues(received.shown)) redactor.add(value);
  const id = log.nextId();
  const occasion = {
    id,
    at,
    environment: environment.name,
    request: undefined,
    operation: undefined,
    sessions: [],
    step: `session ${session}`,
    row: undefined,
  };
  log.append(() => recordEcho(occasion, wire, outcome, [], [], redactor, log.beside), received?.size ?? 0);
  if (trouble) throw trouble;
  if (!received) throw new Problem('session-missing', { what: `no response came for the session ${session}` });
  const empty = received.status === 204 || received.status === 304;
  return new Response(empty ? null : Buffer.from(received.parts.body), {
    status: received.status,
    headers: received.headers.map(([name, value]) => [name, value] as [string, string]),
  });
}
