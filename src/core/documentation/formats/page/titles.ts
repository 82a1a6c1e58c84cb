/** What a call is called by the headings that it stands below. */

import { namesCall } from './call.js';
import type { Block, Heading } from './notation/blocks.js';

/** Letters and digits in small letters, single blanks between. */
export const wordsOf = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** Words of which headings consist that say which part of a description this is, and not of what. */
const partWords = new Set(
  `a additional an and api argument arguments attribute attributes authentication authorization body call code codes
  common consumes content cookie cookies data default definition description detail details endpoint endpoints error
  errors example examples failure field fields for form format function header headers http in input json key keys line
  list media method methods note notes object of operation operations optional or output overview param parameter
  parameters params path payload permission permissions possible produces properties property query reference remarks
  reply request requests required resource response responses result results return returns returned route routes sample
  samples schema scopes signature status statuses structure success syntax the this type types uri uris url urls usage
  value values with xml`.split(/\s+/),
);

/** `Query parameters`, `Example response`, `404 – not found`. */
export const isPart = (text: string): boolean =>
  /^(?:[1-5]\d\d|[1-5]xx)\b/i.test(text) ||
  wordsOf(text)
    .split(' ')
    .every((word) => partWords.has(word));

export class Titles {
  private readonly counts = new Map<string, number>();

  constructor(blocks: readonly Block[]) {
    for (const block of blocks) {
      if (block.is !== 'heading') continue;
      const words = wordsOf(block.text);
      this.counts.set(words, (this.counts.get(words) ?? 0) + 1);
    }
  }

  /** The innermost heading that says something; one that the page repeats says less than what it stands below. */
  of(trail: readonly Heading[]): string {
    const inner = trail.toReversed().filter(({ text }) => !isPart(text) && !namesCall(text));
    return (inner.find(({ text }) => this.counts.get(wordsOf(text)) === 1) ?? inner[0])?.text ?? '';
  }
}
