/** All forms of findings. A new one is one file and one line here. */
import type { CheckFormat } from './check-format.js';
import { junit } from './junit.js';
import { sarif } from './sarif.js';

export const checkFormats: ReadonlyMap<string, CheckFormat> = new Map([sarif, junit].map((one) => [one.name, one]));
