/** Which blocks of a page speak of which call. */
import type { Certainty, Warning } from '../model.js';
import { isIdentifier } from '../sample/identifier.js';
import { basePathOf } from './base-path.js';
import type { Block, Heading, Table } from './blocks.js';
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
  const found = new Map<string, Section>();
  const trail: Heading[] = [];
  let open: Section | undefined;
  let openLevel = 0;
  let useful = true;

  const base = basePathOf(blocks);
  /** Behind the base of the page, which some of its addresses have and others leave out. */
  const whole = (path: string): string =>
    path === base || path.startsWith(`${base}/`) ? path : base + (path === '/' ? '' : path);

  const start = (given: Call, summary: string, certainty: Certainty, line: number, level: number): void => {
    const call = { ...given, path: whole(given.path) };
    const key = `${call.method} ${call.path}`;
    const before = found.get(key);
    // Listed first and described later: the description is what counts.
    open = {
      ...call,
      summary: before?.summary && summary === '' ? before.summary : summary,
      certainty,
      line,
      blocks: before?.blocks ?? [],
    };
    found.set(key, open);
    openLevel = level;
    useful = true;
  };
  const leave = (): void => {
    const last = trail.at(-1);
    if (!useful && last && last.level > 1)
      warnings.push({ at: `line ${last.line}`, what: `nothing was read from “${last.text}”` });
  };
  for (const block of blocks) {
    const level = trail.at(-1)?.level ?? 0;
    if (block.is === 'heading') {
      leave();
      useful = open !== undefined && block.level > openLevel;
      if (open && block.level <= openLevel) open = undefined;
      while (trail.length > 0 && (trail.at(-1)?.level ?? 0) >= block.level) trail.pop();
      trail.push(block);
      const call = callIn(block.text);
      if (call)
        start(
          call,
          block.text.replace(methodPath, '').replace(/^[\s:–—-]+|[\s:–—-]+$/g, ''),
          'sure',
          block.line,
          block.level,
        );
      else {
        const described = listedAs(block.text, found.values());
        if (!described) open?.blocks.push(block);
        else {
          open = described;
          openLevel = block.level;
          useful = true;
        }
      }
      continue;
    }
    const title = trail.at(-1)?.text ?? '';
    if (block.is === 'table' && listsCalls(block)) {
      const calls = [block.head, ...block.rows].flatMap((row) => {
        const call = callIn(row.join(' '));
        return call ? [{ call, row }] : [];
      });
      for (const { call, row } of calls)
        start(call, calls.length > 1 ? describedIn(row) : title, 'sure', block.line, level);
      // One is what the section is about; several are an overview.
      if (calls.length > 1) open = undefined;
      continue;
    }
    if (block.is === 'text') {
      const call = callIn(block.text);
      // A sentence that mentions a call is not its definition.
      if (call && block.text.replace(methodPath, '').trim().length < 40) {
        start(call, title, 'sure', block.line, level);
        continue;
      }
    }
    if (block.is === 'code') {
      const lines = block.text.split('\n').filter((line) => line.trim() !== '');
      const calls = lines.map((line) =>
        /^\s*(?:GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS)\s+\S+\s*$/.test(line) ? callIn(line) : undefined,
      );
      if (calls.length > 0 && calls.every((call) => call !== undefined)) {
        for (const call of calls) start(call, title, 'sure', block.line, level);
        continue;
      }
      const example = rawRequest(block.text) ?? commandLine(block.text);
      const call = example && callOf(example);
      if (call) {
        const path = whole(call.path);
        const fits = (one: Section | undefined): boolean => one?.method === call.method && fitsPath(path, one.path);
        const described = fits(open) ? open : [...found.values()].find(fits);
        if (described) open = described;
        else start({ ...call, path: withParameters(path, [...found.values()]) }, title, 'guess', block.line, level);
      }
    }
    if (open) open.blocks.push(block);
    else if (block.is === 'table' && fieldsIn(block))
      warnings.push({ at: `line ${block.line}`, what: 'a table of fields stands below no call' });
  }
  leave();
  return [...found.values()];
}

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
