/** Trouble on purpose, so that retries, undo and resume are tried before they are needed: seeded, so that it repeats. */
import { Problem } from '../problem/problem.js';
import { parseDuration } from '../value/measures.js';
import { seeded } from '../value/seeded.js';
import type { RehearsedResponse } from './messages.js';
import { faultHeader } from './refusal.js';

export interface TroubleWanted {
  /** From 0 to 1: of how many requests the vendor says that it is too busy. */
  readonly throttle: number;
  /** Milliseconds before each response. */
  readonly slow: number;
  /** Of how many requests the connection ends without a response. */
  readonly drop: number;
  readonly fail: { readonly status: number; readonly share: number } | undefined;
}

/** As it is written: `30%`, `200ms`, `500:2%`. @throws Problem usage */
export function troubleOf(given: {
  readonly throttle?: string | undefined;
  readonly slow?: string | undefined;
  readonly drop?: string | undefined;
  readonly fail?: string | undefined;
}): TroubleWanted {
  const { throttle, slow, drop, fail } = given;
  const [, status, share] = /^([45]\d\d)(?::(.+))?$/.exec(fail ?? '') ?? [];
  if (fail !== undefined && status === undefined)
    throw new Problem('usage', { what: `--fail takes a status and a share, such as 500:2%, not ${fail}` });
  return {
    throttle: shareOf(throttle, '--throttle'),
    slow: slowOf(slow),
    drop: shareOf(drop, '--drop'),
    fail: status === undefined ? undefined : { status: Number(status), share: shareOf(share ?? '100%', '--fail') },
  };
}

function shareOf(text: string | undefined, flag: string): number {
  if (text === undefined) return 0;
  const [, number] = /^(\d+(?:\.\d+)?)%$/.exec(text) ?? [];
  if (number !== undefined && Number(number) <= 100) return Number(number) / 100;
  throw new Problem('usage', { what: `${flag} takes a share of the requests, such as 30%, not ${text}` });
}

function slowOf(text: string | undefined): number {
  const found = text === undefined ? 0 : parseDuration(text);
  if (found !== undefined) return found;
  throw new Problem('usage', { what: `--slow takes a duration with its unit, such as 200ms, not ${text}` });
}

/** What becomes of one request. */
export interface Trouble {
  readonly wait: number;
  readonly drop: boolean;
  /** In place of the response; nothing is done at the vendor. */
  readonly instead: RehearsedResponse | undefined;
}

export function troubleMaker(wanted: TroubleWanted, seed: number): () => Trouble {
  const random = seeded(seed);
  const refused = (
    status: number,
    detail: string,
    headers: Readonly<Record<string, string>> = {},
  ): RehearsedResponse => ({
    status,
    headers: { 'content-type': 'application/problem+json', [faultHeader]: detail, ...headers },
    body: JSON.stringify({ type: 'about:blank', status, detail }),
    from: 'trouble',
  });
  return () => {
    const [drop, throttle, fail] = [
      random() < wanted.drop,
      random() < wanted.throttle,
      wanted.fail !== undefined && random() < wanted.fail.share,
    ];
    return {
      wait: wanted.slow,
      drop,
      instead: throttle
        ? refused(429, 'too busy, on purpose', { 'retry-after': '1' })
        : fail && wanted.fail
          ? refused(wanted.fail.status, 'failed, on purpose')
          : undefined,
    };
  };
}
