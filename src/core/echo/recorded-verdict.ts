/** Verdicts and differences as they are recorded: without what is secret in them. */
import type { Difference } from '../comparison/difference.js';
import type { Verdict } from '../expectation/expectations.js';
import type { Echo } from './echo.js';
import type { Redactor } from './redactor.js';

export type Hiding = Pick<Redactor, 'hide' | 'hideIn'>;

type RecordedVerdict = NonNullable<Echo['failed']>[number];
type RecordedDifference = NonNullable<RecordedVerdict['deviations']>[number];

/** So many places that differ from an expected document are recorded. */
const mostDeviations = 100;

export const recordedDifference = (
  { at, kind, left, right }: Difference,
  { hide, hideIn }: Hiding,
): RecordedDifference => ({
  at: hide(at),
  kind,
  ...(left !== undefined && { left: hideIn(left) }),
  ...(right !== undefined && { right: hideIn(right) }),
});

export function recordedVerdict(
  { deviations, place, ok, matchers, value, ...texts }: Verdict,
  hiding: Hiding,
): RecordedVerdict {
  const hidden = Object.fromEntries(
    Object.entries(texts).flatMap(([key, text]) => (text === undefined ? [] : [[key, hiding.hide(text)]])),
  );
  return {
    place: hiding.hide(place),
    ok,
    ...(matchers !== undefined && { matchers: hiding.hideIn(matchers) as Record<string, unknown> }),
    ...(value !== undefined && { value: hiding.hideIn(value) }),
    ...hidden,
    ...(deviations && {
      deviations: deviations.slice(0, mostDeviations).map((one) => recordedDifference(one, hiding)),
    }),
  };
}
