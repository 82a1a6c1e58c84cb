/** The header lines of an echo as JSON: made once where they are the same for thousands of them. */

import { type HeaderLine, hidden, type WireRequest } from '../exchange/request/wire.js';
import type { HeaderLines } from '../exchange/response/header-lines.js';
import { isCredentialHeader } from '../value/secret-fields.js';
import type { Redactor } from './redactor.js';

/** Good as long as no further secret becomes known. */
interface Made {
  readonly size: number;
  readonly text: string;
}

const ofRequests = new WeakMap<WireRequest['headers'], Made>();
const ofLines = new WeakMap<HeaderLine, Made>();

export function sentHeaders({ headers, signed }: WireRequest, redactor: Redactor): string {
  const { size } = redactor;
  // A signature is another for every request; what stands beside it is not.
  if (signed) return listed(headers, (line) => lineOnce(line, redactor));
  const before = ofRequests.get(headers);
  if (before?.size === size) return before.text;
  const text = listed(headers, ({ name, value, secret }) => lineText(name, value, secret, redactor));
  ofRequests.set(headers, { size, text });
  return text;
}

function lineOnce(line: HeaderLine, redactor: Redactor): string {
  const { size } = redactor;
  const { name, value, secret, origin } = line;
  const known = ofLines.get(line);
  if (known?.size === size) return known.text;
  const text = lineText(name, value, secret, redactor);
  if (!origin.startsWith('signature ')) ofLines.set(line, { size, text });
  return text;
}

let last: (Made & { readonly lines: HeaderLines; readonly redactor: Redactor }) | undefined;

/** Responses of one moment have the very same lines. */
export function receivedHeaders(lines: HeaderLines, redactor: Redactor): string {
  const { size } = redactor;
  if (last?.lines === lines && last.redactor === redactor && last.size === size) return last.text;
  const text = listed(lines, ([name, value]) => lineText(name, value, false, redactor));
  last = { lines, redactor, size, text };
  return text;
}

function listed<Line>(lines: readonly Line[], text: (line: Line) => string): string {
  let all = '';
  for (const line of lines) all += all === '' ? text(line) : `,${text(line)}`;
  return `[${all}]`;
}

const lineText = (name: string, value: string, secret: boolean, redactor: Redactor): string =>
  JSON.stringify(recordedLine(name, value, secret, redactor));

export function recordedLine(name: string, value: string, secret: boolean, redactor: Redactor): [string, string] {
  return [name, secret || isCredentialHeader(name) ? hidden : redactor.hideKnown(value)];
}
