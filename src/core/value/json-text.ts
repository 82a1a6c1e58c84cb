/** JSON text in and out, exact for long numbers. */
import { isSafeNumber, parse as parseExactly } from 'lossless-json';
import { type Value, Written } from './written.js';

/** RFC 8259 section 6. */
const jsonNumber = /^-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?$/;
/** A run that a double may not hold in full; only then is the slower exact parser worth it. */
const longDigits = /[\d.]{16}/;

/** @throws SyntaxError as JSON.parse does. */
export function parseJson(text: string): Value {
  const value = JSON.parse(text) as Value;
  if (!longDigits.test(text)) return value;
  return parseExactly(text, null, {
    parseNumber: (source: string) => (isSafeNumber(source) ? Number(source) : new Written(source, Number(source))),
  }) as Value;
}

/** The text of a scalar as it stands in JSON: a valid number keeps its digits, anything else its value. */
function writtenJson(scalar: Written): string {
  if (typeof scalar.value !== 'number') return String(scalar.value);
  if (jsonNumber.test(scalar.text)) return scalar.text;
  const digits = /^[-+]?0*(\d+)$/.exec(scalar.text)?.[1];
  if (digits !== undefined) return scalar.text.startsWith('-') ? `-${digits}` : digits;
  return JSON.stringify(scalar.value);
}

function holdsWritten(value: unknown): boolean {
  if (typeof value !== 'object' || value === null) return false;
  if (value instanceof Written) return true;
  for (const key in value) if (holdsWritten((value as Record<string, unknown>)[key])) return true;
  return false;
}

/**
 * JSON text of a value. `indent` is the number of spaces a level, 0 for one line.
 * Bytes are written as base64 text.
 */
export function writeJson(value: Value, indent = 0): string {
  if (!holdsWritten(value)) return JSON.stringify(bytesAsText(value), null, indent);
  return exactJson(value, indent, '');
}

function bytesAsText(value: Value): Value {
  return value instanceof Uint8Array ? Buffer.from(value).toString('base64') : value;
}

function exactJson(value: Value, indent: number, margin: string): string {
  if (value instanceof Written) return writtenJson(value);
  if (typeof value !== 'object' || value === null || value instanceof Uint8Array) {
    return JSON.stringify(bytesAsText(value));
  }
  const inner = indent > 0 ? `${margin}${' '.repeat(indent)}` : '';
  const items = Array.isArray(value)
    ? value.map((item: Value) => exactJson(item, indent, inner))
    : Object.entries(value)
        .filter(([, item]) => item !== undefined)
        .map(([key, item]) => `${JSON.stringify(key)}:${indent > 0 ? ' ' : ''}${exactJson(item, indent, inner)}`);
  const [open, close] = Array.isArray(value) ? '[]' : '{}';
  if (items.length === 0) return `${open}${close}`;
  if (indent === 0) return `${open}${items.join(',')}${close}`;
  return `${open}\n${items.map((item) => inner + item).join(',\n')}\n${margin}${close}`;
}
