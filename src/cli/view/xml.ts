/** XML for people: an element a line, in colours. */
import type { Colours } from '../terminal/terminal.js';
import { foldedXml } from './folding.js';

/**
 * Elements on lines of their own where the document has none; text is left as it stands.
 * @param xml secrets hidden
 * @param levels deeper ones are folded
 */
export function colouredXml(xml: string, colours: Colours, levels?: number): string {
  const kept: string[] = [];
  // What stands in them is text, whatever it looks like.
  const bare = xml.replace(/<!\[CDATA\[[\s\S]*?\]\]>|<!--[\s\S]*?-->/g, (section) => {
    const held = `${mark}${kept.push(section) - 1}${mark}`;
    return section.startsWith('<!--') ? `<!${held}>` : held;
  });
  // A layout of the vendor's own may have any margin, which could not be folded; a prolog is none.
  const own = />\s*\n\s*</.test(bare.replace(/^\s*(?:<[?!][^>]*>\s*)+/, ''));
  const laid = levels !== undefined ? foldedXml(laidOut(bare), levels) : own ? bare.trimEnd() : laidOut(bare);
  return inColours(laid, colours).replace(sections, (_, comment: string | undefined, section: string | undefined) => {
    const text = kept[Number(comment ?? section)] ?? '';
    return comment === undefined ? text : colours.dim(text);
  });
}

/** Stands where a section or a comment does; no document may hold it (XML 1.0, section 2.2). */
const mark = '\uFFFE';
const sections = new RegExp(`<!${mark}(\\d+)${mark}>|${mark}(\\d+)${mark}`, 'g');

/** Tags with the text behind them; an element that holds nothing stays in one piece. */
function piecesOf(xml: string): string[] {
  const pieces: string[] = [];
  for (const piece of xml.trim().split(/(?<=>)(?=\s*<)/)) {
    const own = piece.trim();
    const [, opened] = /^<([^\s<>/!?]+)[^<>]*(?<!\/)>$/.exec(pieces.at(-1) ?? '') ?? [];
    // White space between the two is its content.
    if (opened !== undefined && own.startsWith(`</${opened}>`)) pieces[pieces.length - 1] += piece.trimEnd();
    else pieces.push(own);
  }
  return pieces;
}

function laidOut(xml: string): string {
  let depth = 0;
  return piecesOf(xml)
    .map((piece) => {
      if (piece.startsWith('</')) depth = Math.max(0, depth - 1);
      // A tag that is written on several lines becomes one.
      const shown = '  '.repeat(depth) + piece.replace(/^<[^>]*>/, (tag) => tag.replace(/\s*\n\s*/g, ' '));
      if (/^<[^!?/][^>]*>$/.test(piece) && !piece.endsWith('/>')) depth += 1;
      return shown;
    })
    .join('\n');
}

/** Names of elements and values of attributes. */
function inColours(xml: string, colours: Colours): string {
  if (!colours.enabled) return xml;
  return xml.replace(/<[/?]?[\w:.-]+(?:\s[^<>]*)?[/?]?>/g, (part) =>
    part
      .replace(/=\s*("[^"]*"|'[^']*')/g, (_, value: string) => `=${colours.green(value)}`)
      .replace(/^(<[/?]?)([\w:.-]+)/, (_, opening: string, name: string) => opening + colours.cyan(name)),
  );
}
