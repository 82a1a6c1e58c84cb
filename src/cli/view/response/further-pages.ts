/** Page one is not everything: what an answer says of more, and how its request would read on. */
import { type FurtherPages, pagesBlock } from '../../../core/paging/further-pages.js';
import type { Documents } from '../../documents/documents.js';
import type { Colours } from '../../terminal/terminal.js';
import { printableLine } from '../printable.js';

export function furtherPagesLine(further: FurtherPages, colours: Colours, hide: (text: string) => string): string {
  const { items, count, total } = further;
  const counted = total
    ? `${count} of ${total.number} items at ${items}`
    : count === 1
      ? `1 item at ${items} is not all`
      : `${count} items at ${items} are not all`;
  const block = pagesBlock(further);
  const remedy =
    block === undefined
      ? 'pages: in the request says how the others are asked for'
      : `${block} in the request reads on`;
  return `${colours.yellow('pages')}   ${hide(printableLine(`${counted}: ${remedy}`))}`;
}

export const furtherPagesDocument = (
  further: FurtherPages,
  hide: (text: string) => string,
): NonNullable<Documents['send']['furtherPages']> => {
  const block = pagesBlock(further);
  return {
    items: hide(further.items),
    count: further.count,
    total: further.total?.number ?? null,
    block: block === undefined ? null : hide(block),
  };
};
