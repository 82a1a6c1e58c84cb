/** A documentation format: how it is recognised, read once, and described from the index ever after. */

import type { Definitions, Documentation, Operation, OperationEntry, TypeDescription } from '../model/model.js';
import type { Documents, Part } from '../reading/documents.js';

export interface DocumentationFormat {
  /** As it is in the index: `OpenAPI`. */
  readonly name: string;
  /** What it looks like, for people whose file is none: `openapi: 3.x or swagger: 2.0 at its top`. */
  readonly about: string;
  /** Whether a document claims to be of this format, in any version. */
  claims(part: Part): boolean;
  /** What a document refers to, as it is there; fragments included. */
  references(part: Part): Promise<readonly string[]>;
  /** @throws Problem document-unreadable: a version that is not read, or nothing usable in it */
  read(documents: Documents, source: string): Promise<Documentation>;
  /** What describes its operations from the index. */
  describer(): Promise<Describer>;
}

/** What an index of a format is read with. */
export interface Describer {
  /** An operation in full, or with so many levels of members below members. */
  describe(entry: OperationEntry, source: string, definitions: Definitions, depth?: number): Operation;
  describeType(name: string, key: string, definitions: Definitions): TypeDescription;
  /** Names of fields, such as `cargo.kind`, and the texts of their descriptions, for searches. */
  searchable(entry: OperationEntry, definitions: Definitions): Searchable & { readonly shared?: readonly string[] };
  /** What operations share, by the keys that `searchable` gave: written once, however many have it. */
  searchableShared?(key: string, definitions: Definitions): Searchable;
}

export interface Searchable {
  readonly description: string;
  readonly fields: readonly string[];
}
