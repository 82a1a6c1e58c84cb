/** What describes the operations of OpenAPI from the index. */
import type { Describer } from '../format.js';
import { describeOperation } from './describe.js';
import { describeSchema } from './schema.js';
import { searchableWords, sharedWords } from './words.js';

export const describer: Describer = {
  describe: describeOperation,
  describeType: describeSchema,
  searchable: searchableWords,
  searchableShared: sharedWords,
};
