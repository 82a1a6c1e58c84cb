/** All formats. A new one is one folder and one line here. */
import type { DocumentationFormat } from './format.js';
import { graphql } from './graphql/format.js';
import { openapi } from './openapi/format.js';
import { page } from './page/format.js';
import { samples } from './sample/format.js';
import { wsdl } from './wsdl/format.js';

export const formats: readonly DocumentationFormat[] = [openapi, graphql, wsdl, page, samples];

export const formatNamed = (name: string): DocumentationFormat | undefined => formats.find((one) => one.name === name);
