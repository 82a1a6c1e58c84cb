/** XML for people: an element a line, in colours. */
import type { Colours } from '../terminal.js';
import { foldedXml } from './folding.js';

/**
 * Elements on lines of their own where the document has none; text is left as it stands.
 * @param xml secrets hidden
 * @param levels deeper ones are folded
 */
export function colouredXml(xml: string, colours: Colours, levels?: number): string {
  // A layout of the vendor's own may have any margin, which could not be folded.
  if (levels !== undefined) return inColours(foldedXml(laidOut(xml), levels), colours);
  return inColours(/>\s*\n\s*</.test(xml) ? xml.trimEnd() : laidOut(xml), colours);
}

function laidOut(xml: string): string {
  let depth = 0;
  return xml
    .trim()
    .split(/(?<=>)\s*(?=<)/)
    .map((piece) => {
      if (piece.startsWith('</')) depth = Math.max(0, depth - 1);
      // A tag that is written on several lines becomes one.
      const shown = '  '.repeat(depth) + piece.replace(/^<[^>]*>/, (tag) => tag.replace(/\s*\n\s*/g, ' '));
      if (/^<[^!?/][^>]*>$/.test(piece) && !piece.endsWith('/>')) depth += 1;
      return shown;
    })
    .join('\n');
}

/** Names of elements, values of attributes, comments. */
function inColours(xml: string, colours: Colours): string {
  if (!colours.enabled) return xml;
  return xml.replace(/<!--[\s\S]*?-->|<[/?]?[\w:.-]+(?:\s[^<>]*)?[/?]?>/g, (part) => {
    if (part.startsWith('<!--')) return colours.dim(part);
    return part
      .replace(/=\s*("[^"]*"|'[^']*')/g, (_, value: string) => `=${colours.green(value)}`)
      .replace(/^(<[/?]?)([\w:.-]+)/, (_, mark: string, name: string) => mark + colours.cyan(name));
  });
}
