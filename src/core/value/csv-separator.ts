/** What stands between the columns of a CSV file. */

const quoted = /"(?:[^"]|"")*"/g;

/**
 * A comma (RFC 4180); where the line of names has none, the semicolon or tab that spreadsheet programs write in many
 * languages.
 * @param names the first line of the file
 */
export function separatorOf(names: string): ',' | ';' | '\t' {
  const plain = names.replaceAll(quoted, '');
  if (plain.includes(',')) return ',';
  return plain.includes(';') ? ';' : plain.includes('\t') ? '\t' : ',';
}
