/** The call of a GraphQL field: its document, and the variables that it wants. */
import type { Value } from '../../value/written.js';
import { callDocument, type SelectionSettings } from '../formats/graphql/selection.js';
import type { Definitions, GraphqlCall, Operation } from '../model/model.js';
import { members } from './body.js';
import type { DraftedCall } from './call.js';
import type { Inputs } from './inputs.js';
import { block, DraftMap, expression, literal, literalText } from './yaml.js';

export function graphqlCall(
  { parameters, changes, responses }: Operation,
  call: GraphqlCall,
  definitions: Definitions,
  selection: Partial<SelectionSettings> | undefined,
  inputs: Inputs,
  wanted: (name: string) => boolean,
): DraftedCall {
  const required = parameters.filter((one) => one.required).map(({ name }) => name);
  // A variable that is declared and not used is refused, so optional ones are in the document from the start.
  const optional = parameters.filter((one) => !one.required && one.deprecated !== true).map(({ name }) => name);
  const document = callDocument(call, definitions, [...required, ...optional], { ...selection });
  const { pathname = '/graphql' } = call.endpoint === undefined ? {} : new URL(call.endpoint);
  const variables = members(parameters, { path: [], inputs, wanted });
  const graphql = new DraftMap().set('document', block(`${literalText(document)}\n`));
  if (!variables.isEmpty) graphql.set('variables', variables, { active: variables.isActive });
  const address = new DraftMap()
    .set('method', literal('POST'))
    .set('url', expression(`\${origin}${literalText(pathname)}`));
  if (!changes) address.set('changes', literal(false), { about: `a ${call.root}, although it is a POST` });
  // A subscription responds with server-sent events, one a value (GraphQL over Server-Sent Events Protocol).
  const streams = call.root === 'subscription';
  address.set('headers', new DraftMap().set('Accept', literal(streams ? events : json)));
  return {
    address,
    body: new DraftMap().set('body', new DraftMap().set('graphql', graphql)),
    result: new DraftMap().set(
      'expect',
      streams
        ? new DraftMap().set('status', literal(200)).set('header.content-type', literal({ 'starts-with': events }))
        : new DraftMap()
            .set('status', literal(200))
            .set('errors', literal({ count: 0 }))
            .set(`$.data.${call.field}`, literal(resultMatcher(call, (responses[0]?.content?.fields.length ?? 0) > 0))),
    ),
  };
}

const json = 'application/graphql-response+json, application/json';
const events = 'text/event-stream';

/** What is there, and is not null: GraphQL says both that a thing is not there, and that something failed, by null. */
function resultMatcher({ returns }: GraphqlCall, hasFields: boolean): Value {
  if (returns.startsWith('[')) return { type: 'array' };
  return hasFields ? { type: 'object' } : { exists: true, not: null };
}
