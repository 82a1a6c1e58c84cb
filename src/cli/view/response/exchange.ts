/** An exchange in words: status line, body, what was met, kept and recorded. */

import { hidden } from '../../../core/exchange/request/wire.js';
import type { Hop, Received } from '../../../core/exchange/response/received.js';
import { shortText } from '../../../core/matcher/reading.js';
import { type Contradiction, contradictionText } from '../../../core/place/contradiction.js';
import { headerValue } from '../../../core/place/observed.js';
import type { Sent } from '../../../core/sending/sending.js';
import type { TakenBack } from '../../../core/usage/taken-back.js';
import { durationText, sizeText } from '../../../core/value/measures.js';
import { textOf } from '../../../core/value/text.js';
import type { Colours, Terminal } from '../../terminal/terminal.js';
import { printableLine } from '../printable.js';
import { table } from '../table.js';

/** @param wanted a refusal that was expected is good news */
export function statusText(status: number, reason: string, colours: Colours, wanted = false): string {
  const text = `${status}${reason === '' ? '' : ` ${printableLine(reason)}`}`;
  const paint = wanted || status < 300 ? colours.green : status >= 400 ? colours.red : colours.yellow;
  return colours.bold(paint(text));
}

function phasesText({ parts: { phases } }: Received): string {
  const { lookup, connect, tls, waiting, receiving, total } = phases;
  const named = [
    lookup !== undefined && `lookup ${durationText(lookup)}`,
    connect !== undefined && `connect ${durationText(connect)}`,
    tls !== undefined && `TLS ${durationText(tls)}`,
    `waiting ${durationText(waiting)}`,
    `receiving ${durationText(receiving)}`,
  ].filter(Boolean);
  return `${durationText(total)} (${named.join(', ')})`;
}

export function responseLine(received: Received, colours: Colours): string {
  const { reason } = received.parts;
  const type = printableLine(
    headerValue(received.headers, 'content-type') ?? (received.size > 0 ? 'no type named' : 'no body'),
  );
  return [
    statusText(received.status, reason, colours),
    phasesText(received),
    received.parts.wireSize === received.size || received.parts.saved !== undefined
      ? sizeText(received.size)
      : `${sizeText(received.size)} (${sizeText(received.parts.wireSize)} on the wire)`,
    colours.dim(type),
  ].join('   ');
}

/** A redirect that was met on the way, and what was left behind there. */
export function hopLine(
  { status, url, method, dropped = [] }: HopFacts,
  colours: Colours,
  hide: (text: string) => string,
): string {
  const left = dropped.length > 0 ? `; not sent on: ${dropped.join(', ')}` : '';
  return colours.dim(
    `  ${status} from ${method ?? ''} ${printableLine(hide(url))}${printableLine(left)}`.replace('from  ', 'from '),
  );
}

type HopFacts = Pick<Hop, 'status' | 'url'> & {
  readonly method?: string | undefined;
  readonly dropped?: readonly string[] | undefined;
};

export function headerLines(
  lines: readonly (readonly [string, string])[],
  terminal: Terminal,
  hide: (text: string) => string,
): string {
  return table(
    lines.map(([name, value]) => [terminal.out.cyan(printableLine(name)), hide(printableLine(value))]),
    terminal,
    { indent: 2 },
  );
}

/** Why who calls was not let in. */
function accessDeniedLines(
  { kind, sent, said, clock, remedies }: NonNullable<Sent['accessDenied']>,
  /** What was printed already. */
  told: readonly (string | undefined)[],
  colours: Colours,
  hide: (text: string) => string,
): string[] {
  const line = (word: string, text: string): string => `${colours.dim(word.padEnd(7))} ${printableLine(hide(text))}`;
  return [
    `${colours.red('refused')} ${kind === 'forbidden' ? 'authenticated, but not permitted' : 'not authenticated'}`,
    ...sent.map((text) => line('sent', text)),
    ...said.filter((text) => !told.includes(text)).map((text) => line('said', text)),
    ...(clock === undefined ? [] : [line('clock', clock)]),
    ...remedies.map((text) => line('try', text)),
  ];
}

/** Nothing was expected of the body, so all was called well. */
export const contradictionLine = (
  contradiction: Contradiction,
  colours: Colours,
  hide: (text: string) => string = (text) => text,
): string =>
  `${colours.yellow('warning')} ${printableLine(hide(`the status is 2xx, but ${contradictionText(contradiction)}; add expect: {${contradiction.at}: …} to check it`))}`;

/** What an expectation or a keep has to say of a sending. */
export function outcomeLines(
  { verdicts, kept, problems, outcome, accessDenied, contradiction }: Sent,
  colours: Colours,
  hide: (text: string) => string,
): string[] {
  const lines: string[] = [];
  const failed = verdicts.filter(({ ok }) => !ok);
  const met = verdicts.length - failed.length;
  if (met > 0) lines.push(`${colours.green('met    ')} ${met} expectation${met === 1 ? '' : 's'}`);
  if (contradiction) lines.push(contradictionLine(contradiction, colours, hide));
  for (const problem of problems) {
    if (problem === outcome.trouble) continue;
    lines.push(`${colours.red('failed ')} ${printableLine(hide(problem.what))}`);
    if (problem.reason !== undefined) lines.push(`        ${colours.dim(printableLine(hide(problem.reason)))}`);
  }
  // An expected accessDenied is a proof that the gate is shut.
  if (accessDenied && problems.length > 0) {
    const told = problems.map(({ reason }) => reason);
    lines.push(...accessDeniedLines(accessDenied, told, colours, hide));
  }
  for (const { name, value, secret } of kept) {
    lines.push(`${colours.cyan('kept   ')} ${name} = ${secret ? hidden : printableLine(hide(shortText(value)))}`);
  }
  return lines;
}

/** The command that takes back what was made. */
export function takenBackLine(
  { request, trail, give }: TakenBack,
  colours: Colours,
  hide: (text: string) => string,
): string {
  const set = [...give].map(
    ([name, value]) => ` --set ${name}=${value === undefined ? 'VALUE' : argument(textOf(value))}`,
  );
  return `${colours.cyan('undo   ')} echo-trail send ${request}${hide(printableLine(set.join('')))}   ${colours.dim(`as trail ${trail} has it`)}`;
}

/** As a shell takes it. */
const argument = (text: string): string => (/^[\w./:@-]+$/.test(text) ? text : `'${text.replaceAll("'", "'\\''")}'`);
