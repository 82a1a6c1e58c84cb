/** What the prose of a security scheme says of a signature: its algorithm, what is signed, the headers it speaks of. */
import { ownMember } from '../../value/own-member.js';

export function algorithmIn(text: string): string | undefined {
  const keyed = /hmac[-_ ]?(?:with )?sha[-_ ]?(1|224|256|384|512)\b/i.exec(text)?.[1];
  if (keyed) return `hmac-sha-${keyed}(secret.signingKey)`;
  const hash = /sha[-_ ]?(256|384|512)/i.exec(text)?.[1] ?? '256';
  if (/\bed25519\b/i.test(text)) return 'sign-ed25519(secret.signingKey)';
  if (/\becdsa\b/i.test(text)) return `sign-ecdsa-sha-${hash}(secret.signingKey)`;
  if (/\brsa\b.*\bpss\b/is.test(text)) return `sign-rsa-pss-sha-${hash}(secret.signingKey)`;
  if (/\brsa\b/i.test(text)) return `sign-rsa-sha-${hash}(secret.signingKey)`;
  return /\bhmac\b/i.test(text) ? `hmac-sha-${hash}(secret.signingKey)` : undefined;
}

const listItem = /^\s*(?:\d+[.)]|[-*])\s+(.+)$/gm;
const encoding = /base64url|url-safe base64|base64|hex/i;

/** The first that is named behind the algorithm, else in its sentence, else anywhere but in what is signed. */
export function encodingIn(text: string): string {
  const prose = text.replace(listItem, '');
  const sentence = prose.split(/(?<=\.)\s|\n\s*\n/).find((one) => /hmac|rsa|ecdsa|ed25519/i.test(one)) ?? '';
  const behind = sentence.slice(sentence.search(/hmac|rsa|ecdsa|ed25519/i));
  const found = [behind, sentence, prose, text].map((one) => encoding.exec(one)?.[0]).find(Boolean) ?? '';
  return /url/i.test(found) ? 'base64url' : /^base64/i.test(found) ? 'base64' : 'hex';
}

/** As they are written with capital letters, where they are. */
export function headerNames(text: string): string[] {
  const found = text.match(/\bX-[A-Za-z0-9-]*[A-Za-z0-9]\b/gi) ?? [];
  const written = new Map<string, string>();
  for (const name of found)
    if (!written.has(name.toLowerCase()) || /[A-Z]/.test(name)) written.set(name.toLowerCase(), name);
  return [...written.values()];
}

export function timeHeader(text: string): { readonly name: string; readonly expression: string } | undefined {
  const name =
    headerNames(text).find((one) => /time|date|stamp/i.test(one)) ??
    (/\bDate\b header|header Date\b/.test(text) ? 'Date' : undefined);
  return name === undefined ? undefined : { name, expression: timeExpression(text, name) };
}

/** @param name of the header that takes it, where there is one */
export function timeExpression(text: string, name?: string): string {
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

export const nonceHeader = (text: string): string | undefined => headerNames(text).find((one) => /nonce/i.test(one));

/** What is signed, and what stands between: a line feed where undefined. */
export interface Signed {
  readonly lines: readonly SignedLine[];
  readonly between: string | undefined;
}

/** From a list, else from a formula such as `method + "\\n" + path`; no lines where there is neither. */
export function signedIn(text: string): Signed {
  const items = [...text.matchAll(listItem)].map(([, item]) => item as string);
  if (items.length > 0) return { lines: items.map(itemLine), between: separatorIn(text.replace(listItem, '')) };
  const formula = text
    .split('\n')
    .filter((line) => line.length < longestFormula)
    .map((line) => line.replace(/^[^=:]*(?::?=|:)\s*/, '').replace(/[`;]/g, ''))
    .find((line) => line.split(plus).length > 2);
  if (formula === undefined) return { lines: [], between: undefined };
  const parts = formula.split(plus).map((part) => part.trim());
  const literals = parts.filter((part) => quoted.test(part)).map((part) => part.slice(1, -1).replaceAll('\\n', '\n'));
  const values = parts.filter((part) => !quoted.test(part)).map((part) => itemLine(inWords(part)));
  const [between = ''] = literals;
  return { lines: values, between: between === '\n' ? undefined : between };
}

/** Characters of a line; what is longer is none, and to take it apart takes its square. */
const longestFormula = 1000;

const plus = /\s*(?:\+|\|\|)\s*(?=(?:[^"']*["'][^"']*["'])*[^"']*$)/;
const quoted = /^(["']).*\1$/;

/** `requestPath` is the request path, `sha256(body)` its digest. */
const inWords = (name: string): string =>
  name
    .replace(/([a-z\d])([A-Z])/g, '$1 $2')
    .replace(/[_()]+/g, ' ')
    .trim();

const separatorWords: Readonly<Record<string, string>> = {
  colon: ':',
  comma: ',',
  pipe: '|',
  'vertical bar': '|',
  ampersand: '&',
  dot: '.',
  'full stop': '.',
  semicolon: ';',
  space: ' ',
};

function separatorIn(prose: string): string | undefined {
  if (/\b(?:without|no) (?:any )?(?:separators?|delimiters?)\b/i.test(prose)) return '';
  const words = Object.keys(separatorWords).join('|');
  const found = new RegExp(
    `\\b(?:join|joined|separated|concatenat\\w+|delimited)\\b[^.]{0,60}?\\b(?:by|with|using)\\s+(?:an?\\s+)?(?:[\`"']([^\`"'\\\\\\s])[\`"']|(${words})\\b)`,
    'i',
  ).exec(prose);
  return found?.[1] ?? ownMember(separatorWords, found?.[2]?.toLowerCase() ?? '');
}

/** How the header is written around the signature: `id=${key-id}; seal=${seal}`. */
export function headerValueIn(text: string): { readonly value: string; readonly hasId: boolean } {
  const made = /\b(?:SEAL|SIGNATURE|SIG)\b|[<{](?:the )?(?:seal|signature|sig|hmac|digest)[>}]/;
  const id = /\b(?:KEY|CLIENT)[-_ ]?ID\b|[<{](?:your )?(?:key|client|access|app)[-_ ]?(?:id|key)[>}]/gi;
  const shape = [...text.matchAll(/[`"]([^`"\n]+)[`"]/g)]
    .map(([, one = '']) => one.replace(/^[A-Za-z][\w-]*:\s+/, ''))
    .find((one) => made.test(one));
  if (shape === undefined) return { value: '${seal}', hasId: false };
  // What looks like an expression in the prose is none.
  const bare = shape.replace(/\$(?=\{)/g, '');
  return { value: bare.replace(made, '${seal}').replace(id, '${key-id}'), hasId: bare.search(id) !== -1 };
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

/** A line of what is signed; of an item that is not understood, nothing, and what it says. */
export interface SignedLine {
  readonly text: string;
  readonly about: string | undefined;
}

function itemLine(item: string): SignedLine {
  const reading = readings.find(([shape]) => shape.test(item));
  return reading ? { text: reading[1](item), about: undefined } : { text: '', about: `not understood: ${item}` };
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
