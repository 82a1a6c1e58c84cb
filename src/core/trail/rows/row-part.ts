/**
 * A part of the rows of a trail, for one of several processes. Which part a row falls into follows from the row alone, so that
 * nothing has to be agreed upon: the first 48 bits of the SHA-256 of its content, divided by the number of parts. Its content is the
 * row as JSON, its columns in their order; or the text of one column. This stays the same in every version.
 */
import { createHash } from 'node:crypto';
import { Problem } from '../../problem/problem.js';
import { writeJson } from '../../value/json-text.js';
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import type { Value, ValueMap } from '../../value/written.js';

export interface PartOfRows {
  /** From 1. */
  readonly part: number;
  readonly of: number;
  /** The column that decides; the whole row by default. */
  readonly by?: string | undefined;
}

const sha256 = (text: string): Buffer => createHash('sha256').update(text).digest();

export class RowPart {
  /** How many rows there were, and how many of them are of this part. */
  all = 0;
  own = 0;
  private readonly content = createHash('sha256');

  constructor(private readonly wanted: PartOfRows) {}

  /** The next row of the source. @throws Problem data-shape: it lacks the column that decides */
  takes(columns: ValueMap): boolean {
    const { part, of, by } = this.wanted;
    const whole = sha256(writeJson(columns));
    this.content.update(whole);
    this.all += 1;
    const deciding = by === undefined ? whole : sha256(this.key(columns, by));
    if (deciding.readUIntBE(0, 6) % of !== part - 1) return false;
    this.own += 1;
    return true;
  }

  /** Of all rows, in their order: two parts that had the same rows have the same. Asked for once, at their end. */
  digest(): string {
    return this.content.digest('base64url');
  }

  private key(columns: ValueMap, by: string): string {
    const value = ownMember(columns, by);
    if (value !== undefined) return textOf(value as Value);
    throw new Problem('data-shape', {
      what: `row ${this.all} has no column ${by}`,
      cause: 'that column decides which part a row belongs to',
      remedy: `its columns are ${Object.keys(columns).slice(0, 8).join(', ')}`,
    });
  }
}

/** A file that each part writes for itself: `calls.part-3-of-8.csv`. */
export const fileOfPart = (file: string, { part, of }: PartOfRows): string =>
  file.replace(/(\.[^./]*)?$/, `.part-${part}-of-${of}$1`);

/** The same without parts. */
export const wholeFile = (file: string): string => file.replace(/\.part-\d+-of-\d+(?=\.[^./]*$|$)/, '');
