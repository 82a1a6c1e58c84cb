/** What describes the operations of WSDL from the index. */
import type { Describer } from '../format.js';
import { describeSoapOperation, describeXsdType, searchableSoap } from './describe.js';

export const describer: Describer = {
  describe: describeSoapOperation,
  describeType: describeXsdType,
  searchable: searchableSoap,
};
