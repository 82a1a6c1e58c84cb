/** `link.REL`: the address of a link of the response's Link header (RFC 8288), made absolute. */
import { nearest } from '../../problem/nearest.js';
import { linksIn } from '../link-header.js';
import type { Observed } from '../observed.js';
import type { PlaceKind } from '../place.js';

export const link: PlaceKind = {
  name: 'link.REL',
  about: 'the address of a link in the Link header, by its relation, made absolute',
  example: 'link.next',
  read(text) {
    const relation = /^link\.(\S+)$/.exec(text)?.[1]?.toLowerCase();
    if (relation === undefined) return undefined;
    return {
      text,
      strict: false,
      find(observed) {
        const found = linksIn(observed.headers).find(({ relations }) => relations.includes(relation));
        return (
          found &&
          (URL.canParse(found.target, observed.finalUrl) ? new URL(found.target, observed.finalUrl).href : found.target)
        );
      },
      near(observed) {
        const names = relationsOf(observed);
        const near = nearest(relation, names);
        return near === undefined
          ? `the response has ${names.map((one) => `link.${one}`).join(', ') || 'no Link header'}`
          : `link.${near}`;
      },
    };
  },
};

const relationsOf = ({ headers }: Observed): string[] => [
  ...new Set(linksIn(headers).flatMap(({ relations }) => relations)),
];
