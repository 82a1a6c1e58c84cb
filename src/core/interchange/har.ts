/** Recorded exchanges as an HTTP Archive (HAR 1.2), their secrets hidden as in the record. */
import type { Echo, RecordedBody } from '../echo/echo.js';

type Lines = readonly (readonly [name: string, value: string])[];
/** The bytes of a file that lies beside the echoes. */
export type ReadBeside = (file: string) => Buffer | undefined;

const named = (lines: Lines) => lines.map(([name, value]) => ({ name, value }));

const headerIn = (lines: Lines, wanted: string): string =>
  lines.find(([name]) => name.toLowerCase() === wanted)?.[1] ?? '';

function wholeText({ text, file }: RecordedBody, read: ReadBeside): string {
  const kept = file === undefined ? undefined : read(file);
  return kept === undefined ? text : kept.toString('utf8');
}

function cookiesIn(lines: Lines, name: 'cookie' | 'set-cookie'): { name: string; value: string }[] {
  return lines
    .filter(([one]) => one.toLowerCase() === name)
    .flatMap(([, value]) => (name === 'cookie' ? value.split(/;\s*/) : [value.split(';')[0] as string]))
    .filter((pair) => pair.includes('='))
    .map((pair) => ({ name: pair.slice(0, pair.indexOf('=')), value: pair.slice(pair.indexOf('=') + 1) }));
}

function queryIn(url: string): { name: string; value: string }[] {
  return URL.canParse(url) ? [...new URL(url).searchParams].map(([name, value]) => ({ name, value })) : [];
}

/** Milliseconds; -1 is what does not apply. */
function timingsOf({ phases = {} }: Echo) {
  const { lookup = -1, connect, tls = -1, waiting = 0, receiving = 0 } = phases;
  // That of TLS is a part of connecting, in the words of the format.
  return {
    blocked: -1,
    dns: lookup,
    connect: connect === undefined ? -1 : connect + Math.max(tls, 0),
    ssl: tls,
    send: 0,
    wait: waiting,
    receive: receiving,
  };
}

function entryOf(echo: Echo, read: ReadBeside) {
  const { id, at, sent, received, phases, request, operation, trouble } = echo;
  const httpVersion = received?.protocol ?? 'HTTP/1.1';
  const remark = [request, operation, trouble?.what].filter((one) => one !== undefined).join('; ');
  return {
    startedDateTime: at,
    time: phases?.total ?? 0,
    request: {
      method: sent.method,
      url: sent.url,
      httpVersion,
      cookies: cookiesIn(sent.headers, 'cookie'),
      headers: named(sent.headers),
      queryString: queryIn(sent.url),
      ...(sent.body && {
        postData: { mimeType: headerIn(sent.headers, 'content-type'), text: wholeText(sent.body, read) },
      }),
      headersSize: -1,
      bodySize: sent.body?.size ?? 0,
    },
    // Status 0 is that of no response at all.
    response: {
      status: received?.status ?? 0,
      statusText: received?.reason ?? '',
      httpVersion,
      cookies: cookiesIn(received?.headers ?? [], 'set-cookie'),
      headers: named(received?.headers ?? []),
      content: {
        size: received?.body?.size ?? 0,
        mimeType: headerIn(received?.headers ?? [], 'content-type'),
        ...(received?.body && { text: wholeText(received.body, read) }),
        ...(received?.body?.encoding === 'base64' && { encoding: 'base64' }),
      },
      redirectURL: headerIn(received?.headers ?? [], 'location'),
      headersSize: -1,
      bodySize: received?.wireSize ?? received?.body?.size ?? -1,
    },
    cache: {},
    timings: timingsOf(echo),
    comment: `echo ${id}${remark === '' ? '' : `: ${remark}`}`,
  };
}

/** In the order in which they are given, piece by piece. @param version of this program */
export async function* httpArchive(
  echoes: AsyncIterable<Echo> | Iterable<Echo>,
  read: ReadBeside,
  version: string,
): AsyncGenerator<string> {
  const creator = JSON.stringify({ name: 'echo-trail', version });
  yield `{"log":{"version":"1.2","creator":${creator},"entries":[`;
  let first = true;
  for await (const echo of echoes) {
    yield `${first ? '\n' : ',\n'}${JSON.stringify(entryOf(echo, read))}`;
    first = false;
  }
  yield '\n]}}\n';
}
