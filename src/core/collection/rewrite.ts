/** Changing one key of a YAML file, with its comments and its order kept. */
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { isScalar, isSeq, parseDocument } from 'yaml';
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
  const before = document.getIn(path, true);
  if (value === undefined) document.deleteIn(path);
  else if (isScalar(before) && typeof value !== 'object') {
    // The node stays, and with it the comment behind it.
    before.value = value;
    delete before.source;
  } else {
    const node = document.createNode(value);
    // A list stays as it was written, and so does the comment behind it.
    if (isSeq(before) && isSeq(node)) {
      node.flow = before.flow === true;
      if (before.comment != null) node.comment = before.comment;
      if (before.commentBefore != null) node.commentBefore = before.commentBefore;
    }
    document.setIn(path, node);
  }
  return document.toString({ lineWidth: 0, flowCollectionPadding: false });
}
