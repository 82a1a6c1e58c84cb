/** `preview`: exactly what would be sent, with the origin of every value; nothing is sent. */

import { bodySize, hidden, type WireRequest } from '../../core/exchange/wire.js';
import { noNames } from '../../core/expression/names.js';
import { shortText } from '../../core/matcher/reading.js';
import { previewRequest } from '../../core/trail/send.js';
import type { Preview } from '../../core/trail/sending.js';
import { sizeText } from '../../core/value/measures.js';
import { isSecretName } from '../../core/value/secret-fields.js';
import { plain } from '../../core/value/written.js';
import { type CommandModule, examples } from '../command.js';
import type { Documents } from '../documents.js';
import { emit } from '../emit.js';
import { sessionsFrom, withInputs } from '../giving.js';
import type { Terminal } from '../terminal.js';
import { colouredJsonText } from '../view/json.js';
import { printable, printableLine } from '../view/printable.js';
import { table } from '../view/table.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<request>', 'a request of the collection')
      .option('--session <name>', 'another session, or none')
      .option('--ask', 'ask for inputs that have a default, too')
      .action(
        run(async (context, [name = ''], { session, ask }) => {
          const { terminal } = context;
          const workspace = await context.workspace();
          const prepared = await workspace.prepare(name);
          const preview = await withInputs(workspace, prepared, terminal, ask === true, ({ given }) =>
            previewRequest(workspace, prepared, { given, caller: noNames, sessions: sessionsFrom(session) }),
          );
          const hide = workspace.redactor.hide;
          if (terminal.json) return emit(terminal, 'preview', previewDocument(preview, hide));
          for (const doubt of preview.doubts) terminal.note(`${terminal.err.yellow('warning')}  ${doubt}`);
          terminal.print(previewText(preview, workspace.environment.name, terminal, hide));
          for (const one of preview.notOpen) terminal.note(`the session ${one} is not open: send opens it first`);
          return 0;
        }),
      );
    examples(command, [
      ['preview calls/book', 'with the defaults of its inputs'],
      ['preview calls/book --set nights=3 --json', 'for programs'],
      ['preview calls/book --session none', 'without the session'],
    ]);
  },
};

type Hide = (text: string) => string;

const shownValue = (line: WireRequest['headers'][number], hide: Hide): string =>
  line.secret ? hidden : hide(line.value);

function previewDocument({ request, wire, notOpen, doubts }: Preview, hide: Hide): Documents['preview'] {
  return {
    method: wire.method,
    url: hide(wire.shownUrl),
    query: queryOf(wire),
    headers: wire.headers.map((line) => ({ name: line.name, value: shownValue(line, hide), origin: line.origin })),
    body: wire.body ? { type: wire.body.type, size: bodySize(wire.body), text: hide(wire.body.shown) } : null,
    names: [...request.names].map(([name, { value, origin, secret }]) => ({
      name,
      value: secret || isSecretName(name) ? hidden : plain(value),
      origin,
    })),
    doubts: [...doubts],
    opens: [...notOpen],
  };
}

/** Decoded, in the order in which they are sent. */
function queryOf({ shownUrl }: WireRequest): { name: string; value: string }[] {
  return [...new URL(shownUrl).searchParams].map(([name, value]) => ({ name, value }));
}

function previewText({ request, wire }: Preview, environment: string, terminal: Terminal, hide: Hide): string {
  const { out } = terminal;
  const title = (text: string): string => out.bold(text);
  const query = queryOf(wire);
  const blocks = [
    `${out.cyan(wire.method)} ${out.bold(printableLine(hide(wire.shownUrl)))}   ${out.dim(`environment ${environment}; nothing is sent`)}`,
    query.length > 0 &&
      `${title('query')}\n${table(
        query.map(({ name, value }) => [out.cyan(printableLine(name)), printableLine(hide(value))]),
        terminal,
        { indent: 2 },
      )}`,
    `${title('headers')}\n${table(
      wire.headers.map((line) => [out.cyan(line.name), printableLine(shownValue(line, hide)), out.dim(line.origin)]),
      terminal,
      { indent: 2, flexible: [1] },
    )}`,
    wire.body &&
      `${title('body')}  ${wire.body.type}, ${sizeText(bodySize(wire.body))}\n${bodyShown(wire.body, terminal, hide)}`,
    request.names.size > 0 &&
      `${title('values')}\n${table(
        [...request.names].map(([name, { value, origin, secret }]) => [
          out.cyan(name),
          secret || isSecretName(name) ? hidden : printableLine(hide(shortText(value))),
          out.dim(origin),
        ]),
        terminal,
        { indent: 2, flexible: [1, 2] },
      )}`,
  ];
  return blocks.filter((block) => typeof block === 'string').join('\n\n');
}

/** As it would leave, byte for byte. */
function bodyShown({ shown, type }: NonNullable<WireRequest['body']>, { out }: Terminal, hide: Hide): string {
  const text = printable(hide(shown));
  return `  ${type === 'application/json' ? colouredJsonText(text, out) : text.replaceAll('\n', '\n  ')}`;
}
