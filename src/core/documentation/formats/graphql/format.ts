/** GraphQL: a schema in SDL, or the result of an introspection. */
import type { DocumentationFormat } from '../format.js';

export const graphql: DocumentationFormat = {
  name: 'GraphQL',
  about: 'a schema such as `type Query {…}`, or the JSON of an introspection with __schema',
  claims: ({ notation, content }) => notation === 'graphql' || isIntrospection(content),
  references: async () => [],
  read: async (documents, source) => (await import('./read.js')).readGraphql(documents, source),
  describer: async () => (await import('./describer.js')).describer,
};

function isIntrospection(content: unknown): boolean {
  if (typeof content !== 'object' || content === null) return false;
  if ('__schema' in content) return true;
  const { data } = content as { data?: unknown };
  return typeof data === 'object' && data !== null && '__schema' in data;
}
