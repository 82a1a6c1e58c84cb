/** All ways of paging. A new one is one file, one line here, and its key in the schema of `pages`. */
import { cursor } from './kinds/cursor.js';
import { next } from './kinds/next.js';
import { number } from './kinds/number.js';
import { offset } from './kinds/offset.js';
import type { PageKind } from './page-kind.js';

export const pageKinds: readonly PageKind[] = [next, cursor, number, offset];
