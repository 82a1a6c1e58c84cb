/** Which requests keep a value under a name, so that it need not be copied by eye. */
import type { Collection } from '../collection/collection.js';

/** Names of requests, in their order. */
export function keepersOf(collection: Collection, name: string): string[] {
  return collection.names('request').filter((request) => {
    try {
      return Object.hasOwn(collection.read('request', request).content.keep ?? {}, name);
    } catch {
      // What is wrong with that file is told by check.
      return false;
    }
  });
}
