/** Samples: exchanges that were made, where nothing else describes an operation. */
import type { DocumentationFormat } from '../format.js';

export const samples: DocumentationFormat = {
  name: 'samples',
  about: 'exchanges that were kept as samples',
  claims: ({ content }) =>
    typeof content === 'object' && content !== null && 'samples' in content && Array.isArray(content.samples),
  references: async () => [],
  read: async (documents, source) => (await import('./read.js')).readSamples(documents, source),
  describer: async () => (await import('./describer.js')).describer,
};
