/** All kinds of places. A new kind is one file and one line here. */
import { nearestHint } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { cookie } from './kinds/cookie.js';
import { errors } from './kinds/errors.js';
import { facts } from './kinds/facts.js';
import { header } from './kinds/header.js';
import { json } from './kinds/json.js';
import { link } from './kinds/link.js';
import { xml } from './kinds/xml.js';
import type { Namespaces, Place, PlaceKind } from './place.js';

export const placeKinds: readonly PlaceKind[] = [...facts, header, cookie, link, errors, json, xml];

/** @param namespaces beside those that a document declares itself @throws Problem place-syntax */
export function readPlace(text: string, loads: Promise<unknown>[], namespaces?: Namespaces): Place {
  const place = readBoundPlace(text, loads, namespaces);
  if (!place.bound) return place;
  throw new Problem('place-syntax', {
    what: `${text} holds \${…}, which is evaluated only in places under expect: and keep:`,
    data: { place: text },
  });
}

/** A place that may hold `${…}`: look at it through `bound`. @throws Problem place-syntax, expression-syntax */
export function readBoundPlace(text: string, loads: Promise<unknown>[], namespaces?: Namespaces): Place {
  for (const kind of placeKinds) {
    const place = kind.read(text, loads, namespaces);
    if (!place) continue;
    if (place.bound || !text.includes('${')) return place;
    throw new Problem('place-syntax', {
      what: `\${…} cannot be used in the place ${text}`,
      remedy: 'it can be used where JSONPath and XPath have a value: $[?@.name == ${who}].id, //ship[@imo = ${imo}]',
      data: { place: text },
    });
  }
  throw new Problem('place-syntax', {
    what: `${text} is not a place`,
    remedy: `${nearestHint(text, ['status', 'time', 'size', 'final-url', 'hops', 'body', 'errors'])}; also header.NAME, cookie.NAME, link.REL, JSONPath such as $.id and XPath such as //id`,
    data: { place: text },
  });
}
