/** The operations that a page of prose describes. */
import type { Operation, Warning } from '../../model/model.js';
import { safeMethods } from '../../model/safe-methods.js';
import { gather, isLabel } from './gather.js';
import { bodyOf } from './gathering.js';
import type { Block } from './notation/blocks.js';
import { type Section, sectionsOf } from './sections.js';

export interface PageReading {
  readonly operations: readonly Omit<Operation, 'source'>[];
  readonly warnings: readonly Warning[];
  /** Origins that addresses on the page begin with, the most frequent first. */
  readonly origins: readonly string[];
}

export function operationsOn(blocks: readonly Block[]): PageReading {
  const warnings: Warning[] = [];
  const sections = sectionsOf(blocks, warnings);
  const shared = new Map<string, number>();
  for (const { summary, titled, certainty } of sections)
    if (titled && certainty !== 'guess') shared.set(summary, (shared.get(summary) ?? 0) + 1);
  const ids = new Set<string>();
  const operations = sections.map((section) =>
    operationOf(
      section.titled && (section.summary === '' || (shared.get(section.summary) ?? 0) > 1)
        ? withOwnSummary(section)
        : section,
      ids,
      warnings,
    ),
  );
  return { operations, warnings, origins: originsIn(blocks) };
}

/** Where its heading does not tell, what it does is the first that is said of it. */
function withOwnSummary(section: Section): Section {
  const end = section.blocks.findIndex(({ is }) => is === 'heading' || is === 'code');
  const first = (end === -1 ? section.blocks : section.blocks.slice(0, end)).find(
    (block) => block.is === 'text' && /\p{L} \p{L}/u.test(block.text) && !isLabel(block.text),
  );
  const said = first?.is === 'text' && first.text.length < 120 ? first.text.replace(/^[^\p{L}\p{N}]+/u, '') : '';
  const [, words = '', name] = /^(.*?)(?:\s+\(([A-Za-z_]\w{3,})\))?\.?$/s.exec(said) ?? [];
  const { method, path } = section;
  return { ...section, summary: words === '' ? section.summary : words, names: [name ?? `${method} ${path}`] };
}

function operationOf(section: Section, ids: Set<string>, warnings: Warning[]): Omit<Operation, 'source'> {
  const { method, path, summary, certainty, line, blocks } = section;
  const gathered = gather(section, warnings);
  const body = bodyOf(gathered, method);
  const [description] = gathered.texts;
  return {
    id: freeId(section, ids),
    protocol: 'http',
    group:
      path.split('/').find((part) => part !== '' && !part.startsWith('{') && !/^(?:v\d.*|api|rest)$/i.test(part)) ??
      'operations',
    ...(summary !== '' && { summary }),
    ...(description !== undefined && { description }),
    method,
    path,
    deprecated: blocks.some((block) => block.is === 'text' && /\b(?:is|are|now) deprecated\b/i.test(block.text)),
    certainty,
    at: `line ${line}`,
    changes: !safeMethods.has(method),
    parameters: [...gathered.parameters.values()],
    ...(body && { body }),
    responses: [...gathered.responses.values()].sort((a, b) => a.status.localeCompare(b.status)),
    security: [],
  };
}

/** Its name where the page has one, else what it does in few words, else the call. */
function freeId({ summary, names, method, path }: Section, ids: Set<string>): string {
  const slug = (text: string): string =>
    text
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '');
  const call = slug(`${method} ${path}`);
  const name = names.find((one) => slug(one) === call || /^[A-Za-z_]\w*(?:[a-z][A-Z]|_)\w*(?:\(\))?$/.test(one));
  const words = summary.split(/\s+/).length;
  const base =
    name === undefined
      ? summary !== '' && words <= 8
        ? slug(summary)
        : call
      : slug(name) === call
        ? call
        : name.replace('()', '');
  let id = base;
  for (let count = 2; ids.has(id); count += 1) id = count === 2 ? call : `${base}-${count}`;
  ids.add(id);
  return id;
}

function originsIn(blocks: readonly Block[]): readonly string[] {
  const counts = new Map<string, number>();
  for (const block of blocks) {
    if (block.is === 'table') continue;
    for (const [address] of block.text.matchAll(/https?:\/\/[\w.-]+(?::\d+)?/g))
      counts.set(address, (counts.get(address) ?? 0) + 1);
  }
  return [...counts].sort((a, b) => b[1] - a[1]).map(([origin]) => origin);
}
