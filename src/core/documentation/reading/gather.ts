/** The first document of a source, and all that it refers to, each read once. */
import { Problem } from '../../problem/problem.js';
import { addressOf, type Documents, type Part, partName, readPart } from './documents.js';
import { formatOf } from './read.js';

/** Beyond these a document is hostile, or not what was meant. */
const mostParts = 500;
const mostBytes = 200e6;

/** What came of asking for a document: its content, or why it is not read. */
export type Fetched = { readonly content: string | Uint8Array } | { readonly refused: string };

export interface Gathered {
  readonly documents: Documents;
  /** What is referred to and was not read, with the reason. */
  readonly refused: readonly { readonly name: string; readonly why: string }[];
}

/**
 * @param fetch asked for each document that is referred to
 * @throws Problem document-unreadable, document-too-large
 */
export async function gatherDocuments(
  uri: string,
  file: string,
  content: string | Uint8Array,
  fetch: (uri: string) => Promise<Fetched>,
): Promise<Gathered> {
  const main = await readPart(uri, file, content);
  const format = formatOf(main);
  const parts = new Map<string, Part>([[uri, main]]);
  const refused = new Map<string, string>();
  let size = content.length;
  const waiting = [{ part: main, references: await format.references(main) }];
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    for (const reference of next.references) {
      const address = addressOf(reference, next.part.uri);
      if (address === undefined || parts.has(address) || refused.has(address)) continue;
      const fetched = await fetch(address);
      const name = partName(address, uri);
      if ('refused' in fetched) {
        refused.set(address, fetched.refused);
        continue;
      }
      size += fetched.content.length;
      if (parts.size >= mostParts || size > mostBytes) {
        throw new Problem('document-too-large', {
          what: `${file} refers to more documents than can be read`,
          cause: `more than ${parts.size >= mostParts ? `${mostParts} documents` : '200 MB'}`,
        });
      }
      try {
        const read = await readPart(address, name, fetched.content);
        waiting.push({ part: read, references: await format.references(read) });
        parts.set(address, read);
      } catch (error) {
        if (!(error instanceof Problem) || error.code === 'document-too-large') throw error;
        refused.set(address, error.reason ?? error.what);
      }
    }
  }
  return {
    documents: { main, parts },
    refused: [...refused].map(([address, why]) => ({ name: partName(address, uri), why })),
  };
}
