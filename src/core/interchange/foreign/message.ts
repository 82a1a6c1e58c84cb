/** `message`: a request as an HTTP message (RFC 9112), as logs and guides show it; its response may stand behind it. */
import { Problem } from '../../problem/problem.js';
import { filled, hole, withHidden, withoutMarks } from './holes.js';
import type { ForeignRequest, ForeignResponse, Importer, Read } from './request.js';

const requestLine = /^([!#$%&'*+.^`|~\w-]+)[ \t]+(\S+)(?:[ \t]+HTTP\/[\d.]+)?[ \t]*$/;
const statusLine = /^HTTP\/[\d.]+[ \t]+(\d{3})(?:[ \t].*)?$/;
const methodName = /^(?:GET|HEAD|POST|PUT|PATCH|DELETE|OPTIONS|QUERY|[A-Z]{3,12})$/;
/** Made by whoever sends it: of the connection, and of the body (RFC 9110, section 7.6.1). */
const ofTheConnection =
  /^(?:content-length|connection|transfer-encoding|keep-alive|expect|te|trailer|proxy-connection)$/i;

export const message: Importer = {
  name: 'message',
  about: 'an HTTP message: request line, header lines, a blank line, the body',
  claims(text) {
    const [first = ''] = text.replace(/^\uFEFF?\s*/, '').split(/\r?\n/, 1);
    const found = requestLine.exec(first);
    return found !== null && methodName.test(found[1] as string) && /^(?:https?:\/\/|\/|\*$)/i.test(found[2] as string);
  },
  read(text, name) {
    const whole = withHidden(withoutMarks(text.replace(/^\uFEFF/, '').replace(/^\s*\n/, '')));
    const [first, request] = [messageIn(whole), requestLine.exec(whole.split(/\r?\n/, 1)[0] ?? '')];
    if (!request || !first || !methodName.test(request[1] as string)) {
      throw new Problem('import-unreadable', {
        what: `${name} is not an HTTP message`,
        where: { file: name, line: 1 },
        cause: 'its first line is not a method and a target, such as POST /v1/calls HTTP/1.1',
        remedy: 'request line, header lines, a blank line, then the body',
      });
    }
    return readMessage(request, first, name);
  },
};

interface Message {
  readonly headers: readonly (readonly [string, string])[];
  readonly body: string;
  /** Lines that are no header lines. */
  readonly wrong: readonly { readonly line: number; readonly text: string }[];
}

/** Behind its first line. */
function messageIn(text: string): Message {
  const lines = text.split('\n');
  const headers: [string, string][] = [];
  const wrong: { line: number; text: string }[] = [];
  let at = 1;
  for (; at < lines.length; at += 1) {
    const line = (lines[at] as string).replace(/\r$/, '');
    if (line.trim() === '') break;
    const pair = /^([!#$%&'*+.^`|~\w-]+):[ \t]*(.*?)[ \t]*$/.exec(line);
    const last = headers.at(-1);
    if (pair) headers.push([pair[1] as string, pair[2] as string]);
    // Folded, as it was written before RFC 9112.
    else if (/^[ \t]/.test(line) && last) last[1] += ` ${line.trim()}`;
    else wrong.push({ line: at + 1, text: line });
  }
  return { headers, body: lines.slice(at + 1).join('\n'), wrong };
}

function readMessage([, method = '', target = '']: RegExpExecArray, own: Message, name: string): Read {
  const header = (wanted: string): string | undefined => own.headers.find(([one]) => one.toLowerCase() === wanted)?.[1];
  const host = header('host');
  const url = /^https?:/i.test(target) || host === undefined ? target : `${schemeOf(host)}//${host}${target}`;
  if (
    !URL.canParse(
      filled(url, () => 'x'),
      'http://127.0.0.1',
    )
  ) {
    throw new Problem('import-unreadable', {
      what: `${name} has no address that can be read: ${filled(url, (one) => one)}`,
      where: { file: name, line: 1 },
      remedy: 'a target such as /v1/calls, and a line Host: api.harbour.example',
    });
  }
  const { request: body, response } = apart(own.body);
  const length = header('content-length');
  const sent =
    body === '' ? undefined : length === undefined ? body.replace(/\r?\n$/, '') : cutTo(body, Number(length));
  const chunked = /\bchunked\b/i.test(header('transfer-encoding') ?? '');
  const request: ForeignRequest = {
    from: name,
    method,
    url: url.replace(/\{([\w.-]+)\}/g, (_, part: string) => hole(part)),
    headers: own.headers.filter(([one]) => !ofTheConnection.test(one) && one.toLowerCase() !== 'host'),
    body: sent === undefined || chunked ? undefined : { kind: 'text', text: sent },
    response,
  };
  const left = own.wrong.map(({ line, text }) => ({
    from: `${name}, line ${line}`,
    what: `not a header line: ${text.slice(0, 80)}`,
  }));
  if (chunked) left.push({ from: name, what: 'a body in chunks: write it as it is, without their lengths' });
  return { requests: [request], left };
}

/** A message does not say how it is sent; this machine, and only it, is spoken to in the open. */
const schemeOf = (host: string): string =>
  /^(?:localhost|127\.\d+\.\d+\.\d+|\[::1\])(?::\d+)?$/i.test(host) || /:80$/.test(host) ? 'http:' : 'https:';

/** A response behind the body of its request. */
function apart(body: string): { request: string; response: ForeignResponse | undefined } {
  const lines = body.split('\n');
  const at = lines.findIndex((line) => statusLine.test(line.replace(/\r$/, '')));
  if (at === -1) return { request: body, response: undefined };
  const status = statusLine.exec((lines[at] as string).replace(/\r$/, ''));
  const response = messageIn(lines.slice(at).join('\n'));
  return {
    request: lines
      .slice(0, at)
      .join('\n')
      .replace(/(?:\r?\n)+$/, ''),
    response: { status: Number(status?.[1]), headers: response.headers, text: response.body },
  };
}

/** Bytes that were counted, where there are so many. */
function cutTo(body: string, length: number): string {
  const bytes = Buffer.from(body, 'utf8');
  if (Number.isNaN(length) || bytes.length <= length) return body;
  return bytes.subarray(0, length).toString('utf8');
}
