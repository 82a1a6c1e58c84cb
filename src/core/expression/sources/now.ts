/** `now`: the moment of sending, the same throughout one request (RFC 3339, UTC). */
import type { Source } from './source.js';

let lastTime = Number.NaN;
let lastText = '';

/** Several requests share a millisecond. */
function textOf(date: Date): string {
  const time = date.getTime();
  if (time !== lastTime) {
    lastTime = time;
    lastText = date.toISOString();
  }
  return lastText;
}

export const now: Source = {
  name: 'now',
  bare: true,
  about: 'the moment of sending, the same throughout one request',
  example: '${now | http-date}',
  value: (_args, { runtime }) => textOf(runtime.now),
};
