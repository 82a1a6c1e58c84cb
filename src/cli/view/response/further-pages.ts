/** Page one is not everything: what a response says of more, and how its request would read on. */
import type { FurtherPagesRecord } from '../../../core/trail/record/record-event.js';
import type { Colours } from '../../terminal/terminal.js';
import { printableLine } from '../printable.js';

export function furtherPagesLine({ items, count, total, block }: FurtherPagesRecord, colours: Colours): string {
  const counted =
    total !== null
      ? `showing ${count} of ${total} items at ${items}`
      : count === 1
        ? `showing 1 item at ${items}, which is not all`
        : `showing ${count} items at ${items}, which are not all`;
  const remedy =
    block === null ? 'add pages: to the request to read the rest' : `add ${block} to the request to read the rest`;
  return `${colours.yellow('pages')}   ${printableLine(`${counted}; ${remedy}`)}`;
}
