/** What the command line says of a run. */

import type { Command } from 'commander';
import { Problem } from '../../core/problem/problem.js';
import type { PartOfRows } from '../../core/trail/rows/row-part.js';
import { parseDuration } from '../../core/value/measures.js';
import { ownMember } from '../../core/value/own-member.js';
import { collect } from '../command.js';
import { wholeNumber } from '../options/whole-number.js';
import { partOf } from './part.js';

export interface RunOptions {
  readonly rows: string | undefined;
  readonly atOnce: number | undefined;
  readonly part: PartOfRows | undefined;
  /** In so many processes of this machine. */
  readonly parts: number | undefined;
  readonly allowChanges: boolean;
  readonly accept: boolean;
  readonly dryRun: boolean;
  readonly stopAtFirstFailure: boolean;
  /** Again when files change. */
  readonly watch: boolean;
  /** The vendor is rehearsed. */
  readonly rehearse: boolean;
  /** How often all is walked; `Infinity` for as long as nobody ends it. */
  readonly repeat: number;
  /** Milliseconds from one beginning to the next. */
  readonly every: number;
  readonly until: 'ok' | 'failed' | undefined;
  readonly matrix: boolean;
  readonly resume: string | undefined;
  readonly failedOf: string | undefined;
  readonly undo: string | undefined;
  readonly rowsChanged: boolean;
  readonly anew: boolean;
  /** Files for reports. */
  readonly report: readonly string[];
}

export function runOptions(command: Command): Command {
  return command
    .option('--allow-changes', 'confirm changes where the environment asks')
    .option('--rows <file>', 'run once per row of this file, - for standard input, instead of the rows of the trail')
    .option('--at-once <number>', 'run this many rows at once, instead of the number in the trail')
    .option('--part <part>', 'run one part of the rows, such as 3/8; auto takes it from the scheduler')
    .option('--parts <number>', 'run the rows in this many processes on this machine, as one run')
    .option('--of <number>', 'with --part auto: how many parts there are, where the scheduler does not say')
    .option('--part-by <column>', 'keep rows with the same value in this column in one part')
    .option('--watch', 'run again when a file of the collection changes; of several names, those affected')
    .option('--rehearse', 'run against the documented vendor, rehearsed on this machine: nothing leaves it')
    .option(
      '--trouble <list>',
      'with --rehearse: trouble on purpose, such as throttle=30%,slow=200ms,drop=1%,fail=500:2%',
    )
    .option('--stop-at-first-failure', 'start no further row or iteration once a step has failed')
    .option('--dry-run', 'do everything but send: show each request, as far as it needs no response')
    .option('--repeat <number>', 'run it this many times')
    .option('--every <duration>', 'run it repeatedly, starting every 30s, 5m, 1h')
    .option('--until <outcome>', 'with --repeat or --every: stop after the first run with this result, ok or failed')
    .option('--accept', 'write what same-as finds to its file, after showing the difference')
    .option('--matrix', 'end with rows by checks, and every deviation')
    .option(
      '--report <file>',
      'write a report to this file, in the format of its ending: .html, .xml, .tap, .md, .csv, .json; may be repeated',
      collect,
    )
    .option('--resume <run>', 'resume a run that was interrupted or killed; last for the last one')
    .option('--rows-changed', 'with --resume: continue although rows were added, removed or changed')
    .option('--anew', 'forget what once-by remembers of earlier runs')
    .option('--failed-of <run>', 'run only what failed in a run')
    .option('--undo <run>', 'undo what a run made and has not undone');
}

export function runWishes(options: Record<string, unknown>, names: readonly string[]): RunOptions {
  const text = (name: string): string | undefined => ownMember(options, name) as string | undefined;
  const flag = (name: string): boolean => ownMember(options, name) === true;
  const number = (name: string, flagName: string): number | undefined =>
    text(name) === undefined ? undefined : wholeNumber(text(name) as string, flagName, { least: 1 });
  const wishes: RunOptions = {
    rows: text('rows'),
    atOnce: number('atOnce', '--at-once'),
    part: partOf(text('part'), text('of'), text('partBy'), process.env),
    parts: number('parts', '--parts'),
    allowChanges: flag('allowChanges'),
    accept: flag('accept'),
    dryRun: flag('dryRun'),
    watch: flag('watch'),
    rehearse: flag('rehearse'),
    stopAtFirstFailure: flag('stopAtFirstFailure'),
    repeat: number('repeat', '--repeat') ?? (text('every') === undefined ? 1 : Number.POSITIVE_INFINITY),
    every: everyOf(text('every')),
    until: untilOf(text('until')),
    matrix: flag('matrix'),
    report: (ownMember(options, 'report') as readonly string[] | undefined) ?? [],
    resume: text('resume'),
    failedOf: text('failedOf'),
    undo: text('undo'),
    rowsChanged: flag('rowsChanged'),
    anew: flag('anew'),
  };
  const earlier = (['resume', 'failedOf', 'undo'] as const).filter((name) => wishes[name] !== undefined);
  const [first] = earlier;
  if (earlier.length > 1) {
    throw new Problem('usage', { what: `${earlier.map(flagOf).join(' and ')} cannot be combined` });
  }
  if (first === undefined && names.length === 0) {
    throw new Problem('usage', {
      what: 'name a trail, a request or a folder to run',
      remedy: 'echo-trail list shows the trails and requests; --resume, --failed-of and --undo take a run instead',
    });
  }
  if (first !== undefined && names.length > 0) {
    throw new Problem('usage', {
      what: `${flagOf(first)} takes a run, and the run knows its names`,
      remedy: `leave ${names.join(' ')} out`,
    });
  }
  const own = (['rows', 'part', 'parts', 'watch', 'rehearse', 'repeat', 'every', 'until'] as const).find(
    (name) => text(name) !== undefined,
  );
  if (first !== undefined && own !== undefined) {
    throw new Problem('usage', {
      what: `--${own}: the run that ${flagOf(first)} names knows its own`,
      remedy: 'leave it out',
    });
  }
  if (wishes.rowsChanged && first !== 'resume') {
    throw new Problem('usage', { what: '--rows-changed requires --resume' });
  }
  if (wishes.anew && first !== undefined) {
    throw new Problem('usage', { what: `--anew and ${flagOf(first)} cannot be combined` });
  }
  if (wishes.dryRun && (first === 'resume' || first === 'undo')) {
    throw new Problem('usage', { what: `--dry-run and ${flagOf(first)} cannot be combined` });
  }
  if (wishes.dryRun && wishes.report.length > 0) {
    throw new Problem('usage', { what: '--dry-run keeps no record of which a report could be made' });
  }
  if (wishes.until !== undefined && text('every') === undefined && text('repeat') === undefined) {
    throw new Problem('usage', { what: '--until requires --repeat or --every' });
  }
  const withWatch = (['parts', 'repeat', 'every', 'until'] as const).find((name) => text(name) !== undefined);
  if (wishes.watch && (withWatch !== undefined || wishes.rows === '-'))
    throw new Problem('usage', {
      what: `--watch and ${withWatch === undefined ? '--rows -' : flagOf(withWatch)} cannot be combined`,
    });
  if (wishes.parts !== undefined) requireDivisible(wishes, text);
  return wishes;
}

/** Each is a Node of its own. */
const mostParts = 64;

/** @throws Problem usage: what several processes cannot do together */
function requireDivisible({ parts = 1, rows }: RunOptions, text: (name: string) => unknown): void {
  const other = (['part', 'accept', 'dryRun', 'repeat', 'every', 'until'] as const).find(
    (name) => text(name) !== undefined,
  );
  const what =
    other !== undefined
      ? `--parts and ${flagOf(other)} cannot be combined`
      : rows === '-'
        ? '--parts needs rows that each process can read, not standard input'
        : parts > mostParts
          ? `--parts takes at most ${mostParts}`
          : undefined;
  if (what !== undefined) throw new Problem('usage', { what });
}

export const flagOf = (name: string): string => `--${name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`;

function everyOf(text: string | undefined): number {
  if (text === undefined) return 0;
  const found = parseDuration(text);
  if (found !== undefined && found > 0) return found;
  throw new Problem('usage', { what: `--every takes a duration with its unit, such as 30s or 5m, not ${text}` });
}

function untilOf(text: string | undefined): RunOptions['until'] {
  if (text === undefined || text === 'ok' || text === 'failed') return text;
  throw new Problem('usage', { what: `--until takes ok or failed, not ${text}` });
}

/** @throws Problem usage: a run that is resumed knows its environment */
export function requireOwnEnvironment(env: string | undefined): void {
  if (env !== undefined)
    throw new Problem('usage', { what: '--env: the run knows its environment', remedy: 'leave it out' });
}
