/** OpenAPI 2.0, 3.0 and 3.1. */
import type { DocumentationFormat } from '../format.js';

export const openapi: DocumentationFormat = {
  name: 'OpenAPI',
  about: 'openapi: 3.0.x, openapi: 3.1.x or swagger: "2.0" at its top',
  claims: ({ content }) =>
    typeof content === 'object' && content !== null && ('openapi' in content || 'swagger' in content),
  references: async (part) => (await import('./definitions.js')).foreignReferences(part),
  read: async (documents, source) => (await import('./read.js')).readOpenApi(documents, source),
  describer: async () => (await import('./describer.js')).describer,
};
