/**
 * A recipe proposed from the prose of a security scheme: its algorithm, its lines in a list, the headers it
 * speaks of. What is not understood is in the file as a comment.
 */
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
import { DraftMap, type DraftNode, draftText, expression, list, literal } from './yaml.js';

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
  const file = new DraftMap().set('about', literal(`${name}, as ${source} describes it`));
  file.remark('Proposed from the prose below: compare each line with it, and prove it with an example of the vendor.');
  for (const line of description.split('\n')) file.remark(`  ${line}`);
  file.take(isMessageSignature(description) ? messageSignature(description) : recipe(scheme));
  return draftText(file, `yaml-language-server: $schema=${schema}`);
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

function messageSignature(text: string): DraftMap {
  const algorithm = registered.find((one) => text.toLowerCase().includes(one));
  const named = [...text.matchAll(/[`"](@[a-z-]+|[a-z][a-z0-9-]*)[`"]/g)].map(([, one]) => one as string);
  const components = [...new Set(named)].filter((one) => one.startsWith('@') || /^(?:content|date|host|x-)/.test(one));
  const file = new DraftMap().set('kind', literal('message-signature'));
  if (/content-digest/i.test(text))
    file.set('digest', literal(/sha-?512/i.test(text.replaceAll(/rsa-pss-sha512/gi, '')) ? 'sha-512' : 'sha-256'));
  const one = new DraftMap()
    .set('components', literal(components.length > 0 ? components : ['@method', '@target-uri']), {
      about: components.length > 0 ? undefined : 'the documentation names none',
    })
    .set('algorithm', literal(algorithm ?? 'hmac-sha256'), {
      about: algorithm === undefined ? 'the documentation names none of the registry' : undefined,
    })
    .set('key', expression('${secret.signingKey}'))
    .set('key-id', literal('KEY-ID'), { about: keyIdRemark });
  if (/\bnonce\b/i.test(text)) one.set('nonce', expression('${nonce}'));
  if (/\bexpires\b/i.test(text)) one.set('expires', literal('5m'));
  if (/\balg\b/.test(text)) one.set('name-algorithm', literal(true));
  return file.set('signatures', new DraftMap().set('sig1', one));
}

const keyIdRemark = 'the id that the vendor gave your key';

function recipe({ description: text = '', header }: DescribedScheme): DraftMap {
  const time = timeHeader(text);
  const nonce = nonceHeader(text);
  const { lines, between } = signedIn(text);
  const { value, hasId } = headerValueIn(text);
  // What is signed has to be there, whether or not the prose says which header carries it.
  const uses = (name: string): boolean => lines.some((line) => line.text.includes(`\${${name}}`));
  const made = new Set([header, time?.name, nonce].map((one) => one?.toLowerCase()));
  const define = new DraftMap();
  if (time || uses('stamp')) define.set('stamp', expression(time?.expression ?? timeExpression(text)));
  if (hasId || uses('key-id')) define.set('key-id', literal('KEY-ID'), { about: keyIdRemark });
  const items = lines.length > 0 ? lines : usualLines;
  const base = new DraftMap().set(
    'lines',
    list(...items.map(({ text: line, about }): DraftNode => expression(line, about))),
    {
      about: 'joined by a line feed; joined-by: says otherwise',
    },
  );
  if (between !== undefined) base.set('joined-by', literal(between));
  define.set('base', base).set('seal', expression(`\${base | ${algorithmIn(text)} | ${encodingIn(text)}}`));
  const headers = new DraftMap();
  if (time) headers.set(time.name, expression('${stamp}'));
  if (nonce) headers.set(nonce, expression('${nonce}'));
  headers.set(header ?? 'X-Signature', expression(value));
  for (const name of headerNames(text).filter((one) => !made.has(one.toLowerCase())))
    headers.set(name, literal(''), {
      about: 'the documentation speaks of it: it stands here or in the request',
      active: false,
    });
  return new DraftMap()
    .set('define', define)
    .set('headers', headers)
    .set('examples', literal([]), { about: 'the example of the documentation: check holds the recipe against it' });
}

const usualLines = [
  { text: '${sent.method}', about: 'the documentation has no list of what is signed' },
  { text: '${sent.target}', about: undefined },
  { text: '${sent.body | sha-256 | hex}', about: undefined },
];
