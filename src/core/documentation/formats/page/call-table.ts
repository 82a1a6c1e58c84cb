/** Tables whose rows are calls: an overview of many, or the method and the address of one. */

import { addressAlone, type Call, callsNamed, callsOf, methodsAlone } from './call.js';
import type { Table } from './notation/blocks.js';

export interface ListedCall {
  readonly call: Call;
  /** What the last cell of the row says. */
  readonly summary: string;
  /** What the others say, where it is short. */
  readonly names: readonly string[];
}

/** Undefined where the table is none of calls. */
export function callsListed({ head, rows }: Table): readonly ListedCall[] | undefined {
  const all = [head, ...rows];
  const listed = all.flatMap(callsInRow);
  // A table of something else may have an example of a call in it.
  if (listed.length * 2 >= rows.length && listed.length > 0) return listed;
  return callInPairs(all);
}

function callsInRow(cells: readonly string[]): readonly ListedCall[] {
  const method = cells.findIndex((cell) => methodsAlone(cell));
  const address = cells.findIndex((cell) => addressAlone(cell) !== undefined);
  if (method >= 0 && address >= 0) {
    const others = cells.filter((_, index) => index !== method && index !== address);
    const calls = callsOf(methodsAlone(cells[method] ?? '')?.join() ?? '', addressAlone(cells[address] ?? '') ?? '');
    return calls.map((call) => ({ call, ...saidIn(others) }));
  }
  for (const [index, cell] of cells.entries()) {
    const named = callsNamed(cell, 'sentence');
    if (!named) continue;
    const others = cells.filter((_, other) => other !== index);
    return named.calls.map((call) => ({ call, ...saidIn([named.beside, ...others]) }));
  }
  return [];
}

function saidIn(cells: readonly string[]): Pick<ListedCall, 'summary' | 'names'> {
  const said = cells.map((cell) => cell.trim()).filter((cell) => /\p{L}/u.test(cell));
  return {
    summary: said.at(-1) ?? '',
    names: said
      .slice(0, -1)
      .concat(said.length === 1 ? said : [])
      .filter(isShort),
  };
}

const isShort = (text: string): boolean => text.length < 80;

/** `Method | POST`, `URL | /berths`: each fact in a row of its own. */
function callInPairs(rows: readonly (readonly string[])[]): readonly ListedCall[] | undefined {
  const besideOf = (name: RegExp): string | undefined =>
    rows
      .find(([first = '']) => name.test(first.trim()))
      ?.slice(1)
      .find((cell) => cell.trim() !== '');
  const methods = methodsAlone(besideOf(/^(?:http |request )?(?:method|verb|type)s?:?$/i) ?? '');
  const address = addressAlone(besideOf(/^(?:request |resource )?(?:url|uri|path|endpoint|route|address)s?:?$/i) ?? '');
  if (!methods || address === undefined) return undefined;
  return callsOf(methods.join(), address).map((call) => ({ call, summary: '', names: [] }));
}
