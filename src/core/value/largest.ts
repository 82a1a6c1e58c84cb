/**
 * The largest of any number of numbers, at least `least`: as arguments of one call, a hundred thousand are too many for the
 * stack.
 */
export function largest(numbers: Iterable<number>, least = 0): number {
  let most = least;
  for (const one of numbers) if (one > most) most = one;
  return most;
}
