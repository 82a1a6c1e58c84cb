/** `absent`: makes the key, item or parameter that holds it vanish. */
import { omitted } from '../evaluation.js';
import type { Source } from './source.js';

export const absent: Source = {
  name: 'absent',
  bare: true,
  about: 'makes the key, item or parameter that holds it vanish',
  example: '${cargo ?? absent}',
  value: () => omitted,
};
