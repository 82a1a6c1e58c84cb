/** XML documents as elements. Entities are never expanded, and a document that declares any is refused. */
import { DOMParser, type Element, onErrorStopParsing } from '@xmldom/xmldom';
import { Problem } from '../../../problem/problem.js';
import type { Part } from '../../reading/documents.js';

export type { Element };

const parsed = new WeakMap<Part, Element>();

/** @throws Problem document-unreadable */
export function rootOf(part: Part): Element {
  const known = parsed.get(part);
  if (known) return known;
  const { text, file } = part;
  if (/<!ENTITY/i.test(text)) {
    throw new Problem('document-unreadable', {
      what: `${file} declares entities`,
      where: { file, line: text.slice(0, text.search(/<!ENTITY/i)).split('\n').length },
      cause: 'entities can multiply a document, or fetch something unasked; none is read',
      remedy: 'write their texts in their places',
    });
  }
  let root: Element | null;
  try {
    root = new DOMParser({ onError: onErrorStopParsing, locator: true }).parseFromString(
      text,
      'text/xml',
    ).documentElement;
  } catch (error) {
    if (error instanceof RangeError) throw error;
    const { message, locator } = error as Error & { locator?: { lineNumber?: number; columnNumber?: number } };
    throw new Problem('document-unreadable', {
      what: `${file} is not well-formed XML`,
      where: {
        file,
        ...(locator?.lineNumber !== undefined && { line: locator.lineNumber }),
        ...(locator?.columnNumber !== undefined && { column: locator.columnNumber }),
      },
      cause: message.replace(/\s+@#\[line[\s\S]*$/, '').split('\n')[0],
    });
  }
  if (!root) throw new Problem('document-unreadable', { what: `${file} has no element`, where: { file } });
  parsed.set(part, root);
  return root;
}

/** The elements directly below. */
export function children(element: Element, namespace: string, name?: string): Element[] {
  const found: Element[] = [];
  for (let node = element.firstChild; node; node = node.nextSibling) {
    const one = node as Element;
    if (node.nodeType === 1 && one.namespaceURI === namespace && (name === undefined || one.localName === name))
      found.push(one);
  }
  return found;
}

export const child = (element: Element, namespace: string, name: string): Element | undefined =>
  children(element, namespace, name)[0];

export const attribute = (element: Element, name: string): string | undefined =>
  element.getAttribute(name) ?? undefined;

/** `{namespace}local` of a name with a prefix, as it is in an attribute. */
export function expanded(element: Element, name: string): string {
  const [first = '', second] = name.trim().split(':');
  const prefix = second === undefined ? null : first;
  return clark(element.lookupNamespaceURI(prefix) ?? '', second ?? first);
}

export const clark = (namespace: string, local: string): string => `{${namespace}}${local}`;

export const localOf = (name: string): string => name.slice(name.indexOf('}') + 1);

/** Its text, white space folded. */
export const textIn = (element: Element | undefined): string | undefined => {
  const text = element?.textContent?.replace(/\s+/g, ' ').trim();
  return text === '' ? undefined : text;
};
