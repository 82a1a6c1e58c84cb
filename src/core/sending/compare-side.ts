/** One side of a comparison: what a request gets now, what an echo recorded, a document, or a kept value. */
import { readFileSync } from 'node:fs';
import type { ComparedResponse } from '../comparison/responses.js';
import { findEcho, recordedBytes } from '../echo/read.js';
import { Problem } from '../problem/problem.js';
import { pathInside } from '../storage/inside.js';
import type { Sent } from './sending.js';

/** @throws Problem: no usable response */
export function sentSide({
  request,
  outcome: { received, trouble },
}: Pick<Sent, 'request' | 'outcome'>): ComparedResponse {
  if (!received || trouble)
    throw trouble ?? new Problem('exchange-failed', { what: `${request.name} gave no response` });
  return { status: received.status, headers: received.headers, text: received.text, time: received.time };
}

/** @throws Problem echo-not-found */
export async function echoSide(local: string, id: string): Promise<ComparedResponse> {
  const { received, phases } = await findEcho(local, id);
  const body = received?.body;
  const beside = body?.file === undefined ? undefined : recordedBytes(local, body.file);
  return {
    status: received?.status,
    headers: received?.headers ?? [],
    text: beside?.toString('utf8') ?? body?.text ?? '',
    time: phases?.total,
  };
}

/** @throws Problem file-not-found, file-outside */
export function fileSide(root: string, path: string): ComparedResponse {
  return { status: undefined, headers: [], text: readFileSync(pathInside(root, path), 'utf8') };
}
