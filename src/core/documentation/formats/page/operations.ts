/** The operations that a page of prose describes. */
import type { Operation, Warning } from '../../model/model.js';
import { safeMethods } from '../../model/safe-methods.js';
import type { Block } from './blocks.js';
import { addParameter, addResponse, bodyOf, type Gathering, takeCode, takeTable } from './gathering.js';
import { type Section, sectionsOf } from './sections.js';
import { statusesSaid } from './statuses.js';

export interface PageReading {
  readonly operations: readonly Omit<Operation, 'source'>[];
  readonly warnings: readonly Warning[];
  /** Origins that addresses on the page begin with, the most frequent first. */
  readonly origins: readonly string[];
}

export function operationsOn(blocks: readonly Block[]): PageReading {
  const warnings: Warning[] = [];
  const sections = sectionsOf(blocks, warnings);
  const ids = new Set<string>();
  const operations = sections.map((section) => operationOf(section, ids, warnings));
  return { operations, warnings, origins: originsIn(blocks) };
}

function operationOf(section: Section, ids: Set<string>, warnings: Warning[]): Omit<Operation, 'source'> {
  const { method, path, query, summary, certainty, line, blocks } = section;
  const gathered: Gathering = { parameters: new Map(), fields: [], texts: [], responses: new Map(), body: undefined };
  for (const [, name] of path.matchAll(/\{([^}]+)\}/g)) {
    if (name !== undefined)
      addParameter(gathered, {
        name,
        in: 'path',
        type: 'string',
        required: true,
        certainty: certainty === 'guess' ? 'guess' : 'likely',
        at: `line ${line}`,
      });
  }
  for (const name of query)
    addParameter(gathered, {
      name,
      in: 'query',
      type: 'string',
      required: false,
      certainty: 'guess',
      at: `line ${line}`,
    });
  let label = '';
  for (const block of blocks) {
    if (block.is === 'heading') label = block.text;
    else if (block.is === 'text') {
      const statuses = statusesSaid(block.text);
      for (const [status, said] of statuses) addResponse(gathered, status, { description: said });
      if (statuses.length > 0) continue;
      if (block.text.length < 60) label = `${label} ${block.text}`;
      else gathered.texts.push(block.text);
      if (gathered.texts.length === 0 && block.text.length > 15 && !/:$/.test(block.text))
        gathered.texts.push(block.text);
    } else if (block.is === 'table') takeTable(block, label, section, gathered, warnings);
    else {
      takeCode(block, label, section, gathered, warnings);
      label = '';
    }
  }
  const body = bodyOf(gathered, method);
  const [description] = gathered.texts;
  return {
    id: freeId(summary, method, path, ids),
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

function freeId(summary: string, method: string, path: string, ids: Set<string>): string {
  const slug = (text: string): string =>
    text
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '');
  const words = summary.split(/\s+/).length;
  const base = summary !== '' && words <= 8 ? slug(summary) : slug(`${method} ${path}`);
  let id = base;
  for (let count = 2; ids.has(id); count += 1) id = count === 2 ? slug(`${method} ${path}`) : `${base}-${count}`;
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
