/** The media type of a file by the ending of its name. */

import { mimes } from 'mrmime';
import { ownMember } from '../../value/own-member.js';

/** `application/octet-stream` where the ending says nothing (RFC 2046, section 4.5.1). */
export function mediaTypeOf(path: string): string {
  const ending = /\.([A-Za-z0-9]+)$/.exec(path)?.[1]?.toLowerCase() ?? '';
  // RFC 7303, section 9.2: the same, and the better name.
  if (ending === 'xml') return 'application/xml';
  const type = Object.hasOwn(mimes, ending) ? ownMember(mimes, ending) : undefined;
  return type ?? 'application/octet-stream';
}
