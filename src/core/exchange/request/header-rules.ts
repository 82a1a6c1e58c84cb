/**
 * What may stand in a header line, by RFC 9110.
 *
 *     field-name  = token                                   ; section 5.1
 *     field-value = *( field-vchar / SP / HTAB / obs-text )  ; section 5.5
 */
import { type FilePosition, Problem } from '../../problem/problem.js';

const token = /^[!#$%&'*+.^_`|~0-9A-Za-z-]+$/;
const forbidden = /[^\t\u0020-\u007e\u0080-\u00ff]/;
/** Made at sending; written by hand they would contradict the message. */
const own = new Set(['content-length', 'transfer-encoding', 'connection', 'keep-alive', 'upgrade', 'host']);

/** @param value undefined where only the name is known yet. @throws Problem header-shape */
export function checkHeader(name: string, value: string | undefined, where: FilePosition | undefined): void {
  if (!token.test(name))
    throw new Problem('header-shape', { what: `${JSON.stringify(name)} is not a header name`, where });
  if (own.has(name.toLowerCase())) {
    throw new Problem('header-shape', {
      what: `the header ${name} is written at sending, never by hand`,
      where,
      remedy: 'leave it out',
    });
  }
  if (value !== undefined) checkHeaderValue(name, value, where);
}

/** Of a header whose name was looked at before. @throws Problem header-shape */
export function checkHeaderValue(name: string, value: string, where: FilePosition | undefined): void {
  const wrong = forbidden.exec(value);
  if (wrong) {
    const code = (wrong[0].codePointAt(0) as number).toString(16).toUpperCase().padStart(4, '0');
    const line = wrong[0] === '\n' || wrong[0] === '\r';
    throw new Problem('header-shape', {
      what: `the value of the header ${name} holds ${line ? 'a line break' : `the character U+${code}`}`,
      where,
      remedy: line
        ? 'was a value pasted with its line break? | trim removes it at the ends'
        : 'HTTP headers hold Latin-1 only; percent-encode the value where the vendor allows it',
    });
  }
}
