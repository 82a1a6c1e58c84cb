/** `send`: one request, and all that came back. */
import { existsSync } from 'node:fs';
import { join, relative } from 'node:path';
import { planRequest } from '../../core/exchange/request-plan.js';
import type { Loads } from '../../core/expression/compile.js';
import { noNames } from '../../core/expression/names.js';
import { readPlace } from '../../core/place/registry.js';
import { Problem } from '../../core/problem/problem.js';
import { writeAtomically } from '../../core/storage/atomic-write.js';
import { hold } from '../../core/trail/held.js';
import { type Sent, sendRequest } from '../../core/trail/send.js';
import type { PreparedRequest, Workspace } from '../../core/trail/workspace.js';
import { writeJson } from '../../core/value/json-text.js';
import { durationText } from '../../core/value/measures.js';
import { textOf } from '../../core/value/text.js';
import { isValueMap, plain } from '../../core/value/written.js';
import { adHocRequest } from '../ad-hoc.js';
import { type CommandModule, collect, examples } from '../command.js';
import type { Context } from '../context.js';
import type { Documents } from '../documents.js';
import { editorSchemas, installEditorSchemas } from '../editor-schemas.js';
import { emit } from '../emit.js';
import { exitStatus } from '../exit-status.js';
import { sessionsFrom, withInputs } from '../giving.js';
import { requestPath } from '../request-path.js';
import { answerLine, bodyText, headerLines, outcomeLines } from '../view/exchange.js';
import { printable, printableLine } from '../view/printable.js';
import { problemDocument, problemLines } from '../view/problem.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<request|method>', 'a request of the collection, or a method')
      .argument('[url]', "behind a method: an address, or a path of the environment's origin")
      .option('--session <name>', 'another session, or none')
      .option('--header <line>', "a header line 'NAME: VALUE'; may be repeated", collect)
      .option('--query <name=value>', 'a query parameter; may be repeated', collect)
      .option('--body-json <json>', 'a JSON body')
      .option('--as <path>', 'keep METHOD URL as a request file')
      .option('--pick <place>', 'print one value of the answer and nothing else')
      .option('--headers', 'show the header lines of the answer')
      .option('--ask', 'ask for inputs that have a default, too')
      .option('--allow-changes', 'say yes where the environment asks before a change')
      .action(run(send));
    examples(command, [
      ['send vessels/show --set imo=9000017', 'a request of the collection'],
      ['send berths/free --pick "$.items[0].code"', 'one value, for a shell script'],
      ['send GET /v1/berths --session agent --query quay=north', 'without a file'],
      ['send GET /v1/berths --query free=true --as berths/mine', 'and keep it as a file'],
    ]);
  },
};

async function send(
  context: Context,
  [first = '', url]: readonly string[],
  options: Record<string, unknown>,
): Promise<number> {
  const { terminal, signal } = context;
  const workspace = await context.workspace({ allowChanges: options.allowChanges === true });
  if (options.pick === undefined) {
    workspace.onSessionOpened = (name) => terminal.note(terminal.err.dim(`opened  session ${name}`));
  }
  const prepared =
    url === undefined
      ? await fromFile(workspace, first, options)
      : await fromCommandLine(workspace, first, url, options);
  const loads: Loads = [];
  const picked = options.pick === undefined ? undefined : readPlace(options.pick as string, loads);
  await Promise.all(loads);

  const started = performance.now();
  const timer = setInterval(
    () =>
      terminal.progress(
        `${prepared.plan.method} ${prepared.plan.name}: waiting, ${durationText(performance.now() - started)}`,
      ),
    200,
  );
  let sent: Sent;
  try {
    sent = await withInputs(workspace, prepared, terminal, options.ask === true, ({ given }) =>
      sendRequest(workspace, prepared, { given, caller: noNames, signal, sessions: sessionsFrom(options.session) }),
    );
  } finally {
    clearInterval(timer);
    terminal.progress('');
  }
  await hold(workspace.collection.local, workspace.environment.name, sent.request.name, sent.kept, workspace.redactor);
  const status = Math.max(0, ...sent.problems.map(exitStatus));
  const hide = workspace.redactor.hide;
  if (picked) return printPicked(sent, picked, context, hide, status);
  if (terminal.json) {
    emit(terminal, 'send', sendDocument(sent, workspace));
    return status;
  }
  printSent(sent, workspace, context, options.headers === true);
  return status;
}

async function fromFile(
  workspace: Workspace,
  name: string,
  options: Record<string, unknown>,
): Promise<PreparedRequest> {
  const wrong = ['header', 'query', 'bodyJson', 'as'].find((option) => options[option] !== undefined);
  if (wrong !== undefined) {
    const flag = wrong.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
    throw new Problem('usage', {
      what: `--${flag} goes with METHOD URL, not with a request file`,
      remedy: /^(?:get|head|post|put|patch|delete|options)$/i.test(name)
        ? `the address is missing: echo-trail send ${name} URL`
        : 'change the file, or give its inputs with --set',
    });
  }
  return workspace.prepare(name);
}

async function fromCommandLine(
  workspace: Workspace,
  method: string,
  url: string,
  options: Record<string, unknown>,
): Promise<PreparedRequest> {
  if (!/^[A-Za-z]+$/.test(method))
    throw new Problem('usage', {
      what: `${method} is not a method`,
      remedy: 'echo-trail send REQUEST, or echo-trail send METHOD URL',
    });
  const { collection } = workspace;
  const target = options.as === undefined ? undefined : requestPath(options.as as string);
  if (target && existsSync(join(collection.root, target.file))) {
    throw new Problem('file-exists', {
      what: `there is a request ${target.name} already`,
      where: { file: target.file },
      remedy: 'nothing was sent; --as takes another name',
    });
  }
  const up = target ? relative(join(collection.root, target.file, '..'), collection.root) : '..';
  const { text, loaded } = adHocRequest(
    {
      method,
      url,
      headers: (options.header as string[] | undefined) ?? [],
      query: (options.query as string[] | undefined) ?? [],
      bodyJson: options.bodyJson as string | undefined,
      session: options.session as string | undefined,
    },
    `${up}/${editorSchemas}/request.json`,
  );
  const loads: Loads = [];
  const plan = planRequest(collection, target ? { ...loaded, name: target.name } : loaded, loads);
  await Promise.all(loads);
  if (target) {
    await writeAtomically(join(collection.root, target.file), text);
    await installEditorSchemas(collection.root);
  }
  return { plan, expectations: [], keeps: [], tokens: [] };
}

function printPicked(
  { outcome, problems }: Sent,
  place: ReturnType<typeof readPlace>,
  { terminal }: Context,
  hide: (text: string) => string,
  status: number,
): number {
  const { received } = outcome;
  const found = received && place.find(received);
  for (const problem of problems) terminal.complain(problemLines(problem, terminal.err, hide));
  if (found === undefined || !received) {
    if (!received) return status;
    const near = place.near(received);
    const problem = new Problem('place-not-found', {
      what: `nothing stands at ${place.text}`,
      cause: `the answer is ${received.status}`,
      remedy: near && `nearest: ${near}`,
    });
    terminal.complain(problemLines(problem, terminal.err, hide));
    return status || 1;
  }
  const value = plain(found);
  terminal.print(
    printable(
      hide(isValueMap(value) || Array.isArray(value) ? writeJson(found) : value === null ? 'null' : textOf(found)),
    ),
  );
  return status;
}

function printSent(sent: Sent, workspace: Workspace, { terminal }: Context, showHeaders: boolean): void {
  const { wire, outcome, echo } = sent;
  const { out, err } = terminal;
  const { hide } = workspace.redactor;
  const { received, trouble } = outcome;
  terminal.note(
    `${err.cyan(wire.method)} ${printableLine(hide(wire.shownUrl))}   ${err.dim(`environment ${workspace.environment.name}`)}`,
  );
  if (received) {
    for (const hop of received.parts.hops)
      terminal.note(err.dim(`  ${hop.status} from ${printableLine(hide(hop.url))}`));
    if (received.parts.hops.length > 0) terminal.note(err.dim(`  led to ${printableLine(hide(received.finalUrl))}`));
    terminal.note(answerLine(received, err));
    if (showHeaders) terminal.print(headerLines(received.headers, terminal, hide));
    const body = bodyText(received, out, hide);
    if (body !== '') terminal.print(body);
  }
  for (const line of outcomeLines(sent, err, hide)) terminal.complain(line);
  if (trouble) terminal.complain(problemLines(trouble, err, hide));
  terminal.note(err.dim(`echo    ${echo}`));
}

function sendDocument(sent: Sent, workspace: Workspace): Documents['send'] {
  const { request, wire, outcome, verdicts, kept, problems, echo } = sent;
  const { hide, hideIn } = workspace.redactor;
  const { received } = outcome;
  return {
    ok: problems.length === 0,
    request: request.name === 'command line' ? null : request.name,
    method: wire.method,
    url: hide(wire.shownUrl),
    status: received?.status ?? null,
    reason: received?.parts.reason ?? null,
    headers: received?.headers.map(([name, value]) => [name, hide(value)] as [string, string]) ?? [],
    body: received && received.size > 0 ? bodyDocument(received, hide, hideIn) : null,
    phases: Object.fromEntries(
      Object.entries(received?.parts.phases ?? {}).filter((entry): entry is [string, number] => entry[1] !== undefined),
    ),
    size: received?.size ?? 0,
    finalUrl: received ? hide(received.finalUrl) : null,
    expectations: verdicts.map((verdict) => ({ ...verdict })),
    kept: Object.fromEntries(kept.map(({ name, value, secret }) => [name, secret ? '‹secret›' : hideIn(plain(value))])),
    problems: problems
      .map((problem) => (problemDocument(problem) as { error: Documents['send']['problems'][number] }).error)
      .map(({ code, what, cause, remedy }) => ({
        code,
        what: hide(what),
        ...(cause !== undefined && { cause: hide(cause) }),
        ...(remedy !== undefined && { remedy }),
      })),
    echo,
  };
}

function bodyDocument(
  received: NonNullable<Sent['outcome']['received']>,
  hide: (text: string) => string,
  hideIn: Workspace['redactor']['hideIn'],
): unknown {
  if (!received.claimsJson) return hide(received.text);
  try {
    return hideIn(received.json());
  } catch {
    return hide(received.text);
  }
}
