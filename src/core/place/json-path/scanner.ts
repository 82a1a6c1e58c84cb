/** Characters of a query, with the few lexical forms that RFC 9535 shares between its rules. */

import { Problem } from '../../problem/problem.js';
import { ownMember } from '../../value/own-member.js';
import { slotAt } from '../slots.js';

const nameFirst = /[A-Za-z_\u{80}-\u{D7FF}\u{E000}-\u{10FFFF}]/u;
const nameChar = /[A-Za-z0-9_\u{80}-\u{D7FF}\u{E000}-\u{10FFFF}]/u;
const simpleEscapes: Record<string, string> = { b: '\b', f: '\f', n: '\n', r: '\r', t: '\t', '/': '/', '\\': '\\' };

export class Scanner {
  at = 0;

  /** The expressions of the `${…}` so far. */
  readonly slots: string[] = [];

  constructor(readonly source: string) {}

  get ended(): boolean {
    return this.at >= this.source.length;
  }

  startsWith(text: string): boolean {
    return this.source.startsWith(text, this.at);
  }

  accept(text: string): boolean {
    if (!this.startsWith(text)) return false;
    this.at += text.length;
    return true;
  }

  expect(text: string): void {
    if (!this.accept(text)) this.fail(`expected ${text}`);
  }

  /** The longest match of a sticky pattern, or undefined. */
  take(pattern: RegExp): string | undefined {
    pattern.lastIndex = this.at;
    const found = pattern.exec(this.source)?.[0];
    if (found !== undefined) this.at += found.length;
    return found;
  }

  /** S, the optional blank space. */
  blanks(): void {
    this.take(/[ \t\n\r]*/y);
  }

  private char(): string | undefined {
    const code = this.source.codePointAt(this.at);
    return code === undefined ? undefined : String.fromCodePoint(code);
  }

  /** member-name-shorthand, or undefined. */
  shorthandName(): string | undefined {
    let name = '';
    for (let char = this.char(); char !== undefined; char = this.char()) {
      if (!(name === '' ? nameFirst : nameChar).test(char)) break;
      name += char;
      this.at += char.length;
    }
    return name === '' ? undefined : name;
  }

  /** int, within the exact range of I-JSON (section 2.1). */
  integer(): number | undefined {
    const text = this.take(/-?\d+/y);
    if (text === undefined) return undefined;
    if (!/^(?:0|-?[1-9]\d*)$/.test(text)) this.fail(`${text} is no integer`);
    const value = Number(text);
    if (!Number.isSafeInteger(value)) this.fail(`${text} is beyond the exact range`);
    return value;
  }

  /** The number of the `${…}` that begins here. */
  slot(): number | undefined {
    const found = slotAt(this.source, this.at);
    if (!found) return undefined;
    this.at = found.end;
    return this.slots.push(found.expression) - 1;
  }

  /** string-literal, from its opening quote. */
  text(): string | undefined {
    const quote = this.source[this.at];
    if (quote !== '"' && quote !== "'") return undefined;
    this.at += 1;
    let value = '';
    for (;;) {
      const char = this.char();
      if (char === undefined) return this.fail('the quoted text is not closed');
      this.at += char.length;
      if (char === quote) return value;
      const code = char.codePointAt(0) as number;
      if (code < 0x20 || (code >= 0xd800 && code <= 0xdfff)) this.fail('a character that must be escaped');
      value += char === '\\' ? this.escape(quote) : char;
    }
  }

  private escape(quote: string): string {
    const char = this.source[this.at] ?? '';
    this.at += 1;
    if (char === quote) return quote;
    if (char === 'u') return this.unicode();
    return ownMember(simpleEscapes, char) ?? this.fail(`\\${char} is no escape`);
  }

  private unicode(): string {
    const high = Number.parseInt(this.take(/[0-9A-Fa-f]{4}/y) ?? this.fail('four hexadecimal digits are missing'), 16);
    if (high >= 0xdc00 && high <= 0xdfff) this.fail('a low surrogate without its high one');
    if (high < 0xd800 || high > 0xdbff) return String.fromCharCode(high);
    const second = this.take(/\\u[0-9A-Fa-f]{4}/y) ?? this.fail('a high surrogate without its low one');
    const low = Number.parseInt(second.slice(2), 16);
    if (low < 0xdc00 || low > 0xdfff) this.fail('a high surrogate without its low one');
    return String.fromCharCode(high, low);
  }

  fail(what: string): never {
    throw new Problem('place-syntax', {
      what: `the place ${this.source} is not a JSONPath of RFC 9535: ${what}`,
      excerpt: `${this.source}\n${' '.repeat(Math.min(this.at, this.source.length))}^`,
      remedy: this.inBrackets() ?? 'write $.name, $.items[0].id, $.items[*].id or $.items[?@.state == "open"].id',
      data: { place: this.source, offset: this.at },
    });
  }

  /** How a name such as `x-note`, which broke off at its dash, has to be written. */
  private inBrackets(): string | undefined {
    const [begun] = /\.[^.[\]\s]*$/.exec(this.source.slice(0, this.at)) ?? [];
    const [rest] = /^[^.[\]\s'"()]+/.exec(this.source.slice(this.at)) ?? [];
    if (begun === undefined || begun === '..' || rest === undefined) return undefined;
    return `write ['${begun.slice(1)}${rest}'] in place of ${begun}${rest}: behind a dot stand letters, digits and _ alone`;
  }
}
