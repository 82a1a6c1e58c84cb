/** `errors`: what the answer itself declares as errors; here an RFC 9457 problem. */
import type { Value } from '../../value/written.js';
import { isValueMap } from '../../value/written.js';
import { headerValue, type Observed } from '../observed.js';
import type { PlaceKind } from '../place.js';

export const errors: PlaceKind = {
  name: 'errors',
  about: 'a list of the errors that the answer declares: the problem of RFC 9457; empty where it declares none',
  example: 'errors',
  read: (text) => (text === 'errors' ? { text, strict: true, find: declaredErrors, near: () => undefined } : undefined),
};

export function declaredErrors(observed: Observed): readonly Value[] {
  const type = headerValue(observed.headers, 'content-type') ?? '';
  if (!/^application\/problem\+json\s*(?:;|$)/i.test(type)) return [];
  const problem = observed.json();
  return isValueMap(problem) ? [problem] : [];
}
