/** Which blocks of a page speak of which call. */
import type { Certainty, Warning } from '../../model/model.js';
import { isIdentifier } from '../../model/path-identifier.js';
import { basePathOf } from './base-path.js';
import {
  addressAlone,
  bracketed,
  type Call,
  callOf,
  callSaid,
  callsNamed,
  callsOf,
  fitsPath,
  methodsAlone,
} from './call.js';
import { callsListed } from './call-table.js';
import { fieldsIn } from './field-table.js';
import { commandLine, rawRequest } from './messages.js';
import type { Block, Code, Heading, Table, Text } from './notation/blocks.js';
import { isPart, Titles, wordsOf } from './titles.js';

/** An operation and the blocks that speak of it. */
export interface Section {
  readonly method: string;
  readonly path: string;
  readonly query: readonly string[];
  readonly summary: string;
  /** Other names that an overview has for it. */
  readonly names: readonly string[];
  /** Whether the summary is the heading above, which others may stand below too. */
  readonly titled: boolean;
  readonly certainty: Certainty;
  readonly line: number;
  readonly blocks: Block[];
}

export function sectionsOf(blocks: readonly Block[], warnings: Warning[]): readonly Section[] {
  const reading = new Reading(basePathOf(blocks), new Titles(blocks), warnings);
  for (const block of blocks) reading.take(block);
  return reading.end();
}

/** An address that stands alone, for the methods that stand below it. */
interface Standing {
  readonly address: string;
  readonly level: number;
  /** Blocks before the first method. */
  readonly blocks: Block[];
}

/** Blocks that may stand between a method and its address. */
const between = 1;

class Reading {
  private readonly found = new Map<string, Section>();
  /** Which of them was called so first. */
  private readonly called = { so: new Map<string, string>(), also: new Map<string, string>() };
  /** The headings that the next block stands below. */
  private readonly trail: Heading[] = [];
  private standing: readonly Standing[] = [];
  /** Methods that stand alone and wait for their address. */
  private awaiting: { readonly methods: readonly string[]; left: number } | undefined;
  private open: Section | undefined;
  private openLevel = 0;
  /** Whether anything was read below the last heading. */
  private useful = true;
  private readonly unread: Heading[] = [];

  /** @param base what stands before all paths; some addresses of a page have it, others leave it out */
  constructor(
    private readonly base: string,
    private readonly titles: Titles,
    private readonly warnings: Warning[],
  ) {}

  take(block: Block): void {
    if (block.is === 'heading') this.heading(block);
    else if (!this.isCall(block)) this.content(block);
  }

  end(): readonly Section[] {
    this.leave();
    for (const { line, text, below } of withoutInner(this.unread))
      this.warnings.push({
        at: `line ${line}`,
        what: `nothing was read from “${text}”${below === 0 ? '' : ` and ${below === 1 ? 'the heading' : `the ${below} headings`} below it`}`,
      });
    return [...this.found.values()];
  }

  private heading(block: Heading): void {
    const { trail } = this;
    const { text, level, line } = block;
    this.leave();
    this.useful = this.open !== undefined && level > this.openLevel;
    if (!this.useful) this.open = undefined;
    while (trail.length > 0 && (trail.at(-1)?.level ?? 0) >= level) trail.pop();
    trail.push(block);
    const inside = bracketed(text);
    const label = inside?.inside ?? text;
    const methods = methodsAlone(label);
    const above = this.standing.at(-1);
    if (methods && above) {
      this.startBelow(above, methods, 'sure', line, inside?.words ?? '', '');
      return;
    }
    this.standing = this.standing.filter((one) => one.level < level);
    const named = callsNamed(label);
    const address = addressAlone(label);
    if (named) this.startAll(named.calls, inside?.words ?? named.beside, 'sure', line, '');
    else if (address !== undefined) this.stand(address, level);
    else {
      const described = this.listedAs(text);
      if (described) this.goOn(described);
      else this.open?.blocks.push(block);
    }
  }

  /** Below another address, one is a part of it: `/{code}` below `/berths`. */
  private stand(address: string, level: number): void {
    const above = this.standing.at(-1)?.address.replace(/\/$/, '') ?? '';
    const part = above !== '' && address.startsWith('/') && !address.startsWith(`${above}/`) && address !== above;
    this.standing = [...this.standing, { address: part ? above + address : address, level, blocks: [] }];
    this.open = undefined;
  }

  /** Whether a block says which call is spoken of, and nothing else. */
  private isCall(block: Exclude<Block, Heading>): boolean {
    if (block.is === 'table') return this.calls(block);
    if (block.is === 'text') return this.label(block) || this.told(block);
    const lines = block.text.split('\n').filter((line) => line.trim() !== '');
    if (lines.length > mostInCode) return false;
    const named = lines.map((line) => callsNamed(line, 'sentence'));
    if (named.length === 0 || named.some((one) => one === undefined || one.beside !== '')) return false;
    for (const one of named) this.startAll(one?.calls ?? [], '', 'sure', block.line);
    return true;
  }

  private label({ text, line }: Text): boolean {
    const named = callsNamed(text, 'sentence');
    if (named) {
      this.startAll(named.calls, named.beside, 'sure', line);
      return true;
    }
    const methods = methodsAlone(text);
    const address = addressAlone(text);
    const above = this.standing.at(-1);
    if (methods && above) this.startBelow(above, methods, 'likely', line);
    else if (methods) this.awaiting = { methods, left: between };
    else if (address !== undefined && this.awaiting) {
      const { methods: waiting } = this.awaiting;
      this.awaiting = undefined;
      this.startAll(callsOf(waiting.join(), address), '', 'sure', line);
    } else if (address !== undefined) this.standing = [{ address, level: this.level + 1, blocks: [] }];
    else return false;
    return true;
  }

  /** A sentence below a heading of its own. */
  private told({ marked, line }: Text): boolean {
    const call = this.open ? undefined : callSaid(marked);
    if (call) this.startAll([call], '', 'likely', line);
    return false;
  }

  /** One is what the section is about; several are an overview. */
  private calls(table: Table): boolean {
    const listed = callsListed(table);
    if (!listed) return false;
    const several = listed.length > 1;
    const named = several || callsListed({ ...table, rows: [] }) === undefined;
    for (const { call, summary, names } of listed)
      this.start(call, {
        ...(named && summary !== '' ? { summary, names, titled: false } : this.titled('')),
        certainty: 'sure',
        line: table.line,
      });
    if (several) this.open = undefined;
    return true;
  }

  private content(block: Exclude<Block, Heading>): void {
    if (this.awaiting) {
      this.awaiting.left -= 1;
      if (this.awaiting.left < 0) this.awaiting = undefined;
    }
    if (block.is === 'code') this.example(block);
    const above = this.standing.at(-1);
    if (this.open) this.open.blocks.push(block);
    else if (above) above.blocks.push(block);
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
    const sure = sections.filter(({ certainty }) => certainty !== 'guess');
    const fits = (one: Section | undefined): boolean => one?.method === call.method && fitsPath(path, one.path);
    const described = fits(this.open) ? this.open : (this.found.get(`${call.method} ${path}`) ?? sections.find(fits));
    if (described) this.goOn(described);
    else
      this.start(
        { ...call, path: withParameters(path, sure) },
        // What is in braces is no example any more.
        { ...this.titled(''), certainty: call.path.includes('{') ? 'likely' : 'guess', line },
      );
  }

  /** @param title what the calls stand below, where the block is no heading itself */
  private startAll(calls: readonly Call[], beside: string, certainty: Certainty, line: number, title?: string): void {
    const said = this.titled(beside, title);
    for (const call of calls) this.start(call, { ...said, certainty, line });
  }

  private startBelow(
    { address, blocks }: Standing,
    methods: readonly string[],
    certainty: Certainty,
    line: number,
    beside = '',
    title?: string,
  ): void {
    for (const call of callsOf(methods.join(), address)) {
      this.start(call, { ...this.titled(beside, title), certainty, line });
      this.open?.blocks.unshift(...blocks);
    }
  }

  private titled(beside: string, title = this.title()): Pick<Section, 'summary' | 'names' | 'titled'> {
    const own = /\p{L}{2}/u.test(beside) && !isPart(beside);
    return { summary: own ? beside : title, names: [], titled: !own };
  }

  private start(given: Call, said: Pick<Section, 'summary' | 'names' | 'titled' | 'certainty' | 'line'>): void {
    const call = { ...given, path: this.whole(given.path) };
    const key = `${call.method} ${call.path}`;
    const before = this.found.get(key);
    // Listed first and described later: the description is what counts.
    const kept = before && said.titled && !before.titled ? before : said;
    const { summary, titled } = kept;
    const names = [...(before?.names ?? []), ...said.names];
    const section = { ...said, ...call, summary, titled, names, blocks: before?.blocks ?? [] };
    this.found.set(key, section);
    remember(this.called.so, summary, key);
    for (const name of said.names) remember(this.called.also, name, key);
    this.goOn(section);
  }

  /** The call that an overview lists under the words of a heading. */
  private listedAs(heading: string): Section | undefined {
    const words = wordsOf(heading);
    const bare = words.replace(/ (?:function|operation|method|endpoint|call|request)$/, '');
    const { so, also } = this.called;
    return this.found.get(so.get(words) ?? also.get(bare) ?? '');
  }

  private goOn(section: Section): void {
    if (section !== this.open) this.openLevel = this.level;
    this.open = section;
    this.useful = true;
  }

  private leave(): void {
    const last = this.trail.at(-1);
    this.awaiting = undefined;
    if (!this.useful && last && last.level > 1) this.unread.push(last);
  }

  private whole(path: string): string {
    if (path === this.base || path.startsWith(`${this.base}/`)) return path;
    return this.base + (path === '/' ? '' : path);
  }

  private title(): string {
    // Parts of what was described before are not what the next call stands below.
    while (isPart(this.trail.at(-1)?.text ?? '-')) this.trail.pop();
    return this.titles.of(this.trail);
  }

  private get level(): number {
    return this.trail.at(-1)?.level ?? 0;
  }
}

/** Lines. More are no list of calls. */
const mostInCode = 200;

function remember(names: Map<string, string>, name: string, key: string): void {
  const words = wordsOf(name);
  if (words !== '' && !names.has(words)) names.set(words, key);
}

/** Of headings that say nothing, the outer ones, with how many stand below each. */
function withoutInner(headings: readonly Heading[]): readonly (Heading & { readonly below: number })[] {
  const outer: (Heading & { below: number })[] = [];
  for (const heading of headings) {
    const last = outer.at(-1);
    if (last && heading.level > last.level) last.below += 1;
    else outer.push({ ...heading, below: 0 });
  }
  return outer;
}

/** What names one thing in an example is a parameter; it is called as where it is in another call of the page. */
function withParameters(path: string, others: readonly Section[]): string {
  const parts: string[] = [];
  for (const part of path.split('/')) {
    const before = `${parts.join('/')}/`;
    const beside = others
      .filter((one) => one.path.startsWith(before))
      .map((one) => one.path.slice(before.length).split('/')[0] ?? '');
    const slot = beside.includes(part) ? undefined : beside.find((one) => /^\{.*\}$/.test(one));
    const named = /^\{(.*)\}$/.exec(parts.at(-1) ?? '')?.[1] ?? (parts.at(-1) ?? '').replace(/s$/, '');
    if (slot !== undefined) parts.push(slot);
    else if (isIdentifier(part) || isHostName(part)) parts.push(`{${named.replace(/\W+/g, '_')}_id}`);
    else parts.push(part);
  }
  return parts.join('/');
}

const isHostName = (part: string): boolean =>
  /^[\w-]+(?:\.[\w-]+)*\.(?:example|invalid|test|local\w*|com|net|org)\b/.test(part);
