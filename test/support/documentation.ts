/** Documentation read from texts, and described through its index as the program does. */
import assert from 'node:assert/strict';
import { join } from 'node:path';
import { type DraftSettings, draftRequest } from '../../src/core/documentation/draft/draft.js';
import { type DocumentationIndex, openIndex } from '../../src/core/documentation/index/index-file.js';
import { writeIndex } from '../../src/core/documentation/index/write-index.js';
import type { Documentation, Operation } from '../../src/core/documentation/model/model.js';
import { mainAddress } from '../../src/core/documentation/reading/documents.js';
import { type Fetched, gatherDocuments } from '../../src/core/documentation/reading/gather.js';
import { formatOf, readDocumentation } from '../../src/core/documentation/reading/read.js';
import { temporaryFolder } from './folder.js';

export interface ReadSource {
  readonly documentation: Documentation;
  readonly refused: readonly { readonly name: string; readonly why: string }[];
  readonly index: DocumentationIndex;
  readonly operations: readonly Operation[];
  operation(id: string): Operation;
  /** The text of a request file. */
  draft(id: string, settings?: Partial<DraftSettings>): string;
}

/** @param others the texts of further documents, by their names beside the first */
export async function readSource(
  text: string,
  file: string,
  { name = 'harbour', others = {} }: { name?: string; others?: Readonly<Record<string, string>> } = {},
): Promise<ReadSource> {
  const uri = mainAddress(file);
  const fetch = async (address: string): Promise<Fetched> => {
    const found = Object.entries(others).find(([other]) => new URL(other, uri).href === address);
    return found ? { content: found[1] } : { refused: 'it is not there' };
  };
  const { documents, refused } = await gatherDocuments(uri, file, text, fetch);
  const documentation = await readDocumentation(documents, name);
  const folder = join(temporaryFolder(), name);
  const describer = await formatOf(documents.main).describer();
  const facts = writeIndex(folder, documentation, { stamp: '1', files: [] }, describer);
  const index = await openIndex(folder, name, facts);
  const source: ReadSource = {
    documentation,
    refused,
    index,
    operations: [...index.operations()],
    operation(id) {
      const found = index.operation(id);
      assert.ok(found, `${id} is there`);
      return found;
    },
    draft(id, settings) {
      const entry = index.entry(id);
      assert.ok(entry);
      return draftRequest(source.operation(id), {
        schema: 'x.json',
        entry,
        definitions: index.definitions,
        ...settings,
      });
    },
  };
  return source;
}

export const readJson = (document: unknown): Promise<ReadSource> =>
  readSource(JSON.stringify(document), 'harbour.json');
