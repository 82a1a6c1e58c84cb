/** `now`: the moment of sending, the same throughout one request (RFC 3339, UTC). */
import type { Source } from './source.js';

export const now: Source = {
  name: 'now',
  bare: true,
  about: 'the moment of sending, the same throughout one request',
  example: '${now | http-date}',
  value: (_args, { world }) => world.now.toISOString(),
};
