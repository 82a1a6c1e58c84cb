/** Elements as data, for tables and outlines: members are attributes as `@name` and elements by their name. */
import type { Node } from '@xmldom/xmldom';
import type { Value } from '../value/written.js';

/** Its text, where an element holds nothing else; repeated elements are a list. */
export function valueOfNode(node: Node): Value {
  if (node.nodeType !== 1 && node.nodeType !== 9) return node.textContent ?? node.nodeValue ?? '';
  const members = new Map<string, Value[]>();
  const add = (name: string, value: Value): void => {
    const before = members.get(name);
    if (before) before.push(value);
    else members.set(name, [value]);
  };
  for (const { name, value } of Array.from(attributesOf(node)))
    if (name !== 'xmlns' && !name.startsWith('xmlns:')) add(`@${name}`, value);
  let elements = 0;
  for (let child = node.firstChild; child; child = child.nextSibling) {
    if (child.nodeType !== 1) continue;
    elements += 1;
    add((child as unknown as { localName: string }).localName, valueOfNode(child));
  }
  const text = elements === 0 ? (node.textContent ?? '') : '';
  if (members.size === 0) return text;
  if (text.trim() !== '') add('text()', text);
  return Object.fromEntries(
    [...members].map(([name, values]) => [name, values.length === 1 ? (values[0] as Value) : values]),
  );
}

const attributesOf = (node: Node): ArrayLike<{ readonly name: string; readonly value: string }> =>
  (node as unknown as { attributes?: ArrayLike<{ name: string; value: string }> }).attributes ?? [];
