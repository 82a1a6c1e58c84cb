/** One side of a comparison: what a request answers now, what an echo recorded, a document, or a kept value. */
import { readFileSync } from 'node:fs';
import type { ComparedAnswer } from '../comparison/answers.js';
import { findEcho, recordedBytes } from '../echo/read.js';
import { Problem } from '../problem/problem.js';
import { pathInside } from '../storage/inside.js';
import type { Sent } from './sending.js';

/** @throws Problem: no usable answer */
export function sentSide({
  request,
  outcome: { received, trouble },
}: Pick<Sent, 'request' | 'outcome'>): ComparedAnswer {
  if (!received || trouble) throw trouble ?? new Problem('exchange-failed', { what: `${request.name} gave no answer` });
  return { status: received.status, headers: received.headers, text: received.text, time: received.time };
}

/** @throws Problem echo-not-found */
export async function echoSide(local: string, id: string): Promise<ComparedAnswer> {
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
export function fileSide(root: string, path: string): ComparedAnswer {
  return { status: undefined, headers: [], text: readFileSync(pathInside(root, path), 'utf8') };
}
