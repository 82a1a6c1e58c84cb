/** Envelopes of a documented SOAP operation, held against its schemas. */
import type { EnvelopeMismatch } from '../../documentation/changes/envelope-mismatch.js';
import type { OwnSoapOperation } from '../../documentation/formats/wsdl/model.js';
import type { Operation } from '../../documentation/model/model.js';
import type { SourceCatalogue } from './source-catalogue.js';
import { sourceIndex } from './source-index.js';

/** @param text may hold expressions @returns nothing where the operation is none of SOAP */
export async function documentedEnvelope(
  shelf: SourceCatalogue,
  { source, id, soap }: Operation,
  text: string,
  side: 'input' | 'output',
): Promise<readonly EnvelopeMismatch[]> {
  if (!soap) return [];
  const index = sourceIndex(shelf, source);
  const entry = index.entry(id);
  if (!entry) return [];
  const { envelopeMismatches } = await import('../../documentation/changes/envelope-mismatch.js');
  return envelopeMismatches(text, entry.own as unknown as OwnSoapOperation, index.definitions, side);
}
