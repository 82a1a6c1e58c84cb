/** All kinds of steps. A new one is one file, one line here, and its schema in the trail file's union. */
import type { StepKind } from '../step-kind.js';
import { choose } from './choose.js';
import { compare } from './compare.js';
import { forEach } from './for-each.js';
import { keep } from './keep.js';
import { poll } from './poll.js';
import { send } from './send.js';
import { trail } from './trail.js';

export const stepKinds: readonly StepKind[] = [
  send as StepKind,
  trail as StepKind,
  forEach as StepKind,
  poll as StepKind,
  choose as StepKind,
  compare as StepKind,
  keep as StepKind,
];
