/**
 * Hiding secrets: by value, whatever was read from the store or worked out from it, in every form it may
 * take; and by place, what stands in a field whose name says that it is a credential.
 */
import { hidden } from '../exchange/wire.js';
import { percentEncode } from '../expression/filters/text.js';
import { isSecretName, withoutSecretFields } from '../value/secret-fields.js';
import { textOf } from '../value/text.js';
import { isValueMap, type Value } from '../value/written.js';

/** Shorter values would hide half of every text; they are hidden by their place only. */
const shortest = 8;

/** So many are looked for one by one. */
const fewForms = 200;

export interface Redactor {
  add(value: Value): void;
  /** The text with every known secret hidden, and what stands in fields that are named as credentials. */
  hide(text: string): string;
  /** The known secrets only: a header line has no fields. */
  hideKnown(text: string): string;
  /** Grows with every secret that becomes known. */
  readonly size: number;
  /** The same for all texts in a value. */
  hideIn(value: Value): Value;
  /** The known secrets only, in plain data of any shape, its keys included: for what leaves the program. */
  hideKnownIn(value: unknown): unknown;
}

export function makeRedactor(): Redactor {
  const known = new Set<string>();
  /** All known forms, the longest first, so that a token inside a header line leaves nothing of the line behind. */
  let longestFirst: readonly string[] | undefined;
  let pattern: RegExp | undefined;

  /** Most texts hold none, and to look for a few texts is several times as fast as to match a pattern. */
  function holdsNone(text: string): boolean {
    longestFirst ??= [...known].sort((a, b) => b.length - a.length);
    if (text.length < (longestFirst.at(-1) as string).length) return true;
    if (longestFirst.length > fewForms) return false;
    for (const form of longestFirst) if (text.includes(form)) return false;
    return true;
  }

  const redactor: Redactor = {
    add(value) {
      if (isValueMap(value) || Array.isArray(value)) {
        for (const item of Object.values(value)) redactor.add(item as Value);
        return;
      }
      const forms = value instanceof Uint8Array ? bytesForms(value) : textForms(textOf(value));
      for (const form of forms) {
        if (form.length < shortest || known.has(form)) continue;
        known.add(form);
        longestFirst = undefined;
        pattern = undefined;
      }
    },
    get size() {
      return known.size;
    },
    hide: (text) => redactor.hideKnown(withoutSecretFields(text, hidden)),
    hideKnown(text) {
      if (known.size === 0 || text.length < shortest || holdsNone(text)) return text;
      pattern ??= new RegExp((longestFirst as readonly string[]).map(escaped).join('|'), 'g');
      return text.replace(pattern, hidden);
    },
    hideKnownIn(value) {
      if (known.size === 0) return value;
      if (typeof value === 'string') return redactor.hideKnown(value);
      if (typeof value === 'number') {
        const text = String(value);
        return text.length >= shortest && known.has(text) ? hidden : value;
      }
      if (Array.isArray(value)) return value.map(redactor.hideKnownIn);
      if (typeof value !== 'object' || value === null || 'toJSON' in value) return value;
      return Object.fromEntries(
        Object.entries(value).map(([key, item]) => [redactor.hideKnown(key), redactor.hideKnownIn(item)]),
      );
    },
    hideIn(value) {
      if (typeof value === 'string') return redactor.hide(value);
      if (Array.isArray(value)) return value.map(redactor.hideIn);
      if (!isValueMap(value)) return value;
      return Object.fromEntries(
        Object.entries(value).map(([key, item]) => [key, hidesField(key, item) ? hidden : redactor.hideIn(item)]),
      );
    },
  };
  return redactor;
}

const hidesField = (key: string, value: Value): boolean =>
  typeof value === 'string' && value !== '' && isSecretName(key);

/** Every form in which a text stands in an address, a form, JSON, JSON inside JSON, XML, or base64. */
function textForms(text: string): string[] {
  const inJson = JSON.stringify(text).slice(1, -1);
  const strict = percentEncode(text);
  const loose = encodeURIComponent(text);
  const inForm = new URLSearchParams([['', text]]).toString().slice(1);
  const encoded = [strict, loose, inForm, loose.replaceAll('%20', '+')];
  return [
    text,
    text.trim(),
    inJson,
    JSON.stringify(inJson).slice(1, -1),
    ...encoded,
    ...encoded.map((one) => one.replace(/%[0-9A-F]{2}/g, (octet) => octet.toLowerCase())),
    ...(/[&<>"']/.test(text) ? xmlForms(text) : []),
    ...bytesForms(Buffer.from(text, 'utf8')),
    ...(text.includes('\n') ? linesOf(text).flatMap((line) => [line, ...insideBase64(Buffer.from(line))]) : []),
  ];
}

function xmlForms(text: string): string[] {
  const content = text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');
  const strict = content.replaceAll('>', '&gt;');
  const attribute = strict.replaceAll('"', '&quot;');
  return [content, strict, attribute, attribute.replaceAll("'", '&apos;'), attribute.replaceAll("'", '&#39;')];
}

/** Lines of a key: each of them says enough. What stands around it does not. */
const linesOf = (text: string): string[] =>
  text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line.length >= 16 && !line.startsWith('-----'));

function bytesForms(bytes: Uint8Array): string[] {
  const buffer = Buffer.from(bytes);
  return [buffer.toString('base64'), buffer.toString('base64url'), buffer.toString('hex'), ...insideBase64(buffer)];
}

/** Inside the base64 of a longer text (RFC 4648) it may begin at any of three bits; what its neighbours share is left out. */
function insideBase64(bytes: Buffer): string[] {
  return [0, 1, 2].flatMap((before) => {
    const whole = Buffer.concat([Buffer.alloc(before), bytes]);
    const start = Math.ceil((before * 8) / 6);
    const end = Math.floor((whole.length * 8) / 6);
    return [whole.toString('base64').slice(start, end), whole.toString('base64url').slice(start, end)];
  });
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
