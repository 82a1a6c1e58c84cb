/** Versions as vendors write them, compared by their numbers. */

/** By their numbers, part by part: `2.10` is over `2.9`. What is behind a `-` or `+` does not count. */
export function compareVersions(one: string, other: string): number {
  const parts = (text: string): number[] =>
    (text.replace(/^v/i, '').split(/[-+]/, 1)[0] as string).split('.').map((part) => Number.parseInt(part, 10) || 0);
  const [a, b] = [parts(one), parts(other)];
  for (let index = 0; index < Math.max(a.length, b.length); index += 1) {
    const difference = (a[index] ?? 0) - (b[index] ?? 0);
    if (difference !== 0) return difference;
  }
  return 0;
}
