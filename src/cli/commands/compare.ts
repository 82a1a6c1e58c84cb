/** `compare`: what differs between two answers, of echoes, of requests that are sent now, or of files. */
import { existsSync, readFileSync } from 'node:fs';
import { answerDifferences, type ComparedAnswer } from '../../core/comparison/answers.js';
import type { Difference, Unordered } from '../../core/comparison/differences.js';
import { noNames } from '../../core/expression/names.js';
import { shortText } from '../../core/matcher/reading.js';
import { Problem } from '../../core/problem/problem.js';
import { echoSide, sentSide } from '../../core/trail/compare-side.js';
import { sendRequest } from '../../core/trail/send.js';
import type { Workspace } from '../../core/trail/workspace.js';
import { durationText } from '../../core/value/measures.js';
import type { Value } from '../../core/value/written.js';
import { type CommandModule, collect, examples } from '../command.js';
import type { Context } from '../context.js';
import { emit } from '../emit.js';
import { withInputs } from '../giving.js';
import { printableLine } from '../view/printable.js';
import { table } from '../view/table.js';
import { differenceDocument } from '../view/verdict-document.js';
import { wholeNumber } from '../whole-number.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<a>', 'an echo, a request, or a file')
      .argument('<b>', 'what it is compared with')
      .option('--ignoring <place>', 'a place that may differ, and all below it; may be repeated', collect)
      .option('--only <place>', 'only this place, and all below it; may be repeated', collect)
      .option(
        '--unordered <place=key>',
        "a list whose order says nothing, and what tells its items apart: '$.items=$.code'; may be repeated",
        collect,
      )
      .option('--time-ratio <number>', 'fail where the second answer took over so many times as long as the first')
      .option('--most <number>', 'show at most so many differences', '40')
      .action(
        run(async (context, [a = '', b = ''], options) => {
          const { most, timeRatio } = options;
          const { terminal } = context;
          const limit = wholeNumber(most, '--most', { least: 1 });
          const workspace = await context.workspace();
          const [left, right] = [await answerOf(a, workspace, context), await answerOf(b, workspace, context)];
          const found = [
            ...answerDifferences(left, right, {
              ignoring: options.ignoring as string[] | undefined,
              only: options.only as string[] | undefined,
              unordered: unorderedOf((options.unordered as string[] | undefined) ?? []),
            }),
            ...slower(left, right, timeRatio === undefined ? undefined : Number(timeRatio)),
          ];
          const { hideIn, hide } = workspace.redactor;
          if (terminal.json) {
            emit(terminal, 'compare', {
              same: found.length === 0,
              differences: found.map((one) =>
                differenceDocument({
                  ...one,
                  left: one.left && hideIn(one.left),
                  right: one.right && hideIn(one.right),
                }),
              ),
            });
            return found.length === 0 ? 0 : 1;
          }
          if (found.length === 0) {
            terminal.print('no difference');
            return 0;
          }
          const { out } = terminal;
          const shown = (value: Value | undefined): string =>
            value === undefined ? out.dim('nothing') : printableLine(hide(shortText(value)));
          const paint = { changed: out.yellow, added: out.green, removed: out.red };
          terminal.print(
            table(
              found
                .slice(0, limit)
                .map(({ at, kind, left: one, right: other }: Difference) => [
                  paint[kind](kind),
                  out.cyan(printableLine(at)),
                  shown(one),
                  shown(other),
                ]),
              terminal,
              { head: ['', 'at', a, b], flexible: [2, 3] },
            ),
          );
          if (found.length > limit) terminal.note(`and ${found.length - limit} more: --most ${found.length}`);
          return 1;
        }),
      );
    examples(command, [
      ['compare vessels/show data/expected-vessel.json', 'what comes back now with a document that is expected'],
      ['compare last vessels/show --ignoring "$.draftM"', 'the last answer with the same request now'],
    ]);
  },
};

/** An echo by its id, a request by its name, else a file. @throws Problem name-not-found */
async function answerOf(given: string, workspace: Workspace, context: Context): Promise<ComparedAnswer> {
  const { collection } = workspace;
  if (given === 'last' || /^[a-z0-9]{4}\.\d+$/.test(given)) return echoSide(collection.local, given);
  if (/\.\w+$/.test(given) && existsSync(given))
    return { status: undefined, headers: [], text: readFileSync(given, 'utf8') };
  const prepared = await workspace.prepare(given);
  context.terminal.progress(`sending ${given}`);
  const sent = await withInputs(workspace, prepared, context.terminal, false, ({ given: values }) =>
    sendRequest(workspace, prepared, { given: values, caller: noNames, signal: context.signal }),
  );
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
        what: `--unordered ${text} does not say what tells the items apart`,
        remedy: "--unordered '$.items=$.code'; $ is the item itself",
      });
    }),
  );
}

/** @throws Problem usage: the ratio is no number */
function slower(
  { time: first }: ComparedAnswer,
  { time: second }: ComparedAnswer,
  most: number | undefined,
): Difference[] {
  if (most === undefined) return [];
  if (!(most > 0)) throw new Problem('usage', { what: '--time-ratio takes a number over 0, such as 3' });
  if (first === undefined || second === undefined || second <= first * most) return [];
  return [{ at: 'time', kind: 'changed', left: durationText(first), right: durationText(second) }];
}
