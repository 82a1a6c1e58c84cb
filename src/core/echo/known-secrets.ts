/** Looking for known secrets where none may stand, in every form in which they are hidden elsewhere. */
import { makeRedactor } from './redactor.js';

export interface KnownSecret {
  readonly name: string;
  /** The column, from 1, at which its value is in a text. */
  holds(text: string): number | undefined;
}

/** One that cannot be hidden by its value cannot be found by it either. */
export const knownSecret = (name: string, value: string): KnownSecret => {
  const own = makeRedactor();
  own.add(value);
  return {
    name,
    holds(text) {
      const shown = own.hideKnown(text);
      if (shown === text) return undefined;
      return [...text].findIndex((char, index) => char !== shown[index]) + 1;
    },
  };
};
