/** The options about signatures that `preview` and `send` take. */
import { existsSync, readFileSync, statSync } from 'node:fs';
import type { Moment } from '../core/expression/world.js';
import { Problem } from '../core/problem/problem.js';

/** `--time` and `--nonce`: what a documented example was made with. @throws Problem usage */
export function momentFrom(time: unknown, nonce: unknown): Moment | undefined {
  if (time === undefined && nonce === undefined) return undefined;
  return {
    ...(time !== undefined && { now: timeFrom(String(time)) }),
    ...(nonce !== undefined && { nonce: String(nonce) }),
  };
}

function timeFrom(text: string): Date {
  const seconds = /^\d{9,11}$/.test(text) ? Number(text) : undefined;
  const date = new Date(seconds === undefined ? text : seconds * 1000);
  // A date without a zone would be another moment on every machine.
  const whole = seconds !== undefined || /(?:Z|[+-]\d\d:?\d\d|GMT)$/.test(text);
  if (!Number.isNaN(date.getTime()) && whole) return date;
  throw new Problem('usage', {
    what: `--time cannot read ${text}`,
    remedy: 'write it as 2026-11-24T09:30:00Z, with its zone, or as seconds since 1970',
  });
}

/** A text, or the content of the file of that name. @throws Problem file-not-found: it can only be the name of a file */
export function textOrFile(given: string): string {
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
