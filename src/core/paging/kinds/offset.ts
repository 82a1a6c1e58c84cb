/** By the number of items that come before the page. */
import type { PageKind } from '../page-kind.js';

export const offset: PageKind = {
  name: 'offset',
  told: false,
  input: ({ offset: spec }) => spec?.input,
  from: () => undefined,
  compile({ offset: spec }) {
    const { input } = spec as NonNullable<typeof spec>;
    return ({ items }) => ({ input, value: items });
  },
};
