/** A value of a response is kept: the request says where it stands, and what came now is held for the next. */
import { input, search } from '@inquirer/prompts';
import type { Collection } from '../../core/collection/collection.js';
import { rewriteKey } from '../../core/collection/rewrite.js';
import type { Echo } from '../../core/echo/echo.js';
import { hidden } from '../../core/exchange/request/wire.js';
import { shortText } from '../../core/matcher/reading.js';
import { saveValues } from '../../core/sending/saved-values.js';
import { pathBelow } from '../../core/value/json-path-text.js';
import { parseJson } from '../../core/value/json-text.js';
import { isValueMap, type Value } from '../../core/value/written.js';
import type { Context } from '../context.js';
import { printableLine } from '../view/printable.js';
import type { Started } from './subject.js';

export interface Keepable {
  readonly place: string;
  readonly value: Value;
  /** The last part of its place. */
  readonly name: string;
}

const mostPlaces = 500;
/** Headers that lead somewhere, or that a later request has to repeat. */
const headers = ['location', 'etag', 'content-location'];

/** Values at the ends of a response, with their places; none that is hidden. */
export function keepable({ received }: Echo): readonly Keepable[] {
  const found: Keepable[] = [];
  for (const [name, value] of received?.headers ?? []) {
    if (headers.includes(name.toLowerCase()) && !value.includes(hidden))
      found.push({ place: `header.${name.toLowerCase()}`, value, name: name.toLowerCase() });
  }
  const text = received?.body?.encoding === 'utf-8' && !received.body.cut ? received.body.text : '';
  const add = (value: Value, place: string, name: string): void => {
    if (found.length >= mostPlaces) return;
    if (Array.isArray(value)) for (const [index, item] of value.entries()) add(item, pathBelow(place, index), name);
    else if (isValueMap(value))
      for (const [key, inner] of Object.entries(value)) add(inner as Value, pathBelow(place, key), key);
    else if (value !== null && value !== hidden) found.push({ place, value, name });
  };
  try {
    if (/^\s*[{[]/.test(text)) add(parseJson(text), '$', 'value');
  } catch {
    // No JSON: its headers may still be kept.
  }
  return found;
}

/** @returns what became of it, in a line */
export async function askKeep(
  context: Context,
  collection: Collection,
  { request, environment }: Echo,
  choices: readonly Keepable[],
): Promise<Started> {
  if (request === undefined || !collection.names('request').includes(request))
    return { say: 'only a request of the collection can keep values: send … --as PATH makes one of it' };
  const output = { output: process.stderr };
  const rows = choices.map((one) => ({
    name: printableLine(`${one.place}  ${shortText(one.value)}`),
    value: one,
  }));
  try {
    const chosen = await search(
      {
        message: 'keep which value:',
        source: (typed = '') => rows.filter(({ name }) => name.toLowerCase().includes(typed.trim().toLowerCase())),
      },
      output,
    );
    const name = await input(
      {
        message: 'under which name:',
        default: chosen.name.replace(/[^\w-]+/g, '-'),
        validate: (typed) => /^[A-Za-z_][\w-]*$/.test(typed) || 'a letter, then letters, digits, - and _',
      },
      output,
    );
    const file = `requests/${request}.yaml`;
    const { content } = collection.read('request', request);
    if (Object.hasOwn(content.keep ?? {}, name)) return { say: `${file} keeps ${name} already` };
    await rewriteKey(collection.root, file, ['keep', name], chosen.place);
    const { redactor } = await context.workspace({ collection, environment });
    const kept = [{ name, value: chosen.value, place: chosen.place, secret: false }];
    await saveValues(collection.local, environment, request, kept, redactor);
    return { say: `${file} keeps ${name}, and later requests are given it` };
  } catch (error) {
    if (error instanceof Error && error.name === 'ExitPromptError') return { say: 'nothing is kept' };
    throw error;
  }
}
