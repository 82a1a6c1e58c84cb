/** Texts with holes: where a shell, or a reader of the guide, would put a value in. */
import { hidden } from '../../exchange/request/wire.js';

// Of the private use area (Unicode, section 23.5), so that nothing that is written means one.
const [open, close] = ['\uE000', '\uE001'];
const holes = new RegExp(`${open}([^${close}]*)${close}`, 'g');

export const hole = (name: string): string => `${open}${name}${close}`;

/** What was hidden where the text was made: its own name says what it is. */
export const hiddenHole = 'hidden value';
export const withHidden = (text: string): string => text.replaceAll(hidden, hole(hiddenHole));

/** Taken out of a text from outside, where nobody has put them on purpose. */
export const withoutMarks = (text: string): string =>
  // Half a pair of UTF-16 is no character, and cannot be sent.
  text
    .replaceAll(open, '')
    .replaceAll(close, '')
    .replace(/\p{Cs}/gu, '\uFFFD');

export const hasHole = (text: string): boolean => text.includes(open);

export const holesIn = (text: string): string[] => [...text.matchAll(holes)].map(([, name]) => name as string);

/** The text with what a function says in place of each hole. @param rest what becomes of the text between them */
export function filled(
  text: string,
  fill: (name: string) => string,
  rest: (text: string) => string = (one) => one,
): string {
  if (!hasHole(text)) return rest(text);
  let at = 0;
  let made = '';
  for (const found of text.matchAll(holes)) {
    made += rest(text.slice(at, found.index)) + fill(found[1] as string);
    at = found.index + found[0].length;
  }
  return made + rest(text.slice(at));
}
