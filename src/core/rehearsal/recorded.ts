/** Echoes of the same request: what the vendor responded then, of this machine or shared in the collection. */
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { rehearsedEnvironment } from '../collection/variables/rehearsed.js';
import { type Echo, echo as echoSchema } from '../echo/echo.js';
import { newestEchoes, recordedBytes } from '../echo/read.js';
import { jsonLines } from '../storage/json-lines.js';
import type { RehearsedRequest, RehearsedResponse } from './messages.js';

/** Sets of echoes that the collection shares: `rehearsal/*.jsonl`. */
export const sharedEchoes = 'rehearsal';

/** Of each machine's own, so many of the newest. */
const most = 5000;

export type Recorded = (request: RehearsedRequest) => RehearsedResponse | undefined;

/** @param root of the collection @param local its local state */
export async function recordedResponses(root: string, local: string): Promise<Recorded> {
  const byRequest = new Map<string, Echo>();
  const own = await newestEchoes(local, most);
  for (const one of [...own, ...(await sharedIn(root))]) {
    // What a rehearsal responded is nothing that the vendor said.
    if (!one.received || one.again || rehearsedEnvironment.is(one.environment)) continue;
    const { method, url, body } = one.sent;
    const key = keyOf(method, pathOf(url), body?.text ?? '');
    if (!byRequest.has(key)) byRequest.set(key, one);
  }
  return ({ method, target, body }) => {
    const found = byRequest.get(keyOf(method, pathOf(target), Buffer.from(body).toString('utf8')));
    return found && responseOf(found, local);
  };
}

async function sharedIn(root: string): Promise<Echo[]> {
  const folder = join(root, sharedEchoes);
  const found: Echo[] = [];
  for (const name of filesOf(folder))
    for await (const line of jsonLines(join(folder, name))) {
      const one = echoSchema.safeParse(line).data;
      if (one) found.push(one);
    }
  return found;
}

function filesOf(folder: string): string[] {
  try {
    return readdirSync(folder)
      .filter((name) => name.endsWith('.jsonl'))
      .sort();
  } catch {
    return [];
  }
}

const keyOf = (method: string, path: string, body: string): string => `${method} ${path} ${body}`;

/** Path and query, with its parameters in one order. */
function pathOf(url: string): string {
  const { pathname, searchParams } = new URL(url, 'http://vendor.example');
  searchParams.sort();
  const query = searchParams.toString();
  return query === '' ? pathname : `${pathname}?${query}`;
}

/** What is said of the connection, or of the length before it was decoded, is repeated. */
const ofTransfer =
  /^(?:connection|keep-alive|transfer-encoding|content-length|content-encoding|date|set-cookie|trailer|upgrade)$/i;

function responseOf({ received }: Echo, local: string): RehearsedResponse | undefined {
  if (!received) return undefined;
  const { status, headers, body } = received;
  const beside = body?.file === undefined ? undefined : recordedBytes(local, body.file);
  // Of a body of which only the beginning was recorded, the response would be another one.
  if (body?.cut && !beside) return undefined;
  return {
    status,
    headers: Object.fromEntries(
      headers.filter(([name]) => !ofTransfer.test(name)).map(([name, value]) => [name.toLowerCase(), value]),
    ),
    body: beside ?? Buffer.from(body?.text ?? '', body?.encoding === 'base64' ? 'base64' : 'utf8'),
    from: 'echo',
  };
}
