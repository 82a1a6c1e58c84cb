/** `echo resend`: the same request once more, with fresh credentials and signatures, or with other values. */
import type { Echo } from '../../../core/echo/echo.js';
import { findEcho } from '../../../core/echo/read.js';
import { planRequest } from '../../../core/exchange/request/request-plan.js';
import { hidden } from '../../../core/exchange/request/wire.js';
import type { Loads } from '../../../core/expression/compile.js';
import type { Named } from '../../../core/expression/names.js';
import { Problem } from '../../../core/problem/problem.js';
import { type PreparedRequest, plainRequest } from '../../../core/sending/prepare.js';
import type { Workspace } from '../../../core/sending/workspace.js';
import type { Value } from '../../../core/value/written.js';
import { type CommandModule, examples } from '../../command.js';
import { editorSchemas } from '../../documents/editor-schemas.js';
import { adHocRequest } from '../../sending/ad-hoc.js';
import { responseOptions } from '../../sending/options.js';
import { outsideBy } from '../../sending/outside-by.js';
import { sendAndShow } from '../../sending/send-and-show.js';

export const resend: CommandModule = {
  configure(command, run) {
    command.argument('[echo]', 'the id of an echo; else the last one', 'last');
    responseOptions(command).action(
      run(async (context, [id = 'last'], options) => {
        const collection = await context.collection();
        const echo = await findEcho(collection.local, id);
        const workspace = await context.workspace({
          collection,
          environment: context.options.env ?? echo.environment,
          allowChanges: options.allowChanges === true,
        });
        const outside =
          echo.request === 'command line' ? outsideBy(echo.sent.url, 'typed', workspace, context.terminal) : undefined;
        const prepared = await requestOf(echo, workspace, outside !== undefined);
        context.terminal.note(context.terminal.err.dim(`as echo ${echo.id}`));
        return sendAndShow(context, workspace, prepared, options, { recorded: recordedInputs(echo), outside });
      }),
    );
    examples(command, [
      ['echo resend', 'the last request once more'],
      ['echo resend last --set imo=9000031', 'the same for another vessel'],
    ]);
  },
};

/** What it was given then; what was secret is computed again. */
function recordedInputs({ inputs = {}, id }: Echo): ReadonlyMap<string, Named> {
  const found = new Map<string, Named>();
  for (const [name, value] of Object.entries(inputs)) {
    if (value !== hidden) found.set(name, { value: value as Value, origin: `echo ${id}` });
  }
  return found;
}

/** The request file as it is now; of a request from the command line, what left then. */
async function requestOf(echo: Echo, workspace: Workspace, outside: boolean): Promise<PreparedRequest> {
  const { request } = echo;
  if (request !== undefined && workspace.collection.names('request').includes(request))
    return workspace.prepare(request);
  if (request !== undefined && request !== 'command line') {
    throw new Problem('name-not-found', {
      what: `the request ${request} of echo ${echo.id} is not in the collection any more`,
      remedy: `echo-trail echo show ${echo.id} shows what was sent`,
    });
  }
  const { loaded } = adHocRequest(
    { ...leftOf(echo), query: [], session: undefined },
    `../${editorSchemas}/request.json`,
  );
  const loads: Loads = [];
  const plan = planRequest(workspace.collection, loaded, loads, outside);
  await Promise.all(loads);
  return plainRequest({ ...plan, sessions: outside ? [] : (echo.sessions ?? []) });
}

/** Written again for every request. */
const automatic = /^(?:host|connection|user-agent|accept-encoding|content-length|content-type|cookie)$/i;

/** @throws Problem usage: something in it is hidden, or was not recorded in full */
function leftOf({ id, sent, sessions }: Echo): Parameters<typeof adHocRequest>[0] {
  const { method, url, headers, body } = sent;
  const own = headers.filter(([name, value]) => {
    if (automatic.test(name)) return false;
    // What a session adds, it adds again.
    return !(value === hidden && (sessions ?? []).length > 0);
  });
  const secret = [url, ...own.map(([, value]) => value), body?.text ?? ''].some((text) => text.includes(hidden));
  if (secret || body?.cut || body?.encoding === 'base64') {
    throw new Problem('usage', {
      what: `echo ${id} is of a request from the command line, and ${secret ? 'a secret in it was not recorded' : 'its body was not recorded in full'}`,
      remedy: 'keep such a request as a file: echo-trail send METHOD URL … --as PATH',
    });
  }
  const type = headers.find(([name]) => name.toLowerCase() === 'content-type');
  return {
    method,
    url,
    headers: [...own, ...(type ? [type] : [])].map(([name, value]) => `${name}: ${value}`),
    query: [],
    session: undefined,
    body: body === undefined ? {} : { text: body.text },
  };
}
