/** `echo show`. */
import type { Echo } from '../../../core/echo/echo.js';
import { findEcho, recordedFile } from '../../../core/echo/read.js';
import { Problem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { echoText } from '../../view/echo.js';

export const show: CommandModule = {
  configure(command, run) {
    command
      .argument('[id]', 'an echo as echo list names it, or last', 'last')
      .option('--body', 'print only the response body, complete')
      .action(
        run(async (context, [id = 'last'], { body }) => {
          const { terminal } = context;
          const { local } = await context.collection();
          const echo = await findEcho(local, id);
          if (body === true) {
            const path = echo.received?.body?.file && recordedFile(local, echo.received.body.file);
            if (path) await terminal.file(path);
            else terminal.bytes(wholeBody(echo));
            return 0;
          }
          if (terminal.json) return emit(terminal, 'echo show', echo);
          terminal.print(echoText(echo, terminal));
          return 0;
        }),
      );
    examples(command, [
      ['echo show', 'the last exchange, both directions'],
      ['echo show last --json', 'the same for programs'],
      ['echo show last --body', 'the body that came, all of it'],
    ]);
  },
};

/** @throws Problem echo-not-found */
function wholeBody({ id, received }: Echo): Uint8Array {
  const recorded = received?.body;
  if (recorded?.cut) {
    throw new Problem('echo-not-found', {
      what: `only the beginning of the response of ${id} is recorded`,
      remedy: 'send … --to FILE saves a response of any length',
    });
  }
  return Buffer.from(recorded?.text ?? '', recorded?.encoding === 'base64' ? 'base64' : 'utf8');
}
