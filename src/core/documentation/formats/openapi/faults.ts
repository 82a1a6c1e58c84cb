/**
 * What is faulty in an operation as vendors publish them: those parts are lost alone, and told. Schemas are left aside:
 * they are looked at when they are shown. Places are made only where something is wrong, since most of it is right.
 */
import { ownMember } from '../../../value/own-member.js';
import type { OperationEntry } from '../../model/model.js';
import { isParameter, isStatus, type OwnOperation } from './describe.js';
import { below, isMap, type Json, pointer, type References } from './references.js';

/** Warns about each. */
export function warnOfFaults({ path, own: kept }: OperationEntry, references: References): void {
  const { operation, at, shared, security, server = [] } = kept as unknown as OwnOperation;
  // What the server has in its path is described with the server.
  const own = server.reduce((rest, { name }) => rest.replaceAll(`{${name}}`, ''), path);
  warnOfParameters([shared, operation.parameters], own, references, at);
  if (operation.requestBody !== undefined) warnOfBody(operation.requestBody, references, at);
  warnOfResponses(operation.responses, references, at);
  warnOfSecurity(security, references, at);
}

/** What a value refers to; its own place is made only where it refers to anything. */
const followed = (
  value: Json | undefined,
  references: References,
  at: string,
  ...keys: readonly (string | number)[]
): Json | undefined =>
  isMap(value) && typeof value.$ref === 'string' ? references.follow(value, at + pointer(...keys)) : value;

function warnOfParameters(
  lists: readonly (Json | undefined)[],
  path: string,
  references: References,
  at: string,
): void {
  const inPath = new Set<string>();
  for (const list of lists) {
    if (list === undefined) continue;
    if (!Array.isArray(list)) references.warn(at, 'parameters is not a list');
    for (const [index, given] of (Array.isArray(list) ? (list as readonly Json[]) : []).entries()) {
      const parameter = followed(given, references, at, 'parameters', index);
      if (parameter === undefined) continue;
      if (!isParameter(parameter)) {
        references.warn(at + pointer('parameters', index), 'the parameter has no name, or is in no known place');
      } else if (parameter.in === 'path') inPath.add(parameter.name);
    }
  }
  if (!path.includes('{')) return;
  for (const [, name] of path.matchAll(/\{([^}]+)\}/g))
    if (name !== undefined && !inPath.has(name)) references.warn(at, `the path parameter ${name} is not described`);
}

function warnOfBody(given: Json, references: References, at: string): void {
  const body = followed(given, references, at, 'requestBody');
  if (!isMap(body) || !isMap(body.content) || Object.keys(body.content).length === 0)
    references.warn(below(at, 'requestBody'), 'the request body has no content');
  else warnOfContent(body, references, () => below(at, 'requestBody'));
}

function warnOfResponses(responses: Json | undefined, references: References, at: string): void {
  if (responses === undefined) return;
  if (!isMap(responses)) {
    references.warn(below(at, 'responses'), 'the responses are not a map');
    return;
  }
  for (const status of Object.keys(responses)) {
    const response = followed(ownMember(responses, status), references, at, 'responses', status);
    const where = (): string => at + pointer('responses', status);
    if (status.startsWith('x-')) continue;
    if (!isStatus(status)) {
      references.warn(where(), `${status} is no status, no class of them, and not default`);
      continue;
    }
    if (isMap(response)) warnOfContent(response, references, where);
    else if (response !== undefined) references.warn(where(), 'the response is not a map');
  }
}

function warnOfContent(holder: { readonly [key: string]: Json }, references: References, at: () => string): void {
  if (!isMap(holder.content)) return;
  for (const type of Object.keys(holder.content))
    if (!isMap(ownMember(holder.content, type)))
      references.warn(at() + pointer('content', type), 'the content is not a map');
}

function warnOfSecurity(security: Json | undefined, references: References, at: string): void {
  if (!Array.isArray(security)) return;
  for (const need of security as readonly Json[]) {
    for (const name of Object.keys(isMap(need) ? need : {})) {
      if (!isMap(references.follow({ $ref: `#/components/securitySchemes/${name}` }, at)))
        references.warn(at, `the security scheme ${name} is not described`);
    }
  }
}
