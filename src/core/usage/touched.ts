/** What has to be walked again after files have changed. */
import type { Collection } from '../collection/collection.js';
import { everyStep } from '../trail/steps/registry.js';

/**
 * @param names trails, requests, and folders of them @param changed paths below the collection
 * @returns those of the names that the change touches: all of them where more than trails and requests have changed, or where
 * nobody can tell
 */
export function touchedNames(
  collection: Collection,
  names: readonly string[],
  changed: ReadonlySet<string>,
): readonly string[] {
  const files = new Map(names.map((name) => [name, filesOf(collection, name)]));
  const all = new Set([...files.values()].flatMap((own) => [...(own ?? [])]));
  if ([...files.values()].some((own) => own === undefined) || [...changed].some((file) => !all.has(file))) return names;
  return names.filter((name) => [...changed].some((file) => files.get(name)?.has(file)));
}

/** The files of a trail and of what it sends and walks, or of a request; undefined where they cannot be told. */
function filesOf(collection: Collection, name: string): ReadonlySet<string> | undefined {
  const found = new Set<string>();
  const request = (one: string): void => {
    found.add(`requests/${collection.resolve('request', one)}.yaml`);
  };
  const trail = (one: string): void => {
    const full = collection.resolve('trail', one);
    const file = `trails/${full}.yaml`;
    if (found.has(file)) return;
    found.add(file);
    for (const { outline } of everyStep(collection.read('trail', full).content.steps)) {
      for (const call of outline.sends) request(call.name);
      for (const call of outline.walks) trail(call.name);
    }
  };
  try {
    if (isTrail(collection, name)) trail(name);
    else request(name);
    return found;
  } catch {
    return undefined;
  }
}

function isTrail(collection: Collection, name: string): boolean {
  try {
    collection.resolve('trail', name);
    return true;
  } catch {
    return false;
  }
}
