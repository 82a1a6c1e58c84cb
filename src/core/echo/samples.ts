/** Samples for a documentation source: from echoes of the collection, and from files beside it. */

import { existsSync, readFileSync } from 'node:fs';
import { type Sample, sampleFromMessages } from '../documentation/formats/sample/samples.js';
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
): Promise<Documents> {
  const added: Sample[] = [];
  for (const one of given)
    added.push(
      existsSync(one) ? sampleFromMessages(readFileSync(one, 'utf8'), one) : sampleFromEcho(await findEcho(local, one)),
    );
  const names = new Set(added.map(({ from }) => from));
  const samples = [...before.filter(({ from }) => !names.has(from)), ...added];
  const uri = mainAddress('samples.json');
  const main = await readPart(uri, 'samples.json', `${JSON.stringify({ samples }, null, 2)}\n`);
  return { main, parts: new Map([[uri, main]]) };
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
