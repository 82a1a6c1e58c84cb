/**
 * Joins the runs of parts into one run: merges their journals in the order of the rows, as if one process had walked them, so that
 * the result is reported, resumed and undone like any other run. Where every row was walked once, it also has its tables and
 * totals; otherwise it stays an interrupted run.
 */
import { join, resolve } from 'node:path';
import { shortName } from '../echo/log.js';
import { Problem } from '../problem/problem.js';
import { growFile } from '../storage/atomic-write.js';
import { placeInside } from '../storage/inside.js';
import { jsonLines } from '../storage/json-lines.js';
import { type PartsProof, partsProof } from '../trail/record/parts-proof.js';
import { recordsOfOne } from '../trail/record/records-of-one.js';
import { type RecordOf, runRecord } from '../trail/record/run-record.js';
import { WalkTotals } from '../trail/record/totals.js';
import { wholeFile } from '../trail/rows/row-part.js';
import { orderedTable, type Table } from '../trail/table/ordered-table.js';
import { parseJson, writeJson } from '../value/json-text.js';
import { isValueMap, type Value, type ValueMap } from '../value/written.js';
import { journalFolder } from './journal/folder.js';
import { type JournalLine, journalLine } from './journal/lines.js';

export interface JoinedRun {
  /** The name of the new run. */
  readonly run: string;
  readonly proofs: readonly PartsProof[];
}

/** Written when so many characters wait. */
const batch = 64_000;

interface Line {
  readonly text: string;
  readonly value: Readonly<Record<string, unknown>>;
  /** Of the row that it is about; of others that of the line before. */
  readonly row: number;
}

/**
 * @param root of the collection @param given the journals of the parts @param run the name of the new run
 * @throws Problem usage: they are not parts of one run
 */
export async function joinParts(
  { root, local }: { readonly root: string; readonly local: string },
  given: readonly string[],
  run = shortName(),
): Promise<JoinedRun> {
  const began = (await Promise.all(given.map(headerOf))).filter((one) => one !== undefined);
  const [headers, files] = [began.map(({ header }) => header), began.map(({ file }) => file)];
  const [first] = headers;
  if (!first) throw new Problem('usage', { what: 'there is no run to join' });
  requireParts(headers, files);
  const proofs = await provenBy(files);
  const whole = proofs.length > 0 && proofs.every(({ complete }) => complete);
  const at = headers.map((one) => one.at).sort()[0] ?? first.at;
  const joined = new Joined(run, root, whole);
  const { part: _, ...options } = first.options;
  const header: JournalLine = { ...first, run, at, options: { ...options, joined: true } };
  // The name of a file says when its run began: the joined one is the last.
  const now = new Date().toISOString().replace(/[-:.]/g, '');
  const file = await growFile(resolve(join(journalFolder(local), `${now}-${run}.jsonl`)));
  try {
    let waiting = `${JSON.stringify(header)}\n`;
    for await (const text of joined.lines(files)) {
      waiting += text;
      if (waiting.length < batch) continue;
      await file.write(waiting);
      waiting = '';
    }
    await file.write(waiting);
    await file.commit();
  } catch (error) {
    await file.discard();
    await joined.abandon();
    throw error;
  }
  return { run, proofs };
}

type Header = Extract<JournalLine, { line: 'run' }>;

/** @returns undefined for one that was killed before its first line was written */
async function headerOf(file: string): Promise<{ readonly header: Header; readonly file: string } | undefined> {
  let empty = true;
  for await (const { value } of linesIn(file)) {
    const line = journalLine.safeParse(value).data;
    if (line?.line === 'run') return { header: line, file };
    empty = false;
    break;
  }
  if (empty) return undefined;
  throw new Problem('data-shape', { what: `${file} is not the record of a run`, where: { file } });
}

/** @throws Problem usage */
function requireParts(headers: readonly Header[], files: readonly string[]): void {
  const [first] = headers;
  for (const [index, header] of headers.entries()) {
    const { options, names, environment, run } = header;
    if (!options.part)
      throw new Problem('usage', {
        what: `run ${run} is not a part`,
        where: { file: files[index] ?? '' },
        remedy: 'runs that are not parts can be reported together',
      });
    const differs =
      names.join() !== first?.names.join()
        ? 'names'
        : environment !== first.environment
          ? 'environment'
          : options.part.of !== first.options.part?.of
            ? 'number of parts'
            : undefined;
    if (differs !== undefined)
      throw new Problem('usage', {
        what: `runs ${first?.run} and ${run} are not parts of one run: their ${differs} ${differs === 'names' ? 'differ' : 'differs'}`,
        where: { file: files[index] ?? '' },
      });
  }
}

async function provenBy(files: readonly string[]): Promise<PartsProof[]> {
  const proof = partsProof();
  for (const file of files)
    for await (const { value } of linesIn(file, /"event":"(?:run|walk|row|part)"/)) {
      if (!/^(?:run|walk|row|part)$/.test(String(value.event))) continue;
      const record = runRecord.safeParse(value).data;
      if (record) proof.take(record);
    }
  return proof.proofs();
}

/** @param only lines in which this stands are parsed */
async function* linesIn(file: string, only?: RegExp): AsyncGenerator<Line> {
  let row = 0;
  const parsed = (text: string) => (only && !only.test(text) ? undefined : { text, value: parseJson(text) as Value });
  for await (const found of jsonLines(file, parsed)) {
    const line = found as ReturnType<typeof parsed>;
    if (line === undefined || !isValueMap(line.value)) continue;
    const { text, value } = line;
    const at = typeof value.at === 'string' ? /^\d+\.(\d+)/.exec(value.at)?.[1] : undefined;
    row = typeof value.row === 'number' ? value.row : at === undefined ? row : Number(at);
    yield { text, value, row };
  }
}

/** Of several, always the line of the least row: each is nearly in order, and so is what comes of them. */
async function* merged(files: readonly string[]): AsyncGenerator<Line> {
  const streams = files.map((file) => linesIn(file));
  const heads = await Promise.all(streams.map((one) => one.next()));
  for (;;) {
    let least = -1;
    for (const [index, head] of heads.entries()) {
      const best = heads[least];
      if (!head.done && (best === undefined || best.done || head.value.row < best.value.row)) least = index;
    }
    const head = heads[least];
    const stream = streams[least];
    if (!head || head.done || !stream) return;
    yield head.value;
    heads[least] = await stream.next();
  }
}

interface OpenTable {
  readonly record: RecordOf<'table'>;
  readonly table: Table;
}

class Joined {
  private readonly totals = new Map<number, { walked: string; totals: WalkTotals; time: number; ok: boolean }>();
  private readonly tables = new Map<number, OpenTable>();
  private readonly ofOne: ReturnType<typeof recordsOfOne>;

  constructor(
    private readonly run: string,
    private readonly root: string,
    private readonly whole: boolean,
  ) {
    this.ofOne = recordsOfOne(run);
  }

  async *lines(files: readonly string[]): AsyncGenerator<string> {
    if (this.whole) await this.openTables(files);
    for await (const { text, value } of merged(files)) {
      const kept = await this.line(text, value);
      if (kept !== undefined) yield `${kept}\n`;
    }
    if (!this.whole) return;
    for (const [walk, { walked, totals, time, ok }] of this.totals) {
      const table = await this.finishTable(walk);
      if (table) yield `${writeJson(table as unknown as Value)}\n`;
      const { run } = this;
      const counted = totals.counted(true);
      const summary = {
        event: 'summary',
        run,
        walk,
        walked,
        ok,
        interrupted: false,
        ...counted,
        time,
        problem: totals.problem,
      };
      yield `${JSON.stringify({ line: 'walk', walk, ok })}\n${writeJson(summary as unknown as Value)}\n`;
    }
  }

  async abandon(): Promise<void> {
    for (const { table } of this.tables.values()) await table.abandon();
  }

  /** What of a line stays; undefined for nothing. */
  private async line(text: string, value: Line['value']): Promise<string | undefined> {
    if (value.line !== undefined) {
      // The header is there, and how a walk ended is said at the end.
      if (/^(?:run|resumed|undo|walk)$/.test(String(value.line))) return undefined;
      if (value.line === 'cells') await this.cells(value);
      return text;
    }
    const record = runRecord.safeParse(value).data;
    if (!record) return undefined;
    const kept = this.ofOne(record);
    if (record.event === 'summary') {
      const known = this.totals.get(record.walk);
      if (known) {
        known.time = Math.max(known.time, record.time);
        known.ok &&= record.ok;
      }
    }
    // About how many rows there are is told to those who watch.
    if (!kept || kept.event === 'rows') return undefined;
    if (kept.event === 'walk')
      this.totals.set(kept.walk, { walked: kept.walked, totals: new WalkTotals(true), time: 0, ok: true });
    else if (kept.event !== 'run' && 'walk' in kept) this.totals.get(kept.walk)?.totals.take(kept);
    return kept === record ? text : writeJson(kept as unknown as Value);
  }

  /** Tables of the rows, in the place that they have without parts; those inside rows lie where they lie. */
  private async openTables(files: readonly string[]): Promise<void> {
    for (const file of files)
      for await (const { value } of linesIn(file, /"event":"table"/)) {
        if (value.event !== 'table' || value.row !== null) continue;
        const record = runRecord.parse(value) as RecordOf<'table'>;
        if (this.tables.has(record.walk)) continue;
        const to = record.to === null ? undefined : wholeFile(record.to);
        const file = to === undefined ? undefined : { to, path: placeInside(this.root, to) };
        this.tables.set(record.walk, { record, table: await orderedTable({ columns: record.columns, file }) });
      }
  }

  private async cells({ at, cells }: Line['value']): Promise<void> {
    const [, walk, row] = /^(\d+)\.(\d+)$/.exec(String(at)) ?? [];
    if (row !== undefined) await this.tables.get(Number(walk))?.table.add(Number(row), cells as ValueMap);
  }

  private async finishTable(walk: number): Promise<RecordOf<'table'> | undefined> {
    const open = this.tables.get(walk);
    if (!open) return undefined;
    const { record, table } = open;
    const { count, lines } = await table.finish();
    return { ...record, to: table.to ?? null, rows: [...lines], count };
  }
}
