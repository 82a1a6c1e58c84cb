/** Reading recorded echoes: the newest run first. */
import { existsSync, readdirSync, readFileSync, realpathSync, statSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join, sep } from 'node:path';
import { Problem } from '../problem/problem.js';
import { jsonLines } from '../storage/json-lines.js';
import { type Echo, echo as echoSchema } from './echo.js';
import { type EchoFilter, wanted } from './filter.js';

export interface RecordedRun {
  readonly run: string;
  readonly path: string;
  readonly size: number;
  /** Milliseconds since the epoch, of its last line. */
  readonly at: number;
}

/** The runs that are recorded, the newest first. */
function recordedRuns(local: string): RecordedRun[] {
  const folder = join(local, 'echoes');
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((name) => name.endsWith('.jsonl'))
    .map((name) => ({ name, ...statSync(join(folder, name)) }))
    .sort((a, b) => b.mtimeMs - a.mtimeMs || b.name.localeCompare(a.name))
    .map(({ name, size, mtimeMs }) => {
      const run = name.slice(0, -'.jsonl'.length).replace(/^.*-/, '');
      return { run, at: mtimeMs, path: join(folder, name), size: size + bodiesSize(join(folder, 'bodies', run)) };
    });
}

/** Bytes of the long bodies of a run. */
function bodiesSize(folder: string): number {
  if (!existsSync(folder)) return 0;
  return readdirSync(folder).reduce((sum, name) => sum + statSync(join(folder, name)).size, 0);
}

/** The bytes of a body that is recorded beside its echo; undefined where it is not there any more. */
export function recordedBytes(local: string, file: string): Buffer | undefined {
  const folder = join(local, 'echoes', 'bodies');
  const path = join(local, 'echoes', file);
  if (!/^bodies\/\w+\/[\w-]+$/.test(file) || !existsSync(path)) return undefined;
  // A stranger's collection may bring a record of its own, and a link beside it.
  return realpathSync(path).startsWith(`${realpathSync(folder)}${sep}`) ? readFileSync(path) : undefined;
}

/** The echoes of one run in the order in which they ended. */
async function* readRun({ path }: RecordedRun): AsyncGenerator<Echo> {
  for await (const line of jsonLines(path)) {
    const result = echoSchema.safeParse(line);
    if (result.success) yield result.data;
  }
}

/** The newest echoes that are wanted, the newest first. */
export async function newestEchoes(local: string, most: number, filter: EchoFilter = {}): Promise<Echo[]> {
  const isWanted = wanted(filter);
  const found: Echo[] = [];
  for (const run of recordedRuns(local)) {
    if (filter.run !== undefined && run.run !== filter.run) continue;
    const own: Echo[] = [];
    for await (const one of readRun(run)) {
      if (!isWanted(one)) continue;
      own.push(one);
      if (own.length > most) own.shift();
    }
    found.push(...own.reverse());
    if (found.length >= most) break;
  }
  return found.slice(0, most);
}

/** @param id `last`, or an id as `echo list` prints it. @throws Problem echo-not-found */
export async function findEcho(local: string, id: string): Promise<Echo> {
  if (id === 'last') {
    const [last] = await newestEchoes(local, 1);
    if (last) return last;
    throw new Problem('echo-not-found', {
      what: 'nothing is recorded yet',
      remedy: 'echo-trail send records what it sends',
    });
  }
  const run = recordedRuns(local).find((one) => one.run === id.split('.')[0]);
  if (run) for await (const one of readRun(run)) if (one.id === id) return one;
  throw new Problem('echo-not-found', {
    what: `there is no echo ${id}`,
    remedy: 'echo-trail echo list shows the recorded ones; the oldest are let go',
    data: { id },
  });
}

/** The body of the answer of an echo, at once. @throws Problem echo-not-found */
export function echoText(local: string, id: string): string {
  const run = recordedRuns(local).find((one) => one.run === id.split('.')[0]);
  const line =
    run &&
    readFileSync(run.path, 'utf8')
      .split('\n')
      .find((text) => text.startsWith(`{"id":"${id}"`));
  const body = line === undefined ? undefined : echoSchema.parse(JSON.parse(line)).received?.body;
  if (line === undefined) {
    throw new Problem('echo-not-found', {
      what: `there is no echo ${id}`,
      remedy: 'echo-trail echo list shows the recorded ones; the oldest are let go',
      data: { id },
    });
  }
  const beside = body?.file === undefined ? undefined : recordedBytes(local, body.file);
  return beside?.toString('utf8') ?? body?.text ?? '';
}

export interface Retention {
  readonly runs: number;
  /** Bytes. */
  readonly size: number;
  /** Milliseconds since the epoch: what ended before is let go. */
  readonly since?: number;
}

/** Lets the oldest runs go, until the rest is within both limits. How many went. */
export async function retain(local: string, { runs, size, since = 0 }: Retention): Promise<number> {
  let total = 0;
  let gone = 0;
  for (const [index, run] of recordedRuns(local).entries()) {
    total += run.size;
    // The last one stays unless nothing is to be kept: somebody may be looking at it.
    const fits = index < runs && (total <= size || index === 0);
    if (fits && run.at >= since) continue;
    await rm(run.path, { force: true });
    await rm(join(local, 'echoes/bodies', run.run), { recursive: true, force: true });
    gone += 1;
  }
  return gone;
}
