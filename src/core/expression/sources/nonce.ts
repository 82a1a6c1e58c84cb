/** `nonce`: a text that is used once, new for each try of a request. */
import type { Source } from './source.js';

export const nonce: Source = {
  name: 'nonce',
  bare: true,
  about: '32 random hexadecimal digits, new for each try of a request',
  example: '${nonce}',
  value: (_args, { runtime }) => runtime.nonce,
};
