/** Durations and sizes with units: `500ms`, `2s`, `5m`, `1h`; `200B`, `64kB`, `1MiB`. */

const milliseconds = { ms: 1, s: 1000, m: 60_000, h: 3_600_000, d: 86_400_000 } as const;
const bytes = { B: 1, kB: 1e3, MB: 1e6, GB: 1e9, KiB: 2 ** 10, MiB: 2 ** 20, GiB: 2 ** 30 } as const;

/** Milliseconds, or undefined where the text is no duration. A unit is demanded. */
export function parseDuration(text: string): number | undefined {
  const found = /^(\d+(?:\.\d+)?)(ms|s|m|h|d)$/.exec(text.trim());
  return found ? Number(found[1]) * milliseconds[found[2] as keyof typeof milliseconds] : undefined;
}

/** Bytes, or undefined where the text is no size. */
export function parseSize(text: string): number | undefined {
  const found = /^(\d+(?:\.\d+)?) ?(B|kB|MB|GB|KiB|MiB|GiB)$/.exec(text.trim());
  return found ? Number(found[1]) * bytes[found[2] as keyof typeof bytes] : undefined;
}

/** `12 ms`, `1.25 s`, `2 min 5 s`. */
export function durationText(ms: number): string {
  if (ms < 10) return `${ms.toFixed(1)} ms`;
  if (ms < 1000) return `${Math.round(ms)} ms`;
  if (ms < 60_000) return `${(ms / 1000).toFixed(ms < 10_000 ? 2 : 1)} s`;
  const seconds = Math.round(ms / 1000);
  const [minutes, rest] = [Math.floor(seconds / 60), seconds % 60];
  return rest === 0 ? `${minutes} min` : `${minutes} min ${rest} s`;
}

/** `512 B`, `1.3 kB`, `4.2 MB`. */
export function sizeText(size: number): string {
  if (size < 1000) return `${size} B`;
  if (size < 1e6) return `${(size / 1e3).toFixed(1)} kB`;
  if (size < 1e9) return `${(size / 1e6).toFixed(1)} MB`;
  return `${(size / 1e9).toFixed(2)} GB`;
}
