/** `nonce`: a text that is used once, anew for each try of a request. */
import type { Source } from './source.js';

export const nonce: Source = {
  name: 'nonce',
  bare: true,
  about: '32 random hexadecimal digits, anew for each try of a request',
  example: '${nonce}',
  value: (_args, { runtime }) => runtime.nonce,
};
