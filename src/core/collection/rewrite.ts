/** Changing one key of a YAML file, with its comments and its order kept. */
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { type Document, isMap, isScalar, isSeq, type Node, parseDocument } from 'yaml';
import { type StagedFile, stageFile, writeAtomically } from '../storage/atomic-write.js';
import { withFileLock } from '../storage/file-lock.js';
import { placeInside } from '../storage/inside.js';
import { localFolder } from './find-collection.js';
import type { KeyPath } from './yaml.js';

/** @param value plain data; undefined removes the key */
export async function rewriteKey(root: string, file: string, path: KeyPath, value: unknown): Promise<void> {
  await (await stageKey(root, file, path, value)).commit();
}

/** The same on the disk, and not yet in its place. What somebody else changes until then stays changed. */
export async function stageKey(
  root: string,
  file: string,
  path: KeyPath,
  value: unknown,
): Promise<Pick<StagedFile, 'commit' | 'discard'>> {
  const read = (): Promise<string> => readFile(join(root, file), 'utf8');
  const before = await read();
  const staged = await stageFile(placeInside(root, file), rewritten(before, path, value));
  return {
    discard: staged.discard,
    // One at a time; what somebody else has changed meanwhile stays changed.
    commit: () =>
      withFileLock(join(root, localFolder, 'files'), async () => {
        const now = await read();
        if (now === before) return staged.commit();
        await staged.discard();
        await writeAtomically(placeInside(root, file), rewritten(now, path, value));
      }),
  };
}

function rewritten(text: string, path: KeyPath, value: unknown): string {
  const document = parseDocument(text, { version: '1.2' });
  if (value === undefined) document.deleteIn(path);
  else document.setIn(path, updated(document, document.getIn(path, true), value));
  return document.toString({ lineWidth: 0, flowCollectionPadding: false });
}

/** The node as it was written, with the new value in it: what says the same stays, and so do the comments beside it. */
function updated(document: Document, before: unknown, value: unknown): Node {
  if (isScalar(before) && (typeof value !== 'object' || value === null)) {
    if (before.value !== value) {
      before.value = value;
      delete before.source;
    }
    return before;
  }
  if (isSeq(before) && Array.isArray(value)) {
    const known = before.items.map((item) => [JSON.stringify(item), item] as const);
    before.items = value.map(
      (one) => known.find(([text]) => text === JSON.stringify(one))?.[1] ?? document.createNode(one),
    );
    return before;
  }
  if (isMap(before) && typeof value === 'object' && value !== null && !Array.isArray(value)) {
    const wanted = new Map(Object.entries(value).filter(([, inner]) => inner !== undefined));
    before.items = before.items.filter(({ key }) => isScalar(key) && wanted.has(String(key.value)));
    for (const [key, inner] of wanted) before.set(key, updated(document, before.get(key, true), inner));
    return before;
  }
  return document.createNode(value) as Node;
}
