/** `send`: one request, and all that came back. */
import { type CommandModule, examples } from '../command.js';
import type { Context } from '../context.js';
import { rehearseIfWanted } from '../rehearsing/rehearsal.js';
import { chosenRequest, requestArguments, requestOptions } from '../sending/chosen-request.js';
import { connectionOptions, connectionSettings, requireNoConnection } from '../sending/connection-options.js';
import { responseOptions } from '../sending/options.js';
import { sendAndShow } from '../sending/send-and-show.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    requestOptions(requestArguments(command));
    responseOptions(command)
      .optionsGroup('Safety:')
      .option('--rehearse', 'to the documented vendor, rehearsed on this machine: nothing leaves it')
      .option('--trouble <list>', 'with --rehearse: trouble on purpose, such as slow=200ms,fail=500:2%')
      .option('--strict', 'send nothing that differs from the documentation')
      .option('--against-docs', 'report where the response differs from the documentation')
      .optionsGroup('Request:')
      .option('--ask', 'also ask for inputs that have a default')
      .option('--as <path>', 'keep METHOD URL as a request file');
    connectionOptions(command).action(run(send));
    examples(command, [
      ['send vessels/show --set imo=9000017', 'a request of the collection'],
      ['send berths/free --pick "$.items[0].code"', 'one value, for a shell script'],
      ['send berths/free --view table --columns code,quay', 'its list as a table'],
      ['send GET /notices/archive --to archive.bin', 'the response to a file, as it comes'],
      ['send GET /v1/berths --session agent --query quay=north', 'without a file'],
      ['send POST /graphql --graphql "{ pilots { __typename } }" --allow-changes', 'a GraphQL document'],
      ['send GET /v1/berths --query free=true --as berths/mine', 'and keep it as a file'],
      ['send - < guide.sh', 'a command that a guide shows, or an HTTP message'],
    ]);
  },
};

async function send(context: Context, args: readonly string[], options: Record<string, unknown>): Promise<number> {
  const { terminal } = context;
  if (options.as !== undefined) requireNoConnection(options);
  await rehearseIfWanted(context, options);
  const { workspace, prepared, outside } = await chosenRequest(context, 'send', args, options, {
    allowChanges: options.allowChanges === true,
    connection: connectionSettings(options),
  });
  if (options.pick === undefined) {
    workspace.listeners.add({
      sessionOpened: (name) => terminal.note(terminal.err.dim(`opened  session ${name}`)),
    });
  }
  return sendAndShow(context, workspace, prepared, options, { outside });
}
