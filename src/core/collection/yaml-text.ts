/** The text of a file that is made from values. */
import { randomUUID } from 'node:crypto';
import { Document, isMap, isScalar, isSeq, type Node, stringify } from 'yaml';
import { isValueMap, SourceScalar } from '../value/written.js';

/** A comment at the end of a line, by the keys that lead to the value that is there. */
export type Remarks = ReadonlyMap<string, string>;

/** As a key of `Remarks`. */
export const remarkedAt = (...path: readonly (string | number)[]): string => path.join('\n');

/** Numbers stay as they are written; texts of several lines are blocks. */
export function yamlText(content: Readonly<Record<string, unknown>>, remarks: Remarks = new Map()): string {
  const mark = `number-${randomUUID()}-`;
  const written: string[] = [];
  const marked = (value: unknown): unknown => {
    if (value instanceof SourceScalar) return `${mark}${written.push(value.text) - 1}`;
    if (Array.isArray(value)) return value.map(marked);
    if (!isValueMap(value)) return value;
    return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, marked(item)]));
  };
  const text = remarks.size === 0 ? stringify(marked(content), { lineWidth: 0 }) : textWith(remarks, marked(content));
  return text.replace(new RegExp(`${mark}(\\d+)`, 'g'), (_, index: string) => written[Number(index)] as string);
}

function textWith(remarks: Remarks, content: unknown): string {
  const document = new Document(content);
  const visit = (node: unknown, path: readonly (string | number)[]): void => {
    const remark = remarks.get(remarkedAt(...path));
    if (remark !== undefined && isScalar(node)) node.comment = ` ${remark}`;
    else if (remark !== undefined && node) (node as Node).commentBefore = ` ${remark}`;
    if (isMap(node))
      for (const { key, value } of node.items) visit(value, [...path, String(isScalar(key) ? key.value : key)]);
    if (isSeq(node)) for (const [index, item] of node.items.entries()) visit(item, [...path, index]);
  };
  visit(document.contents, []);
  return document.toString({ lineWidth: 0 });
}

/** A text from outside, in which nothing is an expression. */
export const plainText = (text: string): string => text.replaceAll('${', () => '$${');

/** The same for every text in a value. */
export function plainValue<T>(value: T): T {
  if (typeof value === 'string') return plainText(value) as T;
  if (Array.isArray(value)) return value.map(plainValue) as T;
  if (!isValueMap(value)) return value;
  return Object.fromEntries(Object.entries(value).map(([key, item]) => [plainText(key), plainValue(item)])) as T;
}
