/** The authorization server: what its metadata says (RFC 8414, OpenID Connect Discovery), and what the file says instead. */
import type * as oauth from 'oauth4webapi';
import type { OAuth2File } from '../../collection/files/session-file.js';
import { Problem } from '../../problem/problem.js';
import { written } from '../credentials.js';
import type { SessionContext } from '../session-kind.js';

/** @throws Problem session-missing: neither names the token endpoint */
export async function authorizationServer(
  library: typeof oauth,
  { issuer, endpoints = {} }: OAuth2File,
  room: SessionContext,
  options: oauth.HttpRequestOptions<'GET'>,
): Promise<oauth.AuthorizationServer> {
  const named = issuer === undefined ? undefined : address(await written(issuer, 'issuer', room), 'issuer', room);
  const own: Record<string, string> = {};
  for (const [key, value] of Object.entries(endpoints)) {
    if (value === undefined) continue;
    own[key === 'device' ? 'device_authorization_endpoint' : `${key}_endpoint`] = address(
      await written(value, 'endpoints', room),
      `endpoints.${key}`,
      room,
    ).href;
  }
  const found = named && (await discovered(library, named, room, options));
  const [first] = Object.values(own);
  const server = { issuer: named?.href ?? (first === undefined ? '' : new URL(first).origin), ...found, ...own };
  if (server.token_endpoint !== undefined) return server;
  throw new Problem('session-missing', {
    what: `no token endpoint is known for the session ${room.name}`,
    where: room.yaml.position([]),
    remedy: 'issuer: ADDRESS whose metadata names it, or endpoints: {token: ADDRESS}',
  });
}

function address(text: string, key: string, room: SessionContext): URL {
  if (URL.canParse(text)) return new URL(text);
  throw new Problem('session-missing', {
    what: `${key} of the session ${room.name} is not an absolute address: ${JSON.stringify(text)}`,
    where: room.yaml.position(key.split('.')),
  });
}

/** By either of the two well-known places. */
async function discovered(
  library: typeof oauth,
  issuer: URL,
  room: SessionContext,
  options: oauth.HttpRequestOptions<'GET'>,
): Promise<oauth.AuthorizationServer> {
  const known = room.memory.get(`metadata ${issuer.href}`) as oauth.AuthorizationServer | undefined;
  if (known) return known;
  for (const algorithm of ['oauth2', 'oidc'] as const) {
    const response = await library.discoveryRequest(issuer, { ...options, algorithm });
    if (response.status !== 200) continue;
    const server = await library.processDiscoveryResponse(issuer, response);
    room.memory.set(`metadata ${issuer.href}`, server);
    return server;
  }
  throw new Problem('session-missing', {
    what: `${issuer.href} publishes no metadata`,
    where: room.yaml.position(['issuer']),
    cause: 'neither .well-known/oauth-authorization-server nor .well-known/openid-configuration is there',
    remedy: 'is it the issuer, to the last slash? else write endpoints: {token: …}',
  });
}
