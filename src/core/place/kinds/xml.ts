/**
 * `/…`, `//…` and expressions such as `count(//Mark)`: XPath 1.0 by a well-known library. No node is missing, one is its text,
 * several are a list in document order.
 */
import type { Document, Node } from '@xmldom/xmldom';
import type { Evaluation } from '../../expression/evaluation.js';
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import { headerValue, type Observed } from '../observed.js';
import type { Namespaces, Place, PlaceKind } from '../place.js';
import { slotAt, slotValues } from '../slots.js';
import { valueOfNode } from '../xml-value.js';

/** Of the library what is used here; its own types leave it out. */
interface Library {
  parse(text: string): { evaluate(options: object): Result };
  readonly NodeTest: { hasPrefix(node: unknown): boolean };
}

/** A set of nodes, or one value. */
interface Result {
  /** In document order. */
  toArray?(): readonly Node[];
  readonly num?: number;
  readonly b?: boolean;
  toString(): string;
}

let library: Library | undefined;
let parse: typeof import('../xml-document.js').parseXml;
let parsePage: typeof import('../html-document.js').parseHtml;

async function load(): Promise<void> {
  library ??= ((await import('xpath')) as unknown as { default: Library }).default;
  // A name without prefix is of any namespace, written with a prefix in the document or not.
  library.NodeTest.hasPrefix = () => false;
  parse = (await import('../xml-document.js')).parseXml;
  parsePage = (await import('../html-document.js')).parseHtml;
}

const documents = new WeakMap<Observed, Document>();

/** Each response is parsed once. @throws Problem response-not-xml */
function documentOf(observed: Observed): Document {
  const known = documents.get(observed);
  if (known) return known;
  const type = headerValue(observed.headers, 'content-type');
  const made = /^\s*text\/html\b/i.test(type ?? '') ? parsePage(observed.text) : parse(observed.text, type);
  documents.set(observed, made);
  return made;
}

export const xml: PlaceKind = {
  name: '/…, //… or count(…)',
  about:
    'XPath 1.0, in XML and in HTML: no node is missing, one is its text, several are a list in document order, which count, all, any and a keep with list: true see of one node too; a name without prefix is of any namespace',
  example: '//Envelope/Body',
  read(text, loads, namespaces) {
    if (!/^[/(]/.test(text) && !functions.test(text)) return undefined;
    const { query, slots } = withVariables(text);
    const values = slots.length > 0 ? slotValues(text, slots, loads) : undefined;
    const place = new XmlPlace(text, query, namespaces, values);
    loads.push(load().then(() => place.compile()));
    return place;
  },
};

/** What begins with a function of XPath 1.0 (section 4) that takes nodes or texts. */
const functions =
  /^(?:count|id|local-name|namespace-uri|name|string|concat|starts-with|contains|substring(?:-before|-after)?|string-length|normalize-space|translate|boolean|not|number|sum|floor|ceiling|round)\s*\(/;

/** Each `${…}` becomes a variable (section 3.1): its value cannot be read as a part of the query. */
function withVariables(text: string): { readonly query: string; readonly slots: readonly string[] } {
  const slots: string[] = [];
  let query = '';
  for (let at = 0; at < text.length; ) {
    const slot = slotAt(text, at);
    query += slot ? `$slot${slots.push(slot.expression) - 1}` : (text[at] as string);
    at = slot?.end ?? at + 1;
  }
  return { query, slots };
}

class XmlPlace implements Place {
  readonly strict = false;
  readonly bound?: (evaluation: Evaluation) => Place;
  private expression: ReturnType<Library['parse']> | undefined;

  constructor(
    readonly text: string,
    private readonly query: string,
    private readonly namespaces: Namespaces | undefined,
    private readonly values?: ((evaluation: Evaluation) => readonly Value[]) | undefined,
    private readonly given: readonly Value[] = [],
  ) {
    const { values: worked } = this;
    if (worked)
      this.bound = (evaluation) => {
        const place = new XmlPlace(text, query, namespaces, undefined, worked(evaluation));
        place.expression = this.expression;
        return place;
      };
  }

  /** @throws Problem place-syntax */
  compile(): void {
    try {
      this.expression = (library as Library).parse(this.query);
    } catch (error) {
      throw new Problem('place-syntax', {
        what: `${this.text} is not an XPath`,
        cause: (error as Error).message.split('\n')[0],
        remedy: 'such as //Envelope/Body, //order[@id="7"]/total, or /rss/channel/item/title',
        data: { place: this.text },
      });
    }
  }

  find(observed: Observed): Value | undefined {
    const result = this.evaluate(documentOf(observed));
    const texts = textsOf(result);
    if (!texts) return result.num ?? result.b ?? result.toString();
    return texts.length === 0 ? undefined : texts.length === 1 ? texts[0] : texts;
  }

  nodes(observed: Observed): readonly Value[] | undefined {
    return textsOf(this.evaluate(documentOf(observed)));
  }

  data(observed: Observed): readonly Value[] | undefined {
    return this.evaluate(documentOf(observed)).toArray?.().map(valueOfNode);
  }

  /** @throws Problem place-syntax: a prefix that nobody declares */
  private evaluate(document: Document): Result {
    const namespaces = { ...prefixesOf(document), ...this.namespaces };
    try {
      return (this.expression as ReturnType<Library['parse']>).evaluate({
        node: document,
        allowAnyNamespaceForNoPrefix: true,
        namespaces,
        variables: Object.fromEntries(this.given.map((value, index) => [`slot${index}`, textOf(value)])),
      });
    } catch (error) {
      throw new Problem('place-syntax', {
        what: `${this.text} cannot be looked up in this response`,
        cause: (error as Error).message.split('\n')[0],
        remedy: `prefixes known here: ${Object.keys(namespaces).join(', ') || 'none'}; namespaces: {PREFIX: URI} in the request names more`,
        data: { place: this.text },
      });
    }
  }

  near(observed: Observed): string | undefined {
    let document: Document;
    try {
      document = documentOf(observed);
    } catch {
      return undefined;
    }
    const names = new Set<string>();
    const visit = (node: Node): void => {
      for (let child = node.firstChild; child; child = child.nextSibling) {
        if (child.nodeType !== 1) continue;
        if (names.size < 40) names.add((child as unknown as { localName: string }).localName);
        visit(child);
      }
    };
    visit(document);
    return names.size === 0 ? undefined : `its elements are ${[...names].slice(0, 12).join(', ')}`;
  }
}

const textsOf = (result: Result): readonly string[] | undefined => result.toArray?.().map(textOfNode);

const textOfNode = (node: Node): string => node.textContent ?? node.nodeValue ?? '';

/** The prefixes that the document itself declares, wherever it does. */
function prefixesOf(document: Document): Record<string, string> {
  const found: Record<string, string> = {};
  const visit = (node: Node): void => {
    const attributes = (node as unknown as { attributes?: ArrayLike<{ name: string; value: string }> }).attributes;
    for (const { name, value } of Array.from(attributes ?? []))
      if (name.startsWith('xmlns:') && !Object.hasOwn(found, name.slice(6))) found[name.slice(6)] = value;
    for (let child = node.firstChild; child; child = child.nextSibling) if (child.nodeType === 1) visit(child);
  };
  visit(document);
  return found;
}
