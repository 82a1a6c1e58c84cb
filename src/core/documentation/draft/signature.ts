/**
 * A recipe proposed from the prose of a security scheme: its algorithm, its lines in a list, the headers it
 * speaks of. What is not understood stands in the file as a comment.
 */
import { scalar } from './lines.js';

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

function algorithmIn(text: string): string | undefined {
  const keyed = /hmac[-_ ]?(?:with )?sha[-_ ]?(1|224|256|384|512)\b/i.exec(text)?.[1];
  if (keyed) return `hmac-sha-${keyed}(secret.signingKey)`;
  const hash = /sha[-_ ]?(256|384|512)/i.exec(text)?.[1] ?? '256';
  if (/\bed25519\b/i.test(text)) return 'sign-ed25519(secret.signingKey)';
  if (/\becdsa\b/i.test(text)) return `sign-ecdsa-sha-${hash}(secret.signingKey)`;
  if (/\brsa\b.*\bpss\b/is.test(text)) return `sign-rsa-pss-sha-${hash}(secret.signingKey)`;
  if (/\brsa\b/i.test(text)) return `sign-rsa-sha-${hash}(secret.signingKey)`;
  return /\bhmac\b/i.test(text) ? `hmac-sha-${hash}(secret.signingKey)` : undefined;
}

/** The first that is named in the sentence of the algorithm, else anywhere. */
function encodingIn(text: string): string {
  const sentence = text.split(/(?<=\.)\s/).find((one) => /hmac|rsa|ecdsa|ed25519/i.test(one)) ?? '';
  const found =
    /base64url|url-safe base64|base64|hex/i.exec(sentence)?.[0] ?? /base64url|base64|hex/i.exec(text)?.[0] ?? '';
  return /url/i.test(found) ? 'base64url' : /^base64/i.test(found) ? 'base64' : 'hex';
}

/** As they are written with capital letters, where they are. */
function headerNames(text: string): string[] {
  const found = text.match(/\bX-[A-Za-z0-9-]*[A-Za-z0-9]\b/gi) ?? [];
  const written = new Map<string, string>();
  for (const name of found)
    if (!written.has(name.toLowerCase()) || /[A-Z]/.test(name)) written.set(name.toLowerCase(), name);
  return [...written.values()];
}

function timeHeader(text: string): { readonly name: string; readonly expression: string } | undefined {
  const name =
    headerNames(text).find((one) => /time|date|stamp/i.test(one)) ??
    (/\bDate\b header|header Date\b/.test(text) ? 'Date' : undefined);
  return name === undefined ? undefined : { name, expression: timeExpression(text, name) };
}

function timeExpression(text: string, name: string): string {
  const written = /[`"]([^`"\s]*yyyy[^`"]*)[`"]/i.exec(text)?.[1];
  if (written) return `\${now | format(${JSON.stringify(quotedLetters(written))})}`;
  if (/milliseconds since|unix.*millisecond|epoch.*millisecond/i.test(text)) return '${now | unix-ms}';
  if (/seconds since|unix|epoch/i.test(text)) return '${now | unix}';
  if (name === 'Date' || /RFC ?(?:1123|9110|7231)/i.test(text)) return '${now | http-date}';
  return '${now | rfc3339}';
}

/** Letters that stand for themselves, such as the T of ISO 8601, are quoted in a format. */
const quotedLetters = (pattern: string): string =>
  pattern
    .replace(/'/g, '')
    .replace(/YYYY/g, 'yyyy')
    .replace(/DD/g, 'dd')
    .replace(/[A-Za-z]+/g, (run) => run.replace(/[^yMdHhmsS]+/g, "'$&'"));

const nonceHeader = (text: string): string | undefined => headerNames(text).find((one) => /nonce/i.test(one));

function recipeLines({ description: text = '', header }: DescribedScheme): string[] {
  const time = timeHeader(text);
  const nonce = nonceHeader(text);
  const items = [...text.matchAll(/^\s*(?:\d+[.)]|[-*])\s+(.+)$/gm)].map(([, item]) => item as string);
  const lines = items.map((item) => itemLine(item));
  const shape = /[`"]([^`"]*\b(?:SEAL|SIGNATURE|SIG)\b[^`"]*)[`"]/.exec(text)?.[1];
  const names = (shape ?? '').match(/\bKEY[-_ ]?ID\b/g);
  const value = (shape ?? 'SEAL')
    .replace(/\b(?:SEAL|SIGNATURE|SIG)\b/, '${seal}')
    .replace(/\bKEY[-_ ]?ID\b/g, '${key-id}');
  return [
    'define:',
    ...(time ? [`  stamp: ${scalar(time.expression)}`] : []),
    ...(names ? ['  key-id: KEY-ID                    # the id that the vendor gave your key'] : []),
    '  base:',
    '    lines:                          # joined by a line feed; joined-by: says otherwise',
    ...(lines.length > 0
      ? lines
      : [
          '      - ${sent.method}               # the documentation has no list of what is signed',
          '      - ${sent.target}',
          '      - ${sent.body | sha-256 | hex}',
        ]),
    `  seal: \${base | ${algorithmIn(text)} | ${encodingIn(text)}}`,
    'headers:',
    ...(time ? [`  ${time.name}: \${stamp}`] : []),
    ...(nonce ? [`  ${nonce}: \${nonce}`] : []),
    `  ${header ?? 'X-Signature'}: ${scalar(value)}`,
    'examples: []                        # the example of the documentation: check holds the recipe against it',
  ];
}

/** What an item of the list means, the surest reading first. */
const readings: readonly (readonly [RegExp, (item: string) => string])[] = [
  [
    /\b(?:sha[-_ ]?\d+|md5|digest|hash)\b.*\b(?:body|payload|content)\b|\b(?:body|payload)\b.*\b(?:hash|digest)/i,
    digestOfBody,
  ],
  [/\bX-[A-Za-z0-9-]+/i, headerValue],
  [/\bpath\b.*\bquery\b|\brequest target\b/i, () => '${sent.target}'],
  [/\bquery\b/i, (item) => (/sort|order/i.test(item) ? '${sent.query | sorted | encoded}' : '${sent.query-text}')],
  [/\b(?:method|verb)\b/i, (item) => (/lower|small/i.test(item) ? '${sent.method | lower}' : '${sent.method}')],
  [/\bpath\b/i, () => '${sent.path}'],
  [/\bhost\b/i, () => '${sent.authority}'],
  [/\b(?:url|uri|address)\b/i, () => '${sent.url}'],
  [/\bcontent[- ]type\b/i, () => '${sent.header.content-type ?? ""}'],
  [/\bnonce\b/i, () => '${nonce}'],
  [/\b(?:time|timestamp|date)\b/i, () => '${stamp}'],
  [/\bkey[- ]?id\b/i, () => '${key-id}'],
  [/\b(?:body|payload)\b/i, () => '${sent.body | text}'],
  [/\b(?:empty|blank) line\b/i, () => ''],
];

function itemLine(item: string): string {
  const reading = readings.find(([shape]) => shape.test(item));
  if (!reading) return `      - ""                           # not understood: ${item}`;
  return `      - ${scalar(reading[1](item))}`;
}

function digestOfBody(item: string): string {
  const size = /sha[-_ ]?(\d+)/i.exec(item)?.[1];
  const encoding = /base64url|base64/i.exec(item)?.[0].toLowerCase() ?? 'hex';
  return `\${sent.body | ${size ? `sha-${size}` : /md5/i.test(item) ? 'md5' : 'sha-256'} | ${encoding}}`;
}

/** With its name in front, where the item shows it so: `x-desk:` and the value of X-Desk. */
function headerValue(item: string): string {
  const names = headerNames(item);
  const name = names.at(-1) as string;
  const front = /[`"]([a-z0-9-]+: ?)[`"]/i.exec(item)?.[1] ?? '';
  return `${front}\${sent.header.${name.toLowerCase()} ?? ""}`;
}
