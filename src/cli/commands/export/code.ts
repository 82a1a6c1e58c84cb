/** `export code`: a request as a program of its own, in the language of whoever builds the connection. */

import { findEcho, recordedBytes } from '../../../core/echo/read.js';
import { hidden } from '../../../core/exchange/request/wire.js';
import { requestAsCode } from '../../../core/interchange/code/export.js';
import type { Language } from '../../../core/interchange/code/language.js';
import { type CodeRequest, recordedRequest } from '../../../core/interchange/code/program.js';
import { languages } from '../../../core/interchange/code/registry.js';
import { environmentName, Symbols } from '../../../core/interchange/code/symbols.js';
import { nearestHint } from '../../../core/problem/nearest.js';
import { Problem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import type { Context } from '../../context.js';
import { handOut } from '../../exporting/hand-out.js';
import { isEchoId, recordedMessage } from '../../exporting/recorded-message.js';
import { sessionsFrom, withInputs } from '../../sending/request-inputs.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<request|echo>', 'a request of the collection, or a recorded exchange by its id')
      .requiredOption('--language <name>', `the language: ${[...languages.keys()].join(', ')}`)
      .option('--session <name>', 'another session, or none')
      .option('--sign <name>', 'another signature, or none')
      .option('-t, --to <file>', 'write it to this file')
      .action(
        run(async (context, [name = ''], options) => {
          const language = languageNamed(options.language as string);
          const made = isEchoId(name)
            ? await fromEcho(context, name)
            : await fromRequest(context, name, language, options);
          return handOut(
            context,
            { kind: language.name, content: language.write(made), left: made.left, environment: made.environment },
            options.to as string | undefined,
          );
        }),
      );
    examples(command, [
      ['export code calls/book --language python', 'with its defaults, on standard output'],
      ['export code calls/book --set nights=2 --language node --to book.mjs', 'with a value, into a file'],
      ['export code manifests/file --language go', 'with what makes its signature'],
    ]);
  },
};

function languageNamed(name: string): Language {
  const language = languages.get(name);
  if (language) return language;
  throw new Problem('usage', {
    what: `--language ${name}: unknown language`,
    remedy: nearestHint(name, [...languages.keys()]) ?? [...languages.keys()].join(', '),
  });
}

async function fromRequest(
  context: Context,
  name: string,
  language: Language,
  { session, sign }: Record<string, unknown>,
): Promise<CodeRequest> {
  const collection = await context.collection();
  const symbols = new Symbols((one) => {
    const { content } = collection.read('session', one);
    return content.kind === 'login' ? Object.keys(content.keep ?? {}) : [];
  });
  const workspace = await context.workspace({ collection, standIns: symbols });
  const prepared = await workspace.prepare(name);
  return withInputs(workspace, prepared, context.terminal, false, ({ given }) =>
    requestAsCode(workspace, prepared, symbols, {
      given,
      language,
      sessions: sessionsFrom(session),
      signature: sign as string | undefined,
    }),
  );
}

async function fromEcho(context: Context, id: string): Promise<CodeRequest> {
  const { local } = await context.collection();
  const { method, url, headers, body } = recordedMessage(await findEcho(local, id), (file) =>
    recordedBytes(local, file),
  );
  return recordedRequest({ method, url, headers }, body, hidden, environmentName);
}
