/** Types of the documentation by name. */

import type { TypeDescription } from '../../documentation/model/model.js';
import { action } from '../../problem/actions.js';
import { nearestHint } from '../../problem/nearest.js';
import { Problem } from '../../problem/problem.js';
import type { SourceCatalogue } from './source-catalogue.js';
import { sourceIndex } from './source-index.js';

/**
 * A type by `SOURCE/TYPE`, or by its name alone where only one source has it.
 * @throws Problem operation-not-found, name-ambiguous
 */
export function findType(shelf: SourceCatalogue, given: string): TypeDescription & { readonly source: string } {
  const names = Object.keys(shelf.docs);
  const slash = given.indexOf('/');
  const found = names.flatMap((source) => {
    const name = given.slice(0, slash) === source ? given.slice(slash + 1) : given;
    const type = sourceIndex(shelf, source).type(name);
    return type ? [{ source, ...type }] : [];
  });
  const [only, other] = found;
  if (only && !other) return only;
  if (only) {
    throw new Problem('name-ambiguous', {
      what: `several sources have a type ${given}`,
      remedy: found.map(({ source, name }) => `${source}/${name}`).join(', '),
    });
  }
  const all = names.flatMap((source) => sourceIndex(shelf, source).types());
  throw new Problem('operation-not-found', {
    what: `no documentation source has a type ${given}`,
    remedy: nearestHint(given, all) ?? `${action().listSources()} counts the types of each source`,
  });
}
