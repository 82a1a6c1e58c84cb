/** All causes, the surest first: those that explain the whole difference, then those that look at one line. */
import type { Cause } from './cause.js';
import { lineCauses } from './line-causes.js';
import { textCauses } from './text-causes.js';
import { valueCauses } from './value-causes.js';

export const causes: readonly Cause[] = [...lineCauses, ...textCauses, ...valueCauses];
