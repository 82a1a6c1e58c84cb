/** Types of the documentation by name. */

import type { TypeDescription } from '../../documentation/model/model.js';
import { action } from '../../problem/actions.js';
import { nearestHint } from '../../problem/nearest.js';
import { Problem } from '../../problem/problem.js';
import type { SourceCatalogue } from './source-catalogue.js';
import { sourceIndex } from './source-index.js';

/**
 * A type by `SOURCE/TYPE`, by its name alone where only one source has it, or by the end of a long name: `Berth` of
 * `harbour.quays.Berth`.
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
  const fitting = found.length > 0 ? found : typesEnding(shelf, given);
  const [only, other] = fitting;
  if (only && !other) return only;
  if (only) {
    throw new Problem('name-ambiguous', {
      what: `several types fit ${given}`,
      remedy: `write one of them whole: ${fitting
        .slice(0, mostNamed)
        .map(({ source, name }) => `${source}/${name}`)
        .join(', ')}${fitting.length > mostNamed ? `, and ${fitting.length - mostNamed} more` : ''}`,
    });
  }
  const all = names.flatMap((source) => sourceIndex(shelf, source).types());
  throw new Problem('operation-not-found', {
    what: `no documentation source has a type ${given}`,
    remedy: nearestHint(given, all) ?? `${action().listSources()} counts the types of each source`,
  });
}

const mostNamed = 8;

/** Types whose long names, such as those with a package or a file before them, end so. */
function typesEnding(shelf: SourceCatalogue, given: string): (TypeDescription & { readonly source: string })[] {
  return Object.keys(shelf.docs).flatMap((source) => {
    const index = sourceIndex(shelf, source);
    const end = given.startsWith(`${source}/`) ? given.slice(source.length + 1) : given;
    return index
      .types()
      .filter((name) => name.endsWith(end) && /[^\p{L}\p{N}]$/u.test(name.slice(0, -end.length)))
      .flatMap((name) => {
        const type = index.type(name);
        return type ? [{ source, ...type }] : [];
      });
  });
}
