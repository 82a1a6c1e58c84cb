/**
 * How often a content was met before, in few bytes for each: a run over a million rows has to tell which of them are alike, and
 * a map of their digests would take 150 MB.
 */

/** Of a slot: two halves of the digest, and how often it was met; 0 is a slot that is free. */
const fields = 3;

export class MetBefore {
  private slots = new Uint32Array(fields * 1024);
  private used = 0;

  /**
   * @param digest in base64url, of at least 64 bits. Two that share these would count as alike: among a million, once in thirty
   * million runs, and what is numbered by it stays unlike all the same.
   */
  count(digest: string): number {
    const bytes = Buffer.from(digest, 'base64url');
    const [high, low] = [bytes.readUInt32LE(0), bytes.readUInt32LE(4)];
    const at = this.slotOf(high, low);
    const before = this.slots[at + 2] ?? 0;
    this.slots.set([high, low, before + 1], at);
    if (before === 0) {
      this.used += 1;
      if (this.used * 2 * fields > this.slots.length) this.grow();
    }
    return before;
  }

  /** That of the digest, else the free one that is to be its. */
  private slotOf(high: number, low: number): number {
    const { slots } = this;
    const mask = slots.length / fields - 1;
    for (let slot = high & mask; ; slot = (slot + 1) & mask) {
      const at = slot * fields;
      if (slots[at + 2] === 0 || (slots[at] === high && slots[at + 1] === low)) return at;
    }
  }

  private grow(): void {
    const before = this.slots;
    this.slots = new Uint32Array(before.length * 2);
    for (let at = 0; at < before.length; at += fields) {
      if (before[at + 2] !== 0)
        this.slots.set(before.subarray(at, at + fields), this.slotOf(before[at] as number, before[at + 1] as number));
    }
  }
}
