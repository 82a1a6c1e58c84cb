/** Columns that a text takes at a terminal, and plain text in lines that fit. */
import measuredWidth from 'fast-string-width';

/** Most texts are plain: their width is their length, and need not be measured. */
const plain = /^[\x20-\x7e…]*$/;

export const isPlain = (text: string): boolean => plain.test(text);
export const textWidth = (text: string): number => (plain.test(text) ? text.length : measuredWidth(text));

/**
 * A plain line in lines that fit, broken between words; what it begins with in spaces stays in front of the first. A word that is
 * wider stands alone. Most text is plain, and so a library need not look at each of its letters.
 */
export function plainLines(text: string, width: number): string[] {
  if (text.length <= width) return [text];
  const lines: string[] = [];
  let line = /^ */.exec(text)?.[0] ?? '';
  let begun = false;
  for (const word of text.split(' ')) {
    if (word === '') continue;
    if (!begun) line += word;
    else if (line.length + 1 + word.length <= width) line += ` ${word}`;
    else {
      lines.push(line);
      line = word;
    }
    begun = true;
  }
  return [...lines, line];
}
