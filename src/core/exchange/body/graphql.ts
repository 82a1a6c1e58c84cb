/**
 * `graphql`: a document with its variables. POST sends them as JSON (GraphQL over HTTP, section 5.4), GET as parameters
 * (section 5.3), and where a variable is a file, all of it goes as parts: `operations`, a `map` from parts to variables,
 * and the files.
 */

import { basename } from 'node:path';
import { type Evaluation, omitted } from '../../expression/evaluation.js';
import { compileTree, replacedAt, type SecretTrace } from '../../expression/tree.js';
import { action } from '../../problem/actions.js';
import { type FilePosition, Problem } from '../../problem/problem.js';
import { writeJson } from '../../value/json-text.js';
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { graphqlDocument, requiredVariables } from '../request/graphql-operation.js';
import { hidden, type WireBody } from '../request/wire.js';
import type { BodyKind, BodySetting } from './body-kind.js';
import { mediaTypeOf } from './media-type.js';
import { multipart, type Part } from './parts.js';

export const graphql: BodyKind = {
  name: 'graphql',
  about: 'a GraphQL document with its variables; variables keep their types, and may be files',
  compile(spec, setting) {
    const { variables = {}, operation } = spec as { variables?: Value; operation?: string };
    const document = documentOf((spec as { document: string }).document, setting);
    const { where, loads, method } = setting;
    const required = requiredVariables(document);
    const tree = compileTree(variables, (path) => where(['variables', ...path]), loads);
    return (evaluation) => {
      const trace: SecretTrace = { path: [], secret: [] };
      const value = tree.evaluate(evaluation, trace);
      const given = value === omitted ? {} : value;
      requireVariables(required, given, where(['variables']));
      const call: Call = { document, operation, variables: given, secret: trace.secret };
      const files: Upload[] = [];
      const sent = takeFiles(given, 'variables', files, evaluation);
      if (method === 'GET' && files.length > 0) {
        throw new Problem('body-shape', {
          what: 'a variable is a file, which a GET request cannot carry',
          where: where(['variables']),
          remedy: 'method: POST',
        });
      }
      if (method === 'GET') return asParameters(call);
      return files.length > 0 ? asParts({ ...call, variables: sent }, files) : asJson(call);
    };
  },
};

/** The server would refuse it. @throws Problem body-shape */
function requireVariables(required: readonly string[], given: Value, where: FilePosition | undefined): void {
  const missing = required.find(
    (name) => !isValueMap(given) || plain((ownMember(given, name) as Value | undefined) ?? null) === null,
  );
  if (missing === undefined) return;
  throw new Problem('body-shape', {
    what: `the document requires the variable $${missing}, and it has no value`,
    where,
    remedy: `give it under variables: in the request file, or ${action().giveVariable(missing)}`,
  });
}

interface Call {
  readonly document: string;
  readonly operation: string | undefined;
  readonly variables: Value;
  readonly secret: SecretTrace['secret'];
}

function documentOf(given: string, { where, read }: BodySetting): string {
  let document: string;
  try {
    document = graphqlDocument(given, read);
  } catch (error) {
    throw error instanceof Problem ? error.at(where(['document'])) : error;
  }
  if (document.includes('${')) {
    throw new Problem('body-shape', {
      what: 'the document contains an expression',
      where: where(['document']),
      remedy: 'declare a variable in the document ($name: Type) and give its value under variables:',
    });
  }
  return document;
}

const hasVariables = (variables: Value): boolean => isValueMap(variables) && Object.keys(variables).length > 0;

function operationsText({ document, operation }: Call, variables: Value): string {
  return writeJson({
    query: document,
    ...(hasVariables(variables) && { variables }),
    ...(operation !== undefined && { operationName: operation }),
  });
}

function asJson(call: Call): WireBody {
  const text = operationsText(call, call.variables);
  const secret = call.secret.length > 0;
  const shown = secret ? operationsText(call, replacedAt(call.variables, call.secret, hidden)) : text;
  return { bytes: Buffer.from(text, 'utf8'), type: 'application/json', shown, secret };
}

function asParameters({ document, operation, variables, secret }: Call): WireBody {
  const hide = secret.length > 0;
  return {
    bytes: new Uint8Array(),
    type: '',
    shown: '',
    secret: hide,
    asQuery: [
      { name: 'query', value: document, secret: false },
      ...(hasVariables(variables)
        ? [
            {
              name: 'variables',
              value: writeJson(variables),
              secret: hide,
              ...(hide && { shown: writeJson(replacedAt(variables, secret, hidden)) }),
            },
          ]
        : []),
      ...(operation === undefined ? [] : [{ name: 'operationName', value: operation, secret: false }]),
    ],
  };
}

interface Upload {
  /** `variables.plan`, `variables.plans.0`. */
  readonly at: string;
  readonly named: string;
  readonly path: string;
}

/** The variables with null where a file was: `{upload: data/plan.pdf}`. */
function takeFiles(value: Value, at: string, files: Upload[], evaluation: Evaluation): Value {
  if (Array.isArray(value))
    return value.map((item: Value, index) => takeFiles(item, `${at}.${index}`, files, evaluation));
  if (!isValueMap(value)) return value;
  const keys = Object.keys(value);
  if (keys.length === 1 && keys[0] === 'upload') {
    const named = textOf(value.upload as Value);
    files.push({ at, named, path: evaluation.runtime.path(named) });
    return null;
  }
  return Object.fromEntries(
    Object.entries(value).map(([key, inner]) => [key, takeFiles(inner, `${at}.${key}`, files, evaluation)]),
  );
}

function asParts(call: Call, files: readonly Upload[]): WireBody {
  const text = operationsText(call, call.variables);
  const shown = call.secret.length > 0 ? operationsText(call, replacedAt(call.variables, call.secret, hidden)) : text;
  const map = JSON.stringify(Object.fromEntries(files.map(({ at }, index) => [String(index + 1), [at]])));
  const field = (name: string, content: string, asShown: string): Part => ({
    name,
    fileName: undefined,
    type: undefined,
    content: { bytes: Buffer.from(content), shown: asShown },
  });
  return {
    ...multipart([
      field('operations', text, shown),
      field('map', map, map),
      ...files.map(
        ({ named, path }, index): Part => ({
          name: String(index + 1),
          fileName: basename(named),
          type: mediaTypeOf(named),
          content: { path, named },
        }),
      ),
    ]),
    secret: call.secret.length > 0,
  };
}
