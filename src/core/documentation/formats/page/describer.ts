/** What describes the operations of a reference page from the index. */
import { describeEntry, noType, searchableEntry } from '../described.js';
import type { Describer } from '../format.js';

export const describer: Describer = {
  describe: describeEntry,
  describeType: noType,
  searchable: searchableEntry,
};
