/** Names that sessions give to the requests that are sent with them. */
import type { Collection } from '../collection/collection.js';
import { allReadable } from './readable.js';

/** By any session: which one a request is sent with may be said by a step or the command line. */
export const suppliedBy = (collection: Collection): string[] =>
  allReadable(collection, 'session').flatMap(({ content }) => Object.keys(content.supply ?? {}));
