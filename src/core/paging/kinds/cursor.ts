/** By a cursor that the response holds; none, an empty one, and null mean the end. */
import { textOf } from '../../value/text.js';
import { plain } from '../../value/written.js';
import type { PageKind } from '../page-kind.js';

export const cursor: PageKind = {
  name: 'cursor',
  told: true,
  input: ({ cursor: spec }) => spec?.input,
  from: ({ cursor: spec }) => spec?.from,
  compile({ cursor: spec }, place) {
    const { input, from } = spec as NonNullable<typeof spec>;
    const found = place(from);
    return ({ received }) => {
      const value = found.find(received);
      return value === undefined || plain(value) === null || textOf(value) === '' ? undefined : { input, value };
    };
  },
};
