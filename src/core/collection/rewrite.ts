/** Changing one key of a YAML file, with its comments and its order kept. */
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { isScalar, parseDocument } from 'yaml';
import { writeAtomically } from '../storage/atomic-write.js';
import { placeInside } from '../storage/inside.js';
import type { KeyPath } from './yaml.js';

/** @param value plain data; undefined removes the key */
export async function rewriteKey(root: string, file: string, path: KeyPath, value: unknown): Promise<void> {
  const text = await readFile(join(root, file), 'utf8');
  const document = parseDocument(text, { version: '1.2' });
  const before = document.getIn(path, true);
  if (value === undefined) document.deleteIn(path);
  else if (isScalar(before) && typeof value !== 'object') {
    // The node stays, and with it the comment behind it.
    before.value = value;
    delete before.source;
  } else document.setIn(path, document.createNode(value));
  await writeAtomically(placeInside(root, file), document.toString({ lineWidth: 0, flowCollectionPadding: false }));
}
