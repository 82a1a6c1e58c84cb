/** Page one is not everything: what a response says of more, and how its request would read on. */
import type { FurtherPagesRecord } from '../../../core/trail/record/record-event.js';
import type { Colours } from '../../terminal/terminal.js';
import { printableLine } from '../printable.js';

export function furtherPagesLine({ items, count, total, block }: FurtherPagesRecord, colours: Colours): string {
  const counted =
    total !== null
      ? `${count} of ${total} items at ${items}`
      : count === 1
        ? `1 item at ${items} is not all`
        : `${count} items at ${items} are not all`;
  const remedy =
    block === null ? 'pages: in the request says how the others are asked for' : `${block} in the request reads on`;
  return `${colours.yellow('pages')}   ${printableLine(`${counted}: ${remedy}`)}`;
}
