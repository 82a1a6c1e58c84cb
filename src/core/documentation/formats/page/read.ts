/** Reference pages in HTML and Markdown: what can be read of them, and what could not. */

import type { Certainty, Documentation, Operation, Warning } from '../../model/model.js';
import type { Documents } from '../../reading/documents.js';
import { entryOf } from '../described.js';
import { operationsOn } from './operations.js';

/** Of a list in a warning; the rest is a number. */
const shown = 8;

/** What was not read as sure, in the order of its lines. */
function doubts(operations: readonly Omit<Operation, 'source'>[]): readonly Warning[] {
  const of = (wanted: Certainty, said: string): readonly Warning[] => {
    const found = operations.filter(({ certainty }) => certainty === wanted);
    if (found.length === 0) return [];
    const calls = found.map(({ method, path }) => `${method} ${path}`);
    return [{ at: linesIn(found.map(({ at = '' }) => at)), what: `${said}: ${listed(calls)}` }];
  };
  return [...of('likely', 'likely, from the words around them'), ...of('guess', 'guesses, which only examples show')];
}

/** A warning that concerns several places is given once. */
function folded(warnings: readonly Warning[]): readonly Warning[] {
  const places = new Map<string, string[]>();
  for (const { at, what } of warnings) places.set(what, [...(places.get(what) ?? []), at]);
  return [...places].map(([what, lines]) => ({ at: linesIn(lines), what }));
}

const linesIn = (places: readonly string[]): string =>
  `${places.length > 1 ? 'lines' : 'line'} ${listed(places.map((at) => at.replace('line ', '')))}`;

const listed = (all: readonly string[]): string =>
  `${all.slice(0, shown).join(', ')}${all.length > shown ? ` and ${all.length - shown} more` : ''}`;

export async function readPage({ main }: Documents, source: string): Promise<Documentation> {
  const { title, blocks } =
    main.notation === 'markdown'
      ? (await import('./notation/markdown.js')).markdownBlocks(main.text)
      : (await import('./notation/html.js')).htmlBlocks(main.text);
  const { operations, warnings, origins } = operationsOn(blocks);
  const none = operations.length === 0 ? [{ at: 'page', what: 'no method and path stands on the page' }] : [];
  return {
    format: 'page',
    version: main.notation === 'markdown' ? 'Markdown' : 'HTML',
    title: title ?? source,
    servers: origins.slice(0, 1).map((url) => ({ url, variables: [] })),
    operations: operations.map(entryOf),
    definitions: new Map(),
    types: new Map(),
    webhooks: [],
    warnings: [...none, ...doubts(operations), ...folded(warnings)],
  };
}
