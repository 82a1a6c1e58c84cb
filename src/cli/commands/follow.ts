/** `follow`: the links of the last response, numbered; and one of them sent. */
import type { Echo } from '../../core/echo/echo.js';
import { findEcho } from '../../core/echo/read.js';
import { planRequest } from '../../core/exchange/request/request-plan.js';
import { hidden } from '../../core/exchange/request/wire.js';
import { type FoundLink, linksOf } from '../../core/exchange/response/links.js';
import type { Loads } from '../../core/expression/compile.js';
import { Problem } from '../../core/problem/problem.js';
import { plainRequest } from '../../core/sending/prepare.js';
import { parseJson } from '../../core/value/json-text.js';
import type { Value } from '../../core/value/written.js';
import { type CommandModule, examples } from '../command.js';
import { editorSchemas } from '../documents/editor-schemas.js';
import { emit } from '../documents/emit.js';
import { adHocRequest } from '../sending/ad-hoc.js';
import { responseOptions } from '../sending/options.js';
import { outsideBy } from '../sending/outside-by.js';
import { sendAndShow } from '../sending/send-and-show.js';
import { printableLine } from '../view/printable.js';
import { table } from '../view/table.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('[number]', 'the link to send; without it they are listed')
      .option('--of <echo>', 'the links of another echo than the last', 'last');
    responseOptions(command).action(
      run(async (context, [number], options) => {
        const { terminal } = context;
        const collection = await context.collection();
        const echo = await findEcho(collection.local, options.of as string);
        const links = linksIn(echo);
        if (number === undefined) {
          if (terminal.json) {
            return emit(terminal, 'follow', {
              echo: echo.id,
              links: links.map(({ url, at, about }, index) => ({ number: index + 1, url, at, about: about ?? null })),
            });
          }
          if (links.length === 0) terminal.note(`the response of ${echo.id} has no links`);
          else {
            terminal.print(
              table(
                links.map(({ url, at, about }, index) => [
                  terminal.out.bold(String(index + 1)),
                  terminal.out.link(
                    printableLine(url),
                    `command:${JSON.stringify(['follow', String(index + 1), '--of', echo.id])}`,
                  ),
                  terminal.out.dim(printableLine(at)),
                  printableLine(about ?? ''),
                ]),
                terminal,
                { flexible: [1, 3] },
              ),
            );
            terminal.note('next: echo-trail follow NUMBER');
          }
          return 0;
        }
        const { url } = chosen(links, number, echo);
        const workspace = await context.workspace({
          collection,
          environment: context.options.env ?? echo.environment,
          allowChanges: options.allowChanges === true,
        });
        const { loaded } = adHocRequest(
          { method: 'GET', url, headers: [], query: [], body: {}, session: undefined },
          `../${editorSchemas}/request.json`,
        );
        const loads: Loads = [];
        const outside = outsideBy(url, 'link', workspace, terminal);
        const plan = planRequest(collection, loaded, loads, outside !== undefined);
        await Promise.all(loads);
        // As the exchange before, unless the origin is not listed.
        const prepared = plainRequest({ ...plan, sessions: outside ? [] : (echo.sessions ?? []) });
        return sendAndShow(context, workspace, prepared, options, { outside });
      }),
    );
    examples(command, [
      ['follow', 'the links of the last response'],
      ['follow 1', 'send the first, with the same session and environment'],
    ]);
  },
};

function linksIn(echo: Echo): readonly FoundLink[] {
  const { received, sent } = echo;
  if (!received) return [];
  const text = received.body?.encoding === 'utf-8' ? received.body.text : '';
  let json: Value | undefined;
  try {
    json = /^\s*[{[]/.test(text) ? parseJson(text) : undefined;
  } catch {
    json = undefined;
  }
  return linksOf({ headers: received.headers, finalUrl: received.finalUrl ?? sent.url, text }, json);
}

function chosen(links: readonly FoundLink[], number: string, { id, received }: Echo): FoundLink {
  const link = /^[1-9]\d*$/.test(number) ? links[Number(number) - 1] : undefined;
  if (!link) {
    throw new Problem('usage', {
      what:
        links.length === 0
          ? `the response of ${id} has no links`
          : `there is no link ${number}: ${id} has ${links.length}`,
      remedy: received?.body?.cut ? 'only the beginning of the response is recorded' : 'echo-trail follow lists them',
    });
  }
  if (link.url.includes(encodeURIComponent(hidden))) {
    throw new Problem('usage', {
      what: `the link ${number} holds a secret, which no echo records`,
      remedy: 'write a request that keeps it from the response: keep: {next: link.next}',
    });
  }
  return link;
}
