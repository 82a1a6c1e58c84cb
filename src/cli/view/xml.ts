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
  // What is in them is text, whatever it looks like.
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

/** A tag, in which `>` may stand between quotes (XML 1.0, section 2.3), or what stands before the next. */
const token = /<(?:"[^"]*"|'[^']*'|[^"'>])*>|[^<]+|</g;
const begins = (one: string): boolean => /^<[^!?/\s<>]/.test(one) && one.endsWith('>') && !one.endsWith('/>');
const ends = (one: string): boolean => one.startsWith('</');

/** Levels that are seen: margins of millions would be no page. */
const deepest = 200;

/** An element a line, what is inside indented; one that holds text stays in one piece, since a line break would be text. */
function laidOut(xml: string): string {
  const tokens = xml.match(token) ?? [];
  const open: number[] = [];
  const closedAt = new Map<number, number>();
  const whole = new Set<number>();
  for (const [index, one] of tokens.entries()) {
    const holder = open.at(-1);
    if (begins(one)) open.push(index);
    else if (ends(one) && holder !== undefined) {
      closedAt.set(holder, index);
      open.pop();
      // White space alone is all that it holds.
      if (index === holder + 1 || (index === holder + 2 && !tokens[holder + 1]?.startsWith('<'))) whole.add(holder);
    } else if (!one.startsWith('<') && one.trim() !== '' && holder !== undefined) whole.add(holder);
  }
  const lines: string[] = [];
  let depth = 0;
  for (let index = 0; index < tokens.length; index += 1) {
    const one = tokens[index] as string;
    if (one.trim() === '') continue;
    if (ends(one)) depth = Math.max(0, depth - 1);
    const margin = '  '.repeat(Math.min(depth, deepest));
    if (whole.has(index)) {
      const end = closedAt.get(index) ?? tokens.length - 1;
      lines.push(
        margin +
          tokens
            .slice(index, end + 1)
            .join('')
            .trimEnd(),
      );
      index = end;
    } else {
      // A tag that is written on several lines becomes one.
      lines.push(margin + one.trim().replace(/\s*\n\s*/g, ' '));
      if (begins(one)) depth += 1;
    }
  }
  return lines.join('\n');
}

/** Names of elements and values of attributes. */
function inColours(xml: string, colours: Colours): string {
  if (!colours.enabled) return xml;
  return xml.replace(/<[/?]?[\w:.-]+(?:\s(?:"[^"]*"|'[^']*'|[^<>"'])*)?[/?]?>/g, (part) =>
    part
      .replace(/=\s*("[^"]*"|'[^']*')/g, (_, value: string) => `=${colours.green(value)}`)
      .replace(/^(<[/?]?)([\w:.-]+)/, (_, opening: string, name: string) => opening + colours.cyan(name)),
  );
}
