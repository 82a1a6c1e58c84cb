/** A page as it is laid out: lines as wide as they may be, and where its links are. */
import { wrapAnsi } from 'fast-wrap-ansi';
import { linkEnd, linkNumber } from '../terminal/colours.js';
import { textWidth } from '../view/text-width.js';

export interface Page {
  readonly lines: readonly string[];
  /** In the order in which they stand. */
  readonly links: readonly { readonly to: string; readonly line: number }[];
}

// biome-ignore lint/suspicious/noControlCharactersInRegex: this is what is looked for
const code = /\u001b\[(\d+)m/g;

/** @param text as the terminal lets it out @param to what its links lead to, by their numbers */
export function pageOf(text: string, to: readonly string[], width: number): Page {
  const lines: string[] = [];
  const links: { to: string; line: number }[] = [];
  const order = new Map<number, number>();
  let open: number | undefined;
  for (const line of text.split('\n').flatMap((one) => wrapped(one, width))) {
    const begun = open;
    const shown = line.replace(code, (whole, digits: string) => {
      const number = linkNumber(Number(digits));
      if (number !== undefined) {
        // One that goes on in the next line is one link.
        if (!order.has(number)) {
          order.set(number, links.length);
          links.push({ to: to[number] ?? '', line: lines.length });
        }
        open = order.get(number);
        return linkBegins(open ?? 0);
      }
      if (Number(digits) !== linkEnd) return whole;
      open = undefined;
      return linkEnds;
    });
    lines.push(`${begun === undefined ? '' : linkBegins(begun)}${shown}${open === undefined ? '' : linkEnds}`);
  }
  return { lines, links };
}

function wrapped(line: string, width: number): string[] {
  if (textWidth(line) <= width) return [line];
  // What goes on stands below where it began.
  const indent = Math.min(/^ */.exec(line)?.[0].length ?? 0, Math.floor(width / 2));
  const margin = ' '.repeat(indent);
  return wrapAnsi(line.slice(indent), width - indent, { hard: true, wordWrap: true, trim: true })
    .split('\n')
    .map((one) => margin + one);
}

const linkBegins = (number: number): string => `\u001b[${1000 + number}m`;
const linkEnds = `\u001b[${linkEnd}m`;

/** As it is printed where nobody follows a link. */
export const withoutLinks = (text: string): string =>
  text.replace(code, (whole, digits: string) =>
    linkNumber(Number(digits)) === undefined && Number(digits) !== linkEnd ? whole : '',
  );

/** A line with its links as they are seen: underlined, and the chosen one reversed. */
export function lineWithLinks(line: string, chosen: number): string {
  let reversed = false;
  return line.replace(code, (whole, digits: string) => {
    const number = linkNumber(Number(digits));
    if (number !== undefined) {
      reversed = number === chosen;
      return reversed ? '\u001b[7m' : '\u001b[4m';
    }
    if (Number(digits) !== linkEnd) return whole;
    return reversed ? '\u001b[27m' : '\u001b[24m';
  });
}
