/** What stands between the columns of a CSV file. */

const quoted = /"(?:[^"]|"")*"/g;
/** A line break within quotes is none. */
const firstRecord = /^(?:[^"\r\n]+|"(?:[^"]|"")*")*/;

/**
 * A comma (RFC 4180); where the line of names has none, the semicolon or tab that spreadsheet programs write in many
 * languages.
 * @param text the file, or its beginning with the line of names
 */
export function separatorOf(text: string): ',' | ';' | '\t' {
  const names = (firstRecord.exec(text)?.[0] ?? '').replaceAll(quoted, '');
  if (names.includes(',')) return ',';
  return names.includes(';') ? ';' : names.includes('\t') ? '\t' : ',';
}
