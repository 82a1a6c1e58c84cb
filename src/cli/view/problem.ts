/** Errors in words: what happened, where, the likely cause, what to do. */
import { type Problem, positionText } from '../../core/problem/problem.js';
import type { Colours } from '../terminal.js';
import { printable } from './printable.js';

export function problemLines(
  problem: Problem,
  colours: Colours,
  hide: (text: string) => string = (text) => text,
): string {
  const { what, where, reason, remedy, excerpt, code } = problem;
  const label = (text: string): string => colours.dim(text.padEnd(7));
  const lines = [`${colours.red(colours.bold('error'))}  ${what}`];
  if (where !== undefined)
    lines.push(`${label('at')}${typeof where === 'string' ? where : colours.cyan(positionText(where))}`);
  if (excerpt !== undefined) lines.push(...excerpt.split('\n').map((line) => `       ${colours.dim('|')} ${line}`));
  if (reason !== undefined) lines.push(`${label('cause')}${reason}`);
  if (remedy !== undefined) lines.push(`${label('try')}${remedy}`);
  if (problem.family === 'fault') lines.push(`${label('code')}${code}`);
  return printable(hide(lines.join('\n')));
}

/** The document that --json prints of an error, on standard error. */
export function problemDocument({ code, family, what, where, reason, remedy, data }: Problem): object {
  return {
    error: {
      code,
      family,
      what,
      ...(where !== undefined && { where: typeof where === 'string' ? { phase: where } : where }),
      ...(reason !== undefined && { cause: reason }),
      ...(remedy !== undefined && { remedy }),
      data,
    },
  };
}
