/** Bytes that stay on the disk: a body of files, which a digest reads piece by piece and nothing else reads at all. */

/** Of the kind of bytes, so that whatever handles values knows what it is; the bytes themselves are in the pieces. */
export class StreamedBytes extends Uint8Array {
  /** How many there are. */
  readonly size: number;
  /** All of them, read again each time. */
  readonly pieces: () => Iterable<Uint8Array>;

  constructor(size: number, pieces: () => Iterable<Uint8Array>) {
    super(0);
    this.size = size;
    this.pieces = pieces;
  }
}
