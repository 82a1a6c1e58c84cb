/** All causes, the surest first: those that explain the whole difference, then those that look at one line. */
import type { Cause } from './cause.js';
import { lineCauses } from './line-causes.js';
import { textCauses } from './text-causes.js';
import { valueCauses } from './value-causes.js';

/** Those that may explain all of two texts at once. */
export const causesOfAll: readonly Cause[] = [...lineCauses, ...textCauses];

/** Those that may explain one line, whatever is wrong with the others. */
export const causesOfOneLine: readonly Cause[] = [...textCauses, ...valueCauses];

export const causes: readonly Cause[] = [...lineCauses, ...textCauses, ...valueCauses];
