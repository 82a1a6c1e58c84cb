/** What supplies the values of an operation's parameters, in terms of the collection: a request, where one is there. */

import type { Collection } from '../collection/collection.js';
import { sourceIndex } from '../collection/sources/source-index.js';
import type { Supplier } from '../documentation/draft/inputs.js';
import { linksOf } from '../documentation/explore/links.js';
import type { Operation } from '../documentation/model/model.js';
import { usersOfOperations } from './usages.js';

/** By the name of the parameter. */
export function suppliersFor(collection: Collection, operation: Operation): ReadonlyMap<string, Supplier> {
  const users = usersOfOperations(collection);
  return new Map(
    linksOf(operation, sourceIndex(collection, operation.source)).map(({ name, operation: from, place, guess }) => {
      const [request] = users(`${operation.source}/${from}`).requests;
      const holder = request ?? `${operation.source}/${from}`;
      return [name, { from: `${holder}, ${place}`, drafted: request !== undefined, guess }];
    }),
  );
}
