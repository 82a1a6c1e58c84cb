/** What is told of each documentation source in a list. */
import type { IndexFacts } from '../../documentation/index/index-file.js';
import type { SourceCatalogue, SourceEntry } from './source-catalogue.js';
import { openSourceLists } from './source-index.js';

export interface DocumentationSource extends Omit<IndexFacts, 'index' | 'stamp' | 'files'> {
  readonly name: string;
  readonly file: string;
  readonly source: string | undefined;
  readonly fetched: string | undefined;
}

export const sourceOf = (
  name: string,
  { file, source, fetched }: SourceEntry,
  { index: _, stamp: __, files: ___, ...facts }: IndexFacts,
): DocumentationSource => ({ name, file, source, fetched, ...facts });

/** @throws Problem document-unreadable, file-not-found: a source whose index is missing cannot be read */
export async function sources(shelf: SourceCatalogue): Promise<DocumentationSource[]> {
  const all: DocumentationSource[] = [];
  for (const [name, entry] of Object.entries(shelf.docs))
    all.push(sourceOf(name, entry, (await openSourceLists(shelf, name)).facts));
  return all;
}
