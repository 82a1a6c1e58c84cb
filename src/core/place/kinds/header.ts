/** `header.NAME`: a header of the response, lines of one name combined (RFC 9110 section 5.3). */
import { nearest } from '../../problem/nearest.js';
import { headerValue } from '../observed.js';
import type { PlaceKind } from '../place.js';

export const header: PlaceKind = {
  name: 'header.NAME',
  about: 'a header of the response, by name in any case',
  example: 'header.location',
  read(text) {
    const name = /^header\.([!#$%&'*+.^_`|~0-9A-Za-z-]+)$/.exec(text)?.[1];
    if (name === undefined) return undefined;
    return {
      text,
      strict: false,
      find: (observed) => headerValue(observed.headers, name),
      near(observed) {
        const names = [...new Set(observed.headers.map(([key]) => key.toLowerCase()))];
        const near = nearest(name, names);
        return near === undefined ? `the response has ${names.join(', ')}` : `header.${near}`;
      },
    };
  },
};
