/** A person agrees in a browser, which comes back with a code (RFC 6749, section 4.1; PKCE of RFC 7636). */
import { Problem } from '../../../problem/problem.js';
import { listenForCallback } from '../callback.js';
import type { Asking, Grant } from '../grant.js';
import { requirePerson } from '../person.js';

/** Milliseconds that a person has. */
const patience = 5 * 60_000;

export const authorizationCode: Grant = {
  name: 'authorization_code',
  about: 'a person agrees in a browser',
  async obtain(asking) {
    const { library, file, room, server, client, proof, parameters, options } = asking;
    const person = requirePerson(room);
    const endpoint = requireEndpoint(asking);
    room.requireListed(new URL(endpoint));
    const verifier = library.generateRandomCodeVerifier();
    const state = library.generateRandomState();
    room.onSecret(verifier);
    const callback = await listenForCallback(file.callback ?? {}, room.name, state);
    const over = new AbortController();
    try {
      const url = new URL(endpoint);
      for (const [name, value] of parameters) url.searchParams.append(name, value);
      url.searchParams.set('response_type', 'code');
      url.searchParams.set('client_id', client.client_id);
      url.searchParams.set('redirect_uri', callback.address);
      url.searchParams.set('state', state);
      url.searchParams.set('code_challenge', await library.calculatePKCECodeChallenge(verifier));
      url.searchParams.set('code_challenge_method', 'S256');
      person.show(`to agree to the session ${room.name}, open\n${url.href}`);
      await person.browse(url.href);
      const limit = setTimeout(() => over.abort(), patience);
      const back = await Promise.race([
        callback.arrival(over.signal),
        person
          .paste('waiting for the browser; or paste the address that it was sent to:', over.signal)
          .then((text) => pastedAddress(text, callback.address, room.name)),
      ]).finally(() => clearTimeout(limit));
      const code = back.searchParams.get('code');
      if (code !== null) room.onSecret(code);
      const valid = library.validateAuthResponse(server, client, back, state);
      const response = await library.authorizationCodeGrantRequest(
        server,
        client,
        proof,
        valid,
        callback.address,
        verifier,
        options,
      );
      return await library.processAuthorizationCodeResponse(server, client, response);
    } finally {
      over.abort();
      callback.close();
    }
  },
};

function requireEndpoint({ server, room }: Asking): string {
  if (server.authorization_endpoint !== undefined) return server.authorization_endpoint;
  throw new Problem('session-missing', {
    what: `no authorization endpoint is known for the session ${room.name}`,
    where: room.yaml.position([]),
    remedy: 'endpoints: {authorization: …, token: …}, or issuer: whose metadata names them',
  });
}

/** What was pasted may be the whole address, or what stands behind its question mark. */
function pastedAddress(text: string, callback: string, session: string): URL {
  const given = text.trim();
  const whole = /^https?:/i.test(given) ? given : `${callback}?${given.replace(/^\?/, '')}`;
  if (URL.canParse(whole)) return new URL(whole);
  throw new Problem('session-missing', {
    what: `what was pasted for the session ${session} is not an address`,
    remedy: 'paste the whole line of the browser, which holds code= and state=',
  });
}
