/** What differs between two responses: status, header lines, time, and the body by its structure. */
import { diffLines } from 'diff';
import { parseXml } from '../place/xml-document.js';
import { parseJson } from '../value/json-text.js';
import type { Value } from '../value/written.js';
import { type Counting, counting } from './counting.js';
import type { Difference } from './difference.js';
import { differencesBetween, type Unordered } from './differences.js';
import { xmlDifferences } from './xml.js';

export interface ComparedResponse {
  /** undefined of a document: then only bodies are compared. */
  readonly status: number | undefined;
  readonly headers: readonly (readonly [name: string, value: string])[];
  /** Decoded. */
  readonly text: string;
  /** In place of the text: a value that was kept. */
  readonly value?: Value | undefined;
  /** Milliseconds that the response took. */
  readonly time?: number | undefined;
}

export interface Comparison extends Counting {
  readonly unordered?: Unordered | undefined;
}

/** They differ between any two responses, and say nothing. */
const everyTime = new Set([
  'date',
  'age',
  'connection',
  'keep-alive',
  'content-length',
  'set-cookie',
  'etag',
  'expires',
  'last-modified',
]);

export function responseDifferences(
  left: ComparedResponse,
  right: ComparedResponse,
  { unordered = {}, ignoring, only }: Comparison = {},
): readonly Difference[] {
  const found: Difference[] = [];
  const whole = left.status !== undefined && right.status !== undefined;
  if (left.status !== undefined && right.status !== undefined && left.status !== right.status)
    found.push({ at: 'status', kind: 'changed', left: left.status, right: right.status });
  const [a, b] = [linesOf(left), linesOf(right)];
  for (const name of whole ? new Set([...a.keys(), ...b.keys()]) : []) {
    const [one, other] = [a.get(name), b.get(name)];
    if (one === other) continue;
    const kind = one === undefined ? 'added' : other === undefined ? 'removed' : 'changed';
    found.push({ at: `header.${name}`, kind, left: one, right: other });
  }
  for (const one of bodyDifferences(left, right, unordered)) found.push(one);
  return counting(found, ignoring, only);
}

/** By structure where both are JSON, or both XML; else by lines. */
function bodyDifferences(left: ComparedResponse, right: ComparedResponse, unordered: Unordered): Difference[] {
  const [first, second] = [left.value ?? jsonIn(left.text), right.value ?? jsonIn(right.text)];
  if (first !== undefined && second !== undefined) return differencesBetween(first, second, '$', unordered);
  const [one, other] = [xmlIn(left.text), xmlIn(right.text)];
  if (one && other) return xmlDifferences(one, other, unordered);
  return textDifferences(left.text, right.text);
}

function xmlIn(text: string): ReturnType<typeof parseXml> | undefined {
  if (!/^\s*</.test(text) || /^\s*<!doctype html/i.test(text)) return undefined;
  try {
    return parseXml(text, undefined);
  } catch {
    return undefined;
  }
}

function linesOf({ headers }: ComparedResponse): Map<string, string> {
  const lines = new Map<string, string>();
  for (const [given, value] of headers) {
    const name = given.toLowerCase();
    if (everyTime.has(name)) continue;
    const before = lines.get(name);
    lines.set(name, before === undefined ? value : `${before}, ${value}`);
  }
  return lines;
}

function jsonIn(text: string): Value | undefined {
  if (!/^\s*[{["\d-]|^\s*(?:true|false|null)\s*$/.test(text)) return undefined;
  try {
    return parseJson(text);
  } catch {
    return undefined;
  }
}

/** By lines; the place is the line of the first, or of the second where it is only there. */
export function textDifferences(left: string, right: string): Difference[] {
  const found: Difference[] = [];
  let [here, there] = [1, 1];
  const parts = diffLines(left, right);
  for (const [index, { added, removed, value, count }] of parts.entries()) {
    const lines = value.replace(/\n$/, '').split('\n');
    if (removed) {
      const next = parts[index + 1];
      const others = next?.added ? next.value.replace(/\n$/, '').split('\n') : [];
      for (let line = 0; line < Math.max(lines.length, others.length); line += 1) {
        const [one, other] = [lines[line], others[line]];
        const kind = one === undefined ? 'added' : other === undefined ? 'removed' : 'changed';
        found.push({ at: `line ${one === undefined ? there + line : here + line}`, kind, left: one, right: other });
      }
      here += count;
    } else if (added) {
      // With the lines that it took the place of, unless it took none.
      if (!parts[index - 1]?.removed)
        for (const [line, text] of lines.entries())
          found.push({ at: `line ${there + line}`, kind: 'added', left: undefined, right: text });
      there += count;
    } else {
      here += count;
      there += count;
    }
  }
  return found;
}
