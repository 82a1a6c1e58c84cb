/** How response times are spread: counted in narrow bands, so that millions take no more room than a few. */

/** Each band is so much wider than the one before: no percentile is further off than that. */
const growth = 1.02;
const base = Math.log(growth);

export class Spread {
  /** Of each band, how many times fell into it; band 0 ends at one hundredth of a millisecond. */
  private readonly bands = new Map<number, number>();
  count = 0;
  least = Number.POSITIVE_INFINITY;
  most = 0;

  /** @param time milliseconds */
  add(time: number): void {
    const band = Math.max(0, Math.ceil(Math.log(Math.max(time, 0.01) / 0.01) / base));
    this.bands.set(band, (this.bands.get(band) ?? 0) + 1);
    this.count += 1;
    this.least = Math.min(this.least, time);
    this.most = Math.max(this.most, time);
  }

  /** @param share from 0 to 1 @returns milliseconds */
  at(share: number): number {
    let left = Math.ceil(share * this.count);
    for (const [band, count] of [...this.bands].sort((a, b) => a[0] - b[0])) {
      left -= count;
      if (left <= 0) return Math.min(this.most, end(band));
    }
    return this.most;
  }

  /** Counts between limits that grow alike from the least to the most. */
  counts(parts: number): readonly { readonly from: number; readonly to: number; readonly count: number }[] {
    const [low, high] = [Math.max(this.least, 0.01), Math.max(this.most, this.least * 1.01, 0.02)];
    const ratio = (high / low) ** (1 / parts);
    const all = Array.from({ length: parts }, (_, at) => ({
      from: low * ratio ** at,
      to: low * ratio ** (at + 1),
      count: 0,
    }));
    for (const [band, count] of this.bands) {
      const at = Math.floor(Math.log(Math.min(end(band), high) / low) / Math.log(ratio) - 1e-9);
      const part = all[Math.min(parts - 1, Math.max(0, at))];
      if (part) part.count += count;
    }
    return all;
  }
}

const end = (band: number): number => 0.01 * growth ** band;
