/**
 * Runs of parts made into one run: their records and their journals in the order of the rows, as if one process had walked them, so
 * that it is reported, resumed and undone like any other. Where each row was walked once, tables and totals are made, too; else
 * it is left as a run that was interrupted.
 */
import { createReadStream } from 'node:fs';
import { join, resolve } from 'node:path';
import { createInterface } from 'node:readline';
import { shortName } from '../echo/log.js';
import { Problem } from '../problem/problem.js';
import { growFile } from '../storage/atomic-write.js';
import { placeInside } from '../storage/inside.js';
import { type PartsProof, partsProof } from '../trail/record/parts-proof.js';
import { type RecordOf, type RunRecord, runRecord } from '../trail/record/run-record.js';
import { WalkTotals } from '../trail/record/totals.js';
import { wholeFile } from '../trail/rows/row-part.js';
import { errorColumn } from '../trail/table/table.js';
import { type TableWriter, tableWriter } from '../trail/table/table-file.js';
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

/** @param root of the collection @param files the journals of the parts @throws Problem usage: they are not parts of one run */
export async function joinParts(
  { root, local }: { readonly root: string; readonly local: string },
  files: readonly string[],
): Promise<JoinedRun> {
  const headers = await Promise.all(files.map(headerOf));
  const [first] = headers;
  if (!first) throw new Problem('usage', { what: 'there is no run to join' });
  requireParts(headers, files);
  const proofs = await provenBy(files);
  const whole = proofs.length > 0 && proofs.every((one) => one.whole);
  const run = shortName();
  const at = headers.map((one) => one.at).sort()[0] ?? first.at;
  const joined = new Joined(run, root, whole);
  const { part: _, ...options } = first.options;
  const header: JournalLine = { ...first, run, at, options: { ...options, joined: true } };
  // The name of a file says when its run began: the joined one is the last.
  const began = new Date().toISOString().replace(/[-:.]/g, '');
  const file = await growFile(resolve(join(journalFolder(local), `${began}-${run}.jsonl`)));
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

async function headerOf(file: string): Promise<Header> {
  for await (const { value } of linesIn(file)) {
    const line = journalLine.safeParse(value).data;
    if (line?.line === 'run') return line;
    break;
  }
  throw new Problem('data-shape', { what: `${file} is no journal of a run`, where: { file } });
}

/** @throws Problem usage */
function requireParts(headers: readonly Header[], files: readonly string[]): void {
  const [first] = headers;
  for (const [index, header] of headers.entries()) {
    const { options, names, environment, run } = header;
    if (!options.part)
      throw new Problem('usage', {
        what: `the run ${run} is no part`,
        where: { file: files[index] ?? '' },
        remedy: 'parts are made by run --part; report RUN RUN tells any runs together',
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
        what: `the run ${run} is no part of the same as ${first?.run}: its ${differs} is another`,
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
  for await (const text of createInterface({
    input: createReadStream(file, 'utf8'),
    crlfDelay: Number.POSITIVE_INFINITY,
  })) {
    if (only && !only.test(text)) continue;
    let value: unknown;
    try {
      value = parseJson(text);
    } catch {
      // A kill cut it off.
      continue;
    }
    if (!isValueMap(value as Value)) continue;
    const own = value as Readonly<Record<string, unknown>>;
    const at = typeof own.at === 'string' ? /^\d+\.(\d+)/.exec(own.at)?.[1] : undefined;
    row = typeof own.row === 'number' ? own.row : at === undefined ? row : Number(at);
    yield { text, value: own, row };
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
  readonly writer: TableWriter | undefined;
  readonly to: string | null;
  readonly early: Map<number, ValueMap>;
  readonly lines: ValueMap[];
  next: number;
}

/** Lines of a table that its record shows. */
const shownLines = 100;

class Joined {
  private readonly totals = new Map<number, { walked: string; totals: WalkTotals; time: number; ok: boolean }>();
  private readonly tables = new Map<number, OpenTable>();
  private begun = false;

  constructor(
    private readonly run: string,
    private readonly root: string,
    private readonly whole: boolean,
  ) {}

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
    for (const { writer } of this.tables.values()) await writer?.abandon();
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
    switch (record.event) {
      case 'run': {
        if (this.begun) return undefined;
        this.begun = true;
        const { part: _, ...rest } = record;
        return writeJson({ ...rest, run: this.run, resumed: false } as unknown as Value);
      }
      case 'walk':
        if (this.totals.has(record.walk)) return undefined;
        this.totals.set(record.walk, { walked: record.walked, totals: new WalkTotals(true), time: 0, ok: true });
        return text;
      case 'summary': {
        const known = this.totals.get(record.walk);
        if (known) {
          known.time = Math.max(known.time, record.time);
          known.ok &&= record.ok;
        }
        return undefined;
      }
      case 'rows':
      case 'part':
      case 'table':
      case 'unfinished':
        return undefined;
      default:
        this.count(record);
        return text;
    }
  }

  private count(record: RunRecord): void {
    if ('walk' in record) this.totals.get(record.walk)?.totals.take(record);
  }

  /** Tables of the rows, in the place that they have without parts; those inside rows lie where they lie. */
  private async openTables(files: readonly string[]): Promise<void> {
    for (const file of files)
      for await (const { value } of linesIn(file, /"event":"table"/)) {
        if (value.event !== 'table' || value.row !== null) continue;
        const record = runRecord.parse(value) as RecordOf<'table'>;
        if (this.tables.has(record.walk)) continue;
        const to = record.to === null ? null : wholeFile(record.to);
        const writer =
          to === null ? undefined : await tableWriter(placeInside(this.root, to), [...record.columns, errorColumn]);
        this.tables.set(record.walk, { record, writer, to, early: new Map(), lines: [], next: 1 });
      }
  }

  private async cells({ at, cells }: Line['value']): Promise<void> {
    const [, walk, row] = /^(\d+)\.(\d+)$/.exec(String(at)) ?? [];
    const table = this.tables.get(Number(walk));
    if (!table || row === undefined) return;
    table.early.set(Number(row), cells as ValueMap);
    for (let line = table.early.get(table.next); line; line = table.early.get(table.next)) {
      table.early.delete(table.next);
      table.next += 1;
      if (table.lines.length < shownLines) table.lines.push(line);
      await table.writer?.add(line);
    }
  }

  private async finishTable(walk: number): Promise<RecordOf<'table'> | undefined> {
    const table = this.tables.get(walk);
    if (!table) return undefined;
    await table.writer?.finish();
    const { record, to, lines, next } = table;
    return { ...record, to, rows: lines as RecordOf<'table'>['rows'], count: next - 1 };
  }
}
