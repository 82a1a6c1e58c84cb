/** One shape for the operations of every vendor, whatever its documentation is written in. */
import type { Value } from '../value/written.js';

/** What a value must keep to; the first five are matchers of the same name. */
export interface Limits {
  readonly 'at-least'?: number;
  readonly 'at-most'?: number;
  readonly over?: number;
  readonly under?: number;
  readonly matches?: string;
  readonly 'multiple-of'?: number;
  readonly 'least-length'?: number;
  readonly 'most-length'?: number;
  readonly 'least-items'?: number;
  readonly 'most-items'?: number;
  readonly 'no-item-twice'?: boolean;
}

/** A parameter or a field of a body or answer. */
export interface Field {
  readonly name: string;
  /** `string`, `integer`, `array of string`, `string (date-time)`, `string or null`. */
  readonly type: string;
  readonly required: boolean;
  readonly description?: string;
  readonly default?: Value;
  readonly example?: Value;
  /** The only values allowed. */
  readonly allowed?: readonly Value[];
  readonly limits?: Limits;
  /** Set by the server, never sent. */
  readonly readOnly?: boolean;
  readonly writeOnly?: boolean;
  readonly deprecated?: boolean;
  /** Members of an object, or of the items of a list. */
  readonly fields?: readonly Field[];
  /** The name of a schema that holds itself; its fields are listed where it stands first. */
  readonly recursive?: string;
}

export type ParameterLocation = 'path' | 'query' | 'header' | 'cookie';

export interface Parameter extends Field {
  readonly in: ParameterLocation;
  /** How a list is written in a query. */
  readonly lists?: 'repeated' | 'joined';
}

export interface Content {
  /** The media type. */
  readonly type: string;
  readonly fields: readonly Field[];
  /** As documented, else made from the fields. */
  readonly example?: Value;
  /** False where the example was made from the fields. */
  readonly documentedExample: boolean;
  /** The JSON Schema (2020-12); `#/components/schemas/…` refers to the source's definitions. */
  readonly schema?: Value;
}

export interface Body extends Content {
  readonly required: boolean;
  /** Other media types that the operation takes. */
  readonly otherTypes: readonly string[];
}

export interface Answer {
  /** `201`, `4XX` or `default`. */
  readonly status: string;
  readonly description?: string;
  readonly content?: Content;
  readonly headers: readonly Field[];
}

/** One way to authenticate: all of its schemes together. */
export interface SecurityNeed {
  readonly schemes: readonly { readonly name: string; readonly about: string }[];
}

export interface Operation {
  readonly id: string;
  readonly source: string;
  readonly group: string;
  readonly summary?: string;
  readonly description?: string;
  readonly method: string;
  /** The address behind the origin, with `{name}` parts. */
  readonly path: string;
  readonly deprecated: boolean;
  /** Whether a call changes something at the vendor. */
  readonly changes: boolean;
  readonly parameters: readonly Parameter[];
  readonly body?: Body;
  readonly answers: readonly Answer[];
  /** Any one of these is enough; empty where none is wanted. */
  readonly security: readonly SecurityNeed[];
}

/** Something that could not be read; only this part is lost. */
export interface Warning {
  /** JSON pointer (RFC 6901) into the document. */
  readonly at: string;
  readonly what: string;
}

export interface Documentation {
  readonly format: string;
  readonly version: string;
  readonly title: string;
  readonly servers: readonly string[];
  readonly operations: readonly Operation[];
  /** Schemas by name, as JSON Schema 2020-12. */
  readonly definitions: Readonly<Record<string, Value>>;
  readonly warnings: readonly Warning[];
}
