/** What is asked of a response: the options that `send` and `follow` share, and the table of the request. */
import type { Command } from 'commander';
import type { Loads } from '../../core/expression/compile.js';
import type { Place } from '../../core/place/place.js';
import { readPlace } from '../../core/place/registry.js';
import { nearestHint } from '../../core/problem/nearest.js';
import { Problem } from '../../core/problem/problem.js';
import type { PreparedRequest } from '../../core/sending/prepare.js';
import { requireTableFile } from '../../core/trail/table/table-file.js';
import type { Value } from '../../core/value/written.js';
import { wholeNumber } from '../options/whole-number.js';
import type { Terminal } from '../terminal/terminal.js';
import { type TableWish, type View, views } from '../view/response/views.js';
import { FileSink } from './file-sink.js';

/** Options that `send` and `follow` share. */
export function responseOptions(command: Command): Command {
  return command
    .optionsGroup('Request:')
    .option('--session <name>', 'another session, or none')
    .option('--sign <name>', 'another signature, or none')
    .option('--no-cookies', 'neither send cookies nor store any')
    .optionsGroup('Response:')
    .option('-v, --view <view>', `how the response is shown: ${views.join(', ')}`)
    .option('--depth <levels>', 'fold what lies deeper in the response, in the views pretty and outline')
    .option('--pick <place>', 'print only one value of the response')
    .option('--rows <place>', 'the list that a table shows; else the largest')
    .option('--columns <paths>', 'the columns of a table, such as imo,name,berth.code; else those that are found')
    .option('--limit <number>', 'show at most this many rows of a table', '20')
    .option(
      '-t, --to <file>',
      'save the response to a file as it arrives, - for its bytes on standard output; with --view table, the whole table as .csv, .json or .jsonl',
    )
    .option('--pages <number>', 'read this many pages of the list, or all, and show them as one list')
    .option('--live', 'show a stream as it comes')
    .optionsGroup('Safety:')
    .option('--accept-certificate', 'accept the certificate of the host, whoever signed it, and pin it for a day')
    .option('--allow-changes', 'confirm changes where the environment asks');
}

export interface Wishes {
  readonly view: View;
  /** Deeper ones are folded. */
  readonly levels: number | undefined;
  readonly picked: Place | undefined;
  readonly table: TableWish;
  /** A file for the body; a table goes to its file when it is whole. */
  readonly sink: FileSink | undefined;
  readonly to: string | undefined;
  readonly live: boolean;
}

/** @throws Problem usage, place-syntax */
export async function wishesOf(
  options: Record<string, unknown>,
  prepared: PreparedRequest,
  terminal: Terminal,
): Promise<Wishes> {
  const own = prepared.plan.content.table;
  const rowsText = (options.rows as string | undefined) ?? own?.rows;
  const wantsTable = own !== undefined || options.rows !== undefined || options.columns !== undefined;
  const view = (options.view as string | undefined) ?? (options.to === '-' ? 'raw' : wantsTable ? 'table' : 'pretty');
  if (!(views as readonly string[]).includes(view)) {
    throw new Problem('usage', {
      what: `there is no view ${view}`,
      remedy: `${nearestHint(view, views)}; there are ${views.join(', ')}`,
    });
  }
  const most = wholeNumber(options.limit, '--limit', { least: 1 });
  const levels = options.depth === undefined ? undefined : wholeNumber(options.depth, '--depth', { least: 1 });
  if (levels !== undefined && view !== 'pretty' && view !== 'outline')
    throw new Problem('usage', { what: `--depth is for the views pretty and outline, not for ${view}` });
  if (levels !== undefined && (options.pick ?? options.to) !== undefined)
    throw new Problem('usage', {
      what: `--depth and --${options.pick === undefined ? 'to' : 'pick'} cannot be combined`,
    });
  const loads: Loads = [];
  const picked = options.pick === undefined ? undefined : readPlace(options.pick as string, loads);
  const rows = rowsText === undefined ? undefined : readPlace(rowsText, loads);
  await Promise.all(loads);
  const live = options.live === true;
  const to = options.to === '-' ? undefined : (options.to as string | undefined);
  if (to !== undefined && view === 'table') requireTableFile(to);
  if (to !== undefined && (live || picked))
    throw new Problem('usage', { what: `--to and --${picked ? 'pick' : 'live'} cannot be combined` });
  if (live && (picked || terminal.json))
    throw new Problem('usage', { what: `--live and --${picked ? 'pick' : 'json'} cannot be combined` });
  return {
    view: view as View,
    levels,
    picked,
    to,
    live,
    sink: to !== undefined && view !== 'table' ? new FileSink(to, terminal) : undefined,
    table: {
      rows: rows && ((received) => (rows.data?.(received) as Value | undefined) ?? rows.find(received)),
      rowsText,
      columns: columnsFrom(options.columns as string | undefined) ?? columnsOf(own?.columns),
      most,
    },
  };
}

function columnsFrom(given: string | undefined): ReadonlyMap<string, string> | undefined {
  if (given === undefined) return undefined;
  return new Map(given.split(',').map((path) => [path.trim(), path.trim()]));
}

function columnsOf(
  given: readonly string[] | Readonly<Record<string, string>> | undefined,
): ReadonlyMap<string, string> | undefined {
  if (given === undefined) return undefined;
  return new Map(Array.isArray(given) ? given.map((path: string) => [path, path]) : Object.entries(given));
}
