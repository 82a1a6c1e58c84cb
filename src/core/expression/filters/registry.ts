/** All filters. A new family is one file and one line here. */
import { dateFilters } from './date.js';
import { digestFilters } from './digest.js';
import { eachFilter } from './each.js';
import { encodingFilters } from './encoding.js';
import type { Filter } from './filter.js';
import { listFilters } from './list.js';
import { numberFilters } from './number.js';
import { pairFilters } from './pairs.js';
import { renderFilters } from './render.js';
import { signFilters } from './sign.js';
import { textFilters } from './text.js';

/** Families in the order of the manual. */
export const filterFamilies: ReadonlyMap<string, readonly Filter[]> = new Map([
  ['text', textFilters],
  ['lists', [...listFilters, eachFilter(() => filters)]],
  ['headers and queries', pairFilters],
  ['numbers', numberFilters],
  ['dates', dateFilters],
  ['digests', digestFilters],
  ['signatures', signFilters],
  ['encodings', encodingFilters],
  ['templates', renderFilters],
]);

export const filters: ReadonlyMap<string, Filter> = new Map(
  [...filterFamilies.values()].flat().map((filter) => [filter.name, filter]),
);
