/** What places can look at: one finished exchange. */
import { textOf } from '../value/text.js';
import type { Value } from '../value/written.js';

export interface Observed {
  readonly status: number;
  /** Milliseconds from sending to the last byte. */
  readonly time: number;
  /** Bytes of the body, decoded. */
  readonly size: number;
  readonly finalUrl: string;
  /** Why a redirect was not followed; empty where the request does not want it. */
  readonly unfollowed?: string | undefined;
  /** Lines as they came, in order. */
  readonly headers: readonly (readonly [name: string, value: string])[];
  /** The body as text. */
  readonly text: string;
  /** @throws Problem response-not-json */
  json(): Value;
  /** Redirects that were followed. */
  readonly hopCount: number;
}

/** A value by itself, as places look at it. */
export const asResponse = (value: Value): Observed => ({
  status: 0,
  time: 0,
  size: 0,
  finalUrl: '',
  headers: [],
  get text() {
    return textOf(value);
  },
  json: () => value,
  hopCount: 0,
});

/** The lines of one header combined (RFC 9110 section 5.3), undefined where there is none. */
export function headerValue(headers: Observed['headers'], name: string): string | undefined {
  const wanted = name.toLowerCase();
  let combined: string | undefined;
  for (const [key, value] of headers) {
    if (key.length === wanted.length && key.toLowerCase() === wanted)
      combined = combined === undefined ? value : `${combined}, ${value}`;
  }
  return combined;
}
