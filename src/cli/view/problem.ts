/** Errors in words: what happened, where, the likely cause, what to do. */
import { type Problem, positionText } from '../../core/problem/problem.js';
import type { PlacedProblem } from '../../core/trail/record/run-record.js';
import type { Colours } from '../terminal/terminal.js';
import { printable } from './printable.js';

/** What is told of a problem. */
interface ToldProblem extends Pick<Problem, 'code' | 'what' | 'where' | 'reason' | 'remedy' | 'excerpt'> {
  readonly family?: Problem['family'];
}

/** Of a problem in a record, in which nothing is secret. */
export const briefLines = ({ code, what, cause, remedy, where, excerpt }: PlacedProblem, colours: Colours): string =>
  problemLines({ code: code as Problem['code'], what, reason: cause, remedy, where, excerpt }, colours);

export function problemLines(
  problem: ToldProblem,
  colours: Colours,
  hide: (text: string) => string = (text) => text,
): string {
  const { where, reason, remedy, excerpt, code } = problem;
  // Made harmless first and coloured then, or the colours would be taken for control characters of a vendor.
  const safe = (text: string): string => clipped(printable(hide(text)), longest);
  const label = (text: string): string => colours.dim(text.padEnd(7));
  const lines = [`${colours.red(colours.bold('error'))}  ${safe(problem.what)}`];
  if (where !== undefined) {
    lines.push(`${label('at')}${typeof where === 'string' ? where : colours.cyan(safe(positionText(where)))}`);
  }
  for (const line of around(excerpt)) lines.push(`       ${colours.dim('|')} ${safe(line)}`);
  if (reason !== undefined) lines.push(`${label('cause')}${safe(reason)}`);
  if (remedy !== undefined) lines.push(`${label('try')}${safe(remedy)}`);
  if (problem.family === 'fault') lines.push(`${label('code')}${code}`);
  return lines.join('\n');
}

/** Characters; a longer text says nothing more. */
const longest = 600;
const widest = 160;

const clipped = (text: string, most: number): string => (text.length > most ? `${text.slice(0, most)} …` : text);

/** Of very long lines the part that the caret below them is about. */
function around(excerpt: string | undefined): string[] {
  const lines = excerpt?.split('\n') ?? [];
  if (lines.every((line) => line.length <= widest)) return lines;
  const caret = lines.at(-1)?.indexOf('^') ?? -1;
  const start = Math.max(0, caret - widest / 2);
  return lines.map((line) => line.slice(start, start + widest));
}

/** The document that --json prints of an error, on standard error. */
export function problemDocument(
  { code, family, what, where, reason, remedy, data }: Problem,
  hide: (text: string) => string,
): object {
  return {
    error: {
      code,
      family,
      what: hide(what),
      ...(where !== undefined && { where: hiddenIn(typeof where === 'string' ? { phase: where } : where, hide) }),
      ...(reason !== undefined && { cause: hide(reason) }),
      ...(remedy !== undefined && { remedy: hide(remedy) }),
      data: hiddenIn(data, hide),
    },
  };
}

/** Texts and keys, however deep. */
function hiddenIn(value: unknown, hide: (text: string) => string): unknown {
  if (typeof value === 'string') return hide(value);
  if (Array.isArray(value)) return value.map((item) => hiddenIn(item, hide));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, item]) => [hide(key), hiddenIn(item, hide)]));
}
