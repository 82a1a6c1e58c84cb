/** The text of a value where text is wanted: a path, a query, a header, a form field. */
import { writeJson } from './json-text.js';
import { SourceScalar, type Value } from './written.js';

/** Scalars as they were written, lists and maps as JSON on one line, bytes as UTF-8. */
export function textOf(value: Value): string {
  if (typeof value === 'string') return value;
  if (value instanceof SourceScalar) return value.text;
  if (value instanceof Uint8Array) return Buffer.from(value).toString('utf8');
  if (typeof value === 'object' && value !== null) return writeJson(value);
  return String(value);
}
