/** Sending one request and showing what came back: what `send` and `follow` have in common. */
import type { Mismatch } from '../../core/documentation/changes/mismatch.js';
import type { Sink } from '../../core/exchange/response/sink.js';
import { type Named, noNames } from '../../core/expression/names.js';
import type { FurtherPages } from '../../core/paging/further-pages.js';
import type { Place } from '../../core/place/place.js';
import { asProblem, Problem } from '../../core/problem/problem.js';
import { undocumentedResponse } from '../../core/sending/judging/documented.js';
import type { PageCount } from '../../core/sending/pages.js';
import type { PreparedRequest } from '../../core/sending/prepare.js';
import { saveValues } from '../../core/sending/saved-values.js';
import type { Outside, Sent } from '../../core/sending/sending.js';
import { unreadPages } from '../../core/sending/unread.js';
import type { Workspace } from '../../core/sending/workspace.js';
import { furtherPagesRecord } from '../../core/trail/record/record-event.js';
import type { TakenBack } from '../../core/usage/taken-back.js';
import { writeJson } from '../../core/value/json-text.js';
import { durationText, sizeText } from '../../core/value/measures.js';
import { textOf } from '../../core/value/text.js';
import { isValueMap, plain, type Value } from '../../core/value/written.js';
import type { Context } from '../context.js';
import { emit } from '../documents/emit.js';
import { exitStatus, graverStatus } from '../exit-status.js';
import type { Terminal } from '../terminal/terminal.js';
import { printable, printableLine } from '../view/printable.js';
import { problemLines } from '../view/problem.js';
import { hopLine, outcomeLines, responseLine, takenBackLine } from '../view/response/exchange.js';
import { furtherPagesLine } from '../view/response/further-pages.js';
import { sendDocument, takenBackDocument, told } from '../view/response/send-document.js';
import { headersText, prettyText } from '../view/response/views.js';
import { type SentPages, sendPages } from './all-pages.js';
import { LiveSink } from './live-sink.js';
import { type Wishes, wishesOf } from './options.js';
import { printBody, tellMore, tellSpooled } from './print-body.js';
import { sessionsFrom, withInputs } from './request-inputs.js';

export interface SendingWishes {
  /** What an earlier sending of it was given. */
  readonly recorded?: ReadonlyMap<string, Named> | undefined;
  readonly outside?: Outside | undefined;
}

/** @returns the exit status */
export async function sendAndShow(
  context: Context,
  workspace: Workspace,
  prepared: PreparedRequest,
  options: Record<string, unknown>,
  { recorded, outside }: SendingWishes = {},
): Promise<number> {
  const { terminal, signal } = context;
  const wishes = await wishesOf(options, prepared, terminal);
  if (options.againstDocs === true) requireDocumented(prepared);
  await requireNamesOf(workspace, prepared, options);
  const hide = workspace.redactor.hide;
  workspace.listeners.add({
    waiting: ({ host, wait, why }) =>
      terminal.note(terminal.err.dim(`waiting ${durationText(wait)} for ${host} (${why})`)),
  });
  const live = wishes.live
    ? new LiveSink(
        (text) => terminal.print(printable(hide(text))),
        () => terminal.closed,
      )
    : undefined;
  const sink = wishes.sink ?? live;
  const { sent: responded, count } = await whileWaiting(terminal, prepared, sink, () =>
    withInputs(
      workspace,
      prepared,
      terminal,
      options.ask === true,
      ({ given }) =>
        sendPages(
          workspace,
          prepared,
          {
            given,
            caller: noNames,
            signal,
            sessions: sessionsFrom(options.session),
            signature: options.sign as string | undefined,
            outside,
            documented: options.strict === true ? 'refuse' : 'tell',
            noCookies: options.cookies === false,
            sink,
            lines: sink?.lines,
            ...(options.acceptCertificate === true && {
              onAccepted: ({ subject, fingerprint }: { subject: string; fingerprint: string }, until: string): void =>
                terminal.note(
                  `${terminal.err.yellow('accepted')}  ${printableLine(subject)}, until ${until.slice(0, 16).replace('T', ' ')} UTC\n          SHA-256 ${fingerprint}`,
                ),
            }),
          },
          options.pages as string | undefined,
          terminal,
        ),
      { recorded },
    ),
  );
  live?.finish();
  // The response is there: a fault from here on is shown next to it.
  const faults: Problem[] = [];
  const beside = (error: unknown): false => {
    faults.push(asProblem(error));
    return false;
  };
  const { outcome, request, kept } = responded;
  const saved = await wishes.sink?.finish(outcome.trouble === undefined).catch(beside);
  await saveValues(
    workspace.collection.local,
    workspace.environment.name,
    request.name,
    kept,
    workspace.redactor,
  ).catch(beside);
  const sent = faults.length === 0 ? responded : { ...responded, problems: [...responded.problems, ...faults] };
  const status = graverStatus(...sent.problems.map(exitStatus));
  for (const { at, what } of sent.undocumented)
    terminal.note(`${terminal.err.yellow('warning')}  ${hide(`${at} ${what}`)}`);
  for (const doubt of sent.warnings) terminal.note(`${terminal.err.yellow('warning')}  ${hide(printableLine(doubt))}`);
  const against = options.againstDocs === true ? await differencesOf(sent, workspace) : undefined;
  for (const { at, what } of against ?? [])
    terminal.note(`${terminal.err.yellow('undocumented')}  ${hide(`${at} ${what}`)}`);
  if (against?.length === 0) terminal.note('the response is as documented');
  const further = count ? undefined : unreadPages(workspace, sent);
  if (wishes.picked) return printPicked(sent, wishes.picked, context, hide, status, further);
  const takenBack = await takenBackOf(sent, workspace);
  if (terminal.json) {
    const pages = count && { ...count, total: count.total ?? null, partial: count.partial ?? null };
    emit(terminal, 'send', {
      ...sendDocument(sent, workspace),
      ...(pages && { pages }),
      ...(further && { furtherPages: furtherPagesRecord(further, workspace.redactor) }),
      ...(against && { againstDocs: told(against) }),
      ...(takenBack && { takenBackBy: takenBackDocument(takenBack, hide) }),
    });
    return status;
  }
  const unshown = await printSent(sent, workspace, terminal, wishes, {
    saved,
    shown: live?.begun === true,
    takenBack,
  });
  if (count) tellPages(count, options.pages === undefined, terminal);
  if (further) terminal.note(furtherPagesLine(furtherPagesRecord(further, workspace.redactor), terminal.err));
  return graverStatus(status, exitStatus(unshown));
}

/** Says how long it has waited, unless what comes is shown at once. */
async function whileWaiting(
  terminal: Terminal,
  { plan }: PreparedRequest,
  sink: Sink | undefined,
  work: () => Promise<SentPages>,
): Promise<SentPages> {
  const started = performance.now();
  const timer = setInterval(() => {
    if (sink && sink.saved > 0) return;
    terminal.progress(`${plan.method} ${plan.name}: waiting, ${durationText(performance.now() - started)}`);
  }, 200);
  try {
    return await work();
  } finally {
    clearInterval(timer);
    terminal.progress('');
  }
}

/** A name that nobody has is told before a session is opened. */
async function requireNamesOf(
  workspace: Workspace,
  { plan }: PreparedRequest,
  { session, sign }: Record<string, unknown>,
): Promise<void> {
  const sessions = sessionsFrom(session) ?? plan.sessions;
  const signature = sign === undefined ? plan.signature : sign === 'none' ? undefined : (sign as string);
  if (sessions.length === 0 && signature === undefined) return;
  const { requireSessionNames } = await import('../../core/check/names-ahead.js');
  requireSessionNames(workspace, sessions, signature);
}

/** @throws Problem usage: the request names no documented operation */
function requireDocumented({ plan: { name, content } }: PreparedRequest): void {
  if (content.operation !== undefined) return;
  throw new Problem('usage', {
    what: `--against-docs: ${name} names no documented operation`,
    remedy: 'operation: SOURCE/OPERATION in the request file says what it is',
  });
}

const differencesOf = async (
  { request: { operation }, outcome: { received } }: Sent,
  workspace: Workspace,
): Promise<readonly Mismatch[]> =>
  received && operation !== undefined ? undocumentedResponse(workspace, operation, received) : [];

function printPicked(
  { outcome, problems }: Sent,
  place: Place,
  { terminal }: Context,
  hide: (text: string) => string,
  status: number,
  further: FurtherPages | undefined,
): number {
  const { received } = outcome;
  for (const problem of problems) terminal.complain(problemLines(problem, terminal.err, hide));
  let found: Value | undefined;
  try {
    found = received && place.find(received);
  } catch (error) {
    // Of a response that failed, its status says more than what its body is not.
    if (problems.length > 0) return status;
    throw error;
  }
  if (found === undefined || !received) {
    if (!received) return status;
    const near = place.near(received);
    const problem = new Problem('place-not-found', {
      what: `there is nothing at ${place.text}`,
      cause: `the response is ${received.status}`,
      remedy: near && `nearest: ${near}`,
    });
    terminal.complain(problemLines(problem, terminal.err, hide));
    return status || 1;
  }
  if (further && Array.isArray(found))
    terminal.note(furtherPagesLine(furtherPagesRecord(further, { hide }), terminal.err));
  const value = plain(found);
  terminal.content(
    hide(isValueMap(value) || Array.isArray(value) ? writeJson(found) : value === null ? 'null' : textOf(found)),
  );
  return status;
}

interface Shown {
  /** undefined where the response went to no file. */
  readonly saved: boolean | undefined;
  /** It was shown while it came. */
  readonly shown: boolean;
  readonly takenBack: TakenBack | undefined;
}

/** Of something that was made by hand, what takes it back is worth knowing. */
async function takenBackOf(
  { request, kept, outcome: { received } }: Sent,
  { collection }: Workspace,
): Promise<TakenBack | undefined> {
  if (!request.changes || !received || received.status >= 400) return undefined;
  // All kinds of steps are loaded for that: most requests change nothing.
  const { takenBackBy } = await import('../../core/usage/taken-back.js');
  return takenBackBy(collection, request.name, kept);
}

async function printSent(
  sent: Sent,
  workspace: Workspace,
  terminal: Terminal,
  wishes: Wishes,
  { saved, shown, takenBack }: Shown,
): Promise<Problem | undefined> {
  const { wire, outcome, echo } = sent;
  const { err } = terminal;
  const { hide } = workspace.redactor;
  const { received, trouble } = outcome;
  let unshown: Problem | undefined;
  terminal.note(
    `${err.cyan(wire.method)} ${printableLine(hide(wire.shownUrl))}   ${err.dim(`environment ${workspace.environment.name}`)}`,
  );
  if (received) {
    for (const hop of received.parts.hops) terminal.note(hopLine(hop, err, hide));
    if (received.parts.hops.length > 0)
      terminal.note(err.dim(`  led to ${received.parts.finalMethod ?? ''} ${printableLine(hide(received.finalUrl))}`));
    terminal.note(responseLine(received, err));
    if (saved !== undefined) terminal.note(savedText(saved, wishes.sink?.saved ?? 0, wishes.to as string));
    else if (wishes.view === 'headers') terminal.print(headersText(wire, received, terminal, hide));
    else if (!shown) {
      // Of a response that failed, what it says comes before how it was to be shown.
      unshown = await printBody(received, wishes, terminal, hide).then(
        () => undefined,
        (error: unknown) => asProblem(error),
      );
      if (unshown && sent.problems.length > 0) {
        const text = prettyText(received, terminal.out, hide, wishes.levels);
        if (text !== '') terminal.print(text);
      }
    }
    if (wishes.view === 'pretty' && !shown && saved === undefined) tellMore(received, terminal);
    if (received.parts.spooled) tellSpooled(received.parts.spooled, wishes.view, terminal);
  } else if (wishes.view === 'headers') terminal.print(headersText(wire, undefined, terminal, hide));
  for (const line of outcomeLines(sent, err, hide)) terminal.complain(line);
  if (takenBack) terminal.note(takenBackLine(takenBack, err, hide));
  if (trouble) terminal.complain(problemLines(trouble, err, hide));
  if (unshown && sent.problems.length === 0) terminal.complain(problemLines(unshown, err, hide));
  // In the columns of what stands above it.
  terminal.note(err.dim(`${'echo'.padEnd(trouble ? 7 : 8)}${echo}`));
  return sent.problems.length === 0 ? unshown : undefined;
}

/** Page one is not everything. */
function tellPages({ pages, items, total, partial, doubt }: PageCount, first: boolean, terminal: Terminal): void {
  const { err } = terminal;
  const counted = `${items}${total === undefined ? '' : ` of ${total}`} items on ${pages} ${pages === 1 ? 'page' : 'pages'}`;
  if (partial === undefined) terminal.note(err.dim(`pages   ${counted}${doubt === undefined ? '' : `: ${doubt}`}`));
  else if (first) terminal.note(`${err.yellow('pages')}   ${counted}; --pages all reads the rest`);
  else terminal.note(`${err.yellow('partial')} ${counted}: ${partial}`);
}

const savedText = (saved: boolean, size: number, to: string): string =>
  saved
    ? `saved ${sizeText(size)} to ${to}`
    : `${sizeText(size)} are in ${to}.part; the same command goes on from there where the server allows it`;
