/** The question that asks an endpoint for its schema (GraphQL, section 4.2). */
import { getIntrospectionQuery } from 'graphql';

export const introspectionQuery = getIntrospectionQuery({
  specifiedByUrl: true,
  schemaDescription: true,
  inputValueDeprecation: true,
});
