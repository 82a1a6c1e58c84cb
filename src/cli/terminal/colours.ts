/**
 * Colours by SGR sequences (ECMA-48, section 8.3.117). Each carries a number that is drawn again for every run of the program:
 * by it the exit of the terminal knows what the program itself has coloured, and shows every other control character, which
 * came from a file or a server, as text.
 */
const names = ['bold', 'dim', 'red', 'green', 'yellow', 'magenta', 'cyan'] as const;
export interface Colours extends Readonly<Record<(typeof names)[number], (text: string) => string>> {
  readonly enabled: boolean;
  /** Text that leads somewhere, where links can be followed; else as it is. */
  link(text: string, to: string): string;
}

const codes: Readonly<Record<(typeof names)[number], readonly [open: number, close: number]>> = {
  bold: [1, 22],
  dim: [2, 22],
  red: [31, 39],
  green: [32, 39],
  yellow: [33, 39],
  magenta: [35, 39],
  cyan: [36, 39],
};

// Parameters of four digits each: libraries that measure text know such sequences to be of no width. What a text that was
// written before would have to guess leaves this process nowhere, so that node:crypto, a tenth of a short command, is not needed.
const mark = Array.from({ length: 4 }, () => String(1000 + Math.floor(Math.random() * 9000))).join(';');
const sequence = (code: number): string => `\u001b[${code};${mark}m`;

/** The code that ends a link; one that begins is of four digits, which no colour has. */
export const linkEnd = 999;
const firstLink = 1000;

/** The number of the link that a code begins, from 0. */
export const linkNumber = (code: number): number | undefined => (code >= firstLink ? code - firstLink : undefined);

/** The code that ends what another begins. */
const endOf = (code: number): number =>
  code >= firstLink ? linkEnd : (Object.values(codes).find(([open]) => open === code)?.[1] ?? 0);

const ends = new Set([linkEnd, ...Object.values(codes).map(([, close]) => close)]);

/** @param links where links can be followed: what each leads to is added, by its number */
export function makeColours(enabled: boolean, links?: string[]): Colours {
  const paint = (name: (typeof names)[number]): ((text: string) => string) => {
    if (!enabled) return String;
    const [open, close] = codes[name].map(sequence) as [string, string];
    // What is coloured inside ends with the same sequence: the colour around it begins again there.
    const again = codes[name][1] === 22 ? close + open : open;
    return (text) => `${open}${String(text).replaceAll(close, again)}${close}`;
  };
  const link = (text: string, to: string): string => {
    if (!links) return text;
    links.push(to);
    return sequence(firstLink + links.length - 1) + text + sequence(linkEnd);
  };
  return { enabled, link, ...Object.fromEntries(names.map((name) => [name, paint(name)])) } as Colours;
}

const ours = new RegExp(`\\u001b\\[(\\d+);${mark}m`, 'g');

/** @returns the text in pieces: what is not of the program's own colours goes through `other` */
export function withOwnColours(text: string, other: (text: string) => string): string {
  if (!text.includes(mark)) return other(text);
  let shown = '';
  let at = 0;
  for (const found of text.matchAll(ours)) {
    shown += other(text.slice(at, found.index));
    shown += `\u001b[${found[1]}m`;
    at = found.index + found[0].length;
  }
  return shown + other(text.slice(at));
}

/** Colours that are open where a line ends are closed there, and opened again on the next: columns stand side by side. */
export function colouredLines(text: string): string[] {
  let open: number[] = [];
  return text.split('\n').map((line) => {
    const before = open.map(sequence).join('');
    for (const [, code = ''] of line.matchAll(ours)) {
      const number = Number(code);
      open = ends.has(number) ? open.filter((one) => endOf(one) !== number) : [...open, number];
    }
    const after = [...new Set(open.map(endOf))];
    return before + line + after.map(sequence).join('');
  });
}
