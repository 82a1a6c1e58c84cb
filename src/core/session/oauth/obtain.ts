/** Tokens: obtained by a grant, renewed by a refresh token, given back. */
import * as oauth from 'oauth4webapi';
import type { OAuth2File } from '../../collection/files/session-file.js';
import { omitted } from '../../expression/evaluation.js';
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import { written } from '../credentials.js';
import type { OpenSession, SessionContext } from '../session-kind.js';
import { endOf } from '../token-claims.js';
import { clientProof } from './client-proof.js';
import type { Asking } from './grant.js';
import { renewed } from './grants/refresh-token.js';
import { refusedProblem } from './refusal.js';
import { grants } from './registry.js';
import { authorizationServer } from './server.js';

/** @throws Problem session-missing: it was refused, or cannot be asked for */
export async function obtainToken(
  file: OAuth2File,
  room: SessionContext,
  before: OpenSession | undefined,
  saving: (refresh: string) => Promise<void>,
): Promise<OpenSession> {
  const found: Found = {};
  try {
    const asking = await askingFor(file, room, found, saving);
    return await sessionOf((await renewedFrom(before, asking)) ?? (await granted(asking)), before, room);
  } catch (error) {
    throw refusedProblem(error, file, room, undefined, found.server);
  }
}

/** RFC 7009; a server without such an endpoint lets tokens end by themselves. */
export async function revokeToken(file: OAuth2File, room: SessionContext, open: OpenSession): Promise<void> {
  try {
    const { server, client, proof, options } = await askingFor(file, room, {}, async () => undefined);
    if (server.revocation_endpoint === undefined) return;
    for (const token of [open.refresh, open.token]) {
      if (token === undefined) continue;
      await oauth.processRevocationResponse(await oauth.revocationRequest(server, client, proof, token, options));
    }
  } catch (error) {
    throw refusedProblem(error, file, room, 'is closed here, but its token was not taken back');
  }
}

/** Undefined where there is nothing to renew with, or the server no longer takes it. */
async function renewedFrom(
  before: OpenSession | undefined,
  asking: Asking,
): Promise<oauth.TokenEndpointResponse | undefined> {
  if (before?.refresh === undefined) return undefined;
  try {
    // No scope is asked for: what was granted stays granted, and it may be less than was asked for (RFC 6749, section 6).
    const parameters = new URLSearchParams(asking.parameters);
    parameters.delete('scope');
    return await renewed({ ...asking, parameters }, before.refresh);
  } catch (error) {
    if (error instanceof oauth.ResponseBodyError && error.error === 'invalid_grant') return undefined;
    throw error;
  }
}

function granted(asking: Asking): Promise<oauth.TokenEndpointResponse> {
  const grant = grants.get(asking.file.grant);
  if (!grant) throw new Problem('session-missing', { what: `there is no grant ${asking.file.grant}` });
  return grant.obtain(asking);
}

async function sessionOf(
  response: oauth.TokenEndpointResponse,
  before: OpenSession | undefined,
  room: SessionContext,
): Promise<OpenSession> {
  const { access_token: token, expires_in: seconds, refresh_token: fresh, scope, id_token: identity } = response;
  if (identity !== undefined) room.onSecret(identity);
  // A server that does not rotate gives none, and the one before stays good (RFC 6749, section 6).
  const refresh = fresh ?? before?.refresh;
  return {
    token,
    opened: new Date().toISOString(),
    expires: seconds === undefined ? endOf(token) : Date.now() + seconds * 1000,
    ...(refresh !== undefined && { refresh }),
    ...(scope !== undefined && { kept: { scope } }),
  };
}

/** The server, once it is known: what it offers says more about a refusal. */
interface Found {
  server?: oauth.AuthorizationServer;
}

async function askingFor(
  file: OAuth2File,
  room: SessionContext,
  found: Found,
  saving: (refresh: string) => Promise<void>,
): Promise<Asking> {
  const options = {
    [oauth.customFetch]: async (
      url: string,
      { method = 'GET', headers, body }: oauth.CustomFetchOptions<string, unknown>,
    ) => {
      const form = body === undefined || body === null ? undefined : String(body);
      const response = await room.fetch({ method, url, headers, body: form });
      // A token that was rotated is the only one that is good now: it is kept before anything else is judged.
      const rotated = method === 'POST' && response.ok ? await refreshTokenIn(response.clone()) : undefined;
      if (rotated !== undefined) await saving(rotated);
      return response;
    },
    // What is not encrypted may not leave this machine.
    [oauth.allowInsecureRequests]: await allLocal(file, room),
  };
  const server = await authorizationServer(oauth, file, room, options as oauth.HttpRequestOptions<'GET'>);
  found.server = server;
  return {
    library: oauth,
    file,
    room,
    server,
    client: { client_id: await written(file.client.id, 'client', room) },
    proof: await clientProof(oauth, file.client, room),
    parameters: await askedFor(file, room),
    options: options as unknown as Asking['options'],
    async wanted(key) {
      const value = file[key] === undefined ? '' : await written(file[key], key, room);
      if (value !== '') return value;
      throw new Problem('session-missing', {
        what: `the session ${room.name} has no ${key}, and its grant needs one`,
        where: room.yaml.position(['grant']),
        remedy: `${key}: "\${secret.NAME}" in the session file`,
      });
    },
  };
}

async function refreshTokenIn(response: Response): Promise<string | undefined> {
  try {
    const body = (await response.json()) as { refresh_token?: unknown } | null;
    return typeof body?.refresh_token === 'string' ? body.refresh_token : undefined;
  } catch {
    return undefined;
  }
}

async function allLocal({ issuer, endpoints = {} }: OAuth2File, room: SessionContext): Promise<boolean> {
  const local = /^http:\/\/(?:127\.\d+\.\d+\.\d+|\[::1\]|localhost)(?:[:/]|$)/i;
  const texts = await Promise.all(
    [issuer, ...Object.values(endpoints)]
      .filter((text) => text !== undefined)
      .map((text) => written(text, 'endpoints', room)),
  );
  return texts.every((text) => local.test(text));
}

async function askedFor({ scope, audience, resource }: OAuth2File, room: SessionContext): Promise<URLSearchParams> {
  const asked = new URLSearchParams();
  const texts = async (given: string | readonly string[] | undefined, key: string): Promise<string[]> => {
    const results = await Promise.all([given ?? []].flat().map((one) => room.evaluate(one as string, [key], {})));
    return results.filter((one) => one !== omitted).map((one) => textOf(one));
  };
  const scopes = await texts(scope, 'scope');
  if (scopes.length > 0) asked.set('scope', scopes.join(' '));
  for (const one of await texts(audience, 'audience')) asked.append('audience', one);
  for (const one of await texts(resource, 'resource')) asked.append('resource', one);
  return asked;
}
