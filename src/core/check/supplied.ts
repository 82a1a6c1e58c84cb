/** Names that sessions give to the requests that are sent with them. */
import type { Collection } from '../collection/collection.js';

/** By any session: which one a request is sent with may be said by a step or the command line. */
export function suppliedBy(collection: Collection): string[] {
  return collection.names('session').flatMap((name) => {
    try {
      return Object.keys(collection.read('session', name).content.supply ?? {});
    } catch {
      // What is wrong with that file is told of it.
      return [];
    }
  });
}
