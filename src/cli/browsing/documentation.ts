/** The operations and types of the documentation: shown, drafted, previewed and sent. */
import { basename } from 'node:path';
import type { Visit } from '../../core/browsing/browsing.js';
import { type OperationsOutline, operationsOutline } from '../../core/browsing/operations.js';
import { findType } from '../../core/collection/sources/find-type.js';
import type { SourceCatalogue } from '../../core/collection/sources/source-catalogue.js';
import {
  findOperation,
  openDocumentation,
  openSource,
  openSourceLists,
  sourceIndex,
} from '../../core/collection/sources/source-index.js';
import { linksOf, usedBy } from '../../core/documentation/explore/links.js';
import type { SourceLists } from '../../core/documentation/index/index-file.js';
import { Problem } from '../../core/problem/problem.js';
import type { Users } from '../../core/usage/usages.js';
import type { Context } from '../context.js';
import type { Terminal } from '../terminal/terminal.js';
import { deepestFitting } from '../view/field-table.js';
import { operationText } from '../view/operation.js';
import { printableLine, proseLine } from '../view/printable.js';
import { typeText } from '../view/type.js';
import { exchangeActs, newestEcho } from './exchange-acts.js';
import { type Act, followed, type Started, type Subject } from './subject.js';

/** Operations that a page of a group lists. */
const mostListed = 100;

/** The sources as they are indexed now. */
interface Sources {
  readonly shelf: SourceCatalogue;
  readonly lists: ReadonlyMap<string, SourceLists>;
  readonly outline: OperationsOutline;
}

/** @param only one source @throws Problem operation-not-found: there is no such source, or none at all */
export async function documentationSubject(context: Context, only: string | undefined): Promise<Subject> {
  let sources = await sourcesNow(context, only);
  let usersOf: ((operation: string) => Users) | undefined;
  let described = false;
  let types = new Map<string, ReadonlySet<string>>();
  const typesOf = (source: string): ReadonlySet<string> => {
    const known = types.get(source) ?? new Set(sourceIndex(sources.shelf, source).types());
    types.set(source, known);
    return known;
  };
  let about = basename(sources.shelf.root);

  return {
    get title() {
      const count = [...sources.lists.values()].reduce((sum, { facts }) => sum + facts.operations, 0);
      return `${about}  ${count} operations of ${[...sources.lists.keys()].join(', ')}`;
    },
    get outline() {
      return sources.outline;
    },
    opened: openedAtFirst(sources),
    acts: actsOn(context, (operation) => usersOf?.(operation).requests[0]),
    print({ target, opened }: Visit, terminal: Terminal, late: boolean) {
      const { shelf, outline } = sources;
      if (target.kind === 'group') return printGroup(outline.under(target.name, mostListed), target.name, terminal);
      if (!described) return;
      const known = typesOf(target.name.slice(0, target.name.indexOf('/')));
      if (target.kind === 'type')
        return terminal.print(typeText(findType(shelf, target.name), terminal, undefined, { opened, types: known }));
      const operation = findOperation(shelf, target.name, opened.size > 0 ? undefined : deepestFitting);
      const index = sourceIndex(shelf, operation.source);
      const users = usersOf?.(target.name) ?? { requests: [], trails: [] };
      const around = { opened, types: known, usedBy: late ? usedBy(operation, index) : [], users };
      terminal.print(operationText(operation, linksOf(operation, index), terminal, undefined, around));
    },
    follow: followed,
    /** What the first picture does without: what describes operations, and the files of the collection. */
    async refresh() {
      const now = await sourcesNow(context, only);
      if (stampsOf(now) !== stampsOf(sources)) {
        sources = now;
        types = new Map();
      }
      for (const name of sources.lists.keys()) await openSource(sources.shelf, name);
      described = true;
      const collection = await context.collection();
      await openDocumentation(collection);
      usersOf = (await import('../../core/usage/usages.js')).usersOfOperations(collection);
      const environment = context.options.env ?? collection.environment;
      about = [collection.manifest.content.name, environment].filter(Boolean).join('  ');
    },
    lastEcho: () => newestEcho(sources.shelf.local),
  };
}

async function sourcesNow(context: Context, only: string | undefined): Promise<Sources> {
  const shelf = await context.shelf();
  const names = only === undefined ? Object.keys(shelf.docs) : [only];
  if (names.length === 0)
    throw new Problem('operation-not-found', {
      what: 'this collection has no documentation to browse',
      remedy: 'echo-trail docs add FILE|URL',
    });
  const lists = new Map<string, SourceLists>();
  for (const name of names) lists.set(name, await openSourceLists(shelf, name));
  return { shelf, lists, outline: operationsOutline(lists) };
}

const stampsOf = ({ lists }: Sources): string =>
  [...lists].map(([name, { facts }]) => `${name} ${facts.stamp}`).join('\n');

/** @param requestFor the request of the collection that calls an operation */
function actsOn(context: Context, requestFor: (operation: string) => string | undefined): readonly Act[] {
  const onRequest =
    (words: (request: string) => readonly string[]): Act['start'] =>
    (target): Started => {
      if (target.kind !== 'operation') return { say: 'an operation can be sent: choose one in the list' };
      const request = requestFor(target.name);
      return request === undefined
        ? { say: `nothing in the collection calls ${target.name} yet: d drafts a request` }
        : { command: words(request) };
    };
  return [
    {
      key: 'd',
      about: 'draft a request for the operation',
      start: (target) =>
        target.kind === 'operation'
          ? { command: ['draft', target.name] }
          : { say: 'an operation can be drafted: choose one in the list' },
    },
    { key: 'p', about: 'preview its request: what would leave', start: onRequest((name) => ['preview', name]) },
    { key: 's', about: 'send it, asking for what is missing', start: onRequest((name) => ['send', name]) },
    { key: 'a', about: 'ask for every input, then send it', start: onRequest((name) => ['send', name, '--ask']) },
    ...exchangeActs(context),
  ];
}

/** The only source, and in it what holds all of it. */
function openedAtFirst({ outline, lists }: Sources): ReadonlySet<string> {
  const opened = new Set<string>();
  let rows = outline.rows('', opened);
  while (lists.size === 1) {
    const last = rows.at(-1);
    const alone = rows.filter(({ depth }) => depth === last?.depth).length === 1;
    if (!last || !alone || last.holds !== 'closed') break;
    opened.add(last.key);
    rows = outline.rows('', opened);
  }
  return opened;
}

/** What stands below a row of the tree, each a link. */
function printGroup(
  { source, operations: shown, count }: ReturnType<OperationsOutline['under']>,
  key: string,
  terminal: Terminal,
): void {
  const { out } = terminal;
  terminal.print(
    `${out.bold(printableLine(key.replace(/\/$/, '')))}  ${out.dim(`${count} ${count === 1 ? 'operation' : 'operations'}`)}\n`,
  );
  const widest = Math.max(0, ...shown.map(({ method }) => method.length));
  // A path stays in one piece; what it is for stands below.
  for (const { id, method, path, summary } of shown) {
    const about = summary === '' ? '' : `\n${' '.repeat(widest + 2)}${out.dim(proseLine(summary))}`;
    terminal.print(
      `${out.cyan(method.padEnd(widest))}  ${out.link(printableLine(path), `operation:${source}/${id}`)}${about}`,
    );
  }
  if (count > shown.length) terminal.print(out.dim(`and ${count - shown.length} more`));
}
