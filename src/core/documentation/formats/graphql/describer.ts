/** What describes the operations of GraphQL from the index. */
import type { Describer } from '../format.js';
import { describeField, describeGraphqlType, searchableField, searchableType } from './describe.js';

export const describer: Describer = {
  describe: describeField,
  describeType: describeGraphqlType,
  searchable: searchableField,
  searchableShared: searchableType,
};
