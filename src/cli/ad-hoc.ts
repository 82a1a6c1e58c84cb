/** A request from the command line alone, as the request file that does the same. */
import { stringify } from 'yaml';
import type { Loaded } from '../core/collection/collection.js';
import { type RequestFile, requestFile } from '../core/collection/files/request-file.js';
import { shaped } from '../core/collection/shape.js';
import { parseYaml } from '../core/collection/yaml.js';
import { Problem } from '../core/problem/problem.js';
import { parseDuration } from '../core/value/measures.js';
import type { Value } from '../core/value/written.js';

/** As the options give it; only one kind at a time. */
export interface AdHocBody {
  readonly json?: string | undefined;
  readonly text?: string | undefined;
  /** A path in the collection. */
  readonly file?: string | undefined;
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
  const text = `# yaml-language-server: $schema=${schemaLine}\n${stringify(content, { lineWidth: 0 })}`;
  const yaml = parseYaml(text, 'the command line');
  return { text, loaded: { name: 'command line', yaml, content: shaped(requestFile, yaml) } };
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

function pairs(given: readonly string[], mark: string, form: string): Record<string, string | string[]> {
  const all: Record<string, string[]> = {};
  for (const text of given) {
    const at = text.indexOf(mark);
    if (at <= 0)
      throw new Problem('usage', { what: `${JSON.stringify(text)} is not a name and a value`, remedy: form });
    const name = text.slice(0, at).trim();
    const value = mark === ':' ? text.slice(at + 1).trim() : text.slice(at + 1);
    all[name] = [...(all[name] ?? []), escaped(value)];
  }
  return Object.fromEntries(
    Object.entries(all).map(([name, values]) => [name, values.length === 1 ? (values[0] as string) : values]),
  );
}

function bodyOf({ json, text, file, form, parts, partFiles }: AdHocBody): Record<string, unknown> | undefined {
  const multipart = parts !== undefined || partFiles !== undefined;
  const kinds = [json, text, file, form, multipart || undefined].filter((kind) => kind !== undefined);
  if (kinds.length > 1) {
    throw new Problem('usage', {
      what: 'a request has one body',
      remedy: 'one of --body-json, --body-text, --body-file, --form, or --part with --part-file',
    });
  }
  if (json !== undefined) return { json: literal(parsedBody(json)) };
  if (text !== undefined) return { text: escaped(text) };
  if (file !== undefined) return { file: escaped(file) };
  if (form !== undefined) return { form: pairs(form, '=', '--form NAME=VALUE') };
  if (!multipart) return undefined;
  const files = Object.entries(pairs(partFiles ?? [], '=', '--part-file NAME=PATH')).map(([name, paths]) => {
    const all = [paths].flat().map((path) => ({ file: path }));
    return [name, all.length === 1 ? all[0] : all] as const;
  });
  return { parts: { ...pairs(parts ?? [], '=', '--part NAME=VALUE'), ...Object.fromEntries(files) } };
}

function parsedBody(text: string): Value {
  try {
    return JSON.parse(text) as Value;
  } catch (error) {
    throw new Problem('usage', {
      what: '--body-json is not JSON',
      cause: (error as Error).message,
      remedy: 'quote it for the shell: --body-json \'{"nights": 2}\'',
    });
  }
}

function literal(value: Value): Value {
  if (typeof value === 'string') return escaped(value);
  if (Array.isArray(value)) return value.map(literal);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value as Record<string, Value>).map(([key, item]) => [key, literal(item)]));
}

/** Nothing on the command line is an expression. */
const escaped = (text: string): string => text.replaceAll('${', () => '$${');
