/** A rehearsed vendor as the command line asks for it: by `rehearse`, and by `run --rehearse` and `send --rehearse`. */
import type { Command } from 'commander';
import { nearestHint } from '../../core/problem/nearest.js';
import { Problem } from '../../core/problem/problem.js';
import type { RehearsalServer, ServerSettings } from '../../core/rehearsal/server.js';
import { ownMember } from '../../core/value/own-member.js';
import type { Context } from '../context.js';
import { wholeNumber } from '../options/whole-number.js';
import { printableLine } from '../view/printable.js';

/** The options of a rehearsal. */
export const rehearsalOptions = (command: Command): Command =>
  command
    .option('--from <what>', 'respond with what was recorded (echoes), what is documented, or both', 'both')
    .option('--throttle <share>', 'respond to this share of requests with 429, such as 30%')
    .option('--slow <duration>', 'wait before each response, such as 200ms')
    .option('--drop <share>', 'end this share of connections without a response, such as 1%')
    .option('--fail <status>', 'respond to requests with this status, or to a share of them: 500:2%');

export interface OpenedRehearsal {
  readonly server: RehearsalServer;
  readonly operations: number;
  /** The sources. */
  readonly names: readonly string[];
}

interface Wanted extends Pick<ServerSettings, 'port' | 'anyHost' | 'onExchange'> {
  readonly sources: readonly string[];
  readonly options: Readonly<Record<string, unknown>>;
}

/** @throws Problem usage, operation-not-found, document-unreadable */
export async function openRehearsal(
  context: Context,
  { sources, options, ...serving }: Wanted,
): Promise<OpenedRehearsal> {
  const text = (name: string): string | undefined => ownMember(options, name) as string | undefined;
  const from = text('from') ?? 'both';
  if (!['documentation', 'echoes', 'both'].includes(from))
    throw new Problem('usage', { what: `--from takes documentation, echoes or both, not ${from}` });
  const [{ openVendor }, { serveVendor }, { troubleOf }, { recordedResponses }] = await Promise.all([
    import('../../core/rehearsal/vendor.js'),
    import('../../core/rehearsal/server.js'),
    import('../../core/rehearsal/trouble.js'),
    import('../../core/rehearsal/recorded.js'),
  ]);
  const trouble = troubleOf({ throttle: text('throttle'), slow: text('slow'), drop: text('drop'), fail: text('fail') });
  const collection = await context.collection();
  const known = Object.keys(collection.docs);
  const unknown = sources.find((one) => !known.includes(one));
  if (unknown !== undefined)
    throw new Problem('operation-not-found', {
      what: `there is no documentation source ${unknown}`,
      remedy: nearestHint(unknown, known),
    });
  const names = sources.length > 0 ? sources : known;
  if (names.length === 0)
    throw new Problem('usage', {
      what: 'the collection has no documentation that could be rehearsed',
      remedy: 'echo-trail docs add reads it',
    });
  const seed = context.options.seed === undefined ? 1 : wholeNumber(context.options.seed, '--seed');
  const vendor = await openVendor({
    shelf: collection,
    sources: names,
    seed,
    recorded: from === 'documentation' ? undefined : await recordedResponses(collection.root, collection.local),
    documented: from !== 'echoes',
  });
  const server = await serveVendor(vendor, { ...serving, trouble, seed });
  return { server, operations: vendor.operations, names };
}

/** `--rehearse`, with `--trouble`: all that the command sends goes to a rehearsal of every source. @throws Problem usage */
export async function rehearseIfWanted(context: Context, options: Readonly<Record<string, unknown>>): Promise<void> {
  const trouble = ownMember(options, 'trouble') as string | undefined;
  if (options.rehearse !== true) {
    if (trouble !== undefined) throw new Problem('usage', { what: '--trouble requires --rehearse' });
    return;
  }
  const { terminal } = context;
  const { server } = await openRehearsal(context, {
    sources: [],
    options: troubleIn(trouble),
    port: 0,
    anyHost: true,
    onExchange: ({ method, target, faults }) => {
      for (const fault of faults)
        terminal.note(`${terminal.err.yellow('rehearsal')}  ${printableLine(`${method} ${target}: ${fault}`)}`);
    },
  });
  context.rehearse(server.port, server.close);
}

const troubles = ['throttle', 'slow', 'drop', 'fail'];

/** `throttle=30%,slow=200ms` by name. @throws Problem usage */
function troubleIn(text: string | undefined): Record<string, string> {
  return Object.fromEntries(
    (text ?? '')
      .split(',')
      .filter((one) => one.trim() !== '')
      .map((one) => {
        const [, name = '', value = ''] = /^\s*([a-z]+)=(\S+)\s*$/.exec(one) ?? [];
        if (troubles.includes(name)) return [name, value];
        throw new Problem('usage', {
          what: `--trouble does not take ${one.trim()}`,
          remedy: 'it takes throttle=30%, slow=200ms, drop=1%, fail=500:2%, with commas between them',
        });
      }),
  );
}
