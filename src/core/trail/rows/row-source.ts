/** A format that rows are read from, as a stream. */
import type { Readable } from 'node:stream';
import type { ValueMap } from '../../value/written.js';

export interface Row {
  /** From 1. */
  readonly number: number;
  readonly columns: ValueMap;
}

export interface RowSource {
  readonly name: string;
  /** The ending of its files. */
  readonly ending: RegExp;
  /** What needs to be loaded before it reads. */
  readonly load?: () => Promise<unknown>;
  /** @param file for messages @throws Problem data-shape with its line while reading */
  read(stream: Readable, file: string): AsyncIterable<ValueMap>;
  /** About how many rows there are, for how long it will take. */
  count(stream: Readable): Promise<number>;
}
