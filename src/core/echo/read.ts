/** Reading recorded echoes: the newest run first. */

import { existsSync, readFileSync, realpathSync } from 'node:fs';
import { join, sep } from 'node:path';
import { action } from '../problem/actions.js';
import { Problem } from '../problem/problem.js';
import { filesIn } from '../storage/files-in.js';
import { linesBackwards } from '../storage/lines-backwards.js';
import { parseJson } from '../value/json-text.js';
import { type Echo, echo as echoSchema } from './echo.js';
import { type EchoFilter, wanted } from './filter.js';
import { locateEcho } from './locate.js';

export interface RecordedRun {
  readonly run: string;
  readonly path: string;
  /** Bytes, without those of long bodies. */
  readonly size: number;
  /** Milliseconds since the epoch, of its last line. */
  readonly at: number;
}

/** The commands whose exchanges are recorded, the newest first. */
export function recordedRuns(local: string): RecordedRun[] {
  const folder = join(local, 'echoes');
  return filesIn(folder, (name) => name.endsWith('.jsonl'))
    .toSorted((a, b) => b.mtimeMs - a.mtimeMs || b.name.localeCompare(a.name))
    .map(({ name, path, size, mtimeMs }) => ({
      run: name.slice(0, -'.jsonl'.length).replace(/^.*-/, ''),
      at: mtimeMs,
      path,
      size,
    }));
}

/** Where a body is that is recorded beside its echo; undefined where it is not there any more. */
export function recordedFile(local: string, file: string): string | undefined {
  const folder = join(local, 'echoes', 'bodies');
  const path = join(local, 'echoes', file);
  if (!/^bodies\/\w+\/[\w-]+$/.test(file) || !existsSync(path)) return undefined;
  // A stranger's collection may bring a record of its own, and a link beside it.
  return realpathSync(path).startsWith(`${realpathSync(folder)}${sep}`) ? path : undefined;
}

/** Its bytes. */
export function recordedBytes(local: string, file: string): Buffer | undefined {
  const path = recordedFile(local, file);
  return path === undefined ? undefined : readFileSync(path);
}

/** The newest echoes that are wanted, the newest first. */
export async function newestEchoes(local: string, most: number, filter: EchoFilter = {}): Promise<Echo[]> {
  const isWanted = wanted(filter);
  const found: Echo[] = [];
  for (const { run, path } of recordedRuns(local)) {
    if (filter.run !== undefined && run !== filter.run) continue;
    /** Its last line says what became of it: those before are met later. */
    const seen = new Set<string>();
    for await (const line of linesBackwards(path)) {
      const id = idIn(line);
      if (id === undefined || seen.has(id)) continue;
      const one = echoIn(line, isWanted);
      // A line that a kill cut off hides none of those before it.
      if (one === undefined) continue;
      seen.add(id);
      if (one !== 'not wanted') found.push(one);
      if (found.length >= most) return found;
    }
  }
  return found;
}

/** The id stands first in every line. */
const idIn = (line: string): string | undefined => /^\{"id":"([\w.]+)"/.exec(line)?.[1];

/** undefined where a kill cut the line off; what is not wanted is not looked at closely. */
function echoIn(line: string, isWanted: (echo: Echo) => boolean = () => true): Echo | 'not wanted' | undefined {
  try {
    const read: unknown = parseJson(line);
    return isWanted(read as Echo) ? echoSchema.safeParse(read).data : 'not wanted';
  } catch {
    return undefined;
  }
}

/** @param id `last`, or an id as `echo list` prints it. @throws Problem echo-not-found */
export async function findEcho(local: string, id: string): Promise<Echo> {
  if (id !== 'last') return echoById(local, id);
  const [last] = await newestEchoes(local, 1);
  if (last) return last;
  throw new Problem('echo-not-found', {
    what: 'nothing is recorded yet',
    remedy: `${action().send()} records what it sends`,
  });
}

function echoById(local: string, id: string): Echo {
  const run = recordedRuns(local).find((one) => one.run === id.split('.')[0]);
  const line = run && locateEcho(run.path, id);
  const found = line === undefined ? undefined : echoIn(line);
  if (found && found !== 'not wanted') return found;
  throw new Problem('echo-not-found', {
    what: `there is no echo ${id}`,
    remedy: `${action().listEchoes()} shows the recorded ones; the oldest are deleted`,
    data: { id },
  });
}

/** The body of the response of an echo, at once. @throws Problem echo-not-found */
export function echoText(local: string, id: string): string {
  const body = echoById(local, id).received?.body;
  const beside = body?.file === undefined ? undefined : recordedBytes(local, body.file);
  return beside?.toString('utf8') ?? body?.text ?? '';
}
