/** Which blocks of a page speak of which call. */
import type { Certainty, Warning } from '../../model/model.js';
import { isIdentifier } from '../../model/path-identifier.js';
import { basePathOf } from './base-path.js';
import type { Block, Code, Heading, Table } from './blocks.js';
import { type Call, callIn, callOf, fitsPath, methodPath } from './call.js';
import { fieldsIn } from './field-table.js';
import { commandLine, rawRequest } from './messages.js';

/** An operation and the blocks that speak of it. */
export interface Section {
  readonly method: string;
  readonly path: string;
  readonly query: readonly string[];
  readonly summary: string;
  readonly certainty: Certainty;
  readonly line: number;
  readonly blocks: Block[];
}

export function sectionsOf(blocks: readonly Block[], warnings: Warning[]): readonly Section[] {
  const reading = new Reading(basePathOf(blocks), warnings);
  for (const block of blocks) reading.take(block);
  return reading.end();
}

class Reading {
  private readonly found = new Map<string, Section>();
  /** The headings that the next block stands below. */
  private readonly trail: Heading[] = [];
  private open: Section | undefined;
  private openLevel = 0;
  /** Whether anything was read below the last heading. */
  private useful = true;

  /** @param base what stands before all paths; some addresses of a page have it, others leave it out */
  constructor(
    private readonly base: string,
    private readonly warnings: Warning[],
  ) {}

  take(block: Block): void {
    if (block.is === 'heading') this.heading(block);
    else if (!this.isCall(block)) this.content(block);
  }

  end(): readonly Section[] {
    this.leave();
    return [...this.found.values()];
  }

  private heading(block: Heading): void {
    const { trail } = this;
    this.leave();
    this.useful = this.open !== undefined && block.level > this.openLevel;
    if (!this.useful) this.open = undefined;
    while (trail.length > 0 && (trail.at(-1)?.level ?? 0) >= block.level) trail.pop();
    trail.push(block);
    const call = callIn(block.text);
    if (call) {
      const summary = block.text.replace(methodPath, '').replace(/^[\s:–—-]+|[\s:–—-]+$/g, '');
      this.start(call, summary, 'sure', block.line);
      return;
    }
    const described = listedAs(block.text, this.found.values());
    if (described) this.goOn(described);
    else this.open?.blocks.push(block);
  }

  /** Whether a block says which call is spoken of, and nothing else. */
  private isCall(block: Exclude<Block, Heading>): boolean {
    if (block.is === 'table') return listsCalls(block) && this.calls(block);
    if (block.is === 'text') {
      const call = callIn(block.text);
      // A sentence that mentions a call is not its definition.
      if (!call || block.text.replace(methodPath, '').trim().length >= 40) return false;
      this.start(call, this.title, 'sure', block.line);
      return true;
    }
    const lines = block.text.split('\n').filter((line) => line.trim() !== '');
    const calls = lines.map((line) => (bareCall.test(line) ? callIn(line) : undefined));
    if (calls.length === 0 || calls.includes(undefined)) return false;
    for (const call of calls) if (call) this.start(call, this.title, 'sure', block.line);
    return true;
  }

  /** One is what the section is about; several are an overview. */
  private calls({ head, rows, line }: Table): true {
    const listed = [head, ...rows].flatMap((row) => {
      const call = callIn(row.join(' '));
      return call ? [{ call, row }] : [];
    });
    const several = listed.length > 1;
    for (const { call, row } of listed) this.start(call, several ? describedIn(row) : this.title, 'sure', line);
    if (several) this.open = undefined;
    return true;
  }

  private content(block: Exclude<Block, Heading>): void {
    if (block.is === 'code') this.example(block);
    if (this.open) this.open.blocks.push(block);
    else if (block.is === 'table' && fieldsIn(block))
      this.warnings.push({ at: `line ${block.line}`, what: 'a table of fields stands below no call' });
  }

  /** An example goes to the call that it fits; one that fits none is a call of its own. */
  private example({ text, line }: Code): void {
    const example = rawRequest(text) ?? commandLine(text);
    if (!example) return;
    const call = callOf(example);
    const path = this.whole(call.path);
    const sections = [...this.found.values()];
    const fits = (one: Section | undefined): boolean => one?.method === call.method && fitsPath(path, one.path);
    const described = fits(this.open) ? this.open : sections.find(fits);
    if (described) this.goOn(described);
    else this.start({ ...call, path: withParameters(path, sections) }, this.title, 'guess', line);
  }

  private start(given: Call, summary: string, certainty: Certainty, line: number): void {
    const call = { ...given, path: this.whole(given.path) };
    const key = `${call.method} ${call.path}`;
    const before = this.found.get(key);
    // Listed first and described later: the description is what counts.
    const said = before?.summary && summary === '' ? before.summary : summary;
    const section = { ...call, summary: said, certainty, line, blocks: before?.blocks ?? [] };
    this.found.set(key, section);
    this.goOn(section);
  }

  private goOn(section: Section): void {
    if (section !== this.open) this.openLevel = this.level;
    this.open = section;
    this.useful = true;
  }

  private leave(): void {
    const last = this.trail.at(-1);
    if (!this.useful && last && last.level > 1)
      this.warnings.push({ at: `line ${last.line}`, what: `nothing was read from “${last.text}”` });
  }

  private whole(path: string): string {
    if (path === this.base || path.startsWith(`${this.base}/`)) return path;
    return this.base + (path === '/' ? '' : path);
  }

  private get level(): number {
    return this.trail.at(-1)?.level ?? 0;
  }

  private get title(): string {
    return this.trail.at(-1)?.text ?? '';
  }
}

const bareCall = /^\s*(?:GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS)\s+\S+\s*$/;

/** The call that an overview lists under the words of a heading. */
function listedAs(heading: string, sections: Iterable<Section>): Section | undefined {
  const words = (text: string): string =>
    text
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim();
  return [...sections].find(({ summary }) => summary !== '' && words(summary) === words(heading));
}

/** What names one thing in an example is a parameter; it is called as where it stands in another call of the page. */
function withParameters(path: string, others: readonly Section[]): string {
  const parts: string[] = [];
  for (const part of path.split('/')) {
    if (!isIdentifier(part)) parts.push(part);
    else {
      const before = `${parts.join('/')}/{`;
      const known = others
        .find((one) => one.path.startsWith(before))
        ?.path.slice(before.length)
        .split('}')[0];
      parts.push(`{${known ?? `${(parts.at(-1) ?? '').replace(/s$/, '').replace(/\W+/g, '_')}_id`}}`);
    }
  }
  return parts.join('/');
}

const listsCalls = (table: Table): boolean =>
  [table.head, ...table.rows].some((row) => callIn(row.join(' '))) && !fieldsIn(table);

const describedIn = (row: readonly string[]): string =>
  row
    .filter(
      (cell) =>
        !/^(?:GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS)$/.test(cell) && !cell.startsWith('/') && !methodPath.test(cell),
    )
    .at(-1) ?? '';
