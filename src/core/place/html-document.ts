/** A page as a document for XPath (parse5: the parser of the standard, which reads what browsers read). */
import { DOMImplementation, type Document, type Node } from '@xmldom/xmldom';
import { type DefaultTreeAdapterMap, parse } from 'parse5';

type Part = DefaultTreeAdapterMap['node'];

/** Elements are in no namespace, so that `//form/input` finds them. */
export function parseHtml(text: string): Document {
  const document = new DOMImplementation().createDocument(null, '');
  for (const child of parse(text).childNodes) add(child, document, document);
  return document;
}

function add(part: Part, parent: Node, document: Document): void {
  if (part.nodeName === '#text') {
    const { value } = part as DefaultTreeAdapterMap['textNode'];
    if (parent !== document) parent.appendChild(document.createTextNode(value));
    return;
  }
  if (!('tagName' in part)) return;
  const element = document.createElement(part.tagName);
  for (const { name, value } of part.attrs) if (isName(name)) element.setAttribute(name, value);
  parent.appendChild(element);
  // What is in a template is as good as what stands outside.
  const inner = 'content' in part ? part.content.childNodes : part.childNodes;
  for (const child of inner) add(child, element, document);
}

/** A page may have attributes that XML does not know, such as `@click`. */
const isName = (name: string): boolean => /^[A-Za-z_][\w.-]*$/.test(name);
