/** What `preview` is asked of a signature: the moment that it is made at, and what it is held against. */
import { existsSync, readFileSync, statSync } from 'node:fs';
import type { Moment } from '../../core/expression/evaluation.js';
import { nearestHint } from '../../core/problem/nearest.js';
import { Problem } from '../../core/problem/problem.js';
import type { Preview } from '../../core/sending/sending.js';
import { type Against, compareAgainst, unescaped } from '../../core/signature/against/compare.js';
import { parseMoment } from '../../core/value/moment.js';
import { textOf } from '../../core/value/text.js';

/** `--time` and `--nonce`: what a documented example was made with. @throws Problem usage */
export function momentFrom(time: unknown, nonce: unknown): Moment | undefined {
  if (time === undefined && nonce === undefined) return undefined;
  return {
    ...(time !== undefined && { now: timeFrom(String(time)) }),
    ...(nonce !== undefined && { nonce: String(nonce) }),
  };
}

function timeFrom(text: string): Date {
  const date = parseMoment(text);
  if (date) return date;
  throw new Problem('usage', {
    what: `--time cannot read ${text}`,
    remedy: 'write it as 2026-11-24T09:30:00Z, with its zone, or as seconds since 1970',
  });
}

/** A text, or the content of the file of that name. @throws Problem file-not-found: it can only be the name of a file */
function textOrFile(given: string): string {
  if (given.includes('\n') || given.length > 1000) return given;
  if (existsSync(given) && statSync(given).isFile()) return readFileSync(given, 'utf8');
  if (/^[\w./-]+\.(?:txt|md|log|text)$/.test(given)) {
    throw new Problem('file-not-found', {
      what: `${given} does not exist`,
      remedy: '--against takes a text, or the name of a file with it, from this folder',
    });
  }
  return given;
}

/**
 * Our signature held against what the vendor shows.
 * @param value the name of the value that is meant; else the one that is most alike
 * @throws Problem usage: the request is not signed, or has no such value; file-not-found
 */
export function comparedWith({ signed }: Preview, given: string, value: string | undefined): Against {
  if (!signed) throw notSigned();
  const ours = signed.steps.map((step) => textOf(step.value));
  const theirs = unescaped(textOrFile(given), ours);
  const compared = compareAgainst(signed.steps, theirs, value);
  if (compared?.same === false && theirs.endsWith('\n')) {
    // Editors end a file with a line break that is no part of the text.
    const without = compareAgainst(signed.steps, theirs.slice(0, -1), value);
    if (without && (without.same || !ours.some((text) => text.endsWith('\n')))) return without;
  }
  if (compared) return compared;
  const names = signed.steps.map((step) => step.name);
  throw new Problem('usage', {
    what: value === undefined ? 'the signature has no text to compare with' : `the signature has no text ${value}`,
    remedy:
      names.length === 0
        ? undefined
        : `${value === undefined ? '' : `${nearestHint(value, names)}; `}there are ${names.join(', ')}`,
  });
}

export const notSigned = (): Problem =>
  new Problem('usage', {
    what: 'the request has no signature',
    remedy: 'signature: NAME in its file, or --sign NAME, says which of signatures/ is used',
  });
