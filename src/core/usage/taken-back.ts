/** What takes back what a request made: some trail says it, as the `undo` of a step that sends the request. */

import type { Collection } from '../collection/collection.js';
import type { StepFile } from '../collection/files/trail-file.js';
import type { Named } from '../expression/names.js';
import type { StepCall } from '../trail/step-outline.js';
import { everyStep } from '../trail/steps/registry.js';
import { isValueMap, plain, type Value } from '../value/written.js';

/** A value that was kept of a response. */
type KeptValue = Pick<Named, 'value' | 'secret'> & { readonly name: string };

export interface TakenBack {
  readonly request: string;
  /** The trail that says so. */
  readonly trail: string;
  /** What it has to be given by hand, its value where it is known: written out, or kept of the response. */
  readonly give: ReadonlyMap<string, Value | undefined>;
}

/** @param kept of the response, whose names are held for the next request anyway */
export function takenBackBy(
  collection: Collection,
  request: string,
  kept: readonly KeptValue[],
): TakenBack | undefined {
  for (const trail of collection.names('trail')) {
    try {
      const undo = undoIn(collection.read('trail', trail).content.steps, request, collection);
      if (!undo) continue;
      const given = Object.entries(undo.give ?? {}).map(
        ([name, value]) => [name, known(value as Value, kept)] as const,
      );
      return { request: collection.resolve('request', undo.name), trail, give: new Map(given) };
    } catch {
      // What is wrong with a trail is told by check.
    }
  }
  return undefined;
}

function undoIn(steps: readonly StepFile[], request: string, collection: Collection): StepCall | undefined {
  for (const { outline } of everyStep(steps)) {
    const found = outline.sends.find(
      ({ undoes }) => undoes !== undefined && collection.resolve('request', undoes) === request,
    );
    if (found) return found;
  }
  return undefined;
}

function known(value: Value, kept: readonly KeptValue[]): Value | undefined {
  if (typeof value !== 'string' || !value.includes('${')) return isValueMap(plain(value)) ? undefined : value;
  const name = /^\$\{([^}|. ]+)\}$/.exec(value)?.[1];
  const found = kept.find((one) => one.name === name);
  return found?.secret ? undefined : found?.value;
}
