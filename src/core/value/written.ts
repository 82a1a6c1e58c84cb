/**
 * Values that remember how they were written: `0012` stays `0012` where text is wanted and is the
 * number 12 where JSON is wanted; a whole number beyond 2^53 keeps every digit.
 */

/** A number, boolean or null whose source text differs from what JavaScript would print. */
export class SourceScalar {
  constructor(
    readonly text: string,
    readonly value: number | boolean | null,
  ) {}

  /** A plain object, so that a careless JSON.stringify still gives the value. */
  toJSON(): number | boolean | null {
    return this.value;
  }
}

/** Any value that flows through requests: JSON data, plus `Written` scalars and raw bytes. */
export type Value = null | boolean | number | string | SourceScalar | Uint8Array | readonly Value[] | ValueMap;
export interface ValueMap {
  readonly [key: string]: Value;
}

/** The scalar for a source text: plain where JavaScript prints it the same, else `Written`. */
export function sourceScalar(text: string, value: number | boolean | null): SourceScalar | number | boolean | null {
  return String(value) === text ? value : new SourceScalar(text, value);
}

/** The JavaScript value behind a scalar. */
export function plain<T>(value: T | SourceScalar): T | number | boolean | null {
  return value instanceof SourceScalar ? value.value : value;
}

export function isValueMap(value: unknown): value is ValueMap {
  return (
    typeof value === 'object' &&
    value !== null &&
    !Array.isArray(value) &&
    !(value instanceof SourceScalar) &&
    !(value instanceof Uint8Array)
  );
}

/** JSON's own names for types, with `integer` told apart. */
export type ValueType = 'null' | 'boolean' | 'integer' | 'number' | 'string' | 'array' | 'object';

export function typeOf(given: unknown): ValueType {
  const value = plain(given);
  if (value === null || value === undefined) return 'null';
  if (Array.isArray(value)) return 'array';
  switch (typeof value) {
    case 'boolean':
      return 'boolean';
    case 'number':
      return Number.isInteger(value) ? 'integer' : 'number';
    case 'string':
      return 'string';
    default:
      return 'object';
  }
}
