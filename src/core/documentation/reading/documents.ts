/** The documents of one source: the one that was asked for, and those that it refers to. */

import { isAscii } from 'node:buffer';
import type { Warning } from '../model/model.js';
import {
  fromJson,
  fromYaml,
  mayHaveAnchors,
  type Notation,
  notationOf,
  requireShape,
  requireSize,
} from './notation.js';

/** One document, its notation known, parsed where it is data. */
export interface Part {
  /** Absolute: the address it was fetched from, or `file:///NAME` from the folder of the first document. */
  readonly uri: string;
  /** For messages. */
  readonly file: string;
  readonly text: string;
  /** The same in UTF-8, as it was read. */
  readonly bytes: Uint8Array;
  readonly notation: Notation;
  /** The data of JSON and YAML. */
  readonly content: unknown;
  /** Nothing in the data stands twice: it is JSON, or YAML without anchors. */
  readonly isTree: boolean;
}

export interface Documents {
  readonly main: Part;
  /** By address, the first included. */
  readonly parts: ReadonlyMap<string, Part>;
  /** What is said of them before they are read. */
  readonly warnings?: readonly Warning[];
}

/** @param given a text, or UTF-8, with or without a byte order mark. @throws Problem document-too-large, document-unreadable */
export async function readPart(uri: string, file: string, given: string | Uint8Array): Promise<Part> {
  const all = typeof given === 'string' ? Buffer.from(given) : given;
  const bytes = byteOrderMark.every((byte, index) => all[index] === byte) ? all.subarray(3) : all;
  // Most documents are plain ASCII, which takes a third of the time.
  const text = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length).toString(isAscii(bytes) ? 'latin1' : 'utf8');
  requireSize(text, file);
  const notation = notationOf(text, file);
  const content =
    notation === 'json' ? fromJson(text, file) : notation === 'yaml' ? await fromYaml(text, file) : undefined;
  const isTree = notation === 'json' || (notation === 'yaml' && !mayHaveAnchors(text));
  // The reader of YAML goes no deeper, and nothing multiplies where there are no aliases.
  if (content !== undefined && !(notation === 'yaml' && isTree)) requireShape(content, text, file);
  return { uri, file, text, bytes, notation, content, isTree };
}

const byteOrderMark = [0xef, 0xbb, 0xbf];

/** The address of what a part refers to, without its fragment; undefined where it is no address. */
export function addressOf(reference: string, from: string): string | undefined {
  const [address = ''] = reference.split('#');
  if (address === '') return from;
  return URL.canParse(address, from) ? new URL(address, from).href : undefined;
}

/** The address of a first document that came from a file or an address. */
export function mainAddress(source: string): string {
  if (/^https?:\/\//i.test(source)) return source;
  return `file:///${encodeURIComponent(source.replace(/^.*[\\/]/, ''))}`;
}

/** How a part is called in messages and keys: relative to the folder of the first where it lies below it. */
export function partName(uri: string, main: string): string {
  const folder = main.replace(/[^/]*$/, '');
  return uri.startsWith(folder) ? decodeURI(uri.slice(folder.length)) : uri;
}
