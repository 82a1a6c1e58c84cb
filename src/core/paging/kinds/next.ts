/** By the address of the next page: in a Link header (RFC 8288), or in the body. */
import { textOf } from '../../value/text.js';
import { plain } from '../../value/written.js';
import type { PageKind } from '../page-kind.js';

export const next: PageKind = {
  name: 'next',
  told: true,
  input: () => undefined,
  from: ({ next: at }) => at,
  compile({ next: at = '' }, place) {
    const found = place(at);
    return ({ received }) => {
      const value = found.find(received);
      if (value === undefined || plain(value) === null) return undefined;
      const text = textOf(value).trim();
      if (text === '') return undefined;
      // RFC 3986 section 5: it may be relative to where it was found.
      return URL.canParse(text, received.finalUrl) ? { address: new URL(text, received.finalUrl).href } : undefined;
    };
  },
};
