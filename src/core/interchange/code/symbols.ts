/**
 * Marks that stand in for values that a program gets when it runs: secrets, tokens, the time. A request is computed with
 * them as with any other value; where a mark comes out, the program has an expression. A filter that is given a mark is not
 * run, but noted, and gives another mark.
 */
import { randomBytes } from 'node:crypto';
import type { Apply } from '../../expression/evaluation.js';
import { Problem } from '../../problem/problem.js';
import type { StandIns } from '../../sending/workspace.js';
import type { OpenSession } from '../../session/session-kind.js';
import { StreamedBytes } from '../../value/streamed.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import { isValueMap } from '../../value/written.js';
import {
  type CodeExpression,
  type DigestAlgorithm,
  type Escape,
  escaped,
  joined,
  type SignScheme,
  text,
} from './expression.js';
import { timeIn } from './time-pattern.js';

/** A filter was given a mark, and no program here can do what it does. */
export class NoCounterpart extends Problem {
  constructor(readonly filter: string) {
    super('usage', {
      what: `the filter ${filter} works on a secret, and is not written as a program`,
      remedy: 'keep the value that it makes as a secret of its own',
    });
  }
}

/** A moment that nothing else is likely to say. */
const moment = new Date('2001-02-03T04:05:06.789Z');

const marked = (): RegExp => /zq[0-9a-f]{24}qz|2001-02-03T04:05:06\.789Z/g;

/** A word that is base64 of something longer than a few letters. */
const base64Word = /(?<![A-Za-z0-9+/])[A-Za-z0-9+/]{24,}={0,2}(?![A-Za-z0-9+/=])/g;

/** Filters that put values together and leave what is in them as it is. */
const leaveAlone = new Set([
  'header-lines',
  'only',
  'except',
  'filled',
  'without',
  'sorted',
  'first',
  'last',
  'join',
  'lines',
  'count',
  'pluck',
  'merge',
  'trim',
  'text',
]);

const algorithms: ReadonlySet<string> = new Set(['md5', 'sha-1', 'sha-256', 'sha-384', 'sha-512']);

export class Symbols implements StandIns {
  private readonly marks = new Map<string, CodeExpression>();
  private readonly known = new Map<string, string>();
  /** What is no longer computed, in words. */
  readonly fixed = new Set<string>();
  readonly moment = { now: moment, nonce: this.mark({ op: 'nonce' }) };
  // As long as a UUID, since some are cut.
  readonly uuid = this.mark({ op: 'uuid' });

  /** @param keptOf names of values that a session keeps beside its token */
  constructor(private readonly keptOf: (session: string) => readonly string[] = () => []) {
    this.marks.set(moment.toISOString(), { op: 'time', form: 'iso', shift: 0 });
  }

  /** A text that stands for an expression: of letters and digits alone, so that no notation changes it. */
  mark(expression: CodeExpression): string {
    const key = JSON.stringify(expression);
    const before = this.known.get(key);
    if (before !== undefined) return before;
    const mark = `zq${randomBytes(12).toString('hex')}qz`;
    this.known.set(key, mark);
    this.marks.set(mark, expression);
    return mark;
  }

  readonly secret = (name: string, key?: string): string => this.asked(key === undefined ? name : `${name}-${key}`);

  readonly session = (name: string): OpenSession => ({
    token: this.asked(`${name}-token`),
    opened: moment.toISOString(),
    expires: undefined,
    kept: Object.fromEntries(this.keptOf(name).map((one) => [one, this.asked(`${name}-${one}`)])),
  });

  /** A value that whoever runs the program says. */
  asked(name: string): string {
    return this.mark({ op: 'env', name: environmentName(name) });
  }

  /** What a mark stands for. */
  meaning(mark: string): CodeExpression {
    return this.marks.get(mark) as CodeExpression;
  }

  /** The text as an expression, with marks in it. @param how what stands for them is made fit for its place */
  read(given: string, how?: Escape): CodeExpression {
    const parts: CodeExpression[] = [];
    let at = 0;
    for (const found of given.matchAll(marked())) {
      const [mark] = found;
      const meaning = this.marks.get(mark);
      if (!meaning) continue;
      const own: CodeExpression = { op: 'mark', mark };
      const fits = how === undefined || escaped(meaning, how) === meaning;
      parts.push(text(given.slice(at, found.index)), fits ? own : { op: how, data: own });
      at = found.index + mark.length;
    }
    return joined([...parts, text(given.slice(at))]);
  }

  /** The same; base64 of a text in which a mark stands is computed when the program runs. */
  text(given: string): CodeExpression {
    const parts: CodeExpression[] = [];
    let at = 0;
    for (const found of given.matchAll(base64Word)) {
      const inner = Buffer.from(found[0], 'base64').toString('utf8');
      if (!this.isIn(inner)) continue;
      parts.push(this.read(given.slice(at, found.index)), { op: 'base64', data: this.read(inner) });
      at = found.index + found[0].length;
    }
    return joined([...parts, this.read(given.slice(at))]);
  }

  /** Whether a mark is in a value, however deep. */
  isIn(value: Value): boolean {
    if (value instanceof StreamedBytes) return true;
    if (typeof value === 'string') return marked().test(value);
    if (value instanceof Uint8Array) return this.isIn(Buffer.from(value).toString('latin1'));
    if (Array.isArray(value)) return (value as readonly Value[]).some((item) => this.isIn(item));
    return isValueMap(value) && Object.values(value).some((item) => this.isIn(item));
  }

  /** Bytes or a text as an expression. */
  private data(value: Value): CodeExpression {
    if (value instanceof StreamedBytes) return { op: 'body' };
    if (value instanceof Uint8Array) return this.read(Buffer.from(value).toString('utf8'));
    return this.text(textOf(value));
  }

  private bytes(expression: CodeExpression): Uint8Array {
    return Buffer.from(this.mark(expression), 'latin1');
  }

  readonly through = (filter: string, input: Value, args: readonly Value[], apply: Apply): Value => {
    if (!this.isIn(input) && !args.some((one) => this.isIn(one))) return apply();
    const [argument] = args;
    const algorithm = filter.replace(/^hmac-/, '');
    if (algorithms.has(algorithm)) {
      const data = this.data(input);
      const named = algorithm as DigestAlgorithm;
      return filter === algorithm
        ? this.bytes({ op: 'digest', algorithm: named, data })
        : this.bytes({ op: 'hmac', algorithm: named, key: this.data(argument as Value), data });
    }
    const scheme = schemeOf(filter, args[1]);
    if (scheme) return this.bytes({ op: 'sign', scheme, key: this.data(argument as Value), data: this.data(input) });
    const meaning = typeof input === 'string' ? this.marks.get(input) : undefined;
    if (meaning?.op === 'time' && meaning.form === 'iso') {
      const time = timeIn(filter, argument, meaning.shift);
      if (time) return this.mark(time);
      // What no program here can write stays as it is now.
      this.fixed.add(
        `the time as ${filter}${argument === undefined ? '' : `(${JSON.stringify(argument)})`}: it stays as it is now`,
      );
      return apply(new Date().toISOString());
    }
    switch (filter) {
      case 'hex':
      case 'base64':
      case 'base64url':
      case 'upper':
      case 'lower':
      case 'percent':
        return this.mark({ op: filter, data: this.data(input) });
      case 'from-hex':
      case 'from-base64':
        return this.bytes({ op: filter, data: this.data(input) });
      case 'slice': {
        const [from, to] = args.map(Number);
        if (from === undefined || to === undefined || from < 0 || to < from) throw new NoCounterpart(filter);
        return this.mark({ op: 'slice', data: this.data(input), from, to });
      }
      default:
        if (leaveAlone.has(filter)) return apply();
        // Encoding changes nothing of a digest, but it would of a secret.
        if (filter === 'encoded' && !this.holdsSecret(input)) return apply();
        throw new NoCounterpart(filter);
    }
  };

  private holdsSecret(value: Value): boolean {
    return [...JSON.stringify(value).matchAll(/zq[0-9a-f]{24}qz/g)].some(([mark]) => {
      const op = this.marks.get(mark)?.op;
      return op === 'env' || op === 'base64';
    });
  }
}

/** What a filter such as `sign-rsa-pss-sha-256` makes. @param form `der` or `raw` */
function schemeOf(filter: string, form: Value | undefined): SignScheme | undefined {
  if (filter === 'sign-ed25519') return { kind: 'ed25519' };
  const [, kind, hash] = /^sign-(rsa|rsa-pss|ecdsa)-(sha-(?:256|384|512))$/.exec(filter) ?? [];
  if (!kind) return undefined;
  return { kind: kind === 'ecdsa' && form === 'der' ? 'ecdsa-der' : kind, hash } as SignScheme;
}

/** `deskPassword` → `DESK_PASSWORD`. */
export const environmentName = (name: string): string =>
  name
    .replace(/([a-z\d])([A-Z])/g, '$1_$2')
    .toUpperCase()
    .replace(/[^A-Z\d]+/g, '_')
    .replace(/^(?=\d)|^_+|_+$/g, '');
