/**
 * A recipe proposed from the prose of a security scheme: its algorithm, its lines in a list, the headers it
 * speaks of. What is not understood stands in the file as a comment.
 */
import { scalar } from './lines.js';
import {
  algorithmIn,
  encodingIn,
  headerNames,
  headerValueIn,
  nonceHeader,
  signedIn,
  timeExpression,
  timeHeader,
} from './signature-prose.js';

/** A scheme as the documentation describes it. */
export interface DescribedScheme {
  readonly name: string;
  readonly description?: string | undefined;
  /** The header that takes what is made. */
  readonly header?: string | undefined;
}

/** Whether it is a signature that the scheme describes, and enough of it to propose a recipe. */
export function describesSignature({ description = '' }: DescribedScheme): boolean {
  return (
    isMessageSignature(description) ||
    (/\b(?:hmac|signature|signed|seal|sealed)\b/i.test(description) && algorithmIn(description) !== undefined)
  );
}

export const signatureName = ({ name }: DescribedScheme): string =>
  name
    .replace(/([\p{Ll}\p{N}])(\p{Lu})/gu, '$1-$2')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-');

/** @param source of the documentation, for the comment at the top */
export function proposeSignature(scheme: DescribedScheme, source: string, schema: string): string {
  const { name, description = '' } = scheme;
  const head = [
    `# yaml-language-server: $schema=${schema}`,
    `about: ${scalar(`${name}, as ${source} describes it`)}`,
    '# Proposed from the prose below: compare each line with it, and prove it with an example of the vendor.',
    ...description.split('\n').map((line) => `#   ${line}`.trimEnd()),
  ];
  const lines = isMessageSignature(description) ? messageLines(description) : recipeLines(scheme);
  return `${[...head, ...lines].join('\n')}\n`;
}

/** Headers that the recipe makes itself, in small letters: they are no inputs of a request. */
export function headersMade(scheme: DescribedScheme): ReadonlySet<string> {
  const { description = '', header } = scheme;
  if (isMessageSignature(description)) return new Set(['signature', 'signature-input', 'content-digest']);
  return new Set(
    [header, timeHeader(description)?.name, nonceHeader(description)]
      .filter((one) => one !== undefined)
      .map((one) => one.toLowerCase()),
  );
}

const isMessageSignature = (text: string): boolean =>
  /\bRFC ?9421\b|\bSignature-Input\b|HTTP message signature/i.test(text);

const registered = [
  'rsa-pss-sha512',
  'rsa-v1_5-sha256',
  'hmac-sha256',
  'ecdsa-p256-sha256',
  'ecdsa-p384-sha384',
  'ed25519',
];

function messageLines(text: string): string[] {
  const algorithm = registered.find((one) => text.toLowerCase().includes(one));
  const named = [...text.matchAll(/[`"](@[a-z-]+|[a-z][a-z0-9-]*)[`"]/g)].map(([, one]) => one as string);
  const components = [...new Set(named)].filter((one) => one.startsWith('@') || /^(?:content|date|host|x-)/.test(one));
  const digest = /content-digest/i.test(text);
  return [
    'kind: message-signature',
    ...(digest ? [`digest: ${/sha-?512/i.test(text.replaceAll(/rsa-pss-sha512/gi, '')) ? 'sha-512' : 'sha-256'}`] : []),
    'signatures:',
    '  sig1:',
    components.length > 0
      ? `    components: [${components.map((one) => JSON.stringify(one)).join(', ')}]`
      : '    components: ["@method", "@target-uri"]     # the documentation names none',
    `    algorithm: ${algorithm ?? 'hmac-sha256              # the documentation names none of the registry'}`,
    '    key: ${secret.signingKey}',
    '    key-id: KEY-ID                  # the id that the vendor gave your key',
    ...(/\bnonce\b/i.test(text) ? ['    nonce: ${nonce}'] : []),
    ...(/\bexpires\b/i.test(text) ? ['    expires: 5m'] : []),
    ...(/\balg\b/.test(text) ? ['    name-algorithm: true'] : []),
  ];
}

function recipeLines({ description: text = '', header }: DescribedScheme): string[] {
  const time = timeHeader(text);
  const nonce = nonceHeader(text);
  const { lines, between } = signedIn(text);
  const { value, hasId } = headerValueIn(text);
  // What is signed has to be there, whether or not the prose says which header carries it.
  const uses = (name: string): boolean => lines.some((line) => line.includes(`\${${name}}`));
  const made = new Set([header, time?.name, nonce].map((one) => one?.toLowerCase()));
  const others = headerNames(text).filter((one) => !made.has(one.toLowerCase()));
  return [
    'define:',
    ...(time || uses('stamp') ? [`  stamp: ${scalar(time?.expression ?? timeExpression(text))}`] : []),
    ...(hasId || uses('key-id') ? ['  key-id: KEY-ID                    # the id that the vendor gave your key'] : []),
    '  base:',
    '    lines:                          # joined by a line feed; joined-by: says otherwise',
    ...(lines.length > 0
      ? lines
      : [
          '      - ${sent.method}               # the documentation has no list of what is signed',
          '      - ${sent.target}',
          '      - ${sent.body | sha-256 | hex}',
        ]),
    ...(between === undefined ? [] : [`    joined-by: ${JSON.stringify(between)}`]),
    `  seal: \${base | ${algorithmIn(text)} | ${encodingIn(text)}}`,
    'headers:',
    ...(time ? [`  ${time.name}: \${stamp}`] : []),
    ...(nonce ? [`  ${nonce}: \${nonce}`] : []),
    `  ${header ?? 'X-Signature'}: ${scalar(value)}`,
    ...others.map((one) => `  # ${one}: ""   # the documentation speaks of it: it stands here or in the request`),
    'examples: []                        # the example of the documentation: check holds the recipe against it',
  ];
}
