/** A request from the command line alone, as the request file that does the same. */
import type { Loaded } from '../../core/collection/collection.js';
import { type RequestFile, requestFile } from '../../core/collection/files/request-file.js';
import { shaped } from '../../core/collection/schema-validation.js';
import { parseYaml } from '../../core/collection/yaml.js';
import { plainText, plainValue, yamlText } from '../../core/collection/yaml-text.js';
import type { AddedParts } from '../../core/exchange/request/request-plan.js';
import { Problem } from '../../core/problem/problem.js';
import { parseJson } from '../../core/value/json-text.js';
import { parseDuration } from '../../core/value/measures.js';
import type { Value } from '../../core/value/written.js';

/** As the options give it; only one kind at a time. */
export interface AdHocBody {
  readonly json?: string | undefined;
  readonly text?: string | undefined;
  /** A path in the collection. */
  readonly file?: string | undefined;
  /** A path in `bodies/`. */
  readonly template?: string | undefined;
  readonly xml?: string | undefined;
  /** A document or its path, and its variables. */
  readonly graphql?: string | undefined;
  readonly variables?: readonly string[] | undefined;
  /** An envelope or its path, and its action. */
  readonly soap?: string | undefined;
  readonly soapAction?: string | undefined;
  readonly form?: readonly string[] | undefined;
  readonly parts?: readonly string[] | undefined;
  readonly partFiles?: readonly string[] | undefined;
}

export interface AdHoc {
  readonly method: string;
  readonly url: string;
  readonly headers: readonly string[];
  readonly query: readonly string[];
  readonly body: AdHocBody;
  readonly session: string | undefined;
  readonly cookies?: readonly string[] | undefined;
  /** A number, or `none`. */
  readonly redirects?: string | undefined;
  readonly timeout?: string | undefined;
}

/** @throws Problem usage */
export function adHocRequest(
  { method, url, headers, query, body: given, session, cookies, redirects, timeout }: AdHoc,
  schemaLine: string,
): { text: string; loaded: Loaded<RequestFile> } {
  const body = bodyOf(given);
  const content: Record<string, unknown> = {
    method: method.toUpperCase(),
    url: addressText(url),
    ...(query.length > 0 && { query: pairs(query, '=', '--query NAME=VALUE') }),
    ...(headers.length > 0 && { headers: pairs(headers, ':', "--header 'NAME: VALUE'") }),
    ...(session !== undefined && { session }),
    ...(cookies && { cookies: pairs(cookies, '=', '--cookie NAME=VALUE') }),
    ...(redirects !== undefined && { redirects: redirectsFrom(redirects) }),
    ...(timeout !== undefined && { timeout: { total: durationFrom(timeout) } }),
    ...(body && { body }),
  };
  const text = `# yaml-language-server: $schema=${schemaLine}\n${yamlText(content)}`;
  const yaml = parseYaml(text, 'the command line');
  return { text, loaded: { name: 'command line', yaml, content: shaped(requestFile, yaml) } };
}

/** Header lines and parameters that are added to a request file for one sending. @throws Problem usage */
export function addedParts({ headers, query }: Pick<AdHoc, 'headers' | 'query'>): AddedParts | undefined {
  if (headers.length === 0 && query.length === 0) return undefined;
  const content = {
    ...(query.length > 0 && { query: pairs(query, '=', '--query NAME=VALUE') }),
    ...(headers.length > 0 && { headers: pairs(headers, ':', "--header 'NAME: VALUE'") }),
  };
  return { content, yaml: parseYaml(yamlText(content), 'command line') };
}

function redirectsFrom(text: string): number | 'none' {
  if (text === 'none') return text;
  if (/^\d+$/.test(text)) return Number(text);
  throw new Problem('usage', { what: `--redirects takes a number or none, not ${text}` });
}

function durationFrom(text: string): string {
  if (parseDuration(text) !== undefined) return text;
  throw new Problem('usage', { what: `--timeout takes a duration with its unit, such as 500ms or 5s, not ${text}` });
}

/** A path is one of the environment's origin. What would be an expression or a part in a file is plain text here. */
function addressText(url: string): string {
  const plain = url.replaceAll('{', '%7B').replaceAll('}', '%7D');
  return plain.startsWith('/') ? `\${origin}${plain}` : plain;
}

function pairs<T = string>(
  given: readonly string[],
  mark: string,
  form: string,
  read: (text: string) => T = plainText as (text: string) => T,
): Record<string, T | T[]> {
  const all = new Map<string, T[]>();
  for (const text of given) {
    const at = text.indexOf(mark);
    if (at <= 0)
      throw new Problem('usage', { what: `${JSON.stringify(text)} is not a name and a value`, remedy: form });
    const name = text.slice(0, at).trim();
    const value = mark === ':' ? text.slice(at + 1).trim() : text.slice(at + 1);
    all.set(name, [...(all.get(name) ?? []), read(value)]);
  }
  return Object.fromEntries([...all].map(([name, values]) => [name, values.length === 1 ? (values[0] as T) : values]));
}

function bodyOf(given: AdHocBody): Record<string, unknown> | undefined {
  const { json, text, file, template, xml, graphql, variables, soap, soapAction, form, parts, partFiles } = given;
  const multipart = parts !== undefined || partFiles !== undefined;
  const kinds = [json, text, file, template, xml, graphql, soap, form, multipart || undefined];
  if (kinds.filter((kind) => kind !== undefined).length > 1) {
    throw new Problem('usage', {
      what: 'a request has one body',
      remedy:
        'one of --body-json, --body-text, --body-xml, --body-file, --body-template, --graphql, --soap, --form, or --part with --part-file',
    });
  }
  if (variables && graphql === undefined)
    throw new Problem('usage', { what: '--variable requires --graphql', remedy: '--graphql DOCUMENT' });
  if (soapAction !== undefined && soap === undefined)
    throw new Problem('usage', { what: '--soap-action requires --soap', remedy: '--soap ENVELOPE' });
  if (template !== undefined) return { template };
  if (xml !== undefined) return { xml: plainText(xml) };
  if (graphql !== undefined) {
    const named = pairs(variables ?? [], '=', '--variable NAME=VALUE', jsonOrText);
    return { graphql: { document: plainText(graphql), ...(variables && { variables: named }) } };
  }
  if (soap !== undefined) return { soap: { envelope: plainText(soap), ...(soapAction && { action: soapAction }) } };
  if (json !== undefined) return { json: plainValue(parsedBody(json)) };
  if (text !== undefined) return { text: plainText(text) };
  if (file !== undefined) return { file: plainText(file) };
  if (form !== undefined) return { form: pairs(form, '=', '--form NAME=VALUE') };
  if (!multipart) return undefined;
  const files = Object.entries(pairs(partFiles ?? [], '=', '--part-file NAME=PATH')).map(([name, paths]) => {
    const all = [paths].flat().map((path) => ({ file: path }));
    return [name, all.length === 1 ? all[0] : all] as const;
  });
  return { parts: { ...pairs(parts ?? [], '=', '--part NAME=VALUE'), ...Object.fromEntries(files) } };
}

/** `2`, `true` and `{"code": "N1"}` are what they say in JSON; anything else is text. */
function jsonOrText(text: string): Value {
  try {
    return plainValue(parseJson(text));
  } catch {
    return plainText(text);
  }
}

function parsedBody(text: string): Value {
  try {
    return parseJson(text);
  } catch (error) {
    throw new Problem('usage', {
      what: '--body-json is not JSON',
      cause: (error as Error).message,
      remedy: 'quote it for the shell: --body-json \'{"nights": 2}\'',
    });
  }
}
