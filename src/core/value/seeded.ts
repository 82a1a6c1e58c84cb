/** Randomness that repeats: the same on every machine, and never used for anything secret. */

/** mulberry32: small and fast. @returns numbers from 0 up to 1 */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** A version 4 UUID (RFC 9562 section 5.4) from the seeded stream. */
export function seededUuid(random: () => number): string {
  const hex = Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16));
  hex[12] = '4';
  hex[16] = ((Number.parseInt(hex[16] as string, 16) & 0x3) | 0x8).toString(16);
  const part = (from: number, to: number): string => hex.slice(from, to).join('');
  return [part(0, 8), part(8, 12), part(12, 16), part(16, 20), part(20, 32)].join('-');
}

/** A seed for a text, from a seed for all. */
export function seedFor(text: string, seed: number): number {
  let hash = 0x811c9dc5 ^ seed;
  for (let at = 0; at < text.length; at += 1) hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193);
  return hash >>> 0;
}
