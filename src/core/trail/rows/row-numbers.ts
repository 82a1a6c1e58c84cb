/**
 * A row is known by its content: the number that a run gave it stays its own when it is resumed, wherever the row stands
 * by then. Of rows that are alike, the first is the first.
 */
import { writeJson } from '../../value/json-text.js';
import { largest } from '../../value/largest.js';
import type { ValueMap } from '../../value/written.js';
import { keyDigest } from '../seen-items.js';
import { MetBefore } from './met-before.js';
import type { RowPart } from './row-part.js';

/** What of the rows of a run is not as it was. */
export interface RowChanges {
  /** Numbers of rows that the run had begun and that are not there any more. */
  readonly gone: readonly number[];
  /** Rows that stand elsewhere: where they stood, and where they stand. */
  readonly moved: readonly { readonly from: number; readonly to: number }[];
  /** Rows before the last one that the run had begun, and that it had not met: where they stand. */
  readonly come: readonly number[];
}

export class RowNumbers {
  private readonly met = new MetBefore();
  private readonly left: Map<string, number>;
  private readonly highest: number;
  private added = 0;
  private place = 0;

  /**
   * @param known by the digest of a row, as an earlier command gave them
   * @param only the digests of the rows that are walked; all by default
   * @param gaps the earlier commands walked parts: what they had not met stands where it stood
   */
  constructor(
    known: ReadonlyMap<string, number> = new Map(),
    private readonly only?: ReadonlySet<string> | undefined,
    private readonly gaps = false,
  ) {
    this.left = new Map(known);
    this.highest = largest(known.values());
  }

  /** The next row of the source is none of this run's. */
  pass(): void {
    this.place += 1;
  }

  /** The next row of the source. */
  next(columns: ValueMap): { readonly number: number; readonly digest: string; readonly known: boolean } {
    this.place += 1;
    const content = keyDigest(writeJson(columns)).slice(0, 22);
    const before = this.met.count(content);
    const digest = before === 0 ? content : `${content}.${before}`;
    const number = this.left.get(digest);
    if (number !== undefined) {
      this.left.delete(digest);
      return { number, digest, known: true };
    }
    // A number that no row of the earlier command has.
    if (this.gaps || this.place > this.highest || this.only?.has(digest) === false)
      return { number: this.place + this.added, digest, known: false };
    this.added += 1;
    return { number: this.highest + this.added, digest, known: false };
  }

  /** Of all rows of the source, before any is walked. */
  async changes(rows: AsyncIterable<ValueMap>, part?: RowPart): Promise<RowChanges> {
    const moved: { from: number; to: number }[] = [];
    const come: number[] = [];
    for await (const columns of rows) {
      if (part?.takes(columns) === false) {
        this.pass();
        continue;
      }
      const { number, digest, known } = this.next(columns);
      if (known && number !== this.place) moved.push({ from: number, to: this.place });
      if (!known && this.place <= this.highest && this.only?.has(digest) !== false) come.push(this.place);
    }
    return { gone: [...this.left.values()], moved, come };
  }
}
