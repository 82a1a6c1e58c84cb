/** `compare`: what differs between two responses, of echoes, of requests that are sent now, or of files. */
import { existsSync } from 'node:fs';
import type { Difference } from '../../core/comparison/difference.js';
import type { Unordered } from '../../core/comparison/differences.js';
import { type ComparedResponse, responseDifferences } from '../../core/comparison/responses.js';
import { recordedDifference } from '../../core/echo/recorded-verdict.js';
import { noNames } from '../../core/expression/names.js';
import { shortText } from '../../core/matcher/reading.js';
import { Problem } from '../../core/problem/problem.js';
import { echoSide, sentSide } from '../../core/sending/compare-side.js';
import type { PreparedRequest } from '../../core/sending/prepare.js';
import { sendRequest } from '../../core/sending/send.js';
import type { Sent } from '../../core/sending/sending.js';
import type { Workspace } from '../../core/sending/workspace.js';
import { durationText } from '../../core/value/measures.js';
import type { Value } from '../../core/value/written.js';
import { type CommandModule, collect, examples } from '../command.js';
import type { Context } from '../context.js';
import { emit } from '../documents/emit.js';
import { inputText } from '../options/input-text.js';
import { wholeNumber } from '../options/whole-number.js';
import { type RequestInputs, withInputs } from '../sending/request-inputs.js';
import { printableLine } from '../view/printable.js';
import { table } from '../view/table.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<a>', 'an echo, a request, a file, or - for standard input')
      .argument('<b>', 'what it is compared with')
      .option('--ignoring <place>', 'a place that may differ, and all below it; may be repeated', collect)
      .option('--only <place>', 'only this place, and all below it; may be repeated', collect)
      .option(
        '--unordered <place=key>',
        "ignore the order of a list, with the place that identifies its items: '$.items=$.code'; may be repeated",
        collect,
      )
      .option(
        '--time-ratio <number>',
        'fail if the second response took more than this many times as long as the first',
      )
      .option('--limit <number>', 'show at most this many differences', '40')
      .action(
        run(async (context, [a = '', b = ''], options) => {
          const { timeRatio } = options;
          const { terminal } = context;
          const limit = wholeNumber(options.limit, '--limit', { least: 1 });
          if (a === '-' && b === '-')
            throw new Problem('usage', {
              what: 'standard input is one of the two; the other is a request, an echo or a file',
            });
          const workspace = await context.workspace();
          const requests = [await requestOf(a, workspace), await requestOf(b, workspace)];
          const others = requests.flatMap((one) => one?.plan.inputs.map(({ name }) => name) ?? []);
          const [left, right] = [
            await responseOf(a, requests[0], others, workspace, context),
            await responseOf(b, requests[1], others, workspace, context),
          ];
          const found = [
            ...responseDifferences(left, right, {
              ignoring: options.ignoring as string[] | undefined,
              only: options.only as string[] | undefined,
              unordered: unorderedOf((options.unordered as string[] | undefined) ?? []),
            }),
            ...slower(left, right, timeRatio === undefined ? undefined : Number(timeRatio)),
          ];
          const { hide } = workspace.redactor;
          if (terminal.json) {
            emit(terminal, 'compare', {
              same: found.length === 0,
              differences: found.map((one) => recordedDifference(one, workspace.redactor)),
            });
            return found.length === 0 ? 0 : 1;
          }
          if (found.length === 0) {
            terminal.print('no difference');
            return 0;
          }
          const { out } = terminal;
          const shown = (value: Value | undefined, other: Value | undefined): string =>
            value === undefined ? out.dim('nothing') : printableLine(aroundDifference(hide, value, other));
          const paint = { changed: out.yellow, added: out.green, removed: out.red };
          terminal.print(
            table(
              found
                .slice(0, limit)
                .map(({ at, kind, left: one, right: other }: Difference) => [
                  paint[kind](kind),
                  out.cyan(printableLine(at)),
                  shown(one, other),
                  shown(other, one),
                ]),
              terminal,
              { head: ['', 'at', a, b], flexible: [2, 3] },
            ),
          );
          if (found.length > limit) terminal.note(`and ${found.length - limit} more: --limit ${found.length}`);
          return 1;
        }),
      );
    examples(command, [
      ['compare vessels/show data/expected-vessel.json', 'what comes back now with a document that is expected'],
      ['compare last vessels/show --ignoring "$.draftM"', 'the last response with the same request now'],
    ]);
  },
};

/** Characters in front of the first that differs. */
const before = 30;

/** The short text of a value; of a long one the part where it begins to differ. @param hide what is secret, first */
function aroundDifference(hide: (text: string) => string, value: Value, other: Value | undefined): string {
  const short = hide(shortText(value));
  if (typeof value !== 'string' || typeof other !== 'string' || !short.endsWith('…')) return short;
  const [own, theirs] = [[...hide(value)], [...hide(other)]];
  const at = own.findIndex((character, index) => character !== theirs[index]);
  const from = (at === -1 ? own.length : at) - before;
  if (from <= before) return short;
  return `… from character ${from + 1}: ${shortText(own.slice(from).join(''))}`;
}

const isEcho = (given: string): boolean => given === 'last' || /^[a-z0-9]{4}\.\d+$/.test(given);
const isFile = (given: string): boolean => given === '-' || (/\.\w+$/.test(given) && existsSync(given));

/** undefined for an echo and for a file. @throws Problem name-not-found */
const requestOf = async (given: string, workspace: Workspace): Promise<PreparedRequest | undefined> =>
  isEcho(given) || isFile(given) ? undefined : workspace.prepare(given);

/** @param others inputs that are given beside those of the request */
async function responseOf(
  given: string,
  prepared: PreparedRequest | undefined,
  others: readonly string[],
  workspace: Workspace,
  context: Context,
): Promise<ComparedResponse> {
  if (isEcho(given)) return echoSide(workspace.collection.local, given);
  if (!prepared) return { status: undefined, headers: [], text: (await inputText(given)).text };
  context.terminal.progress(`sending ${given}`);
  const send = ({ given: values }: RequestInputs): Promise<Sent> =>
    sendRequest(workspace, prepared, { given: values, caller: noNames, signal: context.signal });
  const sent = await withInputs(workspace, prepared, context.terminal, false, send, { others });
  context.terminal.progress('');
  return sentSide(sent);
}

/** @throws Problem usage */
function unorderedOf(given: readonly string[]): Unordered {
  return Object.fromEntries(
    given.map((text) => {
      const at = text.indexOf('=');
      if (at > 0) return [text.slice(0, at), text.slice(at + 1)];
      throw new Problem('usage', {
        what: `--unordered ${text} does not say what identifies an item`,
        remedy: "--unordered '$.items=$.code'; $ is the item itself",
      });
    }),
  );
}

/** @throws Problem usage: the ratio is no number */
function slower(
  { time: first }: ComparedResponse,
  { time: second }: ComparedResponse,
  most: number | undefined,
): Difference[] {
  if (most === undefined) return [];
  if (!(most > 0)) throw new Problem('usage', { what: '--time-ratio takes a number over 0, such as 3' });
  if (first === undefined || second === undefined || second <= first * most) return [];
  return [{ at: 'time', kind: 'changed', left: durationText(first), right: durationText(second) }];
}
