/** `omit`: makes the key, item or parameter that holds it vanish. */
import { omitted } from '../evaluation.js';
import type { Source } from './source.js';

export const omit: Source = {
  name: 'omit',
  bare: true,
  about: 'makes the key, item or parameter that holds it vanish',
  example: '${cargo ?? omit}',
  value: () => omitted,
};
