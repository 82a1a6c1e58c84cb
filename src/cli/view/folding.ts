/** Text that is laid out a value or an element a line, folded: what lies deeper than so many levels stands as how much it is. */

interface Notation {
  /** Whether more stands inside, on lines of their own. */
  opens(line: string): boolean;
  /** Whether it ends what was opened. */
  closes(line: string): boolean;
  /** What one line deeper is called behind such a beginning. */
  noun(line: string): string;
}

const json: Notation = {
  opens: (line) => /[{[]$/.test(line),
  closes: (line) => /^\s*[}\]]/.test(line),
  noun: (line) => (line.endsWith('{') ? 'member' : 'item'),
};

const xml: Notation = {
  opens: (line) => /^\s*<[^!?/][^>]*>$/.test(line) && !line.endsWith('/>'),
  closes: (line) => /^\s*<\//.test(line),
  noun: () => 'element',
};

/** @param text JSON with two spaces a level, without colours */
export const foldedJson = (text: string, levels: number): string => folded(text, levels, json);

/** @param text XML with two spaces a level */
export const foldedXml = (text: string, levels: number): string => folded(text, levels, xml);

function folded(text: string, levels: number, { opens, closes, noun }: Notation): string {
  const margin = '  '.repeat(levels);
  const at = (line: string, here: string): boolean => line.startsWith(here) && line[here.length] !== ' ';
  const shown: string[] = [];
  let opened: string | undefined;
  let inside = 0;
  for (const line of text.split('\n')) {
    if (opened === undefined) {
      if (at(line, margin) && opens(line)) opened = line;
      else shown.push(line);
    } else if (at(line, margin) && closes(line)) {
      shown.push(`${opened} ${inside} ${noun(opened)}${inside === 1 ? '' : 's'} ${line.trim()}`);
      [opened, inside] = [undefined, 0];
    } else if (at(line, `${margin}  `) && !closes(line)) inside += 1;
  }
  // What is not closed is no such text, and stays as it is.
  return opened === undefined ? shown.join('\n') : text;
}
