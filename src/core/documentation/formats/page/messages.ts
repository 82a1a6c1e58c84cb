/** Examples on a page: raw HTTP messages, command lines, JSON and XML. */
import type { Value } from '../../../value/written.js';
import { shellCommands, wordText } from '../../reading/shell-words.js';

export interface ExampleRequest {
  readonly method: string;
  /** With its query; absolute or from the root. */
  readonly address: string;
  readonly headers: ReadonlyMap<string, string>;
  readonly body: string;
}

export interface ExampleResponse {
  readonly status: number;
  readonly reason: string;
  readonly type: string;
  readonly body: string;
}

const methods = 'GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS';

/** RFC 9112: `POST /calls HTTP/1.1`, header lines, a blank line, the body. Pages leave the version out. */
export function rawRequest(text: string): ExampleRequest | undefined {
  const found =
    new RegExp(`^(${methods})\\s+(\\S+)\\s+HTTP/[\\d.]+[^\\n]*\\n?([\\s\\S]*)$`).exec(text.trim()) ??
    new RegExp(`^(${methods})[ \\t]+(\\S+)[ \\t]*\\r?\\n([\\w-]+:[ \\t][\\s\\S]*|\\s*[{[<][\\s\\S]*)$`).exec(
      text.trim(),
    );
  if (!found) return undefined;
  const [, method = '', address = '', rest = ''] = found;
  return { method, address, ...messageParts(rest) };
}

/** `HTTP/1.1 200 OK`, header lines, a blank line, the body. */
export function rawResponse(text: string): ExampleResponse | undefined {
  const found = /^HTTP\/[\d.]+\s+(\d{3})[ \t]*([^\n]*)\n?([\s\S]*)$/.exec(text.trim());
  if (!found) return undefined;
  const { headers, body } = messageParts(found[3] ?? '');
  return {
    status: Number(found[1]),
    reason: found[2]?.trim() ?? '',
    type: headers.get('content-type')?.split(';')[0]?.trim() ?? typeOfBody(body) ?? 'text/plain',
    body,
  };
}

function messageParts(text: string): Pick<ExampleRequest, 'headers' | 'body'> {
  const [head = '', ...rest] = /^\s*[{[<]/.test(text) ? ['', text] : text.split(/\r?\n\r?\n/);
  const headers = new Map(
    head.split(/\r?\n/).flatMap((line) => {
      const pair = /^([\w-]+):\s*(.*)$/.exec(line.trim());
      return pair ? [[(pair[1] ?? '').toLowerCase(), pair[2] ?? ''] as const] : [];
    }),
  );
  return { headers, body: rest.join('\n\n').trim() };
}

/** A command of a shell that names an address, with the options that such commands share. */
export function commandLine(text: string): ExampleRequest | undefined {
  const words = shellCommands(text.replace(/^\s*[$>#]\s+/, ''))[0]?.words.map(({ pieces }) => wordText(pieces)) ?? [];
  const at = words.findIndex((word) => /^https?:\/\//i.test(word));
  const address = words[at];
  if (address === undefined || at === 0 || !words.slice(0, at).every(mayStandBefore)) return undefined;
  const headers = new Map<string, string>();
  let method: string | undefined;
  let body = '';
  for (const [index, word] of words.entries()) {
    const value = words[index + 1] ?? '';
    if (word === '-X' || word === '--request' || word === '--method') method = value.toUpperCase();
    else if (word === '-H' || word === '--header') {
      const pair = /^([\w-]+):\s*(.*)$/.exec(value);
      if (pair) headers.set((pair[1] ?? '').toLowerCase(), pair[2] ?? '');
    } else if (/^(?:-d|--data(?:-\w+)?|--body)$/.test(word)) body = value;
  }
  const used =
    method ?? words.find((word) => new RegExp(`^(?:${methods})$`).test(word)) ?? (body === '' ? 'GET' : 'POST');
  return { method: used, address, headers, body };
}

/** Before an address a command has its name, options with their values, and a method; a program has signs. */
const mayStandBefore = (word: string, index: number, words: readonly string[]): boolean =>
  index === 0
    ? /^[\w./-]+$/.test(word)
    : word.startsWith('-') || words[index - 1]?.startsWith('-') === true || /^[\w./-]+$/.test(word);

export function jsonIn(text: string): { readonly value: Value } | undefined {
  if (!/^\s*[{[]/.test(text)) return undefined;
  for (const one of text.length > longestWithRemarks ? [text] : [text, withoutRemarks(text)]) {
    try {
      return { value: JSON.parse(one) as Value };
    } catch {
      // Pages write comments into their examples, and dots for what they leave out.
    }
  }
  return undefined;
}

/** Characters. Nobody writes remarks into more, and to look for them takes its square. */
const longestWithRemarks = 20_000;

/** Comments, dots and commas that are no JSON taken out; texts stay as they are. */
function withoutRemarks(text: string): string {
  const bare = text.replace(
    /("(?:[^"\\\n]|\\.)*")|\/\/[^\n]*|\/\*[\s\S]*?\*\/|(?:\.\.\.|…)/g,
    (_, kept: string | undefined) => kept ?? '',
  );
  return bare.replace(/("(?:[^"\\\n]|\\.)*")|,(?=[\s,]*[}\]])/g, (_, kept: string | undefined) => kept ?? '');
}

export function typeOfBody(text: string): string | undefined {
  if (jsonIn(text)) return 'application/json';
  return /^\s*<[?\w]/.test(text) ? 'application/xml' : undefined;
}
