/** JSON with colours: keys, texts, numbers, the rest. */
import { writeJson } from '../../core/value/json-text.js';
import type { Value } from '../../core/value/written.js';
import type { Colours } from '../terminal/terminal.js';
import { foldedJson } from './folding.js';

const tokens = /("(?:[^"\\]|\\.)*")(\s*:)?|(-?\d[\d.eE+-]*)|\b(true|false|null)\b/g;

/**
 * @param hide takes secrets out before the colours come in
 * @param levels deeper ones are folded
 */
export function colouredJson(
  value: Value,
  colours: Colours,
  hide: (text: string) => string = (text) => text,
  levels?: number,
): string {
  // What may harm a terminal is shown as text by its exit.
  const text = hide(writeJson(value, 2));
  return colouredJsonText(levels === undefined ? text : foldedJson(text, levels), colours);
}

export function colouredJsonText(text: string, colours: Colours): string {
  if (!colours.enabled) return text;
  return text.replace(
    tokens,
    (_, quoted: string | undefined, colon: string | undefined, number: string | undefined, word: string) => {
      if (quoted !== undefined) return colon === undefined ? colours.green(quoted) : colours.cyan(quoted) + colon;
      return number === undefined ? colours.magenta(word) : colours.yellow(number);
    },
  );
}
