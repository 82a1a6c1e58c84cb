/**
 * One echo by its id, in a log that may have hundreds of thousands. Lines are in the order in which exchanges ended, and ids in
 * the order in which they began: nearly the same, so that halving leads near it.
 */
import { closeSync, fstatSync, openSync, readSync } from 'node:fs';

/** What is looked through when halving has come near. */
const near = 2 ** 20;
/** So far may what began together have ended apart, in bytes; where it is further, all is looked through. */
const apart = 4 * near;

/** @param id RUN.NUMBER @returns its last line, without its line feed; undefined where there is none */
export function locateEcho(path: string, id: string): string | undefined {
  const file = openSync(path, 'r');
  try {
    const { size } = fstatSync(file);
    const read = (from: number, to: number): Buffer => {
      const start = Math.max(0, from);
      const buffer = Buffer.alloc(Math.min(size, to) - start);
      readSync(file, buffer, 0, buffer.length, start);
      return buffer;
    };
    const [run = '', number] = id.split('.');
    let [low, high] = [0, size];
    while (high - low > near) {
      const middle = Math.floor((low + high) / 2);
      const found = nextNumber(read(middle, middle + near), run);
      if (found === undefined || found >= Number(number)) high = middle;
      else low = middle;
    }
    const parts: [number, number][] = [[low - apart, high + apart]];
    for (let end = size; end > 0; end -= apart) parts.push([end - apart, end]);
    for (const [from, to] of parts) {
      const start = startOf(read(from, to + near), id, from <= 0);
      if (start === undefined) continue;
      const found = lineFrom(read, Math.max(0, from) + start, size);
      if (!/"(?:unfinished|again)":true/.test(found)) return found;
      // What became of it may stand anywhere behind.
      for (let end = size; end > to; end -= apart) {
        const later = startOf(read(Math.max(end - apart, to), end + near), id, false);
        if (later !== undefined) return lineFrom(read, Math.max(end - apart, to) + later, size);
      }
      return found;
    }
    return undefined;
  } finally {
    closeSync(file);
  }
}

/** The number of the first echo that begins in it. */
function nextNumber(buffer: Buffer, run: string): number | undefined {
  const mark = `\n{"id":"${run}.`;
  const at = buffer.indexOf(mark);
  return at === -1
    ? undefined
    : Number.parseInt(buffer.toString('latin1', at + mark.length, at + mark.length + 12), 10);
}

/** Where its last line in a part of the log begins. @param first the part is the beginning of the log */
function startOf(part: Buffer, id: string, first: boolean): number | undefined {
  const mark = `{"id":"${id}",`;
  const at = part.lastIndexOf(`\n${mark}`);
  if (at !== -1) return at + 1;
  return first && part.subarray(0, mark.length).toString() === mark ? 0 : undefined;
}

function lineFrom(read: (from: number, to: number) => Buffer, start: number, size: number): string {
  for (let length = near; ; length *= 2) {
    const part = read(start, start + length);
    const end = part.indexOf(10);
    if (end !== -1) return part.toString('utf8', 0, end);
    if (start + length >= size) return part.toString('utf8');
  }
}
