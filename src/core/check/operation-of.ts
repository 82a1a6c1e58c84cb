/** The documented operation that a request names; one that is not found is told by another rule. */
import type { Loaded } from '../collection/collection.js';
import type { RequestFile } from '../collection/files/request-file.js';
import { findOperation } from '../collection/sources/source-index.js';
import type { Operation } from '../documentation/model/model.js';
import type { Checked } from './rule.js';

export function operationOf({ collection }: Checked, { content }: Loaded<RequestFile>): Operation | undefined {
  if (content.operation === undefined) return undefined;
  try {
    return findOperation(collection, content.operation);
  } catch {
    return undefined;
  }
}
