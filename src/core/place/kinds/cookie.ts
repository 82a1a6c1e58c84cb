/** `cookie.NAME`: the value of a cookie that the response sets (RFC 6265 section 4.1). */
import { nearest } from '../../problem/nearest.js';
import type { Observed } from '../observed.js';
import type { PlaceKind } from '../place.js';

export const cookie: PlaceKind = {
  name: 'cookie.NAME',
  about: 'a cookie that the response sets, without its attributes',
  example: 'cookie.visit',
  read(text) {
    const name = /^cookie\.([^\s=;,"]+)$/.exec(text)?.[1];
    if (name === undefined) return undefined;
    return {
      text,
      strict: false,
      // The last line of a name is the one that holds.
      find: (observed) => cookiesIn(observed).get(name),
      near(observed) {
        const names = [...cookiesIn(observed).keys()];
        const near = nearest(name, names);
        return near === undefined ? `the response sets ${names.join(', ') || 'no cookie'}` : `cookie.${near}`;
      },
    };
  },
};

function cookiesIn({ headers }: Observed): Map<string, string> {
  const found = new Map<string, string>();
  for (const [key, line] of headers) {
    if (key.toLowerCase() !== 'set-cookie') continue;
    const pair = line.split(';', 1)[0] ?? '';
    // Without an equals sign all of it is the value of a cookie without a name (RFC 6265bis section 5.6).
    const at = pair.indexOf('=');
    const [name, value] = [pair.slice(0, Math.max(0, at)).trim(), pair.slice(at + 1).trim()];
    found.set(name, value.replace(/^"(.*)"$/, '$1'));
  }
  return found;
}
