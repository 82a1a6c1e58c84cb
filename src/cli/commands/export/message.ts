/** `export message`: a request, or a recorded exchange, as HTTP messages. */
import { findEcho, recordedBytes } from '../../../core/echo/read.js';
import { noNames } from '../../../core/expression/names.js';
import { exchangeMessages, requestMessage } from '../../../core/interchange/message.js';
import { previewRequest } from '../../../core/sending/preview.js';
import { type CommandModule, examples } from '../../command.js';
import type { Context } from '../../context.js';
import { handOut, type Made } from '../../exporting/hand-out.js';
import { isEchoId } from '../../exporting/recorded-message.js';
import { sessionsFrom, withInputs } from '../../sending/request-inputs.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<request|echo>', 'a request of the collection, or a recorded exchange by its id')
      .option('--session <name>', 'another session, or none')
      .option('--sign <name>', 'another signature, or none')
      .option('--reveal', 'with its secrets, on purpose')
      .option('-t, --to <file>', 'write it to this file')
      .action(
        run(async (context, [name = ''], options) => {
          const made = isEchoId(name) ? await ofEcho(context, name) : await ofRequest(context, name, options);
          return handOut(context, made, options.to as string | undefined);
        }),
      );
    examples(command, [
      ['export message calls/book --set nights=2', 'as it would leave, its secrets hidden'],
      ['export message last', 'the last exchange, with its response'],
    ]);
  },
};

async function ofRequest(
  context: Context,
  name: string,
  { session, sign, reveal }: Record<string, unknown>,
): Promise<Made> {
  const { terminal } = context;
  const workspace = await context.workspace();
  const prepared = await workspace.prepare(name);
  const { wire, notOpen, signed } = await withInputs(workspace, prepared, terminal, false, ({ given }) =>
    previewRequest(workspace, prepared, {
      given,
      caller: noNames,
      sessions: sessionsFrom(session),
      signature: sign as string | undefined,
    }),
  );
  if (reveal === true) {
    terminal.hideBy(undefined);
    terminal.note(`${terminal.err.yellow('warning')}  secrets are shown`);
  }
  return {
    kind: 'message',
    content: requestMessage(wire, workspace.redactor.hide, reveal === true),
    left: [
      ...notOpen.map((one) => `what the session ${one} adds: it is not open`),
      ...(wire.body?.streamed ? ['the body: it is streamed from files'] : []),
      ...(signed?.missing ? [`what is made from it: ${signed.missing.what}`] : []),
    ],
  };
}

async function ofEcho(context: Context, id: string): Promise<Made> {
  const { local } = await context.collection();
  const echo = await findEcho(local, id);
  const left: string[] = [];
  const text = (side: 'sent' | 'received'): string => {
    const body = echo[side]?.body;
    if (!body) return '';
    const kept = body.file === undefined ? undefined : recordedBytes(local, body.file);
    if (kept) return kept.toString('utf8');
    if (body.cut) left.push(`the rest of the body that was ${side}: only its beginning was kept`);
    if (body.encoding === 'base64') left.push(`the body that was ${side}: it is no text`);
    return body.encoding === 'base64' ? '' : body.text;
  };
  const content = exchangeMessages(echo, { sent: text('sent'), received: text('received') });
  return { kind: 'message', content, left };
}
