/** Header lines out of what the library's parser gives: names and values in turn, as bytes (RFC 9110 section 5.5). */

export type HeaderLines = readonly (readonly [name: string, value: string])[];

let lastText = '';
let lastLines: HeaderLines = [];

/**
 * The pieces are most often parts of one that came from the socket, which is made text at once; and a vendor's responses
 * within one second often have the very same lines.
 */
export function linesIn(raw: readonly (Buffer | string)[]): HeaderLines {
  const block = blockOf(raw);
  if (!block) return linesOf(raw, latin1);
  const text = block.toString('latin1');
  if (text === lastText) return lastLines;
  const { byteOffset: start } = block;
  lastLines = linesOf(raw as readonly Buffer[], ({ byteOffset, length }) =>
    text.slice(byteOffset - start, byteOffset - start + length),
  );
  lastText = text;
  return lastLines;
}

function linesOf<Piece>(raw: readonly Piece[], text: (piece: Piece) => string): [string, string][] {
  const lines: [string, string][] = [];
  for (let index = 0; index + 1 < raw.length; index += 2)
    lines.push([text(raw[index] as Piece), text(raw[index + 1] as Piece)]);
  return lines;
}

const latin1 = (piece: Buffer | string): string => (typeof piece === 'string' ? piece : piece.toString('latin1'));

/** The bytes from the first to the last, where both are of one piece that came: then all between them are too. */
function blockOf(raw: readonly (Buffer | string)[]): Buffer | undefined {
  const first = raw[0];
  const last = raw.at(-1);
  if (first === undefined || typeof first === 'string' || last === undefined || typeof last === 'string')
    return undefined;
  const { buffer, byteOffset } = first;
  // What the end of a piece had cut was put together in the pool, beside what has nothing to do with it.
  if (last.buffer !== buffer || buffer.byteLength === Buffer.poolSize) return undefined;
  return Buffer.from(buffer, byteOffset, last.byteOffset + last.length - byteOffset);
}

/** A list over HTTP/1.1, a map over HTTP/2. */
export type Trailers = readonly (Buffer | string)[] | Readonly<Record<string, string | string[]>>;

/** Header lines behind a body. */
export function trailerLines(trailers: Trailers): HeaderLines {
  if (Array.isArray(trailers)) return trailers.length > 0 ? linesIn(trailers) : [];
  return Object.entries(trailers as Readonly<Record<string, string | string[]>>).flatMap(([name, values]) =>
    [values].flat().map((value) => [name, value] as const),
  );
}
