/** Holding a document against a schema, offline. */
import { GraphQLError, type GraphQLSchema, parse, validate } from 'graphql';
import type { Part } from '../../reading/documents.js';
import { schemaOf } from './read.js';

export interface DocumentFault {
  readonly what: string;
  /** In the document, from 1. */
  readonly line: number;
}

/** A document is checked against many; the schema is built once. */
const built = new WeakMap<Part, GraphQLSchema>();

/** @throws Problem document-unreadable: the schema is none */
export function documentFaults(document: string, main: Part): readonly DocumentFault[] {
  const schema = built.get(main) ?? schemaOf(main);
  built.set(main, schema);
  const fault = (error: GraphQLError): DocumentFault => ({
    what: error.message,
    line: error.locations?.[0]?.line ?? 1,
  });
  try {
    return validate(schema, parse(document, { maxTokens: 100_000 })).map(fault);
  } catch (error) {
    if (error instanceof GraphQLError) return [fault(error)];
    throw error;
  }
}
