/** What an authorization server means when it refuses (RFC 6749, sections 4.1.2.1 and 5.2; RFC 8628, section 3.5). */

import * as oauth from 'oauth4webapi';
import type { OAuth2File } from '../../collection/files/session-file.js';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';
import { ownMember } from '../../value/own-member.js';
import type { SessionContext } from '../session-kind.js';

const meanings: Readonly<Record<string, readonly [what: string, remedy: string]>> = {
  invalid_client: [
    'the server does not accept the client',
    'are the id and the secret right, and is this how the vendor expects them: client: {authentication: client_secret_post}?',
  ],
  invalid_grant: [
    'what was handed in is wrong, used or ended',
    'is the user and the password, the code or the refresh token right? a redirect address must be the very one that the vendor knows',
  ],
  unauthorized_client: [
    'the client may not use this grant',
    'ask the vendor to enable the grant for the client, or use another',
  ],
  unsupported_grant_type: ['the server does not have this grant', 'the documentation of the vendor names its grants'],
  invalid_scope: [
    'the server does not give this scope',
    'is the scope spelt right, and has the vendor granted it to the client?',
  ],
  invalid_target: ['the server does not serve this resource', 'is resource: the address that the vendor names?'],
  invalid_request: ['the server misses or does not know a parameter', 'its echo shows what was sent'],
  access_denied: ['the person did not agree', 'open the session again, and agree'],
  expired_token: ['the code had ended before anybody agreed', 'open the session again'],
  server_error: ['the server has a fault of its own', 'try later, or ask the vendor'],
  temporarily_unavailable: ['the server is busy', 'try later'],
};

/**
 * @param tried what did not come about, such as `could not be opened`
 * @returns a Problem that says what the server said, and what it means
 */
export function refusedProblem(
  error: unknown,
  { grant, client }: OAuth2File,
  room: SessionContext,
  tried = 'could not be opened',
  server?: oauth.AuthorizationServer,
): Problem {
  if (error instanceof Problem) return error;
  const make = (what: string, cause: string | undefined, remedy: string | undefined): Problem =>
    new Problem(
      'session-missing',
      {
        what: `the session ${room.name} ${tried}: ${what}`,
        where: room.yaml.position(['grant']),
        cause,
        remedy,
        data: { session: room.name, grant },
      },
      { cause: error },
    );
  if (error instanceof oauth.ResponseBodyError || error instanceof oauth.AuthorizationResponseError) {
    const { error: code, error_description: description } = error;
    const [what, remedy] = ownMember(meanings, code) ?? ['the server refused it', undefined];
    const said = description === undefined ? code : `${code}: ${description}`;
    return make(
      what,
      `it says ${said}; the client ${client.id} asked by ${grant}`,
      code === 'invalid_client' ? (otherWays(client, server) ?? remedy) : remedy,
    );
  }
  if (error instanceof oauth.WWWAuthenticateChallengeError) {
    const said = error.cause
      .map(({ scheme, parameters: { error: code, realm } }) => `${scheme} ${code ?? `realm "${realm ?? ''}"`}`)
      .join(', ');
    const [what, remedy] = meanings.invalid_client as readonly [string, string];
    return make(what, `it returned ${error.status} with ${said}`, otherWays(client, server) ?? remedy);
  }
  const { code, message } = error as Error & { code?: string };
  if (code === oauth.HTTP_REQUEST_FORBIDDEN)
    return make(
      'an endpoint is plain http, and would show what is secret',
      undefined,
      'use the https address of the vendor',
    );
  if (code === oauth.INVALID_RESPONSE && /"state"/.test(message)) {
    return make(
      'the browser came back with the state of another try',
      'somebody else may have sent it, or an old page was used',
      `${action().openSession(room.name)} asks again; use the page that it opens`,
    );
  }
  return make(
    'the response of the server is not an OAuth response',
    message,
    `is the address the token endpoint? ${action().showEcho()} shows the response`,
  );
}

/** What the metadata of the server says of authentication (RFC 8414, section 2). */
function otherWays(client: OAuth2File['client'], server: oauth.AuthorizationServer | undefined): string | undefined {
  const ways = server?.token_endpoint_auth_methods_supported;
  if (!ways || ways.length === 0) return undefined;
  const own =
    client.authentication ??
    (client.key !== undefined && client.secret === undefined ? 'private_key_jwt' : 'client_secret_basic');
  return `are the id and the secret right? the server takes ${ways.join(', ')}, and ${own} was sent: client: {authentication: …} says which`;
}
