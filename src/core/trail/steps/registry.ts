/** All kinds of steps. A new one is one file, one line here, and its schema in the trail file's union. */
import type { StepKind } from '../step-kind.js';
import { keep } from './keep.js';
import { send } from './send.js';
import { trail } from './trail.js';

export const stepKinds: readonly StepKind[] = [send as StepKind, trail as StepKind, keep as StepKind];
