/** `uuid`: a random UUID (RFC 9562 version 4), the same throughout one request. */
import type { Source } from './source.js';

export const uuid: Source = {
  name: 'uuid',
  bare: true,
  about: 'a random UUID, the same throughout one request',
  example: '${uuid}',
  value: (_args, { runtime }) => runtime.uuid,
};
