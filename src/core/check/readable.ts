/** Files for checks that need others beside the one they look at: what is wrong with one is told of that file itself. */
import type { Collection, Loaded } from '../collection/collection.js';
import type { FileContents, FileKind } from '../collection/files/registry.js';

/** Undefined where it cannot be read. */
export function readable<Kind extends FileKind>(
  collection: Collection,
  kind: Kind,
  name: string,
): Loaded<FileContents[Kind]> | undefined {
  try {
    return collection.read(kind, name);
  } catch {
    return undefined;
  }
}

/** All of a kind that can be read. */
export const allReadable = <Kind extends FileKind>(collection: Collection, kind: Kind): Loaded<FileContents[Kind]>[] =>
  collection.names(kind).flatMap((name) => readable(collection, kind, name) ?? []);
