/** Lines of a long file by how they begin, found in its bytes: the other lines are not made into texts. */
import { closeSync, openSync, readSync } from 'node:fs';

const piece = 1_000_000;

/**
 * @param beginnings of lines, plain ASCII
 * @param most bytes of such a line that are wanted
 * @returns the beginnings of these lines, in their order for each of `beginnings`; none where the file is not there
 */
export function linesThatBegin(path: string, beginnings: readonly string[], most: number): string[] {
  const found: string[] = [];
  let file: number;
  try {
    file = openSync(path, 'r');
  } catch {
    return found;
  }
  try {
    // A line break stands before the first line as before any other, and what is cut at the end of a piece begins the next.
    const room = Buffer.alloc(piece + most + 1);
    room[0] = lineBreak;
    let kept = 1;
    for (;;) {
      const read = readSync(file, room, kept, piece, null);
      const held = room.subarray(0, kept + read);
      // At the end of the file nothing more can come to a line.
      const upTo = read === 0 ? held.length : Math.max(0, held.length - most);
      for (const beginning of beginnings) {
        const wanted = `\n${beginning}`;
        for (let at = held.indexOf(wanted); at !== -1 && at < upTo; at = held.indexOf(wanted, at + 1)) {
          const [line = ''] = held.toString('utf8', at + 1, at + 1 + most).split('\n', 1);
          found.push(line);
        }
      }
      if (read === 0) return found;
      room.copy(room, 0, upTo, held.length);
      kept = held.length - upTo;
    }
  } finally {
    closeSync(file);
  }
}

const lineBreak = 10;
