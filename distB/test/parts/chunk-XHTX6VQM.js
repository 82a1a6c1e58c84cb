import {
  trailFile
} from "./chunk-CFOFBHOV.js";
import {
  defaultsFile,
  requestFile
} from "./chunk-B5MWC56M.js";
import {
  about,
  anyValue,
  duration,
  expect,
  pace,
  retry,
  timeout,
  values
} from "./chunk-VV4FZXZN.js";
import {
  described
} from "./chunk-ADLZ4E65.js";

// src/core/collection/files/manifest-file.ts
import * as z from "zod/mini";
var asked = z.strictObject({
  from: described(z.string(), "The request whose answer says it."),
  values: described(z.optional(z.string()), "The place of the allowed values, such as `$.items[*].code`."),
  fields: described(z.optional(z.string()), "Of a filter: the place of the names of its fields."),
  operators: described(z.optional(z.string()), "Of a filter: the place of its operators.")
});
var documentation = z.strictObject({
  file: described(z.string(), "The snapshot in the collection, from its folder."),
  source: described(z.optional(z.string()), "Where it was fetched from."),
  fetched: described(z.optional(z.string()), "The day it was fetched."),
  parts: described(
    z.optional(z.record(z.string(), z.string())),
    "Further documents that it refers to: their names or addresses, and their snapshots."
  ),
  asked: described(
    z.optional(z.record(z.string(), asked)),
    "What the API itself says of a parameter, by `OPERATION.PARAMETER`; `docs ask` sends the requests."
  )
});
var manifestFile = described(
  z.strictObject({
    name: described(z.string(), "The name of the collection."),
    about: z.optional(about),
    environment: described(z.optional(z.string()), "The environment that is used where --env is not given."),
    variables: described(z.optional(values), "Collection variables; an environment may replace them."),
    docs: described(
      z.optional(z.record(z.string(), documentation)),
      "Documentation sources by name, written by `docs add`."
    ),
    echoes: described(
      z.optional(
        z.strictObject({
          runs: described(z.optional(z.number()), "How many runs are kept. 200 where nothing is said."),
          size: described(z.optional(z.string()), "How much they may take together. 256MB where nothing is said.")
        })
      ),
      "How long echoes are kept; the oldest run goes first."
    )
  }),
  "The manifest of a collection, echo-trail.yaml."
);

// src/core/collection/files/environment-file.ts
import * as z2 from "zod/mini";
var environmentFile = described(
  z2.strictObject({
    about: z2.optional(about),
    changes: described(
      z2.optional(z2.enum(["allow", "ask", "refuse"])),
      "What happens to a call that changes something here. `ask` where nothing is said."
    ),
    variables: described(z2.optional(values), "Names for requests, such as `origin`. Worked out anew for each request."),
    hosts: described(
      z2.optional(
        z2.union([
          z2.array(z2.string()),
          z2.strictObject({
            from: described(z2.string(), "A csv file in the collection."),
            column: described(z2.string(), "Its column with the hosts.")
          })
        ])
      ),
      "Credentials go to these hosts only: a list, or a column of a file. The host of `origin` where nothing is said."
    ),
    timeout: z2.optional(timeout),
    pace: z2.optional(pace),
    retry: z2.optional(retry),
    version: described(
      z2.optional(
        z2.strictObject({
          request: described(z2.string(), "The request whose answer says it."),
          at: described(z2.string(), "The place of the version in that answer."),
          "at-least": described(z2.optional(z2.string()), "The lowest that will do."),
          under: described(z2.optional(z2.string()), "The first that will not do any more.")
        })
      ),
      "The version of the vendor's API that this collection is made for: `run` asks for it first."
    ),
    clock: described(
      z2.optional(z2.enum(["own", "follow-server"])),
      "Whose time signatures are made with: that of this machine (`own`, where nothing is said), or corrected by the `Date` of the server."
    ),
    tls: described(
      z2.optional(
        z2.strictObject({
          trust: described(
            z2.optional(z2.union([z2.string(), z2.array(z2.string())])),
            "Certificates in PEM that are trusted too: paths in the collection, or the PEM itself."
          ),
          identity: described(
            z2.optional(
              z2.strictObject({
                certificate: described(z2.optional(z2.string()), "The client certificate in PEM, or its path."),
                key: described(z2.optional(z2.string()), "Its key in PEM, or its path; `${secret.NAME}` holds it best."),
                bundle: described(z2.optional(z2.string()), "Both in one PKCS#12 file instead: its path."),
                passphrase: described(z2.optional(z2.string()), "The pass phrase of the key or the bundle.")
              })
            ),
            "The client certificate and its key."
          ),
          name: described(z2.optional(z2.string()), "The name that the server must prove, in place of the host."),
          minimum: described(z2.optional(z2.enum(["1.2", "1.3"])), "The oldest version of TLS that is spoken."),
          pinned: described(
            z2.optional(z2.string()),
            "The SHA-256 fingerprint of the only certificate that is taken, whoever signed it."
          )
        })
      ),
      "How TLS connections are made. Worked out anew for each request."
    ),
    proxy: described(
      z2.optional(
        z2.union([
          z2.string(),
          z2.strictObject({
            url: z2.string(),
            except: described(z2.optional(z2.array(z2.string())), "Hosts, and `.domains`, that are reached without it.")
          })
        ])
      ),
      "The proxy, or `none`. HTTPS_PROXY, HTTP_PROXY and NO_PROXY of the process where nothing is said."
    ),
    http: described(z2.optional(z2.union([z2.literal(1), z2.literal(2)])), "The version of HTTP. 1 where nothing is said."),
    "url-limit": described(
      z2.optional(anyValue),
      "How long an address may be; a longer one is sent with a warning. 8000 where nothing is said."
    )
  }),
  "An environment: where requests go, and what is allowed there."
);

// src/core/collection/files/session-file.ts
import * as z3 from "zod/mini";
var call = z3.strictObject({
  send: described(z3.string(), "The request."),
  give: described(z3.optional(values), "Values for its inputs.")
});
var walk = z3.strictObject({
  trail: described(z3.string(), "The trail."),
  give: described(z3.optional(values), "Values for its inputs.")
});
var shared = {
  about: z3.optional(about),
  supply: described(
    z3.optional(values),
    "Names for the requests that use the session, for vendors that want credentials in the body."
  ),
  refused: described(
    z3.optional(expect),
    "What an answer looks like that refuses the session with another status than 401, by place; all of it must hold."
  )
};
var headers = described(
  z3.optional(values),
  "What is sent with every request; `${token}` is the token. `Authorization: Bearer ${token}` where nothing is said."
);
var bearer = described(
  z3.strictObject({
    kind: z3.literal("bearer"),
    ...shared,
    token: described(z3.string(), "The token, usually `${secret.NAME}`; sent as `Authorization: Bearer \u2026` (RFC 6750).")
  }),
  "A token that is sent with every request."
);
var login = described(
  z3.strictObject({
    kind: z3.literal("login"),
    ...shared,
    open: described(z3.union([call, walk]), "The request that opens the session, or a trail of them."),
    token: described(
      z3.optional(z3.string()),
      "The place of the token in its answer, or in the last of the trail. None where cookies do it."
    ),
    keep: described(
      z3.optional(z3.record(z3.string(), z3.string())),
      "Names for other values of that answer, by place: for headers, supply and close."
    ),
    lasts: described(
      z3.optional(z3.string()),
      "How long the token is good for: a duration such as 30m, or the place of a number of seconds or of a date."
    ),
    headers,
    close: described(z3.optional(call), "The request that closes the session; it is sent with the session.")
  }),
  "A token that a request obtains."
);
var user = described(z3.string(), "The user.");
var password = described(z3.string(), "The password, usually `${secret.NAME}`.");
var basic = described(
  z3.strictObject({ kind: z3.literal("basic"), ...shared, user, password }),
  "User and password with every request (RFC 7617)."
);
var digest = described(
  z3.strictObject({ kind: z3.literal("digest"), ...shared, user, password }),
  "A proof of the password for each request (RFC 7616); the first refusal says what the server wants."
);
var apiKey = described(
  z3.strictObject({
    kind: z3.literal("api-key"),
    ...shared,
    key: described(z3.string(), "The key, usually `${secret.NAME}`."),
    header: described(z3.optional(z3.string()), "The name of the header that takes it."),
    query: described(z3.optional(z3.string()), "The name of the query parameter that takes it."),
    cookie: described(z3.optional(z3.string()), "The name of the cookie that takes it.")
  }),
  "A key that is sent with every request, in one of a header, a query parameter and a cookie."
);
var certificate = described(
  z3.strictObject({
    kind: z3.literal("certificate"),
    ...shared,
    certificate: described(z3.optional(z3.string()), "The client certificate in PEM, or its path."),
    key: described(z3.optional(z3.string()), "Its key in PEM, or its path; `${secret.NAME}` holds it best."),
    bundle: described(z3.optional(z3.string()), "Both in one PKCS#12 file instead: its path."),
    passphrase: described(z3.optional(z3.string()), "The pass phrase of the key or the bundle.")
  }),
  "A client certificate, shown when the connection is made (mutual TLS)."
);
var credentials = described(
  z3.strictObject({ kind: z3.literal("credentials"), ...shared }),
  "Names alone, in `supply`: nothing is sent but what the requests do with them."
);
var several = z3.union([z3.string(), z3.array(z3.string())]);
var oauth2 = described(
  z3.strictObject({
    kind: z3.literal("oauth2"),
    ...shared,
    grant: described(
      z3.enum([
        "client_credentials",
        "authorization_code",
        "urn:ietf:params:oauth:grant-type:device_code",
        "refresh_token",
        "password"
      ]),
      "The grant, by its registered name."
    ),
    issuer: described(z3.optional(z3.string()), "The issuer, whose metadata names the endpoints (RFC 8414, OpenID)."),
    endpoints: described(
      z3.optional(
        z3.strictObject({
          token: z3.optional(z3.string()),
          authorization: z3.optional(z3.string()),
          device: z3.optional(z3.string()),
          revocation: z3.optional(z3.string())
        })
      ),
      "Addresses of endpoints, where no metadata names them or others are wanted."
    ),
    client: described(
      z3.strictObject({
        id: described(z3.string(), "The id of the client."),
        secret: described(z3.optional(z3.string()), "Its secret, usually `${secret.NAME}`."),
        authentication: described(
          z3.optional(
            z3.enum(["client_secret_basic", "client_secret_post", "client_secret_jwt", "private_key_jwt", "none"])
          ),
          "How the client proves itself, by its registered name. `client_secret_basic` where it has a secret."
        ),
        key: described(z3.optional(z3.string()), "Its private key in PEM (PKCS#8), for `private_key_jwt`."),
        "key-id": described(z3.optional(z3.string()), "The id of the key."),
        algorithm: described(
          z3.optional(z3.enum(["RS256", "PS256", "ES256", "EdDSA"])),
          "The algorithm of the key. `RS256` where nothing is said."
        )
      }),
      "The client, as the vendor registered it."
    ),
    scope: described(z3.optional(several), "What is asked for."),
    audience: described(z3.optional(several), "For whom the token is to be good."),
    resource: described(z3.optional(several), "At which addresses the token is to be good (RFC 8707)."),
    user: described(z3.optional(z3.string()), "The user, for the grant `password`."),
    password: described(z3.optional(z3.string()), "The password, for the grant `password`."),
    "refresh-token": described(z3.optional(z3.string()), "A refresh token that you have, for the grant `refresh_token`."),
    callback: described(
      z3.optional(z3.strictObject({ port: z3.optional(z3.number()), path: z3.optional(z3.string()) })),
      "Where the browser comes back to: a port of 127.0.0.1 (a free one where nothing is said) and a path (`/callback`)."
    ),
    headers
  }),
  "A token by OAuth 2.0 (RFC 6749), renewed by its refresh token where there is one."
);
var sessionFile = described(
  z3.discriminatedUnion("kind", [bearer, login, basic, digest, apiKey, oauth2, certificate, credentials]),
  "A session: one way to authenticate."
);

// src/core/collection/files/signature-file.ts
import * as z4 from "zod/mini";
var example = described(
  z4.strictObject({
    about: z4.optional(about),
    request: described(
      z4.strictObject({
        method: described(z4.optional(z4.string()), "The method. GET where nothing is said."),
        url: described(z4.string(), "The whole address, with its query as it is sent."),
        headers: described(z4.optional(z4.record(z4.string(), z4.string())), "Its header lines, host left out."),
        body: described(z4.optional(z4.string()), "Its body as it is sent, character for character.")
      }),
      "The request before it is signed."
    ),
    time: described(z4.optional(z4.string()), "When it was signed (RFC 3339)."),
    nonce: described(z4.optional(z4.string()), "The nonce that it was signed with."),
    variables: described(z4.optional(values), "Variables of the environment that the recipe uses."),
    secrets: described(
      z4.optional(z4.record(z4.string(), z4.string())),
      "The keys of the documented example, which are no secrets. What is not given is taken from the secret store."
    ),
    expect: described(
      z4.strictObject({
        values: described(z4.optional(z4.record(z4.string(), z4.string())), "Named values, such as the base."),
        headers: described(z4.optional(z4.record(z4.string(), z4.string())), "Headers that the signature adds."),
        query: described(z4.optional(z4.record(z4.string(), z4.string())), "Parameters that it adds to the query."),
        body: described(z4.optional(z4.string()), "The body that is sent.")
      }),
      "What the documentation says comes of it."
    )
  }),
  "A documented example: check proves the recipe with it, and nothing is sent."
);
var shared2 = {
  about: z4.optional(about),
  examples: described(z4.optional(z4.array(example)), "Documented examples that the recipe must reproduce.")
};
var linesSpec = z4.strictObject({
  lines: described(
    z4.array(anyValue),
    "A text of several lines; a list in it is spliced in, an empty item is an empty line."
  ),
  "joined-by": described(z4.optional(z4.string()), "What stands between the lines. A line feed where nothing is said.")
});
var recipe = described(
  z4.strictObject({
    kind: described(z4.optional(z4.literal("recipe")), "May be left out."),
    ...shared2,
    define: described(
      z4.optional(z4.record(z4.string(), z4.union([z4.string(), linesSpec, z4.array(anyValue)]))),
      "Named values over `sent.\u2026`, the request that is about to leave. The order is worked out."
    ),
    headers: described(z4.optional(values), "Headers that are added."),
    query: described(z4.optional(values), "Parameters that are added to the query."),
    body: described(
      z4.optional(values),
      "Members that are added to a JSON body, or fields that are added to a form, at its end."
    )
  }),
  "Named values over the request that is about to leave, and the headers they make."
);
var componentSpec = z4.union([
  z4.string(),
  z4.strictObject({
    name: described(z4.string(), "A header, or a derived component such as `@method`."),
    sf: described(z4.optional(z4.boolean()), "Serialized anew as a structured field."),
    key: described(z4.optional(z4.string()), "One member of a dictionary field."),
    bs: described(z4.optional(z4.boolean()), "Each line as a byte sequence."),
    tr: described(z4.optional(z4.boolean()), "From the trailers."),
    req: described(z4.optional(z4.boolean()), "From the request, in the signature of an answer."),
    param: described(z4.optional(z4.string()), "The parameter that `@query-param` means.")
  })
]);
var messageAlgorithm = z4.enum([
  "rsa-pss-sha512",
  "rsa-v1_5-sha256",
  "hmac-sha256",
  "ecdsa-p256-sha256",
  "ecdsa-p384-sha384",
  "ed25519"
]);
var labelled = {
  components: described(z4.array(componentSpec), "What is signed, in this order."),
  algorithm: described(messageAlgorithm, "The algorithm, by its registered name."),
  key: described(z4.string(), "The key, usually `${secret.NAME}`: PEM or a JSON Web Key; base64 for hmac-sha256."),
  "key-id": described(z4.optional(z4.string()), "The parameter `keyid`."),
  created: described(z4.optional(z4.boolean()), "false leaves the parameter `created` out."),
  expires: described(z4.optional(duration), "How long the signature is good for, such as 5m: the parameter `expires`."),
  nonce: described(z4.optional(z4.string()), "The parameter `nonce`, usually `${nonce}`."),
  tag: described(z4.optional(z4.string()), "The parameter `tag`."),
  "name-algorithm": described(z4.optional(z4.boolean()), "true adds the parameter `alg`.")
};
var messageSignature = described(
  z4.strictObject({
    kind: z4.literal("message-signature"),
    ...shared2,
    digest: described(
      z4.optional(z4.enum(["sha-256", "sha-512"])),
      "Adds `Content-Digest` (RFC 9530) to a request with a body, by this algorithm."
    ),
    signatures: described(
      z4.record(z4.string(), z4.strictObject(labelled)),
      "Signatures by label, in the order in which they are made."
    ),
    answers: described(
      z4.optional(
        z4.strictObject({
          signed: described(
            z4.optional(z4.enum(["always", "perhaps"])),
            "Whether an answer without a signature is a failure (`always`, where nothing is said)."
          ),
          components: described(z4.optional(z4.array(componentSpec)), "What the signature of an answer must cover."),
          keys: described(
            z4.record(
              z4.string(),
              z4.strictObject({
                algorithm: messageAlgorithm,
                key: described(z4.string(), "The public key, PEM or a JSON Web Key; base64 for hmac-sha256.")
              })
            ),
            "The keys of the vendor by `keyid`."
          ),
          "older-than": described(
            z4.optional(duration),
            "A signature of this age is refused. 5m where nothing is said."
          )
        })
      ),
      "How the vendor signs its answers: they are verified."
    )
  }),
  "HTTP message signatures (RFC 9421)."
);
var keyedDigest = described(
  z4.strictObject({
    kind: z4.literal("keyed-digest"),
    ...shared2,
    algorithm: described(
      z4.enum(["hmac-sha-256", "hmac-sha-384", "hmac-sha-512", "hmac-sha-1"]),
      "The keyed digest that is taken of the body."
    ),
    key: described(z4.string(), "The key, usually `${secret.NAME}`."),
    header: described(z4.string(), "The header that takes it."),
    encoding: described(
      z4.optional(z4.enum(["hex", "base64", "base64url"])),
      "How it is written. hex where nothing is said."
    ),
    prefix: described(z4.optional(z4.string()), "What stands in front of it, such as `v1=`.")
  }),
  "A keyed digest of the body, in a header."
);
var requestToken = described(
  z4.strictObject({
    kind: z4.literal("request-token"),
    ...shared2,
    algorithm: described(
      z4.enum([
        "HS256",
        "HS384",
        "HS512",
        "RS256",
        "RS384",
        "RS512",
        "PS256",
        "PS384",
        "PS512",
        "ES256",
        "ES384",
        "ES512",
        "EdDSA"
      ]),
      "The algorithm, by its registered name (RFC 7518)."
    ),
    key: described(z4.string(), "The key, usually `${secret.NAME}`: text for HS\u2026, else PEM or a JSON Web Key."),
    "key-id": described(z4.optional(z4.string()), "The header parameter `kid`."),
    type: described(z4.optional(z4.string()), "The header parameter `typ`. JWT where nothing is said."),
    claims: described(z4.optional(values), "Claims, over `sent.\u2026` too. `iat` and `exp` are added."),
    lasts: described(z4.optional(duration), "How long it is good for. 60s where nothing is said."),
    header: described(z4.optional(z4.string()), "The header that takes it. Authorization where nothing is said."),
    scheme: described(
      z4.optional(z4.string()),
      "What stands in front of it. Bearer where nothing is said; empty for nothing."
    )
  }),
  "A JSON Web Token (RFC 7519) that is made and signed for each request."
);
var signatureFile = described(
  z4.discriminatedUnion("kind", [recipe, messageSignature, keyedDigest, requestToken]),
  "A signature: one way to sign requests."
);

// src/core/collection/files/registry.ts
var fileKinds = {
  request: { folder: "requests", schema: requestFile },
  environment: { folder: "environments", schema: environmentFile },
  session: { folder: "sessions", schema: sessionFile },
  signature: { folder: "signatures", schema: signatureFile },
  trail: { folder: "trails", schema: trailFile }
};
var defaultsKind = {
  name: "defaults.yaml",
  schema: defaultsFile
};

export {
  manifestFile,
  fileKinds,
  defaultsKind
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9maWxlcy9tYW5pZmVzdC1maWxlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2NvbGxlY3Rpb24vZmlsZXMvZW52aXJvbm1lbnQtZmlsZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9jb2xsZWN0aW9uL2ZpbGVzL3Nlc3Npb24tZmlsZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9jb2xsZWN0aW9uL2ZpbGVzL3NpZ25hdHVyZS1maWxlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2NvbGxlY3Rpb24vZmlsZXMvcmVnaXN0cnkudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBgZWNoby10cmFpbC55YW1sYDogdGhlIG1hbmlmZXN0IG9mIGEgY29sbGVjdGlvbi4gKi9cbmltcG9ydCAqIGFzIHogZnJvbSAnem9kL21pbmknO1xuaW1wb3J0IHsgZGVzY3JpYmVkIH0gZnJvbSAnLi9kZXNjcmliZWQuanMnO1xuaW1wb3J0IHsgYWJvdXQsIHZhbHVlcyB9IGZyb20gJy4vcGFydHMuanMnO1xuXG5jb25zdCBhc2tlZCA9IHouc3RyaWN0T2JqZWN0KHtcbiAgZnJvbTogZGVzY3JpYmVkKHouc3RyaW5nKCksICdUaGUgcmVxdWVzdCB3aG9zZSBhbnN3ZXIgc2F5cyBpdC4nKSxcbiAgdmFsdWVzOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBwbGFjZSBvZiB0aGUgYWxsb3dlZCB2YWx1ZXMsIHN1Y2ggYXMgYCQuaXRlbXNbKl0uY29kZWAuJyksXG4gIGZpZWxkczogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdPZiBhIGZpbHRlcjogdGhlIHBsYWNlIG9mIHRoZSBuYW1lcyBvZiBpdHMgZmllbGRzLicpLFxuICBvcGVyYXRvcnM6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnT2YgYSBmaWx0ZXI6IHRoZSBwbGFjZSBvZiBpdHMgb3BlcmF0b3JzLicpLFxufSk7XG5cbmNvbnN0IGRvY3VtZW50YXRpb24gPSB6LnN0cmljdE9iamVjdCh7XG4gIGZpbGU6IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnVGhlIHNuYXBzaG90IGluIHRoZSBjb2xsZWN0aW9uLCBmcm9tIGl0cyBmb2xkZXIuJyksXG4gIHNvdXJjZTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdXaGVyZSBpdCB3YXMgZmV0Y2hlZCBmcm9tLicpLFxuICBmZXRjaGVkOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBkYXkgaXQgd2FzIGZldGNoZWQuJyksXG4gIHBhcnRzOiBkZXNjcmliZWQoXG4gICAgei5vcHRpb25hbCh6LnJlY29yZCh6LnN0cmluZygpLCB6LnN0cmluZygpKSksXG4gICAgJ0Z1cnRoZXIgZG9jdW1lbnRzIHRoYXQgaXQgcmVmZXJzIHRvOiB0aGVpciBuYW1lcyBvciBhZGRyZXNzZXMsIGFuZCB0aGVpciBzbmFwc2hvdHMuJyxcbiAgKSxcbiAgYXNrZWQ6IGRlc2NyaWJlZChcbiAgICB6Lm9wdGlvbmFsKHoucmVjb3JkKHouc3RyaW5nKCksIGFza2VkKSksXG4gICAgJ1doYXQgdGhlIEFQSSBpdHNlbGYgc2F5cyBvZiBhIHBhcmFtZXRlciwgYnkgYE9QRVJBVElPTi5QQVJBTUVURVJgOyBgZG9jcyBhc2tgIHNlbmRzIHRoZSByZXF1ZXN0cy4nLFxuICApLFxufSk7XG5cbmV4cG9ydCBjb25zdCBtYW5pZmVzdEZpbGUgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBuYW1lOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBuYW1lIG9mIHRoZSBjb2xsZWN0aW9uLicpLFxuICAgIGFib3V0OiB6Lm9wdGlvbmFsKGFib3V0KSxcbiAgICBlbnZpcm9ubWVudDogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgZW52aXJvbm1lbnQgdGhhdCBpcyB1c2VkIHdoZXJlIC0tZW52IGlzIG5vdCBnaXZlbi4nKSxcbiAgICB2YXJpYWJsZXM6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHZhbHVlcyksICdDb2xsZWN0aW9uIHZhcmlhYmxlczsgYW4gZW52aXJvbm1lbnQgbWF5IHJlcGxhY2UgdGhlbS4nKSxcbiAgICBkb2NzOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKHoucmVjb3JkKHouc3RyaW5nKCksIGRvY3VtZW50YXRpb24pKSxcbiAgICAgICdEb2N1bWVudGF0aW9uIHNvdXJjZXMgYnkgbmFtZSwgd3JpdHRlbiBieSBgZG9jcyBhZGRgLicsXG4gICAgKSxcbiAgICBlY2hvZXM6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoXG4gICAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgICBydW5zOiBkZXNjcmliZWQoei5vcHRpb25hbCh6Lm51bWJlcigpKSwgJ0hvdyBtYW55IHJ1bnMgYXJlIGtlcHQuIDIwMCB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyksXG4gICAgICAgICAgc2l6ZTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdIb3cgbXVjaCB0aGV5IG1heSB0YWtlIHRvZ2V0aGVyLiAyNTZNQiB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyksXG4gICAgICAgIH0pLFxuICAgICAgKSxcbiAgICAgICdIb3cgbG9uZyBlY2hvZXMgYXJlIGtlcHQ7IHRoZSBvbGRlc3QgcnVuIGdvZXMgZmlyc3QuJyxcbiAgICApLFxuICB9KSxcbiAgJ1RoZSBtYW5pZmVzdCBvZiBhIGNvbGxlY3Rpb24sIGVjaG8tdHJhaWwueWFtbC4nLFxuKTtcbmV4cG9ydCB0eXBlIE1hbmlmZXN0RmlsZSA9IHouaW5mZXI8dHlwZW9mIG1hbmlmZXN0RmlsZT47XG4iLCAiLyoqIGBlbnZpcm9ubWVudHMvTkFNRS55YW1sYC4gKi9cbmltcG9ydCAqIGFzIHogZnJvbSAnem9kL21pbmknO1xuaW1wb3J0IHsgZGVzY3JpYmVkIH0gZnJvbSAnLi9kZXNjcmliZWQuanMnO1xuaW1wb3J0IHsgYWJvdXQsIGFueVZhbHVlLCBwYWNlLCByZXRyeSwgdGltZW91dCwgdmFsdWVzIH0gZnJvbSAnLi9wYXJ0cy5qcyc7XG5cbmV4cG9ydCBjb25zdCBlbnZpcm9ubWVudEZpbGUgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBhYm91dDogei5vcHRpb25hbChhYm91dCksXG4gICAgY2hhbmdlczogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbCh6LmVudW0oWydhbGxvdycsICdhc2snLCAncmVmdXNlJ10pKSxcbiAgICAgICdXaGF0IGhhcHBlbnMgdG8gYSBjYWxsIHRoYXQgY2hhbmdlcyBzb21ldGhpbmcgaGVyZS4gYGFza2Agd2hlcmUgbm90aGluZyBpcyBzYWlkLicsXG4gICAgKSxcbiAgICB2YXJpYWJsZXM6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHZhbHVlcyksICdOYW1lcyBmb3IgcmVxdWVzdHMsIHN1Y2ggYXMgYG9yaWdpbmAuIFdvcmtlZCBvdXQgYW5ldyBmb3IgZWFjaCByZXF1ZXN0LicpLFxuICAgIGhvc3RzOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKFxuICAgICAgICB6LnVuaW9uKFtcbiAgICAgICAgICB6LmFycmF5KHouc3RyaW5nKCkpLFxuICAgICAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgICAgIGZyb206IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnQSBjc3YgZmlsZSBpbiB0aGUgY29sbGVjdGlvbi4nKSxcbiAgICAgICAgICAgIGNvbHVtbjogZGVzY3JpYmVkKHouc3RyaW5nKCksICdJdHMgY29sdW1uIHdpdGggdGhlIGhvc3RzLicpLFxuICAgICAgICAgIH0pLFxuICAgICAgICBdKSxcbiAgICAgICksXG4gICAgICAnQ3JlZGVudGlhbHMgZ28gdG8gdGhlc2UgaG9zdHMgb25seTogYSBsaXN0LCBvciBhIGNvbHVtbiBvZiBhIGZpbGUuIFRoZSBob3N0IG9mIGBvcmlnaW5gIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nLFxuICAgICksXG4gICAgdGltZW91dDogei5vcHRpb25hbCh0aW1lb3V0KSxcbiAgICBwYWNlOiB6Lm9wdGlvbmFsKHBhY2UpLFxuICAgIHJldHJ5OiB6Lm9wdGlvbmFsKHJldHJ5KSxcbiAgICB2ZXJzaW9uOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKFxuICAgICAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICAgICAgcmVxdWVzdDogZGVzY3JpYmVkKHouc3RyaW5nKCksICdUaGUgcmVxdWVzdCB3aG9zZSBhbnN3ZXIgc2F5cyBpdC4nKSxcbiAgICAgICAgICBhdDogZGVzY3JpYmVkKHouc3RyaW5nKCksICdUaGUgcGxhY2Ugb2YgdGhlIHZlcnNpb24gaW4gdGhhdCBhbnN3ZXIuJyksXG4gICAgICAgICAgJ2F0LWxlYXN0JzogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgbG93ZXN0IHRoYXQgd2lsbCBkby4nKSxcbiAgICAgICAgICB1bmRlcjogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgZmlyc3QgdGhhdCB3aWxsIG5vdCBkbyBhbnkgbW9yZS4nKSxcbiAgICAgICAgfSksXG4gICAgICApLFxuICAgICAgXCJUaGUgdmVyc2lvbiBvZiB0aGUgdmVuZG9yJ3MgQVBJIHRoYXQgdGhpcyBjb2xsZWN0aW9uIGlzIG1hZGUgZm9yOiBgcnVuYCBhc2tzIGZvciBpdCBmaXJzdC5cIixcbiAgICApLFxuICAgIGNsb2NrOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKHouZW51bShbJ293bicsICdmb2xsb3ctc2VydmVyJ10pKSxcbiAgICAgICdXaG9zZSB0aW1lIHNpZ25hdHVyZXMgYXJlIG1hZGUgd2l0aDogdGhhdCBvZiB0aGlzIG1hY2hpbmUgKGBvd25gLCB3aGVyZSBub3RoaW5nIGlzIHNhaWQpLCBvciBjb3JyZWN0ZWQgYnkgdGhlIGBEYXRlYCBvZiB0aGUgc2VydmVyLicsXG4gICAgKSxcbiAgICB0bHM6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoXG4gICAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgICB0cnVzdDogZGVzY3JpYmVkKFxuICAgICAgICAgICAgei5vcHRpb25hbCh6LnVuaW9uKFt6LnN0cmluZygpLCB6LmFycmF5KHouc3RyaW5nKCkpXSkpLFxuICAgICAgICAgICAgJ0NlcnRpZmljYXRlcyBpbiBQRU0gdGhhdCBhcmUgdHJ1c3RlZCB0b286IHBhdGhzIGluIHRoZSBjb2xsZWN0aW9uLCBvciB0aGUgUEVNIGl0c2VsZi4nLFxuICAgICAgICAgICksXG4gICAgICAgICAgaWRlbnRpdHk6IGRlc2NyaWJlZChcbiAgICAgICAgICAgIHoub3B0aW9uYWwoXG4gICAgICAgICAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgICAgICAgICBjZXJ0aWZpY2F0ZTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgY2xpZW50IGNlcnRpZmljYXRlIGluIFBFTSwgb3IgaXRzIHBhdGguJyksXG4gICAgICAgICAgICAgICAga2V5OiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ0l0cyBrZXkgaW4gUEVNLCBvciBpdHMgcGF0aDsgYCR7c2VjcmV0Lk5BTUV9YCBob2xkcyBpdCBiZXN0LicpLFxuICAgICAgICAgICAgICAgIGJ1bmRsZTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdCb3RoIGluIG9uZSBQS0NTIzEyIGZpbGUgaW5zdGVhZDogaXRzIHBhdGguJyksXG4gICAgICAgICAgICAgICAgcGFzc3BocmFzZTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgcGFzcyBwaHJhc2Ugb2YgdGhlIGtleSBvciB0aGUgYnVuZGxlLicpLFxuICAgICAgICAgICAgICB9KSxcbiAgICAgICAgICAgICksXG4gICAgICAgICAgICAnVGhlIGNsaWVudCBjZXJ0aWZpY2F0ZSBhbmQgaXRzIGtleS4nLFxuICAgICAgICAgICksXG4gICAgICAgICAgbmFtZTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgbmFtZSB0aGF0IHRoZSBzZXJ2ZXIgbXVzdCBwcm92ZSwgaW4gcGxhY2Ugb2YgdGhlIGhvc3QuJyksXG4gICAgICAgICAgbWluaW11bTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5lbnVtKFsnMS4yJywgJzEuMyddKSksICdUaGUgb2xkZXN0IHZlcnNpb24gb2YgVExTIHRoYXQgaXMgc3Bva2VuLicpLFxuICAgICAgICAgIHBpbm5lZDogZGVzY3JpYmVkKFxuICAgICAgICAgICAgei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgICAgICAgICdUaGUgU0hBLTI1NiBmaW5nZXJwcmludCBvZiB0aGUgb25seSBjZXJ0aWZpY2F0ZSB0aGF0IGlzIHRha2VuLCB3aG9ldmVyIHNpZ25lZCBpdC4nLFxuICAgICAgICAgICksXG4gICAgICAgIH0pLFxuICAgICAgKSxcbiAgICAgICdIb3cgVExTIGNvbm5lY3Rpb25zIGFyZSBtYWRlLiBXb3JrZWQgb3V0IGFuZXcgZm9yIGVhY2ggcmVxdWVzdC4nLFxuICAgICksXG4gICAgcHJveHk6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoXG4gICAgICAgIHoudW5pb24oW1xuICAgICAgICAgIHouc3RyaW5nKCksXG4gICAgICAgICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgICAgICAgdXJsOiB6LnN0cmluZygpLFxuICAgICAgICAgICAgZXhjZXB0OiBkZXNjcmliZWQoei5vcHRpb25hbCh6LmFycmF5KHouc3RyaW5nKCkpKSwgJ0hvc3RzLCBhbmQgYC5kb21haW5zYCwgdGhhdCBhcmUgcmVhY2hlZCB3aXRob3V0IGl0LicpLFxuICAgICAgICAgIH0pLFxuICAgICAgICBdKSxcbiAgICAgICksXG4gICAgICAnVGhlIHByb3h5LCBvciBgbm9uZWAuIEhUVFBTX1BST1hZLCBIVFRQX1BST1hZIGFuZCBOT19QUk9YWSBvZiB0aGUgcHJvY2VzcyB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyxcbiAgICApLFxuICAgIGh0dHA6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHoudW5pb24oW3oubGl0ZXJhbCgxKSwgei5saXRlcmFsKDIpXSkpLCAnVGhlIHZlcnNpb24gb2YgSFRUUC4gMSB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyksXG4gICAgJ3VybC1saW1pdCc6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoYW55VmFsdWUpLFxuICAgICAgJ0hvdyBsb25nIGFuIGFkZHJlc3MgbWF5IGJlOyBhIGxvbmdlciBvbmUgaXMgc2VudCB3aXRoIGEgd2FybmluZy4gODAwMCB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyxcbiAgICApLFxuICB9KSxcbiAgJ0FuIGVudmlyb25tZW50OiB3aGVyZSByZXF1ZXN0cyBnbywgYW5kIHdoYXQgaXMgYWxsb3dlZCB0aGVyZS4nLFxuKTtcbmV4cG9ydCB0eXBlIEVudmlyb25tZW50RmlsZSA9IHouaW5mZXI8dHlwZW9mIGVudmlyb25tZW50RmlsZT47XG4iLCAiLyoqIGBzZXNzaW9ucy9OQU1FLnlhbWxgOiBvbmUgd2F5IHRvIGF1dGhlbnRpY2F0ZS4gQSBuZXcga2luZCBhZGRzIGl0cyBzY2hlbWEgdG8gdGhlIHVuaW9uIGhlcmUuICovXG5pbXBvcnQgKiBhcyB6IGZyb20gJ3pvZC9taW5pJztcbmltcG9ydCB7IGRlc2NyaWJlZCB9IGZyb20gJy4vZGVzY3JpYmVkLmpzJztcbmltcG9ydCB7IGFib3V0LCBleHBlY3QsIHZhbHVlcyB9IGZyb20gJy4vcGFydHMuanMnO1xuXG5jb25zdCBjYWxsID0gei5zdHJpY3RPYmplY3Qoe1xuICBzZW5kOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSByZXF1ZXN0LicpLFxuICBnaXZlOiBkZXNjcmliZWQoei5vcHRpb25hbCh2YWx1ZXMpLCAnVmFsdWVzIGZvciBpdHMgaW5wdXRzLicpLFxufSk7XG5cbmNvbnN0IHdhbGsgPSB6LnN0cmljdE9iamVjdCh7XG4gIHRyYWlsOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSB0cmFpbC4nKSxcbiAgZ2l2ZTogZGVzY3JpYmVkKHoub3B0aW9uYWwodmFsdWVzKSwgJ1ZhbHVlcyBmb3IgaXRzIGlucHV0cy4nKSxcbn0pO1xuXG4vKiogV2hhdCBldmVyeSBraW5kIG1heSBoYXZlLiAqL1xuY29uc3Qgc2hhcmVkID0ge1xuICBhYm91dDogei5vcHRpb25hbChhYm91dCksXG4gIHN1cHBseTogZGVzY3JpYmVkKFxuICAgIHoub3B0aW9uYWwodmFsdWVzKSxcbiAgICAnTmFtZXMgZm9yIHRoZSByZXF1ZXN0cyB0aGF0IHVzZSB0aGUgc2Vzc2lvbiwgZm9yIHZlbmRvcnMgdGhhdCB3YW50IGNyZWRlbnRpYWxzIGluIHRoZSBib2R5LicsXG4gICksXG4gIHJlZnVzZWQ6IGRlc2NyaWJlZChcbiAgICB6Lm9wdGlvbmFsKGV4cGVjdCksXG4gICAgJ1doYXQgYW4gYW5zd2VyIGxvb2tzIGxpa2UgdGhhdCByZWZ1c2VzIHRoZSBzZXNzaW9uIHdpdGggYW5vdGhlciBzdGF0dXMgdGhhbiA0MDEsIGJ5IHBsYWNlOyBhbGwgb2YgaXQgbXVzdCBob2xkLicsXG4gICksXG59O1xuXG5jb25zdCBoZWFkZXJzID0gZGVzY3JpYmVkKFxuICB6Lm9wdGlvbmFsKHZhbHVlcyksXG4gICdXaGF0IGlzIHNlbnQgd2l0aCBldmVyeSByZXF1ZXN0OyBgJHt0b2tlbn1gIGlzIHRoZSB0b2tlbi4gYEF1dGhvcml6YXRpb246IEJlYXJlciAke3Rva2VufWAgd2hlcmUgbm90aGluZyBpcyBzYWlkLicsXG4pO1xuXG5jb25zdCBiZWFyZXIgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBraW5kOiB6LmxpdGVyYWwoJ2JlYXJlcicpLFxuICAgIC4uLnNoYXJlZCxcbiAgICB0b2tlbjogZGVzY3JpYmVkKHouc3RyaW5nKCksICdUaGUgdG9rZW4sIHVzdWFsbHkgYCR7c2VjcmV0Lk5BTUV9YDsgc2VudCBhcyBgQXV0aG9yaXphdGlvbjogQmVhcmVyIFx1MjAyNmAgKFJGQyA2NzUwKS4nKSxcbiAgfSksXG4gICdBIHRva2VuIHRoYXQgaXMgc2VudCB3aXRoIGV2ZXJ5IHJlcXVlc3QuJyxcbik7XG5cbmNvbnN0IGxvZ2luID0gZGVzY3JpYmVkKFxuICB6LnN0cmljdE9iamVjdCh7XG4gICAga2luZDogei5saXRlcmFsKCdsb2dpbicpLFxuICAgIC4uLnNoYXJlZCxcbiAgICBvcGVuOiBkZXNjcmliZWQoei51bmlvbihbY2FsbCwgd2Fsa10pLCAnVGhlIHJlcXVlc3QgdGhhdCBvcGVucyB0aGUgc2Vzc2lvbiwgb3IgYSB0cmFpbCBvZiB0aGVtLicpLFxuICAgIHRva2VuOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAgICAgJ1RoZSBwbGFjZSBvZiB0aGUgdG9rZW4gaW4gaXRzIGFuc3dlciwgb3IgaW4gdGhlIGxhc3Qgb2YgdGhlIHRyYWlsLiBOb25lIHdoZXJlIGNvb2tpZXMgZG8gaXQuJyxcbiAgICApLFxuICAgIGtlZXA6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoei5yZWNvcmQoei5zdHJpbmcoKSwgei5zdHJpbmcoKSkpLFxuICAgICAgJ05hbWVzIGZvciBvdGhlciB2YWx1ZXMgb2YgdGhhdCBhbnN3ZXIsIGJ5IHBsYWNlOiBmb3IgaGVhZGVycywgc3VwcGx5IGFuZCBjbG9zZS4nLFxuICAgICksXG4gICAgbGFzdHM6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAgICAnSG93IGxvbmcgdGhlIHRva2VuIGlzIGdvb2QgZm9yOiBhIGR1cmF0aW9uIHN1Y2ggYXMgMzBtLCBvciB0aGUgcGxhY2Ugb2YgYSBudW1iZXIgb2Ygc2Vjb25kcyBvciBvZiBhIGRhdGUuJyxcbiAgICApLFxuICAgIGhlYWRlcnMsXG4gICAgY2xvc2U6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKGNhbGwpLCAnVGhlIHJlcXVlc3QgdGhhdCBjbG9zZXMgdGhlIHNlc3Npb247IGl0IGlzIHNlbnQgd2l0aCB0aGUgc2Vzc2lvbi4nKSxcbiAgfSksXG4gICdBIHRva2VuIHRoYXQgYSByZXF1ZXN0IG9idGFpbnMuJyxcbik7XG5cbmNvbnN0IHVzZXIgPSBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSB1c2VyLicpO1xuY29uc3QgcGFzc3dvcmQgPSBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBwYXNzd29yZCwgdXN1YWxseSBgJHtzZWNyZXQuTkFNRX1gLicpO1xuXG5jb25zdCBiYXNpYyA9IGRlc2NyaWJlZChcbiAgei5zdHJpY3RPYmplY3QoeyBraW5kOiB6LmxpdGVyYWwoJ2Jhc2ljJyksIC4uLnNoYXJlZCwgdXNlciwgcGFzc3dvcmQgfSksXG4gICdVc2VyIGFuZCBwYXNzd29yZCB3aXRoIGV2ZXJ5IHJlcXVlc3QgKFJGQyA3NjE3KS4nLFxuKTtcblxuY29uc3QgZGlnZXN0ID0gZGVzY3JpYmVkKFxuICB6LnN0cmljdE9iamVjdCh7IGtpbmQ6IHoubGl0ZXJhbCgnZGlnZXN0JyksIC4uLnNoYXJlZCwgdXNlciwgcGFzc3dvcmQgfSksXG4gICdBIHByb29mIG9mIHRoZSBwYXNzd29yZCBmb3IgZWFjaCByZXF1ZXN0IChSRkMgNzYxNik7IHRoZSBmaXJzdCByZWZ1c2FsIHNheXMgd2hhdCB0aGUgc2VydmVyIHdhbnRzLicsXG4pO1xuXG5jb25zdCBhcGlLZXkgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBraW5kOiB6LmxpdGVyYWwoJ2FwaS1rZXknKSxcbiAgICAuLi5zaGFyZWQsXG4gICAga2V5OiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBrZXksIHVzdWFsbHkgYCR7c2VjcmV0Lk5BTUV9YC4nKSxcbiAgICBoZWFkZXI6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnVGhlIG5hbWUgb2YgdGhlIGhlYWRlciB0aGF0IHRha2VzIGl0LicpLFxuICAgIHF1ZXJ5OiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBuYW1lIG9mIHRoZSBxdWVyeSBwYXJhbWV0ZXIgdGhhdCB0YWtlcyBpdC4nKSxcbiAgICBjb29raWU6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnVGhlIG5hbWUgb2YgdGhlIGNvb2tpZSB0aGF0IHRha2VzIGl0LicpLFxuICB9KSxcbiAgJ0Ega2V5IHRoYXQgaXMgc2VudCB3aXRoIGV2ZXJ5IHJlcXVlc3QsIGluIG9uZSBvZiBhIGhlYWRlciwgYSBxdWVyeSBwYXJhbWV0ZXIgYW5kIGEgY29va2llLicsXG4pO1xuXG5jb25zdCBjZXJ0aWZpY2F0ZSA9IGRlc2NyaWJlZChcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIGtpbmQ6IHoubGl0ZXJhbCgnY2VydGlmaWNhdGUnKSxcbiAgICAuLi5zaGFyZWQsXG4gICAgY2VydGlmaWNhdGU6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnVGhlIGNsaWVudCBjZXJ0aWZpY2F0ZSBpbiBQRU0sIG9yIGl0cyBwYXRoLicpLFxuICAgIGtleTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdJdHMga2V5IGluIFBFTSwgb3IgaXRzIHBhdGg7IGAke3NlY3JldC5OQU1FfWAgaG9sZHMgaXQgYmVzdC4nKSxcbiAgICBidW5kbGU6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnQm90aCBpbiBvbmUgUEtDUyMxMiBmaWxlIGluc3RlYWQ6IGl0cyBwYXRoLicpLFxuICAgIHBhc3NwaHJhc2U6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnVGhlIHBhc3MgcGhyYXNlIG9mIHRoZSBrZXkgb3IgdGhlIGJ1bmRsZS4nKSxcbiAgfSksXG4gICdBIGNsaWVudCBjZXJ0aWZpY2F0ZSwgc2hvd24gd2hlbiB0aGUgY29ubmVjdGlvbiBpcyBtYWRlIChtdXR1YWwgVExTKS4nLFxuKTtcblxuY29uc3QgY3JlZGVudGlhbHMgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHsga2luZDogei5saXRlcmFsKCdjcmVkZW50aWFscycpLCAuLi5zaGFyZWQgfSksXG4gICdOYW1lcyBhbG9uZSwgaW4gYHN1cHBseWA6IG5vdGhpbmcgaXMgc2VudCBidXQgd2hhdCB0aGUgcmVxdWVzdHMgZG8gd2l0aCB0aGVtLicsXG4pO1xuXG5jb25zdCBzZXZlcmFsID0gei51bmlvbihbei5zdHJpbmcoKSwgei5hcnJheSh6LnN0cmluZygpKV0pO1xuXG5jb25zdCBvYXV0aDIgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBraW5kOiB6LmxpdGVyYWwoJ29hdXRoMicpLFxuICAgIC4uLnNoYXJlZCxcbiAgICBncmFudDogZGVzY3JpYmVkKFxuICAgICAgei5lbnVtKFtcbiAgICAgICAgJ2NsaWVudF9jcmVkZW50aWFscycsXG4gICAgICAgICdhdXRob3JpemF0aW9uX2NvZGUnLFxuICAgICAgICAndXJuOmlldGY6cGFyYW1zOm9hdXRoOmdyYW50LXR5cGU6ZGV2aWNlX2NvZGUnLFxuICAgICAgICAncmVmcmVzaF90b2tlbicsXG4gICAgICAgICdwYXNzd29yZCcsXG4gICAgICBdKSxcbiAgICAgICdUaGUgZ3JhbnQsIGJ5IGl0cyByZWdpc3RlcmVkIG5hbWUuJyxcbiAgICApLFxuICAgIGlzc3VlcjogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgaXNzdWVyLCB3aG9zZSBtZXRhZGF0YSBuYW1lcyB0aGUgZW5kcG9pbnRzIChSRkMgODQxNCwgT3BlbklEKS4nKSxcbiAgICBlbmRwb2ludHM6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwoXG4gICAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgICB0b2tlbjogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgICAgICBhdXRob3JpemF0aW9uOiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAgICAgICAgIGRldmljZTogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAgICAgICByZXZvY2F0aW9uOiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAgICAgICB9KSxcbiAgICAgICksXG4gICAgICAnQWRkcmVzc2VzIG9mIGVuZHBvaW50cywgd2hlcmUgbm8gbWV0YWRhdGEgbmFtZXMgdGhlbSBvciBvdGhlcnMgYXJlIHdhbnRlZC4nLFxuICAgICksXG4gICAgY2xpZW50OiBkZXNjcmliZWQoXG4gICAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICAgIGlkOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBpZCBvZiB0aGUgY2xpZW50LicpLFxuICAgICAgICBzZWNyZXQ6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnSXRzIHNlY3JldCwgdXN1YWxseSBgJHtzZWNyZXQuTkFNRX1gLicpLFxuICAgICAgICBhdXRoZW50aWNhdGlvbjogZGVzY3JpYmVkKFxuICAgICAgICAgIHoub3B0aW9uYWwoXG4gICAgICAgICAgICB6LmVudW0oWydjbGllbnRfc2VjcmV0X2Jhc2ljJywgJ2NsaWVudF9zZWNyZXRfcG9zdCcsICdjbGllbnRfc2VjcmV0X2p3dCcsICdwcml2YXRlX2tleV9qd3QnLCAnbm9uZSddKSxcbiAgICAgICAgICApLFxuICAgICAgICAgICdIb3cgdGhlIGNsaWVudCBwcm92ZXMgaXRzZWxmLCBieSBpdHMgcmVnaXN0ZXJlZCBuYW1lLiBgY2xpZW50X3NlY3JldF9iYXNpY2Agd2hlcmUgaXQgaGFzIGEgc2VjcmV0LicsXG4gICAgICAgICksXG4gICAgICAgIGtleTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdJdHMgcHJpdmF0ZSBrZXkgaW4gUEVNIChQS0NTIzgpLCBmb3IgYHByaXZhdGVfa2V5X2p3dGAuJyksXG4gICAgICAgICdrZXktaWQnOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBpZCBvZiB0aGUga2V5LicpLFxuICAgICAgICBhbGdvcml0aG06IGRlc2NyaWJlZChcbiAgICAgICAgICB6Lm9wdGlvbmFsKHouZW51bShbJ1JTMjU2JywgJ1BTMjU2JywgJ0VTMjU2JywgJ0VkRFNBJ10pKSxcbiAgICAgICAgICAnVGhlIGFsZ29yaXRobSBvZiB0aGUga2V5LiBgUlMyNTZgIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nLFxuICAgICAgICApLFxuICAgICAgfSksXG4gICAgICAnVGhlIGNsaWVudCwgYXMgdGhlIHZlbmRvciByZWdpc3RlcmVkIGl0LicsXG4gICAgKSxcbiAgICBzY29wZTogZGVzY3JpYmVkKHoub3B0aW9uYWwoc2V2ZXJhbCksICdXaGF0IGlzIGFza2VkIGZvci4nKSxcbiAgICBhdWRpZW5jZTogZGVzY3JpYmVkKHoub3B0aW9uYWwoc2V2ZXJhbCksICdGb3Igd2hvbSB0aGUgdG9rZW4gaXMgdG8gYmUgZ29vZC4nKSxcbiAgICByZXNvdXJjZTogZGVzY3JpYmVkKHoub3B0aW9uYWwoc2V2ZXJhbCksICdBdCB3aGljaCBhZGRyZXNzZXMgdGhlIHRva2VuIGlzIHRvIGJlIGdvb2QgKFJGQyA4NzA3KS4nKSxcbiAgICB1c2VyOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSB1c2VyLCBmb3IgdGhlIGdyYW50IGBwYXNzd29yZGAuJyksXG4gICAgcGFzc3dvcmQ6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnVGhlIHBhc3N3b3JkLCBmb3IgdGhlIGdyYW50IGBwYXNzd29yZGAuJyksXG4gICAgJ3JlZnJlc2gtdG9rZW4nOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ0EgcmVmcmVzaCB0b2tlbiB0aGF0IHlvdSBoYXZlLCBmb3IgdGhlIGdyYW50IGByZWZyZXNoX3Rva2VuYC4nKSxcbiAgICBjYWxsYmFjazogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbCh6LnN0cmljdE9iamVjdCh7IHBvcnQ6IHoub3B0aW9uYWwoei5udW1iZXIoKSksIHBhdGg6IHoub3B0aW9uYWwoei5zdHJpbmcoKSkgfSkpLFxuICAgICAgJ1doZXJlIHRoZSBicm93c2VyIGNvbWVzIGJhY2sgdG86IGEgcG9ydCBvZiAxMjcuMC4wLjEgKGEgZnJlZSBvbmUgd2hlcmUgbm90aGluZyBpcyBzYWlkKSBhbmQgYSBwYXRoIChgL2NhbGxiYWNrYCkuJyxcbiAgICApLFxuICAgIGhlYWRlcnMsXG4gIH0pLFxuICAnQSB0b2tlbiBieSBPQXV0aCAyLjAgKFJGQyA2NzQ5KSwgcmVuZXdlZCBieSBpdHMgcmVmcmVzaCB0b2tlbiB3aGVyZSB0aGVyZSBpcyBvbmUuJyxcbik7XG5cbmV4cG9ydCBjb25zdCBzZXNzaW9uRmlsZSA9IGRlc2NyaWJlZChcbiAgei5kaXNjcmltaW5hdGVkVW5pb24oJ2tpbmQnLCBbYmVhcmVyLCBsb2dpbiwgYmFzaWMsIGRpZ2VzdCwgYXBpS2V5LCBvYXV0aDIsIGNlcnRpZmljYXRlLCBjcmVkZW50aWFsc10pLFxuICAnQSBzZXNzaW9uOiBvbmUgd2F5IHRvIGF1dGhlbnRpY2F0ZS4nLFxuKTtcbmV4cG9ydCB0eXBlIFNlc3Npb25GaWxlID0gei5pbmZlcjx0eXBlb2Ygc2Vzc2lvbkZpbGU+O1xuZXhwb3J0IHR5cGUgQmVhcmVyRmlsZSA9IHouaW5mZXI8dHlwZW9mIGJlYXJlcj47XG5leHBvcnQgdHlwZSBMb2dpbkZpbGUgPSB6LmluZmVyPHR5cGVvZiBsb2dpbj47XG5leHBvcnQgdHlwZSBCYXNpY0ZpbGUgPSB6LmluZmVyPHR5cGVvZiBiYXNpYz47XG5leHBvcnQgdHlwZSBEaWdlc3RGaWxlID0gei5pbmZlcjx0eXBlb2YgZGlnZXN0PjtcbmV4cG9ydCB0eXBlIEFwaUtleUZpbGUgPSB6LmluZmVyPHR5cGVvZiBhcGlLZXk+O1xuZXhwb3J0IHR5cGUgT0F1dGgyRmlsZSA9IHouaW5mZXI8dHlwZW9mIG9hdXRoMj47XG5leHBvcnQgdHlwZSBDZXJ0aWZpY2F0ZUZpbGUgPSB6LmluZmVyPHR5cGVvZiBjZXJ0aWZpY2F0ZT47XG5leHBvcnQgdHlwZSBDcmVkZW50aWFsc0ZpbGUgPSB6LmluZmVyPHR5cGVvZiBjcmVkZW50aWFscz47XG4iLCAiLyoqIGBzaWduYXR1cmVzL05BTUUueWFtbGA6IG9uZSB3YXkgdG8gc2lnbiByZXF1ZXN0cy4gQSBuZXcga2luZCBhZGRzIGl0cyBzY2hlbWEgdG8gdGhlIHVuaW9uIGhlcmUuICovXG5pbXBvcnQgKiBhcyB6IGZyb20gJ3pvZC9taW5pJztcbmltcG9ydCB7IGRlc2NyaWJlZCB9IGZyb20gJy4vZGVzY3JpYmVkLmpzJztcbmltcG9ydCB7IGFib3V0LCBhbnlWYWx1ZSwgZHVyYXRpb24sIHZhbHVlcyB9IGZyb20gJy4vcGFydHMuanMnO1xuXG5jb25zdCBleGFtcGxlID0gZGVzY3JpYmVkKFxuICB6LnN0cmljdE9iamVjdCh7XG4gICAgYWJvdXQ6IHoub3B0aW9uYWwoYWJvdXQpLFxuICAgIHJlcXVlc3Q6IGRlc2NyaWJlZChcbiAgICAgIHouc3RyaWN0T2JqZWN0KHtcbiAgICAgICAgbWV0aG9kOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBtZXRob2QuIEdFVCB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyksXG4gICAgICAgIHVybDogZGVzY3JpYmVkKHouc3RyaW5nKCksICdUaGUgd2hvbGUgYWRkcmVzcywgd2l0aCBpdHMgcXVlcnkgYXMgaXQgaXMgc2VudC4nKSxcbiAgICAgICAgaGVhZGVyczogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5yZWNvcmQoei5zdHJpbmcoKSwgei5zdHJpbmcoKSkpLCAnSXRzIGhlYWRlciBsaW5lcywgaG9zdCBsZWZ0IG91dC4nKSxcbiAgICAgICAgYm9keTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdJdHMgYm9keSBhcyBpdCBpcyBzZW50LCBjaGFyYWN0ZXIgZm9yIGNoYXJhY3Rlci4nKSxcbiAgICAgIH0pLFxuICAgICAgJ1RoZSByZXF1ZXN0IGJlZm9yZSBpdCBpcyBzaWduZWQuJyxcbiAgICApLFxuICAgIHRpbWU6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnV2hlbiBpdCB3YXMgc2lnbmVkIChSRkMgMzMzOSkuJyksXG4gICAgbm9uY2U6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnVGhlIG5vbmNlIHRoYXQgaXQgd2FzIHNpZ25lZCB3aXRoLicpLFxuICAgIHZhcmlhYmxlczogZGVzY3JpYmVkKHoub3B0aW9uYWwodmFsdWVzKSwgJ1ZhcmlhYmxlcyBvZiB0aGUgZW52aXJvbm1lbnQgdGhhdCB0aGUgcmVjaXBlIHVzZXMuJyksXG4gICAgc2VjcmV0czogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbCh6LnJlY29yZCh6LnN0cmluZygpLCB6LnN0cmluZygpKSksXG4gICAgICAnVGhlIGtleXMgb2YgdGhlIGRvY3VtZW50ZWQgZXhhbXBsZSwgd2hpY2ggYXJlIG5vIHNlY3JldHMuIFdoYXQgaXMgbm90IGdpdmVuIGlzIHRha2VuIGZyb20gdGhlIHNlY3JldCBzdG9yZS4nLFxuICAgICksXG4gICAgZXhwZWN0OiBkZXNjcmliZWQoXG4gICAgICB6LnN0cmljdE9iamVjdCh7XG4gICAgICAgIHZhbHVlczogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5yZWNvcmQoei5zdHJpbmcoKSwgei5zdHJpbmcoKSkpLCAnTmFtZWQgdmFsdWVzLCBzdWNoIGFzIHRoZSBiYXNlLicpLFxuICAgICAgICBoZWFkZXJzOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnJlY29yZCh6LnN0cmluZygpLCB6LnN0cmluZygpKSksICdIZWFkZXJzIHRoYXQgdGhlIHNpZ25hdHVyZSBhZGRzLicpLFxuICAgICAgICBxdWVyeTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5yZWNvcmQoei5zdHJpbmcoKSwgei5zdHJpbmcoKSkpLCAnUGFyYW1ldGVycyB0aGF0IGl0IGFkZHMgdG8gdGhlIHF1ZXJ5LicpLFxuICAgICAgICBib2R5OiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBib2R5IHRoYXQgaXMgc2VudC4nKSxcbiAgICAgIH0pLFxuICAgICAgJ1doYXQgdGhlIGRvY3VtZW50YXRpb24gc2F5cyBjb21lcyBvZiBpdC4nLFxuICAgICksXG4gIH0pLFxuICAnQSBkb2N1bWVudGVkIGV4YW1wbGU6IGNoZWNrIHByb3ZlcyB0aGUgcmVjaXBlIHdpdGggaXQsIGFuZCBub3RoaW5nIGlzIHNlbnQuJyxcbik7XG5cbmNvbnN0IHNoYXJlZCA9IHtcbiAgYWJvdXQ6IHoub3B0aW9uYWwoYWJvdXQpLFxuICBleGFtcGxlczogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5hcnJheShleGFtcGxlKSksICdEb2N1bWVudGVkIGV4YW1wbGVzIHRoYXQgdGhlIHJlY2lwZSBtdXN0IHJlcHJvZHVjZS4nKSxcbn07XG5cbmNvbnN0IGxpbmVzU3BlYyA9IHouc3RyaWN0T2JqZWN0KHtcbiAgbGluZXM6IGRlc2NyaWJlZChcbiAgICB6LmFycmF5KGFueVZhbHVlKSxcbiAgICAnQSB0ZXh0IG9mIHNldmVyYWwgbGluZXM7IGEgbGlzdCBpbiBpdCBpcyBzcGxpY2VkIGluLCBhbiBlbXB0eSBpdGVtIGlzIGFuIGVtcHR5IGxpbmUuJyxcbiAgKSxcbiAgJ2pvaW5lZC1ieSc6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLCAnV2hhdCBzdGFuZHMgYmV0d2VlbiB0aGUgbGluZXMuIEEgbGluZSBmZWVkIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4nKSxcbn0pO1xuXG5jb25zdCByZWNpcGUgPSBkZXNjcmliZWQoXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBraW5kOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LmxpdGVyYWwoJ3JlY2lwZScpKSwgJ01heSBiZSBsZWZ0IG91dC4nKSxcbiAgICAuLi5zaGFyZWQsXG4gICAgZGVmaW5lOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKHoucmVjb3JkKHouc3RyaW5nKCksIHoudW5pb24oW3ouc3RyaW5nKCksIGxpbmVzU3BlYywgei5hcnJheShhbnlWYWx1ZSldKSkpLFxuICAgICAgJ05hbWVkIHZhbHVlcyBvdmVyIGBzZW50Llx1MjAyNmAsIHRoZSByZXF1ZXN0IHRoYXQgaXMgYWJvdXQgdG8gbGVhdmUuIFRoZSBvcmRlciBpcyB3b3JrZWQgb3V0LicsXG4gICAgKSxcbiAgICBoZWFkZXJzOiBkZXNjcmliZWQoei5vcHRpb25hbCh2YWx1ZXMpLCAnSGVhZGVycyB0aGF0IGFyZSBhZGRlZC4nKSxcbiAgICBxdWVyeTogZGVzY3JpYmVkKHoub3B0aW9uYWwodmFsdWVzKSwgJ1BhcmFtZXRlcnMgdGhhdCBhcmUgYWRkZWQgdG8gdGhlIHF1ZXJ5LicpLFxuICAgIGJvZHk6IGRlc2NyaWJlZChcbiAgICAgIHoub3B0aW9uYWwodmFsdWVzKSxcbiAgICAgICdNZW1iZXJzIHRoYXQgYXJlIGFkZGVkIHRvIGEgSlNPTiBib2R5LCBvciBmaWVsZHMgdGhhdCBhcmUgYWRkZWQgdG8gYSBmb3JtLCBhdCBpdHMgZW5kLicsXG4gICAgKSxcbiAgfSksXG4gICdOYW1lZCB2YWx1ZXMgb3ZlciB0aGUgcmVxdWVzdCB0aGF0IGlzIGFib3V0IHRvIGxlYXZlLCBhbmQgdGhlIGhlYWRlcnMgdGhleSBtYWtlLicsXG4pO1xuXG5jb25zdCBjb21wb25lbnRTcGVjID0gei51bmlvbihbXG4gIHouc3RyaW5nKCksXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBuYW1lOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ0EgaGVhZGVyLCBvciBhIGRlcml2ZWQgY29tcG9uZW50IHN1Y2ggYXMgYEBtZXRob2RgLicpLFxuICAgIHNmOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LmJvb2xlYW4oKSksICdTZXJpYWxpemVkIGFuZXcgYXMgYSBzdHJ1Y3R1cmVkIGZpZWxkLicpLFxuICAgIGtleTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdPbmUgbWVtYmVyIG9mIGEgZGljdGlvbmFyeSBmaWVsZC4nKSxcbiAgICBiczogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5ib29sZWFuKCkpLCAnRWFjaCBsaW5lIGFzIGEgYnl0ZSBzZXF1ZW5jZS4nKSxcbiAgICB0cjogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5ib29sZWFuKCkpLCAnRnJvbSB0aGUgdHJhaWxlcnMuJyksXG4gICAgcmVxOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LmJvb2xlYW4oKSksICdGcm9tIHRoZSByZXF1ZXN0LCBpbiB0aGUgc2lnbmF0dXJlIG9mIGFuIGFuc3dlci4nKSxcbiAgICBwYXJhbTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgcGFyYW1ldGVyIHRoYXQgYEBxdWVyeS1wYXJhbWAgbWVhbnMuJyksXG4gIH0pLFxuXSk7XG5cbmNvbnN0IG1lc3NhZ2VBbGdvcml0aG0gPSB6LmVudW0oW1xuICAncnNhLXBzcy1zaGE1MTInLFxuICAncnNhLXYxXzUtc2hhMjU2JyxcbiAgJ2htYWMtc2hhMjU2JyxcbiAgJ2VjZHNhLXAyNTYtc2hhMjU2JyxcbiAgJ2VjZHNhLXAzODQtc2hhMzg0JyxcbiAgJ2VkMjU1MTknLFxuXSk7XG5cbmNvbnN0IGxhYmVsbGVkID0ge1xuICBjb21wb25lbnRzOiBkZXNjcmliZWQoei5hcnJheShjb21wb25lbnRTcGVjKSwgJ1doYXQgaXMgc2lnbmVkLCBpbiB0aGlzIG9yZGVyLicpLFxuICBhbGdvcml0aG06IGRlc2NyaWJlZChtZXNzYWdlQWxnb3JpdGhtLCAnVGhlIGFsZ29yaXRobSwgYnkgaXRzIHJlZ2lzdGVyZWQgbmFtZS4nKSxcbiAga2V5OiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBrZXksIHVzdWFsbHkgYCR7c2VjcmV0Lk5BTUV9YDogUEVNIG9yIGEgSlNPTiBXZWIgS2V5OyBiYXNlNjQgZm9yIGhtYWMtc2hhMjU2LicpLFxuICAna2V5LWlkJzogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgcGFyYW1ldGVyIGBrZXlpZGAuJyksXG4gIGNyZWF0ZWQ6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouYm9vbGVhbigpKSwgJ2ZhbHNlIGxlYXZlcyB0aGUgcGFyYW1ldGVyIGBjcmVhdGVkYCBvdXQuJyksXG4gIGV4cGlyZXM6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKGR1cmF0aW9uKSwgJ0hvdyBsb25nIHRoZSBzaWduYXR1cmUgaXMgZ29vZCBmb3IsIHN1Y2ggYXMgNW06IHRoZSBwYXJhbWV0ZXIgYGV4cGlyZXNgLicpLFxuICBub25jZTogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgcGFyYW1ldGVyIGBub25jZWAsIHVzdWFsbHkgYCR7bm9uY2V9YC4nKSxcbiAgdGFnOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBwYXJhbWV0ZXIgYHRhZ2AuJyksXG4gICduYW1lLWFsZ29yaXRobSc6IGRlc2NyaWJlZCh6Lm9wdGlvbmFsKHouYm9vbGVhbigpKSwgJ3RydWUgYWRkcyB0aGUgcGFyYW1ldGVyIGBhbGdgLicpLFxufTtcblxuY29uc3QgbWVzc2FnZVNpZ25hdHVyZSA9IGRlc2NyaWJlZChcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIGtpbmQ6IHoubGl0ZXJhbCgnbWVzc2FnZS1zaWduYXR1cmUnKSxcbiAgICAuLi5zaGFyZWQsXG4gICAgZGlnZXN0OiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKHouZW51bShbJ3NoYS0yNTYnLCAnc2hhLTUxMiddKSksXG4gICAgICAnQWRkcyBgQ29udGVudC1EaWdlc3RgIChSRkMgOTUzMCkgdG8gYSByZXF1ZXN0IHdpdGggYSBib2R5LCBieSB0aGlzIGFsZ29yaXRobS4nLFxuICAgICksXG4gICAgc2lnbmF0dXJlczogZGVzY3JpYmVkKFxuICAgICAgei5yZWNvcmQoei5zdHJpbmcoKSwgei5zdHJpY3RPYmplY3QobGFiZWxsZWQpKSxcbiAgICAgICdTaWduYXR1cmVzIGJ5IGxhYmVsLCBpbiB0aGUgb3JkZXIgaW4gd2hpY2ggdGhleSBhcmUgbWFkZS4nLFxuICAgICksXG4gICAgYW5zd2VyczogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbChcbiAgICAgICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgICAgIHNpZ25lZDogZGVzY3JpYmVkKFxuICAgICAgICAgICAgei5vcHRpb25hbCh6LmVudW0oWydhbHdheXMnLCAncGVyaGFwcyddKSksXG4gICAgICAgICAgICAnV2hldGhlciBhbiBhbnN3ZXIgd2l0aG91dCBhIHNpZ25hdHVyZSBpcyBhIGZhaWx1cmUgKGBhbHdheXNgLCB3aGVyZSBub3RoaW5nIGlzIHNhaWQpLicsXG4gICAgICAgICAgKSxcbiAgICAgICAgICBjb21wb25lbnRzOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LmFycmF5KGNvbXBvbmVudFNwZWMpKSwgJ1doYXQgdGhlIHNpZ25hdHVyZSBvZiBhbiBhbnN3ZXIgbXVzdCBjb3Zlci4nKSxcbiAgICAgICAgICBrZXlzOiBkZXNjcmliZWQoXG4gICAgICAgICAgICB6LnJlY29yZChcbiAgICAgICAgICAgICAgei5zdHJpbmcoKSxcbiAgICAgICAgICAgICAgei5zdHJpY3RPYmplY3Qoe1xuICAgICAgICAgICAgICAgIGFsZ29yaXRobTogbWVzc2FnZUFsZ29yaXRobSxcbiAgICAgICAgICAgICAgICBrZXk6IGRlc2NyaWJlZCh6LnN0cmluZygpLCAnVGhlIHB1YmxpYyBrZXksIFBFTSBvciBhIEpTT04gV2ViIEtleTsgYmFzZTY0IGZvciBobWFjLXNoYTI1Ni4nKSxcbiAgICAgICAgICAgICAgfSksXG4gICAgICAgICAgICApLFxuICAgICAgICAgICAgJ1RoZSBrZXlzIG9mIHRoZSB2ZW5kb3IgYnkgYGtleWlkYC4nLFxuICAgICAgICAgICksXG4gICAgICAgICAgJ29sZGVyLXRoYW4nOiBkZXNjcmliZWQoXG4gICAgICAgICAgICB6Lm9wdGlvbmFsKGR1cmF0aW9uKSxcbiAgICAgICAgICAgICdBIHNpZ25hdHVyZSBvZiB0aGlzIGFnZSBpcyByZWZ1c2VkLiA1bSB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyxcbiAgICAgICAgICApLFxuICAgICAgICB9KSxcbiAgICAgICksXG4gICAgICAnSG93IHRoZSB2ZW5kb3Igc2lnbnMgaXRzIGFuc3dlcnM6IHRoZXkgYXJlIHZlcmlmaWVkLicsXG4gICAgKSxcbiAgfSksXG4gICdIVFRQIG1lc3NhZ2Ugc2lnbmF0dXJlcyAoUkZDIDk0MjEpLicsXG4pO1xuXG5jb25zdCBrZXllZERpZ2VzdCA9IGRlc2NyaWJlZChcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIGtpbmQ6IHoubGl0ZXJhbCgna2V5ZWQtZGlnZXN0JyksXG4gICAgLi4uc2hhcmVkLFxuICAgIGFsZ29yaXRobTogZGVzY3JpYmVkKFxuICAgICAgei5lbnVtKFsnaG1hYy1zaGEtMjU2JywgJ2htYWMtc2hhLTM4NCcsICdobWFjLXNoYS01MTInLCAnaG1hYy1zaGEtMSddKSxcbiAgICAgICdUaGUga2V5ZWQgZGlnZXN0IHRoYXQgaXMgdGFrZW4gb2YgdGhlIGJvZHkuJyxcbiAgICApLFxuICAgIGtleTogZGVzY3JpYmVkKHouc3RyaW5nKCksICdUaGUga2V5LCB1c3VhbGx5IGAke3NlY3JldC5OQU1FfWAuJyksXG4gICAgaGVhZGVyOiBkZXNjcmliZWQoei5zdHJpbmcoKSwgJ1RoZSBoZWFkZXIgdGhhdCB0YWtlcyBpdC4nKSxcbiAgICBlbmNvZGluZzogZGVzY3JpYmVkKFxuICAgICAgei5vcHRpb25hbCh6LmVudW0oWydoZXgnLCAnYmFzZTY0JywgJ2Jhc2U2NHVybCddKSksXG4gICAgICAnSG93IGl0IGlzIHdyaXR0ZW4uIGhleCB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyxcbiAgICApLFxuICAgIHByZWZpeDogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdXaGF0IHN0YW5kcyBpbiBmcm9udCBvZiBpdCwgc3VjaCBhcyBgdjE9YC4nKSxcbiAgfSksXG4gICdBIGtleWVkIGRpZ2VzdCBvZiB0aGUgYm9keSwgaW4gYSBoZWFkZXIuJyxcbik7XG5cbmNvbnN0IHJlcXVlc3RUb2tlbiA9IGRlc2NyaWJlZChcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIGtpbmQ6IHoubGl0ZXJhbCgncmVxdWVzdC10b2tlbicpLFxuICAgIC4uLnNoYXJlZCxcbiAgICBhbGdvcml0aG06IGRlc2NyaWJlZChcbiAgICAgIHouZW51bShbXG4gICAgICAgICdIUzI1NicsXG4gICAgICAgICdIUzM4NCcsXG4gICAgICAgICdIUzUxMicsXG4gICAgICAgICdSUzI1NicsXG4gICAgICAgICdSUzM4NCcsXG4gICAgICAgICdSUzUxMicsXG4gICAgICAgICdQUzI1NicsXG4gICAgICAgICdQUzM4NCcsXG4gICAgICAgICdQUzUxMicsXG4gICAgICAgICdFUzI1NicsXG4gICAgICAgICdFUzM4NCcsXG4gICAgICAgICdFUzUxMicsXG4gICAgICAgICdFZERTQScsXG4gICAgICBdKSxcbiAgICAgICdUaGUgYWxnb3JpdGhtLCBieSBpdHMgcmVnaXN0ZXJlZCBuYW1lIChSRkMgNzUxOCkuJyxcbiAgICApLFxuICAgIGtleTogZGVzY3JpYmVkKHouc3RyaW5nKCksICdUaGUga2V5LCB1c3VhbGx5IGAke3NlY3JldC5OQU1FfWA6IHRleHQgZm9yIEhTXHUyMDI2LCBlbHNlIFBFTSBvciBhIEpTT04gV2ViIEtleS4nKSxcbiAgICAna2V5LWlkJzogZGVzY3JpYmVkKHoub3B0aW9uYWwoei5zdHJpbmcoKSksICdUaGUgaGVhZGVyIHBhcmFtZXRlciBga2lkYC4nKSxcbiAgICB0eXBlOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBoZWFkZXIgcGFyYW1ldGVyIGB0eXBgLiBKV1Qgd2hlcmUgbm90aGluZyBpcyBzYWlkLicpLFxuICAgIGNsYWltczogZGVzY3JpYmVkKHoub3B0aW9uYWwodmFsdWVzKSwgJ0NsYWltcywgb3ZlciBgc2VudC5cdTIwMjZgIHRvby4gYGlhdGAgYW5kIGBleHBgIGFyZSBhZGRlZC4nKSxcbiAgICBsYXN0czogZGVzY3JpYmVkKHoub3B0aW9uYWwoZHVyYXRpb24pLCAnSG93IGxvbmcgaXQgaXMgZ29vZCBmb3IuIDYwcyB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyksXG4gICAgaGVhZGVyOiBkZXNjcmliZWQoei5vcHRpb25hbCh6LnN0cmluZygpKSwgJ1RoZSBoZWFkZXIgdGhhdCB0YWtlcyBpdC4gQXV0aG9yaXphdGlvbiB3aGVyZSBub3RoaW5nIGlzIHNhaWQuJyksXG4gICAgc2NoZW1lOiBkZXNjcmliZWQoXG4gICAgICB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICAgICAgJ1doYXQgc3RhbmRzIGluIGZyb250IG9mIGl0LiBCZWFyZXIgd2hlcmUgbm90aGluZyBpcyBzYWlkOyBlbXB0eSBmb3Igbm90aGluZy4nLFxuICAgICksXG4gIH0pLFxuICAnQSBKU09OIFdlYiBUb2tlbiAoUkZDIDc1MTkpIHRoYXQgaXMgbWFkZSBhbmQgc2lnbmVkIGZvciBlYWNoIHJlcXVlc3QuJyxcbik7XG5cbmV4cG9ydCBjb25zdCBzaWduYXR1cmVGaWxlID0gZGVzY3JpYmVkKFxuICB6LmRpc2NyaW1pbmF0ZWRVbmlvbigna2luZCcsIFtyZWNpcGUsIG1lc3NhZ2VTaWduYXR1cmUsIGtleWVkRGlnZXN0LCByZXF1ZXN0VG9rZW5dKSxcbiAgJ0Egc2lnbmF0dXJlOiBvbmUgd2F5IHRvIHNpZ24gcmVxdWVzdHMuJyxcbik7XG5leHBvcnQgdHlwZSBTaWduYXR1cmVGaWxlID0gei5pbmZlcjx0eXBlb2Ygc2lnbmF0dXJlRmlsZT47XG5leHBvcnQgdHlwZSBTaWduYXR1cmVFeGFtcGxlID0gei5pbmZlcjx0eXBlb2YgZXhhbXBsZT47XG5leHBvcnQgdHlwZSBSZWNpcGVGaWxlID0gei5pbmZlcjx0eXBlb2YgcmVjaXBlPjtcbmV4cG9ydCB0eXBlIE1lc3NhZ2VTaWduYXR1cmVGaWxlID0gei5pbmZlcjx0eXBlb2YgbWVzc2FnZVNpZ25hdHVyZT47XG5leHBvcnQgdHlwZSBDb21wb25lbnRTcGVjID0gei5pbmZlcjx0eXBlb2YgY29tcG9uZW50U3BlYz47XG5leHBvcnQgdHlwZSBLZXllZERpZ2VzdEZpbGUgPSB6LmluZmVyPHR5cGVvZiBrZXllZERpZ2VzdD47XG5leHBvcnQgdHlwZSBSZXF1ZXN0VG9rZW5GaWxlID0gei5pbmZlcjx0eXBlb2YgcmVxdWVzdFRva2VuPjtcbiIsICIvKiogVGhlIGtpbmRzIG9mIGZpbGVzIGluIGEgY29sbGVjdGlvbjogdGhlaXIgZm9sZGVyIGFuZCB0aGVpciBzY2hlbWEuICovXG5pbXBvcnQgdHlwZSB7IFpvZE1pbmlUeXBlIH0gZnJvbSAnem9kL21pbmknO1xuaW1wb3J0IHsgdHlwZSBFbnZpcm9ubWVudEZpbGUsIGVudmlyb25tZW50RmlsZSB9IGZyb20gJy4vZW52aXJvbm1lbnQtZmlsZS5qcyc7XG5pbXBvcnQgeyB0eXBlIERlZmF1bHRzRmlsZSwgZGVmYXVsdHNGaWxlLCB0eXBlIFJlcXVlc3RGaWxlLCByZXF1ZXN0RmlsZSB9IGZyb20gJy4vcmVxdWVzdC1maWxlLmpzJztcbmltcG9ydCB7IHR5cGUgU2Vzc2lvbkZpbGUsIHNlc3Npb25GaWxlIH0gZnJvbSAnLi9zZXNzaW9uLWZpbGUuanMnO1xuaW1wb3J0IHsgdHlwZSBTaWduYXR1cmVGaWxlLCBzaWduYXR1cmVGaWxlIH0gZnJvbSAnLi9zaWduYXR1cmUtZmlsZS5qcyc7XG5pbXBvcnQgeyB0eXBlIFRyYWlsRmlsZSwgdHJhaWxGaWxlIH0gZnJvbSAnLi90cmFpbC1maWxlLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBGaWxlQ29udGVudHMge1xuICByZXF1ZXN0OiBSZXF1ZXN0RmlsZTtcbiAgZW52aXJvbm1lbnQ6IEVudmlyb25tZW50RmlsZTtcbiAgc2Vzc2lvbjogU2Vzc2lvbkZpbGU7XG4gIHNpZ25hdHVyZTogU2lnbmF0dXJlRmlsZTtcbiAgdHJhaWw6IFRyYWlsRmlsZTtcbn1cbmV4cG9ydCB0eXBlIEZpbGVLaW5kID0ga2V5b2YgRmlsZUNvbnRlbnRzO1xuXG4vKiogRm9sZGVycyBieSBraW5kOyB0aGUgZm9sZGVyIGlzIGFsc28gaG93IHRoZSBraW5kIGlzIGNhbGxlZCB3aGVuIHRoZXJlIGFyZSBzZXZlcmFsIG9mIGl0LiAqL1xuZXhwb3J0IGNvbnN0IGZpbGVLaW5kczoge1xuICByZWFkb25seSBbSyBpbiBGaWxlS2luZF06IHsgcmVhZG9ubHkgZm9sZGVyOiBzdHJpbmc7IHJlYWRvbmx5IHNjaGVtYTogWm9kTWluaVR5cGU8RmlsZUNvbnRlbnRzW0tdPiB9O1xufSA9IHtcbiAgcmVxdWVzdDogeyBmb2xkZXI6ICdyZXF1ZXN0cycsIHNjaGVtYTogcmVxdWVzdEZpbGUgfSxcbiAgZW52aXJvbm1lbnQ6IHsgZm9sZGVyOiAnZW52aXJvbm1lbnRzJywgc2NoZW1hOiBlbnZpcm9ubWVudEZpbGUgfSxcbiAgc2Vzc2lvbjogeyBmb2xkZXI6ICdzZXNzaW9ucycsIHNjaGVtYTogc2Vzc2lvbkZpbGUgfSxcbiAgc2lnbmF0dXJlOiB7IGZvbGRlcjogJ3NpZ25hdHVyZXMnLCBzY2hlbWE6IHNpZ25hdHVyZUZpbGUgfSxcbiAgdHJhaWw6IHsgZm9sZGVyOiAndHJhaWxzJywgc2NoZW1hOiB0cmFpbEZpbGUgfSxcbn07XG5cbmV4cG9ydCBjb25zdCBkZWZhdWx0c0tpbmQ6IHsgcmVhZG9ubHkgbmFtZTogc3RyaW5nOyByZWFkb25seSBzY2hlbWE6IFpvZE1pbmlUeXBlPERlZmF1bHRzRmlsZT4gfSA9IHtcbiAgbmFtZTogJ2RlZmF1bHRzLnlhbWwnLFxuICBzY2hlbWE6IGRlZmF1bHRzRmlsZSxcbn07XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsWUFBWSxPQUFPO0FBSW5CLElBQU0sUUFBVSxlQUFhO0FBQUEsRUFDM0IsTUFBTSxVQUFZLFNBQU8sR0FBRyxtQ0FBbUM7QUFBQSxFQUMvRCxRQUFRLFVBQVksV0FBVyxTQUFPLENBQUMsR0FBRyw2REFBNkQ7QUFBQSxFQUN2RyxRQUFRLFVBQVksV0FBVyxTQUFPLENBQUMsR0FBRyxvREFBb0Q7QUFBQSxFQUM5RixXQUFXLFVBQVksV0FBVyxTQUFPLENBQUMsR0FBRywwQ0FBMEM7QUFDekYsQ0FBQztBQUVELElBQU0sZ0JBQWtCLGVBQWE7QUFBQSxFQUNuQyxNQUFNLFVBQVksU0FBTyxHQUFHLGtEQUFrRDtBQUFBLEVBQzlFLFFBQVEsVUFBWSxXQUFXLFNBQU8sQ0FBQyxHQUFHLDRCQUE0QjtBQUFBLEVBQ3RFLFNBQVMsVUFBWSxXQUFXLFNBQU8sQ0FBQyxHQUFHLHlCQUF5QjtBQUFBLEVBQ3BFLE9BQU87QUFBQSxJQUNILFdBQVcsU0FBUyxTQUFPLEdBQUssU0FBTyxDQUFDLENBQUM7QUFBQSxJQUMzQztBQUFBLEVBQ0Y7QUFBQSxFQUNBLE9BQU87QUFBQSxJQUNILFdBQVcsU0FBUyxTQUFPLEdBQUcsS0FBSyxDQUFDO0FBQUEsSUFDdEM7QUFBQSxFQUNGO0FBQ0YsQ0FBQztBQUVNLElBQU0sZUFBZTtBQUFBLEVBQ3hCLGVBQWE7QUFBQSxJQUNiLE1BQU0sVUFBWSxTQUFPLEdBQUcsNkJBQTZCO0FBQUEsSUFDekQsT0FBUyxXQUFTLEtBQUs7QUFBQSxJQUN2QixhQUFhLFVBQVksV0FBVyxTQUFPLENBQUMsR0FBRyx3REFBd0Q7QUFBQSxJQUN2RyxXQUFXLFVBQVksV0FBUyxNQUFNLEdBQUcsd0RBQXdEO0FBQUEsSUFDakcsTUFBTTtBQUFBLE1BQ0YsV0FBVyxTQUFTLFNBQU8sR0FBRyxhQUFhLENBQUM7QUFBQSxNQUM5QztBQUFBLElBQ0Y7QUFBQSxJQUNBLFFBQVE7QUFBQSxNQUNKO0FBQUEsUUFDRSxlQUFhO0FBQUEsVUFDYixNQUFNLFVBQVksV0FBVyxTQUFPLENBQUMsR0FBRyxvREFBb0Q7QUFBQSxVQUM1RixNQUFNLFVBQVksV0FBVyxTQUFPLENBQUMsR0FBRywrREFBK0Q7QUFBQSxRQUN6RyxDQUFDO0FBQUEsTUFDSDtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQUEsRUFDRDtBQUNGOzs7QUM5Q0EsWUFBWUEsUUFBTztBQUlaLElBQU0sa0JBQWtCO0FBQUEsRUFDM0IsZ0JBQWE7QUFBQSxJQUNiLE9BQVMsWUFBUyxLQUFLO0FBQUEsSUFDdkIsU0FBUztBQUFBLE1BQ0wsWUFBVyxRQUFLLENBQUMsU0FBUyxPQUFPLFFBQVEsQ0FBQyxDQUFDO0FBQUEsTUFDN0M7QUFBQSxJQUNGO0FBQUEsSUFDQSxXQUFXLFVBQVksWUFBUyxNQUFNLEdBQUcseUVBQXlFO0FBQUEsSUFDbEgsT0FBTztBQUFBLE1BQ0g7QUFBQSxRQUNFLFNBQU07QUFBQSxVQUNKLFNBQVEsVUFBTyxDQUFDO0FBQUEsVUFDaEIsZ0JBQWE7QUFBQSxZQUNiLE1BQU0sVUFBWSxVQUFPLEdBQUcsK0JBQStCO0FBQUEsWUFDM0QsUUFBUSxVQUFZLFVBQU8sR0FBRyw0QkFBNEI7QUFBQSxVQUM1RCxDQUFDO0FBQUEsUUFDSCxDQUFDO0FBQUEsTUFDSDtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQUEsSUFDQSxTQUFXLFlBQVMsT0FBTztBQUFBLElBQzNCLE1BQVEsWUFBUyxJQUFJO0FBQUEsSUFDckIsT0FBUyxZQUFTLEtBQUs7QUFBQSxJQUN2QixTQUFTO0FBQUEsTUFDTDtBQUFBLFFBQ0UsZ0JBQWE7QUFBQSxVQUNiLFNBQVMsVUFBWSxVQUFPLEdBQUcsbUNBQW1DO0FBQUEsVUFDbEUsSUFBSSxVQUFZLFVBQU8sR0FBRywwQ0FBMEM7QUFBQSxVQUNwRSxZQUFZLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRywwQkFBMEI7QUFBQSxVQUN4RSxPQUFPLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyxzQ0FBc0M7QUFBQSxRQUNqRixDQUFDO0FBQUEsTUFDSDtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQUEsSUFDQSxPQUFPO0FBQUEsTUFDSCxZQUFXLFFBQUssQ0FBQyxPQUFPLGVBQWUsQ0FBQyxDQUFDO0FBQUEsTUFDM0M7QUFBQSxJQUNGO0FBQUEsSUFDQSxLQUFLO0FBQUEsTUFDRDtBQUFBLFFBQ0UsZ0JBQWE7QUFBQSxVQUNiLE9BQU87QUFBQSxZQUNILFlBQVcsU0FBTSxDQUFHLFVBQU8sR0FBSyxTQUFRLFVBQU8sQ0FBQyxDQUFDLENBQUMsQ0FBQztBQUFBLFlBQ3JEO0FBQUEsVUFDRjtBQUFBLFVBQ0EsVUFBVTtBQUFBLFlBQ047QUFBQSxjQUNFLGdCQUFhO0FBQUEsZ0JBQ2IsYUFBYSxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsNkNBQTZDO0FBQUEsZ0JBQzVGLEtBQUssVUFBWSxZQUFXLFVBQU8sQ0FBQyxHQUFHLDhEQUE4RDtBQUFBLGdCQUNyRyxRQUFRLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyw2Q0FBNkM7QUFBQSxnQkFDdkYsWUFBWSxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsMkNBQTJDO0FBQUEsY0FDM0YsQ0FBQztBQUFBLFlBQ0g7QUFBQSxZQUNBO0FBQUEsVUFDRjtBQUFBLFVBQ0EsTUFBTSxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsNERBQTREO0FBQUEsVUFDcEcsU0FBUyxVQUFZLFlBQVcsUUFBSyxDQUFDLE9BQU8sS0FBSyxDQUFDLENBQUMsR0FBRywyQ0FBMkM7QUFBQSxVQUNsRyxRQUFRO0FBQUEsWUFDSixZQUFXLFVBQU8sQ0FBQztBQUFBLFlBQ3JCO0FBQUEsVUFDRjtBQUFBLFFBQ0YsQ0FBQztBQUFBLE1BQ0g7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUFBLElBQ0EsT0FBTztBQUFBLE1BQ0g7QUFBQSxRQUNFLFNBQU07QUFBQSxVQUNKLFVBQU87QUFBQSxVQUNQLGdCQUFhO0FBQUEsWUFDYixLQUFPLFVBQU87QUFBQSxZQUNkLFFBQVEsVUFBWSxZQUFXLFNBQVEsVUFBTyxDQUFDLENBQUMsR0FBRyxxREFBcUQ7QUFBQSxVQUMxRyxDQUFDO0FBQUEsUUFDSCxDQUFDO0FBQUEsTUFDSDtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQUEsSUFDQSxNQUFNLFVBQVksWUFBVyxTQUFNLENBQUcsV0FBUSxDQUFDLEdBQUssV0FBUSxDQUFDLENBQUMsQ0FBQyxDQUFDLEdBQUcsK0NBQStDO0FBQUEsSUFDbEgsYUFBYTtBQUFBLE1BQ1QsWUFBUyxRQUFRO0FBQUEsTUFDbkI7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQUEsRUFDRDtBQUNGOzs7QUN6RkEsWUFBWUMsUUFBTztBQUluQixJQUFNLE9BQVMsZ0JBQWE7QUFBQSxFQUMxQixNQUFNLFVBQVksVUFBTyxHQUFHLGNBQWM7QUFBQSxFQUMxQyxNQUFNLFVBQVksWUFBUyxNQUFNLEdBQUcsd0JBQXdCO0FBQzlELENBQUM7QUFFRCxJQUFNLE9BQVMsZ0JBQWE7QUFBQSxFQUMxQixPQUFPLFVBQVksVUFBTyxHQUFHLFlBQVk7QUFBQSxFQUN6QyxNQUFNLFVBQVksWUFBUyxNQUFNLEdBQUcsd0JBQXdCO0FBQzlELENBQUM7QUFHRCxJQUFNLFNBQVM7QUFBQSxFQUNiLE9BQVMsWUFBUyxLQUFLO0FBQUEsRUFDdkIsUUFBUTtBQUFBLElBQ0osWUFBUyxNQUFNO0FBQUEsSUFDakI7QUFBQSxFQUNGO0FBQUEsRUFDQSxTQUFTO0FBQUEsSUFDTCxZQUFTLE1BQU07QUFBQSxJQUNqQjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLElBQU0sVUFBVTtBQUFBLEVBQ1osWUFBUyxNQUFNO0FBQUEsRUFDakI7QUFDRjtBQUVBLElBQU0sU0FBUztBQUFBLEVBQ1gsZ0JBQWE7QUFBQSxJQUNiLE1BQVEsV0FBUSxRQUFRO0FBQUEsSUFDeEIsR0FBRztBQUFBLElBQ0gsT0FBTyxVQUFZLFVBQU8sR0FBRyx5RkFBb0Y7QUFBQSxFQUNuSCxDQUFDO0FBQUEsRUFDRDtBQUNGO0FBRUEsSUFBTSxRQUFRO0FBQUEsRUFDVixnQkFBYTtBQUFBLElBQ2IsTUFBUSxXQUFRLE9BQU87QUFBQSxJQUN2QixHQUFHO0FBQUEsSUFDSCxNQUFNLFVBQVksU0FBTSxDQUFDLE1BQU0sSUFBSSxDQUFDLEdBQUcseURBQXlEO0FBQUEsSUFDaEcsT0FBTztBQUFBLE1BQ0gsWUFBVyxVQUFPLENBQUM7QUFBQSxNQUNyQjtBQUFBLElBQ0Y7QUFBQSxJQUNBLE1BQU07QUFBQSxNQUNGLFlBQVcsVUFBUyxVQUFPLEdBQUssVUFBTyxDQUFDLENBQUM7QUFBQSxNQUMzQztBQUFBLElBQ0Y7QUFBQSxJQUNBLE9BQU87QUFBQSxNQUNILFlBQVcsVUFBTyxDQUFDO0FBQUEsTUFDckI7QUFBQSxJQUNGO0FBQUEsSUFDQTtBQUFBLElBQ0EsT0FBTyxVQUFZLFlBQVMsSUFBSSxHQUFHLG1FQUFtRTtBQUFBLEVBQ3hHLENBQUM7QUFBQSxFQUNEO0FBQ0Y7QUFFQSxJQUFNLE9BQU8sVUFBWSxVQUFPLEdBQUcsV0FBVztBQUM5QyxJQUFNLFdBQVcsVUFBWSxVQUFPLEdBQUcseUNBQXlDO0FBRWhGLElBQU0sUUFBUTtBQUFBLEVBQ1YsZ0JBQWEsRUFBRSxNQUFRLFdBQVEsT0FBTyxHQUFHLEdBQUcsUUFBUSxNQUFNLFNBQVMsQ0FBQztBQUFBLEVBQ3RFO0FBQ0Y7QUFFQSxJQUFNLFNBQVM7QUFBQSxFQUNYLGdCQUFhLEVBQUUsTUFBUSxXQUFRLFFBQVEsR0FBRyxHQUFHLFFBQVEsTUFBTSxTQUFTLENBQUM7QUFBQSxFQUN2RTtBQUNGO0FBRUEsSUFBTSxTQUFTO0FBQUEsRUFDWCxnQkFBYTtBQUFBLElBQ2IsTUFBUSxXQUFRLFNBQVM7QUFBQSxJQUN6QixHQUFHO0FBQUEsSUFDSCxLQUFLLFVBQVksVUFBTyxHQUFHLG9DQUFvQztBQUFBLElBQy9ELFFBQVEsVUFBWSxZQUFXLFVBQU8sQ0FBQyxHQUFHLHVDQUF1QztBQUFBLElBQ2pGLE9BQU8sVUFBWSxZQUFXLFVBQU8sQ0FBQyxHQUFHLGdEQUFnRDtBQUFBLElBQ3pGLFFBQVEsVUFBWSxZQUFXLFVBQU8sQ0FBQyxHQUFHLHVDQUF1QztBQUFBLEVBQ25GLENBQUM7QUFBQSxFQUNEO0FBQ0Y7QUFFQSxJQUFNLGNBQWM7QUFBQSxFQUNoQixnQkFBYTtBQUFBLElBQ2IsTUFBUSxXQUFRLGFBQWE7QUFBQSxJQUM3QixHQUFHO0FBQUEsSUFDSCxhQUFhLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyw2Q0FBNkM7QUFBQSxJQUM1RixLQUFLLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyw4REFBOEQ7QUFBQSxJQUNyRyxRQUFRLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyw2Q0FBNkM7QUFBQSxJQUN2RixZQUFZLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRywyQ0FBMkM7QUFBQSxFQUMzRixDQUFDO0FBQUEsRUFDRDtBQUNGO0FBRUEsSUFBTSxjQUFjO0FBQUEsRUFDaEIsZ0JBQWEsRUFBRSxNQUFRLFdBQVEsYUFBYSxHQUFHLEdBQUcsT0FBTyxDQUFDO0FBQUEsRUFDNUQ7QUFDRjtBQUVBLElBQU0sVUFBWSxTQUFNLENBQUcsVUFBTyxHQUFLLFNBQVEsVUFBTyxDQUFDLENBQUMsQ0FBQztBQUV6RCxJQUFNLFNBQVM7QUFBQSxFQUNYLGdCQUFhO0FBQUEsSUFDYixNQUFRLFdBQVEsUUFBUTtBQUFBLElBQ3hCLEdBQUc7QUFBQSxJQUNILE9BQU87QUFBQSxNQUNILFFBQUs7QUFBQSxRQUNMO0FBQUEsUUFDQTtBQUFBLFFBQ0E7QUFBQSxRQUNBO0FBQUEsUUFDQTtBQUFBLE1BQ0YsQ0FBQztBQUFBLE1BQ0Q7QUFBQSxJQUNGO0FBQUEsSUFDQSxRQUFRLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyxvRUFBb0U7QUFBQSxJQUM5RyxXQUFXO0FBQUEsTUFDUDtBQUFBLFFBQ0UsZ0JBQWE7QUFBQSxVQUNiLE9BQVMsWUFBVyxVQUFPLENBQUM7QUFBQSxVQUM1QixlQUFpQixZQUFXLFVBQU8sQ0FBQztBQUFBLFVBQ3BDLFFBQVUsWUFBVyxVQUFPLENBQUM7QUFBQSxVQUM3QixZQUFjLFlBQVcsVUFBTyxDQUFDO0FBQUEsUUFDbkMsQ0FBQztBQUFBLE1BQ0g7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUFBLElBQ0EsUUFBUTtBQUFBLE1BQ0osZ0JBQWE7QUFBQSxRQUNiLElBQUksVUFBWSxVQUFPLEdBQUcsdUJBQXVCO0FBQUEsUUFDakQsUUFBUSxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsdUNBQXVDO0FBQUEsUUFDakYsZ0JBQWdCO0FBQUEsVUFDWjtBQUFBLFlBQ0UsUUFBSyxDQUFDLHVCQUF1QixzQkFBc0IscUJBQXFCLG1CQUFtQixNQUFNLENBQUM7QUFBQSxVQUN0RztBQUFBLFVBQ0E7QUFBQSxRQUNGO0FBQUEsUUFDQSxLQUFLLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyx5REFBeUQ7QUFBQSxRQUNoRyxVQUFVLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyxvQkFBb0I7QUFBQSxRQUNoRSxXQUFXO0FBQUEsVUFDUCxZQUFXLFFBQUssQ0FBQyxTQUFTLFNBQVMsU0FBUyxPQUFPLENBQUMsQ0FBQztBQUFBLFVBQ3ZEO0FBQUEsUUFDRjtBQUFBLE1BQ0YsQ0FBQztBQUFBLE1BQ0Q7QUFBQSxJQUNGO0FBQUEsSUFDQSxPQUFPLFVBQVksWUFBUyxPQUFPLEdBQUcsb0JBQW9CO0FBQUEsSUFDMUQsVUFBVSxVQUFZLFlBQVMsT0FBTyxHQUFHLG1DQUFtQztBQUFBLElBQzVFLFVBQVUsVUFBWSxZQUFTLE9BQU8sR0FBRyx3REFBd0Q7QUFBQSxJQUNqRyxNQUFNLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyxxQ0FBcUM7QUFBQSxJQUM3RSxVQUFVLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyx5Q0FBeUM7QUFBQSxJQUNyRixpQkFBaUIsVUFBWSxZQUFXLFVBQU8sQ0FBQyxHQUFHLCtEQUErRDtBQUFBLElBQ2xILFVBQVU7QUFBQSxNQUNOLFlBQVcsZ0JBQWEsRUFBRSxNQUFRLFlBQVcsVUFBTyxDQUFDLEdBQUcsTUFBUSxZQUFXLFVBQU8sQ0FBQyxFQUFFLENBQUMsQ0FBQztBQUFBLE1BQ3pGO0FBQUEsSUFDRjtBQUFBLElBQ0E7QUFBQSxFQUNGLENBQUM7QUFBQSxFQUNEO0FBQ0Y7QUFFTyxJQUFNLGNBQWM7QUFBQSxFQUN2QixzQkFBbUIsUUFBUSxDQUFDLFFBQVEsT0FBTyxPQUFPLFFBQVEsUUFBUSxRQUFRLGFBQWEsV0FBVyxDQUFDO0FBQUEsRUFDckc7QUFDRjs7O0FDM0tBLFlBQVlDLFFBQU87QUFJbkIsSUFBTSxVQUFVO0FBQUEsRUFDWixnQkFBYTtBQUFBLElBQ2IsT0FBUyxZQUFTLEtBQUs7QUFBQSxJQUN2QixTQUFTO0FBQUEsTUFDTCxnQkFBYTtBQUFBLFFBQ2IsUUFBUSxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsd0NBQXdDO0FBQUEsUUFDbEYsS0FBSyxVQUFZLFVBQU8sR0FBRyxrREFBa0Q7QUFBQSxRQUM3RSxTQUFTLFVBQVksWUFBVyxVQUFTLFVBQU8sR0FBSyxVQUFPLENBQUMsQ0FBQyxHQUFHLGtDQUFrQztBQUFBLFFBQ25HLE1BQU0sVUFBWSxZQUFXLFVBQU8sQ0FBQyxHQUFHLGtEQUFrRDtBQUFBLE1BQzVGLENBQUM7QUFBQSxNQUNEO0FBQUEsSUFDRjtBQUFBLElBQ0EsTUFBTSxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsZ0NBQWdDO0FBQUEsSUFDeEUsT0FBTyxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsb0NBQW9DO0FBQUEsSUFDN0UsV0FBVyxVQUFZLFlBQVMsTUFBTSxHQUFHLG9EQUFvRDtBQUFBLElBQzdGLFNBQVM7QUFBQSxNQUNMLFlBQVcsVUFBUyxVQUFPLEdBQUssVUFBTyxDQUFDLENBQUM7QUFBQSxNQUMzQztBQUFBLElBQ0Y7QUFBQSxJQUNBLFFBQVE7QUFBQSxNQUNKLGdCQUFhO0FBQUEsUUFDYixRQUFRLFVBQVksWUFBVyxVQUFTLFVBQU8sR0FBSyxVQUFPLENBQUMsQ0FBQyxHQUFHLGlDQUFpQztBQUFBLFFBQ2pHLFNBQVMsVUFBWSxZQUFXLFVBQVMsVUFBTyxHQUFLLFVBQU8sQ0FBQyxDQUFDLEdBQUcsa0NBQWtDO0FBQUEsUUFDbkcsT0FBTyxVQUFZLFlBQVcsVUFBUyxVQUFPLEdBQUssVUFBTyxDQUFDLENBQUMsR0FBRyx1Q0FBdUM7QUFBQSxRQUN0RyxNQUFNLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyx3QkFBd0I7QUFBQSxNQUNsRSxDQUFDO0FBQUEsTUFDRDtBQUFBLElBQ0Y7QUFBQSxFQUNGLENBQUM7QUFBQSxFQUNEO0FBQ0Y7QUFFQSxJQUFNQyxVQUFTO0FBQUEsRUFDYixPQUFTLFlBQVMsS0FBSztBQUFBLEVBQ3ZCLFVBQVUsVUFBWSxZQUFXLFNBQU0sT0FBTyxDQUFDLEdBQUcscURBQXFEO0FBQ3pHO0FBRUEsSUFBTSxZQUFjLGdCQUFhO0FBQUEsRUFDL0IsT0FBTztBQUFBLElBQ0gsU0FBTSxRQUFRO0FBQUEsSUFDaEI7QUFBQSxFQUNGO0FBQUEsRUFDQSxhQUFhLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyxtRUFBbUU7QUFDcEgsQ0FBQztBQUVELElBQU0sU0FBUztBQUFBLEVBQ1gsZ0JBQWE7QUFBQSxJQUNiLE1BQU0sVUFBWSxZQUFXLFdBQVEsUUFBUSxDQUFDLEdBQUcsa0JBQWtCO0FBQUEsSUFDbkUsR0FBR0E7QUFBQSxJQUNILFFBQVE7QUFBQSxNQUNKLFlBQVcsVUFBUyxVQUFPLEdBQUssU0FBTSxDQUFHLFVBQU8sR0FBRyxXQUFhLFNBQU0sUUFBUSxDQUFDLENBQUMsQ0FBQyxDQUFDO0FBQUEsTUFDcEY7QUFBQSxJQUNGO0FBQUEsSUFDQSxTQUFTLFVBQVksWUFBUyxNQUFNLEdBQUcseUJBQXlCO0FBQUEsSUFDaEUsT0FBTyxVQUFZLFlBQVMsTUFBTSxHQUFHLHlDQUF5QztBQUFBLElBQzlFLE1BQU07QUFBQSxNQUNGLFlBQVMsTUFBTTtBQUFBLE1BQ2pCO0FBQUEsSUFDRjtBQUFBLEVBQ0YsQ0FBQztBQUFBLEVBQ0Q7QUFDRjtBQUVBLElBQU0sZ0JBQWtCLFNBQU07QUFBQSxFQUMxQixVQUFPO0FBQUEsRUFDUCxnQkFBYTtBQUFBLElBQ2IsTUFBTSxVQUFZLFVBQU8sR0FBRyxxREFBcUQ7QUFBQSxJQUNqRixJQUFJLFVBQVksWUFBVyxXQUFRLENBQUMsR0FBRyx3Q0FBd0M7QUFBQSxJQUMvRSxLQUFLLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyxtQ0FBbUM7QUFBQSxJQUMxRSxJQUFJLFVBQVksWUFBVyxXQUFRLENBQUMsR0FBRywrQkFBK0I7QUFBQSxJQUN0RSxJQUFJLFVBQVksWUFBVyxXQUFRLENBQUMsR0FBRyxvQkFBb0I7QUFBQSxJQUMzRCxLQUFLLFVBQVksWUFBVyxXQUFRLENBQUMsR0FBRyxrREFBa0Q7QUFBQSxJQUMxRixPQUFPLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRywwQ0FBMEM7QUFBQSxFQUNyRixDQUFDO0FBQ0gsQ0FBQztBQUVELElBQU0sbUJBQXFCLFFBQUs7QUFBQSxFQUM5QjtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0YsQ0FBQztBQUVELElBQU0sV0FBVztBQUFBLEVBQ2YsWUFBWSxVQUFZLFNBQU0sYUFBYSxHQUFHLGdDQUFnQztBQUFBLEVBQzlFLFdBQVcsVUFBVSxrQkFBa0Isd0NBQXdDO0FBQUEsRUFDL0UsS0FBSyxVQUFZLFVBQU8sR0FBRyxtRkFBbUY7QUFBQSxFQUM5RyxVQUFVLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyx3QkFBd0I7QUFBQSxFQUNwRSxTQUFTLFVBQVksWUFBVyxXQUFRLENBQUMsR0FBRywyQ0FBMkM7QUFBQSxFQUN2RixTQUFTLFVBQVksWUFBUyxRQUFRLEdBQUcsMEVBQTBFO0FBQUEsRUFDbkgsT0FBTyxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsNENBQTRDO0FBQUEsRUFDckYsS0FBSyxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsc0JBQXNCO0FBQUEsRUFDN0Qsa0JBQWtCLFVBQVksWUFBVyxXQUFRLENBQUMsR0FBRyxnQ0FBZ0M7QUFDdkY7QUFFQSxJQUFNLG1CQUFtQjtBQUFBLEVBQ3JCLGdCQUFhO0FBQUEsSUFDYixNQUFRLFdBQVEsbUJBQW1CO0FBQUEsSUFDbkMsR0FBR0E7QUFBQSxJQUNILFFBQVE7QUFBQSxNQUNKLFlBQVcsUUFBSyxDQUFDLFdBQVcsU0FBUyxDQUFDLENBQUM7QUFBQSxNQUN6QztBQUFBLElBQ0Y7QUFBQSxJQUNBLFlBQVk7QUFBQSxNQUNSLFVBQVMsVUFBTyxHQUFLLGdCQUFhLFFBQVEsQ0FBQztBQUFBLE1BQzdDO0FBQUEsSUFDRjtBQUFBLElBQ0EsU0FBUztBQUFBLE1BQ0w7QUFBQSxRQUNFLGdCQUFhO0FBQUEsVUFDYixRQUFRO0FBQUEsWUFDSixZQUFXLFFBQUssQ0FBQyxVQUFVLFNBQVMsQ0FBQyxDQUFDO0FBQUEsWUFDeEM7QUFBQSxVQUNGO0FBQUEsVUFDQSxZQUFZLFVBQVksWUFBVyxTQUFNLGFBQWEsQ0FBQyxHQUFHLDZDQUE2QztBQUFBLFVBQ3ZHLE1BQU07QUFBQSxZQUNGO0FBQUEsY0FDRSxVQUFPO0FBQUEsY0FDUCxnQkFBYTtBQUFBLGdCQUNiLFdBQVc7QUFBQSxnQkFDWCxLQUFLLFVBQVksVUFBTyxHQUFHLGdFQUFnRTtBQUFBLGNBQzdGLENBQUM7QUFBQSxZQUNIO0FBQUEsWUFDQTtBQUFBLFVBQ0Y7QUFBQSxVQUNBLGNBQWM7QUFBQSxZQUNWLFlBQVMsUUFBUTtBQUFBLFlBQ25CO0FBQUEsVUFDRjtBQUFBLFFBQ0YsQ0FBQztBQUFBLE1BQ0g7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUFBLEVBQ0YsQ0FBQztBQUFBLEVBQ0Q7QUFDRjtBQUVBLElBQU0sY0FBYztBQUFBLEVBQ2hCLGdCQUFhO0FBQUEsSUFDYixNQUFRLFdBQVEsY0FBYztBQUFBLElBQzlCLEdBQUdBO0FBQUEsSUFDSCxXQUFXO0FBQUEsTUFDUCxRQUFLLENBQUMsZ0JBQWdCLGdCQUFnQixnQkFBZ0IsWUFBWSxDQUFDO0FBQUEsTUFDckU7QUFBQSxJQUNGO0FBQUEsSUFDQSxLQUFLLFVBQVksVUFBTyxHQUFHLG9DQUFvQztBQUFBLElBQy9ELFFBQVEsVUFBWSxVQUFPLEdBQUcsMkJBQTJCO0FBQUEsSUFDekQsVUFBVTtBQUFBLE1BQ04sWUFBVyxRQUFLLENBQUMsT0FBTyxVQUFVLFdBQVcsQ0FBQyxDQUFDO0FBQUEsTUFDakQ7QUFBQSxJQUNGO0FBQUEsSUFDQSxRQUFRLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyw0Q0FBNEM7QUFBQSxFQUN4RixDQUFDO0FBQUEsRUFDRDtBQUNGO0FBRUEsSUFBTSxlQUFlO0FBQUEsRUFDakIsZ0JBQWE7QUFBQSxJQUNiLE1BQVEsV0FBUSxlQUFlO0FBQUEsSUFDL0IsR0FBR0E7QUFBQSxJQUNILFdBQVc7QUFBQSxNQUNQLFFBQUs7QUFBQSxRQUNMO0FBQUEsUUFDQTtBQUFBLFFBQ0E7QUFBQSxRQUNBO0FBQUEsUUFDQTtBQUFBLFFBQ0E7QUFBQSxRQUNBO0FBQUEsUUFDQTtBQUFBLFFBQ0E7QUFBQSxRQUNBO0FBQUEsUUFDQTtBQUFBLFFBQ0E7QUFBQSxRQUNBO0FBQUEsTUFDRixDQUFDO0FBQUEsTUFDRDtBQUFBLElBQ0Y7QUFBQSxJQUNBLEtBQUssVUFBWSxVQUFPLEdBQUcsbUZBQThFO0FBQUEsSUFDekcsVUFBVSxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsNkJBQTZCO0FBQUEsSUFDekUsTUFBTSxVQUFZLFlBQVcsVUFBTyxDQUFDLEdBQUcsd0RBQXdEO0FBQUEsSUFDaEcsUUFBUSxVQUFZLFlBQVMsTUFBTSxHQUFHLDREQUF1RDtBQUFBLElBQzdGLE9BQU8sVUFBWSxZQUFTLFFBQVEsR0FBRyxxREFBcUQ7QUFBQSxJQUM1RixRQUFRLFVBQVksWUFBVyxVQUFPLENBQUMsR0FBRyxnRUFBZ0U7QUFBQSxJQUMxRyxRQUFRO0FBQUEsTUFDSixZQUFXLFVBQU8sQ0FBQztBQUFBLE1BQ3JCO0FBQUEsSUFDRjtBQUFBLEVBQ0YsQ0FBQztBQUFBLEVBQ0Q7QUFDRjtBQUVPLElBQU0sZ0JBQWdCO0FBQUEsRUFDekIsc0JBQW1CLFFBQVEsQ0FBQyxRQUFRLGtCQUFrQixhQUFhLFlBQVksQ0FBQztBQUFBLEVBQ2xGO0FBQ0Y7OztBQ3hMTyxJQUFNLFlBRVQ7QUFBQSxFQUNGLFNBQVMsRUFBRSxRQUFRLFlBQVksUUFBUSxZQUFZO0FBQUEsRUFDbkQsYUFBYSxFQUFFLFFBQVEsZ0JBQWdCLFFBQVEsZ0JBQWdCO0FBQUEsRUFDL0QsU0FBUyxFQUFFLFFBQVEsWUFBWSxRQUFRLFlBQVk7QUFBQSxFQUNuRCxXQUFXLEVBQUUsUUFBUSxjQUFjLFFBQVEsY0FBYztBQUFBLEVBQ3pELE9BQU8sRUFBRSxRQUFRLFVBQVUsUUFBUSxVQUFVO0FBQy9DO0FBRU8sSUFBTSxlQUFzRjtBQUFBLEVBQ2pHLE1BQU07QUFBQSxFQUNOLFFBQVE7QUFDVjsiLAogICJuYW1lcyI6IFsieiIsICJ6IiwgInoiLCAic2hhcmVkIl0KfQo=
