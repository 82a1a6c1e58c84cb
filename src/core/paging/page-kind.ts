/** How the next page is asked for. */
import type { PagesFile } from '../collection/files/pages.js';
import type { Observed } from '../place/observed.js';
import type { Place } from '../place/place.js';
import type { Value } from '../value/written.js';

/** What is known when a page has come. */
export interface PageFacts {
  readonly received: Observed;
  /** Pages and items so far, this page included. */
  readonly pages: number;
  readonly items: number;
}

/** The next page: a value for an input, or an address; undefined where there is none. */
export type NextPage = { readonly input: string; readonly value: Value } | { readonly address: string } | undefined;

export interface PageKind {
  /** Its key in `pages`. */
  readonly name: 'next' | 'cursor' | 'number' | 'offset';
  /** Whether a response itself says that a page follows; else only what is in it does. */
  readonly told: boolean;
  /** The input that it gives to, where it does. */
  input(spec: PagesFile): string | undefined;
  /** The place that names the next page, where a response does. */
  from(spec: PagesFile): string | undefined;
  compile(spec: PagesFile, place: (text: string) => Place): (facts: PageFacts) => NextPage;
}
