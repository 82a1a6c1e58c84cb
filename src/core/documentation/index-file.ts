/**
 * The index of one documentation source: a line of facts, a line of schemas, then a line an operation,
 * so that one operation is shown without parsing the rest.
 */
import type { Value } from '../value/written.js';
import type { Documentation, Operation, Warning } from './model.js';

/** Raised when what the index holds changes, so that an older one is made anew. */
const indexVersion = 1;

export interface IndexFacts {
  readonly index: number;
  /** Which snapshot the index was made from. */
  readonly stamp: string;
  readonly format: string;
  readonly version: string;
  readonly title: string;
  readonly servers: readonly string[];
  readonly operations: number;
  readonly warnings: readonly Warning[];
}

export interface DocumentationIndex {
  readonly facts: IndexFacts;
  definitions(): Readonly<Record<string, Value>>;
  operations(): Iterable<Operation>;
  operation(id: string): Operation | undefined;
}

export function writeIndex({ operations, definitions, ...facts }: Documentation, stamp: string): string {
  const head: IndexFacts = { index: indexVersion, stamp, ...facts, operations: operations.length };
  return [head, definitions, ...operations].map((line) => JSON.stringify(line)).join('\n');
}

/** The index, or undefined where the text is none of this version and this snapshot. */
export function readIndex(text: string, stamp: string): DocumentationIndex | undefined {
  const [head, definitions, ...lines] = text.split('\n');
  if (head === undefined || definitions === undefined || !head.startsWith(`{"index":${indexVersion},`))
    return undefined;
  const facts = JSON.parse(head) as IndexFacts;
  if (facts.stamp !== stamp) return undefined;
  return {
    facts,
    definitions: () => JSON.parse(definitions) as Record<string, Value>,
    *operations() {
      for (const line of lines) yield JSON.parse(line) as Operation;
    },
    operation(id) {
      // Every operation begins with its id.
      const start = `{"id":${JSON.stringify(id)},`;
      const line = lines.find((one) => one.startsWith(start));
      return line === undefined ? undefined : (JSON.parse(line) as Operation);
    },
  };
}
