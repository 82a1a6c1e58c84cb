/**
 * I-Regexp (RFC 9485) on a linear-time engine, so that a pattern from a file or a response cannot
 * make the program hang.
 */
import type { RE2JS as Engine } from 're2js';

let engine: typeof Engine | undefined;

export async function loadRegexp(): Promise<void> {
  engine ??= (await import('re2js')).RE2JS;
}

const cache = new Map<string, Engine | undefined>();

function compiled(pattern: string): Engine | undefined {
  if (cache.has(pattern)) return cache.get(pattern);
  let made: Engine | undefined;
  try {
    made = (engine as typeof Engine).compile(withPlainDot(pattern));
  } catch {
    made = undefined;
  }
  if (cache.size > 500) cache.clear();
  cache.set(pattern, made);
  return made;
}

/** RFC 9485 section 5.3: the dot matches anything but line feed and carriage return. */
function withPlainDot(pattern: string): string {
  let inClass = false;
  let out = '';
  for (let at = 0; at < pattern.length; at += 1) {
    const char = pattern[at] as string;
    if (char === '\\') {
      out += char + (pattern[at + 1] ?? '');
      at += 1;
    } else {
      if (char === '[') inClass = true;
      if (char === ']') inClass = false;
      out += char === '.' && !inClass ? '[^\\n\\r]' : char;
    }
  }
  return out;
}

export const isPattern = (pattern: string): boolean => compiled(pattern) !== undefined;
export const matchesWhole = (pattern: string, text: string): boolean => compiled(pattern)?.matches(text) ?? false;
export const containsMatch = (pattern: string, text: string): boolean =>
  compiled(pattern)?.matcher(text).find() ?? false;
