/** `har`: the calls of an API among what a browser or a proxy recorded (HTTP Archive 1.2). */
import {
  type ArchiveEntry,
  archiveEntry,
  entriesIn,
  isArchive,
  isData,
} from '../../documentation/formats/sample/archive.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { withHidden, withoutMarks } from './holes.js';
import type { ForeignBody, ForeignRequest, Importer, LeftOut, Read } from './request.js';

/** What a browser adds by itself, and what a connection needs: neither says anything of the call. */
const ofTheBrowser =
  /^(?::.*|host|connection|content-length|transfer-encoding|accept-encoding|accept-language|user-agent|referer|origin|dnt|priority|pragma|cache-control|upgrade-insecure-requests|sec-.*|te|keep-alive|proxy-connection|x-requested-with)$/i;

/** Characters of a response that are looked through for values that come again. */
const longestLooked = 2_000_000;

export const har: Importer = {
  name: 'har',
  about: 'an HTTP archive (HAR 1.2), as browsers and proxies save them',
  claims: isArchive,
  read(text, name) {
    const entries = readEntries(withHidden(withoutMarks(text)), name);
    const requests: ForeignRequest[] = [];
    const left: LeftOut[] = [];
    let others = 0;
    for (const [index, given] of entries.entries()) {
      const from = `${name}, exchange ${index + 1}`;
      const read = archiveEntry.safeParse(given);
      if (!read.success) {
        const [issue] = read.error.issues;
        left.push({ from, what: `not an exchange: ${issue?.path.join('.')}: ${issue?.message}` });
      } else if (!isCall(read.data)) others += 1;
      else requests.push(requestFrom(read.data, from, left));
    }
    if (requests.length === 0) {
      throw new Problem('import-unreadable', {
        what: `${name} holds no exchange with an API`,
        where: { file: name },
        cause: `of its ${entries.length} exchanges none sends data, or returns JSON or XML`,
      });
    }
    if (others > 0)
      left.push({ from: name, what: `${others} exchanges that are pages, pictures, scripts or preflight requests` });
    return { requests, left } satisfies Read;
  },
};

function readEntries(text: string, name: string): readonly unknown[] {
  try {
    return entriesIn(text, name);
  } catch (error) {
    const { what, where, reason, remedy } = asProblem(error);
    throw new Problem('import-unreadable', { what, where, cause: reason, remedy });
  }
}

function isCall({ request, response }: ArchiveEntry): boolean {
  if (!/^https?:\/\//i.test(request.url) || !URL.canParse(request.url) || /^(?:options|connect)$/i.test(request.method))
    return false;
  const returned = response.content?.mimeType;
  if (isData(returned) || isData(request.postData?.mimeType)) return true;
  if (!/^(?:get|head)$/i.test(request.method)) return true;
  return /\.(?:json|xml)(?:[?#]|$)/i.test(request.url) || (response.status === 204 && returned === undefined);
}

function requestFrom({ request, response }: ArchiveEntry, from: string, left: LeftOut[]): ForeignRequest {
  const { content } = response;
  const body = bodyFrom(request, from, left);
  const returned =
    content?.encoding === 'base64' ? Buffer.from(content.text ?? '', 'base64').toString('utf8') : content?.text;
  const headers = (request.headers ?? []).filter(
    ({ name }) => !ofTheBrowser.test(name) && !(body?.kind === 'parts' && /^content-type$/i.test(name)),
  );
  return {
    from,
    method: request.method.toUpperCase(),
    url: request.url.replace(/#.*$/s, ''),
    headers: headers.map(({ name, value }) => [name, value] as const),
    body,
    response:
      response.status < 100
        ? undefined
        : {
            status: response.status,
            headers: (response.headers ?? []).map(({ name, value }) => [name, value] as const),
            text: returned !== undefined && returned.length <= longestLooked ? returned : undefined,
          },
  };
}

function bodyFrom({ postData }: ArchiveEntry['request'], from: string, left: LeftOut[]): ForeignBody | undefined {
  if (!postData) return undefined;
  const { mimeType = '', text, params = [] } = postData;
  if (/^multipart\/form-data/i.test(mimeType) && params.length > 0) {
    return {
      kind: 'parts',
      parts: params.map(({ name, value, fileName, contentType }) => {
        if (fileName === undefined) return { name, content: { text: value ?? '' }, type: contentType };
        if (value === undefined || value === '')
          left.push({ from, what: `the file ${fileName} of the part ${name}: an archive does not hold it` });
        return { name, content: { file: fileName }, type: contentType };
      }),
    };
  }
  if (text !== undefined && text !== '') return { kind: 'text', text };
  if (params.length > 0) return { kind: 'form', fields: params.map(({ name, value = '' }) => [name, value] as const) };
  return undefined;
}
