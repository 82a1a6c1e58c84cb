/** A file read piece by piece, at once: a digest of it is wanted before anything leaves. */
import { closeSync, openSync, readSync } from 'node:fs';

const size = 1 << 18;

export function* filePieces(path: string): Generator<Uint8Array> {
  const file = openSync(path, 'r');
  try {
    const buffer = Buffer.allocUnsafe(size);
    for (let read = readSync(file, buffer); read > 0; read = readSync(file, buffer)) yield buffer.subarray(0, read);
  } finally {
    closeSync(file);
  }
}
