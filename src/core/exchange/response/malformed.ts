/** What is wrong with a response that breaks the grammar of HTTP/1.1, in the words of the standard (RFC 9112). */

const faults: readonly (readonly [parser: RegExp, fault: string])[] = [
  [/header value char/i, 'a header line holds a character that HTTP does not permit'],
  [/whitespace after header value|obs-?fold|continuation/i, 'a header line is folded over two lines'],
  [/header token|header field/i, 'the name of a header line holds a character that HTTP does not permit'],
  [/character in content-length|content-length overflow/i, 'Content-Length is not a number'],
  [/content-length/i, 'Content-Length contradicts another header line'],
  [/transfer-encoding/i, 'Transfer-Encoding contradicts another header line, or is not known'],
  [/chunk/i, 'the chunks of its body are malformed'],
  [/expected (?:cr|lf)/i, 'a line ends without CR and LF'],
  [/status/i, 'its status line is malformed'],
];

/** @param message of the parser @returns undefined where it does not look like HTTP at all */
export const malformedBy = (message: string): string | undefined =>
  faults.find(([parser]) => parser.test(message))?.[1];

/** Where the parser says only that the length does not fit: it looks at the length first, whatever is wrong. */
export const malformedHeaders =
  'its header lines are malformed: a second Content-Length, Transfer-Encoding beside it, or a character that HTTP does not permit';
