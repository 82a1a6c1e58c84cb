/** Whole numbers in options. */
import { Problem } from '../../core/problem/problem.js';

interface Bounds {
  readonly least?: number;
  readonly most?: number;
}

/** @param option its name, for the message @throws Problem usage: not a whole number within the bounds */
export function wholeNumber(
  given: unknown,
  option: string,
  { least = 0, most = Number.MAX_SAFE_INTEGER }: Bounds = {},
): number {
  const number = Number(given);
  if (/^\d+$/.test(String(given)) && number >= least && number <= most) return number;
  const bounds = most < Number.MAX_SAFE_INTEGER ? ` from ${least} to ${most}` : least > 0 ? ` from ${least} up` : '';
  throw new Problem('usage', { what: `${option} takes a whole number${bounds}, not ${given}` });
}
