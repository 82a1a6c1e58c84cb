/**
 * Hiding secrets: by value, whatever was read from the store or computed from it, in every form it may
 * take; and by place, what is in a field whose name says that it is a credential.
 */
import { hidden } from '../exchange/request/wire.js';
import { percentEncode } from '../expression/filters/text.js';
import { isSecretName, withoutSecretFields } from '../value/secret-fields.js';
import { textOf } from '../value/text.js';
import { isValueMap, SourceScalar, type Value } from '../value/written.js';

/** Shorter values would hide half of every text; they are hidden by their place only. */
const shortest = 8;

/** So many are looked for one by one, which is the fastest as long as a text holds none. */
const fewForms = 200;

/** Characters by which forms are found again. */
const opening = 3;

/** What the program puts in the place of the end of a long text. */
const cutMark = '…';

/** Characters of a secret in front of it that are hidden; fewer are not worth it. */
const fewestLeft = 4;

export interface Redactor {
  add(value: Value): void;
  /** The text with every known secret hidden, and what is in fields that are named as credentials. */
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
  let longestForm = 0;
  /** By how they begin, the longest first, so that a token inside a header line leaves nothing of the line behind. */
  const byOpening = new Map<string, string[]>();

  function keep(form: string): void {
    if (form.length < shortest || known.has(form)) return;
    known.add(form);
    longestForm = Math.max(longestForm, form.length);
    const key = form.slice(0, opening);
    const others = byOpening.get(key);
    if (!others) byOpening.set(key, [form]);
    else {
      const at = others.findIndex((other) => other.length < form.length);
      others.splice(at === -1 ? others.length : at, 0, form);
    }
  }

  /** A number that is a known secret, as it is written. */
  function isKnownScalar(value: unknown): boolean {
    if (known.size === 0 || (typeof value !== 'number' && !(value instanceof SourceScalar))) return false;
    const text = value instanceof SourceScalar ? value.text : String(value);
    return text.length >= shortest && known.has(text);
  }

  /** Most texts hold none, and the engine finds a text faster than anything that is written here. */
  function withoutFew(text: string): string {
    /** Where each form stands next; those that do not are left out. */
    const next = new Map<string, number>();
    for (const form of known) {
      const at = text.indexOf(form);
      if (at !== -1) next.set(form, at);
    }
    let shown = '';
    let from = 0;
    while (next.size > 0) {
      let first = '';
      let start = Number.POSITIVE_INFINITY;
      for (const [form, at] of next) {
        if (at > start || (at === start && form.length <= first.length)) continue;
        first = form;
        start = at;
      }
      shown += text.slice(from, start) + hidden;
      from = start + first.length;
      for (const [form, at] of next) {
        if (at >= from) continue;
        const further = text.indexOf(form, from);
        if (further === -1) next.delete(form);
        else next.set(form, further);
      }
    }
    return from === 0 ? text : shown + text.slice(from);
  }

  function withoutMany(text: string): string {
    let shown = '';
    let from = 0;
    for (let at = 0; at <= text.length - shortest; ) {
      const form = byOpening.get(text.slice(at, at + opening))?.find((one) => text.startsWith(one, at));
      if (form === undefined) at += 1;
      else {
        shown += text.slice(from, at) + hidden;
        at += form.length;
        from = at;
      }
    }
    return from === 0 ? text : shown + text.slice(from);
  }

  /** Of a text that was cut, a secret may have lost its end: what is left of it says too much all the same. */
  function withoutBeginnings(text: string): string {
    let shown = text;
    for (let end = shown.indexOf(cutMark); end !== -1; end = shown.indexOf(cutMark, end + 1)) {
      for (let at = Math.max(0, end - longestForm); at <= end - fewestLeft; at += 1) {
        const left = shown.slice(at, end);
        if (!byOpening.get(left.slice(0, opening))?.some((form) => form.startsWith(left))) continue;
        shown = shown.slice(0, at) + hidden + shown.slice(end);
        end = at + hidden.length;
        break;
      }
    }
    return shown;
  }

  const redactor: Redactor = {
    add(value) {
      if (isValueMap(value) || Array.isArray(value)) {
        for (const item of Object.values(value)) redactor.add(item as Value);
        return;
      }
      const forms = value instanceof Uint8Array ? bytesForms(value) : textForms(textOf(value));
      for (const form of forms) keep(form);
    },
    get size() {
      return known.size;
    },
    hide: (text) => redactor.hideKnown(withoutSecretFields(text, hidden)),
    hideKnown(text) {
      if (known.size === 0) return text;
      const hiding = known.size > fewForms ? withoutMany : withoutFew;
      const shown = text.length < shortest ? text : hiding(text);
      return shown.includes(cutMark) ? withoutBeginnings(shown) : shown;
    },
    hideKnownIn(value) {
      if (known.size === 0) return value;
      if (typeof value === 'string') return redactor.hideKnown(value);
      if (isKnownScalar(value)) return hidden;
      if (Array.isArray(value)) return value.map(redactor.hideKnownIn);
      if (typeof value !== 'object' || value === null || 'toJSON' in value) return value;
      return Object.fromEntries(
        Object.entries(value).map(([key, item]) => [redactor.hideKnown(key), redactor.hideKnownIn(item)]),
      );
    },
    hideIn(value) {
      if (typeof value === 'string') return redactor.hide(value);
      if (Array.isArray(value)) return value.map(redactor.hideIn);
      if (!isValueMap(value)) return isKnownScalar(value) ? hidden : value;
      return Object.fromEntries(
        Object.entries(value).map(([key, item]) => [key, hidesField(key, item) ? hidden : redactor.hideIn(item)]),
      );
    },
  };
  return redactor;
}

const hidesField = (key: string, value: Value): boolean =>
  typeof value === 'string' && value !== '' && isSecretName(key);

/** Every form in which a text is in an address, a form, JSON, JSON inside JSON, XML, or base64. */
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
    ...(text.includes('\n') ? linesOf(text).flatMap(textForms) : []),
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
