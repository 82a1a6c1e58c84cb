/**
 * How often a content was met before, in few bytes for each: a run over a million rows has to tell which of them are alike, and
 * a map of their digests would take 150 MB.
 */

/** Of a slot: two halves of the digest, and how often it was met; 0 is a slot that is free. */
const fields = 3;

/** Characters of a digest that make one half: 66 bits, of which 32 are left. */
const half = 11;

function mixed(digest: string, from: number): number {
  let mix = 0;
  for (let at = from; at < from + half; at += 1) mix = Math.imul(mix ^ digest.charCodeAt(at), 0x9e3779b1);
  // The lower bits, which choose the slot, know only of the lower bits before them.
  return (mix ^ (mix >>> 15)) >>> 0;
}

export class MetBefore {
  private slots = new Uint32Array(fields * 1024);
  private used = 0;

  /**
   * @param digest of 22 characters in base64url. Two that share these would count as alike: among a million, once in thirty
   * million runs, and what is numbered by it stays unlike all the same.
   */
  count(digest: string): number {
    const [high, low] = [mixed(digest, 0), mixed(digest, half)];
    const at = this.slotOf(high, low);
    const before = this.slots[at + 2] ?? 0;
    this.slots[at] = high;
    this.slots[at + 1] = low;
    this.slots[at + 2] = before + 1;
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
