/** The call of a GraphQL field: its document, and the variables that it wants. */
import { callDocument, type SelectionSettings, usualDepth } from '../formats/graphql/selection.js';
import type { Definitions, GraphqlCall, Operation } from '../model/model.js';
import { members } from './body.js';
import type { Inputs } from './inputs.js';
import { active, block, type CallLines, type Line, scalar } from './lines.js';

export function graphqlLines(
  { parameters, changes }: Operation,
  call: GraphqlCall,
  definitions: Definitions,
  selection: Partial<SelectionSettings> | undefined,
  inputs: Inputs,
): CallLines {
  const required = parameters.filter((one) => one.required).map(({ name }) => name);
  // A variable that is declared and not used is refused, so optional ones are in the document from the start.
  const optional = parameters.filter((one) => !one.required && one.deprecated !== true).map(({ name }) => name);
  const document = callDocument(call, definitions, [...required, ...optional], { depth: usualDepth, ...selection });
  const { pathname = '/graphql' } = call.endpoint === undefined ? {} : new URL(call.endpoint);
  const variables = members(parameters, [], inputs, true);
  const graphql: Line[] = [
    active('document: |'),
    ...document.split('\n').map((line) => active(`  ${line}`)),
    ...block('variables', variables),
  ];
  return {
    address: [
      [
        active('method: POST'),
        active(`url: \${origin}${pathname}`),
        ...(changes ? [] : [active('changes: false                      # a query, although it is a POST')]),
      ],
      block('headers', [active(`Accept: ${scalar('application/graphql-response+json, application/json')}`)]),
    ],
    body: [
      block('body', block('graphql', graphql)),
      block('expect', [
        active('status: 200'),
        active('errors: {count: 0}'),
        active(`${scalar(`$.data.${call.field}`)}: {exists: true}`),
      ]),
    ],
  };
}
