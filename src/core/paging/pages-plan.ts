/** `pages:` made ready. */
import type { PagesFile } from '../collection/files/pages.js';
import type { YamlFile } from '../collection/yaml.js';
import { compileExpectations, type Expectation } from '../expectation/expectations.js';
import type { Loads } from '../expression/compile.js';
import type { Namespaces, Place } from '../place/place.js';
import { readPlace } from '../place/registry.js';
import { nearest, nearestHint } from '../problem/nearest.js';
import { asProblem, Problem } from '../problem/problem.js';
import type { NextPage, PageFacts } from './page-kind.js';
import { pageKinds } from './registry.js';

export interface PagesPlan {
  readonly items: Place;
  readonly total: Place | undefined;
  readonly following: readonly Expectation[];
  readonly size: number | undefined;
  /** Pages. */
  readonly most: number;
  /** Without a word of the response a page without items is the last. */
  readonly told: boolean;
  /** The place in the body that names the next page, where it does. */
  readonly from: Place | undefined;
  readonly next: (facts: PageFacts) => NextPage;
}

export interface PagingContext {
  readonly yaml: YamlFile;
  readonly inputs: readonly string[];
  readonly readText: (path: string) => string;
  readonly loads: Loads;
  readonly namespaces: Namespaces | undefined;
}

/** @throws Problem file-shape: none or several ways; an input that the request does not have; place-syntax */
export function planPages(spec: PagesFile, { yaml, inputs, readText, loads, namespaces }: PagingContext): PagesPlan {
  const place =
    (key: string) =>
    (text: string): Place => {
      try {
        return readPlace(text, loads, namespaces);
      } catch (error) {
        throw asProblem(error).at(yaml.position(['pages', key]));
      }
    };
  const ways = pageKinds.filter(({ name }) => spec[name] !== undefined);
  const [kind] = ways;
  if (!kind || ways.length > 1) {
    throw new Problem('file-shape', {
      what: `pages needs one way to ask for the next page, and has ${ways.length === 0 ? 'none' : ways.map(({ name }) => name).join(' and ')}`,
      where: yaml.position(['pages'], 'key'),
      remedy: `one of ${pageKinds.map(({ name }) => name).join(', ')}`,
    });
  }
  const input = kind.input(spec);
  if (input !== undefined && !inputs.includes(input)) {
    throw new Problem('file-shape', {
      what: `pages gives the next page to the input ${input}, which the request does not have`,
      where: yaml.position(['pages', kind.name, 'input']),
      remedy:
        nearest(input, inputs) === undefined
          ? `declare it: inputs: {${input}: {default: …}}, and use \${${input}} in the request`
          : nearestHint(input, inputs),
    });
  }
  const from = kind.from(spec);
  return {
    items: place('items')(spec.items),
    total: spec.total === undefined ? undefined : place('total')(spec.total),
    following: compileExpectations(spec.while, yaml, ['pages', 'while'], readText, loads, namespaces),
    size: spec.size,
    most: spec.most ?? 1000,
    told: kind.told,
    // A header line that is not there says that nothing follows.
    from: from !== undefined && /^[$/]/.test(from) ? place(kind.name)(from) : undefined,
    next: kind.compile(spec, place(kind.name)),
  };
}
