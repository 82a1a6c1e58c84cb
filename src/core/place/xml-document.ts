/** Text as an XML document. Entities that it declares are refused: they can multiply it, or fetch what nobody asked for. */
import { DOMParser, type Document, onErrorStopParsing } from '@xmldom/xmldom';
import { Problem } from '../problem/problem.js';

/** @param type as the response names it, for messages @throws Problem response-not-xml */
export function parseXml(text: string, type: string | undefined): Document {
  if (/<!ENTITY/i.test(text)) {
    throw new Problem('response-not-xml', {
      what: 'the response declares entities, and is not read as XML',
      where: 'reading the response',
      cause: 'entities can multiply a document, or fetch something unasked',
      remedy: 'the place body has its text',
    });
  }
  try {
    return new DOMParser({ onError: onErrorStopParsing }).parseFromString(text, 'text/xml');
  } catch (error) {
    const [cause] = (error as Error).message.split('\n');
    throw new Problem('response-not-xml', {
      what: text.trim() === '' ? 'the response is empty, and XML was expected' : 'the response is not well-formed XML',
      where: 'reading the response',
      cause:
        text.trim() === ''
          ? undefined
          : `${cause}; it begins with ${JSON.stringify(text.slice(0, 80))}; its type is ${type ?? 'not named'}`,
    });
  }
}
