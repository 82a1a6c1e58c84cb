/** WSDL 1.1. */
import type { DocumentationFormat } from '../format.js';

export const wsdl: DocumentationFormat = {
  name: 'WSDL',
  about: 'WSDL 1.1: definitions of http://schemas.xmlsoap.org/wsdl/',
  claims: ({ notation, text }) =>
    notation === 'xml' && /http:\/\/(?:schemas\.xmlsoap\.org\/wsdl\/|www\.w3\.org\/2001\/XMLSchema)["']/.test(text),
  references: async (part) => (await import('./read.js')).xmlReferences(part),
  read: async (documents, source) => (await import('./read.js')).readWsdl(documents, source),
  describer: async () => (await import('./describer.js')).describer,
};
