/** `preview`: exactly what would be sent, with the origin of every value; nothing is sent. */

import { bodySize, hidden, type WireRequest } from '../../core/exchange/wire.js';
import { type Named, noNames } from '../../core/expression/names.js';
import { shortText } from '../../core/matcher/reading.js';
import { previewRequest } from '../../core/trail/send.js';
import type { Preview } from '../../core/trail/sending.js';
import { sizeText } from '../../core/value/measures.js';
import { isSecretName } from '../../core/value/secret-fields.js';
import { plain, type Value } from '../../core/value/written.js';
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
      .option('--reveal', 'show secrets as they would leave; they are shown nowhere else')
      .action(
        run(async (context, [name = ''], { session, ask, reveal }) => {
          const { terminal } = context;
          const workspace = await context.workspace();
          const prepared = await workspace.prepare(name);
          const preview = await withInputs(workspace, prepared, terminal, ask === true, ({ given }) =>
            previewRequest(workspace, prepared, { given, caller: noNames, sessions: sessionsFrom(session) }),
          );
          const eyes = reveal === true ? revealing : hiding(workspace.redactor.hide);
          if (reveal === true) terminal.note(`${terminal.err.yellow('warning')}  secrets are shown`);
          if (terminal.json) return emit(terminal, 'preview', previewDocument(preview, eyes));
          for (const doubt of preview.doubts) terminal.note(`${terminal.err.yellow('warning')}  ${doubt}`);
          terminal.print(previewText(preview, workspace.environment.name, terminal, eyes));
          for (const one of preview.notOpen) terminal.note(`the session ${one} is not open: send opens it first`);
          return 0;
        }),
      );
    examples(command, [
      ['preview calls/book', 'with the defaults of its inputs'],
      ['preview calls/book --set nights=3 --json', 'for programs'],
      ['preview calls/book --session none', 'without the session'],
      ['preview calls/book --reveal', 'with its secrets, on purpose'],
    ]);
  },
};

/** What of a request is seen. */
interface Eyes {
  url(wire: WireRequest): string;
  header(line: WireRequest['headers'][number]): string;
  body(body: NonNullable<WireRequest['body']>): string;
  /** undefined where it is hidden. */
  named(name: string, named: Named): Value | undefined;
  /** Of what is shown already. */
  text(text: string): string;
}

const hiding = (hide: (text: string) => string): Eyes => ({
  url: ({ shownUrl }) => hide(shownUrl),
  header: ({ value, secret }) => (secret ? hidden : hide(value)),
  body: ({ shown }) => hide(shown),
  named: (name, { value, secret }) => (secret || isSecretName(name) ? undefined : value),
  text: hide,
});

const revealing: Eyes = {
  url: ({ url }) => url.href,
  header: ({ value }) => value,
  // What is streamed from files is not read for a look.
  body: ({ bytes, streamed, shown }) => (streamed ? shown : Buffer.from(bytes).toString('utf8')),
  named: (_, { value }) => value,
  text: (text) => text,
};

function previewDocument({ request, wire, notOpen, doubts }: Preview, eyes: Eyes): Documents['preview'] {
  return {
    method: wire.method,
    url: eyes.url(wire),
    query: queryOf(eyes.url(wire)),
    headers: wire.headers.map((line) => ({ name: line.name, value: eyes.header(line), origin: line.origin })),
    body: wire.body ? { type: wire.body.type, size: bodySize(wire.body), text: eyes.body(wire.body) } : null,
    names: [...request.names].map(([name, named]) => ({
      name,
      value: plain(eyes.named(name, named) ?? hidden),
      origin: named.origin,
    })),
    doubts: [...doubts],
    opens: [...notOpen],
  };
}

/** Decoded, in the order in which they are sent. */
function queryOf(url: string): { name: string; value: string }[] {
  return [...new URL(url).searchParams].map(([name, value]) => ({ name, value }));
}

function previewText({ request, wire }: Preview, environment: string, terminal: Terminal, eyes: Eyes): string {
  const { out } = terminal;
  const title = (text: string): string => out.bold(text);
  const query = queryOf(eyes.url(wire));
  const blocks = [
    `${out.cyan(wire.method)} ${out.bold(printableLine(eyes.url(wire)))}   ${out.dim(`environment ${environment}; nothing is sent`)}`,
    query.length > 0 &&
      `${title('query')}\n${table(
        query.map(({ name, value }) => [out.cyan(printableLine(name)), printableLine(eyes.text(value))]),
        terminal,
        { indent: 2 },
      )}`,
    `${title('headers')}\n${table(
      wire.headers.map((line) => [out.cyan(line.name), printableLine(eyes.header(line)), out.dim(line.origin)]),
      terminal,
      { indent: 2, flexible: [1] },
    )}`,
    wire.body &&
      `${title('body')}  ${wire.body.type}, ${sizeText(bodySize(wire.body))}\n${bodyShown(wire.body.type, eyes.body(wire.body), terminal)}`,
    request.names.size > 0 &&
      `${title('values')}\n${table(
        [...request.names].map(([name, named]) => {
          const value = eyes.named(name, named);
          const text = value === undefined ? hidden : printableLine(eyes.text(shortText(value)));
          return [out.cyan(name), text, out.dim(named.origin)];
        }),
        terminal,
        { indent: 2, flexible: [1, 2] },
      )}`,
  ];
  return blocks.filter((block) => typeof block === 'string').join('\n\n');
}

/** As it would leave, byte for byte. */
function bodyShown(type: string, shown: string, { out }: Terminal): string {
  const text = printable(shown);
  return `  ${type === 'application/json' ? colouredJsonText(text, out) : text.replaceAll('\n', '\n  ')}`;
}
