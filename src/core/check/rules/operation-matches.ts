/**
 * A request that names a documented operation has its method, its path and its required parameters.
 *
 *     operation: harbour/bookCall
 *     method: POST
 *     url: ${origin}/v1/vessels/{imo}/calls     # holds
 */

import type { Loaded } from '../../collection/collection.js';
import { methodWritten, type RequestFile } from '../../collection/files/request-file.js';
import { findOperation } from '../../collection/sources/source-index.js';
import type { Operation } from '../../documentation/model/model.js';
import { action } from '../../problem/actions.js';
import { asProblem } from '../../problem/problem.js';
import type { Finding } from '../finding.js';
import type { Rule } from '../rule.js';

export const operationMatches: Rule = {
  name: 'operation-matches',
  must: 'a request that names a documented operation has its method, its path and its required parameters',
  *check(checked) {
    for (const request of checked.requests.values()) {
      const { content, yaml } = request;
      if (content.operation === undefined) continue;
      let operation: Operation;
      try {
        operation = findOperation(checked.collection, content.operation);
      } catch (error) {
        const { what, remedy } = asProblem(error);
        yield { severity: 'error', where: yaml.position(['operation']), what, remedy };
        continue;
      }
      if (operation.protocol !== 'http') {
        yield* otherProtocol(request, operation);
        continue;
      }
      const method = methodWritten(content);
      if (method !== undefined && method !== operation.method) {
        yield {
          severity: 'error',
          where: content.method === undefined ? yaml.position(['url'], 'key') : yaml.position(['method']),
          what: `the method is ${method}${content.method === undefined ? ' (none is written)' : ''}, documented is ${operation.method}`,
          remedy: `method: ${operation.method}`,
        };
      }
      const path = pathOf(content.url);
      if (!samePath(path, operation.path)) {
        yield {
          severity: 'error',
          where: yaml.position(['url']),
          what: `the path is ${path}, documented is ${operation.path}`,
          remedy: `url: \${origin}${operation.path}`,
        };
      }
      yield* missingParts(request, operation);
    }
  },
};

/** GraphQL and SOAP: a POST with a body of that kind; the action by its description. */
function* otherProtocol(
  { content, yaml }: Loaded<RequestFile>,
  { protocol, soap }: Operation,
): Generator<Omit<Finding, 'rule'>> {
  const method = methodWritten(content);
  if (method !== undefined && method !== 'POST' && !(protocol === 'graphql' && content.body === undefined)) {
    yield {
      severity: 'error',
      where: content.method === undefined ? yaml.position(['url'], 'key') : yaml.position(['method']),
      what: `the method is ${method}, and a ${protocol === 'soap' ? 'SOAP' : 'GraphQL'} call is a POST`,
      remedy: 'method: POST',
    };
  }
  const { body } = content;
  if (!soap || !body || !('soap' in body)) return;
  const { version = '1.1', action = '' } = body.soap;
  if (version !== soap.version) {
    yield {
      severity: 'error',
      where: yaml.position(['body', 'soap', 'version']),
      what: `the version is ${version}, documented for this port is ${soap.version}`,
      remedy: `version: "${soap.version}"`,
    };
  }
  if (!action.includes('${') && action.replace(/^"|"$/g, '') !== soap.action) {
    yield {
      severity: 'error',
      where: yaml.position(['body', 'soap', 'action']),
      what: `the action is ${JSON.stringify(action)}, documented is ${JSON.stringify(soap.action)}`,
      remedy: `action: ${soap.action}`,
    };
  }
}

function* missingParts({ content, yaml }: Loaded<RequestFile>, operation: Operation): Generator<Omit<Finding, 'rule'>> {
  const given = {
    query: new Set([
      ...Object.keys(content.query ?? {}),
      ...new URL(`http://x.example${pathOf(content.url, true)}`).searchParams.keys(),
    ]),
    header: new Set(Object.keys(content.headers ?? {}).map((name) => name.toLowerCase())),
  };
  for (const parameter of operation.parameters) {
    if (!parameter.required || (parameter.in !== 'query' && parameter.in !== 'header')) continue;
    if (given[parameter.in].has(parameter.in === 'header' ? parameter.name.toLowerCase() : parameter.name)) continue;
    yield {
      severity: 'warning',
      where: yaml.position(['operation']),
      what: `the documented ${parameter.in} parameter ${parameter.name} is required, and not given`,
      remedy: `add it under ${parameter.in === 'query' ? 'query' : 'headers'}:`,
    };
  }
  if (operation.body?.required && content.body === undefined) {
    yield {
      severity: 'warning',
      where: yaml.position(['operation']),
      what: 'the documented body is required, and there is none',
      remedy: action().showOperation(`${operation.source}/${operation.id}`),
    };
  }
  if (content.operation && !operation.body && content.body !== undefined) {
    yield {
      severity: 'warning',
      where: yaml.position(['body'], 'key'),
      what: 'the documented operation takes no body',
      remedy: 'remove it',
    };
  }
}

/** What stands behind the opening of an address. */
function pathOf(url: string, withQuery = false): string {
  const rest = url.replace(/^\$\{[^}]*\}/, '').replace(/^https?:\/\/[^/]*/i, '');
  const path = withQuery ? rest : rest.replace(/[?#].*$/s, '');
  return path.startsWith('/') ? path : `/${path}`;
}

/** `{a}` in one path stands for any part of the other. */
function samePath(one: string, other: string): boolean {
  const shape = (path: string): string => path.replace(/\/+$/, '').replace(/\{[^}]*\}/g, '{}');
  if (shape(one) === shape(other)) return true;
  const parts = (path: string): string[] => path.split('/').filter(Boolean);
  const [a, b] = [parts(one), parts(other)];
  return a.length === b.length && a.every((part, index) => part === b[index] || /[{}]/.test(b[index] ?? ''));
}
