/** Text from the wire, made harmless: a control character could move the cursor, hide text or type commands. */

// biome-ignore lint/suspicious/noControlCharactersInRegex: these are what is looked for
const control = /[\u0000-\u0008\u000b-\u001f\u007f-\u009f\u200e\u200f\u202a-\u202e\u2066-\u2069\ufeff]/g;

/** Line feeds and tabs stay; every other control or direction character is shown as `\u001b`. */
export function printable(text: string): string {
  return text
    .replaceAll('\r\n', '\n')
    .replace(control, (char) => `\\u${(char.codePointAt(0) as number).toString(16).padStart(4, '0')}`);
}

/** The same on one line. */
export function printableLine(text: string): string {
  return printable(text).replaceAll('\n', '\\n').replaceAll('\t', ' ');
}

/** Prose on one line, as Markdown and YAML wrap it: a line feed is a space. */
export const proseLine = (text: string): string => printableLine(text.trim().replace(/\s*\n\s*/g, ' '));

const controlInJson = /[\u007f-\u009f\u200e\u200f\u202a-\u202e\u2066-\u2069\ufeff]/g;

/** A JSON text, in which C0 characters are escaped already, with the others escaped too. */
export const jsonLine = (json: string): string =>
  json.replace(controlInJson, (char) => `\\u${(char.codePointAt(0) as number).toString(16).padStart(4, '0')}`);
