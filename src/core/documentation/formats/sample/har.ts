/** Exchanges that a browser or a proxy recorded (HTTP Archive 1.2): those with an API become samples. */
import { Problem } from '../../../problem/problem.js';
import { type ArchiveEntry, archiveEntry, entriesIn, isData } from './archive.js';
import { credentialsOf, masked } from './mask.js';
import type { Sample } from './samples.js';

export interface LeftOut {
  readonly name: string;
  readonly why: string;
}

/** Of exchanges of one address and one outcome; more say nothing new. */
const mostAlike = 3;
const mostSamples = 2000;
/** Characters of a body. */
const longest = 1_000_000;

/** @throws Problem document-unreadable: it is none, or holds no exchange with an API */
export function samplesFromArchive(
  text: string,
  file: string,
): { readonly samples: readonly Sample[]; readonly leftOut: readonly LeftOut[] } {
  const entries = entriesIn(text, file);
  const calls = entries.flatMap((given, index) => {
    const read = archiveEntry.safeParse(given);
    const call = read.success && isCall(read.data) ? callOf(read.data, `${file}, exchange ${index + 1}`) : undefined;
    return call ? [call] : [];
  });
  const hosts = new Map<string, typeof calls>();
  for (const one of calls) {
    const { host } = new URL(one.sample.url);
    const same = hosts.get(host);
    if (same) same.push(one);
    else hosts.set(host, [one]);
  }
  const [main, ...others] = [...hosts].sort((a, b) => b[1].length - a[1].length);
  if (!main) {
    throw new Problem('document-unreadable', {
      what: `${file} holds no exchange with an API`,
      where: { file },
      cause: `of its ${entries.length} exchanges none has a body or a response in JSON, XML or a form`,
    });
  }
  const [host, own] = main;
  const leftOut = others.map(([name, some]) => ({
    name: `${some.length} exchange${some.length === 1 ? '' : 's'} with ${name}`,
    why: `most of ${file} are with ${host}`,
  }));
  const counts = new Map<string, number>();
  const samples = own.filter(({ sample: { method, url, status } }) => {
    const key = `${method} ${url.split(/[?#]/)[0]} ${status}`;
    counts.set(key, (counts.get(key) ?? 0) + 1);
    return (counts.get(key) ?? 0) <= mostAlike;
  });
  const credentials = [...new Set(calls.flatMap((one) => one.credentials))].sort((a, b) => b.length - a.length);
  return { samples: samples.slice(0, mostSamples).map(({ sample }) => masked(sample, credentials)), leftOut };
}

/** Pages, pictures and scripts are none, nor what the browser asks by itself. */
function isCall({ request, response }: ArchiveEntry): boolean {
  if (!/^https?:/i.test(request.url) || !URL.canParse(request.url) || request.method === 'OPTIONS') return false;
  if (response.status < 100) return false;
  return isData(response.content?.mimeType) || isData(request.postData?.mimeType);
}

function callOf({ request, response }: ArchiveEntry, from: string): { sample: Sample; credentials: readonly string[] } {
  const { postData } = request;
  const { content } = response;
  const text =
    content?.encoding === 'base64' ? Buffer.from(content.text ?? '', 'base64').toString('utf8') : content?.text;
  const body = (type: string | undefined, given: string | undefined): Sample['sent'] =>
    given === undefined || given === '' || given.length > longest || !isData(type)
      ? undefined
      : { type: (type ?? '').split(';')[0]?.trim() ?? '', text: given };
  const [sent, received] = [body(postData?.mimeType, postData?.text), body(content?.mimeType, text)];
  const pairs = [...(request.headers ?? []), ...(response.headers ?? [])].map(
    ({ name, value }) => [name, value] as const,
  );
  return {
    sample: {
      from,
      method: request.method.toUpperCase(),
      url: request.url,
      ...(sent && { sent }),
      status: response.status,
      ...(received && { received }),
    },
    credentials: credentialsOf(pairs),
  };
}
