import {
  endOf
} from "./chunk-CU7URKGF.js";
import {
  written
} from "./chunk-AJOWUZTK.js";
import {
  omitted
} from "./chunk-ELCQYB6S.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/core/session/oauth/obtain.ts
import * as oauth2 from "oauth4webapi";

// src/core/session/oauth/client-proof.ts
import { createPrivateKey, webcrypto } from "node:crypto";
async function clientProof(library, client, room) {
  const way = client.authentication ?? (client.secret !== void 0 ? "client_secret_basic" : client.key !== void 0 ? "private_key_jwt" : "none");
  if (way === "none") return library.None();
  if (way === "private_key_jwt") return library.PrivateKeyJwt(await privateKey(client, room));
  const secret = client.secret === void 0 ? "" : await written(client.secret, "client", room);
  if (secret === "")
    throw missing(room, `client_secret is empty, and ${way} wants one`, 'client: {secret: "${secret.NAME}"}');
  if (way === "client_secret_basic") return library.ClientSecretBasic(secret);
  return way === "client_secret_post" ? library.ClientSecretPost(secret) : library.ClientSecretJwt(secret);
}
var algorithms = {
  RS256: { name: "RSASSA-PKCS1-v1_5", hash: "SHA-256" },
  PS256: { name: "RSA-PSS", hash: "SHA-256" },
  ES256: { name: "ECDSA", namedCurve: "P-256" },
  EdDSA: { name: "Ed25519" }
};
async function privateKey(client, room) {
  const pem = client.key === void 0 ? "" : await written(client.key, "client", room);
  if (pem === "") throw missing(room, "private_key_jwt wants a key", 'client: {key: "${secret.NAME}"} with a PEM');
  const { algorithm = "RS256", "key-id": kid } = client;
  try {
    const der = createPrivateKey(pem).export({ type: "pkcs8", format: "der" });
    const key = await webcrypto.subtle.importKey("pkcs8", der, algorithms[algorithm], false, ["sign"]);
    return { key, ...kid !== void 0 && { kid } };
  } catch (error) {
    throw missing(
      room,
      `the key of the client cannot be used with ${algorithm}: ${error.message}`,
      "a private key in PEM, and the algorithm it is for"
    );
  }
}
var missing = (room, what, remedy) => new Problem("session-missing", {
  what: `the session ${room.name} cannot prove its client: ${what}`,
  where: room.yaml.position(["client"]),
  remedy
});

// src/core/session/oauth/grants/refresh-token.ts
var refreshToken = {
  name: "refresh_token",
  about: "a refresh token that you have",
  obtain: async (asking) => renewed(asking, await asking.wanted("refresh-token"))
};
async function renewed({ library, server, client, proof, parameters, options }, token) {
  const answer = await library.refreshTokenGrantRequest(server, client, proof, token, {
    ...options,
    additionalParameters: parameters
  });
  return library.processRefreshTokenResponse(server, client, answer);
}

// src/core/session/oauth/refusal.ts
import * as oauth from "oauth4webapi";
var meanings = {
  invalid_client: [
    "the server does not accept the client",
    "are the id and the secret right, and is this how the vendor wants them: client: {authentication: client_secret_post}?"
  ],
  invalid_grant: [
    "what was handed in is wrong, used or ended",
    "is the user and the password, the code or the refresh token right? a redirect address must be the very one that the vendor knows"
  ],
  unauthorized_client: [
    "the client may not use this grant",
    "ask the vendor to enable the grant for the client, or use another"
  ],
  unsupported_grant_type: ["the server does not have this grant", "the documentation of the vendor names its grants"],
  invalid_scope: [
    "the server does not give this scope",
    "is the scope spelt right, and has the vendor granted it to the client?"
  ],
  invalid_target: ["the server does not serve this resource", "is resource: the address that the vendor names?"],
  invalid_request: ["the server misses or does not know a parameter", "echo-trail echo show shows what was sent"],
  access_denied: ["the person did not agree", "open the session again, and agree"],
  expired_token: ["the code had ended before anybody agreed", "open the session again"],
  server_error: ["the server has a fault of its own", "try later, or ask the vendor"],
  temporarily_unavailable: ["the server is busy", "try later"]
};
function refusedProblem(error, { grant, client }, room, tried2 = "could not be opened") {
  if (error instanceof Problem) return error;
  const make = (what, cause, remedy) => new Problem(
    "session-missing",
    {
      what: `the session ${room.name} ${tried2}: ${what}`,
      where: room.yaml.position(["grant"]),
      cause,
      remedy,
      data: { session: room.name, grant }
    },
    { cause: error }
  );
  if (error instanceof oauth.ResponseBodyError || error instanceof oauth.AuthorizationResponseError) {
    const { error: code2, error_description: description } = error;
    const [what, remedy] = meanings[code2] ?? ["the server refused it", void 0];
    const said = description === void 0 ? code2 : `${code2}: ${description}`;
    return make(what, `it says ${said}; the client ${client.id} asked by ${grant}`, remedy);
  }
  if (error instanceof oauth.WWWAuthenticateChallengeError) {
    const said = error.cause.map(({ scheme, parameters: { error: code2, realm } }) => `${scheme} ${code2 ?? `realm "${realm ?? ""}"`}`).join(", ");
    const [what, remedy] = meanings.invalid_client;
    return make(what, `it answered ${error.status} with ${said}`, remedy);
  }
  const { code, message } = error;
  if (code === oauth.HTTP_REQUEST_FORBIDDEN)
    return make(
      "an endpoint is plain http, and would show what is secret",
      void 0,
      "use the https address of the vendor"
    );
  if (code === oauth.INVALID_RESPONSE && /"state"/.test(message)) {
    return make(
      "the browser came back with the state of another try",
      "somebody else may have sent it, or an old page was used",
      `echo-trail session open ${room.name} asks again; use the page that it opens`
    );
  }
  return make(
    "the answer of the server is not one of OAuth",
    message,
    "is the address the token endpoint? echo-trail echo show shows the answer"
  );
}

// src/core/session/oauth/callback.ts
import { once } from "node:events";
import { createServer } from "node:http";
async function listenForCallback({ port = 0, path = "/callback" }, session) {
  const place = path.startsWith("/") ? path : `/${path}`;
  let arrived = () => void 0;
  const first = new Promise((resolve) => {
    arrived = resolve;
  });
  const server = createServer((request, response) => {
    const url = new URL(request.url ?? "/", "http://127.0.0.1");
    const ours = url.pathname === place && (url.searchParams.has("code") || url.searchParams.has("error"));
    response.writeHead(ours ? 200 : 404, { "Content-Type": "text/plain; charset=utf-8", Connection: "close" });
    response.end(ours ? "Echo Trail has it. You can close this page.\n" : "Nothing is here.\n");
    if (ours) arrived(url);
  });
  server.listen(port, "127.0.0.1");
  try {
    await once(server, "listening");
  } catch (error) {
    throw new Problem("session-missing", {
      what: `the session ${session} cannot listen on port ${port} of 127.0.0.1`,
      cause: error.code === "EADDRINUSE" ? "another program does" : error.message,
      remedy: "callback: {port: \u2026} names another; the vendor has to know it"
    });
  }
  return {
    address: `http://127.0.0.1:${server.address().port}${place}`,
    arrival: (signal) => Promise.race([
      first,
      new Promise((_, reject) => {
        signal.addEventListener(
          "abort",
          () => reject(
            new Problem("session-missing", {
              what: `nobody agreed to the session ${session} within five minutes`,
              remedy: `echo-trail session open ${session} asks again`
            })
          )
        );
      })
    ]),
    close: () => {
      server.close();
      server.closeAllConnections();
    }
  };
}

// src/core/session/oauth/person.ts
function demandPerson({ person, name }) {
  if (person) return person;
  throw new Problem("session-missing", {
    what: `the session ${name} needs a person to agree, and nobody is here`,
    remedy: `echo-trail session open ${name} at a terminal; it is kept and renewed for what runs unattended`
  });
}

// src/core/session/oauth/grants/authorization-code.ts
var patience = 5 * 6e4;
var authorizationCode = {
  name: "authorization_code",
  about: "a person agrees in a browser",
  async obtain(asking) {
    const { library, file, room, server, client, proof, parameters, options } = asking;
    const person = demandPerson(room);
    const endpoint = demandEndpoint(asking);
    const verifier = library.generateRandomCodeVerifier();
    const state = library.generateRandomState();
    room.onSecret(verifier);
    const callback = await listenForCallback(file.callback ?? {}, room.name);
    const over = new AbortController();
    try {
      const url = new URL(endpoint);
      for (const [name, value] of parameters) url.searchParams.append(name, value);
      url.searchParams.set("response_type", "code");
      url.searchParams.set("client_id", client.client_id);
      url.searchParams.set("redirect_uri", callback.address);
      url.searchParams.set("state", state);
      url.searchParams.set("code_challenge", await library.calculatePKCECodeChallenge(verifier));
      url.searchParams.set("code_challenge_method", "S256");
      person.show(`to agree to the session ${room.name}, open
${url.href}`);
      await person.browse(url.href);
      const limit = setTimeout(() => over.abort(), patience);
      const back = await Promise.race([
        callback.arrival(over.signal),
        person.paste("waiting for the browser; or paste the address that it was sent to:", over.signal).then((text) => pastedAddress(text, callback.address, room.name))
      ]).finally(() => clearTimeout(limit));
      const code = back.searchParams.get("code");
      if (code !== null) room.onSecret(code);
      const valid = library.validateAuthResponse(server, client, back, state);
      const answer = await library.authorizationCodeGrantRequest(
        server,
        client,
        proof,
        valid,
        callback.address,
        verifier,
        options
      );
      return await library.processAuthorizationCodeResponse(server, client, answer);
    } finally {
      over.abort();
      callback.close();
    }
  }
};
function demandEndpoint({ server, room }) {
  if (server.authorization_endpoint !== void 0) return server.authorization_endpoint;
  throw new Problem("session-missing", {
    what: `no authorization endpoint is known for the session ${room.name}`,
    where: room.yaml.position([]),
    remedy: "endpoints: {authorization: \u2026, token: \u2026}, or issuer: whose metadata names them"
  });
}
function pastedAddress(text, callback, session) {
  const given = text.trim();
  const whole = /^https?:/i.test(given) ? given : `${callback}?${given.replace(/^\?/, "")}`;
  if (URL.canParse(whole)) return new URL(whole);
  throw new Problem("session-missing", {
    what: `what was pasted for the session ${session} is not an address`,
    remedy: "paste the whole line of the browser, which holds code= and state="
  });
}

// src/core/session/oauth/grants/client-credentials.ts
var clientCredentials = {
  name: "client_credentials",
  about: "the client asks for itself",
  async obtain({ library, server, client, proof, parameters, options }) {
    const answer = await library.clientCredentialsGrantRequest(server, client, proof, parameters, options);
    return library.processClientCredentialsResponse(server, client, answer);
  }
};

// src/core/session/oauth/grants/device-code.ts
import { setTimeout as setTimeout2 } from "node:timers/promises";
var deviceCode = {
  name: "urn:ietf:params:oauth:grant-type:device_code",
  about: "a person agrees on another device",
  async obtain(asking) {
    const { library, room, server, client, proof, parameters, options } = asking;
    const person = demandPerson(room);
    const answer = await library.deviceAuthorizationRequest(server, client, proof, parameters, options);
    const device = await library.processDeviceAuthorizationResponse(server, client, answer);
    room.onSecret(device.device_code);
    person.show(
      `open ${device.verification_uri} and type ${device.user_code}${device.verification_uri_complete === void 0 ? "" : `, or open ${device.verification_uri_complete}`}`
    );
    const end = Date.now() + device.expires_in * 1e3;
    let interval = (device.interval ?? 5) * 1e3;
    while (Date.now() < end) {
      await setTimeout2(interval);
      const token = await tried(asking, device.device_code);
      if (token === "slower") interval += 5e3;
      else if (token !== "pending") return token;
    }
    throw new Problem("session-missing", {
      what: `nobody agreed to the session ${room.name} while its code was good`,
      remedy: `echo-trail session open ${room.name} gives another`
    });
  }
};
async function tried({ library, server, client, proof, options }, code) {
  const answer = await library.deviceCodeGrantRequest(server, client, proof, code, options);
  try {
    return await library.processDeviceCodeResponse(server, client, answer);
  } catch (error) {
    const said = error instanceof library.ResponseBodyError ? error.error : void 0;
    if (said === "authorization_pending") return "pending";
    if (said === "slow_down") return "slower";
    throw error;
  }
}

// src/core/session/oauth/grants/password.ts
var password = {
  name: "password",
  about: "user and password, for vendors that still want them",
  async obtain({ library, server, client, proof, parameters, options, wanted }) {
    const asked = new URLSearchParams(parameters);
    asked.set("username", await wanted("user"));
    asked.set("password", await wanted("password"));
    const answer = await library.genericTokenEndpointRequest(server, client, proof, "password", asked, options);
    return library.processGenericTokenEndpointResponse(server, client, answer);
  }
};

// src/core/session/oauth/registry.ts
var grants = new Map(
  [clientCredentials, authorizationCode, deviceCode, refreshToken, password].map((grant) => [grant.name, grant])
);

// src/core/session/oauth/server.ts
async function authorizationServer(library, { issuer, endpoints = {} }, room, options) {
  const named = issuer === void 0 ? void 0 : address(await written(issuer, "issuer", room), "issuer", room);
  const own = {};
  for (const [key, value] of Object.entries(endpoints)) {
    if (value === void 0) continue;
    own[key === "device" ? "device_authorization_endpoint" : `${key}_endpoint`] = address(
      await written(value, "endpoints", room),
      `endpoints.${key}`,
      room
    ).href;
  }
  const found = named && await discovered(library, named, room, options);
  const [first] = Object.values(own);
  const server = { issuer: named?.href ?? (first === void 0 ? "" : new URL(first).origin), ...found, ...own };
  if (server.token_endpoint !== void 0) return server;
  throw new Problem("session-missing", {
    what: `no token endpoint is known for the session ${room.name}`,
    where: room.yaml.position([]),
    remedy: "issuer: ADDRESS whose metadata names it, or endpoints: {token: ADDRESS}"
  });
}
function address(text, key, room) {
  if (URL.canParse(text)) return new URL(text);
  throw new Problem("session-missing", {
    what: `${key} of the session ${room.name} is not an absolute address: ${JSON.stringify(text)}`,
    where: room.yaml.position(key.split("."))
  });
}
async function discovered(library, issuer, room, options) {
  const known = room.memory.get(`metadata ${issuer.href}`);
  if (known) return known;
  for (const algorithm of ["oauth2", "oidc"]) {
    const answer = await library.discoveryRequest(issuer, { ...options, algorithm });
    if (answer.status !== 200) continue;
    const server = await library.processDiscoveryResponse(issuer, answer);
    room.memory.set(`metadata ${issuer.href}`, server);
    return server;
  }
  throw new Problem("session-missing", {
    what: `${issuer.href} publishes no metadata`,
    where: room.yaml.position(["issuer"]),
    cause: "neither .well-known/oauth-authorization-server nor .well-known/openid-configuration is there",
    remedy: "is it the issuer, to the last slash? else write endpoints: {token: \u2026}"
  });
}

// src/core/session/oauth/obtain.ts
async function obtainToken(file, room, before) {
  try {
    const asking = await askingFor(file, room);
    return await sessionOf(await renewedFrom(before, asking) ?? await granted(asking), before, room);
  } catch (error) {
    throw refusedProblem(error, file, room);
  }
}
async function revokeToken(file, room, open) {
  try {
    const { server, client, proof, options } = await askingFor(file, room);
    if (server.revocation_endpoint === void 0) return;
    for (const token of [open.refresh, open.token]) {
      if (token === void 0) continue;
      await oauth2.processRevocationResponse(await oauth2.revocationRequest(server, client, proof, token, options));
    }
  } catch (error) {
    throw refusedProblem(error, file, room, "is closed here, but its token was not taken back");
  }
}
async function renewedFrom(before, asking) {
  if (before?.refresh === void 0) return void 0;
  try {
    return await renewed(asking, before.refresh);
  } catch (error) {
    if (error instanceof oauth2.ResponseBodyError && error.error === "invalid_grant") return void 0;
    throw error;
  }
}
function granted(asking) {
  const grant = grants.get(asking.file.grant);
  if (!grant) throw new Problem("session-missing", { what: `there is no grant ${asking.file.grant}` });
  return grant.obtain(asking);
}
async function sessionOf(answer, before, room) {
  const { access_token: token, expires_in: seconds, refresh_token: fresh, scope, id_token: identity } = answer;
  if (identity !== void 0) room.onSecret(identity);
  const refresh = fresh ?? before?.refresh;
  return {
    token,
    opened: (/* @__PURE__ */ new Date()).toISOString(),
    expires: seconds === void 0 ? endOf(token) : Date.now() + seconds * 1e3,
    ...refresh !== void 0 && { refresh },
    ...scope !== void 0 && { kept: { scope } }
  };
}
async function askingFor(file, room) {
  const options = {
    [oauth2.customFetch]: (url, { method = "GET", headers, body }) => room.fetch({ method, url, headers, body: body === void 0 || body === null ? void 0 : String(body) }),
    // What is not encrypted may not leave this machine.
    [oauth2.allowInsecureRequests]: await allLocal(file, room)
  };
  const server = await authorizationServer(oauth2, file, room, options);
  return {
    library: oauth2,
    file,
    room,
    server,
    client: { client_id: await written(file.client.id, "client", room) },
    proof: await clientProof(oauth2, file.client, room),
    parameters: await askedFor(file, room),
    options,
    async wanted(key) {
      const value = file[key] === void 0 ? "" : await written(file[key], key, room);
      if (value !== "") return value;
      throw new Problem("session-missing", {
        what: `the session ${room.name} has no ${key}, and its grant wants one`,
        where: room.yaml.position(["grant"]),
        remedy: `${key}: "\${secret.NAME}" in the session file`
      });
    }
  };
}
async function allLocal({ issuer, endpoints = {} }, room) {
  const local = /^http:\/\/(?:127\.\d+\.\d+\.\d+|\[::1\]|localhost)(?:[:/]|$)/i;
  const texts = await Promise.all(
    [issuer, ...Object.values(endpoints)].filter((text) => text !== void 0).map((text) => written(text, "endpoints", room))
  );
  return texts.every((text) => local.test(text));
}
async function askedFor({ scope, audience, resource }, room) {
  const asked = new URLSearchParams();
  const texts = async (given, key) => {
    const results = await Promise.all([given ?? []].flat().map((one) => room.evaluate(one, [key], {})));
    return results.filter((one) => one !== omitted).map((one) => textOf(one));
  };
  const scopes = await texts(scope, "scope");
  if (scopes.length > 0) asked.set("scope", scopes.join(" "));
  for (const one of await texts(audience, "audience")) asked.append("audience", one);
  for (const one of await texts(resource, "resource")) asked.append("resource", one);
  return asked;
}
export {
  obtainToken,
  revokeToken
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvc2Vzc2lvbi9vYXV0aC9vYnRhaW4udHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2Vzc2lvbi9vYXV0aC9jbGllbnQtcHJvb2YudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2Vzc2lvbi9vYXV0aC9ncmFudHMvcmVmcmVzaC10b2tlbi50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zZXNzaW9uL29hdXRoL3JlZnVzYWwudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2Vzc2lvbi9vYXV0aC9jYWxsYmFjay50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zZXNzaW9uL29hdXRoL3BlcnNvbi50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zZXNzaW9uL29hdXRoL2dyYW50cy9hdXRob3JpemF0aW9uLWNvZGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2Vzc2lvbi9vYXV0aC9ncmFudHMvY2xpZW50LWNyZWRlbnRpYWxzLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3Nlc3Npb24vb2F1dGgvZ3JhbnRzL2RldmljZS1jb2RlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3Nlc3Npb24vb2F1dGgvZ3JhbnRzL3Bhc3N3b3JkLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3Nlc3Npb24vb2F1dGgvcmVnaXN0cnkudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2Vzc2lvbi9vYXV0aC9zZXJ2ZXIudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUb2tlbnM6IG9idGFpbmVkIGJ5IGEgZ3JhbnQsIHJlbmV3ZWQgYnkgYSByZWZyZXNoIHRva2VuLCBnaXZlbiBiYWNrLiAqL1xuaW1wb3J0ICogYXMgb2F1dGggZnJvbSAnb2F1dGg0d2ViYXBpJztcbmltcG9ydCB0eXBlIHsgT0F1dGgyRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvc2Vzc2lvbi1maWxlLmpzJztcbmltcG9ydCB7IG9taXR0ZWQgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IHdyaXR0ZW4gfSBmcm9tICcuLi9jcmVkZW50aWFscy5qcyc7XG5pbXBvcnQgdHlwZSB7IE9wZW5TZXNzaW9uLCBTZXNzaW9uUm9vbSB9IGZyb20gJy4uL3Nlc3Npb24ta2luZC5qcyc7XG5pbXBvcnQgeyBlbmRPZiB9IGZyb20gJy4uL3Rva2VuLWNsYWltcy5qcyc7XG5pbXBvcnQgeyBjbGllbnRQcm9vZiB9IGZyb20gJy4vY2xpZW50LXByb29mLmpzJztcbmltcG9ydCB0eXBlIHsgQXNraW5nIH0gZnJvbSAnLi9ncmFudC5qcyc7XG5pbXBvcnQgeyByZW5ld2VkIH0gZnJvbSAnLi9ncmFudHMvcmVmcmVzaC10b2tlbi5qcyc7XG5pbXBvcnQgeyByZWZ1c2VkUHJvYmxlbSB9IGZyb20gJy4vcmVmdXNhbC5qcyc7XG5pbXBvcnQgeyBncmFudHMgfSBmcm9tICcuL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IGF1dGhvcml6YXRpb25TZXJ2ZXIgfSBmcm9tICcuL3NlcnZlci5qcyc7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gc2Vzc2lvbi1taXNzaW5nOiBpdCB3YXMgcmVmdXNlZCwgb3IgY2Fubm90IGJlIGFza2VkIGZvciAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIG9idGFpblRva2VuKFxuICBmaWxlOiBPQXV0aDJGaWxlLFxuICByb29tOiBTZXNzaW9uUm9vbSxcbiAgYmVmb3JlOiBPcGVuU2Vzc2lvbiB8IHVuZGVmaW5lZCxcbik6IFByb21pc2U8T3BlblNlc3Npb24+IHtcbiAgdHJ5IHtcbiAgICBjb25zdCBhc2tpbmcgPSBhd2FpdCBhc2tpbmdGb3IoZmlsZSwgcm9vbSk7XG4gICAgcmV0dXJuIGF3YWl0IHNlc3Npb25PZigoYXdhaXQgcmVuZXdlZEZyb20oYmVmb3JlLCBhc2tpbmcpKSA/PyAoYXdhaXQgZ3JhbnRlZChhc2tpbmcpKSwgYmVmb3JlLCByb29tKTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICB0aHJvdyByZWZ1c2VkUHJvYmxlbShlcnJvciwgZmlsZSwgcm9vbSk7XG4gIH1cbn1cblxuLyoqIFJGQyA3MDA5OyBhIHNlcnZlciB3aXRob3V0IHN1Y2ggYW4gZW5kcG9pbnQgbGV0cyB0b2tlbnMgZW5kIGJ5IHRoZW1zZWx2ZXMuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gcmV2b2tlVG9rZW4oZmlsZTogT0F1dGgyRmlsZSwgcm9vbTogU2Vzc2lvblJvb20sIG9wZW46IE9wZW5TZXNzaW9uKTogUHJvbWlzZTx2b2lkPiB7XG4gIHRyeSB7XG4gICAgY29uc3QgeyBzZXJ2ZXIsIGNsaWVudCwgcHJvb2YsIG9wdGlvbnMgfSA9IGF3YWl0IGFza2luZ0ZvcihmaWxlLCByb29tKTtcbiAgICBpZiAoc2VydmVyLnJldm9jYXRpb25fZW5kcG9pbnQgPT09IHVuZGVmaW5lZCkgcmV0dXJuO1xuICAgIGZvciAoY29uc3QgdG9rZW4gb2YgW29wZW4ucmVmcmVzaCwgb3Blbi50b2tlbl0pIHtcbiAgICAgIGlmICh0b2tlbiA9PT0gdW5kZWZpbmVkKSBjb250aW51ZTtcbiAgICAgIGF3YWl0IG9hdXRoLnByb2Nlc3NSZXZvY2F0aW9uUmVzcG9uc2UoYXdhaXQgb2F1dGgucmV2b2NhdGlvblJlcXVlc3Qoc2VydmVyLCBjbGllbnQsIHByb29mLCB0b2tlbiwgb3B0aW9ucykpO1xuICAgIH1cbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICB0aHJvdyByZWZ1c2VkUHJvYmxlbShlcnJvciwgZmlsZSwgcm9vbSwgJ2lzIGNsb3NlZCBoZXJlLCBidXQgaXRzIHRva2VuIHdhcyBub3QgdGFrZW4gYmFjaycpO1xuICB9XG59XG5cbi8qKiBVbmRlZmluZWQgd2hlcmUgdGhlcmUgaXMgbm90aGluZyB0byByZW5ldyB3aXRoLCBvciB0aGUgc2VydmVyIG5vIGxvbmdlciB0YWtlcyBpdC4gKi9cbmFzeW5jIGZ1bmN0aW9uIHJlbmV3ZWRGcm9tKFxuICBiZWZvcmU6IE9wZW5TZXNzaW9uIHwgdW5kZWZpbmVkLFxuICBhc2tpbmc6IEFza2luZyxcbik6IFByb21pc2U8b2F1dGguVG9rZW5FbmRwb2ludFJlc3BvbnNlIHwgdW5kZWZpbmVkPiB7XG4gIGlmIChiZWZvcmU/LnJlZnJlc2ggPT09IHVuZGVmaW5lZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgdHJ5IHtcbiAgICByZXR1cm4gYXdhaXQgcmVuZXdlZChhc2tpbmcsIGJlZm9yZS5yZWZyZXNoKTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICBpZiAoZXJyb3IgaW5zdGFuY2VvZiBvYXV0aC5SZXNwb25zZUJvZHlFcnJvciAmJiBlcnJvci5lcnJvciA9PT0gJ2ludmFsaWRfZ3JhbnQnKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIHRocm93IGVycm9yO1xuICB9XG59XG5cbmZ1bmN0aW9uIGdyYW50ZWQoYXNraW5nOiBBc2tpbmcpOiBQcm9taXNlPG9hdXRoLlRva2VuRW5kcG9pbnRSZXNwb25zZT4ge1xuICBjb25zdCBncmFudCA9IGdyYW50cy5nZXQoYXNraW5nLmZpbGUuZ3JhbnQpO1xuICBpZiAoIWdyYW50KSB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywgeyB3aGF0OiBgdGhlcmUgaXMgbm8gZ3JhbnQgJHthc2tpbmcuZmlsZS5ncmFudH1gIH0pO1xuICByZXR1cm4gZ3JhbnQub2J0YWluKGFza2luZyk7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIHNlc3Npb25PZihcbiAgYW5zd2VyOiBvYXV0aC5Ub2tlbkVuZHBvaW50UmVzcG9uc2UsXG4gIGJlZm9yZTogT3BlblNlc3Npb24gfCB1bmRlZmluZWQsXG4gIHJvb206IFNlc3Npb25Sb29tLFxuKTogUHJvbWlzZTxPcGVuU2Vzc2lvbj4ge1xuICBjb25zdCB7IGFjY2Vzc190b2tlbjogdG9rZW4sIGV4cGlyZXNfaW46IHNlY29uZHMsIHJlZnJlc2hfdG9rZW46IGZyZXNoLCBzY29wZSwgaWRfdG9rZW46IGlkZW50aXR5IH0gPSBhbnN3ZXI7XG4gIGlmIChpZGVudGl0eSAhPT0gdW5kZWZpbmVkKSByb29tLm9uU2VjcmV0KGlkZW50aXR5KTtcbiAgLy8gQSBzZXJ2ZXIgdGhhdCBkb2VzIG5vdCByb3RhdGUgZ2l2ZXMgbm9uZSwgYW5kIHRoZSBvbmUgYmVmb3JlIHN0YXlzIGdvb2QgKFJGQyA2NzQ5LCBzZWN0aW9uIDYpLlxuICBjb25zdCByZWZyZXNoID0gZnJlc2ggPz8gYmVmb3JlPy5yZWZyZXNoO1xuICByZXR1cm4ge1xuICAgIHRva2VuLFxuICAgIG9wZW5lZDogbmV3IERhdGUoKS50b0lTT1N0cmluZygpLFxuICAgIGV4cGlyZXM6IHNlY29uZHMgPT09IHVuZGVmaW5lZCA/IGVuZE9mKHRva2VuKSA6IERhdGUubm93KCkgKyBzZWNvbmRzICogMTAwMCxcbiAgICAuLi4ocmVmcmVzaCAhPT0gdW5kZWZpbmVkICYmIHsgcmVmcmVzaCB9KSxcbiAgICAuLi4oc2NvcGUgIT09IHVuZGVmaW5lZCAmJiB7IGtlcHQ6IHsgc2NvcGUgfSB9KSxcbiAgfTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gYXNraW5nRm9yKGZpbGU6IE9BdXRoMkZpbGUsIHJvb206IFNlc3Npb25Sb29tKTogUHJvbWlzZTxBc2tpbmc+IHtcbiAgY29uc3Qgb3B0aW9ucyA9IHtcbiAgICBbb2F1dGguY3VzdG9tRmV0Y2hdOiAodXJsOiBzdHJpbmcsIHsgbWV0aG9kID0gJ0dFVCcsIGhlYWRlcnMsIGJvZHkgfTogb2F1dGguQ3VzdG9tRmV0Y2hPcHRpb25zPHN0cmluZywgdW5rbm93bj4pID0+XG4gICAgICByb29tLmZldGNoKHsgbWV0aG9kLCB1cmwsIGhlYWRlcnMsIGJvZHk6IGJvZHkgPT09IHVuZGVmaW5lZCB8fCBib2R5ID09PSBudWxsID8gdW5kZWZpbmVkIDogU3RyaW5nKGJvZHkpIH0pLFxuICAgIC8vIFdoYXQgaXMgbm90IGVuY3J5cHRlZCBtYXkgbm90IGxlYXZlIHRoaXMgbWFjaGluZS5cbiAgICBbb2F1dGguYWxsb3dJbnNlY3VyZVJlcXVlc3RzXTogYXdhaXQgYWxsTG9jYWwoZmlsZSwgcm9vbSksXG4gIH07XG4gIGNvbnN0IHNlcnZlciA9IGF3YWl0IGF1dGhvcml6YXRpb25TZXJ2ZXIob2F1dGgsIGZpbGUsIHJvb20sIG9wdGlvbnMgYXMgb2F1dGguSHR0cFJlcXVlc3RPcHRpb25zPCdHRVQnPik7XG4gIHJldHVybiB7XG4gICAgbGlicmFyeTogb2F1dGgsXG4gICAgZmlsZSxcbiAgICByb29tLFxuICAgIHNlcnZlcixcbiAgICBjbGllbnQ6IHsgY2xpZW50X2lkOiBhd2FpdCB3cml0dGVuKGZpbGUuY2xpZW50LmlkLCAnY2xpZW50Jywgcm9vbSkgfSxcbiAgICBwcm9vZjogYXdhaXQgY2xpZW50UHJvb2Yob2F1dGgsIGZpbGUuY2xpZW50LCByb29tKSxcbiAgICBwYXJhbWV0ZXJzOiBhd2FpdCBhc2tlZEZvcihmaWxlLCByb29tKSxcbiAgICBvcHRpb25zOiBvcHRpb25zIGFzIHVua25vd24gYXMgQXNraW5nWydvcHRpb25zJ10sXG4gICAgYXN5bmMgd2FudGVkKGtleSkge1xuICAgICAgY29uc3QgdmFsdWUgPSBmaWxlW2tleV0gPT09IHVuZGVmaW5lZCA/ICcnIDogYXdhaXQgd3JpdHRlbihmaWxlW2tleV0sIGtleSwgcm9vbSk7XG4gICAgICBpZiAodmFsdWUgIT09ICcnKSByZXR1cm4gdmFsdWU7XG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywge1xuICAgICAgICB3aGF0OiBgdGhlIHNlc3Npb24gJHtyb29tLm5hbWV9IGhhcyBubyAke2tleX0sIGFuZCBpdHMgZ3JhbnQgd2FudHMgb25lYCxcbiAgICAgICAgd2hlcmU6IHJvb20ueWFtbC5wb3NpdGlvbihbJ2dyYW50J10pLFxuICAgICAgICByZW1lZHk6IGAke2tleX06IFwiXFwke3NlY3JldC5OQU1FfVwiIGluIHRoZSBzZXNzaW9uIGZpbGVgLFxuICAgICAgfSk7XG4gICAgfSxcbiAgfTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gYWxsTG9jYWwoeyBpc3N1ZXIsIGVuZHBvaW50cyA9IHt9IH06IE9BdXRoMkZpbGUsIHJvb206IFNlc3Npb25Sb29tKTogUHJvbWlzZTxib29sZWFuPiB7XG4gIGNvbnN0IGxvY2FsID0gL15odHRwOlxcL1xcLyg/OjEyN1xcLlxcZCtcXC5cXGQrXFwuXFxkK3xcXFs6OjFcXF18bG9jYWxob3N0KSg/Ols6L118JCkvaTtcbiAgY29uc3QgdGV4dHMgPSBhd2FpdCBQcm9taXNlLmFsbChcbiAgICBbaXNzdWVyLCAuLi5PYmplY3QudmFsdWVzKGVuZHBvaW50cyldXG4gICAgICAuZmlsdGVyKCh0ZXh0KSA9PiB0ZXh0ICE9PSB1bmRlZmluZWQpXG4gICAgICAubWFwKCh0ZXh0KSA9PiB3cml0dGVuKHRleHQsICdlbmRwb2ludHMnLCByb29tKSksXG4gICk7XG4gIHJldHVybiB0ZXh0cy5ldmVyeSgodGV4dCkgPT4gbG9jYWwudGVzdCh0ZXh0KSk7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIGFza2VkRm9yKHsgc2NvcGUsIGF1ZGllbmNlLCByZXNvdXJjZSB9OiBPQXV0aDJGaWxlLCByb29tOiBTZXNzaW9uUm9vbSk6IFByb21pc2U8VVJMU2VhcmNoUGFyYW1zPiB7XG4gIGNvbnN0IGFza2VkID0gbmV3IFVSTFNlYXJjaFBhcmFtcygpO1xuICBjb25zdCB0ZXh0cyA9IGFzeW5jIChnaXZlbjogc3RyaW5nIHwgcmVhZG9ubHkgc3RyaW5nW10gfCB1bmRlZmluZWQsIGtleTogc3RyaW5nKTogUHJvbWlzZTxzdHJpbmdbXT4gPT4ge1xuICAgIGNvbnN0IHJlc3VsdHMgPSBhd2FpdCBQcm9taXNlLmFsbChbZ2l2ZW4gPz8gW11dLmZsYXQoKS5tYXAoKG9uZSkgPT4gcm9vbS5ldmFsdWF0ZShvbmUgYXMgc3RyaW5nLCBba2V5XSwge30pKSk7XG4gICAgcmV0dXJuIHJlc3VsdHMuZmlsdGVyKChvbmUpID0+IG9uZSAhPT0gb21pdHRlZCkubWFwKChvbmUpID0+IHRleHRPZihvbmUpKTtcbiAgfTtcbiAgY29uc3Qgc2NvcGVzID0gYXdhaXQgdGV4dHMoc2NvcGUsICdzY29wZScpO1xuICBpZiAoc2NvcGVzLmxlbmd0aCA+IDApIGFza2VkLnNldCgnc2NvcGUnLCBzY29wZXMuam9pbignICcpKTtcbiAgZm9yIChjb25zdCBvbmUgb2YgYXdhaXQgdGV4dHMoYXVkaWVuY2UsICdhdWRpZW5jZScpKSBhc2tlZC5hcHBlbmQoJ2F1ZGllbmNlJywgb25lKTtcbiAgZm9yIChjb25zdCBvbmUgb2YgYXdhaXQgdGV4dHMocmVzb3VyY2UsICdyZXNvdXJjZScpKSBhc2tlZC5hcHBlbmQoJ3Jlc291cmNlJywgb25lKTtcbiAgcmV0dXJuIGFza2VkO1xufVxuIiwgIi8qKiBIb3cgYSBjbGllbnQgcHJvdmVzIGl0c2VsZiwgYnkgdGhlIHJlZ2lzdGVyZWQgbmFtZXMgKFJGQyA2NzQ5LCBzZWN0aW9uIDIuMzsgUkZDIDc1MjM7IE9wZW5JRCBDb25uZWN0IENvcmUsIHNlY3Rpb24gOSkuICovXG5pbXBvcnQgeyBjcmVhdGVQcml2YXRlS2V5LCB3ZWJjcnlwdG8gfSBmcm9tICdub2RlOmNyeXB0byc7XG5pbXBvcnQgdHlwZSAqIGFzIG9hdXRoIGZyb20gJ29hdXRoNHdlYmFwaSc7XG5pbXBvcnQgdHlwZSB7IE9BdXRoMkZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2ZpbGVzL3Nlc3Npb24tZmlsZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHdyaXR0ZW4gfSBmcm9tICcuLi9jcmVkZW50aWFscy5qcyc7XG5pbXBvcnQgdHlwZSB7IFNlc3Npb25Sb29tIH0gZnJvbSAnLi4vc2Vzc2lvbi1raW5kLmpzJztcblxudHlwZSBDbGllbnQgPSBPQXV0aDJGaWxlWydjbGllbnQnXTtcblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBzZXNzaW9uLW1pc3Npbmc6IHdoYXQgdGhlIHdheSBuZWVkcyBpcyBub3QgdGhlcmUgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBjbGllbnRQcm9vZihsaWJyYXJ5OiB0eXBlb2Ygb2F1dGgsIGNsaWVudDogQ2xpZW50LCByb29tOiBTZXNzaW9uUm9vbSk6IFByb21pc2U8b2F1dGguQ2xpZW50QXV0aD4ge1xuICBjb25zdCB3YXkgPVxuICAgIGNsaWVudC5hdXRoZW50aWNhdGlvbiA/P1xuICAgIChjbGllbnQuc2VjcmV0ICE9PSB1bmRlZmluZWQgPyAnY2xpZW50X3NlY3JldF9iYXNpYycgOiBjbGllbnQua2V5ICE9PSB1bmRlZmluZWQgPyAncHJpdmF0ZV9rZXlfand0JyA6ICdub25lJyk7XG4gIGlmICh3YXkgPT09ICdub25lJykgcmV0dXJuIGxpYnJhcnkuTm9uZSgpO1xuICBpZiAod2F5ID09PSAncHJpdmF0ZV9rZXlfand0JykgcmV0dXJuIGxpYnJhcnkuUHJpdmF0ZUtleUp3dChhd2FpdCBwcml2YXRlS2V5KGNsaWVudCwgcm9vbSkpO1xuICBjb25zdCBzZWNyZXQgPSBjbGllbnQuc2VjcmV0ID09PSB1bmRlZmluZWQgPyAnJyA6IGF3YWl0IHdyaXR0ZW4oY2xpZW50LnNlY3JldCwgJ2NsaWVudCcsIHJvb20pO1xuICBpZiAoc2VjcmV0ID09PSAnJylcbiAgICB0aHJvdyBtaXNzaW5nKHJvb20sIGBjbGllbnRfc2VjcmV0IGlzIGVtcHR5LCBhbmQgJHt3YXl9IHdhbnRzIG9uZWAsICdjbGllbnQ6IHtzZWNyZXQ6IFwiJHtzZWNyZXQuTkFNRX1cIn0nKTtcbiAgaWYgKHdheSA9PT0gJ2NsaWVudF9zZWNyZXRfYmFzaWMnKSByZXR1cm4gbGlicmFyeS5DbGllbnRTZWNyZXRCYXNpYyhzZWNyZXQpO1xuICByZXR1cm4gd2F5ID09PSAnY2xpZW50X3NlY3JldF9wb3N0JyA/IGxpYnJhcnkuQ2xpZW50U2VjcmV0UG9zdChzZWNyZXQpIDogbGlicmFyeS5DbGllbnRTZWNyZXRKd3Qoc2VjcmV0KTtcbn1cblxuY29uc3QgYWxnb3JpdGhtcyA9IHtcbiAgUlMyNTY6IHsgbmFtZTogJ1JTQVNTQS1QS0NTMS12MV81JywgaGFzaDogJ1NIQS0yNTYnIH0sXG4gIFBTMjU2OiB7IG5hbWU6ICdSU0EtUFNTJywgaGFzaDogJ1NIQS0yNTYnIH0sXG4gIEVTMjU2OiB7IG5hbWU6ICdFQ0RTQScsIG5hbWVkQ3VydmU6ICdQLTI1NicgfSxcbiAgRWREU0E6IHsgbmFtZTogJ0VkMjU1MTknIH0sXG59IGFzIGNvbnN0O1xuXG5hc3luYyBmdW5jdGlvbiBwcml2YXRlS2V5KGNsaWVudDogQ2xpZW50LCByb29tOiBTZXNzaW9uUm9vbSk6IFByb21pc2U8b2F1dGguUHJpdmF0ZUtleT4ge1xuICBjb25zdCBwZW0gPSBjbGllbnQua2V5ID09PSB1bmRlZmluZWQgPyAnJyA6IGF3YWl0IHdyaXR0ZW4oY2xpZW50LmtleSwgJ2NsaWVudCcsIHJvb20pO1xuICBpZiAocGVtID09PSAnJykgdGhyb3cgbWlzc2luZyhyb29tLCAncHJpdmF0ZV9rZXlfand0IHdhbnRzIGEga2V5JywgJ2NsaWVudDoge2tleTogXCIke3NlY3JldC5OQU1FfVwifSB3aXRoIGEgUEVNJyk7XG4gIGNvbnN0IHsgYWxnb3JpdGhtID0gJ1JTMjU2JywgJ2tleS1pZCc6IGtpZCB9ID0gY2xpZW50O1xuICB0cnkge1xuICAgIGNvbnN0IGRlciA9IGNyZWF0ZVByaXZhdGVLZXkocGVtKS5leHBvcnQoeyB0eXBlOiAncGtjczgnLCBmb3JtYXQ6ICdkZXInIH0pO1xuICAgIGNvbnN0IGtleSA9IGF3YWl0IHdlYmNyeXB0by5zdWJ0bGUuaW1wb3J0S2V5KCdwa2NzOCcsIGRlciwgYWxnb3JpdGhtc1thbGdvcml0aG1dLCBmYWxzZSwgWydzaWduJ10pO1xuICAgIHJldHVybiB7IGtleToga2V5IGFzIENyeXB0b0tleSwgLi4uKGtpZCAhPT0gdW5kZWZpbmVkICYmIHsga2lkIH0pIH07XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgdGhyb3cgbWlzc2luZyhcbiAgICAgIHJvb20sXG4gICAgICBgdGhlIGtleSBvZiB0aGUgY2xpZW50IGNhbm5vdCBiZSB1c2VkIHdpdGggJHthbGdvcml0aG19OiAkeyhlcnJvciBhcyBFcnJvcikubWVzc2FnZX1gLFxuICAgICAgJ2EgcHJpdmF0ZSBrZXkgaW4gUEVNLCBhbmQgdGhlIGFsZ29yaXRobSBpdCBpcyBmb3InLFxuICAgICk7XG4gIH1cbn1cblxuY29uc3QgbWlzc2luZyA9IChyb29tOiBTZXNzaW9uUm9vbSwgd2hhdDogc3RyaW5nLCByZW1lZHk6IHN0cmluZyk6IFByb2JsZW0gPT5cbiAgbmV3IFByb2JsZW0oJ3Nlc3Npb24tbWlzc2luZycsIHtcbiAgICB3aGF0OiBgdGhlIHNlc3Npb24gJHtyb29tLm5hbWV9IGNhbm5vdCBwcm92ZSBpdHMgY2xpZW50OiAke3doYXR9YCxcbiAgICB3aGVyZTogcm9vbS55YW1sLnBvc2l0aW9uKFsnY2xpZW50J10pLFxuICAgIHJlbWVkeSxcbiAgfSk7XG4iLCAiLyoqIEEgcmVmcmVzaCB0b2tlbiB0aGF0IHRoZSB2ZW5kb3IgZ2F2ZSBieSBhbm90aGVyIHdheSAoUkZDIDY3NDksIHNlY3Rpb24gNikuICovXG5pbXBvcnQgdHlwZSB7IEFza2luZywgR3JhbnQgfSBmcm9tICcuLi9ncmFudC5qcyc7XG5cbmV4cG9ydCBjb25zdCByZWZyZXNoVG9rZW46IEdyYW50ID0ge1xuICBuYW1lOiAncmVmcmVzaF90b2tlbicsXG4gIGFib3V0OiAnYSByZWZyZXNoIHRva2VuIHRoYXQgeW91IGhhdmUnLFxuICBvYnRhaW46IGFzeW5jIChhc2tpbmcpID0+IHJlbmV3ZWQoYXNraW5nLCBhd2FpdCBhc2tpbmcud2FudGVkKCdyZWZyZXNoLXRva2VuJykpLFxufTtcblxuLyoqIEBwYXJhbSB0b2tlbiBhbiBhbnN3ZXIgbWF5IGJyaW5nIGFub3RoZXIgaW4gaXRzIHBsYWNlICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gcmVuZXdlZChcbiAgeyBsaWJyYXJ5LCBzZXJ2ZXIsIGNsaWVudCwgcHJvb2YsIHBhcmFtZXRlcnMsIG9wdGlvbnMgfTogQXNraW5nLFxuICB0b2tlbjogc3RyaW5nLFxuKTogUmV0dXJuVHlwZTxHcmFudFsnb2J0YWluJ10+IHtcbiAgY29uc3QgYW5zd2VyID0gYXdhaXQgbGlicmFyeS5yZWZyZXNoVG9rZW5HcmFudFJlcXVlc3Qoc2VydmVyLCBjbGllbnQsIHByb29mLCB0b2tlbiwge1xuICAgIC4uLm9wdGlvbnMsXG4gICAgYWRkaXRpb25hbFBhcmFtZXRlcnM6IHBhcmFtZXRlcnMsXG4gIH0pO1xuICByZXR1cm4gbGlicmFyeS5wcm9jZXNzUmVmcmVzaFRva2VuUmVzcG9uc2Uoc2VydmVyLCBjbGllbnQsIGFuc3dlcik7XG59XG4iLCAiLyoqIFdoYXQgYW4gYXV0aG9yaXphdGlvbiBzZXJ2ZXIgbWVhbnMgd2hlbiBpdCByZWZ1c2VzIChSRkMgNjc0OSwgc2VjdGlvbnMgNC4xLjIuMSBhbmQgNS4yOyBSRkMgODYyOCwgc2VjdGlvbiAzLjUpLiAqL1xuaW1wb3J0ICogYXMgb2F1dGggZnJvbSAnb2F1dGg0d2ViYXBpJztcbmltcG9ydCB0eXBlIHsgT0F1dGgyRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvc2Vzc2lvbi1maWxlLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBTZXNzaW9uUm9vbSB9IGZyb20gJy4uL3Nlc3Npb24ta2luZC5qcyc7XG5cbmNvbnN0IG1lYW5pbmdzOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCByZWFkb25seSBbd2hhdDogc3RyaW5nLCByZW1lZHk6IHN0cmluZ10+PiA9IHtcbiAgaW52YWxpZF9jbGllbnQ6IFtcbiAgICAndGhlIHNlcnZlciBkb2VzIG5vdCBhY2NlcHQgdGhlIGNsaWVudCcsXG4gICAgJ2FyZSB0aGUgaWQgYW5kIHRoZSBzZWNyZXQgcmlnaHQsIGFuZCBpcyB0aGlzIGhvdyB0aGUgdmVuZG9yIHdhbnRzIHRoZW06IGNsaWVudDoge2F1dGhlbnRpY2F0aW9uOiBjbGllbnRfc2VjcmV0X3Bvc3R9PycsXG4gIF0sXG4gIGludmFsaWRfZ3JhbnQ6IFtcbiAgICAnd2hhdCB3YXMgaGFuZGVkIGluIGlzIHdyb25nLCB1c2VkIG9yIGVuZGVkJyxcbiAgICAnaXMgdGhlIHVzZXIgYW5kIHRoZSBwYXNzd29yZCwgdGhlIGNvZGUgb3IgdGhlIHJlZnJlc2ggdG9rZW4gcmlnaHQ/IGEgcmVkaXJlY3QgYWRkcmVzcyBtdXN0IGJlIHRoZSB2ZXJ5IG9uZSB0aGF0IHRoZSB2ZW5kb3Iga25vd3MnLFxuICBdLFxuICB1bmF1dGhvcml6ZWRfY2xpZW50OiBbXG4gICAgJ3RoZSBjbGllbnQgbWF5IG5vdCB1c2UgdGhpcyBncmFudCcsXG4gICAgJ2FzayB0aGUgdmVuZG9yIHRvIGVuYWJsZSB0aGUgZ3JhbnQgZm9yIHRoZSBjbGllbnQsIG9yIHVzZSBhbm90aGVyJyxcbiAgXSxcbiAgdW5zdXBwb3J0ZWRfZ3JhbnRfdHlwZTogWyd0aGUgc2VydmVyIGRvZXMgbm90IGhhdmUgdGhpcyBncmFudCcsICd0aGUgZG9jdW1lbnRhdGlvbiBvZiB0aGUgdmVuZG9yIG5hbWVzIGl0cyBncmFudHMnXSxcbiAgaW52YWxpZF9zY29wZTogW1xuICAgICd0aGUgc2VydmVyIGRvZXMgbm90IGdpdmUgdGhpcyBzY29wZScsXG4gICAgJ2lzIHRoZSBzY29wZSBzcGVsdCByaWdodCwgYW5kIGhhcyB0aGUgdmVuZG9yIGdyYW50ZWQgaXQgdG8gdGhlIGNsaWVudD8nLFxuICBdLFxuICBpbnZhbGlkX3RhcmdldDogWyd0aGUgc2VydmVyIGRvZXMgbm90IHNlcnZlIHRoaXMgcmVzb3VyY2UnLCAnaXMgcmVzb3VyY2U6IHRoZSBhZGRyZXNzIHRoYXQgdGhlIHZlbmRvciBuYW1lcz8nXSxcbiAgaW52YWxpZF9yZXF1ZXN0OiBbJ3RoZSBzZXJ2ZXIgbWlzc2VzIG9yIGRvZXMgbm90IGtub3cgYSBwYXJhbWV0ZXInLCAnZWNoby10cmFpbCBlY2hvIHNob3cgc2hvd3Mgd2hhdCB3YXMgc2VudCddLFxuICBhY2Nlc3NfZGVuaWVkOiBbJ3RoZSBwZXJzb24gZGlkIG5vdCBhZ3JlZScsICdvcGVuIHRoZSBzZXNzaW9uIGFnYWluLCBhbmQgYWdyZWUnXSxcbiAgZXhwaXJlZF90b2tlbjogWyd0aGUgY29kZSBoYWQgZW5kZWQgYmVmb3JlIGFueWJvZHkgYWdyZWVkJywgJ29wZW4gdGhlIHNlc3Npb24gYWdhaW4nXSxcbiAgc2VydmVyX2Vycm9yOiBbJ3RoZSBzZXJ2ZXIgaGFzIGEgZmF1bHQgb2YgaXRzIG93bicsICd0cnkgbGF0ZXIsIG9yIGFzayB0aGUgdmVuZG9yJ10sXG4gIHRlbXBvcmFyaWx5X3VuYXZhaWxhYmxlOiBbJ3RoZSBzZXJ2ZXIgaXMgYnVzeScsICd0cnkgbGF0ZXInXSxcbn07XG5cbi8qKlxuICogQHBhcmFtIHRyaWVkIHdoYXQgZGlkIG5vdCBjb21lIGFib3V0LCBzdWNoIGFzIGBjb3VsZCBub3QgYmUgb3BlbmVkYFxuICogQHJldHVybnMgYSBQcm9ibGVtIHRoYXQgc2F5cyB3aGF0IHRoZSBzZXJ2ZXIgc2FpZCwgYW5kIHdoYXQgaXQgbWVhbnNcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlZnVzZWRQcm9ibGVtKFxuICBlcnJvcjogdW5rbm93bixcbiAgeyBncmFudCwgY2xpZW50IH06IE9BdXRoMkZpbGUsXG4gIHJvb206IFNlc3Npb25Sb29tLFxuICB0cmllZCA9ICdjb3VsZCBub3QgYmUgb3BlbmVkJyxcbik6IFByb2JsZW0ge1xuICBpZiAoZXJyb3IgaW5zdGFuY2VvZiBQcm9ibGVtKSByZXR1cm4gZXJyb3I7XG4gIGNvbnN0IG1ha2UgPSAod2hhdDogc3RyaW5nLCBjYXVzZTogc3RyaW5nIHwgdW5kZWZpbmVkLCByZW1lZHk6IHN0cmluZyB8IHVuZGVmaW5lZCk6IFByb2JsZW0gPT5cbiAgICBuZXcgUHJvYmxlbShcbiAgICAgICdzZXNzaW9uLW1pc3NpbmcnLFxuICAgICAge1xuICAgICAgICB3aGF0OiBgdGhlIHNlc3Npb24gJHtyb29tLm5hbWV9ICR7dHJpZWR9OiAke3doYXR9YCxcbiAgICAgICAgd2hlcmU6IHJvb20ueWFtbC5wb3NpdGlvbihbJ2dyYW50J10pLFxuICAgICAgICBjYXVzZSxcbiAgICAgICAgcmVtZWR5LFxuICAgICAgICBkYXRhOiB7IHNlc3Npb246IHJvb20ubmFtZSwgZ3JhbnQgfSxcbiAgICAgIH0sXG4gICAgICB7IGNhdXNlOiBlcnJvciB9LFxuICAgICk7XG4gIGlmIChlcnJvciBpbnN0YW5jZW9mIG9hdXRoLlJlc3BvbnNlQm9keUVycm9yIHx8IGVycm9yIGluc3RhbmNlb2Ygb2F1dGguQXV0aG9yaXphdGlvblJlc3BvbnNlRXJyb3IpIHtcbiAgICBjb25zdCB7IGVycm9yOiBjb2RlLCBlcnJvcl9kZXNjcmlwdGlvbjogZGVzY3JpcHRpb24gfSA9IGVycm9yO1xuICAgIGNvbnN0IFt3aGF0LCByZW1lZHldID0gbWVhbmluZ3NbY29kZV0gPz8gWyd0aGUgc2VydmVyIHJlZnVzZWQgaXQnLCB1bmRlZmluZWRdO1xuICAgIGNvbnN0IHNhaWQgPSBkZXNjcmlwdGlvbiA9PT0gdW5kZWZpbmVkID8gY29kZSA6IGAke2NvZGV9OiAke2Rlc2NyaXB0aW9ufWA7XG4gICAgcmV0dXJuIG1ha2Uod2hhdCwgYGl0IHNheXMgJHtzYWlkfTsgdGhlIGNsaWVudCAke2NsaWVudC5pZH0gYXNrZWQgYnkgJHtncmFudH1gLCByZW1lZHkpO1xuICB9XG4gIGlmIChlcnJvciBpbnN0YW5jZW9mIG9hdXRoLldXV0F1dGhlbnRpY2F0ZUNoYWxsZW5nZUVycm9yKSB7XG4gICAgY29uc3Qgc2FpZCA9IGVycm9yLmNhdXNlXG4gICAgICAubWFwKCh7IHNjaGVtZSwgcGFyYW1ldGVyczogeyBlcnJvcjogY29kZSwgcmVhbG0gfSB9KSA9PiBgJHtzY2hlbWV9ICR7Y29kZSA/PyBgcmVhbG0gXCIke3JlYWxtID8/ICcnfVwiYH1gKVxuICAgICAgLmpvaW4oJywgJyk7XG4gICAgY29uc3QgW3doYXQsIHJlbWVkeV0gPSBtZWFuaW5ncy5pbnZhbGlkX2NsaWVudCBhcyByZWFkb25seSBbc3RyaW5nLCBzdHJpbmddO1xuICAgIHJldHVybiBtYWtlKHdoYXQsIGBpdCBhbnN3ZXJlZCAke2Vycm9yLnN0YXR1c30gd2l0aCAke3NhaWR9YCwgcmVtZWR5KTtcbiAgfVxuICBjb25zdCB7IGNvZGUsIG1lc3NhZ2UgfSA9IGVycm9yIGFzIEVycm9yICYgeyBjb2RlPzogc3RyaW5nIH07XG4gIGlmIChjb2RlID09PSBvYXV0aC5IVFRQX1JFUVVFU1RfRk9SQklEREVOKVxuICAgIHJldHVybiBtYWtlKFxuICAgICAgJ2FuIGVuZHBvaW50IGlzIHBsYWluIGh0dHAsIGFuZCB3b3VsZCBzaG93IHdoYXQgaXMgc2VjcmV0JyxcbiAgICAgIHVuZGVmaW5lZCxcbiAgICAgICd1c2UgdGhlIGh0dHBzIGFkZHJlc3Mgb2YgdGhlIHZlbmRvcicsXG4gICAgKTtcbiAgaWYgKGNvZGUgPT09IG9hdXRoLklOVkFMSURfUkVTUE9OU0UgJiYgL1wic3RhdGVcIi8udGVzdChtZXNzYWdlKSkge1xuICAgIHJldHVybiBtYWtlKFxuICAgICAgJ3RoZSBicm93c2VyIGNhbWUgYmFjayB3aXRoIHRoZSBzdGF0ZSBvZiBhbm90aGVyIHRyeScsXG4gICAgICAnc29tZWJvZHkgZWxzZSBtYXkgaGF2ZSBzZW50IGl0LCBvciBhbiBvbGQgcGFnZSB3YXMgdXNlZCcsXG4gICAgICBgZWNoby10cmFpbCBzZXNzaW9uIG9wZW4gJHtyb29tLm5hbWV9IGFza3MgYWdhaW47IHVzZSB0aGUgcGFnZSB0aGF0IGl0IG9wZW5zYCxcbiAgICApO1xuICB9XG4gIHJldHVybiBtYWtlKFxuICAgICd0aGUgYW5zd2VyIG9mIHRoZSBzZXJ2ZXIgaXMgbm90IG9uZSBvZiBPQXV0aCcsXG4gICAgbWVzc2FnZSxcbiAgICAnaXMgdGhlIGFkZHJlc3MgdGhlIHRva2VuIGVuZHBvaW50PyBlY2hvLXRyYWlsIGVjaG8gc2hvdyBzaG93cyB0aGUgYW5zd2VyJyxcbiAgKTtcbn1cbiIsICIvKiogVGhlIGxvb3BiYWNrIGFkZHJlc3MgdGhhdCBhIGJyb3dzZXIgY29tZXMgYmFjayB0byAoUkZDIDgyNTIsIHNlY3Rpb24gNy4zKS4gKi9cbmltcG9ydCB7IG9uY2UgfSBmcm9tICdub2RlOmV2ZW50cyc7XG5pbXBvcnQgeyBjcmVhdGVTZXJ2ZXIgfSBmcm9tICdub2RlOmh0dHAnO1xuaW1wb3J0IHR5cGUgeyBBZGRyZXNzSW5mbyB9IGZyb20gJ25vZGU6bmV0JztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIENhbGxiYWNrIHtcbiAgcmVhZG9ubHkgYWRkcmVzczogc3RyaW5nO1xuICAvKiogVGhlIGFkZHJlc3Mgd2l0aCB3aGljaCB0aGUgYnJvd3NlciBjYW1lIGJhY2suICovXG4gIGFycml2YWwoc2lnbmFsOiBBYm9ydFNpZ25hbCk6IFByb21pc2U8VVJMPjtcbiAgY2xvc2UoKTogdm9pZDtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBzZXNzaW9uLW1pc3Npbmc6IHRoZSBwb3J0IGlzIHRha2VuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gbGlzdGVuRm9yQ2FsbGJhY2soXG4gIHsgcG9ydCA9IDAsIHBhdGggPSAnL2NhbGxiYWNrJyB9OiB7IHJlYWRvbmx5IHBvcnQ/OiBudW1iZXIgfCB1bmRlZmluZWQ7IHJlYWRvbmx5IHBhdGg/OiBzdHJpbmcgfCB1bmRlZmluZWQgfSxcbiAgc2Vzc2lvbjogc3RyaW5nLFxuKTogUHJvbWlzZTxDYWxsYmFjaz4ge1xuICBjb25zdCBwbGFjZSA9IHBhdGguc3RhcnRzV2l0aCgnLycpID8gcGF0aCA6IGAvJHtwYXRofWA7XG4gIGxldCBhcnJpdmVkOiAodXJsOiBVUkwpID0+IHZvaWQgPSAoKSA9PiB1bmRlZmluZWQ7XG4gIGNvbnN0IGZpcnN0ID0gbmV3IFByb21pc2U8VVJMPigocmVzb2x2ZSkgPT4ge1xuICAgIGFycml2ZWQgPSByZXNvbHZlO1xuICB9KTtcbiAgY29uc3Qgc2VydmVyID0gY3JlYXRlU2VydmVyKChyZXF1ZXN0LCByZXNwb25zZSkgPT4ge1xuICAgIGNvbnN0IHVybCA9IG5ldyBVUkwocmVxdWVzdC51cmwgPz8gJy8nLCAnaHR0cDovLzEyNy4wLjAuMScpO1xuICAgIGNvbnN0IG91cnMgPSB1cmwucGF0aG5hbWUgPT09IHBsYWNlICYmICh1cmwuc2VhcmNoUGFyYW1zLmhhcygnY29kZScpIHx8IHVybC5zZWFyY2hQYXJhbXMuaGFzKCdlcnJvcicpKTtcbiAgICByZXNwb25zZS53cml0ZUhlYWQob3VycyA/IDIwMCA6IDQwNCwgeyAnQ29udGVudC1UeXBlJzogJ3RleHQvcGxhaW47IGNoYXJzZXQ9dXRmLTgnLCBDb25uZWN0aW9uOiAnY2xvc2UnIH0pO1xuICAgIHJlc3BvbnNlLmVuZChvdXJzID8gJ0VjaG8gVHJhaWwgaGFzIGl0LiBZb3UgY2FuIGNsb3NlIHRoaXMgcGFnZS5cXG4nIDogJ05vdGhpbmcgaXMgaGVyZS5cXG4nKTtcbiAgICBpZiAob3VycykgYXJyaXZlZCh1cmwpO1xuICB9KTtcbiAgc2VydmVyLmxpc3Rlbihwb3J0LCAnMTI3LjAuMC4xJyk7XG4gIHRyeSB7XG4gICAgYXdhaXQgb25jZShzZXJ2ZXIsICdsaXN0ZW5pbmcnKTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywge1xuICAgICAgd2hhdDogYHRoZSBzZXNzaW9uICR7c2Vzc2lvbn0gY2Fubm90IGxpc3RlbiBvbiBwb3J0ICR7cG9ydH0gb2YgMTI3LjAuMC4xYCxcbiAgICAgIGNhdXNlOiAoZXJyb3IgYXMgTm9kZUpTLkVycm5vRXhjZXB0aW9uKS5jb2RlID09PSAnRUFERFJJTlVTRScgPyAnYW5vdGhlciBwcm9ncmFtIGRvZXMnIDogKGVycm9yIGFzIEVycm9yKS5tZXNzYWdlLFxuICAgICAgcmVtZWR5OiAnY2FsbGJhY2s6IHtwb3J0OiBcdTIwMjZ9IG5hbWVzIGFub3RoZXI7IHRoZSB2ZW5kb3IgaGFzIHRvIGtub3cgaXQnLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiB7XG4gICAgYWRkcmVzczogYGh0dHA6Ly8xMjcuMC4wLjE6JHsoc2VydmVyLmFkZHJlc3MoKSBhcyBBZGRyZXNzSW5mbykucG9ydH0ke3BsYWNlfWAsXG4gICAgYXJyaXZhbDogKHNpZ25hbCkgPT5cbiAgICAgIFByb21pc2UucmFjZShbXG4gICAgICAgIGZpcnN0LFxuICAgICAgICBuZXcgUHJvbWlzZTxuZXZlcj4oKF8sIHJlamVjdCkgPT4ge1xuICAgICAgICAgIHNpZ25hbC5hZGRFdmVudExpc3RlbmVyKCdhYm9ydCcsICgpID0+XG4gICAgICAgICAgICByZWplY3QoXG4gICAgICAgICAgICAgIG5ldyBQcm9ibGVtKCdzZXNzaW9uLW1pc3NpbmcnLCB7XG4gICAgICAgICAgICAgICAgd2hhdDogYG5vYm9keSBhZ3JlZWQgdG8gdGhlIHNlc3Npb24gJHtzZXNzaW9ufSB3aXRoaW4gZml2ZSBtaW51dGVzYCxcbiAgICAgICAgICAgICAgICByZW1lZHk6IGBlY2hvLXRyYWlsIHNlc3Npb24gb3BlbiAke3Nlc3Npb259IGFza3MgYWdhaW5gLFxuICAgICAgICAgICAgICB9KSxcbiAgICAgICAgICAgICksXG4gICAgICAgICAgKTtcbiAgICAgICAgfSksXG4gICAgICBdKSxcbiAgICBjbG9zZTogKCkgPT4ge1xuICAgICAgc2VydmVyLmNsb3NlKCk7XG4gICAgICBzZXJ2ZXIuY2xvc2VBbGxDb25uZWN0aW9ucygpO1xuICAgIH0sXG4gIH07XG59XG4iLCAiLyoqIEdyYW50cyB0aGF0IG5lZWQgYSBwZXJzb24uICovXG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgUGVyc29uLCBTZXNzaW9uUm9vbSB9IGZyb20gJy4uL3Nlc3Npb24ta2luZC5qcyc7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gc2Vzc2lvbi1taXNzaW5nOiBub2JvZHkgaXMgdGhlcmUgKi9cbmV4cG9ydCBmdW5jdGlvbiBkZW1hbmRQZXJzb24oeyBwZXJzb24sIG5hbWUgfTogU2Vzc2lvblJvb20pOiBQZXJzb24ge1xuICBpZiAocGVyc29uKSByZXR1cm4gcGVyc29uO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywge1xuICAgIHdoYXQ6IGB0aGUgc2Vzc2lvbiAke25hbWV9IG5lZWRzIGEgcGVyc29uIHRvIGFncmVlLCBhbmQgbm9ib2R5IGlzIGhlcmVgLFxuICAgIHJlbWVkeTogYGVjaG8tdHJhaWwgc2Vzc2lvbiBvcGVuICR7bmFtZX0gYXQgYSB0ZXJtaW5hbDsgaXQgaXMga2VwdCBhbmQgcmVuZXdlZCBmb3Igd2hhdCBydW5zIHVuYXR0ZW5kZWRgLFxuICB9KTtcbn1cbiIsICIvKiogQSBwZXJzb24gYWdyZWVzIGluIGEgYnJvd3Nlciwgd2hpY2ggY29tZXMgYmFjayB3aXRoIGEgY29kZSAoUkZDIDY3NDksIHNlY3Rpb24gNC4xOyBQS0NFIG9mIFJGQyA3NjM2KS4gKi9cbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgbGlzdGVuRm9yQ2FsbGJhY2sgfSBmcm9tICcuLi9jYWxsYmFjay5qcyc7XG5pbXBvcnQgdHlwZSB7IEFza2luZywgR3JhbnQgfSBmcm9tICcuLi9ncmFudC5qcyc7XG5pbXBvcnQgeyBkZW1hbmRQZXJzb24gfSBmcm9tICcuLi9wZXJzb24uanMnO1xuXG4vKiogTWlsbGlzZWNvbmRzIHRoYXQgYSBwZXJzb24gaGFzLiAqL1xuY29uc3QgcGF0aWVuY2UgPSA1ICogNjBfMDAwO1xuXG5leHBvcnQgY29uc3QgYXV0aG9yaXphdGlvbkNvZGU6IEdyYW50ID0ge1xuICBuYW1lOiAnYXV0aG9yaXphdGlvbl9jb2RlJyxcbiAgYWJvdXQ6ICdhIHBlcnNvbiBhZ3JlZXMgaW4gYSBicm93c2VyJyxcbiAgYXN5bmMgb2J0YWluKGFza2luZykge1xuICAgIGNvbnN0IHsgbGlicmFyeSwgZmlsZSwgcm9vbSwgc2VydmVyLCBjbGllbnQsIHByb29mLCBwYXJhbWV0ZXJzLCBvcHRpb25zIH0gPSBhc2tpbmc7XG4gICAgY29uc3QgcGVyc29uID0gZGVtYW5kUGVyc29uKHJvb20pO1xuICAgIGNvbnN0IGVuZHBvaW50ID0gZGVtYW5kRW5kcG9pbnQoYXNraW5nKTtcbiAgICBjb25zdCB2ZXJpZmllciA9IGxpYnJhcnkuZ2VuZXJhdGVSYW5kb21Db2RlVmVyaWZpZXIoKTtcbiAgICBjb25zdCBzdGF0ZSA9IGxpYnJhcnkuZ2VuZXJhdGVSYW5kb21TdGF0ZSgpO1xuICAgIHJvb20ub25TZWNyZXQodmVyaWZpZXIpO1xuICAgIGNvbnN0IGNhbGxiYWNrID0gYXdhaXQgbGlzdGVuRm9yQ2FsbGJhY2soZmlsZS5jYWxsYmFjayA/PyB7fSwgcm9vbS5uYW1lKTtcbiAgICBjb25zdCBvdmVyID0gbmV3IEFib3J0Q29udHJvbGxlcigpO1xuICAgIHRyeSB7XG4gICAgICBjb25zdCB1cmwgPSBuZXcgVVJMKGVuZHBvaW50KTtcbiAgICAgIGZvciAoY29uc3QgW25hbWUsIHZhbHVlXSBvZiBwYXJhbWV0ZXJzKSB1cmwuc2VhcmNoUGFyYW1zLmFwcGVuZChuYW1lLCB2YWx1ZSk7XG4gICAgICB1cmwuc2VhcmNoUGFyYW1zLnNldCgncmVzcG9uc2VfdHlwZScsICdjb2RlJyk7XG4gICAgICB1cmwuc2VhcmNoUGFyYW1zLnNldCgnY2xpZW50X2lkJywgY2xpZW50LmNsaWVudF9pZCk7XG4gICAgICB1cmwuc2VhcmNoUGFyYW1zLnNldCgncmVkaXJlY3RfdXJpJywgY2FsbGJhY2suYWRkcmVzcyk7XG4gICAgICB1cmwuc2VhcmNoUGFyYW1zLnNldCgnc3RhdGUnLCBzdGF0ZSk7XG4gICAgICB1cmwuc2VhcmNoUGFyYW1zLnNldCgnY29kZV9jaGFsbGVuZ2UnLCBhd2FpdCBsaWJyYXJ5LmNhbGN1bGF0ZVBLQ0VDb2RlQ2hhbGxlbmdlKHZlcmlmaWVyKSk7XG4gICAgICB1cmwuc2VhcmNoUGFyYW1zLnNldCgnY29kZV9jaGFsbGVuZ2VfbWV0aG9kJywgJ1MyNTYnKTtcbiAgICAgIHBlcnNvbi5zaG93KGB0byBhZ3JlZSB0byB0aGUgc2Vzc2lvbiAke3Jvb20ubmFtZX0sIG9wZW5cXG4ke3VybC5ocmVmfWApO1xuICAgICAgYXdhaXQgcGVyc29uLmJyb3dzZSh1cmwuaHJlZik7XG4gICAgICBjb25zdCBsaW1pdCA9IHNldFRpbWVvdXQoKCkgPT4gb3Zlci5hYm9ydCgpLCBwYXRpZW5jZSk7XG4gICAgICBjb25zdCBiYWNrID0gYXdhaXQgUHJvbWlzZS5yYWNlKFtcbiAgICAgICAgY2FsbGJhY2suYXJyaXZhbChvdmVyLnNpZ25hbCksXG4gICAgICAgIHBlcnNvblxuICAgICAgICAgIC5wYXN0ZSgnd2FpdGluZyBmb3IgdGhlIGJyb3dzZXI7IG9yIHBhc3RlIHRoZSBhZGRyZXNzIHRoYXQgaXQgd2FzIHNlbnQgdG86Jywgb3Zlci5zaWduYWwpXG4gICAgICAgICAgLnRoZW4oKHRleHQpID0+IHBhc3RlZEFkZHJlc3ModGV4dCwgY2FsbGJhY2suYWRkcmVzcywgcm9vbS5uYW1lKSksXG4gICAgICBdKS5maW5hbGx5KCgpID0+IGNsZWFyVGltZW91dChsaW1pdCkpO1xuICAgICAgY29uc3QgY29kZSA9IGJhY2suc2VhcmNoUGFyYW1zLmdldCgnY29kZScpO1xuICAgICAgaWYgKGNvZGUgIT09IG51bGwpIHJvb20ub25TZWNyZXQoY29kZSk7XG4gICAgICBjb25zdCB2YWxpZCA9IGxpYnJhcnkudmFsaWRhdGVBdXRoUmVzcG9uc2Uoc2VydmVyLCBjbGllbnQsIGJhY2ssIHN0YXRlKTtcbiAgICAgIGNvbnN0IGFuc3dlciA9IGF3YWl0IGxpYnJhcnkuYXV0aG9yaXphdGlvbkNvZGVHcmFudFJlcXVlc3QoXG4gICAgICAgIHNlcnZlcixcbiAgICAgICAgY2xpZW50LFxuICAgICAgICBwcm9vZixcbiAgICAgICAgdmFsaWQsXG4gICAgICAgIGNhbGxiYWNrLmFkZHJlc3MsXG4gICAgICAgIHZlcmlmaWVyLFxuICAgICAgICBvcHRpb25zLFxuICAgICAgKTtcbiAgICAgIHJldHVybiBhd2FpdCBsaWJyYXJ5LnByb2Nlc3NBdXRob3JpemF0aW9uQ29kZVJlc3BvbnNlKHNlcnZlciwgY2xpZW50LCBhbnN3ZXIpO1xuICAgIH0gZmluYWxseSB7XG4gICAgICBvdmVyLmFib3J0KCk7XG4gICAgICBjYWxsYmFjay5jbG9zZSgpO1xuICAgIH1cbiAgfSxcbn07XG5cbmZ1bmN0aW9uIGRlbWFuZEVuZHBvaW50KHsgc2VydmVyLCByb29tIH06IEFza2luZyk6IHN0cmluZyB7XG4gIGlmIChzZXJ2ZXIuYXV0aG9yaXphdGlvbl9lbmRwb2ludCAhPT0gdW5kZWZpbmVkKSByZXR1cm4gc2VydmVyLmF1dGhvcml6YXRpb25fZW5kcG9pbnQ7XG4gIHRocm93IG5ldyBQcm9ibGVtKCdzZXNzaW9uLW1pc3NpbmcnLCB7XG4gICAgd2hhdDogYG5vIGF1dGhvcml6YXRpb24gZW5kcG9pbnQgaXMga25vd24gZm9yIHRoZSBzZXNzaW9uICR7cm9vbS5uYW1lfWAsXG4gICAgd2hlcmU6IHJvb20ueWFtbC5wb3NpdGlvbihbXSksXG4gICAgcmVtZWR5OiAnZW5kcG9pbnRzOiB7YXV0aG9yaXphdGlvbjogXHUyMDI2LCB0b2tlbjogXHUyMDI2fSwgb3IgaXNzdWVyOiB3aG9zZSBtZXRhZGF0YSBuYW1lcyB0aGVtJyxcbiAgfSk7XG59XG5cbi8qKiBXaGF0IHdhcyBwYXN0ZWQgbWF5IGJlIHRoZSB3aG9sZSBhZGRyZXNzLCBvciB3aGF0IHN0YW5kcyBiZWhpbmQgaXRzIHF1ZXN0aW9uIG1hcmsuICovXG5mdW5jdGlvbiBwYXN0ZWRBZGRyZXNzKHRleHQ6IHN0cmluZywgY2FsbGJhY2s6IHN0cmluZywgc2Vzc2lvbjogc3RyaW5nKTogVVJMIHtcbiAgY29uc3QgZ2l2ZW4gPSB0ZXh0LnRyaW0oKTtcbiAgY29uc3Qgd2hvbGUgPSAvXmh0dHBzPzovaS50ZXN0KGdpdmVuKSA/IGdpdmVuIDogYCR7Y2FsbGJhY2t9PyR7Z2l2ZW4ucmVwbGFjZSgvXlxcPy8sICcnKX1gO1xuICBpZiAoVVJMLmNhblBhcnNlKHdob2xlKSkgcmV0dXJuIG5ldyBVUkwod2hvbGUpO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywge1xuICAgIHdoYXQ6IGB3aGF0IHdhcyBwYXN0ZWQgZm9yIHRoZSBzZXNzaW9uICR7c2Vzc2lvbn0gaXMgbm90IGFuIGFkZHJlc3NgLFxuICAgIHJlbWVkeTogJ3Bhc3RlIHRoZSB3aG9sZSBsaW5lIG9mIHRoZSBicm93c2VyLCB3aGljaCBob2xkcyBjb2RlPSBhbmQgc3RhdGU9JyxcbiAgfSk7XG59XG4iLCAiLyoqIFRoZSBjbGllbnQgYXNrcyBmb3IgaXRzZWxmIChSRkMgNjc0OSwgc2VjdGlvbiA0LjQpLiAqL1xuaW1wb3J0IHR5cGUgeyBHcmFudCB9IGZyb20gJy4uL2dyYW50LmpzJztcblxuZXhwb3J0IGNvbnN0IGNsaWVudENyZWRlbnRpYWxzOiBHcmFudCA9IHtcbiAgbmFtZTogJ2NsaWVudF9jcmVkZW50aWFscycsXG4gIGFib3V0OiAndGhlIGNsaWVudCBhc2tzIGZvciBpdHNlbGYnLFxuICBhc3luYyBvYnRhaW4oeyBsaWJyYXJ5LCBzZXJ2ZXIsIGNsaWVudCwgcHJvb2YsIHBhcmFtZXRlcnMsIG9wdGlvbnMgfSkge1xuICAgIGNvbnN0IGFuc3dlciA9IGF3YWl0IGxpYnJhcnkuY2xpZW50Q3JlZGVudGlhbHNHcmFudFJlcXVlc3Qoc2VydmVyLCBjbGllbnQsIHByb29mLCBwYXJhbWV0ZXJzLCBvcHRpb25zKTtcbiAgICByZXR1cm4gbGlicmFyeS5wcm9jZXNzQ2xpZW50Q3JlZGVudGlhbHNSZXNwb25zZShzZXJ2ZXIsIGNsaWVudCwgYW5zd2VyKTtcbiAgfSxcbn07XG4iLCAiLyoqIEEgcGVyc29uIGFncmVlcyBvbiBhbm90aGVyIGRldmljZSAoUkZDIDg2MjgpLiAqL1xuaW1wb3J0IHsgc2V0VGltZW91dCB9IGZyb20gJ25vZGU6dGltZXJzL3Byb21pc2VzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBBc2tpbmcsIEdyYW50IH0gZnJvbSAnLi4vZ3JhbnQuanMnO1xuaW1wb3J0IHsgZGVtYW5kUGVyc29uIH0gZnJvbSAnLi4vcGVyc29uLmpzJztcblxuZXhwb3J0IGNvbnN0IGRldmljZUNvZGU6IEdyYW50ID0ge1xuICBuYW1lOiAndXJuOmlldGY6cGFyYW1zOm9hdXRoOmdyYW50LXR5cGU6ZGV2aWNlX2NvZGUnLFxuICBhYm91dDogJ2EgcGVyc29uIGFncmVlcyBvbiBhbm90aGVyIGRldmljZScsXG4gIGFzeW5jIG9idGFpbihhc2tpbmcpIHtcbiAgICBjb25zdCB7IGxpYnJhcnksIHJvb20sIHNlcnZlciwgY2xpZW50LCBwcm9vZiwgcGFyYW1ldGVycywgb3B0aW9ucyB9ID0gYXNraW5nO1xuICAgIGNvbnN0IHBlcnNvbiA9IGRlbWFuZFBlcnNvbihyb29tKTtcbiAgICBjb25zdCBhbnN3ZXIgPSBhd2FpdCBsaWJyYXJ5LmRldmljZUF1dGhvcml6YXRpb25SZXF1ZXN0KHNlcnZlciwgY2xpZW50LCBwcm9vZiwgcGFyYW1ldGVycywgb3B0aW9ucyk7XG4gICAgY29uc3QgZGV2aWNlID0gYXdhaXQgbGlicmFyeS5wcm9jZXNzRGV2aWNlQXV0aG9yaXphdGlvblJlc3BvbnNlKHNlcnZlciwgY2xpZW50LCBhbnN3ZXIpO1xuICAgIHJvb20ub25TZWNyZXQoZGV2aWNlLmRldmljZV9jb2RlKTtcbiAgICBwZXJzb24uc2hvdyhcbiAgICAgIGBvcGVuICR7ZGV2aWNlLnZlcmlmaWNhdGlvbl91cml9IGFuZCB0eXBlICR7ZGV2aWNlLnVzZXJfY29kZX0ke1xuICAgICAgICBkZXZpY2UudmVyaWZpY2F0aW9uX3VyaV9jb21wbGV0ZSA9PT0gdW5kZWZpbmVkID8gJycgOiBgLCBvciBvcGVuICR7ZGV2aWNlLnZlcmlmaWNhdGlvbl91cmlfY29tcGxldGV9YFxuICAgICAgfWAsXG4gICAgKTtcbiAgICBjb25zdCBlbmQgPSBEYXRlLm5vdygpICsgZGV2aWNlLmV4cGlyZXNfaW4gKiAxMDAwO1xuICAgIC8vIFJGQyA4NjI4LCBzZWN0aW9uIDMuNS5cbiAgICBsZXQgaW50ZXJ2YWwgPSAoZGV2aWNlLmludGVydmFsID8/IDUpICogMTAwMDtcbiAgICB3aGlsZSAoRGF0ZS5ub3coKSA8IGVuZCkge1xuICAgICAgYXdhaXQgc2V0VGltZW91dChpbnRlcnZhbCk7XG4gICAgICBjb25zdCB0b2tlbiA9IGF3YWl0IHRyaWVkKGFza2luZywgZGV2aWNlLmRldmljZV9jb2RlKTtcbiAgICAgIGlmICh0b2tlbiA9PT0gJ3Nsb3dlcicpIGludGVydmFsICs9IDVfMDAwO1xuICAgICAgZWxzZSBpZiAodG9rZW4gIT09ICdwZW5kaW5nJykgcmV0dXJuIHRva2VuO1xuICAgIH1cbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywge1xuICAgICAgd2hhdDogYG5vYm9keSBhZ3JlZWQgdG8gdGhlIHNlc3Npb24gJHtyb29tLm5hbWV9IHdoaWxlIGl0cyBjb2RlIHdhcyBnb29kYCxcbiAgICAgIHJlbWVkeTogYGVjaG8tdHJhaWwgc2Vzc2lvbiBvcGVuICR7cm9vbS5uYW1lfSBnaXZlcyBhbm90aGVyYCxcbiAgICB9KTtcbiAgfSxcbn07XG5cbmFzeW5jIGZ1bmN0aW9uIHRyaWVkKFxuICB7IGxpYnJhcnksIHNlcnZlciwgY2xpZW50LCBwcm9vZiwgb3B0aW9ucyB9OiBBc2tpbmcsXG4gIGNvZGU6IHN0cmluZyxcbik6IFByb21pc2U8QXdhaXRlZDxSZXR1cm5UeXBlPEdyYW50WydvYnRhaW4nXT4+IHwgJ3BlbmRpbmcnIHwgJ3Nsb3dlcic+IHtcbiAgY29uc3QgYW5zd2VyID0gYXdhaXQgbGlicmFyeS5kZXZpY2VDb2RlR3JhbnRSZXF1ZXN0KHNlcnZlciwgY2xpZW50LCBwcm9vZiwgY29kZSwgb3B0aW9ucyk7XG4gIHRyeSB7XG4gICAgcmV0dXJuIGF3YWl0IGxpYnJhcnkucHJvY2Vzc0RldmljZUNvZGVSZXNwb25zZShzZXJ2ZXIsIGNsaWVudCwgYW5zd2VyKTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICBjb25zdCBzYWlkID0gZXJyb3IgaW5zdGFuY2VvZiBsaWJyYXJ5LlJlc3BvbnNlQm9keUVycm9yID8gZXJyb3IuZXJyb3IgOiB1bmRlZmluZWQ7XG4gICAgaWYgKHNhaWQgPT09ICdhdXRob3JpemF0aW9uX3BlbmRpbmcnKSByZXR1cm4gJ3BlbmRpbmcnO1xuICAgIGlmIChzYWlkID09PSAnc2xvd19kb3duJykgcmV0dXJuICdzbG93ZXInO1xuICAgIHRocm93IGVycm9yO1xuICB9XG59XG4iLCAiLyoqIFVzZXIgYW5kIHBhc3N3b3JkIGFyZSBoYW5kZWQgdG8gdGhlIGNsaWVudCAoUkZDIDY3NDksIHNlY3Rpb24gNC4zKTsgZm9yIHZlbmRvcnMgdGhhdCBzdGlsbCB3YW50IGl0LiAqL1xuaW1wb3J0IHR5cGUgeyBHcmFudCB9IGZyb20gJy4uL2dyYW50LmpzJztcblxuZXhwb3J0IGNvbnN0IHBhc3N3b3JkOiBHcmFudCA9IHtcbiAgbmFtZTogJ3Bhc3N3b3JkJyxcbiAgYWJvdXQ6ICd1c2VyIGFuZCBwYXNzd29yZCwgZm9yIHZlbmRvcnMgdGhhdCBzdGlsbCB3YW50IHRoZW0nLFxuICBhc3luYyBvYnRhaW4oeyBsaWJyYXJ5LCBzZXJ2ZXIsIGNsaWVudCwgcHJvb2YsIHBhcmFtZXRlcnMsIG9wdGlvbnMsIHdhbnRlZCB9KSB7XG4gICAgY29uc3QgYXNrZWQgPSBuZXcgVVJMU2VhcmNoUGFyYW1zKHBhcmFtZXRlcnMpO1xuICAgIGFza2VkLnNldCgndXNlcm5hbWUnLCBhd2FpdCB3YW50ZWQoJ3VzZXInKSk7XG4gICAgYXNrZWQuc2V0KCdwYXNzd29yZCcsIGF3YWl0IHdhbnRlZCgncGFzc3dvcmQnKSk7XG4gICAgY29uc3QgYW5zd2VyID0gYXdhaXQgbGlicmFyeS5nZW5lcmljVG9rZW5FbmRwb2ludFJlcXVlc3Qoc2VydmVyLCBjbGllbnQsIHByb29mLCAncGFzc3dvcmQnLCBhc2tlZCwgb3B0aW9ucyk7XG4gICAgcmV0dXJuIGxpYnJhcnkucHJvY2Vzc0dlbmVyaWNUb2tlbkVuZHBvaW50UmVzcG9uc2Uoc2VydmVyLCBjbGllbnQsIGFuc3dlcik7XG4gIH0sXG59O1xuIiwgIi8qKiBBbGwgZ3JhbnRzLiBBIG5ldyBvbmUgaXMgb25lIGZpbGUsIG9uZSBsaW5lIGhlcmUsIGFuZCBpdHMgbmFtZSBpbiB0aGUgc2Vzc2lvbiBmaWxlLiAqL1xuaW1wb3J0IHR5cGUgeyBHcmFudCB9IGZyb20gJy4vZ3JhbnQuanMnO1xuaW1wb3J0IHsgYXV0aG9yaXphdGlvbkNvZGUgfSBmcm9tICcuL2dyYW50cy9hdXRob3JpemF0aW9uLWNvZGUuanMnO1xuaW1wb3J0IHsgY2xpZW50Q3JlZGVudGlhbHMgfSBmcm9tICcuL2dyYW50cy9jbGllbnQtY3JlZGVudGlhbHMuanMnO1xuaW1wb3J0IHsgZGV2aWNlQ29kZSB9IGZyb20gJy4vZ3JhbnRzL2RldmljZS1jb2RlLmpzJztcbmltcG9ydCB7IHBhc3N3b3JkIH0gZnJvbSAnLi9ncmFudHMvcGFzc3dvcmQuanMnO1xuaW1wb3J0IHsgcmVmcmVzaFRva2VuIH0gZnJvbSAnLi9ncmFudHMvcmVmcmVzaC10b2tlbi5qcyc7XG5cbmV4cG9ydCBjb25zdCBncmFudHM6IFJlYWRvbmx5TWFwPHN0cmluZywgR3JhbnQ+ID0gbmV3IE1hcChcbiAgW2NsaWVudENyZWRlbnRpYWxzLCBhdXRob3JpemF0aW9uQ29kZSwgZGV2aWNlQ29kZSwgcmVmcmVzaFRva2VuLCBwYXNzd29yZF0ubWFwKChncmFudCkgPT4gW2dyYW50Lm5hbWUsIGdyYW50XSksXG4pO1xuIiwgIi8qKiBUaGUgYXV0aG9yaXphdGlvbiBzZXJ2ZXI6IHdoYXQgaXRzIG1ldGFkYXRhIHNheXMgKFJGQyA4NDE0LCBPcGVuSUQgQ29ubmVjdCBEaXNjb3ZlcnkpLCBhbmQgd2hhdCB0aGUgZmlsZSBzYXlzIGluc3RlYWQuICovXG5pbXBvcnQgdHlwZSAqIGFzIG9hdXRoIGZyb20gJ29hdXRoNHdlYmFwaSc7XG5pbXBvcnQgdHlwZSB7IE9BdXRoMkZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2ZpbGVzL3Nlc3Npb24tZmlsZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHdyaXR0ZW4gfSBmcm9tICcuLi9jcmVkZW50aWFscy5qcyc7XG5pbXBvcnQgdHlwZSB7IFNlc3Npb25Sb29tIH0gZnJvbSAnLi4vc2Vzc2lvbi1raW5kLmpzJztcblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBzZXNzaW9uLW1pc3Npbmc6IG5laXRoZXIgbmFtZXMgdGhlIHRva2VuIGVuZHBvaW50ICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gYXV0aG9yaXphdGlvblNlcnZlcihcbiAgbGlicmFyeTogdHlwZW9mIG9hdXRoLFxuICB7IGlzc3VlciwgZW5kcG9pbnRzID0ge30gfTogT0F1dGgyRmlsZSxcbiAgcm9vbTogU2Vzc2lvblJvb20sXG4gIG9wdGlvbnM6IG9hdXRoLkh0dHBSZXF1ZXN0T3B0aW9uczwnR0VUJz4sXG4pOiBQcm9taXNlPG9hdXRoLkF1dGhvcml6YXRpb25TZXJ2ZXI+IHtcbiAgY29uc3QgbmFtZWQgPSBpc3N1ZXIgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IGFkZHJlc3MoYXdhaXQgd3JpdHRlbihpc3N1ZXIsICdpc3N1ZXInLCByb29tKSwgJ2lzc3VlcicsIHJvb20pO1xuICBjb25zdCBvd246IFJlY29yZDxzdHJpbmcsIHN0cmluZz4gPSB7fTtcbiAgZm9yIChjb25zdCBba2V5LCB2YWx1ZV0gb2YgT2JqZWN0LmVudHJpZXMoZW5kcG9pbnRzKSkge1xuICAgIGlmICh2YWx1ZSA9PT0gdW5kZWZpbmVkKSBjb250aW51ZTtcbiAgICBvd25ba2V5ID09PSAnZGV2aWNlJyA/ICdkZXZpY2VfYXV0aG9yaXphdGlvbl9lbmRwb2ludCcgOiBgJHtrZXl9X2VuZHBvaW50YF0gPSBhZGRyZXNzKFxuICAgICAgYXdhaXQgd3JpdHRlbih2YWx1ZSwgJ2VuZHBvaW50cycsIHJvb20pLFxuICAgICAgYGVuZHBvaW50cy4ke2tleX1gLFxuICAgICAgcm9vbSxcbiAgICApLmhyZWY7XG4gIH1cbiAgY29uc3QgZm91bmQgPSBuYW1lZCAmJiAoYXdhaXQgZGlzY292ZXJlZChsaWJyYXJ5LCBuYW1lZCwgcm9vbSwgb3B0aW9ucykpO1xuICBjb25zdCBbZmlyc3RdID0gT2JqZWN0LnZhbHVlcyhvd24pO1xuICBjb25zdCBzZXJ2ZXIgPSB7IGlzc3VlcjogbmFtZWQ/LmhyZWYgPz8gKGZpcnN0ID09PSB1bmRlZmluZWQgPyAnJyA6IG5ldyBVUkwoZmlyc3QpLm9yaWdpbiksIC4uLmZvdW5kLCAuLi5vd24gfTtcbiAgaWYgKHNlcnZlci50b2tlbl9lbmRwb2ludCAhPT0gdW5kZWZpbmVkKSByZXR1cm4gc2VydmVyO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywge1xuICAgIHdoYXQ6IGBubyB0b2tlbiBlbmRwb2ludCBpcyBrbm93biBmb3IgdGhlIHNlc3Npb24gJHtyb29tLm5hbWV9YCxcbiAgICB3aGVyZTogcm9vbS55YW1sLnBvc2l0aW9uKFtdKSxcbiAgICByZW1lZHk6ICdpc3N1ZXI6IEFERFJFU1Mgd2hvc2UgbWV0YWRhdGEgbmFtZXMgaXQsIG9yIGVuZHBvaW50czoge3Rva2VuOiBBRERSRVNTfScsXG4gIH0pO1xufVxuXG5mdW5jdGlvbiBhZGRyZXNzKHRleHQ6IHN0cmluZywga2V5OiBzdHJpbmcsIHJvb206IFNlc3Npb25Sb29tKTogVVJMIHtcbiAgaWYgKFVSTC5jYW5QYXJzZSh0ZXh0KSkgcmV0dXJuIG5ldyBVUkwodGV4dCk7XG4gIHRocm93IG5ldyBQcm9ibGVtKCdzZXNzaW9uLW1pc3NpbmcnLCB7XG4gICAgd2hhdDogYCR7a2V5fSBvZiB0aGUgc2Vzc2lvbiAke3Jvb20ubmFtZX0gaXMgbm90IGFuIGFic29sdXRlIGFkZHJlc3M6ICR7SlNPTi5zdHJpbmdpZnkodGV4dCl9YCxcbiAgICB3aGVyZTogcm9vbS55YW1sLnBvc2l0aW9uKGtleS5zcGxpdCgnLicpKSxcbiAgfSk7XG59XG5cbi8qKiBCeSBlaXRoZXIgb2YgdGhlIHR3byB3ZWxsLWtub3duIHBsYWNlcy4gKi9cbmFzeW5jIGZ1bmN0aW9uIGRpc2NvdmVyZWQoXG4gIGxpYnJhcnk6IHR5cGVvZiBvYXV0aCxcbiAgaXNzdWVyOiBVUkwsXG4gIHJvb206IFNlc3Npb25Sb29tLFxuICBvcHRpb25zOiBvYXV0aC5IdHRwUmVxdWVzdE9wdGlvbnM8J0dFVCc+LFxuKTogUHJvbWlzZTxvYXV0aC5BdXRob3JpemF0aW9uU2VydmVyPiB7XG4gIGNvbnN0IGtub3duID0gcm9vbS5tZW1vcnkuZ2V0KGBtZXRhZGF0YSAke2lzc3Vlci5ocmVmfWApIGFzIG9hdXRoLkF1dGhvcml6YXRpb25TZXJ2ZXIgfCB1bmRlZmluZWQ7XG4gIGlmIChrbm93bikgcmV0dXJuIGtub3duO1xuICBmb3IgKGNvbnN0IGFsZ29yaXRobSBvZiBbJ29hdXRoMicsICdvaWRjJ10gYXMgY29uc3QpIHtcbiAgICBjb25zdCBhbnN3ZXIgPSBhd2FpdCBsaWJyYXJ5LmRpc2NvdmVyeVJlcXVlc3QoaXNzdWVyLCB7IC4uLm9wdGlvbnMsIGFsZ29yaXRobSB9KTtcbiAgICBpZiAoYW5zd2VyLnN0YXR1cyAhPT0gMjAwKSBjb250aW51ZTtcbiAgICBjb25zdCBzZXJ2ZXIgPSBhd2FpdCBsaWJyYXJ5LnByb2Nlc3NEaXNjb3ZlcnlSZXNwb25zZShpc3N1ZXIsIGFuc3dlcik7XG4gICAgcm9vbS5tZW1vcnkuc2V0KGBtZXRhZGF0YSAke2lzc3Vlci5ocmVmfWAsIHNlcnZlcik7XG4gICAgcmV0dXJuIHNlcnZlcjtcbiAgfVxuICB0aHJvdyBuZXcgUHJvYmxlbSgnc2Vzc2lvbi1taXNzaW5nJywge1xuICAgIHdoYXQ6IGAke2lzc3Vlci5ocmVmfSBwdWJsaXNoZXMgbm8gbWV0YWRhdGFgLFxuICAgIHdoZXJlOiByb29tLnlhbWwucG9zaXRpb24oWydpc3N1ZXInXSksXG4gICAgY2F1c2U6ICduZWl0aGVyIC53ZWxsLWtub3duL29hdXRoLWF1dGhvcml6YXRpb24tc2VydmVyIG5vciAud2VsbC1rbm93bi9vcGVuaWQtY29uZmlndXJhdGlvbiBpcyB0aGVyZScsXG4gICAgcmVtZWR5OiAnaXMgaXQgdGhlIGlzc3VlciwgdG8gdGhlIGxhc3Qgc2xhc2g/IGVsc2Ugd3JpdGUgZW5kcG9pbnRzOiB7dG9rZW46IFx1MjAyNn0nLFxuICB9KTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFDQSxZQUFZQSxZQUFXOzs7QUNBdkIsU0FBUyxrQkFBa0IsaUJBQWlCO0FBVTVDLGVBQXNCLFlBQVksU0FBdUIsUUFBZ0IsTUFBOEM7QUFDckgsUUFBTSxNQUNKLE9BQU8sbUJBQ04sT0FBTyxXQUFXLFNBQVksd0JBQXdCLE9BQU8sUUFBUSxTQUFZLG9CQUFvQjtBQUN4RyxNQUFJLFFBQVEsT0FBUSxRQUFPLFFBQVEsS0FBSztBQUN4QyxNQUFJLFFBQVEsa0JBQW1CLFFBQU8sUUFBUSxjQUFjLE1BQU0sV0FBVyxRQUFRLElBQUksQ0FBQztBQUMxRixRQUFNLFNBQVMsT0FBTyxXQUFXLFNBQVksS0FBSyxNQUFNLFFBQVEsT0FBTyxRQUFRLFVBQVUsSUFBSTtBQUM3RixNQUFJLFdBQVc7QUFDYixVQUFNLFFBQVEsTUFBTSwrQkFBK0IsR0FBRyxjQUFjLG9DQUFvQztBQUMxRyxNQUFJLFFBQVEsc0JBQXVCLFFBQU8sUUFBUSxrQkFBa0IsTUFBTTtBQUMxRSxTQUFPLFFBQVEsdUJBQXVCLFFBQVEsaUJBQWlCLE1BQU0sSUFBSSxRQUFRLGdCQUFnQixNQUFNO0FBQ3pHO0FBRUEsSUFBTSxhQUFhO0FBQUEsRUFDakIsT0FBTyxFQUFFLE1BQU0scUJBQXFCLE1BQU0sVUFBVTtBQUFBLEVBQ3BELE9BQU8sRUFBRSxNQUFNLFdBQVcsTUFBTSxVQUFVO0FBQUEsRUFDMUMsT0FBTyxFQUFFLE1BQU0sU0FBUyxZQUFZLFFBQVE7QUFBQSxFQUM1QyxPQUFPLEVBQUUsTUFBTSxVQUFVO0FBQzNCO0FBRUEsZUFBZSxXQUFXLFFBQWdCLE1BQThDO0FBQ3RGLFFBQU0sTUFBTSxPQUFPLFFBQVEsU0FBWSxLQUFLLE1BQU0sUUFBUSxPQUFPLEtBQUssVUFBVSxJQUFJO0FBQ3BGLE1BQUksUUFBUSxHQUFJLE9BQU0sUUFBUSxNQUFNLCtCQUErQiw0Q0FBNEM7QUFDL0csUUFBTSxFQUFFLFlBQVksU0FBUyxVQUFVLElBQUksSUFBSTtBQUMvQyxNQUFJO0FBQ0YsVUFBTSxNQUFNLGlCQUFpQixHQUFHLEVBQUUsT0FBTyxFQUFFLE1BQU0sU0FBUyxRQUFRLE1BQU0sQ0FBQztBQUN6RSxVQUFNLE1BQU0sTUFBTSxVQUFVLE9BQU8sVUFBVSxTQUFTLEtBQUssV0FBVyxTQUFTLEdBQUcsT0FBTyxDQUFDLE1BQU0sQ0FBQztBQUNqRyxXQUFPLEVBQUUsS0FBdUIsR0FBSSxRQUFRLFVBQWEsRUFBRSxJQUFJLEVBQUc7QUFBQSxFQUNwRSxTQUFTLE9BQU87QUFDZCxVQUFNO0FBQUEsTUFDSjtBQUFBLE1BQ0EsNkNBQTZDLFNBQVMsS0FBTSxNQUFnQixPQUFPO0FBQUEsTUFDbkY7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBRUEsSUFBTSxVQUFVLENBQUMsTUFBbUIsTUFBYyxXQUNoRCxJQUFJLFFBQVEsbUJBQW1CO0FBQUEsRUFDN0IsTUFBTSxlQUFlLEtBQUssSUFBSSw2QkFBNkIsSUFBSTtBQUFBLEVBQy9ELE9BQU8sS0FBSyxLQUFLLFNBQVMsQ0FBQyxRQUFRLENBQUM7QUFBQSxFQUNwQztBQUNGLENBQUM7OztBQ2xESSxJQUFNLGVBQXNCO0FBQUEsRUFDakMsTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsUUFBUSxPQUFPLFdBQVcsUUFBUSxRQUFRLE1BQU0sT0FBTyxPQUFPLGVBQWUsQ0FBQztBQUNoRjtBQUdBLGVBQXNCLFFBQ3BCLEVBQUUsU0FBUyxRQUFRLFFBQVEsT0FBTyxZQUFZLFFBQVEsR0FDdEQsT0FDNkI7QUFDN0IsUUFBTSxTQUFTLE1BQU0sUUFBUSx5QkFBeUIsUUFBUSxRQUFRLE9BQU8sT0FBTztBQUFBLElBQ2xGLEdBQUc7QUFBQSxJQUNILHNCQUFzQjtBQUFBLEVBQ3hCLENBQUM7QUFDRCxTQUFPLFFBQVEsNEJBQTRCLFFBQVEsUUFBUSxNQUFNO0FBQ25FOzs7QUNsQkEsWUFBWSxXQUFXO0FBS3ZCLElBQU0sV0FBOEU7QUFBQSxFQUNsRixnQkFBZ0I7QUFBQSxJQUNkO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFBQSxFQUNBLGVBQWU7QUFBQSxJQUNiO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFBQSxFQUNBLHFCQUFxQjtBQUFBLElBQ25CO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFBQSxFQUNBLHdCQUF3QixDQUFDLHVDQUF1QyxrREFBa0Q7QUFBQSxFQUNsSCxlQUFlO0FBQUEsSUFDYjtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDQSxnQkFBZ0IsQ0FBQywyQ0FBMkMsaURBQWlEO0FBQUEsRUFDN0csaUJBQWlCLENBQUMsa0RBQWtELDBDQUEwQztBQUFBLEVBQzlHLGVBQWUsQ0FBQyw0QkFBNEIsbUNBQW1DO0FBQUEsRUFDL0UsZUFBZSxDQUFDLDRDQUE0Qyx3QkFBd0I7QUFBQSxFQUNwRixjQUFjLENBQUMscUNBQXFDLDhCQUE4QjtBQUFBLEVBQ2xGLHlCQUF5QixDQUFDLHNCQUFzQixXQUFXO0FBQzdEO0FBTU8sU0FBUyxlQUNkLE9BQ0EsRUFBRSxPQUFPLE9BQU8sR0FDaEIsTUFDQUMsU0FBUSx1QkFDQztBQUNULE1BQUksaUJBQWlCLFFBQVMsUUFBTztBQUNyQyxRQUFNLE9BQU8sQ0FBQyxNQUFjLE9BQTJCLFdBQ3JELElBQUk7QUFBQSxJQUNGO0FBQUEsSUFDQTtBQUFBLE1BQ0UsTUFBTSxlQUFlLEtBQUssSUFBSSxJQUFJQSxNQUFLLEtBQUssSUFBSTtBQUFBLE1BQ2hELE9BQU8sS0FBSyxLQUFLLFNBQVMsQ0FBQyxPQUFPLENBQUM7QUFBQSxNQUNuQztBQUFBLE1BQ0E7QUFBQSxNQUNBLE1BQU0sRUFBRSxTQUFTLEtBQUssTUFBTSxNQUFNO0FBQUEsSUFDcEM7QUFBQSxJQUNBLEVBQUUsT0FBTyxNQUFNO0FBQUEsRUFDakI7QUFDRixNQUFJLGlCQUF1QiwyQkFBcUIsaUJBQXVCLGtDQUE0QjtBQUNqRyxVQUFNLEVBQUUsT0FBT0MsT0FBTSxtQkFBbUIsWUFBWSxJQUFJO0FBQ3hELFVBQU0sQ0FBQyxNQUFNLE1BQU0sSUFBSSxTQUFTQSxLQUFJLEtBQUssQ0FBQyx5QkFBeUIsTUFBUztBQUM1RSxVQUFNLE9BQU8sZ0JBQWdCLFNBQVlBLFFBQU8sR0FBR0EsS0FBSSxLQUFLLFdBQVc7QUFDdkUsV0FBTyxLQUFLLE1BQU0sV0FBVyxJQUFJLGdCQUFnQixPQUFPLEVBQUUsYUFBYSxLQUFLLElBQUksTUFBTTtBQUFBLEVBQ3hGO0FBQ0EsTUFBSSxpQkFBdUIscUNBQStCO0FBQ3hELFVBQU0sT0FBTyxNQUFNLE1BQ2hCLElBQUksQ0FBQyxFQUFFLFFBQVEsWUFBWSxFQUFFLE9BQU9BLE9BQU0sTUFBTSxFQUFFLE1BQU0sR0FBRyxNQUFNLElBQUlBLFNBQVEsVUFBVSxTQUFTLEVBQUUsR0FBRyxFQUFFLEVBQ3ZHLEtBQUssSUFBSTtBQUNaLFVBQU0sQ0FBQyxNQUFNLE1BQU0sSUFBSSxTQUFTO0FBQ2hDLFdBQU8sS0FBSyxNQUFNLGVBQWUsTUFBTSxNQUFNLFNBQVMsSUFBSSxJQUFJLE1BQU07QUFBQSxFQUN0RTtBQUNBLFFBQU0sRUFBRSxNQUFNLFFBQVEsSUFBSTtBQUMxQixNQUFJLFNBQWU7QUFDakIsV0FBTztBQUFBLE1BQ0w7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFDRixNQUFJLFNBQWUsMEJBQW9CLFVBQVUsS0FBSyxPQUFPLEdBQUc7QUFDOUQsV0FBTztBQUFBLE1BQ0w7QUFBQSxNQUNBO0FBQUEsTUFDQSwyQkFBMkIsS0FBSyxJQUFJO0FBQUEsSUFDdEM7QUFBQSxFQUNGO0FBQ0EsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDRjs7O0FDdEZBLFNBQVMsWUFBWTtBQUNyQixTQUFTLG9CQUFvQjtBQVk3QixlQUFzQixrQkFDcEIsRUFBRSxPQUFPLEdBQUcsT0FBTyxZQUFZLEdBQy9CLFNBQ21CO0FBQ25CLFFBQU0sUUFBUSxLQUFLLFdBQVcsR0FBRyxJQUFJLE9BQU8sSUFBSSxJQUFJO0FBQ3BELE1BQUksVUFBOEIsTUFBTTtBQUN4QyxRQUFNLFFBQVEsSUFBSSxRQUFhLENBQUMsWUFBWTtBQUMxQyxjQUFVO0FBQUEsRUFDWixDQUFDO0FBQ0QsUUFBTSxTQUFTLGFBQWEsQ0FBQyxTQUFTLGFBQWE7QUFDakQsVUFBTSxNQUFNLElBQUksSUFBSSxRQUFRLE9BQU8sS0FBSyxrQkFBa0I7QUFDMUQsVUFBTSxPQUFPLElBQUksYUFBYSxVQUFVLElBQUksYUFBYSxJQUFJLE1BQU0sS0FBSyxJQUFJLGFBQWEsSUFBSSxPQUFPO0FBQ3BHLGFBQVMsVUFBVSxPQUFPLE1BQU0sS0FBSyxFQUFFLGdCQUFnQiw2QkFBNkIsWUFBWSxRQUFRLENBQUM7QUFDekcsYUFBUyxJQUFJLE9BQU8sa0RBQWtELG9CQUFvQjtBQUMxRixRQUFJLEtBQU0sU0FBUSxHQUFHO0FBQUEsRUFDdkIsQ0FBQztBQUNELFNBQU8sT0FBTyxNQUFNLFdBQVc7QUFDL0IsTUFBSTtBQUNGLFVBQU0sS0FBSyxRQUFRLFdBQVc7QUFBQSxFQUNoQyxTQUFTLE9BQU87QUFDZCxVQUFNLElBQUksUUFBUSxtQkFBbUI7QUFBQSxNQUNuQyxNQUFNLGVBQWUsT0FBTywwQkFBMEIsSUFBSTtBQUFBLE1BQzFELE9BQVEsTUFBZ0MsU0FBUyxlQUFlLHlCQUEwQixNQUFnQjtBQUFBLE1BQzFHLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsU0FBTztBQUFBLElBQ0wsU0FBUyxvQkFBcUIsT0FBTyxRQUFRLEVBQWtCLElBQUksR0FBRyxLQUFLO0FBQUEsSUFDM0UsU0FBUyxDQUFDLFdBQ1IsUUFBUSxLQUFLO0FBQUEsTUFDWDtBQUFBLE1BQ0EsSUFBSSxRQUFlLENBQUMsR0FBRyxXQUFXO0FBQ2hDLGVBQU87QUFBQSxVQUFpQjtBQUFBLFVBQVMsTUFDL0I7QUFBQSxZQUNFLElBQUksUUFBUSxtQkFBbUI7QUFBQSxjQUM3QixNQUFNLGdDQUFnQyxPQUFPO0FBQUEsY0FDN0MsUUFBUSwyQkFBMkIsT0FBTztBQUFBLFlBQzVDLENBQUM7QUFBQSxVQUNIO0FBQUEsUUFDRjtBQUFBLE1BQ0YsQ0FBQztBQUFBLElBQ0gsQ0FBQztBQUFBLElBQ0gsT0FBTyxNQUFNO0FBQ1gsYUFBTyxNQUFNO0FBQ2IsYUFBTyxvQkFBb0I7QUFBQSxJQUM3QjtBQUFBLEVBQ0Y7QUFDRjs7O0FDeERPLFNBQVMsYUFBYSxFQUFFLFFBQVEsS0FBSyxHQUF3QjtBQUNsRSxNQUFJLE9BQVEsUUFBTztBQUNuQixRQUFNLElBQUksUUFBUSxtQkFBbUI7QUFBQSxJQUNuQyxNQUFNLGVBQWUsSUFBSTtBQUFBLElBQ3pCLFFBQVEsMkJBQTJCLElBQUk7QUFBQSxFQUN6QyxDQUFDO0FBQ0g7OztBQ0pBLElBQU0sV0FBVyxJQUFJO0FBRWQsSUFBTSxvQkFBMkI7QUFBQSxFQUN0QyxNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxNQUFNLE9BQU8sUUFBUTtBQUNuQixVQUFNLEVBQUUsU0FBUyxNQUFNLE1BQU0sUUFBUSxRQUFRLE9BQU8sWUFBWSxRQUFRLElBQUk7QUFDNUUsVUFBTSxTQUFTLGFBQWEsSUFBSTtBQUNoQyxVQUFNLFdBQVcsZUFBZSxNQUFNO0FBQ3RDLFVBQU0sV0FBVyxRQUFRLDJCQUEyQjtBQUNwRCxVQUFNLFFBQVEsUUFBUSxvQkFBb0I7QUFDMUMsU0FBSyxTQUFTLFFBQVE7QUFDdEIsVUFBTSxXQUFXLE1BQU0sa0JBQWtCLEtBQUssWUFBWSxDQUFDLEdBQUcsS0FBSyxJQUFJO0FBQ3ZFLFVBQU0sT0FBTyxJQUFJLGdCQUFnQjtBQUNqQyxRQUFJO0FBQ0YsWUFBTSxNQUFNLElBQUksSUFBSSxRQUFRO0FBQzVCLGlCQUFXLENBQUMsTUFBTSxLQUFLLEtBQUssV0FBWSxLQUFJLGFBQWEsT0FBTyxNQUFNLEtBQUs7QUFDM0UsVUFBSSxhQUFhLElBQUksaUJBQWlCLE1BQU07QUFDNUMsVUFBSSxhQUFhLElBQUksYUFBYSxPQUFPLFNBQVM7QUFDbEQsVUFBSSxhQUFhLElBQUksZ0JBQWdCLFNBQVMsT0FBTztBQUNyRCxVQUFJLGFBQWEsSUFBSSxTQUFTLEtBQUs7QUFDbkMsVUFBSSxhQUFhLElBQUksa0JBQWtCLE1BQU0sUUFBUSwyQkFBMkIsUUFBUSxDQUFDO0FBQ3pGLFVBQUksYUFBYSxJQUFJLHlCQUF5QixNQUFNO0FBQ3BELGFBQU8sS0FBSywyQkFBMkIsS0FBSyxJQUFJO0FBQUEsRUFBVyxJQUFJLElBQUksRUFBRTtBQUNyRSxZQUFNLE9BQU8sT0FBTyxJQUFJLElBQUk7QUFDNUIsWUFBTSxRQUFRLFdBQVcsTUFBTSxLQUFLLE1BQU0sR0FBRyxRQUFRO0FBQ3JELFlBQU0sT0FBTyxNQUFNLFFBQVEsS0FBSztBQUFBLFFBQzlCLFNBQVMsUUFBUSxLQUFLLE1BQU07QUFBQSxRQUM1QixPQUNHLE1BQU0sc0VBQXNFLEtBQUssTUFBTSxFQUN2RixLQUFLLENBQUMsU0FBUyxjQUFjLE1BQU0sU0FBUyxTQUFTLEtBQUssSUFBSSxDQUFDO0FBQUEsTUFDcEUsQ0FBQyxFQUFFLFFBQVEsTUFBTSxhQUFhLEtBQUssQ0FBQztBQUNwQyxZQUFNLE9BQU8sS0FBSyxhQUFhLElBQUksTUFBTTtBQUN6QyxVQUFJLFNBQVMsS0FBTSxNQUFLLFNBQVMsSUFBSTtBQUNyQyxZQUFNLFFBQVEsUUFBUSxxQkFBcUIsUUFBUSxRQUFRLE1BQU0sS0FBSztBQUN0RSxZQUFNLFNBQVMsTUFBTSxRQUFRO0FBQUEsUUFDM0I7QUFBQSxRQUNBO0FBQUEsUUFDQTtBQUFBLFFBQ0E7QUFBQSxRQUNBLFNBQVM7QUFBQSxRQUNUO0FBQUEsUUFDQTtBQUFBLE1BQ0Y7QUFDQSxhQUFPLE1BQU0sUUFBUSxpQ0FBaUMsUUFBUSxRQUFRLE1BQU07QUFBQSxJQUM5RSxVQUFFO0FBQ0EsV0FBSyxNQUFNO0FBQ1gsZUFBUyxNQUFNO0FBQUEsSUFDakI7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxTQUFTLGVBQWUsRUFBRSxRQUFRLEtBQUssR0FBbUI7QUFDeEQsTUFBSSxPQUFPLDJCQUEyQixPQUFXLFFBQU8sT0FBTztBQUMvRCxRQUFNLElBQUksUUFBUSxtQkFBbUI7QUFBQSxJQUNuQyxNQUFNLHNEQUFzRCxLQUFLLElBQUk7QUFBQSxJQUNyRSxPQUFPLEtBQUssS0FBSyxTQUFTLENBQUMsQ0FBQztBQUFBLElBQzVCLFFBQVE7QUFBQSxFQUNWLENBQUM7QUFDSDtBQUdBLFNBQVMsY0FBYyxNQUFjLFVBQWtCLFNBQXNCO0FBQzNFLFFBQU0sUUFBUSxLQUFLLEtBQUs7QUFDeEIsUUFBTSxRQUFRLFlBQVksS0FBSyxLQUFLLElBQUksUUFBUSxHQUFHLFFBQVEsSUFBSSxNQUFNLFFBQVEsT0FBTyxFQUFFLENBQUM7QUFDdkYsTUFBSSxJQUFJLFNBQVMsS0FBSyxFQUFHLFFBQU8sSUFBSSxJQUFJLEtBQUs7QUFDN0MsUUFBTSxJQUFJLFFBQVEsbUJBQW1CO0FBQUEsSUFDbkMsTUFBTSxtQ0FBbUMsT0FBTztBQUFBLElBQ2hELFFBQVE7QUFBQSxFQUNWLENBQUM7QUFDSDs7O0FDMUVPLElBQU0sb0JBQTJCO0FBQUEsRUFDdEMsTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsTUFBTSxPQUFPLEVBQUUsU0FBUyxRQUFRLFFBQVEsT0FBTyxZQUFZLFFBQVEsR0FBRztBQUNwRSxVQUFNLFNBQVMsTUFBTSxRQUFRLDhCQUE4QixRQUFRLFFBQVEsT0FBTyxZQUFZLE9BQU87QUFDckcsV0FBTyxRQUFRLGlDQUFpQyxRQUFRLFFBQVEsTUFBTTtBQUFBLEVBQ3hFO0FBQ0Y7OztBQ1RBLFNBQVMsY0FBQUMsbUJBQWtCO0FBS3BCLElBQU0sYUFBb0I7QUFBQSxFQUMvQixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxNQUFNLE9BQU8sUUFBUTtBQUNuQixVQUFNLEVBQUUsU0FBUyxNQUFNLFFBQVEsUUFBUSxPQUFPLFlBQVksUUFBUSxJQUFJO0FBQ3RFLFVBQU0sU0FBUyxhQUFhLElBQUk7QUFDaEMsVUFBTSxTQUFTLE1BQU0sUUFBUSwyQkFBMkIsUUFBUSxRQUFRLE9BQU8sWUFBWSxPQUFPO0FBQ2xHLFVBQU0sU0FBUyxNQUFNLFFBQVEsbUNBQW1DLFFBQVEsUUFBUSxNQUFNO0FBQ3RGLFNBQUssU0FBUyxPQUFPLFdBQVc7QUFDaEMsV0FBTztBQUFBLE1BQ0wsUUFBUSxPQUFPLGdCQUFnQixhQUFhLE9BQU8sU0FBUyxHQUMxRCxPQUFPLDhCQUE4QixTQUFZLEtBQUssYUFBYSxPQUFPLHlCQUF5QixFQUNyRztBQUFBLElBQ0Y7QUFDQSxVQUFNLE1BQU0sS0FBSyxJQUFJLElBQUksT0FBTyxhQUFhO0FBRTdDLFFBQUksWUFBWSxPQUFPLFlBQVksS0FBSztBQUN4QyxXQUFPLEtBQUssSUFBSSxJQUFJLEtBQUs7QUFDdkIsWUFBTUMsWUFBVyxRQUFRO0FBQ3pCLFlBQU0sUUFBUSxNQUFNLE1BQU0sUUFBUSxPQUFPLFdBQVc7QUFDcEQsVUFBSSxVQUFVLFNBQVUsYUFBWTtBQUFBLGVBQzNCLFVBQVUsVUFBVyxRQUFPO0FBQUEsSUFDdkM7QUFDQSxVQUFNLElBQUksUUFBUSxtQkFBbUI7QUFBQSxNQUNuQyxNQUFNLGdDQUFnQyxLQUFLLElBQUk7QUFBQSxNQUMvQyxRQUFRLDJCQUEyQixLQUFLLElBQUk7QUFBQSxJQUM5QyxDQUFDO0FBQUEsRUFDSDtBQUNGO0FBRUEsZUFBZSxNQUNiLEVBQUUsU0FBUyxRQUFRLFFBQVEsT0FBTyxRQUFRLEdBQzFDLE1BQ3NFO0FBQ3RFLFFBQU0sU0FBUyxNQUFNLFFBQVEsdUJBQXVCLFFBQVEsUUFBUSxPQUFPLE1BQU0sT0FBTztBQUN4RixNQUFJO0FBQ0YsV0FBTyxNQUFNLFFBQVEsMEJBQTBCLFFBQVEsUUFBUSxNQUFNO0FBQUEsRUFDdkUsU0FBUyxPQUFPO0FBQ2QsVUFBTSxPQUFPLGlCQUFpQixRQUFRLG9CQUFvQixNQUFNLFFBQVE7QUFDeEUsUUFBSSxTQUFTLHdCQUF5QixRQUFPO0FBQzdDLFFBQUksU0FBUyxZQUFhLFFBQU87QUFDakMsVUFBTTtBQUFBLEVBQ1I7QUFDRjs7O0FDOUNPLElBQU0sV0FBa0I7QUFBQSxFQUM3QixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxNQUFNLE9BQU8sRUFBRSxTQUFTLFFBQVEsUUFBUSxPQUFPLFlBQVksU0FBUyxPQUFPLEdBQUc7QUFDNUUsVUFBTSxRQUFRLElBQUksZ0JBQWdCLFVBQVU7QUFDNUMsVUFBTSxJQUFJLFlBQVksTUFBTSxPQUFPLE1BQU0sQ0FBQztBQUMxQyxVQUFNLElBQUksWUFBWSxNQUFNLE9BQU8sVUFBVSxDQUFDO0FBQzlDLFVBQU0sU0FBUyxNQUFNLFFBQVEsNEJBQTRCLFFBQVEsUUFBUSxPQUFPLFlBQVksT0FBTyxPQUFPO0FBQzFHLFdBQU8sUUFBUSxvQ0FBb0MsUUFBUSxRQUFRLE1BQU07QUFBQSxFQUMzRTtBQUNGOzs7QUNMTyxJQUFNLFNBQXFDLElBQUk7QUFBQSxFQUNwRCxDQUFDLG1CQUFtQixtQkFBbUIsWUFBWSxjQUFjLFFBQVEsRUFBRSxJQUFJLENBQUMsVUFBVSxDQUFDLE1BQU0sTUFBTSxLQUFLLENBQUM7QUFDL0c7OztBQ0ZBLGVBQXNCLG9CQUNwQixTQUNBLEVBQUUsUUFBUSxZQUFZLENBQUMsRUFBRSxHQUN6QixNQUNBLFNBQ29DO0FBQ3BDLFFBQU0sUUFBUSxXQUFXLFNBQVksU0FBWSxRQUFRLE1BQU0sUUFBUSxRQUFRLFVBQVUsSUFBSSxHQUFHLFVBQVUsSUFBSTtBQUM5RyxRQUFNLE1BQThCLENBQUM7QUFDckMsYUFBVyxDQUFDLEtBQUssS0FBSyxLQUFLLE9BQU8sUUFBUSxTQUFTLEdBQUc7QUFDcEQsUUFBSSxVQUFVLE9BQVc7QUFDekIsUUFBSSxRQUFRLFdBQVcsa0NBQWtDLEdBQUcsR0FBRyxXQUFXLElBQUk7QUFBQSxNQUM1RSxNQUFNLFFBQVEsT0FBTyxhQUFhLElBQUk7QUFBQSxNQUN0QyxhQUFhLEdBQUc7QUFBQSxNQUNoQjtBQUFBLElBQ0YsRUFBRTtBQUFBLEVBQ0o7QUFDQSxRQUFNLFFBQVEsU0FBVSxNQUFNLFdBQVcsU0FBUyxPQUFPLE1BQU0sT0FBTztBQUN0RSxRQUFNLENBQUMsS0FBSyxJQUFJLE9BQU8sT0FBTyxHQUFHO0FBQ2pDLFFBQU0sU0FBUyxFQUFFLFFBQVEsT0FBTyxTQUFTLFVBQVUsU0FBWSxLQUFLLElBQUksSUFBSSxLQUFLLEVBQUUsU0FBUyxHQUFHLE9BQU8sR0FBRyxJQUFJO0FBQzdHLE1BQUksT0FBTyxtQkFBbUIsT0FBVyxRQUFPO0FBQ2hELFFBQU0sSUFBSSxRQUFRLG1CQUFtQjtBQUFBLElBQ25DLE1BQU0sOENBQThDLEtBQUssSUFBSTtBQUFBLElBQzdELE9BQU8sS0FBSyxLQUFLLFNBQVMsQ0FBQyxDQUFDO0FBQUEsSUFDNUIsUUFBUTtBQUFBLEVBQ1YsQ0FBQztBQUNIO0FBRUEsU0FBUyxRQUFRLE1BQWMsS0FBYSxNQUF3QjtBQUNsRSxNQUFJLElBQUksU0FBUyxJQUFJLEVBQUcsUUFBTyxJQUFJLElBQUksSUFBSTtBQUMzQyxRQUFNLElBQUksUUFBUSxtQkFBbUI7QUFBQSxJQUNuQyxNQUFNLEdBQUcsR0FBRyxtQkFBbUIsS0FBSyxJQUFJLGdDQUFnQyxLQUFLLFVBQVUsSUFBSSxDQUFDO0FBQUEsSUFDNUYsT0FBTyxLQUFLLEtBQUssU0FBUyxJQUFJLE1BQU0sR0FBRyxDQUFDO0FBQUEsRUFDMUMsQ0FBQztBQUNIO0FBR0EsZUFBZSxXQUNiLFNBQ0EsUUFDQSxNQUNBLFNBQ29DO0FBQ3BDLFFBQU0sUUFBUSxLQUFLLE9BQU8sSUFBSSxZQUFZLE9BQU8sSUFBSSxFQUFFO0FBQ3ZELE1BQUksTUFBTyxRQUFPO0FBQ2xCLGFBQVcsYUFBYSxDQUFDLFVBQVUsTUFBTSxHQUFZO0FBQ25ELFVBQU0sU0FBUyxNQUFNLFFBQVEsaUJBQWlCLFFBQVEsRUFBRSxHQUFHLFNBQVMsVUFBVSxDQUFDO0FBQy9FLFFBQUksT0FBTyxXQUFXLElBQUs7QUFDM0IsVUFBTSxTQUFTLE1BQU0sUUFBUSx5QkFBeUIsUUFBUSxNQUFNO0FBQ3BFLFNBQUssT0FBTyxJQUFJLFlBQVksT0FBTyxJQUFJLElBQUksTUFBTTtBQUNqRCxXQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sSUFBSSxRQUFRLG1CQUFtQjtBQUFBLElBQ25DLE1BQU0sR0FBRyxPQUFPLElBQUk7QUFBQSxJQUNwQixPQUFPLEtBQUssS0FBSyxTQUFTLENBQUMsUUFBUSxDQUFDO0FBQUEsSUFDcEMsT0FBTztBQUFBLElBQ1AsUUFBUTtBQUFBLEVBQ1YsQ0FBQztBQUNIOzs7QVhoREEsZUFBc0IsWUFDcEIsTUFDQSxNQUNBLFFBQ3NCO0FBQ3RCLE1BQUk7QUFDRixVQUFNLFNBQVMsTUFBTSxVQUFVLE1BQU0sSUFBSTtBQUN6QyxXQUFPLE1BQU0sVUFBVyxNQUFNLFlBQVksUUFBUSxNQUFNLEtBQU8sTUFBTSxRQUFRLE1BQU0sR0FBSSxRQUFRLElBQUk7QUFBQSxFQUNyRyxTQUFTLE9BQU87QUFDZCxVQUFNLGVBQWUsT0FBTyxNQUFNLElBQUk7QUFBQSxFQUN4QztBQUNGO0FBR0EsZUFBc0IsWUFBWSxNQUFrQixNQUFtQixNQUFrQztBQUN2RyxNQUFJO0FBQ0YsVUFBTSxFQUFFLFFBQVEsUUFBUSxPQUFPLFFBQVEsSUFBSSxNQUFNLFVBQVUsTUFBTSxJQUFJO0FBQ3JFLFFBQUksT0FBTyx3QkFBd0IsT0FBVztBQUM5QyxlQUFXLFNBQVMsQ0FBQyxLQUFLLFNBQVMsS0FBSyxLQUFLLEdBQUc7QUFDOUMsVUFBSSxVQUFVLE9BQVc7QUFDekIsWUFBWSxpQ0FBMEIsTUFBWSx5QkFBa0IsUUFBUSxRQUFRLE9BQU8sT0FBTyxPQUFPLENBQUM7QUFBQSxJQUM1RztBQUFBLEVBQ0YsU0FBUyxPQUFPO0FBQ2QsVUFBTSxlQUFlLE9BQU8sTUFBTSxNQUFNLGtEQUFrRDtBQUFBLEVBQzVGO0FBQ0Y7QUFHQSxlQUFlLFlBQ2IsUUFDQSxRQUNrRDtBQUNsRCxNQUFJLFFBQVEsWUFBWSxPQUFXLFFBQU87QUFDMUMsTUFBSTtBQUNGLFdBQU8sTUFBTSxRQUFRLFFBQVEsT0FBTyxPQUFPO0FBQUEsRUFDN0MsU0FBUyxPQUFPO0FBQ2QsUUFBSSxpQkFBdUIsNEJBQXFCLE1BQU0sVUFBVSxnQkFBaUIsUUFBTztBQUN4RixVQUFNO0FBQUEsRUFDUjtBQUNGO0FBRUEsU0FBUyxRQUFRLFFBQXNEO0FBQ3JFLFFBQU0sUUFBUSxPQUFPLElBQUksT0FBTyxLQUFLLEtBQUs7QUFDMUMsTUFBSSxDQUFDLE1BQU8sT0FBTSxJQUFJLFFBQVEsbUJBQW1CLEVBQUUsTUFBTSxxQkFBcUIsT0FBTyxLQUFLLEtBQUssR0FBRyxDQUFDO0FBQ25HLFNBQU8sTUFBTSxPQUFPLE1BQU07QUFDNUI7QUFFQSxlQUFlLFVBQ2IsUUFDQSxRQUNBLE1BQ3NCO0FBQ3RCLFFBQU0sRUFBRSxjQUFjLE9BQU8sWUFBWSxTQUFTLGVBQWUsT0FBTyxPQUFPLFVBQVUsU0FBUyxJQUFJO0FBQ3RHLE1BQUksYUFBYSxPQUFXLE1BQUssU0FBUyxRQUFRO0FBRWxELFFBQU0sVUFBVSxTQUFTLFFBQVE7QUFDakMsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLFNBQVEsb0JBQUksS0FBSyxHQUFFLFlBQVk7QUFBQSxJQUMvQixTQUFTLFlBQVksU0FBWSxNQUFNLEtBQUssSUFBSSxLQUFLLElBQUksSUFBSSxVQUFVO0FBQUEsSUFDdkUsR0FBSSxZQUFZLFVBQWEsRUFBRSxRQUFRO0FBQUEsSUFDdkMsR0FBSSxVQUFVLFVBQWEsRUFBRSxNQUFNLEVBQUUsTUFBTSxFQUFFO0FBQUEsRUFDL0M7QUFDRjtBQUVBLGVBQWUsVUFBVSxNQUFrQixNQUFvQztBQUM3RSxRQUFNLFVBQVU7QUFBQSxJQUNkLENBQU8sa0JBQVcsR0FBRyxDQUFDLEtBQWEsRUFBRSxTQUFTLE9BQU8sU0FBUyxLQUFLLE1BQ2pFLEtBQUssTUFBTSxFQUFFLFFBQVEsS0FBSyxTQUFTLE1BQU0sU0FBUyxVQUFhLFNBQVMsT0FBTyxTQUFZLE9BQU8sSUFBSSxFQUFFLENBQUM7QUFBQTtBQUFBLElBRTNHLENBQU8sNEJBQXFCLEdBQUcsTUFBTSxTQUFTLE1BQU0sSUFBSTtBQUFBLEVBQzFEO0FBQ0EsUUFBTSxTQUFTLE1BQU0sb0JBQW9CQyxRQUFPLE1BQU0sTUFBTSxPQUEwQztBQUN0RyxTQUFPO0FBQUEsSUFDTCxTQUFTQTtBQUFBLElBQ1Q7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0EsUUFBUSxFQUFFLFdBQVcsTUFBTSxRQUFRLEtBQUssT0FBTyxJQUFJLFVBQVUsSUFBSSxFQUFFO0FBQUEsSUFDbkUsT0FBTyxNQUFNLFlBQVlBLFFBQU8sS0FBSyxRQUFRLElBQUk7QUFBQSxJQUNqRCxZQUFZLE1BQU0sU0FBUyxNQUFNLElBQUk7QUFBQSxJQUNyQztBQUFBLElBQ0EsTUFBTSxPQUFPLEtBQUs7QUFDaEIsWUFBTSxRQUFRLEtBQUssR0FBRyxNQUFNLFNBQVksS0FBSyxNQUFNLFFBQVEsS0FBSyxHQUFHLEdBQUcsS0FBSyxJQUFJO0FBQy9FLFVBQUksVUFBVSxHQUFJLFFBQU87QUFDekIsWUFBTSxJQUFJLFFBQVEsbUJBQW1CO0FBQUEsUUFDbkMsTUFBTSxlQUFlLEtBQUssSUFBSSxXQUFXLEdBQUc7QUFBQSxRQUM1QyxPQUFPLEtBQUssS0FBSyxTQUFTLENBQUMsT0FBTyxDQUFDO0FBQUEsUUFDbkMsUUFBUSxHQUFHLEdBQUc7QUFBQSxNQUNoQixDQUFDO0FBQUEsSUFDSDtBQUFBLEVBQ0Y7QUFDRjtBQUVBLGVBQWUsU0FBUyxFQUFFLFFBQVEsWUFBWSxDQUFDLEVBQUUsR0FBZSxNQUFxQztBQUNuRyxRQUFNLFFBQVE7QUFDZCxRQUFNLFFBQVEsTUFBTSxRQUFRO0FBQUEsSUFDMUIsQ0FBQyxRQUFRLEdBQUcsT0FBTyxPQUFPLFNBQVMsQ0FBQyxFQUNqQyxPQUFPLENBQUMsU0FBUyxTQUFTLE1BQVMsRUFDbkMsSUFBSSxDQUFDLFNBQVMsUUFBUSxNQUFNLGFBQWEsSUFBSSxDQUFDO0FBQUEsRUFDbkQ7QUFDQSxTQUFPLE1BQU0sTUFBTSxDQUFDLFNBQVMsTUFBTSxLQUFLLElBQUksQ0FBQztBQUMvQztBQUVBLGVBQWUsU0FBUyxFQUFFLE9BQU8sVUFBVSxTQUFTLEdBQWUsTUFBNkM7QUFDOUcsUUFBTSxRQUFRLElBQUksZ0JBQWdCO0FBQ2xDLFFBQU0sUUFBUSxPQUFPLE9BQStDLFFBQW1DO0FBQ3JHLFVBQU0sVUFBVSxNQUFNLFFBQVEsSUFBSSxDQUFDLFNBQVMsQ0FBQyxDQUFDLEVBQUUsS0FBSyxFQUFFLElBQUksQ0FBQyxRQUFRLEtBQUssU0FBUyxLQUFlLENBQUMsR0FBRyxHQUFHLENBQUMsQ0FBQyxDQUFDLENBQUM7QUFDNUcsV0FBTyxRQUFRLE9BQU8sQ0FBQyxRQUFRLFFBQVEsT0FBTyxFQUFFLElBQUksQ0FBQyxRQUFRLE9BQU8sR0FBRyxDQUFDO0FBQUEsRUFDMUU7QUFDQSxRQUFNLFNBQVMsTUFBTSxNQUFNLE9BQU8sT0FBTztBQUN6QyxNQUFJLE9BQU8sU0FBUyxFQUFHLE9BQU0sSUFBSSxTQUFTLE9BQU8sS0FBSyxHQUFHLENBQUM7QUFDMUQsYUFBVyxPQUFPLE1BQU0sTUFBTSxVQUFVLFVBQVUsRUFBRyxPQUFNLE9BQU8sWUFBWSxHQUFHO0FBQ2pGLGFBQVcsT0FBTyxNQUFNLE1BQU0sVUFBVSxVQUFVLEVBQUcsT0FBTSxPQUFPLFlBQVksR0FBRztBQUNqRixTQUFPO0FBQ1Q7IiwKICAibmFtZXMiOiBbIm9hdXRoIiwgInRyaWVkIiwgImNvZGUiLCAic2V0VGltZW91dCIsICJzZXRUaW1lb3V0IiwgIm9hdXRoIl0KfQo=
