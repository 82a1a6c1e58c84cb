/** All sources. A new one is one file and one line here. (`secret` is part of the notation itself.) */
import { absent } from './absent.js';
import { file } from './file.js';
import { madeUp } from './made-up.js';
import { nonce } from './nonce.js';
import { now } from './now.js';
import { random } from './random.js';
import { render } from './render.js';
import type { Source } from './source.js';
import { uuid } from './uuid.js';

export const sources: ReadonlyMap<string, Source> = new Map(
  [now, nonce, uuid, random, madeUp, file, render, absent].map((source) => [source.name, source]),
);

/** What sources were called before: read until the next release, and told by `check`. */
export const formerSources: ReadonlyMap<string, Source> = new Map([
  ['omit', absent],
  ['fake', madeUp],
]);

/** @param name as it is written, in the words of today or in those before */
export const sourceOf = (name: string): Source | undefined => sources.get(name) ?? formerSources.get(name);

/** How a source is written that is there without its arguments. */
export function writtenAs(name: string): string | undefined {
  const source = sources.get(name);
  if (!source || source.bare) return undefined;
  const { example, choices } = source;
  return `${name} is written ${example}${choices ? `; there are ${[...choices].join(', ')}` : ''}`;
}
