/** JSON text in and out; numbers stay as they are written. */

import { parse as parseExactly } from 'lossless-json';
import { Problem } from '../problem/problem.js';
import { pathBelow } from './json-path-text.js';
import { SourceScalar, sourceScalar, type Value } from './written.js';

/** RFC 8259 section 6. */
const jsonNumber = /^-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?$/;
/** A number that JavaScript may write otherwise than it stands: `1.0`, `-0`, `1e3`, and what has many digits. */
const unusual =
  /(?:^|[\s:,[])(-?(?:0|[1-9]\d*)(?:\.\d+(?:[eE][+-]?\d+)?|[eE][+-]?\d+)|-0|-?[1-9]\d{15,})(?=[\s,\]}]|$)/g;

/** Only where a number would lose how it is written is the slower exact parser worth it. Inside a text it does no harm. */
function needsExactness(text: string): boolean {
  unusual.lastIndex = 0;
  for (let found = unusual.exec(text); found; found = unusual.exec(text)) {
    const number = found[1] as string;
    if (String(Number(number)) !== number) return true;
  }
  return false;
}

/** Values that hold nothing but what JSON.parse makes. */
const usual = new WeakSet<object>();

/** Levels that are read: what goes through a value calls itself for each, and real documents have a few dozen. */
const deepest = 512;

/** Brackets inside texts count too, which only makes the closer look come sooner. */
function isDeep(text: string): boolean {
  if (text.length < 2 * deepest) return false;
  let depth = 0;
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    // [ and {, ] and }
    if (code === 91 || code === 123) {
      depth += 1;
      if (depth > deepest) return isDeepOutside(text.replaceAll(/"(?:[^"\\]|\\.)*"/g, ''));
    } else if (code === 93 || code === 125) depth -= 1;
  }
  return false;
}

function isDeepOutside(text: string): boolean {
  let depth = 0;
  for (const bracket of text.match(/[[\]{}]/g) ?? []) {
    depth += bracket === '[' || bracket === '{' ? 1 : -1;
    if (depth > deepest) return true;
  }
  return false;
}

/** @throws SyntaxError as JSON.parse does; Problem nested-too-deeply */
export function parseJson(text: string): Value {
  if (isDeep(text)) {
    throw new Problem('nested-too-deeply', {
      what: `the JSON is nested more deeply than ${deepest} levels`,
      data: { most: deepest },
    });
  }
  const value = JSON.parse(text) as Value;
  if (!needsExactness(text)) {
    if (typeof value === 'object' && value !== null) usual.add(value);
    return value;
  }
  return parseExactly(text, null, {
    // As JSON.parse does; that they stand twice is told apart from it.
    onDuplicateKey: ({ newValue }: { newValue: unknown }) => newValue,
    parseNumber: (source: string) => sourceScalar(source, Number(source)),
  }) as Value;
}

/**
 * Keys that stand twice in one object, as JSONPaths; parsers take the last and say nothing. Only of text that parses.
 */
export function duplicateKeys(text: string): string[] {
  const found = new Set<string>();
  const open: { readonly keys: Set<string> | undefined; name: string; index: number }[] = [];
  const strings = /"(?:[^"\\]|\\.)*"|[{}[\],]/g;
  for (let token = strings.exec(text); token; token = strings.exec(text)) {
    const [mark] = token;
    const here = open.at(-1);
    if (mark === '{' || mark === '[') open.push({ keys: mark === '{' ? new Set() : undefined, name: '', index: 0 });
    else if (mark === '}' || mark === ']') open.pop();
    else if (mark === ',') {
      if (here && !here.keys) here.index += 1;
    } else if (here?.keys && /^\s*:/.test(text.slice(strings.lastIndex, strings.lastIndex + 40))) {
      here.name = JSON.parse(mark) as string;
      if (here.keys.has(here.name))
        found.add(open.reduce((at, { keys, name, index }) => pathBelow(at, keys ? name : index), '$'));
      here.keys.add(here.name);
    }
  }
  return [...found];
}

/** The text of a scalar as it is in JSON: a valid number keeps its digits, anything else its value. */
function writtenJson(scalar: SourceScalar): string {
  if (typeof scalar.value !== 'number') return String(scalar.value);
  if (jsonNumber.test(scalar.text)) return scalar.text;
  const digits = /^[-+]?0*(\d+)$/.exec(scalar.text)?.[1];
  if (digits !== undefined) return scalar.text.startsWith('-') ? `-${digits}` : digits;
  return JSON.stringify(scalar.value);
}

/** Whether anything in it is not written as JSON.stringify would. */
function needsOwnText(value: unknown): boolean {
  if (typeof value !== 'object' || value === null || usual.has(value)) return false;
  if (value instanceof SourceScalar || value instanceof Uint8Array) return true;
  // Of what has no prototype but the usual ones, Object.values is as quick as it gets.
  for (const inner of Array.isArray(value) ? value : Object.values(value)) {
    if (typeof inner === 'object' && needsOwnText(inner)) return true;
  }
  return false;
}

/**
 * JSON text of a value. `indent` is the number of spaces a level, 0 for one line.
 * Bytes are written as base64 text.
 */
export function writeJson(value: Value, indent = 0): string {
  if (!needsOwnText(value)) return JSON.stringify(value, null, indent);
  return exactJson(value, indent, '');
}

function bytesAsText(value: Value): Value {
  return value instanceof Uint8Array ? Buffer.from(value).toString('base64') : value;
}

function exactJson(value: Value, indent: number, margin: string): string {
  if (value instanceof SourceScalar) return writtenJson(value);
  if (typeof value !== 'object' || value === null || value instanceof Uint8Array) {
    return JSON.stringify(bytesAsText(value));
  }
  const inner = indent > 0 ? `${margin}${' '.repeat(indent)}` : '';
  const items = Array.isArray(value)
    ? value.map((item: Value) => exactJson(item, indent, inner))
    : Object.entries(value)
        .filter(([, item]) => item !== undefined)
        .map(([key, item]) => `${JSON.stringify(key)}:${indent > 0 ? ' ' : ''}${exactJson(item, indent, inner)}`);
  const [open, close] = Array.isArray(value) ? '[]' : '{}';
  if (items.length === 0) return `${open}${close}`;
  if (indent === 0) return `${open}${items.join(',')}${close}`;
  return `${open}\n${items.map((item) => inner + item).join(',\n')}\n${margin}${close}`;
}
