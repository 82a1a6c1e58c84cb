/** By the number of the page. */
import type { PageKind } from '../page-kind.js';

export const number: PageKind = {
  name: 'number',
  told: false,
  input: ({ number: spec }) => spec?.input,
  from: () => undefined,
  compile({ number: spec }) {
    const { input, first = 1 } = spec as NonNullable<typeof spec>;
    return ({ pages }) => ({ input, value: first + pages });
  },
};
