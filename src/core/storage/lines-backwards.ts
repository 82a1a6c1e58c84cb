/** The lines of a file from its end to its beginning: the newest of a log without reading the rest. */
import { open } from 'node:fs/promises';

const piece = 256 * 1024;

/** Lines without their line feeds, empty ones left out; what is written meanwhile is not among them. */
export async function* linesBackwards(path: string): AsyncGenerator<string> {
  const file = await open(path);
  try {
    let end = (await file.stat()).size;
    /** Of a line whose beginning has not been read yet, the pieces in their order. */
    let rest: Buffer[] = [];
    while (end > 0) {
      const buffer = Buffer.allocUnsafe(Math.min(piece, end));
      end -= buffer.length;
      await file.read(buffer, 0, buffer.length, end);
      let until = buffer.length;
      for (let at = buffer.lastIndexOf(10); at !== -1; at = at > 0 ? buffer.lastIndexOf(10, at - 1) : -1) {
        const line = Buffer.concat([buffer.subarray(at + 1, until), ...rest]);
        rest = [];
        until = at;
        if (line.length > 0) yield line.toString('utf8');
      }
      rest.unshift(buffer.subarray(0, until));
    }
    const line = Buffer.concat(rest);
    if (line.length > 0) yield line.toString('utf8');
  } finally {
    await file.close();
  }
}
