/** `signatures/NAME.yaml`: one way to sign requests. A new kind adds its schema to the union here. */
import * as z from 'zod/mini';
import { described } from './described.js';
import { about, anyValue, duration, values } from './parts.js';

const example = described(
  z.strictObject({
    about: z.optional(about),
    request: described(
      z.strictObject({
        method: described(z.optional(z.string()), 'The method. GET by default.'),
        url: described(z.string(), 'The whole address, with its query as it is sent.'),
        headers: described(z.optional(z.record(z.string(), z.string())), 'Its header lines, host left out.'),
        body: described(z.optional(z.string()), 'Its body as it is sent, character for character.'),
      }),
      'The request before it is signed.',
    ),
    time: described(z.optional(z.string()), 'When it was signed (RFC 3339).'),
    nonce: described(z.optional(z.string()), 'The nonce that it was signed with.'),
    variables: described(z.optional(values), 'Variables of the environment that the recipe uses.'),
    secrets: described(
      z.optional(z.record(z.string(), z.string())),
      'The keys of the documented example, which are no secrets. What is not given is taken from the secret store.',
    ),
    expect: described(
      z.strictObject({
        values: described(z.optional(z.record(z.string(), z.string())), 'Named values, such as the base.'),
        headers: described(z.optional(z.record(z.string(), z.string())), 'Headers that the signature adds.'),
        query: described(z.optional(z.record(z.string(), z.string())), 'Parameters that it adds to the query.'),
        body: described(z.optional(z.string()), 'The body that is sent.'),
      }),
      'What the documentation says comes of it.',
    ),
  }),
  'A documented example: check proves the recipe with it, and nothing is sent.',
);

const shared = {
  about: z.optional(about),
  examples: described(z.optional(z.array(example)), 'Documented examples that the recipe must reproduce.'),
};

const linesSpec = z.strictObject({
  lines: described(
    z.array(anyValue),
    'A text of several lines; a list in it is spliced in, an empty item is an empty line.',
  ),
  'joined-by': described(z.optional(z.string()), 'What stands between the lines. A line feed by default.'),
});

const recipe = described(
  z.strictObject({
    kind: described(z.optional(z.literal('recipe')), 'May be left out.'),
    ...shared,
    define: described(
      z.optional(z.record(z.string(), z.union([z.string(), linesSpec, z.array(anyValue)]))),
      'Named values over `sent.…`, the request that is about to leave. Their order is found automatically.',
    ),
    headers: described(z.optional(values), 'Headers that are added.'),
    query: described(z.optional(values), 'Parameters that are added to the query.'),
    body: described(
      z.optional(values),
      'Members that are added to a JSON body, or fields that are added to a form, at its end.',
    ),
  }),
  'Named values over the request that is about to leave, and the headers they make.',
);

const componentSpec = z.union([
  z.string(),
  z.strictObject({
    name: described(z.string(), 'A header, or a derived component such as `@method`.'),
    sf: described(z.optional(z.boolean()), 'Reserialized as a structured field.'),
    key: described(z.optional(z.string()), 'One member of a dictionary field.'),
    bs: described(z.optional(z.boolean()), 'Each line as a byte sequence.'),
    tr: described(z.optional(z.boolean()), 'From the trailers.'),
    req: described(z.optional(z.boolean()), 'From the request, in the signature of a response.'),
    param: described(z.optional(z.string()), 'The parameter that `@query-param` means.'),
  }),
]);

const messageAlgorithm = z.enum([
  'rsa-pss-sha512',
  'rsa-v1_5-sha256',
  'hmac-sha256',
  'ecdsa-p256-sha256',
  'ecdsa-p384-sha384',
  'ed25519',
]);

const labelled = {
  components: described(z.array(componentSpec), 'What is signed, in this order.'),
  algorithm: described(messageAlgorithm, 'The algorithm, by its registered name.'),
  key: described(z.string(), 'The key, usually `${secret.NAME}`: PEM or a JSON Web Key; base64 for hmac-sha256.'),
  'key-id': described(z.optional(z.string()), 'The parameter `keyid`.'),
  created: described(z.optional(z.boolean()), 'false leaves the parameter `created` out.'),
  expires: described(z.optional(duration), 'How long the signature is good for, such as 5m: the parameter `expires`.'),
  nonce: described(z.optional(z.string()), 'The parameter `nonce`, usually `${nonce}`.'),
  tag: described(z.optional(z.string()), 'The parameter `tag`.'),
  'name-algorithm': described(z.optional(z.boolean()), 'true adds the parameter `alg`.'),
};

const verifiedResponses = z.optional(
  z.strictObject({
    signed: described(
      z.optional(z.enum(['always', 'perhaps'])),
      'Whether a response without a signature is a failure (`always`, by default).',
    ),
    components: described(z.optional(z.array(componentSpec)), 'What the signature of a response must cover.'),
    keys: described(
      z.record(
        z.string(),
        z.strictObject({
          algorithm: messageAlgorithm,
          key: described(z.string(), 'The public key, PEM or a JSON Web Key; base64 for hmac-sha256.'),
        }),
      ),
      'The keys of the vendor by `keyid`.',
    ),
    'older-than': described(z.optional(duration), 'A signature of this age is refused. 5m by default.'),
  }),
);

const messageSignature = described(
  z.strictObject({
    kind: z.literal('message-signature'),
    ...shared,
    digest: described(
      z.optional(z.enum(['sha-256', 'sha-512'])),
      'Adds `Content-Digest` (RFC 9530) to a request with a body, by this algorithm.',
    ),
    signatures: described(
      z.record(z.string(), z.strictObject(labelled)),
      'Signatures by label, in the order in which they are made.',
    ),
    responses: described(verifiedResponses, 'How the vendor signs its responses: they are verified.'),
    answers: described(verifiedResponses, 'What `responses` was called before: read until the next release.'),
  }),
  'HTTP message signatures (RFC 9421).',
);

const keyedDigest = described(
  z.strictObject({
    kind: z.literal('keyed-digest'),
    ...shared,
    algorithm: described(
      z.enum(['hmac-sha-256', 'hmac-sha-384', 'hmac-sha-512', 'hmac-sha-1']),
      'The keyed digest that is taken of the body.',
    ),
    key: described(z.string(), 'The key, usually `${secret.NAME}`.'),
    header: described(z.string(), 'The header that takes it.'),
    encoding: described(z.optional(z.enum(['hex', 'base64', 'base64url'])), 'How it is written. hex by default.'),
    prefix: described(z.optional(z.string()), 'Text in front of it, such as `v1=`.'),
  }),
  'A keyed digest of the body, in a header.',
);

const requestToken = described(
  z.strictObject({
    kind: z.literal('request-token'),
    ...shared,
    algorithm: described(
      z.enum([
        'HS256',
        'HS384',
        'HS512',
        'RS256',
        'RS384',
        'RS512',
        'PS256',
        'PS384',
        'PS512',
        'ES256',
        'ES384',
        'ES512',
        'EdDSA',
      ]),
      'The algorithm, by its registered name (RFC 7518).',
    ),
    key: described(z.string(), 'The key, usually `${secret.NAME}`: text for HS…, else PEM or a JSON Web Key.'),
    'key-id': described(z.optional(z.string()), 'The header parameter `kid`.'),
    type: described(z.optional(z.string()), 'The header parameter `typ`. JWT by default.'),
    claims: described(z.optional(values), 'Claims, over `sent.…` too. `iat` and `exp` are added.'),
    lasts: described(z.optional(duration), 'How long it is good for. 60s by default.'),
    header: described(z.optional(z.string()), 'The header that takes it. Authorization by default.'),
    scheme: described(z.optional(z.string()), 'Text in front of it. Bearer by default; empty for nothing.'),
  }),
  'A JSON Web Token (RFC 7519) that is made and signed for each request.',
);

export const signatureFile = described(
  z.discriminatedUnion('kind', [recipe, messageSignature, keyedDigest, requestToken]),
  'A signature: one way to sign requests.',
);
export type SignatureFile = z.infer<typeof signatureFile>;
export type SignatureExample = z.infer<typeof example>;
export type RecipeFile = z.infer<typeof recipe>;
export type MessageSignatureFile = z.infer<typeof messageSignature>;
export type ComponentSpec = z.infer<typeof componentSpec>;
export type KeyedDigestFile = z.infer<typeof keyedDigest>;
export type RequestTokenFile = z.infer<typeof requestToken>;
