/** `errors`: what the response itself declares as errors: an RFC 9457 problem, the errors of GraphQL, a SOAP fault. */
import type { Value, ValueMap } from '../../value/written.js';
import { isValueMap } from '../../value/written.js';
import { headerValue, type Observed } from '../observed.js';
import type { PlaceKind } from '../place.js';

export const errors: PlaceKind = {
  name: 'errors',
  about:
    'a list of the errors that the response declares: the problem of RFC 9457, the errors of GraphQL, the fault of SOAP; empty where it declares none',
  example: 'errors',
  read: (text) => (text === 'errors' ? { text, strict: true, find: declaredErrors, near: () => undefined } : undefined),
};

/** @throws Problem response-not-json */
export function declaredErrors(observed: Observed): readonly Value[] {
  const type = headerValue(observed.headers, 'content-type') ?? '';
  if (/^application\/problem\+json\s*(?:;|$)/i.test(type)) {
    const problem = observed.json();
    return isValueMap(problem) ? [problem] : [];
  }
  return verdictInside(observed, type);
}

/** What a response of any status says of itself: GraphQL and SOAP response 200 where they refuse. */
export function verdictInside(
  observed: Observed,
  type = headerValue(observed.headers, 'content-type') ?? '',
): readonly Value[] {
  if (/[/+]json\b/i.test(type)) return graphqlErrors(observed);
  return /[/+]xml\b/i.test(type) ? soapFault(observed.text) : [];
}

const responseKeys = new Set(['data', 'errors', 'extensions']);

/** Only a response of the very shape of GraphQL (October 2021, section 7.1): other APIs have a key `errors` too. */
function graphqlErrors(observed: Observed): readonly Value[] {
  if (observed.size === 0) return [];
  const body = observed.json();
  if (!isValueMap(body) || !Array.isArray(body.errors)) return [];
  const list = body.errors as readonly Value[];
  const shaped = list.every((one) => isValueMap(one) && typeof one.message === 'string');
  return shaped && Object.keys(body).every((key) => responseKeys.has(key)) ? list : [];
}

/** SOAP 1.1 section 4.4, SOAP 1.2 part 1 section 5.4. */
function soapFault(text: string): readonly Value[] {
  const body = /<(?:[\w.-]+:)?Envelope[\s>][\s\S]*?<((?:[\w.-]+:)?Fault)(?:\s[^>]*)?>([\s\S]*?)<\/\1>/.exec(text)?.[2];
  if (body === undefined) return [];
  const inner = (name: string): string | undefined => {
    const found = new RegExp(`<((?:[\\w.-]+:)?${name})(?:\\s[^>]*)?>([\\s\\S]*?)</\\1>`).exec(body)?.[2];
    return found
      ?.replace(/<[^>]*>/g, ' ')
      .replace(/\s+/g, ' ')
      .trim();
  };
  const fault: Record<string, Value> = {};
  const facts = [
    ['code', inner('faultcode') ?? inner('Value')],
    ['message', inner('faultstring') ?? inner('Text')],
    ['actor', inner('faultactor')],
    ['detail', inner('detail') ?? inner('Detail')],
  ] as const;
  for (const [name, value] of facts) if (value !== undefined && value !== '') fault[name] = unescaped(value);
  return [fault as ValueMap];
}

const unescaped = (text: string): string =>
  text
    .replaceAll('&lt;', '<')
    .replaceAll('&gt;', '>')
    .replaceAll('&quot;', '"')
    .replaceAll('&apos;', "'")
    .replaceAll('&amp;', '&');
