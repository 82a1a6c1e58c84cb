/** All kinds of places. A new kind is one file and one line here. */
import { nearestHint } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { errors } from './kinds/errors.js';
import { facts } from './kinds/facts.js';
import { header } from './kinds/header.js';
import { json } from './kinds/json.js';
import type { Place, PlaceKind } from './place.js';

export const placeKinds: readonly PlaceKind[] = [...facts, header, errors, json];

/** @throws Problem place-syntax */
export function readPlace(text: string, loads: Promise<unknown>[]): Place {
  for (const kind of placeKinds) {
    const place = kind.read(text, loads);
    if (place) return place;
  }
  throw new Problem('place-syntax', {
    what: `${text} is not a place`,
    remedy: `${nearestHint(text, ['status', 'time', 'size', 'final-url', 'body', 'errors'])}; also header.NAME and JSONPath such as $.id`,
    data: { place: text },
  });
}
