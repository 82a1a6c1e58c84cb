/** A reference page for people, in HTML or Markdown. */
import type { DocumentationFormat } from '../format.js';

export const page: DocumentationFormat = {
  name: 'page',
  about: 'a reference page in HTML or Markdown',
  claims: ({ notation }) => notation === 'html' || notation === 'markdown',
  references: async () => [],
  read: async (documents, source) => (await import('./read.js')).readPage(documents, source),
  describer: async () => (await import('./describer.js')).describer,
};
