/** `preview`: exactly what would be sent, with the origin of every value; nothing is sent. */

import { waysText } from '../../core/exchange/hosts/ways-out.js';
import { noNames } from '../../core/expression/names.js';
import { Problem } from '../../core/problem/problem.js';
import { previewRequest } from '../../core/sending/preview.js';
import { durationText } from '../../core/value/measures.js';
import { type CommandModule, examples } from '../command.js';
import { emit } from '../documents/emit.js';
import { comparedWith, momentFrom } from '../options/signing.js';
import { chosenRequest, requestArguments, requestOptions } from '../sending/chosen-request.js';
import { sessionsFrom, withInputs } from '../sending/request-inputs.js';
import { hiding, revealing } from '../view/eyes.js';
import { previewDocument, previewText, signaturePreview } from '../view/preview.js';
import { printableLine } from '../view/printable.js';
import { againstText } from '../view/signature.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    requestOptions(requestArguments(command))
      .optionsGroup('Request:')
      .option('--session <name>', 'another session, or none')
      .option('--ask', 'also ask for inputs that have a default')
      .optionsGroup('Signature and secrets:')
      .option('--reveal', 'show secrets as they would be sent; nothing else shows them')
      .option('--sign <name>', 'another signature, or none')
      .option('--signature', 'show how the signature is made, value by value')
      .option('--against <text>', 'compare with what the vendor shows: a text, or the name of a file with it')
      .option('--value <name>', 'the value that --against means; else the one that is most alike')
      .option('--time <time>', 'sign as at another time, such as 2026-11-24T09:30:00Z')
      .option('--nonce <text>', 'sign with this nonce')
      .action(
        run(async (context, args, options) => {
          const { session, ask, reveal, sign, signature, against, value, time, nonce } = options;
          const { terminal } = context;
          const { workspace, prepared, outside } = await chosenRequest(context, 'preview', args, options, {
            moment: momentFrom(time, nonce),
          });
          const preview = await withInputs(workspace, prepared, terminal, ask === true, ({ given }) =>
            previewRequest(workspace, prepared, {
              given,
              caller: noNames,
              sessions: sessionsFrom(session),
              signature: sign as string | undefined,
              documented: 'tell',
              outside,
            }),
          );
          const eyes = reveal === true ? revealing : hiding(workspace.redactor.hide);
          if (reveal === true) {
            terminal.hideBy(undefined);
            terminal.note(`${terminal.err.yellow('warning')}  secrets are shown`);
          }
          const compared =
            against === undefined ? undefined : comparedWith(preview, against as string, value as string | undefined);
          if (value !== undefined && against === undefined)
            throw new Problem('usage', { what: '--value requires --against' });
          if (terminal.json) return emit(terminal, 'preview', previewDocument(preview, workspace.ways, eyes, compared));
          for (const { at, what } of preview.undocumented)
            terminal.note(`${terminal.err.yellow('warning')}  ${eyes.text(`${at} ${what}`)}`);
          for (const doubt of preview.warnings)
            terminal.note(`${terminal.err.yellow('warning')}  ${eyes.text(printableLine(doubt))}`);
          const about = `environment ${workspace.environment.name}; nothing is sent`;
          terminal.print(terminal.out.dim(printableLine(`${workspace.environment.name} ${waysText(workspace.ways)}`)));
          if (signature === true || compared) terminal.print(signaturePreview(preview, about, terminal, eyes));
          else terminal.print(previewText(preview, about, terminal, eyes));
          if (compared) terminal.print(`\n${againstText(compared, eyes.text, terminal)}`);
          const missing = preview.signed?.missing;
          if (missing) {
            terminal.note(`${terminal.err.yellow('warning')}  ${missing.what}: what is made from it is left out`);
            if (missing.remedy !== undefined) terminal.note(`try      ${missing.remedy}`);
          }
          const { ahead = 0, followed = false } = preview.signed?.clock ?? {};
          if (ahead !== 0) {
            const apart = `the server's clock was ${durationText(Math.abs(ahead))} ${ahead > 0 ? 'ahead of' : 'behind'} this one`;
            terminal.note(
              `${terminal.err.dim('clock')}    ${apart}: ${followed ? 'signed with its time' : 'clock: follow-server in the environment signs with its time'}`,
            );
          }
          for (const one of preview.notOpen) terminal.note(`the session ${one} is not open: send opens it first`);
          return compared && !compared.same ? 1 : 0;
        }),
      );
    examples(command, [
      ['preview calls/book', 'with the defaults of its inputs'],
      ['preview calls/book --set nights=3 --json', 'for programs'],
      ['preview calls/book --session none', 'without the session'],
      ['preview POST /v1/berths --query free=true', 'a request that is in no file'],
      ['preview - < guide.sh', 'a command that a guide shows'],
      ['preview calls/book --reveal', 'with its secrets, on purpose'],
      ['preview manifests/file --signature', 'how its signature is made, value by value'],
      [
        'preview manifests/file --time 2026-03-02T09:30:00Z --against data/filing-guide.txt',
        "held against the example of the vendor's guide",
      ],
    ]);
  },
};
