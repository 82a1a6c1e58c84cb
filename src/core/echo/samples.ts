/** Samples for a documentation source: from echoes of the collection, and from files beside it. */

import { existsSync, readFileSync } from 'node:fs';
import { basename } from 'node:path';
import { isArchive } from '../documentation/formats/sample/archive.js';
import { type LeftOut, samplesFromArchive } from '../documentation/formats/sample/har.js';
import { sampleFromMessages } from '../documentation/formats/sample/messages.js';
import type { Sample } from '../documentation/formats/sample/samples.js';
import { type Documents, mainAddress, readPart } from '../documentation/reading/documents.js';
import { action } from '../problem/actions.js';
import { Problem } from '../problem/problem.js';
import type { Echo } from './echo.js';
import { findEcho } from './read.js';

/**
 * The document that the samples are kept in.
 * @param given ids of echoes, and paths of files that hold a request with its response
 * @throws Problem echo-not-found, document-unreadable
 */
export async function sampleDocuments(
  local: string,
  given: readonly string[],
  before: readonly Sample[],
): Promise<{ readonly documents: Documents; readonly leftOut: readonly LeftOut[] }> {
  const added: Sample[] = [];
  const leftOut: LeftOut[] = [];
  for (const one of given) {
    const text = existsSync(one) ? readFileSync(one, 'utf8') : undefined;
    if (text === undefined) added.push(sampleFromEcho(await findEcho(local, one)));
    else if (/\.har$/i.test(one) || isArchive(text)) {
      const found = samplesFromArchive(text, basename(one));
      added.push(...found.samples);
      leftOut.push(...found.leftOut);
    } else added.push(sampleFromMessages(text, one));
  }
  const names = new Set(added.map(({ from }) => from));
  const samples = [...before.filter(({ from }) => !names.has(from)), ...added];
  const uri = mainAddress('samples.json');
  const main = await readPart(uri, 'samples.json', `${JSON.stringify({ samples }, null, 2)}\n`);
  return { documents: { main, parts: new Map([[uri, main]]) }, leftOut };
}

/** @throws Problem document-unreadable: there was no response */
function sampleFromEcho({ id, sent, received }: Echo): Sample {
  if (!received) {
    throw new Problem('document-unreadable', {
      what: `the echo ${id} has no response to learn from`,
      remedy: `${action().listEchoes()} shows those that have`,
    });
  }
  const typeIn = (headers: readonly (readonly [string, string])[]): string =>
    headers.find(([name]) => name.toLowerCase() === 'content-type')?.[1] ?? 'application/json';
  const { body } = received;
  return {
    from: `echo ${id}`,
    method: sent.method,
    url: sent.url,
    ...(sent.body && sent.body.encoding === 'utf-8' && { sent: { type: typeIn(sent.headers), text: sent.body.text } }),
    status: received.status,
    ...(body && body.encoding === 'utf-8' && { received: { type: typeIn(received.headers), text: body.text } }),
  };
}
