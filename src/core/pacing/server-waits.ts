/** How long a server asks its callers to wait: `Retry-After` (RFC 9110) and the rate-limit headers of the IETF draft. */
import { DateTime } from 'luxon';
import { headerValue, type Observed } from '../place/observed.js';

type Lines = Observed['headers'];

/**
 * Of a refusal. A date is reckoned from the server's own `Date`, so that two clocks do not matter.
 * @param now milliseconds since the epoch, where the response has no date
 * @returns milliseconds, undefined by default. RFC 9110 section 10.2.3
 */
export function waitAsked(lines: Lines, now: number): number | undefined {
  const after = headerValue(lines, 'retry-after')?.trim();
  if (after !== undefined) {
    if (/^\d+$/.test(after)) return Number(after) * 1000;
    const until = DateTime.fromHTTP(after);
    if (until.isValid) {
      const own = DateTime.fromHTTP(headerValue(lines, 'date') ?? '');
      return Math.max(0, until.toMillis() - (own.isValid ? own.toMillis() : now));
    }
  }
  return spent(lines);
}

/**
 * The time until a spent quota is filled again, in milliseconds; undefined where something is left of it, or nothing
 * is said. draft-ietf-httpapi-ratelimit-headers: `RateLimit: "default";r=0;t=30`, and in its earlier versions
 * `RateLimit-Remaining: 0` with `RateLimit-Reset: 30`.
 */
export function spent(lines: Lines): number | undefined {
  const field = headerValue(lines, 'ratelimit');
  if (field !== undefined) {
    let longest: number | undefined;
    // Several policies may be told of; the one that is spent for longest counts. No value of one holds a comma or a quote.
    for (const item of field.split(',')) {
      const parameter = (name: string): string | undefined =>
        new RegExp(`[;,\\s]${name}\\s*=\\s*"?(\\d+)`).exec(`;${item}`)?.[1];
      const [remaining, reset] = [parameter('r') ?? parameter('remaining'), parameter('t') ?? parameter('reset')];
      if (remaining === '0' && reset !== undefined) longest = Math.max(longest ?? 0, Number(reset) * 1000);
    }
    if (longest !== undefined) return longest;
  }
  const [remaining, reset] = [headerValue(lines, 'ratelimit-remaining'), headerValue(lines, 'ratelimit-reset')];
  return remaining === '0' && reset !== undefined && /^\d+$/.test(reset) ? Number(reset) * 1000 : undefined;
}
