/** All kinds of steps. A new one is one file, one line here, and its schema in the trail file's union. */
import type { StepFile } from '../../collection/files/trail-file.js';
import type { StepKind } from '../step-kind.js';
import type { StepOutline, StepPath } from '../step-outline.js';
import { choose } from './choose.js';
import { compare } from './compare.js';
import { forEach } from './for-each.js';
import { keep } from './keep.js';
import { poll } from './poll.js';
import { send } from './send.js';
import { trail } from './trail.js';

const stepKinds: readonly StepKind[] = [
  send as StepKind,
  trail as StepKind,
  forEach as StepKind,
  poll as StepKind,
  choose as StepKind,
  compare as StepKind,
  // The last, since others may keep something too.
  keep as StepKind,
];

export const stepKindOf = (file: StepFile): StepKind | undefined => stepKinds.find((kind) => kind.fits(file));

/** The schema of trail files lets nothing through that is of no kind. */
export const outlineOf = (file: StepFile): StepOutline => (stepKindOf(file) as StepKind).outline(file);

export interface OutlinedStep {
  readonly step: StepFile;
  readonly outline: StepOutline;
  /** Where it is in the trail file. */
  readonly path: StepPath;
}

/** Every step, those inside others behind them. */
export function* everyStep(steps: readonly StepFile[], path: StepPath = ['steps']): Generator<OutlinedStep> {
  for (const [index, step] of steps.entries()) {
    const outline = outlineOf(step);
    const own = [...path, index];
    yield { step, outline, path: own };
    if (outline.inner) yield* everyStep(outline.inner.steps, [...own, 'steps']);
  }
}
