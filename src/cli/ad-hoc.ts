/** A request from the command line alone, as the request file that does the same. */
import { stringify } from 'yaml';
import type { Loaded } from '../core/collection/collection.js';
import { type RequestFile, requestFile } from '../core/collection/files/request-file.js';
import { shaped } from '../core/collection/shape.js';
import { parseYaml } from '../core/collection/yaml.js';
import { Problem } from '../core/problem/problem.js';
import type { Value } from '../core/value/written.js';

export interface AdHoc {
  readonly method: string;
  readonly url: string;
  readonly headers: readonly string[];
  readonly query: readonly string[];
  readonly bodyJson: string | undefined;
  readonly session: string | undefined;
}

/** @throws Problem usage */
export function adHocRequest(
  { method, url, headers, query, bodyJson, session }: AdHoc,
  schemaLine: string,
): { text: string; loaded: Loaded<RequestFile> } {
  const content: Record<string, unknown> = {
    method: method.toUpperCase(),
    url: addressText(url),
    ...(query.length > 0 && { query: pairs(query, '=', '--query NAME=VALUE') }),
    ...(headers.length > 0 && { headers: pairs(headers, ':', "--header 'NAME: VALUE'") }),
    ...(session !== undefined && { session }),
    ...(bodyJson !== undefined && { body: { json: literal(parsedBody(bodyJson)) } }),
  };
  const text = `# yaml-language-server: $schema=${schemaLine}\n${stringify(content, { lineWidth: 0 })}`;
  const yaml = parseYaml(text, 'the command line');
  return { text, loaded: { name: 'command line', yaml, content: shaped(requestFile, yaml) } };
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
