/**
 * What is in a draft, and its text by YAML's own writer: whatever a document says, it becomes a value or a comment, never a
 * key, an expression or a line of the file.
 */
import { Document, isCollection, type Node, Pair, Scalar, YAMLMap, YAMLSeq } from 'yaml';
import type { Value } from '../../value/written.js';

export type DraftNode =
  | { readonly kind: 'value'; readonly value: Value }
  | { readonly kind: 'expression'; readonly text: string; readonly about?: string | undefined }
  | { readonly kind: 'block'; readonly text: string }
  | { readonly kind: 'list'; readonly items: readonly DraftNode[] }
  | DraftMap;

/** A value of the documentation: what looks like an expression in it is text. */
export const literal = (value: Value): DraftNode => ({ kind: 'value', value: withoutExpressions(value) });

/** A text with expressions of ours. @param about a comment behind it, in a list */
export const expression = (text: string, about?: string): DraftNode => ({ kind: 'expression', text, about });

/** A text of several lines, as they are. */
export const block = (text: string): DraftNode => ({ kind: 'block', text });

export const list = (...items: readonly DraftNode[]): DraftNode => ({ kind: 'list', items });

export const reference = (name: string): string => `\${${name}}`;

/** A text of the documentation within one of ours. */
export const literalText = (text: string): string => text.replaceAll('${', () => '$${');

function withoutExpressions(value: Value): Value {
  if (typeof value === 'string') return literalText(value);
  if (Array.isArray(value)) return value.map(withoutExpressions);
  if (typeof value !== 'object' || value === null || Object.getPrototypeOf(value) !== Object.prototype) return value;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, withoutExpressions(inner as Value)]));
}

export interface EntrySettings {
  /** A comment behind the value, or above what is inside. */
  readonly about?: string | undefined;
  /** False of what is written as a comment. */
  readonly active?: boolean;
}

interface Entry extends EntrySettings {
  readonly key: string;
  readonly node: DraftNode;
}

export class DraftMap {
  readonly kind = 'map';
  /** In the order of the file. */
  readonly content: (Entry | { readonly remark: string })[] = [];

  set(key: string, node: DraftNode, settings: EntrySettings = {}): this {
    this.content.push({ key, node, ...settings });
    return this;
  }

  /** A comment of its own line. */
  remark(text: string): this {
    this.content.push({ remark: text });
    return this;
  }

  /** Everything of another map, behind what is there. */
  take(other: DraftMap): this {
    this.content.push(...other.content);
    return this;
  }

  get isEmpty(): boolean {
    return this.content.length === 0;
  }

  /** Whether any of it is no comment. */
  get isActive(): boolean {
    return this.content.some((one) => !('remark' in one) && one.active !== false);
  }
}

/** @param all also what is a comment, of which the whole is one */
function mapNode(given: DraftMap, all = false): YAMLMap {
  const map = new YAMLMap();
  let above: string[] = [];
  for (const one of given.content) {
    if ('remark' in one) {
      above.push(comment(one.remark));
      continue;
    }
    const { key, node, about, active = true } = one;
    if (!active && !all) {
      above.push(...commented(new DraftMap().set(key, node, { about })));
      continue;
    }
    const name = new Scalar(literalText(key));
    if (above.length > 0) name.commentBefore = above.join('\n');
    above = [];
    map.items.push(new Pair(name, remarked(nodeOf(node, all), about)));
    // Nothing can follow below {}: the fields that may replace it stand there as one comment.
    if (node.kind === 'map' && !all && !node.isActive && !node.isEmpty)
      above.push(' in place of {}:', ...commented(node).map((line) => ` ${line}`));
  }
  if (above.length > 0) map.comment = above.join('\n');
  if (map.items.length === 0) map.flow = true;
  return map;
}

/** The lines of a map, each as a comment. */
const commented = (map: DraftMap): string[] =>
  textOf(mapNode(map, true))
    .trimEnd()
    .split('\n')
    .map((line) => ` ${line}`);

function nodeOf(node: DraftNode, all: boolean): Node {
  switch (node.kind) {
    case 'map': {
      const map = mapNode(node, all);
      // What is in it stands above what comes next, or the writer would put it behind the brackets.
      if (map.items.length === 0) map.comment = null;
      return map;
    }
    case 'list': {
      const items = new YAMLSeq();
      items.items = node.items.map((one) => nodeOf(one, all));
      return items;
    }
    case 'value': {
      const made = new Document(node.value).contents as Node;
      if (isCollection(made)) made.flow = true;
      return made;
    }
    default: {
      const text = new Scalar(node.text);
      if (node.kind === 'block') text.type = 'BLOCK_LITERAL';
      else if (node.about !== undefined) text.comment = comment(node.about);
      return text;
    }
  }
}

/** With a comment behind it where it stands on the line of its key, else above what is inside. */
function remarked(node: Node, about: string | undefined): Node {
  if (about === undefined || about === '') return node;
  if (isCollection(node) && !node.flow)
    node.commentBefore = [comment(about), ...(node.commentBefore ? [node.commentBefore] : [])].join('\n');
  else node.comment = comment(about);
  return node;
}

/** What ends a line, or could, would end the comment (YAML 1.2, section 5.4). */
const comment = (text: string): string => ` ${text.replace(/[\p{Cc}\u2028\u2029]+/gu, ' ').trimEnd()}`;

const textOf = (node: Node): string =>
  new Document(node).toString({
    lineWidth: 0,
    flowCollectionPadding: false,
    defaultStringType: 'PLAIN',
    // A value of several lines stays on the line of its key.
    doubleQuotedMinMultiLineLength: Number.MAX_SAFE_INTEGER,
  });

/** The text of a file. @param first its first line, a comment */
export function draftText(map: DraftMap, first: string): string {
  return `#${comment(first)}\n${textOf(mapNode(map))}`;
}
