/** The places that are one fact of the exchange: status, time, size, final-url, body. */
import type { Value } from '../../value/written.js';
import type { Observed } from '../observed.js';
import type { PlaceKind, PlaceUnit } from '../place.js';

function fact(name: string, about: string, find: (observed: Observed) => Value, unit?: PlaceUnit): PlaceKind {
  return {
    name,
    about,
    example: name,
    read: (text) =>
      text === name ? { text, strict: false, ...(unit && { unit }), find, near: () => undefined } : undefined,
  };
}

export const facts: readonly PlaceKind[] = [
  fact('status', 'the status code', (observed) => observed.status, 'status'),
  fact('time', 'milliseconds from sending to the last byte, of the last try', (observed) => observed.time, 'duration'),
  fact('size', 'bytes of the body, decoded', (observed) => observed.size, 'size'),
  fact('final-url', 'the address that the response came from, behind all redirects', (observed) => observed.finalUrl),
  fact('hops', 'how many redirects were followed', (observed) => observed.hopCount),
  fact('body', 'the body as text', (observed) => observed.text),
];
